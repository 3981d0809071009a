// SPDX-License-Identifier: GPL-3.0-or-later
#include <unistd.h>

#include <cstdio>
#include <cstdlib>
#include <future>
#include <memory>
#include <new>

#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTimer>

#include "book/knowledge_file.h"
#include "book/places.h"
#include "look/chalk.h"
#include "look/language.h"
#include "look/preference.h"
#include "look/type_line.h"
#include "record/record_print.h"
#include "shots.h"
#include "start.h"
#include "window.h"
#include "words/words.h"

using namespace fairchalk;

namespace {

void endWithoutMemory() {
    // What is shown as kept is on the disk; there is nothing to go on with.
    std::set_new_handler([] {
        constexpr char said[] =
            "fairchalk: this needs more memory than there is here; what was kept is in the book\n";
        if (::write(2, said, sizeof said - 1) < 0) std::_Exit(4);
        std::_Exit(3);
    });
}

/// Names and type, before anything is shown.
void introduce() {
    QApplication::setApplicationName(QStringLiteral("fair-chalk"));
    QApplication::setApplicationDisplayName(QStringLiteral("Fair Chalk"));
    QApplication::setDesktopFileName(QStringLiteral("fair-chalk"));
    QSettings::setDefaultFormat(QSettings::IniFormat);
    QApplication::setOrganizationName(QStringLiteral("fair-chalk"));
    desk::loadLook();
    QApplication::setFont(desk::type(14));
}

/// Into a file, once all is kept and answered.
void drawAndEnd(desk::JobDesk& job_desk, desk::Window& window, const QString& file) {
    QTimer::singleShot(600, qApp, [&job_desk, &window, file] {
        job_desk.settle();
        QCoreApplication::exit(window.grab().save(file) ? 0 : 1);
    });
}

/// What may stand on the command line.
struct Options {
    const QCommandLineOption picture{QStringLiteral("picture"),
                                     QStringLiteral("draw the window into this PNG and end"),
                                     QStringLiteral("file")};
    const QCommandLineOption shots{QStringLiteral("shots"),
                                   QStringLiteral("draw each main view into this folder and end"),
                                   QStringLiteral("folder")};
    const QCommandLineOption shots_as{
        QStringLiteral("shots-as"),
        QStringLiteral("how those are drawn, where otherwise than usual, as \"960x540 pale 150% de\""),
        QStringLiteral("words")};
    const QCommandLineOption first_paint{QStringLiteral("first-paint"),
                                         QStringLiteral("end at the first paint: for measuring the start")};
    const QCommandLineOption typing{
        QStringLiteral("type"),
        QStringLiteral(
            "type readings for ever, printing the id of each once it shows as kept: for tools/kill_test.py")};
    const QCommandLineOption fresh{QStringLiteral("new"),
                                   QStringLiteral("make the book where there is none, without asking")};
    const QCommandLineOption speak_to{QStringLiteral("speak-to"),
                                      QStringLiteral("write what is spoken into this file"),
                                      QStringLiteral("file")};
    const QCommandLineOption paper{
        QStringLiteral("print"), QStringLiteral("put this page of HTML into a PDF, named instead of a book"),
        QStringLiteral("page.html")};

    void take(QCommandLineParser& parser, const QApplication& app) const {
        parser.setApplicationDescription(
            QStringLiteral("Sets wheel angles from readings by hand. The vehicle's manual comes first."));
        parser.addHelpOption();
        parser.addPositionalArgument(
            QStringLiteral("book"),
            QStringLiteral("the garage book to open; by default the one under the XDG data folder"),
            QStringLiteral("[book]"));
        parser.addOptions({paper, fresh, first_paint, typing, picture, shots, shots_as, speak_to});
        parser.process(app);
    }
};

/// One page of HTML as a PDF: the headless program's `report`.
bool printPage(const QString& page, const QStringList& to) {
    QFile file(page);
    return file.open(QIODevice::ReadOnly) && !to.isEmpty() &&
           desk::writePdf(QString::fromUtf8(file.readAll()), to.first());
}

/// Each main view into a folder.
int drawAll(desk::JobDesk& job_desk, desk::Window& window, const QString& folder, const desk::ShotsAs& as) {
    if (!job_desk.hasJob())
        throw book::BookError("There is no job in " + job_desk.book().path().string() +
                              ": the pictures are made from the demo book.");
    QDir().mkpath(folder);
    return desk::takeShots(job_desk, window, folder, as);
}

}  // namespace

