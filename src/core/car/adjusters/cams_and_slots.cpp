// SPDX-License-Identifier: GPL-3.0-or-later
#include <algorithm>
#include <array>
#include <cmath>
#include <numbers>

#include "core/car/adjusters/common.h"

namespace fairchalk::adjusters {
namespace {

bool at_arm(const Adjuster& d) {
    return !at_strut(d);
}

// One bolt of the two between strut and upright is moved: the upright turns about the other. Computed
// exactly; which bolt, and how far apart they are, decides nearly all of it.
constexpr double usual_bolts_apart = 60.0, bolts_apart_sigma = 10.0;  // mm
constexpr double lower_bolt_over_joint = 185.0;                       // mm, give or take 35
constexpr double by_bolt_height = 0.07;  // share of the effect that those 35 mm are worth

CornerMove lean_on_strut(const Adjuster& d, double outward) {
    const double apart = d.bolt_spacing.value_or(Length::from_mm(usual_bolts_apart)).mm();
    const bool lower = d.bolt == "strut-lower";
    CornerMove m;
    m.lean_on_strut = std::atan(outward / apart) * (lower ? -1.0 : 1.0);
    m.lean_about = lower_bolt_over_joint + (lower ? apart : 0.0);
    return m;
}

/// A spacing nobody measured, and a height that nobody asks for, beside what the corners' scatter is worth.
void widen_for_strut(const Adjuster& d, ResponsePrior& p) {
    const auto along = [&](double share) {
        const Eigen::VectorXd u = p.mean * share;
        p.covariance += u * u.transpose();
    };
    along(by_bolt_height);
    if (!d.bolt_spacing) along(bolts_apart_sigma / usual_bolts_apart);
}

std::vector<DeviceField> strut_bolt_fields(std::vector<std::string_view> others) {
    std::vector<std::string_view> words = {"strut-upper", "strut-lower", "strut"};
    words.insert(words.end(), others.begin(), others.end());
    return {
        {"bolt",
         DeviceField::Word{&Adjuster::bolt, words, {TR_NOOP("the upper bolt"), TR_NOOP("the lower bolt")}},
         TR_NOOP("which bolt of the two at the strut"), "", at_strut},
        {"bolt_spacing", DeviceField::Long{&Adjuster::bolt_spacing}, TR_NOOP("bolt to bolt"), "60 mm",
         at_strut}};
}

DeviceField height_field() {
    DeviceField f = length_field("joint_height", &Adjuster::joint_height,
                                 TR_NOOP("its height over the lower joint"), "640 mm");
    f.when = at_arm;
    return f;
}
std::vector<DeviceField> ends_of_slot() {
    return {{"least", DeviceField::End{false}, TR_NOOP("it still goes the other way"), "-6 mm"},
            {"most", DeviceField::End{true}, TR_NOOP("it still goes inward, rearward"), "6 mm"}};
}

/// An eccentric bolt: its point goes out by eccentricity x sine; of what it did near its middle, nothing is
/// left at the end of its travel.
class Cam : public AdjusterKind {
    static constexpr double end = 90.0;  ///< beyond it, it comes back
    /// Where nobody looked it stands within about 25 degrees of its middle: no more than so much at once, for
    /// which tan 25 tan (30 / 2), and what its sine's slope leaves open, are a fifth of the effect.
    static constexpr double at_once = 30.0, bends_unseen = 0.2;
    /// One sigma, degrees, of where it stood: turned on toward its end, that is soon all there is.
    static constexpr double unseen_start = 20.0;

