// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cstddef>
#include <map>
#include <optional>
#include <utility>
#include <vector>

#include "core/job/floor.h"
#include "core/network/network.h"

namespace fairchalk {

/// The tires hold back a share s of a turn until the car is shaken or rolled: from next to nothing on greased
/// plates to six tenths on a rough floor. What the toe has gone by then is 1 / (1 - s) times what the rule
/// showed before; where nothing has shown it, the mean and sigma of that, any share being as likely.
inline constexpr double stick_times = 1.53, stick_sigma = 0.41;

/// The readings of a log as observations of a network, one by one as the log goes on, with what each of them
/// stands on: the strings' heights, the floor, the steering wheel.
class Readings {
  public:
    Readings(Network& network, const Job& job) : n_(network), job_(job) {}

    /// The heights of both strings, by the last reading at each station of all rounds up to that one.
    void raise_strings(int last);
    /// A round read with the steering wheel off: all its readings are of wheels steered by the same.
    void steer_for_round(const Round& round);
    /// The heights of the four spots and of the level line they were read from, with the survey's own
    /// readings as residuals. They take no part in the checks: the survey has its own.
    void lay_floor(const Floor& floor);
    void observe(std::size_t entry, const Round& round);
    /// How the steering wheel sat on a straight road: (toe_FR - toe_FL) / 2 less the thrust is its angle over
    /// the ratio.
    void driven(const Driven& d);
    /// Nothing is held back by the tires: what is turned from now on is turned from here.
    void at_rest();
    /// Spot error: one more unknown where a spot was read more than once, part of the reading's sigma
    /// elsewhere.
    void settle_repeats();
    /// Some observations use angles that hardly matter to them: they are taken once more, at what these were
    /// found to be (`at_known_angles`).
    bool weakly_coupled() const { return weakly_coupled_; }
    void at_known_angles();

  private:
    void steer();
    Current held_back();

    Network& n_;
    const Job& job_;
    std::map<std::pair<int, Spot>, std::vector<std::size_t>> spots_;
    std::optional<std::size_t> floor_;  ///< the floor laid: by the entry that began it
    bool weakly_coupled_ = false;
    std::array<int, 4> rested_{-1, -1, -1, -1};  ///< the toes of when the car was shaken last
};

}  // namespace fairchalk
