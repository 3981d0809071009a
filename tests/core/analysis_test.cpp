// SPDX-License-Identifier: GPL-3.0-or-later
// What the program advises where little was read, the card is wrong, or a slip was made.
#include <cmath>

#include <gtest/gtest.h>

#include "core/analysis.h"
#include "core/car/suspension.h"
#include "core/job/knowledge.h"
#include "core/job/rig.h"
#include "core/true_rigs.h"
#include "core/turned_job.h"

namespace fairchalk {
namespace {

constexpr double by_one_turn = 0.661;  // degrees, 1.5 mm on 130 mm

Analysis analysed(const TurnedJob& j) {
    return analyse(job_of(j.log));
}

/// Total toe of an axle, twice, as boards tell it.
void total(TurnedJob& j, Axle axle, double deg, double sigma = 0.05) {
    for (int n = 0; n < 2; ++n) {
        Reading r;
        r.spot = axle_spot(ReadingId::toe_angle, axle);
        r.value.kind = QuantityKind::angle;
        r.value.value = deg;
        r.stated_sigma = sigma;
        j.put(r);
    }
}

void rear_links(TurnedJob& j) {
    for (Wheel w : {Wheel::rear_left, Wheel::rear_right}) {
        Adjuster r = j.car.adjusters.front();
        r.id = w == Wheel::rear_left ? "link-rl" : "link-rr";
        r.wheel = w;
        r.kind = toe_link_kind;
        j.car.adjusters.emplace_back(r);
    }
}

TEST(Advice, ARearAxleOfWhichOnlyTheTotalIsKnownIsTurnedOnBothSidesAlike) {
    for (double found : {-0.9, -0.3, 0.7, 1.2}) {
        TurnedJob j;
        rear_links(j);
        // So far only where somebody looked on which side they run.
        j.begin({TurnedJob::target(Measure::total_toe, Axle::rear, 0.2, 0.15)});
        total(j, Axle::rear, found);
        if (std::abs(found - 0.2) > 0.61) {
            const Plan asks = analysed(j).plan;
            EXPECT_EQ(asks.next, NextStep::look) << found;
            ASSERT_TRUE(asks.look);
            for (const Looked& l : facts_alike(j.car, *asks.look, "behind-axle")) j.put(l);
        }
        const Plan p = analysed(j).plan;
        ASSERT_EQ(p.next, NextStep::turn) << found;
        const PlannedTurn *l = j.turn(p, "link-rl"), *r = j.turn(p, "link-rr");
        ASSERT_TRUE(l && r) << found;
        EXPECT_NEAR(l->turns, r->turns, 1e-9) << found;
        EXPECT_LT(std::abs(l->turns), 2.0);
        EXPECT_TRUE(l->of_axle) << "no single toe is made up";
        EXPECT_NEAR(l->after.value.deg(), 0.2, 0.15);
    }
}

TEST(Advice, EachWheelsOwnTargetComesBeforeTheSteeringWheel) {
    // Nothing is known of the rear axle: how the wheel sits may not cost a wheel its toe.
    TurnedJob j;
    j.begin({TurnedJob::target(Measure::toe, Axle::front, 0.05, 0.1)});
    j.angle(ReadingId::toe_angle, Wheel::front_left, 0.06);
    j.angle(ReadingId::toe_angle, Wheel::front_right, 0.65);
    const Plan p = analysed(j).plan;
    ASSERT_EQ(p.next, NextStep::turn);
    for (const Verdict& v : p.after) {
        EXPECT_LE(v.angle.value, v.target.hi) << v.target.name();
        EXPECT_GE(v.angle.value, v.target.lo) << v.target.name();
    }
}

TEST(Advice, ATubeBringsTheTotalHomeWithoutASteeringTermToHoldItBack) {
    TurnedJob j;
    j.car.adjusters.clear();
    Adjuster tube = device("tube", "cross-tube", Wheel::front_right);
    tube.rod = RodSide::behind_axle;
    tube.pitch = Length::from_mm(1.5);
    tube.arm = Length::from_mm(140);
    j.car.adjusters.emplace_back(tube);
    j.begin({TurnedJob::target(Measure::total_toe, Axle::front, 0.1, 0.5)});
    total(j, Axle::front, 1.6);
    EXPECT_EQ(analysed(j).plan.next, NextStep::look) << "a degree and a half by the card's word alone";
    j.put(Looked{"tube", "rod", "behind-axle"});
    const Plan p = analysed(j).plan;
    ASSERT_TRUE(j.turn(p, "tube"));
    EXPECT_NEAR(p.after[0].angle.value.deg(), 0.1, 0.12);
}

/// The front read as it is, both toes, and the rear.
void fronts(TurnedJob& j, double left, double right) {
    for (int n = 0; n < 2; ++n) {
        j.angle(ReadingId::toe_angle, Wheel::front_left, left);
        j.angle(ReadingId::toe_angle, Wheel::front_right, right);
        j.angle(ReadingId::toe_angle, Wheel::rear_left, 0.0);
        j.angle(ReadingId::toe_angle, Wheel::rear_right, 0.0);
    }
}

/// A car on toe boards, its total toe alone aimed at.
TurnedJob on_boards(CarCard car) {
    TurnedJob j;
    j.car = std::move(car);
    LinesSet lines;
    lines.rigs = {"toe-boards"};
    lines.sizes.board_span = Length::from_mm(600);
    j.put(CarEdit{j.car});
    j.put(TargetsEdit{{TurnedJob::target(Measure::total_toe, Axle::front, 0.0, 0.5)}});
    j.put(lines);
    j.put(RoundOpened{});
    return j;
}
void tape(TurnedJob& j, ReadingId kind, double mm) {
    Reading r = blank_reading(axle_spot(kind, Axle::front), job_of(j.log).rounds.back().lines);
    r.value.kind = QuantityKind::length;
    r.value.value = mm;
    r.tool = "steel-rule-mm";
    j.put(r);
}

TEST(Advice, ACardThatIsWrongIsAskedAboutAfterOnePassAndNeverBelievedTwice) {
    TurnedJob j;
    j.begin({TurnedJob::target(Measure::toe, Axle::front, 0.05, 0.1)});
    double left = -0.5, right = 0.4;
    fronts(j, left, right);
    const Plan first = analysed(j).plan;
    ASSERT_EQ(first.next, NextStep::turn);
    // The rods run ahead of the axle, and do the opposite of what the card says.
    for (const PlannedTurn& t : first.turns) {
        EXPECT_LE(std::abs(t.turns), 2.0);
        (t.wheel == Wheel::front_left ? left : right) -= t.turns * by_one_turn;
        j.turned(t.adjuster, t.turns);
    }
    j.put(RoundOpened{});
    fronts(j, left, right);
    const Analysis after = analysed(j);
    // All turned the wrong way, or a rod on the other side: alike after one pass, and opposite in what to do.
    ASSERT_EQ(after.plan.next, NextStep::look);
    ASSERT_TRUE(after.plan.look);
    EXPECT_EQ(after.plan.look->field, "rod");
    EXPECT_TRUE(after.plan.turns.empty());
    EXPECT_NEAR(after.now.wheels[0].toe.value.deg(), left, 0.05) << "as read, whatever was turned";
    // Seen: ahead. From then on it is certain.
    TurnedJob seen = j;
    for (const Looked& l : facts_alike(j.car, *after.plan.look, "ahead-of-axle")) seen.put(l);
    const Plan then = analysed(seen).plan;
    ASSERT_EQ(then.next, NextStep::turn);
    for (const PlannedTurn& t : then.turns) {
        const double toe = t.wheel == Wheel::front_left ? left : right;
        EXPECT_GT(t.turns * (toe - 0.05), 0.0) << "longer toes out";
    }
    // Seen: behind. Then it was turned the wrong way, and is turned back.
    TurnedJob back = j;
    for (const Looked& l : facts_alike(j.car, *after.plan.look, "behind-axle")) back.put(l);
    const Analysis wrong_way = analysed(back);
    ASSERT_TRUE(wrong_way.belief.last());
    EXPECT_EQ(wrong_way.belief.last()->what, OtherTurn::all_wrong_way);
    EXPECT_TRUE(wrong_way.belief.last()->in_force);
    ASSERT_EQ(wrong_way.plan.next, NextStep::turn);
    for (const PlannedTurn& t : wrong_way.plan.turns)
        EXPECT_LT(t.turns * ((t.wheel == Wheel::front_left ? left : right) - 0.05), 0.0);
}

TEST(Advice, AThreadOfTheOtherHandIsLookedAtWhereTheSideIsCertain) {
    TurnedJob j;
    for (Adjuster& a : j.car.adjusters)
        if (is_rod(a)) a.thread = Thread::right;
    j.begin({TurnedJob::target(Measure::toe, Axle::front, 0.05, 0.1)});
    for (const Looked& l : facts_alike(j.car, {"rod-fl", "rod"}, "behind-axle")) j.put(l);
    double left = -0.5, right = 0.4;
    fronts(j, left, right);
    // What was to make the left one longer made it shorter; the right one went as it should.
    j.turned("rod-fl", 0.875);
    j.turned("rod-fr", -0.5);
    left -= 0.875 * by_one_turn;
    right -= 0.5 * by_one_turn;
    j.put(RoundOpened{});
    fronts(j, left, right);
    const Plan p = analysed(j).plan;
    ASSERT_EQ(p.next, NextStep::look);
    ASSERT_TRUE(p.look);
    EXPECT_EQ(p.look->adjuster, "rod-fl");
    EXPECT_EQ(p.look->field, "thread");
    EXPECT_EQ(facts_alike(j.car, *p.look, "left").size(), 1u) << "each rod has its own";
    j.put(Looked{"rod-fl", "thread", "left"});
    const Analysis then = analysed(j);
    EXPECT_EQ(then.job.car.rod("rod-fl")->thread, Thread::left);
    EXPECT_EQ(then.job.car.rod("rod-fr")->thread, Thread::right);
    ASSERT_EQ(then.plan.next, NextStep::turn);
    ASSERT_TRUE(j.turn(then.plan, "rod-fl"));
    EXPECT_NEAR(j.turn(then.plan, "rod-fl")->turns, (0.05 - left) / by_one_turn, 0.3);
    // Where no thread is said there is no hand to doubt.
    TurnedJob unsaid;
    unsaid.begin({TurnedJob::target(Measure::toe, Axle::front, 0.05, 0.1)});
    for (const Looked& l : facts_alike(unsaid.car, {"rod-fl", "rod"}, "behind-axle")) unsaid.put(l);
    fronts(unsaid, -0.5, 0.4);
    unsaid.turned("rod-fl", 0.875);
    unsaid.put(RoundOpened{});
    fronts(unsaid, left, 0.4);
    EXPECT_NE(analysed(unsaid).plan.next, NextStep::look);
}

TEST(Advice, ATurnTheWrongWayStaysKnownInThePassesAfterIt) {
    TurnedJob j;
    j.begin({TurnedJob::target(Measure::toe, Axle::front, 0.05, 0.1)});
    fronts(j, -0.6, 0.05);
    j.turned("rod-fl", 1.0);
    j.put(RoundOpened{});
    double left = -0.6 - by_one_turn;  // it went the other way
    fronts(j, left, 0.05);
    const Analysis second = analysed(j);
    ASSERT_TRUE(second.belief.last());
    EXPECT_EQ(second.belief.last()->what, OtherTurn::wrong_way);
    // Looked at, it runs where the card says; then turned right.
    for (const Looked& l : facts_alike(j.car, {"rod-fl", "rod"}, "behind-axle")) j.put(l);
    const Plan back = analysed(j).plan;
    ASSERT_TRUE(j.turn(back, "rod-fl"));
    const double turns = j.turn(back, "rod-fl")->turns;
    j.turned("rod-fl", turns);
    j.put(RoundOpened{});
    left += turns * by_one_turn;
    fronts(j, left, 0.05);
    const Analysis third = analysed(j);
    EXPECT_NEAR(third.now.wheels[0].toe.value.deg(), left, 0.03);
    EXPECT_LT(std::abs(third.now.wheels[0].toe.value.deg() - left), 2 * third.now.wheels[0].toe.sigma.deg());
    ASSERT_EQ(third.belief.doubts.size(), 1u) << "the first pass alone";
    EXPECT_EQ(third.belief.doubts[0].what, OtherTurn::wrong_way);
    EXPECT_EQ(third.plan.next, NextStep::done);
    // With the reading that made the doubt struck, the pass is whole again.
    std::vector<std::string> ids;
    for (std::size_t i = 0; i < j.log.size(); ++i)
        if (const Reading* r = std::get_if<Reading>(&j.log[i].event);
            r && r->spot.wheel == Wheel::front_left && i > 12)
            ids.push_back(j.log[i].id);
    j.put(Strike{Strike::Way::reasoned, ids, "of another car"});
    EXPECT_TRUE(analysed(j).belief.doubts.empty());
}

TEST(Advice, WhereOnlyCamberHasATargetCasterIsSparedOrItIsSaid) {
    for (double camber : {0.4, -0.2, -1.8}) {
        TurnedJob j;
        j.car.adjusters.emplace_back(device("shims-fl", "shim-pair"));
        j.begin({TurnedJob::target(Measure::camber, Wheel::front_left, -0.8, 0.3)});
        j.put(Looked{"shims-fl", "pushes", "out"});
        j.all(0.0, 0.0, camber, -0.8);
        j.all(0.0, 0.0, camber, -0.8);
        const Plan p = analysed(j).plan;
        ASSERT_EQ(p.next, NextStep::turn);
        for (std::size_t a : {std::size_t{0}, std::size_t{2}}) {
            const auto& change = p.change[0][a];
            if (!change || std::abs(change->by.deg()) <= 0.1) continue;
            EXPECT_TRUE(std::any_of(p.along.begin(), p.along.end(), [&](const MovedAlong& m) {
                return m.wheel == Wheel::front_left && m.measure == (a == 0 ? Measure::toe : Measure::caster);
            }));
        }
        ASSERT_TRUE(p.change[0][2]) << "nobody read it, and it is reckoned with";
        EXPECT_LT(std::abs(p.change[0][2]->by.deg()), 0.25);
    }
}

TEST(Advice, DoneIsSaidOnlyWhereAllIsInsideOrWasAccepted) {
    TurnedJob j;
    j.car.adjusters.clear();
    j.begin({TurnedJob::target(Measure::toe, Axle::front, 0.05, 0.1)});
    fronts(j, 0.9, 0.05);
    const Plan p = analysed(j).plan;
    EXPECT_EQ(p.next, NextStep::as_far_as);
    ASSERT_TRUE(p.as_far_as);
    ASSERT_EQ(p.as_far_as->left.size(), 1u);
    EXPECT_EQ(p.as_far_as->left[0].name(), "front-left.toe");
    EXPECT_EQ(p.as_far_as->why.code, Code::plan_no_adjuster);
    EXPECT_LT(p.as_far_as->truly_inside, 0.05);
    j.put(Accepted{"all angles as they are", "a bent arm: next month"});
    EXPECT_EQ(analysed(j).plan.next, NextStep::done);
    // Where a step is coarser than the band the same nudge is not asked for twice.
    TurnedJob k;
    for (Adjuster& a : k.car.adjusters) a.step = 1.0;
    k.begin({TurnedJob::target(Measure::toe, Wheel::front_left, 0.0, 0.06)});
    fronts(k, 0.32, 0.0);
    for (int pass = 0; pass < 4; ++pass) {
        const Plan plan = analysed(k).plan;
        if (plan.next != NextStep::turn) {
            EXPECT_EQ(plan.next, NextStep::as_far_as);
            return;
        }
        ASSERT_LT(pass, 2);
        for (const PlannedTurn& t : plan.turns) k.turned(t.adjuster, t.turns);
        k.put(RoundOpened{});
        fronts(k, pass % 2 == 0 ? 0.32 - by_one_turn : 0.32, 0.0);
    }
}

TEST(Advice, AnInsideThatNothingChecksIsReadASecondTime) {
    TurnedJob j;
    j.begin({TurnedJob::target(Measure::toe, Wheel::front_left, 0.0, 0.3)});
    j.angle(ReadingId::toe_angle, Wheel::front_left, 0.02);
    const Analysis once = analysed(j);
    EXPECT_EQ(once.verdicts.at(0).call, Call::inside);
    // A gauge that is no part of the round's rigs can't be asked for; one that is, is.
    TurnedJob boards = on_boards(TurnedJob().car);
    tape(boards, ReadingId::boards_front, 1500);
    tape(boards, ReadingId::boards_rear, 1500.5);
    const Analysis a = analysed(boards);
    EXPECT_EQ(a.verdicts.at(0).call, Call::inside);
    ASSERT_EQ(a.plan.next, NextStep::read);
    ASSERT_TRUE(a.plan.again);
    EXPECT_EQ(a.plan.again->why.code, Code::again_unchecked);
    EXPECT_EQ(a.read.size(), 2u);
    tape(boards, ReadingId::boards_front, 1500);
    tape(boards, ReadingId::boards_rear, 1500.5);
    EXPECT_EQ(analysed(boards).plan.next, NextStep::done);
}

TEST(Advice, WhatATurnThatNobodyCountedDidToTheSteeringWheelIsReadOffTheTotal) {
    for (bool counted : {true, false}) {
        TurnedJob boards = on_boards(TurnedJob().car);
        boards.put(TargetsEdit{{TurnedJob::target(Measure::total_toe, Axle::front, 1.2, 0.3)}});
        for (int twice = 0; twice < 2; ++twice) {
            tape(boards, ReadingId::boards_front, 1500);
            tape(boards, ReadingId::boards_rear, 1500);
        }
        // Half a degree and more of the left wheel, read by the boards as 6 mm: the right one is its match.
        Turn t;
        t.adjuster = "rod-fl";
        t.turns = counted ? 0.875 : 0.0;
        t.counted = counted;
        boards.put(t);
        boards.put(RoundOpened{});
        for (int twice = 0; twice < 2; ++twice) {
            tape(boards, ReadingId::boards_front, 1497);
            tape(boards, ReadingId::boards_rear, 1503);
        }
        Plan p = analysed(boards).plan;
        if (p.next == NextStep::look) {
            for (const Looked& seen : facts_alike(boards.car, *p.look, "behind-axle")) boards.put(seen);
            p = analysed(boards).plan;
        }
        ASSERT_EQ(p.next, NextStep::turn) << counted;
        ASSERT_EQ(p.turns.size(), 1u) << counted;
        EXPECT_EQ(p.turns[0].adjuster, "rod-fr") << counted;
        EXPECT_NEAR(p.turns[0].turns, 0.875, 0.13) << counted;
    }
}

TEST(Advice, ATurnOfWhichNobodyKnowsHowFarItGoesIsNotSaidToBeTooCoarse) {
    CarCard card = TurnedJob().car;
    for (Adjuster& a : card.adjusters) a.arm.reset(), a.pitch.reset();
    TurnedJob boards = on_boards(card);
    boards.put(TargetsEdit{{TurnedJob::target(Measure::total_toe, Axle::front, 0.17, 0.17)}});
    tape(boards, ReadingId::boards_front, 1535);
    tape(boards, ReadingId::boards_rear, 1500);
    Analysis a = analysed(boards);
    if (a.plan.next == NextStep::look) {
        for (const Looked& seen : facts_alike(card, *a.plan.look, "behind-axle")) boards.put(seen);
        a = analysed(boards);
    }
    ASSERT_EQ(a.plan.next, NextStep::turn);
    for (const Unreachable& u : a.plan.cannot)
        ADD_FAILURE() << u.target.name() << ": half an eighth is missing";
}

TEST(Advice, NothingIsTurnedToASlipThatWasReadAgain) {
    // A hub read ten millimetres off between strings, and read again as it is: the slip is still in force.
    testing::TrueCar c;
    CarCard card = testing::card_of(c);
    for (Wheel w : {Wheel::front_left, Wheel::front_right})
        card.adjusters.emplace_back(testing::rod_at(w, RodSide::behind_axle));
    auto log = testing::begun(c, card, {testing::total_toe(Axle::front, c.toe[0] + c.toe[1] + 0.4, 0.15)});
    testing::read_round(log, c, 0.3);
    const Spot hub = wheel_spot(ReadingId::hub, Wheel::rear_left);
    std::string slip;
    for (Entry& e : log)
        if (Reading* r = std::get_if<Reading>(&e.event); r && r->spot == hub)
            r->value.value += 10.0, slip = e.id;
    ASSERT_EQ(analyse(job_of(log)).plan.next, NextStep::read);
    for (int n = 0; n < 3; ++n) {
        log.push_back(testing::entry("again" + std::to_string(n), testing::reading(hub, c.exact(hub), 0.3)));
        const Analysis a = analyse(job_of(log));
        ASSERT_EQ(a.plan.next, NextStep::read) << n;
        ASSERT_TRUE(a.plan.again) << n;
        if (a.plan.again->why.code == Code::again_contradicts) continue;  // others of its group, once each
        EXPECT_EQ(a.plan.again->why.code, Code::again_set_aside);
        EXPECT_TRUE(a.plan.turns.empty());
    }
    log.push_back(testing::entry("aside", Strike{Strike::Way::reasoned, {slip}, "a slip"}));
    EXPECT_EQ(analyse(job_of(log)).plan.next, NextStep::turn);
}

TEST(Advice, OfTwoReadingsThatNothingElseChecksAThirdTellsTheSlip) {
    TurnedJob boards = on_boards(TurnedJob().car);
    tape(boards, ReadingId::boards_front, 1500);
    tape(boards, ReadingId::boards_rear, 1505);
    tape(boards, ReadingId::boards_front, 1500);
    tape(boards, ReadingId::boards_rear, 1502);
    const Analysis tie = analysed(boards);
    ASSERT_TRUE(tie.now.alarm);
    ASSERT_EQ(tie.plan.next, NextStep::read);
    ASSERT_TRUE(tie.plan.again);
    EXPECT_EQ(tie.plan.again->why.code, Code::again_contradicts);
    ASSERT_FALSE(tie.read.empty());
    EXPECT_EQ(tie.read.front().kind, ReadingId::boards_rear);
    tape(boards, ReadingId::boards_rear, 1502);
    const Analysis told = analysed(boards);
    ASSERT_TRUE(told.plan.again);
    EXPECT_EQ(told.plan.again->why.code, Code::again_set_aside);
}

TEST(Advice, NothingIsLeftAsItIsOnOneReadingThatNothingChecks) {
    // Outside, and no adjuster reaches it: before the job ends on that, a slip would have to show.
    CarCard bare = TurnedJob().car;
    bare.adjusters.clear();
    TurnedJob boards = on_boards(bare);
    tape(boards, ReadingId::boards_front, 1500);
    tape(boards, ReadingId::boards_rear, 1520);
    const Analysis once = analysed(boards);
    EXPECT_EQ(once.verdicts.at(0).call, Call::outside);
    ASSERT_EQ(once.plan.next, NextStep::read);
    ASSERT_TRUE(once.plan.again);
    EXPECT_EQ(once.plan.again->why.code, Code::again_unchecked);
    EXPECT_FALSE(once.plan.as_far_as);
    tape(boards, ReadingId::boards_front, 1500);
    tape(boards, ReadingId::boards_rear, 1520);
    EXPECT_EQ(analysed(boards).plan.next, NextStep::as_far_as);
}

TEST(Advice, MoreThanIsUsualIsReadAgainBeforeItIsTurned) {
    TurnedJob j;
    j.begin({TurnedJob::target(Measure::toe, Axle::front, 0.0, 0.1)});
    for (Wheel w : {Wheel::front_left, Wheel::front_right, Wheel::rear_left, Wheel::rear_right})
        j.angle(ReadingId::toe_angle, w, w == Wheel::front_left ? 1.6 : 0.0);
    // Two turns and a half on a rod that nothing has proven: looked at first.
    const Plan p = analysed(j).plan;
    EXPECT_EQ(p.next, NextStep::look);
    EXPECT_TRUE(p.turns.empty());
    for (const Looked& l : facts_alike(j.car, {"rod-fl", "rod"}, "behind-axle")) j.put(l);
    EXPECT_EQ(analysed(j).plan.next, NextStep::turn);
}

TEST(Advice, ASideIsShownOnlyByReadingsThatSpeakForIt) {
    // Strut tops and rods turned in one pass: what the toe did is the tops' as well as the rods'.
    TurnedJob j;
    j.car.axle(Axle::front).suspension = Suspension::strut;
    const auto top = [&](const char* id, Wheel w) {
        Adjuster d;
        d.id = id;
        d.kind = "strut-top";
        d.wheel = w;
        j.car.adjusters.emplace_back(d);
    };
    top("top-fl", Wheel::front_left);
    top("top-fr", Wheel::front_right);
    j.begin({TurnedJob::target(Measure::total_toe, Axle::front, 0.1, 0.2)});
    const auto read = [&](double l, double r, double camber_l, double camber_r) {
        j.angle(ReadingId::toe_angle, Wheel::front_left, l, 0.17);
        j.angle(ReadingId::toe_angle, Wheel::front_right, r, 0.17);
        j.angle(ReadingId::camber, Wheel::front_left, camber_l, 0.1);
        j.angle(ReadingId::camber, Wheel::front_right, camber_r, 0.1);
    };
    read(-0.04, -0.45, 0.0, -1.8);
    const auto shown = [](const TurnedJob& job) { return analysed(job).belief.side_shown; };
    j.turned("top-fl", 12.0, "strut-top");
    j.turned("top-fr", -10.0, "strut-top");
    TurnedJob alone = j;
    j.turned("rod-fl", -0.25);
    j.turned("rod-fr", 1.0);
    j.put(RoundOpened{});
    read(-0.41, -0.63, -1.1, -1.0);
    EXPECT_TRUE(shown(j).empty());
    // The tops read first: then the rods' pass is theirs alone, and shows it.
    alone.put(RoundOpened{});
    j = alone;
    read(0.48, -0.88, -1.1, -1.0);
    j.turned("rod-fl", -0.875);
    j.turned("rod-fr", -0.875);
    j.put(RoundOpened{});
    read(0.48 - 0.875 * by_one_turn, -0.88 - 0.875 * by_one_turn, -1.1, -1.0);
    EXPECT_EQ(shown(j), (std::vector<std::string>{"rod-fl", "rod-fr"}));
    // Nothing turned, or not read since: nothing shown.
    EXPECT_TRUE(shown(alone).empty());
}

TEST(Advice, AWheelIsNotTurnedFarThoughTheOtherMakesGoodForIt) {
    // The total moves by half a degree; the left wheel alone by more than a whole one.
    TurnedJob j;
    j.begin({TurnedJob::target(Measure::total_toe, Axle::front, 0.1, 0.1)});
    j.all(1.35, -0.75, 0.0, 0.0);
    const Plan p = analysed(j).plan;
    EXPECT_EQ(p.next, NextStep::look);
    ASSERT_TRUE(p.look);
    EXPECT_EQ(p.look->field, "rod");
}

TEST(StrutBolt, TheUprightTurnsAboutTheOtherBolt) {
    // Computed exactly elsewhere: 1 mm outward at the upper bolt, by spacing and by the lower bolt's height.
    struct Row {
        double spacing, height, camber, toe;
    };
    for (const Row& r :
         {Row{50, 150, 0.895, -0.351}, Row{50, 220, 0.774, -0.303}, Row{60, 150, 0.746, -0.292},
          Row{60, 220, 0.645, -0.253}, Row{70, 150, 0.639, -0.250}, Row{70, 220, 0.553, -0.217}}) {
        CornerMove m;
        m.lean_on_strut = std::atan(1.0 / r.spacing);
        m.lean_about = r.height;
        const Corner c = sample_strut();
        const auto after = solve_corner(c, m);
        ASSERT_TRUE(after);
        const CornerAngles before = angles_of(c);
        EXPECT_NEAR((after->camber - before.camber).deg(), r.camber, 0.004) << r.spacing << ' ' << r.height;
        EXPECT_NEAR((after->toe - before.toe).deg(), r.toe, 0.004) << r.spacing << ' ' << r.height;
    }
}

TEST(StrutBolt, WhichOfTheTwoIsLookedAtAndTheyWorkOppositeWays) {
    TurnedJob j;
    Adjuster bolt = device("bolt-fl", "cam");
    bolt.bolt = "strut";
    bolt.eccentricity = Length::from_mm(3);
    j.car.adjusters.emplace_back(bolt);
    j.begin({TurnedJob::target(Measure::camber, Wheel::front_left, -1.0, 0.3)});
    j.all(0.0, 0.0, -0.2, -1.0);
    j.all(0.0, 0.0, -0.2, -1.0);
    const Plan asked = analysed(j).plan;
    EXPECT_EQ(asked.next, NextStep::look);
    ASSERT_TRUE(asked.look);
    EXPECT_EQ(asked.look->field, "bolt");
    const auto amount = [&](const char* which) {
        TurnedJob k = j;
        k.put(Looked{"bolt-fl", "bolt", which});
        const Plan p = analysed(k).plan;
        EXPECT_EQ(p.next, NextStep::turn) << which;
        const PlannedTurn* t = k.turn(p, "bolt-fl");
        return t ? t->turns : 0.0;
    };
    EXPECT_LT(amount("strut-upper"), 0.0);
    EXPECT_GT(amount("strut-lower"), 0.0);
}

TEST(ToeCam, WorksTheOtherWayAheadOfTheAxleAndIsLookedAtWhereNobodySays) {
    const auto plan = [](RodSide side) {
        TurnedJob j;
        j.car.adjusters.clear();
        Adjuster cam = device("cam-rl", "cam", Wheel::rear_left);
        cam.angle = "toe";
        cam.rod = side;
        cam.eccentricity = Length::from_mm(5);
        j.car.adjusters.emplace_back(cam);
        j.begin({TurnedJob::target(Measure::toe, Wheel::rear_left, 0.4, 0.1)});
        j.all(0, 0, 0, 0);
        j.all(0, 0, 0, 0);
        return std::pair(analysed(j).plan, j);
    };
    const auto [behind, j] = plan(RodSide::behind_axle);
    ASSERT_TRUE(j.turn(behind, "cam-rl"));
    EXPECT_GT(j.turn(behind, "cam-rl")->turns, 0.0) << "outward behind the axle is toe in";
    const auto [ahead, k] = plan(RodSide::ahead_of_axle);
    ASSERT_TRUE(k.turn(ahead, "cam-rl"));
    EXPECT_LT(k.turn(ahead, "cam-rl")->turns, 0.0);
    EXPECT_EQ(plan(RodSide::unknown).first.next, NextStep::look) << "a freed cam jumps: it is no probe";
}

/// A total read between boards alone, off by 1.2 degrees, before and after a test turn of something whose
/// side nobody said: it toed in, away from its target, by so many times what was thought.
struct TestTurned {
    TurnedJob j;
    std::string id;
    double tape = 0.3;
    explicit TestTurned(const char* kind) : id(kind) {
        j.car.adjusters.clear();
        for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
            if (id == "cross-tube" && w == Wheel::front_left) continue;
            Adjuster a = device(w == Wheel::front_right ? id : "other", kind, w);
            a.axle = Axle::front;
            a.double_ended = id == "cross-tube";
            a.pitch = Length::from_mm(1.5);
            j.car.adjusters.push_back(a);
        }
        j.begin({TurnedJob::target(Measure::total_toe, Axle::front, 0.1, 0.2)});
    }
    void read(double deg) {
        for (const double half : {1.0, -1.0}) {
            Reading r;
            r.spot = axle_spot(half > 0 ? ReadingId::boards_rear : ReadingId::boards_front, Axle::front);
            r.span = Length::from_mm(610);
            r.value.value = 1400 + half * 305 * std::sin(deg * one_degree);
            r.stated_sigma = tape;
            j.put(r);
        }
    }
    Plan after(double times) {
        read(1.2);
        read(1.2);
        const Plan test = analysed(j).plan;
        EXPECT_EQ(test.next, NextStep::test_turn);
        EXPECT_EQ(test.turns.size(), 1u);
        if (test.turns.empty()) return test;
        for (Turn t : turns_as_written(test)) j.put(t);
        j.put(RoundOpened{});
        const double per_turn = (id == "cross-tube" ? 3.0 : 1.5) / 130.0 / one_degree;
        read(1.2 + std::abs(test.turns[0].turns) * per_turn * times);
        Plan then = analysed(j).plan;
        for (int n = 0; n < 3 && then.next == NextStep::read; ++n) {
            read(1.2 + std::abs(test.turns[0].turns) * per_turn * times);
            then = analysed(j).plan;
        }
        return then;
    }
};

TEST(TestTurn, ThatShowedIsNotMadeAgainAwayFromTheTarget) {
    for (const char* kind : {"cross-tube", "steering-rod"})
        for (const double times : {1.0, 1.3, 1.45, 1.7}) {
            TestTurned test(kind);
            const Plan then = test.after(times);
            const Turn& first = *last_of<Turn>(job_of(test.j.log));
            for (const PlannedTurn& t : then.turns)
                if (t.adjuster == first.adjuster)
                    EXPECT_LT(t.turns * first.turns, 0.0) << kind << ' ' << times;
                else
                    EXPECT_FALSE(t.test) << kind << ' ' << times << ": the one that was tried comes first";
            EXPECT_TRUE(then.next == NextStep::look || !then.turns.empty()) << name_of(then.next);
        }
}

TEST(TestTurn, OfAWheelWithMuchCasterSaysThatCamberMayMoveAlong) {
    for (const double caster : {4.0, 16.0}) {
        TestTurned test("steering-rod");
        for (Wheel w : {Wheel::front_left, Wheel::front_right})
            test.j.angle(ReadingId::caster, w, caster, 0.1);
        // It showed more than was thought: back, and as much the other way.
        const Plan plan = test.after(1.7);
        ASSERT_EQ(plan.next, NextStep::test_turn);
        ASSERT_GT(std::abs(plan.turns[0].turns), 0.6);
        EXPECT_EQ(plan.along.empty(), caster < 10.0) << caster;
    }
}

/// What is not said of an adjuster, and the words that it may have.
struct WayUnsaid {
    const char *kind, *field, *one, *other;
    Measure of = Measure::camber;
};
struct WaysUnsaid : ::testing::TestWithParam<WayUnsaid> {
    TurnedJob job(Suspension suspension = Suspension::unknown) const {
        TurnedJob j;
        j.car.axle(Axle::front).suspension = suspension;
        for (Adjuster& rod : j.car.adjusters) rod.proven = true;
        for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
            Adjuster d = device(w == Wheel::front_left ? "it" : "like", GetParam().kind, w);
            for (Told* told : {&d.pushes_in, &d.runs_behind, &d.upper_arm}) *told = Told::no;
            if (d.kind == "cam") d.bolt = "both";
            const std::string field = GetParam().field;
            if (d.kind == "off-centre-bush") d.bolt = "both";
            if (field != "at")
                (field == "arm"    ? d.upper_arm
                 : field == "runs" ? d.runs_behind
                                   : d.pushes_in) = Told::unknown;
            j.car.adjusters.emplace_back(d);
        }
        return j;
    }
    Analysis read(TurnedJob& j) const {
        const bool camber = GetParam().of == Measure::camber;
        // A toe that could be set comes after what would move it.
        j.begin({TurnedJob::target(GetParam().of, Wheel::front_left, camber ? -1.0 : 5.0, 0.3),
                 TurnedJob::target(Measure::total_toe, Axle::front, 0.5, 0.1)});
        // What the card does say somebody has seen.
        for (const Adjuster& a : j.car.adjusters)
            for (const char* field : {"arm", "runs", "pushes"})
                if (const std::string said = said_of(a, field); !said.empty() && !is_rod(a))
                    j.put(Looked{a.id, field, said});
        for (int twice = 0; twice < 2; ++twice) j.all(0.0, 0.0, -0.2, -1.0, 4.0, 5.0);
        return analysed(j);
    }
};

