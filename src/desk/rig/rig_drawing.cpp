// SPDX-License-Identifier: GPL-3.0-or-later
#include "rig/rig_drawing.h"

#include <algorithm>
#include <cmath>

#include <QPainterPath>

#include "book/knowledge_file.h"
#include "look/chalk.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

QPointF qt(RigPen::Point p) {
    return {p.x(), p.y()};
}

/// Draws rigs in chalk: pens by the weight of a part, and words of the wanted size.
class ChalkRig final : public RigPen {
  public:
    ChalkRig(QPainter& painter, const QRectF& box, const RigDrawing& how) : p_(painter), how_(how) {
        p_.save();
        const double k = std::min(box.width() / RigPen::wide, box.height() / RigPen::high);
        p_.translate(box.x() + (box.width() - k * RigPen::wide) / 2,
                     box.y() + (box.height() - k * RigPen::high) / 2);
        p_.scale(k, k);
        text_ = how.text / k;
    }
    ~ChalkRig() override { p_.restore(); }
    ChalkRig(const ChalkRig&) = delete;
    ChalkRig& operator=(const ChalkRig&) = delete;

    const std::optional<Spot>& at() const override { return how_.at; }
    Angle sweep() const override { return how_.sweep; }
    bool part(std::string_view name, double width) override {
        weight_ = how_.weight(name);
        ink_ = weight_ == Weight::now ? c_.string : c_.chalk;
        p_.setPen(c_.stroke(ink_, weight_ == Weight::now ? width * 1.5 : width));
        p_.setBrush(Qt::NoBrush);
        return weight_ != Weight::later;
    }
    bool part(std::string_view name, bool meant, double width) override {
        if (!part(name, width)) return false;
        if (weight_ == Weight::now && !meant) {
            weight_ = Weight::there;
            ink_ = c_.soft;
            p_.setPen(c_.stroke(ink_, width * 0.7));
        }
        return true;
    }
    bool now() const override { return weight_ == Weight::now; }

    void plain(double width) override {
        ink_ = c_.chalk;
        p_.setPen(c_.stroke(ink_, width));
        p_.setBrush(c_.floor);
    }
    void guide(double width, Dashes dashes, bool soft) override {
        p_.setPen(c_.stroke(soft ? c_.soft : c_.faint, width,
                            dashes == Dashes::dash ? Qt::DashLine : Qt::DashDotLine));
    }
    void quiet() override { ink_ = c_.soft; }
    void cover() override { p_.setBrush(c_.floor); }

    void line(Point from, Point to) override { p_.drawLine(qt(from), qt(to)); }
    void polygon(const std::vector<Point>& corners) override {
        QPolygonF shape;
        for (const Point& at : corners) shape << qt(at);
        p_.drawPolygon(shape);
    }
    void circle(Point middle, double radius) override { p_.drawEllipse(qt(middle), radius, radius); }
    void box(Point corner, double width, double height, double rounded) override {
        p_.drawRoundedRect(QRectF(qt(corner), QSizeF(width, height)), rounded, rounded);
    }
    void arc(Point corner, double width, double height, double from_deg, double by_deg) override {
        p_.drawArc(QRectF(qt(corner), QSizeF(width, height)), static_cast<int>(from_deg * 16),
                   static_cast<int>(by_deg * 16));
    }
    void arrow(Point from, Point to) override {
        const double angle = std::atan2(to.y() - from.y(), to.x() - from.x());
        for (double side : {2.6, -2.6})
            p_.drawLine(qt(to), qt(to) + QPointF(14 * std::cos(angle + side), 14 * std::sin(angle + side)));
    }
    void say(Point at, const char* text, Align align, double value) override {
        const QString words = q(words::fill(text, {show_number(value, value == std::round(value) ? 0 : 1)}));
        const QPen pen = p_.pen();
        p_.setPen(ink_);
        const QFont f = chalked(std::max(1.0, text_));
        p_.setFont(f);
        const double w = QFontMetricsF(f).horizontalAdvance(words) + 4;
        double x = align == Align::left ? at.x() : align == Align::right ? at.x() - w : at.x() - w / 2;
        x = std::clamp(x, 2.0, std::max(2.0, RigPen::wide - w - 2));  // never off the drawing
        writeIn(p_, QRectF(x, at.y() - text_, w, 2 * text_), Qt::AlignCenter, words);
        p_.setPen(pen);
    }
    void turned(Point about, double degrees, const std::function<void()>& draw) override {
        p_.save();
        p_.translate(qt(about));
        p_.rotate(degrees);
        draw();
        p_.restore();
    }

  private:
    QPainter& p_;
    const Chalk& c_ = Chalk::now();
    const RigDrawing& how_;
    double text_;
    Weight weight_ = Weight::there;
    QColor ink_ = Chalk::now().chalk;
};

class ChalkFloor final : public FloorPen {
  public:
    explicit ChalkFloor(QPainter& p) : p_(p) {}
    void bar(Point from, Point to, double width) override {
        p_.setPen(c_.stroke(c_.soft, width));
        p_.drawLine(qt(from), qt(to));
    }
    void string(Point from, Point to, double width) override {
        stringLine(p_, qt(from), qt(to), c_.string, width);
    }

  private:
    QPainter& p_;
    const Chalk& c_ = Chalk::now();
};

}  // namespace

void drawRig(QPainter& p, const QRectF& box, const Rig& rig, const RigDrawing& how) {
    ChalkRig pen(p, box, how);
    rig.draw(pen);
}

RigDrawing drawingOf(const Spot& spot, const RigItem* rig) {
    RigDrawing how;
    how.at = spot;
    // A swept wheel's reading is about the stand that it is read in.
    const std::string_view about = spot.swept == Swept::out  ? "sweep-out"
                                   : spot.swept == Swept::in ? "sweep-in"
                                                             : reading_kind(spot.kind).part(spot);
    how.weight = [about, rig](std::string_view show) {
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

void drawRigOnFloor(QPainter& p, const Rig& rig, const CarPlan& car, std::array<bool, 2> axles) {
    ChalkFloor pen(p);
    rig.on_floor(pen, car, axles);
}

void drawThing(QPainter& p, const QRectF& box, std::string_view thing, bool there) {
    const Chalk& c = Chalk::now();
    p.save();
    p.translate(box.center());
    const double k = std::min(box.width(), box.height()) / 100.0;
    p.scale(k, k);
    p.setPen(c.stroke(there ? c.chalk : c.faint, there ? 3 : 2, there ? Qt::SolidLine : Qt::DotLine));
    p.setBrush(Qt::NoBrush);
    const Thing* drawn = book::shipped_knowledge().thing(thing);
    for (const Thing::Stroke& s : drawn ? drawn->picture : std::vector<Thing::Stroke>{}) {
        const std::vector<double>& n = s.numbers;
        if (s.what == "line") p.drawLine(QPointF(n[0], n[1]), QPointF(n[2], n[3]));
        if (s.what == "box") p.drawRoundedRect(QRectF(n[0], n[1], n[2], n[3]), n[4], n[4]);
        if (s.what == "oval") p.drawEllipse(QPointF(n[0], n[1]), n[2], n[3]);
        if (s.what == "arc")
            p.drawArc(QRectF(n[0], n[1], n[2], n[3]), static_cast<int>(n[4] * 16),
                      static_cast<int>(n[5] * 16));
        if (s.what == "shape") {
            QPolygonF shape;
            for (std::size_t i = 0; i + 1 < n.size(); i += 2) shape << QPointF(n[i], n[i + 1]);
            p.drawPolygon(shape);
        }
    }
    p.restore();
}

}  // namespace fairchalk::desk
