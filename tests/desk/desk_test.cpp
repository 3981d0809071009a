// SPDX-License-Identifier: GPL-3.0-or-later
// The whole job, typed with key events through the real window.
#include <unistd.h>

#include <cstdlib>
#include <filesystem>

#include <cmath>

#include <gtest/gtest.h>
#include <QApplication>
#include <QDir>
#include <QLabel>
#include <QLineF>
#include <QPainter>
#include <QRegularExpression>
#include <QScrollArea>
#include <QScrollBar>
#include <QSettings>
#include <QSignalSpy>
#include <QTest>

#include "book/places.h"
#include "desk_fixture.h"
#include "look/chalk.h"
#include "look/language.h"

namespace fairchalk::desk {
namespace {

TEST_F(DeskTest, TheDemoOpensOnTheTarnbyPartWayThroughItsFirstRound) {
    demo();
    open();
    desk->settle();
    EXPECT_EQ(desk->job().car.name, "Tarnby estate");
    EXPECT_EQ(window->stage(), Stage::read);
    ASSERT_TRUE(window->reading().spot());
    EXPECT_EQ(*window->reading().spot(), wheel_spot(ReadingId::rim_rear, Wheel::front_left));
    EXPECT_TRUE(slateText().contains("left rear")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("to its string"));
    EXPECT_EQ(desk->book().cars().size(), 3u);
}

TEST_F(DeskTest, ACarOfWhichLittleIsKnownIsTakenAndAskedAboutWhereItMatters) {
    open();
    key(Qt::Key_N, Qt::ControlModifier);
    key(Qt::Key_I, Qt::ControlModifier);  // all of its card
    enter("Rosedale van");
    for (const auto& [field, text] : {std::pair("wheelbase", "8 ft 2 in"),
                                      {"front_span", "16 3/8 in"},
                                      {"rear_span", "16 3/8"},
                                      {"front_aim", "1/16 in"},
                                      {"front_minus", "1/16"},
                                      {"front_plus", "1/16"},
                                      {"front_over", "16 3/8 in"}})
        window->carPage().findChild<QLineEdit*>(QLatin1String(field))->setText(QString::fromUtf8(text));
    key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_TRUE(desk->hasJob()) << "neither the rods' side nor their pitch is demanded";
    ASSERT_TRUE(desk->car().rod("rod-fl"));
    EXPECT_EQ(desk->car().rod("rod-fl")->rod, RodSide::unknown);
    EXPECT_FALSE(desk->car().rod("rod-fl")->pitch);
    // Toe boards alone, well out: no turn, but a look or a test turn.
    LinesSet lines = desk->lines();
    lines.rigs = {"toe-boards"};
    desk->setLines(lines);
    window->setStage(Stage::read);
    for (int n = 0; n < 4; ++n) {
        if (!window->reading().spot()) break;
        enter(window->reading().spot()->kind == ReadingId::boards_front ? "1500" : "1520");
        desk->settle();
    }
    EXPECT_TRUE(desk->answer().plan.next == NextStep::look ||
                desk->answer().plan.next == NextStep::test_turn || desk->answer().plan.next == NextStep::read)
        << static_cast<int>(desk->answer().plan.next);
    for (const PlannedTurn& turn : desk->answer().plan.turns) EXPECT_LE(std::abs(turn.turns), 1.0);
}

TEST_F(DeskTest, AClickBesideTheLineTakesNoTypingAway) {
    demo();
    open();
    desk->settle();
    const auto line = [&] { return qobject_cast<QLineEdit*>(QApplication::focusWidget()); };
    ASSERT_TRUE(line());
    QTest::mouseClick(&window->slate(), Qt::LeftButton, {}, QPoint(40, window->slate().height() - 12));
    ASSERT_TRUE(line()) << "what is typed now would be lost";
    QTest::keyClicks(QApplication::focusWidget(), "119");
    EXPECT_EQ(line()->text(), "119");
}

TEST_F(DeskTest, ABareFractionIsInchesForATargetOfTheCardToo) {
    open();  // whose lengths are still in mm
    key(Qt::Key_N, Qt::ControlModifier);
    key(Qt::Key_I, Qt::ControlModifier);
    enter("Rosedale van");
    for (const auto& [field, text] : {std::pair("front_aim", "1/8"),
                                      {"front_minus", "1/16"},
                                      {"front_plus", "1/16"},
                                      {"front_over", "28"},
                                      {"rear_aim", "2"},
                                      {"rear_minus", "1"}})
        window->carPage().findChild<QLineEdit*>(QLatin1String(field))->setText(QString::fromUtf8(text));
    key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_FALSE(desk->hasJob()) << "2 of what";
    QString problem;
    for (const QLabel* l : window->carPage().findChildren<QLabel*>()) problem += l->text();
    EXPECT_TRUE(problem.contains("0°08'") && !problem.contains("2 9/16")) << problem.toStdString();
    for (const char* field : {"rear_aim", "rear_minus"})
        window->carPage().findChild<QLineEdit*>(QLatin1String(field))->clear();
    key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_TRUE(desk->hasJob());
    ASSERT_EQ(desk->job().targets.size(), 1u);
    EXPECT_NEAR(desk->job().targets[0].aim.deg(), std::atan(1.0 / 8 / 28) * 180 / M_PI, 1e-3);
    // The card says so too, until this job aims at something else.
    const auto says = [&](const QString& text) {
        for (const QLabel* l : window->findChildren<QLabel*>())
            if (l->text().startsWith(text)) return true;
        return false;
    };
    EXPECT_EQ(desk->writtenCard().aims_of("road"), desk->targetsJson());
    EXPECT_TRUE(says("aim: as on the car's card"));
    book::Json other = desk->targetsJson();
    other["front"]["total_toe"]["aim"] = "0 in";
    desk->editTargets(other);
    desk->settle();
    EXPECT_TRUE(says("aim: this job's own"));
    // A copy of the car has no job yet, and aims as its card says.
    const std::string car = desk->book().car_of(desk->jobId());
    UuidSource ids(sources());
    const std::string copy = desk->book().add_car(*desk->book().card(car), ids);
    EXPECT_EQ(JobDesk::lastTargets(desk->book(), copy), desk->writtenCard().aims_of("road"));
}

TEST_F(DeskTest, WhereTheCardNamesNothingThatSetsAnAngleTheSheetLeadsThere) {
    open();
    key(Qt::Key_N, Qt::ControlModifier);
    key(Qt::Key_I, Qt::ControlModifier);
    enter("Rosedale van");
    for (QPushButton* b : window->carPage().findChildren<QPushButton*>())
        if (b->property("value") == "none" && b->property("group") == "rods") b->click();
    for (const auto& [field, text] :
         {std::pair("front_aim", "1/8"), {"front_minus", "1/16"}, {"front_over", "28"}})
        window->carPage().findChild<QLineEdit*>(QLatin1String(field))->setText(QString::fromUtf8(text));
    key(Qt::Key_Return, Qt::ControlModifier);
    LinesSet lines = desk->lines();
    lines.rigs = {"stud-bars"};
    lines.sizes.stud_span = Length::from_mm(609.6);
    desk->setLines(lines);
    window->setStage(Stage::read);
    key(Qt::Key_F7);
    enter("66 1/4");
    enter("66 3/8");
    window->setStage(Stage::turn);
    desk->settle();
    // Read a second time, and it is so.
    ASSERT_TRUE(desk->answer().plan.again);
    window->setStage(Stage::read);
    for (int n = 0; n < 2 && window->reading().spot(); ++n) {
        enter(window->reading().spot()->kind == ReadingId::stud_bar_rear ? "66 1/4" : "66 3/8");
        desk->settle();
    }
    window->setStage(Stage::turn);
    desk->settle();
    ASSERT_FALSE(desk->answer().plan.cannot.empty());
    EXPECT_TRUE(window->sayLine().contains("the card names nothing that sets it"))
        << window->sayLine().toStdString();
    // Not on a plan that leaves some of them alone.
    PlanChoice some;
    some.name = "cannot";
    desk->choosePlan(some);
    desk->settle();
    EXPECT_FALSE(window->sayLine().contains("the card names nothing that sets it"));
    desk->choosePlan({});
    desk->settle();
    key(Qt::Key_7, Qt::AltModifier);
    EXPECT_EQ(window->slate().guide()->subtitle(), "toe is adjusted by");
    EXPECT_TRUE(named("one tube and a drag link"));
    desk->settle();
    book::WrittenCard card = desk->writtenCard();
    card.adjusted_by(Wheel::front_left, "toe", "none");
    desk->editCard(card);
    key(Qt::Key_Escape);
    desk->settle();
    EXPECT_FALSE(window->sayLine().contains("the card names nothing that sets it"))
        << "it was said that nothing does";
}

TEST_F(DeskTest, AWholeJobByKeyboardFromANewCarToTheRecord) {
    open();  // an empty book: the shelf
    key(Qt::Key_N, Qt::ControlModifier);
    key(Qt::Key_I, Qt::ControlModifier);  // all of its card
    const auto fill = [&](const char* field, const QString& text) {
        auto* f = window->carPage().findChild<QLineEdit*>(QString::fromLatin1(field));
        ASSERT_TRUE(f);
        f->setFocus();
        QTest::keyClicks(f, text);
    };
    enter("Tarnby estate");
    fill("wheelbase", "2565 mm");
    fill("front_span", "416 mm");
    fill("rear_span", "16");
    key(Qt::Key_Return, Qt::ControlModifier);
    const auto problem = [&] {
        QString all;
        for (const QLabel* l : window->carPage().findChildren<QLabel*>()) all += l->text();
        return all;
    };
    EXPECT_TRUE(problem().contains("16 in")) << "a 16 mm rim is questioned: " << problem().toStdString();
    fill("rear_span", "416 mm");
    for (QPushButton* b : window->carPage().findChildren<QPushButton*>())
        if (b->property("value") == "behind-axle" && b->property("group") == "rods")
            QTest::keyClick(b, Qt::Key_Space);
    fill("pitch", "1.5 mm");
    fill("arm", "132 mm");
    fill("front_aim", "0°08' in");
    fill("front_minus", "0°15'");
    fill("front_plus", "0°15'");
    fill("rear_aim", "2 mm");
    fill("rear_minus", "1.5 mm");
    key(Qt::Key_Return, Qt::ControlModifier);
    EXPECT_TRUE(problem().contains("diameter")) << "toe as a length asks for its span";
    fill("rear_over", "416 mm");
    key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_TRUE(desk->hasJob()) << problem().toStdString();
    EXPECT_EQ(window->stage(), Stage::ask) << "a new job starts with what is wrong";
    key(Qt::Key_5, Qt::ControlModifier);
    EXPECT_EQ(window->stage(), Stage::lines);

    // Lines: nothing is ticked that nobody has; the box on two bars.
    EXPECT_TRUE(window->sayLine().startsWith("Choose how it is measured")) << window->sayLine().toStdString();
    key(Qt::Key_F3);
    key(Qt::Key_F2);
    desk->settle();
    EXPECT_EQ(desk->lines().rigs, std::vector<std::string>{"string-bars"});
    key(Qt::Key_F4);  // its sizes
    // The bars; a tolerance that the rule can't resolve is said before the work begins.
    enter("535");
    EXPECT_EQ(window->stage(), Stage::lines);
    enter("60 cm");
    EXPECT_EQ(window->stage(), Stage::lines) << "no stage is left by itself";
    goOn();
    EXPECT_EQ(window->stage(), Stage::read);
    window->setStage(Stage::lines);
    EXPECT_TRUE(slateText().contains("one round gives"));
    window->setStage(Stage::read);

    // What was understood stands there before it is kept; what is not understood is not kept and not lost.
    type("4 1/16 strong");
    EXPECT_TRUE(slateText().contains("103.6 mm")) << slateText().toStdString();
    key(Qt::Key_Escape);
    enter("103 furlongs");
    EXPECT_EQ(readings(), 0u);
    EXPECT_TRUE(slateText().contains("furlongs"));
    EXPECT_EQ(window->slate().findChild<QLineEdit*>()->text(), "103 furlongs");
    key(Qt::Key_Escape);
    readAll({"103", "99.5", "107.5"});
    EXPECT_EQ(readings(), 3u);
    EXPECT_TRUE(slateText().contains("0°37' in")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("is known after")) << "what is still missing";
    EXPECT_TRUE(window->kept().startsWith("kept")) << window->kept().toStdString();

    // Read again (both count), struck out with a reason, undone.
    key(Qt::Key_PageUp);
    enter("106");
    desk->settle();
    EXPECT_EQ(readings(), 4u);
    key(Qt::Key_PageUp);
    ASSERT_EQ(*window->reading().spot(), wheel_spot(ReadingId::rim_front, Wheel::rear_left));
    key(Qt::Key_D, Qt::ControlModifier);
    enter("103.5");
    EXPECT_EQ(readings(), 4u) << "typed and entered, nothing is struck";
    EXPECT_TRUE(slateText().contains("Ctrl and Enter")) << slateText().toStdString();
    window->slate().findChild<QLineEdit*>()->clear();
    sure("rule slipped");
    EXPECT_EQ(readings(), 3u);
    EXPECT_TRUE(slateText().contains("<s>106 mm</s>")) << "struck out, still to be seen";
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_EQ(readings(), 4u);
    key(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    EXPECT_EQ(readings(), 3u);

    window->reading().ask(next_spot(desk->job(), 0));
    readAll(tarnby_rest);
    EXPECT_EQ(readings(), 14u);
    EXPECT_EQ(window->stage(), Stage::turn) << "after the last spot comes the decision";
    const JobAnalysis& a = desk->answer();
    EXPECT_NEAR(a.now.wheels[0].toe.value.deg(), -0.31, 0.06);
    EXPECT_NEAR(a.now.strings[0].skew.value.deg(), 0.377, 0.02);
    ASSERT_EQ(a.plan.turns.size(), 2u);
    EXPECT_TRUE(a.plan.turns[0].longer());
    EXPECT_FALSE(a.plan.turns[1].longer());
    EXPECT_TRUE(slateText().contains("Never under a car on a jack alone"));
    EXPECT_TRUE(window->sayLine().contains("to the right"));
    // While the rod is turned the rule may stay where it is: where it stops.
    EXPECT_TRUE(slateText().contains("Turn until it shows"));
    ASSERT_FALSE(a.until.empty());
    EXPECT_EQ(a.until.front().adjuster, "rod-fl");
    const QString stop = QString::fromStdString(to_division(a.until.front().stop, QuantityKind::length, 0.5));
    EXPECT_TRUE(slateText().contains("<b>" + stop.section(' ', 0, 0) + "</b>")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("shaken"));

    // What was really turned, by hand; then the second round asks for the four spots that it spoiled.
    key(Qt::Key_F3);
    enter("3/4");
    enter("-1/4");
    EXPECT_EQ(desk->round(), 1);
    EXPECT_EQ(window->stage(), Stage::turn) << "no stage is left by itself";
    desk->settle();
    EXPECT_TRUE(named("Go on: Read"));
    EXPECT_FALSE(named("Turned as written") && named("Turned as written")->isVisible());
    goOn();
    EXPECT_EQ(window->stage(), Stage::read);
    EXPECT_EQ(wanted_spots(desk->job(), 1).size(), 4u);
    const QAbstractButton* read_knot = named("Read");
    ASSERT_TRUE(read_knot);
    EXPECT_TRUE(read_knot->accessibleName().contains("spoiled")) << read_knot->accessibleName().toStdString();
    readAll({"117", "121", "100.5", "102.5"});
    EXPECT_FALSE(desk->answer().now.alarm);
    EXPECT_NE(desk->answer().verdicts[0].call, Call::outside);
    window->setStage(Stage::read);
    EXPECT_TRUE(slateText().contains("Before, at round 1"));

    // Left as it is, with a reason: kept in the record.
    window->setStage(Stage::turn);
    key(Qt::Key_F4);
    sure();
    EXPECT_TRUE(slateText().contains("reason"));
    const std::size_t unsure = desk->log().size();
    enter("inside, and it is late");
    EXPECT_EQ(desk->log().size(), unsure) << "Enter alone accepts nothing";
    sure();
    EXPECT_TRUE(slateText().contains("it is late"));

    // Closed at any moment, it opens where it was.
    const std::size_t entries = desk->log().size();
    close();
    open();
    desk->settle();
    EXPECT_EQ(desk->log().size(), entries);
    EXPECT_EQ(desk->round(), 1);
    EXPECT_EQ(desk->book().integrity(), "ok");
    EXPECT_EQ(stages_of(desk->job(), desk->knowledge())[index_of(Stage::turn)].progress, Progress::done);
}

TEST_F(DeskTest, TurnedAsWrittenIsOneThingToUndo) {
    demo();
    open();
    readAll(tarnby_rest);
    ASSERT_EQ(window->stage(), Stage::turn);
    const std::size_t turns = desk->answer().plan.turns.size();
    ASSERT_EQ(turns, 2u);
    key(Qt::Key_F2);
    desk->settle();
    EXPECT_EQ(desk->round(), 1);
    key(Qt::Key_Z, Qt::ControlModifier);
    desk->settle();
    EXPECT_EQ(desk->round(), 0);
    EXPECT_FALSE(turned_since_reading(desk->job()));
    EXPECT_EQ(desk->answer().plan.turns.size(), turns);
}

TEST_F(DeskTest, AContradictionIsShownOnTheFloorAsItsGroup) {
    demo();
    open();
    QStringList wrong = tarnby_rest;
    wrong[1] = "123";  // the left front hub, ten millimetres out
    readAll(wrong);
    window->setStage(Stage::read);
    EXPECT_TRUE(slateText().contains("4 · 5 · 6 · 8 · 9 · 10")) << slateText().toStdString();
    const QAbstractButton* spot = named("5, ");
    ASSERT_TRUE(spot);
    EXPECT_TRUE(spot->accessibleName().contains("contradicts")) << spot->accessibleName().toStdString();
}

TEST_F(DeskTest, ASuspectIsSaidToLookLikeWhatItIsAndSetAsideLeavesTheRest) {
    demo();
    open();
    readAll(tarnby_rest);
    const Spot hub = wheel_spot(ReadingId::hub, Wheel::front_left);
    const auto again = [&](const char* text) {
        window->setStage(Stage::read);
        window->reading().ask(hub);
        enter(text);
        desk->settle();
        window->setStage(Stage::read);
        window->reading().ask(hub);
    };
    again("113.2");
    EXPECT_EQ(readings_at(desk->job(), 0, hub).size(), 2u);
    EXPECT_FALSE(desk->answer().now.alarm);
    const Angle before = desk->answer().now.wheels[0].toe.value;
    again("138.6");
    ASSERT_TRUE(desk->answer().now.alarm);
    EXPECT_TRUE(slateText().contains("it is an inch off")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("without it")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains(QRegularExpression("fit at 11[23][.]. mm")))
        << slateText().toStdString();
    EXPECT_LE(std::ranges::count(window->slate().guide()->offered(), true, &Act::main), 1);
    ASSERT_FALSE(desk->answer().without.empty());
    EXPECT_NEAR(desk->answer().without.front().second.wheels[0].toe.value.deg(), before.deg(), 1e-9);
    key(Qt::Key_D, Qt::ControlModifier);
    sure("read the wrong mark");
    EXPECT_FALSE(desk->answer().now.alarm);
    EXPECT_NEAR(desk->answer().now.wheels[0].toe.value.deg(), before.deg(), 1e-9);
    EXPECT_FALSE(slateText().contains("an inch"));
    // Typed in inches, it would fit at inches.
    again("5 29/64 in");
    ASSERT_TRUE(desk->answer().now.alarm);
    EXPECT_TRUE(slateText().contains(QRegularExpression("read 5 29/64 in; it would fit at 4 \\d+/\\d+ in")))
        << slateText().toStdString();
}

TEST_F(DeskTest, ABarReadAgainTellsWhetherTheStringsWereBumped) {
    demo();
    open();
    readAll(tarnby_rest);
    const auto bar = [&](const char* text) {
        window->setStage(Stage::read);
        window->reading().ask(axle_spot(ReadingId::string_to_string, Axle::front));
        enter(text);
        desk->settle();
        window->setStage(Stage::read);
    };
    bar("1682");
    EXPECT_TRUE(slateText().contains("reads as before")) << slateText().toStdString();
    bar("1688");
    key(Qt::Key_F7);
    EXPECT_TRUE(slateText().contains(QRegularExpression("reads \\S+/\\d+ in more than before")))
        << slateText().toStdString();
    key(Qt::Key_F7);
    EXPECT_TRUE(slateText().contains("the strings moved")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("6.0 mm more")) << slateText().toStdString();
    bar("1670");
    EXPECT_TRUE(slateText().contains("14.0 mm less")) << slateText().toStdString();
}

TEST_F(DeskTest, TheGaragesOwnRuleSpeaksForWhatIsReadWithIt) {
    demo();
    open();
    Tool worn = *standard_tool("steel-rule-mm");
    worn.name = "worn rule";
    worn.zero = 2.0;
    LinesSet lines = desk->lines();
    lines.tool = worn.name;
    desk->record({ToolSet{worn}, lines});
    readAll(tarnby_rest);
    const Reading* last = last_of<Reading>(desk->job());
    ASSERT_TRUE(last);
    EXPECT_EQ(last->tool, "worn rule");
}

TEST_F(DeskTest, PaintedThingsSayWhatTheyAre) {
    demo();
    open();
    readAll(tarnby_rest);
    int knots = 0, spots = 0, wheels = 0;
    for (const StageKnot* k : window->findChildren<StageKnot*>()) knots += !k->accessibleName().isEmpty();
    for (const SpotMark* s : window->findChildren<SpotMark*>()) spots += !s->accessibleName().isEmpty();
    for (const WheelMark* w : window->findChildren<WheelMark*>()) wheels += w->accessibleName().contains("±");
    EXPECT_EQ(knots, 8);
    EXPECT_EQ(spots, 14);
    EXPECT_EQ(wheels, 4);
    EXPECT_TRUE(named("4, ")->accessibleName().contains("left front, back lip: 119 mm"));
}

TEST_F(DeskTest, StringsThatWereMovedAreReadAgainAll) {
    demo();
    open();
    readAll(tarnby_rest);
    key(Qt::Key_F5);
    desk->settle();
    EXPECT_EQ(desk->round(), 1);
    EXPECT_EQ(wanted_spots(desk->job(), 1).size(), 14u);
    EXPECT_EQ(window->stage(), Stage::lines);
}

TEST_F(DeskTest, BothThemesAreLegible) {
    // WCAG 2.1 contrast, at least 4.5 for what carries meaning.
    const auto luminance = [](const QColor& c) {
        const auto part = [](double v) {
            return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
        };
        return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
    };
    const auto contrast = [&](const QColor& a, const QColor& b) {
        const double x = luminance(a), y = luminance(b);
        return (std::max(x, y) + 0.05) / (std::min(x, y) + 0.05);
    };
    for (bool dark : {true, false}) {
        Chalk::choose(dark);
        const Chalk& c = Chalk::now();
        for (const QColor& ground : {c.floor, c.panel})
            for (const QColor& ink : {c.chalk, c.soft, c.string, c.target, c.caution})
                EXPECT_GE(contrast(ink, ground), 4.5)
                    << dark << ink.name().toStdString() << ground.name().toStdString();
        EXPECT_GE(contrast(c.on_string, c.string), 4.5);
    }
    Chalk::choose(true);
}

TEST_F(DeskTest, TheShelfKeepsItsKeysWhenWhatIsDueComesIn) {
    clock_ms += 200LL * 24 * 3600 * 1000;
    demo();
    open();
    desk->settle();
    key(Qt::Key_O, Qt::ControlModifier);
    const auto due = [&] {
        for (const QLabel* l : window->findChildren<QLabel*>())
            if (l->isVisible() && l->text().contains("look again")) return true;
        return false;
    };
    for (int i = 0; i < 500 && !due(); ++i) QTest::qWait(10);
    ASSERT_TRUE(due());
    // The lines of before it are gone with the next turn of the events.
    QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    ASSERT_TRUE(window->focusWidget());
    EXPECT_TRUE(window->focusWidget()->hasFocus());
    const QWidget* first = window->focusWidget();
    key(Qt::Key_Down);
    EXPECT_NE(window->focusWidget(), first);
    key(Qt::Key_Up);
    key(Qt::Key_Return);
    desk->settle();
    EXPECT_TRUE(window->slate().isVisible()) << "the job of that line";
}

TEST_F(DeskTest, ANewJobOnACarOfTheShelfBeginsWithItsCard) {
    demo();
    open();
    key(Qt::Key_O, Qt::ControlModifier);
    ASSERT_TRUE(window->focusWidget());
    EXPECT_TRUE(window->focusWidget()->hasFocus()) << "what is made anew is seen before it gets the keys";
    // From the first car's job over "through its jobs" to its "begin a new job".
    key(Qt::Key_Down);
    key(Qt::Key_Down);
    key(Qt::Key_Return);
    auto* wheelbase = window->carPage().findChild<QLineEdit*>("wheelbase");
    ASSERT_TRUE(wheelbase && wheelbase->isVisibleTo(window.get()));
    EXPECT_EQ(wheelbase->text(), "2310 mm");
    key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_EQ(window->stage(), Stage::ask);
    EXPECT_EQ(desk->job().car.name, "Brask hillclimb special");
    EXPECT_EQ(desk->book().jobs().size(), 4u);
    ASSERT_TRUE(desk->car().rod_at(Wheel::rear_left)) << "its toe links came along";
    EXPECT_EQ(desk->car().rod_at(Wheel::front_left)->rod, RodSide::ahead_of_axle);
}

TEST_F(DeskTest, InInchesABareNumberOfANewCarIsInches) {
    demo();
    open();
    key(Qt::Key_F7);
    key(Qt::Key_N, Qt::ControlModifier);
    key(Qt::Key_I, Qt::ControlModifier);  // all of its card
    auto* wheelbase = window->carPage().findChild<QLineEdit*>("wheelbase");
    EXPECT_EQ(wheelbase->placeholderText(), "101 in");
    for (const auto& [name, text] :
         {std::pair("name", "Old van"), {"wheelbase", "101"}, {"front_span", "15"}, {"rear_span", "15 1/2"}})
        window->carPage().findChild<QLineEdit*>(name)->setText(text);
    key(Qt::Key_Return, Qt::ControlModifier);
    desk->settleMaking();
    ASSERT_EQ(desk->car().name, "Old van") << "nothing is questioned";
    EXPECT_NEAR(desk->car().wheelbase->in(), 101.0, 1e-9);
    EXPECT_NEAR(desk->car().axle(Axle::rear).rim_span->in(), 15.5, 1e-9);
}

TEST_F(DeskTest, BarsThatAreNotBeyondTheHubsAreQuestioned) {
    demo();
    open();
    key(Qt::Key_5, Qt::ControlModifier);
    enter("-535");
    EXPECT_TRUE(slateText().contains("below zero")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("Tab takes 535 mm")) << "what was likely meant";
    EXPECT_NEAR(desk->lines().bars.front_ahead->mm(), 535, 1e-9) << "as it was";
    key(Qt::Key_Escape);
    enter("21 1/4");
    EXPECT_NEAR(desk->lines().bars.front_ahead->mm(), 539.75, 1e-9) << "a bare fraction is inches";
}

TEST_F(DeskTest, TheRuleThatIsChosenSpeaksForReadingsAsFineAsItself) {
    demo();
    open();
    enter("119");
    enter("4 7/16");
    desk->settle();
    const auto& fine = std::get<Reading>(desk->log()[desk->log().size() - 2].event);
    const auto& coarse = std::get<Reading>(desk->log().back().event);
    EXPECT_EQ(fine.tool, "steel-rule-mm");
    EXPECT_EQ(coarse.tool, "") << "a sixteenth is not what a millimetre rule shows";
    EXPECT_NEAR(coarse.sigma(), 25.4 / 32, 1e-9);
    // On a rule in 64ths a half is as fine as the rule.
    Reading half = desk->blank(wheel_spot(ReadingId::rim_front, Wheel::front_left));
    half.tool = "steel-rule-inch";
    desk->take(half, *read_quantity("4 1/2 in"));
    EXPECT_EQ(std::get<Reading>(desk->log().back().event).tool, "steel-rule-inch");
}

TEST_F(DeskTest, AFractionOnATapeIsAsFineAsTheTape) {
    demo();
    open();
    for (ReadingId kind : {ReadingId::boards_rear, ReadingId::camber_gap}) {
        Reading r = desk->blank(kind == ReadingId::boards_rear ? axle_spot(kind, Axle::front)
                                                               : wheel_spot(kind, Wheel::front_left));
        r.tool = kind == ReadingId::boards_rear ? "tape" : "spirit-level-gap";
        for (const char* typed : {"48 7/16 in", "48 3/8 in", "48 1/2 in", "48 in"}) {
            desk->take(r, *read_quantity(typed));
            const auto& kept = std::get<Reading>(desk->log().back().event);
            EXPECT_EQ(kept.tool, r.tool) << typed << ": its inches are marked in sixteenths";
            EXPECT_NEAR(kept.sigma(), 0.5, 1e-9) << typed;
        }
    }
}

TEST_F(DeskTest, UnitsAndThemeAreKeptAndTheBookIsNotTouchedByThem) {
    demo();
    open();
    desk->settle();
    const std::size_t entries = desk->log().size();
    EXPECT_TRUE(slateText().contains("0°37'"));
    key(Qt::Key_F6);
    EXPECT_TRUE(slateText().contains("0.62°")) << slateText().toStdString();
    key(Qt::Key_F7);
    type("4.5");
    EXPECT_TRUE(slateText().contains("114.3 mm (4.500 in)"))
        << "a bare number is now inches: " << slateText().toStdString();
    const bool dark = Chalk::now().dark;
    key(Qt::Key_F9);
    EXPECT_NE(Chalk::now().dark, dark);
    close();
    open();
    EXPECT_NE(Chalk::now().dark, dark) << "a preference outlives the window";
    key(Qt::Key_F9);
    key(Qt::Key_F6);
    key(Qt::Key_F7);
    EXPECT_EQ(desk->log().size(), entries);
}

TEST_F(DeskTest, BigFiguresShowTheNextSpotAndTheLastValueKept) {
    demo();
    open();
    enter("119");
    desk->settle();
    key(Qt::Key_F8);
    const auto* big = window->findChild<BigFigures*>();
    ASSERT_TRUE(big && big->isVisibleTo(window.get()));
    ASSERT_EQ(big->blocks().size(), 1u);
    EXPECT_EQ(big->blocks()[0].above, "left front, hub");
    EXPECT_EQ(big->blocks()[0].figure, "119 mm");
    EXPECT_TRUE(big->blocks()[0].below.contains("left front, back lip"));
    EXPECT_TRUE(big->accessibleName().contains("119 mm"));
    key(Qt::Key_F8);
    EXPECT_FALSE(big->isVisibleTo(window.get()));
}

TEST_F(DeskTest, TheFloorIsDrawnAtAnySizeAndZoomed) {
    demo();
    open();
    readAll(tarnby_rest);
    window->setStage(Stage::read);
    for (const QSize& size : {QSize(1024, 640), QSize(1280, 800), QSize(3840, 2160)}) {
        window->resize(size);
        QApplication::processEvents();
        EXPECT_EQ(window->size(), size);
        // Every spot stands on the floor, none on another.
        const auto marks = window->findChildren<SpotMark*>();
        for (const SpotMark* a : marks) {
            EXPECT_TRUE(window->floorView().rect().contains(a->geometry().center()));
            for (const SpotMark* b : marks)
                if (a != b) {
                    EXPECT_GT(QLineF(a->geometry().center(), b->geometry().center()).length(), 20)
                        << a->accessibleName().toStdString();
                }
        }
    }
    window->resize(1280, 800);
    const QPoint before = window->findChildren<SpotMark*>().front()->pos();
    key(Qt::Key_Plus, Qt::ControlModifier);
    EXPECT_NE(window->findChildren<SpotMark*>().front()->pos(), before);
    QImage paper(960, 680, QImage::Format_RGB32);
    paper.fill(Qt::white);
    QPainter p(&paper);
    window->floorView().draw(p, QSizeF(960, 680), true);
    p.end();
    int drawn = 0;
    for (int y = 0; y < paper.height(); y += 2)
        for (int x = 0; x < paper.width(); x += 2) drawn += paper.pixel(x, y) != 0xffffffff;
    EXPECT_GT(drawn, 1000);
}

TEST_F(DeskTest, ABookOfANewerProgramOpensForReadingAndSaysWhy) {
    demo();
    {
        book::Book::Migrations newer = book::Book::migrations();
        newer.push_back("CREATE TABLE later (id TEXT)");
        book::Book b(path, book::Book::Mode::write, newer);
    }
    open();
    const std::size_t entries = desk->log().size();
    enter("119");
    EXPECT_EQ(desk->log().size(), entries);
    EXPECT_EQ(window->slate().findChild<QLineEdit*>()->text(), "119") << "what was typed is not lost";
    EXPECT_EQ(window->kept(), "reading only");
    EXPECT_TRUE(window->sayLine().contains("newer")) << window->sayLine().toStdString();
}

TEST_F(DeskTest, EveryStageCanBeGoneToAndHasSomethingToSay) {
    demo();
    open();
    for (Stage s : all_stages) {
        key(static_cast<Qt::Key>(Qt::Key_1 + index_of(s)), Qt::ControlModifier);
        EXPECT_EQ(window->stage(), s);
        EXPECT_FALSE(window->sayLine().isEmpty());
        EXPECT_GT(slateText().size(), 60) << index_of(s);
    }
}

TEST_F(DeskTest, TheTextAtTheRightMovesByKeys) {
    demo();
    open();
    desk->settle();
    window->resize(960, 540);
    window->setStage(Stage::turn);
    QApplication::processEvents();
    auto* bar = window->slate().findChild<QScrollArea*>("words")->verticalScrollBar();
    ASSERT_GT(bar->maximum(), 0);
    key(Qt::Key_PageDown, Qt::ShiftModifier);
    EXPECT_GT(bar->value(), 0);
    key(Qt::Key_PageUp, Qt::ShiftModifier);
    EXPECT_EQ(bar->value(), 0);
}

TEST_F(DeskTest, ABookThatIsOpenElsewhereSaysSo) {
    open();
    EXPECT_THROW(book::Book{path}, book::BookError);
}

}  // namespace
}  // namespace fairchalk::desk

int main(int argc, char** argv) {
    ::testing::InitGoogleTest(&argc, argv);
    if (::testing::GTEST_FLAG(list_tests)) return RUN_ALL_TESTS();  // CMake asks, with no display
    // Preferences of whoever runs the tests stay theirs.
    qputenv("XDG_CONFIG_HOME",
            QDir::tempPath().toUtf8() + "/fairchalk-test-config-" + QByteArray::number(::getpid()));
    QApplication app(argc, argv);
    QSettings::setDefaultFormat(QSettings::IniFormat);
    QApplication::setOrganizationName(QStringLiteral("fair-chalk-test"));
    fairchalk::desk::loadLook();
    fairchalk::desk::takeLanguage(QStringLiteral("en"));
    const int failed = RUN_ALL_TESTS();
    QDir(QString::fromUtf8(qgetenv("XDG_CONFIG_HOME"))).removeRecursively();
    return failed;
}
