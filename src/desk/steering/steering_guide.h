// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/job/wheel_only.h"
#include "guide/drawn_guide.h"

namespace fairchalk::desk {

/// Steering: the wheel from the seat and the front wheels from above, joined. How it was set straight, by
/// which school; what holds it; its play, halved; and the second look after each turn of an adjuster.
class SteeringGuide : public DrawnGuide {
    Q_OBJECT
  public:
    using DrawnGuide::DrawnGuide;
    void enter() override;
    std::vector<Place> places() const override;
    void choose(const QString& place) override;
    QString title() const override;
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    bool typing() const override { return !pending_; }
    bool typesWords() const override { return chosen_ == "held"; }
    QString prompt() const override;
    Expect expected() const override;
    std::optional<Bounded> bounded() const override;
    Understood understand(const QString& text) const override;
    std::optional<Reading> reads() const override;
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;

  private:
    struct Play {
        Angle middle, free;
    };
    std::optional<Play> play() const;
    std::optional<Angle> wheelNow() const;
    double ratio() const;
    bool frontsRead() const;
    const Reading* last(const Spot& spot) const;

    std::optional<Quantity> pending_;  ///< off by this: since when?
};

/// The wheel-only job, where turning is all there is: equal and opposite turns of the two rods.
class WheelGuide : public DrawnGuide {
    Q_OBJECT
  public:
    using DrawnGuide::DrawnGuide;
    void enter() override;
    std::vector<Place> places() const override;
    QString title() const override;
    QString subtitle() const override;
    QString first() const override { return truthHint(); }
    QString body() const override;
    QString say() const override;
    bool typing() const override { return typing_turns_; }
    Expect expected() const override { return {Expect::Kind::turns, Bare::turns}; }
    Understood understand(const QString& text) const override;
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;

  private:
    bool typing_turns_ = false;
    std::vector<std::pair<std::string, double>> made_;
};

/// What the posterior of the wheel says, in lines for the Slate.
QString wheelWords(const WheelOnly& w, const CarCard& car, const Show& how);

}  // namespace fairchalk::desk
