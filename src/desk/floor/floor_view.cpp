// SPDX-License-Identifier: GPL-3.0-or-later
#include "floor/floor_view.h"

#include <algorithm>
#include <cmath>

#include <QPainterPath>
#include <QWheelEvent>

#include "look/chalk.h"
#include "look/heard.h"
#include "look/html.h"
#include "rig/rig_drawing.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

constexpr double wheels_drawn = 30.0;  // how many times larger than life angles are drawn
constexpr double strings_drawn = 10.0;
constexpr double leans_drawn = 6.0;
constexpr double widest_drawn = 28.0;  // degrees on the picture

}  // namespace

std::optional<WheelAim> wheelAim(const JobDesk& desk, Wheel wheel) {
    const Axle axle = axle_of(wheel);
    for (const Verdict& v : desk.answer().verdicts)
        if (v.target.measure == Measure::toe &&
            v.target.where == std::variant<std::monostate, Axle, Wheel>(wheel))
            return WheelAim{v.target.aim, v.target.lo, v.target.hi};
    for (const Target& t : desk.job().targets) {
        if (t.measure != Measure::total_toe || t.where != std::variant<std::monostate, Axle, Wheel>(axle))
            continue;
        WheelAim a{t.aim / 2, t.lo / 2, t.hi / 2};
        // Front wheels stand symmetrical about the rear axle's line, so that the steering wheel is straight.
        const KnownAngle& thrust = desk.answer().now.thrust;
        if (axle == Axle::front && thrust.known) {
            const Angle shift = thrust.value * (side_of(wheel) == Side::left ? -1.0 : 1.0);
            a = {a.aim + shift, a.lo + shift, a.hi + shift};
        }
        return a;
    }
    return std::nullopt;
}

const KnownAngle* onlyTogether(const Estimate& known, Axle axle) {
    const KnownAngle& both = known.axles[index_of(axle)].total_toe;
    const bool each = std::any_of(both_sides.begin(), both_sides.end(), [&](Side s) {
        return known.wheels[index_of(wheel_at(axle, s))].toe.known;
    });
    return both.known && !each ? &both : nullptr;
}

SpotMark::SpotMark(QWidget* parent) : QAbstractButton(parent) {
    setFocusPolicy(Qt::NoFocus);  // reached with Page Up and Page Down from the entry line
    setCheckable(true);
    setCursor(Qt::PointingHandCursor);
    resize(px(34), px(40));
}

void SpotMark::set(const Spot& spot, const QString& number, State state, bool suspect, const QString& value) {
    spot_ = spot;
    number_ = number;
    state_ = state;
    setChecked(state == State::asked);
    suspect_ = suspect;
    const QString what = state == State::asked        ? tr("asked for now")
                         : state == State::read       ? value
                         : state == State::not_wanted ? tr("not needed in this round")
                                                      : tr("to read");
    nameIt(this,
           QStringLiteral("%1, %2: %3%4")
               .arg(number_, q(words::spot(spot_)), what, suspect ? tr(", contradicts others") : QString()));
    setToolTip(plainTip(QStringLiteral("%1. %2\n%3")
                            .arg(number_, q(words::spot(spot_)),
                                 suspect ? tr("%1: contradicts others, read it again").arg(value) : what)));
    update();
}

