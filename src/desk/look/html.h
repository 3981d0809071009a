// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include <QLabel>
#include <QString>

#include "core/network/estimate.h"

namespace fairchalk::desk {

// The few shapes that text on the Slate has. What is markup stands in ⟨ and ⟩, which q() keeps out of what
// anybody typed or a file brought in; all else is plain, < and & too.

QString q(const std::string& s);
/// Marked text as Qt's own rich text: the only way to it.
QString html(const QString& marked);
void setMarked(QLabel* label, const QString& marked);
/// A label for plain text.
QLabel* plainLabel(QWidget* parent);
/// The color of its text. The same again costs nothing, where a style sheet would be worked out anew.
void colorIt(QWidget* what, const QColor& color);
/// A tooltip that shows text as it is.
QString plainTip(const QString& text);
QString soft(const QString& text);
QString strong(const QString& text);
QString cautious(const QString& text);
QString warn(const QString& text);  ///< ▲ in the color of cautions
QString head(const QString& text);
QString line(const QString& text);
/// A cell of a table, so many pixels wide at the zoom that is set; 0: as wide as it takes.
QString cell(const QString& text, double width = 0.0);
QString rightCell(const QString& text);
/// One over all columns.
QString wideCell(const QString& text, int columns);
QString row(const QString& cells);
QString table(const QString& rows, int padding = 1);
/// A toe with its ±.
QString known(const KnownAngle& a, const Show& how);

}  // namespace fairchalk::desk
