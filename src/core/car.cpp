// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/car.h"

#include <algorithm>
#include <cmath>

namespace fairchalk {
namespace {

template <class E, std::size_t N>
std::optional<E> named(const std::array<std::string_view, N>& names, std::string_view word) {
    const auto it = std::find(names.begin(), names.end(), word);
    if (it == names.end()) return std::nullopt;
    return static_cast<E>(it - names.begin());
}

constexpr std::array<std::string_view, 4> wheel_names = {"front-left", "front-right", "rear-left",
                                                         "rear-right"};
constexpr std::array<std::string_view, 2> axle_names = {"front", "rear"};
constexpr std::array<std::string_view, 2> side_names = {"left", "right"};
constexpr std::array<std::string_view, 7> measure_names = {"total_toe",    "toe",          "camber", "caster",
                                                           "cross_camber", "cross_caster", "thrust"};

}  // namespace

std::string_view name_of(Wheel w) {
    return wheel_names[index_of(w)];
}
std::string_view name_of(Axle a) {
    return axle_names[index_of(a)];
}
std::string_view name_of(Side s) {
    return side_names[index_of(s)];
}
std::string_view name_of(Measure m) {
    return measure_names[index_of(m)];
}
std::optional<Wheel> wheel_named(std::string_view s) {
    return named<Wheel>(wheel_names, s);
}
std::optional<Axle> axle_named(std::string_view s) {
    return named<Axle>(axle_names, s);
}
std::optional<Side> side_named(std::string_view s) {
    return named<Side>(side_names, s);
}
std::optional<Measure> measure_named(std::string_view s) {
    return named<Measure>(measure_names, s);
}

const Rod* CarCard::rod(std::string_view id) const {
    for (const Adjuster& a : adjusters)
        if (const Rod* r = std::get_if<Rod>(&a); r && r->id == id) return r;
    return nullptr;
}

const Rod* CarCard::rod_at(Wheel w) const {
    for (const Adjuster& a : adjusters)
        if (const Rod* r = std::get_if<Rod>(&a); r && r->wheel == w) return r;
    return nullptr;
}

std::string Target::name() const {
    if (const Axle* a = std::get_if<Axle>(&where))
        return std::string(name_of(*a)) + "." + std::string(name_of(measure));
    if (const Wheel* w = std::get_if<Wheel>(&where))
        return std::string(name_of(*w)) + "." + std::string(name_of(measure));
    return std::string(name_of(measure));
}

Result<Angle> toe_angle_of(const Quantity& q, const ToeAsLength& terms) {
    if (q.kind == QuantityKind::angle) return q.angle();
    if (q.kind != QuantityKind::length) return fail(Code::text_wanted_length, q.text);
    if (!terms.span) return fail(Code::text_span_missing, q.text);
    const double ratio = q.length() / *terms.span * (terms.half_difference ? 2.0 : 1.0);
    if (!(std::abs(ratio) < 1.0)) return fail(Code::job_out_of_reach, q.text, write_exact(*terms.span));
    return Angle::from_rad(std::asin(ratio));
}

Result<Target> target_from(Measure measure, const Quantity& aim, const std::optional<Quantity>& minus,
                           const std::optional<Quantity>& plus, const ToeAsLength& terms) {
    Target t;
    t.measure = measure;
    auto center = toe_angle_of(aim, terms);
    if (!center) return tl::unexpected(center.error());
    t.aim = t.lo = t.hi = *center;
    const auto edge = [&](const Quantity& tolerance, double sign) -> Result<Angle> {
        if (tolerance.kind == aim.kind) {
            Quantity at_edge = aim;
            at_edge.value += sign * std::abs(tolerance.value);
            return toe_angle_of(at_edge, terms);
        }
        auto width = toe_angle_of(tolerance, terms);
        if (!width) return width;
        return *center + abs(*width) * sign;
    };
    if (minus || plus) {
        auto lo = edge(minus ? *minus : *plus, -1.0);
        auto hi = edge(plus ? *plus : *minus, +1.0);
        if (!lo) return tl::unexpected(lo.error());
        if (!hi) return tl::unexpected(hi.error());
        t.lo = *lo;
        t.hi = *hi;
    }
    t.has_tolerance = t.hi > t.lo;
    return t;
}

}  // namespace fairchalk
