// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/staleness.h"
#include "core/reading/reading_kind.h"

#include <algorithm>
#include <array>

namespace fairchalk {
namespace {

using F = Fact;
using What = Happening;

const std::array<Spoils, 13>& on_springs() {
    static const std::array<Spoils, 13> table = {{
        {What::jacked,
         {F::settled, F::heights, F::lines, F::front_toe, F::rear_toe, F::camber, F::caster},
         false,
         0.08,
         0.02,
         0.1,
         Strings::car_moves_between},
        {What::strings_moved, {F::lines}, false, 0.0, 0.0, 0.0, Strings::moved},
        {What::settled,
         {F::lines, F::front_toe, F::rear_toe, F::camber, F::caster},
         true,
         0.05,
         0.05,
         0.1,
         Strings::car_moves_between},
        {What::rolled,
         {F::lines, F::front_toe, F::rear_toe, F::camber, F::caster},
         true,
         0.05,
         0.05,
         0.1,
         Strings::car_moves_between},
        {What::bounced,
         {F::lines, F::front_toe, F::rear_toe, F::camber, F::caster},
         true,
         0.05,
         0.05,
         0.1,
         Strings::car_moves_between},
        {What::steering_moved, {F::steering, F::front_toe}, false, 1.0, 0.01, 0.0, Strings::stay},
        {What::locked,
         {F::front_toe, F::rear_toe, F::camber, F::caster},
         false,
         0.05,
         0.02,
         0.1,
         Strings::stay},
        {What::pressures_changed,
         {F::heights, F::front_toe, F::rear_toe, F::camber, F::caster},
         false,
         0.03,
         0.03,
         0.1,
         Strings::stay},
        {What::load_changed,
         {F::settled, F::heights, F::front_toe, F::rear_toe, F::camber, F::caster},
         false,
         0.03,
         0.03,
         0.1,
         Strings::stay},
        {What::turned_toe, {F::steering, F::front_toe, F::rear_toe}, false, 0.02, 0.01, 0.1, Strings::stay},
        {What::turned_device,
         {F::steering, F::front_toe, F::rear_toe, F::camber, F::caster},
         false,
         0.02,
         0.01,
         0.02,
         Strings::stay},
        {What::turned_other,
         {F::steering, F::front_toe, F::rear_toe, F::camber, F::caster},
         false,
         1.0,
         0.2,
         0.1,
         Strings::stay},
        {What::tiles_placed,
         {F::settled, F::lines, F::front_toe, F::rear_toe, F::camber, F::caster},
         false,
         0.05,
         0.05,
         0.1,
         Strings::moved},
    }};
    return table;
}

/// Without springs nothing settles, and weight or air change nothing; what moves the frame still moves it
/// between the strings.
const std::array<Spoils, 13>& on_blocks() {
    static const std::array<Spoils, 13> table = [] {
        std::array<Spoils, 13> t = on_springs();
        for (Spoils& row : t) {
            switch (row.what) {
                case What::jacked:
                case What::tiles_placed:
                    row.facts = {F::lines};
                    row.here = row.elsewhere = 0.005;
                    row.camber = 0.01;
                    break;
                case What::settled:
                case What::rolled:
                case What::bounced:
                case What::pressures_changed:
                case What::load_changed:
                    row.facts.clear();
                    row.here = row.elsewhere = row.camber = 0.0;
                    row.strings = Strings::stay;
                    break;
                default:
                    break;
            }
        }
        return t;
    }();
    return table;
}

}  // namespace

std::string_view name_of(Happening h) {
    static constexpr std::array<std::string_view, 13> names = {
        "jacked", "strings-moved",     "settled",      "rolled", "bounced", "steering-moved",
        "locked", "pressures-changed", "load-changed", "turned", "turned",  "turned",
        "tiles"};
    return names[index_of(h)];
}

bool Spoils::spoils(Fact f) const {
    return std::find(facts.begin(), facts.end(), f) != facts.end();
}

const Spoils& spoils_of(Happening what, bool no_springs) {
    return (no_springs ? on_blocks() : on_springs())[static_cast<std::size_t>(index_of(what))];
}

std::optional<Happening> happening_of(const Entry& entry, const CarCard& car) {
    if (const auto* c = std::get_if<Change>(&entry.event)) {
        switch (c->kind) {
            case ChangeKind::jacked:
                return What::jacked;
            case ChangeKind::strings_moved:
                return What::strings_moved;
            case ChangeKind::settled:
                return What::settled;
            case ChangeKind::rolled:
                return What::rolled;
            case ChangeKind::bounced:
                return What::bounced;
            case ChangeKind::steering_recentred:
                return What::steering_moved;
            case ChangeKind::locked:
                return What::locked;
            case ChangeKind::pressures_changed:
                return What::pressures_changed;
            case ChangeKind::load_changed:
                return What::load_changed;
        }
    }
    if (const auto* t = std::get_if<Turn>(&entry.event))
        return car.rod(t->adjuster)                         ? What::turned_toe
               : !t->understood || !car.device(t->adjuster) ? What::turned_other
                                                            : What::turned_device;
    if (std::holds_alternative<TilesPlaced>(entry.event)) return What::tiles_placed;
    return std::nullopt;
}

std::optional<Happening> spoiled_since(const Job& job, Fact fact, std::size_t from) {
    std::optional<Happening> by;
    for (std::size_t i = from; i < job.log->size(); ++i) {
        if (!job.live(i)) continue;
        const auto h = happening_of((*job.log)[i], job.car);
        if (!h) continue;
        const Spoils& row = spoils_of(*h, job.car.no_springs);
        if (fact == Fact::settled && row.settles) by.reset();
        if (row.spoils(fact)) by = *h;
    }
    return by;
}

std::optional<std::size_t> settled_at(const Job& job) {
    for (std::size_t i = job.log->size(); i-- > 0;)
        if (job.live(i))
            if (const auto h = happening_of((*job.log)[i], job.car);
                h && spoils_of(*h, job.car.no_springs).settles)
                return i;
    return std::nullopt;
}

std::optional<std::size_t> steering_looked_at(const Job& job) {
    std::optional<std::size_t> looked;
    for (std::size_t i = 0; i < job.log->size(); ++i) {
        if (!job.live(i)) continue;
        const auto& what = (*job.log)[i].event;
        const Reading* r = std::get_if<Reading>(&what);
        if (std::holds_alternative<SteeringSet>(what) ||
            (looked && r && reading_kind(r->spot.kind).of_steering()))
            looked = i;
    }
    return looked;
}

}  // namespace fairchalk