void SpotMark::paintEvent(QPaintEvent*) {
    const Chalk& c = Chalk::now();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.scale(zoom(), zoom());
    const double high = height() / zoom();
    const QPointF at(width() / zoom() / 2.0, high / 2.0);
    if (state_ == State::asked) {
        // The pin points at the string.
        const bool upward = spot_.wheel && side_of(*spot_.wheel) == Side::right;
        if (upward) {
            p.translate(0, high);
            p.scale(1, -1);
        }
        QPainterPath pin(at + QPointF(0, 19));
        pin.cubicTo(at + QPointF(-5, 9), at + QPointF(-13, 6), at + QPointF(-13, -3));
        pin.arcTo(QRectF(at.x() - 13, at.y() - 16, 26, 26), 180, -180);
        pin.cubicTo(at + QPointF(13, 6), at + QPointF(5, 9), at + QPointF(0, 19));
        p.setPen(Qt::NoPen);
        p.setBrush(c.string);
        p.drawPath(pin);
        p.setTransform(QTransform::fromScale(zoom(), zoom()));
        p.setPen(c.on_string);
        p.setFont(chalked(number_.size() > 2 ? 11 : 14, true));
        writeIn(p, QRectF(at.x() - 14, at.y() + (upward ? -8 : -14), 28, 22), Qt::AlignCenter, number_);
    } else if (state_ == State::not_wanted) {
        p.setPen(Qt::NoPen);
        p.setBrush(c.faint);
        p.drawEllipse(at, 2.5, 2.5);
    } else {
        const bool full = state_ == State::read;
        p.setPen(c.stroke(full ? c.chalk : c.soft, 1.4));
        p.setBrush(full ? QBrush(c.chalk) : QBrush(c.floor));
        p.drawEllipse(at, 10, 10);
        p.setPen(full ? c.floor : c.soft);
        p.setFont(chalked(number_.size() > 2 ? 11 : 12, full && number_.size() < 3));
        writeIn(p, QRectF(at.x() - 12, at.y() - 11, 24, 22), Qt::AlignCenter, number_);
    }
    if (suspect_) {
        p.setPen(c.stroke(c.caution, 2));
        p.setBrush(Qt::NoBrush);
        QPolygonF zigzag;
        for (int i = 0; i <= 24; ++i) {
            const double a = i * 2 * 3.14159265 / 24, r = i % 2 ? 16 : 12.5;
            zigzag << at + QPointF(r * std::cos(a), r * std::sin(a));
        }
        p.drawPolyline(zigzag);
    }
}

struct FloorView::Map {
    double left, right, middle, top_string, bottom_string, wheel_top, wheel_bottom, bar_rear, bar_front;
    double axle(Axle a) const { return a == Axle::rear ? left : right; }
    double wheel_y(Side s) const { return s == Side::left ? wheel_top : wheel_bottom; }
    double string_y(Side s) const { return s == Side::left ? top_string : bottom_string; }
};

FloorView::Map FloorView::mapping(const QSizeF& size) const {
    Map m;
    const double w = size.width(), h = size.height();
    const double spread = w * 0.5;
    m.left = w * 0.235;
    m.right = m.left + spread;
    m.middle = h * 0.5;
    const double half = std::min(h * 0.18, spread * 0.42);
    m.wheel_top = m.middle - half;
    m.wheel_bottom = m.middle + half;
    const double gap = std::min(h * 0.155, 96.0);
    m.top_string = m.wheel_top - gap;
    m.bottom_string = m.wheel_bottom + gap;
    m.bar_rear = m.left - w * 0.155;
    m.bar_front = m.right + w * 0.165;
    return m;
}

double FloorView::spotX(const Map& m, const Spot& s) {
    return m.axle(axle_of(*s.wheel)) + 38 * reading_kind(s.kind).end();
}

/// Where the string crosses x on the picture: its skew drawn `strings_drawn` times, about its middle.
double FloorView::stringAt(const Map& m, Side side, double x) const {
    const KnownAngle& skew = desk_.answer().now.strings[index_of(side)].skew;
    const double out = side == Side::left ? -1.0 : 1.0;
    if (!skew.known) return m.string_y(side);
    const double drawn = std::clamp(skew.value.deg() * strings_drawn, -12.0, 12.0) * 0.01745329;
    return m.string_y(side) + out * std::tan(drawn) * (x - (m.bar_rear + m.bar_front) / 2);
}

double FloorView::stationX(const Map& m, const Spot& s) const {
    const double wheelbase = desk_.car().wheelbase.value_or(usual_wheelbase).mm();
    const double part = s.station.value_or(Length()).mm() / wheelbase;
    return std::clamp(m.left + part * (m.right - m.left), m.bar_rear + 10, m.bar_front - 10);
}

