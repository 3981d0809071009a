// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/kinds/common.h"

namespace fairchalk::readings {

void ask_for_lean(const Reading& r, const CarCard&, NetworkNeeds& needs, bool by_gauge, bool by_sweep) {
    const int w = index_of(*r.spot.wheel);
    if (by_gauge) {
        needs.gauge.insert(w);
        needs.cambers[w].insert(r.spot.rolled);
    }
    if (by_sweep || r.turned || r.wheel_turned) needs.sweep.insert(w);
}

std::vector<Spot> half_a_turn_on(const Spot& spot) {
    if (spot.swept != Swept::straight || spot.rolled) return {};
    Spot on = spot;
    on.rolled = true;
    return {on};
}

}  // namespace fairchalk::readings
