// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QScrollArea>
#include <QVBoxLayout>

namespace fairchalk::desk {

/// The inside of a page that is scrolled where the window is too small for it.
inline QWidget* scrolledPage(QWidget* page) {
    auto* whole = new QVBoxLayout(page);
    whole->setContentsMargins(0, 0, 0, 0);
    auto* scroll = new QScrollArea(page);
    scroll->setWidgetResizable(true);
    scroll->setFocusPolicy(Qt::NoFocus);
    whole->addWidget(scroll);
    auto* inside = new QWidget(scroll);
    scroll->setWidget(inside);
    return inside;
}

}  // namespace fairchalk::desk
