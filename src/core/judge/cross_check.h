// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include "core/job/rig.h"

namespace fairchalk {

/// Total toe of an axle by two rigs, each by itself.
struct Agreement {
    Axle axle = Axle::front;
    const Rig* one = nullptr;
    const Rig* other = nullptr;
    Angle first, second;
    Angle sigma;  ///< of the difference
    bool agree = true;
};
/// For each axle that two of a round's rigs can tell, whether they agree (within 95 %). Each rig is solved
/// alone.
std::vector<Agreement> agreements(const Job& job, int round);

/// A bar's width read again: did the strings move?
struct Bumped {
    Axle bar = Axle::front;
    Length moved, sigma;  ///< the last reading less the mean of those before it
    bool yes = false;     ///< beyond 95 %
};
/// For each bar read more than once while the strings lay as they do.
std::vector<Bumped> bumped(const Job& job, int round);

}  // namespace fairchalk
