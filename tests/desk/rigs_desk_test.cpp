// SPDX-License-Identifier: GPL-3.0-or-later
#include <set>

#include "core/job/equipment.h"
#include "desk_fixture.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

struct RigsDesk : DeskTest {
    PlaceMark* place(const QString& id) {
        for (PlaceMark* m : window->findChildren<PlaceMark*>())
            if (m->isVisibleTo(window.get()) && m->id == id) return m;
        ADD_FAILURE() << "no place " << id.toStdString();
        return nullptr;
    }
    void choose(const QString& id) {
        if (PlaceMark* m = place(id)) QTest::mouseClick(m, Qt::LeftButton);
    }
    /// The button of the Slate that begins so.
    QPushButton* button(const QString& start) {
        for (QPushButton* b : window->slate().findChildren<QPushButton*>())
            if (b->isVisibleTo(&window->slate()) && b->text().startsWith(start)) return b;
        return nullptr;
    }
    void press(const QString& start) {
        QPushButton* b = button(start);
        ASSERT_TRUE(b) << start.toStdString();
        QTest::mouseClick(b, Qt::LeftButton);
        desk->settle();
    }
    void setUp(const QString& rig) {
        window->setStage(Stage::lines);
        choose("rig:" + rig);
        press("Set it up");
    }
    void putAway(const QString& rig) {
        window->setStage(Stage::lines);
        choose("rig:" + rig);
        press("Put it away");
    }
    void tell(const QString& size, const QString& value) {
        window->setStage(Stage::lines);
        choose(size);
        enter(value);
        desk->settle();
        EXPECT_EQ(window->stage(), Stage::lines) << "no stage is left by itself";
        for (const QAbstractButton* b : window->findChildren<QAbstractButton*>())
            if (b->isVisible() && b->accessibleName() == "Go on: Read") return goOn();
    }
    const Reading& last() {
        for (std::size_t i = desk->log().size(); i-- > 0;)
            if (const Reading* r = std::get_if<Reading>(&desk->log()[i].event); r && desk->job().live(i))
                return *r;
        throw std::runtime_error("nothing read");
    }
    void ask(const Spot& spot) {
        window->setStage(Stage::read);
        window->reading().ask(spot);
    }
};

TEST_F(RigsDesk, WhatIsAtHandSaysWhatCanBeMeasured) {
    demo();
    open();
    key(Qt::Key_5, Qt::ControlModifier);
    choose("wall");
    enter("two stands, a tape, boards");
    EXPECT_EQ(desk->facts().at("at_hand"), "boards 2, stands 2, tape 1");
    EXPECT_TRUE(place("rig:toe-boards")->accessibleName().endsWith("possible"));
    EXPECT_TRUE(place("rig:string-stands")->accessibleName().endsWith("something is missing"));
    choose("wall");
    enter("two unicorns");
    EXPECT_TRUE(slateText().contains("unicorns")) << slateText().toStdString();
    EXPECT_EQ(window->slate().findChild<QLineEdit*>()->text(), "two unicorns") << "to be mended";
    // Pointed at, a thing comes off the wall; it is there the next time too.
    choose("thing:string");
    choose("thing:rule");
    EXPECT_TRUE(place("rig:string-left")->accessibleName().endsWith("possible"));
    desk->settle();
    close();
    open();
    key(Qt::Key_5, Qt::ControlModifier);
    EXPECT_TRUE(place("rig:string-left")->accessibleName().endsWith("possible"));
}

TEST_F(RigsDesk, BoardsInsteadOfStringsTellTheTotalAndSayWhatTheyDoNot) {
    demo();
    open();
    setUp("toe-boards");
    EXPECT_TRUE(slateText().contains("Which wheel has it"));
    EXPECT_TRUE(window->sayLine().contains("slot to slot")) << window->sayLine().toStdString();
    putAway("string-bars");
    tell("size:board_span", "600");
    EXPECT_EQ(window->stage(), Stage::read) << "all is told";
    ASSERT_EQ(wanted_spots(desk->job(), desk->round()).size(), 4u);
    readAll({"1490.5", "1487.5", "1480", "1479"});
    const Estimate& now = desk->answer().now;
    ASSERT_TRUE(now.axles[0].total_toe.known);
    // Rear tape less front tape over the slots, and the boards' own geometry: asin(3 / 600).
    bool front_first = false;
    for (const Spot& s : desk->walk())
        if (s.kind == ReadingId::boards_rear || s.kind == ReadingId::boards_front) {
            front_first = *s.axle == Axle::front;
            break;
        }
    const KnownAngle& toe = now.axles[front_first ? 0 : 1].total_toe;
    EXPECT_NEAR(std::abs(toe.value.deg()), std::asin(3.0 / 600.0) * 180 / 3.14159265, 0.002);
    EXPECT_EQ(last().tool, "tape");
    ASSERT_TRUE(last().span);
    EXPECT_NEAR(last().span->mm(), 600, 1e-9);
    EXPECT_TRUE(named("15, ")) << "what was read on strings before keeps its place after the walk or in it";
}

