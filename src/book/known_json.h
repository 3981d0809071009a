// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "book/node.h"
#include "core/job/log.h"

namespace fairchalk::book {

// What is known without a reading, as the job file has it (docs/job-file.md): seen under the car, or carried
// over from an earlier job. Throw FileError.

Looked looked_from(const Node& n);
void looked_json(const Looked& looked, Json& out);
AnglesCarried carried_from(const Node& n);
void carried_json(const AnglesCarried& carried, Json& out);

}  // namespace fairchalk::book
