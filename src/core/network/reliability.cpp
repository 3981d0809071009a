// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/reliability.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/network/network.h"
#include "core/network/posterior.h"
#include "core/network/solve.h"
#include "core/quantity/normal.h"

namespace fairchalk {
namespace {

constexpr double detectable_factor = 5.25;  // alarm at 3.29, found with 95 %
constexpr double suspect_window = 10.0;

}  // namespace

Reliability reliability_of(const Job& job, const Network& network, const Solution& solution,
                           const Eigen::MatrixXd& basis, Posterior& p) {
    Reliability out;
    std::size_t readings = 0;
    p.projection.resize(static_cast<int>(network.observed.size()), basis.cols());
    p.residuals.resize(static_cast<int>(network.observed.size()));
    p.sigmas.resize(static_cast<int>(network.observed.size()));
    for (std::size_t i = 0; i < network.observed.size(); ++i) {
        const Observed& o = network.observed[i];
        if (o.from_card) continue;
        const int row = static_cast<int>(readings++);
        p.projection.row(row) = basis.row(static_cast<int>(i));
        p.residuals[row] = solution.residuals[static_cast<int>(i)];
        p.sigmas[row] = o.sigma;
        Check c;
        c.entry = o.entry;
        const double leverage = basis.row(static_cast<int>(i)).squaredNorm();
        c.redundancy = std::clamp(1.0 - leverage, 0.0, 1.0);
        if (c.redundancy < 1e-6) {
            c.redundancy = 0.0;
            c.detectable = std::numeric_limits<double>::infinity();
        } else {
            c.w = solution.residuals[static_cast<int>(i)] / std::sqrt(c.redundancy);
            const Reading& r = std::get<Reading>((*job.log)[o.entry].event);
            const double unit = r.value.kind == QuantityKind::length ? 1000.0 : 1.0 / one_degree;
            c.detectable = detectable_factor * o.sigma * unit / std::sqrt(c.redundancy);
        }
        out.checks.push_back(c);
    }
    p.projection.conservativeResize(static_cast<int>(readings), basis.cols());
    p.residuals.conservativeResize(static_cast<int>(readings));
    p.sigmas.conservativeResize(static_cast<int>(readings));
    double worst = 0.0;
    for (const Check& c : out.checks) worst = std::max(worst, std::abs(c.w));
    if (readings > 0) out.alarm = worst > normal_quantile(1.0 - 0.005 / static_cast<double>(readings));
    // Taking one reading out lowers the weighted sum by w squared.
    if (out.alarm)
        for (Check& c : out.checks)
            c.suspect = c.redundancy > 0 && worst * worst - c.w * c.w <= suspect_window;
    return out;
}

}  // namespace fairchalk
