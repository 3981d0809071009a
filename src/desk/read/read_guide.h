// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <map>
#include <tuple>
#include <utility>

#include "guide/guide.h"

namespace fairchalk::desk {

/// The reading of one round: spot by spot along the walk, and what can be done where the asked-for reading is
/// taken.
class ReadGuide : public Guide {
    Q_OBJECT
  public:
    using Guide::Guide;

    /// Asks for this spot.
    void ask(const std::optional<Spot>& spot);
    void startStrike();  ///< the reason for striking the last reading at this spot
    /// How far the wheel is really turned for the asked reading: its own heading, or the steering wheel's
    /// turn.
    void sweptBy(const Quantity& by);

    void enter() override;
    QString number() const override;
    QString title() const override;
    QString subtitle() const override;
    QString first() const override;
    QString body() const override;
    QString say() const override;
    std::optional<Spot> spot() const override { return spot_; }
    bool showsSpot() const override { return true; }
    std::optional<Reading> reads() const override;
    std::optional<practice::Held> held() const override { return held_; }
    bool typing() const override { return true; }
    QString hint() const override;
    Expect expected() const override;
    std::optional<Bounded> bounded() const override;
    std::optional<Doubt> doubt(const Quantity& typed, const std::string& text) const override;
    Understood understand(const QString& text) const override;
    QString keep(const QString& text) override;
    bool takesGauge() const override { return spot_.has_value(); }
    QString keepFromGauge(const QString& text) override;
    bool space() override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    bool keepsLine() const override { return true; }
    void step(int by) override;

  private:
    /// What can be done here, with the doing of it.
    struct Doing {
        Act act;
        std::function<void(ReadGuide&)> run;
    };
    void takeTheOtherWay();
    std::vector<Doing> doings() const;
    void holdThere();
    void moveOn();
    std::optional<Spot> nextToRead();
    /// The suspect that is asked for, or the first.
    std::optional<std::size_t> suspect() const;
    std::vector<std::string> toolsFor(const Spot& spot) const;
    bool readsHere() const;  ///< a spot is asked for, and where a car is simulated something is held there
    Reading blank() const;   ///< the reading asked for, with what was said of it
    QString sweepWords() const;
    const Quantity* sweptAt(const Spot& spot) const;
    /// A gauge that nobody has leaned yet, at a reading whose sign depends on it.
    bool unleaned() const;
    bool asksLean() const;
    bool topIn() const;

    std::optional<Spot> spot_;
    std::vector<Spot> again_;     ///< to be read once more, after `spot_`
    std::optional<Spot> beside_;  ///< the spot of the walk that the asked one was reached from
    std::map<Spot, Quantity> swept_;
    std::pair<std::string, int> swept_in_;  ///< the job and round it was said of
    std::optional<bool> top_in_;            ///< as said for the reading that is asked for
    /// On the practice floor: what the rule shows, from when it is held there until something is kept.
    std::optional<practice::Held> held_;
    QString told_;          ///< where the last rule stood, on a level that tells
    bool on_wire_ = false;  ///< a gauge on a wire holds itself there
    /// The job, its last turn and its last other lines when the stage was entered: the walk begins anew after
    /// any of them.
    std::tuple<std::string, std::size_t, std::size_t> walked_in_;
};

}  // namespace fairchalk::desk
