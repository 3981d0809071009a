// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/verdict.h"

#include <algorithm>
#include <cmath>

#include <Eigen/Dense>

#include "core/job/knowledge.h"
#include "core/job/rig.h"
#include "core/network/priors.h"
#include "core/quantity/normal.h"

namespace fairchalk {
namespace {

/// What the tool shows where there is nothing.
double shown_at_nothing(const Tool& tool) {
    return tool.zero + (tool.shows == Shows::upright ? 90.0 : 0.0);
}

}  // namespace

std::string_view name_of(Call c) {
    switch (c) {
        case Call::inside:
            return "inside";
        case Call::outside:
            return "outside";
        case Call::too_close:
            return "too-close";
        case Call::unknown:
            break;
    }
    return "unknown";
}

Call call(const KnownAngle& angle, const Target& target) {
    if (!angle.known || !target.has_tolerance) return Call::unknown;
    const Angle low = angle.value - angle.plus_minus(), high = angle.value + angle.plus_minus();
    if (low >= target.lo && high <= target.hi) return Call::inside;
    if (high < target.lo || low > target.hi) return Call::outside;
    return Call::too_close;
}

double probability_inside(const KnownAngle& angle, const Target& target) {
    if (!angle.known) return 0.0;
    const double s = std::max(angle.sigma.deg(), 1e-9);
    return normal_probability((target.hi - angle.value).deg() / s) -
           normal_probability((target.lo - angle.value).deg() / s);
}

std::vector<Verdict> verdicts(const Job& job, const Estimate& e) {
    std::vector<Verdict> out;
    const auto judge = [&](Target t) {
        const KnownAngle* a = e.find(t.measure, t.where);
        if (!a) return;
        if (t.same_as) {
            const KnownAngle* other = e.find(t.measure, *t.same_as);
            if (!other || !other->known) return;
            // Its own aim is how far from the other side it should be.
            t.lo = other->value + t.lo;
            t.hi = other->value + t.hi;
            t.aim = other->value + t.aim;
        }
        Verdict v;
        v.target = t;
        v.angle = *a;
        v.call = call(*a, t);
        out.push_back(v);
    };
    for (const Target& t : job.targets) {
        const bool each_wheel =
            t.measure == Measure::toe || t.measure == Measure::camber || t.measure == Measure::caster;
        const Axle* axle = std::get_if<Axle>(&t.where);
        if (!axle || !each_wheel) {
            judge(t);
            continue;
        }
        for (Side side : both_sides) {
            const Wheel wheel = wheel_at(*axle, side);
            const bool own = std::any_of(job.targets.begin(), job.targets.end(), [&](const Target& o) {
                return o.measure == t.measure && o.where == std::variant<std::monostate, Axle, Wheel>(wheel);
            });
            if (own) continue;  // a wheel's own target comes before its axle's
            Target one = t;
            one.where = wheel;
            judge(one);
        }
    }
    return out;
}

std::string_view name_of(WheelFact fact) {
    return fact == WheelFact::rims ? "rims" : "same_wheels";
}

Means means_of(const Job& job) {
    return {job.tools, state_of(job, rims_check).state == CheckState::good};
}

std::optional<Angle> reachable_sigma(const CarCard& car, const LinesSet& lines, const Target& target,
                                     int repeats, const Means& means) {
    if (!car.wheelbase || !lines_ready(lines)) return std::nullopt;
    std::vector<Entry> log;
    log.push_back({"car", "", "", "", {}, CarEdit{car}});
    for (const Tool& t : means.own) log.push_back({t.name, "", "", "", {}, ToolSet{t}});
    if (means.rims_good)
        log.push_back({rims_check, "", "", "", {}, Checked{rims_check, CheckState::good, {}}});
    log.push_back({"lines", "", "", "", {}, lines});
    log.push_back({"round", "", "", "", {}, RoundOpened{}});
    const Job empty = job_of(log);
    const std::vector<Spot> walk = round_walk(empty, 0, false);
    std::vector<Entry> all = log;
    for (int n = 0; n < repeats; ++n)
        for (const Spot& spot : walk) {
            Reading r = blank_reading(spot, lines);
            const Tool* tool = empty.tool(r.tool);
            // A straight car between parallel strings: the sigma hardly depends on the values.
            r.value.value = reading_kind(spot.kind).usual();
            r.value.resolution = tool ? tool->resolution : r.value.kind == QuantityKind::angle ? 0.1 : 1.0;
            if (tool) r.value.value += shown_at_nothing(*tool);
            if (reading_kind(spot.kind).asks_for_top() || (tool && tool->shows == Shows::unsigned_))
                r.top_in = true;
            all.push_back({spot.name() + std::to_string(n), "", "", "", {}, r});
        }
    const Job job = job_of(all);
    EstimateOptions options;
    options.explain = false;
    const Estimate e = estimate(job, options);
    Target one = target;
    if (const Axle* axle = std::get_if<Axle>(&target.where);
        axle && (target.measure == Measure::toe || target.measure == Measure::camber ||
                 target.measure == Measure::caster))
        one.where = wheel_at(*axle, Side::left);
    const KnownAngle* a = e.find(one.measure, one.where);
    if (!a || !a->known) return std::nullopt;
    return a->sigma;
}

std::optional<Tool> tool_that_would(const CarCard& car, const LinesSet& lines, const Target& target,
                                    int repeats, const Means& means) {
    std::optional<Tool> best;
    const bool leans = target.measure == Measure::camber || target.measure == Measure::caster ||
                       target.measure == Measure::cross_camber || target.measure == Measure::cross_caster;
    const auto quantity = leans ? QuantityKind::angle : QuantityKind::length;
    for (const Tool& tool : standard_tools()) {
        if (tool.quantity != quantity || (best && tool.sigma <= best->sigma)) continue;
        LinesSet with = lines;
        (leans ? with.gauge : with.tool) = tool.name;
        // One whose zero has been checked.
        std::vector<Tool> checked(means.own.begin(), means.own.end());
        if (std::none_of(means.own.begin(), means.own.end(),
                         [&](const Tool& t) { return t.name == tool.name; }))
            checked.push_back(tool);
        const auto sigma = reachable_sigma(car, with, target, repeats, {checked, means.rims_good});
        if (sigma && *sigma * k95 < target.half_band()) best = tool;
    }
    return best;
}

}  // namespace fairchalk
