// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/shop_bias.h"

#include <algorithm>
#include <cmath>

#include <Eigen/Dense>

#include "core/judge/moved.h"
#include "core/network/posterior.h"
#include "core/quantity/normal.h"

namespace fairchalk {
namespace {

constexpr double told_by_chance = 0.05;
constexpr double far_wider = 4.0;
constexpr double anything_deg = 5.0;

/// What a figure of such an angle is made of: the same on both sides, and the other way on the right.
struct Family {
    Measure single, pair;  ///< `pair`: both wheels together; the same as `single` where there is none
    std::optional<Axle> axle;
    BiasSource alike, sided;
};
constexpr std::array families = {
    Family{Measure::toe, Measure::total_toe, Axle::front, BiasSource::toe_reading,
           BiasSource::straight_ahead},
    Family{Measure::toe, Measure::total_toe, Axle::rear, BiasSource::toe_reading, BiasSource::rear_strings},
    Family{Measure::camber, Measure::camber, std::nullopt, BiasSource::gauge_zero, BiasSource::floor},
    Family{Measure::caster, Measure::caster, std::nullopt, BiasSource::sweep, BiasSource::floor},
};

std::optional<Eigen::RowVector2d> share(const Family& f, const CarAngle& angle) {
    if (const Wheel* w = std::get_if<Wheel>(&angle.where)) {
        if (angle.measure != f.single || (f.axle && axle_of(*w) != *f.axle)) return std::nullopt;
        return Eigen::RowVector2d(1.0, side_of(*w) == Side::left ? 1.0 : -1.0);
    }
    const Axle* a = std::get_if<Axle>(&angle.where);
    if (!a || f.pair == f.single || angle.measure != f.pair || (f.axle && *a != *f.axle)) return std::nullopt;
    return Eigen::RowVector2d(2.0, 0.0);
}

WheelAngle wheel_angle(Measure m) {
    return m == Measure::camber   ? WheelAngle::camber
           : m == Measure::caster ? WheelAngle::caster
                                  : WheelAngle::toe;
}

Eigen::VectorXd gradient(const Posterior& p, const CarAngle& angle) {
    Target t;
    static_cast<CarAngle&>(t) = angle;
    return p.gradient_of(t);
}

/// Normal equations of one family, and what its figures leave over.
struct Sums {
    Eigen::Matrix2d normal = Eigen::Matrix2d::Zero();
    Eigen::Vector2d right = Eigen::Vector2d::Zero();
    double weighted = 0.0;  ///< d' C^-1 d
    int figures = 0, sheets = 0;
};

void add(Sums& sums, const Family& family, const SheetBeside& beside) {
    std::vector<ComparedAngle> rows;
    for (const ComparedAngle& c : compared(beside)) {
        if (!share(family, c)) continue;
        // A total says nothing that both its wheels do not say.
        const bool total = std::holds_alternative<Axle>(c.where);
        if (!total || rows.empty()) rows.push_back(c);
    }
    if (rows.size() > 1)
        std::erase_if(rows, [](const ComparedAngle& c) { return std::holds_alternative<Axle>(c.where); });
    if (rows.empty()) return;
    const auto n = static_cast<Eigen::Index>(rows.size());
    Eigen::MatrixXd a(n, 2), c = Eigen::MatrixXd::Zero(n, n);
    Eigen::VectorXd d(n);
    const Posterior* p = beside.own.posterior.get();
    for (Eigen::Index i = 0; i < n; ++i) {
        const ComparedAngle& one = rows[static_cast<std::size_t>(i)];
        a.row(i) = *share(family, one);
        d[i] = one.by.deg();
        for (Eigen::Index j = 0; j < n; ++j)
            if (p)
                c(i, j) =
                    gradient(*p, one).dot(p->covariance * gradient(*p, rows[static_cast<std::size_t>(j)])) /
                    (one_degree * one_degree);
        if (!p) c(i, i) = std::pow(one.own.sigma.deg(), 2);
        c(i, i) += std::pow(one.shop_sigma.deg(), 2) + std::pow(put_down(one.measure), 2);
    }
    const Eigen::LDLT<Eigen::MatrixXd> inverse(c);
    sums.normal += a.transpose() * inverse.solve(a);
    sums.right += a.transpose() * inverse.solve(d);
    sums.weighted += d.dot(inverse.solve(d));
    sums.figures += static_cast<int>(n);
    ++sums.sheets;
}

}  // namespace

Angle shop_sigma(Measure m) {
    return Angle::from_deg(m == Measure::caster || m == Measure::cross_caster   ? 0.15
                           : m == Measure::camber || m == Measure::cross_camber ? 0.05
                                                                                : 0.03);
}

std::vector<ComparedAngle> compared(const SheetBeside& beside) {
    std::vector<ComparedAngle> out;
    for (const ShopSheet::Figure& f : beside.sheet.figures) {
        const KnownAngle* own = beside.own.find(f);
        if (!own || !own->known) continue;
        ComparedAngle c;
        static_cast<CarAngle&>(c) = f;
        c.shop = f.value;
        c.shop_sigma = shop_sigma(f.measure);
        c.own = *own;
        c.by = own->value - f.value;
        c.sigma = Angle::from_deg(std::hypot(own->sigma.deg(), c.shop_sigma.deg(), put_down(f.measure)));
        c.call = std::abs(c.by.deg()) > k95 * c.sigma.deg()          ? ComparedAngle::Call::differs
                 : own->sigma.deg() > far_wider * c.shop_sigma.deg() ? ComparedAngle::Call::cannot_tell
                                                                     : ComparedAngle::Call::agrees;
        out.push_back(std::move(c));
    }
    return out;
}

std::vector<GarageBias> garage_bias(std::span<const SheetBeside> sheets) {
    std::vector<GarageBias> out;
    for (const Family& family : families) {
        Sums sums;
        for (const SheetBeside& s : sheets) add(sums, family, s);
        if (sums.sheets == 0) continue;
        // Of one wheel alone nobody knows which of the two it is: what the figures leave as vague as this is
        // not said.
        Eigen::Matrix2d normal = sums.normal;
        normal.diagonal().array() += 1.0 / (anything_deg * anything_deg);
        const Eigen::Matrix2d covariance = normal.inverse();
        const Eigen::Vector2d fit = covariance * sums.right;
        const auto told = [&](int k) { return std::sqrt(covariance(k, k)) < 0.2 * anything_deg; };
        const int left_over = sums.figures - (told(0) ? 1 : 0) - (told(1) ? 1 : 0);
        const double scatter =
            left_over > 0 ? std::max(1.0, (sums.weighted - fit.dot(sums.right)) / left_over) : 1.0;
        for (int k = 0; k < 2; ++k) {
            if (!told(k)) continue;
            GarageBias b;
            b.by = {wheel_angle(family.single), k == 1, family.axle, Angle::from_deg(fit[k]),
                    Angle::from_deg(std::sqrt(scatter * covariance(k, k)))};
            b.source = k == 1 ? family.sided : family.alike;
            b.sheets = sums.sheets;
            out.push_back(b);
        }
    }
    if (out.empty()) return out;
    const double z = normal_quantile(1.0 - told_by_chance / 2.0 / static_cast<double>(out.size()));
    for (GarageBias& b : out) b.stands_out = std::abs(b.by.value.deg()) > z * b.by.sigma.deg();
    return out;
}

}  // namespace fairchalk
