// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <vector>

#include "core/network/estimate.h"

namespace fairchalk {

/// One stand to move, for those who want their strings square. Nothing here needs it.
struct StandMove {
    Side side = Side::left;
    Axle end = Axle::front;  ///< the stand at this end of the car
    Length outward;          ///< how far: away from the car is positive
    Length sigma;
    bool worth_it = false;  ///< beyond what the rule can tell, and a millimetre
};

struct Squaring {
    std::vector<StandMove> moves;  ///< one for each string whose skew is known: its front stand
    std::vector<Spot> needs;       ///< what is still to be read for the others: hubs and bars are enough
};

/// How to make both strings parallel to the car's centreline in one pass: the rear stands stay, each front
/// stand goes by (distance between its ends) x tan(skew). No shuffling: what a move does to one string it
/// does not do to the other.
Squaring squaring_of(const Job& job, const Estimate& e);

}  // namespace fairchalk
