// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <array>
#include <cmath>

#include "core/car/adjusters/common.h"

namespace fairchalk::adjusters {
namespace {

/// Where nobody has said what is in the stacks, so much may come out.
constexpr double usual_stack = 6.0;

double thickness(const std::vector<ShimsOf>& stack) {
    double mm = 0.0;
    for (const ShimsOf& s : stack) mm += s.thickness.mm() * s.count;
    return mm;
}

Handle stack_handle(const Adjuster& d, std::string_view name, std::size_t which) {
    Handle h = handle(d, name, HandleUnit::mm, "added", "removed", 0.5, usual_stack);
    if (!d.stacks[which].empty() && !d.least) h.least = -thickness(d.stacks[which]);
    return h;
}

DeviceField pushes_field() {
    return {"pushes",
            DeviceField::Either{&Adjuster::pushes_in, "out", "in", TR_NOOP("outward"), TR_NOOP("inward")},
            TR_NOOP("more of them push the arm")};
}
DeviceField front_stack_field() {
    return {"front", DeviceField::Stack{0}, TR_NOOP("in the front stack now"), TR_NOOP("2 of 1 mm, 0.5 mm")};
}
DeviceField joint_field() {
    return length_field("joint_height", &Adjuster::joint_height, TR_NOOP("upper joint over the lower"),
                        "320 mm");
}

/// Between frame and upper arm: what lies in one way or another at its bolts.
class UpperArmShims : public AdjusterKind {
  public:
    Shims shims() const override { return Shims::stacked; }
    double lock_sigma_deg(WheelAngle) const override { return 0.02; }
    /// Whether they lie inboard or outboard of what the arm hangs on.
    std::optional<Unsaid> unsaid(const Adjuster& d, const CarCard&) const override {
        if (d.pushes_in == Told::unknown) return Unsaid{"pushes"};
        return std::nullopt;
    }

  protected:
    bool at_upper_arm(const Adjuster&) const override { return true; }
    static bool pull_in(const Adjuster& d) { return d.pushes_in == Told::yes; }

