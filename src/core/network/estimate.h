// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <atomic>
#include <cstddef>
#include <functional>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include <Eigen/Core>

#include "core/car/adjuster.h"
#include "core/job/log.h"
#include "core/network/posterior.h"
#include "core/network/reliability.h"
#include "core/network/standing.h"

namespace fairchalk {

// The one estimate over a job's log.
//
// Over the log stands one weighted non-linear least-squares problem (a factor graph). Its unknowns are, for
// each state the car has been in, the toe and camber of each wheel and caster and steering-axis inclination
// of the front ones; for each time the strings were up, their offsets and skews; and for the car, the
// half-widths over its hub faces, the depths of its rim lips and the arms of its rods. Each reading is one
// residual (reading/kinds). Each event between two states is a residual too: angles after = angles before +
// what the turn did, with a sigma for settling. Ceres finds the minimum; from the Jacobian there come the
// covariance, each reading's redundancy and normalized residual, and, by its null space, what can't be known.
//
// Sources: W. Baarda, A Testing Procedure for Use in Geodetic Networks (1968), for redundancy and normalized
// residuals; C. R. Rao, Linear Statistical Inference (1973), 4a, for estimable functions.

/// Two-sided 95 % of a normal.
inline constexpr double k95 = 1.959963984540054;

/// An angle as far as it is known.
struct KnownAngle {
    bool known = false;
    Angle value;
    Angle sigma;              ///< standard uncertainty
    Message why;              ///< while it is not known
    std::vector<Spot> needs;  ///< the readings whose taking would make it known, in walking order

    Angle plus_minus() const { return sigma * k95; }
};

struct WheelAngles {
    KnownAngle toe;            ///< to the centerline
    KnownAngle toe_to_thrust;  ///< to the rear axle's line of travel
    KnownAngle toe_to_string;  ///< to the string beside it: known before the strings are
    KnownAngle toe_to_rear;    ///< front wheels: to the rear wheel of the same side
    KnownAngle camber, caster, sai;
    KnownAngle toe_runout, camber_runout;  ///< half of what half a turn of the wheel changed
};

struct AxleAngles {
    KnownAngle total_toe, cross_camber, cross_caster;  ///< cross is left minus right
};

struct StringLie {
    KnownAngle skew;        ///< positive: splays away from the car toward the front
    Length offset_at_rear;  ///< from the centerline, beside the rear hubs; meaningful where `skew` is known
};

/// What one turn of a rod does on this car, as known now.
struct RodResponse {
    std::string rod;
    Length arm, arm_sigma;
    Angle per_turn, per_turn_sigma;  ///< magnitude of the toe change at one turn
    int turns_seen = 0;
};

/// What one unit of a handle of a device does to an angle, as known now.
struct DeviceResponse {
    std::string device;
    std::string handle;
    Effect effect;
    Angle per_unit, sigma;
    int turns_seen = 0;
};

/// What locking an adjuster does to an angle that it sets, as known now.
struct LockShift {
    std::string adjuster;
    WheelAngle angle = WheelAngle::toe;
    Angle by, sigma;
    int seen = 0;
};

struct Estimate {
    std::array<WheelAngles, 4> wheels;
    std::array<AxleAngles, 2> axles;
    KnownAngle thrust;  ///< positive: the rear axle's line of travel points left of the centerline
    std::array<StringLie, 2> strings;

    int redundancy = 0;
    double weighted_sum = 0.0;
    bool converged = false;
    bool cancelled = false;
    bool alarm = false;  ///< the readings contradict each other
    std::vector<Check> checks;
    std::vector<Unused> unused;
    std::vector<RodResponse> responses;
    std::vector<DeviceResponse> device_responses;
    std::vector<LockShift> locks;
    bool steering_free = false;  ///< the fronts are known only up to a common steer
    bool chassis_marks = false;  ///< toes are to the scribed centerline, not to the middles of the hubs
    int round = -1;              ///< which round was solved; -1 for a job without one

    std::shared_ptr<const Posterior> posterior;

    const KnownAngle* find(Measure measure, const std::variant<std::monostate, Axle, Wheel>& where) const;
    const KnownAngle* find(const CarAngle& angle) const { return find(angle.measure, angle.where); }
};

/// Of readings that contradict each other, the one that stands out most; null where none does. With
/// `among` only of those for which it is true.
const Check* worst_suspect(const Estimate& e, const std::function<bool(const Check&)>& among = {});

struct EstimateOptions {
    std::optional<int> round;                   ///< solve as of the end of this round; the last by default
    std::optional<std::size_t> without;         ///< leave out this entry
    std::function<bool(const Reading&)> only;   ///< leave out readings for which this is false
    const std::atomic<bool>* cancel = nullptr;  ///< set to stop early
    std::vector<std::size_t> doubted_turns;     ///< turns of which it is not known what was turned
    bool as_of_now = false;                     ///< count in what was done after the last reading
    bool without_drives = false;                ///< what was driven takes no part
    bool posterior_only = false;                ///< no checks of readings, no angles one by one
    bool explain = true;                        ///< work out which spots are missing for what is unknown
};

/// The entry of the log where it begins: with the first round, or with the first drive that the steering
/// wheel was looked at in, if that was before.
std::size_t begin_of(const Job& job);

/// Solves a job. Never fails: what can't be known says why.
Estimate estimate(const Job& job, const EstimateOptions& options = {});

/// d(reading)/d(unknowns) at the posterior, in metres or radians, for a reading like this one as the last
/// round stands (its value takes no part); nothing where the card or the reading lacks what it takes, or the
/// estimate has no such unknown.
std::optional<Eigen::VectorXd> row_of(const Estimate& e, const Reading& like);

}  // namespace fairchalk
