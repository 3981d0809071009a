// SPDX-License-Identifier: GPL-3.0-or-later
// The string network against a car whose truth is known.
#include <algorithm>
#include <cmath>
#include <random>

#include <gtest/gtest.h>
#include <rapidcheck.h>

#include "core/job/rig.h"
#include "core/judge/still_readable.h"
#include "core/judge/verdict.h"
#include "core/network/estimate.h"
#include "core/reading/kinds/wheel_in_space.h"
#include "core/reading/reading_kind.h"
#include "core/worked_job.h"

namespace fairchalk {
namespace {

using testing::rad;
using testing::solved;
using testing::TrueCar;

TEST(StringNetwork, SolvesTheWorkedJobFromItsPublishedReadings) {
    TrueCar c;
    // As printed, not as computed here: hub, rim front, rim rear for FL FR RL RR; bars rear, front.
    const double rows[4][3] = {{113.149, 119.393, 118.907},
                               {95.616, 101.303, 101.930},
                               {99.274, 107.443, 103.109},
                               {110.091, 115.343, 116.841}};
    auto log = testing::begun(c, testing::card_of(c));
    for (Wheel w : all_wheels) {
        const auto& row = rows[index_of(w)];
        log.push_back(testing::entry(std::string(name_of(w)) + "h",
                                     testing::reading(wheel_spot(ReadingId::hub, w), row[0], 0.3)));
        log.push_back(testing::entry(std::string(name_of(w)) + "f",
                                     testing::reading(wheel_spot(ReadingId::rim_front, w), row[1], 0.3)));
        log.push_back(testing::entry(std::string(name_of(w)) + "r",
                                     testing::reading(wheel_spot(ReadingId::rim_rear, w), row[2], 0.3)));
    }
    log.push_back(testing::entry(
        "br", testing::reading(axle_spot(ReadingId::string_to_string, Axle::rear), 1674.105, 0.3)));
    log.push_back(testing::entry(
        "bf", testing::reading(axle_spot(ReadingId::string_to_string, Axle::front), 1681.895, 0.3)));
    const Estimate e = solved(log);
    const double toe[4] = {-0.31, 0.17, 0.22, 0.05};
    for (int w = 0; w < 4; ++w) {
        ASSERT_TRUE(e.wheels[w].toe.known);
        EXPECT_NEAR(e.wheels[w].toe.value.deg(), toe[w], 0.002);
    }
    EXPECT_NEAR(e.thrust.value.deg(), -0.085, 0.002);
    EXPECT_NEAR(e.strings[0].skew.value.deg(), 0.377, 0.002);
    EXPECT_NEAR(e.strings[1].skew.value.deg(), -0.256, 0.002);
    EXPECT_EQ(e.redundancy, 2);
    EXPECT_LT(e.weighted_sum, 0.01);
    EXPECT_NEAR(e.wheels[0].toe_to_thrust.value.deg(), -0.31 - 0.085, 0.002);
    EXPECT_NEAR(e.wheels[1].toe_to_thrust.value.deg(), 0.17 + 0.085, 0.002);
    EXPECT_NEAR(e.axles[0].total_toe.value.deg(), -0.14, 0.002);
    for (const Check& k : e.checks) {
        const Spot& s = std::get<Reading>(log[k.entry].event).spot;
        const double r = s.kind == ReadingId::hub ? 0.33 : s.kind == ReadingId::string_to_string ? 0.0 : 0.08;
        EXPECT_NEAR(k.redundancy, r, 0.01) << s.name();
    }
}

TEST(StringNetwork, ReadingsTakenTwiceHaveTheRedundancyOfGeometry) {
    TrueCar c;
    auto log = testing::begun(c, testing::card_of(c));
    testing::read_round(log, c, 0.3);
    testing::read_round(log, c, 0.3);
    for (const Check& k : solved(log).checks) {
        const Spot& s = std::get<Reading>(log[k.entry].event).spot;
        const double r = s.kind == ReadingId::hub ? 0.67 : s.kind == ReadingId::string_to_string ? 0.5 : 0.54;
        EXPECT_NEAR(k.redundancy, r, 0.01) << s.name();
    }
}

class RandomCars : public ::testing::TestWithParam<double> {};

TEST_P(RandomCars, ErrorIsAsPredictedHoweverTheStringsLie) {
    std::mt19937 random(20260502);
    std::uniform_real_distribution<double> toe(-0.5, 0.5), wheelbase(2200, 3000), lip(3, 15), width(700, 800),
        gap(80, 140), skew(-GetParam(), GetParam());
    double squares = 0, predicted = 0, weighted = 0;
    constexpr int cars = 300;
    for (int i = 0; i < cars; ++i) {
        TrueCar c;
        c.span = 430;
        c.wheelbase = wheelbase(random);
        for (double& t : c.toe) t = toe(random);
        for (int k = 0; k < 2; ++k) {
            c.half_width[k] = width(random);
            c.lip[k] = lip(random);
            c.skew[k] = skew(random);
            c.offset[k] = 800 + gap(random);
        }
        auto log = testing::begun(c, testing::card_of(c));
        testing::read_round(log, c, 0.3, &random);
        const Estimate e = solved(log);
        for (int w = 0; w < 4; ++w) {
            squares += std::pow(e.wheels[w].toe.value.deg() - c.toe[w], 2);
            predicted += std::pow(e.wheels[w].toe.sigma.deg(), 2);
        }
        weighted += e.weighted_sum;
    }
    const double rms = std::sqrt(squares / (4 * cars)), sigma = std::sqrt(predicted / (4 * cars));
    EXPECT_NEAR(rms, 0.057, 0.0057);
    EXPECT_NEAR(sigma / rms, 1.0, 0.1);
    EXPECT_NEAR(weighted / cars, 2.0, 0.35);
}

INSTANTIATE_TEST_SUITE_P(SquareAndCrooked, RandomCars, ::testing::Values(0.0, 1.5));

/// Each angle that is said to be known must be right; and by the last reading all are.
TEST(StringNetwork, NeverGivesAWrongNumberWhereThereIsNoInformation) {
    EXPECT_TRUE(rc::check("any readings, in any order", [] {
        TrueCar c;
        auto order = string_walk();
        std::shuffle(order.begin(), order.end(), std::mt19937(*rc::gen::arbitrary<unsigned>()));
        order.resize(*rc::gen::inRange<std::size_t>(1, 15));
        auto log = testing::begun(c, testing::card_of(c));
        testing::read_round(log, c, 0.3, nullptr, order);
        const Estimate e = solved(log);
        for (int w = 0; w < 4; ++w) {
            if (e.wheels[w].toe.known)
                RC_ASSERT(std::abs(e.wheels[w].toe.value.deg() - c.toe[w]) < 0.003);
            else
                RC_ASSERT(!e.wheels[w].toe.needs.empty());
            if (e.wheels[w].toe_to_string.known)
                RC_ASSERT(std::abs(e.wheels[w].toe_to_string.value.deg() - c.toe[w] - c.skew[w % 2]) < 0.003);
        }
        if (e.thrust.known) RC_ASSERT(std::abs(e.thrust.value.deg() + 0.085) < 0.003);
        if (order.size() == 14) RC_ASSERT(e.thrust.known);
        // Both axles' hubs, three lips at the back: what a lip is deep is alike there.
        if (order.size() < 7) RC_ASSERT(!e.thrust.known);
    }));
}

TEST(StringNetwork, WhatIsStillNeededMakesItKnown) {
    TrueCar c;
    const auto& walk = string_walk();
    for (std::size_t n = 1; n < walk.size(); ++n) {
        auto log = testing::begun(c, testing::card_of(c));
        testing::read_round(log, c, 0.3, nullptr, {walk.begin(), walk.begin() + static_cast<long>(n)});
        const Estimate e = solved(log);
        for (int w = 0; w < 4; ++w) {
            if (e.wheels[w].toe.known) continue;
            auto more = log;
            testing::read_round(more, c, 0.3, nullptr, e.wheels[w].toe.needs);
            EXPECT_TRUE(solved(more).wheels[w].toe.known)
                << n << " read, wheel " << w << ": " << e.wheels[w].toe.why.args[0] << "; sigma "
                << solved(more).wheels[w].toe.sigma.deg();
            // And none of them can be spared.
            auto fewer = e.wheels[w].toe.needs;
            fewer.pop_back();
            auto less = log;
            testing::read_round(less, c, 0.3, nullptr, fewer);
            EXPECT_FALSE(solved(less).wheels[w].toe.known) << n << " read, wheel " << w;
        }
    }
}

TEST(StringNetwork, IsUnchangedByTheOrderOfReadingsAndBySwappingSides) {
    EXPECT_TRUE(rc::check("order and mirror", [] {
        std::mt19937 random(*rc::gen::arbitrary<unsigned>());
        TrueCar c;
        auto log = testing::begun(c, testing::card_of(c));
        testing::read_round(log, c, 0.3, &random);
        const Estimate e = solved(log);
        auto shuffled = log;
        std::shuffle(shuffled.begin() + 3, shuffled.end(), random);
        const Estimate s = solved(shuffled);
        auto mirrored = log;
        for (Entry& entry : mirrored)
            if (Reading* r = std::get_if<Reading>(&entry.event); r && r->spot.wheel)
                r->spot.wheel = wheel_at(axle_of(*r->spot.wheel),
                                         side_of(*r->spot.wheel) == Side::left ? Side::right : Side::left);
        const Estimate m = solved(mirrored);
        for (int w = 0; w < 4; ++w) {
            RC_ASSERT(std::abs((e.wheels[w].toe.value - s.wheels[w].toe.value).deg()) < 1e-7);
            RC_ASSERT(std::abs((e.wheels[w].toe.value - m.wheels[w ^ 1].toe.value).deg()) < 1e-7);
            RC_ASSERT(std::abs((e.wheels[w].toe.sigma - m.wheels[w ^ 1].toe.sigma).deg()) < 1e-9);
        }
        RC_ASSERT(std::abs((e.thrust.value + m.thrust.value).deg()) < 1e-7);
    }));
}

TEST(StringNetwork, AContradictionIsPointedOutAsTheGroupThatNothingTellsApart) {
    TrueCar c;
    auto log = testing::begun(c, testing::card_of(c));
    testing::read_round(log, c, 0.3);
    auto& wrong = std::get<Reading>(log[4].event);  // left rear hub
    ASSERT_EQ(wrong.spot, wheel_spot(ReadingId::hub, Wheel::rear_left));
    wrong.value.value += 10;
    const Estimate e = solved(log);
    EXPECT_TRUE(e.alarm);
    for (const Check& k : e.checks) {
        const Spot& s = std::get<Reading>(log[k.entry].event).spot;
        EXPECT_EQ(k.suspect, s.wheel && axle_of(*s.wheel) == Axle::rear) << s.name();
    }
    // Read again and right, the culprit alone is left.
    auto twice = log;
    for (int n = 0; n < 2; ++n) testing::read_round(twice, c, 0.3);
    int suspects = 0;
    for (const Check& k : solved(twice).checks) {
        suspects += k.suspect;
        if (k.entry == 4) {
            EXPECT_TRUE(k.suspect);
        }
    }
    EXPECT_LE(suspects, 4);
}

TEST(StringNetwork, RepeatsShareTheirSpotsErrorUnlessTheirSigmaIsStated) {
    TrueCar c;
    const auto sigma_of = [&](std::optional<double> stated, int times) {
        auto log = testing::begun(c, testing::card_of(c));
        for (int n = 0; n < times; ++n)
            for (const Spot& s : string_walk()) {
                Reading r = testing::reading(s, std::round(c.exact(s) * 10) / 10, stated);
                r.tool = "steel-rule-mm";
                log.push_back(testing::entry(s.name() + std::to_string(n), r));
            }
        return solved(log).wheels[0].toe.sigma.deg();
    };
    EXPECT_NEAR(sigma_of(0.3, 4) / sigma_of(0.3, 1), 0.5, 0.01);
    // 0.25 mm own, 0.2 mm of the spot and 0.25 mm of a rim that nobody rolled, at each edge:
    // sqrt(.25²/4 + .2² + 2 x .25²) / sqrt(.25² + .2² + 2 x .25²), since both edges err the opposite way.
    EXPECT_NEAR(sigma_of({}, 4) / sigma_of({}, 1), 0.89, 0.01);
}

TEST(StringNetwork, SaysWhyWhereTheCardLacksALength) {
    TrueCar c;
    CarCard card = testing::card_of(c);
    card.wheelbase.reset();
    auto log = testing::begun(c, card);
    testing::read_round(log, c, 0.3);
    const Estimate e = solved(log);
    EXPECT_FALSE(e.wheels[0].toe.known);
    EXPECT_EQ(e.wheels[0].toe.why.code, Code::why_needs_wheelbase);
    EXPECT_EQ(e.unused.size(), 14u);
    // Nothing read on a car whose wheelbase is given: that is not what is missing.
    const Estimate nothing = solved(testing::begun(c, testing::card_of(c)));
    EXPECT_FALSE(nothing.wheels[0].toe.known);
    EXPECT_EQ(nothing.wheels[0].toe.why.code, Code::why_needs_spots);
}

/// A round by one way of measuring with all its sizes told, nothing read.
std::vector<Entry> nothing_read(const Rig& rig, const CarCard& card) {
    auto log = testing::begun(TrueCar{}, card);
    LinesSet lines;
    lines.rigs = {std::string(rig.id)};
    lines.bars = {Length::from_mm(500), Length::from_mm(600)};
    for (const SizeField& size : rig.sizes) lines.sizes.*size.field = Length::from_mm(600);
    Entry e;
    e.event = lines;
    log.push_back(e);
    return log;
}

TEST(Network, WithNothingReadWhatTellsATotalIsOfTheWayThatWasChosen) {
    int tapes = 0;
    for (const Rig* rig : all_rigs())
        for (const Axle axle : both_axles) {
            Target total;
            total.where = axle;
            total.measure = Measure::total_toe;
            if (rig->use != RigUse::toe || !tells(*rig, total)) continue;
            const auto log = nothing_read(*rig, testing::card_of(TrueCar{}));
            const KnownAngle toe = solved(log).axles[static_cast<std::size_t>(index_of(axle))].total_toe;
            EXPECT_FALSE(toe.known);
            EXPECT_FALSE(toe.needs.empty()) << rig->id;
            const std::vector<Spot> walk = round_walk(job_of(log), 0, true);
            for (const Spot& s : toe.needs)
                EXPECT_TRUE(std::find(walk.begin(), walk.end(), s) != walk.end() ||
                            reading_kind(s.kind).wants_no_rig())
                    << rig->id << ": " << s.name();
            // Tapes at both edges of an axle, or a gauge across it, want nothing of the car.
            if (rig->over != Over::axles || rig->bars) continue;
            ++tapes;
            const Estimate bare = solved(nothing_read(*rig, CarCard{}));
            const KnownAngle& same = bare.axles[static_cast<std::size_t>(index_of(axle))].total_toe;
            EXPECT_EQ(same.needs, toe.needs) << rig->id;
            EXPECT_LE(same.needs.size(), 2u);
        }
    EXPECT_EQ(tapes, 8);
}

TEST(Network, WithASizeUntoldThatIsWhatIsMissing) {
    for (const char* id : {"toe-boards", "stud-bars", "tread-tape"}) {
        auto log = nothing_read(*rig_named(id), testing::card_of(TrueCar{}));
        std::get<LinesSet>(log.back().event).sizes = {};
        const Message why = solved(log).axles[0].total_toe.why;
        EXPECT_EQ(why.code, Code::why_needs_sizes) << id;
        EXPECT_EQ(why.args, std::vector<std::string>{std::string(rig_named(id)->sizes.front().name)});
    }
}

TEST(StringNetwork, SaysWhereTheBarsStandIsMissingNotOtherReadings) {
    TrueCar c;
    auto log = testing::begun(c, testing::card_of(c));
    for (Entry& e : log)
        if (RoundOpened* round = std::get_if<RoundOpened>(&e.event)) round->bars = {};
    testing::read_round(log, c, 0.3);
    const Estimate e = solved(log);
    EXPECT_EQ(e.unused.size(), 2u) << "the string to string readings";
    for (const WheelAngles& w : e.wheels) {
        EXPECT_FALSE(w.toe.known);
        EXPECT_EQ(w.toe.why.code, Code::why_needs_bar) << "all that the round reads is read";
        EXPECT_TRUE(w.toe.needs.empty());
    }
}

TEST(Rounds, ATurnCarriesOverWhatItDidNotTouchAndTeachesTheArm) {
    TrueCar c;
    CarCard card = testing::card_of(c);
    Adjuster rod = testing::rod_at(Wheel::front_left, RodSide::behind_axle);
    rod.arm.reset();
    rod.arm_sigma.reset();
    card.adjusters = {rod};
    auto log = testing::begun(c, card);
    testing::read_round(log, c, 0.1);
    Turn t;
    t.adjuster = rod.id;
    t.turns = 1;
    log.push_back(testing::entry("turn", t));
    TrueCar after = c;
    after.toe[0] += std::asin(1.5 / 150) * 180 / 3.14159265358979323846;  // the true arm is 150 mm
    const Estimate expected = [&] {
        EstimateOptions now;
        now.as_of_now = true;
        return solved(log, now);
    }();
    EXPECT_NEAR(expected.wheels[0].toe.value.deg(), c.toe[0] + 0.661, 0.02) << "by the prior of 130 mm";
    EXPECT_GT(expected.wheels[0].toe.sigma.deg(), 0.09);
    log.push_back(testing::entry("round2", RoundOpened{}));
    testing::read_round(log, after, 0.1, nullptr,
                        {wheel_spot(ReadingId::rim_rear, Wheel::front_left),
                         wheel_spot(ReadingId::rim_front, Wheel::front_left)});
    const Estimate e = solved(log);
    EXPECT_NEAR(e.wheels[0].toe.value.deg(), after.toe[0], 0.02);
    EXPECT_NEAR(e.wheels[2].toe.value.deg(), c.toe[2], 0.01);
    ASSERT_EQ(e.responses.size(), 1u);
    EXPECT_NEAR(e.responses[0].arm.mm(), 150, 6);
    EXPECT_LT(e.responses[0].arm_sigma.mm(), 10);
    // The first round as it was is still there.
    EstimateOptions first;
    first.round = 0;
    EXPECT_NEAR(solved(log, first).wheels[0].toe.value.deg(), c.toe[0], 0.002);
}

TEST(Rounds, AnAbsurdTurnLeavesTheToeUnknownAndNothingElse) {
    TrueCar c;
    CarCard card = testing::card_of(c);
    card.adjusters = {testing::rod_at(Wheel::front_left, RodSide::behind_axle)};
    auto log = testing::begun(c, card);
    testing::read_round(log, c, 0.3);
    Turn t;
    t.adjuster = "rod-fl";
    t.turns = 999;
    log.push_back(testing::entry("turn", t));
    EstimateOptions now;
    now.as_of_now = true;
    const Estimate e = solved(log, now);
    EXPECT_FALSE(e.wheels[0].toe.known);
    EXPECT_TRUE(e.wheels[2].toe.known);
}

TEST(Rounds, StringsThatWereMovedAreNewAndWheelsAreNot) {
    TrueCar c;
    auto log = testing::begun(c, testing::card_of(c));
    testing::read_round(log, c, 0.1);
    log.push_back(testing::entry("moved", Change{ChangeKind::strings_moved, {}}));
    TrueCar restrung = c;
    restrung.skew = {-0.8, 0.9};
    restrung.offset = {850, 845};
    log.push_back(testing::entry("round2", RoundOpened{}));
    testing::read_round(log, restrung, 0.1);
    const Estimate e = solved(log);
    EXPECT_FALSE(e.alarm);
    EXPECT_LT(e.weighted_sum, 0.1);
    EXPECT_NEAR(e.strings[0].skew.value.deg(), -0.8, 0.002);
    for (int w = 0; w < 4; ++w) EXPECT_NEAR(e.wheels[w].toe.value.deg(), c.toe[w], 0.002);
}

struct Sweep {
    double toe, camber, caster, sai, out, in, shown_out, shown_in;
};

TEST(CasterSweep, TheSpindleTurnsAsOnAnExactModel) {
    const Sweep rows[] = {
        {0, 0, 0, 10, 20, 20, 0.6098, 0.6098},         {0, -0.5, 3, 8, 20, 20, 1.0134, -1.0403},
        {0.1, -1.2, 5.5, 12, 20, 20, 1.4152, -2.3367}, {0, -3.5, 7, 14, 15, 15, -1.2143, -4.8092},
        {-0.2, 0.75, -1.5, 9, 20, 20, 0.7954, 1.8034}, {0, -0.5, 3, 10, 22.4, 18.2, 1.4088, -0.9315}};
    for (double s : {1.0, -1.0})
        for (const Sweep& r : rows) {
            const auto n = readings::spindle<double>(r.toe * rad, r.camber * rad, s);
            const auto out = readings::swept_spindle<double>(n, r.caster * rad, r.sai * rad, s, r.out * rad);
            const auto in = readings::swept_spindle<double>(n, r.caster * rad, r.sai * rad, s, -r.in * rad);
            EXPECT_NEAR(-std::asin(out.z) / rad, r.shown_out, 0.0002);
            EXPECT_NEAR(-std::asin(in.z) / rad, r.shown_in, 0.0002);
        }
}

TEST(Verdict, InsideOutsideAndTooCloseByTheWholeInterval) {
    Target t = testing::total_toe(Axle::front, 0.1, 0.2);
    KnownAngle a;
    EXPECT_EQ(call(a, t), Call::unknown);
    a.known = true;
    a.sigma = Angle::from_deg(0.05);
    a.value = Angle::from_deg(0.1);
    EXPECT_EQ(call(a, t), Call::inside);
    a.value = Angle::from_deg(0.21);
    EXPECT_EQ(call(a, t), Call::too_close);
    a.value = Angle::from_deg(0.41);
    EXPECT_EQ(call(a, t), Call::outside);
    EXPECT_NEAR(probability_inside(a, t), 0.0139, 0.001);
}

TEST(Verdict, SaysWhatWouldSettleItAndThatDoesSettleIt) {
    TrueCar c;
    Target t = testing::total_toe(Axle::front, -0.14, 0.2);
    auto log = testing::begun(c, testing::card_of(c), {t});
    testing::read_round(log, c, 0.5);
    const Job job = job_of(log);
    const Estimate e = estimate(job);
    const auto all = verdicts(job, e);
    ASSERT_EQ(all.size(), 1u);
    ASSERT_EQ(all[0].call, Call::too_close);
    const auto settling = what_settles(job, e, all[0]);
    ASSERT_TRUE(settling);
    auto more = log;
    for (int n = 0; n < settling->readings; ++n) {
        const Job now = job_of(more);
        const auto next = best_next_reading(now, estimate(now), t);
        ASSERT_TRUE(next);
        const double promised = next->sigma_after.deg();
        testing::read_round(more, c, 0.5, nullptr, {next->spot});
        EXPECT_NEAR(solved(more).axles[0].total_toe.sigma.deg(), promised, 0.02 * promised);
    }
    const Job settled = job_of(more);
    EXPECT_EQ(verdicts(settled, estimate(settled))[0].call, Call::inside);
}

TEST(Verdict, AToleranceThatTheRuleCannotResolveIsKnownBeforeTheWork) {
    TrueCar c;
    LinesSet lines;
    lines.bars = {Length::from_mm(535), Length::from_mm(600)};
    lines.tool = "steel-rule-mm";
    const auto once = reachable_sigma(testing::card_of(c), lines, testing::total_toe(Axle::front, 0, 0.1), 1);
    const auto thrice =
        reachable_sigma(testing::card_of(c), lines, testing::total_toe(Axle::front, 0, 0.1), 3);
    ASSERT_TRUE(once && thrice);
    EXPECT_GT(once->deg() * k95, 0.1);
    EXPECT_LT(*thrice, *once);
    lines.bars = {};
    EXPECT_FALSE(reachable_sigma(testing::card_of(c), lines, testing::total_toe(Axle::front, 0, 0.1), 1));
}

}  // namespace
}  // namespace fairchalk
