// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>

#include "core/reading/kinds/common.h"

// What is read of the floor and of the car's state, beside its angles: no rig reads it and no target judges
// it; the stages of a job that want it name it.

namespace fairchalk::readings {
namespace {

/// Kept, compared with what it was, and no part of the estimate.
struct OfState : ReadingKind {
    const char* called;
    PlaceKind where;
    QuantityKind what;
    const char* words;
    OfState(const char* c, PlaceKind p, QuantityKind q, const char* w)
        : called(c), where(p), what(q), words(w) {}
    std::string_view name() const override { return called; }
    PlaceKind place() const override { return where; }
    QuantityKind quantity() const override { return what; }
    ReadingUse use() const override { return ReadingUse::state; }
    bool solved() const override { return false; }
    const char* spot_words(const Spot&) const override { return words; }
};

/// From a stand on the floor to the lip: half a turn on, the difference is twice the run-out.
struct RimRunout final : OfState {
    RimRunout()
        : OfState("rim-runout", PlaceKind::wheel, QuantityKind::length, TR_NOOP("lip, to the stand")) {}
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        return 20.0 +
               (s.rolled ? -1 : 1) * car.span / 2 * std::sin(car.wobble[index_of(*s.wheel)] * SolidCar::rad);
    }
    const char* spot_words(const Spot& s) const override {
        return s.rolled ? TR_NOOP("lip, half a turn on") : words;
    }
};

/// From a stand to the sidewall: a quarter on, the bulge has come to where the rule is.
struct TireBulge final : OfState {
    TireBulge()
        : OfState("tire-bulge", PlaceKind::wheel, QuantityKind::length, TR_NOOP("tire, to the stand")) {}
    bool rolled_a_quarter() const override { return true; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        return s.rolled ? 20.0 - car.bulge[static_cast<std::size_t>(index_of(*s.wheel))] : 20.0;
    }
    const char* spot_words(const Spot& s) const override {
        return s.rolled ? TR_NOOP("tire, a quarter turn on") : words;
    }
};

struct SteeringPlay final : OfState {
    SteeringPlay() : OfState("steering-play", PlaceKind::side, QuantityKind::angle, nullptr) {}
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        // To the right is positive.
        return (s.side == Side::left ? -0.5 : 0.5) * car.steering_play;
    }
    const char* spot_words(const Spot& s) const override {
        return s.side == Side::left ? TR_NOOP("takes up to the left at")
                                    : TR_NOOP("takes up to the right at");
    }
};

/// How far off level the steering wheel stood: all that a round read with it so, was steered by that.
class SteeringWheel final : public Predicted<SteeringWheel> {
  public:
    template <class T>
    T shows(const Site& site, const State<T>& state) const {
        return site.ratio * state(Unknown::steer, 0);
    }

  private:
    std::string_view name() const override { return "steering-wheel"; }
    PlaceKind place() const override { return PlaceKind::car; }
    QuantityKind quantity() const override { return QuantityKind::angle; }
    std::optional<Bounded> bounded(Shows) const override { return std::nullopt; }
    bool of_steering() const override { return true; }
    std::optional<double> shown(const SolidCar&, const Spot&, double) const override {
        return 0.0;  // as it was set, it is held
    }
    const char* spot_words(const Spot&) const override { return TR_NOOP("steering wheel off level"); }
};

/// From the floor up to a level line: less where the floor is higher.
class FloorLine final : public ReadingKind {
    std::string_view name() const override { return "floor-line"; }
    PlaceKind place() const override { return PlaceKind::wheel; }
    ReadingUse use() const override { return ReadingUse::floor; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        return 250.0 - car.floor[static_cast<std::size_t>(index_of(*s.wheel))];
    }
    const char* spot_words(const Spot&) const override { return TR_NOOP("floor up to the line"); }
};

/// How much higher the floor is under another wheel, by a level on a long straight bar.
class FloorRise final : public ReadingKind {
    std::string_view name() const override { return "floor-rise"; }
    PlaceKind place() const override { return PlaceKind::leg; }
    bool toe_as_length() const override { return true; }
    ReadingUse use() const override { return ReadingUse::floor; }
    std::optional<double> shown(const SolidCar& car, const Spot& s, double) const override {
        if (!s.to) return std::nullopt;
        return car.floor[static_cast<std::size_t>(index_of(*s.to))] -
               car.floor[static_cast<std::size_t>(index_of(*s.wheel))];
    }
    const char* spot_words(const Spot&) const override { return "floor-rise"; }
};

/// At three places across a tire's tread: what wears it, or heats it, shows by where.
struct OfTread final : OfState {
    Bounded bounds;
    OfTread(const char* c, QuantityKind q, Bounded b) : OfState(c, PlaceKind::tread, q, nullptr), bounds(b) {}
    bool signed_reading() const override { return false; }
    std::optional<Bounded> bounded(Shows) const override { return bounds; }
    const char* spot_words(const Spot& s) const override {
        return !s.tread                         ? TR_NOOP("tread")
               : *s.tread == TreadPlace::outer  ? TR_NOOP("outer edge")
               : *s.tread == TreadPlace::middle ? TR_NOOP("middle")
                                                : TR_NOOP("inner edge");
    }
};

}  // namespace

const ReadingKind& tread_depth() {
    static const OfTread kind("tread-depth", QuantityKind::length, Bounded::tread_depth);
    return kind;
}
const ReadingKind& tire_temperature() {
    static const OfTread kind("tire-temperature", QuantityKind::temperature, Bounded::tire_temperature);
    return kind;
}
const ReadingKind& rim_runout() {
    static const RimRunout kind;
    return kind;
}
const ReadingKind& tire_bulge() {
    static const TireBulge kind;
    return kind;
}
const ReadingKind& steering_play() {
    static const SteeringPlay kind;
    return kind;
}
const ReadingKind& steering_wheel() {
    static const SteeringWheel kind;
    return kind;
}
const ReadingKind& floor_line() {
    static const FloorLine kind;
    return kind;
}
const ReadingKind& floor_rise() {
    static const FloorRise kind;
    return kind;
}
const ReadingKind& ride_height() {
    static const OfState kind("ride-height", PlaceKind::wheel, QuantityKind::length, TR_NOOP("ride height"));
    return kind;
}
const ReadingKind& pressure() {
    static const OfState kind("pressure", PlaceKind::wheel, QuantityKind::pressure, TR_NOOP("pressure"));
    return kind;
}
const ReadingKind& rod_length() {
    static const OfState kind("rod-length", PlaceKind::wheel, QuantityKind::length, TR_NOOP("rod length"));
    return kind;
}
const ReadingKind& thread_exposed() {
    static const OfState kind("thread-exposed", PlaceKind::wheel, QuantityKind::length,
                              TR_NOOP("thread that shows"));
    return kind;
}
const ReadingKind& lock_to_lock() {
    static const OfState kind("lock-to-lock", PlaceKind::car, QuantityKind::turns,
                              TR_NOOP("turns from lock to lock"));
    return kind;
}

}  // namespace fairchalk::readings
