// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string_view>
#include <vector>

#include "core/estimate.h"

namespace fairchalk {

/// What was done instead of what was written down, by what the readings after it say.
enum class OtherTurn {
    wrong_way,      ///< turned the other way
    all_wrong_way,  ///< all of the pass was
    nothing,        ///< it did not move: a seized thread, a rod that turned in its ends
    other_side,     ///< the left was turned for the right
    other_handle,   ///< the front bolt for the rear one
    twice,
    half,            ///< a count of turns, flats or shims that is off
    steering_moved,  ///< both fronts went the same way beside it
    unexplained      ///< none of these
};
std::string_view name_of(OtherTurn);  ///< `wrong-way`, …

/// The last pass of turning, if the angles after it are not what it should have made them.
struct TurnDoubt {
    std::vector<std::size_t> turns;  ///< entries of the log
    OtherTurn what = OtherTurn::unexplained;
    std::string adjuster;  ///< the one it is about
    Wheel wheel = Wheel::front_left;
    int angle = 0;             ///< 0 toe, 1 camber, 2 caster: where it shows most
    Angle expected, happened;  ///< change of that angle of that wheel
};

/// Compares, for the last pass of turns that readings follow, the change of each angle they move as measured
/// with what the responses as known before make of the turns. Measured: with the turns left out of the
/// estimate. In doubt from a chi-square of 99.9 % on; then the other turns that people make are tried, and
/// the one that fits best within 99 % is named. Nothing while it fits, while nothing was measured after it,
/// or where something was turned that the card does not understand.
std::optional<TurnDoubt> turn_doubt(const Job& job);

}  // namespace fairchalk
