// SPDX-License-Identifier: GPL-3.0-or-later
#include "turn/turn_review.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include "floor/floor_view.h"
#include "floor/toe_fan.h"
#include "guide/drawn_guide.h"
#include "look/chalk.h"
#include "look/html.h"
#include "turn/angle_scale.h"
#include "turn/turn_text.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

constexpr double row_height = 86.0, least_car = 210.0;

/// One drawing of it.
class Review {
  public:
    Review(QPainter& p, const QRectF& box, const JobDesk& desk, const Show& how)
        : p_(p), box_(box), desk_(desk), how_(how), a_(desk.answer()) {}
    void draw();

  private:
    QString title() const;
    QString said(const KnownAngle& a, bool toe) const;
    const KnownAngle* found(Measure measure, const std::variant<std::monostate, Axle, Wheel>& where) const;
    void row(const Verdict& v, double y);
    void earlier(const AngleScale& s, const Target& t, double y);
    void expected(const AngleScale& s, const Target& t, double y);
    void car(const QRectF& box);
    void wheel(const QRectF& car, const ToeFan& fan, Wheel w);
    void total(const QRectF& car, Axle axle);

    QPainter& p_;
    const QRectF box_;
    const JobDesk& desk_;
    const Show& how_;
    const JobAnalysis& a_;
    const Chalk& c_ = Chalk::now();
};

bool is_toe(const Target& t) {
    return t.measure == Measure::total_toe || t.measure == Measure::toe;
}

QString Review::title() const {
    const bool done = a_.plan.next == NextStep::done && !a_.verdicts.empty();
    return done                                  ? QObject::tr("Nothing to turn")
           : a_.verdicts.empty()                 ? QObject::tr("No targets yet")
           : turned_since_reading(desk_.job())   ? QObject::tr("Turned, not read yet: this is expected")
           : shakeFirst(desk_)                   ? QObject::tr("Not shaken yet: shake it, then read")
           : a_.plan.next == NextStep::look      ? QObject::tr("Look first, then turn")
           : a_.plan.next == NextStep::as_far_as ? QObject::tr("As far as it goes")
           : !threadWanted(desk_).empty()        ? QObject::tr("First the thread, then turn")
           : desk_.driveAsked()                  ? QObject::tr("First the drive, then turn")
           : a_.plan.again                       ? QObject::tr("First read again, then turn")
                                                 : QObject::tr("First read, then turn");
}

QString Review::said(const KnownAngle& a, bool toe) const {
    return q((toe ? show_toe(a.value, how_) : fairchalk::show(a.value, how_)) + "  ±" +
             show_plus_minus(a.plus_minus(), how_));
}

/// As it was where it was first known in this job.
const KnownAngle* Review::found(Measure measure,
                                const std::variant<std::monostate, Axle, Wheel>& where) const {
    for (const Estimate& round : a_.rounds)
        if (const KnownAngle* k = round.find(measure, where); k && k->known) return k;
    return nullptr;
}

void Review::earlier(const AngleScale& s, const Target& t, double y) {
    // Earlier rounds stand as rings: where it came from. Numbers that would touch are left out.
    std::vector<double> named;
    for (std::size_t k = 0; k + 1 < a_.rounds.size(); ++k) {
        const KnownAngle* was = a_.rounds[k].find(t.measure, t.where);
        if (!was || !was->known) continue;
        const double x = s.x(was->value);
        p_.setPen(c_.stroke(c_.soft, 1.6));
        p_.setBrush(Qt::NoBrush);
        p_.drawEllipse(QPointF(x, y + 18), 6, 6);
        if (std::any_of(named.begin(), named.end(), [&](double at) { return std::abs(x - at) < 64; }))
            continue;
        named.push_back(x);
        p_.setFont(chalked(11));
        writeIn(p_, QRectF(x - 40, y - 14, 80, 14), Qt::AlignCenter, QObject::tr("round %1").arg(k + 1));
    }
}

