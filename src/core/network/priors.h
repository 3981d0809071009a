// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <map>
#include <set>
#include <string>

#include "core/network/network.h"

namespace fairchalk {

/// What the readings of a job ask the estimate to know, beside what every job does.
struct NetworkNeeds {
    std::set<int> gauge, sweep, plumb, seats;          ///< wheels
    std::map<int, std::set<bool>> rims, cambers;       ///< wheels, as they stood and half a turn on
    std::map<std::string, std::set<int>> lean, tapes;  ///< tools: as camber and reversed; by axle
    std::array<std::set<ReadingKind>, 2> taped;        ///< by axle: the pairs of `taped_pair`
    bool jig = false, chassis = false;
    std::set<int> lips_read;         ///< axles
    std::set<int> unrolled;          ///< wheels whose rims were read as they come, without a stated sigma
    std::set<std::string> unstated;  ///< gauges of whose readings nobody stated a sigma
};
NetworkNeeds needs_of(const Job& job, int last);

inline constexpr double any_toe_sigma = 1.5 * one_degree;  ///< of a wheel whose toe nobody knows

/// The unknowns as the car was found, with what is believed of them before anything is read.
void first_state(Network& n, const Job& job, const CarCard& car, const NetworkNeeds& asked);
/// What the card states of the car, as readings.
void observe_card(Network& n, const CarCard& car);

}  // namespace fairchalk
