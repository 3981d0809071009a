// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cstddef>
#include <map>
#include <string>
#include <vector>

#include "core/job/log.h"

namespace fairchalk {

// What a plan has to know of what this job did so far.

/// When entry `i` of the log or a later one accepted that target as it is.
bool accepted_since(const Job& job, std::size_t i, const Target& target);

/// One past the last turn or angle read.
std::size_t last_news(const Job& job);

bool thread_known(const Job& job, const Adjuster& rod);

/// Turns by adjuster, of either handle.
using TurnedOf = std::map<std::string, std::array<double, 2>>;

/// The passes of turns that angles were read after, the last first.
std::vector<TurnedOf> passes_read(const Job& job, std::size_t most);

/// All that was turned in this job, by adjuster.
TurnedOf turned_in_all(const Job& job);

}  // namespace fairchalk
