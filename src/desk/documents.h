// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>

namespace fairchalk::desk {

/// The user's documents, made where there are none.
QString documents();
/// A file of this name there or in that folder, never one that is there already: " 2", " 3" is put behind the
/// name. What no file may be called stands as a space.
QString freeFile(const QString& name, const QString& ending, const QString& folder = documents());

}  // namespace fairchalk::desk
