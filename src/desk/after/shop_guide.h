// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/judge/shop_bias.h"
#include "guide/drawn_guide.h"

namespace fairchalk::desk {

/// A shop's sheet, typed as it has it, beside one's own readings of that time; and what all sheets together
/// say of this garage.
class ShopGuide : public DrawnGuide {
    Q_OBJECT
  public:
    using DrawnGuide::DrawnGuide;

    void enter() override;
    bool isStage() const override { return false; }
    std::vector<Place> places() const override;
    QString title() const override { return tr("A shop's sheet"); }
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    bool typing() const override { return true; }
    bool takesGauge() const override { return false; }
    bool typesWords() const override { return chosen_ == QLatin1String("where"); }
    QString prompt() const override;
    Expect expected() const override { return {Expect::Kind::angle, Bare::deg}; }
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;
    const std::vector<GarageBias>& bias() const { return bias_; }

  private:
    void workOut();
    std::optional<ShopSheet::Figure> kept(const CarAngle& angle) const;
    std::string where() const;
    QString toThePracticeShop();

    ShopSheet::When when_ = ShopSheet::When::before;
    std::vector<SheetBeside> beside_;  ///< of this car
    std::vector<GarageBias> bias_;     ///< of all cars
    std::string job_;
    QString written_;
};

}  // namespace fairchalk::desk
