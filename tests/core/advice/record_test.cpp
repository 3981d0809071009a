// SPDX-License-Identifier: GPL-3.0-or-later
// The record of a job, read off its log: before, after, what was turned and what that did, what is left.
#include "core/advice/record.h"

#include <algorithm>

#include <gtest/gtest.h>

#include "core/analysis.h"
#include "core/job/look_again.h"
#include "core/quantity/distance.h"
#include "core/worked_job.h"
#include "words/record_words.h"

namespace fairchalk {
namespace {

using testing::entry;
using testing::TrueCar;

/// A car with two rods, read, the left one turned by half a turn, read again; `after` is put at the end.
std::vector<Entry> twice_read(const std::vector<decltype(Entry::event)>& after = {}) {
    const TrueCar c;
    CarCard card = testing::card_of(c);
    for (Wheel w : {Wheel::front_left, Wheel::front_right})
        card.adjusters.push_back(testing::rod_at(w, RodSide::behind_axle));
    auto log = testing::exact_log(c, card);
    const Adjuster& rod = *card.rod("rod-fl");
    TrueCar then = c;
    then.toe[0] += toe_change(rod, 0.5, arm_prior(rod).mean).deg();
    Turn t;
    t.adjuster = "rod-fl";
    t.turns = 0.5;
    log.push_back(entry("turn", t));
    log.push_back(entry("second", RoundOpened{}));
    for (const Entry& e : testing::exact_log(then, card))
        if (std::holds_alternative<Reading>(e.event)) log.push_back(entry("again " + e.id, e.event));
    TargetsEdit targets;
    targets.targets = {testing::total_toe(Axle::front, 0.1, 0.05)};
    log.push_back(entry("targets", targets));
    for (const auto& what : after) log.push_back(entry("after" + std::to_string(log.size()), what));
    return log;
}

const Record::Line* line_of(const Record& r, Measure m, const std::variant<std::monostate, Axle, Wheel>& at) {
    const auto it = std::find_if(r.lines.begin(), r.lines.end(),
                                 [&](const Record::Line& l) { return l.measure == m && l.where == at; });
    return it == r.lines.end() ? nullptr : &*it;
}

TEST(Record, HasBeforeAndAfterWhatWasTurnedAndWhatThatDid) {
    const auto log = twice_read();
    const Record r = record_believed(job_of(log));
    const TrueCar c;
    const Record::Line* toe = line_of(r, Measure::toe, Wheel::front_left);
    ASSERT_TRUE(toe);
    EXPECT_NEAR(toe->before.value.deg(), c.toe[0], 0.02);
    const double by = toe->after.value.deg() - toe->before.value.deg();
    EXPECT_GT(std::abs(by), 0.1) << "half a turn";
    ASSERT_EQ(r.passes.size(), 1u);
    ASSERT_EQ(r.passes[0].turns.size(), 1u);
    EXPECT_TRUE(std::any_of(r.passes[0].did.begin(), r.passes[0].did.end(), [&](const Record::Pass::Did& d) {
        return d.measure == Measure::toe && std::abs(d.to.value.deg() - d.from.value.deg() - by) < 0.03;
    }));
    // The right wheel was not turned: nothing is said of it there.
    EXPECT_TRUE(std::none_of(r.passes[0].did.begin(), r.passes[0].did.end(), [](const Record::Pass::Did& d) {
        return d.where == std::variant<std::monostate, Axle, Wheel>(Wheel::front_right);
    }));
    const Record::Line* total = line_of(r, Measure::total_toe, Axle::front);
    ASSERT_TRUE(total && total->verdict);
    ASSERT_EQ(r.left.size(), total->verdict->call == Call::inside ? 0u : 1u);
    ASSERT_EQ(r.unlocked.size(), 1u) << "turned and not locked";
    EXPECT_TRUE(r.locked.empty());
}

TEST(Record, OfNothingReadSaysSoAndInventsNothing) {
    const std::vector<Entry> none;
    EXPECT_TRUE(record_believed(job_of(none)).lines.empty());
    auto log =
        testing::begun(TrueCar{}, testing::card_of(TrueCar{}), {testing::total_toe(Axle::front, 0.1, 0.1)});
    const Record r = record_believed(job_of(log));
    ASSERT_EQ(r.lines.size(), 1u) << "only what has a target";
    EXPECT_FALSE(r.lines[0].before.known);
    EXPECT_FALSE(r.lines[0].after.known);
    EXPECT_EQ(r.left.size(), 1u);
    const std::string html = words::record_html(r, job_of(log).car, {"Dunmere Lane", "First"}, Knowledge{});
    EXPECT_NE(html.find("not known"), std::string::npos);
    EXPECT_NE(html.find("Nothing was turned."), std::string::npos);
}

TEST(Record, WhereOnlyBothTogetherAreKnownTheDrawingSaysThat) {
    Record r;
    Record::Line total;
    total.measure = Measure::total_toe;
    total.where = Axle::front;
    total.after = {true, Angle::from_arcmin(21), Angle::from_arcmin(8), {}, {}};
    r.lines = {total};
    const auto drawn = [&] {
        const std::string html = words::record_html(r, {}, {"Dunmere Lane", "Boards"}, Knowledge{});
        return html.substr(html.find("<svg"), html.find("</svg>") - html.find("<svg"));
    };
    EXPECT_NE(drawn().find("together 0°21' in"), std::string::npos) << drawn();
    EXPECT_EQ(drawn().find("toe drawn"), std::string::npos) << "no wheel's toe is drawn";
    Record::Line left;
    left.measure = Measure::toe;
    left.where = Wheel::front_left;
    left.after = {true, Angle::from_arcmin(11), Angle::from_arcmin(4), {}, {}};
    r.lines.push_back(left);
    EXPECT_EQ(drawn().find("together"), std::string::npos);
    EXPECT_NE(drawn().find("toe drawn"), std::string::npos);
}

TEST(Record, WhatWasTurnedWithoutAnyReadingIsInIt) {
    const TrueCar c;
    CarCard card = testing::card_of(c);
    card.adjusters.push_back(testing::rod_at(Wheel::front_left, RodSide::behind_axle));
    Turn t;
    t.adjuster = "rod-fl";
    t.turns = 0.25;
    const std::vector<Entry> log = {entry("car", CarEdit{card}), entry("turn", t)};
    const Record r = record_believed(job_of(log));
    ASSERT_EQ(r.passes.size(), 1u);
    EXPECT_TRUE(r.passes[0].did.empty());
    EXPECT_EQ(r.unlocked.size(), 1u);
    // Before the first round: nothing is said of what that did.
    auto later = testing::exact_log(c, card);
    const auto round = std::find_if(later.begin(), later.end(), [](const Entry& e) {
        return std::holds_alternative<RoundOpened>(e.event);
    });
    later.insert(round, entry("turn", t));
    const Record then = record_believed(job_of(later));
    ASSERT_EQ(then.passes.size(), 1u);
    EXPECT_TRUE(then.passes[0].did.empty());
}

TEST(Record, SaysWhatIsLooseAndWhenToLookAgain) {
    Change locked;
    locked.kind = ChangeKind::locked;
    PartTouched boot{PartState::loosened, "left boot clip <old>"};
    const auto log = twice_read({locked, boot, Odometer{84210.0, "84210 km"},
                                 LookAgain{"100 km", "new bushes"}, Accepted{accepted_all, "rod is seized"}});
    const Job job = job_of(log);
    const Record r = record_believed(job);
    EXPECT_TRUE(r.unlocked.empty());
    ASSERT_EQ(r.locked.size(), 1u);
    EXPECT_EQ(r.locked[0], "rod-fl");
    ASSERT_EQ(r.loose.size(), 1u);
    EXPECT_EQ(r.odometer->text, "84210 km");
    const std::string html = words::record_html(r, job.car, {"Dunmere Lane", "Bushes & rods"}, Knowledge{});
    for (const char* said : {"Still loose: not to be driven.", "Left boot clip &lt;old&gt;: loosened",
                             "84210 km", "100 km: new bushes", "Left tie rod: 1/2 turn longer",
                             "Bushes &amp; rods", "Dunmere Lane", "<svg", "Rod is seized"})
        EXPECT_NE(html.find(said), std::string::npos) << said;
    EXPECT_EQ(html.find("<old>"), std::string::npos);
    EXPECT_EQ(html.find("safe to drive"), std::string::npos);
}

TEST(Record, ForTheShopNamesWhatThisWayDoesNotSee) {
    const auto log = twice_read();
    const Job job = job_of(log);
    const std::string note = words::shop_note_html(record_believed(job), job, {}, Knowledge{});
    for (const char* said : {"a note for the shop", "What could not be seen here", "Front axle: camber",
                             "Caster", "level on a straight road", "Left tie rod: 1/2 turn longer"})
        EXPECT_NE(note.find(said), std::string::npos) << said;
    EXPECT_EQ(note.find("Front axle: toe"), std::string::npos) << "that was read";
    EXPECT_EQ(note.find("safe to drive"), std::string::npos);
}

TEST(Distance, IsReadInKmAndMiles) {
    EXPECT_DOUBLE_EQ(*read_distance("84210 km"), 84210.0);
    EXPECT_DOUBLE_EQ(*read_distance("84,210 km"), 84210.0);
    EXPECT_DOUBLE_EQ(*read_distance(" 84 210"), 84210.0);
    EXPECT_DOUBLE_EQ(*read_distance("100 miles"), 160.9344);
    EXPECT_DOUBLE_EQ(*read_distance("52300mi"), 52300 * km_per_mile);
    EXPECT_DOUBLE_EQ(*read_distance("12.5 km"), 12.5);
    for (const char* no : {"", "km", "far", "84210 kg", "3000000 km", "1.2.3 km", "-5 km", "12,5 km"})
        EXPECT_FALSE(read_distance(no)) << no;
    EXPECT_EQ(words::sentence(read_distance("84210 kg").error()),
              "“84210 kg”: not understood from “ kg” on. Write it like 84210 km or 52300 mi.");
}

TEST(LookingAgain, ByDayDistanceOrEvent) {
    EXPECT_TRUE(look_again_from("2026-12-04"));
    EXPECT_EQ(look_again_from("in 100 km")->when, "100 km");
    EXPECT_TRUE(look_again_from("after contact"));
    for (const char* no : {"", "soon", "2026-13-40", "after"}) EXPECT_FALSE(look_again_from(no)) << no;

    std::vector<Entry> log = {entry("o", Odometer{1000.0, "1000 km"}),
                              entry("a", LookAgain{"2026-12-04", ""}), entry("b", LookAgain{"100 km", ""}),
                              entry("c", LookAgain{"after contact", ""})};
    const Job job = job_of(log);
    const auto before = due_of(job, "2026-12-01T10:00:00Z", 1050.0);
    ASSERT_EQ(before.size(), 3u);
    EXPECT_EQ(before[0].days, 3);
    EXPECT_EQ(before[1].km, 50.0);
    for (const Due& d : before) EXPECT_FALSE(d.due);
    const auto later = due_of(job, "2026-12-05", 1101.0);
    EXPECT_TRUE(later[0].due);
    EXPECT_TRUE(later[1].due);
    EXPECT_FALSE(later[2].due) << "nobody said that anything was hit";
    // Where nobody wrote the odometer down again, kilometres tell nothing.
    EXPECT_FALSE(due_of(job, "2026-12-01")[1].km);
}

}  // namespace
}  // namespace fairchalk
