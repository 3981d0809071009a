// SPDX-License-Identifier: GPL-3.0-or-later
#include "turn/turn_guide.h"

#include <algorithm>
#include <array>
#include <utility>

#include <QPointer>

#include "core/network/priors.h"
#include "look/html.h"
#include "read/read_text.h"
#include "turn/plan_offers.h"
#include "turn/turn_questions.h"
#include "turn/turn_text.h"
#include "turn/watch_question.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

/// Each thing that can be done has its own key, whatever else is offered beside it.
namespace keys {
constexpr std::size_t as_written = 0, turned = 1, leave = 2, plans = 3, lock = 4, stick = 5, aim = 6, all = 6,
                      sets = 6, carry = 7, shop_note = 7, watch = 8;
/// Alt and 1 to 3: what was seen, and what goes onto the card.
constexpr std::size_t seen = Act::spare;
}  // namespace keys

/// The place of the card that says what sets an angle nobody told of; nothing where the card says that
/// nothing does.
QString adjusterWanted(JobDesk& desk) {
    // On a plan that leaves some alone the card may well name it.
    const PlanChoice& choice = desk.planChoice();
    if (!choice.name.empty() || !choice.options.touching.empty()) return {};
    for (const Unreachable& u : desk.answer().plan.cannot) {
        if (u.why.code != Code::plan_no_adjuster) continue;
        const Wheel* own = std::get_if<Wheel>(&u.target.where);
        const Axle* axle = std::get_if<Axle>(&u.target.where);
        if (!own && !axle) continue;
        const Wheel w = own ? *own : wheel_at(*axle, Side::left);
        const Measure m = u.target.measure;
        const WheelAngle angle = is_toe(m)                                            ? WheelAngle::toe
                                 : m == Measure::camber || m == Measure::cross_camber ? WheelAngle::camber
                                                                                      : WheelAngle::caster;
        const auto& all = desk.car().adjusters;
        const bool said = std::any_of(all.begin(), all.end(), [&](const Adjuster& a) {
            return a.kind == "none" && a.wheel == w && a.angle == name_of(angle);
        });
        if (!said) return q(std::string(name_of(w))) + QLatin1Char(':') + q(std::string(name_of(angle)));
    }
    return {};
}

/// Where the card asks for a field of an adjuster.
QString cardPlaceOf(const JobDesk& desk, const std::string& adjuster, const char* field) {
    const CarCard& car = desk.car();
    const int place = car.place_of(adjuster);
    if (place < 0) return {};
    const Wheel w = wheel_of(car.adjusters[static_cast<std::size_t>(place)]);
    return QStringLiteral("%1:%2:%3")
        .arg(q(std::string(name_of(w))), q(adjuster), QString::fromLatin1(field));
}

/// What can be seen under the car, and what it says on the card.
struct Seen {
    const char* field;
    const char* value;
    const char* says;
};
constexpr std::array can_be_seen = {
    Seen{"bolt", "strut-upper", QT_TRANSLATE_NOOP("TurnGuide", "Looked: it is the upper bolt")},
    Seen{"bolt", "strut-lower", QT_TRANSLATE_NOOP("TurnGuide", "Looked: it is the lower bolt")},
    Seen{"wheel", "front-left", QT_TRANSLATE_NOOP("TurnGuide", "Looked: at the left knuckle")},
    Seen{"wheel", "front-right", QT_TRANSLATE_NOOP("TurnGuide", "Looked: at the right knuckle")},
    Seen{"arm", "lower", QT_TRANSLATE_NOOP("TurnGuide", "Looked: at the lower arm")},
    Seen{"arm", "upper", QT_TRANSLATE_NOOP("TurnGuide", "Looked: at the upper arm")},
    Seen{"runs", "ahead", QT_TRANSLATE_NOOP("TurnGuide", "Looked: its body end lies ahead")},
    Seen{"runs", "behind", QT_TRANSLATE_NOOP("TurnGuide", "Looked: its body end lies behind")},
    Seen{"pushes", "out", QT_TRANSLATE_NOOP("TurnGuide", "Looked: more push the arm outward")},
    Seen{"pushes", "in", QT_TRANSLATE_NOOP("TurnGuide", "Looked: more push the arm inward")},
    Seen{"thread", "right", QT_TRANSLATE_NOOP("TurnGuide", "Looked: a right-hand thread")},
    Seen{"thread", "left", QT_TRANSLATE_NOOP("TurnGuide", "Looked: a left-hand thread")},
    Seen{"rod", "behind-axle", QT_TRANSLATE_NOOP("TurnGuide", "Looked: it runs behind the axle")},
    Seen{"rod", "ahead-of-axle", QT_TRANSLATE_NOOP("TurnGuide", "Looked: it runs ahead of the axle")},
};

}  // namespace

