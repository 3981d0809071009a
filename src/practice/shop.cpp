// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/shop.h"

#include <cmath>
#include <cstdio>

#include "practice/chance.h"

namespace fairchalk::practice {

Shop shop_of(std::uint64_t seed) {
    Rng rng(seed * 7919 + 3);
    Shop s;
    s.camber_alike = between(rng, -0.05, 0.05);
    s.camber_sided = between(rng, -0.05, 0.05);
    s.straight_ahead = between(rng, -0.05, 0.05);
    s.caster_alike = between(rng, -0.15, 0.15);
    return s;
}

ShopSheet measured(const Shop& shop, const SolidCar& car, ShopSheet::When when, Rng& rng) {
    ShopSheet sheet;
    sheet.when = when;
    sheet.where = shop.name;
    const auto put = [&](const CarAngle& angle, double deg) {
        ShopSheet::Figure f;
        static_cast<CarAngle&>(f) = angle;
        f.value = Angle::from_deg(std::round(deg * 100.0) / 100.0);
        f.text = write_exact(f.value);
        sheet.figures.push_back(std::move(f));
        return sheet.figures.back().value.deg();
    };
    for (Axle axle : both_axles) {
        double total = 0.0;
        for (Side side : both_sides) {
            const Wheel w = wheel_at(axle, side);
            const auto i = static_cast<std::size_t>(index_of(w));
            const double way = side == Side::left ? 1.0 : -1.0;
            // Its heads are squared to the thrust line for nobody: toes are to the car's own middle line.
            double toe = car.toe[i] + normal(rng, shop.toe_noise);
            if (axle == Axle::front) toe += way * (shop.straight_ahead + car.steer);
            total += put({Measure::toe, w}, toe);
            put({Measure::camber, w},
                car.camber[i] + shop.camber_alike + way * shop.camber_sided + normal(rng, shop.camber_noise));
            if (axle == Axle::front)
                put({Measure::caster, w}, car.caster[i] + shop.caster_alike + normal(rng, shop.caster_noise));
        }
        put({Measure::total_toe, axle}, total);
    }
    return sheet;
}

std::string sheet_text(const Shop& shop, const ShopSheet& sheet, const std::string& car) {
    std::string out = shop.name + "\nWheel angles of " + car +
                      (sheet.when == ShopSheet::When::before ? ", as it came in\n" : ", as it was set\n") +
                      "degrees; toe in, top outward, steering axis back are positive\n\n";
    for (const ShopSheet::Figure& f : sheet.figures) {
        char line[80];
        std::snprintf(line, sizeof line, "%-26s %+6.2f\n", f.name().c_str(), f.value.deg());
        out += line;
    }
    return out;
}

}  // namespace fairchalk::practice
