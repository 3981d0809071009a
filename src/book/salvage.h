// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <string>
#include <vector>

#include "book/book.h"

namespace fairchalk::book {

/// What came out of a damaged book.
struct Salvaged {
    struct Found {
        std::string id, title, car;
        std::vector<Json> entries;  ///< whole: as they were written
        int not_whole = 0;          ///< there, and not as they were written
    };
    std::vector<Found> jobs;
    /// Entries whose job is not known any more, found by going through the bytes of the file.
    std::vector<Json> loose;
    std::vector<std::string> said;  ///< what is not whole, one sentence each
};

/// Reads all that is whole out of a book, row by row, and what no row leads to by its bytes; the file is not
/// touched. Throws BookError where it can't even be read.
Salvaged salvage(const std::filesystem::path& book);

/// Each job as a job file in this folder, loose entries in one of their own, and what is said as
/// `what-is-not-whole.txt`; the names of the files. Throws BookError.
std::vector<std::string> write_salvaged(const Salvaged& found, const std::filesystem::path& folder);

}  // namespace fairchalk::book
