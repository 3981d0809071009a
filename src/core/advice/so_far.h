// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cstddef>
#include <map>
#include <string>

#include "core/job/log.h"

namespace fairchalk {

// What a plan has to know of what this job did so far.

/// When entry `i` of the log or a later one accepted that target as it is.
bool accepted_since(const Job& job, std::size_t i, const Target& target);

/// One past the last turn or angle read.
std::size_t last_news(const Job& job);

bool thread_known(const Job& job, const Adjuster& rod);

/// What the last pass of turns was, by adjuster.
std::map<std::string, std::array<double, 2>> last_turned(const Job& job);

/// All that was turned in this job, by adjuster.
std::map<std::string, std::array<double, 2>> turned_in_all(const Job& job);

}  // namespace fairchalk
