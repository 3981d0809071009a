// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cstddef>
#include <optional>
#include <string>
#include <variant>
#include <vector>

#include "core/car.h"
#include "core/reading.h"

namespace fairchalk {

// A job is a log of entries, in order. Nothing in it is changed or removed; what was taken back is struck by
// a later entry. All else (what is known, what is stale, the plan) is computed from it.

/// The car's card as it is from here on.
struct CarEdit {
    CarCard car;
};
struct TargetsEdit {
    std::vector<Target> targets;
};

/// Where the two bars stand: from the front hubs forward, from the rear hubs rearward.
struct Bars {
    std::optional<Length> front_ahead;
    std::optional<Length> rear_behind;
};

/// How the lines are up. Holds for the round it stands in and those after it.
struct LinesSet {
    Bars bars;
    std::string tool;  ///< what the strings are read with, where one was chosen
};

struct RoundOpened {
    Bars bars;
    std::optional<std::array<Length, 4>> floor;  ///< heights of the wheel spots, higher is positive
};

/// An adjuster turned by hand.
struct Turn {
    std::string adjuster;
    double turns = 0.0;  ///< longer is positive
    bool as_written = false;
    bool understood = true;  ///< false: an amount of a kind of adjuster that this version only keeps
};

/// Things that happen to a car and spoil what was known of it.
enum class ChangeKind {
    jacked,
    strings_moved,
    settled,
    steering_recentred,
    locked,
    pressures_changed,
    load_changed
};
struct Change {
    ChangeKind kind = ChangeKind::settled;
    std::optional<Axle> axle;  ///< where it is about one axle
};

/// "Leave it as it is", a decision like any other.
struct Accepted {
    std::string what;
    std::string why;
};

/// Takes entries back. Undo is a strike; redo strikes that strike.
struct Strike {
    enum class Way { reasoned, undo, redo } way = Way::reasoned;
    std::vector<std::string> ids;
    std::string why;
};

/// Notes, parts loosened, and kinds that a newer version wrote: kept, not computed with.
struct Kept {
    std::string kind;
};

struct Entry {
    std::string id;    ///< UUIDv7, or what a hand-written file calls it
    std::string name;  ///< what the short form called it, where it came from there
    std::string act;   ///< entries that came of one thing the user did share it: undone together
    std::string at;    ///< ISO 8601 with offset; order in the log wins over it
    std::optional<std::string> struck;  ///< taken back in the file itself: why
    std::variant<CarEdit, TargetsEdit, LinesSet, RoundOpened, Reading, Turn, Change, Accepted, Strike, Kept>
        what;

    const std::string& label() const { return name.empty() ? id : name; }
};

/// One round as it stood: the card, the bars and the floor it was read with, and its live readings.
struct Round {
    CarCard car;
    LinesSet lines;
    std::optional<std::array<Length, 4>> floor;
    std::vector<std::size_t> readings;  ///< indexes into the log, live ones, in order
    std::size_t opened = 0;             ///< index of the entry that opened it
    std::size_t end = 0;                ///< one past its last entry (the turns after it included)
};

/// A log as it reads now.
struct Job {
    CarCard car;
    std::vector<Target> targets;
    std::vector<Round> rounds;
    /// For each entry: why it is struck, or nothing while it is live.
    std::vector<std::optional<std::string>> struck;
    const std::vector<Entry>* log = nullptr;

    bool live(std::size_t i) const { return !struck[i]; }
};

/// Reads a log. `log` must outlive the result. Readings before any round belong to round 0.
Job job_of(const std::vector<Entry>& log);

/// The id of what undo would take back: the last live thing the user did after entry `from`; nothing when
/// none is left.
std::optional<std::string> undoable(const std::vector<Entry>& log, std::size_t from = 0);
/// The id of the undo that redo would take back; nothing once something new has been done.
std::optional<std::string> redoable(const std::vector<Entry>& log, std::size_t from = 0);

}  // namespace fairchalk
