// SPDX-License-Identifier: GPL-3.0-or-later
#include "read/read_guide.h"

#include <algorithm>
#include <cmath>

#include "core/advice/other_way.h"
#include "core/job/rig.h"
#include "core/network/foreseen.h"
#include "look/html.h"
#include "read/read_questions.h"
#include "read/read_text.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

/// The place of the log's last live event of a kind, from 1.
template <class E>
std::size_t last_place_of(const Job& job) {
    for (std::size_t i = job.log->size(); i-- > 0;)
        if (job.live(i) && std::holds_alternative<E>((*job.log)[i].event)) return i + 1;
    return 0;
}

}  // namespace

void ReadGuide::enter() {
    held_.reset();
    const std::tuple here(desk_.jobId(), last_place_of<Turn>(desk_.job()),
                          last_place_of<LinesSet>(desk_.job()));
    if (here != walked_in_) spot_.reset();
    walked_in_ = here;
    if (!spot_) spot_ = nextToRead();
}

void ReadGuide::ask(const std::optional<Spot>& spot) {
    spot_ = spot;
    held_.reset();
    top_in_.reset();
    beside_.reset();
    emit changed();
}

void ReadGuide::startStrike() {
    const auto here = spot_ ? readings_at(desk_.job(), desk_.round(), *spot_) : std::vector<std::size_t>{};
    if (here.empty())
        return emit refused(
            tr("Go to the spot whose reading is wrong (Page Up, Page Down), then strike it out."));
    emit asks(new StrikeQuestion(desk_, *this, here.back()));
}

void ReadGuide::sweptBy(const Quantity& by) {
    if (const std::pair here(desk_.jobId(), desk_.round()); here != swept_in_) {
        swept_.clear();
        swept_in_ = here;
    }
    swept_[*spot_] = by;
}

QString ReadGuide::number() const {
    return spot_ ? desk_.number(*spot_) : QString();
}

QString ReadGuide::title() const {
    return spot_ ? q(words::spot(*spot_)) : tr("All spots read");
}

QString ReadGuide::subtitle() const {
    if (!spot_) return tr("Page Up and Page Down go back to one");
    const ReadingKind& kind = reading_kind(spot_->kind);
    const QString tool = q(words::tool(desk_.toolFor(*spot_)));
    if (spot_->swept != Swept::straight) return tr("%1, with the %2").arg(sweepWords(), tool);
    if (kind.place() == PlaceKind::bar) return tr("from string to string, along the bar");
    return kind.to_string() ? tr("to the string, at hub height") : tr("with the %1").arg(tool);
}

QString ReadGuide::first() const {
    return (told_.isEmpty() || !desk_.practice() ? QString() : line(told_)) +
           (spot_ ? QString() : truthHint());
}

QString ReadGuide::body() const {
    return ReadText(desk_, how_, spot_, unleaned()).text();
}

QString ReadGuide::say() const {
    const JobAnalysis& a = desk_.answer();
    const auto stage =
        stages_of(desk_.job(), desk_.knowledge())[static_cast<std::size_t>(index_of(Stage::read))];
    if (stage.progress == Progress::stale && stage.spoiled_by && spot_)
        return tr("%1 since the last reading: %n spots are read again, beginning with the %2.",
                  "%1 since the last reading: one spot is read again, the %2.", stage.of)
            .arg(q(words::to_begin(words::happening(*stage.spoiled_by))), q(words::spot(*spot_)));
    if (spot_ && desk_.answerIsCurrent() && !a.can_wait.empty())
        return tr("%1 Ctrl+7 goes on.").arg(q(words::can_wait(static_cast<int>(a.can_wait.size()))));
    if (spot_) return q(words::how_to_read(*spot_));
    if (desk_.driveAsked())
        return tr("%1 (Ctrl+8).").arg(q(words::to_begin(words::sentence(a.plan.again->why, desk_.car()))));
    if (desk_.answerIsCurrent() && a.plan.again) {
        const QString why = q(words::to_begin(words::sentence(a.plan.again->why, desk_.car())));
        // Where it is offered here, the sheet need not be looked at first.
        return worthReading(desk_) ? QStringLiteral("%1.").arg(why) : tr("%1 (Ctrl+7).").arg(why);
    }
    if (const auto waits = waitsFor(desk_)) return waits->says;
    if (desk_.answerIsCurrent() && a.untold) return untold(desk_);
    if (const auto more = worthReading(desk_))
        return tr("This round is read, and another reading is worth more than a turn: %1.")
            .arg(q(words::spot(*more)));
    return tr("This round is read. Enter goes on to what to turn; any spot can be read again.");
}

