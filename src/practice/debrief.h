// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include "core/network/estimate.h"
#include "practice/practice_floor.h"

namespace fairchalk::practice {

// The end of a practice: the truth beside what was believed, and what went wrong on the way.

/// Something that went wrong, and when the job's own readings could have told.
struct Mishap {
    enum class Kind {
        misread,  ///< kept as something else than the rule showed; `by` is what was kept less what was there
        askew,    ///< the rule was held wrong, by `by`
        kicked,   ///< a stand was walked into: `by` mm at the front, and nobody said so
        other_turn,  ///< not what the sheet said; `by` turns more than it
        unsettled,   ///< read on wheels that still stood wide from jacking, by `by` degrees
        too_soon     ///< said to be inside, or left, while it is not; `by` degrees off its band
    };
    Kind kind = Kind::misread;
    std::size_t entry = 0;            ///< of the log
    double by = 0.0;                  ///< in mm or degrees, by what was read; turns of a turn
    bool mended = false;              ///< struck later, or said later
    std::optional<std::size_t> seen;  ///< the entry after which the program doubted it
};

struct Debrief {
    std::array<KnownAngle, 4> believed;  ///< toes
    std::array<Angle, 4> truth;
    /// Cambers and casters that were measured.
    struct Lean {
        Wheel wheel = Wheel::front_left;
        Measure measure = Measure::camber;
        KnownAngle believed;
        Angle truth;
    };
    std::vector<Lean> leans;
    int passes = 0;    ///< of turning
    int readings = 0;  ///< taken, struck ones included
    double minutes = 0.0;
    int verdicts = 0;  ///< targets with a band
    int inside_believed = 0, inside_truly = 0;
    Angle wheel_off;              ///< of the steering wheel while it runs straight, to the right
    std::vector<Mishap> mishaps;  ///< in the order in which they happened
};

/// Runs the log through once more.
Debrief debrief(const PracticeFloor& floor, const std::vector<Entry>& log);

/// The true value of what a target is about; nothing for those that this car has no truth of.
std::optional<Angle> true_angle(const SolidCar& car, const Target& target);

}  // namespace fairchalk::practice
