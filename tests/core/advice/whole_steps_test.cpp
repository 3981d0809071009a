// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/whole_steps.h"

#include <algorithm>
#include <cmath>
#include <functional>
#include <map>
#include <random>

#include <gtest/gtest.h>

#include "core/car/shim_picker.h"

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
        // Of the third, one choice is refused with whatever else; of all, odd sums.
        const auto odd = [](const std::vector<std::size_t>& c) {
            return c[2] != 3 &&
                   (std::count(c.begin(), c.end(), undecided) > 0 || (c[0] + c[1] + c[2]) % 2 == 0);
        };
        EXPECT_NEAR(nearest_whole_steps(p, odd).cost, least_by_trying(p, odd), 1e-9);
    }
    // Where nothing can be done, all is left alone.
    const WholeSteps p = any_problem(rng, 2, 2, 5);
    const auto never = [](const std::vector<std::size_t>& c) {
        return std::all_of(c.begin(), c.end(), [](std::size_t k) { return k == 0 || k == undecided; });
    };
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
    EXPECT_EQ(p->moves[0].from.name(), "tin");
    EXPECT_EQ(p->moves[0].to.name(), "shims-fl front");
    EXPECT_EQ(p->moves[1].from.name(), "shims-fl rear");
    EXPECT_EQ(p->moves[1].to.name(), "tin");
}

TEST(ShimPicker, ANearStackIsATinToo) {
    std::vector<StackWanted> w = {
        {"shims-fl", {shims({{2.0, 1}}), shims({{2.0, 1}})}, {1.5, 0}, true},
        {"shims-fr", {shims({{1.5, 1}, {1.0, 1}}), shims({{1.0, 1}})}, {-1.5, 0}, true}};
    const auto p = pick_shims(w, {});
    ASSERT_TRUE(p);
    ASSERT_EQ(p->moves.size(), 1u);
    EXPECT_EQ(p->moves[0].from.name(), "shims-fr front");
    EXPECT_EQ(p->moves[0].to.name(), "shims-fl front");
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

/// The fewest handled, by trying all that can be done; -1 where nothing makes it up.
int fewest_by_trying(const std::vector<StackWanted>& wanted, const std::vector<ShimsOf>& tin) {
    using Key = std::pair<long, bool>;
    const auto key = [](const ShimsOf& s) { return Key{std::lround(s.thickness.mm() * 100), s.spans}; };
    std::map<Key, int> left;
    for (const ShimsOf& s : tin) left[key(s)] += s.count;
    for (const StackWanted& w : wanted)
        for (int s = 0; s < 2; ++s)
            for (const ShimsOf& o : w.now[static_cast<std::size_t>(s)])
                if (!(o.spans && s == 1)) left[key(o)] += o.count;
    // Of every adjuster: plates, front, rear; one kind after the other.
    int best = -1;
    const std::function<void(std::size_t, int, std::map<Key, int>::iterator, long, long, int)> go =
        [&](std::size_t i, int part, std::map<Key, int>::iterator at, long sum, long under, int handled) {
            if (i == wanted.size()) {
                if (best < 0 || handled < best) best = handled;
                return;
            }
            const StackWanted& w = wanted[i];
            const auto stack = static_cast<std::size_t>(std::max(0, part - 1));
            long total = std::lround(w.add[stack] * 100);
            for (const ShimsOf& o : w.now[stack]) total += key(o).first * o.count;
            if (at == left.end()) {
                if (part > 0 && sum + under != total) return;
                if (part == 2)
                    go(i + 1, 0, left.begin(), 0, 0, handled);
                else
                    go(i, part + 1, left.begin(), 0, part == 0 ? sum : under, handled);
                return;
            }
            int now = 0;
            for (const ShimsOf& o : w.now[stack])
                if (key(o) == at->first) now += o.count;
            const int have = at->first.second == (part == 0) ? at->second : 0;
            for (int n = 0; n <= have; ++n) {
                at->second -= n;
                const bool counts = at->first.second == (part == 0);
                go(i, part, std::next(at), sum + n * at->first.first, under,
                   handled + (counts ? std::abs(n - now) : 0));
                at->second += n;
            }
        };
    go(0, 0, left.begin(), 0, 0, 0);
    return best;
}

TEST(ShimPicker, HandlesAsFewAsTryingAllOfIt) {
    std::mt19937 rng(5);
    const auto up_to = [&](int most) { return std::uniform_int_distribution<>(0, most)(rng); };
    int made = 0, not_made = 0, with_plates = 0;
    for (int n = 0; n < 400; ++n) {
        std::vector<ShimsOf> tin = shims({{0.5, up_to(2)}, {1.0, up_to(2)}, {1.5, up_to(1)}});
        if (n % 3 == 0) tin.push_back({Length::from_mm(1.0), 1, true});
        std::vector<StackWanted> wanted;
        for (int i = 0; i < 2; ++i) {
            StackWanted w;
            w.adjuster = i == 0 ? "a" : "b";
            for (auto& stack : w.now) stack = shims({{0.5, up_to(1)}, {1.0, up_to(2)}});
            if (n % 4 == 0 && i == 0)
                for (auto& stack : w.now) stack.push_back({Length::from_mm(2.0), 1, true});
            w.add = {up_to(8) / 2.0 - 2, up_to(8) / 2.0 - 2};
            wanted.push_back(w);
        }
        const int best = fewest_by_trying(wanted, tin);
        const auto p = pick_shims(wanted, tin);
        ASSERT_EQ(p.has_value(), best >= 0) << n;
        std::vector<std::array<std::optional<double>, 2>> adds;
        for (const StackWanted& w : wanted) adds.push_back({w.add[0], w.add[1]});
        EXPECT_EQ(ShimsAtHand(wanted, tin).enough(adds), best >= 0) << n;
        // What is enough for all is enough for a part.
        adds[n % 2][n / 2 % 2].reset();
        EXPECT_TRUE(best < 0 || ShimsAtHand(wanted, tin).enough(adds)) << n;
        (p ? made : not_made)++;
        if (!p) continue;
        EXPECT_EQ(p->handled, best) << n;
        with_plates += n % 4 == 0;
        for (std::size_t i = 0; i < 2; ++i)
            for (std::size_t s = 0; s < 2; ++s)
                EXPECT_NEAR(thickness(p->stacks[i][s]), thickness(wanted[i].now[s]) + wanted[i].add[s], 1e-9);
    }
    EXPECT_GT(made, 50);
    EXPECT_GT(not_made, 50);
    EXPECT_GT(with_plates, 10);
}

TEST(ShimPicker, ATinOfManyKindsThatNeverComesToItIsNoTrap) {
    StackWanted w{"s", {}, {29.99, 30.01}, true};
    std::vector<ShimsOf> tin;
    for (int k = 1; k <= 14; ++k) tin.push_back({Length::from_mm(0.1 * k), 25, false});
    EXPECT_FALSE(pick_shims(std::span(&w, 1), tin));
    w.add = {30, 30};
    const auto p = pick_shims(std::span(&w, 1), tin);
    ASSERT_TRUE(p);
    EXPECT_EQ(p->handled, 45) << "25 of the thickest, and 20 more, for 60 mm";
}

TEST(ShimPicker, ReachableChangesAreTheSumsThatThereAre) {
    const auto r = reachable_changes(shims({{1.0, 1}}), shims({{0.5, 1}, {2.0, 1}}), 2.0);
    EXPECT_EQ(r, (std::vector<double>{-1.0, -0.5, 0.0, 0.5, 1.0, 1.5, 2.0}));
}

}  // namespace
}  // namespace fairchalk
