// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <chrono>
#include <condition_variable>
#include <deque>
#include <filesystem>
#include <functional>
#include <mutex>
#include <string>
#include <thread>
#include <vector>

#include "book/book.h"

namespace fairchalk::book {

/// The one thread that writes to a book, and the queue of what it has not written yet.
///
/// What is posted goes in in its order. What can't be written stays where it is, with all after it, and is
/// tried again by itself, until it is in, or given up by the user: nothing is dropped because of an error.
/// All callbacks come on that thread.
class Writer {
  public:
    using Done = std::function<void(const std::string& error)>;
    struct Waiting {
        std::size_t entries = 0;
        std::string error;  ///< why they are not on the disk; empty while nothing has failed
    };
    struct Options {
        std::filesystem::path copies;  ///< the folder of the rolling copies; empty: none are kept
        std::chrono::milliseconds again{2000};
        std::chrono::milliseconds quiet{20'000};  ///< after so long without writing the day's copy is renewed
        std::function<void(const Waiting&)> said;  ///< something failed, or all is on the disk again
    };

    explicit Writer(Book& book) : Writer(book, Options{}) {}
    Writer(Book& book, Options options);
    /// Tries once more what waits; renews the day's copy.
    ~Writer();
    Writer(const Writer&) = delete;
    Writer& operator=(const Writer&) = delete;

    /// Entries of a job; `kept` comes once they are on the disk, and never where they are given up.
    void post(std::string job, std::vector<Json> entries, std::function<void()> kept = {});
    /// A fact of the book.
    void post_fact(std::string key, std::string value);
    /// Work that is tried once, when all before it is on the disk: `done` has an empty text, or why not.
    /// Where something waits, it is refused at once.
    void once(std::function<void(Book&)> work, Done done);

    Waiting waiting() const;
    /// True while anything at all is not done.
    bool busy() const;
    /// What waits of a job, in its order.
    std::vector<Json> waiting_of(const std::string& job) const;
    void try_again();
    /// Lets go of all that waits.
    void give_up();
    /// A copy of the book with all that waits in it. On a thread of the caller. Throws BookError.
    void copy_with_waiting(const std::filesystem::path& to) const;

  private:
    struct Task {
        std::string job;
        std::vector<Json> entries;
        std::string key, value;
        std::function<void(Book&)> work;
        std::function<void()> kept;
        Done done;
    };
    void run();
    std::string attempt(const Task& task);
    std::size_t count() const;

    Book& book_;
    Options options_;
    mutable std::mutex mutex_;
    std::condition_variable wake_;
    std::deque<Task> tasks_;
    std::string error_;
    std::size_t given_up_ = 0;  ///< how often: what was under way then is not taken off the new queue
    bool stopping_ = false, poked_ = false, written_ = false, working_ = false;
    bool failing_ = false;  ///< something failed, and not all has gone in since
    std::thread thread_;
};

}  // namespace fairchalk::book
