// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>

#include <QString>

#include "core/judge/moved.h"
#include "core/quantity/notation.h"

namespace fairchalk::desk {

/// What moved, how much did not, and for each axle of which something moved why: at most `most` causes, the
/// likeliest first. `why` is asked of those axles alone.
QString movedText(const std::vector<MovedAngle>& moved,
                  const std::function<std::vector<Explained>(Axle)>& why, int most, const Show& how);

}  // namespace fairchalk::desk
