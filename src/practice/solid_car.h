// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cmath>
#include <string>
#include <vector>

#include <Eigen/Geometry>

#include "core/job/rig.h"
#include "practice/chance.h"

namespace fairchalk::practice {

/// A car in three dimensions, and what each rig would show on it: points of wheels, strings, bars, arms and
/// plumb lines are placed in space and measured there. Each side is seen mirrored, so that y points away from
/// the car. Lengths in mm, angles in degrees; none of the estimate's formulas is used.
struct SolidCar {
    using V = Eigen::Vector3d;
    static constexpr double rad = 3.14159265358979323846 / 180;

    double wheelbase = 2600, span = 430, hub_height = 300;
    std::array<double, 4> toe{}, camber{}, caster{}, sai{10, 10, 10, 10}, wobble{}, lean_wobble{};
    std::array<double, 2> half_width = {736, 730}, lip = {6, 6};
    std::array<double, 2> skew{}, offset = {840, 840}, rise{};  ///< of the strings; rise per mm, level midway
    std::array<double, 4> floor{};                              ///< heights of the spots
    std::array<double, 4> bulge{};  ///< of a tire, ahead of its hub: what boards and tread marks stand on
    double track = 1500, board_span = 610, mark = 180, arm_span = 500, gap_height = 380, steer = 0;
    double gauge_zero = 0, front_bar = 500, rear_bar = 550;

    V spindle(int w, bool rolled = false) const {
        const double way = rolled ? -1 : 1;
        const double t = (toe[w] + way * wobble[w] + (w == 0 ? steer : w == 1 ? -steer : 0)) * rad;
        const double g = (camber[w] + way * lean_wobble[w]) * rad;
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
    /// From wheel to wheel, so far ahead of the hubs (`end` +1) or behind them; on the tires their bulges
    /// too.
    double width_at(Axle a, double end, double span_mm, bool on_tires) const {
        double sum = 1400;
        for (int s = 0; s < 2; ++s) {
            const int w = index_of(a) * 2 + s;
            sum += end * span_mm / 2 * forward(spindle(w)).y();
            if (on_tires && end > 0) sum += bulge[static_cast<std::size_t>(w)];
        }
        return sum;
    }

    /// What a level would show of that wheel as it stands for a spot, straight or swept: minus where the top
    /// leans in.
    double leans(const Spot& s, const LinesSet& lines) const;
    /// What would be read there, in mm or degrees, exactly.
    double exact(const Spot& s, const LinesSet& lines) const;

    /// A car as it comes: camber -4 to 2, caster -2 to 10, SAI 6 to 16, toes and strings anyhow.
    template <class Engine>
    static SolidCar any(Engine& rng) {
        SolidCar c;
        c.wheelbase = between(rng, 2200, 3000);
        c.span = between(rng, 360, 480);
        for (int w = 0; w < 4; ++w) {
            c.toe[w] = between(rng, -0.7, 0.7);
            c.camber[w] = between(rng, -4, 2);
            c.caster[w] = between(rng, -2, 10);
            c.sai[w] = between(rng, 6, 16);
        }
        for (int i = 0; i < 2; ++i) {
            c.skew[i] = between(rng, -1.5, 1.5);
            c.offset[i] =
                845 + between(rng, -15, 15) + (c.skew[i] < 0 ? -c.wheelbase * std::tan(c.skew[i] * rad) : 0);
            c.half_width[i] = between(rng, 700, 760);
        }
        c.lip = {8, 8};
        return c;
    }

    CarCard card() const;
    LinesSet lines(std::vector<std::string> rigs) const;
};

}  // namespace fairchalk::practice
