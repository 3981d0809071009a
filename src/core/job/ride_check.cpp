// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/ride_check.h"

#include <algorithm>
#include <cmath>

#include "core/job/staleness.h"

namespace fairchalk {
namespace {

std::string amount(ReadingId kind, double value) {
    return kind == ReadingId::pressure ? show_pressure(std::abs(value))
                                       : show(Length::from_mm(std::abs(value)));
}

}  // namespace

bool RideCheck::complete() const {
    return std::all_of(measured.begin(), measured.end(), [](const auto& m) { return m.has_value(); });
}

double usual_tolerance(ReadingId kind) {
    return kind == ReadingId::pressure ? 0.1 : 10.0;
}

RideCheck ride_check_of(const Job& job, ReadingId kind) {
    RideCheck c;
    c.kind = kind;
    const CornerSpec& spec = kind == ReadingId::pressure ? job.car.pressures : job.car.heights;
    c.card = spec.at;
    c.tolerance = spec.tolerance;
    std::size_t last = 0;
    for (std::size_t i : job.others) {
        const auto& r = std::get<Reading>((*job.log)[i].event);
        if (r.spot.kind != kind || !r.spot.wheel) continue;
        c.measured[static_cast<std::size_t>(index_of(*r.spot.wheel))] = r.value.value;
        last = i;
    }
    c.stale = last > 0 && spoiled_since(job, Fact::heights, last).has_value();

    const double tolerance = c.tolerance.value_or(usual_tolerance(kind));
    // What was typed is rounded; a difference of exactly the tolerance is still within it.
    const double limit = tolerance * (1.0 + 1e-9);
    const auto add = [&](Code code, std::string where, double by) {
        c.findings.push_back({code, {std::move(where), amount(kind, by), amount(kind, tolerance)}});
    };
    for (Wheel w : all_wheels) {
        const auto i = static_cast<std::size_t>(index_of(w));
        if (!c.measured[i] || !c.card[i]) continue;
        const double by = *c.measured[i] - *c.card[i];
        if (std::abs(by) > limit)
            add(by < 0 ? Code::corner_low : Code::corner_high, std::string(name_of(w)), by);
    }
    const auto difference = [&](const auto& at, Wheel a, Wheel b) -> std::optional<double> {
        const auto &x = at[static_cast<std::size_t>(index_of(a))],
                   &y = at[static_cast<std::size_t>(index_of(b))];
        if (!x || !y) return std::nullopt;
        return *x - *y;
    };
    for (Axle axle : both_axles) {
        const Wheel l = wheel_at(axle, Side::left), r = wheel_at(axle, Side::right);
        const auto by = difference(c.measured, l, r);
        const double meant = difference(c.card, l, r).value_or(0.0);
        if (by && std::abs(*by - meant) > limit)
            add(Code::corner_sides_differ, std::string(name_of(axle)), *by - meant);
    }
    if (c.complete()) {
        const auto front_minus_rear = [](const auto& at) {
            return (*at[0] + *at[1] - *at[2] - *at[3]) / 2.0;
        };
        if (std::all_of(c.card.begin(), c.card.end(), [](const auto& m) { return m.has_value(); })) {
            const double by = front_minus_rear(c.measured) - front_minus_rear(c.card);
            if (std::abs(by) > limit) add(Code::corner_axles_differ, by < 0 ? "front" : "rear", by);
        }
    }
    return c;
}

}  // namespace fairchalk
