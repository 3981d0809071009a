// SPDX-License-Identifier: GPL-3.0-or-later
#include "drive/drive_guide.h"

#include <algorithm>
#include <cmath>

#include <QPainterPath>

#include "core/car/adjuster.h"
#include "core/quantity/typed_words.h"
#include "look/chalk.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {

Result<Quantity> readRimMarks(const QString& typed) {
    const QString text = q(in_english(typed.toStdString()));
    const char *one = "32 mm over 370 mm left", *other = "1 1/4 in over 14 1/2 in right";
    const int over = static_cast<int>(text.indexOf(QStringLiteral("over"), 0, Qt::CaseInsensitive));
    if (over < 0)
        return fail(Code::text_not_understood, text.toStdString(), "the end: over what diameter?", one,
                    other);
    QString diameter = text.mid(over + 4).trimmed();
    const bool left = diameter.endsWith(QStringLiteral("left"), Qt::CaseInsensitive);
    const bool right = diameter.endsWith(QStringLiteral("right"), Qt::CaseInsensitive);
    if (!left && !right)
        return fail(Code::text_not_understood, text.toStdString(), "the end: which side?", one, other);
    diameter.chop(left ? 4 : 5);
    const auto arc = read_quantity(text.left(over).trimmed().toStdString(), {Expect::Kind::length, Bare::mm});
    if (!arc) return writtenLike(arc, one, other);
    const auto across = read_quantity(diameter.trimmed().toStdString(), {Expect::Kind::length, Bare::mm});
    if (!across) return writtenLike(across, one, other);
    if (!(across->value > 0))
        return fail(Code::text_must_be_positive, across->text, "", "370 mm", "14 1/2 in");
    Quantity out;
    out.kind = QuantityKind::angle;
    out.value = (left ? -1.0 : 1.0) * Angle::from_rad(std::abs(arc->value) / (across->value / 2)).deg();
    out.resolution = Angle::from_rad(arc->resolution / (across->value / 2)).deg();
    out.text = write_exact(out.angle());
    return out;
}

namespace {

constexpr double most_total_toe_deg = 1.0;  // beyond it a car is not steered, it is scrubbed

/// Symptoms that are felt on the road, in the table's order.
std::vector<const ReasonItem*> felt(const Knowledge& k) {
    std::vector<const ReasonItem*> out;
    for (const ReasonItem& r : k.reasons)
        if (r.symptom && !r.id.starts_with("wear") && r.id != "hit-kerb" && r.id != "wheel-crooked")
            out.push_back(&r);
    return out;
}

}  // namespace

QString FeelsQuestion::body() const {
    return line(soft(tr("What is felt is kept with the drive; the angles are held against it.")));
}

std::vector<Act> FeelsQuestion::acts() const {
    std::vector<Act> out;
    for (const ReasonItem* r : felt(desk_.knowledge())) out.push_back({q(r->id), q(r->text)});
    return out;
}

void FeelsQuestion::act(const QString& id) {
    Driven d;
    d.feels = {id.toStdString()};
    desk_.record(d);
    emit answered();
}

QString DriveAsideQuestion::body() const {
    QString out;
    if (desk_.answer().drive)
        for (const std::string& s : words::drive(*desk_.answer().drive, how_)) out += line(q(s));
    return out;
}

Understood DriveAsideQuestion::understand(const QString&) const {
    return {soft(reasonHint()), true};
}

QString DriveAsideQuestion::keep(const QString& text) {
    if (text.trimmed().isEmpty()) return reasonWanted();
    desk_.strike(entry_, text.trimmed());
    emit answered();
    return {};
}

QString DriveGuide::notToBeDriven() const {
    const KnownAngle& total = desk_.answer().now.axles[0].total_toe;
    if (!desk_.answerIsCurrent() || !total.known || std::abs(total.value.deg()) <= most_total_toe_deg)
        return {};
    return tr("The front wheels stand %1 between them: not to be driven, set the toe first (Ctrl+7).")
        .arg(q(show_toe(total.value, how_)));
}

