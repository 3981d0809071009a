// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <compare>
#include <map>
#include <utility>

#include "core/reading/unknown.h"

namespace fairchalk {

/// Where the unknown of an effect of the device at that place of the card stands.
constexpr int place_of_response(int place, int effect) {
    return place * 16 + effect;
}

constexpr int place_of_lock(int place, WheelAngle angle) {
    return place * 4 + static_cast<int>(index_of(angle));
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
