// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/network/estimate.h"

namespace fairchalk {

/// The card with which the next job on this car begins: the job's, with what it has taught. Rods have the arm
/// that they were found to work on, devices the responses that were seen, what locking moves is known where
/// it was seen; cams stand where they were turned to, ranges and stacks are what is left of them. What was
/// not turned stays as it was. `e` is the estimate of `job` as of now.
CarCard card_after_job(const Job& job, const Estimate& e);

/// The angles that a job leaves the car at, for one that begins without reading: less sure by what settles
/// and wears in some weeks of driving (0.03 degrees of toe, 0.05 of camber and caster; judgement). `e` is the
/// estimate as of the job's end. Nothing where no angle was known.
std::optional<AnglesCarried> carried_over(const Estimate& e);

}  // namespace fairchalk
