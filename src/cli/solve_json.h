// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "book/job_file.h"
#include "core/advice/plan.h"

namespace fairchalk::cli {

/// The answers of `solve` and `plan`, as the job file's contract (docs/job-file.md) has them.
book::Json solve_answer(const book::JobFile& file, std::optional<int> round);
/// `match`: the targets of that wheel are the other side's angles as they are. `set_up`: those of that set-up
/// of the card; throws book::FileError where it has none of that name.
book::Json plan_answer(const book::JobFile& file, const PlanOptions& choices = {},
                       std::optional<Wheel> match = {}, const std::string& set_up = {});
/// `{"kind":"length","mm":65.0875,"resolution_mm":1.5875}`
book::Json read_answer(const Quantity& q);

}  // namespace fairchalk::cli
