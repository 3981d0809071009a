// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/network/estimate.h"
#include "core/network/priors.h"
#include "core/network/transitions.h"

namespace fairchalk {

/// The angles, strings and responses that a posterior tells, each with its sigma, into `out`, which has the
/// rest. `explains`: also which spots are missing for what is unknown.
void report(Estimate& out, const Job& job, const Posterior& p, const NetworkNeeds& needs,
            const Transitions& seen, bool explains);

}  // namespace fairchalk
