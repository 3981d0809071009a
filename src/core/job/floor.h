// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <vector>

#include <Eigen/Core>

#include "core/job/log.h"
#include "core/quantity/message.h"

namespace fairchalk {

// The floor under the four wheels.
//
// Its unknowns are the heights of the four spots and that of the level line they are read from. A reading is
// one row, linear in them: from a level line (water level, laser) it is line - height; from a level on a
// straightedge, height - height. Heights are known only against each other, so their mean is the datum. The
// estimate takes the same rows into its own problem, so that the floor's uncertainty reaches camber and
// caster by one covariance. The formulas for what a floor does to a gauge are in docs/geometry.md.

/// One reading of the floor: of . (h_FL, h_FR, h_RL, h_RR, line) = value, within sigma. Metres.
struct FloorRow {
    std::array<double, 5> of{};
    double value = 0.0;
    double sigma = 1.0;
    std::optional<std::size_t> entry;  ///< of a reading
};

/// A floor as the log tells it: where it begins, its rows, and the tiles that lie on it by then.
struct Floor {
    std::size_t begun = 0;  ///< index of the entry
    FloorMethod method = FloorMethod::flat_enough;
    std::string place, surveyed;
    std::vector<FloorRow> rows;
    std::array<Length, 4> tiles{};  ///< how much they lift each spot
};

/// The floor that holds at entry `at` (the last one begun before it; else the first one after), with all the
/// readings of it in the whole log and the tiles placed before `at`.
std::optional<Floor> floor_at(const Job& job, std::size_t at);
std::optional<Floor> floor_now(const Job& job);

/// By default: what a method adds to how well its readings were read, one sigma a reading; for a straightedge
/// and level it is 0.5 mm a metre of the leg instead.
Length method_sigma(FloorMethod method);

/// Around the four spots, the way in which a straightedge is walked: FL, FR, RR, RL.
const std::array<Spot, 4>& floor_legs();
/// The four spots of a level line, in the same order.
const std::array<Spot, 4>& floor_spots();
/// What is still to read of a survey.
std::vector<Spot> floor_needs(const Job& job, const Floor& floor);

/// A floor, solved.
struct FloorSolved {
    bool known = false;
    std::array<Length, 4> heights{};  ///< tiles included; their mean without tiles is zero
    Eigen::Matrix4d covariance = Eigen::Matrix4d::Zero();  ///< square metres
    int redundancy = 0;
    double worst = 0.0;                ///< the largest normalized residual
    bool alarm = false;                ///< above 3 sigma
    std::optional<Length> misclosure;  ///< of the chain of legs round the car
    std::optional<Length> misclosure_sigma;
    std::optional<std::size_t> culprit;  ///< while in alarm: the reading that most likely caused it
    Message why;                         ///< why that one

    Length sigma_of(Wheel w) const;
};
FloorSolved solve_floor(const Floor& floor);

/// What it does to angles read against gravity. Each is what has to be ADDED to a reading.
struct FloorEffect {
    std::array<Angle, 4> camber, camber_sigma;
    Angle caster, caster_sigma;  ///< the same for both sides: minus the nose-up slope
    Angle nose_up;
    Length twist, twist_sigma;  ///< how far the spots are from one plane: half the difference of diagonals
};
/// Slope across by the track where the card has it, else the width over the hubs, else 1.5 m.
FloorEffect effect_of(const FloorSolved& floor, const CarCard& car);
/// The distance that the floor slopes over at an axle.
Length slope_base(const CarCard& car, Axle axle);

/// Tiles that bring the four spots level with the highest, as near as whole tiles can.
struct TilePlan {
    Length thickness;
    std::array<int, 4> under{};
    std::array<Length, 4> left{};  ///< what remains against their mean
    int total = 0;
};
TilePlan tile_plan(const FloorSolved& floor, Length thickness);

}  // namespace fairchalk
