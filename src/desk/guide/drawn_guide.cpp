// SPDX-License-Identifier: GPL-3.0-or-later
#include "guide/drawn_guide.h"

#include <algorithm>
#include <cmath>

#include <QCursor>
#include <QMouseEvent>
#include <QPainterPath>

#include "look/chalk.h"
#include "look/heard.h"
#include "look/html.h"

namespace fairchalk::desk {

void DrawnGuide::choose(const QString& place) {
    chosen_ = place;
    emit changed();
}

void DrawnGuide::step(int by) {
    const auto all = places();
    if (all.empty()) return;
    const int n = static_cast<int>(all.size());
    int here = -1;
    for (int i = 0; i < n; ++i)
        if (all[static_cast<std::size_t>(i)].id == chosen_) here = i;
    here = here < 0 ? (by > 0 ? 0 : n - 1) : (here + by + n) % n;
    choose(all[static_cast<std::size_t>(here)].id);
}

void DrawnGuide::across(int by) {
    const auto all = places();
    const auto here =
        std::find_if(all.begin(), all.end(), [&](const Place& place) { return place.id == chosen_; });
    if (here == all.end()) return step(by);
    // The nearest on that side; what lies beside it before what lies above or below.
    const QPointF from = here->at.center();
    const Place* nearest = nullptr;
    double least = 0.0;
    for (const Place& place : all) {
        const QPointF way = place.at.center() - from;
        const double far = std::abs(way.x()) + 3.0 * std::abs(way.y());
        if (way.x() * by < 8.0 || (nearest && far >= least)) continue;
        nearest = &place;
        least = far;
    }
    nearest ? choose(nearest->id) : step(by);
}

void PlaceMark::paintEvent(QPaintEvent*) {
    const Chalk& c = Chalk::now();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF at = QRectF(rect()).adjusted(0.5, 1.5, -1.5, -1.5);
    // An outline is where typing goes: what is pointed at from the line has a tint and a bar beside it.
    if (isChecked()) {
        QPainterPath edge;
        edge.addRoundedRect(at, 8, 8);
        QColor tint = c.string;
        tint.setAlpha(34);
        p.fillPath(edge, tint);
        p.setClipPath(edge);
        p.fillRect(QRectF(at.left(), at.top(), px(3), at.height()), c.string);
        p.setClipping(false);
    }
    // A mark that was given another place is not told that the pointer left it.
    const bool pointed = underMouse() && rect().contains(mapFromGlobal(QCursor::pos()));
    if (!hasFocus() && (isChecked() || !pointed)) return;
    p.setPen(hasFocus() ? c.stroke(c.string, 2.2) : c.stroke(c.string, 1.4, Qt::DashLine));
    p.drawRoundedRect(at, 8, 8);
}

void GuideView::setGuide(DrawnGuide* guide) {
    if (guide_ == guide) return refresh();
    guide_ = guide;
    refresh();
}

QTransform GuideView::fit() const {
    const double k = std::min(width() / DrawnGuide::width, height() / DrawnGuide::height);
    QTransform t;
    t.translate((width() - k * DrawnGuide::width) / 2, (height() - k * DrawnGuide::height) / 2);
    t.scale(k, k);
    return t;
}

void GuideView::refresh() {
    if (!guide_) return;
    const auto places = guide_->places();
    // Marks are reused, so that the one in focus keeps it.
    while (marks_.size() > places.size()) {
        delete marks_.back();
        marks_.pop_back();
    }
    while (marks_.size() < places.size()) {
        auto* mark = new PlaceMark(this);
        mark->setCheckable(true);
        mark->setCursor(Qt::PointingHandCursor);
        mark->setAttribute(Qt::WA_Hover);
        connect(mark, &QAbstractButton::clicked, this, [this, mark] {
            if (guide_) guide_->point(mark->id);
        });
        mark->show();
        marks_.push_back(mark);
    }
    const QTransform t = fit();
    for (std::size_t i = 0; i < places.size(); ++i) {
        PlaceMark* mark = marks_[i];
        mark->id = places[i].id;
        mark->setChecked(places[i].id == guide_->chosen());
        mark->setGeometry(t.mapRect(places[i].at).toAlignedRect());
        nameIt(mark, places[i].value.isEmpty() ? places[i].name
                                               : places[i].name + QStringLiteral(": ") + places[i].value);
        mark->setToolTip(plainTip(mark->accessibleName()));
    }
    nameIt(this, guide_->title());
    update();
}

QWidget* GuideView::pointedAt() const {
    for (PlaceMark* m : marks_)
        if (m->isChecked()) return m;
    return nullptr;
}

void GuideView::resizeEvent(QResizeEvent*) {
    refresh();
}

void GuideView::mousePressEvent(QMouseEvent* e) {
    const QString place = guide_ ? guide_->placeAt(fit().inverted().map(e->position())) : QString();
    place.isEmpty() ? QWidget::mousePressEvent(e) : guide_->point(place);
}

void GuideView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), Chalk::now().floor);
    if (!guide_) return;
    p.setRenderHint(QPainter::Antialiasing);
    if (guide_->onPracticeFloor()) chalkWord(p, rect(), tr("practice"));
    p.setTransform(fit());
    guide_->draw(p);
}

