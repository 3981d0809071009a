// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/car/shim_picker.h"

#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <functional>
#include <limits>
#include <map>
#include <set>
#include <tuple>
#include <utility>

#include "core/car/adjuster.h"

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

/// How many of each kind, in the picker's order of kinds.
using Row = std::vector<int>;

/// A way to come to a thickness, and how many shims are put in or taken out for it.
struct Way {
    Row shims;
    int handled = 0;
};

/// An adjuster's stacks as made up.
struct Making {
    std::array<Row, 2> stacks;  // without plates
    Row plates;
};

/// Depth first over the plates and the stacks of all adjusters, bounded by what must still be handled. What
/// was left at hand at some depth is not gone into twice, unless it was come to with fewer handled.
class Picker {
  public:
    /// With `fewest`, the fewest handled; else the first that there is.
    Picker(std::span<const StackWanted> stacks, std::span<const ShimsOf> tin, bool fewest) : fewest_(fewest) {
        Counts all = counts_of(tin);
        for (const StackWanted& w : stacks)
            for (std::size_t s = 0; s < 2; ++s)
                for (const auto& [kind, n] : counts_of(w.now[s]))
                    if (!(kind.second && s == 1)) all[kind] += n;  // a plate is in both, and one
        for (const auto& [kind, n] : all)
            if (kind.first > 0) kinds_.push_back(kind);
        // The thick ones first: so few are tried in vain.
        std::sort(kinds_.begin(), kinds_.end(), std::greater<>());
        has_plates_ = std::any_of(kinds_.begin(), kinds_.end(), [](const Kind& k) { return k.second; });
        left_ = row_of(all);
        at_hand_ = left_;
        sums_ = sums_of(at_hand_);
        for (std::size_t i = 0; i < stacks.size(); ++i) {
            const StackWanted& w = stacks[i];
            std::array<Counts, 2> now = {counts_of(w.now[0]), counts_of(w.now[1])};
            thick_.push_back({thickness(now[0]), thickness(now[1])});
            known_.push_back(w.known);
            now_.push_back({row_of(now[0], false), row_of(now[1], false)});
            plates_now_.push_back(row_of(now[0], true));
            if (w.pair && has_plates_) levels_.push_back({i, plates});
            levels_.push_back({i, 0});
            if (w.pair) levels_.push_back({i, 1});
        }
    }

    const std::vector<Kind>& kinds() const { return kinds_; }
    const Row& now(std::size_t adjuster, std::size_t stack) const { return now_[adjuster][stack]; }
    const Row& plates_now(std::size_t adjuster) const { return plates_now_[adjuster]; }
    int handled() const { return best_; }

    /// With so much added to each of the stacks that it was made with, mm; what nothing is said of is left
    /// out.
    std::optional<std::vector<Making>> run(std::span<const std::array<std::optional<double>, 2>> add) {
        total_.clear();
        for (std::size_t i = 0; i < add.size(); ++i) {
            std::array<int, 2>& total = total_.emplace_back();
            for (std::size_t k = 0; k < 2; ++k) {
                // A plate is in both stacks: of an adjuster that has any, nothing is said before all is.
                if (!add[i][k] || (has_plates_ && !(add[i][0] && add[i][1]))) {
                    total[k] = left_out;
                    continue;
                }
                total[k] = thick_[i][k] + hundredths(*add[i][k]);
                if (total[k] < 0 && known_[i]) return std::nullopt;
                total[k] = std::max(0, total[k]);
            }
        }
        best_ = std::numeric_limits<int>::max();
        entered_.clear();
        tries_ = 0;
        chosen_.assign(add.size(), {});
        still_.assign(levels_.size() + 1, 0);
        for (std::size_t l = levels_.size(); l-- > 0;) {
            const auto& [i, stack] = levels_[l];
            still_[l] = still_[l + 1];
            if (has_plates_ || total_[i][static_cast<std::size_t>(stack)] == left_out) continue;
            const auto& all = ways(levels_[l], total_[i][static_cast<std::size_t>(stack)]);
            if (all.all.empty()) return std::nullopt;
            if (!all.too_many) still_[l] += all.all.front().handled;
        }
        go(0, 0, 0);
        if (best_ == std::numeric_limits<int>::max()) return std::nullopt;
        return best_made_;
    }

