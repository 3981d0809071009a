// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <string>
#include <vector>

#include "core/car/adjuster.h"
#include "core/job/rig.h"
#include "core/job/step_times.h"

namespace fairchalk::practice {

/// Of a turn's minutes, what turning the rest costs while one lies there.
inline constexpr double rest_of_turn = 0.25;

/// What somebody did in a job, as far as it costs time.
struct WorkCount {
    double set_up = 0.0;   ///< minutes that the ways of measuring usually take to put up
    double squared = 0.0;  ///< minutes of squaring strings: only by hand
    int spots = 0, turns = 0, rests = 0, jackings = 0, looks = 0;
    // `rests`: turned on in the same visit.
    std::vector<std::string> touched;  ///< adjusters, each of which is locked at the end

    void sets_up(const LinesSet& lines) {
        for (const std::string& id : lines.rigs)
            if (const Rig* r = rig_named(id)) set_up += r->minutes;
    }
    void turned(const std::string& adjuster) {
        ++turns;
        if (std::find(touched.begin(), touched.end(), adjuster) == touched.end()) touched.push_back(adjuster);
    }
    /// Of both together, but for what was touched.
    WorkCount& operator+=(const WorkCount& o) {
        set_up += o.set_up;
        squared += o.squared;
        spots += o.spots;
        turns += o.turns;
        rests += o.rests;
        jackings += o.jackings;
        looks += o.looks;
        return *this;
    }
    double minutes(const StepTimes& t) const {
        return t.set_up * (set_up + squared) + t.spot * spots + t.turn * (turns + rest_of_turn * rests) +
               t.jack * jackings + t.look * looks + t.lock * static_cast<double>(touched.size());
    }
};

/// What is turned only with the weight off.
inline bool wants_jacking(const CarCard& car, const std::string& adjuster) {
    const Adjuster* a = car.adjuster(adjuster);
    const AdjusterKind* kind = a ? adjuster_kind(a->kind) : nullptr;
    return kind && kind->wants_jacking();
}

}  // namespace fairchalk::practice
