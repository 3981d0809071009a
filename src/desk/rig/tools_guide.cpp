// SPDX-License-Identifier: GPL-3.0-or-later
#include "rig/tools_guide.h"

#include <algorithm>
#include <cmath>

#include "look/chalk.h"
#include "look/html.h"
#include "rig/rig_drawing.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

constexpr int in_a_row = 5;
constexpr double slot_w = 182, slot_h = 138;

std::string_view pictureOf(const Tool& t) {
    const auto has = [&](const char* part) { return t.name.find(part) != std::string::npos; };
    if (has("plumb")) return "plumb-line";
    if (has("level")) return "level";
    if (has("caster")) return "caster-gauge";
    if (t.quantity == QuantityKind::angle) return "camber-gauge";
    return has("tape") ? "tape" : "rule";
}

QString fine(double v, QuantityKind kind, const Show& how) {
    if (kind == QuantityKind::angle) return q(show_plus_minus(Angle::from_deg(v), how));
    return within(Length::from_mm(v), how);
}

}  // namespace

void ToolsGuide::enter() {
    asks_ = Asks::nothing;
    nudging_ = false;
    // What this user's repeats show, over the whole book.
    repeats_.clear();
    const auto add = [this](const Job& job) {
        for (const Tool& t : desk_.tools())
            for (auto& group : repeats_with(job, t.name)) repeats_[t.name].push_back(std::move(group));
    };
    if (!desk_.practice()) add(desk_.job());
    for (const book::JobInfo& info : desk_.book().jobs()) {
        if (info.id == desk_.jobId() || desk_.isPractice(info.id)) continue;
        try {
            const auto file = desk_.book().job(info.id);
            add(job_of(file.entries()));
        } catch (const std::exception&) {
            // A job that a newer version wrote teaches nothing here.
        }
    }
    if (chosen_.isEmpty()) chosen_ = first_.isEmpty() ? q(desk_.tool()) : first_;
}

Tool ToolsGuide::tool() const {
    const auto all = desk_.tools();
    const auto it = std::find_if(all.begin(), all.end(), [&](const Tool& t) { return q(t.name) == chosen_; });
    return it == all.end() ? all.front() : *it;
}

Repeatability ToolsGuide::learnt(const Tool& t) const {
    const auto it = repeats_.find(t.name);
    const Tool* standard = standard_tool(t.name);
    return repeatability(it == repeats_.end() ? std::vector<std::vector<double>>{} : it->second,
                         standard ? standard->sigma : t.sigma);
}

std::vector<Place> ToolsGuide::places() const {
    std::vector<Place> out;
    int n = 0;
    for (const Tool& t : desk_.tools()) {
        out.push_back({q(t.name),
                       {24 + (n % in_a_row) * slot_w, 82 + (n / in_a_row) * (slot_h + 8), slot_w - 8, slot_h},
                       q(words::tool(t.name)),
                       tr("±%1").arg(fine(t.sigma * k95, t.quantity, how_))});
        ++n;
    }
    return out;
}

void ToolsGuide::choose(const QString& place) {
    asks_ = Asks::nothing;
    nudging_ = false;
    DrawnGuide::choose(place);
}

void ToolsGuide::ask(Asks what) {
    asks_ = what;
    emit changed();
}

QString ToolsGuide::title() const {
    QString name = q(words::tool(tool().name));
    name[0] = name[0].toUpper();
    return name;
}

QString ToolsGuide::subtitle() const {
    switch (asks_) {
        case Asks::nothing:
            return nudging_ ? tr("push the lip away from the string: the number …") : ways(tool());
        case Asks::zero:
            return tr("what does it show where there is nothing?");
        case Asks::sigma:
            return tr("how far one taking may be off (one sigma)?");
        case Asks::division:
            return tr("its finest division?");
        case Asks::scale_end:
            return tr("what does it read at the end that should be zero?");
        case Asks::lean_before:
            return side_ == Side::left ? tr("left wheel: what does it show as it stands?")
                                       : tr("right wheel: what does it show as it stands?");
        case Asks::lean_out:
            return tr("and with its top leaned outward, away from the car?");
        case Asks::name:
            return tr("its name");
    }
    return {};
}

QString ToolsGuide::prompt() const {
    return asks_ == Asks::name ? tr("tape B") : QString();
}

