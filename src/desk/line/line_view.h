// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>

#include <QAbstractButton>
#include <QWidget>

#include "job_desk.h"

namespace fairchalk::desk {

/// One stage on the string: a knot that is tight, slack or open, with its name and how it stands.
class StageKnot : public QAbstractButton {
    Q_OBJECT
  public:
    StageKnot(Stage stage, QWidget* parent);
    /// `minutes`: what it still takes, as expected.
    void set(const StageState& state, const QString& note, bool here, double minutes);
    QSize sizeHint() const override { return {176, 80}; }

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    Stage stage_;
    StageState state_;
    QString note_, minutes_;
    bool here_ = false;
};

/// The Line, down the left: a knot for each stage in working order, and a plumb bob where you are.
class LineView : public QWidget {
    Q_OBJECT
  public:
    explicit LineView(JobDesk& desk, QWidget* parent = nullptr);
    void setStage(Stage stage);
    /// The knots alone, where there is little room.
    void fold(bool folded);
    bool folded() const { return folded_; }
    void refresh();

  signals:
    void chosen(fairchalk::Stage stage);

  protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;

  private:
    JobDesk& desk_;
    bool folded_ = false;
    Stage here_ = Stage::read;
    std::array<StageKnot*, 8> knots_{};
};

}  // namespace fairchalk::desk
