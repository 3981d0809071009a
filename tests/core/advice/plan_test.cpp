// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/plan.h"

#include <cmath>

#include <gtest/gtest.h>

#include "core/advice/procedure.h"
#include "core/analysis.h"
#include "core/job/rig.h"
#include "core/turned_job.h"
#include "core/worked_job.h"
#include "words/words.h"

namespace fairchalk {
namespace {

using testing::TrueCar;

std::vector<Entry> tarnby(const TrueCar& c, RodSide side, double sigma = 0.1, double tolerance = 0.15) {
    CarCard card = testing::card_of(c);
    card.adjusters = {testing::rod_at(Wheel::front_left, side), testing::rod_at(Wheel::front_right, side)};
    auto log = testing::begun(c, card, {testing::total_toe(Axle::front, 0.1333, tolerance)});
    testing::read_round(log, c, sigma);
    return log;
}

Plan planned(const std::vector<Entry>& log) {
    const Job job = job_of(log);
    EstimateOptions now;
    now.as_of_now = true;
    return plan_turns(job, estimate(job, now));
}

TEST(SteeringRod, OneAndAHalfMillimetresOn138IsSixtyTwoHundredths) {
    Adjuster r = testing::rod_at(Wheel::front_left, RodSide::behind_axle);
    EXPECT_NEAR(toe_change(r, 1, Length::from_mm(138)).deg(), 0.62, 0.005);
    r.rod = RodSide::ahead_of_axle;
    EXPECT_NEAR(toe_change(r, 1, Length::from_mm(138)).deg(), -0.62, 0.005);
    r.double_ended = true;
    EXPECT_NEAR(toe_change(r, -1, Length::from_mm(138)).deg(), 1.245, 0.005);
    EXPECT_EQ(arm_prior(r).mean.mm(), 132);
    r.arm.reset();
    EXPECT_EQ(arm_prior(r).mean.mm(), 130);
    EXPECT_EQ(arm_prior(r).sigma.mm(), 22);
}

TEST(SteeringRod, RotationFollowsTheThreadsHandAndIsNotGuessed) {
    Adjuster r = testing::rod_at(Wheel::front_left, RodSide::behind_axle);
    EXPECT_EQ(rotation_seen_from_wheel(r.thread, true), Rotation::unknown);
    r.thread = Thread::right;
    EXPECT_EQ(rotation_seen_from_wheel(r.thread, true), Rotation::clockwise);
    EXPECT_EQ(rotation_seen_from_wheel(r.thread, false), Rotation::counterclockwise);
    r.thread = Thread::left;
    EXPECT_EQ(rotation_seen_from_wheel(r.thread, true), Rotation::counterclockwise);
}

TEST(Plan, SetsTotalToeAndTheFrontWheelsToTheThrustLine) {
    const TrueCar c;
    for (RodSide side : {RodSide::behind_axle, RodSide::ahead_of_axle}) {
        const Plan plan = planned(tarnby(c, side));
        ASSERT_EQ(plan.next, NextStep::turn);
        ASSERT_EQ(plan.turns.size(), 2u);
        const double sign = side == RodSide::behind_axle ? 1 : -1;
        // Left from -0.31 to about 0.0667 + 0.085, right from 0.17 to about 0.0667 - 0.085; a turn is 0.651
        // degrees.
        EXPECT_NEAR(plan.turns[0].turns, sign * 0.75, 0.13);
        EXPECT_NEAR(plan.turns[1].turns, sign * -0.25, 0.13);
        TrueCar after = c;
        for (int i = 0; i < 2; ++i) {
            EXPECT_DOUBLE_EQ(plan.turns[i].turns * 8, std::round(plan.turns[i].turns * 8));
            after.toe[i] += sign * plan.turns[i].turns * 0.6511;
        }
        EXPECT_NEAR(after.toe[0] + after.toe[1], 0.1333, 0.06);
        // One degree at the steering wheel counts as straight.
        EXPECT_NEAR((after.toe[1] - after.toe[0]) / 2, -0.085, 0.06);
        EXPECT_EQ(plan.spoils, (std::vector<std::string>{"front-left.toe", "front-right.toe"}));
        EXPECT_EQ(plan.remeasure.size(), 4u);
        EXPECT_GT(plan.probability_inside, 0.9);
        EXPECT_EQ(plan.turns[0].longer(), sign > 0);
    }
}

TEST(Plan, WordsSayHowMuchWhichWayAndWhy) {
    const Adjuster r = testing::rod_at(Wheel::front_left, RodSide::behind_axle);
    EXPECT_EQ(words::turn_line(r, 0.875), "Left tie rod: 7/8 turn longer");
    EXPECT_EQ(words::turn_line(r, -1.25), "Left tie rod: 1 1/4 turns shorter");
    EXPECT_NE(words::why_this_way(r, true).find("toes in"), std::string::npos);
    EXPECT_EQ(words::amount_in_words(0.75), "three quarters of a turn");
    EXPECT_EQ(words::flats(0.75), "4 1/2 flats of the hexagon");
}

TEST(Plan, AfterATurnItAsksToReadTheSpoiledSpots) {
    auto log = tarnby({}, RodSide::behind_axle);
    Turn t;
    t.adjuster = "rod-fl";
    t.turns = 0.75;
    log.push_back(testing::entry("t", t));
    const Plan plan = planned(log);
    EXPECT_EQ(plan.next, NextStep::read);
    EXPECT_TRUE(plan.turns.empty());
    EXPECT_EQ(plan.remeasure.size(), 2u);
    // A new round that is open and not read yet has measured nothing either.
    log.push_back(testing::entry("round2", RoundOpened{}));
    const Plan opened = planned(log);
    EXPECT_EQ(opened.next, NextStep::read);
    EXPECT_EQ(opened.remeasure, plan.remeasure);
}

TEST(Plan, IsDoneWhenAllIsInsideAndReadsOnWhenTooCloseOrUnknown) {
    TrueCar straight;
    straight.toe = {0.0667, 0.0667, 0.0, 0.0};
    EXPECT_EQ(planned(tarnby(straight, RodSide::behind_axle, 0.05)).next, NextStep::done);
    EXPECT_EQ(planned(tarnby(straight, RodSide::behind_axle, 0.4, 0.2)).next, NextStep::read);
    auto log = tarnby(straight, RodSide::behind_axle);
    log.resize(10);
    const Plan unread = planned(log);
    EXPECT_EQ(unread.next, NextStep::read);
    EXPECT_TRUE(unread.turns.empty());
}

TEST(Plan, SaysWhatNoAdjusterReachesAndAsksForTheSideOfTheRod) {
    const TrueCar c;
    CarCard card = testing::card_of(c);
    Adjuster rod = testing::rod_at(Wheel::front_left, RodSide::unknown);
    card.adjusters = {rod};
    auto log = testing::begun(
        c, card, {testing::total_toe(Axle::front, 0.5, 0.05), testing::total_toe(Axle::rear, -0.5, 0.05)});
    testing::read_round(log, c, 0.05);
    const Plan plan = planned(log);
    // What is not known is neither taken for granted nor asked for: the least turn that shows it.
    EXPECT_EQ(plan.next, NextStep::test_turn);
    ASSERT_EQ(plan.turns.size(), 1u);
    EXPECT_TRUE(plan.turns[0].test);
    EXPECT_LE(std::abs(plan.turns[0].turns), 0.5);
    ASSERT_TRUE(plan.look);
    EXPECT_EQ(plan.look->field, "rod");
    EXPECT_EQ(plan.cannot.back().target.name(), "rear.total_toe");
    EXPECT_EQ(plan.cannot.back().why.code, Code::plan_no_adjuster);
}

TEST(Plan, WhatLiesAtAnEdgeIsLookedAtWhereOnlyTheWayOfItsRodsIsNotKnown) {
    // Read as finely as its rule goes, a total lies at the edge of a band that is hardly wider than its ±.
    for (Axle axle : both_axles)
        for (const double wide : {0.22, 0.5}) {
            TrueCar c;
            c.toe = {0.0, 0.0, 0.0, 0.0};
            CarCard card = testing::card_of(c);
            const auto rods = [&](RodSide side) {
                card.adjusters.clear();
                for (Side s : both_sides) {
                    card.adjusters.push_back(testing::rod_at(wheel_at(axle, s), side));
                    if (axle == Axle::rear) card.adjusters.back().kind = toe_link_kind;
                }
                auto log = testing::begun(c, card, {testing::total_toe(axle, 0.22, wide)});
                testing::read_round(log, c, 0.5);
                PlanOptions options;
                options.times.spot = 30.0;  // no reading is worth its minutes
                const Job job = job_of(log);
                return plan_turns(job, estimate(job), options);
            };
            const Plan known = rods(RodSide::behind_axle), unknown = rods(RodSide::unknown);
            EXPECT_EQ(known.next == NextStep::turn, wide < 0.4) << name_of(axle);
            EXPECT_EQ(unknown.next == NextStep::look, wide < 0.4) << name_of(axle);
            if (unknown.next != NextStep::look) continue;
            ASSERT_TRUE(unknown.look);
            EXPECT_EQ(unknown.look->field, "rod");
            EXPECT_TRUE(unknown.turns.empty());
        }
}

TEST(Plan, FrontRodsThatWouldFollowTheRearAxleAreLookedAtBeforeItIsTurned) {
    // The rear axle points aside and the fronts with it: its total set and its line with it, the steering
    // wheel would sit crooked.
    TrueCar c;
    c.toe = {0.235, -0.37, 0.42, -0.31};
    for (RodSide front : {RodSide::behind_axle, RodSide::unknown}) {
        CarCard card = testing::card_of(c);
        for (Wheel w : all_wheels) {
            const bool rear = axle_of(w) == Axle::rear;
            card.adjusters.push_back(testing::rod_at(w, rear ? RodSide::behind_axle : front));
            if (rear) card.adjusters.back().kind = toe_link_kind;
        }
        auto log = testing::begun(c, card, {testing::total_toe(Axle::rear, 0.2, 0.2)});
        testing::read_round(log, c, 0.45);
        PlanOptions options;
        options.times.spot = 30.0;  // no reading is worth its minutes
        const Job job = job_of(log);
        const Plan plan = plan_turns(job, estimate(job), options);
        if (front == RodSide::unknown) {
            EXPECT_EQ(plan.next, NextStep::look);
            ASSERT_TRUE(plan.look);
            EXPECT_EQ(plan.look->adjuster, "rod-fl");
            EXPECT_TRUE(plan.turns.empty());
        } else {
            EXPECT_EQ(plan.next, NextStep::turn);
            EXPECT_EQ(plan.turns.size(), 4u);
        }
    }
}

TEST(Plan, ATestTurnThatShowedNothingIsNotLeftStanding) {
    // The front is right and its rod's side known; the rear link was tried, and its total can be called
    // inside.
    TrueCar c;
    c.toe = {0.05, 0.05, 0.05, 0.05};
    CarCard card = testing::card_of(c);
    Adjuster link = testing::rod_at(Wheel::rear_left, RodSide::unknown);
    card.adjusters = {testing::rod_at(Wheel::front_right, RodSide::behind_axle), link};
    auto log = testing::begun(
        c, card, {testing::total_toe(Axle::front, 0.1, 0.2), testing::total_toe(Axle::rear, 0.1, 0.2)});
    testing::read_round(log, c, 0.05);
    ASSERT_EQ(planned(log).next, NextStep::done);
    Turn test;
    test.adjuster = link.id;
    test.turns = 0.5;
    test.test = true;
    log.push_back(testing::entry("test", test));
    // Whatever is turned at the other axle after it does not make it a turn that was meant.
    for (const bool front_too : {false, true}) {
        auto then = log;
        if (front_too) {
            Turn meant;
            meant.adjuster = card.adjusters.front().id;
            meant.turns = 0.125;
            then.push_back(testing::entry("meant", meant));
        }
        then.push_back(testing::entry("again", RoundOpened{}));
        testing::read_round(then, c, 0.05);
        const Plan plan = planned(then);
        EXPECT_EQ(plan.next, NextStep::look) << front_too;
        ASSERT_TRUE(plan.look);
        EXPECT_EQ(plan.look->adjuster, link.id);
    }
}

TEST(Plan, NothingIsTurnedByAWheelThatNobodyKnows) {
    // The rear axle is turned, and the fronts would follow its line: not by a toe that was hardly read.
    for (const double vague : {0.05, 2.0}) {
        TurnedJob j;
        for (Wheel w : {Wheel::rear_left, Wheel::rear_right}) {
            Adjuster link = j.car.adjusters.front();
            link.kind = toe_link_kind;
            link.wheel = w;
            link.id = "link-" + std::string(name_of(w));
            j.car.adjusters.push_back(link);
        }
        j.begin({TurnedJob::target(Measure::total_toe, Axle::rear, 0.2, 0.1)});
        j.angle(ReadingId::toe_angle, Wheel::front_left, 1.5, vague);
        j.angle(ReadingId::toe_angle, Wheel::front_right, 0.05);
        j.angle(ReadingId::toe_angle, Wheel::rear_left, -0.3);
        j.angle(ReadingId::toe_angle, Wheel::rear_right, 0.1);
        const Plan plan = j.plan();
        ASSERT_EQ(plan.next, NextStep::turn);
        EXPECT_TRUE(j.turn(plan, "link-rear-left"));
        EXPECT_EQ(j.turn(plan, "rod-fl") || j.turn(plan, "rod-fr"), vague < 0.5);
    }
}

TEST(Targets, ToeAsALengthIsTheAngleOverItsSpan) {
    const auto q = [](const char* text) { return *read_quantity(text); };
    ToeAsLength terms{Length::from_mm(416), false};
    const auto t = target_from(Measure::total_toe, q("2.0 mm"), q("1.5 mm"), q("1.5 mm"), terms);
    ASSERT_TRUE(t);
    EXPECT_NEAR(t->aim.deg(), 0.27546, 1e-5);
    EXPECT_NEAR(t->lo.deg(), 0.06887, 1e-5);
    EXPECT_NEAR(t->hi.deg(), 0.48206, 1e-5);
    terms.half_difference = true;
    EXPECT_NEAR(target_from(Measure::toe, q("1 mm"), q("1 mm"), {}, terms)->aim.deg(), 0.27546, 1e-5);
    EXPECT_EQ(target_from(Measure::toe, q("1 mm"), {}, {}, {}).error().code, Code::text_span_missing);
    EXPECT_EQ(target_from(Measure::toe, q("500 mm"), {}, {}, {Length::from_mm(416), false}).error().code,
              Code::job_out_of_reach);
    EXPECT_FALSE(target_from(Measure::toe, q("12' out"), {}, {}, {})->has_tolerance);
}

TEST(ReadingOn, CostsNoMoreThanATurnWouldHoweverNearAnEdgeItLies) {
    // Camber by a plumb line, and nothing to turn for it: how often is each lip read again to know?
    int longest = 0;
    for (double from_edge = -0.3; from_edge < 0.3; from_edge += 0.01) {
        TurnedJob j;
        j.begin({TurnedJob::target(Measure::camber, Axle::front, -1.0, 0.3)});
        LinesSet lines;
        lines.rigs = {"camber-plumb"};
        j.put(lines);
        const auto read = [&](const Spot& s) {
            Reading r = blank_reading(s, lines);
            const double lean = (0.7 + from_edge) * one_degree;
            r.value.value = s.kind == ReadingId::camber_plumb_upper ? 30.0 : 30.0 - 400.0 * std::tan(lean);
            r.value.resolution = 0.5;
            r.tool = "steel-rule-mm";
            j.put(r);
        };
        for (const Spot& s : unread_spots(job_of(j.log), 0)) read(s);
        int again = 0;
        for (Analysis a = analyse(job_of(j.log));
             a.plan.next == NextStep::read && !a.read.empty() && again < 60; a = analyse(job_of(j.log))) {
            read(a.read.front());
            ++again;
        }
        longest = std::max(longest, again);
    }
    EXPECT_GT(longest, 1);
    EXPECT_LE(longest, 2 * 8) << "of each wheel: a turn is eight readings long";
}

TEST(ToAndFro, IsNotAskedForOverAndOver) {
    // A step of both links moves the total from one edge of its band to the other, and a gauge of tenths is
    // slow to tell that the card's arm is not so.
    TurnedJob j;
    for (Adjuster& a : j.car.adjusters) {
        a.kind = "toe-link";
        a.wheel = wheel_at(Axle::rear, side_of(*a.wheel));
        a.arm.reset();
        a.step = 0.125;
    }
    j.begin({TurnedJob::target(Measure::total_toe, Axle::rear, 0.2, 0.12)});
    const auto read = [&](double toe) {
        Reading r;
        r.spot = axle_spot(ReadingId::toe_angle, Axle::rear);
        r.value.kind = QuantityKind::angle;
        r.value.value = toe;
        r.stated_sigma = 0.1;
        j.put(r);
    };
    read(0.0);
    for (int pass = 0; pass < 5; ++pass) {
        const double way = pass % 2 == 0 ? 1.0 : -1.0;
        for (const char* link : {"rod-fl", "rod-fr"}) j.turned(link, way * 0.125);
        j.put(RoundOpened{});
        read(pass % 2 == 0 ? 0.4 : 0.0);
        if (pass < 2) continue;
        // There, back, and there again: both places were read.
        const Plan plan = analyse(job_of(j.log)).plan;
        EXPECT_FALSE(plan.turns.size() == 2 && plan.turns[0].turns == -way * 0.125 &&
                     plan.turns[1].turns == -way * 0.125)
            << pass;
    }
}

}  // namespace
}  // namespace fairchalk
