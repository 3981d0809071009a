// SPDX-License-Identifier: GPL-3.0-or-later
#include "turn/turn_view.h"

#include <algorithm>
#include <cmath>
#include <utility>

#include <QPainterPath>

#include "floor/device_drawing.h"
#include "floor/floor_view.h"
#include "look/chalk.h"
#include "look/html.h"
#include "turn/angle_scale.h"
#include "turn/turn_review.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

/// A card's number and what it is about.
void heading(QPainter& p, QPointF at, double width, int number, const QString& text) {
    const Chalk& c = Chalk::now();
    p.setFont(chalked(24, true));
    p.setPen(c.string);
    writeIn(p, QRectF(at, QSizeF(30, 30)), Qt::AlignLeft | Qt::AlignVCenter, QString::number(number));
    p.setFont(chalked(18, true));
    p.setPen(c.chalk);
    writeIn(p, QRectF(at.x() + 30, at.y(), width - 40, 26), Qt::AlignLeft | Qt::AlignVCenter, text);
}

}  // namespace

TurnView::TurnView(JobDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {}

void TurnView::refresh() {
    for (QWidget* card : cards_) card->deleteLater();
    cards_.clear();
    if (!desk_.hasJob()) return;
    const auto& turns = desk_.answer().plan.turns;
    page_ = std::clamp(page_, 0, std::max(0, (static_cast<int>(turns.size()) - 1) / perPage()));
    for (std::size_t i = 0; i < turns.size(); ++i) {
        const PlannedTurn& t = turns[i];
        const Adjuster* a = desk_.car().adjuster(t.adjuster);
        auto* card = new QWidget(this);
        card->setAttribute(Qt::WA_TransparentForMouseEvents);
        card->setAccessibleName(q(words::turn_line(desk_.car(), t, how_)));
        card->setAccessibleDescription(a ? q(words::why_this_way(*a, t.longer())) : QString());
        card->setGeometry(QTransform::fromScale(zoom(), zoom())
                              .mapRect(cardBox(i, QSizeF(size()) / zoom()))
                              .toAlignedRect());
        card->show();
        cards_.push_back(card);
    }
    update();
}

void TurnView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), Chalk::now().floor);
    p.setRenderHint(QPainter::Antialiasing);
    p.scale(zoom(), zoom());
    draw(p, QSizeF(size()) / zoom());
}

void TurnView::draw(QPainter& p, const QSizeF& size) const {
    if (!desk_.hasJob()) return;
    const Chalk& c = Chalk::now();
    const Plan& plan = desk_.answer().plan;
    p.setPen(QPen(c.floor_line, 1.5));
    for (int i = 1; i < 3; ++i)
        p.drawLine(QPointF(size.width() * i / 3, 0), QPointF(size.width() * i / 3, size.height()));
    if (desk_.practice()) chalkWord(p, QRectF(QPointF(), size), tr("practice"));
    const QRectF all(22, 12, size.width() - 44, size.height() - 24);
    if (plan.turns.empty()) {
        drawReview(p, all, desk_, how_);
        return;
    }
    if (plan.turns.size() > 2) drawOrder(p, all);
    for (std::size_t i = 0; i < plan.turns.size(); ++i) {
        const QRectF box = cardBox(i, size);
        if (box.isEmpty()) continue;
        const bool first = static_cast<int>(i) == page_ * perPage();
        if (!first || plan.turns.size() > 2) {
            p.setPen(QPen(c.floor_line, 2.5));
            p.drawLine(box.topLeft(), box.topRight());
        }
        const QRectF inside = box.adjusted(0, 10, 0, -4);
        if (const Adjuster* rod = desk_.car().rod(plan.turns[i].adjuster))
            drawRod(p, inside, plan.turns[i], *rod, static_cast<int>(i) + 1);
        else if (const Adjuster* d = desk_.car().device(plan.turns[i].adjuster))
            drawCard(p, inside, plan.turns[i], *d, static_cast<int>(i) + 1);
    }
}

int TurnView::perPage() const {
    const std::size_t n = desk_.answer().plan.turns.size();
    if (n <= 2) return 2;
    return (height() - 24 - orderHeight(n)) / 2 >= least_card ? 2 : 1;
}

int TurnView::sheets() const {
    return std::max(1, (static_cast<int>(desk_.answer().plan.turns.size()) + perPage() - 1) / perPage());
}

std::vector<std::size_t> TurnView::onSheet() const {
    std::vector<std::size_t> out;
    const auto first = static_cast<std::size_t>(page_ * perPage());
    for (std::size_t i = first; i < first + static_cast<std::size_t>(perPage()); ++i)
        if (i < desk_.answer().plan.turns.size()) out.push_back(i);
    return out;
}

