// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>

#include "guide/guide.h"

namespace fairchalk::desk {

/// The sheets of what to turn: turned as written or otherwise, left as it is, planned otherwise; what was
/// looked at under the car.
class TurnGuide : public Guide {
    Q_OBJECT
  public:
    using Guide::Guide;

    void turnedAsWritten();
    void startTurned();  ///< what was really turned
    void startAccept();  ///< the reason for leaving it as it is

    void enter() override;
    QString title() const override;
    QString subtitle() const override;
    QString first() const override { return truthHint(); }
    QString body() const override;
    QString say() const override;
    QString keep(const QString&) override { return {}; }
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    /// Never on what ends or accepts: a word typed ahead would press it.
    bool actHasFocus() const override;
    QString nothingTyped() const override;
    void step(int by) override { emit sheetWanted(by); }

  signals:
    void sheetWanted(int by);

  private:
    /// What can be done here, with the doing of it.
    struct Doing {
        Act act;
        std::function<void(TurnGuide&)> run;
    };
    std::vector<Doing> doings() const;
    /// What the last job on this car left, worked out once for each job that is opened.
    const std::optional<JobDesk::LeftByLastJob>& left() const;
    /// Takes over what is known, and with it what that job had taken off, where this one says nothing of it.
    void carry();

    mutable bool left_again_ = true;
    mutable std::string left_for_;
    mutable std::optional<JobDesk::LeftByLastJob> left_;
};

}  // namespace fairchalk::desk
