// SPDX-License-Identifier: GPL-3.0-or-later
// The evening in minutes, which way tonight, what is spoken, the card for boards.
#include <QFile>
#include <QImage>
#include <QPainter>

#include "core/job/rig.h"
#include "desk_fixture.h"
#include "evening/evening_guide.h"
#include "look/chalk.h"
#include "rig/tonight_question.h"
#include "turn/arrow_card.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

struct EveningDeskTest : DeskTest {
    void sheet() {
        demo();
        open();
        readAll(tarnby_rest);
    }
    QStringList said(const QString& file) {
        QFile f(file);
        return f.open(QIODevice::ReadOnly) ? QString::fromUtf8(f.readAll()).split('\n') : QStringList();
    }
};

TEST_F(EveningDeskTest, ReadyIsWhenItWasDriven) {
    demo();
    open();
    desk->settle();
    const Evening& e = desk->answer().evening;
    ASSERT_EQ(e.steps.back().what, EveningStep::What::drive);
    const auto minute = [](const QString& hh_mm) {
        const QTime t = QTime::fromString(hh_mm, "HH:mm");
        return t.hour() * 60 + t.minute();
    };
    const int now = minute(QTime::currentTime().toString("HH:mm"));
    const int ready = minute(readyAbout(*desk).right(5));
    EXPECT_GE((ready - now + 1440) % 1440, e.minutes + e.steps.back().minutes - 2);
}

TEST_F(EveningDeskTest, WhatIsLeftIsOneListWithMinutesAndTheClock) {
    demo();
    open();
    desk->settle();
    const double unread = desk->answer().evening.minutes;
    EXPECT_GT(unread, 10.0);
    readAll(tarnby_rest);
    desk->settle();
    const double read = desk->answer().evening.minutes;
    EXPECT_LT(read, unread) << "each reading brings the end nearer";
    window->setStage(Stage::turn);
    EXPECT_TRUE(window->findChild<QLabel*>() != nullptr);
    EXPECT_TRUE(slateText().contains("for this, about")) << slateText().toStdString();
    key(Qt::Key_M, Qt::ControlModifier);
    EXPECT_EQ(window->page().id, PageId::evening);
    EXPECT_TRUE(slateText().contains("to go, then the drive")) << slateText().toStdString();
    const auto places = window->drawn()->places();
    ASSERT_EQ(places.size(), desk->answer().evening.steps.size());
    EXPECT_TRUE(places.front().value.contains("min"));
    // By the keys along the list, and to where it is done.
    const QString first = window->drawn()->chosen();
    key(Qt::Key_PageDown);
    EXPECT_NE(window->drawn()->chosen(), first);
    for (std::size_t i = 0; i < places.size(); ++i)
        if (desk->answer().evening.steps[i].what == EveningStep::What::read_again)
            window->drawn()->point(places[i].id);
    key(Qt::Key_F2);
    EXPECT_EQ(window->stage(), Stage::read);
    EXPECT_TRUE(window->page().none());
    // Again beside the same stage: it is left for that.
    key(Qt::Key_M, Qt::ControlModifier);
    for (std::size_t i = 0; i < places.size(); ++i)
        if (desk->answer().evening.steps[i].what == EveningStep::What::read_again)
            window->drawn()->point(window->drawn()->places()[i].id);
    key(Qt::Key_F2);
    EXPECT_TRUE(window->page().none());
}

TEST_F(EveningDeskTest, TheStageItLiesBesideIsReachedByItsOwnKey) {
    demo();
    open();
    window->setStage(Stage::read);
    desk->settle();
    for (const Qt::Key page : {Qt::Key_M, Qt::Key_J, Qt::Key_I}) {
        key(page, Qt::ControlModifier);
        ASSERT_FALSE(window->page().none());
        key(Qt::Key_6, Qt::ControlModifier);
        EXPECT_TRUE(window->page().none()) << "Ctrl+6 did nothing on the page of " << page;
    }
    // What there is to strike out is on Read.
    key(Qt::Key_M, Qt::ControlModifier);
    key(Qt::Key_D, Qt::ControlModifier);
    EXPECT_TRUE(window->page().none());
}

