// SPDX-License-Identifier: GPL-3.0-or-later
#include "turn/watch_question.h"

#include <algorithm>
#include <cmath>

#include "core/advice/procedure.h"
#include "core/reading/reading_kind.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {

std::vector<WatchedFrom> watched_from(const JobDesk& desk) {
    if (!desk.answerIsCurrent()) return {};
    return watched_from(desk.car(), desk.answer().plan, desk.answer().until);
}

WatchQuestion::WatchQuestion(JobDesk& desk, QObject* parent)
    : Question(desk, parent), before_(desk.planChoice()), from_(watched_from(desk)) {
    plan_ = desk.answer().plan;
    planForIt();
    // A test turn is made as it is written: that is what makes it tell.
    if (!from_.empty() && from_.front().turn.test) amount_ = from_.front().turn.turns;
}

WatchQuestion::~WatchQuestion() {
    // Later: whoever shows it may be going too.
    QMetaObject::invokeMethod(
        &desk_,
        [desk = &desk_, before = before_] {
            if (desk->planChoice().name == before.name) desk->choosePlan(before);
        },
        Qt::QueuedConnection);
}

/// Under the car already, with the wrench on it.
void WatchQuestion::planForIt() {
    if (from_.empty()) return;
    PlanChoice choice = before_;
    choice.options = while_watched(choice.options, plan_, from_[at_].turn.adjuster);
    desk_.choosePlan(choice);
}

const Adjuster* WatchQuestion::adjuster() const {
    return from_.empty() ? nullptr : desk_.car().adjuster(from_[at_].turn.adjuster);
}

HandleUnit WatchQuestion::unit() const {
    const Adjuster* a = adjuster();
    const AdjusterKind* kind = a ? adjuster_kind(a->kind) : nullptr;
    return kind ? kind->handles(*a).front().unit : HandleUnit::turn;
}

double WatchQuestion::step_size() const {
    const Adjuster* a = adjuster();
    return a ? adjuster_kind(a->kind)->handles(*a).front().step : 0.125;
}

Reading WatchQuestion::blank() const {
    Reading r = desk_.blank(from_[at_].spot);
    r.before_shake = !shaken_;
    return r;
}

Turn WatchQuestion::turn() const {
    Turn t;
    t.adjuster = from_[at_].turn.adjuster;
    t.kind = from_[at_].turn.kind;
    t.test = from_[at_].turn.test;
    t.counted = amount_.has_value() || still();
    t.turns = amount_.value_or(0.0);
    return t;
}

std::optional<WatchedFrom> WatchQuestion::current() const {
    const WatchedFrom& from = from_[at_];
    if (!kept_.empty() || !turned()) return from;
    for (WatchedFrom& now : watched_from(desk_))
        if (now.turn.adjuster == from.turn.adjuster && now.spot == from.spot) return std::move(now);
    return std::nullopt;
}

std::optional<Watch> WatchQuestion::answer() const {
    if (kept_.empty() || from_.empty() || !desk_.answerIsCurrent()) return std::nullopt;
    const JobAnalysis& a = desk_.answer();
    const WatchedFrom& from = from_[at_];
    std::optional<double> to_show;
    if (from.until) to_show = kept_.back().shaken ? from.until->then : from.until->stop;
    return watch(desk_.job(), a.plan, a.until, from.turn.adjuster, from.spot, to_show);
}

bool WatchQuestion::there() const {
    const auto w = answer();
    return w && w->says == Watching::there && w->shaken;
}

bool WatchQuestion::turned() const {
    return turned_before_ || std::any_of(kept_.begin(), kept_.end(), [](const Kept& k) { return k.turned; });
}

bool WatchQuestion::rests() const {
    if (kept_.empty()) return as_it_stands_;
    if (!turned() || !desk_.answerIsCurrent()) return false;
    const auto w = answer();
    return !w ? from_[at_].turn.test
              : w->says == Watching::there || (w->says == Watching::open && from_[at_].turn.test);
}

