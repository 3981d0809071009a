// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <string_view>

namespace fairchalk {

/// The stages of a job in working order.
enum class Stage { ask, check_over, floor, steering, lines, read, turn, drive };
inline constexpr std::array all_stages = {Stage::ask,   Stage::check_over, Stage::floor, Stage::steering,
                                          Stage::lines, Stage::read,       Stage::turn,  Stage::drive};
std::string_view name_of(Stage);
std::optional<Stage> stage_named(std::string_view);

}  // namespace fairchalk
