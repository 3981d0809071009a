// SPDX-License-Identifier: GPL-3.0-or-later
#include "slate/close_up.h"

#include <cmath>

#include <QPainter>

#include "book/knowledge_file.h"
#include "look/chalk.h"
#include "look/heard.h"
#include "practice/tool_face.h"
#include "rig/rig_drawing.h"
#include "words/words.h"

namespace fairchalk::desk {

CloseUp::CloseUp(QWidget* parent) : QWidget(parent) {
    setFixedHeight(204);
}

void CloseUp::setSpot(const std::optional<Spot>& spot, Angle sweep) {
    spot_ = spot;
    sweep_ = sweep;
    nameIt(this,
           !spot ? QString()
           : reading_kind(spot->kind).to_string()
               ? tr("Where the rule goes: %1, zero end on the metal, square to the string, at hub height")
                     .arg(QString::fromStdString(words::spot(*spot)))
               : tr("Where it is read: %1").arg(QString::fromStdString(words::spot(*spot))));
    update();
}

void CloseUp::setFace(const std::optional<Face>& face) {
    face_ = face;
    if (face_)
        nameIt(this, tr("What the %1 shows").arg(QString::fromStdString(words::tool(face_->tool.name))));
    update();
}

namespace {

/// A rule with its graduations, its zero end marked; degrees from level.
void drawRule(QPainter& p, QPointF zero, double length, double turned) {
    const Chalk& c = Chalk::now();
    p.save();
    p.translate(zero);
    p.rotate(turned);
    p.setPen(c.stroke(c.chalk, 1.4));
    p.setBrush(c.dark ? QColor(0xcf, 0xcf, 0xc8) : QColor(0xff, 0xff, 0xff));
    p.drawRect(QRectF(0, -11, length, 22));
    p.setPen(QPen(QColor(0x22, 0x26, 0x28), 1));
    for (double x = 4; x < length - 2; x += 5)
        p.drawLine(QPointF(x, -11), QPointF(x, static_cast<int>(x / 5) % 5 == 0 ? -2 : -6));
    p.setPen(Qt::NoPen);
    p.setBrush(c.string);
    p.drawEllipse(QPointF(0, 0), 5, 5);
    p.restore();
}

}  // namespace

void CloseUp::paintEvent(QPaintEvent*) {
    const Chalk& c = Chalk::now();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(Qt::NoPen);
    p.setBrush(c.floor);
    p.drawRoundedRect(rect(), 8, 8);
    p.scale(zoom(), zoom());
    const QRectF whole(QPointF(), QSizeF(size()) / zoom());
    if (face_) {
        drawToolFace(p, whole.adjusted(8, 8, -8, face_->beside.isEmpty() ? -8 : -30), face_->tool, face_->at,
                     face_->inches);
        p.setFont(chalked(13));
        p.setPen(c.chalk);
        writeIn(p, whole.adjusted(12, 0, -12, -6), Qt::AlignBottom | Qt::AlignLeft, face_->beside);
        return;
    }
    const double w = whole.width();
    p.setFont(chalked(12));
    const auto note = [&](const QRectF& box, const QString& text, int align = Qt::AlignLeft) {
        p.setPen(c.chalk);
        writeIn(p, box, align | Qt::AlignVCenter, text);
    };
    const auto rule = [&](QPointF zero, double length, double dx, double dy) {
        drawRule(p, zero, length, std::atan2(dy, dx) * 57.29578);
    };
    if (!spot_) {
        note(QRectF(16, 60, w - 32, 60), tr("Every spot of this round has been read."),
             Qt::AlignHCenter | Qt::TextWordWrap);
        return;
    }
    const Spot& s = *spot_;
    const ReadingKind& kind = reading_kind(s.kind);
    if (kind.place() == PlaceKind::bar) {
        const double top = 44, bottom = 166, x = w / 2;
        stringLine(p, {20, top - 6}, {w - 20, top + 4}, c.string, 2.6);
        stringLine(p, {20, bottom + 5}, {w - 20, bottom - 5}, c.string, 2.6);
        p.setPen(c.stroke(c.soft, 4));
        p.drawLine(QPointF(x - 30, top - 24), QPointF(x - 30, bottom + 24));
        rule({x, bottom}, bottom - top, 0, -1);
        note(QRectF(x + 24, 60, 150, 18), tr("string to string,"));
        note(QRectF(x + 24, 78, 150, 18), tr("square across the car"));
        note(QRectF(x + 24, 112, 150, 18), tr("along the bar"));
        note(QRectF(12, 96, x - 56, 18), *s.axle == Axle::front ? tr("front bar") : tr("rear bar"),
             Qt::AlignRight);
        return;
    }
    if (!kind.to_string()) {
        const Rig& rig = rig_of(s);
        RigDrawing how = drawingOf(s, book::shipped_knowledge().rig(rig.id));
        how.sweep = sweep_;
        how.text = 12.0;
        drawRig(p, whole.adjusted(6, 4, -6, -4), rig, how);
        return;
    }
    // A wheel from above; the string on the side it stands on. On the right side the picture is upside down.
    const bool left = side_of(*s.wheel) == Side::left;
    const double string_y = left ? 26 : 178, wheel_top = left ? 112 : 32, wheel_bottom = left ? 172 : 92;
    const double face = left ? wheel_top : wheel_bottom;
    const double x0 = 64, x1 = w - 74;
    stringLine(p, {14, string_y + (left ? 5 : -5)}, {w - 14, string_y - (left ? 5 : -5)}, c.string, 2.6);
    p.setPen(c.string);
    writeIn(p, QRectF(w - 64, string_y + (left ? 6 : -24), 54, 18), Qt::AlignRight, tr("string"));
    p.setPen(c.stroke(c.chalk, 2.4));
    p.setBrush(c.well);
    p.drawRoundedRect(QRectF(QPointF(x0, wheel_top), QPointF(x1, wheel_bottom)), 16, 16);
    const double mid = (x0 + x1) / 2;
    p.setBrush(c.floor);
    const double hub_out = left ? face - 9 : face + 9;
    p.drawRect(
        QRectF(QPointF(mid - 15, std::min(face, hub_out)), QPointF(mid + 15, std::max(face, hub_out))));
    p.setPen(c.soft);
    writeIn(p, QRectF(x0, wheel_top, x1 - x0, wheel_bottom - wheel_top), Qt::AlignCenter | Qt::TextWordWrap,
            tr("%1 wheel,\nfrom above").arg(QString::fromStdString(words::wheel(*s.wheel))));
    writeIn(p, QRectF(x1 + 8, (wheel_top + wheel_bottom) / 2 - 10, 66, 20), Qt::AlignLeft | Qt::AlignVCenter,
            tr("front →"));
    writeIn(p, QRectF(0, left ? 180 : 6, w, 18), Qt::AlignCenter,
            s.rolled ? tr("wheel rolled on half a turn; at hub height") : tr("rule level, at hub height"));
    const bool hub = !kind.on_lip(), front = kind.end() > 0;
    const double x = hub ? mid : front ? x1 - 14 : x0 + 14;
    const double zero = hub ? hub_out : face;
    rule({x, zero}, std::abs(zero - string_y) + 12, 0.03, left ? -1 : 1);
    const double text_x = front ? 16 : x + 22;
    const double text_w = front ? x - 40 : w - text_x - 8;
    const double y = left ? 50 : 106;
    note(QRectF(text_x, y, text_w, 18),
         hub     ? tr("zero end on the hub")
         : front ? tr("zero end on the front lip")
                 : tr("zero end on the back lip"),
         front ? Qt::AlignRight : Qt::AlignLeft);
    note(QRectF(text_x, y + 18, text_w, 18), tr("square to the string"),
         front ? Qt::AlignRight : Qt::AlignLeft);
}

}  // namespace fairchalk::desk
