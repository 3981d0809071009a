// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/job_file.h"

#include <unistd.h>

#include <algorithm>

#include <gtest/gtest.h>

#include "book/book.h"
#include "book/csv.h"
#include "book/places.h"
#include "words/words.h"

namespace fairchalk::book {
namespace {

const char* const short_job = R"({
 "format": "fairchalk-job", "version": 1, "workshop": "Dunmere Lane",
 "car": {"name": "Tarnby estate", "wheelbase": "2565 mm", "drive": "front", "color": "grey",
         "front": {"rim_span": "416 mm"}, "rear": {"rim_span": "416 mm"},
         "adjusters": [{"id": "rod-fl", "kind": "steering-rod", "wheel": "front-left", "rod": "behind-axle", "pitch": "1.5 mm", "step": "1/8 turn"},
                       {"id": "shims-fl", "kind": "shim-pair", "wheel": "front-left", "pushes": "out"}]},
 "targets": {"front": {"total_toe": {"aim": "0°08'", "minus": "0°15'", "plus": "0°15'", "source": "manual"}}},
 "rounds": [
  {"taken": "2026-05-02T10:14:00Z", "bars": {"front_ahead": "535 mm", "rear_behind": "600 mm"}, "weather": "dry",
   "readings": [{"id": "r1", "kind": "hub", "wheel": "front-left", "value": "113.1 mm", "sigma": "0.3 mm", "by": "J"},
                {"id": "r2", "kind": "rim-front", "wheel": "front-left", "value": "4 11/16 in strong", "struck": "rule slipped"},
                {"id": "r3", "kind": "camber", "wheel": "front-left", "value": "1.4 deg", "turned": "20 deg out"}]},
  {"readings": []}],
 "events": [{"after_round": 0, "kind": "turn", "adjuster": "rod-fl", "amount": "7/8 turn", "way": "longer"},
            {"after_round": 0, "kind": "turn", "adjuster": "shims-fl", "amount": {"front": "1.5 mm", "rear": "0 mm"}},
            {"after_round": 0, "kind": "jacked", "axle": "front"},
            {"after_round": 0, "kind": "loosened", "part": "damper"}]
})";

/// The order of names carries no meaning in JSON.
nlohmann::json unordered(const std::string& text) {
    return nlohmann::json::parse(text);
}

struct JobFileTest : ::testing::Test {
    UuidSource ids{system_sources()};
};

TEST_F(JobFileTest, TheShortFormComesBackAsItWas) {
    const JobFile job = parse_job(short_job, ids);
    EXPECT_EQ(unordered(short_form(job).dump()), unordered(short_job));
    const Job read = job.job();
    ASSERT_EQ(read.rounds.size(), 2u);
    EXPECT_EQ(read.rounds[0].readings.size(), 2u);
    EXPECT_NEAR(std::get<Reading>(job.entries()[read.rounds[0].readings[1]].event).turned->deg(), 20, 1e-9);
}

TEST_F(JobFileTest, ARoundSaysHowItIsRead) {
    std::string text = short_job;
    const std::string bars = "\"bars\": {\"front_ahead\"";
    text.replace(text.find(bars), bars.size(),
                 "\"rigs\": [\"toe-boards\"], \"sizes\": {\"board_span\": \"600 mm\"}, " + bars);
    const JobFile job = parse_job(text, ids);
    const Job read = job.job();
    for (const Round& r : read.rounds) {
        ASSERT_EQ(r.lines.rigs.size(), 1u) << "it holds for the rounds after it";
        EXPECT_EQ(r.lines.rigs.front(), "toe-boards");
        EXPECT_NEAR(r.lines.sizes.board_span->mm(), 600, 1e-9);
        EXPECT_NEAR(r.lines.bars.front_ahead->mm(), 535, 1e-9);
    }
    EXPECT_EQ(unordered(short_form(job).dump()), unordered(text));
    text.replace(text.find("toe-boards"), 10, "toe-bricks");
    try {
        parse_job(text, ids);
        FAIL() << "a way that there is none of";
    } catch (const FileError& e) {
        EXPECT_EQ(e.place, "rounds[0].rigs[0]");
    }
}

TEST_F(JobFileTest, TheFullFormIsLosslessAndItsIdsAreUuids) {
    const JobFile job = parse_job(short_job, ids);
    const Json full = full_form(job);
    for (const Json& e : full["log"]) EXPECT_TRUE(is_uuid7(e["id"].get<std::string>())) << e;
    const JobFile again = parse_job(full.dump(), ids);
    EXPECT_EQ(full_form(again), full);
    EXPECT_EQ(unordered(short_form(again).dump()), unordered(short_job));
}

TEST_F(JobFileTest, TheBookGivesBackWhatItWasGiven) {
    const auto path =
        std::filesystem::temp_directory_path() / ("fairchalk-import-" + std::to_string(::getpid()));
    std::filesystem::remove_all(path);
    {
        Book b(path / "b.fairchalk");
        const JobFile job = parse_job(short_job, ids);
        const std::string id = b.import_job(job, "rack", ids);
        EXPECT_EQ(full_form(b.job(id)), full_form(job));
    }
    std::filesystem::remove_all(path);
}