std::optional<WatchedFrom> WatchQuestion::next() const {
    if (there())
        for (WatchedFrom& on : watched_from(desk_))
            if (on.turn.adjuster != from_[at_].turn.adjuster) return std::move(on);
    return std::nullopt;
}

QString WatchQuestion::number() const {
    return from_.empty() ? QString() : desk_.number(from_[at_].spot);
}

QString WatchQuestion::title() const {
    return from_.empty() ? tr("Nothing to watch") : q(words::spot(from_[at_].spot));
}

QString WatchQuestion::subtitle() const {
    const Adjuster* a = adjuster();
    return a ? tr("while the %1 is turned").arg(q(words::adjuster_noun(*a))) : QString();
}

/// What the last value says. What is still to be read may turn it again: then it is not locked yet.
QString WatchQuestion::saidOfIt() const {
    const auto w = answer();
    if (!w) return {};
    if (w->says == Watching::there && w->shaken && desk_.answer().plan.next == NextStep::read)
        return tr("There, as far as this one tells. Do not lock it yet: the sheet has what to read.");
    return q(words::watch(*w, desk_.car(), how_));
}

/// What it is to show, and then what the last value says: above all else.
QString WatchQuestion::first() const {
    if (from_.empty()) return {};
    if (!desk_.answerIsCurrent()) return line(tr("Working it out …"));
    if (kept_.empty()) {
        const auto from = current();
        if (!from)
            return line(warn(tr("As the car stands now none of it is left to turn: back to the sheet.")));
        if (!from->until) return line(tr("A test turn: which way it goes is seen by what this shows."));
        return line(q(words::to_begin(words::until(*from->until, desk_.car()))));
    }
    const auto w = answer();
    const QString says = saidOfIt();
    if (says.isEmpty() && from_[at_].turn.test && !kept_.back().shaken)
        return line(tr("Kept. Shake it now, and read once more: F2."));
    if (says.isEmpty())
        return line(warn(tr("Kept. Something else comes first: back on the sheet it is said.")));
    const bool stop = w->says == Watching::wrong_way || w->says == Watching::too_far;
    return line(QStringLiteral("⟨b⟩%1⟨/b⟩").arg(stop ? warn(says) : says));
}

QString WatchQuestion::body() const {
    if (from_.empty()) return line(soft(tr("Nothing on this sheet can be turned with a rule in its place.")));
    QString out;
    if (amount_ && desk_.practice())
        out += line(tr("Turned since the last value: %1.")
                        .arg(*amount_ == 0.0 ? tr("nothing")
                                             : q(words::device_amounts(*adjuster(), *amount_, 0.0, how_))));
    else if (amount_ && *amount_ != 0.0)
        out += line(tr("Counted: %1. Now what the rule shows.")
                        .arg(q(words::device_amounts(*adjuster(), *amount_, 0.0, how_))));
    out +=
        line(soft(tr("The tires hold back a share of every turn until the car is shaken: say with F2 "
                     "which of both it is. Who counted types that first, like 1/4 turn longer or "
                     "-1/4 turn shorter; it need not be counted. Page Down is the next spot.")));
    return out;
}

QString WatchQuestion::say() const {
    if (const QString says = saidOfIt(); !says.isEmpty()) return says;
    return tr("Turn, watch the rule, type what it shows: at once it says how much is left.");
}

std::optional<Spot> WatchQuestion::spot() const {
    return from_.empty() ? std::nullopt : std::optional(from_[at_].spot);
}

std::optional<Reading> WatchQuestion::reads() const {
    return from_.empty() ? std::nullopt : std::optional(blank());
}

QString WatchQuestion::hint() const {
    // As it was read there last: the next value is near.
    const Job& job = desk_.job();
    const Reading* was =
        from_.empty() ? nullptr : last_reading_at(job, static_cast<int>(job.rounds.size()), from_[at_].spot);
    if (was) return tr("What it shows now, like %1; 1/4 turn counts.").arg(q(words::as_typed(was->value)));
    return expected().kind == Expect::Kind::angle
               ? tr("What the gauge shows now, like -1.2; 1/4 turn counts.")
           : bareLength() == Bare::inch ? tr("What it shows now, like 4 9/64; 1/4 turn counts.")
                                        : tr("What it shows now, like 107.5; 1/4 turn counts.");
}

