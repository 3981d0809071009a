// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include "core/advice/plan.h"

namespace fairchalk {

/// What to do about readings that contradict each other before anything is turned: what would fit the other
/// way round, what to read again, the one to set aside, or, where all were read the same again, to look at
/// what they share; a drive without which they agree is asked about before readings that were taken twice are
/// set aside. Nothing where they agree. `e` is the estimate of `job` with these options.
std::optional<ReadAgain> read_what_contradicts(const Job& job, const Estimate& e,
                                               const EstimateOptions& options);

}  // namespace fairchalk
