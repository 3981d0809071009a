// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <atomic>

#include <Eigen/Core>

#include "core/network/network.h"

namespace fairchalk {

/// The network at its minimum: Jacobian and residuals, both in sigmas, a row for each reading in its order,
/// then one for each link; a column for each unknown.
struct Solution {
    Eigen::MatrixXd jacobian;
    Eigen::VectorXd residuals;
    bool converged = false;
};

/// Moves the network's unknowns to the least sum of squares by Ceres' Levenberg-Marquardt with dense QR, to
/// twelve digits of the unknowns or eleven of the sum. `cancel` may be null; set, it stops between two steps.
Solution solve(Network& n, const std::atomic<bool>* cancel);

/// Sweeps start from the toes as they were found to be, as far as these are known: the ridge makes what no
/// reading tells as wide as can be.
void know_sweep_toes(Network& n, const Solution& solution);

}  // namespace fairchalk
