// SPDX-License-Identifier: GPL-3.0-or-later
// A value as one says it, for ears: fractions by their names, units in full.
#include <algorithm>
#include <array>
#include <charconv>
#include <span>
#include <sstream>
#include <utility>

#include "core/quantity/tokens.h"
#include "words/words.h"
#include "words/words_inside.h"

namespace fairchalk::words {
namespace {

constexpr std::array<const char*, 21> small = {
    TR_NOOP("zero"),    TR_NOOP("one"),     TR_NOOP("two"),       TR_NOOP("three"),    TR_NOOP("four"),
    TR_NOOP("five"),    TR_NOOP("six"),     TR_NOOP("seven"),     TR_NOOP("eight"),    TR_NOOP("nine"),
    TR_NOOP("ten"),     TR_NOOP("eleven"),  TR_NOOP("twelve"),    TR_NOOP("thirteen"), TR_NOOP("fourteen"),
    TR_NOOP("fifteen"), TR_NOOP("sixteen"), TR_NOOP("seventeen"), TR_NOOP("eighteen"), TR_NOOP("nineteen"),
    TR_NOOP("twenty")};

/// One and several of what a whole is divided into.
struct Part {
    int of;
    const char *one, *several;
};
constexpr std::array parts = {Part{2, TR_NOOP("one half"), TR_NOOP("{0} halves")},
                              Part{3, TR_NOOP("one third"), TR_NOOP("{0} thirds")},
                              Part{4, TR_NOOP("one quarter"), TR_NOOP("{0} quarters")},
                              Part{8, TR_NOOP("one eighth"), TR_NOOP("{0} eighths")},
                              Part{16, TR_NOOP("one sixteenth"), TR_NOOP("{0} sixteenths")},
                              Part{32, TR_NOOP("one thirty-second"), TR_NOOP("{0} thirty-seconds")},
                              Part{64, TR_NOOP("one sixty-fourth"), TR_NOOP("{0} sixty-fourths")}};

std::string number(const std::string& digits) {
    std::size_t n = 0;
    const auto read = std::from_chars(digits.data(), digits.data() + digits.size(), n);
    // Engines say figures well; by name only beside a fraction.
    return read.ec == std::errc() && read.ptr == digits.data() + digits.size() && n < small.size()
               ? tr(small[n])
               : digits;
}

std::string fraction(const std::string& text) {
    const std::size_t bar = text.find('/');
    int of = 0;
    std::from_chars(text.data() + bar + 1, text.data() + text.size(), of);
    const std::string count = text.substr(0, bar);
    for (const Part& p : parts)
        if (p.of == of) return count == "1" ? tr(p.one) : fill(p.several, {number(count)});
    return fill(TR_NOOP("{0} over {1}"), {count, text.substr(bar + 1)});
}

/// Words of a typed value that are said otherwise than they are written.
constexpr std::array spelled = {
    std::pair{"mm", TR_NOOP("millimeters")}, std::pair{"cm", TR_NOOP("centimeters")},
    std::pair{"in", TR_NOOP("inches")},      std::pair{"ft", TR_NOOP("feet")},
    std::pair{"deg", TR_NOOP("degrees")},    std::pair{"min", TR_NOOP("minutes")},
    std::pair{"strong", TR_NOOP("strong")},  std::pair{"weak", TR_NOOP("weak")}};

}  // namespace

namespace {

constexpr const char* words_of_readings[] = {TR_NOOP("strong"), TR_NOOP("weak"), TR_NOOP("deg"),
                                             TR_NOOP("less"), TR_NOOP("flats")};
constexpr const char* words_of_targets[] = {TR_NOOP("deg"),  TR_NOOP("each"), TR_NOOP("total"),
                                            TR_NOOP("half"), TR_NOOP("over"), TR_NOOP("minus"),
                                            TR_NOOP("plus")};

std::string in_language_of_user(const std::string& text, std::span<const char* const> known) {
    std::string out;
    std::size_t at = 0;
    bool after_number = false;
    for (const notation::Token& token : notation::tokens_of(text)) {
        out += text.substr(at, token.at - at);
        at = token.at + token.text.size();
        std::string piece(token.text);
        if (token.kind == notation::TokenKind::number)
            std::replace(piece.begin(), piece.end(), '.', sayings().decimal);
        else if (piece == "in" && !after_number)
            piece = sayings().in;  // after a number it is inches
        else if (piece == "out")
            piece = sayings().out;
        else if (piece == "turn" || piece == "turns")
            piece = piece == "turn" ? sayings().turn : sayings().turns;
        else
            for (const char* word : known)
                if (piece == word) {
                    piece = tr(word);
                    break;
                }
        out += piece;
        after_number = token.kind == notation::TokenKind::number;
    }
    return out + text.substr(std::min(at, text.size()));
}

}  // namespace

std::string as_typed(const Quantity& kept) {
    return in_language_of_user(kept.text, words_of_readings);
}

namespace {

std::string with_lean(const std::string& value, const Reading& reading) {
    if (!reading.top_in) return value;
    return fill(*reading.top_in ? TR_NOOP("{0}, top in") : TR_NOOP("{0}, top out"), {value});
}

}  // namespace

std::string as_read(const Reading& reading) {
    return with_lean(as_typed(reading.value), reading);
}

std::string target_as_typed(const std::string& kept) {
    return in_language_of_user(kept, words_of_targets);
}

std::string spoken(const std::string& value) {
    // What stands together is parted: 1°10' is degrees and minutes.
    std::string apart;
    for (std::size_t i = 0; i < value.size(); ++i) {
        if (value.compare(i, 2, "°") == 0) {
            apart += " deg ";
            ++i;
        } else if (value[i] == '\'') {
            apart += " min ";
        } else if (value.compare(i, 2, "±") == 0) {
            apart += " ± ";
            ++i;
        } else {
            apart += value[i];
        }
    }
    std::vector<std::string> tokens;
    std::istringstream in(apart);
    for (std::string t; in >> t;) tokens.push_back(t);
    const bool fractions = apart.find('/') != std::string::npos;
    std::string out;
    const auto add = [&](const std::string& word) { out += (out.empty() ? "" : " ") + word; };
    for (std::size_t i = 0; i < tokens.size(); ++i) {
        std::string t = tokens[i];
        if (t.size() > 1 && t.front() == '-') {
            add(tr("minus"));
            t.erase(0, 1);
        }
        const bool figure = t.find_first_not_of("0123456789") == std::string::npos;
        if (t == "±") {
            add(tr("plus or minus"));
        } else if (t.find('/') != std::string::npos && t.front() != '/') {
            if (i > 0 && !out.empty() && tokens[i - 1].find_first_not_of("-0123456789") == std::string::npos)
                add(tr("and"));
            add(fraction(t));
        } else if (figure && fractions) {
            add(number(t));
        } else {
            const char* full = nullptr;
            for (const auto& [written, said] : spelled)
                if (t == written) full = said;
            add(full ? tr(full) : t);
        }
    }
    return out;
}

std::string said_kept(const Reading& reading) {
    return fill(TR_NOOP("{0}, kept; {1}"),
                {with_lean(spoken(reading.value.text), reading), spot(reading.spot)});
}

}  // namespace fairchalk::words
