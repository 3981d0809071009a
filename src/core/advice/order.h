// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/advice/plan.h"

namespace fairchalk {

/// The part of the whole plan that comes first in somebody's own order: the turns of its first group that has
/// any to make. Each group is planned by itself, and what is left of the others comes in the passes after it.
/// The plan as it is where the order is to plan all at once, where a choice was made of what to turn, or
/// where nothing is to be turned.
Plan in_order(const Job& job, const Estimate& e, const PlanOptions& options, Plan whole);

}  // namespace fairchalk
