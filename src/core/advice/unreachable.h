// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include <Eigen/Core>

#include "core/advice/aims.h"
#include "core/advice/plan.h"

namespace fairchalk {

bool in_band(const Verdict& v);

/// What stays outside after the turns though something is there for it: whether it could be had, and
/// what gives way. Each is planned once more, before all else, and left out.
std::vector<Unreachable> missed(const Posterior& p, const CarCard& car, const std::vector<Lever>& with,
                                const std::vector<double>& turns, const std::vector<Verdict>& about,
                                const std::vector<Verdict>& then, bool steering_known,
                                const Eigen::MatrixXd& readable, const MovedSoFar& so_far);

}  // namespace fairchalk
