// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/rig.h"

#include <algorithm>

#include "core/job/rigs/common.h"
#include "core/quantity/named.h"
#include "core/quantity/translatable.h"

namespace fairchalk {
namespace {

constexpr std::array fields = {
    SizeField{"board_span", &RigSizes::board_span, &Reading::span, TR_NOOP("slot to slot of a toe board")},
    SizeField{"stud_span", &RigSizes::stud_span, &Reading::span, TR_NOOP("point to point of a stud bar")},
    SizeField{"tread_span", &RigSizes::tread_span, &Reading::span,
              TR_NOOP("front to back place on the tread")},
    SizeField{"gap_height", &RigSizes::gap_height, &Reading::height,
              TR_NOOP("lip to lip, height for the gap")},
    SizeField{"plumb_height", &RigSizes::plumb_height, &Reading::height,
              TR_NOOP("lip to lip, height on the plumb line")},
    SizeField{"mark", &RigSizes::mark, &Reading::mark, TR_NOOP("string's mark on the outer arm")},
    SizeField{"arm_span", &RigSizes::arm_span, &Reading::arm_span, TR_NOOP("between both arms of a wheel")},
    SizeField{"axis_height", &RigSizes::axis_height, &Reading::height,
              TR_NOOP("upper to lower pivot, height")},
};

/// Notes the parts that a drawing has.
class PartsPen final : public RigPen {
  public:
    explicit PartsPen(const std::optional<Spot>& at) : at_(at) {}
    std::vector<std::string> names;

    const std::optional<Spot>& at() const override { return at_; }
    Angle sweep() const override { return usual_sweep; }
    bool part(std::string_view name, double) override {
        names.emplace_back(name);
        return true;
    }
    bool part(std::string_view name, bool, double width) override { return part(name, width); }
    bool now() const override { return true; }
    void plain(double) override {}
    void guide(double, Dashes, bool) override {}
    void quiet() override {}
    void cover() override {}
    void line(Point, Point) override {}
    void polygon(const std::vector<Point>&) override {}
    void circle(Point, double) override {}
    void box(Point, double, double, double) override {}
    void arc(Point, double, double, double, double) override {}
    void arrow(Point, Point) override {}
    void say(Point, const char*, Align, double) override {}
    void turned(Point, double, const std::function<void()>& draw) override { draw(); }

