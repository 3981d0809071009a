// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/verdict.h"

#include <algorithm>
#include <cmath>
#include <map>

#include <Eigen/Dense>

#include "core/job/rig.h"
#include "core/quantity/normal.h"

namespace fairchalk {
namespace {

/// What another reading at a spot adds, in 1/m² or 1/rad². Takings at one spot share its error, so the second
/// one adds less than the first.
struct SpotState {
    Spot spot;
    Eigen::VectorXd row;
    double own_variance = 0.0;
    double spot_variance = 0.0;
    int taken = 0;

    double information(int n) const { return n == 0 ? 0.0 : 1.0 / (own_variance / n + spot_variance); }
    double gain() const { return information(taken + 1) - information(taken); }
};

struct Candidates {
    std::vector<SpotState> spots;
    Eigen::MatrixXd covariance;

    /// Variance of g's angle if spot `i` were read once more.
    double variance_with(std::size_t i, const Eigen::VectorXd& g) const {
        const SpotState& s = spots[i];
        const Eigen::VectorXd ca = covariance * s.row;
        const double along = g.dot(ca);
        return g.dot(covariance * g) - along * along / (1.0 / s.gain() + s.row.dot(ca));
    }
    void take(std::size_t i) {
        SpotState& s = spots[i];
        const Eigen::VectorXd ca = covariance * s.row;
        covariance -= ca * ca.transpose() / (1.0 / s.gain() + s.row.dot(ca));
        ++s.taken;
    }
    std::size_t best(const Eigen::VectorXd& g) const {
        std::size_t at = 0;
        double least = 1e300;
        for (std::size_t i = 0; i < spots.size(); ++i)
            if (const double v = variance_with(i, g); v < least * (1 - 1e-9)) least = v, at = i;
        return at;
    }
};

Candidates candidates_of(const Job& job, const Estimate& e) {
    Candidates c;
    c.covariance = e.posterior->covariance;
    const Round& round = job.rounds[e.round];
    std::map<Spot, std::vector<const Reading*>> taken;
    for (std::size_t i : round.readings) {
        const Reading& r = std::get<Reading>((*job.log)[i].event);
        taken[r.spot].push_back(&r);
    }
    // Whatever this round's rigs can read, the tape over the hubs, and anything that was read already.
    std::vector<Spot> spots = round_walk(job, e.round, true);
    spots.insert(spots.end(), spots_without_rig().begin(), spots_without_rig().end());
    for (const auto& [spot, readings] : taken) {
        spots.push_back(spot);
        // Turned end for end it tells a zero that nobody has checked.
        const auto& tools = e.posterior->standing.tools;
        if (std::find(tools.begin(), tools.end(), readings.back()->tool) != tools.end())
            for (const Spot& beside : reading_kind(spot.kind).besides(spot, round.car))
                if (reading_kind(beside.kind).end_for_end()) spots.push_back(beside);
    }
    std::sort(spots.begin(), spots.end());
    spots.erase(std::unique(spots.begin(), spots.end()), spots.end());
    // How a spot not read yet would be read: as the last of its kind of quantity was, else as the lines say,
    // else by a rule in mm or a gauge in tenths.
    std::array<std::optional<Reading>, 2> likely;
    for (std::size_t i : round.readings) {
        const Reading& r = std::get<Reading>((*job.log)[i].event);
        likely[r.value.kind == QuantityKind::angle] = r;
    }
    double swept_variance = 0.0;
    for (std::size_t i = 0; i < e.checks.size(); ++i)
        if (const Reading& r = std::get<Reading>((*job.log)[e.checks[i].entry].event);
            r.turned && r.value.kind == QuantityKind::angle)
            swept_variance =
                std::max(swept_variance, std::pow(e.posterior->sigmas[static_cast<Eigen::Index>(i)], 2));
    for (const Spot& spot : spots) {
        const auto it = taken.find(spot);
        const bool angle = reading_kind(spot.kind).quantity() == QuantityKind::angle;
        Reading like = it != taken.end() ? *it->second.back() : blank_reading(spot, round.lines);
        const auto row = row_of(e, like);
        // A reading is only a gain in numbers if all that it depends on is known.
        if (!row || row->isZero() || !e.posterior->estimable(*row)) continue;
        SpotState s;
        s.spot = spot;
        s.row = *row;
        if (it == taken.end() && likely[angle] && rig_of(spot.kind).tool.empty()) {
            like.value = likely[angle]->value;
            like.tool = likely[angle]->tool;
            like.stated_sigma = likely[angle]->stated_sigma;
        } else if (it == taken.end()) {
            like.value.resolution = angle ? 0.1 : 1.0;
        }
        const double unit = angle ? std::numbers::pi / 180 : 1e-3;
        s.own_variance = std::pow(like.sigma(job.tool(like.tool), round.finest) * unit, 2);
        s.spot_variance = std::pow(like.spot_sigma() * unit, 2);
        // How far the wheel was really turned is as unsure the next time.
        if (spot.swept != Swept::straight || like.turned)
            s.own_variance = std::max(s.own_variance, swept_variance);
        s.taken = it == taken.end() ? 0 : static_cast<int>(it->second.size());
        c.spots.push_back(s);
    }
    return c;
}

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

std::optional<Proposal> best_next_reading(const Job& job, const Estimate& e, const Target& target) {
    const KnownAngle* a = e.find(target.measure, target.where);
    if (!a || e.round < 0) return std::nullopt;
    if (!a->known) {
        if (a->needs.empty()) return std::nullopt;
        return Proposal{a->needs.front(), {}};
    }
    const Candidates c = candidates_of(job, e);
    if (c.spots.empty()) return std::nullopt;
    const Eigen::VectorXd g = e.posterior->gradient_of(target);
    const std::size_t best = c.best(g);
    return Proposal{c.spots[best].spot, Angle::from_rad(std::sqrt(std::max(0.0, c.variance_with(best, g))))};
}

std::optional<Settling> what_settles(const Job& job, const Estimate& e, const Verdict& verdict, int most) {
    if (verdict.call != Call::too_close) return std::nullopt;
    Candidates c = candidates_of(job, e);
    if (c.spots.empty()) return std::nullopt;
    const Eigen::VectorXd g = e.posterior->gradient_of(verdict.target);
    Settling out;
    KnownAngle a = verdict.angle;
    while (out.readings < most) {
        const std::size_t best = c.best(g);
        c.take(best);
        ++out.readings;
        a.sigma = Angle::from_rad(std::sqrt(std::max(0.0, g.dot(c.covariance * g))));
        if (out.readings == 1) out.first = {c.spots[best].spot, a.sigma};
        if (call(a, verdict.target) != Call::too_close) return out;
    }
    return std::nullopt;
}

Eigen::MatrixXd readable_covariance(const Job& job, const Estimate& e, const std::vector<Target>& targets,
                                    int times) {
    if (targets.empty()) return {};
    const Candidates c = candidates_of(job, e);
    const auto n = static_cast<Eigen::Index>(targets.size()), m = static_cast<Eigen::Index>(c.spots.size());
    Eigen::MatrixXd g(c.covariance.rows(), n), rows(c.covariance.rows(), m);
    Eigen::VectorXd noise(m);
    for (Eigen::Index i = 0; i < n; ++i)
        g.col(i) = e.posterior->gradient_of(targets[static_cast<std::size_t>(i)]);
    Eigen::Index used = 0;
    for (const SpotState& s : c.spots) {
        const double gain = s.information(std::max(times, s.taken)) - s.information(s.taken);
        if (gain <= 0.0) continue;
        rows.col(used) = s.row;
        noise[used++] = 1.0 / gain;
    }
    const Eigen::MatrixXd read = rows.leftCols(used), by = c.covariance * read, cg = c.covariance * g;
    Eigen::MatrixXd s = read.transpose() * by;
    s.diagonal() += noise.head(used);
    const Eigen::MatrixXd along = by.transpose() * g;
    Eigen::MatrixXd out = g.transpose() * cg;
    if (used > 0) out -= along.transpose() * s.ldlt().solve(along);
    return out;
}

std::optional<Angle> reachable_sigma(const CarCard& car, const LinesSet& lines, const Target& target,
                                     int repeats, std::span<const Tool> own) {
    if (!car.wheelbase || !lines_ready(lines)) return std::nullopt;
    std::vector<Entry> log;
    log.push_back({"car", "", "", "", {}, CarEdit{car}});
    for (const Tool& t : own) log.push_back({t.name, "", "", "", {}, ToolSet{t}});
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
                                    int repeats, std::span<const Tool> own) {
    std::optional<Tool> best;
    const bool leans = target.measure == Measure::camber || target.measure == Measure::caster ||
                       target.measure == Measure::cross_camber || target.measure == Measure::cross_caster;
    const auto quantity = leans ? QuantityKind::angle : QuantityKind::length;
    for (const Tool& tool : standard_tools()) {
        if (tool.quantity != quantity || (best && tool.sigma <= best->sigma)) continue;
        LinesSet with = lines;
        (leans ? with.gauge : with.tool) = tool.name;
        // One whose zero has been checked.
        std::vector<Tool> checked(own.begin(), own.end());
        if (std::none_of(own.begin(), own.end(), [&](const Tool& t) { return t.name == tool.name; }))
            checked.push_back(tool);
        const auto sigma = reachable_sigma(car, with, target, repeats, checked);
        if (sigma && *sigma * k95 < target.half_band()) best = tool;
    }
    return best;
}

}  // namespace fairchalk
