// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/can_wait.h"

#include <algorithm>
#include <cmath>

#include "core/car/adjuster.h"
#include "core/quantity/normal.h"

namespace fairchalk {
namespace {

/// That an angle of N(m, moves²) is called otherwise than `was` once its sigma is `then`.
double called_otherwise(const Verdict& v, double moves, double then) {
    const double m = v.angle.value.rad(), k = k95 * then, lo = v.target.lo.rad(), hi = v.target.hi.rad();
    const auto below = [&](double x) {
        return moves > 0.0 ? normal_probability((x - m) / moves) : (x > m ? 1.0 : 0.0);
    };
    const double inside = std::max(0.0, below(hi - k) - below(lo + k));
    const double outside = below(lo - k) + 1.0 - below(hi + k);
    switch (v.call) {
        case Call::inside:
            return 1.0 - inside;
        case Call::outside:
            return 1.0 - outside;
        case Call::too_close:
        case Call::unknown:
            break;
    }
    return std::min(1.0, inside + outside);
}

/// What one step of a planned turn moves its angle by, rad; 0 where that is not told.
double step_moves(const CarCard& car, const PlannedTurn& t) {
    const Adjuster* a = car.adjuster(t.adjuster);
    const AdjusterKind* kind = a ? adjuster_kind(a->kind) : nullptr;
    if (!kind || !t.now.known || !t.after.known || t.turns == 0.0) return 0.0;
    const auto handles = kind->handles(*a);
    if (handles.empty()) return 0.0;
    return std::abs((t.after.value - t.now.value).rad() / t.turns * handles.front().step);
}

}  // namespace

double chance_of_change(const Job& job, const Estimate& e, const Plan& plan) {
    if (!e.posterior || e.round < 0) return 1.0;
    std::vector<const Verdict*> known;
    std::vector<Target> targets;
    for (const Verdict& v : plan.before) {
        if (!v.target.has_tolerance) continue;
        if (!v.angle.known) return 1.0;
        known.push_back(&v);
        targets.push_back(v.target);
    }
    if (known.empty()) return 1.0;
    const Eigen::MatrixXd then = readable_covariance(job, e, targets, 1);
    double chance = 0.0;
    std::vector<double> moves(known.size());
    for (std::size_t i = 0; i < known.size(); ++i) {
        const auto at = static_cast<Eigen::Index>(i);
        const double now = std::pow(known[i]->angle.sigma.rad(), 2),
                     left = std::clamp(then(at, at), 0.0, now);
        moves[i] = std::sqrt(now - left);
        chance += called_otherwise(*known[i], moves[i], std::sqrt(left));
    }
    const CarCard& car = job.rounds[static_cast<std::size_t>(e.round)].car;
    for (const PlannedTurn& t : plan.turns) {
        const double step = step_moves(car, t);
        double most = 0.0;
        for (std::size_t i = 0; i < known.size(); ++i) {
            const Target& target = targets[i];
            const Wheel* wheel = std::get_if<Wheel>(&target.where);
            const Axle* axle = std::get_if<Axle>(&target.where);
            if (wheel ? *wheel == t.wheel : axle ? *axle == axle_of(t.wheel) : true)
                most = std::max(most, moves[i]);
        }
        if (most > 0.0) chance += step > 0.0 ? 2.0 * (1.0 - normal_probability(step / most)) : 1.0;
    }
    return std::min(1.0, chance);
}

}  // namespace fairchalk
