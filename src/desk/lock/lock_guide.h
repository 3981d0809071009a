// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "guide/drawn_guide.h"

namespace fairchalk::desk {

/// Locking what was turned: mark, hold, tighten to the card's torque, with the sum for an extension; then the
/// few readings that tell whether it moved.
class LockGuide : public DrawnGuide {
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
    bool typing() const override { return !unlocked().empty(); }
    bool typesWords() const override { return true; }
    QString prompt() const override;
    Understood understand(const QString& text) const override;
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;

  private:
    /// What was turned and is not locked, by its adjuster's id.
    std::vector<std::string> unlocked() const;
    std::string current() const;
    std::optional<double> torque(const std::string& adjuster) const;  ///< Nm, from the card

    /// A wrench with an extension: lengths in mm, its angle from in line in degrees.
    struct Extension {
        double wrench = 0.0, extension = 0.0, angle = 0.0;
    };
    static std::optional<Extension> extensionOf(const QString& text);
    static std::optional<Quantity> torqueIn(const QString& text);
    QString wrong(const QString& text) const;
    static double toSet(double torque, const Extension& with);  ///< in the unit of `torque`
    QString torqueText(double nm) const;
    bool wasTurned(const std::string& adjuster) const;
    void drawNuts(QPainter& p) const;
    void drawRow(QPainter& p, const Place& place, int number) const;
    std::optional<Extension> extension_;
};

}  // namespace fairchalk::desk
