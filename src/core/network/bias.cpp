// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/bias.h"

namespace fairchalk {
namespace {

/// +1 or -1 where it acts on that wheel, else 0.
double share(const BiasTaken::One& one, Wheel w) {
    if (one.axle && *one.axle != axle_of(w)) return 0.0;
    return one.sided && side_of(w) == Side::right ? -1.0 : 1.0;
}

}  // namespace

void take_off(Posterior& p, const BiasTaken& bias) {
    for (const BiasTaken::One& one : bias.all) {
        Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
        const std::vector<int>& all = p.last_of(one.angle);
        for (Wheel w : all_wheels)
            if (const auto at = static_cast<std::size_t>(index_of(w)); at < all.size() && all[at] >= 0)
                g[all[at]] = share(one, w);
        p.x -= one.value.rad() * g;
        p.covariance += one.sigma.rad() * one.sigma.rad() * g * g.transpose();
    }
}

}  // namespace fairchalk
