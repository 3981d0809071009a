// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>

#include <Eigen/LU>

#include "core/reading/kinds/common.h"

// Along a side of the car, from something else than a string at the wheels: chassis marks, a straightedge
// along the rear rim, a jig of arms between two strings.

namespace fairchalk::readings {
namespace {

class CentrelineToString final : public Predicted<CentrelineToString> {
  public:
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        using std::tan;
        return state(Unknown::string_offset, site.line) +
               site.x * tan(state(Unknown::string_skew, site.line));
    }

  private:
    std::string_view name() const override { return "centreline-to-string"; }
    PlaceKind place() const override { return PlaceKind::side_station; }
    double usual() const override { return 850.0; }
    std::vector<Lack> needs(const Reading&) const override { return {Lack::wheelbase}; }
    void ask(const Reading&, const CarCard&, NetworkNeeds& needs) const override { needs.chassis = true; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        const auto side = static_cast<std::size_t>(index_of(*s.side));
        return car.offset[side] + s.station->mm() * std::tan(car.skew[side] * SolidCar::rad);
    }
    const char* spot_words(const Spot& s) const override {
        return s.side == Side::left ? TR_NOOP("center to left string at {0}")
                                    : TR_NOOP("center to right string at {0}");
    }
    const char* how_words(const Spot&) const override {
        return TR_NOOP("From the center string square out to the outer one, so far ahead of the rear axle.");
    }
    OnFloor on_floor(const Spot&) const override { return {OnFloor::From::station_at_middle, 0, 0.25}; }
    std::string_view part(const Spot&) const override { return "centreline-distance"; }
};

/// The gap beside each edge of the near wheel's rim from a bar laid along the far one's: the bar is a line
/// whose skew is less that wheel's toe-in and that touches its lip.
class Straightedge final : public Predicted<Straightedge> {
  public:
    explicit Straightedge(bool front) : front_(front) {}
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        using std::sin;
        const int far = site.wheel ^ 2, far_axle = 1 - site.axle;
        const double along = end() / 2 * site.span;
        const T lies = site.seated ? T(toe_as_it_stands(site, state, far) + state(Unknown::seat, far))
                                   : toe_as_it_stands(site, state, far);
        const T near = toe_as_it_stands(site, state, site.wheel);
        const T half_near = state(Unknown::half_width, site.axle),
                half_far = state(Unknown::half_width, far_axle),
                lip_far = state(Unknown::lip_depth, far_axle);
        const T b = -lies;
        // No reading of a bar tells widths and depths but in their sum.
        return half_far - half_near - lip_far + lip_behind_hub(state, site.axle, T(near + b)) +
               (site.x - site.other_x) * sin(b) + along * sin(near + b);
    }

  private:
    std::string_view name() const override { return front_ ? "straightedge-front" : "straightedge-rear"; }
    PlaceKind place() const override { return PlaceKind::wheel; }
    std::optional<ReadingId> other_edge() const override {
        return front_ ? ReadingId::straightedge_rear : ReadingId::straightedge_front;
    }
    double end() const override { return front_ ? 1.0 : -1.0; }
    std::vector<Lack> needs(const Reading&) const override { return {Lack::wheelbase, Lack::rim_span}; }
    void ask(const Reading& r, const CarCard&, NetworkNeeds& needs) const override {
        const int near = index_of(*r.spot.wheel), far = near ^ 2;
        if (!r.stated_sigma) needs.seats.insert(far);
        for (int w : {near, far}) ask_for_rim(r, w, needs);
    }
    bool lies_on_other_wheel() const override { return true; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        // The bar through both edges of the other wheel's lip, at hub height.
        using V = SolidCar::V;
        const int w = index_of(*s.wheel);
        const V n = car.spindle(w ^ 2), along = SolidCar::forward(n), c = car.lip_centre(w ^ 2, n),
                up = along.cross(n);
        const V from = c + (car.hub_height - c.z()) / up.z() * up;
        const V here = car.edge(w, end(), false);
        const V across(-along.y(), along.x(), 0);
        return (from - here).dot(across);
    }
    const char* spot_words(const Spot&) const override {
        return front_ ? TR_NOOP("straightedge to front lip") : TR_NOOP("straightedge to back lip");
    }
    const char* how_words(const Spot&) const override {
        return front_ ? TR_NOOP("From the straightedge to the front lip of the {0} wheel, square to the bar.")
                      : TR_NOOP("From the straightedge to the back lip of the {0} wheel, square to the bar.");
    }
    OnFloor on_floor(const Spot&) const override { return {OnFloor::From::wheel, end() * 38, 44}; }
    std::string_view part(const Spot&) const override { return "straightedge-rule"; }

