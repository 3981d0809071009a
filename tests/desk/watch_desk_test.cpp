// SPDX-License-Identifier: GPL-3.0-or-later
// What the rule shows while an adjuster is turned: typed beside the sheet, kept, and answered at once.
#include "core/advice/procedure.h"
#include "core/job/rig.h"
#include "core/network/foreseen.h"
#include "desk_fixture.h"
#include "look/html.h"
#include "turn/watch_question.h"

namespace fairchalk::desk {
namespace {

struct WatchDeskTest : DeskTest {
    /// The demo estate, read to the end of its round.
    void sheet() {
        demo();
        open();
        readAll(tarnby_rest);
    }
    std::size_t count(bool (*is)(const Entry&)) const {
        return static_cast<std::size_t>(std::count_if(desk->log().begin(), desk->log().end(), is));
    }
    static bool is_uncounted(const Entry& e) {
        const Turn* t = std::get_if<Turn>(&e.event);
        return t && !t->counted;
    }
    static bool is_before_shake(const Entry& e) {
        const Reading* r = std::get_if<Reading>(&e.event);
        return r && r->before_shake;
    }
    /// A tube of which nobody knows where it runs, by two tapes: a test turn comes first.
    void testTurn() {
        demo();
        open();
        book::WrittenCard card = desk->writtenCard();
        card.adjusted_by(Wheel::front_left, "toe", "tube");
        card.put_of_adjuster("cross-tube", {"double_ended"}, false);
        desk->editCard(card);
        LinesSet lines = desk->lines();
        lines.rigs = {"stud-bars"};
        lines.sizes.stud_span = Length::from_mm(1524);
        desk->setLines(lines);
        desk->editTargets(
            {{"front", {{"total_toe", {{"aim", "0.25 deg"}, {"minus", "0.1 deg"}, {"plus", "0.1 deg"}}}}}});
        window->setStage(Stage::read);
        for (auto [kind, v] :
             {std::pair(ReadingId::stud_bar_rear, "1502"), {ReadingId::stud_bar_front, "1480"}}) {
            window->reading().ask(axle_spot(kind, Axle::front));
            enter(v);
        }
        desk->settle();
        key(Qt::Key_7, Qt::ControlModifier);
        key(Qt::Key_9, Qt::AltModifier);
        desk->settle();
        ASSERT_TRUE(slateText().contains("A test turn")) << slateText().toStdString();
    }
    std::size_t turns() const {
        return count([](const Entry& x) { return std::holds_alternative<Turn>(x.event); });
    }
    const Until& goal() const { return desk->answer().until.front(); }
};

TEST_F(WatchDeskTest, AValueTypedWhileTurningSaysHowMuchIsLeftAndIsKept) {
    sheet();
    ASSERT_FALSE(desk->answer().until.empty()) << slateText().toStdString();
    const Until first = goal();
    ASSERT_TRUE(first.now);
    EXPECT_TRUE(slateText().contains("Turn until it shows"));
    key(Qt::Key_9, Qt::AltModifier);
    desk->settle();
    ASSERT_TRUE(window->slate().asksBesides()) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("is turned")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("stop at about")) << "what it is to show stands above the line";
    const auto spot = window->slate().findChild<QLabel*>()->text();
    key(Qt::Key_PageDown);
    EXPECT_NE(window->slate().findChild<QLabel*>()->text(), spot) << "another spot";
    key(Qt::Key_PageUp);
    EXPECT_EQ(window->slate().findChild<QLabel*>()->text(), spot);
    // What is no value is refused, and stays.
    enter("about so");
    EXPECT_EQ(count(is_before_shake), 0u);
    key(Qt::Key_Escape);
    desk->settle();
    EXPECT_FALSE(window->slate().asksBesides()) << "Escape leaves it";
    key(Qt::Key_9, Qt::AltModifier);
    desk->settle();
    // Half of the way, not shaken, not counted.
    const auto between = [&](double share) {
        return QString::number(*first.now + share * (first.then - *first.now), 'f', 1) +
               QStringLiteral(" mm");
    };
    enter(between(0.35));
    desk->settle();
    EXPECT_EQ(count(is_before_shake), 1u);
    EXPECT_EQ(count(is_uncounted), 1u);
    EXPECT_TRUE(slateText().contains("Another ") || slateText().contains("Go on, until it shows"))
        << slateText().toStdString();
    // Off the other way.
    enter(between(-0.4));
    desk->settle();
    EXPECT_TRUE(slateText().contains("It moved away: stop, the other way.")) << slateText().toStdString();
    // As it should show, after a shake.
    key(Qt::Key_F2);
    EXPECT_TRUE(named("F2, Shaken") || named("Shaken")) << slateText().toStdString();
    enter(between(1.0));
    desk->settle();
    EXPECT_EQ(count(is_before_shake), 2u);
    EXPECT_TRUE(slateText().contains("There: lock it.")) << slateText().toStdString();
    // All of it is in the book.
    const std::size_t entries = desk->log().size();
    close();
    open();
    EXPECT_EQ(desk->log().size(), entries);
    EXPECT_EQ(count(is_uncounted), 3u);
    EXPECT_EQ(count(is_before_shake), 2u);
    // One value is one thing to undo.
    key(Qt::Key_Z, Qt::ControlModifier);
    desk->settle();
    std::size_t live = 0;
    for (std::size_t i = 0; i < desk->log().size(); ++i)
        live += desk->job().live(i) && is_uncounted(desk->log()[i]) ? 1u : 0u;
    EXPECT_EQ(live, 2u);
}

TEST_F(WatchDeskTest, AValueThatNoHandTurnsToIsAskedAboutOnceAndNeverRefused) {
    sheet();
    const Until first = goal();
    ASSERT_TRUE(first.now);
    key(Qt::Key_9, Qt::AltModifier);
    desk->settle();
    const QString meant = QString::number(first.then, 'f', 1);
    const QString slip = QString::number(10.0 * first.then, 'f', 0);
    enter(slip);
    EXPECT_EQ(count(is_before_shake), 0u) << "asked first";
    EXPECT_TRUE(slateText().contains("from what is expected there")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("Tab takes " + meant)) << slateText().toStdString();
    key(Qt::Key_Tab);
    key(Qt::Key_Return);
    desk->settle();
    EXPECT_EQ(count(is_before_shake), 1u);
    EXPECT_NEAR(last_of<Reading>(desk->job())->value.value, first.then, 0.06);
    // Who means it keeps it: Enter once more.
    enter(slip);
    key(Qt::Key_Return);
    desk->settle();
    EXPECT_EQ(count(is_before_shake), 2u);
}

TEST_F(WatchDeskTest, ATestTurnIsMadeOnceThoughItIsReadByBothTapesAndAfterTheShake) {
    testTurn();
    const std::size_t before = readings();
    enter("1503.5");
    desk->settle();
    EXPECT_EQ(turns(), 1u);
    EXPECT_TRUE(slateText().contains("Shake it now")) << slateText().toStdString();
    key(Qt::Key_PageDown);
    ASSERT_TRUE(slateText().contains("tape in front")) << slateText().toStdString();
    enter("1478.6");
    desk->settle();
    EXPECT_EQ(readings(), before + 2);
    EXPECT_EQ(turns(), 1u) << "the other tape is of the same turn";
    key(Qt::Key_Z, Qt::ControlModifier);
    desk->settle();
    key(Qt::Key_PageUp);
    key(Qt::Key_F2);
    enter("1504.1");
    desk->settle();
    EXPECT_EQ(readings(), before + 2);
    EXPECT_EQ(turns(), 1u) << "nothing was turned between them";
}

TEST_F(WatchDeskTest, WhatIsThereByOneTapeIsNotLockedBeforeTheOtherIsRead) {
    testTurn();
    const auto look = [&](const char* value) {
        enter(value);
        desk->settle();
    };
    look("1504");
    key(Qt::Key_F2);
    look("1504.6");
    look("1494.5");
    key(Qt::Key_F2);
    look("1493.9");
    ASSERT_EQ(desk->answer().plan.next, NextStep::read);
    EXPECT_TRUE(slateText().contains("Do not lock it yet")) << slateText().toStdString();
    EXPECT_FALSE(slateText().contains("There: lock it"));
    goOn();
    EXPECT_FALSE(window->slate().asksBesides()) << "Enter goes on to the sheet";
}

TEST_F(WatchDeskTest, InATestTurnTheValueOfTheOtherTapeIsAskedAbout) {
    testTurn();
    ASSERT_TRUE(slateText().contains("tape behind"));
    const std::size_t before = readings();
    enter("1480.5");
    desk->settle();
    EXPECT_EQ(readings(), before) << "over twenty millimetres in a quarter turn: asked about";
    key(Qt::Key_Return);
    desk->settle();
    EXPECT_EQ(readings(), before + 1) << "and never refused";
    key(Qt::Key_Z, Qt::ControlModifier);
    desk->settle();
    enter("1504.5");
    desk->settle();
    EXPECT_EQ(readings(), before + 1) << "as much as an arm may do is not";
}

TEST_F(WatchDeskTest, AValueTakenBackIsAskedForAgainThere) {
    sheet();
    const Until first = goal();
    key(Qt::Key_9, Qt::AltModifier);
    desk->settle();
    const QString value = QString::number(*first.now + 0.4 * (first.then - *first.now), 'f', 1);
    enter(value);
    desk->settle();
    key(Qt::Key_Return);
    EXPECT_TRUE(slateText().contains("Nothing was typed"));
    key(Qt::Key_Z, Qt::ControlModifier);
    desk->settle();
    EXPECT_FALSE(slateText().contains("Nothing was typed")) << "what was complained of is no more";
    ASSERT_TRUE(window->slate().asksBesides()) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("stop at about")) << slateText().toStdString();
    enter(value);
    desk->settle();
    EXPECT_TRUE(window->slate().asksBesides());
    EXPECT_EQ(count(is_before_shake), 2u) << "one of them taken back";
    // By the keypad too.
    QTest::keyClick(window->focusWidget(), Qt::Key_Delete, Qt::KeypadModifier);
    desk->settle();
    EXPECT_TRUE(window->slate().asksBesides());
    EXPECT_TRUE(slateText().contains("stop at about")) << slateText().toStdString();
    // Nothing of it is left to take back: then it is the job's.
    key(Qt::Key_Z, Qt::ControlModifier);
    desk->settle();
    EXPECT_FALSE(window->slate().asksBesides());
}

