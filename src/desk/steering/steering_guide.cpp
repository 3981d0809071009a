// SPDX-License-Identifier: GPL-3.0-or-later
#include "steering/steering_guide.h"

#include <algorithm>
#include <cmath>

#include "core/job/staleness.h"
#include "look/chalk.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

Spot carSpot(ReadingId kind, std::optional<Side> side = {}) {
    Spot s;
    s.kind = kind;
    s.side = side;
    return s;
}

/// Both front wheels from above, front up, steered by `steer` (to the right positive), with their rods.
void drawFronts(QPainter& p, QPointF at, Angle steer, bool behind, const QColor& c) {
    const Chalk& k = Chalk::now();
    for (double side : {-1.0, 1.0}) {
        p.save();
        p.translate(at + QPointF(side * 150, 0));
        p.rotate(steer.deg());
        p.setPen(QPen(c, 3));
        p.setBrush(k.floor);
        p.drawRoundedRect(QRectF(-17, -63, 34, 126), 9, 9);
        p.setPen(k.stroke(k.string, 3));
        p.drawLine(QPointF(-side * 18, 0), QPointF(-side * 28, behind ? 40 : -40));
        p.restore();
    }
    const double y = behind ? 40 : -40;
    const double a = steer.rad();
    p.setPen(k.stroke(k.string, 3));
    const auto end = [&](double side) {
        const QPointF arm(-side * 28, y);
        return at + QPointF(side * 150, 0) +
               QPointF(arm.x() * std::cos(a) - arm.y() * std::sin(a),
                       arm.x() * std::sin(a) + arm.y() * std::cos(a));
    };
    p.drawLine(end(-1), end(1));
    p.setPen(k.stroke(k.soft, 6));
    const QPointF middle = (end(-1) + end(1)) / 2;
    p.drawLine(middle - QPointF(52, 0), middle + QPointF(52, 0));
}

}  // namespace

void SteeringGuide::enter() {
    pending_.reset();
    if (chosen_.isEmpty())
        chosen_ = last_of<SteeringSet>(desk_.job()) ? QStringLiteral("now") : QStringLiteral("held");
    if (last_of<SteeringSet>(desk_.job()) && chosen_ == "held") chosen_ = QStringLiteral("now");
}

void SteeringGuide::choose(const QString& place) {
    pending_.reset();
    DrawnGuide::choose(place);
}

double SteeringGuide::ratio() const {
    return desk_.car().steering_ratio.value_or(usual_steering_ratio);
}

const Reading* SteeringGuide::last(const Spot& spot) const {
    const auto all = state_readings(desk_.job(), spot);
    return all.empty() ? nullptr : all.back();
}

std::optional<SteeringGuide::Play> SteeringGuide::play() const {
    const Reading* l = last(carSpot(ReadingId::steering_play, Side::left));
    const Reading* r = last(carSpot(ReadingId::steering_play, Side::right));
    if (!l || !r) return std::nullopt;
    return Play{(l->value.angle() + r->value.angle()) / 2.0, abs(r->value.angle() - l->value.angle())};
}

std::optional<Angle> SteeringGuide::wheelNow() const {
    for (std::size_t i = desk_.log().size(); i-- > 0;) {
        if (!desk_.job().live(i)) continue;
        const auto& what = desk_.log()[i].event;
        if (const Reading* r = std::get_if<Reading>(&what); r && r->spot.kind == ReadingId::steering_wheel)
            return r->value.angle();
        if (std::holds_alternative<SteeringSet>(what)) return Angle();
    }
    return std::nullopt;
}

bool SteeringGuide::frontsRead() const {
    if (desk_.round() < 0) return false;
    const auto& readings = desk_.job().rounds.back().readings;
    return std::any_of(readings.begin(), readings.end(), [&](std::size_t i) {
        const Spot& s = std::get<Reading>(desk_.log()[i].event).spot;
        return (s.wheel && axle_of(*s.wheel) == Axle::front) || (s.axle && *s.axle == Axle::front);
    });
}

