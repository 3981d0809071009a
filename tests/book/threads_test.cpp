// SPDX-License-Identifier: GPL-3.0-or-later
// What runs beside the window: analyses of one log at once, one of them called off, and a gauge's line.
// ThreadSanitizer looks at it in .ci/run.
#include <atomic>
#include <cstdint>
#include <string>
#include <thread>
#include <vector>

#include <gtest/gtest.h>

#include "book/job_file.h"
#include "book/places.h"
#include "core/analysis.h"
#include "core/reading/gauge_line.h"

namespace fairchalk::book {
namespace {

TEST(Threads, AnalysesAreIndependentAndCanBeCalledOffFromAnother) {
    UuidSource ids(system_sources());
    const JobFile file = read_job(FAIRCHALK_DATA "/demo/brask-hillclimb.json", ids);
    const Job job = file.job();
    const Analysis alone = analyse(job, {});
    ASSERT_FALSE(alone.plan.turns.empty());
    std::atomic<bool> off = false;
    std::vector<Analysis> all(4);
    std::vector<std::thread> threads;
    for (std::size_t i = 0; i < all.size(); ++i)
        threads.emplace_back([&, i] {
            Question q;
            if (i == 0) q.cancel = &off;
            all[i] = analyse(job, q);
        });
    std::size_t shown = 0;
    std::thread gauge([&] {
        GaugeReader reader;
        for (std::uint32_t n = 0; n < 200; ++n)
            shown += reader.take(write_gauge_line(n, "17." + std::to_string(n % 10), "mm", true, true) + "\n")
                         .size();
    });
    off = true;
    for (std::thread& t : threads) t.join();
    gauge.join();
    for (std::size_t i = 1; i < all.size(); ++i) {
        ASSERT_EQ(all[i].plan.turns.size(), alone.plan.turns.size());
        for (std::size_t t = 0; t < alone.plan.turns.size(); ++t) {
            EXPECT_EQ(all[i].plan.turns[t].turns, alone.plan.turns[t].turns);
            EXPECT_EQ(all[i].plan.turns[t].after.value, alone.plan.turns[t].after.value);
        }
    }
    EXPECT_GT(shown, 0u);
}

}  // namespace
}  // namespace fairchalk::book
