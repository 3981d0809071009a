// SPDX-License-Identifier: GPL-3.0-or-later
// What is not on the disk is shown, asked about, and never dropped.
#include <sqlite3.h>

#include <QSignalSpy>
#include "core/job/rig.h"

#include "book/copies.h"
#include "desk_fixture.h"

namespace fairchalk::desk {
namespace {

struct KeptDeskTest : DeskTest {
    fs::path away = folder / "away.fairchalk";
    void SetUp() override {
        demo();
        open();
        desk->settle();
        window->setStage(Stage::read);
    }
    void lose() { fs::rename(path, away); }
    void find() { fs::rename(away, path); }
    /// Types one reading that can't be written, and waits until that is known.
    void unkept(const char* value = "113") {
        QSignalSpy trouble(desk.get(), &JobDesk::notKept);
        window->reading().ask(string_walk()[3]);
        window->slate().takeFocus();
        enter(value);
        EXPECT_TRUE(trouble.count() > 0 || trouble.wait(10'000));
    }
    std::size_t onDisk(const fs::path& at) const {
        const book::Book b(at, book::Book::Mode::read);
        return b.job(desk->jobId()).entries().size();
    }
    CopiesPage& page() { return window->copiesPage(); }
    bool asks() { return page().isVisibleTo(window.get()) && page().asks(); }
    bool on(const char* what) {
        for (ShelfLine* l : page().findChildren<ShelfLine*>())
            if (l->text().startsWith(QLatin1String(what))) {
                l->click();
                QCoreApplication::processEvents();
                return true;
            }
        return false;
    }
};

TEST_F(KeptDeskTest, AReadingThatCouldNotBeWrittenSurvivesAnotherJobAndGoesInByItself) {
    const std::string first = desk->jobId();
    const std::size_t before = onDisk(path);
    lose();
    unkept();
    unkept("114");
    EXPECT_TRUE(window->kept().contains("2 not kept")) << window->kept().toStdString();
    EXPECT_TRUE(window->sayLine().contains("was moved, renamed")) << window->sayLine().toStdString();
    // Another job: it is asked first.
    std::string other;
    for (const book::JobInfo& j : desk->book().jobs())
        if (j.id != first) other = j.id;
    window->openJob(QString::fromStdString(other));
    EXPECT_TRUE(asks());
    EXPECT_EQ(desk->jobId(), first);
    // Back: all is still there; and again, then the book is found.
    key(Qt::Key_Escape);
    EXPECT_FALSE(page().isVisibleTo(window.get()));
    EXPECT_EQ(desk->log().size(), before + 2);
    window->openJob(QString::fromStdString(other));
    ASSERT_TRUE(asks());
    find();
    ASSERT_TRUE(on("try again"));
    desk->settle();
    EXPECT_EQ(desk->jobId(), other) << "it went on by itself";
    EXPECT_EQ(onDisk(path), desk->log().size());
    window->openJob(QString::fromStdString(first));
    EXPECT_EQ(desk->log().size(), before + 2);
    EXPECT_EQ(onDisk(path), before + 2);
    EXPECT_FALSE(window->kept().contains("not kept")) << window->kept().toStdString();
}

TEST_F(KeptDeskTest, AnUnkeptReadingIsPartOfItsJobWhenThatIsOpenedAgain) {
    const QString job = QString::fromStdString(desk->jobId());
    lose();
    unkept();
    const std::size_t size = desk->log().size();
    desk->openJob(job.toStdString());
    EXPECT_EQ(desk->log().size(), size);
    EXPECT_FALSE(desk->isKept(size - 1));
    find();
    desk->settle();
    EXPECT_TRUE(desk->isKept(size - 1));
}

TEST_F(KeptDeskTest, ClosingAsksAndACopyElsewhereHoldsAll) {
    lose();
    unkept();
    const std::size_t size = desk->log().size();
    EXPECT_FALSE(window->close());
    ASSERT_TRUE(asks());
    // Where nothing can be written it is said, and the window stays.
    auto* line = page().findChild<QLineEdit*>();
    line->setText(QString::fromStdString((folder / "none/x/").string()));
    page().save();
    desk->settleMaking();
    EXPECT_FALSE(page().said().isEmpty());
    EXPECT_TRUE(window->isVisible());
    const fs::path copy = folder / "copy.fairchalk";
    line->setText(QString::fromStdString(copy.string()));
    page().save();
    desk->settleMaking();
    EXPECT_FALSE(window->isVisible()) << "nothing is lost by it now";
    EXPECT_EQ(onDisk(copy), size);
}

TEST_F(KeptDeskTest, WhatIsGivenUpIsGivenUpTwice) {
    lose();
    unkept();
    const std::size_t size = desk->log().size();
    window->close();
    ASSERT_TRUE(asks());
    ASSERT_TRUE(on("give up this entry"));
    EXPECT_EQ(desk->log().size(), size);
    EXPECT_TRUE(window->isVisible());
    ASSERT_TRUE(on("give up this entry: choose it once more"));
    EXPECT_FALSE(window->isVisible());
    EXPECT_EQ(desk->log().size(), size - 1);
    find();
}

TEST_F(KeptDeskTest, ACopyIsOneKeyAndALineAndOldOnesArePutBack) {
    const std::size_t before = desk->log().size();
    book::keep_copy(desk->book(), book::copies_of(path), "2026-01-02");
    window->reading().ask(string_walk()[3]);
    window->slate().takeFocus();
    enter("113");
    desk->settle();
    ASSERT_EQ(desk->log().size(), before + 1);
    key(Qt::Key_S, Qt::ControlModifier);
    ASSERT_TRUE(page().isVisibleTo(window.get()));
    EXPECT_FALSE(page().asks());
    auto* line = page().findChild<QLineEdit*>();
    EXPECT_TRUE(line->text().endsWith(".fairchalk"));
    line->setText(QString::fromStdString((folder / "by-key.fairchalk").string()));
    line->setFocus();
    key(Qt::Key_Return);
    EXPECT_EQ(onDisk(folder / "by-key.fairchalk"), before + 1);
    EXPECT_TRUE(page().said().contains("by-key.fairchalk")) << page().said().toStdString();
    const std::string job = desk->jobId();
    ASSERT_TRUE(on("as it stood on 2026-01-02"));
    EXPECT_EQ(desk->book().job(job).entries().size(), before + 1) << "once is not enough";
    ASSERT_TRUE(on("put 2026-01-02 in the place of the book"));
    // Beside the window: it does not wait, and meanwhile there is no book to write into.
    EXPECT_TRUE(desk->book().read_only());
    EXPECT_TRUE(page().said().contains("Being put")) << page().said().toStdString();
    desk->settleMaking();
    EXPECT_FALSE(desk->book().read_only());
    EXPECT_EQ(desk->book().job(job).entries().size(), before);
    EXPECT_TRUE(page().said().contains("before-restoring-1")) << page().said().toStdString();
    // The window goes on with it.
    key(Qt::Key_Escape);
    window->openJob(QString::fromStdString(job));
    desk->settle();
    EXPECT_EQ(desk->log().size(), before);
}

TEST_F(KeptDeskTest, ABookThatDoesNotComeBackAfterACopyWasPutInItsPlaceIsSaid) {
    book::keep_copy(desk->book(), book::copies_of(path), "2026-01-02");
    desk->settle();
    key(Qt::Key_S, Qt::ControlModifier);
    // Somebody else is at its place meanwhile.
    lose();
    fs::create_directory(path);
    ASSERT_TRUE(on("as it stood on 2026-01-02"));
    ASSERT_TRUE(on("put 2026-01-02 in the place of the book"));
    desk->settleMaking();
    EXPECT_TRUE(page().said().contains("is a folder")) << page().said().toStdString();
    // Every page still comes, and nothing is made in a book that is not there.
    key(Qt::Key_Escape);
    bool shown = false;
    for (const QLabel* l : window->findChildren<QLabel*>())
        shown = shown || (l->isVisibleTo(window.get()) && l->text().contains("is a folder"));
    EXPECT_TRUE(shown) << "on the shelf";
    QString why;
    desk->make([](book::Book&) { return QString("made"); },
               [&](const QString&, const QString& error) { why = error; });
    EXPECT_TRUE(why.contains("is a folder")) << why.toStdString();
    desk->saveCopy(QString::fromStdString((folder / "none.fairchalk").string()),
                   [&](const QString& error) { why = "copy: " + error; });
    desk->settleMaking();
    EXPECT_TRUE(why.startsWith("copy: ") && why.contains("is a folder")) << why.toStdString();
    fs::remove(path);
    find();
}

TEST_F(KeptDeskTest, ADamagedBookIsSaidAndOpenToLookAt) {
    close();
    {
        // One digit of one entry is another.
        sqlite3* db = nullptr;
        ASSERT_EQ(sqlite3_open(path.c_str(), &db), SQLITE_OK);
        ASSERT_EQ(
            sqlite3_exec(
                db,
                "UPDATE entry SET payload = replace(payload, '\"value\":\"', '\"value\":\"9') WHERE seq = "
                "(SELECT max(seq) FROM entry WHERE kind = 'hub')",
                nullptr, nullptr, nullptr),
            SQLITE_OK);
        sqlite3_close(db);
    }
    open();
    for (int n = 0; n < 500 && window->kept() != "reading only"; ++n) QTest::qWait(10);
    EXPECT_TRUE(window->sayLine().contains("is damaged (1 entry is not as written)"))
        << window->sayLine().toStdString();
    EXPECT_EQ(window->kept(), "reading only");
    EXPECT_TRUE(desk->book().read_only());
}

TEST_F(KeptDeskTest, NothingIsSaidToBeKeptThatIsNot) {
    lose();
    unkept();
    for (const QLabel* l : window->findChildren<QLabel*>())
        EXPECT_FALSE(l->text().contains("all kept") || l->text().contains("All that is here is kept"))
            << l->text().toStdString();
    key(Qt::Key_O, Qt::ControlModifier);
    EXPECT_TRUE(asks()) << "the shelf is another place too";
    find();
    desk->settle();
    for (const QLabel* l : window->findChildren<QLabel*>())
        EXPECT_FALSE(l->text().contains("not kept ·")) << l->text().toStdString();
}

TEST_F(KeptDeskTest, AFactThatCannotBeReadLocksNobodyOut) {
    const std::string job = desk->jobId();
    desk->facts().keep("practice:none", R"({"car":"tarnby","story":"new-rack","level":1,"seed":1})");
    desk->settle();
    for (const char* junk : {"", "{", "[[[", "null", "[]", "{}", "[1,{\"kind\":\"tool\"}]", "7", "\xff\xfe",
                             "nonsense", R"({"car":"nosuch","story":"nosuch","level":-7,"seed":-1})",
                             R"({"car":"tarnby","story":"lessons","level":"1","seed":1e99})"}) {
        std::vector<std::string> keys;
        for (const auto& [key, value] : desk->book().facts("")) keys.push_back(key);
        for (const char* key :
             {"tools", "open_job", "name", "lessons-job", "practice-car:tarnby", "floor:bay"})
            keys.emplace_back(key);
        for (const std::string& of :
             std::vector<std::string>{"practice:" + job, "practice-ended:" + job, "open_stage:" + job,
                                      "lesson:straight-string", "practice-ended:none"})
            keys.push_back(of);
        for (const std::string& key : keys) desk->book().set_fact(key, junk);
        close();
        open();
        desk->settle();
        window->openJob(QString::fromStdString(job));
        desk->settle();
        for (Stage s : all_stages) window->setStage(s);
        for (PageId page : {PageId::card, PageId::tools, PageId::truth}) window->showPage({page});
        window->showShelf();
        window->showPractice();
        window->showCarPage(QString::fromStdString(desk->book().car_of(job)));
        desk->settle();
        EXPECT_EQ(desk->jobId(), job) << junk;
    }
}

TEST_F(KeptDeskTest, ASumSaysWhatItIsTakenFor) {
    window->reading().ask(string_walk()[3]);
    window->slate().takeFocus();
    type("5+3 mm");
    EXPECT_TRUE(slateText().contains("= 8.0 mm")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("the sum; Enter keeps it")) << slateText().toStdString();
    key(Qt::Key_Escape);
    type("8 mm");
    EXPECT_FALSE(slateText().contains("the sum")) << slateText().toStdString();
}

}  // namespace
}  // namespace fairchalk::desk
