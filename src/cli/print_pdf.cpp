// SPDX-License-Identifier: GPL-3.0-or-later
#include <spawn.h>
#include <sys/wait.h>
#include <unistd.h>

#include <cstdlib>
#include <filesystem>
#include <fstream>
#include <stdexcept>
#include <vector>

#include "cli/command.h"

extern char** environ;

namespace fairchalk::cli {
namespace {

/// The desktop program: installed beside this one, or where it is built.
std::filesystem::path desktop_program() {
    std::error_code error;
    const auto here = std::filesystem::read_symlink("/proc/self/exe", error).parent_path();
    for (const auto& at : {here / "fairchalk", here / "src/desk/fairchalk", here / "../src/desk/fairchalk"})
        if (std::filesystem::exists(at, error)) return at;
    return {};
}

/// A file that is gone with it.
struct Beside {
    std::filesystem::path path;
    explicit Beside(const std::string& text) {
        std::string name = (std::filesystem::temp_directory_path() / "fairchalk-XXXXXX").string();
        const int file = ::mkstemp(name.data());
        if (file < 0) throw std::runtime_error("no file can be made in " + name);
        ::close(file);
        path = name;
        std::ofstream(path, std::ios::binary) << text;
    }
    ~Beside() {
        std::error_code error;
        std::filesystem::remove(path, error);
    }
    Beside(const Beside&) = delete;
    Beside& operator=(const Beside&) = delete;
};

}  // namespace

void print_pdf(const std::string& html, const std::string& to) {
    const auto program = desktop_program();
    if (program.empty())
        throw std::runtime_error(
            "a PDF is made by the desktop program, fairchalk, which is not beside this one; write .html");
    const Beside page(html);
    std::vector<std::string> said = {program.string(), "--print", page.path.string(), to};
    std::vector<char*> arguments;
    for (std::string& s : said) arguments.push_back(s.data());
    arguments.push_back(nullptr);
    std::vector<char*> around;
    std::string offscreen = "QT_QPA_PLATFORM=offscreen";
    for (char** e = environ; *e; ++e)
        if (!std::string_view(*e).starts_with("QT_QPA_PLATFORM=")) around.push_back(*e);
    around.push_back(offscreen.data());
    around.push_back(nullptr);
    pid_t child = 0;
    if (::posix_spawn(&child, program.c_str(), nullptr, nullptr, arguments.data(), around.data()) != 0)
        throw std::runtime_error(program.string() + " can't be started");
    int status = 0;
    ::waitpid(child, &status, 0);
    if (!WIFEXITED(status) || WEXITSTATUS(status) != 0) throw std::runtime_error(to + " can't be written");
}

}  // namespace fairchalk::cli
