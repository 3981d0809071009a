// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/book.h"

#include <fcntl.h>
#include <sys/file.h>
#include <unistd.h>

#include <cerrno>
#include <cstring>
#include <mutex>

#include <SQLiteCpp/SQLiteCpp.h>

namespace fairchalk::book {
namespace {

constexpr int application_id = 0x46434842;  // "FCHB"
constexpr int payload_version = 1;

// Version 1. A later version is one more string; never change one that has shipped.
constexpr const char* first_layout = R"sql(
CREATE TABLE fact (key TEXT PRIMARY KEY, value TEXT NOT NULL);
CREATE TABLE car (id TEXT PRIMARY KEY, name TEXT NOT NULL, created TEXT NOT NULL);
CREATE TABLE job (id TEXT PRIMARY KEY, car TEXT NOT NULL REFERENCES car(id), title TEXT NOT NULL, created TEXT NOT NULL,
                  extras TEXT NOT NULL DEFAULT '{}');
CREATE TABLE entry (seq INTEGER PRIMARY KEY AUTOINCREMENT, stream TEXT NOT NULL, id TEXT NOT NULL, at TEXT NOT NULL,
                    kind TEXT NOT NULL, version INTEGER NOT NULL, payload TEXT NOT NULL, UNIQUE (stream, id));
CREATE INDEX entry_by_stream ON entry (stream, seq);
)sql";

// Version 2: pictures of a car.
constexpr const char* pictures_layout = R"sql(
CREATE TABLE picture (id TEXT PRIMARY KEY, car TEXT NOT NULL REFERENCES car(id), name TEXT NOT NULL, at TEXT NOT NULL,
                      bytes BLOB NOT NULL);
)sql";

std::string text_of(const Json& j, const char* key) {
    return j.contains(key) && j[key].is_string() ? j[key].get<std::string>() : std::string();
}

}  // namespace

/// A lock that dies with its process: flock on a file of its own, since SQLite locks only while it writes.
class Book::WriterLock {
  public:
    WriterLock() = default;
    explicit WriterLock(const std::filesystem::path& book) {
        const std::string path = book.string() + ".lock";
        fd_ = ::open(path.c_str(), O_RDWR | O_CREAT | O_CLOEXEC, 0644);
        if (fd_ < 0)
            throw BookError("The book " + book.string() + " can't be locked: " + std::strerror(errno) + ".");
        if (::flock(fd_, LOCK_EX | LOCK_NB) != 0) {
            char pid[32] = {};
            const auto n = ::pread(fd_, pid, sizeof pid - 1, 0);
            ::close(fd_);
            fd_ = -1;
            throw BookError("The book " + book.string() + " is open in another Fair Chalk" +
                            (n > 0 ? " (process " + std::string(pid) + ")" : std::string()) +
                            ". Close it there first; nothing was changed.");
        }
        const std::string pid = std::to_string(::getpid());
        if (::ftruncate(fd_, 0) == 0 && ::pwrite(fd_, pid.data(), pid.size(), 0) < 0) return;
    }
    ~WriterLock() {
        if (fd_ >= 0) ::close(fd_);
    }
    WriterLock(const WriterLock&) = delete;
    WriterLock& operator=(const WriterLock&) = delete;

  private:
    int fd_ = -1;
};

struct Book::Inside {
    std::filesystem::path path;
    std::unique_ptr<WriterLock> lock;
    std::unique_ptr<SQLite::Database> db;
    bool read_only = false;
    std::string reason;
    std::mutex writing;  ///< the writer thread and the window share one connection