    bool front_;
};

/// Where the string between both wheels' outer arms crosses the inner arm, from its rim. The string is fixed
/// on each outer arm at `mark`, the arms are `arm_span` apart on each wheel; an arm leans with its wheel's
/// camber, so its length shows shorter from above.
class ArmJig final : public Predicted<ArmJig> {
  public:
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        using std::cos;
        using std::sin;
        const auto plan = [&](int wheel, int axle, double x) -> RimPlan<T> {
            const T toe = toe_as_it_stands(site, state, wheel);
            const T lean = site.cambered ? T(cos(state(Unknown::camber, wheel))) : T(1);
            RimPlan<T> r{cos(toe), -sin(toe), sin(toe) * lean, cos(toe) * lean, T(x), T(0)};
            r.x -= state(Unknown::lip_depth, axle) * sin(toe);
            r.y = state(Unknown::half_width, axle) - state(Unknown::lip_depth, axle) * cos(toe);
            return r;
        };
        const RimPlan<T> here = plan(site.wheel, site.axle, site.x),
                         there = plan(site.wheel ^ 2, 1 - site.axle, site.other_x);
        const double towards = site.axle == 0 ? -1.0 : 1.0, a = site.arm_span / 2;
        const T x0 = here.px(-towards * a, T(site.mark)), y0 = here.py(-towards * a, T(site.mark));
        const T dx = there.px(towards * a, T(site.mark)) - x0, dy = there.py(towards * a, T(site.mark)) - y0;
        const T ax = here.px(towards * a, T(0)) - x0, ay = here.py(towards * a, T(0)) - y0;
        return -(ax * dy - ay * dx) / (here.nx * dy - here.ny * dx);
    }

  private:
    std::string_view name() const override { return "arm-jig"; }
    PlaceKind place() const override { return PlaceKind::wheel; }
    std::vector<Lack> needs(const Reading&) const override {
        return {Lack::wheelbase, Lack::mark, Lack::arm_span};
    }
    void ask(const Reading& r, const CarCard&, NetworkNeeds& needs) const override {
        needs.jig = true;
        // The arms hang on the rims, and stand as these do.
        const int w = index_of(*r.spot.wheel);
        for (int rim : {w, w ^ 2}) ask_for_rim(r, rim, needs);
    }
    bool joins_side() const override { return true; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        using V = SolidCar::V;
        const int w = index_of(*s.wheel);
        const double towards = w < 2 ? -1 : 1;
        const auto arm = [&](int wheel, double end) {
            const V n = car.spindle(wheel);
            return V(car.lip_centre(wheel, n) + end * car.arm_span / 2 * SolidCar::forward(n));
        };
        const V a = arm(w, -towards) + car.mark * car.spindle(w);
        const V b = arm(w ^ 2, towards) + car.mark * car.spindle(w ^ 2);
        const V q = arm(w, towards), n = car.spindle(w);
        // Seen from above: q + v n on the line from a to b.
        Eigen::Matrix2d m;
        m << n.x(), -(b - a).x(), n.y(), -(b - a).y();
        const Eigen::Vector2d at = m.inverse() * (a - q).head<2>();
        return at.x();
    }
    const char* spot_words(const Spot&) const override { return TR_NOOP("string on the inner arm"); }
    const char* how_words(const Spot&) const override {
        return TR_NOOP("On the inner arm of the {0} wheel, from the rim to where the string crosses.");
    }
    OnFloor on_floor(const Spot& s) const override {
        return {OnFloor::From::wheel, axle_of(*s.wheel) == Axle::front ? -62.0 : 62.0, 50};
    }
    std::string_view part(const Spot&) const override { return "arm-read"; }
};

}  // namespace

const ReadingKind& centreline_to_string() {
    static const CentrelineToString kind;
    return kind;
}
const ReadingKind& straightedge_front() {
    static const Straightedge kind(true);
    return kind;
}
const ReadingKind& straightedge_rear() {
    static const Straightedge kind(false);
    return kind;
}
const ReadingKind& arm_jig() {
    static const ArmJig kind;
    return kind;
}

}  // namespace fairchalk::readings
