// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>
#include <limits>

#include <Eigen/Dense>

#include "core/network/estimate.h"

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

namespace {

/// How large an unknown may be: metres or radians.
double largest_of(Unknown what) {
    switch (what) {
        case Unknown::lip_depth:
            return 0.05;
        case Unknown::string_offset:
        case Unknown::half_width:
        case Unknown::mid_width:
        case Unknown::arm:
        case Unknown::plumb:
            return 0.5;
        default:
            return 0.2;
    }
}
constexpr double matters = 2e-5;  // radians: a thousandth of a degree

}  // namespace

int Posterior::index(Unknown what, int where) const {
    const auto it = now.find({what, where});
    return it == now.end() ? -1 : it->second;
}

bool Posterior::estimable(const Eigen::VectorXd& gradient) const {
    const Eigen::VectorXd g = gradient.cwiseQuotient(scale);
    const Eigen::VectorXd along = null_space.transpose() * g;
    if (along.norm() < 1e-6 * g.norm()) return true;
    // What nothing tells may still be no larger than things are: how deep a lip lies matters to a bar along
    // it only at second order, and no reading tells that.
    for (Eigen::Index k = 0; k < along.size(); ++k) {
        const Eigen::VectorXd d = null_space.col(k).cwiseQuotient(scale);
        double most = std::numeric_limits<double>::infinity();
        for (Eigen::Index i = 0; i < d.size(); ++i)
            if (d[i] != 0.0)
                most = std::min(most, largest_of(keys[static_cast<std::size_t>(i)].what) / std::abs(d[i]));
        if (most * std::abs(along[k]) > matters) return false;
    }
    return true;
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
