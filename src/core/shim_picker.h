// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/car.h"

namespace fairchalk {

// Which shims go from where to where, so that every stack comes to the thickness that it should have, with
// as few handled as can be. Stacks are made up of what is in them and in the tin; a plate across both bolts
// of a pair is one shim in both of its stacks.

/// The stacks of one adjuster, as they are and as they should be.
struct StackWanted {
    std::string adjuster;
    std::array<std::vector<ShimsOf>, 2> now;
    std::array<double, 2> add{};  ///< mm, less than zero to take out
    bool pair = true;             ///< two stacks; else one
};

/// The stacks of a device, with so much to be added to each. A device of no known kind has none.
StackWanted stacks_wanted(const Device& device, std::array<double, 2> add);

/// Shims of one thickness that go from one place to another.
struct ShimMove {
    ShimsOf shims;
    std::string from, to;  ///< `tin`, or an adjuster and its stack: `shims-fl front`
};

struct ShimPicking {
    std::vector<ShimMove> moves;
    std::vector<std::array<std::vector<ShimsOf>, 2>> stacks;  ///< as they then are
    int handled = 0;                                          ///< shims that are put in or taken out
};

/// Thicknesses count to the hundredth of a millimetre. Nothing where the shims do not make it up.
std::optional<ShimPicking> pick_shims(std::span<const StackWanted> wanted, std::span<const ShimsOf> tin);

/// By how much a stack could change with the shims there are, mm, 0 among them; sorted.
std::vector<double> reachable_changes(const std::vector<ShimsOf>& stack, std::span<const ShimsOf> others,
                                      double most_mm);

}  // namespace fairchalk