void TurnView::page(int by) {
    page_ = (page_ + by + sheets()) % sheets();
    refresh();
}

void TurnView::drawSheet(QPainter& p, const QSizeF& size, int number) {
    const int was = std::exchange(page_, std::clamp(number, 0, sheets() - 1));
    draw(p, size);
    page_ = was;
}

/// Where the card of a turn stands; empty while it is on another page.
QRectF TurnView::cardBox(std::size_t i, const QSizeF& size) const {
    const std::size_t n = desk_.answer().plan.turns.size();
    QRectF all(22, 12, size.width() - 44, size.height() - 24);
    if (n > 2) all.setTop(all.top() + orderHeight(n));
    const int at = static_cast<int>(i) - page_ * perPage();
    if (at < 0 || at >= perPage()) return {};
    const double each = all.height() / perPage();
    return {all.left(), all.top() + each * at, all.width(), each};
}

/// All there is to turn, in the order in which it is done.
void TurnView::drawOrder(QPainter& p, const QRectF& all) const {
    const Chalk& c = Chalk::now();
    const auto& turns = desk_.answer().plan.turns;
    for (std::size_t i = 0; i < turns.size(); ++i) {
        const bool here = static_cast<int>(i) / perPage() == page_;
        const double y = all.top() + order_row * static_cast<double>(i);
        p.setFont(chalked(14, here));
        p.setPen(here ? c.string : c.soft);
        writeIn(p, QRectF(all.left(), y, 26, order_row), Qt::AlignLeft | Qt::AlignVCenter,
                QString::number(i + 1));
        p.setPen(here ? c.chalk : c.soft);
        const QString line = q(words::turn_line(desk_.car(), turns[i], how_));
        writeIn(p, QRectF(all.left() + 30, y, all.width() - 30, order_row), Qt::AlignLeft | Qt::AlignVCenter,
                line);
    }
    p.setFont(chalked(12));
    p.setPen(c.soft);
    writeIn(p,
            QRectF(all.left() + 30, all.top() + order_row * static_cast<double>(turns.size()),
                   all.width() - 30, 18),
            Qt::AlignLeft,
            tr("rear before front; caster, camber, toe: each moves the next. Page Up and Page Down turn "
               "the sheet."));
}

/// A device: what it looks like from where the mechanic is, what is done to it, and what comes of it.
void TurnView::drawCard(QPainter& p, const QRectF& box, const PlannedTurn& turn, const Adjuster& d,
                        int number) const {
    const Chalk& c = Chalk::now();
    const double l = box.left(), t = box.top(), w = box.width();
    heading(p, QPointF(l, t), w, number, q(words::adjuster(d)));
    p.setFont(chalked(15, true));
    p.setPen(c.string);
    writeIn(p, QRectF(l + 30, t + 26, w - 40, 22), Qt::AlignLeft | Qt::AlignVCenter,
            q(words::device_amounts(d, turn.turns, turn.second, how_)));
    p.setFont(chalked(12));
    p.setPen(c.soft);
    writeIn(p, QRectF(l + 30, t + 48, w * 0.6, 16), Qt::AlignLeft, q(words::seen_from(d)));
    drawAdjuster(p, QRectF(l + 26, t + 88, w * 0.5, std::max(70.0, std::min(104.0, box.height() - 210))), d,
                 {turn.turns, turn.second});

    // What comes loose, what to mind, which shims: all above the line to what comes of it.
    double y = t + 50;
    const double x = l + w * 0.58, width = w * 0.42, end = box.bottom() - before_after;
    const auto say = [&](const QString& text, const QColor& color) {
        p.setFont(chalked(12));
        p.setPen(color);
        const QRectF at = p.boundingRect(QRectF(x, y, width, 200), Qt::AlignLeft | Qt::TextWordWrap, text);
        writeIn(p, at, Qt::AlignLeft | Qt::TextWordWrap, text);
        y = at.bottom() + 2;
    };
    if (const std::string caution = words::caution(d, desk_.car()); !caution.empty())
        say(QStringLiteral("▲ ") + q(caution), c.caution);
    const std::string fits = words::wrenches(d);
    say(q(words::loosen(d)) + (fits.empty() ? QString() : QLatin1Char(' ') + q(fits)), c.chalk);
    if (const std::string rotate = words::how_to_rotate(d, turn.longer()); !rotate.empty())
        say(d.double_ended || !adjuster_kind(d.kind)->nut_by_nut(d, turn.longer())
                ? tr("Rotate: %1.").arg(q(rotate))
                : q(words::to_begin(rotate)) + QStringLiteral("."),
            c.string);
    QStringList moves;
    for (const std::string& s : words::shim_moves(turn, desk_.car(), how_)) moves << q(s);
    const double row = QFontMetricsF(chalked(12)).height();
    if (y + row * static_cast<double>(moves.size()) > end) moves = {moves.join(QStringLiteral(" · "))};
    if (!moves.isEmpty()) say(moves.join(QLatin1Char('\n')), c.string);
    if (y + 2 * row < end) say(q(words::why_this_way(d, turn.longer())), c.soft);

    const QString name = turn.about == Measure::camber   ? tr("camber")
                         : turn.about == Measure::caster ? tr("caster")
                                                         : tr("toe");
    drawBeforeAfter(p, box, turn, name);
}

