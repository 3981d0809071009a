// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/kinds/common.h"

// Along a laser line at hub height on each side of the car: square out to it from the hub and from both lips.
// It is a straight line of its own, offset and skew unknown, so that strings may be up at the same time.

namespace fairchalk::readings {
namespace {

constexpr int laser_line = 1;  // the strings' number is 0

class ToLaser final : public Predicted<ToLaser> {
  public:
    /// `end`: +1 the front lip, -1 the rear one, 0 the hub.
    explicit ToLaser(int end) : end_(end) {}
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        return end_ == 0 ? hub_to_line(site, state) : lip_to_line(site, state, end_ / 2.0);
    }

  private:
    std::string_view name() const override {
        return end_ > 0 ? "laser-front" : end_ < 0 ? "laser-rear" : "laser-hub";
    }
    PlaceKind place() const override { return PlaceKind::wheel; }
    std::optional<Bounded> bounded(Shows) const override { return Bounded::hub_to_string; }
    double usual() const override { return end_ == 0 ? 105.0 : 111.0; }
    std::optional<ReadingId> other_edge() const override {
        if (end_ == 0) return std::nullopt;
        return end_ > 0 ? ReadingId::laser_rear : ReadingId::laser_front;
    }
    double end() const override { return end_; }
    std::vector<Spot> besides(const Spot& s, const CarCard&) const override {
        if (end_ == 0) return {axle_spot(ReadingId::hub_width, axle_of(*s.wheel))};
        return half_a_turn_on(s);
    }
    int line() const override { return laser_line; }
    std::vector<Lack> needs(const Reading&) const override {
        return end_ == 0 ? std::vector{Lack::wheelbase} : std::vector{Lack::wheelbase, Lack::rim_span};
    }
    void ask(const Reading& r, const CarCard&, NetworkNeeds& needs) const override {
        for (int side : {0, 1}) needs.lines.insert(place_of_line(side, laser_line));
        if (end_ != 0) ask_for_lip(r, needs);
    }
    bool tells_toe() const override { return end_ != 0; }
    double minutes() const override { return 0.6; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        const int w = index_of(*s.wheel), side = w % 2;
        SolidCar level = car;
        level.rise = {};  // the line runs at hub height, whatever the strings do
        const SolidCar::V p = end_ == 0 ? level.hub(w) : level.edge(w, end_, s.rolled);
        return from_line(p, car.line_skew[side], car.line_offset[side]);
    }
    const char* spot_words(const Spot& s) const override {
        if (end_ == 0) return TR_NOOP("hub, to the laser");
        return end_ > 0   ? s.rolled ? TR_NOOP("front lip to the laser, half a turn on")
                                     : TR_NOOP("front lip, to the laser")
                 : s.rolled ? TR_NOOP("back lip to the laser, half a turn on")
                          : TR_NOOP("back lip, to the laser");
    }
    const char* how_words(const Spot&) const override {
        return end_ == 0 ? TR_NOOP(
                               "Zero end on the hub of the {0} wheel, the rule level and square to the line: "
                               "read the middle of the light on it.")
               : end_ > 0
                   ? TR_NOOP(
                         "Zero end on the front lip of the {0} wheel at hub height, the rule square to "
                         "the line: read the middle of the light on it.")
                   : TR_NOOP(
                         "Zero end on the back lip of the {0} wheel at hub height, the rule square to "
                         "the line: read the middle of the light on it.");
    }
    OnFloor on_floor(const Spot& s) const override {
        return {OnFloor::From::wheel, end_ * (s.rolled ? 72.0 : 38.0), 44};
    }
    std::string_view part(const Spot&) const override { return "laser-distance"; }

    int end_;
};

}  // namespace

const ReadingKind& laser_hub() {
    static const ToLaser kind(0);
    return kind;
}
const ReadingKind& laser_front() {
    static const ToLaser kind(1);
    return kind;
}
const ReadingKind& laser_rear() {
    static const ToLaser kind(-1);
    return kind;
}

}  // namespace fairchalk::readings