  private:
    std::optional<Spot> at_;
};

}  // namespace

std::string_view name_of(RigUse use) {
    constexpr std::array<std::string_view, 3> names = {"toe", "camber", "caster"};
    return names[static_cast<std::size_t>(use)];
}
std::string_view name_of(Reference r) {
    constexpr std::array<std::string_view, 5> names = {"centreline", "chassis-marks", "same-side-rear",
                                                       "none", "gravity"};
    return names[static_cast<std::size_t>(index_of(r))];
}

namespace rigs {

#define RIG(id) const Rig& id();
#include "core/job/rig_ids.def"
#undef RIG

}  // namespace rigs

std::span<const Rig* const> all_rigs() {
    static const std::array all = {
#define RIG(id) &rigs::id(),
#include "core/job/rig_ids.def"
#undef RIG
    };
    return all;
}
const Rig* rig_named(std::string_view id) {
    const auto rigs = all_rigs();
    const auto it = std::find_if(rigs.begin(), rigs.end(), [&](const Rig* r) { return r->id == id; });
    return it == rigs.end() ? nullptr : *it;
}
const Rig& usual_rig() {
    return *all_rigs().front();
}
std::string known_rigs() {
    return listed(all_rigs(), [](const Rig* r) { return r->id; });
}
bool serves_one_rig(std::string_view tool) {
    // One that also does for a sweep is no other.
    const auto rigs = all_rigs();
    return std::count_if(rigs.begin(), rigs.end(),
                         [&](const Rig* r) { return r->tool == tool && !r->swept; }) == 1;
}
/// The sweep that a kind is read in; else what it is read with standing straight.
static const Rig& swept_rig(ReadingId kind) {
    for (const Rig* r : all_rigs())
        if (r->swept && r->reads(kind)) return *r;
    return rig_of(kind);
}
std::span<const SizeField> size_fields() {
    return fields;
}

const std::vector<Spot>& spots_without_rig() {
    static const std::vector<Spot> spots = [] {
        std::vector<Spot> out;
        for (ReadingId id : all_readings())
            if (reading_kind(id).wants_no_rig())
                for (Axle a : both_axles) out.push_back(axle_spot(id, a));
        return out;
    }();
    return spots;
}

bool Rig::reads(ReadingId kind) const {
    return std::find(kinds.begin(), kinds.end(), kind) != kinds.end();
}

const Rig& rig_of(ReadingId kind) {
    for (const Rig* r : all_rigs())
        if (!r->swept && (r->reads(kind) || std::find(r->also.begin(), r->also.end(), kind) != r->also.end()))
            return *r;
    return usual_rig();
}
const Rig& rig_of(const Spot& spot) {
    return spot.swept == Swept::straight ? rig_of(spot.kind) : swept_rig(spot.kind);
}

void Rig::draw(RigPen& pen) const {
    if (!pen.at() || !reading_kind(pen.at()->kind).wants_no_rig()) return drawing(pen);
    rigs::draw_axle(pen);
    rigs::draw_hub_width(pen);
}

std::vector<std::string> Rig::parts() const {
    PartsPen pen({});
    drawing(pen);
    return pen.names;
}

Reading blank_reading(const Spot& spot, const LinesSet& lines) {
    Reading r;
    r.spot = spot;
    r.value.kind = reading_kind(spot.kind).quantity();
    const Rig& rig = rig_of(spot.kind);
    r.tool = !rig.tool.empty()                     ? std::string(rig.tool)
             : r.value.kind == QuantityKind::angle ? lines.gauge
                                                   : lines.tool;
    for (const SizeField& size : rig.sizes) r.*size.becomes = lines.sizes.*size.field;
    const Angle sweep = lines.sweep.value_or(usual_sweep);
    if (spot.swept != Swept::straight) r.turned = spot.swept == Swept::out ? sweep : -sweep;
    reading_kind(spot.kind).sweep(r, lines.sweep, lines.caster_scale);
    return r;
}

std::vector<Spot> Rig::walk(const LinesSet&, const CarCard& car) const {
    std::vector<Spot> out;
    if (wants_widths) out = rigs::widths_to_read(car);
    if (swept)
        for (Wheel w : rigs::fronts)
            for (Swept s : {Swept::straight, Swept::out, Swept::in})
                for (ReadingId kind : kinds) out.push_back(swept_spot(kind, w, s));
    if (over == Over::axles)
        for (Axle a : both_axles)
            for (ReadingId kind : kinds) out.push_back(axle_spot(kind, a));
    const auto at = [&](std::span<const Wheel> wheels) {
        for (Wheel w : wheels)
            for (ReadingId kind : kinds) out.push_back(wheel_spot(kind, w));
    };
    if (over == Over::wheels) at(rigs::walk_of_wheels);
    if (over == Over::fronts) at(rigs::fronts);
    return out;
}

std::vector<const Rig*> rigs_of(const Job& job, int round, bool as_read) {
    std::vector<const Rig*> out;
    const auto put = [&](const Rig* r) {
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
                if (!reads_angle((*job.log)[i]) || reading_kind(r.spot.kind).wants_no_rig()) continue;
                const Rig* rig = &(r.turned || r.wheel_turned ? swept_rig(r.spot.kind) : rig_of(r.spot.kind));
                if (none_chosen || rig->use != RigUse::toe) put(rig);
            }
    }
    // Chosen for camber or caster alone is chosen too.
    const bool chosen = round >= 0 && round < static_cast<int>(job.rounds.size()) &&
                        !job.rounds[static_cast<std::size_t>(round)].lines.rigs.empty();
    if (!chosen && std::none_of(out.begin(), out.end(), [](const Rig* r) { return r->use == RigUse::toe; }))
        out.insert(out.begin(), &usual_rig());
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
    const auto left_out = [&](const Rig& rig, const Spot& s) {
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
    for (const Rig* rig : rigs_of(job, round, as_read))
        for (const Spot& s : rig->walk(lines, job.car))
            if (!left_out(*rig, s) && std::find(out.begin(), out.end(), s) == out.end()) out.push_back(s);
    return out;
}

bool tells(const Rig& rig, const Target& target) {
    switch (target.measure) {
        case Measure::camber:
        case Measure::cross_camber:
            return rig.use == RigUse::camber;
        case Measure::caster:
        case Measure::cross_caster:
            return rig.use == RigUse::caster;
        case Measure::thrust:
            return rig.thrust;
        case Measure::total_toe:
            return rig.use == RigUse::toe && rig.total;
        case Measure::toe:
            return rig.use == RigUse::toe && rig.each_wheel && rig.reference != Reference::same_side_rear;
    }
    return false;
}

bool tells(const Rig& rig, const Target& target, std::span<const Rig* const> beside) {
    if (tells(rig, target)) return true;
    const auto strung_at = [&](std::size_t side) {
        return std::any_of(beside.begin(), beside.end(), [&](const Rig* r) { return r->strings[side]; });
    };
    return rig.strung() && strung_at(0) && strung_at(1) && tells(usual_rig(), target);
}

std::vector<Spot> unread_for(const Job& job, int round, const Target& target) {
    std::vector<Spot> out;
    if (round < 0 || round >= static_cast<int>(job.rounds.size())) return out;
    const Round& now = job.rounds[static_cast<std::size_t>(round)];
    const Axle* axle = std::get_if<Axle>(&target.where);
    const Wheel* wheel = std::get_if<Wheel>(&target.where);
    const std::vector<const Rig*> rigs = rigs_of(job, round, true);
    for (const Rig* rig : rigs) {
        if (!tells(*rig, target, rigs)) continue;
        for (const Spot& s : rig->walk(now.lines, job.car)) {
            // Strings tell of a wheel by all four; what goes across or stands on a wheel, by itself.
            const bool alone = rig->over == Over::axles || rig->use != RigUse::toe;
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

std::vector<SizeField> sizes_of(std::span<const std::string> rigs) {
    std::vector<SizeField> out;
    for (const std::string& id : rigs)
        if (const Rig* rig = rig_named(id))
            for (const SizeField& size : rig->sizes)
                if (std::none_of(out.begin(), out.end(),
                                 [&](const SizeField& told) { return told.name == size.name; }))
                    out.push_back(size);
    return out;
}

bool lines_ready(const LinesSet& lines) {
    return sizes_missing(lines).empty();
}

std::vector<std::string_view> sizes_missing(const LinesSet& lines) {
    std::vector<std::string_view> out;
    const bool bars =
        lines.rigs.empty() || std::any_of(lines.rigs.begin(), lines.rigs.end(), [](const std::string& id) {
            const Rig* rig = rig_named(id);
            return rig && rig->bars;
        });
    if (bars && !lines.bars.front_ahead) out.push_back("front_bar");
    if (bars && !lines.bars.rear_behind) out.push_back("rear_bar");
    for (const SizeField& size : sizes_of(lines.rigs))
        if (!(lines.sizes.*size.field)) out.push_back(size.name);
    return out;
}

}  // namespace fairchalk
