// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/book_file.h"

#include <fcntl.h>
#include <sys/file.h>
#include <sys/stat.h>
#include <sys/sysmacros.h>
#include <unistd.h>

#include <cerrno>
#include <cstdlib>
#include <cstring>
#include <fstream>
#include <sstream>
#include <utility>

#include "book/book.h"
#include "core/quantity/translatable.h"
#include "words/texts.h"

namespace fairchalk::book {
namespace {

/// Which process holds the lock, by the kernel's own list; empty where it does not say.
std::string holder_of(const struct stat& s) {
    std::ostringstream file;
    file << std::hex;
    file.fill('0');
    file.width(2);
    file << major(s.st_dev) << ':';
    file.width(2);
    file << minor(s.st_dev) << ':' << std::dec << s.st_ino;
    std::ifstream locks("/proc/locks");
    for (std::string line; std::getline(locks, line);) {
        std::istringstream in(line);
        std::string number, kind, how, access, pid, what;
        if (in >> number >> kind >> how >> access >> pid >> what && kind == "FLOCK" && what == file.str())
            return words::fill(TR_NOOP(" (process {0})"), {pid});
    }
    return {};
}

std::filesystem::path folder_of(const std::filesystem::path& path) {
    return path.has_parent_path() ? path.parent_path() : std::filesystem::path(".");
}

}  // namespace

BookError no_book(const std::filesystem::path& path) {
    return BookError(words::fill(TR_NOOP("There is no book at {0}."), {path.string()}));
}

void BookFile::check_name(const std::filesystem::path& path) {
    if (path.empty()) throw BookError(words::tr("A book needs a name: the path is empty."));
    std::error_code error;
    if (std::filesystem::is_directory(path, error))
        throw BookError(words::fill(TR_NOOP("{0} is a folder, not a book. A book is a file, like {1}."),
                                    {path.string(), (path / "garage.fairchalk").string()}));
}

BookFile BookFile::open(const std::filesystem::path& path, bool make) {
    check_name(path);
    std::error_code error;
    BookFile out;
    out.path_ = path;
    if (make && !std::filesystem::exists(path, error)) {
        // The first of its folders that is not there yet: what is made for nothing goes again.
        for (std::filesystem::path f = folder_of(path); !f.empty() && !std::filesystem::exists(f, error);
             f = f.parent_path())
            out.first_folder_ = f;
        std::filesystem::create_directories(folder_of(path), error);
        out.fd_ = ::open(path.c_str(), O_RDWR | O_CREAT | O_EXCL | O_CLOEXEC, 0600);
        out.made_ = out.fd_ >= 0;
        if (!out.made_ && errno != EEXIST) {
            const std::string why = std::strerror(errno);
            out.unmake();
            throw BookError(words::fill(TR_NOOP("No book can be made at {0}: {1}."), {path.string(), why}));
        }
    }
    if (out.fd_ < 0) out.fd_ = ::open(path.c_str(), O_RDWR | O_CLOEXEC | O_NONBLOCK);
    if (out.fd_ < 0) {
        if (errno == ENOENT) throw no_book(path);
        throw BookError(
            words::fill(TR_NOOP("{0} can't be opened: {1}."), {path.string(), std::strerror(errno)}));
    }
    struct stat s = {};
    if (::fstat(out.fd_, &s) != 0 || !S_ISREG(s.st_mode))
        throw BookError(words::fill(TR_NOOP("{0} is no file, so it can't be a book."), {path.string()}));
    if (::flock(out.fd_, LOCK_EX | LOCK_NB) != 0)
        throw BookError(words::fill(
            TR_NOOP(
                "The book {0} is open in another Fair Chalk{1}. Close it there first; nothing was changed."),
            {path.string(), holder_of(s)}));
    out.device_ = s.st_dev;
    out.inode_ = s.st_ino;
    return out;
}

std::string BookFile::unwritable(const std::filesystem::path& path) {
    std::error_code error;
    if (!std::filesystem::is_regular_file(path, error)) return {};
    if (::access(path.c_str(), W_OK) != 0)
        return words::fill(TR_NOOP("The book {0} can't be written to ({1}): it is open to look at only."),
                           {path.string(), std::strerror(errno)});
    if (::access(folder_of(path).c_str(), W_OK) != 0)
        return words::fill(
            TR_NOOP("The folder of {0} can't be written to ({1}): the book is open to look at only."),
            {path.string(), std::strerror(errno)});
    return {};
}

BookFile::BookFile(BookFile&& o) noexcept
    : path_(std::move(o.path_)),
      first_folder_(std::move(o.first_folder_)),
      fd_(std::exchange(o.fd_, -1)),
      device_(o.device_),
      inode_(o.inode_),
      made_(o.made_) {}

BookFile& BookFile::operator=(BookFile&& o) noexcept {
    std::swap(path_, o.path_);
    std::swap(first_folder_, o.first_folder_);
    std::swap(fd_, o.fd_);
    std::swap(device_, o.device_);
    std::swap(inode_, o.inode_);
    std::swap(made_, o.made_);
    return *this;
}

BookFile::~BookFile() {
    if (fd_ >= 0) ::close(fd_);
}

bool BookFile::still_there() const {
    struct stat s = {};
    return fd_ >= 0 && ::stat(path_.c_str(), &s) == 0 && s.st_dev == device_ && s.st_ino == inode_;
}

void BookFile::unmake() {
    if (made_) ::unlink(path_.c_str());
    for (std::filesystem::path f = folder_of(path_); !first_folder_.empty() && !f.empty();
         f = f.parent_path()) {
        ::rmdir(f.c_str());  // only where it is empty
        if (f == first_folder_) break;
    }
}

TemporaryFolder::TemporaryFolder() {
    std::string name = (std::filesystem::temp_directory_path() / "fairchalk-XXXXXX").string();
    if (!::mkdtemp(name.data()))
        throw BookError(
            words::fill(TR_NOOP("No temporary folder can be made: {0}."), {std::strerror(errno)}));
    path_ = name;
}

TemporaryFolder::~TemporaryFolder() {
    std::error_code error;
    std::filesystem::remove_all(path_, error);
}

std::filesystem::path copy_files(const std::filesystem::path& book, const std::filesystem::path& folder) {
    const std::filesystem::path copy = folder / "book";
    std::error_code error;
    for (const char* part : {"", "-wal"}) {
        const std::filesystem::path from = book.string() + part, to = copy.string() + part;
        if (*part && !std::filesystem::exists(from, error)) continue;
        std::filesystem::copy_file(from, to, error);
        if (error)
            throw BookError(
                words::fill(TR_NOOP("{0} can't be read: {1}."), {from.string(), error.message()}));
        std::filesystem::permissions(
            to, std::filesystem::perms::owner_read | std::filesystem::perms::owner_write, error);
    }
    return copy;
}

}  // namespace fairchalk::book
