// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/places.h"

#include <chrono>
#include <cstdlib>
#include <ctime>
#include <random>

namespace fairchalk::book {

std::filesystem::path default_book() {
    const char* data = std::getenv("XDG_DATA_HOME");
    // The XDG specification: a relative path there is to be ignored.
    if (data && std::filesystem::path(data).is_absolute())
        return std::filesystem::path(data) / "fair-chalk/garage.fairchalk";
    const char* home = std::getenv("HOME");
    return std::filesystem::path(home && *home ? home : ".") / ".local/share/fair-chalk/garage.fairchalk";
}

Sources system_sources() {
    Sources s;
    s.unix_ms = [] {
        return static_cast<std::uint64_t>(std::chrono::duration_cast<std::chrono::milliseconds>(
                                              std::chrono::system_clock::now().time_since_epoch())
                                              .count());
    };
    s.random = [] {
        static thread_local std::random_device device;
        return static_cast<std::uint64_t>(device()) << 32 | device();
    };
    const std::time_t now = std::time(nullptr);
    std::tm local{};
    localtime_r(&now, &local);
    s.utc_offset_minutes = static_cast<int>(local.tm_gmtoff / 60);
    return s;
}

}  // namespace fairchalk::book
