// SPDX-License-Identifier: GPL-3.0-or-later
#include "after/tires_guide.h"

#include <algorithm>

#include <QPointer>

#include "look/chalk.h"
#include "look/html.h"
#include "words/season_words.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

constexpr double tread_width = 210, tread_height = 240;

/// Seen from above, nose to the right: the left wheels above, the fronts at the right.
QRectF treadOf(Wheel w) {
    const double x = axle_of(w) == Axle::front ? 600 : 140, y = side_of(w) == Side::left ? 64 : 580;
    return {x, y, tread_width, tread_height};
}

/// The outer edge lies away from the car: above on the left side, below on the right.
QRectF bandOf(Wheel w, TreadPlace t) {
    const QRectF r = treadOf(w);
    const int n = side_of(w) == Side::left ? index_of(t) : 2 - index_of(t);
    return {r.left(), r.top() + n * r.height() / 3, r.width(), r.height() / 3};
}

QString idOf(Wheel w, TreadPlace t) {
    return q(std::string(name_of(w)) + " " + std::string(name_of(t)));
}

}  // namespace

void TiresGuide::enter() {
    wear_for_ = desk_.jobId();
    wear_.clear();
    desk_.season(desk_.book().car_of(desk_.jobId()),
                 [self = QPointer(this), job = wear_for_](JobDesk::Season season) {
                     if (!self || self->wear_for_ != job) return;
                     self->wear_ = wear_of(book::tires_of(season.visits));
                     emit self->said();
                 });
    chosen_ = idOf(Wheel::front_left, TreadPlace::outer);
}

std::optional<double> TiresGuide::at(Wheel w, TreadPlace t) const {
    const TireRead read = tires_of(desk_.job())[static_cast<std::size_t>(index_of(w))];
    return (warm_ ? read.temperature : read.depth)[static_cast<std::size_t>(index_of(t))];
}

std::vector<Place> TiresGuide::places() const {
    std::vector<Place> out;
    for (Wheel w : all_wheels)
        for (TreadPlace t : all_tread_places) {
            const auto v = at(w, t);
            out.push_back({idOf(w, t), bandOf(w, t), q(words::spot(tread_spot(kind(), w, t))),
                           !v      ? tr("to read")
                           : warm_ ? q(show_temperature(*v, how_))
                                   : q(fairchalk::show(Length::from_mm(*v), how_))});
        }
    return out;
}

QString TiresGuide::subtitle() const {
    return warm_ ? tr("temperatures, straight from the road") : tr("depth of tread");
}

std::optional<Spot> TiresGuide::asked() const {
    for (Wheel w : all_wheels)
        for (TreadPlace t : all_tread_places)
            if (idOf(w, t) == chosen_) return tread_spot(kind(), w, t);
    return std::nullopt;
}

QString TiresGuide::prompt() const {
    const bool metric = how_.lengths == Show::LengthStyle::mm;
    return warm_ ? (metric ? tr("71 C") : tr("160 F")) : (metric ? tr("5.5 mm") : tr("7/32 in"));
}

Expect TiresGuide::expected() const {
    const bool metric = how_.lengths == Show::LengthStyle::mm;
    if (warm_) return {Expect::Kind::temperature, metric ? Bare::celsius : Bare::fahrenheit};
    return {Expect::Kind::length, bareLength()};
}

std::optional<Bounded> TiresGuide::bounded() const {
    return reading_kind(kind()).bounded();
}

QString TiresGuide::keep(const QString& text) {
    const auto spot = asked();
    if (!spot) return tr("Point at a tread first.");
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) return q(words::sentence(quantity.error()));
    Reading r;
    r.spot = *spot;
    r.value = *quantity;
    desk_.record(r);
    moveOn([this](const QString& id) {
        for (Wheel w : all_wheels)
            for (TreadPlace t : all_tread_places)
                if (idOf(w, t) == id) return !at(w, t);
        return false;
    });
    emit changed();
    return {};
}

std::vector<Act> TiresGuide::acts() const {
    return {{QStringLiteral("warm"), warm_ ? tr("Depths instead") : tr("Temperatures instead")}};
}

void TiresGuide::act(const QString&) {
    warm_ = !warm_;
    emit changed();
}

