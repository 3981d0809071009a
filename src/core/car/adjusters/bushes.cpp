// SPDX-License-Identifier: GPL-3.0-or-later
#include <cmath>

#include "core/car/adjusters/common.h"

namespace fairchalk::adjusters {
namespace {

/// A bush in the upper arm whose sleeve sits off centre: with its thick side outward (0 degrees) the arm
/// stands farthest out, and turning the sleeve takes it in by eccentricity x cosine. Up and down it goes by
/// the sine, which tells on camber only as far as the arm leans.
class OffCentreBush : public AdjusterKind {
    static constexpr double round = 180.0;

    std::string_view name() const override { return "off-centre-bush"; }
    std::vector<DeviceField> fields() const override {
        return {{"bolt", DeviceField::Word{&Adjuster::bolt, {"front", "rear", "both"}}},
                length_field("eccentricity", &Adjuster::eccentricity, TR_NOOP("off its middle"), "3 mm"),
                {"at", DeviceField::Degrees{&Adjuster::at_deg, round},
                 TR_NOOP("its thick side stands, 0 outward, 90 up"), "0 deg"},
                {"step", DeviceField::Step{}, TR_NOOP("a step of its flats"), "30 deg"},
                length_field("joint_height", &Adjuster::joint_height, nullptr, ""),
                length_field("bolt_spacing", &Adjuster::bolt_spacing, nullptr, "")};
    }
    std::vector<CardChoice> on_card(bool strut) const override {
        if (strut) return {};
        const char* says = TR_NOOP("off-center bushes");
        return {{"bushes", says, "camber", "both", {{"bolt", "both"}}},
                {"bushes", says, "", "front", {{"bolt", "front"}}},
                {"bushes", says, "", "rear", {{"bolt", "rear"}}}};
    }
    KindWords words() const override {
        return {
            TR_NOOP("off-center bush"),
            TR_NOOP(
                "With its thick side outward the arm stands farthest out; turned away from there, the top of "
                "the wheel comes in."),
            TR_NOOP(
                "Weight off; mark where the thick side stands, slacken the pivot bolt until the sleeve is "
                "free, and turn it by its flats."),
            TR_NOOP("The pivot bolt only with the car at its ride height, so that the rubber is not twisted, "
                    "to the manual's torque."),
            spring_flies,
            TR_NOOP("the end of the sleeve, along the pivot, out to the right"),
            true};
    }
    std::vector<const char*> which(const Adjuster& d) const override {
        return {d.bolt == "both"   ? TR_NOOP("both upper {0}es")
                : d.bolt == "rear" ? TR_NOOP("rear upper {0}")
                                   : TR_NOOP("front upper {0}")};
    }
    std::optional<Unsaid> unsaid(const Adjuster& d, const CarCard&) const override {
        if (!d.at_deg) return Unsaid{"at"};
        return std::nullopt;
    }
    Sketch sketch(const Adjuster& d, std::array<double, 2> by, Point size) const override {
        Sketch s;
        const Point middle(96, size.y() / 2);
        const double r = 33, off = 10, stands = d.at_deg.value_or(0.0);
        const auto towards = [](double degrees) {
            return Point(std::cos(degrees * one_degree), -std::sin(degrees * one_degree));
        };
        s.circle(outline, middle, r);
        for (int k = 0; k < 360; k += 30)
            s.line(detail, middle + towards(k) * (r + 3), middle + towards(k) * (r + 9));
        // The sleeve lies away from the thick side.
        s.circle({Sketch::Ink::part, 2.0, true}, middle - towards(stands) * off, 12);
        s.circle({Sketch::Ink::change, 3.0}, middle - towards(stands + by[0]) * off, 12);
        s.line({Sketch::Ink::part, 2.2, true}, middle, middle + towards(stands) * r);
        s.line({Sketch::Ink::change, 3.2}, middle, middle + towards(stands + by[0]) * r);
        if (by[0] != 0.0) s.arc({Sketch::Ink::change, 3.0}, middle, r - 8, stands, by[0]);
        s.note(middle + Point(r + 14, -9), 40, TR_NOOP("out"), Sketch::Align::left);
        s.note(middle + Point(-20, -r - 27), 40, TR_NOOP("up"));
        s.note(middle + Point(r + 60, -20), 200, TR_NOOP("the line: its thick side"), Sketch::Align::left);
        s.note(middle + Point(r + 60, 4), 200, TR_NOOP("dashed: as it stands"), Sketch::Align::left);
        return s;
    }
    std::vector<Handle> handles(const Adjuster& d) const override {
        return {with_words(handle(d, "", HandleUnit::degree, "up", "down", 30.0, round),
                           TR_NOOP("turn it {0}, its thick side going out, up, in, down"),
                           TR_NOOP("turn it {0}, its thick side going out, down, in, up"))};
    }
    double travel(const Adjuster& d, double amount) const override {
        const double stands = d.at_deg.value_or(0.0);
        return (std::cos((stands + amount) * one_degree) - std::cos(stands * one_degree)) / one_degree;
    }
    double aside(const Adjuster& d, double from, double to) const override {
        // Of what it goes up and down, as much as arms lean at their ride height: some five degrees.
        constexpr double leans = 0.1;
        const double stands = d.at_deg.value_or(0.0);
        return leans * (std::sin((stands + to) * one_degree) - std::sin((stands + from) * one_degree)) /
               one_degree;
    }
    std::array<double, 2> works_best(const Adjuster& d) const override {
        const double stands = d.at_deg.value_or(0.0);
        return {60.0 - stands, 120.0 - stands};  // where it goes in and out, and as far up as down
    }
    void turned(Adjuster& d, std::array<double, 2> by) const override {
        AdjusterKind::turned(d, by);
        d.at_deg = std::remainder(d.at_deg.value_or(0.0) + by[0], 2 * round);
    }
    CornerMove move(const Adjuster& d, int, double amount) const override {
        const double e = d.eccentricity.value_or(Length::from_mm(3.0)).mm(), stands = d.at_deg.value_or(0.0);
        const double out = e * travel(d, amount) * one_degree,
                     up = e * (std::sin((stands + amount) * one_degree) - std::sin(stands * one_degree));
        CornerMove m;
        if (d.bolt != "rear") m.at(Hardpoint::uca_front) = Eigen::Vector3d(0, out, up);
        if (d.bolt != "front") m.at(Hardpoint::uca_rear) = Eigen::Vector3d(0, out, up);
        return m;
    }
    int serves(const Adjuster& d) const override {
        return d.bolt == "both" ? serves_camber : serves_camber | serves_caster;
    }
    bool at_upper_arm(const Adjuster&) const override { return true; }
};

}  // namespace

std::span<const AdjusterKind* const> bushes() {
    static const OffCentreBush bush;
    static const std::array<const AdjusterKind*, 1> all = {&bush};
    return all;
}

}  // namespace fairchalk::adjusters
