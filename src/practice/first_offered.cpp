// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/first_offered.h"

#include <algorithm>
#include <set>

#include "practice/cell_car.h"
#include "practice/many_jobs.h"
#include "practice/matrix.h"

namespace fairchalk::practice {

Tonight any_evening(int job, std::uint64_t seed, const Knowledge& knowledge) {
    const std::vector<Cell> cells = covering_cells(seed);
    const Cell& cell = cells[static_cast<std::size_t>(job) % cells.size()];
    std::seed_seq seeds{static_cast<std::uint32_t>(seed), static_cast<std::uint32_t>(seed >> 32),
                        static_cast<std::uint32_t>(job), 17U};
    Rng rng(seeds);
    SolidCar shape = SolidCar::any(rng);
    shape.track = 2 * shape.half_width[0];
    Tonight out;
    out.card = built(cell, shape, rng).card;
    out.targets = targets_of(cell, shape);
    out.tool = cell.of(Factor::tool);
    if (job % 2 == 0) return out;
    std::set<std::string> things;
    for (const RigItem& rig : knowledge.rigs)
        for (const Needed& n : rig.needs) things.insert(n.thing);
    for (const std::string& thing : things)
        if (between(rng, 0, 1) < 0.7) out.have[thing] = 8;
    return out;
}

std::vector<FirstChoice> first_offered(const FirstOfferedOptions& options, const Knowledge& knowledge,
                                       const std::function<void(int, int)>& progress,
                                       const std::atomic<bool>* stop) {
    const auto evening = [&](int job) {
        const Tonight tonight = any_evening(job, options.seed, knowledge);
        const auto said = forecast(tonight, knowledge, options.cars, options.seed, stop);
        // Other cars by another seed: what the forecast was made on would only agree with itself.
        const auto true_ways = forecast(tonight, knowledge, options.others, options.seed + 1'000'003, stop);
        std::vector<FirstChoice> out;
        for (RigUse use : {RigUse::toe, RigUse::camber, RigUse::caster}) {
            const auto of_use = [use](const WayForecast& w) { return w.use == use; };
            const auto first = std::find_if(said.begin(), said.end(), of_use);
            const auto best = std::find_if(true_ways.begin(), true_ways.end(), of_use);
            if (first == said.end() || std::count_if(true_ways.begin(), true_ways.end(), of_use) < 2)
                continue;
            const auto truly = std::find_if(best, true_ways.end(), [&](const WayForecast& w) {
                return w.use == use && w.rigs == first->rigs;
            });
            if (truly == true_ways.end()) continue;  // stopped
            out.push_back({use, first->rigs, best->rigs, truly->score(), best->score(),
                           truly->score() <= (1 + options.within) * best->score()});
        }
        return out;
    };
    std::vector<FirstChoice> all;
    for (auto& choices :
         many_jobs<std::vector<FirstChoice>>(options.jobs, options.threads, evening, progress, stop))
        if (choices) all.insert(all.end(), choices->begin(), choices->end());
    return all;
}

}  // namespace fairchalk::practice
