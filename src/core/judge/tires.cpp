// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/tires.h"

#include <algorithm>
#include <cmath>

#include "core/quantity/named.h"

namespace fairchalk {
namespace {

constexpr double shows_mm = 0.6, shows_celsius = 6.0;
constexpr double depth_sigma = 0.2;  // mm, of one place
constexpr double least_km = 300.0;
constexpr double another_tire_mm = 1.0;
constexpr double leans_in = -1.5, leans_out = 0.75;  // degrees
constexpr double scrubs = 10.0 / 60.0;               // of one wheel

/// Where `v` is most, by at least `least`.
std::optional<TirePattern> most(const std::array<std::optional<double>, 3>& v, double sign, double least) {
    if (!v[0] || !v[1] || !v[2]) return std::nullopt;
    const double outer = sign * *v[0], middle = sign * *v[1], inner = sign * *v[2];
    // Both edges or the middle before one edge: that is the air in it.
    if (std::min(outer, inner) - middle >= least) return TirePattern::edges;
    if (middle - std::max(outer, inner) >= least) return TirePattern::middle;
    if (outer - inner >= least) return TirePattern::outer;
    if (inner - outer >= least) return TirePattern::inner;
    return TirePattern::even;
}

struct Fit {
    double slope, sigma;
};
Fit line_through(const std::vector<double>& x, const std::vector<double>& y, double sigma) {
    const auto n = static_cast<double>(x.size());
    double mean_x = 0.0, mean_y = 0.0, xx = 0.0, xy = 0.0;
    for (std::size_t i = 0; i < x.size(); ++i) mean_x += x[i] / n, mean_y += y[i] / n;
    for (std::size_t i = 0; i < x.size(); ++i) {
        xx += (x[i] - mean_x) * (x[i] - mean_x);
        xy += (x[i] - mean_x) * (y[i] - mean_y);
    }
    return {xy / xx, sigma / std::sqrt(xx)};
}

}  // namespace

TiresRead tires_of(const Job& job) {
    TiresRead out;
    for (std::size_t i : job.others) {
        const auto& r = std::get<Reading>((*job.log)[i].event);
        if (!r.spot.tread || !r.spot.wheel) continue;
        TireRead& tire = out[static_cast<std::size_t>(index_of(*r.spot.wheel))];
        const auto at = static_cast<std::size_t>(index_of(*r.spot.tread));
        (r.value.kind == QuantityKind::temperature ? tire.temperature : tire.depth)[at] = r.value.value;
    }
    return out;
}

bool any_read(const TiresRead& tires) {
    return std::any_of(tires.begin(), tires.end(), [](const TireRead& t) {
        const auto has = [](const std::optional<double>& v) { return v.has_value(); };
        return std::any_of(t.depth.begin(), t.depth.end(), has) ||
               std::any_of(t.temperature.begin(), t.temperature.end(), has);
    });
}

std::string_view name_of(TirePattern p) {
    static constexpr std::array<std::string_view, 5> names = {"even", "outer", "inner", "edges", "middle"};
    return names[static_cast<std::size_t>(index_of(p))];
}

std::optional<TirePattern> worn(const TireRead& tire) {
    return most(tire.depth, -1.0, shows_mm);
}
std::optional<TirePattern> hot(const TireRead& tire) {
    return most(tire.temperature, +1.0, shows_celsius);
}

AnglesWear wear_by_angles(const Estimate& e, Wheel wheel) {
    AnglesWear out;
    const KnownAngle& camber = e.wheels[static_cast<std::size_t>(index_of(wheel))].camber;
    const KnownAngle& total = e.axles[static_cast<std::size_t>(index_of(axle_of(wheel)))].total_toe;
    out.known = camber.known && total.known;
    if (!out.known) return out;
    const double lean = camber.value.deg(), toe = total.value.deg() / 2.0;
    out.by_camber = lean < leans_in || lean > leans_out;
    out.by_toe = std::abs(toe) > scrubs;
    // Toe in wears outer edges, as a top that leans out does. What each does counts by how far it is beyond.
    const double outward = (out.by_camber ? (lean > 0 ? lean / leans_out : -lean / leans_in) : 0.0) +
                           (out.by_toe ? toe / scrubs : 0.0);
    out.pattern = std::abs(outward) < 0.5 ? TirePattern::even
                  : outward > 0           ? TirePattern::outer
                                          : TirePattern::inner;
    return out;
}

TireVerdict against_angles(TirePattern pattern, const AnglesWear& angles) {
    if (pattern == TirePattern::edges || pattern == TirePattern::middle) return TireVerdict::not_angles;
    if (!angles.known) return TireVerdict::cannot_tell;
    return pattern == angles.pattern ? TireVerdict::agrees : TireVerdict::unexplained;
}

std::vector<TireWear> wear_of(std::span<const TireVisit> visits) {
    std::vector<TireWear> out;
    for (Wheel w : all_wheels) {
        std::vector<double> km;
        std::array<std::vector<double>, 3> depth;
        for (const TireVisit& v : visits) {
            const TireRead& t = v.tires[static_cast<std::size_t>(index_of(w))];
            if (!v.km || !t.depth[0] || !t.depth[1] || !t.depth[2]) continue;
            if (!km.empty() && *t.depth[1] - depth[1].back() >= another_tire_mm) {
                km.clear();
                for (auto& d : depth) d.clear();
            }
            km.push_back(*v.km);
            for (std::size_t i = 0; i < 3; ++i) depth[i].push_back(*t.depth[i]);
        }
        if (km.size() < 2) continue;
        const auto [first, last] = std::minmax_element(km.begin(), km.end());
        TireWear wear{w, {}, 0.0, 0.0, 0.0, *last - *first, static_cast<int>(km.size())};
        if (wear.km < least_km) continue;
        for (std::size_t i = 0; i < 3; ++i) {
            const Fit fit = line_through(km, depth[i], depth_sigma);
            wear.per_1000_km[i] = -1000.0 * fit.slope;
            wear.sigma = 1000.0 * fit.sigma;
        }
        wear.across = wear.per_1000_km[0] - wear.per_1000_km[2];
        wear.across_sigma = wear.sigma * std::sqrt(2.0);
        out.push_back(wear);
    }
    return out;
}

Sideways sideways_of(const KnownAngle& total_toe) {
    Sideways out;
    out.known = total_toe.known;
    if (!out.known) return out;
    const double half = total_toe.value.rad() / 2.0;
    out.m_per_km = 1000.0 * std::tan(half);
    out.sigma = 1000.0 / std::pow(std::cos(half), 2) * total_toe.sigma.rad() / 2.0;
    return out;
}

}  // namespace fairchalk
