// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QColor>
#include <QFont>
#include <QPainter>
#include <QPen>
#include <QString>

namespace fairchalk::desk {

/// Colors, strokes and sizes: all that is drawn takes them from here. Two floors: slate and daylight.
/// State is told by stroke and shape first; string yellow and target blue only repeat it.
struct Chalk {
    QColor floor, floor_line, panel, panel_edge, well, chalk, soft, faint, string, target, caution, on_string;
    bool dark = true;

    static const Chalk& now();
    static void choose(bool dark);
    QPen stroke(const QColor& c, double width = 2.0, Qt::PenStyle style = Qt::SolidLine) const;
    QString styleSheet() const;
};

/// How large everything is written and drawn, against what it was made for.
double zoom();
/// So many pixels of what it was made for, as large as they are drawn.
int px(double at_one);
void setZoom(double times);
constexpr double least_zoom = 0.8, most_zoom = 2.5;
/// The zoom that the system's own size of text asks for: 1 up to 11 points, never less.
double zoomOfSystem();
/// The floor of a theme as preferences name it.
bool isDark(const QString& theme);
/// Floor, zoom and style as the preferences have them: before the first widget is made.
void dress();
/// Nothing is written smaller.
constexpr double smallest_type = 11.0;
/// B612 in pixels, for widgets: at the zoom that is set. Figures in it are of one width.
QFont type(double pixels, bool bold = false);
/// The same for what is drawn: who draws scales the painter.
QFont chalked(double pixels, bool bold = false);
/// The style, and the fonts that ship with the application.
void loadLook();

/// A line as chalk leaves it: a solid core with a dusty edge.
void chalkLine(QPainter& p, QPointF a, QPointF b, const QColor& c, double width = 2.0);
/// A string: twisted, tight.
void stringLine(QPainter& p, QPointF a, QPointF b, const QColor& c, double width = 2.0);
/// For tests: what is drawn of text, and what of it is cut or small.
struct TextWatch {
    QStringList written, cut;
    QList<std::pair<QString, QRectF>> places;  ///< where each of them stands
    double smallest = 1e9;                     ///< pixels
    static TextWatch* watching;
};
/// Text in a place, in the painter's font. What is too long, in one language or another, gets smaller first,
/// down to what can be read, then narrower, then a second line where there is room; only then it is cut.
/// Gives the place it takes.
QRectF writeIn(QPainter& p, const QRectF& at, int flags, QString text);
/// A word chalked across the floor, faint under all that is drawn on it.
void chalkWord(QPainter& p, const QRectF& floor, const QString& word);
/// Hatching of a target.
QBrush hatch(const QColor& c);

}  // namespace fairchalk::desk
