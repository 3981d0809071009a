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
    /// How many sheets there are, and one of them.
    int sheets() const;
    void drawSheet(QPainter& p, const QSizeF& size, int number);
    /// The turns of the plan that stand on the sheet that is shown.
    std::vector<std::size_t> onSheet() const;
    /// Another sheet of what there is to turn.
    void page(int by);

  protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override { refresh(); }

  private:
    void drawRod(QPainter& p, const QRectF& box, const PlannedTurn& turn, const Adjuster& rod,
                 int number) const;
    void drawCard(QPainter& p, const QRectF& box, const PlannedTurn& turn, const Adjuster& d,
                  int number) const;
    void drawBeforeAfter(QPainter& p, const QRectF& box, const PlannedTurn& turn, const QString& name) const;
    void drawOrder(QPainter& p, const QRectF& all) const;
    int perPage() const;
    QRectF cardBox(std::size_t i, const QSizeF& size) const;

    JobDesk& desk_;
    static constexpr double order_row = 22.0, least_card = 285.0;
    static constexpr double before_after = 86.0;  ///< the foot of a card
    static double orderHeight(std::size_t turns) { return order_row * static_cast<double>(turns) + 26.0; }

    Show how_;
    int page_ = 0;
    std::vector<QWidget*> cards_;  // what each says, for those who do not see it
};

}  // namespace fairchalk::desk
