// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include <QString>

#include "core/estimate.h"

namespace fairchalk::desk {

// The few shapes that text on the Slate has.

QString q(const std::string& s);
QString soft(const QString& text);
QString warn(const QString& text);  ///< ▲ in the color of cautions
QString head(const QString& text);
QString line(const QString& text);
/// A toe with its ±.
QString known(const KnownAngle& a, const Show& how);

}  // namespace fairchalk::desk
