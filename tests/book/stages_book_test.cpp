// SPDX-License-Identifier: GPL-3.0-or-later
// Getting ready, as it is kept: the knowledge tables, the entries, the card's set-ups, pictures, floors.
#include <unistd.h>

#include <filesystem>
#include <set>
#include "core/job/rig.h"

#include <gtest/gtest.h>

#include "book/book.h"
#include "book/csv.h"
#include "book/folder.h"
#include "book/knowledge_file.h"
#include "book/places.h"
#include "book/target_text.h"
#include "words/words.h"

namespace fairchalk::book {
namespace {

namespace fs = std::filesystem;

Entry entry(decltype(Entry::event) what) {
    Entry e;
    e.event = std::move(what);
    return e;
}

Job job_with(std::vector<Entry>& log, const CarCard& car, std::vector<std::string> reasons) {
    log = {entry(CarEdit{car})};
    if (!reasons.empty()) log.push_back(entry(ReasonsGiven{std::move(reasons), {}}));
    return job_of(log);
}

/// Cars and reasons that between them have everything.
std::vector<CarCard> every_car() {
    std::vector<CarCard> out;
    for (Steering steering : {Steering::rack, Steering::box})
        for (Suspension s : {Suspension::strut, Suspension::double_wishbone, Suspension::beam})
            for (bool blocks : {false, true}) {
                CarCard c;
                c.steering = steering;
                c.axle(Axle::front).suspension = s;
                c.axle(Axle::rear).suspension = s;
                c.no_springs = blocks;
                c.power_steering = steering == Steering::rack;
                Adjuster rod;
                rod.kind = steering_rod_kind;
                rod.wheel = Wheel::front_left;
                rod.id = "rod-fl";
                c.adjusters = {rod, Adjuster{"s", s == Suspension::beam ? "cam" : "shim-pair", {}, {}, {}}};
                out.push_back(c);
            }
    return out;
}

TEST(Knowledge, WhatShipsIsWholeAndAllOfItAppearsSomewhere) {
    const Knowledge& k = shipped_knowledge();
    EXPECT_GE(k.checks.size(), 15u);
    EXPECT_GE(k.cautions.size(), 10u);
    EXPECT_GE(k.reasons.size(), 12u);
    std::set<std::string> seen;
    std::vector<Entry> log;
    for (const CarCard& car : every_car()) {
        for (const ReasonItem& r : k.reasons) {
            Job job = job_with(log, car, {r.id});
            for (const CheckItem* c : checks_for(job, k)) seen.insert("check " + c->id);
            // A failed check marks the job, and that has its caution too.
            log.push_back(entry(Checked{"wheel-nuts", CheckState::failed, {}}));
            // Whatever is set up to measure with.
            LinesSet lines;
            for (const Rig* rig : all_rigs()) lines.rigs.emplace_back(rig->id);
            log.push_back(entry(lines));
            job = job_of(log);
            for (Stage s : all_stages)
                for (const Caution* c : cautions_at(s, job, k)) seen.insert("caution " + c->id);
        }
    }
    for (const CheckItem& c : k.checks)
        EXPECT_TRUE(seen.contains("check " + c.id)) << c.id << " never appears";
    for (const Caution& c : k.cautions)
        EXPECT_TRUE(seen.contains("caution " + c.id)) << c.id << " never appears";
    for (const ReasonItem& r : k.reasons) EXPECT_FALSE(r.stages.empty()) << r.id;
    for (const char* topic : {"steering", "slip", "settle", "order", "reach"})
        EXPECT_FALSE(k.on(topic).empty()) << topic;
    for (SteeringSchool s : {SteeringSchool::wheel, SteeringSchool::gear, SteeringSchool::roll_in})
        EXPECT_TRUE(k.school(name_of(s))) << name_of(s);
}

TEST(Knowledge, AnItemWithoutItsTextReasonOrPlaceIsRefused) {
    const Json reasons =
        Json::parse(R"([{"id": "r", "text": "t", "reason": "w", "symptom": true, "path": "full",
        "expect": "e", "stages": ["read"]}])");
    const Json check =
        Json::parse(R"({"id": "c", "text": "t", "look": "l", "test": "t", "effect": "e", "remedy": "r",
        "reason": "w", "at": ["81 0"], "drawing": "rod", "when": ["springs", "reason=r"], "blocks": true, "up": false, "two": false})");
    const Json caution = Json::parse(
        R"({"id": "s", "text": "t", "reason": "w", "stages": ["turn"], "when": ["steering=rack|blocks"]})");
    const Json schools =
        Json::parse(R"([{"id": "h", "topic": "slip", "text": "t", "reason": "w", "how": "h"}])");
    const auto list = [](const Json& item) {
        Json l = Json::array();
        l.push_back(item);
        return l;
    };
    EXPECT_NO_THROW(
        knowledge_from({reasons, list(check), list(caution), schools, Json::array(), Json::array()}));
    const auto place_of = [&](const Json& c, const Json& s) -> std::string {
        try {
            knowledge_from({reasons, list(c), list(s), schools, Json::array(), Json::array()});
        } catch (const FileError& e) {
            EXPECT_FALSE(words::sentence(e.message).empty());
            return e.place;
        }
        return "taken";
    };
    for (const char* key : {"text", "look", "test", "effect", "remedy", "reason", "at", "when", "blocks"}) {
        Json c = check;
        c.erase(key);
        EXPECT_EQ(place_of(c, caution), std::string("checks[0].") + key);
    }
    for (const char* key : {"text", "reason", "stages", "when"}) {
        Json s = caution;
        s.erase(key);
        EXPECT_EQ(place_of(check, s), std::string("cautions[0].") + key);
    }
    Json misspelt = check;
    misspelt["remdy"] = "x";
    EXPECT_EQ(place_of(misspelt, caution), "checks[0].remdy");
    Json condition = check;
    condition["when"] = Json::parse(R"(["sprung"])");
    EXPECT_EQ(place_of(condition, caution), "checks[0].when[0]");
    condition["when"] = Json::parse(R"(["reason=nobody-says-this"])");
    EXPECT_EQ(place_of(condition, caution), "checks.c.when");
    for (const char* nowhere :
         {R"([])", R"(["81"])", R"(["81 300"])", R"(["-4 0"])", R"(["81 0 2"])", R"(["nose"])"}) {
        Json c = check;
        c["at"] = Json::parse(nowhere);
        EXPECT_NE(place_of(c, caution).find(".at"), std::string::npos) << nowhere;
    }
    Json twice = Json::array({check, check});
    EXPECT_THROW(knowledge_from({reasons, twice, list(caution), schools, Json::array(), Json::array()}),
                 FileError);
}

