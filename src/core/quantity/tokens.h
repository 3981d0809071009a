// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>
#include <string>
#include <string_view>
#include <vector>

namespace fairchalk::notation {

// The first step from typed text to a quantity: its pieces.

enum class TokenKind { number, word, mark, slash, plus, minus, other, end };

struct Token {
    TokenKind kind = TokenKind::end;
    std::string_view text;
    bool space_before = false;
    std::size_t at = 0;  ///< where it starts in the plain text
    double value = 0.0;
    int decimals = -1;  ///< -1: a whole number
    bool doubtful_comma = false;
};

/// Typographic quotes, primes, minus signs, spaces, fractions and said-out forms as their plain ones.
std::string to_plain(std::string_view text);
std::string lower(std::string_view s);
/// The pieces of plain text, which must outlive them; the last is `end`.
std::vector<Token> tokens_of(std::string_view s);

}  // namespace fairchalk::notation
