// SPDX-License-Identifier: GPL-3.0-or-later
// The rules by which knowledge applies, on tables made here; what ships is tested where it is loaded.
#include "core/job/knowledge.h"

#include <algorithm>

#include <gtest/gtest.h>

#include "core/advice/procedure.h"
#include "core/job/rig.h"
#include "core/judge/still_readable.h"
#include "core/judge/verdict.h"
#include "core/network/estimate.h"
#include "core/worked_job.h"

namespace fairchalk {
namespace {

using testing::entry;

Knowledge table() {
    Knowledge k;
    ReasonItem wheel;
    wheel.id = "wheel";
    wheel.path = Path::wheel_only;
    wheel.stages = {Stage::steering, Stage::drive};
    ReasonItem parts;
    parts.id = "parts";
    parts.stages = {Stage::check_over, Stage::lines};
    ReasonItem apart;
    apart.id = "apart";
    apart.path = Path::baseline;
    apart.stages = {Stage::drive};
    k.reasons = {wheel, parts, apart};
    CheckItem loose;
    loose.id = "loose";
    loose.blocks = true;
    CheckItem dent;
    dent.id = "dent";
    k.checks = {loose, dent};
    School a, b;
    a.id = "a";
    a.topic = "slip";
    b.id = "b";
    b.topic = "settle";
    k.schools = {a, b};
    return k;
}

struct Rule {
    std::vector<std::string> when;
    bool holds;
};

class Rules : public ::testing::TestWithParam<Rule> {};

TEST_P(Rules, HoldForThisCarAndThisReason) {
    CarCard car;
    car.steering = Steering::box;
    car.drive = Drive::rear;
    car.axle(Axle::front).suspension = Suspension::double_wishbone;
    Adjuster rod;
    rod.kind = steering_rod_kind;
    rod.wheel = Wheel::front_left;
    rod.id = "rod-fl";
    car.adjusters = {rod, Adjuster{"c", "cam", {}, {}, {}}};
    const std::vector<Entry> log = {entry("car", CarEdit{car}), entry("asked", ReasonsGiven{{"parts"}, {}})};
    EXPECT_EQ(applies(GetParam().when, job_of(log), table()), GetParam().holds);
    for (const std::string& w : GetParam().when) EXPECT_TRUE(is_condition(w)) << w;
}

INSTANTIATE_TEST_SUITE_P(
    Conditions, Rules,
    ::testing::Values(Rule{{}, true}, Rule{{"springs"}, true}, Rule{{"blocks"}, false},
                      Rule{{"steering=box"}, true}, Rule{{"steering=rack"}, false},
                      Rule{{"steering=rack|drive=rear"}, true}, Rule{{"steering=box", "drive=front"}, false},
                      Rule{{"front=double-wishbone"}, true}, Rule{{"front=strut|front=beam"}, false},
                      Rule{{"rear=strut"}, true},  // nobody said
                      Rule{{"adjuster=cam"}, true}, Rule{{"adjuster=steering-rod"}, true},
                      Rule{{"adjuster=toe-link"}, false}, Rule{{"adjuster=shim-pair|adjuster=cam"}, true},
                      Rule{{"reason=parts"}, true}, Rule{{"reason=wheel"}, false}, Rule{{"path=full"}, true},
                      Rule{{"path=wheel-only"}, false}, Rule{{"power-steering"}, false},
                      Rule{{"marked"}, false}));

TEST(Rules, WordsThatAreNoConditionAreSeen) {
    for (const char* wrong :
         {"", "spring", "steering", "steering=", "=rack", "springs|", "springs|nothing", "colour=red"})
        EXPECT_FALSE(is_condition(wrong)) << wrong;
}

TEST(Rules, StagesWantedAreThoseOfAllReasonsTogether) {
    const Knowledge k = table();
    std::vector<Entry> log = {entry("car", CarEdit{})};
    const auto wanted = [&](std::vector<std::string> reasons) {
        log.resize(1);
        log.push_back(entry("asked", ReasonsGiven{std::move(reasons), {}}));
        std::vector<Stage> out;
        const auto flags = stages_wanted(job_of(log), k);
        for (Stage s : all_stages)
            if (flags[static_cast<std::size_t>(index_of(s))]) out.push_back(s);
        return out;
    };
    EXPECT_EQ(wanted({"wheel"}), (std::vector<Stage>{Stage::ask, Stage::steering, Stage::drive}));
    EXPECT_EQ(wanted({"wheel", "parts"}), (std::vector<Stage>{Stage::ask, Stage::check_over, Stage::steering,
                                                              Stage::lines, Stage::drive}));
    EXPECT_EQ(wanted({}).size(), 8u);
    // A reason of a newer version is kept, and decides nothing here.
    EXPECT_EQ(wanted({"from-the-future"}), (std::vector<Stage>{Stage::ask}));
}

TEST(Rules, TheFloorIsWantedWhereAnythingIsReadAgainstGravity) {
    const Knowledge k = table();
    for (const auto& [rig, floor] :
         {std::pair("camber-gap", true), {"caster-sweep", true}, {"toe-boards", false}}) {
        LinesSet lines;
        lines.rigs = {"string-bars", rig};
        const std::vector<Entry> log = {entry("car", CarEdit{}), entry("asked", ReasonsGiven{{"wheel"}, {}}),
                                        entry("round", RoundOpened{}), entry("lines", lines)};
        EXPECT_EQ(stages_wanted(job_of(log), k)[static_cast<std::size_t>(index_of(Stage::floor))], floor)
            << rig;
    }
}

TEST(Rules, ThePathIsTheMostCarefulOfWhatWasSaid) {
    const Knowledge k = table();
    std::vector<Entry> log = {entry("car", CarEdit{})};
    const auto path = [&](std::vector<std::string> reasons) {
        log.resize(1);
        log.push_back(entry("asked", ReasonsGiven{std::move(reasons), {}}));
        return path_of(job_of(log), k);
    };
    EXPECT_EQ(path({}), Path::full);
    EXPECT_EQ(path({"wheel"}), Path::wheel_only);
    EXPECT_EQ(path({"wheel", "parts"}), Path::full);
    EXPECT_EQ(path({"wheel", "apart"}), Path::baseline);
}

TEST(Rules, AskedAgainIsWhatCountsAndAStrikeTakesItBack) {
    const Knowledge k = table();
    std::vector<Entry> log = {entry("car", CarEdit{}), entry("a", ReasonsGiven{{"parts"}, {}}),
                              entry("b", ReasonsGiven{{"wheel"}, {}})};
    EXPECT_EQ(path_of(job_of(log), k), Path::wheel_only);
    log.push_back(entry("s", Strike{Strike::Way::undo, {"b"}, "undo"}));
    EXPECT_EQ(path_of(job_of(log), k), Path::full);
}

TEST(Rules, OnlyItemsThatBlockMarkTheJobAndOnlyTheirLastStateCounts) {
    const Knowledge k = table();
    std::vector<Entry> log = {entry("car", CarEdit{}), entry("1", Checked{"dent", CheckState::failed, {}}),
                              entry("2", Checked{"loose", CheckState::failed, "rocks"})};
    ASSERT_EQ(marks_on(job_of(log), k).size(), 1u);
    EXPECT_TRUE(applies({"marked"}, job_of(log), k));
    EXPECT_EQ(stages_of(job_of(log), k)[static_cast<std::size_t>(index_of(Stage::check_over))].progress,
              Progress::stale);
    log.push_back(entry("3", Checked{"loose", CheckState::not_applicable, {}}));
    EXPECT_TRUE(marks_on(job_of(log), k).empty());
    EXPECT_EQ(stages_of(job_of(log), k)[static_cast<std::size_t>(index_of(Stage::check_over))].progress,
              Progress::done);
    log.push_back(entry("4", Strike{Strike::Way::reasoned, {"3"}, "it is on this car"}));
    EXPECT_EQ(marks_on(job_of(log), k).size(), 1u);
}

TEST(Rules, TablesFindTheirItems) {
    const Knowledge k = table();
    EXPECT_TRUE(k.reason("parts"));
    EXPECT_FALSE(k.reason("nobody"));
    EXPECT_EQ(k.on("slip").size(), 1u);
    EXPECT_TRUE(k.on("weather").empty());
    EXPECT_EQ(k.check("dent")->id, "dent");
    EXPECT_EQ(k.school("b")->topic, "settle");
}

TEST(SteeredRounds, EveryRigSeesTheWheelsAsTheyStoodAndBoardsDoNotMind) {
    // Steered 0.5 degrees to the right: the left wheel shows more toe in, the right as much less.
    CarCard card = testing::card_of({});
    card.steering_ratio = 16;
    std::vector<Entry> log = {entry("car", CarEdit{card}), entry("round", RoundOpened{})};
    const auto angle = [&](const char* id, const Spot& spot, double deg) {
        Reading r;
        r.spot = spot;
        r.value = *read_quantity(write_exact(Angle::from_deg(deg)));
        r.stated_sigma = 0.01;
        log.push_back(entry(id, r));
    };
    angle("l", wheel_spot(ReadingId::toe_angle, Wheel::front_left), 0.7);
    angle("r", wheel_spot(ReadingId::toe_angle, Wheel::front_right), -0.4);
    angle("t", axle_spot(ReadingId::toe_angle, Axle::front), 0.3);
    Spot wheel;
    wheel.kind = ReadingId::steering_wheel;
    angle("w", wheel, 8);
    const Estimate e = estimate(job_of(log));
    EXPECT_NEAR(e.wheels[0].toe.value.deg(), 0.2, 1e-4);
    EXPECT_NEAR(e.wheels[1].toe.value.deg(), 0.1, 1e-4);
    EXPECT_NEAR(e.axles[0].total_toe.value.deg(), 0.3, 1e-4);
    EXPECT_FALSE(e.alarm);
    // What is best read next can still be asked.
    for (const Verdict& v : verdicts(job_of(log), e)) (void)what_settles(job_of(log), e, v);
    Reading rim;
    rim.spot = string_walk()[3];
    EXPECT_TRUE(row_of(e, rim));
}

}  // namespace
}  // namespace fairchalk
