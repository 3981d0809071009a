// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/shim_picker.h"
#include "core/steering_rod.h"
#include "core/verdict.h"

namespace fairchalk {

/// One thing to turn: a rod, or a device with all its handles.
struct PlannedTurn {
    std::string adjuster;
    std::string kind;  ///< of a device; empty for a rod
    Wheel wheel = Wheel::front_left;
    double turns = 0.0;            ///< longer positive; of a device its first handle's amount, in its unit
    double second = 0.0;           ///< and its second's
    bool follows_thrust = false;   ///< part of it sets the front wheels to the rear axle's line
    Measure about = Measure::toe;  ///< what it is mostly there for: toe, camber or caster
    KnownAngle now, after;         ///< that angle of that wheel
    bool at_edge = false;          ///< nothing it sets is outside; one lies too near its edge to be called
    std::vector<ShimMove> shims;   ///< which go from where to where, where the card says what is there
    bool longer() const { return turns > 0; }
};

/// An angle that is worse off for another.
struct GivesWay {
    Target target;
    KnownAngle with, without;  ///< as it comes out for the other's sake, and as it would otherwise
};

/// What can't be reached, and why.
struct Unreachable {
    Target target;
    Message why;
    KnownAngle best;  ///< the nearest that can be done; where nothing can, as it is left
    /// What the nearest costs the other angles; where it was given up for them, what having it would cost.
    std::vector<GivesWay> costs;
};

/// What the turns may and should be about.
struct PlanOptions {
    std::vector<Measure> only;          ///< toe tonight: targets of these measures; empty: of all
    bool without_jacking = false;       ///< nothing that the weight has to come off for
    std::vector<std::string> touching;  ///< these adjusters alone; empty: any
};

enum class NextStep { turn, read, done };
std::string_view name_of(NextStep);

/// What to turn, all at once, and what to expect of it.
struct Plan {
    NextStep next = NextStep::read;
    std::vector<PlannedTurn> turns;
    std::vector<Verdict> before;
    std::vector<Verdict> after;  ///< expected, with the sigma of readings, arms and settling together
    /// The chance that the turns end the job: that all angles with a verdict then are inside, and clear
    /// enough of their bands' edges for readings as good as those before to call them so. Without turns: that
    /// they are.
    double probability_inside = 0.0;
    /// The chance that all those angles are truly inside after the turns, whether readings can tell or not.
    double truly_inside = 0.0;
    KnownAngle steering_before,
        steering_after;  ///< of the front wheels from the thrust line: (toe_FR - toe_FL)/2 - thrust
    /// Each wheel's toe, camber and caster after the turns; as it is now where none is made.
    std::array<std::array<KnownAngle, 3>, 4> expect;
    std::vector<std::string> spoils;
    std::vector<Spot> remeasure;  ///< in walking order
    std::vector<Unreachable> cannot;
};

/// Plans all adjusters at once. Brings every angle with a target to its aim, each miss weighed by its
/// tolerance, and the front wheels to the thrust line, in whole steps of each handle within its range and the
/// shims at hand, with the least to do among equals: an integer least-squares problem (whole_steps.h). An
/// adjuster that is there for camber or caster is touched only where that angle asks for it. `e` is the
/// estimate of `job` as of now. After a turn that has not been measured yet, the next step is to read. The
/// turns stand in the order in which they are made: the rear axle before the front, caster, camber, toe.
Plan plan_turns(const Job& job, const Estimate& e, const PlanOptions& options = {});

/// Whether what was planned without reading anything may be driven on so: all is truly inside in nine of ten.
bool good_enough_unread(const Plan& plan);

/// The targets of a job with those of one wheel made the other side's angles as they are: for matching a side
/// by touching only this one. Bands are as wide as they were, or 0.25 degrees each way.
std::vector<Target> matching_other_side(const Job& job, const Estimate& e, Wheel wheel);

/// What turning these is expected to do: amounts by the place of the adjuster on the card, of its first and
/// second handle; longer and more are positive.
struct Expected {
    std::vector<Verdict> verdicts;
    KnownAngle steering;
    double probability = 0.0;  ///< that all are truly inside
    double ends = 0.0;         ///< and can be called so
};
Expected expect_after(const Job& job, const Estimate& e, const std::vector<std::array<double, 2>>& amounts);

}  // namespace fairchalk
