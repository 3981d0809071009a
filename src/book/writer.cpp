// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/writer.h"

namespace fairchalk::book {

Writer::Writer(Book& book) : book_(book), thread_([this] { run(); }) {}

Writer::~Writer() {
    {
        const std::lock_guard lock(mutex_);
        stopping_ = true;
    }
    wake_.notify_one();
    thread_.join();
}

void Writer::post(std::string job, std::vector<Json> entries, Done done) {
    post([job = std::move(job), entries = std::move(entries)](Book& b) { b.append(job, entries); },
         std::move(done));
}

void Writer::post(std::function<void(Book&)> work, Done done) {
    {
        const std::lock_guard lock(mutex_);
        tasks_.push_back({std::move(work), std::move(done)});
    }
    wake_.notify_one();
}

void Writer::run() {
    for (;;) {
        Task task;
        {
            std::unique_lock lock(mutex_);
            wake_.wait(lock, [&] { return stopping_ || !tasks_.empty(); });
            if (tasks_.empty()) return;
            task = std::move(tasks_.front());
            tasks_.pop_front();
        }
        std::string error;
        try {
            task.work(book_);
        } catch (const std::exception& e) {
            error = e.what();
            if (error.empty()) error = "unknown";
        }
        if (task.done) task.done(error);
    }
}

}  // namespace fairchalk::book
