// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/look_again.h"

#include <algorithm>
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

Result<LookAgain> look_again_from(std::string_view text) {
    while (!text.empty() && text.front() == ' ') text.remove_prefix(1);
    while (!text.empty() && text.back() == ' ') text.remove_suffix(1);
    LookAgain out{std::string(text), {}};
    if (text.size() == 10 && day_of(text)) return out;
    if (read_distance(text.starts_with("in ") ? text.substr(3) : text)) {
        if (text.starts_with("in ")) out.when = text.substr(3);
        return out;
    }
    if ((text.starts_with("after ") || text.starts_with("before ")) && text.size() < 200) return out;
    return fail(Code::again_when, std::string(text));
}

std::vector<Due> due_of(const Job& job, std::string_view today, std::optional<double> odometer_now) {
    std::vector<Due> out;
    std::optional<double> then;
    for (std::size_t i = 0; i < job.log->size(); ++i) {
        if (!job.live(i)) continue;
        if (const auto* o = std::get_if<Odometer>(&(*job.log)[i].event)) then = o->km;
        const auto* again = std::get_if<LookAgain>(&(*job.log)[i].event);
        if (!again) continue;
        Due d{*again, false, {}, {}};
        if (const auto day = day_of(again->when), now = day_of(today); day && now) d.days = *day - *now;
        out.push_back(std::move(d));
    }
    for (Due& d : out) {
        if (const auto far = read_distance(d.what.when); !d.days && far && then && odometer_now)
            d.km = *then + *far - *odometer_now;
        d.due = (d.days && *d.days <= 0) || (d.km && *d.km <= 0.0);
    }
    return out;
}

}  // namespace fairchalk
