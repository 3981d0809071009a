// SPDX-License-Identifier: GPL-3.0-or-later
#include "lock/lock_guide.h"

#include <algorithm>
#include <cmath>
#include <numbers>

#include <QLineF>

#include "core/car/adjuster.h"
#include "core/reading/making.h"
#include "look/chalk.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

QString part(const JobDesk& desk, const std::string& adjuster) {
    const int place = desk.car().place_of(adjuster);
    return place < 0 ? q(adjuster)
                     : q(words::adjuster(desk.car().adjusters[static_cast<std::size_t>(place)]));
}

Axle axleAt(const JobDesk& desk, const std::string& adjuster) {
    const Adjuster* a = desk.car().adjuster(adjuster);
    return axle_of(a ? wheel_of(*a) : Wheel::front_left);
}

}  // namespace

std::vector<std::string> LockGuide::unlocked() const {
    return unlocked_adjusters(desk_.job());
}

std::string LockGuide::current() const {
    const auto all = unlocked();
    for (const std::string& id : all)
        if (q(id) == chosen_) return id;
    return all.empty() ? std::string() : all.front();
}

std::optional<double> LockGuide::torque(const std::string& adjuster) const {
    const Adjuster* a = desk_.car().adjuster(adjuster);
    const auto t = a ? words::torque(desk_.car(), *a) : std::nullopt;
    if (!t) return std::nullopt;
    const auto quantity = read_quantity(*t, {Expect::Kind::torque, Bare::nm});
    return quantity ? std::optional(quantity->value) : std::nullopt;
}

void LockGuide::enter() {
    extension_.reset();
    chosen_ = q(current());
}

namespace {

const QRectF car_box(190, 168, 580, 190);

/// Where the nuts of the car's adjusters are on that drawing: beside the wheel, or between the two of an
/// axle; several of one wheel one after the other inward.
std::vector<QPointF> nutsOn(const CarCard& car) {
    std::vector<QPointF> out;
    for (const Adjuster& a : car.adjusters) {
        const Wheel w = wheel_of(a);
        const QPointF hub = wheelOf(car_box, w);
        const AdjusterKind* kind = adjuster_kind(a.kind);
        const bool middle = !a.wheel || (kind && kind->across());
        const double along = a.rod == RodSide::behind_axle ? -44.0 : 44.0;
        QPointF at(hub.x() + along,
                   middle ? car_box.center().y() : hub.y() + (side_of(w) == Side::left ? 26.0 : -26.0));
        const auto taken = [&] {
            return std::any_of(out.begin(), out.end(),
                               [&](QPointF other) { return QLineF(at, other).length() < 38.0; });
        };
        while (taken()) at.rx() += along > 0 ? 40.0 : -40.0;
        out.push_back(at);
    }
    return out;
}

/// A nut from above.
void drawNut(QPainter& p, QPointF at, double r) {
    QPolygonF hexagon;
    for (int i = 0; i <= 6; ++i)
        hexagon << at + r * QPointF(std::cos(i * std::numbers::pi / 3), std::sin(i * std::numbers::pi / 3));
    p.drawPolygon(hexagon);
}

}  // namespace

/// Two columns where they are many; each as high as there is room.
std::vector<Place> LockGuide::places() const {
    std::vector<Place> out;
    const auto all = unlocked();
    const bool two = all.size() > 4;
    const std::size_t rows = two ? (all.size() + 1) / 2 : all.size();
    const double each = std::min(112.0, 480.0 / static_cast<double>(std::max<std::size_t>(1, rows)));
    for (std::size_t i = 0; i < all.size(); ++i) {
        const auto t = torque(all[i]);
        const double x = two && i >= rows ? 486.0 : 60.0,
                     y = 424.0 + each * static_cast<double>(i % std::max<std::size_t>(1, rows));
        out.push_back({q(all[i]), QRectF(x, y, two ? 414.0 : 840.0, each - 12), part(desk_, all[i]),
                       t ? tr("%1, from the card").arg(torqueText(*t))
                         : tr("torque not on the card: the manual has it")});
    }
    return out;
}

QString LockGuide::title() const {
    return unlocked().empty() ? tr("Nothing to lock") : tr("Lock what was turned");
}
QString LockGuide::subtitle() const {
    return current().empty() ? tr("all that was turned is locked") : part(desk_, current());
}
QString LockGuide::prompt() const {
    const bool inch = how_.lengths == Show::LengthStyle::inch;
    if (!torque(current())) return inch ? tr("40 lb ft") : tr("55 Nm");
    return inch ? tr("16 in 4 in") : tr("400 mm 100 mm");
}

