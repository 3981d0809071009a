// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <atomic>
#include <cstdint>
#include <functional>
#include <string>
#include <utility>
#include <vector>

#include "core/car/instrument.h"
#include "practice/sim_car.h"
#include "practice/work_count.h"

namespace fairchalk::practice {

// The proving ground: whole jobs on cars whose truth is known, by the program's own advice and by the hand
// rules, on the same cars. Toe of both front wheels to a target, read on strings; or the whole front axle,
// toe, camber and caster, on wishbones with shims and struts with top plates.

/// How somebody decides what to turn.
enum class Way {
    advice,           ///< the program's plan, its estimate carried across rounds, its verdicts
    advice_watching,  ///< the same, turned while watching one rule: half of it, shaken and read, then the
                      ///< rest
    advice_measured,  ///< the same with the arm measured
    advice_again,     ///< the program's again, on a second job with what the first one taught
    change_over,      ///< after that first job and some weeks, to another set-up without reading; where the
                      ///< program says that is not good enough, it is read and goes on by its advice
    quarter_turns,    ///< a quarter turn and look
    half_the_error,   ///< half of it each time, by a guessed arm
    turn_and_scale,   ///< one turn, measure, scale
    pitch_at_rim      ///< thread pitch taken as millimetres at the rim
};
inline constexpr int ways = 9;
std::string_view name_of(Way);

struct ProvingOptions {
    int cars = 1000;
    std::uint64_t seed = 1;
    Tool tool;                 ///< a rule
    double tolerance = 0.167;  ///< degrees each way, of each front wheel
    bool boards = false;       ///< toe boards at the front: its total toe, and no string
    bool whole = false;        ///< camber and caster too; by the program's advice alone
    double camber_tolerance = 0.5, caster_tolerance = 0.75;
    bool dents = true;   ///< each spot has its own error; else the tool's sigma is all, and is stated
    double slips = 0.0;  ///< the rate of a person's slips: digits swapped, an inch, ten millimetres
    int most_passes = 20;
    int threads = 0;  ///< 0: one for each core
};

struct JobDone {
    int passes = 0;  ///< of turning
    int readings = 0;
    WorkCount work;
    bool arrived = false;  ///< it said inside, or its rule was satisfied; not: this tool can't call it
    bool inside = false;   ///< truly, both wheels
    double left = 0.0;  ///< degrees of toe from its aim, the worse wheel; of all angles, where they are set
    /// Of each pass: the chance it gave for it to end the job, and whether it did.
    struct Given {
        double chance = 0.0;
        bool ended = false, inside = false;  ///< and whether all was truly inside after it
    };
    std::vector<Given> given;
};

/// One job on the car of that number.
JobDone one_job(Way way, const ProvingOptions& options, std::uint64_t car);

struct WayResult {
    Way way = Way::advice;
    int jobs = 0;
    double mean_passes = 0.0;
    int median_passes = 0, passes_95 = 0;
    double mean_readings = 0.0;
    WorkCount work;             ///< of all jobs together
    double mean_minutes = 0.0;  ///< of a job, at the usual times
    double locks = 0.0;         ///< adjusters locked, of all jobs together
    /// The same at other times.
    double minutes(const StepTimes& t, double squaring_as = 1.0) const;
    double never = 0.0;  ///< share that did not arrive: too many passes, or not to be called with this tool
    double truly_inside = 0.0;  ///< of those that arrived
    double worst_left = 0.0;    ///< degrees
    /// Of the passes given 70 to 90 % to end the job: how many there were, and the share that did.
    int given_70_to_90 = 0;
    double ended_of_those = 0.0, inside_of_those = 0.0;
    /// Of those that arrived without a reading: their share of the jobs, and the share truly inside.
    double unread = 0.0, inside_unread = 0.0;
};

/// All ways over all cars, on all cores; the same whatever the number of threads. `progress` is told how many
/// jobs are done, from one of the threads at a time. Set `stop` to end early: what is done is counted.
std::vector<WayResult> prove(const ProvingOptions& options,
                             const std::function<void(int, int)>& progress = {},
                             const std::atomic<bool>* stop = nullptr);

}  // namespace fairchalk::practice
