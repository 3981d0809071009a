// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <set>

#include "core/judge/disturbed.h"
#include "guide/drawn_guide.h"

namespace fairchalk::desk {

/// Point at what a repair undoes: which angles that moves, by how much at most, what to mark before, and what
/// else leads there that moves less.
class RepairGuide : public DrawnGuide {
    Q_OBJECT
  public:
    using DrawnGuide::DrawnGuide;

    void enter() override;
    bool isStage() const override { return false; }
    std::vector<Place> places() const override;
    void point(const QString& place) override;
    QString title() const override { return tr("What will a repair disturb?"); }
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    QString keep(const QString&) override { return {}; }
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    bool actHasFocus() const override { return true; }
    void draw(QPainter& p) const override;

  private:
    std::optional<CornerKind> kind() const;
    RodSide rods() const;
    std::vector<Joint> undone() const;

    Wheel wheel_ = Wheel::front_left;
    std::set<Joint> undone_;
};

}  // namespace fairchalk::desk
