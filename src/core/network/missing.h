// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include <Eigen/Core>

#include "core/network/estimate.h"

namespace fairchalk {

/// Why the angle with this gradient is not known, and the fewest spots, soonest on the walk, whose reading
/// would make it known: those that together reach what it needs in the null space (C. R. Rao, Linear
/// Statistical Inference, 1973, 4a, of estimable functions).
void say_what_is_missing(KnownAngle& a, const Eigen::VectorXd& g, const Job& job, int round,
                         const std::vector<Unused>& unused, const Posterior& p);

}  // namespace fairchalk
