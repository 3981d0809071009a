// SPDX-License-Identifier: GPL-3.0-or-later
// What moved between two jobs: news where it stands out of both ± together, and else not.
#include "core/judge/moved.h"

#include <algorithm>
#include <random>

#include <gtest/gtest.h>

#include "core/analysis.h"
#include "core/judge/angle_drift.h"
#include "core/worked_job.h"

namespace fairchalk {
namespace {

using testing::TrueCar;

/// A round of strings on that car, read to a few tenths of a mm.
std::vector<Entry> read(const TrueCar& c, std::mt19937& random, double noise_mm = 0.3) {
    CarCard card = testing::card_of(c);
    for (AxleCard& axle : card.axles) axle.suspension = Suspension::double_wishbone;
    auto log = testing::exact_log(c, card);
    std::normal_distribution<double> n(0.0, noise_mm);
    for (Entry& e : log)
        if (Reading* r = std::get_if<Reading>(&e.event)) {
            r->value.value += n(random);
            r->stated_sigma = noise_mm;
        }
    return log;
}

const MovedAngle* of(const std::vector<MovedAngle>& all, Measure m, Wheel w) {
    const auto it = std::find_if(all.begin(), all.end(), [&](const MovedAngle& a) {
        return a.measure == m && a.where == std::variant<std::monostate, Axle, Wheel>(w);
    });
    return it == all.end() ? nullptr : &*it;
}

TEST(Moved, TheSideThatIsBentStandsOutAgainstTheOther) {
    TrueCar c;
    CarCard card = testing::card_of(c);
    for (AxleCard& axle : card.axles) axle.suspension = Suspension::strut;
    const auto log = [&](double left, double right) {
        auto out = testing::exact_log(c, card);
        for (const auto& [wheel, lean] : {std::pair(Wheel::front_left, left), {Wheel::front_right, right}}) {
            Entry e;
            e.id = std::string("camber ") + std::string(name_of(wheel));
            Reading r;
            r.spot = wheel_spot(ReadingId::camber, wheel);
            r.value = *read_quantity(write_exact(Angle::from_deg(lean)));
            r.stated_sigma = 0.08;
            e.event = r;
            out.push_back(e);
        }
        return out;
    };
    const auto alike = log(-0.6, -0.5), bent = log(-2.6, -0.5);
    const auto none = left_against_right(card, estimate_believed(job_of(alike)), Axle::front);
    ASSERT_FALSE(none.empty());
    EXPECT_EQ(none[0].cause, Cause::nothing);
    const auto some = left_against_right(card, estimate_believed(job_of(bent)), Axle::front);
    ASSERT_FALSE(some.empty());
    EXPECT_NE(some[0].cause, Cause::nothing);
    double sum = 0.0;
    for (const Explained& e : some) {
        sum += e.probability;
        EXPECT_NE(e.cause, Cause::rod_length);
        EXPECT_NE(e.cause, Cause::rack_shift);
    }
    EXPECT_NEAR(sum, 1.0, 1e-9);
    EXPECT_TRUE(left_against_right(card, estimate_believed(job_of(bent)), Axle::rear).empty())
        << "no camber read";
}

TEST(Moved, AWheelThatWasHitIsNewsAndTheOthersAreNot) {
    std::mt19937 random(5);
    const TrueCar c;
    TrueCar then = c;
    then.toe[0] += 0.6;
    const auto before = read(c, random), after = read(then, random);
    const Estimate a = estimate_believed(job_of(before)), b = estimate_believed(job_of(after));
    const auto moved = what_moved(a, b);
    const MovedAngle* hit = of(moved, Measure::toe, Wheel::front_left);
    ASSERT_TRUE(hit);
    EXPECT_EQ(hit->call, HasMoved::moved);
    EXPECT_NEAR(hit->by.deg(), 0.6, 0.15);
    for (Wheel w : {Wheel::front_right, Wheel::rear_left, Wheel::rear_right})
        EXPECT_NE(of(moved, Measure::toe, w)->call, HasMoved::moved) << name_of(w);
    CarCard card = job_of(after).car;
    const auto why = explained(card, a, b, Axle::front);
    ASSERT_FALSE(why.empty());
    EXPECT_NE(why[0].cause, Cause::nothing);
    EXPECT_EQ(why[0].side, Side::left);
    EXPECT_EQ(explained(card, a, b, Axle::rear)[0].cause, Cause::nothing);
    card.axles[0].suspension = Suspension::unknown;
    EXPECT_TRUE(explained(card, a, b, Axle::front).empty());
}

TEST(Moved, OfCarsOfWhichNothingMovedAtMostOneInTwentyIsTold) {
    std::mt19937 random(6);
    int told = 0;
    constexpr int cars = 200;
    for (int k = 0; k < cars; ++k) {
        const TrueCar c;
        const auto before = read(c, random), after = read(c, random);
        const auto moved = what_moved(estimate_believed(job_of(before)), estimate_believed(job_of(after)));
        told += std::any_of(moved.begin(), moved.end(),
                            [](const MovedAngle& m) { return m.call == HasMoved::moved; });
    }
    RecordProperty("told", told);
    EXPECT_LE(told, cars / 20 + 6);
}

/// A season of eleven jobs, a week between each, the left front wheel going out by so much a week.
std::vector<SeasonJob> season(std::mt19937& random, double per_week) {
    std::vector<SeasonJob> out;
    TrueCar c;
    for (int week = 0; week < 11; ++week) {
        c.toe[0] -= week > 0 ? per_week : 0.0;
        const auto log = read(c, random);
        const Estimate e = estimate_believed(job_of(log));
        out.push_back({7.0 * week, e, e});
    }
    return out;
}

TEST(CausesOfDrift, OneInTwentyCarsAtMostIsSaidToDriftOverTenChecks) {
    std::mt19937 random(8);
    int told = 0;
    constexpr int cars = 120;
    for (int k = 0; k < cars; ++k) {
        const auto jobs = season(random, 0.0);
        bool any = false;
        for (std::size_t n = 3; n <= jobs.size(); ++n) any = any || !drifts(std::span(jobs).first(n)).empty();
        told += any;
    }
    RecordProperty("told", told);
    std::printf("said to drift: %d of %d\n", told, cars);
    EXPECT_LE(told, cars / 20);
}

TEST(Drifts, AWheelThatGoesTheSameWayEachWeekIsSaidTo) {
    std::mt19937 random(9);
    const auto jobs = season(random, 0.08);
    const auto all = drifts(jobs);
    ASSERT_FALSE(all.empty());
    bool left = false;
    for (const AngleDrift& d : all)
        if (d.measure == Measure::toe &&
            d.where == std::variant<std::monostate, Axle, Wheel>(Wheel::front_left)) {
            left = true;
            EXPECT_NEAR(d.per_week.deg(), -0.08, 3.0 * d.sigma.deg());
        } else {
            EXPECT_TRUE(d.measure == Measure::total_toe) << "nothing else went";
        }
    EXPECT_TRUE(left);
    EXPECT_TRUE(drifts(std::span(jobs).first(2)).empty()) << "one interval is no drift";
    EXPECT_TRUE(drifts(std::vector<SeasonJob>()).empty());
}

TEST(Moved, WhatWasNotReadTwiceIsNotSpokenOf) {
    std::mt19937 random(7);
    const auto log = read(TrueCar{}, random);
    const Estimate a = estimate_believed(job_of(log));
    EXPECT_TRUE(what_moved(Estimate(), a).empty());
    EXPECT_TRUE(changed_between(Estimate(), a, Axle::front).rows.empty());
    // Read so coarsely that nobody can tell.
    const auto coarse = read(TrueCar{}, random, 6.0);
    for (const MovedAngle& m : what_moved(a, estimate_believed(job_of(coarse))))
        EXPECT_TRUE(m.measure != Measure::toe || m.call == HasMoved::cannot_tell);
}

}  // namespace
}  // namespace fairchalk
