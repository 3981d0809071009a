// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <map>
#include <optional>
#include <set>
#include <string>
#include <vector>

#include <QAbstractButton>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

#include "core/job/rig.h"
#include "core/reading/plausible.h"
#include "job_desk.h"
#include "shelf/car_page.h"

namespace fairchalk::desk {

/// A place of the card that a way of measuring can't do without.
struct CardPlace {
    const char* key;  ///< of the field and, with its axle, of the card
    Bounded what;
    bool operator<(const CardPlace& o) const { return std::string_view(key) < o.key; }
};
/// Those that the readings of this way ask for, by what each kind of reading needs.
std::set<CardPlace> places_for(const Rig& rig);

/// One way of measuring, as its drawing.
class WayMark : public QAbstractButton {
    Q_OBJECT
  public:
    WayMark(const Rig& rig, const QString& name, QWidget* parent);
    const Rig& rig() const { return rig_; }
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

  signals:
    void stepped(int across, int down);

  protected:
    void paintEvent(QPaintEvent*) override;
    /// Enter is the page's.
    void keyPressEvent(QKeyEvent* e) override;

  private:
    const Rig& rig_;
};

/// A new car in a minute: its name, how it will be measured, and the lengths that this way needs. All else of
/// its card is asked where it is first needed, or can wait.
class FirstCarPage : public QWidget {
    Q_OBJECT
  public:
    explicit FirstCarPage(JobDesk& desk, QWidget* parent = nullptr);
    /// With what was typed on it before, and never became a job.
    void begin();
    void empty();
    BegunCar typed() const;
    /// In which unit a bare number is.
    void setShow(const Show& how);
    const std::string& way() const { return way_; }

  signals:
    void jobMade(const QString& job, const QString& way);
    void wholeCardWanted();
    void givenUp();

  protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

  private:
    void choose(const std::string& way);
    void step(int by);
    void stopAt(const WayMark* stop);
    void keep();
    /// What is typed there, in words that a card has; empty where nothing is, nothing where it is wrong or
    /// doubtful: that is said.
    std::optional<std::string> sizeIn(const CardPlace& place);
    /// What the chosen way needs of the car.
    std::set<CardPlace> needed() const;
    bool make(book::Json& card);
    void complain(QLineEdit* at, const QString& what);

    JobDesk& desk_;
    Bare bare_ = Bare::mm;
    std::string way_;  ///< id of the rig; empty while nothing is chosen
    std::vector<WayMark*> ways_;
    std::map<std::string, QLineEdit*> fields_;
    std::map<std::string, QLabel*> labels_;
    std::map<std::string, std::string> insisted_;
    QLabel* tells_ = nullptr;
    QLabel* problem_ = nullptr;
    QLineEdit* name_ = nullptr;
    QPushButton* keep_ = nullptr;
};

}  // namespace fairchalk::desk
