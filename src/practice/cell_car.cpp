// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/cell_car.h"

#include <algorithm>
#include <cmath>
#include <utility>

#include "core/car/adjuster.h"
#include "practice/many_jobs.h"
#include "practice/sim_car.h"

namespace fairchalk::practice {
namespace {

Corner beam_corner() {
    Corner c = sample_wishbone();
    Corner b;
    b.kind = CornerKind::beam;
    for (Hardpoint p : points_of(CornerKind::beam)) b.at(p) = c.at(p);
    b.camber = c.camber;
    b.toe = c.toe;
    return b;
}

Adjuster device_at(const std::string& kind, const std::string& id, Wheel w) {
    Adjuster d;
    d.id = id;
    d.kind = kind;
    d.wheel = w;
    return d;
}

std::string at(const char* what, Wheel w) {
    return std::string(what) + "-" + std::string(name_of(w));
}

}  // namespace

LinesSet lines_of(const Cell& cell, const SolidCar& solid) {
    const std::string &rig = cell.of(Factor::rig), &lean = cell.of(Factor::lean);
    std::vector<std::string> rigs;
    if (rig == "both-sides")
        rigs = {"string-left", "string-right"};
    else if (rig == "boards+straightedge")
        rigs = {"toe-boards", "straightedge"};
    else if (rig == "boards+strings")
        rigs = {"toe-boards", "string-bars"};
    else
        rigs = {rig};
    if (lean == "camber-gap" || lean == "camber-plumb")
        rigs.push_back(lean);
    else if (has(lean, "gauge"))
        rigs.push_back("camber-gauge");
    if (lean == "gauge+sweep") rigs.push_back("caster-sweep");
    if (lean == "gap+sweep") rigs.insert(rigs.end(), {"camber-gap", "sweep-gap"});
    if (lean == "plumb+sweep") rigs.insert(rigs.end(), {"camber-plumb", "sweep-plumb"});
    if (lean == "gauge+swing") rigs.push_back("caster-swing");
    if (lean == "gauge+caster") rigs.push_back("caster-gauge");
    LinesSet l = solid.lines(std::move(rigs));
    l.tool = cell.of(Factor::tool) == "vernier"           ? "vernier"
             : cell.of(Factor::tool) == "steel-rule-inch" ? "steel-rule-inch"
                                                          : "steel-rule-mm";
    l.gauge = "digital-angle-gauge";
    l.sweep = usual_sweep;
    if (rig == "chassis-centreline")
        l.stations = {Length::from_mm(200), Length::from_mm(solid.wheelbase - 200)};
    return l;
}

Built built(const Cell& cell, const SolidCar& solid, Rng& rng) {
    const std::string &front = cell.of(Factor::front), &rear = cell.of(Factor::rear),
                      &trouble = cell.of(Factor::trouble);
    Built b;
    b.truth = solid.card();
    CarCard& card = b.truth;
    const bool strut = front == "strut-top" || has(front, "strut-bolt");
    const bool tube = has(front, "tube");
    card.axle(Axle::front).suspension = tube    ? Suspension::beam
                                        : strut ? Suspension::strut
                                                : Suspension::double_wishbone;
    const bool ahead = front == "rods-ahead" || (trouble == "card-wrong" && toss(rng));
    const auto rod = [&](Wheel w, bool runs_ahead, bool link) {
        Adjuster r;
        r.id = at(link ? "link" : "rod", w);
        r.wheel = w;
        r.kind = link ? toe_link_kind : steering_rod_kind;
        r.rod = runs_ahead ? RodSide::ahead_of_axle : RodSide::behind_axle;
        r.pitch = Length::from_mm(1.5);
        card.adjusters.emplace_back(r);
    };
    for (Side s : both_sides) {
        const Wheel w = wheel_at(Axle::front, s);
        if (front == "fixed" || tube) continue;
        if (front == "one-rod" && s == Side::left) continue;
        rod(w, ahead, false);
        if (has(front, "rod")) {
            if (front != "radius-rod") continue;
            Adjuster d = device_at("radius-rod", at("radius", w), w);
            d.pitch = Length::from_mm(1.5);
            card.adjusters.emplace_back(d);
            continue;
        }
        Adjuster d = device_at(front, at("dev", w), w);
        if (has(front, "strut-bolt")) {
            d.kind = "cam";
            d.bolt = front == "strut-bolt-upper" ? "strut-upper" : "strut-lower";
            d.bolt_spacing = Length::from_mm(60);
            d.eccentricity = Length::from_mm(3);
        } else if (front == "cam") {
            d.bolt = "both";
            d.upper_arm = true;
            d.eccentricity = Length::from_mm(6);
        } else if (front == "off-centre-bush") {
            d.bolt = "both";
            d.eccentricity = Length::from_mm(4);
            d.at_deg = 90.0;
        } else if (front == "adjustable-arm") {
            d.upper_arm = true;
            d.pitch = Length::from_mm(1.5);
        }
        card.adjusters.emplace_back(d);
    }
    if (tube) {
        Adjuster t = device_at("cross-tube", "tube", Wheel::front_right);
        t.axle = Axle::front;
        t.rod = RodSide::behind_axle;
        t.pitch = Length::from_mm(1.5);
        t.double_ended = true;
        card.adjusters.emplace_back(t);
        if (front == "tube+drag-link") {
            Adjuster d = device_at("drag-link", "drag", Wheel::front_left);
            d.rod = RodSide::behind_axle;
            d.pitch = Length::from_mm(1.5);
            card.adjusters.emplace_back(d);
        }
    }
    for (Side s : both_sides) {
        const Wheel w = wheel_at(Axle::rear, s);
        if (rear == "links-behind" || rear == "links-ahead") rod(w, rear == "links-ahead", true);
        if (rear == "trailing-arm-shims") {
            Adjuster d = device_at(rear, at("shims", w), w);
            d.pivot_to_hub = Length::from_mm(430);
            d.stacks = {std::vector<ShimsOf>{{Length::from_mm(1), 3}, {Length::from_mm(0.5), 2}},
                        std::vector<ShimsOf>{{Length::from_mm(1), 2}, {Length::from_mm(0.5), 2}}};
            card.adjusters.emplace_back(d);
        }
        if (has(rear, "toe-cams")) {
            Adjuster d = device_at("cam", at("toecam", w), w);
            d.angle = "toe";
            d.bolt = "both";
            d.rod = rear == "toe-cams-ahead" ? RodSide::ahead_of_axle : RodSide::behind_axle;
            d.eccentricity = Length::from_mm(5);
            card.adjusters.emplace_back(d);
        }
        if (rear == "rear-shims") card.adjusters.emplace_back(device_at("shim-pair", at("shims", w), w));
        if (rear == "rear-arms") {
            Adjuster d = device_at("adjustable-arm", at("arm", w), w);
            d.pitch = Length::from_mm(1.5);
            card.adjusters.emplace_back(d);
            rod(w, false, true);
        }
    }
    // The corners: both sides of an axle built to one drawing, which is not the prior's.
    const double off = trouble == "far-off-drawing" ? 40.0 : 25.0;
    for (Axle axle : both_axles) {
        const Wheel w = wheel_at(axle, Side::left);
        Corner c;
        const Adjuster* leaner = nullptr;
        for (const Adjuster& a : card.adjusters)
            if (!is_rod(a) && wheel_of(a) == w) leaner = &a;
        const Adjuster* r = card.rod_at(w);
        if (!r) r = card.rod_at(wheel_at(axle, Side::right));
        if (axle == Axle::front && tube) {
            c = beam_corner();
        } else if (leaner) {
            c = adjuster_kind(leaner->kind)->corner(*leaner, card);
        } else if (r) {
            c = strut && axle == Axle::front ? sample_strut() : sample_wishbone();
        } else {
            c.kind = CornerKind::fixed;
            c.at(Hardpoint::hub) = {0, 720, 305};
        }
        if (c.kind != CornerKind::fixed && c.kind != CornerKind::trailing_arm)
            for (Hardpoint p : points_of(c.kind))
                if (p != Hardpoint::hub && p != Hardpoint::strut_low && c.kind != CornerKind::beam)
                    c.at(p) += Eigen::Vector3d(between(rng, -off, off), between(rng, -off, off),
                                               between(rng, -off, off));
        if (c.kind == CornerKind::strut) {
            const Eigen::Vector3d top = c.at(Hardpoint::top), low = c.at(Hardpoint::lower);
            c.at(Hardpoint::strut_low) = low + Eigen::Vector3d(0, -40, 200);
            // The sample's axis: through the top.
            c.at(Hardpoint::strut_low) = top + (c.at(Hardpoint::strut_low) - top) * 0.9;
        }
        if (has_rod(c.kind)) {
            bool runs_ahead = r ? r->rod == RodSide::ahead_of_axle : false;
            if (leaner && leaner->rod != RodSide::unknown) runs_ahead = leaner->rod == RodSide::ahead_of_axle;
            const double arm =
                std::clamp(130.0 + normal(rng, trouble == "far-off-drawing" ? 35.0 : 22.0), 85.0, 200.0);
            place_rod(c, runs_ahead ? arm : -arm, between(rng, 0.3, 0.9), between(rng, 0, 15));
        }
        for (Side s : both_sides) {
            Corner one = c;
            one.toe =
                Angle::from_deg(axle == Axle::front ? between(rng, -0.8, 0.8) : between(rng, -0.35, 0.45));
            one.camber = Angle::from_deg(between(rng, -1.8, 0.2));
            b.corners[static_cast<std::size_t>(index_of(wheel_at(axle, s)))] = one;
        }
    }
    b.card = card;
    for (Adjuster& a : b.card.adjusters) {
        if (Adjuster* d = &a; !is_rod(a) && trouble == "card-silent") {
            if (d->bolt.starts_with("strut")) d->bolt = "strut";
            if (adjuster_kind(d->kind)->across() && adjuster_kind(d->kind)->takes_along() != 0.0)
                d->wheel.reset();
        }
        if (!has_side(a)) continue;
        if (trouble == "card-wrong" && axle_of(wheel_of(a)) == Axle::front)
            a.rod = a.rod == RodSide::behind_axle ? RodSide::ahead_of_axle : RodSide::behind_axle;
        if (trouble == "card-silent") a.rod = RodSide::unknown;
    }
    return b;
}

std::vector<Target> targets_of(const Cell& cell, const SolidCar& solid) {
    const std::string& form = cell.of(Factor::target);
    const double toe = cell.of(Factor::tool) == "vernier" ? 0.12 : 0.2;
    const double camber = std::round((solid.camber[0] + solid.camber[1]) * 5) / 10,
                 caster = std::round((solid.caster[0] + solid.caster[1]) * 5) / 10;
    std::vector<Target> out;
    if (form == "total-front" || form == "total-both" || form == "camber+toe" || form == "all")
        out.push_back(target_about(Measure::total_toe, Axle::front, 0.1, toe));
    if (form == "wide-total") out.push_back(target_about(Measure::total_toe, Axle::front, 0.1, 0.5));
    if (form == "total-both" || form == "rear-toe" || form == "all")
        out.push_back(target_about(Measure::total_toe, Axle::rear, 0.2, toe));
    if (form == "toe-each") out.push_back(target_about(Measure::toe, Axle::front, 0.05, toe));
    if (form == "thrust") {
        out.push_back(target_about(Measure::thrust, std::monostate{}, 0.0, 0.15));
        out.push_back(target_about(Measure::total_toe, Axle::rear, 0.2, toe));
    }
    if (form == "camber-only" || form == "camber+toe" || form == "all")
        out.push_back(target_about(Measure::camber, Axle::front, camber, 0.5));
    if (form == "all") out.push_back(target_about(Measure::caster, Axle::front, caster, 0.75));
    if (form == "cross-camber") out.push_back(target_about(Measure::cross_camber, Axle::front, 0.0, 0.4));
    return out;
}

}  // namespace fairchalk::practice
