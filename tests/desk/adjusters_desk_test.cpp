// SPDX-License-Identifier: GPL-3.0-or-later
#include <QImage>
#include <QPainter>

#include "core/car/adjuster.h"
#include "desk_fixture.h"
#include "floor/device_drawing.h"
#include "lock/lock_guide.h"
#include "shelf/car_page.h"
#include "turn/turn_view.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

/// The hillclimb special: rods, links and shims, one side out in camber.
struct AdjustersTest : DeskTest {
    void special() {
        demo();
        open();
        for (const book::JobInfo& j : desk->book().jobs())
            if (j.title == "brask-hillclimb") window->openJob(QString::fromStdString(j.id));
        desk->settle();
        key(Qt::Key_7, Qt::ControlModifier);
    }
    const PlannedTurn* planned(const std::string& id) {
        for (const PlannedTurn& t : desk->answer().plan.turns)
            if (t.adjuster == id) return &t;
        return nullptr;
    }
    QPushButton* button(const QString& begins) {
        for (QPushButton* b : window->slate().findChildren<QPushButton*>())
            if (b->isVisibleTo(window.get()) && b->accessibleName().startsWith(begins)) return b;
        return nullptr;
    }
    /// By the list of plans, as a digit chooses it.
    void choose(const QString& plan) {
        ASSERT_TRUE(button("Plan: ")) << "it says which plan stands";
        QTest::mouseClick(button("Plan: "), Qt::LeftButton);
        ASSERT_TRUE(button(plan)) << plan.toStdString();
        const QString digit = button(plan)->text().right(1);
        key(static_cast<Qt::Key>(Qt::Key_0 + digit.toInt()));
        desk->settle();
    }
    void pointAt(const QString& place) {
        for (PlaceMark* m : window->findChildren<PlaceMark*>())
            if (m->isVisibleTo(window.get()) && m->id == place) return QTest::mouseClick(m, Qt::LeftButton);
        FAIL() << place.toStdString();
    }
};

TEST_F(AdjustersTest, TheSheetHasEveryTurnInItsOrderAndWhatTheShimsAre) {
    special();
    ASSERT_TRUE(planned("shims-fr")) << slateText().toStdString();
    EXPECT_FALSE(planned("shims-fl")) << "it is inside";
    EXPECT_FALSE(planned("shims-fr")->shims.empty());
    ASSERT_TRUE(planned("rod-fr"));
    std::size_t shims = 99, rod = 0;
    for (std::size_t i = 0; i < desk->answer().plan.turns.size(); ++i) {
        if (desk->answer().plan.turns[i].adjuster == "shims-fr") shims = i;
        if (desk->answer().plan.turns[i].adjuster == "rod-fr") rod = i;
    }
    EXPECT_LT(shims, rod);
    EXPECT_TRUE(slateText().contains("Right front upper-arm shims, front bolt")) << slateText().toStdString();
    // Each card says what it is to who does not see it; the sheet turns by key.
    QStringList said;
    for (const QWidget* w : window->findChildren<TurnView*>().front()->findChildren<QWidget*>())
        said << w->accessibleName();
    EXPECT_TRUE(said.join('\n').contains("Right front upper-arm shims: ")) << said.join('\n').toStdString();
    key(Qt::Key_PageDown);
    // Toe only, then all of it again.
    const std::size_t all = desk->answer().plan.turns.size();
    choose("toe only tonight");
    EXPECT_EQ(desk->planChoice().name, "toe");
    EXPECT_FALSE(planned("shims-fr"));
    EXPECT_LT(desk->answer().plan.turns.size(), all);
    EXPECT_TRUE(named("Plan: toe only tonight …"));
    // One side only, and what that leaves; Escape leaves the list as it was.
    choose("right side only");
    ASSERT_TRUE(planned("shims-fr"));
    for (const PlannedTurn& t : desk->answer().plan.turns) EXPECT_EQ(side_of(t.wheel), Side::right);
    choose("left side only");
    EXPECT_FALSE(planned("shims-fr"));
    EXPECT_TRUE(slateText().contains("Right front camber: left out of this plan"))
        << slateText().toStdString();
    key(Qt::Key_4, Qt::AltModifier);
    key(Qt::Key_Escape);
    EXPECT_EQ(desk->planChoice().name, "left");
    choose("all of it");
    EXPECT_EQ(desk->answer().plan.turns.size(), all);
}

