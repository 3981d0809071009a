// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <map>

#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QWidget>

#include "core/reading/plausible.h"
#include "job_desk.h"

namespace fairchalk::desk {

/// What was typed of a new car before all of its card was wanted.
struct BegunCar {
    QString name, way;                     ///< the id of the rig it is to be measured by
    std::map<std::string, QString> sizes;  ///< by the card's place
};

/// A new car and its job, as places on a drawing of the car: each length is typed where it lies, the rods are
/// chosen by how they run, the targets stand at their axles in the manual's own terms.
class CarPage : public QWidget {
    Q_OBJECT
  public:
    explicit CarPage(JobDesk& desk, QWidget* parent = nullptr);
    /// Begins with an empty card, or with that of a car on the shelf.
    void begin(const QString& car, const BegunCar& typed = {});
    /// In which unit a bare number is, and what the empty fields show.
    void setShow(const Show& how);

  signals:
    void jobMade(const QString& job, const QString& way);
    void givenUp();

  protected:
    void paintEvent(QPaintEvent*) override;
    void resizeEvent(QResizeEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

  private:
    /// What is chosen and typed of rods and links; empty where it is left open.
    struct Rods {
        std::string runs, thread, ends, links, pitch, arm;
    };
    Rods rods() const;
    /// As the target of one axle is chosen and typed.
    using Aim = QStringList;
    Aim aim(const std::string& axle) const;
    QLineEdit* field(const char* key, const QString& name, const QString& hint);
    QPushButton* choice(const char* group, const char* value, const QString& text);
    std::string chosen(const char* group) const;
    void choose(const char* group, const std::string& value);
    void tabAsRead();
    QString text(const char* key) const;
    /// The card and targets as JSON, or an error beside its field.
    bool length(const char* key, std::string& out, Bounded what, Bare bare);
    bool put(book::Json& at, const char* name, const char* key, Bounded what);
    bool put(book::Json& rod, bool link);
    bool makeRods(book::Json& card);
    bool makeTargets(book::Json& card, book::Json& targets);
    bool make(book::Json& card, book::Json& targets);
    void keep();
    /// The band that an axle's target means, once it can be read.
    Expect written(const std::string& axle) const;
    Bare spanUnit(const Expect& toe) const;
    std::optional<Target> understood(const std::string& axle) const;
    bool complain(const char* key, const QString& what);

    JobDesk& desk_;
    QString car_;
    book::Json old_card_, old_targets_;  ///< of the car; of its last job
    std::map<std::string, Aim> aims_begun_;
    QString way_;  ///< of measuring, where it was chosen before
    Rods begun_;   ///< as the page began: unless it is changed, each rod keeps its own
    std::map<std::string, QLineEdit*> fields_;
    std::map<std::string, QString> names_;
    std::map<std::string, std::string> insisted_;  ///< questioned as typed
    std::vector<QPushButton*> choices_;
    bool learns_ = false;  ///< what the last job taught is not worked out yet
    bool keeps_ = false;   ///< the job was begun meanwhile
    QLabel* problem_;
    QPushButton* keep_;
    Bare bare_ = Bare::mm;
};

}  // namespace fairchalk::desk