QPointF FloorView::spotPoint(const Map& m, const Spot& s) const {
    const OnFloor on = reading_kind(s.kind).on_floor(s);
    const Side side = s.wheel ? side_of(*s.wheel) : s.side.value_or(Side::right);
    const double out = on.mirrored && side == Side::left ? -on.across : on.across;
    switch (on.from) {
        case OnFloor::From::bar:
            return {*s.axle == Axle::front ? m.bar_front : m.bar_rear, m.middle + out};
        case OnFloor::From::string: {
            const double x = m.axle(axle_of(*s.wheel)) + on.along;
            return {x, stringAt(m, side, x) + out};
        }
        case OnFloor::From::station_at_middle:
            return {stationX(m, s) + on.along, m.middle + out * (m.wheel_bottom - m.middle)};
        case OnFloor::From::station_at_string: {
            const double x = stationX(m, s) + on.along;
            return {x, stringAt(m, side, x) + out};
        }
        case OnFloor::From::wheel:
            return {m.axle(axle_of(*s.wheel)) + on.along, m.wheel_y(side) + out};
        case OnFloor::From::axle:
            break;
    }
    return {m.axle(s.axle.value_or(Axle::front)) + on.along, m.middle + out};
}

std::vector<Spot> FloorView::shown() const {
    std::vector<Spot> out = desk_.walk();
    if (asked_ && std::find(out.begin(), out.end(), *asked_) == out.end()) out.push_back(*asked_);
    return out;
}

FloorView::FloorView(JobDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    setAccessibleName(tr("The floor"));
    for (Wheel w : all_wheels) {
        wheels_[index_of(w)] = new WheelMark(this);
        wheels_[index_of(w)]->setAttribute(Qt::WA_TransparentForMouseEvents);
    }
}

void FloorView::setAsked(const std::optional<Spot>& spot) {
    asked_ = spot;
    refresh();
}

QWidget* FloorView::pointedAt() const {
    for (SpotMark* mark : spots_)
        if (asked_ && mark->isVisibleTo(this) && mark->spot() == *asked_) return mark;
    return nullptr;
}

void FloorView::resizeEvent(QResizeEvent*) {
    place();
}

void FloorView::place() {
    const Map m = mapping(QSizeF(size()) / zoom());
    const QTransform t = QTransform::fromScale(zoom(), zoom());
    for (SpotMark* mark : spots_) {
        QPointF at = spotPoint(m, mark->spot());
        at = t.map(at);
        mark->resize(px(34), px(40));
        mark->move((at - QPointF(mark->width() / 2.0, mark->height() / 2.0)).toPoint());
    }
    for (Wheel w : all_wheels) {
        const QPointF at = t.map(QPointF(m.axle(axle_of(w)), m.wheel_y(side_of(w))));
        wheels_[index_of(w)]->setGeometry(
            QRectF(at - QPointF(45, 25) * zoom(), QSizeF(90, 50) * zoom()).toRect());
    }
}

void FloorView::refresh() {
    if (!desk_.hasJob()) return;
    const Job& job = desk_.job();
    const int round = desk_.round();
    const auto wanted = wanted_spots(job, round);
    const auto spots = shown();
    // Marks are kept from one walk to the next: making widgets is slow.
    while (spots_.size() < spots.size()) {
        auto* mark = new SpotMark(this);
        spots_.push_back(mark);
        connect(mark, &QAbstractButton::clicked, this, [this, mark] { emit spotChosen(mark->spot()); });
    }
    for (std::size_t n = 0; n < spots_.size(); ++n) {
        SpotMark* mark = spots_[n];
        mark->setVisible(n < spots.size());
        if (n >= spots.size()) continue;
        const Spot& spot = spots[n];
        const auto here = readings_at(job, round, spot);
        bool suspect = false;
        for (const Check& c : desk_.answer().now.checks)
            suspect = suspect || (c.suspect && std::find(here.begin(), here.end(), c.entry) != here.end());
        QStringList values;
        for (std::size_t i : here) values << q(words::as_read(std::get<Reading>(desk_.log()[i].event)));
        const bool asked = asked_ && *asked_ == spot;
        mark->set(spot, desk_.number(spot),
                  asked           ? SpotMark::State::asked
                  : !here.empty() ? SpotMark::State::read
                  : std::find(wanted.begin(), wanted.end(), spot) != wanted.end()
                      ? SpotMark::State::to_do
                      : SpotMark::State::not_wanted,
                  suspect, values.join(QStringLiteral(" · ")));
        if (asked) mark->raise();
    }
    place();
    const auto lean = [&](const KnownAngle& k) {
        return q(fairchalk::show(k.value, how_) + " ± " + show_plus_minus(k.plus_minus(), how_));
    };
    for (Wheel w : all_wheels) {
        const WheelAngles& a = desk_.answer().now.wheels[index_of(w)];
        nameIt(wheels_[index_of(w)],
               tr("%1 wheel: toe %2")
                       .arg(q(words::wheel(w)), a.toe.known ? q(show_toe(a.toe.value, how_) + " ± " +
                                                                show_plus_minus(a.toe.plus_minus(), how_))
                                                            : tr("not known yet")) +
                   (a.camber.known ? tr(", camber %1").arg(lean(a.camber)) : QString()) +
                   (a.caster.known ? tr(", caster %1").arg(lean(a.caster)) : QString()));
    }
    update();
}

