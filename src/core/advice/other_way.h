// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include "core/network/estimate.h"

namespace fairchalk {

/// That reading taken the other way round: the top leaning out for in, or the other sign; nothing where it
/// has no way round.
std::optional<Reading> other_way_round(const Reading& r, const Tool* tool);

/// Readings of the round that contradict the others as typed and fit the other way round: which way a top
/// leans was not said, a sign was left out. Of each wheel the set that fits best, by estimates of all
/// readings with it so; few before many, and several only where leaving no one reading out explains it, or
/// where nobody may have looked: all of a wheel are said to lean alike. Not of spots that were read again the
/// same way. Empty where nothing fits so. `e` is the estimate of `job` with these options.
std::vector<std::size_t> fit_the_other_way(const Job& job, const Estimate& e, EstimateOptions options);

}  // namespace fairchalk