TEST_F(WatchDeskTest, WhereOneIsThereEnterGoesOnToTheNextAndThenToTheSheet) {
    sheet();
    const auto from = watched_from(*desk);
    const auto another = std::find_if(from.begin(), from.end(), [&](const WatchedFrom& f) {
        return f.turn.adjuster != from.front().turn.adjuster;
    });
    ASSERT_NE(another, from.end()) << "the sheet turns two";
    const QString second = q(words::adjuster(desk->car(), another->turn.adjuster));
    const Until first = goal();
    key(Qt::Key_9, Qt::AltModifier);
    desk->settle();
    const auto at = [&](double share) {
        return QString::number(*first.now + share * (first.then - *first.now), 'f', 1);
    };
    enter(at(0.3));
    desk->settle();
    EXPECT_TRUE(slateText().contains("until it shows")) << slateText().toStdString();
    EXPECT_FALSE(named("Go on: "));
    const QString left = slateText();
    key(Qt::Key_F2);
    enter(at(1.0));
    desk->settle();
    ASSERT_TRUE(slateText().contains("There: lock it")) << slateText().toStdString();
    EXPECT_TRUE(named("Go on: " + second));
    // The last value taken back: what the one before it said stands again.
    key(Qt::Key_Z, Qt::ControlModifier);
    desk->settle();
    EXPECT_EQ(slateText(), left);
    key(Qt::Key_F2);
    enter(at(1.0));
    desk->settle();
    key(Qt::Key_Return);
    desk->settle();
    ASSERT_TRUE(window->slate().asksBesides());
    EXPECT_FALSE(slateText().contains("There: lock it")) << slateText().toStdString();
    // To its end as well: nothing is left to watch, and Enter is the sheet.
    for (int i = 0; i < 6 && window->slate().asksBesides(); ++i) {
        const auto& until = desk->answer().until;
        const auto u = std::find_if(until.begin(), until.end(), [&](const Until& each) {
            return q(words::adjuster(desk->car(), each.adjuster)) == second;
        });
        if (u != until.end()) {
            key(Qt::Key_F2);
            enter(QString::number(u->then, 'f', 1));
        } else {
            key(Qt::Key_Return);
        }
        desk->settle();
    }
    EXPECT_FALSE(window->slate().asksBesides()) << slateText().toStdString();
}

