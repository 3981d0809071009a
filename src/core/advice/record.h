// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <string>
#include <variant>
#include <vector>

#include "core/advice/plan.h"
#include "core/job/knowledge.h"
#include "core/judge/verdict.h"
#include "core/network/estimate.h"

namespace fairchalk {

// The record of a job: what a person hangs in the car or hands over when the nuts are tight. All of it is
// read off the log and the estimate; nothing is remembered apart.

struct Record {
    /// An angle as it came in and as it stands. `before` is by the readings of the first round alone.
    struct Line : CarAngle {
        KnownAngle before, after;
        std::optional<Verdict> verdict;  ///< of `after`, where it has a target
    };
    /// What was turned between two rounds that were read, and what that did.
    struct Pass {
        std::string at;  ///< when the first of them was written down
        std::vector<Turn> turns;
        struct Did : CarAngle {
            KnownAngle from, to;
        };
        std::vector<Did> did;  ///< of the angles that these adjusters set; empty where nothing was read after
    };
    struct Left {
        Target target;
        KnownAngle angle;
        Call call = Call::unknown;
        std::string why;  ///< as somebody wrote it; empty where nobody did
    };

    std::string begun, ended;  ///< ISO 8601; of the first and the last entry that says when
    std::optional<Odometer> odometer;
    std::vector<Line> lines;  ///< those known before or after, or with a target: wheel by wheel, then axles
    std::vector<Pass> passes;
    std::vector<std::string> locked, unlocked;  ///< adjusters that were turned, by id
    std::vector<PartTouched> loose;
    std::vector<Driven> drives;
    std::vector<Left> left;  ///< all that has a target and is not inside
    std::vector<LookAgain> again;
    std::optional<BiasTaken> bias;  ///< what was taken off all angles, because somebody said so
    bool contradicts = false;       ///< the readings do not fit together: the figures hold only so far
};

/// `job` as it is believed to have gone, `now` its estimate as the car stands, `rounds` those of each round
/// as it was read.
Record record_of(const Job& job, const Estimate& now, std::span<const Estimate> rounds);

}  // namespace fairchalk
