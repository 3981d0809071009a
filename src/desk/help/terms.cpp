// SPDX-License-Identifier: GPL-3.0-or-later
#include "help/terms.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <numbers>

#include <QCoreApplication>
#include <QLocale>

#include "core/job/rig.h"
#include "core/network/estimate.h"
#include "core/reading/kinds/wheel_in_space.h"
#include "guide/drawn_guide.h"
#include "look/chalk.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {

double camber_when_steered(double caster_deg, double sai_deg, double out_deg) {
    const auto n = readings::swept_spindle(readings::spindle(0.0, 0.0, 1.0), caster_deg * one_degree,
                                           sai_deg * one_degree, 1.0, out_deg * one_degree);
    return -std::asin(n.z) / one_degree;
}

namespace {

struct Terms {
    Q_DECLARE_TR_FUNCTIONS(fairchalk::desk::Terms)
};

QString angle(double deg, const Show& how) {
    return q(fairchalk::show(Angle::from_deg(std::abs(deg)), how));
}
QString toe(double deg, const Show& how) {
    return q(show_toe(Angle::from_deg(deg), how));
}
QString length(double mm, const Show& how) {
    return q(fairchalk::show(Length::from_mm(mm), how));
}

void note(QPainter& p, const QRectF& at, const QString& text, double size = 15) {
    drawText(p, at, Qt::AlignCenter | Qt::TextWordWrap, text, size, Chalk::now().soft);
}

/// A wheel from above, turned clockwise on the page by so many degrees.
void fromAbove(QPainter& p, QPointF at, double deg, double half = 58) {
    const Chalk& c = Chalk::now();
    // In the place of the straight one that a drawn car has.
    p.fillRect(QRectF(at.x() - 40, at.y() - 17, 80, 34), c.panel);
    p.save();
    p.translate(at);
    p.rotate(deg);
    p.setPen(c.stroke(c.chalk, 2.6));
    p.setBrush(c.floor);
    p.drawRoundedRect(QRectF(-half, -half * 0.32, 2 * half, half * 0.64), 9, 9);
    p.setPen(c.stroke(c.string, 1.6, Qt::DashLine));
    p.drawLine(QPointF(-half * 1.5, 0), QPointF(half * 1.9, 0));
    p.restore();
}

/// A wheel from behind, its top leaning to the right by so many degrees.
void fromBehind(QPainter& p, QPointF ground, double deg, double tall = 250) {
    const Chalk& c = Chalk::now();
    p.save();
    p.translate(ground);
    p.rotate(deg);
    p.setPen(c.stroke(c.chalk, 2.6));
    p.setBrush(c.floor);
    p.drawRoundedRect(QRectF(-tall * 0.15, -tall, tall * 0.3, tall), 16, 16);
    p.setPen(c.stroke(c.string, 1.8));
    p.drawLine(QPointF(0, 16), QPointF(0, -tall - 40));
    p.restore();
    p.setPen(c.stroke(c.soft, 1.4, Qt::DashLine));
    p.drawLine(ground + QPointF(0, 16), ground + QPointF(0, -tall - 40));
    p.setPen(c.stroke(c.chalk, 2));
    p.drawLine(QPointF(40, ground.y()), QPointF(term_width - 40, ground.y()));
}

/// A bell of a mean and a sigma, in pixels.
void bell(QPainter& p, double mean, double sigma, double foot, double tall, const QColor& c) {
    QPolygonF line;
    for (int i = -60; i <= 60; ++i) {
        const double x = i / 60.0 * 3.5 * sigma;
        line << QPointF(mean + x, foot - tall * std::exp(-x * x / (2 * sigma * sigma)));
    }
    QColor dust = c;
    dust.setAlpha(60);
    p.setPen(Qt::NoPen);
    p.setBrush(dust);
    p.drawPolygon(line);
    p.setPen(Chalk::now().stroke(c, 2.4));
    p.setBrush(Qt::NoBrush);
    p.drawPolyline(line);
}

// Each: what it says, and how it is drawn.

constexpr double most_toe = 0.5;  // of each wheel, degrees; drawn many times as large

QString toeSays(double at, const Show& how) {
    const double each = at * most_toe;
    constexpr double span = 416;
    return Terms::tr("each wheel %1, total %2; the fronts of the rims are %3 %4 than their backs")
        .arg(toe(each, how), toe(2 * each, how),
             length(2 * span * std::sin(std::abs(each) * one_degree), how),
             each >= 0 ? Terms::tr("closer") : Terms::tr("wider"));
}
void toeDraws(QPainter& p, double at) {
    const QRectF car(150, 120, 400, 220);
    drawCar(p, car);
    for (Wheel w : {Wheel::front_left, Wheel::front_right})
        fromAbove(p, wheelOf(car, w), (side_of(w) == Side::left ? 1.0 : -1.0) * at * 22);
    note(p, {0, 16, term_width, 30}, Terms::tr("from above, front to the right; drawn 44 times as large"));
}

QString camberSays(double at, const Show& how) {
    return Terms::tr("the top leans %1 by %2")
        .arg(at < 0 ? Terms::tr("in: camber below zero") : Terms::tr("out: camber above zero"),
             angle(at * 3, how));
}
void camberDraws(QPainter& p, double at) {
    // The left wheel from behind: outward is to the left.
    fromBehind(p, {300, 400}, -at * 15);
    note(p, {360, 40, 340, 70},
         Terms::tr("the left wheel from behind, the car to its right; drawn 5 times as large"));
}

constexpr double term_caster = 6, term_sai = 12;

QString casterSays(double at, const Show& how) {
    const double out = at * 20, camber = camber_when_steered(term_caster, term_sai, out);
    return Terms::tr("caster %1: steered %2 by %3, the wheel's top leans %4 by %5")
        .arg(angle(term_caster, how), out < 0 ? Terms::tr("inward") : Terms::tr("outward"), angle(out, how),
             camber < 0 ? Terms::tr("inward") : Terms::tr("outward"), angle(camber, how));
}
void casterDraws(QPainter& p, double at) {
    const Chalk& c = Chalk::now();
    // From the left, front to the left: the axis leans back.
    const QPointF hub(170, 270);
    p.setPen(c.stroke(c.chalk, 2.6));
    p.setBrush(Qt::NoBrush);
    p.drawEllipse(hub, 120, 120);
    p.drawEllipse(hub, 70, 70);
    p.setPen(c.stroke(c.chalk, 2));
    p.drawLine(QPointF(20, 390), QPointF(330, 390));
    p.save();
    p.translate(hub);
    p.rotate(term_caster * 2.5);
    p.setPen(c.stroke(c.string, 3));
    p.drawLine(QPointF(0, -150), QPointF(0, 120));
    p.restore();
    p.setPen(c.stroke(c.soft, 1.4, Qt::DashLine));
    p.drawLine(hub - QPointF(0, 150), hub + QPointF(0, 120));
    note(p, {20, 40, 310, 70}, Terms::tr("from the left, front to the left: the steering axis leans back"));
    const double camber = camber_when_steered(term_caster, term_sai, at * 20);
    p.save();
    p.translate(370, 0);
    p.setClipRect(QRectF(-20, 0, 340, term_height));
    fromBehind(p, {170, 390}, -camber * 5, 200);
    p.restore();
    fromAbove(p, {620, 90}, -at * 20, 40);
    note(p, {400, 20, 170, 60}, Terms::tr("from behind, and from above"));
}

QString thrustSays(double at, const Show& how) {
    const double deg = at * 0.6;
    return Terms::tr(
               "the rear axle points %1 to the %2: the car runs straight along that line, with its "
               "front wheels and its steering wheel turned to the %2")
        .arg(angle(deg, how), deg >= 0 ? Terms::tr("right") : Terms::tr("left"));
}
void thrustDraws(QPainter& p, double at) {
    const Chalk& c = Chalk::now();
    const QRectF car(60, 130, 380, 200);
    drawCar(p, car);
    const double deg = at * 24;
    for (Wheel w : all_wheels) fromAbove(p, wheelOf(car, w), deg, 44);
    const QPointF rear((wheelOf(car, Wheel::rear_left) + wheelOf(car, Wheel::rear_right)) / 2);
    p.setPen(c.stroke(c.target, 3));
    p.save();
    p.translate(rear);
    p.rotate(deg);
    p.drawLine(QPointF(0, 0), QPointF(430, 0));
    p.drawPolyline(QPolygonF({{414, -9}, {430, 0}, {414, 9}}));
    p.restore();
    drawSteeringWheel(p, {640, 370}, 56, Angle::from_deg(at * 40), c.chalk);
    note(p, {0, 16, term_width, 30}, Terms::tr("from above, front to the right; drawn 40 times as large"));
}

QString runoutSays(double at, const Show& how) {
    const double wobble = 1.2 * std::sin(at * std::numbers::pi);
    return Terms::tr("rolled to here the rule shows %1; half a turn on, %2; their mean, %3, is the wheel's")
        .arg(length(113 + wobble, how), length(113 - wobble, how), length(113, how));
}
void runoutDraws(QPainter& p, double at) {
    const Chalk& c = Chalk::now();
    const double lean = 7 * std::sin(at * std::numbers::pi);
    stringLine(p, {60, 60}, {660, 60}, c.string, 2.4);
    p.setPen(c.stroke(c.soft, 1.6, Qt::DashLine));
    p.drawLine(QPointF(100, 300), QPointF(620, 300));
    fromAbove(p, {360, 300}, lean, 200);
    const double y = 300 + 170 * std::sin(lean * one_degree) - 60;
    p.setPen(c.stroke(c.target, 4));
    p.drawLine(QPointF(530, 62), QPointF(530, y));
    note(p, {60, 400, 600, 40}, Terms::tr("a bent rim, from above, as the wheel is rolled a whole turn"));
}

QString spanSays(double at, const Show& how) {
    const double span = 450 + at * 200;
    return Terms::tr("the same toe, 0°12': over %1 it is %2")
        .arg(length(span, how), length(span * std::sin(0.2 * one_degree), how));
}
void spanDraws(QPainter& p, double at) {
    const Chalk& c = Chalk::now();
    const double half = (450 + at * 200) / 650.0 * 280;
    stringLine(p, {40, 70}, {680, 70}, c.string, 2.4);
    p.save();
    p.translate(360, 250);
    p.rotate(6);
    p.setPen(c.stroke(c.chalk, 2.6));
    p.drawLine(QPointF(-310, 0), QPointF(310, 0));
    p.setPen(c.stroke(c.target, 6));
    p.drawLine(QPointF(-half, 0), QPointF(half, 0));
    p.restore();
    for (double side : {-1.0, 1.0}) {
        const double x = 360 + side * half * std::cos(6 * one_degree),
                     y = 250 + side * half * std::sin(6 * one_degree);
        chalkLine(p, {x, 72}, {x, y}, c.soft, 2);
    }
    note(p, {60, 390, 600, 50},
         Terms::tr("the distance between the two places that are read: lips of the rim, slots of a board"));
}

int readingsOf(double at) {
    return 1 + static_cast<int>(std::lround((at + 1) / 2 * 15));
}
QString plusMinusSays(double at, const Show& how) {
    const int n = readingsOf(at);
    return Terms::tr("%1 of the same place, each good to ±%2: their mean is good to ±%3")
        .arg(Terms::tr("%n readings", "one reading", n), length(0.6, how), length(0.6 / std::sqrt(n), how));
}
void plusMinusDraws(QPainter& p, double at) {
    const Chalk& c = Chalk::now();
    const double sigma = 90 / std::sqrt(static_cast<double>(readingsOf(at)));
    bell(p, 360, sigma, 360, 260, c.string);
    p.setPen(c.stroke(c.chalk, 2));
    p.drawLine(QPointF(40, 360), QPointF(680, 360));
    p.setPen(c.stroke(c.target, 4));
    p.drawLine(QPointF(360 - k95 * sigma, 380), QPointF(360 + k95 * sigma, 380));
    note(p, {60, 396, 600, 50}, Terms::tr("the ± holds 19 of 20: as often as that the truth lies inside it"));
}

constexpr double band_half = 120, term_sigma = 40;
double middleOf(double at) {
    return 360 + at * 280;
}
QString closeSays(double at, const Show&) {
    const double off = std::abs(middleOf(at) - 360), pm = k95 * term_sigma;
    return off + pm <= band_half   ? Terms::tr("inside: all of its ± lies within the target")
           : off - pm >= band_half ? (at < 0 ? Terms::tr("outside, below: none of its ± reaches the target")
                                             : Terms::tr("outside, above: none of its ± reaches the target"))
                                   : Terms::tr(
                                         "too close to call: its ± lies across an edge of the target. "
                                         "One more reading decides, and nothing is turned on a guess.");
}
void closeDraws(QPainter& p, double at) {
    const Chalk& c = Chalk::now();
    p.setPen(c.stroke(c.target, 1.6));
    p.setBrush(hatch(c.target));
    p.drawRect(QRectF(360 - band_half, 120, 2 * band_half, 240));
    bell(p, middleOf(at), term_sigma, 360, 200, c.string);
    p.setPen(c.stroke(c.string, 4));
    p.drawLine(QPointF(middleOf(at) - k95 * term_sigma, 380), QPointF(middleOf(at) + k95 * term_sigma, 380));
    note(p, {360 - band_half, 84, 2 * band_half, 30}, Terms::tr("the target"));
}

int spotOf(double at) {
    return std::clamp(static_cast<int>(std::lround((at + 1) / 2 * 13)), 0, 13);
}
QString spotSays(double at, const Show&) {
    const auto n = static_cast<std::size_t>(spotOf(at));
    return Terms::tr("%1: %2").arg(n + 1).arg(q(words::spot(string_walk()[n])));
}
void spotDraws(QPainter& p, double at) {
    const Chalk& c = Chalk::now();
    const QRectF car(150, 130, 420, 200);
    drawCar(p, car);
    stringLine(p, {70, 60}, {650, 54}, c.string, 2);
    stringLine(p, {70, 400}, {650, 408}, c.string, 2);
    const auto& walk = string_walk();
    for (std::size_t i = 0; i < walk.size(); ++i) {
        const Spot& s = walk[i];
        QPointF here(s.axle && *s.axle == Axle::front ? 650 : 70, 230);
        if (s.wheel) {
            const double along = reading_kind(s.kind).on_floor(s).along;
            const bool left = side_of(*s.wheel) == Side::left;
            here = wheelOf(car, *s.wheel) + QPointF(along, left ? -34 : 34);
        }
        const bool now = static_cast<int>(i) == spotOf(at);
        p.setPen(c.stroke(now ? c.string : c.soft, now ? 3 : 1.6));
        p.setBrush(static_cast<int>(i) < spotOf(at) ? QBrush(c.string) : QBrush(c.floor));
        p.drawEllipse(here, now ? 13 : 6, now ? 13 : 6);
    }
}

constexpr std::array pass_toe = {0.42, 0.17, 0.10};
int passOf(double at) {
    return std::clamp(static_cast<int>((at + 1) / 2 * 3), 0, 2);
}
QString passSays(double at, const Show& how) {
    const auto n = static_cast<std::size_t>(passOf(at));
    return n == 0
               ? Terms::tr("read: total toe %1. It is turned as the sheet says.").arg(toe(pass_toe[n], how))
           : n == 1 ? Terms::tr(
                          "read again, what the turn spoiled: %1. What a turn does on this car is known "
                          "better now.")
                          .arg(toe(pass_toe[n], how))
                    : Terms::tr("and once more: %1, inside. The nuts are locked.").arg(toe(pass_toe[n], how));
}
void passDraws(QPainter& p, double at) {
    const Chalk& c = Chalk::now();
    const auto x = [](double deg) { return 120 + deg * 1100; };
    p.setPen(c.stroke(c.target, 1.6));
    p.setBrush(hatch(c.target));
    p.drawRect(QRectF(x(0.05), 70, x(0.15) - x(0.05), 330));
    for (int n = 0; n <= passOf(at); ++n) {
        const double y = 130 + n * 105;
        bell(p, x(pass_toe[static_cast<std::size_t>(n)]), n == 0 ? 34 : 24, y, 64,
             n == passOf(at) ? c.string : c.soft);
        note(p, {10, y - 40, 130, 40}, Terms::tr("pass %1").arg(n + 1));
    }
}

std::vector<Term> inThisLanguage() {
    return {
        {"toe", Terms::tr("Toe"),
         Terms::tr(
             "Which way the wheels of an axle point. Toed in, their fronts are closer together than "
             "their backs; toed out, wider. It wears tires like nothing else, and is set by the tie rods."),
         Terms::tr("turn both wheels"), 0.5, toeSays, toeDraws},
        {"camber", Terms::tr("Camber"),
         Terms::tr("How far a wheel leans, seen from behind. It is below zero where the top leans in."),
         Terms::tr("lean the wheel"), -0.5, camberSays, camberDraws},
        {"caster", Terms::tr("Caster"),
         Terms::tr("How far the steering axis leans back, seen from the side. Nobody sees that axis: but as "
                   "the wheel is steered it changes the camber, and by that it is measured."),
         Terms::tr("steer the wheel"), -0.6, casterSays, casterDraws},
        {"thrust", Terms::tr("Thrust"),
         Terms::tr(
             "Where the rear axle points. The car goes there, whatever the front wheels are set to, and "
             "the steering wheel sits crooked by it."),
         Terms::tr("point the rear axle"), 0.5, thrustSays, thrustDraws},
        {"run-out", Terms::tr("Run-out"),
         Terms::tr(
             "A rim or its seat is never quite true, so that a reading depends on how far the wheel was "
             "rolled. Read twice, half a turn apart, it falls out."),
         Terms::tr("roll the wheel"), 0.5, runoutSays, runoutDraws},
        {"span", Terms::tr("Span"),
         Terms::tr(
             "Toe as a length means nothing without the distance it is measured over: the same angle is "
             "more on a longer one."),
         Terms::tr("read further apart"), -0.5, spanSays, spanDraws},
        {"plus-minus", Terms::tr("±"),
         Terms::tr("How far the truth may lie from the figure. It comes of the tool, the hand, the rims and "
                   "how often a place was read."),
         Terms::tr("read it more often"), -1.0, plusMinusSays, plusMinusDraws},
        {"too-close", Terms::tr("Too close to call"),
         Terms::tr("The third answer beside inside and outside."), Terms::tr("move the angle"), 0.4,
         closeSays, closeDraws},
        {"spot", Terms::tr("Spot"),
         Terms::tr("One place where one reading is taken. Their numbers follow the shortest walk round the "
                   "car."),
         Terms::tr("walk round the car"), -1.0, spotSays, spotDraws},
        {"pass", Terms::tr("Pass"),
         Terms::tr("Reading, turning, and reading again what that spoiled. Two are usual: the first turn of "
                   "an adjuster is by what such cars do, the second by what this one did."),
         Terms::tr("go on to the next pass"), -1.0, passSays, passDraws},
    };
}

}  // namespace

const std::vector<Term>& terms() {
    // A window is made anew in another language, and those of the one before stay where they are until then.
    static std::map<QString, std::vector<Term>> known;
    auto& all = known[QLocale().name()];
    if (all.empty()) all = inThisLanguage();
    return all;
}

const Term* term_named(const QString& id) {
    for (const Term& t : terms())
        if (id == QLatin1String(t.id)) return &t;
    return nullptr;
}

}  // namespace fairchalk::desk
