// SPDX-License-Identifier: GPL-3.0-or-later
// Each stage and page at each size of the window: what is written can be read, is not cut, and what is
// pointed at is in view.
#include <set>

#include <QFontInfo>
#include <QImage>
#include <QMenuBar>
#include <QPainter>
#include <QPushButton>
#include <QScrollArea>
#include <QScrollBar>
#include <QTextBlock>
#include <QTextDocument>
#include <QTextLayout>

#include "core/car/adjuster.h"
#include "core/job/rig.h"
#include "floor/floor_view.h"
#include "look/chalk.h"
#include "look/language.h"
#include "slate/body_text.h"
#include "views.h"

namespace fairchalk::desk {
namespace {

struct SizeTest : ViewsTest {
    ~SizeTest() override { setZoom(1.0); }

    QWidget* pointedAt() {
        if (auto* g = window->findChild<GuideView*>(); g && g->isVisible()) return g->pointedAt();
        if (auto* f = window->findChild<FloorView*>(); f && f->isVisible()) return f->pointedAt();
        return nullptr;
    }
    /// Words and figures that do not fit into their line or cell, and go on in the next.
    static QStringList broken(const QLabel& label) {
        QStringList out;
        QTextDocument text;
        text.setDocumentMargin(0);
        text.setDefaultFont(label.font());
        if (label.textFormat() != Qt::PlainText && Qt::mightBeRichText(label.text()))
            text.setHtml(label.text());
        else
            text.setPlainText(label.text());
        text.setTextWidth(label.contentsRect().width());
        text.size();  // lays it out
        for (QTextBlock b = text.begin(); b.isValid(); b = b.next())
            for (int i = 0; i + 1 < b.layout()->lineCount(); ++i) {
                const QTextLine l = b.layout()->lineAt(i);
                const qsizetype end = l.textStart() + l.textLength();
                const auto inWord = [&](qsizetype at) { return b.text()[at].isLetterOrNumber(); };
                if (inWord(end) && inWord(end - 1)) out << "broken: " + b.text();
            }
        return out;
    }
    /// What of the view is not as it should be.
    QStringList wrong() {
        QStringList out;
        for (QPushButton* b : window->slate().findChildren<QPushButton*>()) {
            if (!b->isVisible()) continue;
            for (const QString& line : b->text().split(QLatin1Char('\n')))
                if (b->fontMetrics().horizontalAdvance(line) > b->width() - 8) out << "cut: " + b->text();
            auto* list = qobject_cast<QScrollArea*>(b->parentWidget()->parentWidget()->parentWidget());
            const QRect in(b->mapTo(window.get(), QPoint()), b->size()),
                all(list->mapTo(window.get(), QPoint()), list->size());
            const bool scrolls = list->verticalScrollBar()->maximum() > 0;
            if (!window->rect().contains(all) || all.height() < b->height() ||
                (!scrolls && !all.contains(in)))
                out << "out of reach: " + b->text();
            if (scrolls && zoom() == 1.0 && window->height() >= 800) out << "scrolled for nothing";
        }
        // Nothing of the Slate lies over anything else of it.
        QList<QWidget*> parts;
        for (QWidget* w : window->slate().findChildren<QWidget*>(Qt::FindDirectChildrenOnly))
            if (w->isVisible() && w->height() > 0) parts << w;
        for (qsizetype i = 0; i < parts.size(); ++i)
            for (qsizetype k = i + 1; k < parts.size(); ++k)
                if (parts[i]->geometry().intersects(parts[k]->geometry()))
                    out << QStringLiteral("%1 over %2")
                               .arg(parts[i]->metaObject()->className(), parts[k]->metaObject()->className());
        if (auto* line = window->slate().findChild<QLineEdit*>(); line->isVisible()) {
            const QRect in(line->mapTo(window.get(), QPoint()), line->size());
            if (!window->rect().contains(in)) out << "the line is out of reach";
        }
        for (const QLabel* l : window->findChildren<QLabel*>())
            if (l->isVisible() && !l->text().isEmpty() && l->fontInfo().pixelSize() < smallest_type)
                out << "small: " + l->text();
        for (const QLabel* l : window->findChildren<QLabel*>())
            if (l->isVisible() && (l->wordWrap() || dynamic_cast<const BodyText*>(l)))
                out << broken(*l);
            else if (l->isVisible() && window->slate().isAncestorOf(l) && l->sizeHint().width() > l->width())
                out << "cut: " + l->text();
        if (QWidget* at = pointedAt()) {
            auto* pane = window->findChild<FloorView*>()->parentWidget()->parentWidget();
            // What is wider than the pane is read from its beginning.
            const QPoint seen =
                at->width() > pane->width() ? QPoint(20, at->height() / 2) : at->rect().center();
            const QPoint middle = at->mapTo(window.get(), seen);
            if (!QRect(pane->mapTo(window.get(), QPoint()), pane->size()).contains(middle))
                out << "what is pointed at is out of view";
        }
        return out;
    }
};

/// In the longest of the languages too.
struct SizeInLanguage : SizeTest, ::testing::WithParamInterface<const char*> {
    SizeInLanguage() { takeLanguage(QString::fromLatin1(GetParam())); }
    ~SizeInLanguage() override { takeLanguage(QStringLiteral("en")); }
};
INSTANTIATE_TEST_SUITE_P(All, SizeInLanguage, ::testing::Values("en", "de"));

TEST_P(SizeInLanguage, EachThingThatTheCardAsksForCanBeRead) {
    demo();
    open();
    CarCard car = desk->car();
    for (const AdjusterKind* kind : adjuster_kinds())
        for (const char* bolt : {"both", "strut"}) {
            Adjuster a;
            a.id = std::string(kind->name()) + "-" + bolt;
            a.kind = kind->name();
            a.wheel = Wheel::front_left;
            a.bolt = bolt;
            if (!car.adjuster(a.id)) car.adjusters.push_back(a);
        }
    desk->record(CarEdit{car});
    desk->settle();
    window->resize(1280, 800);
    window->showPage({PageId::card, "front-left"});
    QApplication::processEvents();
    std::set<QString> asked;
    for (int n = 0; n < 160; ++n) {
        asked.insert(window->slate().guide()->subtitle());
        QApplication::processEvents();
        for (const QString& one : wrong()) EXPECT_FALSE(one.startsWith("cut")) << one.toStdString();
        window->slate().step(+1);
    }
    EXPECT_GT(asked.size(), 40u);
}

TEST_P(SizeInLanguage, EachViewAtEachSizeCanBeReadAndReached) {
    demo();
    open();
    desk->settle();
    using At = std::pair<QSize, double>;
    for (const auto& [size, times] :
         {At{{960, 540}, 1}, At{{1024, 640}, 1}, At{{1280, 800}, 1}, At{{1920, 1080}, 1}, At{{3840, 2160}, 1},
          At{{960, 540}, 1.5}, At{{960, 540}, 2}, At{{1024, 640}, 2}, At{{1024, 640}, 1.5},
          At{{1280, 800}, 1.5}, At{{1920, 1080}, 1.5}, At{{1280, 800}, 2}, At{{1920, 1080}, 2},
          At{{3840, 2160}, 2}}) {
        if (zoom() != times) {
            QSettings().setValue(QStringLiteral("zoom"), times);
            close();
            open();
            desk->settle();
        }
        for (const View& v : views()) {
            window->resize(size);
            v.go();
            QApplication::processEvents();
            ASSERT_EQ(window->size(), size);
            TextWatch watch;
            TextWatch::watching = &watch;
            window->grab();
            TextWatch::watching = nullptr;
            const std::string at =
                v.name + " at " + std::to_string(size.width()) + " times " + std::to_string(zoom());
            EXPECT_GE(watch.smallest, smallest_type - 0.6) << at;  // whole pixels before they are scaled
            EXPECT_TRUE(watch.cut.isEmpty()) << at << ": " << watch.cut.join(" | ").toStdString();
            const QStringList all = wrong();
            EXPECT_TRUE(all.isEmpty()) << at << ": " << all.join(" | ").toStdString();
        }
    }
}

TEST_F(SizeTest, NoFractionIsBrokenWhereTheRuleIsToShowIt) {
    demo();
    open();
    LinesSet lines = desk->lines();
    lines.rigs = {"toe-boards"};
    lines.sizes.board_span = Length::from_mm(600);
    desk->setLines(lines);
    desk->editTargets(
        {{"front", {{"total_toe", {{"aim", "0 deg"}, {"minus", "0.2 deg"}, {"plus", "0.2 deg"}}}}}});
    window->setStage(Stage::read);
    for (auto [kind, v] :
         {std::pair(ReadingId::boards_rear, "58 59/64 in"), {ReadingId::boards_front, "58 49/64 in"}}) {
        window->reading().ask(axle_spot(kind, Axle::front));
        enter(v);
    }
    desk->settle();
    window->setStage(Stage::turn);
    QApplication::processEvents();
    ASSERT_TRUE(slateText().contains("Turn until it shows")) << slateText().toStdString();
    EXPECT_EQ(wrong(), QStringList()) << wrong().join(" | ").toStdString();
}

TEST_F(SizeTest, ALongNameOnAButtonStandsInTwoLines) {
    for (const char* language : {"en", "de"}) {
        takeLanguage(QString::fromLatin1(language));
        close();
        fs::remove(path);
        demo();
        open();
        LinesSet lines = desk->lines();
        lines.rigs = {"stud-bars"};
        lines.sizes.stud_span = Length::from_mm(1524);
        desk->setLines(lines);
        desk->editTargets(
            {{"front", {{"total_toe", {{"aim", "0.2 deg"}, {"minus", "0.2 deg"}, {"plus", "0.2 deg"}}}}}});
        window->setStage(Stage::read);
        for (auto [kind, v] :
             {std::pair(ReadingId::stud_bar_rear, "1502"), {ReadingId::stud_bar_front, "1496"}}) {
            window->reading().ask(axle_spot(kind, Axle::front));
            enter(v);
        }
        desk->settle();
        QApplication::processEvents();
        const auto offers = window->reading().acts();
        ASSERT_TRUE(
            std::any_of(offers.begin(), offers.end(), [](const Act& a) { return a.id == "read-on"; }));
        EXPECT_EQ(wrong(), QStringList()) << wrong().join(" | ").toStdString();
        EXPECT_FALSE(window->sayLine().contains("+7")) << "it is offered here";
    }
    takeLanguage(QStringLiteral("en"));
}

TEST_F(SizeTest, EverythingGrowsByOneKeyAndByTheWheelAndStaysSo) {
    demo();
    open();
    auto* line = window->slate().findChild<QLineEdit*>();
    const int before = line->fontInfo().pixelSize(), wide = window->slate().width();
    key(Qt::Key_Plus, Qt::ControlModifier);
    key(Qt::Key_Plus, Qt::ControlModifier);
    EXPECT_NEAR(zoom(), 1.21, 1e-9);
    EXPECT_GT(line->fontInfo().pixelSize(), before);
    EXPECT_GT(window->slate().width(), wide);
    QApplication::processEvents();
    EXPECT_EQ(wrong(), QStringList()) << wrong().join(" | ").toStdString();
    close();
    open();
    EXPECT_NEAR(zoom(), 1.21, 1e-9) << "as it was left";
    key(Qt::Key_0, Qt::ControlModifier);
    EXPECT_EQ(zoom(), 1.0);
    line = window->slate().findChild<QLineEdit*>();
    EXPECT_EQ(line->fontInfo().pixelSize(), before);
    EXPECT_EQ(window->slate().width(), wide);
    auto* floor = window->findChild<FloorView*>();
    QWheelEvent wheel(QPointF(50, 50), floor->mapToGlobal(QPointF(50, 50)), {}, {0, 120}, Qt::NoButton,
                      Qt::ControlModifier, Qt::NoScrollPhase, false);
    QApplication::sendEvent(floor->parentWidget()->parentWidget(), &wheel);
    EXPECT_GT(zoom(), 1.05);
    for (int i = 0; i < 4; ++i) key(Qt::Key_Plus, Qt::ControlModifier);
    QApplication::processEvents();
    EXPECT_EQ(wrong(), QStringList()) << wrong().join(" | ").toStdString();
    // In the narrowest head line it is still said what it is aimed at: or that readings mean nothing.
    window->resize(960, 540);
    for (int i = 0; i < 12; ++i) key(Qt::Key_Plus, Qt::ControlModifier);
    QApplication::processEvents();
    bool said = false;
    for (const QLabel* l : window->findChildren<QLabel*>())
        said = said || (l->isVisible() && l->text().startsWith("aim:"));
    EXPECT_TRUE(said);
}

TEST_F(SizeTest, WhatIsWiderThanThePaneIsReadFromItsBeginning) {
    demo();
    open();
    desk->settle();
    window->resize(960, 540);
    QApplication::processEvents();
    window->showPage({PageId::evening});
    QApplication::processEvents();
    QApplication::processEvents();
    QWidget* const at = pointedAt();
    ASSERT_TRUE(at);
    QWidget* pane = at;
    while (pane && !qobject_cast<QScrollArea*>(pane)) pane = pane->parentWidget();
    ASSERT_TRUE(pane);
    ASSERT_GT(at->width(), pane->width()) << "else it proves nothing";
    EXPECT_GE(at->mapTo(pane, QPoint()).x(), 0);
}

TEST_F(SizeTest, AStageIsSeenFromItsBeginningWhereverTheOneBeforeWasScrolledTo) {
    demo();
    open();
    readAll(tarnby_rest);
    window->resize(960, 540);
    window->setStage(Stage::read);
    // Far down on the floor.
    window->reading().ask(wheel_spot(ReadingId::rim_rear, Wheel::rear_right));
    QApplication::processEvents();
    QApplication::processEvents();
    QWidget* pane = window->findChild<FloorView*>();
    while (pane && !qobject_cast<QScrollArea*>(pane)) pane = pane->parentWidget();
    ASSERT_TRUE(pane);
    const QScrollBar* down = qobject_cast<QScrollArea*>(pane)->verticalScrollBar();
    ASSERT_GT(down->value(), 0) << "else it proves nothing";
    window->setStage(Stage::turn);
    QApplication::processEvents();
    QApplication::processEvents();
    EXPECT_EQ(down->value(), 0) << "the first sheet, and not the end of the last";
}

TEST_F(SizeTest, TheShelfAndTheWaysOfANewCarGrowWithTheWindow) {
    demo();
    open();
    key(Qt::Key_O, Qt::ControlModifier);
    const auto high = [&](const char* kind) {
        for (const QWidget* w : window->findChildren<QWidget*>())
            if (w->isVisible() && w->inherits(kind)) return w->height();
        return 0;
    };
    const int line = high("fairchalk::desk::ShelfLine");
    ASSERT_GT(line, 0);
    for (int i = 0; i < 8; ++i) key(Qt::Key_Plus, Qt::ControlModifier);
    QApplication::processEvents();
    ASSERT_GT(zoom(), 1.5);
    EXPECT_NEAR(high("fairchalk::desk::ShelfLine"), line * zoom(), 2);
    key(Qt::Key_N, Qt::ControlModifier);
    QApplication::processEvents();
    EXPECT_GE(high("fairchalk::desk::WayMark"), 104 * zoom() - 1);
}

TEST_F(SizeTest, OnTheFloorNoNumberLiesOverAnotherOrOverWordsWhateverIsMeasuredWith) {
    demo();
    open();
    desk->editTargets(
        {{"front", {{"total_toe", {{"aim", "0.2 deg"}, {"minus", "0.1 deg"}, {"plus", "0.1 deg"}}}}}});
    desk->settle();
    auto* floor = window->findChild<FloorView*>();
    std::vector<std::string> toes, leans = {""};
    for (const Rig* rig : all_rigs())
        (rig->use == RigUse::toe ? toes : leans).push_back(std::string(rig->id));
    for (const std::string& toe : toes)
        for (const std::string& lean : leans) {
            LinesSet lines = desk->lines();
            lines.rigs = {toe};
            if (!lean.empty()) lines.rigs.push_back(lean);
            desk->setLines(lines);
            desk->settle();
            floor->setAsked(std::nullopt);
            QImage image(floor->size(), QImage::Format_RGB32);
            QPainter p(&image);
            TextWatch watch;
            TextWatch::watching = &watch;
            floor->draw(p, floor->size(), false);
            TextWatch::watching = nullptr;
            std::vector<const SpotMark*> marks;
            for (const SpotMark* m : floor->findChildren<SpotMark*>())
                if (m->isVisibleTo(floor)) marks.push_back(m);
            EXPECT_FALSE(marks.empty()) << toe;
            for (std::size_t i = 0; i < marks.size(); ++i) {
                const QPointF at = QRectF(marks[i]->geometry()).center();
                const std::string name = toe + " " + lean + ": " + marks[i]->spot().name();
                for (const auto& [text, place] : watch.places)
                    EXPECT_FALSE(place.intersects(QRectF(at - QPointF(9, 9), QSizeF(18, 18))))
                        << name << " over " << text.toStdString();
                for (std::size_t k = 0; k < i; ++k)
                    EXPECT_GE(QLineF(at, QRectF(marks[k]->geometry()).center()).length(), 17)
                        << name << " over " << marks[k]->spot().name();
            }
        }
}

TEST_F(SizeTest, OnTheFloorNoWordsLieOverOthersThoughAllIsRead) {
    demo();
    open();
    LinesSet lines = desk->lines();
    lines.rigs = {"toe-gauge", "camber-gauge", "caster-gauge"};
    desk->setLines(lines);
    window->setStage(Stage::read);
    for (int n = 0; n < 12 && window->reading().spot(); ++n) {
        const bool lean = reading_kind(window->reading().spot()->kind).against_gravity();
        enter(lean ? "-1.2" : "0.3 deg in");
        if (window->reading().spot() && !lean) continue;
        desk->settle();
    }
    desk->settle();
    ASSERT_TRUE(desk->answer().now.wheels[0].camber.known && desk->answer().now.wheels[0].caster.known);
    auto* floor = window->findChild<FloorView*>();
    QImage image(floor->size(), QImage::Format_RGB32);
    QPainter p(&image);
    TextWatch watch;
    TextWatch::watching = &watch;
    floor->draw(p, floor->size(), false);
    TextWatch::watching = nullptr;
    EXPECT_TRUE(watch.written.contains("front total")) << watch.written.join(" | ").toStdString();
    for (qsizetype i = 0; i < watch.places.size(); ++i)
        for (qsizetype k = 0; k < i; ++k)
            EXPECT_FALSE(watch.places[i].second.adjusted(1, 2, -1, -2).intersects(watch.places[k].second))
                << watch.places[i].first.toStdString() << " over " << watch.places[k].first.toStdString();
}

TEST_F(SizeTest, OnTheFloorAWheelNamesOnlySpotsThatAreThere) {
    demo();
    open();
    LinesSet lines = desk->lines();
    lines.rigs = {"straightedge"};
    desk->setLines(lines);
    window->setStage(Stage::read);
    auto* floor = window->findChild<FloorView*>();
    for (const char* value : {"12 mm", "14.5 mm", "11 mm", "11 mm", ""}) {
        desk->settle();
        QImage image(floor->size(), QImage::Format_RGB32);
        QPainter p(&image);
        TextWatch watch;
        TextWatch::watching = &watch;
        floor->draw(p, floor->size(), false);
        TextWatch::watching = nullptr;
        const std::string all = watch.written.join(" | ").toStdString();
        EXPECT_EQ(all.find('+'), std::string::npos) << all;
        if (*value) {
            enter(value);
        } else {
            EXPECT_EQ(watch.written.filter("to the rear wheel").size(), 2) << all;
        }
    }
}

TEST_F(SizeTest, MenusGrowWithTheWindow) {
    demo();
    open();
    const int before = QFontInfo(window->menuBar()->font()).pixelSize();
    setZoom(1.0);
    for (int i = 0; i < 8; ++i) key(Qt::Key_Plus, Qt::ControlModifier);
    QApplication::processEvents();
    ASSERT_GT(zoom(), 1.5);
    EXPECT_NEAR(QFontInfo(window->menuBar()->font()).pixelSize(), before * zoom(), 2);
}

TEST(ShotsAsTest, EachWordSaysOneThingAndAWrongOneIsNamed) {
    const ShotsAs usual = shotsAs({});
    EXPECT_EQ(usual.size, QSize(1280, 800));
    EXPECT_TRUE(usual.dark);
    const ShotsAs as = shotsAs(QStringLiteral("pale 960x540 150% de"));
    EXPECT_EQ(as.size, QSize(960, 540));
    EXPECT_FALSE(as.dark);
    EXPECT_DOUBLE_EQ(as.zoom, 1.5);
    EXPECT_EQ(as.language, "de");
    try {
        shotsAs(QStringLiteral("960x540 palest"));
        ADD_FAILURE() << "it was taken";
    } catch (const std::invalid_argument& e) {
        EXPECT_NE(std::string(e.what()).find("\"palest\""), std::string::npos) << e.what();
    }
}

}  // namespace
}  // namespace fairchalk::desk
