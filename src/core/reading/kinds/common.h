// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <ceres/jet.h>

#include "core/quantity/translatable.h"
#include "core/reading/kinds/wheel_in_space.h"
#include "core/reading/reading_kind.h"

namespace fairchalk::readings {

// What the classes of several kinds are made with.

/// A kind whose prediction is one template, `shows<T>(site, state)`, for numbers and for derivatives.
template <class Kind, class Base = ReadingKind>
class Predicted : public Base {
  public:
    double predict(const Site& site, const State<double>& state) const final {
        return static_cast<const Kind&>(*this).template shows<double>(site, state);
    }
    Jet predict(const Site& site, const State<Jet>& state) const final {
        return static_cast<const Kind&>(*this).template shows<Jet>(site, state);
    }
};

/// +1 at the left side, -1 at the right.
inline double side_sign(const Site& site) {
    return site.side == 0 ? 1.0 : -1.0;
}

/// Toe as the wheel stands: steered to the right is toe in on the left wheel, toe out on the right. Half a
/// turn on, the run-out of its rim is the other way.
template <class T>
T toe_as_it_stands(const Site& site, const State<T>& state, int wheel) {
    T toe = state(Unknown::toe, wheel);
    if (site.runout != 0.0) toe += site.runout * state(Unknown::toe_runout, wheel);
    return site.steered && wheel < 2 ? T(toe + (wheel == 0 ? 1.0 : -1.0) * state(Unknown::steer, 0)) : toe;
}

template <class T>
T total_toe(const Site& site, const State<T>& state) {
    return state(Unknown::toe, site.axle * 2) + state(Unknown::toe, site.axle * 2 + 1);
}

/// Between boards on the tires: each stands as its wheel does, run-out and all.
template <class T>
T total_toe_of_boards(const Site& site, const State<T>& state) {
    T toe = total_toe(site, state);
    if (site.runout != 0.0)
        for (int s : {0, 1})
            toe += state(Unknown::toe_runout, place_of_board(site.axle * 2 + s, site.quarter_on));
    return toe;
}

/// From the straight line along a side square to the hub's face.
template <class T>
T hub_to_line(const Site& site, const State<T>& state) {
    using std::cos;
    using std::tan;
    const T o = state(Unknown::string_offset, site.line), b = state(Unknown::string_skew, site.line);
    T face = state(Unknown::half_width, site.axle);
    if (site.centred) face += side_sign(site) * state(Unknown::axle_middle, site.axle);
    return (o + site.x * tan(b) - face) * cos(b);
}

/// How far a lip lies behind its hub's face, square to a line that the wheel is turned to by so much. The
/// cosine is taken of a usual lip: of a real one it differs by hundredths of a millimetre. Of one whose hub
/// nobody read, it would be what a turn did, fitted by a rim that lies metres deep.
template <class T>
T lip_behind_hub(const State<T>& state, int axle, const T& turned) {
    using std::cos;
    constexpr double usual_lip = 0.01;  // metres
    return state(Unknown::lip_depth, axle) + usual_lip * (cos(turned) - 1.0);
}

/// From the straight line along a side to an edge of the rim's lip, both at hub height.
template <class T>
T lip_to_line(const Site& site, const State<T>& state, double end) {
    using std::sin;
    const T to_line = toe_as_it_stands(site, state, site.wheel) + state(Unknown::string_skew, site.line);
    return hub_to_line(site, state) + lip_behind_hub(state, site.axle, to_line) +
           end * site.span * sin(to_line);
}

/// Of what a wheel stands on.
template <class T>
T spot_height(const Site& site, const State<T>& state, int wheel) {
    return state(Unknown::floor, wheel) + site.tiles[static_cast<std::size_t>(wheel)];
}

/// How the floor slopes, nose up: over the heights of the four spots (docs/geometry.md).
template <class T>
T slope_up(const Site& site, const State<T>& state) {
    if (!site.floor) return T(0);
    const auto height = [&](int w) { return spot_height(site, state, w); };
    return T((height(0) + height(1) - height(2) - height(3)) / (2.0 * site.wheelbase));
}

/// How the floor slopes under an axle, left up.
template <class T>
T slope_left(const Site& site, const State<T>& state) {
    if (!site.floor) return T(0);
    return T((spot_height(site, state, site.axle * 2) - spot_height(site, state, site.axle * 2 + 1)) /
             site.track);
}

/// The tool's zero, where it is an unknown.
template <class T>
T tool_zero(const Site& site, const State<T>& state) {
    return site.zero < 0 ? T(0) : T(site.zero_sign * state(Unknown::tool_zero, site.zero));
}

/// What a level shows of the wheel turned out by so much: -asin(n . u), u = (tan p, tan r, 1) normalized
/// being the vertical.
template <class T>
T lean_at(const Site& site, const State<T>& state, double turned) {
    using std::asin;
    using std::sqrt;
    T camber = state(Unknown::camber, site.wheel);
    if (site.runout != 0.0) camber += site.runout * state(Unknown::camber_runout, site.wheel);
    const T toe = site.guessed_toe ? T(state(Unknown::sweep_toe, site.wheel)) : T(site.zero_toe);
    Direction<T> n = spindle<T>(toe, camber, side_sign(site));
    if (turned != 0.0)
        n = swept_spindle<T>(n, state(Unknown::caster, site.wheel), state(Unknown::sai, site.wheel),
                             side_sign(site), turned);
    const T up = slope_up(site, state), left = slope_left(site, state);
    return -asin((n.x * up + n.y * left + n.z) / sqrt(up * up + left * left + 1.0));
}

/// What every reading against gravity asks for, standing straight or turned.
void ask_for_lean(const Reading& r, const CarCard& car, NetworkNeeds& needs, bool by_gauge, bool by_sweep);

/// What a gauge asks for besides where only what it swung by was read, not where it began.
void ask_for_swing(const Reading& r, NetworkNeeds& needs);

/// What boards on the tires of an axle ask for: the run-out of both.
void ask_for_boards(const Reading& r, NetworkNeeds& needs);

/// What touches a rim asks for: its run-out.
void ask_for_rim(const Reading& r, int wheel, NetworkNeeds& needs);

/// What every distance to a rim's lip asks for: its run-out, and that its depth was read.
void ask_for_lip(const Reading& r, NetworkNeeds& needs);

/// Square from a point of the solid car to a straight line along its side: mm, the line's skew in degrees.
double from_line(const SolidCar::V& p, double skew, double offset);

/// The same spot half a turn on, where it is not one already.
std::vector<Spot> half_a_turn_on(const Spot& spot);

}  // namespace fairchalk::readings
