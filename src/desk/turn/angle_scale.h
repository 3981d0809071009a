// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <initializer_list>

#include <QPainter>

#include "core/network/estimate.h"

namespace fairchalk::desk {

/// A line on which an angle lies, parallel or upright in its middle: toe out to the left, in to the right;
/// other angles by their signs.
struct AngleScale {
    QRectF box;
    double lo = -1.0, hi = 1.0;  ///< degrees

    /// One that has all of these on it.
    static AngleScale holding(const QRectF& box, std::initializer_list<Angle> all);
    double x(Angle a) const;

    /// Toe has words for its ends, other angles their signs.
    void axis(QPainter& p, double y, bool toe) const;
    void target(QPainter& p, Angle from, Angle to, double y) const;
    /// As long as its ±, a dot at its value. Round ends, so that it is no target.
    void bar(QPainter& p, const KnownAngle& a, double y, const QColor& color, int alpha) const;
};

}  // namespace fairchalk::desk