TEST_F(RigsDesk, WhatTwoWaysOfMeasuringShareIsToldOnce) {
    demo();
    open();
    LinesSet l = desk->lines();
    l.rigs.clear();
    for (const Rig* rig : all_rigs()) l.rigs.emplace_back(rig->id);
    desk->setLines(l);
    desk->settle();
    window->setStage(Stage::lines);
    std::set<QString> ids;
    for (const Place& p : window->drawn()->places())
        EXPECT_TRUE(ids.insert(p.id).second) << p.id.toStdString() << " stands there twice";
    const auto missing = sizes_missing(desk->lines());
    EXPECT_EQ(std::set(missing.begin(), missing.end()).size(), missing.size());
    EXPECT_EQ(sizes_of(desk->lines().rigs).size(), size_fields().size());
}

TEST_F(RigsDesk, EveryRigCanBeSetUpShownAndWalked) {
    demo();
    open();
    for (const Rig* one : all_rigs()) {
        const Rig& rig = *one;
        const QString id = QString::fromStdString(std::string(rig.id));
        LinesSet l = desk->lines();
        l.rigs = {std::string(rig.id)};
        for (const SizeField& size : size_fields()) l.sizes.*size.field = Length::from_mm(400);
        desk->setLines(l);
        desk->settle();
        window->setStage(Stage::lines);
        choose("rig:" + id);
        EXPECT_TRUE(slateText().contains("Does not tell")) << rig.id;
        // Its guide, step by step, by keyboard.
        press("How it is set up");
        const RigItem& item = *desk->knowledge().rig(rig.id);
        for (std::size_t i = 0; i + 1 < item.steps.size(); ++i) key(Qt::Key_PageDown);
        EXPECT_TRUE(slateText().contains(QString::fromStdString(item.steps.back().text))) << rig.id;
        EXPECT_FALSE(window->grab().isNull());
        key(Qt::Key_Escape);
        EXPECT_TRUE(window->page().none());
        // Each spot has its mark, its close-up, its sentence, and takes a value.
        window->setStage(Stage::read);
        int n = 0;
        for (const Spot& s : rig.walk(desk->lines(), desk->car())) {
            window->reading().ask(s);
            EXPECT_TRUE(named(desk->number(s) + ", ")) << s.name();
            EXPECT_FALSE(window->slate().findChild<CloseUp*>()->accessibleName().isEmpty()) << s.name();
            EXPECT_GT(window->sayLine().size(), 20) << s.name();
            EXPECT_NE(words::spot(s), s.name()) << "in words";
            if (++n > 2) continue;
            const bool angle = reading_kind(s.kind).quantity() == QuantityKind::angle;
            const std::size_t before = desk->log().size();
            type(angle ? "-0.5" : "105.5");
            key(Qt::Key_Return);
            if (desk->log().size() == before) key(Qt::Key_Return);  // questioned, and meant
            EXPECT_EQ(desk->log().size(), before + 1) << s.name();
            window->setStage(Stage::read);
        }
        desk->settle();
        for (const Unused& u : desk->answer().now.unused)
            EXPECT_NE(u.why.code, Code::why_not_solved_yet) << rig.id;
    }
}

TEST_F(RigsDesk, ALeanTestFixesWhichWayAGaugeCounts) {
    demo();
    open();
    setUp("camber-gauge");
    window->showPage({PageId::tools});
    choose("digital-angle-gauge");
    press("Lean test");
    enter("88.6");  // the left wheel as it stands
    enter("90.1");  // its top leaned out: more
    enter("91.0");  // the right one
    enter("89.2");  // leaned out: less
    const Tool* t = desk->job().tool("digital-angle-gauge");
    ASSERT_TRUE(t);
    EXPECT_EQ(t->shows, Shows::upright);
    EXPECT_FALSE(t->more_is_in_left);
    EXPECT_TRUE(t->more_is_in_right);
    key(Qt::Key_Escape);
    ask(wheel_spot(ReadingId::camber, Wheel::front_left));
    type("88.8");
    EXPECT_TRUE(slateText().contains("top in")) << slateText().toStdString();
    key(Qt::Key_Return);
    ask(wheel_spot(ReadingId::camber, Wheel::front_right));
    enter("91.3");
    desk->settle();
    EXPECT_NEAR(desk->answer().now.wheels[0].camber.value.deg(), -1.2, 0.3);
    EXPECT_LT(desk->answer().now.wheels[1].camber.value.deg(), -0.8);
    EXPECT_TRUE(slateText().contains("camber"));
    // A lean too small to tell is not taken.
    window->showPage({PageId::tools});
    choose("hinged-gauge");
    press("Lean test");
    enter("0.5");
    enter("0.6");
    EXPECT_TRUE(slateText().contains("hardly differ"));
    EXPECT_TRUE(desk->job().tools.size() == 1);
}

