// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/book.h"

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>
#include "core/job/look_again.h"
#include "core/reading/reading_kind.h"

#include "book/book_inside.h"

namespace fairchalk::book {
namespace {

constexpr int application_id = 0x46434842;  // "FCHB"

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

// Version 3: a checksum of each entry.
constexpr const char* checksum_layout = R"sql(
ALTER TABLE entry ADD COLUMN sum INTEGER;
UPDATE entry SET sum = chalk_sum(stream || id || payload);
)sql";

BookError no_copy(const std::filesystem::path& to, const std::string& why) {
    return BookError(words::fill(TR_NOOP("No copy could be made at {0}: {1}."), {to.string(), why}));
}

}  // namespace

const Book::Migrations& Book::migrations() {
    static const Migrations steps = {first_layout, pictures_layout, checksum_layout};
    return steps;
}

Book::Book(const std::filesystem::path& path, Mode mode, const Migrations& steps)
    : in_(std::make_unique<Inside>()) {
    in_->path = path;
    std::error_code error;
    BookFile::check_name(path);
    if (mode != Mode::write && !std::filesystem::exists(path, error)) throw no_book(path);
    const std::string unwritable = BookFile::unwritable(path);
    if (mode != Mode::read && unwritable.empty()) in_->file = BookFile::open(path, mode == Mode::write);
    try {
        const int known = static_cast<int>(steps.size());
        if (!unwritable.empty()) {
            in_->look_at_copy();
            in_->reason = unwritable;
        } else {
            in_->open(path, SQLite::OPEN_READWRITE);
        }
        const int id = in_->db->execAndGet("PRAGMA application_id").getInt();
        int version = in_->db->execAndGet("PRAGMA user_version").getInt();
        const int tables = in_->db->execAndGet("SELECT count(*) FROM sqlite_master").getInt();
        if (id != application_id && (tables > 0 || mode == Mode::read))
            throw BookError(
                words::fill(TR_NOOP("{0} is a database, but not a Fair Chalk book. Nothing was changed."),
                            {path.string()}));
        in_->checked_version(version);
        if (version > known) {
            in_->db.reset();
            in_->file = {};
            if (in_->beside)
                in_->look_at_copy();
            else
                in_->open(path, SQLite::OPEN_READONLY);
            in_->read_only = true;
            in_->reason = words::fill(
                TR_NOOP("This book was written by a newer Fair Chalk (version {0}; this one writes "
                        "version {1}). It is open for reading only."),
                {std::to_string(version), std::to_string(known)});
        } else if (mode == Mode::read || in_->read_only) {
            if (!in_->beside) in_->open(path, SQLite::OPEN_READONLY);
            in_->read_only = true;
        } else {
            in_->db->exec("PRAGMA journal_mode=WAL");
            in_->db->exec("PRAGMA synchronous=FULL");
            in_->db->exec("PRAGMA foreign_keys=ON");
            if (version < known) {
                if (version > 0)
                    copy_to(path.string() + ".version" + std::to_string(version) + ".backup", true);
                SQLite::Transaction t(*in_->db, SQLite::TransactionBehavior::IMMEDIATE);
                in_->db->exec("PRAGMA application_id = " + std::to_string(application_id));
                for (; version < known; ++version) in_->db->exec(steps[static_cast<std::size_t>(version)]);
                in_->db->exec("PRAGMA user_version = " + std::to_string(known));
                t.commit();
            }
            in_->reads = std::make_unique<SQLite::Database>(path.string(), SQLite::OPEN_READONLY);
            in_->reads->setBusyTimeout(5000);
        }
        in_->sums = has_sums(in_->read());
    } catch (const SQLite::Exception& e) {
        if (in_->file.made()) in_->file.unmake();
        if (e.getErrorCode() == SQLITE_CORRUPT) {
            // A damaged book opens to look at, as far as it goes.
            try {
                in_->db.reset();
                in_->reads.reset();
                in_->look_at_copy();
                in_->sums = has_sums(*in_->db);
                in_->reason = in_->damaged(e.what());
                return;
            } catch (const std::exception&) {
                // Not even that.
            }
        }
        throw BookError(words::fill(TR_NOOP("{0} can't be opened as a book ({1}). Nothing was changed."),
                                    {path.string(), e.what()}) +
                        (std::filesystem::file_size(path, error) > 0 ? salvage_hint(path) : std::string()));
    } catch (...) {
        if (in_->file.made()) in_->file.unmake();
        throw;
    }
}

Book::Book() : in_(std::make_unique<Inside>()) {}
Book Book::closed(const std::filesystem::path& path, const std::string& why) {
    Book out;
    out.in_->path = path;
    out.close_for_writing(why);
    return out;
}
Book::~Book() = default;
Book::Book(Book&&) noexcept = default;
Book& Book::operator=(Book&&) noexcept = default;

