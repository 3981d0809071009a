// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/equipment.h"

#include <gtest/gtest.h>

namespace fairchalk {
namespace {

Knowledge wall() {
    Knowledge k;
    k.things = {{"stands", "stands", "stand", 4, {"stand", "axle stand"}, {}},
                {"tape", "tapes", "tape", 2, {"tape", "tape measure"}, {}},
                {"boards", "toe boards", "toe board", 2, {"board", "toe board"}, {}},
                {"camber-gauge", "angle gauge", "angle gauge", 1, {"gauge", "bubble gauge"}, {}},
                {"toe-gauge", "toe gauge", "toe gauge", 1, {"toe gauge"}, {}}};
    return k;
}

TEST(Equipment, ReadsWhatPeopleSayTheyHave) {
    const Knowledge k = wall();
    const auto have = [&](const char* text) { return read_equipment(text, k).have; };
    EXPECT_EQ(have("I have: two stands, a tape, boards"),
              (Equipment{{"stands", 2}, {"tape", 1}, {"boards", 2}}));
    EXPECT_EQ(have("stands and 3 tapes"), (Equipment{{"stands", 4}, {"tape", 3}}));
    EXPECT_EQ(have("Four old axle stands; a pair of toe boards"), (Equipment{{"stands", 4}, {"boards", 2}}));
    EXPECT_EQ(have("a toe gauge + a bubble gauge"), (Equipment{{"toe-gauge", 1}, {"camber-gauge", 1}}));
    EXPECT_EQ(have("no stands"), (Equipment{{"stands", 0}}));
    EXPECT_TRUE(have("").empty());
}

TEST(Equipment, WhatHangsOnNoWallIsSaidBack) {
    const EquipmentRead read = read_equipment("a tape, two unicorns and some boards", wall());
    EXPECT_EQ(read.have, (Equipment{{"tape", 1}, {"boards", 2}}));
    ASSERT_EQ(read.unknown.size(), 1u);
    EXPECT_EQ(read.unknown[0], "two unicorns");
}

TEST(Equipment, ARigLacksWhatItNeedsMoreOf) {
    RigItem strings;
    strings.needs = {{"stands", 4}, {"tape", 1}};
    const auto lacks = lacking(strings, {{"stands", 3}, {"tape", 2}});
    ASSERT_EQ(lacks.size(), 1u);
    EXPECT_EQ(lacks[0].thing, "stands");
    EXPECT_EQ(lacks[0].count, 1);
    EXPECT_TRUE(lacking(strings, {{"stands", 4}, {"tape", 1}}).empty());
}

TEST(Equipment, IsKeptAsTextAndReadBack) {
    const Equipment have = {{"stands", 2}, {"tape", 1}, {"boards", 0}};
    EXPECT_EQ(ids_of(have), "stands 2, tape 1");
    EXPECT_EQ(equipment_of_ids(ids_of(have), wall()), (Equipment{{"stands", 2}, {"tape", 1}}));
    EXPECT_EQ(equipment_of_ids("anvil 2, tape 1", wall()), (Equipment{{"tape", 1}})) << "of a newer wall";
    EXPECT_TRUE(equipment_of_ids("", wall()).empty());
}

}  // namespace
}  // namespace fairchalk