TEST_F(RigsDesk, WhatIsSaidOfAToolHoldsInEveryJobOfTheBook) {
    demo();
    open();
    const std::string first = desk->jobId();
    setUp("camber-gauge");
    ask(wheel_spot(ReadingId::camber, Wheel::front_left));
    EXPECT_TRUE(slateText().contains("taken to show minus")) << "until it was leaned";
    press("Lean test");
    EXPECT_EQ(window->page(), (Page{PageId::tools, QStringLiteral("digital-angle-gauge")}));
    press("Lean test");
    for (const char* v : {"88.6", "90.1", "91.0", "89.2"}) enter(v);
    // In another car's job it is the same gauge, before anything was read there.
    std::string other;
    for (const book::JobInfo& j : desk->book().jobs())
        if (j.id != first) other = j.id;
    desk->settle();
    close();
    open();
    window->openJob(QString::fromStdString(other));
    desk->settle();
    for (const Tool& t : desk->job().tools) EXPECT_NE(t.name, "digital-angle-gauge");
    ask(wheel_spot(ReadingId::camber, Wheel::front_right));
    EXPECT_FALSE(slateText().contains("taken to show minus"));
    const std::size_t before = desk->log().size();
    type("91.2");
    EXPECT_TRUE(slateText().contains("top in")) << slateText().toStdString();
    key(Qt::Key_Return);
    desk->settle();
    EXPECT_EQ(desk->log().size(), before + 2) << "the tool comes along with the first reading by it";
    EXPECT_EQ(desk->job().tool("digital-angle-gauge")->shows, Shows::upright);
    EXPECT_LT(desk->answer().now.wheels[1].camber.value.deg(), 0) << "by what was found out in the other job";
    // Undone where it was said, it is unsaid everywhere.
    window->openJob(QString::fromStdString(first));
    Tool zeroed = *desk->toolNamed("vernier");
    zeroed.zero = 3;
    desk->setTool(zeroed);
    EXPECT_TRUE(desk->isOwn("vernier"));
    desk->undo();
    EXPECT_FALSE(desk->isOwn("vernier"));
    EXPECT_TRUE(desk->isOwn("digital-angle-gauge"));
}

TEST_F(RigsDesk, WhatNothingChecksIsSaidOnceTheRoundIsRead) {
    demo();
    open();
    setUp("toe-boards");
    putAway("string-bars");
    tell("size:board_span", "600");
    readAll({"1490.5", "1487.5", "1480"});
    window->setStage(Stage::read);
    EXPECT_FALSE(slateText().contains("Nothing checks")) << "there is more to come";
    enter("1479");
    desk->settle();
    window->setStage(Stage::read);
    EXPECT_TRUE(slateText().contains("Nothing checks")) << slateText().toStdString();
}

TEST_F(RigsDesk, WhereTwoWaysDisagreeTheReadingThatStandsOutIsNamed) {
    demo();
    open();
    setUp("toe-boards");
    tell("size:board_span", "600");
    readAll({"119.0", "113.0", "119.5", "1682", "101.5", "95.5", "102.0", "115.5", "110.0", "117.0", "1674"});
    for (auto [kind, v] : {std::pair(ReadingId::boards_rear, "1491"), {ReadingId::boards_front, "1483"}}) {
        ask(axle_spot(kind, Axle::front));
        enter(v);
    }
    desk->settle();
    ASSERT_FALSE(desk->answer().agreements.empty());
    ASSERT_FALSE(desk->answer().agreements.front().agree);
    window->setStage(Stage::read);
    EXPECT_TRUE(slateText().contains("stands out most")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("Toe boards and two tapes")) << "by their names";
}

