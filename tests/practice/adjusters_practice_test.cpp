// SPDX-License-Identifier: GPL-3.0-or-later
// Every kind of adjuster at every axle that has it, on a simulated car: set off, read, planned, turned,
// learnt.
#include <cmath>

#include <gtest/gtest.h>

#include "core/judge/card_after_job.h"
#include "core/judge/turn_doubt.h"
#include "core/turned_job.h"
#include "practice/sim_car.h"

namespace fairchalk::practice {
namespace {

struct Case {
    const char* kind;
    Axle axle;
    Measure about;
    double off;  ///< how far it is turned away at first, in its unit
    const char* bolt = "";
    const char* angle = "";
    bool upper = false;
};

class EveryAdjuster : public ::testing::TestWithParam<Case> {
  protected:
    TurnedJob job;
    std::array<Wheel, 2> wheels{};

    Adjuster of(Side side) const {
        const Case& c = GetParam();
        Adjuster d = device(side == Side::left ? "left" : "right", c.kind, wheel_at(c.axle, side));
        d.bolt = c.bolt;
        d.angle = c.angle;
        if (d.angle == "toe") d.rod = RodSide::behind_axle;
        d.upper_arm = c.upper ? Told::yes : Told::no;
        if (d.kind == "cam") d.eccentricity = Length::from_mm(6);
        if (d.kind == "off-centre-bush") d.eccentricity = Length::from_mm(4), d.at_deg = 90.0;
        if (d.kind == "radius-rod" || d.kind == "adjustable-arm") d.pitch = Length::from_mm(1.5);
        return d;
    }
    SimCar built() const {
        std::array<Corner, 4> corners;
        for (Wheel w : all_wheels) {
            // A car of its own: not the drawing that the prior is made from.
            Corner c = adjuster_kind(GetParam().kind)->corner(of(side_of(w)), job.car);
            for (Hardpoint p : {Hardpoint::lca_front, Hardpoint::uca_front, Hardpoint::rod_inner})
                if (c.kind == CornerKind::double_wishbone ||
                    (c.kind == CornerKind::strut && p != Hardpoint::uca_front))
                    c.at(p) += Eigen::Vector3d(9, -7, 8);
            c.toe = Angle::from_deg(0.05);
            c.camber = Angle::from_deg(-0.8);
            if (axle_of(w) != GetParam().axle) c.kind = CornerKind::fixed;
            corners[static_cast<std::size_t>(index_of(w))] = c;
        }
        Nature nature;
        nature.settle = 0.005;
        SimCar car(corners, SolidCar(), nature);
        for (const Adjuster& a : job.car.adjusters) car.add(a);
        return car;
    }
    void read(const SimCar& car, Rng& rng) {
        const auto with = [&](double v, double sigma) {
            return v + std::normal_distribution<>(0, sigma)(rng);
        };
        for (Wheel w : all_wheels) {
            const auto i = static_cast<std::size_t>(index_of(w));
            job.angle(ReadingId::toe_angle, w, with(car.solid().toe[i], 0.02));
            job.angle(ReadingId::camber, w, with(car.solid().camber[i], 0.02));
            if (axle_of(w) == Axle::front)
                job.angle(ReadingId::caster, w, with(car.solid().caster[i], 0.05), 0.05);
        }
    }
    double truth(const SimCar& car, Wheel w) const {
        const auto i = static_cast<std::size_t>(index_of(w));
        const SolidCar& s = car.solid();
        return GetParam().about == Measure::toe      ? s.toe[i]
               : GetParam().about == Measure::camber ? s.camber[i]
                                                     : s.caster[i];
    }
};

TEST_P(EveryAdjuster, BringsItsAngleHomeInAFewPassesAndIsLearnt) {
    const Case& c = GetParam();
    wheels = {wheel_at(c.axle, Side::left), wheel_at(c.axle, Side::right)};
    if (c.axle == Axle::rear) job.car.adjusters.clear();
    for (Side s : both_sides) job.car.adjusters.emplace_back(of(s));
    SimCar car = built();
    Rng rng(7);
    const double aim = truth(car, wheels[0]);
    const double before = truth(car, wheels[1]);
    // One side off one way, the other the other way.
    ASSERT_TRUE(car.turn("left", c.off, rng) && car.turn("right", -c.off, rng));
    ASSERT_GT(std::abs(truth(car, wheels[0]) - aim), 0.15) << "it moves what it is there for";
    const double tolerance = c.about == Measure::caster ? 0.3 : 0.15;
    std::vector<Target> targets = {TurnedJob::target(c.about, c.axle, aim, tolerance)};
    // Where a rod takes up what toe is spoiled.
    if (c.axle == Axle::front && c.about != Measure::toe)
        targets.push_back(TurnedJob::target(Measure::toe, Axle::front, 0.05, 0.15));
    job.begin(targets);
    int passes = 0;
    for (;; ++passes) {
        read(car, rng);
        Plan plan = job.plan();
        if (plan.next == NextStep::look) {
            // Under the car, and it is as the card says.
            for (const Adjuster& a : job.car.adjusters)
                if (has_side(a))
                    job.put(Looked{a.id, "rod",
                                   a.rod == RodSide::ahead_of_axle ? "ahead-of-axle" : "behind-axle"});
            plan = job.plan();
        }
        if (plan.next != NextStep::turn) break;
        ASSERT_LT(passes, 4) << "more passes than anybody has patience for";
        for (const PlannedTurn& p : plan.turns) {
            EXPECT_EQ(axle_of(p.wheel), c.axle);
            ASSERT_TRUE(car.turn(p.adjuster, p.turns, rng, p.second)) << p.adjuster;
            job.turned(p.adjuster, p.turns, p.kind, p.second);
        }
        // Plans know what they do: what is expected holds the truth, within what it says.
        for (Wheel w : wheels) {
            const auto& a =
                plan.expect[static_cast<std::size_t>(index_of(w))][c.about == Measure::toe      ? 0
                                                                   : c.about == Measure::camber ? 1
                                                                                                : 2];
            ASSERT_TRUE(a.known);
            EXPECT_LT(std::abs(truth(car, w) - a.value.deg()), 4.0 * a.sigma.deg());
        }
        job.put(RoundOpened{});
    }
    EXPECT_GE(passes, 1);
    for (Wheel w : wheels) EXPECT_NEAR(truth(car, w), aim, tolerance);
    EXPECT_NEAR(truth(car, wheels[1]), before, tolerance);
    EXPECT_FALSE(turn_doubt(job_of(job.log))) << "it did what it should";
    // What it does is known better now than before it was turned.
    const Estimate e = job.estimated();
    bool seen = false;
    for (const DeviceResponse& r : e.device_responses) {
        if (r.device != "left" || r.turns_seen == 0) continue;
        if (measure_of(r.effect.angle) != c.about) continue;
        const auto prior = response_prior(*job.car.device("left"), job.car);
        for (std::size_t i = 0; i < prior->effects.size(); ++i)
            if (prior->effects[i].handle == r.effect.handle && prior->effects[i].angle == r.effect.angle) {
                const auto k = static_cast<Eigen::Index>(i);
                EXPECT_LE(r.sigma.rad(), std::sqrt(prior->covariance(k, k)) * 1.0001);
                seen = seen || r.sigma.rad() < 0.97 * std::sqrt(prior->covariance(k, k));
            }
    }
    EXPECT_TRUE(seen);
    const CarCard taught = card_after_job(job_of(job.log), e);
    EXPECT_FALSE(taught.device("left")->response.empty()) << "and the next job begins with it";
}

INSTANTIATE_TEST_SUITE_P(
    Kinds, EveryAdjuster,
    ::testing::Values(Case{"shim-pair", Axle::front, Measure::camber, 4},
                      Case{"shim-pair", Axle::rear, Measure::camber, 4},
                      Case{"spanning-shims", Axle::front, Measure::camber, 4},
                      Case{"spanning-shims", Axle::rear, Measure::camber, 4},
                      Case{"cam", Axle::front, Measure::camber, 40, "both"},
                      Case{"cam", Axle::front, Measure::camber, 40, "both", "", true},
                      Case{"cam", Axle::rear, Measure::camber, 40, "both"},
                      Case{"cam", Axle::rear, Measure::camber, 8, "strut-upper"},
                      Case{"cam", Axle::rear, Measure::toe, 30, "front", "toe"},
                      Case{"strut-top", Axle::front, Measure::camber, 6},
                      Case{"upper-joint-slot", Axle::front, Measure::camber, 4},
                      Case{"upper-joint-slot", Axle::rear, Measure::camber, 1.5, "strut-upper"},
                      Case{"adjustable-arm", Axle::front, Measure::camber, 3, "", "", true},
                      Case{"adjustable-arm", Axle::rear, Measure::camber, 3},
                      Case{"radius-rod", Axle::front, Measure::caster, 3},
                      Case{"off-centre-bush", Axle::front, Measure::camber, 30, "both"},
                      Case{"trailing-arm-shims", Axle::rear, Measure::toe, 3}),
    [](const ::testing::TestParamInfo<Case>& of) {
        std::string name = std::string(of.param.kind) + of.param.bolt + of.param.angle +
                           (of.param.upper ? "Upper" : "") +
                           (of.param.axle == Axle::front ? "AtTheFront" : "AtTheRear");
        std::erase(name, '-');
        return name;
    });

}  // namespace
}  // namespace fairchalk::practice
