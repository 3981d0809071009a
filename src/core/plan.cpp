// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include <Eigen/Dense>

#include "core/normal.h"
#include "core/procedure.h"

namespace fairchalk {
namespace {

constexpr double deg = std::numbers::pi / 180.0;
/// How far off the thrust line the front wheels may point: about a degree and a half of steering wheel.
constexpr double straight_half_band = 0.1 * deg;
constexpr double settling_sigma = 0.02 * deg;
constexpr double least_work = 1e-4;

/// The planner's view of one adjustable rod.
struct Handle {
    const Rod* rod;
    int place;  // on the card
    int toe;    // index of its wheel's toe in the posterior
    int arm;
};

struct Handles {
    std::vector<Handle> usable;
    std::vector<Unreachable> unusable;
};

Handles handles_of(const CarCard& car, const Posterior& p) {
    Handles out;
    for (std::size_t i = 0; i < car.adjusters.size(); ++i) {
        const Rod* rod = std::get_if<Rod>(&car.adjusters[i]);
        if (!rod) continue;
        const std::string what = std::string(name_of(rod->wheel)) + ".toe";
        if (rod->runs == RodSide::unknown)
            out.unusable.push_back({what, {Code::plan_rod_side_unknown, {rod->id}}});
        else if (!rod->pitch)
            out.unusable.push_back({what, {Code::plan_pitch_unknown, {rod->id}}});
        else if (const int arm = p.index(Unknown::arm, static_cast<int>(i)); arm >= 0)
            out.usable.push_back(
                {rod, static_cast<int>(i), p.index(Unknown::toe, index_of(rod->wheel)), arm});
    }
    return out;
}

Eigen::VectorXd steering_gradient(const Posterior& p) {
    Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
    const auto& t = p.last_toe;
    g[t[1]] += 0.5;
    g[t[0]] -= 0.5;
    g[t[3]] -= 0.5;
    g[t[2]] += 0.5;
    return g;
}

/// The state of things after turns: mean, and how each angle's error depends on what is uncertain.
struct After {
    const Posterior& p;
    std::vector<Handle> handles;
    std::vector<double> turns;  // by handle

