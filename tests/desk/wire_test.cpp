// SPDX-License-Identifier: GPL-3.0-or-later
#include <fcntl.h>
#include <termios.h>
#include <unistd.h>

#include <QProcess>

#include "desk_fixture.h"
#include "practice/sim_gauge.h"

namespace fairchalk::desk {
namespace {

/// The window, and a pseudo-terminal whose other end it listens to.
struct WireTest : DeskTest {
    int master = -1;
    QString port;

    void plug() {
        master = ::posix_openpt(O_RDWR | O_NOCTTY);
        ASSERT_GE(master, 0);
        ASSERT_EQ(::grantpt(master), 0);
        ASSERT_EQ(::unlockpt(master), 0);
        termios t{};
        ::tcgetattr(master, &t);
        ::cfmakeraw(&t);
        ::tcsetattr(master, TCSANOW, &t);
        port = QString::fromUtf8(::ptsname(master));
    }
    ~WireTest() override {
        if (master >= 0) ::close(master);
    }
    void write(const std::string& bytes) {
        ASSERT_EQ(::write(master, bytes.data(), bytes.size()), static_cast<ssize_t>(bytes.size()));
    }
    void listening() {
        demo();
        open();
        window->showPage({PageId::wire});
        for (PlaceMark* m : window->findChildren<PlaceMark*>())
            if (m->isVisibleTo(window.get()) && m->id == "path") QTest::mouseClick(m, Qt::LeftButton);
        enter(port);
        ASSERT_TRUE(QTest::qWaitFor([&] { return window->wire().connected(); }, 20000))
            << slateText().toStdString();
        key(Qt::Key_Escape);
    }
    void ask(const Spot& spot) {
        window->setStage(Stage::read);
        window->reading().ask(spot);
    }
};

TEST_F(WireTest, TheGaugesButtonKeepsTheReadingThatIsAskedForOnceAndWithTheSameQuestions) {
    plug();
    listening();
    const std::size_t before = readings();
    const Spot hub = wheel_spot(ReadingId::hub, Wheel::front_left);
    ask(hub);
    write(write_gauge_line(1, "113.10", "mm", true, false) + "\n");  // only showing
    write(write_gauge_line(2, "113.20", "mm", false, true) + "\n");  // not steady
    const std::string sent = write_gauge_line(3, "113.25", "mm", true, true) + "\n";
    write(sent + sent);
    ASSERT_TRUE(QTest::qWaitFor([&] { return readings() > before; }, 20000));
    QTest::qWait(50);
    EXPECT_EQ(readings(), before + 1) << "sent twice, kept once";
    desk->settle();
    const auto here = readings_at(desk->job(), desk->round(), hub);
    ASSERT_EQ(here.size(), 1u);
    EXPECT_NEAR(std::get<Reading>(desk->log()[here[0]].event).value.value, 113.25, 1e-9);
    // An angle where a length is asked for, a value that can hardly be meant, and what a hand has begun.
    ask(hub);
    write(write_gauge_line(4, "-1.2", "deg", true, true) + "\n");
    ASSERT_TRUE(QTest::qWaitFor([&] { return window->sayLine().contains("a length is asked for"); }, 20000));
    write(write_gauge_line(5, "2", "mm", true, true) + "\n");
    ASSERT_TRUE(QTest::qWaitFor([&] { return slateText().contains("Enter again keeps it"); }, 20000))
        << slateText().toStdString();
    EXPECT_EQ(readings(), before + 1);
    key(Qt::Key_Escape);
    type("11");
    write(write_gauge_line(6, "113.3", "mm", true, true) + "\n");
    ASSERT_TRUE(QTest::qWaitFor([&] { return window->sayLine().contains("on the line first"); }, 20000));
    EXPECT_EQ(window->slate().findChild<QLineEdit*>()->text(), "11");
    EXPECT_EQ(readings(), before + 1);
}

TEST_F(WireTest, LostAndFoundAgainAndRubbishDoesNoHarm) {
    plug();
    listening();
    ask(wheel_spot(ReadingId::hub, Wheel::front_left));
    const std::size_t before = readings();
    std::string rubbish(4000, '\xfe');
    write(rubbish + "\n\x01\x02 FC1 9 12.5 mm stable send *0000\n");
    const std::string half = write_gauge_line(7, "113.5", "mm", true, true);
    write(half.substr(0, 12));
    ASSERT_TRUE(QTest::qWaitFor([&] { return window->wire().reader().bad() >= 2; }, 20000));
    ::close(master);
    master = -1;
    ASSERT_TRUE(QTest::qWaitFor([&] { return !window->wire().connected(); }, 20000));
    EXPECT_EQ(readings(), before);
    // Its port comes back under the same name, mostly; here it is the next pseudo-terminal with that number.
    plug();
    if (window->wire().port() == port) {
        ASSERT_TRUE(QTest::qWaitFor([&] { return window->wire().connected(); }, 20000));
        write(half.substr(12) + "\n" + write_gauge_line(8, "113.5", "mm", true, true) + "\n");
        ASSERT_TRUE(QTest::qWaitFor([&] { return readings() > before; }, 20000));
        EXPECT_EQ(readings(), before + 1);
    }
}

TEST_F(WireTest, TheStandInThatShipsIsAGauge) {
    QProcess gauge;
    gauge.start(GAUGE, {"caliper", "--value", "113.4", "--noise", "0", "--every", "20"});
    ASSERT_TRUE(gauge.waitForReadyRead(20000));
    port = QString::fromUtf8(gauge.readLine()).trimmed();
    listening();
    ask(wheel_spot(ReadingId::hub, Wheel::front_left));
    const std::size_t before = readings();
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return window->wire().last() && window->wire().last()->stable; }, 20000));
    gauge.write("send\n");
    ASSERT_TRUE(QTest::qWaitFor([&] { return readings() > before; }, 20000));
    gauge.write("low\n");
    ASSERT_TRUE(
        QTest::qWaitFor([&] { return window->wire().last() && window->wire().last()->low_battery; }, 20000));
    window->showPage({PageId::wire});
    EXPECT_TRUE(slateText().contains("battery is low"));
    gauge.write("unplug\n");
    ASSERT_TRUE(QTest::qWaitFor([&] { return !window->wire().connected(); }, 20000));
    EXPECT_EQ(readings(), before + 1) << "half a line is none";
    gauge.write("quit\n");
    gauge.waitForFinished(20000);
}

}  // namespace
}  // namespace fairchalk::desk
