// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/rig.h"

#include <algorithm>

namespace fairchalk {
namespace {

using K = ReadingKind;
using U = RigUse;
using R = Reference;

constexpr std::array<std::string_view, 1> board_sizes = {"board_span"};
constexpr std::array<std::string_view, 1> stud_sizes = {"stud_span"};
constexpr std::array<std::string_view, 1> tread_sizes = {"tread_span"};
constexpr std::array<std::string_view, 2> jig_sizes = {"mark", "arm_span"};
constexpr std::array<std::string_view, 1> gap_sizes = {"gap_height"};
constexpr std::array<std::string_view, 1> plumb_sizes = {"plumb_height"};
constexpr std::array<std::string_view, 1> axis_sizes = {"axis_height"};

constexpr std::array rigs = {
    RigInfo{"string-bars", U::toe, R::centreline, true, true, true, {}},
    RigInfo{"string-stands", U::toe, R::centreline, true, true, true, {}},
    RigInfo{"string-left", U::toe, R::centreline, true, false, false, {}},
    RigInfo{"string-right", U::toe, R::centreline, true, false, false, {}},
    RigInfo{"chassis-centreline", U::toe, R::chassis_marks, true, true, true, {}},
    RigInfo{"straightedge", U::toe, R::same_side_rear, true, false, false, {}},
    RigInfo{"arm-jig", U::toe, R::centreline, true, true, true, jig_sizes},
    RigInfo{"toe-boards", U::toe, R::none, false, true, false, board_sizes},
    RigInfo{"stud-bars", U::toe, R::none, false, true, false, stud_sizes},
    RigInfo{"tread-tape", U::toe, R::none, false, true, false, tread_sizes},
    RigInfo{"toe-gauge", U::toe, R::none, false, true, false, {}},
    RigInfo{"camber-gauge", U::camber, R::gravity, true, false, false, {}},
    RigInfo{"camber-gap", U::camber, R::gravity, true, false, false, gap_sizes},
    RigInfo{"camber-plumb", U::camber, R::gravity, true, false, false, plumb_sizes},
    RigInfo{"caster-sweep", U::caster, R::gravity, true, false, false, {}},
    RigInfo{"caster-swing", U::caster, R::gravity, true, false, false, {}},
    RigInfo{"caster-gauge", U::caster, R::gravity, true, false, false, {}},
    RigInfo{"caster-axis", U::caster, R::gravity, true, false, false, axis_sizes},
};

constexpr std::array fields = {
    SizeField{"board_span", &RigSizes::board_span},     SizeField{"stud_span", &RigSizes::stud_span},
    SizeField{"tread_span", &RigSizes::tread_span},     SizeField{"gap_height", &RigSizes::gap_height},
    SizeField{"plumb_height", &RigSizes::plumb_height}, SizeField{"mark", &RigSizes::mark},
    SizeField{"arm_span", &RigSizes::arm_span},         SizeField{"axis_height", &RigSizes::axis_height},
};

constexpr Angle usual_sweep = Angle::from_deg(20.0);

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
std::span<const SizeField> size_fields() {
    return fields;
}

const RigInfo& rig_of(ReadingKind kind) {
    const char* id = "string-bars";
    switch (kind) {
        case K::boards_front:
        case K::boards_rear:
        case K::tape_difference:
            id = "toe-boards";
            break;
        case K::stud_bar_front:
        case K::stud_bar_rear:
            id = "stud-bars";
            break;
        case K::tread_front:
        case K::tread_rear:
            id = "tread-tape";
            break;
        case K::toe_angle:
            id = "toe-gauge";
            break;
        case K::centreline_to_string:
            id = "chassis-centreline";
            break;
        case K::straightedge_front:
        case K::straightedge_rear:
            id = "straightedge";
            break;
        case K::arm_jig:
            id = "arm-jig";
            break;
        case K::camber:
        case K::camber_reversed:
            id = "camber-gauge";
            break;
        case K::camber_gap:
            id = "camber-gap";
            break;
        case K::camber_plumb_upper:
        case K::camber_plumb_lower:
            id = "camber-plumb";
            break;
        case K::camber_swing:
            id = "caster-swing";
            break;
        case K::caster:
            id = "caster-gauge";
            break;
        case K::axis_offset:
            id = "caster-axis";
            break;
        default:
            break;
    }
    return *rig_named(id);
}

Reading blank_reading(const Spot& spot, const LinesSet& lines) {
    Reading r;
    r.spot = spot;
    r.value.kind = info_of(spot.kind).quantity;
    r.tool = r.value.kind == QuantityKind::angle ? lines.gauge : lines.tool;
    const RigSizes& sizes = lines.sizes;
    const Angle sweep = lines.sweep.value_or(usual_sweep);
    if (spot.swept != Swept::straight) r.turned = spot.swept == Swept::out ? sweep : -sweep;
    switch (spot.kind) {
        case K::boards_front:
        case K::boards_rear:
        case K::tape_difference:
            r.span = sizes.board_span;
            break;
        case K::stud_bar_front:
        case K::stud_bar_rear:
            r.span = sizes.stud_span;
            break;
        case K::tread_front:
        case K::tread_rear:
            r.span = sizes.tread_span;
            break;
        case K::camber_gap:
            r.height = sizes.gap_height;
            break;
        case K::camber_plumb_upper:
        case K::camber_plumb_lower:
            r.height = sizes.plumb_height;
            break;
        case K::axis_offset:
            r.height = sizes.axis_height;
            break;
        case K::arm_jig:
            r.mark = sizes.mark;
            r.arm_span = sizes.arm_span;
            break;
        case K::camber_swing:
            r.turned = -sweep;
            r.from = sweep;
            break;
        case K::caster:
            if (lines.sweep) {
                r.swept = sweep;
                r.scale_for = lines.caster_scale;
            }
            break;
        default:
            break;
    }
    return r;
}

std::vector<Spot> walk_of(const RigInfo& rig, const LinesSet& lines, const CarCard& car) {
    std::vector<Spot> out;
    const auto strings = [&](bool bars, std::optional<Side> only) {
        for (const Spot& s : string_walk())
            if (s.wheel ? !only || side_of(*s.wheel) == *only : bars) out.push_back(s);
    };
    const auto across = [&](K front, K rear) {
        for (Axle a : both_axles)
            for (K kind : {rear, front}) out.push_back(axle_spot(kind, a));
    };
    const auto at = [&](std::span<const Wheel> wheels, std::initializer_list<K> kinds) {
        for (Wheel w : wheels)
            for (K kind : kinds) out.push_back(wheel_spot(kind, w));
    };
    if (rig.id == "string-bars" || rig.id == "string-stands") {
        strings(true, {});
    } else if (rig.id == "string-left") {
        strings(false, Side::left);
    } else if (rig.id == "string-right") {
        strings(false, Side::right);
    } else if (rig.id == "chassis-centreline") {
        strings(false, {});
        std::vector<Length> stations = lines.stations;
        if (stations.empty()) stations = {Length(), car.wheelbase.value_or(usual_wheelbase)};
        for (Side side : both_sides)
            for (Length x : stations) out.push_back(station_spot(K::centreline_to_string, side, x));
    } else if (rig.id == "straightedge") {
        at(fronts, {K::straightedge_front, K::straightedge_rear});
    } else if (rig.id == "arm-jig") {
        for (Axle a : both_axles) out.push_back(axle_spot(K::hub_width, a));
        at(walk_of_wheels, {K::arm_jig});
    } else if (rig.id == "toe-boards") {
        across(K::boards_front, K::boards_rear);
    } else if (rig.id == "stud-bars") {
        across(K::stud_bar_front, K::stud_bar_rear);
    } else if (rig.id == "tread-tape") {
        across(K::tread_front, K::tread_rear);
    } else if (rig.id == "toe-gauge") {
        for (Axle a : both_axles) out.push_back(axle_spot(K::toe_angle, a));
    } else if (rig.id == "camber-gauge") {
        at(walk_of_wheels, {K::camber});
    } else if (rig.id == "camber-gap") {
        at(walk_of_wheels, {K::camber_gap});
    } else if (rig.id == "camber-plumb") {
        at(walk_of_wheels, {K::camber_plumb_upper, K::camber_plumb_lower});
    } else if (rig.id == "caster-sweep") {
        for (Wheel w : fronts)
            for (Swept s : {Swept::straight, Swept::out, Swept::in})
                out.push_back(swept_spot(K::camber, w, s));
    } else if (rig.id == "caster-swing") {
        at(fronts, {K::camber_swing});
    } else if (rig.id == "caster-gauge") {
        at(fronts, {K::caster});
    } else if (rig.id == "caster-axis") {
        at(fronts, {K::axis_offset});
    }
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
        if (out.empty() && as_read)
            for (std::size_t i : now.readings) {
                const Reading& r = std::get<Reading>((*job.log)[i].what);
                if (!reads_angle((*job.log)[i]) || r.spot.kind == K::hub_width) continue;
                put(r.turned || r.wheel_turned ? rig_named("caster-sweep") : &rig_of(r.spot.kind));
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
    for (const RigInfo* rig : rigs_of(job, round, as_read))
        for (const Spot& s : walk_of(*rig, lines, job.car))
            if (std::find(out.begin(), out.end(), s) == out.end()) out.push_back(s);
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
            for (std::string_view size : rig->sizes)
                for (const SizeField& f : fields)
                    if (f.name == size && !(lines.sizes.*f.field)) out.push_back(size);
    return out;
}

}  // namespace fairchalk
