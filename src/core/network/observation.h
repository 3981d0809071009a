// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cmath>

#include "core/job/log.h"
#include "core/network/unknown.h"

namespace fairchalk {

/// What an observation needs besides the unknowns: which reading, where, and the card's lengths in metres.
struct Site {
    ReadingKind kind = ReadingKind::hub;
    int wheel = 0;
    int axle = 0;
    int side = 0;
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
    bool centred = false;                 ///< the axles' middles lie off the scribed centreline by unknowns
    bool cambered = false;                ///< this wheel's camber is an unknown (arm-jig: both of its side)
    bool heights = false;                 ///< the string's height at the lip is known, and camber shows in it
    bool seated = false;  ///< the straightedge lies along the far rim only as well as it touches
    double edge_x = 0.0, edge_z = 0.0;  ///< where the level rule meets the lip, from the hub
};

/// Where a plumb line hangs: anew for each stand of a swept wheel.
inline int plumb_at(int wheel, double turned) {
    return wheel + (turned > 0.0 ? 4 : turned < 0.0 ? 8 : 0);
}

/// Outboard unit normal of a wheel: n = (sin t cos g, s cos t cos g, -sin g), s = +1 left, -1 right.
template <class T>
struct Direction {
    T x, y, z;
};
template <class T>
[[gnu::noinline]] Direction<T> spindle(const T& toe, const T& camber, double s) {
    using std::cos;
    using std::sin;
    const T c = cos(camber);
    return {sin(toe) * c, s * cos(toe) * c, -sin(camber)};
}

/// n turned about the unit axis k by phi: Rodrigues' rotation.
template <class T>
[[gnu::noinline]] Direction<T> rotated(const Direction<T>& n, const Direction<T>& k, const T& phi) {
    using std::cos;
    using std::sin;
    const T c = cos(phi), si = sin(phi);
    const T along = (k.x * n.x + k.y * n.y + k.z * n.z) * (1.0 - c);
    return {n.x * c + (k.y * n.z - k.z * n.y) * si + k.x * along,
            n.y * c + (k.z * n.x - k.x * n.z) * si + k.y * along,
            n.z * c + (k.x * n.y - k.y * n.x) * si + k.z * along};
}

/// The spindle turned about the steering axis k, proportional to (-tan caster, -s tan sai, 1), until its
/// heading has changed by `out` (radians, front outward); the angle of rotation by Newton, so that its
/// derivatives are right too.
template <class T>
[[gnu::noinline]] Direction<T> swept_spindle(const Direction<T>& n, const T& caster, const T& sai, double s,
                                             double out) {
    using std::atan2;
    using std::sqrt;
    using std::tan;
    const T kx = -tan(caster), ky = -s * tan(sai);
    const T length = sqrt(kx * kx + ky * ky + 1.0);
    const Direction<T> k{kx / length, ky / length, 1.0 / length};
    // Front outward is a turn about +z on the left side and about -z on the right; seen mirrored it is +z for
    // both.
    const T want = atan2(n.y * s, n.x) + out;
    T phi = T(s * out);
#pragma GCC unroll 1
    for (int i = 0; i < 6; ++i) {
        const Direction<T> m = rotated(n, k, phi);
        const T dx = k.y * m.z - k.z * m.y, dy = k.z * m.x - k.x * m.z;  // dm/dphi = k x m
        const T slope = (m.x * dy - m.y * dx) * s / (m.x * m.x + m.y * m.y);
        phi = phi - (atan2(m.y * s, m.x) - want) / slope;
    }
    return rotated(n, k, phi);
}

/// A wheel's rim seen from above, in a frame whose y points away from the car on either side: forward along
/// the rim at hub height, outward square to it, and the middle of the lip's plane.
template <class T>
struct RimPlan {
    T fx, fy, nx, ny, x, y;
    T px(double along, const T& out) const { return x + along * fx + out * nx; }
    T py(double along, const T& out) const { return y + along * fy + out * ny; }
};

/// The gap beside each edge of `near`'s rim from a bar laid along `far`'s rim: the bar is a string whose skew
/// is less that wheel's toe-in and that touches its lip.
template <class T>
T straightedge_gap(const T& toe_near, const T& toe_far, const T& half_near, const T& half_far,
                   const T& lip_near, const T& lip_far, double x_from_far, double end) {
    using std::cos;
    using std::sin;
    using std::tan;
    const T b = -toe_far;
    const T offset = half_far - lip_far / cos(b);
    return (offset + x_from_far * tan(b) - half_near) * cos(b) + lip_near * cos(toe_near + b) +
           end * sin(toe_near + b);
}

/// Where the string between both wheels' outer arms crosses the inner arm of `here`, from its rim. `towards`
/// is +1 where the other wheel lies ahead. The string is fixed on each outer arm at `mark`, the arms are
/// `arm_span` apart on each wheel; an arm leans with its wheel's camber, so its length shows shorter from
/// above.
template <class T>
T arm_jig_reading(const RimPlan<T>& here, const RimPlan<T>& there, double towards, double mark,
                  double arm_span) {
    const double a = arm_span / 2;
    const T x0 = here.px(-towards * a, T(mark)), y0 = here.py(-towards * a, T(mark));
    const T dx = there.px(towards * a, T(mark)) - x0, dy = there.py(towards * a, T(mark)) - y0;
    const T ax = here.px(towards * a, T(0)) - x0, ay = here.py(towards * a, T(0)) - y0;
    return -(ax * dy - ay * dx) / (here.nx * dy - here.ny * dx);
}

/// What the reading at `site` should show, in metres or radians. `state(unknown, where)` gives the unknowns;
/// which of them are asked for is what the reading depends on. A new kind of reading is one more case here.
template <class T, class State>
[[gnu::noinline]] T predict(const Site& site, const State& state) {
    using std::asin;
    using std::atan;
    using std::cos;
    using std::sin;
    using std::tan;
    using U = Unknown;
    const auto perpendicular_hub = [&]() -> T {
        const T o = state(U::string_offset, site.side), b = state(U::string_skew, site.side);
        T face = state(U::half_width, site.axle);
        if (site.centred) face += (site.side == 0 ? 1.0 : -1.0) * state(U::axle_middle, site.axle);
        return (o + site.x * tan(b) - face) * cos(b);
    };
    const auto total = [&]() -> T { return state(U::toe, site.axle * 2) + state(U::toe, site.axle * 2 + 1); };
    const double s = site.side == 0 ? 1.0 : -1.0;
    // Toe as the wheel stands: steered to the right is toe in on the left wheel, toe out on the right.
    const auto toe_of = [&](int wheel) -> T {
        T toe = state(U::toe, wheel);
        if (site.runout != 0.0 && !against_gravity(site.kind))
            toe += site.runout * state(U::toe_runout, wheel);
        return site.steered && wheel < 2 ? T(toe + (wheel == 0 ? 1.0 : -1.0) * state(U::steer, 0)) : toe;
    };
    // Slopes of the floor (docs/geometry.md), nose up and left up.
    const auto height = [&](int w) -> T {
        return state(U::floor, w) + site.tiles[static_cast<std::size_t>(w)];
    };
    const auto slope_up = [&]() -> T {
        return site.floor ? T((height(0) + height(1) - height(2) - height(3)) / (2.0 * site.wheelbase))
                          : T(0);
    };
    const auto slope_left = [&]() -> T {
        return site.floor ? T((height(site.axle * 2) - height(site.axle * 2 + 1)) / site.track) : T(0);
    };
    const auto zero = [&]() -> T {
        return site.zero < 0 ? T(0) : T(site.zero_sign * state(U::tool_zero, site.zero));
    };
    // What a gauge shows: -asin(n . u), u = (tan p, tan r, 1) normalized being the vertical.
    const auto shown_at = [&](double turned) -> T {
        using std::sqrt;
        T camber = state(U::camber, site.wheel);
        if (site.runout != 0.0) camber += site.runout * state(U::camber_runout, site.wheel);
        const T toe = site.guessed_toe ? T(state(U::sweep_toe, site.wheel)) : T(site.zero_toe);
        Direction<T> n = spindle<T>(toe, camber, s);
        if (turned != 0.0)
            n = swept_spindle<T>(n, state(U::caster, site.wheel), state(U::sai, site.wheel), s, turned);
        const T up = slope_up(), left = slope_left();
        return -asin((n.x * up + n.y * left + n.z) / sqrt(up * up + left * left + 1.0));
    };
    // How much further out the upper lip stands than the lower: over a plumb height, or along the rim.
    const auto drop = [&]() -> T {
        return site.height > 0 ? T(site.height * tan(shown_at(site.turned)))
                               : T(site.span * sin(shown_at(site.turned)));
    };
    switch (site.kind) {
        case ReadingKind::hub:
            return perpendicular_hub();
        case ReadingKind::rim_front:
        case ReadingKind::rim_rear: {
            const T to_string = toe_of(site.wheel) + state(U::string_skew, site.side);
            const double end = site.kind == ReadingKind::rim_front ? 0.5 : -0.5;
            const T lip = perpendicular_hub() + state(U::lip_depth, site.axle) * cos(to_string);
            if (!site.heights) return lip + end * site.span * sin(to_string);
            // Above the hub the lip of a leaning wheel stands further out, and the rim is narrower.
            return lip + site.edge_x * sin(to_string) -
                   site.edge_z * tan(state(U::camber, site.wheel)) * cos(to_string);
        }
        case ReadingKind::centreline_to_string:
            return state(U::string_offset, site.side) + site.x * tan(state(U::string_skew, site.side));
        case ReadingKind::straightedge_front:
        case ReadingKind::straightedge_rear: {
            const int far = site.wheel ^ 2, far_axle = 1 - site.axle;
            const double end = (site.kind == ReadingKind::straightedge_front ? 0.5 : -0.5) * site.span;
            const T lies = site.seated ? toe_of(far) + state(U::seat, far) : toe_of(far);
            return straightedge_gap<T>(toe_of(site.wheel), lies, state(U::half_width, site.axle),
                                       state(U::half_width, far_axle), state(U::lip_depth, site.axle),
                                       state(U::lip_depth, far_axle), site.x - site.other_x, end);
        }
        case ReadingKind::arm_jig: {
            const auto plan = [&](int wheel, int axle, double x) -> RimPlan<T> {
                const T toe = toe_of(wheel);
                const T lean = site.cambered ? T(cos(state(U::camber, wheel))) : T(1);
                RimPlan<T> r{cos(toe), -sin(toe), sin(toe) * lean, cos(toe) * lean, T(x), T(0)};
                r.x -= state(U::lip_depth, axle) * sin(toe);
                r.y = state(U::half_width, axle) - state(U::lip_depth, axle) * cos(toe);
                return r;
            };
            return arm_jig_reading<T>(plan(site.wheel, site.axle, site.x),
                                      plan(site.wheel ^ 2, 1 - site.axle, site.other_x),
                                      site.axle == 0 ? -1.0 : 1.0, site.mark, site.arm_span);
        }
        case ReadingKind::string_to_string:
            return state(U::string_offset, 0) + state(U::string_offset, 1) +
                   site.x * (tan(state(U::string_skew, 0)) + tan(state(U::string_skew, 1)));
        case ReadingKind::hub_width:
            return 2.0 * state(U::half_width, site.axle);
        case ReadingKind::boards_front:
        case ReadingKind::stud_bar_front:
        case ReadingKind::tread_front:
            return state(U::mid_width, place_of_width(site.axle, site.pair)) -
                   0.5 * site.span * sin(total()) + zero();
        case ReadingKind::boards_rear:
        case ReadingKind::stud_bar_rear:
        case ReadingKind::tread_rear:
            return state(U::mid_width, place_of_width(site.axle, site.pair)) +
                   0.5 * site.span * sin(total()) + zero();
        case ReadingKind::tape_difference:
            return site.span * sin(total());
        case ReadingKind::toe_angle: {
            const T toe = site.of_wheel ? toe_of(site.wheel) : total();
            return site.as_length ? T(site.span * sin(toe)) : toe;
        }
        case ReadingKind::camber:
        case ReadingKind::camber_reversed:
            return shown_at(site.turned) + zero();
        case ReadingKind::camber_gap:
            return site.height * tan(shown_at(site.turned));
        case ReadingKind::camber_plumb_upper:
            return state(U::plumb, plumb_at(site.wheel, site.turned)) - 0.5 * drop();
        case ReadingKind::camber_plumb_lower:
            return state(U::plumb, plumb_at(site.wheel, site.turned)) + 0.5 * drop();
        case ReadingKind::camber_swing:
            return shown_at(site.turned) - shown_at(site.from);
        case ReadingKind::caster:
            if (site.swept != 0.0)
                return (shown_at(site.swept) - shown_at(-site.swept)) / (2.0 * std::sin(site.scale_for));
            return state(U::caster, site.wheel) + atan(slope_up());
        case ReadingKind::axis_offset:
            return site.height * tan(state(U::caster, site.wheel) + atan(slope_up()));
        case ReadingKind::steering_wheel:
            return site.ratio * state(U::steer, 0);
        default:
            return T(0);
    }
}

}  // namespace fairchalk
