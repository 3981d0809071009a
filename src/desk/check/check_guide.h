// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/job/knowledge.h"
#include "core/job/ride_check.h"
#include "guide/drawn_guide.h"

namespace fairchalk::desk {

/// Check over: the walk round the car. Each item stands where it is on the car; the Slate says what to look
/// at, how to test it, what a fault does to the readings, and does the sums of those that are measured.
class CheckGuide : public DrawnGuide {
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
    bool typing() const override { return true; }
    bool typesWords() const override { return !measured(); }
    QString prompt() const override;
    Expect expected() const override;
    std::optional<Bounded> bounded() const override;
    Understood understand(const QString& text) const override;
    std::optional<Reading> reads() const override;
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    QString placeAt(QPointF at) const override;
    void draw(QPainter& p) const override;

  private:
    const CheckItem* item() const;
    bool measured() const;
    /// The readings that an item's sum is done with, in order.
    std::vector<Spot> spots(const CheckItem& item) const;
    std::optional<Spot> nextSpot() const;
    QString sums(const CheckItem& item) const;
    void tick(CheckState state, const QString& note);
    void drawNumbers(QPainter& p, const std::vector<const CheckItem*>& list) const;
    void drawOnCar(QPainter& p, const std::vector<const CheckItem*>& list) const;

    std::optional<Spot> again_;   ///< a spot to be read once more
    mutable KeptPicture on_car_;  ///< the car with its numbers
    QString note_;                ///< typed, not ticked yet
};

}  // namespace fairchalk::desk
