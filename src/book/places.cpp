// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/places.h"

#include <chrono>
#include <cstdlib>
#include <ctime>
#include <random>

namespace fairchalk::book {

namespace {

/// By the XDG specification: a relative path in the variable is to be ignored.
std::filesystem::path xdg(const char* variable, const char* otherwise) {
    const char* set = std::getenv(variable);
    if (set && std::filesystem::path(set).is_absolute()) return std::filesystem::path(set) / "fair-chalk";
    const char* home = std::getenv("HOME");
    return std::filesystem::path(home && *home ? home : ".") / otherwise / "fair-chalk";
}

}  // namespace

std::filesystem::path default_book() {
    return xdg("XDG_DATA_HOME", ".local/share") / "garage.fairchalk";
}

std::filesystem::path state_folder() {
    return xdg("XDG_STATE_HOME", ".local/state");
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
