// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/judge/tires.h"
#include "guide/drawn_guide.h"

namespace fairchalk::desk {

/// The four treads: depth or temperature at three places of each, what that pattern says, and whether the
/// angles explain it.
class TiresGuide : public DrawnGuide {
    Q_OBJECT
  public:
    using DrawnGuide::DrawnGuide;

    void enter() override;
    bool isStage() const override { return false; }
    std::vector<Place> places() const override;
    QString title() const override { return tr("Tires"); }
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    bool typing() const override { return true; }
    bool takesGauge() const override { return false; }
    QString prompt() const override;
    Expect expected() const override;
    std::optional<Bounded> bounded() const override;
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;

  private:
    ReadingId kind() const { return warm_ ? ReadingId::tire_temperature : ReadingId::tread_depth; }
    std::optional<Spot> asked() const;
    std::optional<double> at(Wheel w, TreadPlace t) const;

    bool warm_ = false;  ///< temperatures are asked for
    std::vector<TireWear> wear_;
    std::string wear_for_;
};

}  // namespace fairchalk::desk
