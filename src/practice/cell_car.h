// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <string>
#include <string_view>
#include <vector>

#include "core/car/suspension.h"
#include "core/job/log.h"
#include "practice/chance.h"
#include "practice/matrix.h"
#include "practice/solid_car.h"

namespace fairchalk::practice {

// The car of a cell: what there is to turn on it, how it is measured, and what is aimed at.

/// A value of a factor says this.
inline bool has(const std::string& text, std::string_view part) {
    return text.find(part) != std::string::npos;
}

/// What there is to turn, and the car that it is on.
struct Built {
    CarCard card, truth;  ///< as the user wrote it, and as it is
    std::array<Corner, 4> corners;
};

Built built(const Cell& cell, const SolidCar& solid, Rng& rng);

/// A gauge, a tool and a rule for a cell's readings.
LinesSet lines_of(const Cell& cell, const SolidCar& solid);
std::vector<Target> targets_of(const Cell& cell, const SolidCar& solid);

}  // namespace fairchalk::practice
