// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "book/book.h"
#include "core/job/look_again.h"
#include "core/judge/angle_drift.h"
#include "core/judge/shop_bias.h"
#include "core/judge/tires.h"

namespace fairchalk::book {

/// One job of a car in its season: how it found the car and left it, and what happened in it.
struct Visit {
    JobInfo info;  ///< `created` is when its log begins: a job that was brought in is as old as its entries
    JobFile file;  ///< its log; `job()` reads it
    SeasonJob angles;   ///< nothing known where nothing was read
    bool read = false;  ///< an angle was read in it
    std::optional<double> km;
    TiresRead tires;
    int turned = 0;         ///< how many turns are in it
    bool happened = false;  ///< it was begun for a reason: hit something, parts
    int sheets = 0;         ///< how many shop's sheets are in it
    std::vector<LookAgain> again;
    /// False for one that was remembered: then `file` is empty, and of the angles no covariance is known.
    bool whole = true;
};

/// A log with this taken off its angles and nothing else, whatever it said itself: what two jobs know can be
/// compared only where the same was taken off both. Nothing: as the garage reads.
std::vector<Entry> with_bias(std::vector<Entry> log, const BiasTaken* bias);

/// All jobs of a car, oldest first; those of practice alone where they are asked for, else all others. Works
/// for as long as the car has jobs: not for the window's thread. Jobs that this program can't read are left
/// out. Throws BookError.
std::vector<Visit> season_of(const Book& book, const std::string& car, bool practice = false);
/// The same, with what was remembered of it (season_memory.h): only what is new since is worked out.
std::vector<Visit> season_remembered(const Book& book, const std::string& car, bool practice = false);
/// Works out what was only remembered. Throws FileError.
void make_whole(const Book& book, Visit& visit);

/// The car's drifts, its tires, and what is due on a day, over a season.
std::vector<AngleDrift> drifts_of(const std::vector<Visit>& season);
std::vector<TireVisit> tires_of(const std::vector<Visit>& season);
/// When the car is to be looked at again: what the newest job that read something says, and those after it;
/// older ones were answered by looking.
struct DueVisit {
    std::size_t visit = 0;
    Due due;
};
std::vector<DueVisit> due_of(const std::vector<Visit>& season, std::string_view today);

/// The same of one car without working out any angle: for a shelf. Newest first.
std::vector<Due> due_of_car(const Book& book, const std::string& car, std::string_view today);

/// The last visit before this one that read something; nothing where there is none.
const Visit* read_before(const std::vector<Visit>& season, std::size_t visit);
/// Why an axle moved between that one and this, rods that were measured included.
std::vector<Explained> explained(const std::vector<Visit>& season, std::size_t visit, Axle axle);
/// A cause that the last two moves of the car both name first, at the same corner: look there before anything
/// is set.
struct NamedTwice {
    Explained cause;
    Axle axle = Axle::front;
};
std::optional<NamedTwice> named_twice(const std::vector<Visit>& season);
/// The same of a car's last three jobs that read something, but for the one that lies open.
std::optional<NamedTwice> named_twice(const Book& book, const std::string& car, const std::string& without);

/// Each sheet of a season beside one's own estimate of the car in front of it; without what was taken off
/// because of sheets. Sheets with nothing of one's own beside them have an estimate that knows nothing.
std::vector<SheetBeside> sheets_beside(const std::vector<Visit>& season);
/// Those of one car. Works for as long as the car has jobs where it has a sheet, and hardly else.
std::vector<SheetBeside> sheets_of(const Book& book, const std::string& car, bool practice = false);

}  // namespace fairchalk::book
