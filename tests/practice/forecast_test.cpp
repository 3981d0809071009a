// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/first_offered.h"

#include <set>

#include <gtest/gtest.h>

#include "core/car/steering_rod.h"
#include "practice/sim_car.h"

namespace fairchalk::practice {
namespace {

/// What the table of rigs would say, as far as it is asked here.
Knowledge knowledge() {
    Knowledge k;
    for (const Rig* r : all_rigs()) {
        RigItem item;
        item.id = std::string(r->id);
        item.needs = {{item.id == "toe-boards"    ? "boards"
                       : item.id == "string-bars" ? "bars"
                       : item.id == "arm-jig"     ? "arms"
                                                  : "other",
                       1}};
        k.rigs.push_back(item);
    }
    return k;
}

Target total(double tolerance) {
    Target t;
    t.measure = Measure::total_toe;
    t.where = Axle::front;
    t.aim = Angle::from_deg(0.1);
    t.lo = Angle::from_deg(0.1 - tolerance);
    t.hi = Angle::from_deg(0.1 + tolerance);
    return t;
}

Tonight tonight(std::vector<Target> targets) {
    Tonight t;
    t.card.wheelbase = Length::from_mm(2500);
    for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
        Adjuster rod;
        rod.kind = steering_rod_kind;
        rod.id = "rod-" + std::string(name_of(w));
        rod.wheel = w;
        rod.pitch = Length::from_mm(1.5);
        t.card.adjusters.push_back(rod);
    }
    t.targets = std::move(targets);
    return t;
}

using RigIds = std::vector<std::string>;

TEST(Forecast, OffersWhatTheWallAllowsAndWhatTellsTheTargets) {
    const Knowledge k = knowledge();
    Tonight t = tonight({total(0.3)});
    const auto all = ways_of(t, RigUse::toe, k);
    EXPECT_NE(std::find(all.begin(), all.end(), RigIds{"toe-boards"}), all.end());
    EXPECT_NE(std::find(all.begin(), all.end(), RigIds{"string-bars"}), all.end());
    EXPECT_TRUE(ways_of(t, RigUse::camber, k).empty()) << "camber has no target";
    t.have = {{"boards", 2}};
    EXPECT_EQ(ways_of(t, RigUse::toe, k), std::vector<RigIds>{RigIds{"toe-boards"}});
    // Each wheel to the middle of the car: boards do not tell it.
    Target each = total(0.3);
    each.measure = Measure::toe;
    t.targets = {each};
    EXPECT_TRUE(ways_of(t, RigUse::toe, k).empty());
    t.have.clear();
    const auto alone = ways_of(t, RigUse::toe, k);
    EXPECT_EQ(std::find(alone.begin(), alone.end(), RigIds{"toe-boards"}), alone.end());
    EXPECT_NE(std::find(alone.begin(), alone.end(), RigIds{"string-left", "string-right"}), alone.end());
    t.targets.clear();
    EXPECT_TRUE(forecast(t, k, 2, 1).empty());
}

TEST(Forecast, TheBestIsFirstAndTheSameForTheSameSeed) {
    Tonight t = tonight({total(0.3)});
    t.have = {{"boards", 2}, {"bars", 2}};
    const auto ways = forecast(t, knowledge(), 6, 3);
    ASSERT_EQ(ways.size(), 2u);
    EXPECT_EQ(ways[0].rigs, RigIds{"toe-boards"}) << "four minutes to set up, and two tapes";
    EXPECT_LT(ways[0].score(), ways[1].score());
    for (const WayForecast& w : ways) {
        EXPECT_GT(w.minutes, 4.0);
        EXPECT_GE(w.called, 0.0);
        EXPECT_LE(w.called, 1.0);
        EXPECT_GT(w.readings, 1.0);
    }
    const auto again = forecast(t, knowledge(), 6, 3);
    EXPECT_EQ(again[1].minutes, ways[1].minutes);
    // Slower hands: it takes longer.
    t.times.spot = 2.0;
    EXPECT_GT(forecast(t, knowledge(), 6, 3)[0].minutes, ways[0].minutes + 1.0);
    const std::atomic<bool> stop{true};
    EXPECT_TRUE(forecast(t, knowledge(), 6, 3, &stop).empty());
}

TEST(Forecast, WhatIsTooCoarseIsLaterThoughItIsQuick) {
    Tonight t = tonight({total(0.06)});
    t.have = {{"boards", 2}, {"bars", 2}};
    t.tool = "vernier";
    const auto ways = forecast(t, knowledge(), 6, 3);
    ASSERT_EQ(ways.size(), 2u);
    EXPECT_GE(ways[0].called + 1e-9, ways[1].called - (ways[1].minutes - ways[0].minutes) / 60.0);
}

TEST(Forecast, ArmsAreWorthWhatIsKnownOfTheWheelsThatTheyHangOn) {
    const auto called = [](Told alike) {
        Tonight t = tonight({total(0.25)});
        t.have = {{"arms", 1}};
        t.tool = "vernier";
        t.card.same_wheels = alike;
        const auto ways = forecast(t, knowledge(), 24, 5);
        return ways.size() == 1 ? ways[0].called : -1.0;
    };
    EXPECT_GT(called(Told::yes), 0.9);
    EXPECT_EQ(called(Told::no), 0.0) << "their lips may lie 8 mm apart";
    // Nobody said: it is asked, and may be either.
    EXPECT_NEAR(called(Told::unknown), 0.5, 0.3);
}

TEST(FirstOffered, EveningsAreOfAllSortsAndTheSameForTheSameSeed) {
    const Knowledge k = knowledge();
    std::set<std::size_t> targets, things;
    for (int job = 0; job < 14; ++job) {
        const Tonight t = any_evening(job, 1, k), again = any_evening(job, 1, k);
        EXPECT_FALSE(t.targets.empty());
        EXPECT_EQ(t.have, again.have);
        EXPECT_EQ(t.card.adjusters.size(), again.card.adjusters.size());
        targets.insert(t.targets.size());
        things.insert(t.have.size());
        EXPECT_TRUE(job % 2 == 1 || t.have.empty()) << "every other has all of it";
    }
    EXPECT_GT(targets.size(), 2u);
    EXPECT_GT(things.size(), 1u);
}

TEST(FirstOffered, IsGoodWhereItIsTheBestOnOtherCars) {
    FirstOfferedOptions few;
    few.jobs = 6;
    few.cars = 2;
    few.others = 3;
    const auto choices = first_offered(few, knowledge());
    ASSERT_FALSE(choices.empty());
    for (const FirstChoice& c : choices) {
        EXPECT_GE(c.first_score, c.best_score) << "nothing is better than the best";
        EXPECT_EQ(c.good, c.first_score <= 1.1 * c.best_score);
        EXPECT_TRUE(c.first != c.best || c.first_score == c.best_score);
    }
    few.within = 0.0;
    int best = 0, good = 0;
    for (const FirstChoice& c : first_offered(few, knowledge())) {
        best += c.first_score == c.best_score;
        good += c.good;
    }
    EXPECT_EQ(good, best);
    const std::atomic<bool> stop{true};
    EXPECT_TRUE(first_offered(few, knowledge(), {}, &stop).empty());
}

}  // namespace
}  // namespace fairchalk::practice
