// SPDX-License-Identifier: GPL-3.0-or-later
#include <array>

#include "core/car/adjusters/common.h"

namespace fairchalk::adjusters {
namespace {

/// An arm, or a rod in place of one of its legs, that is made longer by its thread.
class ThreadedArm : public AdjusterKind {
  public:
    std::vector<DeviceField> fields() const override {
        return {arm_field(),
                pitch_field(),
                double_ended_field(),
                thread_field(),
                length_field("joint_height", &Adjuster::joint_height, nullptr, ""),
                length_field("bolt_spacing", &Adjuster::bolt_spacing, nullptr, "")};
    }
    std::vector<const char*> which(const Adjuster& d) const override {
        if (d.upper_arm == Told::unknown) return {};
        return {d.upper_arm == Told::yes ? TR_NOOP("upper {0}") : TR_NOOP("lower {0}")};
    }
    std::vector<Handle> handles(const Adjuster& d) const override { return {threaded_handle(d, 0.5)}; }
    std::optional<Unsaid> unsaid(const Adjuster& d, const CarCard& car) const override {
        return which_arm(d, car);
    }
    Sketch sketch(const Adjuster&, std::array<double, 2> by, Sketch::Point size) const override {
        return threaded_sketch(by[0], size);
    }

  protected:
    bool on_strut(const Adjuster& d, const CarCard& car) const override {
        return AdjusterKind::on_strut(d, car) || arm_below_strut(d, car);
    }
};

class AdjustableArm : public ThreadedArm {
    std::string_view name() const override { return "adjustable-arm"; }
    std::vector<CardChoice> on_card(bool strut) const override {
        if (strut) return {{"arms", TR_NOOP("adjustable arms"), "", "", {{"arm", "lower"}}}};
        return {{"arms", TR_NOOP("adjustable arms")}};
    }
    KindWords words() const override {
        return {TR_NOOP("arm"),
                TR_NOOP("A longer upper arm takes the top of the wheel out; a longer lower one its foot."),
                TR_NOOP("Weight off; free the locknuts at both ends."),
                TR_NOOP("Both joints of the arm free to tilt, then the locknuts."),
                spring_flies,
                TR_NOOP("the middle of the car to the left, the wheel to the right"),
                true};
    }
    KindWords words(const Adjuster& d) const override {
        KindWords w = words();
        if (d.double_ended)
            w.loosen = TR_NOOP(
                "Weight off; free the locknuts at both ends: the one on the left-hand thread loosens "
                "the other way, clockwise.");
        return w;
    }
    CornerMove move(const Adjuster& d, int, double turns) const override {
        const double mm = pitch_of(d) * turns;
        return d.upper_arm == Told::yes ? longer({Link::uca_front, Link::uca_rear}, mm)
                                        : longer({Link::lca_front, Link::lca_rear}, mm);
    }
    int serves(const Adjuster&) const override { return serves_camber; }
};

/// A rod from the body to an arm's outer end, in place of the arm's front or rear leg.
class RadiusRod : public ThreadedArm {
    std::string_view name() const override { return "radius-rod"; }
    std::vector<DeviceField> fields() const override {
        std::vector<DeviceField> out = ThreadedArm::fields();
        out.insert(out.begin() + 1,
                   {"runs",
                    DeviceField::Either{&Adjuster::runs_behind, "ahead", "behind",
                                        TR_NOOP("ahead of the axle"), TR_NOOP("behind the axle")},
                    TR_NOOP("its body end lies")});
        return out;
    }
    std::vector<CardChoice> on_card(bool) const override { return {{"radius-rods", TR_NOOP("radius rods")}}; }
    KindWords words() const override {
        return {
            TR_NOOP("radius rod"),
            TR_NOOP("It moves its arm's outer joint forward or rearward: caster."),
            TR_NOOP(
                "It does not turn itself: a nut on each side of its bush holds it. Keep count of the flats."),
            TR_NOOP("Both nuts against the bush, which is not twisted, to the manual's torque."),
            nullptr,
            TR_NOOP("its body end to the left, the arm to the right")};
    }
    KindWords words(const Adjuster& d) const override {
        KindWords w = words();
        if (d.double_ended) {
            w.loosen = TR_NOOP(
                "Free the locknuts at both ends: the one on the left-hand thread loosens the other "
                "way, clockwise.");
            w.locked = TR_NOOP("Both joints free to tilt, then both locknuts.");
        }
        return w;
    }
    Sketch sketch(const Adjuster& d, std::array<double, 2> by, Sketch::Point size) const override {
        const bool longer = by[0] > 0;
        if (!nut_by_nut(d, longer)) return ThreadedArm::sketch(d, by, size);
        // The body and its bush to the left, a nut on each side of it; the arm's joint to the right.
        Sketch s;
        const double y = size.y() / 2 - 8, bush = 120, end = std::min(360.0, size.x() - 30);
        s.box(outline, {bush - 14, y - 34}, 28, 68);
        s.line(outline, {40, y - 6}, {end - 15, y - 6});
        s.line(outline, {40, y + 6}, {end - 15, y + 6});
        for (double x = 44; x < 210; x += 7) s.line(detail, {x, y - 6}, {x + 4, y + 6});
        s.circle(outline, {end, y}, 15);
        // First the one that is backed off, then the other after it.
        const double off = longer ? bush - 44 : bush + 22, follows = longer ? bush + 22 : bush - 44;
        s.box(change, {off, y - 18}, 22, 36);
        s.box(outline, {follows, y - 18}, 22, 36);
        s.arrow(change, {off + 11, y + 34}, {off + 11 + (longer ? -30 : 30), y + 34});
        s.note({bush - 60, y - 58}, 120, TR_NOOP("bush"));
        return s;
    }
    const char* nut_by_nut(const Adjuster& d, bool longer) const override {
        if (d.double_ended || d.thread != Thread::unknown) return nullptr;
        return longer
                   ? TR_NOOP(
                         "back the nut at its free end off by so much, then follow with the nut on the arm's "
                         "side of the bush")
                   : TR_NOOP(
                         "back the nut on the arm's side of the bush off by so much, then follow with the "
                         "nut "
                         "at its free end");
    }
    CornerMove move(const Adjuster& d, int, double turns) const override {
        const bool behind = d.runs_behind == Told::yes;
        const Link link = d.upper_arm == Told::yes ? (behind ? Link::uca_rear : Link::uca_front)
                                                   : (behind ? Link::lca_rear : Link::lca_front);
        return longer({link}, pitch_of(d) * turns);
    }
    int serves(const Adjuster&) const override { return serves_caster; }
    bool wants_jacking() const override { return false; }
    std::optional<Unsaid> unsaid(const Adjuster& d, const CarCard& car) const override {
        if (const auto arm = which_arm(d, car)) return arm;
        if (d.runs_behind == Told::unknown) return Unsaid{"runs"};
        return std::nullopt;
    }
};

const AdjustableArm adjustable_arm;
const RadiusRod radius_rod;

}  // namespace

std::span<const AdjusterKind* const> arms() {
    static constexpr std::array<const AdjusterKind*, 2> kinds = {&adjustable_arm, &radius_rod};
    return kinds;
}

}  // namespace fairchalk::adjusters
