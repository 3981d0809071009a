// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <vector>

#include <Eigen/Core>

namespace fairchalk {

// Integer least squares with work: which whole steps of several adjusters at once come nearest to all aims,
// with the least to do among equals.

/// What one adjuster can be set to: each choice with what it does along its column of `WholeSteps::a`, and
/// with what it costs to do it. Choice 0 is to leave it alone: effect 0, work 0.
struct Choices {
    std::vector<double> effect;
    std::vector<double> work;
    /// Their order, and the least step between two of them, where one who searches often has made it once
    /// (`put_in_order`).
    std::vector<std::size_t> by_effect = {}, by_work = {};
    double step = 0.0;
    void put_in_order();
};

/// Minimize |a u - b|^2 + sum of work over one choice for each column, u being the effects of the choices.
struct WholeSteps {
    Eigen::MatrixXd a;  ///< misses x adjusters, in units of tolerance
    Eigen::VectorXd b;
    std::vector<Choices> choices;
    std::vector<bool> limited = {};  ///< the columns that `feasible` is about; empty: all
};

inline constexpr std::size_t undecided = static_cast<std::size_t>(-1);

struct WholeStepsAnswer {
    std::vector<std::size_t> chosen;  ///< by column; all 0 where nothing better is possible
    double cost = 0.0;
    long nodes = 0;
    bool exact = true;  ///< false: it gave up at `most_nodes`, with the best found so far
};

/// Branch and bound on the triangular factor of `a` (C. P. Schnorr, M. Euchner, Lattice basis reduction,
/// Mathematical Programming 66 (1994): nearest choices first, cut off by the best so far). `feasible` refuses
/// answers, such as stacks that the shims at hand do not make up; it is asked of parts too, with `undecided`
/// for the rest, and must not refuse a part of what it takes.
WholeStepsAnswer nearest_whole_steps(
    const WholeSteps& problem, const std::function<bool(const std::vector<std::size_t>&)>& feasible = {},
    long most_nodes = 4'000'000);

}  // namespace fairchalk
