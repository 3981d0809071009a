// SPDX-License-Identifier: GPL-3.0-or-later
#include "shelf/bring_in.h"

#include <QFileInfo>
#include <QSaveFile>
#include <QTemporaryDir>

#include "book/calendar.h"
#include "book/car_file.h"
#include "book/csv.h"
#include "book/places.h"
#include "book/season.h"
#include "book/shop_json.h"
#include "look/html.h"
#include "words/season_words.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

QString write(const QString& path, const std::string& text) {
    QSaveFile file(path);
    const auto size = static_cast<qint64>(text.size());
    if (file.open(QIODevice::WriteOnly) && file.write(text.data(), size) == size && file.commit()) return {};
    return QObject::tr("%1 can't be written: %2").arg(path, file.errorString());
}

QString wrongWith(const QString& path, const book::FileError& e) {
    const QString place = e.place.empty() ? QString() : q(e.place) + QStringLiteral(": ");
    return QStringLiteral("%1: %2%3").arg(QFileInfo(path).fileName(), place, q(words::sentence(e.message)));
}

BroughtIn into_the_job(JobDesk& desk, const QString& path, book::FileIs what) {
    if (!desk.hasJob()) return {QObject::tr("Open the job first that this belongs to."), {}, false};
    const book::Json j = book::parse_json(book::read_file(path.toStdString()));
    if (what == book::FileIs::sheet) {
        desk.record(book::shop_sheet_from(book::Node(j, "")));
        return {QObject::tr("The shop's sheet is in this job."), {}, true};
    }
    const book::Figures figures = book::figures_in(j.dump());
    desk.editCard(book::WrittenCard(book::with_figures(desk.writtenCard().json(), figures)));
    desk.editTargets(figures.targets);
    return {QObject::tr("The figures “%1” are on the card, and the aim of this job.").arg(q(figures.name)),
            {},
            true};
}

}  // namespace

void bringIn(JobDesk& desk, const QString& path, std::function<void(BroughtIn)> then) {
    const std::string file = path.toStdString();
    try {
        const book::FileIs what = book::what_is(file);
        if (what == book::FileIs::sheet || what == book::FileIs::figures)
            return then(into_the_job(desk, path, what));
        if (what == book::FileIs::car) {
            const book::Json card = book::card_in(book::read_file(file));
            desk.make([&ids = desk.ids(), card](book::Book& b) { return q(b.add_car(card, ids)); },
                      [then, name = q(card.value("name", ""))](const QString&, const QString& error) {
                          then({error.isEmpty() ? QObject::tr("%1 is on the shelf.").arg(name) : error,
                                {},
                                error.isEmpty()});
                      });
            return;
        }
        if (what == book::FileIs::unknown)
            return then(
                {QObject::tr("%1 is no job, no car, no sheet and no readings that this program knows.")
                     .arg(QFileInfo(path).fileName()),
                 {},
                 false});
        const auto job = std::make_shared<book::JobFile>(
            what == book::FileIs::readings ? book::job_from_csv(book::read_file(file), nullptr, desk.ids())
                                           : book::read_job(file, desk.ids()));
        const QString title = q(job->extras.value("title", QFileInfo(path).completeBaseName().toStdString()));
        desk.make([&ids = desk.ids(), job,
                   title](book::Book& b) { return q(b.import_job(*job, title.toStdString(), ids)); },
                  [then](const QString& made, const QString& error) {
                      then({error.isEmpty() ? QObject::tr("The job is in the book.") : error, made,
                            error.isEmpty()});
                  });
    } catch (const book::FileError& e) {
        then({wrongWith(path, e), {}, false});
    } catch (const std::exception& e) {
        then({QString::fromUtf8(e.what()), {}, false});
    }
}

