// SPDX-License-Identifier: GPL-3.0-or-later
#include "look/type_line.h"

#include <QApplication>

#include <QEvent>

#include "look/chalk.h"

namespace fairchalk::desk {

void TypeLine::changeEvent(QEvent* e) {
    QLineEdit::changeEvent(e);
    if (e->type() == QEvent::StyleChange) colorPlaceholder();
}

void TypeLine::showEvent(QShowEvent* e) {
    QLineEdit::showEvent(e);
    colorPlaceholder();
}

void TypeLine::colorPlaceholder() {
    QPalette mine = palette();
    if (mine.color(QPalette::PlaceholderText) == Chalk::now().faint) return;
    mine.setColor(QPalette::PlaceholderText, Chalk::now().faint);
    setPalette(mine);
}

Caret::Caret(QObject* parent) : QObject(parent) {
    constexpr int rest = 8'000;  // milliseconds
    still_.setSingleShot(true);
    still_.setInterval(rest);
    connect(&still_, &QTimer::timeout, this, [] { QApplication::setCursorFlashTime(0); });
    still_.start();
    qApp->installEventFilter(this);
}

bool Caret::eventFilter(QObject*, QEvent* e) {
    if (e->type() == QEvent::KeyPress || e->type() == QEvent::MouseButtonPress) {
        constexpr int usual = 1'000;
        if (QApplication::cursorFlashTime() == 0) QApplication::setCursorFlashTime(usual);
        still_.start();
    }
    return false;
}

}  // namespace fairchalk::desk
