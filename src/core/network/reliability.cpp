// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/reliability.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>
#include <utility>

#include "core/network/network.h"
#include "core/network/posterior.h"
#include "core/network/solve.h"
#include "core/quantity/normal.h"

namespace fairchalk {
namespace {

constexpr double detectable_factor = 5.25;  // alarm at 3.29, found with 95 %
constexpr double suspect_window = 10.0;

/// Of spots that were read more than once in a round, what contradicts the rest: the normalized residual of a
/// change that all takings there share. One taking after the other takes the contradiction from each of them
/// alone, not from all. Before anything was turned: after it the turn may be what contradicts.
std::map<std::size_t, double> by_spot(const Job& job, const std::vector<Check>& checks, const Posterior& p) {
    std::map<std::pair<std::size_t, Spot>, std::vector<std::size_t>> takings;
    std::size_t turned = 0;
    while (turned < job.log->size() &&
           !(job.live(turned) && std::holds_alternative<Turn>((*job.log)[turned].event)))
        ++turned;
    for (std::size_t k = 0; k < checks.size(); ++k) {
        const auto round = checks[k].entry < turned ? job.round_of(checks[k].entry) : std::nullopt;
        if (round) takings[{*round, std::get<Reading>((*job.log)[checks[k].entry].event).spot}].push_back(k);
    }
    std::map<std::size_t, double> out;
    for (const auto& [where, those] : takings) {
        if (those.size() < 2) continue;
        Eigen::VectorXd change = Eigen::VectorXd::Zero(p.residuals.size());
        for (std::size_t k : those)
            change[static_cast<int>(k)] = 1.0 / p.sigmas[static_cast<Eigen::Index>(k)];
        const double checked = change.squaredNorm() - (p.projection.transpose() * change).squaredNorm();
        if (checked < 1e-6 * change.squaredNorm()) continue;
        for (std::size_t k : those) out[k] = p.residuals.dot(change) / std::sqrt(checked);
    }
    return out;
}

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
    const std::map<std::size_t, double> spots = by_spot(job, out.checks, p);
    const auto stands_out = [&](std::size_t k) {
        const auto it = spots.find(k);
        return std::max(std::abs(out.checks[k].w), it == spots.end() ? 0.0 : std::abs(it->second));
    };
    double worst = 0.0;
    for (std::size_t k = 0; k < readings; ++k) worst = std::max(worst, stands_out(k));
    if (readings > 0) out.alarm = worst > normal_quantile(1.0 - 0.005 / static_cast<double>(readings));
    // Taking one reading out, or all of a spot, lowers the weighted sum by w squared.
    if (out.alarm)
        for (std::size_t k = 0; k < readings; ++k)
            out.checks[k].suspect =
                out.checks[k].redundancy > 0 && worst * worst - std::pow(stands_out(k), 2) <= suspect_window;
    return out;
}

}  // namespace fairchalk