TEST(Knowledge, NoTwoThingsToLookAtStandOnEachOtherOnTheCar) {
    const auto& all = shipped_knowledge().checks;
    ASSERT_GT(all.size(), 15u);
    const auto only = [](const CheckItem& c) { return c.id == "steering-box" || c.id == "rack-mounts"; };
    for (const CheckItem& a : all)
        for (const CheckItem& b : all) {
            if (&a == &b || (only(a) && only(b))) continue;  // a car has one of the two
            const double x = 6.4 * (a.at.front().along - b.at.front().along),
                         y = 2.62 * (a.at.front().across - b.at.front().across);
            EXPECT_GE(std::hypot(x, y), 32.0) << a.id << " and " << b.id << ", as large as they are drawn";
        }
}

TEST(Knowledge, TheListFitsTheCarAndTheReason) {
    const Knowledge& k = shipped_knowledge();
    std::vector<Entry> log;
    const auto has = [&](const Job& job, const char* id) {
        const auto all = checks_for(job, k);
        return std::any_of(all.begin(), all.end(), [&](const CheckItem* c) { return c->id == id; });
    };
    CarCard car;
    car.steering = Steering::rack;
    Job job = job_with(log, car, {});
    EXPECT_TRUE(has(job, "rack-mounts"));
    EXPECT_FALSE(has(job, "steering-box"));
    EXPECT_FALSE(has(job, "kerb-bent"));
    EXPECT_TRUE(has(job, "heights"));
    job = job_with(log, car, {"hit-kerb"});
    EXPECT_TRUE(has(job, "kerb-bent"));
    car.no_springs = true;
    car.steering = Steering::unknown;
    job = job_with(log, car, {});
    EXPECT_FALSE(has(job, "heights")) << "nothing settles on blocks";
    EXPECT_TRUE(has(job, "blocks-height"));
    EXPECT_TRUE(has(job, "steering-box")) << "what nobody said rules nothing out";
    EXPECT_TRUE(has(job, "rack-mounts"));
}

