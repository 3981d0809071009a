// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPainter>

#include "job_desk.h"

namespace fairchalk::desk {

/// Nothing to turn: how each angle with a target came to be where it is, round by round; under them the car
/// as it came in and as it stands; and what stays outside, with why.
void drawReview(QPainter& p, const QRectF& box, const JobDesk& desk, const Show& how);

}  // namespace fairchalk::desk
