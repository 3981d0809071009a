// SPDX-License-Identifier: GPL-3.0-or-later
// The floor against floors whose truth is known. What a gauge shows on them is computed here point by point:
// three points of the real floor are placed in a level world, the wheel stands upright to that plane's own
// normal, and gravity is straight down.
#include "core/job/floor.h"

#include <algorithm>
#include <cmath>
#include <random>

#include <gtest/gtest.h>
#include <Eigen/Geometry>

#include "core/network/estimate.h"
#include "core/worked_job.h"

namespace fairchalk {
namespace {

using testing::rad;
constexpr std::array ring = {Wheel::front_left, Wheel::front_right, Wheel::rear_right, Wheel::rear_left};

CarCard card() {
    CarCard c = testing::card_of({});
    c.axle(Axle::front).track = Length::from_mm(1470);
    c.axle(Axle::rear).track = Length::from_mm(1455);
    return c;
}

Reading floor_reading(const Spot& spot, double mm, double sigma) {
    Reading r;
    r.spot = spot;
    r.value = *read_quantity(write_exact(Length::from_mm(mm)));
    r.stated_sigma = sigma;
    return r;
}

struct Survey {
    std::vector<Entry> log{testing::entry("car", CarEdit{card()}), testing::entry("round", RoundOpened{})};
    int n = 0;
    explicit Survey(std::optional<FloorMethod> method) {
        FloorSet set;
        if (method) set.method = *method;
        if (method) add(set);
    }
    template <class T>
    void add(T what) {
        log.push_back(testing::entry("e" + std::to_string(n++), std::move(what)));
    }
    Floor floor() const {
        const Job job = job_of(log);
        return *floor_now(job);
    }
    FloorSolved solved() const { return solve_floor(floor()); }
};

/// Heights in the order FL FR RL RR.
using Heights = std::array<double, 4>;
double at(const Heights& h, Wheel w) {
    return h[static_cast<std::size_t>(index_of(w))];
}

void read_line(Survey& s, const Heights& h, double line, double sigma, std::mt19937& noise) {
    std::normal_distribution<double> d(0, sigma);
    for (const Spot& spot : floor_spots())
        s.add(floor_reading(spot, line - at(h, *spot.wheel) + d(noise), sigma));
}
void read_legs(Survey& s, const Heights& h, double sigma, std::mt19937& noise) {
    std::normal_distribution<double> d(0, sigma);
    for (const Spot& leg : floor_legs())
        s.add(floor_reading(leg, at(h, *leg.to) - at(h, *leg.wheel) + d(noise), sigma));
}

/// The angle between a wheel that stands at toe 0, camber 0 to the plane through its axle's two spots with
/// the car's fore-aft slope, and the vertical: what a gauge shows, top out positive.
double gauge_on(const Heights& h, Wheel w) {
    const CarCard c = card();
    const Axle a = axle_of(w);
    const double track = c.axle(a).track->mm();
    const double left = (at(h, wheel_at(a, Side::left)) - at(h, wheel_at(a, Side::right))) / track;
    const double up = (h[0] + h[1] - h[2] - h[3]) / 2 / c.wheelbase->mm();
    // World: x level forward, z up. The floor's axes in it.
    const Eigen::Vector3d forward = Eigen::Vector3d(1, 0, up).normalized();
    const Eigen::Vector3d across = Eigen::Vector3d(0, 1, left);
    const Eigen::Vector3d normal = forward.cross(across).normalized();
    const Eigen::Vector3d leftward = normal.cross(forward).normalized();
    const double s = side_of(w) == Side::left ? 1 : -1;
    const Eigen::Vector3d spindle = s * leftward;  // outboard, camber 0 to the floor
    return -std::asin(spindle.z()) / rad;
}

TEST(FloorSurvey, ALevelLineGivesHeightsAndItsOwnHeightDoesNotMatter) {
    std::mt19937 none(1);
    const Heights h = {0, -6, 2, 0};
    for (double line : {120.0, 455.5}) {
        Survey s(FloorMethod::level_line);
        for (const Spot& spot : floor_spots()) s.add(floor_reading(spot, line - at(h, *spot.wheel), 0.5));
        const FloorSolved f = s.solved();
        ASSERT_TRUE(f.known);
        for (Wheel w : ring)
            EXPECT_NEAR(f.heights[static_cast<std::size_t>(index_of(w))].mm(), at(h, w) + 1.0, 1e-6)
                << name_of(w);
        EXPECT_NEAR(f.sigma_of(Wheel::front_left).mm(), 0.5 * std::sqrt(0.75), 1e-3)
            << "of four, against their mean";
        EXPECT_FALSE(f.misclosure);
    }
}

TEST(FloorSurvey, WholeInchesBetweenSixteenthsWereReadToASixteenth) {
    const auto surveyed = [](const std::array<const char*, 4>& heights) {
        Survey s(FloorMethod::level_line);
        for (std::size_t w = 0; w < 4; ++w) {
            Reading r;
            r.spot = wheel_spot(ReadingId::floor_line, all_wheels[w]);
            r.value = *read_quantity(heights[w]);
            s.add(r);
        }
        return s.solved();
    };
    const FloorSolved mixed = surveyed({"4 in", "4 1/16 in", "3 1/2 in", "4 in"}),
                      fine = surveyed({"4 1/16 in", "4 1/16 in", "4 3/16 in", "4 1/16 in"});
    for (Wheel w : all_wheels) EXPECT_NEAR(mixed.sigma_of(w).mm(), fine.sigma_of(w).mm(), 1e-9);
    // Alone they say no more than they do; millimetres are not divisions of an inch.
    EXPECT_GT(surveyed({"4 in", "4 in", "4 in", "4 in"}).sigma_of(Wheel::front_left).mm(), 5.0);
    EXPECT_NEAR(surveyed({"4 in", "100 mm", "101.5 mm", "4 in"}).sigma_of(Wheel::front_left).mm(),
                surveyed({"4 in", "100 mm", "101 mm", "4 in"}).sigma_of(Wheel::front_left).mm(), 0.5);
}

TEST(FloorSurvey, IsNotKnownBeforeEverySpotIsTiedToTheOthers) {
    Survey s(FloorMethod::level_legs);
    EXPECT_FALSE(s.solved().known);
    const auto& legs = floor_legs();
    s.add(floor_reading(legs[0], 3, 0.5));
    s.add(floor_reading(legs[2], -2, 0.5));
    EXPECT_FALSE(s.solved().known) << "two pairs, and nothing between them";
    s.add(floor_reading(legs[1], 1, 0.5));
    EXPECT_TRUE(s.solved().known) << "three legs do; the fourth checks them";
    EXPECT_FALSE(s.solved().misclosure);
    const Job job = job_of(s.log);
    const auto needs = floor_needs(job, s.floor());
    ASSERT_EQ(needs.size(), 1u);
    EXPECT_EQ(needs[0], legs[3]);
}

TEST(FloorSurvey, LegsCloseAndTheMisclosureIsSpread) {
    Survey s(FloorMethod::level_legs);
    const Heights h = {0, 4, -3, 2};
    for (const Spot& leg : floor_legs())
        s.add(floor_reading(leg, at(h, *leg.to) - at(h, *leg.wheel) + 0.25, 0.5));
    const FloorSolved f = s.solved();
    ASSERT_TRUE(f.misclosure);
    EXPECT_NEAR(f.misclosure->mm(), 1.0, 1e-9);
    EXPECT_NEAR(f.misclosure_sigma->mm(), 1.0, 1e-9) << "four of 0.5";
    EXPECT_FALSE(f.alarm);
    for (Wheel w : ring)
        EXPECT_NEAR((f.heights[static_cast<std::size_t>(index_of(w))] - f.heights[0]).mm(), at(h, w) - h[0],
                    1e-6);
}

TEST(FloorSurvey, ASlopeTypedAsAnAngleIsARiseOverTheLegsLength) {
    Survey s(FloorMethod::level_legs);
    Reading r = floor_reading(floor_legs()[0], 0, 0.01);
    r.value = *read_quantity("0.2 deg");
    s.add(r);
    const FloorRow row = s.floor().rows.front();
    EXPECT_NEAR(row.value * 1000, 1470 * std::tan(0.2 * rad), 1e-6);
    EXPECT_NEAR(row.sigma * 1000, 1470 * 0.01 * rad, 1e-4);
}

TEST(FloorSurvey, CamberIsCorrectedUpOnTheHighSideAndDownOnTheLow) {
    // docs/geometry.md: the left spot higher by d over the track: left +atan(d/T), right -.
    FloorSolved f;
    f.known = true;
    f.heights = {Length::from_mm(6), Length(), Length(), Length()};
    const FloorEffect e = effect_of(f, card());
    EXPECT_NEAR(e.camber[0].deg(), std::atan(6.0 / 1470) / rad, 1e-5);
    EXPECT_NEAR(e.camber[1].deg(), -std::atan(6.0 / 1470) / rad, 1e-5);
    EXPECT_NEAR(e.camber[2].deg(), 0.0, 1e-12);
    EXPECT_NEAR(e.nose_up.deg(), std::atan(6.0 / 2 / 2565) / rad, 1e-9);
    EXPECT_NEAR(e.caster.deg(), -e.nose_up.deg(), 1e-12) << "caster = swept - p";
    EXPECT_NEAR(e.twist.mm(), 3.0, 1e-9);
}

TEST(FloorSurvey, CorrectionsAreExactAgainstAnUprightWheelInSpace) {
    std::mt19937 random(11);
    std::uniform_real_distribution<double> spread(-40, 40);
    for (int i = 0; i < 200; ++i) {
        const Heights h = {spread(random), spread(random), spread(random), spread(random)};
        FloorSolved f;
        f.known = true;
        for (std::size_t w = 0; w < 4; ++w) f.heights[w] = Length::from_mm(h[w]);
        const FloorEffect e = effect_of(f, card());
        for (Wheel w : ring)
            EXPECT_NEAR(gauge_on(h, w) + e.camber[static_cast<std::size_t>(index_of(w))].deg(), 0.0, 2e-3)
                << name_of(w);
    }
}

struct Coverage {
    int camber = 0, caster = 0, floors = 0;
};

Coverage simulate(FloorMethod method, int floors, double sigma, unsigned seed) {
    std::mt19937 random(seed);
    std::normal_distribution<double> uneven(0, 6);
    Coverage out;
    for (int i = 0; i < floors; ++i) {
        const Heights h = {uneven(random), uneven(random), uneven(random), uneven(random)};
        Survey s(method);
        if (method == FloorMethod::level_line)
            read_line(s, h, 210 + uneven(random), sigma, random);
        else
            read_legs(s, h, sigma, random);
        const FloorEffect e = effect_of(s.solved(), card());
        for (Wheel w : {Wheel::front_left, Wheel::rear_right}) {
            const auto k = static_cast<std::size_t>(index_of(w));
            out.camber += std::abs(e.camber[k].deg() + gauge_on(h, w)) < 2 * e.camber_sigma[k].deg();
        }
        const double nose = std::atan((h[0] + h[1] - h[2] - h[3]) / 2 / 2565) / rad;
        out.caster += std::abs(e.caster.deg() + nose) < 2 * e.caster_sigma.deg();
        ++out.floors;
    }
    return out;
}

TEST(AThousandFloors, CorrectionsLieWithinTwoSigmaNineteenTimesInTwenty) {
    for (FloorMethod method : {FloorMethod::level_line, FloorMethod::level_legs}) {
        const Coverage c = simulate(method, 1000, 0.7, method == FloorMethod::level_line ? 5u : 6u);
        ASSERT_EQ(c.floors, 1000);
        RecordProperty("camber_within", c.camber);
        RecordProperty("caster_within", c.caster);
        // 95.4 % of 2000 and of 1000, give or take three binomial sigmas.
        EXPECT_NEAR(c.camber / 2000.0, 0.954, 0.015) << name_of(method);
        EXPECT_NEAR(c.caster / 1000.0, 0.954, 0.020) << name_of(method);
    }
}

TEST(AThousandFloors, TheEstimateTakesTheFloorOutOfAGaugeWithItsUncertainty) {
    std::mt19937 random(17);
    std::normal_distribution<double> uneven(0, 6), gauge(0, 0.05);
    int inside = 0, of = 0;
    for (int i = 0; i < 250; ++i) {
        const Heights h = {uneven(random), uneven(random), uneven(random), uneven(random)};
        Survey s(FloorMethod::level_line);
        read_line(s, h, 215, 0.7, random);
        for (Wheel w : ring) {
            Reading r;
            r.spot = wheel_spot(ReadingId::camber, w);
            r.value = *read_quantity(write_exact(Angle::from_deg(gauge_on(h, w) + gauge(random))));
            r.stated_sigma = 0.05;
            s.add(r);
        }
        const Estimate e = estimate(job_of(s.log));
        for (Wheel w : ring) {
            const KnownAngle& camber = e.wheels[static_cast<std::size_t>(index_of(w))].camber;
            ASSERT_TRUE(camber.known);
            EXPECT_GT(camber.sigma.deg(), 0.05) << "the floor's own uncertainty comes in";
            inside += std::abs(camber.value.deg()) < 2 * camber.sigma.deg();
            ++of;
        }
    }
    EXPECT_NEAR(static_cast<double>(inside) / of, 0.954, 0.025);
}

TEST(FloorSurvey, AMisclosureNamesTheLegWhoseSignWasSwapped) {
    const Heights h = {0, 5, -6, 3};
    for (std::size_t wrong = 0; wrong < 4; ++wrong) {
        Survey s(FloorMethod::level_legs);
        std::mt19937 noise(static_cast<unsigned>(wrong) + 3);
        std::normal_distribution<double> d(0, 0.3);
        for (std::size_t i = 0; i < 4; ++i) {
            const Spot& leg = floor_legs()[i];
            const double rise = at(h, *leg.to) - at(h, *leg.wheel);
            s.add(floor_reading(leg, (i == wrong ? -rise : rise) + d(noise), 0.3));
        }
        const FloorSolved f = s.solved();
        ASSERT_TRUE(f.alarm) << wrong;
        EXPECT_GT(std::abs(f.misclosure->mm()), 3 * f.misclosure_sigma->mm());
        ASSERT_TRUE(f.culprit);
        EXPECT_EQ(std::get<Reading>(s.log[*f.culprit].event).spot, floor_legs()[wrong]);
        EXPECT_EQ(f.why.code, Code::floor_sign_swapped);
    }
}

TEST(FloorSurvey, AReadingThatStandsOutAmongRepeatsIsNamed) {
    const Heights h = {0, 2, -1, 3};
    Survey s(FloorMethod::level_legs);
    for (int pass = 0; pass < 2; ++pass)
        for (std::size_t i = 0; i < 4; ++i) {
            const Spot& leg = floor_legs()[i];
            s.add(floor_reading(leg, at(h, *leg.to) - at(h, *leg.wheel) + (pass == 1 && i == 2 ? 7.0 : 0.0),
                                0.4));
        }
    const FloorSolved f = s.solved();
    ASSERT_TRUE(f.alarm);
    ASSERT_TRUE(f.culprit);
    EXPECT_EQ(*f.culprit, s.log.size() - 2) << "the third leg of the second pass";
    EXPECT_EQ(f.why.code, Code::floor_stands_out);
}

TEST(FloorSurvey, WhereNothingTellsTheLegsApartTheOneReadLeastWellIsNamed) {
    Survey s(FloorMethod::level_legs);
    for (const Spot& leg : floor_legs()) {
        Reading r = floor_reading(leg, 0, 0.1);
        r.stated_sigma.reset();
        r.value = *read_quantity(leg == floor_legs()[0] ? "9.0 mm" : "0.1 mm");
        s.add(r);
    }
    const FloorSolved f = s.solved();
    ASSERT_TRUE(f.alarm);
    EXPECT_EQ(f.why.code, Code::floor_longest);
    const Spot& named = std::get<Reading>(s.log[*f.culprit].event).spot;
    EXPECT_NE(axle_of(*named.wheel), axle_of(*named.to))
        << "a level is worse over the wheelbase than over the track";
}

TEST(FloorSurvey, FlatEnoughIsLevelWithTheSigmaThatWasChosen) {
    Survey s(std::nullopt);
    FloorSet flat;
    flat.sigma = Length::from_mm(3);
    s.add(flat);
    const FloorSolved f = s.solved();
    ASSERT_TRUE(f.known);
    for (const Length& h : f.heights) EXPECT_NEAR(h.mm(), 0, 1e-9);
    const FloorEffect e = effect_of(f, card());
    EXPECT_NEAR(e.camber_sigma[0].deg(), 3 * std::sqrt(2.0) / 1470 / rad, 1e-4);
}

TEST(FloorSurvey, TilesLevelTheSpotsToTheHighestInWholeTiles) {
    FloorSolved f;
    f.known = true;
    f.heights = {Length::from_mm(3.4), Length::from_mm(-4.6), Length::from_mm(1.4), Length::from_mm(-0.1)};
    const TilePlan plan = tile_plan(f, Length::from_mm(3));
    EXPECT_EQ(plan.under, (std::array<int, 4>{0, 3, 1, 1}));
    EXPECT_EQ(plan.total, 5);
    double most = 0;
    for (const Length& l : plan.left) most = std::max(most, std::abs(l.mm()));
    EXPECT_LT(most, 1.5) << "half a tile";
    const TilePlan none = tile_plan(f, Length::from_mm(60));
    EXPECT_EQ(none.total, 0);
}

TEST(FloorSurvey, LaidTilesCountOnlyFromThenOn) {
    std::mt19937 none(1);
    Survey s(FloorMethod::level_line);
    read_line(s, {0, -6, 0, 0}, 200, 1e-9, none);
    const auto camber = [&](double deg) {
        Reading r;
        r.spot = wheel_spot(ReadingId::camber, Wheel::front_left);
        r.value = *read_quantity(write_exact(Angle::from_deg(deg)));
        r.stated_sigma = 0.001;
        s.add(r);
        return estimate(job_of(s.log)).wheels[0].camber.value.deg();
    };
    const double slope = std::atan(6.0 / 1470) / rad;
    EXPECT_NEAR(camber(-1.0), -1.0 + slope, 2e-3);
    s.add(TilesPlaced{Length::from_mm(3), {0, 2, 0, 0}});
    // The floor is level for this axle now: the same wheel shows what it has.
    EXPECT_NEAR(camber(-1.0 + slope), -1.0 + slope, 2e-3);
}

TEST(FloorSurvey, ANewFloorTakesNothingFromTheOldOne) {
    std::mt19937 none(1);
    Survey s(FloorMethod::level_line);
    read_line(s, {9, 0, 0, 0}, 200, 1e-9, none);
    FloorSet other;
    other.method = FloorMethod::heights;
    other.heights = {Length(), Length(), Length(), Length::from_mm(8)};
    s.add(other);
    const FloorSolved f = s.solved();
    EXPECT_NEAR((f.heights[3] - f.heights[0]).mm(), 8, 1e-6);
    EXPECT_NEAR((f.heights[0] - f.heights[1]).mm(), 0, 1e-6);
}

TEST(FloorSurvey, ReadingsThatNobodyAnnouncedAreASurveyAllTheSame) {
    std::mt19937 none(1);
    Survey s(std::nullopt);
    EXPECT_FALSE(floor_now(job_of(s.log)));
    read_line(s, {0, -6, 2, 0}, 200, 1e-9, none);
    const FloorSolved f = s.solved();
    ASSERT_TRUE(f.known);
    EXPECT_NEAR((f.heights[1] - f.heights[0]).mm(), -6, 1e-6);
}

}  // namespace
}  // namespace fairchalk
