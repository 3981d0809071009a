// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <cstdint>
#include <string>
#include <string_view>

namespace fairchalk::book {

// What a job file may hold at most (docs/job-file.md). What is in a book already is always opened.

inline constexpr std::uintmax_t largest_file = 64u << 20;
inline constexpr int deepest = 64;                   ///< lists and objects within one another
inline constexpr std::size_t most_keys = 1'000;      ///< of one object
inline constexpr std::size_t longest_text = 40'000;  ///< characters
inline constexpr std::size_t most_rounds = 60, most_readings = 20'000, most_turns_made = 2'000,
                             most_entries = 50'000;

/// The first so many bytes of a text at most, and no character cut in two.
inline std::string cut_to(std::string_view text, std::size_t bytes) {
    if (text.size() <= bytes) return std::string(text);
    // Bytes after the first of a character begin with 10.
    while (bytes > 0 && (static_cast<unsigned char>(text[bytes]) & 0xC0) == 0x80) --bytes;
    return std::string(text.substr(0, bytes));
}

/// How many characters a text of UTF-8 has.
inline std::size_t characters_in(std::string_view text) {
    std::size_t n = 0;
    for (const char c : text) n += (static_cast<unsigned char>(c) & 0xC0) != 0x80;
    return n;
}

}  // namespace fairchalk::book
