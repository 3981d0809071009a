// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/reading_kind.h"

#include <algorithm>
#include <array>
#include <numbers>

#include <ceres/jet.h>

#include "core/quantity/translatable.h"

namespace fairchalk {
namespace readings {

#define READING(id) const ReadingKind& id();
#include "core/reading/reading_ids.def"
#undef READING

}  // namespace readings

std::span<const ReadingKind* const> reading_kinds() {
    static const std::array kinds = {
#define READING(id) &readings::id(),
#include "core/reading/reading_ids.def"
#undef READING
    };
    return kinds;
}

std::span<const ReadingId> all_readings() {
    static constexpr std::array ids = {
#define READING(id) ReadingId::id,
#include "core/reading/reading_ids.def"
#undef READING
    };
    return ids;
}

const ReadingKind& reading_kind(ReadingId id) {
    return *reading_kinds()[static_cast<std::size_t>(id)];
}

std::optional<ReadingId> reading_kind_named(std::string_view name) {
    for (ReadingId id : all_readings())
        if (reading_kind(id).name() == name) return id;
    return std::nullopt;
}

std::optional<Bounded> ReadingKind::bounded(Shows) const {
    return quantity() == QuantityKind::length ? std::optional(Bounded::near_string) : std::nullopt;
}

std::optional<ReadingId> ReadingKind::taped_pair(ReadingId self) const {
    const auto other = other_edge();
    if (!other || place() != PlaceKind::axle) return std::nullopt;
    return std::min(self, *other);
}

double ReadingKind::predict(const Site&, const State<double>&) const {
    return 0.0;
}
Jet ReadingKind::predict(const Site&, const State<Jet>&) const {
    return Jet(0.0);
}

double ReadingKind::in_base(const Reading& r, const Tool* tool) const {
    const bool length = r.value.kind == QuantityKind::length;
    double v = r.value.value;
    if (tool && length && tool->quantity == r.value.kind)
        v = undone(v, *tool, r.spot.wheel ? side_of(*r.spot.wheel) : Side::left, r.top_in);
    return length ? v / 1000.0 : v * (std::numbers::pi / 180);
}

double ReadingKind::turned_out(const Spot& s, double sweep) {
    return s.swept == Swept::out ? sweep : s.swept == Swept::in ? -sweep : 0;
}

const char* ReadingKind::how_words(const Spot&) const {
    return TR_NOOP(
        "Hold the rule's zero end on the {1} of the {0} wheel, square to the string, and read it where "
        "the string crosses.");
}

OnFloor ReadingKind::on_floor(const Spot& s) const {
    if (s.wheel) return {OnFloor::From::wheel, -62.0, 0};
    return {OnFloor::From::axle, -16, 0, false};
}

}  // namespace fairchalk
