// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <string_view>
#include <vector>

#include "core/judge/causes.h"

namespace fairchalk {

// What a repair will disturb: which angles move when a joint is undone and done up again, and by how much at
// most.

/// A place that a repair undoes.
enum class Joint {
    tie_rod_end,     ///< off its taper; its locknut stays
    tie_rod_thread,  ///< the rod turned off, or its locknut undone
    ball_joint,      ///< a taper or a pinch bolt: goes back where it was
    upper_arm_bolts,
    lower_arm_bolts,
    strut_top,
    strut_to_upright,
    spring,  ///< another, or out and in again
    damper,  ///< not where it is a strut
    hub,     ///< bearing, brake disc, caliper
    rack_clamps,
    subframe_bolts,
    wheel
};
std::string_view name_of(Joint);
std::optional<Joint> joint_named(std::string_view);
/// Those that such a corner has.
std::vector<Joint> joints_of(CornerKind kind);

/// How far it may come back from where it was, mm, where nothing was marked: the play of bolts in their
/// holes, of a rod a miscounted turn. Zero for what has one seat.
double comes_back_within(Joint joint);

/// What an angle of the corner may move by, at most: the way of one millimetre by the drawn corner (causes.h)
/// with twice its scatter, times how far the joint may come back, all ways at once.
struct Disturbed {
    double toe = 0.0, camber = 0.0, caster = 0.0;  ///< degrees, this wheel
    bool other_side = false;                       ///< the axle's other wheel as well
    bool any() const { return toe > 0.0 || camber > 0.0 || caster > 0.0; }
};
Disturbed disturbed_by(CornerKind kind, RodSide rods, std::span<const Joint> undone);

/// Another way to the same part that moves less: of a wishbone's arm bolts the ball joint, and so on. Nothing
/// where there is none.
std::optional<Joint> spares(Joint joint, CornerKind kind);

}  // namespace fairchalk
