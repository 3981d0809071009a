// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <utility>
#include <vector>

#include "core/quantity/message.h"
#include "core/quantity/notation.h"
#include "core/reading/bounded.h"

namespace fairchalk {

/// A value that can hardly be meant: what to ask, and what may have been meant instead, likeliest first, each
/// written so that it can be typed back.
struct Doubt {
    Message question;
    std::vector<std::string> meant;
};

/// Nothing while `q` is usual for a car. The value is never refused: whoever typed it may insist. `text` is
/// what was typed, and tells whether a unit was.
std::optional<Doubt> doubt_of(Bounded what, const Quantity& q, const std::string& text);

/// Where a value is expected by what is known already, mm or degrees as it is typed; what lies outside by
/// more than the margin is asked about.
struct Within {
    double least = 0.0, most = 0.0, margin = 0.0;
};
/// Nothing while `q` lies there. It is never refused either.
std::optional<Doubt> doubt_of(const Within& there, const Quantity& q, const std::string& text);

/// The usual range of `what` in the unit of what was typed: `900`, `7000 mm`; `35`, `276 in`.
std::pair<std::string, std::string> usual_range(Bounded what, const std::string& typed = {});

}  // namespace fairchalk
