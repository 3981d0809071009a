// SPDX-License-Identifier: GPL-3.0-or-later
// Two laptops, one garage: what another book has and this one has not.
#include <algorithm>
#include <map>
#include <set>

#include "book/book_inside.h"

namespace fairchalk::book {
namespace {

struct Row {
    std::string stream, id, at, kind, payload;
    int version = 0;
    bool as_written = true;
};

/// A book's rows as they stand, read in one go.
struct Rows {
    std::vector<std::array<std::string, 3>> cars;  ///< id, name, created
    std::vector<std::array<std::string, 5>> jobs;  ///< id, car, title, created, extras
    std::vector<Row> entries;
    struct Picture {
        std::string id, car, name, at, bytes;
    };
    std::vector<Picture> pictures;
    std::vector<std::pair<std::string, std::string>> facts;
};

template <std::size_t N>
void read_texts(SQLite::Database& db, const char* query, std::vector<std::array<std::string, N>>& into) {
    SQLite::Statement s(db, query);
    while (s.executeStep()) {
        std::array<std::string, N> row;
        for (std::size_t k = 0; k < N; ++k) row[k] = s.getColumn(static_cast<int>(k)).getString();
        into.push_back(std::move(row));
    }
}

Rows with_facts(SQLite::Database& db, Rows out) {
    SQLite::Statement facts(db, "SELECT key, value FROM fact");
    while (facts.executeStep())
        out.facts.emplace_back(facts.getColumn(0).getString(), facts.getColumn(1).getString());
    return out;
}

Rows rows_of(SQLite::Database& db, bool sums) {
    Rows out;
    read_texts(db, "SELECT id, name, created FROM car ORDER BY rowid", out.cars);
    read_texts(db, "SELECT id, car, title, created, extras FROM job ORDER BY rowid", out.jobs);
    SQLite::Statement entries(db, std::string("SELECT stream, id, at, kind, version, payload, ") +
                                      (sums ? "sum" : "0") + " FROM entry ORDER BY seq");
    while (entries.executeStep()) {
        Row r;
        r.stream = entries.getColumn(0).getString();
        r.id = entries.getColumn(1).getString();
        r.at = entries.getColumn(2).getString();
        r.kind = entries.getColumn(3).getString();
        r.version = entries.getColumn(4).getInt();
        r.payload = entries.getColumn(5).getString();
        r.as_written = !sums || entries.getColumn(6).getInt64() == checksum(r.stream + r.id + r.payload);
        out.entries.push_back(std::move(r));
    }
    // A book of the first version has none.
    if (!db.tableExists("picture")) return with_facts(db, std::move(out));
    SQLite::Statement pictures(db, "SELECT id, car, name, at, bytes FROM picture ORDER BY rowid");
    while (pictures.executeStep()) {
        const SQLite::Column bytes = pictures.getColumn(4);
        out.pictures.push_back({pictures.getColumn(0).getString(), pictures.getColumn(1).getString(),
                                pictures.getColumn(2).getString(), pictures.getColumn(3).getString(),
                                std::string(static_cast<const char*>(bytes.getBlob()),
                                            static_cast<std::size_t>(bytes.getBytes()))});
    }
    return with_facts(db, std::move(out));
}

/// Every card that a car has had, as it was written.
std::set<std::string> cards_of(SQLite::Database& db, const std::string& car) {
    std::set<std::string> out;
    SQLite::Statement s(db,
                        "SELECT payload FROM entry WHERE kind = 'car' AND"
                        " (stream = ?1 OR stream IN (SELECT id FROM job WHERE car = ?1))");
    s.bind(1, car);
    while (s.executeStep())
        if (const Json e = Json::parse(s.getColumn(0).getString(), nullptr, false);
            e.is_object() && e.contains("car"))
            out.insert(e["car"].dump());
    return out;
}

/// Adds a row where its first column is not there yet.
bool add(SQLite::Database& db, const char* insert, const std::vector<std::string>& values) {
    SQLite::Statement s(db, insert);
    for (std::size_t k = 0; k < values.size(); ++k) s.bind(static_cast<int>(k) + 1, values[k]);
    return s.exec() > 0;
}

/// One transaction's work: puts the rows of another book into this one.
class Merging {
  public:
    Merging(SQLite::Database& db, bool sums, const Rows& theirs, Book::Merged& out)
        : db_(db), sums_(sums), theirs_(theirs), out_(out) {}
    void cars();
    void jobs();
    void entries();
    void pictures_and_facts();
    /// Cars here of which something came that edits the card.
    const std::set<std::string>& edited() const { return edited_; }
    /// Their car under its id here.
    const std::string& here(const std::string& car) const { return car_.at(car); }

  private:
    bool put(const Row& r, const std::string& stream);

