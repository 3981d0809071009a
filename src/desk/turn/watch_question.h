// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "guide/guide.h"

namespace fairchalk::desk {

/// What the sheet as it is now can be turned by; nothing while it is worked out.
std::vector<WatchedFrom> watched_from(const JobDesk& desk);

/// What does the rule show while it is turned? Each value is kept, with the turn as far as it was counted; at
/// once it says how much is left, that it goes the wrong way, or that it is there.
class WatchQuestion : public Question {
    Q_OBJECT
  public:
    explicit WatchQuestion(JobDesk& desk, QObject* parent = nullptr);
    ~WatchQuestion() override;

    QString number() const override;
    QString title() const override;
    QString subtitle() const override;
    QString first() const override;
    QString body() const override;
    QString say() const override;
    std::optional<Spot> spot() const override;
    bool showsSpot() const override { return true; }
    std::optional<Reading> reads() const override;
    std::optional<practice::Held> held() const override { return held_; }
    bool typing() const override { return true; }
    bool takesGauge() const override { return true; }
    QString hint() const override;
    Expect expected() const override;
    std::optional<Doubt> doubt(const Quantity& typed, const std::string& text) const override;
    Understood understand(const QString& text) const override;
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    bool keepsLine() const override { return true; }
    bool space() override;
    /// The last value is off: what the rule shows is asked for again.
    bool takenBack() override;
    /// Another spot, or the next adjuster.
    void step(int by) override;

  private:
    const Adjuster* adjuster() const;
    HandleUnit unit() const;
    double step_size() const;
    Reading blank() const;
    /// As it was turned since the last value: not counted where nobody said.
    Turn turn() const;
    /// What a typed amount or value is read as.
    Result<Quantity> read(const QString& text) const;
    void hold();
    std::optional<Watch> answer() const;
    QString saidOfIt() const;
    /// What is watched there as the car stands now: once something was turned, a sheet of before it says
    /// nothing of the next. Nothing where none of it is left to turn.
    std::optional<WatchedFrom> current() const;
    /// This one is there, after a shake: what is to be locked.
    bool there() const;
    /// Something of this adjuster was turned since the sheet was made.
    bool turned() const;
    /// What is left is to shake and read, not to turn: once it is there, or a test turn is made.
    bool rests() const;
    bool still() const { return amount_ ? *amount_ == 0.0 : still_.value_or(rests()); }
    /// What can be watched next then, of another adjuster.
    std::optional<WatchedFrom> next() const;
    void planForIt();
    /// To one of `from_`, where nothing was read yet; `turned`: its adjuster was.
    void begin(std::size_t at, bool turned);

    PlanChoice before_;
    Plan plan_;                      ///< what is turned by it
    std::vector<WatchedFrom> from_;  ///< as the plan was when it was asked
    std::size_t at_ = 0;
    std::optional<double> amount_;  ///< turned since the last value, where it was counted
    /// Whether the next value is of what was turned before the last one; as `rests` has it where nobody said.
    std::optional<bool> still_;
    bool shaken_ = false;
    bool turned_before_ = false;  ///< this adjuster, while another spot was watched
    bool as_it_stands_ = false;   ///< and then only to be read here
    struct Kept {
        bool shaken, turned;
    };
    std::vector<Kept> kept_;  ///< the values kept here
    std::optional<practice::Held> held_;
};

}  // namespace fairchalk::desk
