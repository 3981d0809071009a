// SPDX-License-Identifier: GPL-3.0-or-later
// The window in each language it has.
#include <fstream>
#include <set>

#include <QAbstractButton>
#include <QMenuBar>
#include <QRegularExpression>

#include "core/job/equipment.h"
#include "help/terms.h"
#include "look/chalk.h"
#include "look/language.h"
#include "practice/lesson_guide.h"
#include "practice/practice_jobs.h"
#include "shelf/shelf_page.h"
#include "views.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

struct LanguageTest : ViewsTest {
    ~LanguageTest() override { takeLanguage(QStringLiteral("en")); }
};

TEST_F(LanguageTest, GermanIsReadTypedAndKeptInEnglish) {
    demo();
    takeLanguage(QStringLiteral("de"));
    open();
    desk->settle();
    EXPECT_EQ(window->menuBar()->actions().front()->text(), "&Buch");
    window->setStage(Stage::read);
    desk->record(RoundOpened{});
    desk->settle();
    QApplication::processEvents();
    EXPECT_TRUE(slateText().contains("Nabenhöhe")) << slateText().toStdString();
    enter("2 9/16 Zoll knapp");
    desk->settle();
    const Job& job = desk->job();
    ASSERT_FALSE(job.rounds.back().readings.empty()) << slateText().toStdString();
    const auto& kept = std::get<Reading>((*job.log)[job.rounds.back().readings.back()].event).value;
    EXPECT_EQ(kept.text, "2 9/16 in weak");
}

/// What of all that a view shows, hangs out as a tip or tells a screen reader is English.
struct LeftInEnglish : LanguageTest {
    QStringList theirs;  ///< what somebody typed, in whatever language
    std::set<QString> found;

    void take(const book::Json& file) {
        const book::Json flat = file.flatten();
        for (const auto& [key, value] : flat.items())
            if (value.is_string() && value.get<std::string>().size() > 3)
                theirs << QString::fromStdString(value.get<std::string>());
    }
    /// The longest first: one may stand within another.
    void sortTheirs() {
        std::sort(theirs.begin(), theirs.end(),
                  [](const QString& a, const QString& b) { return a.size() > b.size(); });
    }
    void look(QString text, const std::string& where) {
        static const QRegularExpression markup(QStringLiteral("<[^>]*>|⟨[^⟩]*⟩|\\S*[/_]\\S*|\\S+\\.\\S+"));
        static const QRegularExpression english(
            QStringLiteral(
                "\\b(the|and|of|with|without|is|are|not|to|for|from|left|right|front|rear|wheels?|tape|"
                "rule|string|readings?|turns?|known|yet|what|which|axle|toe|camber|caster|gauge)\\b"),
            QRegularExpression::CaseInsensitiveOption);
        for (const QString& own : theirs) text.remove(own, Qt::CaseInsensitive);
        if (desk->hasJob())
            for (const Adjuster& a : desk->car().adjusters) {
                EXPECT_FALSE(text.contains(QString::fromStdString(a.id)))
                    << where << " shows a name of the file: " << text.toStdString();
            }
        text.replace(markup, QStringLiteral(" "));
        if (english.match(text).hasMatch() && found.insert(text).second)
            ADD_FAILURE() << where << ": " << text.toStdString();
    }
    void lookAtAll(const std::string& where) {
        QApplication::processEvents();
        TextWatch watch;
        TextWatch::watching = &watch;
        window->grab();
        TextWatch::watching = nullptr;
        for (const QString& t : watch.written) look(t, where);
        for (const QWidget* w : window->findChildren<QWidget*>()) {
            if (!w->isVisibleTo(window.get())) continue;
            for (const QString& t : {w->accessibleName(), w->accessibleDescription(), w->toolTip()})
                look(t, where);
            if (const auto* l = qobject_cast<const QLabel*>(w)) look(l->text(), where);
            if (const auto* b = qobject_cast<const QAbstractButton*>(w)) look(b->text(), where);
            if (const auto* e = qobject_cast<const QLineEdit*>(w)) look(e->placeholderText(), where);
        }
        for (const QAction* a : window->findChildren<QAction*>()) {
            look(a->text(), where + " menu");
            look(a->toolTip(), where + " menu");
        }
    }
};

TEST_F(LeftInEnglish, NothingOfAnyViewOfTheDemo) {
    demo();
    for (const char* file : {"brask-hillclimb", "ollerby-pickup", "tarnby-estate"}) {
        theirs << file;
        std::ifstream in(std::string(DATA_DIR) + "/demo/" + file + ".json");
        take(book::Json::parse(in));
    }
    sortTheirs();
    takeLanguage(QStringLiteral("de"));
    open();
    desk->settle();
    for (const View& v : views()) {
        v.go();
        desk->settle();
        lookAtAll(v.name);
    }
}

