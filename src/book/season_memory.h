// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <string>
#include <vector>

#include "book/season.h"

namespace fairchalk::book {

// What a season was worked out to be, kept in the book so that a car's page need not solve all its jobs
// again. It holds for this program and for each job as long as nothing is added to its log; else it is as if
// it had not been kept.

/// As text to keep, under this name.
std::string season_fact(const std::string& car, bool practice);
std::string remembered(const std::vector<Visit>& season);

/// The visits that still hold, by job: all but their logs, and their angles one by one only.
std::map<std::string, Visit> recalled(const std::string& text);

}  // namespace fairchalk::book
