// SPDX-License-Identifier: GPL-3.0-or-later
#include "ask/ask_guide.h"

#include <algorithm>
#include <cmath>

#include <QPainterPath>

#include "look/chalk.h"
#include "look/html.h"
#include "words/season_words.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

// Where each reason stands on the drawing. One that the table has and the drawing has not goes to the bench
// at the foot.
struct Scene {
    const char* id;
    QRectF at;
};
const std::array<Scene, 22> scene = {{
    {"wear-both-edges", {22, 81, 250, 121}}, {"wear-one-edge", {22, 218, 250, 121}},
    {"wear-cups", {22, 355, 250, 121}},      {"no-self-centering", {22, 506, 210, 88}},
    {"heavy", {232, 506, 190, 88}},          {"wheel-crooked", {384, 32, 300, 147}},
    {"shimmy", {704, 24, 240, 80}},          {"pulls", {704, 110, 240, 121}},
    {"wanders", {704, 286, 240, 96}},        {"nervous", {704, 396, 240, 96}},
    {"hit-kerb", {430, 506, 240, 88}},       {"pulls-braking", {690, 506, 254, 88}},
    {"steering-parts", {22, 640, 228, 86}},  {"suspension-parts", {252, 640, 228, 86}},
    {"subframe", {482, 640, 228, 86}},       {"height-changed", {712, 640, 232, 86}},
    {"steering-box", {22, 728, 228, 86}},    {"wheels-tires", {252, 728, 228, 86}},
    {"beam-lift", {482, 728, 228, 86}},      {"set-up-change", {712, 728, 232, 86}},
    {"take-apart", {22, 816, 228, 86}},      {"checking", {252, 816, 228, 86}},
}};

QRectF placeOf(std::string_view id) {
    for (const Scene& s : scene)
        if (s.id == id) return s.at;
    return {482, 816, 462, 86};
}

void drawTread(QPainter& p, const QRectF& at, const QString& wear) {
    const Chalk& c = Chalk::now();
    p.setBrush(c.well);
    p.setPen(c.stroke(c.chalk, 2));
    p.drawRoundedRect(at, 8, 8);
    p.setPen(c.stroke(c.soft, 1.4));
    for (double y = at.top() + 8; y < at.bottom() - 6; y += 9)
        for (double x = at.left() + 8; x < at.right() - 10; x += 13) {
            const bool edge = x < at.left() + 18 || x > at.right() - 24;
            const bool cup = std::fmod(y - at.top(), 36) < 18 && x > at.center().x();
            const bool worn = wear == "wear-both-edges" ? edge
                              : wear == "wear-one-edge" ? x < at.left() + 24
                                                        : cup;
            if (!worn) p.drawLine(QPointF(x, y), QPointF(x + 8, y + 4));
        }
}

