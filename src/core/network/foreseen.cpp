// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/foreseen.h"

#include <algorithm>
#include <cmath>
#include <stdexcept>

#include "core/network/gradient.h"
#include "core/network/site.h"

namespace fairchalk {

double slope_of(const Reading& r, const Tool* tool) {
    const ReadingKind& kind = reading_kind(r.spot.kind);
    Reading more = r;
    const double step = r.value.kind == QuantityKind::length ? 1.0 : 0.1;
    more.value.value += step;
    return (kind.in_base(more, tool) - kind.in_base(r, tool)) / step;
}

Within expected_at(const Foreseen& there, QuantityKind kind) {
    const double least = kind == QuantityKind::length ? 8.0 : 1.5;
    return {there.value, there.value, std::max(least, 6.0 * there.sigma)};
}

std::optional<Foreseen> foreseen(const Job& job, const Estimate& e, Reading like) {
    if (e.round < 0 || !e.posterior || like.before_shake || like.pushed) return std::nullopt;
    const Posterior& p = *e.posterior;
    like = completed(std::move(like), job.rounds[static_cast<std::size_t>(e.round)].lines);
    const Tool* tool = job.tool(like.tool);
    if (!tool) tool = standard_tool(like.tool);
    const ReadingKind& kind = reading_kind(like.spot.kind);
    if (!kind.solved() || kind.only_corrects() || missing_for(like, p.standing)) return std::nullopt;
    try {
        const Site site = site_of(like, p.standing, p.now);
        std::vector<int> asked;
        const double there = predict(site, Recorder{&p.now, p.x.data(), &asked});
        const Eigen::VectorXd g = gradient_at(site, p.now, p.x);
        if (!p.estimable(g)) return std::nullopt;
        // What the tool shows there: a gap or an angle from level is not in proportion far from it.
        Reading r = like;
        r.value = {};
        r.value.kind = kind.quantity();
        double slope = slope_of(r, tool);
        for (int times = 0; times < 4 && slope != 0.0; ++times) {
            r.value.value += (there - kind.in_base(r, tool)) / slope;
            slope = slope_of(r, tool);
        }
        if (slope == 0.0 || !std::isfinite(r.value.value)) return std::nullopt;
        const double known = std::sqrt(std::max(0.0, p.variance(g))) / std::abs(slope);
        return Foreseen{r.value.value, std::hypot(known, like.sigma(tool), like.spot_sigma())};
    } catch (const std::out_of_range&) {
        return std::nullopt;  // it depends on something that this estimate does not know of
    }
}

}  // namespace fairchalk
