// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "core/job/log.h"

namespace fairchalk {

// A rig is a way of measuring: what is set up, which readings are taken round the car, and what these can
// tell. What it is made from and how it is set up is knowledge (data/knowledge/rigs.json), under the same id.

enum class RigUse { toe, camber, caster };

/// What a rig's angles are measured from.
enum class Reference { centreline, chassis_marks, same_side_rear, none, gravity };
std::string_view name_of(Reference);

/// A dimension of a rig: its name in the file, where the lines keep it, and what of a reading it becomes.
struct SizeField {
    std::string_view name;
    std::optional<Length> RigSizes::*field;
    std::optional<Length> Reading::*becomes;
};
std::span<const SizeField> size_fields();

/// Where a rig's own readings are taken, in walking order.
enum class Over { its_own_walk, axles, wheels, fronts };

struct RigInfo {
    std::string_view id{};
    RigUse use = RigUse::toe;
    Reference reference = Reference::none;
    bool each_wheel = false;  ///< toe of each wheel it reads, to the reference
    bool total = false;
    bool thrust = false;
    Over over = Over::its_own_walk;
    std::span<const ReadingKind> kinds{};  ///< read at each place
    std::span<const ReadingKind> also{};   ///< its readings that are no part of the walk
    std::span<const SizeField> sizes{};    ///< what has to be told of it
    std::string_view tool{};               ///< read with this; empty: with the round's rule or gauge
    bool swept = false;                    ///< each straight, turned out and turned in
};

std::span<const RigInfo> all_rigs();
const RigInfo* rig_named(std::string_view id);
/// Their ids, as messages list them.
std::string known_rigs();
/// True for a tool that is a way of measuring of its own, as a plumb line is, and reads nothing else.
bool serves_one_rig(std::string_view tool);

/// Read from a wheel to the string beside it: hub and lips.
bool reads_string(ReadingKind kind);

/// A reading at a spot as this round's rigs would make it, all but its value: spans, heights, sweep, tool.
Reading blank_reading(const Spot& spot, const LinesSet& lines);

/// A rig's spots in walking order; those of both axles, or of the fronts only where only they are read.
std::vector<Spot> walk_of(const RigInfo& rig, const LinesSet& lines, const CarCard& car);

/// What more can be read where this is: the same half a turn on, end for end, the string's height, the width
/// over the hubs, one tape's difference. None of it is part of a walk.
std::vector<Spot> besides(const Spot& spot, const CarCard& car);

/// The rigs of a round: those chosen; where none were, with `as_read`, those whose readings it has; strings
/// on bars where that leaves none for toe.
std::vector<const RigInfo*> rigs_of(const Job& job, int round, bool as_read);

/// All its rigs' spots, each once, in walking order.
std::vector<Spot> round_walk(const Job& job, int round, bool as_read);

/// Whether a rig tells that angle of that place.
bool tells(const RigInfo& rig, const Target& target);

/// What the round's own rigs have not read yet of what tells it, in walking order.
std::vector<Spot> unread_for(const Job& job, int round, const Target& target);

/// Everything that its readings need has been told: sizes, and where the bars stand.
bool lines_ready(const LinesSet& lines);

/// The rig that a kind of reading belongs to first.
const RigInfo& rig_of(ReadingKind kind);

/// What still has to be told of the chosen rigs before their readings count: names of LinesSet::sizes.
std::vector<std::string_view> sizes_missing(const LinesSet& lines);

}  // namespace fairchalk
