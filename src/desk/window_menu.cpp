// SPDX-License-Identifier: GPL-3.0-or-later
// The menus, and what is dropped on the window.
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QMenuBar>
#include <QMessageBox>
#include <QMimeData>
#include <QPointer>
#include <QPushButton>

#include "book/car_file.h"
#include "documents.h"
#include "history/history_page.h"
#include "look/chalk.h"
#include "look/html.h"
#include "look/preference.h"
#include "read/read_text.h"
#include "shelf/bring_in.h"
#include "shelf/first_car.h"
#include "window.h"

namespace fairchalk::desk {
namespace {

constexpr int most_recent = 8;

}  // namespace

QStringList recentBooks() {
    return QSettings().value(QStringLiteral("recent_books")).toStringList();
}

void rememberBook(const QString& path) {
    // A list of one is kept as one text: here it is told whether it changed.
    const QStringList was = recentBooks();
    QStringList now = was;
    now.removeAll(path);
    now.prepend(path);
    now = now.mid(0, most_recent);
    if (now != was) keepPreference(QStringLiteral("recent_books"), now);
}

/// Every action with its key, in the order of the work. A menu, and no list to type into: it is found by who
/// does not know what a thing is called, by mouse and by ear as well, and shows the key for the next time.
void Window::makeMenus() {
    const auto add = [this](QMenu* menu, const QString& text, const QKeySequence& key, auto&& act) {
        QAction* a = menu->addAction(text);
        if (!key.isEmpty()) a->setShortcut(key);
        connect(a, &QAction::triggered, this, act);
        return a;
    };
    const auto ctrl = [](Qt::Key key) { return QKeySequence(Qt::CTRL | key); };
    const auto page = [this](PageId id) { return [this, id] { togglePage(id); }; };
    const auto needsJob = [this](auto&& act) {
        return [this, act] { desk_.hasJob() ? act() : tell(tr("No job is open.")); };
    };

    QMenu* book = menuBar()->addMenu(tr("&Book"));
    add(book, tr("Cars and jobs"), ctrl(Qt::Key_O), [this] { showShelf(); });
    add(book, tr("A new car"), ctrl(Qt::Key_N), [this] { showFirstCar(); });
    add(book, tr("A new car, all of its card"), {}, [this] { showCarPage({}); });
    add(book, tr("Open another book …"), {}, [this] {
        askForFile(tr("Open another book"), tr("Garage books (*.fairchalk *.db);;All files (*)"),
                   [this](const QString& path) { emit bookWanted(path); });
    });
    QMenu* recent = book->addMenu(tr("Opened before"));
    connect(recent, &QMenu::aboutToShow, this, [this, recent] {
        recent->clear();
        for (const QString& path : recentBooks()) {
            QAction* a = recent->addAction(path);
            connect(a, &QAction::triggered, this, [this, path] { emit bookWanted(path); });
        }
        recent->setEnabled(!recent->isEmpty());
    });
    book->addSeparator();
    add(book, tr("A copy of the demo garage"), {}, [this] { openDemo(); });
    add(book, tr("Bring in a job, readings, a car or a sheet …"), {}, [this] { askForAny(); });
    add(book, tr("Bring in all of another book …"), {}, [this] {
        askForFile(tr("Bring in another book"), tr("Garage books (*.fairchalk *.db);;All files (*)"),
                   [this](const QString& path) { mergeWith(path); });
    });
    add(book, tr("Save this job as a file …"), {}, needsJob([this] {
            askWhere(tr("Save the job"), desk_.title() + QStringLiteral(".json"),
                     tr("Whole job (*.json);;Readings (*.csv)"),
                     [this](const QString& path) { return exportJob(desk_, path); });
        }));
    add(book, tr("Save this car as a file …"), {}, needsJob([this] {
            askWhere(tr("Save the car"), q(desk_.car().name) + QStringLiteral(".json"), tr("Cars (*.json)"),
                     [this](const QString& path) {
                         return exportCar(desk_, desk_.book().car_of(desk_.jobId()), path);
                     });
        }));
    add(book, tr("Save what is due as a calendar …"), {}, [this] {
        askWhere(tr("Save what is due"), tr("look again") + QStringLiteral(".ics"), tr("Calendars (*.ics)"),
                 [this](const QString& path) { return exportCalendar(desk_, path); });
    });
    book->addSeparator();
    add(book, tr("Copies of this book"), ctrl(Qt::Key_S), [this] { showCopies(); });
    add(book, tr("The practice floor"), ctrl(Qt::Key_T), [this] { showPractice(); });
    add(book, tr("Preferences"), {}, [this] { showPreferences(); });
    add(book, tr("Close"), {}, [this] { close(); });

    QMenu* car = menuBar()->addMenu(tr("&Car"));
    add(car, tr("Through its jobs"), ctrl(Qt::Key_H), [this] {
        if (history_ && pages_->currentWidget() == history_) return showShelf();
        if (desk_.hasJob()) showHistory(q(desk_.book().car_of(desk_.jobId())));
    });
    add(car, tr("Its card"), ctrl(Qt::Key_I), [this] {
        if (first_car_ && pages_->currentWidget() == first_car_) return showCarPage({});
        // It begins with what the readings wait for.
        const auto waits = desk_.hasJob() && page_.id != PageId::card ? waitsForCard(desk_) : std::nullopt;
        if (waits) return showPage({PageId::card, waits->card});
        togglePage(PageId::card);
    });
    add(car, tr("Tires"), ctrl(Qt::Key_Y), page(PageId::tires));
    add(car, tr("A shop's sheet"), ctrl(Qt::Key_F), page(PageId::shop));
    add(car, tr("What will a repair disturb?"), ctrl(Qt::Key_G), page(PageId::repair));

    QMenu* job = menuBar()->addMenu(tr("&Job"));
    for (Stage s : all_stages)
        add(job, q(words::to_begin(words::stage(s))), ctrl(static_cast<Qt::Key>(Qt::Key_1 + index_of(s))),
            [this, s] {
                if (desk_.hasJob()) setStage(s);
            });
    job->addSeparator();
    add(job, tr("The evening"), ctrl(Qt::Key_M), page(PageId::evening));
    add(job, tr("Lock what was turned"), {}, page(PageId::lock));
    add(job, tr("The record"), ctrl(Qt::Key_J), page(PageId::record));
    add(job, tr("Print"), ctrl(Qt::Key_P), [this] { print(); });
    add(job, tr("This drawing as SVG …"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_P),
        [this] { saveDrawing(); });
    add(job, tr("End the practice: the truth"), ctrl(Qt::Key_R), [this] {
        if (desk_.hasJob() && desk_.practice() && pages_->currentWidget() == job_page_)
            showPage({PageId::truth});
    });
    job->addSeparator();
    add(job, tr("Undo"), ctrl(Qt::Key_Z), [this] {
        if (atJob() && desk_.undo() && !slate_->takenBack()) askNext();
    });
    add(job, tr("Redo"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_Z), [this] {
        if (atJob() && desk_.redo()) askNext();
    });

    // What can be done in this place, as its buttons say it.
    QMenu* here = menuBar()->addMenu(tr("&Here"));
    connect(here, &QMenu::aboutToShow, this, [this, here] {
        here->clear();
        for (const auto& [text, key, n] : atJob() ? slate_->offered() : std::vector<Slate::Offered>()) {
            QAction* a = here->addAction(key.isEmpty() ? text : text + QLatin1Char('\t') + key);
            connect(a, &QAction::triggered, this, [this, n = n] { actHere(n); });
        }
        if (here->isEmpty()) here->addAction(tr("Nothing but typing"))->setEnabled(false);
    });

    QMenu* happened = menuBar()->addMenu(tr("Ha&ppened"));
    add(happened, tr("The strings were moved"), Qt::Key_F5, [this] { happens(ChangeKind::strings_moved); });
    add(happened, tr("It was jacked"), Qt::Key_F10, [this] { happens(ChangeKind::jacked); });
    add(happened, tr("It was rolled"), Qt::Key_F11, [this] { happens(ChangeKind::rolled); });
    add(happened, tr("It was bounced"), Qt::Key_F12, [this] { happens(ChangeKind::bounced); });
    add(happened, tr("Something else happened …"), ctrl(Qt::Key_E), [this] {
        if (atJob()) slate_->startHappening();
    });
    add(happened, tr("Something is loose …"), ctrl(Qt::Key_L), [this] {
        if (atJob()) slate_->startLoose();
    });
    add(happened, tr("The last reading here was wrong …"), ctrl(Qt::Key_D), [this] { strike(); });
    add(happened, tr("The cautions here were read"), ctrl(Qt::Key_K), [this] {
        if (atJob()) slate_->acknowledge();
    });

    QMenu* view = menuBar()->addMenu(tr("&View"));
    add(view, tr("Angles: minutes or decimals"), Qt::Key_F6, [this] { nextAngles(); });
    add(view, tr("Lengths: mm or inches"), Qt::Key_F7, [this] { nextLengths(); });
    add(view, tr("Big figures"), Qt::Key_F8, [this] { toggleBigFigures(); });
    add(view, tr("Pale or dark floor"), Qt::Key_F9, [this] { setDark(!Chalk::now().dark); });
    add(view, tr("Speak, or be silent"), ctrl(Qt::Key_B), [this] {
        aside_ = speaker_->toggle();
        say();
    });
    QAction* larger = add(view, tr("Everything larger"), {}, [this] { zoomTo(zoom() * 1.1); });
    larger->setShortcuts({ctrl(Qt::Key_Plus), ctrl(Qt::Key_Equal)});
    add(view, tr("Everything smaller"), ctrl(Qt::Key_Minus), [this] { zoomTo(zoom() / 1.1); });
    add(view, tr("As large as it was made"), ctrl(Qt::Key_0), [this] { zoomTo(1.0); });

    QMenu* help = menuBar()->addMenu(tr("H&elp"));
    add(help, tr("This screen"), Qt::Key_F1, [this] { showHelp(); });
    add(help, tr("Terms, to be moved"), QKeySequence(Qt::SHIFT | Qt::Key_F1), [this] { showTerms({}); });
    add(help, tr("Lessons on the practice floor"), {}, [this] { showPractice(); });
    add(help, tr("About Fair Chalk"), {}, [this] { showAbout(); });
    setAcceptDrops(true);
}

void Window::askForAny() {
    askForFile(tr("Open or bring in"),
               tr("Books, jobs, cars, sheets, readings (*.fairchalk *.db *.json *.csv);;All files (*)"),
               [this](const QString& path) { take(path); });
}

/// A copy of one's own, opened in the place of this book.
void Window::openDemo() {
    desk_.makeDemo([self = QPointer(this)](const QString& path, const QString& error) {
        if (!self) return;
        if (error.isEmpty())
            emit self->bookWanted(path);
        else
            self->tell(error);
    });
}

void Window::askForFile(const QString& title, const QString& kinds,
                        std::function<void(const QString&)> then) {
    auto* dialog = new QFileDialog(this, title, documents(), kinds);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->setFileMode(QFileDialog::ExistingFile);
    connect(dialog, &QFileDialog::fileSelected, this, [then](const QString& path) { then(path); });
    dialog->open();
}

void Window::askWhere(const QString& title, const QString& name, const QString& kinds,
                      std::function<QString(const QString&)> write) {
    auto* dialog = new QFileDialog(this, title, documents(), kinds);
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->setAcceptMode(QFileDialog::AcceptSave);
    QString plain = name;
    plain.replace(QLatin1Char('/'), QLatin1Char(' '));
    dialog->selectFile(plain);
    connect(dialog, &QFileDialog::fileSelected, this, [this, write](const QString& path) {
        const QString wrong = write(path);
        tell(wrong.isEmpty() ? tr("Written: %1").arg(path) : wrong);
    });
    dialog->open();
}

void Window::tell(const QString& said) {
    aside_ = said;
    if (pages_->currentWidget() == job_page_) return say();
    auto* box = new QMessageBox(QMessageBox::NoIcon, tr("Fair Chalk"), said, QMessageBox::Ok, this);
    box->setTextFormat(Qt::PlainText);
    box->setAttribute(Qt::WA_DeleteOnClose);
    box->open();
}

void Window::take(const QString& path) {
    if (book::what_is(path.toStdString()) == book::FileIs::book) {
        auto* box = new QMessageBox(QMessageBox::NoIcon, tr("Fair Chalk"),
                                    tr("%1 is a garage book.").arg(path), QMessageBox::NoButton, this);
        box->setTextFormat(Qt::PlainText);
        box->setAttribute(Qt::WA_DeleteOnClose);
        auto* open = box->addButton(tr("Open it"), QMessageBox::AcceptRole);
        auto* merge = box->addButton(tr("Bring all of it into this one"), QMessageBox::ActionRole);
        auto* none = box->addButton(tr("Neither"), QMessageBox::RejectRole);
        box->setEscapeButton(none);
        connect(box, &QMessageBox::buttonClicked, this, [=, this](QAbstractButton* b) {
            if (b == open) emit bookWanted(path);
            if (b == merge) mergeWith(path);
        });
        return box->open();
    }
    bringIn(desk_, path, [self = QPointer(this)](const BroughtIn& in) {
        if (!self) return;
        if (!in.job.isEmpty()) self->openJob(in.job);
        if (self->pages_->currentWidget() == self->shelf_ && self->shelf_) self->shelf_->refresh();
        self->tell(in.said);
    });
}

/// Where both have changed a card, each is asked about before anything is brought in.
void Window::mergeWith(const QString& path) {
    try {
        auto conflicts = conflictsWith(desk_.book(), path);
        std::reverse(conflicts.begin(), conflicts.end());
        askAboutCards(path, std::move(conflicts), {});
    } catch (const std::exception& e) {
        tell(QString::fromUtf8(e.what()));
    }
}

void Window::askAboutCards(const QString& path, std::vector<book::Book::Merged::Conflict> left,
                           QStringList theirs) {
    if (left.empty())
        return mergeIn(desk_, path, theirs, [self = QPointer(this)](const BroughtIn& in) {
            if (!self) return;
            if (self->pages_->currentWidget() == self->shelf_ && self->shelf_) self->shelf_->refresh();
            self->tell(in.said);
        });
    const auto one = left.back();
    left.pop_back();
    auto* box = new QMessageBox(
        QMessageBox::NoIcon, tr("Fair Chalk"),
        tr("The card of %1 was changed in both books. Which is to stand? Both stay in the log.")
                .arg(q(one.car)) +
            QStringLiteral("\n\n") + differences(one.ours, one.theirs),
        QMessageBox::NoButton, this);
    box->setTextFormat(Qt::PlainText);
    box->setAttribute(Qt::WA_DeleteOnClose);
    auto* here = box->addButton(tr("The one here"), QMessageBox::AcceptRole);
    auto* there = box->addButton(tr("The one there"), QMessageBox::ActionRole);
    auto* none = box->addButton(tr("Bring nothing in"), QMessageBox::RejectRole);
    box->setEscapeButton(none);
    connect(box, &QMessageBox::buttonClicked, this, [=, this](QAbstractButton* b) mutable {
        if (b != here && b != there) return;
        if (b == there) theirs << q(one.car);
        askAboutCards(path, left, theirs);
    });
    box->open();
}

void Window::dragEnterEvent(QDragEnterEvent* e) {
    if (e->mimeData()->hasUrls()) e->acceptProposedAction();
}

void Window::dropEvent(QDropEvent* e) {
    for (const QUrl& url : e->mimeData()->urls())
        if (url.isLocalFile()) take(url.toLocalFile());
}

void Window::showHistory(const QString& car) {
    leave([this, car] {
        if (!history_) {
            history_ = new HistoryPage(desk_, pages_);
            pages_->addWidget(history_);
            connect(history_, &HistoryPage::jobChosen, this, &Window::openJob);
        }
        history_->setShow(how_);
        pages_->setCurrentWidget(history_);
        history_->begin(car.toStdString());
    });
}

}  // namespace fairchalk::desk