void FloorView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), Chalk::now().floor);
    p.setRenderHint(QPainter::Antialiasing);
    p.scale(zoom(), zoom());
    draw(p, QSizeF(size()) / zoom(), true);
}

/// Strings and bars where the round has them, and whatever else is set up. Whether there are strings.
bool FloorView::drawLines(QPainter& p, const Map& m) const {
    const Chalk& c = Chalk::now();
    const JobAnalysis& a = desk_.answer();
    std::array<bool, 2> string{};
    bool bars = false;
    for (const Spot& s : desk_.walk()) {
        const ReadingKind& kind = reading_kind(s.kind);
        if (kind.to_string()) string[index_of(side_of(*s.wheel))] = true;
        if (kind.on_floor(s).from == OnFloor::From::station_at_middle) string[index_of(*s.side)] = true;
        bars = bars || kind.place() == PlaceKind::bar;
    }
    p.setPen(c.stroke(c.soft, 1.3, Qt::DashLine));
    if (bars)
        for (double x : {m.bar_rear, m.bar_front})
            p.drawLine(QPointF(x, m.top_string - 6), QPointF(x, m.bottom_string + 6));
    for (Side side : both_sides) {
        if (!string[index_of(side)]) continue;
        const KnownAngle& skew = a.now.strings[index_of(side)].skew;
        const double out = side == Side::left ? -1.0 : 1.0;
        const QPointF rear(m.bar_rear, stringAt(m, side, m.bar_rear)),
            front(m.bar_front, stringAt(m, side, m.bar_front));
        if (skew.known) {
            stringLine(p, rear, front, c.string, 2.2);
        } else {
            p.setPen(c.stroke(c.string, 1.6, Qt::DashLine));
            p.drawLine(rear, front);
        }
        p.setPen(c.stroke(c.string, 2.4));
        for (const QPointF& end : {rear, front})
            p.drawPolyline(QPolygonF({end + QPointF(-7, out * 11), end, end + QPointF(7, out * 11)}));
        p.setFont(chalked(12));
        p.setPen(c.string);
        const QString name = side == Side::left ? tr("left string") : tr("right string");
        const QString lie = skew.known ? (std::abs(skew.value.arcmin()) < 0.5
                                              ? tr("%1: along the car").arg(name)
                                              : tr("%1: %2 %3 at the front, ±%4")
                                                    .arg(name, q(fairchalk::show(abs(skew.value), how_)),
                                                         skew.value.deg() > 0 ? tr("wide") : tr("narrow"),
                                                         q(show_plus_minus(skew.plus_minus(), how_))))
                                       : tr("%1: not known yet how it lies").arg(name);
        writeIn(p,
                QRectF(m.left + 50, m.string_y(side) + (side == Side::left ? -24 : 7), m.right - m.left - 100,
                       18),
                Qt::AlignCenter, lie);
    }
    const CarPlan plan{m.left, m.right, m.wheel_top, m.wheel_bottom};
    for (const Rig* rig : rigs_of(desk_.job(), desk_.round(), true))
        if (rig->use == RigUse::toe) drawRigOnFloor(p, *rig, plan, readAxles(desk_.walk()));
    return string[0] || string[1];
}