std::vector<Place> SteeringGuide::places() const {
    std::vector<Place> out;
    const SteeringSet* set = last_of<SteeringSet>(desk_.job());
    const auto now = wheelNow();
    out.push_back({"held",
                   {30, 92, 260, 81},
                   tr("Held by"),
                   set && !set->held.empty() ? q(set->held) : tr("nothing yet")});
    out.push_back({"now",
                   {350, 394, 260, 81},
                   tr("The wheel now"),
                   now ? q(words::wheel_off(*now, how_)) : tr("not looked at")});
    const Reading* lock = last(carSpot(ReadingId::lock_to_lock));
    out.push_back({"lock",
                   {670, 92, 260, 81},
                   tr("Lock to lock"),
                   lock ? q(words::as_typed(lock->value)) : tr("if counted")});
    const Reading* l = last(carSpot(ReadingId::steering_play, Side::left));
    const Reading* r = last(carSpot(ReadingId::steering_play, Side::right));
    out.push_back({"play-left",
                   {30, 237, 260, 81},
                   tr("Takes up to the left at"),
                   l ? q(words::wheel_off(l->value.angle(), how_)) : tr("if there is play")});
    out.push_back({"play-right",
                   {670, 237, 260, 81},
                   tr("Takes up to the right at"),
                   r ? q(words::wheel_off(r->value.angle(), how_)) : tr("if there is play")});
    return out;
}

QString SteeringGuide::title() const {
    for (const Place& p : places())
        if (p.id == chosen_) return p.name;
    return tr("Steering straight");
}

QString SteeringGuide::subtitle() const {
    if (pending_) return tr("since when has it been so?");
    if (chosen_ == "held") return tr("a wheel holder, a strap, clamps on the shaft");
    if (chosen_ == "now") return tr("0, or how far off level: 3 left");
    if (chosen_ == "lock") return tr("turns of the wheel from stop to stop");
    return tr("where the play ends: 2 left");
}

QString SteeringGuide::prompt() const {
    return chosen_ == "held" ? tr("held by what?") : QString();
}

Expect SteeringGuide::expected() const {
    if (chosen_ == "lock") return {Expect::Kind::turns, Bare::turns};
    return {Expect::Kind::angle, Bare::deg};
}

std::optional<Bounded> SteeringGuide::bounded() const {
    return chosen_ == "lock"   ? std::optional(Bounded::lock_to_lock)
           : chosen_ == "held" ? std::nullopt
                               : std::optional(Bounded::wheel_off);
}

Understood SteeringGuide::understand(const QString& text) const {
    if (chosen_ == "held" || chosen_ == "lock") return Guide::understand(text);
    const auto quantity = readSideAngle(text);
    if (!quantity) return {warn(q(words::sentence(quantity.error()))), false};
    return {QStringLiteral("⟨b⟩= %1⟨/b⟩   %2")
                .arg(q(words::wheel_off(quantity->angle(), how_)),
                     soft(tr("%1 at each front wheel")
                              .arg(q(fairchalk::show(abs(quantity->angle()) / ratio(), how_))))),
            true};
}

std::optional<Reading> SteeringGuide::reads() const {
    if (!chosen_.startsWith(QLatin1String("play-"))) return std::nullopt;
    return desk_.blank(carSpot(ReadingId::steering_play, chosen_ == "play-left" ? Side::left : Side::right));
}

QString SteeringGuide::keep(const QString& text) {
    if (chosen_ == "held") {
        const SteeringSet* was = last_of<SteeringSet>(desk_.job());
        SteeringSet set = was ? *was : SteeringSet{};
        if (text.trimmed().isEmpty())
            return tr("By what is it held? “Wheel holder”, “strap to the seat”, “clamps on the shaft”.");
        set.held = text.trimmed().toStdString();
        desk_.record(set);
        choose(QStringLiteral("now"));
        return {};
    }
    Reading r;
    if (chosen_ == "lock") {
        const auto quantity = read_quantity(text.toStdString(), expected());
        if (!quantity) return q(words::sentence(quantity.error()));
        r.spot = carSpot(ReadingId::lock_to_lock);
        r.value = *quantity;
        desk_.take(r);
        return {};
    }
    const auto quantity = readSideAngle(text);
    if (!quantity) return q(words::sentence(quantity.error()));
    r.value = *quantity;
    if (chosen_ == "now") {
        if (quantity->value != 0.0 && frontsRead()) {
            // The fronts of this round are read already: with it so, or before it crept?
            pending_ = *quantity;
            emit changed();
            return {};
        }
        r.spot = carSpot(ReadingId::steering_wheel);
        r.since_now = true;
        desk_.take(r);
        return {};
    }
    r.spot = carSpot(ReadingId::steering_play, chosen_ == "play-left" ? Side::left : Side::right);
    desk_.take(r);
    choose(chosen_ == "play-left" ? QStringLiteral("play-right") : QStringLiteral("now"));
    return {};
}

