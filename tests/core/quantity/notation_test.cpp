// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/quantity/notation.h"

#include <gtest/gtest.h>
#include <rapidcheck.h>

#include "words/words.h"

namespace fairchalk {
namespace {

struct Legal {
    const char* text;
    QuantityKind kind;
    double value, resolution;
};

class LegalText : public ::testing::TestWithParam<Legal> {};

TEST_P(LegalText, IsRead) {
    const Legal& l = GetParam();
    const auto q = read_quantity(l.text);
    ASSERT_TRUE(q) << l.text << ": " << words::sentence(q.error());
    EXPECT_EQ(q->kind, l.kind) << l.text;
    EXPECT_NEAR(q->value, l.value, 1e-9) << l.text;
    EXPECT_NEAR(q->resolution, l.resolution, 1e-9) << l.text;
}

constexpr auto L = QuantityKind::length;
constexpr auto A = QuantityKind::angle;
constexpr auto T = QuantityKind::turns;
constexpr double inch = 25.4;

INSTANTIATE_TEST_SUITE_P(
    Notation, LegalText,
    ::testing::Values(
        Legal{"62 mm", L, 62, 1}, Legal{"5.2 cm", L, 52, 1}, Legal{"1.745 m", L, 1745, 1},
        Legal{"61,5 mm", L, 61.5, 0.1}, Legal{"62mm", L, 62, 1}, Legal{"62 MM", L, 62, 1},
        Legal{"0,125 in", L, 3.175, 0.0254}, Legal{"2 9/16 in", L, 65.0875, 1.5875},
        Legal{"2-9/16\"", L, 65.0875, 1.5875}, Legal{"2½ in", L, 63.5, 12.7},
        Legal{"3/64 in", L, 3 * inch / 64, inch / 64}, Legal{"⅛ in", L, inch / 8, inch / 8},
        Legal{"17/16 in", L, 17 * inch / 16, inch / 16}, Legal{"2 9⁄16″", L, 65.0875, 1.5875},
        Legal{"66 3/8 and 1/32 in", L, (66 + 13.0 / 32) * inch, inch / 32},
        Legal{"66 3/8 + 1/32 in", L, (66 + 13.0 / 32) * inch, inch / 32},
        Legal{"66 3/8 plus 1/32 in", L, (66 + 13.0 / 32) * inch, inch / 32},
        Legal{"12 cm less 3 mm", L, 117, 1}, Legal{"12 cm - 3 mm", L, 117, 1},
        Legal{"12 cm minus 3 mm", L, 117, 1}, Legal{"5 ft 8 1/2 in", L, 68.5 * inch, inch / 2},
        Legal{"5' 8 1/2\"", L, 68.5 * inch, inch / 2}, Legal{"5’ 8”", L, 68 * inch, inch},
        Legal{"5'", L, 60 * inch, 12 * inch},
        Legal{"5 7/16 in strong", L, (5 + 7.0 / 16 + 1.0 / 64) * inch, inch / 16},
        Legal{"2 5/8 in weak", L, (2 + 5.0 / 8 - 1.0 / 32) * inch, inch / 8},
        Legal{"62 mm full", L, 62.25, 1}, Legal{"62 mm plus", L, 62.25, 1}, Legal{"62 mm over", L, 62.25, 1},
        Legal{"62 mm shy", L, 61.75, 1}, Legal{"62 mm short", L, 61.75, 1}, Legal{"62 mm bare", L, 61.75, 1},
        Legal{"62 mm almost", L, 61.75, 1}, Legal{"1.4 deg", A, 1.4, 0.1}, Legal{"0°12'", A, 0.2, 1 / 60.0},
        Legal{"0°12′", A, 0.2, 1 / 60.0}, Legal{"1°05'30\"", A, 1 + 5.5 / 60, 1 / 3600.0},
        Legal{"0,4°", A, 0.4, 0.1}, Legal{"1 deg 30 min", A, 1.5, 1 / 60.0},
        Legal{"0°12.5'", A, 12.5 / 60, 0.1 / 60}, Legal{"27' out", A, -0.45, 1 / 60.0},
        Legal{"12 min in", A, 0.2, 1 / 60.0}, Legal{"27'30\" in", A, 27.5 / 60, 1 / 3600.0},
        Legal{"1.5 mm out", L, -1.5, 0.1}, Legal{"1 mm in", L, 1, 1},
        Legal{"1/8 in in", L, inch / 8, inch / 8}, Legal{"1/8 in out", L, -inch / 8, inch / 8},
        Legal{"62 mm strong out", L, -62.25, 1}, Legal{"-2 mm", L, -2, 1}, Legal{"−0°30'", A, -0.5, 1 / 60.0},
        Legal{"-½ in", L, -12.7, 12.7}, Legal{"-.5 mm", L, -0.5, 0.1}, Legal{"7/8 turn", T, 0.875, 0.125},
        Legal{"1 1/2 turns", T, 1.5, 0.5}, Legal{"2 flats", T, 2 / 6.0, 1 / 6.0},
        Legal{"100 m", L, 100000, 1000}, Legal{"360 deg", A, 360, 1}));

struct Illegal {
    const char* text;
    Code code;
};

class IllegalText : public ::testing::TestWithParam<Illegal> {};

TEST_P(IllegalText, SaysWhatIsWrongAndWhatWouldBeRight) {
    const auto q = read_quantity(GetParam().text);
    ASSERT_FALSE(q) << GetParam().text << " was read as " << q->value;
    EXPECT_EQ(q.error().code, GetParam().code) << GetParam().text << ": " << words::sentence(q.error());
    const std::string line = words::sentence(q.error());
    EXPECT_EQ(line.find('\n'), std::string::npos);
    EXPECT_EQ(line.find('{'), std::string::npos) << line;
    ASSERT_GE(q.error().args.size(), 4u);
    for (int i : {2, 3}) EXPECT_TRUE(read_quantity(q.error().args[i])) << "the example is not legal itself";
}

INSTANTIATE_TEST_SUITE_P(
    Notation, IllegalText,
    ::testing::Values(
        Illegal{"12", Code::text_unit_missing}, Illegal{"2 9/16", Code::text_unit_missing},
        Illegal{"3 7/0 in", Code::text_bad_fraction}, Illegal{"1/2/3 in", Code::text_bad_fraction},
        Illegal{"2 17/16 in", Code::text_bad_fraction}, Illegal{"1/3 in", Code::text_bad_fraction},
        Illegal{"1/128 in", Code::text_bad_fraction}, Illegal{"3 mm 4 mm", Code::text_two_quantities},
        Illegal{"1,745 mm", Code::text_thousands_or_decimal},
        Illegal{"5 in strong weak", Code::text_word_twice}, Illegal{"0°75'", Code::text_minutes_from_60},
        Illegal{"5' 13\"", Code::text_inches_from_12}, Illegal{"-27' out", Code::text_sign_and_word},
        Illegal{"nan mm", Code::text_not_understood}, Illegal{"inf mm", Code::text_not_understood},
        Illegal{"1e4 mm", Code::text_exponent}, Illegal{"1E4 mm", Code::text_exponent},
        Illegal{"101 m", Code::text_too_large}, Illegal{"361 deg", Code::text_too_large},
        Illegal{"99999999999999999999999 mm", Code::text_too_large}, Illegal{"", Code::text_empty},
        Illegal{"   ", Code::text_empty}, Illegal{"mm", Code::text_not_understood},
        Illegal{"12 parsecs", Code::text_not_understood}, Illegal{"1.5°12'", Code::text_fraction_before_part},
        Illegal{"2 - 9/16 in", Code::text_dash_or_minus}, Illegal{"1/8\" in", Code::text_inch_mark_with_word},
        Illegal{"3 mm and 2 deg", Code::text_mixed_kinds},
        Illegal{"1 turn out", Code::text_word_on_wrong_kind}, Illegal{"1.2.3 mm", Code::text_not_understood},
        Illegal{"--5 mm", Code::text_not_understood}, Illegal{"5 mm in out", Code::text_word_twice},
        Illegal{"-5 + 3 mm", Code::text_sign_and_word}));

TEST(Notation, BareNumbersTakeTheFieldsUnitAndBareFractionsAreInches) {
    const Expect field{Expect::Kind::length, Bare::mm};
    EXPECT_DOUBLE_EQ(read_quantity("62", field)->value, 62);
    EXPECT_EQ(read_quantity("62", field)->text, "62 mm");
    EXPECT_DOUBLE_EQ(read_quantity("4 11/16", field)->value, 119.0625);
    EXPECT_EQ(read_quantity("5 7/16 strong", field)->text, "5 7/16 in strong");
    EXPECT_EQ(read_quantity("2½", field)->text, "2 1/2 in");
    EXPECT_DOUBLE_EQ(read_quantity("5' 8 1/2", field)->value, 68.5 * 25.4);
    EXPECT_DOUBLE_EQ(read_quantity("7/8", {Expect::Kind::turns, Bare::turns})->value, 0.875);
    EXPECT_FALSE(read_quantity("0°12'", field));
    EXPECT_DOUBLE_EQ(read_quantity("27'", {Expect::Kind::angle})->value, 0.45);
    EXPECT_DOUBLE_EQ(read_quantity("27'")->value, 27 * 304.8);
}

TEST(Notation, StrongAndWeakNarrowTheSigmaToAQuarterDivision) {
    EXPECT_DOUBLE_EQ(read_quantity("62 mm")->sigma(), 0.5);
    EXPECT_DOUBLE_EQ(read_quantity("62 mm strong")->sigma(), 0.25);
}

TEST(Notation, TheTextOfAQuantityReadsBackAsTheSameQuantity) {
    EXPECT_TRUE(rc::check("completed text is legal in a file", [] {
        const int whole = *rc::gen::inRange(0, 90);
        const int under = *rc::gen::element(2, 4, 8, 16, 32, 64);
        const int top = *rc::gen::inRange(1, under);
        const std::string end =
            *rc::gen::element<std::string>("", " strong", " weak", " out", " in", " shy in");
        const std::string text = std::to_string(whole) + *rc::gen::element<std::string>(" ", "-") +
                                 std::to_string(top) + "/" + std::to_string(under) +
                                 (end.find(" in") == 0 ? " in" : "") + end;
        const auto typed = read_quantity(text, {Expect::Kind::length, Bare::mm});
        RC_ASSERT(typed.has_value());
        const auto again = read_quantity(typed->text);
        RC_ASSERT(again.has_value());
        RC_ASSERT(again->value == typed->value);
        RC_ASSERT(again->resolution == typed->resolution);
    }));
    EXPECT_TRUE(rc::check("exact writing round-trips", [] {
        const double mm = *rc::gen::inRange(-99'999'999, 99'999'999) / 1024.0;
        const auto q = read_quantity(write_exact(Length::from_mm(mm)));
        RC_ASSERT(q.has_value());
        RC_ASSERT(q->length().mm() == mm);
        const double deg = *rc::gen::inRange(-360'000, 360'000) / 1024.0;
        RC_ASSERT(read_quantity(write_exact(Angle::from_deg(deg)))->angle().deg() == deg);
    }));
}

TEST(Notation, NoInputCrashesOrHangs) {
    EXPECT_TRUE(rc::check("random bytes and random pieces", [] {
        const auto bytes = *rc::gen::container<std::string>(rc::gen::arbitrary<char>());
        (void)read_quantity(bytes);
        std::string text;
        const auto pieces = *rc::gen::container<std::vector<std::string>>(
            rc::gen::element<std::string>("1", "9/16", "½", " ", "mm", "in", "'", "\"", "°", "-", "+", "and",
                                          "less", "strong", "out", ",", ".", "e", "/", "turn"));
        for (const auto& p : pieces) text += p;
        const auto q = read_quantity(text, {Expect::Kind::any, Bare::mm});
        if (!q) RC_ASSERT(!words::sentence(q.error()).empty());
    }));
    for (const char* piece : {"9", "1 and ", "½", "-", "'", "1/2 ", "𝔸", "\xff", "5' "}) {
        std::string big;
        while (big.size() < 10'000) big += piece;
        (void)read_quantity(big.substr(0, 10'000));
        (void)read_quantity(big + big);
    }
}

TEST(Notation, ShowsAnglesAndLengthsAsPeopleWriteThem) {
    const Show dm{}, decimal{Show::AngleStyle::decimal, Show::LengthStyle::inch};
    EXPECT_EQ(show_toe(Angle::from_deg(0.1333)), "0°08' in");
    EXPECT_EQ(show_toe(Angle::from_deg(-1.5)), "1°30' out");
    EXPECT_EQ(show_toe(Angle::from_deg(0.004)), "0°00'");
    EXPECT_EQ(show_toe(Angle::from_deg(-0.31), decimal), "0.31° out");
    EXPECT_EQ(show_plus_minus(Angle::from_deg(0.1001), dm), "7'");
    EXPECT_EQ(show(Length::from_mm(65.0875), decimal), "2 9/16 in");
    EXPECT_EQ(show(Length::from_mm(65.0875), dm), "65.1 mm");
    EXPECT_EQ(show_turns(0.875), "7/8 turn");
    EXPECT_EQ(show_turns(1.5), "1 1/2 turns");
}

TEST(Notation, AThreadsPitchIsCountedOverALength) {
    const Expect pitch{Expect::Kind::length, Bare::mm, true};
    for (const auto& [text, mm] : {std::pair("11 threads in 16 mm", 16.0 / 11),
                                   {"11 in 16 mm", 16.0 / 11},
                                   {"10 threads over 5/8 in", 1.5875},
                                   {"8 turns on 12", 1.5},
                                   {"1.5", 1.5},
                                   {"18 tpi", 25.4 / 18},
                                   {"1/18 in", 25.4 / 18}}) {
        const auto q = read_quantity(text, pitch);
        ASSERT_TRUE(q) << text << ": " << words::sentence(q.error());
        EXPECT_NEAR(q->value, mm, 1e-9) << text;
        const auto again = read_quantity(q->text);
        ASSERT_TRUE(again) << q->text;
        EXPECT_NEAR(again->value, mm, 1e-9);
    }
    EXPECT_FALSE(read_quantity("11 threads in", pitch));
    EXPECT_FALSE(read_quantity("11 threads in 16 deg", pitch));
    EXPECT_FALSE(read_quantity("11 in 16 mm")) << "no reading is told so";
    EXPECT_NEAR(read_quantity("1 in", pitch)->value, 25.4, 1e-9);
}

}  // namespace
}  // namespace fairchalk
