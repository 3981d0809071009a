// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <string_view>
#include <vector>

#include <Eigen/Core>

#include "core/car/car.h"
#include "core/car/suspension.h"

namespace fairchalk {

// Why did it move?
//
// The change of an axle's angles between two jobs (or between its left and its right) is explained by one
// cause. Each has a direction: what one millimetre of it does to toe, camber, caster and SAI by the exact
// kinematics of the corner (suspension.h), as mean and covariance over joints that lie up to where nobody
// measured them (10 mm, one sigma, in each direction). How far it went is not known beforehand: N(0, 3 mm).
// Against them stand "nothing" (one half beforehand) and "none of these". Compared by their marginal
// likelihoods (H. Jeffreys, Theory of Probability (1939), chapter V; the same as in turn_doubt.h).
//
// A rod's length and a shift of the rack look alike at one corner; both corners tell them apart, and so does
// the thread that shows.

enum class Cause {
    nothing,
    none_of_these,
    rod_length,  ///< turned, or bent
    upper_arm_in_out,
    upper_arm_fore_aft,
    upper_pivot_front,  ///< the arm's front pivot sideways: a bush or an eccentric there
    upper_pivot_rear,
    lower_arm_in_out,
    lower_arm_fore_aft,
    lower_pivot_front,
    lower_pivot_rear,
    strut_top_in_out,
    strut_top_fore_aft,
    upright_bent,  ///< camber against the steering axis; at a strut also a bent strut
    sag,
    rack_shift,  ///< sideways: both wheels steered alike
    subframe_sideways,
    subframe_turned
};
std::string_view name_of(Cause);  ///< `upper-arm-in-out`
std::optional<Cause> cause_named(std::string_view);
/// Those of one corner of that kind; of its axle as a whole.
std::vector<Cause> causes_of(CornerKind);
std::vector<Cause> axle_causes_of(CornerKind);

/// What changed at one axle. Angles in degrees: toe in, top out, caster and SAI positive; the length of a rod
/// in mm.
struct Changed {
    enum class What { toe, camber, caster, sai, rod };
    struct Row {
        Side side;
        What what;
        double by;
    };
    std::vector<Row> rows;
    Eigen::MatrixXd covariance;  ///< of the rows, in their units
};

struct Explained {
    Cause cause = Cause::nothing;
    std::optional<Side> side;  ///< of an axle's own causes, and of nothing: none
    double by = 0.0;           ///< mm, the mean where this is the cause; its sign as `positive` says
    double sigma = 0.0;
    double probability = 0.0;
};

/// All hypotheses, the likeliest first; together 1. Empty where nothing was measured twice.
std::vector<Explained> why_it_moved(CornerKind kind, RodSide rods, const Changed& changed);

/// What one millimetre of a cause does to toe, camber, caster and SAI at a side, degrees: the mean, and the
/// covariance over corners whose joints lie elsewhere than drawn.
struct PerMm {
    Eigen::Vector4d mean = Eigen::Vector4d::Zero();
    Eigen::Matrix4d covariance = Eigen::Matrix4d::Zero();
};
const PerMm& per_mm(CornerKind kind, RodSide rods, Cause cause, Side side);

/// A move of the drawn corner: one mm of a cause at this side; of an axle's own, at the left and at the
/// right.
CornerMove one_mm(const Corner& corner, Cause cause, Side side = Side::left);

}  // namespace fairchalk
