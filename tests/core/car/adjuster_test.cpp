// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/car/adjuster.h"

#include <cmath>
#include <random>

#include <gtest/gtest.h>
#include <Eigen/Cholesky>

#include "core/advice/plan.h"
#include "core/advice/procedure.h"
#include "core/job/rig.h"
#include "core/judge/card_after_job.h"
#include "core/reading/making.h"
#include "core/turned_job.h"
#include "words/words.h"

namespace fairchalk {
namespace {

using testing::rad;

/// Degrees by effect, and its sigma.
std::pair<double, double> expected(const Adjuster& d, int handle, int angle, const CarCard& car = {}) {
    const auto p = response_prior(d, car);
    for (std::size_t i = 0; i < p->effects.size(); ++i)
        if (p->effects[i].handle == handle && static_cast<int>(p->effects[i].angle) == angle)
            return {
                p->mean[static_cast<Eigen::Index>(i)] / rad,
                std::sqrt(p->covariance(static_cast<Eigen::Index>(i), static_cast<Eigen::Index>(i))) / rad};
    return {NAN, NAN};
}

TEST(ResponsePrior, HoldsTheCornersOfTheDesignWithinItsSigma) {
    const auto holds = [](const Adjuster& d, int handle, int angle, double one_unit) {
        const auto [mean, sigma] = expected(d, handle, angle);
        EXPECT_LT(std::abs(mean - one_unit), 2.0 * sigma) << d.kind << ' ' << handle << ' ' << angle;
        EXPECT_LT(sigma, 0.6 * std::abs(one_unit) + 0.05) << "and says something";
    };
    const Adjuster shims = device("s", "shim-pair");
    holds(shims, 0, 1, 0.111 / 1.5);
    holds(shims, 0, 0, -0.043 / 1.5);
    holds(shims, 0, 2, 0.249 / 1.5);
    holds(shims, 1, 1, 0.158 / 1.5);
    holds(shims, 1, 2, -0.249 / 1.5);
    holds(device("s", "spanning-shims"), 0, 1, 0.271 / 1.5);
    holds(device("t", "strut-top"), 0, 1, -0.412 / 5);
    holds(device("t", "strut-top"), 1, 2, 0.427 / 5);
}

TEST(ResponsePrior, IsScaledByWhatTheCardSays) {
    Adjuster near = device("s", "spanning-shims"), far = near;
    near.joint_height = Length::from_mm(200);
    far.joint_height = Length::from_mm(400);
    EXPECT_NEAR(expected(near, 0, 1).first / expected(far, 0, 1).first, 2.0, 0.4)
        << "half the height, twice the camber";
    Adjuster tight = device("s", "shim-pair"), wide = tight;
    tight.bolt_spacing = Length::from_mm(150);
    wide.bolt_spacing = Length::from_mm(300);
    EXPECT_NEAR(expected(tight, 0, 2).first / expected(wide, 0, 2).first, 2.0, 0.4);
    Adjuster pulls = device("s", "spanning-shims");
    pulls.pushes_in = Told::yes;
    EXPECT_LT(expected(pulls, 0, 1).first, -0.1);
    Adjuster pivot = device("p", "trailing-arm-shims", Wheel::rear_left);
    pivot.pivot_to_hub = Length::from_mm(420);
    EXPECT_NEAR(expected(pivot, 0, 0).first, std::atan(1.0 / 420) / rad, 0.002);
    EXPECT_EQ(expected(pivot, 0, 2).first, 0.0);
    Adjuster tube = device("c", "cross-tube", Wheel::front_right);
    tube.arm = Length::from_mm(150);
    tube.pitch = Length::from_mm(1.5);
    const auto p = response_prior(tube, {});
    EXPECT_NEAR(p->mean[0], 0, 1e-12) << "the wheel that the drag link holds";
    EXPECT_NEAR(p->mean[1] / rad, std::asin(0.01) / rad, 1e-9);
    Adjuster link = device("d", "drag-link", Wheel::front_left);
    const auto q = response_prior(link, {});
    EXPECT_NEAR(q->mean[0], -q->mean[1], 1e-12)
        << "it turns both the same way, so their toes change oppositely";
    EXPECT_FALSE(response_prior(device("x", "magnets"), {}));
}

TEST(ResponsePrior, WhatIsKnownStandsForItself) {
    Adjuster d = device("s", "shim-pair");
    d.response = {{"front", Wheel::front_left, WheelAngle::camber, 0.12, 0.01}};
    const auto [mean, sigma] = expected(d, 0, 1);
    EXPECT_NEAR(mean, 0.12, 1e-9);
    EXPECT_NEAR(sigma, 0.01, 1e-9);
    EXPECT_NE(expected(d, 1, 1).first, 0.12);
}

TEST(Cam, TravelsBySineFromWhereItStands) {
    Adjuster d = device("c", "cam");
    const AdjusterKind& cam = *adjuster_kind("cam");
    EXPECT_NEAR(cam.travel(d, 10), 10, 0.06) << "a degree near the middle is a degree";
    EXPECT_NEAR(cam.travel(d, 90), 1 / rad, 1e-9);
    // Where nobody saw it, the last third of its way may be the first of the way back.
    EXPECT_LT(std::abs(cam.aside(d, 0, 30)), 0.15 * cam.travel(d, 30));
    EXPECT_GT(std::abs(cam.aside(d, 60, 90)), cam.travel(d, 90) - cam.travel(d, 60));
    d.at_deg = 80;
    EXPECT_LT(cam.travel(d, 10), 0.1 * 10) << "nothing is left at its end";
    EXPECT_NEAR(cam.handles(d)[0].most, 10, 1e-9);
    EXPECT_NEAR(cam.handles(d)[0].least, -170, 1e-9);
}

TEST(OffCentreBush, GoesInByCosineFromWhereItsThickSideStands) {
    Adjuster d = device("b", "off-centre-bush");
    d.bolt = "both";
    d.eccentricity = Length::from_mm(4);
    d.at_deg = 0.0;
    const AdjusterKind& bush = *adjuster_kind("off-centre-bush");
    const auto out = [&](double by) { return bush.move(d, 0, by).at(Hardpoint::uca_front).y(); };
    const auto up = [&](double by) { return bush.move(d, 0, by).at(Hardpoint::uca_front).z(); };
    EXPECT_NEAR(out(90), -4.0, 1e-9) << "from farthest out to the middle";
    EXPECT_NEAR(out(180), -8.0, 1e-9) << "and all the way in";
    EXPECT_NEAR(up(90), 4.0, 1e-9);
    EXPECT_NEAR(up(180), 0.0, 1e-9);
    EXPECT_NEAR(out(-60), out(60), 1e-9) << "up or down, it comes in by as much";
    EXPECT_NEAR(bush.travel(d, 30), (std::cos(30 * rad) - 1) / rad, 1e-9);
    EXPECT_GT(std::abs(bush.aside(d, 0, 30)), 0.0) << "it goes up meanwhile";
    EXPECT_NEAR(bush.aside(d, 0, 180), 0.0, 1e-9);
    // Its steps, and where it stands after.
    EXPECT_EQ(bush.handles(d).front().step, 30.0);
    bush.turned(d, {150, 0});
    EXPECT_NEAR(*d.at_deg, 150, 1e-9);
    bush.turned(d, {60, 0});
    EXPECT_NEAR(*d.at_deg, -150, 1e-9) << "round and on";
    // In at the top is camber toward negative; one bush alone takes caster along.
    const auto effect = [&](const char* bolt, int angle) {
        Adjuster one = device("b", "off-centre-bush");
        one.bolt = bolt;
        one.at_deg = 90.0;
        one.eccentricity = Length::from_mm(4);
        const auto p = response_prior(one, {});
        for (std::size_t i = 0; i < p->effects.size(); ++i)
            if (static_cast<int>(p->effects[i].angle) == angle && p->effects[i].wheel == Wheel::front_left)
                return p->mean[static_cast<Eigen::Index>(i)] * bush.travel(one, 30) / one_degree;
        return 0.0;
    };
    EXPECT_LT(effect("both", 1), -0.2);
    EXPECT_LT(effect("front", 1), -0.1);
    EXPECT_GT(std::abs(effect("front", 2)), 3 * std::abs(effect("both", 2)));
    EXPECT_LT(effect("front", 2) * effect("rear", 2), 0.0) << "the one adds caster that the other takes";
}

TEST(Plan, ShimsSetCamberAndCasterTogetherAndTheRodsTakeUpTheToe) {
    TurnedJob j;
    for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
        Adjuster d = device(w == Wheel::front_left ? "shims-fl" : "shims-fr", "shim-pair", w);
        j.car.adjusters.emplace_back(d);
    }
    j.begin({TurnedJob::target(Measure::toe, Axle::front, 0.05, 0.1),
             TurnedJob::target(Measure::camber, Axle::front, -0.5, 0.3),
             TurnedJob::target(Measure::caster, Axle::front, 4.5, 0.4)});
    j.all(0.05, 0.05, -0.5, -1.0, 4.5, 3.9);
    const Plan p = j.plan();
    ASSERT_EQ(p.next, NextStep::turn);
    EXPECT_FALSE(j.turn(p, "shims-fl")) << "what is inside is left alone";
    const PlannedTurn* s = j.turn(p, "shims-fr");
    ASSERT_TRUE(s);
    EXPECT_GT(s->turns + s->second, 2.0) << "camber out: more in both together";
    EXPECT_GT(s->turns, s->second) << "caster up: more in front";
    EXPECT_EQ(s->kind, "shim-pair");
    const PlannedTurn* r = j.turn(p, "rod-fr");
    ASSERT_TRUE(r) << "shims spoil toe, and the rod makes up for it at once";
    EXPECT_GT(r->turns, 0);
    EXPECT_EQ(p.turns.front().adjuster, "shims-fr") << "camber and caster before toe";
    EXPECT_NEAR(p.expect[1][1].value.deg(), -0.5, 0.15);
    EXPECT_NEAR(p.expect[1][2].value.deg(), 4.5, 0.25);
    EXPECT_NEAR(p.expect[1][0].value.deg(), 0.05, 0.05);
    EXPECT_NE(std::find(p.spoils.begin(), p.spoils.end(), "front-right.camber"), p.spoils.end());
    // Toe tonight, or without jacking: the shims stay, and camber is said to be out.
    PlanOptions toe;
    toe.only = {Measure::toe};
    EXPECT_FALSE(j.turn(j.plan(toe), "shims-fr"));
    PlanOptions flat;
    flat.without_jacking = true;
    const Plan q = j.plan(flat);
    EXPECT_FALSE(j.turn(q, "shims-fr"));
    EXPECT_TRUE(std::any_of(q.cannot.begin(), q.cannot.end(), [](const Unreachable& u) {
        return u.target.name() == "front-right.camber" && u.why.code == Code::plan_left_out && u.best.known;
    })) << "there is something for it, and how it is left is said";
}

TEST(Plan, UsesOnlyShimsThatAreThereAndSaysWhichGoWhere) {
    TurnedJob j;
    Adjuster d = device("shims-fl", "shim-pair");
    d.stacks[0] = {{Length::from_mm(1.0), 1, false}};
    d.stacks[1] = {{Length::from_mm(1.0), 1, false}};
    j.car.adjusters.emplace_back(d);
    j.car.tin = {{Length::from_mm(0.8), 2, false}, {Length::from_mm(1.6), 2, false}};
    j.begin({TurnedJob::target(Measure::toe, Axle::front, 0.05, 0.2),
             TurnedJob::target(Measure::camber, Wheel::front_left, -0.5, 0.2)});
    j.all(0.05, 0.05, -0.95, -0.5);
    const Plan p = j.plan();
    const PlannedTurn* s = j.turn(p, "shims-fl");
    ASSERT_TRUE(s);
    for (double add : {s->turns, s->second}) {
        bool made = false;
        for (int one : {-1, 0, 1})
            for (int a = 0; a <= 2; ++a)
                for (int b = 0; b <= 2; ++b) made = made || std::abs(one + a * 0.8 + b * 1.6 - add) < 1e-9;
        EXPECT_TRUE(made) << add;
    }
    ASSERT_FALSE(s->shims.empty());
    double moved = 0;
    for (const ShimMove& m : s->shims)
        if (m.to == ShimPlace{"shims-fl", "front"}) moved += m.shims.thickness.mm() * m.shims.count;
    EXPECT_GE(moved, s->turns - 1e-9);
    EXPECT_NEAR(p.expect[0][1].value.deg(), -0.5, 0.2);
}

TEST(Plan, SaysWhatTheNearestCostsTheOtherAngles) {
    TurnedJob j;
    Adjuster d = device("shims-fl", "shim-pair");
    d.stacks[0] = {{Length::from_mm(1.0), 4, false}};
    d.stacks[1] = {{Length::from_mm(0.5), 2, false}};
    j.car.adjusters.emplace_back(d);
    j.begin({TurnedJob::target(Measure::toe, Axle::front, 0.05, 0.2),
             TurnedJob::target(Measure::camber, Wheel::front_left, -2.5, 0.3),
             TurnedJob::target(Measure::caster, Wheel::front_left, 4.5, 0.6)});
    j.all(0.05, 0.05, -0.5, -0.5, 4.5, 4.5);
    const Plan p = j.plan();
    ASSERT_EQ(p.cannot.size(), 1u);
    const Unreachable& u = p.cannot[0];
    EXPECT_EQ(u.target.name(), "front-left.camber");
    EXPECT_EQ(u.why.code, Code::plan_out_of_range);
    ASSERT_EQ(u.costs.size(), 1u) << "toe is made up for by the rod";
    EXPECT_EQ(u.costs[0].target.name(), "front-left.caster");
    EXPECT_LT(u.costs[0].with.value.deg(), 4.3) << "more comes out in front than behind";
    EXPECT_NEAR(u.costs[0].without.value.deg(), 4.5, 0.05);
    const std::string say = words::unreachable(u, j.car);
    EXPECT_TRUE(say.starts_with("Left front camber: beyond reach (Left front upper-arm shims).")) << say;
    EXPECT_NE(say.find("The nearest is "), std::string::npos) << say;
    EXPECT_NE(say.find("For it, left front caster comes to "), std::string::npos) << say;
}

TEST(Plan, WhatIsGivenUpForTheRestSaysWhatHavingItWouldCost) {
    TurnedJob j;
    Adjuster d = device("cam", "cam");
    d.at_deg = 0;
    d.bolt = "front";
    d.upper_arm = Told::yes;
    d.eccentricity = Length::from_mm(6);
    j.car.adjusters.emplace_back(d);
    j.begin({TurnedJob::target(Measure::toe, Axle::front, 0.05, 0.2),
             TurnedJob::target(Measure::camber, Wheel::front_left, -0.1, 0.1),
             TurnedJob::target(Measure::caster, Wheel::front_left, 4.5, 0.15)});
    j.all(0.05, 0.05, -0.5, -0.5, 4.5, 4.5);
    const Plan p = j.plan();
    const auto it = std::find_if(p.cannot.begin(), p.cannot.end(),
                                 [](const Unreachable& u) { return u.target.name() == "front-left.camber"; });
    ASSERT_NE(it, p.cannot.end());
    EXPECT_EQ(it->why.code, Code::plan_given_up) << "one bolt can't have both";
    ASSERT_EQ(it->costs.size(), 1u);
    EXPECT_EQ(it->costs[0].target.name(), "front-left.caster");
    EXPECT_GT(std::abs(it->costs[0].with.value.deg() - 4.5), 0.15);
    EXPECT_NE(words::unreachable(*it, j.car).find("Having it would take left front caster from 4°"),
              std::string::npos)
        << words::unreachable(*it, j.car);
}

TEST(Plan, OutOfRangeGivesTheNearestAndSaysSo) {
    TurnedJob j;
    Adjuster d = device("top-fl", "strut-top");
    d.least = -2;
    d.most = 2;
    j.car.adjusters.emplace_back(d);
    j.begin({TurnedJob::target(Measure::toe, Axle::front, 0.05, 0.2),
             TurnedJob::target(Measure::camber, Wheel::front_left, -2.0, 0.3)});
    j.all(0.05, 0.05, -0.5, -0.5);
    const Plan p = j.plan();
    const PlannedTurn* t = j.turn(p, "top-fl");
    ASSERT_TRUE(t);
    EXPECT_EQ(t->turns, 2.0) << "all the way in";
    ASSERT_FALSE(p.cannot.empty());
    EXPECT_EQ(p.cannot[0].why.code, Code::plan_out_of_range);
    EXPECT_TRUE(p.cannot[0].best.known);
    EXPECT_NEAR(p.cannot[0].best.value.deg(), p.expect[0][1].value.deg(), 1e-9);
}

/// Top plates; toe of the left front and camber of the left front as they are, and how far toe may miss.
TurnedJob at_the_edge(double toe, double camber, double toe_band) {
    TurnedJob j;
    for (Adjuster& rod : j.car.adjusters) rod.proven = true;
    for (Wheel w : {Wheel::front_left, Wheel::front_right})
        j.car.adjusters.emplace_back(device(w == Wheel::front_left ? "top-fl" : "top-fr", "strut-top", w));
    j.begin({TurnedJob::target(Measure::toe, Axle::front, 0.0, toe_band),
             TurnedJob::target(Measure::camber, Axle::front, -1.0, 0.3)});
    j.all(toe, 0.0, camber, -1.0);
    return j;
}

TEST(Plan, WhatLiesAtAnEdgeIsBroughtInWithAPassThatIsMadeAnyway) {
    const TurnedJob both = at_the_edge(0.6, -1.29, 0.15);
    const Plan p = both.plan();
    ASSERT_EQ(p.next, NextStep::turn);
    ASSERT_TRUE(both.turn(p, "rod-fl"));
    ASSERT_TRUE(both.turn(p, "top-fl")) << "likely inside, but not to be called";
    EXPECT_LT(both.turn(p, "top-fl")->turns, 0.0);
    EXPECT_TRUE(both.turn(p, "top-fl")->at_edge);
    EXPECT_FALSE(both.turn(p, "rod-fl")->at_edge) << "the toe is outside";
    EXPECT_EQ(words::at_edge(*both.turn(p, "top-fl")),
              "The left front's camber lies too near its edge to be called inside: turned to the middle.");
    EXPECT_NEAR(p.expect[0][1].value.deg(), -1.0, 0.1);
    EXPECT_FALSE(both.turn(p, "top-fr")) << "what is inside is left alone";
    const TurnedJob one = at_the_edge(0.6, -1.0, 0.15);
    EXPECT_FALSE(one.turn(one.plan(), "top-fl"));
    EXPECT_TRUE(one.turn(one.plan(), "rod-fl"));
    // With no pass to make it is read on, where that can tell.
    EXPECT_EQ(at_the_edge(0.0, -1.27, 0.15).plan().next, NextStep::read);
}

TEST(Plan, AnEdgeThatNoReadingSettlesIsLeftEvenWhereToeHasToBeSetAgain) {
    // Half of it lies outside, and that stays so however often it is read.
    const TurnedJob j = at_the_edge(0.0, -1.3, 0.05);
    const Plan p = j.plan();
    ASSERT_EQ(p.next, NextStep::turn);
    ASSERT_TRUE(j.turn(p, "top-fl"));
    EXPECT_LT(p.truly_inside, 0.65) << "the toe is likely spoiled by it";
    double camber = 0.0;
    for (const Verdict& v : p.after)
        if (v.target.name() == "front-left.camber") camber = probability_inside(v.angle, v.target);
    EXPECT_GT(camber, 0.9);
}

TEST(Plan, MatchingTheOtherSideTouchesOnlyThisOne) {
    TurnedJob j;
    for (Wheel w : {Wheel::front_left, Wheel::front_right})
        j.car.adjusters.emplace_back(device(w == Wheel::front_left ? "top-fl" : "top-fr", "strut-top", w));
    j.begin({TurnedJob::target(Measure::toe, Axle::front, 0.0, 0.2)});
    j.all(0.0, 0.02, -0.4, -1.4);
    Job job = job_of(j.log);
    const Estimate e = j.estimated();
    job.targets = matching_other_side(job, e, Wheel::front_left);
    PlanOptions o;
    o.touching = {"rod-fl", "top-fl"};
    const Plan p = plan_turns(job, e, o);
    ASSERT_EQ(p.next, NextStep::turn);
    for (const PlannedTurn& t : p.turns) EXPECT_EQ(t.wheel, Wheel::front_left) << t.adjuster;
    EXPECT_NEAR(p.expect[0][1].value.deg(), -1.4, 0.12);
}

TEST(StrutBolt, ItsSpacingIsNotThatOfTheArmsBolts) {
    // What a bolt at the strut does to caster hangs on the arm's base, and that is as wide as it was.
    CarCard car;
    car.axle(Axle::front).suspension = Suspension::strut;
    Adjuster near = device("cam", "cam"), plain = near;
    near.bolt = plain.bolt = "strut-upper";
    near.bolt_spacing = Length::from_mm(60);
    const AdjusterKind& kind = *adjuster_kind("cam");
    const Corner told = kind.corner(near, car), untold = kind.corner(plain, car);
    for (Hardpoint p : points_of(CornerKind::strut))
        EXPECT_NEAR((told.at(p) - untold.at(p)).norm(), 0.0, 1e-9) << static_cast<int>(p);
    // On an arm's own bolts it is.
    Adjuster shims = device("s", "shim-pair");
    shims.bolt_spacing = Length::from_mm(200);
    const Corner arm = adjuster_kind("shim-pair")->corner(shims, car);
    EXPECT_NEAR((arm.at(Hardpoint::uca_front) - arm.at(Hardpoint::uca_rear)).x(), 200, 1e-9);
}

TEST(Plan, NearerTheAimIsAChoiceWithWhatItCosts) {
    TurnedJob j;
    j.begin({TurnedJob::target(Measure::total_toe, Axle::front, 0.1, 0.3)});
    // Inside, and off its middle.
    j.all(0.16, 0.16, -0.4, -0.4);
    const Plan as_it_is = j.plan();
    EXPECT_EQ(as_it_is.next, NextStep::done);
    EXPECT_TRUE(as_it_is.turns.empty());
    PlanOptions nearer;
    nearer.nearer = true;
    const Plan p = j.plan(nearer);
    ASSERT_EQ(p.next, NextStep::turn);
    EXPECT_NEAR((p.expect[0][0].value + p.expect[1][0].value).deg(), 0.1, 0.1);
    EXPECT_FALSE(p.spoils.empty()) << "what it costs: these are read again";
    // As near as its steps get: nothing is turned for nothing.
    TurnedJob k;
    k.begin({TurnedJob::target(Measure::total_toe, Axle::front, 0.1, 0.3)});
    k.all(0.05, 0.05, -0.4, -0.4);
    EXPECT_EQ(k.plan(nearer).next, NextStep::done);
    // Camber too, where something is there for it.
    TurnedJob c;
    c.car.adjusters.emplace_back(device("top-fl", "strut-top"));
    c.begin({TurnedJob::target(Measure::camber, Wheel::front_left, -0.8, 0.6)});
    c.all(0.0, 0.0, -1.15, -0.8);
    EXPECT_EQ(c.plan().next, NextStep::done);
    EXPECT_TRUE(c.turn(c.plan(nearer), "top-fl"));
}

TEST(Plan, ADragLinkStraightensTheWheelAndATubeSetsTheToe) {
    TurnedJob j;
    j.car.adjusters.clear();
    Adjuster tube = device("tube", "cross-tube", Wheel::front_right),
             link = device("link", "drag-link", Wheel::front_left);
    for (Adjuster* d : {&tube, &link}) {
        d->pitch = Length::from_mm(1.5);
        d->arm = Length::from_mm(150);
        d->rod = RodSide::behind_axle;
        j.car.adjusters.emplace_back(*d);
    }
    j.begin({TurnedJob::target(Measure::total_toe, Axle::front, 0.1, 0.1)});
    j.all(0.9, -0.1, 0, 0);
    for (const char* id : {"tube", "link"}) j.put(Looked{id, "rod", "behind-axle"});
    const Plan p = j.plan();
    ASSERT_TRUE(j.turn(p, "tube"));
    ASSERT_TRUE(j.turn(p, "link"));
    EXPECT_EQ(p.spoils, (std::vector<std::string>{"front-right.toe", "front-left.toe"})) << "each once";
    EXPECT_LT(j.turn(p, "tube")->turns, 0) << "behind the axle, shorter toes out";
    EXPECT_NEAR((p.expect[0][0].value + p.expect[1][0].value).deg(), 0.1, 0.06);
    EXPECT_NEAR((p.expect[0][0].value - p.expect[1][0].value).deg(), 0.0, 0.08)
        << "the steering wheel straight";
}

TEST(Estimate, LearnsWhatShimsDoOnThisCarAndTheNextJobBeginsWithIt) {
    TurnedJob j;
    j.car.adjusters.emplace_back(device("shims-fl", "shim-pair"));
    j.begin({TurnedJob::target(Measure::camber, Wheel::front_left, -0.5, 0.2)});
    j.all(0.0, 0.0, -1.0, -0.5, 4.0, 4.0);
    const auto camber_of = [](const Estimate& e, const std::string& handle) {
        for (const DeviceResponse& r : e.device_responses)
            if (r.handle == handle && r.effect.angle == WheelAngle::camber) return r;
        return DeviceResponse{};
    };
    const DeviceResponse before = camber_of(j.estimated(), "front");
    EXPECT_EQ(before.turns_seen, 0);
    j.turned("shims-fl", 6.0, "shim-pair", 0.0);
    j.put(RoundOpened{});
    // This car: 0.1 degrees of camber a millimetre at the front, and 0.2 of caster.
    j.all(-0.18, 0.0, -0.4, -0.5, 5.2, 4.0);
    const Estimate after = j.estimated();
    const DeviceResponse learnt_now = camber_of(after, "front");
    EXPECT_EQ(learnt_now.turns_seen, 1);
    EXPECT_NEAR(learnt_now.per_unit.deg(), 0.1, 0.012);
    EXPECT_LT(learnt_now.sigma.deg(), 0.5 * before.sigma.deg());
    EXPECT_NEAR(after.wheels[0].camber.value.deg(), -0.4, 0.03);
    const CarCard next = card_after_job(job_of(j.log), after);
    const Adjuster& d = *next.device("shims-fl");
    ASSERT_FALSE(d.response.empty());
    EXPECT_NEAR(expected(d, 0, 1, next).first, 0.1, 0.012);
    EXPECT_LT(expected(d, 0, 1, next).second, 0.02);
}

TEST(Estimate, CamberAndInclinationGoTogetherThroughATurn) {
    TurnedJob j;
    j.car.adjusters.emplace_back(device("shims-fl", "spanning-shims"));
    j.begin({});
    j.all(0.0, 0.0, -1.0, -0.5);
    const auto sweep = [&](double out, double in) {
        for (double way : {1.0, -1.0}) {
            Reading r;
            r.spot = swept_spot(ReadingId::camber, Wheel::front_left, way > 0 ? Swept::out : Swept::in);
            r.turned = Angle::from_deg(20 * way);
            r.value.kind = QuantityKind::angle;
            r.value.value = way > 0 ? out : in;
            r.stated_sigma = 0.02;
            j.put(r);
        }
    };
    sweep(0.5, -1.5);
    const double sai = j.estimated().wheels[0].sai.value.deg();
    j.turned("shims-fl", 4.0, "spanning-shims");
    j.put(RoundOpened{});
    j.angle(ReadingId::camber, Wheel::front_left, -0.3);
    const Estimate e = j.estimated();
    EXPECT_NEAR(e.wheels[0].camber.value.deg(), -0.3, 0.03);
    EXPECT_NEAR(e.wheels[0].sai.value.deg(), sai - 0.7, 0.15);
    EXPECT_TRUE(e.wheels[0].caster.known) << "what a plate leaves alone stays known";
}

TEST(Estimate, LearnsWhatLockingDoesAndAimsAheadOfIt) {
    TurnedJob j;
    j.begin({TurnedJob::target(Measure::toe, Axle::front, 0.0, 0.05)});
    j.all(-0.5, 0.0, 0, 0);
    for (int n = 0; n < 3; ++n) {
        j.turned("rod-fl", 0.25);
        j.put(RoundOpened{});
        const double before = -0.5 + 0.165 * (n + 1) + 0.06 * n;
        j.angle(ReadingId::toe_angle, Wheel::front_left, before);
        Change c;
        c.kind = ChangeKind::locked;
        j.put(c);
        j.put(RoundOpened{});
        j.angle(ReadingId::toe_angle, Wheel::front_left, before + 0.06);
        j.angle(ReadingId::toe_angle, Wheel::front_right, 0.0);
    }
    const Estimate e = j.estimated();
    ASSERT_EQ(e.locks.size(), 1u);
    EXPECT_EQ(e.locks[0].seen, 3);
    EXPECT_NEAR(e.locks[0].by.deg(), 0.06, 0.02);
    const CarCard next = card_after_job(job_of(j.log), e);
    ASSERT_EQ(next.rod("rod-fl")->lock.size(), 1u);
    EXPECT_NEAR(next.rod("rod-fl")->lock[0].deg, 0.06, 0.02);
    // A next job from the same toe is planned short by what the nut will add.
    TurnedJob a, b;
    b.car.adjusters[0].lock = {{WheelAngle::toe, 0.06, 0.01}};
    for (TurnedJob* k : {&a, &b}) {
        k->car.adjusters[0].step = 1.0 / 48;
        k->begin({TurnedJob::target(Measure::toe, Axle::front, 0.0, 0.1)});
        k->all(-0.5, 0.0, 0, 0);
    }
    const double plain = a.turn(a.plan(), "rod-fl")->turns, ahead = b.turn(b.plan(), "rod-fl")->turns;
    EXPECT_NEAR((plain - ahead) * 0.661, 0.06, 0.015);
    EXPECT_NEAR(b.plan().expect[0][0].value.deg(), 0.0, 0.02) << "and expects to end at the aim";
}

TEST(Estimate, LearnsWhatTighteningAnEccentricDoesToCamberAndAimsAheadOfIt) {
    TurnedJob j;
    Adjuster cam = device("cam", "cam");
    cam.bolt = "both";
    cam.upper_arm = Told::yes;
    cam.eccentricity = Length::from_mm(6);
    j.car.adjusters.emplace_back(cam);
    j.begin({TurnedJob::target(Measure::camber, Wheel::front_left, -0.5, 0.2)});
    j.all(0, 0, -1.2, -0.5);
    cam.at_deg = 0;
    const double per_degree = expected(cam, 0, 1, j.car).first;
    for (int n = 0; n < 3; ++n) {
        j.turned("cam", 5, "cam");
        j.put(RoundOpened{});
        const double loose = -1.2 + per_degree * 5 * (n + 1) - 0.15 * n;
        j.angle(ReadingId::camber, Wheel::front_left, loose);
        Change c;
        c.kind = ChangeKind::locked;
        j.put(c);
        j.put(RoundOpened{});
        j.angle(ReadingId::camber, Wheel::front_left, loose - 0.15);
    }
    const Estimate e = j.estimated();
    ASSERT_EQ(e.locks.size(), 1u) << "of camber, which it is there for";
    EXPECT_EQ(e.locks[0].adjuster, "cam");
    EXPECT_EQ(e.locks[0].angle, WheelAngle::camber);
    EXPECT_EQ(e.locks[0].seen, 3);
    EXPECT_NEAR(e.locks[0].by.deg(), -0.15, 0.04);
    const CarCard next = card_after_job(job_of(j.log), e);
    ASSERT_EQ(next.device("cam")->lock.size(), 1u);
    EXPECT_EQ(words::lock_shift(e.locks[0]).substr(0, 7), "camber ");
    LockShift none = e.locks[0];
    none.by = none.sigma * 0.5;
    EXPECT_EQ(words::lock_shift(none), "") << "nothing that shows";
    // The next job turns it that much further.
    TurnedJob plain, ahead;
    for (TurnedJob* k : {&plain, &ahead}) {
        k->car.adjusters.emplace_back(cam);
        Adjuster& d = k->car.adjusters.back();
        d.step = 0.5;
        if (k == &ahead) d.lock = {{WheelAngle::camber, -0.15, 0.02}};
        k->begin({TurnedJob::target(Measure::camber, Wheel::front_left, -0.8, 0.2)});
        k->all(0, 0, -1.3, -0.8);
    }
    const Plan a = plain.plan(), b = ahead.plan();
    ASSERT_TRUE(plain.turn(a, "cam") && ahead.turn(b, "cam"));
    EXPECT_NEAR((ahead.turn(b, "cam")->turns - plain.turn(a, "cam")->turns) * per_degree, 0.15, 0.03);
    EXPECT_NEAR(b.expect[0][1].value.deg(), -0.8, 0.05) << "expected of it locked";
}

TEST(Procedure, WhatWasReadBesideTheChosenWayIsReadAgainToo) {
    TurnedJob j;
    j.car.adjusters.emplace_back(device("shims-fl", "shim-pair"));
    LinesSet lines;
    lines.rigs = {"string-bars"};
    lines.bars = {Length::from_mm(500), Length::from_mm(500)};
    j.put(CarEdit{j.car});
    j.put(lines);
    j.put(RoundOpened{});
    for (const Spot& s : wanted_spots(job_of(j.log), 0)) {
        Reading r = blank_reading(s, lines);
        r.value.kind = QuantityKind::length;
        j.put(r);
    }
    j.angle(ReadingId::camber, Wheel::front_left, -1.0);
    j.angle(ReadingId::camber, Wheel::front_right, -1.0);
    const auto turn_and_read = [&](int round) {
        j.turned("shims-fl", 1, "shim-pair");
        j.put(RoundOpened{});
        const auto wanted = wanted_spots(job_of(j.log), round);
        const auto has = [&](Wheel w) {
            const Spot s = wheel_spot(ReadingId::camber, w);
            return std::find(wanted.begin(), wanted.end(), s) != wanted.end();
        };
        EXPECT_TRUE(has(Wheel::front_left)) << round;
        EXPECT_FALSE(has(Wheel::front_right)) << round;
        for (const Spot& s : wanted) {
            Reading r = blank_reading(s, lines);
            r.value.kind = reading_kind(s.kind).quantity();
            j.put(r);
        }
    };
    turn_and_read(1);
    turn_and_read(2);
    // Where another way is chosen for the new round, that one alone.
    LinesSet boards = lines;
    boards.rigs = {"toe-boards"};
    j.turned("shims-fl", 1, "shim-pair");
    j.put(boards);
    j.put(RoundOpened{});
    for (const Spot& s : wanted_spots(job_of(j.log), 3))
        EXPECT_FALSE(reading_kind(s.kind).against_gravity()) << s.name();
}

TEST(Procedure, AfterShimsCamberAndCasterOfThatWheelAreReadAgainAndNoOther) {
    TurnedJob j;
    j.car.adjusters.emplace_back(device("shims-fl", "shim-pair"));
    LinesSet lines;
    lines.rigs = {"string-bars", "camber-gauge", "caster-sweep"};
    lines.bars = {Length::from_mm(500), Length::from_mm(500)};
    lines.sweep = Angle::from_deg(20);
    j.put(CarEdit{j.car});
    j.put(lines);
    j.put(RoundOpened{});
    for (const Spot& s : wanted_spots(job_of(j.log), 0)) {
        Reading r = blank_reading(s, lines);
        r.value.kind = reading_kind(s.kind).quantity();
        j.put(r);
    }
    j.turned("shims-fl", 1, "shim-pair");
    j.put(RoundOpened{});
    const auto again = wanted_spots(job_of(j.log), 1);
    const auto has = [&](const Spot& s) { return std::find(again.begin(), again.end(), s) != again.end(); };
    EXPECT_TRUE(has(wheel_spot(ReadingId::rim_front, Wheel::front_left)));
    EXPECT_TRUE(has(swept_spot(ReadingId::camber, Wheel::front_left, Swept::straight)));
    EXPECT_TRUE(has(swept_spot(ReadingId::camber, Wheel::front_left, Swept::out)));
    for (const Spot& s : again) EXPECT_EQ(s.wheel, Wheel::front_left) << s.name();
}

}  // namespace
}  // namespace fairchalk

