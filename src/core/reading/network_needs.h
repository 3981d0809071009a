// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <map>
#include <set>
#include <string>

#include "core/reading/spot.h"

namespace fairchalk {

/// How a rim was read.
struct RimRead {
    std::set<bool> ways;       ///< as it stood, half a turn on
    bool as_it_comes = false;  ///< without a stated sigma, which would have its run-out in it

    bool both_ways() const { return ways.size() == 2; }
};

/// The unknowns that readings ask for beside those that every car has: each kind of reading says its own
/// (`ReadingKind::ask`).
struct NetworkNeeds {
    std::set<int> gauge, sweep, plumb, seats;          ///< wheels; plumb: `place_of_plumb`
    std::set<int> swung;                               ///< wheels where only a difference of leans was read
    std::set<int> lines;                               ///< beside the strings: `place_of_line`
    std::map<int, RimRead> rims, cambers;              ///< wheels: at their sides, and from top to bottom
    std::map<std::string, std::set<int>> lean, tapes;  ///< tools: as camber and reversed; by axle
    std::array<std::set<ReadingId>, 2> taped;          ///< by axle: the pairs of `ReadingKind::taped_pair`
    bool jig = false, chassis = false;
    std::set<int> lips_read;         ///< axles
    std::set<int> boards;            ///< `place_of_board`
    std::set<std::string> unstated;  ///< gauges of whose readings nobody stated a sigma
};

}  // namespace fairchalk
