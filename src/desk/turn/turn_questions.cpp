// SPDX-License-Identifier: GPL-3.0-or-later
#include "turn/turn_questions.h"

#include <algorithm>
#include <cmath>

#include "core/job/baseline.h"
#include "look/html.h"
#include "read/read_questions.h"
#include "turn/plan_offers.h"
#include "turn/turn_text.h"
#include "turn/watch_question.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

/// can't, cant, cannot, can not: it does not turn.
bool saysCannot(const QString& text) {
    const QString word = text.trimmed().toLower();
    return word.startsWith(QLatin1String("can")) || word == TurnedQuestion::tr("can't");
}

}  // namespace

std::vector<TurnedQuestion::Asked> TurnedQuestion::asked() const {
    std::vector<Asked> out;
    for (const PlannedTurn& t : desk_.answer().plan.turns) {
        const Adjuster* d = desk_.car().device(t.adjuster);
        const AdjusterKind* kind = d ? adjuster_kind(d->kind) : nullptr;
        const std::size_t handles = kind ? kind->handles(*d).size() : 1;
        for (std::size_t h = 0; h < handles; ++h) out.push_back({&t, static_cast<int>(h)});
    }
    return out;
}

std::optional<TurnedQuestion::Asked> TurnedQuestion::now() const {
    const auto all = asked();
    return so_far_.size() < all.size() ? std::optional(all[so_far_.size()]) : std::nullopt;
}

const Adjuster* TurnedQuestion::device() const {
    const auto t = now();
    return t ? desk_.car().device(t->turn->adjuster) : nullptr;
}

std::optional<HandleUnit> TurnedQuestion::unit() const {
    const auto t = now();
    const Adjuster* d = device();
    const AdjusterKind* kind = d ? adjuster_kind(d->kind) : nullptr;
    if (!kind) return t ? std::optional(HandleUnit::turn) : std::nullopt;
    return kind->handles(*d)[static_cast<std::size_t>(t->handle)].unit;
}

QString TurnedQuestion::title() const {
    const auto t = now();
    if (!t) return tr("Turn");
    QString what = q(words::adjuster(desk_.car(), t->turn->adjuster));
    if (const Adjuster* d = device())
        if (const QString handle = q(words::handle_name(*d, t->handle)); !handle.isEmpty())
            what += QStringLiteral(", ") + handle;
    return what;
}

QString TurnedQuestion::body() const {
    return TurnText(desk_, how_, true).text();
}

QString TurnedQuestion::say() const {
    return tr("Say what was really turned, one after the other: what the next reading is held against.");
}

QString TurnedQuestion::hint() const {
    return unit() == HandleUnit::turn
               ? tr("Turns longer, or with a minus shorter: 7/8, -1/4, 2 flats. 0 if it "
                    "was not turned, can't if it does not turn.")
               : tr("Added or the way written as plus, the other way with a minus; 0 if "
                    "it was left alone, can't if it does not turn.");
}

Expect TurnedQuestion::expected() const {
    switch (unit().value_or(HandleUnit::turn)) {
        case HandleUnit::turn:
            return {Expect::Kind::turns, Bare::turns};
        case HandleUnit::mm:
            return {Expect::Kind::length, bareLength()};
        case HandleUnit::degree:
            return {Expect::Kind::angle, Bare::deg};
    }
    return {};
}

Understood TurnedQuestion::understand(const QString& text) const {
    if (saysCannot(text))
        return {soft(tr("Enter: it can't be turned; the rest is planned without it.")), true};
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) return {warn(q(words::sentence(quantity.error()))), false};
    const Adjuster* d = device();
    const int handle = now() ? now()->handle : 0;
    const double by = quantity->value;
    return {QStringLiteral("= %1").arg(
                by == 0 ? tr("(not turned)")
                : d     ? q(words::device_amounts(*d, handle == 0 ? by : 0.0, handle == 1 ? by : 0.0, how_))
                        : q(show_turns(std::abs(by)) + ' ' + words::way(by > 0))),
            true};
}

