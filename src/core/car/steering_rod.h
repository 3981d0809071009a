// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/car/car.h"
#include "core/quantity/sketch.h"

namespace fairchalk {

/// How long a rod's steering arm is thought to be before anything was turned.
struct ArmPrior {
    Length mean;
    Length sigma;
};
/// As measured where it was; else 130 ± 22 mm (docs/geometry.md).
ArmPrior arm_prior(const Rod& rod);

/// +1 where a longer rod toes in (it runs behind the axle), -1 where it toes out; 0 while nobody has said.
double toe_sign(const Rod& rod);

/// How much longer `turns` make the rod: pitch × turns, twice that with left and right threads on both ends.
/// Zero while the pitch is unknown.
Length length_change(const Rod& rod, double turns);

/// The toe change of `turns` (longer positive) on a steering arm: ± asin(length change / arm). Clamped at
/// ±90°.
Angle toe_change(const Rod& rod, double turns, Length arm);

/// Which way the rod is rotated.
enum class Rotation { unknown, clockwise, counterclockwise };
/// As seen from the wheel, looking toward the middle of the car. With a right-hand thread at the outer end
/// the rod turned clockwise in this view runs out of its end, and gets longer; the same holds for a sleeve.
Rotation rotation_seen_from_wheel(const Rod& rod, bool longer);

/// The same of anything whose thread has this hand at its end toward the wheel.
Rotation rotation_seen_from_wheel(Thread at_wheel, bool longer);

/// Whether its wheel is to the left of one who lies on the back under that end of the car, feet outward: so
/// at the front left and at the rear right.
bool wheel_to_the_left(const Rod& rod);
/// The rod as one sees it lying there, with what these turns do to it, in a box of this width and height.
Sketch sketch_of(const Rod& rod, double turns, Sketch::Point size);

}  // namespace fairchalk