/// Rules from the wheels to the string, and across the car, where one was held.
void FloorView::drawRules(QPainter& p, const Map& m) const {
    const Chalk& c = Chalk::now();
    for (const Spot& s : shown()) {
        const bool asked = asked_ && *asked_ == s;
        if (readings_at(desk_.job(), desk_.round(), s).empty() && !asked) continue;
        p.setPen(asked ? c.stroke(c.string, 3) : c.stroke(c.soft, 1.2));
        const OnFloor on = reading_kind(s.kind).on_floor(s);
        if (on.from == OnFloor::From::string) {
            const double x = spotX(m, s);
            const double y0 = m.wheel_y(side_of(*s.wheel)), y1 = stringAt(m, side_of(*s.wheel), x);
            p.drawLine(QPointF(x, y0 + (y1 < y0 ? -16 : 16)), QPointF(x, y1));
        } else if (on.from == OnFloor::From::station_at_middle) {
            const double x = stationX(m, s);
            p.drawLine(QPointF(x, m.middle), QPointF(x, stringAt(m, *s.side, x)));
        } else if (on.over_hubs) {
            const double x = m.axle(*s.axle);
            p.drawLine(QPointF(x, m.wheel_top + 16), QPointF(x, m.wheel_bottom - 16));
        } else if (on.from == OnFloor::From::axle) {
            const double x = spotPoint(m, s).x();
            p.drawLine(QPointF(x, m.wheel_top - 18), QPointF(x, m.wheel_bottom + 18));
        }
    }
}

/// The wheel from behind, its lean enlarged, beside the wheel from above.
void FloorView::drawLean(QPainter& p, const Map& m, Wheel wheel) const {
    const KnownAngle& camber = desk_.answer().now.wheels[index_of(wheel)].camber;
    if (!camber.known) return;
    const Chalk& c = Chalk::now();
    const Side side = side_of(wheel);
    const double out = side == Side::left ? -1.0 : 1.0;  // away from the car on the picture is up on the left
    const QPointF at(m.axle(axle_of(wheel)) - 104, m.wheel_y(side));
    p.setPen(c.stroke(c.faint, 1.1, Qt::DashLine));
    p.drawLine(at + QPointF(0, -24), at + QPointF(0, 24));
    p.save();
    p.translate(at);
    // Seen from behind the left wheel's top leans out to the left.
    p.rotate(std::clamp(camber.value.deg() * leans_drawn, -widest_drawn, widest_drawn) * out);
    p.setPen(c.stroke(c.chalk, 2));
    p.setBrush(c.floor);
    p.drawRoundedRect(QRectF(-7, -22, 14, 44), 4, 4);
    p.restore();
}

/// Slabs, the car lightly, and the walk round it.
void FloorView::drawGround(QPainter& p, const Map& m, const QSizeF& size) const {
    const Chalk& c = Chalk::now();
    const double w = size.width(), h = size.height();
    p.setPen(QPen(c.floor_line, 1.5));
    for (int i = 1; i < 3; ++i) p.drawLine(QPointF(w * i / 3, 0), QPointF(w * i / 3, h));
    p.drawLine(QPointF(0, m.middle), QPointF(w, m.middle));
    if (desk_.practice()) chalkWord(p, QRectF(0, 0, w, h), tr("practice"));

    // The car, lightly.
    p.setBrush(Qt::NoBrush);
    p.setPen(c.stroke(c.faint, 1.6));
    QPainterPath body;
    const double nose = m.right + 74, tail = m.left - 50, half = (m.wheel_bottom - m.wheel_top) / 2 + 4;
    body.moveTo(tail + 6, m.middle - half * 0.92);
    body.cubicTo(m.left + 90, m.middle - half * 1.06, m.right - 60, m.middle - half * 1.04, nose - 8,
                 m.middle - half * 0.62);
    body.cubicTo(nose + 6, m.middle - half * 0.3, nose + 6, m.middle + half * 0.3, nose - 8,
                 m.middle + half * 0.62);
    body.cubicTo(m.right - 60, m.middle + half * 1.04, m.left + 90, m.middle + half * 1.06, tail + 6,
                 m.middle + half * 0.92);
    body.cubicTo(tail - 4, m.middle + half * 0.4, tail - 4, m.middle - half * 0.4, tail + 6,
                 m.middle - half * 0.92);
    p.drawPath(body);
    p.setPen(c.stroke(c.faint, 1.2, Qt::DashDotLine));
    p.drawLine(QPointF(m.left + 60, m.middle), QPointF(m.right - 60, m.middle));
    p.setPen(c.soft);
    p.setFont(chalked(12));
    writeIn(p, QRectF(m.left + 60, m.middle - 20, m.right - m.left - 120, 18), Qt::AlignCenter,
            tr("middle of the car"));
    writeIn(p, QRectF(nose + 2, m.middle - 10, 44, 20), Qt::AlignLeft | Qt::AlignVCenter, tr("front"));
    p.setPen(c.stroke(c.soft, 1.6));
    p.drawPolyline(QPolygonF({{nose - 22, m.middle - 6}, {nose - 8, m.middle}, {nose - 22, m.middle + 6}}));

    // The walk round the car.
    p.setPen(c.stroke(c.floor_line, 2));  // dots along so long a curve cost a sixth of the start
    p.drawRoundedRect(QRectF(m.bar_rear - 18, m.top_string - 58, m.bar_front - m.bar_rear + 36,
                             m.bottom_string - m.top_string + 116),
                      60, 60);
}