void TurnGuide::enter() {
    left_again_ = true;  // another job may have added to it
}

void TurnGuide::turnedAsWritten() {
    if (!desk_.answerIsCurrent()) return;
    std::vector<Turn> turns = turns_as_written(desk_.answer().plan);
    if (turns.empty()) return;
    desk_.turned(std::move(turns));
    emit changed();
}

void TurnGuide::startTurned() {
    if (!desk_.answer().plan.turns.empty()) emit asks(new TurnedQuestion(desk_));
}

void TurnGuide::startAccept() {
    emit asks(new AcceptQuestion(desk_));
}

QString TurnGuide::title() const {
    switch (desk_.answer().plan.turns.size()) {
        case 0:
            return tr("Turn");
        case 1:
            return tr("One to turn, then read again");
        case 2:
            return tr("Both, then read again");
        default:
            return tr("In this order, then read again");
    }
}

QString TurnGuide::subtitle() const {
    const ToGo& to_go = desk_.answer().to_go;
    if (!desk_.answerIsCurrent() || desk_.answer().plan.turns.empty()) return {};
    return tr("%1 for this, %2 to the end")
        .arg(q(words::minutes(to_go.this_pass)), q(words::minutes(to_go.to_done)));
}

QString TurnGuide::body() const {
    return TurnText(desk_, how_, false).text();
}

