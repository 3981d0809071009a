// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <compare>
#include <map>
#include <utility>

namespace fairchalk {

/// Unknowns of the problem. `where` is a side, an axle, a wheel or a rod's place on the card.
enum class Unknown {
    string_offset,
    string_skew,
    half_width,
    lip_depth,
    toe,
    camber,
    caster,
    sai,
    arm,
    mid_width,
    floor,        ///< height of a wheel's spot; the level line it is read from is number 4
    steer,        ///< how far the front wheels stood steered to the right
    axle_middle,  ///< of the hub faces, left of the scribed chassis centerline
    toe_runout,   ///< of a rim, as the wheel first stood; half a turn on it is the other way
    sweep_toe,    ///< the toe that a caster sweep starts from
    camber_runout,
    tool_zero,  ///< `where` is the tool's place in `Standing::tools`
    seat,       ///< of a straightedge along a rear rim: how far off that rim's line it lies
    plumb,      ///< from a plumb line to the middle between both lips
    response,   ///< of a device: `where` is place_of_response(place on the card, effect)
    lock,       ///< what locking an adjuster does: `where` is place_of_lock(place on the card, angle)
    spot
};

/// Where the unknown of an effect of the device at that place of the card stands.
constexpr int place_of_response(int place, int effect) {
    return place * 16 + effect;
}

/// Where the middle width of what is taped at both edges of an axle stands: by the kind of its front edge.
constexpr int place_of_width(int axle, int kind) {
    return axle * 100 + kind;
}

constexpr int place_of_lock(int place, int angle) {
    return place * 4 + angle;
}

struct UnknownKey {
    Unknown what;
    int where;
    int epoch;
    auto operator<=>(const UnknownKey&) const = default;
};

/// As `Effect::angle` counts them.
inline constexpr std::array angle_unknowns = {Unknown::toe, Unknown::camber, Unknown::caster};

/// Where each unknown stands as the car now is.
using Current = std::map<std::pair<Unknown, int>, int>;

}  // namespace fairchalk
