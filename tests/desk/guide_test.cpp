// SPDX-License-Identifier: GPL-3.0-or-later
// The guides between the stages: units, books that are only read, ages of floors, sheets, sizes, focus.
#include <fstream>
#include <map>
#include <numbers>
#include <set>

#include <QDate>
#include <QPainter>
#include <QRegularExpression>

#include "book/target_text.h"
#include "core/job/floor.h"
#include "desk_fixture.h"
#include "floor/toe_fan.h"
#include "guide/drawn_guide.h"
#include "look/chalk.h"

namespace fairchalk::desk {
namespace {

struct GuideTest : DeskTest {
    GuideTest() {
        demo();
        open();
        desk->settle();
    }
    void go(Stage s) { key(static_cast<Qt::Key>(Qt::Key_1 + index_of(s)), Qt::ControlModifier); }
    PlaceMark* mark(const QString& id) {
        for (PlaceMark* m : window->findChildren<PlaceMark*>())
            if (m->id == id) return m;
        return nullptr;
    }
    void point(const QString& id) {
        ASSERT_TRUE(mark(id)) << id.toStdString();
        QTest::mouseClick(mark(id), Qt::LeftButton);
    }
    QLineEdit* entry() { return window->slate().findChild<QLineEdit*>(); }
    void keepFloor(const char* name, const QDate& date, double wheelbase_mm) {
        FloorSet set;
        set.method = FloorMethod::heights;
        set.place = name;
        set.surveyed = date.toString(Qt::ISODate).toStdString();
        set.sigma = Length::from_mm(0.7);
        Entry e;
        e.event = set;
        book::Json j = book::json_of(e);
        j["wheelbase"] = write_exact(Length::from_mm(wheelbase_mm));
        desk->book().set_fact(std::string("floor:") + name, j.dump());
    }
    /// Another floor: the demo's own survey is taken back.
    void anotherFloor() {
        go(Stage::floor);
        point("tiles");
        key(Qt::Key_4, Qt::AltModifier);
        ASSERT_FALSE(floor_now(desk->job()));
    }
};

TEST_F(GuideTest, ABareNumberHasTheUnitThatIsShown) {
    go(Stage::check_over);
    key(Qt::Key_F7);  // inches, and pressures in psi
    point("pressures");
    key(Qt::Key_F5 /* no matter */, Qt::AltModifier);
    for (QPushButton* b : window->slate().findChildren<QPushButton*>())
        if (b->accessibleName() == "Measure again" && b->isVisibleTo(&window->slate())) b->click();
    type("33");
    EXPECT_TRUE(slateText().contains("2.28 bar (33.0 psi)")) << slateText().toStdString();
    key(Qt::Key_Return);
    const auto read = state_readings(desk->job(), wheel_spot(ReadingId::pressure, Wheel::front_left));
    EXPECT_NEAR(read.back()->value.value, 2.2753, 1e-3);
    EXPECT_EQ(read.back()->value.text, "33 psi") << "as typed, with its unit";
    go(Stage::floor);
    point("tiles");
    type("1/8");
    EXPECT_TRUE(slateText().contains("3.2 mm"));
    key(Qt::Key_F7);
}

TEST_F(GuideTest, WhatALengthIsGoodToIsSaidInTheUnitThatIsShown) {
    Show how;
    EXPECT_EQ(within(Length::from_mm(1.83), how), "1.8 mm");
    EXPECT_EQ(within(Length::from_mm(0.42), how), "0.42 mm");
    how.lengths = Show::LengthStyle::inch;
    EXPECT_EQ(within(Length::from_mm(1.83), how), "5/64 in");
    EXPECT_EQ(within(Length::from_mm(0.2), how), "0.008 in");
    go(Stage::floor);
    key(Qt::Key_F7);
    key(Qt::Key_F2);
    for (const char* height : {"3 1/2", "3 7/16", "3 1/4", "3 3/8"}) enter(height);
    TextWatch watch;
    TextWatch::watching = &watch;
    window->grab();
    TextWatch::watching = nullptr;
    EXPECT_EQ(watch.written.filter(QRegularExpression("^[+−-]?[0-9/ ]+ ±[0-9]+/[0-9]+ in$")).size(), 4)
        << watch.written.join(" | ").toStdString();
}

TEST_F(GuideTest, WhatLiesBesideOnTheDrawingIsReachedByTheKeysThatPointThere) {
    go(Stage::ask);
    point("pulls");
    const auto middle = [&] {
        for (const Place& place : window->drawn()->places())
            if (place.id == window->drawn()->chosen()) return place.at.center();
        return QPointF();
    };
    // To the left until nothing lies there, then back.
    for (int i = 0; i < 2; ++i) {
        const QPointF from = middle();
        key(Qt::Key_Left);
        EXPECT_LT(middle().x(), from.x());
    }
    const QPointF from = middle();
    key(Qt::Key_Right);
    EXPECT_GT(middle().x(), from.x());
    // While something is typed they move in it.
    const QString there = window->drawn()->chosen();
    type("ab");
    key(Qt::Key_Left);
    EXPECT_EQ(window->drawn()->chosen(), there);
    type("c");
    EXPECT_EQ(window->findChild<QLineEdit*>()->text(), "acb");
}

TEST_F(GuideTest, ThreadsMayBeCounted) {
    go(Stage::check_over);
    point("threads");
    for (QPushButton* b : window->slate().findChildren<QPushButton*>())
        if (b->accessibleName() == "Measure again" && b->isVisibleTo(&window->slate())) b->click();
    type("14 threads");
    EXPECT_TRUE(slateText().contains("21.0 mm")) << slateText().toStdString();
    key(Qt::Key_Return);
    enter("16 threads");
    const SideDifference d = side_difference(desk->job(), Axle::front, ReadingId::thread_exposed);
    EXPECT_NEAR(d.by.mm(), -3, 1e-9);
    EXPECT_NEAR(*d.turns, -2, 1e-9);
    EXPECT_TRUE(slateText().contains("left 3.0 mm less than right, 2 turns")) << slateText().toStdString();
}

TEST_F(GuideTest, ANumberOnTheCarIsPointedAtLikeItsLine) {
    go(Stage::check_over);
    auto* view = window->findChild<GuideView*>();
    ASSERT_TRUE(view);
    ASSERT_TRUE(view->isVisible());
    const double k = std::min(view->width() / DrawnGuide::width, view->height() / DrawnGuide::height);
    const auto on_screen = [&](QPointF at) {
        return QPointF((view->width() - k * DrawnGuide::width) / 2 + k * at.x(),
                       (view->height() - k * DrawnGuide::height) / 2 + k * at.y())
            .toPoint();
    };
    DrawnGuide* guide = window->drawn();
    // Wherever a number is, it means its line: all of them are found on the drawing.
    std::set<QString> found;
    for (double x = 4; x < DrawnGuide::width; x += 9)
        for (double y = 4; y < 450; y += 9) {
            // As the pixel that is clicked has it: at an edge it may be beyond.
            const QPointF pixel = on_screen({x, y});
            const QString id =
                guide->placeAt({(pixel.x() - (view->width() - k * DrawnGuide::width) / 2) / k,
                                (pixel.y() - (view->height() - k * DrawnGuide::height) / 2) / k});
            if (id.isEmpty() || !found.insert(id).second) continue;
            QTest::mouseClick(view, Qt::LeftButton, {}, on_screen({x, y}));
            EXPECT_EQ(guide->chosen(), id);
            EXPECT_TRUE(mark(id)->isChecked());
        }
    EXPECT_EQ(found.size(), guide->places().size());
    const QString last = guide->chosen();
    QTest::mouseClick(view, Qt::LeftButton, {}, on_screen({900, 70}));
    EXPECT_EQ(guide->chosen(), last) << "beside the car nothing is meant";
}

TEST_F(GuideTest, NoTwoChoicesOfTheCardShareAKeyHoweverManyThereAre) {
    window->showPage({PageId::card});
    std::size_t most = 0;
    for (const Place& p : window->drawn()->places()) {
        window->drawn()->point(p.id);
        const QString first = window->slate().guide()->subtitle();
        do {
            const auto acts = window->slate().guide()->offered();
            std::set<std::size_t> used;
            for (std::size_t i = 0; i < acts.size(); ++i)
                EXPECT_TRUE(used.insert(keyOf(acts, i)).second)
                    << p.name.toStdString() << ", " << window->slate().guide()->subtitle().toStdString()
                    << ": " << acts[i].text.toStdString();
            most = std::max(most, acts.size());
            window->slate().guide()->act("next");
        } while (window->drawn()->chosen() == p.id && window->slate().guide()->subtitle() != first);
    }
    EXPECT_GT(most, 9u) << "more choices than there are keys in a row";
}

TEST_F(GuideTest, AnActHasOneKeyWhateverElseIsOffered) {
    std::map<std::pair<std::string, QString>, std::size_t> keys;
    const auto look = [&] {
        desk->settle();
        const Guide* g = window->slate().guide();
        const auto acts = g->offered();
        std::set<std::size_t> used;
        EXPECT_LE(std::count_if(acts.begin(), acts.end(), [](const Act& a) { return a.main; }), 1)
            << g->metaObject()->className() << ": two that stand out";
        for (std::size_t i = 0; i < acts.size(); ++i) {
            const std::size_t at = keyOf(acts, i);
            EXPECT_TRUE(used.insert(at).second) << g->metaObject()->className() << ": two acts on a key";
            const auto [it, first] = keys.try_emplace({g->metaObject()->className(), acts[i].id}, at);
            EXPECT_EQ(it->second, at) << g->metaObject()->className() << ": " << acts[i].text.toStdString();
        }
    };
    const auto places = [&] {
        look();
        if (DrawnGuide* g = window->drawn())
            for (const Place& p : g->places()) g->choose(p.id), look();
    };
    for (int pass = 0; pass < 3; ++pass) {
        for (Stage s : {Stage::ask, Stage::floor, Stage::lines, Stage::turn, Stage::drive}) {
            go(s);
            if (s == Stage::lines || s == Stage::floor)
                look();
            else
                places();
            if (s == Stage::drive) key(Qt::Key_F2), look();
        }
        go(Stage::lines);
        places();
        for (const char* rig : {"string-bars", "toe-boards"})
            for (int step = 0; step < 9; ++step) {
                if (step == 0) window->showPage({PageId::rig, rig});
                look();
                key(Qt::Key_F2);
            }
        for (const Page& p :
             {Page{PageId::lock}, Page{PageId::repair}, Page{PageId::tools}, Page{PageId::shop}})
            window->showPage(p), places();
        window->showPage({});
        // Between the passes the job goes on: read, then turned.
        go(Stage::read);
        for (int n = 0; n < 18; ++n) key(Qt::Key_PageDown), look();
        if (pass == 0)
            for (int n = 0; n < 20 && window->reading().spot(); ++n) enter(n % 3 ? "110" : "114");
        if (pass == 1) desk->turned({Turn{"rod-fl", 0.25}, Turn{"rod-fr", 0.25}});
    }
    EXPECT_GT(keys.size(), 30u);
}

TEST_F(GuideTest, EachNutHasItsRoomHoweverManyWereTurned) {
    // The special has shims at every corner, beside its rods.
    window->openJob(QString::fromStdString(desk->book().jobs(desk->book().cars().front().id).front().id));
    desk->settle();
    const std::vector<Adjuster> all = desk->job().car.adjusters;
    ASSERT_GT(all.size(), 4u);
    for (std::size_t n = 1; n <= all.size(); ++n) {
        Turn t{all[n - 1].id, 0.5};
        if (!is_rod(all[n - 1])) t.kind = all[n - 1].kind, t.turns = 1.0;
        desk->turned({t});
        desk->settle();
        window->showPage({PageId::lock});
        const auto places = window->drawn()->places();
        ASSERT_EQ(places.size(), n);
        for (std::size_t i = 0; i < n; ++i) {
            EXPECT_TRUE(QRectF(0, 400, DrawnGuide::width, DrawnGuide::height - 400).contains(places[i].at));
            for (std::size_t k = 0; k < i; ++k) EXPECT_FALSE(places[i].at.intersects(places[k].at));
        }
    }
}

TEST(ToeFan, TheFrontOfALeftWheelLeansToTheMiddleWhereItToesIn) {
    const ToeFan fan{10.0, 50.0};
    const Angle in = Angle::from_deg(0.5);
    EXPECT_GT(fan.way(Side::left, in).y(), 0) << "left is above, its middle below it";
    EXPECT_LT(fan.way(Side::right, in).y(), 0);
    EXPECT_NEAR(std::atan2(fan.way(Side::left, in).y(), fan.way(Side::left, in).x()),
                5 * std::numbers::pi / 180, 1e-9)
        << "ten times as large";
    EXPECT_EQ(ToeFan::timesFor(Angle::from_deg(0.01)), 40.0);
    EXPECT_EQ(ToeFan::timesFor(Angle::from_deg(-3)), 6.0);
    EXPECT_EQ(ToeFan::timesFor(Angle()), 40.0);
}

TEST_F(GuideTest, WhatIsNotUnderstoodStaysOnTheLineOfEveryStage) {
    const std::pair<Stage, const char*> places[] = {{Stage::check_over, "rims"},
                                                    {Stage::floor, "tiles"},
                                                    {Stage::steering, "lock"},
                                                    {Stage::drive, "level"}};
    for (const auto& [stage, place] : places) {
        go(stage);
        point(place);
        if (stage == Stage::drive) key(Qt::Key_F2);  // stopped
        const std::size_t entries = desk->log().size();
        enter("about two furlongs");
        EXPECT_EQ(entry()->text(), "about two furlongs") << place;
        EXPECT_TRUE(slateText().contains("furlongs")) << place;
        EXPECT_EQ(desk->log().size(), entries) << "nothing was kept";
        key(Qt::Key_Escape);
        EXPECT_TRUE(entry()->text().isEmpty()) << place;
    }
}

TEST_F(GuideTest, AFloorAgesAndKnowsForWhichCarItWasSurveyed) {
    keepFloor("bay 2", QDate::currentDate().addMonths(-20), 2565);
    keepFloor("bay 3", QDate::currentDate().addDays(-3), 2200);
    anotherFloor();
    ASSERT_TRUE(mark("floor:bay 2"));
    point("floor:bay 2");
    point("tiles");
    EXPECT_TRUE(slateText().contains("months ago")) << slateText().toStdString();
    EXPECT_FALSE(slateText().contains("stands on other spots"));
    key(Qt::Key_4, Qt::AltModifier);
    point("floor:bay 3");
    point("tiles");
    EXPECT_FALSE(slateText().contains("months ago"));
    EXPECT_TRUE(slateText().contains("stands on other spots"));
}

TEST_F(GuideTest, AFactThatIsNoFloorIsPassedOver) {
    desk->book().set_fact("floor:broken", "{\"kind\": \"floor\"");
    desk->book().set_fact("floor:newer", "{\"kind\": \"floor\", \"method\": \"by-satellite\"}");
    anotherFloor();
    EXPECT_FALSE(mark("floor:broken"));
    EXPECT_FALSE(mark("floor:newer"));
}

TEST_F(GuideTest, FlatEnoughIsAnAnswerToo) {
    anotherFloor();
    key(Qt::Key_F4);
    auto floor = floor_now(desk->job());
    ASSERT_TRUE(floor);
    EXPECT_EQ(floor->method, FloorMethod::flat_enough);
    EXPECT_TRUE(slateText().contains("within how much")) << slateText().toStdString();
    enter("-3");
    EXPECT_NEAR(floor_now(desk->job())->rows.front().sigma * 1000, 2.0, 1e-9) << "questioned";
    key(Qt::Key_Escape);
    enter("6");
    floor = floor_now(desk->job());
    EXPECT_NEAR(floor->rows.front().sigma * 1000, 6 / k95, 1e-9) << "said as ±, kept as one sigma";
    const auto states = stages_of(desk->job(), desk->knowledge());
    EXPECT_EQ(states[static_cast<std::size_t>(index_of(Stage::floor))].progress, Progress::done)
        << "it had settled before";
}

TEST_F(GuideTest, AChassisOnBlocksHasItsOwnListAndNothingSettles) {
    key(Qt::Key_I, Qt::ControlModifier);
    point("body");
    key(Qt::Key_Down);
    key(Qt::Key_Down);
    EXPECT_TRUE(slateText().contains("it stands")) << slateText().toStdString();
    key(Qt::Key_F3);  // on blocks
    ASSERT_TRUE(desk->job().car.no_springs);
    key(Qt::Key_Escape);
    go(Stage::check_over);
    EXPECT_TRUE(mark("blocks-height"));
    EXPECT_FALSE(mark("heights"));
    go(Stage::floor);
    point("settle");
    EXPECT_TRUE(slateText().contains("nothing settles"));
    key(Qt::Key_F10);
    const auto states = stages_of(desk->job(), desk->knowledge());
    EXPECT_EQ(states[static_cast<std::size_t>(index_of(Stage::floor))].progress, Progress::done)
        << "nothing to settle again";
    EXPECT_EQ(states[static_cast<std::size_t>(index_of(Stage::lines))].spoiled_by, Happening::jacked);
}

TEST_F(GuideTest, EveryHappeningHasItsDigit) {
    const ChangeKind expected[] = {ChangeKind::jacked,
                                   ChangeKind::jacked,
                                   ChangeKind::rolled,
                                   ChangeKind::bounced,
                                   ChangeKind::strings_moved,
                                   ChangeKind::steering_recentred,
                                   ChangeKind::pressures_changed,
                                   ChangeKind::load_changed,
                                   ChangeKind::locked,
                                   ChangeKind::locked};
    for (int i = 0; i < 10; ++i) {
        key(Qt::Key_E, Qt::ControlModifier);
        key(static_cast<Qt::Key>(i == 9 ? Qt::Key_0 : Qt::Key_1 + i));
        const Change* c = last_of<Change>(desk->job());
        ASSERT_TRUE(c);
        EXPECT_EQ(c->kind, expected[i]) << i;
        if (i == 0 || i == 8) {
            EXPECT_EQ(c->axle, Axle::front);
        }
        if (i == 1 || i == 9) {
            EXPECT_EQ(c->axle, Axle::rear);
        }
    }
}

TEST_F(GuideTest, LooseTakesWhatIsSuggestedWithOneMoreKey) {
    readAll({"119", "113", "119.5", "1682", "101.5", "95.5", "102", "115.5", "110", "117", "1674"});
    ASSERT_EQ(window->stage(), Stage::turn);
    key(Qt::Key_L, Qt::ControlModifier);
    key(Qt::Key_Return);
    EXPECT_EQ(loose_list(desk->job()).back().part, "Left tie rod, locknut")
        << "of the rod that is to be turned";
    key(Qt::Key_L, Qt::ControlModifier);
    key(Qt::Key_Escape);
    EXPECT_EQ(window->stage(), Stage::turn);
    EXPECT_TRUE(slateText().contains("What one turn does on this car")) << "back to where it was";
}

TEST_F(GuideTest, TheReadStageSaysWhatMadeItStale) {
    readAll({"119", "113", "119.5", "1682", "101.5", "95.5", "102", "115.5", "110", "117", "1674"});
    go(Stage::read);
    key(Qt::Key_F10);
    EXPECT_TRUE(window->sayLine().startsWith("Jacked since the last reading: 14 spots"))
        << window->sayLine().toStdString();
    EXPECT_TRUE(named("Read: spoiled, jacked: 0 of 14"));
}

TEST_F(GuideTest, ABookThatIsOnlyReadShowsItAllAndChangesNothing) {
    desk->settle();
    close();
    {
        book::Book::Migrations newer = book::Book::migrations();
        newer.push_back("CREATE TABLE later (id TEXT)");
        book::Book b(path, book::Book::Mode::write, newer);
    }
    open();
    const std::size_t entries = desk->log().size();
    for (Stage s : all_stages) {
        go(s);
        for (Qt::Key k : {Qt::Key_F2, Qt::Key_F3, Qt::Key_F4, Qt::Key_F10, Qt::Key_F11}) key(k);
        key(Qt::Key_K, Qt::ControlModifier);
    }
    EXPECT_EQ(desk->log().size(), entries);
    EXPECT_EQ(window->kept(), "reading only");
}

TEST_F(GuideTest, PlacesScaleWithTheWindowAndStayInsideIt) {
    for (const QSize& size : {QSize(1024, 640), QSize(1280, 800), QSize(2560, 1500)}) {
        window->resize(size);
        QApplication::processEvents();
        for (Stage s : {Stage::ask, Stage::check_over, Stage::floor, Stage::steering, Stage::drive}) {
            go(s);
            auto* view = window->findChild<GuideView*>();
            ASSERT_TRUE(view && view->isVisible());
            for (const PlaceMark* m : window->findChildren<PlaceMark*>()) {
                EXPECT_TRUE(view->rect().contains(m->geometry()))
                    << m->accessibleName().toStdString() << " at " << size.width();
                for (const PlaceMark* o : window->findChildren<PlaceMark*>())
                    if (o != m) {
                        const QRect both = m->geometry().intersected(o->geometry());
                        EXPECT_LT(both.width() * both.height(), m->width() * m->height() / 8)
                            << m->accessibleName().toStdString() << " lies on "
                            << o->accessibleName().toStdString();
                    }
            }
        }
    }
}

TEST_F(GuideTest, ButtonsOfTheSlateAreWholeWhateverStageCameBefore) {
    for (Stage s : {Stage::floor, Stage::check_over, Stage::ask, Stage::steering, Stage::drive,
                    Stage::check_over, Stage::floor}) {
        go(s);
        QApplication::processEvents();
        for (const QPushButton* b : window->slate().findChildren<QPushButton*>()) {
            if (!b->isVisibleTo(&window->slate())) continue;
            EXPECT_GE(b->height(), 30) << b->text().toStdString();
            EXPECT_LE(b->fontMetrics().horizontalAdvance(b->text()), b->width()) << b->text().toStdString();
        }
    }
}

TEST_F(GuideTest, ASheetCarriesTheCautionsOfItsStageReadOrNot) {
    for (Stage s : {Stage::floor, Stage::turn, Stage::drive}) {
        go(s);
        key(Qt::Key_K, Qt::ControlModifier);
        const QSizeF paper(1414, 1000);
        QImage sheet(paper.toSize(), QImage::Format_RGB32);
        sheet.fill(Qt::white);
        QPainter p(&sheet);
        window->drawSheet(p, paper);
        p.end();
        int ink = 0;
        for (int y = sheet.height() - 110; y < sheet.height(); ++y)
            for (int x = 0; x < sheet.width(); ++x) ink += qGray(sheet.pixel(x, y)) < 120;
        EXPECT_GT(ink, 300) << "stage " << index_of(s) << ": nothing at the foot of the sheet";
    }
    EXPECT_TRUE(Chalk::now().dark) << "the window keeps its own floor";
}

TEST_F(GuideTest, TabAndSpacePointAtPlaces) {
    go(Stage::ask);
    PlaceMark* place = mark("subframe");
    ASSERT_TRUE(place);
    place->setFocus();
    QTest::keyClick(place, Qt::Key_Space);
    const ReasonsGiven* asked = last_of<ReasonsGiven>(desk->job());
    ASSERT_TRUE(asked);
    EXPECT_EQ(asked->reasons.back(), "subframe");
    EXPECT_TRUE(mark("subframe")->accessibleName().endsWith("yes"));
    QTest::keyClick(mark("subframe"), Qt::Key_Space);
    EXPECT_NE(last_of<ReasonsGiven>(desk->job())->reasons.back(), "subframe");
}

TEST_F(GuideTest, TheDriveIsNotedAndSeenAgain) {
    go(Stage::drive);
    for (int i = 0; i < 3; ++i) key(Qt::Key_Return);  // the loose list
    key(Qt::Key_F2);                                  // stopped
    point("note");
    enter("quiet over bumps <b>");
    EXPECT_TRUE(slateText().contains("quiet over bumps &lt;b&gt;")) << "as it was typed, not as markup";
    point("marks");
    enter("32 mm over 370 mm left");
    EXPECT_EQ(last_of<Driven>(desk->job())->how, "rim-marks");
    EXPECT_TRUE(slateText().contains("9°55' to the left")) << slateText().toStdString();
    key(Qt::Key_F2);
    EXPECT_NE(last_of<Driven>(desk->job())->drift, Drift::left)
        << "the key that told of the stop says no drift";
    key(Qt::Key_F4);
    EXPECT_EQ(last_of<Driven>(desk->job())->drift, Drift::straight);
    // What it does, of the symptoms: kept, with what would explain it.
    key(Qt::Key_5, Qt::AltModifier);
    EXPECT_TRUE(slateText().contains("What did it do?")) << slateText().toStdString();
    key(Qt::Key_2);
    EXPECT_EQ(last_of<Driven>(desk->job())->feels, std::vector<std::string>{"wanders"});
    desk->settle();
    EXPECT_TRUE(slateText().contains("Toe out by a quarter of a degree")) << slateText().toStdString();
}

TEST_F(GuideTest, AnotherSetUpIsAnotherAimAndTheFirstIsKept) {
    key(Qt::Key_I, Qt::ControlModifier);
    point("targets");
    enter("wet");
    key(Qt::Key_Down);
    enter("-1.5 ±0.5");
    EXPECT_EQ(desk->writtenCard().json()["setups"]["wet"]["front"]["camber"]["aim"], "-1.5 deg");
    EXPECT_TRUE(desk->writtenCard().json()["setups"].contains("road"));
    bool camber = false;
    for (const Target& t : desk->job().targets)
        camber = camber || (t.measure == Measure::camber && std::abs(t.aim.deg() + 1.5) < 1e-9);
    EXPECT_TRUE(camber);
    const auto line =
        book::text_of_target("camber", desk->writtenCard().json()["setups"]["wet"]["front"]["camber"]);
    EXPECT_EQ(line, "-1.5 deg ±0.5 deg");
}

TEST_F(GuideTest, AnAngleWithoutAnAdjusterIsSaidOnTheCardAsTheJobFileSaysIt) {
    key(Qt::Key_I, Qt::ControlModifier);
    point("front-left");
    for (int i = 0; i < 12 && !slateText().contains("› </b>caster"); ++i) key(Qt::Key_Down);
    key(Qt::Key_F2);  // nothing
    bool none = false;
    for (const Adjuster& a : desk->job().car.adjusters)
        none = none || (a.kind == "none" && a.angle == "caster" && a.wheel == Wheel::front_left);
    EXPECT_TRUE(none);
    EXPECT_TRUE(desk->job().car.rod("rod-fl")) << "the rods stay";
}

TEST_F(GuideTest, RodsAreSaidOnceForBothAndMadeWhereTheCardHasNone) {
    key(Qt::Key_I, Qt::ControlModifier);
    point("steering");
    for (int i = 0; i < 6 && !slateText().contains("› </b>tie rods run"); ++i) key(Qt::Key_Down);
    key(Qt::Key_F3);  // ahead
    for (Wheel w : {Wheel::front_left, Wheel::front_right})
        EXPECT_EQ(desk->job().car.rod_at(w)->rod, RodSide::ahead_of_axle);
    EXPECT_TRUE(slateText().contains("› </b>their thread pitch")) << "on to the next";
    enter("15");
    EXPECT_TRUE(slateText().contains("1.5 mm")) << "questioned, with what was likely meant";
    key(Qt::Key_Tab);
    key(Qt::Key_Return);
    EXPECT_NEAR(desk->job().car.rod("rod-fr")->pitch->mm(), 1.5, 1e-9);
    book::Json bare = desk->writtenCard().json();
    bare.erase("adjusters");
    desk->editCard(book::WrittenCard(bare));
    point("steering");
    for (int i = 0; i < 6 && !slateText().contains("› </b>tie rods run"); ++i) key(Qt::Key_Down);
    key(Qt::Key_F2);
    ASSERT_TRUE(desk->job().car.rod_at(Wheel::front_right));
    EXPECT_EQ(desk->job().car.rod_at(Wheel::front_right)->rod, RodSide::behind_axle);
}

TEST_F(GuideTest, NewCarAndNewJobKeepAdjustersOfOtherKinds) {
    key(Qt::Key_O, Qt::ControlModifier);
    QApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    QAbstractButton* last = nullptr;
    for (QAbstractButton* b : window->findChildren<QAbstractButton*>())
        if (b->text() == "begin a new job on this car" && b->isVisibleTo(window.get())) last = b;
    ASSERT_TRUE(last);
    last->setFocus();
    QTest::keyClick(last, Qt::Key_Return);
    auto* pitch = window->carPage().findChild<QLineEdit*>("pitch");
    pitch->setText("2 mm");
    key(Qt::Key_Return, Qt::ControlModifier);
    EXPECT_EQ(desk->job().car.name, "Tarnby estate");
    EXPECT_NEAR(desk->job().car.rod("rod-fl")->pitch->mm(), 2, 1e-9);
    int none = 0;
    for (const Adjuster& a : desk->job().car.adjusters) none += a.kind == "none";
    EXPECT_EQ(none, 6) << "that an angle has no adjuster is not forgotten";
    EXPECT_EQ(desk->writtenCard().json()["load"], "half a tank, nobody in it");
}

}  // namespace
}  // namespace fairchalk::desk
