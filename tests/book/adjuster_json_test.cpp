// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/adjuster_json.h"

#include <gtest/gtest.h>

#include "book/job_file.h"
#include "core/car/adjuster.h"

namespace fairchalk::book {
namespace {

Adjuster read(const char* text) {
    const Json json = parse_json(text);
    return adjuster_from(Node(json, "adjusters[0]"));
}

/// As written, it reads back and writes the same.
Adjuster back(const char* text) {
    const Adjuster a = read(text);
    const Json once = json_of(a);
    EXPECT_EQ(json_of(adjuster_from(Node(once, "again"))), once) << once;
    return a;
}

TEST(AdjusterJson, EveryKindReadsBackAsItself) {
    const Adjuster shims =
        back(R"({"id":"s","kind":"shim-pair","wheel":"front-left","pushes":"in","joint_height":"320 mm",
        "bolt_spacing":"280 mm","stacks":{"front":["1 mm",{"thickness":"0.5 mm","count":3}],"rear":[{"thickness":"2 mm","spans":true}]},
        "range":{"least":"-3 mm","most":"4 mm"},"step":"0.25 mm"})");
    EXPECT_EQ(shims.pushes_in, Told::yes);
    EXPECT_EQ(shims.stacks[0].size(), 2u);
    EXPECT_EQ(shims.stacks[0][1].count, 3);
    EXPECT_TRUE(shims.stacks[1][0].spans);
    EXPECT_NEAR(*shims.least, -3, 1e-12);
    EXPECT_NEAR(*shims.step, 0.25, 1e-12);
    const Adjuster cam = back(
        R"({"id":"c","kind":"cam","wheel":"rear-right","arm":"upper","bolt":"rear","eccentricity":"5 mm","at":"-20 deg","step":"15 deg"})");
    EXPECT_EQ(cam.upper_arm, Told::yes);
    EXPECT_NEAR(*cam.at_deg, -20, 1e-12);
    EXPECT_NEAR(*cam.step, 15, 1e-12);
    const Adjuster creeps = back(
        R"({"id":"c","kind":"cam","wheel":"front-left","lock":{"camber":-0.15,"camber_sigma":"2 min","toe":"0.05 deg"}})");
    ASSERT_EQ(creeps.lock.size(), 2u) << "what locking was seen to do";
    EXPECT_NEAR(creeps.lock[0].deg, 0.05, 1e-9);
    EXPECT_NEAR(creeps.lock[0].sigma_deg, 0.045, 1e-9);
    EXPECT_EQ(creeps.lock[1].angle, WheelAngle::camber);
    EXPECT_NEAR(creeps.lock[1].sigma_deg, 2.0 / 60, 1e-9);
    const Adjuster radius = back(
        R"({"id":"r","kind":"radius-rod","wheel":"front-left","runs":"behind","arm":"lower","pitch":"1.5 mm"})");
    EXPECT_EQ(radius.runs_behind, Told::yes);
    EXPECT_EQ(radius.upper_arm, Told::no);
    const Adjuster silent = back(R"({"id":"r","kind":"radius-rod","wheel":"front-left"})");
    EXPECT_EQ(silent.runs_behind, Told::unknown) << "what is not said stays so";
    EXPECT_EQ(silent.upper_arm, Told::unknown);
    EXPECT_NEAR(back(R"({"id":"t","kind":"trailing-arm-shims","wheel":"rear-left","pivot_to_hub":"430 mm"})")
                    .pivot_to_hub->mm(),
                430, 1e-9);
    EXPECT_NEAR(
        back(
            R"({"id":"x","kind":"cross-tube","axle":"front","rod":"ahead-of-axle","arm":"150 mm","double_ended":true,"pitch":"1.5 mm"})")
            .arm->mm(),
        150, 1e-9);
    for (const AdjusterKind* k : adjuster_kinds()) {
        const std::string text =
            R"({"id":"a","kind":")" + std::string(k->name()) + R"(","wheel":"front-left","at":"30 deg"})";
        EXPECT_EQ(back(text.c_str()).kind, k->name());
    }
    EXPECT_FALSE(back(R"({"id":"b","kind":"off-centre-bush","wheel":"front-left","bolt":"both"})").at_deg)
        << "where it stands is looked at, and not taken as outward";
    EXPECT_EQ(back(R"({"id":"m","kind":"magnets","wheel":"front-left"})").kind, "magnets") << "kept";
}

TEST(AdjusterJson, EveryFieldOfEveryKindIsReadAndWritten) {
    for (const AdjusterKind* k : adjuster_kinds()) {
        Json said = {{"id", "a"}, {"kind", k->name()}, {"wheel", "rear-left"}};
        for (const DeviceField& f : k->fields()) {
            EXPECT_TRUE(f.key && !said.contains(f.key)) << k->name() << ' ' << f.key;
            if (std::holds_alternative<DeviceField::Flag>(f.what)) {
                said[f.key] = true;
            } else if (const auto* either = std::get_if<DeviceField::Either>(&f.what)) {
                said[f.key] = either->yes;
            } else if (const auto* word = std::get_if<DeviceField::Word>(&f.what)) {
                said[f.key] = word->words.back();
            } else if (std::holds_alternative<DeviceField::Hand>(f.what)) {
                said[f.key] = "left";
            } else if (std::holds_alternative<DeviceField::Long>(f.what)) {
                said[f.key] = "33 mm";
            } else if (std::holds_alternative<DeviceField::Degrees>(f.what)) {
                said[f.key] = "12 deg";
            } else if (std::holds_alternative<DeviceField::Mark>(f.what)) {
                said[f.key] = true;
            } else if (std::holds_alternative<DeviceField::Turns>(f.what)) {
                said[f.key] = write_exact_turns(2.25);
            }
        }
        said["wrench"] = "13 and 19";
        EXPECT_EQ(json_of(adjuster_from(Node(said, "it"))), said) << k->name();
        for (const DeviceField& f : k->fields()) {
            Json wrong = said;
            wrong[f.key] = "sideways";
            if (!said.contains(f.key)) continue;  // of every kind, tested apart
            EXPECT_THROW(adjuster_from(Node(wrong, "it")), FileError) << k->name() << ' ' << f.key;
        }
    }
}

TEST(AdjusterJson, WhatAJobTaughtComesOntoTheCardAndTheRestStays) {
    const Json card = parse_json(R"({"adjusters": [
        {"id": "cam", "kind": "cam", "wheel": "front-left", "bolt": "front", "at": "10 deg", "note": "new bush",
         "response": {"camber": 0.1}, "stacks": {}},
        {"id": "rod", "kind": "steering-rod", "wheel": "front-left", "rod": "behind-axle", "pitch": "1.5 mm",
         "bought": "May"},
        {"id": "it", "kind": "magnets", "strength": "12 deg"}]})");
    Adjuster cam = adjuster_from(Node(card["adjusters"][0], "adjusters[0]"));
    cam.at_deg = -5;
    cam.response = {{"", Wheel::front_left, WheelAngle::camber, 0.08, 0.004}};
    const Json taught = taught_json(cam, card);
    EXPECT_EQ(taught["note"], "new bush");
    EXPECT_FALSE(taught.contains("arm")) << "what nobody has said is not said now";
    EXPECT_EQ(adjuster_from(Node(taught, "it")).at_deg, -5);
    EXPECT_EQ(taught["response"]["camber"]["deg"], 0.08);
    EXPECT_FALSE(taught.contains("stacks")) << "what is in there is not known any more";
    Adjuster rod = adjuster_from(Node(card["adjusters"][1], "adjusters[1]"));
    rod.arm = Length::from_mm(141);
    rod.arm_sigma = Length::from_mm(2);
    EXPECT_EQ(taught_json(rod, card)["bought"], "May");
    EXPECT_NEAR(adjuster_from(Node(taught_json(rod, card), "it")).arm->mm(), 141, 1e-9);
    EXPECT_EQ(taught_json(adjuster_from(Node(card["adjusters"][2], "adjusters[2]")), card),
              card["adjusters"][2])
        << "a kind that is only kept is kept whole";
}

