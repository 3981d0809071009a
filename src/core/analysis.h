// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <atomic>
#include <memory>
#include <optional>
#include <vector>

#include "core/advice/plan.h"
#include "core/advice/record.h"
#include "core/advice/to_go.h"
#include "core/advice/until.h"
#include "core/judge/drive.h"
#include "core/judge/still_readable.h"
#include "core/judge/turn_doubt.h"

namespace fairchalk {

// The one analysis: what is believed of a job's turns and card, the estimate, verdicts, what to read next,
// what to turn, what is spoiled by it and what must be read again. The window, the program, the debrief and
// the proving ground ask it and nothing beneath it: what is proven is what is advised.

/// What the analysis is asked for.
struct Question {
    PlanOptions options;
    std::optional<Wheel> match;                  ///< a plan that makes this wheel as the other side is
    std::optional<std::vector<Target>> targets;  ///< a plan for these instead of the job's own
    bool settling = true;  ///< work out what would settle each verdict, and with what tool
    bool explain = true;   ///< and which spots are missing for what is unknown
    bool until = true;     ///< and what the rules show while it is turned
    const std::atomic<bool>* cancel = nullptr;
};

/// What nothing here can read: a target, and the ways of measuring that tell it.
struct Untold {
    Target target;
    std::vector<std::string_view> rigs;
};

struct Analysis {
    Belief belief;
    Job job;  ///< as it is believed to have gone (turn_doubt.h); its log is the caller's, or `log`
    std::shared_ptr<const std::vector<Entry>> log;
    Estimate now;  ///< as the car stands, what was turned since included
    std::vector<Verdict> verdicts;
    std::vector<std::optional<Settling>> settling;  ///< of those too close to call; nothing: no number does
    std::vector<std::vector<WheelFact>>
        telling;       ///< what would, were it told of the wheels; nothing: nothing would
    KnownAngle wheel;  ///< how the steering wheel sits on a straight road, to the right positive
    std::optional<DriveSays> drive;  ///< what the last drive and the angles say of each other
    Plan plan;
    std::vector<Until> until;  ///< what the rules will show, turn by turn
    ToGo to_go;                ///< how long it still takes
    /// Spots of the round that are not read and need not be: reading them would hardly change what is said.
    std::vector<Spot> can_wait;
    std::optional<Untold> untold;  ///< why `read` is empty though the plan says `read`
    /// What to read next, the best first: while the plan says `read`; else what would settle the worst
    /// verdict. Empty where nothing that can be read would help.
    std::vector<Spot> read;
};

/// Never fails: what can't be known says why. `job`'s log must outlive the answer.
Analysis analyse(const Job& job, const Question& question = {});

/// Of readings that contradict each other the one to set aside, an index into the log: as the plan says, or
/// what stands out most where nothing was planned. Nothing where some have to be looked at first.
std::optional<std::size_t> to_set_aside(const Analysis& a);

/// The drive that contradicts what was read, an index into the log; nothing where none is asked about.
std::optional<std::size_t> drive_asked_about(const Plan& plan);

/// The estimate of a job as it was left: what was done after the last reading included.
Estimate estimate_believed(const Job& job);

/// The record of a job as it was left.
Record record_believed(const Job& job);

/// Readings that an inside hangs on and nothing checks: spots to be read a second time before it is said. A
/// slip of 10 mm or one degree there moves the angle by more than a quarter of its band.
std::vector<Spot> unchecked_spots(const Job& job, const Estimate& e, const Verdict& verdict);

/// What somebody saw of one adjuster, of all that are made to the same drawing: both sides of its axle.
std::vector<Looked> facts_alike(const CarCard& car, const Look& look, const std::string& value);

/// What "turned as written" appends: the turns of a plan, and a round to be read where the last one has
/// readings.
std::vector<Entry> entries_after_turn(const Job& job, std::vector<Turn> turns);
/// The turns of a plan as they go into the log.
std::vector<Turn> turns_as_written(const Plan& plan);

}  // namespace fairchalk
