// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/job/baseline.h"
#include "guide/drawn_guide.h"

namespace fairchalk::desk {

/// Ask: the car as it drives. One points at what is wrong and at what was changed; from it comes which stages
/// matter, and why.
class AskGuide : public DrawnGuide {
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
    bool typing() const override { return true; }
    bool typesWords() const override { return true; }
    QString prompt() const override { return tr("a note, or Enter to point"); }
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;

  private:
    ReasonsGiven asked() const;
    bool said(const std::string& reason) const;
    void toggle(const QString& reason);
    Stage next() const;
};

/// About to take it apart: what has to be written down before the first nut, and put back after the last.
class BaselineGuide : public DrawnGuide {
    Q_OBJECT
  public:
    using DrawnGuide::DrawnGuide;
    void enter() override;
    bool isStage() const override { return false; }
    std::vector<Place> places() const override;
    QString title() const override;
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    bool typing() const override { return true; }
    bool typesWords() const override;
    QString prompt() const override;
    Expect expected() const override { return {Expect::Kind::length, bareLength()}; }
    std::optional<Bounded> bounded() const override;
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;

  private:
    std::optional<BaselineItem> item() const;
    QString name(const BaselineItem& item) const;
    bool back_ = false;
};

}  // namespace fairchalk::desk
