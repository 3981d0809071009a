// SPDX-License-Identifier: GPL-3.0-or-later
// The cells of the matrix: values of the factors, which of them go together, and a set that has every pair.
#include <array>
#include <optional>
#include <random>
#include <set>
#include <string>
#include <vector>

#include "practice/cell_car.h"

namespace fairchalk::practice {
namespace {

constexpr std::array<std::string_view, factors> factor_names = {"rig",    "lean", "front",  "rear",
                                                                "target", "tool", "trouble"};
const std::array<std::vector<std::string>, factors> all_values = {
    std::vector<std::string>{"string-bars", "string-stands", "string-left", "both-sides",
                             "chassis-centreline", "straightedge", "arm-jig", "toe-boards", "stud-bars",
                             "tread-tape", "toe-gauge", "laser-lines", "boards+straightedge",
                             "boards+strings"},
    {"no-lean", "camber-gauge", "camber-gap", "camber-plumb", "gauge+sweep", "gap+sweep", "plumb+sweep",
     "gauge+swing", "gauge+caster"},
    {"rods-behind", "rods-ahead", "one-rod", "tube", "tube+drag-link", "shim-pair", "spanning-shims",
     "strut-top", "strut-bolt-upper", "strut-bolt-lower", "cam", "upper-joint-slot", "adjustable-arm",
     "radius-rod", "off-centre-bush", "fixed"},
    {"fixed", "links-behind", "links-ahead", "trailing-arm-shims", "toe-cams-behind", "toe-cams-ahead",
     "rear-shims", "rear-arms"},
    {"total-front", "total-both", "toe-each", "wide-total", "rear-toe", "thrust", "camber-only", "camber+toe",
     "all", "cross-camber"},
    {"steel-rule-mm", "vernier", "steel-rule-inch"},
    {"none", "one-wrong-way", "all-wrong-way", "misreads", "card-wrong", "card-silent", "far-off-drawing"}};

}  // namespace

std::string_view name_of(Factor f) {
    return factor_names[static_cast<std::size_t>(f)];
}
const std::vector<std::string>& values_of(Factor f) {
    return all_values[static_cast<std::size_t>(f)];
}
const std::string& Cell::of(Factor f) const {
    return values_of(f)[static_cast<std::size_t>(value[static_cast<std::size_t>(f)])];
}
std::string Cell::name() const {
    std::string out;
    for (std::size_t f = 0; f < factors; ++f) out += (out.empty() ? "" : " · ") + of(static_cast<Factor>(f));
    return out;
}

bool possible(const Cell& cell) {
    const std::string &lean = cell.of(Factor::lean), &target = cell.of(Factor::target),
                      &front = cell.of(Factor::front), &rear = cell.of(Factor::rear),
                      &trouble = cell.of(Factor::trouble), &rig = cell.of(Factor::rig);
    const bool camber = has(target, "camber") || target == "all";
    if (camber && lean == "no-lean") return false;
    if (target == "all" && !has(lean, "+")) return false;
    const bool sides = front != "fixed" || has(rear, "links") || has(rear, "toe-cams");
    if (trouble == "card-silent" && !sides) return false;
    if (trouble == "card-wrong" && front == "fixed") return false;
    // Only the left side's toes, of no axle the total.
    if (rig == "string-left" && (has(target, "total") || target == "rear-toe" || target == "thrust"))
        return false;
    return true;
}

std::vector<Cell> covering_cells(std::uint64_t seed) {
    using Pair = std::array<int, 4>;  // factor, value, factor, value
    std::mt19937_64 rng(seed);
    const auto random_cell = [&](const Pair* fixed) {
        Cell c;
        for (std::size_t f = 0; f < factors; ++f)
            c.value[f] =
                std::uniform_int_distribution<int>(0, static_cast<int>(all_values[f].size()) - 1)(rng);
        if (fixed) {
            c.value[static_cast<std::size_t>((*fixed)[0])] = (*fixed)[1];
            c.value[static_cast<std::size_t>((*fixed)[2])] = (*fixed)[3];
        }
        return c;
    };
    const auto pairs_of = [](const Cell& c) {
        std::vector<Pair> out;
        for (int f = 0; f < static_cast<int>(factors); ++f)
            for (int g = f + 1; g < static_cast<int>(factors); ++g)
                out.push_back(
                    {f, c.value[static_cast<std::size_t>(f)], g, c.value[static_cast<std::size_t>(g)]});
        return out;
    };
    std::set<Pair> open;
    for (int f = 0; f < static_cast<int>(factors); ++f)
        for (int g = f + 1; g < static_cast<int>(factors); ++g)
            for (int a = 0; a < static_cast<int>(all_values[static_cast<std::size_t>(f)].size()); ++a)
                for (int b = 0; b < static_cast<int>(all_values[static_cast<std::size_t>(g)].size()); ++b)
                    open.insert({f, a, g, b});
    std::vector<Cell> out;
    while (!open.empty()) {
        const Pair first = *open.begin();
        std::optional<Cell> best;
        std::size_t most = 0;
        for (int n = 0; n < 300; ++n) {
            const Cell c = random_cell(&first);
            if (!possible(c)) continue;
            std::size_t news = 0;
            for (const Pair& p : pairs_of(c)) news += open.contains(p);
            if (news > most) most = news, best = c;
        }
        open.erase(first);
        if (!best) continue;  // these two never go together
        for (const Pair& p : pairs_of(*best)) open.erase(p);
        out.push_back(*best);
    }
    return out;
}

}  // namespace fairchalk::practice
