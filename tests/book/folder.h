// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <unistd.h>

#include <filesystem>
#include <string>

#include <gtest/gtest.h>

namespace fairchalk::book::testing {

/// A folder of the running test's own, gone with it.
struct Folder {
    std::filesystem::path path = std::filesystem::temp_directory_path() /
                                 ("fairchalk-test-" + std::to_string(::getpid()) + "-" +
                                  ::testing::UnitTest::GetInstance()->current_test_info()->name());
    Folder() { std::filesystem::create_directories(path); }
    ~Folder() { std::filesystem::remove_all(path); }
};

}  // namespace fairchalk::book::testing
