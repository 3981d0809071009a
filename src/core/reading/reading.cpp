// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/reading.h"

#include <algorithm>
#include <array>
#include <utility>

namespace fairchalk {
namespace {

using K = ReadingKind;
using P = PlaceKind;
using Q = QuantityKind;

constexpr std::array kinds = {
    ReadingKindInfo{K::hub, "hub", P::wheel, Q::length, false, true},
    ReadingKindInfo{K::rim_front, "rim-front", P::wheel, Q::length, false, true},
    ReadingKindInfo{K::rim_rear, "rim-rear", P::wheel, Q::length, false, true},
    ReadingKindInfo{K::string_to_string, "string-to-string", P::bar, Q::length, false, true},
    ReadingKindInfo{K::hub_width, "hub-width", P::axle, Q::length, false, true},
    ReadingKindInfo{K::boards_front, "boards-front", P::axle, Q::length, false, true},
    ReadingKindInfo{K::boards_rear, "boards-rear", P::axle, Q::length, false, true},
    ReadingKindInfo{K::stud_bar_front, "stud-bar-front", P::axle, Q::length, false, true},
    ReadingKindInfo{K::stud_bar_rear, "stud-bar-rear", P::axle, Q::length, false, true},
    ReadingKindInfo{K::tread_front, "tread-front", P::axle, Q::length, false, true},
    ReadingKindInfo{K::tread_rear, "tread-rear", P::axle, Q::length, false, true},
    ReadingKindInfo{K::tape_difference, "tape-difference", P::axle, Q::length, false, true},
    ReadingKindInfo{K::toe_angle, "toe-angle", P::wheel_or_axle, Q::angle, true, true},
    ReadingKindInfo{K::centreline_to_string, "centreline-to-string", P::side_station, Q::length, false, true},
    ReadingKindInfo{K::straightedge_front, "straightedge-front", P::wheel, Q::length, false, true},
    ReadingKindInfo{K::straightedge_rear, "straightedge-rear", P::wheel, Q::length, false, true},
    ReadingKindInfo{K::arm_jig, "arm-jig", P::wheel, Q::length, false, true},
    ReadingKindInfo{K::string_height, "string-height", P::side_station, Q::length, false, true},
    ReadingKindInfo{K::camber, "camber", P::wheel, Q::angle, false, true},
    ReadingKindInfo{K::camber_gap, "camber-gap", P::wheel, Q::length, false, true},
    ReadingKindInfo{K::camber_reversed, "camber-reversed", P::wheel, Q::angle, false, true},
    ReadingKindInfo{K::camber_plumb_upper, "camber-plumb-upper", P::wheel, Q::length, false, true},
    ReadingKindInfo{K::camber_plumb_lower, "camber-plumb-lower", P::wheel, Q::length, false, true},
    ReadingKindInfo{K::camber_swing, "camber-swing", P::wheel, Q::angle, false, true},
    ReadingKindInfo{K::rim_runout, "rim-runout", P::wheel, Q::length, false, false, ReadingUse::state},
    ReadingKindInfo{K::caster, "caster", P::wheel, Q::angle, false, true},
    ReadingKindInfo{K::axis_offset, "axis-offset", P::wheel, Q::length, false, true},
    ReadingKindInfo{K::ride_height, "ride-height", P::wheel, Q::length, false, false, ReadingUse::state},
    ReadingKindInfo{K::steering_wheel, "steering-wheel", P::car, Q::angle, false, true},
    ReadingKindInfo{K::pressure, "pressure", P::wheel, Q::pressure, false, false, ReadingUse::state},
    ReadingKindInfo{K::rod_length, "rod-length", P::wheel, Q::length, false, false, ReadingUse::state},
    ReadingKindInfo{K::thread_exposed, "thread-exposed", P::wheel, Q::length, false, false,
                    ReadingUse::state},
    ReadingKindInfo{K::tire_bulge, "tire-bulge", P::wheel, Q::length, false, false, ReadingUse::state},
    ReadingKindInfo{K::floor_line, "floor-line", P::wheel, Q::length, false, true, ReadingUse::floor},
    ReadingKindInfo{K::floor_rise, "floor-rise", P::leg, Q::length, true, true, ReadingUse::floor},
    ReadingKindInfo{K::lock_to_lock, "lock-to-lock", P::car, Q::turns, false, false, ReadingUse::state},
    ReadingKindInfo{K::steering_play, "steering-play", P::side, Q::angle, false, false, ReadingUse::state},
};

// Floors of what a hand can read, so that a value typed with many decimals does not claim to be exact.
constexpr double least_sigma_mm = 0.02;
constexpr double least_sigma_deg = 0.005;

}  // namespace

std::span<const ReadingKindInfo> reading_kinds() {
    return kinds;
}
const ReadingKindInfo& info_of(ReadingKind kind) {
    return kinds[static_cast<std::size_t>(kind)];
}

const ReadingKindInfo* reading_kind_named(std::string_view name) {
    const auto it = std::find_if(kinds.begin(), kinds.end(), [&](const auto& k) { return k.name == name; });
    return it == kinds.end() ? nullptr : &*it;
}

std::optional<ReadingKind> other_edge(ReadingKind kind) {
    constexpr std::array<std::pair<K, K>, 6> edges = {{{K::rim_front, K::rim_rear},
                                                       {K::boards_front, K::boards_rear},
                                                       {K::stud_bar_front, K::stud_bar_rear},
                                                       {K::tread_front, K::tread_rear},
                                                       {K::straightedge_front, K::straightedge_rear},
                                                       {K::camber_plumb_upper, K::camber_plumb_lower}}};
    for (const auto& [a, b] : edges)
        if (kind == a || kind == b) return kind == a ? b : a;
    return std::nullopt;
}

std::optional<ReadingKind> taped_pair(ReadingKind kind) {
    const auto other = other_edge(kind);
    if (!other || info_of(kind).place != P::axle) return std::nullopt;
    return std::min(kind, *other);
}

bool against_gravity(ReadingKind kind) {
    switch (kind) {
        case K::camber:
        case K::camber_gap:
        case K::camber_reversed:
        case K::camber_plumb_upper:
        case K::camber_plumb_lower:
        case K::camber_swing:
        case K::caster:
        case K::axis_offset:
            return true;
        default:
            return false;
    }
}

std::string Spot::name() const {
    std::string out;
    if (wheel) out = name_of(*wheel);
    if (axle) out = name_of(*axle);
    if (side) out = name_of(*side);
    if (to) out += " to " + std::string(name_of(*to));
    if (info_of(kind).place == P::bar) out += " bar";
    if (rolled) out += " rolled";
    if (swept != Swept::straight) out += swept == Swept::out ? " turned out" : " turned in";
    if (station) out += " at " + write_exact(*station);
    if (out.empty()) return std::string(info_of(kind).name);
    return out + " " + std::string(info_of(kind).name);
}

Spot wheel_spot(ReadingKind kind, Wheel wheel) {
    Spot s;
    s.kind = kind;
    s.wheel = wheel;
    return s;
}

Spot axle_spot(ReadingKind kind, Axle axle) {
    Spot s;
    s.kind = kind;
    s.axle = axle;
    return s;
}

Spot swept_spot(ReadingKind kind, Wheel wheel, Swept swept) {
    Spot s = wheel_spot(kind, wheel);
    s.swept = swept;
    return s;
}

Spot station_spot(ReadingKind kind, Side side, Length station) {
    Spot s;
    s.kind = kind;
    s.side = side;
    s.station = station;
    return s;
}

double Reading::inch_division() const {
    const bool fraction =
        !stated_sigma && tool.empty() && value.kind == Q::length && is_inch_division(value.resolution);
    return fraction ? value.resolution : 0.0;
}

double Reading::sigma(const Tool* own, double finest) const {
    if (stated_sigma) return *stated_sigma;
    const bool length = value.kind == Q::length;
    double s = value.sigma();
    // Strong and weak are a finer look at the same rule than its default.
    if (const Tool* t = own ? own : standard_tool(tool);
        t && t->sigma > 0 && t->quantity == value.kind && value.strength == Strength::none)
        s = t->sigma;
    else if (finest > 0 && inch_division() > finest)
        s *= finest / value.resolution;
    return std::max(s, length ? least_sigma_mm : value.kind == Q::angle ? least_sigma_deg : 1e-6);
}

double Reading::spot_sigma() const {
    return !stated_sigma && value.kind == Q::length && info_of(spot.kind).use == ReadingUse::angles
               ? spot_error.mm()
               : 0.0;
}

const std::vector<Spot>& string_walk() {
    static const std::vector<Spot> walk = [] {
        std::vector<Spot> w;
        const auto wheel = [&](Wheel at, bool forward) {
            const ReadingKind first = forward ? K::rim_rear : K::rim_front;
            const ReadingKind last = forward ? K::rim_front : K::rim_rear;
            for (ReadingKind kind : {first, K::hub, last}) w.push_back(wheel_spot(kind, at));
        };
        wheel(Wheel::rear_left, true);
        wheel(Wheel::front_left, true);
        w.push_back(axle_spot(K::string_to_string, Axle::front));
        wheel(Wheel::front_right, false);
        wheel(Wheel::rear_right, false);
        w.push_back(axle_spot(K::string_to_string, Axle::rear));
        return w;
    }();
    return walk;
}

}  // namespace fairchalk
