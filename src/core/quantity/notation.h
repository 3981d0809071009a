// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <string_view>

#include "core/quantity/message.h"
#include "core/quantity/units.h"

namespace fairchalk {

/// Lengths, angles and amounts of turn in the notation in which people say and type them.
///
/// A quantity is one or more terms joined by `and`, `+`, `plus`, `less`, `minus` or a spaced `-`; then, in
/// any order, at most one of strong/weak and at most one of in/out. A term is a number (decimal point or
/// comma), a fraction, or a whole number and a fraction, with its unit; feet take inches after them, degrees
/// take minutes and seconds. A term without a unit takes that of the next term which has one.
///
// clang-format off
/// | legal                                          | is                   | illegal            | because                    |
/// |------------------------------------------------|----------------------|--------------------|----------------------------|
/// | `62 mm`  `61,5 mm`  `5.2 cm`  `1.745 m`         | a decimal            | `12`               | no unit (see `Bare`)       |
/// | `2 9/16 in`  `2-9/16"`  `2½ in`  `3/64 in`      | inches, a fraction   | `3 7/0 in`         | no such fraction           |
/// | `17/16 in`                                      | as counted           | `2 17/16 in`       | a mistyped 7/16 or 1/16    |
/// | `66 3/8 and 1/32 in`  `66 3/8 + 1/32 in`        | a sum                | `3 mm 4 mm`        | two quantities             |
/// | `12 cm less 3 mm`                               | a difference         | `2 - 9/16 in`      | 2 9/16, or 1 7/16?         |
/// | `5 ft 8 1/2 in`  `5' 8 1/2"`                    | feet and inches      | `5' 13"`           | inches from 12 up          |
/// | `5 7/16 in strong`  `2 5/8 in weak`             | ± a quarter division | `5 in strong weak` | one or the other           |
/// | `1.4 deg`  `0,4°`  `0°12'`  `1°05'30"`          | an angle             | `0°75'`            | minutes from 60 up         |
/// | `27' out`  `12 min in`  `1.5 mm out`            | toe: out is minus    | `-27' out`         | a sign and a word          |
/// | `-2 mm`  `−0°30'`  `-½ in`  `-.5 mm`            | negative             | `1e4 mm` `nan mm`  | no exponents, a number     |
/// | `0,125 in`                                      | a decimal comma      | `1,745 mm`         | 1.745 or 1745?             |
/// | `7/8 turn`  `1 1/2 turns`  `2 flats`            | an amount of turn    | over 100 m, 360°   | no such wheel              |
/// | `18 tpi`  `1/18 in`                             | a thread's pitch     |                    |                            |
/// | `71 C`  `160 °F`                               | a temperature        |                    |                            |
///
// clang-format on
/// `'` and `"` are arc where a `°` stands before them, where the text ends in in/out, or where an angle is
/// wanted; otherwise feet and inches. `in` straight after a number is inches; after a unit it is toe.
/// `strong` has the synonyms full, over, plus; `weak` has shy, short, bare, almost.
/// Typographic quotes, primes, minus signs, spaces and fractions are read as their plain forms.
enum class QuantityKind { length, angle, turns, pressure, torque, temperature };

/// What a number without a unit means. In a file: nothing, it is an error. In a field of the window: its
/// unit.
enum class Bare { refused, mm, cm, inch, deg, arcmin, turns, bar, psi, nm, celsius, fahrenheit };

/// What the place that asks for a quantity expects.
struct Expect {
    /// Refuse other kinds. `any` takes what the text says.
    enum class Kind {
        any,
        length,
        angle,
        turns,
        length_or_angle,
        pressure,
        torque,
        temperature
    } kind = Kind::any;
    Bare bare = Bare::refused;
    /// A thread's pitch: also as threads counted over a length, `11 threads in 16 mm`.
    bool pitch = false;
};

enum class Strength { none, strong, weak };

/// One quantity as read.
struct Quantity {
    QuantityKind kind = QuantityKind::length;
    /// mm, degrees, turns, bar, Nm or °C. Toe out is negative. Strong and weak are already in it.
    double value = 0.0;
    /// The finest division typed, in the same unit, positive.
    double resolution = 0.0;
    Strength strength = Strength::none;
    /// True when in/out was typed.
    bool toe_word = false;
    /// The text in plain characters with its unit written out: legal in a file, and reads as the same value.
    std::string text;

    Length length() const { return Length::from_mm(value); }
    Angle angle() const { return Angle::from_deg(value); }
    /// Standard uncertainty of a careful reading: half the resolution; a quarter with strong or weak.
    double sigma() const { return resolution * (strength == Strength::none ? 0.5 : 0.25); }
};

/// True for a length in mm that is a division of an inch rule: a whole number of sixty-fourths of an inch.
bool is_inch_division(double mm);

/// Reads `text`. On failure the message's arguments are: what was typed, where it stopped, two legal
/// examples, then what the code lists. Linear in the text; texts over 10 kB are refused.
Result<Quantity> read_quantity(std::string_view text, Expect expect = {});

/// A length as a file keeps it: shortest decimal that reads back as the same value, `65.0875 mm`.
std::string write_exact(Length length);
/// `-0.31 deg`, shortest that reads back the same.
std::string write_exact(Angle angle);
/// `0.875 turn`
std::string write_exact_turns(double turns);
/// `2.2 bar`
std::string write_exact_bar(double bar);

/// How angles and lengths are shown; pressures and temperatures with the lengths: bar and °C with mm, psi and
/// °F with inches.
struct Show {
    enum class AngleStyle { degrees_minutes, decimal } angles = AngleStyle::degrees_minutes;
    enum class LengthStyle { mm, inch } lengths = LengthStyle::mm;
};

/// The words and the mark of decimals in which quantities are shown. English, with a point, until the window
/// says another language; files and the headless program stay so. Set before anything else runs.
struct Sayings {
    std::string in = "in", out = "out", turn = "turn", turns = "turns";
    char decimal = '.';      ///< where it is a comma, three digits after one are decimals, and no thousands
    bool day_first = false;  ///< days as 4.12.2026, and not as 2026-12-04
};
const Sayings& sayings();
void say_quantities(Sayings sayings);
/// The day of a time as files have it, `2026-12-04T18:20`; as it stands where it is none.
std::string show_day(std::string_view iso);
/// A number with decimals as `sayings` has them, rounded.
std::string show_number(double value, int places);

/// `0°08'`, `-1°05'`, or `0.14°`. Rounded to `1'` or 0.01° (0.1' or 0.001° when `fine`).
std::string show(Angle angle, const Show& how = {}, bool fine = false);
/// Toe with its word, never a bare sign: `0°08' in`, `0°02' out`, `0°00'`.
std::string show_toe(Angle toe, const Show& how = {});
/// Without a sign, rounded up so that it never looks better than it is: `7'`, `0.12°`.
std::string show_plus_minus(Angle half_width, const Show& how = {});
/// `65.1 mm` or the nearest 64th, `2 9/16 in`.
std::string show(Length length, const Show& how = {});
/// `7/8`, `1 1/4`, `2`: nearest 48th, so that eighths and flats (sixths) both come out.
std::string show_fraction(double value);
/// "three quarters" style amounts stay with the words; this is `3/4 turn`, `1 1/2 turns`.
std::string show_turns(double turns);
/// `2.20 bar` or `32 psi`.
std::string show_pressure(double bar, const Show& how = {});
/// `71 °C` or `160 °F`.
std::string show_temperature(double celsius, const Show& how = {});
/// As it is shown, of any kind; angles with a sign.
std::string show(const Quantity& quantity, const Show& how = {});

}  // namespace fairchalk
