// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QWidget>

#include "guide/guide.h"
#include "slate/close_up.h"
#include "slate/keypad_drawing.h"

namespace fairchalk::desk {

class BodyText;

/// The Slate, at the right: what to do now. It shows the words of the guide that is worked on, or of a
/// question that was asked beside it. One entry line serves all that is typed; what it asks for stands above
/// it.
class Slate : public QWidget {
    Q_OBJECT
  public:
    explicit Slate(JobDesk& desk, QWidget* parent = nullptr);

    /// Leaves any question, and shows this guide.
    void setStage(Stage stage, Guide* guide);
    void setShow(const Show& how);
    /// The guide that is worked on, whatever is asked beside it.
    Guide* guide() const { return guide_; }
    /// Asked beside the guide; from then on the Slate's own.
    void put(Question* question);
    bool asksBesides() const { return question_ != nullptr; }
    /// What was kept last was taken back: whether that goes on where it is.
    bool takenBack();
    /// Leaves a question; false where there is none.
    bool leaveQuestion();
    void step(int by);
    void across(int by);
    /// The thing that can be done here by the n-th key, from 0: F2 to F4, Alt 4 …, or a digit of a list.
    bool act(std::size_t n);
    /// The guide asks for something else: what is typed belongs to what was.
    void clearLine();
    void focusLine();
    void fit();             ///< its width and heights at the zoom, and what there is room for
    void startLoose();      ///< what was loosened, taken off, left for later
    void startHappening();  ///< what happened to the car
    void acknowledge();     ///< the cautions that stand here were read
    void refuse(const QString& why);
    void refresh();
    /// What can be done here, with its key and which act it is.
    struct Offered {
        QString text, key;
        std::size_t act;
    };
    std::vector<Offered> offered() const;
    /// One sentence for the Say-line.
    QString say() const;
    void takeFocus() { entry_->setFocus(); }
    /// A gauge sent it: typed and entered, with the same questions. Gives why it was not taken, or nothing.
    QString takeFromGauge(const QString& shown, QuantityKind kind);

  signals:
    void spotAsked(const std::optional<fairchalk::Spot>& spot);
    void sayChanged();
    void doubtRaised(const QString& question);
    void nothingTyped(const QString& why);
    void stageWanted(fairchalk::Stage stage, const QString& place = {});
    void pageWanted(const fairchalk::desk::Page& page);

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void keyPressEvent(QKeyEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

  private:
    bool scrollBy(const QKeyEvent& key);
    /// What is shown: the question, else the guide.
    Guide& shown() const;
    void begin();
    void showFace();
    void enter();
    bool sure();
    void keepTyped(const QString& text);
    void understand();
    bool strayed(const QKeyEvent& key);
    /// Enter on an empty line has something to do.
    bool goesOn() const;
    bool keypad(const QKeyEvent& key);
    /// Asks once about a value that can hardly be meant; true while it has to be answered.
    bool doubted(const QString& text);
    void setBody(const QString& html);
    void layOutBody();
    void showActs(const std::vector<Act>& acts, bool keys);
    QString bodyForCautions() const;
    QString cautionsRead() const;
    /// How little height there is: 0 enough, 1 little, 2 hardly any.
    int lowness() const;
    void fitActs();
    static constexpr int its_width = 366;
    static constexpr double one_button = 38, least_words = 60;  ///< heights
    static constexpr int widest_half = 18;                      ///< letters on a button of half the width
    static constexpr int half_button = 142;                     ///< pixels for its text
    static constexpr int whole_button = 306;                    ///< and of one over both columns

    JobDesk& desk_;
    Show how_;
    Stage stage_ = Stage::read;
    Guide* guide_ = nullptr;
    Question* question_ = nullptr;
    QString error_;
    KeypadDrawing* keypad_drawing_ = nullptr;
    std::pair<double, int> fitted_{0.0, -1};  ///< for which zoom and lowness
    bool strayed_ = false;                    ///< something is typed where there is no line
    bool keypad_ = false;                     ///< a key of the numeric keypad was used
    QString from_gauge_;                      ///< what a gauge put on the line
    QString insisted_;                        ///< typed, questioned, and on the line still
    QStringList meant_;                       ///< what it may have meant: Tab takes the next
    std::vector<QPushButton*> act_buttons_;
    std::vector<Act> shown_acts_;  ///< as the buttons have them
    bool shown_keys_ = false;
    QScrollArea* acts_scroll_;
    QWidget* act_area_;
    QLabel* number_;
    QLabel* title_;
    QLabel* subtitle_;
    CloseUp* close_up_;
    QLineEdit* entry_;
    QLabel* understood_;
    BodyText* body_;
    QString body_html_;
    QScrollArea* scroll_ = nullptr;
};

}  // namespace fairchalk::desk