TEST(AdjusterJson, AResponseIsWhatOneUnitDoes) {
    const Adjuster d = back(R"({"id":"s","kind":"shim-pair","wheel":"front-right",
        "response":{"front":{"camber":{"deg":0.09,"sigma_deg":0.01},"caster":{"deg":0.17,"sigma_deg":0.02}},"rear":{"camber":"0.1 deg","camber_sigma":"0.02 deg"}}})");
    ASSERT_EQ(d.response.size(), 3u);
    EXPECT_EQ(d.response[0].handle, "front");
    EXPECT_EQ(d.response[0].angle, WheelAngle::camber);
    EXPECT_EQ(d.response[2].handle, "rear");
    EXPECT_NEAR(d.response[2].sigma_deg, 0.02, 1e-12);
    // Of a rod it is its arm.
    const Adjuster rod = read(
        R"({"id":"r","kind":"steering-rod","wheel":"front-left","pitch":"1.5 mm","response":{"toe":0.65,"toe_sigma":0.0325}})");
    EXPECT_NEAR(rod.arm->mm(), 1.5 / std::sin(0.65 * 3.14159265358979 / 180), 1e-6);
    EXPECT_NEAR(rod.arm_sigma->mm() / rod.arm->mm(), 0.05, 1e-6);
}

