// SPDX-License-Identifier: GPL-3.0-or-later
#include <cstdio>
#include <cstdlib>

#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QTimer>

#include "book/places.h"
#include "look/chalk.h"
#include "shots.h"
#include "window.h"
#include "words/words.h"

using namespace fairchalk;

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    QApplication::setApplicationName(QStringLiteral("fair-chalk"));
    QApplication::setApplicationDisplayName(QStringLiteral("Fair Chalk"));
    QApplication::setDesktopFileName(QStringLiteral("fair-chalk"));
    QSettings::setDefaultFormat(QSettings::IniFormat);
    QApplication::setOrganizationName(QStringLiteral("fair-chalk"));
    desk::loadType();
    QApplication::setFont(desk::type(14));
    words::set_translator(
        [](const char* source) { return QCoreApplication::translate("words", source).toStdString(); });

    QCommandLineParser parser;
    parser.setApplicationDescription(
        QStringLiteral("Sets wheel angles from readings by hand. The vehicle's manual comes first."));
    parser.addHelpOption();
    parser.addPositionalArgument(
        QStringLiteral("book"),
        QStringLiteral("the garage book to open; by default the one under the XDG data folder"),
        QStringLiteral("[book]"));
    const QCommandLineOption picture(QStringLiteral("picture"),
                                     QStringLiteral("draw the window into this PNG and end"),
                                     QStringLiteral("file"));
    const QCommandLineOption shots(QStringLiteral("shots"),
                                   QStringLiteral("draw each main view into this folder and end"),
                                   QStringLiteral("folder"));
    const QCommandLineOption first_paint(QStringLiteral("first-paint"),
                                         QStringLiteral("end at the first paint: for measuring the start"));
    const QCommandLineOption typing(
        QStringLiteral("type"),
        QStringLiteral(
            "type readings for ever, printing the id of each once it shows as kept: for tools/kill_test.py"));
    parser.addOption(first_paint);
    parser.addOption(typing);
    parser.addOption(picture);
    parser.addOption(shots);
    parser.process(app);

    const QStringList places = parser.positionalArguments();
    const std::filesystem::path path =
        places.isEmpty() ? book::default_book() : std::filesystem::path(places.first().toStdString());
    try {
        desk::JobDesk job_desk(book::Book(path), book::system_sources());
        desk::Window window(job_desk);
        desk::openWhereItWas(job_desk, window);
        window.show();
        if (parser.isSet(picture)) {
            QTimer::singleShot(600, &app, [&] {
                job_desk.settle();
                const bool ok = window.grab().save(parser.value(picture));
                QCoreApplication::exit(ok ? 0 : 1);
            });
        }
        if (parser.isSet(typing)) desk::typeForEver(job_desk, window);
        if (parser.isSet(first_paint)) {
            QApplication::processEvents();
            std::_Exit(0);  // what comes after the first paint is not the start
        }
        if (parser.isSet(shots)) {
            QDir().mkpath(parser.value(shots));
            return desk::takeShots(job_desk, window, parser.value(shots));
        }
        return QApplication::exec();
    } catch (const std::exception& e) {
        std::fprintf(stderr, "fairchalk: %s\n", e.what());
        if (!parser.isSet(picture) && !parser.isSet(shots)) desk::sayCannotOpen(QString::fromUtf8(e.what()));
        return 2;
    }
}
