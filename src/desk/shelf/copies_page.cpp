// SPDX-License-Identifier: GPL-3.0-or-later
#include "shelf/copies_page.h"

#include <QDateTime>
#include <QDir>
#include <QKeyEvent>
#include <QPainter>
#include <QVBoxLayout>

#include "book/copies.h"
#include "look/chalk.h"
#include "look/type_line.h"
#include "shelf/shelf_page.h"

namespace fairchalk::desk {

CopiesPage::CopiesPage(JobDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(90, 30, 90, 20);
    const auto label = [&](double size, bool strong) {
        auto* l = new QLabel(this);
        l->setFont(type(size, strong));
        l->setTextFormat(Qt::PlainText);
        l->setWordWrap(true);
        column->addWidget(l);
        return l;
    };
    title_ = label(26, true);
    note_ = label(14, false);
    column->addSpacing(12);
    auto* where = label(14, true);
    where->setText(tr("A copy of the whole book, with all that is not on the disk yet, goes to:"));
    path_ = new TypeLine(this);
    path_->setFont(type(16));
    path_->setAccessibleName(where->text());
    where->setBuddy(path_);
    column->addWidget(path_);
    connect(path_, &QLineEdit::returnPressed, this, &CopiesPage::save);
    said_ = label(14, false);
    said_->setMinimumHeight(48);
    list_ = new QWidget(this);
    new QVBoxLayout(list_);
    column->addWidget(list_);
    column->addStretch(1);
    connect(&desk_, &JobDesk::keptAt, this, [this] {
        if (!asks() || desk_.waiting().entries > 0) return refresh();
        said_->setText(tr("All of it is on the disk now."));
        const auto on = std::exchange(go_on_, nullptr);
        refresh();
        on();
    });
    connect(&desk_, &JobDesk::notKept, this, &CopiesPage::refresh);
}

QString CopiesPage::proposed() const {
    const QString name = QString::fromStdString(desk_.book().path().stem().string());
    return QDir::home().filePath(name +
                                 QDateTime::currentDateTime().toString(QStringLiteral("-yyyy-MM-dd-HHmmss")) +
                                 QStringLiteral(".fairchalk"));
}

void CopiesPage::begin() {
    go_on_ = nullptr;
    restoring_.clear();
    giving_up_ = false;
    said_->clear();
    path_->setText(proposed());
    refresh();
    path_->setFocus();
    path_->end(false);
}

void CopiesPage::ask(std::function<void()> go_on) {
    begin();
    go_on_ = std::move(go_on);
    refresh();
}

void CopiesPage::save() {
    said_->setText(tr("Being written …"));
    const QString to = path_->text().trimmed();
    desk_.saveCopy(to, [this, to](const QString& error) {
        if (!error.isEmpty()) return said_->setText(error);
        said_->setText(tr("A copy of all of it stands at %1.").arg(to));
        path_->setText(proposed());
        refresh();
        if (const auto on = std::exchange(go_on_, nullptr)) on();
    });
}

void CopiesPage::refresh() {
    const auto waiting = desk_.waiting();
    const auto n = static_cast<int>(waiting.entries);
    title_->setText(n > 0 ? tr("%1 not on the disk").arg(entriesInWords(n)) : tr("Copies of this book"));
    note_->setText(
        n > 0 ? QString::fromStdString(waiting.error) + QLatin1Char('\n') +
                    tr("They wait in their order, and go in by themselves as soon as it can be done.")
              : tr("The book is %1 and, while it is open, what stands beside it with -wal at the end. "
                   "Of the last five days with work a copy is kept by itself; they are listed here.")
                    .arg(QString::fromStdString(desk_.book().path().string())));
    auto* column = static_cast<QVBoxLayout*>(list_->layout());
    while (QLayoutItem* item = column->takeAt(0)) {
        if (item->widget()) item->widget()->deleteLater();
        delete item;
    }
    column->setSpacing(2);
    const auto add = [&](const QString& text, const QString& note, auto&& act) {
        auto* l = new ShelfLine(ShelfLine::Kind::begin, text, note, list_);
        column->addWidget(l);
        // Not while the line that was clicked is still at work.
        connect(l, &QAbstractButton::clicked, this, act, Qt::QueuedConnection);
        return l;
    };
    if (n > 0) {
        add(tr("try again now"), {}, [this] {
            said_->setText(tr("Being written …"));
            desk_.retry();
        });
        const QString these = tr("give up these %n entries", "give up this entry", static_cast<int>(n));
        add(giving_up_ ? tr("%1: choose it once more, and it is gone").arg(these) : these, {}, [this] {
            if (!std::exchange(giving_up_, !giving_up_)) return refresh();
            desk_.giveUp();
            if (const auto on = std::exchange(go_on_, nullptr))
                on();
            else
                emit left();
        });
    }
    add(tr("back"), tr("Escape"), [this] {
        go_on_ = nullptr;
        emit left();
    });
    if (n > 0) return;
    const auto kept = book::copies_in(book::copies_of(desk_.book().path()));
    if (kept.empty()) note_->setText(note_->text() + QLatin1Char(' ') + tr("There is none yet."));
    for (const book::Copy& copy : kept) {
        const QString path = QString::fromStdString(copy.path.string()),
                      day = QString::fromStdString(copy.day);
        add(restoring_ == path
                ? tr("put %1 in the place of the book: choose it once more; the book is kept beside it")
                      .arg(day)
                : tr("as it stood on %1").arg(day),
            tr("%1 kB").arg((copy.bytes + 1023) / 1024), [this, path, day] {
                if (restoring_ != path) {
                    restoring_ = path;
                    return refresh();
                }
                restoring_.clear();
                said_->setText(tr("Being put in its place …"));
                desk_.restore(path, [this, day](const QString& aside, const QString& error) {
                    refresh();
                    said_->setText(!error.isEmpty()
                                       ? error
                                       : tr("The book is as it stood on %1. What it was is kept as %2.")
                                             .arg(day, aside));
                });
            });
    }
}

void CopiesPage::keyPressEvent(QKeyEvent* e) {
    if (e->key() == Qt::Key_Escape) {
        go_on_ = nullptr;
        emit left();
    } else {
        QWidget::keyPressEvent(e);
    }
}

void CopiesPage::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), Chalk::now().floor);
}

}  // namespace fairchalk::desk
