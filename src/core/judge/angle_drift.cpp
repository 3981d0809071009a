// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/angle_drift.h"

#include <algorithm>
#include <cmath>

#include <Eigen/Dense>

#include "core/quantity/normal.h"

namespace fairchalk {
namespace {

constexpr double false_alarms = 0.05, checks = 10.0;

/// One angle through the jobs that knew it, as if nobody had turned anything.
struct Series {
    CarAngle angle;
    std::vector<double> days, deg, variance, turned;  ///< `turned`: variance of what was turned after it
    double shifted = 0.0;                             ///< by turns so far, degrees
};

Series& series_of(std::vector<Series>& all, const MovedAngle& m) {
    for (Series& s : all)
        if (s.angle == m) return s;
    return all.emplace_back(Series{m, {}, {}, {}, {}, 0.0});
}

}  // namespace

std::vector<AngleDrift> drifts(std::span<const SeasonJob> jobs) {
    std::vector<Series> all;
    for (const SeasonJob& job : jobs)
        // A job against itself: what it found, what it left, and the sigma of each.
        for (const MovedAngle& m : what_moved(job.found, job.left)) {
            Series& s = series_of(all, m);
            s.days.push_back(job.day);
            s.deg.push_back(m.then.value.deg() - s.shifted);
            s.variance.push_back(std::pow(std::hypot(m.then.sigma.deg(), put_down(m.measure)), 2));
            const bool turned = m.by.deg() != 0.0;
            s.turned.push_back(turned ? std::pow(m.then.sigma.deg(), 2) + std::pow(m.now.sigma.deg(), 2)
                                      : 0.0);
            s.shifted += m.by.deg();
        }
    std::vector<AngleDrift> out;
    if (all.empty()) return out;
    const double z = normal_quantile(1.0 - false_alarms / 2.0 / checks / static_cast<double>(all.size()));
    for (const Series& s : all) {
        const auto n = static_cast<Eigen::Index>(s.days.size());
        if (n < 3) continue;
        Eigen::MatrixXd a(n, 2), c = Eigen::MatrixXd::Zero(n, n);
        // What a turn did is as unsure for all jobs after it.
        double before = 0.0;
        for (Eigen::Index i = 0; i < n; ++i) {
            const auto at = static_cast<std::size_t>(i);
            a.row(i) << 1.0, s.days[at] - s.days[0];
            c.row(i).tail(n - i).setConstant(before);
            c.col(i).tail(n - i).setConstant(before);
            c(i, i) += s.variance[at];
            before += s.turned[at];
        }
        const Eigen::LDLT<Eigen::MatrixXd> inverse(c);
        const Eigen::MatrixXd normal = a.transpose() * inverse.solve(a);
        if (std::abs(normal.determinant()) < 1e-12 * normal(0, 0) * std::max(normal(1, 1), 1e-12)) continue;
        const Eigen::MatrixXd covariance = normal.inverse();
        const Eigen::VectorXd fit =
            covariance * (a.transpose() * inverse.solve(Eigen::Map<const Eigen::VectorXd>(s.deg.data(), n)));
        const double sigma = std::sqrt(std::max(0.0, covariance(1, 1)));
        if (!(std::abs(fit[1]) > z * sigma)) continue;
        out.push_back(
            {s.angle, Angle::from_deg(7.0 * fit[1]), Angle::from_deg(7.0 * sigma), static_cast<int>(n) - 1});
    }
    return out;
}

}  // namespace fairchalk
