// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractButton>
#include <QLabel>
#include <QWidget>

#include "help/terms.h"

namespace fairchalk::desk {

/// The drawing of a term: dragged, or moved by the arrow keys.
class TermView : public QWidget {
    Q_OBJECT
  public:
    explicit TermView(QWidget* parent);
    void setTerm(const Term* term);
    void setAt(double at);
    double at() const { return at_; }

  signals:
    void moved();
    void leafed(int by);

  protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* e) override;
    void mouseMoveEvent(QMouseEvent* e) override;
    void wheelEvent(QWheelEvent* e) override;
    void keyPressEvent(QKeyEvent* e) override;

  private:
    const Term* term_ = nullptr;
    double at_ = 0.0;
};

/// The words of the job, each drawn once.
class TermsPage : public QWidget {
    Q_OBJECT
  public:
    explicit TermsPage(QWidget* parent = nullptr);
    /// Begins with this one, or where it was left.
    void begin(const QString& id);
    void setShow(const Show& how);
    TermView& view() { return *view_; }
    QString says() const { return says_->text(); }

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    void choose(const Term& term);
    void say();

    Show how_;
    const Term* term_ = nullptr;
    std::vector<QAbstractButton*> names_;
    TermView* view_;
    QLabel* title_;
    QLabel* text_;
    QLabel* says_;
};

}  // namespace fairchalk::desk
