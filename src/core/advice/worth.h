// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/quantity/units.h"

namespace fairchalk::worth {

// What the plan holds things to be worth: bands, in radians, of what has no target of its own; what counts as
// equal; what work costs. docs/geometry.md, "Choosing turns".

/// How far off the thrust line the front wheels may point: about a degree and a half of steering wheel. What
/// makes a thrust, and an angle that nobody asked about, worth as much.
inline constexpr double straight_half_band = 0.1 * one_degree, thrust_half_band = 0.05 * one_degree,
                        untouched_band = 0.1 * one_degree;
/// What of the lower tiers counts as equal.
inline constexpr double equal_steering = 0.06 * one_degree, equal_thrust = 0.03 * one_degree,
                        equal_untouched = 0.05 * one_degree;
/// A thrust that nobody reads is moved no further for an angle that lies near the edge of its band.
inline constexpr double most_thrust_unread = 0.06 * one_degree;
/// In squared misses of half a band.
inline constexpr double worth_straight = 0.15;
/// What holding an angle that nobody asked about is worth, in squared misses of half a band.
inline constexpr double worth_sparing = 0.1;
/// A steering wheel so far off, at the road wheels, doubles what it is worth.
inline constexpr double equal_steering_far = 0.25 * one_degree;
/// What is said of an angle without a target, and what a thrust without one is.
inline constexpr double worth_saying = 0.1 * one_degree, may_move = 0.25 * one_degree,
                        thrust_worth_saying = 0.25 * one_degree;
/// No larger is a test turn of a rod.
inline constexpr double most_tested = 0.6;
/// What is asked about before it is advised.
inline constexpr double most_turns_unproven = 2.0, most_turns_unasked = 4.0,
                        most_angle_unasked = 2.0 * one_degree, most_angle_unproven = 0.6 * one_degree,
                        most_angle_of_wheel_unproven = 0.75 * one_degree;
/// Work, in squared misses of half a band: to touch an adjuster at all, to take the weight off first, and
/// each step of it.
inline constexpr double touching = 1e-3, jacking = 4e-3, least_work = 1e-4;
/// Of the expected miss, what must be left for a turn that only brings nearer what is inside.
inline constexpr double worth_nearer = 0.7;
inline constexpr double most_shims_mm = 15.0;
/// Combinations: with the scarcest of tins a plan then takes a tenth of a second, and what was found so far
/// is taken.
inline constexpr long most_tried = 45'000;
inline constexpr double no_tolerance_band = 0.1 * one_degree;  ///< of a target that states none
/// Below this chance to be inside an angle is turned; from there up it is read on where that can tell.
inline constexpr double turn_below = 0.35;
/// A turn that gains less chance than this is not worth the lying down.
inline constexpr double worth_turning = 0.05;
/// Nor is one that spoils others, for less than this of its own.
inline constexpr double worth_setting_again = 0.2;
/// An angle that comes out worse by this share of half its band has given way.
inline constexpr double gives_way = 0.25;
/// How many times its weight an angle has that is to be had whatever it costs.
inline constexpr double before_all_else = 30.0;

}  // namespace fairchalk::worth
