// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cstddef>
#include <map>
#include <utility>
#include <vector>

#include <Eigen/Core>

#include "core/network/standing.h"
#include "core/network/unknown.h"

namespace fairchalk {

/// The solved problem, linear at its minimum: metres and radians. For plans and for asking what to read next.
struct Posterior {
    std::vector<UnknownKey> keys;
    Eigen::VectorXd x;
    Eigen::MatrixXd covariance;  ///< pseudo-inverse: use only after `estimable`
    Eigen::MatrixXd null_space;  ///< columns span what no reading tells, in the scaled unknowns
    Eigen::VectorXd scale;       ///< of the unknowns, for the null-space test
    std::map<std::pair<Unknown, int>, int> now;  ///< the unknowns of the last state
    Standing standing;                           ///< and what else holds there
    /// Of the readings, in the order of `Estimate::checks`: orthonormal rows, so that I - UU' takes a change
    /// of the readings (in sigmas) to that of the residuals; the residuals; and each reading's whole sigma.
    Eigen::MatrixXd projection;
    Eigen::VectorXd residuals, sigmas;
    /// Index of the unknown as it stands in the last state, or -1.
    int index(Unknown what, int where) const;
    /// True when the combination `gradient` has no part in the null space.
    bool estimable(const Eigen::VectorXd& gradient) const;
    /// Known well enough to be turned by: its mean says something. One sigma to half a degree.
    bool well_known(const Eigen::VectorXd& gradient) const;
    /// Of the angle that the target is about; zero where the problem has no such unknown.
    Eigen::VectorXd gradient_of(const Target& target) const;
    double variance(const Eigen::VectorXd& g) const { return g.dot(covariance * g); }

    /// What has been turned of the handles of each device since the card: by its place.
    std::map<int, std::array<double, 2>> amounts;
    /// Each pass of doubted turns: the unknowns as they stood before the first and after the last of them.
    struct Freed {
        std::vector<std::size_t> turns;  ///< entries of the log
        std::map<std::pair<Unknown, int>, int> before, after;
    };
    std::vector<Freed> freed;
    std::vector<Freed> uncounted;  ///< the same of each turn that nobody counted
    std::vector<Freed> unsaid;     ///< and of each whose way nobody has said
    /// Where each wheel's toe, camber and caster stand (`Effect::angle`), for all that an adjuster may move;
    /// of those that nothing was read of, an unknown without a value, which only changes are reckoned from.
    /// -1 where no adjuster moves it either.
    std::array<std::array<int, 3>, 4> state{};
    int state_of(Wheel w, WheelAngle a) const {
        return state[static_cast<std::size_t>(index_of(w))][index_of(a)];
    }

    /// The unknowns of an angle in the last state, by wheel; -1 where there is none.
    const std::vector<int>& last_of(WheelAngle a) const {
        return a == WheelAngle::toe ? last_toe : a == WheelAngle::camber ? last_camber : last_caster;
    }
    std::vector<int> last_toe, last_camber, last_caster, last_sai, last_offset, last_skew, arms;
};

class Network;
struct Solution;

/// The solved network, linear at its minimum, and an orthonormal basis of the space that its readings span
/// (rows as the residuals, one column for each thing they tell).
///
/// The weighted Jacobian, its columns scaled to length one, is split as A = Q [T 0; 0 0] Z P' (complete
/// orthogonal decomposition, G. H. Golub, C. F. Van Loan, Matrix Computations, 5.4.7): what the last columns
/// of (Z P')' span no reading tells.
struct SolvedSpace {
    Posterior posterior;
    Eigen::MatrixXd basis;
};
SolvedSpace posterior_of(const Network& network, const Solution& solution);

/// What devices do that were not turned yet (`turned` has those that were, by place), and locks not seen:
/// their priors, beside the solved problem.
void add_unturned(Posterior& p, const CarCard& car, const std::vector<int>& turned, int epoch);

}  // namespace fairchalk
