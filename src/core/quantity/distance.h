// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string_view>

#include "core/quantity/message.h"

namespace fairchalk {

/// By definition of the international mile.
inline constexpr double km_per_mile = 1.609344;

/// A distance driven, in km: `84210 km`, `84,210 km`, `52 300 mi`, `100 miles`; a bare number is km. Fails
/// with `text_not_understood` for anything else, `text_too_large` above two million km.
Result<double> read_distance(std::string_view text);

}  // namespace fairchalk
