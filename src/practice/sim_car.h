// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
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

/// What one unit of an adjuster moves on its corner's hardpoints.
struct SimAdjuster {
    Wheel wheel = Wheel::front_left;
    CornerMove per_unit;  ///< one turn of a rod (longer), one millimetre of shim, one click
};

/// A car whose truth is known: four corners from hardpoints, adjusters that act on them, so that toe, camber
/// and caster move together as they do on a car. The estimate never sees this.
class SimCar {
  public:
    using Rng = std::mt19937_64;

    SimCar(std::array<Corner, 4> corners, SolidCar shape, Nature nature = {});

    void add(const std::string& id, SimAdjuster adjuster) { adjusters_[id] = std::move(adjuster); }
    /// A tie rod or link: `pitch` in mm a turn.
    void add_rod(const std::string& id, Wheel wheel, double pitch);

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
