// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <span>
#include <variant>
#include <vector>

#include "core/judge/moved.h"

namespace fairchalk {

// Whether an angle of a car drifts: moves from job to job the same way, by more than chance.

/// How one job found the car and left it, and on which day (days from any beginning).
struct SeasonJob {
    double day = 0.0;
    Estimate found, left;
};

struct AngleDrift : CarAngle {
    Angle per_week, sigma;
    int intervals = 0;  ///< between jobs that both knew it
};

/// The angles that drift: a line through what each job found, less what was turned before it, by generalized
/// least squares (A. C. Aitken, 1935); what a turn did is as unsure for all jobs after it. The limit is such
/// that of cars that do not drift at most one in twenty is said to over ten checks (Bonferroni). `jobs`
/// oldest first; fewer than three tell nothing.
std::vector<AngleDrift> drifts(std::span<const SeasonJob> jobs);

}  // namespace fairchalk
