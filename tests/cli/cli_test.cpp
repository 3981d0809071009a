// SPDX-License-Identifier: GPL-3.0-or-later
#include <sys/types.h>
#include <unistd.h>

#include <algorithm>
#include <chrono>
#include <cmath>
#include <filesystem>
#include <fstream>
#include <functional>
#include <random>
#include <sstream>

#include <gtest/gtest.h>
#include <nlohmann/json.hpp>

#include "book/places.h"
#include "cli/commands.h"

namespace fairchalk::cli {
namespace {

namespace fs = std::filesystem;
using Json = nlohmann::ordered_json;

struct Ran {
    int code;
    std::string out, err;
};

Ran ran(const std::vector<std::string>& arguments) {
    std::ostringstream out, err;
    const int code = run(arguments, out, err, book::system_sources());
    return {code, out.str(), err.str()};
}

const std::string worked = std::string(DATA_DIR) + "/examples/worked-job.json";

std::string slurp(const fs::path& p) {
    std::ifstream in(p);
    return {std::istreambuf_iterator<char>(in), {}};
}

struct CliTest : ::testing::Test {
    fs::path folder = fs::temp_directory_path() / ("fairchalk-cli-" + std::to_string(::getpid()));
    CliTest() { fs::create_directories(folder); }
    ~CliTest() override { fs::remove_all(folder); }
    std::string file(const std::string& text, const std::string& name = "job.json") {
        std::ofstream(folder / name, std::ios::binary) << text;
        return (folder / name).string();
    }
};

TEST_F(CliTest, WhatNobodyToldOfTheWheelsIsNamedWhereItEndsShort) {
    for (const char* state : {"", "good", "failed"}) {
        Json job = Json::parse(R"({"format": "fairchalk-job", "version": 1,
            "car": {"name": "x", "wheelbase": "2500 mm"},
            "targets": {"front": {"total_toe": {"aim": "0.2 deg", "minus": "0.15 deg", "plus": "0.15 deg"}}},
            "rounds": [{"readings": []}], "events": []})");
        for (int n = 0; n < 4; ++n)
            for (const bool front : {true, false}) {
                Json r;
                r["id"] = (front ? "f" : "r") + std::to_string(n);
                r["kind"] = front ? "boards-front" : "boards-rear";
                r["axle"] = "front";
                r["value"] = front ? "1500 mm" : "1502.1 mm";
                r["span"] = "610 mm";
                r["tool"] = "vernier";
                job["rounds"].front()["readings"].push_back(r);
            }
        if (*state) {
            Json looked;
            looked["after_round"] = 0;
            looked["kind"] = "check";
            looked["item"] = "rims";
            looked["state"] = state;
            job["events"].push_back(looked);
        }
        const Json plan = Json::parse(ran({"plan", file(job.dump())}).out);
        EXPECT_EQ(plan["next"], std::string(state) == "good" ? "done" : "as-far-as") << state;
        if (*state) {
            EXPECT_FALSE(plan.contains("as_far_as") && plan["as_far_as"].contains("tell")) << state;
        } else {
            EXPECT_EQ(plan["as_far_as"]["tell"], Json({"rims"}));
            EXPECT_NE(plan["as_far_as"]["tell_say"].get<std::string>().find("rims run true"),
                      std::string::npos);
        }
    }
}

TEST_F(CliTest, ReadAnswersAsTheContractHasIt) {
    EXPECT_EQ(ran({"read", "2 9/16 in"}).out,
              "{\"kind\":\"length\",\"mm\":65.0875,\"resolution_mm\":1.5875}\n");
    EXPECT_EQ(ran({"read", "1.4 deg"}).out, "{\"kind\":\"angle\",\"deg\":1.4,\"resolution_deg\":0.1}\n");
    EXPECT_EQ(Json::parse(ran({"read", "--as", "angle", "27'"}).out)["deg"], 0.45);
    EXPECT_EQ(Json::parse(ran({"read", "--", "-2 mm"}).out)["mm"], -2.0);
    EXPECT_EQ(Json::parse(ran({"read", "-2 mm"}).out)["mm"], -2.0);
    EXPECT_EQ(Json::parse(ran({"read", "-½ in"}).out)["mm"], -12.7);
    EXPECT_EQ(Json::parse(ran({"read", "-.5 mm", "--as", "length"}).out)["mm"], -0.5);
    EXPECT_EQ(ran({"read", "--5 mm"}).code, 2);
    EXPECT_EQ(ran({"read", "-27' out"}).code, 2);
    const Ran bad = ran({"read", "3 7/0 in"});
    EXPECT_EQ(bad.code, 2);
    EXPECT_NE(bad.err.find("7/0"), std::string::npos);
}

/// A job whose left front is out in every angle, with one adjuster of a kind there, as a script writes it.
std::string job_with(const std::string& adjuster, const std::string& events = "[]",
                     const std::string& more = "") {
    return R"({"format": "fairchalk-job", "version": 1, "car": {"name": "x", "wheelbase": "2500 mm",
      "front": {"rim_span": "400 mm", "suspension": "double-wishbone"}, "rear": {"rim_span": "400 mm"}, "adjusters": [)" +
           adjuster +
           R"(,{"id": "rod-fl", "kind": "steering-rod", "wheel": "front-left", "rod": "behind-axle", "pitch": "1.5 mm", "proven": true},
        {"id": "rod-fr", "kind": "steering-rod", "wheel": "front-right", "rod": "behind-axle", "pitch": "1.5 mm", "proven": true}]},
      "targets": {"front": {"toe": {"aim": "0.05 deg", "minus": "0.1 deg", "plus": "0.1 deg"},
        "camber": {"aim": "-0.5 deg", "minus": "0.3 deg", "plus": "0.3 deg"}, "caster": {"aim": "4 deg", "minus": "0.4 deg", "plus": "0.4 deg"}},
        "rear": {"toe": {"aim": "0.1 deg", "minus": "0.1 deg", "plus": "0.1 deg"}}},
      "rounds": [{"readings": [
        {"id": "a", "kind": "toe-angle", "wheel": "front-left", "value": "0.4 deg in", "sigma": "0.02 deg"},
        {"id": "b", "kind": "toe-angle", "wheel": "front-right", "value": "0.05 deg in", "sigma": "0.02 deg"},
        {"id": "c", "kind": "toe-angle", "wheel": "rear-left", "value": "0.5 deg in", "sigma": "0.02 deg"},
        {"id": "d", "kind": "toe-angle", "wheel": "rear-right", "value": "0.1 deg in", "sigma": "0.02 deg"},
        {"id": "e", "kind": "camber", "wheel": "front-left", "value": "-1.2 deg", "sigma": "0.05 deg"},
        {"id": "f", "kind": "camber", "wheel": "front-right", "value": "-0.5 deg", "sigma": "0.05 deg"},
        {"id": "g", "kind": "caster", "wheel": "front-left", "value": "3.2 deg", "sigma": "0.1 deg"},
        {"id": "h", "kind": "caster", "wheel": "front-right", "value": "4 deg", "sigma": "0.1 deg"}]})" +
           more + R"(], "events": )" + events + "}";
}

