// SPDX-License-Identifier: GPL-3.0-or-later
// What is accepted once is never refused later, and no entry locks a book out.
#include <unistd.h>

#include <functional>

#include <gtest/gtest.h>

#include "book/book.h"
#include "book/csv.h"
#include "book/job_file.h"
#include "book/places.h"
#include "core/network/estimate.h"
#include "words/words.h"

namespace fairchalk::book {
namespace {

struct Promises : ::testing::Test {
    UuidSource ids{system_sources()};
    std::filesystem::path folder =
        std::filesystem::temp_directory_path() / ("fairchalk-promises-" + std::to_string(::getpid()));
    void SetUp() override { std::filesystem::remove_all(folder); }
    void TearDown() override { std::filesystem::remove_all(folder); }

    static Json worked() { return parse_json(read_file(FAIRCHALK_DATA "/examples/worked-job.json")); }
    JobFile through_a_book(const JobFile& job) {
        Book b(folder / "b.fairchalk");
        return b.job(b.import_job(job, "a job", ids));
    }
    /// What is solved of it, to compare.
    static std::vector<double> answers(const JobFile& file) {
        std::vector<double> out;
        const Estimate e = estimate(file.job());
        for (const WheelAngles& w : e.wheels)
            for (const KnownAngle* a : {&w.toe, &w.camber, &w.caster})
                out.push_back(a->known ? a->value.deg() : -999.0);
        for (std::size_t i = 0; i < file.entries().size(); ++i) out.push_back(file.job().live(i));
        return out;
    }
    /// Book, full form, book, short form: each is taken again, and says the same.
    void goes_round(const JobFile& job) {
        const std::vector<double> said = answers(job);
        const JobFile once = through_a_book(job);
        EXPECT_EQ(answers(once), said);
        const JobFile full = parse_job(full_form(once).dump(), ids);
        EXPECT_EQ(answers(full), said);
        const JobFile again = through_a_book(full);
        EXPECT_EQ(answers(again), said);
        const JobFile brief = parse_job(short_form(again).dump(), ids);
        // The short form leaves out which rounds began where nothing was read.
        EXPECT_EQ(short_form(brief).dump(), short_form(again).dump());
        const Estimate a = estimate(brief.job()), b = estimate(job.job());
        for (std::size_t w = 0; w < 4; ++w) {
            EXPECT_EQ(a.wheels[w].toe.known, b.wheels[w].toe.known);
            EXPECT_NEAR(a.wheels[w].toe.value.deg(), b.wheels[w].toe.value.deg(), 1e-9);
        }
    }
};

TEST_F(Promises, AStrikeNamesAReadingAsItsWriterDid) {
    Json job = worked();
    ASSERT_TRUE(job["rounds"][0]["readings"][0].contains("id"));
    const Json name = job["rounds"][0]["readings"][0]["id"];
    job["events"].push_back(
        {{"after_round", 0}, {"kind", "strike"}, {"strikes", {name}}, {"why", "misread"}});
    const JobFile file = parse_job(job.dump(), ids);
    int struck = 0;
    for (std::size_t i = 0; i < file.entries().size(); ++i)
        if (file.entries()[i].name == name) {
            ++struck;
            EXPECT_FALSE(file.job().live(i)) << "struck out, and not ignored";
        }
    EXPECT_EQ(struck, 1);
    goes_round(file);
    // One that names nothing says so.
    job["events"].back()["strikes"] = {"no-such-reading"};
    EXPECT_THROW(parse_job(job.dump(), ids), FileError);
}

TEST_F(Promises, NamesThatWereGivenTwiceGoRound) {
    const JobFile first = parse_job(worked().dump(), ids), second = parse_job(worked().dump(), ids);
    std::vector<Json> raw = first.raw();
    for (const Json& e : second.raw())
        if (kind_of(e) != "car" && kind_of(e) != "targets") raw.push_back(e);
    const JobFile both = from_entries(std::move(raw), Json::object());
    EXPECT_TRUE(both.set_aside().empty());
    goes_round(both);
}

TEST_F(Promises, AnEntryThatCannotBeReadIsSetAsideAndTheRestWorks) {
    const JobFile whole = parse_job(worked().dump(), ids);
    for (const Json& odd :
         {Json::array(), Json("a text"), Json(17), Json(nullptr), Json::object(),
          Json({{"id", "x"}, {"kind", "hub"}, {"wheel", "middle-left"}, {"value", "100 mm"}}),
          Json({{"id", 7}, {"kind", "round"}}), Json({{"id", "y"}, {"kind", {1, 2}}}),
          Json({{"id", "z"}, {"kind", "strike"}, {"strikes", {"nobody"}}}),
          Json({{"id", "c"}, {"kind", "car"}, {"car", "mine"}})}) {
        std::vector<Json> raw = whole.raw();
        raw.insert(raw.begin() + 5, odd);
        const JobFile file = from_entries(std::move(raw), Json::object());
        EXPECT_EQ(file.set_aside().size(), 1u) << odd;
        EXPECT_EQ(file.raw()[5], odd) << "kept as it is";
        const Estimate e = estimate(file.job()), was = estimate(whole.job());
        for (std::size_t w = 0; w < 4; ++w) {
            EXPECT_EQ(e.wheels[w].toe.known, was.wheels[w].toe.known) << odd;
            EXPECT_NEAR(e.wheels[w].toe.value.deg(), was.wheels[w].toe.value.deg(), 1e-9) << odd;
        }
        // Written, and taken again.
        for (const Json& out : {full_form(file), short_form(file)}) {
            const JobFile back = parse_job(out.dump(), ids);
            EXPECT_NEAR(estimate(back.job()).wheels[0].toe.value.deg(), was.wheels[0].toe.value.deg(), 1e-9);
            EXPECT_NE(out.dump().find(odd.dump()), std::string::npos) << "and nothing of it is lost";
        }
    }
}

TEST_F(Promises, NoFieldOfAnyEntryOfABookLocksItOut) {
    const JobFile whole = parse_job(worked().dump(), ids);
    const std::vector<Json> wrong = {nullptr, true, -1, 1e300, "sideways", "", Json::array(), Json::object()};
    std::size_t tried = 0;
    // Every field of every entry, one at a time, by every kind of value, and left out.
    for (std::size_t i = 0; i < whole.raw().size(); ++i)
        for (const auto& [key, value] : whole.raw()[i].items()) {
            for (const Json& bad : wrong) {
                std::vector<Json> raw = whole.raw();
                raw[i][key] = bad;
                EXPECT_NO_THROW({
                    const JobFile file = from_entries(std::move(raw), Json::object());
                    EXPECT_NO_THROW(parse_job(full_form(file).dump(), ids)) << key << ' ' << bad;
                    EXPECT_NO_THROW(parse_job(short_form(file).dump(), ids)) << key << ' ' << bad;
                }) << key
                   << ' ' << bad;
                ++tried;
            }
            std::vector<Json> raw = whole.raw();
            raw[i].erase(key);
            EXPECT_NO_THROW(short_form(from_entries(std::move(raw), Json::object()))) << key;
        }
    EXPECT_GT(tried, 500u);
}

TEST(FileErrors, AreErrorsLikeAllOthers) {
    UuidSource ids{system_sources()};
    EXPECT_THROW(parse_job("[]", ids), std::exception);
}

TEST_F(Promises, AJobFileHasBoundsThatAreSaidInOneLine) {
    const auto refused = [&](const Json& j) {
        try {
            parse_job(j.dump(), ids);
        } catch (const FileError& e) {
            return words::sentence(e.message);
        }
        return std::string("taken");
    };
    EXPECT_EQ(refused(worked()), "taken");
    Json j = worked();
    j["note"] = std::string(40'001, 'x');
    EXPECT_NE(refused(j).find("40001 characters"), std::string::npos) << refused(j);
    j["note"] = std::string(40'000, 'x');
    EXPECT_EQ(refused(j), "taken");
    for (int n = 0; n < 1001; ++n) j["odd"]["k" + std::to_string(n)] = n;
    EXPECT_NE(refused(j).find("1000 names"), std::string::npos) << refused(j);
    j = worked();
    while (j["rounds"].size() < 61) j["rounds"].push_back({{"readings", Json::array()}});
    EXPECT_NE(refused(j).find("at most 60"), std::string::npos) << refused(j);
    j = worked();
    Json one = {{"kind", "note"}, {"after_round", 0}};
    j["events"] = Json::array();
    for (int n = 0; n < 50'001; ++n) j["events"].push_back(one);
    EXPECT_NE(refused(j).find("50001 entries"), std::string::npos) << refused(j);
}

TEST_F(Promises, NoTextIsCutWithinACharacter) {
    Json j = worked();
    // 59 bytes, then a character of three.
    j["rounds"][0]["readings"][0]["kind"] = std::string(59, 'x') + "\u27e8\u27e8";
    try {
        parse_job(j.dump(), ids);
        FAIL();
    } catch (const FileError& e) {
        EXPECT_TRUE(Json::accept(
            Json(words::sentence(e.message)).dump(-1, ' ', false, Json::error_handler_t::ignore)));
        EXPECT_NO_THROW(Json(words::sentence(e.message)).dump()) << "whole characters";
    }
}

TEST_F(Promises, ReadingsOfASpreadsheetInAnyOfItsEncodings) {
    const std::string plain = "round,kind,wheel,value,struck\n0,hub,front-left,113 mm,\n";
    const auto value = [&](const std::string& csv) {
        return job_from_csv(csv, nullptr, ids).raw().back().value("value", std::string());
    };
    EXPECT_EQ(value(plain), "113 mm");
    EXPECT_EQ(value("\xEF\xBB\xBF" + plain), "113 mm");
    std::string little = "\xFF\xFE", big = "\xFE\xFF";
    for (const char c : plain) {
        little += c;
        little += '\0';
        big += '\0';
        big += c;
    }
    EXPECT_EQ(value(little), "113 mm");
    EXPECT_EQ(value(big), "113 mm");
    // A degree sign of a Windows code page.
    EXPECT_EQ(value("round,kind,wheel,value\n0,camber,front-left,-1.2\xB0\n"), "-1.2°");
    EXPECT_EQ(value("round,kind,wheel,value\n0,camber,front-left,-1.2°\n"), "-1.2°");
}

}  // namespace
}  // namespace fairchalk::book
