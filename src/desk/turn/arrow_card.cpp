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

void drawArrow(QPainter& p, QPointF from, QPointF to, const QColor& c) {
    const double way = to.x() < from.x() ? -1.0 : 1.0;
    const double head = std::min(9.0, std::abs(to.x() - from.x()));
    p.setPen(c);
    p.setPen(QPen(c, 2.2));
    p.drawLine(from, to);
    p.drawPolyline(QPolygonF({to + QPointF(-way * head, -5), to, to + QPointF(-way * head, 5)}));
}

}  // namespace

bool wantsArrowCard(const JobDesk& desk) {
    return !tapes_of(desk).empty();
}

void drawArrowCard(QPainter& p, const QSizeF& size, double per_mm, const JobDesk& desk) {
    const Chalk& c = Chalk::now();
    const auto tapes = tapes_of(desk);
    drawText(p, {30, 16, size.width() - 60, 30}, Qt::AlignLeft, said("Arrow card: %1").arg(q(desk.car().name)),
             17, c.chalk, true);
    drawText(p, {30, 48, size.width() - 60, 46}, Qt::AlignLeft | Qt::TextWordWrap,
             said("Cut out, and pin each strip to its board with the line “now” at a pencil mark on the tape. "
                "Turn until "
                "the mark stands at the arrow's point, the steering held; then shake the car, and read."),
             11, c.soft);
    const double middle = size.width() / 2;
    const double room = (size.height() - 170) / static_cast<double>(std::max<std::size_t>(tapes.size(), 1));
    double y = 104;
    for (const auto& [spot, turns] : tapes) {
        const auto& first = turns.front();
        const auto at = [&](double value) { return middle + (value - *first.now) * per_mm; };
        drawText(p, {30, y, size.width() - 60, 24}, Qt::AlignLeft, q(words::to_begin(words::spot(spot))), 14,
                 c.chalk, true);
        // The tape's own divisions, so far as the arrows reach and a little beyond.
        double lo = *first.now, hi = *first.now;
        for (const Until& u : turns) {
            lo = std::min({lo, u.stop, u.then});
            hi = std::max({hi, u.stop, u.then});
        }
        const double line = y + 62, step = first.division > 0.0 ? first.division : 1.0;
        p.setPen(QPen(c.chalk, 1.2));
        p.drawLine(QPointF(at(lo - 4 * step), line), QPointF(at(hi + 4 * step), line));
        for (double v = std::ceil((lo - 4 * step) / step) * step; v <= hi + 4 * step + 1e-9; v += step)
            p.drawLine(QPointF(at(v), line), QPointF(at(v), line + 6));
        p.setPen(QPen(c.chalk, 2.0));
        p.drawLine(QPointF(middle, line - 26), QPointF(middle, line + 14));
        drawText(p, {middle - 110, line + 14, 220, 20}, Qt::AlignHCenter,
                 said("now %1").arg(q(to_division(*first.now, first.kind, first.division))), 11, c.chalk);
        double from = *first.now, row = line + 40;
        for (const Until& u : turns) {
            drawArrow(p, {at(from), row}, {at(u.stop), row}, c.chalk);
            p.setPen(QPen(c.chalk, 1.2, Qt::DashLine));
            p.drawLine(QPointF(at(u.stop), line - 10), QPointF(at(u.stop), row));
            const bool longer = u.stop > from;
            drawText(p, {30, row - 10, middle - 60, 20}, Qt::AlignLeft,
                     q(words::adjuster(desk.car(), u.adjuster)), 11, c.chalk, true);
            drawText(p, {middle + 70, row - 10, middle - 100, 20}, Qt::AlignRight,
                     said("%1: stop at %2; shaken %3")
                         .arg(longer ? said("the tape gets longer") : said("the tape gets shorter"),
                              q(to_division(u.stop, u.kind, u.division)),
                              q(to_division(u.then, u.kind, u.division))),
                     11, c.chalk);
            // The next is turned after the shake of the one before it.
            from = u.then;
            row += 26;
        }
        y += room;
    }
    const double foot = size.height() - 40;
    p.setPen(QPen(c.chalk, 1.4));
    p.drawLine(QPointF(30, foot), QPointF(30 + 50 * per_mm, foot));
    for (double x : {0.0, 50.0})
        p.drawLine(QPointF(30 + x * per_mm, foot - 5), QPointF(30 + x * per_mm, foot + 5));
    drawText(p, {40 + 50 * per_mm, foot - 11, 500, 22}, Qt::AlignLeft,
             said("50 mm on paper: else print it at 100 %. An arrow is as long as the tape moves."), 11,
             c.soft);
}

}  // namespace fairchalk::desk
