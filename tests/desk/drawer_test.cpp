// SPDX-License-Identifier: GPL-3.0-or-later
// The garage's tools, without window or book: what is said of one in a job holds for all, and is taken back.
#include "drawer.h"

#include <gtest/gtest.h>

namespace fairchalk::desk {
namespace {

Entry entry(const char* id, decltype(Entry::event) what) {
    Entry e;
    e.id = id;
    e.event = std::move(what);
    return e;
}

Tool rule(double zero) {
    Tool t = *standard_tool("steel-rule-mm");
    t.zero = zero;
    return t;
}

TEST(Drawer, WhatIsSaidOfAToolHoldsForTheGarageUntilItIsTakenBack) {
    Drawer drawer;
    drawer.open({});
    drawer.beginJob();
    std::vector<Entry> log = {entry("car", CarEdit{})};
    EXPECT_FALSE(drawer.isOwn("steel-rule-mm", job_of(log)));
    EXPECT_FALSE(drawer.follow(job_of(log))) << "nothing new to keep";

    drawer.set("steel-rule-mm");
    log.push_back(entry("said", ToolSet{rule(0.7)}));
    const auto kept = drawer.follow(job_of(log));
    ASSERT_TRUE(kept);
    EXPECT_FALSE(drawer.follow(job_of(log))) << "kept already";
    // In another job of the same garage it is so from the start.
    Drawer next;
    next.open(kept);
    const std::vector<Entry> empty = {entry("car", CarEdit{})};
    const Job other = job_of(empty);
    ASSERT_TRUE(next.named("steel-rule-mm", other));
    EXPECT_DOUBLE_EQ(next.named("steel-rule-mm", other)->zero, 0.7);
    EXPECT_TRUE(next.isOwn("steel-rule-mm", other));
    EXPECT_EQ(next.all(other).size(), standard_tools().size()) << "in the place of the standard one";

    Strike undo;
    undo.way = Strike::Way::undo;
    undo.ids = {"said"};
    log.push_back(entry("undo", undo));
    const auto back = drawer.follow(job_of(log));
    ASSERT_TRUE(back) << "the garage follows";
    EXPECT_FALSE(drawer.isOwn("steel-rule-mm", job_of(log)));
}

TEST(Drawer, ToolsOfANewerVersionAreNoEnd) {
    Drawer drawer;
    drawer.open("[{\"kind\": \"hologram\"}, 3");
    const std::vector<Entry> log = {entry("car", CarEdit{})};
    EXPECT_EQ(drawer.all(job_of(log)).size(), standard_tools().size());
}

TEST(Drawer, ASpotIsReadWithWhatWasTakenUpElseAsBeforeElseWithItsOwn) {
    Drawer drawer;
    drawer.open({});
    drawer.beginJob();
    std::vector<Entry> log = {entry("car", CarEdit{}), entry("round", RoundOpened{})};
    const Spot hub = string_walk().front();
    const auto tool = [&](const LinesSet& lines, const std::string& usual) {
        return drawer.toolFor(hub, job_of(log), lines, usual);
    };
    EXPECT_EQ(tool({}, "steel-rule-mm"), "steel-rule-mm");
    EXPECT_EQ(tool({}, "steel-rule-inch"), "steel-rule-inch");
    Reading r;
    r.spot = hub;
    r.value = *read_quantity("100 mm");
    r.tool = "vernier";
    log.push_back(entry("read", r));
    EXPECT_EQ(tool({}, "steel-rule-inch"), "vernier") << "as it was last read";
    LinesSet chosen;
    chosen.tool = "tape";
    EXPECT_EQ(tool(chosen, "steel-rule-inch"), "tape") << "as the lines say";
    drawer.takeUp(hub, "steel-rule-inch");
    EXPECT_EQ(tool(chosen, "steel-rule-mm"), "steel-rule-inch") << "what is in the hand";
    drawer.beginJob();
    EXPECT_EQ(tool(chosen, "steel-rule-mm"), "tape") << "until the job is left";
    EXPECT_EQ(Drawer::gauge({}), "digital-angle-gauge");
}

}  // namespace
}  // namespace fairchalk::desk
