// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/advice/record.h"
#include "core/car/car.h"
#include "core/job/knowledge.h"
#include "core/quantity/notation.h"

namespace fairchalk::words {

/// What a record says of itself.
struct RecordHead {
    std::string garage, job;
};

/// One line: `2 turns; inside: 5 of 6; still loose: …`, for a list of jobs.
std::string record_in_a_line(const Record& record);

/// The whole record as one page of HTML that needs nothing beside itself: drawing (SVG), tables, what is left
/// and what is loose, cautions. Prints on one page or two.
std::string record_html(const Record& record, const CarCard& car, const RecordHead& head,
                        const Knowledge& knowledge, const Show& how = {});

/// The same for a shop that is to set what could not be set here: what is known with its ±, what this way of
/// measuring can't see, the thread that is left, where the driver wants the wheel, what was done and what
/// not.
std::string shop_note_html(const Record& record, const Job& job, const RecordHead& head,
                           const Knowledge& knowledge, const Show& how = {});

}  // namespace fairchalk::words