/// A wheel with its angle much enlarged, in the fan of its target.
void FloorView::drawWheel(QPainter& p, const Map& m, Wheel wheel) const {
    const Chalk& c = Chalk::now();
    const WheelAngles& angles = desk_.answer().now.wheels[index_of(wheel)];
    const double out =
        side_of(wheel) == Side::left ? 1.0 : -1.0;  // toe in points down on the left, which is on top
    const QPointF at(m.axle(axle_of(wheel)), m.wheel_y(side_of(wheel)));
    const double reach = std::min(190.0, (m.right - m.left) * 0.42);
    const auto drawn = [&](Angle toe) {
        return std::clamp(toe.deg() * wheels_drawn, -widest_drawn, widest_drawn) * out;
    };
    const auto fan = [&](Angle lo, Angle hi) {
        QPainterPath path(at);
        for (Angle t : {lo, hi}) {
            const double r = drawn(t) * 0.01745329;
            path.lineTo(at + QPointF(reach * std::cos(r), reach * std::sin(r)));
        }
        path.closeSubpath();
        return path;
    };
    if (const auto aim = wheelAim(desk_, wheel)) {
        p.setPen(c.stroke(c.target, 1.2));
        p.setBrush(hatch(c.target));
        p.drawPath(fan(aim->lo, aim->hi));
    }
    const bool known = angles.toe.known;
    if (known) {
        QColor dust = c.chalk;
        dust.setAlpha(120);
        p.setPen(Qt::NoPen);
        p.setBrush(dust);
        p.drawPath(
            fan(angles.toe.value - angles.toe.plus_minus(), angles.toe.value + angles.toe.plus_minus()));
        const double r = drawn(angles.toe.value) * 0.01745329;
        chalkLine(p, at, at + QPointF(reach * std::cos(r), reach * std::sin(r)), c.chalk, 1.6);
    }
    p.save();
    p.translate(at);
    if (known) p.rotate(drawn(angles.toe.value));
    p.setPen(c.stroke(c.chalk, 2.6, known ? Qt::SolidLine : Qt::DashLine));
    p.setBrush(c.floor);
    p.drawRoundedRect(QRectF(-40, -15, 80, 30), 7, 7);
    p.restore();
}

/// Words on the floor, what runs there ends at them.
void FloorView::sayOver(QPainter& p, const QRectF& at, int flags, const QString& says) const {
    const QFontMetricsF metrics(p.font());
    const double wide = std::min(at.width(), metrics.horizontalAdvance(says)), tall = metrics.height();
    const double top = (flags & Qt::AlignBottom) ? at.bottom() - tall : at.top();
    const double left = (flags & Qt::AlignRight) ? at.right() - wide : at.left();
    p.fillRect(QRectF(left - 3, top, wide + 6, tall), Chalk::now().floor);
    writeIn(p, at, flags, says);
}

/// What both wheels of an axle have together, between them, where neither is known by itself.
void FloorView::drawTotal(QPainter& p, const Map& m, Axle axle) const {
    const KnownAngle* both = onlyTogether(desk_.answer().now, axle);
    if (!both) return;
    const Chalk& c = Chalk::now();
    // Behind the axle: beside it are the words of its wheels.
    const QRectF text(m.axle(axle) - 40 - 160, m.middle + 14, 160, 38);
    p.setFont(chalked(12));
    p.setPen(c.soft);
    sayOver(p, text, Qt::AlignRight | Qt::AlignTop,
            axle == Axle::front ? tr("front total") : tr("rear total"));
    p.setFont(chalked(15, true));
    p.setPen(c.chalk);
    sayOver(p, text, Qt::AlignRight | Qt::AlignBottom,
            q(show_toe(both->value, how_) + "  ±" + show_plus_minus(both->plus_minus(), how_)));
}

