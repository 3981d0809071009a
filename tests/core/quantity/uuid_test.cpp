// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/quantity/uuid.h"

#include <gtest/gtest.h>

namespace fairchalk {
namespace {

TEST(Uuid, SortsByTimeAndNeverRepeatsWithinAMillisecond) {
    std::uint64_t ms = 1'777'716'840'000;  // 2026-05-02T10:14:00Z
    UuidSource source({[&] { return ms; }, [] { return 0xFFFFFFFFFFFFFFFFULL; }, 60});
    EXPECT_EQ(source.now(), "2026-05-02T11:14:00.000+01:00");
    std::string before = source.next();
    EXPECT_TRUE(is_uuid7(before)) << before;
    for (int i = 0; i < 10'000; ++i) {
        if (i == 6000) ms -= 500;  // a clock that is set back
        const std::string next = source.next();
        ASSERT_LT(before, next);
        ASSERT_TRUE(is_uuid7(next));
        before = next;
    }
    EXPECT_FALSE(is_uuid7("r1"));
}

}  // namespace
}  // namespace fairchalk
