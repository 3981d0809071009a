// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPainter>
#include <QRectF>

#include "core/advice/plan.h"

namespace fairchalk::desk {

/// A device as the mechanic sees it, with what is done to it: plates added or taken out, the way it goes.
void drawDevice(QPainter& p, const QRectF& box, const Device& device, const PlannedTurn& turn);
/// A rod, as one lies under its end of the car.
void drawRod(QPainter& p, const QRectF& box, const Rod& rod, double turns);

/// An arrow with a head.
void arrow(QPainter& p, QPointF from, QPointF to);

}  // namespace fairchalk::desk
