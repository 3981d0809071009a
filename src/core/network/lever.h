// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <string>
#include <utility>
#include <vector>

#include <Eigen/Core>

#include "core/car/adjuster.h"
#include "core/network/estimate.h"

namespace fairchalk {

/// As many turns one way no rod has; beyond it is a mistake.
inline constexpr double most_rod_turns = 30.0;

/// One handle of an adjuster as the estimate knows it: the angles it moves, and the unknowns that say by how
/// much. Amounts are in the handle's unit, angles in radians.
struct Lever {
    const Adjuster* rod = nullptr;  // or a device
    const Adjuster* device = nullptr;
    const AdjusterKind* kind = nullptr;
    Handle handle;
    int which = 0;  ///< of the device's handles
    int place = 0;  ///< on the card
    Wheel wheel = Wheel::front_left;
    int serves = 0;
    double so_far = 0.0;  ///< turned since the card
    /// Of a front rod: what of the toe's change its camber changes by, -tan(caster).
    double lean = 0.0;
    bool caster_known = false;
    /// An angle it moves, and the unknown that says by how much (for a rod: its arm).
    struct Pull {
        Wheel wheel = Wheel::front_left;
        WheelAngle angle = WheelAngle::toe;
        int state = -1, response = -1;
    };
    std::vector<Pull> pulls;
    /// What locking the adjuster does to the angles it sets, as far as that is known: state and unknown. Of
    /// all levers of an adjuster alike.
    std::vector<std::pair<int, int>> locks;

    const std::string& id() const { return rod ? rod->id : device->id; }
    /// What an effect grows with, from where it stands.
    double travel(double amount) const;
    double effect(const Pull& pull, double amount, const Posterior& p) const;
    /// Of the effect, by its unknown.
    double slope(const Pull& pull, double amount, const Posterior& p) const;
    /// Of an angle that comes of turning at all: settling, and what is not linear.
    double settled_variance(const Pull& pull, double amount, const Posterior& p) const;
};

/// The levers of a card of which the estimate has the unknowns. What lacks a fact that its direction hangs on
/// (`unsaid_of`) has none.
std::vector<Lever> levers_of(const CarCard& car, const Posterior& p);

}  // namespace fairchalk
