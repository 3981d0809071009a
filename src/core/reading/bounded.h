// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace fairchalk {

/// What a typed value is about, where cars bound it.
enum class Bounded {
    wheelbase,
    track,
    rim_span,
    hub_width,
    thread_pitch,
    steering_arm,
    bar_distance,
    pressure,
    ride_height,
    rod_length,
    thread_exposed,
    tile,
    floor_line,
    floor_rise,
    hub_to_string,
    bar_width,
    wheel_off,
    lock_to_lock,
    steering_ratio,
    torque,
    camber,
    upright_gauge,
    caster,
    toe,
    across_axle,
    tape_difference,
    near_string,
    tread_depth,
    tire_temperature,
};

}  // namespace fairchalk
