// SPDX-License-Identifier: GPL-3.0-or-later
// What is proven on jobs without a window, in the window: cars with every kind of adjuster at either axle,
// each form of target, cards that are wrong or silent, to the record by what is asked for alone.
#include "practice/cell_car.h"
#include "practice/sim_car.h"
#include "walked.h"

namespace fairchalk::desk {
namespace {

struct AnyCell : Walked, ::testing::WithParamInterface<int> {
    practice::Cell cell = practice::covering_cells(1)[static_cast<std::size_t>(GetParam())];
    practice::Rng rng{static_cast<unsigned>(GetParam())};
    practice::SolidCar shape = shaped();
    practice::Built made = practice::built(cell, shape, rng);
    practice::SimCar car{made.corners, shape, practice::Nature{}};
    bool wrong_way = practice::has(cell.of(practice::Factor::trouble), "wrong-way");

    practice::SolidCar shaped() {
        practice::SolidCar c = practice::SolidCar::any(rng);
        c.track = 2 * c.half_width[0];
        return c;
    }
    const practice::SolidCar& solid() const override { return car.solid(); }
    void aim() override { FAIL() << "it was said"; }
    std::string seen(const Look& look) const override {
        const Adjuster& own = *made.truth.adjuster(look.adjuster);
        return said_of(own, look.field);
    }
    void turnAsWritten() override {
        for (const PlannedTurn& t : desk->answer().plan.turns) {
            const double way = wrong_way ? -1.0 : 1.0;
            car.turn(t.adjuster, way * t.turns, rng, way * t.second);
        }
        wrong_way = false;
    }
    void begin() {
        for (const Adjuster& a : made.truth.adjusters) car.add(a);
        truth = practice::lines_of(cell, car.solid());
        bareCar(truth.rigs);
        CarCard card = made.card;
        card.name = desk->car().name;
        for (Axle axle : {Axle::front, Axle::rear}) card.axle(axle).rim_span.reset();
        card.wheelbase.reset();
        desk->record(CarEdit{card});
        desk->record(TargetsEdit{practice::targets_of(cell, car.solid())});
        LinesSet l;
        l.rigs = truth.rigs;
        l.gauge = truth.gauge;
        l.tool = truth.tool;
        desk->setLines(l);
        desk->settle();
        window->setStage(Stage::read);
    }
};

TEST_P(AnyCell, LeadsToTheRecord) {
    SCOPED_TRACE(cell.name());
    begin();
    toTheRecord();
    EXPECT_LE(readings(), 120u);
}

INSTANTIATE_TEST_SUITE_P(Cells, AnyCell, ::testing::Range(0, 232, 8));

}  // namespace
}  // namespace fairchalk::desk