QString TurnedQuestion::keep(const QString& text) {
    if (const auto t = now(); t && saysCannot(text)) {
        cannot_.push_back(t->turn->adjuster);
        put(0.0);
        return {};
    }
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) return q(words::sentence(quantity.error()));
    put(quantity->value);
    return {};
}

void TurnedQuestion::put(double amount) {
    const auto all = asked();
    so_far_.push_back(amount);
    if (so_far_.size() < all.size()) return;
    std::vector<Turn> made;
    for (std::size_t i = 0; i < all.size(); ++i) {
        if (made.empty() || made.back().adjuster != all[i].turn->adjuster) {
            Turn t;
            t.adjuster = all[i].turn->adjuster;
            t.kind = all[i].turn->kind;
            t.test = all[i].turn->test;
            made.push_back(std::move(t));
        }
        (all[i].handle == 0 ? made.back().turns : made.back().second) = so_far_[i];
    }
    std::erase_if(made, [](const Turn& t) { return t.turns == 0.0 && t.second == 0.0; });
    if (!cannot_.empty()) {
        PlanChoice others = desk_.planChoice();
        others.name = "cannot";
        std::vector<std::string>& may = others.options.touching;
        if (may.empty())
            for (const Adjuster& a : desk_.car().adjusters) may.push_back(a.id);
        std::erase_if(may, [&](const std::string& id) {
            return std::find(cannot_.begin(), cannot_.end(), id) != cannot_.end();
        });
        desk_.choosePlan(others);
    }
    if (!made.empty()) desk_.turned(std::move(made));
    emit answered();
}

QString ThreadQuestion::subtitle() const {
    return q(words::to_begin(words::adjuster(desk_.car(), rod_)));
}

QString ThreadQuestion::body() const {
    const double turned = rod() ? turned_since_thread(desk_.job(), *rod()) : 0.0;
    QString out =
        line(tr("From the locknut to the end of the thread, or a count like “14 threads” where the "
                "pitch is on the card."));
    if (turned != 0.0)
        out += line(tr("Turned since it was measured last: %1.").arg(q(show_turns(std::abs(turned)))));
    return out + line(warn(tr("Enough of it has to stay engaged: the manual says how much, or once the "
                              "thread's own diameter at the least.")));
}

QString ThreadQuestion::say() const {
    return tr("Measure how much of its thread shows; then it is said what to turn.");
}

Understood ThreadQuestion::understand(const QString& text) const {
    const ThreadTyped typed = readThread(text, rod(), expected());
    if (!typed.counted) return Question::understand(text);
    if (!typed.shows) return {warn(typed.wrong), false};
    return {QStringLiteral("⟨b⟩= %1⟨/b⟩").arg(q(fairchalk::show(typed.shows->length(), how_))), true};
}

QString ThreadQuestion::keep(const QString& text) {
    const ThreadTyped typed = readThread(text, rod(), expected());
    if (!typed.shows) return typed.wrong;
    if (!rod()) return tr("It is not on the card any more.");
    Reading r;
    r.spot = wheel_spot(ReadingId::thread_exposed, wheel_of(*rod()));
    r.value = *typed.shows;
    desk_.take(r);
    emit answered();
    return {};
}

QString AcceptQuestion::body() const {
    return TurnText(desk_, how_, false).text();
}

QString AcceptQuestion::say() const {
    return tr("Leaving it is a decision like any other: it goes into the record with its ± and your reason.");
}

QString AcceptQuestion::hint() const {
    return reasonHint();
}

Understood AcceptQuestion::understand(const QString&) const {
    return {soft(reasonHint()), true};
}

QString AcceptQuestion::keep(const QString& text) {
    if (text.trimmed().isEmpty()) return reasonWanted();
    desk_.accept(text.trimmed());
    emit answered();
    return {};
}

StickQuestion::StickQuestion(JobDesk& desk, QObject* parent) : Question(desk, parent) {
    for (const WatchedFrom& from : watched_from(desk))
        if (std::find(spots_.begin(), spots_.end(), from.spot) == spots_.end()) spots_.push_back(from.spot);
}

