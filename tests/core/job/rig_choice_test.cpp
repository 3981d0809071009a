// SPDX-License-Identifier: GPL-3.0-or-later
// What is chosen, what it is read with, what it can tell, and what more can be read beside it.
#include <algorithm>
#include <cmath>

#include <gtest/gtest.h>

#include "core/advice/plan.h"
#include "core/advice/procedure.h"
#include "core/judge/still_readable.h"
#include "core/judge/verdict.h"
#include "core/reading/plausible.h"
#include "core/true_rigs.h"

namespace fairchalk {
namespace {

using testing::besides;
using testing::SolidCar;
using K = ReadingId;

bool holds(const std::vector<Spot>& spots, const Spot& spot) {
    return std::find(spots.begin(), spots.end(), spot) != spots.end();
}

TEST(Besides, ARimIsReadHalfATurnOnAndAGaugeEndForEnd) {
    const CarCard car = SolidCar().card();
    const Spot lip = wheel_spot(K::rim_front, Wheel::rear_left);
    Spot rolled = lip;
    rolled.rolled = true;
    EXPECT_EQ(besides(lip, car), std::vector<Spot>{rolled});
    EXPECT_TRUE(besides(rolled, car).empty()) << "and not once more";
    const auto camber = besides(wheel_spot(K::camber, Wheel::front_left), car);
    EXPECT_TRUE(holds(camber, wheel_spot(K::camber_reversed, Wheel::front_left)));
    EXPECT_EQ(camber.size(), 2u);
    EXPECT_TRUE(besides(swept_spot(K::camber, Wheel::front_left, Swept::out), car).empty())
        << "a turned wheel is not rolled";
}

TEST(Besides, AHubHasItsStringsHeightAndItsWidthAndBoardsTheirDifference) {
    const CarCard car = SolidCar().card();
    const auto hub = besides(wheel_spot(K::hub, Wheel::front_right), car);
    EXPECT_TRUE(holds(hub, station_spot(K::string_height, Side::right, *car.wheelbase)));
    EXPECT_TRUE(holds(hub, axle_spot(K::hub_width, Axle::front)));
    EXPECT_TRUE(holds(besides(wheel_spot(K::hub, Wheel::rear_left), car),
                      station_spot(K::string_height, Side::left, Length())));
    Spot rolled = axle_spot(K::boards_rear, Axle::rear);
    rolled.rolled = true;
    EXPECT_EQ(besides(axle_spot(K::boards_rear, Axle::rear), car),
              (std::vector<Spot>{axle_spot(K::tape_difference, Axle::rear), rolled}));
    EXPECT_TRUE(besides(axle_spot(K::string_to_string, Axle::front), car).empty());
}

TEST(BlankReading, IsReadWithItsRigsOwnToolOrTheRoundsRule) {
    LinesSet l = SolidCar().lines({"string-bars", "toe-boards"});
    l.tool = "vernier";
    l.gauge = "hinged-gauge";
    EXPECT_EQ(blank_reading(wheel_spot(K::hub, Wheel::front_left), l).tool, "vernier");
    EXPECT_EQ(blank_reading(wheel_spot(K::camber, Wheel::front_left), l).tool, "hinged-gauge");
    EXPECT_EQ(blank_reading(axle_spot(K::boards_front, Axle::front), l).tool, "tape");
    EXPECT_EQ(blank_reading(wheel_spot(K::camber_gap, Wheel::front_left), l).tool, "spirit-level-gap");
    EXPECT_EQ(blank_reading(wheel_spot(K::camber_plumb_upper, Wheel::front_left), l).tool, "plumb-line");
    EXPECT_EQ(blank_reading(wheel_spot(K::caster, Wheel::front_left), l).tool, "caster-gauge");
    // Every rig's own tool lies in the drawer and measures what the rig reads.
    for (const Rig* one : all_rigs()) {
        const Rig& rig = *one;
        if (rig.tool.empty()) continue;
        const Tool* tool = standard_tool(rig.tool);
        ASSERT_TRUE(tool) << rig.id;
        EXPECT_EQ(tool->quantity, reading_kind(rig.kinds.front()).quantity()) << rig.id;
    }
}

TEST(Reachable, EachRigSaysBeforeTheWorkHowWellItWillTell) {
    const SolidCar c;
    const auto total = testing::total_toe(Axle::front, 0, 0.1);
    const auto sigma = [&](const char* rig, const Target& t, int repeats = 1) {
        LinesSet l = c.lines({rig});
        l.tool = "steel-rule-mm";
        l.gauge = "digital-angle-gauge";
        return reachable_sigma(c.card(), l, t, repeats);
    };
    const auto strings = sigma("string-bars", total), boards = sigma("toe-boards", total);
    ASSERT_TRUE(strings && boards);
    // Two tapes of 0.5 mm, and 0.2 of each slot, over 610 mm; two rims untrue by 0.25 at either edge.
    EXPECT_NEAR(boards->deg(),
                std::hypot(std::hypot(0.5, 0.2) / 610, 0.5 / c.span) * std::sqrt(2.0) / SolidCar::rad, 0.004);
    EXPECT_LT(*sigma("toe-boards", total, 4), *boards);
    Target camber = total;
    camber.measure = Measure::camber;
    EXPECT_FALSE(sigma("string-bars", camber)) << "strings do not tell it";
    // Its own 0.1, and the 0.2 of a zero that nobody has checked.
    EXPECT_NEAR(sigma("camber-gauge", camber)->deg(), std::hypot(0.1, 0.2), 0.01);
    EXPECT_TRUE(sigma("camber-gap", camber));
    EXPECT_TRUE(sigma("camber-plumb", camber));
    Target caster = total;
    caster.measure = Measure::caster;
    EXPECT_TRUE(sigma("caster-sweep", caster));
    LinesSet untold;
    untold.rigs = {"toe-boards"};
    EXPECT_FALSE(reachable_sigma(c.card(), untold, total, 1)) << "until the slots are told";
}

TEST(Reachable, TheGaragesOwnToolAndAFinerOne) {
    const SolidCar c;
    Target camber;
    camber.measure = Measure::camber;
    camber.where = Axle::front;
    camber.lo = Angle::from_deg(-0.25);
    camber.hi = Angle::from_deg(0.25);
    LinesSet l = c.lines({"camber-gauge"});
    l.gauge = "old-gauge";
    Tool old = *standard_tool("hinged-gauge");
    old.name = "old-gauge";
    old.sigma = 0.4;
    old.shows = Shows::upright;
    const Tool own[] = {old};
    EXPECT_NEAR(reachable_sigma(c.card(), l, camber, 1, {own})->deg(), 0.4, 0.01)
        << "from upright, like any other";
    const auto finer = tool_that_would(c.card(), l, camber, 2, {own});
    ASSERT_TRUE(finer);
    EXPECT_EQ(finer->quantity, QuantityKind::angle);
    EXPECT_LT(finer->sigma, 0.4);
}

TEST(BoundOfReading, KnowsHowAGaugeShows) {
    const auto doubt = [](K kind, double degrees, Shows shows) {
        Quantity v = *read_quantity(write_exact(Angle::from_deg(degrees)));
        const auto bound = reading_kind(kind).bounded(shows);
        return bound && doubt_of(*bound, v, v.text).has_value();
    };
    EXPECT_FALSE(doubt(K::camber, -1.2, Shows::leaning));
    EXPECT_TRUE(doubt(K::camber, 88.8, Shows::leaning))
        << "a gauge that shows from level, and nobody said so";
    EXPECT_FALSE(doubt(K::camber, 88.8, Shows::upright));
    EXPECT_TRUE(doubt(K::camber, -1.2, Shows::upright));
    EXPECT_TRUE(doubt(K::caster, 45, Shows::leaning));
    EXPECT_TRUE(doubt(K::toe_angle, 12, Shows::leaning)) << "12 minutes, perhaps";
    EXPECT_EQ(reading_kind(K::hub_width).bounded(), Bounded::across_axle);
    EXPECT_EQ(reading_kind(K::arm_jig).bounded(), Bounded::near_string);
    EXPECT_TRUE(doubt_of(*reading_kind(K::tape_difference).bounded(), *read_quantity("149 mm"), "149"));
    EXPECT_FALSE(doubt_of(*reading_kind(K::tape_difference).bounded(), *read_quantity("-4 mm"), "-4"));
}

TEST(Plan, AVerdictThatNoReadingSettlesIsTurnedTowardTheMiddle) {
    // At the edge of a band that this rule can hardly call: likely inside, and never to be said so.
    testing::TrueCar c;
    c.toe = {0.05 + 0.165, 0.05 + 0.165, 0.1, 0.1};
    CarCard card = testing::card_of(c);
    card.adjusters = {testing::rod_at(Wheel::front_left, RodSide::behind_axle),
                      testing::rod_at(Wheel::front_right, RodSide::behind_axle)};
    auto log = testing::begun(c, card, {testing::total_toe(Axle::front, 0.1, 0.34)});
    testing::read_round(log, c, 0.3);
    const Job job = job_of(log);
    const Estimate e = estimate(job);
    const auto verdict = verdicts(job, e).front();
    ASSERT_EQ(verdict.call, Call::too_close);
    ASSERT_FALSE(what_settles(job, e, verdict)) << "no number of readings does";
    const Plan plan = plan_turns(job, e);
    EXPECT_EQ(plan.next, NextStep::turn);
    ASSERT_EQ(plan.turns.size(), 2u);
    EXPECT_LT(plan.turns.front().turns, 0) << "shorter: out of the edge, toward the aim";
    EXPECT_GT(plan.probability_inside, 0.9);
}

}  // namespace
}  // namespace fairchalk
