// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/search.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <utility>

#include <Eigen/Dense>

#include "core/advice/worth.h"

namespace fairchalk {

using namespace worth;

namespace {

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

/// A rod leans its wheel as it steers it; but nobody toes a wheel out for its camber.
bool aside(const Lever& l, const Lever::Pull& pull) {
    return l.rod && pull.angle != WheelAngle::toe;
}

}  // namespace

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
            for (std::size_t s = 0; s < 2; ++s)
                if (&a != l.device || s != which)
                    others.insert(others.end(), a.stacks[s].begin(), a.stacks[s].end());
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

double expected_miss(const After& after, const std::vector<Miss>& targets) {
    double sum = 0.0;
    for (const Miss& m : targets)
        sum += (std::pow(after.mean(m.g) - m.aim, 2) + after.p.variance(m.g) +
                std::pow(after.change_sigma(m.g).rad(), 2)) /
               (m.half * m.half);
    return sum;
}

Chooser::Chooser(const CarCard& car, const Posterior& p, const std::vector<Lever>& levers, const Aims& aims)
    : car_(car), p_(p), levers_(levers), aims_(aims) {
    add_target_rows();
    add_choices();
}

void Chooser::add_target_rows() {
    const auto n = static_cast<Eigen::Index>(levers_.size());
    std::vector<Eigen::RowVectorXd> rows;
    std::vector<double> b;
    const auto slope = [&](const Lever& l) { return l.rod ? -1.0 / p_.x[l.pulls.front().response] : 1.0; };
    const ResponseRoot roots(p_, levers_);
    const After still{p_, levers_, std::vector<double>(levers_.size(), 0.0)};
    const auto k = static_cast<Eigen::Index>(roots.responses.size());
    for (const Miss& miss : aims_.targets) {
        target_rows_.push_back(static_cast<Eigen::Index>(rows.size()));
        rows.push_back(row_of(miss));
        b.push_back((miss.aim - miss.g.dot(p_.x)) / miss.half);
        // What an uncertain response adds to the variance grows with the square of the amount. That the
        // angle itself may hang on it is left out: turning back to where it was known is no gain.
        Eigen::MatrixXd d = Eigen::MatrixXd::Zero(k, n);
        for (Eigen::Index h = 0; h < n; ++h) {
            const Lever& l = levers_[static_cast<std::size_t>(h)];
            for (const Lever::Pull& pull : l.pulls) {
                if (miss.g[pull.state] == 0.0 || still.taken_up(l, pull) || aside(l, pull)) continue;
                d(roots.place(pull.response), h) += miss.g[pull.state] * slope(l);
                if (!l.device) continue;
                Eigen::RowVectorXd bends = Eigen::RowVectorXd::Zero(n);
                bends[h] = miss.g[pull.state] * l.kind->bends(*l.device) * p_.x[pull.response] / miss.half;
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
}

void Chooser::add_choices() {
    for (std::size_t h = 0; h < levers_.size(); ++h) {
        const Lever& l = levers_[h];
        amounts_.push_back(amounts_of(l, car_));
        Choices c;
        for (double amount : amounts_.back()) {
            c.effect.push_back(l.rod ? l.effect(l.pulls.front(), amount, p_) : l.travel(amount));
            const bool jacks = l.kind && l.kind->wants_jacking();
            c.work.push_back(amount == 0.0
                                 ? 0.0
                                 : touching + (jacks ? jacking : 0.0) +
                                       least_work * std::abs(amount) / (l.rod ? 1.0 : 8 * l.handle.step));
        }
        c.put_in_order();
        problem_.choices.push_back(std::move(c));
    }
    stacks_ = all_stacks(levers_, std::vector<double>(levers_.size(), 0.0));
    for (std::size_t h = 0; h < levers_.size(); ++h) {
        std::optional<std::size_t>& stack = stack_of_.emplace_back();
        for (std::size_t i = 0; i < stacks_.size(); ++i)
            if (levers_[h].device && levers_[h].id() == stacks_[i].adjuster) stack = i;
        problem_.limited.push_back(stack.has_value());
    }
}

std::vector<double> Chooser::best(const Weights& weights) {
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
                    add[*stack_of_[h]][static_cast<std::size_t>(levers_[h].which)] = amounts_[h][choice[h]];
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
        double sum = expected_miss(then, aims_.targets);
        for (const auto& [m, weight] : lower)
            sum += weight * std::pow((then.mean(m->g) - m->aim) / m->half, 2);
        for (std::size_t h = 0; h < c.size(); ++h) sum += c[h] > 0 ? touching : 0.0;
        return sum;
    };
    const std::vector<std::size_t> ahead = nearest_whole_steps(problem, feasible, most_tried).chosen;
    return turns_of(cost(ahead) < cost(chosen) ? ahead : chosen);
}

Eigen::RowVectorXd Chooser::row_of(const Miss& miss) const {
    Eigen::RowVectorXd row = Eigen::RowVectorXd::Zero(static_cast<Eigen::Index>(levers_.size()));
    for (std::size_t h = 0; h < levers_.size(); ++h)
        for (const Lever::Pull& pull : levers_[h].pulls)
            row[static_cast<Eigen::Index>(h)] +=
                aside(levers_[h], pull)
                    ? 0.0
                    : miss.g[pull.state] * (levers_[h].rod ? 1.0 : p_.x[pull.response]) / miss.half;
    return row;
}

std::vector<double> Chooser::turns_of(const std::vector<std::size_t>& chosen) const {
    std::vector<double> t;
    for (std::size_t h = 0; h < chosen.size(); ++h) t.push_back(amounts_[h][chosen[h]]);
    return t;
}

}  // namespace fairchalk
