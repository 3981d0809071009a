// SPDX-License-Identifier: GPL-3.0-or-later
// What each key does on the Slate.
#include <QKeyEvent>
#include <QScrollArea>
#include <QScrollBar>

#include "look/chalk.h"
#include "look/type_line.h"
#include "slate/slate.h"
#include "words/words.h"

namespace fairchalk::desk {

bool Slate::eventFilter(QObject* watched, QEvent* event) {
    if (watched == scroll_->viewport() && event->type() == QEvent::Resize) layOutBody();
    // Keys mean the place that is pointed at, wherever the focus is; the buttons scroll to the one that has
    // it.
    if (event->type() == QEvent::KeyPress && watched != entry_ && watched != acts_scroll_ &&
        strayed(*static_cast<QKeyEvent*>(event)))
        return true;
    if (watched == acts_scroll_ && event->type() == QEvent::KeyPress) return event->ignore(), true;
    if (watched == entry_ && event->type() == QEvent::ShortcutOverride && entry_->text().isEmpty()) {
        // With nothing typed, undo is about the job and not about the line.
        const auto* key = static_cast<QKeyEvent*>(event);
        if (key->matches(QKeySequence::Undo) || key->matches(QKeySequence::Redo))
            return event->ignore(), true;
    }
    if (watched == entry_ && event->type() == QEvent::ShortcutOverride) {
        // Where a line edit has a meaning of its own for one of the window's keys (Ctrl+E under X11), the
        // window's comes first.
        const auto* key = static_cast<QKeyEvent*>(event);
        constexpr std::array windows = {Qt::Key_B, Qt::Key_M, Qt::Key_E, Qt::Key_K, Qt::Key_L, Qt::Key_I,
                                        Qt::Key_D, Qt::Key_O, Qt::Key_N, Qt::Key_P, Qt::Key_R, Qt::Key_J,
                                        Qt::Key_T, Qt::Key_Y, Qt::Key_F, Qt::Key_G, Qt::Key_H, Qt::Key_S};
        if (key->modifiers() == Qt::ControlModifier &&
            std::find(windows.begin(), windows.end(), key->key()) != windows.end())
            return event->ignore(), true;
        // Escape is the line's own while there is something to leave or to clear.
        if (key->key() == Qt::Key_Escape && (asksBesides() || !entry_->text().isEmpty()))
            return event->accept(), true;
    }
    if (watched == entry_ && event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (keypad(*key)) return true;
        if (const bool enter_key = key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter; enter_key) {
            // Taken here: a line edit lets it through, and it would go on as well.
            key->modifiers().testFlag(Qt::ControlModifier) ? void(sure()) : enter();
            return true;
        }
        if (key->key() == Qt::Key_Tab && !meant_.isEmpty()) {
            entry_->setText(meant_.takeFirst());
            error_.clear();
            insisted_.clear();
            understand();
            return true;
        }
        if (key->key() == Qt::Key_Space && entry_->text().isEmpty() && shown().space()) return true;
        if (scrollBy(*key)) return true;
        if (key->key() == Qt::Key_PageDown || (key->key() == Qt::Key_Down)) return step(+1), true;
        if (key->key() == Qt::Key_PageUp || (key->key() == Qt::Key_Up)) return step(-1), true;
        if (key->key() == Qt::Key_Left || key->key() == Qt::Key_Right)
            if (entry_->text().isEmpty()) return across(key->key() == Qt::Key_Right ? +1 : -1), true;
        if (key->key() == Qt::Key_Escape) {
            if (leaveQuestion()) return true;
            if (entry_->text().isEmpty() && error_.isEmpty()) return false;  // the window's: back from a page
            entry_->clear();
            error_.clear();
            understand();
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

/// Who types where there is no line is told so; the space in it and its Enter choose nothing.
bool Slate::strayed(const QKeyEvent& key) {
    if (!guide_ || shown().typing() || shown().byDigits()) return false;
    const bool enter = key.key() == Qt::Key_Return || key.key() == Qt::Key_Enter;
    if (strayed_ && (enter || key.key() == Qt::Key_Space)) {
        strayed_ = !enter;
        return true;
    }
    if (key.key() == Qt::Key_Shift) return false;
    const bool plain = (key.modifiers() & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier)) == 0;
    const QString text = key.text();
    strayed_ = plain && !text.isEmpty() && text.front().isPrint() && text.front() != QLatin1Char(' ');
    if (strayed_) emit nothingTyped(shown().nothingTyped());
    return strayed_;
}

bool Slate::goesOn() const {
    const auto acts = shown().acts();
    return std::any_of(acts.begin(), acts.end(), [](const Act& a) { return a.key == Act::enter; });
}

/// One hand on a numeric keypad is enough for readings and turns. False where the key means what it is.
bool Slate::keypad(const QKeyEvent& key) {
    if (!key.modifiers().testFlag(Qt::KeypadModifier) || !shown().typing() || shown().typesWords())
        return false;
    if (!std::exchange(keypad_, true)) keypad_drawing_->show();
    const QString text = entry_->text();
    const bool after_digit = !text.isEmpty() && text.back().isDigit();
    switch (key.key()) {
        case Qt::Key_Minus:  // joins whole and fraction; leading, a sign
            if (after_digit) entry_->insert(QStringLiteral(" "));
            return after_digit;
        case Qt::Key_Plus:
            if (after_digit) entry_->insert(QStringLiteral(" strong"));
            return true;
        case Qt::Key_Asterisk:
            if (after_digit) entry_->insert(QStringLiteral(" weak"));
            return true;
        case Qt::Key_Enter:  // with nothing typed it goes on
            if (!text.isEmpty() || !shown().spot() || goesOn()) return false;
            step(+1);
            return true;
        case Qt::Key_Delete:  // what is typed, then what was kept
            entry_->clear();
            // The spot of what was taken back is asked for again.
            if (text.isEmpty() && desk_.undo() && !takenBack()) step(-1);
            error_.clear();
            understand();
            return true;
        default:
            return false;
    }
}

/// What was complained of is no more.
bool Slate::takenBack() {
    error_.clear();
    understand();
    return guide_ && shown().takenBack();
}

/// Shift with Page Up and Page Down moves the text.
bool Slate::scrollBy(const QKeyEvent& key) {
    if (!key.modifiers().testFlag(Qt::ShiftModifier) ||
        (key.key() != Qt::Key_PageDown && key.key() != Qt::Key_PageUp))
        return false;
    QScrollBar* bar = scroll_->verticalScrollBar();
    bar->setValue(bar->value() +
                  (key.key() == Qt::Key_PageDown ? 1 : -1) * (scroll_->viewport()->height() * 3 / 4));
    return true;
}

void Slate::keyPressEvent(QKeyEvent* e) {
    if (!guide_) return QWidget::keyPressEvent(e);
    if (strayed(*e)) return;
    // Digits choose while a choice is asked.
    if (shown().byDigits() && e->key() >= Qt::Key_0 && e->key() <= Qt::Key_9) {
        act(e->key() == Qt::Key_0 ? 9 : static_cast<std::size_t>(e->key() - Qt::Key_1));
        return;
    }
    if (scrollBy(*e)) return;
    if (e->key() == Qt::Key_PageDown || e->key() == Qt::Key_Down) return step(+1);
    if (e->key() == Qt::Key_PageUp || e->key() == Qt::Key_Up) return step(-1);
    const bool enter = e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter;
    if (enter && act(e->modifiers().testFlag(Qt::ControlModifier) ? Act::sure : Act::enter)) return;
    QWidget::keyPressEvent(e);
}

}  // namespace fairchalk::desk
