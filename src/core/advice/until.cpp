// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/until.h"

#include <algorithm>
#include <cmath>

#include <Eigen/Dense>

#include "core/advice/outcome.h"
#include "core/advice/procedure.h"
#include "core/job/rig.h"
#include "core/network/foreseen.h"
#include "core/network/gradient.h"
#include "core/network/lever.h"
#include "core/network/readings.h"
#include "core/network/site.h"

namespace fairchalk {
namespace {

/// The unknowns as one vector has them.
struct Values final : State<double> {
    const Current* current;
    const Eigen::VectorXd* x;
    Values(const Current& c, const Eigen::VectorXd& values) : current(&c), x(&values) {}
    double operator()(Unknown what, int where) const override { return (*x)[current->at({what, where})]; }
};

/// One spot of the walk, followed through the turns.
struct Followed {
    Spot spot;
    Reading like;  ///< the last reading there, or one as it would be taken
    bool read = false;
    const Tool* tool = nullptr;
    Site site;
    double slope = 1.0, at_first = 0.0;

    double shows(const Posterior& p, const Eigen::VectorXd& x) const {
        return predict(site, Values(p.now, x));
    }
};

/// What the tires hold back, before the car is shaken.
struct Sticking {
    const Posterior& p;
    bool now;  ///< something is held back as the car stands

