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
struct JobFile {
    Json extras = Json::object();     ///< names at the top that this version does not know
    std::vector<Json> raw;            ///< entries in full form
    std::vector<Entry> entries;       ///< the same, read; same length
    std::vector<std::string> places;  ///< where each stood in the file
    /// Entries of a book that this version can't read: set aside, kept as they are, and written back.
    std::set<std::size_t> set_aside;

    Job job() const { return job_of(entries); }
    /// What to call an entry to the person who wrote the file: its name, its id, or its place.
    std::string label(std::size_t entry) const;
    /// The `car` or the `targets` as last written, names that this version does not know included; an empty
    /// object where there are none.
    Json last(const std::string& name, const Job& of_this) const;
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
