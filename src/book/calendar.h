// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>
#include <vector>

namespace fairchalk::book {

/// Something to be done on a day.
struct CalendarDay {
    std::string uid;      ///< the same for the same thing, so that a calendar takes it once
    std::string day;      ///< `2026-12-04`
    std::string summary;  ///< one line
};

/// Whole days as an iCalendar file (RFC 5545): lines end in CR LF and are folded at 75 octets, between
/// characters. `stamp` is an ISO 8601 time.
std::string calendar_of(const std::vector<CalendarDay>& days, std::string_view stamp);

}  // namespace fairchalk::book
