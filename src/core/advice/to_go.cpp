// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/to_go.h"

#include <algorithm>
#include <string>

#include "core/advice/procedure.h"
#include "core/car/adjuster.h"
#include "core/job/knowledge.h"
#include "core/job/rig.h"

namespace fairchalk {
namespace {

/// Of a pass on a car that is known; of a car that nothing is known of: whether anything has to be turned,
/// and the chance that the first turns end it.
constexpr double known_pass_ends = 0.8, has_to_be_turned = 0.9, first_pass_ends = 0.65;

bool jacks(const CarCard& car, const std::string& id) {
    const Adjuster* a = car.adjuster(id);
    const AdjusterKind* kind = a ? adjuster_kind(a->kind) : nullptr;
    return kind && kind->wants_jacking();
}

/// What may be turned for targets of which nothing is known to be inside.
std::vector<std::string> may_be_turned(const CarCard& car, const Plan& plan, const std::vector<Target>& all) {
    std::vector<std::string> out;
    for (const Adjuster& a : car.adjusters) {
        const auto asks = [&](const Target& t) {
            const bool inside = std::any_of(plan.before.begin(), plan.before.end(), [&](const Verdict& v) {
                return v.target.name() == t.name() && v.call == Call::inside;
            });
            const int serves = serves_of(a);
            const bool toe =
                t.measure == Measure::toe || t.measure == Measure::total_toe || t.measure == Measure::thrust;
            const bool camber = t.measure == Measure::camber || t.measure == Measure::cross_camber;
            const Axle* axle = std::get_if<Axle>(&t.where);
            const Wheel* wheel = std::get_if<Wheel>(&t.where);
            const auto wheels = wheels_of(a);
            const bool here = std::any_of(wheels.begin(), wheels.end(), [&](Wheel w) {
                return (axle && axle_of(w) == *axle) || (wheel && w == *wheel) || (!axle && !wheel);
            });
            return !inside && here &&
                   (toe      ? serves & serves_toe
                    : camber ? serves & serves_camber
                             : serves & serves_caster);
        };
        if (std::any_of(all.begin(), all.end(), asks)) out.push_back(a.id);
    }
    return out;
}

/// The chance that anything has to be turned: by what is known, where all is.
double to_be_turned(const Plan& plan) {
    double inside = 1.0;
    for (const Verdict& v : plan.before) {
        if (!v.target.has_tolerance) continue;
        if (!v.angle.known) return has_to_be_turned;
        inside *= probability_inside(v.angle, v.target);
    }
    return plan.before.empty() ? has_to_be_turned : 1.0 - inside;
}

}  // namespace

ToGo to_go(const Job& job, const Plan& plan, const std::vector<Spot>& read, const PlanOptions& options) {
    ToGo out;
    const StepTimes& times = options.times;
    const CarCard& car = job.rounds.empty() ? job.car : job.rounds.back().car;
    std::vector<std::string> turned = unlocked_adjusters(job);
    const auto touch = [&](const std::string& id) {
        if (std::find(turned.begin(), turned.end(), id) == turned.end()) turned.push_back(id);
    };
    const auto pass_of = [&](const std::vector<std::string>& ids, double spots, double share) {
        const bool up =
            !ids.empty() && !car.no_springs &&
            (options.jacked_to_reach ||
             std::any_of(ids.begin(), ids.end(), [&](const std::string& id) { return jacks(car, id); }));
        out.jackings += up ? share : 0.0;
        return share *
               (times.turn * static_cast<double>(ids.size()) + times.spot * spots + (up ? times.jack : 0.0));
    };
    const int round = static_cast<int>(job.rounds.size()) - 1;
    const double to_read = round < 0 ? 0.0 : static_cast<double>(unread_spots(job, round).size());

    std::vector<std::string> planned;
    for (const PlannedTurn& t : plan.turns) {
        planned.push_back(t.adjuster);
        touch(t.adjuster);
    }
    const double again = static_cast<double>(plan.remeasure.size());
    switch (plan.next) {
        case NextStep::turn: {
            out.this_pass = pass_of(planned, again, 1.0);
            const double more = (1.0 - plan.probability_inside) / known_pass_ends;
            out.to_done = out.this_pass + pass_of(planned, again, more);
            break;
        }
        case NextStep::test_turn:
            // The turn itself comes after it.
            out.this_pass = pass_of(planned, again, 1.0);
            out.to_done = out.this_pass + pass_of(planned, again, 1.0 / known_pass_ends);
            break;
        case NextStep::read:
        case NextStep::look: {
            const double spots = std::max(to_read, static_cast<double>(read.size()));
            out.this_pass = plan.next == NextStep::look ? times.look : times.spot * spots;
            out.to_done = out.this_pass;
            const bool after_turns = waits_for_reading(job);
            const std::vector<std::string> may = may_be_turned(car, plan, job.targets);
            if (may.empty()) break;
            const double walk = round < 0 ? 0.0 : static_cast<double>(round_walk(job, round, false).size());
            const double others = (1.0 - first_pass_ends) / known_pass_ends;
            const double share = after_turns ? others : to_be_turned(plan) * (1.0 + others);
            out.to_done += pass_of(may, 0.5 * walk, share);
            if (!after_turns && share > 0.5)
                for (const std::string& id : may) touch(id);
            break;
        }
        case NextStep::done:
        case NextStep::as_far_as:
            break;
    }
    out.to_done += times.lock * static_cast<double>(turned.size());
    return out;
}

}  // namespace fairchalk
