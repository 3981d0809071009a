// SPDX-License-Identifier: GPL-3.0-or-later
// The start: the window is drawn before anything is worked out, and nothing is written that did not change.
#include <sys/stat.h>

#include <QMenuBar>
#include <QToolButton>

#include "beside.h"
#include "desk_fixture.h"

namespace fairchalk::desk {
namespace {

class StartTest : public DeskTest {
  protected:
    /// As the program starts.
    void startHeld() {
        desk = std::make_unique<JobDesk>(book::Book(path), sources(), JobDesk::Begins::when_let_go);
        window = std::make_unique<Window>(*desk);
        openWhereItWas(*desk, *window);
    }
    static void pass(int ms) {
        QElapsedTimer clock;
        clock.start();
        while (clock.elapsed() < ms) QCoreApplication::processEvents(QEventLoop::AllEvents, 5);
    }
};

TEST_F(StartTest, NothingIsWorkedOutBeforeItIsLetGo) {
    demo();
    startHeld();
    ASSERT_TRUE(desk->hasJob());
    pass(400);
    EXPECT_FALSE(desk->answerIsCurrent()) << "the window is not drawn yet";
    desk->letGo();
    desk->settle();
    EXPECT_TRUE(desk->answerIsCurrent());
    EXPECT_FALSE(desk->answer().verdicts.empty());
}

TEST_F(StartTest, WhatIsTypedBeforeThatIsKeptAllTheSame) {
    demo();
    startHeld();
    const std::size_t before = desk->log().size();
    desk->take(desk->walk().front(), *read_quantity("123", {Expect::Kind::length, Bare::mm}));
    QElapsedTimer clock;
    clock.start();
    while (!desk->isKept(before) && clock.elapsed() < 5000) pass(5);
    EXPECT_TRUE(desk->isKept(before));
    EXPECT_FALSE(desk->answerIsCurrent());
}

TEST_F(StartTest, OnceDrawnComesAfterThePicture) {
    demo();
    startHeld();
    struct Painted : QObject {
        int times = 0;
        bool eventFilter(QObject*, QEvent* e) override {
            times += e->type() == QEvent::Paint;
            return false;
        }
    } painted;
    for (QWidget* w : window->findChildren<QWidget*>()) w->installEventFilter(&painted);
    int at = -1;
    window->show();
    onceDrawn(*window, [&] {
        at = painted.times;
        desk->letGo();
    });
    EXPECT_EQ(at, -1);
    QElapsedTimer clock;
    clock.start();
    while (at < 0 && clock.elapsed() < 5000) pass(1);
    EXPECT_GT(at, 10) << "the widgets were drawn by then";
    desk->settle();
    EXPECT_TRUE(desk->answerIsCurrent());
}

TEST_F(StartTest, OneThatStartsMinimizedWorksAllTheSame) {
    demo();
    startHeld();
    window->showMinimized();
    bool called = false;
    onceDrawn(*window, [&] { called = true; });
    QElapsedTimer clock;
    clock.start();
    while (!called && clock.elapsed() < 5000) pass(5);
    EXPECT_TRUE(called);
}

TEST_F(StartTest, WhatStaysAsItIsIsNotWritten) {
    demo();
    open();
    rememberBook(QStringLiteral("/a/book"));
    QSettings().sync();
    struct stat first {};
    struct stat second {};
    const QByteArray file = QSettings().fileName().toUtf8();
    ASSERT_EQ(::stat(file.constData(), &first), 0);
    close();
    open();
    rememberBook(QStringLiteral("/a/book"));
    pass(50);
    QSettings().sync();
    ASSERT_EQ(::stat(file.constData(), &second), 0);
    EXPECT_EQ(first.st_ino, second.st_ino) << "preferences are written into a new file";
    rememberBook(QStringLiteral("/another/book"));
    EXPECT_EQ(recentBooks().mid(0, 2),
              QStringList({QStringLiteral("/another/book"), QStringLiteral("/a/book")}));
}

TEST_F(StartTest, AMenuBarThatIsTooLongHasAnArrowInTheFloorsOwnColour) {
    demo();
    open();
    auto* more = window->menuBar()->findChild<QToolButton*>(QStringLiteral("qt_menubar_ext_button"));
    ASSERT_NE(more, nullptr);
    const auto strongest = [&] {
        const QImage drawn = more->icon().pixmap(QSize(16, 16)).toImage();
        QColor most = Qt::transparent;
        for (int x = 0; x < drawn.width(); ++x)
            for (int y = 0; y < drawn.height(); ++y)
                if (drawn.pixelColor(x, y).alpha() > most.alpha()) most = drawn.pixelColor(x, y);
        return most;
    };
    EXPECT_GT(strongest().lightness(), 180) << "chalk on slate";
    key(Qt::Key_F9);
    EXPECT_LT(strongest().lightness(), 90) << "ink on the pale floor";
    key(Qt::Key_F9);
}

TEST(BesideTest, WhatIsHeldGoesInTurnAndWhatIsClearedNever) {
    std::vector<int> done;
    Beside beside;
    beside.hold();
    for (int i = 0; i < 3; ++i) beside.begin([&done, i] { done.push_back(i); });
    QThread::msleep(20);
    EXPECT_TRUE(done.empty());
    beside.waitForDone();
    EXPECT_EQ(done, (std::vector<int>{0, 1, 2}));
    beside.hold();
    beside.begin([&done] { done.push_back(9); });
    beside.clear();
    beside.waitForDone();
    EXPECT_EQ(done.size(), 3u);
}

}  // namespace
}  // namespace fairchalk::desk
