// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <vector>

#include <QAbstractButton>
#include <QPainter>
#include <QPixmap>
#include <QWidget>

#include "core/job/knowledge.h"
#include "guide/guide.h"

namespace fairchalk::desk {

/// Something on a drawing that can be pointed at.
struct Place {
    QString id;
    QRectF at;      ///< in the drawing's own units, 960 by 920
    QString name;   ///< what it is, for those who hear it
    QString value;  ///< how it stands
};

/// A guide that is one drawing with places on it: what is typed and done is about the chosen one. The
/// GuideView shows the drawing, and knows no stage.
class DrawnGuide : public Guide {
    Q_OBJECT
  public:
    using Guide::Guide;

    static constexpr double width = 960.0, height = 920.0;

    virtual std::vector<Place> places() const = 0;
    const QString& chosen() const { return chosen_; }
    virtual void choose(const QString& place);
    /// Pointed at with a click: by default no more than chosen.
    virtual void point(const QString& place) { choose(place); }
    void step(int by) override;
    void across(int by) override;

    /// What else of the drawing means a place: the one at that point, or none.
    virtual QString placeAt(QPointF) const { return {}; }
    /// On a drawing of `width` by `height`.
    virtual void draw(QPainter& p) const = 0;

  protected:
    /// The next place after the chosen one for which `open` holds.
    template <class F>
    void moveOn(F&& open) {
        const auto all = places();
        std::size_t here = 0;
        while (here < all.size() && all[here].id != chosen_) ++here;
        for (std::size_t i = 1; i <= all.size(); ++i) {
            const Place& p = all[(here + i) % all.size()];
            if (open(p.id)) return choose(p.id);
        }
    }

    QString chosen_;
};

/// One place as a child that can be pointed at, focused and heard.
class PlaceMark : public QAbstractButton {
    Q_OBJECT
  public:
    using QAbstractButton::QAbstractButton;
    QString id;

  protected:
    void paintEvent(QPaintEvent*) override;
};

/// Draws a guide, and puts a mark on each of its places.
class GuideView : public QWidget {
    Q_OBJECT
  public:
    using QWidget::QWidget;
    void setGuide(DrawnGuide* guide);
    void refresh();
    /// The mark of the place that is pointed at.
    QWidget* pointedAt() const;

  protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void mousePressEvent(QMouseEvent* e) override;

  private:
    QTransform fit() const;
    DrawnGuide* guide_ = nullptr;
    std::vector<PlaceMark*> marks_;
};

// What several drawings share.

/// The part of a drawing that stays from one picture to the next, while `key` says the same.
struct KeptPicture {
    QPixmap picture;
    QString key;
};
/// Draws it from there on a screen; for a printer, and where text is watched, it is drawn anew.
void drawKept(QPainter& p, KeptPicture& kept, const QString& key, const std::function<void(QPainter&)>& draw);

/// The car from above, nose to the right, in `box`; wheels as rounded bars.
void drawCar(QPainter& p, const QRectF& box);
/// Where a wheel of that car stands.
QPointF wheelOf(const QRectF& box, Wheel w);
/// Text in a place of a drawing, in its own measure.
void drawText(QPainter& p, const QRectF& at, int flags, const QString& text, double size, const QColor& c,
              bool bold = false);
/// How a place stands: a tick, a cross, a dash, or an open ring.
void drawState(QPainter& p, QPointF at, CheckState state, bool chosen);
/// A steering wheel of radius `r`, turned to the right by `angle`.
void drawSteeringWheel(QPainter& p, QPointF at, double r, Angle angle, const QColor& c);

}  // namespace fairchalk::desk
