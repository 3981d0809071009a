// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/rigs/common.h"

#include <algorithm>
#include <cmath>
#include <stdexcept>

namespace fairchalk::rigs {

SizeField size_of(std::string_view name) {
    for (const SizeField& s : size_fields())
        if (s.name == name) return s;
    throw std::logic_error("no such size of a rig");
}

std::vector<Spot> spots_on_strings(bool bars, std::optional<Side> only) {
    std::vector<Spot> out;
    for (const Spot& s : string_walk())
        if (s.wheel ? !only || side_of(*s.wheel) == *only : bars) out.push_back(s);
    return out;
}

std::vector<Spot> widths_to_read(const CarCard& car) {
    std::vector<Spot> out = spots_without_rig();
    std::erase_if(out, [&](const Spot& s) { return car.axle(*s.axle).hub_width.has_value(); });
    return out;
}

void front_is(RigPen& pen, Point at) {
    pen.quiet();
    pen.say(at, TR_NOOP("front →"), Align::right);
}

void draw_axle(RigPen& pen, bool wheels_off) {
    if (wheels_off) {
        pen.plain();
        for (double y : {axle_top, axle_bottom}) pen.box({axle_x - 46, y - 14}, 92, 28, 6);
    } else {
        for (double y : {axle_top, axle_bottom}) pen.wheel({axle_x, y}, 210, 64);
    }
    front_is(pen, {590, 40});
    pen.plain(2);
    pen.guide(2, RigPen::Dashes::dash_dot);
    pen.line({axle_x, axle_top + 40}, {axle_x, axle_bottom - 40});
}

void draw_tapes(RigPen& pen, std::string_view part, double dx, double top, double bottom) {
    const auto& at = pen.at();
    // Where both are meant, as by their difference, neither is told from the other.
    const double end = at ? reading_kind(at->kind).end() : 0.0;
    if (pen.part(part, end >= 0, 3)) {
        pen.measure({axle_x + dx, top}, {axle_x + dx, bottom});
        pen.say({axle_x + dx + 8, 180}, TR_NOOP("in front"), Align::left);
    }
    if (pen.part(part, end <= 0, 3)) {
        pen.measure({axle_x - dx, top}, {axle_x - dx, bottom});
        pen.say({axle_x - dx - 8, 180}, TR_NOOP("at the back"), Align::right);
    }
}

void bars_at_wheels(FloorPen& pen, const CarPlan& car, std::array<bool, 2> axles, double away, double half,
                    double width) {
    for (Axle a : both_axles)
        for (double y : {car.top - away, car.bottom + away})
            if (axles[static_cast<std::size_t>(index_of(a))])
                pen.bar({car.axle(a) - half, y}, {car.axle(a) + half, y}, width);
}

void draw_hub_width(RigPen& pen) {
    if (!pen.part("hub-width", 3)) return;
    pen.measure({axle_x - 26, axle_top - 32}, {axle_x - 26, axle_bottom + 32});
    pen.say({axle_x + 6, 200}, TR_NOOP("over the hub faces"), Align::left);
}

SideView::SideView(RigPen& pen) : left_(pen.side() == Side::left) {
    for (double x : {rear, front}) pen.wheel({x, y(middle)}, 170, 58);
    front_is(pen, {590, y(350)});
}

void SideView::hub_widths(RigPen& pen) const {
    if (!pen.part("hub-width", 3) || !pen.now()) return;
    for (double x : {rear, front}) {
        pen.line({x, y(233)}, {x, y(390)});
        pen.arrow({x, y(380)}, {x, y(233)});
        pen.say({x + 10, y(340)}, TR_NOOP("over both hubs"), Align::left);
    }
}

BehindView::BehindView(RigPen& pen) : left(pen.side() == Side::left) {
    const double lean = left ? 5 : -5;  // top in
    pen.plain(2);
    pen.line({60, 372}, {540, 372});
    pen.guide(2, RigPen::Dashes::dash);
    pen.line({x(330), 20}, {x(330), 372});
    pen.wheel({x(330), 212}, 96, 312, lean);
    pen.plain(4);
    pen.line({x(382), 212}, {x(520), 212});
    pen.quiet();
    pen.say({x(470), 186}, TR_NOOP("to the car"));
    pen.plain(3);
    for (double y : {108.0, 316.0}) pen.circle({x(y < 200 ? lip_upper + 5 : lip_lower + 4), y}, 5);
}

void BehindView::half_turn(RigPen& pen) const {
    const bool rolled = pen.at() && pen.at()->rolled;
    if (!(pen.part("half-turn", 3) && pen.now()) && !rolled) return;
    // From the side, small.
    pen.circle({x(90), 320}, 34);
    pen.arc({x(90) - 46, 274}, 92, 92, 0, 180);
    pen.arrow({x(90) + 46, 312}, {x(90) + 46, 324});
    pen.say({x(110), 256}, TR_NOOP("half a turn on"));
}

void draw_sweep(RigPen& pen, bool ends, bool checked_for_roll) {
    const bool left = pen.side() == Side::left;
    const double out = left ? -1 : 1;  // outward is up at the left side
    const Point middle(250, 200);
    const double reach = 250;
    const auto& at = pen.at();
    if (pen.part("plates", 3)) pen.circle(middle, 150);
    const auto heading = [](double degrees) {
        const double a = degrees * 0.01745329;
        return Point(std::cos(a), std::sin(a));
    };
    const double sweep = pen.sweep().deg();
    for (double to : {-sweep, 0.0, sweep}) {
        pen.guide(2, RigPen::Dashes::dash);
        pen.line(middle, middle + heading(to) * reach);
    }
    const auto end = [&](std::string_view part, bool meant, double to, const char* words) {
        if (!pen.part(part, meant, 3)) return;
        const Point tip = middle + heading(to) * reach;
        pen.line(middle + heading(to) * 120, tip);
        pen.arrow(middle, tip);
        pen.say(tip + Point(8, to == 0 ? 0 : to < 0 ? -16 : 16), words, Align::left, sweep);
    };
    end("straight", !at || (at->swept == Swept::straight && !ends), 0, TR_NOOP("straight"));
    end("sweep-out", !at || at->swept == Swept::out, out * sweep,
        ends ? TR_NOOP("zero it at {0}° out") : TR_NOOP("{0}° out"));
    end("sweep-in", !at || at->swept == Swept::in || ends, -out * sweep,
        ends ? TR_NOOP("read at {0}° in") : TR_NOOP("{0}° in"));
    double stands = 0;
    if (at)
        stands = at->swept == Swept::out ? out * sweep : (at->swept == Swept::in || ends) ? -out * sweep : 0;
    pen.wheel(middle, 190, 62, stands);
    pen.turned(middle, stands, [&] {
        pen.plain(3);
        pen.box({-20, out * 46 - 14}, 40, 28, 6);  // the gauge, on the outer face
    });
    pen.quiet();
    pen.say({20, left ? 384.0 : 16.0},
            left ? TR_NOOP("left front, from above") : TR_NOOP("right front, from above"), Align::left);
    if (!checked_for_roll || !pen.part("roll-check", 3) || !pen.now()) return;
    for (double side : {-1.0, 1.0})
        pen.turned({480 + side * 40, 330}, 10, [&] { pen.box({-11, -40}, 22, 80, 6); });
    pen.say({480, 275}, TR_NOOP("from behind, turned left"));
}

}  // namespace fairchalk::rigs