void TurnView::drawRod(QPainter& p, const QRectF& box, const PlannedTurn& turn, const Adjuster& rod,
                       int number) const {
    const Chalk& c = Chalk::now();
    const double l = box.left(), t = box.top(), w = box.width();
    heading(p, QPointF(l, t), w, number,
            (turn.test ? tr("Test turn. ") : QString()) + QStringLiteral("%1: %2 %3")
                                                              .arg(q(words::adjuster(rod)),
                                                                   q(show_turns(std::abs(turn.turns))),
                                                                   q(words::way(turn.longer()))));
    p.setFont(chalked(12));
    p.setPen(c.soft);
    writeIn(p, QRectF(l + 30, t + 26, w * 0.62, 18), Qt::AlignLeft, q(words::seen_from(rod)));
    const double y = t + std::min(104.0, box.height() * 0.3), ay = y + 34;
    drawAdjuster(p, QRectF(l + 26, y - 44, w * 0.6 - 26, 100), rod, {turn.turns, 0.0});

    // The dial.
    const double r = std::min(52.0, box.height() * 0.17);
    const QPointF dial(l + w * 0.8, t + r + 16);
    p.setPen(c.stroke(c.soft, 1.6));
    p.setBrush(c.well);
    p.drawEllipse(dial, r, r);
    for (int i = 0; i < 8; ++i) {
        const double a = i * 0.785398;
        p.drawLine(dial + QPointF((r - 8) * std::cos(a), (r - 8) * std::sin(a)),
                   dial + QPointF(r * std::cos(a), r * std::sin(a)));
    }
    const double amount = std::abs(turn.turns);
    p.setPen(c.stroke(c.string, 5));
    p.setBrush(Qt::NoBrush);
    const double part = amount - std::floor(amount + 1e-9);
    p.drawArc(QRectF(dial - QPointF(r - 14, r - 14), QSizeF(2 * r - 28, 2 * r - 28)), 90 * 16,
              -static_cast<int>((part < 1e-6 ? 1.0 : part) * 5760));
    p.setFont(chalked(17, true));
    p.setPen(c.chalk);
    writeIn(p, QRectF(dial - QPointF(r, r), QSizeF(2 * r, 2 * r)), Qt::AlignCenter, q(show_fraction(amount)));
    p.setFont(chalked(14));
    const double words_y = dial.y() + r + 6;
    writeIn(p, QRectF(dial.x() - 140, words_y, 280, 20), Qt::AlignCenter, q(words::amount_in_words(amount)));
    p.setFont(chalked(12));
    p.setPen(c.soft);
    writeIn(p, QRectF(dial.x() - 140, words_y + 20, 280, 18), Qt::AlignCenter, q(words::flats(amount)));

    // Why this way, and how to rotate it.
    const double say_y = ay + 22;
    p.setFont(chalked(13));
    p.setPen(c.chalk);
    writeIn(p, QRectF(l + 26, say_y, w * 0.62, 36), Qt::AlignLeft | Qt::TextWordWrap,
            q(turn.test ? words::why_test_turn() : words::why_this_way(rod, turn.longer())));
    p.setPen(c.soft);
    p.setFont(chalked(12));
    writeIn(p, QRectF(l + 26, say_y + 36, w - 40, 18), Qt::AlignLeft,
            tr("Rotate: %1.").arg(q(words::how_to_rotate(rod, turn.longer()))));
    const std::string fits = words::wrenches(rod);
    if (box.height() > 300)
        writeIn(
            p, QRectF(l + 26, say_y + 54, w - 40, 34), Qt::AlignLeft | Qt::TextWordWrap,
            q(words::loosen(rod)) + QLatin1Char(' ') + (fits.empty() ? q(words::count_turns()) : q(fits)));

    drawBeforeAfter(p, box, turn, turn.of_axle ? tr("total toe") : tr("toe"));
}

