// SPDX-License-Identifier: GPL-3.0-or-later
// Why it moved: on simulated corners with one thing moved by 1 to 6 mm, by the exact kinematics of joints
// that lie off the drawing.
#include "core/judge/causes.h"

#include <cmath>
#include <random>

#include <gtest/gtest.h>
#include <Eigen/Dense>

#include "core/judge/cause_cars.h"

namespace fairchalk {
namespace {

using testing::Score;
using testing::seen;

Corner another(CornerKind kind, std::mt19937_64& random) {
    Corner c = kind == CornerKind::strut ? sample_strut() : sample_wishbone();
    std::normal_distribution<double> off(0.0, 10.0);
    for (Hardpoint p : points_of(kind))
        if (p != Hardpoint::hub && p != Hardpoint::strut_low)
            for (int k = 0; k < 3; ++k) c.at(p)[k] += off(random);
    if (kind == CornerKind::strut) {
        // On the strut's axis, where it is drawn.
        const double along = 0.45 + 0.2 * std::uniform_real_distribution<double>()(random);
        c.at(Hardpoint::strut_low) =
            c.at(Hardpoint::lower) + (c.at(Hardpoint::top) - c.at(Hardpoint::lower)) * along;
    }
    return c;
}

Score score(CornerKind kind, int cars, std::uint64_t seed) {
    return testing::score(kind, RodSide::behind_axle, cars, seed,
                          [kind](std::mt19937_64& random) { return another(kind, random); });
}

void expect(const Score& s, double first, double three) {
    ::testing::Test::RecordProperty("first", std::to_string(s.share(s.first)));
    ::testing::Test::RecordProperty("in three", std::to_string(s.share(s.in_three)));
    ::testing::Test::RecordProperty("sure and right",
                                    std::to_string(static_cast<double>(s.sure_right) / std::max(1, s.sure)));
    std::printf("first %.3f, in three %.3f, sure %d, of them right %.3f\n", s.share(s.first),
                s.share(s.in_three), s.sure, static_cast<double>(s.sure_right) / std::max(1, s.sure));
    EXPECT_GE(s.share(s.first), first);
    EXPECT_GE(s.share(s.in_three), three);
    ASSERT_GT(s.sure, s.cars / 10);
    EXPECT_GE(static_cast<double>(s.sure_right) / s.sure, 0.88);
}

TEST(Causes, OneThingThatMovedAtAWishboneIsNamed) {
    expect(score(CornerKind::double_wishbone, 500, 1), 0.70, 0.95);
}
TEST(Causes, OneThingThatMovedAtAStrutIsNamed) {
    expect(score(CornerKind::strut, 500, 1), 0.65, 0.92);
}

TEST(Causes, WhereNothingMovedItSaysSo) {
    for (CornerKind kind : {CornerKind::double_wishbone, CornerKind::strut}) {
        std::mt19937_64 random(3);
        int said = 0;
        for (int car = 0; car < 500; ++car)
            said += why_it_moved(kind, RodSide::behind_axle,
                                 seen(another(kind, random), Cause::nothing, 0.0, random))[0]
                        .cause == Cause::nothing;
        RecordProperty(kind == CornerKind::strut ? "strut" : "wishbone", said);
        EXPECT_GE(said, 475) << name_of(kind);
    }
}

/// Both toes of an axle, read to 0.03 degrees, changed by so much; and what the rods' lengths did, in mm.
Changed toes(double left, double right, std::optional<double> left_rod = {}) {
    Changed out;
    out.rows = {{Side::left, Changed::What::toe, left},
                {Side::left, Changed::What::camber, 0.0},
                {Side::right, Changed::What::toe, right},
                {Side::right, Changed::What::camber, 0.0}};
    if (left_rod) out.rows.push_back({Side::left, Changed::What::rod, *left_rod});
    out.covariance = Eigen::MatrixXd::Identity(static_cast<Eigen::Index>(out.rows.size()),
                                               static_cast<Eigen::Index>(out.rows.size())) *
                     9e-4;
    // Steered wheels lean by their caster: camber says little here.
    out.covariance(1, 1) = out.covariance(3, 3) = 0.04;
    if (left_rod) out.covariance(4, 4) = 0.25;
    return out;
}

Explained of(const std::vector<Explained>& all, Cause cause) {
    for (const Explained& e : all)
        if (e.cause == cause) return e;
    return {};
}

TEST(WhyItMoved, BothCornersTellARodFromTheRack) {
    const auto one = why_it_moved(CornerKind::double_wishbone, RodSide::behind_axle, toes(0.9, 0.0));
    EXPECT_EQ(one[0].side, Side::left);
    EXPECT_NE(one[0].cause, Cause::rack_shift);
    const auto both = why_it_moved(CornerKind::double_wishbone, RodSide::behind_axle, toes(0.9, -0.9));
    // Both wheels steered alike: the rack, or all that it stands on turned. Toe alone does not part these.
    EXPECT_FALSE(both[0].side);
    EXPECT_FALSE(both[1].side);
    EXPECT_GT(of(both, Cause::rack_shift).probability, 0.1);
    EXPECT_GT(both[0].probability + both[1].probability, 0.8);
    const auto none = why_it_moved(CornerKind::strut, RodSide::behind_axle, toes(0.02, -0.01));
    EXPECT_EQ(none[0].cause, Cause::nothing);
    EXPECT_GT(none[0].probability, 0.8);
    double sum = 0.0;
    for (const Explained& e : none) sum += e.probability;
    EXPECT_NEAR(sum, 1.0, 1e-9);
}

TEST(WhyItMoved, TheRodsLengthTellsTheRodFromTheCar) {
    const auto kind = CornerKind::double_wishbone;
    const auto found = [&](const Changed& c) {
        double p = 0.0;
        for (const Explained& e : why_it_moved(kind, RodSide::behind_axle, c))
            if (e.cause == Cause::rod_length && e.side == Side::left) p = e.probability;
        return p;
    };
    const double unread = found(toes(0.9, 0.0)), as_before = found(toes(0.9, 0.0, 0.0)),
                 longer = found(toes(0.9, 0.0, 2.0));
    EXPECT_LT(as_before, 0.2 * unread) << "the rod is as long as it was";
    EXPECT_GT(longer, unread);
    EXPECT_GT(longer, 0.8);
}

TEST(WhyItMoved, TheSideOfTheRodsTurnsWhatItDoes) {
    // Sideways goes the rack; which way the wheels then steer hangs on where the rods run.
    const auto behind = why_it_moved(CornerKind::strut, RodSide::behind_axle, toes(0.6, -0.6)),
               ahead = why_it_moved(CornerKind::strut, RodSide::ahead_of_axle, toes(0.6, -0.6));
    EXPECT_LT(of(behind, Cause::rack_shift).by * of(ahead, Cause::rack_shift).by, 0.0);
}

TEST(WhyItMoved, SaysNothingWhereNothingWasReadTwiceOrTheKindIsNotKnown) {
    EXPECT_TRUE(why_it_moved(CornerKind::strut, RodSide::behind_axle, {}).empty());
    EXPECT_TRUE(why_it_moved(CornerKind::beam, RodSide::behind_axle, toes(0.5, 0.0)).empty());
    for (int c = 0; c < 18; ++c)
        EXPECT_EQ(cause_named(name_of(static_cast<Cause>(c))), static_cast<Cause>(c));
}

}  // namespace
}  // namespace fairchalk
