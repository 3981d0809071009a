// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/car/steering_rod.h"

#include <algorithm>
#include <cmath>

namespace fairchalk {

bool is_rod(const Adjuster& adjuster) {
    return adjuster.kind == steering_rod_kind || adjuster.kind == toe_link_kind;
}
double step_of(const Adjuster& rod) {
    return rod.step.value_or(0.125);
}

ArmPrior arm_prior(const Adjuster& rod) {
    if (rod.arm) return {*rod.arm, rod.arm_sigma.value_or(measured_arm_sigma)};
    // A pitch that nobody told is taken as the usual one: what that may be off by is in the arm.
    return {prior_arm, rod.pitch ? prior_arm_sigma : unpitched_arm_sigma};
}

double toe_sign(const Adjuster& rod) {
    return rod.rod == RodSide::behind_axle ? 1.0 : rod.rod == RodSide::ahead_of_axle ? -1.0 : 0.0;
}

Length length_change(const Adjuster& rod, double turns) {
    return rod.pitch.value_or(usual_pitch) * (rod.double_ended ? 2.0 : 1.0) * turns;
}

Angle toe_change(const Adjuster& rod, double turns, Length arm) {
    return Angle::from_rad(toe_sign(rod) * std::asin(std::clamp(length_change(rod, turns) / arm, -1.0, 1.0)));
}

Rotation rotation_seen_from_wheel(Thread at_wheel, bool longer) {
    if (at_wheel == Thread::unknown) return Rotation::unknown;
    return (at_wheel == Thread::right) == longer ? Rotation::clockwise : Rotation::counterclockwise;
}

}  // namespace fairchalk
