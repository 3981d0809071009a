// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/readings.h"

#include <algorithm>
#include <cmath>

#include "core/job/wheel_only.h"
#include "core/network/site.h"

namespace fairchalk {
namespace {

constexpr double sweep_sigma = 1.0 * one_degree;  // of floor marks, a protractor, a steering wheel
constexpr double usual_ratio_sigma = 2.5;
constexpr double not_quite_a_share = 0.005 * one_degree;  // of what a tire holds back
constexpr double wheel_on_its_shaft = 10.0 * one_degree;  // of a steering wheel that nobody set level
constexpr double string_rise_unknown = 2.5e-3;            // metres at each lip: a string set by eye

/// d(reading)/d(heading it was taken at): how an unsure sweep makes the reading unsure.
double slope_by_turned(const Network& n, const Observed& o) {
    constexpr double h = 1e-4;
    const auto at = [&](double by) {
        Site s = o.site;
        // A gauge's own scale turns it both ways.
        (s.swept != 0.0 && s.turned == 0.0 ? s.swept : s.turned) += by;
        std::vector<int> none;
        return predict(s, Recorder(o.current.get(), n.x.data(), &none));
    };
    return (at(h) - at(-h)) / (2 * h);
}

}  // namespace

void Readings::observe(std::size_t entry, const Round& round) {
    n_.standing.car = round.car;
    n_.standing.lines = round.lines;
    const Reading r = completed(std::get<Reading>((*job_.log)[entry].event), round.lines);
    if (auto why = missing_for(r, n_.standing)) {
        n_.unused.push_back({entry, *why});
        return;
    }
    const ReadingKind& kind = reading_kind(r.spot.kind);
    if (kind.only_corrects()) {
        const int side = index_of(*r.spot.side);
        if (!n_.current().contains({Unknown::camber, side}) &&
            !n_.current().contains({Unknown::camber, side + 2}))
            n_.unused.push_back({entry, {Code::why_needs_camber, {}}});
        return;
    }
    Observed o;
    o.entry = entry;
    o.site = site_of(r, n_.standing, n_.current());
    const Tool* tool = job_.tool(r.tool);
    o.value = kind.in_base(r, tool);
    o.sigma = to_base(r.sigma(tool, round.finest), r.value.kind);
    o.turned_sigma = r.turned_sigma                                ? r.turned_sigma->rad()
                     : o.site.turned != 0.0 || o.site.swept != 0.0 ? sweep_sigma
                                                                   : 0.0;
    if (r.wheel_turned && !round.car.steering_ratio)
        o.turned_sigma = std::hypot(o.turned_sigma, o.site.turned * usual_ratio_sigma / usual_steering_ratio);
    o.set_by_eye = kind.on_lip() && !r.stated_sigma && !o.site.heights &&
                   n_.current().contains({Unknown::camber, o.site.wheel});
    if (kind.of_steering()) {
        if (r.since_now || !n_.standing.steered) steer();
        // A ratio nobody gave is a guess, and so is what follows from it.
        if (!round.car.steering_ratio)
            o.sigma = std::hypot(o.sigma, o.value * usual_ratio_sigma / usual_steering_ratio);
    }
    weakly_coupled_ =
        weakly_coupled_ || o.turned_sigma > 0 || o.set_by_eye ||
        (kind.against_gravity() && (o.site.turned != 0.0 || o.site.swept != 0.0 || o.site.floor));
    spots_[{n_.lie, r.spot}].push_back(n_.observed.size());
    if (r.before_shake) {
        n_.observe(std::move(o), held_back());
    } else {
        at_rest();
        n_.observe(std::move(o));
    }
}

void Readings::driven(const Driven& d) {
    if (!d.wheel_off) return;
    const CarCard& car = job_.rounds.back().car;
    const double ratio = car.steering_ratio.value_or(usual_steering_ratio);
    // Read with the gear in its middle, the toes say nothing of how the wheel sits on its shaft.
    double sigma = said_wheel_sigma(d, car).rad();
    for (std::size_t i = job_.log->size(); i-- > 0;)
        if (const SteeringSet* s = job_.live(i) ? std::get_if<SteeringSet>(&(*job_.log)[i].event) : nullptr) {
            if (s->school != SteeringSchool::wheel) sigma = std::hypot(sigma, wheel_on_its_shaft);
            break;
        }
    Linked l;
    for (const auto& [w, c] : {std::pair(0, -0.5), {1, 0.5}, {2, 0.5}, {3, -0.5}}) {
        l.unknowns.push_back(n_.current().at({Unknown::toe, w}));
        l.coefficients.push_back(c);
    }
    l.constant = -d.wheel_off->rad() / ratio;
    l.sigma = sigma / ratio;
    n_.link(l);
}

void Readings::at_rest() {
    for (int w = 0; w < 4; ++w)
        if (const auto it = n_.current().find({Unknown::toe, w}); it != n_.current().end())
            rested_[static_cast<std::size_t>(w)] = it->second;
}

/// The toes that the rules show while each tire holds back its share of what was turned since it was shaken.
Current Readings::held_back() {
    Current out;
    for (int w = 0; w < 4; ++w) {
        const auto it = n_.current().find({Unknown::toe, w});
        const int before = rested_[static_cast<std::size_t>(w)];
        if (it == n_.current().end() || before < 0) continue;
        n_.also(Unknown::rested_toe, w, before);
        if (it->second == before) continue;
        const int after = it->second, axle = w / 2;
        if (!n_.current().contains({Unknown::stick, axle}))
            n_.with_prior(Unknown::stick, axle, stick_times, stick_sigma);
        Linked l;
        const int shown = n_.add(Unknown::shown_toe, w, n_.x[static_cast<std::size_t>(after)]);
        l.unknowns = {after, before, n_.current().at({Unknown::stick, axle}), shown, before};
        l.coefficients = {1.0, -1.0};
        l.sticks = true;
        l.sigma = not_quite_a_share;
        n_.link(l);
        out[{Unknown::toe, w}] = shown;
    }
    return out;
}

void Readings::lay_floor(const Floor& floor) {
    if (floor_ == floor.begun) {
        n_.standing.tiles = floor.tiles;
        return;
    }
    if (!solve_floor(floor).known) return;
    floor_ = floor.begun;
    n_.standing.tiles = floor.tiles;
    for (int i = 0; i < 5; ++i) n_.add(Unknown::floor, i, 0.0);
    const auto unknowns = [&] {
        std::vector<int> all;
        for (int i = 0; i < 5; ++i) all.push_back(n_.current().at({Unknown::floor, i}));
        return all;
    }();
    for (const FloorRow& row : floor.rows) {
        Linked l;
        l.unknowns = unknowns;
        l.coefficients.assign(row.of.begin(), row.of.end());
        l.constant = -row.value;
        l.sigma = row.sigma;
        n_.link(l);
    }
    Linked datum;  // only differences are known
    datum.unknowns = {unknowns.begin(), unknowns.begin() + 4};
    datum.coefficients.assign(4, 0.25);
    datum.sigma = 1.0;
    n_.link(datum);
}

void Readings::steer() {
    n_.standing.steered = true;
    // Only so that what is read with it so stays solvable where the wheel's own reading is struck out.
    n_.with_prior(Unknown::steer, 0, 0.0, 5.0 * one_degree);
}

void Readings::steer_for_round(const Round& round) {
    n_.standing.steered = false;
    if (!round.lines.steering_held) {
        // Nobody held it: an unknown that nothing limits.
        n_.standing.steered = true;
        n_.add(Unknown::steer, 0, 0.0);
        return;
    }
    for (std::size_t i : round.readings) {
        const Reading& r = std::get<Reading>((*job_.log)[i].event);
        if (!reading_kind(r.spot.kind).of_steering() || r.since_now) continue;
        steer();
        return;
    }
}

void Readings::settle_repeats() {
    for (const auto& [key, members] : spots_) {
        std::vector<std::size_t> sharing;
        for (std::size_t m : members)
            if (std::get<Reading>((*job_.log)[n_.observed[m].entry].event).spot_sigma() > 0)
                sharing.push_back(m);
        if (sharing.empty()) continue;
        const double spot_sigma = spot_error.m();
        if (sharing.size() == 1) {
            n_.observed[sharing.front()].sigma = std::hypot(n_.observed[sharing.front()].sigma, spot_sigma);
            continue;
        }
        const int latent = static_cast<int>(n_.x.size());
        n_.keys.push_back({Unknown::spot, static_cast<int>(members.front()), n_.epoch});
        n_.x.push_back(0.0);
        for (std::size_t m : sharing) n_.observed[m].spot_latent = latent;
        n_.believe(latent, 0.0, spot_sigma);
    }
}

void Readings::raise_strings(int last) {
    const CarCard& car = job_.rounds[static_cast<std::size_t>(last)].car;
    if (!car.wheelbase) return;
    std::array<std::map<double, double>, 2> heights;
    for (int k = 0; k <= last; ++k)
        for (std::size_t i : job_.rounds[k].readings)
            if (const auto& r = std::get<Reading>((*job_.log)[i].event);
                reading_kind(r.spot.kind).only_corrects())
                heights[index_of(*r.spot.side)][r.spot.station->m()] =
                    reading_kind(r.spot.kind).in_base(r, job_.tool(r.tool));
    for (std::size_t s = 0; s < 2; ++s)
        if (!heights[s].empty()) n_.standing.rise[s] = rise_over_hubs(heights[s], car);
}

void Readings::at_known_angles() {
    for (Observed& o : n_.observed) {
        if (o.from_card) continue;
        o.site.zero_toe = n_.x[static_cast<std::size_t>(o.current->at({Unknown::toe, o.site.wheel}))];
        if (o.turned_sigma > 0) o.sigma = std::hypot(o.sigma, o.turned_sigma * slope_by_turned(n_, o));
        if (o.set_by_eye)
            o.sigma = std::hypot(
                o.sigma,
                string_rise_unknown *
                    std::tan(n_.x[static_cast<std::size_t>(o.current->at({Unknown::camber, o.site.wheel}))]));
    }
}

}  // namespace fairchalk