TEST_F(CliTest, PlanKnowsEveryKindOfAdjuster) {
    const auto planned = [&](const std::string& adjuster) {
        const Ran r = ran({"plan", file(job_with(adjuster))});
        EXPECT_EQ(r.code, 0) << r.err << adjuster;
        const Json j = Json::parse(r.out);
        EXPECT_EQ(j["next"], "turn") << adjuster;
        for (const Json& t : j["turns"]) {
            EXPECT_FALSE(t["say"].get<std::string>().empty());
            if (t["adjuster"] == "it") return t;
        }
        ADD_FAILURE() << adjuster << r.out;
        return Json();
    };
    const Json shims =
        planned(R"({"id": "it", "kind": "shim-pair", "pushes": "out", "wheel": "front-left"})");
    EXPECT_GT(shims["front_mm"].get<double>(), shims["rear_mm"].get<double>()) << "caster is low";
    EXPECT_GT(shims["front_mm"].get<double>() + shims["rear_mm"].get<double>(), 2.0)
        << "camber is too far in";
    EXPECT_TRUE(shims.contains("caution"));
    const Json pulled =
        planned(R"({"id": "it", "kind": "shim-pair", "pushes": "in", "wheel": "front-left"})");
    EXPECT_LT(pulled["front_mm"].get<double>(), 0.0);
    EXPECT_EQ(
        planned(R"({"id": "it", "kind": "spanning-shims", "pushes": "out", "wheel": "front-left"})")["way"],
        "added");
    const Json top = planned(R"({"id": "it", "kind": "strut-top", "wheel": "front-left"})");
    EXPECT_LT(top["in_mm"].get<double>(), 0.0);
    EXPECT_GT(top["back_mm"].get<double>(), 0.0);
    EXPECT_EQ(planned(R"({"id": "it", "kind": "upper-joint-slot", "wheel": "front-left"})")["way"], "out");
    const Json arm = planned(
        R"({"id": "it", "kind": "adjustable-arm", "arm": "upper", "pitch": "1.5 mm", "wheel": "front-left"})");
    EXPECT_EQ(arm["way"], "longer");
    EXPECT_EQ(arm["unit"], "turn");
    const Json radius = planned(
        R"({"id": "it", "kind": "radius-rod", "runs": "ahead", "arm": "lower", "pitch": "1.5 mm", "wheel": "front-left"})");
    EXPECT_EQ(radius["way"], "shorter") << "ahead of the lower arm, shorter pulls its joint forward";
    EXPECT_EQ(
        planned(
            R"({"id": "it", "kind": "radius-rod", "runs": "behind", "arm": "lower", "pitch": "1.5 mm", "wheel": "front-left"})")
            ["way"],
        "longer");
    const Json cam = planned(
        R"({"id": "it", "kind": "cam", "arm": "upper", "bolt": "both", "eccentricity": "6 mm", "step": "15 deg", "wheel": "front-left"})");
    EXPECT_EQ(cam["unit"], "deg");
    EXPECT_EQ(cam["way"], "out");
    EXPECT_NEAR(std::remainder(cam["amount"].get<double>(), 15.0), 0.0, 1e-9);
    const Json pivot = planned(
        R"({"id": "it", "kind": "trailing-arm-shims", "pivot_to_hub": "430 mm", "wheel": "rear-left"})");
    EXPECT_EQ(pivot["way"], "outward") << "too much toe in";
    EXPECT_NEAR(pivot["inner_mm"].get<double>(), -pivot["outer_mm"].get<double>(), 1e-9);
}

TEST_F(CliTest, PlanAsksWhichWayWhereTheFileDoesNotSay) {
    const auto planned = [&](const std::string& events) {
        const Ran r = ran({"plan", file(job_with(R"({"id": "it", "kind": "radius-rod", "pitch": "1.5 mm",
            "wheel": "front-left"})",
                                                 events))});
        EXPECT_EQ(r.code, 0) << r.err;
        return Json::parse(r.out);
    };
    const std::string
        arm = R"({"after_round": 0, "kind": "looked", "adjuster": "it", "field": "arm", "value": "lower"})",
        runs =
            R"({"after_round": 0, "kind": "looked", "adjuster": "it", "field": "runs", "value": "behind"})";
    const Json first = planned("[]");
    EXPECT_EQ(first["next"], "look");
    EXPECT_EQ(first["look"]["field"], "arm");
    EXPECT_NE(first["look"]["say"].get<std::string>().find("upper"), std::string::npos);
    const Json second = planned("[" + arm + "]");
    EXPECT_EQ(second["look"]["field"], "runs");
    const Json third = planned("[" + arm + "," + runs + "]");
    EXPECT_EQ(third["next"], "turn");
    for (const Json& t : third["turns"]) {
        if (t["adjuster"] == "it") {
            EXPECT_EQ(t["way"], "longer");
        }
    }
    EXPECT_EQ(
        ran({"plan",
             file(job_with(
                 R"({"id": "it", "kind": "radius-rod", "wheel": "front-left"})",
                 R"([{"after_round": 0, "kind": "looked", "adjuster": "it", "field": "runs", "value": "up"}])"))})
            .code,
        2);
}

TEST_F(CliTest, PlanCanBeAskedForLessAndSaysWhatItLeaves) {
    const std::string job =
        file(job_with(R"({"id": "it", "kind": "shim-pair", "pushes": "out", "wheel": "front-left"})"));
    const auto touched = [&](std::vector<std::string> args) {
        args.insert(args.begin(), {"plan", job});
        const Ran r = ran(args);
        EXPECT_EQ(r.code, 0) << r.err;
        std::string all;
        const Json answer = Json::parse(r.out);
        for (const Json& t : answer["turns"]) all += t["adjuster"].get<std::string>() + ' ';
        return all;
    };
    for (const auto& args : {std::vector<std::string>{"--only", "toe"}, {"--without-jacking"}}) {
        EXPECT_EQ(touched(args).find("it "), std::string::npos);
        EXPECT_NE(touched(args).find("rod-fl "), std::string::npos);
    }
    EXPECT_EQ(touched({"--touching", "it"}), "it ");
    const Json flat = Json::parse(ran({"plan", job, "--without-jacking"}).out);
    bool said = false;
    for (const Json& c : flat["cannot"]) said = said || c["what"] == "front-left.camber";
    EXPECT_TRUE(said) << flat["cannot"];
    const Ran match = ran({"plan", job, "--match", "front-left", "--touching", "it", "rod-fl"});
    ASSERT_EQ(match.code, 0) << match.err;
    EXPECT_NEAR(Json::parse(match.out)["expect"]["front-left"]["camber"]["deg"].get<double>(), -0.5, 0.15);
    EXPECT_EQ(ran({"plan", job, "--only", "everything"}).code, 2);
}

TEST_F(CliTest, PlanSaysWhatTheRuleShowsAtTheEndOfEachTurn) {
    const Json plan = Json::parse(ran({"plan", worked}).out);
    ASSERT_EQ(plan["next"], "turn");
    ASSERT_TRUE(plan.contains("until"));
    for (const Json& u : plan["until"]) {
        for (const char* shown : {"now", "then", "then_sigma", "per_step"}) {
            const Ran read = ran({"read", u[shown].get<std::string>()});
            EXPECT_EQ(read.code, 0) << "as a rule is read: " << u[shown];
        }
        EXPECT_NE(
            u["say"].get<std::string>().find((u["after_shake"].get<bool>() ? "it shows " : "stop at about ") +
                                             u["then"].get<std::string>()),
            std::string::npos)
            << u;
    }
    // Both lips of each wheel whose rod is turned, before the shake and after it.
    ASSERT_EQ(plan["until"].size(), 4 * plan["turns"].size());
    for (std::size_t i = 0; i < plan["until"].size(); ++i)
        EXPECT_EQ(plan["until"][i]["after_shake"].get<bool>(), i % 2 == 1);
}

TEST_F(CliTest, PlanChangesOverToAnotherSetUpOfTheCard) {
    const std::string demo = std::string(DATA_DIR) + "/demo/brask-hillclimb.json";
    const Ran r = ran({"plan", demo, "--set-up", "road"});
    ASSERT_EQ(r.code, 0) << r.err;
    const Json j = Json::parse(r.out);
    EXPECT_NEAR(j["expect"]["front-left"]["camber"]["deg"].get<double>(), -1.0, 0.2) << "from -2";
    ASSERT_TRUE(j.contains("without_reading"));
    EXPECT_TRUE(j["without_reading"]["good_enough"].is_boolean());
    EXPECT_FALSE(Json::parse(ran({"plan", demo}).out).contains("without_reading"));
    const Ran no = ran({"plan", demo, "--set-up", "rain"});
    EXPECT_EQ(no.code, 2);
    EXPECT_NE(no.err.find("rain"), std::string::npos) << no.err;
    EXPECT_NE(no.err.find("hill"), std::string::npos) << "and which there are: " << no.err;
}

