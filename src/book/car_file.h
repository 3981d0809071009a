// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "book/job_file.h"

namespace fairchalk::book {

/// A car without its jobs, to hand on: its card, with what its adjusters were found to do.
Json car_file(const Json& card);
/// The card of such a file, or of a job file. Throws FileError.
Json card_in(const std::string& text);

/// A sheet of figures, as a maker's is: targets with their tolerances and where they come from, for a card.
///
///     {"format": "fairchalk-figures", "version": 1, "name": "road", "source": "…", "targets": {…}}
struct Figures {
    std::string name, source;
    Json targets;
};
/// Throws FileError.
Figures figures_in(const std::string& text);
/// Puts them on a card as the set-up in use, under their name. Throws FileError where the card can't take
/// them.
Json with_figures(Json card, const Figures& figures);

/// What a file is, as far as this program reads such files.
enum class FileIs { job, car, figures, sheet, readings, book, unknown };
FileIs what_is(const std::string& path);

}  // namespace fairchalk::book
