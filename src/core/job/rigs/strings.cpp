// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/rigs/common.h"

// A string along each side, or one side alone; and strings told by marks on the chassis.

namespace fairchalk {

const std::vector<Spot>& string_walk() {
    static const std::vector<Spot> walk = [] {
        std::vector<Spot> w;
        const auto wheel = [&](Wheel at, bool forward) {
            const ReadingId first = forward ? ReadingId::rim_rear : ReadingId::rim_front;
            const ReadingId last = forward ? ReadingId::rim_front : ReadingId::rim_rear;
            for (ReadingId kind : {first, ReadingId::hub, last}) w.push_back(wheel_spot(kind, at));
        };
        wheel(Wheel::rear_left, true);
        wheel(Wheel::front_left, true);
        w.push_back(axle_spot(ReadingId::string_to_string, Axle::front));
        wheel(Wheel::front_right, false);
        wheel(Wheel::rear_right, false);
        w.push_back(axle_spot(ReadingId::string_to_string, Axle::rear));
        return w;
    }();
    return walk;
}

namespace rigs {
namespace {

constexpr double rear = 175, front = 425, top = 140, bottom = 260;  // wheels
constexpr double l = 70, r = 530, s0 = 62, s1 = 338;                // ends and strings

class Strings : public Rig {
  public:
    using Rig::Rig;
    std::vector<Spot> walk(const LinesSet&, const CarCard& car) const override {
        if (strings[0] && strings[1]) return spots_on_strings(true, {});
        std::vector<Spot> out = spots_on_strings(false, strings[0] ? Side::left : Side::right);
        // Taped once the string is read.
        for (const Spot& width : widths_to_read(car)) out.push_back(width);
        return out;
    }

  protected:
    /// What holds both strings, and what else is drawn before the distances.
    virtual void ends(RigPen&) const {}
    virtual void between(RigPen&) const {}
    virtual bool width_told() const { return strings[0] && strings[1]; }
    static void stand(RigPen& pen, double y) {
        for (double x : {l, r}) pen.polygon({{x - 16, y + 14}, {x + 16, y + 14}, {x, y - 14}});
    }

    void drawing(RigPen& pen) const final {
        const bool both = strings[0] && strings[1];
        for (double x : {rear, front})
            for (double y : {top, bottom}) pen.wheel({x, y}, 84, 30);
        front_is(pen, {590, 384});
        if (pen.part("bars", 6))
            for (double x : {l, r}) {
                pen.line({x, s0 - 30}, {x, s1 + 30});
                for (double y : {s0, s1}) pen.line({x - 8, y}, {x + 8, y});
            }
        ends(pen);
        // One side at a time is on two stands of its own.
        for (std::size_t side : {0u, 1u}) {
            const std::string_view part = both ? "strings" : side == 0 ? "left-string" : "right-string";
            if (!strings[side] || !pen.part(part, 2.5)) continue;
            const double y = side == 0 ? s0 : s1;
            pen.line({l, y}, {r, y});
            if (!both) stand(pen, y);
        }
        between(pen);
        if (pen.part("hub-distance", 2.5)) {
            for (double x : {rear, front}) {
                if (strings[0]) pen.measure({x, top - 15}, {x, s0});
                if (strings[1]) pen.measure({x, bottom + 15}, {x, s1});
            }
            if (pen.now()) pen.say({300, strings[0] ? 98.0 : 302.0}, TR_NOOP("hub to string, about alike"));
        }
        if (pen.part("bar-width", 2.5) && width_told()) {
            for (double x : {l + 24, r - 24}) pen.measure({x, s0}, {x, s1});
            if (pen.now()) pen.say({300, 200}, TR_NOOP("string to string, at both ends"));
        }
        if (pen.part("string-height", 2.5)) {
            // From the side, in the middle: string through the hub's centre.
            const bool one = pen.at().has_value();
            pen.cover();
            pen.circle({300, 200}, 44);
            pen.line({215, one ? 186.0 : 200.0}, {385, one ? 186.0 : 200.0});
            pen.circle({300, 200}, 5);
            if (pen.now())
                pen.say({300, one ? 20.0 : 268.0}, one ? TR_NOOP("string above hub height; below is minus")
                                                       : TR_NOOP("from the side: through the hub's center"));
        }
    }
};

class OnStands final : public Strings {
  public:
    using Strings::Strings;

