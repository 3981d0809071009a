// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cstddef>
#include <optional>
#include <string>
#include <variant>
#include <vector>

#include "core/car/car.h"
#include "core/reading/reading.h"

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

/// What a rig's own dimensions are; asked once for the rig, and stated with each reading made with it.
struct RigSizes {
    std::optional<Length> board_span;    ///< between the slots of a toe board
    std::optional<Length> stud_span;     ///< between the tape's two points along a stud bar
    std::optional<Length> tread_span;    ///< between the two places on the tread
    std::optional<Length> gap_height;    ///< between the level's lip and the lip with the gap
    std::optional<Length> plumb_height;  ///< between the two lips that the plumb line passes
    std::optional<Length> mark;          ///< of the string on the outer arms, from the rim
    std::optional<Length> arm_span;      ///< between the two arms on a wheel
    std::optional<Length> axis_height;   ///< between upper and lower pivot
};

/// How the lines are up and what is read with. Holds for the round it stands in and those after it.
struct LinesSet {
    Bars bars;
    std::string tool;               ///< what the strings are read with, where one was chosen
    std::string gauge;              ///< and camber
    std::vector<std::string> rigs;  ///< ids of rig.h; none: strings on two bars
    RigSizes sizes;
    std::optional<Angle> sweep;         ///< how far the wheels are turned each way for caster
    std::optional<Angle> caster_scale;  ///< the sweep that the caster gauge's own scale is made for
    std::vector<Length> stations;       ///< forward from the rear axle: where the chassis centreline is read
    bool steering_held = true;          ///< false: the fronts are known only up to a common steer
};

/// What is known of the car's angles from before this job: with its sigma, degrees, by wheel and angle (toe,
/// camber, caster).
struct AnglesCarried {
    struct Known {
        double deg = 0.0, sigma_deg = 0.0;
    };
    std::array<std::array<std::optional<Known>, 3>, 4> wheels;
    std::string from;  ///< which job
};

/// A tool of this garage, as it is from here on.
struct ToolSet {
    Tool tool;
};

struct RoundOpened {
    Bars bars;
    std::optional<bool> steering_held;
    std::optional<std::array<Length, 4>> floor;  ///< heights of the wheel spots, higher is positive
    Length floor_sigma;                          ///< of each of them: half of how finely they were written
    LinesSet lines;  ///< what of the lines was said with it: the rest stays as it was
};

/// What is wrong with the car and what was changed on it, by the ids of the knowledge table.
struct ReasonsGiven {
    std::vector<std::string> reasons;
    std::string note;
};

/// One item of the check-over.
enum class CheckState { open, good, failed, not_applicable };
std::string_view name_of(CheckState);
std::optional<CheckState> check_state_named(std::string_view);
struct Checked {
    std::string item;
    CheckState state = CheckState::open;
    std::string note;
};

/// A floor begins here: readings of the floor after it belong to it.
enum class FloorMethod { flat_enough, heights, level_line, level_legs };
std::string_view name_of(FloorMethod);
std::optional<FloorMethod> floor_method_named(std::string_view);
struct FloorSet {
    FloorMethod method = FloorMethod::flat_enough;
    std::string place;              ///< a garage has floors
    std::string surveyed;           ///< when, where it was taken over from an earlier survey
    std::array<Length, 4> heights;  ///< of `heights`, higher is positive
    std::optional<Length>
        sigma;  ///< of `flat_enough`: of each spot; else what the method adds to each reading
};

/// Tiles put under the wheels: counts, in the order of `all_wheels`.
struct TilesPlaced {
    Length thickness;
    std::array<int, 4> under{};
};

/// How the steering was set straight and is held.
enum class SteeringSchool { wheel, gear, roll_in };
std::string_view name_of(SteeringSchool);
std::optional<SteeringSchool> steering_school_named(std::string_view);
struct SteeringSet {
    SteeringSchool school = SteeringSchool::wheel;
    std::string held;  ///< by what
};

