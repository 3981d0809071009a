// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/analysis.h"

#include <algorithm>
#include <cmath>

#include "core/advice/can_wait.h"
#include "core/advice/contradiction.h"
#include "core/advice/order.h"
#include "core/advice/procedure.h"
#include "core/advice/so_far.h"
#include "core/job/rig.h"

namespace fairchalk {
namespace {

/// Less than that of a reading is checked by the others: nothing is.
constexpr double unchecked_below = 0.05;
/// People's slips, and what of the band they must not move unseen.
constexpr double slip_mm = 10.0, slip_deg = 1.0, share_of_band = 0.25;

bool cancelled(const Question& q) {
    return q.cancel && q.cancel->load();
}

/// Spots of the wheels that a doubted pass is about, as long as they were read once since.
std::vector<Spot> doubted_to_read(const Job& job, const Estimate& e, const TurnDoubt& doubt) {
    std::vector<Spot> out;
    const std::vector<Wheel> here{doubt.wheel}, none;
    for (const Spot& s : spoiled_spots_of(job, e.round, doubt.angle == WheelAngle::toe ? here : none,
                                          doubt.angle == WheelAngle::toe ? none : here))
        if (readings_at(job, e.round, s).size() < 2) out.push_back(s);
    return out;
}

void ask_again(Plan& plan, ReadAgain again) {
    plan.turns.clear();
    plan.along.clear();
    plan.spoils.clear();
    plan.remeasure.clear();
    plan.as_far_as.reset();
    plan.next = NextStep::read;
    plan.again = std::move(again);
}

/// What is not known and can be read here: the next spot for it. By the ways of this round; a width over the
/// hubs needs none.
std::optional<Spot> to_know(const Job& job, const Analysis& a) {
    const std::vector<Spot> walk = round_walk(job, a.now.round, true);
    const auto here = [&](const Spot& s) {
        return !is_read(job, a.now.round, s) &&
               (reading_kind(s.kind).wants_no_rig() || std::find(walk.begin(), walk.end(), s) != walk.end());
    };
    for (const Verdict& v : a.plan.before) {
        const std::vector<Spot>& needs = v.angle.needs;
        if (v.call == Call::unknown && v.target.has_tolerance && !needs.empty() &&
            std::all_of(needs.begin(), needs.end(), here))
            return needs.front();
    }
    for (const Verdict& v : a.plan.before)
        if (v.call == Call::unknown)
            if (const auto unread = unread_for(job, a.now.round, v.target); !unread.empty())
                return unread.front();
    return std::nullopt;
}

/// What the next reading should be: where the plan says `read`, of what is not known before what is too close
/// to call; and that only as long as it is worth reading on.
std::vector<Spot> to_read(const Job& job, const Analysis& a) {
    if (a.plan.again) return a.plan.again->spots;
    if (a.now.round < 0) return {};
    const auto know = to_know(job, a);
    const auto list = [](const std::optional<Spot>& s) { return s ? std::vector{*s} : std::vector<Spot>(); };
    const bool reads = a.plan.next == NextStep::read;
    if (reads && know) return {*know};
    if (reads && !waits_for_reading(a.job)) return list(a.plan.settles);
    const Verdict* worst = nullptr;
    for (const Verdict& v : a.plan.before)
        if (v.call == Call::too_close && (!worst || v.angle.sigma > worst->angle.sigma)) worst = &v;
    if (worst)
        if (const auto next = best_next_reading(job, a.now, worst->target)) return {next->spot};
    return list(know);
}

/// The first target that nothing here can read, and what would tell it.
std::optional<Untold> untold(const Analysis& a) {
    if (a.plan.next != NextStep::read || a.plan.again || !a.read.empty() || a.now.round < 0)
        return std::nullopt;
    for (const Verdict& v : a.plan.before) {
        if (v.angle.known) continue;
        Untold out{v.target, {}};
        // One string tells nothing of the other side.
        const Wheel* wheel = std::get_if<Wheel>(&v.target.where);
        const auto there = [&](const Rig& rig) {
            const Round& round = a.job.rounds[static_cast<std::size_t>(a.now.round)];
            const auto walk = rig.walk(round.lines, round.car);
            return !wheel ||
                   std::any_of(walk.begin(), walk.end(), [&](const Spot& s) { return s.wheel == *wheel; });
        };
        for (const Rig* rig : all_rigs())
            if (tells(*rig, v.target) && there(*rig)) out.rigs.push_back(rig->id);
        return out;
    }
    return std::nullopt;
}

/// What is left of the round, where a reading there would change nothing. An inside that nothing checks does
/// not come so far: its spots are asked for first.
std::vector<Spot> can_wait(const Analysis& a) {
    if (a.plan.next != NextStep::turn && a.plan.next != NextStep::done && a.plan.next != NextStep::as_far_as)
        return {};
    std::vector<Spot> left = unread_spots(a.job, a.now.round);
    if (left.empty() || a.now.alarm) return {};
    return chance_of_change(a.job, a.now, a.plan) < worth_reading ? left : std::vector<Spot>();
}

}  // namespace

std::vector<Spot> unchecked_spots(const Job& job, const Estimate& e, const Verdict& verdict) {
    std::vector<Spot> out;
    if (!e.posterior || e.round < 0 || !verdict.angle.known) return out;
    const Posterior& p = *e.posterior;
    const Eigen::VectorXd g = p.gradient_of(verdict.target), by = p.covariance * g;
    const std::vector<Spot> walk = round_walk(job, e.round, true);
    const double most = share_of_band * verdict.target.half_band().rad();
    for (std::size_t i = 0; i < e.checks.size(); ++i) {
        const Check& c = e.checks[i];
        if (c.redundancy >= unchecked_below) continue;
        const Reading& r = std::get<Reading>((*job.log)[c.entry].event);
        if (std::find(walk.begin(), walk.end(), r.spot) == walk.end() ||
            std::find(out.begin(), out.end(), r.spot) != out.end())
            continue;
        // Read again in this round, and still nothing checks it: once more would not either.
        if (readings_at(job, e.round, r.spot).size() > 1) continue;
        const auto row = row_of(e, r);
        if (!row) continue;
        const double sigma = p.sigmas[static_cast<Eigen::Index>(i)];
        const double slip = r.value.kind == QuantityKind::length ? slip_mm * 1e-3 : slip_deg * one_degree;
        if (std::abs(by.dot(*row)) / (sigma * sigma) * slip > most) out.push_back(r.spot);
    }
    return out;
}

std::optional<std::size_t> drive_asked_about(const Plan& plan) {
    if (!plan.again ||
        (plan.again->why.code != Code::again_drive && plan.again->why.code != Code::again_drive_side))
        return std::nullopt;
    return plan.again->entries.front();
}

std::optional<std::size_t> to_set_aside(const Analysis& a) {
    if (!a.now.alarm) return std::nullopt;
    const Code code = a.plan.again ? a.plan.again->why.code : Code::none;
    if (code == Code::again_set_aside) return a.plan.again->entries.front();
    const bool looks = (code == Code::again_contradicts || code == Code::again_other_way) && !a.read.empty();
    const Check* worst = worst_suspect(a.now);
    return looks || code == Code::again_as_before || drive_asked_about(a.plan) || !worst
               ? std::nullopt
               : std::optional(worst->entry);
}

Analysis analyse(const Job& job, const Question& question) {
    Analysis a;
    a.belief = believe(job);
    a.job = believed(job, a.belief, a.log);
    if (cancelled(question)) return a;
    EstimateOptions options;
    options.as_of_now = true;
    options.cancel = question.cancel;
    options.explain = question.explain;
    options.doubted_turns = a.belief.freed;
    a.now = estimate(a.job, options);
    a.verdicts = verdicts(a.job, a.now);
    if (question.settling && a.now.posterior && a.now.round >= 0) {
        const StillReadable still(a.job, a.now);
        for (const Verdict& v : a.verdicts) {
            if (cancelled(question)) return a;
            a.settling.push_back(still.settles(v));
            a.telling.push_back(still.facts_that_settle(v));
        }
    }
    a.wheel = wheel_on_road(a.now, a.job.rounds.empty() ? a.job.car : a.job.rounds.back().car);
    if (question.explain) a.drive = drive_says(a.job, a.now);
    Job planned = a.job;
    if (question.targets) planned.targets = *question.targets;
    if (question.match) planned.targets = matching_other_side(planned, a.now, *question.match);
    PlanOptions choices = question.options;
    choices.probing = choices.probing || a.belief.probing;
    choices.turns_doubted = !a.belief.doubts.empty();
    choices.side_shown = a.belief.side_shown;
    for (const auto& [id, times] : turned_wrong_way(job, a.belief)) choices.wrong_way.push_back(id);
    choices.finer_tool = choices.finer_tool && question.settling;
    a.plan = in_order(planned, a.now, choices, plan_turns(planned, a.now, choices));
    if (a.now.round < 0) {
        a.to_go = to_go(planned, a.plan, a.read, choices);
        return a;
    }

    const bool waits = waits_for_reading(a.job);
    const bool acts =
        a.plan.next == NextStep::turn || a.plan.next == NextStep::done || a.plan.next == NextStep::as_far_as;
    // While the round is read, what contradicts may still be told by the rest.
    const bool read =
        acts || (a.plan.next == NextStep::read && !a.plan.again && unread_spots(a.job, a.now.round).empty());
    auto contradicted = read && !waits ? read_what_contradicts(a.job, a.now, options) : std::nullopt;
    // Looked at, and left as it is with a reason: that is not asked again.
    if (contradicted && contradicted->why.code == Code::again_as_before &&
        std::all_of(a.plan.before.begin(), a.plan.before.end(),
                    [since = last_news(a.job), &a](const Verdict& v) {
                        return accepted_since(a.job, since, v.target);
                    }))
        contradicted.reset();
    if (contradicted) {
        ask_again(a.plan, *std::move(contradicted));
    } else if (acts && !waits) {
        if (a.belief.look && (a.plan.next != NextStep::done || test_turn_stands(a.job))) {
            a.plan.turns.clear();
            a.plan.as_far_as.reset();
            a.plan.look = Look{a.belief.look->adjusters.front(), a.belief.look->field};
            a.plan.next = NextStep::look;
        } else if (const TurnDoubt* d = a.belief.last(); d && !d->in_force) {
            if (auto again = doubted_to_read(a.job, a.now, *d); !again.empty())
                ask_again(a.plan, {std::move(again), {Code::again_doubted, {d->adjuster}}});
        }
    }
    if ((a.plan.next == NextStep::done || a.plan.next == NextStep::as_far_as) && !waits) {
        std::vector<Spot> spots;
        std::string what;
        for (const Verdict& v : a.plan.before) {
            const bool left = v.call == Call::outside && a.plan.as_far_as &&
                              std::any_of(a.plan.as_far_as->left.begin(), a.plan.as_far_as->left.end(),
                                          [&](const Target& t) { return t.name() == v.target.name(); });
            if (v.call != Call::inside && !left) continue;
            for (const Spot& s : unchecked_spots(a.job, a.now, v)) {
                if (what.empty()) what = v.target.name();
                if (std::find(spots.begin(), spots.end(), s) == spots.end()) spots.push_back(s);
            }
        }
        if (!spots.empty()) ask_again(a.plan, {std::move(spots), {Code::again_unchecked, {what}}});
    }
    if (question.until) a.until = until_shown(a.job, a.now, a.plan, choices.watched);
    if (question.explain && !waits) a.can_wait = can_wait(a);
    a.read = to_read(planned, a);
    a.to_go = to_go(planned, a.plan, a.read, choices);
    a.untold = untold(a);
    return a;
}

namespace {

/// A job as it is believed to have gone, and how it is to be solved.
struct AsBelieved {
    std::shared_ptr<const std::vector<Entry>> log;
    Job job;
    EstimateOptions options;

