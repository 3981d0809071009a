// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/slip.h"
#include "core/reading/reading_kind.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <numbers>

namespace fairchalk {
namespace {

using K = ReadingId;

constexpr double within_of_removal = 10.0;
constexpr double stands_out = 3.3;
constexpr double least_worth = 9.0;  // a slip that explains less than three sigmas explains nothing

/// The spot that a front-for-rear or left-for-right mistake would have meant.
std::optional<Spot> front_rear_twin(Spot s) {
    const ReadingKind& kind = reading_kind(s.kind);
    if (const auto other = kind.other_edge()) {
        s.kind = *other;
        return s;
    }
    if (kind.place() == PlaceKind::bar) {
        s.axle = *s.axle == Axle::front ? Axle::rear : Axle::front;
        return s;
    }
    return std::nullopt;
}

std::optional<Spot> left_right_twin(Spot s) {
    if (!s.wheel) return std::nullopt;
    s.wheel = wheel_at(axle_of(*s.wheel), side_of(*s.wheel) == Side::left ? Side::right : Side::left);
    return s;
}

/// The number of a typed text with neighbouring digits exchanged.
std::vector<double> transposed(const Quantity& q) {
    std::vector<double> out;
    const Expect::Kind kind = q.kind == QuantityKind::length ? Expect::Kind::length : Expect::Kind::angle;
    for (std::size_t i = 0; i + 1 < q.text.size(); ++i) {
        std::string text = q.text;
        // Across a decimal point too: 61.5 for 65.1.
        const std::size_t next =
            (text[i + 1] == '.' || text[i + 1] == ',') && i + 2 < text.size() ? i + 2 : i + 1;
        const auto digit = [](char c) { return c >= '0' && c <= '9'; };
        if (!digit(text[i]) || !digit(text[next]) || text[i] == text[next]) continue;
        std::swap(text[i], text[next]);
        const auto again = read_quantity(text, {kind});
        if (again && again->kind == q.kind) out.push_back(again->value);
    }
    return out;
}

struct Candidate {
    Slip slip;
    double value;
};

/// Whoever reads inches does not miss by a centimetre's ten divisions.
bool in_inches(const Quantity& q) {
    return q.text.ends_with(" in");
}

std::vector<Candidate> alone(const Reading& r) {
    const double v = r.value.value;
    std::vector<Candidate> out;
    for (double sign : {-1.0, 1.0}) {
        if (r.value.resolution > 0) out.push_back({Slip::one_division, v + sign * r.value.resolution});
        if (r.value.kind == QuantityKind::length) {
            out.push_back({Slip::an_inch, v + sign * 25.4});
            if (!in_inches(r.value)) out.push_back({Slip::ten_mm, v + sign * 10.0});
        }
    }
    for (double t : transposed(r.value)) out.push_back({Slip::digits_transposed, t});
    if (r.value.kind == QuantityKind::length) {
        for (double factor : {25.4, 10.0, 0.1, 1 / 25.4}) out.push_back({Slip::wrong_unit, v * factor});
    } else {
        for (double factor : {60.0, 1.0 / 60.0}) out.push_back({Slip::wrong_unit, v * factor});
    }
    if (r.value.kind == QuantityKind::angle || reading_kind(r.spot.kind).signed_reading())
        out.push_back({Slip::wrong_side, -v});
    return out;
}

}  // namespace

std::string_view name_of(Slip s) {
    constexpr std::array<std::string_view, 8> names = {"front-rear swapped",
                                                       "left-right swapped",
                                                       "one division",
                                                       "an inch",
                                                       "ten mm",
                                                       "digits transposed",
                                                       "wrong unit",
                                                       "read from the wrong side"};
    return names[static_cast<std::size_t>(index_of(s))];
}

std::vector<Explanation> slips_of(const Job& job, const Estimate& e) {
    std::vector<Explanation> out;
    if (!e.alarm || !e.posterior) return out;
    const Posterior& p = *e.posterior;
    const auto& checks = e.checks;
    double worst = 0.0;
    std::map<Spot, std::vector<std::size_t>> at;  // places in `checks`
    for (std::size_t k = 0; k < checks.size(); ++k) {
        worst = std::max(worst, std::abs(checks[k].w));
        at[std::get<Reading>((*job.log)[checks[k].entry].event).spot].push_back(k);
    }
    const auto reading = [&](std::size_t k) -> const Reading& {
        return std::get<Reading>((*job.log)[checks[k].entry].event);
    };
    const auto in_sigmas = [&](std::size_t k, double change) {
        const bool length = reading(k).value.kind == QuantityKind::length;
        return change * (length ? 1e-3 : std::numbers::pi / 180.0) / p.sigmas[static_cast<int>(k)];
    };
    const double removed = e.weighted_sum - worst * worst;
    const auto consider = [&](std::size_t k, std::optional<std::size_t> other, Slip slip, double value,
                              const Eigen::VectorXd& change) {
        // residual = (shown - read) / sigma: a larger reading makes it smaller.
        const Eigen::VectorXd moved = change - p.projection * (p.projection.transpose() * change);
        const double sum = e.weighted_sum - 2 * p.residuals.dot(change) + change.dot(moved);
        if (sum > removed + within_of_removal || e.weighted_sum - sum < least_worth) return;
        Explanation x;
        x.entry = checks[k].entry;
        if (other) x.other = checks[*other].entry;
        x.slip = slip;
        x.would_be = value;
        x.weighted_sum = sum;
        out.push_back(x);
    };
    const int n = static_cast<int>(checks.size());
    for (std::size_t k = 0; k < checks.size(); ++k) {
        // Of two swapped readings neither alone explains the others: every one that stands out may be of a
        // pair.
        if (!checks[k].suspect && std::abs(checks[k].w) < stands_out) continue;
        const double value = reading(k).value.value;
        for (const Candidate& c : checks[k].suspect ? alone(reading(k)) : std::vector<Candidate>{}) {
            Eigen::VectorXd change = Eigen::VectorXd::Zero(n);
            change[static_cast<int>(k)] = in_sigmas(k, c.value - value);
            consider(k, {}, c.slip, c.value, change);
        }
        const auto swap = [&](Slip slip, const std::optional<Spot>& twin) {
            if (!twin || !at.contains(*twin)) return;
            for (std::size_t other : at.at(*twin)) {
                const double theirs = reading(other).value.value;
                if (theirs == value) continue;
                Eigen::VectorXd change = Eigen::VectorXd::Zero(n);
                change[static_cast<int>(k)] = in_sigmas(k, theirs - value);
                change[static_cast<int>(other)] = in_sigmas(other, value - theirs);
                consider(k, other, slip, theirs, change);
            }
        };
        swap(Slip::front_rear_swapped, front_rear_twin(reading(k).spot));
        swap(Slip::left_right_swapped, left_right_twin(reading(k).spot));
    }
    std::stable_sort(out.begin(), out.end(), [](const Explanation& a, const Explanation& b) {
        return a.weighted_sum < b.weighted_sum;
    });
    return out;
}

const Explanation* slip_of(const std::vector<Explanation>& all, std::size_t entry) {
    for (const Explanation& x : all)
        if (x.entry == entry) return &x;
    return nullptr;
}

}  // namespace fairchalk
