// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/written_card.h"

#include <gtest/gtest.h>

namespace fairchalk::book {
namespace {

WrittenCard tarnby() {
    return WrittenCard(Json::parse(R"({
        "name": "Tarnby", "wheelbase": "2565 mm", "ours": {"of a later version": 1},
        "front": {"suspension": "double-wishbone"},
        "adjusters": [{"id": "mine", "kind": "toe-link", "wheel": "rear-left", "pitch": "1.5 mm", "odd": true}],
        "setups": {"road": {"front": {"toe": {"aim": "0 deg"}}, "source": "page 212"}, "track": {}}
    })"));
}

TEST(WrittenCard, WhatItDoesNotKnowStaysThroughEveryEdit) {
    WrittenCard card = tarnby();
    card.put({"front", "track"}, "1470 mm");
    card.put_of_adjuster("mine", {"pitch"}, "18 tpi");
    card.put_of_rods("rod", "behind-axle");
    card.adjusted_by(Wheel::front_left, "camber", "shims");
    card.looked({{"mine", "rod", "ahead-of-axle"}});
    card.put_torque("wheel nuts", "110 Nm");
    card.add_note("creaks");
    EXPECT_EQ(card.json()["ours"]["of a later version"], 1);
    EXPECT_EQ(*card.of_adjuster("mine", {"odd"}), true);
    const CarCard read = card.card();
    EXPECT_NEAR(read.axle(Axle::front).track->mm(), 1470, 1e-9);
    EXPECT_NEAR(read.rod("mine")->pitch->mm(), 25.4 / 18, 1e-9) << "in its own terms on the card";
    EXPECT_EQ(*card.of_adjuster("mine", {"pitch"}), "18 tpi");
    EXPECT_EQ(read.rod("mine")->rod, RodSide::ahead_of_axle);
}

TEST(WrittenCard, RodsAreMadeOnceAndSaidOfTogether) {
    WrittenCard card = tarnby();
    EXPECT_FALSE(card.of_rods("pitch"));
    card.put_of_rods("rod", "behind-axle");
    card.put_of_rods("pitch", "1.5 mm");
    const CarCard read = card.card();
    ASSERT_TRUE(read.rod_at(Wheel::front_left) && read.rod_at(Wheel::front_right));
    EXPECT_EQ(read.rod_at(Wheel::front_right)->rod, RodSide::behind_axle);
    EXPECT_EQ(read.adjusters.size(), 3u);
    EXPECT_EQ(*card.of_rods("pitch"), "1.5 mm");
}

TEST(WrittenCard, WhatAnAngleIsAdjustedByMakesAdjustersAndUnmakesThem) {
    WrittenCard card = tarnby();
    const auto can = card.choices_for(Wheel::front_left, "camber");
    ASSERT_FALSE(can.empty());
    card.adjusted_by(Wheel::front_left, "camber", std::string(can.front().choice.word));
    ASSERT_EQ(card.card().adjusters.size(), 2u);
    EXPECT_EQ(card.card().adjusters.back().kind, can.front().kind->name());
    card.adjusted_by(Wheel::front_left, "camber", "none");
    const CarCard read = card.card();
    EXPECT_EQ(read.adjusters.front().id, "mine") << "what a person put there stays";
    EXPECT_EQ(card.json()["adjusters"].back()["kind"], "none");
    card.adjusted_by(Wheel::front_left, "camber", "rods");
    EXPECT_EQ(card.json()["adjusters"].size(), 1u);
}

/// What adjusts the toe, by kind and wheel, in order.
std::vector<std::string> toe_by(const WrittenCard& card) {
    std::vector<std::string> out;
    for (const Adjuster& a : card.card().adjusters)
        out.push_back(a.kind + (a.wheel ? " " + std::string(name_of(*a.wheel)) : ""));
    std::sort(out.begin(), out.end());
    return out;
}

TEST(WrittenCard, ATubeTakesThePlaceOfBothRodsAndTheyComeBackAsTheyWere) {
    WrittenCard card(Json::parse(R"({"name": "a truck", "front": {"suspension": "beam"}, "adjusters": [
        {"id": "rod-fl", "kind": "steering-rod", "wheel": "front-left", "step": "1/8 turn", "pitch": "1.5 mm"},
        {"id": "his", "kind": "steering-rod", "wheel": "front-right", "odd": 1}]})"));
    const Json before = card.json()["adjusters"];
    card.adjusted_by(Wheel::front_left, "toe", "tube");
    EXPECT_EQ(toe_by(card), (std::vector<std::string>{"cross-tube front-right", "drag-link front-left"}));
    EXPECT_EQ(*card.at({"adjust", "front-right", "toe"}), "tube") << "it joins both wheels";
    for (const char* id : {"cross-tube", "drag-link"})
        EXPECT_EQ(*card.of_adjuster(id, {"double_ended"}), true) << "turned in its place";
    // Of the other wheel it is told otherwise: then there is no tube.
    card.adjusted_by(Wheel::front_right, "toe", "rods");
    EXPECT_EQ(card.json()["adjusters"], before);
    EXPECT_EQ(*card.at({"adjust", "front-left", "toe"}), "rods");
    // And the tube as it was told, too.
    card.adjusted_by(Wheel::front_right, "toe", "tube");
    card.put_of_adjuster("drag-link", {"pitch"}, "2 mm");
    card.adjusted_by(Wheel::front_right, "toe", "rods");
    card.adjusted_by(Wheel::front_left, "toe", "tube");
    EXPECT_EQ(*card.of_adjuster("drag-link", {"pitch"}), "2 mm");
}

TEST(WrittenCard, ByRodsOrLinksThereIsOneAndByNothingThereIsNone) {
    WrittenCard card(Json::parse(R"({"name": "a car", "adjusters": []})"));
    card.adjusted_by(Wheel::rear_right, "toe", "rods");
    EXPECT_EQ(toe_by(card), std::vector<std::string>{"toe-link rear-right"});
    card.adjusted_by(Wheel::front_left, "toe", "rods");
    EXPECT_EQ(toe_by(card), (std::vector<std::string>{"steering-rod front-left", "toe-link rear-right"}));
    card.adjusted_by(Wheel::rear_right, "toe", "none");
    EXPECT_EQ(toe_by(card), (std::vector<std::string>{"none rear-right", "steering-rod front-left"}));
    card.adjusted_by(Wheel::rear_right, "toe", "cams");
    EXPECT_EQ(toe_by(card), (std::vector<std::string>{"cam rear-right", "steering-rod front-left"}));
    // Another angle of the same wheel is another thing.
    card.adjusted_by(Wheel::front_left, "camber", "none");
    EXPECT_TRUE(card.card().rod_at(Wheel::front_left));
}

TEST(WrittenCard, AToeIsEitherTotalOrEach) {
    WrittenCard card = tarnby();
    const auto total = target_from_text("toe", "0°08' in ±0°15'");
    ASSERT_TRUE(total);
    card.put_aim("road", "front", *total);
    EXPECT_TRUE(card.at({"setups", "road", "front", "total_toe"}));
    EXPECT_FALSE(card.at({"setups", "road", "front", "toe"}));
    EXPECT_FALSE(card.aims_of("road").contains("source")) << "a source is no aim";
    EXPECT_TRUE(card.at({"setups", "road", "source"}));
    EXPECT_EQ(card.set_up(), "road");
    EXPECT_EQ(card.set_ups(), (std::vector<std::string>{"road", "track"}));
    card.put({"setup_in_use"}, "track");
    EXPECT_EQ(card.set_up(), "track");
    EXPECT_TRUE(card.aims_of("wet").empty());
}

TEST(WrittenCard, ShimsAreSaidAsTheyAreRead) {
    for (const char* text : {"4 of 0.5 mm, 2 of 1 mm, 2 mm across", "none", "1/32 in"})
        EXPECT_EQ(text_of_shims(*shims_of(text, Bare::mm)), text);
    for (const char* wrong : {"4 of", "-1 of 2 mm", "0 mm", "x", "600 of 1 mm"})
        EXPECT_FALSE(shims_of(wrong, Bare::mm)) << wrong;
}

}  // namespace
}  // namespace fairchalk::book
