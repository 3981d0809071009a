// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <string>
#include <vector>

#include "core/network/estimate.h"

namespace fairchalk {

// A shop's sheet as the judge of one's own way of measuring.

/// A sheet, and one's own estimate of the car as it stood in front of it.
struct SheetBeside {
    ShopSheet sheet;
    Estimate own;
    std::string job;       ///< whose estimate that is
    std::string typed_in;  ///< which job the sheet stands in
};

/// One figure of a sheet beside one's own.
struct ComparedAngle : CarAngle {
    Angle shop, shop_sigma;
    KnownAngle own;
    Angle by, sigma;  ///< own less the shop's
    enum class Call { agrees, differs, cannot_tell } call = Call::cannot_tell;
};
/// A standard uncertainty that an alignment rig has when it is in order and the car is put down on it once.
Angle shop_sigma(Measure m);
/// All figures of which one's own is known. They differ where both 95 % intervals together do not bridge it;
/// where one's own is far wider than the shop's nothing can be told by it.
std::vector<ComparedAngle> compared(const SheetBeside& beside);

/// What a bias is likeliest to come from.
enum class BiasSource { gauge_zero, floor, straight_ahead, toe_reading, rear_strings, sweep };

/// By how much this garage reads an angle off a shop's figures: alike on both sides, or the other way on the
/// right.
struct GarageBias {
    BiasTaken::One by;
    BiasSource source = BiasSource::gauge_zero;
    int sheets = 0;
    bool stands_out = false;  ///< by more than chance, of all that are looked at together (Bonferroni)
};
/// By generalized least squares (A. C. Aitken, 1935) over all figures of all sheets: each sheet's own figures
/// hang together as the estimate says. Where they scatter by more than that, the uncertainty is as much wider
/// (Birge's ratio). Empty without a sheet.
std::vector<GarageBias> garage_bias(std::span<const SheetBeside> sheets);

}  // namespace fairchalk
