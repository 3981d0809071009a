// SPDX-License-Identifier: GPL-3.0-or-later
// Kept means: in this file, where it is looked for; what is not there yet waits and is never dropped.
#include <sys/stat.h>
#include <sys/wait.h>
#include <unistd.h>

#include <atomic>
#include <filesystem>
#include <fstream>
#include <random>

#include <SQLiteCpp/SQLiteCpp.h>
#include <gtest/gtest.h>

#include "book/copies.h"
#include "book/folder.h"
#include "book/places.h"
#include "book/salvage.h"
#include "book/writer.h"
#include "core/network/estimate.h"
#include "core/reading/reading.h"

namespace fairchalk::book {
namespace {

namespace fs = std::filesystem;

Json reading(int n) {
    return {{"id", "r" + std::to_string(n)},
            {"at", "2026-11-27T10:14:00.000+00:00"},
            {"kind", "hub"},
            {"wheel", "front-left"},
            {"value", std::to_string(100 + n) + " mm"}};
}

std::string told(const std::function<void()>& act) {
    try {
        act();
    } catch (const BookError& e) {
        return e.what();
    }
    return {};
}

bool has(const std::string& text, const char* part) {
    return text.find(part) != std::string::npos;
}

struct Kept : ::testing::Test {
    testing::Folder folder;
    fs::path path = folder.path / "garage.fairchalk";
    UuidSource ids{system_sources()};