namespace fairchalk {
namespace {

TEST(Estimate, WhatAnEarlierJobLeftIsKnownBeforeAnythingIsRead) {
    TurnedJob j;
    for (Wheel w : {Wheel::front_left, Wheel::front_right})
        j.car.adjusters.emplace_back(device(w == Wheel::front_left ? "top-fl" : "top-fr", "strut-top", w));
    j.begin({TurnedJob::target(Measure::camber, Axle::front, -2.0, 0.5),
             TurnedJob::target(Measure::toe, Axle::front, 0.0, 0.2)});
    AnglesCarried c;
    c.from = "last week";
    for (std::size_t w = 0; w < 4; ++w) {
        c.wheels[w][0] = {0.05, 0.04};
        c.wheels[w][1] = {-1.0, 0.08};
    }
    j.put(c);
    const Estimate e = j.estimated();
    EXPECT_NEAR(e.wheels[0].toe.value.deg(), 0.05, 1e-6);
    EXPECT_NEAR(e.wheels[0].camber.sigma.deg(), 0.08, 1e-4);
    // From one set-up to another without a string: planned, with the ± that it costs.
    const Plan p = j.plan();
    ASSERT_EQ(p.next, NextStep::turn);
    EXPECT_GT(j.turn(p, "top-fl")->turns, 5.0);
    EXPECT_NEAR(p.expect[0][1].value.deg(), -2.0, 0.1);
    EXPECT_GT(p.expect[0][1].sigma.deg(), 0.1) << "it is less sure than what was read";
    EXPECT_LT(p.probability_inside, 0.99);
}

TEST(Estimate, WhatAJobLeavesIsCarriedOverALittleLessSure) {
    TurnedJob j;
    j.begin({});
    j.all(0.1, -0.2, -1.0, -1.1);
    const auto c = carried_over(j.estimated());
    ASSERT_TRUE(c);
    EXPECT_NEAR(c->wheels[0][0]->deg, 0.1, 1e-6);
    EXPECT_NEAR(c->wheels[0][0]->sigma_deg, std::hypot(0.02, 0.03), 1e-4);
    EXPECT_NEAR(c->wheels[1][1]->deg, -1.1, 1e-6);
    EXPECT_NEAR(c->wheels[1][1]->sigma_deg, std::hypot(0.02, 0.05), 1e-4);
    EXPECT_FALSE(c->wheels[2][1]) << "never read";
    EXPECT_FALSE(c->wheels[0][2]);
    EXPECT_FALSE(carried_over(Estimate()));
}

TEST(Plan, SaysWhetherItMayBeLeftUnread) {
    const auto left = [](double tolerance) {
        TurnedJob j;
        j.begin({TurnedJob::target(Measure::toe, Axle::front, -0.3, tolerance)});
        AnglesCarried c;
        for (std::size_t w = 0; w < 4; ++w) c.wheels[w][0] = {0.05, 0.04};
        j.put(c);
        return j.plan();
    };
    const Plan wide = left(0.3), narrow = left(0.05);
    ASSERT_EQ(narrow.next, NextStep::turn);
    EXPECT_TRUE(good_enough_unread(wide));
    EXPECT_GE(wide.truly_inside, wide.probability_inside);
    EXPECT_TRUE(words::without_reading(wide).starts_with("Good enough without reading (all inside: "));
    EXPECT_FALSE(good_enough_unread(narrow));
    const std::string no = words::without_reading(narrow);
    EXPECT_TRUE(no.starts_with("Not good enough without reading")) << no;
    EXPECT_NE(no.find("left front toe would come out at 0°"), std::string::npos) << no;
    EXPECT_NE(no.find("and its target leaves ±3'."), std::string::npos) << no;
}

TEST(Making, ATorqueThroughAnExtension) {
    EXPECT_NEAR(torque_to_set(55, Length::from_mm(400), Length::from_mm(100)), 44.0, 1e-9);
    EXPECT_NEAR(torque_to_set(55, Length::from_mm(400), Length::from_mm(100), Angle::from_deg(60)),
                55.0 * 400 / 450, 1e-9);
    EXPECT_NEAR(torque_to_set(55, Length::from_mm(400), Length::from_mm(100), Angle::from_deg(90)), 55.0,
                1e-9);
}

}  // namespace
}  // namespace fairchalk

