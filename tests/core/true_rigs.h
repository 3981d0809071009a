// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cmath>
#include <random>

#include <Eigen/Geometry>

#include "core/rig.h"
#include "core/worked_job.h"

namespace fairchalk::testing {

/// A car in three dimensions, and what each rig would show on it: points of wheels, strings, bars, arms and
/// plumb lines are placed in space and measured there. Each side is seen mirrored, so that y points away from
/// the car. Lengths in mm, angles in degrees; none of the program's formulas is used.
struct SolidCar {
    using V = Eigen::Vector3d;
    static constexpr double rad = 3.14159265358979323846 / 180;

    double wheelbase = 2600, span = 430, hub_height = 300;
    std::array<double, 4> toe{}, camber{}, caster{}, sai{10, 10, 10, 10}, wobble{}, lean_wobble{};
    std::array<double, 2> half_width = {736, 730}, lip = {6, 6};
    std::array<double, 2> skew{}, offset = {840, 840}, rise{};  ///< of the strings; rise per mm, level midway
    std::array<double, 4> floor{};                              ///< heights of the spots
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
    double width_at(Axle a, double end, double span_mm) const {
        double sum = 1400;
        for (int s = 0; s < 2; ++s) {
            const V n = spindle(index_of(a) * 2 + s);
            sum += end * span_mm / 2 * forward(n).y();
        }
        return sum;
    }

    double exact(const Spot& s, const LinesSet& lines) const {
        const int w = s.wheel ? index_of(*s.wheel) : 0, side = s.wheel  ? w % 2
                                                               : s.side ? index_of(*s.side)
                                                                        : 0;
        const double sweep = lines.sweep.value_or(Angle::from_deg(20)).deg();
        const double out = s.swept == Swept::out ? sweep : s.swept == Swept::in ? -sweep : 0;
        switch (s.kind) {
            case ReadingKind::hub:
                return from_string(side, hub(w));
            case ReadingKind::rim_front:
            case ReadingKind::rim_rear:
                return from_string(side, edge(w, s.kind == ReadingKind::rim_front ? 1 : -1, s.rolled));
            case ReadingKind::string_to_string: {
                const double x = *s.axle == Axle::front ? wheelbase + front_bar : -rear_bar;
                return offset[0] + offset[1] + x * (std::tan(skew[0] * rad) + std::tan(skew[1] * rad));
            }
            case ReadingKind::hub_width:
                return 2 * half_width[index_of(*s.axle)];
            case ReadingKind::centreline_to_string:
                return offset[side] + s.station->mm() * std::tan(skew[side] * rad);
            case ReadingKind::boards_front:
            case ReadingKind::tread_front:
            case ReadingKind::stud_bar_front:
                return width_at(*s.axle, 1, board_span);
            case ReadingKind::boards_rear:
            case ReadingKind::tread_rear:
            case ReadingKind::stud_bar_rear:
                return width_at(*s.axle, -1, board_span);
            case ReadingKind::tape_difference:
                return width_at(*s.axle, -1, board_span) - width_at(*s.axle, 1, board_span);
            case ReadingKind::string_height:
                return hub_height + rise[side] * (s.station->mm() - wheelbase / 2);
            case ReadingKind::straightedge_front:
            case ReadingKind::straightedge_rear: {
                // The bar through both edges of the other wheel's lip, at hub height.
                const V n = spindle(w ^ 2), along = forward(n), c = lip_centre(w ^ 2, n), up = along.cross(n);
                const V from = c + (hub_height - c.z()) / up.z() * up;
                const V here = edge(w, s.kind == ReadingKind::straightedge_front ? 1 : -1, false);
                const V across(-along.y(), along.x(), 0);
                return (from - here).dot(across);
            }
            case ReadingKind::arm_jig: {
                const double towards = w < 2 ? -1 : 1;
                const auto arm = [&](int wheel, double end) {
                    const V n = spindle(wheel);
                    return V(lip_centre(wheel, n) + end * arm_span / 2 * forward(n));
                };
                const V a = arm(w, -towards) + mark * spindle(w);
                const V b = arm(w ^ 2, towards) + mark * spindle(w ^ 2);
                const V q = arm(w, towards), n = spindle(w);
                // Seen from above: q + v n on the line from a to b.
                Eigen::Matrix2d m;
                m << n.x(), -(b - a).x(), n.y(), -(b - a).y();
                const Eigen::Vector2d at = m.inverse() * (a - q).head<2>();
                return at.x();
            }
            case ReadingKind::camber:
                return gauge(w, out == 0 ? spindle(w, s.rolled) : turned(w, out, s.rolled)) + gauge_zero;
            case ReadingKind::camber_reversed:
                return gauge(w, spindle(w)) - gauge_zero;
            case ReadingKind::camber_gap:
                return std::abs(gap_height * std::tan(gauge(w, spindle(w)) * rad));
            case ReadingKind::camber_plumb_upper:
                return 90 - gap_height / 2 * std::tan(gauge(w, spindle(w)) * rad);
            case ReadingKind::camber_plumb_lower:
                return 90 + gap_height / 2 * std::tan(gauge(w, spindle(w)) * rad);
            case ReadingKind::camber_swing:
                return gauge(w, turned(w, -sweep)) - gauge(w, turned(w, sweep));
            case ReadingKind::caster:
                return (gauge(w, turned(w, sweep)) - gauge(w, turned(w, -sweep))) / (2 * std::sin(20 * rad));
            case ReadingKind::axis_offset: {
                const double p = (floor[0] + floor[1] - floor[2] - floor[3]) / (2 * wheelbase);
                return gap_height * std::tan(caster[w] * rad + std::atan(p));
            }
            default:
                return 0;
        }
    }

