// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/lever.h"

#include <array>
#include <cmath>
#include <numbers>

#include "core/car/steering_rod.h"
#include "core/job/staleness.h"

namespace fairchalk {
namespace {

std::vector<std::pair<int, int>> locks_of(const Adjuster& a, int place, const Posterior& p) {
    std::vector<std::pair<int, int>> out;
    for (WheelAngle angle : wheel_angles) {
        const int lock = p.index(Unknown::lock, place_of_lock(place, angle));
        const int state = p.state_of(wheel_of(a), angle);
        if (lock >= 0 && state >= 0) out.emplace_back(state, lock);
    }
    return out;
}

void add_device(const Adjuster& d, int place, const CarCard& car, const Posterior& p,
                std::vector<Lever>& out) {
    const AdjusterKind* kind = adjuster_kind(d.kind);
    const auto prior = response_prior(d, car);
    if (!kind || !prior) return;
    const auto handles = kind->handles(d);
    for (std::size_t h = 0; h < handles.size(); ++h) {
        Lever l;
        l.device = &d;
        l.kind = kind;
        l.handle = handles[h];
        l.which = static_cast<int>(h);
        l.place = place;
        l.wheel = wheel_of(d);
        l.serves = kind->serves(d);
        if (const auto it = p.amounts.find(place); it != p.amounts.end()) l.so_far = it->second[h];
        for (std::size_t i = 0; i < prior->effects.size(); ++i) {
            const Effect& e = prior->effects[i];
            const int state = p.state_of(e.wheel, e.angle);
            const int response = p.index(Unknown::response, place_of_response(place, static_cast<int>(i)));
            if (e.handle == static_cast<int>(h) && state >= 0 && response >= 0)
                l.pulls.push_back({e.wheel, e.angle, state, response});
        }
        l.locks = locks_of(d, place, p);
        if (!l.pulls.empty()) out.push_back(std::move(l));
    }
}

}  // namespace

double Lever::travel(double amount) const {
    return kind ? kind->travel(*device, so_far + amount) - kind->travel(*device, so_far) : amount;
}

double Lever::effect(const Pull& pull, double amount, const Posterior& p) const {
    if (rod)
        return toe_change(*rod, amount, Length::from_m(p.x[pull.response])).rad() *
               (pull.angle == WheelAngle::toe ? 1.0 : lean);
    return p.x[pull.response] * travel(amount);
}

double Lever::slope(const Pull& pull, double amount, const Posterior& p) const {
    if (device) return travel(amount);
    const double arm = p.x[pull.response], ratio = length_change(*rod, amount).m() / arm;
    if (std::abs(ratio) >= 0.99) return 0.0;
    return toe_sign(*rod) * -ratio / arm / std::sqrt(1 - ratio * ratio) *
           (pull.angle == WheelAngle::toe ? 1.0 : lean);
}

double Lever::settled_variance(const Pull& pull, double amount, const Posterior& p) const {
    if (rod && pull.angle == WheelAngle::camber)
        return std::pow(camber_by_toe(effect(pulls.front(), amount, p), axle_of(wheel), caster_known), 2);
    const Spoils& row =
        spoils_of(rod ? Happening::turned_toe : Happening::turned_device, p.standing.car.no_springs);
    const double settles = (pull.angle == WheelAngle::toe ? row.here : row.camber) * one_degree;
    if (!device) return settles * settles;
    const double bends = kind->bends(*device) * effect(pull, amount, p);
    const double beside = p.x[pull.response] * kind->aside(*device, so_far, so_far + amount);
    return settles * settles + bends * bends + beside * beside;
}

std::vector<Lever> levers_of(const CarCard& car, const Posterior& p) {
    std::vector<Lever> out;
    for (std::size_t i = 0; i < car.adjusters.size(); ++i) {
        const int place = static_cast<int>(i);
        const Adjuster& rod = car.adjusters[i];
        if (unsaid_of(rod, car)) continue;
        if (!is_rod(rod)) {
            add_device(rod, place, car, p, out);
            continue;
        }
        const int arm = p.index(Unknown::arm, place);
        if (arm < 0) continue;
        Lever l;
        l.rod = &rod;
        l.handle = adjuster_kind(rod.kind)->handles(rod).front();
        l.place = place;
        l.wheel = wheel_of(rod);
        l.serves = serves_toe;
        l.pulls = {{l.wheel, WheelAngle::toe, p.index(Unknown::toe, index_of(l.wheel)), arm}};
        const int camber_at = p.state_of(l.wheel, WheelAngle::camber),
                  caster_at = p.state_of(l.wheel, WheelAngle::caster);
        if (axle_of(l.wheel) == Axle::front && camber_at >= 0) {
            Eigen::VectorXd caster = Eigen::VectorXd::Zero(p.x.size());
            if (caster_at >= 0) caster[caster_at] = 1.0;
            l.caster_known = caster_at >= 0 && p.estimable(caster);
            l.lean = -std::tan(l.caster_known ? p.x[caster_at] : usual_caster.rad());
            l.pulls.push_back({l.wheel, WheelAngle::camber, camber_at, arm});
        }
        l.locks = locks_of(rod, place, p);
        out.push_back(std::move(l));
    }
    return out;
}

}  // namespace fairchalk
