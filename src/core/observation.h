// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cmath>

#include "core/estimate.h"

namespace fairchalk {

/// What an observation needs besides the unknowns: which reading, where, and the card's lengths in metres.
struct Site {
    ReadingKind kind = ReadingKind::hub;
    int wheel = 0;
    int axle = 0;
    int side = 0;
    double x = 0.0;                       ///< of the axle or bar, forward from the rear axle
    double span = 0.0;                    ///< rim span, or the reading's own span
    double height = 0.0;                  ///< of a gap, above its other end
    bool of_wheel = false;                ///< toe-angle: one wheel's or an axle's
    bool as_length = false;               ///< toe-angle given as a length over `span`
    double turned = 0.0;                  ///< heading changed from straight ahead, radians, out positive
    double zero_toe = 0.0;                ///< the wheel's toe at rest, for what depends on it weakly
    bool floor = false;                   ///< the heights of the four spots are unknowns too
    std::array<double, 4> tiles{};        ///< what lies under each wheel, beside those heights
    double wheelbase = 2.5, track = 1.5;  ///< that the floor slopes over
    bool steered = false;                 ///< the steering stood off straight by an unknown
    double ratio = 16.0;                  ///< of the steering
};

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
        return (o + site.x * tan(b) - state(U::half_width, site.axle)) * cos(b);
    };
    const auto total = [&]() -> T { return state(U::toe, site.axle * 2) + state(U::toe, site.axle * 2 + 1); };
    const double s = site.side == 0 ? 1.0 : -1.0;
    // Toe as the wheel stands: steered to the right is toe in on the left wheel, toe out on the right.
    const auto toe_of = [&](int wheel) -> T {
        const T toe = state(U::toe, wheel);
        return site.steered && wheel < 2 ? T(toe + (wheel == 0 ? 1.0 : -1.0) * state(U::steer, 0)) : toe;
    };
    // Slopes of the floor (geometry, section 4), nose up and left up.
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
    switch (site.kind) {
        case ReadingKind::hub:
            return perpendicular_hub();
        case ReadingKind::rim_front:
        case ReadingKind::rim_rear: {
            const T to_string = toe_of(site.wheel) + state(U::string_skew, site.side);
            const double end = site.kind == ReadingKind::rim_front ? 0.5 : -0.5;
            return perpendicular_hub() + state(U::lip_depth, site.axle) * cos(to_string) +
                   end * site.span * sin(to_string);
        }
        case ReadingKind::string_to_string:
            return state(U::string_offset, 0) + state(U::string_offset, 1) +
                   site.x * (tan(state(U::string_skew, 0)) + tan(state(U::string_skew, 1)));
        case ReadingKind::hub_width:
            return 2.0 * state(U::half_width, site.axle);
        case ReadingKind::boards_front:
        case ReadingKind::stud_bar_front:
        case ReadingKind::tread_front:
            return state(U::mid_width, site.axle * 100 + index_of(site.kind)) -
                   0.5 * site.span * sin(total());
        case ReadingKind::boards_rear:
        case ReadingKind::stud_bar_rear:
        case ReadingKind::tread_rear:
            return state(U::mid_width, site.axle * 100 + index_of(site.kind) - 1) +
                   0.5 * site.span * sin(total());
        case ReadingKind::tape_difference:
            return site.span * sin(total());
        case ReadingKind::toe_angle: {
            const T toe = site.of_wheel ? toe_of(site.wheel) : total();
            return site.as_length ? T(site.span * sin(toe)) : toe;
        }
        case ReadingKind::camber:
        case ReadingKind::camber_gap: {
            Direction<T> n = spindle<T>(T(site.zero_toe), state(U::camber, site.wheel), s);
            if (site.turned != 0.0)
                n = swept_spindle<T>(n, state(U::caster, site.wheel), state(U::sai, site.wheel), s,
                                     site.turned);
            // The gauge reads -asin(n . u), u = (tan p, tan r, 1) normalized being the vertical.
            using std::sqrt;
            const T up = slope_up(), left = slope_left();
            const T shown = -asin((n.x * up + n.y * left + n.z) / sqrt(up * up + left * left + 1.0));
            return site.kind == ReadingKind::camber ? shown : T(site.height * tan(shown));
        }
        case ReadingKind::caster:
            return state(U::caster, site.wheel) + atan(slope_up());
        case ReadingKind::steering_wheel:
            return site.ratio * state(U::steer, 0);
        default:
            return T(0);
    }
}

}  // namespace fairchalk
