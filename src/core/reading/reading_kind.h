// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <string_view>
#include <vector>

#include "core/reading/bounded.h"
#include "core/reading/network_needs.h"
#include "core/reading/reading.h"
#include "core/reading/site.h"
#include "core/reading/solid_car.h"

namespace ceres {
template <typename T, int N>
struct Jet;
}

namespace fairchalk {

/// A number with its derivatives by up to four unknowns (automatic differentiation, Ceres).
using Jet = ceres::Jet<double, 4>;

/// Where a kind of reading is taken: at a wheel, across an axle, at a bar, along a side; or either of the
/// first two.
enum class PlaceKind { wheel, axle, bar, side_station, wheel_or_axle, car, leg, side, tread };

/// What a reading is for: the angles of a round, the floor that the car stands on, or the state of the car.
enum class ReadingUse { angles, floor, state };

/// What has to be known before such a reading can be used.
enum class Lack { wheelbase, rim_span, bar, span, gap_height, top, mark, arm_span, turned, from, height };

/// Where a spot is drawn on the car seen from above, nose to the right: from what, and how far off in points
/// of the picture, forward and away from the car (`mirrored`; else downward). At a station between middle and
/// string, `across` is a share of the way to the wheels.
struct OnFloor {
    enum class From { string, wheel, axle, bar, station_at_middle, station_at_string };
    From from = From::wheel;
    double along = 0.0, across = 0.0;
    bool mirrored = true;
    /// The rule lies across the whole axle, or at one side of it.
    bool over_hubs = false;
};

/// A kind of reading: all there is to know of it, for the estimate, the questions on what was typed, the job
/// file, the walk, the floor's picture, the close-up and the simulated car. One small class for each, in
/// kinds/; reading_ids.def lists them, and nothing else asks for an angle's kind by its name.
///
/// A canonical case is the distance from a string to a rim's front lip (kinds/strings.cpp): predicted from
/// the string's offset and skew, half the width over the hubs, the lip's depth and the wheel's toe; wants
/// wheelbase and rim span; its other edge is the rear lip.
class ReadingKind {
  public:
    virtual ~ReadingKind() = default;

    virtual std::string_view name() const = 0;  ///< as in the job file
    virtual PlaceKind place() const = 0;
    virtual QuantityKind quantity() const { return QuantityKind::length; }
    virtual ReadingUse use() const { return ReadingUse::angles; }
    /// An angle that may be given as a length over `span`.
    virtual bool toe_as_length() const { return false; }
    /// A length or angle of either sign, whose sign a reader may have taken the wrong way.
    virtual bool signed_reading() const { return quantity() == QuantityKind::angle; }
    /// What bounds it; nothing where any value may be meant. `shows`: how the gauge shows a lean.
    virtual std::optional<Bounded> bounded(Shows shows = Shows::leaning) const;
    /// About what is read there on any car, mm or degrees.
    virtual double usual() const { return quantity() == QuantityKind::angle ? 0.0 : 50.0; }

    // What it has to do with its likes.

    /// The same at the other edge of what it is read on: rear for front, lower for upper; nothing for what
    /// has one place only.
    virtual std::optional<ReadingId> other_edge() const { return std::nullopt; }
    /// Of the two edges: +1 the front one, -1 the rear one, 0 for what has one place only.
    virtual double end() const { return 0.0; }
    /// Of what is taped between the wheels at both edges: the front edge's kind, which stands for both;
    /// nothing for all else.
    std::optional<ReadingId> taped_pair(ReadingId self) const;
    /// What else is read where this is: the same half a turn on, end for end, the string's height, the width
    /// over the hubs, one tape's difference. None of it is part of a walk.
    virtual std::vector<Spot> besides(const Spot&, const CarCard&) const { return {}; }

    // The estimate.