Expect WatchQuestion::expected() const {
    if (!from_.empty() && reading_kind(from_[at_].spot.kind).quantity() == QuantityKind::angle)
        return {Expect::Kind::angle, Bare::deg};
    return {Expect::Kind::length, bareLength()};
}

Result<Quantity> WatchQuestion::read(const QString& text) const {
    // An amount says its unit; whatever has none is what the rule shows.
    if (unit() == HandleUnit::turn)
        if (const auto counted = read_quantity(text.toStdString(), {Expect::Kind::any, Bare::refused});
            counted && counted->kind == QuantityKind::turns)
            return counted;
    return read_quantity(text.toStdString(), expected());
}

std::optional<Doubt> WatchQuestion::doubt(const Quantity& typed, const std::string& text) const {
    if (from_.empty() || (desk_.practice() && !held_)) return std::nullopt;
    if (typed.kind != reading_kind(from_[at_].spot.kind).quantity()) return std::nullopt;
    // As it is now where more of it is left, else as the sheet had it.
    const auto now = current();
    std::optional<Until> until = now ? now->until : from_[at_].until;
    if (const auto said = answer(); said && said->until) until = said->until;
    if (until) return doubt_of(expected_of(*until), typed, text);
    // A test turn is small; nobody knows which way it goes.
    const Job& job = desk_.job();
    const Reading* was = last_reading_at(job, static_cast<int>(job.rounds.size()), from_[at_].spot);
    if (!was || was->value.kind != typed.kind) return std::nullopt;
    const double there = was->value.value;
    double margin = typed.kind == QuantityKind::length ? 25.0 : 3.0;
    if (typed.kind == QuantityKind::length && unit() == HandleUnit::turn) {
        // No arm is so short that a turn moves a toe by more: what is further off was read elsewhere.
        constexpr double most_deg = 2.4, loose = 2.0;
        const Reading r = blank();
        const Length over = r.span ? *r.span
                                   : desk_.car()
                                         .axle(r.spot.axle.value_or(axle_of(*r.spot.wheel)))
                                         .rim_span.value_or(usual_rim_span);
        const double turns = std::max(std::abs(from_[at_].turn.turns), std::abs(amount_.value_or(0.0)));
        margin = loose + over.mm() * std::sin(Angle::from_deg(most_deg * turns).rad());
    }
    return doubt_of(Within{there, there, margin}, typed, text);
}

Understood WatchQuestion::understand(const QString& text) const {
    const auto quantity = read(text);
    if (!quantity) return {warn(q(words::sentence(quantity.error()))), false};
    if (quantity->kind == QuantityKind::turns)
        return {QStringLiteral("= %1").arg(q(words::device_amounts(*adjuster(), quantity->value, 0.0, how_))),
                true};
    return {QStringLiteral("= %1   %2")
                .arg(quantity->kind == QuantityKind::angle ? q(fairchalk::show(quantity->angle(), how_))
                                                           : inBothUnits(*quantity),
                     soft(shaken_ ? tr("after a shake") : tr("before the shake"))),
            true};
}

QString WatchQuestion::keep(const QString& text) {
    if (from_.empty()) return tr("Nothing on this sheet can be turned with a rule in its place.");
    const auto quantity = read(text);
    if (!quantity) return q(words::sentence(quantity.error()));
    if (quantity->kind == QuantityKind::turns) {
        amount_ = quantity->value;
        emit said();
        return {};
    }
    if (desk_.practice() && !held_)
        return tr("Nothing is held there yet: the space bar walks to the spot and holds the %1.")
            .arg(q(words::tool(desk_.toolFor(from_[at_].spot))));
    if (kept_.empty()) {
        const auto now = current();
        if (now) from_[at_].turn = now->turn;
        from_[at_].until = now ? now->until : std::nullopt;
    }
    const Turn made = turn();
    // Nothing was turned in between: a second look, or the one after the shake.
    if (made.counted && made.turns == 0.0)
        desk_.take(blank(), *quantity);
    else
        desk_.watched(made, blank(), *quantity);
    kept_.push_back({shaken_, !made.counted || made.turns != 0.0});
    still_.reset();
    amount_ = desk_.practice() ? std::optional(0.0) : std::nullopt;
    held_.reset();
    shaken_ = false;
    emit said();
    return {};
}

