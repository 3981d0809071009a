// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <vector>

#include <QAbstractButton>
#include <QObject>
#include <QPainter>
#include <QWidget>

#include "core/job/knowledge.h"
#include "core/reading/plausible.h"
#include "guide/page.h"
#include "job_desk.h"

namespace fairchalk::desk {

/// Something on a drawing that can be pointed at.
struct Place {
    QString id;
    QRectF at;      ///< in the drawing's own units, 960 by 920
    QString name;   ///< what it is, for those who hear it
    QString value;  ///< how it stands
};

/// Something that can be done now, with its key.
struct Act {
    QString id, text;
    bool main = false;
    bool chosen = false;
    bool operator==(const Act&) const = default;
};

/// What was made of a typed text.
struct Understood {
    QString html;
    bool good = false;
};

/// A stage (or a page) that is one drawing with places on it: what is pointed at, what can be typed there,
/// what can be done, and what follows from it. The Slate shows its words, the GuideView its drawing; neither
/// knows the stage.
class Guide : public QObject {
    Q_OBJECT
  public:
    explicit Guide(JobDesk& desk, QObject* parent = nullptr) : QObject(parent), desk_(desk) {}

    static constexpr double width = 960.0, height = 920.0;

    void setShow(const Show& how) { how_ = how; }
    /// Called when the stage is entered.
    virtual void enter() {}
    virtual std::vector<Place> places() const = 0;
    const QString& chosen() const { return chosen_; }
    virtual void choose(const QString& place);
    /// Pointed at with a click: by default no more than chosen.
    virtual void point(const QString& place) { choose(place); }
    virtual void step(int by);

    virtual QString title() const = 0;
    virtual QString subtitle() const { return {}; }
    virtual QString body() const = 0;
    virtual QString say() const = 0;

    /// The simulated car has something to show at the chosen place: the reading, all but its value.
    virtual std::optional<Reading> reads() const { return std::nullopt; }
    bool onPracticeFloor() const { return desk_.practice() != nullptr; }

    /// False for a page beside the stages.
    virtual bool isStage() const { return true; }

    /// The entry line: whether it is wanted, what may be typed, and the keeping of it. `keep` gives what is
    /// wrong, or nothing.
    virtual bool typing() const { return false; }
    virtual bool typesWords() const { return false; }
    virtual QString prompt() const { return {}; }
    virtual Expect expected() const { return {}; }
    virtual std::optional<Bounded> bounded() const { return std::nullopt; }
    virtual Understood understand(const QString& text) const;
    virtual QString keep(const QString& text) = 0;

    virtual std::vector<Act> acts() const { return {}; }
    virtual void act(const QString& id) { (void)id; }

    /// On a drawing of `width` by `height`.
    virtual void draw(QPainter& p) const = 0;

  signals:
    void changed();
    void said();  ///< other words or another drawing, the place and what is typed being the same
    void stageWanted(fairchalk::Stage stage);
    void pageWanted(const fairchalk::desk::Page& page);

  protected:
    Bare bareLength() const { return how_.lengths == Show::LengthStyle::mm ? Bare::mm : Bare::inch; }
    Bare barePressure() const { return how_.lengths == Show::LengthStyle::mm ? Bare::bar : Bare::psi; }
    /// The next place after the chosen one for which `open` holds.
    template <class F>
    void moveOn(F&& open) {
        const auto all = places();
        std::size_t here = 0;
        while (here < all.size() && all[here].id != chosen_) ++here;
        for (std::size_t i = 1; i <= all.size(); ++i) {
            const Place& p = all[(here + i) % all.size()];
            if (open(p.id)) return choose(p.id);
        }
    }

    JobDesk& desk_;
    Show how_;
    QString chosen_;
};

/// A typed angle with a side: `6 left`, `3°30' right`, `0`. To the right is positive.
Result<Quantity> readSideAngle(const QString& text);
/// All that may not stay so when the car moves: `Left tie rod: turned and not locked`.
QStringList looseThings(const Job& job);
/// What was not understood, with examples of what this place takes.
Result<Quantity> writtenLike(Result<Quantity> read, const char* one, const char* other);

/// One place as a child that can be pointed at, focused and heard.
class PlaceMark : public QAbstractButton {
    Q_OBJECT
  public:
    using QAbstractButton::QAbstractButton;
    QString id;

  protected:
    void paintEvent(QPaintEvent*) override;
};

/// Draws a guide, and puts a mark on each of its places.
class GuideView : public QWidget {
    Q_OBJECT
  public:
    using QWidget::QWidget;
    void setGuide(Guide* guide);
    void refresh();

  protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;

  private:
    QTransform fit() const;
    Guide* guide_ = nullptr;
    std::vector<PlaceMark*> marks_;
};

// What several drawings share.

/// The car from above, nose to the right, in `box`; wheels as rounded bars.
void drawCar(QPainter& p, const QRectF& box);
/// Where a wheel of that car stands.
QPointF wheelOf(const QRectF& box, Wheel w);
/// Text in a place, cut with an ellipsis where it must be.
void drawText(QPainter& p, const QRectF& at, int flags, const QString& text, double size, const QColor& c,
              bool bold = false);
/// How a place stands: a tick, a cross, a dash, or an open ring.
void drawState(QPainter& p, QPointF at, CheckState state, bool chosen);
/// A steering wheel of radius `r`, turned to the right by `angle`.
void drawSteeringWheel(QPainter& p, QPointF at, double r, Angle angle, const QColor& c);

}  // namespace fairchalk::desk