std::optional<Reading> ReadGuide::reads() const {
    return spot_ ? std::optional(blank()) : std::nullopt;
}

Expect ReadGuide::expected() const {
    if (spot_ && reading_kind(spot_->kind).quantity() == QuantityKind::angle)
        return {Expect::Kind::angle, Bare::deg};
    return {Expect::Kind::length, bareLength()};
}

QString ReadGuide::hint() const {
    if (expected().kind != Expect::Kind::angle) return Guide::hint();
    if (const char* example = reading_kind(spot_->kind).example_words()) return q(words::fill(example, {}));
    return asksLean() ? tr("What the gauge shows, like 1.2 or 1°10'; which way it leans is said below.")
                      : tr("What the gauge shows, like -1.2 or 88.8 or -1°10'.");
}

Understood ReadGuide::understand(const QString& text) const {
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) return {warn(q(words::sentence(quantity.error()))), false};
    Reading r = spot_ ? desk_.blank(*spot_) : Reading();
    r.value = *quantity;
    const Tool* tool = desk_.toolNamed(r.tool);
    const double sigma =
        std::hypot(r.sigma(tool && tool->quantity == quantity->kind ? tool : nullptr), r.spot_sigma());
    const bool angle = quantity->kind == QuantityKind::angle;
    QString means = angle ? q(quantity->toe_word ? show_toe(quantity->angle(), how_)
                                                 : fairchalk::show(quantity->angle(), how_))
                          : inBothUnits(*quantity);
    // What the gauge shows, and what it means there.
    if (angle && tool && tool->quantity == QuantityKind::angle && spot_ && spot_->wheel &&
        reading_kind(spot_->kind).shown_as_lean()) {
        const Angle lean = Angle::from_deg(undone(quantity->value, *tool, side_of(*spot_->wheel), topIn()));
        means =
            (lean.deg() < 0 ? tr("%1, top in") : tr("%1, top out")).arg(q(fairchalk::show(abs(lean), how_)));
    }
    return {QStringLiteral("⟨b⟩= %1⟨/b⟩ %2   %3")
                .arg(means,
                     angle ? QStringLiteral("±%1").arg(q(show_plus_minus(Angle::from_deg(sigma * k95), how_)))
                           : QStringLiteral("±%1").arg(within(Length::from_mm(sigma * k95), how_)),
                     // A + may have been meant for another key.
                     soft(text.contains(QLatin1Char('+')) && text.trimmed().indexOf(QLatin1Char('+')) > 0
                              ? tr("the sum; Enter keeps it")
                              : tr("Enter keeps it"))),
            true};
}

bool ReadGuide::readsHere() const {
    return spot_ && (!desk_.practice() || held_ || on_wire_);
}

std::optional<Bounded> ReadGuide::bounded() const {
    if (!readsHere()) return std::nullopt;
    const Tool* tool = desk_.toolNamed(desk_.toolFor(*spot_));
    return reading_kind(spot_->kind).bounded(tool ? tool->shows : Shows::leaning);
}

/// What the other readings tell of it is held against it while whoever read it still stands there. Where they
/// contradict each other they tell nothing; and a second look is there to contradict the first.
std::optional<Doubt> ReadGuide::doubt(const Quantity& typed, const std::string& text) const {
    if (auto unusual = Guide::doubt(typed, text)) return unusual;
    if (!readsHere() || !desk_.answerIsCurrent() || desk_.answer().now.alarm) return std::nullopt;
    if (typed.kind != reading_kind(spot_->kind).quantity()) return std::nullopt;
    if (is_read(desk_.job(), desk_.round(), *spot_)) return std::nullopt;
    const auto there = foreseen(desk_.job(), desk_.answer().now, blank());
    if (!there) return std::nullopt;
    Within within = expected_at(*there, typed.kind);
    // End for end most gauges show the other sign: no zero is so far off that this could be meant.
    constexpr double twice_a_bad_zero = 1.0;
    if (reading_kind(spot_->kind).end_for_end()) within.margin = std::min(within.margin, twice_a_bad_zero);
    return doubt_of(within, typed, text);
}