TEST(Knowledge, ACrookedWheelAloneIsTheShortJob) {
    const Knowledge& k = shipped_knowledge();
    std::vector<Entry> log;
    const CarCard car;
    Job job = job_with(log, car, {"wheel-crooked"});
    EXPECT_EQ(path_of(job, k), Path::wheel_only);
    const auto wanted = stages_wanted(job, k);
    EXPECT_FALSE(wanted[static_cast<std::size_t>(index_of(Stage::lines))]);
    EXPECT_TRUE(wanted[static_cast<std::size_t>(index_of(Stage::drive))]);
    job = job_with(log, car, {"wheel-crooked", "steering-parts"});
    EXPECT_EQ(path_of(job, k), Path::full) << "new parts lead to the full one";
    EXPECT_TRUE(stages_wanted(job, k)[static_cast<std::size_t>(index_of(Stage::lines))]);
    job = job_with(log, car, {"take-apart", "pulls"});
    EXPECT_EQ(path_of(job, k), Path::baseline);
    job = job_with(log, car, {});
    EXPECT_EQ(path_of(job, k), Path::full);
    for (bool w : stages_wanted(job, k)) EXPECT_TRUE(w) << "nothing said: everything may matter";
}

TEST(Knowledge, AFailedCheckMarksTheJobUntilItIsMended) {
    const Knowledge& k = shipped_knowledge();
    std::vector<Entry> log;
    job_with(log, CarCard{}, {});
    log.push_back(entry(Checked{"bearings", CheckState::failed, "left rear rocks"}));
    log.push_back(entry(Checked{"rims", CheckState::failed, {}}));
    ASSERT_EQ(marks_on(job_of(log), k).size(), 1u) << "a bent rim is reckoned with, a loose bearing is not";
    EXPECT_EQ(marks_on(job_of(log), k).front()->id, "bearings");
    EXPECT_EQ(state_of(job_of(log), "bearings").note, "left rear rocks");
    log.push_back(entry(Checked{"bearings", CheckState::good, {}}));
    EXPECT_TRUE(marks_on(job_of(log), k).empty());
}

TEST(Knowledge, ACautionIsAcknowledgedOncePerJob) {
    const Knowledge& k = shipped_knowledge();
    std::vector<Entry> log;
    job_with(log, CarCard{}, {});
    const auto before = cautions_at(Stage::turn, job_of(log), k);
    ASSERT_FALSE(before.empty());
    for (const Caution* c : before) log.push_back(entry(CautionSeen{c->id}));
    EXPECT_TRUE(cautions_at(Stage::turn, job_of(log), k).empty());
    EXPECT_EQ(cautions_at(Stage::turn, job_of(log), k, true).size(), before.size())
        << "the sheet prints them all the same";
}

