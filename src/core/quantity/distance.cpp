// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/quantity/distance.h"

#include <cctype>
#include <charconv>
#include <cmath>
#include <string>

namespace fairchalk {

Result<double> read_distance(std::string_view text) {
    const std::string typed(text);
    const char *one = "84210 km", *other = "52300 mi";
    std::string digits, unit;
    std::size_t i = 0;
    const auto digit = [&](std::size_t at) {
        return at < text.size() && std::isdigit(static_cast<unsigned char>(text[at])) != 0;
    };
    // A comma, a space or an apostrophe before three digits and no fourth only parts the thousands.
    const auto thousands = [&](std::size_t at) {
        return !digits.empty() && digit(at + 1) && digit(at + 2) && digit(at + 3) && !digit(at + 4);
    };
    for (; i < text.size(); ++i) {
        const char c = text[i];
        if (digit(i) || (c == '.' && digit(i + 1)))
            digits += c;
        else if (c == ' ' && digits.empty())
            continue;
        else if ((c == ',' || c == ' ' || c == '\'') && thousands(i))
            continue;
        else
            break;
    }
    const std::size_t at = i;
    for (; i < text.size(); ++i)
        if (text[i] != ' ') unit += static_cast<char>(std::tolower(static_cast<unsigned char>(text[i])));
    if (digits.empty() && unit.empty()) return fail(Code::text_empty, typed, "", one, other);
    const bool miles = unit == "mi" || unit == "mile" || unit == "miles";
    if (digits.empty() || !(miles || unit.empty() || unit == "km"))
        return fail(Code::text_not_understood, typed, std::string(text.substr(digits.empty() ? 0 : at)), one,
                    other);
    double value = 0.0;
    const auto read = std::from_chars(digits.data(), digits.data() + digits.size(), value);
    if (read.ec != std::errc() || read.ptr != digits.data() + digits.size())
        return fail(Code::text_not_understood, typed, typed, one, other);
    if (miles) value *= km_per_mile;
    constexpr double most_km = 2e6;
    if (!(value <= most_km)) return fail(Code::text_too_large, typed, "2000000 km", one, other);
    return value;
}

}  // namespace fairchalk