/// What the last turn had been expected to make of it: a dashed box as wide as its ±.
void Review::expected(const AngleScale& s, const Target& t, double y) {
    for (const Verdict& x : a_.expected) {
        if (x.target.measure != t.measure || x.target.where != t.where || !x.angle.known) continue;
        const double l = s.x(x.angle.value - x.angle.plus_minus()),
                     r = s.x(x.angle.value + x.angle.plus_minus());
        p_.setPen(c_.stroke(c_.string, 1.5, Qt::DashLine));
        p_.setBrush(Qt::NoBrush);
        p_.drawRoundedRect(QRectF(l, y + 6, std::max(6.0, r - l), 24), 10, 10);
        p_.setFont(chalked(12));
        p_.setPen(c_.soft);
        writeIn(p_, QRectF(box_.left(), y + 42, 300, 18), Qt::AlignLeft,
                QObject::tr("expected of the turn: %1").arg(said(x.angle, is_toe(t))));
    }
}

void Review::row(const Verdict& v, double y) {
    const bool toe = is_toe(v.target);
    p_.setFont(chalked(14, true));
    p_.setPen(c_.chalk);
    writeIn(p_, QRectF(box_.left(), y, 300, 20), Qt::AlignLeft, q(words::measure(v.target)));
    p_.setFont(chalked(13));
    p_.setPen(c_.soft);
    writeIn(p_, QRectF(box_.left(), y + 22, 300, 20), Qt::AlignLeft,
            v.angle.known ? QStringLiteral("%1, %2").arg(said(v.angle, toe), q(words::call(v.call)))
                          : QObject::tr("not known yet"));
    const KnownAngle* first =
        a_.rounds.empty() ? nullptr : a_.rounds.front().find(v.target.measure, v.target.where);
    const AngleScale s =
        AngleScale::holding(QRectF(box_.left() + 330, y, box_.width() - 400, 40),
                            {v.target.lo, v.target.hi, v.angle.value + v.angle.plus_minus(),
                             v.angle.value - v.angle.plus_minus(), first ? first->value : Angle()});
    s.axis(p_, y + 18, toe);
    if (v.target.has_tolerance) s.target(p_, v.target.lo, v.target.hi, y + 18);
    earlier(s, v.target, y);
    expected(s, v.target, y);
    if (v.angle.known) s.bar(p_, v.angle, y + 18, c_.chalk, 150);
}

void Review::wheel(const QRectF& car, const ToeFan& fan, Wheel w) {
    const Side side = side_of(w);
    const QPointF hub = wheelOf(car, w);
    if (const auto aim = wheelAim(desk_, w)) {
        p_.setPen(c_.stroke(c_.target, 1.2));
        p_.setBrush(hatch(c_.target));
        fan.between(p_, hub, side, aim->lo, aim->hi);
    }
    const KnownAngle& now = a_.now.wheels[static_cast<std::size_t>(index_of(w))].toe;
    const KnownAngle* was = found(Measure::toe, w);
    const bool moved = was && now.known && show_toe(was->value, how_) != show_toe(now.value, how_);
    if (moved) {
        p_.setPen(c_.stroke(c_.soft, 2, Qt::DashLine));
        fan.line(p_, hub, side, was->value);
    }
    if (now.known) fan.known(p_, hub, side, now, c_.chalk);
    const bool together = onlyTogether(a_.now, axle_of(w));
    const QString text = together     ? QObject::tr("%1: only together").arg(q(words::wheel(w)))
                         : !now.known ? QObject::tr("%1: not known yet").arg(q(words::wheel(w)))
                         : moved
                             ? QStringLiteral("%1 → %2").arg(q(show_toe(was->value, how_)), said(now, true))
                             : said(now, true);
    p_.setFont(chalked(12, now.known));
    p_.setPen(now.known ? c_.chalk : c_.soft);
    const double width = car.width() * 0.5;
    writeIn(p_, QRectF(hub.x() - width / 2, side == Side::left ? hub.y() - 56 : hub.y() + 38, width, 18),
            Qt::AlignCenter, text);
}

