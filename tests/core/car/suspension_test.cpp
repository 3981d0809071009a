// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/car/suspension.h"

#include <cmath>
#include <random>

#include <gtest/gtest.h>

namespace fairchalk {
namespace {

using H = Hardpoint;

struct Changed {
    double toe, camber, caster;
};
Changed change(const Corner& c, const CornerMove& move) {
    const CornerAngles before = angles_of(c);
    const auto after = solve_corner(c, move);
    EXPECT_TRUE(after);
    if (!after) return {};
    return {(after->toe - before.toe).deg(), (after->camber - before.camber).deg(),
            (after->caster - before.caster).deg()};
}
CornerMove moved(std::initializer_list<std::pair<H, Eigen::Vector3d>> points, double rod = 0) {
    CornerMove m;
    for (const auto& [p, by] : points) m.at(p) = by;
    m.length(Link::rod) = rod;
    return m;
}
void expect(const Changed& c, double camber, double toe, double caster) {
    EXPECT_NEAR(c.camber, camber, 0.002);
    EXPECT_NEAR(c.toe, toe, 0.002);
    EXPECT_NEAR(c.caster, caster, 0.002);
}

TEST(Suspension, TheWishboneOfTheDesign) {
    const Corner c = sample_wishbone();
    EXPECT_NEAR(angles_of(c).caster.deg(), 4.718, 0.002);
    EXPECT_NEAR(angles_of(c).sai.deg(), 10.784, 0.002);
    EXPECT_NEAR(angles_of(c).camber.deg(), -0.5, 1e-9);
    EXPECT_NEAR(angles_of(c).toe.deg(), 0.1, 1e-9);
    const Eigen::Vector3d shim(0, 1.5, 0);
    expect(change(c, moved({{H::uca_front, shim}, {H::uca_rear, shim}})), 0.271, -0.098, 0.000);
    expect(change(c, moved({{H::uca_front, shim}})), 0.111, -0.043, 0.249);
    expect(change(c, moved({{H::uca_rear, shim}})), 0.158, -0.055, -0.249);
    const Changed rod = change(c, moved({}, 1.5));
    EXPECT_NEAR(rod.toe, 0.619, 0.002);
    EXPECT_NEAR(rod.camber, -0.049, 0.002);
}

TEST(Suspension, TheStrutOfTheDesign) {
    const Corner c = sample_strut();
    EXPECT_NEAR(angles_of(c).caster.deg(), 2.990, 0.002);
    EXPECT_NEAR(angles_of(c).sai.deg(), 11.802, 0.002);
    const Changed in = change(c, moved({{H::top, {0, -5, 0}}}));
    EXPECT_NEAR(in.camber, -0.412, 0.002);
    EXPECT_NEAR(in.toe, 0.161, 0.002);
    const Changed back = change(c, moved({{H::top, {-5, 0, 0}}}));
    EXPECT_NEAR(back.caster, 0.427, 0.002);
    EXPECT_NEAR(back.toe, -0.014, 0.002);
    const Changed rod = change(c, moved({}, 1.5));
    EXPECT_NEAR(rod.toe, 0.604, 0.002);
    EXPECT_NEAR(rod.camber, -0.030, 0.002);
}

TEST(Suspension, AMoveAndItsOppositeLeadBackAndNothingMovesNothing) {
    for (const Corner& c : {sample_wishbone(), sample_strut()}) {
        const Changed none = change(c, CornerMove());
        EXPECT_NEAR(none.toe, 0, 1e-9);
        EXPECT_NEAR(none.camber, 0, 1e-9);
        // Through large moves in parts: forward in ten steps is as forward in one.
        const CornerMove far = moved({{H::lca_front, {3, 6, 0}}, {H::rod_inner, {0, 20, 2}}}, 6);
        const auto at_once = solve_corner(c, far);
        ASSERT_TRUE(at_once);
        const auto half = solve_corner(c, far * 0.5);
        ASSERT_TRUE(half);
        EXPECT_GT(std::abs((at_once->toe - half->toe).deg()), 1.0) << "the rack moved a long way";
    }
}

TEST(Suspension, LinksKeepTheirLengthsOnAnyReachableMove) {
    // The angles are those of a rigid body: put the found caster back through the joints' own distance.
    std::mt19937 rng(11);
    std::uniform_real_distribution<> by(-12, 12);
    for (int n = 0; n < 200; ++n) {
        const Corner c = n % 2 ? sample_wishbone() : sample_strut();
        CornerMove m;
        for (H p : points_of(c.kind))
            if (on_chassis(c.kind, p)) m.at(p) = {by(rng), by(rng), by(rng)};
        m.length(Link::rod) = by(rng);
        m.hub_height = by(rng) * 2;
        const auto a = solve_corner(c, m);
        ASSERT_TRUE(a) << n;
        EXPECT_NEAR(a->hub.z(), c.at(H::hub).z() + m.hub_height, 1e-6);
        EXPECT_LT(std::abs(a->camber.deg()), 15);
    }
}

TEST(Suspension, WhatIsOutOfReachNamesTheLink) {
    const auto apart = solve_corner(sample_wishbone(), moved({{H::rod_inner, {0, -900, 0}}}));
    ASSERT_FALSE(apart);
    EXPECT_EQ(apart.error().code, Code::link_too_short);
    EXPECT_EQ(apart.error().args[0], "rod");
    const auto arm = solve_corner(sample_strut(), moved({{H::lca_front, {600, 0, 0}}}));
    ASSERT_FALSE(arm);
    EXPECT_EQ(arm.error().code, Code::link_too_short);
    EXPECT_TRUE(arm.error().args[0].starts_with("lca")) << arm.error().args[0];
    Corner flat = sample_wishbone();
    flat.at(H::uca_rear) = flat.at(H::uca_front);
    flat.at(H::upper) = flat.at(H::uca_front);
    EXPECT_FALSE(solve_corner(flat, moved({}, 1.5))) << "an arm of no length";
}

TEST(Suspension, ATrailingArmTurnsByItsShimOverItsLength) {
    Corner c;
    c.kind = CornerKind::trailing_arm;
    c.at(H::hub) = {0, 700, 300};
    c.at(H::pivot) = {450, 700, 300};
    c.camber = Angle::from_deg(-1);
    const Changed in = change(c, moved({{H::pivot, {0, -3, 0}}}));
    EXPECT_NEAR(in.toe, std::atan(3.0 / 450) * 180 / 3.14159265, 0.002) << "the pivot inboard is toe in";
    EXPECT_NEAR(in.camber, 0, 1e-6);
}

TEST(Suspension, ABeamAxlesWheelTurnsOnItsKingpin) {
    Corner c;
    c.kind = CornerKind::beam;
    c.at(H::hub) = {0, 760, 350};
    c.at(H::upper) = {-8, 690, 450};
    c.at(H::lower) = {8, 710, 250};
    c.at(H::rod_inner) = {-150, 0, 300};
    c.at(H::rod_outer) = {-150, 660, 300};
    c.camber = Angle::from_deg(1);
    const Changed rod = change(c, moved({}, 2.0));
    EXPECT_NEAR(rod.toe, 0.75, 0.05) << "behind the axle, longer is toe in";
    EXPECT_NEAR(rod.caster, 0.0, 1e-9) << "the kingpin stays";
    EXPECT_GT(std::abs(rod.camber), 0.001) << "and leans the wheel as it turns";
}

TEST(Suspension, AFixedWheelStaysAsItIs) {
    Corner c;
    c.kind = CornerKind::fixed;
    c.at(H::hub) = {0, 700, 300};
    c.toe = Angle::from_deg(0.2);
    EXPECT_NEAR(change(c, CornerMove()).toe, 0, 1e-12);
    EXPECT_FALSE(has_rod(c.kind));
}

}  // namespace
}  // namespace fairchalk
