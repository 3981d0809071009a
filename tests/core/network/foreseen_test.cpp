// SPDX-License-Identifier: GPL-3.0-or-later
// What will be read at a spot, by all that was read: and what is asked about once before it is kept.
#include "core/network/foreseen.h"

#include <set>

#include <gtest/gtest.h>

#include "core/job/rig.h"
#include "core/true_rigs.h"
#include "words/words.h"

namespace fairchalk {
namespace {

using testing::SolidCar;
using testing::solved;

Quantity millimetres(double v) {
    return *read_quantity(write_exact(Length::from_mm(v)));
}

TEST(Foreseen, EachSpotOfEveryRigAsTheOthersTellIt) {
    std::mt19937 rng(4);
    int told = 0, off = 0;
    for (const Rig* rig : all_rigs()) {
        const SolidCar c = SolidCar::any(rng);
        const LinesSet lines = c.lines({std::string(rig->id)});
        const auto log = c.log(lines, rng, 0.2, 0.05);
        const Job job = job_of(log);
        EstimateOptions as_of_now;
        as_of_now.as_of_now = true;
        for (std::size_t i = 0; i < log.size(); ++i) {
            const Reading* r = std::get_if<Reading>(&log[i].event);
            if (!r) continue;
            as_of_now.without = i;
            const auto there = foreseen(job, estimate(job, as_of_now), *r);
            if (!there) continue;
            ++told;
            EXPECT_GT(there->sigma, 0.0);
            off += std::abs(r->value.value - there->value) > 3.0 * there->sigma;
            EXPECT_LT(std::abs(r->value.value - there->value), 6.0 * there->sigma)
                << rig->id << ' ' << r->spot.name() << " foreseen " << there->value << " ± " << there->sigma;
        }
    }
    EXPECT_GE(told, 20);
    EXPECT_LE(off, told / 50 + 1);
}

TEST(Foreseen, WhatWasReadIsReadAgainAndATurnMovesIt) {
    const testing::TrueCar c;
    CarCard card = testing::card_of(c);
    card.adjusters = {testing::rod_at(Wheel::front_left, RodSide::behind_axle)};
    auto log = testing::begun(c, card);
    testing::read_round(log, c, 0.2);
    EstimateOptions as_of_now;
    as_of_now.as_of_now = true;
    const Spot lip = wheel_spot(ReadingId::rim_front, Wheel::front_left);
    const Reading like = testing::reading(lip, 0.0, 0.2);
    const auto before = foreseen(job_of(log), estimate(job_of(log), as_of_now), like);
    ASSERT_TRUE(before);
    EXPECT_NEAR(before->value, c.exact(lip), 0.1);
    EXPECT_LT(before->sigma, 0.4);
    // A turn on an arm behind the axle toes it in: the front lip goes from its string.
    Turn t;
    t.adjuster = "rod-fl";
    t.turns = 1.0;
    log.push_back(testing::entry("turned", t));
    log.push_back(testing::entry("next", RoundOpened{}));
    testing::TrueCar turned = c;
    turned.toe[0] += std::asin(1.5 / 132) / one_degree;
    const Job job = job_of(log);
    const auto after = foreseen(job, estimate(job, as_of_now), like);
    ASSERT_TRUE(after);
    EXPECT_NEAR(after->value, turned.exact(lip), 0.1);
    // An eighth of a turn, a third of a millimetre, is news; what no turn explains is asked about.
    const Within there = expected_at(*after, QuantityKind::length);
    EXPECT_FALSE(doubt_of(there, millimetres(after->value + 3.0), "x"));
    const auto slip =
        doubt_of(there, millimetres(10.0 * after->value), write_exact(Length::from_mm(10.0 * after->value)));
    ASSERT_TRUE(slip);
    ASSERT_FALSE(slip->meant.empty());
    EXPECT_NEAR(read_quantity(slip->meant.front())->value, after->value, 0.01);
    // Before a shake the tires hold back what nobody knows.
    Reading held = like;
    held.before_shake = true;
    EXPECT_FALSE(foreseen(job, estimate(job, as_of_now), held));
}

TEST(Foreseen, NothingWhereTheOthersDoNotTellIt) {
    const testing::TrueCar c;
    auto log = testing::begun(c, testing::card_of(c));
    const Spot lip = wheel_spot(ReadingId::rim_front, Wheel::front_left);
    const Reading like = testing::reading(lip, 0.0, 0.2);
    EXPECT_FALSE(foreseen(job_of(log), solved(log), like));
    EXPECT_FALSE(foreseen(job_of({}), solved({}), like));
    testing::read_round(log, c, 0.2, nullptr, {wheel_spot(ReadingId::rim_rear, Wheel::rear_right)});
    EXPECT_FALSE(foreseen(job_of(log), solved(log), like)) << "another string";
}

TEST(Foreseen, TheQuestionSaysHowFarOffAndWhatMayBeMeantInTheUnitThatWasTyped) {
    const Within there{117.5, 119.5, 4.0};
    const auto asked = [&](const std::string& text, Bare bare = Bare::mm) {
        const auto d = doubt_of(there, *read_quantity(text, {Expect::Kind::length, bare}), text);
        return d ? words::sentence(d->question) : std::string();
    };
    EXPECT_EQ(asked("114"), "");
    EXPECT_EQ(asked("123.4"), "");
    EXPECT_EQ(asked("1190"),
              "“1190” lies 1100 mm from what is expected there: look once more. Perhaps 119 mm?");
    EXPECT_EQ(asked("191"), "“191” lies 72 mm from what is expected there: look once more.");
    EXPECT_EQ(asked("109"), "“109” lies 8.5 mm from what is expected there: look once more.");
    EXPECT_EQ(asked("7 1/2", Bare::inch), "“7 1/2” lies 2.8 in from what is expected there: look once more.");
    EXPECT_EQ(asked("4 5/8", Bare::inch), "");
    EXPECT_EQ(asked("45 17/32", Bare::inch),
              "“45 17/32” lies 41 in from what is expected there: look once more.");
    EXPECT_EQ(asked("-118 mm"),
              "“-118 mm” lies 240 mm from what is expected there: look once more. Perhaps 118 mm?");
    // Degrees, where the gauge's sign was left out.
    const auto lean = doubt_of(Within{-2.0, -2.0, 1.5}, *read_quantity("2 deg"), "2 deg");
    ASSERT_TRUE(lean);
    EXPECT_EQ(lean->meant.front(), "-2 deg");
}

}  // namespace
}  // namespace fairchalk