TEST_P(WaysUnsaid, AreLookedAtAndNotTakenAsUsual) {
    TurnedJob j = job();
    const Plan asked = read(j).plan;
    EXPECT_EQ(asked.next, NextStep::look);
    EXPECT_TRUE(asked.turns.empty());
    ASSERT_TRUE(asked.look);
    EXPECT_EQ(asked.look->adjuster, "it");
    EXPECT_EQ(asked.look->field, GetParam().field);
    const auto amount = [&](const char* seen) {
        TurnedJob k = j;
        for (const Looked& l : facts_alike(job_of(k.log).car, *asked.look, seen)) k.put(l);
        EXPECT_EQ(unsaid_of(*job_of(k.log).car.device("like"), job_of(k.log).car).has_value(),
                  asked.look->field == "at")
            << "made alike, though each stands where it stands";
        const Plan p = analysed(k).plan;
        EXPECT_EQ(p.next, NextStep::turn) << seen;
        const PlannedTurn* t = k.turn(p, "it");
        return t ? t->turns + t->second : 0.0;
    };
    EXPECT_LT(amount(GetParam().one) * amount(GetParam().other), 0.0) << "they work opposite ways";
}

TEST_P(WaysUnsaid, AreNotAskedForWhereWhatItDoesIsKnownOrThereIsOneArm) {
    TurnedJob j = job();
    for (Adjuster& a : j.car.adjusters)
        if (!is_rod(a))
            for (const Handle& h : adjuster_kind(a.kind)->handles(a))
                for (WheelAngle angle : {WheelAngle::camber, WheelAngle::caster})
                    a.response.push_back({std::string(h.name), *a.wheel, angle, 0.2, 0.01});
    EXPECT_FALSE(read(j).plan.look) << "it is stated, whichever way that is";
    TurnedJob strut = job(Suspension::strut);
    EXPECT_EQ(read(strut).plan.look.has_value(), GetParam().field != std::string("arm"))
        << "below a strut there is one arm";
}

