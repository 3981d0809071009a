// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <set>
#include <string>
#include <vector>

#include "book/entry_json.h"
#include "core/quantity/uuid.h"

namespace fairchalk::book {

/// A job as its file holds it: each entry as it was written (names this version does not know included) and
/// as read.
class JobFile {
  public:
    Json extras = Json::object();  ///< names at the top that this version does not know

    std::size_t size() const { return entries_.size(); }
    /// Entries in full form; and the same, read. Of a file that is about to go, they come along.
    const std::vector<Json>& raw() const& { return raw_; }
    std::vector<Json> raw() && { return std::move(raw_); }
    const std::vector<Entry>& entries() const& { return entries_; }
    std::vector<Entry> entries() && { return std::move(entries_); }
    const std::string& place(std::size_t i) const { return places_[i]; }  ///< where it stood in the file
    /// Entries of a book that this version can't read: set aside, kept as they are, and written back.
    const std::set<std::size_t>& set_aside() const& { return set_aside_; }

    /// What is written and what is read of it grow together.
    void append(Json raw, Entry read, std::string place = "log");
    void append_set_aside(Json raw, Entry kept, std::string place);
    /// The first so many alone.
    void cut(std::size_t to);

    Job job() const { return job_of(entries_); }
    /// What to call an entry to the person who wrote the file: its name, its id, or its place.
    std::string label(std::size_t entry) const;
    /// The `car` or the `targets` as last written, names that this version does not know included; an empty
    /// object where there are none.
    Json last(const std::string& name, const Job& of_this) const;

  private:
    std::vector<Json> raw_;
    std::vector<Entry> entries_;
    std::vector<std::string> places_;
    std::set<std::size_t> set_aside_;
};

/// Reads both forms. Entries without an id get one from `ids`; a short form's own id becomes the entry's
/// `name`. Throws FileError.
JobFile parse_job(const std::string& text, UuidSource& ids);
/// As `parse_job`; a file over 64 MB or one that can't be read is an error too.
JobFile read_job(const std::filesystem::path& path, UuidSource& ids);

/// The kind of an entry as it was written, whatever it is.
std::string kind_of(const Json& raw);

/// Reads raw entries (from the book). What can't be read is set aside.
JobFile from_entries(std::vector<Json> raw, Json extras);

/// The full form: one ordered `log`. Reads back as the same entries.
Json full_form(const JobFile& job);
/// The short form: rounds of readings and the events between them. Edits and strikes of the log stand among
/// the events.
Json short_form(const JobFile& job);

/// JSON text with no more than 64 levels and no name twice in one place. Throws FileError.
Json parse_json(const std::string& text);
std::string read_file(const std::filesystem::path& path);

}  // namespace fairchalk::book
