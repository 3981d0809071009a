// SPDX-License-Identifier: GPL-3.0-or-later
#include "window.h"

#include <QApplication>
#include <QCloseEvent>
#include <QHBoxLayout>
#include <QScrollBar>
#include <QShortcut>
#include <QTimer>
#include <QVBoxLayout>

#include "book/target_text.h"
#include "evening/evening_guide.h"
#include "help/terms_page.h"
#include "history/history_page.h"
#include "lock/lock_guide.h"
#include "look/chalk.h"
#include "look/html.h"
#include "look/preference.h"
#include "practice/lesson_guide.h"
#include "practice/practice_jobs.h"
#include "practice/truth_guide.h"
#include "shelf/first_car.h"
#include "words/words.h"

namespace fairchalk::desk {
Window::Window(JobDesk& desk, QWidget* parent) : QMainWindow(parent), desk_(desk) {
    // The look before the widgets, so that each is styled once.
    QSettings settings;
    dress();
    setWindowTitle(tr("Fair Chalk"));
    resize(1280, 800);
    setMinimumSize(960, 540);
    restoreGeometry(settings.value(QStringLiteral("window")).toByteArray());
    pages_ = new QStackedWidget(this);
    setCentralWidget(pages_);
    job_page_ = new QWidget(pages_);
    job_page_->setObjectName(QStringLiteral("panel"));
    makeJobPage();
    big_ = new BigFigures(this);
    big_->hide();
    listen();
    how_.angles = settings.value(QStringLiteral("angles")).toString() == QLatin1String("decimal")
                      ? Show::AngleStyle::decimal
                      : Show::AngleStyle::degrees_minutes;
    // As this garage wants them; in a new one as they were wanted last.
    const std::string kept =
        desk_.facts().at("lengths", settings.value(QStringLiteral("lengths")).toString().toStdString());
    how_.lengths = kept == "inch" ? Show::LengthStyle::inch : Show::LengthStyle::mm;
    setDark(Chalk::now().dark);
    setHow(how_);
    if (desk_.book().read_only()) trouble_ = q(desk_.book().read_only_reason());
    shortcuts();
    makeMenus();
}

/// Line, floor and Slate beside each other, between what the job is and what to do next.
void Window::makeJobPage() {
    auto* column = new QVBoxLayout(job_page_);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);

    head_ = new QWidget(job_page_);
    auto* bar = new QHBoxLayout(head_);
    bar->setContentsMargins(16, 0, 16, 0);
    bar->setSpacing(24);
    const auto label = [&](double size, bool bold) {
        auto* l = plainLabel(head_);
        l->setFont(type(size, bold));
        return l;
    };
    name_ = label(17, true);
    title_ = label(14, false);
    aim_ = label(14, false);
    units_ = label(14, false);
    kept_ = label(14, false);
    bar->addWidget(name_);
    bar->addWidget(title_);
    bar->addStretch(1);
    bar->addWidget(aim_);
    bar->addStretch(1);
    bar->addWidget(units_);
    bar->addWidget(kept_);
    column->addWidget(head_);

    auto* across = new QHBoxLayout;
    across->setSpacing(0);
    line_ = new LineView(desk_, job_page_);
    pane_ = new QScrollArea(job_page_);
    pane_->setWidgetResizable(true);
    pane_->setFrameShape(QFrame::NoFrame);
    pane_->setFocusPolicy(Qt::NoFocus);
    pane_->viewport()->installEventFilter(this);
    middle_ = new QStackedWidget(pane_);
    pane_->setWidget(middle_);
    floor_ = new FloorView(desk_, middle_);
    turn_ = new TurnView(desk_, middle_);
    guide_view_ = new GuideView(middle_);
    for (QWidget* w : std::initializer_list<QWidget*>{floor_, turn_, guide_view_}) middle_->addWidget(w);
    slate_ = new Slate(desk_, job_page_);
    across->addWidget(line_);
    across->addWidget(pane_, 1);
    across->addWidget(slate_);
    column->addLayout(across, 1);

