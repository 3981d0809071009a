// SPDX-License-Identifier: GPL-3.0-or-later
// Getting ready: corners, doubts, staleness, the steering wheel in the estimate, the baseline.
#include <cmath>

#include <gtest/gtest.h>

#include "core/advice/procedure.h"
#include "core/job/baseline.h"
#include "core/job/knowledge.h"
#include "core/job/ride_check.h"
#include "core/job/rig.h"
#include "core/job/staleness.h"
#include "core/network/estimate.h"
#include "core/reading/plausible.h"
#include "core/worked_job.h"

namespace fairchalk {
namespace {

using testing::entry;

Reading state(const Spot& spot, const char* text) {
    Reading r;
    r.spot = spot;
    r.value = *read_quantity(text);
    return r;
}

struct ReadyLog {
    std::vector<Entry> entries;
    int n = 0;
    explicit ReadyLog(CarCard card)
        : entries{entry("car", CarEdit{std::move(card)}), entry("round", RoundOpened{})} {}
    template <class T>
    void add(T what) {
        entries.push_back(entry("e" + std::to_string(n++), std::move(what)));
    }
    void corners(ReadingId kind, std::array<const char*, 4> values) {
        for (Wheel w : all_wheels)
            add(state(wheel_spot(kind, w), values[static_cast<std::size_t>(index_of(w))]));
    }
    Job job() const { return job_of(entries); }
};

std::vector<Code> codes(const RideCheck& c) {
    std::vector<Code> out;
    for (const Message& m : c.findings) out.push_back(m.code);
    return out;
}

TEST(CornersOfTheCar, AreComparedWithTheCardSideToSideAndAxleToAxle) {
    CarCard card = testing::card_of({});
    card.heights.at = {365, 365, 372, 372};
    card.heights.tolerance = 8;
    ReadyLog log(card);
    log.corners(ReadingId::ride_height, {"362 mm", "366 mm", "369 mm", "371 mm"});
    EXPECT_TRUE(ride_check_of(log.job(), ReadingId::ride_height).findings.empty());
    EXPECT_TRUE(ride_check_of(log.job(), ReadingId::ride_height).complete());

    ReadyLog low(card);
    low.corners(ReadingId::ride_height, {"355 mm", "365 mm", "372 mm", "372 mm"});
    EXPECT_EQ(codes(ride_check_of(low.job(), ReadingId::ride_height)),
              (std::vector<Code>{Code::corner_low, Code::corner_sides_differ}));

    ReadyLog axle(card);
    axle.corners(ReadingId::ride_height, {"358 mm", "358 mm", "377 mm", "377 mm"});
    EXPECT_EQ(codes(ride_check_of(axle.job(), ReadingId::ride_height)),
              (std::vector<Code>{Code::corner_axles_differ}))
        << "each within its tolerance, and the car is raked all the same";
}

TEST(CornersOfTheCar, WithoutACardOnlySidesAreComparedAndPressuresGoStaleWithTheAir) {
    ReadyLog log(testing::card_of({}));
    log.corners(ReadingId::pressure, {"2.2 bar", "32 psi", "2.0 bar", "1.7 bar"});
    const RideCheck c = ride_check_of(log.job(), ReadingId::pressure);
    EXPECT_EQ(codes(c), (std::vector<Code>{Code::corner_sides_differ})) << "32 psi is 2.2 bar";
    EXPECT_NEAR(*c.measured[1], 2.206, 0.001);
    EXPECT_FALSE(c.stale);
    log.add(Change{ChangeKind::jacked, {}});
    EXPECT_TRUE(ride_check_of(log.job(), ReadingId::pressure).stale);
}

struct Typed {
    Bounded what;
    const char* text;
    Expect expect;
    const char* meant;  ///< the first thing offered; nothing where there is no doubt
};
class Doubts : public ::testing::TestWithParam<Typed> {};

TEST_P(Doubts, ImpossibleValuesAreQuestionedWithTheLikelyMeantUnit) {
    const Typed& t = GetParam();
    const auto q = read_quantity(t.text, t.expect);
    ASSERT_TRUE(q) << t.text;
    const auto doubt = doubt_of(t.what, *q, t.text);
    if (!t.meant) {
        EXPECT_FALSE(doubt) << t.text;
        return;
    }
    ASSERT_TRUE(doubt) << t.text;
    EXPECT_TRUE(doubt->question);
    if (std::string(t.meant).empty()) {
        EXPECT_TRUE(doubt->meant.empty());
        return;
    }
    ASSERT_FALSE(doubt->meant.empty()) << t.text;
    EXPECT_EQ(doubt->meant.front(), t.meant);
    // What is offered can be typed, and is usual.
    for (const std::string& m : doubt->meant) {
        const auto again = read_quantity(m, t.expect);
        ASSERT_TRUE(again) << m;
        EXPECT_FALSE(doubt_of(t.what, *again, m)) << m;
    }
}

constexpr Expect in_mm{Expect::Kind::length, Bare::mm};
constexpr Expect in_bar{Expect::Kind::pressure, Bare::bar};
INSTANTIATE_TEST_SUITE_P(Typed, Doubts,
                         ::testing::Values(Typed{Bounded::pressure, "90", in_bar, "90 psi"},
                                           Typed{Bounded::pressure, "32", in_bar, "32 psi"},
                                           Typed{Bounded::pressure, "90 bar", in_bar, "90 psi"},
                                           Typed{Bounded::pressure, "2.2", in_bar, nullptr},
                                           Typed{Bounded::pressure, "220", in_bar, "220 kPa"},
                                           Typed{Bounded::wheelbase, "16", in_mm, "16 ft"},
                                           Typed{Bounded::wheelbase, "101", in_mm, "101 in"},
                                           Typed{Bounded::wheelbase, "2.565", in_mm, "2.565 m"},
                                           Typed{Bounded::wheelbase, "2565", in_mm, nullptr},
                                           Typed{Bounded::rim_span, "16", in_mm, "16 in"},
                                           Typed{Bounded::track, "-1470", in_mm, "1470 mm"},
                                           Typed{Bounded::hub_to_string, "0.001", in_mm, ""},
                                           Typed{Bounded::floor_rise, "-3", in_mm, nullptr},
                                           Typed{Bounded::thread_pitch, "15", in_mm, "1.5 mm"}));

TEST(Staleness, EveryHappeningHasItsRowAndOnBlocksNothingSettles) {
    for (int i = 0; i <= index_of(Happening::tiles_placed); ++i) {
        const auto h = static_cast<Happening>(i);
        EXPECT_EQ(spoils_of(h, false).what, h);
        EXPECT_EQ(spoils_of(h, true).what, h);
        EXPECT_FALSE(spoils_of(h, true).spoils(Fact::settled));
        EXPECT_FALSE(spoils_of(h, true).spoils(Fact::heights));
    }
    EXPECT_TRUE(spoils_of(Happening::jacked, false).spoils(Fact::settled));
    EXPECT_TRUE(spoils_of(Happening::jacked, true).spoils(Fact::lines))
        << "the frame moved between the strings";
    EXPECT_TRUE(spoils_of(Happening::bounced, true).facts.empty());
    EXPECT_TRUE(spoils_of(Happening::load_changed, true).facts.empty());
    EXPECT_TRUE(spoils_of(Happening::strings_moved, true).spoils(Fact::lines));
}

TEST(Staleness, JackingUnsettlesUntilItIsRolled) {
    ReadyLog log(testing::card_of({}));
    EXPECT_FALSE(spoiled_since(log.job(), Fact::settled, 0));
    log.add(Change{ChangeKind::jacked, {}});
    EXPECT_EQ(spoiled_since(log.job(), Fact::settled, 0), Happening::jacked);
    log.add(Change{ChangeKind::rolled, {}});
    EXPECT_FALSE(spoiled_since(log.job(), Fact::settled, 0));
    EXPECT_TRUE(spoiled_since(log.job(), Fact::lines, 0)) << "but the strings have to be read again";
}

TEST(Staleness, WhatWasDoneBeforeAnythingWasReadOffTheLinesIsNoHarmToThem) {
    ReadyLog log(testing::card_of({}));
    const auto lines = [&] {
        return stages_of(log.job(), {})[static_cast<std::size_t>(index_of(Stage::lines))].progress;
    };
    RoundOpened round;
    round.bars = {Length::from_mm(535), Length::from_mm(600)};
    log.add(round);
    log.add(Change{ChangeKind::bounced, {}});
    EXPECT_EQ(lines(), Progress::done) << "bounced, and then the strings went up";
    log.add(testing::reading(string_walk()[0], 100, 0.3));
    EXPECT_EQ(lines(), Progress::done);
    log.add(Change{ChangeKind::bounced, {}});
    EXPECT_EQ(lines(), Progress::stale) << "the car moved between them";
}

TEST(Staleness, TheStagesFollowTheTable) {
    CarCard card = testing::card_of({});
    card.adjusters = {testing::rod_at(Wheel::front_left, RodSide::behind_axle)};
    ReadyLog log(card);
    const auto knot = [&](Stage s) {
        return stages_of(log.job(), {})[static_cast<std::size_t>(index_of(s))];
    };
    EXPECT_EQ(knot(Stage::floor).progress, Progress::to_do);
    log.add(FloorSet{});
    EXPECT_EQ(knot(Stage::floor).progress, Progress::to_do) << "known, not settled";
    EXPECT_EQ(knot(Stage::floor).done, 1);
    log.add(Change{ChangeKind::rolled, {}});
    EXPECT_EQ(knot(Stage::floor).progress, Progress::done);
    log.add(Change{ChangeKind::jacked, {}});
    EXPECT_EQ(knot(Stage::floor).progress, Progress::stale);
    EXPECT_EQ(knot(Stage::floor).spoiled_by, Happening::jacked);

    EXPECT_EQ(knot(Stage::steering).progress, Progress::to_do);
    log.add(SteeringSet{SteeringSchool::wheel, "strap"});
    EXPECT_EQ(knot(Stage::steering).progress, Progress::done);
    log.add(Turn{"rod-fl", 0.5, true, true});
    EXPECT_EQ(knot(Stage::steering).progress, Progress::stale) << "look again after each turn";
    Reading look =
        state(Spot{ReadingId::steering_wheel, {}, {}, {}, {}, {}, false, Swept::straight}, "0 deg");
    look.since_now = true;
    log.add(look);
    EXPECT_EQ(knot(Stage::steering).progress, Progress::done);
    EXPECT_TRUE(turned_since_reading(log.job())) << "a look at the wheel does not measure the toe";

    EXPECT_EQ(knot(Stage::drive).of, 1) << "turned and not locked is loose";
    log.add(PartTouched{PartState::loosened, "locknut"});
    log.add(Driven{});
    EXPECT_EQ(knot(Stage::drive).progress, Progress::stale) << "driven with something loose";
    EXPECT_EQ(knot(Stage::drive).of, 2);
    log.add(PartTouched{PartState::refitted, "locknut"});
    EXPECT_EQ(knot(Stage::drive).progress, Progress::stale);
    log.add(Change{ChangeKind::locked, {}});
    EXPECT_EQ(knot(Stage::drive).progress, Progress::done);
}

TEST(Staleness, TheEstimateCarriesOldReadingsAsFarAsTheTableSays) {
    testing::TrueCar truth;
    for (bool blocks : {false, true}) {
        CarCard card = testing::card_of(truth);
        card.no_springs = blocks;
        auto log = testing::exact_log(truth, card);
        const Estimate before = estimate(job_of(log));
        log.push_back(entry("jack", Change{ChangeKind::jacked, Axle::front}));
        EstimateOptions now;
        now.as_of_now = true;
        const Estimate after = estimate(job_of(log), now);
        const double grown = std::sqrt(std::pow(after.wheels[0].toe.sigma.deg(), 2) -
                                       std::pow(before.wheels[0].toe.sigma.deg(), 2));
        EXPECT_NEAR(grown, spoils_of(Happening::jacked, blocks).here, 0.002)
            << (blocks ? "blocks" : "springs");
    }
    EXPECT_LT(spoils_of(Happening::jacked, true).here, spoils_of(Happening::jacked, false).here / 5);
}

TEST(SteeringWheel, OffByAWhileReadIsTakenOutOfTheFrontToes) {
    // All readings exact of a car whose front wheels stand steered 0.5 degrees to the right.
    testing::TrueCar truth, steered;
    steered.toe[0] += 0.5;
    steered.toe[1] -= 0.5;
    CarCard card = testing::card_of(truth);
    card.steering_ratio = 16.0;
    auto log = testing::exact_log(steered, card);
    const Estimate believed = estimate(job_of(log));
    EXPECT_NEAR(believed.wheels[0].toe.value.deg(), truth.toe[0] + 0.5, 0.003);
    Reading look =
        state(Spot{ReadingId::steering_wheel, {}, {}, {}, {}, {}, false, Swept::straight}, "8 deg");
    look.stated_sigma = 0.5;
    log.push_back(entry("look", look));
    const Estimate e = estimate(job_of(log));
    for (std::size_t w = 0; w < 4; ++w) EXPECT_NEAR(e.wheels[w].toe.value.deg(), truth.toe[w], 0.003) << w;
    EXPECT_NEAR(e.axles[0].total_toe.value.deg(), believed.axles[0].total_toe.value.deg(), 1e-4)
        << "the total stands";
    EXPECT_NEAR(e.wheels[0].toe.sigma.deg(), std::hypot(believed.wheels[0].toe.sigma.deg(), 0.5 / 16), 1e-3)
        << "as well as the wheel was read";

    // Only since now: what was read stands.
    std::get<Reading>(log.back().event).since_now = true;
    EXPECT_NEAR(estimate(job_of(log)).wheels[0].toe.value.deg(), truth.toe[0] + 0.5, 0.003);
}

TEST(SteeringWheel, AnUnknownRatioMakesItUncertain) {
    testing::TrueCar truth;
    CarCard card = testing::card_of(truth);
    auto log = testing::exact_log(truth, card);
    Reading look =
        state(Spot{ReadingId::steering_wheel, {}, {}, {}, {}, {}, false, Swept::straight}, "16 deg");
    look.stated_sigma = 0.1;
    log.push_back(entry("look", look));
    const Estimate e = estimate(job_of(log));
    EXPECT_NEAR(e.wheels[0].toe.value.deg(), truth.toe[0] - 1.0, 0.01) << "16 is taken";
    EXPECT_GT(e.wheels[0].toe.sigma.deg(), 0.15);
}

TEST(SteeringWheel, WhereNobodyKnowsTheFrontsAreReadAgain) {
    testing::TrueCar truth;
    auto log = testing::exact_log(truth, testing::card_of(truth));
    log.push_back(entry("moved", Change{ChangeKind::steering_recentred, {}}));
    log.push_back(entry("round2", RoundOpened{}));
    const auto wanted = wanted_spots(job_of(log), 1);
    EXPECT_EQ(wanted.size(), 4u);
    for (const Spot& s : wanted) {
        EXPECT_EQ(axle_of(*s.wheel), Axle::front);
        EXPECT_NE(s.kind, ReadingId::hub);
    }
}

TEST(FloorInTheEstimate, CasterAndGapsLoseTheSlopeToo) {
    // A floor that rises to the front by 20 mm over the wheelbase, and to the left by 10 mm over the track.
    CarCard card = testing::card_of({});
    card.axle(Axle::front).track = card.axle(Axle::rear).track = Length::from_mm(1500);
    FloorSet floor;
    floor.method = FloorMethod::heights;
    floor.heights = {Length::from_mm(30), Length::from_mm(20), Length::from_mm(10), Length()};
    floor.sigma = Length::from_mm(0.001);
    ReadyLog log(card);
    log.add(floor);
    Reading caster = state(wheel_spot(ReadingId::caster, Wheel::front_left), "4 deg");
    caster.stated_sigma = 0.001;
    log.add(caster);
    Reading gap = state(wheel_spot(ReadingId::camber_gap, Wheel::front_right), "7.5 mm");
    gap.height = Length::from_mm(400);
    gap.top_in = true;
    gap.stated_sigma = 0.001;
    log.add(gap);
    const Estimate e = estimate(log.job());
    const double deg = 180 / 3.14159265358979323846;
    EXPECT_NEAR(e.wheels[0].caster.value.deg(), 4 - std::atan(20.0 / 2565) * deg, 2e-3) << "swept less p";
    EXPECT_NEAR(e.wheels[1].camber.value.deg(), -std::atan(7.5 / 400) * deg - std::atan(10.0 / 1500) * deg,
                3e-3);
}

TEST(FloorInTheEstimate, AFloorSurveyedAfterTheReadingCountsForItToo) {
    ReadyLog log(testing::card_of({}));
    Reading camber = state(wheel_spot(ReadingId::camber, Wheel::rear_left), "-1 deg");
    camber.stated_sigma = 0.01;
    log.add(camber);
    const double before = estimate(log.job()).wheels[2].camber.value.deg();
    FloorSet floor;
    floor.method = FloorMethod::heights;
    floor.heights = {Length(), Length(), Length::from_mm(12), Length()};
    log.add(floor);
    const KnownAngle after = estimate(log.job()).wheels[2].camber;
    EXPECT_NEAR(before, -1, 1e-6);
    EXPECT_NEAR(after.value.deg(), -1 + std::atan(12.0 / 1500) * 180 / 3.14159265, 2e-3)
        << "floors do not move";
    EXPECT_GT(after.sigma.deg(), 0.02) << "half a millimeter each";
}

TEST(FloorInTheEstimate, ToeDoesNotMindIt) {
    testing::TrueCar truth;
    auto log = testing::exact_log(truth, testing::card_of(truth));
    const Estimate before = estimate(job_of(log));
    FloorSet floor;
    floor.method = FloorMethod::flat_enough;
    floor.sigma = Length::from_mm(20);
    log.push_back(entry("floor", floor));
    const Estimate after = estimate(job_of(log));
    for (std::size_t w = 0; w < 4; ++w) {
        EXPECT_DOUBLE_EQ(after.wheels[w].toe.value.deg(), before.wheels[w].toe.value.deg());
        EXPECT_DOUBLE_EQ(after.wheels[w].toe.sigma.deg(), before.wheels[w].toe.sigma.deg());
    }
    EXPECT_EQ(after.redundancy, before.redundancy);
}

TEST(SteeringWheel, SetStraightAgainTheNextRoundIsReadStraight) {
    testing::TrueCar truth;
    CarCard card = testing::card_of(truth);
    card.steering_ratio = 16.0;
    testing::TrueCar steered = truth;
    steered.toe[0] += 0.25;
    steered.toe[1] -= 0.25;
    auto log = testing::exact_log(steered, card);
    Reading look =
        state(Spot{ReadingId::steering_wheel, {}, {}, {}, {}, {}, false, Swept::straight}, "4 deg");
    look.stated_sigma = 0.2;
    log.push_back(entry("look", look));
    log.push_back(entry("moved", Change{ChangeKind::steering_recentred, {}}));
    log.push_back(entry("round2", RoundOpened{}));
    testing::read_round(log, truth, 0.1);
    EstimateOptions options;
    for (int round : {0, 1}) {
        options.round = round;
        const Estimate e = estimate(job_of(log), options);
        EXPECT_NEAR(e.wheels[0].toe.value.deg(), truth.toe[0], 0.004) << "round " << round;
        EXPECT_NEAR(e.wheels[1].toe.value.deg(), truth.toe[1], 0.004) << "round " << round;
        EXPECT_FALSE(e.alarm) << "round " << round;
    }
}

TEST(StateReadings, DoNotOpenARoundNorMeasureATurn) {
    CarCard card = testing::card_of({});
    std::vector<Entry> log = {
        entry("car", CarEdit{card}),
        entry("h", state(wheel_spot(ReadingId::ride_height, Wheel::rear_left), "370 mm"))};
    EXPECT_TRUE(job_of(log).rounds.empty());
    EXPECT_EQ(job_of(log).others.size(), 1u);
    EXPECT_EQ(state_readings(job_of(log), wheel_spot(ReadingId::ride_height, Wheel::rear_left)).size(), 1u);
    log.push_back(entry("t", Turn{"rod-fl", 1, true, true}));
    log.push_back(entry("h2", state(wheel_spot(ReadingId::ride_height, Wheel::rear_left), "371 mm")));
    EXPECT_TRUE(turned_since_reading(job_of(log)));
}

TEST(Baseline, SaysWhatIsLeftToTurnToPutItBack) {
    CarCard card = testing::card_of({});
    Adjuster rod = testing::rod_at(Wheel::front_left, RodSide::behind_axle);
    rod.pitch = Length::from_mm(1.5);
    card.adjusters = {rod, Adjuster{"cam-rl", "cam", {}, {}, {}}, Adjuster{"n", "none", "camber", {}, {}}};
    ReadyLog log(card);
    const auto items = baseline_of(log.job());
    ASSERT_EQ(items.size(), 8u)
        << "length and thread of the rod, the cam, four heights, the wheel; nothing for none";
    BaselineNote found;
    found.item = "rod-length front-left";
    found.value = *read_quantity("312.5 mm");
    log.add(found);
    BaselineNote back = found;
    back.back = true;
    back.value = *read_quantity("314 mm");
    log.add(back);
    const BaselineItem item = baseline_of(log.job()).front();
    ASSERT_TRUE(item.turns);
    EXPECT_NEAR(item.difference->mm(), 1.5, 1e-9);
    EXPECT_NEAR(*item.turns, 1.0, 1e-9) << "one turn longer than it was";
    // Struck out, it is as if it had not been written.
    log.add(Strike{Strike::Way::undo, {log.entries.back().id}, "undo"});
    EXPECT_FALSE(baseline_of(log.job()).front().back);
}

TEST(Sums, RunOutBulgeAndTheDifferenceOfTheThreads) {
    CarCard card = testing::card_of({});
    for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
        Adjuster rod = testing::rod_at(w, RodSide::behind_axle);
        rod.pitch = Length::from_mm(1.5);
        card.adjusters.push_back(rod);
    }
    ReadyLog log(card);
    EXPECT_FALSE(run_out(log.job(), Wheel::front_left).known);
    Spot lip = wheel_spot(ReadingId::rim_runout, Wheel::front_left);
    log.add(state(lip, "31.0 mm"));
    lip.rolled = true;
    log.add(state(lip, "32.2 mm"));
    const RunOut r = run_out(log.job(), Wheel::front_left);
    ASSERT_TRUE(r.known);
    EXPECT_NEAR(r.half_difference.mm(), 0.6, 1e-9) << "half their difference";
    EXPECT_NEAR(r.as_toe.deg(), std::asin(1.2 / 416) * 180 / 3.14159265358979, 1e-6);

