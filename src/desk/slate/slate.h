// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <map>

#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QWidget>

#include "guide/guide.h"
#include "job_desk.h"
#include "slate/close_up.h"

namespace fairchalk::desk {

/// The Slate, at the right: what to do now. One entry line serves all that is typed; what it asks for stands
/// above it.
class Slate : public QWidget {
    Q_OBJECT
  public:
    explicit Slate(JobDesk& desk, QWidget* parent = nullptr);

    /// `guide` is the drawing that the stage is worked on, or null for those that read the strings and turn.
    void setStage(Stage stage, Guide* guide = nullptr);
    void setShow(const Show& how);
    const Show& showing() const { return how_; }
    /// Asks for this spot.
    void ask(const std::optional<Spot>& spot);
    std::optional<Spot> asked() const { return spot_; }
    const Guide* guide() const { return guide_; }
    void step(int by);   ///< along the walk
    void startStrike();  ///< the reason for striking the last reading at this spot
    void startAccept();  ///< the reason for leaving it as it is
    void startTurned();  ///< what was really turned
    void turnedAsWritten();
    /// The n-th thing that can be done here, from 0: keys F2 to F4.
    bool actOfGuide(std::size_t n);
    /// The guide's chosen place changed: what is typed belongs to another.
    void clearLine();
    void focusLine();
    /// Leaves a question that was asked out of turn; false where there is none.
    bool leaveQuestion();
    void startLoose();      ///< what was loosened, taken off, left for later
    void startHappening();  ///< what happened to the car
    void acknowledge();     ///< the cautions that stand here were read
    void refresh();
    /// One sentence for the Say-line.
    QString say() const;
    void takeFocus() { entry_->setFocus(); }
    /// A gauge sent it: typed and entered, with the same questions. Gives why it was not taken, or nothing.
    QString takeFromGauge(const QString& shown, QuantityKind kind);

  signals:
    void spotAsked(const std::optional<fairchalk::Spot>& spot);
    void sayChanged();
    void stageWanted(fairchalk::Stage stage);
    void pageWanted(const fairchalk::desk::Page& page);
    void sheetWanted(int by);

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void keyPressEvent(QKeyEvent*) override;

  private:
    enum class Mode {
        reading,
        sweep,
        strike_reason,
        turned,
        accept_reason,
        idle,
        guide,
        loose,
        happening,
        plans
    };
    /// A list is shown, and a digit chooses from it.
    static bool byDigit(Mode m) { return m == Mode::happening || m == Mode::plans; }
    /// Nothing is typed.
    static bool chooses(Mode m) { return m == Mode::idle || byDigit(m); }

    void setMode(Mode mode);
    void holdThere();
    void showFace();
    QString bodyForPractice() const;
    void enter();
    void understand();
    Expect expected() const;
    /// A gauge that nobody has leaned yet, at a reading whose sign depends on it.
    bool unleaned() const;
    /// What can be done where the asked-for reading is taken.
    struct ReadAct {
        Act act;
        std::function<void()> run;
    };
    std::vector<ReadAct> readActs();
    std::vector<ReadAct> turnActs();
    static constexpr std::size_t first_turn_key = 3;
    static constexpr int widest_half = 18;  ///< letters on a button of half the width
    /// The suspect that is asked for, or the first.
    std::optional<std::size_t> suspect() const;
    std::vector<std::string> toolsFor(const Spot& spot) const;
    Reading blank() const;  ///< the reading asked for, with what was said of it
    QString sweepWords() const;
    const Quantity* sweptAt(const Spot& spot) const;
    bool asksLean() const;
    bool topIn() const;
    /// A question was asked beside what the stage asks: Escape leaves it.
    bool asksBesides() const;
    void moveOn();
    std::optional<Spot> nextToRead();
    /// Asks once about a value that can hardly be meant; true while it has to be answered.
    bool doubted(const std::optional<Bounded>& what, const QString& text, const Expect& expect);
    void setBody(const QString& html);
    void layOutBody();
    void showActs(const std::vector<Act>& acts, bool keys, std::size_t first_key);
    QString bodyForCautions() const;
    QString suggestedPart() const;
    /// One amount to be said of what was really turned: a rod's, or that of a handle.
    struct TurnAsked {
        const PlannedTurn* turn;
        int handle;
    };
    std::vector<TurnAsked> turnsAsked() const;
    std::optional<TurnAsked> turnInTurn() const;
    std::optional<HandleUnit> unitInTurn() const;

    JobDesk& desk_;
    Show how_;
    Stage stage_ = Stage::read;
    Mode mode_ = Mode::reading;
    std::optional<Spot> spot_;
    std::vector<Spot> again_;  ///< to be read once more, after `spot_`
    QString error_;
    Guide* guide_ = nullptr;
    QString from_gauge_;  ///< what a gauge put on the line
    QString insisted_;    ///< typed, questioned, and on the line still
    QStringList meant_;   ///< what it may have meant: Tab takes the next
    PartState loose_state_ = PartState::loosened;
    std::vector<QPushButton*> act_buttons_;
    std::vector<Act> shown_acts_;  ///< as the buttons have them
    bool shown_keys_ = false;
    std::size_t first_key_ = 0;
    QWidget* act_area_;
    std::vector<double> turned_so_far_;
    std::vector<std::string> cannot_;  ///< adjusters that were said not to turn, on the way
    void turnedSoFar(double amount);
    /// What the last job on this car left, worked out once for each job that is opened.
    const std::optional<AnglesCarried>& left();
    std::string left_for_;
    std::optional<AnglesCarried> left_;
    /// On the practice floor: what the rule shows, from when it is held there until something is kept.
    std::optional<practice::Held> held_;
    QString told_;                ///< where the last rule stood, on a level that tells
    std::optional<Spot> beside_;  ///< the spot of the walk that the asked one was reached from
    /// How far a wheel was really turned, where it was said: its own heading, or the steering wheel's turn.
    std::map<Spot, Quantity> swept_;
    std::pair<std::string, int> swept_in_;  ///< the job and round it was said of
    std::optional<bool> top_in_;            ///< as said for the reading that is asked for
    QLabel* number_;
    QLabel* title_;
    QLabel* subtitle_;
    CloseUp* close_up_;
    QLineEdit* entry_;
    QLabel* understood_;
    QLabel* body_;
    QString body_html_;
    QScrollArea* scroll_ = nullptr;
    QPushButton* as_written_;
    QPushButton* i_turned_;
    QPushButton* leave_;
};

}  // namespace fairchalk::desk