TEST_F(LeftInEnglish, NothingOfANewCarByAnyWayOfMeasuringNorOfWhatIsSaidToASlip) {
    takeLanguage(QStringLiteral("de"));
    open();
    lookAtAll("an empty book");
    key(Qt::Key_N, Qt::ControlModifier);
    lookAtAll("a new car");
    enter("Wagen");
    theirs << "Wagen";
    key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_TRUE(desk->hasJob());
    for (const Rig* rig : all_rigs()) {
        LinesSet l = desk->lines();
        l.rigs = {std::string(rig->id)};
        desk->setLines(l);
        desk->settle();
        for (Stage s : {Stage::lines, Stage::read, Stage::turn}) {
            window->setStage(s);
            lookAtAll(std::string(rig->id) + ", " + std::string(name_of(s)));
        }
        window->setStage(Stage::read);
        for (const Spot& s : desk->walk()) {
            window->reading().ask(s);
            for (const char* slip : {"1 Liter", "4711 m", "-4711 mm", "170 Grad", "1 2"}) {
                key(Qt::Key_A, Qt::ControlModifier);
                type(slip);
                key(Qt::Key_Return);
                lookAtAll(std::string(rig->id) + ", " + s.name() + ", " + slip);
            }
            key(Qt::Key_A, Qt::ControlModifier);
            key(Qt::Key_Delete);
        }
    }
}

TEST_F(LeftInEnglish, NothingOfTheFirstPassOnACarOfWhichNothingIsKnown) {
    takeLanguage(QStringLiteral("de"));
    open();
    key(Qt::Key_N, Qt::ControlModifier);
    enter("Wagen");
    theirs << "Wagen";
    key(Qt::Key_Return, Qt::ControlModifier);
    ASSERT_TRUE(desk->hasJob());
    LinesSet l = desk->lines();
    l.rigs = {"toe-boards"};
    desk->setLines(l);
    window->setStage(Stage::read);
    for (const char* tape : {"1484", "1479", "1462", "1460"}) enter(tape);
    desk->settle();
    lookAtAll("read, and waiting");
    l.sizes.board_span = Length::from_mm(600);
    desk->setLines(l);
    desk->settle();
    lookAtAll("read");
    window->setStage(Stage::turn);
    key(Qt::Key_7, Qt::AltModifier);  // say what is aimed at
    EXPECT_TRUE(slateText().contains("Straße")) << slateText().toStdString();
    enter("0°05' Vorspur ±0°08' je Rad");
    desk->settle();
    EXPECT_TRUE(slateText().contains("0°05' Vorspur ±0°08' je Rad")) << slateText().toStdString();
    lookAtAll("card");
    key(Qt::Key_PageUp);
    enter("0°05' Vorspur ±0°08'");
    desk->settle();
    window->showPage({});
    desk->settle();
    ASSERT_EQ(desk->answer().plan.next, NextStep::look);
    lookAtAll("to look under the car");
    key(Qt::Key_1, Qt::AltModifier);  // looked: behind the axle
    desk->settle();
    lookAtAll("to turn");
    window->showPage({PageId::lock});
    lookAtAll("to lock");
}

TEST_F(LeftInEnglish, NothingOfThePracticeFloor) {
    takeLanguage(QStringLiteral("de"));
    open();
    const auto lines = [&] {
        window->showPractice();
        QApplication::processEvents();
        QList<QAbstractButton*> out;
        for (auto* l : window->findChildren<ShelfLine*>())
            if (l->isVisible()) out << l;
        return out;
    };
    lookAtAll("practice");
    const auto shown = lines().size();
    ASSERT_GT(shown, 8);
    int lessons = 0;
    for (qsizetype i = 0; i < shown; ++i) {
        QAbstractButton* line = lines()[i];
        const std::string name = line->text().toStdString();
        // The lessons have numbers.
        if (!line->text().at(0).isDigit()) continue;
        line->click();
        desk->settleMaking();
        desk->settle();
        if (!dynamic_cast<const LessonGuide*>(window->slate().guide())) continue;
        ++lessons;
        for (int task = 0; task < 4; ++task) {
            lookAtAll(name);
            key(Qt::Key_F2);  // one of the answers to choose from
            enter("7");
        }
        lookAtAll(name);
    }
    EXPECT_GE(lessons, 6);
    QString begun;
    startPractice(*desk, {"tarnby", practiceTables().stories.front().id, 2, 7},
                  [&](const QString& job, const QString& error) {
                      EXPECT_EQ(error, "");
                      begun = job;
                  });
    desk->settleMaking();
    ASSERT_FALSE(begun.isEmpty());
    window->openJob(begun);
    desk->settle();
    for (const View& v : views()) {
        v.go();
        desk->settle();
        lookAtAll("a practice job, " + v.name);
    }
    window->openJob(begun);
    window->showPage({});
    key(Qt::Key_R, Qt::ControlModifier);
    lookAtAll("the truth, asked");
    sure();
    lookAtAll("the truth");
}