TEST_P(WaysUnsaid, TurnedAllTheSameTellNothingOfWhatWasRead) {
    TurnedJob j = job();
    read(j);
    j.turned("it", 1.0, GetParam().kind);
    const Estimate e = estimate(job_of(j.log), [] {
        EstimateOptions o;
        o.as_of_now = true;
        return o;
    }());
    const KnownAngle& k = GetParam().of == Measure::camber ? e.wheels[0].camber : e.wheels[0].caster;
    EXPECT_TRUE(!k.known || k.sigma.deg() > 0.5) << "nobody knows which way it went";
    const KnownAngle& other = GetParam().of == Measure::camber ? e.wheels[1].camber : e.wheels[1].caster;
    EXPECT_TRUE(other.known && other.sigma.deg() < 0.3) << "the other wheel was left alone";
}

INSTANTIATE_TEST_SUITE_P(Kinds, WaysUnsaid,
                         ::testing::Values(WayUnsaid{"shim-pair", "pushes", "out", "in"},
                                           WayUnsaid{"spanning-shims", "pushes", "out", "in"},
                                           WayUnsaid{"adjustable-arm", "arm", "lower", "upper"},
                                           WayUnsaid{"cam", "arm", "lower", "upper"},
                                           WayUnsaid{"off-centre-bush", "at", "90 deg", "-90 deg"},
                                           WayUnsaid{"radius-rod", "arm", "lower", "upper", Measure::caster},
                                           WayUnsaid{"radius-rod", "runs", "ahead", "behind",
                                                     Measure::caster}));

