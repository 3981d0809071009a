// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <span>
#include <string_view>
#include <vector>

#include "core/network/estimate.h"

namespace fairchalk {

// What tires tell: where across the tread they wear or run hot, how fast, and whether the angles explain it.

/// One tire as it was read in one job: outer edge, middle, inner edge.
struct TireRead {
    std::array<std::optional<double>, 3> depth;        ///< mm
    std::array<std::optional<double>, 3> temperature;  ///< °C
};
using TiresRead = std::array<TireRead, 4>;
/// The last live reading of each place.
TiresRead tires_of(const Job& job);
bool any_read(const TiresRead& tires);

/// Where a tire has least tread, or is hottest.
enum class TirePattern { even, outer, inner, edges, middle };
std::string_view name_of(TirePattern);
/// By depth: an edge or the middle lower than the rest by 0.6 mm or more, which three readings to 0.2 mm each
/// (one sigma) do not show by themselves. Nothing while a place is missing.
std::optional<TirePattern> worn(const TireRead& tire);
/// By temperature: hotter by 6 °C or more.
std::optional<TirePattern> hot(const TireRead& tire);

/// What a wheel's angles would do to its tread on the road: lean and scrub together.
struct AnglesWear {
    bool known = false;  ///< camber and total toe of its axle are
    TirePattern pattern = TirePattern::even;
    bool by_camber = false, by_toe = false;
};
/// Camber beyond 1.5° inward or 0.75° outward, and a scrub beyond 0°10' of toe to the wheel's travel, mark a
/// tread within a set of tires.
AnglesWear wear_by_angles(const Estimate& e, Wheel wheel);

/// How a pattern and the angles stand to each other.
enum class TireVerdict { agrees, not_angles, unexplained, cannot_tell };
TireVerdict against_angles(TirePattern pattern, const AnglesWear& angles);

/// One job's tires in a car's season.
struct TireVisit {
    double day = 0.0;
    std::optional<double> km;
    TiresRead tires;
};
/// How fast a tire wears, since it was new: mm per 1000 km at each place.
struct TireWear {
    Wheel wheel = Wheel::front_left;
    std::array<double, 3> per_1000_km{};
    double sigma = 0.0;   ///< of each of them
    double across = 0.0;  ///< outer edge less inner edge
    double across_sigma = 0.0;
    double km = 0.0;  ///< over which
    int visits = 0;
};
/// A line through the depths over kilometres, by least squares; a tread that grew by a millimetre or more is
/// another tire, and begins anew. Oldest first; wheels that were read over less than 300 km are left out.
std::vector<TireWear> wear_of(std::span<const TireVisit> visits);

/// How far each wheel of an axle is dragged sideways, metres in a kilometre: its steered pair finds the
/// middle by itself, so each runs at half the total toe to its travel: 1000 tan(total / 2).
struct Sideways {
    bool known = false;
    double m_per_km = 0.0, sigma = 0.0;
};
Sideways sideways_of(const KnownAngle& total_toe);

}  // namespace fairchalk
