// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <string>
#include <vector>

#include "book/book.h"

namespace fairchalk::book {

// Rolling copies: of each of the last five days on which a book was worked on, as it stood when that day's
// work was last written.

inline constexpr int days_kept = 5;

struct Copy {
    std::filesystem::path path;
    std::string day;  ///< `2026-11-27`
    std::uintmax_t bytes = 0;
};

/// Where the copies of this book are: a folder under `$XDG_STATE_HOME/fair-chalk/copies`, by default under
/// ~/.local/state.
std::filesystem::path copies_of(const std::filesystem::path& book);
/// Newest first; none where there is no folder.
std::vector<Copy> copies_in(const std::filesystem::path& folder);
/// Makes that day's copy, or renews it, and lets go of all but the newest five. Throws BookError.
void keep_copy(const Book& book, const std::filesystem::path& folder, const std::string& day);
/// The day it is here.
std::string today();

/// Puts a copy in the place of a book that is not open, which is kept beside it under a name of its own: that
/// name. Throws BookError.
std::filesystem::path restore(const std::filesystem::path& copy, const std::filesystem::path& book);

}  // namespace fairchalk::book
