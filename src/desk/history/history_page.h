// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLabel>
#include <QWidget>

#include "book/season.h"
#include "history/angle_plot.h"
#include "job_desk.h"

class QVBoxLayout;

namespace fairchalk::desk {

/// The car on its floor with the wheels' ways of all its jobs laid over each other, and a line of their days
/// under it to go along.
class SeasonFloor : public QWidget {
    Q_OBJECT
  public:
    explicit SeasonFloor(QWidget* parent);
    void show(const std::vector<book::Visit>* season, std::size_t chosen);

  signals:
    void chosen(std::size_t visit);

  protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* e) override;
    void mouseMoveEvent(QMouseEvent* e) override;

  private:
    QRectF slider() const;
    double at(std::size_t visit) const;
    void pick(double x);
    const std::vector<book::Visit>* season_ = nullptr;
    std::size_t chosen_ = 0;
};

/// A car through its jobs: its floor, one angle over time, what happened, what moved and why, what its
/// adjusters do, what drifts, its tires and sheets, what is due.
class HistoryPage : public QWidget {
    Q_OBJECT
  public:
    explicit HistoryPage(JobDesk& desk, QWidget* parent = nullptr);
    void begin(const std::string& car);
    void setShow(const Show& how);
    const std::string& car() const { return car_; }
    std::size_t visits() const { return season_.size(); }
    std::size_t chosenVisit() const { return visit_; }
    CarAngle chosenAngle() const { return angle_; }
    QString text() const { return text_->text(); }
    AnglePlot& plot() { return *plot_; }
    bool ready() const { return ready_; }

  signals:
    void left();
    void jobChosen(const QString& job);

  protected:
    void keyPressEvent(QKeyEvent* e) override;
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;

  private:
    void refresh();
    void chooseVisit(std::size_t visit);
    void chooseAngle(const CarAngle& angle);
    std::size_t before(std::size_t visit) const;
    void stepAngle(int by);
    std::vector<CarAngle> known() const;
    QString ofTheVisit() const;
    QString ofTheCar() const;

    JobDesk& desk_;
    Show how_;
    std::string car_;
    bool ready_ = false;
    std::vector<book::Visit> season_;
    std::vector<AngleDrift> drifts_;
    std::vector<book::DueVisit> due_;
    std::vector<SheetBeside> sheets_;
    std::size_t visit_ = 0;
    CarAngle angle_{Measure::total_toe, Axle::front};
    QLabel *title_, *note_, *angle_title_, *read_off_, *text_, *keys_;
    SeasonFloor* floor_;
    AnglePlot* plot_;
};

}  // namespace fairchalk::desk
