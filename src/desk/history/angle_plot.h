// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include <qcustomplot.h>

#include "core/network/estimate.h"

namespace fairchalk::desk {

/// One angle of a car through its jobs, with its ±: how each found it (ring) and left it (disc), against its
/// target. Wheel and drag zoom and move it; so do + and -.
class AnglePlot : public QCustomPlot {
    Q_OBJECT
  public:
    struct Point {
        std::size_t visit = 0;
        double day = 0.0;  ///< since 1970-01-01
        KnownAngle found, left;
        bool turned = false;    ///< turned in it, so that left is another than found
        bool happened = false;  ///< hit something, parts
    };
    explicit AnglePlot(QWidget* parent);

    void show(Measure measure, std::vector<Point> points, const std::optional<Target>& target,
              const Show& how);
    void choose(std::size_t visit);
    /// In or out about the chosen one; 0 shows all.
    void zoom(double by);
    void whole();
    /// What stands where this day is, as it is read off.
    const Point* nearest(double x) const;

  signals:
    void chosen(std::size_t visit);
    void pointed(const QString& said);

  protected:
    void mouseMoveEvent(QMouseEvent* e) override;
    void mouseReleaseEvent(QMouseEvent* e) override;
    void mousePressEvent(QMouseEvent* e) override;

  private:
    void look();

    Measure measure_ = Measure::toe;
    std::vector<Point> points_;
    Show how_;
    QCPGraph *lower_, *upper_, *middle_, *found_, *left_, *turned_, *happened_;
    QCPItemRect* target_;
    QCPItemStraightLine* here_;
    QPoint pressed_;
};

}  // namespace fairchalk::desk
