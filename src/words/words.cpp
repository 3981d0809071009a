// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/words.h"

#include <algorithm>
#include <cmath>

#include "words/words_inside.h"

namespace fairchalk::words {
namespace {

Translate translator;

}  // namespace

std::string tr(const char* source) {
    return translator ? translator(source) : std::string(source);
}

void set_translator(Translate translate) {
    translator = std::move(translate);
}

std::string fill(const char* source, const std::vector<std::string>& args) {
    const std::string text = tr(source);
    std::string out;
    for (std::size_t i = 0; i < text.size(); ++i) {
        if (text[i] == '{' && i + 2 < text.size() && text[i + 2] == '}' && text[i + 1] >= '0' &&
            text[i + 1] <= '9') {
            const std::size_t n = static_cast<std::size_t>(text[i + 1] - '0');
            if (n < args.size()) out += args[n];
            i += 2;
        } else {
            out += text[i];
        }
    }
    return out;
}

const char* source_text(Code code) {
    switch (code) {
        case Code::none:
            return TR_NOOP("");
        // {0} typed, {1} where it stopped, {2} {3} legal examples, {4}… extra
        case Code::text_empty:
            return TR_NOOP("Nothing was typed. Write it like {2} or {3}.");
        case Code::text_too_long:
            return TR_NOOP("“{0}” is too long to be one reading. Write it like {2} or {3}.");
        case Code::text_not_understood:
            return TR_NOOP("“{0}”: not understood from “{1}” on. Write it like {2} or {3}.");
        case Code::text_total_of_wheel:
            return TR_NOOP(
                "“{0}” is a total, and one wheel's own toe belongs here: without “total”, or at the axle.");
        case Code::text_unit_missing:
            return TR_NOOP("“{0}”: “{1}” has no unit. Write it like {2} or {3}.");
        case Code::text_two_quantities:
            return TR_NOOP(
                "“{0}”: “{1}” is a second quantity. Join two with “and” or “less”, or write one, like {2} or "
                "{3}.");
        case Code::text_thousands_or_decimal:
            return TR_NOOP("“{0}”: “{1}” could be {4} or {5}. Write the one you mean.");
        case Code::text_exponent:
            return TR_NOOP("“{0}”: stopped at “{1}”, powers of ten are not read. Write it like {2} or {3}.");
        case Code::text_bad_fraction:
            return TR_NOOP(
                "“{0}”: “{1}” is no fraction of a rule (halves to 64ths, less than one after a whole "
                "number). Write it like {2} or {3}.");
        case Code::text_minutes_from_60:
            return TR_NOOP("“{0}”: “{1}” is 60 or more after a larger part. Write it like 0°12' or 1.4 deg.");
        case Code::text_inches_from_12:
            return TR_NOOP(
                "“{0}”: “{1}” is 12 inches or more after feet. Write it like 5' 8 1/2\" or 68 1/2 in.");
        case Code::text_fraction_before_part:
            return TR_NOOP(
                "“{0}”: “{1}” comes after a number that already has decimals or a fraction. Write it like "
                "{2} or {3}.");
        case Code::text_sign_and_word:
            return TR_NOOP(
                "“{0}”: a sign and “{1}” together can mean two things. Use one of them, like {2} or {3}.");
        case Code::text_word_twice:
            return TR_NOOP("“{0}”: “{1}” is one word too many. Write it like {2} strong, or {3} out.");
        case Code::text_word_on_wrong_kind:
            return TR_NOOP("“{0}”: “{1}” says toe, and this is not toe. Write it like {2} or {3}.");
        case Code::text_mixed_kinds:
            return TR_NOOP(
                "“{0}”: “{1}” is of another kind than what comes before it. Write it like {2} or {3}.");
        case Code::text_dash_or_minus:
            return TR_NOOP("“{0}”: this could be {4} or {5}. Write the one you mean.");
        case Code::text_inch_mark_with_word:
            return TR_NOOP(
                "“{0}”: the mark at “{1}” would be seconds of arc here. For inches write 1/8 in in, for an "
                "angle 12 min in.");
        case Code::text_too_large:
            return TR_NOOP("“{0}” is beyond {4}. Write it like {2} or {3}.");
        case Code::text_wanted_length:
            return TR_NOOP("“{0}” is not a length, and a length belongs here, like 2 9/16 in or 65.1 mm.");
        case Code::text_wanted_angle:
            return TR_NOOP("“{0}” is not an angle, and an angle belongs here, like 0°12' or 0.2 deg.");
        case Code::text_wanted_turns:
            return TR_NOOP("“{0}” is not an amount of turn, and one belongs here, like 7/8 turn or 2 flats.");
        case Code::text_wanted_pressure:
            return TR_NOOP("“{0}” is not a pressure, and a pressure belongs here, like 2.2 bar or 32 psi.");
        case Code::text_wanted_torque:
            return TR_NOOP("“{0}” is not a torque, and a torque belongs here, like 55 Nm or 40 lb ft.");
        case Code::doubt_impossible:
            return TR_NOOP("“{0}” for {3}? Usual is {1}. Perhaps {2}?");
        case Code::doubt_not_usual:
            return TR_NOOP("“{0}” for {3}? Usual is {1}.");
        case Code::doubt_negative:
            return TR_NOOP("“{0}” is below zero for {3}. Usual is {1}.");
        case Code::floor_needs:
            return TR_NOOP("not all four spots are tied together yet");
        case Code::floor_sign_swapped:
            return TR_NOOP(
                "with its rise turned round the chain closes: likely the high end was taken for the low");
        case Code::floor_stands_out:
            return TR_NOOP("it stands out from all the others");
        case Code::floor_longest:
            return TR_NOOP(
                "one check for all four can't tell them apart; this is the leg that is read least well");
        case Code::corner_low:
            return TR_NOOP("{0}: {1} lower than the card says (tolerance {2})");
        case Code::corner_high:
            return TR_NOOP("{0}: {1} higher than the card says (tolerance {2})");
        case Code::corner_sides_differ:
            return TR_NOOP("{0}: left and right differ by {1} more than they should (tolerance {2})");
        case Code::corner_axles_differ:
            return TR_NOOP("{0} low against the other axle by {1} (tolerance {2})");
        case Code::wheel_needs_rods:
            return TR_NOOP(
                "there is no pair of front tie rods on the car's card: with one tube for both wheels, the "
                "drag "
                "link sets the steering wheel");
        case Code::wheel_needs_direction:
            return TR_NOOP(
                "say on the car's card whether the rod {0} runs ahead of or behind the axle: which way to "
                "turn "
                "hangs on it");
        case Code::wheel_straight:
            return TR_NOOP("the steering wheel is as straight as it will get");
        case Code::wheel_large:
            return TR_NOOP(
                "{0} is more than wear or a rod does: was the wheel refitted on its shaft, or is something "
                "bent? "
                "Look at that first");
        case Code::wheel_nothing_said:
            return TR_NOOP(
                "say how the wheel sits on a straight road, or which way the car drifts with it held level");
        case Code::text_span_missing:
            return TR_NOOP(
                "“{0}” is a length: toe as a length needs the span it is stated over, like 416 mm.");
        case Code::text_must_be_positive:
            return TR_NOOP("“{0}” must be more than zero, like {2} or {3}.");
        case Code::why_no_readings:
            return TR_NOOP("nothing has been read that tells it");
        case Code::why_needs_spots:
            return TR_NOOP("still to read: {0}");
        case Code::why_needs_wheelbase:
            return TR_NOOP("the car's wheelbase is not given");
        case Code::why_needs_rim_span:
            return TR_NOOP("the rim span of the {0} axle is not given");
        case Code::why_needs_bar:
            return TR_NOOP("it is not given where the {0} bar stands");
        case Code::why_not_solved_yet:
            return TR_NOOP("readings of the kind {0} are kept, but this version does not use them yet");
        case Code::why_no_solution:
            return TR_NOOP("the readings do not fit together on any car: look for a wrong unit");
        case Code::why_too_vague:
            return TR_NOOP("known to worse than 3 degrees only");
        case Code::why_steering_free:
            return TR_NOOP("the steering was not held: only the total is known");
        case Code::why_needs_sizes:
            return TR_NOOP("the {0} of this rig is not given");
        case Code::why_needs_camber:
            return TR_NOOP("the height of a string tells nothing until the camber beside it is read");
        case Code::why_rear_not_steered:
            return TR_NOOP("a rear wheel is not turned for a caster sweep");
        case Code::tool_lean_too_small:
            return TR_NOOP("the two readings hardly differ: lean it by a degree or more");
        case Code::gauge_checksum_wrong:
            return TR_NOOP("the gauge's line \"{0}\" came damaged: its checksum does not fit");
        case Code::gauge_line_not_understood:
            return TR_NOOP(
                "the gauge's line \"{0}\" is not understood from \"{1}\"; right would be like: FC1 17 -1.25 "
                "deg stable send *9C3E");
        case Code::link_too_short:
            return TR_NOOP("out of reach: {0} is too short by {1}");
        case Code::link_too_long:
            return TR_NOOP("out of reach: {0} is too long by {1}");
        case Code::links_do_not_hold:
            return TR_NOOP("these points do not hold the wheel of a {0} corner: two links fall on one line");
        case Code::plan_no_adjuster:
            return TR_NOOP("no adjuster");
        case Code::plan_way_unknown:
            return TR_NOOP("which way {0} works is not known yet: a test turn or a look tells");
        case Code::plan_pitch_unknown:
            return TR_NOOP("give the thread pitch of the rod {0}");
        case Code::plan_out_of_range:
            return TR_NOOP("beyond the reach of {0}");
        case Code::plan_steps_too_coarse:
            return TR_NOOP("one step of {0} is more than what is left to turn");
        case Code::plan_left_out:
            return TR_NOOP("left out of this plan");
        case Code::plan_given_up:
            return TR_NOOP("it can't be had beside the rest, and is left for it");
        case Code::plan_unknown_angle:
            return TR_NOOP("{0} has not been measured");
        case Code::plan_sides_alike:
            return TR_NOOP("a total is set on both sides alike, and {0} may not be touched");
        case Code::plan_nothing_gained:
            return TR_NOOP("what there is to turn does not bring it nearer");
        case Code::plan_same_again:
            return TR_NOOP("the same turn was made already, and did not bring it in");
        case Code::plan_too_coarse_to_call:
            return TR_NOOP(
                "it lies too near an edge for these readings, and neither turning nor reading on tells");
        case Code::again_large_turn:
            return TR_NOOP("more than four turns of {0} is more than is usual: first read its spots again");
        case Code::again_thread:
            return TR_NOOP(
                "more than four turns of {0}: first measure the thread that shows, so that enough of it "
                "stays engaged");
        case Code::again_large_angle:
            return TR_NOOP("more than 2° at once is more than is usual: first read its spots again");
        case Code::again_unchecked:
            return TR_NOOP("inside, but it hangs on readings that nothing checks: read them a second time");
        case Code::again_contradicts:
            return TR_NOOP("readings contradict each other: read these again before anything is turned");
        case Code::again_doubted:
            return TR_NOOP("the last turn did not do what is written: read these again");
        case Code::job_missing:
            return TR_NOOP("“{0}” is missing");
        case Code::job_wrong_type:
            return TR_NOOP("found {0}, and {1} belongs here");
        case Code::job_unknown_word:
            return TR_NOOP("“{0}” is not known here; known are {1}");
        case Code::job_no_such_round:
            return TR_NOOP("there is no round {0}; the job has {1}, counted from 0");
        case Code::job_no_such_adjuster:
            return TR_NOOP("there is no adjuster “{0}” on the car's card");
        case Code::job_duplicate_id:
            return TR_NOOP("the id “{0}” is used twice");
        case Code::job_no_such_entry:
            return TR_NOOP("there is no entry “{0}” before this one");
        case Code::job_too_deep:
            return TR_NOOP("nested deeper than {0} levels, which no job is");
        case Code::job_not_json:
            return TR_NOOP("not JSON at byte {0}: {1}");
        case Code::job_not_a_job:
            return TR_NOOP("this says format {0}; a job file says “fairchalk-job”");
        case Code::job_newer:
            return TR_NOOP("written by a newer version ({0}); this program reads version {1}");
        case Code::job_too_big:
            return TR_NOOP("{0} bytes is more than a job file can be");
        case Code::job_cannot_read:
            return TR_NOOP("can't be read: {1}");
        case Code::job_two_forms:
            return TR_NOOP("has both “log” and “rounds”; a job file has one of them");
        case Code::job_duplicate_key:
            return TR_NOOP("the name “{0}” stands twice in one place");
        case Code::job_out_of_reach:
            return TR_NOOP("“{0}” is longer than its span of {1}");
    }
    return "";
}

std::string sentence(const Message& m) {
    std::vector<std::string> args = m.args;
    // Places stand in messages under their names of the job file.
    if (m.code == Code::corner_low || m.code == Code::corner_high || m.code == Code::corner_sides_differ ||
        m.code == Code::corner_axles_differ) {
        if (const auto w = wheel_named(args[0]))
            args[0] = wheel(*w);
        else if (const auto a = axle_named(args[0]))
            args[0] = axle(*a);
    }
    return fill(source_text(m.code), args);
}

std::string happening(Happening h) {
    switch (h) {
        case Happening::jacked:
            return tr(TR_NOOP("jacked"));
        case Happening::strings_moved:
            return tr(TR_NOOP("strings moved"));
        case Happening::settled:
            return tr(TR_NOOP("settled"));
        case Happening::rolled:
            return tr(TR_NOOP("rolled"));
        case Happening::bounced:
            return tr(TR_NOOP("bounced"));
        case Happening::steering_moved:
            return tr(TR_NOOP("steering moved"));
        case Happening::locked:
            return tr(TR_NOOP("locked"));
        case Happening::pressures_changed:
            return tr(TR_NOOP("pressures changed"));
        case Happening::load_changed:
            return tr(TR_NOOP("load changed"));
        case Happening::turned_toe:
        case Happening::turned_device:
        case Happening::turned_other:
            return tr(TR_NOOP("turned"));
        case Happening::tiles_placed:
            return tr(TR_NOOP("tiles laid"));
    }
    return {};
}

std::string check_state(CheckState s) {
    switch (s) {
        case CheckState::open:
            return tr(TR_NOOP("to look at"));
        case CheckState::good:
            return tr(TR_NOOP("good"));
        case CheckState::failed:
            return tr(TR_NOOP("failed"));
        case CheckState::not_applicable:
            return tr(TR_NOOP("not on this car"));
    }
    return {};
}

std::string part_state(PartState s) {
    switch (s) {
        case PartState::loosened:
            return tr(TR_NOOP("loosened"));
        case PartState::removed:
            return tr(TR_NOOP("taken off"));
        case PartState::provisional:
            return tr(TR_NOOP("for now only"));
        case PartState::refitted:
            return tr(TR_NOOP("refitted and tightened"));
    }
    return {};
}

std::string suspension(Suspension s) {
    switch (s) {
        case Suspension::unknown:
            return tr(TR_NOOP("not said"));
        case Suspension::double_wishbone:
            return tr(TR_NOOP("double wishbone"));
        case Suspension::strut:
            return tr(TR_NOOP("strut"));
        case Suspension::beam:
            return tr(TR_NOOP("beam axle"));
        case Suspension::trailing_arm:
            return tr(TR_NOOP("trailing arm"));
        case Suspension::semi_trailing:
            return tr(TR_NOOP("semi-trailing arm"));
        case Suspension::multi_link:
            return tr(TR_NOOP("multi-link"));
    }
    return {};
}

std::string wheel_off(Angle off, const Show& how) {
    const std::string amount = show(abs(off), how);
    if (std::abs(off.deg()) < 0.05) return tr(TR_NOOP("straight"));
    return fill(off.deg() > 0 ? TR_NOOP("{0} to the right") : TR_NOOP("{0} to the left"), {amount});
}

std::string wheel(Wheel w) {
    switch (w) {
        case Wheel::front_left:
            return tr(TR_NOOP("left front"));
        case Wheel::front_right:
            return tr(TR_NOOP("right front"));
        case Wheel::rear_left:
            return tr(TR_NOOP("left rear"));
        case Wheel::rear_right:
            return tr(TR_NOOP("right rear"));
    }
    return {};
}

std::string axle(Axle a) {
    return tr(a == Axle::front ? TR_NOOP("front axle") : TR_NOOP("rear axle"));
}

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

std::string measure(const Target& t) {
    const auto what = [&] {
        switch (t.measure) {
            case Measure::total_toe:
                return tr(TR_NOOP("total toe"));
            case Measure::toe:
                return tr(TR_NOOP("toe"));
            case Measure::camber:
                return tr(TR_NOOP("camber"));
            case Measure::caster:
                return tr(TR_NOOP("caster"));
            case Measure::cross_camber:
                return tr(TR_NOOP("camber, left less right"));
            case Measure::cross_caster:
                return tr(TR_NOOP("caster, left less right"));
            case Measure::thrust:
                return tr(TR_NOOP("thrust line"));
        }
        return std::string();
    }();
    if (const Axle* a = std::get_if<Axle>(&t.where)) return axle(*a) + ", " + what;
    if (const Wheel* w = std::get_if<Wheel>(&t.where)) return wheel(*w) + ", " + what;
    return what;
}

std::string rod(const Rod& r) {
    const bool left = side_of(r.wheel) == Side::left;
    if (r.toe_link) return tr(left ? TR_NOOP("Left rear toe link") : TR_NOOP("Right rear toe link"));
    if (axle_of(r.wheel) == Axle::rear)
        return tr(left ? TR_NOOP("Left rear tie rod") : TR_NOOP("Right rear tie rod"));
    return tr(left ? TR_NOOP("Left tie rod") : TR_NOOP("Right tie rod"));
}

std::string way(bool longer) {
    return tr(longer ? TR_NOOP("longer") : TR_NOOP("shorter"));
}

std::string amount_in_words(double turns) {
    const double t = std::abs(turns);
    const long eighths = std::lround(t * 8);
    if (std::abs(t * 8 - static_cast<double>(eighths)) > 1e-6 || eighths == 0) return show_turns(t);
    const long whole = eighths / 8;
    const auto part = [&]() -> std::string {
        switch (eighths % 8) {
            case 1:
                return tr(TR_NOOP("one eighth"));
            case 2:
                return tr(TR_NOOP("one quarter"));
            case 3:
                return tr(TR_NOOP("three eighths"));
            case 4:
                return tr(TR_NOOP("one half"));
            case 5:
                return tr(TR_NOOP("five eighths"));
            case 6:
                return tr(TR_NOOP("three quarters"));
            case 7:
                return tr(TR_NOOP("seven eighths"));
            default:
                return "";
        }
    }();
    if (whole == 0) return fill(TR_NOOP("{0} of a turn"), {part});
    if (part.empty())
        return whole == 1 ? tr(TR_NOOP("one whole turn"))
                          : fill(TR_NOOP("{0} whole turns"), {std::to_string(whole)});
    return whole == 1 ? fill(TR_NOOP("one turn and {0}"), {part})
                      : fill(TR_NOOP("{0} turns and {1}"), {std::to_string(whole), part});
}

std::string flats(double turns) {
    const double f = std::abs(turns) * 6;
    const long quarters = std::lround(f * 4);
    const std::string text = show_fraction(static_cast<double>(quarters) / 4);
    return quarters == 4 ? fill(TR_NOOP("{0} flat of the hexagon"), {text})
                         : fill(TR_NOOP("{0} flats of the hexagon"), {text});
}

std::string thrust(const KnownAngle& a, const Show& how) {
    const std::string amount = show(abs(a.value), how);
    if (std::abs(a.value.deg()) < 0.5 / 60) return fill(TR_NOOP("{0}, straight"), {amount});
    return fill(a.value.deg() > 0 ? TR_NOOP("{0} to the left") : TR_NOOP("{0} to the right"), {amount});
}

std::string call(Call c) {
    switch (c) {
        case Call::inside:
            return tr(TR_NOOP("inside"));
        case Call::outside:
            return tr(TR_NOOP("outside"));
        case Call::too_close:
            return tr(TR_NOOP("too close to call"));
        case Call::unknown:
            return tr(TR_NOOP("not known yet"));
    }
    return {};
}

std::string slip(Slip s) {
    switch (s) {
        case Slip::front_rear_swapped:
            return tr(TR_NOOP("front and back were swapped"));
        case Slip::left_right_swapped:
            return tr(TR_NOOP("left and right were swapped"));
        case Slip::one_division:
            return tr(TR_NOOP("it is one division off"));
        case Slip::an_inch:
            return tr(TR_NOOP("it is an inch off"));
        case Slip::ten_mm:
            return tr(TR_NOOP("it is 10 mm off"));
        case Slip::digits_transposed:
            return tr(TR_NOOP("two digits changed places"));
        case Slip::wrong_unit:
            return tr(TR_NOOP("it is in another unit"));
        case Slip::wrong_side:
            return tr(TR_NOOP("it was read from the other side"));
    }
    return {};
}

std::string stage(Stage s) {
    switch (s) {
        case Stage::ask:
            return tr(TR_NOOP("Ask"));
        case Stage::check_over:
            return tr(TR_NOOP("Check over"));
        case Stage::floor:
            return tr(TR_NOOP("Floor"));
        case Stage::steering:
            return tr(TR_NOOP("Steering"));
        case Stage::lines:
            return tr(TR_NOOP("Lines"));
        case Stage::read:
            return tr(TR_NOOP("Read"));
        case Stage::turn:
            return tr(TR_NOOP("Turn"));
        case Stage::drive:
            return tr(TR_NOOP("Drive"));
    }
    return {};
}

std::string chance(double p) {
    if (p >= 0.975) return tr(TR_NOOP("nearly certain"));
    if (p >= 0.925) return tr(TR_NOOP("19 in 20"));
    if (p >= 0.85) return tr(TR_NOOP("9 in 10"));
    if (p >= 0.775) return tr(TR_NOOP("4 in 5"));
    if (p >= 0.7) return tr(TR_NOOP("3 in 4"));
    if (p >= 0.58) return tr(TR_NOOP("2 in 3"));
    if (p >= 0.42) return tr(TR_NOOP("1 in 2"));
    if (p >= 0.29) return tr(TR_NOOP("1 in 3"));
    if (p >= 0.15) return tr(TR_NOOP("1 in 5"));
    if (p >= 0.07) return tr(TR_NOOP("1 in 10"));
    return tr(TR_NOOP("hardly"));
}

std::string why_this_way(const Rod& r, bool longer) {
    if (r.runs == RodSide::behind_axle)
        return tr(
            longer
                ? TR_NOOP(
                      "The rod runs behind the axle: longer pushes the back of the wheel out, so it toes in.")
                : TR_NOOP("The rod runs behind the axle: shorter pulls the back of the wheel in, so it toes "
                          "out."));
    if (r.runs == RodSide::ahead_of_axle)
        return tr(
            longer ? TR_NOOP("The rod runs ahead of the axle: longer pushes the front of the wheel out, so "
                             "it toes out.")
                   : TR_NOOP("The rod runs ahead of the axle: shorter pulls the front of the wheel in, so it "
                             "toes in."));
    return tr(TR_NOOP(
        "Say on the car's card whether the rod runs ahead of or behind the axle: the direction hangs on "
        "it."));
}

std::string how_to_rotate(const Rod& r, bool longer) {
    switch (rotation_seen_from_wheel(r, longer)) {
        case Rotation::clockwise:
            return tr(TR_NOOP("clockwise, as seen from the wheel looking to the middle of the car"));
        case Rotation::counterclockwise:
            return tr(TR_NOOP("counterclockwise, as seen from the wheel looking to the middle of the car"));
        case Rotation::unknown:
            break;
    }
    return tr(
        TR_NOOP("the thread's hand is not on the card: turn a little and look that it gets the right way"));
}

std::string turn_line(const Rod& r, double turns) {
    return rod(r) + ": " + show_turns(std::abs(turns)) + " " + way(turns > 0);
}

}  // namespace fairchalk::words