/// Before a drive what it will show, after it what explains it, and what undoes it.
QString DriveGuide::whatTheAnglesSay() const {
    if (!desk_.answerIsCurrent() || path_of(desk_.job(), desk_.knowledge()) == Path::wheel_only) return {};
    const JobAnalysis& a = desk_.answer();
    QString out;
    if (!a.drive) {
        const QString expected = q(words::wheel_expected(a.wheel, how_));
        if (expected.isEmpty()) return {};
        out = head(tr("What to expect")) + line(expected);
        // What steers both wheels alike is turned for nothing else.
        for (const PlannedTurn& t : a.plan.turns)
            if (const Adjuster* link = desk_.car().adjuster(t.adjuster); link && serves_of(*link) == 0)
                out +=
                    line(tr("What undoes it (Ctrl+7): %1.").arg(q(words::turn_line(desk_.car(), t, how_))));
        return out;
    }
    for (const std::string& s : words::drive(*a.drive, how_)) out += line(q(s));
    for (const std::string& id : a.drive->last.feels)
        if (const ReasonItem* r = desk_.knowledge().reason(id))
            out += line(QStringLiteral("⟨b⟩%1⟨/b⟩: %2").arg(q(r->text), q(r->expect)));
    if (a.drive->off && !a.plan.turns.empty()) {
        out += line(tr("What undoes it (Ctrl+7):"));
        for (const PlannedTurn& t : a.plan.turns) out += line(q(words::turn_line(desk_.car(), t, how_)));
    }
    return out.isEmpty() ? out : head(tr("What the angles say")) + out;
}

void DriveGuide::enter() {
    stopped_ = false;
    chosen_ = loose_list(desk_.job()).empty() ? QStringLiteral("level") : QStringLiteral("loose0");
}

std::vector<Driven> DriveGuide::drives() const {
    std::vector<Driven> out;
    for (std::size_t i = 0; i < desk_.log().size(); ++i)
        if (const Driven* d = desk_.job().live(i) ? std::get_if<Driven>(&desk_.log()[i].event) : nullptr)
            out.push_back(*d);
    return out;
}

std::optional<PartTouched> DriveGuide::part() const {
    if (!chosen_.startsWith(QLatin1String("loose"))) return std::nullopt;
    const auto list = loose_list(desk_.job());
    const auto n = static_cast<std::size_t>(chosen_.mid(5).toInt());
    return n < list.size() ? std::optional(list[n]) : std::nullopt;
}

std::vector<Place> DriveGuide::places() const {
    std::vector<Place> out;
    const auto list = loose_list(desk_.job());
    double y = 104;
    for (std::size_t i = 0; i < list.size(); ++i, y += 62) {
        const auto torque = desk_.car().torque_of(list[i].part);
        out.push_back({QStringLiteral("loose%1").arg(i),
                       {24, y, 330, 58},
                       q(list[i].part),
                       q(words::part_state(list[i].state)) +
                           (torque ? QStringLiteral(" · ") + q(*torque) : QString())});
    }
    for (const std::string& id : unlocked_adjusters(desk_.job())) {
        out.push_back({QStringLiteral("unlocked:") + q(id),
                       {24, y, 330, 58},
                       q(words::to_begin(words::adjuster(desk_.car(), id))),
                       tr("turned and not locked")});
        y += 62;
    }
    out.push_back({"level", {620, 618, 320, 81}, tr("Wheel off, level on spokes"), {}});
    out.push_back({"marks", {620, 710, 320, 81}, tr("Wheel off, marks on the rim"), {}});
    out.push_back({"note", {620, 802, 320, 81}, tr("A note"), {}});
    return out;
}

QString DriveGuide::title() const {
    if (const auto p = part()) return q(p->part);
    if (chosen_.startsWith(QLatin1String("unlocked:")))
        return q(words::to_begin(words::adjuster(desk_.car(), chosen_.mid(9).toStdString())));
    return chosen_ == "note" ? tr("What did it do?") : tr("How does the wheel sit?");
}
QString DriveGuide::subtitle() const {
    if (const auto p = part()) return q(words::part_state(p->state));
    if (chosen_.startsWith(QLatin1String("unlocked:"))) return tr("turned and not locked");
    if (chosen_ == "level") return tr("driving straight: 6 left, 0");
    if (chosen_ == "marks")
        return inches() ? tr("arc over diameter: 1 1/4 in over 14 1/2 in left")
                        : tr("arc over diameter: 32 mm over 370 mm left");
    return tr("bumps, noise, feel, tires");
}
QString DriveGuide::prompt() const {
    return part() ? tr("Enter: refitted, tight") : chosen_ == "note" ? tr("in words") : QString();
}

Result<Quantity> DriveGuide::angleOf(const QString& text) const {
    return chosen_ == "marks" ? readRimMarks(text) : readSideAngle(text);
}

Understood DriveGuide::understand(const QString& text) const {
    if (typesWords()) return Guide::understand(text);
    const auto quantity = angleOf(text);
    if (!quantity) return {warn(q(words::sentence(quantity.error()))), false};
    return {QStringLiteral("⟨b⟩= %1⟨/b⟩   %2")
                .arg(q(words::wheel_off(quantity->angle(), how_)), soft(tr("Enter keeps it"))),
            true};
}

