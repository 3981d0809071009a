// SPDX-License-Identifier: GPL-3.0-or-later
#include "floor/device_drawing.h"

#include <algorithm>
#include <array>
#include <cmath>

#include <QObject>
#include <QPainterPath>

#include "look/chalk.h"

namespace fairchalk::desk {
namespace {

void note(QPainter& p, const QRectF& at, const QString& text, int flags = Qt::AlignCenter) {
    p.setFont(type(12));
    p.setPen(Chalk::now().soft);
    p.drawText(at, flags, text);
}

/// A stack at a bolt: plates between frame and arm; what comes is filled, what goes is dashed.
void stack(QPainter& p, QPointF bolt, double mm, bool outward) {
    const Chalk& c = Chalk::now();
    const double way = outward ? 1.0 : -1.0;
    p.setPen(c.stroke(c.soft, 1.6));
    p.setBrush(Qt::NoBrush);
    for (int i = 0; i < 2; ++i) p.drawRect(QRectF(bolt.x() - 30, bolt.y() + 4 + 7 * i, 60, 6));
    if (mm != 0.0) {
        p.setPen(mm > 0 ? QPen(c.string, 1.6) : c.stroke(c.string, 1.8, Qt::DashLine));
        p.setBrush(mm > 0 ? QBrush(c.string) : QBrush(Qt::NoBrush));
        p.drawRect(QRectF(bolt.x() - 30, bolt.y() + 18, 60, std::clamp(std::abs(mm) * 4.0, 4.0, 18.0)));
        p.setPen(c.stroke(c.string, 2.4));
        const double d = (mm > 0 ? 1.0 : -1.0) * way * 26;
        arrow(p, {bolt.x() + 48, bolt.y() + 34 - d / 2}, {bolt.x() + 48, bolt.y() + 34 + d / 2});
    }
    p.setPen(c.stroke(c.chalk, 2.2));
    p.setBrush(c.floor);
    p.drawEllipse(bolt - QPointF(0, 8), 8, 8);
}

void shims(QPainter& p, const QRectF& b, const Device& d, const PlannedTurn& t) {
    const Chalk& c = Chalk::now();
    const double y = b.top() + 26, front = b.left() + b.width() * 0.72, rear = b.left() + b.width() * 0.22;
    chalkLine(p, {b.left(), y - 20}, {b.right(), y - 20}, c.faint, 5);
    note(p, {b.left(), y - 44, b.width(), 18}, QObject::tr("frame"), Qt::AlignLeft);
    note(p, {rear - 50, y - 44, 100, 18}, QObject::tr("rear bolt"));
    note(p, {front - 50, y - 44, 100, 18}, QObject::tr("front bolt"));
    const bool across = d.kind == "spanning-shims";
    if (across && t.turns != 0.0) {
        p.setPen(t.turns > 0 ? QPen(c.string, 1.6) : c.stroke(c.string, 1.8, Qt::DashLine));
        p.setBrush(t.turns > 0 ? QBrush(c.string) : QBrush(Qt::NoBrush));
        p.drawRect(
            QRectF(rear - 36, y + 18, front - rear + 72, std::clamp(std::abs(t.turns) * 4.0, 4.0, 16.0)));
    }
    stack(p, {front, y}, across ? 0.0 : t.turns, !d.pushes_in);
    stack(p, {rear, y}, across ? 0.0 : t.second, !d.pushes_in);
    chalkLine(p, {b.left() + 10, y + 52}, {b.right() - 10, y + 52}, c.chalk, 4);
    note(p, {b.left(), y + 56, b.width(), 18}, QObject::tr("arm, and the wheel beyond"), Qt::AlignLeft);
}

void cam(QPainter& p, const QRectF& b, const Device& d, const PlannedTurn& t) {
    const Chalk& c = Chalk::now();
    const QPointF at(b.left() + 90, b.center().y());
    const double r = 38;
    p.setPen(c.stroke(c.chalk, 2.2));
    p.setBrush(Qt::NoBrush);
    p.drawEllipse(at, r, r);
    const auto tip = [&](double deg) {
        const double a = (deg - 90.0) * 3.14159265 / 180;
        return QPointF(std::cos(a), std::sin(a));
    };
    p.setPen(c.stroke(c.soft, 1.6));
    for (int k = -90; k <= 90; k += 15)
        p.drawLine(at + tip(k) * (r + 4), at + tip(k) * (r + (k % 45 == 0 ? 12 : 8)));
    p.setPen(c.stroke(c.soft, 2.2, Qt::DashLine));
    p.drawLine(at, at + tip(d.at_deg) * r);
    p.setPen(c.stroke(c.string, 3.2));
    p.drawLine(at, at + tip(d.at_deg + t.turns) * r);
    p.setBrush(Qt::NoBrush);
    p.drawArc(QRectF(at - QPointF(r - 12, r - 12), QSizeF(2 * r - 24, 2 * r - 24)),
              static_cast<int>((90.0 - d.at_deg) * 16), static_cast<int>(-t.turns * 16));
    note(p, {at.x() + r + 18, at.y() - 26, 220, 20}, QObject::tr("dashed: as it stands"), Qt::AlignLeft);
    note(p, {at.x() + r + 18, at.y() - 4, 220, 20}, QObject::tr("marks every 15° from its middle"),
         Qt::AlignLeft);
}

void plate(QPainter& p, const QRectF& b, const Device&, const PlannedTurn& t) {
    const Chalk& c = Chalk::now();
    const QPointF at(b.left() + 110, b.center().y());
    p.setPen(c.stroke(c.chalk, 2.2));
    p.setBrush(Qt::NoBrush);
    p.drawEllipse(at, 46, 46);
    for (double a : {0.5, 2.6, 4.7}) {
        const QPointF slot = at + QPointF(60 * std::cos(a), 60 * std::sin(a));
        p.drawRoundedRect(QRectF(slot - QPointF(11, 5), QSizeF(22, 10)), 5, 5);
    }
    p.drawEllipse(at, 9, 9);
    p.setPen(c.stroke(c.string, 2.8));
    // The car's middle is up here, its front to the right.
    if (t.turns != 0.0) arrow(p, at, at + QPointF(0, t.turns > 0 ? -36 : 36));
    if (t.second != 0.0) arrow(p, at, at + QPointF(t.second > 0 ? -36 : 36, 0));
    note(p, {at.x() - 70, b.top() - 14, 140, 16}, QObject::tr("middle of the car"));
    note(p, {at.x() + 80, at.y() - 9, 90, 18}, QObject::tr("front →"), Qt::AlignLeft);
}

void slot(QPainter& p, const QRectF& b, const Device&, const PlannedTurn& t) {
    const Chalk& c = Chalk::now();
    const QPointF at(b.left() + 120, b.center().y());
    p.setPen(c.stroke(c.chalk, 2.2));
    p.setBrush(Qt::NoBrush);
    p.drawRoundedRect(QRectF(at - QPointF(70, 17), QSizeF(140, 34)), 17, 17);
    p.setPen(c.stroke(c.soft, 1.8, Qt::DashLine));
    p.drawEllipse(at, 13, 13);
    const double by = std::clamp(t.turns * 8, -50.0, 50.0);
    p.setPen(c.stroke(c.string, 2.6));
    p.drawEllipse(at + QPointF(by, 0), 13, 13);
    arrow(p, at + QPointF(0, 34), at + QPointF(by, 34));
    note(p, {at.x() - 130, at.y() - 44, 120, 18}, QObject::tr("middle of the car"));
    note(p, {at.x() + 40, at.y() - 44, 80, 18}, QObject::tr("wheel"));
}

/// A threaded rod or arm: its ends part or come together.
void threaded(QPainter& p, const QRectF& b, const Device&, const PlannedTurn& t) {
    const Chalk& c = Chalk::now();
    const double y = b.center().y() - 8, l = b.left() + 20, r = b.left() + std::min(360.0, b.width() - 30);
    p.setPen(c.stroke(c.chalk, 2.2));
    p.setBrush(Qt::NoBrush);
    p.drawEllipse(QPointF(l, y), 15, 15);
    p.drawEllipse(QPointF(r, y), 15, 15);
    p.drawRect(QRectF(l + 70, y - 10, r - l - 140, 20));
    p.setPen(c.stroke(c.soft, 1.6));
    for (double x = l + 18; x < l + 66; x += 7) p.drawLine(QPointF(x, y - 6), QPointF(x + 4, y + 6));
    for (double x = r - 66; x < r - 18; x += 7) p.drawLine(QPointF(x, y - 6), QPointF(x + 4, y + 6));
    p.setPen(c.stroke(c.string, 2.6));
    const double out = t.turns > 0 ? 1.0 : -1.0;
    arrow(p, {l + 40 + out * 24, y + 34}, {l + 40 - out * 24, y + 34});
    arrow(p, {r - 40 - out * 24, y + 34}, {r - 40 + out * 24, y + 34});
}

void pivot(QPainter& p, const QRectF& b, const Device&, const PlannedTurn& t) {
    const Chalk& c = Chalk::now();
    const QPointF at(b.left() + 130, b.center().y());
    chalkLine(p, at + QPointF(0, -6), at + QPointF(-100, -6), c.chalk, 6);
    p.setPen(c.stroke(c.chalk, 2.2));
    p.setBrush(c.floor);
    p.drawRect(QRectF(at - QPointF(12, 22), QSizeF(24, 32)));
    // Above: the car's middle. Plates on both sides of the eye.
    for (double side : {-1.0, 1.0}) {
        const bool gains = (side > 0) == (t.turns > 0);
        p.setPen(gains ? QPen(c.string, 1.6) : c.stroke(c.string, 1.8, Qt::DashLine));
        p.setBrush(gains ? QBrush(c.string) : QBrush(Qt::NoBrush));
        p.drawRect(QRectF(at.x() - 22, at.y() - 6 + side * 26 - 5, 44,
                          std::clamp(std::abs(t.turns) * 3.0, 4.0, 14.0)));
    }
    p.setPen(c.stroke(c.string, 2.6));
    arrow(p, at + QPointF(44, t.turns > 0 ? 14 : -26), at + QPointF(44, t.turns > 0 ? -26 : 14));
    note(p, {at.x() - 70, b.top() - 12, 140, 16}, QObject::tr("middle of the car"));
    note(p, {at.x() + 60, at.y() - 14, 90, 18}, QObject::tr("front →"), Qt::AlignLeft);
}

struct Row {
    std::string_view kind;
    void (*draw)(QPainter&, const QRectF&, const Device&, const PlannedTurn&);
    const char* from;
};
constexpr std::array rows = {
    Row{"shim-pair", shims,
        QT_TRANSLATE_NOOP("QObject", "from above, the wheel toward you, the car's front to the right")},
    Row{"spanning-shims", shims,
        QT_TRANSLATE_NOOP("QObject", "from above, the wheel toward you, the car's front to the right")},
    Row{"cam", cam, QT_TRANSLATE_NOOP("QObject", "the bolt's head, toward you")},
    Row{"strut-top", plate, QT_TRANSLATE_NOOP("QObject", "from above, over the wing")},
    Row{"upper-joint-slot", slot, QT_TRANSLATE_NOOP("QObject", "from above, the wheel to the right")},
    Row{"adjustable-arm", threaded,
        QT_TRANSLATE_NOOP("QObject", "the middle of the car to the left, the wheel to the right")},
    Row{"radius-rod", threaded,
        QT_TRANSLATE_NOOP("QObject", "its body end to the left, the arm to the right")},
    Row{"trailing-arm-shims", pivot,
        QT_TRANSLATE_NOOP("QObject", "from above; the arm runs back to the hub, to the left")},
    Row{"cross-tube", threaded,
        QT_TRANSLATE_NOOP("QObject", "from below, lying with your head to the front")},
    Row{"drag-link", threaded,
        QT_TRANSLATE_NOOP("QObject", "the steering box to the left, the arm to the right")},
};
const Row* row_of(const Device& d) {
    const auto it = std::find_if(rows.begin(), rows.end(), [&](const Row& r) { return r.kind == d.kind; });
    return it == rows.end() ? nullptr : &*it;
}

}  // namespace

void arrow(QPainter& p, QPointF from, QPointF to) {
    p.drawLine(from, to);
    const double a = std::atan2(to.y() - from.y(), to.x() - from.x());
    for (double d : {2.6, -2.6}) p.drawLine(to, to + QPointF(11 * std::cos(a + d), 11 * std::sin(a + d)));
}

void drawDevice(QPainter& p, const QRectF& box, const Device& device, const PlannedTurn& turn) {
    if (const Row* r = row_of(device)) r->draw(p, box, device, turn);
}

QString seenFrom(const Device& device) {
    const Row* r = row_of(device);
    return r ? QObject::tr(r->from) : QString();
}

}  // namespace fairchalk::desk