QString TiresGuide::body() const {
    QString out;
    const TiresRead tires = tires_of(desk_.job());
    const Estimate& now = desk_.answer().now;
    for (Wheel w : all_wheels) {
        const TireRead& t = tires[static_cast<std::size_t>(index_of(w))];
        const AnglesWear angles = wear_by_angles(now, w);
        for (const auto& [pattern, is_hot] : {std::pair(worn(t), false), {hot(t), true}}) {
            if (!pattern) continue;
            out += line(strong(q(words::to_begin(words::wheel(w)))) + QStringLiteral(": ") +
                        (is_hot ? q(words::hot_at(*pattern)) : q(words::worn_at(*pattern))));
            out += line(soft(q(words::tire_verdict(*pattern, angles))));
        }
    }
    if (out.isEmpty()) out = line(soft(tr("Three places across a tread say what wears it.")));
    QString drag;
    for (Axle a : both_axles)
        if (const Sideways s = sideways_of(now.axles[static_cast<std::size_t>(index_of(a))].total_toe);
            s.known)
            drag += line(tr("%1: %2").arg(q(words::to_begin(words::axle(a))), q(words::sideways(s, how_))));
    if (!drag.isEmpty()) out += head(tr("What toe does to them")) + drag;
    if (!wear_.empty()) {
        out += head(tr("How fast they wear, outer · middle · inner"));
        for (const TireWear& w : wear_) out += line(q(words::wear(w, how_)));
    } else {
        out += line(
            soft(tr("With the odometer on the record's page (Ctrl+J), two such readings tell how fast they "
                    "wear.")));
    }
    return out;
}

QString TiresGuide::say() const {
    const auto spot = asked();
    return spot ? (warm_ ? tr("How warm is it: %1?") : tr("How deep is the tread: %1?"))
                      .arg(q(words::spot(*spot)))
                : title();
}

void TiresGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    drawCar(p, QRectF(240, 348, 480, 190));
    for (Wheel w : all_wheels) {
        const QRectF tread = treadOf(w);
        double most = 0.0, least = 1e9;
        for (TreadPlace t : all_tread_places)
            if (const auto v = at(w, t)) most = std::max(most, *v), least = std::min(least, *v);
        for (TreadPlace t : all_tread_places) {
            const QRectF band = bandOf(w, t);
            const auto v = at(w, t);
            p.setPen(c.stroke(idOf(w, t) == chosen_ ? c.string : c.soft, idOf(w, t) == chosen_ ? 3 : 1.4));
            p.setBrush(c.well);
            p.drawRoundedRect(band.adjusted(3, 3, -3, -3), 6, 6);
            if (!v) {
                drawText(p, band.adjusted(12, 0, -8, 0), Qt::AlignLeft | Qt::AlignVCenter,
                         t == TreadPlace::outer    ? tr("outer edge")
                         : t == TreadPlace::middle ? tr("middle")
                                                   : tr("inner edge"),
                         14, c.faint);
                continue;
            }
            // Grooves: as long as there is tread, or as it is warm, against the most of this tire.
            const double share = warm_ ? (most > least ? (*v - least) / (most - least) : 0.5)
                                       : std::clamp(*v / std::max(most, 8.0), 0.0, 1.0);
            p.setPen(c.stroke(c.chalk, 3));
            const double from = band.left() + 14, to = from + (band.width() - 110) * std::max(share, 0.03);
            for (double dy : {-14.0, 0.0, 14.0})
                p.drawLine(QPointF(from, band.center().y() + dy), QPointF(to, band.center().y() + dy));
            drawText(p, band.adjusted(band.width() - 96, 0, -10, 0), Qt::AlignRight | Qt::AlignVCenter,
                     warm_ ? q(show_temperature(*v, how_)) : q(fairchalk::show(Length::from_mm(*v), how_)),
                     17, c.chalk, true);
        }
        drawText(p,
                 side_of(w) == Side::left ? QRectF(tread.left(), tread.top() - 34, tread.width() + 100, 28)
                                          : QRectF(tread.left(), tread.bottom() + 4, tread.width() + 100, 28),
                 Qt::AlignLeft | Qt::AlignVCenter, q(words::to_begin(words::wheel(w))), 16, c.soft);
    }
}

}  // namespace fairchalk::desk
