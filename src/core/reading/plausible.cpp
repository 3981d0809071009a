// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/plausible.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <functional>

#include "core/quantity/named.h"
#include "core/quantity/translatable.h"

namespace fairchalk {
namespace {

using Q = QuantityKind;

/// Usual bounds in mm, degrees, turns, bar, Nm, °C. Wide on purpose: karts and lorries pass.
struct Bound {
    Bounded what;
    const char* name;
    Q kind;
    double lo, hi;
    bool may_be_negative = false;
};

constexpr std::array bounds = {
    Bound{Bounded::wheelbase, TR_NOOP("a wheelbase"), Q::length, 900, 7000},
    Bound{Bounded::track, TR_NOOP("a track"), Q::length, 700, 2600},
    Bound{Bounded::rim_span, TR_NOOP("the span of a rim"), Q::length, 100, 1200},
    Bound{Bounded::hub_width, TR_NOOP("the width over the hubs"), Q::length, 700, 2600},
    Bound{Bounded::thread_pitch, TR_NOOP("a thread's pitch"), Q::length, 0.5, 4},
    Bound{Bounded::steering_arm, TR_NOOP("a steering arm"), Q::length, 50, 300},
    Bound{Bounded::bar_distance, TR_NOOP("the distance of a bar"), Q::length, 50, 3000},
    Bound{Bounded::pressure, TR_NOOP("a tire's pressure"), Q::pressure, 0.4, 6.5},
    Bound{Bounded::ride_height, TR_NOOP("a ride height"), Q::length, 30, 1200},
    Bound{Bounded::rod_length, TR_NOOP("a rod's length"), Q::length, 40, 1800},
    Bound{Bounded::thread_exposed, TR_NOOP("the thread that shows"), Q::length, 0, 120},
    Bound{Bounded::tile, TR_NOOP("a tile's thickness"), Q::length, 0.3, 60},
    Bound{Bounded::floor_line, TR_NOOP("the height of a level line"), Q::length, 5, 2500},
    Bound{Bounded::floor_rise, TR_NOOP("the rise of a floor between two wheels"), Q::length, -120, 120, true},
    Bound{Bounded::hub_to_string, TR_NOOP("the distance from a wheel to its string"), Q::length, 5, 900},
    Bound{Bounded::bar_width, TR_NOOP("the width from string to string"), Q::length, 900, 4000},
    Bound{Bounded::wheel_off, TR_NOOP("how far a steering wheel is off"), Q::angle, -90, 90, true},
    Bound{Bounded::lock_to_lock, TR_NOOP("turns from lock to lock"), Q::turns, 0.5, 8},
    Bound{Bounded::steering_ratio, TR_NOOP("a steering ratio"), Q::turns, 5, 40},
    Bound{Bounded::torque, TR_NOOP("a torque"), Q::torque, 2, 600},
    Bound{Bounded::camber, TR_NOOP("a wheel's lean"), Q::angle, -12, 12, true},
    Bound{Bounded::upright_gauge, TR_NOOP("a wheel's angle from level"), Q::angle, 78, 102},
    Bound{Bounded::caster, TR_NOOP("a caster"), Q::angle, -5, 20, true},
    Bound{Bounded::toe, TR_NOOP("a total toe"), Q::angle, -6, 6, true},
    Bound{Bounded::across_axle, TR_NOOP("a tape across an axle"), Q::length, 700, 2800},
    Bound{Bounded::tape_difference, TR_NOOP("the difference of two tapes"), Q::length, -60, 60, true},
    Bound{Bounded::near_string, TR_NOOP("such a reading"), Q::length, -500, 1500, true},
    Bound{Bounded::tread_depth, TR_NOOP("the depth of a tread"), Q::length, 0, 24},
    Bound{Bounded::tire_temperature, TR_NOOP("a tire's temperature"), Q::temperature, -20, 150, true},
};

const Bound& bound_of(Bounded what) {
    return *std::find_if(bounds.begin(), bounds.end(), [&](const Bound& b) { return b.what == what; });
}

struct UnitName {
    const char* name;
    double in_base;
};
std::vector<UnitName> units_of(Q kind) {
    switch (kind) {
        case Q::length:
            return {{"mm", 1}, {"in", 25.4}, {"cm", 10}, {"m", 1000}, {"ft", 304.8}};
        case Q::pressure:
            return {{"bar", 1}, {"psi", 0.0689475729}, {"kPa", 0.01}};
        case Q::torque:
            return {{"Nm", 1}, {"lb ft", 1.3558179483}};
        case Q::angle:
            return {{"deg", 1}, {"min", 1.0 / 60}};
        case Q::turns:
            return {{"turns", 1}, {"flats", 1.0 / 6}};
        case Q::temperature:
            return {{"C", 1}};
    }
    return {};
}

/// The number as it was typed, without its unit, sign or words.
std::string number_of(const std::string& text) {
    std::string out;
    for (char c : text) {
        const bool part =
            (c >= '0' && c <= '9') || c == '.' || c == ',' || c == '/' || (c == ' ' && !out.empty());
        if (!part && out.empty()) continue;
        if (!part) break;
        out += c;
    }
    while (!out.empty() && (out.back() == ' ' || out.back() == ',')) out.pop_back();
    return out;
}

std::string plain(double value) {
    std::string s = write_exact(Length::from_mm(std::round(value * 1000) / 1000));
    s.resize(s.size() - 3);
    std::replace(s.begin(), s.end(), '.', sayings().decimal);
    return s;
}

}  // namespace

namespace {

/// The unit that it was typed in; the usual one where none is said.
UnitName typed_in(Q kind, const std::string& typed) {
    const std::vector<UnitName> all = units_of(kind);
    for (const UnitName& u : all)
        if ((typed + ' ').find(std::string(" ") + u.name + ' ') != std::string::npos) return u;
    return all.front();
}

}  // namespace

std::pair<std::string, std::string> usual_range(Bounded what, const std::string& typed) {
    const Bound& b = bound_of(what);
    if (b.what == Bounded::steering_ratio) return {plain(b.lo), plain(b.hi)};
    const UnitName unit = typed_in(b.kind, typed);
    // In another unit than they are meant in, bounds are round numbers of that.
    const auto in_unit = [&](double v) {
        if (unit.in_base == 1.0) return plain(v);
        const double is = v / unit.in_base;
        return plain(std::abs(is) < 10.0 ? std::round(is * 10.0) / 10.0 : std::round(is));
    };
    return {in_unit(b.lo), in_unit(b.hi) + ' ' + unit.name};
}

namespace {

std::string in_unit(double value, const UnitName& unit) {
    return plain(value / unit.in_base) + ' ' + unit.name;
}

/// What may have been meant: of the same number in another unit, it with its decimal point elsewhere, and it
/// without its sign, whatever would be usual.
std::vector<std::string> meant_by(const Quantity& q, const std::string& text, bool sign_is_wrong,
                                  const std::function<bool(double)>& usual) {
    std::vector<std::string> out;
    const auto offer = [&](const std::string& s) {
        if (std::find(out.begin(), out.end(), s) == out.end()) out.push_back(s);
    };
    const std::string number = number_of(text);
    const auto as_typed = number.empty() ? tl::unexpected<Message>(Message{})
                                         : read_quantity(number, {Expect::Kind::length, Bare::mm});
    if (as_typed) {
        const double v = as_typed->value / (number.find('/') != std::string::npos ? 25.4 : 1.0);
        for (const UnitName& u : units_of(q.kind))
            if (usual(v * u.in_base) && std::abs(v * u.in_base - q.value) > 1e-9)
                offer(number + " " + u.name);
    }
    const UnitName unit = typed_in(q.kind, q.text);
    if (sign_is_wrong && usual(-q.value)) offer(in_unit(-q.value, unit));
    // A fraction has no decimal point to slip.
    if (out.empty() && number.find('/') == std::string::npos)
        for (double shift : {10.0, 0.1, 100.0, 0.01})
            if (usual(q.value * shift)) offer(in_unit(q.value * shift, unit));
    return out;
}

}  // namespace

std::optional<Doubt> doubt_of(Bounded what, const Quantity& q, const std::string& text) {
    const Bound& b = bound_of(what);
    const auto usual = [&](double v) { return v >= b.lo && v <= b.hi; };
    if (q.kind != b.kind || usual(q.value)) return std::nullopt;
    const bool negative = q.value < 0 && !b.may_be_negative;
    Doubt d;
    d.meant = meant_by(q, text, negative, usual);
    const Code code = negative          ? Code::doubt_negative
                      : d.meant.empty() ? Code::doubt_not_usual
                                        : Code::doubt_impossible;
    const auto [least, most] = usual_range(what, q.text);
    d.question = {code, {text, least, listed(d.meant), b.name, most}};
    return d;
}

std::optional<Doubt> doubt_of(const Within& there, const Quantity& q, const std::string& text) {
    const auto off = [&](double v) { return std::max({there.least - v, v - there.most, 0.0}); };
    const auto usual = [&](double v) { return off(v) <= there.margin; };
    if (usual(q.value)) return std::nullopt;
    Doubt d;
    d.meant = meant_by(q, text, true, usual);
    const UnitName unit = typed_in(q.kind, q.text);
    // As coarse as it is far: a tenth of it tells enough.
    const double by = off(q.value) / unit.in_base;
    const double fine = std::pow(10.0, std::floor(std::log10(by)) - 1.0);
    d.question = {d.meant.empty() ? Code::doubt_unlike : Code::doubt_unlike_meant,
                  {text, in_unit(std::round(by / fine) * fine * unit.in_base, unit), listed(d.meant)}};
    return d;
}

}  // namespace fairchalk