  private:
    void ends(RigPen& pen) const override {
        if (pen.part("stands", 3)) stand(pen, s0 - 22), stand(pen, s1 + 22);
    }
};

class ChassisCentreline final : public Strings {
  public:
    using Strings::Strings;
    std::vector<Spot> walk(const LinesSet& lines, const CarCard& car) const override {
        std::vector<Spot> out = spots_on_strings(false, {});
        std::vector<Length> at = lines.stations;
        // At both axles, where nobody said else: the front one once it is known how far ahead it is.
        if (at.empty()) {
            at.push_back(Length());
            if (car.wheelbase) at.push_back(*car.wheelbase);
        }
        for (Side side : both_sides)
            for (Length x : at) out.push_back(station_spot(kinds.front(), side, x));
        return out;
    }
    void on_floor(FloorPen& pen, const CarPlan& car, std::array<bool, 2>) const override {
        const double y = (car.top + car.bottom) / 2;
        pen.string({car.rear - 70, y}, {car.front + 70, y}, 1.6);
    }

  private:
    bool width_told() const override { return false; }
    void ends(RigPen& pen) const override {
        if (pen.part("strings", 3)) stand(pen, s0 - 22), stand(pen, s1 + 22);
    }
    void between(RigPen& pen) const override {
        if (pen.part("centreline", 2.5)) {
            pen.line({l, 200}, {r, 200});
            for (double x : {rear + 40, front - 40}) pen.line({x - 7, 193}, {x + 7, 207});
        }
        if (!pen.part("centreline-distance", 2.5)) return;
        const bool one = pen.at().has_value();
        const bool ahead = one && pen.at()->station && pen.at()->station->mm() > 1000.0;
        for (double x : {rear + 40, front - 40}) {
            if (one && (x > 300) != ahead) continue;
            if (!one || pen.side() == Side::left) pen.measure({x, 200}, {x, s0});
            if (!one || pen.side() == Side::right) pen.measure({x, 200}, {x, s1});
        }
        if (pen.now()) pen.say({300, 170}, TR_NOOP("square to the center string"));
    }
};

RigFacts both_strings(std::string_view id) {
    RigFacts f{
        .id = id, .reference = Reference::centreline, .each_wheel = true, .total = true, .thrust = true};
    f.bars = true;
    f.strings = {true, true};
    f.minutes = 15.0;
    return f;
}

RigFacts one_string(std::string_view id, Side side) {
    RigFacts f{.id = id, .reference = Reference::centreline, .each_wheel = true};
    f.wants_widths = true;
    f.strings[static_cast<std::size_t>(index_of(side))] = true;
    f.minutes = 8.0;
    return f;
}

}  // namespace

const Rig& string_bars() {
    static const Strings rig([] {
        RigFacts f = both_strings("string-bars");
        f.tied_to_bars = true;
        return f;
    }());
    return rig;
}
const Rig& string_stands() {
    static const OnStands rig(both_strings("string-stands"));
    return rig;
}
const Rig& string_left() {
    static const Strings rig(one_string("string-left", Side::left));
    return rig;
}
const Rig& string_right() {
    static const Strings rig(one_string("string-right", Side::right));
    return rig;
}
const Rig& chassis_centreline() {
    static const ChassisCentreline rig({.id = "chassis-centreline",
                                        .reference = Reference::chassis_marks,
                                        .each_wheel = true,
                                        .total = true,
                                        .thrust = true,
                                        .kinds = {ReadingId::centreline_to_string},
                                        .stations = true,
                                        .strings = {true, true}});
    return rig;
}

}  // namespace rigs
}  // namespace fairchalk
