// SPDX-License-Identifier: GPL-3.0-or-later
// What the window explains about itself, and how it is wanted.
#include <QAction>
#include <QImage>
#include <QMenu>
#include <QMenuBar>
#include <QPushButton>
#include <QSet>

#include "desk_fixture.h"
#include "help/help_page.h"
#include "help/preferences_page.h"
#include "help/terms_page.h"
#include "look/chalk.h"
#include "shelf/car_page.h"

namespace fairchalk::desk {
namespace {

struct HelpTest : DeskTest {
    template <class T>
    T* page() {
        T* p = window->findChild<T*>();
        return p && p->isVisible() ? p : nullptr;
    }
    void press(const QString& name) {
        for (QPushButton* b : window->findChildren<QPushButton*>())
            if (b->isVisible() && b->accessibleName() == name) return QTest::mouseClick(b, Qt::LeftButton);
        FAIL() << name.toStdString();
    }
};

TEST_F(HelpTest, F1ExplainsTheScreenThatIsThereAndLeadsBackToIt) {
    demo();
    open();
    QSet<QString> said;
    for (Stage s : all_stages) {
        window->setStage(s);
        key(Qt::Key_F1);
        ASSERT_TRUE(page<HelpPage>()) << name_of(s);
        EXPECT_FALSE(helpOn(s, {}).isEmpty());
        EXPECT_TRUE(page<HelpPage>()->text().contains(helpOn(s, {}).left(40))) << name_of(s);
        said << page<HelpPage>()->text();
        key(Qt::Key_Escape);
        EXPECT_FALSE(page<HelpPage>());
        EXPECT_EQ(window->stage(), s);
    }
    EXPECT_EQ(said.size(), 8);
    // The keys that it says are those of the buttons, and what was typed stays.
    window->setStage(Stage::read);
    type("103");
    key(Qt::Key_F1);
    EXPECT_TRUE(page<HelpPage>()->text().contains("Half a turn on"))
        << page<HelpPage>()->text().toStdString();
    key(Qt::Key_F1);
    EXPECT_EQ(window->slate().findChild<QLineEdit*>()->text(), "103");
    EXPECT_EQ(window->focusWidget(), window->slate().findChild<QLineEdit*>());
    // Pages that are no stage, too.
    key(Qt::Key_Y, Qt::ControlModifier);
    key(Qt::Key_F1);
    EXPECT_TRUE(page<HelpPage>()->text().contains("tread"));
    key(Qt::Key_Escape);
    EXPECT_EQ(window->page().id, PageId::tires);
}

TEST_F(HelpTest, NothingIsDoneOnAPageThatIsNotSeen) {
    demo();
    open();
    readAll(tarnby_rest);
    ASSERT_EQ(window->stage(), Stage::turn);
    ASSERT_FALSE(desk->answer().plan.turns.empty());
    const std::size_t entries = desk->log().size();
    for (const auto& show :
         {std::function([this] { window->showHelp(); }), std::function([this] { window->showPreferences(); }),
          std::function([this] { window->showShelf(); })}) {
        show();
        for (Qt::Key k : {Qt::Key_F2, Qt::Key_F10, Qt::Key_F11, Qt::Key_F12}) key(k);
        for (Qt::Key k : {Qt::Key_Z, Qt::Key_K, Qt::Key_D}) key(k, Qt::ControlModifier);
        EXPECT_EQ(desk->log().size(), entries) << "turned as written is the other page's";
        if (window->findChild<HelpPage*>()) key(Qt::Key_Escape);
    }
}

TEST_F(HelpTest, ThereIsHelpOnEveryPage) {
    QSet<QString> all;
    for (int i = static_cast<int>(PageId::none) + 1; i <= static_cast<int>(PageId::practice); ++i)
        all << helpOn(Stage::ask, {static_cast<PageId>(i), {}});
    EXPECT_EQ(all.size(), static_cast<int>(PageId::practice));
    EXPECT_FALSE(all.contains(QString()));
}

TEST_F(HelpTest, EachTermMovesAndSaysOtherThingsWhenItIsDragged) {
    demo();
    open();
    key(Qt::Key_F1, Qt::ShiftModifier);
    auto* p = page<TermsPage>();
    ASSERT_TRUE(p);
    QSet<QString> seen;
    for (const Term& t : terms()) {
        press(t.name);
        TermView& v = p->view();
        v.setAt(-0.9);
        const QString before = p->says();
        const QImage first = v.grab().toImage();
        QTest::mouseClick(&v, Qt::LeftButton, {}, QPoint(v.width() * 9 / 10, v.height() / 2));
        EXPECT_GT(v.at(), 0.6) << t.id;
        EXPECT_NE(p->says(), before) << t.id;
        EXPECT_NE(v.grab().toImage(), first) << t.id;
        EXPECT_TRUE(v.accessibleName().contains(p->says()));
        seen << t.name;
    }
    for (const char* wanted :
         {"Toe", "Camber", "Caster", "Thrust", "Run-out", "Span", "±", "Too close to call", "Spot", "Pass"})
        EXPECT_TRUE(seen.contains(QString::fromUtf8(wanted))) << wanted;
    // By keys alone: along it, and to the next.
    const double at = p->view().at();
    key(Qt::Key_Left);
    EXPECT_LT(p->view().at(), at);
    key(Qt::Key_Down);
    EXPECT_TRUE(p->view().accessibleName().startsWith("Toe")) << "from the last to the first";
    // In the units that are shown.
    key(Qt::Key_F7);
    EXPECT_TRUE(p->says().contains(" in ")) << p->says().toStdString();
    key(Qt::Key_Escape);
    EXPECT_FALSE(page<TermsPage>());
}

TEST_F(HelpTest, ASteeredWheelLeansAsItsCasterSaysAndBySigns) {
    EXPECT_NEAR(camber_when_steered(0, 0, 20), 0.0, 1e-9) << "an upright axis leans nothing";
    EXPECT_LT(camber_when_steered(6, 0, -20), -1.9) << "steered in, the top leans in";
    EXPECT_GT(camber_when_steered(6, 0, 20), 1.9);
    // Caster alone is odd in the sweep, the inclination even.
    EXPECT_NEAR(camber_when_steered(6, 0, 20), -camber_when_steered(6, 0, -20), 0.05);
    EXPECT_NEAR(camber_when_steered(0, 12, 20), camber_when_steered(0, 12, -20), 1e-6);
    EXPECT_GT(camber_when_steered(0, 12, 20), 0.0);
}

TEST_F(HelpTest, PreferencesHoldAtOnceAndAreKept) {
    demo();
    open();
    for (QAction* menu : window->menuBar()->actions())
        for (QAction* a : menu->menu()->actions())
            if (a->text() == "Preferences") a->trigger();
    ASSERT_TRUE(page<PreferencesPage>());
    press("Lengths: inches");
    press("Angles: decimals");
    press("The floor: pale");
    EXPECT_FALSE(Chalk::now().dark);
    // By a key it shows here too.
    const auto is_chosen = [&](const char* name) {
        for (QPushButton* b : page<PreferencesPage>()->findChildren<QPushButton*>())
            if (b->accessibleName() == QLatin1String(name)) return b->isChecked();
        return false;
    };
    EXPECT_TRUE(is_chosen("The floor: pale"));
    key(Qt::Key_F9);
    EXPECT_TRUE(is_chosen("The floor: dark"));
    key(Qt::Key_F9);
    EXPECT_TRUE(is_chosen("The floor: pale"));
    auto* name = page<PreferencesPage>()->findChild<QLineEdit*>();
    name->selectAll();
    QTest::keyClicks(name, "Back yard");
    QTest::keyClick(name, Qt::Key_Return);
    desk->settleMaking();
    desk->settle();
    EXPECT_EQ(desk->book().name(), "Back yard");
    key(Qt::Key_Escape);
    EXPECT_FALSE(page<PreferencesPage>());
    EXPECT_EQ(desk->facts().at("lengths"), "inch");
    window->resize(1100, 700);
    const QSize size = window->size();
    window->close();
    close();
    // A new user of this book has its units; the window stands as it stood.
    open();
    EXPECT_FALSE(Chalk::now().dark);
    EXPECT_EQ(window->size(), size);
    EXPECT_EQ(desk->facts().at("lengths"), "inch");
    window->showTerms("span");
    EXPECT_TRUE(page<TermsPage>()->says().contains(" in ")) << page<TermsPage>()->says().toStdString();
    window->setDark(true);
}

TEST_F(HelpTest, TabGoesThroughTheWholeCardAsItIsRead) {
    demo();
    open();
    window->showCarPage({});
    auto* card = page<CarPage>();
    ASSERT_TRUE(card);
    auto* first = card->findChild<QLineEdit*>("name");
    QWidget* at = first;
    int seen = 0, top = -1, left = -1;
    do {
        if (at->focusPolicy() & Qt::TabFocus) {
            // Down the page, and along each line.
            const bool same_line = std::abs(at->y() - top) <= 24;
            EXPECT_TRUE(same_line ? at->x() >= left : at->y() > top)
                << at->objectName().toStdString() << at->x() << "," << at->y() << " after " << left << ","
                << top;
            if (!same_line) top = at->y();
            left = at->x();
            ++seen;
        }
        at = at->nextInFocusChain();
    } while (at != first && card->isAncestorOf(at));
    EXPECT_GT(seen, 25);
}

TEST_F(HelpTest, RuleMinutesAndSizeArePreferencesToo) {
    demo();
    open();
    key(Qt::Key_6, Qt::ControlModifier);
    const Spot spot = *window->reading().spot();
    const auto shows_minutes = [&] {
        return std::any_of(desk->answer().evening.steps.begin(), desk->answer().evening.steps.end(),
                           [](const EveningStep& s) { return s.minutes > 0.5; }) &&
               desk->showsMinutes();
    };
    desk->settle();
    EXPECT_TRUE(shows_minutes());
    const double own = desk->answer().evening.minutes;
    window->showPreferences();
    press("Rule: vernier");
    EXPECT_EQ(desk->toolFor(spot), "vernier") << "what is read now too";
    press("Minutes: as usual");
    desk->settle();
    EXPECT_EQ(desk->answer().times.spot, StepTimes{}.spot);
    EXPECT_EQ(desk->answer().times.turn, StepTimes{}.turn);
    press("Minutes: not shown");
    desk->settle();
    EXPECT_FALSE(desk->showsMinutes());
    for (const StageKnot* k : window->findChildren<StageKnot*>())
        EXPECT_FALSE(k->accessibleName().contains(" min")) << k->accessibleName().toStdString();
    press("Minutes: by your own jobs");
    desk->settle();
    EXPECT_TRUE(shows_minutes());
    EXPECT_NEAR(desk->answer().evening.minutes, own, 1e-6);
    // As large as the system's text, until another size is chosen.
    const QFont before = QApplication::font();
    QFont large = before;
    large.setPointSizeF(16.5);
    QApplication::setFont(large);
    QApplication::sendPostedEvents();
    QApplication::processEvents();
    EXPECT_NEAR(zoom(), 1.5, 1e-9);
    press("Size: 200 %");
    EXPECT_NEAR(zoom(), 2.0, 1e-9);
    QApplication::setFont(before);
    QApplication::processEvents();
    EXPECT_NEAR(zoom(), 2.0, 1e-9) << "chosen is chosen";
    press("Size: as the system");
    EXPECT_NEAR(zoom(), 1.0, 1e-9);
    key(Qt::Key_Escape);
    close();
    open();
    EXPECT_EQ(desk->rule(), "vernier");
    EXPECT_EQ(desk->minutes(), "own");
}

TEST_F(HelpTest, InchesAreOfferedOnceToWhoTypesThem) {
    demo();
    open();
    enter("103 mm");
    QApplication::processEvents();
    EXPECT_FALSE(window->sayLine().contains("You type inches")) << window->sayLine().toStdString();
    enter("4 1/16 in");
    QApplication::processEvents();
    EXPECT_TRUE(window->sayLine().contains("You type inches")) << window->sayLine().toStdString();
    enter("4 1/8 in");
    desk->settle();
    QApplication::processEvents();
    EXPECT_FALSE(window->sayLine().contains("You type inches")) << "once";
    EXPECT_EQ(desk->toolFor(*window->reading().spot()), "steel-rule-mm");
    key(Qt::Key_F7);
    EXPECT_EQ(desk->facts().at("lengths"), "inch");
    EXPECT_EQ(desk->toolFor(*window->reading().spot()), "steel-rule-inch");
}

TEST_F(HelpTest, WhoTakesTheInchesIsToldOfTheNextSpotAgain) {
    demo();
    open();
    enter("4 1/16 in");
    QApplication::processEvents();
    ASSERT_TRUE(window->sayLine().contains("You type inches")) << window->sayLine().toStdString();
    key(Qt::Key_F7);
    QApplication::processEvents();
    EXPECT_TRUE(window->sayLine().startsWith("Hold the rule")) << window->sayLine().toStdString();
}

TEST_F(HelpTest, EveryActionStandsInAMenuWithItsKeyAndNoKeyTwice) {
    demo();
    open();
    QSet<QString> keys;
    int acts = 0;
    for (QAction* menu : window->menuBar()->actions())
        for (QAction* a : menu->menu()->actions()) {
            if (a->isSeparator() || a->menu()) continue;
            ++acts;
            for (const QKeySequence& k : a->shortcuts()) {
                EXPECT_FALSE(keys.contains(k.toString())) << k.toString().toStdString();
                keys << k.toString();
            }
        }
    EXPECT_GT(acts, 45);
    for (const char* k :
         {"F1", "F5", "F6", "F7", "F8", "F9", "F10", "F11", "F12", "Ctrl+1", "Ctrl+8", "Ctrl+B", "Ctrl+D",
          "Ctrl+E", "Ctrl+K", "Ctrl+L", "Ctrl+Z", "Ctrl+Shift+Z", "Ctrl+Shift+P"})
        EXPECT_TRUE(keys.contains(k)) << k;
    // What can be done in this place, as the buttons say it.
    window->setStage(Stage::read);
    QStringList here;
    for (QAction* menu : window->menuBar()->actions())
        if (menu->text() == "&Here") {
            emit menu->menu()->aboutToShow();
            for (QAction* a : menu->menu()->actions()) here << a->text();
        }
    EXPECT_TRUE(here.join('|').contains("Half a turn on\tF2")) << here.join('|').toStdString();
    // And each button says its key in its tip.
    for (const QPushButton* b : window->slate().findChildren<QPushButton*>())
        EXPECT_FALSE(b->isVisible() && b->toolTip().isEmpty()) << b->text().toStdString();
}

}  // namespace
}  // namespace fairchalk::desk