TEST_F(AdjustersTest, FromAnEmptyBookToShimsTurnedAndReadAgainByKeyboard) {
    open();
    key(Qt::Key_N, Qt::ControlModifier);
    key(Qt::Key_I, Qt::ControlModifier);  // all of its card
    const auto fill = [&](const char* field, const QString& text) {
        auto* f = window->carPage().findChild<QLineEdit*>(QString::fromLatin1(field));
        ASSERT_TRUE(f) << field;
        f->setFocus();
        QTest::keyClicks(f, text);
    };
    enter("Fell runner");
    fill("wheelbase", "2400 mm");
    fill("front_span", "400 mm");
    fill("rear_span", "400 mm");
    for (QPushButton* b : window->carPage().findChildren<QPushButton*>())
        if (b->property("value") == "behind-axle" && b->property("group") == "rods")
            QTest::keyClick(b, Qt::Key_Space);
    fill("pitch", "1.5 mm");
    fill("arm", "130 mm");
    fill("front_aim", "0°08' in");
    fill("front_minus", "0°15'");
    fill("front_plus", "0°15'");
    key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_TRUE(desk->hasJob());

    // The card, walked through with Page Down; a choice is a key of the Slate.
    key(Qt::Key_I, Qt::ControlModifier);
    const auto at = [&](const QString& place, const QString& item) {
        const auto there = [&] {
            const Guide* g = window->slate().guide();
            return g && g->title().contains(place) && g->subtitle().contains(item);
        };
        for (int n = 0; n < 120 && !there(); ++n) key(Qt::Key_PageDown);
        ASSERT_TRUE(there()) << place.toStdString() << ", " << item.toStdString();
    };
    const auto pick = [&](const QString& choice) {
        const auto acts = window->slate().guide()->acts();
        for (std::size_t i = 0; i < acts.size(); ++i)
            if (acts[i].id == choice) {
                if (i < 3)
                    key(static_cast<Qt::Key>(Qt::Key_F2 + i));
                else
                    key(static_cast<Qt::Key>(Qt::Key_1 + i), Qt::AltModifier);
                return desk->settle();
            }
        FAIL() << choice.toStdString();
    };
    const auto told = [&](const QString& place, const QString& item, const QString& what) {
        at(place, item);
        enter(what);
        desk->settle();
    };
    at("left front", "camber is adjusted by");
    pick("shims");
    at("left front", "more of them push the arm");
    pick("out");
    told("left front", "in the front stack", "4 of 1 mm");
    told("left front", "in the rear stack", "4 of 1 mm");
    told("Set-up", "front axle, camber", "-1 deg ±0.4 deg");
    told("Torques", "in the tin", "4 of 0.5 mm, 3 of 1 mm");
    const Adjuster* shims = desk->job().car.device("shim-pair-front-left");
    ASSERT_TRUE(shims);
    ASSERT_EQ(shims->stacks[1].size(), 1u);
    ASSERT_EQ(desk->job().car.tin.size(), 2u);
    key(Qt::Key_Escape);

    // Strings and bars, and a gauge beside them.
    key(Qt::Key_5, Qt::ControlModifier);
    for (const char* bar : {"535", "60 cm"}) enter(bar);
    key(Qt::Key_5, Qt::ControlModifier);
    pointAt("rig:camber-gauge");
    for (QPushButton* b : window->slate().findChildren<QPushButton*>())
        if (b->isVisibleTo(window.get()) && b->text().startsWith("Set it up")) {
            QTest::keyClick(b, Qt::Key_Space);
            break;
        }
    desk->settle();
    key(Qt::Key_6, Qt::ControlModifier);
    const auto value = [&](const Spot& s, double camber) -> QString {
        switch (s.kind) {
            case ReadingId::camber:
                return s.wheel == Wheel::front_left ? QString::number(camber) : QStringLiteral("-1");
            case ReadingId::string_to_string:
                return QStringLiteral("1700");
            case ReadingId::hub:
                return QStringLiteral("103");
            default:
                return QStringLiteral("109");
        }
    };
    const auto read_all = [&](double camber) {
        for (int n = 0; n < 60 && window->reading().spot() && next_spot(desk->job(), desk->round()); ++n) {
            enter(value(*window->reading().spot(), camber));
            desk->settle();
            // What looks unlike all before it is asked once more.
            if (window->slate().findChild<QLineEdit*>()->text() != "") key(Qt::Key_Return);
            desk->settle();
        }
    };
    read_all(0.2);
    key(Qt::Key_7, Qt::ControlModifier);
    ASSERT_TRUE(planned("shim-pair-front-left")) << slateText().toStdString();
    const PlannedTurn turn = *planned("shim-pair-front-left");
    EXPECT_LT(turn.turns + turn.second, -1.0) << "shims out: the top of the wheel comes in";
    EXPECT_FALSE(turn.shims.empty()) << "and where they go";
    for (const ShimMove& m : turn.shims) EXPECT_EQ(m.to.name(), "tin");
    key(Qt::Key_F2);
    desk->settle();
    const std::size_t before = readings();
    key(Qt::Key_6, Qt::ControlModifier);
    read_all(-0.8);
    EXPECT_GT(readings(), before);
    EXPECT_LT(readings() - before, before) << "what it spoiled, and not all";
    for (const DeviceResponse& r : desk->answer().now.device_responses) EXPECT_EQ(r.turns_seen, 1);
    EXPECT_NEAR(desk->answer().now.wheels[0].camber.value.deg(), -0.85, 0.15) << "between expected and read";
}

