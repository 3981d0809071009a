// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>
#include <set>

#include <QProcess>

#include "desk_fixture.h"
#include "practice/lesson_guide.h"
#include "practice/practice_jobs.h"
#include "practice/truth_guide.h"

namespace fairchalk::desk {
namespace {

/// The practice floor, walked by keys alone.
struct PracticeTest : DeskTest {
    /// Along the page until what is so called has the focus, and Enter.
    void choose(const QString& called) {
        for (int i = 0; i < 60; ++i) {
            const auto* at = qobject_cast<QAbstractButton*>(window->focusWidget());
            if (at && at->text() == called) return key(Qt::Key_Return);
            key(Qt::Key_Down);
        }
        FAIL() << "nothing is called " << called.toStdString();
    }
    void begin(const QString& car, const QString& story, const QString& level) {
        open();
        key(Qt::Key_T, Qt::ControlModifier);
        for (const QString& what : {car, story, level, QStringLiteral("begin this practice")}) choose(what);
        desk->settle();
    }
    /// As a good eye reads it, to half a division, in the tool's own notation.
    QString byEye(const practice::Held& held, const Tool& tool) {
        if (tool.quantity == QuantityKind::angle) return QStringLiteral("%1 deg").arg(held.at, 0, 'f', 1);
        const double fine = tool.resolution > 0 ? tool.resolution : 0.5;
        const double v = std::round(held.at / fine) * fine;
        return tool.name == "steel-rule-inch" ? QStringLiteral("%1/64 in").arg(std::lround(v / 25.4 * 64))
                                              : QStringLiteral("%1 mm").arg(v);
    }
    /// Walks on with the space bar, reads what is drawn, types it, until the round is read.
    void walk() {
        for (int n = 0; n < 60 && window->reading().spot(); ++n) {
            const Spot spot = *window->reading().spot();
            const std::size_t before = readings();
            key(Qt::Key_Space);
            const auto held = desk->held(desk->blank(spot));
            ASSERT_TRUE(held) << spot.name();
            enter(byEye(*held, *desk->toolNamed(desk->toolFor(spot))));
            desk->settle();
            if (readings() == before) key(Qt::Key_Return);  // a doubt: meant as typed
            desk->settle();
            ASSERT_EQ(readings(), before + 1) << spot.name() << slateText().toStdString();
        }
    }
    /// From the first spot to the truth: reads, turns as the sheet says, until the program is content.
    void play() {
        key(Qt::Key_6, Qt::ControlModifier);
        for (int pass = 0; pass < 8; ++pass) {
            walk();
            if (HasFatalFailure()) return;
            const NextStep next = desk->answer().plan.next;
            key(Qt::Key_7, Qt::ControlModifier);
            if (next == NextStep::turn) {
                key(Qt::Key_F2);  // as written
                desk->settle();
                goOn();
            } else if (next == NextStep::read) {
                // Once more the spot that tells most.
                key(Qt::Key_6, Qt::ControlModifier);
                std::optional<Spot> spot;
                for (const auto& s : desk->answer().settling)
                    if (s) spot = s->first.spot;
                // Or what the stage itself asks for.
                if (spot)
                    window->reading().ask(*spot);
                else if (!window->reading().spot())
                    break;
            } else {
                break;
            }
        }
    }
    const TruthGuide* truth() { return dynamic_cast<const TruthGuide*>(window->slate().guide()); }
};

TEST_F(PracticeTest, PlayedThroughFromStoryToTruthOnTheEstate) {
    begin("Tarnby estate", "New rack, drove home", "Calm");
    ASSERT_TRUE(desk->practice());
    EXPECT_EQ(desk->practice()->play().story, "new-rack");
    // A reading is taken where one stands, not from the chair.
    key(Qt::Key_6, Qt::ControlModifier);
    enter("113 mm");
    EXPECT_EQ(readings(), 0u);
    EXPECT_TRUE(slateText().contains("space bar")) << slateText().toStdString();
    key(Qt::Key_Escape);
    window->slate().findChild<QLineEdit*>()->clear();
    play();
    if (HasFatalFailure()) return;
    key(Qt::Key_R, Qt::ControlModifier);
    ASSERT_TRUE(truth());
    EXPECT_FALSE(truth()->told()) << "asked first";
    EXPECT_FALSE(slateText().contains("truly"));
    key(Qt::Key_F2);  // whatever it meant before
    EXPECT_FALSE(truth() && truth()->told());
    key(Qt::Key_R, Qt::ControlModifier);
    sure();
    ASSERT_TRUE(truth()->told());
    const practice::Debrief& d = *truth()->told();
    EXPECT_GE(d.passes, 1);
    EXPECT_EQ(d.inside_truly, d.verdicts) << "by the program's own advice";
    for (std::size_t w = 0; w < 4; ++w)
        EXPECT_LT(std::abs((d.believed[w].value - d.truth[w]).deg()), 4 * d.believed[w].sigma.deg());
    EXPECT_TRUE(d.mishaps.empty());
    // It stands in the book, and not among the garage's cars.
    const auto all = played(*desk);
    ASSERT_EQ(all.size(), 1u);
    EXPECT_TRUE(all[0].ended);
    EXPECT_EQ(all[0].passes, d.passes);
    key(Qt::Key_O, Qt::ControlModifier);
    EXPECT_FALSE(named("Tarnby estate, practice"));
}

TEST_F(PracticeTest, PlayedThroughOnTheHillclimbSpecialAtAllFourWheelsWithASlip) {
    begin("Brask hillclimb special", "Chassis on blocks", "As it is");
    ASSERT_TRUE(desk->practice());
    key(Qt::Key_6, Qt::ControlModifier);
    walk();
    if (HasFatalFailure()) return;
    // Ten millimetres misread at one spot, and the spot read again.
    const Spot lip = wheel_spot(ReadingId::rim_front, Wheel::rear_left);
    key(Qt::Key_6, Qt::ControlModifier);
    window->reading().ask(lip);
    key(Qt::Key_Space);
    const auto held = desk->held(desk->blank(lip));
    ASSERT_TRUE(held);
    const std::size_t before = readings();
    enter(QStringLiteral("%1 mm").arg(std::round(held->at) + 10));
    desk->settle();
    key(Qt::Key_Return);  // it is questioned, and meant
    desk->settle();
    ASSERT_EQ(readings(), before + 1) << slateText().toStdString();
    EXPECT_TRUE(desk->answer().now.alarm) << "two takings of one lip, ten millimetres apart";
    key(Qt::Key_Z, Qt::ControlModifier);
    desk->settle();
    EXPECT_FALSE(desk->answer().now.alarm);
    play();
    if (HasFatalFailure()) return;
    key(Qt::Key_R, Qt::ControlModifier);
    sure();
    ASSERT_TRUE(truth() && truth()->told());
    const practice::Debrief& d = *truth()->told();
    EXPECT_GE(d.passes, 1);
    EXPECT_GE(d.verdicts, 6) << "toe, camber and caster";
    EXPECT_GE(d.inside_truly, d.inside_believed);
    bool shims = false;
    for (const Entry& e : desk->log())
        if (const Turn* t = std::get_if<Turn>(&e.event)) shims = shims || t->kind == "shim-pair";
    EXPECT_TRUE(shims) << "camber was set from the tin";
    EXPECT_NEAR(desk->practice()->car().solid().camber[0], -1.4, 0.45);
    EXPECT_NEAR(desk->practice()->car().solid().camber[1], -1.4, 0.45);
    EXPECT_TRUE(std::any_of(d.mishaps.begin(), d.mishaps.end(), [](const practice::Mishap& m) {
        return m.kind == practice::Mishap::Kind::misread && m.mended;
    })) << "what was misread is told, and that it was put right";
    EXPECT_TRUE(slateText().contains("put right")) << slateText().toStdString();
}

TEST_F(PracticeTest, ALessonIsTakenByKeysAndItsBestIsKeptInTheBook) {
    open();
    key(Qt::Key_T, Qt::ControlModifier);
    choose("1  Read a rule");
    const auto* lesson = dynamic_cast<const LessonGuide*>(window->slate().guide());
    ASSERT_TRUE(lesson);
    while (!lesson->lesson().over()) {
        const practice::Task& t = *lesson->lesson().task();
        const std::string tool = t.faces[t.face].tool;
        practice::Held held;
        held.at = t.faces[t.face].at;
        const std::size_t number = lesson->lesson().number();
        enter(byEye(held, *standard_tool(tool)));
        ASSERT_EQ(lesson->lesson().number(), number + 1) << tool << slateText().toStdString();
    }
    EXPECT_TRUE(lesson->lesson().passed());
    EXPECT_TRUE(lessonProgress(*desk, "rule").passed);
    // The keys that answered do not go on by themselves.
    key(Qt::Key_F2);
    ASSERT_TRUE(lesson->lesson().over());
    key(Qt::Key_5, Qt::AltModifier);
    lesson = dynamic_cast<const LessonGuide*>(window->slate().guide());
    ASSERT_TRUE(lesson);
    EXPECT_EQ(lesson->lesson().id(), "string");
    // Rubbish is no answer.
    enter("a hundred");
    EXPECT_EQ(lesson->lesson().number(), 1u);
    close();
    open();
    EXPECT_TRUE(lessonProgress(*desk, "rule").passed) << "kept in the book";
}

TEST_F(PracticeTest, TheFirstHalfHourLeadsToAWholeCar) {
    open();
    key(Qt::Key_T, Qt::ControlModifier);
    ASSERT_EQ(qobject_cast<QAbstractButton*>(window->focusWidget())->text(), "1  Read a rule");
    key(Qt::Key_Return);
    const auto& steps = practiceTables().path;
    ASSERT_EQ(steps.size(), 6u);
    for (const std::string& id : steps) {
        const auto* lesson = dynamic_cast<const LessonGuide*>(window->slate().guide());
        ASSERT_TRUE(lesson);
        ASSERT_EQ(lesson->lesson().id(), id);
        while (const practice::Task* t = lesson->lesson().task()) {
            const std::size_t number = lesson->lesson().number();
            if (t->ask == practice::Task::Ask::value) {
                practice::Held held;
                held.at = t->faces[t->face].at;
                enter(byEye(held, *standard_tool(t->faces[t->face].tool)));
            } else {
                const auto right = std::find(t->choices.begin(), t->choices.end(), t->right.front());
                ASSERT_NE(right, t->choices.end()) << id;
                const auto n = right - t->choices.begin();
                EXPECT_NE(window->drawn()->say(), QString());
                n < 3 ? key(static_cast<Qt::Key>(Qt::Key_F2 + n)) : key(Qt::Key_4, Qt::AltModifier);
            }
            ASSERT_EQ(lesson->lesson().number(), number + 1) << id << slateText().toStdString();
            EXPECT_FALSE(slateText().contains(QLatin1String("%"))) << slateText().toStdString();
        }
        EXPECT_TRUE(lesson->lesson().passed()) << id;
        EXPECT_TRUE(slateText().contains("Done.")) << slateText().toStdString();
        key(Qt::Key_5, Qt::AltModifier);
    }
    ASSERT_TRUE(qobject_cast<QAbstractButton*>(window->focusWidget()));
    EXPECT_EQ(qobject_cast<QAbstractButton*>(window->focusWidget())->text(),
              "7  A whole car, from the strings to the drive");
    key(Qt::Key_Return);
    desk->settle();
    ASSERT_TRUE(desk->practice());
    EXPECT_EQ(desk->practice()->play().car, "tarnby");
    EXPECT_EQ(desk->practice()->play().level, 1);
}

TEST_F(PracticeTest, ALessonsUnitsAreThoseOfItsRule) {
    open();
    key(Qt::Key_T, Qt::ControlModifier);
    choose("1  Read a rule");
    const auto* lesson = dynamic_cast<const LessonGuide*>(window->slate().guide());
    ASSERT_TRUE(lesson);
    for (int units = 0; units < 2; ++units) {  // whatever the window shows lengths in
        std::set<std::string> seen;
        while (const practice::Task* t = lesson->lesson().task()) {
            const practice::Face& f = t->faces[t->face];
            const bool inch = f.tool == "steel-rule-inch";
            seen.insert(f.tool);
            EXPECT_TRUE(lesson->hint().contains(inch ? "inches" : "mm")) << lesson->hint().toStdString();
            EXPECT_FALSE(lesson->hint().contains(inch ? "mm" : "inches")) << lesson->hint().toStdString();
            const std::size_t right = static_cast<std::size_t>(lesson->lesson().right());
            // Bare, as it is read.
            enter(inch ? QStringLiteral("%1/64").arg(std::lround(f.at / 25.4 * 64))
                       : QString::number(f.at, 'f', 2));
            EXPECT_EQ(static_cast<std::size_t>(lesson->lesson().right()), right + 1)
                << slateText().toStdString();
        }
        EXPECT_GT(seen.size(), 2u);
        key(Qt::Key_6, Qt::AltModifier);  // once more
        key(Qt::Key_F7);
    }
}

TEST_F(PracticeTest, SlotsAndCamsAreSetByBoardsGaugeAndLevel) {
    for (const char* car : {"Tarnby estate on slots", "Ollerby pickup"}) {
        begin(car, "New rack, drove home", "Calm");
        ASSERT_TRUE(desk->practice());
        EXPECT_TRUE(
            std::any_of(desk->job().car.adjusters.begin(), desk->job().car.adjusters.end(),
                        [](const Adjuster& a) { return a.kind == "cam" || a.kind == "upper-joint-slot"; }));
        play();
        if (HasFatalFailure()) return;
        const JobAnalysis& a = desk->answer();
        EXPECT_TRUE(a.plan.next == NextStep::done || a.plan.next == NextStep::as_far_as)
            << car << slateText().toStdString();
        EXPECT_TRUE(std::any_of(desk->log().begin(), desk->log().end(),
                                [](const Entry& e) {
                                    const Turn* t = std::get_if<Turn>(&e.event);
                                    return t && !t->kind.empty();
                                }))
            << car << ": a slot or cam was moved";
        for (const Verdict& v : a.verdicts) EXPECT_NE(v.call, Call::outside) << car;
        key(Qt::Key_R, Qt::ControlModifier);
        sure();
        ASSERT_TRUE(truth() && truth()->told());
        EXPECT_EQ(truth()->told()->inside_truly, truth()->told()->verdicts) << car;
        close();
    }
}

TEST_F(PracticeTest, PracticeTeachesNothingAboutTheGaragesTools) {
    demo();
    begin("Tarnby estate", "New rack, drove home", "Calm");
    ASSERT_TRUE(desk->practice());
    Tool rule = *standard_tool("steel-rule-mm");
    rule.zero = 3.0;
    desk->setTool(rule);
    desk->settle();
    std::string real;
    for (const book::JobInfo& j : desk->book().jobs())
        if (!desk->isPractice(j.id)) real = j.id;
    ASSERT_FALSE(real.empty());
    window->openJob(QString::fromStdString(real));
    EXPECT_FALSE(desk->practice());
    const Tool* known = desk->toolNamed("steel-rule-mm");
    EXPECT_TRUE(!known || known->zero == 0.0);
}

TEST_F(PracticeTest, TheGaugeThatShipsReadsTheCarOfTheOpenPractice) {
    begin("Tarnby estate", "New rack, drove home", "Calm");
    key(Qt::Key_6, Qt::ControlModifier);
    const Spot lip = wheel_spot(ReadingId::rim_front, Wheel::front_left);
    Tool exact;
    exact.quantity = QuantityKind::length;
    const double there = desk->practice()->hold(desk->blank(lip), desk->lines(), exact)->exact;
    QProcess gauge;
    gauge.start(QStringLiteral(GAUGE), {"caliper", "--every", "0", "--noise", "0.01", "--book",
                                        QString::fromStdString(path.string())});
    ASSERT_TRUE(gauge.waitForReadyRead(20000));
    const QString port = QString::fromUtf8(gauge.readLine()).trimmed();
    window->wire().listen(port);
    ASSERT_TRUE(QTest::qWaitFor([&] { return window->wire().connected(); }, 20000));
    gauge.write("at rear-left camber\n");  // not a caliper's
    gauge.write("at front-left rim-front\n");
    ASSERT_TRUE(QTest::qWaitFor([&] { return gauge.canReadLine() || gauge.waitForReadyRead(20); }, 20000));
    EXPECT_TRUE(gauge.readAllStandardError().contains("nothing to read"));
    window->reading().ask(lip);
    const std::size_t before = readings();
    // Not steady while it is being laid on; pressed until it takes.
    for (int n = 0; n < 8 && readings() == before; ++n) {
        const std::uint64_t heard = window->wire().reader().good();
        gauge.write("send\n");
        ASSERT_TRUE(QTest::qWaitFor([&] { return window->wire().reader().good() > heard; }, 20000));
    }
    ASSERT_EQ(readings(), before + 1) << window->sayLine().toStdString();
    const auto here = readings_at(desk->job(), desk->round(), lip);
    EXPECT_NEAR(std::get<Reading>(desk->log()[here[0]].event).value.value, there, 0.3);
    gauge.write("quit\n");
    EXPECT_TRUE(gauge.waitForFinished(20000));
}

}  // namespace
}  // namespace fairchalk::desk