    SQLite::Database& db_;
    bool sums_;
    const Rows& theirs_;
    Book::Merged& out_;
    std::map<std::string, std::string> car_;     ///< theirs to ours
    std::map<std::string, std::string> of_job_;  ///< a job's car here
    std::set<std::string> new_jobs_, edited_;
};

void Merging::cars() {
    std::map<std::string, std::string> by_name;
    std::set<std::string> by_id;
    SQLite::Statement ours(db_, "SELECT id, name FROM car");
    while (ours.executeStep()) {
        by_id.insert(ours.getColumn(0).getString());
        by_name.emplace(ours.getColumn(1).getString(), ours.getColumn(0).getString());
    }
    for (const auto& [id, name, created] : theirs_.cars) {
        const auto same = by_name.find(name);
        if (by_id.contains(id)) {
            car_[id] = id;
        } else if (same != by_name.end()) {
            car_[id] = same->second;
        } else {
            add(db_, "INSERT INTO car VALUES (?, ?, ?)", {id, name, created});
            car_[id] = id;
            ++out_.cars;
        }
    }
}

void Merging::jobs() {
    for (const auto& [id, car, title, created, extras] : theirs_.jobs) {
        of_job_[id] = car_.at(car);
        if (!add(db_, "INSERT INTO job VALUES (?, ?, ?, ?, ?) ON CONFLICT (id) DO NOTHING",
                 {id, car_.at(car), title, created, extras}))
            continue;
        new_jobs_.insert(id);
        ++out_.jobs;
    }
}

bool Merging::put(const Row& r, const std::string& stream) {
    SQLite::Statement s(db_, std::string("INSERT INTO entry (stream, id, at, kind, version, payload") +
                                 (sums_ ? ", sum" : "") + ") VALUES (?, ?, ?, ?, ?, ?" +
                                 (sums_ ? ", ?" : "") + ") ON CONFLICT (stream, id) DO NOTHING");
    s.bind(1, stream);
    s.bind(2, r.id);
    s.bind(3, r.at);
    s.bind(4, r.kind);
    s.bind(5, r.version);
    s.bind(6, r.payload);
    // What was not as written there is not made so here.
    const std::int64_t sum = checksum(stream + r.id + r.payload);
    if (sums_) s.bind(7, r.as_written ? sum : ~sum);
    if (s.exec() > 0) return true;
    SQLite::Statement there(db_, "SELECT payload FROM entry WHERE stream = ? AND id = ?");
    there.bind(1, stream);
    there.bind(2, r.id);
    if (r.as_written && (!there.executeStep() || there.getColumn(0).getString() != r.payload))
        throw BookError(words::fill(
            TR_NOOP("The entry {0} is in both books and is not the same: nothing was merged. Save a "
                    "copy of both, and look at that job in each."),
            {r.id}));
    return false;
}

void Merging::entries() {
    for (const Row& r : theirs_.entries) {
        const auto car = car_.find(r.stream);
        if (!put(r, car == car_.end() ? r.stream : car->second)) continue;
        ++out_.entries;
        if (r.kind != "car") continue;
        const auto job = of_job_.find(r.stream);
        if (car != car_.end())
            edited_.insert(car->second);
        else if (job != of_job_.end())
            edited_.insert(job->second);
    }
}

void Merging::pictures_and_facts() {
    for (const Rows::Picture& p : theirs_.pictures) {
        SQLite::Statement s(db_, "INSERT INTO picture VALUES (?, ?, ?, ?, ?) ON CONFLICT (id) DO NOTHING");
        s.bind(1, p.id);
        s.bind(2, car_.at(p.car));
        s.bind(3, p.name);
        s.bind(4, p.at);
        s.bind(5, p.bytes.data(), static_cast<int>(p.bytes.size()));
        out_.pictures += s.exec() > 0;
    }
    // Of facts, those about jobs that came; a garage's ways stay its own.
    for (const auto& [key, value] : theirs_.facts)
        if (const auto colon = key.find(':');
            colon != std::string::npos && new_jobs_.contains(key.substr(colon + 1)))
            add(db_, "INSERT INTO fact VALUES (?, ?) ON CONFLICT (key) DO NOTHING", {key, value});
}

}  // namespace

Book::Merged Book::merge(const Book& other, const ChooseCard& choose, UuidSource& ids) {
    std::error_code error;
    if (std::filesystem::equivalent(path(), other.path(), error))
        throw BookError(
            words::fill(TR_NOOP("{0} is that book itself: there is nothing to merge."), {path().string()}));
    Rows theirs;
    if (!other.in_->db) throw BookError(other.read_only_reason());
    bool whole = false;
    other.in_->look([&] {
        theirs = rows_of(other.in_->read(), other.in_->sums);
        whole = true;
    });
    if (!whole) throw BookError(other.read_only_reason());

    // As both have it now, by the car here.
    struct Cards {
        std::optional<Json> now;
        std::set<std::string> ever;
        std::string name;
    };
    std::map<std::string, Cards> ours_by, theirs_by;
    for (const CarInfo& c : this->cars()) ours_by[c.id] = {card(c.id), cards_of(in_->read(), c.id), c.name};

    Merged out;
    in_->write([&] {
        Merging merging(*in_->db, in_->sums, theirs, out);
        merging.cars();
        merging.jobs();
        merging.entries();
        merging.pictures_and_facts();
        for (const auto& [id, name, created] : theirs.cars)
            theirs_by[merging.here(id)] = {other.card(id), cards_of(other.in_->read(), id), name};
        for (const std::string& car : merging.edited()) {
            const Cards &ours = ours_by[car], &its = theirs_by[car];
            if (!ours.now || !its.now || *ours.now == *its.now) continue;
            // Where one side only went on from the other's card, its card stands.
            const bool they_went_on = its.ever.contains(ours.now->dump()),
                       we_did = ours.ever.contains(its.now->dump());
            if (they_went_on && !we_did) continue;
            const bool both = !they_went_on && !we_did;
            if (both) out.conflicts.push_back({its.name, *ours.now, *its.now});
            // What stands is the last word: it is said once more.
            Json e = Json::object();
            e["id"] = ids.next();
            e["at"] = ids.now();
            e["kind"] = "car";
            e["car"] = both && choose(out.conflicts.back()) == CardsOf::theirs ? *its.now : *ours.now;
            in_->insert(car, e);
        }
    });
    return out;
}

}  // namespace fairchalk::book
