// SPDX-License-Identifier: GPL-3.0-or-later
// With the least that a user may have told, by each way of measuring: what is missing is named, and asked for
// by the button that stands out, until what was read tells what it was read for.
#include <random>

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
    void readWhatIsAsked() {
        for (int guard = 0; window->reading().spot() && guard < 60; ++guard) {
            const Spot s = *window->reading().spot();
            const bool angle = reading_kind(s.kind).quantity() == QuantityKind::angle;
            const std::size_t before = readings();
            enter(QString::number(car.exact(s, truth), 'f', angle ? 2 : 1) + (angle ? " deg" : " mm"));
            desk->settle();
            ASSERT_EQ(readings(), before + 1) << s.name() << slateText().toStdString();
        }
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
    readWhatIsAsked();
    const auto waiting = [&] { return window->sayLine().startsWith("What is read waits"); };
    for (int told = 0; waiting() && told < 6; ++told) {
        EXPECT_TRUE(slateText().contains("What is read waits"));
        key(Qt::Key_Return);
        desk->settle();
        if (window->stage() == Stage::lines) {
            // What is asked for there.
            const auto missing = sizes_missing(desk->lines());
            ASSERT_FALSE(missing.empty());
            const auto tell = [this](Length size) { enter(QString::number(size.mm()) + " mm"); };
            if (missing.front() == "front_bar") tell(*truth.bars.front_ahead);
            if (missing.front() == "rear_bar") tell(*truth.bars.rear_behind);
            for (const SizeField& size : rig.sizes)
                if (size.name == missing.front()) tell(*(truth.sizes.*size.field));
        } else {
            const QString asked = window->slate().guide()->subtitle();
            ASSERT_TRUE(asked.contains("wheelbase") || asked.contains("rim span")) << asked.toStdString();
            enter(asked.contains("wheelbase") ? QString::number(car.wheelbase, 'f', 1) + " mm"
                                              : QString::number(car.span, 'f', 1) + " mm");
            EXPECT_TRUE(window->page().none()) << "what was asked for is told: back to what waited";
            EXPECT_EQ(window->stage(), Stage::read);
        }
        desk->settle();
        window->setStage(Stage::read);
        readWhatIsAsked();
    }
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
INSTANTIATE_TEST_SUITE_P(Rigs, DeadEnds, ::testing::Range(0, static_cast<int>(all_rigs().size())),
                         [](const auto& p) {
                             std::string name(all_rigs()[static_cast<std::size_t>(p.param)]->id);
                             std::erase(name, '-');
                             return name;
                         });

}  // namespace
}  // namespace fairchalk::desk