    /// Where the arm goes.
    static void way(Sketch& s, Sketch::Point bolt, bool added, bool pushes_in) {
        const double half = added != pushes_in ? 13.0 : -13.0;
        s.arrow(change, bolt + Sketch::Point(48, 34 - half), bolt + Sketch::Point(48, 34 + half));
    }
    /// A stack at a bolt: plates between frame and arm.
    static void stack(Sketch& s, Sketch::Point bolt, double mm, bool pushes_in) {
        for (int i = 0; i < 2; ++i) s.box(detail, bolt + Sketch::Point(-30, 4 + 7 * i), 60, 6);
        if (mm != 0.0) {
            shim(s, bolt + Sketch::Point(-30, 18), 60, std::clamp(std::abs(mm) * 4.0, 4.0, 18.0), mm > 0);
            way(s, bolt, mm > 0, pushes_in);
        }
        s.circle(outline, bolt - Sketch::Point(0, 8), 8, Sketch::Fill::floor);
    }
    /// Frame, both bolts with what is done there, arm; `plate` across both.
    static Sketch drawn(const Adjuster& d, std::array<double, 2> at_bolts, double plate, Sketch::Point size) {
        Sketch s;
        const double y = 26, front = size.x() * 0.72, rear = size.x() * 0.22;
        s.beam(Sketch::Ink::ground, 5, {0, y - 20}, {size.x(), y - 20});
        s.note({(front + rear) / 2 - 40, y - 44}, 80, TR_NOOP("frame"));
        s.note({rear - 50, y - 44}, 100, TR_NOOP("rear bolt"));
        s.note({front - 50, y - 44}, 100, TR_NOOP("front bolt"));
        if (plate != 0.0) {
            shim(s, {rear - 36, y + 18}, front - rear + 72, std::clamp(std::abs(plate) * 4.0, 4.0, 16.0),
                 plate > 0);
            way(s, {front, y}, plate > 0, pull_in(d));
        }
        stack(s, {front, y}, at_bolts[0], pull_in(d));
        stack(s, {rear, y}, at_bolts[1], pull_in(d));
        s.beam(Sketch::Ink::thing, 4, {10, y + 52}, {size.x() - 10, y + 52});
        s.note({0, y + 56}, size.x(), TR_NOOP("arm, and the wheel beyond"), Sketch::Align::left);
        return on_its_side(s, d, size);
    }
    static constexpr const char* view =
        TR_NOOP("from above, the wheel toward you, the car's front to the {0}");
};

class ShimPair : public UpperArmShims {
    std::string_view name() const override { return "shim-pair"; }
    std::vector<DeviceField> fields() const override {
        return {pushes_field(),
                front_stack_field(),
                {"rear", DeviceField::Stack{1}, TR_NOOP("in the rear stack now"), "1 mm, 0.5 mm"},
                joint_field(),
                length_field("bolt_spacing", &Adjuster::bolt_spacing, TR_NOOP("bolt to bolt"), "280 mm")};
    }
    std::vector<CardChoice> on_card(bool) const override { return {{"shims", TR_NOOP("shims")}}; }
    KindWords words() const override {
        return {TR_NOOP("upper-arm shims"),
                TR_NOOP("The same at both bolts is camber; from one bolt to the other is caster."),
                TR_NOOP("Weight off the arm; both bolts loosened, not taken out."),
                TR_NOOP("Both bolts to the manual's torque; the stacks seat as they are tightened."),
                spring_flies,
                view,
                true};
    }
    Sketch sketch(const Adjuster& d, std::array<double, 2> by, Sketch::Point size) const override {
        return drawn(d, by, 0.0, size);
    }
    std::vector<Handle> handles(const Adjuster& d) const override {
        return {with_words(stack_handle(d, "front", 0), TR_NOOP("add {0} at the front bolt"),
                           TR_NOOP("take out {0} at the front bolt"), TR_NOOP("front bolt")),
                with_words(stack_handle(d, "rear", 1), TR_NOOP("add {0} at the rear bolt"),
                           TR_NOOP("take out {0} at the rear bolt"), TR_NOOP("rear bolt"))};
    }
    CornerMove move(const Adjuster& d, int h, double mm) const override {
        return moved(h == 0 ? Hardpoint::uca_front : Hardpoint::uca_rear, 0, pull_in(d) ? -mm : mm);
    }
    int serves(const Adjuster&) const override { return serves_camber | serves_caster; }
};

class SpanningShims : public UpperArmShims {
    std::string_view name() const override { return "spanning-shims"; }
    std::vector<DeviceField> fields() const override {
        return {pushes_field(), front_stack_field(), joint_field(),
                length_field("bolt_spacing", &Adjuster::bolt_spacing, nullptr, "")};
    }
    std::vector<CardChoice> on_card(bool) const override {
        return {{"plates", TR_NOOP("plates across both bolts")}};
    }
    KindWords words() const override {
        return {TR_NOOP("shims across both bolts"),
                TR_NOOP("A plate across both bolts is camber, and leaves caster alone."),
                TR_NOOP("Weight off the arm; both bolts loosened, not taken out."),
                TR_NOOP("Both bolts to the manual's torque; the plate seats as they are tightened."),
                spring_flies,
                view,
                true};
    }
    Sketch sketch(const Adjuster& d, std::array<double, 2> by, Sketch::Point size) const override {
        return drawn(d, {0, 0}, by[0], size);
    }
    std::vector<Handle> handles(const Adjuster& d) const override {
        return {with_words(stack_handle(d, "", 0), TR_NOOP("add {0} across both bolts"),
                           TR_NOOP("take out {0} across both bolts"))};
    }
    CornerMove move(const Adjuster& d, int, double mm) const override {
        CornerMove m = moved(Hardpoint::uca_front, 0, pull_in(d) ? -mm : mm);
        m.at(Hardpoint::uca_rear) = m.at(Hardpoint::uca_front);
        return m;
    }
    int serves(const Adjuster&) const override { return serves_camber; }
};

/// Shims moved from one side of a trailing arm's pivot to the other: as many go in as come out.
class TrailingArmShims : public AdjusterKind {
    std::string_view name() const override { return "trailing-arm-shims"; }
    std::vector<DeviceField> fields() const override {
        return {length_field("pivot_to_hub", &Adjuster::pivot_to_hub, TR_NOOP("pivot to hub"), "430 mm"),
                {"inner", DeviceField::Stack{0}, TR_NOOP("on the inner side of the arm now"),
                 TR_NOOP("2 of 1 mm, 0.5 mm")},
                {"outer", DeviceField::Stack{1}, TR_NOOP("on its outer side now"), "1 mm, 0.5 mm"}};
    }
    std::vector<CardChoice> on_card(bool) const override { return {{"shims", TR_NOOP("shims"), "toe"}}; }
    KindWords words() const override {
        return {
            TR_NOOP("trailing-arm shims"),
            TR_NOOP("The pivot moved toward the car's middle is toe in."),
            TR_NOOP("Weight off; the pivot bolt loosened."),
            TR_NOOP("The pivot bolt to the manual's torque at ride height, so that the bush is not twisted."),
            TR_NOOP("The arm may have a loaded spring behind it: hold it before the bolt is undone."),
            TR_NOOP("from above, the wheel toward you, the car's front to the {0}"),
            true};
    }
    Sketch sketch(const Adjuster& d, std::array<double, 2> by, Sketch::Point size) const override {
        Sketch s;
        const Point at(130, size.y() / 2);
        s.beam(Sketch::Ink::thing, 6, at + Point(0, -6), at + Point(-100, -6));
        s.box(outline, at - Point(12, 22), 24, 32, Sketch::Fill::floor);
        // Above: the car's middle. Plates on both sides of the eye.
        for (double side : {-1.0, 1.0})
            shim(s, at + Point(-22, -11 + side * 26), 44, std::clamp(std::abs(by[0]) * 3.0, 4.0, 14.0),
                 (side > 0) == (by[0] > 0));
        const Point low = at + Point(44, 14), high = at + Point(44, -26);
        s.arrow(change, by[0] > 0 ? low : high, by[0] > 0 ? high : low);
        s.note({at.x() - 70, -12}, 140, TR_NOOP("middle of the car"));
        front_mark(s, at + Point(64, -6));
        return on_its_side(s, d, size);
    }
    std::vector<Handle> handles(const Adjuster& d) const override {
        Handle h = handle(d, "", HandleUnit::mm, "inward", "outward", 0.5, usual_stack);
        // No more goes from one side to the other than stands there.
        if (!d.stacks[0].empty()) h.most = std::min(h.most, thickness(d.stacks[0]));
        if (!d.stacks[1].empty()) h.least = std::max(h.least, -thickness(d.stacks[1]));
        return {with_words(h, TR_NOOP("move {0} of shim so that the pivot goes inward"),
                           TR_NOOP("move {0} of shim so that the pivot goes outward"))};
    }
    CornerMove move(const Adjuster&, int, double mm) const override {
        return moved(Hardpoint::pivot, 0, -mm);
    }
    Corner corner(const Adjuster& d, const CarCard&) const override {
        Corner c;
        c.kind = CornerKind::trailing_arm;
        c.at(Hardpoint::hub) = {0, 700, 300};
        c.at(Hardpoint::pivot) = {d.pivot_to_hub.value_or(Length::from_mm(430)).mm(), 700, 300};
        return c;
    }
    int serves(const Adjuster&) const override { return serves_toe; }
    double lock_sigma_deg(WheelAngle) const override { return 0.02; }
    Shims shims() const override { return Shims::exchanged; }
};

const ShimPair shim_pair;
const SpanningShims spanning_shims;
const TrailingArmShims trailing_arm_shims;

}  // namespace

std::span<const AdjusterKind* const> shims() {
    static constexpr std::array<const AdjusterKind*, 3> kinds = {&shim_pair, &spanning_shims,
                                                                 &trailing_arm_shims};
    return kinds;
}

}  // namespace fairchalk::adjusters
