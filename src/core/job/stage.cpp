// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/stage.h"

#include "core/quantity/named.h"

namespace fairchalk {
namespace {

constexpr std::array<std::string_view, 8> stage_names = {"ask",   "check-over", "floor", "steering",
                                                         "lines", "read",       "turn",  "drive"};

}  // namespace

std::string_view name_of(Stage s) {
    return stage_names[static_cast<std::size_t>(s)];
}
std::optional<Stage> stage_named(std::string_view word) {
    return named<Stage>(stage_names, word);
}

}  // namespace fairchalk
