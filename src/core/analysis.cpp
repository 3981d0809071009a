// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/analysis.h"

#include <algorithm>
#include <cmath>

#include "core/advice/can_wait.h"
#include "core/advice/order.h"
#include "core/advice/other_way.h"
#include "core/advice/procedure.h"
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

/// Spots of readings that may be wrong and were read once in this round, where readings contradict.
std::vector<Spot> suspects_to_read(const Job& job, const Estimate& e) {
    std::vector<Spot> out;
    if (!e.alarm || e.round < 0) return out;
    const std::vector<Spot> walk = round_walk(job, e.round, true);
    for (const Check& c : e.checks) {
        if (!c.suspect) continue;
        const Spot& spot = std::get<Reading>((*job.log)[c.entry].event).spot;
        if (std::find(walk.begin(), walk.end(), spot) == walk.end() ||
            readings_at(job, e.round, spot).size() > 1 ||
            std::find(out.begin(), out.end(), spot) != out.end())
            continue;
        out.push_back(spot);
    }
    return out;
}

/// Readings without which all others agree, each at a spot that was read more than once in its round: of
/// several, nothing tells yet which is the slip.
std::vector<std::size_t> may_be_the_slip(const Job& job, const Estimate& e, EstimateOptions options) {
    std::vector<std::size_t> out;
    if (!e.alarm) return out;
    constexpr int most_tried = 6;
    int tried = 0;
    options.explain = false;
    for (const Check& c : e.checks) {
        // In its own round: what was read there since a turn says nothing of it.
        const auto round = std::find_if(job.rounds.begin(), job.rounds.end(), [&](const Round& r) {
            return std::find(r.readings.begin(), r.readings.end(), c.entry) != r.readings.end();
        });
        const bool again =
            round != job.rounds.end() && readings_at(job, static_cast<int>(round - job.rounds.begin()),
                                                     std::get<Reading>((*job.log)[c.entry].event).spot)
                                                 .size() > 1;
        if (!c.suspect || !again || ++tried > most_tried) continue;
        options.without = c.entry;
        if (!estimate(job, options).alarm) out.push_back(c.entry);
    }
    return out;
}

/// Where a third reading tells which of two is the slip; a few times at most.
std::vector<Spot> spots_to_tell(const Job& job, const Estimate& e, const std::vector<std::size_t>& slips) {
    constexpr std::size_t most_read = 4;
    std::vector<Spot> out;
    if (slips.size() < 2) return out;
    for (std::size_t i : slips) {
        const auto& now = job.rounds[static_cast<std::size_t>(e.round)].readings;
        if (std::find(now.begin(), now.end(), i) == now.end()) continue;
        const Spot& spot = std::get<Reading>((*job.log)[i].event).spot;
        if (readings_at(job, e.round, spot).size() < most_read &&
            std::find(out.begin(), out.end(), spot) == out.end())
            out.push_back(spot);
    }
    return out;
}

/// A reading like it at its spot was set aside in its round: it was read the same again.
bool read_as_before(const Job& job, std::size_t entry) {
    const Reading& r = std::get<Reading>((*job.log)[entry].event);
    const double sigma = r.sigma(job.tool(r.tool));
    std::size_t i = entry;
    while (i > 0 && !std::holds_alternative<RoundOpened>((*job.log)[i].event)) --i;
    for (; i < job.log->size(); ++i) {
        const Reading* before = std::get_if<Reading>(&(*job.log)[i].event);
        if (before && !job.live(i) && before->spot == r.spot && before->top_in == r.top_in &&
            std::abs(before->value.value - r.value.value) < 4.0 * sigma)
            return true;
    }
    return false;
}

