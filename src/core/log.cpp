// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/log.h"

#include <unordered_map>

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
        if (const Strike* s = std::get_if<Strike>(&e.what); s && !struck[i])
            for (const std::string& id : s->ids) taken_back.emplace(id, s->why);
    }
    return struck;
}

}  // namespace

Job job_of(const std::vector<Entry>& log) {
    Job job;
    job.log = &log;
    job.struck = strikes_of(log);
    LinesSet lines;
    const auto open_round = [&](std::size_t i) -> Round& {
        if (!job.rounds.empty()) job.rounds.back().end = i;
        Round& r = job.rounds.emplace_back();
        r.opened = i;
        return r;
    };
    for (std::size_t i = 0; i < log.size(); ++i) {
        if (job.struck[i]) continue;
        const auto& what = log[i].what;
        if (const auto* car = std::get_if<CarEdit>(&what)) {
            job.car = car->car;
        } else if (const auto* targets = std::get_if<TargetsEdit>(&what)) {
            job.targets = targets->targets;
        } else if (const auto* set = std::get_if<LinesSet>(&what)) {
            lines = *set;
        } else if (const auto* opened = std::get_if<RoundOpened>(&what)) {
            Round& r = open_round(i);
            if (opened->bars.front_ahead) lines.bars.front_ahead = opened->bars.front_ahead;
            if (opened->bars.rear_behind) lines.bars.rear_behind = opened->bars.rear_behind;
            r.floor = opened->floor;
            if (!r.floor && job.rounds.size() > 1) r.floor = job.rounds[job.rounds.size() - 2].floor;
        } else if (std::holds_alternative<Reading>(what)) {
            if (job.rounds.empty()) open_round(i);
            job.rounds.back().readings.push_back(i);
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
        const Strike* s = std::get_if<Strike>(&log[i].what);
        if (s && s->way != Strike::Way::reasoned) continue;
        return log[i].id;
    }
    return std::nullopt;
}

std::optional<std::string> redoable(const std::vector<Entry>& log, std::size_t from) {
    const auto struck = strikes_of(log);
    for (std::size_t i = log.size(); i-- > from;) {
        const Strike* s = std::get_if<Strike>(&log[i].what);
        if (!s || s->way == Strike::Way::reasoned) return std::nullopt;
        if (s->way == Strike::Way::undo && !struck[i]) return log[i].id;
    }
    return std::nullopt;
}

}  // namespace fairchalk
