// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/car/instrument.h"

#include <algorithm>
#include <array>
#include <cmath>

#include "core/quantity/named.h"

namespace fairchalk {
namespace {

constexpr std::array<std::string_view, 3> shows_names = {"leaning", "upright", "unsigned"};
constexpr double least_lean = 0.3;
constexpr double prior_repeats = 8.0;

Tool made(const char* name, QuantityKind quantity, double sigma, double resolution) {
    Tool t;
    t.name = name;
    t.quantity = quantity;
    t.sigma = sigma;
    t.resolution = resolution;
    return t;
}

}  // namespace

std::string_view name_of(Shows s) {
    return shows_names[static_cast<std::size_t>(index_of(s))];
}
std::optional<Shows> shows_named(std::string_view s) {
    return named<Shows>(shows_names, s);
}

std::span<const Tool> standard_tools() {
    using Q = QuantityKind;
    static const std::array drawer = {
        made("steel-rule-mm", Q::length, 0.25, 0.5),   made("steel-rule-inch", Q::length, 0.2, 25.4 / 64),
        made("vernier", Q::length, 0.1, 0.05),         made("tape", Q::length, 0.5, 1.0),
        made("bubble-gauge", Q::angle, 0.1, 0.25),     made("digital-angle-gauge", Q::angle, 0.1, 0.1),
        made("spirit-level-gap", Q::length, 0.5, 1.0), made("plumb-line", Q::length, 0.5, 1.0),
        made("hinged-gauge", Q::angle, 0.15, 0.25),    made("caster-gauge", Q::angle, 0.2, 0.25),
    };
    return drawer;
}

const Tool* standard_tool(std::string_view name) {
    const auto all = standard_tools();
    const auto it = std::find_if(all.begin(), all.end(), [&](const Tool& t) { return t.name == name; });
    return it == all.end() ? nullptr : &*it;
}

double undone(double shown, const Tool& tool, Side side, std::optional<bool> top_in) {
    if (tool.quantity == QuantityKind::length)
        return tool.inward ? tool.scale_length.value_or(Length()).mm() - shown : shown - tool.zero;
    double lean = shown - tool.zero;
    if (tool.shows == Shows::upright) lean -= 90.0;
    if (tool.shows == Shows::unsigned_) return std::abs(lean) * (top_in.value_or(false) ? -1.0 : 1.0);
    const bool more_is_in = side == Side::left ? tool.more_is_in_left : tool.more_is_in_right;
    return more_is_in ? -lean : lean;
}

double shown(double there, const Tool& tool, Side side, bool lean) {
    if (tool.quantity == QuantityKind::length)
        return tool.inward ? tool.scale_length.value_or(Length()).mm() - there : there + tool.zero;
    if (!lean) return there + tool.zero;
    if (tool.shows == Shows::unsigned_) return std::abs(there) + tool.zero;
    const bool more_is_in = side == Side::left ? tool.more_is_in_left : tool.more_is_in_right;
    return (more_is_in ? -there : there) + tool.zero + (tool.shows == Shows::upright ? 90.0 : 0.0);
}

Result<Tool> after_lean_test(Tool tool, Side side, double before, double leaning_out) {
    if (std::abs(leaning_out - before) < least_lean) return fail(Code::tool_lean_too_small);
    const double middle = (before + leaning_out) / 2;
    if (std::abs(std::abs(middle) - 90.0) < 30.0)
        tool.shows = Shows::upright;
    else if (tool.shows == Shows::upright)
        tool.shows = Shows::leaning;
    (side == Side::left ? tool.more_is_in_left : tool.more_is_in_right) = leaning_out < before;
    return tool;
}

Repeatability repeatability(const std::vector<std::vector<double>>& groups, double expected) {
    Repeatability out;
    double sum = prior_repeats * expected * expected;
    for (const auto& g : groups) {
        if (g.size() < 2) continue;
        double mean = 0.0;
        for (double v : g) mean += v / static_cast<double>(g.size());
        for (double v : g) sum += (v - mean) * (v - mean);
        out.repeats += static_cast<int>(g.size()) - 1;
    }
    out.sigma = std::sqrt(sum / (prior_repeats + out.repeats));
    return out;
}

}  // namespace fairchalk
