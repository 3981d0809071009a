// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <atomic>
#include <cstdint>
#include <string>
#include <vector>

#include "core/job/equipment.h"
#include "core/job/knowledge.h"
#include "core/job/log.h"
#include "core/job/rig.h"
#include "core/job/step_times.h"

namespace fairchalk::practice {

// Which way of measuring, tonight: each that this garage can set up is played forward, by the program's own
// advice, on simulated cars with this car's card, and its minutes are counted.

/// What is to be measured, and what with.
struct Tonight {
    CarCard card;
    std::vector<Target> targets;
    Equipment have;    ///< empty: nobody said, and all may be there
    std::string tool;  ///< the rule; empty: one in mm
    StepTimes times{};
};

/// One way of measuring, of all that tell the same angles.
struct WayForecast {
    RigUse use = RigUse::toe;
    std::vector<std::string> rigs;
    double minutes = 0.0;  ///< from setting it up to the last nut, in the mean
    double called = 0.0;   ///< the share of jobs that ended inside, and could say so
    double readings = 0.0, passes = 0.0;
    /// What is best is least: a job that can't be called costs another evening.
    double score() const { return minutes + 60.0 * (1.0 - called); }
};

/// The ways that tell all its targets of a use, by one rig or by two together, as far as the wall has what
/// they take.
std::vector<std::vector<std::string>> ways_of(const Tonight& tonight, RigUse use, const Knowledge& knowledge);

/// All of them for all uses that have targets, of each use the best first. Each is played on the same `cars`
/// cars; the same for the same seed. Set `stop` to end early: what was not played is left out.
std::vector<WayForecast> forecast(const Tonight& tonight, const Knowledge& knowledge, int cars,
                                  std::uint64_t seed, const std::atomic<bool>* stop = nullptr);

}  // namespace fairchalk::practice
