// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/making.h"

#include <algorithm>
#include <cmath>

namespace fairchalk {

NotchedBars notched_bars(Length front_width, Length rear_width, Length clearance) {
    NotchedBars out;
    out.between = std::max(front_width, rear_width) + clearance * 2.0;
    out.from_middle = out.between / 2.0;
    out.at_least = out.between + Length::from_mm(100.0);
    out.hub_front = (out.between - front_width) / 2.0;
    out.hub_rear = (out.between - rear_width) / 2.0;
    return out;
}

ToeBoard toe_board(Length tire_diameter, Length slot_spacing) {
    ToeBoard out;
    out.slot_spacing = slot_spacing;
    out.length = std::max(slot_spacing, tire_diameter) + Length::from_mm(80.0);
    out.height = tire_diameter / 2.0;
    // Below the car, above the floor's bumps: the tapes have to pass under the sills.
    out.slot_height = std::min(tire_diameter / 4.0, Length::from_mm(150.0));
    out.per_degree = slot_spacing * std::sin(Angle::from_deg(1.0).rad());
    return out;
}

std::vector<SweepMark> sweep_marks(Length base, const std::vector<Angle>& angles) {
    std::vector<SweepMark> out;
    out.reserve(angles.size());
    for (Angle a : angles) out.push_back({a, base * std::tan(a.rad())});
    return out;
}

Angle sweep_of_marks(Length base, Length offset) {
    return Angle::from_rad(std::atan2(offset.m(), base.m()));
}

Length strings_further_out(Length tire_diameter, Length tire_width, Angle sweep) {
    return tire_width / 2.0 * (std::cos(sweep.rad()) - 1.0) + tire_diameter / 2.0 * std::sin(sweep.rad());
}

std::vector<SweepMark> gauge_ticks(Length arm, Angle step, int count) {
    std::vector<Angle> angles;
    for (int i = 1; i <= count; ++i) angles.push_back(step * static_cast<double>(i));
    return sweep_marks(arm, angles);
}

WheelCentre wheel_centre(Length left, Length right, Length low, Length high) {
    return {(left + right) / 2.0, (low + high) / 2.0, ((right - left) + (high - low)) / 2.0};
}

double torque_to_set(double torque, Length wrench, Length extension, Angle angle) {
    return torque * wrench.m() / (wrench.m() + extension.m() * std::cos(angle.rad()));
}

}  // namespace fairchalk