TEST_F(AdjustersTest, WhatTheCardDoesNotSayOfShimsIsLookedAtBeforeAnyAreMoved) {
    special();
    ASSERT_TRUE(planned("shims-fr"));
    const PlannedTurn as_said = *planned("shims-fr");
    CarCard car = desk->car();
    for (Adjuster& a : car.adjusters) a.pushes_in = Told::unknown;
    desk->record(CarEdit{car});
    desk->settle();
    EXPECT_FALSE(planned("shims-fr"));
    EXPECT_TRUE(slateText().contains("look which way more of them push the arm"))
        << slateText().toStdString();
    ASSERT_TRUE(button("Looked: more push the arm inward"));
    QTest::mouseClick(button("Looked: more push the arm outward"), Qt::LeftButton);
    desk->settle();
    ASSERT_TRUE(planned("shims-fr"));
    EXPECT_NEAR(planned("shims-fr")->turns, as_said.turns, 1e-9);
    EXPECT_NEAR(planned("shims-fr")->second, as_said.second, 1e-9);
    for (const Adjuster& a : desk->car().adjusters)
        if (a.kind == "shim-pair" && axle_of(wheel_of(a)) == Axle::front) {
            EXPECT_EQ(a.pushes_in, Told::no) << a.id;
        }
}

TEST_F(AdjustersTest, WhereABushStandsIsAskedForOnTheCardAndNotTakenAsOutward) {
    special();
    CarCard car = desk->car();
    for (Adjuster& a : car.adjusters)
        if (a.kind == "shim-pair") {
            Adjuster bush;
            bush.id = a.id, bush.kind = "off-centre-bush", bush.wheel = a.wheel, bush.bolt = "both";
            a = bush;
        }
    desk->record(CarEdit{car});
    desk->settle();
    EXPECT_FALSE(planned("shims-fr"));
    EXPECT_TRUE(slateText().contains("look where its thick side stands")) << slateText().toStdString();
    ASSERT_TRUE(button("Say where it stands"));
    QTest::mouseClick(button("Say where it stands"), Qt::LeftButton);
    EXPECT_TRUE(window->slate().guide()->title().contains("right front"));
    EXPECT_TRUE(window->slate().guide()->subtitle().contains("its thick side stands"))
        << window->slate().guide()->subtitle().toStdString();
}

TEST_F(AdjustersTest, WhatIsNoPlanAndNoAmountIsSaidAndNothingIsKeptOfIt) {
    special();
    const std::size_t entries = desk->log().size(), all = desk->answer().plan.turns.size();
    // A digit that is no plan, a letter, a page key: the list stays.
    key(Qt::Key_4, Qt::AltModifier);
    for (Qt::Key k : {Qt::Key_0, Qt::Key_X, Qt::Key_PageDown}) key(k);
    EXPECT_TRUE(slateText().contains("Which plan?")) << slateText().toStdString();
    EXPECT_EQ(desk->planChoice().name, "");
    key(Qt::Key_Escape);
    EXPECT_FALSE(slateText().contains("Which plan?"));
    // Amounts that are none.
    key(Qt::Key_F3);
    for (const char* wrong : {"abc", "12 furlongs", "1/0", "3 deg", "2 Nm"}) {
        enter(wrong);
        EXPECT_TRUE(slateText().contains("front bolt")) << wrong << ": still the same question";
        EXPECT_EQ(window->slate().findChild<QLineEdit*>()->text(), wrong) << "it stays to be mended";
        key(Qt::Key_Escape);
        key(Qt::Key_F3);
    }
    desk->settle();
    EXPECT_EQ(desk->log().size(), entries);
    EXPECT_EQ(desk->answer().plan.turns.size(), all);
    // However one says it.
    enter("cannot");
    EXPECT_TRUE(slateText().contains("rear bolt")) << slateText().toStdString();
}

TEST_F(AdjustersTest, AfterATurnTheAnglesAreWhatIsExpectedUntilTheyAreRead) {
    special();
    key(Qt::Key_F2);
    desk->settle();
    key(Qt::Key_7, Qt::ControlModifier);
    EXPECT_TRUE(slateText().contains("Expected of the turn, not read yet")) << slateText().toStdString();
    EXPECT_FALSE(slateText().contains("No number of readings")) << "reading is just what tells";
}