QString TurnGuide::say() const {
    const JobAnalysis& a = desk_.answer();
    if (!desk_.answerIsCurrent()) return tr("Working it out …");
    if (desk_.job().targets.empty())
        return tr(
            "No targets yet: say what to aim at, from the car's manual. It stands on its card (Ctrl+I).");
    if (a.plan.next == NextStep::look && a.plan.look) return q(words::look(*a.plan.look, desk_.car()));
    if (a.plan.next == NextStep::test_turn)
        return tr("Not known yet which way it works: turn so much, read %n spots again, and it is.",
                  "Not known yet which way it works: turn so much, read one spot again, and it is.",
                  static_cast<int>(a.plan.remeasure.size()));
    if (a.plan.again && !threadWanted(desk_).empty())
        return q(words::to_begin(words::sentence(a.plan.again->why, desk_.car()))) + QLatin1Char('.');
    if (desk_.driveAsked())
        return tr("%1 (Ctrl+8).").arg(q(words::to_begin(words::sentence(a.plan.again->why, desk_.car()))));
    if (a.plan.again)
        return tr("%1 (Ctrl+6).").arg(q(words::to_begin(words::sentence(a.plan.again->why, desk_.car()))));
    // What stays outside whatever is turned.
    if (!a.plan.turns.empty()) {
        const QString stays =
            a.plan.cannot.empty()
                ? QString()
                : tr(" %1 stays outside.")
                      .arg(q(words::to_begin(words::measure_of(a.plan.cannot.front().target))));
        if (a.now.thrust.known)
            return tr("The rear axle points %1 and the fronts are set to follow it. Turn %2, then "
                      "read %n spots.",
                      "The rear axle points %1 and the fronts are set to follow it. Turn %2, then "
                      "read one spot.",
                      static_cast<int>(a.plan.remeasure.size()))
                       .arg(q(words::thrust(a.now.thrust, how_)), a.plan.turns.size() > 2   ? tr("all")
                                                                  : a.plan.turns.size() > 1 ? tr("both")
                                                                                            : tr("it")) +
                   stays;
        return tr("Turn as drawn, then read again.") + stays;
    }
    if (!a.plan.cannot.empty())
        return !adjusterWanted(desk_).isEmpty()
                   ? tr("%1 stays outside, and the card names nothing that sets it: say what does (Alt+7), "
                        "or leave it with a reason (F4).")
                         .arg(q(words::to_begin(words::measure_of(a.plan.cannot.front().target))))
               : desk_.planChoice().name.empty()
                   ? tr("%1 stays outside, and nothing here can be turned for it: leave it with a "
                        "reason (F4), or see what the manual offers.")
                         .arg(q(words::to_begin(words::measure_of(a.plan.cannot.front().target))))
                   : tr("Nothing to turn on this plan. %1 stays outside: Alt+4 chooses another plan.")
                         .arg(q(words::to_begin(words::measure_of(a.plan.cannot.front().target))));
    if (a.plan.as_far_as) return q(words::as_far_as(*a.plan.as_far_as, desk_.car()));
    if (a.plan.next == NextStep::done && !a.verdicts.empty())
        return tr(
            "Nothing left to turn. Lock the nuts to the manual's torque, then read again: tightening "
            "moves things.");
    if (waits_for_reading(desk_.job()))
        return tr("Turned, and not read since: what it spoiled is read first, %n spots (Ctrl+6).",
                  "Turned, and not read since: what it spoiled is read first, one spot (Ctrl+6).",
                  static_cast<int>(a.plan.remeasure.size()));
    if (shakeFirst(desk_))
        return tr(
            "What was read before the shake is not how it stays: shake it, then read %n spots (Ctrl+6).",
            "What was read before the shake is not how it stays: shake it, then read one spot (Ctrl+6).",
            static_cast<int>(a.plan.remeasure.size()));
    if (a.untold) return untold(desk_);
    if (const auto more = worthReading(desk_))
        return tr("Another reading is worth more than a turn: %1 (Ctrl+6).").arg(q(words::spot(*more)));
    return tr("Not enough is known yet to turn anything: read on (Ctrl+6).");
}

bool TurnGuide::actHasFocus() const {
    return !desk_.answer().plan.turns.empty();
}

QString TurnGuide::nothingTyped() const {
    if (!watched_from(desk_).empty())
        return tr(
            "Nothing was kept: what was turned is typed after F3, what the rule shows meanwhile after "
            "Alt+9.");
    if (!desk_.answer().plan.turns.empty())
        return tr("Nothing was kept: what was turned is typed after F3, a reading on Read (Ctrl+6).");
    return tr("Nothing was kept: a reading is typed on Read (Ctrl+6).");
}

std::vector<Act> TurnGuide::acts() const {
    std::vector<Act> out;
    for (Doing& d : doings()) out.push_back(std::move(d.act));
    return out;
}

void TurnGuide::act(const QString& id) {
    for (const Doing& d : doings())
        if (d.act.id == id) return d.run(*this);
}

const std::optional<JobDesk::LeftByLastJob>& TurnGuide::left() const {
    if (left_for_ != desk_.jobId()) left_.reset();
    if (!std::exchange(left_again_, false) && left_for_ == desk_.jobId()) return left_;
    left_for_ = desk_.jobId();
    auto* self = const_cast<TurnGuide*>(this);  // the answer comes later, and is told
    desk_.leftByLastJob([self = QPointer(self), job = left_for_](std::optional<JobDesk::LeftByLastJob> left) {
        if (!self || self->left_for_ != job) return;
        self->left_ = std::move(left);
        if (self->left_) emit self->said();
    });
    return left_;
}

