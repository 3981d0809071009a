// SPDX-License-Identifier: GPL-3.0-or-later
// Two books of one garage joined: nothing lost, nothing twice, all of it or nothing.
#include <sys/wait.h>
#include <unistd.h>

#include <csignal>
#include <filesystem>
#include <fstream>

#include <gtest/gtest.h>

#include "book/book.h"
#include "book/places.h"

namespace fairchalk::book {
namespace {

namespace fs = std::filesystem;

struct MergeTest : ::testing::Test {
    fs::path folder = fs::temp_directory_path() / ("fairchalk-merge-" + std::to_string(::getpid()));
    fs::path ours = folder / "garage.fairchalk", theirs = folder / "laptop.fairchalk";
    UuidSource ids{system_sources()};
    MergeTest() {
        fs::remove_all(folder);
        fs::create_directories(folder);
    }
    ~MergeTest() override { fs::remove_all(folder); }

    static Json card(const std::string& name, const char* wheelbase) {
        return {{"name", name}, {"wheelbase", wheelbase}};
    }
    Json reading(const char* value) {
        return {{"id", ids.next()},
                {"at", ids.now()},
                {"kind", "hub"},
                {"wheel", "front-left"},
                {"value", value}};
    }
    /// A garage with one car and one job of one reading, and a copy of it on a laptop. Gives the job.
    std::string split() {
        Book b(ours);
        const std::string car = b.add_car(card("Tarnby estate", "2565 mm"), ids),
                          job = b.add_job(car, "Spring", Json::object(), ids);
        b.append(job, {reading("100 mm")});
        b.copy_to(theirs);
        return job;
    }
    static std::size_t entries(const Book& b) {
        std::size_t n = 0;
        for (const JobInfo& j : b.jobs()) n += b.job(j.id).entries().size();
        return n;
    }
};

TEST_F(MergeTest, BothLogsAreKeptAndTheSecondTimeNothingChanges) {
    const std::string job = split();
    {
        Book b(theirs), a(ours);
        b.append(job, {reading("101 mm")});
        a.append(job, {reading("102 mm")});
        const std::string other = b.add_car(card("Ollerby pickup", "3000 mm"), ids);
        b.add_job(other, "Boards", Json::object(), ids);
        b.add_picture(other, "front.jpg", std::string("a\0b", 3), ids);
        b.set_fact("practice:" + b.jobs(other).front().id, "yes");
        b.set_fact("order", "toe-first");
    }
    Book into(ours);
    const Book from(theirs, Book::Mode::read);
    const auto merged = into.merge(from, Book::CardsOf::ours, ids);
    EXPECT_EQ(merged.cars, 1);
    EXPECT_EQ(merged.jobs, 1);
    EXPECT_EQ(merged.pictures, 1);
    EXPECT_TRUE(merged.conflicts.empty());
    EXPECT_EQ(into.job(job).entries().size(), 5u) << "card, targets, and three readings";
    ASSERT_EQ(into.cars().size(), 2u);
    EXPECT_EQ(into.pictures(into.cars()[1].id).front().bytes.size(), 3u);
    EXPECT_TRUE(into.fact("practice:" + into.jobs(into.cars()[1].id).front().id));
    EXPECT_FALSE(into.fact("order")) << "a garage's ways stay its own";
    EXPECT_EQ(into.integrity(), "ok");
    const std::size_t all = entries(into);
    const auto again = into.merge(from, Book::CardsOf::ours, ids);
    EXPECT_EQ(again.cars + again.jobs + again.entries + again.pictures, 0);
    EXPECT_TRUE(again.conflicts.empty());
    EXPECT_EQ(entries(into), all);
}

TEST_F(MergeTest, OfCardsThatBothChangedTheOneThatIsChosenStands) {
    for (const auto cards : {Book::CardsOf::ours, Book::CardsOf::theirs}) {
        fs::remove_all(folder);
        fs::create_directories(folder);
        const std::string job = split();
        {
            Book b(theirs), a(ours);
            const auto edit = [&](Book& book, const char* wheelbase) {
                book.append(job, {{{"id", ids.next()},
                                   {"at", ids.now()},
                                   {"kind", "car"},
                                   {"car", card("Tarnby estate", wheelbase)}}});
            };
            edit(b, "2570 mm");
            edit(a, "2560 mm");
        }
        Book into(ours);
        const Book from(theirs, Book::Mode::read);
        const auto merged = into.merge(from, cards, ids);
        ASSERT_EQ(merged.conflicts.size(), 1u);
        EXPECT_EQ(merged.conflicts[0].ours["wheelbase"], "2560 mm");
        EXPECT_EQ(merged.conflicts[0].theirs["wheelbase"], "2570 mm");
        EXPECT_EQ((*into.card(into.cars()[0].id))["wheelbase"],
                  cards == Book::CardsOf::ours ? "2560 mm" : "2570 mm");
        EXPECT_TRUE(into.merge(from, cards, ids).conflicts.empty());
    }
}

TEST_F(MergeTest, ACardThatOnlyOneSideChangedIsNoConflict) {
    const std::string job = split();
    {
        Book b(theirs);
        b.append(job, {{{"id", ids.next()},
                        {"at", ids.now()},
                        {"kind", "car"},
                        {"car", card("Tarnby estate", "2570 mm")}}});
    }
    Book into(ours);
    EXPECT_TRUE(into.merge(Book(theirs, Book::Mode::read), Book::CardsOf::ours, ids).conflicts.empty());
    EXPECT_EQ((*into.card(into.cars()[0].id))["wheelbase"], "2570 mm") << "theirs went on from ours";
}

TEST_F(MergeTest, OneIdThatMeansTwoThingsLeavesTheBookAsItWas) {
    const std::string job = split();
    Json one = reading("110 mm"), other = one;
    other["value"] = "111 mm";
    {
        Book b(theirs), a(ours);
        a.append(job, {one});
        b.append(job, {reading("105 mm"), other});
    }
    Book into(ours);
    const std::size_t before = entries(into);
    EXPECT_THROW(into.merge(Book(theirs, Book::Mode::read), Book::CardsOf::ours, ids), BookError);
    EXPECT_EQ(entries(into), before);
    EXPECT_THROW(into.merge(Book(ours, Book::Mode::read), Book::CardsOf::ours, ids), BookError)
        << "with itself";
}

TEST_F(MergeTest, KilledInTheMiddleTheBookIsAsBeforeOrMerged) {
    const std::string job = split();
    {
        Book b(theirs);
        std::vector<Json> many;
        for (int i = 0; i < 4000; ++i) many.push_back(reading("120 mm"));
        b.append(job, many);
    }
    for (int k = 0; k < 6; ++k) {
        const pid_t child = ::fork();
        if (child == 0) {
            Book into(ours, Book::Mode::existing);
            into.merge(Book(theirs, Book::Mode::read), Book::CardsOf::ours, ids);
            ::_exit(0);
        }
        ::usleep(static_cast<useconds_t>(3000 * (1 + k * 3)));
        ::kill(child, SIGKILL);
        ::waitpid(child, nullptr, 0);
        const Book after(ours, Book::Mode::existing);
        EXPECT_EQ(after.integrity(), "ok");
        const std::size_t n = after.job(job).entries().size();
        EXPECT_TRUE(n == 3 || n == 4003) << n;
    }
}

}  // namespace
}  // namespace fairchalk::book
