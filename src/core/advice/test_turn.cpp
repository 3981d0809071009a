// SPDX-License-Identifier: GPL-3.0-or-later
// What is tried, or looked at, before it is advised: test turns, and their way back.
#include <algorithm>
#include <cmath>
#include <map>

#include "core/advice/planner.h"
#include "core/advice/so_far.h"
#include "core/advice/worth.h"

namespace fairchalk {

using namespace worth;

namespace {

/// What stands of test turns, by adjuster: what was turned since they began is no test any more.
std::map<std::string, double> tests_standing(const Job& job) {
    std::map<std::string, double> sums;
    for (std::size_t i = 0; i < job.log->size(); ++i) {
        const Turn* t = job.live(i) ? std::get_if<Turn>(&(*job.log)[i].event) : nullptr;
        if (t) sums[t->adjuster] = t->test ? sums[t->adjuster] + t->turns : 0.0;
    }
    return sums;
}

/// By how much the last turn of an adjuster moved the toe of its wheel, or, where only that is read, of its
/// axle; where that shows by one sigma: the likelier way is the better guess; radians. Only of one that what
/// was read after it is free of.
std::optional<double> moved_by_last(const Job& job, const Posterior& p, const Adjuster& a) {
    const Posterior::Freed* last = nullptr;
    for (const auto* all : {&p.freed, &p.unsaid})
        for (const Posterior::Freed& freed : *all)
            if (std::any_of(
                    freed.turns.begin(), freed.turns.end(),
                    [&](std::size_t i) { return std::get<Turn>((*job.log)[i].event).adjuster == a.id; }) &&
                (!last || freed.turns.back() > last->turns.back()))
                last = &freed;
    if (!last) return std::nullopt;
    std::optional<double> best;
    double least = 0.0;
    Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
    for (const int w : {index_of(wheel_of(a)), index_of(wheel_of(a)) ^ 1}) {
        const std::pair key(Unknown::toe, w);
        const auto before = last->before.find(key), after = last->after.find(key);
        if (before == last->before.end() || after == last->after.end()) return std::nullopt;
        g[after->second] += 1.0;
        g[before->second] -= 1.0;
        if (!p.estimable(g)) continue;
        const double by = g.dot(p.x), variance = p.variance(g);
        if (by * by < variance || (best && variance >= least)) continue;
        best = by;
        least = variance;
    }
    return best;
}

}  // namespace

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
            const AdjusterKind* kind = adjuster_kind(a.kind);
            const auto unsaid = unsaid_of(a, car_);
            if (!kind || !reaches(like(a), v.target) || !allowed(a.id, kind)) continue;
            const bool turns_under_load = (unsaid && unsaid->probe) || !kind->wants_jacking();
            if (!unsaid && !options_.probing) continue;
            if ((unsaid && !unsaid->probe) || !turns_under_load) {
                if (unsaid && !look) look = Look{a.id, std::string(unsaid->field)};
                continue;
            }
            // Turned already, and it does not show: a little more of it.
            const double sigma = std::max(v.angle.sigma.rad(), 0.01 * one_degree);
            const double step = kind->handles(a).front().step;
            const double per_turn = 0.6 * one_degree;
            const double needs = 3.0 * 1.5 * sigma / per_turn;
            // What would not show is no test: eyes do better.
            if (unsaid && needs > most_tested) {
                if (!look) look = Look{a.id, std::string(unsaid->field)};
                continue;
            }
            double amount = std::ceil(std::clamp(needs, step, std::max(step, 0.5)) / step - 1e-9) * step;
            const Miss miss = miss_of_target(v, p_);
            const auto tests = tests_standing(job_);
            const auto tested = tests.find(a.id);
            if (unsaid && tested != tests.end() && tested->second != 0.0) {
                // It went away from where it should: back, and as much the other way tells the rest.
                const double so_far = tested->second;
                const int toe = p_.last_toe[static_cast<std::size_t>(index_of(wheel_of(a)))];
                const auto by = moved_by_last(job_, p_, a);
                const bool away = by && toe >= 0 && *by * miss.g[toe] * (miss.aim - miss.g.dot(p_.x)) < 0.0;
                amount = away ? -so_far - std::copysign(amount, so_far) : std::copysign(amount, so_far);
            }
            if (!unsaid)
                for (const Lever& l : usable_)
                    if (l.id() == a.id && !l.pulls.empty()) {
                        const double by =
                            l.effect(l.pulls.front(), amount, p_) * miss.g[l.pulls.front().state];
                        if (by * (miss.aim - miss.g.dot(p_.x)) < 0.0) amount = -amount;
                        break;
                    }
            PlannedTurn t;
            t.adjuster = a.id;
            t.kind = turn_kind(a);
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
            // Steered by it either way, a wheel with much caster leans as well.
            if (axle_of(t.wheel) == Axle::front && !has_target(plan_.before, t.wheel, WheelAngle::camber)) {
                const KnownAngle& caster = e_.wheels[static_cast<std::size_t>(index_of(t.wheel))].caster;
                const double leans = std::tan((caster.known ? caster.value : usual_caster).rad()) * per_turn *
                                     std::abs(amount);
                if (std::abs(leans) > worth_saying)
                    plan_.along.push_back(
                        {t.wheel, Measure::camber, {}, Angle::from_rad(std::abs(leans) / k95)});
            }
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

/// Asks for what eyes settle of something that would reach that target, and whose way nobody has said; with
/// `eyes_only` of what no test turn tells. False where there is none.
bool Planner::look_for(const Target& target, bool eyes_only) {
    for (const Adjuster& a : car_.adjusters) {
        const auto unsaid = unsaid_of(a, car_);
        if (!unsaid || (eyes_only && unsaid->probe) || !reaches(like(a), target) ||
            !allowed(a.id, adjuster_kind(a.kind)))
            continue;
        plan_.look = Look{a.id, std::string(unsaid->field)};
        plan_.next = NextStep::look;
        return true;
    }
    return false;
}

/// What is outside has something to turn, of which only eyes tell which way it works: before what it would
/// move is set without it.
bool Planner::look_first() {
    return std::any_of(plan_.before.begin(), plan_.before.end(), [&](const Verdict& v) {
        return v.call == Call::outside && !accepted_since(job_, last_news(job_), v.target) &&
               !reached_by(v.target, usable_) && look_for(v.target, true);
    });
}

/// What lies at an edge would be turned for, if the way of what there is to turn were known: eyes tell it. A
/// test turn would not show much there.
bool Planner::look_at_edge() {
    if (stuck_) return false;
    for (const Verdict& v : plan_.before) {
        if (v.call != Call::too_close || !v.target.has_tolerance || reached_by(v.target, usable_) ||
            accepted_since(job_, last_news(job_), v.target))
            continue;
        KnownAngle amid = v.angle;
        amid.value = v.target.aim;
        if (probability_inside(amid, v.target) >= probability_inside(v.angle, v.target) + worth_turning &&
            look_for(v.target, false))
            return true;
    }
    return false;
}

/// A test turn at something whose way it has not shown: eyes tell, and then what it moved aside of its target
/// can be evened out; where there is nothing to see, it goes the other way. False where none stands.
bool Planner::set_back() {
    for (const auto& tested : tests_standing(job_)) {
        const std::string& id = tested.first;
        const double sum = tested.second;
        const int place = car_.place_of(id);
        if (place < 0 || std::abs(sum) < 1e-9) continue;
        if (std::any_of(usable_.begin(), usable_.end(), [&](const Lever& l) { return l.id() == id; }))
            continue;
        const Adjuster& a = car_.adjusters[static_cast<std::size_t>(place)];
        if (const auto unsaid = unsaid_of(a, car_)) {
            plan_.turns.clear();
            plan_.spoils.clear();
            plan_.look = Look{id, std::string(unsaid->field)};
            plan_.next = NextStep::look;
            return true;
        }
        PlannedTurn t;
        t.adjuster = id;
        t.kind = turn_kind(a);
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

}  // namespace fairchalk
