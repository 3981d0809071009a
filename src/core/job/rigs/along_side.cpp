// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/rigs/common.h"

// Along a side, from its other wheel: a straightedge, arms with a string between them.

namespace fairchalk::rigs {
namespace {

class Straightedge final : public Rig {
  public:
    using Rig::Rig;
    void on_floor(FloorPen& pen, const CarPlan& car, std::array<bool, 2>) const override {
        for (double y : {car.top - 22, car.bottom + 22}) pen.bar({car.rear - 60, y}, {car.front + 70, y}, 4);
    }

  private:
    void drawing(RigPen& pen) const override {
        const SideView v(pen);
        const auto& at = pen.at();
        if (pen.part("straightedge", 9)) pen.line({30, v.y(222)}, {585, v.y(206)});
        for (bool ahead : {false, true}) {
            const bool meant = !at || (reading_kind(at->kind).end() > 0) == ahead;
            if (!pen.part("straightedge-rule", meant, 3.5)) continue;
            const double x = SideView::front + (ahead ? 70 : -70);
            pen.line({x, v.y(200)}, {x, v.y(233)});
            pen.arrow({x, v.y(200)}, {x, v.y(233)});
            pen.say({x, v.y(170)}, ahead ? TR_NOOP("front lip") : TR_NOOP("back lip"));
        }
    }
};

class ArmJig final : public Rig {
  public:
    using Rig::Rig;
    void on_floor(FloorPen& pen, const CarPlan& car, std::array<bool, 2>) const override {
        for (Axle a : both_axles)
            for (double dx : {-30.0, 30.0}) {
                const double x = car.axle(a) + dx;
                pen.bar({x, car.top - 15}, {x, car.top - 62}, 3);
                pen.bar({x, car.bottom + 15}, {x, car.bottom + 62}, 3);
            }
        pen.string({car.rear - 30, car.top - 56}, {car.front + 30, car.top - 56}, 2);
        pen.string({car.rear - 30, car.bottom + 56}, {car.front + 30, car.bottom + 56}, 2);
    }

  private:
    void drawing(RigPen& pen) const override {
        const SideView v(pen);
        const auto& at = pen.at();
        constexpr double rear = SideView::rear, front = SideView::front;
        if (pen.part("arms", 5))
            for (double x : {rear, front})
                for (double dx : {-60.0, 60.0}) pen.line({x + dx, v.y(236)}, {x + dx, v.y(90)});
        if (pen.part("arm-string", 2.5)) pen.line({rear - 60, v.y(116)}, {front + 60, v.y(124)});
        for (bool ahead : {false, true}) {
            const bool meant = !at || !at->wheel || (axle_of(*at->wheel) == Axle::front) == ahead;
            if (!pen.part("arm-read", meant, 3)) continue;
            const double x = ahead ? front - 60 : rear + 60;
            pen.measure({x + (ahead ? -14 : 14), v.y(233)}, {x + (ahead ? -14 : 14), v.y(120)});
            if (meant)
                pen.say({x + (ahead ? -22 : 22), v.y(180)}, TR_NOOP("rim to string"),
                        ahead ? Align::right : Align::left);
        }
        v.hub_widths(pen);
    }
};

}  // namespace

const Rig& straightedge() {
    static const Straightedge rig({.id = "straightedge",
                                   .reference = Reference::same_side_rear,
                                   .each_wheel = true,
                                   .over = Over::fronts,
                                   .kinds = {ReadingId::straightedge_front, ReadingId::straightedge_rear}});
    return rig;
}
const Rig& arm_jig() {
    static const ArmJig rig({.id = "arm-jig",
                             .reference = Reference::centreline,
                             .each_wheel = true,
                             .total = true,
                             .thrust = true,
                             .over = Over::wheels,
                             .wants_widths = true,
                             .kinds = {ReadingId::arm_jig},
                             .sizes = {size_of("mark"), size_of("arm_span")},
                             .minutes = 10.0});
    return rig;
}

}  // namespace fairchalk::rigs
