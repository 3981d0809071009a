// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/step_times.h"

#include <cmath>
#include <cstdio>

#include <gtest/gtest.h>

#include "core/turned_job.h"

namespace fairchalk {
namespace {

/// A log whose entries come so many minutes after one another.
struct Timed : TurnedJob {
    double now = 600.0;
    void after(double minutes, decltype(Entry::event) what, const std::string& act = {}) {
        now += minutes;
        put(std::move(what));
        const int whole = static_cast<int>(now);
        char at[40];
        std::snprintf(at, sizeof at, "2026-11-28T%02d:%02d:%06.3f+01:00", whole / 60, whole % 60,
                      60.0 * (now - whole));
        log.back().at = at;
        log.back().act = act;
    }
    Reading reading(Wheel w) const {
        Reading r;
        r.spot = wheel_spot(ReadingId::toe_angle, w);
        r.value.kind = QuantityKind::angle;
        return r;
    }
};

TEST(StepTimes, TimesAreToldWithTheirOffsets) {
    EXPECT_NEAR(*minutes_between("2026-11-28T18:00:00+01:00", "2026-11-28T17:30:30Z"), 30.5, 1e-9);
    EXPECT_NEAR(*minutes_between("2026-02-28T23:59:00+01:00", "2026-03-01T00:01:00+01:00"), 2.0, 1e-9);
    EXPECT_FALSE(minutes_between("", "2026-03-01T00:01:00+01:00"));
    EXPECT_FALSE(minutes_between("yesterday", "2026-03-01T00:01:00+01:00"));
    EXPECT_FALSE(minutes_between("2026-02-30T00:00:00Z", "2026-03-01T00:01:00Z"));
}

TEST(StepTimes, AGarageThatTakesTwiceAsLongIsBelievedMoreTheMoreOftenItDid) {
    Timed j;
    j.after(0, CarEdit{j.car});
    j.after(0, RoundOpened{});
    EXPECT_DOUBLE_EQ(times_of(j.log).spot, StepTimes{}.spot);
    // The first takes the setting up with it.
    j.after(2, j.reading(Wheel::front_left));
    double before = 0.5;
    for (int n = 0; n < 5; ++n) {
        for (Wheel w : all_wheels) j.after(1.0, j.reading(w));
        const double spot = times_of(j.log).spot;
        EXPECT_GT(spot, before);
        EXPECT_LT(spot, 1.0);
        before = spot;
    }
    EXPECT_NEAR(before, 0.5 * std::pow(2.0, 20.0 / 23.0), 1e-6);
    EXPECT_DOUBLE_EQ(times_of(j.log).turn, StepTimes{}.turn);
}

TEST(StepTimes, BreaksAndWhatWasTypedInAfterwardsDoNotCount) {
    Timed j;
    j.after(0, CarEdit{j.car});
    j.after(0, RoundOpened{});
    j.after(2, j.reading(Wheel::front_left));
    for (Wheel w : all_wheels) j.after(45.0, j.reading(w));
    for (Wheel w : all_wheels) j.after(0.01, j.reading(w));
    EXPECT_DOUBLE_EQ(times_of(j.log).spot, StepTimes{}.spot);
}

TEST(StepTimes, TurnsOfOneActShareItsTimeAndNutsAreAsManyAsWereTurned) {
    Timed j;
    j.after(0, CarEdit{j.car});
    j.after(0, RoundOpened{});
    j.after(2, j.reading(Wheel::front_left));
    j.after(16, Turn{"rod-fl", 0.5}, "a");
    j.after(0, Turn{"rod-fr", -0.5}, "a");
    j.after(12, Change{ChangeKind::locked, {}});
    const StepTimes t = times_of(j.log);
    EXPECT_NEAR(t.turn, 4.0 * std::pow(2.0, 0.25), 1e-6);
    EXPECT_NEAR(t.lock, 3.0 * std::pow(2.0, 0.25), 1e-6);
}

TEST(StepTimes, UpAndDownIsOneJacking) {
    Timed j;
    j.after(0, CarEdit{j.car});
    j.after(5, Change{ChangeKind::jacked, {}});
    j.after(20, Turn{"rod-fl", 0.5});
    j.after(4, Change{ChangeKind::settled, {}});
    EXPECT_NEAR(times_of(j.log).jack, 12.0 * std::pow(2.0, 0.25), 1e-6);
}

}  // namespace
}  // namespace fairchalk
