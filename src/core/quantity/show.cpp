// SPDX-License-Identifier: GPL-3.0-or-later
// Quantities as they are written: exactly, for files, and as people read them.
#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>
#include <numeric>
#include <string>

#include "core/quantity/notation.h"
#include "core/quantity/unit_words.h"

namespace fairchalk {
namespace {

Sayings said;

std::string shortest(double value) {
    std::array<char, 400> buffer{};
    if (value == 0.0) value = 0.0;
    const auto result =
        std::to_chars(buffer.data(), buffer.data() + buffer.size(), value, std::chars_format::fixed);
    std::string out(buffer.data(), result.ptr);
    // Three decimals after a point are plain; only a comma is doubtful.
    return out;
}

/// As it is shown: with the decimal mark of the language.
std::string fixed(double value, int places) {
    std::array<char, 64> buffer{};
    const double scale = std::pow(10.0, places);
    double rounded = std::round(value * scale) / scale;
    if (rounded == 0.0) rounded = 0.0;
    const auto r = std::to_chars(buffer.data(), buffer.data() + buffer.size(), rounded,
                                 std::chars_format::fixed, places);
    std::string out(buffer.data(), r.ptr);
    std::replace(out.begin(), out.end(), '.', said.decimal);
    return out;
}

std::string two_digits(long n) {
    return (n < 10 ? "0" : "") + std::to_string(n);
}

std::string unsigned_angle(double deg, const Show& how, bool fine) {
    if (how.angles == Show::AngleStyle::decimal) return fixed(deg, fine ? 3 : 2) + "°";
    if (fine) {
        const long tenths = std::lround(deg * 600.0);
        return std::to_string(tenths / 600) + "°" + two_digits(tenths % 600 / 10) + said.decimal +
               std::to_string(tenths % 10) + "'";
    }
    const long minutes = std::lround(deg * 60.0);
    return std::to_string(minutes / 60) + "°" + two_digits(minutes % 60) + "'";
}

bool shows_as_zero(double deg, const Show& how, bool fine) {
    const double unit =
        how.angles == Show::AngleStyle::decimal ? (fine ? 0.001 : 0.01) : (fine ? 1.0 / 600 : 1.0 / 60);
    return std::abs(deg) < unit / 2;
}

}  // namespace

const Sayings& sayings() {
    return said;
}
void say_quantities(Sayings as) {
    said = std::move(as);
}
std::string show_number(double value, int places) {
    return fixed(value, places);
}

std::string show_day(std::string_view iso) {
    const std::string day(iso.substr(0, 10));
    if (!said.day_first || day.size() != 10 || day[4] != '-' || day[7] != '-') return day;
    return day.substr(8, 2) + "." + day.substr(5, 2) + "." + day.substr(0, 4);
}

std::string write_exact(Length length) {
    return shortest(length.mm()) + " mm";
}
std::string write_exact(Angle angle) {
    return shortest(angle.deg()) + " deg";
}
std::string write_exact_turns(double turns) {
    return shortest(turns) + " turn";
}

std::string show(Angle angle, const Show& how, bool fine) {
    const bool minus = angle.deg() < 0 && !shows_as_zero(angle.deg(), how, fine);
    return (minus ? "−" : "") + unsigned_angle(std::abs(angle.deg()), how, fine);
}

std::string show_toe(Angle toe, const Show& how) {
    const std::string amount = unsigned_angle(std::abs(toe.deg()), how, false);
    if (shows_as_zero(toe.deg(), how, false)) return amount;
    return amount + " " + (toe.deg() > 0 ? said.in : said.out);
}

std::string show_plus_minus(Angle half_width, const Show& how) {
    const double deg = std::abs(half_width.deg());
    if (how.angles == Show::AngleStyle::decimal) return fixed(std::ceil(deg * 100.0 - 1e-9) / 100.0, 2) + "°";
    const long minutes = static_cast<long>(std::ceil(deg * 60.0 - 1e-9));
    if (minutes < 60) return std::to_string(minutes) + "'";
    return unsigned_angle(minutes / 60.0, how, false);
}

std::string show(Length length, const Show& how) {
    if (how.lengths == Show::LengthStyle::mm) return fixed(length.mm(), 1) + " mm";
    const long sixty_fourths = std::lround(std::abs(length.in()) * 64.0);
    long top = sixty_fourths % 64, bottom = 64;
    if (top != 0) {
        const long common = std::gcd(top, bottom);
        top /= common;
        bottom /= common;
    }
    std::string out = length.mm() < 0 && sixty_fourths != 0 ? "−" : "";
    if (sixty_fourths / 64 != 0 || top == 0)
        out += std::to_string(sixty_fourths / 64) + (top != 0 ? " " : "");
    if (top != 0) out += std::to_string(top) + "/" + std::to_string(bottom);
    return out + " in";
}

std::string write_exact_bar(double bar) {
    return shortest(bar) + " bar";
}

std::string show_pressure(double bar, const Show& how) {
    return how.lengths == Show::LengthStyle::mm ? fixed(bar, 2) + " bar"
                                                : fixed(bar / notation::psi_in_bar, 1) + " psi";
}

std::string show_temperature(double celsius, const Show& how) {
    return how.lengths == Show::LengthStyle::mm ? fixed(celsius, 0) + " °C"
                                                : fixed(celsius * 1.8 + 32.0, 0) + " °F";
}

std::string show(const Quantity& q, const Show& how) {
    switch (q.kind) {
        case QuantityKind::length:
            return show(q.length(), how);
        case QuantityKind::angle:
            return show(q.angle(), how);
        case QuantityKind::turns:
            return show_turns(q.value);
        case QuantityKind::pressure:
            return show_pressure(q.value, how);
        case QuantityKind::torque:
            return fixed(q.value, 0) + " Nm";
        case QuantityKind::temperature:
            return show_temperature(q.value, how);
    }
    return {};
}

std::string show_fraction(double value) {
    const long n = std::lround(std::abs(value) * 48.0);
    long top = n % 48, bottom = 48;
    if (top != 0) {
        const long common = std::gcd(top, bottom);
        top /= common;
        bottom /= common;
    }
    std::string out = value < 0 && n != 0 ? "−" : "";
    if (n / 48 != 0 || top == 0) out += std::to_string(n / 48) + (top != 0 ? " " : "");
    if (top != 0) out += std::to_string(top) + "/" + std::to_string(bottom);
    return out;
}

std::string show_turns(double turns) {
    return show_fraction(turns) + " " + (std::abs(turns) > 1.0 + 1.0 / 96 ? said.turns : said.turn);
}

}  // namespace fairchalk
