// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/sheet.h"

#include <algorithm>

#include "core/advice/search.h"

namespace fairchalk {
namespace {

Measure mostly_about(const Lever& l) {
    return (l.serves & serves_caster) != 0 && (l.serves & serves_camber) == 0 ? Measure::caster
           : (l.serves & serves_camber) != 0                                  ? Measure::camber
                                                                              : Measure::toe;
}

int rank_of(const PlannedTurn& t) {
    const int angle = t.about == Measure::caster ? 0 : t.about == Measure::camber ? 1 : 2;
    return (axle_of(t.wheel) == Axle::rear ? 0 : 10) + angle;
}

}  // namespace

std::vector<PlannedTurn> turns_from(const After& after, const Estimate& e, bool steering_known,
                                    const CarCard& car) {
    std::vector<PlannedTurn> out;
    const Posterior& p = after.p;
    for (std::size_t i = 0; i < after.levers.size(); ++i) {
        const Lever& l = after.levers[i];
        if (after.turns[i] == 0.0) continue;
        auto it =
            std::find_if(out.begin(), out.end(), [&](const PlannedTurn& t) { return t.adjuster == l.id(); });
        if (it == out.end()) {
            PlannedTurn t;
            t.adjuster = l.id();
            t.kind = l.device ? l.device->kind : "";
            t.wheel = l.wheel;
            t.about = mostly_about(l);
            const WheelAngle about = t.about == Measure::toe      ? WheelAngle::toe
                                     : t.about == Measure::camber ? WheelAngle::camber
                                                                  : WheelAngle::caster;
            const int state = p.last_of(about)[static_cast<std::size_t>(index_of(l.wheel))];
            if (const KnownAngle* now = e.find(t.about, l.wheel)) t.now = *now;
            if (state >= 0) {
                Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
                g[state] = 1.0;
                t.after = after.angle(g);
            }
            if (t.about == Measure::toe && !t.now.known) {
                // No single toe is made up where only the total was read.
                const Axle axle = axle_of(l.wheel);
                t.of_axle = true;
                t.now = e.axles[static_cast<std::size_t>(index_of(axle))].total_toe;
                t.after = after.angle(angle_gradient(p, wheel_at(axle, Side::left), WheelAngle::toe) +
                                      angle_gradient(p, wheel_at(axle, Side::right), WheelAngle::toe));
            }
            t.follows_thrust = steering_known && axle_of(t.wheel) == Axle::front && (l.rod || l.serves == 0);
            out.push_back(t);
            it = out.end() - 1;
        }
        (l.which == 0 ? it->turns : it->second) = after.turns[i];
    }
    if (!car.tin.empty())
        if (const auto wanted = all_stacks(after.levers, after.turns); !wanted.empty())
            if (const auto picked = pick_shims(wanted, car.tin))
                for (PlannedTurn& t : out)
                    for (const ShimMove& m : picked->moves)
                        if ((m.to.in_tin() ? m.from : m.to).adjuster == t.adjuster) t.shims.push_back(m);
    for (PlannedTurn& t : out) {
        const Adjuster* a = car.adjuster(t.adjuster);
        const AdjusterKind* kind = a ? adjuster_kind(a->kind) : nullptr;
        if (!kind || !kind->exchanges()) continue;
        const StackWanted stacks = stacks_wanted(*a, {-t.turns, t.turns});
        if (!stacks.known) continue;
        if (const auto picked = pick_shims({&stacks, 1}, {})) t.shims = picked->moves;
    }
    std::stable_sort(out.begin(), out.end(),
                     [](const PlannedTurn& a, const PlannedTurn& b) { return rank_of(a) < rank_of(b); });
    return out;
}

void spoiled_by(const std::vector<PlannedTurn>& turns, const CarCard& car, std::vector<Wheel>& toe,
                std::vector<Wheel>& lean) {
    for (const PlannedTurn& t : turns) {
        const Adjuster* a = car.adjuster(t.adjuster);
        for (Wheel w : a ? wheels_of(*a) : std::vector<Wheel>{t.wheel}) {
            toe.push_back(w);
            if (a && adjuster_kind(a->kind)->leans(*a)) lean.push_back(w);
        }
    }
}

}  // namespace fairchalk