TEST(LookedAt, ACardThatWasWrongOfOneThingIsNotTakenAtItsWordOfAnother) {
    for (const char* seen : {"ahead-of-axle", "behind-axle"}) {
        TurnedJob j;
        for (Wheel w : {Wheel::rear_left, Wheel::rear_right}) {
            Adjuster link = device("link-" + std::string(name_of(w)), "toe-link", w);
            link.rod = RodSide::behind_axle;
            link.pitch = Length::from_mm(1.5);
            j.car.adjusters.push_back(link);
        }
        j.begin({TurnedJob::target(Measure::total_toe, Axle::rear, 0.3, 0.05)});
        for (int twice = 0; twice < 2; ++twice) j.all(0.0, 0.0, -1.0, -1.0);
        EXPECT_EQ(analysed(j).plan.next, NextStep::turn) << "little is turned at its word";
        for (const char* rod : {"rod-fl", "rod-fr"}) j.put(Looked{rod, "rod", seen});
        const bool wrong = seen == std::string("ahead-of-axle");
        EXPECT_EQ(job_of(j.log).car.found_wrong, wrong);
        const Plan plan = analysed(j).plan;
        EXPECT_EQ(plan.next, wrong ? NextStep::look : NextStep::turn) << seen;
        if (!wrong) continue;
        ASSERT_TRUE(plan.look);
        EXPECT_EQ(plan.look->adjuster, "link-rear-left");
        // It stays so once the card was put right; what was looked at then is turned.
        for (Adjuster& a : j.car.adjusters)
            if (axle_of(wheel_of(a)) == Axle::front) a.rod = RodSide::ahead_of_axle;
        j.put(CarEdit{j.car});
        EXPECT_EQ(analysed(j).plan.next, NextStep::look);
        for (const Looked& l : facts_alike(job_of(j.log).car, *plan.look, "behind-axle")) j.put(l);
        EXPECT_EQ(analysed(j).plan.next, NextStep::turn);
    }
}

