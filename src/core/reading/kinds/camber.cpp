// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>
#include <numbers>

#include "core/reading/kinds/common.h"

// How a wheel leans against gravity: by a gauge, by the same gauge end for end, by the gap at a level, by a
// plumb line. Standing straight they tell camber, turned out and in caster.

namespace fairchalk::readings {
namespace {

/// What a wheel leans by, in whatever way it is read.
class Lean : public ReadingKind {
  public:
    PlaceKind place() const override { return PlaceKind::wheel; }
    bool against_gravity() const override { return true; }
    void ask(const Reading& r, const CarCard& car, NetworkNeeds& needs) const override {
        ask_for_lean(r, car, needs, true, false);
    }
    OnFloor on_floor(const Spot& s) const override {
        const double swing = s.swept == Swept::out ? 30 : s.swept == Swept::in ? -30 : 0;
        const bool beside = s.rolled || end_for_end();
        return {OnFloor::From::wheel, -62.0 - (beside ? 30 : 0), swing + (s.rolled ? 13 : beside ? -13 : 0)};
    }

  protected:
    static double leans(const SolidCar& car, const Spot& s, double sweep) {
        return car.leans(index_of(*s.wheel), turned_out(s, sweep), s.rolled);
    }
};

class Camber final : public Predicted<Camber, Lean> {
  public:
    explicit Camber(bool reversed) : reversed_(reversed) {}
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        return lean_at(site, state, site.turned) + tool_zero(site, state);
    }

  private:
    std::string_view name() const override { return reversed_ ? "camber-reversed" : "camber"; }
    QuantityKind quantity() const override { return QuantityKind::angle; }
    std::optional<Bounded> bounded(Shows shows) const override {
        return shows == Shows::upright ? Bounded::upright_gauge : Bounded::camber;
    }
    std::vector<Spot> besides(const Spot& s, const CarCard&) const override {
        if (reversed_) return {};
        std::vector<Spot> out = half_a_turn_on(s);
        if (!out.empty()) out.push_back(wheel_spot(ReadingId::camber_reversed, *s.wheel));
        return out;
    }
    void ask(const Reading& r, const CarCard& car, NetworkNeeds& needs) const override {
        Lean::ask(r, car, needs);
        needs.lean[r.tool].insert(reversed_);
        if (!r.stated_sigma) needs.unstated.insert(r.tool);
    }
    double in_base(const Reading& r, const Tool* tool) const override {
        double v = r.value.value;
        if (tool && tool->quantity == r.value.kind) {
            // Turned end for end its zero counts the other way.
            if (reversed_) v += 2 * tool->zero;
            v = undone(v, *tool, side_of(*r.spot.wheel), r.top_in);
        }
        return v * (std::numbers::pi / 180);
    }
    bool end_for_end() const override { return reversed_; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double sweep) const override {
        if (reversed_) {
            const int w = index_of(*s.wheel);
            return car.gauge(w, car.spindle(w)) - car.gauge_zero;
        }
        return leans(car, s, sweep) + car.gauge_zero;
    }
    const char* spot_words(const Spot& s) const override {
        if (reversed_) return TR_NOOP("camber, gauge end for end");
        return s.rolled                ? TR_NOOP("camber, half a turn on")
               : s.swept == Swept::out ? TR_NOOP("camber, turned out")
               : s.swept == Swept::in  ? TR_NOOP("camber, turned in")
                                       : TR_NOOP("camber");
    }
    const char* how_words(const Spot& s) const override {
        if (reversed_)
            return TR_NOOP(
                "Turn the gauge end for end on the same lips of the {0} wheel, and type what it shows, with "
                "the sign that it had before.");
        if (s.swept == Swept::out)
            return TR_NOOP("Turn the {0} wheel's front outward to its mark, brake held, and read camber.");
        if (s.swept == Swept::in)
            return TR_NOOP("Turn the {0} wheel's front inward to its mark, brake held, and read camber.");
        return s.rolled
                   ? TR_NOOP("Roll half a turn of the {0} wheel on, and read camber again on the same lips.")
                   : TR_NOOP(
                         "Gauge upright through the hub of the {0} wheel, on both lips, level along the "
                         "car.");
    }
    const char* more_words() const override {
        return reversed_ ? TR_NOOP("End for end") : Lean::more_words();
    }
    std::string_view part(const Spot& s) const override {
        return reversed_ ? "end-for-end" : s.rolled ? "half-turn" : "camber-gauge";
    }

    bool reversed_;
};

class CamberGap final : public Predicted<CamberGap, Lean> {
  public:
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        using std::tan;
        return site.height * tan(lean_at(site, state, site.turned));
    }

