// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shim_picker.h"

#include <algorithm>
#include <cmath>
#include <limits>
#include <map>
#include <set>

#include "core/adjuster.h"

namespace fairchalk {
namespace {

/// Hundredths of a millimetre, and whether it spans.
using Kind = std::pair<int, bool>;
using Counts = std::map<Kind, int>;

int hundredths(double mm) {
    return static_cast<int>(std::lround(mm * 100.0));
}

Counts counts_of(std::span<const ShimsOf> shims) {
    Counts out;
    for (const ShimsOf& s : shims) out[{hundredths(s.thickness.mm()), s.spans}] += s.count;
    return out;
}

std::vector<ShimsOf> shims_of(const Counts& counts) {
    std::vector<ShimsOf> out;
    for (const auto& [kind, n] : counts)
        if (n > 0) out.push_back({Length::from_mm(kind.first / 100.0), n, kind.second});
    return out;
}

int thickness(const Counts& c) {
    int sum = 0;
    for (const auto& [kind, n] : c) sum += kind.first * n;
    return sum;
}

/// Every way to make `wanted` out of shims of these kinds, within what is at hand.
void makings(int wanted, const std::vector<std::pair<Kind, int>>& at_hand, std::size_t from, Counts& so_far,
             std::vector<Counts>& out) {
    constexpr std::size_t most = 4000;
    if (out.size() >= most) return;
    if (wanted == 0) {
        out.push_back(so_far);
        return;
    }
    if (from >= at_hand.size()) return;
    const auto& [kind, have] = at_hand[from];
    for (int n = std::min(have, kind.first > 0 ? wanted / kind.first : 0); n >= 0; --n) {
        if (n > 0) so_far[kind] = n;
        makings(wanted - n * kind.first, at_hand, from + 1, so_far, out);
        so_far.erase(kind);
    }
}

int difference(const Counts& a, const Counts& b) {
    int d = 0;
    for (const auto& [kind, n] : a) d += std::max(0, n - (b.contains(kind) ? b.at(kind) : 0));
    for (const auto& [kind, n] : b) d += std::max(0, n - (a.contains(kind) ? a.at(kind) : 0));
    return d;
}

/// One way of making up an adjuster's stacks.
struct Making {
    std::array<Counts, 2> stacks;  // without plates
    Counts plates;
    int handled = 0;
    Counts used;  // of all kinds
};

class Picker {
  public:
    Picker(std::span<const StackWanted> wanted, std::span<const ShimsOf> tin)
        : wanted_(wanted), left_(counts_of(tin)) {
        for (const StackWanted& w : wanted)
            for (std::size_t s = 0; s < 2; ++s)
                for (const auto& [kind, n] : counts_of(w.now[s]))
                    if (!(kind.second && s == 1)) left_[kind] += n;  // a plate is in both, and one
    }

    std::optional<std::vector<Making>> run() {
        for (const StackWanted& w : wanted_) {
            all_.push_back(makings_of(w));
            if (all_.back().empty()) return std::nullopt;
        }
        choice_.resize(all_.size());
        go(0, 0);
        if (best_ == std::numeric_limits<int>::max()) return std::nullopt;
        return best_choice_;
    }
    int handled() const { return best_; }

  private:
    std::vector<Making> makings_of(const StackWanted& w) const {
        std::vector<Making> out;
        std::array<Counts, 2> now;
        Counts plates_now;
        std::array<int, 2> total{};
        for (std::size_t s = 0; s < 2; ++s) {
            const Counts all = counts_of(w.now[s]);
            total[s] = thickness(all) + hundredths(w.add[s]);
            for (const auto& [kind, n] : all) (kind.second ? plates_now : now[s])[kind] = n;
        }
        if (total[0] < 0 || total[1] < 0) return out;
        std::vector<std::pair<Kind, int>> shims, plates;
        for (const auto& [kind, n] : left_) (kind.second ? plates : shims).emplace_back(kind, n);
        std::sort(shims.begin(), shims.end(),
                  [](const auto& a, const auto& b) { return a.first.first > b.first.first; });
        // Any plates up to the thinner stack; then each stack's rest.
        std::vector<Counts> with_plates{{}};
        if (w.pair)
            for (int t = 1; t <= std::min(total[0], total[1]); ++t) {
                Counts c;
                makings(t, plates, 0, c, with_plates);
                if (plates.empty()) break;
            }
        for (const Counts& p : with_plates) {
            const int under = thickness(p);
            std::array<std::vector<Counts>, 2> ways;
            for (std::size_t s = 0; s < 2; ++s) {
                Counts c;
                if (s == 0 || w.pair)
                    makings(total[s] - under, shims, 0, c, ways[s]);
                else
                    ways[s].push_back({});
                std::sort(ways[s].begin(), ways[s].end(), [&](const Counts& a, const Counts& b) {
                    return difference(a, now[s]) < difference(b, now[s]);
                });
                if (ways[s].size() > 60) ways[s].resize(60);
            }
            for (const Counts& front : ways[0])
                for (const Counts& rear : ways[1]) {
                    Making m{{front, rear}, p, 0, p};
                    for (const Counts* c : {&front, &rear})
                        for (const auto& [kind, n] : *c) m.used[kind] += n;
                    if (std::any_of(m.used.begin(), m.used.end(),
                                    [&](const auto& u) { return u.second > left_.at(u.first); }))
                        continue;
                    m.handled =
                        difference(front, now[0]) + difference(rear, now[1]) + difference(p, plates_now);
                    out.push_back(std::move(m));
                }
        }
        std::sort(out.begin(), out.end(),
                  [](const Making& a, const Making& b) { return a.handled < b.handled; });
        if (out.size() > 400) out.resize(400);
        return out;
    }

