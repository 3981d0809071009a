// SPDX-License-Identifier: GPL-3.0-or-later
#include "floor/toe_fan.h"

#include <algorithm>
#include <cmath>

#include "look/chalk.h"

namespace fairchalk::desk {

double ToeFan::timesFor(Angle widest) {
    const double most = std::abs(widest.deg());
    return most > 0.0 ? std::clamp(std::floor(18.0 / most), 1.0, 40.0) : 40.0;
}

QPointF ToeFan::way(Side side, Angle toe) const {
    // Nose to the right: the front of a left wheel, above, leans down where it toes in.
    const double r = toe.rad() * times * (side == Side::left ? 1.0 : -1.0);
    return {half * std::cos(r), half * std::sin(r)};
}

void ToeFan::line(QPainter& p, QPointF hub, Side side, Angle toe) const {
    const QPointF d = way(side, toe);
    p.drawLine(hub - d, hub + d);
}

void ToeFan::between(QPainter& p, QPointF hub, Side side, Angle from, Angle to) const {
    const QPointF a = way(side, from), b = way(side, to);
    p.drawPolygon(QPolygonF{hub, hub + a, hub + b});
    p.drawPolygon(QPolygonF{hub, hub - a, hub - b});
}

void ToeFan::known(QPainter& p, QPointF hub, Side side, const KnownAngle& toe, const QColor& color) const {
    QColor fan = color;
    fan.setAlphaF(0.3f);
    p.setPen(Qt::NoPen);
    p.setBrush(fan);
    between(p, hub, side, toe.value - toe.plus_minus(), toe.value + toe.plus_minus());
    const QPointF d = way(side, toe.value);
    chalkLine(p, hub - d, hub + d, color, 2.4);
}

}  // namespace fairchalk::desk
