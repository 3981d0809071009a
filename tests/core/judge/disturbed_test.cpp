// SPDX-License-Identifier: GPL-3.0-or-later
// What a repair will disturb.
#include "core/judge/disturbed.h"

#include <gtest/gtest.h>

namespace fairchalk {
namespace {

TEST(Disturbed, WhatHasOneSeatComesBackWhereItWas) {
    for (CornerKind kind : {CornerKind::double_wishbone, CornerKind::strut})
        for (Joint j : {Joint::wheel, Joint::hub, Joint::ball_joint, Joint::tie_rod_end})
            EXPECT_FALSE(disturbed_by(kind, RodSide::behind_axle, std::array{j}).any()) << name_of(j);
}

TEST(Disturbed, ATurnOfARodIsToeAndAStrutsTopIsCamberFirst) {
    const auto rod = disturbed_by(CornerKind::strut, RodSide::behind_axle, std::array{Joint::tie_rod_thread});
    EXPECT_GT(rod.toe, 0.5);  // 1.5 mm on an arm of some 130 mm: 0.65 degrees
    EXPECT_LT(rod.toe, 1.0);
    EXPECT_LT(rod.camber, 0.2 * rod.toe);
    const auto top = disturbed_by(CornerKind::strut, RodSide::behind_axle, std::array{Joint::strut_top});
    EXPECT_GT(top.camber, 0.1);
    EXPECT_GT(top.caster, 0.1);
    EXPECT_FALSE(top.other_side);
}

TEST(Disturbed, MoreJointsMoveMoreAndASubframeTakesTheOtherSideAlong) {
    const auto one =
        disturbed_by(CornerKind::double_wishbone, RodSide::ahead_of_axle, std::array{Joint::upper_arm_bolts});
    const auto two = disturbed_by(CornerKind::double_wishbone, RodSide::ahead_of_axle,
                                  std::array{Joint::upper_arm_bolts, Joint::subframe_bolts});
    EXPECT_GT(two.toe, one.toe);
    EXPECT_GE(two.camber, one.camber);
    EXPECT_TRUE(two.other_side);
    EXPECT_FALSE(one.other_side);
}

TEST(Disturbed, AnotherWayMovesLess) {
    for (CornerKind kind : {CornerKind::double_wishbone, CornerKind::strut})
        for (Joint j : joints_of(kind)) {
            EXPECT_EQ(joint_named(name_of(j)), j);
            const auto other = spares(j, kind);
            if (!other) continue;
            EXPECT_FALSE(disturbed_by(kind, RodSide::behind_axle, std::array{*other}).any()) << name_of(j);
            EXPECT_TRUE(disturbed_by(kind, RodSide::behind_axle, std::array{j}).any()) << name_of(j);
        }
}

}  // namespace
}  // namespace fairchalk
