// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>

#include "core/reading/kinds/common.h"

// From wheel to wheel of an axle: tapes on boards, on stud bars and on treads, the difference of both, the
// width over the hubs, and a gauge that shows the total itself.

namespace fairchalk::readings {
namespace {

/// Taped at both edges of what stands at the wheels: the difference over its span is the total toe, the
/// middle an unknown of its own.
class Taped : public Predicted<Taped> {
  public:
    Taped(ReadingId other, bool front) : other_(other), front_(front) {}
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        using std::sin;
        const T middle = state(Unknown::mid_width, place_of_width(site.axle, site.pair));
        const T total = stand_on_tires() ? total_toe_of_boards(site, state) : total_toe(site, state);
        const T half = 0.5 * site.span * sin(total);
        return (front_ ? T(middle - half) : T(middle + half)) + tool_zero(site, state);
    }

    PlaceKind place() const override { return PlaceKind::axle; }
    std::optional<Bounded> bounded(Shows) const override { return Bounded::across_axle; }
    double usual() const override { return 1450.0; }
    std::optional<ReadingId> other_edge() const override { return other_; }
    double end() const override { return front_ ? 1.0 : -1.0; }
    std::vector<Lack> needs(const Reading&) const override { return {Lack::span}; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        return car.width_at(*s.axle, end(), car.board_span, stand_on_tires(), s.rolled);
    }
    OnFloor on_floor(const Spot&) const override { return {OnFloor::From::axle, end() * 46, 0, false}; }

  protected:
    /// Against the sidewalls; a line scribed round a spun tread is as true as the hub.
    virtual bool stand_on_tires() const { return false; }
    bool front() const { return front_; }
    /// A quarter on: the same figures prove that neither rim nor sidewall lies.
    static std::vector<Spot> a_quarter_on(const Spot& s) {
        if (s.rolled) return {};
        Spot on = s;
        on.rolled = true;
        return {on};
    }

  private:
    ReadingId other_;
    bool front_;
};

class Boards final : public Taped {
  public:
    using Taped::Taped;

  private:
    std::string_view name() const override { return front() ? "boards-front" : "boards-rear"; }
    bool stand_on_tires() const override { return true; }
    void ask(const Reading& r, const CarCard&, NetworkNeeds& needs) const override {
        ask_for_boards(r, needs);
    }
    double minutes() const override { return 1.0; }
    std::vector<Spot> besides(const Spot& s, const CarCard&) const override {
        std::vector<Spot> out = {axle_spot(ReadingId::tape_difference, *s.axle)};
        for (const Spot& on : a_quarter_on(s)) out.push_back(on);
        return out;
    }
    const char* spot_words(const Spot&) const override {
        return front() ? TR_NOOP("tape in front") : TR_NOOP("tape behind");
    }
    const char* how_words(const Spot&) const override {
        return front() ? TR_NOOP(
                             "Tape from slot to slot in front of the {0}'s wheels, pulled tight, the same "
                             "edge of both slots.")
                       : TR_NOOP(
                             "Tape from slot to slot behind the {0}'s wheels, pulled tight, the same edge "
                             "of both slots.");
    }
    std::string_view part(const Spot&) const override { return "tapes"; }
};

class StudBars final : public Taped {
  public:
    using Taped::Taped;

  private:
    std::string_view name() const override { return front() ? "stud-bar-front" : "stud-bar-rear"; }
    const char* spot_words(const Spot&) const override {
        return front() ? TR_NOOP("tape in front, on the bars") : TR_NOOP("tape behind, on the bars");
    }
    const char* how_words(const Spot&) const override {
        return TR_NOOP("Tape from bar to bar of the {0}, from the same nick on both.");
    }
    std::string_view part(const Spot&) const override { return "stud-tapes"; }
};

class Tread final : public Taped {
  public:
    using Taped::Taped;

  private:
    std::string_view name() const override { return front() ? "tread-front" : "tread-rear"; }
    std::vector<Spot> besides(const Spot& s, const CarCard&) const override { return a_quarter_on(s); }
    const char* spot_words(const Spot&) const override {
        return front() ? TR_NOOP("tread to tread, in front") : TR_NOOP("tread to tread, behind");
    }
    const char* how_words(const Spot&) const override {
        return TR_NOOP("Tape from line to line on the treads of the {0}, as high in front as behind.");
    }
    std::string_view part(const Spot&) const override { return "tread-tape"; }
};

class TapeDifference final : public Predicted<TapeDifference> {
  public:
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        using std::sin;
        return site.span * sin(total_toe_of_boards(site, state));
    }

