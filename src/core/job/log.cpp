// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/log.h"

#include <algorithm>
#include <map>
#include <unordered_map>

#include "core/car/adjuster.h"
#include "core/job/rig.h"
#include "core/quantity/named.h"
#include "core/reading/reading_kind.h"

namespace fairchalk {
namespace {

/// Strikes only point backwards, so one pass from the end settles which of them are live.
std::vector<std::optional<std::string>> strikes_of(const std::vector<Entry>& log) {
    std::vector<std::optional<std::string>> struck(log.size());
    std::unordered_map<std::string, std::string> taken_back;
    for (std::size_t i = log.size(); i-- > 0;) {
        const Entry& e = log[i];
        struck[i] = e.struck;
        if (const auto it = taken_back.find(e.id); it != taken_back.end()) struck[i] = it->second;
        if (const Strike* s = std::get_if<Strike>(&e.event); s && !struck[i])
            for (const std::string& id : s->ids) taken_back.emplace(id, s->why);
    }
    return struck;
}

constexpr std::array<std::string_view, 4> check_names = {"open", "good", "failed", "not-applicable"};
constexpr std::array<std::string_view, 4> floor_names = {"flat-enough", "heights", "level-line",
                                                         "level-legs"};
constexpr std::array<std::string_view, 3> school_names = {"wheel", "gear", "roll-in"};
constexpr std::array<std::string_view, 4> part_names = {"loosened", "removed", "provisional", "refitted"};
constexpr std::array<std::string_view, 3> drift_names = {"left", "straight", "right"};
constexpr std::array<std::string_view, 9> change_names = {"jacked", "strings-moved",     "settled",
                                                          "rolled", "bounced",           "steering-recentred",
                                                          "locked", "pressures-changed", "load-changed"};

}  // namespace

std::string_view name_of(CheckState s) {
    return check_names[index_of(s)];
}
std::string_view name_of(FloorMethod m) {
    return floor_names[index_of(m)];
}
std::string_view name_of(SteeringSchool s) {
    return school_names[index_of(s)];
}
std::string_view name_of(PartState s) {
    return part_names[index_of(s)];
}
std::string_view name_of(Drift d) {
    return drift_names[index_of(d)];
}
std::string_view name_of(ChangeKind k) {
    return change_names[index_of(k)];
}
std::optional<CheckState> check_state_named(std::string_view s) {
    return named<CheckState>(check_names, s);
}
std::optional<FloorMethod> floor_method_named(std::string_view s) {
    return named<FloorMethod>(floor_names, s);
}
std::optional<SteeringSchool> steering_school_named(std::string_view s) {
    return named<SteeringSchool>(school_names, s);
}
std::optional<PartState> part_state_named(std::string_view s) {
    return named<PartState>(part_names, s);
}
std::optional<Drift> drift_named(std::string_view s) {
    return named<Drift>(drift_names, s);
}

bool of_round(const Reading& reading) {
    return !reading.pushed && reading_kind(reading.spot.kind).use() == ReadingUse::angles;
}

bool reads_angle(const Entry& entry) {
    const Reading* r = std::get_if<Reading>(&entry.event);
    return r && of_round(*r) && !reading_kind(r->spot.kind).of_steering();
}

std::optional<std::size_t> Round::last_angle(const std::vector<Entry>& log) const {
    for (std::size_t i = readings.size(); i-- > 0;)
        if (reads_angle(log[readings[i]])) return readings[i];
    return std::nullopt;
}

std::vector<const Reading*> state_readings(const Job& job, const Spot& spot) {
    std::vector<const Reading*> out;
    for (std::size_t i : job.others)
        if (const auto& r = std::get<Reading>((*job.log)[i].event); r.spot == spot) out.push_back(&r);
    return out;
}

std::optional<std::size_t> Job::round_of(std::size_t entry) const {
    for (std::size_t k = 0; k < rounds.size(); ++k) {
        const auto& in = rounds[k].readings;
        if (std::find(in.begin(), in.end(), entry) != in.end()) return k;
    }
    return std::nullopt;
}

const Tool* Job::tool(std::string_view name) const {
    const auto it = std::find_if(tools.begin(), tools.end(), [&](const Tool& t) { return t.name == name; });
    return it != tools.end() ? &*it : standard_tool(name);
}

std::vector<std::vector<double>> repeats_with(const Job& job, std::string_view tool) {
    std::vector<std::vector<double>> out;
    for (const Round& round : job.rounds) {
        std::map<Spot, std::vector<double>> at;
        for (std::size_t i : round.readings)
            if (const auto& r = std::get<Reading>((*job.log)[i].event); r.tool == tool)
                at[r.spot].push_back(r.value.value);
        for (auto& [spot, values] : at)
            if (values.size() > 1) out.push_back(std::move(values));
    }
    return out;
}

namespace {

/// As the card has it.
std::string fact_of(const CarCard& car, const Looked& looked) {
    const int place = car.place_of(looked.adjuster);
    return place < 0 ? std::string() : said_of(car.adjusters[static_cast<std::size_t>(place)], looked.field);
}

/// It has no word for it, or one that stands for none; of threads it has the usual one where nobody looked.
bool open_in(const CarCard& car, const Looked& looked) {
    const int place = car.place_of(looked.adjuster);
    if (place < 0 || looked.field == "double_ended") return true;
    const auto unsaid = unsaid_of(car.adjusters[static_cast<std::size_t>(place)], car);
    return unsaid && unsaid->field == looked.field;
}

}  // namespace

bool look_up(CarCard& car, const Looked& looked) {
    const int place = car.place_of(looked.adjuster);
    if (place < 0 || !say_of(car.adjusters[static_cast<std::size_t>(place)], looked.field, looked.value))
        return false;
    if (!car.looked_at(looked.adjuster, looked.field)) car.looked.emplace_back(looked.adjuster, looked.field);
    return true;
}

namespace {

/// What a round says of its lines.
void take_over(LinesSet& lines, const LinesSet& said) {
    const auto put = [](auto& to, const auto& value) {
        if (value != std::remove_cvref_t<decltype(value)>{}) to = value;
    };
    put(lines.tool, said.tool);
    put(lines.gauge, said.gauge);
    put(lines.rigs, said.rigs);
    put(lines.sweep, said.sweep);
    put(lines.caster_scale, said.caster_scale);
    put(lines.stations, said.stations);
    for (const SizeField& f : size_fields()) put(lines.sizes.*f.field, said.sizes.*f.field);
}

}  // namespace

Job job_of(const std::vector<Entry>& log) {
    Job job;
    std::vector<Looked> looked;
    bool found_wrong = false;
    CarCard written;
    job.log = &log;
    job.struck = strikes_of(log);
    LinesSet lines;
    const auto open_round = [&](std::size_t i) -> Round& {
        if (!job.rounds.empty()) job.rounds.back().end = i;
        Round& r = job.rounds.emplace_back();
        r.opened = i;
        return r;
    };
    const auto finer = [](double& finest, const Reading& r) {
        const double d = r.inch_division();
        if (d > 0 && (finest == 0.0 || d < finest)) finest = d;
    };
    for (std::size_t i = 0; i < log.size(); ++i) {
        if (job.struck[i]) continue;
        const auto& what = log[i].event;
        if (const auto* car = std::get_if<CarEdit>(&what)) {
            // What the card now says otherwise than before has the last word.
            std::erase_if(looked, [&](const Looked& l) {
                const std::string now = fact_of(car->car, l);
                return now != fact_of(written, l) && now != l.value;
            });
            job.car = written = car->car;
            for (const Looked& l : looked) look_up(job.car, l);
            job.car.found_wrong = found_wrong;
        } else if (const auto* fact = std::get_if<Looked>(&what)) {
            const std::string said = open_in(job.car, *fact) ? std::string() : fact_of(job.car, *fact);
            if (look_up(job.car, *fact)) {
                looked.push_back(*fact);
                found_wrong = found_wrong || (!said.empty() && said != fact->value);
                job.car.found_wrong = found_wrong;
            }
        } else if (const auto* targets = std::get_if<TargetsEdit>(&what)) {
            job.targets = targets->targets;
        } else if (const auto* set = std::get_if<LinesSet>(&what)) {
            lines = *set;
        } else if (const auto* tool = std::get_if<ToolSet>(&what)) {
            std::erase_if(job.tools, [&](const Tool& t) { return t.name == tool->tool.name; });
            job.tools.push_back(tool->tool);
        } else if (const auto* opened = std::get_if<RoundOpened>(&what)) {
            open_round(i);
            if (opened->bars.front_ahead) lines.bars.front_ahead = opened->bars.front_ahead;
            if (opened->bars.rear_behind) lines.bars.rear_behind = opened->bars.rear_behind;
            if (opened->steering_held) lines.steering_held = *opened->steering_held;
            take_over(lines, opened->lines);
        } else if (const auto* reading = std::get_if<Reading>(&what)) {
            if (!of_round(*reading)) {
                job.others.push_back(i);
                if (reading_kind(reading->spot.kind).use() == ReadingUse::floor)
                    finer(job.finest_of_floor, *reading);
                continue;
            }
            if (job.rounds.empty()) open_round(i);
            job.rounds.back().readings.push_back(i);
            finer(job.rounds.back().finest, *reading);
        }
        if (!job.rounds.empty()) {
            Round& now = job.rounds.back();
            now.car = job.car;
            now.lines = lines;
            now.end = i + 1;
        }
    }
    if (!job.rounds.empty()) job.rounds.back().end = log.size();
    return job;
}

std::optional<std::string> undoable(const std::vector<Entry>& log, std::size_t from) {
    const auto struck = strikes_of(log);
    for (std::size_t i = log.size(); i-- > from;) {
        if (struck[i]) continue;
        const Strike* s = std::get_if<Strike>(&log[i].event);
        if (s && s->way != Strike::Way::reasoned) continue;
        return log[i].id;
    }
    return std::nullopt;
}

std::optional<std::string> redoable(const std::vector<Entry>& log, std::size_t from) {
    const auto struck = strikes_of(log);
    for (std::size_t i = log.size(); i-- > from;) {
        const Strike* s = std::get_if<Strike>(&log[i].event);
        if (!s || s->way == Strike::Way::reasoned) return std::nullopt;
        if (s->way == Strike::Way::undo && !struck[i]) return log[i].id;
    }
    return std::nullopt;
}

bool is_turn(const Entry& e) {
    return std::holds_alternative<Turn>(e.event);
}

std::vector<std::size_t> turns_since_reading(const Job& job) {
    // From the last reading of any round: a round that was opened after the turn has not measured it yet.
    std::vector<std::size_t> out;
    for (std::size_t i = job.log->size(); i-- > 0;) {
        if (!job.live(i)) continue;
        if (reads_angle((*job.log)[i])) break;
        if (is_turn((*job.log)[i])) out.insert(out.begin(), i);
    }
    return out;
}

bool turned_since_reading(const Job& job) {
    return !turns_since_reading(job).empty();
}

bool driven_since_turn(const Job& job) {
    for (std::size_t i = job.log->size(); i-- > 0;) {
        const Entry& e = (*job.log)[i];
        if (!job.live(i)) continue;
        if (is_turn(e)) return false;
        if (const Driven* d = std::get_if<Driven>(&e.event); d && d->wheel_off) return true;
    }
    return false;
}

bool turned_unlocked(const Job& job) {
    for (std::size_t i = job.log->size(); i-- > 0;) {
        if (!job.live(i)) continue;
        const Change* c = std::get_if<Change>(&(*job.log)[i].event);
        if (c && c->kind == ChangeKind::locked) return false;
        if (is_turn((*job.log)[i])) return true;
    }
    return false;
}

}  // namespace fairchalk
