// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/debrief.h"

#include <algorithm>
#include <cmath>

#include "core/advice/procedure.h"
#include "core/analysis.h"
#include "core/judge/cross_check.h"
#include "core/judge/verdict.h"

namespace fairchalk::practice {
namespace {

std::vector<Entry> upto(const std::vector<Entry>& log, std::size_t end) {
    return {log.begin(), log.begin() + static_cast<std::ptrdiff_t>(end)};
}

/// Further from what the rule showed than an eye errs.
bool far(const Reading& r, const Tool& tool, double from) {
    return std::abs(r.value.value - from) >
           std::max({0.8 * tool.resolution, 0.8 * r.value.resolution, 2.0 * tool.sigma});
}

/// After which entry the program's own checks doubted that reading.
std::optional<std::size_t> doubted(const std::vector<Entry>& log, std::size_t reading) {
    for (std::size_t end = reading + 1; end <= log.size(); ++end) {
        if (end < log.size() && !std::holds_alternative<Reading>(log[end - 1].event)) continue;
        const std::vector<Entry> so_far = upto(log, end);
        const Job job = job_of(so_far);
        if (!job.live(reading)) return std::nullopt;
        EstimateOptions o;
        o.as_of_now = true;
        const Estimate e = estimate(job, o);
        for (const Check& c : e.checks)
            if (c.entry == reading && c.suspect) return end - 1;
    }
    return std::nullopt;
}

/// After which entry a bar was seen to read otherwise.
std::optional<std::size_t> bar_noticed(const std::vector<Entry>& log, const Kick& kick) {
    for (std::size_t end = kick.entry + 1; end <= log.size(); ++end) {
        const std::vector<Entry> so_far = upto(log, end);
        const Job job = job_of(so_far);
        for (const Bumped& b : bumped(job, static_cast<int>(job.rounds.size()) - 1))
            if (b.yes) return end - 1;
        EstimateOptions o;
        o.as_of_now = true;
        o.explain = false;
        if (estimate(job, o).alarm) return end - 1;
    }
    return std::nullopt;
}

void look_at_readings(PracticeFloor floor, const std::vector<Entry>& log, const Job& job,
                      std::vector<Mishap>& out) {
    for (std::size_t i = 0; i < log.size(); ++i) {
        const Reading* r = std::get_if<Reading>(&log[i].event);
        if (!r || (!r->value.text.empty() && r->value.kind == QuantityKind::turns)) continue;
        const std::vector<Entry> before = upto(log, i);
        const Job then = job_of(before);
        const LinesSet lines = then.rounds.empty() ? LinesSet{} : then.rounds.back().lines;
        const Tool* tool = then.tool(r->tool);
        if (!tool || tool->quantity != r->value.kind) tool = standard_tool("steel-rule-mm");
        floor.follow(before);
        const auto held = floor.hold(*r, lines, *tool);
        if (!held) continue;
        const bool angle = reads_angle(log[i]);
        if (angle && r->spot.wheel && std::abs(floor.car().unsettled(*r->spot.wheel)) > 0.02)
            out.push_back(
                {Mishap::Kind::unsettled, i, floor.car().unsettled(*r->spot.wheel), !job.live(i), {}});
        Mishap m{Mishap::Kind::misread, i, r->value.value - held->at, !job.live(i), {}};
        if (!far(*r, *tool, held->at)) {
            if (!held->askew) continue;
            m.kind = Mishap::Kind::askew;
            m.by = held->at - held->exact;
        }
        m.seen = doubted(log, i);
        out.push_back(m);
    }
}

/// A step of the way, with the value that the rule showed then, as one thing done.
bool watched(const std::vector<Entry>& log, std::size_t turn) {
    for (std::size_t i = turn + 1; i < log.size(); ++i) {
        if (std::holds_alternative<Reading>(log[i].event))
            return !log[turn].act.empty() && log[i].act == log[turn].act;
        if (is_turn(log[i])) return false;
    }
    return false;
}

void look_at_turns(const std::vector<Entry>& log, const Job& job, std::vector<Mishap>& out) {
    std::optional<Plan> plan;
    for (std::size_t i = 0; i < log.size(); ++i) {
        const Turn* t = std::get_if<Turn>(&log[i].event);
        if (!t) {
            plan.reset();
            continue;
        }
        if (!job.live(i) || watched(log, i)) continue;
        if (!plan) {
            // Turns made at one go are judged by the sheet that stood before them.
            const std::vector<Entry> before = upto(log, i);
            const Job then = job_of(before);
            Question q;
            q.settling = q.explain = false;
            plan = analyse(then, q).plan;
        }
        double said = 0.0, second = 0.0;
        for (const PlannedTurn& p : plan->turns)
            if (p.adjuster == t->adjuster) said = p.turns, second = p.second;
        const Adjuster* rod = job.car.rod(t->adjuster);
        const double step = rod ? step_of(*rod) : 0.5;
        const double by =
            std::abs(t->turns - said) > std::abs(t->second - second) ? t->turns - said : t->second - second;
        if (std::abs(by) > 1.5 * step) out.push_back({Mishap::Kind::other_turn, i, by, false, {}});
    }
}

}  // namespace

std::optional<Angle> true_angle(const SolidCar& car, const Target& target) {
    const auto of = [&](const std::array<double, 4>& angle, Wheel w) {
        return angle[static_cast<std::size_t>(index_of(w))];
    };
    const Axle* axle = std::get_if<Axle>(&target.where);
    const Wheel* wheel = std::get_if<Wheel>(&target.where);
    const auto both = [&](const std::array<double, 4>& angle, double right) {
        return Angle::from_deg(of(angle, wheel_at(*axle, Side::left)) +
                               right * of(angle, wheel_at(*axle, Side::right)));
    };
    switch (target.measure) {
        case Measure::total_toe:
            return axle ? std::optional(both(car.toe, 1)) : std::nullopt;
        case Measure::cross_camber:
            return axle ? std::optional(both(car.camber, -1)) : std::nullopt;
        case Measure::cross_caster:
            return axle ? std::optional(both(car.caster, -1)) : std::nullopt;
        case Measure::thrust:
            return Angle::from_deg((car.toe[3] - car.toe[2]) / 2);
        case Measure::toe:
            return wheel ? std::optional(Angle::from_deg(of(car.toe, *wheel))) : std::nullopt;
        case Measure::camber:
            return wheel ? std::optional(Angle::from_deg(of(car.camber, *wheel))) : std::nullopt;
        case Measure::caster:
            return wheel ? std::optional(Angle::from_deg(of(car.caster, *wheel))) : std::nullopt;
    }
    return std::nullopt;
}

Debrief debrief(const PracticeFloor& start, const std::vector<Entry>& log) {
    Debrief d;
    const Job job = job_of(log);
    const Estimate e = estimate_believed(job);
    PracticeFloor floor = start;
    floor.follow(log);
    const SolidCar& solid = floor.car().solid();
    for (std::size_t w = 0; w < 4; ++w) {
        d.believed[w] = e.wheels[w].toe;
        d.truth[w] = Angle::from_deg(solid.toe[w]);
        const Wheel wheel = all_wheels[w];
        if (e.wheels[w].camber.known)
            d.leans.push_back({wheel, Measure::camber, e.wheels[w].camber, Angle::from_deg(solid.camber[w])});
        if (e.wheels[w].caster.known)
            d.leans.push_back({wheel, Measure::caster, e.wheels[w].caster, Angle::from_deg(solid.caster[w])});
    }
    bool turning = false, ended = false;
    for (std::size_t i = 0; i < log.size(); ++i) {
        d.readings += std::holds_alternative<Reading>(log[i].event);
        if (job.live(i) && std::holds_alternative<Accepted>(log[i].event)) ended = true;
        const bool turn = job.live(i) && std::holds_alternative<Turn>(log[i].event);
        if (turn && !turning) ++d.passes;
        if (turn)
            turning = true;
        else if (std::holds_alternative<Reading>(log[i].event))
            turning = false;
    }
    d.minutes = floor.minutes();
    d.wheel_off = floor.wheel_off();

    look_at_readings(start, log, job, d.mishaps);
    look_at_turns(log, job, d.mishaps);
    for (const Kick& k : floor.kicked()) {
        Mishap m{Mishap::Kind::kicked, k.entry, k.mm, false, bar_noticed(log, k)};
        for (std::size_t i = k.entry; i < log.size(); ++i)
            if (const Change* c = std::get_if<Change>(&log[i].event);
                c && job.live(i) && c->kind == ChangeKind::strings_moved)
                m.mended = true;
        d.mishaps.push_back(m);
    }
    for (const Verdict& v : verdicts(job, e)) {
        if (!v.target.has_tolerance) continue;
        const auto truth = true_angle(solid, v.target);
        if (!truth) continue;
        ++d.verdicts;
        const Angle over = std::max(v.target.lo - *truth, *truth - v.target.hi);
        const bool inside = over <= Angle();
        d.inside_truly += inside;
        d.inside_believed += v.call == Call::inside;
        if (!inside && (v.call == Call::inside || ended))
            d.mishaps.push_back(
                {Mishap::Kind::too_soon, log.empty() ? 0 : log.size() - 1, over.deg(), false, {}});
    }
    std::stable_sort(d.mishaps.begin(), d.mishaps.end(),
                     [](const Mishap& a, const Mishap& b) { return a.entry < b.entry; });
    return d;
}

}  // namespace fairchalk::practice