    /// False for what is kept and takes no part in it.
    virtual bool solved() const { return true; }
    /// It corrects other readings and is none of its own.
    virtual bool only_corrects() const { return false; }
    /// What the reading at `site` should show, metres or radians.
    virtual double predict(const Site& site, const State<double>& state) const;
    virtual Jet predict(const Site& site, const State<Jet>& state) const;
    /// What has to be there, in the order in which it is asked for.
    virtual std::vector<Lack> needs(const Reading&) const { return {}; }
    /// The unknowns that it asks for.
    virtual void ask(const Reading&, const CarCard&, NetworkNeeds&) const {}
    /// What was there by what the tool showed, metres or radians.
    virtual double in_base(const Reading& r, const Tool* tool) const;
    /// It is read against gravity: the floor's slope is in it.
    virtual bool against_gravity() const { return false; }
    /// A gauge shows it as a lean: by a sign, by degrees from level, or without a sign.
    virtual bool shown_as_lean() const { return against_gravity(); }
    /// Which way the top leans is said with it, whatever the tool.
    virtual bool asks_for_top() const { return false; }
    /// The gauge stands end for end: its zero counts the other way.
    virtual bool end_for_end() const { return false; }
    /// The number of the straight line that it is read to (`place_of_line`); 0 is the string.
    virtual int line() const { return 0; }
    /// A rule from a wheel to the string beside it; on a rim's lip the string's height matters.
    virtual bool to_string() const { return false; }
    virtual bool on_lip() const { return false; }
    /// A bar laid along the other wheel of the side.
    virtual bool lies_on_other_wheel() const { return false; }
    /// A toe that was turned is in it. What goes across the car is moved by either wheel of its axle.
    virtual bool tells_toe() const { return !against_gravity(); }
    /// Of a side's both wheels at once.
    virtual bool joins_side() const { return lies_on_other_wheel(); }
    /// It takes a tape and no rig: what any round may read.
    virtual bool wants_no_rig() const { return false; }
    /// How the steering stood: it tells of a round and of no wheel.
    virtual bool of_steering() const { return false; }
    /// The wheel stood a quarter of a turn on, not half of one.
    virtual bool rolled_a_quarter() const { return false; }

    // How it is taken.

    /// A sweep to either side belongs to it: what of that a blank reading says.
    virtual void sweep(Reading&, std::optional<Angle> /*sweep*/, std::optional<Angle> /*scale*/) const {}
    /// Several stands of a wheel are one reading: `turned` tells no stand of its own.
    virtual bool whole_sweep() const { return false; }
    /// Walking there, reading and typing, minutes.
    virtual double minutes() const { return 1.2; }
    /// What the simulated car shows there: mm or degrees, exactly; `sweep` degrees each way. Nothing where
    /// nobody can tell.
    virtual std::optional<double> shown(const SolidCar&, const Spot&, double /*sweep*/) const {
        return std::nullopt;
    }
    /// As far as the wheel is turned out for a spot, degrees.
    static double turned_out(const Spot& s, double sweep);

    // What is said of it (translatable.h), and where it is drawn.

    /// {0}: where along the car.
    virtual const char* spot_words(const Spot& s) const = 0;
    /// Where that is not enough to tell it from the rest of the car.
    virtual const char* whole_spot_words(const Spot&) const { return nullptr; }
    /// How it is read. {0} the wheel or axle, {1} the spot.
    virtual const char* how_words(const Spot& s) const;
    /// What it is called as something more that can be read here; and what a figure for it looks like.
    virtual const char* more_words() const { return nullptr; }
    virtual const char* example_words() const { return nullptr; }
    virtual OnFloor on_floor(const Spot& s) const;
    /// The part of its rig's drawing that it is about.
    virtual std::string_view part(const Spot&) const { return "hub-distance"; }
};

/// Every kind, in the order of reading_ids.def; and their ids.
std::span<const ReadingKind* const> reading_kinds();
std::span<const ReadingId> all_readings();
const ReadingKind& reading_kind(ReadingId id);
/// By its name in the job file; nothing for what is only kept.
std::optional<ReadingId> reading_kind_named(std::string_view name);

}  // namespace fairchalk