  private:
    std::string_view name() const override { return "tape-difference"; }
    void ask(const Reading& r, const CarCard&, NetworkNeeds& needs) const override {
        ask_for_boards(r, needs);
    }
    PlaceKind place() const override { return PlaceKind::axle; }
    bool signed_reading() const override { return true; }
    std::optional<Bounded> bounded(Shows) const override { return Bounded::tape_difference; }
    double usual() const override { return 0.0; }
    std::vector<Lack> needs(const Reading&) const override { return {Lack::span}; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        return car.width_at(*s.axle, -1, car.board_span, true, s.rolled) -
               car.width_at(*s.axle, 1, car.board_span, true, s.rolled);
    }
    const char* spot_words(const Spot&) const override { return TR_NOOP("front tape less rear tape"); }
    const char* how_words(const Spot&) const override {
        return TR_NOOP("How much more the front tape of the {0} shows than the rear one; less is minus.");
    }
    const char* more_words() const override { return TR_NOOP("One difference"); }
    OnFloor on_floor(const Spot&) const override { return {OnFloor::From::axle, -16, 0, false}; }
    std::string_view part(const Spot&) const override { return "tapes"; }
};

class HubWidth final : public Predicted<HubWidth> {
  public:
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        return 2.0 * state(Unknown::half_width, site.axle);
    }

  private:
    std::string_view name() const override { return "hub-width"; }
    PlaceKind place() const override { return PlaceKind::axle; }
    std::optional<Bounded> bounded(Shows) const override { return Bounded::across_axle; }
    double usual() const override { return 1500.0; }
    bool wants_no_rig() const override { return true; }
    bool tells_toe() const override { return false; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        return 2 * car.half_width[static_cast<std::size_t>(index_of(*s.axle))];
    }
    const char* spot_words(const Spot&) const override { return TR_NOOP("width over the hubs"); }
    const char* how_words(const Spot&) const override {
        return TR_NOOP("Over both hub faces of the {0}, square across the car.");
    }
    const char* more_words() const override { return TR_NOOP("Hub width"); }
    OnFloor on_floor(const Spot&) const override { return {OnFloor::From::axle, 0, 0, false, true}; }
    std::string_view part(const Spot&) const override { return "hub-width"; }
};

class ToeAngle final : public Predicted<ToeAngle> {
  public:
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        using std::sin;
        const T toe = site.of_wheel ? toe_as_it_stands(site, state, site.wheel) : total_toe(site, state);
        return site.as_length ? T(site.span * sin(toe)) : toe;
    }

  private:
    std::string_view name() const override { return "toe-angle"; }
    PlaceKind place() const override { return PlaceKind::wheel_or_axle; }
    QuantityKind quantity() const override { return QuantityKind::angle; }
    bool toe_as_length() const override { return true; }
    std::optional<Bounded> bounded(Shows) const override { return Bounded::toe; }
    std::vector<Lack> needs(const Reading& r) const override {
        return r.value.kind == QuantityKind::length ? std::vector{Lack::span} : std::vector<Lack>{};
    }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        if (s.wheel) return car.toe[static_cast<std::size_t>(index_of(*s.wheel))];
        const auto left = static_cast<std::size_t>(index_of(*s.axle)) * 2;
        return car.toe[left] + car.toe[left + 1];
    }
    const char* spot_words(const Spot&) const override { return TR_NOOP("total toe by the gauge"); }
    const char* how_words(const Spot&) const override {
        return TR_NOOP("Total toe of the {0} as the gauge shows it, with in or out: 12' in.");
    }
    const char* example_words() const override {
        return TR_NOOP("Like 12' in or 0.2 deg out; a bare number is degrees.");
    }
    OnFloor on_floor(const Spot& s) const override {
        return s.wheel ? ReadingKind::on_floor(s) : OnFloor{OnFloor::From::axle, -16, 0, false};
    }
    std::string_view part(const Spot&) const override { return "gauge"; }
};

}  // namespace

const ReadingKind& boards_front() {
    static const Boards kind(ReadingId::boards_rear, true);
    return kind;
}
const ReadingKind& boards_rear() {
    static const Boards kind(ReadingId::boards_front, false);
    return kind;
}
const ReadingKind& stud_bar_front() {
    static const StudBars kind(ReadingId::stud_bar_rear, true);
    return kind;
}
const ReadingKind& stud_bar_rear() {
    static const StudBars kind(ReadingId::stud_bar_front, false);
    return kind;
}
const ReadingKind& tread_front() {
    static const Tread kind(ReadingId::tread_rear, true);
    return kind;
}
const ReadingKind& tread_rear() {
    static const Tread kind(ReadingId::tread_front, false);
    return kind;
}
const ReadingKind& tape_difference() {
    static const TapeDifference kind;
    return kind;
}
const ReadingKind& hub_width() {
    static const HubWidth kind;
    return kind;
}
const ReadingKind& toe_angle() {
    static const ToeAngle kind;
    return kind;
}

}  // namespace fairchalk::readings
