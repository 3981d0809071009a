// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLineEdit>
#include <QTimer>

namespace fairchalk::desk {

/// A line to type on. What it shows while it is empty is as readable as all other text: a style sheet of
/// this Qt would write it half transparent.
class TypeLine : public QLineEdit {
    Q_OBJECT
  public:
    using QLineEdit::QLineEdit;

  protected:
    void changeEvent(QEvent* e) override;
    void showEvent(QShowEvent* e) override;

  private:
    void colorPlaceholder();
};

/// Lets the caret blink only while somebody is at work: a window that is left alone costs nothing.
class Caret : public QObject {
  public:
    explicit Caret(QObject* parent);

  protected:
    bool eventFilter(QObject*, QEvent* e) override;

  private:
    QTimer still_;
};

}  // namespace fairchalk::desk
