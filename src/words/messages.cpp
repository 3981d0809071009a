// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/words.h"

#include "words/words_inside.h"

namespace fairchalk::words {
namespace {

Translate translator;

bool is_digit(char c) {
    return c >= '0' && c <= '9';
}

}  // namespace

std::string tr(const char* source) {
    return translator ? translator(source, nullptr, -1) : std::string(source);
}

std::string tr_n(const char* many, const char* one, int n) {
    if (translator) return translator(many, one, n);
    std::string out = n == 1 ? one : many;
    if (const auto at = out.find("%n"); at != std::string::npos) out.replace(at, 2, std::to_string(n));
    return out;
}

void set_translator(Translate translate) {
    translator = std::move(translate);
}

std::string fill(const char* source, const std::vector<std::string>& args) {
    return filled(tr(source), args);
}

std::string filled(const std::string& text, const std::vector<std::string>& args) {
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
        case Code::again_when:
            return TR_NOOP(
                "“{0}” says no time. Write a day, a distance or what comes first: 2026-12-04, 100 km, after "
                "contact.");
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
        case Code::text_wanted_temperature:
            return TR_NOOP("“{0}” is not a temperature, and one belongs here, like 71 C or 160 F.");
        case Code::doubt_impossible:
            return TR_NOOP("“{0}” for {3}? Usual is {1} to {4}. Perhaps {2}?");
        case Code::doubt_not_usual:
            return TR_NOOP("“{0}” for {3}? Usual is {1} to {4}.");
        case Code::doubt_negative:
            return TR_NOOP("“{0}” is below zero for {3}. Usual is {1} to {4}.");
        case Code::doubt_unlike:
            return TR_NOOP("“{0}” lies {1} from what is expected there: look once more.");
        case Code::doubt_unlike_meant:
            return TR_NOOP("“{0}” lies {1} from what is expected there: look once more. Perhaps {2}?");
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
                "say on the car's card whether this rod ({0}) runs ahead of or behind the axle: which way to "
                "turn hangs on it");
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
                "“{0}” is a length: toe as a length needs the span it is stated over, like “{0} over 416 mm” "
                "or "
                "“{0} over 16 in”.");
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
            return TR_NOOP("not given for this rig: {0}");
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
            return TR_NOOP("it is not known yet which way it works ({0}): a test turn or a look tells");
        case Code::plan_pitch_unknown:
            return TR_NOOP("give the thread pitch of this rod ({0})");
        case Code::plan_out_of_range:
            return TR_NOOP("beyond reach ({0})");
        case Code::plan_steps_too_coarse:
            return TR_NOOP("one step of it is more than what is left to turn ({0})");
        case Code::plan_left_out:
            return TR_NOOP("left out of this plan");
        case Code::plan_given_up:
            return TR_NOOP("it can't be had beside the rest, and is left for it");
        case Code::plan_unknown_angle:
            return TR_NOOP("{0} has not been measured");
        case Code::plan_sides_alike:
            return TR_NOOP("a total is set on both sides alike, and one may not be touched ({0})");
        case Code::plan_nothing_gained:
            return TR_NOOP("what there is to turn does not bring it nearer");
        case Code::plan_same_again:
            return TR_NOOP("the same turn was made already, and did not bring it in");
        case Code::plan_too_coarse_to_call:
            return TR_NOOP(
                "it is too close to call with these readings, and neither turning nor reading on tells");
        case Code::again_large_turn:
            return TR_NOOP("more than four turns is more than is usual ({0}): first read its spots again");
        case Code::again_thread:
            return TR_NOOP(
                "more than four turns ({0}): first measure the thread that shows, so that enough of it "
                "stays engaged");
        case Code::again_large_angle:
            return TR_NOOP("more than 2° at once is more than is usual: first read its spots again");
        case Code::again_unchecked:
            return TR_NOOP("these readings decide it and nothing checks them: read them a second time");
        case Code::again_contradicts:
            return TR_NOOP("readings contradict each other: read these again before anything is turned");
        case Code::again_other_way:
            return TR_NOOP(
                "these contradict the others and would fit the other way round: look which way the top "
                "leans, "
                "or whether a sign is missing");
        case Code::again_as_before:
            return TR_NOOP(
                "what contradicts the others was read the same again: look at what they share, like the lip, "
                "the way it leans, or a size that was told");
        case Code::again_set_aside:
            return TR_NOOP("one reading contradicts the others: set it aside before anything is turned");
        case Code::again_drive:
            return TR_NOOP(
                "the drive contradicts what was read: say again how the wheel sat, or set the drive aside");
        case Code::again_drive_side:
            return TR_NOOP(
                "the drive contradicts what was read, and would fit to the other side: say to which side the "
                "wheel sat");
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

std::string sentence(const Message& m, const CarCard& car) {
    Message named = m;
    for (std::string& arg : named.args)
        if (car.place_of(arg) >= 0) arg = adjuster(car, arg);
    return sentence(named);
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
    if (m.code == Code::why_needs_rim_span || m.code == Code::why_needs_bar) args[0] = tr(args[0].c_str());
    if (m.code == Code::why_needs_sizes) args[0] = words::size(args[0]);
    // It was read with a point where their language has a comma.
    if (m.code > Code::none && m.code <= Code::text_must_be_positive && args.size() > 1)
        for (std::size_t i = 1; i + 1 < args[1].size(); ++i)
            if (args[1][i] == '.' && is_digit(args[1][i - 1]) && is_digit(args[1][i + 1]))
                args[1][i] = sayings().decimal;
    // What is doubted and its bounds, and what belongs in a file, are marked texts themselves.
    const bool doubt =
        m.code == Code::doubt_impossible || m.code == Code::doubt_not_usual || m.code == Code::doubt_negative;
    if (doubt) args[3] = tr(args[3].c_str());
    if (m.code == Code::job_wrong_type || m.code == Code::job_unknown_word)
        for (std::string& arg : args) arg = tr(arg.c_str());
    return fill(source_text(m.code), args);
}

}  // namespace fairchalk::words
