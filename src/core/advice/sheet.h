// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/advice/plan.h"

namespace fairchalk {

/// One turn for each adjuster, from its handles.
std::vector<PlannedTurn> turns_from(const After& after, const Estimate& e, bool steering_known,
                                    const CarCard& car);

/// The wheels whose toe, and whose lean, a turn of these spoils.
void spoiled_by(const std::vector<PlannedTurn>& turns, const CarCard& car, std::vector<Wheel>& toe,
                std::vector<Wheel>& lean);

}  // namespace fairchalk
