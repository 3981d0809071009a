// SPDX-License-Identifier: GPL-3.0-or-later
// With the least that a user may have told, by each way of measuring: what is missing is named, and asked for
// by the button that stands out, until what was read tells what it was read for.
#include <random>
#include <fstream>
#include "book/job_file.h"

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
    bool waiting() const { return window->sayLine().startsWith("What is read waits"); }
    /// What the page that asks for it wants to be told.
    void tellWhatIsAsked() {
        const auto tell = [this](Length size) { enter(QString::number(size.mm()) + " mm"); };
        if (window->stage() == Stage::lines) {
            const auto missing = sizes_missing(desk->lines());
            ASSERT_FALSE(missing.empty());
            if (missing.front() == "front_bar") tell(*truth.bars.front_ahead);
            if (missing.front() == "rear_bar") tell(*truth.bars.rear_behind);
            for (const SizeField& size : rig.sizes)
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
            car.toe[index_of(*a.wheel)] += t.turns * std::asin(1.5 / 130.0) / practice::SolidCar::rad;
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
TEST_P(DeadEnds, WhatIsAimedAtLeadsToTheRoad) {
    bareCar();
    readUntilItTells();
    key(Qt::Key_Return);
    desk->settle();
    QTest::mouseClick(button("Say what to aim at"), Qt::LeftButton);
    const QString item = rig.use == RigUse::camber ? "front axle, camber" : rig.use == RigUse::caster ? "front axle, caster" : tells(rig, Target{}) ? "" : rig.id == "string-left" ? "left front toe" : rig.id == "string-right" ? "right front toe" : "front axle, toe";
    for (int n = 0; n < 30 && !window->slate().guide()->subtitle().startsWith(item); ++n) key(Qt::Key_8, Qt::AltModifier);
    enter(rig.use == RigUse::camber ? "-1 +-0.3" : rig.use == RigUse::caster ? "4 +-0.3" : "0°05' in ±0°08'");
    key(Qt::Key_9, Qt::AltModifier);
    QStringList trace;
    for (int n = 0; n < 60; ++n) {
        desk->settle();
        if (window->stage() == Stage::drive || window->page().id == PageId::lock) break;
        if (window->stage() == Stage::read && window->reading().spot()) { readWhatIsAsked(); continue; }
        if (QPushButton* seen = button("Looked: it runs behind")) { trace << "looked"; QTest::mouseClick(seen, Qt::LeftButton); continue; }
        QPushButton* main = button({});
        trace << QString::fromStdString(std::string(name_of(window->stage()))) + ": " + window->sayLine() + " [" + (main ? main->accessibleName() : "-") + "]";
        { const auto& tt = desk->answer().now.axles[0].total_toe; std::string more; for (const auto& c : desk->answer().plan.cannot) more += " cannot " + words::sentence(c.why, desk->car()); trace << QString("    total %1 +- %2 next %3 truly %4%5 look %6").arg(tt.value.deg()*60).arg(tt.plus_minus().deg()*60).arg((int)desk->answer().plan.next).arg(desk->answer().plan.truly_inside).arg(QString::fromStdString(more)).arg(!!desk->answer().plan.look); }
        if (rig.id == "camber-gauge" || rig.id == "toe-gauge") { std::string r; for (const Spot& x : desk->answer().read) r += x.name() + "; "; trace << "read: " + QString::fromStdString(r) + QString::number(desk->answer().can_wait.size()); if (desk->answer().plan.again) trace << QString::fromStdString("again " + words::sentence(desk->answer().plan.again->why)); for (const Verdict& v : desk->answer().verdicts) trace << QString::fromStdString(v.target.name()) + " " + QString::number((int)v.call); for (const Spot& x : desk->answer().plan.remeasure) trace << QString::fromStdString("re " + x.name()); }
        if (rig.id == "arm-jig") { const Plan& p = desk->answer().plan; for (const auto& x : p.turns) trace << QString("   %1 %2").arg(QString::fromStdString(x.adjuster)).arg(x.turns); trace << QString("  p %1").arg(p.probability_inside); for (const auto& v : p.before) trace << QString::fromStdString(v.target.name()) + QString(" before %1 %2").arg(v.angle.value.deg()*60).arg(v.angle.sigma.deg()*60); for (const auto& v : p.after) trace << QString::fromStdString(v.target.name()) + QString(" after %1 %2").arg(v.angle.value.deg()*60).arg(v.angle.sigma.deg()*60); trace << QString("  thrust %1 %2").arg(desk->answer().now.thrust.value.deg()*60).arg(desk->answer().now.thrust.sigma.deg()*60); for (int w = 0; w < 4; ++w) trace << QString(" toe %1 %2").arg(desk->answer().now.wheels[w].toe.value.deg()*60).arg(desk->answer().now.wheels[w].toe.sigma.deg()*60); std::ofstream("/tmp/jig.json") << book::full_form(desk->book().job(desk->jobId())).dump(); }
        if (!main) break;
        if (main->accessibleName().startsWith("Turned as written")) turnAsWritten();
        QTest::mouseClick(main, Qt::LeftButton);
    }
    std::printf("== %s\n%s\n-> %s %d\n", std::string(rig.id).c_str(), qPrintable(trace.join("\n")), std::string(name_of(window->stage())).c_str(), (int)window->page().id);
}
INSTANTIATE_TEST_SUITE_P(Rigs, DeadEnds, ::testing::Range(0, static_cast<int>(all_rigs().size())),
                         [](const auto& p) {
                             std::string name(all_rigs()[static_cast<std::size_t>(p.param)]->id);
                             std::erase(name, '-');
                             return name;
                         });

}  // namespace
}  // namespace fairchalk::desk
