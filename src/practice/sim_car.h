// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <functional>
#include <map>
#include <random>
#include <string>

#include "core/suspension.h"
#include "practice/solid_car.h"

namespace fairchalk::practice {

/// How far a car is from ideal.
struct Nature {
    double settle = 0.01;   ///< degrees, one sigma, of a wheel that was turned and rolled
    double jacked = 0.05;   ///< of each wheel of a jacked axle
    double creep = 0.0;     ///< degrees, one sigma, of a wheel whose adjuster was locked
    double steering = 0.0;  ///< of the fronts' common steer, each time the steering is left
};

/// An adjuster on its corner's hardpoints.
struct SimAdjuster {
    Wheel wheel = Wheel::front_left;
    /// What so much of it moves: turns of a rod, millimetres of shim or slot, degrees of a cam.
    std::function<CornerMove(double amount)> move;
};

/// A tie rod, drag link or toe link: turns longer, `pitch` in mm a turn (twice that with two threads).
SimAdjuster sim_rod(Wheel wheel, double pitch);
/// Shims behind the upper arm's bolts: mm that push it outward, at the front bolt, the rear one, or both.
enum class Bolts { front, rear, both };
SimAdjuster sim_shims(Wheel wheel, Bolts bolts);
/// An eccentric bolt at a body point of an arm: degrees from its middle; outward by eccentricity x sin.
SimAdjuster sim_cam(Wheel wheel, Hardpoint point, double eccentricity);
/// The upper joint slid along its slot on the upright: mm outward.
SimAdjuster sim_slot(Wheel wheel);
/// A strut's top plate: mm rearward (`fore_aft`), or inward.
SimAdjuster sim_top_plate(Wheel wheel, bool fore_aft);
/// An adjustable upper arm: turns longer.
SimAdjuster sim_arm(Wheel wheel, double pitch);
/// A radius rod to a lower arm, ahead of it: turns longer.
SimAdjuster sim_radius_rod(Wheel wheel, double pitch);
/// Shims at a trailing arm's pivot: mm moved inboard.
SimAdjuster sim_pivot_shims(Wheel wheel);

/// A car whose truth is known: four corners from hardpoints, adjusters that act on them, so that toe, camber
/// and caster move together as they do on a car. The estimate never sees this.
class SimCar {
  public:
    using Rng = std::mt19937_64;

    SimCar(std::array<Corner, 4> corners, SolidCar shape, Nature nature = {});

    void add(const std::string& id, SimAdjuster adjuster) { adjusters_[id] = std::move(adjuster); }

    /// Turns it and lets the car settle. False where the links do not reach that far: then nothing moved.
    bool turn(const std::string& id, double amount, Rng& rng);
    void jack(Axle axle, Rng& rng);
    void lock(const std::string& id, Rng& rng);

    /// The truth, and all that can be read off it.
    const SolidCar& solid() const { return solid_; }
    double toe(Wheel w) const { return solid_.toe[static_cast<std::size_t>(w)]; }

  private:
    void stand();
    CornerMove move_of(Wheel w) const;

    std::array<Corner, 4> corners_;
    SolidCar solid_;
    Nature nature_;
    std::map<std::string, SimAdjuster> adjusters_;
    std::map<std::string, double> amounts_;
    std::array<double, 4> settled_{};  ///< degrees of toe beside the kinematics
};

/// A car as it comes into the garage: front wishbones or struts with their hardpoints scattered, so that the
/// arm its rods work on is 130 mm or so, give or take 22; toes out of true.
SimCar any_car(SimCar::Rng& rng, Nature nature = {});

/// What a tool would show: the exact value with its noise, in its divisions; both together are its sigma,
/// where the divisions are not coarser than that. Mm or degrees.
double shown_by(const Tool& tool, double exact, SimCar::Rng& rng);

/// A person's slips: one division, an inch, ten millimetres, digits swapped. Nothing most of the time.
double with_slips(double value, double rate, SimCar::Rng& rng);

}  // namespace fairchalk::practice
