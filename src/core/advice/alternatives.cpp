// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/alternatives.h"

#include <cmath>

#include "core/advice/search.h"
#include "core/advice/unreachable.h"
#include "core/advice/worth.h"

namespace fairchalk {

using namespace worth;

double minutes_of(const Alternative& c, const StepTimes& times) {
    double sum = 0.0;
    bool jacked = false;
    std::vector<int> touched;
    for (std::size_t h = 0; h < c.with.size(); ++h) {
        if (c.turns[h] == 0.0) continue;
        const Lever& l = c.with[h];
        if (std::find(touched.begin(), touched.end(), l.place) == touched.end()) {
            touched.push_back(l.place);
            sum += times.turn + times.lock + 2 * times.spot;
        }
        sum += 0.5 * std::abs(c.turns[h]) / (8 * l.handle.step);
        jacked = jacked || (l.kind && l.kind->wants_jacking());
    }
    return sum + (jacked ? times.jack : 0.0);
}

const Alternative& chosen_of(const std::vector<Alternative>& all, bool blind, bool free) {
    double least = 1e300, ends = 0.0, inside = 0.0;
    for (const Alternative& c : all) {
        least = std::min(least, c.miss);
        ends = std::max(ends, c.then.ends);
        inside = std::max(inside, c.then.probability);
    }
    std::vector<const Alternative*> open;
    const auto keep = [&](auto&& may) {
        std::vector<const Alternative*> left;
        for (const Alternative* c : open)
            if (may(*c)) left.push_back(c);
        if (!left.empty()) open = std::move(left);
    };
    const auto nearest = [&](double Alternative::*what, double equal) {
        double best = 1e300;
        for (const Alternative* c : open) best = std::min(best, c->*what);
        keep([&](const Alternative& c) { return c.*what <= best + equal; });
    };
    for (const Alternative& c : all) open.push_back(&c);
    if (blind) {
        // Among all that bring the targets nearer, both sides alike.
        const double none = all.front().miss;
        keep([&](const Alternative& c) { return c.any() && c.miss <= std::max(0.9 * none, 1.05 * least); });
        nearest(&Alternative::thrust, 0.5 * equal_thrust);
        least = 1e300, ends = 0.0;
        for (const Alternative* c : open) {
            least = std::min(least, c->miss);
            ends = std::max(ends, c->then.ends);
        }
    }
    const std::vector<const Alternative*> every = open;
    keep([&](const Alternative& c) { return c.miss <= 1.05 * least + 1e-9; });
    if (ends > 0.2) keep([&](const Alternative& c) { return c.then.ends >= ends - 0.02; });
    if (free) {
        // A steering wheel far off is worth a little of a total, and the more the further off it is.
        const auto straightest = [](const std::vector<const Alternative*>& of) {
            double s = 1e300;
            for (const Alternative* c : of) s = std::min(s, c->steering);
            return s;
        };
        const double far = std::min(4.0, straightest(open) / equal_steering_far);
        std::vector<const Alternative*> wide;
        for (const Alternative* c : every)
            if (c->miss <= 1.05 * least + worth_straight * (1.0 + far) &&
                (ends <= 0.2 || c->then.ends >= ends - 0.05 * (1.0 + 2.0 * far)))
                wide.push_back(c);
        if (!wide.empty() && straightest(wide) < straightest(open) - equal_steering) {
            open = std::move(wide);
            nearest(&Alternative::steering, equal_steering);
            double nearer = 1e300;
            for (const Alternative* c : open) nearer = std::min(nearer, c->miss);
            keep([&](const Alternative& c) { return c.miss <= 1.05 * nearer + 1e-9; });
        }
    }
    nearest(&Alternative::steering, equal_steering);
    nearest(&Alternative::thrust, equal_thrust);
    // What camber and caster are moved by anyhow does not hide what a rod would hold.
    nearest(&Alternative::untouched_toe, equal_untouched);
    nearest(&Alternative::untouched, equal_untouched);
    nearest(&Alternative::minutes, 0.5);
    std::sort(open.begin(), open.end(), [](const Alternative* a, const Alternative* b) {
        const auto score = [](const Alternative& c) {
            const auto squared = [](double off, double half) { return off * off / (half * half); };
            return c.miss + usual_weights.steering * squared(c.steering, straight_half_band) +
                   usual_weights.thrust * squared(c.thrust, thrust_half_band) +
                   usual_weights.untouched * squared(c.untouched, untouched_band);
        };
        return score(*a) < score(*b);
    });
    const Alternative* best = open.front();
    // A plan that spares what nobody asked about, as long as it is about as good for what was asked: unequal
    // shims make a finer grid of camber, and a rod that is left alone keeps camber where it is; both would
    // always win otherwise.
    const auto as_good = [&](const Alternative& c) {
        for (std::size_t i = 0; i < c.then.verdicts.size(); ++i) {
            const Verdict& v = c.then.verdicts[i];
            if (v.angle.known && v.target.has_tolerance && !in_band(v) && in_band(best->then.verdicts[i]))
                return false;
        }
        return c.then.probability >= 0.8 * inside && c.miss <= 1.1 * best->miss + worth_sparing &&
               c.steering <= best->steering + equal_steering && c.thrust <= best->thrust + equal_thrust;
    };
    for (const Alternative& c : all)
        if ((c.untouched < best->untouched - worth_saying ||
             (c.untouched_toe < best->untouched_toe - worth_saying &&
              c.untouched <= best->untouched + equal_untouched)) &&
            as_good(c))
            best = &c;
    return *best;
}

}  // namespace fairchalk
