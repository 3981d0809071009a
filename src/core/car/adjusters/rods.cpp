// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <cmath>

#include "core/car/adjusters/common.h"
#include "core/car/steering_rod.h"

namespace fairchalk {

bool wheel_to_the_left(const Adjuster& rod) {
    const Wheel w = wheel_of(rod);
    return (axle_of(w) == Axle::front) == (side_of(w) == Side::left);
}

namespace adjusters {
namespace {

/// A rod with a thread between a steering arm, or an upright, and the rack or the body. What it does is exact
/// over its arm, which is an unknown of its own: the estimate asks `is_rod` and `toe_change` for it.
class SteeringRod : public AdjusterKind {
  public:
    explicit SteeringRod(bool link) : link_(link) {}

  private:
    std::string_view name() const override { return link_ ? toe_link_kind : steering_rod_kind; }
    std::vector<DeviceField> fields() const override {
        return {side_field(TR_NOOP("the rod runs")),
                thread_field(),
                pitch_field(),
                double_ended_field(),
                length_field("arm", &Adjuster::arm, TR_NOOP("its steering arm"), "130 mm"),
                length_field("arm_sigma", &Adjuster::arm_sigma, nullptr, ""),
                {"proven", DeviceField::Mark{&Adjuster::proven}},
                {"turned", DeviceField::Turns{&Adjuster::turned}},
                {"step", DeviceField::Step{}, TR_NOOP("the least it is turned"), "1/8 turn"}};
    }
    // The card asks for rods by themselves.
    std::vector<CardChoice> on_card(bool) const override { return {}; }
    KindWords words() const override {
        return {
            link_ ? TR_NOOP("toe link") : TR_NOOP("tie rod"),
            TR_NOOP("Say on the car's card whether the rod runs ahead of or behind the axle: the direction "
                    "hangs on it."),
            TR_NOOP("Free the locknut; the rod end stays level."),
            TR_NOOP("The locknut against the rod end, which is held level, to the manual's torque."),
            nullptr,
            TR_NOOP("as you lie under the bumper: middle of the car left, wheel right")};
    }
    KindWords words(const Adjuster& d) const override {
        KindWords w = words();
        if (d.double_ended)
            w.loosen = TR_NOOP(
                "Free both locknuts, or clamps: the nut on the left-hand thread loosens the other way, "
                "clockwise.");
        if (wheel_to_the_left(d))
            w.seen_from = TR_NOOP("as you lie under the bumper: wheel left, middle of the car right");
        return w;
    }
    const char* whole_name(const Adjuster& d) const override {
        const Wheel w = wheel_of(d);
        const bool left = side_of(w) == Side::left;
        if (link_) return left ? TR_NOOP("Left rear toe link") : TR_NOOP("Right rear toe link");
        if (axle_of(w) == Axle::rear)
            return left ? TR_NOOP("Left rear tie rod") : TR_NOOP("Right rear tie rod");
        return left ? TR_NOOP("Left tie rod") : TR_NOOP("Right tie rod");
    }
    const char* why(const Adjuster& d, bool longer) const override {
        if (d.rod == RodSide::behind_axle)
            return longer
                       ? TR_NOOP(
                             "The rod runs behind the axle: longer pushes the back of the wheel out, so it "
                             "toes in.")
                       : TR_NOOP(
                             "The rod runs behind the axle: shorter pulls the back of the wheel in, so it "
                             "toes out.");
        if (d.rod == RodSide::ahead_of_axle)
            return longer
                       ? TR_NOOP(
                             "The rod runs ahead of the axle: longer pushes the front of the wheel out, so "
                             "it toes out.")
                       : TR_NOOP(
                             "The rod runs ahead of the axle: shorter pulls the front of the wheel in, so "
                             "it toes in.");
        return words().why;
    }
    const char* rotated(const Adjuster&, Rotation way) const override {
        switch (way) {
            case Rotation::clockwise:
                return TR_NOOP("clockwise, as seen from the wheel looking to the middle of the car");
            case Rotation::counterclockwise:
                return TR_NOOP("counterclockwise, as seen from the wheel looking to the middle of the car");
            case Rotation::unknown:
                break;
        }
        return TR_NOOP(
            "the thread's hand is not on the card: turn a little and look that it gets the right way");
    }
    Sketch sketch(const Adjuster& rod, std::array<double, 2> by, Point size) const override {
        const double turns = by[0];
        Sketch s;
        const bool longer = turns > 0;
        // Drawn with the wheel to the right: bar, thread, locknut, end.
        const double y = 44, end = size.x(), thread_from = end * 0.36, nut = end * 0.6;
        s.line(outline, {0, y - 8}, {thread_from, y - 8});
        s.line(outline, {0, y + 8}, {thread_from, y + 8});
        s.line(outline, {thread_from, y - 8}, {thread_from, y + 8});
        for (double x = thread_from + 5; x < nut - 3; x += 7) s.line(detail, {x, y - 8}, {x + 4, y + 8});
        s.box(change, {nut, y - 14}, 18, 28);
        for (double off : {-4.5, 4.5}) s.line(change, {nut, y + off}, {nut + 18, y + off});
        s.box(outline, {nut + 22, y - 12}, end - nut - 60, 24, Sketch::Fill::none, 6);
        s.circle(outline, {end - 20, y}, 19);
        s.circle(outline, {end - 20, y}, 7);
        s.say({nut - 61, y - 36}, 140, TR_NOOP("free this nut"));
        s.note({end - 160, y + 24}, 170, TR_NOOP("hold this end level"), Sketch::Align::right);
        // The way: the ends part or come together.
        const double ay = y + 34, a = 38, b = 196, half = longer ? 28 : -28;
        s.arrow(change, {a + half, ay}, {a - half, ay});
        s.arrow(change, {b - half, ay}, {b + half, ay});
        s.say({a + 28, ay - 9}, b - a - 56, longer ? TR_NOOP("longer") : TR_NOOP("shorter"), true);
        const Rotation rotation = rotation_seen_from_wheel(rod.thread, longer);
        if (rotation != Rotation::unknown) {
            // Seen from the wheel, clockwise goes up on the side of the rod that is toward one who lies
            // below, where the wheel is to the right; down where it is to the left.
            const bool up = (rotation == Rotation::clockwise) != wheel_to_the_left(rod);
            const Point middle(46, y);
            s.arc(change, middle, 18, up ? -90.0 : 90.0, up ? 180.0 : -180.0);
            const Point tip = middle + Point(0, up ? -18 : 18);
            s.arrow(change, tip + Point(4, 0), tip - Point(5, 0));
        }
        return wheel_to_the_left(rod) ? s.mirrored(size.x()) : s;
    }
    std::vector<Handle> handles(const Adjuster& d) const override {
        constexpr double most = 30.0;  // as many turns one way no rod has
        Handle h = with_words(handle(d, "", HandleUnit::turn, "longer", "shorter", 0.125, most),
                              TR_NOOP("{0} longer"), TR_NOOP("{0} shorter"));
        return {h};
    }
    CornerMove move(const Adjuster& d, int, double turns) const override {
        return longer({Link::rod}, length_change(d, turns).mm());
    }
    ResponsePrior prior(const Adjuster& d, const CarCard&) const override {
        const ArmPrior arm = arm_prior(d);
        const double per_turn = std::asin(length_change(d, 1.0) / arm.mean), way = toe_sign(d);
        ResponsePrior p;
        p.effects = {{0, wheel_of(d), WheelAngle::toe}};
        p.mean = Eigen::VectorXd::Constant(1, way * per_turn);
        // As much either way, while nobody has said on which side it runs.
        const double share = way == 0.0 ? 1.0 : arm.sigma / arm.mean;
        p.covariance = Eigen::MatrixXd::Constant(1, 1, std::pow(per_turn * share, 2));
        return p;
    }
    /// What a turn does to the toe is taken as the arm that does it.
    bool told(Adjuster& d, const KnownResponse& r) const override {
        if (!d.pitch || r.angle != WheelAngle::toe) return true;
        const double per_turn = std::abs(r.deg) * one_degree;
        if (!(per_turn > 1e-5 && per_turn < 1.0)) return false;
        d.arm = length_change(d, 1.0) / std::sin(per_turn);
        d.arm_sigma = *d.arm * std::clamp(std::abs(r.sigma_deg / r.deg), 1e-4, 1.0);
        return true;
    }
    const char* wanted_on_card(const Adjuster& d) const override { return d.wheel ? nullptr : "wheel"; }
    int serves(const Adjuster&) const override { return serves_toe; }
    bool wants_jacking() const override { return false; }
    bool sided(const Adjuster&) const override { return true; }
    std::optional<Unsaid> unsaid(const Adjuster& d, const CarCard&) const override {
        if (d.rod == RodSide::unknown) return Unsaid{"rod", true};
        return std::nullopt;
    }

    bool link_;
};

const SteeringRod steering_rod(false), toe_link(true);

}  // namespace

std::span<const AdjusterKind* const> rods() {
    static constexpr std::array<const AdjusterKind*, 2> kinds = {&steering_rod, &toe_link};
    return kinds;
}

}  // namespace adjusters
}  // namespace fairchalk
