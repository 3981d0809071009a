// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/adjuster.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <mutex>
#include <numbers>
#include <random>
#include <string>

#include "core/named.h"

namespace fairchalk {
namespace {

constexpr double deg = std::numbers::pi / 180.0;
/// How far the hardpoints of cars of one kind lie from those of the sample, one sigma, in mm, and how many
/// such cars the prior is taken from.
constexpr double scatter = 22.0;
constexpr int sampled_corners = 60;
/// No response is known better than this share of itself, nor than this, before it was seen: rubber, joints.
constexpr double least_share = 0.05;
constexpr double least_sigma = 0.002 * deg;

double normal(std::mt19937_64& rng, double sigma) {
    return std::normal_distribution<>(0.0, sigma)(rng);
}

CornerMove moved(Hardpoint p, double x, double y) {
    CornerMove m;
    m.at(p) = Eigen::Vector3d(x, y, 0);
    return m;
}
CornerMove longer(std::initializer_list<Link> which, double mm) {
    CornerMove m;
    for (Link l : which) m.length(l) = mm;
    return m;
}

double pitch_of(const Device& d) {
    return d.pitch.value_or(Length::from_mm(1.5)).mm() * (d.double_ended ? 2.0 : 1.0);
}

Handle handle(const Device& d, std::string_view name, HandleUnit unit, std::string_view more,
              std::string_view less, double step, double range) {
    return {name, unit, more, less, d.step.value_or(step), d.least.value_or(-range), d.most.value_or(range)};
}

double thickness(const std::vector<ShimsOf>& stack) {
    double mm = 0.0;
    for (const ShimsOf& s : stack) mm += s.thickness.mm() * s.count;
    return mm;
}

/// Where nobody has said what is in the stacks, so much may come out.
constexpr double usual_stack = 6.0;

Handle stack_handle(const Device& d, std::string_view name, std::size_t which) {
    Handle h = handle(d, name, HandleUnit::mm, "added", "removed", 0.5, usual_stack);
    if (!d.stacks[which].empty() && !d.least) h.least = -thickness(d.stacks[which]);
    return h;
}

Hardpoint bolt_point(const Device& d) {
    if (d.bolt == "rear") return d.upper_arm ? Hardpoint::uca_rear : Hardpoint::lca_rear;
    return d.upper_arm ? Hardpoint::uca_front : Hardpoint::lca_front;
}

class ShimPair : public AdjusterKind {
    std::string_view name() const override { return "shim-pair"; }
    std::vector<Handle> handles(const Device& d) const override {
        return {stack_handle(d, "front", 0), stack_handle(d, "rear", 1)};
    }
    CornerMove move(const Device& d, int h, double mm) const override {
        return moved(h == 0 ? Hardpoint::uca_front : Hardpoint::uca_rear, 0, d.pushes_in ? -mm : mm);
    }
    int serves(const Device&) const override { return serves_camber | serves_caster; }
    bool is_stack() const override { return true; }
};

class SpanningShims : public AdjusterKind {
    std::string_view name() const override { return "spanning-shims"; }
    std::vector<Handle> handles(const Device& d) const override { return {stack_handle(d, "", 0)}; }
    CornerMove move(const Device& d, int, double mm) const override {
        CornerMove m = moved(Hardpoint::uca_front, 0, d.pushes_in ? -mm : mm);
        m.at(Hardpoint::uca_rear) = m.at(Hardpoint::uca_front);
        return m;
    }
    int serves(const Device&) const override { return serves_camber; }
    bool is_stack() const override { return true; }
};

/// An eccentric bolt: its point goes out by eccentricity x sine; of what it did near its middle, nothing is
/// left at the end of its travel.
class Cam : public AdjusterKind {
    std::string_view name() const override { return "cam"; }
    std::vector<Handle> handles(const Device& d) const override {
        Handle h = handle(d, "", HandleUnit::degree, "out", "in", 5.0, 90.0);
        // From the middle 90 degrees each way: beyond that it comes back.
        if (!d.least) h.least = -90.0 - d.at_deg;
        if (!d.most) h.most = 90.0 - d.at_deg;
        return {h};
    }
    double travel(const Device& d, double amount) const override {
        return (std::sin((d.at_deg + amount) * deg) - std::sin(d.at_deg * deg)) / deg;
    }
    CornerMove move(const Device& d, int, double amount) const override {
        const double mm = d.eccentricity.value_or(Length::from_mm(5.0)).mm() * travel(d, amount) * deg;
        // A cam that sets toe is at the inner end of the link that steers or holds the wheel.
        if (d.angle == "toe") return moved(Hardpoint::rod_inner, 0, mm);
        if (d.bolt == "strut") return moved(Hardpoint::strut_low, 0, -mm);
        CornerMove m = moved(bolt_point(d), 0, mm);
        if (d.bolt == "both") m.at(d.upper_arm ? Hardpoint::uca_rear : Hardpoint::lca_rear).y() = mm;
        return m;
    }
    int serves(const Device& d) const override {
        if (d.angle == "toe") return serves_toe;
        return d.bolt == "strut" || d.bolt == "both" ? serves_camber : serves_camber | serves_caster;
    }
    bool wants_jacking() const override { return false; }
    bool keeps_included_angle() const override { return false; }
};

class StrutTop : public AdjusterKind {
    std::string_view name() const override { return "strut-top"; }
    std::vector<Handle> handles(const Device& d) const override {
        return {handle(d, "in", HandleUnit::mm, "inward", "outward", 1.0, 12.0),
                handle(d, "back", HandleUnit::mm, "rearward", "forward", 1.0, 12.0)};
    }
    CornerMove move(const Device&, int h, double mm) const override {
        return h == 0 ? moved(Hardpoint::top, 0, -mm) : moved(Hardpoint::top, -mm, 0);
    }
    int serves(const Device&) const override { return serves_camber | serves_caster; }
};

/// The joint slid along its slot at the arm, or the strut along its own at the upright: outward, the top of
/// the wheel goes with it.
class UpperJointSlot : public AdjusterKind {
    std::string_view name() const override { return "upper-joint-slot"; }
    std::vector<Handle> handles(const Device& d) const override {
        return {handle(d, "", HandleUnit::mm, "out", "in", 0.5, 8.0)};
    }
    CornerMove move(const Device& d, int, double mm) const override {
        if (d.bolt == "strut") return moved(Hardpoint::strut_low, 0, -mm);
        return longer({Link::uca_front, Link::uca_rear}, mm);
    }
    int serves(const Device&) const override { return serves_camber; }
    bool keeps_included_angle() const override { return false; }
};

class AdjustableArm : public AdjusterKind {
    std::string_view name() const override { return "adjustable-arm"; }
    std::vector<Handle> handles(const Device& d) const override {
        return {handle(d, "", HandleUnit::turn, "longer", "shorter", 0.5, 20.0)};
    }
    CornerMove move(const Device& d, int, double turns) const override {
        const double mm = pitch_of(d) * turns;
        return d.upper_arm ? longer({Link::uca_front, Link::uca_rear}, mm)
                           : longer({Link::lca_front, Link::lca_rear}, mm);
    }
    int serves(const Device&) const override { return serves_camber; }
};

/// A rod from the body to an arm's outer end, in place of the arm's front or rear leg.
class RadiusRod : public AdjusterKind {
    std::string_view name() const override { return "radius-rod"; }
    std::vector<Handle> handles(const Device& d) const override {
        return {handle(d, "", HandleUnit::turn, "longer", "shorter", 0.5, 20.0)};
    }
    CornerMove move(const Device& d, int, double turns) const override {
        const Link link = d.upper_arm ? (d.runs_behind ? Link::uca_rear : Link::uca_front)
                                      : (d.runs_behind ? Link::lca_rear : Link::lca_front);
        return longer({link}, pitch_of(d) * turns);
    }
    int serves(const Device&) const override { return serves_caster; }
    bool wants_jacking() const override { return false; }
};

/// Shims moved from one side of a trailing arm's pivot to the other: as many go in as come out.
class TrailingArmShims : public AdjusterKind {
    std::string_view name() const override { return "trailing-arm-shims"; }
    std::vector<Handle> handles(const Device& d) const override {
        return {handle(d, "", HandleUnit::mm, "inward", "outward", 0.5, usual_stack)};
    }
    CornerMove move(const Device&, int, double mm) const override { return moved(Hardpoint::pivot, 0, -mm); }
    Corner corner(const Device& d, const CarCard&) const override {
        Corner c;
        c.kind = CornerKind::trailing_arm;
        c.at(Hardpoint::hub) = {0, 700, 300};
        c.at(Hardpoint::pivot) = {d.pivot_to_hub.value_or(Length::from_mm(430)).mm(), 700, 300};
        return c;
    }
    int serves(const Device&) const override { return serves_toe; }
    bool is_stack() const override { return true; }
};

/// A steering arm's turn by a rod's length: asin(length / arm), near enough linear for a few turns.
struct ByArm {
    double mean, sigma;  // radians a turn
};
ByArm by_arm(const Device& d) {
    const double arm = d.arm.value_or(Rod::prior_arm).mm();
    const double sigma =
        d.arm ? d.arm_sigma.value_or(Rod::measured_arm_sigma).mm() : Rod::prior_arm_sigma.mm();
    const double per = std::asin(std::clamp(pitch_of(d) / arm, -0.9, 0.9));
    return {d.ahead_of_axle ? -per : per, per * sigma / arm};
}

ResponsePrior of_two_wheels(const Device& d, std::array<double, 2> left_and_right) {
    const ByArm arm = by_arm(d);
    ResponsePrior p;
    p.effects = {{0, Wheel::front_left, 0}, {0, Wheel::front_right, 0}};
    p.mean = Eigen::Vector2d(left_and_right[0], left_and_right[1]) * arm.mean;
    // Both arms are alike: what one does more, the other does.
    const Eigen::Vector2d u = Eigen::Vector2d(left_and_right[0], left_and_right[1]) * arm.sigma;
    p.covariance = u * u.transpose();
    p.covariance.diagonal().array() += std::pow(least_share * std::abs(arm.mean), 2);
    return p;
}

class CrossTube : public AdjusterKind {
    std::string_view name() const override { return "cross-tube"; }
    std::vector<Handle> handles(const Device& d) const override {
        return {handle(d, "", HandleUnit::turn, "longer", "shorter", 0.125, 20.0)};
    }
    CornerMove move(const Device& d, int, double turns) const override {
        return longer({Link::rod}, pitch_of(d) * turns);
    }
    ResponsePrior prior(const Device& d, const CarCard&) const override {
        // The drag link holds one wheel; the tube moves the other.
        return of_two_wheels(d,
                             wheel_of(d) == Wheel::front_left ? std::array{1.0, 0.0} : std::array{0.0, 1.0});
    }
    int serves(const Device&) const override { return serves_toe; }
    bool wants_jacking() const override { return false; }
};

class DragLink : public AdjusterKind {
    std::string_view name() const override { return "drag-link"; }
    std::vector<Handle> handles(const Device& d) const override {
        return {handle(d, "", HandleUnit::turn, "longer", "shorter", 0.125, 20.0)};
    }
    CornerMove move(const Device& d, int, double turns) const override {
        return longer({Link::rod}, pitch_of(d) * turns);
    }
    ResponsePrior prior(const Device& d, const CarCard&) const override {
        // It turns its own wheel, and the tube takes the other along: in toe the other way.
        return of_two_wheels(
            d, wheel_of(d) == Wheel::front_left ? std::array{1.0, -1.0} : std::array{-1.0, 1.0});
    }
    int serves(const Device&) const override { return 0; }
    bool wants_jacking() const override { return false; }
};

const ShimPair shim_pair;
const SpanningShims spanning_shims;
const Cam cam;
const StrutTop strut_top;
const UpperJointSlot upper_joint_slot;
const AdjustableArm adjustable_arm;
const RadiusRod radius_rod;
const TrailingArmShims trailing_arm_shims;
const CrossTube cross_tube;
const DragLink drag_link;
const std::array<const AdjusterKind*, 10> kinds = {
    &shim_pair,  &spanning_shims,     &cam,        &strut_top, &upper_joint_slot, &adjustable_arm,
    &radius_rod, &trailing_arm_shims, &cross_tube, &drag_link};

double angle_of(const CornerAngles& a, int which) {
    return which == 0 ? a.toe.rad() : which == 1 ? a.camber.rad() : a.caster.rad();
}

/// A corner of another car of that kind.
Corner scattered(Corner c, std::mt19937_64& rng, bool arm_known, double foot) {
    for (Hardpoint p : points_of(c.kind)) {
        if (p == Hardpoint::hub || p == Hardpoint::strut_low) continue;
        for (int k = 0; k < 3; ++k) c.at(p)[k] += normal(rng, scatter);
    }
    if (c.kind == CornerKind::strut) {
        // On the strut's axis again.
        const Eigen::Vector3d &top = c.at(Hardpoint::top), low = c.at(Hardpoint::strut_low);
        c.at(Hardpoint::strut_low) = top + (low - top) * foot;
    }
    if (has_rod(c.kind) && !arm_known) {
        const double was = c.at(Hardpoint::rod_outer).x() - c.at(Hardpoint::lower).x();
        const double arm = std::clamp(normal(rng, 22.0) + 130.0, 70.0, 200.0);
        c.at(Hardpoint::rod_outer).x() = c.at(Hardpoint::lower).x() + std::copysign(arm, was);
        c.at(Hardpoint::rod_inner).x() =
            c.at(Hardpoint::rod_outer).x() + std::copysign(std::abs(normal(rng, 15.0)), -was);
    }
    return c;
}

}  // namespace

double camber_by_toe(double toe_change) {
    return 0.15 * std::abs(toe_change) + 0.01 * deg;
}

std::string_view name_of(HandleUnit u) {
    return u == HandleUnit::turn ? "turn" : u == HandleUnit::mm ? "mm" : "deg";
}

std::span<const AdjusterKind* const> adjuster_kinds() {
    return kinds;
}

const AdjusterKind* adjuster_kind(std::string_view name) {
    const auto it =
        std::find_if(kinds.begin(), kinds.end(), [&](const auto* k) { return k->name() == name; });
    return it == kinds.end() ? nullptr : *it;
}

Wheel wheel_of(const Device& d) {
    if (d.wheel) return *d.wheel;
    // A tube across with nothing said of its drag link: taken to be on the driver's arm, the tube moves the
    // other.
    return wheel_at(d.axle.value_or(Axle::front), d.kind == "drag-link" ? Side::left : Side::right);
}

Wheel wheel_of(const Adjuster& a) {
    const Device* d = std::get_if<Device>(&a);
    return d ? wheel_of(*d) : std::get<Rod>(a).wheel;
}

int serves_of(const Adjuster& a) {
    const Device* d = std::get_if<Device>(&a);
    if (!d) return serves_toe;
    const AdjusterKind* kind = adjuster_kind(d->kind);
    return kind ? kind->serves(*d) : 0;
}

KnownLock lock_prior(const Adjuster& a, int angle) {
    const Device* d = std::get_if<Device>(&a);
    for (const KnownLock& l : d ? d->lock : std::get<Rod>(a).lock)
        if (l.angle == angle) return {angle, l.deg, std::max(l.sigma_deg, 1e-3)};
    const AdjusterKind* kind = d ? adjuster_kind(d->kind) : nullptr;
    if (kind && kind->is_stack()) return {angle, 0.0, 0.02};
    constexpr std::array by_angle = {0.045, 0.08, 0.1};
    return {angle, 0.0, by_angle[static_cast<std::size_t>(angle)]};
}

std::vector<Wheel> wheels_of(const Device& d) {
    if (d.kind == "drag-link") return {Wheel::front_left, Wheel::front_right};
    return {wheel_of(d)};
}

double AdjusterKind::travel(const Device&, double amount) const {
    return amount;
}

Corner AdjusterKind::corner(const Device& d, const CarCard& car) const {
    const bool strut =
        d.kind == "strut-top" || d.bolt == "strut" ||
        (!d.upper_arm && (d.kind == "cam" || d.kind == "radius-rod" || d.kind == "adjustable-arm") &&
         car.axle(axle_of(wheel_of(d))).suspension == Suspension::strut);
    Corner c = strut ? sample_strut() : sample_wishbone();
    const Hardpoint high = strut ? Hardpoint::top : Hardpoint::upper;
    if (d.joint_height) {
        const double by = d.joint_height->mm() - (c.at(high).z() - c.at(Hardpoint::lower).z());
        for (Hardpoint p : {high, Hardpoint::uca_front, Hardpoint::uca_rear})
            if (p == high || !strut) c.at(p).z() += by;
    }
    if (d.bolt_spacing) {
        const auto spread = [&](Hardpoint front, Hardpoint rear) {
            const double middle = (c.at(front).x() + c.at(rear).x()) / 2, half = d.bolt_spacing->mm() / 2;
            c.at(front).x() = middle + half;
            c.at(rear).x() = middle - half;
        };
        if (d.upper_arm || d.kind == "shim-pair" || d.kind == "spanning-shims")
            spread(Hardpoint::uca_front, Hardpoint::uca_rear);
        else
            spread(Hardpoint::lca_front, Hardpoint::lca_rear);
    }
    if (const Rod* rod = car.rod_at(wheel_of(d))) {
        // Its rod is what couples toe to all else.
        const double arm =
            rod->arm.value_or(Length::from_mm(c.at(Hardpoint::lower).x() - c.at(Hardpoint::rod_outer).x()))
                .mm();
        const double way = rod->runs == RodSide::ahead_of_axle ? 1.0 : -1.0;
        c.at(Hardpoint::rod_outer).x() = c.at(Hardpoint::lower).x() + way * arm;
        c.at(Hardpoint::rod_inner).x() = c.at(Hardpoint::rod_outer).x() - way * 15.0;
    }
    return c;
}

ResponsePrior AdjusterKind::prior(const Device& d, const CarCard& car) const {
    const std::size_t count = handles(d).size();
    ResponsePrior p;
    for (std::size_t h = 0; h < count; ++h)
        for (int angle = 0; angle < 3; ++angle)
            p.effects.push_back({static_cast<int>(h), wheel_of(d), angle});
    const int n = static_cast<int>(p.effects.size());
    const Corner base = corner(d, car);
    const bool rear_axle = axle_of(wheel_of(d)) == Axle::rear;
    const Rod* rod = car.rod_at(wheel_of(d));
    double foot = 1.0;
    if (base.kind == CornerKind::strut)
        foot = (base.at(Hardpoint::strut_low) - base.at(Hardpoint::top)).norm() /
               (base.at(Hardpoint::lower) - base.at(Hardpoint::top)).norm();
    std::mt19937_64 rng(20260);
    Eigen::MatrixXd all(n, sampled_corners);
    int good = 0;
    for (int k = 0; k < sampled_corners; ++k) {
        const Corner c = k == 0 ? base : scattered(base, rng, rod && rod->arm, foot);
        bool whole = true;
        for (std::size_t h = 0; h < count && whole; ++h) {
            // Near the middle of what it does: half a unit each way.
            const double up = 0.5, down = -0.5;
            const auto a = solve_corner(c, move(d, static_cast<int>(h), up)),
                       b = solve_corner(c, move(d, static_cast<int>(h), down));
            whole = a && b;
            if (!whole) break;
            const double travelled = travel(d, up) - travel(d, down);
            for (int angle = 0; angle < 3; ++angle)
                all(static_cast<int>(h) * 3 + angle, good) =
                    rear_axle && angle == 2 ? 0.0 : (angle_of(*a, angle) - angle_of(*b, angle)) / travelled;
        }
        good += whole;
    }
    if (good < 3) {
        p.mean = Eigen::VectorXd::Zero(n);
        p.covariance = Eigen::MatrixXd::Identity(n, n) * std::pow(0.2 * deg, 2);
        return p;
    }
    const Eigen::MatrixXd sample = all.leftCols(good);
    p.mean = sample.rowwise().mean();
    const Eigen::MatrixXd off = sample.colwise() - p.mean;
    p.covariance = off * off.transpose() / (good - 1);
    for (int i = 0; i < n; ++i)
        p.covariance(i, i) += std::pow(least_share * p.mean[i], 2) + least_sigma * least_sigma;
    return p;
}

namespace {

/// All that a prior depends on.
std::string key_of(const Device& d, const CarCard& car) {
    std::string key = d.kind + ' ' + d.bolt + ' ' + d.angle;
    const auto put = [&](double v) { key += ' ' + std::to_string(v); };
    const auto length = [&](const std::optional<Length>& l) { put(l ? l->mm() : -1.0); };
    put(index_of(wheel_of(d)));
    put(d.pushes_in + 2 * d.runs_behind + 4 * d.upper_arm + 8 * d.ahead_of_axle + 16 * d.double_ended);
    put(d.at_deg);
    for (const auto* l :
         {&d.pitch, &d.eccentricity, &d.joint_height, &d.bolt_spacing, &d.pivot_to_hub, &d.arm, &d.arm_sigma})
        length(*l);
    put(index_of(car.axle(axle_of(wheel_of(d))).suspension));
    if (const Rod* rod = car.rod_at(wheel_of(d))) {
        put(index_of(rod->runs));
        length(rod->arm);
    }
    return key;
}

/// The kinematics of some sixty corners are worked out once for each device there is.
ResponsePrior expected_of(const AdjusterKind& kind, const Device& d, const CarCard& car) {
    static std::mutex mutex;
    static std::map<std::string, ResponsePrior> known;
    const std::string key = key_of(d, car);
    const std::lock_guard lock(mutex);
    if (const auto it = known.find(key); it != known.end()) return it->second;
    if (known.size() > 500) known.clear();
    return known.emplace(key, kind.prior(d, car)).first->second;
}

}  // namespace

std::optional<ResponsePrior> response_prior(const Device& d, const CarCard& car) {
    const AdjusterKind* kind = adjuster_kind(d.kind);
    if (!kind) return std::nullopt;
    ResponsePrior p = expected_of(*kind, d, car);
    const auto handles = kind->handles(d);
    for (const KnownResponse& known : d.response) {
        for (std::size_t i = 0; i < p.effects.size(); ++i) {
            const Effect& e = p.effects[i];
            if (handles[static_cast<std::size_t>(e.handle)].name != known.handle || e.wheel != known.wheel ||
                e.angle != known.angle)
                continue;
            // What was learnt stands by itself.
            const int k = static_cast<int>(i);
            p.covariance.row(k).setZero();
            p.covariance.col(k).setZero();
            p.mean[k] = known.deg * deg;
            p.covariance(k, k) = std::pow(std::max(known.sigma_deg, 1e-4) * deg, 2);
        }
    }
    return p;
}

}  // namespace fairchalk
