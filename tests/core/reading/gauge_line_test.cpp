// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/reading/gauge_line.h"

#include <random>
#include <set>

#include <gtest/gtest.h>

namespace fairchalk {
namespace {

TEST(GaugeLine, ChecksumIsTheKnownOne) {
    EXPECT_EQ(gauge_checksum("123456789"), 0x29B1) << "the check value of CRC-16/CCITT-FALSE";
}

TEST(GaugeLine, WhatIsWrittenIsRead) {
    const auto line = read_gauge_line(write_gauge_line(17, "-1.25", "deg", true, true));
    ASSERT_TRUE(line);
    EXPECT_EQ(line->number, 17u);
    EXPECT_EQ(line->kind, QuantityKind::angle);
    EXPECT_NEAR(line->value, -1.25, 1e-12);
    EXPECT_NEAR(line->resolution, 0.01, 1e-12);
    EXPECT_TRUE(line->stable && line->send);
    EXPECT_FALSE(line->low_battery);
    EXPECT_EQ(line->shown, "-1.25 deg");
    const auto caliper = read_gauge_line(write_gauge_line(4294967295u, "4.125", "in", false, false, true));
    ASSERT_TRUE(caliper);
    EXPECT_NEAR(caliper->value, 104.775, 1e-9);
    EXPECT_TRUE(caliper->low_battery);
    EXPECT_FALSE(caliper->stable || caliper->send);
}

TEST(GaugeLine, WhatIsNoLineIsRefusedAndSaysWhere) {
    const auto with_sum = [](std::string text) {
        char sum[8];
        std::snprintf(sum, sizeof sum, "*%04X", gauge_checksum(text));
        return text + sum;
    };
    EXPECT_TRUE(read_gauge_line(with_sum("FC1 1 2.5 mm ")));
    for (const char* text :
         {"FC1 1 2.5 furlong ", "FC1 1 2.5 ", "FC1 x 2.5 mm ", "FC1 1 2 9/16 in ", "FC1 1 2.5 mm shaky ",
          "FC1 -1 2.5 mm ", "FC1 1 2,5.1 mm ", "FC2 1 2.5 mm ", "FC1 1 1e9 mm "}) {
        const auto line = read_gauge_line(with_sum(text));
        ASSERT_FALSE(line) << text;
        EXPECT_EQ(line.error().code, Code::gauge_line_not_understood) << text;
    }
    for (const char* line : {"", "*", "FC1", "FC1 1 2.5 mm *", "FC1 1 2.5 mm *12", "\xff\x00\x80"})
        EXPECT_FALSE(read_gauge_line(line)) << line;
    auto damaged = write_gauge_line(1, "2.5", "mm", true, false);
    damaged[6] = '3';
    ASSERT_FALSE(read_gauge_line(damaged));
    EXPECT_EQ(read_gauge_line(damaged).error().code, Code::gauge_checksum_wrong);
}

TEST(GaugeReader, TenThousandLinesOnePercentOfThemCorruptEveryGoodOneOnceAndNoBadOne) {
    std::mt19937 rng(9);
    std::string wire;
    std::set<std::uint32_t> good;
    for (std::uint32_t n = 1; n <= 10'000; ++n) {
        std::string line = write_gauge_line(n, std::to_string(n % 900) + "." + std::to_string(n % 10), "mm",
                                            true, n % 3 == 0);
        if (rng() % 100 == 0) {
            // Bits flipped, a piece lost, or two lines run together.
            const std::size_t at = rng() % line.size();
            if (rng() % 3 == 0)
                line.erase(at, 1 + rng() % 4);
            else
                line[at] = static_cast<char>(line[at] ^ static_cast<char>(1 << (rng() % 7)));
            // A flip may make an end of line: what is left of it is bad too.
        } else {
            good.insert(n);
        }
        wire += line + (rng() % 2 ? "\r\n" : "\n");
    }
    GaugeReader reader;
    std::set<std::uint32_t> taken;
    std::size_t lines = 0;
    for (std::size_t at = 0; at < wire.size();) {
        const std::size_t piece = std::min<std::size_t>(1 + rng() % 37, wire.size() - at);
        for (const GaugeLine& l : reader.take(std::string_view(wire).substr(at, piece))) {
            ++lines;
            taken.insert(l.number);
            EXPECT_NEAR(l.value, l.number % 900 + l.number % 10 / 10.0, 1e-9) << "no bad one";
        }
        at += piece;
    }
    EXPECT_EQ(taken, good);
    EXPECT_EQ(lines, good.size()) << "each once";
    EXPECT_GT(reader.bad(), 50u);
}

TEST(GaugeReader, UnpluggedInMidLineAndRubbishDoNoHarm) {
    GaugeReader reader;
    const std::string line = write_gauge_line(5, "1.5", "deg", true, true);
    EXPECT_TRUE(reader.take(line.substr(0, 9)).empty());
    reader.unplugged();
    EXPECT_TRUE(reader.take(line.substr(9) + "\n").empty()) << "half of one and half of another are none";
    EXPECT_TRUE(reader.take(std::string(5'000'000, 'x')).empty()) << "and take no memory";
    EXPECT_TRUE(reader.take("\n").empty());
    EXPECT_EQ(reader.take(line + "\n" + line + "\n").size(), 1u) << "sent twice, taken once";
    reader.unplugged();
    EXPECT_EQ(reader.take(line + "\n").size(), 1u) << "a gauge that was switched on again counts anew";
}

TEST(GaugeReader, ANumberGivenIsNotGivenAgainThoughAnotherCameBetween) {
    GaugeReader reader;
    const auto given = [&](std::initializer_list<std::uint32_t> numbers) {
        std::size_t n = 0;
        for (std::uint32_t number : numbers)
            n += reader.take(write_gauge_line(number, "1.5", "deg", true, true) + "\n").size();
        return n;
    };
    EXPECT_EQ(given({17, 18, 17, 18, 17}), 2u);
    EXPECT_EQ(given({0, 0, 1, 17}), 3u) << "switched on again without the cable coming off";
    for (std::uint32_t n = 100; n < 200; ++n) EXPECT_EQ(given({n, n - 1}), n == 100 ? 2u : 1u);
}

}  // namespace
}  // namespace fairchalk
