// SPDX-License-Identifier: GPL-3.0-or-later
// The first minute of one who has never seen it: few actions, one focus, nothing chosen for anybody, and text
// that can be read.
#include <cmath>

#include <QPushButton>
#include <QSet>

#include "desk_fixture.h"
#include "look/chalk.h"
#include "shelf/car_page.h"
#include "shelf/first_car.h"

namespace fairchalk::desk {
namespace {

/// Relative luminance and contrast (W3C, Web Content Accessibility Guidelines 2.1, 1.4.3).
double luminance(const QColor& c) {
    const auto part = [](double v) { return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
    return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
}
double contrast(const QColor& a, const QColor& b) {
    const double la = luminance(a), lb = luminance(b);
    return (std::max(la, lb) + 0.05) / (std::min(la, lb) + 0.05);
}

struct FirstMinute : DeskTest {
    int actions = 0;  ///< a key, a click, or a figure typed with its Enter

    void press(Qt::Key k, Qt::KeyboardModifiers m = Qt::NoModifier) {
        key(k, m);
        ++actions;
    }
    void line(const QString& text) {
        enter(text);
        ++actions;
    }
    FirstCarPage* page() { return window->findChild<FirstCarPage*>(); }
};

TEST_F(FirstMinute, FromAnEmptyBookToTheFirstReadingByBoards) {
    open();
    press(Qt::Key_N, Qt::ControlModifier);
    line("Old van");
    EXPECT_EQ(page()->way(), "") << "nothing is chosen that nobody has";
    press(Qt::Key_Down);
    for (int i = 0; i < 3; ++i) press(Qt::Key_Right);
    press(Qt::Key_Return);
    EXPECT_EQ(page()->way(), "toe-boards");
    for (const QLineEdit* f : page()->findChildren<QLineEdit*>())
        EXPECT_EQ(f->isVisible(), f->objectName() == "first-name") << "boards need nothing of the car";
    press(Qt::Key_Return);  // begin
    ASSERT_TRUE(desk->hasJob());
    EXPECT_EQ(desk->lines().rigs, std::vector<std::string>{"toe-boards"});
    EXPECT_FALSE(desk->car().wheelbase);
    press(Qt::Key_5, Qt::ControlModifier);
    line("600");
    press(Qt::Key_Return);  // go on
    ASSERT_EQ(window->stage(), Stage::read);
    line("1502");
    desk->settle();
    EXPECT_EQ(readings(), 1u) << slateText().toStdString();
    EXPECT_LE(actions, 25);
    RecordProperty("actions", actions);
}

TEST_F(FirstMinute, AllThatReadingsWaitForIsAskedInOneVisitToTheCard) {
    open();
    press(Qt::Key_N, Qt::ControlModifier);
    line("Grey van");
    press(Qt::Key_Return, Qt::ControlModifier);
    LinesSet lines = desk->lines();
    lines.rigs = {"laser-lines"};
    desk->setLines(lines);
    window->setStage(Stage::read);
    for (int n = 0; n < 14; ++n) {
        desk->settle();
        if (window->reading().spot()) line(window->reading().spot()->axle ? "1480" : "110");
    }
    desk->settle();
    EXPECT_TRUE(window->sayLine().contains("wheelbase")) << window->sayLine().toStdString();
    press(Qt::Key_Return);
    EXPECT_EQ(window->slate().guide()->subtitle(), "wheelbase, hub to hub");
    line("2600");
    EXPECT_TRUE(window->slate().guide()->subtitle().startsWith("rim span"))
        << "at once, without going to and fro";
    const QString first = window->slate().guide()->title();
    line("400");
    EXPECT_TRUE(window->slate().guide()->subtitle().startsWith("rim span"));
    EXPECT_NE(window->slate().guide()->title(), first) << "of the other axle";
    line("410");
    EXPECT_EQ(window->stage(), Stage::read);
    EXPECT_TRUE(window->page().none());
    desk->settle();
    EXPECT_TRUE(desk->answer().now.wheels[0].toe.known);
}

TEST_F(FirstMinute, WhatBoardsAreReadForWaitsForTheirSizeAndSaysSo) {
    open();
    press(Qt::Key_N, Qt::ControlModifier);
    line("Grey estate");
    press(Qt::Key_Down);
    for (int i = 0; i < 3; ++i) press(Qt::Key_Right);
    press(Qt::Key_Return);
    press(Qt::Key_Return);  // begin
    press(Qt::Key_6, Qt::ControlModifier);
    desk->settle();
    EXPECT_TRUE(slateText().contains("Total toe of that axle", Qt::CaseInsensitive))
        << slateText().toStdString();
    EXPECT_FALSE(slateText().contains("string")) << "there is none";
    for (const char* tape : {"1484", "1479", "1462", "1460"}) line(tape);
    desk->settle();
    EXPECT_TRUE(window->sayLine().contains("slot to slot")) << window->sayLine().toStdString();
    EXPECT_TRUE(slateText().contains("slot to slot"));
    press(Qt::Key_Return);
    EXPECT_EQ(window->stage(), Stage::lines) << "that is what it waits for";
    line("600");
    desk->settle();
    const AxleAngles& front = desk->answer().now.axles[0];
    ASSERT_TRUE(front.total_toe.known) << "what was read before counts";
    EXPECT_NEAR(front.total_toe.value.deg(), std::asin(5.0 / 600.0) * 180 / 3.14159265, 0.01);
    press(Qt::Key_6, Qt::ControlModifier);
    EXPECT_TRUE(slateText().contains("front total")) << slateText().toStdString();
    EXPECT_FALSE(slateText().contains("wheelbase")) << "boards need none";
    // On to the locked nut: what comes next is the button that stands out.
    const auto stands_out = [&] {
        for (const QPushButton* b : window->slate().findChildren<QPushButton*>())
            if (b->isVisibleTo(&window->slate()) && b->objectName() == "main") return b->accessibleName();
        return QString();
    };
    press(Qt::Key_Return);
    press(Qt::Key_7, Qt::AltModifier);
    line("0°05' in ±0°08'");
    press(Qt::Key_9, Qt::AltModifier);
    desk->settle();
    press(Qt::Key_1, Qt::AltModifier);  // it runs behind the axle
    desk->settle();
    ASSERT_EQ(desk->answer().plan.next, NextStep::turn);
    press(Qt::Key_F2);
    desk->settle();
    EXPECT_EQ(stands_out(), "Go on: Read");
    press(Qt::Key_Return);
    for (const char* tape : {"1483", "1480"}) line(tape);
    desk->settle();
    EXPECT_FALSE(slateText().contains("checks +")) << "what has no number here has its name";
    press(Qt::Key_Return);
    press(Qt::Key_F4);
    line("the customer waits");
    press(Qt::Key_Return, Qt::ControlModifier);
    desk->settle();
    EXPECT_EQ(stands_out(), "Lock what was turned");
    press(Qt::Key_5, Qt::AltModifier);
    press(Qt::Key_F2);
    desk->settle();
    EXPECT_TRUE(slateText().contains("Nothing is loose")) << slateText().toStdString();
}

TEST_F(FirstMinute, AnExampleOnTheCardIsARoundFigureInInchesToo) {
    demo();
    open();
    desk->settle();
    window->showPage({PageId::card});
    window->drawn()->point("body");
    const auto* line = window->slate().findChild<QLineEdit*>();
    EXPECT_EQ(line->placeholderText(), "2565 mm");
    key(Qt::Key_F7);
    EXPECT_EQ(line->placeholderText(), "101 in");
}

TEST_F(FirstMinute, TabGoesFromTheWaysToWhatIsTyped) {
    open();
    key(Qt::Key_N, Qt::ControlModifier);
    enter("Old van");
    key(Qt::Key_Right);
    key(Qt::Key_Space);
    EXPECT_EQ(page()->way(), "string-stands");
    key(Qt::Key_Tab);
    const auto* field = qobject_cast<const QLineEdit*>(window->focusWidget());
    ASSERT_TRUE(field) << "and not through a dozen drawings";
    enter("9 ft");
    EXPECT_EQ(page()->way(), "string-stands");
    EXPECT_EQ(field->text(), "9 ft");
    // Back to the one that is chosen.
    window->focusWidget()->setFocus();
    for (int i = 0; i < 2; ++i) QTest::keyClick(window->focusWidget(), Qt::Key_Backtab);
    ASSERT_TRUE(qobject_cast<const WayMark*>(window->focusWidget()));
    EXPECT_TRUE(qobject_cast<const WayMark*>(window->focusWidget())->isChecked());
}

TEST_F(FirstMinute, ASizeThatIsHardlyMeantIsAskedAboutWhereItIsTyped) {
    open();
    key(Qt::Key_N, Qt::ControlModifier);
    enter("Old van");
    key(Qt::Key_Space);
    EXPECT_EQ(page()->way(), "string-bars");
    key(Qt::Key_Tab);
    const QWidget* field = window->focusWidget();
    const auto says = [&](const QString& what) {
        for (const QLabel* l : page()->findChildren<QLabel*>())
            if (l->text().contains(what)) return true;
        return false;
    };
    enter("101");
    EXPECT_EQ(window->focusWidget(), field) << "inches typed as millimetres";
    EXPECT_TRUE(says("101 in"));
    // Typed over as a whole.
    enter("101 in");
    EXPECT_NE(window->focusWidget(), field);
    EXPECT_FALSE(says("101 in"));
    // Who means it keeps it.
    const QWidget* rim = window->focusWidget();
    enter("5 in");
    const bool asked = window->focusWidget() == rim;
    if (asked) key(Qt::Key_Return);
    EXPECT_NE(window->focusWidget(), rim);
    // And what is no length at all stays where it is.
    const QWidget* last = window->focusWidget();
    enter("wide");
    EXPECT_EQ(window->focusWidget(), last);
    EXPECT_TRUE(says("wide"));
}

TEST_F(FirstMinute, FromAnEmptyBookToTheFirstReadingByStrings) {
    open();
    press(Qt::Key_N, Qt::ControlModifier);
    line("Old van");
    press(Qt::Key_Return);  // strings on two bars, the first
    EXPECT_EQ(page()->way(), "string-bars");
    line("101 in");
    line("16 3/8 in");
    line("16 3/8 in");
    press(Qt::Key_Return);  // begin
    ASSERT_TRUE(desk->hasJob());
    EXPECT_NEAR(desk->car().wheelbase->in(), 101.0, 1e-9);
    EXPECT_NEAR(desk->car().axle(Axle::rear).rim_span->in(), 16.375, 1e-9);
    press(Qt::Key_5, Qt::ControlModifier);
    line("21 in");
    line("24 in");
    press(Qt::Key_Return);
    ASSERT_EQ(window->stage(), Stage::read);
    line("4 1/16");
    desk->settle();
    EXPECT_EQ(readings(), 1u) << slateText().toStdString();
    EXPECT_LE(actions, 40);
    RecordProperty("actions", actions);
}

TEST_F(FirstMinute, WhatIsWrongOnItIsSaidAndNothingIsLost) {
    open();
    key(Qt::Key_N, Qt::ControlModifier);
    key(Qt::Key_Return, Qt::ControlModifier);
    EXPECT_FALSE(desk->hasJob()) << "a car without a name is not found again";
    type("Old van");
    key(Qt::Key_Return);
    key(Qt::Key_Return);
    enter("2 furlongs");
    key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_FALSE(desk->hasJob());
    const auto said = [&] {
        QString all;
        for (const QLabel* l : page()->findChildren<QLabel*>()) all += l->text();
        return all;
    };
    EXPECT_TRUE(said().contains("furlongs")) << said().toStdString();
    EXPECT_EQ(page()->findChild<QLineEdit*>("first-name")->text(), "Old van");
    // Much too short for a car is questioned once, and then meant.
    page()->findChild<QLineEdit*>("first-wheelbase")->setText("800 mm");
    key(Qt::Key_Return, Qt::ControlModifier);
    EXPECT_FALSE(desk->hasJob());
    key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_TRUE(desk->hasJob());
    EXPECT_NEAR(desk->car().wheelbase->mm(), 800, 1e-9);
}

TEST_F(FirstMinute, AllOfItsCardBeginsWithWhatWasTypedAlready) {
    open();
    key(Qt::Key_N, Qt::ControlModifier);
    enter("Old van");
    key(Qt::Key_Return);
    EXPECT_EQ(page()->way(), "string-bars");
    enter("2.5 m");
    key(Qt::Key_I, Qt::ControlModifier);
    auto* card = window->findChild<CarPage*>();
    ASSERT_TRUE(card && card->isVisible());
    EXPECT_EQ(card->findChild<QLineEdit*>("name")->text(), "Old van");
    EXPECT_EQ(card->findChild<QLineEdit*>("wheelbase")->text(), "2.5 m");
    // Who gives that up, or looks elsewhere, finds it as it was.
    key(Qt::Key_Escape);
    key(Qt::Key_N, Qt::ControlModifier);
    EXPECT_EQ(page()->findChild<QLineEdit*>("first-name")->text(), "Old van");
    EXPECT_EQ(page()->way(), "string-bars");
    key(Qt::Key_I, Qt::ControlModifier);
    key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_TRUE(desk->hasJob()) << "a rim span left empty is asked where it is first needed";
    EXPECT_EQ(desk->lines().rigs, std::vector<std::string>{"string-bars"});
    EXPECT_NEAR(desk->car().wheelbase->mm(), 2500, 1e-9);
    // The next car begins anew.
    key(Qt::Key_N, Qt::ControlModifier);
    EXPECT_EQ(page()->findChild<QLineEdit*>("first-name")->text(), "");
    EXPECT_EQ(page()->way(), "");
}

TEST_F(FirstMinute, ACarWithoutSizesHasItsSecondJobToo) {
    open();
    key(Qt::Key_N, Qt::ControlModifier);
    enter("Old van");
    key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_TRUE(desk->hasJob());
    const std::string first = desk->jobId();
    window->showCarPage(QString::fromStdString(desk->book().car_of(first)));
    key(Qt::Key_Return, Qt::ControlModifier);
    desk->settle();
    EXPECT_NE(desk->jobId(), first) << "nothing of the car has to be told to begin";
}

TEST_F(FirstMinute, TheCardBeginsWithWhatTheReadingsWaitFor) {
    open();
    key(Qt::Key_N, Qt::ControlModifier);
    enter("Old van");
    key(Qt::Key_Return);
    for (const char* length : {"2565 mm", "416 mm", ""}) enter(length);
    key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_TRUE(desk->hasJob());
    window->setStage(Stage::read);
    // Of the bar, too, it is not told how far ahead it lies: that is asked for on Lines.
    for (const char* v : {"109", "103", "110", "119", "113", "119.5", "1682"}) enter(v);
    desk->settle();
    EXPECT_TRUE(slateText().contains("Lines (Ctrl+5)")) << slateText().toStdString();
    key(Qt::Key_I, Qt::ControlModifier);
    ASSERT_EQ(window->page().id, PageId::card);
    EXPECT_TRUE(slateText().contains("rim span")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("readings wait for it")) << slateText().toStdString();
    enter("410");
    desk->settle();
    EXPECT_EQ(desk->car().axle(Axle::rear).rim_span, Length::from_mm(410)) << slateText().toStdString();
    EXPECT_EQ(window->stage(), Stage::read);
    EXPECT_TRUE(window->page().none());
    key(Qt::Key_I, Qt::ControlModifier);
    EXPECT_EQ(window->page().id, PageId::card) << "and then as ever";
    key(Qt::Key_I, Qt::ControlModifier);
    EXPECT_TRUE(window->page().none());
}

TEST_F(FirstMinute, WhatToAimAtIsAskedWhereItIsFirstNeededAndInTheHandsOwnUnits) {
    open();
    key(Qt::Key_F7);  // inches
    key(Qt::Key_N, Qt::ControlModifier);
    enter("Old van");
    key(Qt::Key_Return);
    for (const char* length : {"101", "16 3/8", "416 mm"}) enter(length);
    key(Qt::Key_Return);
    ASSERT_TRUE(desk->hasJob());
    EXPECT_NEAR(desk->car().wheelbase->in(), 101.0, 1e-9) << "a bare number is inches";
    window->setStage(Stage::turn);
    desk->settle();
    ASSERT_TRUE(named("Say what to aim at"));
    QTest::mouseClick(const_cast<QAbstractButton*>(named("Say what to aim at")), Qt::LeftButton);
    ASSERT_EQ(window->page().id, PageId::card);
    EXPECT_TRUE(slateText().contains("front axle, toe")) << slateText().toStdString();
    enter("10' in +-8'");
    desk->settle();
    ASSERT_FALSE(desk->job().targets.empty()) << slateText().toStdString();
    EXPECT_EQ(desk->job().targets.front().measure, Measure::total_toe);
    EXPECT_NEAR(desk->job().targets.front().hi.deg(), 0.3, 1e-9);
    key(Qt::Key_Escape);
    EXPECT_TRUE(window->page().none());
    EXPECT_FALSE(named("Say what to aim at") && named("Say what to aim at")->isVisible());
    // The card's lengths, and its examples, in inches; a pitch as it is written.
    key(Qt::Key_I, Qt::ControlModifier);
    EXPECT_TRUE(slateText().contains("101 in")) << slateText().toStdString();
    EXPECT_TRUE(window->slate().findChild<QLineEdit*>()->placeholderText().endsWith(" in"));
}

TEST_F(FirstMinute, EachWayNeedsWhatItsReadingsNeed) {
    const auto keys = [](const char* rig) {
        QStringList out;
        for (const CardPlace& p : places_for(*rig_named(rig))) out << p.key;
        out.sort();
        return out.join(' ');
    };
    EXPECT_EQ(keys("toe-boards"), "");
    EXPECT_EQ(keys("stud-bars"), "");
    EXPECT_EQ(keys("string-bars"), "front_span rear_span wheelbase");
    EXPECT_EQ(keys("tread-tape"), "");
}

TEST_F(FirstMinute, AllTextStandsOutFromWhatItIsOn) {
    open();
    for (const bool dark : {true, false}) {
        window->setDark(dark);
        const Chalk& c = Chalk::now();
        for (const QColor& ground : {c.floor, c.panel, c.well})
            for (const QColor& ink : {c.chalk, c.soft, c.faint, c.string, c.target, c.caution})
                EXPECT_GE(contrast(ink, ground), 4.5)
                    << ink.name().toStdString() << " on " << ground.name().toStdString();
        EXPECT_GE(contrast(c.on_string, c.string), 4.5);
        key(Qt::Key_N, Qt::ControlModifier);
        key(Qt::Key_Return);
        for (const QLineEdit* f : page()->findChildren<QLineEdit*>()) {
            if (!f->isVisible()) continue;
            EXPECT_GE(contrast(f->palette().color(QPalette::PlaceholderText), c.well), 4.5);
        }
    }
}

}  // namespace
}  // namespace fairchalk::desk
