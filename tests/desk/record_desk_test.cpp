// SPDX-License-Identifier: GPL-3.0-or-later
// The record in the window: what it shows, what is typed there, what is written, and what moved since last
// time.
#include <QDir>
#include <QFile>

#include "desk_fixture.h"
#include "record/record_guide.h"
#include "record/record_print.h"

namespace fairchalk::desk {
namespace {

struct RecordDeskTest : DeskTest {
    QByteArray home = qgetenv("HOME");
    RecordDeskTest() { qputenv("HOME", QByteArray::fromStdString(folder.string())); }
    ~RecordDeskTest() override { qputenv("HOME", home); }
    void record() {
        key(Qt::Key_J, Qt::ControlModifier);
        desk->settle();
        desk->settleMaking();
    }
};

TEST_F(RecordDeskTest, KilometresAndWhenToLookAgainAreTypedAndKept) {
    demo();
    open();
    readAll(tarnby_rest);
    record();
    ASSERT_EQ(window->page().id, PageId::record);
    EXPECT_EQ(window->drawn()->chosen(), "odometer");
    EXPECT_TRUE(slateText().contains("Nothing was turned.")) << slateText().toStdString();
    enter("84,2x0 km");
    EXPECT_TRUE(slateText().contains("not understood")) << slateText().toStdString();
    EXPECT_FALSE(last_of<Odometer>(desk->job())) << "nothing is kept of it";
    window->findChild<QLineEdit*>()->clear();
    enter("52,300 mi");
    ASSERT_TRUE(last_of<Odometer>(desk->job()));
    EXPECT_NEAR(last_of<Odometer>(desk->job())->km, 84168.7, 0.1);
    EXPECT_EQ(window->drawn()->chosen(), "again");
    enter("in 100 km: new bushes");
    ASSERT_TRUE(last_of<LookAgain>(desk->job()));
    EXPECT_EQ(last_of<LookAgain>(desk->job())->when, "100 km");
    EXPECT_EQ(last_of<LookAgain>(desk->job())->why, "new bushes");
    desk->settle();
    EXPECT_TRUE(slateText().contains("100 km: new bushes")) << slateText().toStdString();
    // It is on the disk, and can be taken back.
    close();
    open();
    ASSERT_TRUE(last_of<LookAgain>(desk->job()));
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_FALSE(last_of<LookAgain>(desk->job()));
}

TEST_F(RecordDeskTest, ABareDistanceIsMilesWhereInchesAreShownAndSaysSo) {
    demo();
    open();
    readAll(tarnby_rest);
    record();
    enter("84210");
    EXPECT_EQ(last_of<Odometer>(desk->job())->text, "84210 km");
    enter("500");
    EXPECT_EQ(last_of<LookAgain>(desk->job())->when, "500 km");
    key(Qt::Key_F7);
    window->drawn()->point("odometer");
    EXPECT_TRUE(window->drawn()->prompt().contains("mi"));
    enter("52,310");
    EXPECT_EQ(last_of<Odometer>(desk->job())->text, "52,310 mi");
    EXPECT_NEAR(last_of<Odometer>(desk->job())->km, 52310 * 1.609344, 0.01);
    enter("in 500: tires");
    EXPECT_EQ(last_of<LookAgain>(desk->job())->when, "500 mi");
    window->drawn()->point("again");
    enter("2027-03-01");
    EXPECT_EQ(last_of<LookAgain>(desk->job())->when, "2027-03-01");
}

TEST_F(RecordDeskTest, IsWrittenBesideWhatIsThereAndSaysWhere) {
    demo();
    open();
    readAll(tarnby_rest);
    record();
    type("842");
    key(Qt::Key_F2);
    EXPECT_EQ(window->findChild<QLineEdit*>()->text(), "842") << "what is typed stays";
    EXPECT_TRUE(window->sayLine().contains("Written")) << window->sayLine().toStdString();
    const QDir documents(QString::fromStdString((folder / "Documents").string()));
    ASSERT_EQ(documents.entryList({"*.pdf"}).size(), 1);
    QFile first(documents.filePath(documents.entryList({"*.pdf"}).front()));
    ASSERT_TRUE(first.open(QIODevice::ReadOnly));
    EXPECT_TRUE(first.read(5) == "%PDF-");
    key(Qt::Key_F2);
    EXPECT_EQ(documents.entryList({"*.pdf"}).size(), 2) << "never over one that is there";
    key(Qt::Key_F3);
    EXPECT_FALSE(documents.entryList({"*note for the shop*.pdf"}).isEmpty());
}

TEST_F(RecordDeskTest, OfTheSameCarTwiceNothingMoved) {
    demo();
    {
        UuidSource ids(sources());
        book::Book b(path);
        b.import_job(book::read_job(std::string(DATA_DIR) + "/demo/brask-hillclimb.json", ids), "Autumn",
                     ids);
    }
    open();
    const auto jobs = desk->book().jobs();
    const auto autumn =
        std::find_if(jobs.begin(), jobs.end(), [](const book::JobInfo& j) { return j.title == "Autumn"; });
    ASSERT_NE(autumn, jobs.end());
    window->openJob(QString::fromStdString(autumn->id));
    record();
    EXPECT_TRUE(slateText().contains("Since “brask-hillclimb”")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("Nothing moved that these readings could show"));
    // The first job of a car has none before it, though it has one after it.
    const auto first = std::find_if(jobs.begin(), jobs.end(),
                                    [](const book::JobInfo& j) { return j.title == "brask-hillclimb"; });
    window->openJob(QString::fromStdString(first->id));
    record();
    EXPECT_FALSE(slateText().contains("Since"));
}

TEST_F(RecordDeskTest, WhatIsTakenOffNowIsTakenOffTheJobBeforeToo) {
    demo();
    {
        UuidSource ids(sources());
        book::Book b(path);
        b.import_job(book::read_job(std::string(DATA_DIR) + "/demo/brask-hillclimb.json", ids), "Autumn",
                     ids);
    }
    open();
    for (const book::JobInfo& j : desk->book().jobs())
        if (j.title == "Autumn") window->openJob(QString::fromStdString(j.id));
    BiasTaken bias;
    bias.all.push_back({WheelAngle::toe, false, Axle::front, Angle::from_deg(0.8), Angle::from_deg(0.02)});
    desk->record(bias);
    desk->settle();
    desk->settleMaking();
    record();
    EXPECT_TRUE(slateText().contains("Nothing moved that these readings could show"))
        << slateText().toStdString();
}

TEST_F(RecordDeskTest, APageThatCannotBeWrittenSaysSo) {
    EXPECT_FALSE(writePdf("<p>x</p>", "/nowhere/at/all.pdf"));
    EXPECT_EQ(titleOf("<title>a &amp; b</title>"), "a & b");
    EXPECT_TRUE(drawingOf("<p>none</p>").isEmpty());
}

}  // namespace
}  // namespace fairchalk::desk
