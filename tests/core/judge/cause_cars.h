// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cmath>
#include <random>

#include <Eigen/Dense>

#include "core/judge/causes.h"

namespace fairchalk::testing {

inline constexpr std::array<double, 4> read_to = {0.04, 0.08, 0.2, 0.4};  // toe, camber, caster, SAI: sigmas

/// What one corner reads twice, `mm` of a cause between.
inline Changed seen(const Corner& c, Cause cause, double mm, std::mt19937_64& random,
                    Side side = Side::left) {
    std::normal_distribution<double> n(0.0, 1.0);
    std::array<double, 4> by{};
    if (cause == Cause::upright_bent) {
        const double bent = std::atan(mm / 190.0) / one_degree;
        by = {0.25 * bent * n(random), bent, 0.1 * bent * n(random), 0.1 * bent * n(random)};
    } else if (cause != Cause::nothing) {
        const auto after = solve_corner(c, one_mm(c, cause) * mm);
        const CornerAngles before = angles_of(c);
        if (!after) return {};
        by = {(after->toe - before.toe).deg(), (after->camber - before.camber).deg(),
              (after->caster - before.caster).deg(), (after->sai - before.sai).deg()};
    }
    Changed out;
    out.covariance = Eigen::MatrixXd::Zero(4, 4);
    for (int i = 0; i < 4; ++i) {
        const auto k = static_cast<std::size_t>(i);
        out.rows.push_back({side, static_cast<Changed::What>(i), by[k] + read_to[k] * n(random)});
        out.covariance(i, i) = read_to[k] * read_to[k];
    }
    return out;
}

struct Score {
    int cars = 0, first = 0, in_three = 0, sure = 0, sure_right = 0;
    double share(int of) const { return static_cast<double>(of) / cars; }
};

/// Draws a cause and its size on corners that `corner` makes, until so many were read.
template <class MakeCorner>
Score score(CornerKind kind, RodSide rods, int cars, std::uint64_t seed, MakeCorner&& corner) {
    std::mt19937_64 random(seed);
    std::vector<Cause> all = causes_of(kind);
    // A spring goes by more than 6 mm before an angle shows it, and is found by its height.
    std::erase(all, Cause::sag);
    std::uniform_real_distribution<double> size(1.0, 6.0);
    Score out;
    while (out.cars < cars) {
        const Cause cause = all[random() % all.size()];
        const Changed changed = seen(corner(random), cause, (random() % 2 ? 1 : -1) * size(random), random);
        if (changed.rows.empty()) continue;
        const auto why = why_it_moved(kind, rods, changed);
        ++out.cars;
        out.first += why[0].cause == cause;
        for (std::size_t i = 0; i < 3; ++i) out.in_three += why[i].cause == cause;
        if (why[0].probability >= 0.8) {
            ++out.sure;
            out.sure_right += why[0].cause == cause;
        }
    }
    return out;
}

}  // namespace fairchalk::testing
