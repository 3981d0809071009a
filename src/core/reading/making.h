// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <vector>

#include "core/quantity/units.h"

namespace fairchalk {

// The sums for making one's own rigs (docs/geometry.md, "Small sums"). Lengths in, lengths out, exact.

/// Two bars notched alike, so that the strings between them are parallel without measuring.
struct NotchedBars {
    Length between;              ///< the notches of a bar
    Length from_middle;          ///< each notch from the bar's middle
    Length at_least;             ///< how long the bar has to be: 50 mm beyond each notch
    Length hub_front, hub_rear;  ///< what the strings will be from each hub when the bars are centred
};
/// Strings `clearance` away from the hub faces of the wider axle.
NotchedBars notched_bars(Length front_width, Length rear_width, Length clearance);

/// A toe board: slots as far apart as `span`, both at the same height, sized to lie on the tire's side.
struct ToeBoard {
    Length length, height, slot_spacing, slot_height;
    Length per_degree;  ///< what the tapes' difference is for a degree of total toe
};
ToeBoard toe_board(Length tire_diameter, Length slot_spacing);

/// Marks on the floor for turning a wheel: from the end of a base line along the wheel, out to each side.
struct SweepMark {
    Angle angle;
    Length offset;  ///< base x tan(angle)
};
std::vector<SweepMark> sweep_marks(Length base, const std::vector<Angle>& angles);

/// And backwards, of marks that are there: atan(offset / base).
Angle sweep_of_marks(Length base, Length offset);

/// How much further out than beside the straight wheel a string has to stand so that the tire's corner, which
/// comes out as the wheel is turned about its middle, does not touch it: w/2 (cos a - 1) + d/2 sin a.
Length strings_further_out(Length tire_diameter, Length tire_width, Angle sweep);

/// Ticks of a hinged gauge, on a straight scale square to the arm at its end: arm x tan(angle).
std::vector<SweepMark> gauge_ticks(Length arm, Angle step, int count);

/// The middle of a wheel without a cap: half way across any round feature, in two directions.
struct WheelCentre {
    Length across, up;  ///< from the feature's edge and from the floor to the middle
    Length diameter;
};
/// `left`, `right`: edges of a round feature from a mark beside it; `low`, `high`: its edges above the floor.
WheelCentre wheel_centre(Length left, Length right, Length low, Length high);

/// What to set a wrench of length `wrench` to, so that `torque` arrives through an extension put on its head,
/// at an angle from in line: torque x L / (L + E cos angle). In the unit of `torque`.
double torque_to_set(double torque, Length wrench, Length extension, Angle angle = {});

}  // namespace fairchalk