std::vector<Act> SteeringGuide::acts() const {
    if (pending_)
        return {{"round", tr("So while it was read"), true, false, 3},
                {"since", tr("Only since now"), false, false, 4},
                {"unknown", tr("Nobody knows"), false, false, 5}};
    const SteeringSet* set = last_of<SteeringSet>(desk_.job());
    std::vector<Act> out;
    for (SteeringSchool s : {SteeringSchool::wheel, SteeringSchool::gear, SteeringSchool::roll_in}) {
        const School* school = desk_.knowledge().school(name_of(s));
        out.push_back({q(std::string(name_of(s))), q(school->text).section(QLatin1Char(':'), 0, 0), false,
                       set && set->school == s});
    }
    return out;
}

void SteeringGuide::act(const QString& id) {
    if (const auto school = steering_school_named(id.toStdString())) {
        const SteeringSet* was = last_of<SteeringSet>(desk_.job());
        SteeringSet set = was ? *was : SteeringSet{};
        set.school = *school;
        desk_.record(set);
        choose(set.held.empty() ? QStringLiteral("held") : QStringLiteral("now"));
        return;
    }
    if (!pending_) return;
    const Quantity off = *pending_;
    pending_.reset();
    if (id == "unknown") {
        // Then the readings of the fronts say their sum and nothing more.
        desk_.happened(ChangeKind::steering_recentred);
    } else {
        Reading r;
        r.spot = carSpot(ReadingId::steering_wheel);
        r.value = off;
        r.since_now = id == "since";
        desk_.take(r);
    }
    emit changed();
}

QString SteeringGuide::body() const {
    QString out;
    const Knowledge& k = desk_.knowledge();
    const SteeringSet* set = last_of<SteeringSet>(desk_.job());
    if (pending_) {
        out += line(tr("The wheel stands ⟨b⟩%1⟨/b⟩; the front wheels are steered by %2 with it.")
                        .arg(q(words::wheel_off(pending_->angle(), how_)),
                             q(fairchalk::show(abs(pending_->angle()) / ratio(), how_))));
        out += line(tr("⟨b⟩So while it was read:⟨/b⟩ it is taken out of the front toes of this round."));
        out +=
            line(tr("⟨b⟩Only since now:⟨/b⟩ what was read stands; it is taken out of what follows, until it "
                    "is straight."));
        out += line(tr("⟨b⟩Nobody knows:⟨/b⟩ total toe stands, each front wheel is read again."));
        return out;
    }
    if (const auto looked = steering_looked_at(desk_.job()))
        if (const auto by = spoiled_since(desk_.job(), Fact::steering, *looked))
            out += line(
                warn(tr("Something was %1 since: look again, it creeps.").arg(q(words::happening(*by)))));
    if (const auto p = play()) {
        out += head(tr("Play"));
        out += line(tr("⟨b⟩%1⟨/b⟩ free, %2 at each front wheel. Its middle is ⟨b⟩%3⟨/b⟩: hold it there.")
                        .arg(q(fairchalk::show(p->free, how_)), q(fairchalk::show(p->free / ratio(), how_)),
                             q(words::wheel_off(p->middle, how_))));
        if ((p->free / ratio()).deg() > 0.2)
            out += line(warn(tr("That is more than toe can be set to: find the play first.")));
    }
    if (const Reading* lock = last(carSpot(ReadingId::lock_to_lock)))
        out += head(tr("Gear middle")) +
               line(tr("From either stop ⟨b⟩%1⟨/b⟩ back.")
                        .arg(tr("%1 turns").arg(q(show_number(lock->value.value / 2, 2)))));
    for (const School* s : k.on("steering")) {
        const bool chosen = set && name_of(set->school) == s->id;
        out += head(q(s->text) + (chosen ? tr("  (chosen)") : QString()));
        if (chosen || !set) out += line(q(s->how));
        out += line(soft(q(s->reason)));
    }
    return out;
}

