// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <array>
#include <optional>
#include <string>
#include <string_view>

namespace fairchalk {

/// The value that a word of the job file names; `names` stand in the order of the enumeration.
template <class E, std::size_t N>
std::optional<E> named(const std::array<std::string_view, N>& names, std::string_view word) {
    const auto it = std::find(names.begin(), names.end(), word);
    if (it == names.end()) return std::nullopt;
    return static_cast<E>(it - names.begin());
}

/// Words one after another, as messages list them: `front, rear`. `word` makes one of each element.
template <class Range, class F>
std::string listed(const Range& range, F&& word) {
    std::string out;
    for (const auto& element : range) {
        if (!out.empty()) out += ", ";
        out += word(element);
    }
    return out;
}
template <class Range>
std::string listed(const Range& range) {
    return listed(range, [](const auto& element) { return element; });
}

}  // namespace fairchalk
