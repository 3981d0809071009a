// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <atomic>
#include <cstdint>
#include <functional>
#include <string>
#include <vector>

#include "practice/forecast.h"

namespace fairchalk::practice {

// Whether the way of measuring that is offered first is truly among the best: evenings of all sorts, each
// forecast as the window does, and then played on many other cars.

struct FirstOfferedOptions {
    int jobs = 300;
    int cars = 12;    ///< each way is played on for the forecast
    int others = 40;  ///< and on so many others to see how good it truly is
    std::uint64_t seed = 1;
    double within = 0.10;  ///< of the best score
    int threads = 0;       ///< 0: one for each core
};

/// One choice between ways that tell the same.
struct FirstChoice {
    RigUse use = RigUse::toe;
    std::vector<std::string> first, best;  ///< as offered, and as it truly is; rigs
    double first_score = 0.0, best_score = 0.0;
    bool good = false;  ///< the first is no worse than the best by more than was allowed
};

/// An evening on that car: its card and targets from the cells of the proving ground in turn, every other
/// with all things at hand, else with a random part of those that any way takes. The same for the same seed.
Tonight any_evening(int job, std::uint64_t seed, const Knowledge& knowledge);

/// The choice within each use that two ways or more tell. The best is flattered a little: it is the least of
/// several means, each with the spread of `others` cars.
std::vector<FirstChoice> first_offered(const FirstOfferedOptions& options, const Knowledge& knowledge,
                                       const std::function<void(int, int)>& progress = {},
                                       const std::atomic<bool>* stop = nullptr);

}  // namespace fairchalk::practice
