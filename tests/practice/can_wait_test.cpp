// SPDX-License-Identifier: GPL-3.0-or-later
// Where it is said that the rest can wait, the rest is read all the same, and what is said compared.
#include "core/advice/can_wait.h"

#include <gtest/gtest.h>

#include "core/advice/procedure.h"
#include "core/job/rig.h"
#include "practice/cell_car.h"
#include "practice/played_job.h"

namespace fairchalk::practice {
namespace {

struct Said {
    std::vector<Call> calls;
    std::map<std::string, double> turns;
};
Said said_of(const Analysis& a) {
    Said out;
    for (const Verdict& v : a.plan.before) out.calls.push_back(v.call);
    for (const PlannedTurn& t : a.plan.turns) out.turns[t.adjuster] = t.turns;
    return out;
}
bool changed(const Said& a, const Said& b, double step) {
    if (a.calls != b.calls) return true;
    for (const auto& [id, turns] : a.turns) {
        const auto it = b.turns.find(id);
        if (std::abs(turns - (it == b.turns.end() ? 0.0 : it->second)) > 1.01 * step) return true;
    }
    for (const auto& [id, turns] : b.turns)
        if (!a.turns.contains(id) && std::abs(turns) > 1.01 * step) return true;
    return false;
}

TEST(CanWait, WhatIsLeftUnreadWouldHardlyHaveChangedWhatIsSaid) {
    int said = 0, other = 0, cars = 0;
    const std::vector<Cell> cells = covering_cells(1);
    for (std::size_t c = 0; c < cells.size() && cars < 200; ++c) {
        const Cell& cell = cells[c];
        if (cell.of(Factor::trouble) != "none" || cell.of(Factor::target) == "all") continue;
        for (std::uint64_t n = 0; n < 2; ++n, ++cars) {
            Rng rng(1000 * c + n);
            SolidCar shape = SolidCar::any(rng);
            shape.track = 2 * shape.half_width[0];
            PlayedJob job(built(cell, shape, rng), shape, rng);
            job.begin(targets_of(cell, job.solid()), lines_of(cell, job.solid()));
            const Job begun = job_of(job.log());
            std::optional<Said> before;
            for (const Spot& s : wanted_spots(begun, 0)) {
                job.read(s);
                const Analysis a = analyse(job_of(job.log()), PlayedJob::question());
                if (!before && !a.can_wait.empty()) before = said_of(a);
            }
            if (!before) continue;
            ++said;
            const Analysis whole = analyse(job_of(job.log()), PlayedJob::question());
            // A contradiction among readings is news of another kind.
            if (whole.plan.again) continue;
            other += changed(*before, said_of(whole), 0.125);
        }
    }
    RecordProperty("cars", cars);
    RecordProperty("said", said);
    RecordProperty("other", other);
    EXPECT_GE(said, 5) << "of " << cars;
    EXPECT_LE(other, 1 + said / 20) << "of " << said;
}

}  // namespace
}  // namespace fairchalk::practice
