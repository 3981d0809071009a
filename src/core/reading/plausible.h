// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/quantity/message.h"
#include "core/quantity/notation.h"
#include "core/reading/reading.h"

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
};

/// What bounds a reading of that kind; nothing where any value may be meant. `shows`: how
/// the gauge shows a lean.
std::optional<Bounded> bound_of_reading(ReadingKind kind, Shows shows = Shows::leaning);

/// A value that can hardly be meant: what to ask, and what may have been meant instead, likeliest first, each
/// written so that it can be typed back.
struct Doubt {
    Message question;
    std::vector<std::string> meant;
};

/// Nothing while `q` is usual for a car. The value is never refused: whoever typed it may insist. `text` is
/// what was typed, and tells whether a unit was.
std::optional<Doubt> doubt_of(Bounded what, const Quantity& q, const std::string& text);

/// The usual range of `what`, as `1.2 m to 6 m`.
std::string usual_range(Bounded what);

}  // namespace fairchalk
