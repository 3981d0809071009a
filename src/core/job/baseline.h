// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <optional>
#include <string>
#include <vector>

#include "core/job/log.h"

namespace fairchalk {

/// Something to write down before the first nut, so that it can be put back.
struct BaselineItem {
    enum class Kind { rod_length, thread_exposed, adjuster, wheel_on_shaft, ride_height, joint };
    std::string id;  ///< `rod-length front-left`
    Kind kind = Kind::rod_length;
    std::optional<Wheel> wheel;
    std::string adjuster;                     ///< or which joint is undone
    std::optional<BaselineNote> found, back;  ///< the last of each
    std::optional<Length> difference;         ///< back minus found
    std::optional<double> turns;              ///< the same in turns of the adjuster, longer positive

    bool is_length() const {
        return kind != Kind::adjuster && kind != Kind::wheel_on_shaft && kind != Kind::joint;
    }
};

/// The list for this car: both measures of each rod, every other adjuster (its marks, its shims), the
/// heights, the steering wheel on its shaft, and the joints that a repair is said to undo.
std::vector<BaselineItem> baseline_of(const Job& job);

/// Whether an entry tells how much of a rod's thread is engaged.
bool thread_measured(const Entry& entry, const Adjuster& rod);
/// How far it was turned since then, over all jobs: turns, longer positive.
double turned_since_thread(const Job& job, const Adjuster& rod);

}  // namespace fairchalk