TEST_F(AdjustersTest, AcrossTheFloorTheSheetIsInBigFigures) {
    special();
    key(Qt::Key_F8);
    const auto* big = window->findChild<BigFigures*>();
    ASSERT_TRUE(big && big->isVisibleTo(window.get()));
    ASSERT_FALSE(big->blocks().empty());
    EXPECT_EQ(big->blocks()[0].above, "1  Right front upper-arm shims");
    EXPECT_TRUE(big->blocks()[0].figure.contains("at the front bolt"))
        << big->blocks()[0].figure.toStdString();
    EXPECT_TRUE(big->blocks()[0].below.contains("→")) << "which shims go where";
    ASSERT_EQ(big->blocks().size(), 2u) << "both stand on one sheet";
    EXPECT_EQ(big->blocks()[1].above, "2  Right tie rod");
    EXPECT_TRUE(big->blocks()[1].figure.contains("turn")) << big->blocks()[1].figure.toStdString();
    EXPECT_TRUE(big->blocks()[1].below.contains("Rotate"));
    EXPECT_TRUE(big->accessibleName().contains("Right tie rod"));
    // On the Read stage the spot again.
    key(Qt::Key_6, Qt::ControlModifier);
    ASSERT_EQ(big->blocks().size(), 1u);
    EXPECT_FALSE(big->blocks()[0].above.contains("tie rod"));
    key(Qt::Key_F8);
    EXPECT_FALSE(big->isVisibleTo(window.get()));
}

TEST_F(AdjustersTest, WhatWasReallyTurnedIsAskedHandleByHandleAndOnlyItsSpotsAgain) {
    special();
    const auto turns = desk->answer().plan.turns;
    key(Qt::Key_F3);
    for (const PlannedTurn& t : turns) {
        if (t.kind.empty()) {
            enter("0");
            continue;
        }
        EXPECT_TRUE(slateText().contains("front bolt")) << slateText().toStdString();
        enter("1.5 mm");
        EXPECT_TRUE(slateText().contains("rear bolt"));
        enter("-0.5 mm");
    }
    desk->settle();
    const Turn* last = last_of<Turn>(desk->job());
    ASSERT_TRUE(last);
    EXPECT_EQ(last->adjuster, "shims-fr");
    EXPECT_NEAR(last->turns, 1.5, 1e-9);
    EXPECT_NEAR(last->second, -0.5, 1e-9);
    for (const Spot& s : wanted_spots(desk->job(), desk->round()))
        if (s.wheel) {
            EXPECT_EQ(*s.wheel, Wheel::front_right) << s.name();
        }
    // It is on the disk, and reads back.
    close();
    open();
    const Turn* again = last_of<Turn>(desk->job());
    ASSERT_TRUE(again);
    EXPECT_EQ(again->kind, "shim-pair");
    EXPECT_NEAR(again->second, -0.5, 1e-9);
}

TEST_F(AdjustersTest, WhatDoesNotTurnIsLeftOutOfTheNextPlanAndExpectedStandsBesideMeasured) {
    special();
    const std::size_t all = desk->answer().plan.turns.size();
    key(Qt::Key_F3);
    for (std::size_t n = 0; n < all; ++n)
        for (int handle = 0; handle < (desk->answer().plan.turns[n].kind.empty() ? 1 : 2); ++handle)
            enter(handle == 0 && n == 0 ? "can't" : "0");
    desk->settle();
    EXPECT_EQ(desk->planChoice().name, "cannot");
    EXPECT_FALSE(planned("shims-fr")) << "the seized one";
    EXPECT_EQ(last_of<Turn>(desk->job()), nullptr) << "nothing was turned";
    EXPECT_TRUE(named("With all adjusters again"));
    desk->choosePlan({});
    desk->settle();
    ASSERT_TRUE(planned("shims-fr"));
    EXPECT_TRUE(desk->answer().expected.empty());
    key(Qt::Key_F2);
    desk->settle();
    EXPECT_TRUE(desk->answer().expected.empty()) << "not measured yet";
    goOn();
    // One spot of it read: what had been expected stands beside it.
    enter("101");
    desk->settle();
    key(Qt::Key_Return);
    desk->settle();
    EXPECT_FALSE(desk->answer().expected.empty());
}

TEST_F(AdjustersTest, WhereThereIsNoTargetThereAreSchoolsWithTheirReasonAndNoFigure) {
    demo();
    open();
    key(Qt::Key_I, Qt::ControlModifier);
    pointAt("targets");
    const auto schools = desk->knowledge().on("targets");
    ASSERT_GE(schools.size(), 5u);
    EXPECT_EQ(schools.front()->id, "target-maker") << "the maker's figure before all of them";
    const QString text = slateText();
    for (const School* s : schools) {
        EXPECT_TRUE(text.contains(QString::fromStdString(s->text))) << s->id;
        EXPECT_EQ(s->how.find_first_of("0123456789"), std::string::npos)
            << s->id << ": a school is no figure for a car";
        EXPECT_FALSE(s->reason.empty());
    }
}

