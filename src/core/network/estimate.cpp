// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/estimate.h"

#include <algorithm>

#include "core/job/floor.h"
#include "core/network/bias.h"
#include "core/network/priors.h"
#include "core/network/readings.h"
#include "core/network/report.h"
#include "core/network/solve.h"
#include "core/network/transitions.h"
#include "core/reading/reading_kind.h"

namespace fairchalk {
namespace {

/// What is asked of the angles beside what the readings ask: those of an earlier job, where it left them.
NetworkNeeds needs_up_to(const Job& job, int last, std::size_t end) {
    NetworkNeeds out = needs_of(job, last);
    for (std::size_t i = 0; i < end; ++i)
        if (const AnglesCarried* c = std::get_if<AnglesCarried>(&(*job.log)[i].event); c && job.live(i))
            for (int w = 0; w < 4; ++w) {
                if (c->wheels[static_cast<std::size_t>(w)][1]) {
                    out.gauge.insert(w);
                    out.swung.erase(w);  // what is carried over tells it
                }
                if (c->wheels[static_cast<std::size_t>(w)][2]) out.sweep.insert(w);
            }
    return out;
}

/// Turns that say nothing about what they did.
struct Unsaying {
    std::vector<Posterior::Freed> doubted, uncounted, unsaid;
};

/// The log up to `end` as readings of the network and links in it, in its order.
Unsaying along_the_log(const Job& job, int last, std::size_t end, bool against_gravity,
                       const EstimateOptions& options, Network& network, Readings& readings,
                       Transitions& transitions) {
    Unsaying out;
    const CarCard& car = job.rounds[static_cast<std::size_t>(last)].car;
    int k = 0;
    bool freeing = false;
    readings.at_rest();
    for (std::size_t i = begin_of(job); i < end; ++i) {
        while (k < last && i >= job.rounds[static_cast<std::size_t>(k) + 1].opened)
            readings.steer_for_round(job.rounds[static_cast<std::size_t>(++k)]);
        const Round& round = job.rounds[static_cast<std::size_t>(k)];
        if (!job.live(i) || (options.without && *options.without == i)) continue;
        const auto& what = (*job.log)[i].event;
        if (const Driven* d = std::get_if<Driven>(&what)) {
            if (!options.without_drives) readings.driven(*d);
            continue;
        }
        if (const Reading* r = std::get_if<Reading>(&what);
            r && of_round(*r) && (!options.only || options.only(*r))) {
            if (against_gravity)
                if (const auto floor = floor_at(job, i)) readings.lay_floor(*floor);
            freeing = false;
            transitions.seen();
            readings.observe(i, round);
        }
        if (const AnglesCarried* known = std::get_if<AnglesCarried>(&what)) {
            transitions.carry(*known);
            continue;
        }
        if (const Turn* t = std::get_if<Turn>(&what)) {
            const auto& doubted = options.doubted_turns;
            if (std::find(doubted.begin(), doubted.end(), i) == doubted.end()) {
                const Adjuster* a = car.adjuster(t->adjuster);
                Posterior::Freed freed{{i}, network.current(), {}};
                transitions.turn(*t);
                freed.after = network.current();
                if (!t->counted)
                    out.uncounted.push_back(std::move(freed));
                else if (a && unsaid_of(*a, car))
                    out.unsaid.push_back(std::move(freed));
                continue;
            }
            if (!freeing) out.doubted.push_back({{}, network.current(), {}});
            freeing = true;
            transitions.doubted_turn(*t);
            out.doubted.back().turns.push_back(i);
            out.doubted.back().after = network.current();
        } else if (const auto h = happening_of((*job.log)[i], car)) {
            const Change* c = std::get_if<Change>(&what);
            const Spoils& row = spoils_of(*h, car.no_springs);
            if (*h == Happening::locked)
                transitions.locked(row, c->axle);
            else
                transitions.happened(row, c ? c->axle : std::nullopt);
            readings.at_rest();
        }
    }
    return out;
}

}  // namespace

std::size_t begin_of(const Job& job) {
    if (job.rounds.empty()) return job.log->size();
    const std::size_t opened = job.rounds.front().opened;
    for (std::size_t i = 0; i < opened; ++i)
        if (const Driven* d = job.live(i) ? std::get_if<Driven>(&(*job.log)[i].event) : nullptr;
            d && d->wheel_off)
            return i;
    return opened;
}

Estimate estimate(const Job& job, const EstimateOptions& options) {
    Estimate out;
    if (job.rounds.empty()) return out;
    const int newest = static_cast<int>(job.rounds.size()) - 1,
              last = options.round ? std::clamp<int>(*options.round, 0, newest) : newest;
    out.round = last;
    const Round& round = job.rounds[static_cast<std::size_t>(last)];
    // As the car stood when the round was read: what was turned after it belongs to the next.
    const std::size_t end = options.as_of_now        ? round.end
                            : round.readings.empty() ? round.opened + 1
                                                     : round.readings.back() + 1;
    const auto cancelled = [&] { return options.cancel && options.cancel->load(); };

    const NetworkNeeds needs = needs_up_to(job, last, end);
    out.chassis_marks = needs.chassis;
    Network network;
    Readings readings(network, job);
    Transitions transitions(network, round.car);
    first_state(network, job, round.car, needs);
    readings.raise_strings(last);
    observe_card(network, round.car);
    readings.steer_for_round(job.rounds.front());
    Unsaying unsaying = along_the_log(job, last, end, !needs.gauge.empty() || !needs.sweep.empty(), options,
                                      network, readings, transitions);
    readings.settle_repeats();

    Solution solution = solve(network, options.cancel);
    if (readings.weakly_coupled() && !cancelled()) {
        know_sweep_toes(network, solution);
        readings.at_known_angles();
        solution = solve(network, options.cancel);
    }
    out.cancelled = cancelled();
    out.converged = solution.converged;
    out.weighted_sum = solution.residuals.squaredNorm();
    out.unused = network.unused;

    // What is read next is read on the car and by the lines as they are now, though nothing was read yet.
    network.standing.car = round.car;
    network.standing.lines = round.lines;
    SolvedSpace solved = posterior_of(network, solution);
    const auto posterior = std::make_shared<Posterior>(std::move(solved.posterior));
    out.redundancy = static_cast<int>(solution.residuals.size() - solved.basis.cols());
    if (!options.posterior_only) {
        Reliability reliability = reliability_of(job, network, solution, solved.basis, *posterior);
        out.checks = std::move(reliability.checks);
        out.alarm = reliability.alarm;
    }
    posterior->freed = std::move(unsaying.doubted);
    posterior->unsaid = std::move(unsaying.unsaid);
    posterior->uncounted = std::move(unsaying.uncounted);
    posterior->amounts = transitions.amounts;
    std::vector<int> turned;
    for (const auto& [place, prior] : transitions.responses) turned.push_back(place);
    add_unturned(*posterior, round.car, turned, network.epoch);
    if (const BiasTaken* bias = last_of<BiasTaken>(job)) take_off(*posterior, *bias);
    if (!options.posterior_only) report(out, job, *posterior, needs, transitions, options.explain);
    out.posterior = posterior;
    return out;
}

const Check* worst_suspect(const Estimate& e, const std::function<bool(const Check&)>& among) {
    const Check* worst = nullptr;
    for (const Check& c : e.checks)
        if (c.suspect && (!worst || std::abs(c.w) > std::abs(worst->w)) && (!among || among(c))) worst = &c;
    return worst;
}

const KnownAngle* Estimate::find(Measure measure,
                                 const std::variant<std::monostate, Axle, Wheel>& where) const {
    if (measure == Measure::thrust) return &thrust;
    if (const Axle* a = std::get_if<Axle>(&where)) {
        const AxleAngles& angles = axles[index_of(*a)];
        switch (measure) {
            case Measure::total_toe:
                return &angles.total_toe;
            case Measure::cross_camber:
                return &angles.cross_camber;
            case Measure::cross_caster:
                return &angles.cross_caster;
            default:
                return nullptr;
        }
    }
    if (const Wheel* w = std::get_if<Wheel>(&where)) {
        const WheelAngles& angles = wheels[index_of(*w)];
        switch (measure) {
            case Measure::toe:
                return &angles.toe;
            case Measure::camber:
                return &angles.camber;
            case Measure::caster:
                return &angles.caster;
            default:
                return nullptr;
        }
    }
    return nullptr;
}

}  // namespace fairchalk