bool Book::read_only() const {
    return in_->read_only;
}
std::string Book::read_only_reason() const {
    const std::lock_guard lock(in_->saying);
    return in_->reason;
}
std::string Book::damage(const std::string& how) const {
    return in_->damaged(how);
}
void Book::close_for_writing(const std::string& why) {
    const std::lock_guard lock(in_->saying);
    in_->reason = why;
    in_->read_only = true;
}
const std::filesystem::path& Book::path() const {
    return in_->path;
}

std::optional<std::string> Book::fact(const std::string& key) const {
    std::optional<std::string> out;
    in_->look([&] {
        SQLite::Statement s(in_->read(), "SELECT value FROM fact WHERE key = ?");
        s.bind(1, key);
        if (s.executeStep()) out = s.getColumn(0).getString();
    });
    return out;
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
    in_->look([&] {
        SQLite::Statement s(in_->read(),
                            "SELECT key, value FROM fact WHERE substr(key, 1, length(?1)) = ?1 ORDER BY key");
        s.bind(1, prefix);
        while (s.executeStep()) out.emplace_back(s.getColumn(0).getString(), s.getColumn(1).getString());
    });
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
    in_->look([&] {
        if (!in_->read().tableExists("picture")) return;  // an older book, opened to be read only
        SQLite::Statement s(in_->read(), "SELECT id, name, bytes FROM picture WHERE car = ? ORDER BY id");
        s.bind(1, car);
        while (s.executeStep()) {
            const SQLite::Column blob = s.getColumn(2);
            out.push_back({s.getColumn(0).getString(), s.getColumn(1).getString(),
                           std::string(static_cast<const char*>(blob.getBlob()),
                                       static_cast<std::size_t>(blob.getBytes()))});
        }
    });
    return out;
}

std::string Book::car_of(const std::string& job) const {
    std::string out;
    in_->look([&] {
        SQLite::Statement s(in_->read(), "SELECT car FROM job WHERE id = ?");
        s.bind(1, job);
        if (s.executeStep()) out = s.getColumn(0).getString();
    });
    return out;
}

std::string Book::name() const {
    return fact("name").value_or(in_->path.stem().string());
}
void Book::set_name(const std::string& name) {
    set_fact("name", name);
}

std::vector<CarInfo> Book::cars() const {
    std::vector<CarInfo> out;
    in_->look([&] {
        SQLite::Statement s(
            in_->read(),
            "SELECT id, name, (SELECT count(*) FROM job WHERE job.car = car.id) FROM car ORDER BY rowid");
        while (s.executeStep()) out.push_back({s.getColumn(0), s.getColumn(1), s.getColumn(2)});
    });
    return out;
}

std::vector<JobInfo> Book::jobs(const std::string& car) const {
    std::vector<JobInfo> out;
    // Every kind of entry that reads an angle is a reading.
    std::string kinds;
    for (const ReadingKind* k : reading_kinds())
        kinds += (kinds.empty() ? "'" : ",'") + std::string(k->name()) + "'";
    in_->look([&] {
        SQLite::Statement s(in_->read(),
                            "SELECT id, car, title, created,"
                            " (SELECT count(*) FROM entry WHERE stream = job.id AND kind = 'round'),"
                            " (SELECT count(*) FROM entry WHERE stream = job.id AND kind IN (" +
                                kinds +
                                ")), (SELECT max(seq) FROM entry WHERE stream = job.id) FROM job WHERE ?1 = "
                                "'' OR car = ?1 ORDER BY julianday(created) DESC, rowid DESC");
        s.bind(1, car);
        while (s.executeStep())
            out.push_back({s.getColumn(0), s.getColumn(1), s.getColumn(2), s.getColumn(3), s.getColumn(4),
                           s.getColumn(5), s.getColumn(6).getInt64()});
    });
    return out;
}

std::optional<Json> Book::card(const std::string& car) const {
    std::optional<Json> out;
    in_->look([&] {
        SQLite::Statement s(in_->read(), std::string("SELECT payload, stream, id, ") +
                                             (in_->sums ? "sum" : "0") +
                                             " FROM entry WHERE kind = 'car' AND (stream = ?1 OR stream IN"
                                             " (SELECT id FROM job WHERE car = ?1)) ORDER BY seq DESC");
        s.bind(1, car);
        // The newest that can be read.
        while (!out && s.executeStep()) {
            const std::string text = s.getColumn(0).getString();
            if (in_->sums && s.getColumn(3).getInt64() !=
                                 checksum(s.getColumn(1).getString() + s.getColumn(2).getString() + text))
                continue;
            const Json e = Json::parse(text, nullptr, false);
            if (e.is_object() && e.contains("car") && e["car"].is_object()) out = e["car"];
        }
    });
    return out;
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
    if (!its_card) throw BookError(words::fill(TR_NOOP("There is no car {0} in this book."), {car}));
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
    for (std::size_t i = 0; i < job.raw().size(); ++i)
        if (kind_of(job.raw()[i]) == "car" && !job.set_aside().contains(i)) {
            its_card = job.raw()[i]["car"];
            break;
        }
    std::string car;
    for (const CarInfo& c : cars())
        if (c.name == text_of(its_card, "name")) car = c.id;
    // It is as old as its log, and stands there among the others.
    std::string begun;
    for (const Entry& e : job.entries())
        if (begun.empty() && day_of(e.at)) begun = e.at;
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
        s.bind(4, begun.empty() ? ids.now() : begun);
        s.bind(5, job.extras.dump());
        s.exec();
        for (const Json& e : job.raw()) in_->insert(id, e);
    });
    return id;
}