    void insert(const std::string& stream, const Json& e) {
        SQLite::Statement s(
            *db, "INSERT INTO entry (stream, id, at, kind, version, payload) VALUES (?, ?, ?, ?, ?, ?)");
        s.bind(1, stream);
        s.bind(2, text_of(e, "id"));
        s.bind(3, text_of(e, "at"));
        s.bind(4, text_of(e, "kind"));
        s.bind(5, payload_version);
        s.bind(6, e.dump());
        s.exec();
    }
    void may_write() const {
        if (read_only) throw BookError(reason.empty() ? "This book is open for reading only." : reason);
    }
    /// Runs `work` in one transaction, and puts SQLite's complaint into words.
    template <class F>
    void write(F&& work) {
        may_write();
        const std::lock_guard<std::mutex> one_at_a_time(writing);
        try {
            SQLite::Transaction t(*db, SQLite::TransactionBehavior::IMMEDIATE);
            work();
            t.commit();
        } catch (const SQLite::Exception& e) {
            throw BookError("The book " + path.string() + " could not be written (" + e.what() +
                            "): what you typed is still on the screen and is not kept yet.");
        }
    }
};

const Book::Migrations& Book::migrations() {
    static const Migrations steps = {first_layout, pictures_layout};
    return steps;
}

Book::Book(const std::filesystem::path& path, Mode mode, const Migrations& steps)
    : in_(std::make_unique<Inside>()) {
    in_->path = path;
    std::error_code error;
    if (std::filesystem::is_directory(path, error))
        throw BookError(path.string() + " is a folder, not a book.");
    const bool exists = std::filesystem::exists(path, error);
    if (!exists && mode == Mode::read) throw BookError("There is no book at " + path.string() + ".");
    if (mode == Mode::write) {
        if (path.has_parent_path()) std::filesystem::create_directories(path.parent_path(), error);
        in_->lock = std::make_unique<WriterLock>(path);
    }
    try {
        const auto open = [&](int flags) {
            in_->db = std::make_unique<SQLite::Database>(path.string(), flags);
            in_->db->setBusyTimeout(5000);
        };
        open(mode == Mode::write ? SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE : SQLite::OPEN_READWRITE);
        const int id = in_->db->execAndGet("PRAGMA application_id").getInt();
        int version = in_->db->execAndGet("PRAGMA user_version").getInt();
        const int tables = in_->db->execAndGet("SELECT count(*) FROM sqlite_master").getInt();
        if ((id != application_id && (tables > 0 || mode == Mode::read)))
            throw BookError(path.string() +
                            " is a database, but not a Fair Chalk book. Nothing was changed.");
        const int known = static_cast<int>(steps.size());
        if (version > known) {
            in_->lock.reset();
            open(SQLite::OPEN_READONLY);
            in_->read_only = true;
            in_->reason = "This book was written by a newer Fair Chalk (version " + std::to_string(version) +
                          "; this one writes version " + std::to_string(known) +
                          "). It is open for reading only.";
            return;
        }
        if (mode == Mode::read) {
            open(SQLite::OPEN_READONLY);
            in_->read_only = true;
            return;
        }
        in_->db->exec("PRAGMA journal_mode=WAL");
        in_->db->exec("PRAGMA synchronous=FULL");
        in_->db->exec("PRAGMA foreign_keys=ON");
        if (version < known) {
            if (version > 0) {
                const std::string backup = path.string() + ".version" + std::to_string(version) + ".backup";
                std::filesystem::remove(backup, error);
                SQLite::Statement copy(*in_->db, "VACUUM INTO ?");
                copy.bind(1, backup);
                copy.exec();
            }
            SQLite::Transaction t(*in_->db, SQLite::TransactionBehavior::IMMEDIATE);
            in_->db->exec("PRAGMA application_id = " + std::to_string(application_id));
            for (; version < known; ++version) in_->db->exec(steps[static_cast<std::size_t>(version)]);
            in_->db->exec("PRAGMA user_version = " + std::to_string(known));
            t.commit();
        }
    } catch (const SQLite::Exception& e) {
        throw BookError(path.string() + " can't be opened as a book (" + e.what() +
                        "). Nothing was changed.");
    }
}

Book::~Book() = default;
Book::Book(Book&&) noexcept = default;
Book& Book::operator=(Book&&) noexcept = default;

bool Book::read_only() const {
    return in_->read_only;
}
std::string Book::read_only_reason() const {
    return in_->reason;
}
const std::filesystem::path& Book::path() const {
    return in_->path;
}

