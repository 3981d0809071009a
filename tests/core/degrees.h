// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <numbers>

namespace fairchalk::testing {

/// One degree.
inline constexpr double rad = std::numbers::pi / 180;

}  // namespace fairchalk::testing
