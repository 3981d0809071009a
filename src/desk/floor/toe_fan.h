// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPainter>

#include "core/network/estimate.h"

namespace fairchalk::desk {

/// Toe on a car that is drawn from above, nose to the right: each wheel's line through its hub, so many times
/// larger than life.
struct ToeFan {
    double times = 1.0;  ///< how much larger
    double half = 60.0;  ///< half the length of a wheel's line

    /// The widest toe goes to 18 degrees on the floor, and nothing is drawn more than forty times as large.
    static double timesFor(Angle widest);
    /// From the hub to the front end of the wheel's line.
    QPointF way(Side side, Angle toe) const;
    /// A wheel's line alone.
    void line(QPainter& p, QPointF hub, Side side, Angle toe) const;
    /// All between two toes, in the painter's pen and brush.
    void between(QPainter& p, QPointF hub, Side side, Angle from, Angle to) const;
    /// A toe with its ±, and its line in chalk.
    void known(QPainter& p, QPointF hub, Side side, const KnownAngle& toe, const QColor& color) const;
};

}  // namespace fairchalk::desk
