// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/job/log.h"

namespace fairchalk {

// When a car is to be looked at again, and whether that is now.

/// `2026-12-04`, `100 km`, `300 miles`, `after contact`, `before the season`. Fails with `again_when` for
/// anything else.
Result<LookAgain> look_again_from(std::string_view text);

/// Days from 1970-01-01 to the day that an ISO 8601 text begins with, by the civil calendar; nothing where it
/// does not begin with one.
std::optional<int> day_of(std::string_view iso);

/// What a job says of looking again, and how it stands on a day.
struct Due {
    LookAgain what;
    bool due = false;
    std::optional<int> days;   ///< until then; negative once it is past
    std::optional<double> km;  ///< still to be driven, where the odometer was written down since
};
/// `then` and `now`: the odometer when it was said, and the newest one known of the car, in km.
Due due_of(const LookAgain& what, std::string_view today, std::optional<double> then = {},
           std::optional<double> now = {});
/// Live ones only. `odometer_now` is the newest one known of the car, in km.
std::vector<Due> due_of(const Job& job, std::string_view today, std::optional<double> odometer_now = {});

}  // namespace fairchalk
