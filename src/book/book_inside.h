// SPDX-License-Identifier: GPL-3.0-or-later
// What a book works with; for the sources of Book alone.
#pragma once

#include <atomic>
#include <filesystem>
#include <memory>
#include <mutex>
#include <string>

#include <SQLiteCpp/SQLiteCpp.h>
#include <sqlite3.h>

#include "book/book.h"
#include "book/book_file.h"
#include "book/checksum.h"
#include "core/quantity/translatable.h"
#include "words/texts.h"

namespace fairchalk::book {

inline constexpr int payload_version = 1;

inline void sum_in_sql(sqlite3_context* context, int, sqlite3_value** values) {
    const auto* text = reinterpret_cast<const char*>(sqlite3_value_text(values[0]));
    const int bytes = sqlite3_value_bytes(values[0]);
    sqlite3_result_int64(context, checksum({text ? text : "", static_cast<std::size_t>(bytes)}));
}

/// SQLite's own words for it, without what the person in front of it can't use.
inline std::string salvage_hint(const std::filesystem::path& path) {
    return ' ' +
           words::fill(
               TR_NOOP("What is whole comes out of it with: fairchalk-cli salvage {0} FOLDER. Copies of "
                       "the last days are listed under Copies in the window."),
               {path.string()});
}

inline bool has_sums(SQLite::Database& db) {
    SQLite::Statement s(db, "SELECT count(*) FROM pragma_table_info('entry') WHERE name = 'sum'");
    return s.executeStep() && s.getColumn(0).getInt() > 0;
}

inline std::string text_of(const Json& j, const char* key) {
    return j.contains(key) && j[key].is_string() ? j[key].get<std::string>() : std::string();
}

struct Book::Inside {
    std::filesystem::path path;
    BookFile file;
    std::unique_ptr<TemporaryFolder> beside;  ///< of one that can't be written to: what is looked at
    std::unique_ptr<SQLite::Database> db;     ///< writes
    std::unique_ptr<SQLite::Database> reads;
    bool sums = false;
    std::atomic<bool> read_only = false;
    std::string reason;
    mutable std::mutex writing, saying;

    void insert(const std::string& stream, const Json& e) {
        const std::string id = text_of(e, "id"),
                          payload = e.dump(-1, ' ', false, Json::error_handler_t::replace);
        SQLite::Statement s(*db, std::string("INSERT INTO entry (stream, id, at, kind, version, payload") +
                                     (sums ? ", sum" : "") + ") VALUES (?, ?, ?, ?, ?, ?" +
                                     (sums ? ", ?" : "") + ") ON CONFLICT (stream, id) DO NOTHING");
        s.bind(1, stream);
        s.bind(2, id);
        s.bind(3, text_of(e, "at"));
        s.bind(4, text_of(e, "kind"));
        s.bind(5, payload_version);
        s.bind(6, payload);
        if (sums) s.bind(7, checksum(stream + id + payload));
        if (s.exec() > 0) return;
        SQLite::Statement there(*db, "SELECT payload FROM entry WHERE stream = ? AND id = ?");
        there.bind(1, stream);
        there.bind(2, id);
        if (!there.executeStep() || there.getColumn(0).getString() != payload)
            throw BookError(
                words::fill(TR_NOOP("The entry {0} is in the book already, and is not the same."), {id}));
    }
    void may_write() const {
        if (!read_only) return;
        const std::lock_guard lock(saying);
        throw BookError(reason.empty() ? words::tr("This book is open for reading only.") : reason);
    }
    /// What is written into a file without a name is not kept.
    void still_there() const {
        if (!file.still_there())
            throw BookError(words::fill(
                TR_NOOP("The book {0} was moved, renamed, replaced or deleted while open: nothing more is "
                        "kept. Put it back, or save a copy (Ctrl+S)."),
                {path.filename().string()}));
    }
    /// Runs `work` in one transaction, and puts SQLite's complaint into words.
    template <class F>
    void write(F&& work) {
        may_write();
        const std::lock_guard<std::mutex> one_at_a_time(writing);
        try {
            still_there();
            SQLite::Transaction t(*db, SQLite::TransactionBehavior::IMMEDIATE);
            work();
            still_there();
            t.commit();
            still_there();
        } catch (const SQLite::Exception& e) {
            throw BookError(
                words::fill(TR_NOOP("The book {0} could not be written ({1}): what you typed is still on "
                                    "the screen and is not kept yet."),
                            {path.string(), e.what()}));
        }
    }
    void open(const std::filesystem::path& at, int flags) {
        db = std::make_unique<SQLite::Database>(at.string(), flags);
        db->setBusyTimeout(5000);
        db->createFunction("chalk_sum", 1, true, nullptr, sum_in_sql, nullptr, nullptr, nullptr);
    }
    /// Of a file that nothing may touch, a copy of its own is looked at.
    void look_at_copy() {
        beside = std::make_unique<TemporaryFolder>();
        open(copy_files(path, beside->path()), SQLite::OPEN_READWRITE);
        read_only = true;
    }
    SQLite::Database& read() const { return reads ? *reads : *db; }
    std::string damaged(const std::string& how) const {
        return words::fill(TR_NOOP("The book {0} is damaged ({1}): what is whole is open to look at."),
                           {path.string(), how}) +
               salvage_hint(path);
    }
    /// Reads, as far as the file is whole; from where it is damaged, it is to look at only.
    template <class F>
    void look(F&& work) {
        if (!db) return;
        try {
            work();
        } catch (const SQLite::Exception& e) {
            const int code = e.getErrorCode();
            if (code != SQLITE_CORRUPT && code != SQLITE_NOTADB)
                throw BookError(
                    words::fill(TR_NOOP("The book {0} can't be read ({1})."), {path.string(), e.what()}));
            const std::lock_guard lock(saying);
            if (!read_only) reason = damaged(e.what());
            read_only = true;
        }
    }
    void checked_version(int version) const {
        if (version < 0)
            throw BookError(words::fill(TR_NOOP("{0} says that it is of version {1}, which no Fair Chalk has "
                                                "written: it is damaged. Nothing was changed."),
                                        {path.string(), std::to_string(version)}) +
                            salvage_hint(path));
    }
};

}  // namespace fairchalk::book
