// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "core/job/knowledge.h"
#include "core/quantity/notation.h"
#include "core/quantity/translatable.h"

namespace fairchalk::words {

std::string tr(const char* source);
/// A text about so many things, and what it says of one; `%n` is how many.
std::string tr_n(const char* many, const char* one, int n);
/// Puts the arguments in the place of {0}, {1} … of a translated text.
std::string filled(const std::string& text, const std::vector<std::string>& args);

/// An amount of an angle the one way or the other, as its measure has it: "0°05' further in".
std::string way_of(Measure m, Angle by, const Show& how);
/// What was noted on a drive, thing by thing.
std::vector<std::string> said_of(const Driven& d, const Knowledge& knowledge, const Show& how);

}  // namespace fairchalk::words
