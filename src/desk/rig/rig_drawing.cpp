// SPDX-License-Identifier: GPL-3.0-or-later
#include "rig/rig_drawing.h"

#include <algorithm>
#include <cmath>
#include <tuple>

#include <QCoreApplication>
#include <QPainterPath>

#include "core/quantity/notation.h"
#include "look/chalk.h"

namespace fairchalk::desk {
namespace {

constexpr double wide = 600.0, high = 400.0;  // every view is drawn on this and then fitted

QString tr(const char* text) {
    return QCoreApplication::translate("RigDrawing", text);
}

/// One view under way: pens by the weight of a part, and words of the wanted size.
class View {
  public:
    View(QPainter& painter, const QRectF& box, const RigDrawing& how) : p(painter), how_(how) {
        p.save();
        const double k = std::min(box.width() / wide, box.height() / high);
        p.translate(box.x() + (box.width() - k * wide) / 2, box.y() + (box.height() - k * high) / 2);
        p.scale(k, k);
        text_ = how.text / k;
    }
    ~View() { p.restore(); }
    View(const View&) = delete;
    View& operator=(const View&) = delete;

    QPainter& p;
    const Chalk& c = Chalk::now();

    /// False where the part does not stand yet.
    bool part(std::string_view show, double width = 3.0) {
        weight_ = how_.weight(show);
        ink_ = weight_ == Weight::now ? c.string : c.chalk;
        p.setPen(c.stroke(ink_, weight_ == Weight::now ? width * 1.5 : width));
        p.setBrush(Qt::NoBrush);
        return weight_ != Weight::later;
    }
    /// A part whose one of two is meant.
    bool part(std::string_view show, bool meant, double width) {
        if (!part(show, width)) return false;
        if (weight_ == Weight::now && !meant) {
            weight_ = Weight::there;
            ink_ = c.soft;
            p.setPen(c.stroke(ink_, width * 0.7));
        }
        return true;
    }
    void plain(double width = 3.0) {
        ink_ = c.chalk;
        p.setPen(c.stroke(ink_, width));
        p.setBrush(c.floor);
    }
    void say(QPointF at, const QString& words, int align = Qt::AlignCenter) {
        const QPen pen = p.pen();
        p.setPen(ink_);
        const QFont f = type(std::max(1.0, text_));
        p.setFont(f);
        const double w = QFontMetricsF(f).horizontalAdvance(words) + 4;
        double x = align & Qt::AlignLeft ? at.x() : align & Qt::AlignRight ? at.x() - w : at.x() - w / 2;
        x = std::clamp(x, 2.0, std::max(2.0, wide - w - 2));  // never off the drawing
        p.drawText(QRectF(x, at.y() - text_, w, 2 * text_), Qt::AlignCenter, words);
        p.setPen(pen);
    }
    /// A dimension: a line with an arrow at both ends.
    void measure(QPointF a, QPointF b) {
        p.drawLine(a, b);
        arrow(a, b);
        arrow(b, a);
    }
    void arrow(QPointF from, QPointF to) {
        const double angle = std::atan2(to.y() - from.y(), to.x() - from.x());
        for (double side : {2.6, -2.6})
            p.drawLine(to, to + QPointF(14 * std::cos(angle + side), 14 * std::sin(angle + side)));
    }
    void wheel(QPointF middle, double length, double width, double turned = 0) {
        p.save();
        p.translate(middle);
        p.rotate(turned);
        plain(3.5);
        p.drawRoundedRect(QRectF(-length / 2, -width / 2, length, width), width * 0.28, width * 0.28);
        p.restore();
    }
    const RigDrawing& how() const { return how_; }
    bool now() const { return weight_ == Weight::now; }
    void soft() { ink_ = c.soft; }

