// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/salvage.h"

#include <algorithm>
#include <fstream>
#include <map>
#include <set>

#include <SQLiteCpp/SQLiteCpp.h>
#include <sqlite3.h>

#include "book/book_file.h"
#include "book/checksum.h"
#include "core/quantity/translatable.h"
#include "words/texts.h"

namespace fairchalk::book {
namespace {

/// The rows of a table one by one, by their numbers: a page that is damaged takes its own rows with it, and
/// no others.
template <class F>
int each_row(SQLite::Database& db, const std::string& table, const std::string& columns, F&& act) {
    std::int64_t last = 0;
    int lost = 0;
    try {
        last = db.execAndGet("SELECT max(rowid) FROM " + table).getInt64();
    } catch (const SQLite::Exception&) {
        try {
            last = db.execAndGet("SELECT seq FROM sqlite_sequence WHERE name = '" + table + "'").getInt64();
        } catch (const SQLite::Exception&) {
            last = 10'000;
        }
    }
    constexpr std::int64_t most = 10'000'000;
    int in_a_row = 0;
    for (std::int64_t n = 1; n <= std::min(last, most); ++n) {
        try {
            SQLite::Statement s(db, "SELECT " + columns + " FROM " + table + " WHERE rowid = ?");
            s.bind(1, n);
            if (s.executeStep()) act(s);
            in_a_row = 0;
        } catch (const SQLite::Exception&) {
            ++lost;
            if (++in_a_row > 100'000) break;
        }
    }
    return lost;
}

/// Objects of JSON with a kind and an id, wherever they stand in the bytes.
void each_object(const std::string& bytes, const std::function<void(Json, std::string)>& act) {
    for (std::size_t at = bytes.find("{\""); at != std::string::npos; at = bytes.find("{\"", at + 1)) {
        int depth = 0;
        bool text = false;
        std::size_t end = at;
        for (; end < bytes.size() && end < at + 100'000; ++end) {
            const char c = bytes[end];
            if (static_cast<unsigned char>(c) < 0x20) break;  // JSON as written here has none
            if (text) {
                if (c == '\\') ++end;
                text = c != '"';
            } else if (c == '"') {
                text = true;
            } else if (c == '{') {
                ++depth;
            } else if (c == '}' && --depth == 0) {
                break;
            }
        }
        if (depth != 0 || end >= bytes.size() || bytes[end] != '}') continue;
        std::string text_of_it = bytes.substr(at, end - at + 1);
        Json one = Json::parse(text_of_it, nullptr, false);
        if (!one.is_object() || !one.contains("kind") || !one["kind"].is_string() || !one.contains("id") ||
            !one["id"].is_string() || !is_uuid7(one["id"].get<std::string>()))
            continue;
        at = end;
        act(std::move(one), std::move(text_of_it));
    }
}

std::string bytes_of(const std::filesystem::path& path) {
    std::ifstream in(path, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
}

}  // namespace

Salvaged salvage(const std::filesystem::path& book) {
    std::error_code error;
    if (!std::filesystem::is_regular_file(book, error)) throw no_book(book);
    const TemporaryFolder beside;
    const std::filesystem::path copy = copy_files(book, beside.path());
    const std::string all_bytes = bytes_of(copy) + bytes_of(copy.string() + "-wal");
    Salvaged out;
    std::map<std::string, std::size_t> place;
    std::set<std::string> seen;
    const auto job_of = [&](const std::string& id) -> Salvaged::Found& {
        const auto [it, fresh] = place.try_emplace(id, out.jobs.size());
        if (fresh) out.jobs.push_back({id, {}, {}, {}, 0});
        return out.jobs[it->second];
    };
    try {
        SQLite::Database db(copy.string(), SQLite::OPEN_READWRITE);
        int lost = each_row(db, "job", "id, title, car", [&](SQLite::Statement& s) {
            Salvaged::Found& job = job_of(s.getColumn(0).getString());
            job.title = s.getColumn(1).getString();
            job.car = s.getColumn(2).getString();
        });
        if (lost > 0) out.said.push_back(std::to_string(lost) + " lines of the list of jobs can't be read.");
        bool sums = false;
        try {
            sums =
                db.execAndGet("SELECT count(*) FROM pragma_table_info('entry') WHERE name = 'sum'").getInt() >
                0;
        } catch (const SQLite::Exception&) {
            // Without them.
        }
        lost = each_row(db, "entry", sums ? "stream, id, payload, sum" : "stream, id, payload, 0",
                        [&](SQLite::Statement& s) {
                            const std::string stream = s.getColumn(0), id = s.getColumn(1),
                                              payload = s.getColumn(2);
                            Json one = Json::parse(payload, nullptr, false);
                            Salvaged::Found& job = job_of(stream);
                            seen.insert(id);
                            if (!one.is_object() ||
                                (sums && s.getColumn(3).getInt64() != checksum(stream + id + payload)))
                                ++job.not_whole;
                            else
                                job.entries.push_back(std::move(one));
                        });
        if (lost > 0)
            out.said.push_back(std::to_string(lost) + " entries stand on pages that can't be read.");
    } catch (const SQLite::Exception& e) {
        out.said.push_back(std::string("The tables of the book can't be read (") + e.what() +
                           "): its entries were looked for byte by byte.");
    }
    each_object(all_bytes, [&](Json one, const std::string&) {
        if (seen.insert(one["id"].get<std::string>()).second) out.loose.push_back(std::move(one));
    });
    // As they were written: their names sort by time.
    std::stable_sort(out.loose.begin(), out.loose.end(), [](const Json& a, const Json& b) {
        return a["id"].get<std::string>() < b["id"].get<std::string>();
    });
    for (const Salvaged::Found& job : out.jobs)
        if (job.not_whole > 0)
            out.said.push_back((job.title.empty() ? job.id : job.title) + ": " +
                               std::to_string(job.not_whole) +
                               (job.not_whole == 1 ? " entry is" : " entries are") + " not as written.");
    if (!out.loose.empty())
        out.said.push_back(std::to_string(out.loose.size()) +
                           " entries were found of which no table tells the job.");
    // The card of a car stands in a stream of its own: no job.
    std::erase_if(out.jobs,
                  [](const Salvaged::Found& job) { return job.entries.empty() && job.not_whole == 0; });
    return out;
}

std::vector<std::string> write_salvaged(const Salvaged& found, const std::filesystem::path& folder) {
    std::error_code error;
    std::filesystem::create_directories(folder, error);
    if (error)
        throw BookError(words::fill(TR_NOOP("{0} can't be made: {1}."), {folder.string(), error.message()}));
    std::filesystem::permissions(folder, std::filesystem::perms::owner_all, error);
    std::vector<std::string> out;
    const auto put = [&](const std::string& name, const std::string& text) {
        std::ofstream file(folder / name, std::ios::binary);
        file << text;
        if (!file.flush())
            throw BookError(words::fill(TR_NOOP("{0} can't be written."), {(folder / name).string()}));
        std::filesystem::permissions(
            folder / name, std::filesystem::perms::owner_read | std::filesystem::perms::owner_write, error);
        out.push_back(name);
    };
    int number = 0;
    const auto job = [&](const std::string& title, std::vector<Json> entries) {
        const JobFile file = from_entries(std::move(entries), Json{{"title", title}});
        put("job-" + std::to_string(++number) + ".json", full_form(file).dump(1) + "\n");
    };
    for (const Salvaged::Found& one : found.jobs) {
        // A card alone is a car without a job.
        if (!one.entries.empty()) job(one.title.empty() ? one.id : one.title, one.entries);
    }
    if (!found.loose.empty()) job("loose", found.loose);
    std::string said;
    for (const std::string& s : found.said) said += s + "\n";
    if (said.empty()) said = "All of it is whole.\n";
    put("what-is-not-whole.txt", said);
    return out;
}

}  // namespace fairchalk::book
