// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <string_view>
#include <vector>

#include "core/job/log.h"

namespace fairchalk {

/// What the steps of a job cost, in minutes: as people usually take, until a garage's own log says otherwise.
/// `set_up` is a factor on what the ways of measuring are said to take to put up (Rig::minutes).
struct StepTimes {
    double check = 1.0;     ///< one item of the check-over
    double floor = 5.0;     ///< levelled, or found flat enough
    double steering = 4.0;  ///< set straight and held
    double set_up = 1.0;
    double spot = 0.5;   ///< walked to, read and typed
    double turn = 4.0;   ///< one adjuster: freed, turned
    double lock = 3.0;   ///< one adjuster
    double jack = 12.0;  ///< up, down, and settled again
    double look = 2.0;   ///< at something under the car
    double drive = 15.0;
};

/// One of them, with its name.
struct TimedStep {
    std::string_view name;
    double StepTimes::*minutes;
};
const std::array<TimedStep, 10>& timed_steps();

/// The minutes between two times as entries have them, `2026-11-28T18:02:11.250+01:00`; nothing where one is
/// no such time.
std::optional<double> minutes_between(std::string_view from, std::string_view to);

/// Learns what steps take from the times of entries: the time from one thing the user did to the next is what
/// the next took. What took more than four times as long as it usually does was a break, what took less than
/// a tenth was typed in afterwards: neither counts.
///
/// The mean is of logarithms, times being skewed, with the usual time in it as if it had been met three
/// times: a geometric mean drawn towards its prior.
class TimesLearnt {
  public:
    void add(const std::vector<Entry>& log);
    StepTimes times() const;
    /// How often a step was met.
    int met(double StepTimes::*step) const;

  private:
    std::array<double, 10> sum_{};  ///< of the logarithm of each against its usual time
    std::array<int, 10> count_{};
};

/// What one job's own log tells of it.
StepTimes times_of(const std::vector<Entry>& log);

}  // namespace fairchalk
