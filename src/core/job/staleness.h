// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include "core/job/log.h"

namespace fairchalk {

// Which event spoils what. One table, from which the Line, the Say-line and the estimate all read.

/// What can go stale.
enum class Fact {
    settled,   ///< the suspension sits where it will sit
    heights,   ///< ride heights and pressures as measured
    steering,  ///< the steering stands straight, and is held
    lines,     ///< where the strings lie
    front_toe,
    rear_toe,
    camber,
    caster,
};
inline constexpr std::array all_facts = {Fact::settled,   Fact::heights,  Fact::steering, Fact::lines,
                                         Fact::front_toe, Fact::rear_toe, Fact::camber,   Fact::caster};

/// What can happen to a car between two readings.
enum class Happening {
    jacked,
    strings_moved,
    settled,
    rolled,
    bounced,
    steering_moved,
    locked,
    pressures_changed,
    load_changed,
    turned_toe,
    turned_device,
    turned_other,
    tiles_placed,
};
std::string_view name_of(Happening);

/// What the strings do when it happens.
enum class Strings { stay, car_moves_between, moved };

/// One row: what it spoils, and how far each angle may have moved by itself, one sigma, in degrees. The
/// sigmas are judgement, not data; they only say how far old readings still hold.
struct Spoils {
    Happening what;
    std::vector<Fact> facts;
    bool settles = false;    ///< it makes `settled` true again
    double here = 0.0;       ///< toe of the axle (or wheel) it is about
    double elsewhere = 0.0;  ///< toe of the others
    double camber = 0.0;     ///< camber and caster, where it spoils them
    Strings strings = Strings::stay;

    bool spoils(Fact f) const;
};

/// The row for a car; a chassis on blocks has no springs that could settle.
const Spoils& spoils_of(Happening what, bool no_springs);

/// What an entry is, if it is something that can spoil anything: turns by their adjuster.
std::optional<Happening> happening_of(const Entry& entry, const CarCard& car);

/// The last live event after entry `from` that spoiled `fact`, if nothing has put it right since; nothing
/// while it still holds.
std::optional<Happening> spoiled_since(const Job& job, Fact fact, std::size_t from);

/// The last live event that settled the car, by the table; nothing where none has.
std::optional<std::size_t> settled_at(const Job& job);

/// The last live entry by which the steering was set straight or, after that, looked at again.
std::optional<std::size_t> steering_looked_at(const Job& job);

}  // namespace fairchalk
