// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

#include "core/reading/gauge_line.h"
#include "practice/sim_car.h"

namespace fairchalk::practice {

/// What a simulated gauge measures, and how badly.
struct GaugeNature {
    std::string unit = "deg";  ///< deg, mm or in
    int decimals = 2;
    double noise = 0.02;  ///< one sigma, in its unit
    double drift = 0.0;   ///< in its unit, a line
    bool low_battery = false;
};

/// An angle gauge or a caliper on a wire, with noise, drift and a zero button.
class SimGauge {
  public:
    SimGauge(GaugeNature nature, std::uint64_t seed) : nature_(std::move(nature)), rng_(seed) {}

    /// Held against this, in its unit: not steady for the next three lines.
    void hold(double truth);
    /// The zero button: what it shows now is zero from here on.
    void zero() { zero_ = truth_ + drifted_; }
    void set_low_battery(bool low) { nature_.low_battery = low; }
    /// The next line, without its end; with `send`, the one that its button sends.
    std::string line(bool send);

  private:
    GaugeNature nature_;
    Rng rng_;
    double truth_ = 0.0, zero_ = 0.0, drifted_ = 0.0;
    int settling_ = 0;
    std::uint32_t number_ = 0;
};

}  // namespace fairchalk::practice
