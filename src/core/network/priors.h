// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/network/network.h"
#include "core/reading/network_needs.h"

namespace fairchalk {

/// What the readings of a job ask the estimate to know, beside what every job does.
NetworkNeeds needs_of(const Job& job, int last);

/// Run-out, rad, of a rim that was read as it comes: each of its edges may stand out that much, the opposite
/// ways. docs/geometry.md, "One estimate".
double untrue_rim_sigma(const CarCard& car, int wheel, bool seen_good);
/// The check that says whether somebody has looked at them.
inline constexpr const char* rims_check = "rims";

inline constexpr double any_camber_sigma = 3.5 * one_degree;  ///< of a wheel whose camber nobody reads
inline constexpr double any_toe_sigma = 1.5 * one_degree;     ///< of a wheel whose toe nobody knows

/// The unknowns as the car was found, with what is believed of them before anything is read.
void first_state(Network& n, const Job& job, const CarCard& car, const NetworkNeeds& asked);
/// What the card states of the car, as readings.
void observe_card(Network& n, const CarCard& car);

}  // namespace fairchalk
