// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/kinds/common.h"

#include <cmath>

namespace fairchalk::readings {

namespace {

void read_as(RimRead& rim, const Reading& r) {
    rim.ways.insert(r.spot.rolled);
    rim.as_it_comes |= !r.stated_sigma;
}

}  // namespace

void ask_for_lean(const Reading& r, const CarCard&, NetworkNeeds& needs, bool by_gauge, bool by_sweep) {
    const int w = index_of(*r.spot.wheel);
    if (by_gauge) {
        needs.gauge.insert(w);
        read_as(needs.cambers[w], r);
    }
    if (by_sweep || r.turned || r.wheel_turned) needs.sweep.insert(w);
}

void ask_for_swing(const Reading& r, NetworkNeeds& needs) {
    const int w = index_of(*r.spot.wheel);
    needs.gauge.insert(w);
    needs.swung.insert(w);
}

void ask_for_boards(const Reading& r, NetworkNeeds& needs) {
    if (r.stated_sigma) return;
    for (Side s : both_sides)
        needs.boards.insert(place_of_board(index_of(wheel_at(*r.spot.axle, s)), r.spot.rolled));
}

void ask_for_rim(const Reading& r, int wheel, NetworkNeeds& needs) {
    read_as(needs.rims[wheel], r);
}

void ask_for_lip(const Reading& r, NetworkNeeds& needs) {
    const int w = index_of(*r.spot.wheel);
    ask_for_rim(r, w, needs);
    needs.lips_read.insert(w / 2);
}

double from_line(const SolidCar::V& p, double skew, double offset) {
    const double b = skew * SolidCar::rad;
    return (offset - p.y()) * std::cos(b) + p.x() * std::sin(b);
}

std::vector<Spot> half_a_turn_on(const Spot& spot) {
    if (spot.swept != Swept::straight || spot.rolled) return {};
    Spot on = spot;
    on.rolled = true;
    return {on};
}

}  // namespace fairchalk::readings
