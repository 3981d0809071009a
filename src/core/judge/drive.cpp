// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/drive.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/job/wheel_only.h"
#include "core/network/posterior.h"

namespace fairchalk {
namespace {

constexpr double felt_deg = 0.3;  // of caster or camber, from side to side

/// The difference from left to right goes so far that it is felt, for certain or not, or is known to be
/// smaller.
enum class Felt { yes, no, unknown };
Felt felt(const KnownAngle& cross, double pulls_to) {
    if (!cross.known) return Felt::unknown;
    const double by = cross.value.deg() * pulls_to;
    if (by > felt_deg) return Felt::yes;
    return by + k95 * cross.sigma.deg() < felt_deg + 0.2 ? Felt::no : Felt::unknown;
}

}  // namespace

std::string_view name_of(PullBy by) {
    static constexpr std::array<std::string_view, 4> names = {"camber", "caster", "neither", "unknown"};
    return names[static_cast<std::size_t>(by)];
}

KnownAngle wheel_on_road(const Estimate& e, const CarCard& car) {
    KnownAngle out;
    if (!e.posterior || !e.converged) return out;
    const Posterior& p = *e.posterior;
    Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
    for (const auto& [w, c] : {std::pair(0, -0.5), {1, 0.5}, {2, 0.5}, {3, -0.5}}) {
        const int at = p.last_toe[static_cast<std::size_t>(w)];
        if (at < 0) return out;
        g[at] = c;
    }
    if (!p.well_known(g)) return out;
    const double ratio = car.steering_ratio.value_or(usual_steering_ratio);
    out.known = true;
    out.value = Angle::from_rad(ratio * g.dot(p.x));
    out.sigma = Angle::from_deg(std::hypot(ratio * std::sqrt(std::max(0.0, p.variance(g))) / one_degree,
                                           unsure_by_ratio(out.value, car).deg()));
    return out;
}

std::optional<DriveSays> drive_says(const Job& job, const Estimate& e) {
    if (job.rounds.empty() || e.round < 0) return std::nullopt;
    const CarCard& car = job.rounds.back().car;
    DriveSays out;
    bool driven = false;
    for (std::size_t i = job.log->size(); i-- > 0;) {
        if (!job.live(i)) continue;
        const Entry& entry = (*job.log)[i];
        if (is_turn(entry)) break;
        const Driven* d = std::get_if<Driven>(&entry.event);
        if (!d) continue;
        driven = true;
        if (!out.last.wheel_off && d->wheel_off) {
            out.last.wheel_off = d->wheel_off;
            out.last.how = d->how;
            out.last.wheel_sigma = d->wheel_sigma;
        }
        if (!out.last.drift) out.last.drift = d->drift;
        for (const std::string& f : d->feels)
            if (std::find(out.last.feels.begin(), out.last.feels.end(), f) == out.last.feels.end())
                out.last.feels.push_back(f);
    }
    if (!driven) return std::nullopt;
    EstimateOptions alone;
    alone.as_of_now = true;
    alone.explain = false;
    alone.without_drives = true;
    out.expected = wheel_on_road(estimate(job, alone), car);
    if (out.last.wheel_off) {
        out.off = out.last.wheel_off;
        out.off_sigma = said_wheel_sigma(out.last, car);
        if (out.expected.known)
            out.fits = abs(*out.off - out.expected.value).deg() <=
                       k95 * std::hypot(out.off_sigma->deg(), out.expected.sigma.deg());
    }
    if (out.last.drift && *out.last.drift != Drift::straight) {
        // To the left: the left has less caster, or leans more outward.
        const double left = *out.last.drift == Drift::left ? 1.0 : -1.0;
        const AxleAngles& front = e.axles[0];
        const Felt camber = felt(front.cross_camber, left), caster = felt(front.cross_caster, -left);
        out.pull = caster == Felt::yes                        ? PullBy::caster
                   : camber == Felt::yes                      ? PullBy::camber
                   : caster == Felt::no && camber == Felt::no ? PullBy::neither
                                                              : PullBy::unknown;
    }
    return out;
}

}  // namespace fairchalk
