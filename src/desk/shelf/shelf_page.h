// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>
#include <set>

#include <QAbstractButton>
#include <QLabel>
#include <QScrollArea>
#include <QVBoxLayout>
#include <QWidget>

#include "core/job/look_again.h"
#include "job_desk.h"

namespace fairchalk::desk {

/// A line on the shelf: a car, or one of its jobs, or what begins a new one, or one of several to choose.
class ShelfLine : public QAbstractButton {
    Q_OBJECT
  public:
    enum class Kind { car, job, begin, choice };
    ShelfLine(Kind kind, const QString& text, const QString& note, QWidget* parent);
    /// Its knot is tight: done, or chosen.
    void setDone(bool done) {
        done_ = done;
        update();
    }
    bool isDone() const { return done_; }
    /// The keys are for this line. One that was just made is shown first: what is not seen has no focus,
    /// however soon it will be.
    void takeFocus() {
        show();
        setFocus();
    }
    /// A second, smaller line.
    void setBelow(const QString& below);

  protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    /// With a new zoom comes a new style.
    void changeEvent(QEvent* e) override;

  private:
    /// In the drawing's own pixels, as all of it: drawn as large as the window's zoom.
    double wide() const;
    QRectF underneath() const;
    void fit();
    Kind kind_;
    QString note_, below_;
    bool done_ = false;
};

/// What an empty shelf shows: what this is about, in one drawing.
class WelcomeDrawing : public QWidget {
    Q_OBJECT
  public:
    explicit WelcomeDrawing(QWidget* parent);

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    void changeEvent(QEvent* e) override;
};

/// The book: a shelf of cars with their jobs; while there is none, what this is and four ways in.
class ShelfPage : public QWidget {
    Q_OBJECT
  public:
    explicit ShelfPage(JobDesk& desk, QWidget* parent = nullptr);
    void refresh();

  signals:
    void jobChosen(const QString& job);
    void newJobWanted(const QString& car);
    void newCarWanted();
    void practiceWanted();
    void copiesWanted();
    void historyWanted(const QString& car);
    void demoWanted();
    void fileWanted();

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    void copyCar(const std::string& car);
    void fill();
    ShelfLine* addLine(ShelfLine::Kind kind, const QString& text, const QString& note);
    void waysIn();
    void addCar(const book::CarInfo& car);
    void askWhatIsDue();
    ShelfLine* first_ = nullptr;

    JobDesk& desk_;
    std::map<std::string, std::vector<Due>> dues_;  ///< by car, as far as they are known
    std::set<std::string> whole_;                   ///< cars of which all jobs are shown
    WelcomeDrawing* welcome_;
    QLabel* title_;
    QLabel* note_;
    QWidget* list_;
};

}  // namespace fairchalk::desk