QString DriveGuide::keep(const QString& text) {
    if (const auto p = part()) {
        desk_.record(PartTouched{PartState::refitted, p->part});
        enter();
        emit changed();
        return {};
    }
    Driven d;
    if (chosen_ == "note") {
        if (text.trimmed().isEmpty())
            return tr("A few words on what it did, like “quiet over bumps, wheel straight”.");
        d.note = text.trimmed().toStdString();
    } else {
        const auto quantity = angleOf(text);
        if (!quantity) return q(words::sentence(quantity.error()));
        d.wheel_off = quantity->angle();
        d.how = chosen_ == "marks" ? "rim-marks" : "spokes-level";
    }
    if (desk_.driveAsked() && d.wheel_off)
        sayAgain(d, tr("said again"));
    else
        desk_.record(d);
    return {};
}

Driven DriveGuide::toTheOtherSide(std::size_t entry) const {
    Driven d = std::get<Driven>(desk_.log()[entry].event);
    d.wheel_off = -*d.wheel_off;
    return d;
}

void DriveGuide::sayAgain(Driven drive, const QString& why) {
    desk_.strike(*desk_.driveAsked(), why);
    desk_.record(std::move(drive));
}

std::vector<Act> DriveGuide::ofContradiction() const {
    const auto drive = desk_.driveAsked();
    if (!drive) return {};
    const bool side = desk_.answer().plan.again->why.code == Code::again_drive_side;
    std::vector<Act> out;
    if (side)
        out.push_back({"other-side",
                       tr("It was %1").arg(q(words::wheel_off(*toTheOtherSide(*drive).wheel_off, how_))),
                       true, false, Act::spare});
    out.push_back({"aside", tr("Set the drive aside …"), !side, false, Act::spare + 1});
    return out;
}

std::vector<Act> DriveGuide::acts() const {
    if (part()) return {{"refitted", tr("Refitted and tightened"), true, false}};
    if (chosen_.startsWith(QLatin1String("unlocked:")))
        return {{"lock", tr("Lock what was turned"), true, false}};
    // Look once, stop, then type.
    const std::vector<Act> contradicted = ofContradiction();
    if (!stopped_) {
        std::vector<Act> out = contradicted;
        out.push_back({"stopped", tr("Stopped: say what it did"), contradicted.empty(), false, 0});
        if (path_of(desk_.job(), desk_.knowledge()) == Path::wheel_only)
            out.push_back({"turn", tr("What to turn"), false, false, 5});
        return out;
    }
    // Not with the key that told of the stop: pressed twice, it would say a drift.
    std::vector<Act> out = contradicted;
    out.insert(out.end(), {{"left", tr("Drifts left"), false, false, 1},
                           {"straight", tr("Runs straight"), false, false, 2},
                           {"right", tr("Drifts right"), false, false, 3},
                           {"feels", tr("It did something else …"), false, false, 4}});
    if (!contradicted.empty()) return out;
    if (path_of(desk_.job(), desk_.knowledge()) == Path::wheel_only &&
        desk_.wheelOnly().next != WheelStep::done)
        out.push_back({"turn", tr("What to turn"), true, false, 5});
    else if (const auto next = onceTold())
        out.push_back(*next);
    return out;
}

/// Where it leads, once it was said how it drives as it stands.
std::optional<Act> DriveGuide::onceTold() const {
    if (path_of(desk_.job(), desk_.knowledge()) == Path::wheel_only)
        return desk_.wheelOnly().next == WheelStep::done ? std::optional(toRecord()) : std::nullopt;
    if (!desk_.answerIsCurrent() || !desk_.answer().drive || !unlocked_adjusters(desk_.job()).empty())
        return std::nullopt;
    const NextStep next = desk_.answer().plan.next;
    return next == NextStep::done || next == NextStep::as_far_as || desk_.job().targets.empty()
               ? toRecord()
               : goOn(Stage::turn);
}

void DriveGuide::act(const QString& id) {
    if (id == "refitted") {
        keep({});
    } else if (id == "lock") {
        emit pageWanted({PageId::lock});
    } else if (id == "stopped") {
        stopped_ = true;
        emit changed();
    } else if (id == "other-side") {
        if (const auto drive = desk_.driveAsked())
            sayAgain(toTheOtherSide(*drive), tr("it sat to the other side"));
    } else if (id == "aside") {
        if (const auto drive = desk_.driveAsked()) emit asks(new DriveAsideQuestion(desk_, *drive));
    } else if (id == "feels") {
        emit asks(new FeelsQuestion(desk_));
    } else if (id == "record") {
        emit pageWanted({PageId::record});
    } else if (id == "turn" || id == "go-on") {
        emit stageWanted(Stage::turn);
    } else if (const auto drift = drift_named(id.toStdString())) {
        Driven d;
        d.drift = *drift;
        desk_.record(d);
    }
}

