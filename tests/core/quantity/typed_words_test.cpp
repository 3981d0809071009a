// SPDX-License-Identifier: GPL-3.0-or-later
// What people type in their own language, and how quantities are shown in it.
#include <gtest/gtest.h>

#include "core/advice/until.h"
#include "core/job/look_again.h"
#include "core/quantity/notation.h"
#include "core/quantity/typed_words.h"

namespace fairchalk {
namespace {

struct Typed : ::testing::Test {
    Sayings english = sayings();
    ~Typed() override { say_quantities(english); }
    static void german() { say_quantities({"Vorspur", "Nachspur", "Umdrehung", "Umdrehungen", ',', true}); }
    static double value(const char* text, Expect expect = {Expect::Kind::any, Bare::mm}) {
        const auto q = read_quantity(text, expect);
        EXPECT_TRUE(q) << text;
        return q ? q->value : 0.0;
    }
};

TEST_F(Typed, WordsOfAnotherLanguageAreTheNotationsOwn) {
    for (const auto& [typed, english_text] : {std::pair("2 9/16 Zoll knapp", "2 9/16 in weak"),
                                              {"0°12' Vorspur", "0°12' in"},
                                              {"27' nachspur", "27' out"},
                                              {"halbe Umdrehung", "1/2 turn"},
                                              {"eine halbe Drehung", "1/2 turn"},
                                              {"2 Flächen", "2 flats"},
                                              {"12 cm weniger 3 mm", "12 cm less 3 mm"},
                                              {"1,4 Grad", "1,4 deg"},
                                              {"11 Gänge auf 16 mm", "11 threads in 16 mm"},
                                              {"32 mm über 370 mm links", "32 mm over 370 mm left"},
                                              {"6 Rechts", "6 right"},
                                              // A word within another, and English, stay as they are.
                                              {"Zollstock", "Zollstock"},
                                              {"2 9/16 in weak", "2 9/16 in weak"},
                                              {"", ""}})
        EXPECT_EQ(in_english(typed), english_text);
}

TEST_F(Typed, IsUnderstoodInEachLanguageAndKeptInEnglish) {
    for (const bool in_german : {false, true}) {
        if (in_german) german();
        EXPECT_DOUBLE_EQ(value("2 9/16 Zoll knapp"), value("2 9/16 in weak"));
        EXPECT_DOUBLE_EQ(value("61,5 mm reichlich"), value("61.5 mm strong"));
        EXPECT_DOUBLE_EQ(value("0°12' Nachspur"), -0.2);
        EXPECT_DOUBLE_EQ(value("dreiviertel Umdrehung", {Expect::Kind::turns, Bare::turns}), 0.75);
        EXPECT_DOUBLE_EQ(value("2 Umdrehungen", {Expect::Kind::turns, Bare::turns}), 2.0);
        const auto q = read_quantity("0°12' Vorspur", {Expect::Kind::angle, Bare::deg});
        ASSERT_TRUE(q);
        EXPECT_EQ(q->text, "0°12' in") << "a file is read everywhere";
        EXPECT_TRUE(q->toe_word);
    }
}

TEST_F(Typed, WhatIsShownIsReadBackAndACommaIsADecimalOneThere) {
    EXPECT_FALSE(read_quantity("1,745 mm", {Expect::Kind::any, Bare::mm})) << "1.745, or 1745?";
    german();
    EXPECT_EQ(show(Length::from_mm(65.14)), "65,1 mm");
    EXPECT_EQ(show_toe(Angle::from_deg(0.2)), "0°12' Vorspur");
    EXPECT_EQ(show_toe(Angle::from_deg(-0.2), {Show::AngleStyle::decimal, {}}), "0,20° Nachspur");
    EXPECT_EQ(show_turns(1.5), "1 1/2 Umdrehungen");
    EXPECT_EQ(show_day("2026-12-04T18:20"), "04.12.2026");
    EXPECT_EQ(write_exact(Length::from_mm(65.14)), "65.14 mm") << "files stay as they are";
    EXPECT_EQ(read_quantity("11x").error().args[3], "65,1 mm") << "an example to type";
    EXPECT_EQ(to_division(117.04, QuantityKind::length, 0.5), "117,0 mm");
    EXPECT_DOUBLE_EQ(value("1,745 mm"), 1.745);
    EXPECT_EQ(read_quantity("1,745 mm", {Expect::Kind::any, Bare::mm})->text, "1.745 mm");
    EXPECT_FALSE(read_quantity("1,745 mm")) << "a file is read alike everywhere";
    EXPECT_FALSE(read_quantity("2 Zoll"));
    for (const double deg : {0.2, -1.31, 0.0})
        EXPECT_NEAR(value(show_toe(Angle::from_deg(deg)).c_str()), deg, 1.0 / 120);
    say_quantities(english);
    EXPECT_EQ(show_day("2026-12-04T18:20"), "2026-12-04");
}

TEST_F(Typed, DaysAreTypedEitherWay) {
    EXPECT_EQ(look_again_from("4.12.2026")->when, "2026-12-04");
    EXPECT_EQ(look_again_from("2026-12-04")->when, "2026-12-04");
    EXPECT_FALSE(look_again_from("40.12.2026"));
    EXPECT_FALSE(look_again_from("4.12."));
    EXPECT_TRUE(look_again_from("nach Berührung"));
}

}  // namespace
}  // namespace fairchalk
