// SPDX-License-Identifier: GPL-3.0-or-later
#include "history/angle_plot.h"

#include <algorithm>
#include <cmath>

#include "look/chalk.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

constexpr double day_s = 86400.0;

/// Marks at whole minutes or degrees, or at round decimals, said as angles are.
class AngleTicker : public QCPAxisTicker {
  public:
    explicit AngleTicker(Measure measure, Show how) : measure_(measure), how_(how) { setTickCount(4); }

  protected:
    double getTickStep(const QCPRange& range) override {
        if (how_.angles == Show::AngleStyle::decimal) return QCPAxisTicker::getTickStep(range);
        const double wanted = range.size() / tickCount();
        for (double minutes : {1.0, 2.0, 5.0, 10.0, 15.0, 30.0, 60.0, 120.0, 300.0})
            if (minutes / 60.0 >= wanted) return minutes / 60.0;
        return QCPAxisTicker::getTickStep(range);
    }
    int getSubTickCount(double) override { return 0; }
    QString getTickLabel(double tick, const QLocale&, QChar, int) override {
        return q(words::value_of(measure_, Angle::from_deg(std::abs(tick) < 1e-9 ? 0.0 : tick), how_));
    }

  private:
    Measure measure_;
    Show how_;
};

}  // namespace

AnglePlot::AnglePlot(QWidget* parent) : QCustomPlot(parent) {
    setObjectName(QStringLiteral("angle-plot"));
    setMouseTracking(true);
    setFocusPolicy(Qt::NoFocus);
    target_ = new QCPItemRect(this);
    here_ = new QCPItemStraightLine(this);
    for (QCPGraph** g : {&lower_, &upper_, &middle_, &found_, &left_, &turned_, &happened_}) *g = addGraph();
    for (QCPGraph* g : {found_, left_, turned_, happened_}) g->setLineStyle(QCPGraph::lsNone);
    upper_->setChannelFillGraph(lower_);
    xAxis->setTicker(QSharedPointer<QCPAxisTickerDateTime>::create());
    setInteractions(QCP::iRangeDrag | QCP::iRangeZoom);
    axisRect()->setRangeDrag(Qt::Horizontal);
    axisRect()->setRangeZoom(Qt::Horizontal);
    setNoAntialiasingOnDrag(true);
}

void AnglePlot::look() {
    const Chalk& c = Chalk::now();
    const double z = desk::zoom();
    setBackground(QBrush(c.floor));
    for (QCPAxis* axis : {xAxis, yAxis}) {
        axis->setBasePen(c.stroke(c.soft, 1.4 * z));
        axis->setTickPen(c.stroke(c.soft, 1.2 * z));
        axis->setSubTickPen(Qt::NoPen);
        axis->setTickLabelFont(type(12));
        axis->setTickLabelColor(c.soft);
        axis->grid()->setPen(c.stroke(c.floor_line, 1 * z, Qt::DotLine));
        axis->grid()->setZeroLinePen(c.stroke(c.soft, 1 * z));
    }
    static_cast<QCPAxisTickerDateTime*>(xAxis->ticker().data())
        ->setDateTimeFormat(QStringLiteral("d MMM\nyyyy"));
    QColor band = c.string;
    band.setAlphaF(0.22f);
    lower_->setPen(Qt::NoPen);
    upper_->setPen(Qt::NoPen);
    upper_->setBrush(band);
    middle_->setPen(c.stroke(c.string, 1.4 * z, Qt::DashLine));
    using S = QCPScatterStyle;
    found_->setScatterStyle(S(S::ssCircle, c.stroke(c.string, 2 * z), QBrush(c.floor), 10 * z));
    left_->setScatterStyle(S(S::ssDisc, c.stroke(c.string, 2 * z), QBrush(c.string), 9 * z));
    turned_->setScatterStyle(S(S::ssTriangle, c.stroke(c.chalk, 1.4 * z), Qt::NoBrush, 9 * z));
    happened_->setScatterStyle(S(S::ssCross, c.stroke(c.caution, 2 * z), Qt::NoBrush, 9 * z));
    target_->setPen(c.stroke(c.target, 1.2 * z));
    target_->setBrush(hatch(c.target));
    here_->setPen(c.stroke(c.chalk, 1.2 * z, Qt::DotLine));
}