    Spot side = wheel_spot(ReadingId::tire_bulge, Wheel::rear_left);
    log.add(state(side, "40 mm"));
    side.rolled = true;
    log.add(state(side, "37.5 mm"));
    EXPECT_NEAR(bulge(log.job(), Wheel::rear_left)->mm(), 2.5, 1e-9);

    log.add(state(wheel_spot(ReadingId::thread_exposed, Wheel::front_left), "31.5 mm"));
    log.add(state(wheel_spot(ReadingId::thread_exposed, Wheel::front_right), "24 mm"));
    const SideDifference d = side_difference(log.job(), Axle::front, ReadingId::thread_exposed);
    ASSERT_TRUE(d.known);
    EXPECT_NEAR(*d.turns, 5.0, 1e-9);
}

TEST(LooseList, HoldsWhatWasTouchedUntilItIsRefitted) {
    ReadyLog log(testing::card_of({}));
    log.add(PartTouched{PartState::loosened, "left locknut"});
    log.add(PartTouched{PartState::removed, "splash shield"});
    log.add(PartTouched{PartState::provisional, "left locknut"});
    ASSERT_EQ(loose_list(log.job()).size(), 2u);
    EXPECT_EQ(loose_list(log.job()).back().state, PartState::provisional) << "its last state";
    log.add(PartTouched{PartState::refitted, "left locknut"});
    log.add(PartTouched{PartState::refitted, "splash shield"});
    EXPECT_TRUE(loose_list(log.job()).empty());
}

TEST(Card, FindsTheTorqueOfAPartByItsName) {
    CarCard card;
    card.torques = {{"tie rod, locknut", "55 Nm"}, {"wheel nuts", "110 Nm"}};
    EXPECT_EQ(card.torque_of("Left tie rod, locknut"), "55 Nm");
    EXPECT_EQ(card.torque_of("Wheel nuts"), "110 Nm");
    EXPECT_FALSE(card.torque_of("damper bolt"));
}

}  // namespace
}  // namespace fairchalk