/// A torque with its unit: a number alone may be a length.
std::optional<Quantity> LockGuide::torqueIn(const QString& text) {
    const bool unit = std::any_of(text.begin(), text.end(), [](QChar c) { return c.isLetter(); });
    const auto read = read_quantity(text.toStdString(), {Expect::Kind::torque, Bare::nm});
    return unit && read && read->value > 0.0 ? std::optional(*read) : std::nullopt;
}

/// Two lengths, each in its own notation, and perhaps an angle; nothing where that is not what was typed.
std::optional<LockGuide::Extension> LockGuide::extensionOf(const QString& text) {
    const QStringList words = text.simplified().split(QLatin1Char(' '), Qt::SkipEmptyParts);
    const auto read = [&](qsizetype from, qsizetype to, Expect::Kind kind,
                          Bare bare) -> std::optional<double> {
        if (from >= to) return std::nullopt;
        const auto quantity =
            read_quantity(words.mid(from, to - from).join(QLatin1Char(' ')).toStdString(), {kind, bare});
        if (!quantity || quantity->value < 0.0) return std::nullopt;
        return quantity->value;
    };
    // Where the one ends and the next begins is where each of them can be read; two lengths before an angle.
    const qsizetype n = words.size();
    for (qsizetype end : {n, qsizetype(0)})
        for (qsizetype a = n - 1; a > 0; --a)
            for (qsizetype b = end == n ? n : n - 1; b > a; --b) {
                const auto wrench = read(0, a, Expect::Kind::length, Bare::mm),
                           extension = read(a, b, Expect::Kind::length, Bare::mm);
                const auto angle = b == n ? std::optional(0.0) : read(b, n, Expect::Kind::angle, Bare::deg);
                if (end == n && b != n) break;
                if (!wrench || !extension || !angle || *wrench <= 0 || *wrench + *extension > 5000 ||
                    *angle >= 90)
                    continue;
                return Extension{*wrench, *extension, *angle};
            }
    return std::nullopt;
}

/// In the unit in which the card has it, to a tenth.
QString LockGuide::torqueText(double nm) const {
    const bool pounds =
        std::any_of(desk_.car().torques.begin(), desk_.car().torques.end(),
                    [](const TorqueOnCard& t) { return t.torque.find("lb") != std::string::npos; });
    constexpr double nm_in_pound_foot = 1.3558179483;
    return pounds ? tr("%1 lb ft").arg(std::round(10 * nm / nm_in_pound_foot) / 10)
                  : tr("%1 Nm").arg(std::round(10 * nm) / 10);
}

double LockGuide::toSet(double torque, const Extension& with) {
    return torque_to_set(torque, Length::from_mm(with.wrench), Length::from_mm(with.extension),
                         Angle::from_deg(with.angle));
}

/// Why that can't be taken; empty where it can.
QString LockGuide::wrong(const QString& text) const {
    const auto known = torque(current());
    const bool lengths = extensionOf(text).has_value();
    if (torqueIn(text))
        return known ? tr("The card has %1 for it; it is changed there (Ctrl+I).").arg(torqueText(*known))
                     : QString();
    if (!known)
        return lengths
                   ? tr("With the torque the sum can be done: first type that, from the manual, like “%1”.")
                         .arg(prompt())
                   : tr("“%1” is no torque: type it from the manual with its unit, like “55 Nm” or “40 lb "
                        "ft”.")
                         .arg(text.trimmed());
    return lengths ? QString()
                   : tr("Two lengths are wanted, and an angle under 90° if it is not in line: “400 mm 100 mm "
                        "30 deg”.");
}

Understood LockGuide::understand(const QString& text) const {
    const auto t = torque(current());
    if (text.trimmed().isEmpty())
        return {soft(t ? tr("Where the wrench does not reach: its length and that of what is put on it, like "
                            "“%1”, and the angle if it is not in line.")
                             .arg(prompt())
                       : tr("Its torque, from the manual: it goes onto the card of this car.")),
                true};
    if (const QString why = wrong(text); !why.isEmpty()) return {warn(why), false};
    const auto with = extensionOf(text);
    if (!with || !t)
        return {QStringLiteral("⟨b⟩= %1⟨/b⟩ %2")
                    .arg(q(torqueIn(text)->text),
                         soft(tr("onto the card, as “%1”")
                                  .arg(q(words::nut_on_card(*desk_.car().adjuster(current())))))),
                true};
    return {QStringLiteral("⟨b⟩= %1⟨/b⟩ %2")
                .arg(tr("set the wrench to %1").arg(torqueText(toSet(*t, *with))),
                     soft(tr("so that %1 arrive").arg(torqueText(*t)))),
            true};
}

