// SPDX-License-Identifier: GPL-3.0-or-later
// A shop's sheet as the judge of one's own way of measuring.
#include "practice/shop.h"

#include <cmath>

#include <gtest/gtest.h>

#include "core/judge/shop_bias.h"
#include "practice/chance.h"
#include "practice/sim_car.h"

namespace fairchalk::practice {
namespace {

/// A garage whose gauge is off, and which sees the wheel straight ahead where it is not: its estimate of a
/// car whose truth is known, as sure as it says.
Estimate seen_by(const SolidCar& car, double camber_off, double straight_off, Rng& rng) {
    Estimate e;
    for (Wheel w : all_wheels) {
        const auto i = static_cast<std::size_t>(index_of(w));
        const double way = side_of(w) == Side::left ? 1.0 : -1.0;
        const auto known = [&](double v, double sigma) {
            return KnownAngle{true, Angle::from_deg(v + normal(rng, sigma)), Angle::from_deg(sigma), {}, {}};
        };
        e.wheels[i].toe = known(car.toe[i] + (axle_of(w) == Axle::front ? way * straight_off : 0.0), 0.04);
        e.wheels[i].camber = known(car.camber[i] + camber_off, 0.06);
    }
    return e;
}

SolidCar some_car(Rng& rng) {
    SolidCar car;
    for (std::size_t i = 0; i < 4; ++i) {
        car.toe[i] = between(rng, -0.3, 0.3);
        car.camber[i] = between(rng, -1.5, 0.2);
        car.caster[i] = between(rng, 2.0, 6.0);
    }
    return car;
}

/// Three cars of such a garage, each with a shop's sheet beside it.
std::vector<SheetBeside> three_sheets(double camber_off, double straight_off, Rng& rng) {
    std::vector<SheetBeside> sheets(3);
    for (SheetBeside& s : sheets) {
        const SolidCar car = some_car(rng);
        s.sheet = measured(Shop(), car, ShopSheet::When::before, rng);
        s.own = seen_by(car, camber_off, straight_off, rng);
    }
    return sheets;
}

TEST(ShopBias, IsFoundToWithinItsPlusMinusAfterThreeSheets) {
    Rng rng(11);
    constexpr int garages = 400;
    int camber_within = 0, straight_within = 0, named = 0;
    double widest = 0.0;
    for (int g = 0; g < garages; ++g) {
        const auto sheets = three_sheets(0.1, -0.1, rng);
        for (const GarageBias& b : garage_bias(sheets)) {
            const double half = k95 * b.by.sigma.deg();
            if (b.source == BiasSource::gauge_zero) {
                camber_within += std::abs(b.by.value.deg() - 0.1) <= half;
                named += b.stands_out;
                widest = std::max(widest, half);
            }
            if (b.source == BiasSource::straight_ahead)
                straight_within += std::abs(b.by.value.deg() + 0.1) <= half;
        }
    }
    // 95 in 100; three sigma of a count of 400 is 13.
    EXPECT_GE(camber_within, 367);
    EXPECT_GE(straight_within, 367);
    EXPECT_GE(named, 0.9 * garages);
    EXPECT_LT(widest, 0.12);
}

TEST(ShopBias, AGarageWithoutOneIsSeldomToldOfOne) {
    Rng rng(12);
    constexpr int garages = 400;
    int told = 0;
    for (int g = 0; g < garages; ++g) {
        const auto sheets = three_sheets(0.0, 0.0, rng);
        const auto all = garage_bias(sheets);
        told += std::any_of(all.begin(), all.end(), [](const GarageBias& b) { return b.stands_out; });
    }
    EXPECT_LE(told, 33);  // 1 in 20, and three sigma
}

TEST(ShopBias, ATotalAloneTellsTheReadingAndNoSide) {
    SheetBeside s;
    ShopSheet::Figure f;
    static_cast<CarAngle&>(f) = {Measure::total_toe, Axle::front};
    f.value = Angle::from_deg(0.1);
    s.sheet.figures = {f};
    s.own.axles[0].total_toe = {true, Angle::from_deg(0.3), Angle::from_deg(0.03), {}, {}};
    const auto all = garage_bias(std::vector{s});
    ASSERT_EQ(all.size(), 1u);
    EXPECT_EQ(all[0].source, BiasSource::toe_reading);
    EXPECT_FALSE(all[0].by.sided);
    EXPECT_NEAR(all[0].by.value.deg(), 0.1, 1e-5);  // of each wheel
    EXPECT_TRUE(garage_bias({}).empty());
    // One wheel alone: its reading, or what counts as straight ahead? Nothing is said of either.
    static_cast<CarAngle&>(s.sheet.figures[0]) = {Measure::toe, Wheel::front_left};
    s.own.wheels[0].toe = {true, Angle::from_deg(0.3), Angle::from_deg(0.03), {}, {}};
    EXPECT_TRUE(garage_bias(std::vector{s}).empty());
    s.own = Estimate();
    EXPECT_TRUE(garage_bias(std::vector{s}).empty());
}

TEST(ShopBias, WhatOneCannotSeeOneselfIsNoAgreement) {
    SheetBeside s;
    ShopSheet::Figure f;
    static_cast<CarAngle&>(f) = {Measure::camber, Wheel::front_left};
    f.value = Angle::from_deg(-1.0);
    s.sheet.figures = {f};
    const auto call = [&](double own, double sigma) {
        s.own.wheels[0].camber = {true, Angle::from_deg(own), Angle::from_deg(sigma), {}, {}};
        return compared(s).at(0).call;
    };
    EXPECT_EQ(call(-0.9, 0.08), ComparedAngle::Call::agrees);
    EXPECT_EQ(call(-0.4, 0.08), ComparedAngle::Call::differs);
    EXPECT_EQ(call(-0.6, 0.5), ComparedAngle::Call::cannot_tell);
}

TEST(Shop, ItsSheetHasEveryAngleAndIsTheSameForTheSameDice) {
    Rng rng(3), again(3);
    SolidCar car;
    car.toe = {0.1, 0.2, 0.3, -0.1};
    const Shop shop = shop_of(4);
    const ShopSheet sheet = measured(shop, car, ShopSheet::When::after, rng);
    EXPECT_EQ(sheet.figures.size(), 12u);
    EXPECT_EQ(sheet_text(shop, sheet, "a car"),
              sheet_text(shop, measured(shop, car, ShopSheet::When::after, again), "a car"));
    EXPECT_NE(sheet_text(shop, sheet, "a car").find("front-left.toe"), std::string::npos);
}

}  // namespace
}  // namespace fairchalk::practice
