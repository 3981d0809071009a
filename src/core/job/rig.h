// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

#include "core/job/log.h"
#include "core/job/rig_pen.h"
#include "core/reading/reading_kind.h"

namespace fairchalk {

// A rig is a way of measuring: what is set up, which readings are taken round the car, and what these can
// tell. What it is made from and how it is set up is knowledge (data/knowledge/rigs.json), under the same id.

enum class RigUse { toe, camber, caster };
std::string_view name_of(RigUse);

/// What a rig's angles are measured from.
enum class Reference { centreline, chassis_marks, same_side_rear, none, gravity };
std::string_view name_of(Reference);

/// A dimension of a rig: its name in the file, where the lines keep it, what of a reading it becomes, and
/// what it is called (translatable.h).
struct SizeField {
    std::string_view name;
    std::optional<Length> RigSizes::*field;
    std::optional<Length> Reading::*becomes;
    const char* says;
};
std::span<const SizeField> size_fields();

/// Where a rig's own readings are taken, in walking order.
enum class Over { its_own_walk, axles, wheels, fronts };

/// What is so of a way of measuring, whatever the car.
struct RigFacts {
    std::string_view id{};
    RigUse use = RigUse::toe;
    Reference reference = Reference::none;
    bool each_wheel = false;  ///< toe of each wheel it reads, to the reference
    bool total = false;
    bool thrust = false;
    Over over = Over::its_own_walk;
    bool wants_widths = false;       ///< nothing of it goes across the car: the widths over the hubs first
    std::vector<ReadingId> kinds{};  ///< read at each place
    std::vector<ReadingId> also{};   ///< its readings that are no part of the walk
    std::vector<SizeField> sizes{};  ///< what has to be told of it
    std::string_view tool{};         ///< read with this; empty: with the round's rule or gauge
    bool swept = false;              ///< each straight, turned out and turned in
    bool whole_sweep = false;        ///< the sweep is one reading
    bool own_scale = false;          ///< read off a scale that is made for one sweep
    bool bars = false;               ///< how far its bars stand from the hubs has to be told
    bool tied_to_bars = false;       ///< both strings hang on them
    bool stations = false;           ///< read at marks along the car
    std::array<bool, 2> strings{};   ///< left, right: it has a string there
    double minutes = 3.0;            ///< to set it up, as people usually take
};

/// A way of measuring: all there is to know of it, for the walk, the wall, the drawings. One small class for
/// each, in rigs/; rig_ids.def lists them, and nothing elsewhere asks for a rig by its id.
class Rig : public RigFacts {
  public:
    explicit Rig(RigFacts facts) : RigFacts(std::move(facts)) {}
    virtual ~Rig() = default;

    /// Its spots in walking order, all of them.
    virtual std::vector<Spot> walk(const LinesSet& lines, const CarCard& car) const;
    /// It from where it is seen best: the car from above, one axle or one side of it, the wheel from behind,
    /// the wheel on its sweep marks.
    void draw(RigPen& pen) const;
    /// What it puts on the floor at these axles, beside strings.
    virtual void on_floor(FloorPen&, const CarPlan&, std::array<bool, 2> /*axles*/) const {}
    /// The names of the parts that its drawing has.
    std::vector<std::string> parts() const;

    /// Sweeping a wheel belongs to it.
    bool sweeps() const { return swept || whole_sweep; }
    /// Strings along the car.
    bool strung() const { return strings[0] || strings[1]; }
    /// What is read with it at a kind's place.
    bool reads(ReadingId kind) const;

  protected:
    virtual void drawing(RigPen& pen) const = 0;
};

std::span<const Rig* const> all_rigs();
const Rig* rig_named(std::string_view id);
/// Strings on two bars: what is set up where nothing was chosen, and reads what no other does.
const Rig& usual_rig();
/// Their ids, as messages list them.
std::string known_rigs();
/// True for a tool that is a way of measuring of its own, as a plumb line is, and reads nothing else.
bool serves_one_rig(std::string_view tool);

/// The fourteen spots of two strings, in the order of the shortest walk round the car: from the left rear
/// wheel forward along the left string, across the front bar, back along the right string, across the rear
/// bar.
const std::vector<Spot>& string_walk();

/// What any round may read whatever its rigs: over the hubs of both axles.
const std::vector<Spot>& spots_without_rig();

/// A reading at a spot as this round's rigs would make it, all but its value: spans, heights, sweep, tool.
Reading blank_reading(const Spot& spot, const LinesSet& lines);

/// The rigs of a round: those chosen; where none were, with `as_read`, those whose readings it has; strings
/// on bars where that leaves none for toe.
std::vector<const Rig*> rigs_of(const Job& job, int round, bool as_read);

/// All its rigs' spots, each once, in walking order.
std::vector<Spot> round_walk(const Job& job, int round, bool as_read);

/// Whether a rig tells that angle of that place.
bool tells(const Rig& rig, const Target& target);
/// Whether it does so beside those others: a string at each side tells with the other's, and the widths over
/// the hubs, what two strings on bars tell.
bool tells(const Rig& rig, const Target& target, std::span<const Rig* const> beside);

/// What the round's own rigs have not read yet of what tells it, in walking order.
std::vector<Spot> unread_for(const Job& job, int round, const Target& target);

/// Everything that its readings need has been told: sizes, and where the bars stand.
bool lines_ready(const LinesSet& lines);

/// The rig that a kind of reading belongs to first.
const Rig& rig_of(ReadingId kind);
/// The rig that a spot belongs to: of a swept one, the sweep that it is read in.
const Rig& rig_of(const Spot& spot);

/// What has to be told of the chosen rigs, in their order; what two of them share is there once.
std::vector<SizeField> sizes_of(std::span<const std::string> rigs);

/// What still has to be told of the chosen rigs before their readings count: names of LinesSet::sizes, and
/// `front_bar` and `rear_bar` for where those stand.
std::vector<std::string_view> sizes_missing(const LinesSet& lines);

}  // namespace fairchalk