/// Something loosened, taken off or left for later; or put right again.
enum class PartState { loosened, removed, provisional, refitted };
std::string_view name_of(PartState);
std::optional<PartState> part_state_named(std::string_view);
struct PartTouched {
    PartState state = PartState::loosened;
    std::string part;
};

/// A caution that was read and acknowledged.
struct CautionSeen {
    std::string id;
};

/// What the car did on the road. Angles and drift are to the right where positive: the wheel as it sat while
/// the car ran straight; the way it went with the wheel held level.
enum class Drift { left, straight, right };
std::string_view name_of(Drift);
std::optional<Drift> drift_named(std::string_view);
struct Driven {
    std::optional<Angle> wheel_off;
    std::string how;                   ///< how `wheel_off` was measured
    std::optional<Angle> wheel_sigma;  ///< of `wheel_off`: eye, crown and ratio together
    std::optional<Drift> drift;
    std::vector<std::string> feels;  ///< what it does: ids of the knowledge table's symptoms
    std::string note;
};

/// What the odometer shows, as it was typed: `84210 km`, `52300 mi`.
struct Odometer {
    double km = 0.0;
    std::string text;
};

/// When this car is to be looked at again: a day, a distance, or what has to happen first.
struct LookAgain {
    std::string when;  ///< `2026-12-04`, `100 km`, `after contact`
    std::string why;
};

/// What a shop's sheet says, in its own figures.
struct ShopSheet {
    enum class When { before, after } when = When::before;  ///< what was set there
    struct Figure : CarAngle {
        Angle value;
        std::string text;  ///< as the sheet has it
    };
    std::vector<Figure> figures;
    std::string where;
    /// Beside which of one's own measurements it stands: as this job has it so far, or as the last one left
    /// the car. By default what was read in this job before the sheet was typed in, else the last job; of
    /// `after` what is read next.
    enum class Beside { by_its_place, this_job, last_job } beside = Beside::by_its_place;
};

/// What this garage measures differently from a shop, taken off all angles from here on: because somebody
/// said so. The last one holds; an empty one ends it.
struct BiasTaken {
    struct One {
        WheelAngle angle = WheelAngle::toe;
        bool sided = false;  ///< the other way on the right side: straight ahead, a floor that falls off
        std::optional<Axle> axle;
        Angle value, sigma;  ///< own less true
    };
    std::vector<One> all;
    int sheets = 0;
};

/// Something as it was found before the car was taken apart, or as it was put back.
struct BaselineNote {
    std::string item;  ///< `rod-length front-left`, `wheel-on-shaft`
    std::optional<Quantity> value;
    std::string text;
    bool back = false;
};

/// An adjuster turned by hand.
struct Turn {
    std::string adjuster;
    double turns = 0.0;  ///< longer is positive; of a device the amount of its first handle, in its unit
    bool as_written = false;
    bool understood = true;  ///< false: an amount of a kind of adjuster that this version only keeps
    double second = 0.0;     ///< of a device the amount of its second handle
    std::string kind = {};   ///< of a device; empty for a rod
    bool test = false;       ///< only to see which way it works
    bool counted = true;     ///< false: turned by watching a rule, and nobody counted how much
};

/// Things that happen to a car and spoil what was known of it.
enum class ChangeKind {
    jacked,
    strings_moved,
    settled,
    rolled,
    bounced,
    steering_recentred,
    locked,
    pressures_changed,
    load_changed
};
/// As in the job file; rolled and bounced are written as `settled` with `how`.
std::string_view name_of(ChangeKind);
struct Change {
    ChangeKind kind = ChangeKind::settled;
    std::optional<Axle> axle;  ///< where it is about one axle
};

/// A fact of an adjuster that somebody looked at: certain from then on, and on the card.
struct Looked {
    std::string adjuster;
    std::string field;  ///< as the job file has it: `rod`, `bolt`, `double_ended`, `wheel`
    std::string value;
};
/// Sets that fact on a card. False where the card has no such adjuster, field or value: then nothing changed.
bool look_up(CarCard& car, const Looked& looked);

