// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/rigs/common.h"

// What tells an axle's total toe by itself: boards, stud bars, marks on the tread, a gauge.

namespace fairchalk::rigs {
namespace {

class ToeBoards final : public Rig {
  public:
    using Rig::Rig;
    void on_floor(FloorPen& pen, const CarPlan& car, std::array<bool, 2> axles) const override {
        bars_at_wheels(pen, car, axles, 19, 58, 5);
    }

  private:
    void drawing(RigPen& pen) const override {
        draw_axle(pen);
        const double x = axle_x, top = axle_top, bottom = axle_bottom;
        if (pen.part("boards", 8))
            for (double y : {top - 38, bottom + 38}) pen.line({x - 135, y}, {x + 135, y});
        if (pen.part("straps", 3)) {  // round the tire and the board
            pen.box({x - 11, top - 46}, 22, 82, 5);
            pen.box({x - 11, bottom - 36}, 22, 82, 5);
        }
        draw_tapes(pen, "tapes", 118, top - 38, bottom + 38);
        if (pen.part("tape-swap", 2.5) && pen.now()) {
            pen.arc({x - 108, 200}, 216, 70, 200, 140);
            pen.arrow({x + 80, 262}, {x + 104, 236});
            pen.arrow({x - 80, 262}, {x - 104, 236});
            pen.say({x, 252}, TR_NOOP("swap"));
        }
    }
};

class StudBars final : public Rig {
  public:
    using Rig::Rig;
    void on_floor(FloorPen& pen, const CarPlan& car, std::array<bool, 2> axles) const override {
        bars_at_wheels(pen, car, axles, 19, 58, 3);
    }

  private:
    void drawing(RigPen& pen) const override {
        draw_axle(pen, true);
        if (pen.part("stud-bars", 8))
            for (double y : {axle_top - 22, axle_bottom + 22}) {
                pen.line({axle_x - 150, y}, {axle_x + 150, y});
                for (double dx : {-28.0, 28.0}) pen.circle({axle_x + dx, y}, 5);
            }
        draw_tapes(pen, "stud-tapes", 135, axle_top - 22, axle_bottom + 22);
    }
};

class TreadTape final : public Rig {
  public:
    using Rig::Rig;
    void on_floor(FloorPen& pen, const CarPlan& car, std::array<bool, 2> axles) const override {
        bars_at_wheels(pen, car, axles, 0, 36, 1.2);
    }

  private:
    void drawing(RigPen& pen) const override {
        draw_axle(pen);
        if (pen.part("tread-marks", 3))
            for (double y : {axle_top, axle_bottom}) pen.line({axle_x - 104, y}, {axle_x + 104, y});
        draw_tapes(pen, "tread-tape", 96, axle_top, axle_bottom);
    }
};

class ToeGauge final : public Rig {
  public:
    using Rig::Rig;

  private:
    void drawing(RigPen& pen) const override {
        draw_axle(pen);
        if (!pen.part("gauge", 3)) return;
        pen.line({axle_x, axle_top + 34}, {axle_x, axle_bottom - 34});
        pen.cover();
        pen.box({axle_x - 60, 174}, 120, 52, 8);
        pen.say({axle_x, 200}, TR_NOOP("total toe"));
    }
};

RigFacts across(std::string_view id, std::vector<ReadingId> kinds, std::string_view size) {
    RigFacts f{.id = id, .total = true, .over = Over::axles, .kinds = std::move(kinds)};
    f.tool = "tape";
    f.sizes = {size_of(size)};
    f.minutes = 4.0;
    return f;
}

}  // namespace

const Rig& toe_boards() {
    static const ToeBoards rig([] {
        RigFacts f = across("toe-boards", {ReadingId::boards_rear, ReadingId::boards_front}, "board_span");
        f.also = {ReadingId::tape_difference};
        return f;
    }());
    return rig;
}
const Rig& stud_bars() {
    static const StudBars rig(
        across("stud-bars", {ReadingId::stud_bar_rear, ReadingId::stud_bar_front}, "stud_span"));
    return rig;
}
const Rig& tread_tape() {
    static const TreadTape rig(
        across("tread-tape", {ReadingId::tread_rear, ReadingId::tread_front}, "tread_span"));
    return rig;
}
const Rig& toe_gauge() {
    static const ToeGauge rig(
        {.id = "toe-gauge", .total = true, .over = Over::axles, .kinds = {ReadingId::toe_angle}});
    return rig;
}

}  // namespace fairchalk::rigs
