// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>
#include <variant>
#include <vector>

#include "core/judge/causes.h"
#include "core/network/estimate.h"

namespace fairchalk {

// What moved between two jobs on one car: each angle by both ± together. So many angles are looked at in one
// go that each has to stand out by more than it would have to alone (C. E. Bonferroni's inequality): at most
// one car in twenty of which nothing moved is told that something did.

enum class HasMoved { moved, stayed, cannot_tell };
std::string_view name_of(HasMoved);  ///< `moved`, `not-moved`, `cannot-tell`

struct MovedAngle : CarAngle {
    KnownAngle then, now;
    Angle by, sigma;  ///< now less then, and its standard uncertainty
    HasMoved call = HasMoved::cannot_tell;
};

/// What an angle does by itself when the car is driven, jacked and put down, one sigma, degrees.
double put_down(Measure m);

/// Of all angles that are known in both, wheel by wheel, then axles. `then` is how the last job left the car,
/// `now` how this one found it. What a car does by itself when it is put down is in the sigma.
std::vector<MovedAngle> what_moved(const Estimate& then, const Estimate& now);
/// A wheel of that axle moved: what is asked why.
bool moved_at(const std::vector<MovedAngle>& moved, Axle axle);

/// How long each wheel's rod was when a job began or ended, mm: as it was measured, or by the thread that
/// showed, which grows as much. Nothing where it was turned between that and the measuring.
struct RodLengths {
    std::array<std::optional<double>, 4> rod, thread;
};
RodLengths rods_at_begin(const Job& job);
RodLengths rods_at_end(const Job& job);

/// The same as changes of one axle with their covariance, for `why_it_moved`: what is known in both. Rods
/// that were measured in both split "the rod turned" from "the car moved" (one sigma of a difference: 0.7
/// mm).
Changed changed_between(const Estimate& then, const Estimate& now, Axle axle,
                        const RodLengths& rods_then = {}, const RodLengths& rods_now = {});

/// Which kinematics explain an axle; nothing where the card does not say or there are none.
std::optional<CornerKind> corner_kind_of(const CarCard& car, Axle axle);

/// Why an axle moved, the likeliest first. Empty where nothing of it was read twice or its suspension is not
/// on the card. Wheels are told by what steers them: the side of its rods.
std::vector<Explained> explained(const CarCard& car, const Estimate& then, const Estimate& now, Axle axle,
                                 const RodLengths& rods_then = {}, const RodLengths& rods_now = {});

/// What may be bent at one side of an axle: its left against its right, as if one of them had been moved from
/// where the other is. Toe takes no part: rods set it. Cars are not quite alike on both sides: 0.2 degrees of
/// camber, 0.3 of caster and SAI (one sigma, judgement) stand beside both ±. `by` and `side` are as if it
/// were the left; the right moved the other way looks the same. Empty where no pair of them is known.
std::vector<Explained> left_against_right(const CarCard& car, const Estimate& now, Axle axle);

}  // namespace fairchalk
