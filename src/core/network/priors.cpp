// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/priors.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <vector>

#include "core/car/adjuster.h"
#include "core/car/steering_rod.h"
#include "core/job/knowledge.h"
#include "core/job/rig.h"
#include "core/network/site.h"

namespace fairchalk {
namespace {

constexpr double tape_zero_sigma = 0.5e-3;  // metres: a hook, a worn end
constexpr double gauge_zero_sigma = 2.0 * one_degree;
constexpr double runout_sigma = 1.0 * one_degree;
constexpr double like_lips_sigma = 8e-3;  // metres: of rims that nothing but an arm jig has read
constexpr double lip_sigma = 30e-3;
// Each rim carries an opposed error at its two edges, metres: not looked at, and looked at and good.
constexpr double rim_untrue = 0.25e-3, rim_seen_good = 0.1e-3;
constexpr double unchecked_zero_sigma = 0.2 * one_degree;  // of a gauge whose zero nobody checked
constexpr double like_arms_sigma = 5e-3;                   // metres: of the steering arms of one axle
constexpr double sai_prior_deg = 11.0, sai_prior_sigma_deg = 4.0;

/// A rim that nobody told the span of is as untrue as any other.
double span_of(const CarCard& car, int w) {
    return car.axles[static_cast<std::size_t>(w / 2)].rim_span.value_or(usual_rim_span).m();
}

/// Arms of steering rods: each by its prior, both of an axle together where they are made to one drawing, so
/// that what one turn teaches of the left holds of the right.
void believe_arms(Network& n, const CarCard& car) {
    std::map<int, ArmPrior> priors;
    for (std::size_t i = 0; i < car.adjusters.size(); ++i)
        if (const Adjuster* rod = &car.adjusters[i]; is_rod(*rod)) {
            const int place = static_cast<int>(i);
            priors[place] = arm_prior(*rod);
            n.add(Unknown::arm, place, priors[place].mean.m());
        }
    for (Axle axle : both_axles) {
        const Adjuster *l = car.rod_at(wheel_at(axle, Side::left)),
                       *r = car.rod_at(wheel_at(axle, Side::right));
        if (!l || !r || l->rod != r->rod) continue;
        const int a = car.place_of(l->id), b = car.place_of(r->id);
        const double sa = priors[a].sigma.m(), sb = priors[b].sigma.m();
        const double rho = (sa * sa + sb * sb - like_arms_sigma * like_arms_sigma) / (2 * sa * sb);
        if (!(rho > 0.0) || rho > 0.999) continue;
        // The right one given the left: their joint normal in two rows.
        n.believe(n.current().at({Unknown::arm, a}), priors[a].mean.m(), sa);
        Linked given;
        given.unknowns = {n.current().at({Unknown::arm, b}), n.current().at({Unknown::arm, a})};
        given.coefficients = {1.0, -rho * sb / sa};
        given.constant = -priors[b].mean.m() + rho * sb / sa * priors[a].mean.m();
        given.sigma = sb * std::sqrt(1 - rho * rho);
        n.link(given);
        priors.erase(a);
        priors.erase(b);
    }
    for (const auto& [place, prior] : priors)
        n.believe(n.current().at({Unknown::arm, place}), prior.mean.m(), prior.sigma.m());
}

}  // namespace

double untrue_rim_sigma(const CarCard& car, int wheel, bool seen_good) {
    return 2.0 * (seen_good ? rim_seen_good : rim_untrue) / span_of(car, wheel);
}

NetworkNeeds needs_of(const Job& job, int last) {
    NetworkNeeds out;
    for (const Round& round : job.rounds)
        for (std::size_t i : round.readings)
            if (const Spot& s = std::get<Reading>((*job.log)[i].event).spot;
                const auto pair = reading_kind(s.kind).taped_pair(s.kind))
                out.taped[static_cast<std::size_t>(index_of(*s.axle))].insert(*pair);
    for (int k = 0; k <= last; ++k)
        for (std::size_t i : job.rounds[k].readings) {
            const Reading& r = std::get<Reading>((*job.log)[i].event);
            const ReadingKind& kind = reading_kind(r.spot.kind);
            if (kind.taped_pair(r.spot.kind) && !r.tool.empty())
                out.tapes[r.tool].insert(index_of(*r.spot.axle));
            kind.ask(r, job.rounds[k].car, out);
        }
    // A line that was set up is there before anything was read to it: so its spots are asked for.
    if (last >= 0)
        for (const std::string& id : job.rounds[static_cast<std::size_t>(last)].lines.rigs)
            if (const Rig* rig = rig_named(id))
                for (ReadingId kind : rig->kinds)
                    if (const int line = reading_kind(kind).line(); line != 0)
                        for (int side : {0, 1}) out.lines.insert(place_of_line(side, line));
    return out;
}

void first_state(Network& n, const Job& job, const CarCard& car, const NetworkNeeds& asked) {
    for (int w = 0; w < 4; ++w) n.add(Unknown::toe, w, 0.0);
    for (int s = 0; s < 2; ++s) {
        n.add(Unknown::string_offset, s, 0.85);
        n.add(Unknown::string_skew, s, 0.0);
    }
    for (int line : asked.lines) {
        n.add(Unknown::string_offset, line, 0.85);
        n.add(Unknown::string_skew, line, 0.0);
    }
    for (int a = 0; a < 2; ++a) {
        const AxleCard& card = car.axles[a];
        n.add(Unknown::half_width, a, card.hub_width ? card.hub_width->m() / 2 : 0.74);
        if (a == 1 && car.same_wheels == Told::yes)
            n.also(Unknown::lip_depth, 1, n.at(Unknown::lip_depth, 0));
        else
            n.add(Unknown::lip_depth, a, 0.01);
        for (ReadingId taped : asked.taped[static_cast<std::size_t>(a)])
            n.add(Unknown::mid_width, place_of_width(a, index_of(taped)), 1.6);
    }
    for (int w : asked.gauge) {
        // A swing tells no camber, and depends on it hardly: any that there is.
        if (asked.swung.contains(w) && !asked.cambers.contains(w))
            n.with_prior(Unknown::camber, w, 0.0, any_camber_sigma);
        else
            n.add(Unknown::camber, w, 0.0);
    }
    for (int w : asked.sweep) {
        n.add(Unknown::caster, w, 3.0 * one_degree);
        n.with_prior(Unknown::sai, w, sai_prior_deg * one_degree, sai_prior_sigma_deg * one_degree);
        // The toe that the sweep starts from: as known, else any toe there is.
        n.with_prior(Unknown::sweep_toe, w, 0.0, any_toe_sigma);
    }
    for (int w : asked.plumb) n.add(Unknown::plumb, w, 0.1);
    // A bar touches both lips of the rear rim as well as any rule does; over the wheelbase that shows.
    for (int w : asked.seats)
        n.with_prior(Unknown::seat, w, 0.0, std::numbers::sqrt2 * spot_error.m() / span_of(car, w));
    // Run-out is told from the angle only where a wheel was read both ways round.
    const bool good = state_of(job, rims_check).state == CheckState::good;
    const auto untrue = [&](Unknown runout, const std::map<int, RimRead>& rims) {
        for (const auto& [w, rim] : rims)
            if (rim.both_ways())
                n.with_prior(runout, w, 0.0, runout_sigma);
            else if (rim.as_it_comes)
                n.with_prior(runout, w, 0.0, untrue_rim_sigma(car, w, good));
    };
    untrue(Unknown::toe_runout, asked.rims);
    untrue(Unknown::camber_runout, asked.cambers);
    // A board lies against the tire, and stands as the rim does.
    for (int place : asked.boards) {
        const int w = place % 4;
        if (place == place_of_board(w, false) && n.current().contains({Unknown::toe_runout, w})) {
            n.also(Unknown::toe_runout, place, n.at(Unknown::toe_runout, w));
            continue;
        }
        n.with_prior(Unknown::toe_runout, place, 0.0, untrue_rim_sigma(car, w, good));
    }
    if (asked.chassis)
        for (int a = 0; a < 2; ++a) n.add(Unknown::axle_middle, a, 0.0);
    // A gauge's zero is an unknown once it was turned end for end; tapes' where one axle was taped with two.
    const auto zero_of = [&](const std::string& tool, double sigma) {
        n.with_prior(Unknown::tool_zero, static_cast<int>(n.standing.tools.size()), 0.0, sigma);
        n.standing.tools.push_back(tool);
    };
    for (const auto& [tool, ways] : asked.lean) {
        if (ways.contains(1)) {
            zero_of(tool, gauge_zero_sigma);
            continue;
        }
        // What was said of it in the drawer holds.
        const bool told = std::any_of(job.tools.begin(), job.tools.end(),
                                      [&, &name = tool](const Tool& t) { return t.name == name; });
        if (!told && !tool.empty() && asked.unstated.contains(tool)) zero_of(tool, unchecked_zero_sigma);
    }
    for (const auto& one : asked.tapes)
        if (std::any_of(asked.tapes.begin(), asked.tapes.end(), [&](const auto& other) {
                return other.first != one.first &&
                       std::any_of(one.second.begin(), one.second.end(),
                                   [&](int a) { return other.second.contains(a); });
            }))
            zero_of(one.first, tape_zero_sigma);
    if (asked.jig && car.same_wheels == Told::yes && asked.lips_read.empty())
        n.believe(n.current().at({Unknown::lip_depth, 0}), 0.0, lip_sigma);
    if (asked.jig && car.same_wheels != Told::yes && asked.lips_read.size() < 2) {
        // Rims that only arm jigs have touched: taken to sit on their hubs about alike, and not far off them.
        for (int a = 0; a < 2; ++a)
            if (!asked.lips_read.contains(a))
                n.believe(n.current().at({Unknown::lip_depth, a}), 0.0, lip_sigma);
        Linked alike;
        alike.unknowns = {n.current().at({Unknown::lip_depth, 0}), n.current().at({Unknown::lip_depth, 1})};
        alike.coefficients = {1.0, -1.0};
        alike.sigma = like_lips_sigma;
        n.link(alike);
    }
    believe_arms(n, car);
}

void observe_card(Network& n, const CarCard& car) {
    for (int a = 0; a < 2; ++a) {
        if (!car.axles[a].hub_width) continue;
        Observed o;
        o.from_card = true;
        o.site.kind = ReadingId::hub_width;
        o.site.axle = a;
        o.value = car.axles[a].hub_width->m();
        o.sigma = std::max(car.axles[a].hub_width_sigma.m(), 1e-5);
        n.observe(std::move(o));
    }
}

}  // namespace fairchalk
