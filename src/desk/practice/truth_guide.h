// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "guide/drawn_guide.h"
#include "practice/debrief.h"

namespace fairchalk::desk {

/// The end of a practice: the truth beside what was believed, what it took, and what went wrong and when it
/// could have been seen.
class TruthGuide : public DrawnGuide {
    Q_OBJECT
  public:
    using DrawnGuide::DrawnGuide;
    void enter() override;
    std::vector<Place> places() const override;
    QString title() const override;
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    bool isStage() const override { return false; }
    QString keep(const QString&) override { return {}; }
    std::vector<Act> acts() const override;
    QString sure() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;
    const std::optional<practice::Debrief>& told() const { return told_; }

  private:
    void tell();
    QString wordsOf(const practice::Mishap& m) const;
    QString after(std::size_t entry) const;
    void drawWheel(QPainter& p, Wheel w) const;
    void drawTimeline(QPainter& p, const QRectF& box) const;

    std::optional<practice::Debrief> told_;  ///< once it was asked for
    std::size_t told_at_ = 0;                ///< how long the log was
};

}  // namespace fairchalk::desk