JobFile Book::job(const std::string& id) const {
    std::optional<Json> extras;
    std::vector<Json> raw;
    in_->look([&] {
        SQLite::Statement head(in_->read(), "SELECT extras FROM job WHERE id = ?");
        head.bind(1, id);
        if (!head.executeStep()) return;
        extras = Json::parse(head.getColumn(0).getString(), nullptr, false);
        if (!extras->is_object()) extras = Json::object();
        SQLite::Statement s(in_->read(),
                            in_->sums ? "SELECT payload, sum, id FROM entry WHERE stream = ? ORDER BY seq"
                                      : "SELECT payload FROM entry WHERE stream = ? ORDER BY seq");
        s.bind(1, id);
        while (s.executeStep()) {
            const std::string text = s.getColumn(0).getString();
            Json one = Json::parse(text, nullptr, false);
            const bool as_written =
                !in_->sums || s.getColumn(1).getInt64() == checksum(id + s.getColumn(2).getString() + text);
            // What is no JSON, or not as it was written, is kept as the text that it is.
            raw.push_back(one.is_discarded() || !as_written ? Json(text) : std::move(one));
        }
    });
    if (!extras) throw BookError(words::fill(TR_NOOP("There is no job {0} in this book."), {id}));
    return from_entries(std::move(raw), *extras);
}

void Book::append(const std::string& job, const std::vector<Json>& entries) {
    in_->write([&] {
        for (const Json& e : entries) in_->insert(job, e);
    });
}

std::string Book::integrity(bool quick) const {
    try {
        SQLite::Database db((in_->beside ? in_->beside->path() / "book" : in_->path).string(),
                            SQLite::OPEN_READONLY);
        db.setBusyTimeout(5000);
        db.createFunction("chalk_sum", 1, true, nullptr, sum_in_sql, nullptr, nullptr, nullptr);
        const std::string found =
            db.execAndGet(quick ? "PRAGMA quick_check(1)" : "PRAGMA integrity_check").getString();
        if (found != "ok" || !has_sums(db)) return found;
        const int off =
            db.execAndGet("SELECT count(*) FROM entry WHERE sum IS NOT chalk_sum(stream || id || payload)")
                .getInt();
        if (off == 0) return found;
        return words::tr_n("%n entries are not as written", "1 entry is not as written", off);
    } catch (const SQLite::Exception& e) {
        return e.what();
    }
}

void Book::copy_to(const std::filesystem::path& to, bool over) const {
    std::error_code error;
    if (!in_->db) in_->may_write();
    if (to.empty()) throw BookError(words::tr("A copy needs a name: the path is empty."));
    if (std::filesystem::is_directory(to, error))
        throw BookError(words::fill(TR_NOOP("{0} is a folder: a copy is a file in it."), {to.string()}));
    if (!over && std::filesystem::exists(to, error))
        throw BookError(
            words::fill(TR_NOOP("There is something at {0} already; a copy goes under a name of its own."),
                        {to.string()}));
    const std::filesystem::path part = to.string() + ".part";
    ::unlink(part.c_str());
    try {
        // Made by us first, so that nobody else can read it at any time.
        { const BookFile own = BookFile::open(part, true); }
        {
            const std::lock_guard<std::mutex> one_at_a_time(in_->writing);
            SQLite::Statement copy(*in_->db, "VACUUM INTO ?");
            copy.bind(1, part.string());
            copy.exec();
        }
        if (const std::string found = Book(part, Mode::read, {}).integrity(true); found != "ok")
            throw BookError(
                words::fill(TR_NOOP("The copy at {0} is not whole ({1})."), {to.string(), found}));
    } catch (const SQLite::Exception& e) {
        ::unlink(part.c_str());
        throw no_copy(to, e.what());
    } catch (...) {
        ::unlink(part.c_str());
        throw;
    }
    if (const int fd = ::open(part.c_str(), O_RDWR | O_CLOEXEC); fd >= 0) {
        ::fsync(fd);
        ::close(fd);
    }
    std::filesystem::rename(part, to, error);
    if (error) throw no_copy(to, error.message());
}

}  // namespace fairchalk::book
