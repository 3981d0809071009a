// SPDX-License-Identifier: GPL-3.0-or-later
#include "card/card_items.h"

#include <algorithm>

#include <QCoreApplication>

#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

using Type = CardItem::Type;

QString tr(const char* text) {
    return QCoreApplication::translate("CardGuide", text);
}

CardItem length(const char* id, QString name, std::vector<std::string> path, Bounded b, QString hint) {
    return {QString::fromLatin1(id), std::move(name), Type::length, std::move(path), b, {}, std::move(hint)};
}
CardItem text(const char* id, QString name, std::vector<std::string> path, QString hint) {
    return {QString::fromLatin1(id), std::move(name), Type::words, std::move(path), {}, {}, std::move(hint)};
}
CardItem choice(const char* id, QString name, std::vector<std::string> path,
                std::vector<std::pair<std::string, QString>> choices) {
    return {
        QString::fromLatin1(id), std::move(name), Type::choice, std::move(path), {}, std::move(choices), {}};
}

/// What is asked of each adjuster of a wheel: only what its kind needs.
void addDeviceItems(CardGroup& g, const Adjuster& d) {
    const AdjusterKind& kind = *adjuster_kind(d.kind);
    const QString what = q(words::adjuster_noun(d));
    for (const DeviceField& f : kind.fields()) {
        if (!f.asks || (f.when && !f.when(d))) continue;
        CardItem i;
        i.device = d.id;
        i.id = q(d.id) + QLatin1Char(':') + QString::fromLatin1(f.key);
        i.name = QStringLiteral("%1: %2").arg(what, q(words::fill(f.asks, {})));
        i.hint = q(words::fill(f.hint, {}));
        i.path = {f.key};
        i.type = Type::length;
        if (const auto* flag = std::get_if<DeviceField::Flag>(&f.what)) {
            i.type = Type::choice;
            i.choices = {{"false", q(words::fill(flag->says_false, {}))},
                         {"true", q(words::fill(flag->says_true, {}))}};
        } else if (const auto* either = std::get_if<DeviceField::Either>(&f.what)) {
            i.type = Type::choice;
            i.choices = {{std::string(either->no), q(words::fill(either->says_no, {}))},
                         {std::string(either->yes), q(words::fill(either->says_yes, {}))}};
        } else if (const auto* word = std::get_if<DeviceField::Word>(&f.what)) {
            i.type = Type::choice;
            for (std::size_t k = 0; k < word->says.size(); ++k)
                i.choices.emplace_back(std::string(word->words[k]), q(words::fill(word->says[k], {})));
        } else if (std::holds_alternative<DeviceField::SideOfAxle>(f.what)) {
            i.type = Type::choice;
            i.choices = {{"behind-axle", tr("behind the axle")}, {"ahead-of-axle", tr("ahead of the axle")}};
        } else if (std::holds_alternative<DeviceField::Hand>(f.what)) {
            i.type = Type::choice;
            i.choices = {{"right", tr("right-hand")}, {"left", tr("left-hand")}};
        } else if (const auto* stack = std::get_if<DeviceField::Stack>(&f.what)) {
            i.type = Type::shims;
            i.path = {"stacks", std::string(kind.stacks()[static_cast<std::size_t>(stack->which)])};
        } else if (std::holds_alternative<DeviceField::End>(f.what)) {
            i.path = {"range", f.key};
        }
        if (std::holds_alternative<DeviceField::Degrees>(f.what) ||
            (std::holds_alternative<DeviceField::Step>(f.what) &&
             kind.handles(d).front().unit == HandleUnit::degree))
            i.type = Type::angle;
        g.items.push_back(std::move(i));
    }
}

void addAxles(std::vector<CardGroup>& out) {
    std::vector<std::pair<std::string, QString>> suspensions;
    for (int i = 1; i <= index_of(Suspension::multi_link); ++i) {
        const auto s = static_cast<Suspension>(i);
        suspensions.emplace_back(std::string(name_of(s)), q(words::suspension(s)));
    }
    for (Axle a : {Axle::rear, Axle::front}) {
        const std::string axle(name_of(a));
        const bool front = a == Axle::front;
        CardGroup g{front ? QStringLiteral("front-axle") : QStringLiteral("rear-axle"),
                    front ? tr("Front axle") : tr("Rear axle"),
                    QRectF(front ? 486 : 322, 330, 152, 190),
                    {}};
        g.id = q(axle) + QStringLiteral("-axle");
        g.items.push_back(choice("suspension", tr("suspension"), {axle, "suspension"}, suspensions));
        g.items.push_back(length("track", tr("track, tire middle to tire middle"), {axle, "track"},
                                 Bounded::track, "1470 mm"));
        g.items.push_back(length("rim_span", tr("rim span, between the lips that are read"),
                                 {axle, "rim_span"}, Bounded::rim_span, "416 mm"));
        g.items.push_back(length("hub_width", tr("width over the hub faces"), {axle, "hub_width"},
                                 Bounded::hub_width, "1472 mm"));
        g.items.push_back(text("tire", tr("rims and tires"), {axle, "tire"}, "195/65 R 15"));
        out.push_back(g);
    }
}

