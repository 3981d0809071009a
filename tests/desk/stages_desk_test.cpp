// SPDX-License-Identifier: GPL-3.0-or-later
// Getting ready, typed with key events through the real window.
#include <fstream>

#include <QImage>
#include <QSignalSpy>

#include "core/job/baseline.h"
#include "core/job/floor.h"
#include "desk_fixture.h"
#include "drive/drive_guide.h"

namespace fairchalk::desk {
namespace {

struct ReadyTest : DeskTest {
    ReadyTest() {
        demo();
        open();
        desk->settle();
    }
    void go(Stage s) { key(static_cast<Qt::Key>(Qt::Key_1 + index_of(s)), Qt::ControlModifier); }
    const StageState& stage(Stage s) {
        states = stages_of(desk->job(), desk->knowledge());
        return states[static_cast<std::size_t>(index_of(s))];
    }
    /// A new job on the Brask, whose rods run ahead of the axle: nothing said, nothing read.
    void freshJob() {
        key(Qt::Key_O, Qt::ControlModifier);
        QApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        for (QAbstractButton* b : window->findChildren<QAbstractButton*>())
            if (b->text() == "begin a new job on this car" && b->isVisibleTo(window.get())) {
                b->setFocus();
                QTest::keyClick(b, Qt::Key_Return);
                break;
            }
        key(Qt::Key_Return, Qt::ControlModifier);
        ASSERT_EQ(window->stage(), Stage::ask);
    }
    PlaceMark* mark(const QString& id) {
        for (PlaceMark* m : window->findChildren<PlaceMark*>())
            if (m->id == id) return m;
        return nullptr;
    }
    void point(const QString& id) {
        PlaceMark* m = mark(id);
        ASSERT_TRUE(m) << id.toStdString();
        QTest::mouseClick(m, Qt::LeftButton);
    }
    void again() {
        desk->settle();
        close();
        open();
        desk->settle();
    }
    std::array<StageState, 8> states;
};

TEST_F(ReadyTest, AskDecidesWhichStagesMatterAndWhy) {
    freshJob();
    EXPECT_EQ(stage(Stage::ask).progress, Progress::to_do);
    point("wheel-crooked");
    EXPECT_EQ(stage(Stage::ask).progress, Progress::done);
    EXPECT_TRUE(slateText().contains("The wheel only")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("Not needed for this: Check over, Floor, Lines, Read"));
    EXPECT_FALSE(stage(Stage::lines).wanted);
    EXPECT_TRUE(named("Lines: to do, not needed for this"));
    // By keyboard: on to the next place, Enter points.
    window->slate().takeFocus();
    while (window->slate().findChild<QLineEdit*>() &&
           !slateText().contains("Rod ends, rods or the rack replaced"))
        key(Qt::Key_PageDown);
    key(Qt::Key_Return);
    EXPECT_TRUE(slateText().contains("The whole job")) << "new parts lead to the full one";
    EXPECT_TRUE(stage(Stage::lines).wanted);
    enter("rack from a breaker");
    EXPECT_EQ(last_of<ReasonsGiven>(desk->job())->note, "rack from a breaker");
    EXPECT_EQ(last_of<ReasonsGiven>(desk->job())->reasons.size(), 2u);
    // Undo takes the last back, and it is all there after the window was closed.
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_TRUE(last_of<ReasonsGiven>(desk->job())->note.empty());
    again();
    EXPECT_EQ(window->stage(), Stage::ask) << "it opens where it was";
    EXPECT_EQ(last_of<ReasonsGiven>(desk->job())->reasons.size(), 2u);
    key(Qt::Key_F2);
    EXPECT_EQ(window->stage(), Stage::check_over);
}

TEST_F(ReadyTest, TheWheelOnlyJobFromDriftToStraight) {
    freshJob();
    point("wheel-crooked");
    go(Stage::turn);
    EXPECT_TRUE(slateText().contains("say how the wheel sits")) << slateText().toStdString();
    go(Stage::drive);
    type("4");
    EXPECT_FALSE(last_of<Driven>(desk->job())) << "nothing is typed on the road";
    key(Qt::Key_F2);                  // stopped
    key(Qt::Key_4, Qt::AltModifier);  // held level it drifts to the right
    go(Stage::turn);
    EXPECT_TRUE(window->sayLine().contains("steer both front wheels left"))
        << window->sayLine().toStdString();
    EXPECT_TRUE(slateText().contains("A first trial turn"));
    const WheelOnly first = wheel_only(desk->job());
    ASSERT_EQ(first.turns.size(), 2u);
    EXPECT_GT(first.turns[0].second, 0) << "rods ahead of the axle, drift to the right: the left one longer";
    key(Qt::Key_F2);
    EXPECT_EQ(window->stage(), Stage::turn);
    goOn();
    EXPECT_EQ(window->stage(), Stage::drive) << "after the turn comes the drive";
    EXPECT_EQ(stage(Stage::turn).done, 2);
    key(Qt::Key_F2);
    enter("4 left");
    EXPECT_TRUE(slateText().contains("to the left"));
    go(Stage::turn);
    EXPECT_EQ(wheel_only(desk->job()).next, WheelStep::turn);
    EXPECT_TRUE(slateText().contains("learnt from 2 drives")) << slateText().toStdString();
    // What was really turned is typed, rod by rod.
    key(Qt::Key_F3);
    enter("1/4");
    enter("-1/4");
    goOn();
    EXPECT_EQ(window->stage(), Stage::drive);
    EXPECT_EQ(wheel_only(desk->job()).next, WheelStep::drive);
    key(Qt::Key_F2);
    window->slate().takeFocus();
    enter("0");
    EXPECT_EQ(wheel_only(desk->job()).next, WheelStep::done);
    EXPECT_EQ(stage(Stage::turn).progress, Progress::done);
    EXPECT_EQ(stage(Stage::drive).progress, Progress::stale) << "turned and not locked";
    EXPECT_TRUE(slateText().contains("turned and not locked")) << slateText().toStdString();
    window->showPage({PageId::lock});
    EXPECT_TRUE(slateText().contains("turned and not locked")) << slateText().toStdString();
    EXPECT_FALSE(slateText().contains("Nothing is loose")) << slateText().toStdString();
    go(Stage::drive);
    desk->happened(ChangeKind::locked, Axle::front);
    EXPECT_EQ(stage(Stage::drive).progress, Progress::done);
    again();
    EXPECT_EQ(wheel_only(desk->job()).next, WheelStep::done);
    EXPECT_EQ(wheel_only(desk->job()).drives, 3);
}

TEST_F(ReadyTest, TheWheelsAngleByMarksOnItsRim) {
    const auto a = readRimMarks("32 mm over 370 mm left");
    ASSERT_TRUE(a);
    EXPECT_NEAR(a->value, -32.0 / 185 * 180 / 3.14159265358979, 1e-9);
    EXPECT_FALSE(readRimMarks("32 mm left"));
    EXPECT_FALSE(readRimMarks("32 mm over 370 mm"));
    EXPECT_FALSE(readRimMarks("32 mm over 0 mm left"));
    EXPECT_NEAR(readSideAngle("3°30' right")->value, 3.5, 1e-12);
    EXPECT_NEAR(readSideAngle("6 left")->value, -6, 1e-12);
    EXPECT_NEAR(readSideAngle("0")->value, 0, 1e-12);
    EXPECT_FALSE(readSideAngle("6")) << "which side is asked, never assumed";
    // What is refused is told in the terms of the place.
    EXPECT_EQ(readSideAngle("pulls sideways").error().args.at(2), "6 left");
    EXPECT_EQ(readRimMarks("a lot over 370 mm left").error().args.at(2), "32 mm over 370 mm left");
    EXPECT_EQ(readRimMarks("32 mm over much left").error().args.at(2), "32 mm over 370 mm left");
}

TEST_F(ReadyTest, WithoutTargetsTurnSaysThatTheyAreMissing) {
    freshJob();
    desk->editTargets(book::Json::object());
    desk->settle();
    go(Stage::turn);
    EXPECT_TRUE(window->sayLine().contains("No targets yet")) << window->sayLine().toStdString();
    // Words typed where nothing is asked press nothing, and nothing is accepted.
    const std::size_t before = desk->log().size();
    for (const char c : std::string("a bit")) QTest::keyClick(window->focusWidget(), c);
    key(Qt::Key_Return);
    EXPECT_EQ(desk->log().size(), before);
}

TEST_F(ReadyTest, TheCheckOverIsTickedFailedMendedAndMarksTheJob) {
    freshJob();
    go(Stage::check_over);
    EXPECT_TRUE(slateText().contains("Wheel nuts")) << slateText().toStdString();
    key(Qt::Key_F2);
    EXPECT_EQ(state_of(desk->job(), "wheel-nuts").state, CheckState::good);
    EXPECT_TRUE(slateText().contains("Wheel spacers")) << "on to the next";
    key(Qt::Key_F4);
    EXPECT_EQ(state_of(desk->job(), "spacers").state, CheckState::not_applicable);
    // Failed, with a note typed before it.
    type("left rear rocks");
    key(Qt::Key_Return);
    key(Qt::Key_F3);
    EXPECT_EQ(state_of(desk->job(), "bearings").state, CheckState::failed);
    EXPECT_EQ(state_of(desk->job(), "bearings").note, "left rear rocks");
    EXPECT_TRUE(slateText().contains("readings mean nothing"));
    EXPECT_EQ(stage(Stage::check_over).progress, Progress::stale);
    EXPECT_TRUE(window->sayLine().contains("marked"));
    go(Stage::read);
    EXPECT_TRUE(slateText().contains("failed check")) << "its caution stands where it matters";
    bool header = false;
    for (const QLabel* l : window->findChildren<QLabel*>())
        header = header || l->text().contains("Wheel bearings failed");
    EXPECT_TRUE(header);
    again();
    ASSERT_EQ(marks_on(desk->job(), desk->knowledge()).size(), 1u) << "the mark stays until it is mended";
    go(Stage::check_over);
    point("bearings");
    key(Qt::Key_F2);
    EXPECT_TRUE(marks_on(desk->job(), desk->knowledge()).empty());
}

TEST_F(ReadyTest, TheSumsOfTheCheckOverAreDone) {
    freshJob();
    go(Stage::check_over);
    point("rims");
    for (const char* v : {"31", "32.2", "30", "30.1", "31", "31", "30", "30"}) enter(QString::fromLatin1(v));
    EXPECT_TRUE(slateText().contains("run-out 0.6 mm")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("of false toe"));
    point("heights");
    // A 36.5 in place of 365: questioned, and Tab takes what was meant.
    enter("3.65");
    EXPECT_TRUE(slateText().contains("Tab takes")) << slateText().toStdString();
    EXPECT_TRUE(state_readings(desk->job(), wheel_spot(ReadingId::ride_height, Wheel::front_left)).empty());
    key(Qt::Key_Escape);
    for (const char* v : {"240", "262", "250", "250"}) enter(QString::fromLatin1(v));
    EXPECT_TRUE(slateText().contains("left and right differ by 22.0 mm")) << slateText().toStdString();
    key(Qt::Key_F2);
    EXPECT_EQ(state_of(desk->job(), "heights").state, CheckState::good);
    key(Qt::Key_F10);  // jacked
    point("heights");
    EXPECT_TRUE(slateText().contains("measure again"));
}

TEST_F(ReadyTest, ImpossiblePressuresAreQuestionedAndMayBeInsistedOn) {
    freshJob();
    go(Stage::check_over);
    point("pressures");
    const Spot first = wheel_spot(ReadingId::pressure, Wheel::front_left);
    enter("90");
    EXPECT_TRUE(state_readings(desk->job(), first).empty());
    EXPECT_TRUE(slateText().contains("90 psi")) << slateText().toStdString();
    EXPECT_EQ(window->slate().findChild<QLineEdit*>()->text(), "90") << "what was typed stays";
    key(Qt::Key_Tab);
    EXPECT_EQ(window->slate().findChild<QLineEdit*>()->text(), "90 psi");
    key(Qt::Key_Return);
    ASSERT_EQ(state_readings(desk->job(), first).size(), 1u);
    EXPECT_NEAR(state_readings(desk->job(), first)[0]->value.value, 6.205, 1e-3);
    // The user may insist: the same again is kept.
    enter("12");
    key(Qt::Key_Return);
    const Spot second = wheel_spot(ReadingId::pressure, Wheel::front_right);
    ASSERT_EQ(state_readings(desk->job(), second).size(), 1u);
    EXPECT_NEAR(state_readings(desk->job(), second)[0]->value.value, 12, 1e-9);
}

TEST_F(ReadyTest, AFloorIsSurveyedByALevelLineLevelledWithTilesAndKept) {
    freshJob();
    go(Stage::floor);
    EXPECT_EQ(stage(Stage::floor).progress, Progress::to_do);
    key(Qt::Key_F2);  // water level or laser
    for (const char* v : {"212", "218", "213.5", "210"}) enter(QString::fromLatin1(v));
    EXPECT_TRUE(slateText().contains("To be added to what a gauge shows")) << slateText().toStdString();
    enter("3");
    EXPECT_TRUE(slateText().contains("under the right front"));
    key(Qt::Key_F2);  // laid
    const TilesPlaced* tiles = last_of<TilesPlaced>(desk->job());
    ASSERT_TRUE(tiles);
    EXPECT_EQ(tiles->under, (std::array<int, 4>{1, 3, 0, 1}));
    EXPECT_EQ(stage(Stage::floor).progress, Progress::to_do) << "known, not settled yet";
    key(Qt::Key_F11);  // rolled on
    key(Qt::Key_F12);
    EXPECT_EQ(stage(Stage::floor).progress, Progress::done);
    point("name");
    enter("bay 1");
    desk->settle();
    again();
    EXPECT_EQ(desk->book().facts("floor:").size(), 1u);
    // The next job in this garage takes it over.
    freshJob();
    go(Stage::floor);
    ASSERT_TRUE(mark("floor:bay 1"));
    point("floor:bay 1");
    const auto floor = floor_now(desk->job());
    ASSERT_TRUE(floor);
    EXPECT_EQ(floor->place, "bay 1");
    const FloorSolved f = solve_floor(*floor);
    EXPECT_NEAR((f.heights[1] - f.heights[2]).mm(), -8, 1e-6) << "as surveyed, without the tiles";
}

TEST_F(ReadyTest, TheChainOfLegsShowsWhichOneIsDoubtful) {
    freshJob();
    go(Stage::floor);
    key(Qt::Key_F3);
    EXPECT_TRUE(slateText().contains("from left front to right front")) << slateText().toStdString();
    for (const char* v : {"6", "2", "-3", "5"}) enter(QString::fromLatin1(v));  // the last should be -5
    EXPECT_TRUE(slateText().contains("the legs miss by")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("the high end was taken for the low"));
    EXPECT_TRUE(window->sayLine().contains("contradicts itself"));
    point("rear-left to front-left floor-rise");
    enter("-5");
    // Both readings count until the wrong one is struck out or undone.
    key(Qt::Key_Z, Qt::ControlModifier);
    key(Qt::Key_Z, Qt::ControlModifier);
    point("rear-left to front-left floor-rise");
    enter("-5");
    EXPECT_FALSE(slateText().contains("miss by")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("the legs close to 0.0 mm"));
}

TEST_F(ReadyTest, EventsAreOneKeyEachAndSlackenWhatTheySpoil) {
    go(Stage::read);
    EXPECT_EQ(stage(Stage::floor).progress, Progress::done);
    EXPECT_EQ(stage(Stage::steering).progress, Progress::done);
    key(Qt::Key_F10);
    EXPECT_EQ(stage(Stage::floor).progress, Progress::stale);
    EXPECT_TRUE(named("Floor: spoiled, jacked: settle again"));
    EXPECT_EQ(stage(Stage::lines).spoiled_by, Happening::jacked);
    key(Qt::Key_F11);
    EXPECT_EQ(stage(Stage::floor).progress, Progress::done);
    // What else happened is chosen by a digit.
    key(Qt::Key_E, Qt::ControlModifier);
    EXPECT_TRUE(slateText().contains("What happened?"));
    key(Qt::Key_6);
    EXPECT_EQ(stage(Stage::steering).spoiled_by, Happening::steering_moved);
    EXPECT_TRUE(named("Steering: spoiled, steering moved: look again"));
    key(Qt::Key_E, Qt::ControlModifier);
    key(Qt::Key_Escape);
    EXPECT_FALSE(slateText().contains("What happened?"));
    again();
    EXPECT_EQ(stage(Stage::steering).spoiled_by, Happening::steering_moved);
}

TEST_F(ReadyTest, WhatIsLooseShowsUntilItIsRefittedAndTheDriveWaits) {
    EXPECT_EQ(loose_list(desk->job()).size(), 3u) << "as the demo has it";
    go(Stage::turn);
    key(Qt::Key_L, Qt::ControlModifier);
    enter("damper, lower bolt");
    key(Qt::Key_L, Qt::ControlModifier);
    key(Qt::Key_F4);  // for now only
    enter("right split pin");
    ASSERT_EQ(loose_list(desk->job()).size(), 5u);
    EXPECT_EQ(loose_list(desk->job()).back().state, PartState::provisional);
    EXPECT_TRUE(named("Drive: to do, 5 things loose"));
    again();
    go(Stage::drive);
    EXPECT_TRUE(window->sayLine().contains("not ready")) << window->sayLine().toStdString();
    EXPECT_TRUE(slateText().contains("55 Nm by the card"));
    for (int i = 0; i < 5; ++i) key(Qt::Key_Return);
    EXPECT_TRUE(loose_list(desk->job()).empty());
    EXPECT_TRUE(slateText().contains("Nothing is loose"));
    EXPECT_FALSE(window->sayLine().contains("not ready"));
}

TEST_F(ReadyTest, TheSteeringIsCentredHeldItsPlayHalvedAndLookedAtAgain) {
    freshJob();
    go(Stage::steering);
    EXPECT_TRUE(slateText().contains("Roll-in school")) << "all three schools, with their reasons";
    key(Qt::Key_F3);
    EXPECT_EQ(last_of<SteeringSet>(desk->job())->school, SteeringSchool::gear);
    enter("clamps on the shaft");
    EXPECT_EQ(last_of<SteeringSet>(desk->job())->held, "clamps on the shaft");
    EXPECT_EQ(stage(Stage::steering).progress, Progress::done);
    point("lock");
    enter("2.9");
    EXPECT_TRUE(slateText().contains("1.45 turns"));
    point("play-left");
    enter("2 left");
    enter("5 right");
    EXPECT_TRUE(slateText().contains("Its middle is <b>1°30' to the right")) << slateText().toStdString();
    point("now");
    enter("3");
    EXPECT_TRUE(slateText().contains("which side")) << "never assumed";
    key(Qt::Key_Escape);
    enter("0");
    // Turned, it is looked at again; found off, it is asked since when.
    desk->turned({{"rod-fl", 0.25}}, true);
    EXPECT_EQ(stage(Stage::steering).spoiled_by, Happening::turned_toe);
    point("now");
    enter("0");
    EXPECT_EQ(stage(Stage::steering).progress, Progress::done);
}

TEST_F(ReadyTest, AWheelFoundOffIsTakenOutOfTheFrontToesOrReadAgain) {
    readAll({"119", "113", "119.5", "1682", "101.5", "95.5", "102", "115.5", "110", "117", "1674"});
    const double before = desk->answer().now.wheels[0].toe.value.deg();
    go(Stage::steering);
    enter("8 right");
    EXPECT_TRUE(slateText().contains("since when")) << slateText().toStdString();
    key(Qt::Key_4, Qt::AltModifier);  // so while it was read
    desk->settle();
    EXPECT_NEAR(desk->answer().now.wheels[0].toe.value.deg(), before - 8 / 16.2, 0.01);
    key(Qt::Key_Z, Qt::ControlModifier);
    desk->settle();
    EXPECT_NEAR(desk->answer().now.wheels[0].toe.value.deg(), before, 1e-6);
    enter("8 right");
    key(Qt::Key_6, Qt::AltModifier);  // nobody knows
    EXPECT_EQ(wanted_spots(desk->job(), desk->round()).size(), 4u) << "the front rims are read again";
    EXPECT_EQ(stage(Stage::steering).spoiled_by, Happening::steering_moved);
}

TEST_F(ReadyTest, CautionsAreAcknowledgedOncePerJob) {
    go(Stage::steering);
    EXPECT_TRUE(slateText().contains("Column lock off"));
    key(Qt::Key_K, Qt::ControlModifier);
    EXPECT_FALSE(slateText().contains("Column lock off"));
    again();
    go(Stage::steering);
    EXPECT_FALSE(slateText().contains("Column lock off"));
    go(Stage::turn);
    EXPECT_TRUE(slateText().contains("safety-critical")) << "another stage has its own";
}

TEST_F(ReadyTest, TheBaselineIsWrittenDownAndPutBack) {
    freshJob();
    point("take-apart");
    key(Qt::Key_F2);
    EXPECT_EQ(window->page().id, PageId::baseline);
    const auto first = baseline_of(desk->job());
    ASSERT_FALSE(first.empty());
    for (const BaselineItem& item : first) enter(item.is_length() ? "60 mm" : "mark at twelve");
    for (const BaselineItem& item : baseline_of(desk->job())) EXPECT_TRUE(item.found) << item.id;
    key(Qt::Key_F3);  // as it was put back
    point(QString::fromStdString(first.front().id));
    enter("61.5 mm");
    const BaselineItem item = baseline_of(desk->job()).front();
    ASSERT_TRUE(item.difference);
    EXPECT_NEAR(item.difference->mm(), 1.5, 1e-9);
    EXPECT_TRUE(slateText().contains("shorter puts it back")) << slateText().toStdString();
    key(Qt::Key_Escape);
    EXPECT_TRUE(window->page().none());
    EXPECT_EQ(window->stage(), Stage::ask);
}

TEST_F(ReadyTest, TheCardIsFilledInPlaceByPlaceAndNothingOnItIsLost) {
    key(Qt::Key_I, Qt::ControlModifier);
    EXPECT_EQ(window->page().id, PageId::card);
    point("steering");
    key(Qt::Key_F3);  // a box
    EXPECT_EQ(desk->job().car.steering, Steering::box);
    enter("18,5");
    EXPECT_NEAR(*desk->job().car.steering_ratio, 18.5, 1e-9);
    point("body");
    enter("16");
    EXPECT_TRUE(slateText().contains("Usual is")) << "a 16 mm wheelbase is questioned";
    EXPECT_NEAR(desk->job().car.wheelbase->mm(), 2565, 1e-9);
    key(Qt::Key_Escape);
    point("targets");
    enter("track");
    EXPECT_TRUE(slateText().contains("front axle, toe")) << slateText().toStdString();
    enter("0°10' out ±0°05' each");
    EXPECT_EQ(desk->writtenCard().json()["setups"]["track"]["front"]["toe"]["aim"], "0°10' out");
    ASSERT_FALSE(desk->job().targets.empty());
    EXPECT_NEAR(desk->job().targets.front().aim.deg(), -10.0 / 60, 1e-9) << "the job aims at it from here on";
    // Back to the road: its own figures are still there.
    point("targets");
    enter("road");
    EXPECT_NEAR(desk->job().targets.front().aim.deg(), 8.0 / 60, 1e-9);
    point("torques");
    enter("drop link 45 Nm");
    EXPECT_EQ(desk->job().car.torque_of("drop link"), "45 Nm");
    point("notes");
    enter("left rear bush creaks");
    EXPECT_EQ(desk->writtenCard().json()["notes"].back(), "left rear bush creaks");
    // A picture is kept in the book; what is none is said to be none.
    const QString picture = QString::fromStdString((folder / "arm.png").string());
    QImage image(8, 6, QImage::Format_RGB32);
    image.fill(Qt::gray);
    ASSERT_TRUE(image.save(picture));
    std::ofstream(folder / "notes.txt") << "no picture";
    point("pictures");
    enter(QString::fromStdString((folder / "notes.txt").string()));
    EXPECT_TRUE(slateText().contains("not a picture"));
    key(Qt::Key_Escape);
    enter(picture);
    EXPECT_EQ(desk->book().pictures(desk->book().car_of(desk->jobId())).size(), 1u);
    const auto before = desk->writtenCard().json();
    again();
    EXPECT_EQ(desk->writtenCard().json(), before);
    EXPECT_EQ(desk->writtenCard().json()["load"], "half a tank, nobody in it")
        << "what was not touched stays";
    EXPECT_EQ(desk->book().pictures(desk->book().car_of(desk->jobId())).size(), 1u);
}

TEST_F(ReadyTest, ACarIsCopiedWithItsCard) {
    key(Qt::Key_O, Qt::ControlModifier);
    const std::size_t cars = desk->book().cars().size();
    for (QAbstractButton* b : window->findChildren<QAbstractButton*>())
        if (b->text() == "copy this car" && b->isVisibleTo(window.get())) {
            b->setFocus();
            QTest::keyClick(b, Qt::Key_Return);
            break;
        }
    desk->settleMaking();
    ASSERT_EQ(desk->book().cars().size(), cars + 1);
    const auto copy = desk->book().cars().back();
    EXPECT_TRUE(copy.name.ends_with("(copy)")) << copy.name;
    EXPECT_EQ((*desk->book().card(copy.id))["wheelbase"],
              (*desk->book().card(desk->book().cars().front().id))["wheelbase"]);
}

TEST_F(ReadyTest, EveryPlaceSaysWhatItIsToThoseWhoHearIt) {
    for (Stage s : {Stage::ask, Stage::check_over, Stage::floor, Stage::steering, Stage::drive}) {
        go(s);
        int marks = 0;
        for (const PlaceMark* m : window->findChildren<PlaceMark*>()) {
            EXPECT_FALSE(m->accessibleName().isEmpty());
            EXPECT_GE(m->width(), 40) << m->accessibleName().toStdString();
            EXPECT_GE(m->height(), 24) << m->accessibleName().toStdString();
            ++marks;
        }
        EXPECT_GE(marks, 3) << index_of(s);
    }
}

}  // namespace
}  // namespace fairchalk::desk
