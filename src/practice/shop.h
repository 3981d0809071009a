// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/job/log.h"
#include "practice/sim_car.h"

namespace fairchalk::practice {

/// A shop with a rig of its own, and what that rig is off by: a stand-in for the sheet that one gets there.
struct Shop {
    std::string name = "Sallow Wharf Tires";  // invented, as all names here
    double camber_alike = 0.0;                ///< degrees on every wheel: its zero
    double camber_sided = 0.0;    ///< its ramps fall off to one side: left so much, right the other way
    double straight_ahead = 0.0;  ///< front toes: left so much in, right out
    double caster_alike = 0.0;
    double toe_noise = 0.02, camber_noise = 0.03, caster_noise = 0.1;  ///< one sigma
};
/// One by its number: off by up to 0.05 degrees here and there.
Shop shop_of(std::uint64_t seed);

/// What it measures on a car whose truth is known, to its display's 0.01 degrees.
ShopSheet measured(const Shop& shop, const SolidCar& car, ShopSheet::When when, Rng& rng);

/// The sheet as it comes off its printer: lines of text.
std::string sheet_text(const Shop& shop, const ShopSheet& sheet, const std::string& car);

}  // namespace fairchalk::practice
