// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/site.h"

#include <algorithm>
#include <cmath>
#include <tuple>

#include "core/job/floor.h"
#include "core/job/rig.h"
#include "core/network/estimate.h"
#include "core/network/gradient.h"

namespace fairchalk {

namespace {

/// What is lacking, and what would be given; nothing where it is there.
std::optional<Message> lacking(Lack what, const Reading& r, const Standing& now) {
    const auto size = [](bool there, const char* name) {
        return there ? std::nullopt : std::optional(Message{Code::why_needs_sizes, {name}});
    };
    switch (what) {
        case Lack::wheelbase:
            if (!now.car.wheelbase) return Message{Code::why_needs_wheelbase, {}};
            break;
        case Lack::rim_span: {
            const Axle axle = axle_of(*r.spot.wheel);
            if (!now.car.axle(axle).rim_span)
                return Message{Code::why_needs_rim_span, {std::string(name_of(axle))}};
            break;
        }
        case Lack::bar: {
            const auto& bar =
                *r.spot.axle == Axle::front ? now.lines.bars.front_ahead : now.lines.bars.rear_behind;
            if (!bar) return Message{Code::why_needs_bar, {std::string(name_of(*r.spot.axle))}};
            break;
        }
        case Lack::span:
            // Of what is taped at both edges it is a size of the rig; else the toe is stated over it.
            for (const Rig* rig : all_rigs())
                for (const SizeField& s : rig->sizes)
                    if (s.becomes == &Reading::span &&
                        std::find(rig->kinds.begin(), rig->kinds.end(), r.spot.kind) != rig->kinds.end())
                        return size(r.span.has_value(), s.name.data());
            if (!r.span) return Message{Code::text_span_missing, {r.value.text}};
            break;
        case Lack::gap_height:
            if (!r.height) return Message{Code::job_missing, {"height"}};
            break;
        case Lack::top:
            if (!r.top_in) return Message{Code::job_missing, {"top"}};
            break;
        case Lack::mark:
            return size(r.mark.has_value(), "mark");
        case Lack::arm_span:
            return size(r.arm_span.has_value(), "arm_span");
        case Lack::turned:
            return size(r.turned || r.wheel_turned, "turned");
        case Lack::from:
            return size(r.from.has_value(), "from");
        case Lack::height:
            return size(r.height.has_value(), "height");
    }
    return std::nullopt;
}

}  // namespace

std::optional<Message> missing_for(const Reading& r, const Standing& now) {
    const ReadingKind& kind = reading_kind(r.spot.kind);
    if (!kind.solved()) return Message{Code::why_not_solved_yet, {std::string(kind.name())}};
    if ((r.turned || r.wheel_turned) && r.spot.wheel && axle_of(*r.spot.wheel) == Axle::rear)
        return Message{Code::why_rear_not_steered, {}};
    for (Lack what : kind.needs(r))
        if (auto why = lacking(what, r, now)) return why;
    return std::nullopt;
}

Reading completed(Reading r, const LinesSet& lines) {
    for (const SizeField& size : rig_of(r.spot.kind).sizes)
        if (!(r.*size.becomes)) r.*size.becomes = lines.sizes.*size.field;
    return r;
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
    return !r.stated_sigma && reading_kind(r.spot.kind).lies_on_other_wheel();
}

Site site_of(const Reading& r, const Standing& now, const Current& current) {
    const Spot& spot = r.spot;
    const ReadingKind& kind = reading_kind(spot.kind);
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
    s.line = place_of_line(s.side, kind.line());
    if (const auto pair = kind.taped_pair(spot.kind)) s.pair = index_of(*pair);
    const Axle axle = s.axle == 0 ? Axle::front : Axle::rear;
    s.wheelbase = car.wheelbase.value_or(usual_wheelbase).m();
    s.track = slope_base(car, axle).m();
    s.ratio = car.steering_ratio.value_or(usual_steering_ratio);
    s.x = axle == Axle::front ? s.wheelbase : 0.0;
    s.other_x = s.wheelbase - s.x;
    if (kind.place() == PlaceKind::bar)
        s.x = axle == Axle::front ? s.wheelbase + now.lines.bars.front_ahead.value_or(Length()).m()
                                  : -now.lines.bars.rear_behind.value_or(Length()).m();
    if (spot.station) s.x = spot.station->m();
    if (car.axle(axle).rim_span) s.span = car.axle(axle).rim_span->m();
    if (now.tiles && kind.against_gravity() && !r.zeroed_on_floor) {
        s.floor = true;
        for (std::size_t w = 0; w < 4; ++w) s.tiles[w] = (*now.tiles)[w].m();
    }
    s.steered = now.steered;
    if (r.span) s.span = r.span->m();
    if (r.height) s.height = r.height->m();
    s.as_length = kind.toe_as_length() && r.value.kind == QuantityKind::length;
    s.turned = r.heading(car);
    if (r.from) s.from = r.from->rad();
    if (r.swept) {
        s.swept = r.swept->rad();
        s.scale_for = r.scale_for.value_or(usual_sweep).rad();
    }
    if (r.mark) s.mark = r.mark->m();
    if (r.arm_span) s.arm_span = r.arm_span->m();
    const auto has = [&](Unknown what, int where) { return current.contains({what, where}); };
    s.guessed_toe = kind.against_gravity() && has(Unknown::sweep_toe, s.wheel);
    const auto tool = std::find(now.tools.begin(), now.tools.end(), r.tool);
    if (tool != now.tools.end() && !r.zeroed_on_floor) s.zero = static_cast<int>(tool - now.tools.begin());
    s.zero_sign = kind.end_for_end() ? -1.0 : 1.0;
    // What goes from wheel to wheel along a side has that of both rims, or of neither.
    const Unknown runout = kind.against_gravity() ? Unknown::camber_runout : Unknown::toe_runout;
    const bool of_both = kind.lies_on_other_wheel() || kind.joins_side();
    if (spot.wheel && has(runout, s.wheel) && (!of_both || has(runout, s.wheel ^ 2)))
        s.runout = spot.rolled ? -1.0 : 1.0;
    if (spot.axle && !r.stated_sigma && has(Unknown::toe_runout, place_of_board(s.axle * 2, spot.rolled)))
        s.runout = 1.0;
    s.quarter_on = spot.rolled;
    s.centred = has(Unknown::axle_middle, s.axle);
    s.seated = lies_as_it_touches(r) && has(Unknown::seat, s.wheel ^ 2);
    s.cambered = has(Unknown::camber, s.wheel) && has(Unknown::camber, s.wheel ^ 2);
    const auto& rise = now.rise[static_cast<std::size_t>(s.side)];
    if (kind.on_lip() && rise && has(Unknown::camber, s.wheel)) {
        s.heights = true;
        std::tie(s.edge_x, s.edge_z) = lip_met(*rise, axle == Axle::front, s.x, s.span / 2, kind.end());
    }
    return s;
}

double to_base(double sigma, QuantityKind kind) {
    return kind == QuantityKind::length ? sigma / 1000.0 : sigma * one_degree;
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
    const Reading there = completed(like, p.standing.lines);
    if (reading_kind(there.spot.kind).only_corrects() || missing_for(there, p.standing)) return std::nullopt;
    try {
        return gradient_at(site_of(there, p.standing, p.now), p.now, p.x);
    } catch (const std::out_of_range&) {
        return std::nullopt;  // it depends on something that this estimate does not know of
    }
}

}  // namespace fairchalk
