// SPDX-License-Identifier: GPL-3.0-or-later
#include "rig/making_guide.h"

#include <array>
#include <cmath>

#include "look/chalk.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

struct Card {
    const char* id;
    const char* name;
};
constexpr std::array cards = {
    Card{"bars", QT_TRANSLATE_NOOP("MakingGuide", "Notched bars")},
    Card{"boards", QT_TRANSLATE_NOOP("MakingGuide", "Toe boards")},
    Card{"sweep", QT_TRANSLATE_NOOP("MakingGuide", "Sweep marks")},
    Card{"gauge", QT_TRANSLATE_NOOP("MakingGuide", "Hinged gauge")},
    Card{"centre", QT_TRANSLATE_NOOP("MakingGuide", "A wheel's center")},
};

}  // namespace

MakingGuide::MakingGuide(JobDesk& desk, const QString& card, QObject* parent)
    : DrawnGuide(desk, parent), opened_(card), card_(card) {}

void MakingGuide::enter() {
    card_ = opened_;
    chosen_ = QString::fromLatin1(given().front().id);
}

std::vector<MakingGuide::Given> MakingGuide::given() const {
    if (card_ == "boards")
        return {{"tire", QT_TR_NOOP("the tire's diameter"), 640.0},
                {"slots", QT_TR_NOOP("slot to slot"), 600.0}};
    if (card_ == "sweep")
        return {{"base", QT_TR_NOOP("the base line"), 1000.0},
                {"angle", QT_TR_NOOP("the angle each way"), 20.0, true},
                {"offset", QT_TR_NOOP("marks that are there: out by"), 364.0},
                {"tire", QT_TR_NOOP("the tire's diameter"), 640.0},
                {"width", QT_TR_NOOP("its width"), 205.0}};
    if (card_ == "gauge")
        return {{"arm", QT_TR_NOOP("the arm, pin to scale"), 400.0},
                {"step", QT_TR_NOOP("from mark to mark"), 0.5, true}};
    if (card_ == "centre")
        return {{"left", QT_TR_NOOP("near edge, from a mark beside it"), 120.0},
                {"right", QT_TR_NOOP("far edge, from the same mark"), 200.0},
                {"low", QT_TR_NOOP("low edge above the floor"), 260.0},
                {"high", QT_TR_NOOP("high edge above the floor"), 340.0}};
    // Bars: over the hub faces of both axles, as the card has them.
    const CarCard& car = desk_.car();
    const auto over = [&](Axle a) { return car.axle(a).hub_width ? car.axle(a).hub_width->mm() : 1500.0; };
    return {{"front", QT_TR_NOOP("over the front hub faces"), over(Axle::front)},
            {"rear", QT_TR_NOOP("over the rear hub faces"), over(Axle::rear)},
            {"clearance", QT_TR_NOOP("string from the wider hubs"), 80.0}};
}

double MakingGuide::value(const char* id) const {
    const std::string kept = desk_.facts().at(("making:" + card_ + ":" + QLatin1String(id)).toStdString());
    const auto all = given();
    for (const Given& g : all)
        if (QLatin1String(g.id) == QLatin1String(id)) {
            if (kept.empty()) return g.usual;
            bool ok = false;
            const double v = QString::fromStdString(kept).toDouble(&ok);
            return ok ? v : g.usual;
        }
    return 0.0;
}

QString MakingGuide::shown(double mm) const {
    return q(fairchalk::show(Length::from_mm(mm), how_));
}

std::vector<Place> MakingGuide::places() const {
    std::vector<Place> out;
    const auto all = given();
    double y = 770 - 35.0 * std::max(0, static_cast<int>(all.size()) - 4);
    for (const Given& g : all) {
        out.push_back(
            {QString::fromLatin1(g.id),
             {470, y, 466, 33},
             tr(g.name),
             g.angle ? q(fairchalk::show(Angle::from_deg(value(g.id)), how_)) : shown(value(g.id))});
        y += 35;
    }
    double at = 770;
    for (const Card& c : cards) {
        out.push_back({QStringLiteral("card:") + QString::fromLatin1(c.id),
                       {24, at, 380, 26},
                       tr(c.name),
                       card_ == QLatin1String(c.id) ? tr("shown") : QString()});
        at += 28;
    }
    return out;
}

