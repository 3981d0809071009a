// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <array>
#include <optional>
#include <string_view>

namespace fairchalk {

/// The value that a word of the job file names; `names` stand in the order of the enumeration.
template <class E, std::size_t N>
std::optional<E> named(const std::array<std::string_view, N>& names, std::string_view word) {
    const auto it = std::find(names.begin(), names.end(), word);
    if (it == names.end()) return std::nullopt;
    return static_cast<E>(it - names.begin());
}

}  // namespace fairchalk
