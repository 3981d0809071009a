// SPDX-License-Identifier: GPL-3.0-or-later
#include <unistd.h>

#include <iostream>

#include "book/places.h"
#include "cli/commands.h"

namespace {

bool ask(const std::string& question) {
    std::cerr << question << " [y/N] " << std::flush;
    std::string said;
    return std::getline(std::cin, said) && !said.empty() && (said[0] == 'y' || said[0] == 'Y');
}

}  // namespace

int main(int argc, char** argv) {
    const bool somebody = ::isatty(STDIN_FILENO) && ::isatty(STDERR_FILENO);
    return fairchalk::cli::run(std::vector<std::string>(argv + 1, argv + argc), std::cout, std::cerr,
                               fairchalk::book::system_sources(),
                               somebody ? ask : std::function<bool(const std::string&)>());
}
