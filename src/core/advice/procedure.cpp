// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/procedure.h"

#include <algorithm>
#include <cmath>

#include "core/car/adjuster.h"
#include "core/job/floor.h"
#include "core/job/knowledge.h"
#include "core/job/ride_check.h"
#include "core/job/rig.h"
#include "core/job/wheel_only.h"

namespace fairchalk {
namespace {

constexpr double straight_within_deg = 0.5;

}  // namespace

std::vector<std::size_t> readings_at(const Job& job, int round, const Spot& spot) {
    std::vector<std::size_t> out;
    if (round < 0 || round >= static_cast<int>(job.rounds.size())) return out;
    for (std::size_t i : job.rounds[round].readings)
        if (std::get<Reading>((*job.log)[i].event).spot == spot) out.push_back(i);
    return out;
}

const Reading* last_reading_at(const Job& job, int rounds, const Spot& spot) {
    for (int k = rounds; k-- > 0;)
        if (const auto here = readings_at(job, k, spot); !here.empty())
            return &std::get<Reading>((*job.log)[here.back()].event);
    return nullptr;
}

bool is_read(const Job& job, int round, const Spot& spot) {
    const auto here = readings_at(job, round, spot);
    return std::any_of(here.begin(), here.end(),
                       [&](std::size_t i) { return !std::get<Reading>((*job.log)[i].event).before_shake; });
}

std::vector<Spot> unread_spots(const Job& job, int round) {
    std::vector<Spot> out = wanted_spots(job, round);
    std::erase_if(out, [&](const Spot& s) { return is_read(job, round, s); });
    return out;
}

namespace {

/// What a round wants read, `before` being the last round that was read to its end; -1 where none was.
std::vector<Spot> wanted_after(const Job& job, int round, int before) {
    const auto whole = [&] { return round_walk(job, round, false); };
    if (before < 0) return whole();
    // What happened since it was read decides what is stale. What was read in between, while something was
    // turned or in a round that was left, is read again with the rest.
    const Round& read = job.rounds[static_cast<std::size_t>(before)];
    const auto read_last = read.last_angle(*job.log);
    const std::size_t from = read_last ? *read_last + 1 : read.opened;
    const Round& now = job.rounds[static_cast<std::size_t>(round)];
    // Another way was chosen meanwhile, and its round was left.
    if (before < round - 1 && read.lines.rigs != now.lines.rigs) return whole();
    std::vector<Wheel> turned, leaning;
    const auto spoil = [&](const Adjuster& a) {
        for (Wheel w : wheels_of(a)) {
            turned.push_back(w);
            if (adjuster_kind(a.kind)->leans(a)) leaning.push_back(w);
        }
    };
    for (std::size_t i = from; i < now.opened; ++i) {
        if (!job.live(i)) continue;
        const auto& what = (*job.log)[i].event;
        // Drawn tight, what was turned moves, and nothing else.
        if (const Change* c = std::get_if<Change>(&what); c && c->kind == ChangeKind::locked) {
            bool any = false;
            for (const std::string& id : unlocked_adjusters(job, i)) {
                const Adjuster* a = now.car.adjuster(id);
                if (!a || !adjuster_kind(a->kind)) return whole();
                if (c->axle && axle_of(wheel_of(*a)) != *c->axle) continue;
                any = true;
                spoil(*a);
            }
            if (any) continue;
        }
        if (std::holds_alternative<Change>(what) || std::holds_alternative<TilesPlaced>(what)) {
            const Spoils& row = spoils_of(*happening_of((*job.log)[i], now.car), now.car.no_springs);
            if (row.spoils(Fact::lines) || row.spoils(Fact::rear_toe)) return whole();
            if (row.spoils(Fact::front_toe))
                for (Wheel w : {Wheel::front_left, Wheel::front_right}) turned.push_back(w);
        }
        if (const Turn* t = std::get_if<Turn>(&what)) {
            const Adjuster* a = now.car.adjuster(t->adjuster);
            const AdjusterKind* kind = a ? adjuster_kind(a->kind) : nullptr;
            if (!kind) return whole();
            spoil(*a);
        }
    }
    // Nothing turned: the same again.
    if (turned.empty()) return whole();
    // What was not measured before is measured now.
    auto out = spoiled_spots_of(job, round, turned, leaning);
    const auto add = [&](const Spot& spot) {
        if (std::find(out.begin(), out.end(), spot) == out.end()) out.push_back(spot);
    };
    // What was read beside the chosen ways goes on being read so, while they stay what they were.
    for (int k = round - 1; k >= 0 && job.rounds[static_cast<std::size_t>(k)].lines.rigs == now.lines.rigs;
         --k)
        for (const Spot& spot : spoiled_spots_of(job, k, turned, leaning)) add(spot);
    const auto before_walk = round_walk(job, before, true);
    for (const Spot& spot : whole())
        if (std::find(before_walk.begin(), before_walk.end(), spot) == before_walk.end()) add(spot);
    return out;
}

}  // namespace

std::vector<Spot> wanted_spots(const Job& job, int round) {
    if (round <= 0 || round >= static_cast<int>(job.rounds.size())) return round_walk(job, round, false);
    int read = -1;  // the last round that was read to its end
    for (int k = 0; k < round; ++k) {
        const std::vector<Spot> wanted = wanted_after(job, k, read);
        if (std::all_of(wanted.begin(), wanted.end(), [&](const Spot& s) { return is_read(job, k, s); }))
            read = k;
    }
    return wanted_after(job, round, read);
}

bool waits_for_reading(const Job& job) {
    if (!turned_since_reading(job)) return false;
    // Turned in a round that was read, or before any: what to read is not worked out yet.
    if (job.rounds.empty() || job.rounds.back().last_angle(*job.log)) return true;
    return !unread_spots(job, static_cast<int>(job.rounds.size()) - 1).empty();
}

bool last_is_before_shake(const Job& job) {
    for (std::size_t i = job.log->size(); i-- > 0;) {
        const Reading* r = std::get_if<Reading>(&(*job.log)[i].event);
        if (r && job.live(i) && reads_angle((*job.log)[i])) return r->before_shake;
    }
    return false;
}

bool shake_is_due(const Job& job) {
    return last_is_before_shake(job) && !unread_spots(job, static_cast<int>(job.rounds.size()) - 1).empty();
}

std::vector<Spot> spoiled_spots_of(const Job& job, int round, const std::vector<Wheel>& toe,
                                   const std::vector<Wheel>& lean) {
    std::vector<Spot> out;
    const auto turned = [&](Wheel w) { return std::count(toe.begin(), toe.end(), w) > 0; };
    std::vector<Spot> all = round_walk(job, round, true);
    // What was read beside the walk is read again like the rest.
    if (round >= 0 && round < static_cast<int>(job.rounds.size()))
        for (std::size_t i : job.rounds[static_cast<std::size_t>(round)].readings) {
            const Spot& s = std::get<Reading>((*job.log)[i].event).spot;
            if (reads_angle((*job.log)[i]) && !s.rolled && std::find(all.begin(), all.end(), s) == all.end())
                all.push_back(s);
        }
    for (const Spot& s : all) {
        const ReadingKind& kind = reading_kind(s.kind);
        if (kind.against_gravity() && s.wheel && std::count(lean.begin(), lean.end(), *s.wheel) > 0) {
            out.push_back(s);
            continue;
        }
        if (!kind.tells_toe()) continue;
        // A bar or a jig joins both wheels of a side; what goes across the car, both of an axle.
        if (s.wheel
                ? turned(*s.wheel) ||
                      (kind.joins_side() && turned(static_cast<Wheel>(index_of(*s.wheel) ^ 2)))
                : s.axle && (turned(wheel_at(*s.axle, Side::left)) || turned(wheel_at(*s.axle, Side::right))))
            out.push_back(s);
    }
    return out;
}

std::optional<Spot> next_spot(const Job& job, int round) {
    for (const Spot& s : wanted_spots(job, round))
        if (!is_read(job, round, s)) return s;
    return std::nullopt;
}

namespace {

/// What is done goes stale by what happened since.
void stale_if(StageState& s, const std::optional<Happening>& by) {
    if (!by || s.progress == Progress::to_do) return;
    s.progress = Progress::stale;
    s.spoiled_by = by;
}

void look_over(const Job& job, const Knowledge& knowledge, StageState& check) {
    bool heights_stale = false;
    for (const CheckItem* c : checks_for(job, knowledge)) {
        ++check.of;
        check.done += state_of(job, c->id).state != CheckState::open;
        if (c->sum == "height" || c->sum == "pressure")
            heights_stale =
                heights_stale ||
                ride_check_of(job, c->sum == "height" ? ReadingId::ride_height : ReadingId::pressure).stale;
    }
    if (check.done == check.of && check.of > 0) check.progress = Progress::done;
    if (!marks_on(job, knowledge).empty()) check.progress = Progress::stale;
    if (heights_stale && check.progress == Progress::done)
        stale_if(check, spoiled_since(job, Fact::heights, job.others.front()));
}

/// What the car stands on is known, and the car has settled on it.
void look_at_floor(const Job& job, StageState& ground) {
    const auto floor = floor_now(job);
    ground.of = job.car.no_springs ? 1 : 2;
    const bool level = floor && solve_floor(*floor).known;
    const bool settled = job.car.no_springs || settled_at(job);
    const auto unsettled = spoiled_since(job, Fact::settled, 0);
    ground.done = level + (settled && !job.car.no_springs && !unsettled);
    if (level && settled) ground.progress = Progress::done;
    stale_if(ground, unsettled);
}

/// Looked at again after whatever may have moved it.
void look_at_steering(const Job& job, StageState& steering) {
    const auto looked = steering_looked_at(job);
    if (looked) {
        steering.progress = Progress::done;
        stale_if(steering, spoiled_since(job, Fact::steering, *looked));
        // Looked at, and found off: the estimate reckons with it, and it is still not straight.
        const Reading* r = std::get_if<Reading>(&(*job.log)[*looked].event);
        if (r && std::abs(r->value.angle().deg()) > straight_within_deg)
            stale_if(steering, Happening::steering_moved);
    }
}

void look_at_readings(const Job& job, StageState& lines, StageState& read) {
    if (!job.rounds.empty() && lines_ready(job.rounds.back().lines)) lines.progress = Progress::done;
    const int round = static_cast<int>(job.rounds.size()) - 1;
    if (round >= 0) {
        const auto spots = wanted_spots(job, round);
        read.of = static_cast<int>(spots.size());
        for (const Spot& s : spots) read.done += is_read(job, round, s);
        if (read.done == read.of) read.progress = Progress::done;
        const Round& last = job.rounds.back();
        // Since the last reading of any round: what happens opens a round, and is older than it.
        std::optional<std::size_t> read_last;
        for (const Round& r : job.rounds)
            if (const auto i = r.last_angle(*job.log)) read_last = i;
        const std::size_t from = read_last.value_or(last.opened);
        // What was done before anything was read off the lines is no harm to them.
        if (read_last) stale_if(lines, spoiled_since(job, Fact::lines, from));
        if (read_last)
            for (Fact f : {Fact::lines, Fact::rear_toe, Fact::front_toe})
                if (const auto by = spoiled_since(job, f, from)) {
                    read.progress = Progress::stale;
                    read.spoiled_by = by;
                }
        if (round > 0 && read.progress == Progress::to_do && read.done == 0) read.progress = Progress::stale;
    }
}

void look_at_turns(const Job& job, const Knowledge& knowledge, StageState& turn) {
    for (std::size_t i = 0; i < job.log->size(); ++i) {
        if (!job.live(i)) continue;
        const auto& what = (*job.log)[i].event;
        if (is_turn((*job.log)[i])) ++turn.done;
        if (std::holds_alternative<Accepted>(what)) turn.progress = Progress::done;
        // New readings ask for a new decision.
        if (reads_angle((*job.log)[i]) && turn.progress == Progress::done) turn.progress = Progress::stale;
    }
    if (path_of(job, knowledge) == Path::wheel_only && wheel_only(job).next == WheelStep::done)
        turn.progress = Progress::done;
}

/// Driven after the last turn, and nothing left loose.
void look_at_drive(const Job& job, StageState& drive) {
    std::size_t last_turn = 0, last_drive = 0;
    for (std::size_t i = 0; i < job.log->size(); ++i) {
        if (!job.live(i)) continue;
        if (is_turn((*job.log)[i])) last_turn = i;
        if (std::holds_alternative<Driven>((*job.log)[i].event)) last_drive = i;
    }
    drive.of = static_cast<int>(loose_list(job).size() + unlocked_adjusters(job).size());
    if (last_drive > 0 && last_drive > last_turn)
        drive.progress = drive.of == 0 ? Progress::done : Progress::stale;
    else if (last_drive > 0 && last_turn > last_drive)
        drive.progress = Progress::stale;
}

}  // namespace

std::array<StageState, 8> stages_of(const Job& job, const Knowledge& knowledge) {
    std::array<StageState, 8> out;
    const auto at = [&](Stage s) -> StageState& { return out[static_cast<std::size_t>(index_of(s))]; };
    const auto wanted = stages_wanted(job, knowledge);
    for (Stage s : all_stages) at(s).wanted = wanted[static_cast<std::size_t>(index_of(s))];
    const ReasonsGiven* given = last_of<ReasonsGiven>(job);
    if (given && !given->reasons.empty()) at(Stage::ask).progress = Progress::done;
    look_over(job, knowledge, at(Stage::check_over));
    look_at_floor(job, at(Stage::floor));
    look_at_steering(job, at(Stage::steering));
    look_at_readings(job, at(Stage::lines), at(Stage::read));
    look_at_turns(job, knowledge, at(Stage::turn));
    look_at_drive(job, at(Stage::drive));
    return out;
}

bool test_turn_stands(const Job& job) {
    for (std::size_t i = job.log->size(); i-- > 0;)
        if (const Turn* t = job.live(i) ? std::get_if<Turn>(&(*job.log)[i].event) : nullptr) return t->test;
    return false;
}

}  // namespace fairchalk
