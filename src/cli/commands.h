// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <iosfwd>
#include <string>
#include <vector>

#include "core/uuid.h"

namespace fairchalk::cli {

/// Runs fairchalk-cli. `arguments` without the program's name. Answers go to `out`; an error is exactly one
/// line on `err`. Returns 0, 1 for a failure, 2 for bad input.
int run(const std::vector<std::string>& arguments, std::ostream& out, std::ostream& err,
        const Sources& sources);

}  // namespace fairchalk::cli
