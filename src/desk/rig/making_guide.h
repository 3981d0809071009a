// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>

#include "core/reading/making.h"
#include "guide/drawn_guide.h"

namespace fairchalk::desk {

/// Making rigs: the sums, each on a small drawn card with its dimensions.
class MakingGuide : public DrawnGuide {
    Q_OBJECT
  public:
    MakingGuide(JobDesk& desk, const QString& card, QObject* parent);
    void enter() override;
    bool isStage() const override { return false; }
    std::vector<Place> places() const override;
    QString title() const override;
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    bool typing() const override { return !chosen_.startsWith(QLatin1String("card:")); }
    Expect expected() const override;
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;

  private:
    /// A dimension that is told, and what it is until then.
    struct Given {
        const char* id;
        const char* name;
        double usual;  ///< mm or degrees
        bool angle = false;
    };
    std::vector<Given> given() const;
    double value(const char* id) const;
    Length length(const char* id) const { return Length::from_mm(value(id)); }
    QString key(const QString& id) const { return QStringLiteral("making:") + id; }
    QString shown(double mm) const;

    void drawBars(QPainter& p) const;
    void drawBoard(QPainter& p) const;
    void drawSweep(QPainter& p) const;
    void drawGauge(QPainter& p) const;
    void drawCentre(QPainter& p) const;

    QString opened_, card_;  ///< the card it was opened for, and the one shown
};

}  // namespace fairchalk::desk
