// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/writer.h"

#include "book/copies.h"

namespace fairchalk::book {

Writer::Writer(Book& book, Options options)
    : book_(book), options_(std::move(options)), thread_([this] { run(); }) {}

Writer::~Writer() {
    {
        const std::lock_guard lock(mutex_);
        stopping_ = true;
    }
    wake_.notify_one();
    thread_.join();
}

void Writer::post(std::string job, std::vector<Json> entries, std::function<void()> kept) {
    {
        const std::lock_guard lock(mutex_);
        tasks_.push_back({std::move(job), std::move(entries), {}, {}, {}, std::move(kept), {}});
    }
    wake_.notify_one();
}

void Writer::post_fact(std::string key, std::string value) {
    {
        const std::lock_guard lock(mutex_);
        // The newest alone is worth writing; never that which is under way.
        for (std::size_t i = working_ ? 1 : 0; i < tasks_.size(); ++i)
            if (!key.empty() && tasks_[i].key == key) {
                tasks_[i].value = std::move(value);
                return;
            }
        tasks_.push_back({{}, {}, std::move(key), std::move(value), {}, {}, {}});
    }
    wake_.notify_one();
}

void Writer::once(std::function<void(Book&)> work, Done done) {
    std::string refused;
    {
        const std::lock_guard lock(mutex_);
        refused = error_;
        if (refused.empty()) tasks_.push_back({{}, {}, {}, {}, std::move(work), {}, done});
    }
    if (!refused.empty())
        done(refused);
    else
        wake_.notify_one();
}

std::size_t Writer::count() const {
    std::size_t n = 0;
    for (const Task& t : tasks_) n += t.entries.size();
    return n;
}

Writer::Waiting Writer::waiting() const {
    const std::lock_guard lock(mutex_);
    return {count(), error_};
}

bool Writer::busy() const {
    const std::lock_guard lock(mutex_);
    return !tasks_.empty();
}

std::vector<Json> Writer::waiting_of(const std::string& job) const {
    std::vector<Json> out;
    const std::lock_guard lock(mutex_);
    for (const Task& t : tasks_)
        if (t.job == job) out.insert(out.end(), t.entries.begin(), t.entries.end());
    return out;
}

void Writer::try_again() {
    {
        const std::lock_guard lock(mutex_);
        poked_ = true;
    }
    wake_.notify_one();
}

void Writer::give_up() {
    {
        const std::lock_guard lock(mutex_);
        tasks_.clear();
        error_.clear();
        failing_ = false;
        ++given_up_;
    }
    wake_.notify_one();
}

void Writer::copy_with_waiting(const std::filesystem::path& to) const {
    std::vector<Task> rest;
    {
        const std::lock_guard lock(mutex_);
        rest.assign(tasks_.begin(), tasks_.end());
    }
    book_.copy_to(to);
    if (rest.empty()) return;
    Book copy(to, Book::Mode::existing);
    // One that went in while the copy was made is in it: it is not written twice.
    for (const Task& t : rest)
        if (!t.entries.empty())
            copy.append(t.job, t.entries);
        else if (!t.key.empty())
            copy.set_fact(t.key, t.value);
}

std::string Writer::attempt(const Task& task) {
    try {
        if (task.work)
            task.work(book_);
        else if (!task.key.empty())
            book_.set_fact(task.key, task.value);
        else
            book_.append(task.job, task.entries);
        return {};
    } catch (const std::exception& e) {
        return *e.what() ? e.what() : "unknown";
    }
}

void Writer::run() {
    const auto renew_copy = [&] {
        if (!written_ || options_.copies.empty()) return;
        written_ = false;
        try {
            keep_copy(book_, options_.copies, today());
        } catch (const std::exception&) {
            // The next writing tries it again; the book itself is what was promised.
        }
    };
    for (;;) {
        Task task;
        std::size_t era = 0;
        {
            std::unique_lock lock(mutex_);
            const auto due = [&] { return stopping_ || poked_ || (error_.empty() && !tasks_.empty()); };
            if (!error_.empty())
                wake_.wait_for(lock, options_.again, due);
            else if (written_)
                wake_.wait_for(lock, options_.quiet, due);
            else
                wake_.wait(lock, due);
            poked_ = false;
            if (tasks_.empty()) {
                lock.unlock();
                renew_copy();
                lock.lock();
                if (stopping_ && tasks_.empty()) return;
                continue;
            }
            task = tasks_.front();
            era = given_up_;
            working_ = true;
        }
        const std::string error = attempt(task);
        bool all = false, failed_now = false, stop = false;
        Waiting left;
        {
            const std::lock_guard lock(mutex_);
            working_ = false;
            if (era != given_up_) continue;
            if (error.empty() || task.work) {
                tasks_.pop_front();
                error_.clear();
                written_ = written_ || error.empty();
                all = failing_ && error.empty() && tasks_.empty();
                if (all) failing_ = false;
            } else {
                failed_now = failing_ = true;
                error_ = error;
                stop = stopping_;
            }
            left = {count(), error_};
        }
        if (task.kept && error.empty()) task.kept();
        if (task.done) task.done(error);
        if ((failed_now || all) && options_.said) options_.said(left);
        if (stop) return;
    }
}

}  // namespace fairchalk::book