std::vector<book::Book::Merged::Conflict> conflictsWith(const book::Book& ours, const QString& path) {
    // As they would meet, tried on a copy.
    const QTemporaryDir folder;
    const std::filesystem::path copy = folder.filePath(QStringLiteral("copy.fairchalk")).toStdString();
    ours.copy_to(copy);
    book::Book here(copy, book::Book::Mode::existing);
    const book::Book other(path.toStdString(), book::Book::Mode::read);
    UuidSource ids{book::system_sources()};
    return here.merge(other, book::Book::CardsOf::ours, ids).conflicts;
}

QString differences(const book::Json& ours, const book::Json& theirs) {
    const book::Json a = ours.flatten(), b = theirs.flatten();
    QStringList out;
    const auto said = [](const book::Json& in, const std::string& key) {
        const auto it = in.find(key);
        return it == in.end()    ? QObject::tr("nothing")
               : it->is_string() ? q(it->get<std::string>())
                                 : q(it->dump());
    };
    for (const auto& all : {a, b})
        for (const auto& [key, value] : all.items()) {
            (void)value;
            const QString mine = said(a, key), its = said(b, key);
            QString name = q(key).mid(1);
            name.replace(QLatin1Char('/'), QLatin1Char(' '));
            const QString one = QObject::tr("%1: here %2, there %3").arg(name, mine, its);
            if (mine != its && !out.contains(one)) out << one;
        }
    constexpr int most = 14;
    const auto more = out.size() - most;
    if (more > 0) out = out.mid(0, most) << QObject::tr("… and %1 more").arg(more);
    return out.join(QLatin1Char('\n'));
}

void mergeIn(JobDesk& desk, const QString& path, const QStringList& theirs,
             std::function<void(BroughtIn)> then) {
    desk.make(
        [&ids = desk.ids(), path, theirs](book::Book& b) {
            const book::Book other(path.toStdString(), book::Book::Mode::read);
            const auto merged = b.merge(
                other,
                [&](const book::Book::Merged::Conflict& c) {
                    return theirs.contains(q(c.car)) ? book::Book::CardsOf::theirs
                                                     : book::Book::CardsOf::ours;
                },
                ids);
            return QObject::tr("Brought in: cars %1, jobs %2, entries %3.")
                .arg(merged.cars)
                .arg(merged.jobs)
                .arg(merged.entries);
        },
        [then](const QString& made, const QString& error) {
            then({error.isEmpty() ? made : error, {}, error.isEmpty()});
        });
}

QString exportJob(const JobDesk& desk, const QString& path) {
    try {
        const book::JobFile job = desk.book().job(desk.jobId());
        return write(path, path.endsWith(QLatin1String(".csv"), Qt::CaseInsensitive)
                               ? book::csv_of(job)
                               : book::full_form(job).dump(1) + "\n");
    } catch (const std::exception& e) {
        return QString::fromUtf8(e.what());
    }
}

QString exportCar(const JobDesk& desk, const std::string& car, const QString& path) {
    try {
        return write(path, book::car_file(JobDesk::taughtCard(desk.book(), car)).dump(1) + "\n");
    } catch (const std::exception& e) {
        return QString::fromUtf8(e.what());
    }
}

QString exportCalendar(JobDesk& desk, const QString& path) {
    try {
        const std::string now = desk.ids().now();
        std::vector<book::CalendarDay> days;
        for (const book::CarInfo& car : desk.book().cars())
            for (const Due& d : book::due_of_car(desk.book(), car.id, now)) {
                if (!d.days) continue;
                days.push_back({car.id + "-" + d.what.when, d.what.when.substr(0, 10),
                                car.name + ": " +
                                    QObject::tr("look at the wheel angles again").toStdString() +
                                    (d.what.why.empty() ? "" : " (" + d.what.why + ")")});
            }
        if (days.empty()) return QObject::tr("No car is to be looked at again on a day.");
        return write(path, book::calendar_of(days, now));
    } catch (const std::exception& e) {
        return QString::fromUtf8(e.what());
    }
}

}  // namespace fairchalk::desk
