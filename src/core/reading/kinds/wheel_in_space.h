// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>

// Directions of a wheel in space, exactly, for numbers and for those that carry derivatives: the axes of
// docs/geometry.md, x forward, y outward on either side, z up.

namespace fairchalk::readings {

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

}  // namespace fairchalk::readings