QString MakingGuide::title() const {
    for (const Card& c : cards)
        if (card_ == QLatin1String(c.id)) return tr(c.name);
    return {};
}

QString MakingGuide::subtitle() const {
    for (const Place& p : places())
        if (p.id == chosen_ && typing()) return p.name;
    return {};
}

Expect MakingGuide::expected() const {
    for (const Given& g : given())
        if (chosen_ == QLatin1String(g.id) && g.angle) return {Expect::Kind::angle, Bare::deg};
    return {Expect::Kind::length, bareLength()};
}

QString MakingGuide::keep(const QString& text) {
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) return q(words::sentence(quantity.error()));
    if (quantity->value <= 0.0)
        return tr("“%1” is not more than nothing; right would be a dimension above 0.").arg(text.trimmed());
    if (expected().kind == Expect::Kind::angle && quantity->value >= 80.0)
        return tr("“%1” is too far round for a mark beside a line; right would be below 80°.")
            .arg(text.trimmed());
    desk_.facts().keep(("making:" + card_ + ":" + chosen_).toStdString(),
                       QString::number(quantity->value, 'g', 12).toStdString());
    moveOn([](const QString& id) { return !id.startsWith(QLatin1String("card:")); });
    return {};
}

std::vector<Act> MakingGuide::acts() const {
    if (chosen_.startsWith("card:")) return {{"show", tr("Show this card"), true, false}};
    return {{"back", tr("Back"), false, false}};
}

void MakingGuide::act(const QString& id) {
    if (id == "back") return emit pageWanted({});
    card_ = chosen_.section(QLatin1Char(':'), 1);
    chosen_ = QString::fromLatin1(given().front().id);
    emit changed();
}

QString MakingGuide::body() const {
    QString out;
    if (card_ == "bars") {
        const NotchedBars b = notched_bars(length("front"), length("rear"), length("clearance"));
        out += line(tr(
            "Clamp both bars together, mark the middle on both at once, and cut both notches in one go: that "
            "is what makes them alike, more than any rule."));
        out += line(tr("Notch from the middle: ⟨b⟩%1⟨/b⟩ to each side; notch to notch ⟨b⟩%2⟨/b⟩. The bars at "
                       "least %3 long.")
                        .arg(shown(b.from_middle.mm()), shown(b.between.mm()), shown(b.at_least.mm())));
        out += line(tr("Strings will then stand about %1 from the front hubs and %2 from the rear ones.")
                        .arg(shown(b.hub_front.mm()), shown(b.hub_rear.mm())));
    } else if (card_ == "boards") {
        const ToeBoard b = toe_board(length("tire"), length("slots"));
        out += line(tr("Two boards alike, clamped together for the saw cuts. Slots ⟨b⟩%1⟨/b⟩ apart, %2 above "
                       "the floor, on "
                       "a board %3 by %4.")
                        .arg(shown(b.slot_spacing.mm()), shown(b.slot_height.mm()), shown(b.length.mm()),
                             shown(b.height.mm())));
        out += line(tr("With these slots a degree of total toe is ⟨b⟩%1⟨/b⟩ between both tapes.")
                        .arg(shown(b.per_degree.mm())));
    } else if (card_ == "sweep") {
        out +=
            line(tr("A straight base line on the floor along the wheel, standing straight; from its far end "
                    "square out "
                    "to each side the offset. A batten against the wheel, over the base line's near end, has "
                    "to point "
                    "at the mark."));
        out +=
            line(soft(tr("offset = base × tan(angle). The car walks as it turns: lay the line anew for the "
                         "other wheel.")));
        out += head(tr("Marks that are there already"));
        out +=
            line(tr("%1 out at the end of a base line of %2 is ⟨b⟩%3⟨/b⟩: that is the sweep to say with the "
                    "readings.")
                     .arg(shown(value("offset")), shown(value("base")),
                          q(fairchalk::show(sweep_of_marks(length("base"), length("offset")), how_))));
        out += head(tr("Strings beside it"));
        out +=
            line(tr("The tire's corner comes out as the wheel turns: strings have to stand ⟨b⟩%1⟨/b⟩ further "
                    "out than beside the straight wheel.")
                     .arg(shown(
                         strings_further_out(length("tire"), length("width"), Angle::from_deg(value("angle")))
                             .mm())));
    } else if (card_ == "gauge") {
        out +=
            line(tr("A bar for the rim's lips, an arm on a pin, a small level on the arm, and a straight "
                    "scale square to "
                    "the arm's middle position at its end. Mark it from the middle by these distances."));
        out += line(soft(tr("mark = arm × tan(angle)")));
    } else {
        const WheelCentre w = wheel_centre(length("left"), length("right"), length("low"), length("high"));
        out +=
            line(tr("Any round feature that sits on the hub will do: the center bore, the ring of nuts. Half "
                    "way across "
                    "it, in two directions."));
        out += line(tr("The middle is ⟨b⟩%1⟨/b⟩ from the mark and ⟨b⟩%2⟨/b⟩ above the floor; the feature is "
                       "%3 across.")
                        .arg(shown(w.across.mm()), shown(w.up.mm()), shown(w.diameter.mm())));
        if (const double skew = (value("right") - value("left")) - (value("high") - value("low"));
            std::abs(skew) > 2.0)
            out += line(
                warn(tr("It is %1 wider than high: not round, or one edge was another one. Measure it again.")
                         .arg(shown(skew))));
        out += line(soft(
            tr("Without anything round: two strings across the rim, each marked at its middle; they cross in "
               "the middle.")));
    }
    return out;
}

