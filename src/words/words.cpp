// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/words.h"

#include <algorithm>
#include <cmath>

#include "words/words_inside.h"

namespace fairchalk::words {

std::string happening(Happening h) {
    switch (h) {
        case Happening::jacked:
            return tr(TR_NOOP("jacked"));
        case Happening::strings_moved:
            return tr(TR_NOOP("strings moved"));
        case Happening::settled:
            return tr(TR_NOOP("settled"));
        case Happening::rolled:
            return tr(TR_NOOP("rolled"));
        case Happening::bounced:
            return tr(TR_NOOP("bounced"));
        case Happening::steering_moved:
            return tr(TR_NOOP("steering moved"));
        case Happening::locked:
            return tr(TR_NOOP("locked"));
        case Happening::pressures_changed:
            return tr(TR_NOOP("pressures changed"));
        case Happening::load_changed:
            return tr(TR_NOOP("load changed"));
        case Happening::turned_toe:
        case Happening::turned_device:
        case Happening::turned_other:
            return tr(TR_NOOP("turned"));
        case Happening::tiles_placed:
            return tr(TR_NOOP("tiles laid"));
    }
    return {};
}

std::string check_state(CheckState s) {
    switch (s) {
        case CheckState::open:
            return tr(TR_NOOP("to look at"));
        case CheckState::good:
            return tr(TR_NOOP("good"));
        case CheckState::failed:
            return tr(TR_NOOP("failed"));
        case CheckState::not_applicable:
            return tr(TR_NOOP("not on this car"));
    }
    return {};
}

std::string part_state(PartState s) {
    switch (s) {
        case PartState::loosened:
            return tr(TR_NOOP("loosened"));
        case PartState::removed:
            return tr(TR_NOOP("taken off"));
        case PartState::provisional:
            return tr(TR_NOOP("for now only"));
        case PartState::refitted:
            return tr(TR_NOOP("refitted and tightened"));
    }
    return {};
}

std::string suspension(Suspension s) {
    switch (s) {
        case Suspension::unknown:
            return tr(TR_NOOP("not said"));
        case Suspension::double_wishbone:
            return tr(TR_NOOP("double wishbone"));
        case Suspension::strut:
            return tr(TR_NOOP("strut"));
        case Suspension::beam:
            return tr(TR_NOOP("beam axle"));
        case Suspension::trailing_arm:
            return tr(TR_NOOP("trailing arm"));
        case Suspension::semi_trailing:
            return tr(TR_NOOP("semi-trailing arm"));
        case Suspension::multi_link:
            return tr(TR_NOOP("multi-link"));
    }
    return {};
}

std::string wheel_off(Angle off, const Show& how) {
    const std::string amount = show(abs(off), how);
    if (std::abs(off.deg()) < 0.05) return tr(TR_NOOP("straight"));
    return fill(off.deg() > 0 ? TR_NOOP("{0} to the right") : TR_NOOP("{0} to the left"), {amount});
}

std::string wheel(Wheel w) {
    switch (w) {
        case Wheel::front_left:
            return tr(TR_NOOP("left front"));
        case Wheel::front_right:
            return tr(TR_NOOP("right front"));
        case Wheel::rear_left:
            return tr(TR_NOOP("left rear"));
        case Wheel::rear_right:
            return tr(TR_NOOP("right rear"));
    }
    return {};
}

std::string axle(Axle a) {
    return tr(a == Axle::front ? TR_NOOP("front axle") : TR_NOOP("rear axle"));
}

std::string value_of(Measure m, Angle a, const Show& how) {
    if (m == Measure::thrust) return thrust({true, a, {}, {}, {}}, how);
    return is_toe(m) ? show_toe(a, how) : show(a, how);
}

std::string known(Measure m, const KnownAngle& a, const Show& how) {
    if (!a.known) return tr(TR_NOOP("not known"));
    return value_of(m, a.value, how) + " ±" + show_plus_minus(a.plus_minus(), how);
}

std::string measure(const CarAngle& t) {
    const auto what = [&] {
        switch (t.measure) {
            case Measure::total_toe:
                return tr(TR_NOOP("total toe"));
            case Measure::toe:
                return tr(TR_NOOP("toe"));
            case Measure::camber:
                return tr(TR_NOOP("camber"));
            case Measure::caster:
                return tr(TR_NOOP("caster"));
            case Measure::cross_camber:
                return tr(TR_NOOP("camber, left less right"));
            case Measure::cross_caster:
                return tr(TR_NOOP("caster, left less right"));
            case Measure::thrust:
                return tr(TR_NOOP("thrust line"));
        }
        return std::string();
    }();
    if (const Axle* a = std::get_if<Axle>(&t.where)) return axle(*a) + ", " + what;
    if (const Wheel* w = std::get_if<Wheel>(&t.where)) return wheel(*w) + ", " + what;
    return what;
}

std::string way(bool longer) {
    return tr(longer ? TR_NOOP("longer") : TR_NOOP("shorter"));
}

std::string amount_in_words(double turns) {
    const double t = std::abs(turns);
    const long eighths = std::lround(t * 8);
    if (std::abs(t * 8 - static_cast<double>(eighths)) > 1e-6 || eighths == 0) return show_turns(t);
    const long whole = eighths / 8;
    const auto part = [&]() -> std::string {
        switch (eighths % 8) {
            case 1:
                return tr(TR_NOOP("one eighth"));
            case 2:
                return tr(TR_NOOP("one quarter"));
            case 3:
                return tr(TR_NOOP("three eighths"));
            case 4:
                return tr(TR_NOOP("one half"));
            case 5:
                return tr(TR_NOOP("five eighths"));
            case 6:
                return tr(TR_NOOP("three quarters"));
            case 7:
                return tr(TR_NOOP("seven eighths"));
            default:
                return "";
        }
    }();
    if (whole == 0) return fill(TR_NOOP("{0} of a turn"), {part});
    if (part.empty())
        return whole == 1 ? tr(TR_NOOP("one whole turn"))
                          : fill(TR_NOOP("{0} whole turns"), {std::to_string(whole)});
    return whole == 1 ? fill(TR_NOOP("one turn and {0}"), {part})
                      : fill(TR_NOOP("{0} turns and {1}"), {std::to_string(whole), part});
}

std::string flats(double turns) {
    const double f = std::abs(turns) * 6;
    const long quarters = std::lround(f * 4);
    const std::string text = show_fraction(static_cast<double>(quarters) / 4);
    return quarters == 4 ? fill(TR_NOOP("{0} flat of the hexagon"), {text})
                         : fill(TR_NOOP("{0} flats of the hexagon"), {text});
}

std::string thrust(const KnownAngle& a, const Show& how) {
    const std::string amount = show(abs(a.value), how);
    if (std::abs(a.value.deg()) < 0.5 / 60) return fill(TR_NOOP("{0}, straight"), {amount});
    return fill(a.value.deg() > 0 ? TR_NOOP("{0} to the left") : TR_NOOP("{0} to the right"), {amount});
}

std::string call(Call c) {
    switch (c) {
        case Call::inside:
            return tr(TR_NOOP("inside"));
        case Call::outside:
            return tr(TR_NOOP("outside"));
        case Call::too_close:
            return tr(TR_NOOP("too close to call"));
        case Call::unknown:
            return tr(TR_NOOP("not known yet"));
    }
    return {};
}

std::string slip(Slip s) {
    switch (s) {
        case Slip::front_rear_swapped:
            return tr(TR_NOOP("front and back were swapped"));
        case Slip::left_right_swapped:
            return tr(TR_NOOP("left and right were swapped"));
        case Slip::one_division:
            return tr(TR_NOOP("it is one division off"));
        case Slip::an_inch:
            return tr(TR_NOOP("it is an inch off"));
        case Slip::ten_mm:
            return tr(TR_NOOP("it is 10 mm off"));
        case Slip::digits_transposed:
            return tr(TR_NOOP("two digits changed places"));
        case Slip::wrong_unit:
            return tr(TR_NOOP("it is in another unit"));
        case Slip::wrong_side:
            return tr(TR_NOOP("it was read from the other side"));
    }
    return {};
}

std::string stage(Stage s) {
    switch (s) {
        case Stage::ask:
            return tr(TR_NOOP("Ask"));
        case Stage::check_over:
            return tr(TR_NOOP("Check over"));
        case Stage::floor:
            return tr(TR_NOOP("Floor"));
        case Stage::steering:
            return tr(TR_NOOP("Steering"));
        case Stage::lines:
            return tr(TR_NOOP("Lines"));
        case Stage::read:
            return tr(TR_NOOP("Read"));
        case Stage::turn:
            return tr(TR_NOOP("Turn"));
        case Stage::drive:
            return tr(TR_NOOP("Drive"));
    }
    return {};
}

std::string chance(double p) {
    if (p >= 0.975) return tr(TR_NOOP("nearly certain"));
    if (p >= 0.925) return tr(TR_NOOP("19 in 20"));
    if (p >= 0.85) return tr(TR_NOOP("9 in 10"));
    if (p >= 0.775) return tr(TR_NOOP("4 in 5"));
    if (p >= 0.7) return tr(TR_NOOP("3 in 4"));
    if (p >= 0.58) return tr(TR_NOOP("2 in 3"));
    if (p >= 0.42) return tr(TR_NOOP("1 in 2"));
    if (p >= 0.29) return tr(TR_NOOP("1 in 3"));
    if (p >= 0.15) return tr(TR_NOOP("1 in 5"));
    if (p >= 0.07) return tr(TR_NOOP("1 in 10"));
    return tr(TR_NOOP("hardly"));
}

}  // namespace fairchalk::words
