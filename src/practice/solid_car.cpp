// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/solid_car.h"

namespace fairchalk::practice {

double SolidCar::leans(const Spot& s, const LinesSet& lines) const {
    const double out = ReadingKind::turned_out(s, lines.sweep.value_or(usual_sweep).deg());
    return fairchalk::SolidCar::leans(index_of(*s.wheel), out, s.rolled);
}

double SolidCar::exact(const Spot& s, const LinesSet& lines) const {
    return reading_kind(s.kind).shown(*this, s, lines.sweep.value_or(usual_sweep).deg()).value_or(0.0);
}

CarCard SolidCar::card() const {
    CarCard card;
    card.name = "a solid car";
    card.wheelbase = Length::from_mm(wheelbase);
    for (auto& a : card.axles) {
        a.rim_span = Length::from_mm(span);
        a.track = Length::from_mm(track);
    }
    return card;
}

LinesSet SolidCar::lines(std::vector<std::string> rigs) const {
    LinesSet l;
    l.rigs = std::move(rigs);
    l.bars = {Length::from_mm(front_bar), Length::from_mm(rear_bar)};
    const Length boards = Length::from_mm(board_span), gap = Length::from_mm(gap_height);
    l.sizes = {boards, boards, boards, gap, gap, Length::from_mm(mark), Length::from_mm(arm_span), gap};
    return l;
}

}  // namespace fairchalk::practice