    foot_ = new QWidget(job_page_);
    auto* foot = new QHBoxLayout(foot_);
    foot->setContentsMargins(16, 0, 16, 0);
    say_ = plainLabel(foot_);
    say_->setFont(type(16));
    say_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    hint_ = plainLabel(foot_);
    hint_->setFont(type(12));
    foot->addWidget(say_, 1);
    foot->addWidget(hint_);
    column->addWidget(foot_);
    pages_->addWidget(job_page_);
}

void Window::listen() {
    connect(line_, &LineView::chosen, this, &Window::setStage);
    read_ = new ReadGuide(desk_, this);
    turning_ = new TurnGuide(desk_, this);
    stages_made_ = {{{Stage::read, false}, taken(read_)}, {{Stage::turn, false}, taken(turning_)}};
    connect(floor_, &FloorView::spotChosen, this, [this](const Spot& s) {
        setStage(Stage::read);
        read_->ask(s);
    });
    connect(slate_, &Slate::spotAsked, floor_, &FloorView::setAsked);
    connect(slate_, &Slate::stageWanted, this, &Window::goTo);
    connect(slate_, &Slate::pageWanted, this, &Window::showPage);
    connect(turning_, &TurnGuide::sheetWanted, this, [this](int by) {
        turn_->page(by);
        if (big_->isVisible()) big_->say(bigFigures());
    });
    connect(line_, &LineView::chosen, this, [this] { page_ = {}; });
    connect(slate_, &Slate::sayChanged, this, &Window::say);
    speaker_ = new Speaker(desk_, systemVoice, this);
    introduceToScreenReaders();
    announcer_ = new Announcer(this);
    connect(speaker_, &Speaker::said, announcer_, &Announcer::say);
    connect(slate_, &Slate::spotAsked, speaker_, &Speaker::asked);
    connect(slate_, &Slate::doubtRaised, speaker_, &Speaker::doubted);
    connect(&desk_, &JobDesk::answered, this, [this] {
        if (slate_->guide() == turning_) speaker_->turns();
    });
    connect(slate_, &Slate::spotAsked, this, [this] { aside_.clear(); });
    connect(slate_, &Slate::nothingTyped, this, [this](const QString& why) {
        aside_ = why;
        announcer_->say(why);
        say();
    });
    connect(&desk_, &JobDesk::changed, this, &Window::refresh);
    // After the next spot is asked for, which clears what was said aside.
    connect(&desk_, &JobDesk::changed, this, &Window::offerInches, Qt::QueuedConnection);
    connect(&desk_, &JobDesk::answered, this, &Window::refresh);
    connect(&desk_, &JobDesk::keptAt, this, [this](const QString& time) {
        if (desk_.waiting().error.empty()) trouble_.clear();
        if (desk_.waiting().entries == 0) last_kept_ = tr("kept %1").arg(time);
        if (closing_) close();
        colorIt(kept_, Chalk::now().soft);
        refresh();
    });
    connect(&desk_, &JobDesk::notKept, this, [this](const QString& why) {
        trouble_ = why;
        colorIt(kept_, Chalk::now().caution);
        refresh();
        if (closing_) close();
    });
    connect(&desk_, &JobDesk::bookChanged, this, [this] {
        trouble_ = q(desk_.book().read_only_reason());
        const QWidget* page = pages_->currentWidget();
        if (!desk_.hasJob() && (page == job_page_ || page == shelf_)) showShelf();
        refresh();
    });
}

