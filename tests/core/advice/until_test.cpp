// SPDX-License-Identifier: GPL-3.0-or-later
// What a rule shows once an adjuster is turned: against cars whose truth is known.
#include "core/advice/until.h"

#include <array>
#include <random>

#include <gtest/gtest.h>

#include "core/analysis.h"
#include "core/car/steering_rod.h"
#include "core/job/rig.h"
#include "core/job/staleness.h"
#include "core/turned_job.h"
#include "core/worked_job.h"
#include "words/words.h"

namespace fairchalk {
namespace {

using testing::rad;
using testing::TrueCar;

Estimate as_it_stands(const Job& job) {
    EstimateOptions o;
    o.as_of_now = true;
    return estimate(job, o);
}

PlannedTurn turn_of(const Adjuster& rod, double turns) {
    PlannedTurn t;
    t.adjuster = rod.id;
    t.wheel = *rod.wheel;
    t.turns = turns;
    return t;
}

std::vector<Entry> read_car(const TrueCar& c, const CarCard& card, double sigma,
                            std::mt19937* noise = nullptr) {
    auto log = testing::begun(c, card, {testing::total_toe(Axle::front, 0.1333, 0.2)});
    testing::read_round(log, c, sigma, noise);
    return log;
}

TEST(Until, ShowsWhatTheCarShowsOnceItIsTurned) {
    for (RodSide side : {RodSide::behind_axle, RodSide::ahead_of_axle})
        for (double turns : {0.75, -1.25}) {
            TrueCar c;
            CarCard card = testing::card_of(c);
            const Adjuster rod = testing::rod_at(Wheel::front_left, side);
            card.adjusters = {rod, testing::rod_at(Wheel::front_right, side)};
            const auto log = read_car(c, card, 0.02);
            const Job job = job_of(log);
            Plan plan;
            plan.turns = {turn_of(rod, turns)};
            const auto all = until_shown(job, as_it_stands(job), plan);
            ASSERT_EQ(all.size(), 2u) << "both lips of that wheel, and nothing else";
            TrueCar then = c;
            then.toe[0] += toe_change(rod, turns, *rod.arm).deg();
            for (const Until& u : all) {
                EXPECT_EQ(u.spot.wheel, Wheel::front_left);
                ASSERT_TRUE(u.now);
                EXPECT_NEAR(*u.now, c.exact(u.spot), 1e-6);
                EXPECT_NEAR(u.then, then.exact(u.spot), 0.05) << u.spot.name();
                EXPECT_NEAR(u.per_step * std::abs(turns) * 8, u.then - *u.now, 1e-9);
                EXPECT_NEAR(u.division, 0.1, 1e-9) << "typed to more places than an eye has";
                EXPECT_GT(u.then_sigma, 0.02);
            }
        }
}

TEST(Until, WhatIsReadAfterTheTurnLiesWithinItsPlusMinusSoOften) {
    std::mt19937 random(20261128);
    std::normal_distribution<double> n(0.0, 1.0);
    const double settles = spoils_of(Happening::turned_toe, false).here;
    int within = 0, all = 0;
    for (int k = 0; k < 250; ++k) {
        TrueCar c;
        for (double& t : c.toe) t = 0.4 * n(random);
        CarCard card = testing::card_of(c);
        const Adjuster rod = testing::rod_at(Wheel::front_left, RodSide::behind_axle);
        card.adjusters = {rod};
        const auto log = read_car(c, card, 0.3, &random);
        const Job job = job_of(log);
        Plan plan;
        plan.turns = {turn_of(rod, k % 2 == 0 ? 1.0 : -0.625)};
        // The arm is what the card says within its 3 mm, and the car settles as it does.
        const Length arm = Length::from_mm(rod.arm->mm() + 3.0 * n(random));
        TrueCar then = c;
        then.toe[0] += toe_change(rod, plan.turns[0].turns, arm).deg() + settles * n(random);
        for (const Until& u : until_shown(job, as_it_stands(job), plan)) {
            ++all;
            within += std::abs(then.exact(u.spot) + 0.3 * n(random) - u.then) <= k95 * u.then_sigma;
        }
    }
    ASSERT_EQ(all, 500);
    RecordProperty("within", within);
    EXPECT_GE(within, all * 92 / 100);
    EXPECT_LE(within, all * 98 / 100);
}

TEST(Until, TurnsAreCountedInTheirOrderAndBoardsAreMovedByBoth) {
    TrueCar c;
    CarCard card = testing::card_of(c);
    for (Wheel w : {Wheel::front_left, Wheel::front_right})
        card.adjusters.push_back(testing::rod_at(w, RodSide::behind_axle));
    LinesSet lines;
    lines.rigs = {"toe-boards"};
    lines.sizes.board_span = Length::from_mm(600);
    auto log = testing::begun(c, card, {testing::total_toe(Axle::front, 0.1333, 0.2)});
    log.insert(log.end() - 1, testing::entry("lines", lines));
    for (const auto& [kind, mm] :
         {std::pair(ReadingId::boards_front, 1500.0), std::pair(ReadingId::boards_rear, 1504.0)}) {
        Reading r = blank_reading(axle_spot(kind, Axle::front), lines);
        r.value = *read_quantity(write_exact(Length::from_mm(mm)));
        r.value.resolution = 1.0;
        r.tool = "tape";
        log.push_back(testing::entry(std::string(reading_kind(kind).name()), r));
    }
    const Job job = job_of(log);
    Plan plan;
    plan.turns = {turn_of(card.adjusters[0], 0.5), turn_of(card.adjusters[1], 0.5)};
    const auto all = until_shown(job, as_it_stands(job), plan);
    ASSERT_EQ(all.size(), 4u);
    for (std::size_t i = 0; i < 2; ++i) {
        EXPECT_EQ(all[i].adjuster, "rod-fl");
        EXPECT_EQ(all[2 + i].adjuster, "rod-fr");
        const auto same = [&](const Until& u) { return u.adjuster == "rod-fr" && u.spot == all[i].spot; };
        const auto next = std::find_if(all.begin(), all.end(), same);
        ASSERT_NE(next, all.end());
        EXPECT_NEAR(*next->now, all[i].then, 1e-9) << "from where the first turn left it";
        EXPECT_NEAR(all[i].division, standard_tool("tape")->resolution, 1e-9);
        // Half a turn is about a third of a degree, over half of 600 mm.
        EXPECT_NEAR(std::abs(next->then - *next->now), 300 * std::tan(0.3255 * rad), 0.1);
    }
    // The other one watched: from where the car is, whatever the plan turns before it.
    const auto watched = until_shown(job, as_it_stands(job), plan, "rod-fr");
    ASSERT_EQ(watched.size(), 4u);
    EXPECT_EQ(watched[0].adjuster, "rod-fr");
    for (const Until& u : watched)
        if (u.adjuster == "rod-fr") {
            const Reading* r = last_reading_at(job, 1, u.spot);
            ASSERT_TRUE(r && u.now);
            EXPECT_NEAR(*u.now, r->value.value, 1e-9);
        }
    // Free, the steering wheel turns along: on strings one wheel is not told then, across both it is.
    auto free = log;
    lines.steering_held = false;
    free[2] = testing::entry("lines", lines);
    EXPECT_EQ(until_shown(job_of(free), as_it_stands(job_of(free)), plan).size(), 4u);
}

TEST(Until, WhatAnEarlierTurnHeldBackIsStillHeldBackAtASpotThatWasNotReadSince) {
    // On boards both rods move both tapes: stopped by the tape behind, and then by the one in front,
    // unshaken.
    TrueCar c;
    CarCard card = testing::card_of(c);
    for (Wheel w : {Wheel::front_left, Wheel::front_right})
        card.adjusters.push_back(testing::rod_at(w, RodSide::behind_axle));
    LinesSet lines;
    lines.rigs = {"toe-boards"};
    lines.sizes.board_span = Length::from_mm(600);
    auto log = testing::begun(c, card, {testing::total_toe(Axle::front, 0.0, 0.1)});
    log.insert(log.end() - 1, testing::entry("lines", lines));
    const auto put = [&](auto event) {
        log.push_back(testing::entry("b" + std::to_string(log.size()), event));
    };
    const auto read = [&](ReadingId kind, double mm, bool before_shake) {
        Reading r = blank_reading(axle_spot(kind, Axle::front), lines);
        r.value = *read_quantity(write_exact(Length::from_mm(mm)));
        r.value.resolution = 1.0;
        r.tool = "tape";
        r.before_shake = before_shake;
        put(r);
    };
    read(ReadingId::boards_rear, 1487.0, false);
    read(ReadingId::boards_front, 1483.0, false);
    double left = 0.0;
    for (const auto& [rod, kind, turns] :
         {std::tuple(0u, ReadingId::boards_rear, -0.375), std::tuple(1u, ReadingId::boards_front, -0.25)}) {
        const Job job = job_of(log);
        Plan plan;
        plan.turns = {turn_of(card.adjusters[rod], turns)};
        const auto all = until_shown(job, as_it_stands(job), plan);
        const auto u =
            std::find_if(all.begin(), all.end(), [&](const Until& each) { return each.spot.kind == kind; });
        ASSERT_NE(u, all.end());
        Turn t;
        t.adjuster = card.adjusters[rod].id;
        t.turns = turns;
        put(t);
        put(RoundOpened{});
        read(kind, u->stop, true);
        left = as_it_stands(job_of(log)).axles[0].total_toe.value.deg();
    }
    // 4 mm over 600, less five eighths of a turn at 132 mm.
    EXPECT_NEAR(left, std::atan(4.0 / 600.0) / rad - 0.625 * std::asin(1.5 / 132.0) / rad, 0.02);
}

TEST(Until, NothingIsToldOfWhatTheWeightComesOffForNorOfAWayThatNobodyKnows) {
    TrueCar c;
    CarCard card = testing::card_of(c);
    Adjuster shims;
    shims.id = "shims";
    shims.kind = "shim-pair";
    shims.pushes_in = Told::no;
    shims.wheel = Wheel::front_left;
    card.adjusters = {testing::rod_at(Wheel::front_left, RodSide::unknown), shims};
    const auto log = read_car(c, card, 0.1);
    const Job job = job_of(log);
    Plan plan;
    plan.turns = {turn_of(card.adjusters[0], 0.5), turn_of(card.adjusters[1], 2.0)};
    EXPECT_TRUE(until_shown(job, as_it_stands(job), plan).empty());
}

TEST(Until, ASpotThatIsNotReadAgainYetIsSaidInTheUnitThatItWasReadIn) {
    const TrueCar c;
    CarCard card = testing::card_of(c);
    card.adjusters = {testing::rod_at(Wheel::front_left, RodSide::behind_axle),
                      testing::rod_at(Wheel::front_right, RodSide::behind_axle)};
    auto log = testing::begun(c, card, {testing::total_toe(Axle::front, 0.1333, 0.2)});
    for (const Spot& s : string_walk()) {
        Reading r;
        r.spot = s;
        r.tool = "steel-rule-inch";
        const long n = std::lround(c.exact(s) / 25.4 * 64);
        r.value = *read_quantity(std::to_string(n / 64) + " " + std::to_string(n % 64) + "/64 in");
        log.push_back(testing::entry(s.name(), r));
    }
    Turn some;
    some.adjuster = "rod-fl";
    some.turns = 0.25;
    log.push_back(testing::entry("turned", some));
    log.push_back(testing::entry("next", RoundOpened{}));
    const Job job = job_of(log);
    Plan plan;
    plan.turns = {turn_of(card.adjusters[0], 0.75)};
    const auto all = until_shown(job, as_it_stands(job), plan);
    ASSERT_EQ(all.size(), 2u);
    for (const Until& u : all) {
        EXPECT_FALSE(u.now);
        EXPECT_EQ(u.tool, "steel-rule-inch");
        EXPECT_NEAR(u.division, 25.4 / 64, 1e-9) << u.spot.name();
        EXPECT_NE(to_division(u.then, u.kind, u.division).find(" in"), std::string::npos);
    }
}

TEST(Until, IsSaidToTheDivisionsOfTheRule) {
    constexpr double sixty_fourth = 25.4 / 64;
    EXPECT_EQ(to_division(4 * 25.4 + 9.2 * sixty_fourth, QuantityKind::length, sixty_fourth), "4 9/64 in");
    EXPECT_EQ(to_division(4 * 25.4 + 9.2 * sixty_fourth, QuantityKind::length, 4 * sixty_fourth), "4 1/8 in");
    EXPECT_EQ(to_division(25.4, QuantityKind::length, sixty_fourth), "1 in");
    EXPECT_EQ(to_division(107.4, QuantityKind::length, 0.5), "107.5 mm");
    EXPECT_EQ(to_division(107.4, QuantityKind::length, 1.0), "107 mm");
    EXPECT_EQ(to_division(107.432, QuantityKind::length, 0.05), "107.45 mm");
    EXPECT_EQ(to_division(-0.52, QuantityKind::angle, 0.1), "-0.5 deg");
    EXPECT_EQ(to_division(-0.02, QuantityKind::angle, 0.1), "0.0 deg");
    for (const char* said : {"4 9/64 in", "107.5 mm", "-0.5 deg"}) EXPECT_TRUE(read_quantity(said)) << said;
    CarCard card;
    card.adjusters = {testing::rod_at(Wheel::front_left, RodSide::behind_axle)};
    Until u;
    u.adjuster = "rod-fl";
    u.spot = wheel_spot(ReadingId::rim_front, Wheel::front_left);
    u.division = sixty_fourth;
    u.now = 4 * 25.4 + 3 * sixty_fourth;
    u.then = 4 * 25.4 + 9 * sixty_fourth;
    u.stop = u.then;
    u.then_sigma = 0.2;
    u.per_step = 1.0 * sixty_fourth;
    EXPECT_EQ(words::until(u, card),
              "left front, front lip: stop at 4 9/64 in ±1/64 in. Now 4 3/64 in. 1/8 turn moves it 1/64 in.");
    u.stop = 4 * 25.4 + 7 * sixty_fourth;
    EXPECT_TRUE(words::until(u, card).starts_with(
        "left front, front lip: stop at about 4 7/64 in, shake it, and it shows 4 9/64 in ±1/64 in."));
}

TEST(Until, ALipWhoseHubNobodyReadIsNotFittedToWhatATurnDid) {
    // Rims and bars tell the total toe without a hub; then one rod is turned by the rule at one lip.
    TurnedJob j;
    j.begin({TurnedJob::target(Measure::total_toe, Axle::front, 0.1, 0.2)});
    LinesSet lines;
    lines.rigs = {"string-bars"};
    lines.steering_held = true;
    lines.bars.front_ahead = Length::from_mm(500);
    lines.bars.rear_behind = Length::from_mm(550);
    j.put(lines);
    const auto at = [&](const Spot& s, double mm, bool before_shake = false) {
        Reading r = blank_reading(s, lines);
        r.value.value = mm;
        r.value.resolution = 0.5;
        r.tool = "steel-rule-mm";
        r.before_shake = before_shake;
        j.put(r);
    };
    using K = ReadingId;
    const std::array<std::pair<double, double>, 4> lips = {{{119, 119}, {98, 103.5}, {107, 103}, {115, 117}}};
    for (Wheel w : all_wheels) {
        at(wheel_spot(K::rim_rear, w), lips[static_cast<std::size_t>(index_of(w))].second);
        at(wheel_spot(K::rim_front, w), lips[static_cast<std::size_t>(index_of(w))].first);
    }
    at(axle_spot(K::string_to_string, Axle::rear), 1674);
    at(axle_spot(K::string_to_string, Axle::front), 1682);
    ASSERT_TRUE(analyse(job_of(j.log)).now.axles[0].total_toe.known);
    for (double mm : {102.7, 101.9, 101.1}) {
        Turn t{"rod-fr"};
        t.counted = false;
        j.put(t);
        j.put(RoundOpened{});
        at(wheel_spot(K::rim_rear, Wheel::front_right), mm, true);
        const KnownAngle total = analyse(job_of(j.log)).now.axles[0].total_toe;
        EXPECT_TRUE(total.known) << mm;
        EXPECT_LT(total.sigma.deg(), 0.5) << mm << ": what tires hold back, no more";
    }
}

TEST(Until, ABarsWidthsAreNotFittedToWhatATurnDid) {
    // Widths over hubs and depths of lips that no reading tells: by a straightedge only their sum is.
    TurnedJob j;
    for (Adjuster& a : j.car.adjusters) a.arm.reset();
    j.begin({TurnedJob::target(Measure::total_toe, Axle::front, 0.1, 0.2)});
    LinesSet lines;
    lines.rigs = {"toe-gauge", "straightedge"};
    lines.steering_held = true;
    j.put(lines);
    const auto total = [&](double deg) {
        Reading r = blank_reading(axle_spot(ReadingId::toe_angle, Axle::front), lines);
        r.value.kind = QuantityKind::angle;
        r.value.value = deg;
        r.stated_sigma = 0.15;
        j.put(r);
    };
    const auto bar = [&](ReadingId kind, Wheel w, double mm, bool before_shake = false) {
        Reading r = blank_reading(wheel_spot(kind, w), lines);
        r.value.value = mm;
        r.value.resolution = 0.4;
        r.tool = "steel-rule-mm";
        r.before_shake = before_shake;
        j.put(r);
    };
    const auto turned = [&](const char* rod) {
        Turn t{rod};
        t.counted = false;
        j.put(t);
        j.put(RoundOpened{});
    };
    using K = ReadingId;
    total(-0.28);
    bar(K::straightedge_front, Wheel::front_left, 13.5);
    bar(K::straightedge_rear, Wheel::front_left, 12.7);
    bar(K::straightedge_front, Wheel::front_right, 23.0);
    bar(K::straightedge_rear, Wheel::front_right, 28.6);
    turned("rod-fl");
    bar(K::straightedge_front, Wheel::front_left, 12.7, true);
    bar(K::straightedge_front, Wheel::front_left, 12.7);
    total(-0.47);
    bar(K::straightedge_rear, Wheel::front_left, 13.5);
    int seen = 0;
    for (const Until& u : analyse(job_of(j.log)).until)
        if (u.spot.kind == K::straightedge_rear && u.spot.wheel == Wheel::front_right) {
            ++seen;
            EXPECT_LT(std::abs(u.per_step), 1.0);
            EXPECT_NEAR(u.then, 26.5, 2.0);
        }
    EXPECT_GT(seen, 0);
    // What the rule moved by is the wheel's toe, not a rim that lies metres deep.
    const double before = analyse(job_of(j.log)).now.wheels[1].toe_to_rear.value.deg();
    for (double mm : {28.2, 27.0, 26.2, 25.4}) {
        turned("rod-fr");
        bar(K::straightedge_rear, Wheel::front_right, mm, true);
    }
    EXPECT_GT(analyse(job_of(j.log)).now.wheels[1].toe_to_rear.value.deg(), before + 0.7);
}

}  // namespace
}  // namespace fairchalk
