// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>

#include <gtest/gtest.h>

#include "core/car/adjuster.h"
#include "practice/matrix.h"
#include "practice/proving.h"

namespace fairchalk::practice {
namespace {

ProvingOptions few(int cars, const char* tool = "vernier") {
    ProvingOptions o;
    o.cars = cars;
    o.tool = *standard_tool(tool);
    return o;
}

TEST(SimCar, ARodMovesToeAsItsArmSaysAndCamberAlongWithIt) {
    Rng rng(3);
    double least = 10, most = 0;
    for (int n = 0; n < 60; ++n) {
        Nature still;
        still.settle = 0;
        SimCar car = any_car(rng, still);
        const double toe = car.toe(Wheel::front_left), right = car.toe(Wheel::front_right);
        const double camber = car.solid().camber[0];
        ASSERT_TRUE(car.turn("rod-fl", 1.0, rng));
        const double by = car.toe(Wheel::front_left) - toe;
        EXPECT_GT(by, 0) << "behind the axle, longer is toe in";
        least = std::min(least, by);
        most = std::max(most, by);
        EXPECT_NE(car.solid().camber[0], camber) << "it moves too";
        EXPECT_EQ(car.toe(Wheel::front_right), right) << "and the other wheel does not";
        ASSERT_TRUE(car.turn("rod-fl", -1.0, rng));
        EXPECT_NEAR(car.toe(Wheel::front_left), toe, 1e-9);
    }
    // asin(1.5 / arm) for arms from 70 to 200 mm.
    EXPECT_GT(least, 0.40);
    EXPECT_LT(most, 1.4);
    EXPECT_GT(most - least, 0.2) << "no two cars alike";
}

TEST(SimCar, OutOfReachNothingMoves) {
    Rng rng(4);
    SimCar car = any_car(rng);
    const double toe = car.toe(Wheel::front_left);
    EXPECT_FALSE(car.turn("rod-fl", 400.0, rng));
    EXPECT_EQ(car.toe(Wheel::front_left), toe);
    EXPECT_FALSE(car.turn("no-such", 1.0, rng));
}

TEST(SimCar, JackingAndLockingMoveWhatTheyMove) {
    Rng rng(5);
    Nature n;
    n.creep = 0.1;
    SimCar car = any_car(rng, n);
    const double front = car.toe(Wheel::front_left), rear = car.toe(Wheel::rear_left);
    car.jack(Axle::front, rng);
    EXPECT_NE(car.toe(Wheel::front_left), front);
    EXPECT_EQ(car.toe(Wheel::rear_left), rear);
    const double right = car.toe(Wheel::front_right);
    car.lock("rod-fr", rng);
    EXPECT_NE(car.toe(Wheel::front_right), right);
}

/// A car on four of these corners, and what an adjuster does to its left front.
struct Shift {
    double toe, camber, caster;
};
Shift shift(const Corner& corner, const SimAdjuster& adjuster, double amount) {
    Rng rng(1);
    Nature still;
    still.settle = 0;
    SimCar car({corner, corner, corner, corner}, SolidCar(), still);
    car.add("it", adjuster);
    const SolidCar before = car.solid();
    EXPECT_TRUE(car.turn("it", amount, rng));
    const SolidCar& after = car.solid();
    EXPECT_EQ(after.toe[1], before.toe[1]) << "the other side stays";
    return {after.toe[0] - before.toe[0], after.camber[0] - before.camber[0],
            after.caster[0] - before.caster[0]};
}

Adjuster device(const char* kind) {
    Adjuster d;
    d.id = "it";
    d.kind = kind;
    d.wheel = Wheel::front_left;
    return d;
}
SimAdjuster bolt_of(const char* bolt, double eccentricity) {
    Adjuster cam = device("cam");
    cam.bolt = bolt;
    cam.eccentricity = Length::from_mm(eccentricity);
    return sim_device(cam, 0);
}

TEST(SimAdjusters, DoWhatTheDesignsCornersDo) {
    const Wheel w = Wheel::front_left;
    const Shift both = shift(sample_wishbone(), sim_device(device("spanning-shims"), 0), 1.5);
    EXPECT_NEAR(both.camber, 0.271, 0.002);
    EXPECT_NEAR(both.toe, -0.098, 0.002);
    EXPECT_NEAR(both.caster, 0.000, 0.002);
    const Adjuster shims = device("shim-pair");
    const Shift front = shift(sample_wishbone(), sim_device(shims, 0), 1.5);
    EXPECT_NEAR(front.camber, 0.111, 0.002);
    EXPECT_NEAR(front.toe, -0.043, 0.002);
    EXPECT_NEAR(front.caster, 0.249, 0.002);
    const Shift rear = shift(sample_wishbone(), sim_device(shims, 1), 1.5);
    EXPECT_NEAR(rear.caster, -0.249, 0.002);
    EXPECT_NEAR(rear.camber, 0.158, 0.002);
    Adjuster pulls = shims;
    pulls.pushes_in = Told::yes;
    EXPECT_LT(shift(sample_wishbone(), sim_device(pulls, 0), 1.5).camber, -0.1);
    const Shift in = shift(sample_strut(), sim_device(device("strut-top"), 0), 5);
    EXPECT_NEAR(in.camber, -0.412, 0.002);
    EXPECT_NEAR(in.toe, 0.161, 0.002);
    const Shift back = shift(sample_strut(), sim_device(device("strut-top"), 1), 5);
    EXPECT_NEAR(back.caster, 0.427, 0.002);
    EXPECT_NEAR(back.toe, -0.014, 0.002);
    EXPECT_NEAR(shift(sample_strut(), sim_rod(w, 1.5), 1).toe, 0.604, 0.002);
    EXPECT_NEAR(shift(sample_wishbone(), sim_rod(w, 1.5), 1).camber, -0.049, 0.002);
}

TEST(SimAdjusters, ACamIsFullInItsMiddleAndNothingAtItsEnd) {
    const SimAdjuster cam = bolt_of("front", 5);
    const auto camber = [&](double degrees) { return shift(sample_wishbone(), cam, degrees).camber; };
    EXPECT_GT(std::abs(camber(10)), 0.05);
    EXPECT_LT(std::abs(camber(90) - camber(80)), 0.12 * std::abs(camber(10)));
    // Two on one arm: camber together, caster against each other.
    const Shift front = shift(sample_wishbone(), cam, 30);
    const Shift rear = shift(sample_wishbone(), bolt_of("rear", 5), 30);
    EXPECT_GT(front.camber * rear.camber, 0);
    EXPECT_LT(front.caster * rear.caster, 0);
}

TEST(SimAdjusters, ArmsSlotsRadiusRodsAndPivotShimsMoveTheWayTheyDoOnCars) {
    Adjuster upper = device("adjustable-arm");
    upper.upper_arm = Told::yes;
    EXPECT_GT(shift(sample_wishbone(), sim_device(upper, 0), 1).camber, 0.2)
        << "a longer upper arm pushes the top out";
    EXPECT_GT(shift(sample_wishbone(), sim_device(device("upper-joint-slot"), 0), 3).camber, 0.3)
        << "outward the top goes out";
    // A radius rod on the lower arm: ahead of it, longer pushes the lower joint rearward, and caster goes;
    // from behind, and on the upper arm, the other way each.
    Adjuster radius = device("radius-rod");
    const double ahead = shift(sample_wishbone(), sim_device(radius, 0), 2).caster;
    radius.runs_behind = Told::yes;
    const double behind = shift(sample_wishbone(), sim_device(radius, 0), 2).caster;
    radius.runs_behind = Told::no;
    radius.upper_arm = Told::yes;
    const double above = shift(sample_wishbone(), sim_device(radius, 0), 2).caster;
    EXPECT_LT(ahead, -0.1);
    EXPECT_GT(behind, 0.1);
    EXPECT_GT(above, 0.1);
    Corner trailing;
    trailing.kind = CornerKind::trailing_arm;
    trailing.at(Hardpoint::hub) = {0, 700, 300};
    trailing.at(Hardpoint::pivot) = {420, 700, 300};
    EXPECT_NEAR(shift(trailing, sim_device(device("trailing-arm-shims"), 0), 2).toe,
                std::atan(2.0 / 420) / SolidCar::rad, 0.002)
        << "the pivot toward the middle is toe in";
}

TEST(Tools, ShowInTheirDivisionsWithTheirNoise) {
    Rng rng(6);
    const Tool rule = *standard_tool("steel-rule-mm");
    double sum = 0, squares = 0;
    constexpr int times = 20'000;
    for (int n = 0; n < times; ++n) {
        const double v = shown_by(rule, 103.2, rng);
        EXPECT_NEAR(std::remainder(v, 0.5), 0, 1e-9);
        sum += v - 103.2;
        squares += (v - 103.2) * (v - 103.2);
    }
    EXPECT_NEAR(sum / times, 0, 0.02);
    EXPECT_NEAR(std::sqrt(squares / times), 0.25, 0.02) << "rounding included";
}

Reading of_kind(QuantityKind kind, double value) {
    Reading r;
    r.value.kind = kind;
    r.value.value = value;
    return r;
}

TEST(Slips, HappenAtTheirRateAndAreThoseOfPeople) {
    Rng rng(7);
    int lengths = 0, angles = 0, leans = 0;
    for (int n = 0; n < 10'000; ++n) {
        Reading length = of_kind(QuantityKind::length, 113.5);
        length.top_in = false;
        slip(length, 0.05, rng);
        const double v = length.value.value, by = std::abs(v - 113.5);
        lengths += by > 1e-9;
        leans += *length.top_in;
        EXPECT_TRUE(by < 1e-9 || std::abs(by - 1) < 1e-9 || std::abs(by - 25.4) < 1e-9 ||
                    std::abs(by - 10) < 1e-9 || std::abs(v - 131.5) < 1e-9)
            << v;
        Reading angle = of_kind(QuantityKind::angle, -1.25);
        slip(angle, 0.05, rng);
        const double a = angle.value.value;
        angles += std::abs(a + 1.25) > 1e-9;
        EXPECT_TRUE(std::abs(std::abs(a) - 1.25) < 1e-9 || std::abs(std::abs(a + 1.25) - 1) < 1e-9 ||
                    std::abs(a + 2.15) < 1e-9)
            << a;
        EXPECT_FALSE(angle.top_in) << "nobody is asked how its top leans";
    }
    EXPECT_NEAR(lengths, 500, 80);
    EXPECT_NEAR(angles, 500, 80);
    EXPECT_NEAR(leans, 500, 80);
    Reading exact = of_kind(QuantityKind::length, 113.5);
    slip(exact, 0, rng);
    EXPECT_EQ(exact.value.value, 113.5);
}

TEST(Proving, IsTheSameForTheSameSeedOnAnyNumberOfThreads) {
    ProvingOptions o = few(4);
    o.threads = 1;
    const auto one = prove(o);
    o.threads = 3;
    const auto three = prove(o);
    ASSERT_EQ(one.size(), static_cast<std::size_t>(ways));
    for (std::size_t i = 0; i < one.size(); ++i) {
        EXPECT_EQ(one[i].jobs, 4);
        EXPECT_EQ(one[i].mean_readings, three[i].mean_readings);
        EXPECT_EQ(one[i].worst_left, three[i].worst_left);
    }
    o.seed = 2;
    EXPECT_NE(prove(o)[0].worst_left, one[0].worst_left);
}

TEST(Proving, CanBeStoppedAndShowsProgress) {
    std::atomic<bool> stop{false};
    int told = 0;
    const auto r = prove(
        few(1000), [&](int, int) { stop = ++told >= 5; }, &stop);
    EXPECT_LT(r[0].jobs, 50);
    EXPECT_GE(told, 5);
}

TEST(Proving, AdviceArrivesAndWhatItCallsInsideIs) {
    ProvingOptions o = few(60);
    o.dents = false;
    const auto r = prove(o);
    const WayResult& advice = r[static_cast<std::size_t>(Way::advice)];
    EXPECT_EQ(advice.never, 0.0);
    EXPECT_GE(advice.truly_inside, 0.95);
    EXPECT_LT(advice.mean_passes, 2.0);
    const WayResult& rim = r[static_cast<std::size_t>(Way::pitch_at_rim)];
    EXPECT_GT(rim.mean_passes + 20 * rim.never, advice.mean_passes)
        << "the hand rule that takes the pitch for the toe";
}

TEST(Proving, WhereTheLipsAreDentedItSaysThatItCantTellRatherThanInside) {
    ProvingOptions o = few(60);
    o.tolerance = 0.06;
    const auto r = prove(o);
    const WayResult& advice = r[static_cast<std::size_t>(Way::advice)];
    EXPECT_GT(advice.never, 0.5) << "0.2 mm at two lips is 0.04 degrees";
    const WayResult& scale = r[static_cast<std::size_t>(Way::turn_and_scale)];
    EXPECT_LT(scale.truly_inside, 0.8) << "who works without a ± says inside all the same";
}

}  // namespace
}  // namespace fairchalk::practice