Expect ToolsGuide::expected() const {
    return tool().quantity == QuantityKind::angle ? Expect{Expect::Kind::angle, Bare::deg}
                                                  : Expect{Expect::Kind::length, bareLength()};
}

QString ToolsGuide::keep(const QString& text) {
    Tool t = tool();
    if (asks_ == Asks::name) {
        QString name = text.simplified().toLower();
        name.replace(QLatin1Char(' '), QLatin1Char('-'));
        if (name.isEmpty()) return tr("A name of its own, such as “tape B”, tells it from the other.");
        const auto all = desk_.tools();
        if (std::any_of(all.begin(), all.end(), [&](const Tool& other) { return q(other.name) == name; }))
            return tr("“%1” lies in the drawer already; a name of its own tells it from the other.")
                .arg(text.trimmed());
        Tool fresh = t;
        fresh.name = name.toStdString();
        desk_.setTool(fresh);
        chosen_ = name;
        ask(Asks::nothing);
        return {};
    }
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) return q(words::sentence(quantity.error()));
    const double v = quantity->value;
    switch (asks_) {
        case Asks::zero:
            t.zero = v;
            break;
        case Asks::sigma:
            if (v <= 0.0)
                return tr("“%1” is no spread; right would be what one taking may be off, above 0.")
                    .arg(text.trimmed());
            t.sigma = v;
            t.sigma_stated = true;
            break;
        case Asks::division:
            if (v <= 0.0)
                return tr("“%1” is no division; right would be its finest one, above 0.").arg(text.trimmed());
            t.resolution = v;
            break;
        case Asks::scale_end:
            t.inward = true;
            t.scale_length = quantity->length();
            break;
        case Asks::lean_before:
            before_ = v;
            ask(Asks::lean_out);
            return {};
        case Asks::lean_out: {
            const auto after = after_lean_test(t, side_, before_, v);
            if (!after) return q(words::sentence(after.error()));
            desk_.setTool(*after);
            // The other side is a test of its own: the gauge stands the other way round there.
            if (side_ == Side::left) {
                side_ = Side::right;
                ask(Asks::lean_before);
            } else {
                ask(Asks::nothing);
            }
            return {};
        }
        default:
            break;
    }
    desk_.setTool(t);
    ask(Asks::nothing);
    return {};
}

QString ToolsGuide::ways(const Tool& t) const {
    QStringList out;
    if (t.zero != 0.0)
        out << tr("zero at %1")
                   .arg(t.quantity == QuantityKind::angle
                            ? q(fairchalk::show(Angle::from_deg(t.zero), how_))
                            : q(fairchalk::show(Length::from_mm(t.zero), how_)));
    if (t.inward) out << tr("numbers run inward");
    if (t.quantity == QuantityKind::angle && t.name != "caster-gauge") {
        if (t.shows == Shows::upright) out << tr("shows from level, about 90");
        if (t.shows == Shows::unsigned_) out << tr("shows no sign");
        if (t.shows != Shows::unsigned_) {
            if (t.more_is_in_left) out << tr("left: more is top in");
            if (t.more_is_in_right) out << tr("right: more is top in");
        }
    }
    return out.isEmpty() ? tr("shows things as they are") : out.join(QStringLiteral(" · "));
}

QString ToolsGuide::body() const {
    const Tool t = tool();
    const Repeatability r = learnt(t);
    QString out;
    if (nudging_)
        return line(tr(
            "Hold it as for a reading, and push the wheel's lip a little away from the string. A rule from "
            "its own zero shows more; one whose numbers run inward shows less."));
    if (asks_ == Asks::lean_before || asks_ == Asks::lean_out)
        return line(tr("Hold it on the wheel as you will for readings. Type what it shows; then lean its top "
                       "outward, "
                       "away from the car, by a degree or more, and type that.")) +
               line(soft(tr("Once for each side: the gauge stands the other way round there.")));
    out += head(tr("How well it reads"));
    out += line(tr("One taking: ⟨b⟩±%1⟨/b⟩ (two sigma). Finest division %2.")
                    .arg(fine(t.sigma * k95, t.quantity, how_), fine(t.resolution, t.quantity, how_)));
    out += line(r.repeats > 0
                    ? tr("Your own repeats, %n of them, show ⟨b⟩±%1⟨/b⟩.", nullptr, r.repeats)
                          .arg(fine(r.sigma * k95, t.quantity, how_))
                    : soft(tr("Read a spot twice with it, and what your own repeats show stands here.")));
    out += head(tr("How it shows")) + line(ways(t));
    if (t.quantity == QuantityKind::angle)
        out += line(soft(tr("The lean test fixes once which way its figure goes, and from where.")));
    else
        out += line(
            soft(tr("Two tapes on one axle: give each its own name here, read, swap them, read again. Their "
                    "difference drops out.")));
    out += line(
        soft(tr("What is said here is undone in every reading taken with it, those already taken too.")));
    return out;
}