TEST_F(RigsDesk, TheWallAndTheWaysAreOneKeyAway) {
    demo();
    open();
    key(Qt::Key_5, Qt::ControlModifier);
    key(Qt::Key_F4);  // I have …
    EXPECT_EQ(window->drawn()->chosen(), "wall");
    enter("two stands, string, a rule");
    key(Qt::Key_F3);  // the ways
    EXPECT_EQ(window->drawn()->chosen(), "rig:string-bars");
    for (int i = 0; i < 2; ++i) key(Qt::Key_PageDown);
    EXPECT_EQ(window->drawn()->chosen(), "rig:string-left");
    key(Qt::Key_F2);  // set it up
    key(Qt::Key_PageUp);
    key(Qt::Key_PageUp);
    key(Qt::Key_F2);  // and put the box away
    desk->settle();
    EXPECT_EQ(desk->lines().rigs, std::vector<std::string>{"string-left"});
    key(Qt::Key_6, Qt::ControlModifier);
    EXPECT_EQ(desk->walk().front(), wheel_spot(ReadingId::rim_rear, Wheel::rear_left));
}

TEST_F(RigsDesk, WhatIsPutAwayLeavesNothingTickedAndNoToolOfItsBehind) {
    open();
    key(Qt::Key_N, Qt::ControlModifier);
    enter("Bare car");
    key(Qt::Key_Return, Qt::ControlModifier);
    LinesSet l = desk->lines();
    l.rigs = {"tread-tape"};
    desk->setLines(l);
    desk->settle();
    window->setStage(Stage::read);
    enter("1500 mm");
    desk->settle();
    key(Qt::Key_5, Qt::ControlModifier);
    EXPECT_EQ(desk->tool(), "steel-rule-mm") << "a tape across the treads is not what strings are read with";
    key(Qt::Key_F3);
    ASSERT_EQ(window->drawn()->chosen(), "rig:tread-tape");
    key(Qt::Key_F2);  // put it away
    desk->settle();
    EXPECT_TRUE(desk->lines().rigs.empty());
    EXPECT_TRUE(button("Set it up")) << "and nothing else in its place";
    window->drawn()->choose("rig:sweep-gap");
    key(Qt::Key_F2);
    desk->settle();
    EXPECT_EQ(desk->lines().rigs, std::vector<std::string>{"sweep-gap"});
    key(Qt::Key_F2);
    desk->settle();
    EXPECT_TRUE(window->sayLine().startsWith("Choose how it is measured")) << window->sayLine().toStdString();
}

TEST_F(RigsDesk, AGapAsksWhichWayTheTopLeans) {
    demo();
    open();
    setUp("camber-gap");
    tell("size:gap_height", "400");
    ask(wheel_spot(ReadingId::camber_gap, Wheel::front_left));
    ASSERT_TRUE(button("Top leans in"));
    press("Top leans in");
    ASSERT_TRUE(button("Top leans out"));
    enter("7");
    desk->settle();
    ASSERT_TRUE(last().top_in);
    EXPECT_FALSE(*last().top_in);
    EXPECT_NEAR(desk->answer().now.wheels[0].camber.value.deg(), std::asin(7 / 400.0) * 180 / 3.14159265,
                0.3);
    EXPECT_EQ(last().tool, "spirit-level-gap");
}

TEST_F(RigsDesk, EachEndOfASweepKeepsTheWayItLeaned) {
    demo();
    open();
    setUp("sweep-gap");
    tell("size:gap_height", "400");
    ask(swept_spot(ReadingId::camber_gap, Wheel::front_left, Swept::out));
    press("Top leans in");
    enter("7");
    ask(swept_spot(ReadingId::camber_gap, Wheel::front_left, Swept::in));
    press("Top leans out");
    enter("9");
    ask(swept_spot(ReadingId::camber_gap, Wheel::front_left, Swept::out));
    EXPECT_TRUE(button("Top leans out")) << "as it was read there, whatever the other end showed since";
    ask(swept_spot(ReadingId::camber_gap, Wheel::front_left, Swept::in));
    EXPECT_TRUE(button("Top leans in"));
}

TEST_F(RigsDesk, ASweepGivesCasterOnTheSlateAndOnTheFloor) {
    demo();
    open();
    setUp("caster-sweep");
    tell("sweep", "18");
    for (auto [swept, value] :
         {std::pair(Swept::straight, "-1.0"), {Swept::out, "0.35"}, {Swept::in, "-1.75"}}) {
        ask(swept_spot(ReadingId::camber, Wheel::front_left, swept));
        enter(value);
    }
    desk->settle();
    window->setStage(Stage::read);
    const KnownAngle& caster = desk->answer().now.wheels[0].caster;
    ASSERT_TRUE(caster.known);
    EXPECT_NEAR(std::abs(caster.value.deg()), 2.1 / (2 * std::sin(18 * 3.14159265 / 180)) * 1.0, 0.3);
    EXPECT_TRUE(slateText().contains("caster"));
    ask(swept_spot(ReadingId::camber, Wheel::front_left, Swept::out));
    EXPECT_NEAR(last().turned->deg(), -18, 1e-9) << "in is minus";
}