void addWheels(std::vector<CardGroup>& out, const book::WrittenCard& written, const CarCard& car) {
    for (Wheel w : all_wheels) {
        const std::string at(name_of(w));
        const bool front = axle_of(w) == Axle::front, left = side_of(w) == Side::left;
        CardGroup g{q(at), q(words::wheel(w)), QRectF(front ? 668 : 40, left ? 128 : 556, 270, 160), {}};
        g.items.push_back({"pressure",
                           tr("pressure, cold"),
                           Type::pressure,
                           {"pressures", at},
                           Bounded::pressure,
                           {},
                           "2.2 bar"});
        g.items.push_back(
            length("height", tr("ride height"), {"ride_heights", at}, Bounded::ride_height, "365 mm"));
        for (WheelAngle a : wheel_angles) {
            if (a == WheelAngle::caster && !front) continue;
            const char* angle = name_of(a).data();
            std::vector<std::pair<std::string, QString>> by = {{"none", tr("nothing: no adjuster")},
                                                               {"rods", tr("rods or links")}};
            for (const book::Meant& m : written.choices_for(w, angle))
                if (m.serves(w, a) && std::none_of(by.begin(), by.end(),
                                                   [&](const auto& b) { return b.first == m.choice.word; }))
                    by.emplace_back(std::string(m.choice.word), q(words::fill(m.choice.says, {})));
            g.items.push_back(choice(angle, tr("%1 is adjusted by").arg(q(words::fill(angle, {}))),
                                     {"adjust", at, angle}, std::move(by)));
        }
        for (const Adjuster& a : car.adjusters)
            if (!is_rod(a) && adjuster_kind(a.kind) && wheel_of(a) == w) addDeviceItems(g, a);
        for (const Adjuster& a : car.adjusters) {
            if (wheel_of(a) != w || !adjuster_kind(a.kind)) continue;
            CardItem i = text(
                "", tr("%1: its wrenches").arg(q(is_rod(a) ? words::adjuster(a) : words::adjuster_noun(a))),
                {"wrench"}, tr("13 and 19"));
            i.id = q(a.id) + QStringLiteral(":wrench");
            i.device = a.id;
            g.items.push_back(std::move(i));
        }
        out.push_back(g);
    }
}

CardGroup bodyGroup() {
    CardGroup g{"body", tr("The car"), QRectF(40, 336, 272, 171), {}};
    g.items.push_back(
        length("wheelbase", tr("wheelbase, hub to hub"), {"wheelbase"}, Bounded::wheelbase, "2565 mm"));
    g.items.push_back(choice("drive", tr("driven wheels"), {"drive"},
                             {{"front", tr("front")}, {"rear", tr("rear")}, {"all", tr("all four")}}));
    g.items.push_back(choice("no_springs", tr("it stands"), {"no_springs"},
                             {{"false", tr("on its springs")}, {"true", tr("on blocks, no springs")}}));
    g.items.push_back(choice("same_wheels", tr("its four wheels are"), {"same_wheels"},
                             {{"true", tr("all alike")}, {"false", tr("not all alike")}}));
    g.items.push_back(text("load", tr("load the maker asks for"), {"load"}, tr("full tank, driver 75 kg")));
    g.items.push_back(text("height-how", tr("heights are measured"), {"ride_heights", "measured"},
                           tr("hub middle to arch lip")));
    g.items.push_back({"height-tolerance",
                       tr("heights may miss by"),
                       Type::length,
                       {"ride_heights", "tolerance"},
                       {},
                       {},
                       "10 mm"});
    g.items.push_back({"pressure-tolerance",
                       tr("pressures may miss by"),
                       Type::pressure,
                       {"pressures", "tolerance"},
                       {},
                       {},
                       "0.1 bar"});
    return g;
}