// The shelf and the card are made when they are first wanted: the start does not wait for them.
ShelfPage& Window::shelf() {
    if (!shelf_) {
        shelf_ = new ShelfPage(desk_, pages_);
        pages_->addWidget(shelf_);
        connect(shelf_, &ShelfPage::jobChosen, this, &Window::openJob);
        connect(shelf_, &ShelfPage::newCarWanted, this, &Window::showFirstCar);
        connect(shelf_, &ShelfPage::newJobWanted, this, &Window::showCarPage);
        connect(shelf_, &ShelfPage::practiceWanted, this, &Window::showPractice);
        connect(shelf_, &ShelfPage::copiesWanted, this, &Window::showCopies);
        connect(shelf_, &ShelfPage::historyWanted, this, &Window::showHistory);
        connect(shelf_, &ShelfPage::demoWanted, this, &Window::openDemo);
        connect(shelf_, &ShelfPage::fileWanted, this, &Window::askForAny);
    }
    return *shelf_;
}

CarPage& Window::carPage() {
    if (!car_page_) {
        car_pane_ = new QScrollArea(pages_);
        car_pane_->setWidgetResizable(true);
        car_pane_->setFocusPolicy(Qt::NoFocus);
        car_page_ = new CarPage(desk_, car_pane_);
        car_pane_->setWidget(car_page_);
        pages_->addWidget(car_pane_);
        fitPane();
        connect(car_page_, &CarPage::givenUp, this, &Window::showShelf);
        connect(car_page_, &CarPage::jobMade, this, &Window::beginJob);
    }
    return *car_page_;
}

/// Those keys whose meaning is the place's: what can be done here, and the way back. All others stand in the
/// menus.
void Window::shortcuts() {
    const auto on = [this](const QKeySequence& key, auto&& act) {
        auto* s = new QShortcut(key, this);
        connect(s, &QShortcut::activated, this, act);
    };
    for (std::size_t n = 0; n < 3; ++n)
        on(QKeySequence(static_cast<Qt::Key>(Qt::Key_F2 + static_cast<int>(n))), [this, n] { actHere(n); });
    for (std::size_t n = 3; n < Act::spare + 3; ++n) {
        const auto digit = static_cast<int>(n < Act::spare ? n : n - Act::spare);
        on(QKeySequence(Qt::ALT | static_cast<Qt::Key>(Qt::Key_1 + digit)), [this, n] { actHere(n); });
    }
    on(QKeySequence(Qt::Key_Escape), [this] { back(); });
}

bool Window::atJob() const {
    return desk_.hasJob() && pages_->currentWidget() == job_page_;
}

/// Nothing is done on a page that is not seen.
void Window::actHere(std::size_t n) {
    if (atJob()) slate_->act(n);
}

void Window::back() {
    const QWidget* page = pages_->currentWidget();
    if (big_->isVisible()) return big_->hide();
    if (page == job_page_ && slate_->leaveQuestion()) return;
    if (page == copies_page_ && copies_page_) return backFromCopies();
    if (isBeside(page)) {
        if (!beside_ || (beside_ == job_page_ && !desk_.hasJob())) return showShelf();
        pages_->setCurrentWidget(beside_);
        if (beside_ == job_page_) slate_->focusLine();
        return;
    }
    if (page == shelf_ || !page) return;
    if (page == job_page_) {
        if (!page_.none()) showPage({});
        return;
    }
    showShelf();
}

void Window::happens(ChangeKind kind) {
    if (!atJob()) return;
    desk_.happened(kind);
    if (kind == ChangeKind::strings_moved) return setStage(Stage::lines);
    askNext();
}

void Window::togglePage(PageId id) {
    if (desk_.hasJob()) showPage({page_.id == id ? PageId::none : id});
}

void Window::setHow(const Show& how) {
    how_ = how;
    if (history_) history_->setShow(how);
    if (car_page_) car_page_->setShow(how);
    if (terms_) terms_->setShow(how);
    if (first_car_) first_car_->setShow(how);
    desk_.showInches(how.lengths == Show::LengthStyle::inch);
    keepPreference(QStringLiteral("angles"), how.angles == Show::AngleStyle::decimal
                                                 ? QStringLiteral("decimal")
                                                 : QStringLiteral("minutes"));
    keepPreference(QStringLiteral("lengths"),
                   how.lengths == Show::LengthStyle::inch ? QStringLiteral("inch") : QStringLiteral("mm"));
    floor_->setShow(how);
    turn_->setShow(how);
    for (const auto& [page, guide] : pages_made_)
        if (guide) guide->setShow(how);
    for (const auto& [stage, guide] : stages_made_)
        if (guide) guide->setShow(how);
    slate_->setShow(how);
    units_->setText(
        (how.lengths == Show::LengthStyle::mm ? tr("mm") : tr("inches")) + QStringLiteral(" · ") +
        (how.angles == Show::AngleStyle::decimal ? tr("decimal degrees") : tr("degrees + minutes")));
}

