// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>
#include <string>

namespace fairchalk::book {

struct BookError;
BookError no_book(const std::filesystem::path& path);

/// The file of a book, held open and locked: what was opened stays known by device and inode, whatever
/// happens to its name. The lock (flock) is on the file itself, so that it holds under every name of it, and
/// is gone with the process that holds it, however it dies.
class BookFile {
  public:
    /// Opens or makes it, readable by its owner alone. Throws BookError: `""`, a folder, held by another
    /// program, a place where nothing can be made (where then nothing is left behind).
    static BookFile open(const std::filesystem::path& path, bool make);
    /// Throws BookError for a path that can be no book's: `""`, a folder.
    static void check_name(const std::filesystem::path& path);
    /// Why this can be looked at only, in a sentence; empty where it can be written to.
    static std::string unwritable(const std::filesystem::path& path);

    BookFile() = default;
    BookFile(BookFile&& other) noexcept;
    BookFile& operator=(BookFile&& other) noexcept;
    ~BookFile();

    /// True where it was not there before.
    bool made() const { return made_; }
    /// Whether the path still leads to what was opened.
    bool still_there() const;
    /// What was made is taken away again, with the folders that were.
    void unmake();

  private:
    std::filesystem::path path_, first_folder_;
    int fd_ = -1;
    unsigned long long device_ = 0, inode_ = 0;
    bool made_ = false;
};

/// A folder that is gone with it.
class TemporaryFolder {
  public:
    TemporaryFolder();
    ~TemporaryFolder();
    TemporaryFolder(const TemporaryFolder&) = delete;
    TemporaryFolder& operator=(const TemporaryFolder&) = delete;
    const std::filesystem::path& path() const { return path_; }

  private:
    std::filesystem::path path_;
};

/// Copies a book that is not open here, with its log beside it, into a folder: where the copy is. Throws
/// BookError.
std::filesystem::path copy_files(const std::filesystem::path& book, const std::filesystem::path& folder);

}  // namespace fairchalk::book