QString SteeringGuide::say() const {
    const SteeringSet* set = last_of<SteeringSet>(desk_.job());
    if (pending_) return tr("Say since when the wheel has stood so; it decides what is read again.");
    if (!set) return tr("Set the steering straight by one of the three schools, and hold it.");
    if (set->held.empty()) return tr("Hold it: what is not held creeps. Say by what.");
    return tr("Look at the wheel again after each turn of an adjuster; 0 is straight.");
}

void SteeringGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    const auto now = wheelNow();
    const Angle off = pending_ ? pending_->angle() : now.value_or(Angle());
    drawText(p, {30, 24, 600, 39}, Qt::AlignLeft, tr("From the seat, and from above"), 19, c.chalk, true);
    // Play is a gap in the rim's swing.
    if (const auto pl = play()) {
        p.setPen(Qt::NoPen);
        p.setBrush(hatch(c.target));
        const double from = 90 - (pl->middle + pl->free / 2.0).deg();
        p.drawPie(QRectF(480 - 132, 223 - 132, 264, 264), static_cast<int>(from * 16),
                  static_cast<int>(pl->free.deg() * 16));
    }
    drawSteeringWheel(p, {480, 223}, 104, off, now || pending_ ? c.chalk : c.faint);
    p.setPen(c.stroke(c.faint, 1.4, Qt::DashLine));
    p.drawLine(QPointF(480, 53), QPointF(480, 81));
    p.drawLine(QPointF(480, 476), QPointF(480, 683));
    const Adjuster* rod = desk_.car().rod_at(Wheel::front_left);
    // Drawn at its full lock of the picture: the wheels turn by the ratio, shown four times larger.
    const Angle steer = off / ratio() * 4.0;
    drawFronts(p, {480, 710}, steer, !rod || rod->rod != RodSide::ahead_of_axle,
               now || pending_ ? c.chalk : c.faint);
    drawText(p, {30, 841, 560, 29}, Qt::AlignLeft,
             desk_.car().steering_ratio
                 ? tr("ratio %1 from the card; front wheels drawn ×4").arg(ratio())
                 : tr("ratio not on the card (Ctrl+I): 16 taken; front wheels drawn ×4"),
             13, c.soft);
    for (const Place& place : places()) {
        drawText(p, place.at.adjusted(14, 8, -10, -42), Qt::AlignLeft | Qt::AlignVCenter, place.name, 14,
                 c.soft);
        drawText(p, place.at.adjusted(14, 38, -10, -6), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
                 place.value, 14, c.chalk, true);
    }
    if (off.deg() != 0.0)
        drawText(p, {610, 789, 330, 79}, Qt::AlignLeft | Qt::TextWordWrap,
                 tr("front wheels steered %1").arg(q(words::wheel_off(off / ratio(), how_))), 15, c.string,
                 true);
}

// Wheel only.

namespace {
/// Below it nothing is said of the toe: a sixtieth of a degree cannot be read either.
bool keepsToe(Angle change) {
    return std::abs(change.deg()) < 1.0 / 60.0;
}
}  // namespace

QString wheelWords(const WheelOnly& w, const CarCard& car, const Show& how) {
    QString out;
    if (w.drives > 0)
        out += line(QObject::tr("The wheel now: ⟨b⟩%1⟨/b⟩ %2")
                        .arg(q(words::wheel_off(w.off, how)),
                             soft(QStringLiteral("±%1").arg(q(show_plus_minus(w.off_sigma * k95, how))))));
    if (w.turns_made > 0)
        out += line(
            QObject::tr("One turn at both rods moves the wheel ⟨b⟩%1⟨/b⟩ ±%2 on this car, learnt from %3.")
                .arg(q(show(w.per_turn, how)), q(show_plus_minus(w.per_turn_sigma * k95, how)))
                .arg(QObject::tr("%n drives", "one drive", w.drives)));
    else
        out += line(
            QObject::tr(
                "One turn at both rods moves the wheel about %1 ±%2, by the card; learnt after one drive.")
                .arg(q(show(w.per_turn, how)), q(show_plus_minus(w.per_turn_sigma * k95, how))));
    if (!keepsToe(w.toe_so_far))
        out +=
            line(warn(QObject::tr("The turns made were not equal and opposite: total toe has moved to %1 by "
                                  "about %2. The next turns bring it back.")
                          .arg(w.toe_so_far.deg() > 0 ? QObject::tr("in") : QObject::tr("out"),
                               q(show(abs(w.toe_so_far), how)))));
    if (w.next == WheelStep::turn && !keepsToe(w.toe_after))
        out += line(warn(QObject::tr("After these turns total toe is about %1 further %2 than it was.")
                             .arg(q(show(abs(w.toe_after), how)),
                                  w.toe_after.deg() > 0 ? QObject::tr("in") : QObject::tr("out"))));
    if (w.why)
        out += line(w.why.code == Code::wheel_straight ? q(words::sentence(w.why, car))
                                                       : warn(q(words::sentence(w.why, car))));
    return out;
}