    /// A car as it comes: camber -4 to 2, caster -2 to 10, SAI 6 to 16, toes and strings anyhow.
    template <class Rng>
    static SolidCar any(Rng& rng) {
        const auto between = [&](double lo, double hi) {
            return std::uniform_real_distribution<>(lo, hi)(rng);
        };
        SolidCar c;
        c.wheelbase = between(2200, 3000);
        c.span = between(360, 480);
        for (int w = 0; w < 4; ++w) {
            c.toe[w] = between(-0.7, 0.7);
            c.camber[w] = between(-4, 2);
            c.caster[w] = between(-2, 10);
            c.sai[w] = between(6, 16);
        }
        for (int i = 0; i < 2; ++i) {
            c.skew[i] = between(-1.5, 1.5);
            c.offset[i] =
                845 + between(-15, 15) + (c.skew[i] < 0 ? -c.wheelbase * std::tan(c.skew[i] * rad) : 0);
            c.half_width[i] = between(700, 760);
        }
        c.lip = {8, 8};
        return c;
    }

    CarCard card() const {
        CarCard card;
        card.name = "a solid car";
        card.wheelbase = Length::from_mm(wheelbase);
        for (auto& a : card.axles) {
            a.rim_span = Length::from_mm(span);
            a.track = Length::from_mm(track);
        }
        return card;
    }

    LinesSet lines(std::vector<std::string> rigs) const {
        LinesSet l;
        l.rigs = std::move(rigs);
        l.bars = {Length::from_mm(front_bar), Length::from_mm(rear_bar)};
        const Length boards = Length::from_mm(board_span), gap = Length::from_mm(gap_height);
        l.sizes = {boards, boards, boards, gap, gap, Length::from_mm(mark), Length::from_mm(arm_span), gap};
        return l;
    }

    /// A log of one round with these rigs' readings, each read `times` times with this noise (mm, degrees).
    template <class Rng>
    std::vector<Entry> log(const LinesSet& lines, Rng& rng, double mm, double degrees, int times = 1,
                           std::vector<Spot> also = {}) const {
        std::vector<Entry> out = {entry("car", CarEdit{card()}), entry("lines", lines)};
        RoundOpened round;
        if (floor != std::array<double, 4>{}) {
            round.floor.emplace();
            for (std::size_t i = 0; i < 4; ++i) (*round.floor)[i] = Length::from_mm(floor[i]);
            round.floor_sigma = Length::from_mm(0.02);
        }
        out.push_back(entry("round", round));
        std::vector<Spot> walk;
        for (const std::string& id : lines.rigs)
            for (const Spot& s : walk_of(*rig_named(id), lines, card())) walk.push_back(s);
        walk.insert(walk.end(), also.begin(), also.end());
        std::normal_distribution<> normal;
        for (int n = 0; n < times; ++n)
            for (const Spot& s : walk) {
                Reading r = blank_reading(s, lines);
                const bool angle = r.value.kind == QuantityKind::angle;
                const double sigma = angle ? degrees : mm;
                double v = exact(s, lines) + sigma * normal(rng);
                if (s.kind == ReadingKind::camber_gap) {
                    const double lean = gauge(index_of(*s.wheel), spindle(index_of(*s.wheel)));
                    r.top_in = lean < 0;
                }
                r.value.value = v;
                r.value.resolution = angle ? 0.01 : 0.1;
                r.value.text = angle ? write_exact(Angle::from_deg(v)) : write_exact(Length::from_mm(v));
                r.stated_sigma = std::max(sigma, angle ? 0.01 : 0.05);
                out.push_back(entry(s.name() + " " + std::to_string(n), r));
            }
        return out;
    }
};

}  // namespace fairchalk::testing