void drawTool(QPainter& p, QPointF at, const QString& id) {
    const Chalk& c = Chalk::now();
    p.setBrush(Qt::NoBrush);
    p.setPen(c.stroke(c.chalk, 2));
    if (id == "steering-parts") {
        p.drawLine(at + QPointF(-20, 8), at + QPointF(12, 8));
        p.drawEllipse(at + QPointF(17, 5), 6, 6);
        for (double x = -14; x < 8; x += 5) p.drawLine(at + QPointF(x, 4), at + QPointF(x + 3, 12));
    } else if (id == "suspension-parts") {
        p.drawPolyline(QPolygonF({at + QPointF(-18, -12), at + QPointF(16, 0), at + QPointF(-18, 12)}));
        p.drawEllipse(at + QPointF(19, 0), 4, 4);
        p.drawEllipse(at + QPointF(-18, -12), 3, 3);
        p.drawEllipse(at + QPointF(-18, 12), 3, 3);
    } else if (id == "subframe") {
        p.drawRect(QRectF(at.x() - 18, at.y() - 12, 36, 24));
        for (QPointF e : {QPointF(-18, -12), QPointF(18, -12), QPointF(-18, 12), QPointF(18, 12)})
            p.drawEllipse(at + e, 4, 4);
    } else if (id == "height-changed") {
        QPolygonF spring;
        for (int i = 0; i <= 8; ++i) spring << at + QPointF(i % 2 ? 12 : -12, -18 + i * 4.5);
        p.drawPolyline(spring);
        p.drawLine(at + QPointF(-14, -20), at + QPointF(14, -20));
        p.drawLine(at + QPointF(-14, 20), at + QPointF(14, 20));
    } else if (id == "wheels-tires") {
        p.drawEllipse(at, 20, 20);
        p.drawEllipse(at, 11, 11);
        p.drawEllipse(at, 3, 3);
    } else if (id == "steering-box") {
        p.drawRoundedRect(QRectF(at.x() - 18, at.y() - 16, 24, 20), 4, 4);
        p.drawLine(at + QPointF(-6, 4), at + QPointF(16, 18));
        p.drawEllipse(at + QPointF(19, 19), 4, 4);
    } else if (id == "beam-lift") {
        p.drawLine(at + QPointF(-20, 12), at + QPointF(20, 12));
        p.drawLine(at + QPointF(-20, 4), at + QPointF(-20, 20));
        p.drawLine(at + QPointF(20, 4), at + QPointF(20, 20));
        p.drawLine(at + QPointF(0, 8), at + QPointF(0, -18));
        p.drawPolyline(QPolygonF({at + QPointF(-6, -10), at + QPointF(0, -18), at + QPointF(6, -10)}));
    } else if (id == "checking") {
        p.drawEllipse(at + QPointF(-4, -4), 12, 12);
        p.drawLine(at + QPointF(5, 5), at + QPointF(18, 18));
    } else if (id == "set-up-change") {
        p.drawLine(at + QPointF(-14, -18), at + QPointF(-14, 18));
        p.drawPolygon(QPolygonF({at + QPointF(-14, -18), at + QPointF(16, -11), at + QPointF(-14, -3)}));
    } else if (id == "take-apart") {
        p.drawLine(at + QPointF(-14, 14), at + QPointF(8, -8));
        p.drawArc(QRectF(at.x() + 3, at.y() - 21, 18, 18), 200 * 16, 290 * 16);
        p.drawEllipse(at + QPointF(-15, 15), 5, 5);
    }
}

QString stageNames(const std::array<bool, 8>& wanted, bool yes) {
    QStringList out;
    for (Stage s : all_stages)
        if (s != Stage::ask && wanted[static_cast<std::size_t>(index_of(s))] == yes)
            out << q(words::stage(s));
    return out.join(QStringLiteral(", "));
}

}  // namespace

void AskGuide::enter() {
    if (chosen_.isEmpty()) chosen_ = QStringLiteral("pulls");
}

ReasonsGiven AskGuide::asked() const {
    const ReasonsGiven* a = last_of<ReasonsGiven>(desk_.job());
    return a ? *a : ReasonsGiven{};
}

bool AskGuide::said(const std::string& reason) const {
    const ReasonsGiven a = asked();
    return std::find(a.reasons.begin(), a.reasons.end(), reason) != a.reasons.end();
}

std::vector<Place> AskGuide::places() const {
    std::vector<Place> out;
    for (const ReasonItem& r : desk_.knowledge().reasons)
        out.push_back({q(r.id), placeOf(r.id), q(r.text), said(r.id) ? tr("yes") : tr("not said")});
    return out;
}

void AskGuide::toggle(const QString& reason) {
    ReasonsGiven a = asked();
    const std::string id = reason.toStdString();
    if (std::erase(a.reasons, id) == 0) a.reasons.push_back(id);
    desk_.record(a);
}

void AskGuide::point(const QString& place) {
    choose(place);
    toggle(place);
}

QString AskGuide::title() const {
    return tr("What is wrong with it?");
}
QString AskGuide::subtitle() const {
    return tr("and what was changed on it");
}

QString AskGuide::keep(const QString& text) {
    if (text.trimmed().isEmpty()) {
        if (!chosen_.isEmpty()) toggle(chosen_);
        return {};
    }
    ReasonsGiven a = asked();
    a.note = text.trimmed().toStdString();
    desk_.record(a);
    return {};
}

Stage AskGuide::next() const {
    const auto wanted = stages_wanted(desk_.job(), desk_.knowledge());
    for (Stage s : all_stages)
        if (s != Stage::ask && wanted[static_cast<std::size_t>(index_of(s))]) return s;
    return Stage::check_over;
}

std::vector<Act> AskGuide::acts() const {
    std::vector<Act> out{{"go", tr("Go on: %1").arg(q(words::stage(next()))), true, false}};
    if (path_of(desk_.job(), desk_.knowledge()) == Path::baseline)
        out = {{"baseline", tr("Write down how it is"), true, false},
               {"go", tr("Go on: %1").arg(q(words::stage(next()))), false, false}};
    return out;
}

void AskGuide::act(const QString& id) {
    if (id == "baseline")
        emit pageWanted({PageId::baseline});
    else
        emit stageWanted(next());
}

