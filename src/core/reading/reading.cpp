// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/reading.h"

#include <algorithm>

#include "core/quantity/named.h"
#include "core/reading/reading_kind.h"

namespace fairchalk {
namespace {

using Q = QuantityKind;

// Floors of what a hand can read, so that a value typed with many decimals does not claim to be exact.
constexpr double least_sigma_mm = 0.02;
constexpr double least_sigma_deg = 0.005;

}  // namespace

namespace {
constexpr std::array<std::string_view, 3> tread_names = {"outer", "middle", "inner"};
}

std::string_view name_of(TreadPlace t) {
    return tread_names[static_cast<std::size_t>(index_of(t))];
}
std::optional<TreadPlace> tread_place_named(std::string_view word) {
    return named<TreadPlace>(tread_names, word);
}

std::string Spot::name() const {
    std::string out;
    if (wheel) out = name_of(*wheel);
    if (axle) out = name_of(*axle);
    if (side) out = name_of(*side);
    if (tread) out += " " + std::string(name_of(*tread));
    if (to) out += " to " + std::string(name_of(*to));
    if (reading_kind(kind).place() == PlaceKind::bar) out += " bar";
    if (rolled) out += " rolled";
    if (swept != Swept::straight) out += swept == Swept::out ? " turned out" : " turned in";
    if (station) out += " at " + write_exact(*station);
    if (out.empty()) return std::string(reading_kind(kind).name());
    return out + " " + std::string(reading_kind(kind).name());
}

Spot wheel_spot(ReadingId kind, Wheel wheel) {
    Spot s;
    s.kind = kind;
    s.wheel = wheel;
    return s;
}

Spot tread_spot(ReadingId kind, Wheel wheel, TreadPlace at) {
    Spot s = wheel_spot(kind, wheel);
    s.tread = at;
    return s;
}

Spot axle_spot(ReadingId kind, Axle axle) {
    Spot s;
    s.kind = kind;
    s.axle = axle;
    return s;
}

Spot swept_spot(ReadingId kind, Wheel wheel, Swept swept) {
    Spot s = wheel_spot(kind, wheel);
    s.swept = swept;
    return s;
}

Spot station_spot(ReadingId kind, Side side, Length station) {
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
    return !stated_sigma && value.kind == Q::length && reading_kind(spot.kind).use() == ReadingUse::angles
               ? spot_error.mm()
               : 0.0;
}

double Reading::heading(const CarCard& car) const {
    if (turned) return turned->rad();
    return wheel_turned ? wheel_turned->rad() / car.steering_ratio.value_or(usual_steering_ratio) : 0.0;
}

}  // namespace fairchalk
