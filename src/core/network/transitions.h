// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <map>
#include <optional>
#include <set>
#include <span>
#include <string>

#include "core/car/adjuster.h"
#include "core/job/staleness.h"
#include "core/network/network.h"

namespace fairchalk {

/// What happens between two states of the car, as links from the unknowns before to those after.
///
/// A turn of an adjuster: angles after = angles before + what it does, its response being an unknown too,
/// with a sigma for settling (staleness.h has the table). A canonical case: a rod of arm a, made longer by l,
/// toes its wheel by asin(l / a) within the settling.
class Transitions {
  public:
    Transitions(Network& network, const CarCard& car) : n_(network), car_(car) {}

    void turn(const Turn& t);
    void doubted_turn(const Turn& t);
    void locked(const Spoils& row, std::optional<Axle> axle);
    void happened(const Spoils& row, std::optional<Axle> axle);
    void carry(const AnglesCarried& known);
    /// Something is read: what was turned before it has been seen.
    void seen();

    std::map<std::string, int> turns_seen;         ///< by the adjuster's id: that were read after
    std::map<int, ResponsePrior> responses;        ///< of devices that were turned, by place
    std::map<int, std::array<double, 2>> amounts;  ///< turned so far, by place
    std::map<int, int> locks_seen;                 ///< by place

  private:
    void turned_anyhow(const Turn& t, std::span<const Wheel> wheels);
    void uncounted_turn(const Adjuster& a, int place);
    void both_fronts_the_same_way(double so_far, double sum_sigma);
    void turn_device(const Turn& t, const Adjuster& d, int place);
    void lean_by_toe(int w, int toe_before, Angle toe_by);
    const ResponsePrior& responses_of(const Adjuster& d, int place);
    int lock_of(int place, WheelAngle angle);
    void anything_moved(const Spoils& row);
    /// The straight lines along the sides: strings, and what else is set up so.
    std::vector<int> lines() const;
    void strings_moved();
    void car_moved_between_strings();

    Network& n_;
    const CarCard& car_;
    std::map<std::string, int> not_seen_yet_;  ///< turns that nothing was read after
    std::set<int> turned_unlocked_;            ///< adjusters turned and not locked yet, by place
};

}  // namespace fairchalk
