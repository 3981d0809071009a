// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/sim_car.h"

#include <algorithm>
#include <cmath>
#include <stdexcept>
#include <utility>

#include "core/car/adjuster.h"
#include "core/car/steering_rod.h"

namespace fairchalk::practice {
SimAdjuster sim_rod(Wheel wheel, double pitch) {
    return {wheel, [pitch](double turns) {
                CornerMove m;
                m.length(Link::rod) = pitch * turns;
                return m;
            }};
}

SimAdjuster sim_device(const Adjuster& device, int handle) {
    const AdjusterKind* kind = adjuster_kind(device.kind);
    if (!kind) throw std::invalid_argument("no adjuster to simulate: " + device.kind);
    const auto move = [kind, device, handle](double sign) {
        return
            [kind, device, handle, sign](double amount) { return kind->move(device, handle, sign * amount); };
    };
    SimAdjuster out(wheel_of(device), move(1.0));
    if (const double other = kind->takes_along(); other != 0.0)
        out.corners.emplace_back(static_cast<Wheel>(index_of(wheel_of(device)) ^ 1), move(other));
    return out;
}

SimCar::SimCar(std::array<Corner, 4> corners, SolidCar shape, Nature nature)
    : corners_(std::move(corners)), solid_(std::move(shape)), nature_(nature) {
    stand();
}

CornerMove SimCar::move_of(Wheel w) const {
    CornerMove out = bent_[static_cast<std::size_t>(w)];
    for (const auto& [id, a] : adjusters_)
        if (const auto it = amounts_.find(id); it != amounts_.end())
            for (const auto& [wheel, move] : a.corners)
                if (wheel == w) out += move(it->second);
    if (axle_of(w) == Axle::front && rack_ != 0.0) {
        // Each corner is drawn as a left one: outward is to the left there, to the right on its twin.
        CornerMove rack;
        rack.at(Hardpoint::rod_inner).y() = side_of(w) == Side::left ? rack_ : -rack_;
        out += rack;
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
        solid_.camber[i] = all[i].camber.deg() + camber_worn_[i];
        solid_.caster[i] = all[i].caster.deg() + caster_worn_[i];
        solid_.sai[i] = all[i].sai.deg();
    }
    return true;
}

namespace {
std::string second_of(const std::string& id) {
    return id + "#2";
}
}  // namespace

void SimCar::add(const Adjuster& adjuster) {
    if (is_rod(adjuster)) {
        add(adjuster.id, sim_rod(wheel_of(adjuster), length_change(adjuster, 1.0).mm()));
        return;
    }
    const AdjusterKind* kind = adjuster_kind(adjuster.kind);
    if (!kind) return;
    add(adjuster.id, sim_device(adjuster, 0));
    if (kind->handles(adjuster).size() > 1) add(second_of(adjuster.id), sim_device(adjuster, 1));
}

bool SimCar::turn(const std::string& id, double amount, Rng& rng, double second) {
    const auto it = adjusters_.find(id);
    if (it == adjusters_.end()) return false;
    const std::map<std::string, double> was = amounts_;
    const std::array<double, 4> before = solid_.toe;
    amounts_[id] += amount;
    if (second != 0.0) amounts_[second_of(id)] += second;
    if (!stand()) {
        amounts_ = was;
        stand();
        return false;
    }
    for (const auto& [wheel, move] : it->second.corners)
        settled_[static_cast<std::size_t>(index_of(wheel))] += normal(rng, nature_.settle);
    const bool stands = stand();
    for (std::size_t w = 0; w < 4; ++w)
        held_back_[w] = std::clamp(held_back_[w] + nature_.stick * (solid_.toe[w] - before[w]),
                                   -nature_.holds, nature_.holds);
    return stands;
}

SolidCar SimCar::shown() const {
    SolidCar out = solid_;
    for (std::size_t w = 0; w < 4; ++w) out.toe[w] -= held_back_[w];
    return out;
}

void SimCar::jack(Axle axle, Rng& rng) {
    for (Side s : both_sides)
        unsettled_[static_cast<std::size_t>(index_of(wheel_at(axle, s)))] += normal(rng, nature_.jacked);
    stand();
}

void SimCar::roll() {
    for (double& u : unsettled_) u *= 1.0 - nature_.settles;
    shake();
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
        if (axle_of(a.corners.front().first) == axle && id.find('#') == std::string::npos) lock(id, rng);
}

void SimCar::drive(Rng& rng) {
    for (std::size_t i = 0; i < 4; ++i) {
        settled_[i] += normal(rng, nature_.worn_toe);
        camber_worn_[i] += normal(rng, nature_.worn_lean);
        caster_worn_[i] += normal(rng, nature_.worn_lean);
    }
    stand();
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

SimCar any_car(Rng& rng, Nature nature) {
    SolidCar shape = SolidCar::any(rng);
    shape.track = 2 * shape.half_width[0];
    // Rims that were looked at and are good: a tenth of a millimetre at each edge.
    for (auto* way : {&shape.wobble, &shape.lean_wobble})
        for (double& w : *way) w = normal(rng, 0.2 / shape.span / SolidCar::rad);
    std::array<Corner, 4> corners;
    const bool strut = between(rng, 0, 1) < 0.5;
    // Both sides are built to the same drawing.
    Corner front = strut ? sample_strut() : sample_wishbone();
    for (Hardpoint p : points_of(front.kind))
        if (p != Hardpoint::hub && p != Hardpoint::strut_low)
            front.at(p) +=
                Eigen::Vector3d(between(rng, -25, 25), between(rng, -25, 25), between(rng, -25, 25));
    if (strut) {
        // On the strut's axis again.
        const Eigen::Vector3d foot = front.at(Hardpoint::lower) + Eigen::Vector3d(0, -40, 200);
        front.at(Hardpoint::strut_low) = foot;
    }
    // The arm: how far the outer joint lies behind the steering axis.
    const double arm = std::clamp(130.0 + normal(rng, 22.0), 70.0, 200.0);
    const double ackermann = between(rng, 0.3, 0.9);
    place_rod(front, -arm, ackermann, between(rng, 0, 15));
    Corner rear;
    rear.kind = CornerKind::fixed;
    rear.at(Hardpoint::hub) = {0, 700, 300};
    for (Wheel w : all_wheels) {
        const auto i = static_cast<std::size_t>(index_of(w));
        corners[i] = axle_of(w) == Axle::front ? front : rear;
        corners[i].toe = Angle::from_deg(axle_of(w) == Axle::front ? between(rng, -0.8, 0.8) : 0.1);
        corners[i].camber = Angle::from_deg(between(rng, -1.6, 0.2));
    }
    SimCar car(corners, shape, nature);
    car.add("rod-fl", sim_rod(Wheel::front_left, 1.5));
    car.add("rod-fr", sim_rod(Wheel::front_right, 1.5));
    return car;
}

double shown_by(const Tool& tool, double exact, Rng& rng) {
    // The tool's sigma is of what it shows: rounding to its divisions is a part of it.
    const double before = std::max(0.0, tool.sigma * tool.sigma - tool.resolution * tool.resolution / 12);
    const double v = exact + normal(rng, std::sqrt(before)) + tool.zero;
    return tool.resolution > 0.0 ? std::round(v / tool.resolution) * tool.resolution : v;
}

namespace {

bool slips(double rate, Rng& rng) {
    return rate > 0.0 && between(rng, 0, 1) < rate;
}

/// The last two whole digits the wrong way round.
double digits_swapped(double value) {
    const double whole = std::floor(std::abs(value)), rest = std::abs(value) - whole;
    const long n = std::lround(whole), ten = n / 10 % 10, one = n % 10;
    return std::copysign(static_cast<double>(n - ten * 10 - one + one * 10 + ten) + rest, value);
}

double slipped_length(double mm, Rng& rng) {
    const double sign = toss(rng) ? 1.0 : -1.0;
    switch (std::uniform_int_distribution<>(0, 3)(rng)) {
        case 0:
            return mm + sign;
        case 1:
            return mm + sign * 25.4;
        case 2:
            return mm + sign * 10.0;
        default:
            return digits_swapped(mm);
    }
}

double slipped_angle(double degrees, Rng& rng) {
    const double sign = toss(rng) ? 1.0 : -1.0;
    switch (std::uniform_int_distribution<>(0, 2)(rng)) {
        case 0:
            return -degrees;
        case 1:
            return degrees + sign;
        default:
            // 2.1 for 1.2: as it stands on a display with tenths.
            return digits_swapped(10.0 * degrees) / 10.0;
    }
}

}  // namespace

void slip(Reading& r, double rate, Rng& rng) {
    double& value = r.value.value;
    if (slips(rate, rng))
        value = r.value.kind == QuantityKind::angle ? slipped_angle(value, rng) : slipped_length(value, rng);
    if (r.top_in && slips(rate, rng)) r.top_in = !*r.top_in;
}

}  // namespace fairchalk::practice
