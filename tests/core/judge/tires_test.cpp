// SPDX-License-Identifier: GPL-3.0-or-later
// What tires tell: by where they wear or run hot, how fast, and whether the angles explain it.
#include "core/judge/tires.h"

#include <cmath>

#include <gtest/gtest.h>

namespace fairchalk {
namespace {

TireRead depths(double outer, double middle, double inner) {
    TireRead t;
    t.depth = {outer, middle, inner};
    return t;
}

Estimate with(double camber, double total) {
    Estimate e;
    e.wheels[0].camber = {true, Angle::from_deg(camber), Angle::from_deg(0.1), {}, {}};
    e.axles[0].total_toe = {true, Angle::from_deg(total), Angle::from_deg(0.05), {}, {}};
    return e;
}

TEST(Tires, WhereTheTreadIsLowIsWhereItWore) {
    EXPECT_EQ(worn(depths(6.0, 6.1, 5.9)), TirePattern::even);
    EXPECT_EQ(worn(depths(6.0, 5.7, 5.0)), TirePattern::inner);
    EXPECT_EQ(worn(depths(4.8, 5.6, 6.0)), TirePattern::outer);
    EXPECT_EQ(worn(depths(5.0, 6.0, 5.1)), TirePattern::edges);
    EXPECT_EQ(worn(depths(6.0, 5.0, 5.9)), TirePattern::middle);
    TireRead half = depths(6, 5, 4);
    half.depth[1].reset();
    EXPECT_FALSE(worn(half));
    TireRead warm;
    warm.temperature = {70.0, 76.0, 84.0};
    EXPECT_EQ(hot(warm), TirePattern::inner);
    EXPECT_FALSE(worn(warm));
}

TEST(Tires, TheAnglesAgreeOrTheyDoNot) {
    const auto lean_in = wear_by_angles(with(-2.2, 0.1), Wheel::front_left);
    EXPECT_EQ(lean_in.pattern, TirePattern::inner);
    EXPECT_TRUE(lean_in.by_camber);
    EXPECT_FALSE(lean_in.by_toe);
    EXPECT_EQ(wear_by_angles(with(-0.5, 0.6), Wheel::front_left).pattern, TirePattern::outer);
    EXPECT_EQ(wear_by_angles(with(-0.5, -0.6), Wheel::front_left).pattern, TirePattern::inner);
    EXPECT_EQ(against_angles(TirePattern::inner, lean_in), TireVerdict::agrees);
    EXPECT_EQ(against_angles(TirePattern::outer, lean_in), TireVerdict::unexplained);
    EXPECT_EQ(against_angles(TirePattern::edges, lean_in), TireVerdict::not_angles);
    EXPECT_EQ(against_angles(TirePattern::inner, wear_by_angles(Estimate(), Wheel::front_left)),
              TireVerdict::cannot_tell);
}

TEST(Tires, WearIsALineOverKilometresAndBeginsAnewWithAnotherTire) {
    std::vector<TireVisit> season;
    for (int k = 0; k < 4; ++k) {
        TireVisit v;
        v.km = 10000.0 + 2000.0 * k;
        v.tires[1] = depths(7.0 - 0.4 * k, 7.0 - 0.3 * k, 7.0 - 0.2 * k);
        season.push_back(v);
    }
    auto wear = wear_of(season);
    ASSERT_EQ(wear.size(), 1u);
    EXPECT_EQ(wear[0].wheel, Wheel::front_right);
    EXPECT_NEAR(wear[0].per_1000_km[0], 0.2, 1e-9);
    EXPECT_NEAR(wear[0].across, 0.1, 1e-9);
    EXPECT_GT(wear[0].across_sigma, wear[0].sigma);
    EXPECT_EQ(wear[0].visits, 4);
    season[2].tires[1] = depths(8, 8, 8);  // another one
    season[3].tires[1] = depths(7.9, 7.9, 7.9);
    wear = wear_of(season);
    ASSERT_EQ(wear.size(), 1u);
    EXPECT_EQ(wear[0].visits, 2);
    EXPECT_NEAR(wear[0].per_1000_km[1], 0.05, 1e-9);
    season.resize(3);
    EXPECT_TRUE(wear_of(season).empty());  // a new tire, read once
}

TEST(Tires, AWheelIsDraggedSidewaysByHalfTheTotal) {
    KnownAngle total{true, Angle::from_arcmin(10.0), Angle::from_arcmin(1.0), {}, {}};
    const Sideways s = sideways_of(total);
    EXPECT_NEAR(s.m_per_km, 1.4544, 1e-3);
    EXPECT_NEAR(s.sigma, 0.14544, 1e-4);
    EXPECT_FALSE(sideways_of(KnownAngle()).known);
}

}  // namespace
}  // namespace fairchalk