QString DriveGuide::first() const {
    const practice::PracticeFloor* floor = desk_.practice();
    if (!floor) return {};
    const Angle off = floor->wheel_off();
    if (abs(off) < Angle::from_deg(0.5))
        return line(tr("On the practice road: it runs straight, and the steering wheel sits straight."));
    return line(tr("On the practice road: it runs straight with the steering wheel ⟨b⟩%1⟨/b⟩ to the %2.")
                    .arg(q(fairchalk::show(Angle::from_deg(std::round(abs(off).deg())), how_)),
                         off.deg() > 0 ? tr("right") : tr("left")));
}

QString DriveGuide::body() const {
    QString out;
    const auto list = loose_list(desk_.job());
    const auto unlocked = unlocked_adjusters(desk_.job());
    if (const std::size_t n = list.size() + unlocked.size(); n > 0) {
        out += line(warn(tr("⟨b⟩Not ready: %n things are still loose.⟨/b⟩",
                            "⟨b⟩Not ready: one thing is still loose.⟨/b⟩", static_cast<int>(n))));
        for (const std::string& id : unlocked)
            out += line(tr("%1: turned and not locked (Ctrl+7, then lock).")
                            .arg(q(words::to_begin(words::adjuster(desk_.car(), id)))));
        for (const PartTouched& p : list) {
            const auto torque = desk_.car().torque_of(p.part);
            out += line(QStringLiteral("%1: %2").arg(q(p.part), q(words::part_state(p.state)))) +
                   line(soft(torque ? tr("%1 by the card").arg(q(*torque)) : tr("torque from the manual")));
        }
    } else {
        out +=
            line(tr("⟨b⟩Nothing is loose.⟨/b⟩ First slowly in a safe place, brakes tried.")) +
            line(tr(
                "Before it moves: lock to lock once; nothing touches arch, hose or clamp bolt; both joints "
                "of each rod still tilt."));
    }
    if (const QString no = notToBeDriven(); !no.isEmpty()) out += line(warn(no));
    out += whatTheAnglesSay();
    const auto all = drives();
    if (!all.empty()) out += head(tr("Driven"));
    for (const Driven& d : all) {
        QString text;
        if (d.wheel_off)
            text = tr("wheel %1").arg(q(words::wheel_off(*d.wheel_off, how_)));
        else if (d.drift)
            text = *d.drift == Drift::straight ? tr("runs straight with the wheel level")
                   : *d.drift == Drift::left   ? tr("drifts left with the wheel level")
                                               : tr("drifts right with the wheel level");
        for (const std::string& id : d.feels)
            if (const ReasonItem* r = desk_.knowledge().reason(id))
                text += (text.isEmpty() ? QString() : QStringLiteral("; ")) + q(words::to_begin(r->text));
        if (!d.note.empty()) text += (text.isEmpty() ? QString() : QStringLiteral("; ")) + q(d.note);
        out += line(text);
    }
    if (path_of(desk_.job(), desk_.knowledge()) == Path::wheel_only)
        out += head(tr("The wheel only")) + wheelWords(desk_.wheelOnly(), desk_.car(), how_);
    out += head(tr("Then")) + line(tr("A straight flat road, hands light: is the wheel level, does it pull? "
                                      "Then bumps; then as hard as "
                                      "the car will be used; and the tires for some weeks."));
    out += line(
        soft(tr("A pull that changes sides when the front tires are swapped is in the tires. A crowned road "
                "pulls every car to its low side a little.")));
    return out;
}

QString DriveGuide::say() const {
    const auto list = loose_list(desk_.job());
    if (const auto unlocked = unlocked_adjusters(desk_.job()); !unlocked.empty())
        return tr("The car is not ready: %1 was turned and is not locked. Lock it first (Ctrl+7).")
            .arg(q(words::adjuster(desk_.car(), unlocked.front())));
    if (!list.empty())
        return tr("The car is not ready: %1 is %2. Work the list off first.")
            .arg(q(list.front().part), q(words::part_state(list.front().state)));
    if (const auto marks = marks_on(desk_.job(), desk_.knowledge()); !marks.empty())
        return tr("%1 failed in the check-over and was not mended: the car is not ready.")
            .arg(q(marks.front()->text));
    if (const QString no = notToBeDriven(); !no.isEmpty()) return no;
    if (path_of(desk_.job(), desk_.knowledge()) == Path::wheel_only) {
        const WheelOnly& w = desk_.wheelOnly();
        if (w.next == WheelStep::turn) return tr("Understood: Ctrl+7 says what to turn.");
        if (w.next == WheelStep::done) return tr("The wheel is straight: that is the job.");
    }
    if (desk_.driveAsked())
        return q(words::to_begin(words::sentence(desk_.answer().plan.again->why))) + QLatin1Char('.');
    if (const auto next = stopped_ ? onceTold() : std::nullopt)
        return next->id == "record" ? tr("Told, and nothing is left to turn: Enter opens the record.")
                                    : tr("Told: Enter goes on to what is to be done.");
    return stopped_
               ? tr("Say how the wheel sat, or which way it drifted with the wheel level.")
               : tr("Straight flat road, hands light. Eyes on the road: look once, stop, then type (F2).");
}

