// SPDX-License-Identifier: GPL-3.0-or-later
#include "turn/arrow_card.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <vector>

#include <QCoreApplication>

#include "core/job/rig.h"
#include "guide/drawn_guide.h"
#include "look/chalk.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

QString said(const char* text) {
    return QCoreApplication::translate("ArrowCard", text);
}

/// A tape's turns in the order of the sheet: those with a value now.
std::map<Spot, std::vector<Until>> tapes_of(const JobDesk& desk) {
    std::map<Spot, std::vector<Until>> out;
    if (!desk.answerIsCurrent()) return out;
    for (const Until& u : desk.answer().until)
        if (u.now && u.kind == QuantityKind::length && rig_of(u.spot).over == Over::axles)
            out[u.spot].push_back(u);
    return out;
}

/// A broad arrow, with a point as long as there is room for.
void drawBroadArrow(QPainter& p, QPointF from, QPointF to, const QColor& c) {
    const double way = to.x() < from.x() ? -1.0 : 1.0;
    const double head = std::min(22.0, std::abs(to.x() - from.x()));
    const double neck = to.x() - way * head;
    p.setPen(Qt::NoPen);
    p.setBrush(c);
    p.drawRect(QRectF(QPointF(std::min(from.x(), neck), from.y() - 6),
                      QPointF(std::max(from.x(), neck), from.y() + 6)));
    p.drawPolygon(QPolygonF({{neck, from.y() - 14}, {to.x(), to.y()}, {neck, from.y() + 14}}));
}

/// The scale as it is printed: some round number of times its true size, as the room allows.
double timesLarger(double range_mm, double room, double per_mm) {
    double best = 1.0;
    for (double k : {1.0, 2.0, 5.0, 10.0, 20.0, 50.0})
        if (range_mm * per_mm * k <= room) best = k;
    return best;
}

}  // namespace

bool wantsArrowCard(const JobDesk& desk) {
    return !tapes_of(desk).empty();
}

void drawArrowCard(QPainter& p, const QSizeF& size, const JobDesk& desk) {
    const Chalk& c = Chalk::now();
    const auto tapes = tapes_of(desk);
    drawText(p, {30, 14, size.width() - 60, 30}, Qt::AlignLeft,
             said("Arrow card: %1").arg(q(desk.car().name)), 17, c.chalk, true);
    drawText(
        p, {30, 46, size.width() - 60, 24}, Qt::AlignLeft,
        said("Pin it to the boards. Steering held; stop at the arrow's figure, shake the car, then read."),
        11, c.soft);
    const double left = 250, right = size.width() - 40;
    const double room = (size.height() - 84) / static_cast<double>(std::max<std::size_t>(tapes.size(), 1));
    double y = 84;
    for (const auto& [spot, turns] : tapes) {
        const Until& first = turns.front();
        double lo = *first.now, hi = *first.now;
        for (const Until& u : turns) {
            lo = std::min({lo, u.stop, u.then});
            hi = std::max({hi, u.stop, u.then});
        }
        const double step = first.division > 0.0 ? first.division : 1.0;
        lo = (std::floor(lo / step) - 1) * step;
        hi = (std::ceil(hi / step) + 1) * step;
        const double scale = timesLarger(hi - lo, right - left, 960.0 / 277.0) * 960.0 / 277.0;
        const double middle = (left + right) / 2;
        const auto at = [&](double value) { return middle + (value - (lo + hi) / 2) * scale; };
        drawText(p, {30, y, left - 40, 26}, Qt::AlignLeft, q(words::to_begin(words::spot(spot))), 14, c.chalk,
                 true);
        drawText(p, {30, y + 28, left - 40, 40}, Qt::AlignLeft | Qt::AlignTop,
                 said("now %1").arg(q(to_division(*first.now, first.kind, first.division))), 19, c.chalk,
                 true);
        const double line = y + 40;
        p.setPen(QPen(c.chalk, 1.4));
        p.drawLine(QPointF(at(lo), line), QPointF(at(hi), line));
        for (double v = lo; v <= hi + step / 4; v += step)
            p.drawLine(QPointF(at(v), line), QPointF(at(v), line - 12));
        p.setPen(QPen(c.chalk, 3.0));
        p.drawLine(QPointF(at(*first.now), line - 24), QPointF(at(*first.now), line + 8));
        double from = *first.now, row = line + 30;
        for (const Until& u : turns) {
            drawBroadArrow(p, {at(from), row}, {at(u.stop), row}, c.chalk);
            drawText(p, {30, row - 16, left - 40, 32}, Qt::AlignLeft | Qt::AlignVCenter,
                     q(words::adjuster(desk.car(), u.adjuster)), 14, c.chalk);
            drawText(p, {left, row + 16, right - left, 30}, Qt::AlignHCenter | Qt::AlignVCenter,
                     (u.stop > from ? said("tape longer: stop at %1, shaken %2")
                                    : said("tape shorter: stop at %1, shaken %2"))
                         .arg(q(to_division(u.stop, u.kind, u.division)),
                              q(to_division(u.then, u.kind, u.division))),
                     17, c.chalk, true);
            // The next is turned after the shake of the one before it.
            from = u.then;
            row += 72;
        }
        y += room;
    }
}

}  // namespace fairchalk::desk
