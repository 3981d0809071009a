// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/quantity/unit_words.h"

#include <array>
#include <string_view>

namespace fairchalk::notation {
namespace {

constexpr double lbft_in_nm = 1.3558179483;  // 1 lbf by 1 ft

struct UnitWord {
    std::string_view word;
    Unit unit;
};

// clang-format off
constexpr std::array unit_words = {
    UnitWord{"mm", Unit::mm}, UnitWord{"millimetre", Unit::mm}, UnitWord{"millimetres", Unit::mm}, UnitWord{"millimeter", Unit::mm}, UnitWord{"millimeters", Unit::mm},
    UnitWord{"cm", Unit::cm},
    UnitWord{"m", Unit::m},
    UnitWord{"in", Unit::inch}, UnitWord{"inch", Unit::inch}, UnitWord{"inches", Unit::inch},
    UnitWord{"ft", Unit::foot}, UnitWord{"foot", Unit::foot}, UnitWord{"feet", Unit::foot},
    UnitWord{"deg", Unit::deg}, UnitWord{"degs", Unit::deg}, UnitWord{"degree", Unit::deg}, UnitWord{"degrees", Unit::deg},
    UnitWord{"min", Unit::arcmin}, UnitWord{"mins", Unit::arcmin}, UnitWord{"minute", Unit::arcmin}, UnitWord{"minutes", Unit::arcmin}, UnitWord{"arcmin", Unit::arcmin},
    UnitWord{"sec", Unit::arcsec}, UnitWord{"secs", Unit::arcsec}, UnitWord{"second", Unit::arcsec}, UnitWord{"seconds", Unit::arcsec}, UnitWord{"arcsec", Unit::arcsec},
    UnitWord{"turn", Unit::turn}, UnitWord{"turns", Unit::turn},
    UnitWord{"flat", Unit::flat}, UnitWord{"flats", Unit::flat},
    UnitWord{"bar", Unit::bar},
    UnitWord{"psi", Unit::psi},
    UnitWord{"kpa", Unit::kpa},
    UnitWord{"nm", Unit::nm},
    UnitWord{"lbft", Unit::lbft},
    UnitWord{"c", Unit::celsius}, UnitWord{"degc", Unit::celsius}, UnitWord{"celsius", Unit::celsius},
    UnitWord{"f", Unit::fahrenheit}, UnitWord{"degf", Unit::fahrenheit}, UnitWord{"fahrenheit", Unit::fahrenheit},
};
// clang-format on

}  // namespace

std::optional<Unit> unit_word(const std::string& word) {
    for (const UnitWord& u : unit_words)
        if (u.word == word) return u.unit;
    return std::nullopt;
}

Strength strength_word(const std::string& w) {
    if (w == "strong" || w == "full" || w == "over" || w == "plus") return Strength::strong;
    if (w == "weak" || w == "shy" || w == "short" || w == "bare" || w == "almost") return Strength::weak;
    return Strength::none;
}

QuantityKind kind_of(Unit unit) {
    switch (unit) {
        case Unit::deg:
        case Unit::arcmin:
        case Unit::arcsec:
            return QuantityKind::angle;
        case Unit::turn:
        case Unit::flat:
            return QuantityKind::turns;
        case Unit::bar:
        case Unit::psi:
        case Unit::kpa:
            return QuantityKind::pressure;
        case Unit::nm:
        case Unit::lbft:
            return QuantityKind::torque;
        case Unit::celsius:
        case Unit::fahrenheit:
            return QuantityKind::temperature;
        default:
            return QuantityKind::length;
    }
}

double to_base(double value, Unit unit) {
    switch (unit) {
        case Unit::cm:
            return value * 10.0;
        case Unit::m:
            return value * 1000.0;
        case Unit::inch:
            return value * 254.0 / 10.0;
        case Unit::foot:
            return value * 3048.0 / 10.0;
        case Unit::arcmin:
            return value / 60.0;
        case Unit::arcsec:
            return value / 3600.0;
        case Unit::flat:
            return value / 6.0;
        case Unit::psi:
            return value * psi_in_bar;
        case Unit::kpa:
            return value / 100.0;
        case Unit::lbft:
            return value * lbft_in_nm;
        case Unit::fahrenheit:
            return value / 1.8;
        default:
            return value;
    }
}

double zero_of(Unit unit) {
    return unit == Unit::fahrenheit ? -32.0 / 1.8 : 0.0;
}

}  // namespace fairchalk::notation
