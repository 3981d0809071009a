// SPDX-License-Identifier: GPL-3.0-or-later
// Gross errors: are they found, is the culprit among the suspects, and is what they look like said?
#include <algorithm>
#include <cmath>

#include <gtest/gtest.h>

#include "core/judge/cross_check.h"
#include "core/judge/slip.h"
#include "core/judge/squaring.h"
#include "core/judge/still_readable.h"
#include "core/judge/verdict.h"
#include "core/true_rigs.h"

namespace fairchalk {
namespace {

using testing::SolidCar;

Reading& reading_in(std::vector<Entry>& log, const std::string& id) {
    for (Entry& e : log)
        if (e.id == id) return std::get<Reading>(e.event);
    throw std::runtime_error("no " + id);
}

void set(Reading& r, double mm) {
    r.value.value = mm;
    r.value.text = write_exact(Length::from_mm(mm));
}

const Check& check_of(const Estimate& e, const std::vector<Entry>& log, const std::string& id) {
    for (const Check& c : e.checks)
        if (log[c.entry].id == id) return c;
    throw std::runtime_error("no check of " + id);
}

#if defined(__SANITIZE_ADDRESS__)
constexpr int rounds = 8;
#else
constexpr int rounds = 1000;
#endif

TEST(Blunders, AreFoundAndTheCulpritIsAmongFew) {
    std::mt19937 rng(20);
    int above = 0, found = 0, named = 0;
    for (int n = 0; n < rounds; ++n) {
        const SolidCar c = SolidCar::any(rng);
        auto log = c.log(c.lines({"string-bars"}), rng, 0.3, 0.1, 2);
        std::vector<std::size_t> readings;
        for (std::size_t i = 0; i < log.size(); ++i)
            if (std::holds_alternative<Reading>(log[i].event)) readings.push_back(i);
        const std::size_t culprit = readings[rng() % readings.size()];
        const double size = std::uniform_real_distribution<>(3, 20)(rng) * (rng() % 2 ? 1 : -1);
        Reading& r = std::get<Reading>(log[culprit].event);
        set(r, r.value.value + size);
        const Estimate e = estimate(job_of(log));
        const Check& check = check_of(e, log, log[culprit].id);
        if (std::abs(size) < check.detectable) continue;
        ++above;
        found += e.alarm;
        const auto suspects =
            std::count_if(e.checks.begin(), e.checks.end(), [](const Check& k) { return k.suspect; });
        named += check.suspect && suspects <= 4;
    }
    ASSERT_GT(above, rounds / 4);
    EXPECT_GE(found, 0.95 * above);
    EXPECT_GE(named, 0.95 * above);
}

TEST(Blunders, CleanRoundsAlarmOnceInAHundred) {
    std::mt19937 rng(21);
    int alarms = 0;
    for (int n = 0; n < rounds; ++n) {
        const SolidCar c = SolidCar::any(rng);
        alarms += estimate(job_of(c.log(c.lines({"string-bars"}), rng, 0.3, 0.1, 2))).alarm;
    }
    // Binomial: 1 % of 1,000 with three standard deviations.
    EXPECT_LE(alarms, 0.01 * rounds + 3 * std::sqrt(0.01 * rounds));
}

struct Slipped {
    const char* id;
    Slip slip;
    std::function<void(std::vector<Entry>&)> make;
};

TEST(Slips, AreCalledByTheirNames) {
    std::mt19937 rng(22);
    SolidCar c;
    c.toe = {1.2, 0.3, 0.2, 0.1};
    c.skew = {0.4, -0.3};
    const auto bump = [](const char* id, double mm) {
        return [=](std::vector<Entry>& log) {
            Reading& r = reading_in(log, id);
            set(r, r.value.value + mm);
        };
    };
    const std::vector<Slipped> cases = {
        {"front-left hub 1", Slip::an_inch, bump("front-left hub 1", 25.4)},
        {"rear-left hub 1", Slip::ten_mm, bump("rear-left hub 1", -10)},
        {"front-left rim-front 0", Slip::front_rear_swapped,
         [](std::vector<Entry>& log) {
             Reading& a = reading_in(log, "front-left rim-front 0");
             Reading& b = reading_in(log, "front-left rim-rear 0");
             std::swap(a.value, b.value);
         }},
        {"front-left hub 0", Slip::left_right_swapped,
         [](std::vector<Entry>& log) {
             std::swap(reading_in(log, "front-left hub 0").value, reading_in(log, "front-right hub 0").value);
         }},
        {"rear-right hub 0", Slip::wrong_unit,
         [](std::vector<Entry>& log) {
             Reading& r = reading_in(log, "rear-right hub 0");
             set(r, r.value.value / 10);
         }},
        {"rear-right rim-rear 0", Slip::digits_transposed,
         [](std::vector<Entry>& log) {
             Reading& r = reading_in(log, "rear-right rim-rear 0");
             // 112.3 written down as 121.3.
             const std::string t = r.value.text;
             std::string wrong = t;
             std::swap(wrong[1], wrong[2]);
             r.value = *read_quantity(wrong);
         }},
    };
    for (const Slipped& s : cases) {
        SolidCar car = c;
        if (s.slip == Slip::left_right_swapped) car.offset = {838, 845};
        if (s.slip == Slip::digits_transposed) car.offset = {838, 835.3};
        auto log = car.log(car.lines({"string-bars"}), rng, 0.05, 0.1, 2);
        s.make(log);
        const Job job = job_of(log);
        const Estimate e = estimate(job);
        ASSERT_TRUE(e.alarm) << s.id;
        const auto slips = slips_of(job, e);
        const Check& check = check_of(e, log, s.id);
        // Two wrong readings: taking out one alone need not be the best.
        if (s.slip != Slip::front_rear_swapped && s.slip != Slip::left_right_swapped) {
            EXPECT_TRUE(check.suspect) << s.id;
        }
        const Explanation* x = slip_of(slips, check.entry);
        ASSERT_NE(x, nullptr) << s.id;
        EXPECT_EQ(name_of(x->slip), name_of(s.slip)) << s.id;
    }
}

TEST(Slips, OfAnInchRuleAreNeverTenMillimetres) {
    std::mt19937 rng(22);
    SolidCar c;
    c.toe = {1.2, 0.3, 0.2, 0.1};
    auto log = c.log(c.lines({"string-bars"}), rng, 0.05, 0.1, 2);
    Reading& r = reading_in(log, "rear-left hub 1");
    r.value = *read_quantity(std::to_string((r.value.value - 10) / 25.4) + " in");
    const Job job = job_of(log);
    const Estimate e = estimate(job);
    ASSERT_TRUE(e.alarm);
    for (const auto& x : slips_of(job, e)) EXPECT_NE(name_of(x.slip), name_of(Slip::ten_mm));
}

TEST(Slips, AreNotSeenInReadingsThatFit) {
    std::mt19937 rng(23);
    const SolidCar c = SolidCar::any(rng);
    const auto log = c.log(c.lines({"string-bars"}), rng, 0.1, 0.1, 2);
    const Job job = job_of(log);
    EXPECT_TRUE(slips_of(job, estimate(job)).empty());
}

TEST(CrossCheck, BoardsAndStringsAgreeOrAreSaidNotTo) {
    std::mt19937 rng(24);
    const SolidCar c = SolidCar::any(rng);
    auto log = c.log(c.lines({"string-bars", "toe-boards"}), rng, 0.2, 0.1, 2);
    auto both = agreements(job_of(log), 0);
    ASSERT_EQ(both.size(), 2u);
    EXPECT_TRUE(both[0].agree);
    EXPECT_NEAR(both[0].first.deg(), c.toe[0] + c.toe[1], 4 * both[0].sigma.deg());
    for (int n = 0; n < 2; ++n) {
        Reading& r = reading_in(log, "front boards-front " + std::to_string(n));
        set(r, r.value.value + 8);
    }
    both = agreements(job_of(log), 0);
    EXPECT_FALSE(both[0].agree);
    EXPECT_TRUE(both[1].agree) << "the rear boards are as good as they were";
    const Estimate e = estimate(job_of(log));
    EXPECT_TRUE(e.alarm);
}

TEST(CrossCheck, BarsReadAgainTellWhetherTheStringsWereBumped) {
    std::mt19937 rng(25);
    const SolidCar c = SolidCar::any(rng);
    const LinesSet lines = c.lines({"string-bars"});
    auto log = c.log(lines, rng, 0.2, 0.1);
    EXPECT_TRUE(bumped(job_of(log), 0).empty()) << "read once, it is compared with nothing";
    for (Axle a : both_axles) {
        Reading r = reading_in(log, std::string(name_of(a)) + " bar string-to-string 0");
        set(r, r.value.value + (a == Axle::front ? 3.0 : 0.1));
        log.push_back(testing::entry(std::string(name_of(a)) + " again", r));
    }
    const auto found = bumped(job_of(log), 0);
    ASSERT_EQ(found.size(), 2u);
    EXPECT_TRUE(found[0].yes);
    EXPECT_NEAR(found[0].moved.mm(), 3.0, 0.001);
    EXPECT_FALSE(found[1].yes);
}

TEST(Squaring, TakesOnePass) {
    std::mt19937 rng(26);
    for (int n = 0; n < 20; ++n) {
        SolidCar c = SolidCar::any(rng);
        const LinesSet lines = c.lines({"string-bars"});
        // Hubs and bars are enough.
        auto log = c.log(lines, rng, 0, 0);
        std::erase_if(log, [](const Entry& e) {
            const Reading* r = std::get_if<Reading>(&e.event);
            return r && (r->spot.kind == ReadingId::rim_front || r->spot.kind == ReadingId::rim_rear);
        });
        const Job job = job_of(log);
        const Squaring s = squaring_of(job, estimate(job));
        ASSERT_EQ(s.moves.size(), 2u);
        const double between = c.wheelbase + c.front_bar + c.rear_bar;
        for (const StandMove& m : s.moves) {
            const int side = index_of(m.side);
            // The rear stand stays where it is.
            const double rear = c.offset[side] - c.rear_bar * std::tan(c.skew[side] * SolidCar::rad);
            const double front = rear + between * std::tan(c.skew[side] * SolidCar::rad) + m.outward.mm();
            EXPECT_NEAR(front, rear, 0.05) << "parallel to the centerline";
        }
        // With nothing but one side's hubs it says what it waits for.
        log.resize(5);
        const Job less = job_of(log);
        const Squaring waiting = squaring_of(less, estimate(less));
        EXPECT_TRUE(waiting.moves.empty());
        EXPECT_FALSE(waiting.needs.empty());
    }
}

TEST(WhatToReadNext, IsTheReadingThatShrinksTheVerdictMost) {
    std::mt19937 rng(27);
    for (int n = 0; n < 6; ++n) {
        const SolidCar c = SolidCar::any(rng);
        LinesSet lines = c.lines({"string-bars", "camber-gauge", "caster-sweep"});
        auto log = c.log(lines, rng, 0.3, 0.1);
        for (const Target& t : [&] {
                 std::vector<Target> all;
                 for (Measure m : {Measure::total_toe, Measure::camber, Measure::caster, Measure::thrust}) {
                     Target t;
                     t.measure = m;
                     if (m == Measure::total_toe) t.where = Axle::front;
                     if (m == Measure::camber || m == Measure::caster) t.where = Wheel::front_right;
                     all.push_back(t);
                 }
                 return all;
             }()) {
            const Job job = job_of(log);
            const Estimate e = estimate(job);
            const auto best = best_next_reading(job, e, t);
            ASSERT_TRUE(best) << t.name();
            double least = 1e9, theirs = 1e9;
            for (const Spot& spot : round_walk(job, 0, true)) {
                auto with = log;
                Reading r = std::get<Reading>(log.back().event);
                for (const Entry& x : log)
                    if (const Reading* like = std::get_if<Reading>(&x.event); like && like->spot == spot)
                        r = *like;
                with.push_back(testing::entry("one more", r));
                EstimateOptions options;
                options.explain = false;
                const double sigma = estimate(job_of(with), options).find(t.measure, t.where)->sigma.deg();
                least = std::min(least, sigma);
                if (spot == best->spot) theirs = sigma;
            }
            EXPECT_LE(theirs, least * 1.002) << t.name() << ": " << best->spot.name();
            EXPECT_NEAR(best->sigma_after.deg(), theirs, 0.03 * theirs) << t.name();
        }
    }
}

}  // namespace
}  // namespace fairchalk
