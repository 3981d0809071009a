// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/advice/record.h"

#include <algorithm>
#include <utility>

namespace fairchalk {
namespace {

/// True for an angle that one of these adjusters sets.
bool set_by(const std::vector<Turn>& turns, const CarCard& car, const CarAngle& angle) {
    const auto& where = angle.where;
    const auto axle_of_it = [&]() -> std::optional<Axle> {
        if (const Axle* a = std::get_if<Axle>(&where)) return *a;
        if (const Wheel* w = std::get_if<Wheel>(&where)) return axle_of(*w);
        return std::nullopt;
    }();
    return std::any_of(turns.begin(), turns.end(), [&](const Turn& t) {
        const Adjuster* a = car.adjuster(t.adjuster);
        if (!a) return false;
        const bool here = axle_of_it && axle_of(wheel_of(*a)) == *axle_of_it;
        const bool its_wheel =
            !std::holds_alternative<Wheel>(where) || std::get<Wheel>(where) == wheel_of(*a) || !a->wheel;
        switch (angle.measure) {
            case Measure::toe:
            case Measure::total_toe:
                return here && its_wheel && (serves_of(*a) & serves_toe) != 0;
            case Measure::camber:
                return here && its_wheel && (serves_of(*a) & serves_camber) != 0;
            case Measure::caster:
                return here && its_wheel && (serves_of(*a) & serves_caster) != 0;
            default:
                return false;
        }
    });
}

/// Pass by pass: the turns after each round that was read, up to the next one that was.
std::vector<Record::Pass> passes_of(const Job& job, std::span<const Estimate> rounds) {
    std::vector<Record::Pass> out;
    Record::Pass open;
    const Estimate* before = rounds.empty() ? nullptr : &rounds.front();
    const auto take = [&](std::size_t from, std::size_t end) {
        for (std::size_t i = from; i < end; ++i) {
            const Turn* t = job.live(i) ? std::get_if<Turn>(&(*job.log)[i].event) : nullptr;
            if (!t) continue;
            if (open.turns.empty()) open.at = (*job.log)[i].at;
            open.turns.push_back(*t);
        }
    };
    // Turned without any string or board: a crooked wheel, a rod that was changed.
    take(0, job.rounds.empty() ? job.log->size() : job.rounds.front().opened);
    for (std::size_t k = 0; k < job.rounds.size(); ++k) {
        const Round& round = job.rounds[k];
        if (!open.turns.empty() && !round.readings.empty() && k < rounds.size()) {
            const Estimate& after = rounds[k];
            for (const CarAngle& angle : angles_of_a_car()) {
                const KnownAngle *from = before->find(angle), *to = after.find(angle);
                if (k > 0 && from && to && from->known && to->known && set_by(open.turns, round.car, angle))
                    open.did.push_back({angle, *from, *to});
            }
            out.push_back(std::exchange(open, {}));
            before = &after;
        }
        take(round.opened, round.end);
    }
    if (!open.turns.empty()) out.push_back(std::move(open));
    return out;
}

}  // namespace

Record record_of(const Job& job, const Estimate& now, std::span<const Estimate> rounds) {
    Record out;
    out.contradicts = now.alarm;
    if (const BiasTaken* bias = last_of<BiasTaken>(job)) out.bias = *bias;
    std::vector<std::pair<std::string, std::string>> accepted;
    for (std::size_t i = 0; i < job.log->size(); ++i) {
        const Entry& e = (*job.log)[i];
        if (!job.live(i)) continue;
        if (!e.at.empty()) {
            if (out.begun.empty()) out.begun = e.at;
            out.ended = e.at;
        }
        if (const auto* o = std::get_if<Odometer>(&e.event)) out.odometer = *o;
        if (const auto* d = std::get_if<Driven>(&e.event)) out.drives.push_back(*d);
        if (const auto* a = std::get_if<LookAgain>(&e.event)) out.again.push_back(*a);
        if (const auto* a = std::get_if<Accepted>(&e.event)) accepted.emplace_back(a->what, a->why);
    }
    out.unlocked = unlocked_adjusters(job);
    out.loose = loose_list(job);

    const std::vector<Verdict> judged = verdicts(job, now);
    const Estimate first = rounds.empty() ? Estimate() : rounds.front();
    for (const CarAngle& angle : angles_of_a_car()) {
        Record::Line line{angle, {}, {}, {}};
        if (const KnownAngle* a = first.find(angle)) line.before = *a;
        if (const KnownAngle* a = now.find(angle)) line.after = *a;
        for (const Verdict& v : judged)
            if (v.target == angle) line.verdict = v;
        // Crosses and single wheels are left out where nobody asked and nobody knows.
        if (line.verdict || ((line.before.known || line.after.known) && !is_cross(angle.measure)))
            out.lines.push_back(line);
    }
    for (const Verdict& v : judged) {
        if (v.call == Call::inside) continue;
        Record::Left left{v.target, v.angle, v.call, {}};
        for (const auto& [what, why] : accepted)
            if (what == v.target.name() || what == accepted_all) left.why = why;
        out.left.push_back(std::move(left));
    }
    out.passes = passes_of(job, rounds);
    for (const Record::Pass& p : out.passes)
        for (const Turn& t : p.turns)
            if (std::find(out.unlocked.begin(), out.unlocked.end(), t.adjuster) == out.unlocked.end() &&
                std::find(out.locked.begin(), out.locked.end(), t.adjuster) == out.locked.end())
                out.locked.push_back(t.adjuster);
    return out;
}

}  // namespace fairchalk
