// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <utility>
#include <vector>

#include <Eigen/Core>

namespace fairchalk {

/// A drawing as data: strokes by what they stand for, in points from the upper left of a box, y down. A view
/// paints it with its own colors.
class Sketch {
  public:
    enum class Ink {
        thing,   ///< what is there
        part,    ///< what belongs to it
        ground,  ///< what it is fixed to
        change   ///< what is done to it
    };
    enum class Fill { none, ink, floor };
    enum class Align { left, center, right };
    enum class Shape { line, beam, circle, box, arc, arrow, note };
    using Point = Eigen::Vector2d;

    struct Pen {
        Ink ink = Ink::thing;
        double width = 2.2;
        bool dashed = false;
    };
    struct Stroke {
        Shape shape = Shape::line;
        Pen pen;
        Fill fill = Fill::none;
        Point at{0, 0};                       ///< from; of a circle and an arc the middle
        Point to{0, 0};                       ///< of a box and a note the lower right
        double radius = 0.0;                  ///< of a circle and an arc; of a box, of its corners
        double from_deg = 0.0, by_deg = 0.0;  ///< of an arc: from the right, counterclockwise
        const char* text = nullptr;           ///< of a note (translatable.h)
        Align align = Align::left;
        bool bold = false;
    };

    void line(Pen pen, Point from, Point to) { add(Shape::line, pen, from, to); }
    /// Broad and rough, as drawn with the side of a piece of chalk.
    void beam(Ink ink, double width, Point from, Point to) { add(Shape::beam, {ink, width}, from, to); }
    void arrow(Pen pen, Point from, Point to) { add(Shape::arrow, pen, from, to); }
    void circle(Pen pen, Point middle, double radius, Fill fill = Fill::none) {
        Stroke& s = add(Shape::circle, pen, middle, middle);
        s.radius = radius;
        s.fill = fill;
    }
    void box(Pen pen, Point corner, double width, double height, Fill fill = Fill::none,
             double rounded = 0.0) {
        Stroke& s = add(Shape::box, pen, corner, corner + Point(width, height));
        s.radius = rounded;
        s.fill = fill;
    }
    void arc(Pen pen, Point middle, double radius, double from_deg, double by_deg) {
        Stroke& s = add(Shape::arc, pen, middle, middle);
        s.radius = radius;
        s.from_deg = from_deg;
        s.by_deg = by_deg;
    }
    void note(Point corner, double width, const char* text, Align align = Align::center) {
        Stroke& s = add(Shape::note, {Ink::part}, corner, corner + Point(width, 18));
        s.text = text;
        s.align = align;
    }
    /// A note on what is done.
    void say(Point corner, double width, const char* text, bool bold = false) {
        note(corner, width, text);
        strokes_.back().pen.ink = Ink::change;
        strokes_.back().bold = bold;
    }
    /// As in a mirror, in a box of this width; notes stay readable.
    Sketch mirrored(double width) const {
        Sketch out = *this;
        for (Stroke& s : out.strokes_) {
            s.at.x() = width - s.at.x();
            s.to.x() = width - s.to.x();
            if (s.shape == Shape::box || s.shape == Shape::note) std::swap(s.at.x(), s.to.x());
            if (s.shape == Shape::arc) {
                s.from_deg = 180.0 - s.from_deg;
                s.by_deg = -s.by_deg;
            }
            if (s.align != Align::center) s.align = s.align == Align::left ? Align::right : Align::left;
        }
        return out;
    }
    const std::vector<Stroke>& strokes() const& { return strokes_; }
    std::vector<Stroke> strokes() && { return std::move(strokes_); }

  private:
    Stroke& add(Shape shape, Pen pen, Point from, Point to) {
        Stroke s;
        s.shape = shape;
        s.pen = pen;
        s.at = from;
        s.to = to;
        strokes_.push_back(s);
        return strokes_.back();
    }
    std::vector<Stroke> strokes_;
};

}  // namespace fairchalk