/// Of readings that contradict, the one to set aside: the only one without which all others agree, else that
/// which stands out most. None that was set aside before and read the same again.
std::optional<std::size_t> contradicts_most(const Job& job, const Estimate& e,
                                            const std::vector<std::size_t>& slips) {
    if (slips.size() == 1 && !read_as_before(job, slips.front())) return slips.front();
    const Check* worst = nullptr;
    for (const Check& c : e.checks)
        if (c.suspect && (!worst || std::abs(c.w) > std::abs(worst->w)) && !read_as_before(job, c.entry))
            worst = &c;
    return worst ? std::optional(worst->entry) : std::nullopt;
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

void ask_again(Plan& plan, std::vector<Spot> spots, Message why) {
    plan.turns.clear();
    plan.along.clear();
    plan.spoils.clear();
    plan.remeasure.clear();
    plan.as_far_as.reset();
    plan.next = NextStep::read;
    plan.again = ReadAgain{std::move(spots), std::move(why)};
}

/// What the next reading should be.
std::vector<Spot> to_read(const Job& job, const Analysis& a) {
    if (a.plan.again) return a.plan.again->spots;
    if (a.now.round < 0) return {};
    std::optional<Verdict> worst;
    for (const Verdict& v : a.plan.before)
        if (v.call == Call::too_close && (!worst || v.angle.sigma > worst->angle.sigma)) worst = v;
    for (const Verdict& v : a.plan.before)
        if (!worst && v.call == Call::unknown && v.target.has_tolerance) worst = v;
    if (!worst) return {};
    // By the ways of this round; a width over the hubs needs none.
    const std::vector<Spot> walk = round_walk(job, a.now.round, true);
    const auto here = [&](const Spot& s) {
        return reading_kind(s.kind).wants_no_rig() || std::find(walk.begin(), walk.end(), s) != walk.end();
    };
    const KnownAngle& angle = worst->angle;
    if (angle.known || std::all_of(angle.needs.begin(), angle.needs.end(), here))
        if (const auto next = best_next_reading(job, a.now, worst->target)) return {next->spot};
    // Of all that is unknown, what the ways of this round tell and have not read yet.
    for (const Verdict& v : a.plan.before)
        if (v.call == Call::unknown)
            if (const auto unread = unread_for(job, a.now.round, v.target); !unread.empty())
                return {unread.front()};
    return {};
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

namespace {

/// Where readings contradict each other: what to read again, to look at or to set aside before anything is
/// turned.
bool contradicts(Analysis& a, const EstimateOptions& options) {
    if (!a.now.alarm || !worst_suspect(a.now)) return false;
    if (auto turned = fit_the_other_way(a.job, a.now, options); !turned.empty()) {
        std::vector<Spot> spots;
        for (std::size_t i : turned) spots.push_back(std::get<Reading>((*a.job.log)[i].event).spot);
        ask_again(a.plan, std::move(spots), {Code::again_other_way, {}});
        a.plan.again->entries = std::move(turned);
        return true;
    }
    const std::vector<std::size_t> slips = may_be_the_slip(a.job, a.now, options);
    std::vector<Spot> spots = suspects_to_read(a.job, a.now);
    if (spots.empty()) spots = spots_to_tell(a.job, a.now, slips);
    if (!spots.empty()) {
        ask_again(a.plan, std::move(spots), {Code::again_contradicts, {}});
        return true;
    }
    // Nothing that is read tells more: what is planned with it in force would be turned to a slip.
    const auto aside = contradicts_most(a.job, a.now, slips);
    ask_again(a.plan, {}, {aside ? Code::again_set_aside : Code::again_as_before, {}});
    if (aside) a.plan.again->entries = {*aside};
    return true;
}

}  // namespace

std::optional<std::size_t> to_set_aside(const Analysis& a) {
    if (!a.now.alarm) return std::nullopt;
    const Code code = a.plan.again ? a.plan.again->why.code : Code::none;
    if (code == Code::again_set_aside) return a.plan.again->entries.front();
    const bool looks = (code == Code::again_contradicts || code == Code::again_other_way) && !a.read.empty();
    const Check* worst = worst_suspect(a.now);
    return looks || code == Code::again_as_before || !worst ? std::nullopt : std::optional(worst->entry);
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
        }
    }
    a.wheel = wheel_on_road(a.now, a.job.rounds.empty() ? a.job.car : a.job.rounds.back().car);
    if (question.explain) a.drive = drive_says(a.job, a.now);
    Job planned = a.job;
    if (question.targets) planned.targets = *question.targets;
    if (question.match) planned.targets = matching_other_side(planned, a.now, *question.match);
    PlanOptions choices = question.options;
    choices.probing = choices.probing || a.belief.probing;
    choices.side_shown = a.belief.side_shown;
    choices.finer_tool = choices.finer_tool && question.settling;
    a.plan = in_order(planned, a.now, choices, plan_turns(planned, a.now, choices));
    if (a.now.round < 0) {
        a.to_go = to_go(planned, a.plan, a.read, choices);
        return a;
    }

    const bool waits = turned_since_reading(a.job);
    const bool acts =
        a.plan.next == NextStep::turn || a.plan.next == NextStep::done || a.plan.next == NextStep::as_far_as;
    // While the round is read, what contradicts may still be told by the rest.
    const bool read =
        acts || (a.plan.next == NextStep::read && !a.plan.again && unread_spots(a.job, a.now.round).empty());
    const bool contradict = read && !waits && contradicts(a, options);
    if (acts && !waits && !contradict) {
        if (a.belief.look && (a.plan.next != NextStep::done || test_turn_stands(a.job))) {
            a.plan.turns.clear();
            a.plan.as_far_as.reset();
            a.plan.look = Look{a.belief.look->adjusters.front(), a.belief.look->field};
            a.plan.next = NextStep::look;
        } else if (const TurnDoubt* d = a.belief.last(); d && !d->in_force) {
            if (auto again = doubted_to_read(a.job, a.now, *d); !again.empty())
                ask_again(a.plan, std::move(again), {Code::again_doubted, {d->adjuster}});
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
        if (!spots.empty()) ask_again(a.plan, std::move(spots), {Code::again_unchecked, {what}});
    }
    if (question.until) a.until = until_shown(a.job, a.now, a.plan);
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
    if (place < 0 || look.field == "wheel" || look.field == "thread") return out;
    const Adjuster& own = car.adjusters[static_cast<std::size_t>(place)];
    for (const Adjuster& a : car.adjusters) {
        if (a.id == look.adjuster || !made_alike(a, own) || a.bolt != own.bolt || a.angle != own.angle)
            continue;
        out.push_back({a.id, look.field, value});
    }
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
