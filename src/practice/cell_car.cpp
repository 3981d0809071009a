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
    d.pushes_in = d.runs_behind = d.upper_arm = Told::no;
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

/// Builds one car for a cell, and the card that its owner has of it.
class Builder {
  public:
    Builder(const Cell& cell, const SolidCar& solid, Rng& rng)
        : front_(cell.of(Factor::front)),
          rear_(cell.of(Factor::rear)),
          trouble_(cell.of(Factor::trouble)),
          rng_(rng) {
        built_.truth = solid.card();
        built_.truth.axle(Axle::front).suspension = tube_    ? Suspension::beam
                                                    : strut_ ? Suspension::strut
                                                             : Suspension::double_wishbone;
    }
    Built build() {
        front();
        rear();
        if (trouble_ == "card-silent") as_it_happens();
        for (Axle axle : both_axles) {
            const bool far = trouble_ == "far-off-drawing";
            const Corner c = corner_of(built_.truth, axle, far ? 40.0 : 25.0, far ? 35.0 : 22.0, rng_);
            for (Side s : both_sides) {
                Corner one = c;
                one.toe = Angle::from_deg(axle == Axle::front ? between(rng_, -0.8, 0.8)
                                                              : between(rng_, -0.35, 0.45));
                one.camber = Angle::from_deg(between(rng_, -1.8, 0.2));
                built_.corners[static_cast<std::size_t>(index_of(wheel_at(axle, s)))] = one;
            }
        }
        card();
        return std::move(built_);
    }

  private:
    void rod(Wheel w, bool runs_ahead, bool link);
    void front();
    void rear();
    void as_it_happens();
    void card();

    const std::string &front_, &rear_, &trouble_;
    Rng& rng_;
    const bool strut_ = front_ == "strut-top" || has(front_, "strut-bolt"), tube_ = has(front_, "tube");
    Built built_;
};

void Builder::rod(Wheel w, bool runs_ahead, bool link) {
    Adjuster r;
    r.id = at(link ? "link" : "rod", w);
    r.wheel = w;
    r.kind = link ? toe_link_kind : steering_rod_kind;
    r.rod = runs_ahead ? RodSide::ahead_of_axle : RodSide::behind_axle;
    r.pitch = Length::from_mm(1.5);
    built_.truth.adjusters.emplace_back(r);
}

void Builder::front() {
    CarCard& card = built_.truth;
    const bool ahead = front_ == "rods-ahead" || (trouble_ == "card-wrong" && toss(rng_));
    for (Side s : both_sides) {
        const Wheel w = wheel_at(Axle::front, s);
        if (front_ == "fixed" || tube_) continue;
        if (front_ == "one-rod" && s == Side::left) continue;
        rod(w, ahead, false);
        if (has(front_, "rod")) {
            if (front_ != "radius-rod") continue;
            Adjuster d = device_at("radius-rod", at("radius", w), w);
            d.pitch = Length::from_mm(1.5);
            card.adjusters.emplace_back(d);
            continue;
        }
        Adjuster d = device_at(front_, at("dev", w), w);
        if (has(front_, "strut-bolt")) {
            d.kind = "cam";
            d.bolt = front_ == "strut-bolt-upper" ? "strut-upper" : "strut-lower";
            d.bolt_spacing = Length::from_mm(60);
            d.eccentricity = Length::from_mm(3);
        } else if (front_ == "cam") {
            d.bolt = "both";
            d.upper_arm = Told::yes;
            d.eccentricity = Length::from_mm(6);
        } else if (front_ == "off-centre-bush") {
            d.bolt = "both";
            d.eccentricity = Length::from_mm(4);
            d.at_deg = 90.0;
        } else if (front_ == "adjustable-arm") {
            d.upper_arm = Told::yes;
            d.pitch = Length::from_mm(1.5);
        }
        card.adjusters.emplace_back(d);
    }
    if (tube_) {
        Adjuster t = device_at("cross-tube", "tube", Wheel::front_right);
        t.axle = Axle::front;
        t.rod = RodSide::behind_axle;
        t.pitch = Length::from_mm(1.5);
        t.double_ended = true;
        card.adjusters.emplace_back(t);
        if (front_ == "tube+drag-link") {
            Adjuster d = device_at("drag-link", "drag", Wheel::front_left);
            d.rod = RodSide::behind_axle;
            d.pitch = Length::from_mm(1.5);
            card.adjusters.emplace_back(d);
        }
    }
}