TEST_F(WatchDeskTest, WhoLeavesItBeforeTheShakeIsSentBackToTheRule) {
    demo();
    open();
    LinesSet lines = desk->lines();
    lines.rigs = {"toe-boards"};
    lines.sizes.board_span = Length::from_mm(600);
    desk->setLines(lines);
    desk->editTargets(
        {{"front", {{"total_toe", {{"aim", "0 deg"}, {"minus", "0.1 deg"}, {"plus", "0.1 deg"}}}}}});
    for (auto [kind, v] : {std::pair(ReadingId::boards_rear, "1487"), {ReadingId::boards_front, "1483"}}) {
        window->setStage(Stage::read);
        window->reading().ask(axle_spot(kind, Axle::front));
        enter(v);
    }
    desk->settle();
    window->setStage(Stage::turn);
    desk->settle();
    // Each stopped where the sheet says, the other tape read after the second, and no shake.
    int watched = 0;
    EXPECT_FALSE(slateText().contains("before a shake")) << slateText().toStdString();
    for (; watched < 4 && !desk->answer().plan.turns.empty(); ++watched) {
        const Until until = desk->answer().until.front();
        key(Qt::Key_9, Qt::AltModifier);
        desk->settle();
        enter(QString::number(until.stop, 'f', 1));
        desk->settle();
        EXPECT_TRUE(window->sayLine().startsWith("There")) << window->sayLine().toStdString();
        key(Qt::Key_F4);
        desk->settle();
        EXPECT_EQ(slateText().contains("this holds while it is not shaken"), !desk->answer().until.empty());
    }
    EXPECT_EQ(watched, 2);
    ASSERT_TRUE(shake_is_due(desk->job()));
    ASSERT_TRUE(desk->answer().plan.turns.empty());
    EXPECT_NE(desk->answer().plan.next, NextStep::as_far_as);
    EXPECT_TRUE(window->sayLine().contains("shake it, then read")) << window->sayLine().toStdString();
    const auto* on = named("Go on: Read");
    ASSERT_TRUE(on) << slateText().toStdString();
    EXPECT_EQ(on->objectName(), "main");
}

