// SPDX-License-Identifier: GPL-3.0-or-later
// Every rig and method on cars in three dimensions whose truth is known.
#include <algorithm>
#include <cmath>
#include <map>

#include <gtest/gtest.h>

#include "core/analysis.h"
#include "core/judge/cross_check.h"
#include "core/judge/slip.h"
#include "core/judge/squaring.h"
#include "core/judge/still_readable.h"
#include "core/judge/verdict.h"
#include "core/true_rigs.h"
#include "core/turned_job.h"

namespace fairchalk {
namespace {

using testing::besides;
using testing::SolidCar;
using testing::solved;

#if defined(__SANITIZE_ADDRESS__)
constexpr bool slow = true;  // shares and noise are a matter of numbers, not of memory
constexpr int cars = 3;
#else
constexpr bool slow = false;
constexpr int cars = 60;
#endif

TEST(EveryRig, ToldExactlyByExactReadings) {
    std::mt19937 rng(4);
    for (int n = 0; n < cars; ++n) {
        const SolidCar c = SolidCar::any(rng);
        const double rear_total = c.toe[2] + c.toe[3], front_total = c.toe[0] + c.toe[1];
        for (const char* rig : {"string-bars", "string-stands", "chassis-centreline", "arm-jig"}) {
            const Estimate e = solved(c.log(c.lines({rig, "camber-gauge"}), rng, 0, 0));
            for (int w = 0; w < 4; ++w) {
                ASSERT_TRUE(e.wheels[w].toe.known) << rig;
                EXPECT_NEAR(e.wheels[w].toe.value.deg(), c.toe[w], 0.003) << rig << " wheel " << w;
            }
            EXPECT_NEAR(e.thrust.value.deg(), (c.toe[3] - c.toe[2]) / 2, 0.003) << rig;
            EXPECT_EQ(e.chassis_marks, std::string(rig) == "chassis-centreline");
        }
        for (const char* rig : {"toe-boards", "stud-bars", "tread-tape"}) {
            const Estimate e = solved(c.log(c.lines({rig}), rng, 0, 0));
            EXPECT_NEAR(e.axles[0].total_toe.value.deg(), front_total, 0.003) << rig;
            EXPECT_NEAR(e.axles[1].total_toe.value.deg(), rear_total, 0.003) << rig;
            for (int w = 0; w < 4; ++w)
                EXPECT_FALSE(e.wheels[w].toe.known) << rig << " can't tell which wheel";
        }
        const Estimate bar = solved(c.log(c.lines({"straightedge"}), rng, 0, 0));
        for (int w = 0; w < 2; ++w) {
            EXPECT_NEAR(bar.wheels[w].toe_to_rear.value.deg(), c.toe[w] - c.toe[w + 2], 0.003);
            EXPECT_FALSE(bar.wheels[w].toe.known) << "the rear's own toe is in it";
        }
    }
}

/// The front's total toe, as variance in square radians, by readings of which nobody stated a sigma.
double variance_by(const SolidCar& c, const char* rig, bool rims_seen, bool differences = false) {
    std::mt19937 rng(4);
    auto log = c.log(c.lines({rig}), rng, 0, 0);
    if (differences) {
        std::erase_if(log, [](const Entry& e) { return std::holds_alternative<Reading>(e.event); });
        Reading r = blank_reading(axle_spot(ReadingId::tape_difference, Axle::front), c.lines({rig}));
        r.value.value = c.exact(r.spot, c.lines({rig}));
        r.value.resolution = 0.1;
        log.push_back(testing::entry("difference", r));
    }
    for (Entry& e : log)
        if (auto* r = std::get_if<Reading>(&e.event)) r->stated_sigma.reset();
    if (rims_seen) log.push_back(testing::entry("rims", Checked{"rims", CheckState::good, {}}));
    const KnownAngle toe = solved(log).axles[0].total_toe;
    EXPECT_TRUE(toe.known) << rig;
    return toe.sigma.rad() * toe.sigma.rad();
}

TEST(EveryRig, BoardsStandNoTruerThanTheRimsAndStudsAndAScribedTreadDo) {
    std::mt19937 rng(4);
    SolidCar c = SolidCar::any(rng);
    // Each rim is untrue by a quarter of a millimeter at either edge; by a tenth where it was looked at.
    const auto two_rims = [&](double mm) { return 2 * std::pow(2 * mm / c.span, 2); };
    for (bool differences : {false, true}) {
        const double seen = variance_by(c, "toe-boards", true, differences);
        EXPECT_NEAR(variance_by(c, "toe-boards", false, differences) - seen, two_rims(0.25) - two_rims(0.1),
                    1e-3 * two_rims(0.25));
        EXPECT_GT(seen, two_rims(0.1));
    }
    for (const char* rig : {"stud-bars", "tread-tape"})
        EXPECT_DOUBLE_EQ(variance_by(c, rig, false), variance_by(c, rig, true)) << rig;
    // And so it is on the car that they are tried on.
    const double total = c.toe[0] + c.toe[1];
    c.wobble = {0.1, 0.05, 0, 0};
    c.lean_wobble = {-0.2, 0.07, 0, 0};
    const auto shown = [&](const char* rig, ReadingId front, ReadingId rear, bool rolled) {
        Spot f = axle_spot(front, Axle::front), r = axle_spot(rear, Axle::front);
        f.rolled = r.rolled = rolled;
        const LinesSet lines = c.lines({rig});
        return std::asin((c.exact(r, lines) - c.exact(f, lines)) / c.board_span) / SolidCar::rad;
    };
    const auto boards = [&](bool on) {
        return shown("toe-boards", ReadingId::boards_front, ReadingId::boards_rear, on);
    };
    EXPECT_NEAR(boards(false), total + 0.15, 0.001);
    EXPECT_NEAR(boards(true), total - 0.13, 0.001);
    EXPECT_NEAR(shown("stud-bars", ReadingId::stud_bar_front, ReadingId::stud_bar_rear, false), total, 0.001);
    EXPECT_NEAR(shown("tread-tape", ReadingId::tread_front, ReadingId::tread_rear, false), total, 0.001);
}

TEST(EveryRig, OfCasterTellsItByItself) {
    int rigs = 0;
    for (const Rig* rig : all_rigs()) {
        if (rig->use != RigUse::caster) continue;
        ++rigs;
        // A gauge's own scale reckons with small angles: that much is the gauge's.
        const double scale = rig->own_scale ? 0.4 : 0.0;
        int held = 0, of = 0;
        std::mt19937 rng(23);
        for (int n = 0; n < 40; ++n) {
            const SolidCar c = SolidCar::any(rng);
            const Estimate e = solved(c.log(c.lines({std::string(rig->id)}), rng, 0, 0));
            for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
                const WheelAngles& a = e.wheels[static_cast<std::size_t>(index_of(w))];
                ASSERT_TRUE(a.caster.known) << rig->id << ": " << static_cast<int>(a.caster.why.code);
                const double off = std::abs(a.caster.value.deg() - c.caster[index_of(w)]);
                held += off <= a.caster.plus_minus().deg() + scale;
                ++of;
                EXPECT_LT(off, 4.5 * a.caster.sigma.deg() + scale) << rig->id;
                if (!a.camber.known) continue;
                EXPECT_LT(std::abs(a.camber.value.deg() - c.camber[index_of(w)]), 4.5 * a.camber.sigma.deg());
            }
        }
        EXPECT_GE(held, of * 9 / 10) << rig->id;
    }
    EXPECT_GE(rigs, 6);
}

TEST(ChassisCentreline, TheFrontMarkIsAskedForWhereItIsAndNotWhereItMightBe) {
    // With no wheelbase told nobody is sent to a distance that is none of this car's.
    LinesSet lines;
    lines.rigs = {"chassis-centreline"};
    CarCard car;
    const auto stations = [&] {
        std::vector<double> out;
        for (const Spot& s : rig_named("chassis-centreline")->walk(lines, car))
            if (s.station) out.push_back(s.station->mm());
        return out;
    };
    EXPECT_EQ(stations(), (std::vector<double>{0, 0}));
    car.wheelbase = Length::from_mm(2400);
    EXPECT_EQ(stations(), (std::vector<double>{0, 2400, 0, 2400}));
    lines.stations = {Length::from_mm(200), Length::from_mm(2100)};
    EXPECT_EQ(stations(), (std::vector<double>{200, 2100, 200, 2100}));
}

TEST(EveryRig, ItsSizesMayBeToldAfterItsReadings) {
    std::mt19937 rng(11);
    int with_sizes = 0;
    for (const Rig* rig : all_rigs()) {
        if (rig->sizes.empty()) continue;
        ++with_sizes;
        const SolidCar c = SolidCar::any(rng);
        const LinesSet told = c.lines({std::string(rig->id)});
        const auto before = c.log(told, rng, 0, 0);
        std::vector<Entry> after;
        for (Entry e : before) {
            if (auto* lines = std::get_if<LinesSet>(&e.event)) lines->sizes = {};
            if (auto* r = std::get_if<Reading>(&e.event))
                for (const SizeField& size : rig_of(r->spot).sizes) (r->*size.becomes).reset();
            after.push_back(e);
        }
        const Estimate untold = solved(after);
        after.push_back(testing::entry("told", told));
        const Estimate early = solved(before), late = solved(after);
        int known = 0;
        for (Wheel w : all_wheels)
            for (WheelAngle a : wheel_angles) {
                const KnownAngle *is = early.find(measure_of(a), w), *then = late.find(measure_of(a), w);
                if (!is || !is->known) continue;
                ++known;
                ASSERT_TRUE(then && then->known) << rig->id << " " << name_of(w) << " " << name_of(a);
                EXPECT_DOUBLE_EQ(is->value.deg(), then->value.deg()) << rig->id;
                EXPECT_DOUBLE_EQ(is->sigma.deg(), then->sigma.deg()) << rig->id;
            }
        for (Axle axle : both_axles) {
            const auto i = static_cast<std::size_t>(index_of(axle));
            const KnownAngle &is = early.axles[i].total_toe, &then = late.axles[i].total_toe;
            ASSERT_EQ(is.known, then.known) << rig->id;
            if (!is.known) continue;
            ++known;
            EXPECT_DOUBLE_EQ(is.value.deg(), then.value.deg()) << rig->id;
        }
        EXPECT_GT(known, 0) << rig->id;
        // And so do the questions that follow.
        const auto asks = [&](std::vector<Entry> log) {
            std::vector<Target> aims;
            for (Measure m : {Measure::total_toe, Measure::toe, Measure::camber, Measure::caster})
                aims.push_back(TurnedJob::target(m, Axle::front, 0.05, 0.1));
            log.insert(log.begin() + 1, testing::entry("aims", TargetsEdit{aims}));
            const Job job = job_of(log);
            const Analysis a = analyse(job);
            const StillReadable still(job, a.now);
            std::vector<std::vector<Spot>> out = {a.read, a.can_wait,
                                                  a.plan.again ? a.plan.again->spots : std::vector<Spot>()};
            for (const Verdict& v : a.verdicts) {
                out.push_back(unchecked_spots(job, a.now, v));
                const auto best = still.best_for(v.target);
                out.push_back(best ? std::vector{best->spot} : std::vector<Spot>());
            }
            return out;
        };
        EXPECT_TRUE(asks(before) == asks(after)) << rig->id;
        if (rig->use == RigUse::toe) {
            EXPECT_FALSE(untold.unused.empty()) << rig->id << " counts without it";
        }
    }
    EXPECT_GE(with_sizes, 6);
}

TEST(EveryRig, BoardsBesideLipsKnowTheSameRims) {
    // What half a turn of the wheels told of the rims' run-out is taken off the boards too.
    std::mt19937 rng(6);
    SolidCar c = SolidCar::any(rng);
    c.wobble = {0.2, -0.05, 0, 0};
    const LinesSet lines = c.lines({"string-bars", "toe-boards"});
    std::vector<Spot> again;
    for (ReadingId k : {ReadingId::rim_front, ReadingId::rim_rear})
        for (Wheel w : {Wheel::front_left, Wheel::front_right})
            for (const Spot& on : besides(wheel_spot(k, w), c.card())) again.push_back(on);
    ASSERT_EQ(again.size(), 4u);
    auto log = c.log(lines, rng, 0, 0, 1, again);
    for (Entry& e : log)
        if (auto* r = std::get_if<Reading>(&e.event); r && r->spot.axle) r->stated_sigma.reset();
    const Estimate e = solved(log);
    EXPECT_NEAR(e.axles[0].total_toe.value.deg(), c.toe[0] + c.toe[1], 0.01);
    EXPECT_FALSE(e.alarm);
}

TEST(EveryRig, OneSideTellsItsWheelsOnlyWithTheHubWidths) {
    std::mt19937 rng(5);
    const SolidCar c = SolidCar::any(rng);
    auto log = c.log(c.lines({"string-left"}), rng, 0, 0);
    const Estimate e = solved(log);
    EXPECT_NEAR(e.wheels[0].toe.value.deg(), c.toe[0], 0.003);
    EXPECT_NEAR(e.wheels[2].toe.value.deg(), c.toe[2], 0.003);
    EXPECT_FALSE(e.wheels[1].toe.known);
    EXPECT_FALSE(e.thrust.known) << "not until the other side is done too";
    std::array<double, 2> widths{};
    std::erase_if(log, [&](const Entry& x) {
        const Reading* r = std::get_if<Reading>(&x.event);
        if (!r || r->spot.kind != ReadingId::hub_width) return false;
        widths[static_cast<std::size_t>(index_of(*r->spot.axle))] = r->value.value;
        return true;
    });
    const Estimate bare = solved(log);
    EXPECT_FALSE(bare.wheels[0].toe.known);
    EXPECT_TRUE(bare.wheels[0].toe_to_rear.known) << "against the wheel behind it, it is";
    // On the card, they are not read.
    CarCard& card = std::get<CarEdit>(log.front().event).car;
    for (Axle a : both_axles)
        card.axle(a).hub_width = Length::from_mm(widths[static_cast<std::size_t>(index_of(a))]);
    EXPECT_FALSE(next_spot(job_of(log), 0).has_value());
    EXPECT_NEAR(solved(log).wheels[0].toe.value.deg(), c.toe[0], 0.003);
}

TEST(EveryRig, AStraightedgeTellsTheRearNoBetterThanItSeats) {
    // Read with a rule, not to stated sigmas: what the bar does not show of its seat is in the answer.
    std::mt19937 rng(8);
    const SolidCar c = SolidCar::any(rng);
    auto log = c.log(c.lines({"string-bars", "straightedge"}), rng, 0, 0);
    for (Entry& e : log)
        if (Reading* r = std::get_if<Reading>(&e.event)) {
            r->stated_sigma.reset();
            r->tool = "steel-rule-mm";
        }
    const Estimate e = solved(log);
    const double seat =
        std::atan(0.2 * std::numbers::sqrt2 / c.card().axles[1].rim_span->mm()) / SolidCar::rad;
    EXPECT_GT(e.wheels[2].toe.sigma.deg(), 0.6 * seat) << "with the strings' own reading of it";
    EXPECT_NEAR(e.wheels[2].toe.value.deg(), c.toe[2], 0.003);
}

TEST(EveryRig, StraightedgeWithBoardsTellsTheThrustWhateverHalfAMillimetreSays) {
    // With the hub widths told, what lies beside both rear wheels tells where they point; how deep their lips
    // lie matters only at second order, and must not decide whether an answer is given.
    std::mt19937 rng(21);
    SolidCar c = SolidCar::any(rng);
    int known = 0, of = 0;
    for (double more : {0.0, 0.3, 0.5, 1.0, 1.5, 3.0}) {
        LinesSet lines = c.lines({"straightedge", "toe-boards"});
        auto log = c.log(
            lines, rng, 0, 0, 1,
            {axle_spot(ReadingId::hub_width, Axle::front), axle_spot(ReadingId::hub_width, Axle::rear)});
        for (Entry& e : log)
            if (Reading* r = std::get_if<Reading>(&e.event);
                r && r->spot.kind == ReadingId::straightedge_front && r->spot.wheel == Wheel::front_left)
                r->value.value += more;
        const Estimate e = solved(log);
        ++of;
        known += e.thrust.known;
        if (more == 0.0) {
            EXPECT_NEAR(e.thrust.value.deg(), (c.toe[3] - c.toe[2]) / 2, 0.03);
        }
    }
    EXPECT_TRUE(known == 0 || known == of) << known << " of " << of;
    EXPECT_EQ(known, of);
}

TEST(EveryRig, ToesToChassisMarksWhereTheAxlesSitOffThem) {
    // Both hubs of the front axle 4 mm to the left of the scribed line.
    std::mt19937 rng(6);
    SolidCar c = SolidCar::any(rng);
    const LinesSet lines = c.lines({"chassis-centreline"});
    auto log = c.log(lines, rng, 0, 0);
    for (Entry& e : log)
        if (Reading* r = std::get_if<Reading>(&e.event);
            r && r->spot.wheel && axle_of(*r->spot.wheel) == Axle::front) {
            const int side = index_of(side_of(*r->spot.wheel));
            r->value.value += (side == 0 ? -4.0 : 4.0) * std::cos(c.skew[side] * SolidCar::rad);
        }
    const Estimate e = solved(log);
    for (int w = 0; w < 4; ++w) EXPECT_NEAR(e.wheels[w].toe.value.deg(), c.toe[w], 0.003);
}

TEST(EveryMethod, CamberAndCasterOnAnyFloor) {
    std::mt19937 rng(7);
    for (int n = 0; n < cars; ++n) {
        SolidCar c = SolidCar::any(rng);
        std::uniform_real_distribution<> slope(-8, 8);
        for (double& h : c.floor) h = slope(rng);
        for (const char* rig : {"camber-gauge", "camber-gap", "camber-plumb"}) {
            const Estimate e = solved(c.log(c.lines({"string-bars", rig}), rng, 0, 0));
            for (int w = 0; w < 4; ++w)
                EXPECT_NEAR(e.wheels[w].camber.value.deg(), c.camber[w], 0.002) << rig << " wheel " << w;
        }
        for (const char* rig :
             {"caster-sweep", "sweep-gap", "sweep-plumb", "caster-swing", "caster-gauge", "caster-axis"}) {
            LinesSet lines = c.lines({"string-bars", "camber-gauge", rig});
            lines.sweep = Angle::from_deg(std::uniform_real_distribution<>(12, 24)(rng));
            const Estimate e = solved(c.log(lines, rng, 0, 0));
            for (int w = 0; w < 2; ++w) {
                ASSERT_TRUE(e.wheels[w].caster.known) << rig;
                // One difference over a sweep does not tell the axis's inclination: its prior is in the
                // answer.
                const bool whole = rig_named(rig)->swept || std::string(rig) == "caster-axis";
                const double bound = whole ? 0.02 : std::max(0.02, 3 * e.wheels[w].caster.sigma.deg());
                EXPECT_NEAR(e.wheels[w].caster.value.deg(), c.caster[w], bound) << rig;
            }
        }
    }
}

TEST(EveryMethod, ALaserLiesAsItLiesAndTellsEachWheel) {
    std::mt19937 rng(31);
    for (int n = 0; n < cars; ++n) {
        SolidCar c = SolidCar::any(rng);
        std::uniform_real_distribution<> any(-1.0, 1.0);
        c.line_skew = {any(rng), any(rng)};
        c.line_offset = {880 + 20 * any(rng), 880 + 20 * any(rng)};
        c.rise = {0.01, -0.008};  // of the strings: it is nothing to the laser
        const Estimate alone = solved(c.log(c.lines({"laser-lines", "camber-gauge"}), rng, 0, 0));
        for (int w = 0; w < 4; ++w) {
            ASSERT_TRUE(alone.wheels[w].toe.known);
            EXPECT_NEAR(alone.wheels[w].toe.value.deg(), c.toe[w], 0.002) << w;
        }
        EXPECT_TRUE(alone.thrust.known);
        // Beside strings, which lie another way: both tell the same and make each other surer.
        c.rise = {};
        const Estimate strings = solved(c.log(c.lines({"string-bars"}), rng, 0, 0));
        const Estimate both = solved(c.log(c.lines({"string-bars", "laser-lines"}), rng, 0, 0));
        EXPECT_FALSE(both.alarm);
        for (int w = 0; w < 4; ++w) {
            EXPECT_NEAR(both.wheels[w].toe.value.deg(), c.toe[w], 0.002);
            EXPECT_LT(both.wheels[w].toe.sigma.deg(), strings.wheels[w].toe.sigma.deg());
        }
        for (int side = 0; side < 2; ++side)
            EXPECT_NEAR(both.strings[side].skew.value.deg(), c.skew[side], 0.002)
                << "the string's lie is the string's";
    }
}

TEST(EveryMethod, ALaserThatWasMovedIsLaidAnew) {
    std::mt19937 rng(32);
    SolidCar c = SolidCar::any(rng);
    std::vector<Entry> log = c.log(c.lines({"laser-lines"}), rng, 0, 0);
    log.push_back(testing::entry("bumped", Change{ChangeKind::strings_moved, {}}));
    log.push_back(testing::entry("again", RoundOpened{}));
    SolidCar moved = c;
    moved.line_skew = {c.line_skew[0] + 0.4, c.line_skew[1] - 0.3};
    moved.line_offset = {c.line_offset[0] + 6, c.line_offset[1] - 4};
    int k = 0;
    for (Entry e : moved.log(c.lines({"laser-lines"}), rng, 0, 0))
        if (std::holds_alternative<Reading>(e.event)) {
            e.id = "m" + std::to_string(++k);
            log.push_back(e);
        }
    const Estimate e = solved(log);
    EXPECT_FALSE(e.alarm) << "not the same line";
    for (int w = 0; w < 4; ++w) EXPECT_NEAR(e.wheels[w].toe.value.deg(), c.toe[w], 0.002);
}

TEST(EveryMethod, BoardsRolledAQuarterAreSpotsOfTheirOwn) {
    const Spot tape = axle_spot(ReadingId::boards_front, Axle::front);
    const std::vector<Spot> more = besides(tape, {});
    const auto rolled = std::find_if(more.begin(), more.end(), [](const Spot& s) { return s.rolled; });
    ASSERT_NE(rolled, more.end());
    EXPECT_EQ(rolled->kind, ReadingId::boards_front);
    EXPECT_TRUE(besides(axle_spot(ReadingId::stud_bar_front, Axle::front), {}).empty())
        << "bars on the studs know of no rim";
    // The same figures: known better. Others: they contradict each other.
    std::mt19937 rng(12);
    SolidCar c = SolidCar::any(rng);
    const LinesSet lines = c.lines({"toe-boards"});
    std::vector<Spot> again;
    for (ReadingId k : {ReadingId::boards_rear, ReadingId::boards_front}) {
        again.push_back(axle_spot(k, Axle::front));
        again.back().rolled = true;
    }
    const Estimate once = solved(c.log(lines, rng, 0, 0));
    auto log = c.log(lines, rng, 0, 0, 1, again);
    const Estimate twice = solved(log);
    EXPECT_NEAR(twice.axles[0].total_toe.value.deg(), c.toe[0] + c.toe[1], 0.01);
    EXPECT_LT(twice.axles[0].total_toe.sigma.deg(), 0.8 * once.axles[0].total_toe.sigma.deg());
    EXPECT_FALSE(twice.alarm);
    std::get<Reading>(log.back().event).value.value += 4.0;
    EXPECT_TRUE(solved(log).alarm) << "a sidewall that lies";
}

TEST(EveryMethod, UnequalSweepsAndTheSteeringWheelsTurns) {
    std::mt19937 rng(8);
    SolidCar c = SolidCar::any(rng);
    const LinesSet lines = c.lines({"string-bars", "camber-gauge"});
    auto log = c.log(lines, rng, 0, 0);
    std::get<CarEdit>(log.front().event).car.steering_ratio = 16.0;
    for (int w = 0; w < 2; ++w)
        for (double out : {22.4, -18.2}) {
            Reading r = blank_reading(
                swept_spot(ReadingId::camber, all_wheels[w], out > 0 ? Swept::out : Swept::in), lines);
            r.value = *read_quantity(write_exact(Angle::from_deg(c.gauge(w, c.turned(w, out)))));
            r.stated_sigma = 0.01;
            r.turned_sigma = Angle::from_deg(0.01);
            if (w == 0)
                r.turned = Angle::from_deg(out);
            else
                r.turned.reset(), r.wheel_turned = Angle::from_deg(out * 16.0);
            log.push_back(testing::entry("s" + std::to_string(w) + (out > 0 ? "o" : "i"), r));
        }
    const Estimate e = solved(log);
    for (int w = 0; w < 2; ++w) EXPECT_NEAR(e.wheels[w].caster.value.deg(), c.caster[w], 0.02);
    // How far it was turned is known to a degree where nobody says better, and leaves the caster less sure.
    for (Entry& x : log)
        if (Reading* r = std::get_if<Reading>(&x.event); r && r->spot.swept != Swept::straight)
            r->turned_sigma.reset();
    EXPECT_GT(solved(log).wheels[0].caster.sigma.deg(), 2 * e.wheels[0].caster.sigma.deg());
}

TEST(Strings, ThatAreNotLevelShowCamberAsToe) {
    // Level midway between the axles, rising over the rim's width: what a straight wheel then seems to have.
    for (const auto& [camber, rise, false_toe_mm] : {std::tuple{-3.0, 10.0, 0.519}, {-1.0, 30.0, 0.474}}) {
        SolidCar c;
        c.camber = {camber, camber, camber, camber};
        c.rise = {rise / 430, rise / 430};
        std::mt19937 rng(9);
        LinesSet lines = c.lines({"string-bars", "camber-gauge"});
        const double read = c.exact(wheel_spot(ReadingId::rim_front, Wheel::front_left), lines) -
                            c.exact(wheel_spot(ReadingId::rim_rear, Wheel::front_left), lines);
        EXPECT_NEAR(std::abs(read), false_toe_mm, 0.0015);
        const auto believed = solved(c.log(lines, rng, 0, 0));
        EXPECT_GT(std::abs(believed.wheels[0].toe.value.deg()), 0.05);
        std::vector<Spot> heights;
        for (Side s : both_sides)
            for (double x : {-550.0, 3100.0})
                heights.push_back(station_spot(ReadingId::string_height, s, Length::from_mm(x)));
        const auto log = c.log(lines, rng, 0, 0, 1, heights);
        const auto told = solved(log);
        for (int w = 0; w < 4; ++w) EXPECT_NEAR(told.wheels[w].toe.value.deg(), 0.0, 0.003);
        EXPECT_TRUE(told.unused.empty());
    }
}

TEST(Strings, SetByEyeBesideALeaningWheelAreLessSure) {
    SolidCar c;
    c.camber = {-3.5, 0, 0, 0};
    std::mt19937 rng(10);
    auto log = c.log(c.lines({"string-bars", "camber-gauge"}), rng, 0, 0);
    for (Entry& e : log)
        if (Reading* r = std::get_if<Reading>(&e.event); r && r->value.kind == QuantityKind::length)
            r->stated_sigma.reset(), r->tool = "steel-rule-mm";
    const Estimate e = solved(log);
    EXPECT_GT(e.wheels[0].toe_to_string.sigma.deg(), 1.05 * e.wheels[1].toe_to_string.sigma.deg());
}

TEST(Tapes, SwappedAndReadAgainCancelTheirDifference) {
    SolidCar c;
    c.toe = {0.2, 0.1, 0, 0};
    std::mt19937 rng(11);
    const LinesSet lines = c.lines({"toe-boards"});
    std::vector<Entry> log = {testing::entry("car", CarEdit{c.card()}), testing::entry("lines", lines),
                              testing::entry("round", RoundOpened{})};
    const auto put = [&](ReadingId kind, const char* tape, double hook) {
        Reading r = blank_reading(axle_spot(kind, Axle::front), lines);
        r.value = *read_quantity(write_exact(Length::from_mm(c.exact(r.spot, lines) + hook)));
        r.tool = tape;
        r.stated_sigma = 0.3;
        log.push_back(
            testing::entry(std::string(name_of(Axle::front)) + tape + std::to_string(log.size()), r));
    };
    put(ReadingId::boards_front, "old tape", 1.2);
    put(ReadingId::boards_rear, "new tape", 0.0);
    const Estimate once = solved(log);
    EXPECT_GT(std::abs(once.axles[0].total_toe.value.deg() - 0.3), 0.08) << "the hook reads as toe";
    EXPECT_GT(once.axles[0].total_toe.sigma.deg(), 0.06) << "and is reckoned with";
    put(ReadingId::boards_front, "new tape", 0.0);
    put(ReadingId::boards_rear, "old tape", 1.2);
    const Estimate swapped = solved(log);
    EXPECT_NEAR(swapped.axles[0].total_toe.value.deg(), 0.3, 0.002);
    EXPECT_LT(swapped.axles[0].total_toe.sigma.deg(), 0.6 * once.axles[0].total_toe.sigma.deg());
}

TEST(Gauges, TurnedEndForEndLoseTheirZero) {
    std::mt19937 rng(12);
    SolidCar c = SolidCar::any(rng);
    c.gauge_zero = 0.4;
    const auto log = c.log(c.lines({"camber-gauge"}), rng, 0, 0.0, 1,
                           {wheel_spot(ReadingId::camber_reversed, Wheel::front_left)});
    const Estimate e = solved(log);
    for (int w = 0; w < 4; ++w) EXPECT_NEAR(e.wheels[w].camber.value.deg(), c.camber[w], 0.002) << w;
}

TEST(Wheels, ReadHalfATurnOnLoseTheirRunOut) {
    std::mt19937 rng(13);
    SolidCar c = SolidCar::any(rng);
    c.wobble = {0.15, -0.1, 0.05, 0.2};
    c.lean_wobble = {0.3, -0.2, 0.1, 0};
    std::vector<Spot> rolled;
    for (Wheel w : all_wheels)
        for (ReadingId k : {ReadingId::rim_front, ReadingId::rim_rear, ReadingId::camber}) {
            Spot s = wheel_spot(k, w);
            s.rolled = true;
            rolled.push_back(s);
        }
    const Estimate e = solved(c.log(c.lines({"string-bars", "camber-gauge"}), rng, 0, 0, 1, rolled));
    for (int w = 0; w < 4; ++w) {
        EXPECT_NEAR(e.wheels[w].toe.value.deg(), c.toe[w], 0.003);
        EXPECT_NEAR(e.wheels[w].camber.value.deg(), c.camber[w], 0.002);
        EXPECT_NEAR(e.wheels[w].toe_runout.value.deg(), c.wobble[w], 0.01);
        EXPECT_NEAR(e.wheels[w].camber_runout.value.deg(), c.lean_wobble[w], 0.01);
    }
}

TEST(Steering, NotHeldLeavesTheTotalAndNotTheSingleFronts) {
    std::mt19937 rng(14);
    SolidCar c = SolidCar::any(rng);
    c.steer = 1.3;
    LinesSet lines = c.lines({"string-bars"});
    lines.steering_held = false;
    const Estimate e = solved(c.log(lines, rng, 0, 0));
    EXPECT_TRUE(e.steering_free);
    EXPECT_NEAR(e.axles[0].total_toe.value.deg(), c.toe[0] + c.toe[1], 0.003);
    for (int w = 0; w < 2; ++w) {
        EXPECT_FALSE(e.wheels[w].toe.known);
        EXPECT_EQ(e.wheels[w].toe.why.code, Code::why_steering_free);
        EXPECT_NEAR(e.wheels[w + 2].toe.value.deg(), c.toe[w + 2], 0.003) << "the rears are as they are";
    }
}

/// Share of jobs whose 95 % interval holds the truth.
struct RigCoverage {
    std::map<std::string, std::pair<int, int>> at;
    void count(const std::string& what, const KnownAngle& a, double truth) {
        ASSERT_TRUE(a.known) << what;
        auto& [in, of] = at[what];
        ++of;
        in += std::abs(a.value.deg() - truth) <= a.plus_minus().deg();
    }
    void expect() const {
        for (const auto& [what, n] : at) {
            const double share = static_cast<double>(n.first) / n.second;
            // The proving ground counts many more; here a rig that is plainly wrong is found.
            const double chance = 3.0 * std::sqrt(0.95 * 0.05 / n.second);
            EXPECT_GE(share, 0.93 - chance) << what;
            EXPECT_LE(share, 0.97 + chance) << what;
        }
    }
};

TEST(CasterSweep, WhoseToeNobodyKnowsIsWide) {
    // A gauge and a sweep, no strings: how the wheel stood is not known, and caster hangs on it.
    std::mt19937 rng(12);
    double worst = 0.0, inside = 0.0, all = 0.0;
    for (int n = 0; n < 60; ++n) {
        const SolidCar c = SolidCar::any(rng);
        LinesSet lines = c.lines({"camber-gauge", "caster-sweep"});
        const Estimate e = solved(c.log(lines, rng, 0, 0.05));
        for (int w = 0; w < 2; ++w) {
            const KnownAngle& a = e.wheels[w].caster;
            ASSERT_TRUE(a.known);
            EXPECT_FALSE(e.wheels[w].toe.known);
            EXPECT_GT(a.sigma.deg(), 0.1);
            worst = std::max(worst, std::abs(a.value.deg() - c.caster[w]) / a.sigma.deg());
            inside += std::abs(a.value.deg() - c.caster[w]) <= a.plus_minus().deg();
            ++all;
        }
    }
    EXPECT_LT(worst, 4.0);
    EXPECT_GT(inside / all, 0.9);
}

TEST(EveryRig, BesideStringsWhoseOtherRimsAreNotReadYet) {
    // The rims of one axle alone carry a run-out of their own: what touches a rim of each reads all the same.
    std::mt19937 rng(29);
    const SolidCar c = SolidCar::any(rng);
    for (const char* rig : {"straightedge", "arm-jig"})
        for (int axle : {0, 1}) {
            auto log = c.log(c.lines({"string-bars", rig}), rng, 0, 0);
            std::erase_if(log, [&](const Entry& x) {
                const Reading* r = std::get_if<Reading>(&x.event);
                return r && (r->spot.kind == ReadingId::rim_front || r->spot.kind == ReadingId::rim_rear) &&
                       index_of(axle_of(*r->spot.wheel)) == axle;
            });
            for (Entry& e : log)
                if (Reading* r = std::get_if<Reading>(&e.event)) r->stated_sigma.reset();
            Estimate e;
            ASSERT_NO_THROW(e = solved(log)) << rig << axle;
            EXPECT_FALSE(e.alarm) << rig << axle;
            EXPECT_NO_THROW(reachable_sigma(job_of(log).car, c.lines({"string-bars", rig}),
                                            testing::total_toe(Axle::front, 0, 0.1), 1, {}));
        }
    // Nor where a rim's span is not told.
    CarCard card = c.card();
    card.axle(Axle::rear).rim_span.reset();
    EXPECT_NO_THROW(reachable_sigma(card, c.lines({"string-bars", "straightedge"}),
                                    testing::total_toe(Axle::front, 0, 0.1), 1, {}));
}

TEST(EveryRig, BesideEveryOtherWithWhateverIsReadAndToldIsWorkedOut) {
    std::mt19937 rng(31);
    const auto chance = [&](double p) { return std::bernoulli_distribution(p)(rng); };
    for (const Rig* one : all_rigs())
        for (const Rig* other : all_rigs()) {
            const SolidCar c = SolidCar::any(rng);
            LinesSet lines = c.lines({std::string(one->id), std::string(other->id)});
            auto log = c.log(lines, rng, 0, 0);
            const double read = std::uniform_real_distribution<>(0.1, 1.0)(rng);
            const bool stated = chance(0.3);
            std::erase_if(log, [&](Entry& x) {
                Reading* r = std::get_if<Reading>(&x.event);
                if (r && !stated) r->stated_sigma.reset();
                return r && !chance(read);
            });
            CarCard& card = std::get<CarEdit>(log.front().event).car;
            if (chance(0.2)) card.wheelbase.reset();
            for (AxleCard& a : card.axles) {
                if (chance(0.3)) a.rim_span.reset();
                if (chance(0.3)) a.track.reset();
                if (chance(0.3)) a.hub_width = Length::from_mm(1460);
            }
            for (Entry& x : log)
                if (RoundOpened* round = std::get_if<RoundOpened>(&x.event); round && chance(0.3))
                    round->bars = {};
            const std::string both = std::string(one->id) + " + " + std::string(other->id);
            EXPECT_NO_THROW((void)solved(log)) << both;
            EXPECT_NO_THROW(
                (void)reachable_sigma(card, lines, testing::total_toe(Axle::front, 0, 0.1), 1, {}))
                << both;
        }
}

TEST(EveryRig, AStraightedgeIsAsTrueAsTheRimsItTouches) {
    std::mt19937 rng(30);
    const SolidCar c = SolidCar::any(rng);
    const auto sigma_of = [&](bool looked_at) {
        auto log = c.log(c.lines({"straightedge"}), rng, 0, 0);
        for (Entry& e : log)
            if (Reading* r = std::get_if<Reading>(&e.event)) {
                r->stated_sigma.reset();
                r->tool = "vernier";
            }
        if (looked_at) log.push_back(testing::entry("rims", Checked{"rims", CheckState::good, {}}));
        return solved(log).wheels[0].toe_to_rear.sigma.deg();
    };
    // 0.25 mm at each edge of both rims, 0.1 where they were looked at and found good.
    EXPECT_GT(sigma_of(false), 1.2 * sigma_of(true));
}

TEST(EveryRig, ARimWhoseSpanIsNotToldIsNoTruerForIt) {
    std::mt19937 rng(30);
    const SolidCar c = SolidCar::any(rng);
    const auto read = [&](bool told) {
        auto log = c.log(c.lines({"straightedge"}), rng, 0, 0);
        for (Entry& e : log)
            if (Reading* r = std::get_if<Reading>(&e.event)) {
                r->stated_sigma.reset();
                r->tool = "vernier";
            }
        if (!told) std::get<CarEdit>(log.front().event).car.axle(Axle::rear).rim_span.reset();
        return solved(log);
    };
    // Nothing is read at the rear rim's edges, so its span is not asked for; the bar lies on it all the same.
    const Estimate with = read(true), without = read(false);
    for (int w : {0, 1})
        EXPECT_NEAR(without.wheels[w].toe_to_rear.sigma / with.wheels[w].toe_to_rear.sigma, 1.0, 0.1);
    EXPECT_NEAR(without.thrust.sigma / with.thrust.sigma, 1.0, 0.1);
    EXPECT_GT(without.thrust.sigma.deg(), 0.03);
}

TEST(EveryRig, AnArmJigStandsAsTheRimsDoThatItHangsOn) {
    std::mt19937 rng(41);
    double inside = 0, all = 0;
    for (int n = 0; n < 60; ++n) {
        SolidCar c = SolidCar::any(rng);
        c.lip[1] = c.lip[0];
        // 0.25 mm at each edge, opposed.
        for (double& w : c.wobble) w = std::normal_distribution<>(0, 0.5 / c.span / SolidCar::rad)(rng);
        auto log = c.log(
            c.lines({"arm-jig"}), rng, 0.0, 0.0, 1,
            {axle_spot(ReadingId::hub_width, Axle::front), axle_spot(ReadingId::hub_width, Axle::rear)});
        std::get<CarEdit>(log.front().event).car.same_wheels = Told::yes;
        for (Entry& e : log)
            if (Reading* r = std::get_if<Reading>(&e.event)) {
                r->stated_sigma.reset();
                r->tool = "vernier";
            }
        EstimateOptions options;
        options.explain = false;
        const Estimate e = solved(log, options);
        for (int w = 0; w < 4; ++w) {
            ASSERT_TRUE(e.wheels[w].toe.known) << w;
            inside += std::abs(e.wheels[w].toe.value.deg() - c.toe[w]) <= e.wheels[w].toe.plus_minus().deg();
            ++all;
        }
    }
    EXPECT_GT(inside / all, 0.93);
}

TEST(EveryRig, CamberIsAsTrueAsTheRimsThatItIsReadOn) {
    for (const char* rig : {"camber-gap", "camber-plumb"}) {
        std::mt19937 rng(43);
        double inside = 0, all = 0;
        std::array<double, 2> seen{};
        for (int n = 0; n < 60; ++n) {
            SolidCar c = SolidCar::any(rng);
            for (double& w : c.lean_wobble)
                w = std::normal_distribution<>(0, 0.5 / c.span / SolidCar::rad)(rng);
            auto log = c.log(c.lines({rig}), rng, 0.0, 0.0, 1);
            for (Entry& e : log)
                if (Reading* r = std::get_if<Reading>(&e.event)) {
                    r->stated_sigma.reset();
                    r->tool = "vernier";
                }
            EstimateOptions options;
            options.explain = false;
            const Estimate e = solved(log, options);
            for (int w = 0; w < 4; ++w) {
                const KnownAngle& a = e.wheels[w].camber;
                ASSERT_TRUE(a.known) << w;
                EXPECT_FALSE(e.wheels[w].camber_runout.known) << "nobody rolled it";
                inside += std::abs(a.value.deg() - c.camber[w]) <= a.plus_minus().deg();
                ++all;
            }
            log.push_back(testing::entry("rims", Checked{"rims", CheckState::good, {}}));
            seen = {e.wheels[0].camber.sigma.deg(), solved(log, options).wheels[0].camber.sigma.deg()};
        }
        EXPECT_GT(inside / all, 0.93) << rig;
        EXPECT_GT(seen[0], 1.2 * seen[1]) << rig << ": looked at and found good";
    }
}

TEST(EveryRig, WhatNobodyToldOfTheWheelsIsNamedWhereItWouldSettleIt) {
    struct Case {
        std::vector<std::string> rigs;
        double half;  // degrees, of the band
        std::vector<WheelFact> facts;
    };
    for (const Case& way : {Case{{"string-bars"}, 0.15, {WheelFact::rims}}, Case{{"string-bars"}, 0.03, {}},
                            Case{{"arm-jig"}, 0.3, {WheelFact::same_wheels}},
                            Case{{"arm-jig"}, 0.18, {WheelFact::rims, WheelFact::same_wheels}}}) {
        std::mt19937 rng(47);
        SolidCar c = SolidCar::any(rng);
        c.lip[1] = c.lip[0];
        auto log = c.log(
            c.lines(way.rigs), rng, 0.0, 0.0, 3,
            {axle_spot(ReadingId::hub_width, Axle::front), axle_spot(ReadingId::hub_width, Axle::rear)});
        for (Entry& e : log)
            if (Reading* r = std::get_if<Reading>(&e.event)) {
                r->stated_sigma.reset();
                r->tool = "vernier";
            }
        const Target total = testing::total_toe(Axle::front, c.toe[0] + c.toe[1], way.half);
        log.insert(log.begin() + 1, testing::entry("targets", TargetsEdit{{total}}));
        const Analysis a = analyse(job_of(log));
        ASSERT_EQ(a.plan.next, NextStep::as_far_as) << way.rigs.front() << way.half;
        EXPECT_EQ(a.plan.as_far_as->facts, way.facts) << way.rigs.front() << way.half;
        EXPECT_EQ(a.telling.front(), way.facts);
        auto told = log;
        for (WheelFact fact : way.facts) {
            EXPECT_NE(analyse(job_of(told)).plan.next, NextStep::done);
            if (fact == WheelFact::rims) {
                told.push_back(testing::entry("rims", Checked{"rims", CheckState::good, {}}));
            } else {
                CarCard card = c.card();
                card.same_wheels = Told::yes;
                told.push_back(testing::entry("alike", CarEdit{card}));
            }
        }
        if (way.facts.empty()) continue;
        EXPECT_EQ(analyse(job_of(told)).plan.next, NextStep::done) << "told, it is called";
        // Looked at and bad, or not alike: that was the answer, and it is not asked for again.
        auto bad = log;
        bad.push_back(testing::entry("rims", Checked{"rims", CheckState::good, {}}));
        bad.push_back(testing::entry("rims", Checked{"rims", CheckState::failed, {}}));
        CarCard card = c.card();
        card.same_wheels = Told::no;
        bad.push_back(testing::entry("unlike", CarEdit{card}));
        const Analysis b = analyse(job_of(bad));
        ASSERT_EQ(b.plan.next, NextStep::as_far_as) << "good once, and bad since";
        EXPECT_TRUE(b.plan.as_far_as->facts.empty());
    }
}

TEST(EveryRig, AnArmJigOnFourWheelsThatAreTheSame) {
    std::mt19937 rng(13);
    SolidCar c = SolidCar::any(rng);
    c.lip = {6, 6};
    c.half_width = {730, 730};
    auto log =
        c.log(c.lines({"arm-jig"}), rng, 0, 0, 1,
              {axle_spot(ReadingId::hub_width, Axle::front), axle_spot(ReadingId::hub_width, Axle::rear)});
    std::get<CarEdit>(log.front().event).car.same_wheels = Told::yes;
    const Estimate e = solved(log);
    for (int w = 0; w < 4; ++w) {
        ASSERT_TRUE(e.wheels[w].toe.known) << w;
        EXPECT_NEAR(e.wheels[w].toe.value.deg(), c.toe[w], 0.02);
    }
}

TEST(Camber, AGaugeZeroedOnTheFloorHasItsSlopeTakenOut) {
    std::mt19937 rng(14);
    SolidCar c = SolidCar::any(rng);
    c.floor = {6, -6, 4, -4};
    auto log = c.log(c.lines({"string-bars", "camber-gauge"}), rng, 0, 0);
    // What such a gauge shows is the lean against the floor.
    for (Entry& x : log)
        if (Reading* r = std::get_if<Reading>(&x.event); r && r->spot.kind == ReadingId::camber) {
            r->value.value = c.camber[static_cast<std::size_t>(index_of(*r->spot.wheel))];
            r->zeroed_on_floor = true;
        }
    const Estimate e = solved(log);
    for (int w = 0; w < 4; ++w) EXPECT_NEAR(e.wheels[w].camber.value.deg(), c.camber[w], 0.01);
}

constexpr int noisy_jobs = 250;

class Noisy : public ::testing::TestWithParam<const char*> {};

TEST_P(Noisy, NinetyFivePercentIntervalsHoldTheTruthSoOften) {
    if (slow) GTEST_SKIP();
    const std::string rig = GetParam();
    std::mt19937 rng(std::hash<std::string>{}(rig));
    RigCoverage coverage;
    for (int n = 0; n < noisy_jobs; ++n) {
        SolidCar c = SolidCar::any(rng);
        // Rims that only a jig has touched are taken to sit alike within 8 mm.
        if (rig == "arm-jig") c.lip[1] = c.lip[0] + std::normal_distribution<>(0, 8)(rng);
        // A sweep starts from the toe as it is known.
        const bool swept = rig_named(rig)->swept;
        LinesSet lines = swept ? c.lines({"string-bars", rig}) : c.lines({rig});
        if (swept) c.sai = {11, 11, 11, 11};
        EstimateOptions options;
        options.explain = false;
        const Estimate e = solved(c.log(lines, rng, 0.3, 0.1, 1), options);
        const Rig& info = *rig_named(rig);
        if (info.use == RigUse::toe) {
            for (int w = 0; w < 4; ++w) {
                if (info.reference == Reference::same_side_rear) {
                    if (w < 2)
                        coverage.count("toe to rear", e.wheels[w].toe_to_rear, c.toe[w] - c.toe[w + 2]);
                } else if (info.each_wheel && (rig != "string-left" || w % 2 == 0)) {
                    coverage.count("toe " + std::to_string(w), e.wheels[w].toe, c.toe[w]);
                }
            }
            if (info.total) coverage.count("total", e.axles[0].total_toe, c.toe[0] + c.toe[1]);
            if (info.thrust) coverage.count("thrust", e.thrust, (c.toe[3] - c.toe[2]) / 2);
        } else if (info.use == RigUse::camber) {
            for (int w = 0; w < 4; ++w) coverage.count("camber", e.wheels[w].camber, c.camber[w]);
        } else {
            for (int w = 0; w < 2; ++w) coverage.count("caster", e.wheels[w].caster, c.caster[w]);
        }
    }
    coverage.expect();
}

INSTANTIATE_TEST_SUITE_P(Rigs, Noisy,
                         ::testing::Values("string-bars", "string-stands", "string-left",
                                           "chassis-centreline", "straightedge", "arm-jig", "laser-lines",
                                           "toe-boards", "stud-bars", "tread-tape", "camber-gauge",
                                           "camber-gap", "camber-plumb", "caster-sweep", "sweep-gap",
                                           "sweep-plumb", "caster-axis"),
                         [](const auto& rig) {
                             std::string name = rig.param;
                             std::replace(name.begin(), name.end(), '-', '_');
                             return name;
                         });

}  // namespace
}  // namespace fairchalk
