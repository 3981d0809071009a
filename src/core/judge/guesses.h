// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cstddef>
#include <set>
#include <string>
#include <string_view>
#include <vector>

#include "core/judge/evidence.h"

namespace fairchalk {

/// What may have been done in a pass, as written first.
std::vector<Guess> guesses_of(const TurnPass& pass, std::size_t number,
                              const std::vector<MeasuredChange>& rows);

std::string side_value(bool ahead);

/// What eyes see of how an adjuster is built in, beside the side of the axle: at which arm, ahead or behind,
/// which way it pushes.
inline constexpr std::array built_in = {"arm", "runs", "pushes"};
/// Which way an adjuster works hangs on what the card says of that: not where it does not say, where there is
/// no other way, nor where it states what a turn does.
bool hangs_on(const Adjuster& a, std::string_view field, const CarCard& car);

/// What may be so of the card, as it stands first. `assumed` is it with every unknown side taken as behind.
std::vector<CardGuess> card_guesses(const CarCard& car, const std::set<int>& turned);

/// The card with which hypotheses are reckoned: what it does not say taken as one of the two.
CarCard assumed(CarCard car);

}  // namespace fairchalk
