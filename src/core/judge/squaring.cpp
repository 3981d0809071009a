// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/squaring.h"

#include <algorithm>
#include <cmath>

namespace fairchalk {

Squaring squaring_of(const Job& job, const Estimate& e) {
    Squaring out;
    if (e.round < 0) return out;
    const Round& round = job.rounds[static_cast<std::size_t>(e.round)];
    const Bars& bars = round.lines.bars;
    if (!round.car.wheelbase) return out;
    const Length between =
        *round.car.wheelbase + bars.front_ahead.value_or(Length()) + bars.rear_behind.value_or(Length());
    for (Side side : both_sides) {
        const KnownAngle& skew = e.strings[static_cast<std::size_t>(index_of(side))].skew;
        if (!skew.known) {
            for (const Spot& s : skew.needs)
                if (std::find(out.needs.begin(), out.needs.end(), s) == out.needs.end())
                    out.needs.push_back(s);
            continue;
        }
        StandMove move;
        move.side = side;
        move.outward = between * -std::tan(skew.value.rad());
        move.sigma = between * (skew.sigma.rad() / std::pow(std::cos(skew.value.rad()), 2));
        move.worth_it = std::abs(move.outward.mm()) > std::max(1.0, k95 * move.sigma.mm());
        out.moves.push_back(move);
    }
    return out;
}

}  // namespace fairchalk
