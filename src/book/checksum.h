// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <string_view>

namespace fairchalk::book {

/// FNV-1a of 64 bits (G. Fowler, L. C. Noll, K.-P. Vo): tells what is not as it was written.
inline std::int64_t checksum(std::string_view text) {
    std::uint64_t h = 14695981039346656037u;
    for (const char c : text) h = (h ^ static_cast<unsigned char>(c)) * 1099511628211u;
    return static_cast<std::int64_t>(h);
}

}  // namespace fairchalk::book
