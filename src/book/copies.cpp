// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/copies.h"

#include <algorithm>
#include <array>
#include <cstdint>
#include <cstdio>
#include <ctime>

#include "book/book_file.h"
#include "book/checksum.h"
#include "book/places.h"
#include "core/quantity/translatable.h"
#include "words/texts.h"

namespace fairchalk::book {
namespace {

constexpr std::string_view ending = ".fairchalk";

bool is_day(const std::string& text) {
    if (text.size() != 10) return false;
    for (std::size_t i = 0; i < text.size(); ++i)
        if (i == 4 || i == 7 ? text[i] != '-' : text[i] < '0' || text[i] > '9') return false;
    return true;
}

}  // namespace

std::filesystem::path copies_of(const std::filesystem::path& book) {
    std::error_code error;
    std::filesystem::path whole = std::filesystem::weakly_canonical(book, error);
    if (error) whole = std::filesystem::absolute(book, error);
    // Books of one name in two folders have two folders of copies.
    const auto h = static_cast<std::uint64_t>(checksum(whole.string()));
    std::array<char, 20> hex{};
    std::snprintf(hex.data(), hex.size(), "-%08x", static_cast<unsigned>(h ^ (h >> 32)));
    return state_folder() / "copies" / (whole.stem().string() + hex.data());
}

std::vector<Copy> copies_in(const std::filesystem::path& folder) {
    std::vector<Copy> out;
    std::error_code error;
    for (const auto& at : std::filesystem::directory_iterator(folder, error)) {
        const std::string day = at.path().stem().string();
        if (at.path().extension() == ending && is_day(day) && at.is_regular_file(error))
            out.push_back({at.path(), day, at.file_size(error)});
    }
    std::sort(out.begin(), out.end(), [](const Copy& a, const Copy& b) { return a.day > b.day; });
    return out;
}

void keep_copy(const Book& book, const std::filesystem::path& folder, const std::string& day) {
    std::error_code error;
    std::filesystem::create_directories(folder, error);
    std::filesystem::permissions(folder, std::filesystem::perms::owner_all, error);
    book.copy_to(folder / (day + std::string(ending)), true);
    const auto all = copies_in(folder);
    for (std::size_t i = days_kept; i < all.size(); ++i) std::filesystem::remove(all[i].path, error);
}

std::string today() {
    const std::time_t now = std::time(nullptr);
    std::tm local{};
    localtime_r(&now, &local);
    std::array<char, 16> out{};
    std::strftime(out.data(), out.size(), "%Y-%m-%d", &local);
    return out.data();
}

std::filesystem::path restore(const std::filesystem::path& copy, const std::filesystem::path& book) {
    std::filesystem::path aside;
    std::error_code error;
    // Whole, before anything is moved.
    if (const std::string found = Book(copy, Book::Mode::read).integrity(); found != "ok")
        throw BookError(words::fill(TR_NOOP("The copy {0} is not whole ({1}): nothing was changed."),
                                    {copy.string(), found}));
    // Beside the book first: what can fail fails before anything is moved.
    const std::filesystem::path ready = book.string() + ".restoring";
    Book(copy, Book::Mode::read).copy_to(ready, true);
    std::vector<std::pair<std::filesystem::path, std::filesystem::path>> moved;
    const auto move = [&](const std::filesystem::path& from, const std::filesystem::path& to) {
        std::filesystem::rename(from, to, error);
        if (!error) return moved.emplace_back(from, to), void();
        const BookError why(words::fill(TR_NOOP("{0} can't be moved: {1}. Nothing was restored."),
                                        {from.string(), error.message()}));
        // All of it or nothing: a book without the log beside it is not whole.
        std::error_code ignored;
        for (auto it = moved.rbegin(); it != moved.rend(); ++it)
            std::filesystem::rename(it->second, it->first, ignored);
        std::filesystem::remove(ready, ignored);
        throw why;
    };
    if (std::filesystem::exists(book, error)) {
        const BookFile nobody_else = BookFile::open(book, false);
        for (int n = 1; aside.empty(); ++n) {
            std::filesystem::path one = book.string() + ".before-restoring-" + std::to_string(n);
            if (!std::filesystem::exists(one, error)) aside = one;
        }
        // What was not yet moved from the log beside it into the book goes with it.
        for (const char* part : {"-wal", "-shm", ""}) {
            const std::filesystem::path from = book.string() + part;
            if (*part && !std::filesystem::exists(from, error)) continue;
            move(from, aside.string() + part);
        }
    }
    move(ready, book);
    return aside;
}

}  // namespace fairchalk::book