void WheelGuide::enter() {
    typing_turns_ = false;
    made_.clear();
}

namespace {
/// One link takes both wheels along.
bool by_drag_link(const JobDesk& desk) {
    const auto& turns = desk.wheelOnly().turns;
    return turns.size() == 1 && !desk.car().rod(turns.front().first);
}
}  // namespace

std::vector<Place> WheelGuide::places() const {
    std::vector<Place> out;
    const WheelOnly& w = desk_.wheelOnly();
    for (const auto& [id, turns] : w.turns) {
        const Adjuster* rod = desk_.car().adjuster(id);
        const bool left = side_of(wheel_of(*rod)) == Side::left;
        out.push_back({q(id),
                       {left ? 20.0 : 660.0, 520, 280, 160},
                       q(words::adjuster(*rod)),
                       q(words::turn_line(*rod, turns))});
    }
    return out;
}

QString WheelGuide::title() const {
    const WheelOnly& w = desk_.wheelOnly();
    if (typing_turns_ && made_.size() < w.turns.size())
        return q(words::adjuster(*desk_.car().adjuster(w.turns[made_.size()].first)));
    if (w.next != WheelStep::turn) return tr("The wheel only");
    return by_drag_link(desk_) ? tr("The drag link") : tr("Both rods, equal and opposite");
}
QString WheelGuide::subtitle() const {
    if (typing_turns_) return tr("what did you really turn?");
    const WheelOnly& w = desk_.wheelOnly();
    return keepsToe(w.toe_so_far) && keepsToe(w.toe_after) ? tr("the toe stays as it is")
                                                           : tr("the toe does not stay as it was");
}

Understood WheelGuide::understand(const QString& text) const {
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) return {warn(q(words::sentence(quantity.error()))), false};
    return {QStringLiteral("⟨b⟩= %1 %2⟨/b⟩")
                .arg(q(show_turns(std::abs(quantity->value))), q(words::way(quantity->value > 0))),
            true};
}

QString WheelGuide::keep(const QString& text) {
    const WheelOnly w = desk_.wheelOnly();
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) return q(words::sentence(quantity.error()));
    if (made_.size() < w.turns.size()) made_.emplace_back(w.turns[made_.size()].first, quantity->value);
    if (made_.size() == w.turns.size()) {
        typing_turns_ = false;
        std::erase_if(made_, [](const auto& t) { return t.second == 0.0; });
        if (!made_.empty()) desk_.turned(made_, false);
        made_.clear();
    }
    emit changed();
    return {};
}

std::vector<Act> WheelGuide::acts() const {
    const WheelOnly& w = desk_.wheelOnly();
    if (w.next == WheelStep::turn)
        return {{"as-written", tr("Turned as written"), true, false},
                {"turned", tr("I turned …"), false, typing_turns_}};
    return {{"go-on",
             w.next == WheelStep::say ? tr("Say how the wheel sits") : tr("Drive, and say what it did"), true,
             false, Act::enter}};
}

void WheelGuide::act(const QString& id) {
    if (id == "as-written") {
        const auto turns = desk_.wheelOnly().turns;
        desk_.turned(turns, true);
        emit changed();
    } else if (id == "turned") {
        typing_turns_ = true;
        made_.clear();
        emit changed();
    } else {
        emit stageWanted(Stage::drive);
    }
}

