// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "book/entry_json.h"
#include "core/car/suspension.h"

namespace fairchalk::book {

/// A corner and what is done to it (docs/job-file.md, corner).
struct CornerJob {
    Corner corner;
    CornerMove move;
};

/// Throws FileError naming the place: a point that is missing or that the kind does not have, a move of what
/// is not on the body.
CornerJob corner_from(const Json& json);

/// `before` and `after`, in degrees. Throws FileError at `moves` where it is out of reach.
Json corner_answer(const CornerJob& job);

}  // namespace fairchalk::book
