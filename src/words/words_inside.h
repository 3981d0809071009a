// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/job/knowledge.h"
#include "core/quantity/notation.h"
#include "words/texts.h"

namespace fairchalk::words {

/// An amount of an angle the one way or the other, as its measure has it: "0°05' further in".
std::string way_of(Measure m, Angle by, const Show& how);
/// What was noted on a drive, thing by thing.
std::vector<std::string> said_of(const Driven& d, const Knowledge& knowledge, const Show& how);

}  // namespace fairchalk::words
