// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <iosfwd>
#include <string>
#include <vector>

#include "core/quantity/uuid.h"

namespace fairchalk::cli {

/// Runs fairchalk-cli. `arguments` without the program's name. Answers go to `out`; an error is exactly one
/// line on `err`. Returns 0, 1 for a failure, 2 for bad input. `ask` puts a question to the person who typed
/// it; empty where nobody is there.
int run(const std::vector<std::string>& arguments, std::ostream& out, std::ostream& err,
        const Sources& sources, const std::function<bool(const std::string& question)>& ask = {});

}  // namespace fairchalk::cli
