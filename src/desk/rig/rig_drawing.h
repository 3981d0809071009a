// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <functional>
#include <optional>
#include <string_view>

#include <QPainter>

#include "core/job/knowledge.h"
#include "core/job/rig.h"

namespace fairchalk::desk {

/// How a part of a rig is drawn: not there yet, standing, or what it is about now.
enum class Weight { later, there, now };

/// What a drawing of a rig says beside the rig itself.
struct RigDrawing {
    std::function<Weight(std::string_view show)> weight = [](std::string_view) { return Weight::there; };
    std::optional<Spot> at;  ///< the reading it is about, if one: its side, lip, tape, sweep
    Angle sweep = usual_sweep;
    double text = 15.0;  ///< pixels of its words, in the units of `box`
};

/// Draws a rig in `box`, from where it is seen best: the car from above, one axle or one side of it, the
/// wheel from behind, the wheel on its sweep marks.
void drawRig(QPainter& p, const QRectF& box, std::string_view rig, const RigDrawing& how);

/// What of its rig a reading is about: `tapes`, `gap`.
std::string_view showOf(const Spot& spot);
/// The rig whose drawing shows where a reading is taken.
std::string_view rigDrawnFor(const Spot& spot);
/// The drawing for one reading: all that its rig has stands, and what is read is pointed at.
RigDrawing drawingOf(const Spot& spot, const RigItem* rig);

/// A car from above, nose to the right: rear and front axle, left (top) and right wheels.
struct CarPlan {
    double rear, front, top, bottom;
};
/// What a toe rig other than strings puts on the floor, at these axles.
void drawRigOnFloor(QPainter& p, const RigInfo& rig, const CarPlan& car, std::array<bool, 2> axles);
/// The axles that a walk reads by an axle's own rig.
std::array<bool, 2> readAxles(const std::vector<Spot>& walk);

/// A thing as it hangs on the wall; `there`: else only its outline on the nail.
void drawThing(QPainter& p, const QRectF& box, std::string_view thing, bool there);

}  // namespace fairchalk::desk
