// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/causes.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <mutex>
#include <numbers>
#include <random>
#include <utility>

#include <Eigen/Dense>

#include "core/quantity/named.h"

namespace fairchalk {
namespace {

using H = Hardpoint;

constexpr std::array<std::string_view, 18> names = {"nothing",
                                                    "none-of-these",
                                                    "rod-length",
                                                    "upper-arm-in-out",
                                                    "upper-arm-fore-aft",
                                                    "upper-pivot-front",
                                                    "upper-pivot-rear",
                                                    "lower-arm-in-out",
                                                    "lower-arm-fore-aft",
                                                    "lower-pivot-front",
                                                    "lower-pivot-rear",
                                                    "strut-top-in-out",
                                                    "strut-top-fore-aft",
                                                    "upright-bent",
                                                    "sag",
                                                    "rack-shift",
                                                    "subframe-sideways",
                                                    "subframe-turned"};

constexpr double joints_lie_within_mm = 10.0;  // one sigma
/// One sigma of how far a cause goes; springs go further than joints before anybody looks.
double goes_mm(Cause c) {
    return c == Cause::sag ? 12.0 : 3.0;
}
constexpr double none_prior = 0.03, nothing_prior = 0.5, axle_share = 0.15;
constexpr int scattered_cars = 160;
/// What "none of these" may do: degrees of toe, camber, caster, SAI; mm of a rod.
constexpr std::array<double, 5> anything = {0.5, 0.7, 1.2, 1.2, 3.0};
/// A spindle is bent by so much of an angle for each mm at the rim's lip.
constexpr double lip_radius_mm = 190.0;
/// How far a sub-frame's turning goes at the hub, for each mm at its corner bolts.
constexpr double subframe_half_mm = 350.0;

void in_x(CornerMove& m, H p, double by) {
    m.at(p).x() += by;
}
void in_y(CornerMove& m, H p, double by) {
    m.at(p).y() += by;
}

bool on_the_subframe(H p) {
    return p == H::lca_front || p == H::lca_rear || p == H::rod_inner;
}

/// Toe, camber, caster, SAI in degrees.
Eigen::Vector4d angles(const Corner& c, const CornerMove& m, bool& solved) {
    const auto a = solve_corner(c, m);
    solved = solved && a.has_value();
    if (!a) return Eigen::Vector4d::Zero();
    return {a->toe.deg(), a->camber.deg(), a->caster.deg(), a->sai.deg()};
}

Corner drawn(CornerKind kind, RodSide rods) {
    Corner c = kind == CornerKind::strut ? sample_strut() : sample_wishbone();
    if (rods == RodSide::ahead_of_axle)
        for (H p : {H::rod_inner, H::rod_outer}) c.at(p).x() = 2.0 * c.at(H::lower).x() - c.at(p).x();
    return c;
}

Corner scattered(Corner c, std::mt19937_64& random) {
    std::normal_distribution<double> off(0.0, joints_lie_within_mm);
    for (H p : points_of(c.kind))
        if (p != H::hub && p != H::strut_low)
            for (int k = 0; k < 3; ++k) c.at(p)[k] += off(random);
    // What slides in the strut stays on its axis.
    if (c.kind == CornerKind::strut)
        c.at(H::strut_low) = c.at(H::lower) + (c.at(H::top) - c.at(H::lower)) * 0.55;
    return c;
}

PerMm work_out(CornerKind kind, RodSide rods, Cause cause, Side side) {
    PerMm out;
    if (cause == Cause::upright_bent) {
        const double bent = std::atan(1.0 / lip_radius_mm) / one_degree;
        out.mean[1] = bent;
        out.covariance.diagonal() << std::pow(0.3 * bent, 2), std::pow(0.2 * bent, 2),
            std::pow(0.15 * bent, 2), std::pow(0.15 * bent, 2);
        return out;
    }
    std::mt19937_64 random(19);
    std::vector<Eigen::Vector4d> each;
    for (int car = 0; car < scattered_cars; ++car) {
        const Corner c = scattered(drawn(kind, rods), random);
        const CornerMove m = one_mm(c, cause, side);
        bool solved = true;
        const Eigen::Vector4d d = (angles(c, m, solved) - angles(c, m * -1.0, solved)) / 2.0;
        if (solved) each.push_back(d);
    }
    const auto n = static_cast<double>(each.size());
    for (const auto& d : each) out.mean += d / n;
    for (const auto& d : each) out.covariance += (d - out.mean) * (d - out.mean).transpose() / (n - 1.0);
    return out;
}

double log_density(const Eigen::VectorXd& off, const Eigen::MatrixXd& covariance) {
    const Eigen::LLT<Eigen::MatrixXd> llt(covariance);
    if (llt.info() != Eigen::Success) return -1e300;
    double half_log_det = 0.0;
    for (Eigen::Index i = 0; i < off.size(); ++i) half_log_det += std::log(llt.matrixL()(i, i));
    return -0.5 * off.dot(llt.solve(off)) - half_log_det;
}

/// Of one cause with its size, N(0, goes), integrated out by Simpson's rule over 4 sigma each way.
struct Weighed {
    double log_evidence, mean, sigma;
};
Weighed weigh(double goes, const Eigen::VectorXd& by, const Eigen::MatrixXd& covariance,
              const Eigen::VectorXd& mean, const Eigen::MatrixXd& scatter) {
    constexpr int steps = 96;  // even
    const double from = -4.0 * goes, h = 8.0 * goes / steps;
    std::array<double, steps + 1> log_w{};
    for (int i = 0; i <= steps; ++i) {
        const double s = from + h * i;
        const double simpson = i == 0 || i == steps ? 1.0 : i % 2 ? 4.0 : 2.0;
        log_w[static_cast<std::size_t>(i)] = std::log(simpson * h / 3.0) - 0.5 * std::pow(s / goes, 2) -
                                             std::log(goes * std::sqrt(2.0 * std::numbers::pi)) +
                                             log_density(by - s * mean, covariance + s * s * scatter);
    }
    const double most = *std::max_element(log_w.begin(), log_w.end());
    double sum = 0.0, first = 0.0, second = 0.0;
    for (int i = 0; i <= steps; ++i) {
        const double s = from + h * i, w = std::exp(log_w[static_cast<std::size_t>(i)] - most);
        sum += w;
        first += w * s;
        second += w * s * s;
    }
    const double m = first / sum;
    return {most + std::log(sum), m, std::sqrt(std::max(0.0, second / sum - m * m))};
}

}  // namespace

const PerMm& per_mm(CornerKind kind, RodSide rods, Cause cause, Side side) {
    static std::mutex one_at_a_time;
    // It hangs on the kind alone: worked out once.
    static std::map<std::tuple<CornerKind, RodSide, Cause, Side>, PerMm> known;
    const std::lock_guard lock(one_at_a_time);
    const auto key = std::tuple(kind, rods, cause, side);
    auto it = known.find(key);
    if (it == known.end()) it = known.emplace(key, work_out(kind, rods, cause, side)).first;
    return it->second;
}

std::string_view name_of(Cause c) {
    return names[static_cast<std::size_t>(c)];
}
std::optional<Cause> cause_named(std::string_view text) {
    return named<Cause>(names, text);
}

std::vector<Cause> causes_of(CornerKind kind) {
    using C = Cause;
    if (kind == CornerKind::double_wishbone)
        return {C::rod_length,
                C::upper_arm_in_out,
                C::upper_arm_fore_aft,
                C::upper_pivot_front,
                C::upper_pivot_rear,
                C::lower_arm_in_out,
                C::lower_arm_fore_aft,
                C::lower_pivot_front,
                C::lower_pivot_rear,
                C::upright_bent,
                C::sag};
    if (kind == CornerKind::strut)
        return {C::rod_length,       C::strut_top_in_out,   C::strut_top_fore_aft,
                C::lower_arm_in_out, C::lower_arm_fore_aft, C::lower_pivot_front,
                C::lower_pivot_rear, C::upright_bent,       C::sag};
    return {};
}

std::vector<Cause> axle_causes_of(CornerKind kind) {
    if (causes_of(kind).empty()) return {};
    return {Cause::rack_shift, Cause::subframe_sideways, Cause::subframe_turned};
}

CornerMove one_mm(const Corner& corner, Cause cause, Side side) {
    CornerMove m;
    // Corners are always drawn as left ones: what goes to the left of the car goes in at the right.
    const double out = side == Side::left ? 1.0 : -1.0;
    const bool strut = corner.kind == CornerKind::strut;
    switch (cause) {
        case Cause::rod_length:
            m.length(Link::rod) += 1.0;
            break;
        case Cause::upper_arm_in_out:
            in_y(m, H::uca_front, 1.0);
            in_y(m, H::uca_rear, 1.0);
            break;
        case Cause::upper_arm_fore_aft:
            in_x(m, H::uca_front, 1.0);
            in_x(m, H::uca_rear, 1.0);
            break;
        case Cause::upper_pivot_front:
            in_y(m, H::uca_front, 1.0);
            break;
        case Cause::upper_pivot_rear:
            in_y(m, H::uca_rear, 1.0);
            break;
        case Cause::lower_arm_in_out:
            in_y(m, H::lca_front, 1.0);
            in_y(m, H::lca_rear, 1.0);
            break;
        case Cause::lower_arm_fore_aft:
            in_x(m, H::lca_front, 1.0);
            in_x(m, H::lca_rear, 1.0);
            break;
        case Cause::lower_pivot_front:
            in_y(m, H::lca_front, 1.0);
            break;
        case Cause::lower_pivot_rear:
            in_y(m, H::lca_rear, 1.0);
            break;
        case Cause::strut_top_in_out:
            in_y(m, H::top, 1.0);
            break;
        case Cause::strut_top_fore_aft:
            in_x(m, H::top, 1.0);
            break;
        case Cause::sag:
            m.hub_height += 1.0;
            break;
        case Cause::rack_shift:
            in_y(m, H::rod_inner, out);
            break;
        case Cause::subframe_sideways:
        case Cause::subframe_turned:
            for (H p : points_of(corner.kind)) {
                const bool with_it =
                    on_the_subframe(p) || (!strut && (p == H::uca_front || p == H::uca_rear));
                if (!with_it) continue;
                if (cause == Cause::subframe_sideways) {
                    in_y(m, p, out);
                } else {
                    // Its front to the left, by one mm at its bolts: each point by how far it lies from the
                    // middle.
                    in_y(m, p, out * corner.at(p).x() / subframe_half_mm);
                    in_x(m, p, -out * corner.at(p).y() / subframe_half_mm);
                }
            }
            break;
        case Cause::upright_bent:
        case Cause::nothing:
        case Cause::none_of_these:
            break;
    }
    return m;
}

std::vector<Explained> why_it_moved(CornerKind kind, RodSide rods, const Changed& changed) {
    const auto n = static_cast<Eigen::Index>(changed.rows.size());
    const std::vector<Cause> corner = causes_of(kind), axle = axle_causes_of(kind);
    if (n == 0 || corner.empty()) return {};
    Eigen::VectorXd by(n);
    for (Eigen::Index i = 0; i < n; ++i) by[i] = changed.rows[static_cast<std::size_t>(i)].by;

    std::vector<Explained> out;
    std::vector<double> log_weight;
    const auto put = [&](Explained e, double prior, double log_evidence) {
        out.push_back(e);
        log_weight.push_back(std::log(prior) + log_evidence);
    };
    put({Cause::nothing, {}, 0.0, 0.0, 0.0}, nothing_prior, log_density(by, changed.covariance));
    Eigen::MatrixXd wide = changed.covariance;
    for (Eigen::Index i = 0; i < n; ++i)
        wide(i, i) +=
            std::pow(anything[static_cast<std::size_t>(changed.rows[static_cast<std::size_t>(i)].what)], 2);
    put({Cause::none_of_these, {}, 0.0, 0.0, 0.0}, none_prior, log_density(by, wide));

    const auto weigh_cause = [&](Cause cause, std::optional<Side> at, double prior) {
        Eigen::VectorXd mean = Eigen::VectorXd::Zero(n);
        Eigen::MatrixXd scatter = Eigen::MatrixXd::Zero(n, n);
        for (Eigen::Index i = 0; i < n; ++i) {
            const Changed::Row& a = changed.rows[static_cast<std::size_t>(i)];
            if (at && a.side != *at) continue;
            if (a.what == Changed::What::rod) {
                mean[i] = cause == Cause::rod_length ? 1.0 : 0.0;
                continue;
            }
            const PerMm& d = per_mm(kind, rods, cause, at ? Side::left : a.side);
            const auto ka = static_cast<Eigen::Index>(a.what);
            mean[i] = d.mean[ka];
            for (Eigen::Index j = 0; j < n; ++j) {
                const Changed::Row& b = changed.rows[static_cast<std::size_t>(j)];
                // The two sides of a car are not out by the same.
                if (b.side == a.side && b.what != Changed::What::rod)
                    scatter(i, j) = d.covariance(ka, static_cast<Eigen::Index>(b.what));
            }
        }
        // Nothing that was read would show it.
        if (mean.isZero(1e-12)) return;
        const Weighed w = weigh(goes_mm(cause), by, changed.covariance, mean, scatter);
        put({cause, at, w.mean, w.sigma, 0.0}, prior, w.log_evidence);
    };
    std::vector<Side> sides;
    for (const Changed::Row& r : changed.rows)
        if (std::find(sides.begin(), sides.end(), r.side) == sides.end()) sides.push_back(r.side);
    const double left = 1.0 - nothing_prior - none_prior;
    const bool both = sides.size() == 2;
    for (Side side : sides)
        for (Cause c : corner)
            weigh_cause(
                c, side,
                left * (both ? 1.0 - axle_share : 1.0) / static_cast<double>(corner.size() * sides.size()));
    if (both)
        for (Cause c : axle) weigh_cause(c, {}, left * axle_share / static_cast<double>(axle.size()));

    const double most = *std::max_element(log_weight.begin(), log_weight.end());
    double sum = 0.0;
    for (std::size_t i = 0; i < out.size(); ++i) sum += out[i].probability = std::exp(log_weight[i] - most);
    for (Explained& e : out) e.probability /= sum;
    std::stable_sort(out.begin(), out.end(),
                     [](const Explained& a, const Explained& b) { return a.probability > b.probability; });
    return out;
}

}  // namespace fairchalk