TEST_F(CliTest, ACardThatSaysNoSideIsTestedAndWhatWasSeenIsKept) {
    Json job =
        Json::parse(job_with(R"({"id": "it", "kind": "shim-pair", "pushes": "out", "wheel": "front-left"})"));
    for (Json& a : job["car"]["adjusters"]) a.erase("rod");
    const auto plan = [&](const Json& j) {
        const Ran r = ran({"plan", file(j.dump()), "--only", "toe"});
        EXPECT_EQ(r.code, 0) << r.err;
        return Json::parse(r.out);
    };
    const Json test = plan(job);
    EXPECT_EQ(test["next"], "test-turn") << test;
    ASSERT_EQ(test["turns"].size(), 1u);
    EXPECT_EQ(test["turns"][0]["test"], true);
    EXPECT_LE(test["turns"][0]["amount"].get<double>(), 0.5);
    EXPECT_EQ(test["look"]["field"], "rod");
    Json seen = job;
    for (const char* rod : {"rod-fl", "rod-fr"})
        seen["events"].push_back({{"after_round", 0},
                                  {"kind", "looked"},
                                  {"adjuster", rod},
                                  {"field", "rod"},
                                  {"value", "ahead-of-axle"}});
    const Json then = plan(seen);
    EXPECT_EQ(then["next"], "turn") << then;
    // And it goes out as it came in.
    const Ran full = ran({"export", file(seen.dump()), "--as", "full"});
    ASSERT_EQ(full.code, 0) << full.err;
    EXPECT_EQ(plan(Json::parse(full.out))["turns"], then["turns"]);
    seen["events"].back()["value"] = "beside-it";
    const Ran no = ran({"plan", file(seen.dump())});
    EXPECT_EQ(no.code, 2);
    EXPECT_NE(no.err.find("beside-it"), std::string::npos) << no.err;
}

TEST_F(CliTest, TheProvingGroundOverSomeCellsDoesNoHarmAndIsTheSameOnAnyNumberOfCores) {
    const std::vector<std::string> args = {"practice", "prove", "--cells", "quick",
                                           "--cars",   "1",     "--only",  "toe-boards"};
    const Ran one = ran(args);
    EXPECT_EQ(one.code, 0) << one.out.substr(0, 2000);
    EXPECT_NE(one.out.find(": 0 in all"), std::string::npos);
    auto alone = args;
    alone.insert(alone.end(), {"--threads", "1"});
    EXPECT_EQ(ran(alone).out, one.out);
    EXPECT_EQ(ran({"practice", "prove", "--cells", "some"}).code, 2);
}

TEST_F(CliTest, OptionsThatNameNothingOrAreNoNumberAreRefused) {
    const std::string job = std::string(DATA_DIR) + "/examples/worked-job.json";
    const Ran nobody = ran({"plan", job, "--touching", "nosuch"});
    EXPECT_EQ(nobody.code, 2);
    EXPECT_NE(nobody.err.find("nosuch"), std::string::npos) << nobody.err;
    for (const char* bad : {"nan", "inf", "-nan", "much"}) {
        EXPECT_EQ(ran({"practice", "bench", "--cars", "1", "--tolerance", bad}).code, 2) << bad;
        EXPECT_EQ(ran({"practice", "bench", "--cars", "1", "--slips", bad}).code, 2) << bad;
    }
}

TEST_F(CliTest, ASecondPassTakesShimsFromWhereTheFirstLeftThem) {
    std::ifstream in(std::string(DATA_DIR) + "/demo/brask-hillclimb.json");
    Json job = Json::parse(in);
    Json again = job["rounds"][0];
    for (Json& r : again["readings"]) r.erase("id");
    // What was turned there is not read again: nothing says that it did anything else.
    Json others = Json::array();
    for (const Json& r : again["readings"])
        if (r.value("wheel", "") != "front-right") others.push_back(r);
    again["readings"] = others;
    job["targets"]["front"]["camber"]["aim"] = "-2.6 deg";
    job["rounds"].push_back(again);
    job["events"] = Json::parse(R"([{"after_round": 0, "kind": "turn", "adjuster": "shims-fr",
                                     "amount": {"front": "-1 mm", "rear": "-6 mm"}}])");
    // Its rods hold a toe that goes far along: somebody has looked on which side they run.
    for (const Json& a : job["car"]["adjusters"])
        if (a.value("kind", "") == "steering-rod")
            job["events"].push_back({{"after_round", 0},
                                     {"kind", "looked"},
                                     {"adjuster", a["id"]},
                                     {"field", "rod"},
                                     {"value", a["rod"]}});
    const Ran r = ran({"plan", file(job.dump())});
    ASSERT_EQ(r.code, 0) << r.err;
    // 2 + 2 + 2 + 1 + 0.5 less 6 is 1 + 0.5: none of 2 mm can come out of there any more.
    int from_there = 0;
    const Json plan = Json::parse(r.out);
    for (const Json& t : plan["turns"])
        for (const Json& s : t.contains("shims") ? t["shims"] : Json::array())
            if (s["from"] == "shims-fr rear") {
                ++from_there;
                EXPECT_LE(s["thickness_mm"].get<double>() * s["count"].get<int>(), 1.0) << s;
            }
    EXPECT_GT(from_there, 0);
}

TEST_F(CliTest, ATurnThatDidSomethingElseIsNamed) {
    const std::string second =
        R"(,{"readings": [{"id": "a2", "kind": "toe-angle", "wheel": "front-left", "value": "0.73 deg in", "sigma": "0.02 deg"}]})";
    const std::string events =
        R"([{"after_round": 0, "kind": "turn", "adjuster": "rod-fl", "amount": "1/2 turn", "way": "shorter"}])";
    const Json j = Json::parse(
        ran({"solve", file(job_with(R"({"id": "n", "kind": "none", "angle": "camber", "wheel": "rear-left"})",
                                    events, second))})
            .out);
    ASSERT_TRUE(j.contains("turn_doubt")) << j;
    EXPECT_EQ(j["turn_doubt"]["looks_like"], "wrong-way");
    EXPECT_EQ(j["turn_doubt"]["adjuster"], "rod-fl");
    EXPECT_NEAR(j["wheels"]["front-left"]["toe"]["deg"].get<double>(), 0.73, 0.01) << "as read";
}

const char* const strut = R"({"kind": "strut", "points": {"hub": [0, 740, 305], "top": [-30, 560, 860],
    "strut_low": [-14.25, 623, 558.5], "lca_front": [120, 340, 200], "lca_rear": [-180, 345, 205],
    "lower": [5, 700, 190], "rod_inner": [-110, 330, 240], "rod_outer": [-140, 680, 245]},
    "camber_deg": -0.4, "toe_deg": 0.05, "moves": {"top": [0, -5, 0]}})";