TEST_F(RigsDesk, ASweepMayEndWhereItEndsAndASignThatIsWrongIsSeen) {
    demo();
    open();
    setUp("caster-sweep");
    ask(swept_spot(ReadingId::camber, Wheel::front_left, Swept::out));
    press("Turned by");
    enter("17.5");
    EXPECT_TRUE(slateText().contains("17°30'")) << slateText().toStdString();
    enter("-1.5");
    EXPECT_NEAR(last().turned->deg(), 17.5, 1e-9);
    ask(swept_spot(ReadingId::camber, Wheel::front_left, Swept::in));
    press("Turned by");
    enter("300 mm");
    EXPECT_TRUE(slateText().contains("0.9 turns")) << "said, and what would be right";
    key(Qt::Key_A, Qt::ControlModifier);
    enter("0.9 turns");
    enter("0.4");
    ASSERT_TRUE(last().wheel_turned);
    EXPECT_FALSE(last().turned);
    EXPECT_NEAR(last().wheel_turned->deg(), -324, 1e-9);
    ask(swept_spot(ReadingId::camber, Wheel::front_left, Swept::straight));
    enter("-0.8");
    desk->settle();
    window->setStage(Stage::read);
    ASSERT_TRUE(desk->answer().now.wheels[0].caster.known);
    EXPECT_LT(desk->answer().now.wheels[0].caster.value.deg(), 0);
    // Of another round it says nothing.
    window->reading().ask(swept_spot(ReadingId::camber, Wheel::front_left, Swept::out));
    EXPECT_TRUE(slateText().contains("17°30'"));
    desk->happened(ChangeKind::jacked);
    desk->settle();
    window->reading().ask(swept_spot(ReadingId::camber, Wheel::front_left, Swept::out));
    EXPECT_TRUE(slateText().contains("turned by 20°00'")) << slateText().toStdString();
    desk->undo();
    desk->settle();
    window->setStage(Stage::read);
    EXPECT_TRUE(slateText().contains("leans out at the top"))
        << desk->answer().now.wheels[0].caster.value.deg() << " ± "
        << desk->answer().now.wheels[0].caster.plus_minus().deg();
}

TEST_F(RigsDesk, HalfATurnOnEndForEndAndTheHeightAreOneKeyAway) {
    demo();
    open();
    setUp("camber-gauge");
    ask(wheel_spot(ReadingId::camber, Wheel::rear_left));
    press("Half a turn on");
    EXPECT_TRUE(slateText().contains("half a turn on"));
    enter("-1.1");
    EXPECT_TRUE(last().spot.rolled);
    Spot rolled = wheel_spot(ReadingId::camber, Wheel::rear_left);
    const QString plain = desk->number(rolled);
    rolled.rolled = true;
    EXPECT_EQ(desk->number(rolled), plain + QStringLiteral("½"));
    ask(wheel_spot(ReadingId::camber, Wheel::rear_left));
    press("End for end");
    enter("-1.3");
    EXPECT_EQ(last().spot.kind, ReadingId::camber_reversed);
    ask(wheel_spot(ReadingId::hub, Wheel::front_left));
    press("String's height");
    enter("12");
    EXPECT_EQ(last().spot.kind, ReadingId::string_height);
    EXPECT_EQ(*last().spot.side, Side::left);
    ask(wheel_spot(ReadingId::hub, Wheel::front_left));
    press("Hub width");
    EXPECT_EQ(window->reading().spot()->kind, ReadingId::hub_width);
    key(Qt::Key_PageDown);
    EXPECT_EQ(window->reading().spot()->kind, ReadingId::rim_front) << "on along the walk";
}

TEST_F(RigsDesk, AGaugeTurnedEndForEndThatShowsTheOtherSignIsAskedAbout) {
    demo();
    open();
    LinesSet lines = desk->lines();
    lines.rigs = {"camber-gauge"};
    desk->setLines(lines);
    window->setStage(Stage::read);
    window->reading().ask(wheel_spot(ReadingId::camber, Wheel::front_left));
    enter("-1.2");
    desk->settle();
    const Spot reversed = wheel_spot(ReadingId::camber_reversed, Wheel::front_left);
    window->reading().ask(reversed);
    EXPECT_TRUE(window->sayLine().contains("sign that it had before")) << window->sayLine().toStdString();
    const std::size_t before = readings();
    enter("1.3");
    desk->settle();
    EXPECT_EQ(readings(), before);
    EXPECT_TRUE(slateText().contains("-1.3 deg")) << slateText().toStdString();
    key(Qt::Key_Return);
    desk->settle();
    EXPECT_EQ(readings(), before + 1) << "who insists has a gauge whose zero is far off";
    // Taken back, it is asked for there again, though no walk leads to it.
    key(Qt::Key_Z, Qt::ControlModifier);
    desk->settle();
    EXPECT_EQ(window->reading().spot(), reversed);
    enter("-1.3");
    desk->settle();
    EXPECT_EQ(readings(), before + 1);
    EXPECT_LT(desk->answer().now.wheels[0].camber.value.deg(), -0.9)
        << "with the other sign it was near zero";
}

