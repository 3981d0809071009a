// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/advice/plan.h"
#include "core/job/log.h"
#include "core/network/estimate.h"

namespace fairchalk {

/// The chance that reading all that can still be read, once each, changes what is said: the call of an angle
/// with a target, or a planned turn by more than one of its steps.
///
/// An angle of variance s² that reading on would bring to r² moves by N(0, s² - r²) on the way there: what a
/// measurement is worth before it is made (Raiffa and Schlaifer, Applied Statistical Decision Theory, 1961,
/// the preposterior distribution of the mean). The chances of all are added, and never more than one.
double chance_of_change(const Job& job, const Estimate& e, const Plan& plan);

/// Below it nothing more is read.
inline constexpr double worth_reading = 0.02;

}  // namespace fairchalk
