// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>

#include <QPainter>
#include <QRectF>

#include "core/advice/plan.h"

namespace fairchalk::desk {

/// An adjuster as the mechanic sees it, with what is done to its handles: plates added or taken out, the way
/// it goes.
void drawAdjuster(QPainter& p, const QRectF& box, const Adjuster& adjuster, std::array<double, 2> by);

/// An arrow with a head.
void arrow(QPainter& p, QPointF from, QPointF to);

}  // namespace fairchalk::desk
