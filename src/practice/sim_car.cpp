// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/sim_car.h"

#include <algorithm>
#include <cmath>
#include <utility>

namespace fairchalk::practice {
namespace {

double normal(SimCar::Rng& rng, double sigma) {
    return sigma > 0.0 ? std::normal_distribution<>(0.0, sigma)(rng) : 0.0;
}

}  // namespace

SimAdjuster sim_rod(Wheel wheel, double pitch) {
    return {wheel, [pitch](double turns) {
                CornerMove m;
                m.length(Link::rod) = pitch * turns;
                return m;
            }};
}

SimAdjuster sim_shims(Wheel wheel, Bolts bolts) {
    return {wheel, [bolts](double mm) {
                CornerMove m;
                if (bolts != Bolts::rear) m.at(Hardpoint::uca_front).y() = mm;
                if (bolts != Bolts::front) m.at(Hardpoint::uca_rear).y() = mm;
                return m;
            }};
}

SimAdjuster sim_cam(Wheel wheel, Hardpoint point, double eccentricity) {
    return {wheel, [point, eccentricity](double degrees) {
                CornerMove m;
                m.at(point).y() = eccentricity * std::sin(degrees * SolidCar::rad);
                return m;
            }};
}

SimAdjuster sim_slot(Wheel wheel) {
    return {wheel, [](double mm) {
                CornerMove m;
                // The wheel goes in at the top where its joint goes out on it.
                m.at(Hardpoint::upper).y() = mm;
                return m;
            }};
}

SimAdjuster sim_top_plate(Wheel wheel, bool fore_aft) {
    return {wheel, [fore_aft](double mm) {
                CornerMove m;
                (fore_aft ? m.at(Hardpoint::top).x() : m.at(Hardpoint::top).y()) = -mm;
                return m;
            }};
}

SimAdjuster sim_arm(Wheel wheel, double pitch) {
    return {wheel, [pitch](double turns) {
                CornerMove m;
                m.length(Link::uca_front) = m.length(Link::uca_rear) = pitch * turns;
                return m;
            }};
}

SimAdjuster sim_radius_rod(Wheel wheel, double pitch) {
    return {wheel, [pitch](double turns) {
                CornerMove m;
                m.length(Link::lca_front) = pitch * turns;
                return m;
            }};
}

SimAdjuster sim_pivot_shims(Wheel wheel) {
    return {wheel, [](double mm) {
                CornerMove m;
                m.at(Hardpoint::pivot).y() = -mm;
                return m;
            }};
}

SimAdjuster sim_drag_link(Wheel wheel, double pitch) {
    SimAdjuster out = sim_rod(wheel, pitch);
    const Wheel other = wheel == Wheel::front_left ? Wheel::front_right : Wheel::front_left;
    // The tube's end on this wheel's arm goes out by as much as the link got longer, and pulls the other in.
    out.corners.push_back(sim_rod(other, -pitch).corners.front());
    return out;
}

SimAdjuster sim_cross_tube(Wheel held, double pitch) {
    return sim_rod(held == Wheel::front_left ? Wheel::front_right : Wheel::front_left, pitch);
}

SimCar::SimCar(std::array<Corner, 4> corners, SolidCar shape, Nature nature)
    : corners_(std::move(corners)), solid_(std::move(shape)), nature_(nature) {
    stand();
}

CornerMove SimCar::move_of(Wheel w) const {
    CornerMove out = bent_[static_cast<std::size_t>(w)];
    const auto add = [&out](const CornerMove& part) {
        for (std::size_t i = 0; i < out.points.size(); ++i) out.points[i] += part.points[i];
        for (std::size_t i = 0; i < out.lengths.size(); ++i) out.lengths[i] += part.lengths[i];
    };
    for (const auto& [id, a] : adjusters_)
        if (const auto it = amounts_.find(id); it != amounts_.end())
            for (const auto& [wheel, move] : a.corners)
                if (wheel == w) add(move(it->second));
    if (axle_of(w) == Axle::front && rack_ != 0.0) {
        // Each corner is drawn as a left one: outward is to the left there, to the right on its twin.
        CornerMove rack;
        rack.at(Hardpoint::rod_inner).y() = side_of(w) == Side::left ? rack_ : -rack_;
        add(rack);
    }
    return out;
}

bool SimCar::stand() {
    std::array<CornerAngles, 4> all;
    for (Wheel w : all_wheels) {
        const auto i = static_cast<std::size_t>(index_of(w));
        const auto a = solve_corner(corners_[i], move_of(w));
        if (!a) return false;
        all[i] = *a;
    }
    for (std::size_t i = 0; i < 4; ++i) {
        solid_.toe[i] = all[i].toe.deg() + settled_[i] + unsettled_[i];
        solid_.camber[i] = all[i].camber.deg();
        solid_.caster[i] = all[i].caster.deg();
        solid_.sai[i] = all[i].sai.deg();
    }
    return true;
}

bool SimCar::turn(const std::string& id, double amount, Rng& rng) {
    const auto it = adjusters_.find(id);
    if (it == adjusters_.end()) return false;
    amounts_[id] += amount;
    if (!stand()) {
        amounts_[id] -= amount;
        return false;
    }
    for (const auto& [wheel, move] : it->second.corners)
        settled_[static_cast<std::size_t>(index_of(wheel))] += normal(rng, nature_.settle);
    return stand();
}

void SimCar::jack(Axle axle, Rng& rng) {
    for (Side s : both_sides)
        unsettled_[static_cast<std::size_t>(index_of(wheel_at(axle, s)))] += normal(rng, nature_.jacked);
    stand();
}

void SimCar::roll() {
    for (double& u : unsettled_) u *= 1.0 - nature_.settles;
    stand();
}

void SimCar::lock(const std::string& id, Rng& rng) {
    const auto it = adjusters_.find(id);
    if (it == adjusters_.end()) return;
    for (const auto& [wheel, move] : it->second.corners)
        settled_[static_cast<std::size_t>(index_of(wheel))] += normal(rng, nature_.creep);
    stand();
}

void SimCar::lock(Axle axle, Rng& rng) {
    for (const auto& [id, a] : adjusters_)
        if (axle_of(a.corners.front().first) == axle) lock(id, rng);
}

bool SimCar::bend(Wheel wheel, const CornerMove& move) {
    const CornerMove was = bent_[static_cast<std::size_t>(wheel)];
    bent_[static_cast<std::size_t>(wheel)] = move;
    if (stand()) return true;
    bent_[static_cast<std::size_t>(wheel)] = was;
    stand();
    return false;
}

bool SimCar::steer(double wheel_degrees, double ratio) {
    // How far a millimetre of rack turns the front wheels to the right, both taken together; then by secant.
    const double was = rack_;
    rack_ = 0.0;
    if (!stand()) return rack_ = was, stand(), false;
    const auto heading = [this] { return (toe(Wheel::front_left) - toe(Wheel::front_right)) / 2; };
    const double straight = heading(), wanted = straight + wheel_degrees / ratio;
    double before = 0.0, at = straight;
    rack_ = 1.0;
    for (int i = 0; i < 30 && stand(); ++i) {
        const double now = heading();
        if (std::abs(now - wanted) < 1e-9) return true;
        if (now == at) break;
        const double next = rack_ + (wanted - now) * (rack_ - before) / (now - at);
        before = std::exchange(rack_, next);
        at = now;
    }
    rack_ = was;
    stand();
    return false;
}

double SimCar::wheel_off(double ratio) const {
    const double thrust = (toe(Wheel::rear_right) - toe(Wheel::rear_left)) / 2;
    return ((toe(Wheel::front_right) - toe(Wheel::front_left)) / 2 - thrust) * ratio;
}

void place_rod(Corner& corner, double ahead, double ackermann, double set_back) {
    const Eigen::Vector3d axis = corner.at(Hardpoint::lower);
    Eigen::Vector3d &outer = corner.at(Hardpoint::rod_outer), &inner = corner.at(Hardpoint::rod_inner);
    outer.x() = axis.x() + ahead;
    // Full: the arms' lines meet at the middle of the rear axle.
    outer.y() = axis.y() + ahead * ackermann * axis.y() / usual_wheelbase.mm();
    inner.x() = outer.x() - std::copysign(set_back, ahead);
}

SimCar any_car(SimCar::Rng& rng, Nature nature) {
    const auto between = [&](double lo, double hi) { return std::uniform_real_distribution<>(lo, hi)(rng); };
    SolidCar shape = SolidCar::any(rng);
    shape.track = 2 * shape.half_width[0];
    std::array<Corner, 4> corners;
    const bool strut = between(0, 1) < 0.5;
    // Both sides are built to the same drawing.
    Corner front = strut ? sample_strut() : sample_wishbone();
    for (Hardpoint p : points_of(front.kind))
        if (p != Hardpoint::hub && p != Hardpoint::strut_low)
            front.at(p) += Eigen::Vector3d(between(-6, 6), between(-6, 6), between(-6, 6));
    if (strut) {
        // On the strut's axis again.
        const Eigen::Vector3d foot = front.at(Hardpoint::lower) + Eigen::Vector3d(0, -40, 200);
        front.at(Hardpoint::strut_low) = foot;
    }
    // The arm: how far the outer joint lies behind the steering axis.
    const double arm = std::clamp(130.0 + normal(rng, 22.0), 70.0, 200.0);
    const double ackermann = between(0.3, 0.9);
    place_rod(front, -arm, ackermann, between(0, 15));
    Corner rear;
    rear.kind = CornerKind::fixed;
    rear.at(Hardpoint::hub) = {0, 700, 300};
    for (Wheel w : all_wheels) {
        const auto i = static_cast<std::size_t>(index_of(w));
        corners[i] = axle_of(w) == Axle::front ? front : rear;
        corners[i].toe = Angle::from_deg(axle_of(w) == Axle::front ? between(-0.8, 0.8) : 0.1);
        corners[i].camber = Angle::from_deg(between(-1.6, 0.2));
    }
    SimCar car(corners, shape, nature);
    car.add("rod-fl", sim_rod(Wheel::front_left, 1.5));
    car.add("rod-fr", sim_rod(Wheel::front_right, 1.5));
    return car;
}

double shown_by(const Tool& tool, double exact, SimCar::Rng& rng) {
    // The tool's sigma is of what it shows: rounding to its divisions is a part of it.
    const double before = std::max(0.0, tool.sigma * tool.sigma - tool.resolution * tool.resolution / 12);
    const double v = exact + normal(rng, std::sqrt(before)) + tool.zero;
    return tool.resolution > 0.0 ? std::round(v / tool.resolution) * tool.resolution : v;
}

double with_slips(double value, double rate, SimCar::Rng& rng) {
    if (rate <= 0.0 || std::uniform_real_distribution<>(0, 1)(rng) >= rate) return value;
    const double sign = std::uniform_int_distribution<>(0, 1)(rng) ? 1.0 : -1.0;
    switch (std::uniform_int_distribution<>(0, 3)(rng)) {
        case 0:
            return value + sign;
        case 1:
            return value + sign * 25.4;
        case 2:
            return value + sign * 10.0;
        default: {
            // The last two whole digits the wrong way round.
            const double whole = std::floor(std::abs(value)), rest = std::abs(value) - whole;
            const long n = std::lround(whole), ten = n / 10 % 10, one = n % 10;
            return std::copysign(static_cast<double>(n - ten * 10 - one + one * 10 + ten) + rest, value);
        }
    }
}

}  // namespace fairchalk::practice
