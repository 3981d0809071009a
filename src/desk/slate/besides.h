// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "guide/guide.h"

namespace fairchalk::desk {

/// What was loosened, taken off, left for later? Asked at any stage by one key.
class LooseQuestion : public Question {
    Q_OBJECT
  public:
    LooseQuestion(JobDesk& desk, Stage stage) : Question(desk), stage_(stage) {}
    QString title() const override { return tr("What is loose now?"); }
    QString subtitle() const override { return tr("it stands on the list until it is refitted"); }
    QString body() const override;
    QString say() const override;
    bool isStage() const override { return false; }
    bool typing() const override { return true; }
    bool typesWords() const override { return true; }
    QString prompt() const override { return likely(); }
    QString hint() const override;
    Understood understand(const QString& text) const override;
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    bool keepsLine() const override { return true; }

  private:
    /// What is most likely being loosened where one is.
    QString likely() const;

    Stage stage_;
    PartState state_ = PartState::loosened;
};

/// What happened to the car between two readings?
class HappeningQuestion : public ListQuestion {
    Q_OBJECT
  public:
    using ListQuestion::ListQuestion;
    QString title() const override { return tr("What happened?"); }
    QString body() const override;
    QString say() const override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
};

}  // namespace fairchalk::desk
