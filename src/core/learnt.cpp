// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/learnt.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/shim_picker.h"

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

void learn_rod(Rod& rod, const Estimate& e) {
    for (const RodResponse& r : e.responses)
        if (r.rod == rod.id && (r.turns_seen > 0 || r.arm_sigma < Rod::prior_arm_sigma * 0.7)) {
            rod.arm = r.arm;
            rod.arm_sigma = std::min(r.arm_sigma * fades, Rod::prior_arm_sigma);
        }
    learn_lock(rod.lock, rod.id, e);
}

void learn_device(Device& d, int place, const Estimate& e) {
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

CarCard learnt(const Job& job, const Estimate& e) {
    CarCard car = job.car;
    if (!e.posterior || e.round < 0) return car;
    std::vector<StackWanted> stacks;
    for (std::size_t i = 0; i < car.adjusters.size(); ++i) {
        if (Rod* rod = std::get_if<Rod>(&car.adjusters[i])) {
            learn_rod(*rod, e);
            continue;
        }
        Device& d = std::get<Device>(car.adjusters[i]);
        learn_device(d, static_cast<int>(i), e);
        const AdjusterKind* kind = adjuster_kind(d.kind);
        const auto it = e.posterior->amounts.find(static_cast<int>(i));
        const bool known = !d.stacks[0].empty() || !d.stacks[1].empty() || !car.tin.empty();
        if (kind && kind->from_tin() && known)
            stacks.push_back(
                stacks_wanted(d, it == e.posterior->amounts.end() ? std::array{0.0, 0.0} : it->second));
    }
    // What is in the stacks now, and what is left in the tin: as the picker would have had it.
    if (stacks.empty()) return car;
    const auto picked = pick_shims(stacks, car.tin);
    for (std::size_t k = 0; k < stacks.size(); ++k)
        if (Device* d = std::get_if<Device>(
                &car.adjusters[static_cast<std::size_t>(car.place_of(stacks[k].adjuster))]))
            d->stacks = picked ? picked->stacks[k] : std::array<std::vector<ShimsOf>, 2>{};
    if (!picked) return car;
    const auto put = [&](const ShimsOf& shims, int sign) {
        const auto it = std::find_if(car.tin.begin(), car.tin.end(), [&](const ShimsOf& t) {
            return std::abs(t.thickness.mm() - shims.thickness.mm()) < 0.005 && t.spans == shims.spans;
        });
        if (it != car.tin.end())
            it->count += sign * shims.count;
        else
            car.tin.push_back({shims.thickness, sign * shims.count, shims.spans});
    };
    for (const ShimMove& m : picked->moves) {
        if (m.from == "tin") put(m.shims, -1);
        if (m.to == "tin") put(m.shims, +1);
    }
    std::erase_if(car.tin, [](const ShimsOf& s) { return s.count <= 0; });
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
