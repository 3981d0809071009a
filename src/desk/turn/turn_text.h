// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QCoreApplication>

#include "job_desk.h"

namespace fairchalk::desk {

/// What the Slate says beside the turn sheets: what each adjuster does on this car, what the turns spoil, how
/// likely they end the job, what can't be reached.
class TurnText {
    Q_DECLARE_TR_FUNCTIONS(Slate)
  public:
    /// `asks`: while it is asked what was really turned.
    TurnText(const JobDesk& desk, const Show& how, bool asks) : desk_(desk), how_(how), asks_(asks) {}
    QString text() const;

  private:
    QString warnings() const;
    QString until() const;
    QString outlook() const;
    QString responses() const;
    QString left() const;
    bool plannedFor(const std::string& adjuster) const;

    const JobDesk& desk_;
    const Show& how_;
    bool asks_;
};

/// The adjuster whose thread is to be measured before it is turned far; empty where none is.
std::string threadWanted(const JobDesk& desk);
/// Nothing is left to turn by a value of before the shake: it is shaken and read before that is believed.
bool shakeFirst(const JobDesk& desk);

}  // namespace fairchalk::desk