TEST_F(AdjustersTest, LockingHasItsTorqueTheSumForAnExtensionAndAsksForTheReadingsAgain) {
    special();
    key(Qt::Key_F2);
    desk->settle();
    key(Qt::Key_7, Qt::ControlModifier);
    window->showPage({PageId::lock});
    EXPECT_TRUE(slateText().contains("Mark")) << slateText().toStdString();
    pointAt("rod-fr");
    EXPECT_TRUE(slateText().contains("45 Nm")) << slateText().toStdString();
    enter("400 mm");
    EXPECT_TRUE(slateText().contains("Two lengths"));
    key(Qt::Key_Escape);
    window->slate().findChild<QLineEdit*>()->clear();
    enter("400 mm 100 mm");
    EXPECT_TRUE(slateText().contains("set <b>36 Nm</b>")) << slateText().toStdString();
    while (dynamic_cast<const LockGuide*>(window->slate().guide()) && turned_unlocked(desk->job())) {
        key(Qt::Key_F2);
        desk->settle();
    }
    EXPECT_FALSE(turned_unlocked(desk->job()));
    EXPECT_TRUE(next_spot(desk->job(), desk->round())) << "whether it moved is read";
    desk->settle();
    const auto reads = [this] {
        const auto& steps = desk->answer().evening.steps;
        return std::count_if(steps.begin(), steps.end(),
                             [](const EveningStep& s) { return s.what == EveningStep::What::read; });
    };
    EXPECT_EQ(reads(), 1) << "and its minutes are said";
}

TEST_F(AdjustersTest, ATorqueThatTheCardLacksIsTypedWhereTheNutIsLocked) {
    special();
    book::WrittenCard card = desk->writtenCard();
    card.put({"torques"}, book::Json::array());
    desk->editCard(card);
    desk->settle();
    key(Qt::Key_F2);
    desk->settle();
    key(Qt::Key_7, Qt::ControlModifier);
    window->showPage({PageId::lock});
    pointAt("rod-fr");
    ASSERT_TRUE(slateText().contains("Its torque is not on the card")) << slateText().toStdString();
    enter("400 mm 100 mm");
    EXPECT_TRUE(slateText().contains("With the torque the sum can be done")) << slateText().toStdString();
    enter("55");
    EXPECT_TRUE(slateText().contains("with its unit")) << slateText().toStdString();
    EXPECT_TRUE(desk->car().torques.empty());
    enter("40 lb ft");
    EXPECT_EQ(desk->car().torque_of("tie rod locknut"), "40 lb ft");
    EXPECT_TRUE(slateText().contains("Torque from the card: <b>40 lb ft</b>"));
    enter("60 Nm");
    EXPECT_TRUE(slateText().contains("it is changed there")) << "not by a slip of the keys";
    EXPECT_EQ(desk->car().torque_of("tie rod locknut"), "40 lb ft");
}