    double toe_step(std::size_t h) const {
        return toe_change(*handles[h].rod, turns[h], Length::from_m(p.x[handles[h].arm])).rad();
    }
    double mean(const Eigen::VectorXd& g) const {
        double v = g.dot(p.x);
        for (std::size_t h = 0; h < handles.size(); ++h) v += g[handles[h].toe] * toe_step(h);
        return v;
    }
    /// g with the arms' part in it.
    Eigen::VectorXd with_arms(const Eigen::VectorXd& g) const {
        Eigen::VectorXd out = g;
        for (std::size_t h = 0; h < handles.size(); ++h) {
            const double coefficient = g[handles[h].toe];
            if (coefficient == 0.0 || turns[h] == 0.0) continue;
            const double arm = p.x[handles[h].arm];
            const double ratio = length_change(*handles[h].rod, turns[h]).m() / arm;
            if (std::abs(ratio) >= 0.99) continue;
            out[handles[h].arm] +=
                coefficient * toe_sign(*handles[h].rod) * -ratio / arm / std::sqrt(1 - ratio * ratio);
        }
        return out;
    }
    double settled_covariance(const Eigen::VectorXd& a, const Eigen::VectorXd& b) const {
        double v = 0.0;
        for (std::size_t h = 0; h < handles.size(); ++h)
            if (turns[h] != 0.0) v += a[handles[h].toe] * b[handles[h].toe] * settling_sigma * settling_sigma;
        return v;
    }
    double covariance(const Eigen::VectorXd& a, const Eigen::VectorXd& b) const {
        return with_arms(a).dot(p.covariance * with_arms(b)) + settled_covariance(a, b);
    }
    KnownAngle angle(const Eigen::VectorXd& g) const {
        KnownAngle k;
        k.known = p.estimable(g);
        k.value = Angle::from_rad(mean(g));
        k.sigma = Angle::from_rad(std::sqrt(std::max(0.0, covariance(g, g))));
        return k;
    }
};

/// Halton's sequence: the i-th number in base b, reversed about the point.
double radical_inverse(int i, int base) {
    double f = 1.0, r = 0.0;
    while (i > 0) {
        f /= base;
        r += f * (i % base);
        i /= base;
    }
    return r;
}

/// P(all lo <= x <= hi) for x ~ N(mean, covariance), by quasi-Monte-Carlo over 2,048 Halton points; good to
/// about 0.01.
double joint_probability(const Eigen::VectorXd& mean, const Eigen::MatrixXd& covariance,
                         const Eigen::VectorXd& lo, const Eigen::VectorXd& hi) {
    const int n = static_cast<int>(mean.size());
    if (n == 0) return 1.0;
    if (n == 1) {
        const double s = std::sqrt(std::max(covariance(0, 0), 1e-18));
        return normal_probability((hi[0] - mean[0]) / s) - normal_probability((lo[0] - mean[0]) / s);
    }
    static constexpr int points = 2048;
    static const Eigen::MatrixXd normals = [] {
        constexpr std::array primes = {2, 3, 5, 7, 11, 13, 17, 19, 23, 29, 31, 37};
        Eigen::MatrixXd z(static_cast<int>(primes.size()), points);
        for (int i = 0; i < points; ++i)
            for (int k = 0; k < z.rows(); ++k)
                z(k, i) = normal_quantile(std::clamp(radical_inverse(i + 1, primes[k]), 1e-9, 1 - 1e-9));
        return z;
    }();
    const Eigen::SelfAdjointEigenSolver<Eigen::MatrixXd> eigen(covariance);
    const Eigen::MatrixXd root =
        eigen.eigenvectors() * eigen.eigenvalues().cwiseMax(0.0).cwiseSqrt().asDiagonal();
    int inside = 0;
    Eigen::VectorXd z(n);
    for (int i = 0; i < points; ++i) {
        // The widest directions come last in the eigenvalues and get the most even of the sequences.
        for (int k = 0; k < n; ++k) z[n - 1 - k] = normals(k % normals.rows(), i);
        const Eigen::VectorXd x = mean + root * z;
        inside += ((x - lo).array() >= 0).all() && ((hi - x).array() >= 0).all();
    }
    return static_cast<double>(inside) / points;
}

Expected outcome_of(const After& after, const std::vector<Verdict>& before, bool steering_known) {
    Expected out;
    std::vector<Eigen::VectorXd> gs;
    for (const Verdict& v : before) {
        Verdict a = v;
        const Eigen::VectorXd g = after.p.gradient_of(v.target);
        if (v.angle.known) {
            a.angle = after.angle(g);
            a.call = call(a.angle, v.target);
            if (v.target.has_tolerance) gs.push_back(g);
        }
        out.verdicts.push_back(a);
    }
    if (steering_known) out.steering = after.angle(steering_gradient(after.p));
    const int n = static_cast<int>(gs.size());
    Eigen::VectorXd mean(n), lo(n), hi(n);
    Eigen::MatrixXd covariance(n, n);
    int i = 0;
    for (const Verdict& v : before) {
        if (!v.angle.known || !v.target.has_tolerance) continue;
        mean[i] = after.mean(gs[i]);
        lo[i] = v.target.lo.rad();
        hi[i] = v.target.hi.rad();
        for (int k = 0; k < n; ++k) covariance(i, k) = after.covariance(gs[i], gs[k]);
        ++i;
    }
    out.probability = n == 0 ? 0.0 : joint_probability(mean, covariance, lo, hi);
    return out;
}

/// Squared misses in units of tolerance: what the plan makes least.
struct Miss {
    Eigen::VectorXd g;
    double aim, half;
};

std::vector<Miss> misses_of(const std::vector<Verdict>& before, const Posterior& p,
                            const std::vector<Handle>& handles, bool steering_known) {
    std::vector<Miss> out;
    for (const Verdict& v : before) {
        if (!v.angle.known) continue;
        const double half = std::max(v.target.half_band().rad(), 0.01 * deg);
        out.push_back({p.gradient_of(v.target), v.target.aim.rad(), half});
    }
    const bool front_rod = std::any_of(handles.begin(), handles.end(),
                                       [](const Handle& h) { return axle_of(h.rod->wheel) == Axle::front; });
    if (!front_rod) return out;
    const Eigen::VectorXd g = steering_gradient(p);
    if (steering_known) {
        out.push_back({g, 0.0, straight_half_band});
    } else {
        // The thrust line is not known: at least leave the steering wheel where it is.
        out.push_back({g, g.dot(p.x), straight_half_band});
    }
    return out;
}

std::vector<double> best_turns(const Posterior& p, const std::vector<Handle>& handles,
                               const std::vector<Miss>& misses) {
    After after{p, handles, std::vector<double>(handles.size(), 0.0)};
    const auto cost = [&] {
        double c = 0.0;
        for (const Miss& m : misses) c += std::pow((after.mean(m.g) - m.aim) / m.half, 2);
        for (double t : after.turns) c += least_work * std::abs(t);
        return c;
    };
    const int n = static_cast<int>(handles.size());
    // The real-valued solution first; the effect of a rod is so nearly linear that a few steps do.
    for (int iteration = 0; iteration < 8; ++iteration) {
        Eigen::MatrixXd a(static_cast<int>(misses.size()), n);
        Eigen::VectorXd b(static_cast<int>(misses.size()));
        for (std::size_t i = 0; i < misses.size(); ++i) {
            b[static_cast<int>(i)] = (misses[i].aim - after.mean(misses[i].g)) / misses[i].half;
            for (int h = 0; h < n; ++h) {
                const double per_turn =
                    toe_change(*handles[h].rod, 1.0, Length::from_m(p.x[handles[h].arm])).rad();
                a(static_cast<int>(i), h) = misses[i].g[handles[h].toe] * per_turn / misses[i].half;
            }
        }
        const Eigen::VectorXd step = a.completeOrthogonalDecomposition().solve(b);
        for (int h = 0; h < n; ++h) after.turns[h] = std::clamp(after.turns[h] + step[h], -30.0, 30.0);
    }
    std::vector<double> center(n);
    for (int h = 0; h < n; ++h) center[h] = std::round(after.turns[h] / handles[h].rod->step_turns);
    std::vector<double> best(n, 0.0);
    after.turns = best;
    double least = cost();
    constexpr int reach = 2;
    std::vector<int> offset(n, -reach);
    for (bool more = n > 0; more;) {
        for (int h = 0; h < n; ++h) after.turns[h] = (center[h] + offset[h]) * handles[h].rod->step_turns;
        if (const double c = cost(); c < least - 1e-12) least = c, best = after.turns;
        int h = 0;
        while (h < n && ++offset[h] > reach) offset[h++] = -reach;
        more = h < n;
    }
    return best;
}

bool measures_toe(const Target& t) {
    return t.measure == Measure::toe || t.measure == Measure::total_toe || t.measure == Measure::thrust;
}

bool reached_by(const Target& t, const std::vector<Handle>& handles) {
    return measures_toe(t) && std::any_of(handles.begin(), handles.end(), [&](const Handle& h) {
               if (const Axle* a = std::get_if<Axle>(&t.where)) return axle_of(h.rod->wheel) == *a;
               if (const Wheel* w = std::get_if<Wheel>(&t.where)) return h.rod->wheel == *w;
               return axle_of(h.rod->wheel) == Axle::rear;  // thrust
           });
}

/// A turn that gains less chance than this is not worth the lying down.
constexpr double worth_turning = 0.05;

}  // namespace

std::string_view name_of(NextStep n) {
    return n == NextStep::turn ? "turn" : n == NextStep::read ? "read" : "done";
}

Expected expect_after(const Job& job, const Estimate& e, const std::vector<double>& turns) {
    Expected out;
    if (!e.posterior || e.round < 0) return out;
    const Posterior& p = *e.posterior;
    const Handles all = handles_of(job.rounds[e.round].car, p);
    After after{p, all.usable, {}};
    for (const Handle& h : all.usable)
        after.turns.push_back(static_cast<std::size_t>(h.place) < turns.size() ? turns[h.place] : 0.0);
    return outcome_of(after, verdicts(job, e), p.estimable(steering_gradient(p)));
}

Plan plan_turns(const Job& job, const Estimate& e) {
    Plan plan;
    plan.before = verdicts(job, e);
    if (!e.posterior || e.round < 0) return plan;
    const Posterior& p = *e.posterior;
    const CarCard& car = job.rounds[e.round].car;
    const Handles handles = handles_of(car, p);
    const bool steering_known = p.estimable(steering_gradient(p)) && e.thrust.known;

    After still{p, handles.usable, std::vector<double>(handles.usable.size(), 0.0)};
    const Expected now = outcome_of(still, plan.before, steering_known);
    plan.after = now.verdicts;
    plan.steering_before = plan.steering_after = now.steering;
    plan.probability_inside = now.probability;

    if (turned_since_reading(job)) {
        std::vector<Wheel> turned;
        for (std::size_t i : turns_since_reading(job))
            if (const Rod* rod = car.rod(std::get<Turn>((*job.log)[i].what).adjuster))
                turned.push_back(rod->wheel);
        plan.remeasure = toe_spots_of(job, e.round, turned);
        plan.next = NextStep::read;
        return plan;
    }

    std::vector<Verdict> about_toe;
    bool all_inside = true, any_outside = false, any_unknown = false, likely_out = false;
    for (const Verdict& v : plan.before) {
        if (!measures_toe(v.target)) {
            if (v.call == Call::outside)
                plan.cannot.push_back({v.target.name(), {Code::plan_no_adjuster, {}}});
            continue;
        }
        about_toe.push_back(v);
        if (v.call == Call::unknown && v.target.has_tolerance) any_unknown = true;
        const bool can = reached_by(v.target, handles.usable);
        if (!can && (v.call == Call::outside || v.call == Call::too_close)) {
            Message why{Code::plan_no_adjuster, {}};
            for (const Unreachable& u : handles.unusable) {
                const Wheel w = *wheel_named(u.what.substr(0, u.what.find('.')));
                const Axle* a = std::get_if<Axle>(&v.target.where);
                if ((a && axle_of(w) == *a) || v.target.name() == u.what) why = u.why;
            }
            if (v.call == Call::outside) plan.cannot.push_back({v.target.name(), why});
        }
        if (v.call != Call::inside) all_inside = false;
        if (v.call == Call::outside && can) any_outside = true;
        if (v.call == Call::too_close && can && probability_inside(v.angle, v.target) < 0.5)
            likely_out = true;
    }
    std::vector<Handle> active;
    for (const Handle& h : handles.usable) {
        // Only a rod that moves an angle which has a target and is known.
        const bool wanted = std::any_of(about_toe.begin(), about_toe.end(), [&](const Verdict& v) {
            return v.angle.known && reached_by(v.target, {h});
        });
        if (wanted) active.push_back(h);
    }
    const bool steering_off =
        steering_known && !active.empty() &&
        std::abs(now.steering.value.rad()) - k95 * now.steering.sigma.rad() > straight_half_band;

    if (about_toe.empty() && plan.before.empty()) {
        plan.next = any_unknown ? NextStep::read : NextStep::done;
        return plan;
    }
    // Plans the turns; with `must_help` only if they make it likelier that all is inside.
    const auto planned = [&](bool must_help) {
        const auto turns = best_turns(p, active, misses_of(about_toe, p, active, steering_known));
        After after{p, active, turns};
        const Expected then = outcome_of(after, plan.before, steering_known);
        if (must_help && then.probability < now.probability + worth_turning) return false;
        bool something = false;
        for (std::size_t i = 0; i < active.size(); ++i) {
            if (turns[i] == 0.0) continue;
            something = true;
            PlannedTurn t;
            t.rod = active[i].rod->id;
            t.wheel = active[i].rod->wheel;
            t.turns = turns[i];
            t.now = e.wheels[index_of(t.wheel)].toe;
            Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
            g[active[i].toe] = 1.0;
            t.after = after.angle(g);
            t.follows_thrust = steering_known && axle_of(t.wheel) == Axle::front;
            plan.turns.push_back(t);
            plan.spoils.push_back(std::string(name_of(t.wheel)) + ".toe");
        }
        if (something) {
            plan.next = NextStep::turn;
            plan.after = then.verdicts;
            plan.steering_after = then.steering;
            plan.probability_inside = then.probability;
            std::vector<Wheel> turned;
            for (const PlannedTurn& t : plan.turns) turned.push_back(t.wheel);
            plan.remeasure = toe_spots_of(job, e.round, turned);
        }
        return something;
    };
    if (any_outside || likely_out || (steering_off && !any_unknown)) {
        if (planned(false)) return plan;
        for (const Verdict& v : about_toe)
            if (v.call == Call::outside && reached_by(v.target, active))
                plan.cannot.push_back(
                    {v.target.name(), {Code::plan_steps_too_coarse, {active.front().rod->id}}});
    }
    if (any_unknown) {
        plan.next = NextStep::read;
        return plan;
    }
    // Too close to call: read on where that can settle it. What only a missing adjuster could mend is done.
    bool readable = false;
    for (const Verdict& v : plan.before)
        if (v.call == Call::too_close && what_settles(job, e, v)) readable = true;
    const bool unread_camber = std::any_of(plan.before.begin(), plan.before.end(), [](const Verdict& v) {
        return v.call == Call::unknown && v.target.has_tolerance;
    });
    // Nothing that could be read settles it, and the middle of the band is a turn away.
    if (!all_inside && !readable && !active.empty() && planned(true)) return plan;
    plan.next = !all_inside && readable ? NextStep::read : unread_camber ? NextStep::read : NextStep::done;
    return plan;
}

}  // namespace fairchalk
