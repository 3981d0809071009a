// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>

#include "core/quantity/notation.h"

namespace fairchalk::notation {

inline constexpr double psi_in_bar = 0.0689475729;  ///< 1 lbf over 1 in squared

enum class Unit {
    none,
    mm,
    cm,
    m,
    inch,
    foot,
    deg,
    arcmin,
    arcsec,
    turn,
    flat,
    bar,
    psi,
    kpa,
    nm,
    lbft,
    celsius,
    fahrenheit
};

std::optional<Unit> unit_word(const std::string& word);
/// `strong`, `weak` and their like.
Strength strength_word(const std::string& w);
QuantityKind kind_of(Unit unit);
/// A value in the unit, in mm, degrees, turns, bar, Nm or °C; of a scale that begins elsewhere without
/// `zero_of`. Division where it keeps typed fractions exact.
double to_base(double value, Unit unit);
/// Where the unit's scale begins: °C for 0 °F, else 0.
double zero_of(Unit unit);

}  // namespace fairchalk::notation