std::optional<std::string> Book::fact(const std::string& key) const {
    SQLite::Statement s(*in_->db, "SELECT value FROM fact WHERE key = ?");
    s.bind(1, key);
    if (!s.executeStep()) return std::nullopt;
    return s.getColumn(0).getString();
}

void Book::set_fact(const std::string& key, const std::string& value) {
    in_->write([&] {
        SQLite::Statement s(
            *in_->db,
            "INSERT INTO fact VALUES (?, ?) ON CONFLICT (key) DO UPDATE SET value = excluded.value");
        s.bind(1, key);
        s.bind(2, value);
        s.exec();
    });
}

std::vector<std::pair<std::string, std::string>> Book::facts(const std::string& prefix) const {
    std::vector<std::pair<std::string, std::string>> out;
    SQLite::Statement s(*in_->db,
                        "SELECT key, value FROM fact WHERE substr(key, 1, length(?1)) = ?1 ORDER BY key");
    s.bind(1, prefix);
    while (s.executeStep()) out.emplace_back(s.getColumn(0).getString(), s.getColumn(1).getString());
    return out;
}

void Book::add_picture(const std::string& car, const std::string& name, const std::string& bytes,
                       UuidSource& ids) {
    in_->write([&] {
        SQLite::Statement s(*in_->db,
                            "INSERT INTO picture (id, car, name, at, bytes) VALUES (?, ?, ?, ?, ?)");
        s.bind(1, ids.next());
        s.bind(2, car);
        s.bind(3, name);
        s.bind(4, ids.now());
        s.bind(5, bytes.data(), static_cast<int>(bytes.size()));
        s.exec();
    });
}

std::vector<Book::Picture> Book::pictures(const std::string& car) const {
    std::vector<Picture> out;
    if (!in_->db->tableExists("picture")) return out;  // an older book, opened to be read only
    SQLite::Statement s(*in_->db, "SELECT id, name, bytes FROM picture WHERE car = ? ORDER BY id");
    s.bind(1, car);
    while (s.executeStep()) {
        const SQLite::Column blob = s.getColumn(2);
        out.push_back({s.getColumn(0).getString(), s.getColumn(1).getString(),
                       std::string(static_cast<const char*>(blob.getBlob()),
                                   static_cast<std::size_t>(blob.getBytes()))});
    }
    return out;
}

std::string Book::car_of(const std::string& job) const {
    SQLite::Statement s(*in_->db, "SELECT car FROM job WHERE id = ?");
    s.bind(1, job);
    return s.executeStep() ? s.getColumn(0).getString() : std::string();
}

std::string Book::name() const {
    return fact("name").value_or(in_->path.stem().string());
}
void Book::set_name(const std::string& name) {
    set_fact("name", name);
}

std::vector<CarInfo> Book::cars() const {
    SQLite::Statement s(
        *in_->db,
        "SELECT id, name, (SELECT count(*) FROM job WHERE job.car = car.id) FROM car ORDER BY rowid");
    std::vector<CarInfo> out;
    while (s.executeStep()) out.push_back({s.getColumn(0), s.getColumn(1), s.getColumn(2)});
    return out;
}

std::vector<JobInfo> Book::jobs(const std::string& car) const {
    SQLite::Statement s(
        *in_->db,
        "SELECT id, car, title, created,"
        " (SELECT count(*) FROM entry WHERE stream = job.id AND kind = 'round'),"
        " (SELECT count(*) FROM entry WHERE stream = job.id AND kind IN ('hub', 'rim-front', 'rim-rear',"
        " 'string-to-string')) FROM job WHERE ?1 = '' OR car = ?1 ORDER BY rowid DESC");
    s.bind(1, car);
    std::vector<JobInfo> out;
    while (s.executeStep())
        out.push_back(
            {s.getColumn(0), s.getColumn(1), s.getColumn(2), s.getColumn(3), s.getColumn(4), s.getColumn(5)});
    return out;
}

