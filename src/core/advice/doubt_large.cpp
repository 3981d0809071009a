// SPDX-License-Identifier: GPL-3.0-or-later
// What is read again, or looked at, before much is turned.
#include <algorithm>
#include <cmath>

#include "core/advice/planner.h"
#include "core/advice/so_far.h"
#include "core/advice/worth.h"
#include "core/job/baseline.h"
#include "core/judge/guesses.h"

namespace fairchalk {

using namespace worth;

namespace {

/// Camber or caster set further than that at a card's word alone: looked at first.
constexpr double most_lean_unproven = one_degree;

}  // namespace

bool Planner::read_twice(Wheel w, bool lean) const {
    const auto spots = spoiled_spots_of(job_, e_.round, lean ? std::vector<Wheel>{} : std::vector<Wheel>{w},
                                        lean ? std::vector<Wheel>{w} : std::vector<Wheel>{});
    return std::none_of(spots.begin(), spots.end(),
                        [&](const Spot& s) { return readings_at(job_, e_.round, s).size() == 1; });
}

/// More than is usual is first doubted as a wrong reading, and a rod's thread is looked at.
bool Planner::large(const Alternative& c) {
    const After after{p_, c.with, c.turns};
    const auto again = [&](Wheel w, bool lean, Message why) {
        ReadAgain r;
        for (const Spot& s :
             spoiled_spots_of(job_, e_.round, lean ? std::vector<Wheel>{} : std::vector<Wheel>{w},
                              lean ? std::vector<Wheel>{w} : std::vector<Wheel>{}))
            if (readings_at(job_, e_.round, s).size() == 1) r.spots.push_back(s);
        r.why = std::move(why);
        plan_.again = std::move(r);
        plan_.next = NextStep::read;
        return true;
    };
    const auto side_shown = [&](const Lever& l) {
        return std::find(options_.side_shown.begin(), options_.side_shown.end(), l.id()) !=
               options_.side_shown.end();
    };
    // A side that nothing has proven yet: looked at before it is turned far.
    const auto unproven = [&](std::size_t h) {
        const Lever& l = c.with[h];
        const bool seen = (l.rod ? l.rod->proven : !l.device->response.empty()) || side_shown(l);
        return c.turns[h] != 0.0 && (l.rod || l.kind->sided(*l.device)) && !seen &&
               !car_.looked_at(l.id(), "rod");
    };
    // So of what eyes see of how a device is built in, where it is turned far for camber or caster: of a
    // wheel, or of what two wheels make together.
    const auto unseen = [&](std::size_t h) -> const char* {
        const Lever& l = c.with[h];
        if (l.rod || c.turns[h] == 0.0 || side_shown(l)) return nullptr;
        for (const char* field : built_in)
            if (hangs_on(*l.device, field, car_) && !car_.looked_at(l.id(), field)) return field;
        return nullptr;
    };
    const TurnedOf turned = turned_in_all(job_);
    const auto lean_unseen = [&](std::size_t h, const Eigen::VectorXd& g) {
        const Lever& l = c.with[h];
        if (!unseen(h)) return 0.0;
        double off = c.turns[h], by = 0.0;
        // Where it is the card that was wrong, and not the hand, what went the wrong way goes further.
        const auto so_far = turned.find(l.id());
        if (so_far != turned.end() && std::find(options_.wrong_way.begin(), options_.wrong_way.end(),
                                                l.id()) != options_.wrong_way.end())
            off -= so_far->second[static_cast<std::size_t>(l.which)];
        for (const Lever::Pull& pull : l.pulls)
            if (pull.angle != WheelAngle::toe) by += g[pull.state] * l.effect(pull, off, p_);
        return by;
    };
    std::vector<Eigen::VectorXd> leans;
    for (Wheel w : all_wheels)
        for (WheelAngle a : {WheelAngle::camber, WheelAngle::caster})
            leans.push_back(angle_gradient(p_, w, a));
    for (const Verdict& v : plan_.before)
        if (v.angle.known) leans.push_back(p_.gradient_of(v.target));
    for (const Eigen::VectorXd& g : leans) {
        double by = 0.0;
        for (std::size_t h = 0; h < c.with.size(); ++h) by += lean_unseen(h, g);
        for (std::size_t h = 0; h < c.with.size(); ++h) {
            // A card that was wrong of one thing is not taken at its word of another.
            if (lean_unseen(h, g) == 0.0 || (std::abs(by) <= most_lean_unproven && !car_.found_wrong))
                continue;
            plan_.look = Look{c.with[h].id(), unseen(h)};
            plan_.next = NextStep::look;
            return true;
        }
    }
    const auto at_unproven = [&](Wheel w) {
        for (std::size_t h = 0; h < c.with.size(); ++h)
            if (c.with[h].rod && c.with[h].wheel == w && unproven(h)) return true;
        return false;
    };
    for (std::size_t h = 0; h < c.with.size(); ++h) {
        if (!unproven(h)) continue;
        // A card that was wrong of one thing is not taken at its word of another.
        bool far = car_.found_wrong || (c.with[h].rod && std::abs(c.turns[h]) > most_turns_unproven);
        // Of a wheel too, though what the other does makes good for it in the target.
        for (const Lever::Pull& pull : c.with[h].pulls)
            far = far || (pull.angle == WheelAngle::toe &&
                          std::abs(c.with[h].effect(pull, c.turns[h], p_)) > most_angle_of_wheel_unproven);
        for (const Verdict& v : plan_.before) {
            if (!v.angle.known) continue;
            // As far as all of them together would drive it the other way; what sets camber takes toe along
            // by the rod too.
            const Eigen::VectorXd g = p_.gradient_of(v.target);
            double by = 0.0;
            for (std::size_t k = 0; k < c.with.size(); ++k)
                for (const Lever::Pull& pull : c.with[k].pulls)
                    if (unproven(k) || (pull.angle == WheelAngle::toe && at_unproven(pull.wheel)))
                        by += g[pull.state] * c.with[k].effect(pull, c.turns[k], p_);
            far = far || std::abs(by) > most_angle_unproven;
        }
        if (!far) continue;
        plan_.look = Look{c.with[h].id(), "rod"};
        plan_.next = NextStep::look;
        return true;
    }
    for (std::size_t h = 0; h < c.with.size(); ++h) {
        const Lever& l = c.with[h];
        if (!l.rod || c.turns[h] == 0.0) continue;
        const double in_all = turned_since_thread(job_, *l.rod) + c.turns[h];
        if (std::max(std::abs(c.turns[h]), std::abs(in_all)) <= most_turns_unasked) continue;
        if (!read_twice(l.wheel, false)) return again(l.wheel, false, {Code::again_large_turn, {l.id()}});
        if (!thread_known(job_, *l.rod)) return again(l.wheel, false, {Code::again_thread, {l.id()}});
    }
    for (Wheel w : all_wheels)
        for (WheelAngle a : wheel_angles) {
            const Eigen::VectorXd g = angle_gradient(p_, w, a);
            const bool lean = a != WheelAngle::toe;
            if (g.isZero() || std::abs(after.change(g)) <= most_angle_unasked || read_twice(w, lean))
                continue;
            return again(w, lean, {Code::again_large_angle, {std::string(name_of(w))}});
        }
    return false;
}

}  // namespace fairchalk
