// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "core/network/estimate.h"

namespace fairchalk {

/// `unknown` where the angle is not known, or the target states no tolerance.
enum class Call { unknown, inside, outside, too_close };
std::string_view name_of(Call);  ///< `inside`, `outside`, `too-close`, `unknown`

/// Against the band [lo, hi]: inside if the whole 95 % interval lies in it, outside if none of it does.
Call call(const KnownAngle& angle, const Target& target);

/// The chance that the angle truly lies in the band.
double probability_inside(const KnownAngle& angle, const Target& target);

struct Verdict {
    Target target;
    KnownAngle angle;
    Call call = Call::unknown;
};

/// A verdict for each angle that has a target. `toe`, `camber` and `caster` on an axle are about each of its
/// wheels; `same_as` takes the other wheel's measured value as its aim.
std::vector<Verdict> verdicts(const Job& job, const Estimate& e);

/// What nobody has told of the wheels, though all that is read at them hangs on it.
enum class WheelFact {
    rims,        ///< that they run true: looked at, in the check over
    same_wheels  ///< that all are alike, so that their lips lie as deep: on the card
};
std::string_view name_of(WheelFact);  ///< `rims`, `same_wheels`

/// What is reckoned with beside the card and the rigs: the garage's tools, and whether somebody looked at the
/// rims and found them good.
struct Means {
    std::span<const Tool> own = {};
    bool rims_good = false;
};
Means means_of(const Job& job);

/// The sigma that one round of the chosen rigs (strings on two bars where none is), each spot read `repeats`
/// times with their tools, will give the target's angle on this car: known before anything is read. Nothing
/// while the card or the rigs lack a length, or the rigs do not tell the angle.
std::optional<Angle> reachable_sigma(const CarCard& car, const LinesSet& lines, const Target& target,
                                     int repeats, const Means& means = {});

/// The coarsest of the standard rules (gauges, for angles read with one) with which one such round can call
/// this target at all; nothing where none does.
std::optional<Tool> tool_that_would(const CarCard& car, const LinesSet& lines, const Target& target,
                                    int repeats, const Means& means = {});

}  // namespace fairchalk
