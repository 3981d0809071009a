// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>

#include "core/reading/kinds/common.h"

// Along a string on each side of the car: from a wheel out to it, from one to the other along a bar, and how
// high it runs.

namespace fairchalk::readings {
namespace {

class ToString : public ReadingKind {
  public:
    PlaceKind place() const override { return PlaceKind::wheel; }
    std::optional<Bounded> bounded(Shows) const override { return Bounded::hub_to_string; }
    bool to_string() const override { return true; }
    double minutes() const override { return 0.6; }

  protected:
    static double from_string(const SolidCar& car, int side, const SolidCar::V& p) {
        return from_line(p, car.skew[side], car.offset[side]);
    }
};

class Hub final : public Predicted<Hub, ToString> {
  public:
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        return hub_to_line(site, state);
    }

  private:
    std::string_view name() const override { return "hub"; }
    double usual() const override { return 105.0; }
    std::vector<Spot> besides(const Spot& s, const CarCard& car) const override {
        const Axle axle = axle_of(*s.wheel);
        return {station_spot(ReadingId::string_height, side_of(*s.wheel),
                             axle == Axle::rear ? Length() : car.wheelbase.value_or(usual_wheelbase)),
                axle_spot(ReadingId::hub_width, axle)};
    }
    std::vector<Lack> needs(const Reading&) const override { return {Lack::wheelbase}; }
    bool tells_toe() const override { return false; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        return from_string(car, index_of(side_of(*s.wheel)), car.hub(index_of(*s.wheel)));
    }
    const char* spot_words(const Spot&) const override { return TR_NOOP("hub"); }
    OnFloor on_floor(const Spot&) const override { return {OnFloor::From::string, 0, 26}; }
};

class Rim final : public Predicted<Rim, ToString> {
  public:
    explicit Rim(bool front) : front_(front) {}
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        using std::cos;
        using std::sin;
        using std::tan;
        if (!site.heights) return lip_to_line(site, state, end() / 2);
        const T to_string =
            toe_as_it_stands(site, state, site.wheel) + state(Unknown::string_skew, site.line);
        const T lip = hub_to_line(site, state) + lip_behind_hub(state, site.axle, to_string);
        // Above the hub the lip of a leaning wheel stands further out, and the rim is narrower.
        return lip + site.edge_x * sin(to_string) -
               site.edge_z * tan(state(Unknown::camber, site.wheel)) * cos(to_string);
    }

  private:
    std::string_view name() const override { return front_ ? "rim-front" : "rim-rear"; }
    double usual() const override { return 111.0; }
    std::optional<ReadingId> other_edge() const override {
        return front_ ? ReadingId::rim_rear : ReadingId::rim_front;
    }
    double end() const override { return front_ ? 1.0 : -1.0; }
    std::vector<Spot> besides(const Spot& s, const CarCard&) const override { return half_a_turn_on(s); }
    std::vector<Lack> needs(const Reading&) const override { return {Lack::wheelbase, Lack::rim_span}; }
    void ask(const Reading& r, const CarCard&, NetworkNeeds& needs) const override { ask_for_lip(r, needs); }
    bool on_lip() const override { return true; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        const int w = index_of(*s.wheel);
        return from_string(car, w % 2, car.edge(w, end(), s.rolled));
    }
    const char* spot_words(const Spot& s) const override {
        return front_     ? s.rolled ? TR_NOOP("front lip, half a turn on") : TR_NOOP("front lip")
                   : s.rolled ? TR_NOOP("back lip, half a turn on")
                          : TR_NOOP("back lip");
    }
    OnFloor on_floor(const Spot& s) const override {
        return {OnFloor::From::string, end() * (s.rolled ? 72 : 38), 26};
    }

    bool front_;
};

class StringToString final : public Predicted<StringToString> {
  public:
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        using std::tan;
        return state(Unknown::string_offset, 0) + state(Unknown::string_offset, 1) +
               site.x * (tan(state(Unknown::string_skew, 0)) + tan(state(Unknown::string_skew, 1)));
    }

  private:
    std::string_view name() const override { return "string-to-string"; }
    PlaceKind place() const override { return PlaceKind::bar; }
    std::optional<Bounded> bounded(Shows) const override { return Bounded::bar_width; }
    double usual() const override { return 1700.0; }
    double minutes() const override { return 1.0; }
    std::vector<Lack> needs(const Reading&) const override { return {Lack::wheelbase, Lack::bar}; }
    bool tells_toe() const override { return false; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        const double x = *s.axle == Axle::front ? car.wheelbase + car.front_bar : -car.rear_bar;
        return car.offset[0] + car.offset[1] +
               x * (std::tan(car.skew[0] * SolidCar::rad) + std::tan(car.skew[1] * SolidCar::rad));
    }
    const char* spot_words(const Spot& s) const override {
        return s.axle == Axle::front ? TR_NOOP("front bar") : TR_NOOP("rear bar");
    }
    const char* whole_spot_words(const Spot& s) const override {
        return s.axle == Axle::front ? TR_NOOP("front bar, string to string")
                                     : TR_NOOP("rear bar, string to string");
    }
    const char* how_words(const Spot&) const override {
        return TR_NOOP("Measure from string to string along the {1}, square across the car.");
    }
    OnFloor on_floor(const Spot&) const override { return {OnFloor::From::bar, 0, -90, false}; }
};

class StringHeight final : public ReadingKind {
    std::string_view name() const override { return "string-height"; }
    PlaceKind place() const override { return PlaceKind::side_station; }
    double usual() const override { return 0.0; }
    std::vector<Lack> needs(const Reading&) const override { return {Lack::wheelbase}; }
    bool only_corrects() const override { return true; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        return car.hub_height + car.rise[index_of(*s.side)] * (s.station->mm() - car.wheelbase / 2);
    }
    const char* spot_words(const Spot& s) const override {
        return s.side == Side::left ? TR_NOOP("left string's height at {0}")
                                    : TR_NOOP("right string's height at {0}");
    }
    const char* how_words(const Spot&) const override {
        return TR_NOOP(
            "How far the string is above hub height there; below is minus. With camber it matters.");
    }
    const char* more_words() const override { return TR_NOOP("String's height"); }
    OnFloor on_floor(const Spot&) const override { return {OnFloor::From::station_at_string, -60, 26}; }
    std::string_view part(const Spot&) const override { return "string-height"; }
};

}  // namespace

const ReadingKind& hub() {
    static const Hub kind;
    return kind;
}
const ReadingKind& rim_front() {
    static const Rim kind(true);
    return kind;
}
const ReadingKind& rim_rear() {
    static const Rim kind(false);
    return kind;
}
const ReadingKind& string_to_string() {
    static const StringToString kind;
    return kind;
}
const ReadingKind& string_height() {
    static const StringHeight kind;
    return kind;
}

}  // namespace fairchalk::readings