  private:
    const RigDrawing& how_;
    double text_;
    Weight weight_ = Weight::there;
    QColor ink_ = Chalk::now().chalk;
};

Side sideOf(const RigDrawing& how) {
    if (how.at && how.at->wheel) return side_of(*how.at->wheel);
    return how.at && how.at->side ? *how.at->side : Side::left;
}

void frontIs(View& v, QPointF at) {
    v.soft();
    v.say(at, tr("front →"), Qt::AlignRight);
}

/// Strings round the whole car, seen from above.
void stringsView(View& v, std::string_view rig) {
    const double rear = 175, front = 425, top = 140, bottom = 260, l = 70, r = 530, s0 = 62, s1 = 338;
    const bool left = rig != "string-right", right = rig != "string-left";
    for (double x : {rear, front})
        for (double y : {top, bottom}) v.wheel({x, y}, 84, 30);
    frontIs(v, {590, 384});
    if (v.part("bars", 6))
        for (double x : {l, r}) {
            v.p.drawLine(QPointF(x, s0 - 30), QPointF(x, s1 + 30));
            for (double y : {s0, s1}) v.p.drawLine(QPointF(x - 8, y), QPointF(x + 8, y));
        }
    const auto stands = [&](double y) {
        for (double x : {l, r}) v.p.drawPolygon(QPolygonF({{x - 16, y + 14}, {x + 16, y + 14}, {x, y - 14}}));
    };
    if (rig == "string-stands" || rig == "chassis-centreline")
        if (v.part(rig == "string-stands" ? "stands" : "strings", 3)) stands(s0 - 22), stands(s1 + 22);
    // One side at a time is on two stands of its own.
    for (const auto& [there, only, y] : {std::tuple(left, "string-left", s0), {right, "string-right", s1}}) {
        const bool alone = rig == only;
        if (!there || !v.part(!alone ? "strings" : y == s0 ? "left-string" : "right-string", 2.5)) continue;
        v.p.drawLine(QPointF(l, y), QPointF(r, y));
        if (alone) stands(y);
    }
    if (rig == "chassis-centreline" && v.part("centreline", 2.5)) {
        v.p.drawLine(QPointF(l, 200), QPointF(r, 200));
        for (double x : {rear + 40, front - 40}) v.p.drawLine(QPointF(x - 7, 193), QPointF(x + 7, 207));
    }
    if (rig == "chassis-centreline" && v.part("centreline-distance", 2.5)) {
        const bool one = v.how().at.has_value();
        const bool ahead = one && v.how().at->station && v.how().at->station->mm() > 1000.0;
        for (double x : {rear + 40, front - 40}) {
            if (one && (x > 300) != ahead) continue;
            if (!one || sideOf(v.how()) == Side::left) v.measure({x, 200}, {x, s0});
            if (!one || sideOf(v.how()) == Side::right) v.measure({x, 200}, {x, s1});
        }
        if (v.now()) v.say({300, 170}, tr("square to the center string"));
    }
    if (v.part("hub-distance", 2.5)) {
        for (double x : {rear, front}) {
            if (left) v.measure({x, top - 15}, {x, s0});
            if (right) v.measure({x, bottom + 15}, {x, s1});
        }
        if (v.now()) v.say({300, left ? 98.0 : 302.0}, tr("hub to string, about alike"));
    }
    if (v.part("bar-width", 2.5) && left && right && rig != "chassis-centreline") {
        for (double x : {l + 24, r - 24}) v.measure({x, s0}, {x, s1});
        if (v.now()) v.say({300, 200}, tr("string to string, at both ends"));
    }
    if (v.part("string-height", 2.5)) {
        // From the side, in the middle: string through the hub's centre.
        const bool one = v.how().at.has_value();
        v.p.setBrush(v.c.floor);
        v.p.drawEllipse(QPointF(300, 200), 44, 44);
        v.p.drawLine(QPointF(215, one ? 186 : 200), QPointF(385, one ? 186 : 200));
        v.p.drawEllipse(QPointF(300, 200), 5, 5);
        if (v.now())
            v.say({300, one ? 20.0 : 268.0}, one ? tr("string above hub height; below is minus")
                                                 : tr("from the side: through the hub's center"));
    }
}

/// One axle from above: boards, stud bars, tread, gauge, the width over the hubs.
void axleView(View& v, std::string_view rig) {
    const double top = 96, bottom = 304, x = 300;
    const bool studs = rig == "stud-bars";
    if (studs) {
        v.plain();
        for (double y : {top, bottom}) v.p.drawRoundedRect(QRectF(x - 46, y - 14, 92, 28), 6, 6);
    } else {
        for (double y : {top, bottom}) v.wheel({x, y}, 210, 64);
    }
    frontIs(v, {590, 40});
    v.plain(2);
    v.p.setPen(v.c.stroke(v.c.faint, 2, Qt::DashDotLine));
    v.p.drawLine(QPointF(x, top + 40), QPointF(x, bottom - 40));
    const std::optional<Spot>& at = v.how().at;
    const auto is = [&](ReadingKind one, ReadingKind both) {
        return !at || at->kind == one || at->kind == both;
    };
    const auto across = [&](std::string_view show, double dx, double y0, double y1, ReadingKind front,
                            ReadingKind rear) {
        if (v.part(show, is(front, ReadingKind::tape_difference), 3)) {
            v.measure({x + dx, y0}, {x + dx, y1});
            v.say({x + dx + 8, 180}, tr("in front"), Qt::AlignLeft);
        }
        if (v.part(show, is(rear, ReadingKind::tape_difference), 3)) {
            v.measure({x - dx, y0}, {x - dx, y1});
            v.say({x - dx - 8, 180}, tr("behind"), Qt::AlignRight);
        }
    };
    if (rig == "toe-boards") {
        if (v.part("boards", 8))
            for (double y : {top - 38, bottom + 38}) v.p.drawLine(QPointF(x - 135, y), QPointF(x + 135, y));
        if (v.part("straps", 3)) {  // round the tire and the board
            v.p.drawRoundedRect(QRectF(x - 11, top - 46, 22, 82), 5, 5);
            v.p.drawRoundedRect(QRectF(x - 11, bottom - 36, 22, 82), 5, 5);
        }
        across("tapes", 118, top - 38, bottom + 38, ReadingKind::boards_front, ReadingKind::boards_rear);
        if (v.part("tape-swap", 2.5) && v.now()) {
            v.p.drawArc(QRectF(x - 108, 200, 216, 70), 200 * 16, 140 * 16);
            v.arrow({x + 80, 262}, {x + 104, 236});
            v.arrow({x - 80, 262}, {x - 104, 236});
            v.say({x, 252}, tr("swap"));
        }
    }
    if (studs) {
        if (v.part("stud-bars", 8))
            for (double y : {top - 22, bottom + 22}) {
                v.p.drawLine(QPointF(x - 150, y), QPointF(x + 150, y));
                for (double dx : {-28.0, 28.0}) v.p.drawEllipse(QPointF(x + dx, y), 5, 5);
            }
        across("stud-tapes", 135, top - 22, bottom + 22, ReadingKind::stud_bar_front,
               ReadingKind::stud_bar_rear);
    }
    if (rig == "tread-tape") {
        if (v.part("tread-marks", 3))
            for (double y : {top, bottom}) v.p.drawLine(QPointF(x - 104, y), QPointF(x + 104, y));
        across("tread-tape", 96, top, bottom, ReadingKind::tread_front, ReadingKind::tread_rear);
    }
    if (rig == "toe-gauge" && v.part("gauge", 3)) {
        v.p.drawLine(QPointF(x, top + 34), QPointF(x, bottom - 34));
        v.p.setBrush(v.c.floor);
        v.p.drawRoundedRect(QRectF(x - 60, 174, 120, 52), 8, 8);
        v.say({x, 200}, tr("total toe"));
    }
    if (at && at->kind == ReadingKind::hub_width && v.part("hub-width", 3)) {
        v.measure({x - 26, top - 32}, {x - 26, bottom + 32});
        v.say({x + 6, 200}, tr("over the hub faces"), Qt::AlignLeft);
    }
}

/// Both wheels of one side from above; the right side is the left one upside down.
void sideView(View& v, std::string_view rig) {
    const bool left = sideOf(v.how()) == Side::left;
    const auto y = [&](double at) { return left ? at : high - at; };
    const double rear = 140, front = 450, middle = 262;
    for (double x : {rear, front}) v.wheel({x, y(middle)}, 170, 58);
    frontIs(v, {590, y(350)});
    const std::optional<Spot>& at = v.how().at;
    if (rig == "straightedge") {
        if (v.part("straightedge", 9)) v.p.drawLine(QPointF(30, y(222)), QPointF(585, y(206)));
        for (bool ahead : {false, true}) {
            const bool meant = !at || (at->kind == ReadingKind::straightedge_front) == ahead;
            if (!v.part("straightedge-rule", meant, 3.5)) continue;
            const double x = front + (ahead ? 70 : -70);
            v.p.drawLine(QPointF(x, y(200)), QPointF(x, y(233)));
            v.arrow({x, y(200)}, {x, y(233)});
            v.say({x, y(170)}, ahead ? tr("front lip") : tr("back lip"));
        }
        return;
    }
    if (v.part("arms", 5))
        for (double x : {rear, front})
            for (double dx : {-60.0, 60.0}) v.p.drawLine(QPointF(x + dx, y(236)), QPointF(x + dx, y(90)));
    if (v.part("arm-string", 2.5)) v.p.drawLine(QPointF(rear - 60, y(116)), QPointF(front + 60, y(124)));
    for (bool ahead : {false, true}) {
        const bool meant = !at || !at->wheel || (axle_of(*at->wheel) == Axle::front) == ahead;
        if (!v.part("arm-read", meant, 3)) continue;
        const double x = ahead ? front - 60 : rear + 60;
        v.measure({x + (ahead ? -14 : 14), y(233)}, {x + (ahead ? -14 : 14), y(120)});
        if (meant)
            v.say({x + (ahead ? -22 : 22), y(180)}, tr("rim to string"),
                  ahead ? Qt::AlignRight : Qt::AlignLeft);
    }
    if (v.part("hub-width", 3) && v.now())
        for (double x : {rear, front}) {
            v.p.drawLine(QPointF(x, y(233)), QPointF(x, y(390)));
            v.arrow({x, y(380)}, {x, y(233)});
            v.say({x + 10, y(340)}, tr("over both hubs"), Qt::AlignLeft);
        }
}

/// The wheel from behind: gauge, level and gap, plumb line.
void behindView(View& v, std::string_view rig) {
    const bool left = sideOf(v.how()) == Side::left;
    const auto x = [&](double at) { return left ? at : wide - at; };
    const double lean = left ? 5 : -5;  // top in
    v.plain(2);
    v.p.drawLine(QPointF(60, 372), QPointF(540, 372));
    v.p.setPen(v.c.stroke(v.c.faint, 2, Qt::DashLine));
    v.p.drawLine(QPointF(x(330), 20), QPointF(x(330), 372));
    v.wheel({x(330), 212}, 96, 312, lean);
    v.plain(4);
    v.p.drawLine(QPointF(x(382), 212), QPointF(x(520), 212));
    v.soft();
    v.say({x(470), 186}, tr("to the car"));
    const std::optional<Spot>& at = v.how().at;
    const double lip_upper = 272 + 12, lip_lower = 272 - 7;  // of the outer face, as it leans
    v.plain(3);
    for (double y : {108.0, 316.0})
        v.p.drawEllipse(QPointF(x(y < 200 ? lip_upper + 5 : lip_lower + 4), y), 5, 5);
    const bool upper = at && at->kind == ReadingKind::camber_plumb_upper;
    if (rig == "camber-gap") {
        if (v.part("level", 7)) {
            v.p.drawLine(QPointF(x(lip_lower - 5), 60), QPointF(x(lip_lower - 5), 330));
            v.p.drawRect(QRectF(x(lip_lower - 5) - 7, 190, 14, 40));
        }
        if (v.part("gap", 3)) {
            v.measure({x(lip_lower - 2), 108}, {x(lip_upper + 2), 108});
            v.say({x(150), 108}, tr("the gap"));
        }
    } else if (rig == "camber-plumb") {
        if (v.part("plumb", 3)) {
            v.p.drawLine(QPointF(x(200), 20), QPointF(x(200), 330));
            v.p.drawPolygon(QPolygonF({{x(200) - 9, 330}, {x(200) + 9, 330}, {x(200), 356}}));
        }
        if (v.part("plumb-gaps", !at || upper, 3)) {
            v.measure({x(202), 108}, {x(lip_upper), 108});
            v.say({x(190), 108}, tr("upper"), left ? Qt::AlignRight : Qt::AlignLeft);
        }
        if (v.part("plumb-gaps", !at || !upper, 3)) {
            v.measure({x(202), 316}, {x(lip_lower), 316});
            v.say({x(190), 316}, tr("lower"), left ? Qt::AlignRight : Qt::AlignLeft);
        }
    } else {
        if (v.part("camber-gauge", 6)) {
            v.p.drawLine(QPointF(x(lip_upper - 4), 92), QPointF(x(lip_lower - 12), 330));
            v.p.setBrush(v.c.floor);
            v.p.drawRoundedRect(QRectF(x(240) - 30, 180, 60, 64), 8, 8);
            v.p.drawLine(QPointF(x(240) - 14, 212), QPointF(x(240) + 14, 212));
        }
        if (v.part("lean-test", 3) && v.now()) {
            v.p.drawArc(QRectF(x(240) - 70, 60, 140, 80), 30 * 16, 120 * 16);
            v.arrow({x(180), 74}, {x(178), 92});
            v.say({x(110), 66}, tr("lean it: which way?"));
        }
        const bool reversed = at && at->kind == ReadingKind::camber_reversed;
        if (v.part("end-for-end", 3) && (v.now() || reversed)) {
            v.p.drawArc(QRectF(x(170) - 40, 130, 80, 164), 90 * 16, (left ? 180 : -180) * 16);
            v.arrow({x(140), 286}, {x(172), 294});
            v.say({x(100), 212}, tr("end for end"));
        }
    }
    const bool rolled = at && at->rolled;
    if ((v.part("half-turn", 3) && v.now()) || rolled) {
        // From the side, small.
        v.p.drawEllipse(QPointF(x(90), 320), 34, 34);
        v.p.drawArc(QRectF(x(90) - 46, 274, 92, 92), 0, 180 * 16);
        v.arrow({x(90) + 46, 312}, {x(90) + 46, 324});
        v.say({x(110), 256}, tr("half a turn on"));
    }
}

/// A front wheel from above, on its sweep marks.
void sweepView(View& v, std::string_view rig) {
    const bool left = sideOf(v.how()) == Side::left;
    const double out = left ? -1 : 1;  // outward is up at the left side
    const QPointF middle(250, 200);
    const double reach = 250;
    const std::optional<Spot>& at = v.how().at;
    if (v.part("plates", 3)) v.p.drawEllipse(middle, 150, 150);
    const auto heading = [&](double degrees) {
        const double a = degrees * 0.01745329;
        return QPointF(std::cos(a), std::sin(a));
    };
    const double sweep = v.how().sweep.deg();
    for (double to : {-sweep, 0.0, sweep}) {
        v.p.setPen(v.c.stroke(v.c.faint, 2, Qt::DashLine));
        v.p.drawLine(middle, middle + heading(to) * reach);
    }
    const auto end = [&](std::string_view show, bool meant, double to, const QString& words) {
        if (!v.part(show, meant, 3)) return;
        const QPointF tip = middle + heading(to) * reach;
        v.p.drawLine(middle + heading(to) * 120, tip);
        v.arrow(middle, tip);
        v.say(tip + QPointF(8, to == 0 ? 0 : to < 0 ? -16 : 16), words, Qt::AlignLeft);
    };
    const QString degrees = QString::number(sweep, 'g', 4) + QStringLiteral("°");
    const bool ends = at && (at->kind == ReadingKind::camber_swing || at->kind == ReadingKind::caster);
    end("straight", !at || (at->swept == Swept::straight && !ends), 0, tr("straight"));
    end("sweep-out", !at || at->swept == Swept::out, out * sweep,
        ends ? tr("zero it at %1 out").arg(degrees) : tr("%1 out").arg(degrees));
    end("sweep-in", !at || at->swept == Swept::in || ends, -out * sweep,
        ends ? tr("read at %1 in").arg(degrees) : tr("%1 in").arg(degrees));
    double stands = 0;
    if (at)
        stands = at->swept == Swept::out ? out * sweep : (at->swept == Swept::in || ends) ? -out * sweep : 0;
    v.wheel(middle, 190, 62, stands);
    v.p.save();
    v.p.translate(middle);
    v.p.rotate(stands);
    v.plain(3);
    v.p.drawRoundedRect(QRectF(-20, out * 46 - 14, 40, 28), 6, 6);  // the gauge, on the outer face
    v.p.restore();
    v.soft();
    v.say({20, left ? 384.0 : 16.0}, left ? tr("left front, from above") : tr("right front, from above"),
          Qt::AlignLeft);
    if (rig_named(rig) && rig_named(rig)->swept && v.part("roll-check", 3) && v.now()) {
        for (double side : {-1.0, 1.0}) {
            v.p.save();
            v.p.translate(480 + side * 40, 330);
            v.p.rotate(10);
            v.p.drawRoundedRect(QRectF(-11, -40, 22, 80), 6, 6);
            v.p.restore();
        }
        v.say({480, 275}, tr("from behind, turned left"));
    }
}

/// The steering axis of a bare upright, from the side.
void axisView(View& v) {
    const QPointF lower(330, 320), upper(270, 90);
    v.plain(3);
    v.p.drawEllipse(QPointF(300, 205), 130, 130);
    v.p.setPen(v.c.stroke(v.c.soft, 3, Qt::DashLine));
    v.p.drawLine(lower, upper);
    v.plain(4);
    v.p.drawEllipse(lower, 10, 10);
    v.p.drawEllipse(upper, 10, 10);
    frontIs(v, {590, 370});
    if (!v.part("axis", 3)) return;
    v.p.drawLine(QPointF(330, 30), lower);
    v.measure({upper.x(), 90}, {330, 90});
    v.say({250, 60}, tr("upper behind lower"), Qt::AlignRight);
    v.measure({470, 90}, {470, 320});
    v.say({480, 205}, tr("height"), Qt::AlignLeft);
}

}  // namespace

void drawRig(QPainter& p, const QRectF& box, std::string_view rig, const RigDrawing& how) {
    View v(p, box, how);
    const RigInfo* info = rig_named(rig);
    const bool axle = how.at && how.at->kind == ReadingKind::hub_width;
    if (axle || (info && info->over == Over::axles)) return axleView(v, axle ? "" : rig);
    if (rig == "straightedge" || rig == "arm-jig") return sideView(v, rig);
    if (rig == "caster-axis") return axisView(v);
    if (info && info->use == RigUse::caster) return sweepView(v, rig);
    if (info && info->use == RigUse::camber) return behindView(v, rig);
    stringsView(v, rig);
}

std::string_view showOf(const Spot& spot) {
    using K = ReadingKind;
    if (spot.swept != Swept::straight) return spot.swept == Swept::out ? "sweep-out" : "sweep-in";
    switch (spot.kind) {
        case K::boards_front:
        case K::boards_rear:
        case K::tape_difference:
            return "tapes";
        case K::stud_bar_front:
        case K::stud_bar_rear:
            return "stud-tapes";
        case K::tread_front:
        case K::tread_rear:
            return "tread-tape";
        case K::toe_angle:
            return "gauge";
        case K::straightedge_front:
        case K::straightedge_rear:
            return "straightedge-rule";
        case K::arm_jig:
            return "arm-read";
        case K::hub_width:
            return "hub-width";
        case K::centreline_to_string:
            return "centreline-distance";
        case K::string_height:
            return "string-height";
        case K::camber_gap:
            return "gap";
        case K::camber_plumb_upper:
        case K::camber_plumb_lower:
            return "plumb-gaps";
        case K::camber_swing:
        case K::caster:
            return "sweep-in";
        case K::axis_offset:
            return "axis";
        case K::camber_reversed:
            return "end-for-end";
        case K::camber:
            return spot.rolled ? "half-turn" : "camber-gauge";
        default:
            return "hub-distance";
    }
}

std::string_view rigDrawnFor(const Spot& spot) {
    if (spot.swept == Swept::straight) return rig_of(spot.kind).id;
    return spot.kind == ReadingKind::camber_gap ? "sweep-gap"
           : spot.kind == ReadingKind::camber_plumb_upper || spot.kind == ReadingKind::camber_plumb_lower
               ? "sweep-plumb"
               : "caster-sweep";
}

RigDrawing drawingOf(const Spot& spot, const RigItem* rig) {
    RigDrawing how;
    how.at = spot;
    how.weight = [about = showOf(spot), rig](std::string_view show) {
        if (show == about) return Weight::now;
        const bool has = rig && std::any_of(rig->steps.begin(), rig->steps.end(),
                                            [&](const RigItem::Step& s) { return s.show == show; });
        return has ? Weight::there : Weight::later;
    };
    return how;
}

std::array<bool, 2> readAxles(const std::vector<Spot>& walk) {
    std::array<bool, 2> out{};
    for (const Spot& s : walk)
        if (s.axle && rig_of(s.kind).over == Over::axles) out[index_of(*s.axle)] = true;
    return out;
}

void drawRigOnFloor(QPainter& p, const RigInfo& rig, const CarPlan& car, std::array<bool, 2> axles) {
    const Chalk& c = Chalk::now();
    const auto bar = [&](double x0, double x1, double y, double width) {
        p.setPen(c.stroke(c.soft, width));
        p.drawLine(QPointF(x0, y), QPointF(x1, y));
    };
    for (Axle a : both_axles) {
        const double x = a == Axle::rear ? car.rear : car.front;
        const bool here = axles[index_of(a)];
        if (rig.id == "toe-boards" && here)
            for (double y : {car.top - 19, car.bottom + 19}) bar(x - 58, x + 58, y, 5);
        if (rig.id == "stud-bars" && here)
            for (double y : {car.top - 19, car.bottom + 19}) bar(x - 58, x + 58, y, 3);
        if (rig.id == "tread-tape" && here)
            for (double y : {car.top, car.bottom}) bar(x - 36, x + 36, y, 1.2);
        if (rig.id == "arm-jig")
            for (double dx : {-30.0, 30.0}) {
                p.setPen(c.stroke(c.soft, 3));
                p.drawLine(QPointF(x + dx, car.top - 15), QPointF(x + dx, car.top - 62));
                p.drawLine(QPointF(x + dx, car.bottom + 15), QPointF(x + dx, car.bottom + 62));
            }
    }
    if (rig.id == "straightedge")
        for (double y : {car.top - 22, car.bottom + 22}) bar(car.rear - 60, car.front + 70, y, 4);
    if (rig.id == "arm-jig") {
        stringLine(p, {car.rear - 30, car.top - 56}, {car.front + 30, car.top - 56}, c.string, 2);
        stringLine(p, {car.rear - 30, car.bottom + 56}, {car.front + 30, car.bottom + 56}, c.string, 2);
    }
    if (rig.reference == Reference::chassis_marks)
        stringLine(p, {car.rear - 70, (car.top + car.bottom) / 2},
                   {car.front + 70, (car.top + car.bottom) / 2}, c.string, 1.6);
}

void drawThing(QPainter& p, const QRectF& box, std::string_view thing, bool there) {
    const Chalk& c = Chalk::now();
    p.save();
    p.translate(box.center());
    const double k = std::min(box.width(), box.height()) / 100.0;
    p.scale(k, k);
    p.setPen(c.stroke(there ? c.chalk : c.faint, there ? 3 : 2, there ? Qt::SolidLine : Qt::DotLine));
    p.setBrush(Qt::NoBrush);
    const auto line = [&](double x0, double y0, double x1, double y1) {
        p.drawLine(QPointF(x0, y0), QPointF(x1, y1));
    };
    if (thing == "bars") {
        for (double x : {-14.0, 14.0}) {
            p.drawRect(QRectF(x - 6, -44, 12, 88));
            for (double y : {-30.0, 30.0}) line(x - 6, y, x, y);
        }
    } else if (thing == "stands") {
        for (double x : {-20.0, 20.0}) {
            p.drawPolygon(QPolygonF({{x - 16, 40}, {x + 16, 40}, {x, -30}}));
            line(x, -30, x, -44);
        }
    } else if (thing == "string") {
        for (double r : {34.0, 26.0, 18.0}) p.drawEllipse(QPointF(0, 0), r, r * 0.8);
        line(28, 18, 44, 44);
    } else if (thing == "rule") {
        p.drawRect(QRectF(-10, -44, 20, 88));
        for (int i = 0; i < 10; ++i) line(10, -40 + i * 9.0, i % 5 ? 4 : -2, -40 + i * 9.0);
    } else if (thing == "tape") {
        p.drawRoundedRect(QRectF(-32, -30, 52, 56), 12, 12);
        line(20, 20, 44, 20);
        line(44, 20, 44, 28);
        p.drawEllipse(QPointF(-6, -2), 14, 14);
    } else if (thing == "boards") {
        for (double x : {-20.0, 20.0}) {
            p.drawRect(QRectF(x - 15, -42, 30, 84));
            for (double y : {-28.0, 28.0}) line(x - 15, y, x - 4, y);
        }
    } else if (thing == "straightedge") {
        p.save();
        p.rotate(35);
        p.drawRect(QRectF(-6, -54, 12, 108));
        p.restore();
    } else if (thing == "arms") {
        for (double y : {-24.0, 4.0, 32.0}) {
            line(-30, y, 40, y);
            line(-30, y - 10, -30, y + 10);
            line(26, y - 5, 26, y + 5);
        }
    } else if (thing == "stud-bars") {
        for (double x : {-16.0, 16.0}) {
            p.drawRect(QRectF(x - 7, -44, 14, 88));
            for (double y : {-10.0, 10.0}) p.drawEllipse(QPointF(x, y), 3.5, 3.5);
        }
    } else if (thing == "scriber") {
        line(0, -42, 0, 16);
        p.drawPolygon(QPolygonF({{-5, 16}, {5, 16}, {0, 44}}));
        line(-14, -42, 14, -42);
    } else if (thing == "toe-gauge") {
        line(-44, 24, 44, 24);
        p.drawArc(QRectF(-34, -34, 68, 68), 30 * 16, 120 * 16);
        line(0, 24, 10, -26);
    } else if (thing == "camber-gauge") {
        line(-26, -44, -26, 44);
        p.drawRoundedRect(QRectF(-18, -26, 52, 52), 8, 8);
        p.drawArc(QRectF(-8, -8, 32, 32), 20 * 16, 140 * 16);
        line(8, 18, 14, -4);
    } else if (thing == "level") {
        p.drawRoundedRect(QRectF(-46, -13, 92, 26), 4, 4);
        p.drawRoundedRect(QRectF(-16, -7, 32, 14), 6, 6);
        p.drawEllipse(QPointF(0, 0), 4, 4);
    } else if (thing == "plumb-line") {
        line(0, -46, 0, 14);
        p.drawPolygon(QPolygonF({{-11, 14}, {11, 14}, {0, 46}}));
    } else if (thing == "turn-plates") {
        p.drawEllipse(QPointF(0, 0), 40, 26);
        p.drawEllipse(QPointF(0, -6), 40, 26);
        for (int a = -30; a <= 30; a += 15) {
            const double r = a * 0.01745329;
            line(40 * std::cos(r), -6 + 26 * std::sin(r), 33 * std::cos(r), -6 + 21 * std::sin(r));
        }
    } else {  // caster gauge: two curved scales under a bubble
        p.drawRoundedRect(QRectF(-36, -36, 72, 72), 8, 8);
        for (double y : {-14.0, 12.0}) {
            p.drawArc(QRectF(-26, y - 8, 52, 30), 20 * 16, 140 * 16);
            p.drawEllipse(QPointF(0, y - 5), 4, 4);
        }
    }
    p.restore();
}

}  // namespace fairchalk::desk