TEST_F(RigsDesk, ASuspectIsSetAsideWhenSaidTwiceAndTheRestStandsAsIfItHadNotBeen) {
    demo();
    open();
    readAll({"119.0", "113.0", "119.5", "1682", "101.5", "95.5", "102.0", "115.5", "110.0", "117.0", "1674"});
    const Angle before = desk->answer().now.axles[0].total_toe.value;
    const Spot hub = wheel_spot(ReadingId::rim_front, Wheel::front_left);
    ask(hub);
    enter("144.9");  // an inch off
    desk->settle();
    ask(hub);
    ASSERT_TRUE(desk->answer().now.alarm);
    EXPECT_TRUE(slateText().contains("all the rest fits")) << slateText().toStdString();
    const QString n = desk->number(hub);
    const std::size_t entries = desk->log().size();
    QPushButton* aside = button("Set " + n + " aside");
    ASSERT_TRUE(aside);
    // The key on the button asks; a value typed after it, meant for the rule, strikes nothing.
    ASSERT_TRUE(aside->text().endsWith("Alt 5")) << aside->text().toStdString();
    key(Qt::Key_5, Qt::AltModifier);
    EXPECT_TRUE(slateText().contains("strike out 144.9 mm: why?")) << slateText().toStdString();
    enter("119");
    EXPECT_EQ(desk->log().size(), entries);
    EXPECT_TRUE(desk->answer().now.alarm);
    window->slate().findChild<QLineEdit*>()->clear();
    sure();
    EXPECT_EQ(desk->log().size(), entries + 1);
    EXPECT_FALSE(desk->answer().now.alarm);
    EXPECT_NEAR(desk->answer().now.axles[0].total_toe.value.deg(), before.deg(), 1e-9);
    EXPECT_TRUE(slateText().contains("144.9")) << "struck out, and still to be seen";
}

TEST_F(RigsDesk, TheSquaringAssistantSaysWhichEndToMoveHowFar) {
    demo();
    open();
    window->setStage(Stage::lines);
    choose("square");
    EXPECT_TRUE(slateText().contains("Nothing needs it"));
    press("Help me square them");
    window->setStage(Stage::read);
    EXPECT_TRUE(slateText().contains("After ")) << "not known yet: " << slateText().toStdString();
    readAll({"119.0", "113.0", "119.5", "1682", "101.5", "95.5", "102.0", "115.5", "110.0", "117.0", "1674"});
    window->setStage(Stage::read);
    const StandMove& m = desk->answer().squaring.moves.front();
    ASSERT_TRUE(m.worth_it);
    EXPECT_TRUE(slateText().contains(QString::number(std::abs(m.outward.mm()), 'f', 1) + " mm " +
                                     (m.outward.mm() > 0 ? "away from" : "toward")))
        << slateText().toStdString();
}

TEST_F(RigsDesk, SteeringThatWasNotHeldLeavesTheTotal) {
    demo();
    open();
    readAll({"119.0", "113.0", "119.5", "1682", "101.5", "95.5", "102.0", "115.5", "110.0", "117.0", "1674"});
    window->setStage(Stage::lines);
    choose("held");
    press("It was not held");
    window->setStage(Stage::read);
    EXPECT_TRUE(desk->answer().now.axles[0].total_toe.known);
    EXPECT_FALSE(desk->answer().now.wheels[0].toe.known);
    EXPECT_TRUE(slateText().contains("not held")) << slateText().toStdString();
}

TEST_F(RigsDesk, ToolsHaveTheirZeroTheirWayAndTheirTwin) {
    demo();
    open();
    window->showPage({PageId::tools});
    choose("tape");
    press("Its zero");
    enter("2");
    press("Another like it");
    enter("Tape B");
    const Tool* b = desk->job().tool("tape-b");
    ASSERT_TRUE(b);
    EXPECT_NEAR(b->zero, 2.0, 1e-9) << "as the one it was made after";
    press("Its division");
    enter("0.5");
    EXPECT_NEAR(desk->job().tool("tape-b")->resolution, 0.5, 1e-9);
    press("Another like it");
    enter("tape");
    EXPECT_TRUE(slateText().contains("already")) << "a name of its own";
    choose("steel-rule-mm");
    press("Nudge test");
    press("It fell");
    enter("300");
    const Tool* rule = desk->job().tool("steel-rule-mm");
    ASSERT_TRUE(rule && rule->inward);
    EXPECT_NEAR(rule->scale_length->mm(), 300, 1e-9);
    press("Read lengths with it");
    // The other tape by one button, for both readings of an axle.
    setUp("toe-boards");
    tell("size:board_span", "600");
    ask(axle_spot(ReadingId::boards_rear, Axle::front));
    press("With: tape");
    enter("1490");
    EXPECT_NE(last().tool, "tape");
}

