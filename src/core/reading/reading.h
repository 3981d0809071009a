// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>

#include "core/car/instrument.h"
#include "core/reading/spot.h"

namespace fairchalk {

/// How far a wheel is turned each way for caster, and what a caster gauge's scale is made for, unless said.
inline constexpr Angle usual_sweep = Angle::from_deg(20.0);

/// What all takings at one spot share: a dented lip, a thumb (one sigma).
inline constexpr Length spot_error = Length::from_mm(0.2);

/// A reading: a spot, what was read there, and how well.
struct Reading {
    Spot spot;
    Quantity value;
    std::optional<double> stated_sigma;  ///< in the unit of `value`: mm or degrees
    std::string tool;
    std::optional<Length> span;    ///< toe read as a length: over what
    std::optional<Length> height;  ///< camber-gap: between the two heights
    std::optional<bool> top_in;    ///< camber-gap: which way the top leans
    std::optional<Angle> turned;   ///< change of that wheel's heading from straight ahead, out positive
    /// The steering wheel's own turn instead, the way that turns this wheel out positive: over the ratio.
    std::optional<Angle> wheel_turned;
    std::optional<Angle> turned_sigma;
    std::optional<Angle> from;  ///< camber-swing: where the gauge was set to zero, out positive
    std::optional<Angle>
        swept;  ///< caster off a gauge's own scale: how far the wheel was really turned each way
    std::optional<Angle> scale_for;  ///< and the sweep that scale is made for; 20 degrees
    std::optional<Length> mark;      ///< arm-jig: of the string on the outer arms, from the rim
    std::optional<Length> arm_span;  ///< arm-jig: between the two arms of a wheel
    bool zeroed_on_floor =
        false;  ///< the gauge was zeroed on the floor there: its slope is taken out already
    /// steering-wheel: it has stood so only since now; by default the whole round was read with it so.
    bool since_now = false;
    /// Read while something was turned, before the car was shaken: the tires hold back a share of what that
    /// did.
    bool before_shake = false;
    /// A stick test: the tire was pushed that way at this spot and let go. Tells no angle, but how much it
    /// keeps.
    enum class Pushed { out, in };
    std::optional<Pushed> pushed;

    /// Standard uncertainty of this one taking, in the unit of `value`, by: stated sigma, the tool (`own`, or
    /// the standard one of that name), half the resolution. Without a tool the finest division typed beside
    /// it decides (`finest`, see `inch_division`): `4 in` between sixteenths was read to a sixteenth.
    double sigma(const Tool* own = nullptr, double finest = 0.0) const;
    /// The division of an inch to which this was typed without a tool, mm; 0 where it is no such reading.
    double inch_division() const;
    /// `spot_error` in mm for length readings without a stated sigma; else 0.
    double spot_sigma() const;

    /// Heading from straight ahead when it was taken, radians, front outward: as stated, or the steering
    /// wheel's own turn over its ratio.
    double heading(const CarCard& car) const;
};

}  // namespace fairchalk