/// Where its angle is and will be, and the others that it moves along.
void TurnView::drawBeforeAfter(QPainter& p, const QRectF& box, const PlannedTurn& turn,
                               const QString& name) const {
    const Chalk& c = Chalk::now();
    const double l = box.left(), w = box.width();
    const bool toe = turn.about == Measure::toe;
    const auto value = [&](const KnownAngle& a) {
        if (!a.known) return tr("not known yet");
        return q((toe ? show_toe(a.value, how_) : fairchalk::show(a.value, how_)) + "  ±" +
                 show_plus_minus(a.plus_minus(), how_));
    };
    const double sy = box.bottom() - before_after + 36;
    p.setPen(QPen(c.floor_line, 1.5));
    p.drawLine(QPointF(l, sy - 36), QPointF(l + w, sy - 36));
    p.setFont(chalked(13));
    p.setPen(c.soft);
    writeIn(p, QRectF(l, sy - 26, 82, 20), Qt::AlignLeft, tr("%1 now").arg(name));
    writeIn(p, QRectF(l, sy + 2, 70, 20), Qt::AlignLeft, tr("after"));
    p.setFont(chalked(14, true));
    p.setPen(c.chalk);
    writeIn(p, QRectF(l + 90, sy - 26, 160, 20), Qt::AlignLeft, value(turn.now));
    writeIn(p, QRectF(l + 90, sy + 2, 160, 20), Qt::AlignLeft, value(turn.after));
    if (turn.at_edge) {
        p.setFont(chalked(12));
        p.setPen(c.soft);
        writeIn(p, QRectF(l + 226, sy - 25, 84, 20), Qt::AlignLeft, tr("at its edge"));
    }
    // The other angles of this wheel, taken along.
    QStringList along;
    const std::array<std::pair<Measure, QString>, 3> angles = {
        {{Measure::caster, tr("caster")}, {Measure::camber, tr("camber")}, {Measure::toe, tr("toe")}}};
    for (const auto& [m, word] : angles) {
        const KnownAngle* now = desk_.answer().now.find(m, turn.wheel);
        const KnownAngle& then =
            desk_.answer()
                .plan.expect[static_cast<std::size_t>(index_of(turn.wheel))][m == Measure::toe      ? 0
                                                                             : m == Measure::camber ? 1
                                                                                                    : 2];
        if (m == turn.about || !now || !now->known || !then.known || turn.kind.empty()) continue;
        along << tr("%1 %2 → %3")
                     .arg(word,
                          q(m == Measure::toe ? show_toe(now->value, how_)
                                              : fairchalk::show(now->value, how_)),
                          q(m == Measure::toe ? show_toe(then.value, how_)
                                              : fairchalk::show(then.value, how_)));
    }
    if (!along.isEmpty()) {
        p.setFont(chalked(12));
        p.setPen(c.soft);
        writeIn(p, QRectF(l, sy + 26, w, 18), Qt::AlignLeft,
                tr("with all of the sheet: %1").arg(along.join(QStringLiteral(", "))));
    }
    if (!turn.now.known || !turn.after.known) return;
    std::optional<Target> aim;
    if (turn.of_axle) {
        for (const Verdict& v : desk_.answer().plan.before)
            if (v.target.measure == Measure::total_toe &&
                v.target.where == std::variant<std::monostate, Axle, Wheel>(axle_of(turn.wheel)))
                aim = v.target;
    } else if (toe) {
        if (const auto a = wheelAim(desk_, turn.wheel)) aim.emplace(), aim->lo = a->lo, aim->hi = a->hi;
    } else {
        for (const Verdict& v : desk_.answer().plan.before)
            if (v.target.measure == turn.about &&
                v.target.where == std::variant<std::monostate, Axle, Wheel>(turn.wheel))
                aim = v.target;
    }
    const AngleScale s = AngleScale::holding(
        QRectF(l + 310, sy - 20, w - 370, 40),
        {turn.now.value + turn.now.plus_minus(), turn.now.value - turn.now.plus_minus(),
         turn.after.value + turn.after.plus_minus(), turn.after.value - turn.after.plus_minus(),
         aim ? aim->lo : Angle(), aim ? aim->hi : Angle()});
    s.axis(p, sy, toe);
    if (aim) s.target(p, aim->lo, aim->hi, sy);
    s.bar(p, turn.now, sy, c.soft, 110);
    s.bar(p, turn.after, sy, c.chalk, 150);
    const double xa = s.x(turn.now.value), xb = s.x(turn.after.value),
                 lift = std::min(26.0, std::abs(xb - xa) * 0.4 + 8);
    p.setPen(c.stroke(c.string, 2));
    p.setBrush(Qt::NoBrush);
    QPainterPath hop(QPointF(xa, sy - 9));
    hop.quadTo(QPointF((xa + xb) / 2, sy - 9 - lift), QPointF(xb, sy - 9));
    p.drawPath(hop);
    const double d = xb > xa ? -1 : 1;
    p.drawLine(QPointF(xb, sy - 9), QPointF(xb + d * 9, sy - 11));
    p.drawLine(QPointF(xb, sy - 9), QPointF(xb + d * 3, sy - 18));
}

}  // namespace fairchalk::desk
