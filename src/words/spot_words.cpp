// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/words.h"

#include <algorithm>
#include <cmath>

#include "words/words_inside.h"

namespace fairchalk::words {

std::string spot_short(const Spot& s) {
    if (s.swept != Swept::straight && s.kind != ReadingKind::camber) {
        Spot straight = s;
        straight.swept = Swept::straight;
        return fill(s.swept == Swept::out ? TR_NOOP("{0}, turned out") : TR_NOOP("{0}, turned in"),
                    {spot_short(straight)});
    }
    if (s.rolled && s.axle) {
        Spot there = s;
        there.rolled = false;
        return fill(TR_NOOP("{0}, a quarter turn on"), {spot_short(there)});
    }
    switch (s.kind) {
        case ReadingKind::hub:
            return tr(TR_NOOP("hub"));
        case ReadingKind::rim_front:
            return tr(s.rolled ? TR_NOOP("front lip, half a turn on") : TR_NOOP("front lip"));
        case ReadingKind::rim_rear:
            return tr(s.rolled ? TR_NOOP("back lip, half a turn on") : TR_NOOP("back lip"));
        case ReadingKind::string_to_string:
            return tr(s.axle == Axle::front ? TR_NOOP("front bar") : TR_NOOP("rear bar"));
        case ReadingKind::hub_width:
            return tr(TR_NOOP("width over the hubs"));
        case ReadingKind::camber:
            return tr(s.rolled                ? TR_NOOP("camber, half a turn on")
                      : s.swept == Swept::out ? TR_NOOP("camber, turned out")
                      : s.swept == Swept::in  ? TR_NOOP("camber, turned in")
                                              : TR_NOOP("camber"));
        case ReadingKind::floor_line:
            return tr(TR_NOOP("floor up to the line"));
        case ReadingKind::ride_height:
            return tr(TR_NOOP("ride height"));
        case ReadingKind::pressure:
            return tr(TR_NOOP("pressure"));
        case ReadingKind::rod_length:
            return tr(TR_NOOP("rod length"));
        case ReadingKind::thread_exposed:
            return tr(TR_NOOP("thread that shows"));
        case ReadingKind::rim_runout:
            return tr(s.rolled ? TR_NOOP("lip, half a turn on") : TR_NOOP("lip, to the stand"));
        case ReadingKind::tire_bulge:
            return tr(s.rolled ? TR_NOOP("tire, a quarter turn on") : TR_NOOP("tire, to the stand"));
        case ReadingKind::steering_wheel:
            return tr(TR_NOOP("steering wheel off level"));
        case ReadingKind::lock_to_lock:
            return tr(TR_NOOP("turns from lock to lock"));
        case ReadingKind::steering_play:
            return tr(s.side == Side::left ? TR_NOOP("takes up to the left at")
                                           : TR_NOOP("takes up to the right at"));
        case ReadingKind::boards_front:
            return tr(TR_NOOP("tape in front"));
        case ReadingKind::boards_rear:
            return tr(TR_NOOP("tape behind"));
        case ReadingKind::stud_bar_front:
            return tr(TR_NOOP("tape in front, on the bars"));
        case ReadingKind::stud_bar_rear:
            return tr(TR_NOOP("tape behind, on the bars"));
        case ReadingKind::tread_front:
            return tr(TR_NOOP("tread to tread, in front"));
        case ReadingKind::tread_rear:
            return tr(TR_NOOP("tread to tread, behind"));
        case ReadingKind::tape_difference:
            return tr(TR_NOOP("front tape less rear tape"));
        case ReadingKind::toe_angle:
            return tr(TR_NOOP("total toe by the gauge"));
        case ReadingKind::centreline_to_string:
            return fill(s.side == Side::left ? TR_NOOP("center to left string at {0}")
                                             : TR_NOOP("center to right string at {0}"),
                        {show(s.station.value_or(Length()))});
        case ReadingKind::straightedge_front:
            return tr(TR_NOOP("straightedge to front lip"));
        case ReadingKind::straightedge_rear:
            return tr(TR_NOOP("straightedge to back lip"));
        case ReadingKind::arm_jig:
            return tr(TR_NOOP("string on the inner arm"));
        case ReadingKind::string_height:
            return fill(s.side == Side::left ? TR_NOOP("left string's height at {0}")
                                             : TR_NOOP("right string's height at {0}"),
                        {show(s.station.value_or(Length()))});
        case ReadingKind::camber_gap:
            return tr(s.rolled ? TR_NOOP("gap at the level, half a turn on") : TR_NOOP("gap at the level"));
        case ReadingKind::camber_reversed:
            return tr(TR_NOOP("camber, gauge end for end"));
        case ReadingKind::camber_plumb_upper:
            return tr(s.rolled ? TR_NOOP("plumb line to upper lip, half a turn on")
                               : TR_NOOP("plumb line to upper lip"));
        case ReadingKind::camber_plumb_lower:
            return tr(s.rolled ? TR_NOOP("plumb line to lower lip, half a turn on")
                               : TR_NOOP("plumb line to lower lip"));
        case ReadingKind::camber_swing:
            return tr(TR_NOOP("gauge after the sweep"));
        case ReadingKind::caster:
            return tr(TR_NOOP("caster on the gauge's scale"));
        case ReadingKind::axis_offset:
            return tr(TR_NOOP("upper pivot behind lower"));
        default:
            return std::string(info_of(s.kind).name);
    }
}

std::string how_to_read(const Spot& s) {
    const std::string at = s.wheel ? wheel(*s.wheel) : s.axle ? axle(*s.axle) : std::string();
    if (s.swept != Swept::straight) {
        if (s.kind == ReadingKind::camber)
            return fill(
                s.swept == Swept::out
                    ? TR_NOOP("Turn the {0} wheel's front outward to its mark, brake held, and read camber.")
                    : TR_NOOP("Turn the {0} wheel's front inward to its mark, brake held, and read camber."),
                {at});
        Spot there = s;
        there.swept = Swept::straight;
        return fill(s.swept == Swept::out
                        ? TR_NOOP("The {0} wheel's front turned outward to its mark, brake held.")
                        : TR_NOOP("The {0} wheel's front turned inward to its mark, brake held."),
                    {at}) +
               ' ' + how_to_read(there);
    }
    if (s.rolled && s.axle) {
        Spot there = s;
        there.rolled = false;
        return tr(TR_NOOP("Both wheels rolled a quarter of a turn on.")) + ' ' + how_to_read(there);
    }
    switch (s.kind) {
        case ReadingKind::string_to_string:
            return fill(TR_NOOP("Measure from string to string along the {0}, square across the car."),
                        {spot_short(s)});
        case ReadingKind::boards_front:
        case ReadingKind::boards_rear:
            return fill(
                s.kind == ReadingKind::boards_front
                    ? TR_NOOP("Tape from slot to slot in front of the {0}'s wheels, pulled tight, the same "
                              "edge of both slots.")
                    : TR_NOOP("Tape from slot to slot behind the {0}'s wheels, pulled tight, the same edge "
                              "of both slots."),
                {at});
        case ReadingKind::stud_bar_front:
        case ReadingKind::stud_bar_rear:
            return fill(TR_NOOP("Tape from bar to bar of the {0}, from the same nick on both."), {at});
        case ReadingKind::tread_front:
        case ReadingKind::tread_rear:
            return fill(
                TR_NOOP("Tape from line to line on the treads of the {0}, as high in front as behind."),
                {at});
        case ReadingKind::tape_difference:
            return fill(
                TR_NOOP("How much more the front tape of the {0} shows than the rear one; less is minus."),
                {at});
        case ReadingKind::toe_angle:
            return fill(TR_NOOP("Total toe of the {0} as the gauge shows it, with in or out: 12' in."), {at});
        case ReadingKind::hub_width:
            return fill(TR_NOOP("Over both hub faces of the {0}, square across the car."), {at});
        case ReadingKind::centreline_to_string:
            return tr(TR_NOOP("From the center string square out to the outer one, at the chassis mark."));
        case ReadingKind::straightedge_front:
            return fill(
                TR_NOOP("From the straightedge to the front lip of the {0} wheel, square to the bar."), {at});
        case ReadingKind::straightedge_rear:
            return fill(TR_NOOP("From the straightedge to the back lip of the {0} wheel, square to the bar."),
                        {at});
        case ReadingKind::arm_jig:
            return fill(
                TR_NOOP("On the inner arm of the {0} wheel, from the rim to where the string crosses."),
                {at});
        case ReadingKind::string_height:
            return tr(TR_NOOP(
                "How far the string is above hub height there; below is minus. With camber it matters."));
        case ReadingKind::camber:
            return fill(
                s.rolled
                    ? TR_NOOP("Roll half a turn of the {0} wheel on, and read camber again on the same lips.")
                    : TR_NOOP("Gauge upright through the hub of the {0} wheel, on both lips, level along the "
                              "car."),
                {at});
        case ReadingKind::camber_reversed:
            return fill(
                TR_NOOP(
                    "Turn the gauge end for end on the same lips of the {0} wheel, and type what it shows."),
                {at});
        case ReadingKind::camber_gap:
            return fill(
                TR_NOOP("Level upright against the {0} wheel: the gap at the lip it does not touch, and "
                        "which way the top leans."),
                {at});
        case ReadingKind::camber_plumb_upper:
            return fill(TR_NOOP("From the plumb line in to the upper lip of the {0} wheel."), {at});
        case ReadingKind::camber_plumb_lower:
            return fill(TR_NOOP("From the plumb line in to the lower lip of the {0} wheel."), {at});
        case ReadingKind::camber_swing:
            return fill(
                TR_NOOP("Turn the {0} wheel out, zero the gauge, turn it in as far, brake held, and read "
                        "the gauge."),
                {at});
        case ReadingKind::caster:
            return fill(TR_NOOP("Turn the {0} wheel out, zero the gauge's bubble, turn it in, and read its "
                                "caster scale."),
                        {at});
        case ReadingKind::axis_offset:
            return fill(
                TR_NOOP(
                    "How far the upper pivot of the {0} upright lies behind the lower one; ahead is minus."),
                {at});
        default:
            return fill(
                TR_NOOP("Hold the rule's zero end on the {0} of the {1} wheel, square to the string, and "
                        "read it where "
                        "the string crosses."),
                {spot_short(s), at});
    }
}

std::string reference(Reference r) {
    switch (r) {
        case Reference::centreline:
            return tr(TR_NOOP("the car's centerline"));
        case Reference::chassis_marks:
            return tr(TR_NOOP("the chassis marks"));
        case Reference::same_side_rear:
            return tr(TR_NOOP("the rear wheel of the same side"));
        case Reference::none:
            return tr(TR_NOOP("nothing: it is the axle's total"));
        case Reference::gravity:
            return tr(TR_NOOP("gravity"));
    }
    return {};
}

std::string size(std::string_view field) {
    if (field == "board_span") return tr(TR_NOOP("slot to slot of a toe board"));
    if (field == "stud_span") return tr(TR_NOOP("point to point of a stud bar"));
    if (field == "tread_span") return tr(TR_NOOP("front to back place on the tread"));
    if (field == "gap_height") return tr(TR_NOOP("lip to lip, height for the gap"));
    if (field == "plumb_height") return tr(TR_NOOP("lip to lip, height on the plumb line"));
    if (field == "mark") return tr(TR_NOOP("string's mark on the outer arm"));
    if (field == "arm_span") return tr(TR_NOOP("between both arms of a wheel"));
    if (field == "axis_height") return tr(TR_NOOP("upper to lower pivot, height"));
    return std::string(field);
}

std::string tool(std::string_view name) {
    std::string out(name);
    if (out == "steel-rule-mm") return tr(TR_NOOP("rule in mm"));
    if (out == "digital-angle-gauge") return tr(TR_NOOP("digital gauge"));
    if (out == "spirit-level-gap") return tr(TR_NOOP("level and rule"));
    if (out == "steel-rule-inch") return tr(TR_NOOP("rule in 64ths"));
    std::replace(out.begin(), out.end(), '-', ' ');
    return out;
}

std::string spot(const Spot& s) {
    if (s.kind == ReadingKind::string_to_string)
        return tr(s.axle == Axle::front ? TR_NOOP("front bar, string to string")
                                        : TR_NOOP("rear bar, string to string"));
    if (s.wheel && s.to) return fill(TR_NOOP("from {0} to {1}"), {wheel(*s.wheel), wheel(*s.to)});
    if (s.wheel) return wheel(*s.wheel) + ", " + spot_short(s);
    if (s.axle) return axle(*s.axle) + ", " + spot_short(s);
    return spot_short(s);
}

}  // namespace fairchalk::words
