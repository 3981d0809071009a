// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/outcome.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>

#include <Eigen/Dense>

#include "core/advice/chance.h"

namespace fairchalk {

Eigen::VectorXd steering_gradient(const Posterior& p) {
    Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
    const auto& t = p.last_toe;
    g[t[1]] += 0.5;
    g[t[0]] -= 0.5;
    g[t[3]] -= 0.5;
    g[t[2]] += 0.5;
    return g;
}

Eigen::VectorXd thrust_gradient(const Posterior& p) {
    Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
    g[p.last_toe[3]] += 0.5;
    g[p.last_toe[2]] -= 0.5;
    return g;
}

Eigen::VectorXd angle_gradient(const Posterior& p, Wheel w, WheelAngle angle) {
    Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
    if (const int at = p.state_of(w, angle); at >= 0) g[at] = 1.0;
    return g;
}

std::span<const std::pair<int, int>> After::locks(std::size_t h) const {
    for (std::size_t k = 0; k < h; ++k)
        if (levers[k].place == levers[h].place && turned(k)) return {};
    return levers[h].locks;
}
double After::mean(const Eigen::VectorXd& g) const {
    double v = g.dot(p.x);
    for (std::size_t h = 0; h < levers.size(); ++h) {
        if (!turned(h)) continue;
        const Lever& l = levers[h];
        for (const Lever::Pull& pull : l.pulls)
            if (g[pull.state] != 0.0) v += g[pull.state] * l.effect(pull, turns[h], p);
        // What locking it will do, where that is known, is aimed ahead of.
        for (const auto& [state, lock] : locks(h)) v += g[state] * p.x[lock];
    }
    return v;
}

bool After::taken_up(const Lever& lever, const Lever::Pull& pull) const {
    const int bit = bit_of(pull.angle);
    if (lever.serves == 0 || (lever.serves & bit) != 0) return false;
    return std::any_of(levers.begin(), levers.end(), [&](const Lever& l) {
        return l.place != lever.place && l.wheel == pull.wheel && (l.serves & bit) != 0;
    });
}

/// g with the responses' part in it.
Eigen::VectorXd After::with_responses(const Eigen::VectorXd& g) const {
    Eigen::VectorXd out = g;
    for (std::size_t h = 0; h < levers.size(); ++h) {
        if (!turned(h)) continue;
        const Lever& l = levers[h];
        for (const Lever::Pull& pull : l.pulls)
            if (g[pull.state] != 0.0 && (couples || !taken_up(l, pull)))
                out[pull.response] += g[pull.state] * l.slope(pull, turns[h], p);
        if (scatters)
            for (const auto& [state, lock] : locks(h)) out[lock] += g[state];
    }
    return out;
}

/// Variance by state that comes of turning at all, in proportion to `a` and `b`.
double After::settled_covariance(const Eigen::VectorXd& a, const Eigen::VectorXd& b) const {
    if (!scatters) return 0.0;
    std::map<int, double> settles;
    for (std::size_t h = 0; h < levers.size(); ++h) {
        if (!turned(h)) continue;
        const Lever& l = levers[h];
        for (const Lever::Pull& pull : l.pulls) settles[pull.state] += l.settled_variance(pull, turns[h], p);
        for (const auto& [state, lock] : locks(h))
            settles[state] += std::pow(lock_scatter_deg * one_degree, 2);
    }
    double sum = 0.0;
    for (const auto& [state, v] : settles) sum += a[state] * b[state] * v;
    return sum;
}
double After::covariance(const Eigen::VectorXd& a, const Eigen::VectorXd& b) const {
    return with_responses(a).dot(p.covariance * with_responses(b)) + settled_covariance(a, b);
}
Eigen::MatrixXd After::covariance(const std::vector<Eigen::VectorXd>& gs) const {
    const auto n = static_cast<Eigen::Index>(gs.size());
    Eigen::MatrixXd whole(p.x.size(), n), out(n, n);
    for (Eigen::Index i = 0; i < n; ++i) whole.col(i) = with_responses(gs[static_cast<std::size_t>(i)]);
    out = whole.transpose() * (p.covariance * whole);
    for (Eigen::Index i = 0; i < n; ++i)
        for (Eigen::Index k = 0; k < n; ++k)
            out(i, k) += settled_covariance(gs[static_cast<std::size_t>(i)], gs[static_cast<std::size_t>(k)]);
    return out;
}
Angle After::change_sigma(const Eigen::VectorXd& g) const {
    const Eigen::VectorXd by = with_responses(g) - g;
    return Angle::from_rad(std::sqrt(std::max(0.0, by.dot(p.covariance * by) + settled_covariance(g, g))));
}
KnownAngle After::angle(const Eigen::VectorXd& g) const {
    KnownAngle k;
    k.known = p.estimable(g);
    k.value = Angle::from_rad(mean(g));
    k.sigma = Angle::from_rad(std::sqrt(std::max(0.0, covariance(g, g))));
    return k;
}

Expected outcome_of(const After& after, const std::vector<Verdict>& before, bool steering_known,
                    const Eigen::MatrixXd& readable) {
    Expected out;
    std::vector<Eigen::VectorXd> gs;
    std::vector<const Verdict*> judged;
    for (const Verdict& v : before) {
        Verdict a = v;
        if (v.angle.known) {
            const Eigen::VectorXd g = after.p.gradient_of(v.target);
            a.angle = after.angle(g);
            a.call = call(a.angle, v.target);
            if (v.target.has_tolerance) {
                gs.push_back(g);
                judged.push_back(&v);
            }
        }
        out.verdicts.push_back(a);
    }
    if (steering_known) out.steering = after.angle(steering_gradient(after.p));
    const auto n = static_cast<Eigen::Index>(gs.size());
    if (n == 0) return out;
    Eigen::VectorXd mean(n), lo(n), hi(n);
    for (Eigen::Index i = 0; i < n; ++i) {
        const Verdict& v = *judged[static_cast<std::size_t>(i)];
        mean[i] = after.mean(gs[static_cast<std::size_t>(i)]);
        lo[i] = v.target.lo.rad();
        hi[i] = v.target.hi.rad();
    }
    const Eigen::MatrixXd covariance = after.covariance(gs);
    out.probability = joint_probability(mean, covariance, lo, hi);
    // Called inside is what will be read so far from both edges as the readings are unsure by then; and what
    // will be read is less spread than what is.
    Eigen::MatrixXd read = covariance;
    if (readable.rows() == n) read -= readable;
    for (Eigen::Index i = 0; i < n; ++i) {
        const double sigma = readable.rows() == n ? std::sqrt(std::max(0.0, readable(i, i))) : 0.0;
        lo[i] += k95 * sigma;
        hi[i] -= k95 * sigma;
        if (lo[i] >= hi[i]) return out;  // these readings can't call it, however often they are taken
    }
    out.ends = joint_probability(mean, read, lo, hi);
    return out;
}

}  // namespace fairchalk
