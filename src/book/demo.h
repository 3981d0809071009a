// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <filesystem>
#include <optional>

#include "core/quantity/uuid.h"

namespace fairchalk::book {

/// Where the demo's job files are: as installed beside the program, else as it was built.
std::optional<std::filesystem::path> demo_data();

/// A book of the demo garage: its cars, each with its season and the job that lies open. Nothing may be there
/// yet. Throws BookError, FileError.
void make_demo(const std::filesystem::path& to, const std::filesystem::path& data, UuidSource& ids);

}  // namespace fairchalk::book