    explicit AsBelieved(const Job& written) {
        const Belief belief = believe(written);
        job = believed(written, belief, log);
        options.explain = false;
        options.doubted_turns = belief.freed;
    }
    Estimate now() const {
        EstimateOptions as_left = options;
        as_left.as_of_now = true;
        return estimate(job, as_left);
    }
    Estimate after_round(int round) const {
        EstimateOptions as_read = options;
        as_read.round = round;
        return estimate(job, as_read);
    }
};

}  // namespace

Estimate estimate_believed(const Job& job) {
    return AsBelieved(job).now();
}

Record record_believed(const Job& job) {
    const AsBelieved then(job);
    std::vector<Estimate> rounds;
    for (int k = 0; k < static_cast<int>(then.job.rounds.size()); ++k) rounds.push_back(then.after_round(k));
    return record_of(then.job, then.now(), rounds);
}

std::vector<Looked> facts_alike(const CarCard& car, const Look& look, const std::string& value) {
    std::vector<Looked> out{{look.adjuster, look.field, value}};
    const int place = car.place_of(look.adjuster);
    if (place < 0 || look.field == "wheel" || look.field == "thread" || look.field == "at") return out;
    const Adjuster& own = car.adjusters[static_cast<std::size_t>(place)];
    const auto like = [&](const Adjuster& a) {
        return made_alike(a, own) && a.bolt == own.bolt && a.angle == own.angle &&
               said_of(a, look.field) == said_of(own, look.field);
    };
    // Of two at one wheel each is where it is.
    const auto beside = [&](const Adjuster& a) { return a.id != own.id && wheel_of(a) == wheel_of(own); };
    if (std::any_of(car.adjusters.begin(), car.adjusters.end(),
                    [&](const Adjuster& a) { return beside(a) && like(a); }))
        return out;
    for (const Adjuster& a : car.adjusters)
        if (a.id != own.id && like(a)) out.push_back({a.id, look.field, value});
    return out;
}

std::vector<Turn> turns_as_written(const Plan& plan) {
    std::vector<Turn> out;
    for (const PlannedTurn& t : plan.turns)
        out.push_back(Turn{t.adjuster, t.turns, true, true, t.second, t.kind, t.test});
    return out;
}

std::vector<Entry> entries_after_turn(const Job& job, std::vector<Turn> turns) {
    std::vector<Entry> out;
    for (Turn& t : turns) out.push_back(Entry{{}, {}, {}, {}, {}, std::move(t)});
    // Still turning within one visit under the car: the round that waits to be read serves both.
    if (!job.rounds.empty() && job.rounds.back().last_angle(*job.log))
        out.push_back(Entry{{}, {}, {}, {}, {}, RoundOpened{}});
    return out;
}

}  // namespace fairchalk
