// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/aims.h"

#include <algorithm>
#include <variant>

#include "core/advice/outcome.h"
#include "core/advice/worth.h"

namespace fairchalk {

using namespace worth;

Miss miss_of_target(const Verdict& v, const Posterior& p) {
    const double half =
        v.target.has_tolerance ? std::max(v.target.half_band().rad(), 0.01 * one_degree) : no_tolerance_band;
    return {p.gradient_of(v.target), v.target.aim.rad(), half};
}

int bit_of(Measure m) {
    switch (m) {
        case Measure::camber:
        case Measure::cross_camber:
            return serves_camber;
        case Measure::caster:
        case Measure::cross_caster:
            return serves_caster;
        default:
            return serves_toe;
    }
}

bool reaches(const Lever& l, const Target& t) {
    if ((l.serves & bit_of(t.measure)) == 0) return false;
    if (const Axle* a = std::get_if<Axle>(&t.where)) return axle_of(l.wheel) == *a;
    if (const Wheel* w = std::get_if<Wheel>(&t.where))
        return l.wheel == *w || (l.kind && l.kind->across() && axle_of(l.wheel) == axle_of(*w));
    return axle_of(l.wheel) == Axle::rear;  // thrust
}

bool reached_by(const Target& t, const std::vector<Lever>& levers) {
    return std::any_of(levers.begin(), levers.end(), [&](const Lever& l) { return reaches(l, t); });
}

bool moves_toe(const Lever& l) {
    return l.serves == 0 || (l.serves & serves_toe) != 0;
}

bool has_target(const std::vector<Verdict>& about, Wheel w, WheelAngle angle) {
    return std::any_of(about.begin(), about.end(), [&](const Verdict& v) {
        // What nobody knows is not set by it.
        if (!v.angle.known) return false;
        const Axle* axle = std::get_if<Axle>(&v.target.where);
        const Wheel* wheel = std::get_if<Wheel>(&v.target.where);
        const bool here = (axle && axle_of(w) == *axle) || (wheel && *wheel == w);
        switch (v.target.measure) {
            case Measure::total_toe:
            case Measure::toe:
                return angle == WheelAngle::toe && here;
            case Measure::camber:
                return angle == WheelAngle::camber && here;
            case Measure::caster:
                return angle == WheelAngle::caster && here;
            default:
                return false;  // a difference, and a thrust is one, says nothing of either
        }
    });
}

Aims aims_of(const std::vector<Verdict>& about, const Posterior& p, const std::vector<Lever>& levers,
             bool steering_known, const MovedSoFar& so_far) {
    Aims out;
    // What nothing here is there for is not brought in by what else these move: it is left where it is.
    for (const Verdict& v : about) {
        if (!v.angle.known) continue;
        Miss m = miss_of_target(v, p);
        if (reached_by(v.target, levers))
            out.targets.push_back(std::move(m));
        else
            out.untouched.push_back(
                {m.g, m.g.dot(p.x), untouched_band, bit_of(v.target.measure) == serves_toe});
    }
    const auto any = [&](Axle axle) {
        return std::any_of(levers.begin(), levers.end(),
                           [&](const Lever& l) { return axle_of(l.wheel) == axle && moves_toe(l); });
    };
    // One tube alone moves one wheel, whatever is done: there is no choice that would serve the steering.
    const auto fronts = std::count_if(levers.begin(), levers.end(), [](const Lever& l) {
        return axle_of(l.wheel) == Axle::front && moves_toe(l);
    });
    const Eigen::VectorXd steering = steering_gradient(p), thrust = thrust_gradient(p);
    // Nor is the rear axle turned for it.
    const bool alone = fronts == 1 && std::none_of(about.begin(), about.end(), [&](const Verdict& v) {
                           return bit_of(v.target.measure) == serves_toe &&
                                  v.target.where == std::variant<std::monostate, Axle, Wheel>(Axle::front);
                       });
    if (fronts > 1 || (alone && steering_known))
        out.steering =
            Miss{steering, steering_known ? 0.0 : steering.dot(p.x) - so_far.steering, straight_half_band};
    if (any(Axle::rear))
        out.thrust =
            Miss{thrust, p.well_known(thrust) ? 0.0 : thrust.dot(p.x) - so_far.thrust, thrust_half_band};
    for (Wheel w : all_wheels)
        for (WheelAngle angle : wheel_angles) {
            const Eigen::VectorXd g = angle_gradient(p, w, angle);
            if (g.isZero() || has_target(about, w, angle)) continue;
            out.untouched.push_back({g, g.dot(p.x), untouched_band, angle == WheelAngle::toe});
        }
    return out;
}

}  // namespace fairchalk
