// SPDX-License-Identifier: GPL-3.0-or-later
// A car through its jobs: what stands beside a shop's sheet, what is due, what comes again; and the files
// that go with it.
#include "book/season.h"

#include <gtest/gtest.h>

#include "book/calendar.h"
#include "book/car_file.h"
#include "book/places.h"
#include "book/season_memory.h"
#include "folder.h"

namespace fairchalk::book {
namespace {

const std::string season_file = std::string(FAIRCHALK_DATA) + "/demo/season/tarnby-estate-";

struct SeasonTest : ::testing::Test {
    testing::Folder folder;
    UuidSource ids{system_sources()};
    Book book{folder.path / "garage.fairchalk"};

    JobFile file(int n) { return read_job(season_file + std::to_string(n) + ".json", ids); }
    std::string add(const JobFile& job, const char* title) { return book.import_job(job, title, ids); }
    std::string car() const { return book.cars().front().id; }
    Json entry(Json what) {
        what["id"] = ids.next();
        what["at"] = ids.now();
        return what;
    }
    static double camber(const Estimate& e) { return e.wheels[0].camber.value.deg(); }
};

TEST_F(SeasonTest, IsOldestFirstByWhatIsInTheLogsHoweverTheyCameIn) {
    add(file(4), "third");
    add(file(1), "first");
    add(file(2), "second");
    const auto season = season_of(book, car());
    ASSERT_EQ(season.size(), 3u);
    EXPECT_EQ(season[0].info.title, "first");
    EXPECT_EQ(season[2].info.title, "third");
    EXPECT_EQ(season[0].turned, 1);
    EXPECT_EQ(season[1].km, 131250.0);
    EXPECT_TRUE(any_read(season[0].tires));
    EXPECT_FALSE(any_read(season[1].tires));
    EXPECT_EQ(read_before(season, 2), &season[1]);
    EXPECT_FALSE(read_before(season, 0));
    const auto wear = wear_of(tires_of(season));
    ASSERT_EQ(wear.size(), 4u);
    EXPECT_GT(wear[0].per_1000_km[2], wear[0].per_1000_km[0])
        << "the inner edge of the left front goes faster";
}

TEST_F(SeasonTest, ASheetStandsBesideWhatWasReadBeforeItWasTyped) {
    const std::string first = add(file(1), "first");
    const Json before = {{"kind", "shop-sheet"},
                         {"when", "before"},
                         {"where", "Sallow Wharf Tires"},
                         {"angles", {{"front-left", {{"camber", "-0.6 deg"}}}}}};
    Json after = before;
    after["when"] = "after";
    // Nothing was read in the second job when its sheet was typed: it stands beside how the first left the
    // car.
    Json log = full_form(file(2));
    const std::string second = add(parse_job(log.dump(), ids), "second");
    auto sheets = sheets_beside(season_of(book, car()));
    ASSERT_EQ(sheets.size(), 1u) << "the one in the demo's job";
    EXPECT_EQ(sheets[0].job, first);
    EXPECT_EQ(sheets[0].typed_in, second);
    EXPECT_NEAR(camber(sheets[0].own), -0.5, 0.1);
    // Typed after the readings of a job, beside those; `after` with nothing read since beside nothing.
    book.append(first, {entry(before), entry(after)});
    sheets = sheets_beside(season_of(book, car()));
    ASSERT_EQ(sheets.size(), 3u);
    EXPECT_EQ(sheets[0].job, first);
    EXPECT_EQ(sheets[1].sheet.when, ShopSheet::When::after);
    EXPECT_EQ(sheets[1].job, second) << "as the next job found it";
    EXPECT_NEAR(camber(sheets[1].own), -1.1, 0.15);
    // Said to be otherwise, it is.
    Json here = after;
    here["beside"] = "this-job";
    here["angles"]["front-left"]["camber"] = "-0.4 deg";
    const std::string third = add(file(3), "third");
    book.append(third, {entry(here)});
    sheets = sheets_beside(season_of(book, car()));
    EXPECT_EQ(sheets.back().job, third);
    ASSERT_EQ(sheets.back().sheet.figures.size(), 1u);
}

TEST_F(SeasonTest, ASheetTypedLineByLineIsOneSheetAndTheLastWordOnALineHolds) {
    const std::string job = add(file(1), "first");
    for (const char* camber : {"-0.7 deg", "-0.6 deg"})
        book.append(job, {entry({{"kind", "shop-sheet"},
                                 {"when", "before"},
                                 {"angles", {{"front-left", {{"camber", camber}}}}}})});
    book.append(job, {entry({{"kind", "shop-sheet"},
                             {"when", "before"},
                             {"angles", {{"front-right", {{"camber", "-0.8 deg"}}}}}})});
    const auto sheets = sheets_beside(season_of(book, car()));
    ASSERT_EQ(sheets.size(), 1u);
    ASSERT_EQ(sheets[0].sheet.figures.size(), 2u);
    EXPECT_NEAR(sheets[0].sheet.figures[0].value.deg(), -0.6, 1e-9);
    EXPECT_FALSE(garage_bias(sheets).empty());
}

TEST_F(SeasonTest, WhatIsTakenOffIsInTheAnglesAndInNoSheet) {
    const std::string job = add(file(1), "first");
    book.append(job, {entry({{"kind", "shop-sheet"},
                             {"when", "before"},
                             {"angles", {{"front-left", {{"camber", "-0.6 deg"}}}}}})});
    const Visit plain = season_of(book, car()).front();
    book.append(
        job, {entry({{"kind", "garage-bias"},
                     {"sheets", 3},
                     {"angles", Json::array({{{"angle", "camber"}, {"deg", 0.1}, {"sigma_deg", 0.2}}})}})});
    const auto season = season_of(book, car());
    EXPECT_NEAR(camber(season[0].angles.left), camber(plain.angles.left) - 0.1, 1e-9);
    const double before = plain.angles.left.wheels[0].camber.sigma.deg(),
                 now = season[0].angles.left.wheels[0].camber.sigma.deg();
    EXPECT_NEAR(now * now, before * before + 0.04, 1e-6);
    // Alike on both: their difference is as sure as it was.
    EXPECT_NEAR(season[0].angles.left.axles[0].cross_camber.sigma.deg(),
                plain.angles.left.axles[0].cross_camber.sigma.deg(), 1e-9);
    EXPECT_NEAR(camber(sheets_beside(season)[0].own), camber(plain.angles.left), 1e-9);
    // An empty one ends it.
    book.append(job, {entry({{"kind", "garage-bias"}, {"sheets", 0}, {"angles", Json::array()}})});
    EXPECT_NEAR(camber(season_of(book, car())[0].angles.left), camber(plain.angles.left), 1e-9);
}

TEST_F(SeasonTest, WhatIsDueIsAnsweredByLookingAgain) {
    const std::string first = add(file(1), "first");  // again after 3000 km, at 128 400 km
    auto due = due_of_car(book, car(), "2025-10-01");
    ASSERT_EQ(due.size(), 1u);
    EXPECT_FALSE(due[0].due);
    // Driven on, and only the odometer written down.
    const std::string tires = book.add_job(car(), "tires", Json::object(), ids);
    book.append(tires, {entry({{"kind", "odometer"}, {"reads", "131 500 km"}})});
    due = due_of_car(book, car(), "2025-11-01");
    ASSERT_EQ(due.size(), 1u);
    EXPECT_TRUE(due[0].due);
    EXPECT_NEAR(*due[0].km, -100.0, 1e-6);
    EXPECT_EQ(due_of(season_of(book, car()), "2025-11-01").size(), 1u);
}

TEST_F(SeasonTest, ACauseThatIsNamedTwiceIsLookedAtFirst) {
    // The left rod is found a turn longer than it was left, twice.
    Json one = full_form(file(1));
    for (int n = 0; n < 3; ++n) {
        Json job = one;
        for (Json& e : job["log"]) {
            e.erase("id");
            if (e.contains("at"))
                e["at"] = "2026-0" + std::to_string(n + 1) + e["at"].get<std::string>().substr(7);
            if (e.value("wheel", "") != "front-left") continue;
            for (const auto& [kind, way] : {std::pair("rim-front", 1.0), {"rim-rear", -1.0}})
                if (e["kind"] == kind) {
                    const double mm = read_quantity(e["value"].get<std::string>())->value;
                    e["value"] = write_exact(Length::from_mm(mm + way * 2.5 * n));
                }
        }
        add(parse_job(job.dump(), ids), "again");
    }
    const auto season = season_of(book, car());
    ASSERT_EQ(season.size(), 3u);
    const auto twice = named_twice(season);
    ASSERT_TRUE(twice);
    EXPECT_EQ(twice->axle, Axle::front);
    EXPECT_EQ(twice->cause.side, Side::left);
    EXPECT_EQ(twice->cause.cause, Cause::rod_length);
    EXPECT_FALSE(named_twice({season[0], season[1]}));
    // The same of the book, but for a job that lies open.
    EXPECT_TRUE(named_twice(book, car(), ""));
    EXPECT_FALSE(named_twice(book, car(), season[2].info.id));
}

TEST_F(SeasonTest, ARodThatWasMeasuredTellsTheRodFromTheCar) {
    Json log = full_form(file(1));
    const auto with_rod = [&](double rod_mm, double toe_mm, const char* at) {
        Json job = log;
        for (Json& e : job["log"]) {
            e.erase("id");
            if (e["kind"] == "turn") e["kind"] = "note";
            if (e.value("wheel", "") == "front-left" && e["kind"] == "rim-front")
                e["value"] = write_exact(
                    Length::from_mm(read_quantity(e["value"].get<std::string>())->value + toe_mm));
            if (e.contains("at")) e["at"] = at + e["at"].get<std::string>().substr(10);
        }
        job["log"].push_back({{"kind", "rod-length"},
                              {"wheel", "front-left"},
                              {"value", write_exact(Length::from_mm(rod_mm))}});
        return parse_job(job.dump(), ids);
    };
    add(with_rod(300.0, 0.0, "2026-01-01"), "a");
    add(with_rod(300.1, 6.0, "2026-02-01"), "moved, and the rod is as it was");
    const auto car_moved = explained(season_of(book, car()), 1, Axle::front);
    ASSERT_FALSE(car_moved.empty());
    EXPECT_NE(car_moved[0].cause, Cause::rod_length);
    EXPECT_NE(car_moved[0].cause, Cause::nothing);
    add(with_rod(302.3, 11.5, "2026-03-01"), "the rod was turned");
    const auto rod_turned = explained(season_of(book, car()), 2, Axle::front);
    EXPECT_EQ(rod_turned[0].cause, Cause::rod_length);
}

TEST_F(SeasonTest, WhatWasWorkedOutIsRememberedUntilSomethingIsAdded) {
    const std::string first = add(file(1), "first"), second = add(file(2), "second");
    const auto season = season_of(book, car());
    book.set_fact(season_fact(car(), false), remembered(season));
    auto again = season_remembered(book, car());
    ASSERT_EQ(again.size(), 2u);
    for (std::size_t k = 0; k < 2; ++k) {
        EXPECT_FALSE(again[k].whole);
        for (const CarAngle& a : angles_of_a_car()) {
            const KnownAngle *was = season[k].angles.left.find(a), *is = again[k].angles.left.find(a);
            ASSERT_EQ(was->known, is->known) << a.name();
            EXPECT_EQ(was->value, is->value) << a.name();
            EXPECT_EQ(was->sigma, is->sigma) << a.name();
        }
        EXPECT_EQ(again[k].turned, season[k].turned);
        EXPECT_EQ(again[k].km, season[k].km);
        EXPECT_EQ(again[k].info.created, season[k].info.created);
    }
    EXPECT_EQ(again[0].again.size(), 1u);
    make_whole(book, again[0]);
    EXPECT_TRUE(again[0].whole && again[0].angles.left.posterior);
    // One that was added to is worked out again, and no other.
    book.append(second, {entry({{"kind", "odometer"}, {"reads", "140 000 km"}})});
    again = season_remembered(book, car());
    EXPECT_FALSE(again[0].whole);
    EXPECT_TRUE(again[1].whole);
    EXPECT_EQ(again[1].km, 140000.0);
    book.set_fact(season_fact(car(), false), "{\"program\": 3}");
    EXPECT_TRUE(season_remembered(book, car())[0].whole);
}

TEST(Calendar, LinesEndAndFoldAsTheyShould) {
    const std::string text =
        calendar_of({{"a-1", "2026-12-04",
                      "Tarnby estate; look again, " + std::string(80, 'x') + "é" + std::string(20, 'y')}},
                    "2026-11-28T10:20:30Z");
    EXPECT_TRUE(text.starts_with("BEGIN:VCALENDAR\r\n"));
    EXPECT_NE(text.find("DTSTART;VALUE=DATE:20261204\r\n"), std::string::npos);
    EXPECT_NE(text.find("DTSTAMP:20261128T102030Z\r\n"), std::string::npos);
    EXPECT_NE(text.find("estate\\; look again\\, "), std::string::npos);
    for (std::size_t at = 0, end; (end = text.find("\r\n", at)) != std::string::npos; at = end + 2) {
        EXPECT_LE(end - at, 75u);
        EXPECT_TRUE(end == at || (static_cast<unsigned char>(text[at]) & 0xC0) != 0x80)
            << "inside a character";
    }
}

TEST_F(SeasonTest, ACarGoesOutAndComesInWithWhatItsAdjustersDo) {
    Json card = full_form(file(1))["car"];
    if (card.is_null()) card = parse_json(read_file(season_file + "1.json"))["car"];
    const Json out = car_file(card);
    EXPECT_EQ(card_in(out.dump()), card);
    Json broken = out;
    broken["car"]["wheelbase"] = "-3 mm";
    EXPECT_THROW(card_in(broken.dump()), FileError);
    EXPECT_THROW(card_in("{\"format\": \"something\"}"), FileError);
    const Json with = with_figures(
        card, figures_in(R"({"format": "fairchalk-figures", "version": 1, "name": "wet", "source": "invented",
                             "targets": {"front": {"total_toe": {"aim": "0°10'", "minus": "0°05'", "plus": "0°05'"}}}})"));
    EXPECT_EQ(with["setup_in_use"], "wet");
    EXPECT_EQ(with["setups"]["wet"]["source"], "invented");
    EXPECT_TRUE(with["setups"].contains("road")) << "the others stay";
    EXPECT_THROW(figures_in(R"({"format": "fairchalk-figures", "version": 1, "name": "", "targets": {}})"),
                 FileError);
    EXPECT_THROW(figures_in(R"({"format": "fairchalk-figures", "version": 2, "name": "a", "targets": {}})"),
                 FileError);
}

}  // namespace
}  // namespace fairchalk::book
