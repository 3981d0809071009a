// SPDX-License-Identifier: GPL-3.0-or-later
#include "start.h"

#include <utility>

#include <QApplication>
#include <QMessageBox>
#include <QPushButton>
#include <QTimer>
#include <QWindow>

#include "book/book_file.h"
#include "look/chalk.h"

namespace fairchalk::desk {
namespace {

/// Once the window is there to be seen, calls.
class OnceDrawn : public QObject {
  public:
    OnceDrawn(QWindow* drawn, std::function<void()> then) : QObject(drawn), then_(std::move(then)) {
        drawn->installEventFilter(this);
        // One that starts minimized is not drawn.
        constexpr int at_most = 1000;
        QTimer::singleShot(at_most, this, &OnceDrawn::call);
    }

  private:
    bool eventFilter(QObject* watched, QEvent* e) override {
        // It is drawn while this is handled.
        if (e->type() == QEvent::Expose) QTimer::singleShot(0, this, &OnceDrawn::call);
        return QObject::eventFilter(watched, e);
    }
    void call() {
        if (!then_) return;
        std::exchange(then_, {})();
        deleteLater();
    }

    std::function<void()> then_;
};

}  // namespace

void onceDrawn(Window& window, std::function<void()> then) {
    new OnceDrawn(window.windowHandle(), std::move(then));
}

void openWhereItWas(JobDesk& desk, Window& window) {
    const auto jobs = desk.book().jobs();
    const auto open = desk.book().fact("open_job");
    for (const book::JobInfo& j : jobs)
        if (open && j.id == *open) return window.openJob(QString::fromStdString(j.id));
    if (!jobs.empty()) return window.openJob(QString::fromStdString(jobs.front().id));
    window.showShelf();
}

void sayCannotOpen(const QString& why) {
    dress();
    auto* box = new QMessageBox(QMessageBox::Warning, QObject::tr("Fair Chalk"), why, QMessageBox::Ok);
    box->setTextFormat(Qt::PlainText);
    box->setAttribute(Qt::WA_DeleteOnClose);
    box->open();
}

void askForBook(const QString& path, std::function<void(bool make)> then) {
    dress();
    auto* box = new QMessageBox(QMessageBox::Question, QObject::tr("Fair Chalk"),
                                QString::fromUtf8(book::no_book(path.toStdString()).what()));
    box->setTextFormat(Qt::PlainText);
    box->setAttribute(Qt::WA_DeleteOnClose);
    auto* usual = box->addButton(QObject::tr("Open the usual book"), QMessageBox::RejectRole);
    auto* make = box->addButton(QObject::tr("Make a book there"), QMessageBox::AcceptRole);
    auto* none = box->addButton(QObject::tr("Neither"), QMessageBox::DestructiveRole);
    box->setDefaultButton(usual);
    box->setEscapeButton(none);
    QObject::connect(box, &QMessageBox::buttonClicked, [=](QAbstractButton* b) {
        if (b == make || b == usual)
            then(b == make);
        else
            QCoreApplication::quit();
    });
    box->open();
}

}  // namespace fairchalk::desk