namespace fairchalk {
namespace {

TEST(AdjusterKinds, MoveACornerTheWayTheirWordsSay) {
    // One step of each first handle, on the likes of its corner: the angle that it serves goes this way.
    struct Row {
        const char* kind;
        int handle, angle;
        double sign;
    };
    const Row rows[] = {
        {"shim-pair", 0, 1, 1},        {"shim-pair", 0, 2, 1},          {"shim-pair", 1, 2, -1},
        {"spanning-shims", 0, 1, 1},   {"strut-top", 0, 1, -1},         {"strut-top", 1, 2, 1},
        {"upper-joint-slot", 0, 1, 1}, {"trailing-arm-shims", 0, 0, 1}, {"cross-tube", 0, 0, 1}};
    for (const Row& r : rows) {
        const AdjusterKind* kind = adjuster_kind(r.kind);
        ASSERT_TRUE(kind) << r.kind;
        const Adjuster d =
            device("it", r.kind,
                   kind->serves(device("it", r.kind)) == 1 && std::string_view(r.kind) == "trailing-arm-shims"
                       ? Wheel::rear_left
                       : Wheel::front_left);
        const auto p = response_prior(d, {});
        for (std::size_t i = 0; i < p->effects.size(); ++i)
            if (p->effects[i].handle == r.handle && static_cast<int>(p->effects[i].angle) == r.angle &&
                p->effects[i].wheel == wheel_of(d)) {
                EXPECT_GT(p->mean[static_cast<Eigen::Index>(i)] * r.sign, 0.0)
                    << r.kind << ' ' << r.handle << ' ' << r.angle;
            }
    }
}

/// The last arrow of a sketch in the ink of what is done: where it points.
Sketch::Point way_in(const Sketch& s) {
    Sketch::Point out(0, 0);
    for (const Sketch::Stroke& stroke : s.strokes())
        if (stroke.shape == Sketch::Shape::arrow && stroke.pen.ink == Sketch::Ink::change)
            out = stroke.to - stroke.at;
    return out;
}

TEST(AdjusterKinds, AreDrawnAsOneSeesThemFromTheirOwnSide) {
    const Sketch::Point size(380, 100);
    const auto drawn = [&](const char* kind, Wheel w, double first, double second = 0.0) {
        return adjuster_kind(kind)->sketch(device("it", kind, w), {first, second}, size);
    };
    // Seen over the wing with the wheel toward the viewer, rearward is to the left at a right wheel.
    for (Wheel w : {Wheel::front_right, Wheel::front_left}) {
        const double rearward = side_of(w) == Side::right ? -1.0 : 1.0;
        EXPECT_GT(way_in(drawn("strut-top", w, 0, 3)).x() * rearward, 0) << name_of(w);
        EXPECT_LT(way_in(drawn("strut-top", w, 3)).y(), 0) << "inward is away from the viewer";
        EXPECT_LT(way_in(drawn("trailing-arm-shims", w, 1)).y(), 0);
        EXPECT_GT(way_in(drawn("shim-pair", w, 1)).y(), 0) << "shims push the arm toward the wheel";
        double front = 0, rear = 0;
        const Sketch pair = drawn("shim-pair", w, 1);
        for (const Sketch::Stroke& s : pair.strokes())
            if (s.text && std::string_view(s.text) == "front bolt")
                front = s.at.x();
            else if (s.text && std::string_view(s.text) == "rear bolt")
                rear = s.at.x();
        EXPECT_GT((rear - front) * rearward, 0);
        EXPECT_EQ(words::seen_from(device("it", "strut-top", w)),
                  side_of(w) == Side::right ? "from above, over the wing, the car's front to the right"
                                            : "from above, over the wing, the car's front to the left");
    }
    // A mirror image of a mirror image.
    const Sketch once = drawn("cam", Wheel::front_left, 30), twice = once.mirrored(380).mirrored(380);
    ASSERT_EQ(once.strokes().size(), twice.strokes().size());
    for (std::size_t i = 0; i < once.strokes().size(); ++i) {
        EXPECT_NEAR((once.strokes()[i].at - twice.strokes()[i].at).norm(), 0, 1e-9);
        EXPECT_NEAR(once.strokes()[i].by_deg, twice.strokes()[i].by_deg, 1e-9);
        EXPECT_EQ(once.strokes()[i].align, twice.strokes()[i].align);
    }
}

TEST(AdjusterKinds, ARodIsDrawnAsOneLiesUnderIt) {
    const auto drawn = [](Wheel w, Thread thread, double turns) {
        Adjuster r;
        r.kind = steering_rod_kind;
        r.wheel = Wheel::front_left;
        r.wheel = w;
        r.thread = thread;
        return adjuster_kind(r.kind)->sketch(r, {turns, 0.0}, {400, 100});
    };
    const auto end_of = [](const Sketch& s) {
        for (const Sketch::Stroke& stroke : s.strokes())
            if (stroke.shape == Sketch::Shape::circle) return stroke.at.x();
        return 0.0;
    };
    const auto arc_of = [](const Sketch& s) -> const Sketch::Stroke* {
        for (const Sketch::Stroke& stroke : s.strokes())
            if (stroke.shape == Sketch::Shape::arc) return &stroke;
        return nullptr;
    };
    // Feet out in front, the left wheel is to the left; feet out behind, the right one.
    EXPECT_GT(end_of(drawn(Wheel::front_right, Thread::right, 1)), 200);
    EXPECT_LT(end_of(drawn(Wheel::front_left, Thread::right, 1)), 200);
    EXPECT_GT(end_of(drawn(Wheel::rear_left, Thread::right, 1)), 200);
    EXPECT_LT(end_of(drawn(Wheel::rear_right, Thread::right, 1)), 200);
    // Longer on a right-hand thread is clockwise from the wheel. At the front right the near side then goes
    // toward the rear, which is where the head lies: up; at the front left toward the front: down.
    const auto turns_up = [&](const Sketch& s) {
        const Sketch::Stroke* arc = arc_of(s);
        const double to = (arc->from_deg + arc->by_deg) * 3.14159265358979 / 180;
        return std::sin(to) > 0;
    };
    EXPECT_TRUE(turns_up(drawn(Wheel::front_right, Thread::right, 1)));
    EXPECT_FALSE(turns_up(drawn(Wheel::front_left, Thread::right, 1)));
    EXPECT_FALSE(turns_up(drawn(Wheel::front_right, Thread::left, 1)));
    EXPECT_FALSE(turns_up(drawn(Wheel::front_right, Thread::right, -1)));
    EXPECT_TRUE(turns_up(drawn(Wheel::rear_left, Thread::right, 1)));
    EXPECT_FALSE(arc_of(drawn(Wheel::front_left, Thread::unknown, 1))) << "not guessed";
}

TEST(AdjusterKinds, BothSidesAreMirrorImages) {
    for (const AdjusterKind* kind : adjuster_kinds()) {
        if (kind->name() == "cross-tube" || kind->name() == "drag-link") continue;
        const auto l = response_prior(device("l", std::string(kind->name()), Wheel::front_left), {}),
                   r = response_prior(device("r", std::string(kind->name()), Wheel::front_right), {});
        ASSERT_EQ(l->effects.size(), r->effects.size());
        for (Eigen::Index i = 0; i < l->mean.size(); ++i)
            EXPECT_NEAR(l->mean[i], r->mean[i], 1e-12) << kind->name();
        const Eigen::LLT<Eigen::MatrixXd> llt(l->covariance);
        EXPECT_EQ(llt.info(), Eigen::Success) << kind->name() << ": a covariance is positive";
    }
}

TEST(AdjusterKinds, RangesAreFromWhereTheCardHasThem) {
    Adjuster d = device("s", "shim-pair");
    d.stacks[0] = {{Length::from_mm(1), 2, false}};
    const auto handles = adjuster_kind("shim-pair")->handles(d);
    EXPECT_NEAR(handles[0].least, -2.0, 1e-12) << "no more comes out than is in";
    EXPECT_LT(handles[1].least, -2.0) << "nobody said what is in there";
    d.least = -0.5;
    EXPECT_NEAR(adjuster_kind("shim-pair")->handles(d)[0].least, -0.5, 1e-12);
}

TEST(Plan, ACamThatNobodyLookedAtIsTurnedALittleAtATime) {
    TurnedJob j;
    Adjuster cam = device("cam", "cam");
    cam.bolt = "both";
    cam.upper_arm = Told::yes;
    cam.eccentricity = Length::from_mm(6);
    j.car.adjusters.emplace_back(cam);
    j.begin({TurnedJob::target(Measure::camber, Wheel::front_left, 0.2, 0.2)});
    j.all(0, 0, -0.5, -0.5);
    const Plan p = j.plan();
    const PlannedTurn* t = j.turn(p, "cam");
    ASSERT_TRUE(t);
    EXPECT_LE(std::abs(t->turns), 30.0) << "where it stands is not known: it may be near its end";
    EXPECT_TRUE(p.cannot.empty()) << "the rest of it comes after it was read";
    const double unseen = p.expect[0][1].sigma.deg();
    // Looked at, it goes all the way at once, and is known better.
    TurnedJob k;
    cam.at_deg = 0;
    k.car.adjusters.emplace_back(cam);
    k.begin({TurnedJob::target(Measure::camber, Wheel::front_left, 0.2, 0.2)});
    k.all(0, 0, -0.5, -0.5);
    const Plan seen = k.plan();
    ASSERT_TRUE(k.turn(seen, "cam"));
    EXPECT_GT(std::abs(k.turn(seen, "cam")->turns), 30.0);
    EXPECT_GT(unseen / std::abs(t->turns),
              seen.expect[0][1].sigma.deg() / std::abs(k.turn(seen, "cam")->turns));
}

TEST(Plan, ACamAtTheEndOfItsTravelIsNotAskedForMore) {
    TurnedJob j;
    Adjuster cam = device("cam", "cam");
    cam.bolt = "both";
    cam.upper_arm = Told::yes;
    cam.eccentricity = Length::from_mm(4);
    cam.at_deg = 75;
    cam.step = 15;
    j.car.adjusters.emplace_back(cam);
    j.begin({TurnedJob::target(Measure::camber, Wheel::front_left, 0.5, 0.3)});
    j.all(0, 0, -0.5, -0.5);
    const Plan p = j.plan();
    // Fifteen degrees are left, and they do next to nothing.
    for (const PlannedTurn& t : p.turns) EXPECT_LE(t.turns, 15.0);
    EXPECT_LT(p.expect[0][1].value.deg(), 0.2);
    // From its middle the same cam reaches it.
    TurnedJob k;
    cam.at_deg = 0;
    k.car.adjusters.emplace_back(cam);
    k.begin({TurnedJob::target(Measure::camber, Wheel::front_left, 0.0, 0.3)});
    k.all(0, 0, -0.5, -0.5);
    const Plan from_middle = k.plan();
    const PlannedTurn* t = k.turn(from_middle, "cam");
    ASSERT_TRUE(t);
    EXPECT_GT(t->turns, 15.0);
    EXPECT_NEAR(from_middle.expect[0][1].value.deg(), 0.0, 0.2);
}

TEST(Plan, ACamAtALinksInnerEndSetsToe) {
    TurnedJob j;
    j.car.adjusters.clear();
    Adjuster cam = device("cam-rl", "cam", Wheel::rear_left);
    cam.angle = "toe";
    cam.rod = RodSide::behind_axle;
    cam.eccentricity = Length::from_mm(5);
    cam.step = 5;
    j.car.adjusters.emplace_back(cam);
    // Outward at a link that runs behind the axle pushes the rear of the wheel out: toe in, by 5 mm over the
    // arm.
    const auto [per_degree, sigma] = expected(cam, 0, 0);
    EXPECT_NEAR(per_degree, 5.0 / 130.0, 0.015);
    EXPECT_GT(sigma, 0.0);
    j.begin({TurnedJob::target(Measure::toe, Wheel::rear_left, 0.5, 0.1)});
    j.all(0, 0, 0, 0);
    const Plan p = j.plan();
    const PlannedTurn* t = j.turn(p, "cam-rl");
    ASSERT_TRUE(t);
    EXPECT_EQ(t->about, Measure::toe);
    EXPECT_GT(t->turns, 0.0);
    EXPECT_NEAR(p.expect[2][0].value.deg(), 0.5, 0.1);
    EXPECT_TRUE(std::none_of(p.spoils.begin(), p.spoils.end(),
                             [](const std::string& s) { return s.ends_with("camber"); }));
}

TEST(Learnt, HowFarARodWasTurnedIsKeptFromJobToJob) {
    TurnedJob j;
    j.begin({TurnedJob::target(Measure::total_toe, Axle::front, 0.1, 0.2)});
    j.all(-0.8, -0.8, -0.4, -0.4);
    j.turned("rod-fl", 1.75);
    j.turned("rod-fr", 1.5);
    j.put(RoundOpened{});
    j.all(0.05, 0.05, -0.4, -0.4);
    const CarCard next = card_after_job(job_of(j.log), j.estimated());
    EXPECT_NEAR(next.rod("rod-fl")->turned, 1.75, 1e-12);
    EXPECT_TRUE(next.rod("rod-fl")->proven && next.rod("rod-fr")->proven);
    // On a rod that went the other way nothing is proven, nor on one that nobody has read since.
    TurnedJob other = j;
    other.log.resize(3);
    other.all(-0.2, -0.2, -0.4, -0.4);
    other.turned("rod-fl", 0.5);
    other.turned("rod-fr", 0.5);
    EXPECT_FALSE(card_after_job(job_of(other.log), other.estimated()).rod("rod-fl")->proven);
    other.put(RoundOpened{});
    other.all(-0.53, -0.53, -0.4, -0.4);
    EXPECT_FALSE(card_after_job(job_of(other.log), other.estimated()).rod("rod-fl")->proven);
    // The next job: a little more of it, and the thread is asked for that one job alone would not ask for.
    const auto asks = [&](const CarCard& car) {
        TurnedJob k;
        k.car = car;
        for (Adjuster& a : k.car.adjusters) k.car.looked.emplace_back(a.id, "rod");
        k.begin({TurnedJob::target(Measure::total_toe, Axle::front, 0.1, 0.2)});
        k.all(-0.75, -0.75, -0.4, -0.4);
        k.all(-0.75, -0.75, -0.4, -0.4);
        const Plan p = k.plan();
        return p.next == NextStep::read && p.again && p.again->why.code == Code::again_thread;
    };
    CarCard fresh = next;
    for (Adjuster& a : fresh.adjusters) a.turned = 0.0;
    EXPECT_FALSE(asks(fresh));
    CarCard far = next;
    for (Adjuster& a : far.adjusters) a.turned = 3.0;
    EXPECT_TRUE(asks(far));
}

TEST(Learnt, StacksTinCamsAndRangesAreWhatIsLeftOfThem) {
    TurnedJob j;
    Adjuster shims = device("shims-fl", "shim-pair"), cam = device("cam-fr", "cam", Wheel::front_right);
    shims.stacks = {std::vector<ShimsOf>{{Length::from_mm(1), 2, false}},
                    std::vector<ShimsOf>{{Length::from_mm(1), 1, false}}};
    cam.at_deg = 0;
    cam.least = -60;
    cam.most = 60;
    j.car.adjusters.emplace_back(shims);
    j.car.adjusters.emplace_back(cam);
    j.car.tin = {{Length::from_mm(0.5), 3, false}};
    j.begin({});
    j.all(0, 0, -0.5, -0.5);
    j.turned("shims-fl", 0.5, "shim-pair", -1.0);
    j.turned("cam-fr", 20, "cam");
    j.put(RoundOpened{});
    j.all(0, 0, -0.5, -0.5);
    const CarCard next = card_after_job(job_of(j.log), j.estimated());
    const Adjuster& s = *next.device("shims-fl");
    double front = 0, rear = 0, tin = 0;
    for (const ShimsOf& x : s.stacks[0]) front += x.thickness.mm() * x.count;
    for (const ShimsOf& x : s.stacks[1]) rear += x.thickness.mm() * x.count;
    for (const ShimsOf& x : next.tin) tin += x.thickness.mm() * x.count;
    EXPECT_NEAR(front, 2.5, 1e-9);
    EXPECT_NEAR(rear, 0.0, 1e-9);
    EXPECT_NEAR(tin, 2.0, 1e-9) << "three halves less one, and the millimetre that came out";
    const Adjuster& c = *next.device("cam-fr");
    EXPECT_NEAR(*c.at_deg, 20, 1e-12);
    EXPECT_NEAR(*c.most, 40, 1e-12);
    EXPECT_NEAR(*c.least, -80, 1e-12);
}

TEST(Estimate, TheArmsOfAnAxleAreLearntTogether) {
    TurnedJob j;
    for (Adjuster& a : j.car.adjusters) a.arm.reset();
    j.begin({});
    j.all(-0.8, 0.0, 0, 0);
    const auto sigma = [&](const char* rod) {
        for (const RodResponse& r : j.estimated().responses)
            if (r.rod == rod) return r.arm_sigma.mm();
        return 0.0;
    };
    EXPECT_NEAR(sigma("rod-fr"), prior_arm_sigma.mm(), 0.5) << "before anything was turned each is a guess";
    j.turned("rod-fl", 1.5);
    j.put(RoundOpened{});
    j.angle(ReadingId::toe_angle, Wheel::front_left, -0.8 + 1.5 * 0.78);
    EXPECT_LT(sigma("rod-fl"), 7.0);
    EXPECT_LT(sigma("rod-fr"), 10.0) << "nobody touched it, and it is known: made to the same drawing";
    EXPECT_GT(sigma("rod-fr"), sigma("rod-fl"));
}

}  // namespace
}  // namespace fairchalk
