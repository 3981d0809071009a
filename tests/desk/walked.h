// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>
#include <utility>

#include <QPushButton>

#include "core/job/knowledge.h"
#include "core/job/rig.h"
#include "core/network/priors.h"
#include "desk_fixture.h"
#include "practice/solid_car.h"
#include "words/words.h"

namespace fairchalk::desk {

/// A job in the window by nothing but what is asked for and the button that stands out, on a car whose truth
/// is known.
struct Walked : DeskTest {
    int typed = 0, slip_at = -1;
    bool inches = false, looks_which_way = true;
    bool other_side = false;  ///< the first drive is said to the side where the wheel did not sit
    int told_of_wheels = 0;   ///< what was asked of the wheels, and told
    LinesSet truth;           ///< with all sizes

    virtual const practice::SolidCar& solid() const = 0;
    /// Turned on the car as the program asks.
    virtual void turnAsWritten() = 0;
    /// What somebody sees under the car of an adjuster.
    virtual std::string seen(const Look& look) const = 0;
    virtual void aim() = 0;

    /// On a straight road, by a steering ratio of 16.
    QString howTheWheelSits() {
        const auto& toe = solid().toe;
        double off = std::round(16.0 * ((toe[1] - toe[0]) / 2 - (toe[3] - toe[2]) / 2));
        if (std::exchange(other_side, false)) off = -off;
        return off == 0.0 ? QString("0") : QString::number(std::abs(off)) + (off > 0 ? " right" : " left");
    }
    void bareCar(std::vector<std::string> rigs) {
        open();
        key(Qt::Key_N, Qt::ControlModifier);
        enter("Bare car");
        key(Qt::Key_Return, Qt::ControlModifier);
        LinesSet l = desk->lines();
        l.rigs = std::move(rigs);
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
            const bool in = reading_kind(s.kind).asks_for_top() && solid().leans(s, truth) < 0;
            if (QPushButton* other = button(in ? "Top leans out" : "Top leans in"); other && looks_which_way)
                QTest::mouseClick(other, Qt::LeftButton);
            const double off = typed++ != slip_at ? 0.0 : angle ? 1.5 : 10.0;
            const double there = solid().exact(s, truth) + off;
            enter(angle    ? QString::number(there, 'f', 2) + " deg"
                  : inches ? inSixtyFourths(there)
                           : QString::number(there, 'f', 1) + " mm");
            desk->settle();
            // What a turn the wrong way did is far from what is expected: read twice, and meant.
            if (readings() == before && slateText().contains("from what is expected there"))
                key(Qt::Key_Return);
            desk->settle();
            ASSERT_EQ(readings(), before + 1) << s.name() << slateText().toStdString();
        }
    }
    bool waiting() const { return window->sayLine().startsWith("What is read waits"); }
    /// What the page that asks for it wants to be told.
    void tellWhatIsAsked() {
        const auto tell = [this](Length size) { enter(QString::number(size.mm()) + " mm"); };
        if (window->page().none()) {
            const auto missing = sizes_missing(desk->lines());
            ASSERT_FALSE(missing.empty());
            if (missing.front() == "front_bar") tell(*truth.bars.front_ahead);
            if (missing.front() == "rear_bar") tell(*truth.bars.rear_behind);
            for (const SizeField& size : size_fields())
                if (size.name == missing.front()) tell(*(truth.sizes.*size.field));
            return;
        }
        const Stage waited = window->stage();
        // One after the other, as they are asked for.
        for (int n = 0; n < 3 && !window->page().none(); ++n) {
            const QString asked = window->slate().guide()->subtitle();
            ASSERT_TRUE(asked.contains("wheelbase") || asked.contains("rim span")) << asked.toStdString();
            tell(Length::from_mm(asked.contains("wheelbase") ? solid().wheelbase : solid().span));
        }
        EXPECT_TRUE(window->page().none()) << "what was asked for is told: back to what waited";
        EXPECT_EQ(window->stage(), waited);
    }
    QPushButton* button(const QString& what) {
        for (QPushButton* b : window->slate().findChildren<QPushButton*>())
            if (b->isVisibleTo(&window->slate()) &&
                (what.isEmpty() ? b->objectName() == "main" : b->accessibleName().startsWith(what)))
                return b;
        return nullptr;
    }
    /// The button that says what is seen there.
    QPushButton* whatIsSeen() {
        const auto& look = desk->answer().plan.look;
        if (window->stage() != Stage::turn || !look) return nullptr;
        const std::string there = seen(*look);
        for (const Act& a : window->slate().guide()->offered())
            if (a.id == QString::fromStdString(there)) return button(a.text);
        return nullptr;
    }
    /// What is asked of the wheels where it ends short: looked at and good, and all alike.
    bool tellOfTheWheels() {
        if (window->stage() != Stage::turn || !window->page().none()) return false;
        if (QPushButton* rims = button("Look at the rims")) {
            QTest::mouseClick(rims, Qt::LeftButton);
            EXPECT_EQ(window->stage(), Stage::check_over);
            EXPECT_EQ(window->slate().guide()->title(), "Run-out of the rims");
            key(Qt::Key_F2);
            EXPECT_EQ(state_of(desk->job(), rims_check).state, CheckState::good);
            window->setStage(Stage::turn);
            ++told_of_wheels;
            return true;
        }
        if (QPushButton* alike = button("Say whether the wheels are alike")) {
            QTest::mouseClick(alike, Qt::LeftButton);
            EXPECT_EQ(window->page().id, PageId::card);
            EXPECT_EQ(window->slate().guide()->subtitle(), "its four wheels are");
            key(Qt::Key_F2);
            EXPECT_EQ(desk->car().same_wheels, fairchalk::Told::yes);
            key(Qt::Key_9, Qt::AltModifier);
            ++told_of_wheels;
            return true;
        }
        return false;
    }
    void toTheRecord() {
        const auto there = [&] { return window->page().id == PageId::record; };
        QStringList way;
        for (int n = 0; n < 120 && !there(); ++n) {
            desk->settle();
            if (truth.rigs != desk->lines().rigs) truth = solid().lines(desk->lines().rigs);
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
            if (QPushButton* eyes = whatIsSeen()) {
                QTest::mouseClick(eyes, Qt::LeftButton);
                continue;
            }
            if (window->stage() == Stage::drive && window->slate().guide()->typing() &&
                !desk->answer().drive) {
                EXPECT_FALSE(turned_unlocked(desk->job()));
                for (const EveningStep& step : desk->answer().evening.steps)
                    EXPECT_EQ(step.stage, Stage::drive) << "nothing else is left";
                enter(howTheWheelSits());
                continue;
            }
            if (tellOfTheWheels()) continue;
            QPushButton* next = button({});
            way << window->sayLine() + (next ? " [" + next->accessibleName() + "]" : QString());
            if (next && next->accessibleName().startsWith("Say what to aim at")) {
                aim();
                continue;
            }
            if (next && next->accessibleName().startsWith("Set the drive aside")) {
                QTest::mouseClick(next, Qt::LeftButton);
                sure("the road fell off");
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
    }
};

}  // namespace fairchalk::desk
