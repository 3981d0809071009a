// SPDX-License-Identifier: GPL-3.0-or-later
#include "read/read_text.h"

#include <algorithm>
#include <cmath>

#include "book/target_text.h"
#include "core/job/rig.h"
#include "core/judge/card_after_job.h"
#include "core/judge/moved.h"
#include "core/network/site.h"
#include "look/chalk.h"
#include "look/html.h"
#include "look/language.h"
#include "words/record_words.h"
#include "words/words.h"

namespace fairchalk::desk {

namespace {

/// What would settle the verdict that is too close to call.
QString settling(const JobAnalysis& a, const JobDesk& desk, std::size_t verdict) {
    if (const auto& facts = a.telling[verdict]; !facts.empty()) return q(words::facts_that_settle(facts));
    if (const auto& found = a.settling[verdict])
        return QCoreApplication::translate("Slate", "%n more readings would settle it, first at spot %1.",
                                           "One more reading would settle it, at spot %1.", found->readings)
            .arg(desk.number(found->first.spot));
    return QCoreApplication::translate(
        "Slate",
        "No number of readings with these tools settles it within reason: another "
        "way of measuring may, or leave it as it is.");
}

}  // namespace

QString calls(const JobDesk& desk, bool unknown_too, bool settle) {
    const JobAnalysis& a = desk.answer();
    QStringList remarks;
    for (std::size_t i = 0; i < a.verdicts.size(); ++i)
        remarks << (settle && a.verdicts[i].call == Call::too_close ? settling(a, desk, i) : QString());
    QString out;
    for (std::size_t i = 0; i < a.verdicts.size(); ++i) {
        const Verdict& v = a.verdicts[i];
        if (v.call == Call::unknown && !unknown_too) continue;
        out += line(QStringLiteral("%1: ⟨b⟩%2⟨/b⟩").arg(q(words::measure(v.target)), q(words::call(v.call))));
        // What holds of several is said once, after the last of them.
        const auto at = static_cast<qsizetype>(i);
        if (!remarks[at].isEmpty() && remarks.lastIndexOf(remarks[at]) == at) out += line(soft(remarks[at]));
    }
    return out;
}

std::optional<Waits> waitsForCard(const JobDesk& desk) {
    const Job& job = desk.job();
    if (job.rounds.empty()) return std::nullopt;
    const auto waits = [](const Message& why, const QString& card) {
        return Waits{QCoreApplication::translate("Slate", "What is read waits: %1. The car's card (Ctrl+I).")
                         .arg(q(words::sentence(why))),
                     card};
    };
    // By the card as it is written now, so that what is told there leads on to the next at once.
    for (std::size_t i : job.rounds.back().readings) {
        const Reading r = completed(std::get<Reading>((*job.log)[i].event), desk.lines());
        for (Lack lack : reading_kind(r.spot.kind).needs(r))
            if (lack == Lack::wheelbase && !desk.car().wheelbase) {
                return waits({Code::why_needs_wheelbase, {}}, QStringLiteral("body:wheelbase"));
            } else if (lack == Lack::rim_span && !desk.car().axle(axle_of(*r.spot.wheel)).rim_span) {
                const Axle axle = axle_of(*r.spot.wheel);
                return waits({Code::why_needs_rim_span, {std::string(name_of(axle))}},
                             q(std::string(name_of(axle))) + QStringLiteral("-axle:rim_span"));
            }
    }
    return std::nullopt;
}

std::optional<Waits> waitsFor(const JobDesk& desk) {
    const Job& job = desk.job();
    if (job.rounds.empty() || job.rounds.back().readings.empty()) return std::nullopt;
    const auto& read = job.rounds.back().readings;
    const auto& unused = desk.answer().now.unused;
    const bool left_out = std::any_of(unused.begin(), unused.end(), [&](const Unused& u) {
        return u.why.code != Code::why_needs_wheelbase && u.why.code != Code::why_needs_rim_span &&
               std::find(read.begin(), read.end(), u.entry) != read.end();
    });
    QStringList sizes;
    for (std::string_view size : sizes_missing(desk.lines())) sizes << q(words::size(size));
    if (!sizes.isEmpty() && left_out)
        return Waits{QCoreApplication::translate(
                         "Slate", "What is read waits for this to be told: %1. Lines (Ctrl+5).")
                         .arg(sizes.join(QStringLiteral("; "))),
                     {}};
    return waitsForCard(desk);
}

AfterReading::AfterReading(const JobDesk& desk) : stage_(desk.driveAsked() ? Stage::drive : Stage::turn) {
    if (const auto waits = waitsFor(desk)) {
        stage_ = Stage::lines;
        card_ = waits->card;
    }
}

Act AfterReading::act() const {
    Act on = goOn(stage_);
    if (toCard()) on.text = QCoreApplication::translate("Slate", "Go on: the car's card");
    return on;
}

void AfterReading::go(Guide& from) const {
    if (toCard())
        emit from.pageWanted({PageId::card, card_});
    else
        emit from.stageWanted(stage_);
}

std::optional<Spot> worthReading(const JobDesk& desk) {
    const JobAnalysis& a = desk.answer();
    if (!desk.answerIsCurrent() || a.read.empty() || (!a.plan.again && a.plan.next != NextStep::read))
        return std::nullopt;
    return a.read.front();
}

QString untold(const JobDesk& desk) {
    // What would tell it may be read already, and wait for a size.
    if (const auto waits = waitsFor(desk)) return waits->says;
    const std::optional<Untold>& u = desk.answer().untold;
    return u ? QCoreApplication::translate("Slate",
                                           "%1: none of the ways chosen tells it. Others do: Lines (Ctrl+5).")
                   .arg(q(words::to_begin(words::measure_of(u->target))))
             : QString();
}

QString waysThatTell(const JobDesk& desk) {
    const std::optional<Untold>& u = desk.answer().untold;
    if (!u || waitsFor(desk)) return {};
    QStringList ways;
    for (std::string_view rig : u->rigs) ways << inSentence(q(desk.knowledge().rig(rig)->text));
    return QCoreApplication::translate("Slate", "%1 is told by: %2.")
        .arg(q(words::to_begin(words::measure_of(u->target))), ways.join(QStringLiteral("; ")));
}

namespace {

/// What is no part of this round's walk has no number.
QString numberOrName(const JobDesk& desk, const Spot& s) {
    const QString number = desk.number(s);
    return number == QStringLiteral("+") ? q(words::spot(s)) : number;
}

}  // namespace

QString ReadText::text() const {
    QString out = contradictions() + squaring() + bars() + agreements();
    if (spot_) out += besides(*spot_);
    if (unleaned_)
        out += line(soft(
            tr("This gauge is taken to show minus where the top leans in. The lean test fixes that, once.")));
    return out + angles() + unchecked() + missing() + verdicts() + before();
}

/// Readings that can't all be right.
QString ReadText::contradictions() const {
    const JobAnalysis& a = desk_.answer();
    if (!a.now.alarm) return {};
    QString out;
    QStringList numbers;
    if (a.plan.again && a.plan.again->why.code == Code::again_other_way) {
        for (const Spot& s : a.plan.again->spots) numbers << desk_.number(s);
        return line(warn(QStringLiteral("%1: %2.").arg(numbers.join(QStringLiteral(" · ")),
                                                       q(words::sentence(a.plan.again->why)))));
    }
    if (desk_.driveAsked())
        return line(warn(q(words::to_begin(words::sentence(a.plan.again->why))) + QLatin1Char('.')));
    for (const Check& c : a.now.checks)
        if (c.suspect) {
            const Reading& r = std::get<Reading>(desk_.log()[c.entry].event);
            const QString n = desk_.number(r.spot);
            if (!numbers.contains(n)) numbers << n;
        }
    out += line(warn(numbers.size() == 1
                         ? tr("Reading %1 contradicts the others: read it again.").arg(numbers.first())
                         : tr("Readings %1 contradict each other, and nothing tells yet which is wrong: "
                              "read them again.")
                               .arg(numbers.join(QStringLiteral(" · ")))));
    out += suspects();
    return out;
}

/// Whether the strings lie as they lay, by what the bars read.
QString ReadText::bars() const {
    QString out;
    for (const Bumped& b : desk_.answer().bars) {
        const QString bar = b.bar == Axle::front ? tr("front") : tr("rear");
        out += line(b.yes ? warn(tr("The %1 bar reads %2 %3 than before: the strings moved. F5 says so, and "
                                    "all is read again.")
                                     .arg(bar)
                                     .arg(q(fairchalk::show(abs(b.moved), how_)))
                                     .arg(b.moved.mm() > 0 ? tr("more") : tr("less")))
                          : soft(tr("The %1 bar reads as before: the strings lie where they lay.").arg(bar)));
    }
    return out;
}

/// The spots that one belongs with: its string, the bars, or its own way of measuring; and what was struck
/// out.
QString ReadText::besides(const Spot& spot) const {
    const Job& job = desk_.job();
    const JobAnalysis& a = desk_.answer();
    QString out;
    const auto lineOf = [](const Spot& s) {
        const ReadingKind& kind = reading_kind(s.kind);
        if (kind.wants_no_rig()) return 0;
        if (kind.to_string()) return 1 + index_of(side_of(*s.wheel));
        const auto rigs = all_rigs();
        return kind.place() == PlaceKind::bar
                   ? 3
                   : 4 + static_cast<int>(std::find(rigs.begin(), rigs.end(), &rig_of(s.kind)) -
                                          rigs.begin());
    };
    const int ours = lineOf(spot);
    out += head(ours == 0   ? tr("Widths over the hubs")
                : ours == 1 ? tr("On the left string")
                : ours == 2 ? tr("On the right string")
                : ours == 3 ? tr("On the bars")
                            : q(desk_.knowledge().rig(rig_of(spot.kind).id)->text));
    QString rows;
    std::vector<Spot> spots = desk_.walk();
    if (std::find(spots.begin(), spots.end(), spot) == spots.end()) spots.push_back(spot);
    for (const Spot& s : spots) {
        if (lineOf(s) != ours) continue;
        for (std::size_t i : readings_at(job, desk_.round(), s)) {
            const auto check = std::find_if(a.now.checks.begin(), a.now.checks.end(),
                                            [&](const Check& c) { return c.entry == i; });
            const bool suspect = check != a.now.checks.end() && check->suspect;
            const bool kept = desk_.isKept(i);
            const Reading& r = std::get<Reading>(desk_.log()[i].event);
            const bool trouble = suspect || !desk_.waiting().error.empty();
            const QString state = !kept ? desk_.waiting().error.empty() ? tr("writing …") : tr("not kept")
                                  : suspect ? tr("▲ doubtful")
                                            : QString();
            rows += row(cell(soft(desk_.number(s)), 22) + cell(q(words::spot(s)), 146) +
                        rightCell(strong(q(words::as_read(r)))) +
                        cell(QStringLiteral("  ") + (trouble ? cautious(state) : soft(state))));
        }
    }
    out += rows.isEmpty() ? line(soft(tr("nothing yet"))) : table(rows);
    // What was struck out stays to be seen.
    for (std::size_t i = 0; i < desk_.log().size(); ++i)
        if (const Reading* r = std::get_if<Reading>(&desk_.log()[i].event);
            r && job.struck[i] && r->spot == spot && *job.struck[i] != "undo")
            out += line(soft(QStringLiteral("⟨s⟩%1⟨/s⟩ %2").arg(q(words::as_read(*r)), q(*job.struck[i]))));
    return out;
}

/// What nothing checks, once all is read.
QString ReadText::unchecked() const {
    if (next_spot(desk_.job(), desk_.round())) return {};
    QStringList alone;
    for (const Check& c : desk_.answer().now.checks)
        if (std::isinf(c.detectable)) {
            const QString n = numberOrName(desk_, std::get<Reading>(desk_.log()[c.entry].event).spot);
            if (!alone.contains(n)) alone << n;
        }
    if (alone.isEmpty()) return {};
    return line(soft(tr("Nothing checks %1: a slip there would not show. Read twice, it would.")
                         .arg(alone.join(QStringLiteral(" · ")))));
}

QString ReadText::verdicts() const {
    return calls(desk_, false, true);
}

/// The totals of the round before.
QString ReadText::before() const {
    const JobAnalysis& a = desk_.answer();
    const int round = desk_.round();
    QString out;
    if (round > 0 && static_cast<int>(a.rounds.size()) > round) {
        out += head(tr("Before, at round %1").arg(round));
        for (Axle axle : both_axles) {
            const KnownAngle& was =
                a.rounds[static_cast<std::size_t>(round) - 1].axles[index_of(axle)].total_toe;
            if (was.known)
                out +=
                    line((axle == Axle::front ? tr("front total ") : tr("rear total ")) + known(was, how_));
        }
    }
    return out;
}

/// What is missing for the first of what is asked for and not known.
QString ReadText::missing() const {
    const JobAnalysis& a = desk_.answer();
    if (const auto waits = waitsFor(desk_)) return line(warn(waits->says));
    struct ReasonsGiven {
        Target target;
        const KnownAngle* angle;
    };
    std::vector<ReasonsGiven> asked;
    for (const Verdict& v : a.verdicts)
        if (!v.angle.known) asked.push_back({v.target, &v.angle});
    const auto rigs = rigs_of(desk_.job(), desk_.round(), true);
    if (a.verdicts.empty())
        for (Wheel w : all_wheels) {
            Target toe;
            toe.where = w;
            toe.measure = Measure::toe;
            // What no way that was chosen tells is not missed.
            if (std::none_of(rigs.begin(), rigs.end(), [&](const Rig* rig) { return tells(*rig, toe); }))
                continue;
            if (const KnownAngle& angle = a.now.wheels[index_of(w)].toe; !angle.known)
                asked.push_back({toe, &angle});
        }
    for (const auto& [target, angle] : asked) {
        const Code why = angle->why.code;
        if (why == Code::why_needs_wheelbase || why == Code::why_needs_bar || why == Code::why_needs_rim_span)
            return line(warn(q(words::sentence(angle->why))));
        if (a.untold && a.untold->target.name() == target.name()) break;
        const std::vector<Spot> spots =
            angle->needs.empty() ? unread_for(desk_.job(), desk_.round(), target) : angle->needs;
        if (spots.empty()) continue;
        QStringList names;
        for (const Spot& s : spots) names << numberOrName(desk_, s);
        return line(
            soft(tr("%1 is known after %2.")
                     .arg(q(words::to_begin(words::measure_of(target))), names.join(QStringLiteral(" · ")))));
    }
    return a.untold ? line(warn(untold(desk_))) + line(soft(waysThatTell(desk_))) : QString();
}

/// Two rigs on one axle: whether they agree, and which reading to doubt first where they do not.
QString ReadText::agreements() const {
    const JobAnalysis& a = desk_.answer();
    QString out;
    for (const Agreement& g : a.agreements) {
        const QString both = tr("%1: %2 by “%3”, %4 by “%5”")
                                 .arg(q(words::axle(g.axle)), q(show_toe(g.first, how_)),
                                      q(desk_.knowledge().rig(g.one->id)->text), q(show_toe(g.second, how_)),
                                      q(desk_.knowledge().rig(g.other->id)->text));
        if (g.agree) {
            out += line(soft(both + tr(". They agree.")));
            continue;
        }
        // Of all their readings on that axle, the one that the rest pulls at most.
        const Check* out_most = nullptr;
        for (const Check& c : a.now.checks) {
            const Spot& s = std::get<Reading>(desk_.log()[c.entry].event).spot;
            const Rig* rig = &rig_of(s.kind);
            const bool theirs = rig == g.one || rig == g.other;
            const bool there = s.wheel ? axle_of(*s.wheel) == g.axle : s.axle == g.axle;
            if (theirs && there && (!out_most || std::abs(c.w) > std::abs(out_most->w))) out_most = &c;
        }
        out += line(warn(
            both + tr(". They don't agree.") +
            (out_most ? tr(" Reading %1 stands out most: begin with it.")
                            .arg(desk_.number(std::get<Reading>(desk_.log()[out_most->entry].event).spot))
                      : QString())));
    }
    return out;
}

/// Each suspect: what it looks like, and the angles of its wheels with and without it.
QString ReadText::suspects() const {
    const JobAnalysis& a = desk_.answer();
    QString out;
    for (const auto& [entry, rest] : a.without) {
        const Reading& r = std::get<Reading>(desk_.log()[entry].event);
        const QString number = desk_.number(r.spot);
        if (const Explanation* x = slip_of(a.slips, entry)) {
            // In the unit that was typed, to be held against it.
            Show typed = how_;
            typed.lengths =
                book::unit_beside(r.value) == Bare::inch ? Show::LengthStyle::inch : Show::LengthStyle::mm;
            const QString would = r.value.kind == QuantityKind::length
                                      ? q(fairchalk::show(Length::from_mm(x->would_be), typed))
                                      : QStringLiteral("%1°").arg(q(show_number(x->would_be, 2)));
            out += line(tr("%1 read %2; it would fit at %3, if %4.")
                            .arg(number, q(words::as_read(r)), would, q(words::slip(x->slip))));
        }
        // With one reading gone and nothing left to contradict, that one explains it.
        if (!rest.alarm) out += line(soft(tr("Without %1 all the rest fits.").arg(number)));
        if (!r.spot.wheel) continue;
        const auto w = static_cast<std::size_t>(index_of(*r.spot.wheel));
        const KnownAngle& with = a.now.wheels[w].toe;
        const KnownAngle& without = rest.wheels[w].toe;
        if (with.known && without.known)
            out += line(soft(tr("Toe there %1 with this %2, %3 without it.")
                                 .arg(known(with, how_), q(words::as_read(r)), known(without, how_))));
    }
    return out;
}

/// For those who want their strings square: which stand, which way, how far.
QString ReadText::squaring() const {
    if (desk_.facts().at("squaring") != "yes") return {};
    const JobAnalysis& a = desk_.answer();
    QString out = head(tr("Squaring the strings"));
    for (const StandMove& m : a.squaring.moves) {
        const QString string = m.side == Side::left ? tr("Left string") : tr("Right string");
        out += line(m.worth_it ? tr("%1: move its front end ⟨b⟩%2 %3⟨/b⟩ the car, ±%4; the rear end stays.")
                                     .arg(string,
                                          q(fairchalk::show(Length::from_mm(std::abs(m.outward.mm())), how_)),
                                          m.outward.mm() > 0 ? tr("away from") : tr("toward"),
                                          q(fairchalk::show(Length::from_mm(m.sigma.mm() * k95), how_)))
                               : tr("%1: square as far as this rule can tell.").arg(string));
    }
    if (!a.squaring.needs.empty()) {
        QStringList numbers;
        for (const Spot& s : a.squaring.needs) numbers << desk_.number(s);
        out += line(soft(
            tr("After %1 it is known how to move what is left.").arg(numbers.join(QStringLiteral(" · ")))));
    }
    if (std::any_of(a.squaring.moves.begin(), a.squaring.moves.end(),
                    [](const StandMove& m) { return m.worth_it; }))
        out += line(
            soft(tr("Once moved, F5, and read hubs and bars again. The angles are the same square or not.")));
    return out;
}

/// All that is known by now, and what it is measured from.
QString ReadText::angles() const {
    const JobAnalysis& a = desk_.answer();
    QString out;
    decltype(AnglesCarried::wheels) carried;
    // Just checking: what moved since the job before is the news. What was turned here is none.
    if (const auto& left = desk_.leftAt(); left && !a.rounds.empty()) {
        QString moved;
        for (const MovedAngle& m : what_moved(left->angles, a.rounds.front()))
            if (m.call == HasMoved::moved) moved += line(q(words::moved(m, how_)));
        if (!moved.isEmpty()) out += head(tr("Since %1").arg(q(show_day(left->begun)))) + moved;
    }
    out += head(tr("What this tells"));
    QString rows;
    const auto add = [&](const QString& name, const QString& value) {
        rows += row(cell(name, 116) + cell(value));
    };
    const auto leaning = [&](const KnownAngle& k) {
        return QStringLiteral("⟨b⟩%1⟨/b⟩ ±%2")
            .arg(q(fairchalk::show(k.value, how_)), q(show_plus_minus(k.plus_minus(), how_)));
    };
    if (const auto& left = desk_.leftAt())
        if (const auto all = carried_over(left->angles)) carried = all->wheels;
    bool single = false, rear = false;
    for (Wheel w : {Wheel::front_left, Wheel::front_right, Wheel::rear_left, Wheel::rear_right}) {
        const WheelAngles& angles = a.now.wheels[index_of(w)];
        QStringList says;
        if (angles.toe.known) {
            single = true;
            says << QStringLiteral("⟨b⟩%1⟨/b⟩").arg(known(angles.toe, how_));
            if (axle_of(w) == Axle::front && angles.toe_to_thrust.known)
                says << soft(tr("%1 to the thrust line").arg(q(show_toe(angles.toe_to_thrust.value, how_))));
        } else if (angles.toe_to_rear.known) {
            rear = true;
            says << tr("%1 to the rear wheel").arg(known(angles.toe_to_rear, how_));
        } else if (angles.toe_to_string.known) {
            says << tr("%1 to its string").arg(known(angles.toe_to_string, how_));
        }
        // What was known at the end of the last job, a little less sure by now, until it is read here.
        if (const auto& was = carried[static_cast<std::size_t>(index_of(w))][0]; was && !angles.toe.known)
            says << soft(tr("left at %1 ±%2")
                             .arg(q(show_toe(Angle::from_deg(was->deg), how_)),
                                  q(show_plus_minus(Angle::from_deg(k95 * was->sigma_deg), how_))));
        if (angles.camber.known) says << tr("camber %1").arg(leaning(angles.camber));
        if (angles.caster.known) says << tr("caster %1").arg(leaning(angles.caster));
        // What the readings tell, not what was believed of any car before.
        if (angles.sai.known && angles.sai.sigma.deg() < 2.0)
            says << soft(tr("SAI %1").arg(leaning(angles.sai)));
        if (!says.isEmpty()) add(q(words::wheel(w)), says.join(QStringLiteral("⟨br⟩")));
    }
    for (Axle axle : both_axles) {
        const AxleAngles& both = a.now.axles[index_of(axle)];
        if (both.total_toe.known)
            add(axle == Axle::front ? tr("front total") : tr("rear total"),
                QStringLiteral("⟨b⟩%1⟨/b⟩").arg(known(both.total_toe, how_)));
        if (both.cross_camber.known) add(tr("camber L − R"), leaning(both.cross_camber));
        if (both.cross_caster.known) add(tr("caster L − R"), leaning(both.cross_caster));
    }
    if (rows.isEmpty() && !spot_) {
        out += line(soft(tr("nothing yet")));
    } else if (rows.isEmpty()) {
        out += line(soft(tr("Nothing yet. Once it is read, this tells:")));
        for (const Rig* rig : rigs_of(desk_.job(), desk_.round(), true)) {
            const RigItem* item = desk_.knowledge().rig(rig->id);
            out += line(soft(tr("%1: %2").arg(q(item->text), inSentence(q(item->tells)))));
        }
    } else {
        out += table(rows);
    }
    if (single)
        out += line(soft(tr("Toes are measured from %1.")
                             .arg(q(words::reference(a.now.chassis_marks ? Reference::chassis_marks
                                                                         : Reference::centreline)))));
    if (rear)
        out += line(soft(tr("A front toe to the rear wheel of its side has that wheel's own toe in it.")));
    // The rough check, without a gauge: well turned, the outer wheel leans in at the top.
    for (Wheel w : {Wheel::front_left, Wheel::front_right})
        if (const KnownAngle& c = a.now.wheels[index_of(w)].caster;
            c.known && c.value + c.plus_minus() < Angle())
            out += line(warn(
                tr("By these readings the %1 wheel leans out at the top when it is the outer one in a "
                   "turn. Turn the steering and look: if it leans in, a sign is wrong, or out and in are "
                   "swapped.")
                    .arg(q(words::wheel(w)))));
    if (a.now.steering_free)
        out +=
            line(warn(tr("The steering was not held: total toe stands; each front wheel by itself is known "
                         "only up to how far both were steered.")));
    return out;
}

}  // namespace fairchalk::desk
