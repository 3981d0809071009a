// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/job/knowledge.h"
#include "core/job/look_again.h"
#include "core/judge/angle_drift.h"
#include "core/judge/disturbed.h"
#include "core/judge/shop_bias.h"
#include "core/judge/tires.h"
#include "core/network/estimate.h"
#include "core/quantity/notation.h"

namespace fairchalk::words {

// A car through its jobs: what happened, what its tires and a shop's sheet say, what a repair will disturb.

/// What happened in a job, beside readings: why it was begun, what was turned, looked at, driven, noted.
std::vector<std::string> what_happened(const Job& job, const Knowledge& knowledge, const Show& how = {});
/// "Left front toe drifts: 0°02' a week further in ±1'".
std::string drift(const AngleDrift& d, const Show& how = {});
/// "one turn of the left tie rod: 0°25' of toe ±2', from 3 turns"
std::string response(const RodResponse& r, int turns, const CarCard& car, const Show& how = {});
std::string response(const DeviceResponse& r, int turns, const CarCard& car, const Show& how = {});
/// "due since 4 days", "in 3 weeks", "in 120 km", "after contact"; and why.
std::string due(const Due& d);

/// "6.1 · 5.8 · 5.0 mm" from outer edge to inner; what is missing is a dash.
std::string tread(const std::array<std::optional<double>, 3>& of, QuantityKind kind, const Show& how = {});
/// "worn most at its inner edge"
std::string worn_at(TirePattern p);
std::string hot_at(TirePattern p);
/// What such a pattern comes of, and what the angles make of it.
std::string tire_verdict(TirePattern p, const AnglesWear& angles);
/// "Left front: 0.20, 0.15, 0.10 mm in 1000 km from outer edge to inner ±0.05; …"
std::string wear(const TireWear& w, const Show& how = {});
/// "each dragged 1.45 m sideways in a kilometer ±0.2"
std::string sideways(const Sideways& s, const Show& how = {});

/// "Left front camber: the sheet says -0°40', here it was -0°35' ±6': they agree"
std::string compared(const ComparedAngle& c, const Show& how = {});
/// "Camber is read 0°06' too far out at the top here ±3', on all wheels: …", and what that is likeliest from.
std::string garage_bias(const GarageBias& b, const Show& how = {});
std::string bias_source(BiasSource s);
/// "taken off: camber 0°06' on all wheels ±3', by 3 sheets"; empty where nothing is.
std::string bias_taken(const BiasTaken* bias, const Show& how = {});

std::string joint(Joint j);
/// What to mark or measure before it is undone; and how it goes back.
std::string before_undoing(Joint j);
/// "toe up to 0°40', camber up to 0°20'"
std::string disturbed(const Disturbed& d, const Show& how = {});

}  // namespace fairchalk::words
