// SPDX-License-Identifier: GPL-3.0-or-later
// Each thing the application writes reads back as itself.
#include "book/entry_json.h"

#include <gtest/gtest.h>

#include "book/csv.h"
#include "book/places.h"
#include "words/words.h"

namespace fairchalk::book {
namespace {

Entry made(decltype(Entry::event) what) {
    Entry e;
    e.id = "0196b1c2-0000-7000-8000-000000000001";
    e.at = "2026-05-02T10:14:00.000+01:00";
    e.act = "0196b1c2-0000-7000-8000-000000000000";
    e.event = std::move(what);
    return e;
}

CarCard fullCard() {
    CarCard car;
    car.name = "Brask hillclimb special";
    car.wheelbase = Length::from_mm(2310.5);
    for (auto& a : car.axles) {
        a.rim_span = Length::from_in(17);
        a.track = Length::from_mm(1400);
        a.hub_width = Length::from_mm(1380.25);
        a.hub_width_sigma = Length::from_mm(0.7);
    }
    car.same_wheels = Told::yes;
    car.steering_ratio = 11.5;
    Adjuster rod;
    rod.kind = steering_rod_kind;
    rod.wheel = Wheel::front_left;
    rod.id = "rod-fl";
    rod.rod = RodSide::ahead_of_axle;
    rod.thread = Thread::left;
    rod.double_ended = true;
    rod.pitch = Length::from_in(1.0 / 16);
    rod.arm = Length::from_mm(96);
    rod.arm_sigma = Length::from_mm(2);
    rod.step = 1.0 / 6;
    Adjuster link;
    link.kind = toe_link_kind;
    link.wheel = Wheel::front_left;
    link.id = "link-rr";
    link.wheel = Wheel::rear_right;
    car.adjusters = {rod, link, Adjuster{"shims-fl", "shim-pair", {}, {}, {}}};
    return car;
}

TEST(EntryJson, ACardReadsBackAsItself) {
    const CarCard car = fullCard();
    const CarCard back = car_from(json_of(car), "car");
    EXPECT_EQ(json_of(back), json_of(car));
    EXPECT_EQ(*back.wheelbase, *car.wheelbase);
    EXPECT_EQ(back.axle(Axle::rear).hub_width_sigma.mm(), 0.7);
    ASSERT_TRUE(back.rod("rod-fl"));
    EXPECT_EQ(back.rod("rod-fl")->thread, Thread::left);
    EXPECT_TRUE(back.rod("rod-fl")->double_ended);
    EXPECT_NEAR(step_of(*back.rod("rod-fl")), 1.0 / 6, 1e-12) << "a flat stays a flat";
    EXPECT_EQ(back.rod_at(Wheel::rear_right)->rod, RodSide::unknown) << "what nobody said stays unsaid";
    EXPECT_EQ(back.rod("shims-fl"), nullptr);
}

TEST(EntryJson, EveryKindOfEntryReadsBackAsItself) {
    const CarCard car = fullCard();
    Reading reading;
    reading.spot = wheel_spot(ReadingId::camber, Wheel::front_right);
    reading.value = *read_quantity("1°05' ");
    reading.stated_sigma = 0.1;
    reading.turned = Angle::from_deg(-18.5);
    reading.tool = "bubble-gauge";
    LinesSet lines;
    lines.bars = {Length::from_mm(535), Length::from_in(20)};
    lines.tool = "vernier";
    RoundOpened round;
    round.bars.front_ahead = Length::from_mm(480);
    const std::vector<Entry> all = {
        made(CarEdit{car}),
        made(lines),
        made(round),
        made(reading),
        made(Turn{"rod-fl", -0.875, true, true}),
        made(Change{ChangeKind::jacked, Axle::rear}),
        made(Change{ChangeKind::steering_recentred, {}}),
        made(Accepted{"front.total_toe", "inside, near enough"}),
        made(Strike{Strike::Way::undo, {"a", "b"}, "undo"}),
    };
    for (const Entry& e : all) {
        const Json once = json_of(e);
        const Entry back = entry_from(once, "log[0]", car);
        EXPECT_EQ(json_of(back), once) << once;
        EXPECT_EQ(back.event.index(), e.event.index()) << once;
        EXPECT_EQ(back.act, e.act);
    }
    const Json turn = json_of(all[4]);
    EXPECT_EQ(turn["way"], "shorter");
    EXPECT_EQ(turn["amount"], "0.875 turn");
    EXPECT_NEAR(std::get<Reading>(entry_from(json_of(all[3]), "x", car).event).turned->deg(), -18.5, 1e-12);
}

TEST(EntryJson, WhatIsTurnedByARuleNeedsNoCountAndADriveSaysItsSide) {
    const CarCard car = fullCard();
    const auto entry_of = [&](const std::string& event) {
        return entry_from(parse_json(event), "events[0]", car);
    };
    const Entry turned = entry_of(R"({"kind": "turn", "adjuster": "rod-fl", "amount": "not counted"})");
    EXPECT_FALSE(std::get<Turn>(turned.event).counted);
    EXPECT_EQ(json_of(turned)["amount"], "not counted");
    const Entry read = entry_of(
        R"({"kind": "rim-front", "wheel": "front-left", "value": "104.5 mm", "before_shake": true})");
    EXPECT_TRUE(std::get<Reading>(read.event).before_shake);
    EXPECT_EQ(json_of(read)["before_shake"], true);
    for (const auto& [said, deg] : {std::pair("\"7 deg left\"", -7.0),
                                    {"\"7 deg right\"", 7.0},
                                    {"\"-7 deg\"", -7.0},
                                    {"\"0 deg\"", 0.0}})
        EXPECT_NEAR(
            std::get<Driven>(entry_of(std::string(R"({"kind": "drive", "wheel_off": )") + said + "}").event)
                .wheel_off->deg(),
            deg, 1e-9)
            << said;
    EXPECT_THROW(entry_of(R"({"kind": "drive", "wheel_off": "-7 deg left"})"), FileError)
        << "both a sign and a side";
    EXPECT_EQ(std::get<Driven>(entry_of(R"({"kind": "drive", "pulls": "no"})").event).drift, Drift::straight);
    EXPECT_THROW(entry_of(R"({"kind": "drive", "pulls": "up"})"), FileError);
    EXPECT_THROW(entry_of(R"({"kind": "drive", "wheel_off": "1 deg", "wheel_sigma": "0 deg"})"), FileError);
}

TEST(EntryJson, ATurnMayBeGivenInFlatsOrAsALength) {
    const CarCard car = fullCard();
    const auto turns = [&](const char* amount, const char* way) {
        const Json j = {{"kind", "turn"}, {"adjuster", "rod-fl"}, {"amount", amount}, {"way", way}};
        return std::get<Turn>(entry_from(j, "events[0]", car).event).turns;
    };
    EXPECT_NEAR(turns("3 flats", "longer"), 0.5, 1e-12);
    EXPECT_NEAR(turns("1 1/2 turns", "shorter"), -1.5, 1e-12);
    EXPECT_NEAR(turns("1/8 in", "longer"), 1.0, 1e-12) << "a sixteenth a turn, threaded at both ends";
    EXPECT_THROW(turns("3 deg", "longer"), FileError);
    EXPECT_THROW(turns("1 turn", "clockwise"), FileError);
}

TEST(EntryJson, TargetsKeepTheirTermsAndFindTheirPlace) {
    const auto all = targets_from(
        Json::parse(
            R"({"front": {"total_toe": {"aim": "2 mm", "minus": "1 mm", "plus": "3 mm", "span": "416 mm"},
        "camber": {"aim": "-0.6 deg", "minus": "0.5 deg", "plus": "0.5 deg"}},
        "rear-left": {"toe": {"aim": "1 mm", "plus": "1 mm", "span": "416 mm", "basis": "half-difference"}},
        "front-right": {"camber": {"same_as": "front-left", "plus": "0.2 deg"}},
        "thrust": {"aim": "0 deg", "plus": "0.1 deg"}, "remarks": "from the manual"})"),
        "targets");
    ASSERT_EQ(all.size(), 5u);
    EXPECT_EQ(all[0].name(), "front.total_toe");
    EXPECT_NEAR(all[0].lo.deg(), 0.13773, 1e-5);
    EXPECT_NEAR(all[0].hi.deg(), 0.68867, 1e-5);
    EXPECT_EQ(all[2].name(), "rear-left.toe");
    EXPECT_NEAR(all[2].aim.deg(), 0.27546, 1e-5) << "half the difference: the same angle over half the span";
    EXPECT_EQ(all[3].same_as, Wheel::front_left);
    EXPECT_EQ(all[4].name(), "thrust");
    EXPECT_NEAR(all[4].lo.deg(), 0.0, 1e-12) << "nothing was said of the other side: it ends at the aim";
    EXPECT_NEAR(all[4].hi.deg(), 0.1, 1e-12);
}

