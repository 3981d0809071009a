// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "book/node.h"
#include "core/job/log.h"

namespace fairchalk::book {

/// A drive as the job file has it (docs/job-file.md). Throws FileError.
Driven drive_from(const Node& n);
void drive_json(const Driven& drive, Json& out);

}  // namespace fairchalk::book
