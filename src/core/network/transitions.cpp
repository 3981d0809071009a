// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/network/transitions.h"

#include <array>
#include <cmath>

#include <Eigen/Cholesky>

#include "core/car/steering_rod.h"

namespace fairchalk {
namespace {

constexpr double recentred_sum_deg = 0.01;     // both fronts went the same way: their sum stands
constexpr double string_pair_offset = 0.0002;  // metres: the strings stayed, the car moved between them
constexpr double string_pair_skew = 0.003 * one_degree;
constexpr double anything = 5.0;  // degrees: a turn of which nothing is known

}  // namespace

/// The responses of a device as unknowns, from when it is first turned.
const ResponsePrior& Transitions::responses_of(const Adjuster& d, int place) {
    const auto it = responses.find(place);
    if (it != responses.end()) return it->second;
    const ResponsePrior& p = responses.emplace(place, *response_prior(d, car_)).first->second;
    const int n = static_cast<int>(p.effects.size());
    std::vector<int> unknowns;
    for (int i = 0; i < n; ++i)
        unknowns.push_back(n_.add(Unknown::response, place_of_response(place, i), p.mean[i]));
    // The joint prior, whitened: one row each.
    const Eigen::MatrixXd l = p.covariance.llt().matrixL();
    const Eigen::MatrixXd white = l.triangularView<Eigen::Lower>().solve(Eigen::MatrixXd::Identity(n, n));
    for (int row = 0; row < n; ++row) {
        Linked prior;
        prior.unknowns = unknowns;
        for (int k = 0; k < n; ++k) prior.coefficients.push_back(white(row, k));
        prior.constant = -white.row(row).dot(p.mean);
        n_.link(prior);
    }
    return p;
}

/// Angles after = angles before + what each handle's travel does, for each wheel that it moves.
void Transitions::turn_device(const Turn& t, const Adjuster& d, int place) {
    const AdjusterKind& kind = *adjuster_kind(d.kind);
    const Spoils& row = spoils_of(Happening::turned_device, car_.no_springs);
    const ResponsePrior& prior = responses_of(d, place);
    std::array<double, 2>& so_far = amounts[place];
    std::array<double, 2> travelled{}, aside{};
    const std::array<double, 2> by = {t.turns, t.second};
    for (std::size_t h = 0; h < 2; ++h) {
        travelled[h] = kind.travel(d, so_far[h] + by[h]) - kind.travel(d, so_far[h]);
        aside[h] = kind.aside(d, so_far[h], so_far[h] + by[h]);
        so_far[h] += by[h];
    }
    ++not_seen_yet_[d.id];
    turned_unlocked_.insert(place);
    const std::vector<Wheel> wheels = wheels_of(d);
    for (Wheel wheel : wheels) {
        const int w = index_of(wheel);
        std::optional<std::pair<int, int>> camber;
        for (WheelAngle angle : wheel_angles) {
            const Unknown what = angle_unknowns[index_of(angle)];
            if (!n_.current().contains({what, w})) continue;
            Linked l;
            const int before = n_.current().at({what, w}), after = n_.renew(what, w);
            l.unknowns = {after, before};
            l.coefficients = {1.0, -1.0};
            double size = 0.0, beside = 0.0;
            for (std::size_t i = 0; i < prior.effects.size(); ++i) {
                const Effect& e = prior.effects[i];
                const double by_handle = travelled[static_cast<std::size_t>(e.handle)];
                if (e.wheel != wheel || e.angle != angle) continue;
                beside +=
                    prior.mean[static_cast<Eigen::Index>(i)] * aside[static_cast<std::size_t>(e.handle)];
                if (by_handle == 0.0) continue;
                const int r =
                    n_.current().at({Unknown::response, place_of_response(place, static_cast<int>(i))});
                l.unknowns.push_back(r);
                l.coefficients.push_back(-by_handle);
                size += prior.mean[static_cast<Eigen::Index>(i)] * by_handle;
            }
            // It settles by itself, and no effect is quite linear.
            const double settles = (angle == WheelAngle::toe ? row.here : row.camber) * one_degree;
            l.sigma = std::hypot(std::hypot(settles, kind.bends(d) * size), beside);
            n_.link(l);
            if (angle == WheelAngle::camber) camber = {after, before};
        }
        if (camber && n_.current().contains({Unknown::sai, w})) {
            // The upright leans as one piece: what the camber gained the inclination lost.
            const int before = n_.current().at({Unknown::sai, w}), after = n_.renew(Unknown::sai, w);
            Linked l;
            l.unknowns = {after, before, camber->first, camber->second};
            l.coefficients = {1.0, -1.0, 1.0, -1.0};
            l.sigma = (kind.keeps_included_angle() ? 0.05 : 1.0) * one_degree;
            n_.link(l);
        }
    }
    // The other wheel of a steered axle is taken along by what moved.
    if (wheels.size() == 1 && axle_of(wheels.front()) == Axle::front)
        n_.link_step(Unknown::toe, index_of(wheels.front()) ^ 1, row.elsewhere * one_degree);
}

void Transitions::turn(const Turn& t) {
    const int place = car_.place_of(t.adjuster);
    const Adjuster* device = car_.device(t.adjuster);
    ++n_.epoch;
    if (place >= 0 && t.understood && unsaid_of(car_.adjusters[static_cast<std::size_t>(place)], car_)) {
        // Which way it went nobody knows; that it was this one is as sure as of any.
        turned_unlocked_.insert(place);
        const Adjuster& a = car_.adjusters[static_cast<std::size_t>(place)];
        const AdjusterKind* kind = adjuster_kind(a.kind);
        if (kind && kind->across()) return doubted_turn(t);
        const Wheel w = wheel_of(a);
        turned_anyhow(t, std::array{w});
        const Happening what = is_rod(a) ? Happening::turned_toe : Happening::turned_device;
        if (axle_of(w) == Axle::front)
            n_.link_step(Unknown::toe, index_of(w) ^ 1,
                         spoils_of(what, car_.no_springs).elsewhere * one_degree);
        return;
    }
    if (place >= 0 && !t.counted) {
        const Adjuster& a = car_.adjusters[static_cast<std::size_t>(place)];
        const AdjusterKind* kind = adjuster_kind(a.kind);
        if (serves_of(a) != 0 || (kind && kind->takes_along() != 0.0)) return uncounted_turn(a, place);
    }
    if (device && t.understood && adjuster_kind(device->kind)) return turn_device(t, *device, place);
    const Adjuster* known = car_.rod(t.adjuster);
    if (!known || !t.understood) {
        // An adjuster this version does not know: say nothing about the angles of either axle.
        anything_moved(spoils_of(Happening::turned_other, car_.no_springs));
        return;
    }
    const Adjuster& rod = *known;
    ++not_seen_yet_[rod.id];
    turned_unlocked_.insert(place);
    const int w = index_of(wheel_of(rod));
    const Spoils& row = spoils_of(Happening::turned_toe, car_.no_springs);
    // More thread than the arm is long: whatever that was, it says nothing about the toe now.
    const bool absurd = std::abs(length_change(rod, t.turns) / arm_prior(rod).mean) > 0.5;
    const Angle toe_by = absurd ? Angle::from_deg(anything) : toe_change(rod, t.turns, arm_prior(rod).mean);
    const int toe_before = n_.current().at({Unknown::toe, w});
    if (absurd || !n_.current().contains({Unknown::arm, place})) {
        n_.link_step(Unknown::toe, w, anything * one_degree);
    } else {
        const int before = n_.current().at({Unknown::toe, w});
        const int after = n_.renew(Unknown::toe, w);
        Linked l;
        l.unknowns = {after, before};
        l.coefficients = {1.0, -1.0};
        l.rod = true;
        l.length_change = length_change(rod, t.turns).m() * toe_sign(rod);
        l.sigma = row.here * one_degree;
        l.unknowns.push_back(n_.current().at({Unknown::arm, place}));
        n_.link(l);
    }
    lean_by_toe(w, toe_before, toe_by);
    if (axle_of(wheel_of(rod)) == Axle::front) n_.link_step(Unknown::toe, w ^ 1, row.elsewhere * one_degree);
}

/// Its camber after a rod turned that wheel.
void Transitions::lean_by_toe(int w, int toe_before, Angle toe_by) {
    if (!n_.current().contains({Unknown::camber, w})) return;
    const int toe_after = n_.current().at({Unknown::toe, w}), before = n_.current().at({Unknown::camber, w}),
              after = n_.renew(Unknown::camber, w);
    const bool front = w < 2, known = front && n_.current().contains({Unknown::caster, w});
    Linked l;
    l.unknowns = {after, before};
    l.coefficients = {1.0, -1.0};
    if (known) {
        l.leans = true;
        for (int i : {n_.current().at({Unknown::caster, w}), toe_after, toe_before}) l.unknowns.push_back(i);
    } else if (front) {
        const double lean = std::tan(usual_caster.rad());
        for (const auto& [toe, c] : {std::pair(toe_after, lean), {toe_before, -lean}}) {
            l.unknowns.push_back(toe);
            l.coefficients.push_back(c);
        }
    }
    l.sigma = camber_by_toe(toe_by.rad(), front ? Axle::front : Axle::rear, known);
    n_.link(l);
}

/// It was turned, and nobody counted how much: its wheel is as it is read after it.
void Transitions::uncounted_turn(const Adjuster& a, int place) {
    turned_unlocked_.insert(place);
    const Spoils& row = spoils_of(Happening::turned_device, car_.no_springs);
    const std::vector<Wheel> wheels = is_rod(a) ? std::vector<Wheel>{wheel_of(a)} : wheels_of(a);
    if (wheels.size() == 2)
        both_fronts_the_same_way(anything, row.here);
    else
        n_.link_step(Unknown::toe, index_of(wheels.front()), anything * one_degree);
    for (Wheel wheel : wheels) {
        const int w = index_of(wheel);
        const bool leans = (serves_of(a) & (serves_camber | serves_caster)) != 0;
        for (Unknown lean : {Unknown::camber, Unknown::caster, Unknown::sai})
            n_.link_step(lean, w, (leans ? anything : row.camber) * one_degree);
    }
    if (wheels.size() == 1 && axle_of(wheels.front()) == Axle::front)
        n_.link_step(Unknown::toe, index_of(wheels.front()) ^ 1, row.elsewhere * one_degree);
}

/// Whatever was turned there, or on the other side of that axle: its angles are as they are read after it.
void Transitions::doubted_turn(const Turn& t) {
    const Adjuster* device = car_.device(t.adjuster);
    const Adjuster* rod = car_.rod(t.adjuster);
    if (!rod && !(device && adjuster_kind(device->kind)))
        return anything_moved(spoils_of(Happening::turned_other, car_.no_springs));
    const Axle axle = axle_of(wheel_of(rod ? *rod : *device));
    turned_anyhow(t, std::array{wheel_at(axle, Side::left), wheel_at(axle, Side::right)});
}

/// By nobody knows what: the angles of those wheels are as they are read after it.
void Transitions::turned_anyhow(const Turn& t, std::span<const Wheel> wheels) {
    const Adjuster* device = car_.device(t.adjuster);
    const Adjuster* rod = car_.rod(t.adjuster);
    ++n_.epoch;
    if (device) {
        std::array<double, 2>& so_far = amounts[car_.place_of(device->id)];
        so_far[0] += t.turns;
        so_far[1] += t.second;
    }
    for (Wheel w : wheels) {
        const int i = index_of(w), toe_before = n_.current().at({Unknown::toe, i});
        n_.link_step(Unknown::toe, i, anything * one_degree);
        if (rod) {
            // However far it went, it leant as it did so.
            lean_by_toe(i, toe_before, toe_change(*rod, t.turns, arm_prior(*rod).mean));
            continue;
        }
        for (Unknown lean : {Unknown::camber, Unknown::caster, Unknown::sai})
            n_.link_step(lean, i, anything * one_degree);
    }
}

void Transitions::seen() {
    for (const auto& [id, turns] : not_seen_yet_) turns_seen[id] += turns;
    not_seen_yet_.clear();
}

/// What an earlier job left the car at.
void Transitions::carry(const AnglesCarried& known) {
    for (int w = 0; w < 4; ++w)
        for (WheelAngle a : wheel_angles)
            if (const auto& k = known.wheels[static_cast<std::size_t>(w)][index_of(a)];
                k && n_.current().contains({angle_unknowns[index_of(a)], w}))
                n_.believe(n_.current().at({angle_unknowns[index_of(a)], w}), k->deg * one_degree,
                           std::max(k->sigma_deg, 1e-3) * one_degree);
}

/// Nuts and bolts tightened: each adjuster that was turned moves by what it does when it is locked.
void Transitions::locked(const Spoils& row, std::optional<Axle> axle) {
    ++n_.epoch;
    for (int w = 0; w < 4; ++w) {
        const Wheel wheel = static_cast<Wheel>(w);
        if (axle && axle_of(wheel) != *axle) {
            n_.link_step(Unknown::toe, w, row.elsewhere * one_degree);
            continue;
        }
        // Of each angle of it, what was turned and is drawn tight now.
        for (WheelAngle angle : wheel_angles) {
            const Unknown what = angle_unknowns[index_of(angle)];
            if (!n_.current().contains({what, w})) continue;
            std::vector<int> locks;
            for (int place : turned_unlocked_) {
                const Adjuster& a = car_.adjusters[static_cast<std::size_t>(place)];
                if (wheel_of(a) == wheel && (serves_of(a) & bit_of(angle)) != 0)
                    locks.push_back(lock_of(place, angle));
            }
            if (locks.empty()) {
                const double toe = car_.rod_at(wheel) ? row.here : row.elsewhere;
                n_.link_step(what, w, (angle == WheelAngle::toe ? toe : row.camber) * one_degree);
                continue;
            }
            const int before = n_.current().at({what, w}), after = n_.renew(what, w);
            Linked l;
            l.unknowns = {after, before};
            l.coefficients = {1.0, -1.0};
            for (int lock : locks) {
                l.unknowns.push_back(lock);
                l.coefficients.push_back(-1.0);
            }
            l.sigma = lock_scatter_deg * one_degree * std::sqrt(static_cast<double>(locks.size()));
            n_.link(l);
        }
    }
    for (auto it = turned_unlocked_.begin(); it != turned_unlocked_.end();) {
        const Wheel wheel = wheel_of(car_.adjusters[static_cast<std::size_t>(*it)]);
        if (axle && axle_of(wheel) != *axle) {
            ++it;
            continue;
        }
        ++locks_seen[*it];
        it = turned_unlocked_.erase(it);
    }
}

/// What locking that does, as an unknown from when it is first locked.
int Transitions::lock_of(int place, WheelAngle angle) {
    const std::pair key(Unknown::lock, place_of_lock(place, angle));
    if (!n_.current().contains(key)) {
        const KnownLock prior = lock_prior(car_.adjusters[static_cast<std::size_t>(place)], angle);
        n_.with_prior(key.first, key.second, prior.deg * one_degree, prior.sigma_deg * one_degree);
    }
    return n_.current().at(key);
}

void Transitions::anything_moved(const Spoils& row) {
    for (int w = 0; w < 4; ++w) {
        n_.link_step(Unknown::toe, w, (w < 2 ? row.here : row.elsewhere) * one_degree);
        n_.link_step(Unknown::camber, w, row.camber * one_degree);
    }
}

std::vector<int> Transitions::lines() const {
    std::vector<int> out;
    for (const auto& [key, index] : n_.current())
        if (key.first == Unknown::string_offset) out.push_back(key.second);
    return out;
}

void Transitions::strings_moved() {
    ++n_.lie;
    for (int line : lines()) {
        n_.renew(Unknown::string_offset, line);
        n_.renew(Unknown::string_skew, line);
    }
}

/// The strings stay where they are, the car is elsewhere between them: each is new to the car, their sum is
/// not.
void Transitions::car_moved_between_strings() {
    ++n_.lie;
    std::vector<std::pair<Unknown, int>> lefts;
    for (Unknown what : {Unknown::string_offset, Unknown::string_skew})
        for (int line : lines())
            if (line % 2 == 0) lefts.emplace_back(what, line);
    for (const auto& [what, left] : lefts) {
        const int l0 = n_.current().at({what, left}), r0 = n_.current().at({what, left + 1});
        const int l1 = n_.renew(what, left), r1 = n_.renew(what, left + 1);
        Linked l;
        l.unknowns = {l1, r1, l0, r0};
        l.coefficients = {1.0, 1.0, -1.0, -1.0};
        l.sigma = what == Unknown::string_offset ? string_pair_offset : string_pair_skew;
        n_.link(l);
    }
}

/// What one front wheel toes in the other toes out: so far, in degrees, and their sum stands.
void Transitions::both_fronts_the_same_way(double so_far, double sum_sigma) {
    const int l0 = n_.current().at({Unknown::toe, 0}), r0 = n_.current().at({Unknown::toe, 1});
    n_.link_step(Unknown::toe, 0, so_far * one_degree);
    Linked l;
    l.unknowns = {n_.current().at({Unknown::toe, 0}), n_.renew(Unknown::toe, 1), l0, r0};
    l.coefficients = {1.0, 1.0, -1.0, -1.0};
    l.sigma = sum_sigma * one_degree;
    n_.link(l);
}

/// What the table says of it: how far each angle may have moved, and what the strings did.
void Transitions::happened(const Spoils& row, std::optional<Axle> axle) {
    ++n_.epoch;
    if (row.what == Happening::steering_moved) {
        n_.standing.steered = false;
        return both_fronts_the_same_way(row.here, recentred_sum_deg);
    }
    for (int w = 0; w < 4; ++w) {
        const bool here = !axle || index_of(*axle) == w / 2;
        const double toe = here ? row.here : row.elsewhere;
        if (toe > 0) n_.link_step(Unknown::toe, w, toe * one_degree);
        if (row.camber <= 0) continue;
        n_.link_step(Unknown::camber, w, row.camber * one_degree);
        if (row.spoils(Fact::caster)) n_.link_step(Unknown::caster, w, row.camber * one_degree);
    }
    if (row.strings == Strings::moved) strings_moved();
    if (row.strings == Strings::car_moves_between) car_moved_between_strings();
}

}  // namespace fairchalk