QString DriveGuide::nothingTyped() const {
    return tr("Nothing is typed on the road: stop, then F2, or a passenger reads.");
}

void DriveGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    const auto list = loose_list(desk_.job());
    const auto all = drives();
    // The road to the horizon, with its crown.
    p.setPen(c.stroke(c.faint, 1.6));
    p.drawLine(QPointF(360, 197), QPointF(944, 197));
    p.setPen(c.stroke(c.chalk, 2.4));
    p.drawLine(QPointF(640, 197), QPointF(420, 605));
    p.drawLine(QPointF(664, 197), QPointF(884, 605));
    p.setPen(QPen(c.soft, 4, Qt::DashLine));
    p.drawLine(QPointF(652, 205), QPointF(652, 605));
    Angle off;
    bool held_level = false;
    double to = 0.0;  // which way it drifts
    for (const Driven& d : all) {
        if (!d.wheel_off && !d.drift) continue;
        off = d.wheel_off.value_or(Angle());
        held_level = !d.wheel_off;
        to = held_level ? index_of(*d.drift) - 1.0 : 0.0;
    }
    if (to != 0.0) {
        QPainterPath path(QPointF(652, 578));
        path.cubicTo(652, 473, 656 + to * 10, 394, 652 + to * 74, 310);
        p.setBrush(Qt::NoBrush);
        p.setPen(c.stroke(c.string, 4));
        p.drawPath(path);
        p.drawLine(QPointF(652 + to * 74, 310), QPointF(652 + to * 72, 332));
        p.drawLine(QPointF(652 + to * 74, 310), QPointF(652 + to * 54, 320));
    }
    drawSteeringWheel(p, {460, 749}, 104, off, all.empty() ? c.faint : c.chalk);
    drawText(p, {360, 891, 200, 26}, Qt::AlignCenter,
             all.empty()  ? tr("not driven yet")
             : held_level ? tr("held level")
                          : q(words::wheel_off(off, how_)),
             14, c.soft);
    const bool all_tight = list.empty() && unlocked_adjusters(desk_.job()).empty();
    const bool ready = all_tight && marks_on(desk_.job(), desk_.knowledge()).empty();
    drawText(p, {24, 24, 330, 39}, Qt::AlignLeft,
             ready       ? tr("Nothing is loose")
             : all_tight ? tr("▲ A check has failed")
                         : tr("▲ Still loose"),
             19, ready ? c.chalk : c.caution, true);
    if (list.empty() && unlocked_adjusters(desk_.job()).empty())
        drawText(p, {24, 68, 300, 158}, Qt::AlignLeft | Qt::TextWordWrap,
                 tr("Ctrl+L adds what is loosened, taken off or left for later, wherever you are."), 14,
                 c.soft);
    for (const Place& place : places()) {
        const bool loose =
            place.id.startsWith(QLatin1String("loose")) || place.id.startsWith(QLatin1String("unlocked:"));
        if (loose)
            drawState(p, {place.at.left() + 16, place.at.center().y()}, CheckState::failed,
                      place.id == chosen_);
        const double left = loose ? 34 : 14;
        drawText(p, place.at.adjusted(left, 3, -8, -(place.at.height() / 2)),
                 Qt::AlignLeft | Qt::AlignVCenter, place.name, 15, c.chalk, loose);
        drawText(
            p, place.at.adjusted(left, place.at.height() / 2 - 2, -8, -3), Qt::AlignLeft | Qt::AlignVCenter,
            loose                 ? place.value
            : place.id == "level" ? tr("like 6 left")
            : place.id == "marks"
                ? (inches() ? tr("like 1 1/4 in over 14 1/2 in left") : tr("like 32 mm over 370 mm left"))
                : tr("in words"),
            13, c.soft);
    }
}

}  // namespace fairchalk::desk
