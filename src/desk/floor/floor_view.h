// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>

#include <QAbstractButton>
#include <QWidget>

#include "job_desk.h"

namespace fairchalk::desk {

/// A spot to read, numbered along the walk: hollow to do, full read, a dropped pin the one asked for, ringed
/// and crossed a suspect.
class SpotMark : public QAbstractButton {
    Q_OBJECT
  public:
    enum class State { to_do, read, asked, not_wanted };
    explicit SpotMark(QWidget* parent);
    void set(const Spot& spot, const QString& number, State state, bool suspect, const QString& value);
    const Spot& spot() const { return spot_; }

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    Spot spot_;
    QString number_;
    State state_ = State::to_do;
    bool suspect_ = false;
};

/// A wheel for those who do not see the drawing: its name and what is known of it.
class WheelMark : public QWidget {
    Q_OBJECT
  public:
    using QWidget::QWidget;
};

/// The Floor: the car from above, nose to the right, left side on top; strings as they lie, wheels at their
/// angles, much enlarged, each a fan as wide as its ±, in the hatched fan of its target.
class FloorView : public QWidget {
    Q_OBJECT
  public:
    explicit FloorView(JobDesk& desk, QWidget* parent = nullptr);
    void setAsked(const std::optional<Spot>& spot);
    void setShow(const Show& how) {
        how_ = how;
        refresh();
    }
    void refresh();
    /// Draws the floor into any device: the window, a printer.
    void draw(QPainter& p, const QSizeF& size, bool with_spots) const;
    /// The mark of the spot that is asked for.
    QWidget* pointedAt() const;

  signals:
    void spotChosen(const fairchalk::Spot& spot);

  protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;

  private:
    struct Map;  // car -> picture
    Map mapping(const QSizeF& size) const;
    static double spotX(const Map& m, const Spot& s);
    double stationX(const Map& m, const Spot& s) const;
    /// Where its mark stands.
    QPointF spotPoint(const Map& m, const Spot& s) const;
    /// The walk, and what is asked for beside it.
    std::vector<Spot> shown() const;
    bool drawLines(QPainter& p, const Map& m) const;
    void drawRules(QPainter& p, const Map& m) const;
    void drawLean(QPainter& p, const Map& m, Wheel wheel) const;
    void drawGround(QPainter& p, const Map& m, const QSizeF& size) const;
    void drawWheel(QPainter& p, const Map& m, Wheel wheel) const;
    void sayOver(QPainter& p, const QRectF& at, int flags, const QString& says) const;
    void drawTotal(QPainter& p, const Map& m, Axle axle) const;
    void drawWords(QPainter& p, const Map& m, Wheel wheel) const;
    double stringAt(const Map& m, Side side, double x) const;
    void place();

    JobDesk& desk_;
    Show how_;
    std::optional<Spot> asked_;
    std::vector<SpotMark*> spots_;
    std::array<WheelMark*, 4> wheels_{};
};

/// What each wheel is aimed at: its own target, or half of the axle's total set to the thrust line.
struct WheelAim {
    Angle aim, lo, hi;
};
std::optional<WheelAim> wheelAim(const JobDesk& desk, Wheel wheel);

/// What both wheels of an axle have together, where neither is known by itself; else nothing.
const KnownAngle* onlyTogether(const Estimate& known, Axle axle);

}  // namespace fairchalk::desk
