// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QSize>
#include <QString>

#include "window.h"

namespace fairchalk::desk {

/// How the main views are drawn.
struct ShotsAs {
    QSize size = {1280, 800};
    bool dark = true;
    double zoom = 1.0;  ///< that and the language are the window's from its start
    QString language = QStringLiteral("en");
};
/// `960x540 pale 150% de`, each word where it differs; throws std::invalid_argument with the word that is
/// none.
ShotsAs shotsAs(const QString& words);

/// Draws each main view from the open book into PNGs.
int takeShots(JobDesk& desk, Window& window, const QString& folder, const ShotsAs& as = {});

/// Types readings through the entry line, one after the other, and prints the id of each entry once it is
/// shown as kept.
void typeForEver(JobDesk& desk, Window& window);

}  // namespace fairchalk::desk
