// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <utility>
#include <variant>
#include <vector>

#include <tl/expected.hpp>

#include "core/quantity/units.h"

namespace fairchalk {

/// What the core has to say, as a code. The words for it live outside the core (src/words), so that
/// another language never touches the computation. {0}, {1} … in the comments are the arguments.
enum class Code {
    none,
    // Notation. {0} is always what was typed; {1} where it stopped.
    text_empty,                 // nothing typed
    text_too_long,              // {0} = first characters
    text_not_understood,        // {1} = rest
    text_unit_missing,          // {1} = the number with no unit
    text_total_of_wheel,        // {0} = what was typed as one wheel's toe
    text_two_quantities,        // {1} = the second
    text_thousands_or_decimal,  // {1} = as a decimal, {2} = as thousands
    text_exponent,              // {1} = where
    text_bad_fraction,          // {1} = the fraction
    text_minutes_from_60,       // {1} = the minutes
    text_inches_from_12,        // {1} = the inches
    text_fraction_before_part,  // {1} = a finer part after a number that has decimals
    text_sign_and_word,         // {1} = the word
    text_word_twice,            // {1} = the word
    text_word_on_wrong_kind,    // {1} = the word
    text_mixed_kinds,           // {1} = the term that does not fit
    text_dash_or_minus,         // {1} = as a fraction, {2} = as a difference
    text_inch_mark_with_word,   // {1} = the word
    text_too_large,             // {1} = the limit
    text_wanted_length,         // an angle where a length belongs
    text_wanted_angle,          // a length where an angle belongs
    text_wanted_turns,          // something else where turns belong
    text_wanted_pressure,
    text_wanted_torque,
    text_wanted_temperature,
    text_span_missing,      // a toe as a length with no span to give it an angle
    text_must_be_positive,  // {0} typed
    // Why something cannot be known.
    why_no_readings,  // nothing has been read that tells it
    why_needs_spots,  // {0} = readings still to take, joined
    why_needs_wheelbase,
    why_needs_rim_span,    // {0} = axle
    why_needs_bar,         // {0} = bar
    why_not_solved_yet,    // {0} = kind of reading this version keeps but does not use
    why_no_solution,       // the readings can't be reconciled at all
    why_too_vague,         // known, but to worse than 3 degrees
    why_steering_free,     // common steer unknown
    why_needs_sizes,       // {0} = what of the rig has not been given: mark, arm_span, span, height
    why_needs_camber,      // the height of a string tells nothing until the camber is read
    why_rear_not_steered,  // a rear wheel is not turned for a sweep
    // Planning.
    plan_no_adjuster,
    plan_way_unknown,       // {0} = adjuster
    plan_pitch_unknown,     // {0} = adjuster
    plan_out_of_range,      // {0} = adjuster
    plan_steps_too_coarse,  // {0} = adjuster
    plan_given_up,
    plan_left_out,
    plan_unknown_angle,       // {0} = what, has not been measured
    plan_sides_alike,         // a total needs both sides: {0} = adjuster that may not be touched
    plan_nothing_gained,      // what is left can't be brought in by what there is to turn
    plan_same_again,          // it was turned so already
    plan_too_coarse_to_call,  // neither turning nor reading on settles it
    // What has to be read once more before anything is said or turned.
    again_large_turn,   // {0} = adjuster
    again_thread,       // {0} = adjuster: the thread that is engaged
    again_large_angle,  // {0} = what
    again_unchecked,    // {0} = what: a verdict that nothing checks
    again_contradicts,  // readings contradict each other
    again_other_way,    // these contradict the others, and would fit the other way round
    again_set_aside,    // one contradicts the others, and no reading tells more
    again_as_before,    // what contradicts was set aside and read the same again
    again_drive,        // the drive contradicts what was read, twice where it could be
    again_drive_side,   // it would fit to the other side
    again_doubted,      // {0} = adjuster: its last turn is in doubt
    // Doubts about a value that can hardly be meant. {0} typed, {1} to {4} the usual range, {2} what
    // may be meant, {3} what it is.
    doubt_impossible,
    doubt_not_usual,
    doubt_negative,
    // {0} typed, {1} how far it lies from what was expected, {2} what may be meant.
    doubt_unlike,
    doubt_unlike_meant,
    // Instruments.
    tool_lean_too_small,  // the two readings of a lean test hardly differ
    // The floor.
    floor_needs,         // {0} = spots still to read
    floor_sign_swapped,  // {0} = leg
    floor_stands_out,    // {0} = leg
    floor_longest,       // {0} = leg
    // Heights and pressures against the card. {0} = where, {1} = by how much, {2} = the tolerance.
    corner_low,
    corner_high,
    corner_sides_differ,
    corner_axles_differ,
    gauge_checksum_wrong,       // {0} = the line
    gauge_line_not_understood,  // {0} = the line, {1} = where it stopped
    // Suspension. {0} = which.
    link_too_short,     // {1} = by how much
    link_too_long,      // {1} = by how much
    links_do_not_hold,  // {0} = the kind of corner
    // Wheel only.
    wheel_needs_rods,
    wheel_needs_direction,  // {0} = rod
    wheel_straight,
    wheel_large,  // {0} = how far off
    wheel_nothing_said,
    // Job checks.
    job_missing,           // {0} = what is missing
    job_wrong_type,        // {0} = what was found, {1} = what belongs there
    job_unknown_word,      // {0} = what was found, {1} = the words allowed
    job_no_such_round,     // {0} = N, {1} = how many there are
    job_no_such_adjuster,  // {0} = id
    job_duplicate_id,      // {0} = id
    job_no_such_entry,     // {0} = id
    job_too_deep,          // {0} = limit
    job_not_json,          // {0} = byte, {1} = reason
    job_not_a_job,         // {0} = format found
    job_newer,             // {0} = version found, {1} = version known
    job_too_big,           // {0} = bytes
    job_cannot_read,       // {0} = path, {1} = reason
    job_two_forms,         // both log and rounds
    job_duplicate_key,     // {0} = key
    job_out_of_reach,      // {0} = value, {1} = limit
    again_when,            // {0} = what was typed for when to look again
};

/// Something to say: a code and its arguments, already in notation where they are quantities.
struct Message {
    Code code = Code::none;
    std::vector<std::string> args;

    bool operator==(const Message&) const = default;
    explicit operator bool() const { return code != Code::none; }
};

template <class T>
using Result = tl::expected<T, Message>;

template <class... Args>
tl::unexpected<Message> fail(Code code, Args&&... args) {
    return tl::unexpected<Message>(Message{code, {std::forward<Args>(args)...}});
}

}  // namespace fairchalk
