// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <functional>
#include <map>
#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/car/car.h"

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
    std::array<std::string_view, 2> names = {"front", "rear"};
    bool known = true;  ///< else what is taken out may be anything, and is there
};

/// The stacks of a device, with so much to be added to each. A device of no known kind has none.
StackWanted stacks_wanted(const Adjuster& device, std::array<double, 2> add);

/// Where shims lie: in the tin, or in a stack of an adjuster.
struct ShimPlace {
    std::string adjuster;    ///< empty: the tin
    std::string_view stack;  ///< as its kind names it; `both` across two of them; empty where it has one

    bool in_tin() const { return adjuster.empty(); }
    /// `tin`, `shims-fl front`, `shims-fl`: as the answers of the program name it.
    std::string name() const;
    bool operator==(const ShimPlace&) const = default;
};

/// Shims of one thickness that go from one place to another.
struct ShimMove {
    ShimsOf shims;
    ShimPlace from, to;
};

struct ShimPicking {
    std::vector<ShimMove> moves;
    std::vector<std::array<std::vector<ShimsOf>, 2>> stacks;  ///< as they then are
    int handled = 0;                                          ///< shims that are put in or taken out
};

/// Thicknesses count to the hundredth of a millimetre. Nothing where the shims do not make it up.
std::optional<ShimPicking> pick_shims(std::span<const StackWanted> wanted, std::span<const ShimsOf> tin);

/// Whether stacks can be made up at all: asked again and again for the same ones, with ever other amounts to
/// add, while the best amounts are looked for.
class ShimsAtHand {
  public:
    ShimsAtHand(std::span<const StackWanted> stacks, std::span<const ShimsOf> tin);
    /// With so much added to each of the stacks, mm; a stack of which nothing is said may give all it has.
    bool enough(std::span<const std::array<std::optional<double>, 2>> add);

  private:
    std::function<bool(std::span<const std::array<std::optional<double>, 2>>)> picked_;
    std::map<std::vector<int>, bool> known_;
};

/// By how much a stack could change with the shims there are, mm, 0 among them; sorted.
std::vector<double> reachable_changes(const std::vector<ShimsOf>& stack, std::span<const ShimsOf> others,
                                      double most_mm);

}  // namespace fairchalk
