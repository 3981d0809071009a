// SPDX-License-Identifier: GPL-3.0-or-later
#include "turn/angle_scale.h"

#include <algorithm>
#include <cmath>

#include <QObject>

#include "look/chalk.h"

namespace fairchalk::desk {

AngleScale AngleScale::holding(const QRectF& box, std::initializer_list<Angle> all) {
    double reach = 0.15;
    for (Angle a : all) reach = std::max(reach, std::abs(a.deg()) * 1.15);
    return {box, -reach, reach};
}

double AngleScale::x(Angle a) const {
    return box.left() + (std::clamp(a.deg(), lo, hi) - lo) / (hi - lo) * box.width();
}

void AngleScale::axis(QPainter& p, double y, bool toe) const {
    const Chalk& c = Chalk::now();
    p.setPen(c.stroke(c.faint, 1.4));
    p.drawLine(QPointF(box.left(), y), QPointF(box.right(), y));
    p.setPen(c.stroke(c.soft, 1.2));
    p.drawLine(QPointF(x(Angle()), y - 22), QPointF(x(Angle()), y + 22));
    p.setFont(chalked(12));
    p.setPen(c.soft);
    writeIn(p, QRectF(box.left() - 74, y - 10, 66, 20), Qt::AlignRight | Qt::AlignVCenter,
            toe ? QObject::tr("out") : QStringLiteral("−"));
    writeIn(p, QRectF(box.right() + 8, y - 10, 66, 20), Qt::AlignLeft | Qt::AlignVCenter,
            toe ? QObject::tr("in") : QStringLiteral("+"));
    writeIn(p, QRectF(x(Angle()) - 40, y + 22, 80, 16), Qt::AlignCenter,
            toe ? QObject::tr("parallel") : QStringLiteral("0°"));
}

void AngleScale::target(QPainter& p, Angle from, Angle to, double y) const {
    const Chalk& c = Chalk::now();
    p.setPen(c.stroke(c.target, 1.3));
    p.setBrush(hatch(c.target));
    p.drawRect(QRectF(QPointF(x(from), y - 19), QPointF(x(to), y + 19)));
}

void AngleScale::bar(QPainter& p, const KnownAngle& a, double y, const QColor& color, int alpha) const {
    QColor c = color;
    c.setAlpha(alpha);
    const double l = x(a.value - a.plus_minus()), r = x(a.value + a.plus_minus());
    p.setPen(Qt::NoPen);
    p.setBrush(c);
    p.drawRoundedRect(QRectF(l, y - 8, std::max(8.0, r - l), 16), 8, 8);
    p.setBrush(color);
    p.drawEllipse(QPointF(x(a.value), y), 4, 4);
}

}  // namespace fairchalk::desk
