// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace fairchalk {

/// Unknowns of the problem. `where` is a line, an axle, a wheel or a rod's place on the card.
enum class Unknown {
    string_offset,  ///< of a string, or another straight line along a side (`place_of_line`)
    string_skew,
    half_width,
    lip_depth,
    toe,
    camber,
    caster,
    sai,
    arm,
    mid_width,
    floor,        ///< height of a wheel's spot; the level line it is read from is number 4
    steer,        ///< how far the front wheels stood steered to the right
    axle_middle,  ///< of the hub faces, left of the scribed chassis centerline
    toe_runout,   ///< of a rim, as the wheel first stood; half a turn on it is the other way
    sweep_toe,    ///< the toe that a caster sweep starts from
    camber_runout,
    tool_zero,   ///< `where` is the tool's place in `Standing::tools`
    seat,        ///< of a straightedge along a rear rim: how far off that rim's line it lies
    plumb,       ///< from a plumb line to the middle between both lips
    response,    ///< of a device: `where` is place_of_response(place on the card, effect)
    shown_toe,   ///< of a wheel whose tire still holds back a share of what it was turned
    rested_toe,  ///< and the toe from which it was turned: another name for what `toe` was then
    stick,       ///< how many times what it showed the toe has gone after a shake, by axle
    lock,        ///< what locking an adjuster does: `where` is place_of_lock(place on the card, angle)
    spot
};

/// Where the middle width of what is taped at both edges of an axle stands: by the kind of its front edge.
constexpr int place_of_width(int axle, int kind) {
    return axle * 100 + kind;
}

/// Where offset and skew of the straight line along a side stand: the string's is its side, any other line
/// has a number of its own from 1 on, so that both may be set up at once.
constexpr int place_of_line(int side, int number) {
    return side + 2 * number;
}

/// Where the run-out stands of a wheel to whose tire a board is held: the rim's own, where lips tell of it. A
/// quarter on it is another: what tilted the board in plan then leans it.
constexpr int place_of_board(int wheel, bool quarter_on) {
    return wheel + (quarter_on ? 8 : 4);
}

/// Where a plumb line hangs: anew for each stand of a swept wheel.
constexpr int place_of_plumb(int wheel, double turned) {
    return wheel + (turned > 0.0 ? 4 : turned < 0.0 ? 8 : 0);
}

}  // namespace fairchalk
