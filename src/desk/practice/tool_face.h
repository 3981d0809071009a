// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPainter>

#include "core/car/instrument.h"

namespace fairchalk::desk {

/// A rule, tape, vernier or gauge as it looks where it is held, with its own graduations: to be read by eye.
/// `at` is where the thread or pointer stands, in mm or degrees; `inches` draws a tape of inches.
void drawToolFace(QPainter& p, const QRectF& box, const Tool& tool, double at, bool inches = false);

}  // namespace fairchalk::desk
