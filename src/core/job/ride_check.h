// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <vector>

#include "core/job/log.h"
#include "core/quantity/message.h"

namespace fairchalk {

/// Ride heights or pressures at the four corners against the card, side to side and axle to axle.
struct RideCheck {
    ReadingId kind = ReadingId::ride_height;
    std::array<std::optional<double>, 4> measured;  ///< mm or bar: the last reading at each
    std::array<std::optional<double>, 4> card;
    std::optional<double> tolerance;  ///< of the card; without one a usual one is taken
    bool stale = false;               ///< something has happened since that changes them
    std::vector<Message> findings;    ///< what is out, by how much, against what
    bool complete() const;
};

/// By default: 10 mm of height, 0.1 bar of pressure.
double usual_tolerance(ReadingId kind);

/// Side to side the two of an axle may differ by the tolerance; axle to axle the difference front minus rear
/// is compared with the card's, since a car lifted on one axle changes its caster.
RideCheck ride_check_of(const Job& job, ReadingId kind);

}  // namespace fairchalk
