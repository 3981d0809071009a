// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/book.h"

#include <sys/wait.h>
#include <unistd.h>

#include <atomic>
#include <csignal>
#include <filesystem>
#include <fstream>

#include <gtest/gtest.h>

#include "book/folder.h"
#include "book/places.h"
#include "book/writer.h"

namespace fairchalk::book {
namespace {

namespace fs = std::filesystem;

using testing::Folder;

Json hub(const std::string& id, const char* value = "113.1 mm") {
    return {{"id", id},
            {"at", "2026-05-02T10:14:00.000+00:00"},
            {"kind", "hub"},
            {"wheel", "front-left"},
            {"value", value}};
}

struct BookTest : ::testing::Test {
    Folder folder;
    fs::path path = folder.path / "garage.fairchalk";
    UuidSource ids{system_sources()};

    std::string job_in(Book& b) {
        const std::string car = b.add_car({{"name", "Tarnby estate"}, {"wheelbase", "2565 mm"}}, ids);
        return b.add_job(car, "New steering rack", Json::object(), ids);
    }
};

TEST_F(BookTest, KeepsWhatWasAppendedInOrder) {
    std::string job;
    {
        Book b(path);
        b.set_name("Dunmere Lane garage");
        job = job_in(b);
        b.append(job, {hub("a"), hub("b", "4 11/16 in")});
    }
    Book b(path);
    EXPECT_EQ(b.name(), "Dunmere Lane garage");
    const JobFile f = b.job(job);
    ASSERT_EQ(f.entries().size(), 4u);
    EXPECT_EQ(f.entries()[2].id, "a");
    EXPECT_EQ(std::get<Reading>(f.entries()[3].event).value.text, "4 11/16 in");
    EXPECT_EQ(b.integrity(), "ok");
    EXPECT_EQ(b.jobs().front().readings, 2);
}

TEST_F(BookTest, AppendsAllOrNothing) {
    Book b(path);
    const std::string job = job_in(b);
    b.append(job, {hub("a")});
    EXPECT_THROW(b.append(job, {hub("b"), hub("a", "99 mm")}), BookError);
    EXPECT_EQ(b.job(job).entries().size(), 3u);
    b.append(job, {hub("a")});
    EXPECT_EQ(b.job(job).entries().size(), 3u) << "what is there as it is is not written twice";
}

TEST_F(BookTest, ASecondWriterIsKeptOutAndTheLockDiesWithItsProcess) {
    { Book b(path); }
    int ready[2];
    ASSERT_EQ(::pipe(ready), 0);
    const pid_t child = ::fork();
    if (child == 0) {
        Book held(path);
        if (::write(ready[1], "x", 1) != 1) ::_exit(1);
        ::pause();
        ::_exit(0);
    }
    char c;
    ASSERT_EQ(::read(ready[0], &c, 1), 1);
    try {
        Book second(path);
        FAIL() << "two writers";
    } catch (const BookError& e) {
        EXPECT_NE(std::string(e.what()).find("process " + std::to_string(child)), std::string::npos)
            << e.what();
    }
    EXPECT_NO_THROW(Book(path, Book::Mode::read)) << "reading is free";
    ::kill(child, SIGKILL);
    ::waitpid(child, nullptr, 0);
    EXPECT_NO_THROW(Book{path});
}

TEST_F(BookTest, AnOlderBookIsBackedUpAndMigratedANewerOneOpensForReading) {
    std::string job;
    {
        Book b(path);
        job = job_in(b);
    }
    Book::Migrations newer = Book::migrations();
    newer.push_back("CREATE TABLE place (id TEXT PRIMARY KEY)");
    {
        Book b(path, Book::Mode::write, newer);
        EXPECT_EQ(b.job(job).entries().size(), 2u);
        EXPECT_TRUE(fs::exists(path.string() + ".version" + std::to_string(newer.size() - 1) + ".backup"));
    }
    Book b(path);
    EXPECT_TRUE(b.read_only());
    EXPECT_NE(b.read_only_reason().find("newer"), std::string::npos);
    EXPECT_EQ(b.job(job).entries().size(), 2u);
    EXPECT_THROW(b.append(job, {hub("a")}), BookError);
}

TEST_F(BookTest, SomethingElseIsNotOpenedAndNotTouched) {
    const fs::path text = folder.path / "notes.txt";
    {
        std::ofstream(text)
            << "not a book, but a text of some length that SQLite will not take for one, ever";
    }
    const auto size = fs::file_size(text);
    EXPECT_THROW(Book{text}, BookError);
    EXPECT_EQ(fs::file_size(text), size);
    EXPECT_THROW(Book{folder.path}, BookError);
    EXPECT_THROW(Book(folder.path / "none", Book::Mode::read), BookError);
}

TEST_F(BookTest, UnknownKindsOfEntryAreKept) {
    Book b(path);
    const std::string job = job_in(b);
    const Json odd = {{"id", "x"}, {"at", "t"}, {"kind", "hologram"}, {"depth", {1, 2, 3}}};
    b.append(job, {odd});
    EXPECT_EQ(b.job(job).raw().back(), odd);
}

TEST_F(BookTest, TheWriterKeepsTheOrderAndSaysWhenItIsOnTheDisk) {
    Book b(path);
    const std::string job = job_in(b);
    std::atomic<int> kept = 0;
    {
        Writer w(b);
        for (int i = 0; i < 50; ++i) w.post(job, {hub("r" + std::to_string(i))}, [&] { ++kept; });
    }
    EXPECT_EQ(kept, 50);
    const JobFile f = b.job(job);
    ASSERT_EQ(f.entries().size(), 52u);
    for (int i = 0; i < 50; ++i) EXPECT_EQ(f.entries()[2 + i].id, "r" + std::to_string(i));
}

}  // namespace
}  // namespace fairchalk::book
