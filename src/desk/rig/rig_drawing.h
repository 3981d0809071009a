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

/// Draws a rig in `box`, from where it is seen best.
void drawRig(QPainter& p, const QRectF& box, const Rig& rig, const RigDrawing& how);

/// The drawing for one reading: all that its rig has stands, and what is read is pointed at.
RigDrawing drawingOf(const Spot& spot, const RigItem* rig);

/// What a toe rig other than strings puts on the floor, at these axles.
void drawRigOnFloor(QPainter& p, const Rig& rig, const CarPlan& car, std::array<bool, 2> axles);
/// The axles that a walk reads by an axle's own rig.
std::array<bool, 2> readAxles(const std::vector<Spot>& walk);

/// A thing as it hangs on the wall; `there`: else only its outline on the nail.
void drawThing(QPainter& p, const QRectF& box, std::string_view thing, bool there);

}  // namespace fairchalk::desk
