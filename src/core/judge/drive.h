// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string_view>

#include "core/car/car.h"
#include "core/job/log.h"
#include "core/network/estimate.h"

namespace fairchalk {

// What a drive and the angles say of each other.
//
// Driven straight on, both front wheels stand even about the thrust line, and the steering wheel sits to the
// right by R ((toe_FR - toe_FL) / 2 - thrust), R the steering ratio. A canonical case: toes -0.31 and 0.17,
// thrust -0.085 degrees, R 16: 5.20 degrees to the right.

/// How the steering wheel sits on a straight road by an estimate, to the right positive. Where nobody gave
/// the ratio, what the usual one may be off by is in its sigma.
KnownAngle wheel_on_road(const Estimate& e, const CarCard& car);

/// A pull, against the angles: the car goes to the side with less caster, or with the camber that leans more
/// outward; both from 0.3 degrees of difference.
enum class PullBy {
    camber,
    caster,
    neither,  ///< both are known alike from side to side: tires, brakes, play
    unknown   ///< what is known does not tell
};

std::string_view name_of(PullBy);  ///< `camber`, `caster`, `neither`, `unknown`

struct DriveSays {
    Driven last;          ///< how it was driven last, in all that was said since the last turn
    KnownAngle expected;  ///< of the wheel, by all but the drives
    std::optional<Angle> off, off_sigma;  ///< as it sat
    /// False where the wheel sat further from what the angles make it than both ± together.
    bool fits = true;
    std::optional<PullBy> pull;  ///< where it drifts to one side
};

/// Of the last drive; nothing where the car was not driven since it was turned.
std::optional<DriveSays> drive_says(const Job& job, const Estimate& e);

}  // namespace fairchalk
