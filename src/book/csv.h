// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "book/job_file.h"

namespace fairchalk::book {

/// Readings as a spreadsheet has them (RFC 4180): a header line, then a line for each reading with its round,
/// its place and its value as typed. The rows `bars` and `car` carry what the readings need to be solved.
std::string csv_of(const JobFile& job);

/// Reads it back into a job of its own, or as further rounds of `onto`. The separator is a comma, a semicolon
/// or a tab, as the header shows. Throws FileError naming the line.
JobFile job_from_csv(const std::string& text, const JobFile* onto, UuidSource& ids);

}  // namespace fairchalk::book