QString ReadGuide::keep(const QString& text) {
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) return q(words::sentence(quantity.error()));
    if (!spot_) return tr("Every spot of this round is read. Page Up goes back to one, to read it again.");
    if (desk_.practice() && !held_ && !on_wire_)
        return tr("Nothing is held there yet: the space bar walks to the spot and holds the %1.")
            .arg(q(words::tool(desk_.toolFor(*spot_))));
    told_.clear();
    if (held_ && desk_.practice()->level().tells) {
        // In the unit of the rule that was held.
        Show how = how_;
        how.lengths = desk_.toolFor(*spot_) == "steel-rule-inch" ? Show::LengthStyle::inch : how_.lengths;
        told_ = tr("You kept %1; it stood at ⟨b⟩%2⟨/b⟩.")
                    .arg(q(quantity->text), quantity->kind == QuantityKind::angle
                                                ? q(fairchalk::show(Angle::from_deg(held_->at), how))
                                                : q(fairchalk::show(Length::from_mm(held_->at), how)));
    }
    desk_.take(blank(), *quantity);
    held_.reset();
    moveOn();
    return {};
}

QString ReadGuide::keepFromGauge(const QString& text) {
    on_wire_ = true;
    const QString wrong = keep(text);
    on_wire_ = false;
    return wrong;
}

bool ReadGuide::space() {
    if (!desk_.practice()) return false;
    holdThere();
    return true;
}

/// Walks to the spot and holds the rule: on the practice floor there is something to be read then.
void ReadGuide::holdThere() {
    if (!desk_.practice() || !spot_) return;
    held_ = desk_.held(blank());
    if (held_ && held_->top_in) top_in_ = *held_->top_in;
    emit said();
    emit refused(held_ ? QString()
                       : tr("The practice car has nothing to read there; the strings and gauges it has."));
}

/// To the next spot of the walk that has not been read; after the last, stay with what was done.
void ReadGuide::moveOn() {
    std::optional<Spot> next = next_spot(desk_.job(), desk_.round());
    // One after the other of what is to be read again, as long as it was asked for before this was kept.
    if (!next && !again_.empty()) {
        next = again_.front();
        again_.erase(again_.begin());
    }
    spot_ = next;
}

/// The first that the round wants and that is not read; else the first of what is to be read again.
std::optional<Spot> ReadGuide::nextToRead() {
    if (!desk_.hasJob()) return std::nullopt;
    again_.clear();
    if (const auto wanted = next_spot(desk_.job(), desk_.round())) return wanted;
    // Eyes tell these, not another reading.
    if (desk_.answer().plan.again && desk_.answer().plan.again->why.code == Code::again_other_way)
        return std::nullopt;
    const std::optional<Spot> more = worthReading(desk_);
    if (more && desk_.answer().plan.again)
        again_.assign(desk_.answer().read.begin() + 1, desk_.answer().read.end());
    return more;
}

void ReadGuide::step(int by) {
    const auto& walk = desk_.walk();
    if (walk.empty()) return;
    // Beside the walk, from where the walk goes on.
    const auto it = spot_ ? std::find(walk.begin(), walk.end(), *spot_) : walk.end();
    const int size = static_cast<int>(walk.size());
    int at = it != walk.end() ? static_cast<int>(it - walk.begin()) : (by > 0 ? -1 : 0);
    if (it == walk.end() && beside_)
        if (const auto from = std::find(walk.begin(), walk.end(), *beside_); from != walk.end())
            at = static_cast<int>(from - walk.begin()) + (by > 0 ? 0 : 1);
    at = (at + by + size) % size;
    ask(walk[static_cast<std::size_t>(at)]);
}

bool ReadGuide::unleaned() const {
    if (!spot_ || !reading_kind(spot_->kind).shown_as_lean() ||
        reading_kind(spot_->kind).quantity() != QuantityKind::angle)
        return false;
    return !desk_.isOwn(desk_.toolFor(*spot_));
}

std::optional<std::size_t> ReadGuide::suspect() const {
    if (const auto& again = desk_.answer().plan.again; again && again->why.code == Code::again_set_aside)
        if (const std::size_t entry = again->entries.front(); desk_.job().live(entry)) return entry;
    // At this spot, or where a reading tells most, before others; then what stands out most.
    const std::optional<Spot> near = spot_ ? spot_ : worthReading(desk_);
    const auto rank = [&](const Check& c) {
        const bool here = near && std::get<Reading>(desk_.log()[c.entry].event).spot == *near;
        return std::pair(here, std::abs(c.w));
    };
    const Check* worst = nullptr;
    for (const Check& c : desk_.answer().now.checks)
        if (c.suspect && desk_.job().live(c.entry) && (!worst || rank(c) > rank(*worst))) worst = &c;
    return worst ? std::optional(worst->entry) : std::nullopt;
}

