// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>

#include <QString>

#include "window.h"

namespace fairchalk::desk {

/// Opens the job that was open when the book was closed; else the newest; else the shelf.
void openWhereItWas(JobDesk& desk, Window& window);

/// There is no book there: whether one is made, or the usual one opened; else the program ends.
void askForBook(const QString& path, std::function<void(bool make)> then);
/// One window that says why the book can't be opened.
void sayCannotOpen(const QString& why);

/// Draws each main view from the open book into PNGs of 1280 x 800.
int takeShots(JobDesk& desk, Window& window, const QString& folder);

/// Types readings through the entry line, one after the other, and prints the id of each entry once it is
/// shown as kept.
void typeForEver(JobDesk& desk, Window& window);

}  // namespace fairchalk::desk
