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
#include "practice/played_job.h"
#include "practice/solid_car.h"

namespace fairchalk::practice {

// The car of a cell: what there is to turn on it, how it is measured, and what is aimed at.

/// A value of a factor says this.
inline bool has(const std::string& text, std::string_view part) {
    return text.find(part) != std::string::npos;
}

/// A corner as both sides of that axle are built to: by what its card has there, points off the samples' by
/// up to `off` mm, the rod's arm by one sigma of `arm_sigma`.
Corner corner_of(const CarCard& card, Axle axle, double off, double arm_sigma, Rng& rng);

Built built(const Cell& cell, const SolidCar& solid, Rng& rng);

/// A gauge, a tool and a rule for a cell's readings.
LinesSet lines_of(const Cell& cell, const SolidCar& solid);
std::vector<Target> targets_of(const Cell& cell, const SolidCar& solid);

}  // namespace fairchalk::practice
