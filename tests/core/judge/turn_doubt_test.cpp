// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/judge/turn_doubt.h"

#include <algorithm>
#include <array>
#include <cmath>

#include <gtest/gtest.h>

#include "core/analysis.h"
#include "core/turned_job.h"
#include "words/words.h"

namespace fairchalk {
namespace {

using testing::rad;

/// Two rods turned and read again, on a car that did `happened` instead of what was written.
std::optional<TurnDoubt> after_turning(double left, double right, double toe_left, double toe_right,
                                       bool locked = false) {
    TurnedJob j;
    j.begin({});
    j.all(-0.5, 0.3, 0, 0);
    for (const auto& [id, turns] : {std::pair{"rod-fl", left}, std::pair{"rod-fr", right}}) {
        if (turns == 0.0) continue;
        j.turned(id, turns);
    }
    if (locked) {
        Change c;
        c.kind = ChangeKind::locked;
        j.put(c);
    }
    j.put(RoundOpened{});
    j.angle(ReadingId::toe_angle, Wheel::front_left, -0.5 + toe_left);
    j.angle(ReadingId::toe_angle, Wheel::front_right, 0.3 + toe_right);
    return turn_doubt(job_of(j.log));
}

constexpr double one_turn = 0.661;  // degrees, 1.5 mm on 130 mm

TEST(TurnDoubt, WhatFitsIsNotDoubted) {
    EXPECT_FALSE(after_turning(1.0, -0.5, one_turn, -one_turn / 2));
    EXPECT_FALSE(after_turning(1.0, 0.0, one_turn * 1.03 + 0.03, 0.0))
        << "an arm a little shorter, and settling";
    EXPECT_TRUE(after_turning(1.0, 0.0, -one_turn, 0.0, true)) << "locking moves it, but not so far";
}

TEST(TurnDoubt, NamesWhatPeopleDo) {
    const auto named = [](double l, double r, double toe_l, double toe_r, OtherTurn what, const char* rod) {
        const auto d = after_turning(l, r, toe_l, toe_r);
        ASSERT_TRUE(d) << name_of(what);
        EXPECT_EQ(name_of(d->what), name_of(what));
        if (*rod) {
            EXPECT_EQ(d->adjuster, rod) << name_of(what);
        }
        EXPECT_EQ(d->turns.size(), static_cast<std::size_t>((l != 0) + (r != 0)));
    };
    named(1.0, 0.0, -one_turn, 0.0, OtherTurn::wrong_way, "rod-fl");
    named(1.0, -0.5, one_turn, one_turn / 2, OtherTurn::wrong_way, "rod-fr");
    named(1.0, 0.0, 0.0, 0.0, OtherTurn::nothing, "rod-fl");
    named(1.0, 0.0, 0.0, one_turn, OtherTurn::other_side, "rod-fl");
    named(1.0, 0.0, 2 * one_turn, 0.0, OtherTurn::twice, "rod-fl");
    named(1.0, 1.0, one_turn + 0.8, one_turn - 0.8, OtherTurn::steering_moved, "");
    named(1.0, -0.5, -one_turn, one_turn / 2, OtherTurn::all_wrong_way, "rod-fl");
    const auto odd = after_turning(1.0, 0.0, 3.4, 0.4);
    ASSERT_TRUE(odd);
    EXPECT_EQ(odd->what, OtherTurn::unexplained);
    EXPECT_NEAR(odd->expected.deg(), one_turn, 0.02);
    EXPECT_NEAR(odd->happened.deg(), 3.4, 0.05);
}

TEST(TurnDoubt, WithoutTheTurnTheAnglesAreAsRead) {
    TurnedJob j;
    j.begin({});
    j.all(-0.5, 0.3, 0, 0);
    j.turned("rod-fl", 1.0);
    j.put(RoundOpened{});
    j.angle(ReadingId::toe_angle, Wheel::front_left, -0.5 - one_turn);
    const Job job = job_of(j.log);
    const auto doubt = turn_doubt(job);
    ASSERT_TRUE(doubt);
    EstimateOptions o;
    o.as_of_now = true;
    EXPECT_GT(std::abs(estimate(job, o).wheels[0].toe.value.deg() + 0.5 + one_turn), 0.02)
        << "pulled by what was written";
    o.doubted_turns = doubt->turns;
    EXPECT_NEAR(estimate(job, o).wheels[0].toe.value.deg(), -0.5 - one_turn, 0.005);
}

/// A wheel with camber and caster read before and after `written` of a device; the car did `happened`.
struct DeviceTurned {
    TurnedJob j;
    std::string kind;
    explicit DeviceTurned(const std::string& of_kind) : kind(of_kind) {
        for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
            Adjuster d = device(w == Wheel::front_left ? "left" : "right", kind, w);
            if (kind == "cam") d.eccentricity = Length::from_mm(6), d.bolt = "both";
            j.car.adjusters.emplace_back(d);
        }
        j.begin({});
        j.all(0, 0, -0.5, -0.5, 4, 4);
    }
    /// Toe, camber, caster of so much of each handle of the left one, as its kind expects them.
    std::array<double, 3> does(double first, double second) const {
        const Adjuster& d = *j.car.device("left");
        const auto prior = response_prior(d, j.car);
        std::array<double, 3> out{};
        for (std::size_t i = 0; i < prior->effects.size(); ++i)
            out[static_cast<std::size_t>(prior->effects[i].angle)] +=
                prior->mean[static_cast<Eigen::Index>(i)] / rad *
                adjuster_kind(kind)->travel(d, prior->effects[i].handle == 0 ? first : second);
        return out;
    }
    std::optional<TurnDoubt> after(double first, double second, std::array<double, 3> left,
                                   std::array<double, 3> right = {}) {
        j.turned("left", first, kind, second);
        j.put(RoundOpened{});
        j.all(left[0], right[0], -0.5 + left[1], -0.5 + right[1], 4 + left[2], 4 + right[2]);
        return turn_doubt(job_of(j.log));
    }
};

TEST(TurnDoubt, OfADeviceWhatFitsIsNotDoubted) {
    for (const char* kind : {"shim-pair", "strut-top", "spanning-shims", "adjustable-arm", "radius-rod"}) {
        DeviceTurned d(kind);
        const double second = adjuster_kind(kind)->handles(*d.j.car.device("left")).size() > 1 ? 1.0 : 0.0;
        EXPECT_FALSE(d.after(3, second, d.does(3.3, 1.1 * second))) << kind << ": a tenth more than expected";
    }
}

TEST(TurnDoubt, OfADeviceItNamesWhatPeopleDo) {
    const auto named = [](const char* kind, std::array<double, 2> wrote, std::array<double, 2> did,
                          OtherTurn what, bool right = false) {
        DeviceTurned d(kind);
        const auto did_so = d.does(did[0], did[1]);
        const auto doubt =
            right ? d.after(wrote[0], wrote[1], {}, did_so) : d.after(wrote[0], wrote[1], did_so);
        ASSERT_TRUE(doubt) << kind << ' ' << name_of(what);
        EXPECT_EQ(name_of(doubt->what), name_of(what)) << kind;
        EXPECT_EQ(doubt->adjuster, "left") << kind;
        EXPECT_EQ(doubt->wheel, Wheel::front_left) << kind;
        EXPECT_NE(doubt->angle, WheelAngle::toe) << kind << ": it is there for camber and caster";
    };
    named("shim-pair", {4, 4}, {-4, -4}, OtherTurn::wrong_way);
    named("shim-pair", {4, 0}, {0, 4}, OtherTurn::other_handle);
    named("shim-pair", {4, 4}, {4, 4}, OtherTurn::other_side, true);
    named("shim-pair", {4, 4}, {0, 0}, OtherTurn::nothing);
    named("spanning-shims", {3, 0}, {-3, 0}, OtherTurn::wrong_way);
    named("strut-top", {0, 8}, {0, -8}, OtherTurn::wrong_way);
    named("cam", {40, 0}, {-40, 0}, OtherTurn::wrong_way);
    named("radius-rod", {4, 0}, {-4, 0}, OtherTurn::wrong_way);
}

TEST(TurnDoubt, ADeviceThatWentTheOtherWayMayBeWrongOnTheCardAndIsLookedAt) {
    struct Case {
        const char *kind, *field, *said, *other;
        double first, second;
    };
    for (const Case& c :
         {Case{"shim-pair", "pushes", "out", "in", 4, 4}, Case{"spanning-shims", "pushes", "out", "in", 4, 0},
          Case{"adjustable-arm", "arm", "lower", "upper", 2, 0},
          Case{"radius-rod", "runs", "ahead", "behind", 4, 0}}) {
        DeviceTurned d(c.kind);
        d.after(c.first, c.second, d.does(-c.first, -c.second));
        const Belief once = believe(job_of(d.j.log));
        ASSERT_TRUE(once.look) << c.kind;
        if (c.kind != std::string("radius-rod")) {
            EXPECT_EQ(once.look->field, c.field) << c.kind;
            EXPECT_EQ(once.look->value, c.other) << c.kind;
        }
        EXPECT_EQ(once.look->adjusters.size(), 2u) << c.kind << ": both are made alike";
        EXPECT_FALSE(once.freed.empty()) << c.kind << ": until then what it did is not reckoned with";
        // As the card says: then it was turned the wrong way. Otherwise: as written, on another card.
        for (const char* seen : {c.said, c.other}) {
            TurnedJob j = d.j;
            for (const char* id : {"left", "right"}) {
                j.put(Looked{id, c.field, seen});
                if (c.kind == std::string("radius-rod")) j.put(Looked{id, "arm", "lower"});
            }
            const Belief b = believe(job_of(j.log));
            EXPECT_FALSE(b.look) << c.kind << ' ' << seen;
            const bool wrong_way = std::any_of(b.doubts.begin(), b.doubts.end(), [](const TurnDoubt& t) {
                return t.what == OtherTurn::wrong_way || t.what == OtherTurn::all_wrong_way;
            });
            if (seen == c.said) {
                EXPECT_TRUE(wrong_way) << c.kind;
            }
        }
    }
}

TEST(TurnDoubt, OnACardThatIsWrongOfShimsTwoPassesSayWhichWayTheyPush) {
    DeviceTurned d("shim-pair");
    const auto once = d.does(-4, -4);
    d.after(4, 4, once);
    d.after(4, 4, {2 * once[0], 2 * once[1], 2 * once[2]});
    const Belief b = believe(job_of(d.j.log));
    ASSERT_EQ(b.card.size(), 1u);
    EXPECT_EQ(b.card[0].field, "pushes");
    EXPECT_EQ(b.card[0].value, "in");
    EXPECT_TRUE(b.card[0].in_force);
    std::shared_ptr<const std::vector<Entry>> kept;
    const Job job = job_of(d.j.log);
    EXPECT_EQ(believed(job, b, kept).car.device("left")->pushes_in, Told::yes) << "reckoned with from now on";
}

TEST(TurnDoubt, WhatGoesTheOtherWayASecondTimeIsLookedAtWhateverMayBeWrong) {
    // The card is wrong of the arm and of the rod: no one entry explains it, and twice is no slip.
    DeviceTurned d("adjustable-arm");
    const auto pass = [&](int n) {
        const auto by = d.does(-2.0 * n, 0);
        const double rod = -std::asin(1.5 * n / 130.0) / rad;
        d.j.turned("rod-fl", 1.0);
        d.after(2, 0, {by[0] + rod, by[1], by[2]});
        return believe(job_of(d.j.log));
    };
    pass(1);
    const Belief twice = pass(2);
    ASSERT_TRUE(twice.look);
    EXPECT_FALSE(twice.freed.empty());
    EXPECT_TRUE(twice.look->field == "rod" || twice.look->field == "arm") << twice.look->field;
}

TEST(TurnDoubt, WithoutTheDevicesTurnAllItsAnglesAreAsRead) {
    DeviceTurned d("shim-pair");
    const auto other = d.does(-4, -4);
    const auto doubt = d.after(4, 4, other);
    ASSERT_TRUE(doubt);
    EstimateOptions o;
    o.as_of_now = true;
    o.doubted_turns = doubt->turns;
    const Estimate e = estimate(job_of(d.j.log), o);
    EXPECT_NEAR(e.wheels[0].camber.value.deg(), -0.5 + other[1], 0.01);
    EXPECT_NEAR(e.wheels[0].caster.value.deg(), 4 + other[2], 0.02);
    EXPECT_NEAR(e.wheels[0].toe.value.deg(), other[0], 0.01);
    EXPECT_NEAR(e.wheels[1].camber.value.deg(), -0.5, 0.02);
    for (const DeviceResponse& r : e.device_responses)
        EXPECT_EQ(r.turns_seen, 0) << "nothing is learnt from it";
}

TEST(TurnDoubt, ShimsAndRodsInOnePassAreToldApart) {
    DeviceTurned d("shim-pair");
    d.j.turned("rod-fr", 1.0);
    const auto doubt = d.after(4, 4, d.does(4, 4), {-one_turn, 0, 0});
    ASSERT_TRUE(doubt);
    EXPECT_EQ(doubt->what, OtherTurn::wrong_way);
    EXPECT_EQ(doubt->adjuster, "rod-fr") << "the shims did what they should";
    EXPECT_EQ(doubt->turns.size(), 2u);
}

TEST(TurnDoubt, WhatTheCardDoesNotUnderstandIsNotJudged) {
    DeviceTurned d("shim-pair");
    Turn odd;
    odd.adjuster = "somewhere";
    odd.understood = false;
    d.j.put(odd);
    EXPECT_FALSE(d.after(4, 4, d.does(-4, -4)));
}

/// Both front rods turned by `turns`, each of which does `times` what the card makes of it.
TurnedJob with_response(double times, double turns) {
    TurnedJob j;
    j.begin({TurnedJob::target(Measure::total_toe, Axle::front, 0.1, 0.1)});
    j.all(-0.35, -0.35, -0.4, -0.4);
    j.turned("rod-fl", turns);
    j.turned("rod-fr", turns);
    j.put(RoundOpened{});
    const double by = times * std::asin(1.5 * turns / 130.0) * 180 / 3.14159265358979;
    j.all(-0.35 + by, -0.35 + by, -0.4, -0.4);
    return j;
}

TEST(CardDoubt, ATurnThatDoesSeveralTimesOrATenthOfWhatTheCardMakesItIsTheCards) {
    for (double times : {0.1, 0.3, 4.0, 8.0}) {
        TurnedJob j = with_response(times, 0.5);
        // The first pass may have been many things; the second leaves one.
        const double now = -0.35 + times * std::asin(1.5 * 0.5 / 130.0) * 180 / 3.14159265358979;
        const double second = now > 0 ? -0.25 : 0.25;
        j.turned("rod-fl", second);
        j.turned("rod-fr", second);
        j.put(RoundOpened{});
        const double by = times * std::asin(1.5 * second / 130.0) * 180 / 3.14159265358979;
        j.all(now + by, now + by, -0.4, -0.4);
        const Belief b = believe(job_of(j.log));
        const auto it = std::find_if(b.card.begin(), b.card.end(),
                                     [](const CardDoubt& d) { return d.field == "response"; });
        ASSERT_NE(it, b.card.end()) << times;
        EXPECT_EQ(it->times > 1.0, times > 1.0) << times;
        EXPECT_TRUE(it->in_force) << times;
        EXPECT_EQ(it->adjusters.size(), 2u);
        EXPECT_FALSE(words::card_doubt(*it, j.car).empty());
        // With it the next amounts are about right.
        const Analysis a = analyse(job_of(j.log));
        for (const RodResponse& r : a.now.responses)
            EXPECT_NEAR(r.per_turn.deg() / (0.661 * times), 1.0, 0.25) << times;
    }
    // A card that is right is not blamed.
    const TurnedJob right = with_response(1.05, 0.5);
    EXPECT_TRUE(believe(job_of(right.log)).card.empty());
}

/// Both rods turned once, and either wheel went `times` as far as the card makes it; its toes are read again.
TurnedJob overshot(double times, bool cambers) {
    TurnedJob j;
    for (Adjuster& a : j.car.adjusters) a.arm.reset();
    j.begin({TurnedJob::target(Measure::total_toe, Axle::front, 0.1, 0.12)});
    const auto toes = [&](double l, double r) {
        j.angle(ReadingId::toe_angle, Wheel::front_left, l);
        j.angle(ReadingId::toe_angle, Wheel::front_right, r);
    };
    toes(0.317, 0.716);
    for (Wheel w : {Wheel::rear_left, Wheel::rear_right}) j.angle(ReadingId::toe_angle, w, 0);
    if (cambers)
        for (Wheel w : {Wheel::front_left, Wheel::front_right}) j.angle(ReadingId::camber, w, -0.8);
    j.turned("rod-fl", -0.125);
    j.turned("rod-fr", -1.25);
    j.put(RoundOpened{});
    toes(0.317 - 0.125 * times * one_turn, 0.716 - 1.25 * times * one_turn);
    return j;
}

TEST(CardDoubt, ACamberThatNobodyReadAgainTellsNothing) {
    for (double times : {0.2, 2.0, 2.8, 4.0}) {
        const Belief with = believe(job_of(overshot(times, true).log));
        const Belief without = believe(job_of(overshot(times, false).log));
        ASSERT_EQ(with.doubts.size(), without.doubts.size()) << times;
        for (std::size_t k = 0; k < with.doubts.size(); ++k) {
            EXPECT_EQ(with.doubts[k].what, without.doubts[k].what) << times;
            EXPECT_NEAR(with.doubts[k].probability, without.doubts[k].probability, 0.02) << times;
        }
        EXPECT_EQ(with.card.size(), without.card.size()) << times;
        ASSERT_EQ(with.open.size(), without.open.size()) << times;
        for (std::size_t k = 0; k < with.open.size(); ++k) {
            EXPECT_EQ(with.open[k].adjusters, without.open[k].adjusters) << times;
            EXPECT_NEAR(with.open[k].times, without.open[k].times, 0.05) << times;
        }
    }
}

TEST(CardDoubt, WhatATurnSeemsToDoIsReckonedWithBeforeItIsSure) {
    // Ends of another make, a thread of both hands, a short arm: which of them one pass may not tell.
    for (double times : {2.0, 2.4, 2.8})
        for (bool cambers : {false, true}) {
            TurnedJob j = overshot(times, cambers);
            // Where the pass is doubted itself, its readings are taken again.
            if (const Analysis a = analyse(job_of(j.log)); a.plan.turns.empty()) {
                ASSERT_EQ(a.plan.next, NextStep::read) << times;
                j.angle(ReadingId::toe_angle, Wheel::front_left, 0.317 - 0.125 * times * one_turn);
                j.angle(ReadingId::toe_angle, Wheel::front_right, 0.716 - 1.25 * times * one_turn);
            }
            const double now = 0.317 + 0.716 - 1.375 * times * one_turn;
            double turns = 0.0;
            for (const PlannedTurn& t : analyse(job_of(j.log)).plan.turns) turns += t.turns;
            EXPECT_NEAR(turns * times * one_turn, 0.1 - now, 0.35) << times << cambers;
        }
}

}  // namespace
}  // namespace fairchalk