TEST(EntryJson, WhatGettingReadyKeepsReadsBackAsItself) {
    FloorSet heights;
    heights.method = FloorMethod::heights;
    heights.place = "bay 1";
    heights.surveyed = "2026-05-02";
    heights.heights = {Length(), Length::from_mm(-6), Length::from_mm(2.25), Length()};
    heights.sigma = Length::from_mm(0.8);
    FloorSet legs;
    legs.method = FloorMethod::level_legs;
    Driven drive;
    drive.wheel_off = Angle::from_deg(-6.5);
    drive.wheel_sigma = Angle::from_deg(0.75);
    drive.feels = {"wanders", "shimmy"};
    drive.how = "rim-marks";
    drive.note = "quiet";
    Driven drifted;
    drifted.drift = Drift::left;
    BaselineNote note;
    note.item = "rod-length front-left";
    note.value = *read_quantity("12 5/16 in");
    note.back = true;
    Reading rise;
    rise.spot = wheel_spot(ReadingId::floor_rise, Wheel::front_left);
    rise.spot.to = Wheel::front_right;
    rise.value = *read_quantity("-3 mm");
    Reading rolled;
    rolled.spot = wheel_spot(ReadingId::rim_runout, Wheel::rear_right);
    rolled.spot.rolled = true;
    rolled.value = *read_quantity("31.2 mm");
    Reading pressure;
    pressure.spot = wheel_spot(ReadingId::pressure, Wheel::rear_right);
    pressure.value = *read_quantity("32 psi");
    Reading look;
    look.spot.kind = ReadingId::steering_wheel;
    look.value = *read_quantity("-3 deg");
    look.since_now = true;
    Reading play;
    play.spot.kind = ReadingId::steering_play;
    play.spot.side = Side::right;
    play.value = *read_quantity("4 deg");
    RoundOpened round;
    round.floor = std::array<Length, 4>{Length(), Length::from_mm(-6), Length(), Length()};
    round.floor_sigma = Length::from_mm(0.5);
    const std::vector<Entry> all = {
        entry(ReasonsGiven{{"pulls", "hit-kerb"}, "to the left"}),
        entry(Checked{"bearings", CheckState::failed, "rocks"}),
        entry(Checked{"spacers", CheckState::not_applicable, {}}),
        entry(heights),
        entry(legs),
        entry(TilesPlaced{Length::from_mm(3), {0, 2, 1, 0}}),
        entry(SteeringSet{SteeringSchool::roll_in, "strap"}),
        entry(PartTouched{PartState::provisional, "split pin"}),
        entry(PartTouched{PartState::refitted, "split pin"}),
        entry(CautionSeen{"stands"}),
        entry(drive),
        entry(drifted),
        entry(note),
        entry(rise),
        entry(rolled),
        entry(pressure),
        entry(look),
        entry(play),
        entry(round),
        entry(Change{ChangeKind::rolled, {}}),
        entry(Change{ChangeKind::bounced, {}}),
        entry(Change{ChangeKind::settled, {}}),
    };
    for (const Entry& e : all) {
        const Json once = json_of(e);
        const Entry back = entry_from(once, "log[0]", CarCard{});
        EXPECT_EQ(json_of(back), once) << once;
        EXPECT_EQ(back.event.index(), e.event.index()) << once;
    }
    EXPECT_EQ(json_of(all[19])["kind"], "settled") << "an older reader still knows that it settled";
    EXPECT_EQ(json_of(all[19])["how"], "rolled");
    EXPECT_EQ(json_of(all[16])["since"], "now");
}

TEST(EntryJson, TheCardKeepsWhatGettingReadyNeeds) {
    const Json j = Json::parse(
        R"({"name": "x", "drive": "rear", "steering": "box", "power_steering": true, "no_springs": true,
        "front": {"suspension": "strut"}, "rear": {"suspension": "beam"},
        "pressures": {"front-left": "32 psi", "tolerance": "0.1 bar"},
        "ride_heights": {"rear-right": "14 1/2 in", "measured": "hub to arch"},
        "load": "driver", "torques": [{"part": "locknut", "torque": "40 lb ft"}],
        "adjusters": [{"id": "n", "kind": "none", "angle": "camber", "axle": "rear"}]})");
    const CarCard car = car_from(j, "car");
    EXPECT_EQ(car.drive, Drive::rear);
    EXPECT_EQ(car.steering, Steering::box);
    EXPECT_EQ(car.axle(Axle::front).suspension, Suspension::strut);
    EXPECT_NEAR(*car.pressures.at[0], 2.2063, 1e-3);
    EXPECT_NEAR(*car.heights.at[3], 368.3, 1e-9);
    EXPECT_EQ(car.heights.measured_how, "hub to arch");
    EXPECT_EQ(car.torques.front().torque, "40 lb ft") << "as it was written";
    const CarCard again = car_from(json_of(car), "car");
    EXPECT_EQ(json_of(again), json_of(car));
    const auto place_of = [&](const char* key, const char* bad) -> std::string {
        Json broken = j;
        broken[key] = Json::parse(bad);
        try {
            car_from(broken, "car");
        } catch (const FileError& e) {
            return e.place;
        }
        return "taken";
    };
    EXPECT_EQ(place_of("steering", "\"wheel\""), "car.steering");
    EXPECT_EQ(place_of("pressures", R"({"front-left": "3 mm"})"), "car.pressures.front-left");
    EXPECT_EQ(place_of("torques", R"([{"part": "x", "torque": "tight"}])"), "car.torques[0].torque");
}