QString MakingGuide::say() const {
    return tr("Type a dimension and the card follows; it prints with Ctrl+P. Escape goes back.");
}

namespace {

/// A dimension line with its words.
void dimension(QPainter& p, QPointF a, QPointF b, const QString& words, QPointF shift) {
    const Chalk& c = Chalk::now();
    p.setPen(c.stroke(c.target, 1.8));
    p.drawLine(a, b);
    const double angle = std::atan2(b.y() - a.y(), b.x() - a.x());
    for (double side : {2.7, -2.7}) {
        p.drawLine(b, b + QPointF(11 * std::cos(angle + side), 11 * std::sin(angle + side)));
        p.drawLine(a, a - QPointF(11 * std::cos(angle + side), 11 * std::sin(angle + side)));
    }
    const QPointF middle = (a + b) / 2 + shift;
    drawText(p, {middle.x() - 150, middle.y() - 13, 300, 26}, Qt::AlignCenter, words, 14, c.chalk, true);
}

}  // namespace

void MakingGuide::drawBars(QPainter& p) const {
    const Chalk& c = Chalk::now();
    const NotchedBars b = notched_bars(length("front"), length("rear"), length("clearance"));
    const double k = 800.0 / b.at_least.mm(), half = b.from_middle.mm() * k;
    for (double y : {250.0, 330.0}) {
        p.setPen(c.stroke(c.chalk, 3));
        p.setBrush(c.floor);
        p.drawRect(QRectF(80, y, 800, 44));
        for (double x : {480 - half, 480 + half})
            p.drawPolyline(QPolygonF({{x - 7, y}, {x, y + 16}, {x + 7, y}}));
        p.setPen(c.stroke(c.soft, 1.6, Qt::DashDotLine));
        p.drawLine(QPointF(480, y - 14), QPointF(480, y + 58));
    }
    dimension(p, {480 - half, 200}, {480 + half, 200}, shown(b.between.mm()), {0, -22});
    dimension(p, {480, 420}, {480 + half, 420}, shown(b.from_middle.mm()), {0, 24});
    dimension(p, {480 - half, 420}, {480, 420}, shown(b.from_middle.mm()), {0, 24});
    dimension(p, {80, 500}, {880, 500}, tr("at least %1").arg(shown(b.at_least.mm())), {0, 24});
    drawText(p, {80, 560, 800, 60}, Qt::AlignCenter | Qt::TextWordWrap,
             tr("both alike: clamp them together, one cut through both"), 13, c.soft);
}