/// A gap, and a gauge without a sign, do not tell which way the wheel leans.
bool ReadGuide::asksLean() const {
    if (!spot_) return false;
    if (reading_kind(spot_->kind).asks_for_top()) return true;
    const Tool* tool = desk_.toolNamed(desk_.toolFor(*spot_));
    return tool && tool->quantity == QuantityKind::angle && tool->shows == Shows::unsigned_ &&
           reading_kind(spot_->kind).shown_as_lean();
}

Reading ReadGuide::blank() const {
    Reading r = desk_.blank(*spot_);
    r.top_in = topIn();
    if (const Quantity* swept = sweptAt(*spot_)) {
        const double way = spot_->swept == Swept::in ? -1.0 : 1.0;
        const bool wheel = swept->kind == QuantityKind::turns;
        const Angle by = Angle::from_deg(way * std::abs(swept->value) * (wheel ? 360.0 : 1.0));
        r.turned.reset();
        (wheel ? r.wheel_turned : r.turned) = by;
    }
    return r;
}

/// Of this car and this round only.
const Quantity* ReadGuide::sweptAt(const Spot& spot) const {
    const auto it = swept_.find(spot);
    return it != swept_.end() && swept_in_ == std::pair(desk_.jobId(), desk_.round()) ? &it->second : nullptr;
}

/// How far the wheel is turned for this reading.
QString ReadGuide::sweepWords() const {
    const Quantity* swept = sweptAt(*spot_);
    if (swept && swept->kind == QuantityKind::turns)
        return tr("%1 of the steering wheel").arg(q(show_turns(std::abs(swept->value))));
    const Angle by = swept ? swept->angle() : desk_.lines().sweep.value_or(usual_sweep);
    return tr("turned by %1").arg(q(fairchalk::show(abs(by), how_)));
}

/// As said; else as it was read at that spot, at either end of a sweep its own; else as that wheel leaned
/// last; else in, as most do.
bool ReadGuide::topIn() const {
    if (top_in_) return *top_in_;
    std::optional<bool> of_wheel;
    for (std::size_t i = desk_.log().size(); spot_ && i-- > 0;)
        if (const Reading* r = std::get_if<Reading>(&desk_.log()[i].event);
            r && desk_.job().live(i) && r->spot.wheel == spot_->wheel && r->top_in) {
            if (r->spot == *spot_) return *r->top_in;
            if (!of_wheel) of_wheel = r->top_in;
        }
    return of_wheel.value_or(true);
}

namespace {

/// Each thing that can be done has its own key, whatever else is offered beside it; the first of what is read
/// beside a spot, others after it.
namespace keys {
constexpr std::size_t beside = 0, tool = 1, lean = 2, again = 3, aside = 4, sweep = 5, lean_test = 6,
                      hold = 7, other_way = 8;
}

}  // namespace