TEST_F(AdjustersTest, TheCardMakesAdjustersOfEveryKindAndTheTin) {
    demo();
    open();
    key(Qt::Key_I, Qt::ControlModifier);
    const auto say = [&](const QString& place, const QString& item, const QString& choice) {
        pointAt(place);
        for (int n = 0; n < 40 && !window->slate().guide()->subtitle().contains(item); ++n)
            window->slate().step(+1);
        ASSERT_TRUE(window->slate().guide()->subtitle().contains(item)) << item.toStdString();
        if (window->slate().guide()->typing()) {
            enter(choice);
        } else {
            const auto acts = window->slate().guide()->acts();
            for (std::size_t i = 0; i < acts.size(); ++i)
                if (acts[i].id == choice) window->slate().act(i);
        }
        desk->settle();
    };
    // Only what can set it is offered.
    const auto offered = [&](const QString& item) {
        pointAt("front-left");
        while (!window->slate().guide()->subtitle().contains(item)) window->slate().step(+1);
        QStringList out;
        for (const auto& act : window->slate().guide()->acts()) out << act.id;
        return out.join(' ');
    };
    EXPECT_TRUE(offered("toe is").startsWith("none rods shims cams tube")) << offered("toe is").toStdString();
    EXPECT_TRUE(
        offered("camber is").startsWith("none rods strut-bolt shims plates cams slots top-plates arms"))
        << offered("camber is").toStdString();
    EXPECT_TRUE(offered("caster is").startsWith("none rods shims cams top-plates radius-rods"))
        << offered("caster is").toStdString();
    say("front-left", "camber is adjusted by", "shims");
    const Adjuster* d = desk->job().car.device("shim-pair-front-left");
    ASSERT_TRUE(d);
    say("front-left", "in the front stack", "2 of 1 mm, 0.5 mm");
    say("front-left", "joint over the lower", "310 mm");
    say("torques", "shims in the tin", "4 of 0.5 mm, 2 mm across");
    d = desk->job().car.device("shim-pair-front-left");
    ASSERT_TRUE(d);
    EXPECT_EQ(d->stacks[0].size(), 2u);
    EXPECT_EQ(d->stacks[0][0].count, 2);
    EXPECT_NEAR(d->joint_height->mm(), 310, 1e-9);
    say("front-left", "in the rear stack", "none");
    d = desk->job().car.device("shim-pair-front-left");
    ASSERT_EQ(d->stacks[1].size(), 1u) << "known to hold nothing";
    EXPECT_EQ(d->stacks[1][0].count, 0);
    ASSERT_EQ(desk->job().car.tin.size(), 2u);
    EXPECT_TRUE(desk->job().car.tin[1].spans);
    // Caster by the same shims makes no second set; another choice for both takes them away.
    say("front-left", "caster is adjusted by", "shims");
    say("front-left", "camber is adjusted by", "cams");
    EXPECT_TRUE(desk->job().car.device("shim-pair-front-left")) << "caster still has them";
    EXPECT_TRUE(desk->job().car.device("cam-front-front-left"));
    EXPECT_TRUE(desk->job().car.device("cam-rear-front-left"));
    say("front-left", "caster is adjusted by", "cams");
    EXPECT_FALSE(desk->job().car.device("shim-pair-front-left"));
    say("front-left", "off its middle", "6 mm");
    EXPECT_TRUE(desk->job().car.rod("rod-fl")) << "the rods stay";
    // Rubbish in the tin is said, and nothing lost.
    pointAt("torques");
    while (!window->slate().guide()->subtitle().contains("tin")) window->slate().step(+1);
    for (const char* rubbish : {"4 of lots", "x of 1 mm", "-2 of 1 mm", "9999 of 1 mm"}) {
        enter(QString::fromLatin1(rubbish));
        EXPECT_EQ(desk->job().car.tin.size(), 2u) << rubbish;
        window->slate().findChild<QLineEdit*>()->clear();
    }
}

TEST_F(AdjustersTest, TheNextJobBeginsWithWhatTheLastTaughtAndChangesOverWithoutStrings) {
    special();
    const std::string car = desk->book().car_of(desk->jobId());
    key(Qt::Key_F2);
    desk->settle();
    // What nobody has read yet has taught nothing.
    for (const DeviceResponse& r : desk->answer().now.device_responses) EXPECT_EQ(r.turns_seen, 0);
    key(Qt::Key_6, Qt::ControlModifier);
    // What the shims did is read again, as expected and a little more.
    for (const Spot& s : wanted_spots(desk->job(), desk->round())) {
        const auto before = readings_at(desk->job(), desk->round() - 1, s);
        if (s.kind != ReadingId::camber || s.swept != Swept::straight || before.empty()) continue;
        window->reading().ask(s);
        enter(QString::number(std::get<Reading>(desk->log()[before.back()].event).value.value - 0.8));
        desk->settle();
        if (readings_at(desk->job(), desk->round(), s).empty()) key(Qt::Key_Return);
        desk->settle();
    }
    bool seen = false;
    for (const DeviceResponse& r : desk->answer().now.device_responses)
        seen = seen || (r.device == "shims-fr" && r.turns_seen == 1);
    EXPECT_TRUE(seen);
    const book::Json taught = JobDesk::taughtCard(desk->book(), car);
    bool response = false;
    for (const book::Json& a : taught["adjusters"])
        response = response || (a["id"] == "shims-fr" && a.contains("response"));
    EXPECT_TRUE(response) << taught.dump();
    // A new job on it: nothing read, all taken over, another set-up.
    window->showCarPage(QString::fromStdString(car));
    key(Qt::Key_Return, Qt::ControlModifier);
    desk->settle();
    ASSERT_TRUE(desk->job().rounds[0].readings.empty());
    bool carried = false;
    for (const Adjuster& a : desk->job().car.adjusters) carried = carried || !a.response.empty();
    EXPECT_TRUE(carried) << "the card has what was learnt";
    key(Qt::Key_7, Qt::ControlModifier);
    // What the last job left is worked out beside the window.
    for (int n = 0; n < 1000 && !button("Take over what is known"); ++n) QTest::qWait(5);
    key(Qt::Key_8, Qt::AltModifier);
    desk->settle();
    ASSERT_TRUE(last_of<AnglesCarried>(desk->job())) << slateText().toStdString();
    EXPECT_TRUE(desk->answer().now.wheels[0].toe.known);
    EXPECT_TRUE(desk->answer().now.wheels[0].camber.known);
    choose("change over to road");
    EXPECT_EQ(desk->writtenCard().json()["setup_in_use"], "road");
    // The rods have far to go for it, and nothing has shown on which side they run: one look, one key.
    for (int n = 0; n < 2 && desk->answer().plan.next == NextStep::look; ++n) {
        ASSERT_TRUE(button("Looked: it runs behind the axle")) << slateText().toStdString();
        QTest::mouseClick(button("Looked: it runs behind the axle"), Qt::LeftButton);
        desk->settle();
    }
    ASSERT_TRUE(planned("shims-fl") && planned("shims-fr")) << slateText().toStdString();
    EXPECT_GT(planned("shims-fl")->turns + planned("shims-fl")->second, 0.0) << "from -2 to -1 degrees";
    EXPECT_TRUE(slateText().contains("Likely to finish the job"));
    EXPECT_TRUE(slateText().contains("ood enough without reading (all inside: "))
        << slateText().toStdString();
}

