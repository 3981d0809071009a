// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/knowledge.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>

#include "core/car/adjuster.h"
#include "core/car/steering_rod.h"
#include "core/job/rig.h"
#include "core/reading/reading_kind.h"

namespace fairchalk {
namespace {

template <class T>
const T* by_id(const std::vector<T>& items, std::string_view id) {
    const auto it = std::find_if(items.begin(), items.end(), [&](const T& t) { return t.id == id; });
    return it == items.end() ? nullptr : &*it;
}

const std::vector<std::string>& reasons_of(const Job& job) {
    static const std::vector<std::string> none;
    const ReasonsGiven* asked = last_of<ReasonsGiven>(job);
    return asked ? asked->reasons : none;
}

bool holds(std::string_view condition, const Job& job, const Knowledge& knowledge) {
    const CarCard& car = job.car;
    const auto has_adjuster = [&](std::string_view kind) {
        return std::any_of(car.adjusters.begin(), car.adjusters.end(),
                           [&](const Adjuster& a) { return a.kind == kind; });
    };
    if (condition == "springs") return !car.no_springs;
    if (condition == "blocks") return car.no_springs;
    if (condition == "power-steering") return car.power_steering;
    if (condition == "marked") return !marks_on(job, knowledge).empty();
    const auto equals = condition.find('=');
    const std::string_view name = condition.substr(0, equals), value = condition.substr(equals + 1);
    if (name == "steering") return car.steering == Steering::unknown || name_of(car.steering) == value;
    if (name == "drive") return car.drive == Drive::unknown || name_of(car.drive) == value;
    if (name == "front" || name == "rear") {
        const Suspension s = car.axle(*axle_named(name)).suspension;
        return s == Suspension::unknown || name_of(s) == value;
    }
    if (name == "adjuster") return has_adjuster(value);
    if (name == "rig") {
        const LinesSet* lines = last_of<LinesSet>(job);
        return lines && std::find(lines->rigs.begin(), lines->rigs.end(), value) != lines->rigs.end();
    }
    if (name == "path") return name_of(path_of(job, knowledge)) == value;
    if (name == "reason") {
        const auto& r = reasons_of(job);
        return std::find(r.begin(), r.end(), value) != r.end();
    }
    return false;
}

constexpr std::array plain_conditions = {"springs", "blocks", "power-steering", "marked"};
constexpr std::array valued_conditions = {"steering", "drive", "front", "rear",
                                          "adjuster", "rig",   "path",  "reason"};

std::optional<Length> last_length(const Job& job, const Spot& spot) {
    const auto all = state_readings(job, spot);
    if (all.empty()) return std::nullopt;
    return all.back()->value.length();
}

std::optional<Length> rolled_difference(const Job& job, ReadingId kind, Wheel wheel) {
    Spot first = wheel_spot(kind, wheel), second = first;
    second.rolled = true;
    const auto a = last_length(job, first), b = last_length(job, second);
    if (!a || !b) return std::nullopt;
    return *b - *a;
}

}  // namespace

std::string_view name_of(Path p) {
    static constexpr std::array<std::string_view, 3> names = {"full", "wheel-only", "baseline"};
    return names[index_of(p)];
}

const ReasonItem* Knowledge::reason(std::string_view id) const {
    return by_id(reasons, id);
}
const CheckItem* Knowledge::check(std::string_view id) const {
    return by_id(checks, id);
}
const School* Knowledge::school(std::string_view id) const {
    return by_id(schools, id);
}
const Thing* Knowledge::thing(std::string_view id) const {
    return by_id(things, id);
}
const RigItem* Knowledge::rig(std::string_view id) const {
    return by_id(rigs, id);
}
std::vector<const School*> Knowledge::on(std::string_view topic) const {
    std::vector<const School*> out;
    for (const School& s : schools)
        if (s.topic == topic) out.push_back(&s);
    return out;
}

bool is_condition(std::string_view word) {
    while (!word.empty()) {
        const auto bar = word.find('|');
        const std::string_view one = word.substr(0, bar);
        const std::string_view name = one.substr(0, one.find('='));
        const bool plain =
            std::find(plain_conditions.begin(), plain_conditions.end(), one) != plain_conditions.end();
        const bool valued =
            one.find('=') != std::string_view::npos && one.back() != '=' &&
            std::find(valued_conditions.begin(), valued_conditions.end(), name) != valued_conditions.end();
        if (!plain && !valued) return false;
        if (bar == std::string_view::npos) return true;
        word = word.substr(bar + 1);
    }
    return false;
}

bool applies(const std::vector<std::string>& when, const Job& job, const Knowledge& knowledge) {
    return std::all_of(when.begin(), when.end(), [&](std::string_view condition) {
        for (;;) {
            const auto bar = condition.find('|');
            if (holds(condition.substr(0, bar), job, knowledge)) return true;
            if (bar == std::string_view::npos) return false;
            condition = condition.substr(bar + 1);
        }
    });
}

Path path_of(const Job& job, const Knowledge& knowledge) {
    const auto& reasons = reasons_of(job);
    bool all_wheel = !reasons.empty(), baseline = false;
    for (const std::string& id : reasons) {
        const ReasonItem* r = knowledge.reason(id);
        if (!r) continue;
        all_wheel = all_wheel && r->path == Path::wheel_only;
        baseline = baseline || r->path == Path::baseline;
    }
    return baseline ? Path::baseline : all_wheel ? Path::wheel_only : Path::full;
}

std::array<bool, 8> stages_wanted(const Job& job, const Knowledge& knowledge) {
    std::array<bool, 8> out;
    const auto& reasons = reasons_of(job);
    out.fill(reasons.empty());
    out[index_of(Stage::ask)] = true;
    for (const std::string& id : reasons)
        if (const ReasonItem* r = knowledge.reason(id))
            for (Stage s : r->stages) out[index_of(s)] = true;
    // What is read against gravity has the floor's slope in it, whatever the reason.
    if (!job.rounds.empty())
        for (const std::string& id : job.rounds.back().lines.rigs)
            if (const Rig* rig = rig_named(id))
                for (const ReadingId kind : rig->kinds)
                    if (reading_kind(kind).against_gravity()) out[index_of(Stage::floor)] = true;
    return out;
}

std::vector<const CheckItem*> checks_for(const Job& job, const Knowledge& knowledge) {
    std::vector<const CheckItem*> out;
    for (const CheckItem& c : knowledge.checks)
        if (applies(c.when, job, knowledge)) out.push_back(&c);
    return out;
}

Checked state_of(const Job& job, std::string_view check) {
    for (std::size_t i = job.log->size(); i-- > 0;)
        if (const auto* c = std::get_if<Checked>(&(*job.log)[i].event); c && job.live(i) && c->item == check)
            return *c;
    Checked none;
    none.item = std::string(check);
    return none;
}

std::vector<const CheckItem*> marks_on(const Job& job, const Knowledge& knowledge) {
    std::vector<const CheckItem*> out;
    for (const CheckItem& c : knowledge.checks)
        if (c.blocks && state_of(job, c.id).state == CheckState::failed) out.push_back(&c);
    return out;
}

std::vector<const Caution*> cautions_at(Stage stage, const Job& job, const Knowledge& knowledge,
                                        bool seen_too) {
    std::vector<const Caution*> out;
    for (const Caution& c : knowledge.cautions) {
        if (std::find(c.stages.begin(), c.stages.end(), stage) == c.stages.end()) continue;
        if (!applies(c.when, job, knowledge)) continue;
        bool seen = false;
        for (std::size_t i = 0; i < job.log->size() && !seen; ++i)
            if (const auto* s = std::get_if<CautionSeen>(&(*job.log)[i].event))
                seen = job.live(i) && s->id == c.id;
        if (!seen || seen_too) out.push_back(&c);
    }
    return out;
}

namespace {

/// A road wheel, not the steering wheel nor its nuts.
bool is_road_wheel(std::string part) {
    std::transform(part.begin(), part.end(), part.begin(), [](unsigned char c) { return std::tolower(c); });
    return part.find("wheel") != std::string::npos && part.find("steering") == std::string::npos &&
           part.find("nut") == std::string::npos && part.find("bearing") == std::string::npos &&
           part.find("arch") == std::string::npos;
}

}  // namespace

std::vector<std::string> unlocked_adjusters(const Job& job, std::optional<std::size_t> before) {
    std::vector<std::string> out;
    const auto axle_at = [&](const std::string& id) {
        const int place = job.car.place_of(id);
        return place < 0 ? Axle::front
                         : axle_of(wheel_of(job.car.adjusters[static_cast<std::size_t>(place)]));
    };
    for (std::size_t i = 0; i < before.value_or(job.log->size()); ++i) {
        if (!job.live(i)) continue;
        const auto& what = (*job.log)[i].event;
        if (const Turn* t = std::get_if<Turn>(&what);
            t && std::find(out.begin(), out.end(), t->adjuster) == out.end())
            out.push_back(t->adjuster);
        if (const Change* c = std::get_if<Change>(&what); c && c->kind == ChangeKind::locked)
            std::erase_if(out, [&](const std::string& id) { return !c->axle || *c->axle == axle_at(id); });
    }
    return out;
}

std::vector<PartTouched> loose_list(const Job& job) {
    std::vector<PartTouched> out;
    for (std::size_t i = 0; i < job.log->size(); ++i) {
        const auto* p = std::get_if<PartTouched>(&(*job.log)[i].event);
        if (!p || !job.live(i)) continue;
        std::erase_if(out, [&](const PartTouched& o) { return o.part == p->part; });
        if (p->state != PartState::refitted) out.push_back(*p);
        // A wheel that was off is on its nuts again, and they have still to be torqued.
        if (p->state == PartState::removed && is_road_wheel(p->part)) {
            const PartTouched nuts{PartState::loosened, p->part + std::string(wheel_nuts)};
            std::erase_if(out, [&](const PartTouched& o) { return o.part == nuts.part; });
            out.push_back(nuts);
        }
    }
    return out;
}

RunOut run_out(const Job& job, Wheel wheel) {
    RunOut out;
    const auto difference = rolled_difference(job, ReadingId::rim_runout, wheel);
    if (!difference) return out;
    out.known = true;
    out.half_difference = abs(*difference) / 2.0;
    if (const auto span = job.car.axle(axle_of(wheel)).rim_span)
        out.as_toe = Angle::from_rad(std::asin(std::clamp(abs(*difference) / *span, 0.0, 1.0)));
    return out;
}

std::optional<Length> bulge(const Job& job, Wheel wheel) {
    const auto difference = rolled_difference(job, ReadingId::tire_bulge, wheel);
    if (!difference) return std::nullopt;
    return abs(*difference);
}

SideDifference side_difference(const Job& job, Axle axle, ReadingId kind) {
    SideDifference out;
    const Wheel l = wheel_at(axle, Side::left), r = wheel_at(axle, Side::right);
    const auto a = last_length(job, wheel_spot(kind, l)), b = last_length(job, wheel_spot(kind, r));
    if (!a || !b) return out;
    out.known = true;
    out.by = *a - *b;
    if (const Adjuster* rod = job.car.rod_at(l); rod && rod->pitch)
        out.turns = out.by / length_change(*rod, 1.0);
    return out;
}

}  // namespace fairchalk