std::vector<ReadGuide::Doing> ReadGuide::doings() const {
    std::vector<Doing> out;
    const auto add = [&](std::size_t key, const QString& id, const QString& text,
                         std::function<void(ReadGuide&)> run, bool main = false, bool chosen = false) {
        out.push_back({{id, text, main, chosen, key}, std::move(run)});
    };
    if (desk_.practice() && spot_ && !held_)
        add(
            keys::hold, "hold", tr("Walk there and hold it"), [](ReadGuide& g) { g.holdThere(); }, true);
    const auto& again = desk_.answer().plan.again;
    const Code why = again ? again->why.code : Code::none;
    const bool other_way = why == Code::again_other_way && desk_.answerIsCurrent();
    if (other_way) {
        add(
            keys::other_way, "other-way", tr("Looked: the other way round"),
            [](ReadGuide& g) { g.takeTheOtherWay(); }, true);
    }
    if (const auto entry = other_way ? std::nullopt : suspect()) {
        const Spot at = std::get<Reading>(desk_.log()[*entry].event).spot;
        const QString n = desk_.number(at);
        const bool to_set_aside = why == Code::again_set_aside;
        if (!spot_ || !(at == *spot_))
            add(
                keys::again, "again", tr("Read %1 again").arg(n), [at](ReadGuide& g) { g.ask(at); },
                again && !to_set_aside && why != Code::again_as_before && !desk_.driveAsked());
        add(
            keys::aside, "aside", tr("Set %1 aside").arg(n),
            [entry = *entry](ReadGuide& g) {
                emit g.asks(
                    new StrikeQuestion(g.desk_, g, entry, tr("set aside: it contradicts the others")));
            },
            to_set_aside);
    }
    // Then the sheet would only send back to it.
    if (const auto more = worthReading(desk_); more && !spot_ && out.empty() && !waitsFor(desk_))
        add(
            Act::enter, "read-on", tr("Read on: %1").arg(q(words::spot(*more))),
            [](ReadGuide& g) { g.ask(g.nextToRead()); }, true);
    if (!spot_) return out;
    if (asksLean())
        add(
            keys::lean, "lean", topIn() ? tr("Top leans in") : tr("Top leans out"),
            [](ReadGuide& g) {
                g.top_in_ = !g.topIn();
                emit g.said();
            },
            false, true);
    if (unleaned())
        add(keys::lean_test, "lean-test", tr("Lean test …"), [](ReadGuide& g) {
            emit g.pageWanted({PageId::tools, q(g.desk_.toolFor(*g.spot_))});
        });
    if (spot_->swept != Swept::straight)
        add(keys::sweep, "sweep", tr("Turned by …"),
            [](ReadGuide& g) { emit g.asks(new SweepQuestion(g.desk_, g)); });
    std::size_t key = keys::beside;
    for (const Spot& s : reading_kind(spot_->kind).besides(*spot_, desk_.car())) {
        const char* more = reading_kind(s.kind).more_words();
        const QString text = more && s.kind != spot_->kind ? q(words::fill(more, {})) : tr("Half a turn on");
        add(key, q(s.name()), text, [s, from = *spot_](ReadGuide& g) {
            g.ask(s);
            g.beside_ = from;
        });
        key = key == keys::beside ? Act::spare : key + 1;
    }
    const auto tools = toolsFor(*spot_);
    if (tools.size() > 1)
        add(keys::tool, "tool", tr("With: %1").arg(q(words::tool(desk_.toolFor(*spot_)))),
            [tools](ReadGuide& g) {
                const auto at = std::find(tools.begin(), tools.end(), g.desk_.toolFor(*g.spot_));
                g.desk_.takeUp(*g.spot_, at == tools.end() || at + 1 == tools.end() ? tools.front() : at[1]);
            });
    return out;
}

/// As it was seen: the same amounts, the top leaning out for in, or with the other sign.
void ReadGuide::takeTheOtherWay() {
    const std::vector<std::size_t> entries = desk_.answer().plan.again->entries;
    std::vector<Reading> turned;
    for (std::size_t i : entries) {
        const Reading& r = std::get<Reading>(desk_.log()[i].event);
        if (const auto other = other_way_round(r, desk_.toolNamed(r.tool))) turned.push_back(*other);
    }
    desk_.strike(entries, tr("taken the other way round"));
    for (const Reading& r : turned) desk_.take(r);
    ask(nextToRead());
}

/// Once all is read: to what it means, to what it waits for, or to a drive that contradicts it.
std::vector<Act> ReadGuide::acts() const {
    std::vector<Act> out;
    for (Doing& d : doings()) out.push_back(std::move(d.act));
    if (spot_) return out;
    Act on = AfterReading(desk_).act();
    if (std::any_of(out.begin(), out.end(), [](const Act& a) { return a.key == Act::enter; })) {
        on.id = "leave";
        on.key = keys::again;
    }
    out.push_back(on);
    return out;
}

void ReadGuide::act(const QString& id) {
    if (id == "go-on" || id == "leave") return AfterReading(desk_).go(*this);
    for (const Doing& d : doings())
        if (d.act.id == id) return d.run(*this);
}

/// What this garage could read that with: its own rules or gauges, and the standard ones.
std::vector<std::string> ReadGuide::toolsFor(const Spot& spot) const {
    const QuantityKind quantity = reading_kind(spot.kind).quantity();
    std::vector<std::string> out;
    for (const Tool& t : desk_.tools())
        if (t.quantity == quantity && (!serves_one_rig(t.name) || rig_of(spot.kind).tool == t.name))
            out.push_back(t.name);
    return out;
}

}  // namespace fairchalk::desk
