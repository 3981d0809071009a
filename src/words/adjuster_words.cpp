// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <array>
#include <cmath>

#include "core/car/adjuster.h"
#include "core/car/steering_rod.h"
#include "core/quantity/named.h"
#include "words/words.h"
#include "words/words_inside.h"

namespace fairchalk::words {
namespace {

std::string capital(std::string s) {
    if (!s.empty() && s[0] >= 'a' && s[0] <= 'z') s[0] = static_cast<char>(s[0] - 'a' + 'A');
    return s;
}

}  // namespace

std::string thickness(Length l, const Show& how) {
    if (how.lengths == Show::LengthStyle::inch) return show(l, how);
    // Shims count in hundredths.
    std::string text = std::to_string(std::lround(l.mm() * 100));
    while (text.size() < 3) text.insert(0, "0");
    text.insert(text.size() - 2, 1, sayings().decimal);
    while (text.back() == '0') text.pop_back();
    if (text.back() == sayings().decimal) text.pop_back();
    return text + " mm";
}

std::string amount(double by, HandleUnit unit, const Show& how) {
    const double a = std::abs(by);
    if (unit == HandleUnit::turn) return show_turns(a);
    if (unit == HandleUnit::mm) return thickness(Length::from_mm(a), how);
    const long whole = std::lround(a);
    return std::abs(a - static_cast<double>(whole)) < 0.05 ? std::to_string(whole) + "°"
                                                           : show(Angle::from_deg(a), how);
}

std::string adjuster(const Adjuster& d) {
    const AdjusterKind* kind = adjuster_kind(d.kind);
    if (!kind) return d.id;
    if (const char* whole = kind->whole_name(d)) return tr(whole);
    std::string noun = adjuster_noun(d);
    return kind->across() ? capital(noun) : capital(wheel(wheel_of(d))) + ' ' + noun;
}

std::string adjuster_noun(const Adjuster& d) {
    const AdjusterKind* kind = adjuster_kind(d.kind);
    if (!kind) return d.id;
    std::string noun = tr(kind->words(d).noun);
    for (const char* around : kind->which(d)) noun = fill(around, {noun});
    return noun;
}

std::string how_to_rotate(const Adjuster& d, bool longer) {
    const AdjusterKind* kind = adjuster_kind(d.kind);
    if (kind)
        if (const char* nuts = kind->nut_by_nut(d, longer)) return tr(nuts);
    if (kind)
        if (const char* way = kind->rotated(d, rotation_seen_from_wheel(d.thread, longer))) return tr(way);
    // A tube across has two ends: one is named.
    const bool across = kind && kind->across();
    const std::string end = tr(side_of(wheel_of(d)) == Side::left ? TR_NOOP("left") : TR_NOOP("right"));
    switch (rotation_seen_from_wheel(d.thread, longer)) {
        case Rotation::clockwise:
            return across ? fill(TR_NOOP("clockwise, as seen along it from its {0} end"), {end})
                          : tr("clockwise, as seen along it from its end at the wheel");
        case Rotation::counterclockwise:
            return across ? fill(TR_NOOP("counterclockwise, as seen along it from its {0} end"), {end})
                          : tr("counterclockwise, as seen along it from its end at the wheel");
        case Rotation::unknown:
            break;
    }
    return {};
}

std::string device_amounts(const Adjuster& d, double first, double second, const Show& how) {
    const AdjusterKind* kind = adjuster_kind(d.kind);
    if (!kind) return {};
    const auto handles = kind->handles(d);
    std::vector<std::string> parts;
    const std::array by = {first, second};
    for (std::size_t h = 0; h < handles.size() && h < 2; ++h)
        if (by[h] != 0.0)
            parts.push_back(fill(by[h] > 0 ? handles[h].says_more : handles[h].says_less,
                                 {amount(by[h], handles[h].unit, how)}));
    return listed(parts);
}

std::string handle_name(const Adjuster& d, int handle) {
    const AdjusterKind* kind = adjuster_kind(d.kind);
    if (!kind) return {};
    const auto handles = kind->handles(d);
    if (static_cast<std::size_t>(handle) >= handles.size()) return {};
    const char* where = handles[static_cast<std::size_t>(handle)].says_where;
    return where ? tr(where) : std::string();
}

std::string turn_line(const Adjuster& a, double first, double second, const Show& how) {
    return adjuster(a) + ": " + device_amounts(a, first, second, how);
}

std::string turn_line(const CarCard& car, const PlannedTurn& t, const Show& how) {
    const Adjuster* a = car.adjuster(t.adjuster);
    return a ? turn_line(*a, t.turns, t.second, how) : t.adjuster;
}

std::string adjuster(const CarCard& car, const std::string& id) {
    const int place = car.place_of(id);
    return place < 0 ? id : adjuster(car.adjusters[static_cast<std::size_t>(place)]);
}

std::optional<std::string> torque(const CarCard& car, const Adjuster& d) {
    auto out = car.torque_of(adjuster(d));
    // A card is written in one language and read in another.
    if (d.kind == steering_rod_kind)
        for (const char* nut : {"tie rod locknut", "track rod locknut", "Spurstange Kontermutter"})
            if (!out) out = car.torque_of(nut);
    return out;
}
std::string nut_on_card(const Adjuster& d) {
    return d.kind == steering_rod_kind ? tr("tie rod locknut") : adjuster(d);
}

namespace {
std::string said(const Adjuster& d, const char* KindWords::*what) {
    const AdjusterKind* kind = adjuster_kind(d.kind);
    const char* text = kind ? kind->words(d).*what : nullptr;
    return text ? tr(text) : std::string();
}
}  // namespace

std::string why_this_way(const Adjuster& d, bool more) {
    const AdjusterKind* kind = adjuster_kind(d.kind);
    return kind ? tr(kind->why(d, more)) : std::string();
}
std::string at_edge(const PlannedTurn& turn) {
    const char* whose =
        turn.about == Measure::caster
            ? TR_NOOP("The {0}'s caster lies too near its edge to be called inside: turned to the middle.")
            : TR_NOOP("The {0}'s camber lies too near its edge to be called inside: turned to the middle.");
    return fill(whose, {wheel(turn.wheel)});
}
std::string loosen(const Adjuster& d) {
    return said(d, &KindWords::loosen);
}
std::string lock_shift(const LockShift& l, const Show& how) {
    // What does not stand out of its own doubt is no news, and nothing is aimed ahead of it.
    if (l.seen == 0 || abs(l.by) < l.sigma) return {};
    static constexpr const char* angles[] = {TR_NOOP("toe {0} ±{1}"), TR_NOOP("camber {0} ±{1}"),
                                             TR_NOOP("caster {0} ±{1}")};
    return fill(angles[index_of(l.angle)],
                {l.angle == WheelAngle::toe ? show_toe(l.by, how) : show(l.by, how),
                 show_plus_minus(l.sigma * k95, how)});
}
std::string locking(const Adjuster& d) {
    return said(d, &KindWords::locked);
}
std::string caution(const Adjuster& d, const CarCard& car) {
    const AdjusterKind* kind = adjuster_kind(d.kind);
    if (kind && kind->words(d).of_spring && car.no_springs) return {};
    return said(d, &KindWords::caution);
}
std::string wrenches(const Adjuster& a) {
    return a.wrench.empty() ? std::string() : fill(TR_NOOP("Wrenches: {0}."), {a.wrench});
}
std::string count_turns() {
    return tr("Tape round the rod, as a flag, counts the turns.");
}
std::string seen_from(const Adjuster& d) {
    const AdjusterKind* kind = adjuster_kind(d.kind);
    const bool left = side_of(wheel_of(d)) == Side::left;
    return kind ? fill(kind->words(d).seen_from, {tr(left ? TR_NOOP("left") : TR_NOOP("right"))})
                : std::string();
}
std::string turn_doubt(const TurnDoubt& doubt, const CarCard& car, const Show& how) {
    const auto by = [&](Angle change) {
        static constexpr const char* ways[3][2] = {
            {TR_NOOP("toed in by {0}"), TR_NOOP("toed out by {0}")},
            {TR_NOOP("leaned out by {0} at its top"), TR_NOOP("leaned in by {0} at its top")},
            {TR_NOOP("gained {0} of caster"), TR_NOOP("lost {0} of caster")}};
        return std::abs(change.deg()) < 0.03
                   ? tr("did not move")
                   : fill(ways[index_of(doubt.angle)][change.deg() > 0 ? 0 : 1], {show(abs(change), how)});
    };
    const Adjuster* device_there = car.device(doubt.adjuster);
    const auto fits = [&]() -> std::string {
        switch (doubt.what) {
            case OtherTurn::wrong_way:
                return tr("It would fit if it was turned the other way.");
            case OtherTurn::all_wrong_way:
                return tr("It would fit if all of this pass was turned the other way.");
            case OtherTurn::nothing:
                if (device_there) return tr("It would fit if nothing was changed there, or it slipped back.");
                return tr(
                    "It would fit if it did not turn at all: a seized thread, or a rod that turned in its "
                    "ends.");
            case OtherTurn::other_side:
                return device_there ? tr("It would fit if it was done on the other side instead.")
                                    : tr("It would fit if the rod of the other side was turned instead.");
            case OtherTurn::other_handle:
                return adjuster_kind(device_there ? device_there->kind : "") &&
                               adjuster_kind(device_there->kind)->is_stack()
                           ? tr("It would fit if front and rear bolt were swapped.")
                           : tr("It would fit if its two ways were swapped.");
            case OtherTurn::twice:
                return tr("It would fit if it was twice as much.");
            case OtherTurn::half:
                return tr("It would fit if it was half as much.");
            case OtherTurn::steering_moved:
                return tr(
                    "It would fit if the steering moved: both front wheels went the same way beside it.");
            case OtherTurn::misread:
                return tr("It would fit if a reading there is wrong: read it again.");
            case OtherTurn::unexplained:
                break;
        }
        return device_there
                   ? tr("None of the usual slips explains it: look at the adjuster, its bolts and the "
                        "readings.")
                   : tr("None of the usual slips explains it: look at the rod, its nut and the readings.");
    };
    const std::string what = adjuster(car, doubt.adjuster);
    const std::string should = std::abs(doubt.expected.deg()) < 0.03
                                   ? tr("the wheel should have stayed as it was")
                                   : fill(TR_NOOP("the wheel should have {0}"), {by(doubt.expected)});
    return fill(TR_NOOP("{0}: {1}, and {2}."), {what, should, by(doubt.happened)}) + " " + fits();
}

namespace {

std::string listed_adjusters(const std::vector<std::string>& ids, const CarCard& car) {
    std::string out;
    for (const std::string& id : ids) {
        if (!out.empty()) out += tr(", ");
        out += adjuster(car, id);
    }
    return out;
}

}  // namespace

std::string card_doubt(const CardDoubt& doubt, const CarCard& car) {
    const std::string what = listed_adjusters(doubt.adjusters, car);
    if (doubt.field == "response")
        return fill(
            doubt.times > 1.0
                ? TR_NOOP(
                      "{0}: a turn does several times what the card's figures make it, about {1} times: look "
                      "at its pitch, its arm, its eccentricity.")
                : TR_NOOP(
                      "{0}: a turn does much less than the card's figures make it, about {1} of it: look at "
                      "its pitch, its arm, its eccentricity."),
            {what, doubt.times > 1.0 ? show_fraction(doubt.times)
                                     : "1/" + std::to_string(std::lround(1.0 / doubt.times))});
    if (doubt.field == "rod") {
        if (doubt.unsaid)
            return fill(doubt.value == "ahead-of-axle"
                            ? TR_NOOP("{0}: by what turning it did, it runs ahead of the axle.")
                            : TR_NOOP("{0}: by what turning it did, it runs behind the axle."),
                        {what});
        return fill(
            doubt.value == "ahead-of-axle"
                ? TR_NOOP("{0}: the card says behind the axle; what turning it did says ahead of it.")
                : TR_NOOP("{0}: the card says ahead of the axle; what turning it did says behind it."),
            {what});
    }
    if (doubt.field == "pushes")
        return fill(TR_NOOP("{0}: by what moving them did, more of them push the arm the other way than the "
                            "card says."),
                    {what});
    if (doubt.field == "arm")
        return fill(TR_NOOP("{0}: by what turning it did, it is at the other arm than the card says."),
                    {what});
    if (doubt.field == "runs")
        return fill(
            TR_NOOP("{0}: by what turning it did, its body end lies on the other side of the axle than "
                    "the card says."),
            {what});
    return fill(
        doubt.value == "true"
            ? TR_NOOP("{0}: a turn does twice what one thread would: left- and right-hand thread, it seems.")
            : TR_NOOP("{0}: a turn does half of what two threads would: one thread, it seems."),
        {what});
}

std::string open_doubt(const CardDoubt& doubt, const CarCard& car) {
    return fill(
        TR_NOOP("{0}: a turn seems to do about {1} times what the card's figures make it. The next is "
                "planned by that, and shows more."),
        {listed_adjusters(doubt.adjusters, car), show_number(doubt.times, 1)});
}

std::string moved_along(const MovedAlong& m, const Show& how) {
    const char* angle = m.measure == Measure::toe      ? TR_NOOP("toe")
                        : m.measure == Measure::camber ? TR_NOOP("camber")
                                                       : TR_NOOP("caster");
    if (std::abs(m.by.deg()) <= 0.1)
        return fill(TR_NOOP("{0}: {1} may move along by up to {2}; nothing here aims at it."),
                    {to_begin(wheel(m.wheel)), tr(angle), show(abs(m.by) + m.sigma * k95, how)});
    return fill(m.by.deg() > 0 ? TR_NOOP("{0}: {1} moves along by {2} more; nothing here aims at it.")
                               : TR_NOOP("{0}: {1} moves along by {2} less; nothing here aims at it."),
                {to_begin(wheel(m.wheel)), tr(angle), show(abs(m.by), how)});
}

std::string wheel_moved_along(const Plan& plan, const CarCard& car) {
    if (plan.steering_before.known || plan.next != NextStep::turn) return {};
    const auto toe = [&](Wheel w) {
        const auto& change = plan.change[static_cast<std::size_t>(index_of(w))][index_of(WheelAngle::toe)];
        return change ? change->by.deg() : 0.0;
    };
    // It sits left by the ratio times thrust - (toe_FR - toe_FL) / 2.
    const double right = (toe(Wheel::front_right) - toe(Wheel::front_left)) / 2 -
                         (toe(Wheel::rear_right) - toe(Wheel::rear_left)) / 2,
                 by = right * car.steering_ratio.value_or(usual_steering_ratio);
    if (std::abs(by) < 0.45) return {};
    return fill(by > 0 ? TR_NOOP("Nothing that was read tells how the steering wheel sits. This moves it by "
                                 "about {0}° to the right: a drive tells.")
                       : TR_NOOP("Nothing that was read tells how the steering wheel sits. This moves it by "
                                 "about {0}° to the left: a drive tells."),
                {show_number(std::abs(by), 1)});
}

std::string look(const Look& l, const CarCard& car) {
    const std::string what = adjuster(car, l.adjuster);
    if (l.field == "bolt")
        return fill(
            TR_NOOP("{0}: look which of the two bolts at the strut is the one that moves, the upper or the "
                    "lower. They work opposite ways."),
            {what});
    if (l.field == "wheel")
        return fill(TR_NOOP("{0}: look which wheel's knuckle it is fixed to, left or right."), {what});
    if (l.field == "arm")
        return fill(TR_NOOP("{0}: look which arm it is at, the upper or the lower. They work opposite ways."),
                    {what});
    if (l.field == "runs")
        return fill(TR_NOOP("{0}: look under the car whether its body end lies ahead of the axle or behind "
                            "it. They work opposite ways."),
                    {what});
    if (l.field == "at")
        return fill(TR_NOOP("{0}: look where its thick side stands, 0° outward, 90° up, and write it on the "
                            "card. Which way it works hangs on that."),
                    {what});
    if (l.field == "pushes")
        return fill(TR_NOOP("{0}: look which way more of them push the arm, outward or inward."), {what});
    if (l.field == "thread")
        return fill(TR_NOOP("{0}: look which hand its thread has: a right-hand one screws in clockwise."),
                    {what});
    return fill(
        TR_NOOP("{0}: look under the car whether it runs ahead of the axle or behind it. They work opposite "
                "ways."),
        {what});
}

double sure_to(const Until& u) {
    return std::max(u.division, std::ceil(k95 * u.then_sigma / u.division - 1e-9) * u.division);
}

std::string one_step(const Until& u, const CarCard& car) {
    const Adjuster* a = car.adjuster(u.adjuster);
    const AdjusterKind* kind = a ? adjuster_kind(a->kind) : nullptr;
    if (!kind) return {};
    const Handle handle = kind->handles(*a).front();
    const std::string step = handle.unit == HandleUnit::turn ? show_turns(handle.step)
                             : handle.unit == HandleUnit::mm
                                 ? to_division(handle.step, QuantityKind::length, 0.1)
                                 : to_division(handle.step, QuantityKind::angle, 0.1);
    // Finer than the rule, so that a step that does not show at once is told.
    const bool inch = u.kind == QuantityKind::length && is_inch_division(u.division);
    const double fine = inch ? 25.4 / 64 : u.kind == QuantityKind::length ? 0.1 : 0.01;
    return fill(TR_NOOP("{0} moves it {1}"),
                {step, to_division(std::max(std::abs(u.per_step), inch ? fine : 0.0), u.kind, fine)});
}

std::string until(const Until& u, const CarCard& car) {
    const auto shown = [&](double v) { return to_division(v, u.kind, u.division); };
    std::string out =
        shown(u.stop) == shown(u.then)
            ? fill(TR_NOOP("{0}: stop at {1} ±{2}."), {spot(u.spot), shown(u.then), shown(sure_to(u))})
            : fill(TR_NOOP("{0}: stop at about {1}, shake it, and it shows {2} ±{3}."),
                   {spot(u.spot), shown(u.stop), shown(u.then), shown(sure_to(u))});
    if (u.now) out += ' ' + fill(TR_NOOP("Now {0}."), {shown(*u.now)});
    if (const std::string step = one_step(u, car); !step.empty()) out += ' ' + fill(TR_NOOP("{0}."), {step});
    return out;
}

std::string watch(const Watch& w, const CarCard& car, const Show& how) {
    const Adjuster* a = w.rest ? car.adjuster(w.rest->adjuster) : nullptr;
    const std::string rest = a ? device_amounts(*a, w.rest->turns, w.rest->second, how) : std::string();
    switch (w.says) {
        case Watching::there:
            return tr(w.shaken ? TR_NOOP("There: lock it.")
                               : TR_NOOP("There: shake it, read once more, lock it."));
        case Watching::wrong_way:
            return w.to_show.empty()
                       ? tr("It moved away: stop, the other way.")
                       : fill(TR_NOOP("It moved away: stop, the other way. It is to show {0}."), {w.to_show});
        case Watching::too_far:
        case Watching::more: {
            const bool back = w.says == Watching::too_far;
            if (rest.empty()) return fill(TR_NOOP("Go on, until it shows {0}."), {w.to_show});
            const auto alone = [&] {
                return fill(back ? TR_NOOP("Too far: back, {0}.") : TR_NOOP("Another {0}."), {rest});
            };
            if (!w.until) return alone();
            const Until& u = *w.until;
            const std::string stop = to_division(u.stop, u.kind, u.division),
                              then = to_division(u.then, u.kind, u.division);
            // It shows that already: what is left is less than its divisions.
            if (u.now && to_division(*u.now, u.kind, u.division) == stop) return alone();
            // A car may do more for a turn than its card says: the rule is what counts.
            if (stop == then)
                return fill(back ? TR_NOOP("Too far: back, {0}, until it shows {1}.")
                                 : TR_NOOP("Another {0}, until it shows {1}."),
                            {rest, then});
            return fill(back ? TR_NOOP("Too far: back, {0}, until it shows about {1}; shaken, {2}.")
                             : TR_NOOP("Another {0}, until it shows about {1}; shaken, {2}."),
                        {rest, stop, then});
        }
        case Watching::open:
            break;
    }
    return {};
}

std::string facts_that_settle(const std::vector<WheelFact>& facts) {
    const auto has = [&](WheelFact f) { return std::find(facts.begin(), facts.end(), f) != facts.end(); };
    if (has(WheelFact::rims) && has(WheelFact::same_wheels))
        return tr(TR_NOOP(
            "Nobody has looked whether the rims run true, or said whether all four wheels are alike: both "
            "told, it could be called."));
    if (has(WheelFact::rims))
        return tr(TR_NOOP("Nobody has looked whether the rims run true: if they do, it could be called."));
    if (has(WheelFact::same_wheels))
        return tr(
            TR_NOOP("Nobody has said whether all four wheels are alike: if they are, it could be called."));
    return {};
}

std::string as_far_as(const AsFarAs& far, const CarCard& car) {
    std::string left;
    for (const Target& t : far.left) {
        if (!left.empty()) left += tr(", ");
        left += measure_of(t);
    }
    std::string out =
        fill(TR_NOOP("This is as far as it goes. Not inside for certain: {0}; {1}. That all is inside "
                     "nevertheless: {2}."),
             {left, sentence(far.why, car), chance(far.truly_inside)});
    if (far.tool) out += " " + fill(TR_NOOP("A finer tool could call it: {0}."), {tool(far.tool->name)});
    return out;
}

std::string why_test_turn() {
    return tr(
        TR_NOOP("It is not known which way this works: turn so much, shake the wheel loose, read, and it is. "
                "If it went the wrong way, "
                "it is turned back."));
}

namespace {

std::string with_first(std::string s, int (*letter)(int)) {
    if (!s.empty()) s[0] = static_cast<char>(letter(static_cast<unsigned char>(s[0])));
    return s;
}

std::string shown(const Target& t, const KnownAngle& a, const Show& how) {
    const bool toe = t.measure == Measure::toe || t.measure == Measure::total_toe;
    return t.measure == Measure::thrust ? thrust(a, how) : toe ? show_toe(a.value, how) : show(a.value, how);
}

}  // namespace

std::string to_begin(std::string s) {
    return with_first(std::move(s), std::toupper);
}

std::string measure_of(const CarAngle& t) {
    std::string s = measure(t);
    if (const std::size_t comma = s.find(", "); comma != std::string::npos) s.erase(comma, 1);
    return s;
}

std::string unreachable(const Unreachable& what, const CarCard& car, const Show& how) {
    const bool reaches =
        what.why.code == Code::plan_out_of_range || what.why.code == Code::plan_steps_too_coarse;
    std::string out = to_begin(measure_of(what.target)) + ": " + sentence(what.why, car) + ".";
    if (what.best.known) {
        out +=
            " " + fill(reaches ? TR_NOOP("The nearest is {0} ±{1}.") : TR_NOOP("It comes out at {0} ±{1}."),
                       {shown(what.target, what.best, how), show_plus_minus(what.best.plus_minus(), how)});
    }
    for (const GivesWay& g : what.costs)
        out +=
            " " + fill(what.why.code == Code::plan_given_up
                           ? TR_NOOP("Having it would take {0} from {2} to {1}.")
                           : TR_NOOP("For it, {0} comes to {1} instead of {2}."),
                       {measure_of(g.target), shown(g.target, g.with, how), shown(g.target, g.without, how)});
    return out;
}

std::string without_reading(const Plan& plan, const Show& how) {
    if (good_enough_unread(plan))
        return fill(TR_NOOP("Good enough without reading (all inside: {0}). Read when there is time."),
                    {chance(plan.truly_inside)});
    const Verdict* worst = nullptr;
    for (const Verdict& v : plan.after)
        if (v.angle.known && v.target.has_tolerance &&
            (!worst ||
             probability_inside(v.angle, v.target) < probability_inside(worst->angle, worst->target)))
            worst = &v;
    if (!worst) return tr("Not good enough without reading: too little is known of this car.");
    return fill(
        TR_NOOP("Not good enough without reading (all inside: {0}). The {1} would come out at {2} ±{3}, "
                "and its target leaves ±{4}."),
        {chance(plan.truly_inside), measure_of(worst->target), shown(worst->target, worst->angle, how),
         show_plus_minus(worst->angle.plus_minus(), how), show_plus_minus(worst->target.half_band(), how)});
}

std::vector<std::string> shim_moves(const PlannedTurn& turn, const CarCard& car, const Show& how) {
    const auto place = [&](const ShimPlace& p) {
        if (p.in_tin()) return tr("tin");
        const Adjuster* d = car.device(p.adjuster);
        if (!d) return p.name();
        const std::string bolt = p.stack == "front"   ? tr("front bolt")
                                 : p.stack == "rear"  ? tr("rear bolt")
                                 : p.stack == "inner" ? tr("inner side of the arm")
                                 : p.stack == "outer" ? tr("outer side of the arm")
                                                      : tr("across both bolts");
        // Of its own corner that needs no saying.
        return p.adjuster == turn.adjuster ? bolt : fill(TR_NOOP("{0}, {1}"), {wheel(wheel_of(*d)), bolt});
    };
    std::vector<std::pair<std::pair<std::string, std::string>, std::string>> ways;
    for (const ShimMove& m : turn.shims) {
        const std::string what =
            m.shims.count == 1 ? thickness(m.shims.thickness, how)
                               : fill(TR_NOOP("{0} of {1}"),
                                      {std::to_string(m.shims.count), thickness(m.shims.thickness, how)});
        const std::pair way(place(m.from), place(m.to));
        const auto it = std::find_if(ways.begin(), ways.end(), [&](const auto& w) { return w.first == way; });
        if (it == ways.end())
            ways.emplace_back(way, what);
        else
            it->second = fill(TR_NOOP("{0}, {1}"), {it->second, what});
    }
    std::vector<std::string> out;
    for (const auto& [way, what] : ways)
        out.push_back(fill(TR_NOOP("{1} → {2}: {0}"), {what, way.first, way.second}));
    return out;
}

}  // namespace fairchalk::words