TEST(LookedAt, BeforeCamberIsSetFarOnACardsWordOfOneWheelOrOfTheTwoTogether) {
    struct Case {
        double left, right;  // degrees, of camber as it is
        bool cross, looks;
    };
    for (const auto& [left, right, cross, looks] :
         {Case{-1.7, -1.7, false, false}, Case{-2.4, -1.0, false, true}, Case{-1.4, -0.6, true, false},
          Case{-1.8, -0.2, true, true}}) {
        TurnedJob j;
        j.car.axle(Axle::front).suspension = Suspension::double_wishbone;
        for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
            Adjuster d = device("shims-" + std::string(name_of(w)), "spanning-shims", w);
            d.pushes_in = Told::no;
            d.upper_arm = Told::yes;
            j.car.adjusters.push_back(d);
        }
        std::vector<Target> wanted;
        if (cross)
            wanted.push_back(TurnedJob::target(Measure::cross_camber, Axle::front, 0.0, 0.2));
        else
            for (Wheel w : {Wheel::front_left, Wheel::front_right})
                wanted.push_back(TurnedJob::target(Measure::camber, w, -1.0, 0.2));
        j.begin(wanted);
        for (int twice = 0; twice < 2; ++twice) j.all(0.0, 0.0, left, right);
        const Plan p = analysed(j).plan;
        ASSERT_EQ(p.next, looks ? NextStep::look : NextStep::turn) << left << " " << right;
        if (looks) {
            EXPECT_EQ(p.look->field, "pushes");
        }
    }
}

