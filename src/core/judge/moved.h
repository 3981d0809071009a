// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

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

/// The same as changes of one axle with their covariance, for `why_it_moved`: what is known in both.
Changed changed_between(const Estimate& then, const Estimate& now, Axle axle);

/// Which kinematics explain an axle; nothing where the card does not say or there are none.
std::optional<CornerKind> corner_kind_of(const CarCard& car, Axle axle);

/// Why an axle moved, the likeliest first. Empty where nothing of it was read twice or its suspension is not
/// on the card. Wheels are told by what steers them: the side of its rods.
std::vector<Explained> explained(const CarCard& car, const Estimate& then, const Estimate& now, Axle axle);

}  // namespace fairchalk
