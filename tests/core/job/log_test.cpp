// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/log.h"

#include <gtest/gtest.h>

#include "core/advice/procedure.h"
#include "core/job/knowledge.h"
#include "core/job/rig.h"
#include "core/worked_job.h"

namespace fairchalk {
namespace {

using testing::TrueCar;

Strike strike(std::vector<std::string> ids, Strike::Way way = Strike::Way::reasoned) {
    return {way, std::move(ids), "slipped"};
}

TEST(Log, AStrikeTakesBackAndUndoOfItRestores) {
    TrueCar c;
    auto log = testing::begun(c, testing::card_of(c));
    testing::read_round(log, c, 0.3);
    const std::string id = log[5].id;
    log.push_back(testing::entry("s1", strike({id})));
    EXPECT_EQ(job_of(log).rounds[0].readings.size(), 13u);
    EXPECT_EQ(job_of(log).struck[5], "slipped");
    EXPECT_EQ(undoable(log, 3), "s1");
    log.push_back(testing::entry("u1", strike({"s1"}, Strike::Way::undo)));
    EXPECT_EQ(job_of(log).rounds[0].readings.size(), 14u);
    EXPECT_EQ(redoable(log, 3), "u1");
    log.push_back(testing::entry("r1", strike({"u1"}, Strike::Way::redo)));
    EXPECT_EQ(job_of(log).rounds[0].readings.size(), 13u);
    EXPECT_EQ(redoable(log, 3), std::nullopt);
}

TEST(Log, UndoGoesBackOneByOneAndRedoForwardUntilSomethingNew) {
    TrueCar c;
    auto log = testing::begun(c, testing::card_of(c));
    testing::read_round(log, c, 0.3, nullptr, {string_walk()[0], string_walk()[1]});
    const std::string second = log[4].id, first = log[3].id;
    EXPECT_EQ(undoable(log, 3), second);
    log.push_back(testing::entry("u1", strike({second}, Strike::Way::undo)));
    EXPECT_EQ(undoable(log, 3), first);
    log.push_back(testing::entry("u2", strike({first}, Strike::Way::undo)));
    EXPECT_EQ(undoable(log, 3), std::nullopt);
    EXPECT_EQ(redoable(log, 3), "u2");
    log.push_back(testing::entry("r2", strike({"u2"}, Strike::Way::redo)));
    EXPECT_EQ(redoable(log, 3), "u1");
    testing::read_round(log, c, 0.3, nullptr, {string_walk()[2]});
    EXPECT_EQ(redoable(log, 3), std::nullopt);
}

TEST(Log, AnOldRoundIsReadOnTheCarAsItThenWas) {
    TrueCar c;
    auto log = testing::begun(c, testing::card_of(c));
    testing::read_round(log, c, 0.3);
    log.push_back(testing::entry("round2", RoundOpened{}));
    CarCard edited = testing::card_of(c);
    edited.wheelbase = Length::from_mm(2600);
    log.push_back(testing::entry("edit", CarEdit{edited}));
    const Job job = job_of(log);
    EXPECT_EQ(job.rounds[0].car.wheelbase->mm(), 2565);
    EXPECT_EQ(job.rounds[1].car.wheelbase->mm(), 2600);
    EXPECT_EQ(job.rounds[1].lines.bars.front_ahead->mm(), 535) << "the strings were not touched";
}

TEST(Procedure, AfterATurnOnlyTheTurnedWheelsAreReadAgain) {
    TrueCar c;
    CarCard card = testing::card_of(c);
    card.adjusters = {testing::rod_at(Wheel::front_left, RodSide::behind_axle),
                      testing::rod_at(Wheel::front_right, RodSide::behind_axle)};
    auto log = testing::begun(c, card);
    EXPECT_EQ(*next_spot(job_of(log), 0), string_walk().front());
    EXPECT_EQ(stages_of(job_of(log), {})[index_of(Stage::read)].progress, Progress::to_do);
    testing::read_round(log, c, 0.3);
    EXPECT_EQ(stages_of(job_of(log), {})[index_of(Stage::read)].progress, Progress::done);
    EXPECT_FALSE(next_spot(job_of(log), 0));
    for (const char* rod : {"rod-fl", "rod-fr"}) {
        Turn t;
        t.adjuster = rod;
        t.turns = 0.5;
        log.push_back(testing::entry(std::string("turn ") + rod, t));
    }
    EXPECT_TRUE(turned_since_reading(job_of(log)));
    EXPECT_EQ(stages_of(job_of(log), {})[index_of(Stage::read)].progress, Progress::stale);
    log.push_back(testing::entry("round2", RoundOpened{}));
    auto wanted = wanted_spots(job_of(log), 1);
    ASSERT_EQ(wanted.size(), 4u);
    EXPECT_EQ(wanted[0], wheel_spot(ReadingId::rim_rear, Wheel::front_left));
    EXPECT_EQ(wanted[3], wheel_spot(ReadingId::rim_rear, Wheel::front_right));
    // Drawn tight, what was turned at that axle is read again, and nothing else.
    auto locked = log;
    testing::read_round(locked, c, 0.2, nullptr, wanted);
    locked.push_back(testing::entry("locked", Change{ChangeKind::locked, Axle::front}));
    locked.push_back(testing::entry("round3", RoundOpened{}));
    EXPECT_EQ(wanted_spots(job_of(locked), 2), wanted);
    // Nobody knows what was drawn tight where nothing was turned.
    locked.push_back(testing::entry("locked once more", Change{ChangeKind::locked, Axle::front}));
    locked.push_back(testing::entry("round4", RoundOpened{}));
    EXPECT_EQ(wanted_spots(job_of(locked), 3).size(), 14u);
    log.insert(log.end() - 1, testing::entry("jack", Change{ChangeKind::jacked, {}}));
    EXPECT_EQ(wanted_spots(job_of(log), 1).size(), 14u);
}

}  // namespace
}  // namespace fairchalk
