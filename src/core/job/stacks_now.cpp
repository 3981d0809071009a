// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/stacks_now.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <optional>
#include <string>
#include <utility>
#include <variant>
#include <vector>

#include "core/car/adjuster.h"
#include "core/car/shim_picker.h"

namespace fairchalk {
namespace {

Adjuster* device_of(CarCard& card, const std::string& id) {
    const int place = card.place_of(id);
    return place < 0 ? nullptr : &card.adjusters[static_cast<std::size_t>(place)];
}

void put(std::vector<ShimsOf>& tin, const ShimsOf& shims, int sign) {
    const auto it = std::find_if(tin.begin(), tin.end(), [&](const ShimsOf& t) {
        return std::abs(t.thickness.mm() - shims.thickness.mm()) < 0.005 && t.spans == shims.spans;
    });
    if (it != tin.end())
        it->count = std::max(0, it->count + sign * shims.count);
    else if (sign > 0)
        tin.push_back(shims);
}

/// Follows a log: what is in the stacks and the tin.
class Following {
  public:
    void see(const CarCard& card) {
        finish_pass();
        CarCard next = card;
        if (written_) {
            // What the card does not say anew is as it has become.
            if (card.tin == written_->tin) next.tin = now_.tin;
            for (Adjuster& a : next.adjusters) {
                const Adjuster* before = written_->adjuster(a.id);
                const Adjuster* since = now_.adjuster(a.id);
                if (before && since && before->stacks == a.stacks) a.stacks = since->stacks;
            }
        }
        written_ = card;
        now_ = std::move(next);
    }
    void see(const Turn& t) {
        Adjuster* d = device_of(now_, t.adjuster);
        const AdjusterKind* kind = d ? adjuster_kind(d->kind) : nullptr;
        if (kind && kind->exchanges()) return exchange(*d, t.turns);
        if (!kind || !kind->from_tin()) return;
        const auto it = std::find_if(pass_.begin(), pass_.end(),
                                     [&](const StackWanted& w) { return w.adjuster == t.adjuster; });
        StackWanted& w = it != pass_.end() ? *it : pass_.emplace_back(stacks_wanted(*d, {}));
        w.add[0] += t.turns;
        w.add[1] += t.second;
    }
    /// From the inner stack to the outer by so much: the pieces that make it up.
    void exchange(Adjuster& d, double inward) {
        StackWanted w = stacks_wanted(d, {-inward, inward});
        if (!w.known) return;
        const auto picked = pick_shims({&w, 1}, {});
        const std::array<std::vector<ShimsOf>, 2> before = d.stacks;
        // Made otherwise than the pieces allow: what is in there now is not known.
        d.stacks = picked ? picked->stacks[0] : std::array<std::vector<ShimsOf>, 2>{};
        for (std::size_t s = 0; picked && s < 2; ++s)
            if (d.stacks[s].empty() && !before[s].empty()) d.stacks[s] = {{before[s][0].thickness, 0, false}};
    }
    /// What was turned at once was made up at once.
    void finish_pass() {
        const std::vector<StackWanted> pass = std::exchange(pass_, {});
        if (pass.empty() || now_.tin.empty()) return;
        const auto picked = pick_shims(pass, now_.tin);
        for (std::size_t i = 0; i < pass.size(); ++i) {
            Adjuster& d = *device_of(now_, pass[i].adjuster);
            if (!pass[i].known) continue;
            std::array<std::vector<ShimsOf>, 2> before = d.stacks;
            d.stacks = picked ? picked->stacks[i] : std::array<std::vector<ShimsOf>, 2>{};
            for (std::size_t s = 0; picked && s < 2; ++s)
                if (d.stacks[s].empty() && !before[s].empty())
                    d.stacks[s] = {{before[s][0].thickness, 0, false}};
        }
        if (picked)
            for (const ShimMove& m : picked->moves) {
                if (m.from.in_tin()) put(now_.tin, m.shims, -1);
                if (m.to.in_tin()) put(now_.tin, m.shims, +1);
            }
    }
    const CarCard& now() const { return now_; }

  private:
    std::optional<CarCard> written_;
    CarCard now_;
    std::vector<StackWanted> pass_;
};

}  // namespace

CarCard with_stacks_now(const Job& job, CarCard card) {
    const bool exchanges = std::any_of(card.adjusters.begin(), card.adjusters.end(), [](const Adjuster& a) {
        const AdjusterKind* kind = adjuster_kind(a.kind);
        return kind && kind->exchanges();
    });
    if (card.tin.empty() && !exchanges) return card;
    Following f;
    for (std::size_t i = 0; i < job.log->size(); ++i) {
        if (!job.live(i)) continue;
        const auto& what = (*job.log)[i].event;
        if (const auto* edit = std::get_if<CarEdit>(&what))
            f.see(edit->car);
        else if (const auto* turn = std::get_if<Turn>(&what))
            f.see(*turn);
        else if (std::holds_alternative<Reading>(what) || std::holds_alternative<RoundOpened>(what))
            f.finish_pass();
    }
    f.finish_pass();
    for (Adjuster& a : card.adjusters)
        if (const Adjuster* now = f.now().adjuster(a.id)) a.stacks = now->stacks;
    if (!f.now().tin.empty()) card.tin = f.now().tin;
    return card;
}

}  // namespace fairchalk