TEST_F(JobFileTest, WhatWasReadBeforeAShakeOrOfAPushedTireStaysThatInASpreadsheet) {
    const std::string text =
        R"({"format": "fairchalk-job", "version": 1, "car": {"name": "c"}, "rounds": [{"readings": [
        {"kind": "rim-front", "wheel": "front-left", "value": "113 mm", "before_shake": true},
        {"kind": "rim-front", "wheel": "front-left", "value": "113.5 mm", "pushed": "out"},
        {"kind": "rim-front", "wheel": "front-left", "value": "112.5 mm", "pushed": "in"}]}]})";
    const JobFile job = parse_job(text, ids);
    const JobFile back = job_from_csv(csv_of(job), nullptr, ids);
    for (const JobFile* file : {&job, &back}) {
        const Job read = file->job();
        ASSERT_EQ(read.rounds[0].readings.size(), 1u);
        EXPECT_TRUE(std::get<Reading>((*read.log)[read.rounds[0].readings[0]].event).before_shake);
        EXPECT_EQ(read.others.size(), 2u);
    }
    std::string hard = text;
    hard.replace(hard.find("\"in\""), 4, "\"hard\"");
    EXPECT_THROW(parse_job(hard, ids), FileError);
}

TEST_F(JobFileTest, ReadingsGoThroughASpreadsheet) {
    const JobFile job = parse_job(short_job, ids);
    const std::string csv = csv_of(job);
    EXPECT_NE(csv.find("4 11/16 in strong"), std::string::npos);
    const JobFile back = job_from_csv(csv, nullptr, ids);
    EXPECT_EQ(csv_of(back), csv);
    const JobFile joined = job_from_csv("kind;wheel;value\r\nhub;front-left;113,2 mm\r\n", &job, ids);
    EXPECT_EQ(joined.job().rounds.size(), 3u);
    try {
        job_from_csv("kind,wheel,value\nhub,front-left,113 mm\nhub,middle,113 mm\n", nullptr, ids);
        FAIL();
    } catch (const FileError& e) {
        EXPECT_EQ(e.place, "line 3.wheel");
    }
}

struct Wrong {
    const char* what;
    const char* from;
    const char* to;
    const char* place;
};

class WrongJob : public ::testing::TestWithParam<Wrong> {};

TEST_P(WrongJob, NamesThePlace) {
    UuidSource ids{system_sources()};
    std::string text = short_job;
    const auto at = text.find(GetParam().from);
    ASSERT_NE(at, std::string::npos);
    text.replace(at, std::string(GetParam().from).size(), GetParam().to);
    try {
        parse_job(text, ids);
        FAIL() << GetParam().what << " was taken";
    } catch (const FileError& e) {
        EXPECT_EQ(e.place, GetParam().place) << words::sentence(e.message);
        EXPECT_FALSE(words::sentence(e.message).empty());
    }
}

INSTANTIATE_TEST_SUITE_P(
    Jobs, WrongJob,
    ::testing::Values(
        Wrong{"no unit", "\"113.1 mm\"", "\"113.1\"", "rounds[0].readings[0].value"},
        Wrong{"a number", "\"113.1 mm\"", "113.1", "rounds[0].readings[0].value"},
        Wrong{"an angle", "\"113.1 mm\"", "\"1 deg\"", "rounds[0].readings[0].value"},
        Wrong{"no sigma", "\"0.3 mm\"", "\"0 mm\"", "rounds[0].readings[0].sigma"},
        Wrong{"a wheel", "\"wheel\": \"front-left\", \"value\"", "\"wheel\": \"fl\", \"value\"",
              "rounds[0].readings[0].wheel"},
        Wrong{"a kind", "\"kind\": \"hub\"", "\"kind\": \"hubb\"", "rounds[0].readings[0].kind"},
        Wrong{"a sweep's way", "20 deg out", "20 deg", "rounds[0].readings[2].turned"},
        Wrong{"twice the id", "\"id\": \"r2\"", "\"id\": \"r1\"", "rounds[0].readings[1].id"},
        Wrong{"a round", "\"after_round\": 0", "\"after_round\": 2", "events[0].after_round"},
        Wrong{"a round", "\"after_round\": 0", "\"after_round\": -1", "events[0].after_round"},
        Wrong{"a way", "\"longer\"", "\"left\"", "events[0].way"},
        Wrong{"an adjuster", "\"adjuster\": \"rod-fl\"", "\"adjuster\": \"rod-xx\"", "events[0].adjuster"},
        Wrong{"a wheelbase", "\"2565 mm\"", "\"-2565 mm\"", "car.wheelbase"},
        Wrong{"a rod", "behind-axle", "behind", "car.adjusters[0].rod"},
        Wrong{"a target in mm", "\"0°08'\"", "\"2 mm\"", "targets.front.total_toe.span"},
        Wrong{"a format", "fairchalk-job", "another-job", "format"},
        Wrong{"a version", "\"version\": 1", "\"version\": 2", "version"},
        Wrong{"a name twice", "\"drive\": \"front\"", "\"name\": \"x\"", "car.name"}));

TEST_F(JobFileTest, TheSchemaKnowsEveryKindOfReading) {
    const Json schema = parse_json(read_file(std::string(DOCS_DIR) + "/job-file.schema.json"));
    const auto& kinds = schema["$defs"]["reading"]["properties"]["kind"]["enum"];
    ASSERT_EQ(kinds.size(), reading_kinds().size());
    for (const ReadingKind* k : reading_kinds())
        EXPECT_NE(std::find(kinds.begin(), kinds.end(), std::string(k->name())), kinds.end()) << k->name();
}

TEST_F(JobFileTest, NestingHasALimit) {
    EXPECT_THROW(parse_json(std::string(200'000, '[')), FileError);
    EXPECT_THROW(parse_json(std::string(200'000, '[') + std::string(200'000, ']')), FileError);
    EXPECT_THROW(parse_job("{\"format\": \"fairchalk-job\", \"version\": NaN}", ids), FileError);
    EXPECT_THROW(parse_job("{\"format\": \"fairchalk-job\", \"version\": 1e999}", ids), FileError);
}

}  // namespace
}  // namespace fairchalk::book
