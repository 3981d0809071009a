// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/turn_doubt.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <numbers>

#include <Eigen/Dense>

#include "core/named.h"
#include "core/steering_rod.h"

namespace fairchalk {
namespace {

constexpr double deg = std::numbers::pi / 180.0;
constexpr std::array<std::string_view, 7> names = {"wrong-way", "nothing",        "other-side", "twice",
                                                   "half",      "steering-moved", "unexplained"};
/// What a wheel that was turned settles to by itself, one sigma.
constexpr double settles = 0.03 * deg;
/// Quantiles of chi-square for one to four degrees of freedom.
constexpr std::array doubted_from = {10.8, 13.8, 16.3, 18.5};  // 99.9 %
constexpr std::array fits_up_to = {6.6, 9.2, 11.3, 13.3};      // 99 %

/// The turns of the last pass, and whether angles were read after them.
struct LastPass {
    std::vector<std::size_t> turns;
    bool measured = false;
};
LastPass last_pass(const Job& job) {
    LastPass out;
    for (std::size_t i = job.log->size(); i-- > 0;) {
        if (!job.live(i)) continue;
        const Entry& e = (*job.log)[i];
        if (std::holds_alternative<Turn>(e.what)) {
            out.turns.insert(out.turns.begin(), i);
        } else if (reads_angle(e)) {
            if (!out.turns.empty()) break;
            out.measured = true;
        } else if (const Change* c = std::get_if<Change>(&e.what);
                   c && (c->kind == ChangeKind::locked || c->kind == ChangeKind::steering_recentred)) {
            return {};  // more has happened to the toes than the turns
        }
    }
    return out;
}

}  // namespace

std::string_view name_of(OtherTurn t) {
    return names[static_cast<std::size_t>(t)];
}

std::optional<TurnDoubt> turn_doubt(const Job& job) {
    const LastPass pass = last_pass(job);
    if (pass.turns.empty() || !pass.measured || job.rounds.empty()) return std::nullopt;
    const CarCard& car = job.rounds.back().car;
    std::map<Wheel, double> turned;  // turns of each wheel's rod
    for (std::size_t i : pass.turns) {
        const Turn& t = std::get<Turn>((*job.log)[i].what);
        const Rod* rod = car.rod(t.adjuster);
        // Where more than rods was turned, too much moves for the toes to tell which.
        if (!rod || !rod->pitch || rod->runs == RodSide::unknown) return std::nullopt;
        turned[rod->wheel] += t.turns;
    }
    EstimateOptions o;
    o.as_of_now = true;
    o.explain = false;
    o.doubted_turns = pass.turns;
    const Estimate e = estimate(job, o);
    if (!e.posterior || !e.converged || e.posterior->toe_before_doubted.size() != 4) return std::nullopt;
    const Posterior& p = *e.posterior;

    // The wheels of the axles that were worked on, as far as both ends of the change are known.
    std::vector<Wheel> wheels;
    std::vector<Eigen::VectorXd> gradients;
    for (Wheel w : all_wheels) {
        const bool axle = turned.contains(w) || turned.contains(static_cast<Wheel>(index_of(w) ^ 1));
        if (!axle || !car.rod_at(w)) continue;
        Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
        const auto i = static_cast<std::size_t>(index_of(w));
        g[p.last_toe[i]] += 1.0;
        g[p.toe_before_doubted[i]] -= 1.0;
        if (!p.estimable(g)) continue;
        wheels.push_back(w);
        gradients.push_back(std::move(g));
    }
    const int n = static_cast<int>(wheels.size());
    if (n == 0) return std::nullopt;
    Eigen::VectorXd change(n);
    Eigen::MatrixXd measured(n, n);
    for (int i = 0; i < n; ++i) {
        change[i] = gradients[static_cast<std::size_t>(i)].dot(p.x);
        for (int k = 0; k < n; ++k)
            measured(i, k) = gradients[static_cast<std::size_t>(i)].dot(
                p.covariance * gradients[static_cast<std::size_t>(k)]);
    }
    // How far `amounts` fall short of explaining it; with a steer, one that fits best goes along.
    const auto misfit = [&](const std::map<Wheel, double>& amounts, bool steer, Eigen::VectorXd* expected) {
        Eigen::VectorXd mean = Eigen::VectorXd::Zero(n);
        Eigen::MatrixXd covariance = measured;
        for (int i = 0; i < n; ++i) {
            covariance(i, i) += settles * settles;
            const Wheel w = wheels[static_cast<std::size_t>(i)];
            const auto it = amounts.find(w);
            if (it == amounts.end() || it->second == 0.0) continue;
            const Rod& rod = *car.rod_at(w);
            const int arm = p.index(Unknown::arm, car.place_of(rod.id));
            if (arm < 0) continue;
            mean[i] = toe_change(rod, it->second, Length::from_m(p.x[arm])).rad();
            covariance(i, i) += std::pow(mean[i] * std::sqrt(p.covariance(arm, arm)) / p.x[arm], 2);
        }
        if (expected) *expected = mean;
        if (steer) {
            Eigen::VectorXd along = Eigen::VectorXd::Zero(n);
            for (int i = 0; i < n; ++i)
                if (axle_of(wheels[static_cast<std::size_t>(i)]) == Axle::front)
                    along[i] = side_of(wheels[static_cast<std::size_t>(i)]) == Side::left ? 1.0 : -1.0;
            covariance += std::pow(2.0 * deg, 2) * along * along.transpose();
        }
        const Eigen::VectorXd off = change - mean;
        return off.dot(covariance.ldlt().solve(off));
    };
    Eigen::VectorXd expected;
    const double as_written = misfit(turned, false, &expected);
    const auto dof = static_cast<std::size_t>(std::min(n, 4) - 1);
    if (as_written <= doubted_from[dof]) return std::nullopt;

    TurnDoubt out;
    out.turns = pass.turns;
    // The wheel that is furthest from what it should have done.
    int worst = 0;
    for (int i = 1; i < n; ++i)
        if (std::abs(change[i] - expected[i]) > std::abs(change[worst] - expected[worst])) worst = i;
    out.wheel = wheels[static_cast<std::size_t>(worst)];
    out.adjuster = car.rod_at(out.wheel)->id;
    out.expected = Angle::from_rad(expected[worst]);
    out.happened = Angle::from_rad(change[worst]);
    double best = fits_up_to[dof];
    const auto consider = [&](OtherTurn what, Wheel wheel, const std::map<Wheel, double>& amounts,
                              bool steer = false) {
        // A steer is one more thing that is free: it has to fit that much better.
        const double m = misfit(amounts, steer, nullptr) + (steer ? 4.0 : 0.0);
        if (m >= best) return;
        best = m;
        out.what = what;
        out.wheel = wheel;
        out.adjuster = car.rod_at(wheel)->id;
        for (int i = 0; i < n; ++i)
            if (wheels[static_cast<std::size_t>(i)] == wheel) {
                out.expected = Angle::from_rad(expected[i]);
                out.happened = Angle::from_rad(change[i]);
            }
    };
    for (const auto& [wheel, amount] : turned) {
        for (const auto& [what, factor] : {std::pair{OtherTurn::wrong_way, -1.0},
                                           {OtherTurn::nothing, 0.0},
                                           {OtherTurn::twice, 2.0},
                                           {OtherTurn::half, 0.5}}) {
            auto other = turned;
            other[wheel] = amount * factor;
            consider(what, wheel, other);
        }
        const Wheel twin = static_cast<Wheel>(index_of(wheel) ^ 1);
        if (car.rod_at(twin)) {
            auto swapped = turned;
            std::swap(swapped[wheel], swapped[twin]);
            consider(OtherTurn::other_side, wheel, swapped);
        }
    }
    if (turned.size() > 1) {
        auto all = turned;
        for (auto& [wheel, amount] : all) amount = -amount;
        consider(OtherTurn::wrong_way, turned.begin()->first, all);
    }
    // A steer can stand in for anything on one wheel: only where both were read.
    if (n > 1) consider(OtherTurn::steering_moved, turned.begin()->first, turned, true);
    return out;
}

}  // namespace fairchalk
