// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/floor.h"
#include "core/reading/reading_kind.h"

#include <algorithm>
#include <cmath>
#include <map>

#include <Eigen/Dense>

namespace fairchalk {
namespace {

constexpr double alarm_at = 3.0;
constexpr int unknowns = 5;
constexpr double level_mm_per_m = 0.5;  // what a good spirit level promises

/// The row of a reading of the floor; nothing for a slope whose length the card does not have.
std::optional<FloorRow> row_of_reading(const Reading& r, double sigma, const CarCard& car,
                                       std::optional<Length> stated) {
    FloorRow row;
    Length extra = stated.value_or(method_sigma(FloorMethod::level_line));
    if (r.spot.kind == ReadingId::floor_line) {
        row.of[static_cast<std::size_t>(index_of(*r.spot.wheel))] = -1.0;
        row.of[4] = 1.0;
        row.value = r.value.length().m();
    } else {
        row.of[static_cast<std::size_t>(index_of(*r.spot.to))] = 1.0;
        row.of[static_cast<std::size_t>(index_of(*r.spot.wheel))] = -1.0;
        const bool across = axle_of(*r.spot.wheel) == axle_of(*r.spot.to);
        const double over = across ? slope_base(car, axle_of(*r.spot.wheel)).mm()
                                   : car.wheelbase.value_or(usual_wheelbase).mm();
        if (!stated) extra = Length::from_mm(level_mm_per_m * over / 1000.0);
        if (r.value.kind == QuantityKind::angle) {
            // A slope, over the distance between the two spots.
            if (!across && !car.wheelbase) return std::nullopt;
            row.value = over * std::tan(r.value.angle().rad()) / 1000.0;
            sigma = over * Angle::from_deg(sigma).rad();
        } else {
            row.value = r.value.length().m();
        }
    }
    row.sigma = std::max(std::hypot(sigma, r.stated_sigma ? 0.0 : extra.mm()) / 1000.0, 1e-6);
    return row;
}

struct Normal {
    Eigen::MatrixXd a;  ///< weighted rows, the datum last
    Eigen::VectorXd b;
};

Normal normal_of(const Floor& floor) {
    const auto n = static_cast<Eigen::Index>(floor.rows.size());
    Normal out{Eigen::MatrixXd::Zero(n + 1, unknowns), Eigen::VectorXd::Zero(n + 1)};
    for (Eigen::Index i = 0; i < n; ++i) {
        const FloorRow& row = floor.rows[static_cast<std::size_t>(i)];
        for (Eigen::Index k = 0; k < unknowns; ++k)
            out.a(i, k) = row.of[static_cast<std::size_t>(k)] / row.sigma;
        out.b[i] = row.value / row.sigma;
    }
    // Datum: the mean of the four is zero. Weighted like the readings, so that it neither rules nor is lost.
    out.a.row(n).head(4).setConstant(250.0);
    return out;
}

}  // namespace

Length slope_base(const CarCard& car, Axle axle) {
    const AxleCard& card = car.axle(axle);
    return card.track ? *card.track : card.hub_width ? *card.hub_width : Length::from_mm(1500.0);
}

Length method_sigma(FloorMethod method) {
    switch (method) {
        case FloorMethod::level_line:
            return Length::from_mm(0.7);  // the meniscus, or the width of a laser's line
        default:
            return Length::from_mm(2.0);
    }
}

const std::array<Spot, 4>& floor_legs() {
    static const std::array<Spot, 4> legs = [] {
        constexpr std::array ring = {Wheel::front_left, Wheel::front_right, Wheel::rear_right,
                                     Wheel::rear_left};
        std::array<Spot, 4> out;
        for (std::size_t i = 0; i < 4; ++i) {
            out[i] = wheel_spot(ReadingId::floor_rise, ring[i]);
            out[i].to = ring[(i + 1) % 4];
        }
        return out;
    }();
    return legs;
}

const std::array<Spot, 4>& floor_spots() {
    static const std::array<Spot, 4> spots = {wheel_spot(ReadingId::floor_line, Wheel::front_left),
                                              wheel_spot(ReadingId::floor_line, Wheel::front_right),
                                              wheel_spot(ReadingId::floor_line, Wheel::rear_right),
                                              wheel_spot(ReadingId::floor_line, Wheel::rear_left)};
    return spots;
}

std::optional<Floor> floor_at(const Job& job, std::size_t at) {
    const auto& log = *job.log;
    std::optional<std::size_t> begun;
    // Readings of a floor that nobody announced begin one, as in a file written by hand.
    bool announced = false;
    std::optional<std::size_t> first_reading;
    for (std::size_t i = 0; i < log.size(); ++i) {
        if (!job.live(i)) continue;
        announced = announced || std::holds_alternative<FloorSet>(log[i].event);
        const auto* r = std::get_if<Reading>(&log[i].event);
        if (r && reading_kind(r->spot.kind).use() == ReadingUse::floor && !first_reading) first_reading = i;
    }
    const auto begins = [&](std::size_t i) {
        if (!job.live(i)) return false;
        if (!announced && first_reading == i) return true;
        if (const auto* round = std::get_if<RoundOpened>(&log[i].event)) return round->floor.has_value();
        return std::holds_alternative<FloorSet>(log[i].event);
    };
    for (std::size_t i = 0; i < log.size(); ++i)
        if (begins(i) && (i < at || !begun)) begun = i;
    if (!begun) return std::nullopt;

    Floor f;
    f.begun = *begun;
    std::optional<Length> extra;
    const auto heights_rows = [&](const std::array<Length, 4>& heights, Length sigma) {
        for (std::size_t w = 0; w < 4; ++w) {
            FloorRow row;
            row.of[w] = 1.0;
            row.of[4] = -1.0;  // against a level of their own: only differences are stated
            row.value = heights[w].m();
            row.sigma = std::max(sigma.m(), 1e-6);
            f.rows.push_back(row);
        }
    };
    if (const auto* set = std::get_if<FloorSet>(&log[*begun].event)) {
        f.method = set->method;
        f.place = set->place;
        f.surveyed = set->surveyed;
        extra = set->sigma;
        if (set->method == FloorMethod::flat_enough)
            heights_rows({}, set->sigma.value_or(method_sigma(FloorMethod::flat_enough)));
        if (set->method == FloorMethod::heights)
            heights_rows(set->heights, set->sigma.value_or(Length::from_mm(0.5)));
    } else if (const auto* first = std::get_if<Reading>(&log[*begun].event)) {
        f.method =
            first->spot.kind == ReadingId::floor_line ? FloorMethod::level_line : FloorMethod::level_legs;
    } else {
        const auto& round = std::get<RoundOpened>(log[*begun].event);
        f.method = FloorMethod::heights;
        heights_rows(*round.floor, round.floor_sigma);
    }
    for (std::size_t i = *begun; i < log.size(); ++i) {
        if (i > *begun && begins(i)) break;  // the next floor
        if (!job.live(i)) continue;
        if (const auto* r = std::get_if<Reading>(&log[i].event);
            r && reading_kind(r->spot.kind).use() == ReadingUse::floor) {
            if (auto row = row_of_reading(*r, r->sigma(nullptr, job.finest_of_floor), job.car, extra)) {
                row->entry = i;
                f.rows.push_back(*row);
            }
        } else if (const auto* t = std::get_if<TilesPlaced>(&log[i].event); t && i < at) {
            for (std::size_t w = 0; w < 4; ++w) f.tiles[w] = t->thickness * t->under[w];
        }
    }
    return f;
}

std::optional<Floor> floor_now(const Job& job) {
    return floor_at(job, job.log->size());
}

std::vector<Spot> floor_needs(const Job& job, const Floor& floor) {
    std::vector<Spot> out;
    if (floor.method != FloorMethod::level_line && floor.method != FloorMethod::level_legs) return out;
    for (const Spot& s : floor.method == FloorMethod::level_line ? floor_spots() : floor_legs()) {
        const bool read = std::any_of(floor.rows.begin(), floor.rows.end(), [&](const FloorRow& r) {
            return r.entry && std::get<Reading>((*job.log)[*r.entry].event).spot == s;
        });
        if (!read) out.push_back(s);
    }
    return out;
}

Length FloorSolved::sigma_of(Wheel w) const {
    return Length::from_m(std::sqrt(std::max(0.0, covariance(index_of(w), index_of(w)))));
}

FloorSolved solve_floor(const Floor& floor) {
    FloorSolved out;
    const Normal n = normal_of(floor);
    Eigen::CompleteOrthogonalDecomposition<Eigen::MatrixXd> cod;
    cod.setThreshold(1e-9);
    cod.compute(n.a);
    const Eigen::MatrixXd inverse = cod.pseudoInverse();
    // The level line's own height may stay unknown (no reading uses it); the four heights may not.
    const Eigen::MatrixXd known = inverse * n.a;
    for (Eigen::Index k = 0; k < 4; ++k)
        if ((known.row(k) - Eigen::RowVectorXd::Unit(unknowns, k)).norm() > 1e-6) {
            out.why = {Code::floor_needs, {}};
            return out;
        }
    const Eigen::VectorXd x = inverse * n.b;
    // The datum is a definition, not a measurement: take its own spread out again by centring.
    const Eigen::Matrix4d centre = Eigen::Matrix4d::Identity() - Eigen::Matrix4d::Constant(0.25);
    out.covariance = centre * (inverse * inverse.transpose()).topLeftCorner<4, 4>() * centre;
    for (std::size_t w = 0; w < 4; ++w)
        out.heights[w] = Length::from_m(x[static_cast<Eigen::Index>(w)]) + floor.tiles[w];
    out.known = true;
    out.redundancy = static_cast<int>(n.a.rows() - cod.rank());

    const Eigen::VectorXd residual = n.a * x - n.b;
    std::vector<double> w(floor.rows.size(), 0.0);
    for (std::size_t i = 0; i < floor.rows.size(); ++i) {
        const auto row = static_cast<Eigen::Index>(i);
        const double r = 1.0 - n.a.row(row).dot(inverse.col(row));
        if (r > 1e-6) w[i] = residual[row] / std::sqrt(r);
        if (floor.rows[i].entry) out.worst = std::max(out.worst, std::abs(w[i]));
    }
    out.alarm = out.worst > alarm_at;

    // The chain of legs round the car: the mean of each leg's readings, all the same way round.
    if (floor.method == FloorMethod::level_legs) {
        double sum = 0.0, variance = 0.0;
        int legs = 0;
        for (const Spot& leg : floor_legs()) {
            const auto from = static_cast<std::size_t>(index_of(*leg.wheel)),
                       to = static_cast<std::size_t>(index_of(*leg.to));
            double mean = 0.0, var = 0.0;
            int count = 0;
            for (const FloorRow& r : floor.rows)
                if (r.of[from] != 0.0 && r.of[to] != 0.0) {
                    mean += r.of[to] * r.value;
                    var += r.sigma * r.sigma;
                    ++count;
                }
            if (count == 0) continue;
            ++legs;
            sum += mean / count;
            variance += var / (count * count);
        }
        if (legs == 4) {
            out.misclosure = Length::from_m(sum);
            out.misclosure_sigma = Length::from_m(std::sqrt(variance));
        }
    }
    if (!out.alarm) return out;

    // Which reading: the one that stands out; where several stand out alike (a plain ring of four legs has
    // one check for all of them), the one that closes the ring when its sign is turned round; else the leg
    // read least well.
    std::vector<std::size_t> alike;
    for (std::size_t i = 0; i < w.size(); ++i)
        if (floor.rows[i].entry && out.worst * out.worst - w[i] * w[i] < 2.0) alike.push_back(i);
    if (alike.size() == 1) {
        out.culprit = floor.rows[alike.front()].entry;
        out.why = {Code::floor_stands_out, {}};
        return out;
    }
    double best = 4.0;  // 2 sigma
    for (std::size_t i : alike) {
        Floor turned = floor;
        turned.rows[i].value = -turned.rows[i].value;
        const Normal m = normal_of(turned);
        const Eigen::VectorXd y = m.a.completeOrthogonalDecomposition().solve(m.b);
        const double sum = (m.a * y - m.b).squaredNorm();
        if (sum < best) {
            best = sum;
            out.culprit = floor.rows[i].entry;
            out.why = {Code::floor_sign_swapped, {}};
        }
    }
    if (out.culprit) return out;
    const auto least = std::max_element(alike.begin(), alike.end(), [&](std::size_t a, std::size_t b) {
        return floor.rows[a].sigma < floor.rows[b].sigma;
    });
    out.culprit = floor.rows[*least].entry;
    out.why = {Code::floor_longest, {}};
    return out;
}

FloorEffect effect_of(const FloorSolved& floor, const CarCard& car) {
    FloorEffect e;
    const auto h = [&](Wheel w) { return floor.heights[static_cast<std::size_t>(index_of(w))].m(); };
    const auto sigma = [&](const Eigen::Vector4d& g) {
        return std::sqrt(std::max(0.0, g.dot(floor.covariance * g)));
    };
    // docs/geometry.md: p and r, and the vertical seen from the floor u = (tan p, tan r, 1) normalized.
    const double wheelbase = car.wheelbase.value_or(usual_wheelbase).m();
    const double pitch_slope =
        (h(Wheel::front_left) + h(Wheel::front_right) - h(Wheel::rear_left) - h(Wheel::rear_right)) /
        (2.0 * wheelbase);
    e.nose_up = Angle::from_rad(std::atan(pitch_slope));
    e.caster = -e.nose_up;
    e.caster_sigma = Angle::from_rad(sigma(Eigen::Vector4d(1, 1, -1, -1) / (2.0 * wheelbase)) /
                                     (1.0 + pitch_slope * pitch_slope));
    for (Wheel w : all_wheels) {
        const Axle axle = axle_of(w);
        const double track = slope_base(car, axle).m();
        const double slope = (h(wheel_at(axle, Side::left)) - h(wheel_at(axle, Side::right))) / track;
        const double s = side_of(w) == Side::left ? 1.0 : -1.0;
        // An upright wheel with its toe at zero, n = (0, s, 0): the gauge reads -asin(n . u).
        const Eigen::Vector3d u = Eigen::Vector3d(pitch_slope, slope, 1.0).normalized();
        const auto i = static_cast<std::size_t>(index_of(w));
        e.camber[i] = Angle::from_rad(std::asin(s * u.y()));
        Eigen::Vector4d g = Eigen::Vector4d::Zero();
        g[index_of(wheel_at(axle, Side::left))] = 1.0 / track;
        g[index_of(wheel_at(axle, Side::right))] = -1.0 / track;
        e.camber_sigma[i] = Angle::from_rad(sigma(g) / (1.0 + slope * slope));
    }
    const Eigen::Vector4d diagonals(0.5, -0.5, -0.5, 0.5);
    e.twist = Length::from_m(
        0.5 * (h(Wheel::front_left) + h(Wheel::rear_right) - h(Wheel::front_right) - h(Wheel::rear_left)));
    e.twist_sigma = Length::from_m(sigma(diagonals));
    return e;
}

TilePlan tile_plan(const FloorSolved& floor, Length thickness) {
    TilePlan plan;
    plan.thickness = thickness;
    const double highest = std::max_element(floor.heights.begin(), floor.heights.end())->mm();
    double mean = 0.0;
    for (std::size_t w = 0; w < 4; ++w) {
        plan.under[w] = static_cast<int>(std::lround((highest - floor.heights[w].mm()) / thickness.mm()));
        plan.total += plan.under[w];
        plan.left[w] = floor.heights[w] + thickness * plan.under[w];
        mean += plan.left[w].mm() / 4.0;
    }
    for (Length& l : plan.left) l = l - Length::from_mm(mean);
    return plan;
}

}  // namespace fairchalk
