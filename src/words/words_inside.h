// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/quantity/translatable.h"

namespace fairchalk::words {

std::string tr(const char* source);

}  // namespace fairchalk::words
