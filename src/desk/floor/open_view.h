// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

#include "core/procedure.h"

namespace fairchalk::desk {

/// A stage that is not built yet: an open knot that says what it will hold.
class OpenView : public QWidget {
    Q_OBJECT
  public:
    using QWidget::QWidget;
    void setStage(Stage stage);

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    Stage stage_ = Stage::ask;
};

}  // namespace fairchalk::desk