void MakingGuide::drawBoard(QPainter& p) const {
    const Chalk& c = Chalk::now();
    const ToeBoard b = toe_board(length("tire"), length("slots"));
    const double k = std::min(640.0 / b.length.mm(), 470.0 / std::max(1.0, value("tire")));
    const double w = b.length.mm() * k, h = std::min(330.0, b.height.mm() * k), x = 480 - w / 2, base = 560;
    p.setPen(c.stroke(c.faint, 2, Qt::DashLine));
    p.setBrush(Qt::NoBrush);
    const double tire = value("tire") * k;
    p.drawEllipse(QPointF(480, base - tire / 2), tire / 2, tire / 2);
    p.setPen(c.stroke(c.chalk, 3));
    p.drawRect(QRectF(x, base - h, w, h));
    const double s = b.slot_spacing.mm() * k / 2, up = std::min(h - 20, b.slot_height.mm() * k);
    for (double side : {-s, s})
        p.drawLine(QPointF(480 + side, base - up), QPointF(480 + side * 1.0, base - up + 34));
    dimension(p, {480 - s, base - up - 14}, {480 + s, base - up - 14}, shown(b.slot_spacing.mm()), {0, -20});
    dimension(p, {480 + s + 22, base}, {480 + s + 22, base - up}, shown(b.slot_height.mm()), {-70, 0});
    dimension(p, {x, base + 40}, {x + w, base + 40}, shown(b.length.mm()), {0, 24});
    dimension(p, {x - 30, base}, {x - 30, base - h}, shown(b.height.mm()), {-50, 0});
}

void MakingGuide::drawSweep(QPainter& p) const {
    const Chalk& c = Chalk::now();
    const double a = value("angle");
    const auto marks = sweep_marks(length("base"), {Angle::from_deg(a), Angle::from_deg(a / 2)});
    const double k = std::min(590.0 / value("base"), 220.0 / std::max(1.0, marks.front().offset.mm()));
    const QPointF near(150, 390), far(150 + value("base") * k, 390);
    p.setPen(c.stroke(c.chalk, 3));
    p.setBrush(c.floor);
    p.drawRoundedRect(QRectF(60, 366, 150, 48), 12, 12);
    p.drawLine(near, far);
    for (const SweepMark& m : marks)
        for (double side : {-1.0, 1.0}) {
            const QPointF mark = far + QPointF(0, side * m.offset.mm() * k);
            p.setPen(c.stroke(c.soft, 1.8, Qt::DashLine));
            p.drawLine(near, mark);
            p.setPen(c.stroke(c.string, 4));
            p.drawLine(mark - QPointF(8, 0), mark + QPointF(8, 0));
            drawText(p, {mark.x() + 14, mark.y() - 12, 180, 24}, Qt::AlignLeft,
                     QStringLiteral("%1: %2").arg(q(fairchalk::show(m.angle, how_)), shown(m.offset.mm())),
                     13, c.chalk, true);
        }
    p.setPen(c.stroke(c.soft, 1.4));
    p.drawLine(far - QPointF(0, 240), far + QPointF(0, 240));
    dimension(p, QPointF(near.x(), 680), QPointF(far.x(), 680), tr("base %1").arg(shown(value("base"))),
              {0, 24});
}

