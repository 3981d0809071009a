// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace fairchalk {

/// Standard normal distribution function, by the complementary error function. Exact to rounding.
double normal_probability(double z);

/// Its inverse for 1e-12 < p < 1 - 1e-12, by bisection and Newton on `normal_probability`; absolute error
/// below 1e-9.
double normal_quantile(double p);

}  // namespace fairchalk
