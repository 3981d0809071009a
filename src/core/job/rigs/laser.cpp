// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/job/rigs/common.h"

// A laser level on each side of the car, its line along the car at hub height.

namespace fairchalk::rigs {
namespace {

class LaserLines final : public Rig {
  public:
    using Rig::Rig;
    void on_floor(FloorPen& pen, const CarPlan& car, std::array<bool, 2>) const override {
        for (double y : {car.top - 52, car.bottom + 52}) {
            pen.bar({car.rear - 74, y}, {car.rear - 60, y}, 14);
            pen.string({car.rear - 60, y}, {car.front + 74, y}, 1.2);
        }
    }

  private:
    void drawing(RigPen& pen) const override {
        const SideView v(pen);
        const auto& at = pen.at();
        constexpr double line = 96;
        if (pen.part("laser", 4)) {
            pen.box({10, v.y(line) - 16}, 34, 32, 4);
            pen.line({44, v.y(line)}, {54, v.y(line)});
        }
        if (pen.part("laser-line", 2)) pen.line({54, v.y(line)}, {590, v.y(line)});
        for (double x : {SideView::rear, SideView::front})
            for (double end : {-1.0, 0.0, 1.0}) {
                const bool here = !at || !at->wheel || (axle_of(*at->wheel) == Axle::front) == (x > 300);
                const bool meant = here && (!at || reading_kind(at->kind).end() == end);
                if (!pen.part("laser-distance", meant, 3)) continue;
                pen.measure({x + 72 * end, v.y(233)}, {x + 72 * end, v.y(line)});
                if (at && meant)
                    pen.say({x + 72 * end + 10, v.y(160)},
                            end > 0   ? TR_NOOP("front lip")
                            : end < 0 ? TR_NOOP("back lip")
                                      : TR_NOOP("hub"),
                            Align::left);
            }
        v.hub_widths(pen);
    }
};

}  // namespace

const Rig& laser_lines() {
    static const LaserLines rig(
        {.id = "laser-lines",
         .reference = Reference::centreline,
         .each_wheel = true,
         .total = true,
         .thrust = true,
         .over = Over::wheels,
         .wants_widths = true,
         .kinds = {ReadingId::laser_rear, ReadingId::laser_hub, ReadingId::laser_front},
         .minutes = 10.0});
    return rig;
}

}  // namespace fairchalk::rigs