TEST(EntryJson, MalformedPreparationsNameTheirPlace) {
    const auto place_of = [](const char* text) -> std::string {
        try {
            entry_from(Json::parse(text), "log[0]", CarCard{});
        } catch (const FileError& e) {
            EXPECT_FALSE(words::sentence(e.message).empty());
            return e.place;
        }
        return "taken";
    };
    EXPECT_EQ(place_of(R"({"kind": "asked"})"), "log[0].reasons");
    EXPECT_EQ(place_of(R"({"kind": "check", "item": "x", "state": "maybe"})"), "log[0].state");
    EXPECT_EQ(place_of(R"({"kind": "floor", "method": "by-eye"})"), "log[0].method");
    EXPECT_EQ(place_of(R"({"kind": "floor", "method": "heights", "heights": {"front-left": "1 mm"}})"),
              "log[0].heights.front-right");
    EXPECT_EQ(place_of(R"({"kind": "tiles", "thickness": "3 mm", "under": {"rear-left": 1.5}})"),
              "log[0].under.rear-left");
    EXPECT_EQ(place_of(R"({"kind": "tiles", "thickness": "3 mm", "under": {"rear-left": -1}})"),
              "log[0].under.rear-left");
    EXPECT_EQ(place_of(R"({"kind": "drive", "drifts": "up"})"), "log[0].drifts");
    EXPECT_EQ(place_of(R"({"kind": "loosened"})"), "log[0].part");
    EXPECT_EQ(place_of(R"({"kind": "floor-rise", "wheel": "front-left", "value": "3 mm"})"), "log[0].to");
    EXPECT_EQ(place_of(R"({"kind": "pressure", "wheel": "front-left", "value": "3 mm"})"), "log[0].value");
    EXPECT_EQ(place_of(R"({"kind": "steering-wheel", "value": "3 deg", "since": "ever"})"), "log[0].since");
    EXPECT_EQ(place_of(R"({"kind": "settled", "how": "rolled"})"), "taken");
}

struct Line {
    const char *measure, *text, *name;
    double lo, hi;
};
class TargetLines : public ::testing::TestWithParam<Line> {};

TEST_P(TargetLines, AreReadInTheManualsOwnTermsAndWrittenBack) {
    const Line& l = GetParam();
    const auto t = target_from_text(l.measure, l.text);
    ASSERT_TRUE(t) << l.text << ": " << words::sentence(t.error());
    EXPECT_EQ(t->measure, l.name);
    Json all = Json::object();
    all["front"][t->measure] = t->target;
    const Target band = targets_from(all, "").front();
    EXPECT_NEAR(band.lo.deg(), l.lo, 1e-4) << l.text;
    EXPECT_NEAR(band.hi.deg(), l.hi, 1e-4) << l.text;
    const std::string again = text_of_target(t->measure, t->target);
    const auto back = target_from_text(l.measure, again);
    ASSERT_TRUE(back) << again;
    EXPECT_EQ(text_of_target(back->measure, back->target), again);
    EXPECT_NEAR(back->band.lo.deg(), t->band.lo.deg(), 1e-12);
    EXPECT_NEAR(back->band.hi.deg(), t->band.hi.deg(), 1e-12);
}

