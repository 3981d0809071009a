// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/car/car.h"

namespace fairchalk {

// Steering rods and toe links: what makes a wheel's toe by the length between an arm and the rack or body.

inline constexpr std::string_view steering_rod_kind = "steering-rod", toe_link_kind = "toe-link";

/// A tie rod, or a toe link at a rear wheel: its effect is exact, over an arm that is learnt.
bool is_rod(const Adjuster& adjuster);
/// What the hand can make of it: an eighth of a turn, or a sixth where flats are counted.
double step_of(const Adjuster& rod);

/// Of an arm that was measured without saying how well.
inline constexpr Length measured_arm_sigma = Length::from_mm(3.0);
/// Prior of an arm nobody measured: geometry of common steering arms.
inline constexpr Length prior_arm = Length::from_mm(130.0);
inline constexpr Length prior_arm_sigma = Length::from_mm(22.0);
/// Of a rod whose thread nobody measured: most have a pitch of 1.25 to 2 mm.
inline constexpr Length usual_pitch = Length::from_mm(1.5);
inline constexpr Length unpitched_arm_sigma = Length::from_mm(40.0);

/// How long a rod's steering arm is thought to be before anything was turned.
struct ArmPrior {
    Length mean;
    Length sigma;
};
/// As measured where it was; else 130 ± 22 mm (docs/geometry.md).
ArmPrior arm_prior(const Adjuster& rod);

/// +1 where a longer rod toes in (it runs behind the axle), -1 where it toes out; 0 while nobody has said.
double toe_sign(const Adjuster& rod);

/// How much longer `turns` make the rod: pitch × turns, twice that with left and right threads on both ends.
/// Zero while the pitch is unknown.
Length length_change(const Adjuster& rod, double turns);

/// The toe change of `turns` (longer positive) on a steering arm: ± asin(length change / arm). Clamped at
/// ±90°.
Angle toe_change(const Adjuster& rod, double turns, Length arm);

/// Which way the rod is rotated.
enum class Rotation { unknown, clockwise, counterclockwise };
/// Of a rod with a thread of this hand at its end toward the wheel, as seen from the wheel, looking toward
/// the middle of the car. With a right-hand thread there the rod turned clockwise in this view runs out of
/// its end, and gets longer; the same holds for a sleeve.
Rotation rotation_seen_from_wheel(Thread at_wheel, bool longer);

/// Whether its wheel is to the left of one who lies on the back under that end of the car, feet outward: so
/// at the front left and at the rear right.
bool wheel_to_the_left(const Adjuster& rod);

}  // namespace fairchalk
