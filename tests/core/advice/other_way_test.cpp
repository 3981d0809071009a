// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/other_way.h"

#include <gtest/gtest.h>

#include "core/analysis.h"
#include "core/true_rigs.h"

namespace fairchalk {
namespace {

using testing::SolidCar;

/// A sweep by level and gap, with a target for the caster.
std::vector<Entry> swept(const SolidCar& c, std::mt19937& rng) {
    auto log = c.log(c.lines({"sweep-gap"}), rng, 0.3, 0.05);
    Target caster;
    caster.measure = Measure::caster;
    caster.where = Axle::front;
    caster.aim = Angle::from_deg(4);
    caster.lo = Angle::from_deg(3), caster.hi = Angle::from_deg(5);
    log.insert(log.begin() + 1, testing::entry("targets", TargetsEdit{{caster}}));
    return log;
}

std::vector<std::size_t> leans(const std::vector<Entry>& log) {
    std::vector<std::size_t> out;
    for (std::size_t i = 0; i < log.size(); ++i)
        if (const Reading* r = std::get_if<Reading>(&log[i].event);
            r && r->spot.kind == ReadingId::camber_gap && r->value.value > 3.0)
            out.push_back(i);
    return out;
}

void turn(std::vector<Entry>& log, std::size_t entry) {
    Reading& r = std::get<Reading>(log[entry].event);
    r = *other_way_round(r, nullptr);
}

std::vector<std::size_t> named(const Analysis& a) {
    return a.plan.again && a.plan.again->why.code == Code::again_other_way ? a.plan.again->entries
                                                                           : std::vector<std::size_t>();
}

TEST(OtherWay, ALeanThatWasSaidTheWrongWayIsNamedBeforeAnythingIsReadAgain) {
    std::mt19937 rng(5);
    int alarms = 0, right = 0;
    for (int n = 0; n < 60; ++n) {
        const SolidCar c = SolidCar::any(rng);
        auto log = swept(c, rng);
        EXPECT_TRUE(named(analyse(job_of(log))).empty()) << n << ": said as it leans";
        const auto all = leans(log);
        if (all.empty()) continue;
        const std::size_t slip = all[rng() % all.size()];
        turn(log, slip);
        const Analysis a = analyse(job_of(log));
        if (!a.now.alarm) continue;
        ++alarms;
        right += named(a) == std::vector{slip};
    }
    EXPECT_GE(alarms, 30);
    EXPECT_GE(right, alarms * 9 / 10) << "of " << alarms;
}

TEST(OtherWay, WhereNobodySaidWhichWayItLeansAllOfThemAreNamed) {
    std::mt19937 rng(6);
    int alarms = 0, right = 0;
    for (int n = 0; n < 40; ++n) {
        const SolidCar c = SolidCar::any(rng);
        auto log = swept(c, rng);
        for (Entry& e : log)
            if (Reading* r = std::get_if<Reading>(&e.event)) r->top_in = true;
        const Analysis a = analyse(job_of(log));
        if (!a.now.alarm) continue;
        ++alarms;
        for (std::size_t i : named(a)) turn(log, i);
        const Estimate told = estimate(job_of(log));
        const auto there = [&](Wheel w) {
            const KnownAngle& camber = told.wheels[index_of(w)].camber;
            return camber.known &&
                   std::abs(camber.value.deg() - c.camber[index_of(w)]) < 4 * camber.sigma.deg();
        };
        right += !told.alarm && there(Wheel::front_left) && there(Wheel::front_right);
    }
    EXPECT_GE(alarms, 15);
    EXPECT_GE(right, alarms * 7 / 10) << "others fit as well another way, of " << alarms;
}

TEST(OtherWay, AReadingThatWasTakenTwiceTheSameWayIsNotDoubtedSo) {
    std::mt19937 rng(5);
    const SolidCar c = SolidCar::any(rng);
    auto log = swept(c, rng);
    const std::size_t slip = leans(log).back();
    turn(log, slip);
    const Analysis once = analyse(job_of(log));
    ASSERT_EQ(named(once), std::vector{slip});
    Entry again = log[slip];
    again.id = "again";
    log.push_back(again);
    for (std::size_t i : named(analyse(job_of(log)))) EXPECT_TRUE(i != slip && i + 1 != log.size()) << i;
}

TEST(OtherWay, WhatWasSetAsideAndReadTheSameAgainIsNotSetAsideAgain) {
    std::mt19937 rng(5);
    const SolidCar c = SolidCar::any(rng);
    auto log = swept(c, rng);
    turn(log, leans(log).back());
    // Nobody looks which way it leans: each is read again the same, and set aside as asked.
    for (int n = 0; n < 40; ++n) {
        const Analysis a = analyse(job_of(log));
        ASSERT_TRUE(a.now.alarm) << n << ": repeated, it contradicts as before";
        ASSERT_TRUE(a.plan.turns.empty()) << "nothing is turned to a slip";
        if (a.plan.again && a.plan.again->why.code == Code::again_as_before) return;
        const auto put = [&](decltype(Entry::event) what) {
            log.push_back(testing::entry("e" + std::to_string(log.size()), std::move(what)));
        };
        const auto read_again = [&](const Spot& s) {
            for (std::size_t i = 0; i < log.size(); ++i)
                if (const Reading* r = std::get_if<Reading>(&log[i].event); r && r->spot == s)
                    return put(Reading(*r));
        };
        if (const auto aside = a.plan.again ? to_set_aside(a) : std::nullopt) {
            const Spot at = std::get<Reading>(log[*aside].event).spot;
            put(Strike{Strike::Way::reasoned, {log[*aside].id}, "misread"});
            read_again(at);
            continue;
        }
        ASSERT_FALSE(a.read.empty()) << n;
        for (const Spot& s : a.read) read_again(s);
    }
    FAIL() << "in circles";
}

}  // namespace
}  // namespace fairchalk
