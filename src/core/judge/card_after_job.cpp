// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/card_after_job.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/job/baseline.h"
#include "core/job/stacks_now.h"
#include "core/judge/turn_doubt.h"

namespace fairchalk {
namespace {

/// From one job to the next rubber ages and joints wear: a little less is known than was.
constexpr double fades = 1.05;

void learn_lock(std::vector<KnownLock>& lock, const std::string& id, const Estimate& e) {
    std::vector<KnownLock> seen;
    for (const LockShift& l : e.locks)
        if (l.adjuster == id && l.seen > 0) seen.push_back({l.angle, l.by.deg(), l.sigma.deg() * fades});
    if (!seen.empty()) lock = std::move(seen);
}

void learn_rod(Adjuster& rod, const Estimate& e) {
    for (const RodResponse& r : e.responses)
        // By its own turns, or, better than the card knows it, by those of the other side.
        if (const Length known = rod.arm_sigma.value_or(rod.arm ? measured_arm_sigma : prior_arm_sigma * 0.7);
            r.rod == rod.id && (r.turns_seen > 0 || r.arm_sigma * fades < known)) {
            rod.arm = r.arm;
            rod.arm_sigma = std::min(r.arm_sigma * fades, prior_arm_sigma);
        }
    learn_lock(rod.lock, rod.id, e);
}

void learn_device(Adjuster& d, int place, const Estimate& e) {
    bool seen = false;
    std::vector<KnownResponse> all;
    for (const DeviceResponse& r : e.device_responses)
        if (r.device == d.id && r.turns_seen > 0) {
            seen = true;
            all.push_back(
                {r.handle, r.effect.wheel, r.effect.angle, r.per_unit.deg(), r.sigma.deg() * fades});
        }
    if (seen) d.response = std::move(all);
    learn_lock(d.lock, d.id, e);
    const auto it = e.posterior->amounts.find(place);
    const AdjusterKind* kind = adjuster_kind(d.kind);
    if (it == e.posterior->amounts.end() || !kind) return;
    kind->turned(d, it->second);
}

}  // namespace

CarCard card_after_job(const Job& job, const Estimate& e) {
    CarCard car = job.car;
    if (!e.posterior || e.round < 0) return car;
    const CarCard now = with_stacks_now(job, car);
    car.tin = now.tin;
    const Belief belief = believe(job);
    const bool waits = turned_since_reading(job);
    for (std::size_t i = 0; i < car.adjusters.size(); ++i) {
        if (Adjuster* rod = &car.adjusters[i]; is_rod(*rod)) {
            rod->turned = turned_since_thread(job, *rod);
            learn_rod(*rod, e);
            // Shown by this job's readings, and not turned since.
            rod->proven = rod->proven ||
                          (!waits && std::find(belief.side_shown.begin(), belief.side_shown.end(), rod->id) !=
                                         belief.side_shown.end());
            continue;
        }
        Adjuster& d = car.adjusters[i];
        learn_device(d, static_cast<int>(i), e);
        const AdjusterKind* kind = adjuster_kind(d.kind);
        if (!kind || !kind->is_stack()) continue;
        // Without a tin nothing says what was put in.
        if (kind->exchanges() || !car.tin.empty())
            d.stacks = now.device(d.id)->stacks;
        else if (e.posterior->amounts.contains(static_cast<int>(i)))
            d.stacks = {};
    }
    // Both sides of an axle are made to one drawing.
    for (Adjuster& a : car.adjusters)
        for (const Adjuster& twin : car.adjusters)
            if (is_rod(a) && is_rod(twin) && twin.proven && twin.rod == a.rod &&
                axle_of(wheel_of(twin)) == axle_of(wheel_of(a)))
                a.proven = true;
    return car;
}

std::optional<AnglesCarried> carried_over(const Estimate& e) {
    constexpr std::array since = {0.03, 0.05, 0.05};
    AnglesCarried out;
    bool any = false;
    for (std::size_t w = 0; w < 4; ++w) {
        const std::array<const KnownAngle*, 3> angles = {&e.wheels[w].toe, &e.wheels[w].camber,
                                                         &e.wheels[w].caster};
        for (std::size_t a = 0; a < 3; ++a)
            if (angles[a]->known) {
                out.wheels[w][a] = {angles[a]->value.deg(), std::hypot(angles[a]->sigma.deg(), since[a])};
                any = true;
            }
    }
    return any ? std::optional(out) : std::nullopt;
}

}  // namespace fairchalk