INSTANTIATE_TEST_SUITE_P(
    Lines, TargetLines,
    ::testing::Values(Line{"toe", "0°08' in ±0°15'", "total_toe", -0.11667, 0.38333},
                      Line{"toe", "0.1 deg +/- 0.05 deg each", "toe", 0.05, 0.15},
                      Line{"toe", "2 mm in ±1 mm over 416 mm", "total_toe", 0.13773, 0.41320},
                      Line{"toe", "1 mm in ±1 mm over 416 mm half", "toe", 0.0, 0.55093},
                      // The unit is written once.
                      Line{"toe", "1/8 in ±1/16 over 15 in", "total_toe", 0.23873, 0.71618},
                      // What it is of stands anywhere.
                      Line{"toe", "1/8 in total ±1/16 over 15 in", "total_toe", 0.23873, 0.71618},
                      Line{"toe", "total 1/8 in ±1/16 over 15 in", "total_toe", 0.23873, 0.71618},
                      Line{"toe", "each 0.1 deg ±0.05 deg", "toe", 0.05, 0.15},
                      Line{"toe", "0.1 deg each ±0.05 deg", "toe", 0.05, 0.15},
                      Line{"toe", "1 mm in half ±1 mm over 416 mm", "toe", 0.0, 0.55093},
                      Line{"toe", "1/8 ±1/16 in over 15 in", "total_toe", 0.23873, 0.71618},
                      Line{"toe", "1/8 ±1/16 over 15 in", "total_toe", 0.23873, 0.71618},
                      Line{"toe", "1/8 in ±1/16 over 15", "total_toe", 0.23873, 0.71618},
                      Line{"toe", "2 mm in ±1 over 416", "total_toe", 0.13773, 0.41320},
                      Line{"toe", "12' in ±6", "total_toe", 0.1, 0.3},
                      // And in whichever order it comes to mind.
                      Line{"toe", "1/8 over 15 +-1/16", "total_toe", 0.23873, 0.71618},
                      Line{"toe", "1/8 over 15 total ± 1/16", "total_toe", 0.23873, 0.71618},
                      Line{"toe", "1/8 in over 15 in plus or minus 1/16", "total_toe", 0.23873, 0.71618},
                      Line{"toe", "2 mm over 416 plus 1 minus 1", "total_toe", 0.13773, 0.41320},
                      Line{"camber", "-1 plus 0.25 minus 0.5", "camber", -1.5, -0.75},
                      Line{"camber", "-0.6 ±0.5", "camber", -1.1, -0.1},
                      Line{"camber", "-1 deg minus 0.5 deg plus 0.25 deg", "camber", -1.5, -0.75}));

TEST(TargetLines, WhatIsNotATargetSaysSo) {
    // Beside an angle a bare stroke is minutes, and not feet.
    const auto minutes = target_from_text("toe", "10' in +-8'");
    ASSERT_TRUE(minutes);
    EXPECT_NEAR(minutes->band.lo.deg(), 2.0 / 60, 1e-9);
    EXPECT_NEAR(minutes->band.hi.deg(), 18.0 / 60, 1e-9);
    EXPECT_EQ(text_of_target("total_toe", minutes->target), "10' in ±0°08'");
    const auto half = target_from_text("toe", "10' in +-7.5'");
    ASSERT_TRUE(half);
    EXPECT_EQ(text_of_target("total_toe", half->target), "10' in ±7.5 min");
    EXPECT_NEAR(half->band.hi.deg(), 17.5 / 60, 1e-9);
    // And out of the file again.
    EXPECT_NEAR(target_from_text("toe", text_of_target("total_toe", half->target))->band.lo.deg(), 2.5 / 60,
                1e-9);
    EXPECT_FALSE(target_from_text("toe", "a little in"));
    for (const char* twice : {"1 mm ±1 ±2 over 416", "1 mm over 416 over 400", "1 mm ±", "±1 mm", "1 mm over",
                              "1 over plus 1 mm"})
        EXPECT_FALSE(target_from_text("toe", twice)) << twice;
    // A fraction is of an inch.
    const auto inches = target_from_text("toe", "1/16 +-1/32 over 16 1/2");
    ASSERT_TRUE(inches);
    EXPECT_NEAR(inches->band.aim.deg(), std::atan(1.0 / 16 / 16.5) * 180 / M_PI, 0.002);
    // Which way a bare number was taken is said, of whatever a file has too.
    EXPECT_EQ(text_of_target("toe", {{"aim", "-0°08'"}, {"minus", "0°15'"}}, true), "0°08' out ±0°15'");
    EXPECT_EQ(text_of_target("camber", {{"aim", "-0.6 deg"}}), "-0.6 deg");
    EXPECT_EQ(text_of_target("total_toe", inches->target), "1/16 in in ±1/32 in over 16 1/2 in");
    for (const auto& [typed, again] : {std::pair("-1/8 ±1/16 over 15", "1/8 in out ±1/16 in over 15 in"),
                                       std::pair("+2 mm ±1 mm over 400 mm", "2 mm in ±1 mm over 400 mm"),
                                       std::pair("-0.1° ±0.05°", "0.1° out ±0.05°"),
                                       std::pair("0 ±1 mm over 400 mm", "0 mm ±1 mm over 400 mm")}) {
        const auto t = target_from_text("toe", typed);
        ASSERT_TRUE(t) << typed;
        EXPECT_EQ(text_of_target("total_toe", t->target), again);
        const auto same = target_from_text("toe", again);
        ASSERT_TRUE(same) << again;
        EXPECT_NEAR(same->band.lo.deg(), t->band.lo.deg(), 1e-12);
        EXPECT_NEAR(same->band.hi.deg(), t->band.hi.deg(), 1e-12);
    }
    const auto bare = target_from_text("toe", "2 +-1");
    ASSERT_FALSE(bare);
    EXPECT_NE(words::sentence(bare.error()).find("0°08' in ±0°15'"), std::string::npos)
        << words::sentence(bare.error());
    EXPECT_FALSE(target_from_text("toe", "2 mm in ±1 mm")) << "a length without its span";
    EXPECT_FALSE(target_from_text("toe", ""));
    EXPECT_FALSE(target_from_text("toe", "0°08' in ±5")) << "degrees or minutes";
    EXPECT_FALSE(target_from_text("toe", "1/8 ±1/16"));
    EXPECT_FALSE(target_from_text("camber", "2 mm ±1 mm"));
}

