// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/words.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <utility>

#include "words/words_inside.h"

namespace fairchalk::words {
namespace {

/// A kind whose own words say that the wheel was turned.
bool words_while_swept(const Spot& s) {
    Spot straight = s;
    straight.swept = Swept::straight;
    const ReadingKind& kind = reading_kind(s.kind);
    return kind.spot_words(s) != kind.spot_words(straight);
}

}  // namespace

std::string spot_short(const Spot& s) {
    // Those that have words of their own for it, by their kind.
    if (s.swept != Swept::straight && !words_while_swept(s)) {
        Spot straight = s;
        straight.swept = Swept::straight;
        return fill(s.swept == Swept::out ? TR_NOOP("{0}, turned out") : TR_NOOP("{0}, turned in"),
                    {spot_short(straight)});
    }
    if (s.rolled && s.axle) {
        Spot there = s;
        there.rolled = false;
        return fill(TR_NOOP("{0}, a quarter turn on"), {spot_short(there)});
    }
    return fill(reading_kind(s.kind).spot_words(s), {show(s.station.value_or(Length()))});
}

std::string how_to_read(const Spot& s) {
    const std::string at = s.wheel ? wheel(*s.wheel) : s.axle ? axle(*s.axle) : std::string();
    if (s.swept != Swept::straight) {
        if (words_while_swept(s)) return fill(reading_kind(s.kind).how_words(s), {at});
        Spot there = s;
        there.swept = Swept::straight;
        return fill(s.swept == Swept::out
                        ? TR_NOOP("The {0} wheel's front turned outward to its mark, brake held.")
                        : TR_NOOP("The {0} wheel's front turned inward to its mark, brake held."),
                    {at}) +
               ' ' + how_to_read(there);
    }
    if (s.rolled && s.axle) {
        Spot there = s;
        there.rolled = false;
        return tr("Both wheels rolled a quarter of a turn on.") + ' ' + how_to_read(there);
    }
    return fill(reading_kind(s.kind).how_words(s), {at, spot_short(s)});
}

std::string reference(Reference r) {
    switch (r) {
        case Reference::centreline:
            return tr("the car's centerline");
        case Reference::chassis_marks:
            return tr("the chassis marks");
        case Reference::same_side_rear:
            return tr("the rear wheel of the same side");
        case Reference::none:
            return tr("nothing: it is the axle's total");
        case Reference::gravity:
            return tr("gravity");
    }
    return {};
}

std::string size(std::string_view field) {
    for (const SizeField& s : size_fields())
        if (s.name == field) return tr(s.says);
    // What is said with a reading and is no size of the rig.
    if (field == "turned") return tr("how far the wheel was turned");
    if (field == "from") return tr("from where the wheel was turned");
    if (field == "height") return tr("the height between both places");
    if (field == "front_bar") return tr("how far ahead of the hubs the front bar stands");
    if (field == "rear_bar") return tr("how far behind the hubs the rear bar stands");
    return std::string(field);
}

std::string tool(std::string_view name) {
    // The drawer as it comes; what somebody named themselves stays as it is.
    static constexpr std::array<std::pair<std::string_view, const char*>, 10> drawer = {
        {{"steel-rule-mm", TR_NOOP("rule in mm")},
         {"steel-rule-inch", TR_NOOP("rule in 64ths")},
         {"vernier", TR_NOOP("vernier")},
         {"tape", TR_NOOP("tape")},
         {"bubble-gauge", TR_NOOP("bubble gauge")},
         {"digital-angle-gauge", TR_NOOP("digital gauge")},
         {"spirit-level-gap", TR_NOOP("level and rule")},
         {"plumb-line", TR_NOOP("plumb line")},
         {"hinged-gauge", TR_NOOP("hinged gauge")},
         {"caster-gauge", TR_NOOP("caster gauge")}}};
    for (const auto& [its, said] : drawer)
        if (its == name) return tr(said);
    std::string out(name);
    std::replace(out.begin(), out.end(), '-', ' ');
    return out;
}

std::string spot(const Spot& s) {
    if (const char* whole = reading_kind(s.kind).whole_spot_words(s)) return tr(whole);
    if (s.wheel && s.to) return fill(TR_NOOP("from {0} to {1}"), {wheel(*s.wheel), wheel(*s.to)});
    if (s.wheel) return wheel(*s.wheel) + ", " + spot_short(s);
    if (s.axle) return axle(*s.axle) + ", " + spot_short(s);
    return spot_short(s);
}

}  // namespace fairchalk::words