/// A job on a car whose card has these adjusters; the card at the head of the next one, begun on the shelf.
struct NextJob : AdjustersTest {
    book::Json asWritten(const book::Json& adjusters) {
        {
            UuidSource ids(sources());
            book::Book b(path);
            b.add_job(b.add_car({{"name", "a truck"}, {"adjusters", adjusters}}, ids), "first",
                      book::Json::object(), ids);
        }
        open();
        window->showCarPage(QString::fromStdString(desk->book().cars().front().id));
        card = window->findChild<CarPage*>();
        return adjusters;
    }
    book::Json begun() {
        key(Qt::Key_Return, Qt::ControlModifier);
        desk->settle();
        return desk->writtenCard().json()["adjusters"];
    }
    void fill(const char* field, const char* text) { card->findChild<QLineEdit*>(field)->setText(text); }
    void press(const char* group, const char* value) {
        for (QPushButton* b : card->findChildren<QPushButton*>())
            if (b->property("group") == group && b->property("value") == value) b->click();
    }
    CarPage* card = nullptr;
};

TEST_F(NextJob, ATubeIsGivenNoRodsBesideIt) {
    const book::Json was = asWritten({{{"id", "tube"}, {"kind", "cross-tube"}, {"step", "1/4 turn"}},
                                      {{"id", "drag"}, {"kind", "drag-link"}, {"wheel", "front-left"}}});
    EXPECT_EQ(begun(), was);
}

TEST_F(NextJob, WhatDiffersFromSideToSideStaysAsItIs) {
    const book::Json was =
        asWritten({{{"id", "right"},
                    {"kind", "steering-rod"},
                    {"wheel", "front-right"},
                    {"rod", "ahead-of-axle"},
                    {"thread", "left"},
                    {"pitch", "1.5 mm"},
                    {"double_ended", true}},
                   {{"id", "left"},
                    {"kind", "steering-rod"},
                    {"wheel", "front-left"},
                    {"rod", "ahead-of-axle"},
                    {"thread", "right"},
                    {"pitch", "1.25 mm"}},
                   {{"id", "link"}, {"kind", "toe-link"}, {"wheel", "rear-left"}, {"thread", "left"}}});
    EXPECT_EQ(begun(), was);
}

TEST_F(NextJob, OneRodStaysOneAndOnlyWhatIsChangedIs) {
    book::Json is =
        asWritten({{{"id", "rod"},
                    {"kind", "steering-rod"},
                    {"wheel", "front-right"},
                    {"thread", "left"},
                    {"pitch", "1.5 mm"}},
                   {{"id", "link"}, {"kind", "toe-link"}, {"wheel", "rear-left"}, {"pitch", "2 mm"}}});
    EXPECT_EQ(card->findChild<QLineEdit*>("pitch")->text(), "1.5 mm") << "of the rod there is";
    press("rods", "behind-axle");
    fill("pitch", "1.25 mm");
    is[0]["rod"] = "behind-axle";
    is[0]["pitch"] = "1.25 mm";
    EXPECT_EQ(begun(), is) << "the thread of tie rods is none of a toe link's";
}

