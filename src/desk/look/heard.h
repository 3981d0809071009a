// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractButton>
#include <QWidget>

namespace fairchalk::desk {

// What a screen reader is told: names, what something is, and what has just happened.

/// Names it; nothing is said of what stays as it is called.
void nameIt(QWidget* what, const QString& name);

/// Says what has just happened: a thing kept, doubted or refused, once. The same twice in a row is said
/// twice.
class Announcer : public QWidget {
    Q_OBJECT
  public:
    explicit Announcer(QWidget* parent);
    void say(const QString& sentence);
};

/// Says of every kind of child of a window what it is: spots and places are one of several to choose, a stage
/// is a tab, a drawing is a group. Once, before any window.
void introduceToScreenReaders();

}  // namespace fairchalk::desk
