// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <string>

#include <QString>

#include "core/quantity/notation.h"
#include "core/reading/plausible.h"

namespace fairchalk::desk {

/// A length of a card as it was typed. Gives what is wrong, or nothing. A value that can hardly be meant is
/// questioned once: `insisted` holds what was questioned under that key, and the same text again is meant.
QString typedLength(const QString& text, const std::string& key, Bounded what, Bare bare,
                    std::map<std::string, std::string>& insisted, std::string& out);

}  // namespace fairchalk::desk
