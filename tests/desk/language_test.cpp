// SPDX-License-Identifier: GPL-3.0-or-later
// The window in each language it has.
#include <QMenuBar>

#include "core/job/equipment.h"
#include "desk_fixture.h"
#include "look/language.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

struct LanguageTest : DeskTest {
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
    takeLanguage(QStringLiteral("de"));
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
