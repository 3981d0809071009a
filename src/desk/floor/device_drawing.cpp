// SPDX-License-Identifier: GPL-3.0-or-later
#include "floor/device_drawing.h"

#include <cmath>

#include <QString>

#include "core/car/adjuster.h"
#include "look/chalk.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

using Ink = Sketch::Ink;

QColor colorOf(Ink ink, const Chalk& c) {
    switch (ink) {
        case Ink::part:
            return c.soft;
        case Ink::ground:
            return c.faint;
        case Ink::change:
            return c.string;
        default:
            return c.chalk;
    }
}

void paint(QPainter& p, const Sketch::Stroke& s, QPointF origin) {
    const Chalk& c = Chalk::now();
    const QColor color = colorOf(s.pen.ink, c);
    const auto at = [&](const Sketch::Point& point) { return origin + QPointF(point.x(), point.y()); };
    const QRectF box(at(s.at), at(s.to));
    p.setPen(c.stroke(color, s.pen.width, s.pen.dashed ? Qt::DashLine : Qt::SolidLine));
    p.setBrush(s.fill == Sketch::Fill::none  ? QBrush(Qt::NoBrush)
               : s.fill == Sketch::Fill::ink ? QBrush(color)
                                             : QBrush(c.floor));
    switch (s.shape) {
        case Sketch::Shape::line:
            p.drawLine(at(s.at), at(s.to));
            break;
        case Sketch::Shape::beam:
            chalkLine(p, at(s.at), at(s.to), color, s.pen.width);
            break;
        case Sketch::Shape::circle:
            p.drawEllipse(at(s.at), s.radius, s.radius);
            break;
        case Sketch::Shape::box:
            p.drawRoundedRect(box, s.radius, s.radius);
            break;
        case Sketch::Shape::arc: {
            const QPointF corner(s.radius, s.radius);
            p.drawArc(QRectF(at(s.at) - corner, at(s.at) + corner), static_cast<int>(s.from_deg * 16),
                      static_cast<int>(s.by_deg * 16));
            break;
        }
        case Sketch::Shape::arrow:
            arrow(p, at(s.at), at(s.to));
            break;
        case Sketch::Shape::note:
            p.setFont(s.bold ? chalked(16, true) : chalked(12));
            p.setPen(color);
            writeIn(p, box,
                    (s.align == Sketch::Align::center ? Qt::AlignHCenter
                     : s.align == Sketch::Align::left ? Qt::AlignLeft
                                                      : Qt::AlignRight) |
                        Qt::AlignVCenter | Qt::TextDontClip,
                    q(words::fill(s.text, {})));
            break;
    }
}

}  // namespace

void arrow(QPainter& p, QPointF from, QPointF to) {
    p.drawLine(from, to);
    const double a = std::atan2(to.y() - from.y(), to.x() - from.x());
    for (double d : {2.6, -2.6}) p.drawLine(to, to + QPointF(11 * std::cos(a + d), 11 * std::sin(a + d)));
}

namespace {
void paint(QPainter& p, const Sketch& sketch, QPointF origin) {
    for (const Sketch::Stroke& s : sketch.strokes()) paint(p, s, origin);
}
}  // namespace

void drawAdjuster(QPainter& p, const QRectF& box, const Adjuster& adjuster, std::array<double, 2> by) {
    const AdjusterKind* kind = adjuster_kind(adjuster.kind);
    if (kind) paint(p, kind->sketch(adjuster, by, {box.width(), box.height()}), box.topLeft());
}

}  // namespace fairchalk::desk
