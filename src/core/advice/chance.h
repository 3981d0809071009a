// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <Eigen/Core>

namespace fairchalk {

/// P(all lo <= x <= hi) for x ~ N(mean, covariance), by quasi-Monte-Carlo over 2,048 points of Halton's
/// sequence (J. H. Halton, Numerische Mathematik 2, 1960), scaled along the covariance's own directions. Good
/// to about 0.01; one dimension is exact.
double joint_probability(const Eigen::VectorXd& mean, const Eigen::MatrixXd& covariance,
                         const Eigen::VectorXd& lo, const Eigen::VectorXd& hi);

}  // namespace fairchalk
