// SPDX-License-Identifier: GPL-3.0-or-later
// The open job without its window: what is appended, in which order it is kept, which answers are shown.
#include "job_desk.h"

#include <unistd.h>
#include "core/job/rig.h"

#include <filesystem>

#include <gtest/gtest.h>
#include <sqlite3.h>
#include <QApplication>
#include <QElapsedTimer>
#include <QSignalSpy>

#include "book/places.h"

namespace fairchalk::desk {
namespace {

namespace fs = std::filesystem;

struct JobDeskTest : ::testing::Test {
    fs::path folder = fs::temp_directory_path() / ("fairchalk-jobdesk-" + std::to_string(::getpid()));
    fs::path path = folder / "garage.fairchalk";
    std::string job;

    JobDeskTest() {
        fs::remove_all(folder);
        qputenv("XDG_STATE_HOME", QByteArray::fromStdString((folder / "state").string()));
        UuidSource ids(book::system_sources());
        book::Book b(path);
        job = b.import_job(book::read_job(std::string(DATA_DIR) + "/demo/tarnby-estate.json", ids), "rack",
                           ids);
    }
    ~JobDeskTest() override { fs::remove_all(folder); }
    static Quantity mm(const char* text) { return *read_quantity(text, {Expect::Kind::length, Bare::mm}); }
    std::vector<std::string> idsOnDisk() const {
        const book::Book b(path, book::Book::Mode::read);
        std::vector<std::string> out;
        for (const Entry& e : b.job(job).entries()) out.push_back(e.id);
        return out;
    }
};

TEST_F(JobDeskTest, EntriesReachTheDiskInTheOrderInWhichTheyWereMade) {
    std::vector<std::string> made;
    {
        JobDesk desk(book::Book(path), book::system_sources());
        desk.openJob(job);
        for (int i = 0; i < 40; ++i)
            desk.take(string_walk()[static_cast<std::size_t>(i % 14)], mm(std::to_string(100 + i).c_str()));
        desk.settle();
        for (const Entry& e : desk.log()) made.push_back(e.id);
    }
    EXPECT_EQ(idsOnDisk(), made);
    EXPECT_TRUE(std::is_sorted(made.end() - 40, made.end())) << "later ids sort after earlier ones";
}

TEST_F(JobDeskTest, NothingIsShownAsKeptBeforeItIsOnTheDisk) {
    JobDesk desk(book::Book(path), book::system_sources());
    desk.openJob(job);
    desk.settle();
    bool told = false;
    QObject::connect(&desk, &JobDesk::keptAt, [&] {
        told = true;
        const auto disk = idsOnDisk();
        for (std::size_t i = 0; i < desk.log().size(); ++i) {
            if (desk.isKept(i)) {
                EXPECT_NE(std::find(disk.begin(), disk.end(), desk.log()[i].id), disk.end());
            }
        }
    });
    desk.take(string_walk()[3], mm("119"));
    EXPECT_FALSE(desk.isKept(desk.log().size() - 1));
    desk.settle();
    EXPECT_TRUE(told);
    EXPECT_TRUE(desk.isKept(desk.log().size() - 1));
}

TEST_F(JobDeskTest, AFailedWriteIsSaidAndTriedAgainAndNothingOvertakesIt) {
    JobDesk desk(book::Book(path), book::system_sources());
    desk.openJob(job);
    desk.settle();
    QSignalSpy trouble(&desk, &JobDesk::notKept);
    // Another program holds the file: SQLite waits five seconds, then gives up.
    sqlite3* other = nullptr;
    ASSERT_EQ(sqlite3_open(path.c_str(), &other), SQLITE_OK);
    sqlite3_busy_timeout(other, 5000);  // the desk may still be noting which job is open
    ASSERT_EQ(sqlite3_exec(other, "BEGIN IMMEDIATE", nullptr, nullptr, nullptr), SQLITE_OK);
    desk.take(string_walk()[3], mm("119"));
    desk.take(string_walk()[4], mm("113"));
    EXPECT_TRUE(trouble.wait(15'000));
    EXPECT_TRUE(trouble.first().first().toString().contains("not kept yet"))
        << trouble.first().first().toString().toStdString();
    EXPECT_FALSE(desk.isKept(desk.log().size() - 2));
    sqlite3_exec(other, "ROLLBACK", nullptr, nullptr, nullptr);
    sqlite3_close(other);
    desk.settle();
    EXPECT_TRUE(desk.isKept(desk.log().size() - 1));
    const auto disk = idsOnDisk();
    ASSERT_GE(disk.size(), 2u);
    EXPECT_EQ(disk.back(), desk.log().back().id);
    EXPECT_EQ(disk[disk.size() - 2], desk.log()[desk.log().size() - 2].id);
}

TEST_F(JobDeskTest, OnlyTheAnswerToTheLogAsItIsNowIsShown) {
    JobDesk desk(book::Book(path), book::system_sources());
    desk.openJob(job);
    QObject::connect(&desk, &JobDesk::answered,
                     [&] { EXPECT_EQ(desk.answer().sequence, desk.log().size()); });
    for (int i = 0; i < 20; ++i) desk.take(string_walk()[3], mm("119"));
    desk.settle();
    EXPECT_TRUE(desk.answerIsCurrent());
    EXPECT_EQ(desk.answer().now.checks.size(), 24u);
}

TEST_F(JobDeskTest, UndoNeverReachesBehindTheOpeningOfTheJob) {
    JobDesk desk(book::Book(path), book::system_sources());
    desk.openJob(job);
    int undone = 0;
    const std::size_t entries = desk.log().size();
    while (desk.undo() && undone < 90) ++undone;
    // All that was done since the round opened: not the card, the targets, the round itself.
    EXPECT_EQ(undone, static_cast<int>(entries) - 3);
    EXPECT_EQ(desk.round(), 0) << "the round stays open";
    EXPECT_EQ(desk.job().car.name, "Tarnby estate");
    int redone = 0;
    while (desk.redo() && redone < 90) ++redone;
    EXPECT_EQ(redone, undone);
    EXPECT_EQ(desk.job().rounds[0].readings.size(), 4u);
    desk.settle();
}

TEST_F(JobDeskTest, TwoTurnsUnderOneVisitOpenOneRound) {
    JobDesk desk(book::Book(path), book::system_sources());
    desk.openJob(job);
    desk.turned({{"rod-fl", 0.5}}, false);
    desk.turned({{"rod-fr", -0.25}}, false);
    EXPECT_EQ(desk.round(), 1);
    EXPECT_EQ(stages_of(desk.job(), desk.knowledge())[index_of(Stage::turn)].done, 2);
    desk.settle();
}

TEST_F(JobDeskTest, WhatIsRecordedTogetherIsUndoneTogether) {
    JobDesk desk(book::Book(path), book::system_sources());
    desk.openJob(job);
    desk.record({CautionSeen{"stands"}, CautionSeen{"chocks"}, CautionSeen{"steering-critical"}});
    EXPECT_TRUE(cautions_at(Stage::check_over, desk.job(), desk.knowledge()).empty());
    desk.undo();
    EXPECT_EQ(cautions_at(Stage::check_over, desk.job(), desk.knowledge()).size(), 2u);
    desk.redo();
    EXPECT_TRUE(cautions_at(Stage::check_over, desk.job(), desk.knowledge()).empty());
    desk.settle();
    EXPECT_EQ(idsOnDisk().size(), desk.log().size());
}

TEST_F(JobDeskTest, AnEditOfTheCardKeepsNamesThatThisVersionDoesNotKnow) {
    JobDesk desk(book::Book(path), book::system_sources());
    desk.openJob(job);
    book::Json card = desk.writtenCard().json();
    card["winch"] = {{"rope", "30 m"}};
    card["wheelbase"] = "2570 mm";
    desk.editCard(book::WrittenCard(card));
    EXPECT_NEAR(desk.job().car.wheelbase->mm(), 2570, 1e-9);
    EXPECT_EQ(desk.writtenCard().json()["winch"]["rope"], "30 m");
    EXPECT_THROW(desk.editCard(book::WrittenCard(book::Json{{"wheelbase", "-1 mm"}})), book::FileError);
    EXPECT_NEAR(desk.job().car.wheelbase->mm(), 2570, 1e-9) << "a card that can't be is not taken";
    desk.settle();
    const book::Book b(path, book::Book::Mode::read);
    EXPECT_EQ((*b.card(b.cars().front().id))["winch"]["rope"], "30 m");
    desk.undo();
    EXPECT_NEAR(desk.job().car.wheelbase->mm(), 2565, 1e-9);
    EXPECT_FALSE(desk.writtenCard().json().contains("winch")) << "undone, the card before it counts again";
}

TEST_F(JobDeskTest, TargetsStayInTheTermsInWhichTheyWereTyped) {
    JobDesk desk(book::Book(path), book::system_sources());
    desk.openJob(job);
    book::Json targets = desk.targetsJson();
    targets["rear"]["total_toe"] = {{"aim", "1/16 in in"}, {"plus", "1/32 in"}, {"span", "16 3/8 in"}};
    desk.editTargets(targets);
    desk.settle();
    EXPECT_EQ(desk.targetsJson()["rear"]["total_toe"]["aim"], "1/16 in in");
    const book::Book b(path, book::Book::Mode::read);
    const auto file = b.job(job);
    EXPECT_EQ(file.raw().back()["targets"]["rear"]["total_toe"]["span"], "16 3/8 in");
    EXPECT_EQ(file.job().targets.size(), desk.job().targets.size());
}

TEST_F(JobDeskTest, SeveralEntriesAreStruckInOne) {
    JobDesk desk(book::Book(path), book::system_sources());
    desk.openJob(job);
    const std::size_t first = desk.log().size();
    for (const char* v : {"10", "11", "12"}) desk.take(string_walk()[5], mm(v));
    desk.strike(std::vector<std::size_t>{first, first + 2}, "both wrong");
    EXPECT_EQ(readings_at(desk.job(), 0, string_walk()[5]), std::vector<std::size_t>{first + 1});
    EXPECT_EQ(*desk.job().struck[first + 2], "both wrong");
    desk.settle();
}

TEST_F(JobDeskTest, TheWheelOnlyAnswerFollowsTheLog) {
    JobDesk desk(book::Book(path), book::system_sources());
    desk.openJob(job);
    EXPECT_EQ(desk.wheelOnly().next, WheelStep::say);
    Driven d;
    d.wheel_off = Angle::from_deg(-9);
    desk.record(d);
    EXPECT_EQ(desk.wheelOnly().next, WheelStep::turn);
    desk.turned(std::vector<std::pair<std::string, double>>(desk.wheelOnly().turns), true);
    EXPECT_EQ(desk.wheelOnly().next, WheelStep::drive);
    desk.undo();
    EXPECT_EQ(desk.wheelOnly().next, WheelStep::turn);
    desk.settle();
}

TEST_F(JobDeskTest, TheWindowMayWriteToTheBookWhileTheWriterDoes) {
    JobDesk desk(book::Book(path), book::system_sources());
    desk.openJob(job);
    const std::string car = desk.book().car_of(job);
    for (int i = 0; i < 25; ++i) {
        desk.take(string_walk()[3], mm("119"));
        desk.facts().keep("n", std::to_string(i));
        desk.book().add_picture(car, "p" + std::to_string(i), std::string(20000, 'x'), desk.ids());
    }
    desk.settle();
    EXPECT_EQ(idsOnDisk().size(), desk.log().size());
    const book::Book b(path, book::Book::Mode::read);
    EXPECT_EQ(b.pictures(car).size(), 25u);
    EXPECT_EQ(b.integrity(), "ok");
}

}  // namespace
}  // namespace fairchalk::desk
