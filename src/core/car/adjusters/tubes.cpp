// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <array>
#include <cmath>

#include "core/car/adjusters/common.h"

namespace fairchalk::adjusters {
namespace {

/// The steering of a beam axle: a tube across, and the link that holds one end of it.
class SteeringTube : public AdjusterKind {
  public:
    std::vector<DeviceField> fields() const override {
        return {side_field(TR_NOOP("it runs")),
                pitch_field(),
                double_ended_field(),
                thread_field(),
                length_field("arm", &Adjuster::arm, TR_NOOP("steering arm"), "150 mm"),
                length_field("arm_sigma", &Adjuster::arm_sigma, nullptr, "")};
    }
    std::vector<CardChoice> on_card(bool) const override {
        // Turned in its place, it has opposite hands at its ends.
        return {{"tube", TR_NOOP("one tube and a drag link"), "toe", {}, {{"double_ended", "true"}}}};
    }
    Sketch sketch(const Adjuster&, std::array<double, 2> by, Sketch::Point size) const override {
        return threaded_sketch(by[0], size);
    }
    std::vector<Handle> handles(const Adjuster& d) const override { return {threaded_handle(d, 0.125)}; }
    CornerMove move(const Adjuster& d, int, double turns) const override {
        return longer({Link::rod}, pitch_of(d) * turns);
    }
    bool wants_jacking() const override { return false; }
    bool across() const override { return true; }
    std::optional<Unsaid> unsaid(const Adjuster& d, const CarCard&) const override {
        if (d.rod == RodSide::unknown) return Unsaid{"rod", true};
        return std::nullopt;
    }
    bool sided(const Adjuster&) const override { return true; }

  protected:
    /// What a turn does to its own wheel and to the other, as shares of what it does to a steering arm: its
    /// turn by the tube's length, asin(length / arm), near enough linear for a few turns.
    static ResponsePrior by_arm(const Adjuster& d, double own, double other) {
        const double arm = d.arm.value_or(prior_arm).mm();
        const double sigma = d.arm ? d.arm_sigma.value_or(measured_arm_sigma).mm() : prior_arm_sigma.mm();
        const double per = std::asin(std::clamp(pitch_of(d) / arm, -0.9, 0.9));
        const bool left = wheel_of(d) == Wheel::front_left;
        const Eigen::Vector2d shares = left ? Eigen::Vector2d(own, other) : Eigen::Vector2d(other, own);
        ResponsePrior p;
        p.effects = {{0, Wheel::front_left, WheelAngle::toe}, {0, Wheel::front_right, WheelAngle::toe}};
        p.mean = shares * (d.rod == RodSide::ahead_of_axle ? -per : per);
        // Both arms are alike: what one does more, the other does.
        const Eigen::Vector2d u = shares * (per * sigma / arm);
        p.covariance = u * u.transpose();
        p.covariance.diagonal().array() += std::pow(least_share * per, 2);
        return p;
    }
};

class CrossTube : public SteeringTube {
    std::string_view name() const override { return "cross-tube"; }
    KindWords words() const override {
        return {
            TR_NOOP("tie tube"),
            TR_NOOP("One tube for both wheels: it sets total toe, and the wheel that the drag link does not "
                    "hold moves."),
            TR_NOOP(
                "First off: the steering damper, and what else is bolted to it (loose list). Then free both "
                "clamps; nuts in their place loosen opposite ways."),
            TR_NOOP("Both ends free to tilt, clamp bolts where nothing touches them, then tighten."),
            nullptr,
            TR_NOOP("from below, lying with your head to the front")};
    }
    ResponsePrior prior(const Adjuster& d, const CarCard&) const override {
        // The drag link holds one wheel; the tube moves the other.
        return by_arm(d, 1.0, 0.0);
    }
    int serves(const Adjuster&) const override { return serves_toe; }
};

class DragLink : public SteeringTube {
    std::string_view name() const override { return "drag-link"; }
    KindWords words() const override {
        return {TR_NOOP("drag link"),
                TR_NOOP("It turns both front wheels the same way: the steering wheel, not the toe."),
                TR_NOOP("First off: the steering damper, where it is bolted to it (loose list). Then free "
                        "its clamps; "
                        "nuts in their place loosen opposite ways."),
                TR_NOOP("Both ends free to tilt, then the clamps."),
                nullptr,
                TR_NOOP("the steering box to the left, the arm to the right")};
    }
    ResponsePrior prior(const Adjuster& d, const CarCard&) const override {
        // It turns its own wheel, and the tube takes the other along: in toe the other way.
        return by_arm(d, 1.0, takes_along());
    }
    int serves(const Adjuster&) const override { return 0; }
    std::optional<Unsaid> unsaid(const Adjuster& d, const CarCard& car) const override {
        if (!d.wheel) return Unsaid{"wheel", true};
        return SteeringTube::unsaid(d, car);
    }
    // Taken to be on the driver's arm.
    Side usual_side() const override { return Side::left; }
    // The tube's end on its wheel's arm goes out by as much as the link got longer, and pulls the other in.
    double takes_along() const override { return -1.0; }
};

const CrossTube cross_tube;
const DragLink drag_link;

}  // namespace

std::span<const AdjusterKind* const> tubes() {
    static constexpr std::array<const AdjusterKind*, 2> kinds = {&cross_tube, &drag_link};
    return kinds;
}

}  // namespace fairchalk::adjusters