    void go(std::size_t i, int handled) {
        if (handled >= best_ || ++nodes_ > 200'000) return;
        if (i == all_.size()) {
            best_ = handled;
            best_choice_.clear();
            for (std::size_t k = 0; k < choice_.size(); ++k) best_choice_.push_back(all_[k][choice_[k]]);
            return;
        }
        for (std::size_t c = 0; c < all_[i].size(); ++c) {
            const Making& m = all_[i][c];
            if (handled + m.handled >= best_) break;
            const bool there = std::all_of(m.used.begin(), m.used.end(),
                                           [&](const auto& u) { return left_[u.first] >= u.second; });
            if (!there) continue;
            for (const auto& [kind, n] : m.used) left_[kind] -= n;
            choice_[i] = c;
            go(i + 1, handled + m.handled);
            for (const auto& [kind, n] : m.used) left_[kind] += n;
        }
    }

    std::span<const StackWanted> wanted_;
    Counts left_;
    std::vector<std::vector<Making>> all_;
    std::vector<std::size_t> choice_;
    std::vector<Making> best_choice_;
    int best_ = std::numeric_limits<int>::max();
    long nodes_ = 0;
};

}  // namespace

StackWanted stacks_wanted(const Device& device, std::array<double, 2> add) {
    const AdjusterKind* kind = adjuster_kind(device.kind);
    return {device.id, device.stacks, add, kind && kind->handles(device).size() == 2};
}

std::optional<ShimPicking> pick_shims(std::span<const StackWanted> wanted, std::span<const ShimsOf> tin) {
    Picker picker(wanted, tin);
    const auto made = picker.run();
    if (!made) return std::nullopt;
    ShimPicking out;
    out.handled = picker.handled();
    // What comes out of one place and goes into another goes straight there.
    struct Short {
        std::string place;
        Kind kind;
        int by;
    };
    std::vector<Short> changes;
    for (std::size_t i = 0; i < wanted.size(); ++i) {
        const StackWanted& w = wanted[i];
        const Making& m = (*made)[i];
        std::array<std::vector<ShimsOf>, 2> then;
        const auto compare = [&](const Counts& a, const Counts& b, const std::string& place) {
            std::set<Kind> kinds;
            for (const auto& [k, n] : a) kinds.insert(k);
            for (const auto& [k, n] : b) kinds.insert(k);
            for (const Kind& k : kinds) {
                const int by = (b.contains(k) ? b.at(k) : 0) - (a.contains(k) ? a.at(k) : 0);
                if (by != 0) changes.push_back({place, k, by});
            }
        };
        Counts plates_now;
        for (std::size_t s = 0; s < 2; ++s) {
            Counts now;
            for (const auto& [kind, n] : counts_of(w.now[s])) (kind.second ? plates_now : now)[kind] = n;
            compare(now, m.stacks[s], w.adjuster + (!w.pair ? "" : s == 0 ? " front" : " rear"));
            Counts all = m.stacks[s];
            for (const auto& [kind, n] : m.plates) all[kind] += n;
            then[s] = shims_of(all);
        }
        compare(plates_now, m.plates, w.adjuster + " both");
        out.stacks.push_back(std::move(then));
    }
    for (Short& to : changes) {
        if (to.by <= 0) continue;
        for (Short& from : changes) {
            if (from.by >= 0 || from.kind != to.kind || to.by == 0) continue;
            const int n = std::min(to.by, -from.by);
            out.moves.push_back(
                {{Length::from_mm(to.kind.first / 100.0), n, to.kind.second}, from.place, to.place});
            to.by -= n;
            from.by += n;
        }
        if (to.by > 0)
            out.moves.push_back(
                {{Length::from_mm(to.kind.first / 100.0), to.by, to.kind.second}, "tin", to.place});
    }
    for (const Short& from : changes)
        if (from.by < 0)
            out.moves.push_back(
                {{Length::from_mm(from.kind.first / 100.0), -from.by, from.kind.second}, from.place, "tin"});
    return out;
}

std::vector<double> reachable_changes(const std::vector<ShimsOf>& stack, std::span<const ShimsOf> others,
                                      double most_mm) {
    Counts all = counts_of(stack);
    for (const auto& [kind, n] : counts_of(others)) all[kind] += n;
    const int now = thickness(counts_of(stack)), most = now + hundredths(most_mm);
    std::set<int> sums{0};
    for (const auto& [kind, n] : all) {
        if (kind.first <= 0) continue;
        std::set<int> more = sums;
        for (int s : sums)
            for (int k = 1; k <= n && s + k * kind.first <= most; ++k) more.insert(s + k * kind.first);
        sums = std::move(more);
    }
    std::vector<double> out;
    for (int s : sums) out.push_back((s - now) / 100.0);
    if (std::find(out.begin(), out.end(), 0.0) == out.end()) out.push_back(0.0);
    std::sort(out.begin(), out.end());
    return out;
}

}  // namespace fairchalk