void Builder::rear() {
    CarCard& card = built_.truth;
    for (Side s : both_sides) {
        const Wheel w = wheel_at(Axle::rear, s);
        if (rear_ == "links-behind" || rear_ == "links-ahead") rod(w, rear_ == "links-ahead", true);
        if (rear_ == "trailing-arm-shims") {
            Adjuster d = device_at(rear_, at("shims", w), w);
            d.pivot_to_hub = Length::from_mm(430);
            d.stacks = {std::vector<ShimsOf>{{Length::from_mm(1), 3}, {Length::from_mm(0.5), 2}},
                        std::vector<ShimsOf>{{Length::from_mm(1), 2}, {Length::from_mm(0.5), 2}}};
            card.adjusters.emplace_back(d);
        }
        if (has(rear_, "toe-cams")) {
            Adjuster d = device_at("cam", at("toecam", w), w);
            d.angle = "toe";
            d.bolt = "both";
            d.rod = rear_ == "toe-cams-ahead" ? RodSide::ahead_of_axle : RodSide::behind_axle;
            d.eccentricity = Length::from_mm(5);
            card.adjusters.emplace_back(d);
        }
        if (rear_ == "rear-shims") card.adjusters.emplace_back(device_at("shim-pair", at("shims", w), w));
        if (rear_ == "rear-arms") {
            Adjuster d = device_at("adjustable-arm", at("arm", w), w);
            d.pitch = Length::from_mm(1.5);
            card.adjusters.emplace_back(d);
            rod(w, false, true);
        }
    }
}

/// What nobody says is not as it usually is: both wheels of an axle alike.
void Builder::as_it_happens() {
    for (Axle axle : both_axles) {
        const auto either = [&] { return toss(rng_) ? Told::yes : Told::no; };
        const Told pushes = either(), runs = either(), arm = strut_ ? Told::no : either();
        std::optional<double> stands;
        for (Adjuster& a : built_.truth.adjusters) {
            if (is_rod(a) || axle_of(wheel_of(a)) != axle) continue;
            if (a.at_deg && !stands) stands = 30.0 * std::uniform_int_distribution<>(-5, 6)(rng_);
            if (a.at_deg) a.at_deg = stands;
            a.pushes_in = pushes;
            a.runs_behind = runs;
            a.upper_arm = arm;
        }
    }
}

Corner corner_of(const CarCard& card, Axle axle, double off, double arm_sigma, Rng& rng) {
    const Suspension built_as = card.axle(axle).suspension;
    const Wheel w = wheel_at(axle, Side::left);
    Corner c;
    const Adjuster* leaner = nullptr;
    for (const Adjuster& a : card.adjusters)
        if (!is_rod(a) && wheel_of(a) == w) leaner = &a;
    const Adjuster* r = card.rod_at(w);
    if (!r) r = card.rod_at(wheel_at(axle, Side::right));
    if (built_as == Suspension::beam) {
        c = beam_corner();
    } else if (leaner) {
        c = adjuster_kind(leaner->kind)->corner(*leaner, card);
    } else if (r) {
        c = built_as == Suspension::strut ? sample_strut() : sample_wishbone();
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
        const double arm = std::clamp(130.0 + normal(rng, arm_sigma), 85.0, 200.0);
        place_rod(c, runs_ahead ? arm : -arm, between(rng, 0.3, 0.9), between(rng, 0, 15));
    }
    return c;
}

/// What its owner says of it: not all of it true, or said.
void Builder::card() {
    built_.card = built_.truth;
    for (Adjuster& a : built_.card.adjusters) {
        if (!is_rod(a) && trouble_ == "card-silent") {
            if (a.bolt.starts_with("strut")) a.bolt = "strut";
            if (adjuster_kind(a.kind)->across() && adjuster_kind(a.kind)->takes_along() != 0.0)
                a.wheel.reset();
            a.pushes_in = a.runs_behind = a.upper_arm = Told::unknown;
            a.at_deg.reset();
        }
        if (!is_rod(a) && trouble_ == "card-wrong" && axle_of(wheel_of(a)) == Axle::front) {
            for (const char* field : {"pushes", "runs", "arm"})
                if (const auto words = words_of(a, field); words.size() == 2) {
                    if (strut_ && std::string_view(field) == "arm") continue;
                    say_of(a, field, said_of(a, field) == words[0] ? words[1] : words[0]);
                    break;  // of a radius rod two would be right again
                }
        }
        if (!has_side(a)) continue;
        if (trouble_ == "card-wrong" && axle_of(wheel_of(a)) == Axle::front)
            a.rod = a.rod == RodSide::behind_axle ? RodSide::ahead_of_axle : RodSide::behind_axle;
        if (trouble_ == "card-silent") a.rod = RodSide::unknown;
    }
}

Built built(const Cell& cell, const SolidCar& solid, Rng& rng) {
    return Builder(cell, solid, rng).build();
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
