// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>

#include <QWidget>

#include "core/advice/procedure.h"

namespace fairchalk::desk {

/// A close-up of where the rule goes for one reading: side, edge, height, square to the string.
class CloseUp : public QWidget {
    Q_OBJECT
  public:
    explicit CloseUp(QWidget* parent = nullptr);
    void setSpot(const std::optional<Spot>& spot, Angle sweep = usual_sweep);
    /// Instead of where it goes, what it shows there: drawn with its graduations.
    struct Face {
        Tool tool;
        double at = 0.0;
        bool inches = false;
        QString beside;
    };
    void setFace(const std::optional<Face>& face);
    bool showsFace() const { return face_.has_value(); }
    QSize sizeHint() const override { return {330, 204}; }

  protected:
    void paintEvent(QPaintEvent*) override;

  private:
    std::optional<Spot> spot_;
    Angle sweep_ = usual_sweep;
    std::optional<Face> face_;
};

}  // namespace fairchalk::desk