  private:
    static constexpr int plates = 2, left_out = -1;
    using Level = std::pair<std::size_t, int>;  // adjuster, and which of its stacks, or `plates`

    Row row_of(const Counts& counts) const {
        Row out(kinds_.size(), 0);
        for (std::size_t k = 0; k < kinds_.size(); ++k)
            if (const auto it = counts.find(kinds_[k]); it != counts.end()) out[k] = it->second;
        return out;
    }
    Row row_of(const Counts& counts, bool spanning) const {
        Row out = row_of(counts);
        for (std::size_t k = 0; k < kinds_.size(); ++k)
            if (kinds_[k].second != spanning) out[k] = 0;
        return out;
    }

    /// From each kind on, which thicknesses so many shims can come to (bounded sums, one kind at a time).
    using Sums = std::vector<std::vector<bool>>;
    Sums sums_of(const Row& at_hand) const {
        std::vector<bool> next(most_thick + 1, false);
        next[0] = true;
        Sums out(kinds_.size());
        for (std::size_t k = kinds_.size(); k-- > 0;) {
            if (!kinds_[k].second) {
                std::vector<int> taken(most_thick + 1, 0);  // of this kind, to come to a sum
                const auto t = static_cast<std::size_t>(kinds_[k].first);
                std::vector<bool> now = next;
                for (std::size_t sum = t; sum <= most_thick; ++sum)
                    if (!now[sum] && now[sum - t] && taken[sum - t] < at_hand[k]) {
                        now[sum] = true;
                        taken[sum] = taken[sum - t] + 1;
                    }
                next = std::move(now);
            }
            out[k] = next;
        }
        return out;
    }

    /// What is looked for at a level: shims that come to just this, or plates that come to no more.
    struct Search {
        bool spanning = false;
        const Row& now;
        const Row& at_hand;
        const Sums& sums;
        std::size_t most = 0;
        std::vector<Way> found{};
        long nodes = 0;
    };
    Search search_for(const Level& level, const Row& at_hand, const Sums& sums, std::size_t most) const {
        const bool spanning = level.second == plates;
        return {
            spanning,
            spanning ? plates_now_[level.first] : now_[level.first][static_cast<std::size_t>(level.second)],
            at_hand, sums, most};
    }
    bool dead_end(const Search& s, std::size_t from, int thick) const {
        return !s.spanning && (thick > most_thick || !s.sums[from][static_cast<std::size_t>(thick)]);
    }
    int have(const Search& s, std::size_t kind) const {
        return kinds_[kind].second == s.spanning ? s.at_hand[kind] : 0;
    }

    /// All of it, thick shims first.
    void all_ways(Search& s, int thick, std::size_t from, Row& so_far) const {
        if (s.found.size() >= s.most) return;
        if (from == kinds_.size() || thick == 0) {
            if (thick > 0 && !s.spanning) return;
            int handled = 0;
            if (fewest_)
                for (std::size_t k = 0; k < so_far.size(); ++k) handled += std::abs(so_far[k] - s.now[k]);
            s.found.push_back({so_far, handled});
            return;
        }
        if (dead_end(s, from, thick)) return;
        for (int n = std::min(have(s, from), thick / kinds_[from].first); n >= 0; --n) {
            so_far[from] = n;
            all_ways(s, thick - n * kinds_[from].first, from + 1, so_far);
        }
        so_far[from] = 0;
    }

