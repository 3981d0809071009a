// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/job/equipment.h"
#include "guide/drawn_guide.h"

namespace fairchalk::desk {

/// Lines: what hangs on the wall and what of it is at hand; the ways of measuring that makes possible; what
/// is chosen standing on the floor, and what has to be told of it before its readings count.
class LinesGuide : public DrawnGuide {
    Q_OBJECT
  public:
    using DrawnGuide::DrawnGuide;
    void enter() override;
    std::vector<Place> places() const override;
    void point(const QString& place) override;
    QString title() const override;
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    bool typing() const override;
    bool typesWords() const override { return chosen_ == QLatin1String("wall"); }
    QString prompt() const override;
    Expect expected() const override;
    std::optional<Bounded> bounded() const override;
    Understood understand(const QString& text) const override;
    QString keep(const QString& text) override;
    bool namesThings(const QString& text) const;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;

  private:
    std::vector<Act> actsHere() const;  ///< of what is pointed at
    bool allRead() const;
    Act onward() const;
    /// Something that has to be told: where it stands on the card of the lines.
    struct Told {
        QString id, name, value;
        bool missing = false;
    };
    std::vector<Told> told() const;
    QString firstMissing() const;           ///< of what has to be told; empty: nothing
    std::vector<std::string> rigs() const;  ///< chosen, or strings on two bars where none was
    bool stringsInUse() const;
    void toggleRig(const std::string& id);
    void toggleThing(const std::string& id);
    Equipment atHand() const;
    std::string part() const;  ///< of the chosen place's id, after its colon
    QString bodyForRig(const std::string& id) const;
    QString bodyForTolerances() const;
    QString together() const;

    mutable std::pair<QString, QString> tolerances_;  ///< for one state of a job, as it is shown
};

/// `2 jack stands`
QString countOf(const Needed& needed, const Knowledge& knowledge);

/// One way of measuring: its set-up, drawn step by step.
class RigGuide : public DrawnGuide {
    Q_OBJECT
  public:
    RigGuide(JobDesk& desk, const std::string& rig, QObject* parent);
    void enter() override;
    bool isStage() const override { return false; }
    std::vector<Place> places() const override;
    QString title() const override;
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    QString keep(const QString&) override { return {}; }
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;

  private:
    std::size_t step_() const;
    const RigItem& rig_;
};

}  // namespace fairchalk::desk