using testing::Folder;

TEST(ReadyBook, KeepsPicturesAsTheFilesTheyWere) {
    const Folder folder;
    UuidSource ids(system_sources());
    std::string bytes = "\x89PNG";
    bytes += std::string("\0\0 not text", 11);
    std::string car, job;
    {
        Book b(folder.path / "g.fairchalk");
        car = b.add_car({{"name", "x"}}, ids);
        job = b.add_job(car, "first", Json::object(), ids);
        b.add_picture(car, "arm.png", bytes, ids);
        b.add_picture(car, "rack.png", "other", ids);
    }
    const Book b(folder.path / "g.fairchalk", Book::Mode::read);
    EXPECT_EQ(b.car_of(job), car);
    const auto all = b.pictures(car);
    ASSERT_EQ(all.size(), 2u);
    EXPECT_EQ(all[0].name, "arm.png");
    EXPECT_EQ(all[0].bytes, bytes);
    EXPECT_TRUE(b.pictures("nobody").empty());
}

TEST(ReadyBook, ABookWithoutPicturesIsBroughtUpToDateOrReadAsItIs) {
    const Folder folder;
    const Book::Migrations first(Book::migrations().begin(), Book::migrations().begin() + 1);
    const fs::path path = folder.path / "old.fairchalk";
    UuidSource ids(system_sources());
    std::string car;
    {
        Book b(path, Book::Mode::write, first);
        car = b.add_car({{"name", "x"}}, ids);
    }
    EXPECT_TRUE(Book(path, Book::Mode::read).pictures(car).empty());
    Book b(path);
    EXPECT_TRUE(fs::exists(path.string() + ".version1.backup"));
    b.add_picture(car, "a.png", "bytes", ids);
    EXPECT_EQ(b.pictures(car).size(), 1u);
}

TEST(ReadyBook, FactsAreFoundByHowTheyBegin) {
    const Folder folder;
    Book b(folder.path / "g.fairchalk");
    b.set_fact("floor:bay 2", "2");
    b.set_fact("floor:bay 1", "1");
    b.set_fact("floorplan", "no");
    const auto floors = b.facts("floor:");
    ASSERT_EQ(floors.size(), 2u);
    EXPECT_EQ(floors[0], (std::pair<std::string, std::string>("floor:bay 1", "1")));
}

TEST(ReadyBook, ReadingsOfTheFloorGoThroughASpreadsheet) {
    UuidSource ids(system_sources());
    const char* const text =
        "round,kind,wheel,to,value,since\r\n0,floor-rise,front-left,front-right,-3 "
        "mm,\r\n0,steering-wheel,,,4 deg,now\r\n";
    const JobFile job = job_from_csv(text, nullptr, ids);
    EXPECT_EQ(csv_of(job_from_csv(csv_of(job), nullptr, ids)), csv_of(job));
    const auto& rise = std::get<Reading>(job.entries()[job.job().others.front()].event);
    EXPECT_EQ(rise.spot.to, Wheel::front_right);
}

}  // namespace
}  // namespace fairchalk::book
