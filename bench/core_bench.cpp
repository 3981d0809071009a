// SPDX-License-Identifier: GPL-3.0-or-later
#include <benchmark/benchmark.h>

#include "core/advice/plan.h"
#include "core/car/suspension.h"
#include "core/judge/still_readable.h"
#include "core/judge/verdict.h"
#include "core/true_rigs.h"
#include "core/worked_job.h"
#include "practice/proving.h"

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

/// A full four-wheel round with caster: strings, camber, sweeps, every spot read twice.
std::vector<Entry> full_round(const testing::SolidCar& c, std::mt19937& random) {
    auto log = c.log(c.lines({"string-bars", "camber-gauge", "caster-sweep"}), random, 0.3, 0.05, 2);
    TargetsEdit targets;
    targets.targets = {testing::total_toe(Axle::front, 0.1, 0.02)};
    log.insert(log.begin() + 1, testing::entry("targets", targets));
    return log;
}

void AFullRoundWithCaster(benchmark::State& state) {
    std::mt19937 random(2);
    const auto log = full_round(testing::SolidCar::any(random), random);
    const Job job = job_of(log);
    for (auto _ : state) benchmark::DoNotOptimize(estimate(job));
    state.counters["readings"] = static_cast<double>(job.rounds.back().readings.size());
}
BENCHMARK(AFullRoundWithCaster)->Unit(benchmark::kMillisecond)->Repetitions(9)->ReportAggregatesOnly();

void WhatToReadNext(benchmark::State& state) {
    std::mt19937 random(2);
    const auto log = full_round(testing::SolidCar::any(random), random);
    const Job job = job_of(log);
    const Estimate e = estimate(job);
    for (auto _ : state) benchmark::DoNotOptimize(best_next_reading(job, e, job.targets.front()));
}
BENCHMARK(WhatToReadNext)->Unit(benchmark::kMillisecond)->Repetitions(9)->ReportAggregatesOnly();

/// 20,000 noisy jobs: the error's rms over the bound that the posterior gives (Cramér-Rao at the truth).
void RmsOverCramerRao(benchmark::State& state) {
    constexpr int jobs = 20'000;
    for (auto _ : state) {
        std::mt19937 random(3);
        std::array<double, 4> sum{};
        EstimateOptions options;
        options.explain = false;
        for (int n = 0; n < jobs; ++n) {
            const auto c = testing::SolidCar::any(random);
            const auto log =
                c.log(c.lines({"string-bars", "camber-gauge", "caster-sweep"}), random, 0.3, 0.05);
            const Estimate e = estimate(job_of(log), options);
            const auto add = [&](std::size_t i, const KnownAngle& a, double truth) {
                sum[i] += std::pow((a.value.deg() - truth) / a.sigma.deg(), 2);
            };
            add(0, e.wheels[0].toe, c.toe[0]);
            add(1, e.axles[0].total_toe, c.toe[0] + c.toe[1]);
            add(2, e.wheels[3].camber, c.camber[3]);
            add(3, e.wheels[1].caster, c.caster[1]);
        }
        const char* const names[] = {"toe", "total_toe", "camber", "caster"};
        for (std::size_t i = 0; i < 4; ++i) state.counters[names[i]] = std::sqrt(sum[i] / jobs);
    }
}
BENCHMARK(RmsOverCramerRao)->Unit(benchmark::kSecond)->Iterations(1);

void OneCorner(benchmark::State& state) {
    const Corner c = state.range(0) ? sample_strut() : sample_wishbone();
    CornerMove m;
    m.length(Link::rod) = 1.5;
    m.at(state.range(0) ? Hardpoint::top : Hardpoint::uca_front) = {0, 1.5, 0};
    for (auto _ : state) benchmark::DoNotOptimize(solve_corner(c, m));
}
BENCHMARK(OneCorner)->Arg(0)->Arg(1)->Unit(benchmark::kMicrosecond)->Repetitions(9)->ReportAggregatesOnly();

/// A whole simulated job by the program's advice: the computing is all of it.
void OneSimulatedJob(benchmark::State& state) {
    practice::ProvingOptions o;
    o.tool = *standard_tool("vernier");
    std::uint64_t car = 0;
    for (auto _ : state) benchmark::DoNotOptimize(practice::one_job(practice::Way::advice, o, car++));
}
BENCHMARK(OneSimulatedJob)->Unit(benchmark::kMillisecond)->Repetitions(9)->ReportAggregatesOnly();

