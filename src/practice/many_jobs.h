// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <atomic>
#include <cmath>
#include <functional>
#include <mutex>
#include <optional>
#include <thread>
#include <variant>
#include <vector>

#include "core/network/estimate.h"

namespace fairchalk::practice {

// What both proving grounds are made with.

/// Works jobs 0 to `jobs` - 1 on so many threads (0: one for each core), each by `work(n)`; the answers in
/// their order, the same whatever the number of threads. `progress` is told how many are done, by one thread
/// at a time. Set `stop` to end early: what was not begun has no answer.
template <class Answer, class Work>
std::vector<std::optional<Answer>> many_jobs(int jobs, int threads, Work&& work,
                                             const std::function<void(int, int)>& progress,
                                             const std::atomic<bool>* stop) {
    std::vector<std::optional<Answer>> all(static_cast<std::size_t>(jobs));
    std::atomic<int> next{0}, finished{0};
    std::mutex told;
    const auto run = [&] {
        for (int n = next++; n < jobs; n = next++) {
            if (stop && stop->load()) return;
            all[static_cast<std::size_t>(n)] = work(n);
            const int so_far = ++finished;
            if (progress) {
                const std::lock_guard lock(told);
                progress(so_far, jobs);
            }
        }
    };
    const int used =
        threads > 0 ? threads : static_cast<int>(std::max(1u, std::thread::hardware_concurrency()));
    std::vector<std::jthread> pool;
    for (int i = 1; i < used; ++i) pool.emplace_back(run);
    run();
    pool.clear();
    return all;
}

/// A band of so many degrees each way.
inline Target target_about(Measure m, std::variant<std::monostate, Axle, Wheel> where, double aim,
                           double half) {
    Target t;
    t.measure = m;
    t.where = where;
    t.aim = Angle::from_deg(aim);
    t.lo = Angle::from_deg(aim - half);
    t.hi = Angle::from_deg(aim + half);
    return t;
}

}  // namespace fairchalk::practice
