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
/// A tooltip that shows text as it is.
QString plainTip(const QString& text);
QString soft(const QString& text);
QString strong(const QString& text);
QString warn(const QString& text);  ///< ▲ in the color of cautions
QString head(const QString& text);
QString line(const QString& text);
/// A toe with its ±.
QString known(const KnownAngle& a, const Show& how);

}  // namespace fairchalk::desk
