// SPDX-License-Identifier: GPL-3.0-or-later
// Who reads right is hardly ever asked whether that is so, on cars and ways of measuring of every kind,
// before a turn and after it; a slip of a digit is asked about wherever anything is known of that spot.
#include "core/network/foreseen.h"

#include <gtest/gtest.h>

#include "core/advice/procedure.h"
#include "core/job/rig.h"
#include "practice/cell_car.h"
#include "practice/played_job.h"

namespace fairchalk::practice {
namespace {

/// How many were read, of how many something was known before, and how many of these are asked about: as they
/// were read, and off by what a wrong digit makes.
struct Asked {
    int read = 0, told = 0, right = 0, slips = 0;
};

/// Reads what the round wants, one after the other.
void read_round(PlayedJob& job, Asked& asked) {
    for (;;) {
        const Job now = job_of(job.log());
        const auto wanted = next_spot(now, static_cast<int>(now.rounds.size()) - 1);
        if (!wanted) return;
        EstimateOptions options;
        options.as_of_now = true;
        options.explain = false;
        const Estimate e = estimate(now, options);
        job.read(*wanted);
        const Reading& r = std::get<Reading>(job.log().back().event);
        ++asked.read;
        const auto there = foreseen(now, e, r);
        if (!there || e.alarm) continue;
        ++asked.told;
        const Within band = expected_at(*there, r.value.kind);
        asked.right += doubt_of(band, r.value, "x").has_value();
        Quantity slip = r.value;
        slip.value += r.value.kind == QuantityKind::length ? 20.0 : 5.0;
        asked.slips += doubt_of(band, slip, "x").has_value();
    }
}

TEST(Foreseen, RightReadingsAreHardlyEverAskedAboutAndWrongDigitsAre) {
    Asked asked;
    const std::vector<Cell> cells = covering_cells(1);
    for (std::size_t c = 0; c < 3 * cells.size(); ++c) {
        const Cell& cell = cells[c / 3];
        if (cell.of(Factor::trouble) != "none") continue;
        Rng rng(c);
        SolidCar shape = SolidCar::any(rng);
        shape.track = 2 * shape.half_width[0];
        PlayedJob job(built(cell, shape, rng), shape, rng);
        job.begin(targets_of(cell, job.solid()), lines_of(cell, job.solid()));
        for (int pass = 0; pass < 2; ++pass) {
            read_round(job, asked);
            const Analysis a = job.read_on();
            if (a.plan.turns.empty()) break;
            job.turn(a.plan);
            job.put(RoundOpened{});
        }
    }
    EXPECT_GT(asked.told, asked.read / 6);
    EXPECT_LE(asked.right, asked.told / 100);
    EXPECT_GT(asked.slips, 3 * asked.told / 4);
}

}  // namespace
}  // namespace fairchalk::practice
