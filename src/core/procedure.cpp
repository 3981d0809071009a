// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/procedure.h"

#include <algorithm>

namespace fairchalk {
namespace {

/// What each kind of event does to the lines. The other stages' rows come with those stages.
bool spoils_lines(ChangeKind k) {
    return k == ChangeKind::strings_moved;
}
bool moves_car(ChangeKind k) {
    return k == ChangeKind::jacked || k == ChangeKind::settled;
}
bool spoils_readings(ChangeKind) {
    return true;
}

bool is_turn(const Entry& e) {
    return std::holds_alternative<Turn>(e.what);
}

}  // namespace

std::string_view name_of(Stage s) {
    static constexpr std::array<std::string_view, 8> names = {"ask",   "check-over", "floor", "steering",
                                                              "lines", "read",       "turn",  "drive"};
    return names[index_of(s)];
}

std::vector<std::size_t> readings_at(const Job& job, int round, const Spot& spot) {
    std::vector<std::size_t> out;
    if (round < 0 || round >= static_cast<int>(job.rounds.size())) return out;
    for (std::size_t i : job.rounds[round].readings)
        if (std::get<Reading>((*job.log)[i].what).spot == spot) out.push_back(i);
    return out;
}

std::vector<Spot> wanted_spots(const Job& job, int round) {
    if (round <= 0 || round >= static_cast<int>(job.rounds.size())) return string_walk();
    // What happened since the round before was read decides what is stale.
    const Round& before = job.rounds[round - 1];
    const std::size_t from = before.readings.empty() ? before.opened : before.readings.back() + 1;
    std::vector<Wheel> turned;
    for (std::size_t i = from; i < job.rounds[round].opened; ++i) {
        if (!job.live(i)) continue;
        const auto& what = (*job.log)[i].what;
        if (std::holds_alternative<Change>(what)) return string_walk();
        if (const Turn* t = std::get_if<Turn>(&what)) {
            const Rod* rod = job.rounds[round].car.rod(t->adjuster);
            if (!rod) return string_walk();
            turned.push_back(rod->wheel);
        }
    }
    // Nothing turned: the same again. A round before that was not finished is not carried over either.
    if (turned.empty()) return string_walk();
    for (const Spot& spot : wanted_spots(job, round - 1))
        if (readings_at(job, round - 1, spot).empty()) return string_walk();
    return toe_spots_of(turned);
}

std::vector<Spot> toe_spots_of(const std::vector<Wheel>& wheels) {
    std::vector<Spot> out;
    for (const Spot& s : string_walk())
        if (s.wheel && s.kind != ReadingKind::hub && std::count(wheels.begin(), wheels.end(), *s.wheel) > 0)
            out.push_back(s);
    return out;
}

std::optional<Spot> next_spot(const Job& job, int round) {
    for (const Spot& s : wanted_spots(job, round))
        if (readings_at(job, round, s).empty()) return s;
    return std::nullopt;
}

bool turned_since_reading(const Job& job) {
    return !turns_since_reading(job).empty();
}

std::vector<std::size_t> turns_since_reading(const Job& job) {
    // From the last reading of any round: a round that was opened after the turn has not measured it yet.
    std::vector<std::size_t> out;
    for (std::size_t i = job.log->size(); i-- > 0;) {
        if (!job.live(i)) continue;
        if (std::holds_alternative<Reading>((*job.log)[i].what)) break;
        if (is_turn((*job.log)[i])) out.insert(out.begin(), i);
    }
    return out;
}

std::array<StageState, 8> stages_of(const Job& job) {
    std::array<StageState, 8> out;
    StageState& lines = out[index_of(Stage::lines)];
    StageState& read = out[index_of(Stage::read)];
    StageState& turn = out[index_of(Stage::turn)];
    const bool bars = !job.rounds.empty() && job.rounds.back().lines.bars.front_ahead &&
                      job.rounds.back().lines.bars.rear_behind;
    if (bars) lines.knot = Knot::tight;
    const int round = static_cast<int>(job.rounds.size()) - 1;
    if (round >= 0) {
        const auto wanted = wanted_spots(job, round);
        read.of = static_cast<int>(wanted.size());
        for (const Spot& s : wanted) read.done += !readings_at(job, round, s).empty();
        if (read.done == read.of) read.knot = Knot::tight;
        const Round& last = job.rounds.back();
        const std::size_t from = last.readings.empty() ? last.opened : last.readings.back();
        for (std::size_t i = from; i < job.log->size(); ++i) {
            if (!job.live(i)) continue;
            const auto& what = (*job.log)[i].what;
            if (const Change* c = std::get_if<Change>(&what)) {
                if (spoils_lines(c->kind)) lines = {Knot::slack, c->kind, 0, 0};
                if (moves_car(c->kind)) lines = {Knot::slack, c->kind, 0, 0};
                if (spoils_readings(c->kind) && !last.readings.empty())
                    read.knot = Knot::slack, read.spoiled_by = c->kind;
            }
            if (is_turn((*job.log)[i]) && !last.readings.empty()) read.knot = Knot::slack;
        }
        if (round > 0 && read.knot == Knot::open && read.done == 0) read.knot = Knot::slack;
    }
    for (std::size_t i = 0; i < job.log->size(); ++i) {
        if (!job.live(i)) continue;
        const auto& what = (*job.log)[i].what;
        if (std::holds_alternative<Turn>(what)) ++turn.done;
        if (std::holds_alternative<Accepted>(what)) turn.knot = Knot::tight;
        // New readings ask for a new decision.
        if (std::holds_alternative<Reading>(what) && turn.knot == Knot::tight) turn.knot = Knot::slack;
    }
    return out;
}

}  // namespace fairchalk