  private:
    std::string_view name() const override { return "camber-gap"; }
    bool signed_reading() const override { return true; }
    double usual() const override { return 0.0; }
    std::vector<Spot> besides(const Spot& s, const CarCard&) const override { return half_a_turn_on(s); }
    std::vector<Lack> needs(const Reading&) const override { return {Lack::gap_height, Lack::top}; }
    double in_base(const Reading& r, const Tool* tool) const override {
        return std::abs(Lean::in_base(r, tool)) * (r.top_in.value_or(false) ? -1.0 : 1.0);
    }
    bool asks_for_top() const override { return true; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double sweep) const override {
        return std::abs(car.gap_height * std::tan(leans(car, s, sweep) * SolidCar::rad));
    }
    const char* spot_words(const Spot& s) const override {
        return s.rolled ? TR_NOOP("gap at the level, half a turn on") : TR_NOOP("gap at the level");
    }
    const char* how_words(const Spot&) const override {
        return TR_NOOP(
            "Level upright against the {0} wheel: the gap at the lip it does not touch, and "
            "which way the top leans.");
    }
    std::string_view part(const Spot&) const override { return "gap"; }
};

class PlumbLine final : public Predicted<PlumbLine, Lean> {
  public:
    explicit PlumbLine(bool upper) : upper_(upper) {}
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        using std::sin;
        using std::tan;
        const T middle = state(Unknown::plumb, place_of_plumb(site.wheel, site.turned));
        // How much further out the upper lip stands than the lower: over a plumb height, or along the rim.
        const T drop = site.height > 0 ? T(site.height * tan(lean_at(site, state, site.turned)))
                                       : T(site.span * sin(lean_at(site, state, site.turned)));
        return upper_ ? T(middle - 0.5 * drop) : T(middle + 0.5 * drop);
    }

  private:
    std::string_view name() const override { return upper_ ? "camber-plumb-upper" : "camber-plumb-lower"; }
    std::optional<ReadingId> other_edge() const override {
        return upper_ ? ReadingId::camber_plumb_lower : ReadingId::camber_plumb_upper;
    }
    std::vector<Spot> besides(const Spot& s, const CarCard&) const override { return half_a_turn_on(s); }
    std::vector<Lack> needs(const Reading& r) const override {
        return r.height ? std::vector<Lack>{} : std::vector{Lack::rim_span};
    }
    void ask(const Reading& r, const CarCard& car, NetworkNeeds& needs) const override {
        Lean::ask(r, car, needs);
        needs.plumb.insert(place_of_plumb(index_of(*r.spot.wheel), r.heading(car)));
    }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double sweep) const override {
        // Hung anew for each stand of a swept wheel.
        const double line = 90 + turned_out(s, sweep) / 2;
        const double half = car.gap_height / 2 * std::tan(leans(car, s, sweep) * SolidCar::rad);
        return upper_ ? line - half : line + half;
    }
    const char* spot_words(const Spot& s) const override {
        return upper_     ? s.rolled ? TR_NOOP("plumb line to upper lip, half a turn on")
                                     : TR_NOOP("plumb line to upper lip")
                   : s.rolled ? TR_NOOP("plumb line to lower lip, half a turn on")
                          : TR_NOOP("plumb line to lower lip");
    }
    const char* how_words(const Spot&) const override {
        return upper_ ? TR_NOOP("From the plumb line in to the upper lip of the {0} wheel.")
                      : TR_NOOP("From the plumb line in to the lower lip of the {0} wheel.");
    }
    OnFloor on_floor(const Spot& s) const override {
        const int beside = (s.rolled ? 1 : 0) + (s.swept == Swept::in ? 2 : s.swept == Swept::out ? 4 : 0);
        return {OnFloor::From::wheel, -62.0 - 24 * beside, upper_ ? -15.0 : 15.0, false};
    }
    std::string_view part(const Spot&) const override { return "plumb-gaps"; }

    bool upper_;
};

}  // namespace

const ReadingKind& camber() {
    static const Camber kind(false);
    return kind;
}
const ReadingKind& camber_reversed() {
    static const Camber kind(true);
    return kind;
}
const ReadingKind& camber_gap() {
    static const CamberGap kind;
    return kind;
}
const ReadingKind& camber_plumb_upper() {
    static const PlumbLine kind(true);
    return kind;
}
const ReadingKind& camber_plumb_lower() {
    static const PlumbLine kind(false);
    return kind;
}

}  // namespace fairchalk::readings
