// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/whole_steps.h"

#include <cmath>
#include <random>

#include <gtest/gtest.h>

#include "core/shim_picker.h"

namespace fairchalk {
namespace {

double cost_of(const WholeSteps& p, const std::vector<std::size_t>& chosen) {
    Eigen::VectorXd u(p.a.cols());
    double work = 0;
    for (Eigen::Index c = 0; c < p.a.cols(); ++c) {
        u[c] = p.choices[static_cast<std::size_t>(c)].effect[chosen[static_cast<std::size_t>(c)]];
        work += p.choices[static_cast<std::size_t>(c)].work[chosen[static_cast<std::size_t>(c)]];
    }
    return (p.a * u - p.b).squaredNorm() + work;
}

/// All of them, one after another.
double least_by_trying(const WholeSteps& p,
                       const std::function<bool(const std::vector<std::size_t>&)>& feasible = {}) {
    std::vector<std::size_t> at(p.choices.size(), 0);
    double least = p.b.squaredNorm();
    for (bool more = true; more;) {
        if (!feasible || feasible(at)) least = std::min(least, cost_of(p, at));
        std::size_t c = 0;
        while (c < at.size() && ++at[c] == p.choices[c].effect.size()) at[c++] = 0;
        more = c < at.size();
    }
    return least;
}

WholeSteps any_problem(std::mt19937_64& rng, int columns, int rows, int choices) {
    std::normal_distribution<> normal;
    std::uniform_real_distribution<> work(0, 0.05);
    WholeSteps p{Eigen::MatrixXd(rows, columns), Eigen::VectorXd(rows), {}};
    for (int i = 0; i < rows; ++i) {
        for (int k = 0; k < columns; ++k) p.a(i, k) = normal(rng);
        p.b[i] = 4 * normal(rng);
    }
    for (int k = 0; k < columns; ++k) {
        Choices c{{0.0}, {0.0}};
        for (int n = 1; n < choices; ++n) {
            c.effect.push_back((n % 2 ? 1 : -1) * (n + 1) / 2 * 0.7 + 0.1 * normal(rng));
            c.work.push_back(work(rng));
        }
        p.choices.push_back(c);
    }
    return p;
}

TEST(WholeSteps, FiveHundredSmallCasesEqualTryingThemAll) {
    std::mt19937_64 rng(11);
    std::uniform_int_distribution<> columns(1, 4), rows(1, 6), choices(2, 7);
    for (int n = 0; n < 500; ++n) {
        const WholeSteps p = any_problem(rng, columns(rng), rows(rng), choices(rng));
        const WholeStepsAnswer a = nearest_whole_steps(p);
        EXPECT_TRUE(a.exact);
        EXPECT_NEAR(a.cost, least_by_trying(p), 1e-9) << n;
        EXPECT_NEAR(a.cost, cost_of(p, a.chosen), 1e-9) << n;
    }
}

TEST(WholeSteps, MoreAdjustersThanMissesTakesTheLeastWork) {
    // Two adjusters that do the same: the cheaper one is used.
    WholeSteps p{Eigen::MatrixXd(1, 2), Eigen::VectorXd::Constant(1, 2.0), {}};
    p.a << 1.0, 1.0;
    p.choices = {{{0, 1, 2}, {0, 0.3, 0.4}}, {{0, 1, 2}, {0, 0.1, 0.2}}};
    const WholeStepsAnswer a = nearest_whole_steps(p);
    EXPECT_EQ(a.chosen, (std::vector<std::size_t>{0, 2}));
    EXPECT_NEAR(a.cost, 0.2, 1e-12);
}

TEST(WholeSteps, WhatIsNotFeasibleIsPassedOver) {
    std::mt19937_64 rng(12);
    for (int n = 0; n < 100; ++n) {
        const WholeSteps p = any_problem(rng, 3, 4, 6);
        const auto odd = [](const std::vector<std::size_t>& c) { return (c[0] + c[1] + c[2]) % 2 == 0; };
        EXPECT_NEAR(nearest_whole_steps(p, odd).cost, least_by_trying(p, odd), 1e-9);
    }
    // Where nothing can be done, all is left alone.
    const WholeSteps p = any_problem(rng, 2, 2, 5);
    const auto never = [](const std::vector<std::size_t>& c) { return c[0] + c[1] == 0; };
    EXPECT_EQ(nearest_whole_steps(p, never).chosen, (std::vector<std::size_t>{0, 0}));
}

std::vector<ShimsOf> shims(std::initializer_list<std::pair<double, int>> all, bool spans = false) {
    std::vector<ShimsOf> out;
    for (const auto& [mm, n] : all) out.push_back({Length::from_mm(mm), n, spans});
    return out;
}
double thickness(const std::vector<ShimsOf>& stack) {
    double mm = 0;
    for (const ShimsOf& s : stack) mm += s.thickness.mm() * s.count;
    return mm;
}

TEST(ShimPicker, MovesAsFewAsItCanAndSaysFromWhereToWhere) {
    StackWanted w{"shims-fl", {shims({{1.0, 2}}), shims({{0.5, 1}, {1.5, 1}})}, {0.5, -1.5}, true};
    const auto tin = shims({{0.5, 1}, {1.0, 4}});
    const auto p = pick_shims(std::span(&w, 1), tin);
    ASSERT_TRUE(p);
    EXPECT_NEAR(thickness(p->stacks[0][0]), 2.5, 1e-9);
    EXPECT_NEAR(thickness(p->stacks[0][1]), 0.5, 1e-9);
    // One 1.5 out at the rear, one 0.5 in at the front.
    EXPECT_EQ(p->handled, 2);
    ASSERT_EQ(p->moves.size(), 2u);
    EXPECT_EQ(p->moves[0].from, "tin");
    EXPECT_EQ(p->moves[0].to, "shims-fl front");
    EXPECT_EQ(p->moves[1].from, "shims-fl rear");
    EXPECT_EQ(p->moves[1].to, "tin");
}

TEST(ShimPicker, ANearStackIsATinToo) {
    std::vector<StackWanted> w = {
        {"shims-fl", {shims({{2.0, 1}}), shims({{2.0, 1}})}, {1.5, 0}, true},
        {"shims-fr", {shims({{1.5, 1}, {1.0, 1}}), shims({{1.0, 1}})}, {-1.5, 0}, true}};
    const auto p = pick_shims(w, {});
    ASSERT_TRUE(p);
    ASSERT_EQ(p->moves.size(), 1u);
    EXPECT_EQ(p->moves[0].from, "shims-fr front");
    EXPECT_EQ(p->moves[0].to, "shims-fl front");
    EXPECT_NEAR(p->moves[0].shims.thickness.mm(), 1.5, 1e-9);
}

TEST(ShimPicker, WhatTheTinDoesNotMakeUpIsNotMadeUp) {
    StackWanted w{"s", {shims({{1.0, 1}}), {}}, {0.25, 0}, true};
    EXPECT_FALSE(pick_shims(std::span(&w, 1), shims({{0.5, 3}, {1.0, 3}})));
    w.add = {-1.5, 0};
    EXPECT_FALSE(pick_shims(std::span(&w, 1), shims({{0.5, 3}}))) << "more out than is in";
}

TEST(ShimPicker, APlateAcrossBothBoltsIsOneShimInBoth) {
    StackWanted w;
    w.adjuster = "s";
    w.add = {2.0, 2.0};
    std::vector<ShimsOf> tin = shims({{1.0, 4}});
    auto p = pick_shims(std::span(&w, 1), tin);
    ASSERT_TRUE(p);
    EXPECT_EQ(p->handled, 4);
    const auto plate = shims({{2.0, 1}}, true);
    tin.insert(tin.end(), plate.begin(), plate.end());
    p = pick_shims(std::span(&w, 1), tin);
    ASSERT_TRUE(p);
    EXPECT_EQ(p->handled, 1);
    EXPECT_NEAR(thickness(p->stacks[0][0]), 2.0, 1e-9);
    EXPECT_NEAR(thickness(p->stacks[0][1]), 2.0, 1e-9);
}

TEST(ShimPicker, ReachableChangesAreTheSumsThatThereAre) {
    const auto r = reachable_changes(shims({{1.0, 1}}), shims({{0.5, 1}, {2.0, 1}}), 2.0);
    EXPECT_EQ(r, (std::vector<double>{-1.0, -0.5, 0.0, 0.5, 1.0, 1.5, 2.0}));
}

}  // namespace
}  // namespace fairchalk
