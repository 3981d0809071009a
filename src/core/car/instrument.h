// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <span>
#include <string>
#include <string_view>
#include <vector>

#include "core/car/car.h"

namespace fairchalk {

// What a rule, tape or gauge shows is not yet what is there. Each tool has its own zero, its own way of
// showing an angle, and its own repeatability; all three are said once for the tool and undone ever after.

/// How a gauge shows a wheel's lean.
enum class Shows {
    leaning,   ///< a signed angle from upright (or of the hub's line from level): about zero at a wheel
    upright,   ///< the angle of the wheel from level: about 90 at a wheel
    unsigned_  ///< an angle without a sign: which way the top leans is said with each reading
};
std::string_view name_of(Shows);  ///< `leaning`, `upright`, `unsigned`
std::optional<Shows> shows_named(std::string_view);

/// An instrument: sigma and resolution in mm or degrees, by its `quantity`.
struct Tool {
    std::string name;
    QuantityKind quantity = QuantityKind::length;
    double sigma = 0.0;
    double resolution = 0.0;
    bool sigma_stated = true;  ///< false: sigma is this program's default for the likes of it
    /// Angle gauges: how it shows, and whether its figure grows when the top of a left (right) wheel leans
    /// in.
    Shows shows = Shows::leaning;
    bool more_is_in_left = false, more_is_in_right = false;
    double zero = 0.0;    ///< what it shows where there is nothing: taken off every reading, mm or degrees
    bool inward = false;  ///< a rule whose numbers grow toward the end that should read zero
    std::optional<Length> scale_length;  ///< of an inward rule: what it reads at that end

    bool operator==(const Tool&) const = default;
};

/// The drawer as it comes: sigma and resolution of common instruments (docs/guide.md, instruments).
std::span<const Tool> standard_tools();
const Tool* standard_tool(std::string_view name);

/// What the instrument showed, as the quantity that was there: camber in degrees with top out positive, or
/// mm. `top_in` is what the reader said of the lean, for a tool that shows no sign.
double undone(double shown, const Tool& tool, Side side, std::optional<bool> top_in);

/// The other way round: what the instrument shows where that is. `lean` is false for an angle that is none of
/// a wheel's from upright, such as a caster gauge's own scale.
double shown(double there, const Tool& tool, Side side, bool lean = true);

/// From a lean test: what the gauge showed upright and then leaning, top out, at a wheel of that side.
/// Fails with `tool_lean_too_small` unless the two differ by more than 0.3 degrees.
Result<Tool> after_lean_test(Tool tool, Side side, double before, double leaning_out);

/// The repeatability of a tool as its user's repeats show it.
struct Repeatability {
    double sigma = 0.0;  ///< mm or degrees, of one taking
    int repeats = 0;     ///< degrees of freedom: takings beyond the first at a spot
};
/// Pooled over spots read more than once, drawn toward `expected` as if that had come of eight repeats
/// (the conjugate prior of a variance). `groups` are the takings at one spot by that tool.
Repeatability repeatability(const std::vector<std::vector<double>>& groups, double expected);

}  // namespace fairchalk
