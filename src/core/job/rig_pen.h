// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <optional>
#include <string_view>
#include <vector>

#include <Eigen/Core>

#include "core/reading/reading.h"

namespace fairchalk {

/// What a rig is drawn with: 600 by 400 points, y down, the car's nose to the right or the wheel from behind.
/// A view gives it colors and scale; texts are marked (translatable.h).
class RigPen {
  public:
    using Point = Eigen::Vector2d;
    enum class Align { left, center, right };
    enum class Dashes { dash, dash_dot };
    static constexpr double wide = 600.0, high = 400.0;

    virtual ~RigPen() = default;

    /// The reading that the drawing is about, if one: its side, lip, tape, sweep.
    virtual const std::optional<Spot>& at() const = 0;
    /// How far the wheels are turned each way.
    virtual Angle sweep() const = 0;
    /// Begins a part of the rig: false where it does not stand yet. What it is about now is drawn strongest.
    virtual bool part(std::string_view name, double width = 3.0) = 0;
    /// A part of which one of two is meant.
    virtual bool part(std::string_view name, bool meant, double width) = 0;
    /// The part begun last is what the drawing is about.
    virtual bool now() const = 0;

    /// What is there beside the rig: wheels, floor. It covers what is behind it.
    virtual void plain(double width = 3.0) = 0;
    /// Thin broken lines that only lead the eye; `soft` ones a little stronger.
    virtual void guide(double width, Dashes dashes, bool soft = false) = 0;
    /// Words are quiet from here on.
    virtual void quiet() = 0;
    /// What is drawn next covers what is behind it.
    virtual void cover() = 0;

    virtual void line(Point from, Point to) = 0;
    virtual void polygon(const std::vector<Point>& corners) = 0;
    virtual void circle(Point middle, double radius) = 0;
    virtual void box(Point corner, double width, double height, double rounded = 0.0) = 0;
    /// Part of the ellipse in a box: degrees from the right, counterclockwise.
    virtual void arc(Point corner, double width, double height, double from_deg, double by_deg) = 0;
    /// Only the head of an arrow.
    virtual void arrow(Point from, Point to) = 0;
    /// {0}: `value` as it is.
    virtual void say(Point at, const char* text, Align align = Align::center, double value = 0.0) = 0;
    /// All that `draw` draws, turned clockwise about a point that it takes as its origin.
    virtual void turned(Point about, double degrees, const std::function<void()>& draw) = 0;

    /// A dimension: a line with an arrow at both ends.
    void measure(Point a, Point b) {
        line(a, b);
        arrow(a, b);
        arrow(b, a);
    }
    void wheel(Point middle, double length, double width, double degrees = 0) {
        turned(middle, degrees, [&] {
            plain(3.5);
            box({-length / 2, -width / 2}, length, width, width * 0.28);
        });
    }
    /// The side of the car that it shows.
    Side side() const {
        if (at() && at()->wheel) return side_of(*at()->wheel);
        return at() && at()->side ? *at()->side : Side::left;
    }
};

/// A car from above on the floor, nose to the right: rear and front axle, left (top) and right wheels.
struct CarPlan {
    double rear, front, top, bottom;
    double axle(Axle a) const { return a == Axle::rear ? rear : front; }
};

/// What a rig puts on the floor round a car is drawn with this.
class FloorPen {
  public:
    using Point = Eigen::Vector2d;
    virtual ~FloorPen() = default;
    virtual void bar(Point from, Point to, double width) = 0;
    virtual void string(Point from, Point to, double width) = 0;
};

}  // namespace fairchalk
