// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <utility>
#include <vector>

#include <Eigen/Core>

#include "core/judge/verdict.h"
#include "core/network/lever.h"

namespace fairchalk {

// What turns would make of a car as it is known: angles with their sigmas, verdicts, chances.

/// Of the front wheels from the thrust line: (toe_FR - toe_FL)/2 - thrust.
Eigen::VectorXd steering_gradient(const Posterior& p);
/// Of the rear axle: (toe_RR - toe_RL)/2.
Eigen::VectorXd thrust_gradient(const Posterior& p);
/// Of one angle of a wheel (`Effect::angle`), its unknown being `Posterior::state`; zero where it has none.
Eigen::VectorXd angle_gradient(const Posterior& p, Wheel w, WheelAngle angle);

/// The state of things after turns: mean, and how each angle's error depends on what is uncertain. Radians.
struct After {
    const Posterior& p;
    std::vector<Lever> levers;
    std::vector<double> turns;  ///< by lever
    bool scatters = true;       ///< counts in what settling and locking do, which no plan chooses
    /// Counts in how unsure it is what an adjuster does beside what it is there for, even where another one
    /// is there for that and will take it up once it is read.
    bool couples = true;

    bool turned(std::size_t lever) const { return turns[lever] != 0.0; }
    /// An adjuster is locked once, whatever of it was turned.
    std::span<const std::pair<int, int>> locks(std::size_t lever) const;
    double mean(const Eigen::VectorXd& g) const;
    /// By how much the turns move it.
    double change(const Eigen::VectorXd& g) const { return mean(g) - g.dot(p.x); }
    /// How well that is known: of the responses, locks and settling, whether the angle itself is known or
    /// not.
    Angle change_sigma(const Eigen::VectorXd& g) const;
    double covariance(const Eigen::VectorXd& a, const Eigen::VectorXd& b) const;
    /// Of several at once, in their order.
    Eigen::MatrixXd covariance(const std::vector<Eigen::VectorXd>& gs) const;
    KnownAngle angle(const Eigen::VectorXd& g) const;

    /// Something else among the levers is there for what this pull does on the side.
    bool taken_up(const Lever& lever, const Lever::Pull& pull) const;

  private:
    Eigen::VectorXd with_responses(const Eigen::VectorXd& g) const;
    double settled_covariance(const Eigen::VectorXd& a, const Eigen::VectorXd& b) const;
};

/// What turning is expected to do.
struct Expected {
    std::vector<Verdict> verdicts;
    KnownAngle steering;
    double probability = 0.0;  ///< that all are truly inside
    double ends = 0.0;         ///< and can be called so
};
/// `readable`: of the targets in `before` that are known and have a tolerance, in order, the covariance that
/// some more readings of what is read now would leave.
Expected outcome_of(const After& after, const std::vector<Verdict>& before, bool steering_known,
                    const Eigen::MatrixXd& readable);

}  // namespace fairchalk