QString WheelGuide::body() const {
    const WheelOnly& w = desk_.wheelOnly();
    QString out = wheelWords(w, desk_.car(), how_);
    for (const auto& [id, turns] : w.turns) {
        const Adjuster* rod = desk_.car().adjuster(id);
        out += head(q(words::adjuster(*rod)));
        out += line(
            QStringLiteral("⟨b⟩%1 %2⟨/b⟩").arg(q(words::amount_in_words(turns)), q(words::way(turns > 0))));
        out += line(soft(q(words::why_this_way(*rod, turns > 0))));
        out += line(soft(q(words::how_to_rotate(*rod, turns > 0))));
    }
    if (w.next == WheelStep::turn) {
        out += head(tr("To expect")) + line(tr("the wheel %1 ±%2")
                                                .arg(q(words::wheel_off(w.expect, how_)),
                                                     q(show_plus_minus(w.expect_sigma * k95, how_))));
        if (!w.measured)
            out +=
                line(soft(tr("A first trial turn: nobody has measured the wheel yet. The drive after it "
                             "teaches how much is right.")));
    }
    return out;
}

QString WheelGuide::say() const {
    const WheelOnly& w = desk_.wheelOnly();
    switch (w.next) {
        case WheelStep::say:
            return tr(
                "Say how the wheel sits on a straight road, or which way the car drifts with it level "
                "(Ctrl+8).");
        case WheelStep::turn:
            return (by_drag_link(desk_)
                        ? tr("The car goes %1 with the wheel level: the link steers both front wheels %2.")
                        : tr("The car goes %1 with the wheel level: steer both front wheels %2, equal turns, "
                             "opposite ways."))
                .arg(w.off.deg() < 0 ? tr("right") : tr("left"), w.off.deg() < 0 ? tr("left") : tr("right"));
        case WheelStep::drive:
            return tr(
                "Lock the nuts, then drive it on a straight flat road and say what the wheel does (Ctrl+8).");
        case WheelStep::done:
            return tr("The wheel is straight. Lock, empty the loose list, and keep the record.");
    }
    return {};
}

void WheelGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    const WheelOnly& w = desk_.wheelOnly();
    drawText(p, {30, 24, 700, 39}, Qt::AlignLeft, tr("The wheel only"), 19, c.chalk, true);
    drawSteeringWheel(p, {480, 210}, 96, w.off, w.drives ? c.chalk : c.faint);
    drawText(p, {600, 171, 330, 79}, Qt::AlignLeft | Qt::AlignVCenter,
             w.drives ? tr("%1 ±%2").arg(q(words::wheel_off(w.off, how_)),
                                         q(show_plus_minus(w.off_sigma * k95, how_)))
                      : tr("nothing said yet"),
             18, c.chalk, true);
    p.setPen(c.stroke(c.faint, 1.4, Qt::DashLine));
    p.drawLine(QPointF(480, 355), QPointF(480, 473));
    const Adjuster* rod = desk_.car().rod_at(Wheel::front_left);
    drawFronts(p, {480, 565}, Angle(), !rod || rod->rod != RodSide::ahead_of_axle, c.chalk);
    // Which way each wheel has to go.
    if (w.next == WheelStep::turn) {
        const double way = w.steer.deg() > 0 ? 1 : -1;
        p.setPen(c.stroke(c.target, 3));
        for (double side : {-1.0, 1.0}) {
            const QPointF top(480 + side * 150, 500);
            p.drawArc(QRectF(top.x() - 40, top.y() - 20, 80, 40), 40 * 16, 100 * 16);
            const QPointF tip(top.x() + way * 31, top.y() - 12);
            p.drawLine(tip, tip + QPointF(-way * 2, -12));
            p.drawLine(tip, tip + QPointF(-way * 12, -3));
        }
    }
    for (const Place& place : places()) {
        p.setPen(c.stroke(c.string, 2));
        p.setBrush(Qt::NoBrush);
        drawText(p, place.at.adjusted(16, 12, -10, -110), Qt::AlignLeft | Qt::AlignVCenter, place.name, 15,
                 c.soft);
        drawText(p, place.at.adjusted(16, 50, -10, -8), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
                 place.value.section(QStringLiteral(": "), 1), 26, c.string, true);
    }
    if (w.next == WheelStep::turn)
        drawText(p, {30, 815, 900, 79}, Qt::AlignLeft | Qt::TextWordWrap,
                 tr("Front is up, as the driver sits. Steering parts are safety-critical: locknuts to the "
                    "manual's torque, thread engaged as far as it asks."),
                 14, c.soft);
}

}  // namespace fairchalk::desk
