// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/car/car.h"

#include <algorithm>
#include <cctype>
#include <cmath>

#include "core/car/steering_rod.h"
#include "core/quantity/named.h"

namespace fairchalk {
namespace {

constexpr std::array<std::string_view, 4> wheel_names = {"front-left", "front-right", "rear-left",
                                                         "rear-right"};
constexpr std::array<std::string_view, 2> axle_names = {"front", "rear"};
constexpr std::array<std::string_view, 2> side_names = {"left", "right"};
constexpr std::array<std::string_view, 7> measure_names = {"total_toe",    "toe",          "camber", "caster",
                                                           "cross_camber", "cross_caster", "thrust"};

constexpr std::array<std::string_view, 7> suspension_names = {
    "unknown", "double-wishbone", "strut", "beam", "trailing-arm", "semi-trailing-arm", "multi-link"};
constexpr std::array<std::string_view, 4> drive_names = {"unknown", "front", "rear", "all"};
constexpr std::array<std::string_view, 3> steering_names = {"unknown", "rack", "box"};

}  // namespace

std::string_view name_of(Suspension s) {
    return suspension_names[index_of(s)];
}
std::string_view name_of(Drive d) {
    return drive_names[index_of(d)];
}
std::string_view name_of(Steering s) {
    return steering_names[index_of(s)];
}
std::optional<Suspension> suspension_named(std::string_view s) {
    return named<Suspension>(suspension_names, s);
}
std::optional<Drive> drive_named(std::string_view s) {
    return named<Drive>(drive_names, s);
}
std::optional<Steering> steering_named(std::string_view s) {
    return named<Steering>(steering_names, s);
}
std::string_view name_of(Wheel w) {
    return wheel_names[index_of(w)];
}
std::string_view name_of(Axle a) {
    return axle_names[index_of(a)];
}
std::string_view name_of(Side s) {
    return side_names[index_of(s)];
}
std::string_view name_of(WheelAngle a) {
    return name_of(measure_of(a));
}
Measure measure_of(WheelAngle a) {
    constexpr std::array measures = {Measure::toe, Measure::camber, Measure::caster};
    return measures[index_of(a)];
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

bool CarCard::looked_at(std::string_view adjuster, std::string_view field) const {
    return std::any_of(looked.begin(), looked.end(),
                       [&](const auto& l) { return l.first == adjuster && l.second == field; });
}

int CarCard::place_of(std::string_view id) const {
    for (std::size_t i = 0; i < adjusters.size(); ++i)
        if (adjusters[i].id == id) return static_cast<int>(i);
    return -1;
}

const Adjuster* CarCard::adjuster(std::string_view id) const {
    const int i = place_of(id);
    return i < 0 ? nullptr : &adjusters[static_cast<std::size_t>(i)];
}

const Adjuster* CarCard::device(std::string_view id) const {
    const Adjuster* a = adjuster(id);
    return a && !is_rod(*a) ? a : nullptr;
}

const Adjuster* CarCard::rod(std::string_view id) const {
    for (const Adjuster& a : adjusters)
        if (is_rod(a) && a.id == id) return &a;
    return nullptr;
}

std::optional<std::string> CarCard::torque_of(std::string_view part) const {
    // The card's words are the user's: one within the other is near enough, the longest match wins.
    const auto lower = [](std::string_view s) {
        std::string out(s);
        std::transform(out.begin(), out.end(), out.begin(), [](unsigned char c) { return std::tolower(c); });
        return out;
    };
    // Word by word: all that the card says stands in what is asked for, in whatever order, or the other way.
    const auto words_of = [](const std::string& s) {
        std::vector<std::string> out(1);
        for (const char c : s)
            if (std::isalnum(static_cast<unsigned char>(c)) != 0 || static_cast<unsigned char>(c) >= 0x80)
                out.back() += c;
            else if (!out.back().empty())
                out.emplace_back();
        if (out.back().empty()) out.pop_back();
        return out;
    };
    const auto within = [](const std::vector<std::string>& some, const std::vector<std::string>& all) {
        return std::all_of(some.begin(), some.end(), [&](const std::string& w) {
            return std::find(all.begin(), all.end(), w) != all.end();
        });
    };
    const std::string wanted = lower(part);
    const std::vector<std::string> asked = words_of(wanted);
    const TorqueOnCard* best = nullptr;
    for (const TorqueOnCard& t : torques) {
        const std::string has = lower(t.part);
        const std::vector<std::string> said = words_of(has);
        if (said.empty() || asked.empty() || (!within(said, asked) && !within(asked, said))) continue;
        if (!best || t.part.size() > best->part.size()) best = &t;
    }
    return best ? std::optional(best->torque) : std::nullopt;
}

const Adjuster* CarCard::rod_at(Wheel w) const {
    for (const Adjuster& a : adjusters)
        if (is_rod(a) && a.wheel == w) return &a;
    return nullptr;
}

std::string CarAngle::name() const {
    if (const Axle* a = std::get_if<Axle>(&where))
        return std::string(name_of(*a)) + "." + std::string(name_of(measure));
    if (const Wheel* w = std::get_if<Wheel>(&where))
        return std::string(name_of(*w)) + "." + std::string(name_of(measure));
    return std::string(name_of(measure));
}

std::optional<CarAngle> car_angle_named(std::string_view name) {
    for (const CarAngle& a : angles_of_a_car())
        if (a.name() == name) return a;
    return std::nullopt;
}

std::span<const CarAngle> angles_of_a_car() {
    static const std::vector<CarAngle> all = [] {
        std::vector<CarAngle> out;
        for (Axle axle : both_axles) {
            for (Side side : both_sides) {
                const Wheel w = wheel_at(axle, side);
                out.push_back({Measure::toe, w});
                out.push_back({Measure::camber, w});
                if (axle == Axle::front) out.push_back({Measure::caster, w});
            }
            out.push_back({Measure::total_toe, axle});
            out.push_back({Measure::cross_camber, axle});
            if (axle == Axle::front) out.push_back({Measure::cross_caster, axle});
        }
        out.push_back({Measure::thrust, std::monostate()});
        return out;
    }();
    return all;
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
    if (minus) {
        const auto lo = edge(*minus, -1.0);
        if (!lo) return tl::unexpected(lo.error());
        t.lo = *lo;
    }
    if (plus) {
        const auto hi = edge(*plus, +1.0);
        if (!hi) return tl::unexpected(hi.error());
        t.hi = *hi;
    }
    t.has_tolerance = t.hi > t.lo;
    return t;
}

}  // namespace fairchalk