TEST(LookedAt, BeforeWhatSeemsTurnedTheWrongWayIsDrivenFarOnTheSameWord) {
    for (const bool far : {false, true}) {
        const double off = far ? 0.45 : 0.25, toe = far ? 0.2 : 0.1;
        TurnedJob j;
        j.car.axle(Axle::front).suspension = Suspension::double_wishbone;
        for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
            Adjuster d = device("shims-" + std::string(name_of(w)), "spanning-shims", w);
            d.pushes_in = Told::no;
            d.upper_arm = Told::yes;
            j.car.adjusters.push_back(d);
        }
        j.begin({TurnedJob::target(Measure::cross_camber, Axle::front, 0.0, 0.15),
                 TurnedJob::target(Measure::total_toe, Axle::front, 0.0, 0.1)});
        for (int twice = 0; twice < 2; ++twice) j.all(toe, toe, -1.0 - off / 2, -1.0 + off / 2);
        const Plan first = analysed(j).plan;
        ASSERT_EQ(first.next, NextStep::turn);
        for (const PlannedTurn& t : first.turns)
            j.put(Turn{t.adjuster, t.turns, false, true, t.second, t.kind});
        // All of it went the other way: the hand or, less likely, the card in all that it says.
        j.put(RoundOpened{});
        const auto mirrored = [](double was, double expected) { return 2.0 * was - expected; };
        const auto& expect = first.expect;
        const auto after = [&](Wheel w, WheelAngle a, double was) {
            return mirrored(was, expect[index_of(w)][index_of(a)].value.deg());
        };
        for (int twice = 0; twice < 2; ++twice)
            j.all(after(Wheel::front_left, WheelAngle::toe, toe),
                  after(Wheel::front_right, WheelAngle::toe, toe),
                  after(Wheel::front_left, WheelAngle::camber, -1.0 - off / 2),
                  after(Wheel::front_right, WheelAngle::camber, -1.0 + off / 2));
        const Analysis a = analysed(j);
        ASSERT_EQ(a.belief.doubts.size(), 1u);
        EXPECT_TRUE(a.belief.doubts[0].in_force && a.belief.doubts[0].what == OtherTurn::all_wrong_way);
        EXPECT_EQ(a.plan.next, far ? NextStep::look : NextStep::turn) << off;
    }
}

