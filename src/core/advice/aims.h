// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include <Eigen/Core>

#include "core/judge/verdict.h"
#include "core/network/lever.h"

namespace fairchalk {

// What a plan is about, tier by tier: the targets; the steering wheel straight; the thrust; and what has no
// target to stay as it is.

/// A squared miss in units of tolerance.
struct Miss {
    Eigen::VectorXd g;
    double aim, half;
    bool toe = false;  ///< of what is untouched: of a toe, which a rod can hold where it is
};

/// All that a plan is about, tier by tier.
struct Aims {
    std::vector<Miss> targets;
    std::optional<Miss> steering, thrust;
    std::vector<Miss> untouched;  ///< each to stay as it is
};

/// What this job's turns have done so far to what is not known, and is to be as it was found: radians.
struct MovedSoFar {
    double steering = 0.0, thrust = 0.0;
};

Miss miss_of_target(const Verdict& v, const Posterior& p);
/// `serves_toe`, `serves_camber` or `serves_caster`.
int bit_of(Measure m);
/// Whether it is there for that target.
bool reaches(const Lever& l, const Target& t);
bool reached_by(const Target& t, const std::vector<Lever>& levers);
bool moves_toe(const Lever& l);
/// Whether a target says something of that angle of that wheel, and it is known how far that is off.
bool has_target(const std::vector<Verdict>& about, Wheel w, WheelAngle angle);

Aims aims_of(const std::vector<Verdict>& about, const Posterior& p, const std::vector<Lever>& levers,
             bool steering_known, const MovedSoFar& so_far);

}  // namespace fairchalk
