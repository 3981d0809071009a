// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/stacks_now.h"

#include <gtest/gtest.h>

#include "core/advice/plan.h"
#include "core/judge/card_after_job.h"
#include "core/worked_job.h"

namespace fairchalk {
namespace {

using testing::entry;

ShimsOf of(double mm, int n) {
    return {Length::from_mm(mm), n, false};
}
Adjuster pair_of(const char* id, Wheel w, std::vector<ShimsOf> front, std::vector<ShimsOf> rear) {
    Adjuster d;
    d.id = id;
    d.kind = "shim-pair";
    d.wheel = w;
    d.stacks = {std::move(front), std::move(rear)};
    return d;
}
Entry turn(const char* id, const char* adjuster, double front, double rear) {
    Turn t;
    t.adjuster = adjuster;
    t.kind = "shim-pair";
    t.turns = front;
    t.second = rear;
    return entry(id, t);
}
int count_of(const std::vector<ShimsOf>& shims, double mm) {
    int n = 0;
    for (const ShimsOf& s : shims)
        if (std::abs(s.thickness.mm() - mm) < 1e-9) n += s.count;
    return n;
}
double together_mm(const std::vector<ShimsOf>& shims) {
    double mm = 0;
    for (const ShimsOf& s : shims) mm += s.thickness.mm() * s.count;
    return mm;
}

struct StacksNow : ::testing::Test {
    CarCard card = testing::card_of(testing::TrueCar{});
    std::vector<Entry> log;

    StacksNow() {
        card.adjusters = {pair_of("fl", Wheel::front_left, {of(2, 1)}, {of(1, 2)}),
                          pair_of("fr", Wheel::front_right, {of(1, 1)}, {of(1, 1)})};
        card.tin = {of(0.5, 2), of(2, 1)};
        log = {entry("car", CarEdit{card}), entry("round", RoundOpened{})};
    }
    CarCard now() const {
        const Job job = job_of(log);
        return with_stacks_now(job, job.car);
    }
};

TEST_F(StacksNow, AreAsTheCardHasThemUntilTheyAreTurned) {
    EXPECT_EQ(now().tin, card.tin);
    EXPECT_EQ(now().device("fl")->stacks, card.device("fl")->stacks);
}

TEST_F(StacksNow, WhatWasPutInCameFromTheTinAndWhatWasTakenOutIsThere) {
    log.push_back(turn("t1", "fl", 0.5, -1));
    CarCard c = now();
    EXPECT_NEAR(together_mm(c.device("fl")->stacks[0]), 2.5, 1e-9);
    EXPECT_NEAR(together_mm(c.device("fl")->stacks[1]), 1.0, 1e-9);
    EXPECT_EQ(count_of(c.tin, 0.5), 1);
    EXPECT_EQ(count_of(c.tin, 1.0), 1) << "out of the rear stack";
    // The next pass takes it from where it is now.
    log.push_back(entry("round2", RoundOpened{}));
    log.push_back(turn("t2", "fr", 1, 0));
    c = now();
    EXPECT_EQ(count_of(c.tin, 1.0), 0);
    EXPECT_EQ(count_of(c.device("fr")->stacks[0], 1.0), 2);
    EXPECT_EQ(count_of(c.tin, 0.5), 1);
    // Struck, it was never done.
    log.push_back(entry("s", Strike{Strike::Way::reasoned, {"t2"}, "not done"}));
    EXPECT_EQ(count_of(now().device("fr")->stacks[0], 1.0), 1);
}

TEST_F(StacksNow, TurnedTogetherTheyGoFromStackToStack) {
    log.push_back(turn("t1", "fl", -2, 0));
    log.push_back(turn("t2", "fr", 2, 0));
    const CarCard c = now();
    EXPECT_EQ(c.tin, card.tin);
    EXPECT_EQ(count_of(c.device("fr")->stacks[0], 2.0), 1);
    ASSERT_FALSE(c.device("fl")->stacks[0].empty()) << "known to hold nothing";
    EXPECT_EQ(together_mm(c.device("fl")->stacks[0]), 0.0);
}

TEST_F(StacksNow, WhatTheShimsDoNotMakeUpIsNotKnownAnyMore) {
    log.push_back(turn("t1", "fl", 0.25, 0));
    const CarCard c = now();
    EXPECT_TRUE(c.device("fl")->stacks[0].empty() && c.device("fl")->stacks[1].empty());
    EXPECT_EQ(c.device("fr")->stacks, card.device("fr")->stacks);
    EXPECT_EQ(c.tin, card.tin);
}

TEST_F(StacksNow, WhatTheCardSaysAnewIsSoFromThenOn) {
    log.push_back(turn("t1", "fl", 0.25, 0));
    CarCard seen = card;
    seen.adjusters[0].stacks[0] = {of(0.5, 1), of(1.5, 1)};
    log.push_back(entry("car2", CarEdit{seen}));
    EXPECT_EQ(count_of(now().device("fl")->stacks[0], 1.5), 1);
    // The rest, which it only repeats, is as it has become.
    log.push_back(turn("t2", "fr", 0.5, 0));
    log.push_back(entry("car3", CarEdit{seen}));
    EXPECT_EQ(count_of(now().tin, 0.5), 1);
    EXPECT_EQ(count_of(now().device("fr")->stacks[0], 0.5), 1);
}

TEST_F(StacksNow, AnEmptiedTinIsStillATin) {
    card.tin = {of(0.5, 1)};
    log = {entry("car", CarEdit{card}), entry("round", RoundOpened{}), turn("t1", "fl", 0.5, 0)};
    const CarCard c = now();
    ASSERT_EQ(c.tin.size(), 1u);
    EXPECT_EQ(c.tin[0].count, 0);
}

}  // namespace
}  // namespace fairchalk
