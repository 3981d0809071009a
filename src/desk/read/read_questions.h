// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "read/read_guide.h"

namespace fairchalk::desk {

/// Asked about the reading that is being taken: the rest of the Slate stays as it is.
class ReadQuestion : public Question {
    Q_OBJECT
  public:
    explicit ReadQuestion(JobDesk& desk, ReadGuide& read) : Question(desk), read_(read) {}
    QString number() const override { return read_.number(); }
    QString title() const override { return read_.title(); }
    QString first() const override { return read_.first(); }
    QString body() const override { return read_.body(); }
    std::optional<Spot> spot() const override { return read_.spot(); }
    bool showsSpot() const override { return true; }
    bool typing() const override { return true; }

  protected:
    ReadGuide& read_;
};

/// How far was the wheel really turned?
class SweepQuestion : public ReadQuestion {
    Q_OBJECT
  public:
    using ReadQuestion::ReadQuestion;
    QString subtitle() const override { return tr("how far is it really turned?"); }
    QString say() const override { return read_.say(); }
    QString hint() const override;
    Expect expected() const override { return {Expect::Kind::any, Bare::deg}; }
    Understood understand(const QString& text) const override;
    QString keep(const QString& text) override;
};

/// Why is the reading wrong? It says which one is struck out: where another spot is asked for meanwhile, the
/// Slate is about this one.
class StrikeQuestion : public ReadQuestion {
    Q_OBJECT
  public:
    /// This entry, for this reason where none is typed.
    StrikeQuestion(JobDesk& desk, ReadGuide& read, std::size_t entry, const QString& reason = {})
        : ReadQuestion(desk, read), entry_(entry), reason_(reason) {}
    QString number() const override;
    QString title() const override;
    QString subtitle() const override;
    std::optional<Spot> spot() const override { return struck().spot; }
    QString sure() const override { return tr("Strike it out"); }
    QString say() const override;
    bool typesWords() const override { return true; }
    QString prompt() const override { return reason_.isEmpty() ? tr("why is it wrong?") : reason_; }
    QString hint() const override;
    Understood understand(const QString& text) const override;
    QString keep(const QString& text) override;

  private:
    const Reading& struck() const;

    std::size_t entry_;
    QString reason_;
};

/// What is said to one who gives no reason.
QString reasonWanted();
/// What a reason is.
QString reasonHint();

}  // namespace fairchalk::desk
