// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <string>
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

/// A reading that could be taken, and what the sigma of the angle asked about would then be.
struct Proposal {
    Spot spot;
    Angle sigma_after;
};

/// The reading, of all that could be taken with the rigs of the round, a tape over the hubs and whatever was
/// read already, that shrinks the sigma of the target's angle most; while the angle is not known, the first
/// one still missing for it.
std::optional<Proposal> best_next_reading(const Job& job, const Estimate& e, const Target& target);

/// What would settle a verdict that is too close to call, if the value stays where it is: the first reading
/// to take, and how many in all, each the best at its turn. Nothing where `most` do not do it: this tool
/// can't call it.
struct Settling {
    Proposal first;
    int readings = 0;
};
std::optional<Settling> what_settles(const Job& job, const Estimate& e, const Verdict& verdict,
                                     int most = 24);

/// The covariance, rad², of the angles of targets once each spot that can be read now has been read `times`
/// in all: what readings can still do.
Eigen::MatrixXd readable_covariance(const Job& job, const Estimate& e, const std::vector<Target>& targets,
                                    int times = 4);

/// The sigma that one round of the chosen rigs (strings on two bars where none is), each spot read `repeats`
/// times with their tools, will give the target's angle on this car: known before anything is read. `own` are
/// the garage's tools. Nothing while the card or the rigs lack a length, or the rigs do not tell the angle.
std::optional<Angle> reachable_sigma(const CarCard& car, const LinesSet& lines, const Target& target,
                                     int repeats, std::span<const Tool> own = {});

/// The coarsest of the standard rules (gauges, for angles read with one) with which one such round can call
/// this target at all; nothing where none does.
std::optional<Tool> tool_that_would(const CarCard& car, const LinesSet& lines, const Target& target,
                                    int repeats, std::span<const Tool> own = {});

}  // namespace fairchalk
