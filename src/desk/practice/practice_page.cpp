// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/practice_page.h"

#include <algorithm>

#include <QPainter>
#include <QScrollArea>

#include "look/chalk.h"
#include "look/html.h"
#include "practice/practice_jobs.h"

namespace fairchalk::desk {
namespace {

QLabel* heading(const QString& text, double size, QWidget* parent) {
    auto* l = plainLabel(parent);
    l->setText(text);
    l->setFont(type(size, true));
    l->setContentsMargins(0, 10, 0, 2);
    return l;
}

void empty(QLayout* layout) {
    while (QLayoutItem* item = layout->takeAt(0)) {
        if (item->widget()) item->widget()->deleteLater();
        delete item;
    }
}

}  // namespace

PracticePage::PracticePage(JobDesk& desk, QWidget* parent) : QWidget(parent), desk_(desk) {
    const auto& t = practiceTables();
    chosen_ = {t.cars.front().id, t.stories.front().id, t.levels.front().id};
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(60, 14, 60, 10);
    column->addWidget(heading(tr("The practice floor"), 26, this));
    auto* note = plainLabel(this);
    note->setText(
        tr("A simulated car whose truth is known. Nothing here touches your own cars or "
           "tools. Arrow keys and "
           "Enter choose; Escape goes back to the book."));
    note->setFont(type(14));
    note->setWordWrap(true);
    column->addWidget(note);
    auto* scroll = new QScrollArea(this);
    scroll->setWidgetResizable(true);
    scroll->setFocusPolicy(Qt::NoFocus);
    auto* inside = new QWidget(scroll);
    auto* across = new QHBoxLayout(inside);
    across->setContentsMargins(0, 0, 8, 0);
    across->setSpacing(48);
    lessons_ = new QVBoxLayout;
    jobs_ = new QVBoxLayout;
    for (QVBoxLayout* l : {lessons_, jobs_}) {
        l->setSpacing(1);
        across->addLayout(l, 1);
    }
    scroll->setWidget(inside);
    column->addWidget(scroll, 1);
    trouble_ = plainLabel(this);
    trouble_->setWordWrap(true);
    column->addWidget(trouble_);
}

ShelfLine* PracticePage::lessonLine(const book::PracticeItem& lesson, int number) {
    const LessonProgress p = lessonProgress(desk_, lesson.id);
    const QString name =
        number > 0 ? QStringLiteral("%1  %2").arg(number).arg(q(lesson.text)) : q(lesson.text);
    auto* l = new ShelfLine(ShelfLine::Kind::job, name,
                            p.of == 0  ? QString()
                            : p.passed ? tr("done, %1 of %2").arg(p.right).arg(p.of)
                                       : tr("%1 of %2").arg(p.right).arg(p.of),
                            this);
    l->setBelow(q(lesson.reason));
    l->setDone(p.passed);
    connect(l, &QAbstractButton::clicked, this, [this, id = q(lesson.id)] { emit lessonChosen(id); });
    lessons_->addWidget(l);
    return l;
}

/// Half an hour from the first rule to a whole car; what comes next has the focus.
ShelfLine* PracticePage::addPath() {
    const auto& t = practiceTables();
    ShelfLine* next = nullptr;
    lessons_->addWidget(heading(tr("The first half hour"), 17, this));
    int number = 0;
    for (const std::string& id : t.path) {
        const book::PracticeItem* lesson = book::item_named(t.lessons, id);
        if (!lesson) continue;
        ShelfLine* l = lessonLine(*lesson, ++number);
        if (!next && !l->isDone()) next = l;
    }
    const auto all = played(desk_);
    const bool driven = std::any_of(all.begin(), all.end(), [](const Played& p) { return p.ended; });
    auto* whole = new ShelfLine(
        ShelfLine::Kind::job,
        QStringLiteral("%1  %2").arg(++number).arg(tr("A whole car, from the strings to the drive")),
        driven ? tr("done") : QString(), this);
    whole->setBelow(QStringLiteral("%1 · %2 · %3")
                        .arg(q(t.cars.front().text), q(t.stories.front().text), q(t.levels.front().text)));
    whole->setDone(driven);
    connect(whole, &QAbstractButton::clicked, this, [this, &t] {
        chosen_ = {t.cars.front().id, t.stories.front().id, t.levels.front().id};
        begin();
    });
    lessons_->addWidget(whole);
    return next ? next : driven ? nullptr : whole;
}

void PracticePage::addPlayed() {
    const auto all = played(desk_);
    if (all.empty()) return;
    lessons_->addWidget(heading(tr("Played"), 17, this));
    for (std::size_t i = all.size(); i-- > (all.size() > 4 ? all.size() - 4 : 0);) {
        const Played& p = all[i];
        const book::PracticeItem* which = book::item_named(practiceTables().cars, p.play.car);
        auto* l = plainLabel(this);
        setMarked(l, QStringLiteral("%1 · %2⟨br⟩%3")
                         .arg(which ? q(which->text) : QString(), titleOf(p.play),
                              soft(p.ended ? tr("%1, %2 readings, %3 minutes; %4 of %5 truly inside")
                                                 .arg(tr("%n passes", "one pass", static_cast<int>(p.passes)))
                                                 .arg(p.readings)
                                                 .arg(p.minutes)
                                                 .arg(p.inside)
                                                 .arg(p.of)
                                           : tr("not ended"))));
        l->setFont(type(14));
        l->setWordWrap(true);
        lessons_->addWidget(l);
    }
}

void PracticePage::refresh() {
    empty(lessons_);
    empty(jobs_);
    trouble_->clear();
    const auto& t = practiceTables();
    ShelfLine* focus = addPath();
    lessons_->addWidget(heading(tr("More lessons"), 17, this));
    for (const book::PracticeItem& lesson : t.lessons) {
        if (std::count(t.path.begin(), t.path.end(), lesson.id) > 0) continue;
        ShelfLine* l = lessonLine(lesson);
        if (!focus && !l->isDone()) focus = l;
    }
    addPlayed();
    lessons_->addStretch(1);

    jobs_->addWidget(heading(tr("A whole job"), 17, this));
    const std::array tables = {&t.cars, &t.stories, &t.levels};
    for (const Group g : {car, story, level}) {
        if (g != car) jobs_->addSpacing(6);
        for (const book::PracticeItem& i : *tables[g]) {
            const bool is = chosen_[g] == i.id;
            auto* l = new ShelfLine(ShelfLine::Kind::choice, q(i.text), {}, this);
            l->setDone(is);
            l->setAccessibleDescription(is ? tr("chosen") : QString());
            l->setBelow(q(g == car ? i.note : i.reason));
            connect(l, &QAbstractButton::clicked, this, [this, g, id = i.id] {
                chosen_[g] = id;
                // The lines say what is chosen; none is made anew, so that the focus stays.
                for (ShelfLine* other : findChildren<ShelfLine*>())
                    if (other->property("group") == g) {
                        other->setDone(other->property("of").toString() == q(id));
                        other->setAccessibleDescription(other->isDone() ? tr("chosen") : QString());
                    }
            });
            l->setProperty("group", static_cast<int>(g));
            l->setProperty("of", q(i.id));
            jobs_->addWidget(l);
        }
    }
    jobs_->addSpacing(10);
    auto* go = new ShelfLine(ShelfLine::Kind::begin, tr("begin this practice"), {}, this);
    connect(go, &QAbstractButton::clicked, this, &PracticePage::begin);
    jobs_->addWidget(go);
    jobs_->addStretch(1);
    (focus ? focus : go)->takeFocus();
}

void PracticePage::begin() {
    practice::Play play{chosen_[car], chosen_[story], std::stoi(chosen_[level]), freshSeed(desk_)};
    startPractice(desk_, play, [this](const QString& job, const QString& error) {
        if (error.isEmpty())
            emit jobMade(job);
        else
            trouble_->setText(error);
    });
}

void PracticePage::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.fillRect(rect(), Chalk::now().floor);
    chalkWord(p, rect(), tr("practice"));
}

}  // namespace fairchalk::desk
