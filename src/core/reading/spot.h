// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <string>
#include <string_view>

#include "core/car/car.h"

namespace fairchalk {

/// Every kind of reading of the job file; what there is to know of it says its `ReadingKind`.
enum class ReadingId {
#define READING(id) id,
#include "core/reading/reading_ids.def"
#undef READING
};

/// Where on a tire's tread, seen from the car.
enum class TreadPlace { outer, middle, inner };
inline constexpr std::array all_tread_places = {TreadPlace::outer, TreadPlace::middle, TreadPlace::inner};
std::string_view name_of(TreadPlace);
std::optional<TreadPlace> tread_place_named(std::string_view);

/// How a front wheel stood while it was read.
enum class Swept { straight, out, in };

/// Where on the car a rule or gauge goes.
struct Spot {
    ReadingId kind = ReadingId::hub;
    std::optional<Wheel> wheel;
    std::optional<Axle>
        axle;  ///< also the bar: the front bar is ahead of the front axle, the rear behind the rear
    std::optional<Side> side;
    std::optional<Length> station;
    std::optional<Wheel> to;               ///< floor-rise: from `wheel` to here
    bool rolled = false;                   ///< the wheel stood half a turn (a bulge: a quarter) on
    Swept swept = Swept::straight;         ///< the wheel was turned for a caster sweep
    std::optional<TreadPlace> tread = {};  ///< of a tire

    auto operator<=>(const Spot&) const = default;
    /// `front-left rim-front`, `front bar string-to-string`: for messages and tests; the window has its own
    /// words.
    std::string name() const;
};

Spot wheel_spot(ReadingId kind, Wheel wheel);
Spot axle_spot(ReadingId kind, Axle axle);
Spot tread_spot(ReadingId kind, Wheel wheel, TreadPlace at);
Spot swept_spot(ReadingId kind, Wheel wheel, Swept swept);
Spot station_spot(ReadingId kind, Side side, Length station);

}  // namespace fairchalk
