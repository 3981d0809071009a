// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/look_again.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <chrono>

#include "core/quantity/distance.h"

namespace fairchalk {

std::optional<int> day_of(std::string_view iso) {
    int of[3] = {};
    constexpr std::size_t from[] = {0, 5, 8}, length[] = {4, 2, 2};
    if (iso.size() < 10 || iso[4] != '-' || iso[7] != '-') return std::nullopt;
    for (std::size_t i = 0; i < 3; ++i) {
        const char* first = iso.data() + from[i];
        const auto read = std::from_chars(first, first + length[i], of[i]);
        if (read.ec != std::errc() || read.ptr != first + length[i]) return std::nullopt;
    }
    const std::chrono::year_month_day day{std::chrono::year(of[0]),
                                          std::chrono::month(static_cast<unsigned>(of[1])),
                                          std::chrono::day(static_cast<unsigned>(of[2]))};
    if (!day.ok()) return std::nullopt;
    return static_cast<int>(std::chrono::sys_days(day).time_since_epoch().count());
}

namespace {

/// `4.12.2026` as `2026-12-04`.
std::optional<std::string> day_month_year(std::string_view text) {
    std::array<int, 3> of{};
    const char *at = text.data(), *end = at + text.size();
    for (std::size_t i = 0; i < of.size(); ++i) {
        const auto read = std::from_chars(at, end, of[i]);
        if (read.ec != std::errc() || (i < 2) != (read.ptr != end) || (i < 2 && *read.ptr != '.'))
            return std::nullopt;
        at = read.ptr + 1;
    }
    const auto two = [](int n) { return (n < 10 ? "-0" : "-") + std::to_string(n); };
    const std::string iso = std::to_string(of[2]) + two(of[1]) + two(of[0]);
    return day_of(iso) ? std::optional(iso) : std::nullopt;
}

}  // namespace

Result<LookAgain> look_again_from(std::string_view text) {
    while (!text.empty() && text.front() == ' ') text.remove_prefix(1);
    while (!text.empty() && text.back() == ' ') text.remove_suffix(1);
    if (const auto iso = day_month_year(text)) return LookAgain{*iso, {}};
    LookAgain out{std::string(text), {}};
    if (text.size() == 10 && day_of(text)) return out;
    if (read_distance(text.starts_with("in ") ? text.substr(3) : text)) {
        if (text.starts_with("in ")) out.when = text.substr(3);
        return out;
    }
    for (const std::string_view first : {"after ", "before ", "nach ", "vor "})
        if (text.starts_with(first) && text.size() < 200) return out;
    return fail(Code::again_when, std::string(text));
}

Due due_of(const LookAgain& what, std::string_view today, std::optional<double> then,
           std::optional<double> now) {
    Due d{what, false, {}, {}};
    if (const auto day = day_of(what.when), on = day_of(today); day && on) d.days = *day - *on;
    if (const auto far = read_distance(what.when); !d.days && far && then && now) d.km = *then + *far - *now;
    d.due = (d.days && *d.days <= 0) || (d.km && *d.km <= 0.0);
    return d;
}

std::vector<Due> due_of(const Job& job, std::string_view today, std::optional<double> odometer_now) {
    std::vector<Due> out;
    const Odometer* then = last_of<Odometer>(job);
    for (std::size_t i = 0; i < job.log->size(); ++i)
        if (const auto* again = job.live(i) ? std::get_if<LookAgain>(&(*job.log)[i].event) : nullptr)
            out.push_back(due_of(*again, today, then ? std::optional(then->km) : std::nullopt, odometer_now));
    return out;
}

}  // namespace fairchalk
