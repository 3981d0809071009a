// SPDX-License-Identifier: GPL-3.0-or-later
// What a round has not read yet of what is asked for, and what no way that was chosen tells.
#include <algorithm>

#include <gtest/gtest.h>

#include "core/advice/procedure.h"
#include "core/analysis.h"
#include "core/job/rig.h"
#include "core/worked_job.h"

namespace fairchalk {
namespace {

using testing::TrueCar;

std::vector<Entry> log_with(std::vector<std::string> rigs, std::vector<Target> targets) {
    const TrueCar c;
    LinesSet lines;
    lines.rigs = std::move(rigs);
    lines.sizes.board_span = Length::from_mm(600);
    auto log = testing::begun(c, testing::card_of(c), std::move(targets));
    log.insert(log.begin() + 2, testing::entry("lines", lines));
    return log;
}

Target thrust_target() {
    Target t = testing::total_toe(Axle::front, 0.0, 0.1);
    t.measure = Measure::thrust;
    t.where = std::monostate{};
    return t;
}

TEST(Untold, BoardsForTheFrontDoNotAskForTheRear) {
    const auto log = log_with({"toe-boards"}, {testing::total_toe(Axle::front, 0.1, 0.2)});
    const Job job = job_of(log);
    for (const Spot& s : wanted_spots(job, 0)) EXPECT_EQ(s.axle, Axle::front) << s.name();
    EXPECT_EQ(wanted_spots(job, 0).size(), 2u);
    const Analysis a = analyse(job);
    ASSERT_EQ(a.plan.next, NextStep::read);
    ASSERT_FALSE(a.read.empty());
    EXPECT_EQ(a.read.front().axle, Axle::front);
    EXPECT_FALSE(a.untold);
    // Read all the same, it counts; and where both have a target both are asked for.
    const auto both = log_with({"toe-boards"}, {testing::total_toe(Axle::front, 0.1, 0.2),
                                                testing::total_toe(Axle::rear, 0.1, 0.2)});
    EXPECT_EQ(wanted_spots(job_of(both), 0).size(), 4u);
    EXPECT_EQ(wanted_spots(job_of(log_with({"toe-boards"}, {})), 0).size(), 4u);
}

TEST(Untold, WhatIsTooCloseToCallIsNotReadForEverWhereTheRestIsToldByNothing) {
    const TrueCar c;
    // Edges of the left one's band lie where it stands; the right one has no string.
    Target left = testing::total_toe(Axle::front, 0.0, 0.2), right = left;
    left.measure = right.measure = Measure::toe;
    left.where = Wheel::front_left, right.where = Wheel::front_right;
    left.lo = Angle::from_deg(c.toe[0]);
    left.hi = Angle::from_deg(c.toe[0] + 0.4), left.aim = Angle::from_deg(c.toe[0] + 0.2);
    auto log = log_with({"string-left"}, {left, right});
    const auto read = [&](const Spot& s) {
        const double there =
            s.axle ? 2 * c.half_width[static_cast<std::size_t>(index_of(*s.axle))] : c.exact(s);
        log.push_back(testing::entry(s.name() + std::to_string(log.size()), testing::reading(s, there, 0.5)));
    };
    for (const Spot& s : string_walk())
        if (s.wheel && side_of(*s.wheel) == Side::left) read(s);
    Analysis a = analyse(job_of(log));
    int again = 0;
    for (; !a.read.empty() && again < 40; ++again, a = analyse(job_of(log))) read(a.read.front());
    EXPECT_LE(again, 2 + 8) << "the hubs' widths, and what takes no longer than a turn";
    ASSERT_TRUE(a.untold);
    EXPECT_EQ(a.untold->target.where, right.where);
}

TEST(Untold, OneStringNamesTheHubWidthsThatItWants) {
    const TrueCar c;
    Target toe = testing::total_toe(Axle::front, 0.0, 0.2);
    toe.measure = Measure::toe;
    toe.where = Wheel::front_left;
    auto log = log_with({"string-left"}, {toe});
    for (const Spot& s : string_walk())
        if (s.wheel && side_of(*s.wheel) == Side::left)
            log.push_back(testing::entry(s.name(), testing::reading(s, c.exact(s), 0.1)));
    const Analysis a = analyse(job_of(log));
    ASSERT_EQ(a.plan.next, NextStep::read);
    ASSERT_FALSE(a.read.empty());
    EXPECT_EQ(a.read.front().kind, ReadingId::hub_width);
    // Told, it is known.
    for (Axle axle : both_axles)
        log.push_back(testing::entry(
            std::string("width") + std::string(name_of(axle)),
            testing::reading(axle_spot(ReadingId::hub_width, axle),
                             2 * c.half_width[static_cast<std::size_t>(index_of(axle))], 0.5)));
    EXPECT_TRUE(analyse(job_of(log)).now.wheels[0].toe.known);
}

TEST(Untold, AStringAtEachSideTellsTheTotalThatIsNotKnownAnyMore) {
    const TrueCar c;
    auto log = log_with({"string-left", "string-right"}, {testing::total_toe(Axle::front, 0.0, 0.2)});
    for (const Spot& s : string_walk())
        if (s.wheel) log.push_back(testing::entry(s.name(), testing::reading(s, c.exact(s), 0.1)));
    for (Axle axle : both_axles)
        log.push_back(testing::entry(
            std::string("width") + std::string(name_of(axle)),
            testing::reading(axle_spot(ReadingId::hub_width, axle),
                             2 * c.half_width[static_cast<std::size_t>(index_of(axle))], 0.5)));
    EXPECT_TRUE(analyse(job_of(log)).now.axles[0].total_toe.known);
    log.push_back(testing::entry("round", RoundOpened{}));
    for (const Spot& s : string_walk())
        if (s.wheel == Wheel::front_left)
            log.push_back(testing::entry("again " + s.name(), testing::reading(s, c.exact(s), 0.1)));
    const Job job = job_of(log);
    const auto unread = unread_for(job, 1, job.targets.front());
    EXPECT_NE(std::find(unread.begin(), unread.end(), wheel_spot(ReadingId::rim_front, Wheel::front_right)),
              unread.end())
        << "what both strings tell between them is read on for";
    // One alone does not.
    auto one = log_with({"string-left"}, job.targets);
    EXPECT_TRUE(unread_for(job_of(one), 0, job.targets.front()).empty());
}

TEST(Untold, WhatNoChosenWayTellsIsSaidWithTheWaysThatWould) {
    auto log = log_with({"toe-boards"}, {thrust_target()});
    for (Axle axle : both_axles)
        for (ReadingId k : {ReadingId::boards_rear, ReadingId::boards_front}) {
            Reading r = testing::reading(axle_spot(k, axle), 1450, 0.3);
            r.span = Length::from_mm(600);
            log.push_back(testing::entry(r.spot.name(), r));
        }
    const Analysis a = analyse(job_of(log));
    EXPECT_EQ(a.plan.next, NextStep::read);
    EXPECT_TRUE(a.read.empty() || a.read.front().wheel) << "boards again tell nothing";
    if (a.read.empty()) {
        ASSERT_TRUE(a.untold);
        EXPECT_EQ(a.untold->target.measure, Measure::thrust);
        EXPECT_NE(std::find(a.untold->rigs.begin(), a.untold->rigs.end(), "string-bars"),
                  a.untold->rigs.end());
        EXPECT_EQ(std::find(a.untold->rigs.begin(), a.untold->rigs.end(), "toe-boards"),
                  a.untold->rigs.end());
    }
}

}  // namespace
}  // namespace fairchalk
