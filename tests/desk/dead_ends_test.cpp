// SPDX-License-Identifier: GPL-3.0-or-later
// With the least that a user may have told, by each way of measuring: what is missing is named, and asked for
// by the button that stands out, until what was read tells what it was read for.
#include <random>

#include "walked.h"

namespace fairchalk::desk {
namespace {

struct DeadEnds : Walked, ::testing::WithParamInterface<int> {
    std::mt19937 chance_of_car{7};
    practice::SolidCar car = practice::SolidCar::any(chance_of_car);
    const Rig& rig = *all_rigs()[static_cast<std::size_t>(GetParam())];
    int wrong_turns = 0;
    bool ahead = false;

    DeadEnds() { truth = car.lines({std::string(rig.id)}); }
    const practice::SolidCar& solid() const override { return car; }
    std::string seen(const Look&) const override { return ahead ? "ahead-of-axle" : "behind-axle"; }
    void bareCar() { Walked::bareCar({std::string(rig.id)}); }

    void readUntilItTells() {
        readWhatIsAsked();
        for (int told = 0; waiting() && told < 6; ++told) {
            EXPECT_TRUE(slateText().contains("What is read waits"));
            key(Qt::Key_Return);
            desk->settle();
            tellWhatIsAsked();
            desk->settle();
            window->setStage(Stage::read);
            readWhatIsAsked();
        }
    }
    void turnAsWritten() override {
        for (const PlannedTurn& t : desk->answer().plan.turns) {
            const Adjuster& a = *desk->car().adjuster(t.adjuster);
            ASSERT_TRUE(is_rod(a)) << t.adjuster;
            car.toe[index_of(*a.wheel)] += (ahead != (wrong_turns > 0) ? -1 : 1) * t.turns *
                                           std::asin(1.5 / 130.0) / practice::SolidCar::rad;
        }
        --wrong_turns;
    }
    void aim() override {
        // Front toe, together or of the wheel that is told; camber; caster.
        Target total;
        total.measure = Measure::total_toe;
        total.where = Axle::front;
        const QString item = rig.use == RigUse::camber   ? "front axle, camber"
                             : rig.use == RigUse::caster ? "front axle, caster"
                             : tells(rig, total)         ? "front axle, toe"
                             : rig.strings[0]            ? "left front toe"
                             : rig.strings[1]            ? "right front toe"
                                                         : "front axle, toe";
        QTest::mouseClick(button("Say what to aim at"), Qt::LeftButton);
        for (int n = 0; n < 30 && !window->slate().guide()->subtitle().startsWith(item); ++n)
            key(Qt::Key_8, Qt::AltModifier);
        ASSERT_TRUE(window->slate().guide()->subtitle().startsWith(item));
        enter(rig.use == RigUse::camber   ? "-1 +-0.3"
              : rig.use == RigUse::caster ? "4 +-0.3"
                                          : "0°05' in ±0°08'");
        key(Qt::Key_9, Qt::AltModifier);
    }
    void toTheRoad() {
        bareCar();
        if (inches) key(Qt::Key_F7);
        toTheRecord();
        EXPECT_LE(told_of_wheels, 2) << "neither is asked for twice";
        EXPECT_LE(readings(), 70u) << "a round, as much as two wheels read on for, and two passes";
    }
    bool tellsSomething() const {
        const Estimate& now = desk->answer().now;
        const auto any = [&](KnownAngle WheelAngles::*what) {
            return std::any_of(now.wheels.begin(), now.wheels.end(),
                               [&](const WheelAngles& w) { return (w.*what).known; });
        };
        if (rig.use == RigUse::camber) return any(&WheelAngles::camber);
        if (rig.use == RigUse::caster) return any(&WheelAngles::caster);
        return any(&WheelAngles::toe) || any(&WheelAngles::toe_to_rear) || now.axles[0].total_toe.known;
    }
};

TEST_P(DeadEnds, NoWayOfMeasuringIsOne) {
    bareCar();
    readUntilItTells();
    EXPECT_TRUE(tellsSomething()) << rig.id << ": " << window->sayLine().toStdString();
    for (const Unused& u : desk->answer().now.unused)
        ADD_FAILURE() << "left out: " << words::sentence(u.why) << "; said: " << slateText().toStdString();
    for (Wheel w : all_wheels) {
        Target toe;
        toe.measure = Measure::toe;
        toe.where = w;
        const bool its_own = rig.strings[0] == rig.strings[1] || rig.strings[index_of(side_of(w))];
        EXPECT_TRUE(!tells(rig, toe) || !its_own || desk->answer().now.wheels[index_of(w)].toe.known)
            << name_of(w);
    }
    EXPECT_FALSE(waiting()) << "all that was read counts";
    key(Qt::Key_Return);
    desk->settle();
    ASSERT_EQ(window->stage(), Stage::turn);
    const auto acts = window->slate().guide()->offered();
    QStringList out;
    for (const Act& a : acts)
        if (a.main) out << a.text;
    EXPECT_EQ(out, QStringList("Say what to aim at"));
}
TEST_P(DeadEnds, WhatIsAimedAtLeadsToTheRoadAndTheRecord) {
    toTheRoad();
    if (std::string_view(rig.id) == "arm-jig") {
        EXPECT_GT(told_of_wheels, 0) << "arms hang on wheels that nobody told of";
    }
}

TEST_P(DeadEnds, ASlipOnTheWayIsSetAside) {
    slip_at = 1;
    toTheRoad();
}

TEST_P(DeadEnds, NobodyLooksWhichWayATopLeansUntilItIsAskedFor) {
    looks_which_way = false;
    chance_of_car.seed(1);  // one of which two tops lean the other way
    car = practice::SolidCar::any(chance_of_car);
    truth = car.lines({std::string(rig.id)});
    toTheRoad();
}

TEST_P(DeadEnds, ADriveSaidToTheOtherSideIsAskedAbout) {
    other_side = true;
    // It stands toed to one side: the wheel sits far off, whatever is aimed at.
    const double by = -0.9 - (car.toe[1] - car.toe[0]) / 2;
    car.toe[0] -= by, car.toe[1] += by;
    toTheRoad();
    const DriveSays* told = desk->answer().drive ? &*desk->answer().drive : nullptr;
    EXPECT_TRUE(!told || !told->off || !told->expected.known || told->fits)
        << words::drive(*told).front() << "; what was read twice holds";
}

TEST_P(DeadEnds, RodsAheadInInchesAndPassesTurnedTheWrongWayEndThereToo) {
    ahead = inches = true;
    wrong_turns = 2;
    toTheRoad();
}

INSTANTIATE_TEST_SUITE_P(Rigs, DeadEnds, ::testing::Range(0, static_cast<int>(all_rigs().size())),
                         [](const auto& p) {
                             std::string name(all_rigs()[static_cast<std::size_t>(p.param)]->id);
                             std::erase(name, '-');
                             return name;
                         });

}  // namespace
}  // namespace fairchalk::desk