QString LockGuide::keep(const QString& text) {
    if (text.trimmed().isEmpty()) {
        step(+1);
        return {};
    }
    if (const QString why = wrong(text); !why.isEmpty()) return why;
    if (const auto t = torqueIn(text)) {
        book::WrittenCard card = desk_.writtenCard();
        card.put_torque(words::nut_on_card(*desk_.car().adjuster(current())), t->text);
        desk_.editCard(card);
    } else {
        extension_ = extensionOf(text);
    }
    emit changed();
    return {};
}

std::vector<Act> LockGuide::acts() const {
    std::vector<Act> out;
    bool front = false, rear = false;
    for (const std::string& id : unlocked()) (axleAt(desk_, id) == Axle::front ? front : rear) = true;
    if (front) out.push_back({"front", tr("The front is locked"), true, false, 0});
    if (rear) out.push_back({"rear", tr("The rear is locked"), !front, false, 1});
    // Whether it moved is told by the same few readings.
    if (!front && !rear) out.push_back(goOn(Stage::read));
    out.push_back({"back", tr("Back"), false, false, 2});
    return out;
}

void LockGuide::act(const QString& id) {
    if (id == "back") return emit pageWanted({});
    if (id == "go-on") return emit stageWanted(Stage::read);
    desk_.happened(ChangeKind::locked, id == "front" ? Axle::front : Axle::rear);
    extension_.reset();
    chosen_ = q(current());
    emit changed();
}

QString LockGuide::body() const {
    const std::string id = current();
    QString out;
    if (!id.empty()) {
        const Adjuster* d = desk_.car().device(id);
        out +=
            line(tr("⟨b⟩Mark⟨/b⟩ it with chalk across thread and nut, or across plate and frame: what moved "
                    "is then seen."));
        out += line(d ? q(words::locking(*d))
                      : tr("⟨b⟩Hold⟨/b⟩ the rod with one wrench and its end level, ⟨b⟩tighten⟨/b⟩ the nut "
                           "with the other. "
                           "Both joints still free to tilt the same way."));
        const auto t = torque(id);
        out += line(
            t ? tr("Torque from the card: ⟨b⟩%1⟨/b⟩.").arg(torqueText(*t))
              : warn(tr("Its torque is not on the card: type it from the manual; it goes onto the card.")));
        if (extension_ && t)
            out += line(tr("With %1 on a wrench of %2, set ⟨b⟩%3⟨/b⟩.")
                            .arg(q(fairchalk::show(Length::from_mm(extension_->extension), how_)),
                                 q(fairchalk::show(Length::from_mm(extension_->wrench), how_)),
                                 torqueText(toSet(*t, *extension_))));
        for (const LockShift& l : desk_.answer().now.locks)
            if (const QString shift = q(words::lock_shift(l, how_)); l.adjuster == id && !shift.isEmpty())
                out +=
                    line(tr("On this car locking it moves the %1 (seen %2 times); the plan has aimed ahead "
                            "of it.")
                             .arg(shift)
                             .arg(l.seen));
        out +=
            line(warn(tr("New split pins and self-locking nuts where the manual has them; thread engaged "
                         "as far as it asks.")));
    }
    const QStringList loose = looseThings(desk_.job());
    out += head(tr("Still loose"));
    if (loose.empty()) out += line(tr("Nothing is loose."));
    for (const QString& one : loose) out += line(one);
    if (!loose_list(desk_.job()).empty())
        out += line(soft(tr("Each is ticked off on the Drive stage; none may be left when the car moves.")));
    return out;
}

QString LockGuide::say() const {
    return unlocked().empty() ? tr("All that was turned is locked; the readings tell whether it moved.")
                              : tr("Tightening moves cams and rods with left and right threads: mark, hold, "
                                   "tighten, then read again.");
}

bool LockGuide::wasTurned(const std::string& adjuster) const {
    const auto& log = desk_.log();
    for (std::size_t i = 0; i < log.size(); ++i)
        if (const Turn* t = std::get_if<Turn>(&log[i].event);
            t && t->adjuster == adjuster && desk_.job().live(i))
            return true;
    return false;
}