/// "Leave it as it is", a decision like any other.
inline constexpr const char* accepted_all = "all angles as they are";
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
    std::variant<CarEdit, TargetsEdit, LinesSet, RoundOpened, Reading, Turn, Change, Accepted, Strike, Kept,
                 ReasonsGiven, Checked, FloorSet, TilesPlaced, SteeringSet, PartTouched, CautionSeen, Driven,
                 BaselineNote, ToolSet, AnglesCarried, Looked, Odometer, LookAgain, ShopSheet, BiasTaken>
        event;

    const std::string& label() const { return name.empty() ? id : name; }
};

/// True for what belongs to a round: not for the floor, the state of the car, or a stick test.
bool of_round(const Reading& reading);
/// True for what tells an angle: not for the floor, the state of the car, or a second look at the wheel.
bool reads_angle(const Entry& entry);

/// One round as it stood: the card and the bars it was read with, and its live readings.
struct Round {
    CarCard car;
    LinesSet lines;
    std::vector<std::size_t> readings;  ///< of angles: indexes into the log, live ones, in order
    std::size_t opened = 0;             ///< index of the entry that opened it
    std::size_t end = 0;                ///< one past its last entry (the turns after it included)

    double finest = 0.0;  ///< inch division typed in it without a tool, mm; 0: none (Reading::sigma)

    /// The last of `readings` that tells an angle, or nothing.
    std::optional<std::size_t> last_angle(const std::vector<Entry>& log) const;
};

/// A log as it reads now.
struct Job {
    CarCard car;
    std::vector<Target> targets;
    std::vector<Tool> tools;  ///< this garage's own, the last word on each
    std::vector<Round> rounds;
    std::vector<std::size_t>
        others;                    ///< live readings that are not of angles: of the floor, of the car's state
    double finest_of_floor = 0.0;  ///< as Round::finest, of the floor's
    /// For each entry: why it is struck, or nothing while it is live.
    std::vector<std::optional<std::string>> struck;
    const std::vector<Entry>* log = nullptr;

    bool live(std::size_t i) const { return !struck[i]; }
    /// The round that a reading stands in, an index into `rounds`, or nothing.
    std::optional<std::size_t> round_of(std::size_t entry) const;
    /// The garage's own tool of that name, else the standard one, else null.
    const Tool* tool(std::string_view name) const;
};

/// Takings of one tool at one spot within a round: what its repeatability is learnt from, in mm or degrees.
std::vector<std::vector<double>> repeats_with(const Job& job, std::string_view tool);

/// The last live entry of a kind (and its index), or null.
template <class T>
const T* last_of(const Job& job, std::size_t* index = nullptr) {
    for (std::size_t i = job.log->size(); i-- > 0;)
        if (const T* t = job.live(i) ? std::get_if<T>(&(*job.log)[i].event) : nullptr) {
            if (index) *index = i;
            return t;
        }
    return nullptr;
}

/// Live readings at a spot that are not of angles, oldest first.
std::vector<const Reading*> state_readings(const Job& job, const Spot& spot);

/// Reads a log. `log` must outlive the result. Readings before any round belong to round 0.
Job job_of(const std::vector<Entry>& log);

/// The id of what undo would take back: the last live thing the user did after entry `from`; nothing when
/// none is left.
std::optional<std::string> undoable(const std::vector<Entry>& log, std::size_t from = 0);
/// The id of the undo that redo would take back; nothing once something new has been done.
std::optional<std::string> redoable(const std::vector<Entry>& log, std::size_t from = 0);

/// Something was done to an adjuster, as written or not.
bool is_turn(const Entry& e);
/// Live turns since the last live reading of the job, as indexes into the log.
std::vector<std::size_t> turns_since_reading(const Job& job);
/// True when something was turned and not locked since.
bool turned_unlocked(const Job& job);
/// True when it was driven, and said how the wheel sat, after the last turn.
bool driven_since_turn(const Job& job);
/// True when something has been turned since the last reading was taken.
bool turned_since_reading(const Job& job);

}  // namespace fairchalk
