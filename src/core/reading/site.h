// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>

#include "core/reading/spot.h"
#include "core/reading/unknown.h"

namespace fairchalk {

/// Gives the unknowns to a prediction; which of them are asked for is what the reading depends on. T is a
/// number, or one that carries its derivatives.
template <class T>
class State {
  public:
    virtual T operator()(Unknown what, int where) const = 0;

  protected:
    ~State() = default;
};

/// What an observation needs besides the unknowns: which reading, where, and the card's lengths in metres.
struct Site {
    ReadingId kind = ReadingId::hub;
    int wheel = 0;
    int axle = 0;
    int side = 0;
    int line = 0;                         ///< that it is read to: `place_of_line`
    int pair = 0;                         ///< of what is taped at both edges: `taped_pair`
    double x = 0.0;                       ///< of the axle or bar, forward from the rear axle
    double span = 0.0;                    ///< rim span, or the reading's own span
    double height = 0.0;                  ///< of a gap, above its other end
    bool of_wheel = false;                ///< toe-angle: one wheel's or an axle's
    bool as_length = false;               ///< toe-angle given as a length over `span`
    double turned = 0.0;                  ///< heading changed from straight ahead, radians, out positive
    double zero_toe = 0.0;                ///< the wheel's toe at rest, for what depends on it weakly
    bool guessed_toe = false;             ///< it is an unknown of its own: a sweep hangs on it
    bool floor = false;                   ///< the heights of the four spots are unknowns too
    std::array<double, 4> tiles{};        ///< what lies under each wheel, beside those heights
    double wheelbase = 2.5, track = 1.5;  ///< that the floor slopes over
    bool steered = false;                 ///< the steering stood off straight by an unknown
    double ratio = 16.0;                  ///< of the steering
    double other_x = 0.0;                 ///< of the same side's other axle
    double from = 0.0;                    ///< camber-swing: heading where the gauge was zeroed, out positive
    double swept = 0.0, scale_for = 0.0;  ///< caster off a gauge's own scale; 0: the caster itself
    double mark = 0.0, arm_span = 0.0;    ///< arm-jig
    int zero = -1;                        ///< the tool whose zero is an unknown
    double zero_sign = 1.0;               ///< -1: turned end for end
    double runout = 0.0;                  ///< +1 as it stood, -1 half a turn on; 0: not told apart
    bool quarter_on = false;              ///< boards: both wheels were rolled that far
    bool centred = false;                 ///< the axles' middles lie off the scribed centreline by unknowns
    bool cambered = false;                ///< this wheel's camber is an unknown (arm-jig: both of its side)
    bool heights = false;                 ///< the string's height at the lip is known, and camber shows in it
    bool seated = false;  ///< the straightedge lies along the far rim only as well as it touches
    double edge_x = 0.0, edge_z = 0.0;  ///< where the level rule meets the lip, from the hub
};

}  // namespace fairchalk
