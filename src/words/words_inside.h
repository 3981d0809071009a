// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

namespace fairchalk::words {

/// Marks a text for lupdate and leaves it as it is.
constexpr const char* W(const char* text) {
    return text;
}

std::string tr(const char* source);

}  // namespace fairchalk::words
