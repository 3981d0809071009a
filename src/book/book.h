// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <filesystem>
#include <functional>
#include <memory>
#include <optional>
#include <stdexcept>
#include <string>
#include <vector>

#include "book/job_file.h"

namespace fairchalk::book {

/// The book can't be opened, read or written. `what()` is one sentence for the person in front of it, in
/// their language.
struct BookError : std::runtime_error {
    using std::runtime_error::runtime_error;
};

struct CarInfo {
    std::string id, name;
    int jobs = 0;
};

struct JobInfo {
    std::string id, car, title, created;
    int rounds = 0, readings = 0;
    std::int64_t last = 0;  ///< grows with its log: the same number, the same log
};

/// The garage book: one SQLite file that holds an append-only log of entries for each job.
///
/// Written in WAL mode with `synchronous=FULL`: when `append` returns, its entries are on the disk, in the
/// file to which the path still leads. One writer at a time: the file itself is locked (book_file.h). An
/// older book is backed up beside itself and brought up to date; a newer one, one that can't be written to
/// and a damaged one open to look at. Each entry carries a checksum: one that is not as it was written is set
/// aside, not believed. Reading has a connection of its own: who reads never waits for what is being written.
class Book {
  public:
    /// `write` makes it where there is none; `existing` does not.
    enum class Mode { write, existing, read };
    /// Steps that bring a book from version n to n + 1; the default is this program's. A parameter for tests.
    using Migrations = std::vector<const char*>;
    static const Migrations& migrations();

    /// Throws BookError. A path that is refused leaves nothing behind.
    explicit Book(const std::filesystem::path& path, Mode mode = Mode::write,
                  const Migrations& steps = migrations());
    /// A book that is not open: it holds nothing, takes nothing, and says why.
    static Book closed(const std::filesystem::path& path, const std::string& why);
    ~Book();
    Book(Book&&) noexcept;
    Book& operator=(Book&&) noexcept;

    bool read_only() const;
    /// Why it is read-only, in one sentence, or empty.
    std::string read_only_reason() const;
    const std::filesystem::path& path() const;

    std::string name() const;
    void set_name(const std::string& name);

    std::vector<CarInfo> cars() const;
    /// A car's jobs, newest first; all of them for an empty id.
    std::vector<JobInfo> jobs(const std::string& car = {}) const;
    /// The card of a car as last edited, in any of its jobs or on the shelf.
    std::optional<Json> card(const std::string& car) const;

    std::string add_car(const Json& card, UuidSource& ids);
    /// A new job with the card and targets as they are now as its first entries.
    std::string add_job(const std::string& car, const std::string& title, const Json& targets,
                        UuidSource& ids);
    /// Brings a job file in, under the car of the same name or a new one. Entries keep their ids.
    std::string import_job(const JobFile& job, const std::string& title, UuidSource& ids);
    JobFile job(const std::string& id) const;

    /// What another book brought: cars and jobs that are new here, entries, pictures; and cars whose cards
    /// were edited in both since.
    struct Merged {
        int cars = 0, jobs = 0, entries = 0, pictures = 0;
        struct Conflict {
            std::string car;  ///< its name
            Json ours, theirs;
        };
        std::vector<Conflict> conflicts;
    };
    enum class CardsOf { ours, theirs };
    using ChooseCard = std::function<CardsOf(const Merged::Conflict&)>;
    /// Brings in all of another book that is not here yet: by ids, a car also by its name; both logs are
    /// kept, and of a card that both have changed, the one that is chosen stands. All of it or nothing, on
    /// the disk when it returns; the same book a second time changes nothing. Throws BookError, as where one
    /// id means two things.
    Merged merge(const Book& other, const ChooseCard& choose, UuidSource& ids);
    Merged merge(const Book& other, CardsOf all, UuidSource& ids) {
        return merge(
            other, [all](const Merged::Conflict&) { return all; }, ids);
    }

    /// All of them or none; on the disk when it returns. What is there already, as it is, is not written
    /// twice. Throws BookError.
    void append(const std::string& job, const std::vector<Json>& entries);

    /// A small fact about this book, such as which job was open.
    std::optional<std::string> fact(const std::string& key) const;
    void set_fact(const std::string& key, const std::string& value);
    /// All facts whose key begins so, by key.
    std::vector<std::pair<std::string, std::string>> facts(const std::string& prefix) const;

    /// Pictures of a car, as the files they were.
    void add_picture(const std::string& car, const std::string& name, const std::string& bytes,
                     UuidSource& ids);
    struct Picture {
        std::string id, name, bytes;
    };
    std::vector<Picture> pictures(const std::string& car) const;
    /// The car of a job.
    std::string car_of(const std::string& job) const;

    /// `PRAGMA integrity_check`, or with `quick` what is found at once, and the entries' checksums: "ok" or
    /// what is wrong. On a connection of its own.
    std::string integrity(bool quick = false) const;
    /// The sentence for a book of which that was found.
    std::string damage(const std::string& how) const;
    /// From now on it is to look at only.
    void close_for_writing(const std::string& why);
    /// A whole copy, readable by its owner alone, safe while open; over what is there only with `over`.
    /// Throws BookError.
    void copy_to(const std::filesystem::path& to, bool over = false) const;

  private:
    Book();
    struct Inside;
    std::unique_ptr<Inside> in_;
};

}  // namespace fairchalk::book
