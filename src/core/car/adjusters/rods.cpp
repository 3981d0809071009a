// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>

#include "core/car/adjusters/common.h"
#include "core/car/steering_rod.h"

namespace fairchalk {

using namespace adjusters;

bool wheel_to_the_left(const Rod& rod) {
    return (axle_of(rod.wheel) == Axle::front) == (side_of(rod.wheel) == Side::left);
}

Sketch sketch_of(const Rod& rod, double turns, Sketch::Point size) {
    Sketch s;
    const bool longer = turns > 0;
    // Drawn with the wheel to the right: bar, thread, locknut, end.
    const double y = 44, end = size.x(), thread_from = end * 0.36, nut = end * 0.6;
    s.line(outline, {0, y - 8}, {thread_from, y - 8});
    s.line(outline, {0, y + 8}, {thread_from, y + 8});
    s.line(outline, {thread_from, y - 8}, {thread_from, y + 8});
    for (double x = thread_from + 5; x < nut - 3; x += 7) s.line(detail, {x, y - 8}, {x + 4, y + 8});
    s.box(change, {nut, y - 14}, 18, 28);
    for (double off : {-4.5, 4.5}) s.line(change, {nut, y + off}, {nut + 18, y + off});
    s.box(outline, {nut + 22, y - 12}, end - nut - 60, 24, Sketch::Fill::none, 6);
    s.circle(outline, {end - 20, y}, 19);
    s.circle(outline, {end - 20, y}, 7);
    s.say({nut - 61, y - 36}, 140, TR_NOOP("free this nut"));
    s.note({end - 160, y + 24}, 170, TR_NOOP("hold this end level"), Sketch::Align::right);
    // The way: the ends part or come together.
    const double ay = y + 34, a = 38, b = 196, half = longer ? 28 : -28;
    s.arrow(change, {a + half, ay}, {a - half, ay});
    s.arrow(change, {b - half, ay}, {b + half, ay});
    s.say({a + 28, ay - 9}, b - a - 56, longer ? TR_NOOP("longer") : TR_NOOP("shorter"), true);
    const Rotation rotation = rotation_seen_from_wheel(rod, longer);
    if (rotation != Rotation::unknown) {
        // Seen from the wheel, clockwise goes up on the side of the rod that is toward one who lies below,
        // where the wheel is to the right; down where it is to the left.
        const bool up = (rotation == Rotation::clockwise) != wheel_to_the_left(rod);
        const Point middle(46, y);
        s.arc(change, middle, 18, up ? -90.0 : 90.0, up ? 180.0 : -180.0);
        const Point tip = middle + Point(0, up ? -18 : 18);
        s.arrow(change, tip + Point(4, 0), tip - Point(5, 0));
    }
    return wheel_to_the_left(rod) ? s.mirrored(size.x()) : s;
}

}  // namespace fairchalk
