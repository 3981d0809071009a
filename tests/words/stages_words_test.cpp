// SPDX-License-Identifier: GPL-3.0-or-later
#include <set>

#include <gtest/gtest.h>

#include "core/job/floor.h"
#include "core/reading/plausible.h"
#include "words/words.h"

namespace fairchalk {
namespace {

template <class E, class F>
void each_has_its_own_words(E last, F&& words_of) {
    std::set<std::string> seen;
    for (int i = 0; i <= index_of(last); ++i) {
        const std::string text = words_of(static_cast<E>(i));
        EXPECT_FALSE(text.empty()) << i;
        EXPECT_TRUE(seen.insert(text).second) << text << " is said of two things";
    }
}

TEST(ReadyWords, EachStateAndEventHasItsOwn) {
    each_has_its_own_words(CheckState::not_applicable, [](CheckState s) { return words::check_state(s); });
    each_has_its_own_words(PartState::refitted, [](PartState s) { return words::part_state(s); });
    each_has_its_own_words(Suspension::multi_link, [](Suspension s) { return words::suspension(s); });
    // Turns are turns, whatever they turned.
    std::set<std::string> seen;
    for (int i = 0; i <= index_of(Happening::tiles_placed); ++i) {
        const auto h = static_cast<Happening>(i);
        if (h == Happening::turned_other || h == Happening::turned_device) continue;
        EXPECT_TRUE(seen.insert(words::happening(h)).second) << words::happening(h);
    }
}

TEST(ReadyWords, TheSteeringWheelHasASideAndNeverABareSign) {
    const Show how;
    EXPECT_EQ(words::wheel_off(Angle::from_deg(6), how), "6°00' to the right");
    EXPECT_EQ(words::wheel_off(Angle::from_deg(-3.5), how), "3°30' to the left");
    EXPECT_EQ(words::wheel_off(Angle(), how), "straight");
    Show decimal;
    decimal.angles = Show::AngleStyle::decimal;
    EXPECT_EQ(words::wheel_off(Angle::from_deg(-3.5), decimal), "3.50° to the left");
}

TEST(ReadyWords, SpotsOfTheFloorAndTheCheckOverAreToldApart) {
    std::set<std::string> names;
    for (const Spot& s : floor_legs()) EXPECT_TRUE(names.insert(words::spot(s)).second) << words::spot(s);
    for (const Spot& s : floor_spots()) EXPECT_TRUE(names.insert(words::spot(s)).second) << words::spot(s);
    for (ReadingId kind : {ReadingId::ride_height, ReadingId::pressure, ReadingId::rod_length,
                           ReadingId::thread_exposed, ReadingId::rim_runout, ReadingId::tire_bulge})
        for (Wheel w : all_wheels) {
            Spot s = wheel_spot(kind, w);
            EXPECT_TRUE(names.insert(words::spot(s)).second) << words::spot(s);
            s.rolled = true;
            if (kind == ReadingId::rim_runout || kind == ReadingId::tire_bulge) {
                EXPECT_TRUE(names.insert(words::spot(s)).second) << words::spot(s);
            }
        }
    EXPECT_EQ(words::spot(floor_legs()[0]), "from left front to right front");
}

TEST(ReadyWords, CornersAreNamedAsAPersonSaysThem) {
    EXPECT_EQ(words::sentence({Code::corner_low, {"front-left", "12.0 mm", "10.0 mm"}}),
              "left front: 12.0 mm lower than the card says (tolerance 10.0 mm)");
    EXPECT_EQ(words::sentence({Code::corner_sides_differ, {"rear", "0.30 bar", "0.10 bar"}}),
              "rear axle: left and right differ by 0.30 bar more than they should (tolerance 0.10 bar)");
}

TEST(ReadyWords, ADoubtSaysWhatWasReadWhatIsUsualAndWhatMayBeMeant) {
    const auto q = read_quantity("90", {Expect::Kind::pressure, Bare::bar});
    const auto doubt = doubt_of(Bounded::pressure, *q, "90");
    ASSERT_TRUE(doubt);
    const std::string text = words::sentence(doubt->question);
    for (const char* part : {"“90”", "a tire's pressure", "0.4 to 6.5 bar", "90 psi"})
        EXPECT_NE(text.find(part), std::string::npos) << text << " lacks " << part;
    // In the unit that it was typed in.
    const auto in_inches = doubt_of(Bounded::wheelbase, *read_quantity("16 3/8 in"), "16 3/8 in");
    ASSERT_TRUE(in_inches);
    EXPECT_NE(words::sentence(in_inches->question).find("35 to 276 in"), std::string::npos)
        << words::sentence(in_inches->question);
    const auto slipped = doubt_of(Bounded::rim_span, *read_quantity("-16 in"), "-16 in");
    ASSERT_TRUE(slipped);
    EXPECT_EQ(slipped->meant.front(), "16 in");
    const auto negative = doubt_of(Bounded::track, *read_quantity("-1470 mm"), "-1470 mm");
    ASSERT_TRUE(negative);
    EXPECT_NE(words::sentence(negative->question).find("below zero"), std::string::npos);
    EXPECT_EQ(usual_range(Bounded::steering_ratio), (std::pair<std::string, std::string>("5", "40")));
}

struct Typed {
    const char* text;
    QuantityKind kind;
    double value;
};
class PressuresAndTorques : public ::testing::TestWithParam<Typed> {};
TEST_P(PressuresAndTorques, AreReadAsPeopleWriteThem) {
    const auto q = read_quantity(GetParam().text);
    ASSERT_TRUE(q) << GetParam().text << ": " << words::sentence(q.error());
    EXPECT_EQ(q->kind, GetParam().kind);
    EXPECT_NEAR(q->value, GetParam().value, 1e-3) << GetParam().text;
    const auto again = read_quantity(q->text);
    ASSERT_TRUE(again) << q->text;
    EXPECT_NEAR(again->value, q->value, 1e-12);
    EXPECT_EQ(q->text.find("lbft"), std::string::npos) << "as it is written on a card";
}
INSTANTIATE_TEST_SUITE_P(Typed, PressuresAndTorques,
                         ::testing::Values(Typed{"2.2 bar", QuantityKind::pressure, 2.2},
                                           Typed{"2,2 bar", QuantityKind::pressure, 2.2},
                                           Typed{"32 psi", QuantityKind::pressure, 2.2063},
                                           Typed{"220 kPa", QuantityKind::pressure, 2.2},
                                           Typed{"55 Nm", QuantityKind::torque, 55},
                                           Typed{"55 N m", QuantityKind::torque, 55},
                                           Typed{"40 lb ft", QuantityKind::torque, 54.233},
                                           Typed{"40 ft lb", QuantityKind::torque, 54.233}));

TEST(PressuresAndTorques, DoNotMixWithLengthsAndSayWhatBelongs) {
    EXPECT_FALSE(read_quantity("2 bar and 3 mm"));
    EXPECT_FALSE(read_quantity("2 bar in")) << "toe is no pressure";
    const auto wrong = read_quantity("3 mm", {Expect::Kind::pressure, Bare::bar});
    ASSERT_FALSE(wrong);
    EXPECT_NE(words::sentence(wrong.error()).find("2.2 bar"), std::string::npos);
    const auto torque = read_quantity("2 bar", {Expect::Kind::torque, Bare::nm});
    ASSERT_FALSE(torque);
    EXPECT_NE(words::sentence(torque.error()).find("55 Nm"), std::string::npos);
    EXPECT_FALSE(read_quantity("5000 bar"));
    EXPECT_FALSE(read_quantity("99999 Nm"));
    EXPECT_EQ(show_pressure(2.2), "2.20 bar");
    EXPECT_EQ(show_pressure(2.2063, {{}, Show::LengthStyle::inch}), "32.0 psi");
    EXPECT_EQ(write_exact_bar(2.2), "2.2 bar");
}

}  // namespace
}  // namespace fairchalk