/// What both wheels of an axle have together, between them, where neither is known by itself.
void Review::total(const QRectF& car, Axle axle) {
    const KnownAngle* both = onlyTogether(a_.now, axle);
    if (!both) return;
    const QPointF middle =
        (wheelOf(car, wheel_at(axle, Side::left)) + wheelOf(car, wheel_at(axle, Side::right))) / 2;
    p_.setFont(chalked(12, true));
    p_.setPen(c_.chalk);
    const double width = car.width() * 0.5;
    writeIn(p_, QRectF(middle.x() - width / 2, middle.y() - 9, width, 18), Qt::AlignCenter,
            QObject::tr("together %1").arg(said(*both, true)));
}

/// The car as it came in, dashed, and as it stands, in the fans of its targets.
void Review::car(const QRectF& box) {
    const double high = std::min(box.height() - 140.0, 190.0),
                 wide = std::min(box.width() - 60.0, high * 2.9);
    const QRectF car(box.center().x() - wide / 2, box.top() + 62, wide, high);
    Angle widest;
    for (Wheel w : all_wheels) {
        if (const KnownAngle* was = found(Measure::toe, w)) widest = std::max(widest, abs(was->value));
        if (const KnownAngle& now = a_.now.wheels[static_cast<std::size_t>(index_of(w))].toe; now.known)
            widest = std::max(widest, abs(now.value) + now.plus_minus());
        if (const auto aim = wheelAim(desk_, w)) widest = std::max({widest, abs(aim->lo), abs(aim->hi)});
    }
    const ToeFan fan{ToeFan::timesFor(widest), std::min(84.0, wide * 0.17)};
    drawCar(p_, car);
    for (Wheel w : all_wheels) wheel(car, fan, w);
    for (Axle axle : both_axles) total(car, axle);
    p_.setFont(chalked(12));
    p_.setPen(c_.soft);
    const QString text =
        turned_since_reading(desk_.job())
            ? QObject::tr(
                  "dashed: as it came in; chalk: as it is expected, with its ±; toe drawn %1 times as large")
        : a_.rounds.size() > 1
            ? QObject::tr(
                  "dashed: as it came in; chalk: as it stands, with its ±; toe drawn %1 times as large")
        : a_.verdicts.empty()
            ? QObject::tr("the car as it stands, with its ±; toe drawn %1 times as large")
            : QObject::tr("the car as it stands, in the fans of its targets; toe drawn %1 times as large");
    writeIn(p_, QRectF(box.left(), box.bottom() - 20, box.width(), 18), Qt::AlignCenter,
            text.arg(static_cast<int>(fan.times)));
}

void Review::draw() {
    double y = box_.top() + 8;
    p_.setFont(chalked(18, true));
    p_.setPen(c_.chalk);
    writeIn(p_, QRectF(box_.left(), y, box_.width(), 26), Qt::AlignLeft, title());
    y += 52;
    for (const Verdict& v : a_.verdicts) {
        row(v, y);
        y += row_height;
        if (y > box_.bottom() - 60) break;
    }
    for (const Unreachable& u : a_.plan.cannot) {
        p_.setFont(chalked(13));
        p_.setPen(c_.caution);
        const QRectF used =
            writeIn(p_, QRectF(box_.left(), y, box_.width(), std::max(20.0, box_.bottom() - y)),
                    Qt::AlignLeft | Qt::TextWordWrap, q(words::unreachable(u, desk_.car(), how_)));
        y += used.height() + 4;
    }
    if (box_.bottom() - y >= least_car)
        car(QRectF(box_.left(), y, box_.width(), std::min(380.0, box_.bottom() - y)));
}

}  // namespace

void drawReview(QPainter& p, const QRectF& box, const JobDesk& desk, const Show& how) {
    Review(p, box, desk, how).draw();
}

}  // namespace fairchalk::desk
