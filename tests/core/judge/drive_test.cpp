// SPDX-License-Identifier: GPL-3.0-or-later
// A drive as a reading: what it tells, what it explains, and how sure it makes what boards alone leave open.
#include "core/judge/drive.h"

#include <algorithm>
#include <random>

#include <gtest/gtest.h>

#include "core/advice/procedure.h"
#include "core/analysis.h"
#include "core/job/wheel_only.h"
#include "core/worked_job.h"
#include "words/words.h"

namespace fairchalk {
namespace {

using testing::TrueCar;

CarCard card_with_ratio(const TrueCar& c, double ratio = 16.0) {
    CarCard card = testing::card_of(c);
    card.steering_ratio = ratio;
    for (Wheel w : {Wheel::front_left, Wheel::front_right})
        card.adjusters.push_back(testing::rod_at(w, RodSide::behind_axle));
    return card;
}

Driven sat(double deg, std::optional<double> sigma = {}) {
    Driven d;
    d.wheel_off = Angle::from_deg(deg);
    if (sigma) d.wheel_sigma = Angle::from_deg(*sigma);
    return d;
}

/// By the car's own toes: to the right positive.
double truly(const TrueCar& c, double ratio = 16.0) {
    return ratio * ((c.toe[1] - c.toe[0]) / 2 - (c.toe[3] - c.toe[2]) / 2);
}

Estimate now(const std::vector<Entry>& log) {
    EstimateOptions o;
    o.as_of_now = true;
    return estimate(job_of(log), o);
}

/// A log of boards at one axle alone, read to `sigma` mm.
std::vector<Entry> boards(const TrueCar& c, const CarCard& card, double sigma, std::mt19937* noise,
                          Axle axle = Axle::front) {
    LinesSet lines;
    lines.rigs = {"toe-boards"};
    lines.sizes.board_span = Length::from_mm(600);
    auto log = testing::begun(c, card, {testing::total_toe(axle, 0.1, axle == Axle::front ? 0.1 : 1.0)});
    log.insert(log.end() - 1, testing::entry("lines", lines));
    const auto left = static_cast<std::size_t>(2 * index_of(axle));
    const double total = (c.toe[left] + c.toe[left + 1]) * testing::rad;
    std::normal_distribution<double> n(0.0, sigma);
    for (const auto& [kind, end] :
         {std::pair(ReadingId::boards_front, -1.0), {ReadingId::boards_rear, 1.0}}) {
        Reading r = blank_reading(axle_spot(kind, axle), lines);
        // Toed in, they stand nearer to each other in front.
        r.value = *read_quantity(
            write_exact(Length::from_mm(1500.0 + end * 300.0 * total + (noise ? n(*noise) : 0.0))));
        r.stated_sigma = sigma;
        log.push_back(testing::entry(std::string(reading_kind(kind).name()), r));
    }
    return log;
}

TEST(Drive, TheWheelSitsByTheTestNumbers) {
    TrueCar c;  // toes -0.31 and 0.17, thrust -0.085
    auto log = testing::exact_log(c, card_with_ratio(c));
    const Job job = job_of(log);
    const KnownAngle wheel = wheel_on_road(now(log), job.rounds.back().car);
    ASSERT_TRUE(wheel.known);
    EXPECT_NEAR(truly(c), 5.20, 1e-9);
    EXPECT_NEAR(wheel.value.deg(), 5.20, 0.02);
    EXPECT_TRUE(
        words::wheel_expected(wheel).starts_with("By the angles the steering wheel sits 5°12' to the right"))
        << words::wheel_expected(wheel);
    // Where nobody gave the ratio it is as unsure as that.
    CarCard unsaid = job.rounds.back().car;
    unsaid.steering_ratio.reset();
    EXPECT_GT(wheel_on_road(now(log), unsaid).sigma.deg(), 0.7);
}

TEST(Drive, BoardsAndOneDriveGiveEachFrontWheelToTheThrustLine) {
    std::mt19937 random(11);
    std::normal_distribution<double> n(0.0, 1.0);
    double square = 0.0;
    int known = 0;
    constexpr int cars = 300;
    for (int k = 0; k < cars; ++k) {
        TrueCar c;
        for (double& t : c.toe) t = 0.3 * n(random);
        auto log = boards(c, card_with_ratio(c), 0.7, &random);
        EXPECT_FALSE(now(log).wheels[0].toe_to_thrust.known) << "boards alone tell no wheel";
        log.push_back(testing::entry("drive", sat(truly(c) + 1.5 * n(random))));
        const Estimate e = now(log);
        const double thrust = (c.toe[3] - c.toe[2]) / 2;
        for (std::size_t w = 0; w < 2; ++w) {
            const KnownAngle& a = e.wheels[w].toe_to_thrust;
            known += a.known;
            if (!a.known) continue;
            square += std::pow((a.value.deg() - (c.toe[w] + (w == 0 ? thrust : -thrust))) / a.sigma.deg(), 2);
        }
    }
    EXPECT_EQ(known, 2 * cars) << "in every case";
    const double rms = std::sqrt(square / (2 * cars));
    RecordProperty("error over sigma", std::to_string(rms));
    EXPECT_LE(rms, 1.2);
    EXPECT_GE(rms, 0.8);
}

/// A log of strings in which `before` came before the first round was opened.
std::vector<Entry> strings_after(const TrueCar& c, const std::vector<decltype(Entry::event)>& before) {
    std::vector<Entry> log = testing::exact_log(c, card_with_ratio(c));
    const auto round = std::find_if(
        log.begin(), log.end(), [](const Entry& e) { return std::holds_alternative<RoundOpened>(e.event); });
    std::vector<Entry> first;
    for (const auto& e : before) first.push_back(testing::entry("before" + std::to_string(first.size()), e));
    log.insert(round, first.begin(), first.end());
    return log;
}

Turn turned(const std::string& rod, double turns) {
    Turn t;
    t.adjuster = rod;
    t.turns = turns;
    return t;
}

// The steering wheel first, by turns after a drive; then, in the same job, strings.
TEST(Drive, OfBeforeSomeTurnsIsNoReadingOfTheCarAfterThem) {
    const TrueCar c;
    const CarCard card = card_with_ratio(c);
    double by = 0.0;
    for (const auto& [rod, turns] : {std::pair("rod-fl", 1.0), {"rod-fr", -1.0}}) {
        const Adjuster& a = *card.rod(rod);
        by += (wheel_of(a) == Wheel::front_left ? -8.0 : 8.0) * toe_change(a, turns, arm_prior(a).mean).deg();
    }
    ASSERT_GT(std::abs(by), 10.0);
    const auto log =
        strings_after(c, {sat(truly(c) - by, 0.5), turned("rod-fl", 1.0), turned("rod-fr", -1.0)});
    const Estimate e = now(log);
    EXPECT_FALSE(e.alarm);
    for (std::size_t w = 0; w < 4; ++w) EXPECT_NEAR(e.wheels[w].toe.value.deg(), c.toe[w], 0.02);
    // What the drive and the strings say of the turns agrees with the card.
    EXPECT_LT(e.weighted_sum, 10.0);
    // It says nothing of a car whose adjusters moved by nobody knows how much since.
    Turn uncounted = turned("rod-fl", 0.0);
    uncounted.counted = false;
    const Estimate lost = now(strings_after(c, {sat(-30.0, 0.5), uncounted}));
    for (std::size_t w = 0; w < 4; ++w) EXPECT_NEAR(lost.wheels[w].toe.value.deg(), c.toe[w], 0.02);
}

// Nothing was read before them: no pass to doubt, and later ones are held against their own readings.
TEST(Drive, TurnsBeforeTheFirstReadingAreNoPassToDoubt) {
    const TrueCar c;
    auto log = strings_after(c, {turned("rod-fl", 4.0)});
    EXPECT_TRUE(believe(job_of(log)).doubts.empty());
    const CarCard card = card_with_ratio(c);
    TrueCar then = c;
    const Adjuster& rod = *card.rod("rod-fr");
    then.toe[1] += toe_change(rod, 0.5, arm_prior(rod).mean).deg();
    log.push_back(testing::entry("turn", turned("rod-fr", 0.5)));
    log.push_back(testing::entry("second", RoundOpened{}));
    bool round = false;
    for (const Entry& e : testing::exact_log(then, card)) {
        if (round && std::holds_alternative<Reading>(e.event))
            log.push_back(testing::entry("again" + std::to_string(log.size()), e.event));
        round = round || std::holds_alternative<RoundOpened>(e.event);
    }
    EXPECT_TRUE(believe(job_of(log)).doubts.empty());
}

TEST(Drive, WhatItTellsIsUndoneByBothRodsAndTheToeStays) {
    TrueCar c;
    c.toe = {-0.25, 0.45, 0.0, 0.0};  // total 0.2: inside 0.1 ± 0.1 at its edge
    c.toe[0] = -0.3;
    c.toe[1] = 0.4;
    auto log = boards(c, card_with_ratio(c), 0.1, nullptr);
    log.push_back(testing::entry("drive", sat(truly(c), 0.5)));
    const Job job = job_of(log);
    const Analysis a = analyse(job);
    ASSERT_EQ(a.plan.turns.size(), 2u) << "left longer, right shorter";
    double left = 0, right = 0;
    for (const PlannedTurn& t : a.plan.turns) (t.adjuster == "rod-fl" ? left : right) = t.turns;
    EXPECT_GT(left, 0.2);
    EXPECT_LT(right, -0.2);
    EXPECT_NEAR(left + right, 0.0, 0.13) << "the toe stays";
    ASSERT_TRUE(a.drive);
    EXPECT_FALSE(a.drive->expected.known) << "boards alone expect nothing of the wheel";
}

TEST(Drive, WhatTheAnglesDoNotExplainIsSaid) {
    TrueCar c;
    auto log = testing::exact_log(c, card_with_ratio(c));
    const auto says = [&](const Driven& d) {
        auto with = log;
        with.push_back(testing::entry("drive", d));
        const Job job = job_of(with);
        return drive_says(job, now(with));
    };
    EXPECT_FALSE(drive_says(job_of(log), now(log)));
    EXPECT_TRUE(says(sat(5.0))->fits);
    EXPECT_FALSE(says(sat(-6.0))->fits);
    EXPECT_TRUE(words::drive(*says(sat(5.0)))[0].starts_with("The angles explain how the wheel sat"));
    EXPECT_TRUE(words::drive(*says(sat(-6.0)))[0].starts_with("The angles do not explain how the wheel sat"));
    Driven pulls;
    pulls.drift = Drift::left;
    EXPECT_EQ(says(pulls)->pull, PullBy::unknown) << "no camber, no caster";
    // What was driven before a turn says nothing of what is now.
    auto later = log;
    later.push_back(testing::entry("drive", sat(5.0)));
    Turn t;
    t.adjuster = "rod-fl";
    t.turns = 0.5;
    later.push_back(testing::entry("turn", t));
    EXPECT_FALSE(drive_says(job_of(later), now(later)));
}

TEST(Drive, APullIsHeldAgainstCasterAndCamber) {
    TrueCar c;
    const auto of = [&](double camber_l, double camber_r, double caster_l, double caster_r, Drift to) {
        auto log = testing::exact_log(c, card_with_ratio(c));
        for (const auto& [kind, w, deg] : {std::tuple(ReadingId::camber, Wheel::front_left, camber_l),
                                           {ReadingId::camber, Wheel::front_right, camber_r},
                                           {ReadingId::caster, Wheel::front_left, caster_l},
                                           {ReadingId::caster, Wheel::front_right, caster_r}}) {
            Reading r;
            r.spot = wheel_spot(kind, w);
            r.value.kind = QuantityKind::angle;
            r.value.value = deg;
            r.stated_sigma = 0.05;
            log.push_back(testing::entry("a" + std::to_string(log.size()), r));
        }
        Driven d;
        d.drift = to;
        log.push_back(testing::entry("drive", d));
        return drive_says(job_of(log), now(log))->pull;
    };
    EXPECT_EQ(of(-1, -1, 3.0, 4.0, Drift::left), PullBy::caster) << "the left has less";
    EXPECT_EQ(of(-1, -1, 3.0, 4.0, Drift::right), PullBy::neither) << "that would go the other way";
    EXPECT_EQ(of(-1, -1, 4.0, 3.0, Drift::right), PullBy::caster);
    EXPECT_EQ(of(0.2, -0.8, 4.0, 4.0, Drift::left), PullBy::camber) << "the left leans more outward";
    EXPECT_EQ(of(-0.8, 0.2, 4.0, 4.0, Drift::right), PullBy::camber);
    EXPECT_EQ(of(-1, -1.1, 4.0, 4.1, Drift::left), PullBy::neither);
    EXPECT_EQ(of(-1, -1, 4, 4, Drift::straight), std::nullopt);
}

TEST(Drive, WhatNothingChosenReadsOnceItIsTurnedIsLockedAndDriven) {
    TrueCar c;
    const CarCard card = card_with_ratio(c);
    auto log = boards(c, card, 0.25, nullptr, Axle::rear);
    EXPECT_EQ(analyse(job_of(log)).plan.next, NextStep::read) << "nothing checks what is inside";
    for (std::size_t i = log.size(), n = 2; n-- > 0;) log.push_back(log[--i]), log.back().id += "again";
    ASSERT_EQ(analyse(job_of(log)).plan.next, NextStep::done);
    log.push_back(testing::entry("drive", sat(8.0)));
    Analysis a = analyse(job_of(log));
    ASSERT_EQ(a.plan.next, NextStep::turn) << "the wheel is set straight";
    for (const PlannedTurn& t : a.plan.turns) EXPECT_EQ(axle_of(t.wheel), Axle::front);
    for (Entry& e : entries_after_turn(job_of(log), turns_as_written(a.plan))) {
        e.id = "turn" + std::to_string(log.size());
        log.push_back(e);
    }
    EXPECT_FALSE(waits_for_reading(job_of(log)));
    a = analyse(job_of(log));
    EXPECT_EQ(a.plan.next, NextStep::done) << "boards at the rear tell nothing of it";
    log.push_back(testing::entry("once more", sat(8.0)));
    EXPECT_EQ(analyse(job_of(log)).plan.next, NextStep::turn) << "a drive does";
    std::get<Driven>(log.back().event) = sat(0.0);
    EXPECT_EQ(analyse(job_of(log)).plan.next, NextStep::done);
}

/// All lips of four strings, and boards beside them: nothing is wrong there.
std::vector<Entry> well_read(const TrueCar& c, std::mt19937& rng) {
    auto log = testing::exact_log(c, card_with_ratio(c));
    std::normal_distribution<double> n(0.0, 0.15);
    for (Entry& e : log)
        if (Reading* r = std::get_if<Reading>(&e.event)) {
            r->value.value += n(rng);
            r->value.text = write_exact(r->value.length());
        }
    log.insert(log.begin() + 1,
               testing::entry("aim", TargetsEdit{{testing::total_toe(Axle::front, 0.1, 1.5)}}));
    return log;
}

TEST(Drive, ToTheOtherSideIsAskedAboutAndNoReadingIsBlamed) {
    std::mt19937 rng(3);
    int asked = 0;
    for (int k = 0; k < 20; ++k) {
        TrueCar c;
        c.toe[0] -= 0.8;  // the wheel sits far off
        auto log = well_read(c, rng);
        ASSERT_FALSE(drive_asked_about(analyse(job_of(log)).plan));
        log.push_back(testing::entry("drive", sat(truly(c))));
        ASSERT_FALSE(drive_asked_about(analyse(job_of(log)).plan)) << "as it was";
        std::get<Driven>(log.back().event) = sat(-truly(c));
        const Analysis a = analyse(job_of(log));
        ASSERT_TRUE(a.now.alarm);
        asked +=
            drive_asked_about(a.plan) == log.size() - 1 && a.plan.again->why.code == Code::again_drive_side;
        EXPECT_FALSE(to_set_aside(a));
    }
    EXPECT_GE(asked, 19) << "of 20, one of which may contradict itself";
}

TEST(Drive, ThatNothingExplainsIsAskedAboutOnceWhatItContradictsWasReadAgain) {
    std::mt19937 rng(4);
    TrueCar c;
    auto log = well_read(c, rng);
    log.push_back(testing::entry("drive", sat(truly(c) + 25.0)));
    const std::vector<Entry> before = log;
    const std::size_t drive = log.size() - 1;
    for (int again = 0; again < 20; ++again) {
        const Analysis a = analyse(job_of(log));
        ASSERT_TRUE(a.now.alarm);
        ASSERT_FALSE(to_set_aside(a)) << "readings are as good as they were";
        if (drive_asked_about(a.plan)) break;
        ASSERT_FALSE(a.read.empty());
        for (const Spot& s : a.read)
            for (const Entry& e : before)
                if (const Reading* r = std::get_if<Reading>(&e.event); r && r->spot == s)
                    log.push_back(testing::entry("again" + std::to_string(log.size()), *r));
    }
    EXPECT_EQ(drive_asked_about(analyse(job_of(log)).plan), drive);
    log.push_back(
        testing::entry("aside", Strike{Strike::Way::reasoned, {log[drive].id}, "the road fell off"}));
    EXPECT_FALSE(analyse(job_of(log)).now.alarm);
}

TEST(Drive, ReadWithTheGearInItsMiddleTheToesSayNothingOfTheWheel) {
    TrueCar c;
    auto log = testing::exact_log(c, card_with_ratio(c));
    const double before = now(log).wheels[0].toe.value.deg();
    log.insert(log.begin() + 1, testing::entry("gear", SteeringSet{SteeringSchool::gear, "clamp"}));
    log.push_back(testing::entry("drive", sat(-20.0)));
    EXPECT_NEAR(now(log).wheels[0].toe.value.deg(), before, 0.02);
    Driven d = sat(8.0);
    EXPECT_NEAR(said_wheel_sigma(d, card_with_ratio(c)).deg(), 1.5, 1e-9);
    EXPECT_NEAR(said_wheel_sigma(d, testing::card_of(c)).deg(), std::hypot(1.5, 8.0 * 2.5 / 16), 0.05);
}

}  // namespace
}  // namespace fairchalk