TEST_F(RigsDesk, RepeatsTeachTheSpreadOfARule) {
    demo();
    open();
    const Spot hub = wheel_spot(ReadingId::hub, Wheel::rear_left);
    for (const char* v : {"99.5", "99.0", "100.0", "99.5", "98.5", "100.5"}) {
        ask(hub);
        enter(v);
    }
    desk->settle();
    window->showPage({PageId::tools});
    choose("steel-rule-mm");
    EXPECT_TRUE(slateText().contains("Your own repeats")) << slateText().toStdString();
    press("Reckon with your own");
    const Tool* t = desk->job().tool("steel-rule-mm");
    ASSERT_TRUE(t);
    EXPECT_GT(t->sigma, 0.3) << "0.25 was the standard one; these scatter by 0.7";
    EXPECT_FALSE(t->sigma_stated);
}

TEST_F(RigsDesk, PairsAndTheThrustLineHaveTargetsOnTheCardAndVerdicts) {
    demo();
    open();
    readAll({"119.0", "113.0", "119.5", "1682", "101.5", "95.5", "102.0", "115.5", "110.0", "117.0", "1674"});
    setUp("camber-gauge");
    for (auto [w, v] : {std::pair(Wheel::front_left, "-1.2"), {Wheel::front_right, "-0.2"}}) {
        ask(wheel_spot(ReadingId::camber, w));
        enter(v);
    }
    window->showPage({PageId::card});
    choose("targets");
    const auto want = [&](const QString& name, const QString& text) {
        const auto asked = [&] {
            for (const QLabel* l : window->slate().findChildren<QLabel*>())
                if (l->text() == name) return true;
            return false;
        };
        for (int i = 0; i < 12 && !asked(); ++i) key(Qt::Key_PageDown);
        ASSERT_TRUE(asked()) << name.toStdString();
        enter(text);
        desk->settle();
    };
    want("front axle, camber, left less right", "0 ±0.1 deg");
    choose("targets");
    want("thrust line, at most", "0 deg ±0.5 deg");
    int cross = 0, thrust = 0;
    for (const Verdict& v : desk->answer().verdicts) {
        cross += v.target.measure == Measure::cross_camber && v.call == Call::outside;
        thrust += v.target.measure == Measure::thrust && v.call == Call::inside;
    }
    EXPECT_EQ(cross, 1) << slateText().toStdString();
    EXPECT_EQ(thrust, 1) << slateText().toStdString();
}

TEST_F(RigsDesk, AWheelHasItsOwnTargetOnTheCard) {
    demo();
    open();
    window->showPage({PageId::card});
    choose("targets");
    const auto asked = [&](const QString& name) {
        for (const QLabel* l : window->slate().findChildren<QLabel*>())
            if (l->text() == name) return true;
        return false;
    };
    const QString camber = "left front camber, its own";
    for (int i = 0; i < 24 && !asked(camber); ++i) key(Qt::Key_PageDown);
    ASSERT_TRUE(asked(camber)) << slateText().toStdString();
    enter("-1.2 deg ±0.25 deg");
    desk->settle();
    bool there = false;
    for (const Verdict& v : desk->answer().verdicts)
        if (v.target.name() == "front-left.camber") {
            there = true;
            EXPECT_NEAR(v.target.lo.deg(), -1.45, 1e-9);
            EXPECT_NEAR(v.target.hi.deg(), -0.95, 1e-9);
        }
    EXPECT_TRUE(there) << "and comes before its axle's";
    // A wheel has no total.
    choose("targets");
    const QString toe = "left front toe, its own";
    for (int i = 0; i < 24 && !asked(toe); ++i) key(Qt::Key_PageDown);
    ASSERT_TRUE(asked(toe));
    enter("0°10' in ±0°05' total");
    EXPECT_TRUE(slateText().contains("one wheel's own toe")) << slateText().toStdString();
}

