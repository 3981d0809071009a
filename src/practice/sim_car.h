// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <functional>
#include <map>
#include <random>
#include <string>
#include <utility>
#include <vector>

#include "core/car/suspension.h"
#include "core/reading/reading.h"
#include "practice/solid_car.h"

namespace fairchalk::practice {

/// How far a car is from ideal.
struct Nature {
    double settle = 0.01;  ///< degrees, one sigma, of a wheel that was turned and rolled
    double jacked = 0.05;  ///< of each wheel of a jacked axle
    double settles = 1.0;  ///< the share of that which rolling takes back
    double stick = 0.0;    ///< the share of a turn that the tire holds back until it is shaken or rolled
    double holds = 90.0;   ///< degrees of toe, the most that its friction can hold back
    double creep = 0.0;    ///< degrees, one sigma, of a wheel whose adjuster was locked
    double worn_toe = 0.03, worn_lean = 0.05;  ///< degrees, one sigma, of some weeks on the road
};

/// One handle of an adjuster, on the hardpoints of one corner, or of both that it joins.
struct SimAdjuster {
    /// What so much of it moves: turns of a rod, millimetres of shim or slot, degrees of a cam.
    using Move = std::function<CornerMove(double amount)>;
    SimAdjuster() = default;
    SimAdjuster(Wheel wheel, Move move) { corners.emplace_back(wheel, std::move(move)); }
    std::vector<std::pair<Wheel, Move>> corners;
};

/// A tie rod or toe link: turns longer, `pitch` in mm a turn (twice that with two threads).
SimAdjuster sim_rod(Wheel wheel, double pitch);
/// A handle of a device as its kind has it (adjuster.h); a drag link takes the other wheel along, as far the
/// other way in toe. Throws std::invalid_argument for a kind that is only kept.
SimAdjuster sim_device(const Adjuster& device, int handle);

/// A car whose truth is known: four corners from hardpoints, adjusters that act on them, so that toe, camber
/// and caster move together as they do on a car. The estimate never sees this.
class SimCar {
  public:
    SimCar(std::array<Corner, 4> corners, SolidCar shape, Nature nature = {});

    /// An adjuster as the card has it.
    void add(const Adjuster& adjuster);
    void add(const std::string& id, SimAdjuster adjuster) { adjusters_[id] = std::move(adjuster); }

    /// Turns it, or the first and second handle of a device, and lets the car settle. False where the links
    /// do not reach that far: then nothing moved.
    bool turn(const std::string& id, double amount, Rng& rng, double second = 0.0);
    void jack(Axle axle, Rng& rng);
    /// Rolled and bounced: most of what jacking left goes.
    void roll();
    /// The tires let go of what they held back of the turns.
    void shake() { held_back_ = {}; }
    /// What the rules show while the tires hold some of it back.
    SolidCar shown() const;
    void lock(const std::string& id, Rng& rng);
    void lock(Axle axle, Rng& rng);
    /// Some weeks on the road.
    void drive(Rng& rng);
    /// Something bent, or the car lowered: a corner's points and lengths are from here on so. False where
    /// the links would not hold it: then nothing moved.
    bool bend(Wheel wheel, const CornerMove& move);
    /// The steering wheel so far to the right, degrees; the rack takes both wheels along, each by its own
    /// arm. False where the arms do not reach.
    bool steer(double wheel_degrees, double ratio);
    /// How far to the right the steering wheel sits while it runs straight: the fronts even about the thrust
    /// line, degrees.
    double wheel_off(double ratio) const;

    /// The truth, and all that can be read off it.
    const SolidCar& solid() const { return solid_; }
    SolidCar& solid() { return solid_; }
    const Corner& corner(Wheel w) const { return corners_[static_cast<std::size_t>(w)]; }
    double toe(Wheel w) const { return solid_.toe[static_cast<std::size_t>(w)]; }
    /// Degrees of toe that a wheel has from jacking and has not lost by rolling.
    double unsettled(Wheel w) const { return unsettled_[static_cast<std::size_t>(w)]; }

  private:
    bool stand();  ///< false where a corner has no answer: then nothing is changed
    CornerMove move_of(Wheel w) const;

    std::array<Corner, 4> corners_;
    SolidCar solid_;
    Nature nature_;
    std::map<std::string, SimAdjuster> adjusters_;
    std::map<std::string, double> amounts_;
    std::array<CornerMove, 4> bent_{};
    double rack_ = 0.0;                              ///< mm to the left
    std::array<double, 4> settled_{}, unsettled_{};  ///< degrees of toe beside the kinematics
    std::array<double, 4> held_back_{};              ///< degrees of toe that the tires have not given yet
    std::array<double, 4> camber_worn_{}, caster_worn_{};
};

/// Puts the corner's rod where a car has it: its outer joint so far ahead of the steering axis (behind it,
/// where negative), and as far inboard behind the axle, outboard ahead of it, as gives that share of
/// Ackermann's angle; its inner joint `set_back` nearer to the axle.
void place_rod(Corner& corner, double ahead, double ackermann, double set_back);

/// A car as it comes into the garage: front wishbones or struts with their hardpoints scattered, so that the
/// arm its rods work on is 130 mm or so, give or take 22; toes out of true.
SimCar any_car(Rng& rng, Nature nature = {});

/// What a tool would show: the exact value with its noise, in its divisions; both together are its sigma,
/// where the divisions are not coarser than that. Mm or degrees.
double shown_by(const Tool& tool, double exact, Rng& rng);

/// A person's slips, by their rate; nothing most of the time. Of a length one division, an inch, ten
/// millimetres or digits swapped; of an angle its sign, a degree or digits swapped; and where it is asked for
/// which way the top leans, that.
void slip(Reading& r, double rate, Rng& rng);

}  // namespace fairchalk::practice
