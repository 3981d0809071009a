// SPDX-License-Identifier: GPL-3.0-or-later
// What the window explains about itself, and how it is wanted.
#include <QMessageBox>

#include "help/help_page.h"
#include "help/preferences_page.h"
#include "help/terms_page.h"
#include "history/history_page.h"
#include "look/chalk.h"
#include "look/html.h"
#include "shelf/first_car.h"
#include "window.h"
#include "words/words.h"

namespace fairchalk::desk {

bool Window::isBeside(const QWidget* page) const {
    return page && (page == help_ || page == terms_ || page == preferences_);
}

void Window::putBeside(QWidget* page) {
    if (!isBeside(pages_->currentWidget())) beside_ = pages_->currentWidget();
    pages_->setCurrentWidget(page);
}

void Window::showHelp() {
    if (help_ && pages_->currentWidget() == help_) return back();
    if (!help_) {
        help_ = new HelpPage(pages_);
        pages_->addWidget(help_);
        connect(help_, &HelpPage::termWanted, this, &Window::showTerms);
    }
    QWidget* const here = isBeside(pages_->currentWidget()) ? beside_ : pages_->currentWidget();
    if (!here) return;
    QString title = tr("The book"), text;
    std::vector<Slate::Offered> can;
    QPixmap drawing;
    if (here == job_page_ && slate_->guide()) {
        title = page_.none() ? q(words::to_begin(words::stage(stage_))) : slate_->guide()->title();
        text = helpOn(stage_, page_);
        can = slate_->offered();
        drawing = middle_->grab();
    } else {
        drawing = here->grab();
        if (here == practice_page_)
            title = tr("The practice floor"), text = helpOn(stage_, {PageId::practice});
        else if (here == history_)
            title = tr("The car through its jobs"),
            text =
                tr("How each job found the car and left it, what happened between, what moved and why, and "
                   "what its adjusters do. The line of days at the bottom of the drawing chooses a job.");
        else if (here == copies_page_)
            title = tr("Copies"),
            text = tr("Copies of the book, made by themselves each day, and one more wherever you want it.");
        else if (here == first_car_)
            title = tr("A new car"),
            text =
                tr("A name, and how it will be measured, are enough. What that way needs of the car is asked "
                   "here; all else where it is first needed.");
        else if (here == car_pane_)
            title = tr("The card"),
            text =
                tr("Each length is typed where it lies on the drawing; what is not known stays empty. What "
                   "to aim at is typed in the terms of the car's manual, which comes first.");
        else
            text =
                tr("The cars of this garage and their jobs. What is due for another look stands first. "
                   "Everything that is typed is on the disk at once: there is nothing to save.");
    }
    help_->show(title, text, drawing, can);
    putBeside(help_);
    help_->setFocus();
}

void Window::showTerms(const QString& id) {
    if (!terms_) {
        terms_ = new TermsPage(pages_);
        pages_->addWidget(terms_);
    }
    terms_->setShow(how_);
    putBeside(terms_);
    terms_->begin(id);
}

void Window::showAbout() {
    auto* box = new QMessageBox(
        QMessageBox::NoIcon, tr("Fair Chalk"),
        tr("Fair Chalk %1: wheel angles from readings by hand.\n\n"
           "The vehicle's manual, local rules and qualified technicians come first. It comes without any "
           "warranty.\n\n"
           "Free software under the GNU General Public License, version 3 or later.\n"
           "With Qt %2 (LGPL 3), QCustomPlot (GPL 3), Ceres Solver (BSD), Eigen (MPL 2), SQLite (public "
           "domain), SQLiteCpp, JSON for Modern C++ and CLI11 (MIT, BSD), and the type B612 (OFL 1.1).")
            .arg(QStringLiteral(FAIRCHALK_VERSION), QString::fromLatin1(qVersion())),
        QMessageBox::Ok, this);
    box->setTextFormat(Qt::PlainText);
    box->setAttribute(Qt::WA_DeleteOnClose);
    box->open();
}

}  // namespace fairchalk::desk