    /// The share at a wheel, and its sigma.
    std::pair<double, double> share(int wheel) const {
        const int at = p.index(Unknown::stick, wheel / 2);
        const double times = at < 0 ? stick_times : std::max(1.0, p.x[at]);
        const double sigma = at < 0 ? stick_sigma : std::sqrt(std::max(0.0, p.covariance(at, at)));
        return {1.0 - 1.0 / times, sigma / (times * times)};
    }
    /// `then` as the rules show it, turned from `before` (by an earlier turn of the sheet, and shaken; or as
    /// the car stands): each toe short by its share. `more` sigmas of the share.
    Eigen::VectorXd shown(Eigen::VectorXd then, const Eigen::VectorXd& before, double more = 0.0) const {
        for (int w = 0; w < 4; ++w) {
            const int toe = p.last_toe[static_cast<std::size_t>(w)];
            if (toe < 0) continue;
            const int rested = now && before[toe] == p.x[toe] ? p.index(Unknown::rested_toe, w) : -1;
            const auto [s, sigma] = share(w);
            then[toe] -= (s + more * sigma) * (then[toe] - (rested >= 0 ? p.x[rested] : before[toe]));
        }
        return then;
    }
};

std::vector<Followed> followed(const Job& job, const Estimate& e) {
    const Posterior& p = *e.posterior;
    const Sticking held{p, true};
    const LinesSet& lines = job.rounds[e.round].lines;
    std::vector<Followed> out;
    for (const Spot& spot : round_walk(job, e.round, true)) {
        const ReadingKind& kind = reading_kind(spot.kind);
        // With the wheel swept or rolled on, nobody is turning anything.
        if (spot.swept != Swept::straight || spot.rolled || kind.only_corrects() || !kind.solved()) continue;
        // A steering wheel that is free turns along: only what goes across both front wheels is told.
        if (!lines.steering_held && spot.wheel && axle_of(*spot.wheel) == Axle::front) continue;
        Followed f;
        f.spot = spot;
        f.like = blank_reading(spot, lines);
        f.like.value.kind = kind.quantity();
        if (const auto here = readings_at(job, e.round, spot); !here.empty()) {
            f.like = completed(std::get<Reading>((*job.log)[here.back()].event), lines);
            f.read = true;
        } else if (const Reading* before = last_reading_at(job, e.round, spot)) {
            // With what it was read with before, as it was typed.
            f.like.tool = before->tool;
            f.like.value.resolution = before->value.resolution;
        }
        f.tool = job.tool(f.like.tool);
        if (!f.tool) f.tool = standard_tool(f.like.tool);
        if (missing_for(f.like, p.standing)) continue;
        try {
            f.site = site_of(f.like, p.standing, p.now);
            f.at_first = f.shows(p, f.like.before_shake ? held.shown(p.x, p.x) : p.x);
        } catch (const std::out_of_range&) {
            continue;  // it depends on something that this estimate does not know of
        }
        f.slope = slope_of(f.like, f.tool);
        if (f.slope != 0.0 && std::isfinite(f.at_first)) out.push_back(std::move(f));
    }
    return out;
}

/// The tool's own, in the unit that was typed last; without a tool as it was typed, and no finer than eyes.
double division_of(const Followed& f) {
    const bool length = f.like.value.kind == QuantityKind::length;
    const double typed = f.like.value.resolution;
    if (f.tool && f.tool->quantity == f.like.value.kind && f.tool->resolution > 0.0 &&
        (typed <= 0.0 || is_inch_division(typed) == is_inch_division(f.tool->resolution)))
        return f.tool->resolution;
    return std::max(typed, length ? 0.1 : 0.05);
}

}  // namespace

std::optional<double> held_at_most(const Job& job, const Spot& spot) {
    const ReadingKind& kind = reading_kind(spot.kind);
    const auto here = [&](const Spot& s) {
        const ReadingKind& other = reading_kind(s.kind);
        return s == spot || (s.wheel && s.wheel == spot.wheel && !s.rolled && s.swept == spot.swept &&
                             kind.on_lip() && other.on_lip() && kind.to_string() && other.to_string());
    };
    std::optional<Spot> at;
    std::array<std::optional<double>, 2> shown;
    for (std::size_t i = job.others.size(); i-- > 0;) {
        const Reading& r = std::get<Reading>((*job.log)[job.others[i]].event);
        if (!r.pushed || !here(r.spot) || (at && r.spot != *at)) continue;
        at = r.spot;
        auto& one = shown[static_cast<std::size_t>(*r.pushed)];
        if (!one) one = r.value.value;
        if (shown[0] && shown[1]) return std::abs(*shown[0] - *shown[1]) / 2;
    }
    return std::nullopt;
}

std::vector<Until> until_shown(const Job& job, const Estimate& e, const Plan& plan,
                               const std::string& watched) {
    std::vector<Until> out;
    if (!e.posterior || e.round < 0 || plan.turns.empty()) return out;
    const Posterior& p = *e.posterior;
    std::vector<Lever> levers = levers_of(job.rounds[e.round].car, p);
    for (Lever& l : levers) l.locks.clear();  // it is read before it is locked
    After after{p, levers, std::vector<double>(levers.size(), 0.0)};
    const std::vector<Followed> spots = followed(job, e);
    // As the estimate takes it: what was turned since the last reading after a shake is held back still.
    const bool held_now = last_is_before_shake(job);
    Eigen::VectorXd x = p.x;
    std::vector<PlannedTurn> turns = plan.turns;
    std::stable_partition(turns.begin(), turns.end(),
                          [&](const PlannedTurn& t) { return t.adjuster == watched; });
    for (const PlannedTurn& t : turns) {
        Eigen::VectorXd then = x;
        double steps = 0.0;
        bool under_load = true;
        for (std::size_t h = 0; h < levers.size(); ++h) {
            const Lever& l = levers[h];
            const double amount = l.id() != t.adjuster ? 0.0 : l.which == 0 ? t.turns : t.second;
            if (amount == 0.0) continue;
            after.turns[h] = amount;
            under_load = under_load && !(l.kind && l.kind->wants_jacking());
            steps = std::max(steps, std::abs(amount / l.handle.step));
            for (const Lever::Pull& pull : l.pulls) then[pull.state] += l.effect(pull, amount, p);
        }
        if (steps > 0.0 && under_load) {
            std::vector<Until> of_this;
            for (const Followed& f : spots) {
                const Sticking sticks{p, held_now};
                const double before = f.shows(p, x), will = f.shows(p, then),
                             held = f.shows(p, sticks.shown(then, x));
                // By one sigma of the share.
                const double unsure = std::abs(f.shows(p, sticks.shown(then, x, 1.0)) - held) / f.slope;
                const double moves = (will - before) / f.slope, division = division_of(f);
                if (!(std::abs(moves) >= 0.5 * division)) continue;
                const Eigen::VectorXd g = gradient_at(f.site, p.now, then);
                const double taking = f.like.sigma(f.tool);
                Until u;
                u.adjuster = t.adjuster;
                u.spot = f.spot;
                u.tool = f.like.tool;
                u.kind = f.like.value.kind;
                u.division = division;
                u.per_step = moves / steps;
                if (f.read) {
                    u.now = f.like.value.value + (before - f.at_first) / f.slope;
                    u.then = f.like.value.value + (will - f.at_first) / f.slope;
                    u.then_sigma = std::hypot(after.change_sigma(g).rad() / f.slope, std::sqrt(2.0) * taking);
                    // What is held back of the reading it starts from is as unsure as the share.
                    if (f.like.before_shake)
                        u.then_sigma = std::hypot(u.then_sigma, (f.shows(p, sticks.shown(p.x, p.x, 1.0)) -
                                                                 f.shows(p, sticks.shown(p.x, p.x))) /
                                                                    f.slope);
                } else {
                    // What the tool would show where that is: it shows in proportion.
                    const double there = reading_kind(f.spot.kind).in_base(f.like, f.tool);
                    u.then = f.like.value.value + (will - there) / f.slope;
                    const double known = std::sqrt(std::max(0.0, after.covariance(g, g)));
                    u.then_sigma = std::hypot(std::hypot(known / f.slope, taking), f.like.spot_sigma());
                }
                u.stop = u.then + (held - will) / f.slope;
                u.stop_sigma = std::hypot(u.then_sigma, unsure);
                if (const auto most = held_at_most(job, f.spot); most && std::abs(u.then - u.stop) > *most) {
                    u.stop = u.then - std::copysign(*most, u.then - u.stop);
                    // Half of a difference of two readings.
                    u.stop_sigma = std::hypot(u.then_sigma, std::sqrt(0.5) * taking);
                }
                of_this.push_back(std::move(u));
            }
            std::stable_sort(of_this.begin(), of_this.end(), [](const Until& a, const Until& b) {
                return std::abs(a.per_step) / a.division > std::abs(b.per_step) / b.division;
            });
            out.insert(out.end(), of_this.begin(), of_this.end());
        }
        x = std::move(then);
    }
    return out;
}

std::vector<WatchedFrom> watched_from(const CarCard& car, const Plan& plan, const std::vector<Until>& until) {
    std::vector<WatchedFrom> out;
    for (const PlannedTurn& t : plan.turns) {
        const Adjuster* what = car.adjuster(t.adjuster);
        const AdjusterKind* kind = what ? adjuster_kind(what->kind) : nullptr;
        if (!kind || kind->wants_jacking()) break;
        const std::vector<Handle> handles = kind->handles(*what);
        if (handles.size() > 1 || handles.front().unit == HandleUnit::degree) continue;
        const std::size_t first = out.size();
        for (const Until& u : until)
            if (u.adjuster == t.adjuster) out.push_back({t, u.spot, u});
        if (out.size() > first) continue;
        for (const Spot& s : plan.remeasure) {
            const bool its =
                s.wheel ? *s.wheel == wheel_of(*what) : s.axle && *s.axle == axle_of(wheel_of(*what));
            if (its && s.swept == Swept::straight && !s.rolled && !reading_kind(s.kind).only_corrects())
                out.push_back({t, s, std::nullopt});
        }
    }
    return out;
}

Within expected_of(const Until& u) {
    const double from = u.now.value_or(u.then);
    Within out;
    out.least = std::min({from, u.then, u.stop});
    out.most = std::max({from, u.then, u.stop});
    // A turn and a half of a rod, or three times what is to be turned.
    out.margin = std::max({3.0 * (out.most - out.least), 12.0 * std::abs(u.per_step), 2.0 * u.division}) +
                 3.0 * u.then_sigma;
    return out;
}

PlanOptions while_watched(PlanOptions options, const Plan& plan, const std::string& adjuster) {
    options.nearer = true;
    options.watched = adjuster;
    // What follows a test turn is another plan.
    if (plan.next == NextStep::test_turn) return options;
    options.touching.clear();
    for (const PlannedTurn& t : plan.turns) options.touching.push_back(t.adjuster);
    return options;
}

std::optional<Watch> watch(const Job& job, const Plan& plan, const std::vector<Until>& until,
                           const std::string& adjuster, const Spot& spot, std::optional<double> to_show) {
    if (job.rounds.empty()) return std::nullopt;
    const int round = static_cast<int>(job.rounds.size()) - 1;
    const auto here = readings_at(job, round, spot);
    if (here.empty()) return std::nullopt;
    const Reading& last = std::get<Reading>((*job.log)[here.back()].event);
    Watch out;
    out.shaken = !last.before_shake;
    const auto own = std::find_if(plan.turns.begin(), plan.turns.end(),
                                  [&](const PlannedTurn& t) { return t.adjuster == adjuster; });
    const auto goal = std::find_if(until.begin(), until.end(),
                                   [&](const Until& u) { return u.adjuster == adjuster && u.spot == spot; });
    if (own != plan.turns.end()) out.rest = *own;
    if (goal != until.end()) {
        out.until = *goal;
        to_show = out.shaken ? goal->then : goal->stop;
    }
    if (own == plan.turns.end()) {
        // Read again, looked at, or thought over: that comes before any word on this adjuster.
        const bool first = plan.next == NextStep::look || plan.next == NextStep::test_turn ||
                           (plan.again && plan.again->why.code != Code::again_unchecked);
        out.says = first ? Watching::open : Watching::there;
    } else if (plan.next == NextStep::test_turn) {
        out.says = Watching::open;
    } else {
        // What is left would not show before the shake: what the tire holds back is more.
        const auto shown = [&](double v) { return to_division(v, goal->kind, goal->division); };
        const bool hidden =
            goal != until.end() && !out.shaken && shown(last.value.value) == shown(goal->stop);
        out.says = hidden ? Watching::there : Watching::more;
    }
    // A test turn that goes back went the wrong way.
    if (out.says == Watching::open && out.rest)
        for (std::size_t i = job.log->size(); i-- > 0;)
            if (const Turn* t = job.live(i) ? std::get_if<Turn>(&(*job.log)[i].event) : nullptr;
                t && t->adjuster == adjuster) {
                if (t->turns * out.rest->turns < 0.0) out.says = Watching::wrong_way;
                break;
            }
    if (!to_show) return out;
    const Tool* rule = job.tool(last.tool);
    if (!rule) rule = standard_tool(last.tool);
    const bool its_own = rule && rule->quantity == last.value.kind;
    const double division = its_own ? rule->resolution : last.value.resolution;
    const double left = *to_show - last.value.value;
    out.to_show = to_division(*to_show, last.value.kind, division);
    // More is to be read before the plan can tell: as the sheet had it.
    if (!out.rest && out.says != Watching::open && plan.next != NextStep::turn &&
        plan.next != NextStep::done) {
        const double near = std::max(1.5 * last.sigma(rule), division);
        out.says = std::abs(left) <= near ? Watching::there : Watching::more;
    }
    if (out.says == Watching::there) return out;
    // Against the value before it.
    if (const Reading* was = last_reading_at(job, round, spot)) {
        const double moved = last.value.value - was->value.value;
        const double seen = 2.0 * std::hypot(last.sigma(rule), was->sigma(job.tool(was->tool)));
        if (std::abs(moved) <= seen || moved * left >= 0.0) return out;
        // Between both values it should have stopped; else it went off from where it was to go.
        if (moved * (left + moved) < -0.5 * seen * std::abs(moved))
            out.says = Watching::wrong_way;
        else if (out.rest)
            out.says = Watching::too_far;
    }
    return out;
}

std::string to_division(double value, QuantityKind kind, double division) {
    const double rounded = division > 0.0 ? std::round(value / division) * division : value;
    if (kind == QuantityKind::length && division > 0.0 && is_inch_division(division)) {
        return (rounded < 0.0 ? "-" : "") +
               show(Length::from_mm(std::abs(rounded)), {{}, Show::LengthStyle::inch});
    }
    // As many places as the division has.
    int places = 0;
    for (double d = division; places < 3 && d > 0.0 && std::abs(d - std::round(d)) > 1e-6; d *= 10.0)
        ++places;
    return show_number(rounded, places) + (kind == QuantityKind::length ? " mm" : " deg");
}

}  // namespace fairchalk
