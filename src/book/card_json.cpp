// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/entry_json.h"

#include <array>
#include <cmath>

#include "book/adjuster_json.h"
#include "book/node.h"
#include "core/job/rig.h"
#include "core/quantity/named.h"
#include "core/quantity/translatable.h"

namespace fairchalk::book {
namespace {

/// No car is shorter or longer: a unit is wrong.
constexpr double least_wheelbase_mm = 300.0, most_wheelbase_mm = 20'000.0;

AxleCard axle_from(const Node& n) {
    n.object();
    AxleCard a;
    if (n.has("rim_span")) a.rim_span = n["rim_span"].positive_length();
    if (n.has("track")) a.track = n["track"].positive_length();
    if (n.has("hub_width")) a.hub_width = n["hub_width"].positive_length();
    if (n.has("hub_width_sigma")) a.hub_width_sigma = n["hub_width_sigma"].positive_length();
    if (n.has("hub_height")) a.hub_height = n["hub_height"].positive_length();
    if (n.has("suspension"))
        a.suspension = n["suspension"].named<Suspension>(
            suspension_named,
            "double-wishbone, strut, beam, trailing-arm, semi-trailing-arm, multi-link, unknown");
    return a;
}

/// `{"front-left": "2.2 bar", …, "tolerance": "0.1 bar"}`
CornerSpec corners_from(const Node& n, Expect::Kind kind) {
    n.object();
    CornerSpec spec;
    for (Wheel w : all_wheels)
        if (n.has(name_of(w).data()))
            spec.at[static_cast<std::size_t>(index_of(w))] = n[name_of(w).data()].in(kind);
    if (n.has("tolerance")) spec.tolerance = n["tolerance"].in(kind);
    if (n.has("measured")) spec.measured_how = n["measured"].text();
    return spec;
}

Json corners_json(const CornerSpec& spec, bool pressure) {
    Json j = Json::object();
    const auto write = [&](double v) {
        return pressure ? write_exact_bar(v) : write_exact(Length::from_mm(v));
    };
    for (Wheel w : all_wheels)
        if (const auto& v = spec.at[static_cast<std::size_t>(index_of(w))])
            j[std::string(name_of(w))] = write(*v);
    if (spec.tolerance) j["tolerance"] = write(*spec.tolerance);
    if (!spec.measured_how.empty()) j["measured"] = spec.measured_how;
    return j;
}

}  // namespace

CarCard car_from(const Json& json, const std::string& place) {
    const Node n(json, place);
    n.object();
    CarCard car;
    if (n.has("name")) car.name = n["name"].text();
    if (n.has("wheelbase")) {
        car.wheelbase = n["wheelbase"].positive_length();
        if (car.wheelbase->mm() < least_wheelbase_mm || car.wheelbase->mm() > most_wheelbase_mm)
            wrong(n["wheelbase"].place(),
                  {Code::job_out_of_reach, {n["wheelbase"].text(), "300 mm to 20 m"}});
    }
    if (n.has("drive")) car.drive = drive_named(n["drive"].text()).value_or(Drive::unknown);
    if (n.has("steering")) car.steering = n["steering"].named<Steering>(steering_named, "rack, box, unknown");
    if (n.has("power_steering")) car.power_steering = n["power_steering"].yes_no();
    if (n.has("no_springs")) car.no_springs = n["no_springs"].yes_no();
    if (n.has("pressures")) car.pressures = corners_from(n["pressures"], Expect::Kind::pressure);
    if (n.has("ride_heights")) car.heights = corners_from(n["ride_heights"], Expect::Kind::length);
    if (n.has("load")) car.load = n["load"].text();
    if (n.has("torques")) {
        const Node list = n["torques"];
        for (std::size_t i = 0; i < list.list(); ++i) {
            TorqueOnCard t{list[i]["part"].text(), list[i]["torque"].text()};
            list[i]["torque"].quantity(Expect::Kind::torque);
            car.torques.push_back(t);
        }
    }
    for (Axle a : both_axles)
        if (n.has(name_of(a).data())) car.axle(a) = axle_from(n[name_of(a).data()]);
    if (n.has("same_wheels")) car.same_wheels = n["same_wheels"].yes_no() ? Told::yes : Told::no;
    if (n.has("steering_ratio")) {
        car.steering_ratio = n["steering_ratio"].number();
        if (!(*car.steering_ratio > 0))
            wrong(place + ".steering_ratio",
                  {Code::job_wrong_type, {TR_NOOP("a number not above zero"), TR_NOOP("a ratio like 16.2")}});
    }
    if (n.has("tin")) car.tin = shims_from(n["tin"]);
    if (n.has("adjusters")) {
        const Node list = n["adjusters"];
        for (std::size_t i = 0; i < list.list(); ++i) {
            car.adjusters.push_back(adjuster_from(list[i]));
            const std::string id = list[i]["id"].text();
            for (std::size_t k = 0; k < i; ++k)
                if (list[k]["id"].text() == id)
                    wrong(list[i].place() + ".id", {Code::job_duplicate_id, {cut_to(id, 60)}});
        }
    }
    return car;
}

Json json_of(const CarCard& car) {
    Json j = Json::object();
    j["name"] = car.name;
    if (car.wheelbase) j["wheelbase"] = write_exact(*car.wheelbase);
    for (Axle axle : both_axles) {
        const AxleCard& a = car.axle(axle);
        Json o = Json::object();
        if (a.rim_span) o["rim_span"] = write_exact(*a.rim_span);
        if (a.track) o["track"] = write_exact(*a.track);
        if (a.hub_width) {
            o["hub_width"] = write_exact(*a.hub_width);
            o["hub_width_sigma"] = write_exact(a.hub_width_sigma);
        }
        if (a.hub_height) o["hub_height"] = write_exact(*a.hub_height);
        if (a.suspension != Suspension::unknown) o["suspension"] = name_of(a.suspension);
        j[std::string(name_of(axle))] = o;
    }
    if (car.drive != Drive::unknown) j["drive"] = name_of(car.drive);
    if (car.steering != Steering::unknown) j["steering"] = name_of(car.steering);
    if (car.power_steering) j["power_steering"] = true;
    if (car.no_springs) j["no_springs"] = true;
    if (const Json p = corners_json(car.pressures, true); !p.empty()) j["pressures"] = p;
    if (const Json h = corners_json(car.heights, false); !h.empty()) j["ride_heights"] = h;
    if (!car.load.empty()) j["load"] = car.load;
    for (const TorqueOnCard& t : car.torques) {
        Json o = Json::object();
        o["part"] = t.part;
        o["torque"] = t.torque;
        j["torques"].push_back(o);
    }
    if (car.same_wheels != Told::unknown) j["same_wheels"] = car.same_wheels == Told::yes;
    if (car.steering_ratio) j["steering_ratio"] = *car.steering_ratio;
    Json list = Json::array();
    for (const Adjuster& a : car.adjusters) list.push_back(json_of(a));
    if (!list.empty()) j["adjusters"] = list;
    if (!car.tin.empty()) j["tin"] = shims_json(car.tin);
    return j;
}

}  // namespace fairchalk::book
