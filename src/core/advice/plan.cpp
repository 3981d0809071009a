// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/plan.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <limits>
#include <map>
#include <numbers>
#include <span>

#include <Eigen/Dense>

#include "core/advice/procedure.h"
#include "core/advice/whole_steps.h"
#include "core/job/baseline.h"
#include "core/job/stacks_now.h"
#include "core/network/lever.h"
#include "core/quantity/normal.h"

namespace fairchalk {
namespace {

/// How far off the thrust line the front wheels may point: about a degree and a half of steering wheel. What
/// makes a thrust, and an angle that nobody asked about, worth as much.
constexpr double straight_half_band = 0.1 * one_degree, thrust_half_band = 0.05 * one_degree,
                 untouched_band = 0.1 * one_degree;
/// What of the lower tiers counts as equal.
constexpr double equal_steering = 0.06 * one_degree, equal_thrust = 0.03 * one_degree,
                 equal_untouched = 0.05 * one_degree;
/// In squared misses of half a band.
constexpr double worth_straight = 0.15;
/// A steering wheel so far off, at the road wheels, doubles what it is worth.
constexpr double equal_steering_far = 0.25 * one_degree;
/// What is said of an angle without a target, and what a thrust without one is.
constexpr double worth_saying = 0.1 * one_degree, may_move = 0.25 * one_degree,
                 thrust_worth_saying = 0.25 * one_degree;
/// What is asked about before it is advised.
/// No larger is a test turn of a rod.
constexpr double most_tested = 0.6;
constexpr double most_turns_unproven = 2.0, most_turns_unasked = 4.0, most_angle_unasked = 2.0 * one_degree,
                 most_angle_unproven = 0.6 * one_degree, most_angle_of_wheel_unproven = one_degree;
/// Work, in squared misses of half a band: to touch an adjuster at all, to take the weight off first, and
/// each step of it.
constexpr double touching = 1e-3, jacking = 4e-3, least_work = 1e-4;
/// Of the expected miss, what must be left for a turn that only brings nearer what is inside.
constexpr double worth_nearer = 0.7;
/// Minutes of this garage.
constexpr double minutes_a_turn = 4.0, minutes_a_lock = 3.0, minutes_a_jacking = 12.0, minutes_a_spot = 0.5;
constexpr double most_shims_mm = 15.0;
/// Combinations: with the scarcest of tins a plan then takes a tenth of a second, and what was found so far
/// is taken.
constexpr long most_tried = 45'000;

/// A squared miss in units of tolerance.
struct Miss {
    Eigen::VectorXd g;
    double aim, half;
};

/// All that a plan is about, tier by tier.
struct Aims {
    std::vector<Miss> targets;
    std::optional<Miss> steering, thrust;
    std::vector<Miss> untouched;  ///< each to stay as it is
};

constexpr double no_tolerance_band = 0.1 * one_degree;  // of a target that states none

Miss miss_of_target(const Verdict& v, const Posterior& p) {
    const double half =
        v.target.has_tolerance ? std::max(v.target.half_band().rad(), 0.01 * one_degree) : no_tolerance_band;
    return {p.gradient_of(v.target), v.target.aim.rad(), half};
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

bool moves_toe(const Lever& l) {
    return l.serves == 0 || (l.serves & serves_toe) != 0;
}

/// Whether a target says something of that angle of that wheel.
bool has_target(const std::vector<Verdict>& about, Wheel w, int angle) {
    return std::any_of(about.begin(), about.end(), [&](const Verdict& v) {
        const Axle* axle = std::get_if<Axle>(&v.target.where);
        const Wheel* wheel = std::get_if<Wheel>(&v.target.where);
        const bool here = (axle && axle_of(w) == *axle) || (wheel && *wheel == w);
        switch (v.target.measure) {
            case Measure::total_toe:
            case Measure::toe:
                return angle == 0 && here;
            case Measure::camber:
                return angle == 1 && here;
            case Measure::caster:
                return angle == 2 && here;
            case Measure::thrust:
                return angle == 0 && axle_of(w) == Axle::rear;
            default:
                return false;  // a difference leaves both of them free
        }
    });
}

/// What this job's turns have done so far to what is not known, and is to be as it was found: radians.
struct MovedSoFar {
    double steering = 0.0, thrust = 0.0;
};

Aims aims_of(const std::vector<Verdict>& about, const Posterior& p, const std::vector<Lever>& levers,
             bool steering_known, const MovedSoFar& so_far) {
    Aims out;
    // What nothing here is there for is not brought in by what else these move: it is left where it is.
    for (const Verdict& v : about) {
        if (!v.angle.known) continue;
        Miss m = miss_of_target(v, p);
        if (reached_by(v.target, levers))
            out.targets.push_back(std::move(m));
        else
            out.untouched.push_back({m.g, m.g.dot(p.x), untouched_band});
    }
    const auto any = [&](Axle axle) {
        return std::any_of(levers.begin(), levers.end(),
                           [&](const Lever& l) { return axle_of(l.wheel) == axle && moves_toe(l); });
    };
    // One tube alone moves one wheel, whatever is done: there is no choice that would serve the steering.
    const auto fronts = std::count_if(levers.begin(), levers.end(), [](const Lever& l) {
        return axle_of(l.wheel) == Axle::front && moves_toe(l);
    });
    const Eigen::VectorXd steering = steering_gradient(p), thrust = thrust_gradient(p);
    // Nor is the rear axle turned for it.
    const bool alone = fronts == 1 && std::none_of(about.begin(), about.end(), [&](const Verdict& v) {
                           return bit_of(v.target.measure) == serves_toe &&
                                  v.target.where == std::variant<std::monostate, Axle, Wheel>(Axle::front);
                       });
    if (fronts > 1 || (alone && steering_known))
        out.steering =
            Miss{steering, steering_known ? 0.0 : steering.dot(p.x) - so_far.steering, straight_half_band};
    if (any(Axle::rear))
        out.thrust =
            Miss{thrust, p.estimable(thrust) ? 0.0 : thrust.dot(p.x) - so_far.thrust, thrust_half_band};
    for (Wheel w : all_wheels)
        for (int angle = 0; angle < 3; ++angle) {
            const Eigen::VectorXd g = angle_gradient(p, w, angle);
            if (g.isZero() || has_target(about, w, angle)) continue;
            out.untouched.push_back({g, g.dot(p.x), untouched_band});
        }
    return out;
}

/// What a handle can be set to from where it is: whole steps within its range, or what shims can make up.
std::vector<double> amounts_of(const Lever& l, const CarCard& car) {
    std::vector<double> out{0.0};
    if (l.kind && l.kind->exchanges() && !l.device->stacks[0].empty() && !l.device->stacks[1].empty()) {
        // From one stack to the other, and back: what the inner one loses.
        for (double v : reachable_changes(l.device->stacks[0], l.device->stacks[1], most_shims_mm))
            if (v != 0.0) out.push_back(-v);
        return out;
    }
    const double at_once = std::min(l.handle.at_once, most_rod_turns * 12);
    const double least = std::max(l.handle.least - l.so_far, -at_once),
                 most = std::min(l.handle.most - l.so_far, at_once);
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

/// How much the lower tiers weigh beside the first.
struct Weights {
    double steering = 0.0, thrust = 0.0, untouched = 0.0;
};

/// Of the responses: a root of their covariance.
struct ResponseRoot {
    std::vector<int> responses;
    Eigen::MatrixXd root;  // covariance = root root'

    ResponseRoot(const Posterior& p, const std::vector<Lever>& levers) {
        for (const Lever& l : levers)
            for (const Lever::Pull& pull : l.pulls)
                if (std::find(responses.begin(), responses.end(), pull.response) == responses.end())
                    responses.push_back(pull.response);
        const auto k = static_cast<Eigen::Index>(responses.size());
        Eigen::MatrixXd c(k, k);
        for (Eigen::Index a = 0; a < k; ++a)
            for (Eigen::Index b = 0; b < k; ++b)
                c(a, b) = p.covariance(responses[static_cast<std::size_t>(a)],
                                       responses[static_cast<std::size_t>(b)]);
        const Eigen::SelfAdjointEigenSolver<Eigen::MatrixXd> eigen(c);
        root = eigen.eigenvectors() * eigen.eigenvalues().cwiseMax(0.0).cwiseSqrt().asDiagonal();
    }
    Eigen::Index place(int response) const {
        return std::find(responses.begin(), responses.end(), response) - responses.begin();
    }
};

/// Amounts by lever that make the expected misses least. Without a tin any step of a stack will do.
class Chooser {
  public:
    Chooser(const CarCard& car, const Posterior& p, const std::vector<Lever>& levers, const Aims& aims)
        : car_(car), p_(p), levers_(levers), aims_(aims) {
        const auto n = static_cast<Eigen::Index>(levers.size());
        std::vector<Eigen::RowVectorXd> rows;
        std::vector<double> b;
        const auto slope = [&](const Lever& l) { return l.rod ? -1.0 / p.x[l.pulls.front().response] : 1.0; };
        const ResponseRoot roots(p, levers);
        const After still{p, levers, std::vector<double>(levers.size(), 0.0)};
        const auto k = static_cast<Eigen::Index>(roots.responses.size());
        for (const Miss& miss : aims.targets) {
            target_rows_.push_back(static_cast<Eigen::Index>(rows.size()));
            rows.push_back(row_of(miss));
            b.push_back((miss.aim - miss.g.dot(p.x)) / miss.half);
            // What an uncertain response adds to the variance grows with the square of the amount. That the
            // angle itself may hang on it is left out: turning back to where it was known is no gain.
            Eigen::MatrixXd d = Eigen::MatrixXd::Zero(k, n);
            for (Eigen::Index h = 0; h < n; ++h) {
                const Lever& l = levers[static_cast<std::size_t>(h)];
                for (const Lever::Pull& pull : l.pulls) {
                    if (miss.g[pull.state] == 0.0 || still.taken_up(l, pull) || aside(l, pull)) continue;
                    d(roots.place(pull.response), h) += miss.g[pull.state] * slope(l);
                    if (!l.device) continue;
                    Eigen::RowVectorXd bends = Eigen::RowVectorXd::Zero(n);
                    bends[h] = miss.g[pull.state] * l.kind->bends(*l.device) * p.x[pull.response] / miss.half;
                    rows.push_back(bends);
                    b.push_back(0.0);
                }
            }
            if (d.isZero()) continue;
            const Eigen::MatrixXd spread = roots.root.transpose() * d;
            for (Eigen::Index r = 0; r < k; ++r)
                if (!spread.row(r).isZero(1e-14)) {
                    rows.push_back(spread.row(r) / miss.half);
                    b.push_back(0.0);
                }
        }
        first_rows_.resize(static_cast<Eigen::Index>(rows.size()), n);
        first_b_.resize(static_cast<Eigen::Index>(rows.size()));
        for (std::size_t i = 0; i < rows.size(); ++i) {
            first_rows_.row(static_cast<Eigen::Index>(i)) = rows[i];
            first_b_[static_cast<Eigen::Index>(i)] = b[i];
        }
        for (std::size_t h = 0; h < levers.size(); ++h) {
            const Lever& l = levers[h];
            amounts_.push_back(amounts_of(l, car));
            Choices c;
            for (double amount : amounts_.back()) {
                c.effect.push_back(l.rod ? l.effect(l.pulls.front(), amount, p) : l.travel(amount));
                const bool jacks = l.kind && l.kind->wants_jacking();
                c.work.push_back(amount == 0.0
                                     ? 0.0
                                     : touching + (jacks ? jacking : 0.0) +
                                           least_work * std::abs(amount) / (l.rod ? 1.0 : 8 * l.handle.step));
            }
            c.put_in_order();
            problem_.choices.push_back(std::move(c));
        }
        stacks_ = all_stacks(levers, std::vector<double>(levers.size(), 0.0));
        for (std::size_t h = 0; h < levers.size(); ++h) {
            std::optional<std::size_t>& stack = stack_of_.emplace_back();
            for (std::size_t i = 0; i < stacks_.size(); ++i)
                if (levers[h].device && levers[h].id() == stacks_[i].adjuster) stack = i;
            problem_.limited.push_back(stack.has_value());
        }
    }

    std::vector<double> best(const Weights& weights) {
        std::vector<std::pair<const Miss*, double>> lower;
        if (aims_.steering && weights.steering > 0) lower.emplace_back(&*aims_.steering, weights.steering);
        if (aims_.thrust && weights.thrust > 0) lower.emplace_back(&*aims_.thrust, weights.thrust);
        if (weights.untouched > 0)
            for (const Miss& m : aims_.untouched) lower.emplace_back(&m, weights.untouched);
        const Eigen::Index first = first_rows_.rows(), more = static_cast<Eigen::Index>(lower.size());
        WholeSteps& problem = problem_;
        problem.a.resize(first + more, first_rows_.cols());
        problem.b.resize(first + more);
        problem.a.topRows(first) = first_rows_;
        problem.b.head(first) = first_b_;
        for (Eigen::Index i = 0; i < more; ++i) {
            const auto& [miss, weight] = lower[static_cast<std::size_t>(i)];
            problem.a.row(first + i) = row_of(*miss) * std::sqrt(weight);
            problem.b[first + i] = (miss->aim - miss->g.dot(p_.x)) / miss->half * std::sqrt(weight);
        }
        std::function<bool(const std::vector<std::size_t>&)> feasible;
        ShimsAtHand shims(stacks_, car_.tin);
        if (!car_.tin.empty() && !stacks_.empty())
            feasible = [&](const std::vector<std::size_t>& choice) {
                std::vector<std::array<std::optional<double>, 2>> add(stacks_.size());
                for (std::size_t i = 0; i < stacks_.size(); ++i)
                    if (!stacks_[i].pair) add[i][1] = 0.0;
                for (std::size_t h = 0; h < choice.size(); ++h)
                    if (stack_of_[h] && choice[h] != undecided)
                        add[*stack_of_[h]][static_cast<std::size_t>(levers_[h].which)] =
                            amounts_[h][choice[h]];
                return shims.enough(add);
            };
        const std::vector<std::size_t> chosen = nearest_whole_steps(problem, feasible, most_tried).chosen;
        // What locking these will do is there whatever the amount: planned once more from beyond it, and kept
        // where that comes out better.
        const After after{p_, levers_, turns_of(chosen)};
        bool locks = false;
        for (std::size_t h = 0; h < levers_.size(); ++h)
            if (after.turned(h))
                for (const auto& [state, lock] : after.locks(h)) {
                    if (p_.x[lock] == 0.0) continue;
                    locks = true;
                    for (std::size_t i = 0; i < aims_.targets.size(); ++i)
                        problem.b[target_rows_[i]] -=
                            aims_.targets[i].g[state] * p_.x[lock] / aims_.targets[i].half;
                }
        if (!locks) return turns_of(chosen);
        const auto cost = [&](const std::vector<std::size_t>& c) {
            const After then{p_, levers_, turns_of(c)};
            double sum = miss(then);
            for (const auto& [m, weight] : lower)
                sum += weight * std::pow((then.mean(m->g) - m->aim) / m->half, 2);
            for (std::size_t h = 0; h < c.size(); ++h) sum += c[h] > 0 ? touching : 0.0;
            return sum;
        };
        const std::vector<std::size_t> ahead = nearest_whole_steps(problem, feasible, most_tried).chosen;
        return turns_of(cost(ahead) < cost(chosen) ? ahead : chosen);
    }

    /// The expected squared miss of all targets.
    double miss(const After& after) const { return expected_miss(after, aims_.targets); }
    static double expected_miss(const After& after, const std::vector<Miss>& targets) {
        double sum = 0.0;
        for (const Miss& m : targets)
            sum += (std::pow(after.mean(m.g) - m.aim, 2) + after.p.variance(m.g) +
                    std::pow(after.change_sigma(m.g).rad(), 2)) /
                   (m.half * m.half);
        return sum;
    }
    const std::vector<double>& amounts(std::size_t lever) const { return amounts_[lever]; }

  private:
    /// A rod leans its wheel as it steers it; but nobody toes a wheel out for its camber.
    static bool aside(const Lever& l, const Lever::Pull& pull) { return l.rod && pull.angle != 0; }
    Eigen::RowVectorXd row_of(const Miss& miss) const {
        Eigen::RowVectorXd row = Eigen::RowVectorXd::Zero(static_cast<Eigen::Index>(levers_.size()));
        for (std::size_t h = 0; h < levers_.size(); ++h)
            for (const Lever::Pull& pull : levers_[h].pulls)
                row[static_cast<Eigen::Index>(h)] +=
                    aside(levers_[h], pull)
                        ? 0.0
                        : miss.g[pull.state] * (levers_[h].rod ? 1.0 : p_.x[pull.response]) / miss.half;
        return row;
    }
    std::vector<double> turns_of(const std::vector<std::size_t>& chosen) const {
        std::vector<double> t;
        for (std::size_t h = 0; h < chosen.size(); ++h) t.push_back(amounts_[h][chosen[h]]);
        return t;
    }

    const CarCard& car_;
    const Posterior& p_;
    const std::vector<Lever>& levers_;
    const Aims& aims_;
    Eigen::MatrixXd first_rows_;
    Eigen::VectorXd first_b_;
    std::vector<Eigen::Index> target_rows_;  // where the mean of each target stands
    WholeSteps problem_;                     ///< its choices are made once, its rows for each question
    std::vector<std::vector<double>> amounts_;
    std::vector<StackWanted> stacks_;
    std::vector<std::optional<std::size_t>> stack_of_;
};

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
            if (t.about == Measure::toe && !t.now.known) {
                // No single toe is made up where only the total was read.
                const Axle axle = axle_of(l.wheel);
                t.of_axle = true;
                t.now = e.axles[static_cast<std::size_t>(index_of(axle))].total_toe;
                t.after = after.angle(angle_gradient(p, wheel_at(axle, Side::left), 0) +
                                      angle_gradient(p, wheel_at(axle, Side::right), 0));
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
    for (PlannedTurn& t : out) {
        const Device* d = car.device(t.adjuster);
        const AdjusterKind* kind = d ? adjuster_kind(d->kind) : nullptr;
        if (!kind || !kind->exchanges()) continue;
        const StackWanted stacks = stacks_wanted(*d, {-t.turns, t.turns});
        if (!stacks.known) continue;
        if (const auto picked = pick_shims({&stacks, 1}, {})) t.shims = picked->moves;
    }
    std::stable_sort(out.begin(), out.end(),
                     [](const PlannedTurn& a, const PlannedTurn& b) { return rank_of(a) < rank_of(b); });
    return out;
}

constexpr Weights usual_weights{0.01, 0.003, 0.001};
/// From hardly any to as much as the targets themselves: which of them the tiers allow is seen afterwards.
constexpr std::array<Weights, 3> all_weights = {Weights{3e-4, 1e-4, 3e-5}, usual_weights,
                                                Weights{0.3, 0.1, 0.03}};
/// Both sides alike, where a rear axle is turned whose thrust nobody knows.
constexpr Weights alike{0.3, 3.0, 0.03};
/// That spares what has no target.
constexpr Weights sparing{0.01, 0.003, 1.0};

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
                                const std::vector<Verdict>& then, bool steering_known,
                                const Eigen::MatrixXd& readable, const MovedSoFar& so_far) {
    // What can be had in the end, however much of it at once.
    std::vector<Lever> whole = with;
    bool by_and_by = false;
    for (Lever& l : whole) {
        by_and_by = by_and_by || std::isfinite(l.handle.at_once);
        l.handle.at_once = std::numeric_limits<double>::infinity();
    }
    const auto planned_for = [&](const std::vector<Verdict>& of, const Verdict* before_all,
                                 std::vector<double>* amounts) {
        Aims aims = aims_of(of, p, whole, steering_known, so_far);
        if (before_all) {
            Miss m = miss_of_target(*before_all, p);
            m.half /= before_all_else;
            aims.targets.push_back(std::move(m));
        }
        Chooser chooser(car, p, whole, aims);
        const auto t = chooser.best(usual_weights);
        if (amounts) *amounts = t;
        return outcome_of(After{p, whole, t}, then, steering_known, readable).verdicts;
    };
    std::vector<Unreachable> out;
    const std::vector<Verdict> in_the_end =
        by_and_by ? planned_for(about, nullptr, nullptr) : std::vector<Verdict>{};
    for (std::size_t i = 0; i < then.size(); ++i) {
        const Verdict& v = then[i];
        if (!v.angle.known || !v.target.has_tolerance || in_band(v)) continue;
        int reaching = -1;
        for (std::size_t h = 0; h < with.size() && reaching < 0; ++h)
            if (reaches(with[h], v.target)) reaching = static_cast<int>(h);
        if (reaching < 0 || (by_and_by && in_band(in_the_end[i]))) continue;
        // This one before all else; and all else without it.
        const Verdict* one = nullptr;
        std::vector<Verdict> rest;
        for (const Verdict& o : about)
            if (o.target.name() == v.target.name())
                one = &o;
            else
                rest.push_back(o);
        if (!one) continue;
        std::vector<double> amounts;
        const std::vector<Verdict> had = planned_for(rest, one, &amounts);
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
                const auto all = amounts_of(whole[h], car);
                const auto [least, most] = std::minmax_element(all.begin(), all.end());
                return amount <= *least || amount >= *most;
            };
            u.why = {Code::plan_steps_too_coarse, {with[static_cast<std::size_t>(reaching)].id()}};
            for (std::size_t h = 0; h < with.size(); ++h)
                if (reaches(with[h], v.target) && (at_end(h, turns[h]) || at_end(h, amounts[h]))) {
                    u.why = {Code::plan_out_of_range, {with[h].id()}};
                    break;
                }
            const std::vector<Verdict> without = planned_for(rest, nullptr, nullptr);
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

namespace {

Eigen::MatrixXd readable_of(const Job& job, const Estimate& e, const std::vector<Verdict>& before) {
    std::vector<Target> judged;
    for (const Verdict& v : before)
        if (v.angle.known && v.target.has_tolerance) judged.push_back(v.target);
    return readable_covariance(job, e, judged);
}

}  // namespace

std::string_view name_of(NextStep n) {
    constexpr std::array<std::string_view, 6> names = {"turn",      "read", "done",
                                                       "test-turn", "look", "as-far-as"};
    return names[static_cast<std::size_t>(n)];
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
    const std::vector<Verdict> before = verdicts(job, e);
    return outcome_of(after, before, p.estimable(steering_gradient(p)), readable_of(job, e, before));
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

namespace {

/// One way to go on, and what it would come to.
struct Alternative {
    std::vector<Lever> with;
    std::vector<double> turns;
    Expected then;
    double miss = 0.0, steering = 0.0, thrust = 0.0, untouched = 0.0, minutes = 0.0;
    bool any() const {
        return std::any_of(turns.begin(), turns.end(), [](double t) { return t != 0.0; });
    }
};

double minutes_of(const Alternative& c) {
    double sum = 0.0;
    bool jacked = false;
    std::vector<int> touched;
    for (std::size_t h = 0; h < c.with.size(); ++h) {
        if (c.turns[h] == 0.0) continue;
        const Lever& l = c.with[h];
        if (std::find(touched.begin(), touched.end(), l.place) == touched.end()) {
            touched.push_back(l.place);
            sum += minutes_a_turn + minutes_a_lock + 2 * minutes_a_spot;
        }
        sum += 0.5 * std::abs(c.turns[h]) / (8 * l.handle.step);
        jacked = jacked || (l.kind && l.kind->wants_jacking());
    }
    return sum + (jacked ? minutes_a_jacking : 0.0);
}

/// Of all candidates the one that the tiers prefer. `blind`: the first is none, and a rear axle is turned
/// whose thrust nobody knows: sides alike come before the rest. `free`: no front wheel's own toe has a
/// target.
const Alternative& chosen_of(const std::vector<Alternative>& all, bool blind, bool free) {
    double least = 1e300, ends = 0.0, inside = 0.0;
    for (const Alternative& c : all) {
        least = std::min(least, c.miss);
        ends = std::max(ends, c.then.ends);
        inside = std::max(inside, c.then.probability);
    }
    std::vector<const Alternative*> open;
    const auto keep = [&](auto&& may) {
        std::vector<const Alternative*> left;
        for (const Alternative* c : open)
            if (may(*c)) left.push_back(c);
        if (!left.empty()) open = std::move(left);
    };
    const auto nearest = [&](double Alternative::*what, double equal) {
        double best = 1e300;
        for (const Alternative* c : open) best = std::min(best, c->*what);
        keep([&](const Alternative& c) { return c.*what <= best + equal; });
    };
    for (const Alternative& c : all) open.push_back(&c);
    if (blind) {
        // Among all that bring the targets nearer, both sides alike.
        const double none = all.front().miss;
        keep([&](const Alternative& c) { return c.any() && c.miss <= std::max(0.9 * none, 1.05 * least); });
        nearest(&Alternative::thrust, 0.5 * equal_thrust);
        least = 1e300, ends = 0.0;
        for (const Alternative* c : open) {
            least = std::min(least, c->miss);
            ends = std::max(ends, c->then.ends);
        }
    }
    const std::vector<const Alternative*> every = open;
    keep([&](const Alternative& c) { return c.miss <= 1.05 * least + 1e-9; });
    if (ends > 0.2) keep([&](const Alternative& c) { return c.then.ends >= ends - 0.02; });
    if (free) {
        // A steering wheel far off is worth a little of a total, and the more the further off it is.
        const auto straightest = [](const std::vector<const Alternative*>& of) {
            double s = 1e300;
            for (const Alternative* c : of) s = std::min(s, c->steering);
            return s;
        };
        const double far = std::min(4.0, straightest(open) / equal_steering_far);
        std::vector<const Alternative*> wide;
        for (const Alternative* c : every)
            if (c->miss <= 1.05 * least + worth_straight * (1.0 + far) &&
                (ends <= 0.2 || c->then.ends >= ends - 0.05 * (1.0 + 2.0 * far)))
                wide.push_back(c);
        if (!wide.empty() && straightest(wide) < straightest(open) - equal_steering) {
            open = std::move(wide);
            nearest(&Alternative::steering, equal_steering);
            double nearer = 1e300;
            for (const Alternative* c : open) nearer = std::min(nearer, c->miss);
            keep([&](const Alternative& c) { return c.miss <= 1.05 * nearer + 1e-9; });
        }
    }
    nearest(&Alternative::steering, equal_steering);
    nearest(&Alternative::thrust, equal_thrust);
    nearest(&Alternative::untouched, equal_untouched);
    nearest(&Alternative::minutes, 0.5);
    std::sort(open.begin(), open.end(), [](const Alternative* a, const Alternative* b) {
        const auto score = [](const Alternative& c) {
            const auto squared = [](double off, double half) { return off * off / (half * half); };
            return c.miss + usual_weights.steering * squared(c.steering, straight_half_band) +
                   usual_weights.thrust * squared(c.thrust, thrust_half_band) +
                   usual_weights.untouched * squared(c.untouched, untouched_band);
        };
        return score(*a) < score(*b);
    });
    const Alternative* best = open.front();
    // A plan that spares what nobody asked about, as long as it is still good for what was asked: unequal
    // shims make a finer grid of camber, and would always win otherwise.
    for (const Alternative& c : all) {
        const bool all_inside = std::all_of(
            c.then.verdicts.begin(), c.then.verdicts.end(),
            [](const Verdict& v) { return !v.angle.known || !v.target.has_tolerance || in_band(v); });
        if (c.untouched < best->untouched - worth_saying && all_inside &&
            c.then.probability >= 0.8 * inside && c.steering <= best->steering + equal_steering &&
            c.thrust <= best->thrust + equal_thrust)
            best = &c;
    }
    return *best;
}

/// When entry `i` of the log or a later one accepted that target as it is.
bool accepted_since(const Job& job, std::size_t i, const Target& target) {
    for (std::size_t k = i; k < job.log->size(); ++k)
        if (const Accepted* a = job.live(k) ? std::get_if<Accepted>(&(*job.log)[k].what) : nullptr)
            if (a->what == target.name() || a->what.find('.') == std::string::npos) return true;
    return false;
}

/// One past the last turn or angle read.
std::size_t last_news(const Job& job) {
    for (std::size_t i = job.log->size(); i-- > 0;)
        if (job.live(i) && (std::holds_alternative<Turn>((*job.log)[i].what) || reads_angle((*job.log)[i])))
            return i + 1;
    return 0;
}

bool thread_known(const Job& job, const Rod& rod) {
    for (std::size_t i = 0; i < job.log->size(); ++i)
        if (job.live(i) && thread_measured((*job.log)[i], rod)) return true;
    return false;
}

/// What the last pass of turns was, by adjuster.
std::map<std::string, std::array<double, 2>> last_turned(const Job& job) {
    std::map<std::string, std::array<double, 2>> out;
    bool read = false;
    for (std::size_t i = job.log->size(); i-- > 0;) {
        if (!job.live(i)) continue;
        if (const Turn* t = std::get_if<Turn>(&(*job.log)[i].what)) {
            out[t->adjuster][0] += t->turns;
            out[t->adjuster][1] += t->second;
        } else if (reads_angle((*job.log)[i])) {
            if (!out.empty()) return out;
            read = true;
        }
    }
    return read ? out : std::map<std::string, std::array<double, 2>>{};
}

/// All that was turned in this job, by adjuster.
std::map<std::string, std::array<double, 2>> turned_in_all(const Job& job) {
    std::map<std::string, std::array<double, 2>> out;
    for (std::size_t i = 0; i < job.log->size(); ++i)
        if (const Turn* t = job.live(i) ? std::get_if<Turn>(&(*job.log)[i].what) : nullptr) {
            out[t->adjuster][0] += t->turns;
            out[t->adjuster][1] += t->second;
        }
    return out;
}

/// Finds the plan of one question, step by step.
class Planner {
  public:
    Planner(const Job& job, const Estimate& e, const PlanOptions& options)
        : job_(job),
          e_(e),
          options_(options),
          p_(*e.posterior),
          car_(with_stacks_now(job, job.rounds[e.round].car)),
          all_(levers_of(car_, p_)),
          usable_(all_) {
        std::erase_if(usable_, [&](const Lever& l) { return !allowed(l.id(), l.kind); });
        steering_known_ = p_.estimable(steering_gradient(p_)) && e_.thrust.known;
        blind_ = !e_.thrust.known && std::any_of(usable_.begin(), usable_.end(), [](const Lever& l) {
            return axle_of(l.wheel) == Axle::rear && moves_toe(l);
        });
        if (const auto amounts = turned_in_all(job); !amounts.empty()) {
            After after{p_, all_, {}};
            for (const Lever& l : all_) {
                const auto it = amounts.find(l.id());
                after.turns.push_back(it == amounts.end() ? 0.0
                                                          : it->second[static_cast<std::size_t>(l.which)]);
            }
            // What is not known is to stay as it was found, not as it is now.
            for (Lever& l : after.levers)
                if (l.device) l.so_far -= after.turns[static_cast<std::size_t>(&l - after.levers.data())];
            so_far_ = {after.change(steering_gradient(p_)), after.change(thrust_gradient(p_))};
        }
    }
    Plan plan();

  private:
    bool allowed(const std::string& id, const AdjusterKind* kind) const {
        if (options_.without_jacking && kind && kind->wants_jacking()) return false;
        return options_.touching.empty() ||
               std::find(options_.touching.begin(), options_.touching.end(), id) != options_.touching.end();
    }
    /// As much of a lever as is known of an adjuster whose way is not.
    static Lever like(const Adjuster& a) {
        Lever l;
        const Device* d = std::get_if<Device>(&a);
        l.kind = d ? adjuster_kind(d->kind) : nullptr;
        l.wheel = wheel_of(a);
        l.serves = serves_of(a);
        return l;
    }
    std::vector<Spot> remeasure(const std::vector<PlannedTurn>& turns) const {
        std::vector<Wheel> toe, lean;
        spoiled_by(turns, car_, toe, lean);
        return spoiled_spots_of(job_, e_.round, toe, lean);
    }
    void expect(const After& after) {
        for (std::size_t w = 0; w < 4; ++w)
            for (int a = 0; a < 3; ++a)
                if (const Eigen::VectorXd g = angle_gradient(p_, all_wheels[w], a); !g.isZero())
                    plan_.expect[w][static_cast<std::size_t>(a)] = after.angle(g);
    }
    void wait_for_reading();
    void look_at_targets();
    std::vector<Lever> active_for(bool close_too) const;
    std::vector<Alternative> alternatives(const std::vector<Lever>& with) const;
    Alternative evaluated(std::vector<Lever> with, std::vector<double> turns, const Aims& aims) const;
    Alternative whole(Alternative c) const;
    bool helps(const Alternative& c) const;
    bool asked_before(const Alternative& c) const;
    bool put(const Alternative& c);
    bool large(const Alternative& c);
    bool read_twice(Wheel w, bool lean) const;
    bool probe();
    bool set_back();
    void finish();

    const Job& job_;
    const Estimate& e_;
    const PlanOptions& options_;
    const Posterior& p_;
    CarCard car_;
    std::vector<Lever> all_, usable_;
    bool steering_known_ = false, blind_ = false, free_ = true;
    MovedSoFar so_far_;
    Plan plan_;
    Eigen::MatrixXd readable_;  // what more readings would leave of the targets' covariance
    Expected now_;
    std::vector<Verdict> about_;
    bool all_inside_ = true, any_outside_ = false, any_unknown_ = false, likely_out_ = false;
    std::optional<Message> stuck_;
};

void Planner::wait_for_reading() {
    std::vector<PlannedTurn> turned;
    for (std::size_t i : turns_since_reading(job_)) {
        PlannedTurn t;
        t.adjuster = std::get<Turn>((*job_.log)[i].what).adjuster;
        if (const Rod* rod = car_.rod(t.adjuster)) t.wheel = rod->wheel;
        const Device* d = car_.device(t.adjuster);
        if (car_.place_of(t.adjuster) >= 0 && (!d || adjuster_kind(d->kind))) turned.push_back(t);
    }
    plan_.remeasure = remeasure(turned);
    plan_.next = NextStep::read;
}

void Planner::look_at_targets() {
    const std::size_t since = last_news(job_);
    for (const Verdict& v : plan_.before) {
        const bool can = reached_by(v.target, usable_), toe = bit_of(v.target.measure) == serves_toe;
        const bool accepted = accepted_since(job_, since, v.target);
        if (!can && v.call == Call::outside && !accepted) {
            Message why{reached_by(v.target, all_) ? Code::plan_left_out : Code::plan_no_adjuster, {}};
            // There is one, and only its way is not known.
            for (const Adjuster& a : car_.adjusters)
                if (unsaid_of(a) && reaches(like(a), v.target)) why = {Code::plan_way_unknown, {id_of(a)}};
            plan_.cannot.push_back({v.target, why, v.angle, {}});
        }
        if (v.target.has_tolerance && v.call != Call::inside && !accepted) all_inside_ = false;
        if (!can && !toe) continue;
        about_.push_back(v);
        const Wheel* one = std::get_if<Wheel>(&v.target.where);
        if (v.target.measure == Measure::toe && one && axle_of(*one) == Axle::front) free_ = false;
        if (toe && v.call == Call::unknown && v.target.has_tolerance) any_unknown_ = true;
        if (v.call == Call::outside && can && !accepted) any_outside_ = true;
        if (v.call == Call::too_close && can && !accepted &&
            probability_inside(v.angle, v.target) < turn_below)
            likely_out_ = true;
    }
}

/// Rods that move a known angle with a target; what is there for camber and caster only where that angle is,
/// or likely is, out; then also the rods of its wheel, to leave its toe alone.
std::vector<Lever> Planner::active_for(bool close_too) const {
    std::vector<Lever> active;
    const bool any = options_.nearer;
    for (const Lever& l : usable_) {
        const bool wanted = std::any_of(about_.begin(), about_.end(), [&](const Verdict& v) {
            if (!v.angle.known || !reaches(l, v.target)) return false;
            if (any || bit_of(v.target.measure) == serves_toe) return true;
            return v.call == Call::outside ||
                   (v.call == Call::too_close &&
                    (close_too || probability_inside(v.angle, v.target) < turn_below));
        });
        if (wanted) active.push_back(l);
    }
    // A drag link serves the steering wheel alone: it goes with whatever else moves the fronts.
    const bool fronts = std::any_of(active.begin(), active.end(),
                                    [](const Lever& l) { return axle_of(l.wheel) == Axle::front; });
    for (const Lever& l : usable_)
        if (l.serves == 0 && steering_known_ && (fronts || active.empty())) active.push_back(l);
    // Where the rear axle's line is moved, the front wheels follow it.
    const bool rear = std::any_of(active.begin(), active.end(), [](const Lever& l) {
        return axle_of(l.wheel) == Axle::rear && moves_toe(l);
    });
    std::vector<Lever> holding;
    for (const Lever& l : usable_) {
        if (rear && steering_known_ && axle_of(l.wheel) == Axle::front && (l.rod || l.serves == 0) &&
            std::none_of(active.begin(), active.end(), [&](const Lever& a) { return a.id() == l.id(); })) {
            holding.push_back(l);
            continue;
        }
        if (!l.rod) continue;
        const auto same = [&](const Lever& a) { return a.id() == l.id(); };
        const auto leans = [&](const Lever& a) {
            return a.device && a.wheel == l.wheel && (a.serves & (serves_camber | serves_caster)) != 0;
        };
        if (std::none_of(active.begin(), active.end(), same) &&
            std::any_of(active.begin(), active.end(), leans))
            holding.push_back(l);
    }
    active.insert(active.end(), holding.begin(), holding.end());
    return active;
}

Alternative Planner::evaluated(std::vector<Lever> with, std::vector<double> turns, const Aims& aims) const {
    Alternative c{std::move(with), std::move(turns), {}};
    // What settling and locking will do is not for a plan to choose by: only how many are touched.
    const After after{p_, c.with, c.turns, false, false};
    c.then = outcome_of(after, plan_.before, steering_known_, readable_);
    c.miss = Chooser::expected_miss(after, aims.targets);
    const auto off = [&](const Miss& m) { return std::abs(after.mean(m.g) - m.aim); };
    if (aims.steering) c.steering = off(*aims.steering);
    if (aims.thrust) c.thrust = off(*aims.thrust);
    for (const Miss& m : aims.untouched) c.untouched = std::max(c.untouched, off(m));
    c.minutes = minutes_of(c);
    return c;
}

std::vector<Alternative> Planner::alternatives(const std::vector<Lever>& with) const {
    const Aims aims = aims_of(about_, p_, with, steering_known_, so_far_);
    Chooser chooser(car_, p_, with, aims);
    std::vector<Alternative> out{evaluated(with, std::vector<double>(with.size(), 0.0), aims)};
    const auto add = [&](const Weights& weights) {
        std::vector<double> turns = chooser.best(weights);
        const bool there =
            std::any_of(out.begin(), out.end(), [&](const Alternative& c) { return c.turns == turns; });
        if (!there) out.push_back(evaluated(with, std::move(turns), aims));
    };
    for (const Weights& weights : all_weights) add(weights);
    if (blind_ && aims.thrust) add(alike);
    if (std::any_of(out.begin(), out.end(), [](const Alternative& c) { return c.untouched > worth_saying; }))
        add(sparing);
    return out;
}

/// The same, with all that turning does.
Alternative Planner::whole(Alternative c) const {
    const After after{p_, c.with, c.turns};
    c.then = outcome_of(after, plan_.before, steering_known_, readable_);
    c.miss = Chooser::expected_miss(After{p_, c.with, c.turns, true, false},
                                    aims_of(about_, p_, c.with, steering_known_, so_far_).targets);
    return c;
}

/// It brings the targets nearer, makes it likelier that it ends here, or sets the steering wheel straight.
bool Planner::helps(const Alternative& c) const {
    if (!c.any()) return false;
    const Aims aims = aims_of(about_, p_, c.with, steering_known_, so_far_);
    const After still{p_, c.with, std::vector<double>(c.with.size(), 0.0)};
    const double before = Chooser::expected_miss(still, aims.targets);
    if (c.miss <= 0.9 * before || c.then.ends >= now_.ends + 0.02) return true;
    const auto off = [&](const Miss& m) { return std::abs(still.mean(m.g) - m.aim); };
    const bool tested = test_turn_stands(job_);
    if (tested && aims.thrust && off(*aims.thrust) > c.thrust + equal_thrust) return true;
    return aims.steering &&
           off(*aims.steering) > std::max(tested ? thrust_half_band : straight_half_band,
                                          c.steering + (tested ? equal_thrust : equal_steering));
}

/// The same nudge is not asked for twice.
bool Planner::asked_before(const Alternative& c) const {
    const auto last = last_turned(job_);
    if (last.empty() || c.then.ends >= 0.5) return false;
    std::map<std::string, std::array<double, 2>> now;
    for (std::size_t h = 0; h < c.with.size(); ++h)
        if (c.turns[h] != 0.0) now[c.with[h].id()][static_cast<std::size_t>(c.with[h].which)] = c.turns[h];
    return now == last;
}

bool Planner::read_twice(Wheel w, bool lean) const {
    const auto spots = spoiled_spots_of(job_, e_.round, lean ? std::vector<Wheel>{} : std::vector<Wheel>{w},
                                        lean ? std::vector<Wheel>{w} : std::vector<Wheel>{});
    return std::none_of(spots.begin(), spots.end(),
                        [&](const Spot& s) { return readings_at(job_, e_.round, s).size() == 1; });
}

/// More than is usual is first doubted as a wrong reading, and a rod's thread is looked at.
bool Planner::large(const Alternative& c) {
    const After after{p_, c.with, c.turns};
    const auto again = [&](Wheel w, bool lean, Message why) {
        ReadAgain r;
        for (const Spot& s :
             spoiled_spots_of(job_, e_.round, lean ? std::vector<Wheel>{} : std::vector<Wheel>{w},
                              lean ? std::vector<Wheel>{w} : std::vector<Wheel>{}))
            if (readings_at(job_, e_.round, s).size() == 1) r.spots.push_back(s);
        r.why = std::move(why);
        plan_.again = std::move(r);
        plan_.next = NextStep::read;
        return true;
    };
    // A side that nothing has proven yet: looked at before it is turned far.
    const auto unproven = [&](std::size_t h) {
        const Lever& l = c.with[h];
        const bool seen = (l.rod ? l.rod->proven : !l.device->response.empty()) ||
                          std::find(options_.side_shown.begin(), options_.side_shown.end(), l.id()) !=
                              options_.side_shown.end();
        return c.turns[h] != 0.0 && (l.rod || l.kind->sided(*l.device)) && !seen &&
               !car_.looked_at(l.id(), "rod");
    };
    for (std::size_t h = 0; h < c.with.size(); ++h) {
        if (!unproven(h)) continue;
        bool far = c.with[h].rod && std::abs(c.turns[h]) > most_turns_unproven;
        // Of a wheel too, though what the other does makes good for it in the target.
        for (const Lever::Pull& pull : c.with[h].pulls)
            far = far || (pull.angle == 0 &&
                          std::abs(c.with[h].effect(pull, c.turns[h], p_)) > most_angle_of_wheel_unproven);
        for (const Verdict& v : plan_.before) {
            if (!v.angle.known) continue;
            // As far as all of them together would drive it the other way.
            const Eigen::VectorXd g = p_.gradient_of(v.target);
            double by = 0.0;
            for (std::size_t k = 0; k < c.with.size(); ++k)
                for (const Lever::Pull& pull : c.with[k].pulls)
                    if (unproven(k)) by += g[pull.state] * c.with[k].effect(pull, c.turns[k], p_);
            far = far || std::abs(by) > most_angle_unproven;
        }
        if (!far) continue;
        plan_.look = Look{c.with[h].id(), "rod"};
        plan_.next = NextStep::look;
        return true;
    }
    for (std::size_t h = 0; h < c.with.size(); ++h) {
        const Lever& l = c.with[h];
        if (!l.rod || c.turns[h] == 0.0) continue;
        const double in_all = turned_since_thread(job_, *l.rod) + c.turns[h];
        if (std::max(std::abs(c.turns[h]), std::abs(in_all)) <= most_turns_unasked) continue;
        if (!read_twice(l.wheel, false)) return again(l.wheel, false, {Code::again_large_turn, {l.id()}});
        if (!thread_known(job_, *l.rod)) return again(l.wheel, false, {Code::again_thread, {l.id()}});
    }
    for (Wheel w : all_wheels)
        for (int a = 0; a < 3; ++a) {
            const Eigen::VectorXd g = angle_gradient(p_, w, a);
            if (g.isZero() || std::abs(after.change(g)) <= most_angle_unasked || read_twice(w, a > 0))
                continue;
            return again(w, a > 0, {Code::again_large_angle, {std::string(name_of(w))}});
        }
    return false;
}

/// Makes it the plan, unless something has to be read again before. False where it turns nothing.
bool Planner::put(const Alternative& c) {
    const After after{p_, c.with, c.turns};
    std::vector<PlannedTurn> turns = turns_from(after, e_, steering_known_, car_);
    if (turns.empty()) return false;
    if (large(c)) return true;
    plan_.turns = std::move(turns);
    for (PlannedTurn& t : plan_.turns) {
        bool close = false, out = false;
        for (const Lever& l : c.with)
            for (const Verdict& v : about_)
                if (l.id() == t.adjuster && reaches(l, v.target)) {
                    close = close || v.call == Call::too_close;
                    out = out || v.call == Call::outside;
                }
        // A toe is set to the thrust line and by its total: its own edge is not what it is turned for.
        t.at_edge = close && !out && t.about != Measure::toe;
    }
    plan_.next = NextStep::turn;
    plan_.after = c.then.verdicts;
    plan_.steering_after = c.then.steering;
    plan_.probability_inside = c.then.ends;
    plan_.truly_inside = c.then.probability;
    expect(after);
    for (Wheel w : all_wheels)
        for (int a = 0; a < 3; ++a) {
            const Eigen::VectorXd g = angle_gradient(p_, w, a);
            const auto angle = static_cast<std::size_t>(a);
            constexpr std::array measures = {Measure::toe, Measure::camber, Measure::caster};
            if (g.isZero()) continue;
            const double by = after.change(g);
            if (by == 0.0) continue;
            const Angle sigma = after.change_sigma(g);
            const bool untargeted = !has_target(plan_.before, w, a);
            plan_.change[static_cast<std::size_t>(index_of(w))][angle] =
                Plan::Change{Angle::from_rad(by), sigma, untargeted};
            if (untargeted && (std::abs(by) > worth_saying || sigma.rad() * k95 > may_move))
                plan_.along.push_back({w, measures[angle], Angle::from_rad(by), sigma});
        }
    // Rods would hold that toe, and only their way is not known.
    for (const MovedAlong& m : plan_.along)
        for (const Adjuster& a : car_.adjusters) {
            const auto unsaid = unsaid_of(a);
            if (m.measure != Measure::toe || !unsaid || wheel_of(a) != m.wheel ||
                (serves_of(a) & serves_toe) == 0)
                continue;
            const Device* d = std::get_if<Device>(&a);
            if (!allowed(id_of(a), d ? adjuster_kind(d->kind) : nullptr)) continue;
            plan_.turns.clear();
            plan_.along.clear();
            plan_.change = {};
            plan_.look = Look{id_of(a), std::string(unsaid->field)};
            plan_.next = NextStep::look;
            return true;
        }
    const auto range = [&](const Eigen::VectorXd& g) {
        return (p_.estimable(g) ? after.angle(g).sigma : after.change_sigma(g)) * k95;
    };
    const Eigen::VectorXd thrust = thrust_gradient(p_), steering = steering_gradient(p_);
    plan_.thrust_after = Angle::from_rad(after.mean(thrust));
    plan_.thrust_plus_minus = range(thrust);
    plan_.steering_plus_minus = range(steering);
    std::vector<Wheel> toe, lean;
    spoiled_by(plan_.turns, car_, toe, lean);
    const auto spoils = [&](Wheel w, const char* angle) {
        const std::string what = std::string(name_of(w)) + angle;
        if (std::find(plan_.spoils.begin(), plan_.spoils.end(), what) == plan_.spoils.end())
            plan_.spoils.push_back(what);
    };
    for (Wheel w : toe) spoils(w, ".toe");
    for (Wheel w : lean) {
        spoils(w, ".camber");
        if (axle_of(w) == Axle::front) spoils(w, ".caster");
    }
    plan_.remeasure = remeasure(plan_.turns);
    for (Unreachable& u : plan_.cannot)
        for (const Verdict& v : c.then.verdicts)
            if (v.target.name() == u.target.name()) u.best = v.angle;
    for (Unreachable& u :
         missed(p_, car_, c.with, c.turns, about_, c.then.verdicts, steering_known_, readable_, so_far_))
        plan_.cannot.push_back(std::move(u));
    return true;
}

/// Where a direction is not known, or nothing explains what turns did: the least turn that shows it, or
/// something to look at. True where that is the next step.
bool Planner::probe() {
    const auto wanted = [&](const Verdict& v) {
        return v.call == Call::outside ||
               (v.call == Call::too_close && probability_inside(v.angle, v.target) < turn_below);
    };
    std::optional<Look> look;
    for (const Verdict& v : plan_.before) {
        if (!wanted(v) || accepted_since(job_, last_news(job_), v.target)) continue;
        if (!options_.probing && reached_by(v.target, usable_)) continue;
        for (std::size_t place = 0; place < car_.adjusters.size(); ++place) {
            const Adjuster& a = car_.adjusters[place];
            const Device* d = std::get_if<Device>(&a);
            const AdjusterKind* kind = d ? adjuster_kind(d->kind) : nullptr;
            const auto unsaid = unsaid_of(a);
            if ((d && !kind) || !reaches(like(a), v.target) || !allowed(id_of(a), kind)) continue;
            const bool turns_under_load = !d || (unsaid && unsaid->probe) || !kind->wants_jacking();
            if (!unsaid && !options_.probing) continue;
            if ((unsaid && !unsaid->probe) || !turns_under_load) {
                if (unsaid && !look) look = Look{id_of(a), std::string(unsaid->field)};
                continue;
            }
            // Turned already, and it does not show: a little more of it.
            const double sigma = std::max(v.angle.sigma.rad(), 0.01 * one_degree);
            const double step = d ? kind->handles(*d).front().step : std::get<Rod>(a).step_turns;
            const double per_turn = 0.6 * one_degree;
            const double needs = 3.0 * 1.5 * sigma / per_turn;
            // What would not show is no test: eyes do better.
            if (unsaid && needs > most_tested) {
                if (!look) look = Look{id_of(a), std::string(unsaid->field)};
                continue;
            }
            double amount = std::ceil(std::clamp(needs, step, std::max(step, 0.5)) / step - 1e-9) * step;
            const Miss miss = miss_of_target(v, p_);
            if (!unsaid)
                for (const Lever& l : usable_)
                    if (l.id() == id_of(a) && !l.pulls.empty()) {
                        const double by =
                            l.effect(l.pulls.front(), amount, p_) * miss.g[l.pulls.front().state];
                        if (by * (miss.aim - miss.g.dot(p_.x)) < 0.0) amount = -amount;
                        break;
                    }
            PlannedTurn t;
            t.adjuster = id_of(a);
            t.kind = d ? d->kind : "";
            t.wheel = wheel_of(a);
            t.turns = amount;
            t.test = true;
            if (const KnownAngle* now = e_.find(Measure::toe, t.wheel)) t.now = *now;
            if (!t.now.known) {
                t.of_axle = true;
                t.now = e_.axles[static_cast<std::size_t>(index_of(axle_of(t.wheel)))].total_toe;
            }
            std::erase_if(plan_.cannot,
                          [&](const Unreachable& u) { return u.target.name() == v.target.name(); });
            plan_.turns = {t};
            plan_.next = NextStep::test_turn;
            plan_.remeasure = remeasure(plan_.turns);
            plan_.spoils = {std::string(name_of(t.wheel)) + ".toe"};
            if (unsaid) plan_.look = Look{t.adjuster, std::string(unsaid->field)};
            return true;
        }
    }
    if (!look) return false;
    plan_.look = look;
    plan_.next = NextStep::look;
    return true;
}

/// All test turns since the last that was none, the other way. False where they are back already.
bool Planner::set_back() {
    std::map<std::string, double> sums;
    for (std::size_t i = 0; i < job_.log->size(); ++i) {
        const Turn* t = job_.live(i) ? std::get_if<Turn>(&(*job_.log)[i].what) : nullptr;
        if (!t) continue;
        if (!t->test)
            sums.clear();
        else
            sums[t->adjuster] += t->turns;
    }
    for (const auto& [id, sum] : sums) {
        const int place = car_.place_of(id);
        if (place < 0 || std::abs(sum) < 1e-9) continue;
        const Adjuster& a = car_.adjusters[static_cast<std::size_t>(place)];
        const Device* d = std::get_if<Device>(&a);
        PlannedTurn t;
        t.adjuster = id;
        t.kind = d ? d->kind : "";
        t.wheel = wheel_of(a);
        t.turns = -sum;
        t.test = true;
        if (const KnownAngle* now = e_.find(Measure::toe, t.wheel)) t.now = *now;
        plan_.turns.push_back(t);
        plan_.spoils.push_back(std::string(name_of(t.wheel)) + ".toe");
    }
    if (plan_.turns.empty()) return false;
    plan_.next = NextStep::test_turn;
    plan_.remeasure = remeasure(plan_.turns);
    return true;
}

/// As far as it goes: what is left, why, and what would settle it.
void Planner::finish() {
    AsFarAs far;
    const std::size_t since = last_news(job_);
    const Verdict* worst = nullptr;
    for (const Verdict& v : plan_.before)
        if (v.target.has_tolerance && v.call != Call::inside && !accepted_since(job_, since, v.target)) {
            far.left.push_back(v.target);
            if (v.call == Call::too_close && (!worst || v.angle.sigma > worst->angle.sigma)) worst = &v;
        }
    far.truly_inside = now_.probability;
    far.why = stuck_                  ? *stuck_
              : !plan_.cannot.empty() ? plan_.cannot.front().why
              : worst                 ? Message{Code::plan_too_coarse_to_call, {}}
                                      : Message{Code::plan_nothing_gained, {}};
    if (worst) far.tool = tool_that_would(car_, job_.rounds[e_.round].lines, worst->target, 2, job_.tools);
    plan_.as_far_as = std::move(far);
    plan_.next = NextStep::as_far_as;
}

Plan Planner::plan() {
    for (const Verdict& v : verdicts(job_, e_))
        if (options_.only.empty() ||
            std::find(options_.only.begin(), options_.only.end(), v.target.measure) != options_.only.end())
            plan_.before.push_back(v);
    const After still{p_, usable_, std::vector<double>(usable_.size(), 0.0)};
    readable_ = readable_of(job_, e_, plan_.before);
    now_ = outcome_of(still, plan_.before, steering_known_, readable_);
    plan_.after = now_.verdicts;
    plan_.steering_before = plan_.steering_after = now_.steering;
    plan_.probability_inside = plan_.truly_inside = now_.probability;
    expect(still);
    plan_.thrust_after = e_.thrust.value;
    plan_.thrust_plus_minus = e_.thrust.known ? e_.thrust.plus_minus() : Angle();
    plan_.steering_plus_minus = now_.steering.known ? now_.steering.plus_minus() : Angle();
    plan_.thrust_off = e_.thrust.known &&
                       std::abs(e_.thrust.value.rad()) - k95 * e_.thrust.sigma.rad() > thrust_worth_saying &&
                       std::none_of(plan_.before.begin(), plan_.before.end(),
                                    [](const Verdict& v) { return v.target.measure == Measure::thrust; });
    if (turned_since_reading(job_)) {
        wait_for_reading();
        return plan_;
    }
    look_at_targets();
    if (plan_.before.empty()) {
        plan_.next = NextStep::done;
        return plan_;
    }
    if (options_.probing) {
        if (!all_inside_ && probe()) return plan_;
        if (!all_inside_) {
            stuck_ = Message{Code::plan_nothing_gained, {}};
            finish();
            return plan_;
        }
    }
    const std::vector<Lever> active = active_for(false), with_close = active_for(true);
    // As known; and by what this job's own turns did to it, test turns among them.
    const double steered = now_.steering.value.rad();
    const double off = steering_known_ ? std::max(std::abs(steered) - k95 * now_.steering.sigma.rad(),
                                                  std::abs(steered) - std::abs(steered - so_far_.steering))
                                       : std::abs(so_far_.steering);
    // What a test turn moved is set back.
    const bool tested = test_turn_stands(job_);
    const double thrust_now = thrust_gradient(p_).dot(p_.x);
    const double own_thrust = p_.estimable(thrust_gradient(p_))
                                  ? std::abs(thrust_now) - std::abs(thrust_now - so_far_.thrust)
                                  : std::abs(so_far_.thrust);
    const bool thrust_off = tested && own_thrust > thrust_half_band && !active.empty() &&
                            aims_of(about_, p_, active, steering_known_, so_far_).thrust;
    const bool steering_off = off > (tested ? thrust_half_band : straight_half_band) && !active.empty() &&
                              free_ && aims_of(about_, p_, active, steering_known_, so_far_).steering;
    if ((any_outside_ || likely_out_ || ((steering_off || thrust_off) && (!any_unknown_ || tested))) &&
        !active.empty()) {
        const std::vector<Alternative> all = alternatives(active);
        Alternative chosen = whole(chosen_of(all, blind_, free_));
        // Under the car already: what lies at an edge is brought in with the rest where that makes it
        // likelier that this pass is the last.
        if (with_close.size() > active.size()) {
            const std::vector<Alternative> more = alternatives(with_close);
            if (Alternative c = whole(chosen_of(more, blind_, free_));
                c.then.ends > chosen.then.ends + worth_turning)
                chosen = std::move(c);
        }
        if (asked_before(chosen))
            stuck_ = Message{Code::plan_same_again, {}};
        else if (helps(chosen) && put(chosen))
            return plan_;
        else if (any_outside_ || likely_out_)
            for (const Verdict& v : about_)
                if (v.call == Call::outside && reached_by(v.target, active))
                    plan_.cannot.push_back(
                        {v.target, {Code::plan_steps_too_coarse, {active.front().id()}}, v.angle, {}});
    }
    // A choice: what lies inside is brought nearer to its aim, where that is worth a visit.
    if (options_.nearer && all_inside_ && !any_outside_ && !active.empty()) {
        const Alternative c = whole(chosen_of(alternatives(active), blind_, free_));
        const std::vector<double> none(active.size(), 0.0);
        const double before = Chooser::expected_miss(
            After{p_, active, none}, aims_of(about_, p_, active, steering_known_, so_far_).targets);
        if (c.any() && c.miss <= worth_nearer * before && !asked_before(c) && put(c)) return plan_;
    }
    if (probe()) return plan_;
    // A test turn that served nothing in the end is turned back.
    if (tested && active.empty() && set_back()) return plan_;
    const bool unread = std::any_of(plan_.before.begin(), plan_.before.end(), [](const Verdict& v) {
        return v.call == Call::unknown && v.target.has_tolerance;
    });
    if (any_unknown_ || (unread && all_inside_)) {
        plan_.next = NextStep::read;
        return plan_;
    }
    // Too close to call: read on where that can settle it.
    bool readable = false;
    for (const Verdict& v : plan_.before)
        if (v.call == Call::too_close && !accepted_since(job_, last_news(job_), v.target) &&
            what_settles(job_, e_, v))
            readable = true;
    // Nothing that could be read settles it, and the middle of the band is a turn away: worth it if that
    // makes it likelier that all is inside, or if what lies at an edge gains so much that what else it spoils
    // may be set again.
    if (!all_inside_ && !readable && !with_close.empty() && !stuck_) {
        const std::vector<Alternative> all = alternatives(with_close);
        const Alternative c = whole(chosen_of(all, blind_, free_));
        double gain = 0.0;
        for (std::size_t i = 0; i < plan_.before.size(); ++i)
            if (const Verdict& v = plan_.before[i]; v.call == Call::too_close && v.target.has_tolerance)
                gain = std::max(gain, probability_inside(c.then.verdicts[i].angle, v.target) -
                                          probability_inside(v.angle, v.target));
        if ((c.then.probability >= now_.probability + worth_turning || gain >= worth_setting_again) &&
            !asked_before(c) && put(c))
            return plan_;
    }
    if (!all_inside_ && readable)
        plan_.next = NextStep::read;
    else if (unread)
        plan_.next = NextStep::read;
    else if (all_inside_)
        plan_.next = NextStep::done;
    else
        finish();
    return plan_;
}

}  // namespace

Plan plan_turns(const Job& job, const Estimate& e, const PlanOptions& options) {
    if (!e.posterior || e.round < 0) {
        Plan plan;
        plan.before = verdicts(job, e);
        return plan;
    }
    return Planner(job, e, options).plan();
}

}  // namespace fairchalk
