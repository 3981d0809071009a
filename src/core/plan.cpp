// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <map>
#include <numbers>
#include <span>

#include <Eigen/Dense>

#include "core/lever.h"
#include "core/normal.h"
#include "core/procedure.h"
#include "core/stacks_now.h"
#include "core/whole_steps.h"

namespace fairchalk {
namespace {

/// How far off the thrust line the front wheels may point: about a degree and a half of steering wheel.
constexpr double straight_half_band = 0.1 * one_degree;
/// Work, in squared misses of half a band: to touch an adjuster at all, to take the weight off first, and
/// each step of it.
constexpr double touching = 1e-3, jacking = 4e-3, least_work = 1e-4;
/// How far from an edge, in sigmas of what was read before the turn, an angle must lie for some more readings
/// to call it: found on the proving ground.
constexpr double clear_of_edge = 0.5;
constexpr double most_shims_mm = 15.0;
/// Combinations: with the scarcest of tins a plan then takes a tenth of a second, and what was found so far
/// is taken.
constexpr long most_tried = 45'000;

/// Why nothing can be planned with the rod of a wheel, if that is so.
std::optional<Message> unusable_rod(const CarCard& car, Wheel w) {
    const Rod* rod = car.rod_at(w);
    if (!rod || (rod->runs != RodSide::unknown && rod->pitch)) return std::nullopt;
    return Message{rod->runs == RodSide::unknown ? Code::plan_rod_side_unknown : Code::plan_pitch_unknown,
                   {rod->id}};
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
    std::vector<Lever> levers;
    std::vector<double> turns;  // by lever

    bool turned(std::size_t h) const { return turns[h] != 0.0; }
    /// An adjuster is locked once, whatever of it was turned.
    std::span<const std::pair<int, int>> locks(std::size_t h) const {
        for (std::size_t k = 0; k < h; ++k)
            if (levers[k].place == levers[h].place && turned(k)) return {};
        return levers[h].locks;
    }
    double mean(const Eigen::VectorXd& g) const {
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
    /// g with the responses' part in it.
    Eigen::VectorXd with_responses(const Eigen::VectorXd& g) const {
        Eigen::VectorXd out = g;
        for (std::size_t h = 0; h < levers.size(); ++h) {
            if (!turned(h)) continue;
            const Lever& l = levers[h];
            for (const Lever::Pull& pull : l.pulls)
                if (g[pull.state] != 0.0) out[pull.response] += g[pull.state] * l.slope(pull, turns[h], p);
            for (const auto& [state, lock] : locks(h)) out[lock] += g[state];
        }
        return out;
    }
    /// Variance by state that comes of turning at all, in proportion to `a` and `b`.
    double settled_covariance(const Eigen::VectorXd& a, const Eigen::VectorXd& b) const {
        std::map<int, double> settles;
        for (std::size_t h = 0; h < levers.size(); ++h) {
            if (!turned(h)) continue;
            const Lever& l = levers[h];
            for (const Lever::Pull& pull : l.pulls)
                settles[pull.state] += l.settled_variance(pull, turns[h], p);
            for (const auto& [state, lock] : locks(h))
                settles[state] += std::pow(lock_scatter_deg * one_degree, 2);
        }
        double sum = 0.0;
        for (const auto& [state, v] : settles) sum += a[state] * b[state] * v;
        return sum;
    }
    double covariance(const Eigen::VectorXd& a, const Eigen::VectorXd& b) const {
        return with_responses(a).dot(p.covariance * with_responses(b)) + settled_covariance(a, b);
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
    if (n == 0) return out;
    // What lies nearer to an edge than it can be read is not called.
    i = 0;
    for (const Verdict& v : before) {
        if (!v.angle.known || !v.target.has_tolerance) continue;
        const double margin = std::min(clear_of_edge * v.angle.sigma.rad(), 0.45 * (hi[i] - lo[i]));
        lo[i] += margin;
        hi[i] -= margin;
        ++i;
    }
    out.ends = joint_probability(mean, covariance, lo, hi);
    return out;
}

/// Squared misses in units of tolerance: what the plan makes least.
struct Miss {
    Eigen::VectorXd g;
    double aim, half;
};

std::vector<Miss> misses_of(const std::vector<Verdict>& before, const Posterior& p,
                            const std::vector<Lever>& levers, bool steering_known) {
    std::vector<Miss> out;
    for (const Verdict& v : before) {
        if (!v.angle.known) continue;
        const double half = std::max(v.target.half_band().rad(), 0.01 * one_degree);
        out.push_back({p.gradient_of(v.target), v.target.aim.rad(), half});
    }
    const bool steered = std::any_of(levers.begin(), levers.end(), [](const Lever& l) {
        return axle_of(l.wheel) == Axle::front && (l.serves == 0 || (l.serves & serves_toe) != 0);
    });
    if (!steered) return out;
    const Eigen::VectorXd g = steering_gradient(p);
    if (steering_known) {
        out.push_back({g, 0.0, straight_half_band});
    } else {
        // The thrust line is not known: at least leave the steering wheel where it is.
        out.push_back({g, g.dot(p.x), straight_half_band});
    }
    return out;
}

/// What a handle can be set to from where it is: whole steps within its range, or what shims can make up.
std::vector<double> amounts_of(const Lever& l, const CarCard& car) {
    std::vector<double> out{0.0};
    const double least = std::max(l.handle.least - l.so_far, -most_rod_turns * 12),
                 most = std::min(l.handle.most - l.so_far, most_rod_turns * 12);
    if (l.kind && l.kind->from_tin() && !car.tin.empty()) {
        const StackWanted own = stacks_wanted(*l.device, {});
        const auto which = static_cast<std::size_t>(l.which);
        std::vector<ShimsOf> others = car.tin;
        for (const Adjuster& a : car.adjusters)
            if (const Device* d = std::get_if<Device>(&a))
                for (std::size_t s = 0; s < 2; ++s)
                    if (d != l.device || s != which)
                        others.insert(others.end(), d->stacks[s].begin(), d->stacks[s].end());
        // A stack that is known ends where nothing is left in it.
        const double floor = own.known && !l.device->least ? -most_shims_mm : least;
        for (double v : reachable_changes(own.now[which], others, most_shims_mm))
            if (v != 0.0 && v >= floor - 1e-9 && v <= most + 1e-9) out.push_back(v);
        if (!own.known)
            for (double k = 1; - k * l.handle.step >= least - 1e-9; ++k) out.push_back(-k * l.handle.step);
        return out;
    }
    for (double k = 1; k * l.handle.step <= most + 1e-9; ++k) out.push_back(k * l.handle.step);
    for (double k = 1; - k * l.handle.step >= least - 1e-9; ++k) out.push_back(-k * l.handle.step);
    return out;
}

std::vector<StackWanted> all_stacks(const std::vector<Lever>& levers, const std::vector<double>& turns) {
    std::vector<StackWanted> out;
    for (std::size_t i = 0; i < levers.size(); ++i) {
        const Lever& l = levers[i];
        if (!l.kind || !l.kind->from_tin()) continue;
        auto it =
            std::find_if(out.begin(), out.end(), [&](const StackWanted& w) { return w.adjuster == l.id(); });
        if (it == out.end()) {
            out.push_back(stacks_wanted(*l.device, {}));
            it = out.end() - 1;
        }
        it->add[static_cast<std::size_t>(l.which)] = turns[i];
    }
    return out;
}

/// Amounts by lever that make the misses least. Without a tin any step of a stack will do.
std::vector<double> best_turns(const CarCard& car, const Posterior& p, const std::vector<Lever>& levers,
                               const std::vector<Miss>& misses) {
    const int n = static_cast<int>(levers.size()), m = static_cast<int>(misses.size());
    WholeSteps problem{Eigen::MatrixXd::Zero(m, n), Eigen::VectorXd::Zero(m), {}};
    std::vector<std::vector<double>> amounts;
    // A rod's effect runs along one direction and bends a little; a device's grows with its travel.
    for (int h = 0; h < n; ++h) {
        const Lever& l = levers[static_cast<std::size_t>(h)];
        amounts.push_back(amounts_of(l, car));
        Choices c;
        for (double amount : amounts.back()) {
            c.effect.push_back(l.rod ? l.effect(l.pulls.front(), amount, p) : l.travel(amount));
            const bool jacks = l.kind && l.kind->wants_jacking();
            c.work.push_back(amount == 0.0
                                 ? 0.0
                                 : touching + (jacks ? jacking : 0.0) +
                                       least_work * std::abs(amount) / (l.rod ? 1.0 : 8 * l.handle.step));
        }
        problem.choices.push_back(std::move(c));
        for (int i = 0; i < m; ++i)
            for (const Lever::Pull& pull : l.pulls)
                problem.a(i, h) += misses[static_cast<std::size_t>(i)].g[pull.state] *
                                   (l.rod ? 1.0 : p.x[pull.response]) /
                                   misses[static_cast<std::size_t>(i)].half;
    }
    for (int i = 0; i < m; ++i) {
        const Miss& miss = misses[static_cast<std::size_t>(i)];
        problem.b[i] = (miss.aim - miss.g.dot(p.x)) / miss.half;
    }
    const auto turns_of = [&](const std::vector<std::size_t>& chosen) {
        std::vector<double> t;
        for (std::size_t h = 0; h < chosen.size(); ++h) t.push_back(amounts[h][chosen[h]]);
        return t;
    };
    std::function<bool(const std::vector<std::size_t>&)> feasible;
    const auto stacks = all_stacks(levers, std::vector<double>(levers.size(), 0.0));
    std::vector<std::optional<std::size_t>> stack_of(levers.size());
    for (std::size_t h = 0; h < levers.size(); ++h)
        for (std::size_t i = 0; i < stacks.size(); ++i)
            if (levers[h].device && levers[h].id() == stacks[i].adjuster) stack_of[h] = i;
    for (const auto& stack : stack_of) problem.limited.push_back(stack.has_value());
    ShimsAtHand shims(stacks, car.tin);
    if (!car.tin.empty() && !stacks.empty())
        feasible = [&](const std::vector<std::size_t>& choice) {
            std::vector<std::array<std::optional<double>, 2>> add(stacks.size());
            for (std::size_t i = 0; i < stacks.size(); ++i)
                if (!stacks[i].pair) add[i][1] = 0.0;
            for (std::size_t h = 0; h < choice.size(); ++h)
                if (stack_of[h] && choice[h] != undecided)
                    add[*stack_of[h]][static_cast<std::size_t>(levers[h].which)] = amounts[h][choice[h]];
            return shims.enough(add);
        };
    std::vector<std::size_t> chosen = nearest_whole_steps(problem, feasible, most_tried).chosen;
    // What locking these will do is there whatever the amount: planned once more from beyond it, and kept
    // where that comes out better.
    const auto cost = [&](const std::vector<std::size_t>& c) {
        const After after{p, levers, turns_of(c)};
        double sum = 0.0;
        for (const Miss& miss : misses) sum += std::pow((after.mean(miss.g) - miss.aim) / miss.half, 2);
        for (std::size_t h = 0; h < c.size(); ++h) sum += problem.choices[h].work[c[h]];
        return sum;
    };
    const After first{p, levers, turns_of(chosen)};
    bool locks = false;
    for (std::size_t h = 0; h < levers.size(); ++h)
        if (first.turned(h))
            for (const auto& [state, lock] : first.locks(h)) {
                locks = true;
                for (int i = 0; i < m; ++i)
                    problem.b[i] -= misses[static_cast<std::size_t>(i)].g[state] * p.x[lock] /
                                    misses[static_cast<std::size_t>(i)].half;
            }
    if (!locks) return turns_of(chosen);
    std::vector<std::size_t> ahead = nearest_whole_steps(problem, feasible, most_tried).chosen;
    return turns_of(cost(ahead) < cost(chosen) ? ahead : chosen);
}

int bit_of(Measure m) {
    switch (m) {
        case Measure::camber:
        case Measure::cross_camber:
            return serves_camber;
        case Measure::caster:
        case Measure::cross_caster:
            return serves_caster;
        default:
            return serves_toe;
    }
}

bool reaches(const Lever& l, const Target& t) {
    if ((l.serves & bit_of(t.measure)) == 0) return false;
    if (const Axle* a = std::get_if<Axle>(&t.where)) return axle_of(l.wheel) == *a;
    if (const Wheel* w = std::get_if<Wheel>(&t.where))
        return l.wheel == *w || (l.kind && l.kind->across() && axle_of(l.wheel) == axle_of(*w));
    return axle_of(l.wheel) == Axle::rear;  // thrust
}
bool reached_by(const Target& t, const std::vector<Lever>& levers) {
    return std::any_of(levers.begin(), levers.end(), [&](const Lever& l) { return reaches(l, t); });
}

/// Below this chance to be inside an angle is turned; from there up it is read on where that can tell.
constexpr double turn_below = 0.35;
/// A turn that gains less chance than this is not worth the lying down.
constexpr double worth_turning = 0.05;
/// Nor is one that spoils others, for less than this of its own.
constexpr double worth_setting_again = 0.2;

Measure mostly_about(const Lever& l) {
    return (l.serves & serves_caster) != 0 && (l.serves & serves_camber) == 0 ? Measure::caster
           : (l.serves & serves_camber) != 0                                  ? Measure::camber
                                                                              : Measure::toe;
}

int rank_of(const PlannedTurn& t) {
    const int angle = t.about == Measure::caster ? 0 : t.about == Measure::camber ? 1 : 2;
    return (axle_of(t.wheel) == Axle::rear ? 0 : 10) + angle;
}

/// One turn for each adjuster, from its handles.
std::vector<PlannedTurn> turns_from(const After& after, const Estimate& e, bool steering_known,
                                    const CarCard& car) {
    std::vector<PlannedTurn> out;
    const Posterior& p = after.p;
    for (std::size_t i = 0; i < after.levers.size(); ++i) {
        const Lever& l = after.levers[i];
        if (after.turns[i] == 0.0) continue;
        auto it =
            std::find_if(out.begin(), out.end(), [&](const PlannedTurn& t) { return t.adjuster == l.id(); });
        if (it == out.end()) {
            PlannedTurn t;
            t.adjuster = l.id();
            t.kind = l.device ? l.device->kind : "";
            t.wheel = l.wheel;
            t.about = mostly_about(l);
            const auto& states = t.about == Measure::toe      ? p.last_toe
                                 : t.about == Measure::camber ? p.last_camber
                                                              : p.last_caster;
            const int state = states[static_cast<std::size_t>(index_of(l.wheel))];
            if (const KnownAngle* now = e.find(t.about, l.wheel)) t.now = *now;
            if (state >= 0) {
                Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
                g[state] = 1.0;
                t.after = after.angle(g);
            }
            t.follows_thrust = steering_known && axle_of(t.wheel) == Axle::front && (l.rod || l.serves == 0);
            out.push_back(t);
            it = out.end() - 1;
        }
        (l.which == 0 ? it->turns : it->second) = after.turns[i];
    }
    if (!car.tin.empty())
        if (const auto wanted = all_stacks(after.levers, after.turns); !wanted.empty())
            if (const auto picked = pick_shims(wanted, car.tin))
                for (PlannedTurn& t : out)
                    for (const ShimMove& m : picked->moves)
                        if (m.to.starts_with(t.adjuster + ' ') || m.to == t.adjuster ||
                            (m.to == "tin" && (m.from.starts_with(t.adjuster + ' ') || m.from == t.adjuster)))
                            t.shims.push_back(m);
    std::stable_sort(out.begin(), out.end(),
                     [](const PlannedTurn& a, const PlannedTurn& b) { return rank_of(a) < rank_of(b); });
    return out;
}

/// An angle that comes out worse by this share of half its band has given way.
constexpr double gives_way = 0.25;
/// How many times its weight an angle has that is to be had whatever it costs.
constexpr double before_all_else = 30.0;

bool in_band(const Verdict& v) {
    return v.angle.value >= v.target.lo && v.angle.value <= v.target.hi;
}
double miss_of(const Verdict& v) {
    return std::abs((v.angle.value - v.target.aim).rad()) /
           std::max(v.target.half_band().rad(), 0.01 * one_degree);
}

/// What stays outside after the turns though something is there for it: whether it could be had, and
/// what gives way. Each is planned once more, before all else, and left out.
std::vector<Unreachable> missed(const Posterior& p, const CarCard& car, const std::vector<Lever>& with,
                                const std::vector<double>& turns, const std::vector<Verdict>& about,
                                const std::vector<Verdict>& then, bool steering_known) {
    const auto planned_for = [&](const std::vector<Miss>& misses, std::vector<double>* amounts) {
        const auto t = best_turns(car, p, with, misses);
        if (amounts) *amounts = t;
        return outcome_of(After{p, with, t}, then, steering_known).verdicts;
    };
    std::vector<Unreachable> out;
    for (std::size_t i = 0; i < then.size(); ++i) {
        const Verdict& v = then[i];
        if (!v.angle.known || !v.target.has_tolerance || in_band(v)) continue;
        int reaching = -1;
        for (std::size_t h = 0; h < with.size() && reaching < 0; ++h)
            if (reaches(with[h], v.target)) reaching = static_cast<int>(h);
        if (reaching < 0) continue;
        // This one before all else; and all else without it.
        std::vector<Verdict> one, rest;
        for (const Verdict& o : about) (o.target.name() == v.target.name() ? one : rest).push_back(o);
        std::vector<Miss> first = misses_of(rest, p, with, steering_known);
        for (Miss m : misses_of(one, p, {}, steering_known)) {
            m.half /= before_all_else;
            first.push_back(std::move(m));
        }
        std::vector<double> amounts;
        const std::vector<Verdict> had = planned_for(first, &amounts);
        Unreachable u{v.target, {}, v.angle, {}};
        if (in_band(had[i])) {
            u.why = {Code::plan_given_up, {}};
            for (std::size_t k = 0; k < then.size(); ++k)
                if (k != i && then[k].angle.known && then[k].target.has_tolerance && !in_band(had[k]) &&
                    miss_of(had[k]) > miss_of(then[k]) + gives_way)
                    u.costs.push_back({then[k].target, had[k].angle, then[k].angle});
        } else {
            // At its end, or between two of its steps.
            const auto at_end = [&](std::size_t h, double amount) {
                const auto all = amounts_of(with[h], car);
                const auto [least, most] = std::minmax_element(all.begin(), all.end());
                return amount <= *least || amount >= *most;
            };
            u.why = {Code::plan_steps_too_coarse, {with[static_cast<std::size_t>(reaching)].id()}};
            for (std::size_t h = 0; h < with.size(); ++h)
                if (reaches(with[h], v.target) && (at_end(h, turns[h]) || at_end(h, amounts[h]))) {
                    u.why = {Code::plan_out_of_range, {with[h].id()}};
                    break;
                }
            const std::vector<Verdict> without =
                planned_for(misses_of(rest, p, with, steering_known), nullptr);
            for (std::size_t k = 0; k < then.size(); ++k)
                if (k != i && then[k].angle.known && then[k].target.has_tolerance &&
                    miss_of(then[k]) > miss_of(without[k]) + gives_way)
                    u.costs.push_back({then[k].target, then[k].angle, without[k].angle});
        }
        out.push_back(std::move(u));
    }
    return out;
}

/// The wheels whose toe, and whose lean, a turn of these spoils.
void spoiled_by(const std::vector<PlannedTurn>& turns, const CarCard& car, std::vector<Wheel>& toe,
                std::vector<Wheel>& lean) {
    for (const PlannedTurn& t : turns) {
        const Device* d = car.device(t.adjuster);
        for (Wheel w : d ? wheels_of(*d) : std::vector<Wheel>{t.wheel}) {
            toe.push_back(w);
            if (d && adjuster_kind(d->kind)->leans(*d)) lean.push_back(w);
        }
    }
}

}  // namespace

std::string_view name_of(NextStep n) {
    return n == NextStep::turn ? "turn" : n == NextStep::read ? "read" : "done";
}

bool good_enough_unread(const Plan& plan) {
    return plan.truly_inside >= 0.9;
}

Expected expect_after(const Job& job, const Estimate& e, const std::vector<std::array<double, 2>>& amounts) {
    Expected out;
    if (!e.posterior || e.round < 0) return out;
    const Posterior& p = *e.posterior;
    const std::vector<Lever> all = levers_of(job.rounds[e.round].car, p);
    After after{p, all, {}};
    for (const Lever& l : all)
        after.turns.push_back(
            static_cast<std::size_t>(l.place) < amounts.size()
                ? amounts[static_cast<std::size_t>(l.place)][static_cast<std::size_t>(l.which)]
                : 0.0);
    return outcome_of(after, verdicts(job, e), p.estimable(steering_gradient(p)));
}

std::vector<Target> matching_other_side(const Job& job, const Estimate& e, Wheel wheel) {
    const Wheel other = static_cast<Wheel>(index_of(wheel) ^ 1);
    std::vector<Target> out;
    std::map<Measure, Angle> half;
    for (const Verdict& v : verdicts(job, e))
        if (v.target.has_tolerance && v.target.where == std::variant<std::monostate, Axle, Wheel>(wheel))
            half[v.target.measure] = v.target.half_band();
    for (Measure m : {Measure::toe, Measure::camber, Measure::caster}) {
        const KnownAngle* there = e.find(m, other);
        if (!there || !there->known) continue;
        Target t;
        t.measure = m;
        t.where = wheel;
        const Angle band = half.contains(m) ? half[m] : Angle::from_deg(0.25);
        t.lo = -band;
        t.hi = band;
        t.same_as = other;
        out.push_back(t);
    }
    return out;
}

Plan plan_turns(const Job& job, const Estimate& e, const PlanOptions& options) {
    Plan plan;
    for (const Verdict& v : verdicts(job, e))
        if (options.only.empty() ||
            std::find(options.only.begin(), options.only.end(), v.target.measure) != options.only.end())
            plan.before.push_back(v);
    if (!e.posterior || e.round < 0) return plan;
    const Posterior& p = *e.posterior;
    const CarCard car = with_stacks_now(job, job.rounds[e.round].car);
    std::vector<Lever> usable = levers_of(car, p);
    const auto allowed = [&](const Lever& l) {
        if (options.without_jacking && l.kind && l.kind->wants_jacking()) return false;
        return options.touching.empty() ||
               std::find(options.touching.begin(), options.touching.end(), l.id()) != options.touching.end();
    };
    const std::vector<Lever> all = usable;
    std::erase_if(usable, [&](const Lever& l) { return !allowed(l); });
    const bool steering_known = p.estimable(steering_gradient(p)) && e.thrust.known;

    After still{p, usable, std::vector<double>(usable.size(), 0.0)};
    const Expected now = outcome_of(still, plan.before, steering_known);
    plan.after = now.verdicts;
    plan.steering_before = plan.steering_after = now.steering;
    plan.probability_inside = plan.truly_inside = now.probability;
    const auto expect = [&](const After& after) {
        for (std::size_t w = 0; w < 4; ++w)
            for (std::size_t a = 0; a < 3; ++a) {
                const int state = (a == 0 ? p.last_toe : a == 1 ? p.last_camber : p.last_caster)[w];
                if (state < 0) continue;
                Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
                g[state] = 1.0;
                plan.expect[w][a] = after.angle(g);
            }
    };
    expect(still);
    const auto remeasure = [&](const std::vector<PlannedTurn>& turns) {
        std::vector<Wheel> toe, lean;
        spoiled_by(turns, car, toe, lean);
        return spoiled_spots_of(job, e.round, toe, lean);
    };

    if (turned_since_reading(job)) {
        std::vector<PlannedTurn> turned;
        for (std::size_t i : turns_since_reading(job)) {
            PlannedTurn t;
            t.adjuster = std::get<Turn>((*job.log)[i].what).adjuster;
            if (const Rod* rod = car.rod(t.adjuster)) t.wheel = rod->wheel;
            const Device* d = car.device(t.adjuster);
            if (car.place_of(t.adjuster) >= 0 && (!d || adjuster_kind(d->kind))) turned.push_back(t);
        }
        plan.remeasure = remeasure(turned);
        plan.next = NextStep::read;
        return plan;
    }

    std::vector<Verdict> about;
    bool all_inside = true, any_outside = false, any_unknown = false, likely_out = false;
    for (const Verdict& v : plan.before) {
        const bool can = reached_by(v.target, usable), toe = bit_of(v.target.measure) == serves_toe;
        if (!can && v.call == Call::outside) {
            Message why{reached_by(v.target, all) ? Code::plan_left_out : Code::plan_no_adjuster, {}};
            for (Wheel w : all_wheels) {
                const Axle* a = std::get_if<Axle>(&v.target.where);
                const Wheel* one = std::get_if<Wheel>(&v.target.where);
                if (toe && ((a && axle_of(w) == *a) || (one && *one == w)))
                    if (const auto rod = unusable_rod(car, w)) why = *rod;
            }
            plan.cannot.push_back({v.target, why, v.angle, {}});
        }
        if (!can && !toe) continue;
        about.push_back(v);
        if (toe && v.call == Call::unknown && v.target.has_tolerance) any_unknown = true;
        if (v.call != Call::inside && v.call != Call::unknown) all_inside = false;
        if (v.call == Call::unknown && toe) all_inside = false;
        if (v.call == Call::outside && can) any_outside = true;
        if (v.call == Call::too_close && can && probability_inside(v.angle, v.target) < turn_below)
            likely_out = true;
    }
    // Rods that move a known angle with a target; what is there for camber and caster only where that angle
    // is, or likely is, out.
    const auto active_for = [&](bool close_too) {
        std::vector<Lever> active;
        for (const Lever& l : usable) {
            const bool wanted = std::any_of(about.begin(), about.end(), [&](const Verdict& v) {
                if (!v.angle.known || !reaches(l, v.target)) return false;
                if (bit_of(v.target.measure) == serves_toe) return true;
                return v.call == Call::outside ||
                       (v.call == Call::too_close &&
                        (close_too || probability_inside(v.angle, v.target) < turn_below));
            });
            if (wanted) active.push_back(l);
        }
        // A drag link serves the steering wheel alone: it goes with whatever else moves the fronts.
        const bool fronts = std::any_of(active.begin(), active.end(),
                                        [](const Lever& l) { return axle_of(l.wheel) == Axle::front; });
        for (const Lever& l : usable)
            if (l.serves == 0 && steering_known && (fronts || active.empty())) active.push_back(l);
        return active;
    };
    const std::vector<Lever> active = active_for(false);
    const bool steering_off =
        steering_known && !active.empty() &&
        std::abs(now.steering.value.rad()) - k95 * now.steering.sigma.rad() > straight_half_band;

    if (about.empty() && plan.before.empty()) {
        plan.next = any_unknown ? NextStep::read : NextStep::done;
        return plan;
    }
    struct Candidate {
        std::vector<Lever> with;
        std::vector<double> turns;
        Expected then;
    };
    const auto candidate = [&](std::vector<Lever> with) {
        Candidate c{std::move(with), {}, {}};
        c.turns = best_turns(car, p, c.with, misses_of(about, p, c.with, steering_known));
        c.then = outcome_of(After{p, c.with, c.turns}, plan.before, steering_known);
        return c;
    };
    const auto planned = [&](const Candidate& c) {
        const After after{p, c.with, c.turns};
        plan.turns = turns_from(after, e, steering_known, car);
        if (plan.turns.empty()) return false;
        for (PlannedTurn& t : plan.turns) {
            bool close = false, out = false;
            for (const Lever& l : c.with)
                for (const Verdict& v : about)
                    if (l.id() == t.adjuster && reaches(l, v.target)) {
                        close = close || v.call == Call::too_close;
                        out = out || v.call == Call::outside;
                    }
            // A toe is set to the thrust line and by its total: its own edge is not what it is turned for.
            t.at_edge = close && !out && t.about != Measure::toe;
        }
        plan.next = NextStep::turn;
        plan.after = c.then.verdicts;
        plan.steering_after = c.then.steering;
        plan.probability_inside = c.then.ends;
        plan.truly_inside = c.then.probability;
        expect(after);
        std::vector<Wheel> toe, lean;
        spoiled_by(plan.turns, car, toe, lean);
        const auto spoils = [&](Wheel w, const char* angle) {
            const std::string what = std::string(name_of(w)) + angle;
            if (std::find(plan.spoils.begin(), plan.spoils.end(), what) == plan.spoils.end())
                plan.spoils.push_back(what);
        };
        for (Wheel w : toe) spoils(w, ".toe");
        for (Wheel w : lean) {
            spoils(w, ".camber");
            if (axle_of(w) == Axle::front) spoils(w, ".caster");
        }
        plan.remeasure = remeasure(plan.turns);
        for (Unreachable& u : plan.cannot)
            for (const Verdict& v : c.then.verdicts)
                if (v.target.name() == u.target.name()) u.best = v.angle;
        for (Unreachable& u : missed(p, car, c.with, c.turns, about, c.then.verdicts, steering_known))
            plan.cannot.push_back(std::move(u));
        return true;
    };
    // What is too close to call and could be turned too.
    const std::vector<Lever> with_close = active_for(true);
    if (any_outside || likely_out || (steering_off && !any_unknown)) {
        Candidate chosen = candidate(active);
        // Under the car already: what lies at an edge is brought in with the rest where that makes it
        // likelier that this pass is the last.
        if (with_close.size() > active.size())
            if (Candidate more = candidate(with_close); more.then.ends > chosen.then.ends + worth_turning)
                chosen = std::move(more);
        if (planned(chosen)) return plan;
        for (const Verdict& v : about)
            if (v.call == Call::outside && reached_by(v.target, active))
                plan.cannot.push_back(
                    {v.target, {Code::plan_steps_too_coarse, {active.front().id()}}, v.angle, {}});
    }
    if (any_unknown) {
        plan.next = NextStep::read;
        return plan;
    }
    // Too close to call: read on where that can settle it. What only a missing adjuster could mend is done.
    bool readable = false;
    for (const Verdict& v : plan.before)
        if (v.call == Call::too_close && what_settles(job, e, v)) readable = true;
    const bool unread = std::any_of(plan.before.begin(), plan.before.end(), [](const Verdict& v) {
        return v.call == Call::unknown && v.target.has_tolerance;
    });
    // Nothing that could be read settles it, and the middle of the band is a turn away: worth it if that
    // makes it likelier that all is inside, or if what lies at an edge gains so much that what else it spoils
    // may be set again.
    if (!all_inside && !readable && !usable.empty()) {
        const Candidate c = candidate(with_close);
        double gain = 0.0;
        for (std::size_t i = 0; i < plan.before.size(); ++i)
            if (const Verdict& v = plan.before[i]; v.call == Call::too_close && v.target.has_tolerance)
                gain = std::max(gain, probability_inside(c.then.verdicts[i].angle, v.target) -
                                          probability_inside(v.angle, v.target));
        if ((c.then.probability >= now.probability + worth_turning || gain >= worth_setting_again) &&
            planned(c))
            return plan;
    }
    plan.next = !all_inside && readable ? NextStep::read : unread ? NextStep::read : NextStep::done;
    return plan;
}

}  // namespace fairchalk