void Window::chooseTheme(const QString& theme) {
    keepPreference(QStringLiteral("theme"), theme);
    setDark(isDark(theme));
}

void Window::nextAngles() {
    Show how = how_;
    how.angles = how.angles == Show::AngleStyle::decimal ? Show::AngleStyle::degrees_minutes
                                                         : Show::AngleStyle::decimal;
    setHow(how);
}

void Window::nextLengths() {
    Show how = how_;
    how.lengths = how.lengths == Show::LengthStyle::mm ? Show::LengthStyle::inch : Show::LengthStyle::mm;
    // What was said of it is done.
    aside_.clear();
    setHow(how);
    if (desk_.book().read_only()) return;
    const bool inches = how.lengths == Show::LengthStyle::inch;
    desk_.facts().keep("lengths", inches ? "inch" : "mm");
    // Who types inches reads an inch rule.
    if (const auto spot = read_->spot(); atJob() && inches && spot && inchesTyped() &&
                                         desk_.toolFor(*spot) == standard_tool("steel-rule-mm")->name)
        desk_.takeUp(*spot, standard_tool("steel-rule-inch")->name);
}

/// The last thing that was typed was a reading in inches.
bool Window::inchesTyped() const {
    const Reading* r = desk_.log().empty() ? nullptr : std::get_if<Reading>(&desk_.log().back().event);
    return r && r->value.kind == QuantityKind::length && book::unit_beside(r->value) == Bare::inch;
}

/// Who types inches is told once how to have them everywhere.
void Window::offerInches() {
    if (!desk_.hasJob() || how_.lengths == Show::LengthStyle::inch || !inchesTyped() ||
        desk_.book().read_only() || !desk_.facts().at("inches_offered").empty())
        return;
    desk_.facts().keep("inches_offered", "yes");
    aside_ =
        tr("You type inches: F7 shows them everywhere and takes the inch rule, from now on in this garage.");
    say();
}

void Window::setDark(bool dark) {
    Chalk::choose(dark);
    // “As the system” stays so where nothing else was chosen.
    if (isDark(QSettings().value(QStringLiteral("theme")).toString()) != dark)
        keepPreference(QStringLiteral("theme"), dark ? QStringLiteral("slate") : QStringLiteral("daylight"));
    const Chalk& c = Chalk::now();
    if (const QString sheet = c.styleSheet(); qApp->styleSheet() != sheet) qApp->setStyleSheet(sheet);
    for (QLabel* l : {title_, units_, kept_, hint_}) colorIt(l, c.soft);
    hint_->setText(tr("F8 big figures"));
    refresh();
    update();
}

void Window::leave(std::function<void()> go_on) {
    if (desk_.waiting().error.empty()) return go_on();
    if (pages_->currentWidget() != copies_page_) before_copies_ = pages_->currentWidget();
    copiesPage().ask(std::move(go_on));
    pages_->setCurrentWidget(copies_page_);
}

/// What is under way is waited for without waiting: the window stays until it is known.
void Window::closeEvent(QCloseEvent* e) {
    const auto waiting = desk_.waiting();
    keepPreference(QStringLiteral("window"), saveGeometry());
    if (closes_ || waiting.entries == 0) return QMainWindow::closeEvent(e);
    e->ignore();
    closing_ = waiting.error.empty();
    if (!closing_)
        leave([this] {
            closes_ = true;
            close();
        });
}

