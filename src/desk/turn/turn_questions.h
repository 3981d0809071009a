// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "guide/guide.h"

namespace fairchalk::desk {

/// What did you really turn? One amount after the other: a rod's, or that of each handle. After the last they
/// go into the log; what can't be turned is left out of the next plan.
class TurnedQuestion : public Question {
    Q_OBJECT
  public:
    using Question::Question;
    QString title() const override;
    QString subtitle() const override { return tr("what did you really turn?"); }
    QString body() const override;
    QString say() const override;
    bool typing() const override { return true; }
    QString hint() const override;
    Expect expected() const override;
    Understood understand(const QString& text) const override;
    QString keep(const QString& text) override;

  private:
    struct Asked {
        const PlannedTurn* turn;
        int handle;
    };
    std::vector<Asked> asked() const;
    std::optional<Asked> now() const;
    const Adjuster* device() const;
    std::optional<HandleUnit> unit() const;
    void put(double amount);

    std::vector<double> so_far_;
    std::vector<std::string> cannot_;  ///< adjusters that were said not to turn, on the way
};

/// How much of its thread shows? Before it is turned further than is usual.
class ThreadQuestion : public Question {
    Q_OBJECT
  public:
    ThreadQuestion(JobDesk& desk, std::string rod, QObject* parent = nullptr)
        : Question(desk, parent), rod_(std::move(rod)) {}
    QString title() const override { return tr("The thread that shows"); }
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    bool typing() const override { return true; }
    Expect expected() const override { return {Expect::Kind::length, bareLength()}; }
    std::optional<Bounded> bounded() const override { return Bounded::thread_exposed; }
    Understood understand(const QString& text) const override;
    QString keep(const QString& text) override;

  private:
    const Adjuster* rod() const { return desk_.car().adjuster(rod_); }
    std::string rod_;
};

/// Why is it left as it is?
class AcceptQuestion : public Question {
    Q_OBJECT
  public:
    using Question::Question;
    QString title() const override { return tr("Leave it as it is"); }
    QString sure() const override { return tr("Leave it so"); }
    QString subtitle() const override { return tr("kept in the record with its ±"); }
    QString body() const override;
    QString say() const override;
    bool typing() const override { return true; }
    bool typesWords() const override { return true; }
    QString prompt() const override { return tr("why leave it?"); }
    QString hint() const override;
    Understood understand(const QString& text) const override;
    QString keep(const QString& text) override;
};

/// How much do the tires hold back? Pushed outward and let go, read; pushed inward and let go, read.
class StickQuestion : public Question {
    Q_OBJECT
  public:
    explicit StickQuestion(JobDesk& desk, QObject* parent = nullptr);
    QString number() const override;
    QString title() const override;
    QString subtitle() const override { return tr("stick test"); }
    QString body() const override;
    QString say() const override;
    std::optional<Spot> spot() const override;
    bool showsSpot() const override { return true; }
    std::optional<Reading> reads() const override;
    std::optional<practice::Held> held() const override { return held_; }
    bool typing() const override { return !spots_.empty(); }
    bool takesGauge() const override { return true; }
    QString hint() const override;
    Expect expected() const override;
    Understood understand(const QString& text) const override;
    QString keep(const QString& text) override;
    bool space() override;
    void step(int by) override;

  private:
    Reading blank() const;

    std::vector<Spot> spots_;  ///< that are watched while something is turned
    std::size_t at_ = 0;
    Reading::Pushed way_ = Reading::Pushed::out;
    std::optional<practice::Held> held_;
};

/// Which plan?
class PlanQuestion : public ListQuestion {
    Q_OBJECT
  public:
    using ListQuestion::ListQuestion;
    QString title() const override { return tr("Which plan?"); }
    QString body() const override;
    QString say() const override { return tr("Say what tonight's work is to be about."); }
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
};

}  // namespace fairchalk::desk