void LockGuide::drawNuts(QPainter& p) const {
    const Chalk& c = Chalk::now();
    drawCar(p, car_box);
    const auto open = unlocked();
    const auto nuts = nutsOn(desk_.car());
    for (std::size_t i = 0; i < nuts.size(); ++i) {
        const std::string& id = desk_.car().adjusters[i].id;
        const auto it = std::find(open.begin(), open.end(), id);
        p.setBrush(c.floor);
        if (it == open.end()) {
            p.setPen(c.stroke(c.faint, 1.6));
            drawNut(p, nuts[i], 12);
            // A tick says that it was turned here and is locked again; of the others nothing is said.
            if (wasTurned(id)) drawState(p, nuts[i], CheckState::good, false);
            continue;
        }
        p.setPen(c.stroke(c.string, id == current() ? 3.4 : 2));
        drawNut(p, nuts[i], 18);
        drawText(p, QRectF(nuts[i] - QPointF(16, 13), QSizeF(32, 26)), Qt::AlignCenter,
                 QString::number(it - open.begin() + 1), 13, c.chalk, true);
        if (id == current()) p.setBrush(Qt::NoBrush), p.drawEllipse(nuts[i], 27, 27);
    }
}

void LockGuide::drawRow(QPainter& p, const Place& place, int number) const {
    const Chalk& c = Chalk::now();
    const QRectF b = place.at;
    const bool wide = b.width() > 600 && b.height() > 80;
    drawText(p, {b.left() + 14, b.top(), 40, b.height()}, Qt::AlignLeft | Qt::AlignVCenter,
             QString::number(number), 17, c.string, true);
    const QRectF words(b.left() + 54, b.top() + 4, wide ? 400 : b.width() - 62, b.height() - 8);
    drawText(p, {words.left(), words.top(), words.width(), words.height() * 0.54},
             Qt::AlignLeft | Qt::AlignBottom, place.name, 16, c.chalk, true);
    drawText(p, {words.left(), words.top() + words.height() * 0.56, words.width(), words.height() * 0.44},
             Qt::AlignLeft | Qt::AlignTop, place.value, 13, c.soft);
    if (!wide) return;
    // A rod with its nut, the chalk mark across both, and two wrenches: one holds, one turns.
    const double y = b.center().y() + 6, x = b.left() + 510;
    p.setPen(c.stroke(c.chalk, 2.2));
    p.setBrush(Qt::NoBrush);
    if (desk_.car().rod(place.id.toStdString())) {
        p.drawRect(QRectF(x, y - 7, 90, 14));
        p.drawRect(QRectF(x + 90, y - 15, 26, 30));
        p.drawRoundedRect(QRectF(x + 120, y - 11, 90, 22), 6, 6);
        p.setPen(c.stroke(c.string, 3));
        p.drawLine(QPointF(x + 70, y - 12), QPointF(x + 150, y + 4));
        p.setPen(c.stroke(c.soft, 4));
        p.drawLine(QPointF(x + 30, y + 8), QPointF(x + 18, y + 36));
        p.drawLine(QPointF(x + 103, y - 16), QPointF(x + 124, y - 44));
        drawText(p, {x - 82, y + 14, 90, 20}, Qt::AlignRight, tr("hold"), 12, c.soft);
    } else {
        // A bolt's head with the mark across it and what it sits on.
        p.drawRect(QRectF(x, y + 2, 190, 12));
        p.drawPolygon(QPolygonF({{x + 72, y - 18},
                                 {x + 118, y - 18},
                                 {x + 130, y},
                                 {x + 118, y + 2},
                                 {x + 72, y + 2},
                                 {x + 60, y}}));
        p.setPen(c.stroke(c.string, 3));
        p.drawLine(QPointF(x + 88, y - 18), QPointF(x + 84, y + 14));
        p.setPen(c.stroke(c.soft, 4));
        p.drawLine(QPointF(x + 110, y - 20), QPointF(x + 124, y - 44));
    }
    drawText(p, {x + 132, y - 46, 110, 20}, Qt::AlignLeft, tr("tighten"), 12, c.string);
}

void LockGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    drawText(p, {60, 30, 840, 40}, Qt::AlignLeft, title(), 22, c.chalk, true);
    drawText(p, {60, 76, 840, 30}, Qt::AlignLeft,
             unlocked().empty() ? tr("each nut of this car, where it sits")
                                : tr("mark · hold · tighten · read again"),
             15, c.soft);
    drawNuts(p);
    int number = 0;
    for (const Place& place : places()) drawRow(p, place, ++number);
}

}  // namespace fairchalk::desk