TEST_F(RigsDesk, ALevelAndItsGapDoForASweep) {
    demo();
    open();
    setUp("sweep-gap");
    tell("size:gap_height", "400");
    tell("sweep", "20");
    const auto gap = [&](Swept swept, const char* leans, const char* mm) {
        ask(swept_spot(ReadingId::camber_gap, Wheel::front_left, swept));
        press(leans);
        enter(mm);
    };
    gap(Swept::straight, "Top leans in", "4.2");
    gap(Swept::out, "Top leans out", "6.4");
    gap(Swept::in, "Top leans in", "11.8");
    desk->settle();
    const KnownAngle& caster = desk->answer().now.wheels[0].caster;
    ASSERT_TRUE(caster.known) << slateText().toStdString();
    const double by = (std::atan(6.4 / 400) + std::atan(11.8 / 400)) / (2 * std::sin(20 * 3.14159265 / 180));
    EXPECT_NEAR(std::abs(caster.value.deg()), by * 180 / 3.14159265, 0.3);
    EXPECT_EQ(last().tool, "spirit-level-gap");
}

TEST_F(RigsDesk, BoardsForTheFrontAskForTheFrontAndSayWhatTheyCannotTell) {
    demo();
    open();
    window->showPage({PageId::card});
    choose("targets");
    setUp("toe-boards");
    tell("size:board_span", "600");
    desk->settle();
    window->setStage(Stage::read);
    for (const Spot& s : desk->walk()) EXPECT_NE(desk->number(s), "+") << s.name();
    EXPECT_FALSE(slateText().contains("known after +")) << slateText().toStdString();
}

TEST_F(RigsDesk, WhatIsChosenOnlyAfterATurnIsAskedForThen) {
    demo();
    open();
    readAll({"119.0", "113.0", "119.5", "1682", "101.5", "95.5", "102.0", "115.5", "110.0", "117.0", "1674"});
    window->setStage(Stage::turn);
    window->turning().turnedAsWritten();
    desk->settle();
    const auto toe_only = wanted_spots(desk->job(), desk->round());
    setUp("camber-gap");
    const auto all = wanted_spots(desk->job(), desk->round());
    EXPECT_EQ(all.size(), toe_only.size() + 4);
}

TEST_F(RigsDesk, WhatHasToBeToldIsAskedForInTurnAndWhatIsWrongIsSaid) {
    demo();
    open();
    setUp("chassis-centreline");
    setUp("caster-gauge");
    window->setStage(Stage::lines);
    choose("stations");
    enter("0");
    EXPECT_TRUE(slateText().contains("a second mark")) << slateText().toStdString();
    key(Qt::Key_A, Qt::ControlModifier);
    enter("0; 2400 mm");
    ASSERT_EQ(desk->lines().stations.size(), 2u);
    EXPECT_NEAR(desk->lines().stations[1].mm(), 2400, 1e-9);
    window->setStage(Stage::lines);
    choose("sweep");
    enter("75");
    EXPECT_TRUE(slateText().contains("more than a wheel turns")) << slateText().toStdString();
    key(Qt::Key_A, Qt::ControlModifier);
    enter("18");
    EXPECT_NEAR(desk->lines().sweep->deg(), 18, 1e-9);
    EXPECT_EQ(window->stage(), Stage::lines) << "on to the gauge's own scale";
    enter("20");
    EXPECT_NEAR(desk->lines().caster_scale->deg(), 20, 1e-9);
    // The rule and the gauge are chosen among what the drawer has.
    window->setStage(Stage::lines);
    choose("rule");
    press("vernier");
    EXPECT_EQ(desk->tool(), "vernier");
    choose("gauge");
    press("bubble gauge");
    EXPECT_EQ(desk->gauge(), "bubble-gauge");
    EXPECT_TRUE(slateText().contains("Toes are measured from the car's centerline and the chassis marks"))
        << slateText().toStdString();
    // All of it is undone like anything else.
    desk->undo();
    EXPECT_NE(desk->gauge(), "bubble-gauge");
}

TEST_F(RigsDesk, TheSumsForMakingAreOnTheCard) {
    demo();
    open();
    window->showPage({PageId::making, QStringLiteral("sweep")});
    enter("1.2 m");
    enter("15");
    EXPECT_EQ(desk->facts().at("making:sweep:base"), "1200");
    choose("card:gauge");
    press("Show this card");
    enter("500");
    EXPECT_TRUE(place("arm")->accessibleName().contains("500.0 mm"));
    choose("card:bars");
    press("Show this card");
    EXPECT_TRUE(slateText().contains("Notch from the middle"));
    enter("-3");
    EXPECT_TRUE(slateText().contains("above 0")) << slateText().toStdString();
    choose("card:centre");
    press("Show this card");
    for (const char* v : {"100", "180", "250", "300"}) enter(v);
    EXPECT_TRUE(slateText().contains("not round")) << slateText().toStdString();
}

}  // namespace
}  // namespace fairchalk::desk
