// SPDX-License-Identifier: GPL-3.0-or-later
#include "words/words.h"

#include <cstring>
#include <set>

#include <gtest/gtest.h>

#include "core/job/rig.h"
#include "core/worked_job.h"

namespace fairchalk {
namespace {

constexpr int last_code = static_cast<int>(Code::job_out_of_reach);

TEST(Words, EveryCodeHasItsOwnSentenceOnOneLine) {
    std::set<std::string> seen;
    for (int i = 1; i <= last_code; ++i) {
        const std::string text = words::source_text(static_cast<Code>(i));
        EXPECT_FALSE(text.empty()) << "code " << i;
        EXPECT_EQ(text.find('\n'), std::string::npos) << text;
        EXPECT_TRUE(seen.insert(text).second) << text;
        EXPECT_EQ(text.find("invalid"), std::string::npos)
            << "say what was read, what is wrong, what would be right: " << text;
        EXPECT_EQ(text.find("error"), std::string::npos) << text;
    }
}

TEST(Words, ArgumentsGoWhereTheyBelongAndMissingOnesLeaveNoBraces) {
    EXPECT_EQ(words::fill("{1} before {0}", {"a", "b"}), "b before a");
    EXPECT_EQ(words::fill("only {0}{3}", {"a"}), "only a");
    EXPECT_EQ(words::fill("{x} stays", {}), "{x} stays");
    EXPECT_EQ(words::sentence({Code::why_needs_rim_span, {"front"}}),
              "the rim span of the front axle is not given");
}

TEST(Words, ALocknutOfTheSteeringIsThatOfEitherRodAndOfNothingElse) {
    CarCard car;
    car.torques = {{"Spurstange Kontermutter", "60 Nm"}};
    Adjuster rod, link;
    rod.kind = "steering-rod";
    rod.wheel = Wheel::front_left;
    link.kind = "toe-link";
    link.wheel = Wheel::rear_left;
    EXPECT_EQ(words::torque(car, rod), "60 Nm");
    EXPECT_EQ(words::torque(car, link), std::nullopt) << "another nut, another torque";
    car.torques.push_back({words::nut_on_card(link), "80 Nm"});
    EXPECT_EQ(words::torque(car, link), "80 Nm");
    EXPECT_EQ(words::torque(car, rod), "60 Nm");
    car.torques = {{words::nut_on_card(rod), "55 Nm"}};
    rod.wheel = Wheel::front_right;
    EXPECT_EQ(words::torque(car, rod), "55 Nm");
}

TEST(Words, ATranslatorIsAskedForEachText) {
    words::set_translator([](const char* source, const char*, int) {
        return std::strcmp(source, "left front") == 0 ? std::string("nearside front") : std::string(source);
    });
    EXPECT_EQ(words::spot(wheel_spot(ReadingId::hub, Wheel::front_left)), "nearside front, hub");
    words::set_translator({});
    EXPECT_EQ(words::spot(wheel_spot(ReadingId::hub, Wheel::front_left)), "left front, hub");
}

TEST(Words, WhatWasTypedIsShownInTheUsersLanguage) {
    const Sayings english = sayings();
    const auto shown = [](const char* typed) { return words::as_typed(*read_quantity(typed)); };
    EXPECT_EQ(shown("2 9/16 in weak"), "2 9/16 in weak");
    say_quantities({"Vorspur", "Nachspur", "Umdrehung", "Umdrehungen", ',', true});
    words::set_translator([](const char* source, const char*, int) {
        return std::strcmp(source, "weak") == 0 ? std::string("knapp") : std::string(source);
    });
    EXPECT_EQ(shown("99.5 mm weak"), "99,5 mm knapp");
    EXPECT_EQ(shown("2 9/16 in weak"), "2 9/16 in knapp") << "inches";
    EXPECT_EQ(shown("0°12' in"), "0°12' Vorspur");
    EXPECT_EQ(shown("1 1/2 turns"), "1 1/2 Umdrehungen");
    // What is shown is read as what was typed.
    for (const char* typed : {"99.5 mm weak", "0°12' out", "1 1/2 turns", "5.5 in strong"})
        EXPECT_DOUBLE_EQ(read_quantity(shown(typed), {Expect::Kind::any, Bare::mm})->value,
                         read_quantity(typed)->value)
            << typed;
    words::set_translator({});
    say_quantities(english);
}

TEST(Words, SpotsAreNamedByThePlaceAPersonLooksAt) {
    std::set<std::string> names;
    for (const Spot& s : string_walk()) EXPECT_TRUE(names.insert(words::spot(s)).second) << words::spot(s);
    EXPECT_EQ(words::spot(string_walk()[0]), "left rear, back lip");
    EXPECT_EQ(words::spot(string_walk()[6]), "front bar, string to string");
    EXPECT_EQ(words::spot(axle_spot(ReadingId::hub_width, Axle::rear)), "rear axle, width over the hubs");
}

TEST(Words, TheThrustLineIsSaidInWordsAndNeverByASign) {
    KnownAngle a;
    a.known = true;
    a.value = Angle::from_deg(-0.085);
    EXPECT_EQ(words::thrust(a, {}), "0°05' to the right");
    a.value = Angle::from_deg(0.085);
    EXPECT_EQ(words::thrust(a, {}), "0°05' to the left");
    a.value = Angle::from_deg(0.001);
    EXPECT_EQ(words::thrust(a, {}), "0°00', straight");
}

TEST(Words, AmountsOfTurnAsOneSaysThem) {
    EXPECT_EQ(words::amount_in_words(0.125), "one eighth of a turn");
    EXPECT_EQ(words::amount_in_words(1.0), "one whole turn");
    EXPECT_EQ(words::amount_in_words(3.0), "3 whole turns");
    EXPECT_EQ(words::amount_in_words(0.5), "one half of a turn");
    EXPECT_EQ(words::amount_in_words(1.5), "one turn and one half");
    EXPECT_EQ(words::amount_in_words(-2.25), "2 turns and one quarter");
    EXPECT_EQ(words::amount_in_words(1.0 / 6), "1/6 turn");
    EXPECT_EQ(words::flats(1.0 / 6), "1 flat of the hexagon");
    EXPECT_EQ(words::flats(1.0), "6 flats of the hexagon");
}

TEST(Words, TheReasonForTheDirectionFitsTheRodInAllFourCases) {
    Adjuster r = testing::rod_at(Wheel::front_right, RodSide::behind_axle);
    EXPECT_NE(words::why_this_way(r, true).find(
                  "behind the axle: longer pushes the back of the wheel out, so it toes in"),
              std::string::npos);
    EXPECT_NE(words::why_this_way(r, false).find("toes out"), std::string::npos);
    r.rod = RodSide::ahead_of_axle;
    EXPECT_NE(words::why_this_way(r, true).find(
                  "ahead of the axle: longer pushes the front of the wheel out, so it toes out"),
              std::string::npos);
    EXPECT_NE(words::why_this_way(r, false).find("toes in"), std::string::npos);
    // The words and the sum agree.
    for (RodSide side : {RodSide::behind_axle, RodSide::ahead_of_axle})
        for (bool longer : {true, false}) {
            r.rod = side;
            const bool in = toe_change(r, longer ? 1 : -1, Length::from_mm(130)).deg() > 0;
            EXPECT_EQ(words::why_this_way(r, longer).find("toes in") != std::string::npos, in);
        }
    r.rod = RodSide::unknown;
    EXPECT_NE(words::why_this_way(r, true).find("Say on the car's card"), std::string::npos);
}

TEST(Words, RodsAndLinksHaveTheirNames) {
    Adjuster r = testing::rod_at(Wheel::rear_right, RodSide::behind_axle);
    EXPECT_EQ(words::adjuster(r), "Right rear tie rod");
    r.kind = toe_link_kind;
    EXPECT_EQ(words::adjuster(r), "Right rear toe link");
    EXPECT_EQ(words::turn_line(r, -2.0 / 6), "Right rear toe link: 1/3 turn shorter");
}

TEST(Words, ChancesAreSaidInFractionsThatNeverGrowBackward) {
    EXPECT_EQ(words::chance(0.99), "nearly certain");
    EXPECT_EQ(words::chance(0.75), "3 in 4");
    EXPECT_EQ(words::chance(0.5), "1 in 2");
    EXPECT_EQ(words::chance(0.01), "hardly");
    std::set<std::string> seen;
    std::string last;
    for (int i = 0; i <= 1000; ++i) {
        const std::string now = words::chance(i / 1000.0);
        if (now != last) {
            EXPECT_TRUE(seen.insert(now).second) << now;
        }
        last = now;
    }
}

TEST(Words, AValueIsSpokenAsOneSaysIt) {
    EXPECT_EQ(words::spoken("2 9/16 in strong"), "two and nine sixteenths inches strong");
    EXPECT_EQ(words::spoken("5/8 in"), "five eighths inches");
    EXPECT_EQ(words::spoken("1/64 in"), "one sixty-fourth inches");
    EXPECT_EQ(words::spoken("-1 1/2 in weak"), "minus one and one half inches weak");
    EXPECT_EQ(words::spoken("112.5 mm"), "112.5 millimeters");
    EXPECT_EQ(words::spoken("-1°10'"), "minus 1 degrees 10 minutes");
    EXPECT_EQ(words::spoken("0.4 deg"), "0.4 degrees");
    EXPECT_EQ(words::spoken("25 7/10 in"), "25 and 7 over 10 inches");
    EXPECT_EQ(words::spoken("Left tie rod: 1 1/4 turn longer"),
              "Left tie rod: one and one quarter turn longer");
    EXPECT_EQ(words::spoken(""), "");
    Reading kept;
    kept.value = *read_quantity("2 9/16 in strong");
    kept.spot = wheel_spot(ReadingId::rim_front, Wheel::front_left);
    EXPECT_EQ(words::said_kept(kept), "two and nine sixteenths inches strong, kept; left front, front lip");
    // A gap has no sign: which way it was said to lean belongs to what was understood.
    kept.value = *read_quantity("1/4 in");
    kept.spot = wheel_spot(ReadingId::camber_gap, Wheel::front_left);
    kept.top_in = false;
    EXPECT_EQ(words::as_read(kept), "1/4 in, top out");
    EXPECT_TRUE(words::said_kept(kept).starts_with("one quarter inches, top out, kept; "))
        << words::said_kept(kept);
}

TEST(Words, MinutesAreSaidNoFinerThanTheyAreKnown) {
    EXPECT_EQ(words::minutes(0.2), "about 1 min");
    EXPECT_EQ(words::minutes(24.6), "about 25 min");
    EXPECT_EQ(words::minutes(47.0), "about 45 min");
    EXPECT_EQ(words::minutes(128.4), "about 130 min");
}

}  // namespace
}  // namespace fairchalk
