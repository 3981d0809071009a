// SPDX-License-Identifier: GPL-3.0-or-later
// The wheel-only job on cars whose truth is known: their wheel's angle, their real arm and ratio.
#include "core/job/wheel_only.h"

#include <cmath>
#include <random>

#include <gtest/gtest.h>

#include "core/worked_job.h"

namespace fairchalk {
namespace {

using testing::rad;

struct Case {
    RodSide rods;
    Drift drift;
    double left, right;  ///< sign of the turns that mend it, longer positive
};

// Held level it drifts to the right: both front wheels stand to the right of where they should. They go left:
// the left wheel toes out, the right wheel toes in. A rod behind the axle toes in when it gets longer, one
// ahead of it toes out.
class WheelOnlySigns : public ::testing::TestWithParam<Case> {};

std::vector<Entry> log_of(RodSide rods, std::optional<double> ratio = 16.0,
                          std::optional<double> arm = 130.0) {
    CarCard card = testing::card_of({});
    card.steering_ratio = ratio;
    for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
        Adjuster r = testing::rod_at(w, rods);
        if (arm) r.arm = Length::from_mm(*arm);
        card.adjusters.push_back(r);
    }
    return {testing::entry("car", CarEdit{card}), testing::entry("round", RoundOpened{})};
}

Driven drifts(Drift d) {
    Driven out;
    out.drift = d;
    return out;
}
Driven off(double deg) {
    Driven out;
    out.wheel_off = Angle::from_deg(deg);
    out.how = "spokes-level";
    return out;
}

TEST_P(WheelOnlySigns, TurnTheRightWayAndEquallyAndOppositely) {
    const Case& c = GetParam();
    auto log = log_of(c.rods);
    log.push_back(testing::entry("d", drifts(c.drift)));
    const WheelOnly w = wheel_only(job_of(log));
    ASSERT_EQ(w.next, WheelStep::turn);
    ASSERT_EQ(w.turns.size(), 2u);
    EXPECT_EQ(w.turns[0].first, "rod-fl");
    EXPECT_GT(w.turns[0].second * c.left, 0);
    EXPECT_GT(w.turns[1].second * c.right, 0);
    EXPECT_DOUBLE_EQ(std::abs(w.turns[0].second), std::abs(w.turns[1].second));
    EXPECT_DOUBLE_EQ(std::remainder(w.turns[0].second, 0.125), 0.0) << "in eighths";
    // The car that drifts right with the wheel level carries its wheel to the left when it runs straight.
    EXPECT_EQ(w.off.deg() < 0, c.drift == Drift::right);
    EXPECT_EQ(w.steer.deg() < 0, c.drift == Drift::right);
    // The same said in degrees gives the same directions.
    auto measured = log_of(c.rods);
    measured.push_back(testing::entry("d", off(c.drift == Drift::right ? -8 : 8)));
    const WheelOnly m = wheel_only(job_of(measured));
    ASSERT_EQ(m.turns.size(), 2u);
    EXPECT_GT(m.turns[0].second * c.left, 0);
    EXPECT_GT(m.turns[1].second * c.right, 0);
}

INSTANTIATE_TEST_SUITE_P(AllFour, WheelOnlySigns,
                         ::testing::Values(Case{RodSide::behind_axle, Drift::right, -1, +1},
                                           Case{RodSide::behind_axle, Drift::left, +1, -1},
                                           Case{RodSide::ahead_of_axle, Drift::right, +1, -1},
                                           Case{RodSide::ahead_of_axle, Drift::left, -1, +1}));

TEST(WheelOnly, DegreesOverTheRatioAreTurnedAtEachWheel) {
    // docs/geometry.md: off by A with ratio R, each wheel is turned A/R.
    auto log = log_of(RodSide::behind_axle);
    log.push_back(testing::entry("d", off(-10)));
    const WheelOnly w = wheel_only(job_of(log));
    EXPECT_NEAR(w.steer.deg(), -10.0 / 16, 0.01);
    const double exact = 130 * std::sin(10.0 / 16 * rad) / 1.5;
    EXPECT_NEAR(w.turns[1].second, exact, 0.0626) << "to the nearest eighth";
    EXPECT_NEAR(w.off.deg(), -10, 0.05);
    EXPECT_NEAR(w.expect.deg(), 0, 1.2);
    EXPECT_LT(w.expect_sigma.deg(), 2);
}

TEST(WheelOnly, AsksForWhatDecidesTheDirection) {
    auto log = log_of(RodSide::unknown);
    log.push_back(testing::entry("d", off(5)));
    EXPECT_EQ(wheel_only(job_of(log)).why.code, Code::wheel_needs_direction);
    std::vector<Entry> bare = {testing::entry("car", CarEdit{testing::card_of({})})};
    EXPECT_EQ(wheel_only(job_of(bare)).why.code, Code::wheel_needs_rods);
    EXPECT_EQ(wheel_only(job_of(log_of(RodSide::behind_axle))).why.code, Code::wheel_nothing_said);
}

TEST(WheelOnly, AfterATurnItWantsADriveAndLearnsFromIt) {
    auto log = log_of(RodSide::behind_axle, std::nullopt, std::nullopt);
    log.push_back(testing::entry("d0", off(-12)));
    const WheelOnly first = wheel_only(job_of(log));
    int n = 0;
    for (const auto& [rod, turns] : first.turns)
        log.push_back(testing::entry("t" + std::to_string(n++), Turn{rod, turns, true, true}));
    EXPECT_EQ(wheel_only(job_of(log)).next, WheelStep::drive);
    // It did only two thirds of what was expected: a longer arm, or a quicker ratio.
    log.push_back(testing::entry("d1", off(-4)));
    const WheelOnly second = wheel_only(job_of(log));
    ASSERT_EQ(second.next, WheelStep::turn);
    EXPECT_LT(second.scale, 0.85) << "learnt";
    EXPECT_GT(second.scale, 0.6);
    EXPECT_LT(second.per_turn_sigma.deg(), first.per_turn_sigma.deg());
    EXPECT_LT(second.turns[0].second, 0) << "the same way on";
    EXPECT_LT(std::abs(second.turns[0].second), std::abs(first.turns[0].second));
}

TEST(WheelOnly, StraightIsStraight) {
    auto log = log_of(RodSide::behind_axle);
    log.push_back(testing::entry("d", off(0)));
    const WheelOnly w = wheel_only(job_of(log));
    EXPECT_EQ(w.next, WheelStep::done);
    EXPECT_TRUE(w.turns.empty());
}

TEST(WheelOnly, MoreThanARodDoesIsRemarkedOn) {
    auto log = log_of(RodSide::behind_axle);
    log.push_back(testing::entry("d", off(40)));
    EXPECT_EQ(wheel_only(job_of(log)).why.code, Code::wheel_large);
}

TEST(WheelOnly, ArrivesOnSimulatedCarsInAFewDrives) {
    // The true car: its own arm, ratio and pitch; the driver says degrees, or only where it drifts.
    std::mt19937 random(4);
    std::normal_distribution<double> unit(0, 1);
    for (bool degrees : {true, false}) {
        int straight = 0, drives_sum = 0;
        const int garage = 60;
        for (int i = 0; i < garage; ++i) {
            auto log = log_of(RodSide::ahead_of_axle, std::nullopt, std::nullopt);
            const double arm = 130 + 18 * unit(random), ratio = 16 + 2 * unit(random);
            double wheel = 9 * unit(random);
            const double start = wheel;
            int n = 0;
            for (int drive = 0; drive < 12; ++drive) {
                const double seen = wheel + unit(random);
                log.push_back(testing::entry("d" + std::to_string(n++),
                                             degrees ? off(seen)
                                                     : drifts(seen < -1.2  ? Drift::right
                                                              : seen > 1.2 ? Drift::left
                                                                           : Drift::straight)));
                const WheelOnly w = wheel_only(job_of(log));
                ++drives_sum;
                if (w.next == WheelStep::done) break;
                for (const auto& [rod, turns] : w.turns) {
                    log.push_back(testing::entry("t" + std::to_string(n++), Turn{rod, turns, true, true}));
                    // Ahead of the axle longer toes out. Half of each wheel's part goes to the common steer.
                    const double toe = -std::asin(1.5 * turns / arm) / rad;
                    const double steer = 0.5 * (rod == "rod-fl" ? toe : -toe);
                    wheel -= ratio * steer;  // the wheel goes the other way to run straight
                }
            }
            straight += std::abs(wheel) < 3.0;
            EXPECT_LT(std::abs(wheel), std::abs(start) + 4.0);
        }
        EXPECT_GE(straight, garage * 9 / 10) << (degrees ? "degrees" : "drift only");
        EXPECT_LT(drives_sum, garage * (degrees ? 3.5 : 6.5)) << (degrees ? "degrees" : "drift only");
    }
}

TEST(WheelOnly, OnOneTubeTheDragLinkIsTurnedAndTheToeStays) {
    for (Side knuckle : both_sides)
        for (RodSide runs : {RodSide::behind_axle, RodSide::ahead_of_axle}) {
            CarCard card = testing::card_of({});
            card.steering_ratio = 16.0;
            Adjuster tube;
            tube.id = "tube";
            tube.kind = "cross-tube";
            tube.axle = Axle::front;
            Adjuster link;
            link.id = "drag";
            link.kind = "drag-link";
            link.wheel = wheel_at(Axle::front, knuckle);
            link.rod = runs;
            link.pitch = Length::from_mm(1.5);
            link.arm = Length::from_mm(130);
            card.adjusters = {tube, link};
            std::vector<Entry> log = {testing::entry("car", CarEdit{card}),
                                      testing::entry("round", RoundOpened{})};
            EXPECT_EQ(wheel_only(job_of(log)).next, WheelStep::say);
            // Six degrees to the left: the wheels steer to the left, by 6/16 of a degree each.
            log.push_back(testing::entry("drive", off(-6.0)));
            const WheelOnly w = wheel_only(job_of(log));
            ASSERT_EQ(w.next, WheelStep::turn);
            ASSERT_EQ(w.turns.size(), 1u);
            EXPECT_EQ(w.turns[0].first, "drag");
            // To the left is toe out of the left wheel, which a link behind the axle makes by getting
            // shorter.
            const double sign =
                (knuckle == Side::left ? -1.0 : 1.0) * (runs == RodSide::behind_axle ? 1.0 : -1.0);
            EXPECT_GT(w.turns[0].second * sign, 0.0);
            EXPECT_NEAR(std::abs(w.turns[0].second), 130.0 * std::sin(6.0 / 16.0 * rad) / 1.5, 0.13);
            EXPECT_NEAR(w.toe_after.deg(), 0.0, 1e-12);
            log.push_back(
                testing::entry("turn", Turn{"drag", w.turns[0].second, true, true, 0.0, "drag-link"}));
            log.push_back(testing::entry("drive2", off(0.4)));
            EXPECT_EQ(wheel_only(job_of(log)).next, WheelStep::done);
        }
}

TEST(WheelOnly, UnequalTurnsAreSaidAndComeBack) {
    auto log = log_of(RodSide::behind_axle);
    log.push_back(testing::entry("d", off(-8)));
    const WheelOnly before = wheel_only(job_of(log));
    EXPECT_DOUBLE_EQ(before.toe_so_far.deg(), 0.0);
    ASSERT_EQ(before.turns.size(), 2u);
    EXPECT_NEAR(before.toe_after.deg(), 0.0, 1e-3);
    // The left one was turned, the right one forgotten: longer behind the axle is toe in.
    log.push_back(testing::entry("t", Turn{"rod-fl", 1.0, true, true}));
    log.push_back(testing::entry("d2", off(-8)));
    const WheelOnly after = wheel_only(job_of(log));
    EXPECT_GT(after.toe_so_far.deg(), 0.2);
    ASSERT_EQ(after.next, WheelStep::turn);
    EXPECT_LT(std::abs(after.toe_after.deg()), 0.5 * after.toe_so_far.deg()) << "brought back";
}

}  // namespace
}  // namespace fairchalk
