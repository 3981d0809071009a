// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>

#include <gtest/gtest.h>

#include "core/job/rig.h"
#include "core/network/estimate.h"
#include "practice/debrief.h"
#include "practice/lesson.h"
#include "practice/proving.h"

namespace fairchalk::practice {
namespace {

Entry entry(std::size_t n, decltype(Entry::event) what) {
    Entry e;
    e.id = "e" + std::to_string(n);
    e.event = std::move(what);
    return e;
}

CarCard two_rods() {
    CarCard car;
    car.name = "a practice car";
    car.wheelbase = Length::from_mm(2565);
    car.steering_ratio = 16.0;
    for (AxleCard& a : car.axles) {
        a.rim_span = Length::from_mm(416);
        a.track = Length::from_mm(1470);
        a.suspension = Suspension::strut;
    }
    for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
        Adjuster rod;
        rod.kind = steering_rod_kind;
        rod.wheel = Wheel::front_left;
        rod.id = w == Wheel::front_left ? "rod-fl" : "rod-fr";
        rod.wheel = w;
        rod.rod = RodSide::behind_axle;
        rod.pitch = Length::from_mm(1.5);
        car.adjusters.emplace_back(rod);
    }
    return car;
}

/// A practice job under way, worked by somebody who reads a rule as well as it can be read.
struct Playing {
    std::vector<Entry> log;
    Play play;
    LinesSet lines;

