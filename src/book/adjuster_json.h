// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "book/node.h"
#include "core/job/log.h"

namespace fairchalk::book {

// Adjusters on the card and turns in the log, as JSON. Reading throws FileError.

Adjuster adjuster_from(const Node& n);
Json json_of(const Adjuster& adjuster);
/// An adjuster with what a job taught of it, as `card` has it in all else: what is not understood is kept.
Json taught_json(const Adjuster& adjuster, const Json& card);
std::vector<ShimsOf> shims_from(const Node& n);
Json shims_json(const std::vector<ShimsOf>& shims);

/// A turn of an adjuster of `car`.
Turn turn_from(const Node& n, const CarCard& car);
void turn_json(const Turn& turn, Json& j);

}  // namespace fairchalk::book