QString StickQuestion::number() const {
    return spots_.empty() ? QString() : desk_.number(spots_[at_]);
}

QString StickQuestion::title() const {
    return spots_.empty() ? tr("Nothing to watch") : q(words::spot(spots_[at_]));
}

QString StickQuestion::body() const {
    QString out = line(tr("Push the tire %1 at this edge, firmly, at hub height; let go slowly, then read.")
                           .arg(way_ == Reading::Pushed::out ? strong(tr("outward")) : strong(tr("inward"))));
    if (!spots_.empty())
        if (const auto most = held_at_most(desk_.job(), spots_[at_]))
            out += line(tr("By the last test the tire holds back at most %1 here.")
                            .arg(q(words::held_back(*most, reading_kind(spots_[at_].kind).quantity()))));
    return out +
           line(soft(tr(
               "Half of the difference is the most that friction holds back while something is turned: the "
               "sheet then stops no further before its end. Page Down is another spot, Escape leaves it.")));
}

QString StickQuestion::say() const {
    return way_ == Reading::Pushed::out ? tr("Pushed outward and let go: what does it show?")
                                        : tr("Pushed inward and let go: what does it show?");
}

std::optional<Spot> StickQuestion::spot() const {
    return spots_.empty() ? std::nullopt : std::optional(spots_[at_]);
}

Reading StickQuestion::blank() const {
    Reading r = desk_.blank(spots_[at_]);
    r.pushed = way_;
    return r;
}

std::optional<Reading> StickQuestion::reads() const {
    return spots_.empty() ? std::nullopt : std::optional(blank());
}

Expect StickQuestion::expected() const {
    if (!spots_.empty() && reading_kind(spots_[at_].kind).quantity() == QuantityKind::angle)
        return {Expect::Kind::angle, Bare::deg};
    return {Expect::Kind::length, bareLength()};
}

QString StickQuestion::hint() const {
    return say();
}

Understood StickQuestion::understand(const QString& text) const {
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) return {warn(q(words::sentence(quantity.error()))), false};
    return {QStringLiteral("= %1").arg(quantity->kind == QuantityKind::angle
                                           ? q(fairchalk::show(quantity->angle(), how_))
                                           : inBothUnits(*quantity)),
            true};
}

QString StickQuestion::keep(const QString& text) {
    if (spots_.empty()) return title();
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) return q(words::sentence(quantity.error()));
    if (desk_.practice() && !held_)
        return tr("Nothing is held there yet: the space bar walks to the spot and holds the %1.")
            .arg(q(words::tool(desk_.toolFor(spots_[at_]))));
    desk_.take(blank(), *quantity);
    held_.reset();
    if (way_ == Reading::Pushed::in) {
        emit answered();
        return {};
    }
    way_ = Reading::Pushed::in;
    emit said();
    return {};
}

bool StickQuestion::space() {
    if (!desk_.practice() || spots_.empty()) return false;
    held_ = desk_.held(blank());
    emit said();
    return true;
}

void StickQuestion::step(int by) {
    if (spots_.empty()) return;
    const auto n = static_cast<int>(spots_.size());
    at_ = static_cast<std::size_t>((static_cast<int>(at_) + by + n) % n);
    way_ = Reading::Pushed::out;
    held_.reset();
    emit said();
}

QString PlanQuestion::body() const {
    return line(
        soft(tr("What is left out stays as it is, and the sheet says what that leaves. One side as the "
                "other takes the other side's angles as its aim.")));
}

std::vector<Act> PlanQuestion::acts() const {
    std::vector<Act> out;
    for (const PlanOffer& o : plan_offers(desk_))
        out.push_back({QString::number(out.size()), o.text, false, o.chosen});
    return out;
}

void PlanQuestion::act(const QString& id) {
    const auto offers = plan_offers(desk_);
    const auto n = id.toUInt();
    if (n >= offers.size()) return;
    take_up(desk_, offers[n]);
    emit answered();
}

}  // namespace fairchalk::desk
