// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QSettings>
#include <QString>
#include <QVariant>

namespace fairchalk::desk {

/// A preference of who works here, kept between starts. One that stands so already is left: each write goes
/// through to the disk, and the start would wait for it.
inline void keepPreference(const QString& key, const QVariant& value) {
    QSettings settings;
    if (settings.value(key) != value) settings.setValue(key, value);
}

}  // namespace fairchalk::desk
