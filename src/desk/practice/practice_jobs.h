// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>

#include <QString>

#include "book/practice_file.h"
#include "job_desk.h"
#include "practice/debrief.h"

namespace fairchalk::desk {

// Practice jobs in the garage book: jobs like any other, on cars of their own, with a fact that says what is
// played. Nothing is learnt from them about this garage's tools.

/// For one that has not been played: of the desk's own chance, so that a test's is the same each time.
std::uint64_t freshSeed(JobDesk& desk);
/// The job that was begun, or why there is none.
using Begun = std::function<void(const QString& job, const QString& error)>;
/// Begins one.
void startPractice(JobDesk& desk, const practice::Play& play, const Begun& then);
/// The job that lessons are given on; made once.
void lessonsJob(JobDesk& desk, const Begun& then);

/// How a practice ended, as the book keeps it.
struct Played {
    practice::Play play;
    bool ended = false;
    int passes = 0, readings = 0, minutes = 0, inside = 0, of = 0, mishaps = 0;
};
void keepEnd(JobDesk& desk, const practice::Debrief& d);
bool hasEnded(JobDesk& desk);
/// Every whole practice of the book, oldest first.
std::vector<Played> played(JobDesk& desk);
/// What the book keeps of a lesson: the best of its times.
struct LessonProgress {
    int right = 0, of = 0;
    bool passed = false;
};
LessonProgress lessonProgress(JobDesk& desk, const std::string& lesson);
void keepLesson(JobDesk& desk, const std::string& lesson, int right, int of, bool passed);

/// What the practice floor offers, in the language of the window.
const book::PracticeTables& practiceTables();

/// `New rack, drove home · calm`
QString titleOf(const practice::Play& play);

}  // namespace fairchalk::desk
