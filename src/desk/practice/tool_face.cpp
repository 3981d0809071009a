// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/tool_face.h"

#include <cmath>

#include <QObject>

#include "look/chalk.h"

namespace fairchalk::desk {
namespace {

const QColor steel(0xd8, 0xd8, 0xd0), scale_ink(0x22, 0x26, 0x28);

/// A straight scale: where a value lies on it.
struct FaceScale {
    QRectF box;
    double middle, per_unit;
    double x(double v) const { return box.center().x() + (v - middle) * per_unit; }
    double lowest() const { return middle - box.width() / 2 / per_unit; }
    double highest() const { return middle + box.width() / 2 / per_unit; }
};

void tick(QPainter& p, double x, double from, double length, double width = 1.2) {
    p.setPen(QPen(scale_ink, width));
    p.drawLine(QPointF(x, from), QPointF(x, from + length));
}

void figure(QPainter& p, double x, double y, const QString& text, double size) {
    p.setFont(chalked(size, true));
    p.setPen(scale_ink);
    writeIn(p, QRectF(x - 40, y, 80, size * 1.4), Qt::AlignCenter, text);
}

/// The thread: it crosses the rule's edge, and is read at its middle.
void thread(QPainter& p, double x, double top, double bottom) {
    stringLine(p, {x, top}, {x, bottom}, QColor(0xd0, 0x8a, 0x00), 2.2);
}

void steelRule(QPainter& p, const QRectF& box, double at, bool inch, double division, const QString& unit) {
    // Off the middle by what the figure alone does not tell, so that the eye has to go to the thread.
    const double shown = inch ? 0.86 : 26.0;
    const double unit_mm = inch ? 25.4 : 1.0;
    const double v = at / unit_mm;
    FaceScale s{box, std::round(v / (inch ? 0.25 : 5.0)) * (inch ? 0.25 : 5.0), box.width() / shown};
    p.fillRect(box, steel);
    p.setClipRect(box);
    const double fine = division / unit_mm;
    bool numbered = false;
    for (double k = std::floor(s.lowest() / fine); k <= std::ceil(s.highest() / fine); ++k) {
        const double u = k * fine, x = s.x(u);
        if (u < -1e-9) continue;
        const auto is = [&](double every) { return std::abs(std::remainder(u, every)) < fine * 0.01; };
        double length = 0.16;
        if (inch)
            length = is(1)         ? 0.52
                     : is(0.5)     ? 0.44
                     : is(0.25)    ? 0.36
                     : is(0.125)   ? 0.29
                     : is(0.0625)  ? 0.23
                     : is(0.03125) ? 0.17
                                   : 0.11;
        else
            length = is(10) ? 0.46 : is(5) ? 0.38 : is(1) ? 0.27 : 0.16;
        tick(p, x, box.top(), box.height() * length, is(inch ? 0.25 : 5) ? 1.8 : 1.1);
        if (is(inch ? 1 : 10)) {
            figure(p, x, box.top() + box.height() * 0.5, QString::number(std::lround(u)),
                   box.height() * 0.19);
            numbered = true;
        }
    }
    if (inch && !numbered) {
        // Between two inches: the last figure that was passed, at the edge.
        p.setFont(chalked(box.height() * 0.15, true));
        p.setPen(scale_ink);
        writeIn(p, QRectF(box.left() + 8, box.top() + box.height() * 0.52, 120, box.height() * 0.26),
                Qt::AlignLeft | Qt::AlignVCenter, QStringLiteral("← %1").arg(std::floor(s.middle)));
        writeIn(p, QRectF(box.right() - 128, box.top() + box.height() * 0.52, 120, box.height() * 0.26),
                Qt::AlignRight | Qt::AlignVCenter, QStringLiteral("%1 →").arg(std::floor(s.middle) + 1));
    }
    p.setFont(chalked(std::max(11.0, box.height() * 0.09)));
    p.setPen(scale_ink);
    writeIn(p, box.adjusted(8, 0, -8, -4), Qt::AlignBottom | Qt::AlignRight, unit);
    p.setClipping(false);
    thread(p, s.x(v), box.top() - 26, box.top() + box.height() * 0.62);
}

void vernier(QPainter& p, const QRectF& box, double at) {
    // Twenty divisions over nineteen millimetres; below, a lens on the lines that meet.
    const auto draw = [&](const QRectF& where, double from_mm, double to_mm, bool lens) {
        const double k = where.width() / (to_mm - from_mm);
        const auto x = [&](double mm) { return where.left() + (mm - from_mm) * k; };
        p.save();
        p.setClipRect(where);
        p.fillRect(where, steel);
        const double middle = where.center().y();
        p.setPen(QPen(scale_ink, 1));
        p.drawLine(QPointF(where.left(), middle), QPointF(where.right(), middle));
        for (double mm = std::ceil(from_mm); mm <= to_mm; ++mm) {
            const bool ten = std::abs(std::remainder(mm, 10)) < 0.01,
                       five = std::abs(std::remainder(mm, 5)) < 0.01;
            const double length = where.height() * (ten ? 0.3 : five ? 0.24 : 0.16);
            tick(p, x(mm), middle - length, length, lens ? 2.0 : 1.2);
            if (ten)
                figure(p, x(mm), where.top() + 1, QString::number(std::lround(mm)), where.height() * 0.14);
        }
        for (int n = 0; n <= 20; ++n) {
            const double mm = at + n * 0.95, length = where.height() * (n % 2 == 0 ? 0.24 : 0.15);
            tick(p, x(mm), middle, length, lens ? 2.0 : 1.2);
            if (n % 2 == 0 || lens)
                figure(p, x(mm), middle + where.height() * 0.27,
                       QString::number(n * 0.05, 'f', n % 2 == 0 ? 1 : 2).mid(lens ? 0 : (n == 20 ? 0 : 1)),
                       std::max(9.0, where.height() * (lens ? 0.13 : 0.11)));
        }
        p.restore();
    };
    const double main = std::floor(at);
    const QRectF top(box.left(), box.top(), box.width(), box.height() * 0.48);
    draw(top, main - 5, main + 23, false);
    const double meets = at + std::round((at - main) * 20) * 0.95;
    const QRectF lens(box.left() + box.width() * 0.08, box.top() + box.height() * 0.53, box.width() * 0.84,
                      box.height() * 0.47);
    draw(lens, meets - 2.6, meets + 2.6, true);
    p.setPen(QPen(Chalk::now().soft, 1.5));
    p.setBrush(Qt::NoBrush);
    p.drawRoundedRect(lens.adjusted(-2, -2, 2, 2), 6, 6);
}

void degrees(QPainter& p, const QRectF& box, double at, double division, bool bubble) {
    FaceScale s{box, std::round(at), box.width() / 5.4};
    p.fillRect(box, bubble ? QColor(0xc9, 0xd8, 0x9a) : steel);
    p.setClipRect(box);
    for (double k = std::floor(s.lowest() / division); k <= std::ceil(s.highest() / division); ++k) {
        const double u = k * division;
        const auto is = [&](double every) { return std::abs(std::remainder(u, every)) < division * 0.01; };
        tick(p, s.x(u), box.top(), box.height() * (is(1) ? 0.36 : is(0.5) ? 0.26 : 0.16), is(1) ? 1.8 : 1.1);
        if (is(1))
            figure(p, s.x(u), box.top() + box.height() * 0.36,
                   u > 0.01 ? QStringLiteral("+%1").arg(std::lround(u))
                            : QString::number(std::lround(u)).replace(QLatin1Char('-'), QChar(0x2212)),
                   box.height() * 0.14);
    }
    p.setClipping(false);
    const double x = s.x(at), low = box.top() + box.height() * 0.74;
    if (bubble) {
        p.setPen(QPen(scale_ink, 1.4));
        p.setBrush(QColor(0xf2, 0xf6, 0xdc));
        p.drawEllipse(QPointF(x, low), box.width() * 0.09, box.height() * 0.16);
        p.setPen(QPen(scale_ink, 1.6));
        p.drawLine(QPointF(x, low - box.height() * 0.16), QPointF(x, low + box.height() * 0.16));
    } else {
        p.setPen(QPen(QColor(0xa5, 0x3f, 0x12), 2.2));
        p.drawLine(QPointF(x, box.bottom() - 6), QPointF(x, box.top() + 4));
    }
    p.setFont(chalked(std::max(11.0, box.height() * 0.08)));
    p.setPen(scale_ink);
    writeIn(p, box.adjusted(8, 0, -8, -4), Qt::AlignBottom | Qt::AlignRight, QObject::tr("degrees"));
}

void digits(QPainter& p, const QRectF& box, const Tool& tool, double at) {
    p.setPen(Qt::NoPen);
    p.setBrush(QColor(0xb9, 0xc4, 0xae));
    p.drawRoundedRect(box, 10, 10);
    const int decimals = tool.resolution >= 0.0999 ? 1 : 2;
    const double v = std::round(at / tool.resolution) * tool.resolution;
    p.setPen(scale_ink);
    p.setFont(chalked(box.height() * 0.5, true));
    writeIn(p, box, Qt::AlignCenter,
            q(show_number(v, decimals)).replace(QLatin1Char('-'), QChar(0x2212)) +
                (tool.quantity == QuantityKind::angle ? QStringLiteral("°") : QStringLiteral(" mm")));
}

}  // namespace

void drawToolFace(QPainter& p, const QRectF& box, const Tool& tool, double at, bool inches) {
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    if (tool.quantity == QuantityKind::angle) {
        if (tool.name == "digital-angle-gauge")
            digits(p, box, tool, at);
        else
            degrees(p, box, at, tool.resolution > 0 ? tool.resolution : 0.25, tool.name == "bubble-gauge");
    } else if (tool.name == "vernier") {
        vernier(p, box, at);
    } else {
        const bool inch = tool.name == "steel-rule-inch" || (inches && tool.name == "tape");
        const double division = inch ? (tool.name == "tape" ? 25.4 / 16 : 25.4 / 64) : tool.resolution;
        steelRule(
            p, box.adjusted(0, 26, 0, 0), at, inch, division > 0 ? division : 0.5,
            inch ? (tool.name == "tape" ? QObject::tr("inches, sixteenths") : QObject::tr("inches, 64ths"))
                 : QObject::tr("mm"));
    }
    p.restore();
}

}  // namespace fairchalk::desk
