// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/advice/record.h"
#include "guide/drawn_guide.h"

namespace fairchalk::desk {

/// The record of the job: as it came in and as it stands, what was turned, what is left and what is loose;
/// here the kilometres are typed, and when to look again.
class RecordGuide : public DrawnGuide {
    Q_OBJECT
  public:
    using DrawnGuide::DrawnGuide;

    void enter() override;
    bool isStage() const override { return false; }
    std::vector<Place> places() const override;
    QString title() const override;
    QString subtitle() const override;
    QString body() const override;
    QString say() const override;
    bool typing() const override { return true; }
    bool typesWords() const override { return true; }
    bool keepsLine() const override { return true; }
    QString prompt() const override;
    QString keep(const QString& text) override;
    std::vector<Act> acts() const override;
    void act(const QString& id) override;
    void draw(QPainter& p) const override;

  private:
    Record record() const;
    bool inMiles() const;
    QString withUnit(const QString& text) const;
    QString sinceLastTime() const;
    QString leftAgainstRight() const;

    QString written_;  ///< the file that was written last, until something else is done
};

/// The record, or the note for the shop, of the job that is open.
QString recordHtml(const JobDesk& desk, const Show& how);
QString shopNoteHtml(const JobDesk& desk, const Show& how);

}  // namespace fairchalk::desk