void AnglePlot::show(Measure measure, std::vector<Point> points, const std::optional<Target>& target,
                     const Show& how) {
    measure_ = measure;
    points_ = std::move(points);
    how_ = how;
    look();
    yAxis->setTicker(QSharedPointer<QCPAxisTicker>(new AngleTicker(measure, how)));
    for (int i = 0; i < graphCount(); ++i) graph(i)->data()->clear();
    double lo = 1e9, hi = -1e9;
    const auto reach = [&](double from, double to) { lo = std::min(lo, from), hi = std::max(hi, to); };
    const auto put = [&](double x, const KnownAngle& a, QCPGraph* mark) {
        if (!a.known) return;
        const double v = a.value.deg(), half = a.plus_minus().deg();
        lower_->addData(x, v - half);
        upper_->addData(x, v + half);
        middle_->addData(x, v);
        mark->addData(x, v);
        reach(v - half, v + half);
    };
    for (const Point& p : points_) {
        const double x = p.day * day_s;
        put(x, p.found, found_);
        // Beside it, so that what was turned in a day is seen to go up or down.
        if (p.turned || !p.found.known) put(x + 0.35 * day_s, p.left, left_);
    }
    target_->setVisible(target && target->has_tolerance);
    if (target && target->has_tolerance) {
        reach(target->lo.deg(), target->hi.deg());
        target_->topLeft->setTypeX(QCPItemPosition::ptAxisRectRatio);
        target_->bottomRight->setTypeX(QCPItemPosition::ptAxisRectRatio);
        target_->topLeft->setCoords(0.0, target->hi.deg());
        target_->bottomRight->setCoords(1.0, target->lo.deg());
    }
    if (lo > hi) lo = -0.5, hi = 0.5;
    const double pad = std::max(0.12 * (hi - lo), 0.02);
    yAxis->setRange(lo - 2.0 * pad, hi + pad);
    for (const Point& p : points_) {
        if (p.turned) turned_->addData(p.day * day_s, lo - 1.4 * pad);
        if (p.happened) happened_->addData(p.day * day_s, lo - 1.4 * pad);
    }
    whole();
}

void AnglePlot::whole() {
    double from = 0.0, to = 1.0;
    if (!points_.empty()) {
        from = points_.front().day * day_s;
        to = points_.back().day * day_s;
    }
    const double pad = std::max(0.06 * (to - from), 5.0 * day_s);
    xAxis->setRange(from - pad, to + pad);
    replot(rpQueuedReplot);  // once, however much changes
}

void AnglePlot::choose(std::size_t visit) {
    for (const Point& p : points_)
        if (p.visit == visit) {
            const double x = p.day * day_s;
            here_->point1->setCoords(x, 0.0);
            here_->point2->setCoords(x, 1.0);
            if (!xAxis->range().contains(x)) xAxis->moveRange(x - xAxis->range().center());
        }
    replot(rpQueuedReplot);  // once, however much changes
}

void AnglePlot::zoom(double by) {
    const double about = here_->point1->key();
    xAxis->scaleRange(by, xAxis->range().contains(about) ? about : xAxis->range().center());
    replot(rpQueuedReplot);  // once, however much changes
}

const AnglePlot::Point* AnglePlot::nearest(double x) const {
    const Point* best = nullptr;
    for (const Point& p : points_)
        if (!best || std::abs(p.day * day_s - x) < std::abs(best->day * day_s - x)) best = &p;
    return best;
}

void AnglePlot::mousePressEvent(QMouseEvent* e) {
    pressed_ = e->pos();
    QCustomPlot::mousePressEvent(e);
}

void AnglePlot::mouseReleaseEvent(QMouseEvent* e) {
    QCustomPlot::mouseReleaseEvent(e);
    // A click, and no drag.
    if ((e->pos() - pressed_).manhattanLength() > 4) return;
    if (const Point* p = nearest(xAxis->pixelToCoord(e->pos().x()))) emit chosen(p->visit);
}

void AnglePlot::mouseMoveEvent(QMouseEvent* e) {
    QCustomPlot::mouseMoveEvent(e);
    const Point* p = nearest(xAxis->pixelToCoord(e->pos().x()));
    if (!p) return;
    const QString when = QDateTime::fromSecsSinceEpoch(static_cast<qint64>(p->day * day_s), Qt::UTC)
                             .toString(QStringLiteral("yyyy-MM-dd"));
    emit pointed(p->turned ? tr("%1: found %2, left %3")
                                 .arg(when, q(words::known(measure_, p->found, how_)),
                                      q(words::known(measure_, p->left, how_)))
                           : tr("%1: %2").arg(when, q(words::known(measure_, p->left, how_))));
}

}  // namespace fairchalk::desk