TEST(StraightAhead, IsNotSetByATotalThatNobodyKnows) {
    // Straightedges along both sides tell how the steering wheel sits, and nothing of the total.
    std::mt19937 rng(53);
    testing::SolidCar c;
    c.toe = {0.8, -0.8, 0.1, 0.1};
    c.camber = {-0.4, -0.4, -0.5, -0.5};
    for (const bool by_wheel : {false, true}) {
        auto log = c.log(c.lines({"straightedge", "camber-plumb"}), rng, 0.0, 0.0, 2);
        CarCard& card = std::get<CarEdit>(log.front().event).car;
        card.axle(Axle::front).suspension = Suspension::double_wishbone;
        for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
            card.adjusters.push_back(testing::rod_at(w, RodSide::behind_axle));
            card.adjusters.back().proven = true;
            card.adjusters.push_back(device("slot-" + std::string(name_of(w)), "upper-joint-slot", w));
        }
        std::vector<Target> wanted = {TurnedJob::target(Measure::camber, Wheel::front_left, -1.2, 0.2),
                                      TurnedJob::target(Measure::camber, Wheel::front_right, -1.2, 0.2)};
        if (!by_wheel) wanted.push_back(TurnedJob::target(Measure::total_toe, Axle::front, 0.1, 0.2));
        if (by_wheel)
            for (Wheel w : {Wheel::front_left, Wheel::front_right})
                wanted.push_back(TurnedJob::target(Measure::toe, w, 0.1, 0.2));
        log.insert(log.begin() + 1, testing::entry("targets", TargetsEdit{wanted}));
        const Plan plan = analyse(job_of(log)).plan;
        ASSERT_EQ(plan.next, NextStep::turn);
        double most = 0.0, total = 0.0;
        for (const PlannedTurn& t : plan.turns)
            if (t.kind.empty()) most = std::max(most, std::abs(t.turns));
        for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
            const auto& change =
                plan.change[static_cast<std::size_t>(index_of(w))][index_of(WheelAngle::toe)];
            ASSERT_TRUE(change);
            total += change->by.deg();
        }
        EXPECT_NEAR(total, 0.0, 0.15) << "what nobody knows stays as it is";
        if (!by_wheel) {
            EXPECT_GT(most, 0.8) << "both rods, against each other, set the wheel straight";
        }
    }
}

/// How far a plan moves the toes of an axle together, degrees.
double total_moved(const Plan& plan, Axle axle) {
    double sum = 0.0;
    for (Side side : both_sides)
        if (const auto& c = plan.change[static_cast<std::size_t>(index_of(wheel_at(axle, side)))]
                                       [index_of(WheelAngle::toe)])
            sum += c->by.deg();
    return sum;
}

TEST(StraightAhead, IsSetByBothRodsThoughOneWheelAloneIsLeant) {
    std::mt19937 rng(61);
    testing::SolidCar c;
    c.toe = {0.5, -0.5, 0.1, 0.1};
    c.camber = {-1.0, -0.2, -0.5, -0.5};
    auto log = c.log(c.lines({"straightedge", "camber-plumb"}), rng, 0.0, 0.0, 2);
    CarCard& card = std::get<CarEdit>(log.front().event).car;
    card.axle(Axle::front).suspension = Suspension::double_wishbone;
    for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
        card.adjusters.push_back(testing::rod_at(w, RodSide::behind_axle));
        card.adjusters.back().proven = true;
        card.adjusters.push_back(device("slot-" + std::string(name_of(w)), "upper-joint-slot", w));
    }
    log.insert(
        log.begin() + 1,
        testing::entry("targets", TargetsEdit{{TurnedJob::target(Measure::camber, Axle::front, -1.0, 0.2)}}));
    const Plan plan = analyse(job_of(log)).plan;
    ASSERT_EQ(plan.next, NextStep::turn);
    EXPECT_LT(std::abs(plan.steering_after.value.deg()), 0.15);
    EXPECT_NEAR(total_moved(plan, Axle::front), 0.0, 0.15);
}

TEST(Untouched, AToeThatNobodyReadsIsHeldByItsRodWhereCamberIsSet) {
    // Slots at both sides, and nothing that tells a toe: with a target, and with none.
    for (const bool aimed : {false, true}) {
        TurnedJob j;
        j.car.axle(Axle::front).suspension = Suspension::double_wishbone;
        for (Adjuster& rod : j.car.adjusters) rod.proven = true;
        for (Wheel w : {Wheel::front_left, Wheel::front_right})
            j.car.adjusters.push_back(device("slot-" + std::string(name_of(w)), "upper-joint-slot", w));
        std::vector<Target> wanted = {TurnedJob::target(Measure::camber, Axle::front, -1.0, 0.2)};
        if (aimed) wanted.push_back(TurnedJob::target(Measure::total_toe, Axle::front, 0.1, 0.15));
        j.begin(wanted);
        for (int twice = 0; twice < 2; ++twice)
            for (Wheel w : {Wheel::front_left, Wheel::front_right}) j.angle(ReadingId::camber, w, 0.2);
        const Plan plan = analysed(j).plan;
        ASSERT_EQ(plan.next, NextStep::turn);
        EXPECT_TRUE(j.turn(plan, "rod-fl") && j.turn(plan, "rod-fr"));
        EXPECT_NEAR(total_moved(plan, Axle::front), 0.0, 0.1);
        // How far it may go is said, whether it was aimed at or not.
        EXPECT_TRUE(std::any_of(plan.along.begin(), plan.along.end(), [](const MovedAlong& m) {
            return m.measure == Measure::toe;
        })) << aimed;
    }
}

