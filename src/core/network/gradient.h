// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include <Eigen/Core>

#include "core/network/site.h"

namespace fairchalk {

// What one reading shows, and how that changes with each unknown that it depends on: by automatic
// differentiation (Ceres' Jets), a few unknowns at a time.

/// What it shows at `x`, metres or radians. The derivatives by the unknowns `asked` are put into `row`, which
/// is as long as `x`; the rest of it is left as it is.
double shown_and_slopes(const Site& site, const Current& current, const std::vector<int>& asked,
                        const double* x, double* row);

/// The derivatives by all unknowns at `x`. Throws std::out_of_range where it depends on one that `current`
/// does not have.
Eigen::VectorXd gradient_at(const Site& site, const Current& current, const Eigen::VectorXd& x);

}  // namespace fairchalk
