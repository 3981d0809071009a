// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "core/car/instrument.h"

namespace fairchalk {

/// Every kind of reading of the job file.
enum class ReadingKind {
    hub,
    rim_front,
    rim_rear,
    string_to_string,
    hub_width,
    boards_front,
    boards_rear,
    stud_bar_front,
    stud_bar_rear,
    tread_front,
    tread_rear,
    tape_difference,
    toe_angle,
    centreline_to_string,
    straightedge_front,
    straightedge_rear,
    arm_jig,
    string_height,
    camber,
    camber_gap,
    camber_reversed,
    camber_plumb_upper,
    camber_plumb_lower,
    camber_swing,
    rim_runout,
    caster,
    axis_offset,
    ride_height,
    steering_wheel,
    pressure,
    rod_length,
    thread_exposed,
    tire_bulge,
    floor_line,
    floor_rise,
    lock_to_lock,
    steering_play,
};

/// Where a kind of reading is taken: at a wheel, across an axle, at a bar, along a side; or either of the
/// first two.
enum class PlaceKind { wheel, axle, bar, side_station, wheel_or_axle, car, leg, side };

/// What a reading is for: the angles of a round, the floor that the car stands on, or the state of the car.
enum class ReadingUse { angles, floor, state };

struct ReadingKindInfo {
    ReadingKind kind;
    std::string_view name;  ///< as in the job file
    PlaceKind place;
    QuantityKind quantity;
    bool toe_as_length = false;  ///< an angle that may be given as a length over `span`
    bool solved = false;         ///< the estimate uses it; others are kept and said not to be used yet
    ReadingUse use = ReadingUse::angles;
};

/// The same at the other edge of what it is read on: rear for front, lower for upper; nothing for what has
/// one place only.
std::optional<ReadingKind> other_edge(ReadingKind);
/// Of what is taped between the wheels at both edges: the front edge's kind, which stands for both; nothing
/// for all else.
std::optional<ReadingKind> taped_pair(ReadingKind);

/// True for what is read against gravity: the floor's slope is in it.
bool against_gravity(ReadingKind);

/// One row for each kind: what the file, the window and the estimate need to know of it.
std::span<const ReadingKindInfo> reading_kinds();
const ReadingKindInfo& info_of(ReadingKind);
const ReadingKindInfo* reading_kind_named(std::string_view);

/// How far a wheel is turned each way for caster, and what a caster gauge's scale is made for, unless said.
inline constexpr Angle usual_sweep = Angle::from_deg(20.0);

/// What all takings at one spot share: a dented lip, a thumb (one sigma).
inline constexpr Length spot_error = Length::from_mm(0.2);

/// How a front wheel stood while it was read.
enum class Swept { straight, out, in };

/// Where on the car a rule or gauge goes.
struct Spot {
    ReadingKind kind = ReadingKind::hub;
    std::optional<Wheel> wheel;
    std::optional<Axle>
        axle;  ///< also the bar: the front bar is ahead of the front axle, the rear behind the rear
    std::optional<Side> side;
    std::optional<Length> station;
    std::optional<Wheel> to;        ///< floor-rise: from `wheel` to here
    bool rolled = false;            ///< the wheel stood half a turn (a bulge: a quarter) on
    Swept swept = Swept::straight;  ///< the wheel was turned for a caster sweep

    auto operator<=>(const Spot&) const = default;
    /// `front-left rim-front`, `front bar string-to-string`: for messages and tests; the window has its own
    /// words.
    std::string name() const;
};

Spot wheel_spot(ReadingKind kind, Wheel wheel);
Spot axle_spot(ReadingKind kind, Axle axle);
Spot swept_spot(ReadingKind kind, Wheel wheel, Swept swept);
Spot station_spot(ReadingKind kind, Side side, Length station);

/// A reading: a spot, what was read there, and how well.
struct Reading {
    Spot spot;
    Quantity value;
    std::optional<double> stated_sigma;  ///< in the unit of `value`: mm or degrees
    std::string tool;
    std::optional<Length> span;    ///< toe read as a length: over what
    std::optional<Length> height;  ///< camber-gap: between the two heights
    std::optional<bool> top_in;    ///< camber-gap: which way the top leans
    std::optional<Angle> turned;   ///< change of that wheel's heading from straight ahead, out positive
    /// The steering wheel's own turn instead, the way that turns this wheel out positive: over the ratio.
    std::optional<Angle> wheel_turned;
    std::optional<Angle> turned_sigma;
    std::optional<Angle> from;  ///< camber-swing: where the gauge was set to zero, out positive
    std::optional<Angle>
        swept;  ///< caster off a gauge's own scale: how far the wheel was really turned each way
    std::optional<Angle> scale_for;  ///< and the sweep that scale is made for; 20 degrees
    std::optional<Length> mark;      ///< arm-jig: of the string on the outer arms, from the rim
    std::optional<Length> arm_span;  ///< arm-jig: between the two arms of a wheel
    bool zeroed_on_floor =
        false;  ///< the gauge was zeroed on the floor there: its slope is taken out already
    /// steering-wheel: it has stood so only since now; by default the whole round was read with it so.
    bool since_now = false;

    /// Standard uncertainty of this one taking, in the unit of `value`, by: stated sigma, the tool (`own`, or
    /// the standard one of that name), half the resolution. Without a tool the finest division typed beside
    /// it decides (`finest`, see `inch_division`): `4 in` between sixteenths was read to a sixteenth.
    double sigma(const Tool* own = nullptr, double finest = 0.0) const;
    /// The division of an inch to which this was typed without a tool, mm; 0 where it is no such reading.
    double inch_division() const;
    /// `spot_error` in mm for length readings without a stated sigma; else 0.
    double spot_sigma() const;
};

/// The fourteen spots of two strings, in the order of the shortest walk round the car: from the left rear
/// wheel forward along the left string, across the front bar, back along the right string, across the rear
/// bar.
const std::vector<Spot>& string_walk();

}  // namespace fairchalk