std::optional<Json> Book::card(const std::string& car) const {
    SQLite::Statement s(*in_->db,
                        "SELECT payload FROM entry WHERE kind = 'car' AND (stream = ?1 OR stream IN"
                        " (SELECT id FROM job WHERE car = ?1)) ORDER BY seq DESC LIMIT 1");
    s.bind(1, car);
    if (!s.executeStep()) return std::nullopt;
    return Json::parse(s.getColumn(0).getString())["car"];
}

std::string Book::add_car(const Json& card, UuidSource& ids) {
    const std::string id = ids.next();
    in_->write([&] {
        SQLite::Statement s(*in_->db, "INSERT INTO car VALUES (?, ?, ?)");
        s.bind(1, id);
        s.bind(2, text_of(card, "name"));
        s.bind(3, ids.now());
        s.exec();
        Json e = Json::object();
        e["id"] = ids.next();
        e["at"] = ids.now();
        e["kind"] = "car";
        e["car"] = card;
        in_->insert(id, e);
    });
    return id;
}

std::string Book::add_job(const std::string& car, const std::string& title, const Json& targets,
                          UuidSource& ids) {
    const auto its_card = card(car);
    if (!its_card) throw BookError("There is no car " + car + " in this book.");
    const std::string id = ids.next();
    in_->write([&] {
        SQLite::Statement s(*in_->db, "INSERT INTO job (id, car, title, created) VALUES (?, ?, ?, ?)");
        s.bind(1, id);
        s.bind(2, car);
        s.bind(3, title);
        s.bind(4, ids.now());
        s.exec();
        for (const char* kind : {"car", "targets"}) {
            Json e = Json::object();
            e["id"] = ids.next();
            e["at"] = ids.now();
            e["kind"] = kind;
            e[kind] = std::string(kind) == "car" ? *its_card : targets;
            in_->insert(id, e);
        }
    });
    return id;
}

std::string Book::import_job(const JobFile& job, const std::string& title, UuidSource& ids) {
    Json its_card = Json::object();
    for (std::size_t i = 0; i < job.raw.size(); ++i)
        if (kind_of(job.raw[i]) == "car" && !job.set_aside.contains(i)) {
            its_card = job.raw[i]["car"];
            break;
        }
    std::string car;
    for (const CarInfo& c : cars())
        if (c.name == text_of(its_card, "name")) car = c.id;
    const std::string id = ids.next();
    in_->write([&] {
        if (car.empty()) {
            car = ids.next();
            SQLite::Statement s(*in_->db, "INSERT INTO car VALUES (?, ?, ?)");
            s.bind(1, car);
            s.bind(2, text_of(its_card, "name"));
            s.bind(3, ids.now());
            s.exec();
        }
        SQLite::Statement s(*in_->db, "INSERT INTO job VALUES (?, ?, ?, ?, ?)");
        s.bind(1, id);
        s.bind(2, car);
        s.bind(3, title);
        s.bind(4, ids.now());
        s.bind(5, job.extras.dump());
        s.exec();
        for (const Json& e : job.raw) in_->insert(id, e);
    });
    return id;
}

JobFile Book::job(const std::string& id) const {
    SQLite::Statement head(*in_->db, "SELECT extras FROM job WHERE id = ?");
    head.bind(1, id);
    if (!head.executeStep()) throw BookError("There is no job " + id + " in this book.");
    const Json extras = Json::parse(head.getColumn(0).getString());
    SQLite::Statement s(*in_->db, "SELECT payload FROM entry WHERE stream = ? ORDER BY seq");
    s.bind(1, id);
    std::vector<Json> raw;
    while (s.executeStep()) {
        const std::string text = s.getColumn(0).getString();
        Json one = Json::parse(text, nullptr, false);
        // What is no JSON is kept as the text that it is.
        raw.push_back(one.is_discarded() ? Json(text) : std::move(one));
    }
    return from_entries(std::move(raw), extras);
}

void Book::append(const std::string& job, const std::vector<Json>& entries) {
    in_->write([&] {
        for (const Json& e : entries) in_->insert(job, e);
    });
}

std::string Book::integrity() const {
    return in_->db->execAndGet("PRAGMA integrity_check").getString();
}

}  // namespace fairchalk::book
