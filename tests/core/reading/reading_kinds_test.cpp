// SPDX-License-Identifier: GPL-3.0-or-later
// Kinds of reading beside the strings: each must lead back to the truth that it was read off.
#include <cmath>
#include <numbers>
#include <random>

#include <gtest/gtest.h>

#include "core/advice/plan.h"
#include "core/job/rig.h"
#include "core/quantity/normal.h"
#include "core/reading/kinds/wheel_in_space.h"
#include "core/reading/reading_kind.h"
#include "core/worked_job.h"

namespace fairchalk {
namespace {

using testing::rad;
using testing::TrueCar;

Reading angle_reading(const Spot& spot, double deg, double sigma = 0.01) {
    Reading r;
    r.spot = spot;
    r.value = *read_quantity(write_exact(Angle::from_deg(deg)));
    r.stated_sigma = sigma;
    return r;
}

struct Log {
    std::vector<Entry> entries;
    int n = 0;
    explicit Log(CarCard card, std::optional<std::array<Length, 4>> floor = {}) {
        RoundOpened round;
        round.floor = floor;
        entries = {testing::entry("car", CarEdit{std::move(card)}), testing::entry("round", round)};
    }
    void add(const Reading& r) { entries.push_back(testing::entry("r" + std::to_string(n++), r)); }
    Estimate solve() const { return estimate(job_of(entries)); }
};

TEST(OtherReadings, BoardsTapesAndGaugesGiveTotalToeAndNoMore) {
    const double total = 0.31;
    struct Pair {
        ReadingId front, rear;
    };
    for (const Pair& p : {Pair{ReadingId::boards_front, ReadingId::boards_rear},
                          Pair{ReadingId::stud_bar_front, ReadingId::stud_bar_rear},
                          Pair{ReadingId::tread_front, ReadingId::tread_rear}}) {
        Log log(testing::card_of({}));
        const double half = 610 / 2.0 * std::sin(total * rad);
        Reading front = testing::reading(axle_spot(p.front, Axle::front), 1702 - half, 0.1);
        Reading rear = testing::reading(axle_spot(p.rear, Axle::front), 1702 + half, 0.1);
        front.span = rear.span = Length::from_mm(610);
        log.add(front);
        EXPECT_FALSE(log.solve().axles[0].total_toe.known) << "one of the two says nothing";
        log.add(rear);
        const Estimate e = log.solve();
        ASSERT_TRUE(e.axles[0].total_toe.known);
        EXPECT_NEAR(e.axles[0].total_toe.value.deg(), total, 1e-4);
        EXPECT_NEAR(e.axles[0].total_toe.sigma.deg(), std::sqrt(2.0) * 0.1 / 610 / rad, 1e-4);
        EXPECT_FALSE(e.wheels[0].toe.known) << "boards do not tell which wheel";
        EXPECT_FALSE(e.axles[1].total_toe.known);
    }
}

TEST(OtherReadings, ATapeDifferenceAndAnAngleSayTheSame) {
    Log log(testing::card_of({}));
    Reading tape = testing::reading(axle_spot(ReadingId::tape_difference, Axle::rear), 2.0, 0.5);
    tape.span = Length::from_mm(416);
    log.add(tape);
    EXPECT_NEAR(log.solve().axles[1].total_toe.value.deg(), 0.27546, 1e-4);
    log.add(angle_reading(axle_spot(ReadingId::toe_angle, Axle::rear), 0.27546));
    const Estimate e = log.solve();
    EXPECT_EQ(e.redundancy, 1);
    EXPECT_LT(e.weighted_sum, 1e-6);
    log.add(angle_reading(wheel_spot(ReadingId::toe_angle, Wheel::rear_left), 0.1));
    EXPECT_NEAR(log.solve().wheels[3].toe.value.deg(), 0.17546, 1e-3) << "with one wheel's, the other's too";
}

TEST(OtherReadings, AToeLengthWithoutItsSpanIsKeptAndNotUsed) {
    Log log(testing::card_of({}));
    log.add(testing::reading(axle_spot(ReadingId::tape_difference, Axle::rear), 2.0, 0.5));
    log.add(angle_reading(wheel_spot(ReadingId::camber_reversed, Wheel::rear_left), 0.1));
    const Estimate e = log.solve();
    ASSERT_EQ(e.unused.size(), 1u);
    EXPECT_EQ(e.unused[0].why.code, Code::text_span_missing);
    EXPECT_FALSE(e.axles[1].total_toe.known);
}

TEST(OtherReadings, WidthsOverTheHubsStandInForABar) {
    TrueCar c;
    auto spots = string_walk();
    std::erase_if(spots, [](const Spot& s) { return s.kind == ReadingId::string_to_string; });
    auto log = testing::begun(c, testing::card_of(c));
    testing::read_round(log, c, 0.1, nullptr, spots);
    // Without any width the strings may splay together: that moves each toe, and not the thrust line.
    const Estimate before = estimate(job_of(log));
    EXPECT_FALSE(before.axles[0].total_toe.known);
    ASSERT_TRUE(before.thrust.known);
    EXPECT_NEAR(before.thrust.value.deg(), -0.085, 0.003);
    for (Axle a : both_axles)
        log.push_back(testing::entry(
            std::string(name_of(a)),
            testing::reading(axle_spot(ReadingId::hub_width, a), 2 * c.half_width[index_of(a)], 0.1)));
    const Estimate e = estimate(job_of(log));
    for (int w = 0; w < 4; ++w) EXPECT_NEAR(e.wheels[w].toe.value.deg(), c.toe[w], 0.003);
    EXPECT_NEAR(e.strings[0].skew.value.deg(), 0.377, 0.003);
}

TEST(OtherReadings, WhereAllWheelsAreAlikeOneLipDepthIsOneMoreCheck) {
    TrueCar c;
    CarCard card = testing::card_of(c);
    card.same_wheels = Told::yes;
    auto log = testing::begun(c, card);
    testing::read_round(log, c, 0.3);
    const Estimate e = estimate(job_of(log));
    EXPECT_EQ(e.redundancy, 3);
    EXPECT_LT(e.weighted_sum, 1e-6);
}

TEST(Camber, IsReadAgainstGravityAndTheFloorIsTakenOut) {
    // Left spots 6 mm higher over 1470 mm; nose up by the height over the wheelbase.
    for (double left : {0.0, 6.0, -9.0})
        for (double nose : {0.0, 15.0, -15.0}) {
            CarCard card = testing::card_of({});
            for (auto& a : card.axles) a.track = Length::from_mm(1470);
            const std::array<Length, 4> floor = {Length::from_mm(left + nose), Length::from_mm(nose),
                                                 Length::from_mm(left), Length()};
            Log log(card, floor);
            const double roll = std::atan(left / 1470) / rad;
            // The left wheel leans with the floor: what a gauge shows is less by the slope; the right one
            // more.
            log.add(angle_reading(wheel_spot(ReadingId::camber, Wheel::rear_left), -1.4 - roll));
            log.add(angle_reading(wheel_spot(ReadingId::camber, Wheel::rear_right), -1.1 + roll));
            const Estimate e = log.solve();
            ASSERT_TRUE(e.wheels[2].camber.known);
            EXPECT_NEAR(e.wheels[2].camber.value.deg(), -1.4, 0.002) << left << " " << nose;
            EXPECT_NEAR(e.wheels[3].camber.value.deg(), -1.1, 0.002);
            EXPECT_NEAR(e.axles[1].cross_camber.value.deg(), -0.3, 0.003);
        }
}

TEST(Camber, AGapOverItsHeightIsAnAngle) {
    Log log(testing::card_of({}));
    Reading gap = testing::reading(wheel_spot(ReadingId::camber_gap, Wheel::rear_left), 7.5, 0.5);
    gap.height = Length::from_mm(400);
    gap.top_in = true;
    log.add(gap);
    EXPECT_NEAR(log.solve().wheels[2].camber.value.deg(), -std::atan(7.5 / 400) / rad, 1e-4);
}

TEST(CasterSweep, IsSolvedBackFromReadingsOutInAndAtZero) {
    for (Wheel w : {Wheel::front_left, Wheel::front_right})
        for (double caster : {-1.5, 3.0, 7.0})
            for (double sai : {8.0, 14.0}) {
                Log log(testing::card_of({}));
                const double s = side_of(w) == Side::left ? 1 : -1;
                const auto n = readings::spindle<double>(0, -0.8 * rad, s);
                for (double out : {22.4, -18.2}) {
                    Reading r = angle_reading(
                        wheel_spot(ReadingId::camber, w),
                        -std::asin(
                            readings::swept_spindle<double>(n, caster * rad, sai * rad, s, out * rad).z) /
                            rad);
                    r.turned = Angle::from_deg(out);
                    r.turned_sigma = Angle::from_deg(0.01);
                    log.add(r);
                }
                log.add(angle_reading(wheel_spot(ReadingId::camber, w), -0.8));
                // The toe that the sweep starts from.
                log.add(angle_reading(wheel_spot(ReadingId::toe_angle, w), 0.0));
                const Estimate e = log.solve();
                ASSERT_TRUE(e.wheels[index_of(w)].caster.known);
                EXPECT_NEAR(e.wheels[index_of(w)].caster.value.deg(), caster, 0.02);
                EXPECT_NEAR(e.wheels[index_of(w)].camber.value.deg(), -0.8, 0.01);
            }
}

TEST(CasterSweep, WithNoSweepNothingIsSaidOfCaster) {
    Log log(testing::card_of({}));
    log.add(angle_reading(wheel_spot(ReadingId::camber, Wheel::front_left), -0.8));
    const Estimate e = log.solve();
    EXPECT_FALSE(e.wheels[0].caster.known);
    EXPECT_FALSE(e.wheels[0].sai.known);
    EXPECT_FALSE(e.axles[0].cross_camber.known);
}

TEST(Normal, QuantileIsTheInverseOfProbability) {
    EXPECT_NEAR(normal_quantile(0.975), 1.959963984540054, 1e-9);
    EXPECT_NEAR(normal_quantile(1 - 0.005 / 28), 3.5707, 1e-3);
    for (double p = 0.0005; p < 1; p += 0.0007) EXPECT_NEAR(normal_probability(normal_quantile(p)), p, 1e-10);
}

/// The plan against every combination of steps within three turns: of all that bring the total as near as can
/// be, none leaves the steering wheel straighter by more than counts as equal.
TEST(Plan, IsTheBestOfAllWholeSteps) {
    std::mt19937 random(11);
    std::uniform_real_distribution<double> toe(-0.8, 0.8), arm(95, 160);
    int planned = 0;
    for (int i = 0; i < 12; ++i) {
        TrueCar c;
        for (double& t : c.toe) t = toe(random);
        CarCard card = testing::card_of(c);
        const RodSide side = i % 2 ? RodSide::ahead_of_axle : RodSide::behind_axle;
        card.adjusters = {testing::rod_at(Wheel::front_left, side),
                          testing::rod_at(Wheel::front_right, side)};
        for (auto& a : card.adjusters) a.arm = Length::from_mm(arm(random));
        auto log = testing::begun(c, card, {testing::total_toe(Axle::front, 0.1, 0.1)});
        testing::read_round(log, c, 0.02);
        const Job job = job_of(log);
        const Estimate e = estimate(job);
        const Plan plan = plan_turns(job, e);
        if (plan.next != NextStep::turn) continue;
        ++planned;
        struct Way {
            double miss, steering;
        };
        const auto way = [&](double l, double r) {
            const Expected x = expect_after(job, e, {{l, 0.0}, {r, 0.0}});
            const KnownAngle& a = x.verdicts[0].angle;
            return Way{(std::pow(a.value.deg() - 0.1, 2) + std::pow(a.sigma.deg(), 2)) / 0.01,
                       std::abs(x.steering.value.deg())};
        };
        std::vector<Way> all;
        double least = 1e300;
        for (int l = -24; l <= 24; ++l)
            for (int r = -24; r <= 24; ++r) {
                all.push_back(way(l / 8.0, r / 8.0));
                least = std::min(least, all.back().miss);
            }
        double left = 0, right = 0;
        for (const PlannedTurn& t : plan.turns) (t.wheel == Wheel::front_left ? left : right) = t.turns;
        const Way chosen = way(left, right);
        double straightest = 1e300;
        for (const Way& w : all)
            if (w.miss <= 1.02 * least) straightest = std::min(straightest, w.steering);
        EXPECT_LE(chosen.miss, 1.2 * least + 0.3);
        EXPECT_LE(chosen.steering, straightest + 0.13) << left << ' ' << right;
        EXPECT_NEAR(expect_after(job, e, {{left, 0.0}, {right, 0.0}}).ends, plan.probability_inside, 1e-9);
    }
    EXPECT_GT(planned, 6);
}

/// What the plan says will end the job, does: the chance it gives against cars drawn from its own belief.
TEST(Plan, TheChanceItGivesIsTheShareThatEndsInside) {
    TrueCar c;
    CarCard card = testing::card_of(c);
    for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
        Adjuster r = testing::rod_at(w, RodSide::behind_axle);
        r.arm_sigma = Length::from_mm(15);
        card.adjusters.push_back(r);
    }
    const Target t = testing::total_toe(Axle::front, 0.1333, 0.1);
    std::mt19937 random(5);
    std::normal_distribution<double> normal;
    double promised = 0, inside = 0;
    constexpr int jobs = 400;
    for (int i = 0; i < jobs; ++i) {
        auto log = testing::begun(c, card, {t});
        testing::read_round(log, c, 0.2, &random);
        const Job job = job_of(log);
        const Plan plan = plan_turns(job, estimate(job));
        if (plan.turns.empty()) continue;
        std::vector<std::array<double, 2>> made(card.adjusters.size());
        for (const PlannedTurn& turn : plan.turns)
            made[static_cast<std::size_t>(card.place_of(turn.adjuster))][0] = turn.turns;
        const double truly = expect_after(job, estimate(job), made).probability;
        promised += truly;
        EXPECT_LE(plan.probability_inside, truly + 0.01);
        double total = c.toe[0] + c.toe[1];
        // Both arms of an axle are alike within 6 mm.
        const double arm = 132 + 15 * normal(random);
        for (const PlannedTurn& turn : plan.turns)
            total +=
                toe_change(*card.rod(turn.adjuster), turn.turns, Length::from_mm(arm + 4.2 * normal(random)))
                    .deg() +
                0.02 * normal(random);
        inside += total >= t.lo.deg() && total <= t.hi.deg();
    }
    EXPECT_NEAR(promised / jobs, inside / jobs, 0.06);
}

}  // namespace
}  // namespace fairchalk