TEST_F(CliTest, CornerGivesTheDesignsStrutAndSaysWhatIsOutOfReach) {
    const Ran r = ran({"corner", file(strut)});
    ASSERT_EQ(r.code, 0) << r.err;
    const Json j = Json::parse(r.out);
    EXPECT_NEAR(j["before"]["caster_deg"].get<double>(), 2.990, 0.002);
    EXPECT_NEAR(j["before"]["sai_deg"].get<double>(), 11.802, 0.002);
    EXPECT_NEAR(j["after"]["camber_deg"].get<double>() - j["before"]["camber_deg"].get<double>(), -0.412,
                0.002);
    EXPECT_NEAR(j["after"]["toe_deg"].get<double>() - j["before"]["toe_deg"].get<double>(), 0.161, 0.002);
    Json far = Json::parse(strut);
    far["moves"]["rod_inner"] = {0, -700, 0};
    for (const auto& [text, wants] : {std::pair(far.dump(), "rod is too short"),
                                      {std::string("[1, 2"), "job.json"},
                                      {std::string("{}"), "kind"}}) {
        const Ran bad = ran({"corner", file(text)});
        EXPECT_EQ(bad.code, 2);
        EXPECT_NE(bad.err.find(wants), std::string::npos) << bad.err;
        EXPECT_EQ(std::count(bad.err.begin(), bad.err.end(), '\n'), 1) << bad.err;
        EXPECT_TRUE(bad.out.empty());
    }
}

TEST_F(CliTest, APlanHasItsMinutesAndFollowsAnOrderOfOnesOwn) {
    const std::string demo = std::string(DATA_DIR) + "/demo/brask-hillclimb.json";
    const Json whole = Json::parse(ran({"plan", demo}).out);
    EXPECT_GT(whole["minutes"]["this_pass"], 10);
    EXPECT_GT(whole["minutes"]["to_done"], whole["minutes"]["this_pass"]);
    const Json toe = Json::parse(ran({"plan", demo, "--order", "toe-first"}).out);
    EXPECT_FALSE(toe["turns"].empty()) << "its toe is inside: what comes next in that order";
    EXPECT_EQ(ran({"plan", demo, "--order", "as it comes"}).code, 2);
}

TEST_F(CliTest, WhichWayTonightIsRepeatableAndKnowsTheWall) {
    const std::string demo = std::string(DATA_DIR) + "/demo/ollerby-pickup.json";
    const std::vector<std::string> asked = {"practice", "tonight",       demo, "--cars", "2",
                                            "--have",   "boards, a tape"};
    const Ran one = ran(asked), two = ran(asked);
    ASSERT_EQ(one.code, 0) << one.err;
    EXPECT_EQ(one.out, two.out);
    const Json j = Json::parse(one.out);
    for (const Json& way : j["ways"]) EXPECT_NE(way["rigs"][0], "string-bars");
    const Ran bad = ran({"practice", "tonight", demo, "--have", "a crystal ball"});
    EXPECT_EQ(bad.code, 2);
    EXPECT_NE(bad.err.find("crystal ball"), std::string::npos) << bad.err;
}

TEST_F(CliTest, ThePracticeBenchIsRepeatableAndKnowsItsTools) {
    const std::vector<std::string> asked = {"practice", "bench", "--cars", "3",
                                            "--seed",   "5",     "--tool", "vernier"};
    const Ran one = ran(asked), two = ran(asked);
    ASSERT_EQ(one.code, 0) << one.err;
    EXPECT_EQ(one.out, two.out);
    const Json j = Json::parse(one.out);
    EXPECT_EQ(j["cars"], 3);
    EXPECT_EQ(j["tool"], "vernier");
    EXPECT_EQ(j["ways"].size(), 9u);
    for (const Json& way : j["ways"]) {
        EXPECT_EQ(way["jobs"], 3);
        EXPECT_GE(way["minutes"]["mean"], way["minutes"]["spot at half"]);
        EXPECT_LT(way["minutes"]["mean"], way["minutes"]["turn at one and a half"]);
        EXPECT_GE(way["readings_mean"].get<double>(), way["way"] == "changing over" ? 0.0 : 14.0) << way;
    }
    EXPECT_NE(one.err.find("100 %"), std::string::npos) << "progress";
    for (const std::vector<std::string>& bad : {std::vector<std::string>{"practice"},
                                                {"practice", "bench", "--cars", "0"},
                                                {"practice", "bench", "--tool", "yardstick"},
                                                {"practice", "bench", "--tool", "bubble-gauge"}}) {
        const Ran r = ran(bad);
        EXPECT_EQ(r.code, 2);
        EXPECT_EQ(std::count(r.err.begin(), r.err.end(), '\n'), 1) << r.err;
    }
}

TEST_F(CliTest, SolveGivesTheWorkedJob) {
    const Ran r = ran({"solve", worked});
    ASSERT_EQ(r.code, 0) << r.err;
    const Json j = Json::parse(r.out);
    const std::pair<const char*, double> toes[] = {
        {"front-left", -0.31}, {"front-right", 0.17}, {"rear-left", 0.22}, {"rear-right", 0.05}};
    for (const auto& [wheel, toe] : toes)
        EXPECT_NEAR(j["wheels"][wheel]["toe"]["deg"].get<double>(), toe, 0.002);
    EXPECT_NEAR(j["thrust"]["deg"].get<double>(), -0.085, 0.002);
    EXPECT_NEAR(j["strings"]["left"]["skew_deg"].get<double>(), 0.377, 0.002);
    EXPECT_NEAR(j["wheels"]["front-left"]["caster"]["deg"].get<double>(), 3.4, 0.15);
    EXPECT_NEAR(j["wheels"]["front-right"]["camber"]["deg"].get<double>(), -0.3, 0.1);
    EXPECT_EQ(j["verdicts"][0]["what"], "front.total_toe");
    EXPECT_EQ(j["verdicts"][0]["verdict"], "too-close");
    EXPECT_EQ(j["checks"][0]["reading"], "front-left-hub");
    EXPECT_TRUE(j["wheels"]["rear-left"]["caster"]["deg"].is_null());
    EXPECT_TRUE(j["wheels"]["rear-left"]["caster"].contains("why"));
}

TEST_F(CliTest, PlanTurnsTheRods) {
    const Json j = Json::parse(ran({"plan", worked}).out);
    EXPECT_EQ(j["next"], "turn");
    ASSERT_EQ(j["turns"].size(), 2u);
    EXPECT_EQ(j["turns"][0]["way"], "longer");
    EXPECT_EQ(j["turns"][0]["unit"], "turn");
    EXPECT_EQ(j["turns"][1]["way"], "shorter");
    EXPECT_EQ(j["spoils"].size(), 2u);
    EXPECT_EQ(j["remeasure"].size(), 4u);
    EXPECT_TRUE(j["expect"]["front-left"]["toe"].contains("sigma_deg"));
}

TEST_F(CliTest, APersonIsAskedBeforeABookIsMadeAtAMistypedPath) {
    const fs::path book = folder / "mistyped.fairchalk";
    std::vector<std::string> asked;
    const auto import = [&](bool yes, std::vector<std::string> more = {}) {
        std::vector<std::string> all{"import", worked, "--book", book.string()};
        all.insert(all.end(), more.begin(), more.end());
        std::ostringstream out, err;
        const int code = run(all, out, err, book::system_sources(), [&](const std::string& question) {
            asked.push_back(question);
            return yes;
        });
        return Ran{code, out.str(), err.str()};
    };
    const Ran no = import(false);
    EXPECT_EQ(no.code, 2);
    EXPECT_NE(no.err.find("there is no book at " + book.string()), std::string::npos) << no.err;
    EXPECT_FALSE(fs::exists(book));
    ASSERT_EQ(asked.size(), 1u);
    EXPECT_NE(asked[0].find(book.string()), std::string::npos) << asked[0];
    EXPECT_EQ(import(true).code, 0);
    EXPECT_EQ(import(false).code, 0) << "there is one now";
    EXPECT_EQ(asked.size(), 2u);
    fs::remove(book);
    const Ran told = import(false, {"--new"});
    EXPECT_EQ(told.code, 0);
    EXPECT_EQ(told.err, "");
    // Where nobody can be asked it is made, and said.
    fs::remove(book);
    EXPECT_NE(ran({"import", worked, "--book", book.string()}).err.find("a new one was made"),
              std::string::npos);
}

