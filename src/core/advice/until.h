// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/advice/plan.h"
#include "core/job/log.h"
#include "core/network/estimate.h"

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
    double per_step = 0.0;      ///< what one step of the planned way moves it by
};

/// For each planned turn in the order of the sheet, the earlier ones made: the spots of the round's walk that
/// stay readable meanwhile and move by at least half a division, those that move most first. What the weight
/// has to come off for has none, nor has a test turn whose way nobody knows.
///
/// Where the spot was read in this round, the expectation is that reading and what the turns change of it: a
/// bent lip or a gauge's zero is in both. Else it is the estimate's own.
std::vector<Until> until_shown(const Job& job, const Estimate& e, const Plan& plan);

/// A value to the division of a tool, as it is read and typed: `4 9/64 in`, `107.5 mm`, `-0.5 deg`.
std::string to_division(double value, QuantityKind kind, double division);

}  // namespace fairchalk