QString AskGuide::body() const {
    QString out;
    const ReasonsGiven a = asked();
    if (const ReasonItem* r = desk_.knowledge().reason(chosen_.toStdString())) {
        out += line(QStringLiteral("⟨b⟩%1⟨/b⟩").arg(q(r->text)));
        out += line(q(r->reason));
        out += head(tr("What it is expected to move")) + line(q(r->expect));
    }
    out += head(tr("Said so far"));
    if (a.reasons.empty()) out += line(soft(tr("nothing: point at it on the floor, or Enter")));
    for (const std::string& id : a.reasons)
        if (const ReasonItem* r = desk_.knowledge().reason(id)) out += line(q(r->text));
    if (!a.note.empty()) out += line(soft(q(a.note)));
    if (a.reasons.empty()) return out;
    const auto wanted = stages_wanted(desk_.job(), desk_.knowledge());
    out += head(tr("So this is"));
    switch (path_of(desk_.job(), desk_.knowledge())) {
        case Path::wheel_only:
            out +=
                line(tr("⟨b⟩The wheel only.⟨/b⟩ The car drives well but for the steering wheel: equal and "
                        "opposite turns of the two tie rods put it straight, and the toe stays as it is."));
            break;
        case Path::baseline:
            out +=
                line(tr("⟨b⟩Write it down first.⟨/b⟩ What is written down before the first nut can be put "
                        "back."));
            break;
        case Path::full:
            out += line(tr("⟨b⟩The whole job⟨/b⟩, as far as it is marked on the line."));
            break;
    }
    out += line(tr("Stages that matter: %1.").arg(stageNames(wanted, true)));
    if (const QString rest = stageNames(wanted, false); !rest.isEmpty())
        out += line(soft(tr("Not needed for this: %1. Any can be done all the same.").arg(rest)));
    return out;
}

QString AskGuide::say() const {
    if (asked().reasons.empty())
        return tr("Point at what is wrong and at what was changed: it decides which stages matter.");
    return path_of(desk_.job(), desk_.knowledge()) == Path::wheel_only
               ? tr("Only the steering wheel is crooked: say how it sits (Ctrl+8), then turn both rods.")
               : tr("Go on to %1 when all is said; it can be changed at any time.")
                     .arg(q(words::stage(next())));
}

void AskGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    drawText(p, {22, 24, 330, 39}, Qt::AlignLeft, tr("As it drives"), 19, c.chalk, true);
    drawText(p, {22, 600, 500, 39}, Qt::AlignLeft, tr("Changed on it, or about to be"), 19, c.chalk, true);
    // The road, and the car on it.
    p.setPen(c.stroke(c.faint, 1.6, Qt::DashLine));
    p.drawLine(QPointF(300, 210), QPointF(944, 210));
    p.drawLine(QPointF(300, 507), QPointF(944, 507));
    const QRectF car(330, 268, 320, 176);
    drawCar(p, car);
    // Where it goes.
    const QPointF nose(664, 356);
    const auto arrow = [&](const QPainterPath& path, bool on) {
        p.setBrush(Qt::NoBrush);
        p.setPen(c.stroke(on ? c.string : c.soft, on ? 3.4 : 2.2));
        p.drawPath(path);
        const QPointF tip = path.currentPosition();
        const double a = -path.angleAtPercent(0.98) * M_PI / 180;
        for (double d : {2.6, -2.6}) p.drawLine(tip, tip + 13 * QPointF(std::cos(a + d), std::sin(a + d)));
    };
    QPainterPath pulls(nose), wanders(nose), darts(nose);
    pulls.cubicTo(690, 352, 716, 316, 722, 236);
    for (int i = 0; i < 3; ++i) {
        const double x = nose.x() + i * 14;
        wanders.cubicTo(x + 5, 328, x + 9, 328, x + 14, 356);
    }
    darts.lineTo(682, 398);
    darts.lineTo(692, 392);
    darts.lineTo(704, 440);
    darts.lineTo(714, 432);
    darts.lineTo(720, 470);
    arrow(pulls, said("pulls"));
    arrow(wanders, said("wanders"));
    arrow(darts, said("nervous"));
    // The steering wheel as it sits, and the tires with their wear.
    drawSteeringWheel(p, {442, 105}, 54, Angle::from_deg(said("wheel-crooked") ? -14 : 0),
                      said("wheel-crooked") ? c.string : c.chalk);
    p.setPen(c.stroke(c.faint, 1.4, Qt::DotLine));
    p.drawLine(QPointF(442, 171), QPointF(500, 344));
    for (const char* wear : {"wear-both-edges", "wear-one-edge", "wear-cups"}) {
        const QRectF at = placeOf(wear);
        drawTread(p, {at.left() + 10, at.top() + 8, 62, at.height() - 16}, QString::fromLatin1(wear));
    }
    // A kerb under the right front wheel.
    const QPointF wheel = wheelOf(car, Wheel::front_right);
    p.setPen(c.stroke(c.soft, 2));
    p.setBrush(hatch(c.soft));
    p.drawRect(QRectF(wheel.x() + 18, wheel.y() + 18, 64, 16));
    for (const ReasonItem& r : desk_.knowledge().reasons) {
        const QRectF at = placeOf(r.id);
        const bool on = said(r.id);
        const QString id = q(r.id);
        const bool bench = at.top() > 600;
        if (bench) drawTool(p, at.topLeft() + QPointF(36, at.height() / 2), id);
        const double left = id.startsWith(QLatin1String("wear")) ? 84
                            : id == "wheel-crooked"              ? 116
                            : bench                              ? 66
                                                                 : 46;
        drawState(p, {at.left() + left + 8, at.center().y()}, on ? CheckState::good : CheckState::open,
                  id == chosen_);
        drawText(p, {at.left() + left + 26, at.top() + 6, at.width() - left - 32, at.height() - 12},
                 Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap, q(r.text), bench ? 14 : 15,
                 on ? c.string : c.chalk, on);
    }
}

