// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/written_card.h"

#include <algorithm>
#include <charconv>
#include <map>

#include "book/adjuster_json.h"
#include "core/quantity/typed_words.h"

namespace fairchalk::book {
namespace {

constexpr int most_of_a_kind = 500;

const Json* found(const Json& in, const WrittenCard::Path& path) {
    const Json* at = &in;
    for (const std::string& key : path) {
        if (!at->is_object() || !at->contains(key)) return nullptr;
        at = &(*at)[key];
    }
    return at;
}

bool is_steering_rod(const Json& a) {
    return a.value("kind", "") == steering_rod_kind;
}

/// Of a rod or toe link, its wheel.
std::optional<Wheel> rod_wheel(const Json& a) {
    const std::string kind = a.value("kind", "");
    if (kind != steering_rod_kind && kind != toe_link_kind) return std::nullopt;
    return wheel_named(a.value("wheel", ""));
}

constexpr const char* by_rods = "rods";

/// A rod or toe link of which only its wheel is known.
Json usual_rod(Wheel w) {
    const bool front = axle_of(w) == Axle::front;
    return {{"id", std::string(front ? "rod-f" : "link-r") + (side_of(w) == Side::left ? 'l' : 'r')},
            {"kind", front ? steering_rod_kind : toe_link_kind},
            {"wheel", name_of(w)},
            {"step", "1/8 turn"}};
}

/// The list under that name; empty where there is none.
Json list_of(const Json& card, const char* name) {
    return card.contains(name) && card[name].is_array() ? card[name] : Json::array();
}

/// The adjusters that all that is said under `adjust` asks for, by id.
std::map<std::string, Json> wanted_by(const WrittenCard& card) {
    std::map<std::string, Json> out;
    const Json* adjust = card.at({"adjust"});
    if (!adjust || !adjust->is_object()) return out;
    for (const auto& [wheel, angles] : adjust->items()) {
        const auto w = wheel_named(wheel);
        if (!w || !angles.is_object()) continue;
        for (const auto& [angle, value] : angles.items())
            for (const Meant& m : card.choices_for(*w, angle))
                if (value == m.choice.word) {
                    const Json d = m.json(*w);
                    out[d["id"]] = d;
                }
    }
    return out;
}

}  // namespace

Json Meant::json(Wheel w) const {
    std::string id(kind->name());
    if (!kind->across())
        id += (choice.tag.empty() ? "" : "-" + std::string(choice.tag)) + "-" + std::string(name_of(w));
    const Wheel at = kind->across() ? wheel_at(axle_of(w), kind->usual_side()) : w;
    Json d = {{"id", id}, {"kind", kind->name()}, {"wheel", name_of(at)}};
    for (const auto& [key, word] : choice.set) d[std::string(key)] = word == "true" ? Json(true) : Json(word);
    return d;
}

bool Meant::serves(Wheel w, WheelAngle angle) const {
    const Json d = json(w);
    return (serves_of(adjuster_from(Node(d, {}))) & bit_of(angle)) != 0;
}

CarCard WrittenCard::card() const {
    return car_from(json_, "car");
}

const Json* WrittenCard::at(const Path& path) const {
    return found(json_, path);
}

void WrittenCard::put(const Path& path, Json value) {
    Json* at = &json_;
    for (const std::string& key : path) at = &(*at)[key];
    *at = std::move(value);
}

const Json* WrittenCard::of_adjuster(const std::string& id, const Path& path) const {
    const Json* list = at({"adjusters"});
    if (!list || !list->is_array()) return nullptr;
    for (const Json& a : *list)
        if (a.value("id", "") == id) return found(a, path);
    return nullptr;
}

void WrittenCard::put_of_adjuster(const std::string& id, const Path& path, const Json& value) {
    if (!json_.contains("adjusters")) return;
    for (Json& a : json_["adjusters"]) {
        if (a.value("id", "") != id) continue;
        Json* at = &a;
        for (const std::string& key : path) at = &(*at)[key];
        *at = value;
    }
}

const Json* WrittenCard::of_rods(const std::string& field) const {
    const Json* list = at({"adjusters"});
    if (!list || !list->is_array()) return nullptr;
    for (const Json& a : *list)
        if (is_steering_rod(a) && a.contains(field)) return &a[field];
    return nullptr;
}

void WrittenCard::put_of_rods(const std::string& field, const Json& value) {
    Json& list = json_["adjusters"];
    if (!list.is_array()) list = Json::array();
    if (std::none_of(list.begin(), list.end(), is_steering_rod))
        for (const Wheel w : {Wheel::front_left, Wheel::front_right}) list.push_back(usual_rod(w));
    for (Json& a : list)
        if (is_steering_rod(a)) a[field] = value;
}

void WrittenCard::looked(const std::vector<Looked>& facts) {
    for (const Looked& l : facts)
        put_of_adjuster(l.adjuster, {l.field},
                        l.field == "double_ended" ? Json(l.value == "true") : Json(l.value));
}

std::vector<Meant> WrittenCard::choices_for(Wheel w, const std::string& angle) const {
    std::vector<Meant> out, for_any;
    const Json* suspension = at({std::string(name_of(axle_of(w))), "suspension"});
    const bool struts = suspension && *suspension == name_of(Suspension::strut);
    const bool rear = axle_of(w) == Axle::rear;
    for (const AdjusterKind* kind : adjuster_kinds()) {
        if (kind->across() && rear) continue;  // what joins both wheels of an axle steers the front ones
        for (const CardChoice& c : kind->on_card(struts))
            if (c.angle.empty() || c.angle == angle) (c.angle.empty() ? for_any : out).push_back({kind, c});
    }
    // What is for this very angle comes before what is for any.
    const std::size_t own = out.size();
    for (Meant& m : for_any)
        if (std::none_of(out.begin(), out.begin() + static_cast<std::ptrdiff_t>(own),
                         [&](const Meant& o) { return o.choice.word == m.choice.word; }))
            out.push_back(std::move(m));
    return out;
}

void WrittenCard::adjusted_by(Wheel w, const std::string& angle, const std::string& word) {
    Json& adjust = json_["adjust"];
    const std::string wheel(name_of(w)), none = "none-" + wheel + "-" + angle;
    // What joins both wheels is said of both, and no more of either where one of them is told otherwise.
    const Wheel other = wheel_at(axle_of(w), side_of(w) == Side::left ? Side::right : Side::left);
    const auto joins = [&](const std::string& said) {
        const auto can = choices_for(w, angle);
        return std::any_of(can.begin(), can.end(),
                           [&](const Meant& m) { return m.kind->across() && m.choice.word == said; });
    };
    const Json* beside = at({"adjust", std::string(name_of(other)), angle});
    if (joins(word) || (beside && beside->is_string() && joins(beside->get<std::string>())))
        adjust[std::string(name_of(other))][angle] = word;
    adjust[wheel][angle] = word;

    // That an angle has no adjuster is one of the adjusters of the job file.
    Json list = Json::array();
    for (const Json& a : list_of(json_, "adjusters"))
        if (a.value("id", "") != none) list.push_back(a);
    if (word == "none") list.push_back({{"id", none}, {"kind", "none"}, {"angle", angle}, {"wheel", wheel}});

    const auto wanted = wanted_by(*this);
    // Its own adjusters are unmade with the word that made them, a rod where another word is said of its toe.
    const auto stays = [&](const Json& a) {
        const std::string kind = a.value("kind", ""), id = a.value("id", "");
        if (!adjuster_kind(kind)) return true;
        if (const auto rod_at = rod_wheel(a); rod_at && angle == "toe") {
            const Json* said = at({"adjust", std::string(name_of(*rod_at)), angle});
            return !said || *said == by_rods || (*rod_at != w && *rod_at != other);
        }
        return wanted.contains(id) || !id.starts_with(kind);
    };
    Json kept = Json::array(), unmade = list_of(json_, "unmade");
    for (const Json& a : list) (stays(a) ? kept : unmade).push_back(a);
    // What was there before comes back as it was.
    const auto make = [&](Json fresh, const auto& same) {
        if (std::any_of(kept.begin(), kept.end(), same)) return;
        if (const auto it = std::find_if(unmade.begin(), unmade.end(), same); it != unmade.end()) {
            fresh = *it;
            unmade.erase(it);
        }
        kept.push_back(std::move(fresh));
    };
    for (const auto& [id, json] : wanted)
        make(json, [&id = id](const Json& a) { return a.value("id", "") == id; });
    if (angle == "toe" && word == by_rods)
        for (const Wheel at_wheel : {wheel_at(axle_of(w), Side::left), wheel_at(axle_of(w), Side::right)}) {
            const Json* said = at({"adjust", std::string(name_of(at_wheel)), angle});
            if (said && *said == by_rods)
                make(usual_rod(at_wheel), [&](const Json& a) { return rod_wheel(a) == at_wheel; });
        }
    json_["adjusters"] = kept;
    if (unmade.empty())
        json_.erase("unmade");
    else
        json_["unmade"] = unmade;
}

void WrittenCard::put_torque(const std::string& part, const std::string& torque) {
    Json list = Json::array();
    for (const Json& t : list_of(json_, "torques"))
        if (t.value("part", "") != part) list.push_back(t);
    list.push_back({{"part", part}, {"torque", torque}});
    json_["torques"] = list;
}

void WrittenCard::add_note(const std::string& note) {
    Json list = list_of(json_, "notes");
    if (json_.contains("notes") && json_["notes"].is_string()) list.push_back(json_["notes"]);
    list.push_back(note);
    json_["notes"] = list;
}

std::string WrittenCard::set_up() const {
    const Json* in_use = at({"setup_in_use"});
    return in_use && in_use->is_string() ? in_use->get<std::string>() : usual_set_up;
}

std::vector<std::string> WrittenCard::set_ups() const {
    std::vector<std::string> out;
    if (const Json* all = at({"setups"}); all && all->is_object())
        for (const auto& [name, aims] : all->items())
            if (aims.is_object()) out.push_back(name);
    return out;
}

Json WrittenCard::aims_of(const std::string& set_up) const {
    const Json* aims = at({"setups", set_up});
    Json out = aims && aims->is_object() ? *aims : Json::object();
    out.erase("source");
    return out;
}

void WrittenCard::put_aim(const std::string& set_up, const std::string& where, const TargetText& aim) {
    book::put_aim(json_["setups"][set_up], where, aim);
}

void put_aim(Json& aims, const std::string& where, const TargetText& aim) {
    Json& place = where.empty() ? aims : aims[where];
    if ((aim.measure == "toe" || aim.measure == "total_toe") && place.is_object()) {
        place.erase("toe");
        place.erase("total_toe");
    }
    place[aim.measure] = aim.target;
}

Result<Json> shims_of(const std::string& typed, Bare bare) {
    Json out = Json::array();
    const std::string text = as_in_a_file(typed);  // a comma that parts two kinds stands between no digits
    std::size_t from = 0;
    while (from <= text.size()) {
        std::size_t end = text.find_first_of(",;", from);
        if (end == std::string::npos) end = text.size();
        std::string one = text.substr(from, end - from);
        from = end + 1;
        const auto trim = [](std::string& s) {
            while (!s.empty() && s.front() == ' ') s.erase(0, 1);
            while (!s.empty() && s.back() == ' ') s.pop_back();
        };
        trim(one);
        if (one.empty()) continue;
        if (one == "none" && text.find_first_of(",;") == std::string::npos) {
            // Known to be empty, which is more than not known.
            out.push_back({{"thickness", "1 mm"}, {"count", 0}});
            continue;
        }
        Json shim = Json::object();
        shim["count"] = 1;
        if (one.ends_with("across")) {
            shim["spans"] = true;
            one.resize(one.size() - 6);
            trim(one);
        }
        if (const std::size_t of = one.find(" of "); of != std::string::npos) {
            int n = -1;
            const auto [end_of, bad] = std::from_chars(one.data(), one.data() + of, n);
            if (bad != std::errc() || end_of != one.data() + of || n < 0 || n > most_of_a_kind)
                return fail(Code::text_not_understood, one, one.substr(0, of), "4 of 0.5 mm",
                            "2 of 1 mm across");
            shim["count"] = n;
            one.erase(0, of + 4);
        }
        const auto q = read_quantity(one, {Expect::Kind::length, bare});
        if (!q) return tl::unexpected(q.error());
        if (!(q->value > 0)) return fail(Code::text_must_be_positive, one, "", "0.5 mm", "1/32 in");
        shim["thickness"] = q->text;
        out.push_back(shim);
    }
    return out;
}

std::string text_of_shims(const Json& list) {
    if (!list.is_array()) return {};
    std::string out;
    for (const Json& s : list) {
        std::string one;
        if (s.is_string()) {
            one = s.get<std::string>();
        } else {
            const int n = s.value("count", 1);
            if (n == 0) continue;
            one = (n != 1 ? std::to_string(n) + " of " : "") + s.value("thickness", "") +
                  (s.value("spans", false) ? " across" : "");
        }
        out += (out.empty() ? "" : ", ") + one;
    }
    return out.empty() && !list.empty() ? "none" : out;
}

}  // namespace fairchalk::book
