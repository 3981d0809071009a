// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/steering_rod.h"
#include "core/verdict.h"

namespace fairchalk {

/// One thing to turn.
struct PlannedTurn {
    std::string rod;
    Wheel wheel = Wheel::front_left;
    double turns = 0.0;           ///< longer positive; a whole number of the rod's steps
    bool follows_thrust = false;  ///< part of it sets the front wheels to the rear axle's line
    KnownAngle now, after;        ///< that wheel's toe
    bool longer() const { return turns > 0; }
};

/// What can't be reached, and why.
struct Unreachable {
    std::string what;  ///< a target's name
    Message why;
};

enum class NextStep { turn, read, done };
std::string_view name_of(NextStep);

/// What to turn, all at once, and what to expect of it.
struct Plan {
    NextStep next = NextStep::read;
    std::vector<PlannedTurn> turns;
    std::vector<Verdict> before;
    std::vector<Verdict> after;  ///< expected, with the sigma of readings, arms and settling together
    double probability_inside =
        0.0;  ///< that all angles with a verdict are truly inside after the turns (or now, without)
    KnownAngle steering_before,
        steering_after;  ///< of the front wheels from the thrust line: (toe_FR - toe_FL)/2 - thrust
    std::vector<std::string> spoils;
    std::vector<Spot> remeasure;  ///< in walking order
    std::vector<Unreachable> cannot;
};

/// Plans the rods. Brings every angle with a target to its aim, each miss weighed by its tolerance, and the
/// front wheels to the thrust line, in whole steps of each rod, with the least turning among equals: an
/// integer least-squares problem, solved by trying all steps around its real-valued solution. `e` is the
/// estimate of `job` as of now. After a turn that has not been measured yet, the next step is to read.
Plan plan_turns(const Job& job, const Estimate& e);

/// What turning these rods is expected to do (turns by the place of the rod on the card, longer positive).
struct Expected {
    std::vector<Verdict> verdicts;
    KnownAngle steering;
    double probability = 0.0;
};
Expected expect_after(const Job& job, const Estimate& e, const std::vector<double>& turns);

}  // namespace fairchalk