int main(int argc, char** argv) {
    endWithoutMemory();
    // What people know is parsed beside what Qt needs to begin.
    const auto knowledge = std::async(std::launch::async, [] { (void)book::shipped_knowledge(); });
    QApplication app(argc, argv);
    introduce();
    const desk::Caret caret(nullptr);

    QCommandLineParser parser;
    const Options options;
    options.take(parser, app);
    if (parser.isSet(options.paper))
        return printPage(parser.value(options.paper), parser.positionalArguments()) ? 0 : 1;

    desk::ShotsAs as;
    try {
        as = desk::shotsAs(parser.value(options.shots_as));
    } catch (const std::exception& e) {
        std::fprintf(stderr, "fairchalk: %s\n", e.what());
        return 2;
    }

    // The pictures are alike for everyone: nobody's own units or floor.
    const QTemporaryDir nobodys;
    if (parser.isSet(options.shots)) {
        QSettings::setPath(QSettings::IniFormat, QSettings::UserScope, nobodys.path());
        desk::keepPreference(QStringLiteral("zoom"), as.zoom);
    }

    const QStringList places = parser.positionalArguments();
    const std::filesystem::path path =
        places.isEmpty() ? book::default_book() : std::filesystem::path(places.first().toStdString());
    const bool by_itself = parser.isSet(options.picture) || parser.isSet(options.shots) ||
                           parser.isSet(options.typing) || parser.isSet(options.first_paint);
    std::unique_ptr<desk::JobDesk> job_desk;
    std::unique_ptr<desk::Window> window;
    std::function<void(const std::filesystem::path&, book::Book::Mode)> open;
    // The pictures are alike for everyone.
    const auto speak = [&] {
        desk::takeLanguage(parser.isSet(options.shots) ? as.language : desk::languageWanted());
    };
    // Another book in the place of this one, once what is under way is over: the window is not inside itself.
    // The same again is the window made anew, in another language.
    const auto change = [&](const QString& other) {
        QTimer::singleShot(0, qApp, [&, other] {
            try {
                if (other.toStdString() != job_desk->book().path().string())
                    book::Book there(other.toStdString(), book::Book::Mode::existing);
            } catch (const std::exception& e) {
                return desk::sayCannotOpen(QString::fromUtf8(e.what()));
            }
            QApplication::setQuitOnLastWindowClosed(false);
            const bool closed = window->close();
            QApplication::setQuitOnLastWindowClosed(true);
            if (!closed) return;
            window.reset();
            job_desk.reset();
            speak();
            open(other.toStdString(), book::Book::Mode::existing);
        });
    };
    open = [&](const std::filesystem::path& at, book::Book::Mode mode) {
        job_desk = std::make_unique<desk::JobDesk>(book::Book(at, mode), book::system_sources(),
                                                   desk::JobDesk::Begins::when_let_go);
        window = std::make_unique<desk::Window>(*job_desk);
        if (parser.isSet(options.speak_to))
            window->speaker().setMake(
                [file = parser.value(options.speak_to)] { return desk::fileVoice(file); });
        QObject::connect(window.get(), &desk::Window::bookWanted, qApp, change);
        if (!by_itself) desk::rememberBook(QString::fromStdString(std::filesystem::absolute(at).string()));
        desk::openWhereItWas(*job_desk, *window);
        window->show();
        desk::onceDrawn(*window, [&] {
            if (parser.isSet(options.first_paint)) std::_Exit(0);  // what comes after it is not the start
            job_desk->letGo();
        });
    };
    const auto failed = [&](const std::exception& e) {
        std::fprintf(stderr, "fairchalk: %s\n", e.what());
        if (!by_itself) desk::sayCannotOpen(QString::fromUtf8(e.what()));
        return 2;
    };
    try {
        speak();
        std::error_code error;
        // The usual book is made where there is none; another may be a slip of the keys.
        if (places.isEmpty() || parser.isSet(options.fresh) || std::filesystem::exists(path, error) ||
            path.empty()) {
            open(path, book::Book::Mode::write);
        } else if (by_itself) {
            throw book::BookError("There is no book at " + path.string() + ". With --new one is made there.");
        } else {
            desk::askForBook(QString::fromStdString(path.string()), [&](bool make) {
                try {
                    if (make)
                        open(path, book::Book::Mode::write);
                    else
                        open(book::default_book(), book::Book::Mode::write);
                } catch (const std::exception& e) {
                    failed(e);
                }
            });
        }
        if (parser.isSet(options.picture)) drawAndEnd(*job_desk, *window, parser.value(options.picture));
        if (parser.isSet(options.typing)) desk::typeForEver(*job_desk, *window);
        if (parser.isSet(options.shots)) return drawAll(*job_desk, *window, parser.value(options.shots), as);
        const int code = QApplication::exec();
        window.reset();
        return code;
    } catch (const std::exception& e) {
        if (const int code = failed(e); by_itself) return code;
        QApplication::exec();
        return 2;
    }
}
