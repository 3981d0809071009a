// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/advice/plan.h"
#include "core/job/log.h"
#include "core/job/step_times.h"

namespace fairchalk {

/// How long it still takes, in minutes, as expected.
struct ToGo {
    double this_pass = 0.0;  ///< what stands on the sheet, and reading it again
    double to_done = 0.0;    ///< until the last nut is tight, before the drive
    double jackings = 0.0;   ///< for what the weight has to come off for
};

/// What is left of a job as its plan stands: what is to be read, turned and read again; further passes as far
/// as the plan's own chance to end leaves any; and the nuts of all that was turned. `read` is what the
/// analysis asks for next; times and how the adjusters are reached are the options'.
///
/// A pass that ends with the chance p is followed by (1 - p) / q others, q being the chance of a pass on a
/// car that is known from the one before it. Where nothing is known yet, a turn of what serves the targets is
/// expected: on nine cars of ten.
ToGo to_go(const Job& job, const Plan& plan, const std::vector<Spot>& read, const PlanOptions& options);

}  // namespace fairchalk
