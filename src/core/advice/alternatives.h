// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <vector>

#include "core/advice/outcome.h"
#include "core/job/step_times.h"
#include "core/network/lever.h"

namespace fairchalk {

/// One way to go on, and what it would come to.
struct Alternative {
    std::vector<Lever> with;
    std::vector<double> turns;
    Expected then;
    double miss = 0.0, steering = 0.0, thrust = 0.0, untouched = 0.0, untouched_toe = 0.0, minutes = 0.0;
    bool any() const {
        return std::any_of(turns.begin(), turns.end(), [](double t) { return t != 0.0; });
    }
};

/// Expected, on the floor: turning, locking, reading again, taking the weight off.
double minutes_of(const Alternative& c, const StepTimes& times);

/// Of all candidates the one that the tiers prefer. `blind`: the first is none, and a rear axle is turned
/// whose thrust nobody knows: sides alike come before the rest. `free`: no front wheel's own toe has a
/// target.
const Alternative& chosen_of(const std::vector<Alternative>& all, bool blind, bool free);

}  // namespace fairchalk
