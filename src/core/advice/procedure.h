// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <string_view>
#include <vector>

#include "core/job/log.h"
#include "core/job/stage.h"
#include "core/job/staleness.h"

namespace fairchalk {

struct Knowledge;

/// open: to do; tight: done and still true; slack: was done, something since has spoiled it.
enum class Progress { to_do, done, stale };

struct StageState {
    Progress progress = Progress::to_do;
    std::optional<Happening> spoiled_by;  ///< while stale: what did it, where it was something that happened
    int done = 0, of = 0;                 ///< what there is of it: items, spots, turns
    bool wanted = true;                   ///< false where what was asked for does not need it
};

/// How each stage stands: a function of the log, by the table of what spoils what (staleness.h) and the list
/// of checks.
std::array<StageState, 8> stages_of(const Job& job, const Knowledge& knowledge);

/// The spots that this round wants read: all those of its rigs in the first round and after the strings or
/// the car moved; after turns only, the rims of the wheels that were turned since the last round that was
/// read to its end; in walking order.
std::vector<Spot> wanted_spots(const Job& job, int round);

/// Live readings of a round at a spot, oldest first, as indexes into the log.
std::vector<std::size_t> readings_at(const Job& job, int round, const Spot& spot);
/// The last one there of the first `rounds` rounds; null where there is none.
const Reading* last_reading_at(const Job& job, int rounds, const Spot& spot);

/// The spot is read in that round: while something was turned and not shaken is not read yet.
bool is_read(const Job& job, int round, const Spot& spot);
/// Of what a round wants, what is not read yet.
std::vector<Spot> unread_spots(const Job& job, int round);

/// Something was turned since the last reading, and a reading of it can be had: that comes before anything
/// else is said. What none of the chosen ways reads waits for nothing; a drive may tell of it.
bool waits_for_reading(const Job& job);

/// The last reading was taken before the car was shaken: its tires hold back a share of what was turned.
bool last_is_before_shake(const Job& job);
/// So it is, and what it spoiled is not read yet: how it stays is not known until it was shaken and read.
bool shake_is_due(const Job& job);

/// The first wanted spot without a reading; nothing once all are read.
std::optional<Spot> next_spot(const Job& job, int round);

/// The spots of the round's rigs that tell the toe of some wheels and the camber and caster of others, in
/// walking order: what a turn of their adjusters spoils.
std::vector<Spot> spoiled_spots_of(const Job& job, int round, const std::vector<Wheel>& toe,
                                   const std::vector<Wheel>& lean = {});

/// The last turn of the job was a test turn: what it moved may have to be set back.
bool test_turn_stands(const Job& job);

}  // namespace fairchalk
