// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/advice/record.h"
#include "core/car/car.h"
#include "core/job/knowledge.h"
#include "core/judge/moved.h"
#include "core/quantity/notation.h"

namespace fairchalk::words {

/// What a record says of itself.
struct RecordHead {
    std::string garage, job;
};

/// One line: `2 turns; inside: 5 of 6; still loose: …`, for a list of jobs.
std::string record_in_a_line(const Record& record);

/// "Left front toe: 0°36' more out ±9': moved"
std::string moved(const MovedAngle& m, const Show& how = {});
/// "Left front: the lower arm, in or out, by 3 mm ±1 (7 in 10)"; and what to look at to be sure.
std::string cause(const Explained& e, Axle axle);
std::string what_to_look_at(Cause c);

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
