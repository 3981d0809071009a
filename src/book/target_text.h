// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>
#include <vector>

#include "book/entry_json.h"

namespace fairchalk::book {

/// A target on one line, in the manual's own terms: `0°08' in ±0°15'`, `2 mm in ±1.5 mm over 416 mm each`,
/// `-0.6 deg minus 0.5 deg plus 0.3 deg`, `1 mm in ± 1 mm over 400 mm half`. `total`, `each` and `half` (half
/// the difference between the edges) are for toe; without one it is total.
struct TargetText {
    std::string measure;  ///< total_toe, toe, camber, caster, cross_camber, cross_caster or thrust
    Json target;
    Target band;  ///< as it was understood
};
/// `measure` is the file's name of one, and `toe` for both toes. `of_wheel`: one wheel's own, whose toe is
/// never a total.
Result<TargetText> target_from_text(const std::string& measure, const std::string& text,
                                    bool of_wheel = false);

/// What a number without a unit is beside one that has it: often the unit is written once.
Bare unit_beside(const Quantity& q);

/// How the parts of a toe target are read, its aim as the last of `parts`: often the unit is written once,
/// and nobody writes a fraction of a millimetre or of a degree.
Expect toe_written_as(const std::vector<std::string>& parts);

/// A tolerance beside its aim: beside an angle `8'` is minutes, where alone it would be feet.
Result<Quantity> read_tolerance(const std::string& text, const Quantity& aim, const Expect& expect);

/// The same line of a target of the job file. A toe without its way is said with it: `0°08' in`.
std::string text_of_target(const std::string& measure, const Json& target, bool of_wheel = false);

}  // namespace fairchalk::book