void MakingGuide::drawGauge(QPainter& p) const {
    const Chalk& c = Chalk::now();
    const auto ticks = gauge_ticks(length("arm"), Angle::from_deg(value("step")), 6);
    const QPointF pin(190, 380);
    const double reach = 470, k = reach / value("arm");
    // The scale is drawn larger than life where its marks would run together.
    const double spread = std::max(1.0, 34.0 / std::max(0.01, ticks.front().offset.mm() * k));
    p.setPen(c.stroke(c.chalk, 4));
    p.drawLine(pin, pin + QPointF(reach, 0));
    p.setBrush(c.floor);
    p.drawEllipse(pin, 9, 9);
    p.drawLine(QPointF(pin.x(), 130), QPointF(pin.x(), 630));
    p.drawRoundedRect(QRectF(pin.x() + 150, 352, 130, 26), 6, 6);
    p.setPen(c.stroke(c.soft, 2));
    p.drawLine(pin + QPointF(reach, -235), pin + QPointF(reach, 235));
    for (std::size_t i = 0; i < ticks.size(); ++i)
        for (double side : {-1.0, 1.0}) {
            const double y = pin.y() + side * ticks[i].offset.mm() * k * spread;
            if (std::abs(y - pin.y()) > 235) continue;
            p.setPen(c.stroke(c.string, 3));
            p.drawLine(QPointF(pin.x() + reach, y), QPointF(pin.x() + reach + 20, y));
            if (side < 0)
                drawText(p, {pin.x() + reach + 28, y - 13, 250, 26}, Qt::AlignLeft | Qt::AlignVCenter,
                         QStringLiteral("%1: %2").arg(q(fairchalk::show(ticks[i].angle, how_)),
                                                      shown(ticks[i].offset.mm())),
                         13, c.chalk, true);
        }
    dimension(p, pin + QPointF(0, 70), pin + QPointF(reach, 70), tr("arm %1").arg(shown(value("arm"))),
              {0, 24});
    drawText(p, {pin.x() + reach - 110, 640, 300, 26}, Qt::AlignLeft,
             spread > 1.01 ? tr("marks drawn ×%1").arg(q(show_number(spread, 1)))
                           : tr("marks to scale with the arm"),
             12, c.soft);
}

void MakingGuide::drawCentre(QPainter& p) const {
    const Chalk& c = Chalk::now();
    const WheelCentre w = wheel_centre(length("left"), length("right"), length("low"), length("high"));
    const double k = 170.0 / std::max(1.0, std::max(value("right"), value("high") - value("low") + 100));
    const QPointF middle(500, 320);
    p.setBrush(Qt::NoBrush);
    p.setPen(c.stroke(c.faint, 3));
    p.drawEllipse(middle, 220, 220);
    p.setPen(c.stroke(c.chalk, 3));
    const double rx = std::max(10.0, (value("right") - value("left")) / 2 * k * 1.6),
                 ry = std::max(10.0, (value("high") - value("low")) / 2 * k * 1.6);
    p.drawEllipse(middle, std::min(rx, 160.0), std::min(ry, 160.0));
    p.setPen(c.stroke(c.string, 2.4));
    p.drawLine(middle - QPointF(26, 0), middle + QPointF(26, 0));
    p.drawLine(middle - QPointF(0, 26), middle + QPointF(0, 26));
    p.setPen(c.stroke(c.chalk, 2));
    p.drawLine(QPointF(180, 560), QPointF(860, 560));
    dimension(p, {220, 320}, middle, shown(w.across.mm()), {-60, -22});
    dimension(p, {500, 560}, middle, shown(w.up.mm()), {80, 40});
    p.setPen(c.stroke(c.soft, 2));
    p.drawLine(QPointF(220, 280), QPointF(220, 360));
    drawText(p, {160, 366, 140, 24}, Qt::AlignHCenter, tr("the mark"), 13, c.soft);
    drawText(p, {640, 570, 220, 24}, Qt::AlignRight, tr("floor"), 13, c.soft);
}

void MakingGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    drawText(p, {30, 24, 700, 39}, Qt::AlignLeft, title(), 19, c.chalk, true);
    if (card_ == "boards")
        drawBoard(p);
    else if (card_ == "sweep")
        drawSweep(p);
    else if (card_ == "gauge")
        drawGauge(p);
    else if (card_ == "centre")
        drawCentre(p);
    else
        drawBars(p);
    for (const Place& place : places()) {
        const bool other = place.id.startsWith("card:");
        const bool shows = other && place.id.mid(5) == card_;
        drawText(p, place.at.adjusted(10, 0, other ? -4 : -150, 0), Qt::AlignLeft | Qt::AlignVCenter,
                 place.name, 13, shows ? c.chalk : c.soft, shows);
        if (!other)
            drawText(p, place.at.adjusted(250, 0, -10, 0), Qt::AlignRight | Qt::AlignVCenter, place.value,
                     13.5, c.string, true);
    }
}

}  // namespace fairchalk::desk
