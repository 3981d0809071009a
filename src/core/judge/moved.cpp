// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/moved.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <utility>

#include "core/network/posterior.h"
#include "core/quantity/normal.h"

namespace fairchalk {
namespace {

/// A change that nobody would go after, degrees: what surely is smaller has not moved.
double no_matter(Measure m) {
    return m == Measure::caster ? 0.5 : m == Measure::camber ? 0.25 : 0.12;
}
constexpr double false_alarms = 0.05;  // of cars of which nothing moved

double sigma_of(Changed::What what) {
    return what == Changed::What::toe      ? put_down(Measure::toe)
           : what == Changed::What::camber ? put_down(Measure::camber)
                                           : put_down(Measure::caster);
}

int unknown_of(const Posterior& p, Wheel w, Changed::What what) {
    const auto at = static_cast<std::size_t>(index_of(w));
    switch (what) {
        case Changed::What::toe:
            return p.last_of(WheelAngle::toe)[at];
        case Changed::What::camber:
            return p.last_of(WheelAngle::camber)[at];
        case Changed::What::caster:
            return p.last_of(WheelAngle::caster)[at];
        case Changed::What::sai:
            return p.last_sai[at];
        case Changed::What::rod:
            break;
    }
    return -1;
}

/// One estimate's part in the changes of an axle: the value and its gradient.
std::optional<std::pair<double, Eigen::VectorXd>> angle_in(const Estimate& e, Wheel w, Changed::What what) {
    const Posterior& p = *e.posterior;
    const int at = unknown_of(p, w, what);
    if (at < 0) return std::nullopt;
    Eigen::VectorXd g = Eigen::VectorXd::Zero(p.x.size());
    g[at] = 1.0 / one_degree;
    if (!p.estimable(g)) return std::nullopt;
    return std::pair(p.x[at] / one_degree, g);
}

}  // namespace

double put_down(Measure m) {
    return m == Measure::caster ? 0.08 : m == Measure::camber ? 0.05 : 0.03;
}

std::string_view name_of(HasMoved m) {
    return m == HasMoved::moved ? "moved" : m == HasMoved::stayed ? "not-moved" : "cannot-tell";
}

std::vector<MovedAngle> what_moved(const Estimate& then, const Estimate& now) {
    std::vector<MovedAngle> out;
    for (const CarAngle& angle : angles_of_a_car()) {
        if (is_cross(angle.measure)) continue;
        const KnownAngle *a = then.find(angle), *b = now.find(angle);
        if (!a || !b || !a->known || !b->known) continue;
        MovedAngle m{angle, *a, *b, b->value - a->value, {}, HasMoved::cannot_tell};
        m.sigma = Angle::from_deg(std::hypot(a->sigma.deg(), b->sigma.deg(), put_down(m.measure)));
        out.push_back(std::move(m));
    }
    const double z =
        out.empty() ? 0.0 : normal_quantile(1.0 - false_alarms / 2.0 / static_cast<double>(out.size()));
    for (MovedAngle& m : out) {
        const double by = std::abs(m.by.deg());
        if (by > z * m.sigma.deg())
            m.call = HasMoved::moved;
        else if (by + k95 * m.sigma.deg() < no_matter(m.measure))
            m.call = HasMoved::stayed;
    }
    return out;
}

bool moved_at(const std::vector<MovedAngle>& moved, Axle axle) {
    return std::any_of(moved.begin(), moved.end(), [&](const MovedAngle& m) {
        const Wheel* w = std::get_if<Wheel>(&m.where);
        return m.call == HasMoved::moved && w && axle_of(*w) == axle;
    });
}

namespace {

constexpr double measured_mm = 0.7;  // of the difference of two measured lengths

/// Follows a log; what was measured of a rod holds until it is turned.
RodLengths rods_along(const Job& job, bool only_begin) {
    RodLengths out;
    std::array<bool, 4> turned{};
    const auto note = [&](Wheel w, bool thread, double mm) {
        const auto at = static_cast<std::size_t>(index_of(w));
        auto& value = thread ? out.thread[at] : out.rod[at];
        if (only_begin && (turned[at] || value)) return;
        value = mm;
    };
    for (std::size_t i = 0; i < job.log->size(); ++i) {
        if (!job.live(i)) continue;
        const auto& what = (*job.log)[i].event;
        if (const Turn* t = std::get_if<Turn>(&what)) {
            for (Wheel w : all_wheels)
                if (const Adjuster* rod = job.car.rod_at(w); rod && rod->id == t->adjuster) {
                    const auto at = static_cast<std::size_t>(index_of(w));
                    turned[at] = true;
                    if (!only_begin) out.rod[at].reset(), out.thread[at].reset();
                }
        } else if (const Reading* r = std::get_if<Reading>(&what)) {
            if (r->spot.wheel &&
                (r->spot.kind == ReadingId::rod_length || r->spot.kind == ReadingId::thread_exposed))
                note(*r->spot.wheel, r->spot.kind == ReadingId::thread_exposed, r->value.value);
        } else if (const BaselineNote* b = std::get_if<BaselineNote>(&what); b && b->value) {
            for (Wheel w : all_wheels)
                for (const bool thread : {false, true})
                    if (b->item == (thread ? "thread-exposed " : "rod-length ") + std::string(name_of(w)))
                        note(w, thread, b->value->value);
        }
    }
    return out;
}

}  // namespace

RodLengths rods_at_begin(const Job& job) {
    return rods_along(job, true);
}
RodLengths rods_at_end(const Job& job) {
    return rods_along(job, false);
}

Changed changed_between(const Estimate& then, const Estimate& now, Axle axle, const RodLengths& rods_then,
                        const RodLengths& rods_now) {
    using What = Changed::What;
    Changed out;
    if (!then.posterior || !now.posterior) return out;
    std::vector<Eigen::VectorXd> before, after;
    for (Side side : both_sides)
        for (What what : {What::toe, What::camber, What::caster, What::sai}) {
            const Wheel w = wheel_at(axle, side);
            const auto a = angle_in(then, w, what), b = angle_in(now, w, what);
            if (!a || !b) continue;
            out.rows.push_back({side, what, b->first - a->first});
            before.push_back(a->second);
            after.push_back(b->second);
        }
    // The rods come last: measured apart from all angles.
    const auto angles = static_cast<Eigen::Index>(out.rows.size());
    for (Side side : both_sides) {
        const auto at = static_cast<std::size_t>(index_of(wheel_at(axle, side)));
        for (const auto& [a, b] :
             {std::pair(rods_then.rod[at], rods_now.rod[at]), {rods_then.thread[at], rods_now.thread[at]}})
            if (a && b) {
                out.rows.push_back({side, What::rod, *b - *a});
                break;
            }
    }
    if (angles == 0) out.rows.clear();
    const auto n = static_cast<Eigen::Index>(out.rows.size());
    out.covariance = Eigen::MatrixXd::Zero(n, n);
    for (Eigen::Index i = angles; i < n; ++i) out.covariance(i, i) = measured_mm * measured_mm;
    for (Eigen::Index i = 0; i < angles; ++i)
        for (Eigen::Index j = 0; j < angles; ++j) {
            const auto a = static_cast<std::size_t>(i), b = static_cast<std::size_t>(j);
            out.covariance(i, j) = before[a].dot(then.posterior->covariance * before[b]) +
                                   after[a].dot(now.posterior->covariance * after[b]);
            if (i == j) out.covariance(i, j) += std::pow(sigma_of(out.rows[a].what), 2);
        }
    return out;
}

std::optional<CornerKind> corner_kind_of(const CarCard& car, Axle axle) {
    switch (car.axle(axle).suspension) {
        case Suspension::double_wishbone:
            return CornerKind::double_wishbone;
        case Suspension::strut:
            return CornerKind::strut;
        default:
            return std::nullopt;
    }
}

std::vector<Explained> explained(const CarCard& car, const Estimate& then, const Estimate& now, Axle axle,
                                 const RodLengths& rods_then, const RodLengths& rods_now) {
    const auto kind = corner_kind_of(car, axle);
    if (!kind) return {};
    RodSide rods = RodSide::behind_axle;
    for (Side side : both_sides)
        if (const Adjuster* rod = car.rod_at(wheel_at(axle, side)); rod && rod->rod == RodSide::ahead_of_axle)
            rods = RodSide::ahead_of_axle;
    return why_it_moved(*kind, rods, changed_between(then, now, axle, rods_then, rods_now));
}

std::vector<Explained> left_against_right(const CarCard& car, const Estimate& now, Axle axle) {
    using What = Changed::What;
    const auto kind = corner_kind_of(car, axle);
    if (!kind || !now.posterior) return {};
    Changed apart;
    std::vector<Eigen::VectorXd> gradients;
    for (What what : {What::camber, What::caster, What::sai}) {
        const auto left = angle_in(now, wheel_at(axle, Side::left), what),
                   right = angle_in(now, wheel_at(axle, Side::right), what);
        if (!left || !right) continue;
        apart.rows.push_back({Side::left, what, left->first - right->first});
        gradients.push_back(left->second - right->second);
    }
    const auto n = static_cast<Eigen::Index>(gradients.size());
    if (n == 0) return {};
    apart.covariance = Eigen::MatrixXd::Zero(n, n);
    for (Eigen::Index i = 0; i < n; ++i)
        for (Eigen::Index j = 0; j < n; ++j) {
            const auto a = static_cast<std::size_t>(i), b = static_cast<std::size_t>(j);
            apart.covariance(i, j) = gradients[a].dot(now.posterior->covariance * gradients[b]);
            if (i == j) apart.covariance(i, j) += std::pow(apart.rows[a].what == What::camber ? 0.2 : 0.3, 2);
        }
    std::vector<Explained> out = why_it_moved(*kind, RodSide::behind_axle, apart);
    // What moves both wheels makes no difference between them, and a rod none in these angles.
    const auto of_axle = axle_causes_of(*kind);
    std::erase_if(out, [&](const Explained& e) {
        return e.cause == Cause::rod_length ||
               std::find(of_axle.begin(), of_axle.end(), e.cause) != of_axle.end() || e.side == Side::right;
    });
    double sum = 0.0;
    for (const Explained& e : out) sum += e.probability;
    for (Explained& e : out) e.probability /= sum > 0.0 ? sum : 1.0;
    return out;
}

}  // namespace fairchalk
