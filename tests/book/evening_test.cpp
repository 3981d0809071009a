// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/evening.h"

#include <gtest/gtest.h>

#include "book/knowledge_file.h"
#include "core/analysis.h"
#include "core/job/rig.h"
#include "core/turned_job.h"
#include "words/words.h"

namespace fairchalk {
namespace {

using What = EveningStep::What;
using J = TurnedJob;

/// Rods and shims, both fronts out.
TurnedJob shimmed() {
    TurnedJob j;
    for (Wheel w : {Wheel::front_left, Wheel::front_right})
        j.car.adjusters.push_back(device(w == Wheel::front_left ? "shims-fl" : "shims-fr", "shim-pair", w));
    j.begin({J::target(Measure::toe, Axle::front, 0.05, 0.1),
             J::target(Measure::camber, Axle::front, -0.5, 0.2),
             J::target(Measure::caster, Axle::front, 4.0, 0.5)});
    j.all(0.3, 0.25, 0.0, -0.05, 4.0, 4.0);
    return j;
}

Analysis analysed(const TurnedJob& j, PlanOptions options = {}) {
    Question q;
    q.options = options;
    return analyse(job_of(j.log), q);
}

Evening evening(const TurnedJob& j, const PlanOptions& options = {}) {
    const Analysis a = analysed(j, options);
    return evening_of(job_of(j.log), a.plan, a.read, a.to_go, book::shipped_knowledge(), options);
}

int count(const Evening& e, What what) {
    return static_cast<int>(
        std::count_if(e.steps.begin(), e.steps.end(), [&](const EveningStep& s) { return s.what == what; }));
}

TEST(Evening, ShimsOfBothSidesAreDoneInOneJackingBeforeTheRodsAreTurnedBetweenTheLines) {
    const TurnedJob j = shimmed();
    const Evening e = evening(j);
    EXPECT_EQ(e.jackings, 1);
    ASSERT_EQ(count(e, What::jack), 1);
    ASSERT_EQ(count(e, What::turn), 2);
    std::optional<std::size_t> up, lines, settled;
    for (std::size_t i = 0; i < e.steps.size(); ++i) {
        if (e.steps[i].what == What::settle) settled = i;
        if (e.steps[i].what != What::turn) continue;
        (e.steps[i].car == CarState::wheels_up ? up : lines) = i;
    }
    ASSERT_TRUE(up && lines && settled);
    EXPECT_EQ(e.steps[*up].about.size(), 2u);
    EXPECT_LT(*up, *settled);
    EXPECT_LT(*settled, *lines);
    // The state of the car changes as seldom as it can.
    int changes = 0;
    for (std::size_t i = 1; i + 1 < e.steps.size(); ++i) changes += e.steps[i].car != e.steps[i - 1].car;
    EXPECT_EQ(changes, 2);
}

TEST(Evening, ItsMinutesAreThePlansAndGrowWithWhatThisGarageTakes) {
    const TurnedJob j = shimmed();
    const Analysis a = analysed(j);
    const Evening e = evening(j);
    ASSERT_EQ(a.plan.next, NextStep::turn) << (a.plan.look ? a.plan.look->adjuster + a.plan.look->field : "");
    EXPECT_NEAR(e.minutes, a.to_go.to_done, 1e-6);
    EXPECT_GT(a.to_go.to_done, a.to_go.this_pass);
    // Four turned at 4, one jacking at 12, what is read again at a half.
    EXPECT_NEAR(a.to_go.this_pass,
                4.0 * static_cast<double>(a.plan.turns.size()) + 12.0 +
                    0.5 * static_cast<double>(a.plan.remeasure.size()),
                1e-9);
    PlanOptions slow;
    slow.times.jack = 40.0;
    EXPECT_NEAR(analysed(j, slow).to_go.this_pass - a.to_go.this_pass, 28.0, 1e-9);
}

TEST(Evening, WhoNeedsTheJackToReachARodHasItInTheMinutes) {
    TurnedJob j;
    j.begin({J::target(Measure::toe, Axle::front, 0.05, 0.1)});
    j.all(0.4, 0.3, 0.0, 0.0);
    PlanOptions jack;
    jack.jacked_to_reach = true;
    EXPECT_EQ(evening(j).jackings, 0);
    EXPECT_EQ(evening(j, jack).jackings, 1);
    EXPECT_NEAR(analysed(j, jack).to_go.this_pass - analysed(j).to_go.this_pass, 12.0, 1e-9);
}

TEST(Evening, AnEmptyJobHasTheStagesBeforeItAndNoMinutesOfTurnsThatNobodyAskedFor) {
    TurnedJob j;
    j.put(CarEdit{j.car});
    const Evening nothing = evening(j);
    EXPECT_GT(count(nothing, What::check), 0);
    EXPECT_EQ(count(nothing, What::set_up), 0);
    EXPECT_EQ(count(nothing, What::once_more), 0);
    j.put(TargetsEdit{{J::target(Measure::toe, Axle::front, 0.05, 0.1)}});
    j.put(RoundOpened{});
    const Evening e = evening(j);
    EXPECT_EQ(count(e, What::set_up), 1);
    EXPECT_EQ(count(e, What::read), 1);
    EXPECT_EQ(count(e, What::loosen), 1);
    EXPECT_GT(e.minutes, nothing.minutes + 20.0);
    for (const EveningStep& s : e.steps) {
        EXPECT_FALSE(words::evening_step(s, j.car, book::shipped_knowledge()).empty());
        EXPECT_GE(s.minutes, 0.0);
    }
}

TEST(Evening, WhoAsksForNoAngleStillSetsUpAndReadsWhatWasChosen) {
    TurnedJob j;
    j.put(CarEdit{j.car});
    const double before = evening(j).minutes;
    LinesSet strings;
    strings.rigs = {std::string(usual_rig().id)};
    j.put(strings);
    j.put(RoundOpened{});
    const Evening e = evening(j);
    EXPECT_EQ(count(e, What::set_up), 1);
    ASSERT_EQ(count(e, What::read), 1);
    EXPECT_EQ(count(e, What::once_more), 0);
    EXPECT_GT(e.minutes, before + 5.0);
    // With one of them read the others are still to be read.
    Reading first;
    first.spot = wheel_spot(ReadingId::rim_rear, Wheel::rear_left);
    first.value = *read_quantity("109 mm");
    j.put(first);
    const Evening one = evening(j);
    EXPECT_EQ(count(one, What::set_up), 0);
    ASSERT_EQ(count(one, What::read), 1);
    const auto left = std::ranges::find(one.steps, What::read, &EveningStep::what);
    EXPECT_EQ(left->spots, static_cast<int>(string_walk().size()) - 1);
}

TEST(Evening, WhatIsReadOnceMoreOnlyToBeSureAddsNoPassOfTurns) {
    TurnedJob j;
    j.begin({J::target(Measure::toe, Axle::front, 0.05, 0.2)});
    j.angle(ReadingId::toe_angle, Wheel::front_left, 0.05, 0.11);
    j.angle(ReadingId::toe_angle, Wheel::front_right, 0.05, 0.11);
    const Analysis a = analysed(j);
    ASSERT_EQ(a.plan.next, NextStep::read);
    EXPECT_LT(a.to_go.to_done, a.to_go.this_pass + 4.0) << "next step " << static_cast<int>(a.plan.next);
}

TEST(Evening, AChassisOnBlocksIsUpAlreadyAndHasNothingToSettle) {
    TurnedJob j = shimmed();
    CarCard blocks = j.car;
    blocks.no_springs = true;
    j.log.front().event = CarEdit{blocks};
    const Evening e = evening(j);
    EXPECT_EQ(count(e, What::turn), 2);
    EXPECT_EQ(count(e, What::jack) + count(e, What::settle), 0);
    EXPECT_EQ(e.jackings, 0);
    EXPECT_NEAR(analysed(shimmed()).to_go.this_pass - analysed(j).to_go.this_pass, 12.0, 1e-9);
}

TEST(Evening, ACrookedWheelAloneIsTurnedLockedAndDrivenAndNothingIsStrungUp) {
    TurnedJob j;
    j.begin({J::target(Measure::toe, Axle::front, 0.05, 0.1)});
    j.put(ReasonsGiven{{"wheel-crooked"}, ""});
    Driven d;
    d.wheel_off = Angle::from_deg(-8);
    j.put(d);
    const Evening e = evening(j);
    EXPECT_EQ(count(e, What::set_up) + count(e, What::read) + count(e, What::once_more), 0);
    ASSERT_EQ(count(e, What::turn), 1);
    EXPECT_EQ(count(e, What::lock), 1);
    EXPECT_LT(e.minutes, 60.0);
}

TEST(Evening, TurnedAndNotLockedIsStillInIt) {
    TurnedJob j;
    j.begin({J::target(Measure::toe, Axle::front, 0.05, 0.1)});
    j.all(0.4, 0.3, 0.0, 0.0);
    j.turned("rod-fl", -0.5);
    j.turned("rod-fr", -0.5);
    j.put(RoundOpened{});
    j.all(0.05, 0.05, 0.0, 0.0);
    const Analysis a = analysed(j);
    ASSERT_EQ(a.plan.next, NextStep::done);
    EXPECT_NEAR(a.to_go.to_done, 6.0, 1e-9);
    EXPECT_EQ(count(evening(j), What::lock), 1);
    // Tightening moves things: it is read once more, and nothing is loose.
    j.put(Change{ChangeKind::locked, {}});
    EXPECT_EQ(count(evening(j), What::lock), 0);
}

TEST(Evening, WhatWasSetUpBeforeATurnStandsAfterIt) {
    TurnedJob j;
    j.begin({J::target(Measure::toe, Axle::front, 0.05, 0.1)});
    LinesSet strings;
    strings.bars = {Length::from_mm(300), Length::from_mm(300)};
    j.put(strings);
    j.all(0.4, 0.3, 0.0, 0.0);
    const auto before_reading = [](const Evening& e) {
        return count(e, What::check) + count(e, What::floor) + count(e, What::steering) +
               count(e, What::set_up);
    };
    EXPECT_EQ(before_reading(evening(j)), 0);
    const double expected = evening(j).minutes;
    const Plan plan = analysed(j).plan;
    ASSERT_FALSE(plan.turns.empty());
    for (const PlannedTurn& t : plan.turns) j.turned(t.adjuster, t.turns);
    j.put(RoundOpened{});
    EXPECT_EQ(before_reading(evening(j)), 0) << "the strings are up, and the car stands as it stood";
    EXPECT_LT(evening(j).minutes, expected + 5.0) << "nothing is put up a second time";
    // What spoils them brings them back.
    j.put(Change{ChangeKind::strings_moved, {}});
    EXPECT_EQ(count(evening(j), What::set_up), 1);
}

TEST(Order, WhoSetsCasterFirstIsAskedForCasterAndForToeWhenTheRestIsInside) {
    TurnedJob j = shimmed();
    PlanOptions mine;
    const auto ids = [&](const PlanOptions& o) {
        std::vector<std::string> out;
        for (const PlannedTurn& t : analysed(j, o).plan.turns) out.push_back(t.adjuster);
        std::sort(out.begin(), out.end());
        return out;
    };
    using Ids = std::vector<std::string>;
    EXPECT_EQ(ids(mine).size(), 4u);
    mine.order = Order::caster_camber_toe;
    const Ids first = ids(mine);
    EXPECT_TRUE(std::find(first.begin(), first.end(), "shims-fl") != first.end());
    mine.order = Order::toe_first;
    EXPECT_EQ(ids(mine), (Ids{"rod-fl", "rod-fr"}));
    // Not far enough out to keep it from rolling.
    mine.order = Order::rough_toe_first;
    EXPECT_TRUE(std::find(ids(mine).begin(), ids(mine).end(), "shims-fl") != ids(mine).end() ||
                ids(mine) == first);
    // Nothing is at the rear: as planned.
    mine.order = Order::rear_first;
    EXPECT_EQ(ids(mine).size(), 4u);
    for (const char* name :
         {"all-at-once", "caster-camber-toe", "toe-first", "rough-toe-first", "rear-first"})
        EXPECT_EQ(name_of(*order_named(name)), name);
    EXPECT_FALSE(order_named("as it comes"));
}

}  // namespace
}  // namespace fairchalk