    /// Those with just so many handled. `over`: what is wanted more than is now there of this kind and those
    /// after it.
    void ways_by_handling(Search& s, int handled, int thick, int over, int budget, std::size_t from,
                          Row& so_far) const {
        if (s.found.size() >= s.most || ++s.nodes > 100'000) return;
        if (from == kinds_.size()) {
            if (budget == 0 && (thick == 0 || s.spanning)) s.found.push_back({so_far, handled});
            return;
        }
        // The kinds are sorted: none after this is thicker.
        if (dead_end(s, from, thick) || (!s.spanning && std::abs(over) > budget * kinds_[from].first)) return;
        const int now = s.now[from];
        for (int d = 0; d <= budget; ++d)
            for (int n : {now + d, now - d}) {
                if (n < 0 || n > have(s, from) || n * kinds_[from].first > thick) continue;
                so_far[from] = n;
                ways_by_handling(s, handled, thick - n * kinds_[from].first,
                                 over - (n - now) * kinds_[from].first, budget - d, from + 1, so_far);
                if (d == 0) break;
            }
        so_far[from] = 0;
    }

    struct Ways {
        std::vector<Way> all;
        bool too_many = false;
    };
    const Ways& ways(const Level& level, int thick) {
        const auto key = fewest_ ? std::tuple(level.first, level.second, thick)
                                 : std::tuple(std::size_t{0}, level.second == plates ? plates : 0, thick);
        const auto [it, fresh] = ways_.try_emplace(key);
        if (!fresh) return it->second;
        Search s = search_for(level, at_hand_, sums_, most_ways);
        Row so_far(kinds_.size(), 0);
        all_ways(s, thick, 0, so_far);
        // Where any will do, two thousand that begin with the thickest are taken for all there are.
        it->second.too_many = fewest_ && s.found.size() >= most_ways;
        std::stable_sort(s.found.begin(), s.found.end(),
                         [](const Way& a, const Way& b) { return a.handled < b.handled; });
        it->second.all = std::move(s.found);
        return it->second;
    }
    /// Where there are too many to look at: a few of what is left, those with the fewest handled.
    std::vector<Way> some_ways(const Level& level, int thick) const {
        const Sums sums = sums_of(left_);
        Search s = search_for(level, left_, sums, 50);
        Row so_far(kinds_.size(), 0);
        int over = thick, most = 0;
        for (std::size_t k = 0; k < kinds_.size(); ++k) {
            over -= s.now[k] * kinds_[k].first;
            most += s.now[k] + have(s, k);
        }
        for (int handled = 0; handled <= most && s.found.size() < s.most && s.nodes <= 100'000; ++handled)
            ways_by_handling(s, handled, thick, over, handled, 0, so_far);
        return s.found;
    }

    /// `under`: how thick the plates are that lie under this adjuster's stacks.
    void go(std::size_t l, int handled, int under) {
        if (handled + still_[l] >= best_) return;
        if (l == levels_.size()) {
            best_ = handled;
            best_made_ = chosen_;
            return;
        }
        Row key = left_;
        key.push_back(static_cast<int>(l));
        key.push_back(under);
        const auto [it, fresh] = entered_.try_emplace(std::move(key), handled);
        if (!fresh && it->second <= handled) return;
        it->second = handled;
        const auto& [i, stack] = levels_[l];
        if (total_[i][stack == plates ? 0 : static_cast<std::size_t>(stack)] == left_out)
            return go(l + 1, handled, 0);
        const int thick = stack == plates ? std::min(total_[i][0], total_[i][1])
                                          : total_[i][static_cast<std::size_t>(stack)] - under;
        Row& made = stack == plates ? chosen_[i].plates : chosen_[i].stacks[static_cast<std::size_t>(stack)];
        const Ways& known = ways(levels_[l], thick);
        if (known.too_many) tries_ += most_tries / 200;
        const std::vector<Way> some = known.too_many ? some_ways(levels_[l], thick) : std::vector<Way>{};
        for (const Way& w : known.too_many ? some : known.all) {
            if (++tries_ > most_tries || handled + w.handled + still_[l + 1] >= best_) break;
            bool there = true;
            for (std::size_t k = 0; k < left_.size(); ++k) there = there && left_[k] >= w.shims[k];
            if (!there) continue;
            for (std::size_t k = 0; k < left_.size(); ++k) left_[k] -= w.shims[k];
            made = w.shims;
            int beneath = stack == plates ? 0 : under;
            if (stack == plates)
                for (std::size_t k = 0; k < kinds_.size(); ++k) beneath += w.shims[k] * kinds_[k].first;
            const bool last = l + 1 == levels_.size() || levels_[l + 1].first != i;
            go(l + 1, handled + w.handled, last ? 0 : beneath);
            for (std::size_t k = 0; k < left_.size(); ++k) left_[k] += w.shims[k];
        }
    }

    static constexpr std::size_t most_ways = 2'000;
    static constexpr int most_thick = 10'000;
    static constexpr long most_tries = 500'000;

    bool fewest_, has_plates_ = false;
    std::vector<Kind> kinds_;
    Row at_hand_, left_;
    std::vector<std::array<int, 2>> thick_, total_;
    std::vector<bool> known_;
    std::vector<std::array<Row, 2>> now_;
    std::vector<Row> plates_now_;
    std::vector<Level> levels_;
    Sums sums_;               // of all that is at hand
    std::vector<int> still_;  // to be handled from a level on, at the least
    std::map<std::tuple<std::size_t, int, int>, Ways> ways_;
    std::map<Row, int> entered_;
    std::vector<Making> chosen_, best_made_;
    int best_ = 0;
    long tries_ = 0;
};

}  // namespace

StackWanted stacks_wanted(const Adjuster& device, std::array<double, 2> add) {
    const AdjusterKind* kind = adjuster_kind(device.kind);
    // What is moved from one stack to the other has to stand in both of them.
    const bool exchanged = kind && kind->exchanges();
    const bool first = !device.stacks[0].empty(), second = !device.stacks[1].empty();
    StackWanted out{device.id, device.stacks, add, exchanged || (kind && kind->handles(device).size() == 2)};
    out.known = exchanged ? first && second : first || second;
    if (kind) out.names = kind->stacks();
    return out;
}

std::string ShimPlace::name() const {
    if (in_tin()) return "tin";
    return stack.empty() ? adjuster : adjuster + ' ' + std::string(stack);
}

std::optional<ShimPicking> pick_shims(std::span<const StackWanted> wanted, std::span<const ShimsOf> tin) {
    Picker picker(wanted, tin, true);
    std::vector<std::array<std::optional<double>, 2>> add;
    for (const StackWanted& w : wanted) add.push_back({w.add[0], w.add[1]});
    const auto made = picker.run(add);
    if (!made) return std::nullopt;
    ShimPicking out;
    out.handled = picker.handled();
    // What comes out of one place and goes into another goes straight there.
    struct Short {
        ShimPlace place;
        Kind kind;
        int by;
    };
    std::vector<Short> changes;
    const auto compare = [&](const Row& now, const Row& then, const ShimPlace& place) {
        for (std::size_t k = 0; k < then.size(); ++k)
            if (then[k] != now[k]) changes.push_back({place, picker.kinds()[k], then[k] - now[k]});
    };
    for (std::size_t i = 0; i < wanted.size(); ++i) {
        const StackWanted& w = wanted[i];
        const Making& m = (*made)[i];
        std::array<std::vector<ShimsOf>, 2> then;
        for (std::size_t s = 0; s < (w.pair ? 2u : 1u); ++s) {
            compare(picker.now(i, s), m.stacks[s], {w.adjuster, w.pair ? w.names[s] : std::string_view()});
            Counts all;
            for (std::size_t k = 0; k < picker.kinds().size(); ++k)
                all[picker.kinds()[k]] = m.stacks[s][k] + (m.plates.empty() ? 0 : m.plates[k]);
            then[s] = shims_of(all);
        }
        if (!m.plates.empty()) compare(picker.plates_now(i), m.plates, {w.adjuster, "both"});
        out.stacks.push_back(std::move(then));
    }
    const auto move = [&](const Kind& kind, int n, const ShimPlace& from, const ShimPlace& to) {
        out.moves.push_back({{Length::from_mm(kind.first / 100.0), n, kind.second}, from, to});
    };
    for (Short& to : changes) {
        if (to.by <= 0) continue;
        for (Short& from : changes) {
            if (from.by >= 0 || from.kind != to.kind || to.by == 0) continue;
            const int n = std::min(to.by, -from.by);
            move(to.kind, n, from.place, to.place);
            to.by -= n;
            from.by += n;
        }
        if (to.by > 0) move(to.kind, to.by, {}, to.place);
    }
    for (const Short& from : changes)
        if (from.by < 0) move(from.kind, -from.by, from.place, {});
    return out;
}

ShimsAtHand::ShimsAtHand(std::span<const StackWanted> stacks, std::span<const ShimsOf> tin)
    : picked_(
          [picker = Picker(stacks, tin, false)](auto add) mutable { return picker.run(add).has_value(); }) {}

bool ShimsAtHand::enough(std::span<const std::array<std::optional<double>, 2>> add) {
    std::vector<int> key;
    for (const auto& stacks : add)
        for (const auto& mm : stacks) key.push_back(mm ? hundredths(*mm) : std::numeric_limits<int>::min());
    const auto [it, fresh] = known_.try_emplace(std::move(key), false);
    if (fresh) it->second = picked_(add);
    return it->second;
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