TEST_F(WatchDeskTest, WhatIsTypedOnASheetWithoutALineTurnsNothing) {
    sheet();
    const std::size_t entries = desk->log().size();
    ASSERT_TRUE(named("Turned as written")->hasFocus());
    // A fraction has a space in it, which would choose what has the focus.
    enter("4 29/64");
    desk->settle();
    EXPECT_EQ(desk->log().size(), entries) << slateText().toStdString();
    EXPECT_EQ(window->stage(), Stage::turn);
    EXPECT_TRUE(window->sayLine().contains("F3")) << window->sayLine().toStdString();
    // With nothing typed before it, the space bar does what has the focus.
    key(Qt::Key_Space);
    desk->settle();
    EXPECT_GT(desk->log().size(), entries);
}

TEST_F(WatchDeskTest, AReadingFarFromWhatTheOthersTellIsAskedAboutWhileItsReaderStandsThere) {
    sheet();
    window->turning().turnedAsWritten();
    goOn();
    ASSERT_EQ(window->stage(), Stage::read) << slateText().toStdString();
    const auto spot = window->reading().spot();
    ASSERT_TRUE(spot);
    const auto there = foreseen(desk->job(), desk->answer().now, desk->blank(*spot));
    ASSERT_TRUE(there);
    const std::size_t before = readings();
    enter(QString::number(there->value + 30.0, 'f', 1));
    EXPECT_EQ(readings(), before);
    EXPECT_TRUE(slateText().contains("from what is expected there")) << slateText().toStdString();
    key(Qt::Key_Return);
    EXPECT_EQ(readings(), before + 1) << "whoever read it twice keeps it";
    key(Qt::Key_Z, Qt::ControlModifier);
    desk->settle();
    enter(QString::number(there->value + 1.0, 'f', 1));
    EXPECT_EQ(readings(), before + 1) << "what a turn may do is no question";
}

TEST_F(WatchDeskTest, WhatIsTurnedAfterTheShimsIsNotWatchedBeforeThem) {
    demo();
    open();
    for (const book::JobInfo& j : desk->book().jobs())
        if (j.title == "brask-hillclimb") window->openJob(QString::fromStdString(j.id));
    desk->settle();
    key(Qt::Key_7, Qt::ControlModifier);
    ASSERT_GT(desk->answer().plan.turns.size(), 1u);
    EXPECT_FALSE(desk->answer().until.empty()) << "the sheet says it for later";
    key(Qt::Key_9, Qt::AltModifier);
    desk->settle();
    EXPECT_FALSE(window->slate().asksBesides());
}

