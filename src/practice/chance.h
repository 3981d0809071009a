// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <random>

namespace fairchalk::practice {

using Rng = std::mt19937_64;

// Of any engine of the standard library.

template <class Engine>
double normal(Engine& rng, double sigma) {
    return sigma > 0.0 ? std::normal_distribution<>(0.0, sigma)(rng) : 0.0;
}
template <class Engine>
double between(Engine& rng, double lo, double hi) {
    return std::uniform_real_distribution<>(lo, hi)(rng);
}
template <class Engine>
bool toss(Engine& rng) {
    return std::uniform_int_distribution<>(0, 1)(rng) == 1;
}
/// So large, with either sign.
template <class Engine>
double either_way(Engine& rng, double lo, double hi) {
    return between(rng, lo, hi) * (toss(rng) ? 1.0 : -1.0);
}

}  // namespace fairchalk::practice
