// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/job/floor.h"
#include "guide/drawn_guide.h"

namespace fairchalk::desk {

/// Floor: the four spots seen obliquely, tilted much larger than life. The survey is read here, and what it
/// does to camber and caster, the tiles that level it, and the settling of the car on it.
class GroundGuide : public DrawnGuide {
    Q_OBJECT
  public:
    using DrawnGuide::DrawnGuide;
    void enter() override;
    std::vector<Place> places() const override;
    void point(const QString& place) override;
    QString title() const override;
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    bool typing() const override;
    bool typesWords() const override { return chosen_ == "name"; }
    QString prompt() const override;
    Expect expected() const override;
    std::optional<Bounded> bounded() const override;
    QString keep(const QString& text) override;
    std::optional<Reading> reads() const override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;

  private:
    struct Known {
        QString name;
        FloorSet set;
        Length wheelbase;
    };
    std::vector<Known> knownFloors() const;
    std::optional<Spot> askedSpot() const;
    QPointF at(double forward, double left, Length rise, double per_mm) const;
    std::optional<TilePlan> tiles() const;
    QString ways() const;
    QString whenSurveyed(const Floor& floor) const;
    QString settling() const;
    QString effects(const FloorSolved& solved) const;
    QString tilesText() const;
    void drawPlace(QPainter& p, const Place& place, const Floor& floor, const FloorSolved& solved) const;

    std::optional<Length> tile_;  ///< thickness typed
    QString kept_as_;             ///< the name this survey was kept under
};

}  // namespace fairchalk::desk
