// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <functional>
#include <string>
#include <vector>

#include "core/quantity/translatable.h"

namespace fairchalk::words {

/// Puts words into another language: source text in, translation out; of a text about a number of things also
/// what it says of one, and how many they are (else nullptr and -1). The desk hands in Qt's translator;
/// without one the source text, American English, stands.
using Translate = std::function<std::string(const char* source, const char* one, int n)>;
void set_translator(Translate translate);

std::string tr(const char* source);
/// A text about so many things, and what it says of one; `%n` is how many.
std::string tr_n(const char* many, const char* one, int n);
/// Puts the arguments in the place of {0}, {1} … of a translated text.
std::string filled(const std::string& text, const std::vector<std::string>& args);
/// Fills {0}, {1} … of a source text, translated.
std::string fill(const char* source, const std::vector<std::string>& args);

}  // namespace fairchalk::words
