// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <functional>
#include <memory>
#include <mutex>
#include <string>

namespace fairchalk {

/// Where times and randomness come from: handed in, so that tests and replays are exact.
struct Sources {
    std::function<std::uint64_t()> unix_ms;  ///< milliseconds since 1970, UTC
    std::function<std::uint64_t()> random;   ///< 64 fresh bits
    int utc_offset_minutes = 0;              ///< of the place where the work is done
};

/// A UUID of version 7 (RFC 9562, 5.7): 48 bits of time, then random; later ones sort after earlier ones.
/// Within one millisecond the 12 bits after the version count up from a random start (method 1). Threads may
/// share one.
class UuidSource {
  public:
    explicit UuidSource(Sources sources) : sources_(std::move(sources)) {}
    std::string next();
    /// Now, as ISO 8601 with milliseconds and offset: `2026-05-02T10:14:00.000+01:00`.
    std::string now() const;
    /// 64 fresh bits, for what should come out differently each time.
    std::uint64_t fresh() {
        const std::lock_guard lock(*mutex_);
        return sources_.random();
    }

  private:
    Sources sources_;
    std::unique_ptr<std::mutex> mutex_ = std::make_unique<std::mutex>();
    std::uint64_t last_ms_ = 0;
    std::uint32_t counter_ = 0;
};

/// True for the text of a UUID of version 7, lower case.
bool is_uuid7(const std::string& text);

}  // namespace fairchalk