// Before it is taken apart.

std::optional<BaselineItem> BaselineGuide::item() const {
    for (const BaselineItem& i : baseline_of(desk_.job()))
        if (q(i.id) == chosen_) return i;
    return std::nullopt;
}

QString BaselineGuide::name(const BaselineItem& i) const {
    using Kind = BaselineItem::Kind;
    switch (i.kind) {
        case Kind::rod_length:
            return tr("%1, length of its rod").arg(q(words::wheel(*i.wheel)));
        case Kind::thread_exposed:
            return tr("%1, thread that shows").arg(q(words::wheel(*i.wheel)));
        case Kind::ride_height:
            return tr("%1, ride height").arg(q(words::wheel(*i.wheel)));
        case Kind::adjuster:
            return tr("%1: its marks, or its shims by bolt").arg(q(i.adjuster));
        case Kind::wheel_on_shaft:
            return tr("steering wheel on its shaft");
        case Kind::joint:
            if (const auto j = joint_named(i.adjuster))
                return tr("%1, %2: its marks").arg(q(words::wheel(*i.wheel)), q(words::joint(*j)));
            return q(i.id);
    }
    return {};
}

void BaselineGuide::enter() {
    const auto items = baseline_of(desk_.job());
    // Once all was found, the next visit is for putting back.
    back_ = !items.empty() && std::all_of(items.begin(), items.end(), [](const auto& i) { return i.found; });
    chosen_.clear();
    for (const BaselineItem& i : items)
        if (!(back_ ? i.back : i.found) && chosen_.isEmpty()) chosen_ = q(i.id);
    if (chosen_.isEmpty() && !items.empty()) chosen_ = q(items.front().id);
}

std::vector<Place> BaselineGuide::places() const {
    std::vector<Place> out;
    const auto items = baseline_of(desk_.job());
    // Beside their wheels; the rest down the middle.
    std::array<int, 4> at_wheel{};
    int middle = 0;
    for (const BaselineItem& i : items) {
        QRectF at(345, 400 + 66 * middle, 280, 60);
        if (i.wheel && i.kind != BaselineItem::Kind::joint) {
            const bool front = axle_of(*i.wheel) == Axle::front, left = side_of(*i.wheel) == Side::left;
            int& n = at_wheel[static_cast<std::size_t>(index_of(*i.wheel))];
            at = QRectF(front ? 640 : 40, (left ? 90 : 650) + 66 * n, 290, 60);
            ++n;
        } else {
            ++middle;
        }
        const auto& v = back_ ? i.back : i.found;
        out.push_back(
            {q(i.id), at, name(i), v ? (v->value ? q(v->value->text) : q(v->text)) : tr("to write down")});
    }
    return out;
}