    std::string_view name() const override { return "cam"; }
    std::vector<DeviceField> fields() const override {
        DeviceField arm = arm_field(), side = side_field(TR_NOOP("the arm that it sets lies"));
        arm.when = [](const Adjuster& d) { return at_arm(d) && d.angle != "toe"; };
        side.when = [](const Adjuster& d) { return d.angle == "toe"; };
        std::vector<DeviceField> out = {
            arm,
            side,
            length_field("eccentricity", &Adjuster::eccentricity, TR_NOOP("off its middle"), "5 mm"),
            {"at", DeviceField::Degrees{&Adjuster::at_deg, end},
             TR_NOOP("it stands, from its middle, outward +"), "0 deg"},
            {"step", DeviceField::Step{}, TR_NOOP("a mark or click"), "15 deg"},
            length_field("joint_height", &Adjuster::joint_height, nullptr, "")};
        for (DeviceField& f : strut_bolt_fields({"front", "rear", "both"})) out.push_back(f);
        return out;
    }
    std::vector<CardChoice> on_card(bool strut) const override {
        if (strut)
            return {
                {"cams", TR_NOOP("cams"), "toe", "both", {{"angle", "toe"}, {"bolt", "both"}}},
                {"strut-bolt", TR_NOOP("an eccentric bolt at the strut"), "camber", "", {{"bolt", "strut"}}},
                {"cams", TR_NOOP("cams"), "", "front", {{"bolt", "front"}}},
                {"cams", TR_NOOP("cams"), "", "rear", {{"bolt", "rear"}}}};
        return {{"cams", TR_NOOP("cams"), "toe", "both", {{"angle", "toe"}, {"bolt", "both"}}},
                {"cams", TR_NOOP("cams"), "", "front", {{"bolt", "front"}}},
                {"cams", TR_NOOP("cams"), "", "rear", {{"bolt", "rear"}}}};
    }
    KindWords words() const override {
        return {TR_NOOP("cam bolt"),
                TR_NOOP("An eccentric works most near the middle of its travel, and not at all at its end."),
                TR_NOOP("Mark where it stands, then free the nut while the head is held: it jumps."),
                TR_NOOP("Hold the head while the nut is tightened: it creeps."),
                nullptr,
                TR_NOOP("the bolt's head, toward you")};
    }
    KindWords words(const Adjuster& d) const override {
        KindWords w = words();
        if (at_strut(d)) {
            w.why = TR_NOOP(
                "The upright leans about the other bolt: camber, and toe goes along. It works most near "
                "the middle of its travel.");
            w.loosen = TR_NOOP(
                "Weight off the wheel; mark where it stands, then free the nuts of both strut bolts "
                "while the head is held.");
            w.locked = TR_NOOP(
                "Hold the head while the nut is tightened: it creeps. Then the other bolt's nut; both "
                "to the manual's torque.");
        } else if (d.angle == "toe") {
            w.why = TR_NOOP(
                "It moves the inner end of the arm that sets toe: most near the middle of its travel, and "
                "not at all at its end.");
        }
        return w;
    }
    std::vector<const char*> which(const Adjuster& d) const override {
        std::vector<const char*> out;
        if (d.bolt == "strut-upper") return {TR_NOOP("upper strut bolt, {0}")};
        if (d.bolt == "strut-lower") return {TR_NOOP("lower strut bolt, {0}")};
        if (at_strut(d)) return {TR_NOOP("strut bolt, {0}")};
        if (d.angle == "toe") return {TR_NOOP("toe {0}")};
        if (!d.bolt.empty())
            out.push_back(d.bolt == "rear"   ? TR_NOOP("rear {0}")
                          : d.bolt == "both" ? TR_NOOP("both {0}s")
                                             : TR_NOOP("front {0}"));
        if (d.upper_arm != Told::unknown)
            out.push_back(d.upper_arm == Told::yes ? TR_NOOP("upper {0}") : TR_NOOP("lower {0}"));
        return out;
    }
    Sketch sketch(const Adjuster& d, std::array<double, 2> by, Point size) const override {
        Sketch s;
        const Point at(90, size.y() / 2);
        const double r = 38;
        const auto tip = [](double degrees) {
            return Point(std::sin(degrees * one_degree), -std::cos(degrees * one_degree));
        };
        s.circle(outline, at, r);
        for (int k = -90; k <= 90; k += 15)
            s.line(detail, at + tip(k) * (r + 4), at + tip(k) * (r + (k % 45 == 0 ? 12 : 8)));
        const double stands = d.at_deg.value_or(0.0);
        s.line({Sketch::Ink::part, 2.2, true}, at, at + tip(stands) * r);
        s.line({Sketch::Ink::change, 3.2}, at, at + tip(stands + by[0]) * r);
        s.arc({Sketch::Ink::change, 3.2}, at, r - 12, 90.0 - stands, -by[0]);
        s.note(at + Point(-r - 44, -9), 28, TR_NOOP("in"));
        s.note(at + Point(r + 14, -9), 30, TR_NOOP("out"));
        s.note(at + Point(r + 22, -38), 220, TR_NOOP("dashed: as it stands"), Sketch::Align::left);
        s.note(at + Point(r + 22, 20), 220, TR_NOOP("marks every 15° from its middle"), Sketch::Align::left);
        return s;
    }
    std::vector<Handle> handles(const Adjuster& d) const override {
        const Handle plain = handle(d, "", HandleUnit::degree, "out", "in", 2.5, end);
        Handle h =
            !at_strut(d) ? with_words(plain, TR_NOOP("turn it {0} so that the arm goes out"),
                                      TR_NOOP("turn it {0} so that the arm comes in"))
            : d.bolt == "strut-lower"
                ? with_words(plain,
                             TR_NOOP("turn it {0} so that the bottom of the wheel goes out, the top in"),
                             TR_NOOP("turn it {0} so that the bottom of the wheel comes in, the top out"))
                : with_words(plain, TR_NOOP("turn it {0} so that the top of the wheel goes out"),
                             TR_NOOP("turn it {0} so that the top of the wheel comes in"));
        if (!d.least) h.least = -end - d.at_deg.value_or(0.0);
        if (!d.most) h.most = end - d.at_deg.value_or(0.0);
        if (!d.at_deg) h.at_once = at_once;
        return {h};
    }
    double travel(const Adjuster& d, double amount) const override {
        const double stands = d.at_deg.value_or(0.0);
        return (std::sin((stands + amount) * one_degree) - std::sin(stands * one_degree)) / one_degree;
    }
    double bends(const Adjuster& d) const override { return d.at_deg ? not_quite_linear : bends_unseen; }
    double aside(const Adjuster& d, double from, double to) const override {
        if (d.at_deg) return 0.0;
        return unseen_start * (std::cos(to * one_degree) - std::cos(from * one_degree));
    }
    void turned(Adjuster& d, std::array<double, 2> by) const override {
        AdjusterKind::turned(d, by);
        if (d.at_deg) d.at_deg = std::clamp(*d.at_deg + by[0], -end, end);
    }
    CornerMove move(const Adjuster& d, int, double amount) const override {
        const double mm = d.eccentricity.value_or(Length::from_mm(5.0)).mm() * travel(d, amount) * one_degree;
        // A cam that sets toe is at the inner end of the link that steers or holds the wheel.
        if (d.angle == "toe") return moved(Hardpoint::rod_inner, 0, mm);
        if (at_strut(d)) return lean_on_strut(d, mm);
        const bool upper = d.upper_arm == Told::yes;
        const Hardpoint front = upper ? Hardpoint::uca_front : Hardpoint::lca_front,
                        rear = upper ? Hardpoint::uca_rear : Hardpoint::lca_rear;
        CornerMove m = moved(d.bolt == "rear" ? rear : front, 0, mm);
        if (d.bolt == "both") m.at(rear).y() = mm;
        return m;
    }
    int serves(const Adjuster& d) const override {
        if (d.angle == "toe") return serves_toe;
        return at_strut(d) || d.bolt == "both" ? serves_camber : serves_camber | serves_caster;
    }
    ResponsePrior prior(const Adjuster& d, const CarCard& car) const override {
        ResponsePrior p = AdjusterKind::prior(d, car);
        if (at_strut(d)) widen_for_strut(d, p);
        return p;
    }
    bool sided(const Adjuster& d) const override { return d.angle == "toe"; }
    std::optional<Unsaid> unsaid(const Adjuster& d, const CarCard& car) const override {
        if (d.angle == "toe" && d.rod == RodSide::unknown) return Unsaid{"rod"};
        if (d.bolt == "strut") return Unsaid{"bolt"};
        return at_strut(d) || d.angle == "toe" ? std::nullopt : which_arm(d, car);
    }
    bool wants_jacking() const override { return false; }
    bool keeps_included_angle() const override { return false; }
    bool on_strut(const Adjuster& d, const CarCard& car) const override {
        return AdjusterKind::on_strut(d, car) || arm_below_strut(d, car);
    }
};

class StrutTop : public AdjusterKind {
    std::string_view name() const override { return "strut-top"; }
    std::vector<DeviceField> fields() const override {
        std::vector<DeviceField> out = ends_of_slot();
        out.insert(out.begin(), height_field());
        return out;
    }
    std::vector<CardChoice> on_card(bool) const override { return {{"top-plates", TR_NOOP("top plates")}}; }
    KindWords words() const override {
        return {
            TR_NOOP("strut top"),
            TR_NOOP("Inward at the top is camber toward negative; rearward is caster."),
            TR_NOOP("Weight off the wheel; the plate's nuts loosened, never the middle nut of the strut."),
            TR_NOOP("The plate's nuts crosswise to the manual's torque."),
            TR_NOOP("The nut in the middle holds the spring together: it stays on."),
            TR_NOOP("from above, over the wing, the car's front to the {0}")};
    }
    Sketch sketch(const Adjuster& d, std::array<double, 2> by, Point size) const override {
        Sketch s;
        const Point at(110, size.y() / 2);
        s.circle(outline, at, 46);
        for (double a : {0.5, 2.6, 4.7})
            s.box(outline, at + Point(60 * std::cos(a) - 11, 60 * std::sin(a) - 5), 22, 10,
                  Sketch::Fill::none, 5);
        s.circle(outline, at, 9);
        // The car's middle is up here.
        if (by[0] != 0.0) s.arrow(change, at, at + Point(0, by[0] > 0 ? -36 : 36));
        if (by[1] != 0.0) s.arrow(change, at, at + Point(by[1] > 0 ? -36 : 36, 0));
        s.note(at + Point(80, -36), 150, TR_NOOP("middle of the car ↑"), Sketch::Align::left);
        front_mark(s, at + Point(84, 2));
        return on_its_side(s, d, size);
    }
    std::vector<Handle> handles(const Adjuster& d) const override {
        return {with_words(handle(d, "in", HandleUnit::mm, "inward", "outward", 1.0, 12.0),
                           TR_NOOP("{0} inward"), TR_NOOP("{0} outward"), TR_NOOP("inward")),
                with_words(handle(d, "back", HandleUnit::mm, "rearward", "forward", 1.0, 12.0),
                           TR_NOOP("{0} rearward"), TR_NOOP("{0} forward"), TR_NOOP("rearward"))};
    }
    CornerMove move(const Adjuster&, int h, double mm) const override {
        return h == 0 ? moved(Hardpoint::top, 0, -mm) : moved(Hardpoint::top, -mm, 0);
    }
    int serves(const Adjuster&) const override { return serves_camber | serves_caster; }
    bool on_strut(const Adjuster&, const CarCard&) const override { return true; }
};

/// The joint slid along its slot at the arm, or the strut along its own at the upright: outward, the top of
/// the wheel goes with it.
class UpperJointSlot : public AdjusterKind {
    std::string_view name() const override { return "upper-joint-slot"; }
    std::vector<DeviceField> fields() const override {
        std::vector<DeviceField> out = ends_of_slot();
        out.insert(out.begin(), height_field());
        for (DeviceField& f : strut_bolt_fields({})) out.push_back(f);
        return out;
    }
    std::vector<CardChoice> on_card(bool strut) const override {
        CardChoice c{"slots", TR_NOOP("slots")};
        if (strut) c.set = {{"bolt", "strut"}};
        return {c};
    }
    KindWords words() const override {
        return {TR_NOOP("slot"),
                TR_NOOP("Outward along the slot takes the top of the wheel out."),
                TR_NOOP("Weight off; mark where the joint stands, then free its nuts."),
                TR_NOOP("Hold the joint at its mark while the nuts are tightened."),
                spring_flies,
                TR_NOOP("from above, the wheel to the right"),
                true};
    }
    KindWords words(const Adjuster& d) const override {
        KindWords w = words();
        if (at_strut(d)) {
            w.why = TR_NOOP("The upright leans about the other bolt: camber, and toe goes along.");
            w.loosen =
                TR_NOOP("Weight off the wheel; mark the upright against the strut, then free both nuts.");
            w.locked = TR_NOOP(
                "Hold the upright at its mark while both nuts are tightened, to the manual's torque.");
            w.caution = nullptr;
            w.seen_from = TR_NOOP("along the bolt, the wheel to the right");
        }
        return w;
    }
    Sketch sketch(const Adjuster&, std::array<double, 2> by, Point size) const override {
        Sketch s;
        const Point at(120, size.y() / 2), to = at + Point(std::clamp(by[0] * 8, -50.0, 50.0), 0);
        s.box(outline, at - Point(70, 17), 140, 34, Sketch::Fill::none, 17);
        s.circle({Sketch::Ink::part, 1.8, true}, at, 13);
        s.circle(change, to, 13);
        s.arrow(change, at + Point(0, 34), to + Point(0, 34));
        s.note(at + Point(-130, -44), 120, TR_NOOP("middle of the car"));
        s.note(at + Point(40, -44), 80, TR_NOOP("wheel"));
        return s;
    }
    std::vector<Handle> handles(const Adjuster& d) const override {
        const Handle plain = handle(d, "", HandleUnit::mm, "out", "in", 0.5, at_strut(d) ? 5.0 : 8.0);
        if (at_strut(d))
            return {with_words(plain, TR_NOOP("the upright {0} outward at this bolt"),
                               TR_NOOP("the upright {0} inward at this bolt"))};
        return {
            with_words(plain, TR_NOOP("{0} outward along the slot"), TR_NOOP("{0} inward along the slot"))};
    }
    CornerMove move(const Adjuster& d, int, double mm) const override {
        if (at_strut(d)) return lean_on_strut(d, mm);
        return longer({Link::uca_front, Link::uca_rear}, mm);
    }
    int serves(const Adjuster&) const override { return serves_camber; }
    ResponsePrior prior(const Adjuster& d, const CarCard& car) const override {
        ResponsePrior p = AdjusterKind::prior(d, car);
        if (at_strut(d)) widen_for_strut(d, p);
        return p;
    }
    std::optional<Unsaid> unsaid(const Adjuster& d, const CarCard&) const override {
        if (d.bolt == "strut") return Unsaid{"bolt"};
        return std::nullopt;
    }
    std::vector<const char*> which(const Adjuster& d) const override {
        if (d.bolt == "strut-upper") return {TR_NOOP("upper strut bolt, {0}")};
        if (d.bolt == "strut-lower") return {TR_NOOP("lower strut bolt, {0}")};
        return {};
    }
    bool keeps_included_angle() const override { return false; }
};

const Cam cam;
const UpperJointSlot upper_joint_slot;
const StrutTop strut_top;

}  // namespace

std::span<const AdjusterKind* const> cams_and_slots() {
    static constexpr std::array<const AdjusterKind*, 3> kinds = {&cam, &upper_joint_slot, &strut_top};
    return kinds;
}

}  // namespace fairchalk::adjusters
