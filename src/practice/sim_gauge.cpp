// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/sim_gauge.h"

#include <cmath>
#include <cstdio>

namespace fairchalk::practice {

void SimGauge::hold(double truth) {
    truth_ = truth;
    settling_ = 3;
}

std::string SimGauge::line(bool send) {
    drifted_ += nature_.drift;
    const bool stable = settling_ == 0;
    // While it is being laid on, it shows anything about there.
    const double sigma = stable ? nature_.noise : 20 * nature_.noise + 0.2;
    if (settling_ > 0) --settling_;
    const double shown = truth_ + drifted_ - zero_ + normal(rng_, sigma);
    char text[48];
    std::snprintf(text, sizeof text, "%.*f", nature_.decimals, shown);
    return write_gauge_line(++number_, text, nature_.unit, stable, send, nature_.low_battery);
}

}  // namespace fairchalk::practice
