// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>

#include "core/quantity/uuid.h"

namespace fairchalk::book {

/// The book that opens when none is named: `$XDG_DATA_HOME/fair-chalk/garage.fairchalk`, by default under
/// ~/.local/share.
std::filesystem::path default_book();

/// What the program keeps of its own running: `$XDG_STATE_HOME/fair-chalk`, by default under ~/.local/state.
std::filesystem::path state_folder();

/// The clock and randomness of this machine.
Sources system_sources();

}  // namespace fairchalk::book