/// Five rounds of strings, camber and sweeps with four turns between each, rods and shims; eight adjusters.
/// So many of each of five thicknesses are in the tin; none is no tin, and any whole step will do.
std::vector<Entry> long_job(int in_tin = 0) {
    std::mt19937 random(4);
    const auto c = testing::SolidCar::any(random);
    auto log = c.log(c.lines({"string-bars", "camber-gauge", "caster-sweep"}), random, 0.3, 0.05, 1);
    CarCard card = c.card();
    std::vector<std::string> ids;
    for (Wheel w : all_wheels) {
        const std::string at(name_of(w));
        Adjuster rod = testing::rod_at(w, RodSide::behind_axle);
        rod.id = "rod-" + at;
        card.adjusters.emplace_back(rod);
        Adjuster shims;
        shims.id = "shims-" + at;
        shims.kind = "shim-pair";
        shims.wheel = w;
        for (auto& stack : shims.stacks)
            if (in_tin > 0) stack = {{Length::from_mm(1.0), 2, false}, {Length::from_mm(2.0), 1, false}};
        card.adjusters.emplace_back(shims);
    }
    for (double mm : {0.5, 1.0, 1.5, 2.0, 3.0})
        if (in_tin > 0) card.tin.push_back({Length::from_mm(mm), in_tin, false});
    for (Entry& e : log)
        if (CarEdit* edit = std::get_if<CarEdit>(&e.event)) edit->car = card;
    std::vector<Entry> readings;
    for (const Entry& e : log)
        if (std::holds_alternative<Reading>(e.event)) readings.push_back(e);
    TargetsEdit targets;
    targets.targets = {testing::total_toe(Axle::front, 0.1, 0.02)};
    for (Measure m : {Measure::toe, Measure::camber, Measure::caster})
        for (Axle a : both_axles) {
            if (m == Measure::caster && a == Axle::rear) continue;
            Target t;
            t.measure = m;
            t.where = a;
            t.aim = Angle::from_deg(m == Measure::caster ? 4.0 : 0.0);
            t.lo = t.aim - Angle::from_deg(0.2);
            t.hi = t.aim + Angle::from_deg(0.2);
            targets.targets.push_back(t);
        }
    log.insert(log.begin() + 1, testing::entry("targets", targets));
    for (int round = 1; round < 5; ++round) {
        for (int k = 0; k < 4; ++k) {
            const std::string at(name_of(static_cast<Wheel>(k)));
            Turn t;
            t.adjuster = (round % 2 ? "rod-" : "shims-") + at;
            t.turns = 0.25;
            if (round % 2 == 0) t.kind = "shim-pair", t.second = 0.5;
            log.push_back(testing::entry("t" + std::to_string(round * 4 + k), t));
        }
        log.push_back(testing::entry("round" + std::to_string(round), RoundOpened{}));
        for (Entry e : readings) {
            e.id += "r" + std::to_string(round);
            log.push_back(e);
        }
    }
    return log;
}

void FiveRoundsAndSixteenTurns(benchmark::State& state) {
    const auto log = long_job();
    const Job job = job_of(log);
    EstimateOptions o;
    o.as_of_now = true;
    o.explain = false;
    for (auto _ : state) benchmark::DoNotOptimize(estimate(job, o));
}
BENCHMARK(FiveRoundsAndSixteenTurns)->Unit(benchmark::kMillisecond)->Repetitions(9)->ReportAggregatesOnly();

void PlanOfEightAdjusters(benchmark::State& state) {
    const auto log = long_job(static_cast<int>(state.range(0)));
    const Job job = job_of(log);
    EstimateOptions o;
    o.as_of_now = true;
    o.explain = false;
    const Estimate e = estimate(job, o);
    for (auto _ : state) benchmark::DoNotOptimize(plan_turns(job, e));
    state.counters["turns"] = static_cast<double>(plan_turns(job, e).turns.size());
}
BENCHMARK(PlanOfEightAdjusters)
    ->Arg(0)
    ->Arg(1)
    ->Arg(3)
    ->Arg(20)
    ->Unit(benchmark::kMillisecond)
    ->Repetitions(9)
    ->ReportAggregatesOnly();

void ReadAQuantity(benchmark::State& state) {
    for (auto _ : state) benchmark::DoNotOptimize(read_quantity("66 3/8 and 1/32 in strong"));
}
BENCHMARK(ReadAQuantity);

}  // namespace
}  // namespace fairchalk