/// Where a tube holds the toe there are no two rods to ask for.
CardGroup steeringGroup(const CarCard& car) {
    CardGroup g{"steering", tr("Steering"), QRectF(668, 336, 270, 171), {}};
    g.items.push_back(
        choice("kind", tr("steering gear"), {"steering"}, {{"rack", tr("rack")}, {"box", tr("box")}}));
    g.items.push_back({"ratio",
                       tr("ratio, wheel to road wheels"),
                       Type::number,
                       {"steering_ratio"},
                       Bounded::steering_ratio,
                       {},
                       "16.2"});
    const bool tube = std::any_of(car.adjusters.begin(), car.adjusters.end(), [](const Adjuster& a) {
        const AdjusterKind* kind = adjuster_kind(a.kind);
        return kind && kind->across();
    });
    if (!tube) {
        g.items.push_back(
            choice("rods-run", tr("tie rods run"), {"adjusters"},
                   {{"behind-axle", tr("behind the axle")}, {"ahead-of-axle", tr("ahead of the axle")}}));
        g.items.back().of_rods = "rod";
        g.items.push_back(length("rods-pitch", tr("their thread pitch, a turn"), {"adjusters"},
                                 Bounded::thread_pitch, tr("1.5 mm, 18 tpi")));
        g.items.back().of_rods = "pitch";
    }
    g.items.push_back(choice("power", tr("power steering"), {"power_steering"},
                             {{"true", tr("with power help")}, {"false", tr("without power help")}}));
    return g;
}

}  // namespace

QString setUpName(const std::string& name) {
    return name == book::usual_set_up ? tr("road") : q(name);
}

namespace {

CardGroup targetsGroup(const std::string& s) {
    CardGroup g{"targets", tr("Set-up: %1").arg(setUpName(s)), QRectF(40, 725, 430, 168), {}};
    g.items.push_back(text("setup", tr("set-up in use"), {"setup_in_use"}, tr("road, track, wet")));
    for (Axle a : both_axles)
        for (const char* m : {"toe", "camber", "caster", "cross_camber", "cross_caster"}) {
            if (a == Axle::rear && std::string(m).ends_with("caster")) continue;
            const std::string axle(name_of(a));
            const CarAngle named{m == std::string("toe") ? Measure::toe : *measure_named(m), a};
            g.items.push_back({q(axle + "-" + m),
                               q(words::measure(named)),
                               Type::target,
                               {"setups", s, axle, m},
                               {},
                               {},
                               std::string(m) == "toe" ? tr("0°08' in ±0°15'") : tr("-0.6 deg ±0.5 deg")});
        }
    g.items.push_back({"thrust",
                       tr("thrust line, at most"),
                       Type::target,
                       {"setups", s, "thrust"},
                       {},
                       {},
                       tr("0 ±0°15'")});
    g.items.push_back(text("source", tr("these figures are from"), {"setups", s, "source"},
                           tr("the car's manual, page 212")));
    // A wheel's own comes before its axle's.
    for (Wheel w : all_wheels)
        for (Measure m : {Measure::toe, Measure::camber, Measure::caster}) {
            if (axle_of(w) == Axle::rear && m == Measure::caster) continue;
            const std::string wheel(name_of(w)), name(name_of(m));
            const CarAngle named{m, w};
            g.items.push_back({q(wheel + "-" + name),
                               tr("%1, its own").arg(q(words::measure_of(named))),
                               Type::target,
                               {"setups", s, wheel, name},
                               {},
                               {},
                               m == Measure::toe ? tr("0°04' in ±0°08'") : tr("-0.6 deg ±0.5 deg")});
        }
    return g;
}

CardGroup torquesGroup() {
    CardGroup g{"torques", tr("Torques, tin"), QRectF(486, 725, 146, 168), {}};
    g.items.push_back(
        {"torque", tr("part and torque"), Type::torque, {"torques"}, {}, {}, tr("tie rod locknut 55 Nm")});
    g.items.push_back(
        {"tin", tr("shims in the tin"), Type::shims, {"tin"}, {}, {}, tr("4 of 0.5 mm, 2 of 1 mm")});
    return g;
}

CardGroup notesGroup() {
    CardGroup g{"notes", tr("Notes"), QRectF(646, 725, 132, 168), {}};
    g.items.push_back({"note", tr("a note"), Type::note, {"notes"}, {}, {}, tr("left rear bush creaks")});
    return g;
}

CardGroup picturesGroup() {
    CardGroup g{"pictures", tr("Pictures"), QRectF(792, 725, 132, 168), {}};
    g.items.push_back({"picture", tr("a picture's file"), Type::picture, {}, {}, {}, tr("/home/…/arm.jpg")});
    return g;
}

}  // namespace

std::vector<CardGroup> card_groups(const book::WrittenCard& written, const CarCard& car) {
    std::vector<CardGroup> out;
    addAxles(out);
    addWheels(out, written, car);
    for (CardGroup& g :
         std::vector<CardGroup>{bodyGroup(), steeringGroup(car), targetsGroup(written.set_up()),
                                torquesGroup(), notesGroup(), picturesGroup()})
        out.push_back(std::move(g));
    return out;
}

}  // namespace fairchalk::desk
