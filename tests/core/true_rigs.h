// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <random>

#include "core/worked_job.h"
#include "practice/solid_car.h"

namespace fairchalk::testing {

/// What more can be read where this is.
inline std::vector<Spot> besides(const Spot& spot, const CarCard& car) {
    return reading_kind(spot.kind).besides(spot, car);
}

/// The practice car, with logs of readings off it.
struct SolidCar : practice::SolidCar {
    template <class Rng>
    static SolidCar any(Rng& rng) {
        return SolidCar{practice::SolidCar::any(rng)};
    }

    /// A log of one round with these rigs' readings, each read `times` times with this noise (mm, degrees).
    template <class Rng>
    std::vector<Entry> log(const LinesSet& lines, Rng& rng, double mm, double degrees, int times = 1,
                           std::vector<Spot> also = {}) const {
        std::vector<Entry> out = {entry("car", CarEdit{card()}), entry("lines", lines)};
        RoundOpened round;
        if (floor != std::array<double, 4>{}) {
            round.floor.emplace();
            for (std::size_t i = 0; i < 4; ++i) (*round.floor)[i] = Length::from_mm(floor[i]);
            round.floor_sigma = Length::from_mm(0.02);
        }
        out.push_back(entry("round", round));
        std::vector<Spot> walk;
        for (const std::string& id : lines.rigs)
            for (const Spot& s : rig_named(id)->walk(lines, card())) walk.push_back(s);
        walk.insert(walk.end(), also.begin(), also.end());
        std::normal_distribution<> normal;
        for (int n = 0; n < times; ++n)
            for (const Spot& s : walk) {
                Reading r = blank_reading(s, lines);
                const bool angle = r.value.kind == QuantityKind::angle;
                const double sigma = angle ? degrees : mm;
                double v = exact(s, lines) + sigma * normal(rng);
                if (s.kind == ReadingId::camber_gap) r.top_in = leans(s, lines) < 0;
                r.value.value = v;
                r.value.resolution = angle ? 0.01 : 0.1;
                r.value.text = angle ? write_exact(Angle::from_deg(v)) : write_exact(Length::from_mm(v));
                r.stated_sigma = std::max(sigma, angle ? 0.01 : 0.05);
                if (r.turned || r.swept) r.turned_sigma = Angle::from_deg(0.01);  // as told
                out.push_back(entry(s.name() + " " + std::to_string(n), r));
            }
        return out;
    }
};

}  // namespace fairchalk::testing
