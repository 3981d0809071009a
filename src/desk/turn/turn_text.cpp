// SPDX-License-Identifier: GPL-3.0-or-later
#include "turn/turn_text.h"

#include <algorithm>

#include <QFontMetricsF>

#include "core/advice/procedure.h"
#include "look/chalk.h"
#include "look/html.h"
#include "read/read_text.h"
#include "turn/watch_question.h"
#include "words/words.h"

namespace fairchalk::desk {

bool TurnText::plannedFor(const std::string& adjuster) const {
    const auto& turns = desk_.answer().plan.turns;
    return std::any_of(turns.begin(), turns.end(),
                       [&](const PlannedTurn& t) { return t.adjuster == adjuster; });
}

QString TurnText::text() const {
    if (asks_) return line(soft(tr("Type it for each in turn; what was planned stands on the floor.")));
    return warnings() + until() + outlook() + responses() + left();
}

/// The last turns did something else; what can't be reached.
QString TurnText::warnings() const {
    const JobAnalysis& a = desk_.answer();
    QString out;
    const Plan& plan = a.plan;
    if (plan.next == NextStep::look && plan.look)
        out += head(tr("Look under the car")) + line(warn(q(words::look(*plan.look, desk_.car()))));
    if (plan.next == NextStep::test_turn) {
        out += head(tr("A test turn")) + line(q(words::why_test_turn()));
        if (plan.look) out += line(soft(tr("Or look: %1").arg(q(words::look(*plan.look, desk_.car())))));
    }
    if (plan.as_far_as)
        out += head(tr("As far as it goes")) + line(warn(q(words::as_far_as(*plan.as_far_as, desk_.car()))));
    if (plan.again) {
        QStringList numbers;
        for (const Spot& s : a.read)
            if (desk_.isNumbered(s)) numbers << desk_.number(s);
        out += head(desk_.driveAsked()            ? tr("Before anything else")
                    : threadWanted(desk_).empty() ? tr("Read again before anything else")
                                                  : tr("Before it is turned that far")) +
               line(warn(q(words::to_begin(words::sentence(plan.again->why, desk_.car())))));
        if (!numbers.isEmpty())
            out += line(tr("Spots %1 (Ctrl+6).").arg(numbers.join(QStringLiteral(" · "))));
    }
    if (a.untold) out += line(warn(untold(desk_))) + line(soft(waysThatTell(desk_)));
    for (const CardDoubt& d : a.belief.card)
        out += head(d.unsaid ? tr("What the turn has shown") : tr("The card seems to be wrong")) +
               line(warn(q(words::card_doubt(d, desk_.car()))));
    for (const CardDoubt& d : a.belief.open)
        out += head(tr("What the turn has shown")) + line(warn(q(words::open_doubt(d, desk_.car()))));
    for (const TurnDoubt& d : a.belief.doubts)
        out +=
            head(tr("That turn did something else")) +
            line(warn(q(words::turn_doubt(d, desk_.car(), how_)))) +
            line(soft(d.in_force ? tr("The angles are reckoned with that.")
                                 : tr("The angles are reckoned without it: as read, whatever was turned.")));
    for (const MovedAlong& m : plan.along) out += line(warn(q(words::moved_along(m, how_))));
    if (const QString wheel = q(words::wheel_moved_along(plan, desk_.car())); !wheel.isEmpty())
        out += line(warn(wheel));
    if (plan.thrust_off)
        out += line(
            warn(tr("The rear axle points %1, and that has no target: on the car's page it can be given one.")
                     .arg(q(words::thrust(a.now.thrust, how_)))));
    for (const Unreachable& u : a.plan.cannot) out += line(warn(q(words::unreachable(u, desk_.car(), how_))));
    return out;
}

/// What the rules that stay in their places show once it is turned: for each adjuster the two spots that tell
/// most.
QString TurnText::until() const {
    const JobAnalysis& a = desk_.answer();
    if (!desk_.answerIsCurrent() || a.until.empty()) return {};
    // The unit is written once.
    const auto number = [](const Until& u, double v) {
        const QString whole = q(to_division(v, u.kind, u.division));
        // A fraction stays with its inches.
        return whole.left(whole.lastIndexOf(QLatin1Char(' '))).replace(QLatin1Char(' '), QChar::Nbsp);
    };
    const auto unit = [](const Until& u) { return q(to_division(0.0, u.kind, u.division)).section(' ', -1); };
    // No word of a place is broken, in whatever language.
    const QFontMetricsF metrics(chalked(14));
    const QFontMetricsF bold(chalked(14, true));
    double longest = 64.0, stop = 0.0, both = 0.0, then = 66.0;
    for (const Until& u : a.until) {
        for (const QString& word : q(words::spot_short(u.spot)).split(QLatin1Char(' ')))
            longest = std::max(longest, metrics.horizontalAdvance(word) + 6.0);
        stop = std::max(stop, bold.horizontalAdvance(number(u, u.stop)) + 6.0);
        both = std::max(both, u.now ? stop + metrics.horizontalAdvance(number(u, *u.now) + " → ") : stop);
        then = std::max(then, metrics.horizontalAdvance(number(u, u.then)) + 8.0);
    }
    // What stands now and where to stop in one line: beside the place where there is room, else below it.
    constexpr double room = 178.0;
    const bool below = both > room - longest;
    stop = below ? stop + 14.0 : both;
    longest = room - stop;
    QString rows;
    std::string last;
    int of_this = 0;
    for (const Until& u : a.until) {
        if (u.adjuster != last) {
            rows += row(wideCell(strong(q(words::to_begin(words::adjuster(desk_.car(), u.adjuster)))) +
                                     QStringLiteral("  ") + soft(q(words::one_step(u, desk_.car()))),
                                 5));
            if (last.empty())
                rows += row(cell({}) + cell(soft(unit(u))) + cell(soft(tr("stop at"))) +
                            cell(soft(tr("shaken"))) + cell({}));
            last = u.adjuster;
            of_this = 0;
        }
        if (++of_this > 2) continue;
        const QString now = u.now ? tr("%1 → ").arg(number(u, *u.now)) : QString();
        const QString place = q(words::spot_short(u.spot));
        const QString which = cell(soft(desk_.number(u.spot)), 18);
        if (below) rows += row(which + wideCell(place, 4));
        rows += row((below ? cell({}, 18) + cell(now, longest) : which + cell(place, longest)) +
                    cell((below ? QString() : now) + strong(number(u, u.stop)), stop) +
                    cell(number(u, u.then), then) +
                    cell(soft(QStringLiteral("±%1").arg(number(u, words::sure_to(u))))));
    }
    const QString unshaken =
        last_is_before_shake(desk_.job())
            ? line(warn(
                  tr("The last value was read before a shake: this holds while it is not shaken. Once it is, "
                     "read again first.")))
            : QString();
    return head(tr("Turn until it shows")) + table(rows) + unshaken +
           line(soft(
               tr("In this order, the steering held. Stop there: the tires hold back a share until it is "
                  "shaken.") +
               (watched_from(desk_).empty()
                    ? QString()
                    : QStringLiteral(" ") + tr("Alt+9 takes what the rule shows meanwhile."))));
}

/// What the turns spoil and how likely they end it, or how the targets stand.
QString TurnText::outlook() const {
    const JobAnalysis& a = desk_.answer();
    QString out;
    if (!a.plan.turns.empty()) {
        QStringList spoiled, numbers;
        for (const std::string& what : a.plan.spoils) {
            const std::size_t dot = what.find('.');
            const QString angle = what.ends_with(".toe")      ? tr("toe")
                                  : what.ends_with(".camber") ? tr("camber")
                                                              : tr("caster");
            const QString whole =
                QStringLiteral("%1 %2").arg(q(words::wheel(*wheel_named(what.substr(0, dot)))), angle);
            if (!spoiled.contains(whole)) spoiled << whole;
        }
        for (const Spot& s : a.plan.remeasure) numbers << desk_.number(s);
        if (a.plan.next == NextStep::turn)
            out += head(tr("Likely to finish the job")) +
                   line(QStringLiteral("⟨b⟩%1⟨/b⟩   %2")
                            .arg(q(words::chance(a.plan.probability_inside)),
                                 soft(tr("all angles with a target inside"))));
        for (const PlannedTurn& t : a.plan.turns)
            if (t.at_edge) out += line(soft(q(words::at_edge(t))));
        const auto& rounds = desk_.job().rounds;
        const bool unread =
            std::all_of(rounds.begin(), rounds.end(), [](const Round& r) { return r.readings.empty(); });
        if (unread && last_of<AnglesCarried>(desk_.job())) {
            const QString says = q(words::without_reading(a.plan, how_));
            out += line(good_enough_unread(a.plan) ? says : warn(says));
        }
        if (a.plan.steering_before.known)
            out += line(soft(tr("Front wheels off the rear axle's line: now %1, after %2. The steering wheel "
                                "comes out straight with it.")
                                 .arg(q(fairchalk::show(abs(a.plan.steering_before.value), how_)),
                                      q(fairchalk::show(abs(a.plan.steering_after.value), how_)))));
        out += head(tr("This spoils")) + line(spoiled.join(QStringLiteral(", "))) +
               line(soft(tr("Read again after it: spots %1. Nothing moves the rest.")
                             .arg(numbers.join(QStringLiteral(" · ")))));
    } else {
        const bool unread = turned_since_reading(desk_.job());
        if (unread && !a.verdicts.empty()) out += head(tr("Expected of the turn, not read yet"));
        out += calls(desk_, true, !unread);
        if (a.verdicts.empty())
            out += line(tr("This job has no targets: nothing is judged and nothing planned."));
    }
    return out;
}

/// What each adjuster does on this car.
QString TurnText::responses() const {
    const JobAnalysis& a = desk_.answer();
    QString does;
    for (const RodResponse& r : a.now.responses) {
        const Adjuster* rod = desk_.car().rod(r.rod);
        if (!rod || r.per_turn.deg() == 0.0) continue;
        if (does.isEmpty()) does += head(tr("What one turn does on this car"));
        const QString from =
            r.turns_seen > 0 ? tr("learnt from %n turns", "learnt from one turn", r.turns_seen)
            : rod->arm       ? tr("from the arm you measured, %1").arg(q(fairchalk::show(*rod->arm, how_)))
                             : tr("a guess at the arm: learnt after one turn");
        does += line(QStringLiteral("%1: ⟨b⟩%2⟨/b⟩ ±%3⟨br⟩%4")
                         .arg(q(words::adjuster(*rod)), q(fairchalk::show(r.per_turn, how_)),
                              q(show_plus_minus(r.per_turn_sigma * k95, how_)), soft(from)));
    }
    QString last;
    for (const DeviceResponse& r : a.now.device_responses) {
        const Adjuster* d = desk_.car().device(r.device);
        if (!d || (r.turns_seen == 0 && !plannedFor(r.device))) continue;
        // An answer from before the card was told otherwise may be of another kind under the same id.
        const auto handles = adjuster_kind(d->kind)->handles(*d);
        const auto at = static_cast<std::size_t>(r.effect.handle);
        if (at >= handles.size() || handles[at].name != r.handle) continue;
        const HandleUnit unit = handles[at].unit;
        QString name = q(words::adjuster(desk_.car(), r.device));
        if (const QString handle = q(words::handle_name(*d, r.effect.handle)); !handle.isEmpty())
            name += QStringLiteral(", ") + handle;
        if (name != last) {
            if (does.isEmpty()) does += head(tr("What it does on this car"));
            does += line(QStringLiteral("%1, %2:⟨br⟩%3")
                             .arg(name,
                                  unit == HandleUnit::turn ? tr("one turn")
                                  : unit == HandleUnit::mm ? tr("one mm")
                                                           : tr("one degree near its middle"),
                                  soft(r.turns_seen > 0
                                           ? tr("learnt from %n turns", "learnt from one turn", r.turns_seen)
                                           : tr("by the likes of this suspension: learnt as it is turned"))));
            last = name;
        }
        const QString angle = r.effect.angle == WheelAngle::toe      ? tr("toe")
                              : r.effect.angle == WheelAngle::camber ? tr("camber")
                                                                     : tr("caster");
        does += line(
            QStringLiteral("  %1 ⟨b⟩%2⟨/b⟩ ±%3")
                .arg(angle, q(fairchalk::show(r.per_unit, how_)), q(show_plus_minus(r.sigma * k95, how_))));
    }
    for (const LockShift& l : a.now.locks)
        if (const QString shift = q(words::lock_shift(l, how_)); !shift.isEmpty())
            does += line(tr("%1: locking it moves the %2; the plan aims ahead of it.")
                             .arg(q(words::adjuster(desk_.car(), l.adjuster)), shift));
    return does;
}

QString TurnText::left() const {
    QString out;
    const auto& turns = desk_.answer().plan.turns;
    if (!turns.empty()) {
        // Only a rack's own rods have one.
        const bool boots = desk_.car().steering != Steering::box &&
                           std::any_of(turns.begin(), turns.end(), [&](const PlannedTurn& t) {
                               const Adjuster* rod = desk_.car().rod(t.adjuster);
                               return rod && rod->kind == steering_rod_kind;
                           });
        out += line(soft(
            (boots ? tr("Free the rubber boot so that it does not twist. ") : QString()) +
            tr("Keep the thread engaged that the vehicle's manual asks for; its torque and a new pin or nut "
               "where it says so. The manual and a qualified technician come before this program.")));
    }
    for (std::size_t i = 0; i < desk_.log().size(); ++i)
        if (const Accepted* acc = std::get_if<Accepted>(&desk_.log()[i].event); acc && desk_.job().live(i))
            out += head(tr("Left as it is")) + line(q(acc->why));
    return out;
}

bool shakeFirst(const JobDesk& desk) {
    const Plan& plan = desk.answer().plan;
    return plan.next == NextStep::read && plan.turns.empty() && !plan.again && shake_is_due(desk.job());
}

std::string threadWanted(const JobDesk& desk) {
    const auto& again = desk.answer().plan.again;
    return again && again->why.code == Code::again_thread && !again->why.args.empty()
               ? again->why.args.front()
               : std::string();
}

}  // namespace fairchalk::desk
