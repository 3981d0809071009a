// SPDX-License-Identifier: GPL-3.0-or-later
#include <Eigen/Dense>

#include "core/estimate.h"

namespace fairchalk {

Eigen::VectorXd Posterior::gradient_of(const Target& target) const {
    const Posterior& p = *this;
    Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
    const auto put = [&](int i, double c) {
        if (i >= 0) g[i] += c;
    };
    const Axle* axle = std::get_if<Axle>(&target.where);
    const Wheel* wheel = std::get_if<Wheel>(&target.where);
    const int l = axle ? index_of(*axle) * 2 : 0;
    switch (target.measure) {
        case Measure::total_toe:
            put(p.last_toe[l], 1);
            put(p.last_toe[l + 1], 1);
            break;
        case Measure::toe:
            if (wheel) put(p.last_toe[index_of(*wheel)], 1);
            break;
        case Measure::camber:
            if (wheel) put(p.last_camber[index_of(*wheel)], 1);
            break;
        case Measure::caster:
            if (wheel) put(p.last_caster[index_of(*wheel)], 1);
            break;
        case Measure::cross_camber:
            put(p.last_camber[l], 1);
            put(p.last_camber[l + 1], -1);
            break;
        case Measure::cross_caster:
            put(p.last_caster[l], 1);
            put(p.last_caster[l + 1], -1);
            break;
        case Measure::thrust:
            put(p.last_toe[3], 0.5);
            put(p.last_toe[2], -0.5);
            break;
    }
    return g;
}

int Posterior::index(Unknown what, int where) const {
    const auto it = now.find({what, where});
    return it == now.end() ? -1 : it->second;
}

bool Posterior::estimable(const Eigen::VectorXd& gradient) const {
    const Eigen::VectorXd g = gradient.cwiseQuotient(scale);
    return (null_space.transpose() * g).norm() < 1e-6 * g.norm();
}

const KnownAngle* Estimate::find(Measure measure,
                                 const std::variant<std::monostate, Axle, Wheel>& where) const {
    if (measure == Measure::thrust) return &thrust;
    if (const Axle* a = std::get_if<Axle>(&where)) {
        const AxleAngles& angles = axles[index_of(*a)];
        switch (measure) {
            case Measure::total_toe:
                return &angles.total_toe;
            case Measure::cross_camber:
                return &angles.cross_camber;
            case Measure::cross_caster:
                return &angles.cross_caster;
            default:
                return nullptr;
        }
    }
    if (const Wheel* w = std::get_if<Wheel>(&where)) {
        const WheelAngles& angles = wheels[index_of(*w)];
        switch (measure) {
            case Measure::toe:
                return &angles.toe;
            case Measure::camber:
                return &angles.camber;
            case Measure::caster:
                return &angles.caster;
            default:
                return nullptr;
        }
    }
    return nullptr;
}

}  // namespace fairchalk