    std::string job_in(Book& b, const char* title = "New steering rack") {
        const std::string car = b.add_car({{"name", "Tarnby estate"}, {"wheelbase", "2565 mm"}}, ids);
        return b.add_job(car, title, Json::object(), ids);
    }
    static std::vector<std::string> ids_of(const JobFile& f) {
        std::vector<std::string> out;
        for (const Entry& e : f.entries())
            if (!e.id.empty() && e.id.size() < 4) out.push_back(e.id);
        return out;
    }
    std::vector<std::string> left_there() const {
        std::vector<std::string> out;
        for (const auto& at : fs::recursive_directory_iterator(folder.path))
            out.push_back(at.path().filename());
        std::sort(out.begin(), out.end());
        return out;
    }
};

TEST_F(Kept, OnlyIntoTheFileToWhichThePathStillLeads) {
    Book b(path);
    const std::string job = job_in(b);
    b.append(job, {reading(1)});
    const fs::path away = folder.path / "elsewhere.fairchalk";
    fs::rename(path, away);
    EXPECT_TRUE(has(told([&] { b.append(job, {reading(2)}); }), "was moved, renamed, replaced or deleted"));
    std::ofstream(path) << "another file";
    EXPECT_TRUE(has(told([&] { b.append(job, {reading(2)}); }), "replaced"));
    // Put back: it goes on.
    fs::rename(away, path);
    b.append(job, {reading(2)});
    EXPECT_EQ(ids_of(b.job(job)), (std::vector<std::string>{"r1", "r2"}));
    // Deleted: what is open can be copied still.
    fs::remove(path);
    EXPECT_FALSE(told([&] { b.append(job, {reading(3)}); }).empty());
    b.copy_to(folder.path / "copy.fairchalk");
    EXPECT_EQ(ids_of(Book(folder.path / "copy.fairchalk").job(job)), (std::vector<std::string>{"r1", "r2"}));
}

TEST_F(Kept, TheLockIsOnTheFileUnderEachOfItsNames) {
    Book b(path);
    job_in(b);
    fs::create_symlink(path, folder.path / "soft.fairchalk");
    fs::create_hard_link(path, folder.path / "hard.fairchalk");
    for (const char* other : {"soft.fairchalk", "hard.fairchalk", "./garage.fairchalk"})
        EXPECT_TRUE(has(told([&] { Book second(folder.path / other); }), "open in another Fair Chalk"))
            << other;
    b.copy_to(folder.path / "copy.fairchalk");
    EXPECT_EQ(Book(folder.path / "copy.fairchalk").jobs().size(), 1u) << "a copy is a book of its own";
    // To write through the lock of another: SQLite's own is still held after all that.
    b.set_fact("a", "b");
}

TEST_F(Kept, ARefusedPathLeavesNothingBehind) {
    EXPECT_TRUE(has(told([] { Book b(""); }), "path is empty"));
    EXPECT_TRUE(has(told([&] { Book b(folder.path); }), "is a folder"));
    EXPECT_TRUE(
        has(told([&] { Book b(folder.path / "none.fairchalk", Book::Mode::existing); }), "There is no book"));
    std::ofstream(folder.path / "file") << "x";
    EXPECT_FALSE(told([&] { Book b(folder.path / "file/sub/garage.fairchalk"); }).empty());
    EXPECT_FALSE(told([&] { Book b(folder.path / "new/sub" / std::string(300, 'x')); }).empty());
    ASSERT_EQ(::mkfifo((folder.path / "pipe").c_str(), 0600), 0);
    EXPECT_TRUE(has(told([&] { Book b(folder.path / "pipe"); }), "is no file"));
    EXPECT_EQ(left_there(), (std::vector<std::string>{"file", "pipe"}));
}

TEST_F(Kept, FilesAreTheirOwnersAlone) {
    Book b(path);
    b.append(job_in(b), {reading(1)});
    b.copy_to(folder.path / "copy.fairchalk");
    keep_copy(b, folder.path / "copies", "2026-11-27");
    for (const auto& at : fs::recursive_directory_iterator(folder.path)) {
        if (!at.is_regular_file()) continue;
        EXPECT_EQ(fs::status(at).permissions() & (fs::perms::group_all | fs::perms::others_all),
                  fs::perms::none)
            << at.path();
    }
}

TEST_F(Kept, WhatCannotBeWrittenToOpensToLookAt) {
    std::string job;
    {
        Book b(path);
        job = job_in(b);
        b.append(job, {reading(1)});
    }
    // As somebody who may not write: the superuser may do anything.
    for (const bool file : {true, false}) {
        fs::permissions(folder.path, file ? fs::perms::all : fs::perms(0555));
        fs::permissions(path, file ? fs::perms(0444) : fs::perms::all);
        const pid_t child = ::fork();
        if (child == 0) {
            if (::geteuid() == 0 && ::setuid(65534) != 0) ::_exit(9);
            try {
                Book b(path);
                if (!b.read_only() || b.read_only_reason().find("to look at only") == std::string::npos)
                    ::_exit(2);
                if (b.job(job).entries().size() != 3 || b.jobs().size() != 1) ::_exit(3);
                if (told([&] { b.append(job, {reading(2)}); }).empty()) ::_exit(4);
                Book again(path, Book::Mode::read);
                ::_exit(again.jobs().size() == 1 ? 0 : 5);
            } catch (const std::exception& e) {
                std::fprintf(stderr, "%s\n", e.what());
                ::_exit(6);
            }
        }
        int status = 0;
        ::waitpid(child, &status, 0);
        EXPECT_TRUE(WIFEXITED(status) && WEXITSTATUS(status) == 0) << WEXITSTATUS(status);
    }
    fs::permissions(folder.path, fs::perms::all);
}

TEST_F(Kept, WhatCouldNotBeWrittenWaitsInItsOrderAndGoesInByItself) {
    Book b(path);
    const std::string job = job_in(b), other = job_in(b, "Another");
    std::atomic<int> kept = 0, failed = 0, all = 0;
    Writer::Options o;
    o.again = std::chrono::milliseconds(5);
    o.said = [&](const Writer::Waiting& w) { ++(w.error.empty() ? all : failed); };
    const fs::path away = folder.path / "away";
    {
        Writer w(b, o);
        fs::rename(path, away);
        for (int n = 0; n < 20; ++n) w.post(n % 2 ? job : other, {reading(n)}, [&] { ++kept; });
        while (failed < 3) std::this_thread::yield();
        EXPECT_EQ(w.waiting().entries, 20u);
        EXPECT_TRUE(has(w.waiting().error, "was moved"));
        EXPECT_EQ(kept, 0);
        EXPECT_EQ(w.waiting_of(job).size(), 10u);
        std::string refused;
        w.once([](Book&) {}, [&](const std::string& e) { refused = e; });
        EXPECT_FALSE(refused.empty()) << "nothing new is made while something waits";
        w.copy_with_waiting(folder.path / "copy.fairchalk");
        EXPECT_EQ(ids_of(Book(folder.path / "copy.fairchalk").job(job)).size(), 10u)
            << "what waits is in the copy";
        fs::rename(away, path);
        while (all == 0) std::this_thread::yield();
        EXPECT_EQ(w.waiting().entries, 0u);
        EXPECT_EQ(kept, 20);
    }
    const auto in = ids_of(b.job(job));
    ASSERT_EQ(in.size(), 10u);
    for (std::size_t n = 0; n < 10; ++n) EXPECT_EQ(in[n], "r" + std::to_string(2 * n + 1));
    EXPECT_EQ(ids_of(b.job(other)).size(), 10u);
    // Given up: gone, and the next goes in.
    {
        Writer w(b, o);
        fs::rename(path, away);
        const int before = failed;
        w.post(job, {reading(30)}, [&] { ++kept; });
        while (failed == before) std::this_thread::yield();
        w.give_up();
        EXPECT_EQ(w.waiting().entries, 0u);
        fs::rename(away, path);
        w.post(job, {reading(31)}, [&] { ++kept; });
    }
    EXPECT_EQ(kept, 21);
    EXPECT_EQ(ids_of(b.job(job)).back(), "r31");
}

TEST_F(Kept, CopiesOfTheLastFiveDaysWithWorkCanBePutBack) {
    const fs::path copies = folder.path / "copies";
    std::string job;
    {
        Book b(path);
        job = job_in(b);
        for (int day = 1; day <= 7; ++day) {
            b.append(job, {reading(day)});
            keep_copy(b, copies, "2026-11-0" + std::to_string(day));
        }
        const auto kept = copies_in(copies);
        ASSERT_EQ(kept.size(), 5u);
        EXPECT_EQ(kept.front().day, "2026-11-07");
        EXPECT_EQ(kept.back().day, "2026-11-03");
        // The same day again: one copy, the newer.
        b.append(job, {reading(8)});
        keep_copy(b, copies, "2026-11-07");
        EXPECT_EQ(ids_of(Book(copies_in(copies).front().path, Book::Mode::read).job(job)).size(), 8u);
        EXPECT_TRUE(has(told([&] { restore(kept.back().path, path); }), "open in another Fair Chalk"));
    }
    const fs::path aside = restore(copies_in(copies).back().path, path);
    EXPECT_EQ(ids_of(Book(path).job(job)).size(), 3u) << "as it stood on the 3rd";
    EXPECT_EQ(ids_of(Book(aside).job(job)).size(), 8u) << "what it was is not lost";
    // A copy that is not whole is not put back.
    std::ofstream(copies / "2026-11-08.fairchalk") << "nothing of the kind";
    EXPECT_FALSE(told([&] { restore(copies / "2026-11-08.fairchalk", path); }).empty());
    EXPECT_EQ(ids_of(Book(path).job(job)).size(), 3u);
    // Where a part of the book can't be moved, all of it stays where it was.
    for (const char* part : {"-wal", "-shm"}) std::ofstream(path.string() + part).flush();
    const std::string taken = path.string() + ".before-restoring-2-shm";
    fs::create_directory(taken);
    EXPECT_TRUE(has(told([&] { restore(copies_in(copies).back().path, path); }), "Nothing was restored"));
    EXPECT_TRUE(fs::exists(path.string() + "-wal") && fs::exists(path.string() + "-shm"));
    EXPECT_FALSE(fs::exists(path.string() + ".restoring"));
    EXPECT_EQ(ids_of(Book(path).job(job)).size(), 3u);
    fs::remove(taken);
    // The writer keeps them by itself.
    {
        Book b(path);
        Writer::Options o;
        o.copies = folder.path / "own";
        Writer w(b, o);
        w.post(job, {reading(9)});
    }
    ASSERT_EQ(copies_in(folder.path / "own").size(), 1u);
    EXPECT_EQ(copies_in(folder.path / "own").front().day, today());
}

TEST_F(Kept, AnEntryThatIsNotAsItWasWrittenIsNotBelieved) {
    std::string job;
    {
        Book b(path);
        job = job_in(b);
        for (int n = 1; n <= 3; ++n) b.append(job, {reading(n)});
        EXPECT_EQ(b.integrity(true), "ok");
    }
    {
        SQLite::Database db(path.string(), SQLite::OPEN_READWRITE);
        db.exec("UPDATE entry SET payload = replace(payload, '102 mm', '192 mm')");
    }
    Book b(path);
    EXPECT_EQ(b.integrity(true), "1 entry is not as written");
    const JobFile f = b.job(job);
    EXPECT_EQ(ids_of(f), (std::vector<std::string>{"r1", "r3"}));
    EXPECT_EQ(f.set_aside().size(), 1u);
    const Salvaged found = salvage(path);
    ASSERT_EQ(found.jobs.size(), 2u);  // the car's own card, and the job
    EXPECT_EQ(found.jobs.front().not_whole, 1);
    EXPECT_EQ(found.jobs.front().entries.size(), 4u);
}

TEST_F(Kept, AVersionThatNobodyHasWrittenIsSaidToBeDamage) {
    { Book b(path); }
    {
        SQLite::Database db(path.string(), SQLite::OPEN_READWRITE);
        db.exec("PRAGMA user_version = -3");
    }
    EXPECT_TRUE(has(told([&] { Book b(path); }), "of version -3"));
    EXPECT_TRUE(has(told([&] { Book b(path, Book::Mode::read); }), "salvage"));
}

TEST_F(Kept, BooksOfAllVersionsOpenAndAreBroughtUpToDate) {
    int books = 0;
    for (const auto& at : fs::directory_iterator(BOOKS_DIR)) {
        if (at.path().extension() != ".fairchalk") continue;
        ++books;
        const fs::path own = folder.path / at.path().filename();
        fs::copy_file(at.path(), own);
        fs::permissions(own, fs::perms::owner_all);
        Book b(own);
        EXPECT_FALSE(b.read_only()) << own;
        EXPECT_EQ(b.integrity(), "ok") << own;
        ASSERT_EQ(b.jobs().size(), 2u) << own;
        for (const JobInfo& j : b.jobs()) {
            const JobFile f = b.job(j.id);
            EXPECT_TRUE(f.set_aside().empty()) << own << j.title;
            EXPECT_GT(j.readings, 10) << own << j.title;
            EXPECT_TRUE(estimate(f.job()).posterior) << own << j.title;
        }
        b.append(b.jobs().front().id, {reading(1)});
    }
    EXPECT_GE(books, 2);
}

TEST_F(Kept, TheListOfJobsCountsEveryKindOfReading) {
    Book b(path);
    const std::string job = job_in(b);
    int n = 0;
    for (const ReadingKind* k : reading_kinds())
        b.append(job, {{{"id", "k" + std::to_string(++n)}, {"kind", std::string(k->name())}}});
    b.append(job, {{{"id", "x"}, {"kind", "note"}}});
    EXPECT_EQ(b.jobs().front().readings, n);
    EXPECT_GT(n, 20);
}

/// Bytes of a book spoilt in many ways: it opens, to look at or whole, or it is refused in words; what is
/// whole comes out of it; nothing that was spoilt is believed.
TEST_F(Kept, ADamagedBookIsNeverAnEnd) {
    std::string job;
    std::set<std::string> written;
    {
        Book b(path);
        job = job_in(b);
        std::vector<Json> all;
        for (int n = 0; n < 300; ++n) {
            Json r = reading(n);
            r["id"] = ids.next();
            written.insert(r.dump());
            all.push_back(r);
        }
        b.append(job, all);
    }
    std::ifstream in(path, std::ios::binary);
    const std::string whole{std::istreambuf_iterator<char>(in), {}};
    std::mt19937 chance(7);
    int opened = 0, refused = 0, to_look_at = 0;
    std::size_t saved = 0;
    const int books = std::getenv("FAIRCHALK_DAMAGED") ? std::atoi(std::getenv("FAIRCHALK_DAMAGED")) : 40;
    for (int n = 0; n < books; ++n) {
        std::string bytes = whole;
        const int how = n % 4;
        if (how == 0)  // a page of nothing
            std::fill_n(bytes.begin() + 4096 * (1 + chance() % (bytes.size() / 4096 - 1)), 4096, '\0');
        else if (how == 1)  // single bytes
            for (int k = 0; k < 20; ++k)
                bytes[100 + chance() % (bytes.size() - 100)] = static_cast<char>(chance());
        else if (how == 2)  // cut off
            bytes.resize(4096 + chance() % (bytes.size() - 4096));
        else  // a stretch of noise
            for (std::size_t k = 0, at = 100 + chance() % (bytes.size() - 3000); k < 2500; ++k)
                bytes[at + k] = static_cast<char>(chance());
        const fs::path one = folder.path / ("damaged-" + std::to_string(n));
        std::ofstream(one, std::ios::binary) << bytes;
        try {
            Book b(one);
            ++opened;
            b.integrity(true);
            for (const CarInfo& c : b.cars()) b.card(c.id);
            for (const JobInfo& j : b.jobs()) {
                const JobFile f = b.job(j.id);
                for (std::size_t i = 0; i < f.raw().size(); ++i) {
                    if (f.set_aside().contains(i) || f.raw()[i].value("kind", "") != "hub") continue;
                    EXPECT_TRUE(written.contains(f.raw()[i].dump())) << f.raw()[i].dump();
                }
            }
            to_look_at += b.read_only();
        } catch (const BookError& e) {
            ++refused;
            EXPECT_TRUE(has(e.what(), "salvage") || has(e.what(), "There is no job") ||
                        has(e.what(), "not a Fair Chalk"))
                << e.what();
        } catch (const FileError&) {
            ++refused;
        }
        const Salvaged found = salvage(one);
        for (const Salvaged::Found& j : found.jobs)
            for (const Json& e : j.entries)
                if (e.value("kind", "") == "hub") {
                    EXPECT_TRUE(written.contains(e.dump()));
                    ++saved;
                }
        for (const Json& e : found.loose)
            if (e.value("kind", "") == "hub" && written.contains(e.dump())) ++saved;
        write_salvaged(found, folder.path / "out");
        fs::remove(one);
        fs::remove_all(folder.path / "out");
    }
    EXPECT_GE(opened + refused, books);
    std::printf(
        "%d damaged books: %d opened (%d of them to look at only), %d refused in words; %.1f %% of entries "
        "saved\n",
        books, opened, to_look_at, refused, 100.0 * static_cast<double>(saved) / (300.0 * books));
    EXPECT_GT(saved, static_cast<std::size_t>(200 * books));
}

}  // namespace
}  // namespace fairchalk::book
