// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>
#include <compare>
#include <numbers>

namespace fairchalk {

/// In radians, for what reckons in them.
inline constexpr double one_degree = std::numbers::pi / 180.0;

/// A length. Kept in millimetres, because that is what a rule shows and typed values then stay exact.
class Length {
  public:
    constexpr Length() = default;
    static constexpr Length from_mm(double mm) { return Length(mm); }
    static constexpr Length from_m(double m) { return Length(m * 1000.0); }
    static constexpr Length from_in(double in) { return Length(in * 25.4); }

    constexpr double mm() const { return mm_; }
    constexpr double m() const { return mm_ / 1000.0; }
    constexpr double in() const { return mm_ / 25.4; }

    constexpr auto operator<=>(const Length&) const = default;
    constexpr Length operator-() const { return Length(-mm_); }
    constexpr Length operator+(Length o) const { return Length(mm_ + o.mm_); }
    constexpr Length operator-(Length o) const { return Length(mm_ - o.mm_); }
    constexpr Length operator*(double k) const { return Length(mm_ * k); }
    constexpr Length operator/(double k) const { return Length(mm_ / k); }
    constexpr double operator/(Length o) const { return mm_ / o.mm_; }

  private:
    constexpr explicit Length(double mm) : mm_(mm) {}
    double mm_ = 0.0;
};

/// A plane angle. Kept in degrees, because that is what a gauge shows and typed values then stay exact.
class Angle {
  public:
    constexpr Angle() = default;
    static constexpr Angle from_deg(double deg) { return Angle(deg); }
    static constexpr Angle from_arcmin(double min) { return Angle(min / 60.0); }
    static constexpr Angle from_rad(double rad) { return Angle(rad * 180.0 / std::numbers::pi); }

    constexpr double deg() const { return deg_; }
    constexpr double arcmin() const { return deg_ * 60.0; }
    constexpr double rad() const { return deg_ * std::numbers::pi / 180.0; }

    constexpr auto operator<=>(const Angle&) const = default;
    constexpr Angle operator-() const { return Angle(-deg_); }
    constexpr Angle operator+(Angle o) const { return Angle(deg_ + o.deg_); }
    constexpr Angle operator-(Angle o) const { return Angle(deg_ - o.deg_); }
    constexpr Angle operator*(double k) const { return Angle(deg_ * k); }
    constexpr Angle operator/(double k) const { return Angle(deg_ / k); }
    constexpr double operator/(Angle o) const { return deg_ / o.deg_; }

  private:
    constexpr explicit Angle(double deg) : deg_(deg) {}
    double deg_ = 0.0;
};

constexpr Length abs(Length l) {
    return l.mm() < 0 ? -l : l;
}
constexpr Angle abs(Angle a) {
    return a.deg() < 0 ? -a : a;
}

}  // namespace fairchalk
