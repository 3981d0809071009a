// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/car/steering_rod.h"

#include <algorithm>
#include <cmath>

namespace fairchalk {

ArmPrior arm_prior(const Rod& rod) {
    if (rod.arm) return {*rod.arm, rod.arm_sigma.value_or(Rod::measured_arm_sigma)};
    // A pitch that nobody told is taken as the usual one: what that may be off by is in the arm.
    return {Rod::prior_arm, rod.pitch ? Rod::prior_arm_sigma : Rod::unpitched_arm_sigma};
}

double toe_sign(const Rod& rod) {
    return rod.runs == RodSide::behind_axle ? 1.0 : rod.runs == RodSide::ahead_of_axle ? -1.0 : 0.0;
}

Length length_change(const Rod& rod, double turns) {
    return rod.pitch.value_or(Rod::usual_pitch) * (rod.double_ended ? 2.0 : 1.0) * turns;
}

Angle toe_change(const Rod& rod, double turns, Length arm) {
    return Angle::from_rad(toe_sign(rod) * std::asin(std::clamp(length_change(rod, turns) / arm, -1.0, 1.0)));
}

Rotation rotation_seen_from_wheel(const Rod& rod, bool longer) {
    return rotation_seen_from_wheel(rod.thread, longer);
}

Rotation rotation_seen_from_wheel(Thread at_wheel, bool longer) {
    if (at_wheel == Thread::unknown) return Rotation::unknown;
    return (at_wheel == Thread::right) == longer ? Rotation::clockwise : Rotation::counterclockwise;
}

}  // namespace fairchalk