CopiesPage& Window::copiesPage() {
    if (!copies_page_) {
        copies_page_ = new CopiesPage(desk_, pages_);
        pages_->addWidget(copies_page_);
        connect(copies_page_, &CopiesPage::left, this, &Window::backFromCopies);
    }
    return *copies_page_;
}

void Window::showCopies() {
    if (pages_->currentWidget() != &copiesPage()) before_copies_ = pages_->currentWidget();
    copies_page_->begin();
    pages_->setCurrentWidget(copies_page_);
}

void Window::backFromCopies() {
    closing_ = false;
    if (!before_copies_ || (before_copies_ == job_page_ && !desk_.hasJob())) return showShelf();
    pages_->setCurrentWidget(before_copies_);
    if (before_copies_ == shelf_ && shelf_) shelf_->refresh();
    if (before_copies_ == job_page_) slate_->focusLine();
    refresh();
}

void Window::openJob(const QString& id) {
    if (id == q(desk_.jobId())) return openOf(id);
    leave([this, id] { openOf(id); });
}

void Window::openOf(const QString& id) {
    try {
        desk_.openJob(id.toStdString());
    } catch (const std::exception& e) {
        say_->setText(QString::fromUtf8(e.what()));
        return;
    }
    pages_->setCurrentWidget(job_page_);
    read_->ask(next_spot(desk_.job(), desk_.round()));
    page_ = {};
    // Where it was left; a job of another making, at its readings.
    const auto left = desk_.book().fact("open_stage:" + desk_.jobId());
    const auto stage = left ? stage_named(*left) : std::nullopt;
    setStage(stage ? *stage : desk_.lines().bars.front_ahead ? Stage::read : Stage::lines);
}

void Window::showShelf() {
    leave([this] {
        shelf().refresh();
        pages_->setCurrentWidget(shelf_);
    });
}

void Window::showCarPage(const QString& car) {
    leave([this, car] {
        const bool goes_on = car.isEmpty() && first_car_ && pages_->currentWidget() == first_car_;
        carPage().setShow(how_);
        pages_->setCurrentWidget(car_pane_);
        car_page_->begin(car, goes_on ? first_car_->typed() : BegunCar{});
    });
}

/// A job that was just made, on a new car or one of the shelf's; `way`: how it is to be measured, if chosen.
void Window::beginJob(const QString& job, const QString& way) {
    if (first_car_) first_car_->empty();
    openJob(job);
    if (!way.isEmpty()) {
        LinesSet lines = desk_.lines();
        lines.rigs = {way.toStdString()};
        desk_.setLines(lines);
    }
    setStage(Stage::ask);
}

void Window::showFirstCar() {
    leave([this] {
        if (!first_car_) {
            first_car_ = new FirstCarPage(desk_, pages_);
            pages_->addWidget(first_car_);
            connect(first_car_, &FirstCarPage::givenUp, this, &Window::showShelf);
            connect(first_car_, &FirstCarPage::wholeCardWanted, this, [this] { showCarPage({}); });
            connect(first_car_, &FirstCarPage::jobMade, this, &Window::beginJob);
        }
        first_car_->setShow(how_);
        pages_->setCurrentWidget(first_car_);
        first_car_->begin();
    });
}

void Window::showPractice() {
    if (!practice_page_) {
        practice_page_ = new PracticePage(desk_, pages_);
        pages_->addWidget(practice_page_);
        connect(practice_page_, &PracticePage::jobMade, this, [this](const QString& job) {
            openJob(job);
            setStage(Stage::ask);
        });
        connect(practice_page_, &PracticePage::lessonChosen, this, [this](const QString& lesson) {
            lessonsJob(desk_, [this, lesson](const QString& job, const QString& error) {
                if (!error.isEmpty()) return say_->setText(error);
                openJob(job);
                showPage({PageId::lesson, lesson});
            });
        });
    }
    practice_page_->refresh();
    pages_->setCurrentWidget(practice_page_);
}