TEST_F(WatchDeskTest, ACamIsNotTurnedUncountedWhereItStandsDecidesWhatItDoes) {
    sheet();
    CarCard car = desk->car();
    car.adjusters.clear();
    for (Side side : both_sides) {
        Adjuster cam;
        cam.kind = "cam";
        cam.id = side == Side::left ? "cam-rl" : "cam-rr";
        cam.wheel = wheel_at(Axle::rear, side);
        cam.rod = RodSide::behind_axle;
        cam.bolt = "both";
        cam.angle = "toe";
        cam.eccentricity = Length::from_mm(4);
        car.adjusters.push_back(cam);
    }
    Target rear;
    rear.measure = Measure::total_toe;
    rear.where = Axle::rear;
    rear.aim = Angle::from_deg(0.7);
    rear.lo = Angle::from_deg(0.6);
    rear.hi = Angle::from_deg(0.8);
    desk->record({CarEdit{car}, TargetsEdit{{rear}}});
    desk->settle();
    ASSERT_FALSE(desk->answer().plan.turns.empty()) << slateText().toStdString();
    EXPECT_FALSE(desk->answer().until.empty()) << "the sheet says what the rule will show";
    EXPECT_FALSE(slateText().contains("Alt+9")) << slateText().toStdString();
    key(Qt::Key_9, Qt::AltModifier);
    desk->settle();
    EXPECT_FALSE(window->slate().asksBesides());
}

TEST_F(WatchDeskTest, AStickTestIsTwoReadingsAndTheSheetStopsNoFurtherBeforeItsEnd) {
    sheet();
    ASSERT_FALSE(desk->answer().until.empty());
    const Until before = goal();
    const auto kept = readings();
    for (const Act& a : window->turning().acts())
        if (a.id == "stick") window->turning().act(a.id);
    ASSERT_TRUE(window->slate().asksBesides());
    EXPECT_TRUE(slateText().contains("outward"));
    enter("about so");
    EXPECT_TRUE(slateText().contains("outward")) << "what is no value is refused, and stays";
    key(Qt::Key_Escape);
    key(Qt::Key_Escape);
    for (const Act& a : window->turning().acts())
        if (a.id == "stick") window->turning().act(a.id);
    enter("119.6 mm");
    EXPECT_TRUE(slateText().contains("inward"));
    enter("119.4 mm");
    EXPECT_FALSE(window->slate().asksBesides());
    desk->settle();
    EXPECT_EQ(readings(), kept) << "they are no readings of angles";
    EXPECT_NEAR(std::abs(goal().then - goal().stop), 0.1, 1e-6);
    EXPECT_GT(std::abs(before.then - before.stop), 0.1);
    // On the disk, and out again as it was.
    close();
    open();
    desk->settle();
    EXPECT_NEAR(std::abs(goal().then - goal().stop), 0.1, 1e-6);
}

TEST_F(WatchDeskTest, ARoundAndTheTurnsAfterItByTheNumericKeypadAlone) {
    demo();
    open();
    const auto pad = [&](const QString& keys) {
        for (const QChar c : keys) {
            const Qt::Key k = c == '.'   ? Qt::Key_Period
                              : c == '/' ? Qt::Key_Slash
                              : c == '-' ? Qt::Key_Minus
                              : c == '+' ? Qt::Key_Plus
                              : c == '*' ? Qt::Key_Asterisk
                              : c == '=' ? Qt::Key_Enter
                              : c == '<' ? Qt::Key_Delete
                                         : static_cast<Qt::Key>(c.unicode());
            QWidget* at = window->focusWidget();
            QTest::keyClick(at, k, Qt::KeypadModifier);
        }
        desk->settle();
    };
    const std::size_t before = readings();
    pad("4-11/16+");
    EXPECT_EQ(window->slate().findChild<QLineEdit*>()->text(), "4 11/16 strong");
    EXPECT_TRUE(slateText().contains("119.")) << "as it is understood: " << slateText().toStdString();
    pad("<");
    pad("119=");
    EXPECT_EQ(readings(), before + 1);
    const auto* drawn = window->slate().findChild<KeypadDrawing*>();
    EXPECT_TRUE(drawn->isVisible() && drawn->accessibleName().contains("takes back"));
    // Taken back: first what is typed, then what was kept.
    pad("99<");
    EXPECT_EQ(readings(), before + 1);
    const auto kept_at = window->reading().spot();
    pad("<");
    EXPECT_EQ(readings(), before);
    EXPECT_NE(window->reading().spot(), kept_at) << "the one before, whose reading that was";
    // An empty Enter goes on, an arrow goes back.
    const auto spot = window->reading().spot();
    pad("=");
    EXPECT_NE(window->reading().spot(), spot);
    QTest::keyClick(window->focusWidget(), Qt::Key_Up, Qt::KeypadModifier);
    EXPECT_EQ(window->reading().spot(), spot);
    for (const QString& v : tarnby_rest) pad(v + '=');
    EXPECT_EQ(readings(), before + 11);
    EXPECT_EQ(window->stage(), Stage::read) << "no stage is left by itself";
    pad("=");
    ASSERT_EQ(window->stage(), Stage::turn);
    // What was turned, too.
    key(Qt::Key_F3);
    pad("3/4=");
    EXPECT_TRUE(slateText().contains("ight tie rod")) << slateText().toStdString();
    pad("-3/8=");
    pad("=");
    EXPECT_EQ(window->stage(), Stage::read) << slateText().toStdString();
    ASSERT_TRUE(last_of<Turn>(desk->job()));
    EXPECT_NEAR(last_of<Turn>(desk->job())->turns, -0.375, 1e-9);
}