TEST(AdjusterJson, WhatIsWrongIsSaidAtItsPlace) {
    const auto place = [](const char* text) {
        try {
            read(text);
        } catch (const FileError& e) {
            return e.place;
        }
        return std::string("nothing wrong");
    };
    EXPECT_EQ(place(R"({"id":"s","kind":"shim-pair","wheel":"front-left","pushes":"sideways"})"),
              "adjusters[0].pushes");
    EXPECT_EQ(place(R"({"id":"c","kind":"cam","wheel":"front-left","at":"120 deg"})"), "adjusters[0].at");
    EXPECT_EQ(place(R"({"id":"c","kind":"cam","wheel":"front-left","step":"0 deg"})"), "adjusters[0].step");
    // Nobody turns a millionth, and every step would be tried.
    EXPECT_EQ(place(R"({"id":"c","kind":"cam","wheel":"front-left","step":"0.001 deg"})"),
              "adjusters[0].step");
    EXPECT_EQ(place(R"({"id":"r","kind":"steering-rod","wheel":"front-left","step":"0.000001 turn"})"),
              "adjusters[0].step");
    EXPECT_EQ(place(R"({"id":"s","kind":"shim-pair","wheel":"front-left","step":"0.0001 mm"})"),
              "adjusters[0].step");
    EXPECT_EQ(place(R"({"id":"s","kind":"shim-pair","wheel":"front-left","stacks":{"front":["-1 mm"]}})"),
              "adjusters[0].stacks.front[0]");
    EXPECT_EQ(
        place(
            R"({"id":"s","kind":"shim-pair","wheel":"front-left","response":{"front":{"camber":{"deg":90}}}})"),
        "adjusters[0].response.front.camber");
}

TEST(AdjusterJson, TurnsOfEveryKindAreReadAndWritten) {
    CarCard car;
    for (const char* text : {R"({"id":"shims","kind":"shim-pair","wheel":"front-left"})",
                             R"({"id":"cam","kind":"cam","wheel":"front-left"})",
                             R"({"id":"pivot","kind":"trailing-arm-shims","wheel":"rear-left"})",
                             R"({"id":"top","kind":"strut-top","wheel":"front-left"})"})
        car.adjusters.push_back(read(text));
    const auto turned = [&](const char* text) {
        const Json json = parse_json(text);
        const Turn t = turn_from(Node(json, "events[0]"), car);
        Json again = Json::object();
        turn_json(t, again);
        const Turn u = turn_from(Node(again, "again"), car);
        EXPECT_NEAR(u.turns, t.turns, 1e-9) << again;
        EXPECT_NEAR(u.second, t.second, 1e-9) << again;
        return t;
    };
    const Turn s = turned(R"({"adjuster":"shims","amount":{"front":"1.5 mm","rear":"-0.5 mm"}})");
    EXPECT_NEAR(s.turns, 1.5, 1e-12);
    EXPECT_NEAR(s.second, -0.5, 1e-12);
    EXPECT_EQ(s.kind, "shim-pair");
    EXPECT_NEAR(turned(R"({"adjuster":"cam","amount":"15 deg","way":"in"})").turns, -15, 1e-12);
    EXPECT_NEAR(turned(R"({"adjuster":"pivot","amount":{"inner":"-2 mm","outer":"2 mm"}})").turns, 2, 1e-12);
    EXPECT_NEAR(turned(R"({"adjuster":"top","amount":{"in":"3 mm","back":"1 mm"}})").second, 1, 1e-12);
    const Json bad = parse_json(R"({"adjuster":"shims","amount":{"middle":"1 mm"}})");
    EXPECT_THROW(turn_from(Node(bad, "events[0]"), car), FileError);
    const Json one = parse_json(R"({"adjuster":"shims","amount":"1 mm"})");
    EXPECT_THROW(turn_from(Node(one, "events[0]"), car), FileError) << "which bolt?";
}

TEST(EntryJson, AnglesCarriedReadBack) {
    Entry e;
    e.id = "a";
    AnglesCarried c;
    c.from = "Track day";
    c.wheels[0][0] = {0.12, 0.03};
    c.wheels[3][1] = {-1.25, 0.1};
    e.event = c;
    const Json j = json_of(e);
    const Entry back = entry_from(j, "log[0]", {});
    const auto* again = std::get_if<AnglesCarried>(&back.event);
    ASSERT_TRUE(again);
    EXPECT_EQ(again->from, "Track day");
    EXPECT_NEAR(again->wheels[0][0]->deg, 0.12, 1e-12);
    EXPECT_NEAR(again->wheels[3][1]->sigma_deg, 0.1, 1e-12);
    EXPECT_FALSE(again->wheels[1][0]);
}

}  // namespace
}  // namespace fairchalk::book
