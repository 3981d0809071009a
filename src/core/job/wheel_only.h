// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <utility>
#include <vector>

#include "core/job/log.h"
#include "core/quantity/message.h"

namespace fairchalk {

// The wheel-only job: a car that drives well but with its steering wheel crooked needs equal and opposite
// turns of its two tie rods, and nothing else; on an axle with one tube, turns of its drag link.
//
// Unknown are how far off the wheel was at the beginning, a (degrees, to the right positive), and how much a
// turn really does against what the card's lengths say, k (1 ± what is uncertain in arm, ratio and pitch).
// A drive with the wheel's angle measured says a - k R sum(delta); one with no more than "held level it
// drifts to the right" says only on which side of zero that lies. Both enter one posterior, on a grid over
// (a, k), from which the next turn is its median: a Bayesian trial and error that learns from each drive.
//
// Signs: the wheel sitting to the left on a straight road is the car that drifts to the right when the wheel
// is held level. Its front wheels must be steered to the left against the steering wheel: left toe out,
// right toe in by the same (docs/geometry.md: each wheel is turned by A/R).

enum class WheelStep { say, turn, drive, done };

struct WheelOnly {
    WheelStep next = WheelStep::say;
    Message why;                     ///< what is missing or notable
    Angle off, off_sigma;            ///< of the wheel now, by all that was said, driven and turned
    bool measured = false;           ///< some drive gave degrees
    Angle steer;                     ///< what each front wheel has to be steered, right positive
    Angle per_turn, per_turn_sigma;  ///< of the steering wheel for one turn at both rods
    double scale = 1.0;              ///< k as learnt
    int drives = 0, turns_made = 0;
    std::vector<std::pair<std::string, double>> turns;  ///< rod and turns, longer positive
    Angle expect, expect_sigma;                         ///< of the wheel after these turns
    /// What turns that were not equal and opposite have done to the total toe, and with those to come.
    Angle toe_so_far, toe_after;
};

/// Reads the whole log: drives, and the turns of the two front rods between them.
WheelOnly wheel_only(const Job& job);

/// Its share of what an angle of the steering wheel is unsure by, where nobody gave the ratio; one sigma.
Angle unsure_by_ratio(Angle off, const CarCard& car);
/// One sigma of where a wheel was said to sit, all of it: eye, crown of the road, ratio; 1.5 degrees and the
/// ratio's share where nobody stated it.
Angle said_wheel_sigma(const Driven& d, const CarCard& car);
/// How well a wheel's angle is known by the way it was measured, one sigma.
Angle wheel_off_sigma(const std::string& how);

}  // namespace fairchalk
