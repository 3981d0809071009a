// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/job/knowledge.h"
#include "core/job/wheel_only.h"
#include "guide/drawn_guide.h"
#include "read/read_questions.h"
#include "steering/steering_guide.h"

namespace fairchalk::desk {

/// Drive: a straight road to the horizon and the wheel as it sits on it. Before anything else stands the list
/// of what is still loose: the car is not ready while it holds anything.
class DriveGuide : public DrawnGuide {
    Q_OBJECT
  public:
    using DrawnGuide::DrawnGuide;
    void enter() override;
    std::vector<Place> places() const override;
    QString title() const override;
    QString subtitle() const override;
    QString first() const override;
    QString body() const override;
    QString say() const override;
    /// Nothing is typed on the road.
    bool typing() const override { return stopped_ || part().has_value(); }
    QString nothingTyped() const override;
    bool typesWords() const override {
        return chosen_ == "note" || chosen_.startsWith(QLatin1String("loose"));
    }
    QString prompt() const override;
    Expect expected() const override { return {Expect::Kind::angle, Bare::deg}; }
    std::optional<Bounded> bounded() const override {
        return typesWords() ? std::nullopt : std::optional(Bounded::wheel_off);
    }
    Understood understand(const QString& text) const override;
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;

  private:
    std::vector<Driven> drives() const;
    /// The front toes are so far off that it is not to be driven; empty where it may.
    QString notToBeDriven() const;
    QString whatTheAnglesSay() const;
    std::optional<Act> onceTold() const;
    /// What was read contradicts the drive: what to do about it.
    std::vector<Act> ofContradiction() const;
    /// That drive, the wheel to the other side.
    Driven toTheOtherSide(std::size_t entry) const;
    /// Said anew in place of the one that contradicts.
    void sayAgain(Driven drive, const QString& why);
    bool inches() const { return how_.lengths == Show::LengthStyle::inch; }
    std::optional<PartTouched> part() const;
    Result<Quantity> angleOf(const QString& text) const;

    bool stopped_ = false;  ///< the car stands: what it did may be typed
};

/// A drive that contradicts what was read counts no more: why?
class DriveAsideQuestion : public Question {
    Q_OBJECT
  public:
    DriveAsideQuestion(JobDesk& desk, std::size_t entry) : Question(desk), entry_(entry) {}
    QString title() const override { return tr("Set the drive aside"); }
    QString subtitle() const override { return tr("it stays in the record, struck out"); }
    QString body() const override;
    QString say() const override { return tr("Say why it does not count, like “the road fell off”."); }
    QString sure() const override { return tr("Set it aside"); }
    bool typing() const override { return true; }
    bool typesWords() const override { return true; }
    QString prompt() const override { return tr("why?"); }
    QString hint() const override { return reasonHint(); }
    Understood understand(const QString& text) const override;
    QString keep(const QString& text) override;

  private:
    std::size_t entry_;
};

/// What it does, of the symptoms that the knowledge table has.
class FeelsQuestion : public ListQuestion {
    Q_OBJECT
  public:
    using ListQuestion::ListQuestion;
    QString title() const override { return tr("What did it do?"); }
    QString body() const override;
    QString say() const override { return tr("Say what was felt: it is kept, and what would explain it."); }
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
};

/// `32 mm over 370 mm left`: an arc along the rim of a wheel of that diameter, with its side.
Result<Quantity> readRimMarks(const QString& text);

}  // namespace fairchalk::desk
