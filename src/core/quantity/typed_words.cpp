// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/quantity/typed_words.h"

#include <array>

#include "core/quantity/notation.h"

namespace fairchalk {
namespace {

struct Word {
    std::string_view typed, english;
};

// What several words say together stands before its parts.
constexpr std::array german = {
    Word{"eine dreiviertel umdrehung", "3/4 turn"},
    Word{"drei viertel umdrehung", "3/4 turn"},
    Word{"dreiviertel umdrehung", "3/4 turn"},
    Word{"dreivierteldrehung", "3/4 turn"},
    Word{"eine halbe umdrehung", "1/2 turn"},
    Word{"eine halbe drehung", "1/2 turn"},
    Word{"halbe umdrehung", "1/2 turn"},
    Word{"halbe drehung", "1/2 turn"},
    Word{"eine viertelumdrehung", "1/4 turn"},
    Word{"eine vierteldrehung", "1/4 turn"},
    Word{"viertelumdrehung", "1/4 turn"},
    Word{"viertel umdrehung", "1/4 turn"},
    Word{"vierteldrehung", "1/4 turn"},
    Word{"eine achtelumdrehung", "1/8 turn"},
    Word{"eine achteldrehung", "1/8 turn"},
    Word{"achtelumdrehung", "1/8 turn"},
    Word{"achtel umdrehung", "1/8 turn"},
    Word{"achteldrehung", "1/8 turn"},
    Word{"eine umdrehung", "1 turn"},
    Word{"umdrehungen", "turns"},
    Word{"umdrehung", "turn"},
    Word{"drehungen", "turns"},
    Word{"drehung", "turn"},
    Word{"flächen", "flats"},
    Word{"fläche", "flat"},
    Word{"geht nicht", "can't"},
    Word{"je rad", "each"},
    Word{"gesamt", "total"},
    Word{"halb", "half"},
    Word{"über", "over"},
    Word{"Über", "over"},
    Word{"knapp", "weak"},
    Word{"reichlich", "strong"},
    Word{"vorspur", "in"},
    Word{"nachspur", "out"},
    Word{"zoll", "in"},
    Word{"fuß", "ft"},
    Word{"grad", "deg"},
    Word{"minuten", "min"},
    Word{"sekunden", "sec"},
    Word{"zentimeter", "cm"},
    Word{"meter", "m"},
    Word{"und", "and"},
    Word{"weniger", "less"},
    Word{"länger", "longer"},
    Word{"kürzer", "shorter"},
    Word{"links", "left"},
    Word{"rechts", "right"},
    Word{"gänge auf", "threads in"},
    Word{"gänge", "threads"},
    Word{"von", "of"},
};

char small(char c) {
    return c >= 'A' && c <= 'Z' ? static_cast<char>(c - 'A' + 'a') : c;
}

bool in_a_word(char c) {
    return (small(c) >= 'a' && small(c) <= 'z') || static_cast<unsigned char>(c) >= 0xC3;
}

bool begins(std::string_view text, std::string_view word) {
    if (text.size() < word.size()) return false;
    for (std::size_t i = 0; i < word.size(); ++i)
        if (text[i] != word[i] && small(text[i]) != word[i]) return false;
    return text.size() == word.size() || !in_a_word(text[word.size()]);
}

}  // namespace

std::string in_english(std::string_view typed) {
    std::string out;
    out.reserve(typed.size());
    for (std::size_t i = 0; i < typed.size();) {
        const bool starts =
            in_a_word(typed[i]) && (i == 0 || (!in_a_word(typed[i - 1]) &&
                                               (static_cast<unsigned char>(typed[i - 1]) & 0xC0) != 0x80));
        bool known = false;
        if (starts)
            for (const Word& word : german)
                if (begins(typed.substr(i), word.typed)) {
                    out += word.english;
                    i += word.typed.size();
                    known = true;
                    break;
                }
        if (!known) out += typed[i++];
    }
    return out;
}

std::string as_in_a_file(std::string_view typed) {
    std::string out = in_english(typed);
    const auto digit = [&](std::size_t i) { return i < out.size() && out[i] >= '0' && out[i] <= '9'; };
    if (sayings().decimal == ',')
        for (std::size_t i = 1; i < out.size(); ++i)
            if (out[i] == ',' && digit(i - 1) && digit(i + 1)) out[i] = '.';
    return out;
}

}  // namespace fairchalk
