// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/season_memory.h"

#include <filesystem>

namespace fairchalk::book {
namespace {

/// Another build may reckon otherwise.
std::string this_program() {
    static const std::string stamp = [] {
        std::error_code error;
        const std::filesystem::path self = "/proc/self/exe";
        const auto size = std::filesystem::file_size(self, error);
        const auto time = std::filesystem::last_write_time(self, error).time_since_epoch().count();
        return std::to_string(size) + "-" + std::to_string(time);
    }();
    return stamp;
}

KnownAngle* angle_of(Estimate& e, const CarAngle& a) {
    return const_cast<KnownAngle*>(std::as_const(e).find(a));  // `e` is ours to write
}

Json angles_json(const Estimate& e) {
    Json out = Json::array();
    for (const CarAngle& a : angles_of_a_car()) {
        const KnownAngle* k = e.find(a);
        out.push_back(k && k->known ? Json::array({k->value.deg(), k->sigma.deg()}) : Json());
    }
    return out;
}
Estimate angles_from(const Json& j) {
    Estimate e;
    std::size_t n = 0;
    for (const CarAngle& a : angles_of_a_car()) {
        const Json& one = j.at(n++);
        if (one.is_null()) continue;
        KnownAngle& k = *angle_of(e, a);
        k.known = true;
        k.value = Angle::from_deg(one.at(0));
        k.sigma = Angle::from_deg(one.at(1));
    }
    return e;
}

Json three(const std::array<std::optional<double>, 3>& v) {
    Json out = Json::array();
    for (const auto& one : v) out.push_back(one ? Json(*one) : Json());
    return out;
}
std::array<std::optional<double>, 3> three_from(const Json& j) {
    std::array<std::optional<double>, 3> out;
    for (std::size_t i = 0; i < 3; ++i)
        if (!j.at(i).is_null()) out[i] = j.at(i).get<double>();
    return out;
}

Json responses_json(const Estimate& e) {
    Json out = {{"rods", Json::array()}, {"devices", Json::array()}};
    for (const RodResponse& r : e.responses)
        if (r.turns_seen > 0)
            out["rods"].push_back({r.rod, r.per_turn.deg(), r.per_turn_sigma.deg(), r.turns_seen});
    for (const DeviceResponse& r : e.device_responses)
        if (r.turns_seen > 0)
            out["devices"].push_back({r.device, r.handle, r.effect.handle, index_of(r.effect.wheel),
                                      index_of(r.effect.angle), r.per_unit.deg(), r.sigma.deg(),
                                      r.turns_seen});
    return out;
}
void responses_from(const Json& j, Estimate& e) {
    for (const Json& r : j.at("rods")) {
        RodResponse out;
        out.rod = r.at(0);
        out.per_turn = Angle::from_deg(r.at(1));
        out.per_turn_sigma = Angle::from_deg(r.at(2));
        out.turns_seen = r.at(3);
        e.responses.push_back(out);
    }
    for (const Json& r : j.at("devices")) {
        DeviceResponse out;
        out.device = r.at(0);
        out.handle = r.at(1);
        out.effect = {r.at(2), static_cast<Wheel>(r.at(3).get<int>()),
                      static_cast<WheelAngle>(r.at(4).get<int>())};
        out.per_unit = Angle::from_deg(r.at(5));
        out.sigma = Angle::from_deg(r.at(6));
        out.turns_seen = r.at(7);
        e.device_responses.push_back(out);
    }
}

}  // namespace

std::string season_fact(const std::string& car, bool practice) {
    return (practice ? "season-practice:" : "season:") + car;
}

std::string remembered(const std::vector<Visit>& season) {
    Json out = {{"program", this_program()}, {"visits", Json::object()}};
    for (const Visit& v : season) {
        Json j = {{"last", v.info.last},
                  {"at", v.info.created},
                  {"day", v.angles.day},
                  {"read", v.read},
                  {"turned", v.turned},
                  {"happened", v.happened},
                  {"sheets", v.sheets},
                  {"left", angles_json(v.angles.left)},
                  {"responses", responses_json(v.angles.left)},
                  {"tires", Json::array()},
                  {"again", Json::array()}};
        // Where nothing was turned it was left as it was found.
        if (Json found = angles_json(v.angles.found); found != j["left"]) j["found"] = std::move(found);
        if (v.km) j["km"] = *v.km;
        for (const TireRead& t : v.tires) j["tires"].push_back({three(t.depth), three(t.temperature)});
        for (const LookAgain& a : v.again) j["again"].push_back({a.when, a.why});
        out["visits"][v.info.id] = std::move(j);
    }
    return out.dump();
}

std::map<std::string, Visit> recalled(const std::string& text) {
    std::map<std::string, Visit> out;
    const Json all = Json::parse(text, nullptr, false);
    if (!all.is_object() || !all.contains("program") || all["program"] != this_program()) return out;
    try {
        for (const auto& [job, j] : all.at("visits").items()) {
            Visit v;
            v.whole = false;
            v.info.id = job;
            v.info.last = j.at("last");
            v.info.created = j.at("at");
            v.angles.day = j.at("day");
            v.read = j.at("read");
            v.turned = j.at("turned");
            v.happened = j.at("happened");
            v.sheets = j.at("sheets");
            v.angles.found = angles_from(j.at(j.contains("found") ? "found" : "left"));
            v.angles.left = angles_from(j.at("left"));
            responses_from(j.at("responses"), v.angles.left);
            if (j.contains("km")) v.km = j.at("km").get<double>();
            for (std::size_t w = 0; w < 4; ++w)
                v.tires[w] = {three_from(j.at("tires").at(w).at(0)), three_from(j.at("tires").at(w).at(1))};
            for (const Json& a : j.at("again")) v.again.push_back({a.at(0), a.at(1)});
            out.emplace(job, std::move(v));
        }
    } catch (const Json::exception&) {
        out.clear();  // not as this program writes it: nothing is remembered
    }
    return out;
}

}  // namespace fairchalk::book