QString ToolsGuide::say() const {
    if (asks_ == Asks::nothing && !nudging_)
        return tr("Choose a tool; Escape goes back. Nothing here is asked twice.");
    return tr("Escape or another tool leaves this as it was.");
}

std::vector<Act> ToolsGuide::acts() const {
    const Tool t = tool();
    if (nudging_) return {{"grew", tr("It grew"), false, false}, {"fell", tr("It fell"), false, false}};
    if (asks_ != Asks::nothing) return {{"leave", tr("Leave it"), false, false}};
    const bool angle = t.quantity == QuantityKind::angle;
    std::vector<Act> out;
    if (!serves_one_rig(t.name))
        out.push_back(
            {"use", angle ? tr("Read angles with it") : tr("Read lengths with it"), true, false, 0});
    if (angle && t.name != "caster-gauge") {
        out.push_back({"lean", tr("Lean test …"), false, false, 1});
        out.push_back({"unsigned", tr("Shows no sign"), false, t.shows == Shows::unsigned_, 2});
    }
    if (!angle) out.push_back({"nudge", tr("Nudge test …"), false, false, 1});
    out.push_back({"zero", tr("Its zero …"), false, false, 3});
    out.push_back({"sigma", tr("Its spread …"), false, false, 4});
    out.push_back({"division", tr("Its division …"), false, false, 5});
    if (learnt(t).repeats > 0) out.push_back({"learnt", tr("Reckon with your own"), false, false, 6});
    out.push_back({"name", tr("Another like it"), false, false, 7});
    out.push_back({"wire", tr("On a wire …"), false, false, 8});
    return out;
}

void ToolsGuide::act(const QString& id) {
    Tool t = tool();
    if (id == "leave") return ask(Asks::nothing);
    if (id == "wire") return emit pageWanted({PageId::wire});
    if (id == "use") {
        LinesSet l = desk_.lines();
        (t.quantity == QuantityKind::angle ? l.gauge : l.tool) = t.name;
        desk_.setLines(l);
        emit pageWanted({});
        return;
    }
    if (id == "lean") {
        side_ = Side::left;
        return ask(Asks::lean_before);
    }
    if (id == "nudge") {
        nudging_ = true;
        return emit changed();
    }
    if (id == "grew" || id == "fell") {
        nudging_ = false;
        if (id == "fell") return ask(Asks::scale_end);
        if (t.inward) {
            t.inward = false;
            t.scale_length.reset();
            desk_.setTool(t);
        }
        return emit changed();
    }
    if (id == "unsigned") {
        t.shows = t.shows == Shows::unsigned_ ? Shows::leaning : Shows::unsigned_;
        desk_.setTool(t);
        return emit changed();
    }
    if (id == "learnt") {
        t.sigma = learnt(t).sigma;
        t.sigma_stated = false;
        desk_.setTool(t);
        return emit changed();
    }
    if (id == "zero") ask(Asks::zero);
    if (id == "sigma") ask(Asks::sigma);
    if (id == "division") ask(Asks::division);
    if (id == "name") ask(Asks::name);
}

void ToolsGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    drawText(p, {30, 24, 700, 39}, Qt::AlignLeft, tr("The drawer of tools"), 19, c.chalk, true);
    const auto all = desk_.tools();
    const auto slots_ = places();
    for (std::size_t i = 0; i < all.size(); ++i) {
        const Tool& t = all[i];
        const QRectF at = slots_[i].at;
        p.setPen(c.stroke(c.panel_edge, 2));
        p.setBrush(Qt::NoBrush);
        p.drawLine(at.bottomLeft(), at.bottomRight());  // the drawer's partitions
        p.drawLine(at.topRight() + QPointF(4, 12), at.bottomRight() + QPointF(4, 0));
        const bool used = t.name == desk_.tool() || t.name == desk_.gauge();
        drawThing(p, QRectF(at.x() + 10, at.y() + 8, 62, 62), pictureOf(t), true);
        if (used) drawState(p, {at.right() - 18, at.y() + 86}, CheckState::good, false);
        drawText(p, {at.x() + 8, at.y() + 74, at.width() - 10, 24}, Qt::AlignLeft | Qt::AlignVCenter,
                 slots_[i].name, 12.5, c.chalk, true);
        const Repeatability r = learnt(t);
        drawText(p, {at.x() + 76, at.y() + 22, at.width() - 76, 22}, Qt::AlignLeft, slots_[i].value, 12,
                 c.chalk);
        if (r.repeats > 0)
            drawText(p, {at.x() + 8, at.y() + 97, at.width() - 12, 20}, Qt::AlignLeft | Qt::AlignVCenter,
                     tr("repeats ±%1").arg(fine(r.sigma * k95, t.quantity, how_)), 11.5, c.string);
        if (ways(t) != tr("shows things as they are"))
            drawText(p, {at.x() + 8, at.y() + 116, at.width() - 12, 20}, Qt::AlignLeft | Qt::AlignVCenter,
                     ways(t), 11.5, c.soft);
    }
    // The chosen one, held as it is tested.
    const Tool t = tool();
    const double top = slots_.back().at.bottom() + 30;
    if (top > 700) return;
    const QRectF box(60, top, 840, 890 - top);
    if (t.quantity == QuantityKind::angle) {
        RigDrawing how;
        how.text = 17;
        const bool lean = asks_ == Asks::lean_before || asks_ == Asks::lean_out;
        how.weight = [lean](std::string_view show) {
            return show == "camber-gauge"        ? (lean ? Weight::there : Weight::now)
                   : show == "lean-test" && lean ? Weight::now
                                                 : Weight::later;
        };
        const auto rigs = all_rigs();
        const Rig& leans =
            **std::find_if(rigs.begin(), rigs.end(), [](const Rig* r) { return r->use == RigUse::camber; });
        how.at =
            wheel_spot(leans.kinds.front(), side_ == Side::left ? Wheel::front_left : Wheel::front_right);
        drawRig(p, box, leans, how);
        return;
    }
    // A rule from above, its numbers as they run, the wheel's lip at its zero end.
    const double y = box.center().y(), x0 = 180, x1 = 800;
    p.setPen(c.stroke(c.chalk, 3));
    p.setBrush(c.floor);
    p.drawRoundedRect(QRectF(40, y - 90, 130, 180), 20, 20);
    drawText(p, {40, y - 14, 130, 28}, Qt::AlignCenter, tr("wheel"), 13, c.soft);
    p.drawRect(QRectF(x0, y - 36, x1 - x0, 72));
    stringLine(p, {700, y - 110}, {700, y + 110}, c.string, 3);
    for (int cm = 0; cm <= 15; ++cm) {
        const double x = x0 + 20 + cm * 38.0;
        p.setPen(c.stroke(c.chalk, 1.8));
        p.drawLine(QPointF(x, y - 36), QPointF(x, y - (cm % 5 ? 20 : 8)));
        if (cm % 5 == 0)
            drawText(p, {x - 30, y - 4, 60, 26}, Qt::AlignCenter, QString::number(t.inward ? 15 - cm : cm),
                     13, c.chalk);
    }
    if (t.zero != 0.0)
        drawText(p, {x0, y + 44, 500, 26}, Qt::AlignLeft,
                 tr("shows %1 at its end").arg(fine(t.zero, t.quantity, how_)), 13, c.string);
    if (nudging_) {
        p.setPen(c.stroke(c.string, 4));
        p.drawLine(QPointF(150, y - 120), QPointF(60, y - 120));
        p.drawLine(QPointF(60, y - 120), QPointF(78, y - 130));
        p.drawLine(QPointF(60, y - 120), QPointF(78, y - 110));
        drawText(p, {170, y - 134, 400, 28}, Qt::AlignLeft, tr("push the lip away from the string"), 14,
                 c.string);
    }
}

}  // namespace fairchalk::desk
