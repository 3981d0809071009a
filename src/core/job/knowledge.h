// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <string>
#include <string_view>
#include <vector>

#include "core/job/log.h"
#include "core/job/stage.h"

namespace fairchalk {

// What people who do this work know, as data (data/knowledge): loaded outside the core into these plain
// structs, validated when the program is built. Each item says when it applies by words such as
// `steering=box` or `reason=lowered`, which all have to hold; `a|b` is either. A fact that the card does not
// have rules nothing out.

/// One item of the walk round the car.
struct CheckItem {
    std::string id, text;
    std::string look, test;  ///< what to look at, how to test it
    std::string effect;      ///< what a fault does to the readings
    std::string remedy;
    std::string reason;
    /// Where on the car it is looked at: along from the tail (0) to the nose (100), across from the left
    /// wheels (0) to the right ones (100), the first where its number stands.
    struct At {
        double along = 0.0, across = 0.0;
    };
    std::vector<At> at;
    std::string drawing;  ///< which close-up
    std::string sum;      ///< runout, bulge, thread, rod-length, height, pressure: what is measured, or empty
    std::vector<std::string> when;
    bool blocks = false;  ///< failed, it makes readings meaningless
    bool up = false;      ///< wants the wheels off the ground
    bool two = false;     ///< a second person saves time
};

struct Caution {
    std::string id, text, reason;
    std::vector<Stage> stages;
    std::vector<std::string> when;
};

/// Which job comes of a reason.
enum class Path { full, wheel_only, baseline };
std::string_view name_of(Path);

/// Something that is wrong with the car or was changed on it.
struct ReasonItem {
    std::string id, text, reason;
    bool symptom = false;  ///< felt on the road; else something that was changed
    Path path = Path::full;
    std::string expect;         ///< how much it is expected to move, and what
    std::vector<Stage> stages;  ///< the stages that matter because of it
};

/// A way of doing something that people disagree about.
struct School {
    std::string id, topic, text, reason, how;
};

/// Something that hangs on the garage's wall.
struct Thing {
    std::string id, text, one;  ///< several of it, and one
    int usual = 1;              ///< how many there are where nobody counted
    std::vector<std::string> words;
    /// It as it hangs on the wall, in strokes from -50 to 50, x to the right, y down: `line x y x y`,
    /// `box x y width height rounded`, `oval x y rx ry`, `arc x y width height from by` (degrees from the
    /// right, counterclockwise), `shape x y x y ...`.
    struct Stroke {
        std::string what;
        std::vector<double> numbers;
    };
    std::vector<Stroke> picture;
};

/// So many of a thing.
struct Needed {
    std::string thing;
    int count = 1;
};

/// A way of measuring as people set it up; what is read and computed with it is core/job/rig.h's, by the same
/// id.
struct RigItem {
    struct Step {
        std::string text, show;  ///< `show`: what of the drawing it is about
    };
    std::string id, text;
    std::string tells, tells_not, reason;
    std::vector<Needed> needs;
    std::string make;    ///< what to make it from
    std::string making;  ///< the sum for it: bars, boards, sweep, gauge, or empty
    std::string alone;   ///< how one person holds it
    std::vector<Step> steps;
};

struct Knowledge {
    std::vector<CheckItem> checks;
    std::vector<Caution> cautions;
    std::vector<ReasonItem> reasons;
    std::vector<School> schools;
    std::vector<Thing> things;
    std::vector<RigItem> rigs;

    const ReasonItem* reason(std::string_view id) const;
    const CheckItem* check(std::string_view id) const;
    const School* school(std::string_view id) const;
    const Thing* thing(std::string_view id) const;
    const RigItem* rig(std::string_view id) const;
    std::vector<const School*> on(std::string_view topic) const;
};

/// True when every condition holds for the job as it stands.
bool applies(const std::vector<std::string>& when, const Job& job, const Knowledge& knowledge);
/// The words a condition may be made of; for validation.
bool is_condition(std::string_view word);

/// What comes of the reasons given: a crooked wheel alone is the wheel-only job; taking it apart begins with
/// the baseline; all else is the full one.
Path path_of(const Job& job, const Knowledge& knowledge);
/// Which stages matter for it.
std::array<bool, 8> stages_wanted(const Job& job, const Knowledge& knowledge);

/// The list for this car and this reason, in walking order.
std::vector<const CheckItem*> checks_for(const Job& job, const Knowledge& knowledge);
/// Its latest state, and the note kept with it.
Checked state_of(const Job& job, std::string_view check);
/// Failed items that make readings meaningless, until they are cleared.
std::vector<const CheckItem*> marks_on(const Job& job, const Knowledge& knowledge);

/// The cautions at a stage that have not been acknowledged in this job.
std::vector<const Caution*> cautions_at(Stage stage, const Job& job, const Knowledge& knowledge,
                                        bool seen_too = false);

/// What was turned and is not locked, by its adjuster's id, in the order of turning; or was not, `before`
/// that entry.
std::vector<std::string> unlocked_adjusters(const Job& job, std::optional<std::size_t> before = {});
/// What the list calls the nuts of a wheel that was off, after its name.
inline constexpr std::string_view wheel_nuts = ": wheel nuts";
/// What is loose: every part touched and not refitted, in the order in which it was touched.
std::vector<PartTouched> loose_list(const Job& job);

/// A sum done with the readings of a check.
struct RunOut {
    bool known = false;
    Length half_difference;  ///< of the two readings half a turn apart
    Angle as_toe;            ///< the false toe it makes at one lip, over the rim's span
};
RunOut run_out(const Job& job, Wheel wheel);
/// The difference between a tire's two readings a quarter turn apart.
std::optional<Length> bulge(const Job& job, Wheel wheel);
/// Left minus right of an axle: the thread that shows, or the rods' lengths; and in turns where the pitch is
/// known.
struct SideDifference {
    bool known = false;
    Length by;
    std::optional<double> turns;
};
SideDifference side_difference(const Job& job, Axle axle, ReadingId kind);

/// A rim out by more than this, or a tire by more, is said to be.
inline constexpr Length run_out_limit = Length::from_mm(0.5);
inline constexpr Length bulge_limit = Length::from_mm(1.5);
/// Rods whose threads differ by more than this are asked about.
inline constexpr double thread_limit_turns = 2.0;

}  // namespace fairchalk
