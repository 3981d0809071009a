// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string_view>
#include <vector>

#include "core/network/estimate.h"

namespace fairchalk {

// The slips that people make with a rule in one hand and a pencil in the other. Each is a change of one
// reading, or of two swapped ones, that would make all of them fit together; it is only ever offered as a
// question.

enum class Slip {
    front_rear_swapped,
    left_right_swapped,
    one_division,
    an_inch,
    ten_mm,
    digits_transposed,
    wrong_unit,
    wrong_side  ///< in for out, boards read from the other side
};
std::string_view name_of(Slip);  ///< `front-rear swapped`, `an inch`, ...

/// "This would fit if ...".
struct Explanation {
    std::size_t entry = 0;             ///< the reading, an index into the log
    std::optional<std::size_t> other;  ///< the one it was swapped with
    Slip slip = Slip::one_division;
    double would_be = 0.0;      ///< what it would then read, mm or degrees
    double weighted_sum = 0.0;  ///< of all readings, with it so
};

/// What each suspect (or of a swapped pair, each that stands out) looks like, best first; nothing where no
/// slip makes the readings fit. Linear at the estimate: with e the change of readings in sigmas and R the
/// residual projector, the weighted sum becomes |v + R e|². A slip counts where that falls to within 10 of
/// taking the reading out, and out of alarm.
std::vector<Explanation> slips_of(const Job& job, const Estimate& e);

/// The best explanation of one suspect, or null.
const Explanation* slip_of(const std::vector<Explanation>& all, std::size_t entry);

}  // namespace fairchalk
