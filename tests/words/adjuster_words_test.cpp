// SPDX-License-Identifier: GPL-3.0-or-later
#include <set>

#include <gtest/gtest.h>

#include "core/car/adjuster.h"
#include "words/words.h"

namespace fairchalk::words {
namespace {

Adjuster device(std::string_view kind, Wheel wheel = Wheel::front_left) {
    Adjuster d;
    d.id = "it";
    d.kind = kind;
    d.wheel = wheel;
    d.pushes_in = d.runs_behind = d.upper_arm = Told::no;
    return d;
}

TEST(AdjusterWords, ASteeringWheelThatNothingTellsOfIsSaidToMove) {
    Plan plan;
    plan.next = NextStep::turn;
    CarCard car;
    const auto toes = [&](Wheel w, double deg) {
        plan.change[static_cast<std::size_t>(index_of(w))][index_of(WheelAngle::toe)] =
            Plan::Change{Angle::from_deg(deg), {}, false};
    };
    toes(Wheel::front_left, -0.083);
    EXPECT_NE(wheel_moved_along(plan, car).find("about 0.7° to the right"), std::string::npos)
        << wheel_moved_along(plan, car);
    toes(Wheel::front_right, -0.083);
    EXPECT_EQ(wheel_moved_along(plan, car), "") << "both alike";
    // The rear axle counts too, and the ratio of the card.
    toes(Wheel::rear_left, 0.1);
    car.steering_ratio = 20.0;
    EXPECT_NE(wheel_moved_along(plan, car).find("about 1.0° to the right"), std::string::npos)
        << wheel_moved_along(plan, car);
    plan.steering_before.known = true;
    EXPECT_EQ(wheel_moved_along(plan, car), "");
}

TEST(AdjusterWords, EveryKindHasAllItsWords) {
    std::set<std::string> names, whys;
    for (const AdjusterKind* kind : adjuster_kinds()) {
        const Adjuster d = device(kind->name());
        EXPECT_TRUE(names.insert(words::adjuster(d)).second) << words::adjuster(d);
        // A toe link is a tie rod by another name.
        if (d.kind != toe_link_kind) {
            EXPECT_TRUE(whys.insert(why_this_way(d, true)).second) << "each says what it does";
        }
        EXPECT_FALSE(loosen(d).empty());
        EXPECT_FALSE(locking(d).empty());
        const auto handles = kind->handles(d);
        for (std::size_t h = 0; h < handles.size(); ++h) {
            const double more[2] = {h == 0 ? 1.5 : 0.0, h == 1 ? 1.5 : 0.0};
            const std::string up = device_amounts(d, more[0], more[1]),
                              down = device_amounts(d, -more[0], -more[1]);
            EXPECT_NE(up, down) << kind->name() << ": which way is said, not only how much";
            EXPECT_EQ(up.find('-'), std::string::npos) << up << ": never a bare sign";
            EXPECT_EQ(up.find('{'), std::string::npos) << up;
            EXPECT_NE(up.find_first_of("0123456789"), std::string::npos) << up;
            EXPECT_EQ(handles.size() > 1, !handle_name(d, static_cast<int>(h)).empty());
        }
        EXPECT_TRUE(device_amounts(d, 0, 0).empty()) << "nothing to do, nothing said";
    }
}

TEST(AdjusterWords, SayWhichCornerAndWhatHangsOnASpringIsCautioned) {
    EXPECT_EQ(words::adjuster(device("shim-pair", Wheel::front_right)), "Right front upper-arm shims");
    EXPECT_EQ(words::adjuster(device("trailing-arm-shims", Wheel::rear_left)),
              "Left rear trailing-arm shims");
    Adjuster cam = device("cam");
    cam.bolt = "rear";
    cam.upper_arm = Told::yes;
    EXPECT_EQ(words::adjuster(cam), "Left front upper rear cam bolt");
    EXPECT_EQ(words::adjuster(device("cross-tube")), "Tie tube");
    EXPECT_EQ(words::adjuster(device("magnets")), "it") << "a kind that is only kept goes by its id";
    for (const char* sprung : {"shim-pair", "spanning-shims", "adjustable-arm", "trailing-arm-shims",
                               "strut-top", "upper-joint-slot"})
        EXPECT_FALSE(caution(device(sprung), CarCard{}).empty()) << sprung;
    EXPECT_TRUE(caution(device("drag-link"), CarCard{}).empty());
    EXPECT_NE(caution(device("strut-top"), CarCard{}).find("middle"), std::string::npos)
        << "the nut that must not be undone";
    // On blocks there is no spring to mind; that nut still stays on.
    CarCard blocks;
    blocks.no_springs = true;
    for (const char* sprung :
         {"shim-pair", "spanning-shims", "adjustable-arm", "trailing-arm-shims", "upper-joint-slot"})
        EXPECT_TRUE(caution(device(sprung), blocks).empty()) << sprung;
    EXPECT_FALSE(caution(device("strut-top"), blocks).empty());
}

TEST(AdjusterWords, SayNutByNutWhatHoldsAndWhichWay) {
    // A rod between two nuts does not turn: one is backed off, the other follows.
    const Adjuster radius = device("radius-rod");
    EXPECT_NE(words::how_to_rotate(radius, true).find("free end off"), std::string::npos);
    EXPECT_NE(words::how_to_rotate(radius, false).find("arm's side of the bush off"), std::string::npos);
    Adjuster both = radius;
    both.double_ended = true;
    both.thread = Thread::right;
    EXPECT_EQ(words::how_to_rotate(both, true).find("nut"), std::string::npos) << "that one turns";
    EXPECT_NE(words::loosen(both).find("left-hand"), std::string::npos);
    // A tube has two ends, and one of them is named.
    Adjuster tube = device("cross-tube", Wheel::front_right);
    tube.thread = Thread::right;
    EXPECT_NE(words::how_to_rotate(tube, true).find("right end"), std::string::npos);
    EXPECT_NE(words::loosen(tube).find("damper"), std::string::npos);
    Adjuster sleeve;
    sleeve.kind = steering_rod_kind;
    sleeve.wheel = Wheel::front_left;
    EXPECT_EQ(words::loosen(sleeve).find("left-hand"), std::string::npos);
    sleeve.double_ended = true;
    EXPECT_NE(words::loosen(sleeve).find("left-hand"), std::string::npos);
    // At a strut both bolts hold, and what leans is the upright.
    Adjuster bolt = device("cam");
    bolt.bolt = "strut-upper";
    EXPECT_NE(words::loosen(bolt).find("both strut bolts"), std::string::npos);
}

TEST(AdjusterWords, WhatHasAThreadSaysWhichWayToRotateIt) {
    for (const char* kind : {"adjustable-arm", "radius-rod", "cross-tube", "drag-link"}) {
        Adjuster d = device(kind);
        EXPECT_EQ(how_to_rotate(d, true).find("clockwise"), std::string::npos) << "the hand is not guessed";
        d.thread = Thread::right;
        const std::string from = adjuster_kind(kind)->across() ? "its left end" : "its end at the wheel";
        EXPECT_EQ(how_to_rotate(d, true), "clockwise, as seen along it from " + from);
        EXPECT_EQ(how_to_rotate(d, false), "counterclockwise, as seen along it from " + from);
        d.thread = Thread::left;
        EXPECT_TRUE(how_to_rotate(d, true).starts_with("counterclockwise"));
        bool asked = false;
        for (const DeviceField& f : adjuster_kind(kind)->fields())
            asked = asked || (std::holds_alternative<DeviceField::Hand>(f.what) && f.asks);
        EXPECT_TRUE(asked) << kind;
    }
}

TEST(AdjusterWords, AmountsInTheirUnits) {
    EXPECT_EQ(thickness(Length::from_mm(0.25)), "0.25 mm");
    EXPECT_EQ(thickness(Length::from_mm(1.5)), "1.5 mm");
    EXPECT_EQ(thickness(Length::from_mm(2)), "2 mm");
    EXPECT_EQ(thickness(Length::from_mm(0.05)), "0.05 mm");
    EXPECT_EQ(amount(-15, HandleUnit::degree), "15°");
    EXPECT_EQ(amount(0.875, HandleUnit::turn), "7/8 turn");
    Show inches;
    inches.lengths = Show::LengthStyle::inch;
    EXPECT_NE(thickness(Length::from_mm(1.5875), inches).find("1/16 in"), std::string::npos);
    EXPECT_EQ(device_amounts(device("shim-pair"), 1.5, -0.25),
              "add 1.5 mm at the front bolt, take out 0.25 mm at the rear bolt");
}

TEST(AdjusterWords, ShimsGoFromWhereToWhere) {
    CarCard car;
    Adjuster d = device("shim-pair");
    d.id = "shims-fl";
    car.adjusters = {d};
    const auto of = [&](const char* turned, std::vector<ShimMove> shims) {
        PlannedTurn t;
        t.adjuster = turned;
        t.shims = std::move(shims);
        return shim_moves(t, car);
    };
    const ShimPlace tin, front{"shims-fl", "front"}, rear{"shims-fl", "rear"}, both{"shims-fl", "both"};
    const auto said = [&](const ShimPlace& from, const ShimPlace& to, int n, bool spans = false,
                          const char* turned = "shims-fl") {
        return of(turned, {{{Length::from_mm(0.5), n, spans}, from, to}}).at(0);
    };
    EXPECT_EQ(said(tin, front, 1), "tin → front bolt: 0.5 mm");
    EXPECT_EQ(said(rear, tin, 3), "rear bolt → tin: 3 of 0.5 mm");
    EXPECT_EQ(said(tin, both, 1, true), "tin → across both bolts: 0.5 mm");
    EXPECT_EQ(said(rear, tin, 1, false, "shims-fr"), "left front, rear bolt → tin: 0.5 mm");
    // Those on a trailing arm go from one of its sides to the other.
    EXPECT_EQ(said({"shims-fl", "inner"}, {"shims-fl", "outer"}, 2),
              "inner side of the arm → outer side of the arm: 2 of 0.5 mm");
    // Those that go the same way are one line.
    const auto lines = of("shims-fl", {{{Length::from_mm(1), 2, false}, tin, front},
                                       {{Length::from_mm(1), 1, false}, rear, tin},
                                       {{Length::from_mm(0.5), 1, false}, tin, front}});
    ASSERT_EQ(lines.size(), 2u);
    EXPECT_EQ(lines[0], "tin → front bolt: 2 of 1 mm, 0.5 mm");
}

TEST(AdjusterWords, ATurnThatDidSomethingElse) {
    CarCard car;
    Adjuster rod;
    rod.kind = steering_rod_kind;
    rod.wheel = Wheel::front_left;
    rod.id = "rod-fl";
    rod.wheel = Wheel::front_left;
    car.adjusters = {rod};
    TurnDoubt d;
    d.adjuster = "rod-fl";
    d.expected = Angle::from_deg(0.5);
    d.happened = Angle::from_deg(-0.5);
    std::set<std::string> all;
    for (int w = 0; w <= static_cast<int>(OtherTurn::unexplained); ++w) {
        d.what = static_cast<OtherTurn>(w);
        const std::string s = turn_doubt(d, car);
        EXPECT_TRUE(all.insert(s).second) << s;
        EXPECT_TRUE(
            s.starts_with("Left tie rod: the wheel should have toed in by 0°30', and toed out by 0°30'."))
            << s;
        EXPECT_EQ(s.find('\n'), std::string::npos);
    }
    // Of a device, by the angle where it shows.
    Adjuster shims = device("shim-pair");
    shims.id = "shims-fl";
    car.adjusters.emplace_back(shims);
    d.adjuster = "shims-fl";
    d.what = OtherTurn::other_handle;
    d.angle = WheelAngle::camber;
    EXPECT_EQ(
        turn_doubt(d, car),
        "Left front upper-arm shims: the wheel should have leaned out by 0°30' at its top, and leaned in "
        "by 0°30' at its top. It would fit if front and rear bolt were swapped.");
    d.angle = WheelAngle::caster;
    d.what = OtherTurn::other_side;
    EXPECT_NE(turn_doubt(d, car).find("gained 0°30' of caster, and lost 0°30' of caster"), std::string::npos)
        << turn_doubt(d, car);
    EXPECT_NE(turn_doubt(d, car).find("on the other side"), std::string::npos);
    d.happened = Angle();
    EXPECT_NE(turn_doubt(d, car).find("did not move"), std::string::npos);
}

}  // namespace
}  // namespace fairchalk::words
