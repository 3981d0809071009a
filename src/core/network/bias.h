// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/job/log.h"
#include "core/network/posterior.h"

namespace fairchalk {

/// Takes a garage's bias off the angles of the last state, and adds its uncertainty to theirs: alike for all
/// wheels that share it, so that differences stay as sure as they were.
void take_off(Posterior& p, const BiasTaken& bias);

}  // namespace fairchalk