void TurnGuide::carry() {
    std::vector<JobDesk::What> all{left()->angles};
    if (const auto& bias = left()->bias; bias && !last_of<BiasTaken>(desk_.job())) all.push_back(*bias);
    desk_.record(std::move(all));
}

std::vector<TurnGuide::Doing> TurnGuide::doings() const {
    std::vector<Doing> out;
    const auto add = [&](std::size_t key, const QString& id, const QString& text,
                         std::function<void(TurnGuide&)> run, bool main = false) {
        out.push_back({{id, text, main, false, key}, std::move(run)});
    };
    std::size_t spare = keys::seen;
    const JobAnalysis& a = desk_.answer();
    const bool turned = waits_for_reading(desk_.job());
    if (!a.plan.turns.empty() && !(turned && !desk_.answerIsCurrent())) {
        add(
            keys::as_written, "as-written", tr("Turned as written"),
            [](TurnGuide& g) { g.turnedAsWritten(); }, true);
        add(keys::turned, "turned", tr("I turned …"), [](TurnGuide& g) { g.startTurned(); });
    }
    // What contradicts was looked at and stays so: whoever knows why says it.
    const bool stays = a.plan.again && a.plan.again->why.code == Code::again_as_before && !turned;
    add(
        keys::leave, "leave", tr("Leave it …"), [](TurnGuide& g) { g.startAccept(); }, stays);
    // Nothing read in this job, and the car known from an earlier one: from set-up to set-up without strings.
    const auto& rounds = desk_.job().rounds;
    const bool unread = rounds.empty() || (rounds.size() == 1 && rounds[0].readings.empty());
    if (unread && !last_of<AnglesCarried>(desk_.job()) && left())
        add(
            keys::carry, "carry", tr("Take over what is known"), [](TurnGuide& g) { g.carry(); }, true);
    if (desk_.job().targets.empty())
        add(
            keys::aim, "aim", tr("Say what to aim at"),
            [](TurnGuide& g) {
                emit g.pageWanted({PageId::card, QStringLiteral("targets")});
            },
            true);
    if (const QString place = adjusterWanted(desk_); !place.isEmpty() && desk_.answerIsCurrent())
        add(keys::sets, "sets", tr("Say what sets it"), [place](TurnGuide& g) {
            emit g.pageWanted({PageId::card, place});
        });
    const auto offers = plan_offers(desk_);
    const auto chosen =
        std::find_if(offers.begin(), offers.end(), [](const PlanOffer& o) { return o.chosen; });
    if (offers.size() > 1)
        add(keys::plans, "plans",
            tr("Plan: %1 …").arg(chosen == offers.end() ? tr("without some") : chosen->text),
            [](TurnGuide& g) { emit g.asks(new PlanQuestion(g.desk_)); });
    if (desk_.planChoice().name == "cannot")
        add(keys::all, "all", tr("With all adjusters again"), [](TurnGuide& g) { g.desk_.choosePlan({}); });
    if (a.plan.look && a.plan.look->field == "at" && desk_.answerIsCurrent()) {
        const QString place = cardPlaceOf(desk_, a.plan.look->adjuster, "at");
        add(
            keys::sets, "sets", tr("Say where it stands"),
            [place](TurnGuide& g) {
                emit g.pageWanted({PageId::card, place});
            },
            true);
    }
    if (a.plan.look && desk_.answerIsCurrent())
        // What was seen under the car, of all that are alike.
        for (const Seen& s : can_be_seen)
            if (a.plan.look->field == s.field)
                add(spare++, QString::fromLatin1(s.value), tr(s.says),
                    [look = *a.plan.look, value = s.value](TurnGuide& g) {
                        g.desk_.looked(facts_alike(g.desk_.car(), look, value));
                    });
    // What nobody has told of the wheels, where that is all that keeps it from being called.
    const auto waits_for = [&](WheelFact f) {
        return desk_.answerIsCurrent() && !turned && a.plan.next != NextStep::turn &&
               std::any_of(a.telling.begin(), a.telling.end(), [&](const std::vector<WheelFact>& facts) {
                   return std::find(facts.begin(), facts.end(), f) != facts.end();
               });
    };
    if (waits_for(WheelFact::rims))
        add(spare++, "rims", tr("Look at the rims"),
            [](TurnGuide& g) { emit g.stageWanted(Stage::check_over, QString::fromLatin1(rims_check)); });
    if (waits_for(WheelFact::same_wheels))
        add(spare++, "same-wheels", tr("Say whether the wheels are alike"), [](TurnGuide& g) {
            emit g.pageWanted({PageId::card, QStringLiteral("body:same_wheels")});
        });
    for (const CardDoubt& d : a.belief.card)
        // What a turn does goes onto the card by itself, once it is learnt.
        if (d.sure && d.field != "response" && desk_.answerIsCurrent())
            add(spare++, QStringLiteral("card:") + q(d.adjusters.front()), tr("Put that on the card"),
                [d](TurnGuide& g) {
                    std::vector<Looked> facts;
                    for (const std::string& adjuster : d.adjusters)
                        facts.push_back({adjuster, d.field, d.value});
                    g.desk_.looked(facts);
                });
    if (a.plan.as_far_as && desk_.answerIsCurrent())
        add(keys::shop_note, "shop-note", tr("The record, and a note for the shop"),
            [](TurnGuide& g) { emit g.pageWanted({PageId::record}); });
    // Once nothing is left to turn, the nuts come next, and then the road.
    const bool finished = desk_.answerIsCurrent() && a.plan.turns.empty() && !turned &&
                          (a.plan.next == NextStep::done || a.plan.next == NextStep::as_far_as);
    const bool loose = turned_unlocked(desk_.job());
    if (loose)
        add(
            keys::lock, "lock", tr("Lock what was turned"),
            [](TurnGuide& g) { emit g.pageWanted({PageId::lock}); }, finished);
    if (!watched_from(desk_).empty())
        add(keys::stick, "stick", tr("Do the tires stick? A test …"),
            [](TurnGuide& g) { emit g.asks(new StickQuestion(g.desk_)); });
    // With nothing to aim at nothing is finished: that is said first, and Drive is reached as ever.
    if (finished && !loose && !desk_.job().targets.empty()) {
        if (a.drive)
            out.push_back({toRecord(), [](TurnGuide& g) { emit g.pageWanted({PageId::record}); }});
        else
            out.push_back({goOn(Stage::drive), [](TurnGuide& g) { emit g.stageWanted(Stage::drive); }});
    }
    // To what has to be read, or to other ways of reading where none of the chosen ones tells it.
    const bool reads =
        desk_.answerIsCurrent() && a.plan.next == NextStep::read && !desk_.job().targets.empty();
    if (const std::string thread = threadWanted(desk_);
        !thread.empty() && desk_.answerIsCurrent() && !turned) {
        add(
            Act::enter, "thread", tr("Measure the thread: %1").arg(q(words::adjuster(desk_.car(), thread))),
            [thread](TurnGuide& g) { emit g.asks(new ThreadQuestion(g.desk_, thread)); }, true);
    } else if (const AfterReading on(desk_); on.toCard() && reads && !turned) {
        out.push_back({on.act(), [on](TurnGuide& g) { on.go(g); }});
    } else if (turned || reads) {
        const Stage to = desk_.driveAsked()             ? Stage::drive
                         : reads && a.untold && !turned ? Stage::lines
                                                        : Stage::read;
        out.push_back({goOn(to), [to](TurnGuide& g) { emit g.stageWanted(to); }});
    }
    if (!watched_from(desk_).empty())
        add(keys::watch, "watch", tr("While turning …"),
            [](TurnGuide& g) { emit g.asks(new WatchQuestion(g.desk_)); });
    return out;
}

}  // namespace fairchalk::desk
