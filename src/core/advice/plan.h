// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/advice/outcome.h"
#include "core/car/shim_picker.h"
#include "core/car/steering_rod.h"
#include "core/job/step_times.h"
#include "core/judge/verdict.h"

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
    KnownAngle now, after;         ///< that angle of that wheel, or of its axle
    bool of_axle = false;          ///< only the axle's total toe is known: `now` and `after` are of that
    bool at_edge = false;          ///< nothing it sets is outside; one lies too near its edge to be called
    std::vector<ShimMove> shims;   ///< which go from where to where, where the card says what is there
    bool test = false;  ///< a test turn: to see which way it works, and back if it is the wrong one
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

/// In which order somebody sets angles; all at once unless they keep one of their own.
enum class Order { all_at_once, caster_camber_toe, toe_first, rough_toe_first, rear_first };
std::string_view name_of(Order order);  ///< `all-at-once`, `caster-camber-toe`, `rough-toe-first`, …
std::optional<Order> order_named(std::string_view name);

/// What the turns may and should be about.
struct PlanOptions {
    std::vector<Measure> only;              ///< toe tonight: targets of these measures; empty: of all
    bool without_jacking = false;           ///< nothing that the weight has to come off for
    std::vector<std::string> touching;      ///< these adjusters alone; empty: any
    bool probing = false;                   ///< no turn but a test turn
    bool turns_doubted = false;             ///< it is not sure what one of the passes was
    std::vector<std::string> side_shown{};  ///< adjusters whose side of the axle their turns have shown
    std::vector<std::string> wrong_way{};   ///< adjusters that are believed to have been turned so before
    bool nearer = false;                    ///< nearer to the aim while one is there, though all is inside
    std::string watched{};                  ///< what is turned while a rule is watched: before all others
    bool finer_tool = true;                 ///< and with what tool it could be called, where it ends short
    StepTimes times{};                      ///< what work costs in this garage
    Order order = Order::all_at_once;       ///< what is turned first where not all is turned at once
    bool jacked_to_reach = false;           ///< each pass under the car begins with the jack
};

/// How it goes on: `done` only where every verdict is inside or was accepted.
enum class NextStep {
    turn,
    read,
    done,
    test_turn,  ///< the least that shows which way something works
    look,       ///< a fact that eyes settle
    as_far_as   ///< neither turning nor reading on brings it nearer
};
std::string_view name_of(NextStep);  ///< `turn`, `test-turn`, `as-far-as`, …

/// An angle without a target that the turns move all the same, by more than 0.1 degrees, or may (95 %) by
/// more than 0.25.
struct MovedAlong {
    Wheel wheel = Wheel::front_left;
    Measure measure = Measure::toe;
    Angle by, sigma;
};

/// Something to look at under the car before anything is turned.
struct Look {
    std::string adjuster;
    std::string field;  ///< of the card: `rod`, `bolt`, `wheel`
};

/// Where it ends short of all targets.
struct AsFarAs {
    std::vector<Target> left;  ///< that are not inside
    Message why;
    double truly_inside = 0.0;     ///< the chance that all is inside nevertheless
    std::vector<WheelFact> facts;  ///< that nobody told, and with which it could be called
    std::optional<Tool> tool;      ///< with which it could be called, where they do not do
};

/// Spots to read once more, and why.
struct ReadAgain {
    std::vector<Spot> spots;
    Message why;
    /// Indices into the log: what is to be set aside, or is to be looked at the other way round; the drive
    /// that is asked about.
    std::vector<std::size_t> entries = {};
};

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
    std::vector<MovedAlong> along;
    /// By how much the turns move each wheel's toe, camber and caster, with the sigma of that; nothing where
    /// nothing moves it.
    struct Change {
        Angle by, sigma;
        bool untargeted = false;
    };
    std::array<std::array<std::optional<Change>, 3>, 4> change;
    /// The rear axle's line of travel and the front wheels from it, with what the turns may do to them (95
    /// %).
    Angle thrust_after, thrust_plus_minus, steering_plus_minus;
    /// The rear axle's line of travel lies far off and has no target: worth one.
    bool thrust_off = false;
    std::optional<Look> look;
    std::optional<AsFarAs> as_far_as;
    std::optional<ReadAgain> again;  ///< with `read`
    /// The first reading of those that settle the worst of what is too close to call, where they take no more
    /// minutes than a turn.
    std::optional<Spot> settles;
};

/// Plans all adjusters at once, in whole steps of each handle within its range and the shims at hand. Tier by
/// tier: the expected squared miss of every angle with a target in units of its tolerance, what an uncertain
/// response adds included; the steering wheel (front wheels even about the thrust line, or as they were where
/// that is not known); a rear axle that is turned anyway (its thrust toward zero, or both sides alike); what
/// has no target stays; the least minutes. A lower tier chooses only among plans whose miss in the first is
/// within 5 % of the least and whose chance of ending is within 0.02 of the best. Candidates are the answers
/// of integer least-squares problems (whole_steps.h) in which the lower tiers have small weights of several
/// sizes. An adjuster that is there for camber or caster is touched only where that angle asks for it. More
/// than 4 turns of a rod or 2 degrees of any angle are asked about before they are advised. `e` is the
/// estimate of `job` as of now. After a turn that has not been measured yet, the next step is to read. The
/// turns stand in the order in which they are made: the rear axle before the front, caster, camber, toe.
Plan plan_turns(const Job& job, const Estimate& e, const PlanOptions& options = {});

/// Whether what was planned without reading anything may be driven on so: all is truly inside in nine of ten.
bool good_enough_unread(const Plan& plan);

/// Targets that bring a car back to how an earlier estimate had it, as far as it was known: to 0.1 degrees of
/// toe, 0.25 of camber and 0.5 of caster, or its own ± where that is wider.
std::vector<Target> as_it_was(const Estimate& then);
/// The targets of a job with those of one wheel made the other side's angles as they are: for matching a side
/// by touching only this one. Bands are as wide as they were, or 0.25 degrees each way.
std::vector<Target> matching_other_side(const Job& job, const Estimate& e, Wheel wheel);

/// What turning these is expected to do: amounts by the place of the adjuster on the card, of its first and
/// second handle; longer and more are positive.
Expected expect_after(const Job& job, const Estimate& e, const std::vector<std::array<double, 2>>& amounts);

}  // namespace fairchalk
