// SPDX-License-Identifier: GPL-3.0-or-later
#include <benchmark/benchmark.h>

#include "core/plan.h"
#include "core/worked_job.h"

namespace fairchalk {
namespace {

using testing::TrueCar;

void OneRoundWithCovariance(benchmark::State& state) {
    const TrueCar c;
    std::mt19937 random(1);
    auto log = testing::begun(c, testing::card_of(c));
    testing::read_round(log, c, 0.3, &random);
    const Job job = job_of(log);
    for (auto _ : state) benchmark::DoNotOptimize(estimate(job));
}
BENCHMARK(OneRoundWithCovariance)->Unit(benchmark::kMillisecond)->Repetitions(9)->ReportAggregatesOnly();

void TwoRoundsAndThePlan(benchmark::State& state) {
    const TrueCar c;
    CarCard card = testing::card_of(c);
    card.adjusters = {testing::rod_at(Wheel::front_left, RodSide::behind_axle),
                      testing::rod_at(Wheel::front_right, RodSide::behind_axle)};
    std::mt19937 random(1);
    auto log = testing::begun(c, card, {testing::total_toe(Axle::front, 0.13, 0.25)});
    testing::read_round(log, c, 0.3, &random);
    Turn t;
    t.adjuster = "rod-fl";
    t.turns = 0.5;
    log.push_back(testing::entry("t", t));
    log.push_back(testing::entry("round2", RoundOpened{}));
    TrueCar after = c;
    after.toe[0] += 0.325;
    testing::read_round(log, after, 0.3, &random);
    const Job job = job_of(log);
    for (auto _ : state) {
        const Estimate e = estimate(job);
        benchmark::DoNotOptimize(plan_turns(job, e));
    }
}
BENCHMARK(TwoRoundsAndThePlan)->Unit(benchmark::kMillisecond)->Repetitions(9)->ReportAggregatesOnly();

void ReadAQuantity(benchmark::State& state) {
    for (auto _ : state) benchmark::DoNotOptimize(read_quantity("66 3/8 and 1/32 in strong"));
}
BENCHMARK(ReadAQuantity);

}  // namespace
}  // namespace fairchalk
