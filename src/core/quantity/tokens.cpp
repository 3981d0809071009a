// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/quantity/tokens.h"

#include <algorithm>
#include <array>
#include <charconv>

namespace fairchalk::notation {
namespace {

struct Plain {
    std::string_view fancy;
    std::string_view plain;
};

// Fractions get a space before them so that 2½ is "2 1/2".
constexpr std::array plain_forms = {
    Plain{"½", " 1/2"},   Plain{"¼", " 1/4"},   Plain{"¾", " 3/4"},   Plain{"⅛", " 1/8"}, Plain{"⅜", " 3/8"},
    Plain{"⅝", " 5/8"},   Plain{"⅞", " 7/8"},   Plain{"⁄", "/"},      Plain{"∕", "/"},    Plain{"−", "-"},
    Plain{"–", "-"},      Plain{"—", "-"},      Plain{"‐", "-"},      Plain{"‑", "-"},    Plain{"′", "'"},
    Plain{"’", "'"},      Plain{"‘", "'"},      Plain{"ʹ", "'"},      Plain{"´", "'"},    Plain{"″", "\""},
    Plain{"”", "\""},     Plain{"“", "\""},     Plain{"ʺ", "\""},     Plain{"º", "°"},    Plain{"˚", "°"},
    Plain{"\u00a0", " "}, Plain{"\u2009", " "}, Plain{"\u202f", " "}, Plain{"\t", " "},
};

/// What people say in words: longest first.
constexpr std::array said_forms = {Plain{"three quarters of a turn", "3/4 turn"},
                                   Plain{"3 quarters of a turn", "3/4 turn"},
                                   Plain{"an eighth of a turn", "1/8 turn"},
                                   Plain{"a quarter of a turn", "1/4 turn"},
                                   Plain{"eighth of a turn", "1/8 turn"},
                                   Plain{"quarter of a turn", "1/4 turn"},
                                   Plain{"half of a turn", "1/2 turn"},
                                   Plain{"an eighth turn", "1/8 turn"},
                                   Plain{"a quarter turn", "1/4 turn"},
                                   Plain{"three quarters", "3/4 turn"},
                                   Plain{"quarter turn", "1/4 turn"},
                                   Plain{"eighth turn", "1/8 turn"},
                                   Plain{"half a turn", "1/2 turn"},
                                   Plain{"a half turn", "1/2 turn"},
                                   Plain{"3 quarters", "3/4 turn"},
                                   Plain{"half turn", "1/2 turn"}};

/// `18 tpi` is a pitch of 1/18 in; `almost 5/8` a weak one; `half a turn` half a turn.
void say_plainly(std::string& s) {
    const auto begins = [&](std::string_view word) {
        return s.size() > word.size() && s.starts_with(word) && s[word.size()] == ' ';
    };
    for (const std::string_view weak : {"almost", "nearly", "just under"})
        if (begins(weak)) s = s.substr(weak.size() + 1) + " weak";
    for (const std::string_view strong : {"just over"})
        if (begins(strong)) s = s.substr(strong.size() + 1) + " strong";
    for (const Plain& form : said_forms)
        if (const auto at = s.find(form.fancy); at != std::string::npos) {
            const std::size_t end = at + form.fancy.size();
            const bool whole =
                (at == 0 || s[at - 1] == ' ') && (end == s.size() || s[end] == ' ' || s[end] == 's');
            if (!whole || (at > 0 && at >= 2 && s[at - 2] >= '0' && s[at - 2] <= '9')) continue;
            s.replace(at, form.fancy.size() + (end < s.size() && s[end] == 's'), form.plain);
            break;
        }
    if (const auto at = s.find("tpi"); at != std::string::npos && at > 0 && at + 3 == s.size()) {
        std::size_t end = at;
        while (end > 0 && s[end - 1] == ' ') --end;
        std::size_t from = end;
        while (from > 0 && s[from - 1] >= '0' && s[from - 1] <= '9') --from;
        if (from == 0 && end > 0) s = "1/" + s.substr(0, end) + " in";
    }
}

bool is_digit(char c) {
    return c >= '0' && c <= '9';
}
bool is_letter(char c) {
    return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z');
}

Token number_at(std::string_view s, std::size_t i) {
    Token t{.kind = TokenKind::number, .text = {}, .at = i};
    std::size_t j = i;
    while (j < s.size() && is_digit(s[j])) ++j;
    const std::size_t whole = j - i;
    std::string digits(s.substr(i, whole));
    if (j < s.size() && (s[j] == '.' || s[j] == ',') &&
        (whole > 0 || (j + 1 < s.size() && is_digit(s[j + 1])))) {
        const bool comma = s[j] == ',';
        std::size_t k = j + 1;
        while (k < s.size() && is_digit(s[k])) ++k;
        const std::size_t places = k - j - 1;
        if (places > 0 || !comma) {
            t.decimals = static_cast<int>(std::min<std::size_t>(places, 300));
            digits += '.';
            digits += s.substr(j + 1, places);
            if (places == 0) digits += '0';
            // 1,745 may be a thousands comma; 0,125 and 61,5 can't be.
            t.doubtful_comma = comma && places == 3 && whole >= 1 && whole <= 3 && s[i] != '0';
            j = k;
        }
    }
    if (digits.starts_with('.')) digits.insert(0, "0");
    const auto [end, error] = std::from_chars(digits.data(), digits.data() + digits.size(), t.value);
    if (error == std::errc::result_out_of_range)
        t.value = digits.find_first_of("123456789") < digits.find('.') ? 1e300 : 0.0;
    (void)end;
    t.text = s.substr(i, j - i);
    return t;
}

}  // namespace

std::string to_plain(std::string_view text) {
    std::string out;
    out.reserve(text.size() + 8);
    for (std::size_t i = 0; i < text.size();) {
        bool found = false;
        // Only these lead bytes begin a form that is replaced; all else is copied.
        if (text[i] == '\t' || static_cast<unsigned char>(text[i]) >= 0x80) {
            for (const Plain& form : plain_forms) {
                if (text.substr(i).starts_with(form.fancy)) {
                    out += form.plain;
                    i += form.fancy.size();
                    found = true;
                    break;
                }
            }
        }
        if (!found) out += text[i++];
    }
    say_plainly(out);
    // A temperature's degree mark belongs to its letter.
    for (const std::string_view mark : {"°C", "°F", "° C", "° F", "°c", "°f"})
        if (const auto at = out.find(mark); at != std::string::npos && at + mark.size() == out.size())
            out.replace(at, mark.size(), mark.back() == 'C' || mark.back() == 'c' ? " C" : " F");
    // A torque's unit is said in two words, in either order.
    for (const std::string_view two : {"lb ft", "lb-ft", "lbf ft", "ft lb", "ft-lb", "N·m", "N m"})
        if (const auto at = out.find(two); at != std::string::npos)
            out.replace(at, two.size(), two.front() == 'N' ? "Nm" : "lbft");
    // Two single marks are one double mark.
    for (std::size_t at = 0; (at = out.find("''", at)) != std::string::npos;) out.replace(at, 2, "\"");
    return out;
}

std::string lower(std::string_view s) {
    std::string out(s);
    std::transform(out.begin(), out.end(), out.begin(),
                   [](char c) { return c >= 'A' && c <= 'Z' ? char(c - 'A' + 'a') : c; });
    return out;
}

std::vector<Token> tokens_of(std::string_view s) {
    std::vector<Token> out;
    bool space = false;
    for (std::size_t i = 0; i < s.size();) {
        const char c = s[i];
        if (c == ' ') {
            space = true;
            ++i;
            continue;
        }
        Token t;
        if (is_digit(c) || ((c == '.' || c == ',') && i + 1 < s.size() && is_digit(s[i + 1]))) {
            t = number_at(s, i);
        } else if (is_letter(c)) {
            std::size_t j = i;
            while (j < s.size() && is_letter(s[j])) ++j;
            t.kind = TokenKind::word;
            t.text = s.substr(i, j - i);
        } else if (s.substr(i).starts_with("°")) {
            t.kind = TokenKind::mark;
            t.text = s.substr(i, std::string_view("°").size());
        } else {
            t.kind = c == '\'' || c == '"' ? TokenKind::mark
                     : c == '/'            ? TokenKind::slash
                     : c == '+'            ? TokenKind::plus
                     : c == '-'            ? TokenKind::minus
                                           : TokenKind::other;
            t.text = s.substr(i, 1);
        }
        t.at = i;
        t.space_before = space;
        space = false;
        i += t.text.size();
        out.push_back(t);
    }
    out.push_back(Token{.kind = TokenKind::end, .text = {}, .space_before = space, .at = s.size()});
    return out;
}

}  // namespace fairchalk::notation
