// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/other_way.h"

#include <algorithm>
#include <cmath>

#include "core/advice/procedure.h"
#include "core/reading/reading_kind.h"

namespace fairchalk {
namespace {

/// Nearer to nothing than that, in sigmas, both ways are alike.
constexpr double least_sigmas = 3.0;
/// What turning readings round has to explain, as a sum of squared sigmas.
constexpr double least_worth = 9.0;
/// What one more of them has to make good for: fewer slips are likelier; but where all are said to lean the
/// same way nobody may have looked.
constexpr double worth_of_one_more = 6.0, worth_where_all_alike = 1.0;
/// More than these of one wheel are not tried in all their sets.
constexpr std::size_t most_of_a_wheel = 4;

struct Turner {
    const Job& job;
    EstimateOptions options;

    /// All that is read, these the other way round.
    Estimate with(const std::vector<std::size_t>& entries) const {
        std::vector<Entry> log = *job.log;
        for (std::size_t i : entries) {
            Reading& r = std::get<Reading>(log[i].event);
            r = *other_way_round(r, job.tool(r.tool));
        }
        Job turned = job;
        turned.log = &log;
        return estimate(turned, options);
    }
};

bool explained_by_leaving_one_out(const Job& job, const Estimate& e, EstimateOptions options) {
    return std::any_of(e.checks.begin(), e.checks.end(), [&](const Check& c) {
        options.without = c.entry;
        return c.suspect && !estimate(job, options).alarm;
    });
}

}  // namespace

std::optional<Reading> other_way_round(const Reading& r, const Tool* tool) {
    Reading out = r;
    const ReadingKind& kind = reading_kind(r.spot.kind);
    if (kind.asks_for_top() || (tool && tool->shows == Shows::unsigned_)) {
        out.top_in = !r.top_in.value_or(false);
        return out;
    }
    if (r.value.kind != QuantityKind::angle || !kind.signed_reading()) return std::nullopt;
    out.value.value = -r.value.value;
    out.value.text = write_exact(out.value.angle());
    return out;
}

std::vector<std::size_t> fit_the_other_way(const Job& job, const Estimate& e, EstimateOptions options) {
    if (!e.alarm || e.round < 0) return {};
    options.explain = false;
    const Turner turner{job, options};
    const std::vector<std::size_t>& now = job.rounds[static_cast<std::size_t>(e.round)].readings;
    std::vector<std::size_t> best_of_all;
    bool unlooked = false;
    for (Wheel w : all_wheels) {
        std::vector<std::size_t> turnable;
        for (const Check& c : e.checks) {
            const Reading& r = std::get<Reading>((*job.log)[c.entry].event);
            const Tool* tool = job.tool(r.tool);
            if (r.spot.wheel == w && std::find(now.begin(), now.end(), c.entry) != now.end() &&
                readings_at(job, e.round, r.spot).size() == 1 &&
                std::abs(r.value.value) > least_sigmas * r.sigma(tool) && other_way_round(r, tool))
                turnable.push_back(c.entry);
        }
        const bool stands_out = std::any_of(e.checks.begin(), e.checks.end(), [&](const Check& c) {
            return std::abs(c.w) > least_sigmas &&
                   std::find(turnable.begin(), turnable.end(), c.entry) != turnable.end();
        });
        if (!stands_out || turnable.size() > most_of_a_wheel) continue;
        const auto said = [&](std::size_t i) { return std::get<Reading>((*job.log)[i].event).top_in; };
        const bool alike = std::all_of(turnable.begin(), turnable.end(), [&](std::size_t i) {
            return said(i) && said(i) == said(turnable.front());
        });
        const double each = alike ? worth_where_all_alike : worth_of_one_more;
        unlooked = unlooked || (alike && turnable.size() > 1);
        std::vector<std::size_t> best;
        double least = e.weighted_sum - least_worth;
        for (unsigned set = 1; set < 1u << turnable.size(); ++set) {
            std::vector<std::size_t> these;
            for (std::size_t k = 0; k < turnable.size(); ++k)
                if ((set >> k & 1u) != 0) these.push_back(turnable[k]);
            const double more = each * static_cast<double>(these.size() - 1);
            if (const double sum = turner.with(these).weighted_sum; sum + more < least) {
                least = sum + more;
                best = std::move(these);
            }
        }
        best_of_all.insert(best_of_all.end(), best.begin(), best.end());
    }
    if (best_of_all.empty() || turner.with(best_of_all).alarm) return {};
    if (best_of_all.size() > 1 && !unlooked && explained_by_leaving_one_out(job, e, options)) return {};
    return best_of_all;
}

}  // namespace fairchalk
