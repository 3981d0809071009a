// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include "core/car/instrument.h"
#include "core/network/estimate.h"
#include "core/reading/plausible.h"

namespace fairchalk {

/// What will be read at a spot, in mm or degrees as the tool shows it, and its standard uncertainty: of what
/// is known of the car and of the reading itself.
struct Foreseen {
    double value = 0.0, sigma = 0.0;
};

/// By all that was read so far, for a reading like this one in the estimate's round (its value takes no
/// part). Nothing where that does not tell it, and nothing for one that is read while the tires hold back.
std::optional<Foreseen> foreseen(const Job& job, const Estimate& e, Reading like);

/// Further off than that is rather a slip than news: six sigmas, and no less than two or three turns of a rod
/// do.
Within expected_at(const Foreseen& there, QuantityKind kind);

/// What one more in what the tool shows is, metres or radians, near what was read.
double slope_of(const Reading& r, const Tool* tool);

}  // namespace fairchalk