namespace {

/// Where the reading was taken that was undone last; nothing where it was something else, or none.
std::optional<Spot> undoneAt(const std::vector<Entry>& log) {
    const Strike* s = log.empty() ? nullptr : std::get_if<Strike>(&log.back().event);
    if (!s || s->way != Strike::Way::undo) return std::nullopt;
    for (const Entry& e : log)
        if (const Reading* r = std::get_if<Reading>(&e.event); r && e.id == s->ids.back()) return r->spot;
    return std::nullopt;
}

}  // namespace

/// The log is another: the stage is entered again, and what was taken back asked for, else the next spot.
void Window::askNext() {
    enterStage();
    const auto undone = undoneAt(desk_.log());
    read_->ask(undone ? undone : next_spot(desk_.job(), desk_.round()));
}

void Window::strike() {
    if (!atJob()) return;
    if (slate_->guide() != read_) setStage(Stage::read);
    read_->startStrike();
}

/// Listened to, as all guides are.
Guide* Window::taken(Guide* guide) {
    connect(guide, &Guide::stageWanted, this, &Window::goTo);
    connect(guide, &Guide::pageWanted, this, &Window::showPage);
    connect(guide, &Guide::said, this, [this, guide] {
        if (slate_->guide() == guide) refresh();
    });
    connect(guide, &Guide::changed, this, [this, guide] {
        if (slate_->guide() != guide) return;
        slate_->clearLine();
        refresh();
        slate_->focusLine();
    });
    return guide;
}

Guide* Window::guideFor(Stage stage) {
    const PageMaker with{desk_, this, [this]() -> GaugeWire& { return wire(); }};
    const bool wheel_only =
        page_.none() && stage == Stage::turn && path_of(desk_.job(), desk_.knowledge()) == Path::wheel_only &&
        (desk_.job().rounds.empty() || !desk_.job().rounds.back().last_angle(desk_.log()));
    Guide*& guide = page_.none() ? stages_made_[{stage, wheel_only}] : pages_made_[page_];
    if (!guide) guide = taken(page_.none() ? guide_of(stage, wheel_only, with) : guide_of(page_, with));
    guide->setShow(how_);
    return guide;
}

GaugeWire& Window::wire() {
    if (!wire_) {
        wire_ = new GaugeWire(this);
        connect(wire_, &GaugeWire::sent, this, [this](const GaugeLine& line) {
            if (!desk_.hasJob()) return;
            aside_ = slate_->takeFromGauge(q(line.shown), line.kind);
            say();
        });
    }
    return *wire_;
}

void Window::showPage(const Page& page) {
    if (page.id == PageId::practice) return showPractice();
    page_ = page;
    enterStage();
}

void Window::setStage(Stage stage) {
    page_ = {};
    if (stage != stage_) {
        // Where it is scrolled, it is seen from its beginning.
        pane_->horizontalScrollBar()->setValue(0);
        pane_->verticalScrollBar()->setValue(0);
        if (desk_.hasJob()) desk_.facts().keep("open_stage:" + desk_.jobId(), std::string(name_of(stage)));
    }
    stage_ = stage;
    enterStage();
}

void Window::goTo(Stage stage, const QString& place) {
    setStage(stage);
    auto* drawn = qobject_cast<DrawnGuide*>(guideFor(stage_));
    if (drawn && !place.isEmpty()) drawn->choose(place);
}

void Window::enterStage() {
    pages_->setCurrentWidget(job_page_);
    line_->setStage(stage_);
    Guide* guide = guideFor(stage_);
    guide->enter();
    if (auto* drawn = qobject_cast<DrawnGuide*>(guide)) {
        guide_view_->setGuide(drawn);
        middle_->setCurrentWidget(guide_view_);
    } else {
        middle_->setCurrentWidget(guide == turning_ ? static_cast<QWidget*>(turn_) : floor_);
    }
    slate_->setStage(stage_, guide);
    if (guide == turning_) speaker_->turns();
    refresh();
}

}  // namespace fairchalk::desk
