// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>
#include <string>
#include <vector>

#include "core/job/rig.h"
#include "core/reading/solid_car.h"
#include "practice/chance.h"

namespace fairchalk::practice {

/// The simulated car's body, with the card and the lines that go with it.
struct SolidCar : fairchalk::SolidCar {
    /// What a level would show of that wheel as it stands for a spot, straight or swept: minus where the top
    /// leans in.
    double leans(const Spot& s, const LinesSet& lines) const;
    /// What would be read there, in mm or degrees, exactly.
    double exact(const Spot& s, const LinesSet& lines) const;

    /// A car as it comes: camber -4 to 2, caster -2 to 10, SAI 6 to 16, toes and strings anyhow.
    template <class Engine>
    static SolidCar any(Engine& rng) {
        SolidCar c;
        c.wheelbase = between(rng, 2200, 3000);
        c.span = between(rng, 360, 480);
        for (int w = 0; w < 4; ++w) {
            c.toe[w] = between(rng, -0.7, 0.7);
            c.camber[w] = between(rng, -4, 2);
            c.caster[w] = between(rng, -2, 10);
            c.sai[w] = between(rng, 6, 16);
        }
        for (int i = 0; i < 2; ++i) {
            c.skew[i] = between(rng, -1.5, 1.5);
            c.offset[i] =
                845 + between(rng, -15, 15) + (c.skew[i] < 0 ? -c.wheelbase * std::tan(c.skew[i] * rad) : 0);
            c.half_width[i] = between(rng, 700, 760);
        }
        c.lip = {8, 8};
        return c;
    }

    CarCard card() const;
    LinesSet lines(std::vector<std::string> rigs) const;
};

}  // namespace fairchalk::practice
