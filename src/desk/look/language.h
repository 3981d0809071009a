// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <utility>
#include <vector>

#include <QString>

namespace fairchalk::desk {

/// The languages there are: code and its own name. The first is the one that all is written in.
std::vector<std::pair<QString, QString>> languages();
/// The code that is wanted: as preferred, else as the system has it, else English.
QString languageWanted();
/// Puts everything that is made from now on into this language: texts, quantities, numbers, dates, Qt's own.
/// Before any window is made. An unknown code is English.
void takeLanguage(const QString& code);
/// A name as it stands within a sentence: small at its beginning, where the language writes names so.
QString inSentence(const QString& text);

}  // namespace fairchalk::desk
