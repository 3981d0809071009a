// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <vector>

#include <Eigen/Core>

#include "core/job/log.h"

namespace fairchalk {

/// How one reading stands among the others.
struct Check {
    std::size_t entry = 0;    ///< index into the log
    double w = 0.0;           ///< normalized residual
    double redundancy = 0.0;  ///< 1 - leverage: 0 is checked by nothing, 1 by everything
    double detectable =
        0.0;  ///< the blunder found with 95 %, mm or degrees; infinite where nothing checks it
    bool suspect = false;
};

class Network;
struct Posterior;
struct Solution;

/// Each reading's redundancy, normalized residual and the blunder that it would show (W. Baarda, A Testing
/// Procedure for Use in Geodetic Networks, 1968), and into `p` what a change of a reading does to the others.
/// `basis` is that of `posterior_of`. Suspects are marked where the greatest |w| is beyond what one reading
/// in two hundred jobs reaches by chance; of a spot that was read more than once before any turn also by what
/// all its takings share.
struct Reliability {
    std::vector<Check> checks;
    bool alarm = false;  ///< the readings contradict each other
};
Reliability reliability_of(const Job& job, const Network& network, const Solution& solution,
                           const Eigen::MatrixXd& basis, Posterior& p);

}  // namespace fairchalk
