// SPDX-License-Identifier: GPL-3.0-or-later
// What must hold for any floor, any log, any value: properties, on random ones.
#include <algorithm>
#include <cmath>
#include <map>
#include <random>

#include <gtest/gtest.h>
#include <rapidcheck.h>

#include "core/advice/procedure.h"
#include "core/job/floor.h"
#include "core/job/knowledge.h"
#include "core/job/ride_check.h"
#include "core/job/rig.h"
#include "core/job/staleness.h"
#include "core/job/wheel_only.h"
#include "core/reading/plausible.h"
#include "core/worked_job.h"

namespace fairchalk {
namespace {

using testing::entry;

double between(double lo, double hi) {
    return lo + (hi - lo) * static_cast<double>(*rc::gen::inRange(0, 100001)) / 100000.0;
}

Reading height_reading(const Spot& spot, double mm, double sigma) {
    Reading r;
    r.spot = spot;
    r.value.kind = QuantityKind::length;
    r.value.value = mm;
    r.value.resolution = 0.1;
    r.stated_sigma = sigma;
    return r;
}

std::vector<Entry> survey(FloorMethod method, const std::vector<Reading>& readings) {
    FloorSet set;
    set.method = method;
    std::vector<Entry> log = {entry("car", CarEdit{testing::card_of({})}), entry("round", RoundOpened{}),
                              entry("floor", set)};
    for (std::size_t i = 0; i < readings.size(); ++i)
        log.push_back(entry("r" + std::to_string(i), readings[i]));
    return log;
}

FloorSolved solved_floor(const std::vector<Entry>& log) {
    const Job job = job_of(log);
    return solve_floor(*floor_now(job));
}

TEST(FloorProperties, TheLevelLineMayHangAnywhereAndBeReadInAnyOrder) {
    EXPECT_TRUE(rc::check("line and order", [] {
        std::vector<Reading> readings;
        for (const Spot& s : floor_spots())
            readings.push_back(height_reading(s, between(150, 250), between(0.2, 2)));
        const FloorSolved a = solved_floor(survey(FloorMethod::level_line, readings));
        const double lift = between(-100, 400);
        for (Reading& r : readings) r.value.value += lift;
        std::shuffle(readings.begin(), readings.end(), std::mt19937(*rc::gen::arbitrary<unsigned>()));
        const FloorSolved b = solved_floor(survey(FloorMethod::level_line, readings));
        RC_ASSERT(a.known && b.known);
        for (std::size_t w = 0; w < 4; ++w) RC_ASSERT(std::abs((a.heights[w] - b.heights[w]).mm()) < 1e-6);
        RC_ASSERT((a.covariance - b.covariance).norm() < 1e-12);
    }));
}

TEST(FloorProperties, AMirroredFloorMirrorsItsCorrections) {
    EXPECT_TRUE(rc::check("mirror", [] {
        FloorSolved f, m;
        f.known = m.known = true;
        for (std::size_t w = 0; w < 4; ++w) f.heights[w] = Length::from_mm(between(-30, 30));
        for (std::size_t w = 0; w < 4; ++w) m.heights[w] = f.heights[w ^ 1];
        const CarCard car = testing::card_of({});
        const FloorEffect a = effect_of(f, car), b = effect_of(m, car);
        for (std::size_t w = 0; w < 4; ++w) {
            // The wheel on the other side stands as this one did.
            RC_ASSERT(std::abs(a.camber[w].deg() - b.camber[w ^ 1].deg()) < 1e-9);
            RC_ASSERT(std::abs(a.camber[w].deg() + a.camber[w ^ 1].deg()) < 1e-9);
        }
        RC_ASSERT(std::abs(a.caster.deg() - b.caster.deg()) < 1e-12);
        RC_ASSERT(std::abs(a.twist.mm() + b.twist.mm()) < 1e-9);
    }));
}

TEST(FloorProperties, LegsAndALineTellTheSameFloor) {
    EXPECT_TRUE(rc::check("legs or line", [] {
        std::array<double, 4> h{};
        for (double& v : h) v = between(-20, 20);
        const auto at = [&](Wheel w) { return h[static_cast<std::size_t>(index_of(w))]; };
        std::vector<Reading> line, legs;
        for (const Spot& s : floor_spots()) line.push_back(height_reading(s, 200 - at(*s.wheel), 0.5));
        for (const Spot& s : floor_legs()) legs.push_back(height_reading(s, at(*s.to) - at(*s.wheel), 0.5));
        const FloorSolved a = solved_floor(survey(FloorMethod::level_line, line)),
                          b = solved_floor(survey(FloorMethod::level_legs, legs));
        for (std::size_t w = 0; w < 4; ++w) RC_ASSERT(std::abs((a.heights[w] - b.heights[w]).mm()) < 1e-6);
        RC_ASSERT(std::abs(b.misclosure->mm()) < 1e-9);
        RC_ASSERT(!b.alarm);
    }));
}

TEST(FloorProperties, TilesNeverLeaveMoreThanHalfATileAndNoneUnderTheHighest) {
    EXPECT_TRUE(rc::check("tiles", [] {
        FloorSolved f;
        f.known = true;
        for (Length& l : f.heights) l = Length::from_mm(between(-25, 25));
        const double thickness = between(0.5, 12);
        const TilePlan plan = tile_plan(f, Length::from_mm(thickness));
        const auto highest = std::max_element(f.heights.begin(), f.heights.end()) - f.heights.begin();
        RC_ASSERT(plan.under[static_cast<std::size_t>(highest)] == 0);
        double lo = 1e9, hi = -1e9;
        for (const Length& l : plan.left) lo = std::min(lo, l.mm()), hi = std::max(hi, l.mm());
        RC_ASSERT(hi - lo <= thickness + 1e-9);
        RC_ASSERT(*std::min_element(plan.under.begin(), plan.under.end()) >= 0);
    }));
}

TEST(DoubtProperties, WhatIsOfferedIsUsualAndNothingUsualIsQuestioned) {
    EXPECT_TRUE(rc::check("doubts", [] {
        const auto what = static_cast<Bounded>(*rc::gen::inRange(0, static_cast<int>(Bounded::torque) + 1));
        const bool pressure = what == Bounded::pressure, torque = what == Bounded::torque;
        const bool angle = what == Bounded::wheel_off;
        const bool turns = what == Bounded::lock_to_lock || what == Bounded::steering_ratio;
        const Expect expect = pressure ? Expect{Expect::Kind::pressure, Bare::bar}
                              : torque ? Expect{Expect::Kind::torque, Bare::nm}
                              : angle  ? Expect{Expect::Kind::angle, Bare::deg}
                              : turns  ? Expect{Expect::Kind::turns, Bare::turns}
                                       : Expect{Expect::Kind::length, Bare::mm};
        const int digits = *rc::gen::inRange(1, 6);
        std::string text = std::to_string(*rc::gen::inRange(1, static_cast<int>(std::pow(10, digits))));
        if (*rc::gen::inRange(0, 3) == 0) text += "." + std::to_string(*rc::gen::inRange(1, 100));
        if (*rc::gen::inRange(0, 4) == 0) text = "-" + text;
        const auto q = read_quantity(text, expect);
        if (!q) return;  // beyond any wheel
        const auto doubt = doubt_of(what, *q, text);
        if (!doubt) return;
        RC_ASSERT(static_cast<bool>(doubt->question));
        for (const std::string& meant : doubt->meant) {
            const auto again = read_quantity(meant, expect);
            RC_ASSERT(again.has_value());
            RC_ASSERT(!doubt_of(what, *again, meant).has_value());
        }
    }));
}

TEST(LooseProperties, TheListIsWhatASimpleLedgerSays) {
    EXPECT_TRUE(rc::check("ledger", [] {
        std::vector<Entry> log = {entry("car", CarEdit{testing::card_of({})})};
        std::map<std::string, PartState> ledger;
        const int n = *rc::gen::inRange(0, 30);
        for (int i = 0; i < n; ++i) {
            const std::string part = "part " + std::to_string(*rc::gen::inRange(0, 5));
            const auto state = static_cast<PartState>(*rc::gen::inRange(0, 4));
            log.push_back(entry("e" + std::to_string(i), PartTouched{state, part}));
            if (state == PartState::refitted)
                ledger.erase(part);
            else
                ledger[part] = state;
        }
        std::map<std::string, PartState> list;
        for (const PartTouched& p : loose_list(job_of(log))) RC_ASSERT(list.emplace(p.part, p.state).second);
        RC_ASSERT(list == ledger);
    }));
}

TEST(StalenessProperties, AFactIsStaleExactlyWhenTheTableSpoiledItAndNothingMendedIt) {
    EXPECT_TRUE(rc::check("model", [] {
        CarCard card = testing::card_of({});
        card.no_springs = *rc::gen::arbitrary<bool>();
        std::vector<Entry> log = {entry("car", CarEdit{card})};
        std::map<Fact, bool> stale;
        const int n = *rc::gen::inRange(0, 20);
        for (int i = 0; i < n; ++i) {
            const auto kind =
                static_cast<ChangeKind>(*rc::gen::inRange(0, index_of(ChangeKind::load_changed) + 1));
            Entry e = entry("e" + std::to_string(i), Change{kind, {}});
            const Happening h = *happening_of(e, card);
            if (*rc::gen::inRange(0, 5) == 0) {
                e.struck = "not so";  // taken back: it never happened
            } else {
                const Spoils& row = spoils_of(h, card.no_springs);
                if (row.settles) stale[Fact::settled] = false;
                for (Fact f : row.facts) stale[f] = true;
            }
            log.push_back(e);
        }
        const Job job = job_of(log);
        for (Fact f : all_facts) RC_ASSERT(spoiled_since(job, f, 0).has_value() == stale[f]);
    }));
}

TEST(WheelOnlyProperties, MirroredCarsTurnMirrored) {
    EXPECT_TRUE(rc::check("mirror", [] {
        const auto rods = *rc::gen::arbitrary<bool>() ? RodSide::behind_axle : RodSide::ahead_of_axle;
        const double off = between(-20, 20);
        const auto plan = [&](double deg) {
            CarCard card = testing::card_of({});
            card.steering_ratio = 16;
            for (Wheel w : {Wheel::front_left, Wheel::front_right})
                card.adjusters.push_back(testing::rod_at(w, rods));
            Driven d;
            d.wheel_off = Angle::from_deg(deg);
            d.how = "rim-marks";
            const std::vector<Entry> log = {entry("car", CarEdit{card}), entry("d", d)};
            return wheel_only(job_of(log));
        };
        const WheelOnly a = plan(off), b = plan(-off);
        RC_ASSERT(a.next == b.next);
        RC_ASSERT(std::abs(a.off.deg() + b.off.deg()) < 1e-6);
        RC_ASSERT(a.turns.size() == b.turns.size());
        for (std::size_t i = 0; i < a.turns.size(); ++i)
            RC_ASSERT(std::abs(a.turns[i].second + b.turns[i].second) <=
                      0.125 + 1e-9);  // the median is on a grid
        if (a.turns.size() == 2) RC_ASSERT(a.turns[0].second * a.turns[1].second < 0);
    }));
}

TEST(CornerProperties, AllCornersAsOnTheCardAreNeverRemarkedOn) {
    EXPECT_TRUE(rc::check("as the card", [] {
        CarCard card = testing::card_of({});
        for (auto& v : card.heights.at) v = between(200, 500);
        card.heights.tolerance = between(1, 20);
        std::vector<Entry> log = {entry("car", CarEdit{card})};
        const double lift = between(-1, 1) * *card.heights.tolerance * 0.99;
        for (Wheel w : all_wheels)
            log.push_back(
                entry("h" + std::to_string(index_of(w)),
                      height_reading(wheel_spot(ReadingId::ride_height, w),
                                     *card.heights.at[static_cast<std::size_t>(index_of(w))] + lift, 1)));
        const RideCheck c = ride_check_of(job_of(log), ReadingId::ride_height);
        RC_ASSERT(c.complete());
        RC_ASSERT(c.findings.empty());  // all the same amount, within the tolerance
    }));
}

TEST(StageProperties, StagesAndChecksNeverThrowOnAnyLog) {
    EXPECT_TRUE(rc::check("any log", [] {
        std::vector<Entry> log;
        const int n = *rc::gen::inRange(0, 25);
        for (int i = 0; i < n; ++i) {
            decltype(Entry::event) what;
            switch (*rc::gen::inRange(0, 11)) {
                case 0:
                    what = CarEdit{testing::card_of({})};
                    break;
                case 1:
                    what = RoundOpened{};
                    break;
                case 2:
                    what = height_reading(string_walk()[static_cast<std::size_t>(*rc::gen::inRange(0, 14))],
                                          100, 1);
                    break;
                case 3:
                    what =
                        height_reading(floor_legs()[static_cast<std::size_t>(*rc::gen::inRange(0, 4))], 2, 1);
                    break;
                case 4:
                    what = Change{static_cast<ChangeKind>(*rc::gen::inRange(0, 9)), {}};
                    break;
                case 5:
                    what = Turn{"rod-fl", 0.5, true, true};
                    break;
                case 6:
                    what = FloorSet{};
                    break;
                case 7:
                    what = TilesPlaced{Length::from_mm(3), {1, 0, 0, 0}};
                    break;
                case 8:
                    what = Driven{};
                    break;
                case 9:
                    what =
                        Strike{Strike::Way::undo, {"e" + std::to_string(*rc::gen::inRange(0, 25))}, "undo"};
                    break;
                default:
                    what = SteeringSet{};
            }
            log.push_back(entry("e" + std::to_string(i), what));
        }
        const Job job = job_of(log);
        const auto states = stages_of(job, {});
        RC_ASSERT(states.size() == 8u);
        for (const StageState& s : states)
            if (s.spoiled_by) RC_ASSERT(s.progress == Progress::stale);
        if (const auto floor = floor_now(job)) {
            const FloorSolved f = solve_floor(*floor);
            if (f.known)
                for (const Length& l : f.heights) RC_ASSERT(std::isfinite(l.mm()));
        }
        const Estimate e = estimate(job);
        for (const WheelAngles& w : e.wheels)
            if (w.toe.known) RC_ASSERT(std::isfinite(w.toe.value.deg()) && w.toe.sigma.deg() > 0);
    }));
}

}  // namespace
}  // namespace fairchalk
