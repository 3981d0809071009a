// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/car/adjusters/common.h"

#include <algorithm>

namespace fairchalk::adjusters {

CornerMove moved(Hardpoint p, double x, double y) {
    CornerMove m;
    m.at(p) = Eigen::Vector3d(x, y, 0);
    return m;
}

CornerMove longer(std::initializer_list<Link> which, double mm) {
    CornerMove m;
    for (Link l : which) m.length(l) = mm;
    return m;
}

Handle handle(const Adjuster& d, std::string_view name, HandleUnit unit, std::string_view more,
              std::string_view less, double step, double range) {
    return {name, unit, more, less, d.step.value_or(step), d.least.value_or(-range), d.most.value_or(range)};
}

Handle with_words(Handle h, const char* more, const char* less, const char* where) {
    h.says_more = more;
    h.says_less = less;
    h.says_where = where;
    return h;
}

Handle threaded_handle(const Adjuster& d, double step) {
    return with_words(handle(d, "", HandleUnit::turn, "longer", "shorter", step, 20.0), TR_NOOP("{0} longer"),
                      TR_NOOP("{0} shorter"));
}

double pitch_of(const Adjuster& d) {
    return d.pitch.value_or(Length::from_mm(1.5)).mm() * (d.double_ended ? 2.0 : 1.0);
}

DeviceField length_field(const char* key, std::optional<Length> Adjuster::*in, const char* asks,
                         const char* hint) {
    return {key, DeviceField::Long{in}, asks, hint};
}

DeviceField pitch_field() {
    return length_field("pitch", &Adjuster::pitch, TR_NOOP("thread pitch"), "1.5 mm");
}

DeviceField thread_field() {
    return {"thread", DeviceField::Hand{&Adjuster::thread}, TR_NOOP("thread at the end toward the wheel")};
}

DeviceField double_ended_field() {
    return {
        "double_ended",
        DeviceField::Flag{&Adjuster::double_ended, TR_NOOP("one"), TR_NOOP("left and right: twice a turn")},
        TR_NOOP("threads")};
}

DeviceField side_field(const char* asks) {
    return {"rod", DeviceField::SideOfAxle{&Adjuster::rod}, asks};
}

DeviceField arm_field() {
    return {"arm",
            DeviceField::Either{&Adjuster::upper_arm, "lower", "upper", TR_NOOP("the lower arm"),
                                TR_NOOP("the upper arm")},
            TR_NOOP("it is at")};
}

Sketch threaded_sketch(double by, Sketch::Point size) {
    Sketch s;
    const double y = size.y() / 2 - 8, l = 20, r = std::min(360.0, size.x() - 30);
    s.circle(outline, {l, y}, 15);
    s.circle(outline, {r, y}, 15);
    s.box(outline, {l + 70, y - 10}, r - l - 140, 20);
    for (double x = l + 18; x < l + 66; x += 7) s.line(detail, {x, y - 6}, {x + 4, y + 6});
    for (double x = r - 66; x < r - 18; x += 7) s.line(detail, {x, y - 6}, {x + 4, y + 6});
    const double out = by > 0 ? 24.0 : -24.0;
    s.arrow(change, {l + 40 + out, y + 34}, {l + 40 - out, y + 34});
    s.arrow(change, {r - 40 - out, y + 34}, {r - 40 + out, y + 34});
    return s;
}

Sketch on_its_side(const Sketch& of_right, const Adjuster& d, Sketch::Point size) {
    return side_of(wheel_of(d)) == Side::left ? of_right.mirrored(size.x()) : of_right;
}

void front_mark(Sketch& s, Sketch::Point at) {
    s.note(at + Sketch::Point(0, -9), 34, TR_NOOP("front"));
    s.arrow(detail, at + Sketch::Point(40, 0), at + Sketch::Point(66, 0));
}

void shim(Sketch& s, Sketch::Point corner, double width, double height, bool added) {
    s.box({Sketch::Ink::change, added ? 1.6 : 1.8, !added}, corner, width, height,
          added ? Sketch::Fill::ink : Sketch::Fill::none);
}

}  // namespace fairchalk::adjusters