TEST_F(LeftInEnglish, NothingOfWhatABookOrAFileIsRefusedFor) {
    takeLanguage(QStringLiteral("de"));
    open();
    const auto why = [](auto what) {
        try {
            what();
        } catch (const std::exception& e) {
            return QString::fromUtf8(e.what());
        }
        ADD_FAILURE() << "it was taken";
        return QString();
    };
    const std::string none = (folder / "none").string(), there = path.string();
    theirs << QString::fromStdString(none) << QString::fromStdString(there)
           << QString::fromStdString(folder.string());
    look(why([&] { book::Book{fs::path()}; }), "no name");
    look(why([&] { book::Book{folder}; }), "a folder");
    look(why([&] { book::Book(none, book::Book::Mode::existing); }), "none");
    look(why([&] { book::Book(there, book::Book::Mode::existing); }), "held");
    look(why([&] { desk->book().copy_to(there); }), "in its place");
    look(why([&] { desk->book().job("x"); }), "no job");
    for (const char* file :
         {"[]", R"({"format":"fairchalk-job"})", R"({"format":"fairchalk-job","version":"1"})",
          R"({"format":"fairchalk-job","version":1,"car":{"name":7}})",
          R"({"format":"fairchalk-job","version":1,"car":{"wheelbase":"2 l"},"rounds":[]})"}) {
        UuidSource ids(sources());
        const fs::path at = folder / "slip.json";
        std::ofstream(at) << file;
        theirs << QString::fromStdString(at.string());
        look(why([&] { book::read_job(at, ids); }), file);
    }
}

TEST_F(LanguageTest, ThousandsAfterAPointAreKeptWithoutIt) {
    demo();
    takeLanguage(QStringLiteral("de"));
    open();
    desk->settle();
    window->showPage({PageId::record});
    desk->settle();
    enter("84.210 km");
    desk->settle();
    const Odometer* kept = last_of<Odometer>(desk->job());
    ASSERT_TRUE(kept) << slateText().toStdString();
    EXPECT_DOUBLE_EQ(kept->km, 84210.0);
    EXPECT_EQ(kept->text, "84210 km") << "a file is read alike everywhere";
}

TEST_F(LanguageTest, SaysOneAndManyInEach) {
    const auto entries = [](int n) {
        return QCoreApplication::translate("text", "%n entries", "1 entry", n).toStdString();
    };
    EXPECT_EQ(entries(1), "1 entry");
    EXPECT_EQ(entries(3), "3 entries");
    EXPECT_EQ(term_named("pass")->name, "Pass");
    takeLanguage(QStringLiteral("de"));
    EXPECT_EQ(term_named("pass")->name, "Durchgang") << "not as it was said first";
    EXPECT_EQ(entries(1), "1 Eintrag");
    EXPECT_EQ(entries(3), "3 Einträge");
    EXPECT_EQ(words::can_wait(1).find("%n"), std::string::npos);
    EXPECT_EQ(words::wheel(Wheel::front_left), "vorn links");
    takeLanguage(QStringLiteral("en_GB"));
    EXPECT_EQ(QCoreApplication::translate("text", "Thread pitch of the tie rods"),
              "Thread pitch of the track rods");
    takeLanguage(QStringLiteral("no such"));
    EXPECT_EQ(words::wheel(Wheel::front_left), "left front");
}

TEST_F(LanguageTest, WhatHangsOnTheWallIsNamedInBoth) {
    takeLanguage(QStringLiteral("de"));
    open();
    for (const char* typed : {"zwei Ständer, ein Bandmaß, Bretter und drei Schnüre",
                              "two stands, a tape, boards and three strings"}) {
        const EquipmentRead read = read_equipment(typed, desk->knowledge());
        EXPECT_TRUE(read.unknown.empty()) << typed << ": " << read.unknown.front();
        EXPECT_EQ(read.have.at("stands"), 2) << typed;
        EXPECT_EQ(read.have.at("string"), 3) << typed;
        EXPECT_TRUE(read.have.contains("tape") || read.have.contains("tapes")) << typed;
    }
}

TEST_F(LanguageTest, IsChosenInThePreferences) {
    open();
    QString again;
    QObject::connect(window.get(), &Window::bookWanted, [&](const QString& wanted) { again = wanted; });
    window->showPreferences();
    QPushButton* german = nullptr;
    for (auto* b : window->findChildren<QPushButton*>())
        if (b->isVisible() && b->text() == "Deutsch") german = b;
    ASSERT_TRUE(german);
    german->click();
    EXPECT_EQ(again.toStdString(), path.string()) << "the window is made anew on the same book";
    EXPECT_EQ(languageWanted(), "de");
    QSettings().remove(QStringLiteral("language"));
}

}  // namespace
}  // namespace fairchalk::desk