TEST_F(EveningDeskTest, TheDriveIsSaidBesideTheMinutesThatLeaveItOut) {
    demo();
    open();
    desk->settle();
    const Evening& e = desk->answer().evening;
    ASSERT_EQ(e.steps.back().what, EveningStep::What::drive);
    key(Qt::Key_M, Qt::ControlModifier);
    TextWatch watch;
    TextWatch::watching = &watch;
    window->grab();
    TextWatch::watching = nullptr;
    EXPECT_EQ(watch.written.filter("to go, then the drive").size(), 1)
        << watch.written.join(" | ").toStdString();
}

TEST_F(EveningDeskTest, WhoAlwaysNeedsTheJackHasItInTheMinutesAndInTheBook) {
    sheet();
    const double before = desk->answer().to_go.this_pass;
    key(Qt::Key_M, Qt::ControlModifier);
    key(Qt::Key_F4);
    EXPECT_TRUE(slateText().contains("How do you reach"));
    QTest::keyClicks(window->focusWidget() ? window->focusWidget() : window.get(), "5");
    desk->settle();
    EXPECT_EQ(desk->reach(), "jack");
    QTRY_VERIFY2_WITH_TIMEOUT(desk->answer().to_go.this_pass > before + 10.0, "the jack counts", 5000);
    EXPECT_EQ(desk->answer().evening.jackings, 1);
    close();
    open();
    EXPECT_EQ(desk->reach(), "jack") << "kept for this garage";
}

TEST_F(EveningDeskTest, TheWayOfMeasuringThatIsBestTonightIsSetUpByItsDigit) {
    demo();
    open();
    window->setStage(Stage::lines);
    auto* question = new TonightQuestion(*desk);
    window->slate().put(question);
    desk->settleMaking();
    ASSERT_TRUE(question->ready());
    ASSERT_FALSE(question->ways().empty());
    const auto best = question->ways().front();
    EXPECT_TRUE(slateText().contains("first")) << slateText().toStdString();
    QTest::keyClicks(window->focusWidget() ? window->focusWidget() : window.get(), "1");
    desk->settle();
    const auto rigs = desk->lines().rigs;
    for (const std::string& id : best.rigs)
        EXPECT_NE(std::find(rigs.begin(), rigs.end(), id), rigs.end()) << id;
    EXPECT_FALSE(window->slate().asksBesides());
}

TEST_F(EveningDeskTest, ItSpeaksWhenAskedToAndSaysWhatWasKeptAsItWasUnderstood) {
    demo();
    open();
    const QString file = QString::fromStdString((folder / "said.txt").string());
    window->speaker().setMake([file] { return fileVoice(file); });
    enter("119");
    desk->settle();
    EXPECT_TRUE(said(file).isEmpty()) << "silent until asked for";
    key(Qt::Key_B, Qt::ControlModifier);
    EXPECT_TRUE(window->sayLine().contains("It speaks"));
    enter("4 7/16 in strong");
    desk->settle();
    QTRY_VERIFY(
        said(file).join(' ').contains("four and seven sixteenths inches strong, kept; left front, hub"));
    EXPECT_TRUE(said(file).join(' ').contains("Next: left front, front lip."));
    // A doubt is a question, and nothing is kept.
    const auto before = readings();
    enter("1195");
    EXPECT_EQ(readings(), before);
    EXPECT_TRUE(said(file).join(' ').contains("Enter again keeps it"));
    key(Qt::Key_Escape);
    key(Qt::Key_B, Qt::ControlModifier);
    const auto lines = said(file).size();
    enter("119.5");
    desk->settle();
    EXPECT_EQ(said(file).size(), lines) << "silent again";
}

