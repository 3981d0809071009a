// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cmath>
#include <string>
#include <utility>
#include <vector>

#include "core/advice/plan.h"
#include "core/degrees.h"

namespace fairchalk {

inline Adjuster device(const std::string& id, const std::string& kind, Wheel wheel = Wheel::front_left) {
    Adjuster d;
    d.id = id;
    d.kind = kind;
    d.wheel = wheel;
    d.pushes_in = d.runs_behind = d.upper_arm = Told::no;
    return d;
}

/// A car with one device a front side and rods, measured to be off, with targets.
struct TurnedJob {
    std::vector<Entry> log;
    void put(decltype(Entry::event) what) {
        Entry e;
        e.id = "e" + std::to_string(log.size());
        e.event = std::move(what);
        log.push_back(std::move(e));
    }
    CarCard car;
    TurnedJob() {
        car.wheelbase = Length::from_mm(2500);
        for (AxleCard& a : car.axles) a.rim_span = Length::from_mm(400), a.track = Length::from_mm(1450);
        for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
            Adjuster r;
            r.kind = steering_rod_kind;
            r.wheel = Wheel::front_left;
            r.id = w == Wheel::front_left ? "rod-fl" : "rod-fr";
            r.wheel = w;
            r.rod = RodSide::behind_axle;
            r.pitch = Length::from_mm(1.5);
            r.arm = Length::from_mm(130);
            car.adjusters.emplace_back(r);
        }
    }
    static Target target(Measure m, std::variant<std::monostate, Axle, Wheel> where, double aim, double tol) {
        Target t;
        t.measure = m;
        t.where = where;
        t.aim = Angle::from_deg(aim);
        t.lo = Angle::from_deg(aim - tol);
        t.hi = Angle::from_deg(aim + tol);
        return t;
    }
    void angle(ReadingId kind, Wheel w, double deg, double sigma = 0.02) {
        Reading r;
        r.spot = wheel_spot(kind, w);
        r.value.kind = QuantityKind::angle;
        r.value.value = deg;
        r.stated_sigma = sigma;
        put(r);
    }
    void turned(const std::string& adjuster, double turns, const std::string& kind = "",
                double second = 0.0) {
        put(Turn{adjuster, turns, false, true, second, kind});
    }
    void begin(std::vector<Target> targets) {
        put(CarEdit{car});
        put(TargetsEdit{std::move(targets)});
        put(RoundOpened{});
    }
    void all(double toe_l, double toe_r, double camber_l, double camber_r, double caster_l = NAN,
             double caster_r = NAN) {
        angle(ReadingId::toe_angle, Wheel::front_left, toe_l);
        angle(ReadingId::toe_angle, Wheel::front_right, toe_r);
        angle(ReadingId::toe_angle, Wheel::rear_left, 0);
        angle(ReadingId::toe_angle, Wheel::rear_right, 0);
        angle(ReadingId::camber, Wheel::front_left, camber_l);
        angle(ReadingId::camber, Wheel::front_right, camber_r);
        if (std::isnan(caster_l)) return;
        angle(ReadingId::caster, Wheel::front_left, caster_l, 0.05);
        angle(ReadingId::caster, Wheel::front_right, caster_r, 0.05);
    }
    Estimate estimated() const {
        EstimateOptions o;
        o.as_of_now = true;
        return estimate(job_of(log), o);
    }
    Plan plan(const PlanOptions& o = {}) const { return plan_turns(job_of(log), estimated(), o); }
    const PlannedTurn* turn(const Plan& p, const std::string& id) const {
        for (const PlannedTurn& t : p.turns)
            if (t.adjuster == id) return &t;
        return nullptr;
    }
};

}  // namespace fairchalk