void drawKept(QPainter& p, KeptPicture& kept, const QString& key,
              const std::function<void(QPainter&)>& draw) {
    const auto* on = dynamic_cast<const QWidget*>(p.device());
    if (!on || TextWatch::watching) return draw(p);
    const QTransform t = p.transform();
    const QString whole = QStringLiteral("%1|%2|%3|%4|%5|%6|%7|%8")
                              .arg(t.m11())
                              .arg(t.dx())
                              .arg(t.dy())
                              .arg(on->width())
                              .arg(on->height())
                              .arg(on->devicePixelRatioF())
                              .arg(Chalk::now().dark)
                              .arg(key);
    if (kept.key != whole) {
        kept.picture = QPixmap((QSizeF(on->size()) * on->devicePixelRatioF()).toSize());
        kept.picture.setDevicePixelRatio(on->devicePixelRatioF());
        kept.picture.fill(Qt::transparent);
        QPainter into(&kept.picture);
        into.setRenderHints(p.renderHints());
        into.setTransform(t);
        draw(into);
        kept.key = whole;
    }
    p.save();
    p.resetTransform();
    p.drawPixmap(0, 0, kept.picture);
    p.restore();
}

void drawText(QPainter& p, const QRectF& at, int flags, const QString& text, double size, const QColor& c,
              bool bold) {
    p.setPen(c);
    // The drawing is shown at about three quarters; on a screen nothing is smaller than can be read.
    const double times = p.transform().m11();
    p.setFont(chalked(std::max(size * 1.25, times > 0.0 ? smallest_type / times : 0.0), bold));
    writeIn(p, at, flags, text);
}

QPointF wheelOf(const QRectF& box, Wheel w) {
    return {axle_of(w) == Axle::front ? box.right() - box.width() * 0.19 : box.left() + box.width() * 0.19,
            side_of(w) == Side::left ? box.top() : box.bottom()};
}

void drawCar(QPainter& p, const QRectF& box) {
    const Chalk& c = Chalk::now();
    QPainterPath body;
    const double l = box.left(), r = box.right(), t = box.top(), b = box.bottom(), h = box.height();
    body.moveTo(l + 14, t + h * 0.1);
    body.cubicTo(l + box.width() * 0.3, t - h * 0.05, r - box.width() * 0.3, t - h * 0.04, r - 26,
                 t + h * 0.16);
    body.quadTo(r + 6, t + h * 0.5, r - 26, b - h * 0.16);
    body.cubicTo(r - box.width() * 0.3, b + h * 0.04, l + box.width() * 0.3, b + h * 0.05, l + 14,
                 b - h * 0.1);
    body.quadTo(l - 6, t + h * 0.5, l + 14, t + h * 0.1);
    p.setBrush(Qt::NoBrush);
    p.setPen(c.stroke(c.faint, 1.8));
    p.drawPath(body);
    p.setPen(c.stroke(c.chalk, 2.4));
    p.setBrush(c.floor);
    for (Wheel w : all_wheels) {
        const QPointF at = wheelOf(box, w);
        p.drawRoundedRect(QRectF(at.x() - 36, at.y() - 13, 72, 26), 7, 7);
    }
    p.setBrush(Qt::NoBrush);
    p.setPen(c.stroke(c.soft, 1.6));
    p.drawPolyline(QPolygonF({{r - 18, t + h / 2 - 6}, {r - 6, t + h / 2}, {r - 18, t + h / 2 + 6}}));
}

void drawState(QPainter& p, QPointF at, CheckState state, bool chosen) {
    const Chalk& c = Chalk::now();
    p.setBrush(Qt::NoBrush);
    switch (state) {
        case CheckState::open:
            p.setPen(c.stroke(chosen ? c.string : c.soft, 1.8));
            p.drawEllipse(at, 7, 7);
            break;
        case CheckState::good:
            p.setPen(c.stroke(c.string, 3));
            p.drawPolyline(QPolygonF({at + QPointF(-7, 0), at + QPointF(-2, 6), at + QPointF(8, -7)}));
            break;
        case CheckState::failed:
            p.setPen(c.stroke(c.caution, 3));
            p.drawLine(at + QPointF(-6, -6), at + QPointF(6, 6));
            p.drawLine(at + QPointF(-6, 6), at + QPointF(6, -6));
            break;
        case CheckState::not_applicable:
            p.setPen(c.stroke(c.faint, 2.4));
            p.drawLine(at + QPointF(-7, 0), at + QPointF(7, 0));
            break;
    }
}

void drawSteeringWheel(QPainter& p, QPointF at, double r, Angle angle, const QColor& c) {
    p.save();
    p.translate(at);
    p.rotate(angle.deg());
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(c, std::max(2.0, r * 0.09), Qt::SolidLine, Qt::RoundCap));
    p.drawEllipse(QPointF(0, 0), r, r);
    p.setPen(QPen(c, std::max(1.6, r * 0.05), Qt::SolidLine, Qt::RoundCap));
    p.drawLine(QPointF(-r, r * 0.06), QPointF(-r * 0.22, 0));
    p.drawLine(QPointF(r, r * 0.06), QPointF(r * 0.22, 0));
    p.drawLine(QPointF(0, r * 0.22), QPointF(0, r));
    p.drawEllipse(QPointF(0, 0), r * 0.22, r * 0.22);
    p.setPen(QPen(Chalk::now().string, std::max(3.0, r * 0.12), Qt::SolidLine, Qt::FlatCap));
    p.drawLine(QPointF(0, -r * 0.93), QPointF(0, -r * 1.08));  // the mark at the top
    p.restore();
}

}  // namespace fairchalk::desk
