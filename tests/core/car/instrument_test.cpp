// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>
#include <random>

#include <gtest/gtest.h>

#include "core/car/instrument.h"
#include "core/reading/making.h"
#include "core/true_rigs.h"

namespace fairchalk {
namespace {

using testing::SolidCar;

TEST(Instruments, EachWayOfShowingIsUndone) {
    Tool t;
    t.quantity = QuantityKind::angle;
    EXPECT_DOUBLE_EQ(undone(-1.2, t, Side::left, {}), -1.2);
    t.more_is_in_right = true;
    EXPECT_DOUBLE_EQ(undone(1.2, t, Side::right, {}), -1.2)
        << "held the same way round it grows the other way";
    EXPECT_DOUBLE_EQ(undone(1.2, t, Side::left, {}), 1.2);
    t.shows = Shows::upright;
    EXPECT_NEAR(undone(91.5, t, Side::right, {}), -1.5, 1e-12);
    t.shows = Shows::unsigned_;
    EXPECT_DOUBLE_EQ(undone(1.5, t, Side::left, true), -1.5);
    EXPECT_DOUBLE_EQ(undone(1.5, t, Side::left, false), 1.5);
    t.zero = 0.3;
    EXPECT_NEAR(undone(1.5, t, Side::left, true), -1.2, 1e-12);

    Tool rule;
    rule.zero = 3.0;
    EXPECT_DOUBLE_EQ(undone(65, rule, Side::left, {}), 62);
    rule.inward = true;
    rule.scale_length = Length::from_mm(300);
    EXPECT_DOUBLE_EQ(undone(188, rule, Side::left, {}), 112) << "its numbers run the other way";
}

TEST(Instruments, ALeanTestFixesTheWayOnce) {
    Tool t;
    t.quantity = QuantityKind::angle;
    auto left = after_lean_test(t, Side::left, 88.9, 86.0);
    ASSERT_TRUE(left);
    EXPECT_EQ(left->shows, Shows::upright);
    EXPECT_TRUE(left->more_is_in_left) << "leaning out made it smaller, so more is in";
    EXPECT_NEAR(undone(88.9, *left, Side::left, {}), 1.1, 1e-9);
    const auto right = after_lean_test(*left, Side::right, 91.0, 93.5);
    EXPECT_FALSE(right->more_is_in_right);
    EXPECT_TRUE(right->more_is_in_left);
    EXPECT_EQ(after_lean_test(t, Side::left, 1.0, 1.2).error().code, Code::tool_lean_too_small);
}

TEST(Instruments, AGaugesOwnWayDoesNotChangeTheAnswer) {
    std::mt19937 rng(30);
    SolidCar c = SolidCar::any(rng);
    auto log = c.log(c.lines({"string-bars", "camber-gauge", "caster-sweep"}), rng, 0, 0);
    const Estimate plain = estimate(job_of(log));
    // The same readings as another gauge shows them.
    Tool odd;
    odd.name = "odd one";
    odd.quantity = QuantityKind::angle;
    odd.shows = Shows::upright;
    odd.more_is_in_left = true;
    odd.zero = -0.6;
    Tool rule;
    rule.name = "worn rule";
    rule.zero = -2.5;
    log.insert(log.begin() + 1, {testing::entry("t1", ToolSet{odd}), testing::entry("t2", ToolSet{rule})});
    for (Entry& e : log) {
        Reading* r = std::get_if<Reading>(&e.event);
        if (!r) continue;
        if (r->value.kind == QuantityKind::length) {
            r->tool = rule.name;
            r->value.value += rule.zero;
        } else {
            r->tool = odd.name;
            const bool left = side_of(*r->spot.wheel) == Side::left;
            r->value.value = 90 + (left ? -r->value.value : r->value.value) + odd.zero;
        }
    }
    const Estimate shown = estimate(job_of(log));
    for (int w = 0; w < 4; ++w) {
        EXPECT_NEAR(shown.wheels[w].toe.value.deg(), plain.wheels[w].toe.value.deg(), 1e-6);
        EXPECT_NEAR(shown.wheels[w].camber.value.deg(), plain.wheels[w].camber.value.deg(), 1e-6);
    }
    EXPECT_NEAR(shown.wheels[1].caster.value.deg(), plain.wheels[1].caster.value.deg(), 1e-5);
}

TEST(Instruments, RepeatabilityIsLearntAndNotFromNothing) {
    EXPECT_DOUBLE_EQ(repeatability({}, 0.25).sigma, 0.25);
    std::mt19937 rng(31);
    std::normal_distribution<> hand(0, 0.6);
    std::vector<std::vector<double>> groups;
    for (int i = 0; i < 200; ++i) groups.push_back({100 + hand(rng), 100 + hand(rng), 100 + hand(rng)});
    const Repeatability r = repeatability(groups, 0.25);
    EXPECT_EQ(r.repeats, 400);
    EXPECT_NEAR(r.sigma, 0.6, 0.05);
    groups.resize(2);
    EXPECT_LT(repeatability(groups, 0.25).sigma, 0.5) << "four repeats weigh less than what tools like it do";
}

TEST(Instruments, RepeatsAreGroupedBySpotAndTool) {
    std::mt19937 rng(32);
    const SolidCar c = SolidCar::any(rng);
    auto log = c.log(c.lines({"string-bars"}), rng, 0.3, 0.1, 3);
    for (Entry& e : log)
        if (Reading* r = std::get_if<Reading>(&e.event)) r->tool = r->spot.wheel ? "rule" : "tape";
    EXPECT_EQ(repeats_with(job_of(log), "rule").size(), 12u);
    EXPECT_EQ(repeats_with(job_of(log), "tape").size(), 2u);
    EXPECT_EQ(repeats_with(job_of(log), "tape").front().size(), 3u);
    // And a tool's own sigma is the one that counts.
    for (Entry& e : log)
        if (Reading* r = std::get_if<Reading>(&e.event)) r->stated_sigma.reset();
    Tool rule = *standard_tool("steel-rule-mm");
    rule.name = "rule";
    const auto with = [&](double sigma) {
        rule.sigma = sigma;
        auto l = log;
        l.insert(l.begin() + 1, testing::entry("tool", ToolSet{rule}));
        return estimate(job_of(l)).wheels[0].toe_to_string.sigma.deg();
    };
    EXPECT_GT(with(1.0), 1.5 * with(0.1));
}

TEST(Making, BarsAreNotchedAlike) {
    const NotchedBars b = notched_bars(Length::from_mm(1740), Length::from_mm(1700), Length::from_mm(60));
    EXPECT_NEAR(b.between.mm(), 1860, 1e-9);
    EXPECT_NEAR(b.hub_front.mm(), 60, 1e-9);
    EXPECT_NEAR(b.hub_rear.mm(), 80, 1e-9)
        << "the narrower axle has the larger distance, by half the difference";
    EXPECT_GT(b.at_least, b.between);
}

TEST(Making, MarksAndTicksAreTangents) {
    const auto ticks = gauge_ticks(Length::from_mm(400), Angle::from_deg(0.5), 4);
    ASSERT_EQ(ticks.size(), 4u);
    EXPECT_NEAR(ticks[0].offset.mm(), 3.49, 0.005);
    EXPECT_GT(ticks[3].offset.mm(), 4 * ticks[0].offset.mm());
    const auto marks = sweep_marks(Length::from_mm(1000), {Angle::from_deg(20)});
    EXPECT_NEAR(marks[0].offset.mm(), 363.970, 0.001);
    EXPECT_NEAR(toe_board(Length::from_mm(620), Length::from_mm(610)).per_degree.mm(), 10.646, 0.001);
    const WheelCentre w =
        wheel_centre(Length::from_mm(120), Length::from_mm(186), Length::from_mm(270), Length::from_mm(335));
    EXPECT_NEAR(w.across.mm(), 153, 1e-9);
    EXPECT_NEAR(w.up.mm(), 302.5, 1e-9);
    EXPECT_NEAR(w.diameter.mm(), 65.5, 1e-9);
}

TEST(Making, SweepMarksGoBackwardsAndStringsStandClear) {
    for (double deg : {10.0, 19.5, 20.0, 30.0}) {
        const Length base = Length::from_mm(1000);
        const Length offset = sweep_marks(base, {Angle::from_deg(deg)}).front().offset;
        EXPECT_NEAR(sweep_of_marks(base, offset).deg(), deg, 1e-9);
    }
    EXPECT_NEAR(sweep_of_marks(Length::from_in(40), Length::from_in(15)).deg(), 20.556, 1e-3);
    EXPECT_NEAR(strings_further_out(Length::from_mm(650), Length::from_mm(205), Angle::from_deg(20)).mm(),
                105, 0.5);
    EXPECT_NEAR(strings_further_out(Length::from_mm(650), Length::from_mm(205), Angle()).mm(), 0.0, 1e-9);
}

}  // namespace
}  // namespace fairchalk
