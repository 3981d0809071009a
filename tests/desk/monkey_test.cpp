// SPDX-License-Identifier: GPL-3.0-or-later
// Somebody leans on the keyboard: whatever is pressed, nothing is lost and nothing breaks.
#include <random>

#include <QElapsedTimer>

#include "desk_fixture.h"

namespace fairchalk::desk {
namespace {

struct MonkeyTest : DeskTest, ::testing::WithParamInterface<unsigned> {};

TEST_P(MonkeyTest, LeavesAWholeBookBehind) {
    demo();
    open();
    desk->settle();
    waits = false;
    std::mt19937 random(GetParam());
    const auto below = [&](int n) { return static_cast<int>(random() % static_cast<unsigned>(n)); };
    const QStringList texts = {"119",
                               "2 9/16",
                               "-3",
                               "90",
                               "0",
                               "6 left",
                               "32 mm over 370 mm left",
                               "x",
                               "1e9",
                               "0°08' in ±0°15'",
                               "12 cm less 3 mm",
                               "spoke level",
                               "55 Nm",
                               "locknut 55 Nm",
                               "   ",
                               "½",
                               "2.2 bar",
                               "14 threads",
                               "5+3 mm",
                               "-1e-308",
                               "<img src=x>",
                               "%1 %2 %n",
                               "1/64 turn",
                               "99999999999999999999 mm"};
    const Qt::Key plain[] = {Qt::Key_Return, Qt::Key_Return, Qt::Key_PageDown, Qt::Key_PageUp, Qt::Key_Escape,
                             Qt::Key_Tab,    Qt::Key_F2,     Qt::Key_F3,       Qt::Key_F4,     Qt::Key_F5,
                             Qt::Key_F6,     Qt::Key_F7,     Qt::Key_F9,       Qt::Key_F10,    Qt::Key_F11,
                             Qt::Key_F12,    Qt::Key_Down,   Qt::Key_Space};
    // Not Ctrl+P, which opens a dialog of the desktop.
    const Qt::Key with_control[] = {Qt::Key_1, Qt::Key_2, Qt::Key_3, Qt::Key_4, Qt::Key_5, Qt::Key_6,
                                    Qt::Key_7, Qt::Key_8, Qt::Key_Z, Qt::Key_D, Qt::Key_E, Qt::Key_I,
                                    Qt::Key_K, Qt::Key_L, Qt::Key_O, Qt::Key_S, Qt::Key_N, Qt::Key_T};
    std::size_t entries = 0;
    std::string job;
    const int inputs = qEnvironmentVariableIntValue("FAIRCHALK_INPUTS");
    QElapsedTimer one;
    qint64 longest = 0;
    for (int i = 0; i < (inputs > 0 ? inputs : 500); ++i) {
        one.start();
        const int what = below(6);
        switch (what) {
            case 0:
            case 1:
                if (window->focusWidget()) type(texts[below(static_cast<int>(texts.size()))]);
                break;
            case 2: {
                const auto marks = window->findChildren<PlaceMark*>();
                if (!marks.isEmpty()) {
                    PlaceMark* m = marks[below(static_cast<int>(marks.size()))];
                    if (m->isVisible() && m->id != "pictures") QTest::mouseClick(m, Qt::LeftButton);
                }
                break;
            }
            case 3:
                // Copies go nowhere but here.
                for (QLineEdit* e : window->findChildren<QLineEdit*>())
                    if (e->isVisible() && e->text().endsWith(".fairchalk"))
                        e->setText(QString::fromStdString((folder / "copy.fairchalk").string()));
                key(with_control[below(static_cast<int>(std::size(with_control)))], Qt::ControlModifier);
                break;
            default:
                key(plain[below(static_cast<int>(std::size(plain)))]);
        }
        // As the event loop of the application does between two inputs.
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        if (one.elapsed() > 2000)
            std::printf("%lld ms at input %d (%s), %s, %zu rounds, %zu entries\n",
                        static_cast<long long>(one.elapsed()), i,
                        what < 2    ? "a text"
                        : what == 2 ? "a click"
                                    : "a key",
                        std::string(name_of(window->stage())).c_str(), desk->job().rounds.size(),
                        desk->log().size());
        longest = std::max(longest, one.elapsed());
        // A log only grows, as long as it is the same job's.
        if (desk->jobId() == job) {
            ASSERT_GE(desk->log().size(), entries) << "after " << i;
        }
        job = desk->jobId();
        entries = desk->log().size();
    }
    std::printf("the longest of them took %lld ms\n", static_cast<long long>(longest));
    desk->settle();
    // What was being made may have been opened meanwhile.
    QCoreApplication::processEvents();
    desk->settle();
    job = desk->jobId();
    const std::size_t kept = desk->log().size();
    const QString stage = window->sayLine();
    close();
    const book::Book b(path, book::Book::Mode::read);
    EXPECT_EQ(b.integrity(), "ok");
    EXPECT_EQ(b.job(job).entries().size(), kept) << "all that was shown is on the disk";
    // What it left can be read by the program again, as a file.
    UuidSource ids(sources());
    EXPECT_NO_THROW(book::parse_job(book::full_form(b.job(job)).dump(), ids));
}

INSTANTIATE_TEST_SUITE_P(Seeds, MonkeyTest, ::testing::Values(1u, 2u));

}  // namespace
}  // namespace fairchalk::desk
