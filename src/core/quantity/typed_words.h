// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>

namespace fairchalk {

/// A typed text with the words of other languages as the notation's own: `2 9/16 Zoll knapp` is `2 9/16 in
/// weak`, `0°12' Vorspur` is `0°12' in`, `halbe Umdrehung` is `1/2 turn`. Only whole words, of whatever case;
/// all else stays. English is understood beside them in every language of the window, and what is kept is
/// English: a book reads alike everywhere.
std::string in_english(std::string_view typed);

/// The same with decimals after a point, where the window's language has them after a comma. For what is
/// typed; a file is read alike everywhere.
std::string as_in_a_file(std::string_view typed);

}  // namespace fairchalk
