// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include <QObject>

#include "core/reading/plausible.h"
#include "guide/page.h"
#include "job_desk.h"

namespace fairchalk::desk {

class Question;

/// Something that can be done now, with its key.
struct Act {
    QString id, text;
    bool main = false;
    bool chosen = false;
    /// Which key it has, from 0: F2, F3, F4, Alt 4 to Alt 9, Alt 1 to Alt 3; by its place in the list where
    /// nothing is said. Where another state of the same guide offers other things, each says its own.
    std::optional<std::size_t> key = std::nullopt;
    bool operator==(const Act&) const = default;

    /// Alt 1, and two after it: for what is offered at times, beside what is always there.
    static constexpr std::size_t spare = 9;
    /// Enter on an empty line: no other act has it, so that a stage is left only when that was meant.
    static constexpr std::size_t enter = 100;
    /// Ctrl and Enter: for what ends, accepts or strikes. It means nothing else anywhere.
    static constexpr std::size_t sure = 101;
};

/// To the stage that follows.
Act goOn(Stage to);
/// To the record: nothing is left to do.
Act toRecord();
/// The key of each act of a list.
std::size_t keyOf(const std::vector<Act>& acts, std::size_t which);

/// What was made of a typed text.
struct Understood {
    QString html;
    bool good = false;
};

/// A stage, a page or a question: what it says, what can be typed and done there, and what follows from it.
/// The Slate shows its words and its line, and knows none of them.
class Guide : public QObject {
    Q_OBJECT
  public:
    explicit Guide(JobDesk& desk, QObject* parent = nullptr) : QObject(parent), desk_(desk) {}

    void setShow(const Show& how) { how_ = how; }
    const Show& showing() const { return how_; }
    /// Called when the stage is entered.
    virtual void enter() {}

    virtual QString number() const { return {}; }  ///< in large figures before the title
    virtual QString title() const = 0;
    virtual QString subtitle() const { return {}; }
    virtual QString first() const { return {}; }  ///< stands above the stage's cautions
    virtual QString body() const = 0;
    virtual QString say() const = 0;

    /// The spot that is asked for; where `showsSpot`, the close-up shows where that is.
    virtual std::optional<Spot> spot() const { return std::nullopt; }
    virtual bool showsSpot() const { return false; }
    /// The simulated car has something to show here: the reading, all but its value; and what is held there.
    virtual std::optional<Reading> reads() const { return std::nullopt; }
    virtual std::optional<practice::Held> held() const;
    bool onPracticeFloor() const { return desk_.practice() != nullptr; }

    /// False for a page beside the stages: no cautions stand there.
    virtual bool isStage() const { return true; }

    /// The entry line: whether it is wanted, what may be typed, and the keeping of it. `keep` gives what is
    /// wrong, or nothing.
    virtual bool typing() const { return false; }
    virtual bool typesWords() const { return false; }
    virtual QString prompt() const { return {}; }
    virtual QString hint() const;  ///< under the empty line
    virtual Expect expected() const { return {}; }
    virtual std::optional<Bounded> bounded() const { return std::nullopt; }
    /// What is asked once before it is kept: `text` can hardly be meant.
    virtual std::optional<Doubt> doubt(const Quantity& typed, const std::string& text) const;
    virtual Understood understand(const QString& text) const;
    virtual QString keep(const QString& text) = 0;
    /// What a gauge on a wire sends goes on the line as if typed.
    virtual bool takesGauge() const { return typing() && !typesWords(); }
    virtual QString keepFromGauge(const QString& text) { return keep(text); }
    /// Where there is no line: what is said to whoever types all the same.
    virtual QString nothingTyped() const {
        return tr("Nothing is typed here: choose by a key or the mouse.");
    }
    /// What was kept here last was taken back; false where that leads on elsewhere.
    virtual bool takenBack() { return false; }
    /// The space bar on an empty line; false where it means nothing here.
    virtual bool space() { return false; }

    virtual std::vector<Act> acts() const { return {}; }
    /// Those, of which one stands out: of several that are wanted, the first.
    std::vector<Act> offered() const;
    /// Where what is kept here ends, accepts or strikes something: what it does, in words. Enter alone then
    /// keeps nothing.
    virtual QString sure() const { return {}; }
    virtual void act(const QString& id) { (void)id; }
    virtual bool keepsLine() const { return false; }    ///< what is typed stays while something is done
    virtual bool byDigits() const { return false; }     ///< the acts are a list to choose from
    virtual bool actHasFocus() const { return false; }  ///< nothing is typed, and Space does the first act
    /// To the next place or sheet, or the one before.
    virtual void step(int by) { (void)by; }
    /// To the place on the right of it, or on the left.
    virtual void across(int by) { step(by); }

  signals:
    void changed();
    void said();  ///< other words or another drawing, the place and what is typed being the same
    void refused(const QString& why);
    /// Something is asked beside it; who shows it owns it from then on.
    void asks(fairchalk::desk::Question* question);
    void stageWanted(fairchalk::Stage stage, const QString& place = {});
    void pageWanted(const fairchalk::desk::Page& page);

  protected:
    Bare bareLength() const { return how_.lengths == Show::LengthStyle::mm ? Bare::mm : Bare::inch; }
    Bare barePressure() const { return how_.lengths == Show::LengthStyle::mm ? Bare::bar : Bare::psi; }

    /// On the practice floor: how it ends.
    QString truthHint() const;

    JobDesk& desk_;
    Show how_;
};

/// Asked beside a stage, and left by Escape or an answer.
class Question : public Guide {
    Q_OBJECT
  public:
    using Guide::Guide;
    bool takesGauge() const override { return false; }

  signals:
    void answered();
};

/// A list to choose from by its digits.
class ListQuestion : public Question {
    Q_OBJECT
  public:
    using Question::Question;
    QString subtitle() const override { return tr("a digit chooses, Escape leaves it"); }
    bool isStage() const override { return false; }
    QString keep(const QString&) override { return {}; }
    bool byDigits() const override { return true; }
};

/// A typed angle with a side: `6 left`, `3°30' right`, `0`. To the right is positive.
Result<Quantity> readSideAngle(const QString& text);
/// The thread that shows at a rod: a length, or a count like `14 threads` where the rod's pitch is known.
struct ThreadTyped {
    std::optional<Quantity> shows;
    QString wrong;         ///< why not
    bool counted = false;  ///< threads were typed
};
ThreadTyped readThread(const QString& text, const Adjuster* rod, const Expect& expected);
/// A length in mm and in inches, whichever was typed: `103.6 mm = 4.08 in`.
QString inBothUnits(const Quantity& quantity);
/// What a length is good to, with its unit: `0.4 mm`, `5/64 in`; below a division of the rule `0.008 in`.
QString within(Length by, const Show& how);
/// All that may not stay so when the car moves: `Left tie rod: turned and not locked`.
QStringList looseThings(const Job& job);
/// What was not understood, with examples of what this place takes.
Result<Quantity> writtenLike(Result<Quantity> read, const char* one, const char* other);

}  // namespace fairchalk::desk
