// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "guide/drawn_guide.h"
#include "wire/gauge_wire.h"

namespace fairchalk::desk {

/// The gauge on a wire: which port, what it says now, and how its button keeps a reading.
class WireGuide : public DrawnGuide {
    Q_OBJECT
  public:
    WireGuide(JobDesk& desk, GaugeWire& wire, QObject* parent);
    void enter() override;
    bool isStage() const override { return false; }
    std::vector<Place> places() const override;
    QString title() const override { return tr("A gauge on a wire"); }
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    bool typing() const override { return chosen_ == QLatin1String("path"); }
    bool typesWords() const override { return true; }
    QString prompt() const override { return tr("/dev/ttyUSB0"); }
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;

  private:
    GaugeWire& wire_;
};

}  // namespace fairchalk::desk
