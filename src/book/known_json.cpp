// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/known_json.h"

#include <algorithm>
#include <array>
#include <cmath>

namespace fairchalk::book {
namespace {

constexpr std::array carried_names = {"toe", "camber", "caster"};

/// What is looked at, and the two ways in which it may be.
constexpr std::array<std::array<const char*, 3>, 6> seen_as = {{{"rod", "behind-axle", "ahead-of-axle"},
                                                                {"bolt", "strut-upper", "strut-lower"},
                                                                {"thread", "right", "left"},
                                                                {"arm", "lower", "upper"},
                                                                {"runs", "ahead", "behind"},
                                                                {"pushes", "out", "in"}}};

}  // namespace

Looked looked_from(const Node& n) {
    const std::string field =
        n["field"].word({"rod", "double_ended", "bolt", "wheel", "thread", "arm", "runs", "pushes", "at"});
    Looked l{n["adjuster"].text(), field, {}};
    const auto seen =
        std::find_if(seen_as.begin(), seen_as.end(), [&](const auto& one) { return one[0] == field; });
    if (seen != seen_as.end())
        l.value = n["value"].word({(*seen)[1], (*seen)[2]});
    else if (field == "at")
        l.value = write_exact(n["value"].angle());
    else if (field == "wheel")
        l.value = name_of(n["value"].wheel());
    else
        l.value = n["value"].yes_no() ? "true" : "false";
    return l;
}

void looked_json(const Looked& looked, Json& out) {
    out["adjuster"] = looked.adjuster;
    out["field"] = looked.field;
    if (looked.field == "double_ended")
        out["value"] = looked.value == "true";
    else
        out["value"] = looked.value;
}

AnglesCarried carried_from(const Node& n) {
    AnglesCarried c;
    if (n.has("from")) c.from = n["from"].text();
    const Node wheels = n["wheels"].object();
    for (Wheel w : all_wheels) {
        if (!wheels.has(name_of(w).data())) continue;
        const Node angles = wheels[name_of(w).data()].object();
        for (std::size_t a = 0; a < carried_names.size(); ++a)
            if (angles.has(carried_names[a])) {
                const Node k = angles[carried_names[a]].object();
                AnglesCarried::Known known{k["deg"].number(), k["sigma_deg"].number()};
                if (!(known.sigma_deg > 0.0) || std::abs(known.deg) > 45.0)
                    wrong(k.place(), {Code::job_out_of_reach, {std::to_string(known.deg)}});
                c.wheels[static_cast<std::size_t>(index_of(w))][a] = known;
            }
    }
    return c;
}

void carried_json(const AnglesCarried& carried, Json& out) {
    if (!carried.from.empty()) out["from"] = carried.from;
    out["wheels"] = Json::object();
    for (Wheel w : all_wheels)
        for (std::size_t a = 0; a < carried_names.size(); ++a)
            if (const auto& k = carried.wheels[static_cast<std::size_t>(index_of(w))][a])
                out["wheels"][std::string(name_of(w))][carried_names[a]] = {{"deg", k->deg},
                                                                            {"sigma_deg", k->sigma_deg}};
}

}  // namespace fairchalk::book
