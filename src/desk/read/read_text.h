// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QCoreApplication>

#include "guide/guide.h"
#include "job_desk.h"

namespace fairchalk::desk {

/// What the Slate says beside the readings: what contradicts, what belongs to the asked spot, what is known
/// by now and what is still missing.
class ReadText {
    Q_DECLARE_TR_FUNCTIONS(Slate)
  public:
    /// `unleaned`: the gauge that is asked for was never leaned to see its sign.
    ReadText(const JobDesk& desk, const Show& how, const std::optional<Spot>& spot, bool unleaned)
        : desk_(desk), how_(how), spot_(spot), unleaned_(unleaned) {}
    QString text() const;

  private:
    QString contradictions() const;
    QString suspects() const;
    QString bars() const;
    QString besides(const Spot& spot) const;
    QString unchecked() const;
    QString verdicts() const;
    QString before() const;
    QString squaring() const;
    QString agreements() const;
    QString angles() const;
    QString missing() const;

    const JobDesk& desk_;
    const Show& how_;
    const std::optional<Spot>& spot_;
    bool unleaned_;
};

/// What readings that were taken wait for, and until then tell nothing: a size of what hangs at the car, or
/// of the car.
struct Waits {
    QString says;
    QString card;  ///< the place of the car's card where it is told; empty: on Lines
};
std::optional<Waits> waitsFor(const JobDesk& desk);
/// Of that, what the card is to tell.
std::optional<Waits> waitsForCard(const JobDesk& desk);

/// On from a round that is read: to what it waits for, else to the drive it asks for or to what it tells.
class AfterReading {
  public:
    explicit AfterReading(const JobDesk& desk);
    /// As something to do: `go-on`.
    Act act() const;
    /// The car's card has it, not a stage.
    bool toCard() const { return !card_.isEmpty(); }
    void go(Guide& from) const;

  private:
    Stage stage_;
    QString card_;  ///< where what it waits for is told on the car's card; empty: the stage
};

/// What none of the chosen ways of measuring tells; and which would.
QString untold(const JobDesk& desk);
QString waysThatTell(const JobDesk& desk);

/// What is worth more to read than any turn, once the round is read; nothing where turning is next.
std::optional<Spot> worthReading(const JobDesk& desk);

/// How the targets stand; of those too close to call, what would settle them.
QString calls(const JobDesk& desk, bool unknown_too, bool settle);

}  // namespace fairchalk::desk
