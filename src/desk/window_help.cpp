// SPDX-License-Identifier: GPL-3.0-or-later
// What the window explains about itself, and how it is wanted.
#include <QMessageBox>

#include "help/help_page.h"
#include "help/preferences_page.h"
#include "help/terms_page.h"
#include "history/history_page.h"
#include "look/chalk.h"
#include "look/html.h"
#include "look/language.h"
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

void Window::showPreferences() {
    if (!preferences_) {
        const auto theme = [] {
            return QSettings().value(QStringLiteral("theme"), QStringLiteral("slate")).toString();
        };
        std::vector<std::pair<QString, QString>> spoken{{QStringLiteral("system"), tr("as the system")}};
        for (const auto& language : languages()) spoken.push_back(language);
        std::vector<Preference> all = {
            {tr("Language"), spoken,
             [] {
                 return QSettings().value(QStringLiteral("language"), QStringLiteral("system")).toString();
             },
             [this](const QString& v) {
                 QSettings().setValue(QStringLiteral("language"), v);
                 // All that is said is said anew: a window made again, on the same book.
                 emit bookWanted(q(desk_.book().path().string()));
             }},
            {tr("Lengths"),
             {{QStringLiteral("mm"), tr("mm")}, {QStringLiteral("inch"), tr("inches")}},
             [this] {
                 return how_.lengths == Show::LengthStyle::inch ? QStringLiteral("inch")
                                                                : QStringLiteral("mm");
             },
             [this](const QString& v) {
                 if ((how_.lengths == Show::LengthStyle::inch) != (v == QLatin1String("inch"))) nextLengths();
             }},
            {tr("Angles"),
             {{QStringLiteral("minutes"), tr("degrees and minutes")},
              {QStringLiteral("decimal"), tr("decimals")}},
             [this] {
                 return how_.angles == Show::AngleStyle::decimal ? QStringLiteral("decimal")
                                                                 : QStringLiteral("minutes");
             },
             [this](const QString& v) {
                 if ((how_.angles == Show::AngleStyle::decimal) != (v == QLatin1String("decimal")))
                     nextAngles();
             }},
            {tr("The floor"),
             {{QStringLiteral("slate"), tr("dark")},
              {QStringLiteral("daylight"), tr("pale")},
              {QStringLiteral("system"), tr("as the system")}},
             theme,
             [this](const QString& v) { chooseTheme(v); }},
            {tr("Speech"),
             {{QStringLiteral("off"), tr("silent")}, {QStringLiteral("on"), tr("it speaks")}},
             [this] { return speaker_->on() ? QStringLiteral("on") : QStringLiteral("off"); },
             [this](const QString& v) {
                 if (speaker_->on() != (v == QLatin1String("on"))) tell(speaker_->toggle());
             }},
            {tr("A wheel is reached"),
             {{QStringLiteral("under-it"), tr("from under it, on its wheels")},
              {QStringLiteral("jack"), tr("jacked up for it")}},
             [this] {
                 return q(desk_.reach()) == QLatin1String("jack") ? QStringLiteral("jack")
                                                                  : QStringLiteral("under-it");
             },
             [this](const QString& v) { desk_.keepReach(v.toStdString()); }}};
        preferences_ = new PreferencesPage(std::move(all), pages_);
        pages_->addWidget(preferences_);
        connect(preferences_, &PreferencesPage::garageNamed, this, [this](const QString& name) {
            desk_.make(
                [name = name.toStdString()](book::Book& book) {
                    book.set_name(name);
                    return QString();
                },
                [this](const QString&, const QString& error) {
                    if (!error.isEmpty()) tell(error);
                });
        });
    }
    putBeside(preferences_);
    preferences_->begin(q(desk_.book().name()));
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