    explicit Playing(Play p) : play(std::move(p)) {
        put(CarEdit{two_rods()});
        Target t;
        t.measure = Measure::total_toe;
        t.where = Axle::front;
        t.aim = Angle::from_deg(0.13);
        t.lo = Angle::from_deg(-0.12);
        t.hi = Angle::from_deg(0.38);
        put(TargetsEdit{{t}});
        lines.bars = {Length::from_mm(500), Length::from_mm(550)};
        lines.rigs = {"string-bars"};
        lines.tool = "steel-rule-mm";
        put(lines);
        put(RoundOpened{});
    }
    std::size_t put(decltype(Entry::event) what) {
        log.push_back(entry(log.size(), std::move(what)));
        return log.size() - 1;
    }
    PracticeFloor floor() const { return PracticeFloor::under(log, play); }
    std::size_t read(const Spot& spot, double wrong_by = 0.0) {
        Reading r = blank_reading(spot, lines);
        const Tool& tool = *standard_tool(lines.tool);
        r.tool = tool.name;
        const auto held = floor().hold(r, lines, tool);
        EXPECT_TRUE(held) << spot.name();
        r.value.kind = QuantityKind::length;
        r.value.value = std::round(held->at * 2) / 2 + wrong_by;
        r.value.resolution = 0.5;
        return put(r);
    }
    void walk() {
        for (const Spot& s : string_walk()) read(s);
    }
    void turn(const char* rod, double turns) {
        Turn t;
        t.adjuster = rod;
        t.turns = turns;
        put(t);
    }
};

TEST(PracticeFloor, IsAFunctionOfTheLogAndTheSeedAlone) {
    Playing a({"tarnby", "new-rack", 2, 17});
    a.walk();
    Playing b({"tarnby", "new-rack", 2, 17});
    b.walk();
    for (std::size_t i = 4; i < a.log.size(); ++i)
        EXPECT_EQ(std::get<Reading>(a.log[i].event).value.value,
                  std::get<Reading>(b.log[i].event).value.value);
    Playing other({"tarnby", "new-rack", 2, 18});
    EXPECT_NE(other.floor().car().toe(Wheel::front_left), a.floor().car().toe(Wheel::front_left));
    // The same spot twice is two takings, with another hand each time.
    const Spot hub = wheel_spot(ReadingId::hub, Wheel::front_left);
    const Reading asked = blank_reading(hub, a.lines);
    const double first =
        Playing({"tarnby", "new-rack", 2, 17}).floor().hold(asked, a.lines, *standard_tool("vernier"))->at;
    EXPECT_NE(a.floor().hold(asked, a.lines, *standard_tool("vernier"))->at, first);
}

TEST(PracticeFloor, TextOfAPlayReadsBackAndRubbishDoesNot) {
    const Play p{"brask", "kerbed", 3, 99};
    EXPECT_EQ(play_from(text_of(p)), p);
    for (const char* bad :
         {"", "brask", "brask kerbed 4 1", "brask kerbed 0 1", "brask kerbed 1 1 more", "a b c d"})
        EXPECT_FALSE(play_from(bad)) << bad;
}

TEST(PracticeFloor, TurningARodMovesTheCarAndUndoingTheEntryPutsItBack) {
    Playing p({"tarnby", "new-rack", 1, 5});
    const double before = p.floor().car().toe(Wheel::front_left);
    p.turn("rod-fl", 1.0);
    const double turned = p.floor().car().toe(Wheel::front_left);
    EXPECT_GT(turned - before, 0.35);
    EXPECT_LT(turned - before, 0.9);
    Strike s;
    s.way = Strike::Way::undo;
    s.ids = {p.log.back().id};
    p.put(s);
    EXPECT_EQ(p.floor().car().toe(Wheel::front_left), before);
}

TEST(PracticeFloor, WhatHappensToItIsWhatHappensToACar) {
    Playing p({"tarnby", "new-rack", 3, 8});
    const auto toe = [&] { return p.floor().car().toe(Wheel::front_left); };
    const double before = toe();
    Change c;
    c.kind = ChangeKind::jacked;
    p.put(c);
    const double jacked = toe();
    EXPECT_NE(jacked, before);
    EXPECT_NE(p.floor().car().unsettled(Wheel::front_left), 0.0);
    c.kind = ChangeKind::rolled;
    p.put(c);
    EXPECT_LT(std::abs(toe() - before), 0.2 * std::abs(jacked - before)) << "rolling takes most of it back";
    const double rolled = toe();
    c.kind = ChangeKind::locked;
    p.put(c);
    EXPECT_NE(toe(), rolled) << "nuts creep on this level";
    const double skew = p.floor().car().solid().skew[0];
    c.kind = ChangeKind::strings_moved;
    p.put(c);
    EXPECT_NE(p.floor().car().solid().skew[0], skew);
    EXPECT_GT(p.floor().minutes(), 20.0);
}

TEST(PracticeFloor, EveryLevelAndStoryHasSomethingToReadAtEverySpotOfTheStrings) {
    for (std::string_view story : stories())
        for (int level : {1, 2, 3}) {
            Playing p({"tarnby", std::string(story), level, 3});
            for (const Spot& s : string_walk())
                EXPECT_TRUE(
                    p.floor().hold(blank_reading(s, p.lines), p.lines, *standard_tool("steel-rule-mm")))
                    << story << ' ' << s.name();
        }
}

TEST(PracticeFloor, AStandThatIsKickedMovesTheStringAtItsFrontEndOnly) {
    int kicks = 0;
    for (std::uint64_t seed = 1; seed < 6; ++seed) {
        Playing p({"tarnby", "new-rack", 3, seed});
        const auto before = p.floor().car().solid();
        p.walk();
        p.walk();
        const PracticeFloor floor = p.floor();
        const auto& s = floor.car().solid();
        ASSERT_EQ(floor.kicked().size(), 1u);
        const Kick& k = floor.kicked().front();
        const auto side = static_cast<std::size_t>(index_of(k.side));
        const auto at = [&](const SolidCar& c, double x) {
            return c.offset[side] + x * std::tan(c.skew[side] * SolidCar::rad);
        };
        EXPECT_NEAR(at(s, s.wheelbase + s.front_bar) - at(before, s.wheelbase + s.front_bar), k.mm, 0.01);
        EXPECT_NEAR(at(s, -s.rear_bar) - at(before, -s.rear_bar), 0.0, 0.01);
        ++kicks;
    }
    EXPECT_EQ(kicks, 5);
}

TEST(PracticeFloor, ReadsTheSteeringsPlayAndATiresBulgeWhereThereAre) {
    Playing p({"tarnby", "new-rack", 3, 4});
    Spot play;
    play.kind = ReadingId::steering_play;
    const Tool gauge = *standard_tool("digital-angle-gauge");
    play.side = Side::left;
    Tool exact;
    exact.quantity = QuantityKind::angle;
    const double left = p.floor().hold(blank_reading(play, p.lines), p.lines, exact)->exact;
    play.side = Side::right;
    const double right = p.floor().hold(blank_reading(play, p.lines), p.lines, exact)->exact;
    EXPECT_NEAR(right - left, level_of(3).play, 1e-9);
    // Boards that lie on the tires feel a bulge, bars on the studs do not.
    SolidCar car;
    const LinesSet boards = car.lines({"toe-boards"});
    const auto total = [&](ReadingId front, ReadingId rear) {
        return car.exact(axle_spot(rear, Axle::front), boards) -
               car.exact(axle_spot(front, Axle::front), boards);
    };
    const double studs = total(ReadingId::stud_bar_front, ReadingId::stud_bar_rear);
    const double tires = total(ReadingId::boards_front, ReadingId::boards_rear);
    car.bulge = {1.5, 0, 0, 0};
    EXPECT_EQ(total(ReadingId::stud_bar_front, ReadingId::stud_bar_rear), studs);
    EXPECT_NEAR(total(ReadingId::boards_front, ReadingId::boards_rear), tires - 1.5, 1e-9);
}

TEST(SimCar, SteersByItsRackWithAckermann) {
    Rng rng(2);
    SimCar car = any_car(rng);
    const double l = car.toe(Wheel::front_left), r = car.toe(Wheel::front_right);
    ASSERT_TRUE(car.steer(16.0 * 15, 16.0));
    const double left = car.toe(Wheel::front_left) - l, right = r - car.toe(Wheel::front_right);
    EXPECT_NEAR((left + right) / 2, 15.0, 1e-6) << "both go right, on average by the ratio";
    ASSERT_TRUE(car.steer(0, 16.0));
    EXPECT_NEAR(car.toe(Wheel::front_left), l, 1e-9);
    EXPECT_FALSE(car.steer(16.0 * 80, 16.0)) << "no arms reach that far";
    EXPECT_NEAR(car.toe(Wheel::front_left), l, 1e-9);

    // Of any one car the joints lie this way or that.
    double inner_further = 0;
    for (int n = 0; n < 40; ++n) {
        SimCar any = any_car(rng);
        const double left_was = any.toe(Wheel::front_left), right_was = any.toe(Wheel::front_right);
        ASSERT_TRUE(any.steer(16.0 * 15, 16.0));
        inner_further += right_was - any.toe(Wheel::front_right) - (any.toe(Wheel::front_left) - left_was);
    }
    EXPECT_GT(inner_further / 40, 0.1)
        << "arms that point inward behind the axle turn the inner wheel further";
}

TEST(SimCar, BendingOutOfReachLeavesItAsItWas) {
    Rng rng(2);
    SimCar car = any_car(rng);
    const double camber = car.solid().camber[0];
    CornerMove away;
    away.at(Hardpoint::lca_front) = Eigen::Vector3d(2000, 0, 0);
    EXPECT_FALSE(car.bend(Wheel::front_left, away));
    EXPECT_EQ(car.solid().camber[0], camber);
    CornerMove down;
    down.hub_height = 30;
    EXPECT_TRUE(car.bend(Wheel::front_left, down));
    EXPECT_NE(car.solid().camber[0], camber);
}

TEST(Debrief, TellsTheTruthBesideWhatWasBelieved) {
    Playing p({"tarnby", "new-rack", 1, 21});
    p.walk();
    const Debrief d = debrief(p.floor(), p.log);
    for (std::size_t w = 0; w < 4; ++w) {
        EXPECT_TRUE(d.believed[w].known);
        EXPECT_LT(std::abs((d.believed[w].value - d.truth[w]).deg()), 3.5 * d.believed[w].sigma.deg());
    }
    EXPECT_EQ(d.readings, 14);
    EXPECT_EQ(d.passes, 0);
    EXPECT_EQ(d.verdicts, 1);
    EXPECT_TRUE(d.mishaps.empty());
}

TEST(Debrief, NamesWhatWentWrongAndWhenItCouldHaveBeenSeen) {
    Playing p({"tarnby", "new-rack", 1, 22});
    for (const Spot& s : string_walk())
        p.read(s, s == wheel_spot(ReadingId::rim_front, Wheel::rear_left) ? 10.0 : 0.0);
    const Debrief once = debrief(p.floor(), p.log);
    ASSERT_EQ(once.mishaps.size(), 1u);
    EXPECT_EQ(once.mishaps[0].kind, Mishap::Kind::misread);
    EXPECT_NEAR(once.mishaps[0].by, 10.0, 0.3);
    // The whole round again shows it.
    p.walk();
    const Debrief twice = debrief(p.floor(), p.log);
    ASSERT_GE(twice.mishaps.size(), 1u);
    ASSERT_TRUE(twice.mishaps[0].seen);
    EXPECT_GT(*twice.mishaps[0].seen, twice.mishaps[0].entry);
    EXPECT_FALSE(twice.mishaps[0].mended);
    Strike s;
    s.ids = {p.log[twice.mishaps[0].entry].id};
    p.put(s);
    EXPECT_TRUE(debrief(p.floor(), p.log).mishaps[0].mended);
}

TEST(Debrief, SaysWhenSomethingElseWasTurnedThanTheSheetSaid) {
    Playing p({"tarnby", "new-rack", 1, 23});
    p.walk();
    p.turn("rod-fl", 6.0);
    p.walk();
    const Debrief d = debrief(p.floor(), p.log);
    EXPECT_EQ(d.passes, 1);
    EXPECT_TRUE(std::any_of(d.mishaps.begin(), d.mishaps.end(), [](const Mishap& m) {
        return m.kind == Mishap::Kind::other_turn && m.by > 3.0;
    }));
    // Left as it is while it is not in its band.
    p.put(Accepted{"front.total_toe", "late"});
    const Debrief late = debrief(p.floor(), p.log);
    EXPECT_TRUE(std::any_of(late.mishaps.begin(), late.mishaps.end(),
                            [](const Mishap& m) { return m.kind == Mishap::Kind::too_soon && m.by > 0.5; }));
}

TEST(Lesson, IsPassedByWhoReadsRightAndNotByWhoDoesNot) {
    for (std::string_view id : lessons()) {
        for (bool well : {true, false}) {
            Lesson lesson(id, 11);
            ASSERT_GE(lesson.of(), 3u) << id;
            while (const Task* t = lesson.task()) {
                if (t->ask == Task::Ask::value)
                    lesson.answer_value(t->faces[t->face].at + (well ? t->within / 2 : 3 * t->within + 0.3));
                else if (well)
                    lesson.answer_choice(t->right.front());
                else
                    lesson.answer_choice("none of these");
            }
            EXPECT_TRUE(lesson.over());
            EXPECT_EQ(lesson.passed(), well) << id;
            EXPECT_EQ(lesson.right() == static_cast<int>(lesson.of()), well) << id;
            lesson.answer_value(1);  // over is over
        }
    }
    EXPECT_THROW(Lesson("no such", 1), std::invalid_argument);
}

TEST(Lesson, StringLessonShowsThatAMovedStringLiesAndTheEstimateDoesNot) {
    for (std::uint64_t seed = 1; seed < 8; ++seed) {
        Lesson lesson("string", seed);
        EXPECT_TRUE(lesson.outcome().empty());
        while (const Task* t = lesson.task()) {
            if (t->ask == Task::Ask::value)
                lesson.answer_value(std::round(t->faces[t->face].at * 2) / 2);
            else
                lesson.answer_choice("nothing");
        }
        const auto o = lesson.outcome();
        EXPECT_NEAR(o.at("toe"), o.at("toe_true"), 0.13);
        EXPECT_NEAR(o.at("toe_after"), o.at("toe_true"), 0.13);
        EXPECT_GT(std::abs(o.at("toe_believed_after") - o.at("toe_believed")), 0.1);
    }
}

TEST(Proving, FollowsUpWhatContradictsAndSetsTheSlipAside) {
    ProvingOptions o;
    o.cars = 40;
    o.tool = *standard_tool("vernier");
    o.dents = false;
    o.slips = 0.03;
    int arrived = 0, inside = 0;
    for (std::uint64_t car = 0; car < 40; ++car) {
        const JobDone j = one_job(Way::advice, o, car);
        arrived += j.arrived;
        inside += j.arrived && j.inside;
    }
    EXPECT_GE(arrived, 36);
    EXPECT_GE(inside, arrived - 3) << "a slip of an inch does not pass for a toe";
}

}  // namespace
}  // namespace fairchalk::practice
