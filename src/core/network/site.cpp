// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/site.h"

#include <algorithm>
#include <cmath>
#include <tuple>

#include "core/job/floor.h"
#include "core/network/estimate.h"

namespace fairchalk {

std::optional<Message> missing_for(const Reading& r, const Standing& now) {
    const ReadingKindInfo& info = info_of(r.spot.kind);
    if (!info.solved) return Message{Code::why_not_solved_yet, {std::string(info.name)}};
    const auto needs = [](std::string what) { return Message{Code::why_needs_sizes, {std::move(what)}}; };
    if ((r.turned || r.wheel_turned) && r.spot.wheel && axle_of(*r.spot.wheel) == Axle::rear)
        return Message{Code::why_rear_not_steered, {}};
    const auto needs_span = [&](Axle a) -> std::optional<Message> {
        if (now.car.axle(a).rim_span) return std::nullopt;
        return Message{Code::why_needs_rim_span, {std::string(name_of(a))}};
    };
    switch (r.spot.kind) {
        case ReadingKind::hub:
        case ReadingKind::centreline_to_string:
        case ReadingKind::string_height:
            if (!now.car.wheelbase) return Message{Code::why_needs_wheelbase, {}};
            return std::nullopt;
        case ReadingKind::rim_front:
        case ReadingKind::rim_rear:
        case ReadingKind::straightedge_front:
        case ReadingKind::straightedge_rear:
            if (!now.car.wheelbase) return Message{Code::why_needs_wheelbase, {}};
            return needs_span(axle_of(*r.spot.wheel));
        case ReadingKind::string_to_string: {
            if (!now.car.wheelbase) return Message{Code::why_needs_wheelbase, {}};
            const auto& bar =
                *r.spot.axle == Axle::front ? now.lines.bars.front_ahead : now.lines.bars.rear_behind;
            if (!bar) return Message{Code::why_needs_bar, {std::string(name_of(*r.spot.axle))}};
            return std::nullopt;
        }
        case ReadingKind::boards_front:
        case ReadingKind::boards_rear:
        case ReadingKind::stud_bar_front:
        case ReadingKind::stud_bar_rear:
        case ReadingKind::tread_front:
        case ReadingKind::tread_rear:
        case ReadingKind::tape_difference:
            if (!r.span) return Message{Code::text_span_missing, {r.value.text}};
            return std::nullopt;
        case ReadingKind::toe_angle:
            if (r.value.kind == QuantityKind::length && !r.span)
                return Message{Code::text_span_missing, {r.value.text}};
            return std::nullopt;
        case ReadingKind::camber_gap:
            if (!r.height || !r.top_in) return Message{Code::job_missing, {r.height ? "top" : "height"}};
            return std::nullopt;
        case ReadingKind::arm_jig:
            if (!now.car.wheelbase) return Message{Code::why_needs_wheelbase, {}};
            if (!r.mark) return needs("mark");
            if (!r.arm_span) return needs("arm_span");
            return std::nullopt;
        case ReadingKind::camber_plumb_upper:
        case ReadingKind::camber_plumb_lower:
            return r.height ? std::nullopt : needs_span(axle_of(*r.spot.wheel));
        case ReadingKind::camber_swing:
            if (!r.turned && !r.wheel_turned) return needs("turned");
            if (!r.from) return needs("from");
            return std::nullopt;
        case ReadingKind::axis_offset:
            if (!r.height) return needs("height");
            return std::nullopt;
        default:
            return std::nullopt;
    }
}

double turned_of(const Reading& r, const CarCard& car) {
    if (r.turned) return r.turned->rad();
    return r.wheel_turned ? r.wheel_turned->rad() / car.steering_ratio.value_or(usual_steering_ratio) : 0.0;
}

namespace {

/// Where a level rule from such a string meets the lip of a rim of radius `r`, from its hub at `x`: along the
/// car and up, metres; `end` +1 the front edge, -1 the rear. At hub height where the string misses the rim.
std::pair<double, double> lip_met(const StringRise& rise, bool front, double x, double r, double end) {
    double along = end * r, up = 0.0;
    for (int i = 0; i < 50; ++i) {
        up = rise.at_rear_axle + rise.slope * (x + along) - (front ? rise.front_hub_over_rear : 0.0);
        if (std::abs(up) >= r) return {end * r, 0.0};
        along = end * std::sqrt(r * r - up * up);
    }
    return {along, up};
}

}  // namespace

bool lies_as_it_touches(const Reading& r) {
    return !r.stated_sigma &&
           (r.spot.kind == ReadingKind::straightedge_front || r.spot.kind == ReadingKind::straightedge_rear);
}

Site site_of(const Reading& r, const Standing& now, const Current& current) {
    const Spot& spot = r.spot;
    const CarCard& car = now.car;
    Site s;
    s.kind = spot.kind;
    if (spot.wheel) {
        s.wheel = index_of(*spot.wheel);
        s.axle = index_of(axle_of(*spot.wheel));
        s.side = index_of(side_of(*spot.wheel));
        s.of_wheel = true;
    } else if (spot.axle) {
        s.axle = index_of(*spot.axle);
    }
    if (spot.side) s.side = index_of(*spot.side);
    if (const auto pair = taped_pair(spot.kind)) s.pair = index_of(*pair);
    const Axle axle = s.axle == 0 ? Axle::front : Axle::rear;
    s.wheelbase = car.wheelbase.value_or(usual_wheelbase).m();
    s.track = slope_base(car, axle).m();
    s.ratio = car.steering_ratio.value_or(usual_steering_ratio);
    s.x = axle == Axle::front ? s.wheelbase : 0.0;
    s.other_x = s.wheelbase - s.x;
    if (spot.kind == ReadingKind::string_to_string)
        s.x = axle == Axle::front ? s.wheelbase + now.lines.bars.front_ahead.value_or(Length()).m()
                                  : -now.lines.bars.rear_behind.value_or(Length()).m();
    if (spot.station) s.x = spot.station->m();
    if (car.axle(axle).rim_span) s.span = car.axle(axle).rim_span->m();
    if (now.tiles && against_gravity(spot.kind) && !r.zeroed_on_floor) {
        s.floor = true;
        for (std::size_t w = 0; w < 4; ++w) s.tiles[w] = (*now.tiles)[w].m();
    }
    s.steered = now.steered;
    if (r.span) s.span = r.span->m();
    if (r.height) s.height = r.height->m();
    s.as_length = spot.kind == ReadingKind::toe_angle && r.value.kind == QuantityKind::length;
    s.turned = turned_of(r, car);
    if (r.from) s.from = r.from->rad();
    if (r.swept) {
        s.swept = r.swept->rad();
        s.scale_for = r.scale_for.value_or(usual_sweep).rad();
    }
    if (r.mark) s.mark = r.mark->m();
    if (r.arm_span) s.arm_span = r.arm_span->m();
    const auto has = [&](Unknown what, int where) { return current.contains({what, where}); };
    s.guessed_toe = against_gravity(spot.kind) && has(Unknown::sweep_toe, s.wheel);
    const auto tool = std::find(now.tools.begin(), now.tools.end(), r.tool);
    if (tool != now.tools.end() && !r.zeroed_on_floor) s.zero = static_cast<int>(tool - now.tools.begin());
    s.zero_sign = spot.kind == ReadingKind::camber_reversed ? -1.0 : 1.0;
    if (spot.wheel && has(against_gravity(spot.kind) ? Unknown::camber_runout : Unknown::toe_runout, s.wheel))
        s.runout = spot.rolled ? -1.0 : 1.0;
    s.centred = has(Unknown::axle_middle, s.axle);
    s.seated = lies_as_it_touches(r) && has(Unknown::seat, s.wheel ^ 2);
    s.cambered = has(Unknown::camber, s.wheel) && has(Unknown::camber, s.wheel ^ 2);
    const auto& rise = now.rise[static_cast<std::size_t>(s.side)];
    const bool rim = spot.kind == ReadingKind::rim_front || spot.kind == ReadingKind::rim_rear;
    if (rim && rise && has(Unknown::camber, s.wheel)) {
        s.heights = true;
        std::tie(s.edge_x, s.edge_z) = lip_met(*rise, axle == Axle::front, s.x, s.span / 2,
                                               spot.kind == ReadingKind::rim_front ? 1.0 : -1.0);
    }
    return s;
}

double base_value(const Reading& r, const Tool* tool) {
    double v = r.value.value;
    const bool lean = r.spot.kind == ReadingKind::camber || r.spot.kind == ReadingKind::camber_reversed;
    const Side side = r.spot.wheel ? side_of(*r.spot.wheel) : Side::left;
    if (tool && tool->quantity == r.value.kind && r.value.kind == QuantityKind::length) {
        v = undone(v, *tool, side, r.top_in);
    } else if (tool && tool->quantity == r.value.kind && lean) {
        // Turned end for end its zero counts the other way.
        if (r.spot.kind == ReadingKind::camber_reversed) v += 2 * tool->zero;
        v = undone(v, *tool, side, r.top_in);
    } else if (tool && r.spot.kind == ReadingKind::camber_swing) {
        if (side == Side::left ? tool->more_is_in_left : tool->more_is_in_right) v = -v;
    }
    v = r.value.kind == QuantityKind::length ? v / 1000.0 : v * one_degree;
    if (r.spot.kind == ReadingKind::camber_gap) v = std::abs(v) * (r.top_in.value_or(false) ? -1.0 : 1.0);
    return v;
}

double to_base(double sigma, QuantityKind kind) {
    return kind == QuantityKind::length ? sigma / 1000.0 : sigma * one_degree;
}

Eigen::VectorXd gradient_at(const Site& site, const Current& current, std::vector<double> x) {
    Eigen::VectorXd row = Eigen::VectorXd::Zero(static_cast<int>(x.size()));
    std::vector<int> asked;
    predict<double>(site, Recorder{&current, &x, &asked});
    constexpr double h = 1e-5;
    for (int i : asked) {
        std::vector<int> again;
        const double here = x[i];
        x[i] = here + h;
        const double up = predict<double>(site, Recorder{&current, &x, &again});
        x[i] = here - h;
        const double down = predict<double>(site, Recorder{&current, &x, &again});
        x[i] = here;
        row[i] = (up - down) / (2 * h);
    }
    return row;
}

bool depends_on_known(const Site& site, const Current& current) {
    bool all = true;
    predict<double>(site, [&](Unknown what, int where) {
        all = all && current.contains({what, where});
        return 0.1;
    });
    return all;
}

StringRise rise_over_hubs(const std::map<double, double>& heights, const CarCard& car) {
    const double n = static_cast<double>(heights.size());
    double mx = 0, mh = 0, xx = 0, xh = 0;
    for (const auto& [x, h] : heights) mx += x / n, mh += h / n;
    for (const auto& [x, h] : heights) xx += (x - mx) * (x - mx), xh += (x - mx) * (h - mh);
    const double slope = xx > 0 ? xh / xx : 0.0;
    const auto &front = car.axles[0].hub_height, &rear = car.axles[1].hub_height;
    // What makes camber show as toe is how the string rises in space, not against the line of the hubs; where
    // the lip is met is over each hub's own height.
    if (front && rear && heights.size() > 1)
        return {mh - slope * mx - rear->m(), slope, (*front - *rear).m()};
    return {-slope * car.wheelbase->m() / 2, slope, 0.0};
}

std::optional<Eigen::VectorXd> row_of(const Estimate& e, const Reading& like) {
    if (e.round < 0 || !e.posterior) return std::nullopt;
    const Posterior& p = *e.posterior;
    if (like.spot.kind == ReadingKind::string_height || missing_for(like, p.standing)) return std::nullopt;
    try {
        return gradient_at(site_of(like, p.standing, p.now), p.now,
                           std::vector<double>(p.x.data(), p.x.data() + p.x.size()));
    } catch (const std::out_of_range&) {
        return std::nullopt;  // it depends on something that this estimate does not know of
    }
}

}  // namespace fairchalk
