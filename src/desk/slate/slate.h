// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QWidget>

#include "job_desk.h"
#include "slate/close_up.h"

namespace fairchalk::desk {

/// The Slate, at the right: what to do now. One entry line serves all that is typed; what it asks for stands
/// above it.
class Slate : public QWidget {
    Q_OBJECT
  public:
    explicit Slate(JobDesk& desk, QWidget* parent = nullptr);

    void setStage(Stage stage);
    void setShow(const Show& how);
    /// Asks for this spot.
    void ask(const std::optional<Spot>& spot);
    std::optional<Spot> asked() const { return spot_; }
    void step(int by);   ///< along the walk
    void startStrike();  ///< the reason for striking the last reading at this spot
    void startAccept();  ///< the reason for leaving it as it is
    void startTurned();  ///< what was really turned
    void turnedAsWritten();
    void refresh();
    /// One sentence for the Say-line.
    QString say() const;
    void takeFocus() { entry_->setFocus(); }

  signals:
    void spotAsked(const std::optional<fairchalk::Spot>& spot);
    void sayChanged();
    void stageWanted(fairchalk::Stage stage);

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    enum class Mode { reading, strike_reason, turned, accept_reason, front_bar, rear_bar, idle };

    void setMode(Mode mode);
    void enter();
    void understand();
    Expect expected() const;
    QString bodyForRead() const;
    QString bodyForTurn() const;
    QString bodyForLines() const;
    void moveOn();
    const Rod* rodInTurn() const;

    JobDesk& desk_;
    Show how_;
    Stage stage_ = Stage::read;
    Mode mode_ = Mode::reading;
    std::optional<Spot> spot_;
    QString error_;
    std::vector<std::pair<std::string, double>> turned_so_far_;
    LinesSet lines_being_set_;

    QLabel* number_;
    QLabel* title_;
    QLabel* subtitle_;
    CloseUp* close_up_;
    QLineEdit* entry_;
    QLabel* understood_;
    QLabel* body_;
    QPushButton* as_written_;
    QPushButton* i_turned_;
    QPushButton* leave_;
    std::vector<QPushButton*> tools_;
    QWidget* tool_row_;
};

}  // namespace fairchalk::desk