namespace fairchalk::practice {
namespace {

TEST(SimAdjusters, EveryKindOfTheCardMovesASimulatedCarAndBackAgain) {
    for (const AdjusterKind* kind : adjuster_kinds()) {
        Adjuster d;
        d.id = "it";
        d.kind = kind->name();
        d.wheel = d.kind == "trailing-arm-shims" ? Wheel::rear_left : Wheel::front_left;
        d.upper_arm = d.kind == "adjustable-arm" ? Told::yes : Told::no;
        std::array<Corner, 4> corners;
        for (Corner& c : corners) c = kind->corner(d, {});
        Nature still;
        still.settle = 0;
        SimCar car(corners, SolidCar(), still);
        car.add(Adjuster(d));
        Rng rng(1);
        const SolidCar before = car.solid();
        const double one = kind->handles(d)[0].unit == HandleUnit::degree ? 20.0 : 1.0;
        const double two = kind->handles(d).size() > 1 ? 1.0 : 0.0;
        ASSERT_TRUE(car.turn("it", one, rng, two)) << d.kind;
        double moved = 0;
        for (std::size_t w = 0; w < 4; ++w)
            moved += std::abs(car.solid().toe[w] - before.toe[w]) +
                     std::abs(car.solid().camber[w] - before.camber[w]) +
                     std::abs(car.solid().caster[w] - before.caster[w]);
        EXPECT_GT(moved, 0.02) << d.kind;
        ASSERT_TRUE(car.turn("it", -one, rng, -two));
        for (std::size_t w = 0; w < 4; ++w) {
            EXPECT_NEAR(car.solid().toe[w], before.toe[w], 1e-7) << d.kind;
            EXPECT_NEAR(car.solid().camber[w], before.camber[w], 1e-7) << d.kind;
        }
    }
    Adjuster kept;
    kept.kind = "magnets";
    EXPECT_THROW(sim_device(kept, 0), std::invalid_argument);
}

TEST(Proving, TheWholeFrontAxleArrivesAndTheNextJobIsEasier) {
    ProvingOptions o = few(12);
    o.whole = true;
    o.dents = false;
    int first = 0, again = 0, inside = 0, arrived = 0;
    for (std::uint64_t car = 0; car < 12; ++car) {
        const JobDone one = one_job(Way::advice, o, car), two = one_job(Way::advice_again, o, car);
        first += one.passes;
        again += two.passes;
        for (const JobDone* j : {&one, &two}) {
            arrived += j->arrived;
            inside += j->arrived && j->inside;
            EXPECT_EQ(j->given.size(), static_cast<std::size_t>(j->passes));
        }
    }
    EXPECT_GE(arrived, 23) << "hardly one can't be called";
    EXPECT_GE(inside, arrived - 1);
    EXPECT_LE(first, 24) << "two passes at the most, for toe, camber and caster";
    EXPECT_LE(again, first + 2) << "what was learnt does not make it worse";
}

TEST(Proving, ChangingOverIsLeftUnreadOnlyWhereTheCarIsKnownWellEnough) {
    ProvingOptions o = few(40);
    o.dents = false;
    o.tolerance = 0.25;
    int unread = 0, inside = 0;
    for (std::uint64_t car = 0; car < 40; ++car) {
        const JobDone done = one_job(Way::change_over, o, car);
        if (!done.arrived || done.readings > 0) continue;
        ++unread;
        inside += done.inside;
        EXPECT_EQ(done.passes, 1);
    }
    EXPECT_GE(unread, 20) << "a wide band, and arms that were learnt";
    EXPECT_GE(inside, unread * 8 / 10);
    o.tolerance = 0.03;
    for (std::uint64_t car = 0; car < 5; ++car) {
        const JobDone done = one_job(Way::change_over, o, car);
        EXPECT_TRUE(!done.arrived || done.readings > 0) << "two minutes are not held blindly";
    }
}

TEST(Proving, WhoTurnsByWatchingComesToAnEndAndHarmsNothing) {
    // One cell in forty: ways of measuring and adjusters of every sort.
    const std::vector<Cell> cells = covering_cells(4);
    int turned = 0, values = 0;
    for (std::size_t i = 0; i < cells.size(); i += 40) {
        const CellJob job = work_cell(cells[i], 4, i * 1'000'000u, {.watching = true});
        EXPECT_FALSE(job.ended.empty());
        EXPECT_EQ(job.harm.all(), 0) << cells[i].name() << (job.notes.empty() ? "" : ": " + job.notes[0]);
        turned += job.work.turns;
        values += job.readings - work_cell(cells[i], 4, i * 1'000'000u).readings;
    }
    EXPECT_GT(turned, 0);
    EXPECT_GT(values, 0) << "the rule was read meanwhile";
}

}  // namespace
}  // namespace fairchalk::practice
