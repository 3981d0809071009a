// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <condition_variable>
#include <deque>
#include <functional>
#include <mutex>
#include <string>
#include <thread>
#include <vector>

#include "book/book.h"

namespace fairchalk::book {

/// The one thread that writes to a book. Entries go in in the order of `post`; `done` is called on that
/// thread once they are on the disk, with an empty text, or with why they are not. The destructor writes all
/// that was posted.
class Writer {
  public:
    using Done = std::function<void(const std::string& error)>;

    explicit Writer(Book& book);
    ~Writer();
    Writer(const Writer&) = delete;
    Writer& operator=(const Writer&) = delete;

    void post(std::string job, std::vector<Json> entries, Done done);
    /// Work on the book that is not entries: facts, new jobs.
    void post(std::function<void(Book&)> work, Done done);

  private:
    struct Task {
        std::function<void(Book&)> work;
        Done done;
    };
    void run();

    Book& book_;
    std::mutex mutex_;
    std::condition_variable wake_;
    std::deque<Task> tasks_;
    bool stopping_ = false;
    std::thread thread_;
};

}  // namespace fairchalk::book
