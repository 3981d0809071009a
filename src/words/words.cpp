// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/words.h"

#include <algorithm>
#include <cmath>

#include "words/words_inside.h"

namespace fairchalk::words {

std::string happening(Happening h) {
    switch (h) {
        case Happening::jacked:
            return tr("jacked");
        case Happening::strings_moved:
            return tr("strings moved");
        case Happening::settled:
            return tr("settled");
        case Happening::rolled:
            return tr("rolled");
        case Happening::bounced:
            return tr("bounced");
        case Happening::steering_moved:
            return tr("steering moved");
        case Happening::locked:
            return tr("locked");
        case Happening::pressures_changed:
            return tr("pressures changed");
        case Happening::load_changed:
            return tr("load changed");
        case Happening::turned_toe:
        case Happening::turned_device:
        case Happening::turned_other:
            return tr("turned");
        case Happening::tiles_placed:
            return tr("tiles laid");
    }
    return {};
}

std::string check_state(CheckState s) {
    switch (s) {
        case CheckState::open:
            return tr("to look at");
        case CheckState::good:
            return tr("good");
        case CheckState::failed:
            return tr("failed");
        case CheckState::not_applicable:
            return tr("not on this car");
    }
    return {};
}

std::string part_state(PartState s) {
    switch (s) {
        case PartState::loosened:
            return tr("loosened");
        case PartState::removed:
            return tr("taken off");
        case PartState::provisional:
            return tr("for now only");
        case PartState::refitted:
            return tr("refitted and tightened");
    }
    return {};
}

std::string suspension(Suspension s) {
    switch (s) {
        case Suspension::unknown:
            return tr("not said");
        case Suspension::double_wishbone:
            return tr("double wishbone");
        case Suspension::strut:
            return tr("strut");
        case Suspension::beam:
            return tr("beam axle");
        case Suspension::trailing_arm:
            return tr("trailing arm");
        case Suspension::semi_trailing:
            return tr("semi-trailing arm");
        case Suspension::multi_link:
            return tr("multi-link");
    }
    return {};
}

std::string wheel_off(Angle off, const Show& how) {
    const std::string amount = show(abs(off), how);
    if (std::abs(off.deg()) < 0.05) return tr("straight");
    return fill(off.deg() > 0 ? TR_NOOP("{0} to the right") : TR_NOOP("{0} to the left"), {amount});
}

std::string wheel(Wheel w) {
    switch (w) {
        case Wheel::front_left:
            return tr("left front");
        case Wheel::front_right:
            return tr("right front");
        case Wheel::rear_left:
            return tr("left rear");
        case Wheel::rear_right:
            return tr("right rear");
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
    if (!a.known) return tr("not known");
    return value_of(m, a.value, how) + " ±" + show_plus_minus(a.plus_minus(), how);
}

std::string measure(const CarAngle& t) {
    const auto what = [&] {
        switch (t.measure) {
            case Measure::total_toe:
                return tr("total toe");
            case Measure::toe:
                return tr("toe");
            case Measure::camber:
                return tr("camber");
            case Measure::caster:
                return tr("caster");
            case Measure::cross_camber:
                return tr("camber, left less right");
            case Measure::cross_caster:
                return tr("caster, left less right");
            case Measure::thrust:
                return tr("thrust line");
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
                return tr("one eighth");
            case 2:
                return tr("one quarter");
            case 3:
                return tr("three eighths");
            case 4:
                return tr("one half");
            case 5:
                return tr("five eighths");
            case 6:
                return tr("three quarters");
            case 7:
                return tr("seven eighths");
            default:
                return "";
        }
    }();
    // Of its own: where the half takes the turn's gender.
    if (eighths == 4) return tr("one half of a turn");
    if (whole == 0) return fill(TR_NOOP("{0} of a turn"), {part});
    if (part.empty()) return tr_n("%n whole turns", "one whole turn", static_cast<int>(whole));
    return filled(tr_n("%n turns and {0}", "one turn and {0}", static_cast<int>(whole)), {part});
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
            return tr("inside");
        case Call::outside:
            return tr("outside");
        case Call::too_close:
            return tr("too close to call");
        case Call::unknown:
            return tr("not known yet");
    }
    return {};
}

std::string slip(Slip s) {
    switch (s) {
        case Slip::front_rear_swapped:
            return tr("front and back were swapped");
        case Slip::left_right_swapped:
            return tr("left and right were swapped");
        case Slip::one_division:
            return tr("it is one division off");
        case Slip::an_inch:
            return tr("it is an inch off");
        case Slip::ten_mm:
            return tr("it is 10 mm off");
        case Slip::digits_transposed:
            return tr("two digits changed places");
        case Slip::wrong_unit:
            return tr("it is in another unit");
        case Slip::wrong_side:
            return tr("it was read from the other side");
    }
    return {};
}

std::string stage(Stage s) {
    switch (s) {
        case Stage::ask:
            return tr("Ask");
        case Stage::check_over:
            return tr("Check over");
        case Stage::floor:
            return tr("Floor");
        case Stage::steering:
            return tr("Steering");
        case Stage::lines:
            return tr("Lines");
        case Stage::read:
            return tr("Read");
        case Stage::turn:
            return tr("Turn");
        case Stage::drive:
            return tr("Drive");
    }
    return {};
}

std::string chance(double p) {
    if (p >= 0.975) return tr("nearly certain");
    if (p >= 0.925) return tr("19 in 20");
    if (p >= 0.85) return tr("9 in 10");
    if (p >= 0.775) return tr("4 in 5");
    if (p >= 0.7) return tr("3 in 4");
    if (p >= 0.58) return tr("2 in 3");
    if (p >= 0.42) return tr("1 in 2");
    if (p >= 0.29) return tr("1 in 3");
    if (p >= 0.15) return tr("1 in 5");
    if (p >= 0.07) return tr("1 in 10");
    return tr("hardly");
}

}  // namespace fairchalk::words
