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
#include "look/html.h"
#include "shelf/bring_in.h"
#include "window.h"

namespace fairchalk::desk {
namespace {

constexpr int most_recent = 8;

}  // namespace

QStringList recentBooks() {
    return QSettings().value(QStringLiteral("recent_books")).toStringList();
}

void rememberBook(const QString& path) {
    QStringList recent = recentBooks();
    recent.removeAll(path);
    recent.prepend(path);
    QSettings().setValue(QStringLiteral("recent_books"), QStringList(recent.mid(0, most_recent)));
}

void Window::makeMenus() {
    const auto add = [this](QMenu* menu, const QString& text, auto&& act, const QString& key = {}) {
        // The key is said here and taken by the window's own shortcut.
        QAction* a = menu->addAction(key.isEmpty() ? text : text + QLatin1Char('\t') + key);
        connect(a, &QAction::triggered, this, act);
        return a;
    };
    const auto page = [this](PageId id) {
        return [this, id] {
            if (desk_.hasJob()) showPage({id});
        };
    };
    QMenu* book = menuBar()->addMenu(tr("&Book"));
    add(
        book, tr("Cars and jobs"), [this] { showShelf(); }, tr("Ctrl+O"));
    add(
        book, tr("A new car"), [this] { showFirstCar(); }, tr("Ctrl+N"));
    add(book, tr("Open another book …"), [this] {
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
    add(book, tr("A copy of the demo garage"), [this] { openDemo(); });
    add(book, tr("Bring in a job, readings, a car or a sheet …"), [this] { askForAny(); });
    add(book, tr("Bring in all of another book …"), [this] {
        askForFile(tr("Bring in another book"), tr("Garage books (*.fairchalk *.db);;All files (*)"),
                   [this](const QString& path) { mergeWith(path); });
    });
    add(book, tr("Save this job as a file …"), [this] {
        if (!desk_.hasJob()) return tell(tr("No job is open."));
        askWhere(tr("Save the job"), desk_.title() + QStringLiteral(".json"),
                 tr("Whole job (*.json);;Readings (*.csv)"),
                 [this](const QString& path) { return exportJob(desk_, path); });
    });
    add(book, tr("Save this car as a file …"), [this] {
        if (!desk_.hasJob()) return tell(tr("No job is open."));
        askWhere(tr("Save the car"), q(desk_.car().name) + QStringLiteral(".json"), tr("Cars (*.json)"),
                 [this](const QString& path) {
                     return exportCar(desk_, desk_.book().car_of(desk_.jobId()), path);
                 });
    });
    add(book, tr("Save what is due as a calendar …"), [this] {
        askWhere(tr("Save what is due"), tr("look again") + QStringLiteral(".ics"), tr("Calendars (*.ics)"),
                 [this](const QString& path) { return exportCalendar(desk_, path); });
    });
    book->addSeparator();
    add(
        book, tr("Copies of this book"), [this] { showCopies(); }, tr("Ctrl+S"));
    add(
        book, tr("The practice floor"), [this] { showPractice(); }, tr("Ctrl+T"));
    add(book, tr("Close"), [this] { close(); });

    QMenu* car = menuBar()->addMenu(tr("&Car"));
    add(
        car, tr("Through its jobs"),
        [this] {
            if (desk_.hasJob()) showHistory(q(desk_.book().car_of(desk_.jobId())));
        },
        tr("Ctrl+H"));
    add(car, tr("Its card"), page(PageId::card), tr("Ctrl+I"));
    add(car, tr("Tires"), page(PageId::tires), tr("Ctrl+Y"));
    add(car, tr("A shop's sheet"), page(PageId::shop), tr("Ctrl+F"));
    add(car, tr("What will a repair disturb?"), page(PageId::repair), tr("Ctrl+G"));

    QMenu* job = menuBar()->addMenu(tr("&Job"));
    for (Stage s : all_stages)
        add(
            job, q(words::to_begin(words::stage(s))),
            [this, s] {
                if (desk_.hasJob()) setStage(s);
            },
            tr("Ctrl+%1").arg(index_of(s) + 1));
    job->addSeparator();
    add(job, tr("The evening"), page(PageId::evening), tr("Ctrl+M"));
    add(job, tr("The record"), page(PageId::record), tr("Ctrl+J"));
    add(
        job, tr("Print"), [this] { print(); }, tr("Ctrl+P"));
    add(
        job, tr("This drawing as SVG …"), [this] { saveDrawing(); }, tr("Ctrl+Shift+P"));
    job->addSeparator();
    add(
        job, tr("Undo"),
        [this] {
            if (desk_.undo()) askNext();
        },
        tr("Ctrl+Z"));
    add(
        job, tr("Redo"),
        [this] {
            if (desk_.redo()) askNext();
        },
        tr("Ctrl+Shift+Z"));

    QMenu* view = menuBar()->addMenu(tr("&View"));
    add(
        view, tr("Big figures"), [this] { toggleBigFigures(); }, tr("F8"));
    add(
        view, tr("Pale or dark floor"), [this] { setDark(!Chalk::now().dark); }, tr("F9"));
    add(
        view, tr("Keys"), [this] { showKeys(); }, tr("F1"));
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
