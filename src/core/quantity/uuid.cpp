// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/quantity/uuid.h"

#include <array>
#include <cstdio>
#include <cstdlib>

namespace fairchalk {
namespace {

struct CivilDate {
    std::int64_t year;
    unsigned month, day;
};

// Days since 1970 to a date: the proleptic Gregorian calendar in eras of 400 years, years beginning in March.
CivilDate civil(std::int64_t days) {
    days += 719468;
    const std::int64_t era = (days >= 0 ? days : days - 146096) / 146097;
    const unsigned day_of_era = static_cast<unsigned>(days - era * 146097);
    const unsigned year_of_era =
        (day_of_era - day_of_era / 1460 + day_of_era / 36524 - day_of_era / 146096) / 365;
    const unsigned day_of_year = day_of_era - (365 * year_of_era + year_of_era / 4 - year_of_era / 100);
    const unsigned shifted = (5 * day_of_year + 2) / 153;
    const unsigned month = shifted < 10 ? shifted + 3 : shifted - 9;
    return {static_cast<std::int64_t>(year_of_era) + era * 400 + (month <= 2 ? 1 : 0), month,
            day_of_year - (153 * shifted + 2) / 5 + 1};
}

}  // namespace

std::string UuidSource::next() {
    const std::lock_guard lock(*mutex_);
    std::uint64_t ms = sources_.unix_ms();
    if (ms <= last_ms_) {
        ms = last_ms_;
        if (++counter_ > 0xFFF) {
            ++ms;  // the clock stood still for 4,096 ids: borrow from the future
            counter_ = static_cast<std::uint32_t>(sources_.random() & 0x1FF);
        }
    } else {
        counter_ = static_cast<std::uint32_t>(sources_.random() & 0x1FF);
    }
    last_ms_ = ms;
    const std::uint64_t tail = (sources_.random() & 0x3FFFFFFFFFFFFFFFULL) | 0x8000000000000000ULL;
    std::array<char, 40> text{};
    std::snprintf(text.data(), text.size(), "%08llx-%04llx-7%03x-%04llx-%012llx",
                  static_cast<unsigned long long>(ms >> 16 & 0xFFFFFFFFULL),
                  static_cast<unsigned long long>(ms & 0xFFFF), counter_,
                  static_cast<unsigned long long>(tail >> 48),
                  static_cast<unsigned long long>(tail & 0xFFFFFFFFFFFFULL));
    return text.data();
}

std::string UuidSource::now() const {
    const std::lock_guard lock(*mutex_);
    const std::int64_t local =
        static_cast<std::int64_t>(sources_.unix_ms()) + sources_.utc_offset_minutes * 60'000LL;
    const std::int64_t days = (local >= 0 ? local : local - 86'399'999) / 86'400'000;
    const std::int64_t ms = local - days * 86'400'000;
    const CivilDate d = civil(days);
    const int offset = std::abs(sources_.utc_offset_minutes);
    std::array<char, 64> text{};
    std::snprintf(text.data(), text.size(), "%04lld-%02u-%02uT%02lld:%02lld:%02lld.%03lld%c%02d:%02d",
                  static_cast<long long>(d.year), d.month, d.day, static_cast<long long>(ms / 3'600'000),
                  static_cast<long long>(ms / 60'000 % 60), static_cast<long long>(ms / 1000 % 60),
                  static_cast<long long>(ms % 1000), sources_.utc_offset_minutes < 0 ? '-' : '+', offset / 60,
                  offset % 60);
    return text.data();
}

bool is_uuid7(const std::string& t) {
    if (t.size() != 36) return false;
    for (std::size_t i = 0; i < t.size(); ++i) {
        const bool dash = i == 8 || i == 13 || i == 18 || i == 23;
        const bool hex = (t[i] >= '0' && t[i] <= '9') || (t[i] >= 'a' && t[i] <= 'f');
        if (dash ? t[i] != '-' : !hex) return false;
    }
    return t[14] == '7' && (t[19] == '8' || t[19] == '9' || t[19] == 'a' || t[19] == 'b');
}

}  // namespace fairchalk
