// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>

#include <Eigen/Geometry>

#include "core/car/car.h"

namespace fairchalk {

/// A car in three dimensions, as a rule or gauge finds it: points of wheels, strings, bars, arms and plumb
/// lines are placed in space and measured there. Each kind of reading says what it shows on it
/// (`ReadingKind::shown`), by none of the estimate's formulas. Each side is seen mirrored, so that y points
/// away from the car. Lengths in mm, angles in degrees.
struct SolidCar {
    using V = Eigen::Vector3d;
    static constexpr double rad = 3.14159265358979323846 / 180;

    double wheelbase = 2600, span = 430, hub_height = 300;
    std::array<double, 4> toe{}, camber{}, caster{}, sai{10, 10, 10, 10}, wobble{}, lean_wobble{};
    std::array<double, 2> half_width = {736, 730}, lip = {6, 6};
    std::array<double, 2> skew{}, offset = {840, 840}, rise{};  ///< of the strings; rise per mm, level midway
    std::array<double, 4> floor{};                              ///< heights of the spots
    std::array<double, 4> bulge{};  ///< of a tire, ahead of its hub: what boards stand on
    double track = 1500, board_span = 610, mark = 180, arm_span = 500, gap_height = 380, steer = 0;
    double gauge_zero = 0, front_bar = 500, rear_bar = 550;
    double steering_play = 0;  ///< degrees of the steering wheel between where it takes up to either side
    /// Of a second straight line along each side, at hub height.
    std::array<double, 2> line_skew{0.35, -0.5}, line_offset = {870, 865};

    V spindle(int w, bool rolled = false) const {
        const double way = rolled ? -1 : 1;
        return spindle_off(w, way * wobble[w], way * lean_wobble[w]);
    }
    /// With so much run-out in plan and from vertical, degrees.
    V spindle_off(int w, double by_toe, double by_lean) const {
        const double t = (toe[w] + by_toe + (w == 0 ? steer : w == 1 ? -steer : 0)) * rad;
        const double g = (camber[w] + by_lean) * rad;
        return {std::sin(t) * std::cos(g), std::cos(t) * std::cos(g), -std::sin(g)};
    }
    V hub(int w) const { return {w < 2 ? wheelbase : 0, half_width[w / 2], hub_height}; }
    V lip_centre(int w, const V& n) const { return hub(w) - lip[w / 2] * n; }
    static V forward(const V& n) { return V(n.y(), -n.x(), 0).normalized(); }
    /// Vertical as seen from the floor under a wheel.
    V vertical(int w) const {
        const double p = (floor[0] + floor[1] - floor[2] - floor[3]) / (2 * wheelbase);
        const double r = (floor[w / 2 * 2] - floor[w / 2 * 2 + 1]) / track;
        return V(p, w % 2 == 0 ? r : -r, 1).normalized();
    }
    /// Edge of a rim at the height of the string beside it.
    V edge(int w, double end, bool rolled) const {
        const V n = spindle(w, rolled), f = forward(n), u = f.cross(n).normalized(), c = lip_centre(w, n);
        double theta = 0;
        V p;
        for (int i = 0; i < 60; ++i) {
            p = c + span / 2 * (end * std::cos(theta) * f + std::sin(theta) * (u.z() < 0 ? -u : u));
            const double string_z = hub_height + rise[w % 2] * (p.x() - wheelbase / 2);
            theta = std::asin((string_z - c.z()) / (span / 2 * std::abs(u.z())));
        }
        return p;
    }
    double from_string(int side, const V& p) const {
        const double b = skew[side] * rad;
        return (offset[side] - p.y()) * std::cos(b) + p.x() * std::sin(b);
    }
    double gauge(int w, const V& n) const { return -std::asin(n.dot(vertical(w))) / rad; }
    /// The spindle turned about the steering axis until its heading in plan has changed by `out` degrees.
    V turned(int w, double out, bool rolled = false) const {
        const V n = spindle(w, rolled);
        const V k = V(-std::tan(caster[w] * rad), -std::tan(sai[w] * rad), 1).normalized();
        double lo = -60 * rad, hi = 60 * rad;
        const auto heading = [&](double a) {
            const V m = Eigen::AngleAxisd(a, k) * n;
            return std::atan2(m.x(), m.y()) / rad;
        };
        for (int i = 0; i < 200; ++i) {
            const double mid = (lo + hi) / 2;
            // About an upward axis the front goes outward, and the toe in plan falls.
            (heading(mid) > heading(0) - out ? lo : hi) = mid;
        }
        return Eigen::AngleAxisd((lo + hi) / 2, k) * n;
    }
    /// From wheel to wheel, so far ahead of the hubs (`end` +1) or behind them; on the tires with their
    /// bulges and run-out, which a quarter on is what leant the wheel before.
    double width_at(Axle a, double end, double span_mm, bool on_tires, bool quarter_on) const {
        double sum = 1400;
        for (int s = 0; s < 2; ++s) {
            const int w = index_of(a) * 2 + s;
            const double off = !on_tires ? 0.0 : quarter_on ? lean_wobble[w] : wobble[w];
            sum += end * span_mm / 2 * forward(spindle_off(w, off, 0.0)).y();
            if (on_tires && end > 0) sum += bulge[static_cast<std::size_t>(w)];
        }
        return sum;
    }
    /// What a level would show of that wheel, turned out by so many degrees: minus where its top leans in.
    double leans(int w, double out, bool rolled) const {
        return gauge(w, out == 0 ? spindle(w, rolled) : turned(w, out, rolled));
    }
};

}  // namespace fairchalk