std::vector<Act> WatchQuestion::acts() const {
    std::vector<Act> out;
    if (from_.empty()) return out;
    out.push_back(
        {"shaken", shaken_ ? tr("Shaken: read after it") : tr("Shake it, then read"), false, shaken_});
    if (desk_.practice()) {
        const Adjuster& a = *adjuster();
        for (double by : {step_size(), -step_size()})
            out.push_back(
                {by > 0 ? "more" : "less", q(words::to_begin(words::device_amounts(a, by, 0.0, how_)))});
    } else {
        out.push_back({"still", tr("Not turned since: only read"), false, still()});
    }
    out.push_back({"done", tr("Back to the sheet")});
    if (const auto on = next())
        out.push_back({"next", tr("Go on: %1").arg(q(words::adjuster(desk_.car(), on->turn.adjuster))), true,
                       false, Act::enter});
    else if (there())
        out.push_back({"done", tr("Go on: the sheet"), true, false, Act::enter});
    return out;
}

void WatchQuestion::act(const QString& id) {
    if (id == "done") {
        emit answered();
        return;
    }
    if (id == "next") {
        const auto on = next();
        if (!on) return;
        from_ = watched_from(desk_);
        const auto same = [&](const WatchedFrom& f) {
            return f.turn.adjuster == on->turn.adjuster && f.spot == on->spot;
        };
        return begin(static_cast<std::size_t>(std::find_if(from_.begin(), from_.end(), same) - from_.begin()),
                     false);
    }
    if (id == "shaken") {
        shaken_ = !shaken_;
        if (held_) hold();
    } else if (id == "still") {
        still_ = !still();
        amount_.reset();
    } else {
        amount_ = amount_.value_or(0.0) + (id == "more" ? step_size() : -step_size());
        shaken_ = false;
        if (held_) hold();
    }
    emit said();
}

/// On the practice floor: the rule is held, and moves as the rod is turned.
void WatchQuestion::hold() {
    held_ = desk_.held(blank(), turn());
}

bool WatchQuestion::takenBack() {
    if (kept_.empty()) return false;
    kept_.pop_back();
    held_.reset();
    still_.reset();
    amount_.reset();
    if (from_[at_].turn.test && !turned()) amount_ = from_[at_].turn.turns;
    emit said();
    return true;
}

bool WatchQuestion::space() {
    if (!desk_.practice() || from_.empty()) return false;
    if (!amount_) amount_ = 0.0;
    hold();
    emit said();
    return true;
}

void WatchQuestion::step(int by) {
    if (from_.empty()) return;
    const auto n = static_cast<int>(from_.size());
    const auto to = static_cast<std::size_t>((static_cast<int>(at_) + by + n) % n);
    begin(to, from_[to].turn.adjuster == from_[at_].turn.adjuster && turned());
}

void WatchQuestion::begin(std::size_t at, bool turned_there) {
    // The other tape after a test turn, or one that is there, is read as it stands.
    as_it_stands_ = turned_there && rests();
    const bool other = from_[at].turn.adjuster != desk_.planChoice().options.watched;
    at_ = at;
    if (other) planForIt();
    held_.reset();
    kept_.clear();
    turned_before_ = turned_there;
    still_.reset();
    shaken_ = false;
    amount_.reset();
    if (from_[at_].turn.test && !turned_there) amount_ = from_[at_].turn.turns;
    emit said();
}

}  // namespace fairchalk::desk