TEST_F(WatchDeskTest, WhoCountsSaysSoFirstAndASecondLookIsNoTurn) {
    sheet();
    ASSERT_FALSE(desk->answer().until.empty());
    const Until first = goal();
    key(Qt::Key_9, Qt::AltModifier);
    desk->settle();
    enter(first.per_step * (first.then - *first.now) > 0 ? "1/4 turn" : "-1/4 turn");
    EXPECT_TRUE(slateText().contains("Counted: 1/4 turn")) << slateText().toStdString();
    enter(QString::number(*first.now + 0.3 * (first.then - *first.now), 'f', 1) + QStringLiteral(" mm"));
    desk->settle();
    EXPECT_EQ(count(is_uncounted), 0u);
    const auto turns = count([](const Entry& e) { return std::holds_alternative<Turn>(e.event); });
    EXPECT_EQ(turns, 1u);
    // Not turned since: read once more, shaken.
    key(Qt::Key_F2);
    key(Qt::Key_F3);
    enter(QString::number(*first.now + 0.4 * (first.then - *first.now), 'f', 1) + QStringLiteral(" mm"));
    desk->settle();
    EXPECT_EQ(count([](const Entry& e) { return std::holds_alternative<Turn>(e.event); }), turns);
    EXPECT_EQ(count(is_before_shake), 1u);
    key(Qt::Key_F4);
    EXPECT_FALSE(window->slate().asksBesides()) << "back on the sheet";
}

TEST_F(WatchDeskTest, OnThePracticeFloorTheRuleMovesAsTheRodIsTurnedAndTheTiresHoldBack) {
    practice::Play play{"tarnby", "new-rack", 2, 5};
    open();
    desk->settle();
    const book::Json none;
    // The floor itself, without the window.
    CarCard card;
    card.wheelbase = Length::from_mm(2500);
    for (AxleCard& a : card.axles) a.rim_span = Length::from_mm(400);
    Adjuster rod;
    rod.kind = steering_rod_kind;
    rod.id = "rod";
    rod.wheel = Wheel::front_left;
    rod.rod = RodSide::behind_axle;
    rod.pitch = Length::from_mm(1.5);
    card.adjusters = {rod};
    const practice::PracticeFloor floor(card, play);
    LinesSet lines;
    Reading asked = blank_reading(wheel_spot(ReadingId::rim_front, Wheel::front_left), lines);
    const Tool tool = *standard_tool("vernier");
    Turn turn;
    turn.adjuster = "rod";
    const auto shows = [&](double turns, bool shaken) {
        turn.turns = turns;
        asked.before_shake = !shaken;
        return floor.hold(asked, lines, tool, turn)->exact;
    };
    const double start = shows(0.0, true), all = shows(1.0, true) - start, before = shows(1.0, false) - start;
    EXPECT_GT(std::abs(all), 1.0);
    EXPECT_NEAR(before / all, 0.7, 0.05) << "level 2 holds back three tenths";
    EXPECT_NEAR((shows(2.0, true) - start) / all, 2.0, 0.1);
}

}  // namespace
}  // namespace fairchalk::desk