TEST(Csv, QuotesWhatASpreadsheetWouldBreakAndTakesOtherSeparators) {
    UuidSource ids(system_sources());
    const char* const text =
        "\xEF\xBB\xBF"
        "kind\twheel\tvalue\ttool\tround\r\n"
        "hub\tfront-left\t\"5' 8 1/2\"\"\"\ttape, the long one\t0\r\n"
        "\r\n"
        "hub\tfront-left\t61,5 mm\t\t1\r\n";
    const JobFile job = job_from_csv(text, nullptr, ids);
    const Job read = job.job();
    ASSERT_EQ(read.rounds.size(), 2u);
    const auto& first = std::get<Reading>(job.entries()[read.rounds[0].readings[0]].event);
    EXPECT_NEAR(first.value.length().mm(), 1739.9, 1e-9);
    EXPECT_EQ(first.tool, "tape, the long one");
    const JobFile again = job_from_csv(csv_of(job), nullptr, ids);
    EXPECT_EQ(csv_of(again), csv_of(job));
}

TEST(Csv, SaysWhichLineIsWrong) {
    UuidSource ids(system_sources());
    const auto place_of = [&](const std::string& text) -> std::string {
        try {
            job_from_csv(text, nullptr, ids);
        } catch (const FileError& e) {
            EXPECT_FALSE(words::sentence(e.message).empty());
            return e.place;
        }
        return "taken";
    };
    EXPECT_EQ(place_of("wheel,value\nfront-left,1 mm\n"), "line 1");
    EXPECT_EQ(place_of(""), "line 1");
    EXPECT_EQ(place_of("kind,wheel,value\nhub,front-left,1\n"), "line 2.value");
    EXPECT_EQ(place_of("kind,bar,value\nbar-stands,middle,1 mm\n"), "line 2.bar");
    EXPECT_EQ(place_of("round,kind,wheel,value\nfirst,hub,front-left,1 mm\n"), "line 2.round");
    EXPECT_EQ(place_of("kind,wheel,value\nhub,front-left,1 mm\n"), "taken");
}

}  // namespace
}  // namespace fairchalk::book
