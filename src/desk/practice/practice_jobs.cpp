// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/practice_jobs.h"

#include <cmath>
#include <utility>

#include <QCoreApplication>
#include <QLocale>

#include "look/html.h"
#include "look/language.h"
#include "practice/solid_car.h"

namespace fairchalk::desk {

const book::PracticeTables& practiceTables() {
    static book::PracticeTables in_language;
    static QString language;
    if (const QString now = QLocale().name(); std::exchange(language, now) != now) {
        in_language = book::practice_tables();
        for (auto* items :
             {&in_language.cars, &in_language.stories, &in_language.levels, &in_language.lessons})
            for (book::PracticeItem& item : *items)
                for (std::string* s : {&item.text, &item.reason, &item.note})
                    if (!s->empty()) *s = QCoreApplication::translate("text", s->c_str()).toStdString();
    }
    return in_language;
}
namespace {

constexpr const char* lessons_play = "lessons";

const book::PracticeItem& itemOf(const std::vector<book::PracticeItem>& all, const std::string& id) {
    const book::PracticeItem* i = book::item_named(all, id);
    return i ? *i : all.front();
}

/// Made by the writer; `then` gets the job, or why there is none.
void begin(JobDesk& desk, const practice::Play& play, const QString& title, const Begun& then) {
    const book::PracticeItem& car = itemOf(practiceTables().cars, play.car);
    std::vector<decltype(Entry::event)> first;
    // Its boards, levels and marks have the usual sizes, told from the start.
    LinesSet lines = practice::SolidCar{}.lines(car.rigs);
    lines.bars = {Length::from_mm(500), Length::from_mm(550)};
    lines.gauge = "digital-angle-gauge";
    lines.tool = play.car == "ollerby" ? "steel-rule-inch" : "steel-rule-mm";
    ReasonsGiven asked;
    if (const auto* story = book::item_named(practiceTables().stories, play.story))
        asked.reasons = story->asked;
    first.emplace_back(lines);
    first.emplace_back(RoundOpened{lines.bars, {}, {}, {}, {}});
    first.emplace_back(asked);
    // Nobody can look under a car that is not there: its card is right.
    for (const Adjuster& a : book::car_from(car.card, "car").adjusters) {
        if (has_side(a) && a.rod != RodSide::unknown)
            first.emplace_back(
                Looked{a.id, "rod", a.rod == RodSide::ahead_of_axle ? "ahead-of-axle" : "behind-axle"});
        if (a.thread != Thread::unknown)
            first.emplace_back(Looked{a.id, "thread", a.thread == Thread::right ? "right" : "left"});
    }
    // Each practice car is one car in the book, with all that was played on it.
    const std::string key = "practice-car:" + car.id, known = desk.facts().at(key);
    const auto its_car = std::make_shared<std::string>();
    desk.make(
        [&ids = desk.ids(), &car, key, known, its_car, first = std::move(first), title = title.toStdString(),
         play = text_of(play)](book::Book& book) {
            for (const book::CarInfo& c : book.cars())
                if (c.id == known) *its_car = known;
            if (its_car->empty()) *its_car = book.add_car(car.card, ids);
            const std::string job = book.add_job(*its_car, title, car.targets, ids);
            std::vector<book::Json> entries;
            for (const auto& what : first)
                entries.push_back(book::json_of(Entry{ids.next(), {}, {}, ids.now(), {}, what}));
            // It says that it is practice before anything else is in it.
            book.set_fact("practice:" + job, play);
            book.append(job, entries);
            return q(job);
        },
        [&desk, key, its_car, then, play = text_of(play)](const QString& job, const QString& error) {
            if (error.isEmpty()) {
                desk.facts().keep(key, *its_car);
                desk.facts().keep("practice:" + job.toStdString(), play);
            }
            then(job, error);
        });
}

}  // namespace

QString titleOf(const practice::Play& play) {
    const auto& t = practiceTables();
    if (play.story == lessons_play) return QObject::tr("Lessons");
    return q(itemOf(t.stories, play.story).text) + QStringLiteral(" · ") +
           inSentence(q(itemOf(t.levels, std::to_string(play.level)).text));
}

std::uint64_t freshSeed(JobDesk& desk) {
    return desk.ids().fresh() % 999'999 + 1;
}

void startPractice(JobDesk& desk, const practice::Play& play, const Begun& then) {
    begin(desk, play, titleOf(play), then);
}

void lessonsJob(JobDesk& desk, const Begun& then) {
    const std::string known = desk.facts().at("lessons-job");
    for (const book::JobInfo& j : desk.book().jobs())
        if (j.id == known) return then(q(known), {});
    begin(desk, {"tarnby", lessons_play, 1, 1}, QObject::tr("Lessons"),
          [&desk, then](const QString& job, const QString& error) {
              if (error.isEmpty()) desk.facts().keep("lessons-job", job.toStdString());
              then(job, error);
          });
}

void keepEnd(JobDesk& desk, const practice::Debrief& d) {
    if (hasEnded(desk)) return;
    book::Json j = book::Json::object();
    j["passes"] = d.passes;
    j["readings"] = d.readings;
    j["minutes"] = std::lround(d.minutes);
    j["inside"] = d.inside_truly;
    j["of"] = d.verdicts;
    j["mishaps"] = d.mishaps.size();
    desk.facts().keep("practice-ended:" + desk.jobId(), j.dump());
}

bool hasEnded(JobDesk& desk) {
    return !desk.facts().at("practice-ended:" + desk.jobId()).empty();
}

std::vector<Played> played(JobDesk& desk) {
    std::vector<Played> out;
    for (const auto& [key, value] : desk.book().facts("practice:")) {
        const auto play = practice::play_from(value);
        if (!play || play->story == lessons_play) continue;
        Played p;
        p.play = *play;
        try {
            const std::string end = desk.facts().at("practice-ended:" + key.substr(9));
            if (!end.empty()) {
                const book::Json j = book::parse_json(end);
                p.ended = true;
                p.passes = j.value("passes", 0);
                p.readings = j.value("readings", 0);
                p.minutes = j.value("minutes", 0);
                p.inside = j.value("inside", 0);
                p.of = j.value("of", 0);
                p.mishaps = j.value("mishaps", 0);
            }
        } catch (const std::exception&) {
            // Kept by a newer version: played, and that is all that is known.
        }
        out.push_back(p);
    }
    return out;
}

LessonProgress lessonProgress(JobDesk& desk, const std::string& lesson) {
    LessonProgress p;
    try {
        const std::string text = desk.facts().at("lesson:" + lesson);
        if (text.empty()) return p;
        const book::Json j = book::parse_json(text);
        p.right = j.value("right", 0);
        p.of = j.value("of", 0);
        p.passed = j.value("passed", false);
    } catch (const std::exception&) {
        // As above.
    }
    return p;
}

void keepLesson(JobDesk& desk, const std::string& lesson, int right, int of, bool passed) {
    const LessonProgress was = lessonProgress(desk, lesson);
    if (was.of > 0 && was.right * of >= right * was.of) return;
    book::Json j = book::Json::object();
    j["right"] = right;
    j["of"] = of;
    j["passed"] = passed;
    desk.facts().keep("lesson:" + lesson, j.dump());
}

}  // namespace fairchalk::desk
