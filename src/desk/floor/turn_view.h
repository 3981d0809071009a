// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

#include "job_desk.h"

namespace fairchalk::desk {

/// What to turn, drawn: each rod from where the mechanic lies, the amount on a dial, and where its toe is and
/// will be.
class TurnView : public QWidget {
    Q_OBJECT
  public:
    explicit TurnView(JobDesk& desk, QWidget* parent = nullptr);
    void setShow(const Show& how) {
        how_ = how;
        refresh();
    }
    void refresh();
    void draw(QPainter& p, const QSizeF& size) const;

  protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override { refresh(); }

  private:
    void drawRod(QPainter& p, const QRectF& box, const PlannedTurn& turn, const Rod& rod, int number) const;
    void drawReview(QPainter& p, const QRectF& box) const;

    JobDesk& desk_;
    Show how_;
    std::vector<QWidget*> cards_;  // what each says, for those who do not see it
};

}  // namespace fairchalk::desk
