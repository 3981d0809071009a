// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "book/job_file.h"
#include "practice/matrix.h"
#include "practice/proving.h"

namespace fairchalk::cli {

/// What the proving ground found, way by way, with what it was asked.
book::Json proving_answer(const practice::ProvingOptions& options,
                          const std::vector<practice::WayResult>& results, bool stopped);

/// The jobs in which something happened that may never happen, as job files: their names and texts.
std::vector<std::pair<std::string, std::string>> harmed_jobs(
    const std::vector<practice::CellResult>& results);

/// The table of all cells, Markdown: a row each, harm counters last; then pools and chances given.
std::string cells_table(const std::vector<practice::CellResult>& results, bool notes);

}  // namespace fairchalk::cli
