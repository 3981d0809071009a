// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/corner_file.h"

#include <gtest/gtest.h>

#include "words/words.h"

namespace fairchalk::book {
namespace {

Json wishbone() {
    return Json::parse(R"({"kind": "double-wishbone", "points": {
        "hub": [0, 745, 310], "uca_front": [150, 380, 480], "uca_rear": [-130, 390, 470], "upper": [-18, 640, 500],
        "lca_front": [180, 330, 190], "lca_rear": [-200, 330, 195], "lower": [8, 700, 185],
        "rod_inner": [-120, 340, 230], "rod_outer": [-135, 690, 235]},
        "camber_deg": -0.5, "toe_deg": 0.1, "moves": {"uca_front": [0, 1.5, 0], "uca_rear": [0, 1.5, 0]}})");
}

TEST(CornerFile, AnswersBeforeAndAfter) {
    const Json a = corner_answer(corner_from(wishbone()));
    EXPECT_NEAR(a["before"]["caster_deg"].get<double>(), 4.718, 0.002);
    EXPECT_NEAR(a["before"]["camber_deg"].get<double>(), -0.5, 1e-9);
    EXPECT_NEAR(a["after"]["camber_deg"].get<double>(), -0.229, 0.002);
    EXPECT_NEAR(a["after"]["toe_deg"].get<double>(), 0.002, 0.002);
    Json rod = wishbone();
    rod["moves"] = Json::parse(R"({"rod": 1.5})");
    EXPECT_NEAR(corner_answer(corner_from(rod))["after"]["toe_deg"].get<double>(), 0.719, 0.002);
    rod.erase("moves");
    const Json still = corner_answer(corner_from(rod));
    EXPECT_EQ(still["before"], still["after"]);
}

struct WrongPart {
    const char* path;
    const char* value;
    const char* place;
};
std::ostream& operator<<(std::ostream& out, const WrongPart& w) {
    return out << w.path << " = " << w.value;
}

class WrongCorner : public ::testing::TestWithParam<WrongPart> {};
TEST_P(WrongCorner, NamesThePlace) {
    Json j = wishbone();
    j[Json::json_pointer(GetParam().path)] = Json::parse(GetParam().value);
    try {
        corner_answer(corner_from(j));
        ADD_FAILURE() << "was taken";
    } catch (const FileError& e) {
        EXPECT_EQ(e.place, GetParam().place);
        EXPECT_FALSE(words::sentence(e.message).empty());
        EXPECT_EQ(words::sentence(e.message).find("{"), std::string::npos) << words::sentence(e.message);
    }
}
INSTANTIATE_TEST_SUITE_P(Corners, WrongCorner,
                         ::testing::Values(WrongPart{"/kind", "\"swing-axle\"", "kind"},
                                           WrongPart{"/points/hub", "[1, 2]", "points.hub"},
                                           WrongPart{"/points/hub", "[1, 2, \"x\"]", "points.hub[2]"},
                                           WrongPart{"/points/top", "[1, 2, 3]", "points.top"},
                                           WrongPart{"/points/hub", "null", "points.hub"},
                                           WrongPart{"/points/hub", "[1e9, 0, 0]", "points.hub[0]"},
                                           WrongPart{"/camber_deg", "95", "camber_deg"},
                                           WrongPart{"/moves/upper", "[0, 1, 0]", "moves.upper"},
                                           WrongPart{"/moves/rod", "\"long\"", "moves.rod"},
                                           WrongPart{"/moves/rod", "-4000", "moves"},
                                           WrongPart{"/moves", "[]", "moves"}));

TEST(CornerFile, OutOfReachNamesTheLink) {
    Json j = wishbone();
    j["moves"] = Json::parse(R"({"rod_inner": [0, -800, 0]})");
    try {
        corner_answer(corner_from(j));
        ADD_FAILURE() << "was taken";
    } catch (const FileError& e) {
        EXPECT_NE(words::sentence(e.message).find("rod is too short by"), std::string::npos)
            << words::sentence(e.message);
    }
}

}  // namespace
}  // namespace fairchalk::book
