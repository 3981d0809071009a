// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/posterior.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <numeric>

#include <Eigen/Dense>

#include "core/car/adjuster.h"
#include "core/network/network.h"
#include "core/network/solve.h"

namespace fairchalk {

Eigen::VectorXd Posterior::gradient_of(const Target& target) const {
    const Posterior& p = *this;
    Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
    const auto put = [&](int i, double c) {
        if (i >= 0) g[i] += c;
    };
    const Axle* axle = std::get_if<Axle>(&target.where);
    const Wheel* wheel = std::get_if<Wheel>(&target.where);
    const int l = axle ? index_of(*axle) * 2 : 0;
    switch (target.measure) {
        case Measure::total_toe:
            put(p.last_toe[l], 1);
            put(p.last_toe[l + 1], 1);
            break;
        case Measure::toe:
            if (wheel) put(p.last_toe[index_of(*wheel)], 1);
            break;
        case Measure::camber:
            if (wheel) put(p.last_camber[index_of(*wheel)], 1);
            break;
        case Measure::caster:
            if (wheel) put(p.last_caster[index_of(*wheel)], 1);
            break;
        case Measure::cross_camber:
            put(p.last_camber[l], 1);
            put(p.last_camber[l + 1], -1);
            break;
        case Measure::cross_caster:
            put(p.last_caster[l], 1);
            put(p.last_caster[l + 1], -1);
            break;
        case Measure::thrust:
            put(p.last_toe[3], 0.5);
            put(p.last_toe[2], -0.5);
            break;
    }
    return g;
}

namespace {

/// How large an unknown may be: metres or radians.
double largest_of(Unknown what) {
    switch (what) {
        case Unknown::lip_depth:
            return 0.05;
        case Unknown::string_offset:
        case Unknown::half_width:
        case Unknown::mid_width:
        case Unknown::arm:
        case Unknown::plumb:
            return 0.5;
        default:
            return 0.2;
    }
}
constexpr double matters = 2e-5;  // radians: a thousandth of a degree

}  // namespace

int Posterior::index(Unknown what, int where) const {
    const auto it = now.find({what, where});
    return it == now.end() ? -1 : it->second;
}

bool Posterior::well_known(const Eigen::VectorXd& gradient) const {
    constexpr double too_vague = 0.5 * one_degree;
    return estimable(gradient) && variance(gradient) < too_vague * too_vague;
}

bool Posterior::estimable(const Eigen::VectorXd& gradient) const {
    const Eigen::VectorXd g = gradient.cwiseQuotient(scale);
    const Eigen::VectorXd along = null_space.transpose() * g;
    if (along.norm() < 1e-6 * g.norm()) return true;
    // What nothing tells may still be no larger than things are: how deep a lip lies matters to a bar along
    // it only at second order, and no reading tells that.
    for (Eigen::Index k = 0; k < along.size(); ++k) {
        const Eigen::VectorXd d = null_space.col(k).cwiseQuotient(scale);
        double most = std::numeric_limits<double>::infinity();
        for (Eigen::Index i = 0; i < d.size(); ++i)
            if (d[i] != 0.0)
                most = std::min(most, largest_of(keys[static_cast<std::size_t>(i)].what) / std::abs(d[i]));
        if (most * std::abs(along[k]) > matters) return false;
    }
    return true;
}

SolvedSpace posterior_of(const Network& network, const Solution& solution) {
    SolvedSpace out;
    Posterior& p = out.posterior;
    const int n = static_cast<int>(solution.jacobian.rows()), m = static_cast<int>(solution.jacobian.cols());
    p.keys = network.keys;
    p.x = Eigen::Map<const Eigen::VectorXd>(network.x.data(), m);
    p.scale = Eigen::VectorXd::Ones(m);
    for (int i = 0; i < m; ++i)
        if (const double norm = solution.jacobian.col(i).norm(); norm > 0) p.scale[i] = norm;
    const Eigen::MatrixXd scaled = solution.jacobian * p.scale.cwiseInverse().asDiagonal();
    // A = Q [T 0; 0 0] Z P': Q's columns are the readings' space, the last of (Z P')' are what no reading
    // tells. One row of zeros where nothing was read at all: then everything is in the null space.
    Eigen::CompleteOrthogonalDecomposition<Eigen::MatrixXd> split;
    split.setThreshold(1e-9);
    split.compute(n > 0 ? scaled : Eigen::MatrixXd::Zero(1, m));
    const int rank = static_cast<int>(split.rank());
    out.basis = split.householderQ() * Eigen::MatrixXd::Identity(std::max(n, 1), rank);
    // Eigen leaves Z unset where nothing is unknown.
    const Eigen::MatrixXd z =
        rank < m ? Eigen::MatrixXd(split.matrixZ().transpose()) : Eigen::MatrixXd::Identity(m, m);
    const Eigen::MatrixXd v = split.colsPermutation() * z;
    const Eigen::MatrixXd t = split.matrixT().topLeftCorner(rank, rank).triangularView<Eigen::Upper>();
    const Eigen::MatrixXd vs =
        t.triangularView<Eigen::Upper>().solve<Eigen::OnTheRight>(Eigen::MatrixXd(v.leftCols(rank)));
    p.null_space = v.rightCols(m - rank);
    p.covariance =
        p.scale.cwiseInverse().asDiagonal() * (vs * vs.transpose()) * p.scale.cwiseInverse().asDiagonal();

    const auto find = [&](Unknown what, int count) {
        std::vector<int> at(count, -1);
        for (int w = 0; w < count; ++w)
            if (const auto it = network.current().find({what, w}); it != network.current().end())
                at[w] = it->second;
        return at;
    };
    p.last_toe = find(Unknown::toe, 4);
    p.last_camber = find(Unknown::camber, 4);
    p.last_caster = find(Unknown::caster, 4);
    p.last_sai = find(Unknown::sai, 4);
    p.last_offset = find(Unknown::string_offset, 2);
    p.last_skew = find(Unknown::string_skew, 2);
    p.now = network.current();
    p.standing = network.standing;
    p.arms = find(Unknown::arm, static_cast<int>(network.standing.car.adjusters.size()));
    return out;
}

void add_unturned(Posterior& p, const CarCard& car, const std::vector<int>& turned, int epoch) {
    struct Block {
        std::vector<UnknownKey> keys;
        Eigen::VectorXd mean;
        Eigen::MatrixXd covariance;
    };
    std::vector<Block> blocks;
    Eigen::Index more = 0;
    for (std::size_t place = 0; place < car.adjusters.size(); ++place) {
        const int at = static_cast<int>(place);
        const Adjuster& adjuster = car.adjusters[place];
        for (const KnownLock& l : adjuster.lock) {
            const int where = place_of_lock(at, l.angle);
            if (p.now.contains({Unknown::lock, where})) continue;
            const KnownLock known = lock_prior(adjuster, l.angle);
            blocks.push_back({{{Unknown::lock, where, epoch}},
                              Eigen::VectorXd::Constant(1, known.deg * one_degree),
                              Eigen::MatrixXd::Constant(1, 1, std::pow(known.sigma_deg * one_degree, 2))});
        }
        if (!is_rod(adjuster) && std::find(turned.begin(), turned.end(), at) == turned.end()) {
            const auto prior = response_prior(adjuster, car);
            if (!prior) continue;
            Block b{{}, prior->mean, prior->covariance};
            for (int i = 0; i < static_cast<int>(prior->effects.size()); ++i)
                b.keys.push_back({Unknown::response, place_of_response(at, i), epoch});
            blocks.push_back(std::move(b));
        }
        if (!blocks.empty())
            more = std::accumulate(blocks.begin(), blocks.end(), Eigen::Index{0},
                                   [](Eigen::Index n, const Block& b) { return n + b.mean.size(); });
    }
    for (std::size_t w = 0; w < 4; ++w)
        for (WheelAngle a : {WheelAngle::toe, WheelAngle::camber, WheelAngle::caster})
            p.state[w][index_of(a)] = p.last_of(a)[w];
    // What devices move though nothing tells how it stands: in the null space, a column each.
    std::vector<std::pair<Wheel, WheelAngle>> unread;
    for (const Adjuster& adjuster : car.adjusters) {
        const auto prior = is_rod(adjuster) ? std::nullopt : response_prior(adjuster, car);
        if (!prior) continue;
        for (const Effect& e : prior->effects) {
            const std::pair at(e.wheel, e.angle);
            if (p.state_of(e.wheel, e.angle) >= 0 ||
                (e.angle == WheelAngle::caster && axle_of(e.wheel) == Axle::rear) ||
                std::find(unread.begin(), unread.end(), at) != unread.end())
                continue;
            unread.push_back(at);
        }
    }
    for (const auto& [w, a] : unread)
        blocks.push_back({{{angle_unknowns[index_of(a)], index_of(w), epoch}},
                          Eigen::VectorXd::Zero(1),
                          Eigen::MatrixXd::Zero(1, 1)});
    more += static_cast<Eigen::Index>(unread.size());
    if (more == 0) return;
    const Eigen::Index was = p.x.size();
    p.x.conservativeResize(was + more);
    p.scale.conservativeResize(was + more);
    p.scale.tail(more).setOnes();
    const auto alone = static_cast<Eigen::Index>(unread.size());
    Eigen::Index nothing = p.null_space.cols();
    p.null_space.conservativeResize(was + more, nothing + alone);
    p.null_space.bottomRows(more).setZero();
    p.null_space.rightCols(alone).setZero();
    Eigen::MatrixXd covariance = Eigen::MatrixXd::Zero(was + more, was + more);
    covariance.topLeftCorner(was, was) = p.covariance;
    Eigen::Index at = was;
    for (const Block& b : blocks) {
        p.x.segment(at, b.mean.size()) = b.mean;
        covariance.block(at, at, b.mean.size(), b.mean.size()) = b.covariance;
        for (std::size_t i = 0; i < b.keys.size(); ++i) {
            p.keys.push_back(b.keys[i]);
            const int here = static_cast<int>(at + static_cast<Eigen::Index>(i));
            const auto angle = std::find(angle_unknowns.begin(), angle_unknowns.end(), b.keys[i].what);
            if (angle == angle_unknowns.end()) {
                p.now[{b.keys[i].what, b.keys[i].where}] = here;
                continue;
            }
            p.state[static_cast<std::size_t>(b.keys[i].where)]
                   [static_cast<std::size_t>(angle - angle_unknowns.begin())] = here;
            p.null_space(here, nothing++) = 1.0;
        }
        at += b.mean.size();
    }
    p.covariance = std::move(covariance);
}

}  // namespace fairchalk
