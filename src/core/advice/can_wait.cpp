// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/can_wait.h"

#include <algorithm>
#include <cmath>

#include "core/advice/procedure.h"
#include "core/car/adjuster.h"
#include "core/job/rig.h"
#include "core/judge/still_readable.h"
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

/// What the turns are worked out from beside the targets: each turned wheel's toe, and at the front the
/// thrust line that both follow.
std::vector<Target> hung_on(const Plan& plan) {
    std::vector<Target> out;
    const auto add = [&](Measure measure, auto where) {
        Target t;
        t.measure = measure;
        t.where = where;
        out.push_back(t);
    };
    bool front = false;
    for (const PlannedTurn& t : plan.turns) {
        add(Measure::toe, t.wheel);
        front = front || axle_of(t.wheel) == Axle::front;
    }
    if (front) add(Measure::thrust, std::monostate{});
    return out;
}

/// Something of a way that tells single wheels is not read yet: it would make another plan of it.
bool tells_wheels_yet(const Job& job, int round) {
    const Round& r = job.rounds[static_cast<std::size_t>(round)];
    for (const Rig* rig : rigs_of(job, round, false)) {
        if (rig->use != RigUse::toe || !rig->each_wheel) continue;
        const std::vector<Spot> walk = rig->walk(r.lines, r.car);
        if (std::any_of(walk.begin(), walk.end(), [&](const Spot& s) { return !is_read(job, round, s); }))
            return true;
    }
    return false;
}

}  // namespace

double chance_of_change(const Job& job, const Estimate& e, const Plan& plan) {
    if (!e.posterior || e.round < 0) return 1.0;
    struct Hung {
        Target target;
        KnownAngle angle;
        const Verdict* verdict;
        double moves = 0.0;
    };
    std::vector<Hung> hung;
    for (const Verdict& v : plan.before) {
        if (!v.target.has_tolerance) continue;
        if (!v.angle.known) return 1.0;
        hung.push_back({v.target, v.angle, &v});
    }
    if (hung.empty()) return 1.0;
    for (const Target& t : hung_on(plan)) {
        const KnownAngle* angle = e.find(t.measure, t.where);
        if (angle && angle->known)
            hung.push_back({t, *angle, nullptr});
        else if (tells_wheels_yet(job, e.round))
            return 1.0;
    }
    std::vector<Target> targets;
    for (const Hung& h : hung) targets.push_back(h.target);
    const Eigen::MatrixXd then = StillReadable(job, e).covariance(targets, 1);
    double chance = 0.0;
    for (std::size_t i = 0; i < hung.size(); ++i) {
        const auto at = static_cast<Eigen::Index>(i);
        const double now = std::pow(hung[i].angle.sigma.rad(), 2), left = std::clamp(then(at, at), 0.0, now);
        hung[i].moves = std::sqrt(now - left);
        if (hung[i].verdict) chance += called_otherwise(*hung[i].verdict, hung[i].moves, std::sqrt(left));
    }
    const CarCard& car = job.rounds[static_cast<std::size_t>(e.round)].car;
    for (const PlannedTurn& t : plan.turns) {
        const double step = step_moves(car, t);
        double most = 0.0;
        for (const Hung& h : hung) {
            const Wheel* wheel = std::get_if<Wheel>(&h.target.where);
            const Axle* axle = std::get_if<Axle>(&h.target.where);
            if (wheel ? *wheel == t.wheel : axle ? *axle == axle_of(t.wheel) : true)
                most = std::max(most, h.moves);
        }
        if (most > 0.0) chance += step > 0.0 ? 2.0 * (1.0 - normal_probability(step / most)) : 1.0;
    }
    return std::min(1.0, chance);
}

}  // namespace fairchalk
