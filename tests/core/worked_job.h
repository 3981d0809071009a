// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <random>
#include <string>
#include <vector>

#include "core/degrees.h"
#include "core/job/log.h"
#include "core/job/rig.h"
#include "core/network/estimate.h"

namespace fairchalk::testing {

inline Estimate solved(const std::vector<Entry>& log, EstimateOptions options = {}) {
    return estimate(job_of(log), options);
}

/// A car whose truth is known, and exact readings off it, computed point by point in the plane and not by the
/// formulas of the program: the wheel's points are placed, the string is a line, distances are taken from
/// points to the line.
struct TrueCar {
    double wheelbase = 2565, span = 416, front_bar = 535, rear_bar = 600;   // mm
    std::array<double, 4> toe = {-0.31, 0.17, 0.22, 0.05};                  // degrees, FL FR RL RR
    std::array<double, 2> half_width = {736, 730}, lip = {6, 6};            // mm, front rear
    std::array<double, 2> skew = {0.377, -0.256}, offset = {829.3, 840.1};  // left right

    double exact(const Spot& spot) const {
        const auto string_y = [&](int s, double x) { return offset[s] + x * std::tan(skew[s] * rad); };
        if (spot.kind == ReadingId::string_to_string) {
            const double x = *spot.axle == Axle::front ? wheelbase + front_bar : -rear_bar;
            return string_y(0, x) + string_y(1, x);
        }
        const int w = index_of(*spot.wheel), s = w % 2, a = w / 2;
        const double t = toe[w] * rad, x0 = a == 0 ? wheelbase : 0;
        // Mirrored so that outward is +y on both sides.
        const double nx = std::sin(t), ny = std::cos(t);
        double px = x0, py = half_width[a];
        if (spot.kind != ReadingId::hub) {
            const double end = spot.kind == ReadingId::rim_front ? span / 2 : -span / 2;
            px += -lip[a] * nx + end * ny;
            py += -lip[a] * ny - end * nx;
        }
        const double b = skew[s] * rad;
        return (string_y(s, 0) - py) * std::cos(b) + px * std::sin(b);
    }
};

inline CarCard card_of(const TrueCar& c) {
    CarCard card;
    card.name = "test car";
    card.wheelbase = Length::from_mm(c.wheelbase);
    for (auto& a : card.axles) a.rim_span = Length::from_mm(c.span);
    return card;
}

inline Adjuster rod_at(Wheel w, RodSide side) {
    Adjuster r;
    r.kind = steering_rod_kind;
    r.wheel = Wheel::front_left;
    r.id = w == Wheel::front_left    ? "rod-fl"
           : w == Wheel::front_right ? "rod-fr"
           : w == Wheel::rear_left   ? "rod-rl"
                                     : "rod-rr";
    r.wheel = w;
    r.rod = side;
    r.pitch = Length::from_mm(1.5);
    r.arm = Length::from_mm(132);
    r.arm_sigma = Length::from_mm(3);
    return r;
}

inline Reading reading(const Spot& spot, double mm, std::optional<double> sigma) {
    Reading r;
    r.spot = spot;
    r.value = *read_quantity(write_exact(Length::from_mm(mm)));
    r.stated_sigma = sigma;
    return r;
}

inline Entry entry(const std::string& id, decltype(Entry::event) what) {
    Entry e;
    e.id = id;
    e.event = std::move(what);
    return e;
}

/// A log that begins with the card, the targets and an open round.
inline std::vector<Entry> begun(const TrueCar& c, CarCard card, std::vector<Target> targets = {}) {
    RoundOpened round;
    round.bars = {Length::from_mm(c.front_bar), Length::from_mm(c.rear_bar)};
    return {entry("car", CarEdit{std::move(card)}), entry("targets", TargetsEdit{std::move(targets)}),
            entry("round", round)};
}

inline void read_round(std::vector<Entry>& log, const TrueCar& c, double sigma, std::mt19937* noise = nullptr,
                       const std::vector<Spot>& spots = string_walk()) {
    std::normal_distribution<double> n(0.0, sigma);
    for (const Spot& s : spots)
        log.push_back(entry(s.name() + "#" + std::to_string(log.size()),
                            reading(s, c.exact(s) + (noise ? n(*noise) : 0.0), sigma)));
}

/// One round of exact readings.
inline std::vector<Entry> exact_log(const TrueCar& c, CarCard card) {
    auto log = begun(c, std::move(card));
    read_round(log, c, 0.1);
    return log;
}

inline Target total_toe(Axle axle, double aim, double tolerance) {
    Target t;
    t.measure = Measure::total_toe;
    t.where = axle;
    t.aim = Angle::from_deg(aim);
    t.lo = Angle::from_deg(aim - tolerance);
    t.hi = Angle::from_deg(aim + tolerance);
    return t;
}

}  // namespace fairchalk::testing
