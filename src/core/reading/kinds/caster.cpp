// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>
#include <numbers>

#include "core/reading/kinds/common.h"

// Caster by what belongs to a whole sweep, or by the steering axis itself.

namespace fairchalk::readings {
namespace {

/// The gauge set to zero turned out, and read turned in.
class CamberSwing final : public Predicted<CamberSwing> {
  public:
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        return lean_at(site, state, site.turned) - lean_at(site, state, site.from);
    }

  private:
    std::string_view name() const override { return "camber-swing"; }
    PlaceKind place() const override { return PlaceKind::wheel; }
    QuantityKind quantity() const override { return QuantityKind::angle; }
    std::optional<Bounded> bounded(Shows shows) const override {
        return shows == Shows::upright ? Bounded::upright_gauge : Bounded::camber;
    }
    std::vector<Lack> needs(const Reading&) const override { return {Lack::turned, Lack::from}; }
    void ask(const Reading& r, const CarCard& car, NetworkNeeds& needs) const override {
        // What the gauge showed before it was zeroed is gone: the camber is not told.
        ask_for_lean(r, car, needs, false, true);
        ask_for_swing(r, needs);
    }
    double in_base(const Reading& r, const Tool* tool) const override {
        const bool left = side_of(*r.spot.wheel) == Side::left;
        const bool other_way = tool && (left ? tool->more_is_in_left : tool->more_is_in_right);
        return (other_way ? -r.value.value : r.value.value) * (std::numbers::pi / 180);
    }
    bool against_gravity() const override { return true; }
    void sweep(Reading& r, std::optional<Angle> sweep, std::optional<Angle>) const override {
        r.turned = -sweep.value_or(usual_sweep);
        r.from = sweep.value_or(usual_sweep);
    }
    bool whole_sweep() const override { return true; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double sweep) const override {
        const int w = index_of(*s.wheel);
        return car.gauge(w, car.turned(w, -sweep)) - car.gauge(w, car.turned(w, sweep));
    }
    const char* spot_words(const Spot&) const override { return TR_NOOP("gauge after the sweep"); }
    const char* how_words(const Spot&) const override {
        return TR_NOOP(
            "Turn the {0} wheel out, zero the gauge, turn it in as far, brake held, and read "
            "the gauge.");
    }
    OnFloor on_floor(const Spot&) const override { return {OnFloor::From::wheel, 62, 30}; }
    std::string_view part(const Spot&) const override { return "sweep-in"; }
};

/// The caster itself, or off a gauge's own scale, which is made for one sweep.
class Caster final : public Predicted<Caster> {
  public:
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        using std::atan;
        if (site.swept != 0.0)
            return (lean_at(site, state, site.swept) - lean_at(site, state, -site.swept)) /
                   (2.0 * std::sin(site.scale_for));
        return state(Unknown::caster, site.wheel) + atan(slope_up(site, state));
    }

  private:
    std::string_view name() const override { return "caster"; }
    PlaceKind place() const override { return PlaceKind::wheel; }
    QuantityKind quantity() const override { return QuantityKind::angle; }
    std::optional<Bounded> bounded(Shows) const override { return Bounded::caster; }
    void ask(const Reading& r, const CarCard& car, NetworkNeeds& needs) const override {
        ask_for_lean(r, car, needs, false, true);
        if (r.swept) ask_for_swing(r, needs);
    }
    bool against_gravity() const override { return true; }
    bool shown_as_lean() const override { return false; }
    void sweep(Reading& r, std::optional<Angle> sweep, std::optional<Angle> scale) const override {
        if (!sweep) return;
        r.swept = *sweep;
        r.scale_for = scale;
    }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double sweep) const override {
        const int w = index_of(*s.wheel);
        return (car.gauge(w, car.turned(w, sweep)) - car.gauge(w, car.turned(w, -sweep))) /
               (2 * std::sin(20 * SolidCar::rad));
    }
    const char* spot_words(const Spot&) const override { return TR_NOOP("caster on the gauge's scale"); }
    const char* how_words(const Spot&) const override {
        return TR_NOOP(
            "Turn the {0} wheel out, zero the gauge's bubble, turn it in, and read its caster scale.");
    }
    const char* example_words() const override { return TR_NOOP("Like 3.5 or 3°30'."); }
    OnFloor on_floor(const Spot&) const override { return {OnFloor::From::wheel, 88, 30}; }
    std::string_view part(const Spot&) const override { return "sweep-in"; }
};

/// The upper pivot of a bare upright behind the lower one, over the height between them.
class AxisOffset final : public Predicted<AxisOffset> {
  public:
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        using std::atan;
        using std::tan;
        return site.height * tan(state(Unknown::caster, site.wheel) + atan(slope_up(site, state)));
    }

  private:
    std::string_view name() const override { return "axis-offset"; }
    PlaceKind place() const override { return PlaceKind::wheel; }
    std::vector<Lack> needs(const Reading&) const override { return {Lack::height}; }
    void ask(const Reading& r, const CarCard& car, NetworkNeeds& needs) const override {
        ask_for_lean(r, car, needs, false, true);
    }
    bool against_gravity() const override { return true; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        const double p = (car.floor[0] + car.floor[1] - car.floor[2] - car.floor[3]) / (2 * car.wheelbase);
        return car.gap_height * std::tan(car.caster[index_of(*s.wheel)] * SolidCar::rad + std::atan(p));
    }
    const char* spot_words(const Spot&) const override { return TR_NOOP("upper pivot behind lower"); }
    const char* how_words(const Spot&) const override {
        return TR_NOOP(
            "How far the upper pivot of the {0} upright lies behind the lower one; ahead is minus.");
    }
    OnFloor on_floor(const Spot&) const override { return {OnFloor::From::wheel, 62, 0}; }
    std::string_view part(const Spot&) const override { return "axis"; }
};

}  // namespace

const ReadingKind& camber_swing() {
    static const CamberSwing kind;
    return kind;
}
const ReadingKind& caster() {
    static const Caster kind;
    return kind;
}
const ReadingKind& axis_offset() {
    static const AxisOffset kind;
    return kind;
}

}  // namespace fairchalk::readings
