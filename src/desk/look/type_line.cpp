// SPDX-License-Identifier: GPL-3.0-or-later
#include "look/type_line.h"

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

}  // namespace fairchalk::desk
