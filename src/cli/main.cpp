// SPDX-License-Identifier: GPL-3.0-or-later
#include <iostream>

#include "book/places.h"
#include "cli/commands.h"

int main(int argc, char** argv) {
    return fairchalk::cli::run(std::vector<std::string>(argv + 1, argv + argc), std::cout, std::cerr,
                               fairchalk::book::system_sources());
}
