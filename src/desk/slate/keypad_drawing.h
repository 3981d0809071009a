// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

namespace fairchalk::desk {

/// A numeric keypad as it is used here, key by key: shown once one of its keys was.
class KeypadDrawing : public QWidget {
    Q_OBJECT
  public:
    explicit KeypadDrawing(QWidget* parent = nullptr);

  protected:
    void paintEvent(QPaintEvent*) override;
};

}  // namespace fairchalk::desk
