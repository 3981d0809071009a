// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace fairchalk {

/// Marks a text for lupdate and leaves it as it is: core hands such texts out as they stand, and words
/// (words::tr) puts them into the user's language.
constexpr const char* TR_NOOP(const char* text) {
    return text;
}

}  // namespace fairchalk
