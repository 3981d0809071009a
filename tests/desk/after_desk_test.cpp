// SPDX-License-Identifier: GPL-3.0-or-later
// After the job, in the window: the car through its jobs, tires, a shop's sheet, what a repair disturbs,
// files in and out, what is due on the shelf.
#include <QDir>
#include <QFile>
#include <QMenuBar>
#include <QMessageBox>
#include <QMimeData>
#include <QPushButton>
#include <QSvgRenderer>

#include "after/shop_guide.h"
#include "book/car_file.h"
#include "desk_fixture.h"
#include "history/history_page.h"
#include "look/html.h"
#include "practice/practice_jobs.h"
#include "shelf/bring_in.h"
#include "turn/plan_offers.h"

namespace fairchalk::desk {
namespace {

struct AfterDeskTest : DeskTest {
    QByteArray home = qgetenv("HOME");
    AfterDeskTest() { qputenv("HOME", QByteArray::fromStdString(folder.string())); }
    ~AfterDeskTest() override { qputenv("HOME", home); }
    void season(const char* car, int jobs) {
        UuidSource ids(sources());
        book::Book b(path);
        for (int n = 0; n < jobs; ++n)
            b.import_job(book::read_job(std::string(DATA_DIR) + "/demo/season/" + car + "-" +
                                            std::to_string(n + 1) + ".json",
                                        ids),
                         "job " + std::to_string(n + 1), ids);
    }
    void settled() {
        desk->settle();
        desk->settleMaking();
        QApplication::processEvents();
    }
    bool offers(const char* act) const {
        for (const Act& a : window->drawn()->acts())
            if (a.text.startsWith(act)) return true;
        return false;
    }
    void page(Qt::Key k) {
        key(k, Qt::ControlModifier);
        settled();
    }
};

TEST_F(AfterDeskTest, ACarsJobsAreGoneThroughByKeysAndOpened) {
    season("brask-hillclimb", 6);
    {
        UuidSource ids(sources());
        book::Book b(path);
        b.import_job(book::read_job(std::string(DATA_DIR) + "/demo/brask-hillclimb.json", ids), "the weekend",
                     ids);
    }
    open();
    page(Qt::Key_H);
    HistoryPage* h = window->history();
    ASSERT_TRUE(h && h->ready());
    ASSERT_EQ(h->visits(), 7u);
    EXPECT_EQ(h->chosenVisit(), 6u) << "the newest";
    EXPECT_TRUE(h->text().contains("drifts")) << h->text().toStdString();
    const CarAngle first = h->chosenAngle();
    key(Qt::Key_Down);
    EXPECT_FALSE(h->chosenAngle() == first);
    key(Qt::Key_Up);
    EXPECT_TRUE(h->chosenAngle() == first);
    key(Qt::Key_Home);
    EXPECT_EQ(h->chosenVisit(), 0u);
    key(Qt::Key_Left);
    EXPECT_EQ(h->chosenVisit(), 0u) << "there is none before it";
    const double wide = h->plot().xAxis->range().size();
    key(Qt::Key_Plus);
    EXPECT_LT(h->plot().xAxis->range().size(), wide);
    key(Qt::Key_0);
    EXPECT_NEAR(h->plot().xAxis->range().size(), wide, 1e-6);
    // Inches and decimals change what is shown, and lose nothing.
    key(Qt::Key_F6);
    EXPECT_EQ(h->chosenVisit(), 0u);
    key(Qt::Key_Right);
    key(Qt::Key_Return);
    EXPECT_EQ(desk->title(), "job 2");
    page(Qt::Key_H);
    key(Qt::Key_Escape);
    EXPECT_FALSE(desk->hasJob() && window->history()->isVisible());
}

TEST_F(AfterDeskTest, AJobOnAKnownCarBeginsWithWhatWasKnownAndHasItsTurnsBack) {
    season("tarnby-estate", 3);
    {
        UuidSource ids(sources());
        book::Book b(path);
        const std::string car = b.cars().front().id;
        b.add_job(car, "after the repair", book::Json::object(), ids);
    }
    open();
    settled();
    window->openJob(QString::fromStdString(desk->book().jobs().front().id));
    settled();
    ASSERT_TRUE(desk->leftAt());
    window->setStage(Stage::read);
    settled();
    EXPECT_TRUE(slateText().contains("left at")) << slateText().toStdString();
    bool offered = false;
    for (const PlanOffer& o : plan_offers(*desk)) offered = offered || o.text == "as the last job left it";
    EXPECT_TRUE(offered);
}

TEST_F(AfterDeskTest, WhatIsCarriedOverHasItsBiasTakenOffOnce) {
    season("tarnby-estate", 1);
    {
        UuidSource ids(sources());
        book::Book b(path);
        b.add_job(b.cars().front().id, "next", book::Json::object(), ids);
    }
    open();
    settled();
    window->openJob(QString::fromStdString(desk->book().jobs().back().id));
    settled();
    BiasTaken bias;
    bias.all.push_back(
        {WheelAngle::camber, false, std::nullopt, Angle::from_deg(0.5), Angle::from_deg(0.02)});
    desk->record(bias);
    settled();
    const double left = desk->answer().now.wheels[0].camber.value.deg();
    window->openJob(QString::fromStdString(desk->book().jobs().front().id));
    settled();
    window->setStage(Stage::turn);
    settled();
    key(Qt::Key_8, Qt::AltModifier);
    settled();
    ASSERT_TRUE(last_of<AnglesCarried>(desk->job())) << slateText().toStdString();
    EXPECT_NEAR(desk->answer().now.wheels[0].camber.value.deg(), left, 1e-6);
    EXPECT_EQ(last_of<BiasTaken>(desk->job())->all.size(), 1u) << "and it is said in this job too";
}

TEST_F(AfterDeskTest, ACarWithOneUnreadJobHasAPageThatSaysSo) {
    {
        UuidSource ids(sources());
        book::Book b(path);
        b.add_job(b.add_car({{"name", "a new one"}}, ids), "first", book::Json::object(), ids);
    }
    open();
    page(Qt::Key_H);
    ASSERT_TRUE(window->history()->ready());
    EXPECT_TRUE(window->history()->text().contains("No angle was read"))
        << window->history()->text().toStdString();
    EXPECT_FALSE(window->history()->plot().isVisible()) << "nothing is drawn of what nobody read";
    key(Qt::Key_Down);
    key(Qt::Key_Plus);
    key(Qt::Key_Right);
}

TEST_F(AfterDeskTest, TreadsAreTypedOneAfterTheOtherAndSayWhatWoreThem) {
    season("tarnby-estate", 1);
    open();
    page(Qt::Key_Y);
    ASSERT_EQ(window->page().id, PageId::tires);
    while (desk->undo()) continue;  // begin with bare treads
    window->showPage({});
    page(Qt::Key_Y);
    enter("600");
    EXPECT_TRUE(slateText().contains("Usual is") || window->sayLine().contains("Usual is"))
        << slateText().toStdString();
    window->findChild<QLineEdit*>()->clear();
    for (const char* depth : {"6.0", "5.5", "4.5"}) enter(depth);
    settled();
    EXPECT_TRUE(slateText().contains("worn most at its inner edge")) << slateText().toStdString();
    EXPECT_EQ(window->drawn()->chosen(), "front-right outer");
    // Temperatures in their own units, whichever are shown.
    key(Qt::Key_F2);
    window->drawn()->choose("front-left outer");
    for (const char* warm : {"160 F", "71", "72 C"}) enter(warm);
    settled();
    const TiresRead read = tires_of(desk->job());
    ASSERT_TRUE(read[0].temperature[0] && read[0].temperature[1]);
    EXPECT_NEAR(*read[0].temperature[0], 71.1, 0.05);
    EXPECT_NEAR(*read[0].temperature[1], 71.0, 1e-9);
    enter("5 mm");
    EXPECT_TRUE(slateText().contains("not a temperature")) << slateText().toStdString();
    window->findChild<QLineEdit*>()->clear();
    key(Qt::Key_Z, Qt::ControlModifier);
    EXPECT_FALSE(tires_of(desk->job())[0].temperature[2]) << "taken back";
}

TEST_F(AfterDeskTest, AShopsSheetIsTypedLineByLineAndStandsBesideOnesOwn) {
    season("tarnby-estate", 1);
    open();
    page(Qt::Key_F);
    ASSERT_EQ(window->page().id, PageId::shop);
    EXPECT_EQ(window->drawn()->chosen(), "front-left.toe");
    enter("0°25' out");
    EXPECT_EQ(window->drawn()->chosen(), "front-left.camber");
    enter("95");
    EXPECT_TRUE(slateText().contains("no wheel's angle")) << slateText().toStdString();
    window->findChild<QLineEdit*>()->clear();
    enter("-0.5");
    window->drawn()->choose("where");
    enter("Sallow Wharf Tires");
    settled();
    EXPECT_TRUE(slateText().contains("Sallow Wharf Tires, beside one's own")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("the sheet")) << slateText().toStdString();
    EXPECT_EQ(last_of<ShopSheet>(desk->job())->where, "Sallow Wharf Tires");
    // On the disk, and there again.
    close();
    open();
    page(Qt::Key_F);
    EXPECT_TRUE(slateText().contains("Sallow Wharf Tires, beside one's own")) << slateText().toStdString();
}

TEST_F(AfterDeskTest, WhatStandsOutIsTakenOffOnlyWhenSaidAndThenShown) {
    season("tarnby-estate", 1);
    open();
    settled();
    const double before = desk->answer().now.wheels[0].camber.value.deg();
    // All four cambers half a degree further in at the shop, four times over.
    page(Qt::Key_F);
    for (const char* angle : {"front-left.toe", "front-left.camber", "front-right.camber", "rear-left.camber",
                              "rear-right.camber"}) {
        const auto a = *car_angle_named(angle);
        const KnownAngle* own = desk->answer().now.find(a);
        ASSERT_TRUE(own && own->known) << angle;
        window->drawn()->choose(angle);
        enter(QString::number(own->value.deg() - (a.measure == Measure::camber ? 1.5 : 0.0), 'f', 2));
    }
    settled();
    ASSERT_TRUE(offers("Take off what stands out")) << slateText().toStdString();
    EXPECT_NEAR(desk->answer().now.wheels[0].camber.value.deg(), before, 1e-9) << "not by itself";
    key(Qt::Key_F4);
    settled();
    EXPECT_NEAR(desk->answer().now.wheels[0].camber.value.deg(), before - 1.5, 0.3);
    EXPECT_TRUE(slateText().contains("Taken off by")) << slateText().toStdString();
    EXPECT_TRUE(offers("Take nothing off any more"));
    key(Qt::Key_F3);
    settled();
    EXPECT_NEAR(desk->answer().now.wheels[0].camber.value.deg(), before, 1e-9);
}

TEST_F(AfterDeskTest, ThePracticeShopLeavesItsSheetAsTextAndAsAFileThatComesBackIn) {
    UuidSource ids(sources());
    { book::Book b(path); }
    open();
    startPractice(*desk, {"tarnby", "new-rack", 2, 17},
                  [this](const QString& job, const QString&) { window->openJob(job); });
    settled();
    page(Qt::Key_H);
    EXPECT_EQ(window->history()->visits(), 1u) << "a practice car has its own jobs";
    window->openJob(QString::fromStdString(desk->book().jobs().front().id));
    page(Qt::Key_F);
    ASSERT_TRUE(offers("To the practice shop")) << slateText().toStdString();
    window->drawn()->act("practice");
    settled();
    ASSERT_TRUE(last_of<ShopSheet>(desk->job()));
    const std::size_t lines = last_of<ShopSheet>(desk->job())->figures.size();
    EXPECT_EQ(lines, 12u);
    const QDir documents(QString::fromStdString((folder / "Documents").string()));
    ASSERT_EQ(documents.entryList({"*.txt"}).size(), 1);
    const QString file = documents.filePath(documents.entryList({"Sallow*.json"}).value(0));
    EXPECT_EQ(book::what_is(file.toStdString()), book::FileIs::sheet);
    // A second visit leaves the first sheet as it is.
    window->drawn()->act("practice");
    settled();
    EXPECT_EQ(documents.entryList({"*.txt"}).size(), 2);
    EXPECT_EQ(documents.entryList({"Sallow*.json"}).size(), 2);
    desk->undo();
    desk->undo();
    EXPECT_FALSE(last_of<ShopSheet>(desk->job()));
    window->take(file);
    settled();
    ASSERT_TRUE(last_of<ShopSheet>(desk->job()));
    EXPECT_EQ(last_of<ShopSheet>(desk->job())->figures.size(), lines);
}

TEST_F(AfterDeskTest, WhatARepairUndoesIsPointedAtAndGoesOnTheTakeApartList) {
    demo();
    open();
    page(Qt::Key_G);
    ASSERT_EQ(window->page().id, PageId::repair);
    auto* guide = window->drawn();
    guide->point("hub");
    settled();
    EXPECT_TRUE(slateText().contains("No angle.")) << slateText().toStdString();
    guide->point("strut-top-nuts");
    settled();
    EXPECT_TRUE(slateText().contains("amber up to")) << slateText().toStdString();
    EXPECT_TRUE(slateText().contains("Scribe round its nuts")) << slateText().toStdString();
    key(Qt::Key_F4);
    settled();
    ASSERT_EQ(window->page().id, PageId::baseline);
    bool listed = false;
    for (const Place& p : window->drawn()->places())
        if (p.id == "joint strut-top-nuts front-left") {
            listed = true;
            EXPECT_EQ(p.value, "to write down");
        }
    EXPECT_TRUE(listed);
    window->drawn()->choose("joint strut-top-nuts front-left");
    enter("paint on all three nuts");
    for (const Place& p : window->drawn()->places())
        EXPECT_TRUE(p.id != "joint strut-top-nuts front-left" || p.value == "paint on all three nuts");
    // An axle of which nobody knows how it moves is not guessed at.
    page(Qt::Key_G);
    key(Qt::Key_F3);
    key(Qt::Key_F3);
    settled();
    EXPECT_TRUE(slateText().contains("neither wishbones nor struts")) << slateText().toStdString();
}

TEST_F(AfterDeskTest, JobsCarsAndFiguresComeInAndGoOut) {
    demo();
    open();
    const QDir out(QString::fromStdString(folder.string()));
    EXPECT_EQ(exportJob(*desk, out.filePath("job.json")), QString());
    EXPECT_EQ(exportJob(*desk, out.filePath("job.csv")), QString());
    EXPECT_EQ(exportCar(*desk, desk->book().car_of(desk->jobId()), out.filePath("car.json")), QString());
    EXPECT_FALSE(exportJob(*desk, "/nowhere/at/all.json").isEmpty());
    const auto cars = desk->book().cars().size(), jobs = desk->book().jobs().size();
    window->take(out.filePath("car.json"));
    settled();
    EXPECT_EQ(desk->book().cars().size(), cars + 1);
    window->take(out.filePath("job.json"));
    settled();
    EXPECT_EQ(desk->book().jobs().size(), jobs + 1);
    window->take(QString::fromStdString(std::string(DATA_DIR) + "/demo/figures/tarnby-touring.json"));
    settled();
    EXPECT_EQ(desk->writtenCard().json()["setup_in_use"], "touring");
    EXPECT_EQ(desk->job().targets.size(), 7u);
    // Nothing that it does not know does any harm, and all of it is named.
    QFile junk(out.filePath("junk.json"));
    ASSERT_TRUE(junk.open(QIODevice::WriteOnly));
    junk.write(
        "{\"format\": \"fairchalk-car\", \"version\": 1, \"car\": {\"name\": \"x\", \"wheelbase\": "
        "\"far\"}}");
    junk.close();
    window->take(junk.fileName());
    settled();
    EXPECT_TRUE(window->sayLine().contains("wheelbase")) << window->sayLine().toStdString();
    EXPECT_EQ(desk->book().cars().size(), cars + 1);
    window->take(out.filePath("not-there.json"));
    settled();
    EXPECT_TRUE(window->sayLine().contains("not-there.json")) << window->sayLine().toStdString();
}

TEST_F(AfterDeskTest, OfACardThatBothBooksChangedIsAskedWhichStands) {
    demo();
    const fs::path laptop = folder / "laptop.fairchalk";
    { book::Book(path).copy_to(laptop); }
    UuidSource ids(sources());
    const auto edit = [&](const fs::path& at, const char* wheelbase) {
        book::Book b(at);
        for (const book::JobInfo& j : b.jobs()) {
            auto card = *b.card(j.car);
            if (card["name"] != "Tarnby estate") continue;
            card["wheelbase"] = wheelbase;
            b.append(j.id, {{{"id", ids.next()}, {"at", ids.now()}, {"kind", "car"}, {"car", card}}});
            return;
        }
    };
    edit(path, "2566 mm");
    edit(laptop, "2570 mm");
    open();
    const auto conflicts = conflictsWith(desk->book(), QString::fromStdString(laptop.string()));
    ASSERT_EQ(conflicts.size(), 1u);
    EXPECT_EQ(differences(conflicts[0].ours, conflicts[0].theirs), "wheelbase: here 2566 mm, there 2570 mm");
    window->mergeWith(QString::fromStdString(laptop.string()));
    auto* box = window->findChild<QMessageBox*>();
    ASSERT_TRUE(box);
    EXPECT_TRUE(box->text().contains("2570 mm"));
    for (QAbstractButton* b : box->buttons())
        if (b->text().contains("there")) b->click();
    settled();
    const std::string car = desk->book().car_of(desk->jobId());
    EXPECT_EQ((*desk->book().card(car))["wheelbase"], "2570 mm");
}

TEST_F(AfterDeskTest, AnEmptyBookSaysWhatThisIsAndHasFourWaysIn) {
    { book::Book b(path); }
    const QByteArray data = qgetenv("XDG_DATA_HOME");
    qputenv("XDG_DATA_HOME", QByteArray::fromStdString((folder / "data").string()));
    open();
    QStringList ways;
    for (ShelfLine* l : window->findChildren<ShelfLine*>())
        if (l->isVisible()) ways << l->text();
    ASSERT_EQ(ways.size(), 4) << ways.join("\n").toStdString();
    EXPECT_TRUE(ways[0].contains("demo garage"));
    EXPECT_TRUE(qobject_cast<ShelfLine*>(window->focusWidget()));
    QString opened;
    QObject::connect(window.get(), &Window::bookWanted, [&](const QString& at) { opened = at; });
    for (int n = 1; n <= 2; ++n) {
        key(Qt::Key_Return);
        settled();
        ASSERT_FALSE(opened.isEmpty());
        const book::Book demo(opened.toStdString(), book::Book::Mode::read);
        EXPECT_EQ(demo.name(), "Dunmere Lane garage");
        EXPECT_EQ(demo.cars().size(), 3u);
        EXPECT_EQ(demo.jobs().size(), 15u);
        EXPECT_EQ(opened.contains(" 2."), n == 2) << "never over one that is there: " << opened.toStdString();
    }
    // With a first car it is a shelf.
    UuidSource ids(sources());
    desk->make(
        [&ids](book::Book& b) {
            return q(b.add_car({{"name", "mine"}}, ids));
        },
        [](const QString&, const QString&) {});
    settled();
    window->showShelf();
    EXPECT_FALSE(window->findChild<WelcomeDrawing*>()->isVisible());
    qputenv("XDG_DATA_HOME", data);
}

TEST_F(AfterDeskTest, WhatIsDueStandsOnTheShelfAndInACalendar) {
    demo();
    open();
    window->showShelf();
    settled();
    QString shelf;
    for (QLabel* l : window->findChildren<QLabel*>())
        if (l->isVisible()) shelf += l->text() + "\n";
    EXPECT_TRUE(shelf.contains("look again")) << shelf.toStdString();
    const QString file = QString::fromStdString((folder / "due.ics").string());
    EXPECT_EQ(exportCalendar(*desk, file), QString());
    QFile ics(file);
    ASSERT_TRUE(ics.open(QIODevice::ReadOnly));
    EXPECT_TRUE(ics.readAll().contains("20260601"));
}

TEST_F(AfterDeskTest, AnyDrawingGoesOutAsLines) {
    demo();
    open();
    for (Stage s : all_stages) {
        window->setStage(s);
        desk->settle();
        const QString file = QString::fromStdString((folder / (std::string(name_of(s)) + ".svg")).string());
        EXPECT_EQ(window->drawingTo(file), QString());
        QSvgRenderer drawing(file);
        EXPECT_TRUE(drawing.isValid()) << name_of(s);
    }
    EXPECT_FALSE(window->drawingTo("/nowhere/at/all.svg").isEmpty());
}

TEST_F(AfterDeskTest, TheMenusReachWhatTheKeysDo) {
    season("brask-hillclimb", 2);
    open();
    int acts = 0;
    for (QAction* menu : window->menuBar()->actions())
        for (QAction* a : menu->menu()->actions())
            if (!a->isSeparator() && !a->menu()) ++acts;
    EXPECT_GT(acts, 25);
    const auto choose = [&](const char* text) {
        for (QAction* menu : window->menuBar()->actions())
            for (QAction* a : menu->menu()->actions())
                if (a->text().startsWith(text)) return a->trigger();
        FAIL() << text;
    };
    choose("Tires");
    EXPECT_EQ(window->page().id, PageId::tires);
    choose("Through its jobs");
    settled();
    EXPECT_TRUE(window->history()->isVisible());
    choose("Cars and jobs");
    EXPECT_FALSE(window->history()->isVisible());
}

}  // namespace
}  // namespace fairchalk::desk
