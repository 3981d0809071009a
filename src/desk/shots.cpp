// SPDX-License-Identifier: GPL-3.0-or-later
#include "shots.h"

#include <cmath>
#include <cstdio>
#include <memory>
#include <stdexcept>

#include <QApplication>
#include <QKeyEvent>
#include <QLineEdit>
#include <QRegularExpression>
#include <QTimer>

#include "history/history_page.h"
#include "look/chalk.h"
#include "practice/practice_jobs.h"

namespace fairchalk::desk {

namespace {

void typeOut(Window& window, const QString& text, bool enter = true) {
    for (QChar c : text) {
        QKeyEvent press(QEvent::KeyPress, 0, Qt::NoModifier, QString(c));
        QApplication::sendEvent(window.focusWidget(), &press);
    }
    if (!enter) return;
    QKeyEvent press(QEvent::KeyPress, Qt::Key_Return, Qt::NoModifier);
    QApplication::sendEvent(window.focusWidget(), &press);
}

void pointAt(Window& window, const QString& place) {
    for (PlaceMark* mark : window.findChildren<PlaceMark*>())
        if (mark->isVisibleTo(&window) && mark->id == place) return mark->click();
}

}  // namespace

void typeForEver(JobDesk& desk, Window& window) {
    const auto printed = std::make_shared<std::size_t>(desk.log().size());
    QObject::connect(&desk, &JobDesk::keptAt, &window, [&desk, printed] {
        for (; *printed < desk.log().size() && desk.isKept(*printed); ++*printed)
            std::printf("%s\n", desk.log()[*printed].id.c_str());
        std::fflush(stdout);
    });
    // From where the log stands, so that a run that is killed at once does not always begin alike.
    const std::size_t printed_at = desk.log().size();
    auto* timer = new QTimer(&window);
    QObject::connect(timer, &QTimer::timeout, &window, [&window, n = static_cast<int>(printed_at)]() mutable {
        // Every fourth time something of getting ready: a check ticked, a sum's reading, an event.
        if (++n % 4 == 0) {
            window.setStage(Stage::check_over);
            if (n % 8 == 0) return void(window.slate().act(0));
            window.slate().startLoose();
            return typeOut(window, QStringLiteral("nut %1").arg(n));
        }
        window.setStage(Stage::read);
        window.reading().ask(string_walk()[static_cast<std::size_t>(n) % string_walk().size()]);
        window.slate().takeFocus();
        typeOut(window, QString::number(100 + n % 17));
    });
    timer->start(3);
}

namespace {

/// A practice played with a misread lip, to its end; and a lesson.
template <class Shot>
void shotsOfPractice(JobDesk& desk, Window& window, const Shot& shot) {
    window.showPractice();
    startPractice(desk, {"tarnby", "new-rack", 2, 17},
                  [&window](const QString& job, const QString&) { window.openJob(job); });
    desk.settle();
    window.setStage(Stage::read);
    const auto press = [&](int key) {
        QKeyEvent event(QEvent::KeyPress, key, Qt::NoModifier,
                        key == Qt::Key_Space ? QStringLiteral(" ") : QString());
        QApplication::sendEvent(window.focusWidget(), &event);
    };
    const auto walk = [&](int misread) {
        for (int n = 0; n < 30 && window.reading().spot(); ++n) {
            press(Qt::Key_Space);
            const auto held = desk.held(desk.blank(*window.reading().spot()));
            if (!held) return;
            if (n == 4 && misread > 0) shot("practice-read");
            typeOut(window, QString::number(std::round(held->at * 2) / 2 + (n == misread ? 5 : 0)));
            desk.settle();
        }
    };
    walk(9);
    window.setStage(Stage::turn);
    window.turning().turnedAsWritten();
    desk.settle();
    window.setStage(Stage::read);
    walk(-1);
    window.showPage({PageId::truth});
    window.slate().act(Act::sure);
    shot("truth");
}

/// What is seen before a rule is taken in the hand.
template <class Shot>
void shotsOfGettingReady(Window& window, const Shot& shot) {
    window.setStage(Stage::ask);
    shot("ask");
    window.setStage(Stage::check_over);
    shot("check-over");
    window.setStage(Stage::floor);
    typeOut(window, QStringLiteral("3"));
    shot("floor");
    window.setStage(Stage::steering);
    shot("steering");
    window.setStage(Stage::drive);
    shot("drive");
    window.showPage({PageId::card});
    shot("card");
    window.showPage({});
}

/// A round read, turned by, read once more, and its record.
template <class Shot>
void shotsOfARound(JobDesk& desk, Window& window, const Shot& shot) {
    window.setStage(Stage::read);
    typeOut(window, QStringLiteral("4 11/16"), false);
    shot("read");
    // The rest of the round, in the order of the walk, as the demo car stands.
    window.setStage(Stage::read);
    const char* const rest[] = {"119.0", "113.0", "119.5", "1682",  "101.5", "95.5",
                                "102.0", "115.5", "110.0", "117.0", "1674"};
    const auto wanted = wanted_spots(desk.job(), desk.round());
    std::size_t skip = 0;
    for (const Spot& s : wanted) skip += !readings_at(desk.job(), desk.round(), s).empty();
    for (std::size_t i = skip >= 3 ? skip - 3 : 0; i < std::size(rest); ++i) {
        typeOut(window, QString::fromLatin1(rest[i]));
    }
    desk.settle();
    window.setStage(Stage::turn);
    shot("turn");
    window.turning().turnedAsWritten();
    desk.settle();
    window.setStage(Stage::read);
    for (const char* value : {"117.0", "121.0", "100.5", "102.5"})
        typeOut(window, QString::fromLatin1(value));
    desk.settle();
    window.showPage({PageId::record});
    desk.settle();
    shot("record");
}

/// A newcomer's: a first car, and a word that moves.
template <class Shot>
void shotsForANewcomer(JobDesk& desk, Window& window, const Shot& shot) {
    window.showFirstCar();
    typeOut(window, QStringLiteral("Old van"));
    typeOut(window, QString());
    shot("new-car");
    window.showTerms(QStringLiteral("caster"));
    shot("terms");
    window.openJob(QString::fromStdString(desk.jobId()));
}

/// The car through its jobs, and what its tires and a shop's sheet say.
template <class Shot>
void shotsOfACar(JobDesk& desk, Window& window, const Shot& shot) {
    window.showShelf();
    desk.settleMaking();
    QApplication::processEvents();
    shot("shelf");
    const std::string tarnby = desk.book().cars().back().id;
    window.showHistory(QString::fromStdString(tarnby));
    desk.settleMaking();
    for (const int key :
         {Qt::Key_Up, Qt::Key_Up, Qt::Key_Up, Qt::Key_Up, Qt::Key_Up, Qt::Key_Up, Qt::Key_Left}) {
        QKeyEvent press(QEvent::KeyPress, key, Qt::NoModifier);
        QApplication::sendEvent(window.history(), &press);
    }
    shot("history");
    const auto its = desk.book().jobs(tarnby);
    window.openJob(QString::fromStdString(its.at(1).id));
    window.showPage({PageId::tires});
    desk.settle();
    desk.settleMaking();
    shot("tires");
    window.showPage({PageId::shop});
    desk.settleMaking();
    shot("shop");
    window.showPage({});
}

/// A whole evening with shims; other ways of measuring beside the strings.
template <class Shot>
void shotsOfOtherWays(JobDesk& desk, Window& window, const Shot& shot) {
    // Everything at once, with shims: the hillclimb special.
    const auto newestOf = [&](const std::string& car) {
        return QString::fromStdString(desk.book().jobs(car).front().id);
    };
    window.openJob(newestOf(desk.book().cars().front().id));
    desk.settle();
    window.setStage(Stage::turn);
    window.showPage({PageId::evening});
    shot("evening");
    window.showPage({});
    // Other ways of measuring, beside the strings.
    window.openJob(newestOf(desk.book().cars().back().id));
    desk.facts().keep("at_hand",
                      "boards 2, camber-gauge 1, rule 1, string 2, stands 4, tape 2, turn-plates 2");
    LinesSet lines = desk.lines();
    lines.rigs = {"string-bars", "toe-boards", "camber-gauge", "caster-sweep"};
    lines.sizes.board_span = Length::from_mm(600);
    desk.setLines(lines);
    window.setStage(Stage::lines);
    pointAt(window, QStringLiteral("rig:caster-sweep"));
    shot("lines");
}

}  // namespace

ShotsAs shotsAs(const QString& words) {
    ShotsAs as;
    const QRegularExpression size(QStringLiteral("^(\\d{3,4})x(\\d{3,4})$")),
        zoom(QStringLiteral("^(\\d{2,3})%$")), language(QStringLiteral("^[a-z]{2}(_[A-Z]{2})?$"));
    for (const QString& word : words.split(QLatin1Char(' '), Qt::SkipEmptyParts)) {
        if (const auto m = size.match(word); m.hasMatch())
            as.size = {m.captured(1).toInt(), m.captured(2).toInt()};
        else if (const auto times = zoom.match(word); times.hasMatch())
            as.zoom = times.captured(1).toInt() / 100.0;
        else if (word == QLatin1String("pale"))
            as.dark = false;
        else if (language.match(word).hasMatch())
            as.language = word;
        else
            throw std::invalid_argument("The pictures are wanted as \"" + word.toStdString() +
                                        "\": it is a size as 960x540, pale, 150% or a language as de.");
    }
    return as;
}

int takeShots(JobDesk& desk, Window& window, const QString& folder, const ShotsAs& as) {
    int failed = 0;
    window.resize(as.size);
    const auto shot = [&](const char* name) {
        desk.settle();
        QApplication::processEvents();
        if (!window.grab().save(folder + QStringLiteral("/") + QString::fromLatin1(name) +
                                QStringLiteral(".png")))
            ++failed;
    };
    window.setDark(as.dark);
    QApplication::setActiveWindow(&window);
    shotsOfGettingReady(window, shot);
    shotsOfARound(desk, window, shot);
    shotsForANewcomer(desk, window, shot);
    shotsOfACar(desk, window, shot);
    shotsOfOtherWays(desk, window, shot);
    shotsOfPractice(desk, window, shot);
    return failed;
}

}  // namespace fairchalk::desk