TEST(Thrust, IsSetByBothLinksWhereTheTotalIsNotAskedAbout) {
    TurnedJob j;
    for (Wheel w : {Wheel::rear_left, Wheel::rear_right}) {
        Adjuster link = device("link-" + std::string(name_of(w)), "toe-link", w);
        link.rod = RodSide::behind_axle;
        link.pitch = Length::from_mm(1.5);
        link.proven = true;
        j.car.adjusters.push_back(link);
    }
    j.begin({TurnedJob::target(Measure::thrust, Axle::rear, 0.0, 0.1)});
    std::get<TargetsEdit>(j.log[1].event).targets.front().where = std::monostate{};
    for (int twice = 0; twice < 2; ++twice) {
        j.angle(ReadingId::toe_angle, Wheel::front_left, 0.05);
        j.angle(ReadingId::toe_angle, Wheel::front_right, 0.05);
        j.angle(ReadingId::toe_angle, Wheel::rear_left, 0.5);
        j.angle(ReadingId::toe_angle, Wheel::rear_right, -0.2);
    }
    const Plan plan = analysed(j).plan;
    ASSERT_EQ(plan.next, NextStep::turn);
    EXPECT_TRUE(j.turn(plan, "link-rear-left") && j.turn(plan, "link-rear-right"));
    EXPECT_NEAR(total_moved(plan, Axle::rear), 0.0, 0.1);
}

TEST(Thrust, ThatNobodyReadsIsNotMovedForATotalNearAnEdge) {
    std::mt19937 rng(59);
    testing::SolidCar c;
    c.toe = {0.05, 0.05, 0.07, 0.07};
    for (const double pitch : {1.5, 1.0}) {
        auto log = c.log(c.lines({"toe-boards"}), rng, 0.0, 0.0, 3);
        CarCard& card = std::get<CarEdit>(log.front().event).car;
        for (Wheel w : {Wheel::rear_left, Wheel::rear_right}) {
            Adjuster link = device("link-" + std::string(name_of(w)), "toe-link", w);
            link.rod = RodSide::behind_axle;
            link.pitch = Length::from_mm(pitch);
            link.proven = true;
            card.adjusters.push_back(link);
        }
        for (Entry& e : log)
            if (Reading* r = std::get_if<Reading>(&e.event)) r->stated_sigma = 0.6;
        log.insert(
            log.begin() + 1,
            testing::entry("targets",
                           TargetsEdit{{TurnedJob::target(Measure::total_toe, Axle::rear, 0.22, 0.12)}}));
        const Plan plan = analyse(job_of(log)).plan;
        ASSERT_EQ(plan.before.front().call, Call::too_close);
        // Of a finer thread both links by an eighth are not too much.
        ASSERT_EQ(plan.turns.size(), pitch < 1.2 ? 2u : 0u);
        for (const PlannedTurn& t : plan.turns) EXPECT_EQ(t.turns, plan.turns.front().turns);
    }
}

TEST(FactsAlike, HoldOfWhatIsMadeAlikeAndSaidAlikeAndOfNothingBesideIt) {
    CarCard car;
    for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
        Adjuster d = device("shims-" + std::string(name_of(w)), "shim-pair", w);
        d.pushes_in = Told::unknown;
        car.adjusters.push_back(d);
    }
    const Look look{"shims-front-left", "pushes"};
    EXPECT_EQ(facts_alike(car, look, "in").size(), 2u);
    car.adjusters[1].pushes_in = Told::no;
    EXPECT_EQ(facts_alike(car, look, "in").size(), 1u) << "what the card says of the other stands";
    // Two arms at a wheel: which of them is which is said of each.
    for (Adjuster& a : car.adjusters) a.kind = "adjustable-arm", a.upper_arm = Told::unknown;
    EXPECT_EQ(facts_alike(car, {"shims-front-left", "arm"}, "upper").size(), 2u);
    Adjuster second = car.adjusters[0];
    second.id = "second";
    car.adjusters.push_back(second);
    EXPECT_EQ(facts_alike(car, {"shims-front-left", "arm"}, "upper").size(), 1u);
}

TEST(TrailingArm, NoMoreIsMovedThanStandsThereAndThePiecesAreNamed) {
    TurnedJob j;
    for (Wheel w : {Wheel::rear_left, Wheel::rear_right}) {
        Adjuster d = device(w == Wheel::rear_left ? "sh-l" : "sh-r", "trailing-arm-shims", w);
        d.pivot_to_hub = Length::from_mm(430);
        d.stacks = {std::vector<ShimsOf>{{Length::from_mm(1), 3}},
                    std::vector<ShimsOf>{{Length::from_mm(1), 2}, {Length::from_mm(0.5), 1}}};
        j.car.adjusters.emplace_back(d);
    }
    j.begin({TurnedJob::target(Measure::toe, Axle::rear, 0.8, 0.1)});
    j.all(0, 0, 0, 0);
    j.all(0, 0, 0, 0);
    const Plan p = analysed(j).plan;
    for (const char* id : {"sh-l", "sh-r"}) {
        const PlannedTurn* t = j.turn(p, id);
        ASSERT_TRUE(t);
        EXPECT_LE(t->turns, 3.0 + 1e-9) << "three millimetres are all there is";
        EXPECT_GT(t->turns, 2.0);
        ASSERT_FALSE(t->shims.empty());
        for (const ShimMove& m : t->shims) EXPECT_EQ(m.from.adjuster, id);
    }
    EXPECT_FALSE(p.cannot.empty()) << "and it says that it does not reach";
    // What was moved is followed.
    j.turned("sh-l", 3.0, "trailing-arm-shims");
    const Job job = job_of(j.log);
    EXPECT_GT(adjuster_kind("trailing-arm-shims")->handles(*j.car.device("sh-l"))[0].most, 2.9);
    EXPECT_EQ(job.rounds.size(), 1u);
}

TEST(Loose, WhatWasTurnedAndNotLockedIsLooseAndSoAreTheNutsOfAWheelThatWasOff) {
    TurnedJob j;
    j.begin({});
    j.turned("rod-fl", 0.5);
    EXPECT_EQ(unlocked_adjusters(job_of(j.log)), std::vector<std::string>{"rod-fl"});
    Change locked;
    locked.kind = ChangeKind::locked;
    locked.axle = Axle::rear;
    j.put(locked);
    EXPECT_EQ(unlocked_adjusters(job_of(j.log)).size(), 1u) << "that was the other axle";
    locked.axle.reset();
    j.put(locked);
    EXPECT_TRUE(unlocked_adjusters(job_of(j.log)).empty());
    j.put(PartTouched{PartState::removed, "left front wheel"});
    j.put(PartTouched{PartState::refitted, "left front wheel"});
    const auto list = loose_list(job_of(j.log));
    ASSERT_EQ(list.size(), 1u);
    EXPECT_EQ(list[0].part, "left front wheel: wheel nuts");
    j.put(PartTouched{PartState::refitted, list[0].part});
    EXPECT_TRUE(loose_list(job_of(j.log)).empty());
    j.put(PartTouched{PartState::removed, "steering wheel"});
    EXPECT_EQ(loose_list(job_of(j.log)).size(), 1u);
    CarCard card;
    card.torques = {{"tie rod locknut", "65 Nm"}, {"wheel nuts", "110 Nm"}};
    EXPECT_EQ(card.torque_of("Left tie rod, locknut"), "65 Nm");
    EXPECT_EQ(card.torque_of("left front wheel: wheel nuts"), "110 Nm");
    EXPECT_FALSE(card.torque_of("subframe bolt"));
}

}  // namespace
}  // namespace fairchalk
