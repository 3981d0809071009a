// SPDX-License-Identifier: GPL-3.0-or-later
// What is said of a car through its jobs.
#include "words/season_words.h"

#include <set>

#include <gtest/gtest.h>

namespace fairchalk {
namespace {

const Show metric{}, inches{Show::AngleStyle::degrees_minutes, Show::LengthStyle::inch};

TEST(SeasonWords, EachPatternSourceAndJointHasItsOwn) {
    std::set<std::string> seen;
    const auto own = [&](const std::string& s) {
        EXPECT_FALSE(s.empty());
        EXPECT_TRUE(seen.insert(s).second) << s << " is said of two things";
    };
    for (int i = 0; i <= index_of(TirePattern::middle); ++i) {
        own(words::worn_at(static_cast<TirePattern>(i)));
        own(words::hot_at(static_cast<TirePattern>(i)));
    }
    for (int i = 0; i <= index_of(BiasSource::sweep); ++i)
        own(words::bias_source(static_cast<BiasSource>(i)));
    for (int i = 0; i <= index_of(Joint::wheel); ++i) {
        own(words::joint(static_cast<Joint>(i)));
        EXPECT_FALSE(words::before_undoing(static_cast<Joint>(i)).empty());
    }
}

TEST(SeasonWords, WearAndDragFollowTheUnits) {
    const TireWear w{Wheel::front_left, {0.3, 0.2, 0.1}, 0.01, 0.2, 0.014, 5000.0, 3};
    EXPECT_EQ(words::wear(w, metric),
              "Left front: 0.30 · 0.20 · 0.10 mm in 1000 km ±0.02, over 5000 km; the outer edge goes faster");
    EXPECT_EQ(
        words::wear(w, inches),
        "Left front: 0.61 · 0.41 · 0.20 32nds in 1000 mi ±0.04, over 3107 mi; the outer edge goes faster");
    const Sideways s = sideways_of({true, Angle::from_arcmin(10), Angle::from_arcmin(1), {}, {}});
    EXPECT_EQ(words::sideways(s, metric), "each dragged 1.45 m sideways in a kilometer ±0.29");
    EXPECT_EQ(words::sideways(s, inches), "each dragged 7.7 ft sideways in a mile ±1.5");
    const Sideways wide = sideways_of({true, Angle::from_arcmin(21), Angle::from_arcmin(8), {}, {}});
    EXPECT_EQ(words::sideways(wide, inches), "each dragged 16 ft sideways in a mile ±12")
        << "no more than its ± has";
    EXPECT_EQ(words::tread({6.35, std::nullopt, 5.0}, QuantityKind::length, metric), "6.4 · – · 5.0 mm");
    EXPECT_EQ(words::tread({71.0, 80.0, std::nullopt}, QuantityKind::temperature, inches),
              "160 · 176 · – °F");
}

TEST(SeasonWords, APatternIsSetBesideTheAnglesAndAirBeforeThem) {
    AnglesWear known;
    known.known = true;
    EXPECT_NE(words::tire_verdict(TirePattern::edges, known).find("too little air"), std::string::npos);
    EXPECT_NE(words::tire_verdict(TirePattern::middle, {}).find("too much air"), std::string::npos);
    EXPECT_NE(words::tire_verdict(TirePattern::inner, known).find("do not explain it"), std::string::npos);
    known.pattern = TirePattern::inner;
    known.by_camber = true;
    EXPECT_NE(words::tire_verdict(TirePattern::inner, known).find("camber as it stands"), std::string::npos);
    EXPECT_NE(words::tire_verdict(TirePattern::even, known).find("one edge should wear first"),
              std::string::npos);
    EXPECT_NE(words::tire_verdict(TirePattern::inner, {}).find("not known"), std::string::npos);
}

TEST(SeasonWords, ABiasIsSaidWithItsWayAndWhereItActs) {
    GarageBias b;
    b.by = {WheelAngle::camber, true, std::nullopt, Angle::from_deg(0.1), Angle::from_deg(0.02)};
    b.stands_out = true;
    EXPECT_EQ(
        words::garage_bias(b, metric),
        "Camber (all wheels, left; the other way on the right): read 0°06' further out at the top here than "
        "the sheets say, ±3'");
    BiasTaken taken;
    EXPECT_TRUE(words::bias_taken(&taken, metric).empty());
    EXPECT_TRUE(words::bias_taken(nullptr, metric).empty());
    taken.sheets = 3;
    taken.all.push_back({WheelAngle::toe, false, Axle::front, Angle::from_arcmin(-6), Angle::from_arcmin(1)});
    EXPECT_EQ(words::bias_taken(&taken, metric), "Taken off by 3 sheets: toe 0°06' out ±2' (front axle)");
}

TEST(SeasonWords, WhatIsDueSaysSinceWhenOrHowLongYet) {
    Due d{{"2026-12-04", "bushes"}, false, 6, {}};
    EXPECT_EQ(words::due(d), "look again in 6 days: bushes");
    d.days = -4;
    EXPECT_EQ(words::due(d), "look again due since 4 days: bushes");
    d.days = 0;
    EXPECT_EQ(words::due(d), "look again due today: bushes");
    EXPECT_EQ(words::due({{"after contact", ""}, false, {}, {}}), "look again after contact");
    EXPECT_EQ(words::due({{"100 km", ""}, false, {}, 40.0}), "look again in 40 km");
}

}  // namespace
}  // namespace fairchalk