TEST_F(EveningDeskTest, WhatToTurnAndWhatTheRuleMustShowIsSaidOnce) {
    demo();
    open();
    const QString file = QString::fromStdString((folder / "said.txt").string());
    window->speaker().setMake([file] { return fileVoice(file); });
    key(Qt::Key_B, Qt::ControlModifier);
    readAll(tarnby_rest);
    window->setStage(Stage::turn);
    desk->settle();
    ASSERT_FALSE(desk->answer().plan.turns.empty());
    const QString all = said(file).join(' ');
    EXPECT_TRUE(all.contains("Left tie rod: three quarters turn longer")) << all.toStdString();
    EXPECT_TRUE(all.contains("Stop when the")) << all.toStdString();
    window->setStage(Stage::read);
    window->setStage(Stage::turn);
    EXPECT_EQ(said(file).join(' ').count("three quarters turn longer"), 1);
}

TEST_F(EveningDeskTest, WhereThereIsNoEngineItSaysSoAndStaysSilent) {
    demo();
    open();
    const QByteArray was = qgetenv("PATH");
    qputenv("PATH", "/nowhere");
    key(Qt::Key_B, Qt::ControlModifier);
    qputenv("PATH", was);
    EXPECT_FALSE(window->speaker().on());
    EXPECT_TRUE(window->sayLine().contains("no speech engine")) << window->sayLine().toStdString();
}

TEST_F(EveningDeskTest, AnEngineThatIsAProgramIsHandedOneSentenceAfterTheOther) {
    const fs::path engine = folder / "spd-say", file = folder / "heard.txt";
    {
        QFile script(QString::fromStdString(engine.string()));
        ASSERT_TRUE(script.open(QIODevice::WriteOnly));
        script.write(
            ("#!/bin/sh\nfor a; do last=$a; done\necho \"$last\" >> " + file.string() + "\n").c_str());
        script.setPermissions(QFile::ReadOwner | QFile::WriteOwner | QFile::ExeOwner);
    }
    const QByteArray was = qgetenv("PATH");
    qputenv("PATH", QByteArray::fromStdString(folder.string()) + ":" + was);
    const auto voice = systemVoice();
    qputenv("PATH", was);
    EXPECT_TRUE(voice->trouble().isEmpty());
    voice->say("first, kept");
    voice->say("-- second; $(nothing)");
    QTRY_COMPARE_WITH_TIMEOUT(said(QString::fromStdString(file.string())).size(), 3, 5000);
    EXPECT_EQ(said(QString::fromStdString(file.string()))[1], "-- second; $(nothing)");
}

TEST_F(EveningDeskTest, WithBoardsACardOfArrowsIsPrintedAfterTheSheet) {
    demo();
    open();
    EXPECT_FALSE(wantsArrowCard(*desk));
    LinesSet lines = desk->lines();
    lines.rigs = {"toe-boards"};
    lines.sizes.board_span = Length::from_mm(600);
    desk->setLines(lines);
    desk->editTargets(
        {{"front", {{"total_toe", {{"aim", "0 deg"}, {"minus", "0.2 deg"}, {"plus", "0.2 deg"}}}}}});
    window->setStage(Stage::read);
    for (auto [kind, v] : {std::pair(ReadingId::boards_rear, "1487"), {ReadingId::boards_front, "1483"}}) {
        window->reading().ask(axle_spot(kind, Axle::front));
        enter(v);
    }
    desk->settle();
    window->setStage(Stage::turn);
    ASSERT_FALSE(desk->answer().plan.turns.empty()) << slateText().toStdString();
    ASSERT_TRUE(wantsArrowCard(*desk));
    const int sheets = window->sheetsToPrint();
    const auto drawn = [&](int number) {
        QImage paper(1200, 850, QImage::Format_RGB32);
        paper.fill(Qt::white);
        QPainter p(&paper);
        window->drawSheet(p, paper.size(), number);
        return paper;
    };
    EXPECT_GE(sheets, 2);
    EXPECT_NE(drawn(sheets - 1), drawn(0));
}

}  // namespace
}  // namespace fairchalk::desk
