// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string_view>
#include <vector>

#include "core/estimate.h"

namespace fairchalk {

/// What was done instead of what was written down, by what the readings after it say.
enum class OtherTurn {
    wrong_way,   ///< turned the other way
    nothing,     ///< it did not move: a seized thread, a rod that turned in its ends
    other_side,  ///< the left was turned for the right
    twice,
    half,            ///< a count of turns or flats that is off
    steering_moved,  ///< both fronts went the same way beside it
    unexplained      ///< none of these
};
std::string_view name_of(OtherTurn);  ///< `wrong-way`, …

/// The last pass of turning, if the toes after it are not what it should have made them.
struct TurnDoubt {
    std::vector<std::size_t> turns;  ///< entries of the log
    OtherTurn what = OtherTurn::unexplained;
    std::string adjuster;  ///< the one it is about
    Wheel wheel = Wheel::front_left;
    Angle expected, happened;  ///< toe change of its wheel
};

/// Compares, for the rods of the last pass of turns that readings follow, each toe's change as measured with
/// what the arms as known before it make of the turns. Measured: with the turns left out of the estimate. In
/// doubt from a chi-square of 99.9 % on; then the other turns that people make are tried, and the one that
/// fits best within 99 % is named. Nothing while it fits, or while nothing was measured after it.
std::optional<TurnDoubt> turn_doubt(const Job& job);

}  // namespace fairchalk
