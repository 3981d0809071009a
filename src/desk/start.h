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

/// Once the window that was shown is drawn, or after a second: one that starts minimized never is.
void onceDrawn(Window& window, std::function<void()> then);

}  // namespace fairchalk::desk