TEST_F(CliTest, ImportAndExportGoRound) {
    const std::string book = (folder / "b.fairchalk").string();
    ASSERT_EQ(ran({"import", worked, "--book", book, "--title", "rack"}).code, 0);
    const Ran full = ran({"export", book, "--as", "full"});
    ASSERT_EQ(full.code, 0) << full.err;
    const Json again = Json::parse(ran({"import", file(full.out)}).out);
    EXPECT_EQ(again, Json::parse(full.out));
    EXPECT_EQ(Json::parse(ran({"export", book, "--job", "rack", "--as", "short"}).out),
              Json::parse(slurp(worked)));
    EXPECT_EQ(Json::parse(ran({"solve", file(full.out)}).out), Json::parse(ran({"solve", worked}).out));
    const Ran csv = ran({"export", worked});
    EXPECT_EQ(csv.out.substr(0, 13), "round,id,kind");
    const Json from_csv = Json::parse(ran({"import", file(csv.out, "r.csv")}).out);
    EXPECT_EQ(from_csv["log"].size(), 24u);
    EXPECT_EQ(ran({"export", book, "--job", "none"}).code, 2);
}

TEST_F(CliTest, EveryCommandUsedWronglySaysSoInOneLine) {
    const std::vector<std::vector<std::string>> wrong = {{},
                                                         {"dance"},
                                                         {"read"},
                                                         {"read", "1 mm", "2 mm"},
                                                         {"read", "--as", "colour", "1 mm"},
                                                         {"solve"},
                                                         {"solve", "none.json"},
                                                         {"solve", folder.string()},
                                                         {"solve", worked, "--round"},
                                                         {"solve", worked, "--round", "7"},
                                                         {"solve", worked, "--round", "x"},
                                                         {"solve", worked, "--round", "-1"},
                                                         {"solve", "--wat"},
                                                         {"plan"},
                                                         {"plan", "none.json"},
                                                         {"import"},
                                                         {"import", "none.csv"},
                                                         {"export"},
                                                         {"export", worked, "--as", "xml"},
                                                         {"read", "1\n2\nmm"},
                                                         {"read", std::string(20'000, '1')}};
    for (const auto& arguments : wrong) {
        const Ran r = ran(arguments);
        std::string line;
        for (const auto& a : arguments) line += a.substr(0, 40) + " ";
        EXPECT_EQ(r.code, 2) << line << r.err;
        EXPECT_EQ(std::count(r.err.begin(), r.err.end(), '\n'), 1) << line << r.err;
        EXPECT_TRUE(r.out.empty()) << line;
    }
    for (const char* command : {"read", "solve", "plan", "import", "export"}) {
        const Ran help = ran({command, "--help"});
        EXPECT_EQ(help.code, 0);
        EXPECT_NE(help.out.find("Example"), std::string::npos);
    }
}

/// Truncated, wrong types, huge numbers, NaN, deep nesting: a thousand files, each broken in its own way.
TEST_F(CliTest, AThousandMalformedFilesGiveOneLineEach) {
    const std::string good = slurp(worked);
    ASSERT_FALSE(good.empty());
    std::mt19937 random(7);
    const auto below = [&](std::size_t n) {
        return std::uniform_int_distribution<std::size_t>(0, n - 1)(random);
    };
    const char* const junk[] = {"NaN",        "1e999",     "[[[[", "-",    "null",
                                "\"\xff\"",   "{}",        "[]",   "true", "99999999999999999999",
                                "\"nan mm\"", "\"1e4 mm\""};
    int named = 0;
    for (int i = 0; i < 1000; ++i) {
        std::string text;
        switch (i % 4) {
            case 0:
                text = good.substr(0, below(good.size() - 3));
                break;
            case 1: {  // a quantity replaced by junk
                std::vector<std::size_t> at;
                for (std::size_t k = 0; (k = good.find("mm\"", k)) != std::string::npos; ++k) at.push_back(k);
                const std::size_t end = at[below(at.size())] + 3, start = good.rfind('"', end - 2);
                text = good.substr(0, start) + junk[below(std::size(junk))] + good.substr(end);
                break;
            }
            case 2:
                text = good;
                text.insert(below(good.size() - 2), std::string(1 + below(3), "[{]}"[below(4)]));
                break;
            default:
                text = i % 8 == 3 ? std::string(1 + below(200'000), '[')
                                  : "{\"format\": \"fairchalk-job\", \"version\": 1, \"car\": " +
                                        std::string(junk[below(std::size(junk))]) +
                                        ", \"rounds\": " + junk[below(std::size(junk))] + "}";
        }
        const Ran r = ran({"solve", file(text)});
        if (r.code == 0) {  // a brace inside a text leaves a good file
            ASSERT_TRUE(Json::accept(text)) << text;
            continue;
        }
        ASSERT_EQ(r.code, 2) << text.substr(0, 200) << r.err;
        ASSERT_EQ(std::count(r.err.begin(), r.err.end(), '\n'), 1) << r.err;
        ASSERT_TRUE(r.out.empty());
        ++named;
    }
    EXPECT_GT(named, 900);
}

TEST_F(CliTest, ReadKnowsPressuresAndTorques) {
    EXPECT_EQ(ran({"read", "2.2 bar"}).out, "{\"kind\":\"pressure\",\"bar\":2.2,\"resolution_bar\":0.1}\n");
    EXPECT_NEAR(
        Json::parse(ran({"read", "32", "--as", "pressure", "--bare", "psi"}).out)["bar"].get<double>(),
        2.2063, 1e-4);
    EXPECT_EQ(Json::parse(ran({"read", "55 Nm"}).out)["nm"], 55.0);
    EXPECT_EQ(ran({"read", "55 Nm", "--as", "length"}).code, 2);
    EXPECT_EQ(ran({"read", "3 mm", "--as", "pressure"}).code, 2);
}

const char* const on_a_floor = R"({"format": "fairchalk-job", "version": 1,
 "car": {"name": "t", "wheelbase": "2565 mm", "front": {"track": "1470 mm"}, "rear": {"track": "1470 mm"}},
 "rounds": [{"floor": {"front-left": "0 mm", "front-right": "-6 mm", "rear-left": "0 mm", "rear-right": "0 mm", "sigma": "0.01 mm"},
   "readings": [{"id": "c1", "kind": "camber", "wheel": "front-left", "value": "-1 deg", "sigma": "0.001 deg"},
                {"id": "c2", "kind": "camber", "wheel": "front-right", "value": "-1 deg", "sigma": "0.001 deg"}]}]})";

TEST_F(CliTest, SolveTakesTheFloorOutAndSaysWhatItIs) {
    const Ran r = ran({"solve", file(on_a_floor)});
    ASSERT_EQ(r.code, 0) << r.err;
    const Json j = Json::parse(r.out);
    const double slope = std::atan(6.0 / 1470) * 180 / 3.14159265358979323846;
    EXPECT_NEAR(j["wheels"]["front-left"]["camber"]["deg"].get<double>(), -1 + slope, 2e-3);
    EXPECT_NEAR(j["wheels"]["front-right"]["camber"]["deg"].get<double>(), -1 - slope, 2e-3);
    EXPECT_NEAR(j["floor"]["add_to_camber"]["front-left"]["deg"].get<double>(), slope, 1e-4);
    EXPECT_NEAR(j["floor"]["heights_mm"]["front-right"].get<double>(), -4.5, 1e-6) << "against their mean";
    EXPECT_LT(j["floor"]["add_to_caster"]["deg"].get<double>(), 0.1);
}

TEST_F(CliTest, ASurveyThatContradictsItselfNamesItsReading) {
    std::string text =
        R"({"format": "fairchalk-job", "version": 1, "car": {"name": "t", "wheelbase": "2500 mm"}, "rounds": [{"readings": [)";
    const char* const legs[][3] = {{"front-left", "front-right", "6 mm"},
                                   {"front-right", "rear-right", "2 mm"},
                                   {"rear-right", "rear-left", "-3 mm"},
                                   {"rear-left", "front-left", "5 mm"}};
    int n = 0;
    for (const auto& leg : legs) {
        text += n++ ? ", " : "";
        text += R"({"id": "f)" + std::to_string(n) + R"(", "kind": "floor-rise", "wheel": ")" + leg[0] +
                R"(", "to": ")" + leg[1] + R"(", "value": ")" + leg[2] + "\"}";
    }
    text += "]}]}";
    const Json j = Json::parse(ran({"solve", file(text)}).out);
    EXPECT_EQ(j["floor"]["method"], "level-legs");
    EXPECT_NEAR(j["floor"]["misclosure_mm"].get<double>(), 10.0, 1e-9);
    EXPECT_EQ(j["floor"]["suspect"], "f4");
    EXPECT_NE(j["floor"]["because"].get<std::string>().find("turned round"), std::string::npos);
}

TEST_F(CliTest, AWheelFoundOffIsTakenOutOfTheFrontToes) {
    // The worked job, its car steered by nobody: then the same with the wheel said to have been off.
    const Json straight = Json::parse(ran({"solve", worked}).out);
    Json job = Json::parse(slurp(worked));
    job["car"]["steering_ratio"] = 16.0;
    job["rounds"][0]["readings"].push_back(
        {{"id", "sw"}, {"kind", "steering-wheel"}, {"value", "8 deg"}, {"sigma", "0.1 deg"}});
    const Ran r = ran({"solve", file(job.dump())});
    ASSERT_EQ(r.code, 0) << r.err;
    const Json off = Json::parse(r.out);
    const auto toe = [](const Json& j, const char* w) { return j["wheels"][w]["toe"]["deg"].get<double>(); };
    EXPECT_NEAR(toe(off, "front-left"), toe(straight, "front-left") - 0.5, 0.005);
    EXPECT_NEAR(toe(off, "front-right"), toe(straight, "front-right") + 0.5, 0.005);
    EXPECT_NEAR(toe(off, "rear-left"), toe(straight, "rear-left"), 0.002);
}

TEST_F(CliTest, ABookIsCopiedAndWhatIsWholeComesOutOfADamagedOne) {
    const std::string book = (folder / "garage.fairchalk").string(),
                      copy = (folder / "copy.fairchalk").string();
    ASSERT_EQ(ran({"import", worked, "--book", book, "--title", "rack"}).code, 0);
    EXPECT_EQ(ran({"backup", book, copy}).code, 0);
    EXPECT_EQ(ran({"export", copy, "--as", "full"}).out, ran({"export", book, "--as", "full"}).out);
    const Ran again = ran({"backup", book, copy});
    EXPECT_EQ(again.code, 1);
    EXPECT_NE(again.err.find("already"), std::string::npos) << again.err;
    EXPECT_EQ(ran({"backup", (folder / "none").string(), copy}).code, 1);
    const std::string out = (folder / "saved").string();
    const Ran whole = ran({"salvage", book, out});
    EXPECT_EQ(whole.code, 0) << whole.err;
    EXPECT_EQ(Json::parse(ran({"solve", (folder / "saved/job-1.json").string()}).out)["wheels"],
              Json::parse(ran({"solve", worked}).out)["wheels"]);
    // Its last third is noise.
    const auto size = static_cast<long>(std::filesystem::file_size(book));
    {
        std::fstream file(book, std::ios::in | std::ios::out | std::ios::binary);
        file.seekp(size * 2 / 3);
        for (long n = size * 2 / 3; n < size; ++n) file.put(static_cast<char>(n * 31));
    }
    const Ran damaged = ran({"salvage", book, out + "2"});
    EXPECT_EQ(damaged.code, 3);
    EXPECT_FALSE(damaged.err.empty());
    EXPECT_TRUE(std::filesystem::exists(folder / "saved2/what-is-not-whole.txt"));
}

/// Job files spoilt in many ways: answered or refused in one line, soon; what is taken can be read back.
TEST_F(CliTest, AFileSpoiltAnywhereIsAnsweredOrRefusedInOneLine) {
    const char* many = std::getenv("FAIRCHALK_MUTATED");
    const int files = many ? std::atoi(many) : 60;
    std::vector<std::string> whole;
    for (const char* name : {"examples/worked-job.json", "demo/tarnby-estate.json",
                             "demo/ollerby-pickup.json", "demo/brask-hillclimb.json"}) {
        std::ifstream in(std::string(DATA_DIR) + "/" + name, std::ios::binary);
        whole.emplace_back(std::istreambuf_iterator<char>(in), std::istreambuf_iterator<char>());
    }
    std::mt19937 chance(11);
    const std::vector<std::string> odd = {"null",
                                          "-1",
                                          "1e308",
                                          "\"\"",
                                          "[]",
                                          "{}",
                                          "true",
                                          "\"-27'\"",
                                          "\"nan\"",
                                          "9999999999999999999",
                                          "\"1e-9 turn\"",
                                          "\"\\ud800\"",
                                          "\"front-left\"",
                                          "0"};
    int taken = 0, refused = 0;
    double longest = 0.0;
    for (int n = 0; n < files; ++n) {
        std::string text = whole[static_cast<std::size_t>(n) % whole.size()];
        if (n % 4 != 0) {
            // What stands in one place in another, doubled, left out, or something odd instead.
            Json whole_of_it = Json::parse(text);
            for (unsigned k = 0; k <= chance() % 3; ++k) {
                std::vector<Json*> all;
                const std::function<void(Json&)> each = [&](Json& at) {
                    all.push_back(&at);
                    for (auto& child : at)
                        if (at.is_structured()) each(child);
                };
                each(whole_of_it);
                Json& at = *all[1 + chance() % (all.size() - 1)];
                switch (chance() % 5) {
                    case 0:
                        at = Json::parse(odd[chance() % odd.size()], nullptr, false);
                        break;
                    case 1:
                        at = Json(*all[1 + chance() % (all.size() - 1)]);
                        break;
                    case 2:
                        if (at.is_array() && !at.empty()) at.push_back(Json(at[chance() % at.size()]));
                        break;
                    case 3:
                        if (at.is_structured() && !at.empty()) {
                            auto it = at.begin();
                            std::advance(it, static_cast<std::ptrdiff_t>(chance() % at.size()));
                            at.erase(it);
                        }
                        break;
                    default:
                        if (at.is_string()) {
                            std::string s = at.get<std::string>();
                            for (char& c : s)
                                if (c >= '0' && c <= '9' && chance() % 3 == 0)
                                    c = static_cast<char>('0' + chance() % 10);
                            at = s;
                        }
                }
            }
            text = whole_of_it.dump(-1, ' ', false, Json::error_handler_t::replace);
        } else {
            for (unsigned k = 0; k <= chance() % 3; ++k) {
                const std::size_t at = chance() % text.size();
                if (chance() % 3 == 0)
                    text[at] = static_cast<char>(chance());
                else if (chance() % 2 == 0)
                    text.erase(at, 1 + chance() % 40);
                else
                    text.insert(at, text.substr(chance() % text.size(), chance() % 60));
            }
        }
        const std::string path = file(text);
        for (const char* command : {"solve", "plan"}) {
            const auto start = std::chrono::steady_clock::now();
            const Ran r = ran({command, path});
            longest = std::max(
                longest, std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count());
            ASSERT_TRUE(r.code == 0 || r.code == 2) << r.code << r.err << text;
            if (r.code == 0)
                EXPECT_TRUE(Json::accept(r.out)) << text;
            else
                EXPECT_EQ(std::count(r.err.begin(), r.err.end(), '\n'), 1) << r.err;
        }
        const Ran in = ran({"import", path, "--book", (folder / "many.fairchalk").string()});
        if (in.code != 0) {
            ++refused;
            continue;
        }
        ++taken;
        const std::string id = in.out.substr(0, in.out.find('\n'));
        const Ran full = ran({"export", (folder / "many.fairchalk").string(), "--job", id, "--as", "full"});
        ASSERT_EQ(full.code, 0) << full.err << text;
        const Ran a = ran({"solve", path}), b = ran({"solve", file(full.out)});
        ASSERT_EQ(a.code, b.code) << a.err << b.err << text;
        if (a.code == 0) {
            EXPECT_EQ(Json::parse(a.out)["wheels"], Json::parse(b.out)["wheels"]) << text;
        }
        if (n % 50 == 49) fs::remove(folder / "many.fairchalk");
    }
    std::printf("%d files: %d taken and read back, %d refused in one line; the longest answer took %.2f s\n",
                files, taken, refused, longest);
}

TEST_F(CliTest, NamesThatNameNothingAndNumbersBelowNoneAreRefused) {
    for (const std::vector<std::string>& arguments :
         {std::vector<std::string>{"practice", "prove", "--only", "nosuchcell"},
          {"practice", "prove", "--seed", "-1"},
          {"practice", "bench", "--seed", "-1"},
          {"export", worked, "--job", "nosuch"},
          {"plan", worked, "--touching", "nosuch"},
          {"plan", worked, "--set-up", "nosuch"},
          {"import", ""},
          {"backup", "", "x"}}) {
        const Ran r = ran(arguments);
        EXPECT_NE(r.code, 0) << arguments[1];
        EXPECT_EQ(std::count(r.err.begin(), r.err.end(), '\n'), 1) << r.err;
    }
}

TEST_F(CliTest, TheDemoJobsComeThroughABookWhole) {
    for (const char* name : {"tarnby-estate", "brask-hillclimb", "ollerby-pickup"}) {
        const std::string book = (folder / (std::string(name) + ".fairchalk")).string();
        const std::string source = std::string(DATA_DIR) + "/demo/" + name + ".json";
        ASSERT_EQ(ran({"import", source, "--book", book, "--title", name}).code, 0);
        const Ran out = ran({"export", book, "--as", "full"});
        ASSERT_EQ(out.code, 0) << out.err;
        const Json full = Json::parse(out.out);
        const Json direct = Json::parse(ran({"import", source}).out);
        ASSERT_EQ(full["log"].size(), direct["log"].size()) << name;
        for (std::size_t i = 0; i < full["log"].size(); ++i) {
            Json a = full["log"][i], b = direct["log"][i];
            a.erase("id"), b.erase("id");  // made anew where the file has none
            a.erase("at"), b.erase("at");
            EXPECT_EQ(a, b) << name << " entry " << i;
        }
        EXPECT_EQ(full["car"], direct["car"]);
    }
}

TEST_F(CliTest, AnyValueOfAPreparedJobMayBeAbsurdAndIsAnsweredAllTheSame) {
    // Each leaf of the demo job in turn becomes something that nobody meant: an answer, or one line that says
    // where.
    const Json good = Json::parse(slurp(std::string(DATA_DIR) + "/demo/tarnby-estate.json"));
    std::vector<Json::json_pointer> leaves;
    const Json flat = good.flatten();
    for (const auto& [key, value] : flat.items()) leaves.emplace_back(key);
    ASSERT_GT(leaves.size(), 200u);
    std::mt19937 random(23);
    const Json absurd[] = {"0 mm",    "-5000 mm", "99 m",         "0.001 mm",    "0 bar", "900 bar",
                           "359 deg", "-359 deg", "0 turns",      "nonsense",    "",      nullptr,
                           -1,        1e300,      Json::object(), Json::array(), true,    "front-left",
                           "settled", "3 Nm"};
#if defined(__SANITIZE_ADDRESS__)
    const std::size_t tried = 80, at_least = 20;  // it takes twenty times as long
#else
    const std::size_t tried = 400, at_least = 100;
#endif
    std::size_t answered = 0, refused = 0;
    for (std::size_t n = 0; n < tried; ++n) {
        Json job = good;
        const std::size_t at = n * 400 / tried;
        const auto& leaf = leaves[at < leaves.size() ? at : random() % leaves.size()];
        job[leaf] = absurd[random() % std::size(absurd)];
        for (const char* command : {"solve", "plan"}) {
            const Ran r = ran({command, file(job.dump())});
            if (r.code == 0) {
                ASSERT_TRUE(Json::accept(r.out)) << leaf.to_string();
                ASSERT_EQ(r.out.find("nan"), std::string::npos) << leaf.to_string() << job[leaf];
                ++answered;
            } else {
                ASSERT_EQ(r.code, 2) << leaf.to_string() << " " << job[leaf] << r.err;
                ASSERT_EQ(std::count(r.err.begin(), r.err.end(), '\n'), 1) << r.err;
                ++refused;
            }
        }
    }
    EXPECT_GT(answered, at_least);
    EXPECT_GT(refused, at_least);
}

TEST_F(CliTest, ASuspectIsCalledByWhatItLooksLikeAndTheAnswerGivenWithoutIt) {
    Json job = Json::parse(slurp(worked));
    Json& readings = job["rounds"][0]["readings"];
    Json twice = readings;
    for (Json& r : twice) {
        r.erase("id");
        if (r["kind"] == "hub" && r["wheel"] == "front-left") {
            r["id"] = "the-wrong-one";
            r["value"] = "138.549 mm";  // an inch more
        }
    }
    for (const Json& r : twice) readings.push_back(r);
    const Json out = Json::parse(ran({"solve", file(job.dump())}).out);
    bool seen = false;
    for (const Json& c : out["checks"])
        if (c["reading"] == "the-wrong-one") {
            seen = true;
            EXPECT_TRUE(c["suspect"]);
            EXPECT_EQ(c["looks_like"], "an inch");
        }
    EXPECT_TRUE(seen);
    ASSERT_TRUE(out.contains("without"));
    EXPECT_NEAR(out["without"][0]["wheels"]["front-left"]["toe"]["deg"].get<double>(), -0.31, 0.01);
    ASSERT_TRUE(out.contains("bars_read_again"));
    EXPECT_FALSE(out["bars_read_again"][0]["bumped"]);
}

TEST_F(CliTest, ToolsAndRigsGoInAndComeOutAndAreComputedWith) {
    const Json job = Json::parse(R"({"format": "fairchalk-job", "version": 1,
      "car": {"name": "c", "wheelbase": "2500 mm", "front": {"rim_span": "400 mm", "hub_height": "300 mm"},
              "rear": {"rim_span": "400 mm"}},
      "tools": [{"tool": "odd gauge", "measures": "angle", "sigma": "0.1 deg", "shows": "upright", "zero": "0.5 deg",
                 "more_left": "in"},
                {"tool": "jig scale", "like": "steel-rule-mm", "numbers": "inward", "scale_length": "300 mm"}],
      "rounds": [{"steering_held": false, "readings": [
        {"kind": "camber", "wheel": "front-left", "value": "92.0 deg", "tool": "odd gauge"},
        {"kind": "camber-swing", "wheel": "front-left", "value": "-2.1 deg", "turned": "20 deg in", "from": "20 deg out"},
        {"kind": "axis-offset", "wheel": "front-right", "value": "20 mm", "height": "300 mm"},
        {"kind": "straightedge-front", "wheel": "front-left", "value": "12 mm"},
        {"kind": "straightedge-rear", "wheel": "front-left", "value": "10 mm"},
        {"kind": "arm-jig", "wheel": "front-left", "value": "150 mm", "mark": "150 mm", "arm_span": "500 mm"},
        {"kind": "arm-jig", "wheel": "rear-left", "value": "150 mm"},
        {"kind": "boards-front", "axle": "rear", "value": "1400 mm", "span": "600 mm"},
        {"kind": "boards-rear", "axle": "rear", "value": "1402 mm", "span": "600 mm"}]}],
      "events": [{"after_round": 0, "kind": "lines", "rigs": ["straightedge", "camber-gap"], "steering_held": false,
                  "sizes": {"gap_height": "380 mm"}, "sweep": "18 deg", "stations": ["0 mm", "2500 mm"]}]})");
    const Ran r = ran({"solve", file(job.dump())});
    ASSERT_EQ(r.code, 0) << r.err;
    const Json out = Json::parse(r.out);
    // 92 - 0.5 - 90, and the figure grows as the top goes in.
    EXPECT_NEAR(out["wheels"]["front-left"]["camber"]["deg"].get<double>(), -1.5, 1e-6);
    EXPECT_NEAR(out["wheels"]["front-left"]["caster"]["deg"].get<double>(), 3.07, 0.1);
    EXPECT_NEAR(out["wheels"]["front-right"]["caster"]["deg"].get<double>(), 3.814, 0.001);
    EXPECT_NEAR(out["axles"]["rear"]["total_toe"]["deg"].get<double>(), 0.191, 0.001);
    EXPECT_TRUE(out["wheels"]["front-left"]["toe"]["deg"].is_null());
    ASSERT_TRUE(out.contains("unused"));
    EXPECT_NE(out["unused"][0]["why"].get<std::string>().find("mark"), std::string::npos)
        << "an arm jig without its mark is kept and says what it lacks";
    for (const char* form : {"full", "short"}) {
        const Ran again = ran({"export", file(job.dump()), "--as", form});
        ASSERT_EQ(again.code, 0) << again.err;
        const Json same = Json::parse(ran({"solve", file(again.out)}).out);
        EXPECT_EQ(same["wheels"], out["wheels"]) << form;
    }
    // Tools at the top count in the full form too, and none is lost.
    Json full = Json::parse(ran({"export", file(job.dump()), "--as", "full"}).out);
    std::erase_if(full["log"].get_ref<Json::array_t&>(), [](const Json& e) { return e["kind"] == "tool"; });
    EXPECT_NE(Json::parse(ran({"solve", file(full.dump())}).out)["wheels"], out["wheels"]);
    full["tools"] = job["tools"];
    EXPECT_EQ(Json::parse(ran({"solve", file(full.dump())}).out)["wheels"], out["wheels"]);
    for (const auto& [path, bad] : {std::pair{"/tools/0/shows", "sideways"},
                                    {"/tools/1/numbers", "up"},
                                    {"/events/0/rigs/0", "laser"},
                                    {"/events/0/sweep", "0 deg"}}) {
        Json wrong = job;
        wrong[Json::json_pointer(path)] = bad;
        const Ran w = ran({"solve", file(wrong.dump())});
        EXPECT_EQ(w.code, 2) << path;
        EXPECT_EQ(std::count(w.err.begin(), w.err.end(), '\n'), 1) << w.err;
        EXPECT_NE(w.err.find(bad == std::string("0 deg") ? "sweep" : bad), std::string::npos) << w.err;
    }
}

TEST_F(CliTest, ReportsOfAFileAndOfABookAreAlikeAndBadCallsEndInTwo) {
    const Ran of_file = ran({"report", worked});
    ASSERT_EQ(of_file.code, 0) << of_file.err;
    EXPECT_NE(of_file.out.find("Tarnby estate: the record"), std::string::npos);
    const std::string garage = (folder / "garage.fairchalk").string(),
                      sheet = (folder / "sheet.html").string();
    ASSERT_EQ(ran({"import", worked, "--book", garage, "--title", "Spring"}).code, 0);
    const Ran of_book = ran({"report", garage, "--job", "Spring", "-o", sheet});
    ASSERT_EQ(of_book.code, 0) << of_book.err;
    const std::string text = slurp(sheet);
    EXPECT_NE(text.find("Spring"), std::string::npos);
    // The same angles to the last minute of arc.
    const auto table = [](const std::string& html) {
        return html.substr(html.find("<table"), html.find("</table>") - html.find("<table"));
    };
    EXPECT_EQ(table(text), table(of_file.out));
    EXPECT_EQ(Json::parse(ran({"solve", garage}).out)["angles"],
              Json::parse(ran({"solve", worked}).out)["angles"]);
    EXPECT_EQ(ran({"plan", garage, "--job", "Spring"}).code, 0);
    const Json list = Json::parse(ran({"list", garage}).out);
    EXPECT_EQ(list["cars"][0]["name"], "Tarnby estate");
    EXPECT_EQ(list["cars"][0]["jobs"][0]["title"], "Spring");
    EXPECT_EQ(ran({"report", garage, "--job", "Autumn"}).code, 2);
    EXPECT_EQ(ran({"report", worked, "--job", "Spring"}).code, 2);
    EXPECT_EQ(ran({"report", worked, "-o", (folder / "sheet.doc").string()}).code, 2);
    EXPECT_EQ(ran({"list", worked}).code, 2);
}

TEST_F(CliTest, HistoryTellsWhatMovedBetweenTwoJobsAndWhy) {
    const std::string garage = (folder / "garage.fairchalk").string(),
                      brask = std::string(DATA_DIR) + "/demo/brask-hillclimb.json";
    ASSERT_EQ(ran({"import", brask, "--book", garage, "--title", "Spring"}).code, 0);
    // The left front wheel an inch of toe further in, across its rim.
    Json later = Json::parse(slurp(brask));
    for (Json& r : later["rounds"][0]["readings"])
        if (r.value("wheel", "") == "front-left" && r["kind"] == "rim-front") r["value"] = "141 mm";
    later["events"] = Json::array(
        {{{"after_round", 0}, {"kind", "odometer"}, {"reads", "12,000 km"}},
         {{"after_round", 0}, {"kind", "look-again"}, {"when", "2001-01-01"}, {"why", "bushes"}}});
    ASSERT_EQ(ran({"import", file(later.dump()), "--book", garage, "--title", "Summer"}).code, 0);
    const Ran asked = ran({"history", garage, "--car", "Brask hillclimb special"});
    ASSERT_EQ(asked.code, 0) << asked.err;
    const Json history = Json::parse(asked.out);
    ASSERT_EQ(history["jobs"].size(), 2u);
    EXPECT_EQ(history["jobs"][0]["title"], "Spring");
    EXPECT_TRUE(history["jobs"][0]["moved"].empty());
    const Json& summer = history["jobs"][1];
    EXPECT_EQ(summer["odometer"], 12000.0);
    bool toe = false;
    for (const Json& m : summer["moved"])
        if (m["what"] == "front-left.toe") {
            toe = true;
            EXPECT_EQ(m["call"], "moved");
            EXPECT_GT(m["by_deg"].get<double>(), 0.3);
        } else if (m["what"] != "front.total_toe") {
            EXPECT_NE(m["call"], "moved") << m;
        }
    EXPECT_TRUE(toe);
    ASSERT_FALSE(summer["explained_by"].empty());
    EXPECT_EQ(summer["explained_by"][0]["wheel"], "front-left");
    EXPECT_TRUE(history["drift"].empty());
    EXPECT_EQ(history["due"][0]["due"], true);
    EXPECT_EQ(ran({"history", garage, "--car", "Nobody's"}).code, 2);
    EXPECT_EQ(ran({"history", brask, "--car", "x"}).code, 2);
}

}  // namespace
}  // namespace fairchalk::cli