QString BaselineGuide::title() const {
    return back_ ? tr("Putting it back") : tr("Before it is taken apart");
}
QString BaselineGuide::subtitle() const {
    const auto i = item();
    return i ? name(*i) : QString();
}
bool BaselineGuide::typesWords() const {
    const auto i = item();
    return i && !i->is_length();
}
QString BaselineGuide::prompt() const {
    const auto i = item();
    if (i && i->kind == BaselineItem::Kind::wheel_on_shaft) return tr("which spline, which mark");
    return typesWords() ? tr("in words") : QString();
}
std::optional<Bounded> BaselineGuide::bounded() const {
    const auto i = item();
    if (!i) return std::nullopt;
    using Kind = BaselineItem::Kind;
    return i->kind == Kind::rod_length       ? std::optional(Bounded::rod_length)
           : i->kind == Kind::ride_height    ? std::optional(Bounded::ride_height)
           : i->kind == Kind::thread_exposed ? std::optional(Bounded::thread_exposed)
                                             : std::nullopt;
}

QString BaselineGuide::keep(const QString& text) {
    const auto i = item();
    if (!i) return {};
    BaselineNote note;
    note.item = i->id;
    note.back = back_;
    if (i->is_length()) {
        const auto quantity = read_quantity(text.toStdString(), expected());
        if (!quantity) return q(words::sentence(quantity.error()));
        note.value = *quantity;
    } else if (text.trimmed().isEmpty()) {
        return tr("Write it as you would for somebody else: “two thick, one thin”, “mark at four o'clock”.");
    } else {
        note.text = text.trimmed().toStdString();
    }
    desk_.record(note);
    const auto items = baseline_of(desk_.job());
    moveOn([&](const QString& id) {
        return std::any_of(items.begin(), items.end(), [&](const BaselineItem& o) {
            return q(o.id) == id && !(back_ ? o.back : o.found);
        });
    });
    return {};
}

std::vector<Act> BaselineGuide::acts() const {
    return {{"found", tr("As found"), false, !back_}, {"back", tr("As put back"), false, back_}};
}

void BaselineGuide::act(const QString& id) {
    back_ = id == "back";
    emit changed();
}

QString BaselineGuide::body() const {
    QString out, rows;
    for (const BaselineItem& i : baseline_of(desk_.job())) {
        const auto shown = [](const std::optional<BaselineNote>& n) {
            return n ? (n->value ? q(n->value->text) : q(n->text)) : QStringLiteral("–");
        };
        QString by;
        if (i.difference)
            by = std::abs(i.difference->mm()) < 0.05 ? tr("back where it was")
                 : i.turns                           ? tr("%1 %2: %3 %4")
                                 .arg(q(fairchalk::show(abs(*i.difference), how_)),
                                      i.difference->mm() > 0 ? tr("more") : tr("less"),
                                      q(show_turns(std::abs(*i.turns))),
                                      *i.turns > 0 ? tr("shorter puts it back") : tr("longer puts it back"))
                           : tr("%1 %2").arg(q(fairchalk::show(abs(*i.difference), how_)),
                                             i.difference->mm() > 0 ? tr("more") : tr("less"));
        rows +=
            row(cell(name(i)) + rightCell(strong(shown(i.found))) + cell(QLatin1Char(' ') + shown(i.back)));
        if (!by.isEmpty()) rows += row(wideCell(soft(by), 3));
    }
    out += head(tr("Found, and put back"));
    out += table(rows, 2);
    out +=
        line(soft(tr("Put back to half a millimeter of rod, toe comes back to about a quarter of a degree: "
                     "enough to drive to where it is measured, not more.")));
    return out;
}

QString BaselineGuide::say() const {
    return back_ ? tr("Measure the same again, the same way: the program says what is left to turn.")
                 : tr("Write everything down before the first nut; a photograph on the car's card (Ctrl+I) "
                      "helps too.");
}

void BaselineGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    const QRectF car(250, 312, 460, 290);
    drawCar(p, car);
    drawText(p, {40, 21, 800, 39}, Qt::AlignLeft, title(), 19, c.chalk, true);
    for (const Place& place : places()) {
        const bool done = place.value != tr("to write down");
        drawState(p, place.at.topLeft() + QPointF(16, place.at.height() / 2),
                  done ? CheckState::good : CheckState::open, place.id == chosen_);
        drawText(p, place.at.adjusted(32, 3, -4, -place.at.height() / 2 + 1),
                 Qt::AlignLeft | Qt::AlignVCenter, place.name, 13, c.soft);
        drawText(p, place.at.adjusted(32, place.at.height() / 2 - 2, -4, -2),
                 Qt::AlignLeft | Qt::AlignVCenter, place.value, 15, done ? c.chalk : c.faint, done);
    }
}

}  // namespace fairchalk::desk
