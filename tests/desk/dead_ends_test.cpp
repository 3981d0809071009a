// SPDX-License-Identifier: GPL-3.0-or-later
// With the least that a user may have told, by each way of measuring: what is missing is named, and asked for
// by the button that stands out, until what was read tells what it was read for.
#include <random>

#include <QPushButton>

#include "core/job/rig.h"
#include "desk_fixture.h"
#include "practice/solid_car.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

struct DeadEnds : DeskTest, ::testing::WithParamInterface<int> {
    std::mt19937 chance_of_car{7};
    practice::SolidCar car = practice::SolidCar::any(chance_of_car);
    const Rig& rig = *all_rigs()[static_cast<std::size_t>(GetParam())];
    int typed = 0, slip_at = -1, wrong_turns = 0;
    bool ahead = false, inches = false, looks_which_way = true;
    LinesSet truth = car.lines({std::string(rig.id)});

    void bareCar() {
        open();
        key(Qt::Key_N, Qt::ControlModifier);
        enter("Bare car");
        key(Qt::Key_Return, Qt::ControlModifier);
        LinesSet l = desk->lines();
        l.rigs = {std::string(rig.id)};
        desk->setLines(l);
        desk->settle();
        window->setStage(Stage::read);
    }
    static QString inSixtyFourths(double mm) {
        const long n = std::lround(std::abs(mm) / 25.4 * 64);
        return QString("%1%2 %3/64 in").arg(mm < 0 ? "-" : "").arg(n / 64).arg(n % 64);
    }
    void readWhatIsAsked() {
        for (int guard = 0; window->reading().spot() && guard < 60; ++guard) {
            const Spot s = *window->reading().spot();
            const bool angle = reading_kind(s.kind).quantity() == QuantityKind::angle;
            const std::size_t before = readings();
            const bool in = reading_kind(s.kind).asks_for_top() && car.leans(s, truth) < 0;
            if (QPushButton* other = button(in ? "Top leans out" : "Top leans in"); other && looks_which_way)
                QTest::mouseClick(other, Qt::LeftButton);
            const double off = typed++ != slip_at ? 0.0 : angle ? 1.5 : 10.0;
            const double there = car.exact(s, truth) + off;
            enter(angle    ? QString::number(there, 'f', 2) + " deg"
                  : inches ? inSixtyFourths(there)
                           : QString::number(there, 'f', 1) + " mm");
            desk->settle();
            ASSERT_EQ(readings(), before + 1) << s.name() << slateText().toStdString();
        }
    }
    bool waiting() const { return window->sayLine().startsWith("What is read waits"); }
    /// What the page that asks for it wants to be told.
    void tellWhatIsAsked() {
        const auto tell = [this](Length size) { enter(QString::number(size.mm()) + " mm"); };
        if (window->stage() == Stage::lines) {
            const auto missing = sizes_missing(desk->lines());
            ASSERT_FALSE(missing.empty());
            if (missing.front() == "front_bar") tell(*truth.bars.front_ahead);
            if (missing.front() == "rear_bar") tell(*truth.bars.rear_behind);
            for (const SizeField& size : size_fields())
                if (size.name == missing.front()) tell(*(truth.sizes.*size.field));
            return;
        }
        const QString asked = window->slate().guide()->subtitle();
        ASSERT_TRUE(asked.contains("wheelbase") || asked.contains("rim span")) << asked.toStdString();
        tell(Length::from_mm(asked.contains("wheelbase") ? car.wheelbase : car.span));
        EXPECT_TRUE(window->page().none()) << "what was asked for is told: back to what waited";
        EXPECT_EQ(window->stage(), Stage::read);
    }
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
    QPushButton* button(const QString& what) {
        for (QPushButton* b : window->slate().findChildren<QPushButton*>())
            if (b->isVisibleTo(&window->slate()) &&
                (what.isEmpty() ? b->objectName() == "main" : b->accessibleName().startsWith(what)))
                return b;
        return nullptr;
    }
    /// As the program asks, and as a car would do it.
    void turnAsWritten() {
        for (const PlannedTurn& t : desk->answer().plan.turns) {
            const Adjuster& a = *desk->car().adjuster(t.adjuster);
            ASSERT_TRUE(is_rod(a)) << t.adjuster;
            car.toe[index_of(*a.wheel)] += (ahead != (wrong_turns > 0) ? -1 : 1) * t.turns *
                                           std::asin(1.5 / 130.0) / practice::SolidCar::rad;
        }
        --wrong_turns;
    }
    void toTheRoad() {
        bareCar();
        if (inches) key(Qt::Key_F7);
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
        const auto aim = [&] {
            QTest::mouseClick(button("Say what to aim at"), Qt::LeftButton);
            for (int n = 0; n < 30 && !window->slate().guide()->subtitle().startsWith(item); ++n)
                key(Qt::Key_8, Qt::AltModifier);
            ASSERT_TRUE(window->slate().guide()->subtitle().startsWith(item));
            enter(rig.use == RigUse::camber   ? "-1 +-0.3"
                  : rig.use == RigUse::caster ? "4 +-0.3"
                                              : "0°05' in ±0°08'");
            key(Qt::Key_9, Qt::AltModifier);
        };
        // By nothing but what is asked for and the button that stands out.
        const auto there = [&] { return window->page().id == PageId::record; };
        QStringList way;
        for (int n = 0; n < 60 && !there(); ++n) {
            desk->settle();
            if (truth.rigs != desk->lines().rigs) truth = car.lines(desk->lines().rigs);
            if (window->stage() == Stage::read && window->reading().spot()) {
                readWhatIsAsked();
                continue;
            }
            if (window->page().id == PageId::card ||
                (window->stage() == Stage::lines && window->slate().guide()->typing() &&
                 !sizes_missing(desk->lines()).empty())) {
                tellWhatIsAsked();
                continue;
            }
            // What somebody sees under the car.
            if (QPushButton* seen = button(ahead ? "Looked: it runs ahead" : "Looked: it runs behind")) {
                QTest::mouseClick(seen, Qt::LeftButton);
                continue;
            }
            if (window->stage() == Stage::drive && window->slate().guide()->typing() &&
                !desk->answer().drive) {
                EXPECT_FALSE(turned_unlocked(desk->job()));
                for (const EveningStep& step : desk->answer().evening.steps)
                    EXPECT_EQ(step.stage, Stage::drive) << "nothing else is left";
                enter("0");
                continue;
            }
            QPushButton* next = button({});
            way << window->sayLine() + (next ? " [" + next->accessibleName() + "]" : QString());
            if (next && next->accessibleName().startsWith("Say what to aim at")) {
                aim();
                continue;
            }
            if (next && next->accessibleName().startsWith("Leave it")) {
                QTest::mouseClick(next, Qt::LeftButton);
                sure("nobody knows why");
                continue;
            }
            if (next && next->accessibleName().startsWith("Measure the thread")) {
                QTest::mouseClick(next, Qt::LeftButton);
                enter("31 mm");
                continue;
            }
            if (next && next->accessibleName().startsWith("Set ")) {
                // It is asked for with a reason, and never by Enter alone.
                QTest::mouseClick(next, Qt::LeftButton);
                sure("misread");
                continue;
            }
            ASSERT_TRUE(next) << "nothing stands out: " << way.join("\n").toStdString();
            if (next->accessibleName().startsWith("Turned as written")) turnAsWritten();
            QTest::mouseClick(next, Qt::LeftButton);
        }
        EXPECT_TRUE(there()) << "in circles: " << way.join("\n").toStdString();
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