/// The words beside it, toward the middle of the car.
void FloorView::drawWords(QPainter& p, const Map& m, Wheel wheel) const {
    const Chalk& c = Chalk::now();
    const WheelAngles& angles = desk_.answer().now.wheels[index_of(wheel)];
    const bool known = angles.toe.known;
    const QPointF at(m.axle(axle_of(wheel)), m.wheel_y(side_of(wheel)));
    const bool top = side_of(wheel) == Side::left;
    QStringList leans;
    if (angles.camber.known)
        leans << tr("camber %1 ±%2")
                     .arg(q(fairchalk::show(angles.camber.value, how_)),
                          q(show_plus_minus(angles.camber.plus_minus(), how_)));
    if (angles.caster.known)
        leans << tr("caster %1 ±%2")
                     .arg(q(fairchalk::show(angles.caster.value, how_)),
                          q(show_plus_minus(angles.caster.plus_minus(), how_)));
    const double below = leans.isEmpty() ? 0 : 4 + 17.0 * static_cast<double>(leans.size());
    const QRectF text(at.x() - 34, top ? at.y() + 26 : at.y() - 66 - below, 250, 42);
    p.setFont(chalked(13));
    p.setPen(c.chalk);
    writeIn(p, QRectF(text.left(), text.bottom() + 4, 250, below), Qt::AlignLeft | Qt::AlignTop,
            leans.join(QLatin1Char('\n')));
    p.setFont(chalked(12));
    p.setPen(c.soft);
    writeIn(p, text, Qt::AlignLeft | Qt::AlignTop, q(words::wheel(wheel)));
    p.setFont(chalked(15, true));
    p.setPen(known ? c.chalk : c.soft);
    QString says;
    if (known) {
        says = q(show_toe(angles.toe.value, how_) + "  ±" + show_plus_minus(angles.toe.plus_minus(), how_));
    } else if (angles.toe_to_rear.known) {
        says = tr("%1 to the rear wheel").arg(q(show_toe(angles.toe_to_rear.value, how_)));
    } else if (angles.toe_to_string.known) {
        says = tr("%1 to its string").arg(q(show_toe(angles.toe_to_string.value, how_)));
    } else {
        QStringList numbers;
        for (const Spot& s : angles.toe.needs)
            if (s.wheel && *s.wheel == wheel && desk_.isNumbered(s)) numbers << desk_.number(s);
        says = !numbers.isEmpty() ? tr("after %1").arg(numbers.join(QStringLiteral(" · ")))
               : onlyTogether(desk_.answer().now, axle_of(wheel)) ? tr("only together")
                                                                  : tr("not known yet");
    }
    sayOver(p, text, Qt::AlignLeft | Qt::AlignBottom, says);
}

void FloorView::draw(QPainter& p, const QSizeF& size, bool) const {
    const Chalk& c = Chalk::now();
    const Map m = mapping(size);
    const JobAnalysis& a = desk_.answer();
    const double w = size.width(), h = size.height();
    drawGround(p, m, size);
    const bool strings = drawLines(p, m);
    drawRules(p, m);
    for (Wheel wheel : all_wheels) {
        drawWheel(p, m, wheel);
        drawLean(p, m, wheel);
        drawWords(p, m, wheel);
    }
    for (Axle axle : both_axles) drawTotal(p, m, axle);
    p.setPen(c.soft);
    p.setFont(chalked(12));
    writeIn(p, QRectF(w - 330, h - 26, 316, 18), Qt::AlignRight,
            strings ? tr("wheels' angles drawn ×%1, strings ×%2").arg(wheels_drawn).arg(strings_drawn)
                    : tr("wheels' angles drawn ×%1").arg(wheels_drawn));
    if (a.now.thrust.known)
        writeIn(p, QRectF(14, h - 26, 420, 18), Qt::AlignLeft,
                tr("rear axle runs %1, ±%2")
                    .arg(q(words::thrust(a.now.thrust, how_)),
                         q(show_plus_minus(a.now.thrust.plus_minus(), how_))));
}

}  // namespace fairchalk::desk
