// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>

#include "job_desk.h"

namespace fairchalk::desk {

// What comes into the book as a file, and what goes out of it as one.

/// What became of a file that was dropped on the window or chosen.
struct BroughtIn {
    QString said;  ///< what was done, or what is wrong with it
    QString job;   ///< a job that was made of it, to open
    bool done = false;
};
/// A job, readings (CSV), a car, a sheet of figures or a shop's sheet, by what stands in it; the last two go
/// into the job that is open. A book is none of these: see `mergeIn`.
void bringIn(JobDesk& desk, const QString& path, std::function<void(BroughtIn)> then);

/// Cards that both books have changed, as they would meet.
std::vector<book::Book::Merged::Conflict> conflictsWith(const book::Book& ours, const QString& path);
/// The lines in which two cards differ, one beside the other.
QString differences(const book::Json& ours, const book::Json& theirs);
/// Brings all of another book in; `theirs` are the cars of which its card is to stand.
void mergeIn(JobDesk& desk, const QString& path, const QStringList& theirs,
             std::function<void(BroughtIn)> then);

/// Each gives what is wrong, or nothing. By the file's ending a job goes out as readings (.csv) or whole.
QString exportJob(const JobDesk& desk, const QString& path);
QString exportCar(const JobDesk& desk, const std::string& car, const QString& path);
/// All that is to be looked at again on a day.
QString exportCalendar(JobDesk& desk, const QString& path);

}  // namespace fairchalk::desk
