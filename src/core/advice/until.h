// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/advice/plan.h"
#include "core/job/log.h"
#include "core/network/estimate.h"
#include "core/reading/plausible.h"

namespace fairchalk {

/// What a rule (or a gauge) that stays in its place shows while an adjuster is turned as planned: where to
/// stop. Values in mm or degrees as the tool shows them.
///
/// A canonical case: a rule from a rim's front lip to the string, a rod of arm a behind the axle made longer
/// by l. The wheel toes in by asin(l / a), and the lip goes from the string by what the reading's own formula
/// says.
struct Until {
    std::string adjuster;
    Spot spot;
    std::string tool;
    QuantityKind kind = QuantityKind::length;
    double division = 0.0;      ///< of the tool, or as the last reading there was typed
    std::optional<double> now;  ///< as it was read last in this round
    double then = 0.0;          ///< once it is turned, shaken, and not locked yet
    double then_sigma = 0.0;    ///< of what will be read: response, settling, and the reading itself
    double stop = 0.0;          ///< before the shake: the tire still holds back its share
    double stop_sigma = 0.0;
    double per_step = 0.0;  ///< what one step of the planned way moves it by
};

/// For each planned turn in the order of the sheet, the earlier ones made: the spots of the round's walk that
/// stay readable meanwhile and move by at least half a division, those that move most first. What the weight
/// has to come off for has none, nor has a test turn whose way nobody knows.
///
/// Tires stick: what the rule shows while it is turned is short of what it shows once the car was shaken, by
/// the share of the turn that the tire holds back. That share is an unknown (readings.h), learnt by every
/// value that is read before a shake and one that is read after it.
///
/// Where the spot was read in this round, the expectation is that reading and what the turns change of it: a
/// bent lip or a gauge's zero is in both. Else it is the estimate's own.
///
/// A stick test says how much it can be at most: half of what lies between the rule after the tire was pushed
/// outward and let go, and after it was pushed inward. Friction holds no more than that, however far it is
/// turned: a longer turn stops nearer to its end.
/// `watched` is turned before the others of the plan.
std::vector<Until> until_shown(const Job& job, const Estimate& e, const Plan& plan,
                               const std::string& watched = {});

/// What the tire holds back at most at a spot, by the last stick test there or at the other edge of its rim:
/// in the unit of the tool; nothing where there was none.
std::optional<double> held_at_most(const Job& job, const Spot& spot);

/// An adjuster of the plan, and a spot that stays readable while it is turned.
struct WatchedFrom {
    PlannedTurn turn;
    Spot spot;
    std::optional<Until> until;  ///< what it is to show, where the way is known
};

/// In the order of the sheet, of each adjuster first the spots that move most; where nobody knows yet which
/// way it goes, whatever it spoils and that can be read as the wheel stands. What the weight has to come off
/// for is not turned by a rule, nor what comes after it: that is turned when these are done, since they move
/// its angle too. What turns in a circle has to be counted: where it stands decides what it does next.
std::vector<WatchedFrom> watched_from(const CarCard& car, const Plan& plan, const std::vector<Until>& until);

/// What the rule may well show while it is turned so: on the way from what it showed to where it stops, or
/// off that by as much as a hand turns too far or the other way before it looks.
Within expected_of(const Until& u);

/// What a value says that was read while something was turned, against the way that is left.
enum class Watching {
    more,       ///< it goes the right way: `rest` is left
    wrong_way,  ///< it moved away from where it should show
    too_far,    ///< it went past: `rest` leads back
    there,      ///< nothing is left to turn
    open        ///< something else comes first: what the plan says
};

/// The last value at a spot that was read while an adjuster was turned, and what is left of the turn.
struct Watch {
    Watching says = Watching::open;
    bool shaken = false;              ///< the value was read after a shake
    std::optional<PlannedTurn> rest;  ///< of that adjuster, by all that is known now
    std::optional<Until> until;       ///< and what this spot shows at its end
    std::string to_show;              ///< that, or what the sheet said before, as the rule shows it
};

/// How it is planned while that adjuster of the plan is watched: to the aim, not only into the band, and with
/// nothing that this plan does not turn. What a test turn shows may call for others.
PlanOptions while_watched(PlanOptions options, const Plan& plan, const std::string& adjuster);

/// `plan` and `until` are of the job with that value in it; `to_show` is what the sheet said before it,
/// before or after the shake as that value was read: it holds where the plan has no more of this adjuster and
/// asks for readings.
/// Nothing where the spot was not read in the last round.
std::optional<Watch> watch(const Job& job, const Plan& plan, const std::vector<Until>& until,
                           const std::string& adjuster, const Spot& spot, std::optional<double> to_show = {});

/// A value to the division of a tool, as it is read and typed: `4 9/64 in`, `107.5 mm`, `-0.5 deg`.
std::string to_division(double value, QuantityKind kind, double division);

}  // namespace fairchalk
