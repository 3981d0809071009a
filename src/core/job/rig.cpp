// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/rig.h"

#include <algorithm>

#include "core/quantity/named.h"

namespace fairchalk {
namespace {

using K = ReadingKind;
using U = RigUse;
using R = Reference;

constexpr std::array fields = {
    SizeField{"board_span", &RigSizes::board_span, &Reading::span},
    SizeField{"stud_span", &RigSizes::stud_span, &Reading::span},
    SizeField{"tread_span", &RigSizes::tread_span, &Reading::span},
    SizeField{"gap_height", &RigSizes::gap_height, &Reading::height},
    SizeField{"plumb_height", &RigSizes::plumb_height, &Reading::height},
    SizeField{"mark", &RigSizes::mark, &Reading::mark},
    SizeField{"arm_span", &RigSizes::arm_span, &Reading::arm_span},
    SizeField{"axis_height", &RigSizes::axis_height, &Reading::height},
};

constexpr std::span<const SizeField> from(std::string_view first, std::size_t count = 1) {
    std::size_t i = 0;
    while (fields[i].name != first) ++i;
    return std::span(fields).subspan(i, count);
}

constexpr std::array marks = {K::centreline_to_string};
constexpr std::array straightedge = {K::straightedge_front, K::straightedge_rear};
constexpr std::array arm_jig = {K::arm_jig};
constexpr std::array boards = {K::boards_rear, K::boards_front};
constexpr std::array one_tape = {K::tape_difference};
constexpr std::array stud_bars = {K::stud_bar_rear, K::stud_bar_front};
constexpr std::array tread = {K::tread_rear, K::tread_front};
constexpr std::array toe_angle = {K::toe_angle};
constexpr std::array camber = {K::camber};
constexpr std::array reversed = {K::camber_reversed};
constexpr std::array gap = {K::camber_gap};
constexpr std::array plumb = {K::camber_plumb_upper, K::camber_plumb_lower};
constexpr std::array swing = {K::camber_swing};
constexpr std::array caster = {K::caster};
constexpr std::array axis = {K::axis_offset};

constexpr std::array rigs = {
    RigInfo{
        .id = "string-bars", .reference = R::centreline, .each_wheel = true, .total = true, .thrust = true},
    RigInfo{
        .id = "string-stands", .reference = R::centreline, .each_wheel = true, .total = true, .thrust = true},
    RigInfo{.id = "string-left", .reference = R::centreline, .each_wheel = true},
    RigInfo{.id = "string-right", .reference = R::centreline, .each_wheel = true},
    RigInfo{.id = "chassis-centreline",
            .reference = R::chassis_marks,
            .each_wheel = true,
            .total = true,
            .thrust = true,
            .kinds = marks},
    RigInfo{.id = "straightedge",
            .reference = R::same_side_rear,
            .each_wheel = true,
            .over = Over::fronts,
            .kinds = straightedge},
    RigInfo{.id = "arm-jig",
            .reference = R::centreline,
            .each_wheel = true,
            .total = true,
            .thrust = true,
            .over = Over::wheels,
            .kinds = arm_jig,
            .sizes = from("mark", 2)},
    RigInfo{.id = "toe-boards",
            .total = true,
            .over = Over::axles,
            .kinds = boards,
            .also = one_tape,
            .sizes = from("board_span"),
            .tool = "tape"},
    RigInfo{.id = "stud-bars",
            .total = true,
            .over = Over::axles,
            .kinds = stud_bars,
            .sizes = from("stud_span"),
            .tool = "tape"},
    RigInfo{.id = "tread-tape",
            .total = true,
            .over = Over::axles,
            .kinds = tread,
            .sizes = from("tread_span"),
            .tool = "tape"},
    RigInfo{.id = "toe-gauge", .total = true, .over = Over::axles, .kinds = toe_angle},
    RigInfo{.id = "camber-gauge",
            .use = U::camber,
            .reference = R::gravity,
            .each_wheel = true,
            .over = Over::wheels,
            .kinds = camber,
            .also = reversed},
    RigInfo{.id = "camber-gap",
            .use = U::camber,
            .reference = R::gravity,
            .each_wheel = true,
            .over = Over::wheels,
            .kinds = gap,
            .sizes = from("gap_height"),
            .tool = "spirit-level-gap"},
    RigInfo{.id = "camber-plumb",
            .use = U::camber,
            .reference = R::gravity,
            .each_wheel = true,
            .over = Over::wheels,
            .kinds = plumb,
            .sizes = from("plumb_height"),
            .tool = "plumb-line"},
    RigInfo{.id = "caster-sweep",
            .use = U::caster,
            .reference = R::gravity,
            .each_wheel = true,
            .kinds = camber,
            .swept = true},
    RigInfo{.id = "sweep-gap",
            .use = U::caster,
            .reference = R::gravity,
            .each_wheel = true,
            .kinds = gap,
            .sizes = from("gap_height"),
            .tool = "spirit-level-gap",
            .swept = true},
    RigInfo{.id = "sweep-plumb",
            .use = U::caster,
            .reference = R::gravity,
            .each_wheel = true,
            .kinds = plumb,
            .sizes = from("plumb_height"),
            .tool = "plumb-line",
            .swept = true},
    RigInfo{.id = "caster-swing",
            .use = U::caster,
            .reference = R::gravity,
            .each_wheel = true,
            .over = Over::fronts,
            .kinds = swing},
    RigInfo{.id = "caster-gauge",
            .use = U::caster,
            .reference = R::gravity,
            .each_wheel = true,
            .over = Over::fronts,
            .kinds = caster,
            .tool = "caster-gauge"},
    RigInfo{.id = "caster-axis",
            .use = U::caster,
            .reference = R::gravity,
            .each_wheel = true,
            .over = Over::fronts,
            .kinds = axis,
            .sizes = from("axis_height")},
};

/// Round the car: left rear, left front, right front, right rear.
constexpr std::array walk_of_wheels = {Wheel::rear_left, Wheel::front_left, Wheel::front_right,
                                       Wheel::rear_right};
constexpr std::array fronts = {Wheel::front_left, Wheel::front_right};

}  // namespace

std::string_view name_of(Reference r) {
    constexpr std::array<std::string_view, 5> names = {"centreline", "chassis-marks", "same-side-rear",
                                                       "none", "gravity"};
    return names[static_cast<std::size_t>(index_of(r))];
}

std::span<const RigInfo> all_rigs() {
    return rigs;
}
const RigInfo* rig_named(std::string_view id) {
    const auto it = std::find_if(rigs.begin(), rigs.end(), [&](const RigInfo& r) { return r.id == id; });
    return it == rigs.end() ? nullptr : &*it;
}
std::string known_rigs() {
    return listed(rigs, [](const RigInfo& r) { return r.id; });
}
bool serves_one_rig(std::string_view tool) {
    // One that also does for a sweep is no other.
    return std::count_if(rigs.begin(), rigs.end(),
                         [&](const RigInfo& r) { return r.tool == tool && !r.swept; }) == 1;
}
/// The sweep that a kind is read in; else what it is read with standing straight.
static const RigInfo* swept_rig(ReadingKind kind) {
    const auto it = std::find_if(rigs.begin(), rigs.end(), [&](const RigInfo& r) {
        return r.swept && std::find(r.kinds.begin(), r.kinds.end(), kind) != r.kinds.end();
    });
    return it == rigs.end() ? &rig_of(kind) : &*it;
}
bool reads_string(ReadingKind kind) {
    return kind == K::hub || kind == K::rim_front || kind == K::rim_rear;
}
std::span<const SizeField> size_fields() {
    return fields;
}

const RigInfo& rig_of(ReadingKind kind) {
    const auto has = [&](std::span<const K> kinds) {
        return std::find(kinds.begin(), kinds.end(), kind) != kinds.end();
    };
    // What no other rig reads is read on strings.
    const auto it = std::find_if(rigs.begin(), rigs.end(),
                                 [&](const RigInfo& r) { return !r.swept && (has(r.kinds) || has(r.also)); });
    return it == rigs.end() ? rigs.front() : *it;
}

Reading blank_reading(const Spot& spot, const LinesSet& lines) {
    Reading r;
    r.spot = spot;
    r.value.kind = info_of(spot.kind).quantity;
    const RigInfo& rig = rig_of(spot.kind);
    r.tool = !rig.tool.empty()                     ? std::string(rig.tool)
             : r.value.kind == QuantityKind::angle ? lines.gauge
                                                   : lines.tool;
    for (const SizeField& size : rig.sizes) r.*size.becomes = lines.sizes.*size.field;
    const Angle sweep = lines.sweep.value_or(usual_sweep);
    if (spot.swept != Swept::straight) r.turned = spot.swept == Swept::out ? sweep : -sweep;
    if (spot.kind == K::camber_swing) {
        r.turned = -sweep;
        r.from = sweep;
    }
    if (spot.kind == K::caster && lines.sweep) {
        r.swept = sweep;
        r.scale_for = lines.caster_scale;
    }
    return r;
}

std::vector<Spot> walk_of(const RigInfo& rig, const LinesSet& lines, const CarCard& car) {
    std::vector<Spot> out;
    const auto strings = [&](bool bars, std::optional<Side> only) {
        for (const Spot& s : string_walk())
            if (s.wheel ? !only || side_of(*s.wheel) == *only : bars) out.push_back(s);
    };
    if (rig.id == "string-bars" || rig.id == "string-stands") strings(true, {});
    if (rig.id == "string-left") strings(false, Side::left);
    if (rig.id == "string-right") strings(false, Side::right);
    if (rig.reference == R::chassis_marks) {
        strings(false, {});
        std::vector<Length> stations = lines.stations;
        if (stations.empty()) stations = {Length(), car.wheelbase.value_or(usual_wheelbase)};
        for (Side side : both_sides)
            for (Length x : stations) out.push_back(station_spot(K::centreline_to_string, side, x));
    }
    if (rig.id == "arm-jig")
        for (Axle a : both_axles) out.push_back(axle_spot(K::hub_width, a));
    if (rig.swept)
        for (Wheel w : fronts)
            for (Swept s : {Swept::straight, Swept::out, Swept::in})
                for (K kind : rig.kinds) out.push_back(swept_spot(kind, w, s));
    if (rig.over == Over::axles)
        for (Axle a : both_axles)
            for (K kind : rig.kinds) out.push_back(axle_spot(kind, a));
    const auto at = [&](std::span<const Wheel> wheels) {
        for (Wheel w : wheels)
            for (K kind : rig.kinds) out.push_back(wheel_spot(kind, w));
    };
    if (rig.over == Over::wheels) at(walk_of_wheels);
    if (rig.over == Over::fronts) at(fronts);
    return out;
}

std::vector<Spot> besides(const Spot& spot, const CarCard& car) {
    std::vector<Spot> out;
    switch (spot.kind) {
        case K::rim_front:
        case K::rim_rear:
        case K::camber:
        case K::camber_gap:
        case K::camber_plumb_upper:
        case K::camber_plumb_lower:
            if (spot.swept != Swept::straight || spot.rolled) break;
            out.push_back(spot);
            out.back().rolled = true;
            break;
        case K::hub:
            out.push_back(station_spot(
                K::string_height, side_of(*spot.wheel),
                axle_of(*spot.wheel) == Axle::rear ? Length() : car.wheelbase.value_or(usual_wheelbase)));
            out.push_back(axle_spot(K::hub_width, axle_of(*spot.wheel)));
            break;
        case K::boards_front:
        case K::boards_rear:
            out.push_back(axle_spot(K::tape_difference, *spot.axle));
            [[fallthrough]];
        case K::tread_front:
        case K::tread_rear:
            if (spot.rolled) break;
            // A quarter on: the same figures prove that neither rim nor sidewall lies.
            out.push_back(spot);
            out.back().rolled = true;
            break;
        default:
            break;
    }
    if (spot.kind == K::camber && spot.swept == Swept::straight && !spot.rolled)
        out.push_back(wheel_spot(K::camber_reversed, *spot.wheel));
    return out;
}

std::vector<const RigInfo*> rigs_of(const Job& job, int round, bool as_read) {
    std::vector<const RigInfo*> out;
    const auto put = [&](const RigInfo* r) {
        if (r && std::count(out.begin(), out.end(), r) == 0) out.push_back(r);
    };
    if (round >= 0 && round < static_cast<int>(job.rounds.size())) {
        const Round& now = job.rounds[static_cast<std::size_t>(round)];
        for (const std::string& id : now.lines.rigs) put(rig_named(id));
        // Beside what was chosen, how camber and caster were read: nothing chosen may tell them.
        const bool none_chosen = out.empty();
        if (as_read)
            for (std::size_t i : now.readings) {
                const Reading& r = std::get<Reading>((*job.log)[i].event);
                if (!reads_angle((*job.log)[i]) || r.spot.kind == K::hub_width) continue;
                const RigInfo* rig =
                    r.turned || r.wheel_turned ? swept_rig(r.spot.kind) : &rig_of(r.spot.kind);
                if (none_chosen || rig->use != U::toe) put(rig);
            }
    }
    // Chosen for camber or caster alone is chosen too.
    const bool chosen = round >= 0 && round < static_cast<int>(job.rounds.size()) &&
                        !job.rounds[static_cast<std::size_t>(round)].lines.rigs.empty();
    if (!chosen && std::none_of(out.begin(), out.end(), [](const RigInfo* r) { return r->use == U::toe; }))
        out.insert(out.begin(), rig_named("string-bars"));
    return out;
}

std::vector<Spot> round_walk(const Job& job, int round, bool as_read) {
    std::vector<Spot> out;
    const bool exists = round >= 0 && round < static_cast<int>(job.rounds.size());
    const LinesSet lines = exists ? job.rounds[static_cast<std::size_t>(round)].lines : LinesSet{};
    // What goes across an axle says nothing of the other: where only that one's toe is asked for, it is left.
    const auto asked = [&](Axle axle) {
        return std::any_of(job.targets.begin(), job.targets.end(), [&](const Target& t) {
            const Axle* a = std::get_if<Axle>(&t.where);
            const Wheel* w = std::get_if<Wheel>(&t.where);
            return (t.measure == Measure::total_toe || t.measure == Measure::toe) &&
                   ((a && *a == axle) || (w && axle_of(*w) == axle));
        });
    };
    const auto left_out = [&](const RigInfo& rig, const Spot& s) {
        if (rig.over != Over::axles || asked(*s.axle)) return false;
        const bool read =
            exists &&
            std::any_of(job.rounds[static_cast<std::size_t>(round)].readings.begin(),
                        job.rounds[static_cast<std::size_t>(round)].readings.end(), [&](std::size_t i) {
                            const Spot& r = std::get<Reading>((*job.log)[i].event).spot;
                            return r.axle == s.axle && &rig_of(r.kind) == &rig;
                        });
        return !read && asked(s.axle == Axle::front ? Axle::rear : Axle::front);
    };
    for (const RigInfo* rig : rigs_of(job, round, as_read))
        for (const Spot& s : walk_of(*rig, lines, job.car))
            if (!left_out(*rig, s) && std::find(out.begin(), out.end(), s) == out.end()) out.push_back(s);
    return out;
}

bool tells(const RigInfo& rig, const Target& target) {
    switch (target.measure) {
        case Measure::camber:
        case Measure::cross_camber:
            return rig.use == U::camber;
        case Measure::caster:
        case Measure::cross_caster:
            return rig.use == U::caster;
        case Measure::thrust:
            return rig.thrust;
        case Measure::total_toe:
            return rig.use == U::toe && rig.total;
        case Measure::toe:
            return rig.use == U::toe && rig.each_wheel && rig.reference != R::same_side_rear;
    }
    return false;
}

std::vector<Spot> unread_for(const Job& job, int round, const Target& target) {
    std::vector<Spot> out;
    if (round < 0 || round >= static_cast<int>(job.rounds.size())) return out;
    const Round& now = job.rounds[static_cast<std::size_t>(round)];
    const Axle* axle = std::get_if<Axle>(&target.where);
    const Wheel* wheel = std::get_if<Wheel>(&target.where);
    for (const RigInfo* rig : rigs_of(job, round, true)) {
        if (!tells(*rig, target)) continue;
        for (const Spot& s : walk_of(*rig, now.lines, job.car)) {
            // Strings tell of a wheel by all four; what goes across or stands on a wheel, by itself.
            const bool alone = rig->over == Over::axles || rig->use != U::toe;
            const bool elsewhere =
                (wheel && ((s.wheel && *s.wheel != *wheel) || (s.axle && *s.axle != axle_of(*wheel)))) ||
                (axle && ((s.wheel && axle_of(*s.wheel) != *axle) || (s.axle && *s.axle != *axle)));
            const bool read = std::any_of(now.readings.begin(), now.readings.end(), [&](std::size_t i) {
                return std::get<Reading>((*job.log)[i].event).spot == s;
            });
            if (!read && !(alone && elsewhere) && std::find(out.begin(), out.end(), s) == out.end())
                out.push_back(s);
        }
    }
    return out;
}

bool lines_ready(const LinesSet& lines) {
    if (!sizes_missing(lines).empty()) return false;
    const auto on_bars = [](const std::string& id) { return id == "string-bars" || id == "string-stands"; };
    const bool bars = lines.rigs.empty() || std::any_of(lines.rigs.begin(), lines.rigs.end(), on_bars);
    return !bars || (lines.bars.front_ahead && lines.bars.rear_behind);
}

std::vector<std::string_view> sizes_missing(const LinesSet& lines) {
    std::vector<std::string_view> out;
    for (const std::string& id : lines.rigs)
        if (const RigInfo* rig = rig_named(id))
            for (const SizeField& size : rig->sizes)
                if (!(lines.sizes.*size.field)) out.push_back(size.name);
    return out;
}

}  // namespace fairchalk
