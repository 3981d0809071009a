// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/job/rig.h"
#include "core/quantity/translatable.h"

namespace fairchalk::rigs {

// What the classes of several rigs are made with.

using Point = RigPen::Point;
using Align = RigPen::Align;

/// Round the car: left rear, left front, right front, right rear.
inline constexpr std::array walk_of_wheels = {Wheel::rear_left, Wheel::front_left, Wheel::front_right,
                                              Wheel::rear_right};
inline constexpr std::array fronts = {Wheel::front_left, Wheel::front_right};

/// A dimension by its name in the job file.
SizeField size_of(std::string_view name);

/// The spots beside two strings: at the wheels of one side or both, and on bars.
std::vector<Spot> spots_on_strings(bool bars, std::optional<Side> only);

/// The widths over the hubs that the card does not say.
std::vector<Spot> widths_to_read(const CarCard& car);

void front_is(RigPen& pen, Point at);

/// One axle from above, with its wheels (or their hubs, where the wheels are off).
void draw_axle(RigPen& pen, bool wheels_off = false);
/// Between both edges of what stands at the wheels, in front and behind.
void draw_tapes(RigPen& pen, std::string_view part, double dx, double top, double bottom);
/// Bars or marks outside the tires of these axles, so far from the wheels' middle.
void bars_at_wheels(FloorPen& pen, const CarPlan& car, std::array<bool, 2> axles, double away, double half,
                    double width);
/// Over the hubs of the axle that is drawn.
void draw_hub_width(RigPen& pen);
inline constexpr double axle_top = 96, axle_bottom = 304, axle_x = 300;

/// Both wheels of one side from above; the right side is the left one upside down.
class SideView {
  public:
    explicit SideView(RigPen& pen);
    double y(double at) const { return left_ ? at : RigPen::high - at; }
    /// Over the hubs of both axles, where the drawing is about that.
    void hub_widths(RigPen& pen) const;
    static constexpr double rear = 140, front = 450, middle = 262;

  private:
    bool left_;
};

/// The wheel from behind, its top leaning in; the right wheel is the left one in a mirror.
class BehindView {
  public:
    explicit BehindView(RigPen& pen);
    double x(double at) const { return left ? at : RigPen::wide - at; }
    /// The wheel rolled on, where the drawing is about that.
    void half_turn(RigPen& pen) const;
    bool left;
    /// Of the outer face, as it leans.
    static constexpr double lip_upper = 272 + 12, lip_lower = 272 - 7;
};

/// A front wheel from above, on its sweep marks; `ends`: what is read there belongs to both ends of the
/// sweep.
void draw_sweep(RigPen& pen, bool ends, bool checked_for_roll);

}  // namespace fairchalk::rigs