TEST_F(AdjustersTest, TheNextJobAimsAsTheLastOneAndLeavesTheCardInItsOwnWords) {
    demo();
    open();
    for (const book::CarInfo& car : desk->book().cars()) {
        const book::Json card = *desk->book().card(car.id), aims = JobDesk::lastTargets(desk->book(), car.id);
        ASSERT_FALSE(aims.empty()) << car.name;
        window->showCarPage(QString::fromStdString(car.id));
        desk->settle();
        key(Qt::Key_Return, Qt::ControlModifier);
        desk->settle();
        ASSERT_EQ(desk->book().car_of(desk->jobId()), car.id);
        EXPECT_EQ(desk->targetsJson(), aims) << car.name;
        EXPECT_EQ(desk->writtenCard().json(), card) << car.name;
    }
}

TEST_F(AdjustersTest, OfTheNextJobsAimsOnlyWhatIsTypedIsAnother) {
    demo();
    open();
    const auto cars = desk->book().cars();
    const auto car = std::find_if(cars.begin(), cars.end(),
                                  [](const book::CarInfo& c) { return c.name == "Brask hillclimb special"; });
    book::Json aims = JobDesk::lastTargets(desk->book(), car->id);
    window->showCarPage(QString::fromStdString(car->id));
    desk->settle();
    const auto field = [&](const char* name) {
        return window->findChild<CarPage*>()->findChild<QLineEdit*>(name);
    };
    EXPECT_NE(field("front_aim")->text(), "");
    field("front_aim")->setText("0°02' out");
    field("front_minus")->setText("0°05'");
    field("front_plus")->setText("0°05'");
    key(Qt::Key_Return, Qt::ControlModifier);
    desk->settle();
    book::Json front = aims["front"];
    front.erase("total_toe");
    front["total_toe"] = {{"aim", "0°02' out"}, {"minus", "0°05'"}, {"plus", "0°05'"}};
    aims["front"] = front;
    EXPECT_EQ(desk->targetsJson(), aims);
}

TEST_F(AdjustersTest, ShimsThatDidSomethingElseAreNamedAndTheAnglesStandAsRead) {
    special();
    ASSERT_TRUE(planned("shims-fr"));
    key(Qt::Key_F2);
    desk->settle();
    goOn();
    // Taken out as written, and the top came out instead of in.
    for (int n = 0; n < 40 && window->reading().spot(); ++n) {
        const Spot s = *window->reading().spot();
        double v = 0.0;
        for (int round = 0; round < desk->round(); ++round)
            for (std::size_t i : readings_at(desk->job(), round, s))
                v = std::get<Reading>(desk->log()[i].event).value.value;
        if (reading_kind(s.kind).against_gravity()) v += 0.7;
        enter(QString::number(v));
        desk->settle();
        if (readings_at(desk->job(), desk->round(), s).empty()) key(Qt::Key_Return);
        desk->settle();
    }
    key(Qt::Key_7, Qt::ControlModifier);
    ASSERT_TRUE(desk->answer().belief.last());
    EXPECT_EQ(desk->answer().belief.last()->adjuster, "shims-fr")
        << name_of(desk->answer().belief.last()->what);
    EXPECT_EQ(desk->answer().belief.last()->angle, WheelAngle::camber);
    EXPECT_TRUE(slateText().contains("That turn did something else"));
    EXPECT_TRUE(slateText().contains("should have leaned in by")) << slateText().toStdString();
    EXPECT_NEAR(desk->answer().now.wheels[1].camber.value.deg(), -1.27 + 0.7, 0.1);
}

/// Every kind's drawing puts something on the paper, and another thing for the other way.
TEST(DeviceDrawing, EveryKindIsDrawnAndShowsItsWay) {
    for (const AdjusterKind* kind : adjuster_kinds()) {
        Adjuster d;
        d.id = "it";
        d.kind = kind->name();
        d.wheel = Wheel::front_left;
        const auto drawn = [&](double first, double second) {
            QImage paper(420, 140, QImage::Format_ARGB32_Premultiplied);
            paper.fill(Qt::black);
            QPainter p(&paper);
            PlannedTurn t;
            t.adjuster = d.id;
            t.kind = d.kind;
            t.turns = first;
            t.second = second;
            drawAdjuster(p, QRectF(20, 30, 380, 90), d, {t.turns, t.second});
            return paper;
        };
        const double one = kind->handles(d)[0].unit == HandleUnit::degree ? 30.0 : 2.0;
        QImage blank(420, 140, QImage::Format_ARGB32_Premultiplied);
        blank.fill(Qt::black);
        EXPECT_NE(drawn(one, 0), blank) << d.kind;
        EXPECT_NE(drawn(one, 0), drawn(-one, 0)) << d.kind << ": which way is in the drawing";
        if (kind->handles(d).size() > 1) {
            EXPECT_NE(drawn(0, one), drawn(one, 0)) << d.kind << ": and which handle";
        }
        EXPECT_FALSE(words::seen_from(d).empty());
    }
}

}  // namespace
}  // namespace fairchalk::desk
