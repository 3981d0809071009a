// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/quantity/normal.h"

#include <cmath>
#include <numbers>

namespace fairchalk {

double normal_probability(double z) {
    return 0.5 * std::erfc(-z / std::sqrt(2.0));
}

double normal_quantile(double p) {
    // Bisection until Newton is safe, then Newton to rounding.
    double lo = -40.0, hi = 40.0;
    for (int i = 0; i < 14; ++i) {
        const double mid = (lo + hi) / 2;
        (normal_probability(mid) < p ? lo : hi) = mid;
    }
    double z = (lo + hi) / 2;
    for (int i = 0; i < 5; ++i) {
        const double density = std::exp(-z * z / 2) / std::sqrt(2 * std::numbers::pi);
        if (density < 1e-300) break;
        const double step = (normal_probability(z) - p) / density;
        z = std::abs(step) < 0.1 ? z - step : z;
    }
    return z;
}

}  // namespace fairchalk
