// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <string>
#include <vector>

#include "core/job/log.h"

namespace fairchalk {

/// How a string rises along the car: metres over the rear hubs at the rear axle, per metre forward in space,
/// and how much higher the front hubs are than the rear ones.
struct StringRise {
    double at_rear_axle = 0.0;
    double slope = 0.0;
    double front_hub_over_rear = 0.0;
};

/// What, beside the unknowns, decides what the next reading would show.
struct Standing {
    CarCard car;
    LinesSet lines;
    std::optional<std::array<Length, 4>> tiles;  ///< on the floor laid; nothing without a floor
    bool steered = false;                        ///< the steering stands off straight by an unknown
    std::vector<std::string> tools;              ///< whose zero is an unknown
    std::array<std::optional<StringRise>, 2> rise;
};

/// A reading that took no part, and why.
struct Unused {
    std::size_t entry = 0;
    Message why;
};

}  // namespace fairchalk
