// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/adjuster_json.h"

#include <array>
#include <cmath>
#include <numbers>

#include "core/car/adjuster.h"
#include "core/car/steering_rod.h"
#include "core/quantity/named.h"
#include "core/quantity/translatable.h"
#include "words/texts.h"

namespace fairchalk::book {
namespace {

/// The amount of a turn that somebody made by watching a rule.
constexpr const char* not_counted = "not counted";
/// A response without a sigma is known so well.
constexpr double unsaid_share = 0.1;

RodSide side_from(const Node& n) {
    return n.word({"behind-axle", "ahead-of-axle"}) == "ahead-of-axle" ? RodSide::ahead_of_axle
                                                                       : RodSide::behind_axle;
}

/// Degrees: a number, or an angle as one writes it.
double degrees(const Node& n) {
    return n.json().is_number() ? n.number() : n.angle().deg();
}

/// What one unit does to that angle, with its sigma, in degrees: `"toe": {"deg": 0.6, "sigma_deg": 0.02}`, or
/// `"toe": "0.6 deg", "toe_sigma": "0.02 deg"`.
std::pair<double, double> response_of(const Node& n, const std::string& angle) {
    const Node v = n[angle.c_str()];
    std::pair<double, double> out;
    if (v.json().is_object()) {
        out.first = v["deg"].number();
        out.second = v.has("sigma_deg") ? v["sigma_deg"].number() : unsaid_share * std::abs(out.first);
    } else {
        const std::string sigma = angle + "_sigma";
        out.first = degrees(v);
        out.second = n.has(sigma.c_str()) ? degrees(n[sigma.c_str()]) : unsaid_share * std::abs(out.first);
    }
    if (std::abs(out.first) > 45.0 || !(out.second >= 0.0) || out.second > 45.0)
        wrong(v.place(), {Code::job_out_of_reach, {std::to_string(out.first)}});
    return out;
}

/// What locking was seen to do: `"lock": {"toe": 0.04, "toe_sigma": 0.02}`, degrees or angles.
std::vector<KnownLock> lock_from(const Node& n, const Adjuster& a) {
    std::vector<KnownLock> out;
    if (!n.has("lock")) return out;
    const Node lock = n["lock"].object();
    for (WheelAngle angle : wheel_angles) {
        const std::string name(name_of(angle)), sigma = name + "_sigma";
        if (lock.has(name.c_str()))
            out.push_back(
                {angle, degrees(lock[name.c_str()]),
                 lock.has(sigma.c_str()) ? degrees(lock[sigma.c_str()]) : lock_prior(a, angle).sigma_deg});
    }
    return out;
}

void lock_json(const std::vector<KnownLock>& lock, Json& o) {
    for (const KnownLock& l : lock) {
        const std::string name(name_of(l.angle));
        o["lock"][name] = l.deg;
        o["lock"][name + "_sigma"] = l.sigma_deg;
    }
}

}  // namespace

/// Shims: `"1.5 mm"`, or with how many and whether each spans both bolts.
std::vector<ShimsOf> shims_from(const Node& n) {
    std::vector<ShimsOf> out;
    for (std::size_t i = 0; i < n.list(); ++i) {
        const Node one = n[i];
        ShimsOf s;
        s.count = 1;
        if (one.json().is_object()) {
            s.thickness = one["thickness"].positive_length();
            if (one.has("count")) s.count = static_cast<int>(std::clamp(one["count"].number(), 0.0, 500.0));
            if (one.has("spans")) s.spans = one["spans"].yes_no();
        } else {
            s.thickness = one.positive_length();
        }
        out.push_back(s);
    }
    return out;
}

Json shims_json(const std::vector<ShimsOf>& shims) {
    Json list = Json::array();
    for (const ShimsOf& s : shims) {
        Json j = Json::object();
        j["thickness"] = write_exact(s.thickness);
        j["count"] = s.count;
        if (s.spans) j["spans"] = true;
        list.push_back(j);
    }
    return list;
}

namespace {

/// An amount in the unit of a device's handle.
double in_unit(const Node& n, HandleUnit unit) {
    switch (unit) {
        case HandleUnit::turn:
            return n.in(Expect::Kind::turns);
        case HandleUnit::mm:
            return n.in(Expect::Kind::length);
        default:
            return n.in(Expect::Kind::angle);
    }
}
/// No hand makes a finer one, and every one of them is tried.
double finest_step(HandleUnit unit) {
    return unit == HandleUnit::turn ? 1.0 / 64 : unit == HandleUnit::mm ? 0.01 : 0.25;
}
std::string write_in_unit(double v, HandleUnit unit) {
    return unit == HandleUnit::turn ? write_exact_turns(v)
           : unit == HandleUnit::mm ? write_exact(Length::from_mm(v))
                                    : write_exact(Angle::from_deg(v));
}

/// What the handles, or where there is one handle the wheels, do to the angles.
std::vector<KnownResponse> responses_from(const Node& n, const Adjuster& d) {
    const AdjusterKind* kind = adjuster_kind(d.kind);
    std::vector<KnownResponse> out;
    if (!kind) return out;
    const auto take = [&](const Node& from, const std::string& handle, Wheel wheel) {
        for (WheelAngle a : wheel_angles)
            if (from.has(name_of(a).data())) {
                const auto [deg, sigma] = response_of(from, std::string(name_of(a)));
                out.push_back({handle, wheel, a, deg, sigma});
            }
    };
    n.object();
    take(n, "", wheel_of(d));
    for (const Handle& h : kind->handles(d))
        if (const std::string name(h.name); !name.empty() && n.has(name.c_str()))
            take(n[name.c_str()].object(), name, wheel_of(d));
    for (Wheel w : all_wheels)
        if (n.has(name_of(w).data())) take(n[name_of(w).data()].object(), "", w);
    return out;
}

Json responses_json(const Adjuster& d) {
    Json out = Json::object();
    for (const KnownResponse& r : d.response) {
        Json& at = !r.handle.empty()        ? out[r.handle]
                   : r.wheel != wheel_of(d) ? out[std::string(name_of(r.wheel))]
                                            : out;
        at[std::string(name_of(r.angle))] = {{"deg", r.deg}, {"sigma_deg", r.sigma_deg}};
    }
    return out;
}

template <class... F>
struct Overloaded : F... {
    using F::operator()...;
};
template <class... F>
Overloaded(F...) -> Overloaded<F...>;

void field_from(const Node& n, const DeviceField& f, Adjuster& d) {
    if (!n.has(f.key)) return;
    const Node v = n[f.key];
    std::visit(
        Overloaded{
            [&](const DeviceField::Flag& flag) { d.*flag.in = v.yes_no(); },
            [&](const DeviceField::Either& either) {
                d.*either.in = v.word({either.no, either.yes}) == either.yes ? Told::yes : Told::no;
            },
            [&](const DeviceField::Word& word) { d.*word.in = v.word(word.words); },
            [&](const DeviceField::SideOfAxle& side) { d.*side.in = side_from(v); },
            [&](const DeviceField::Hand& hand) {
                d.*hand.in = v.word({"right", "left"}) == "right" ? Thread::right : Thread::left;
            },
            [&](const DeviceField::Long& l) { d.*l.in = v.positive_length(); },
            [&](const DeviceField::Mark& mark) { d.*mark.in = v.yes_no(); },
            [&](const DeviceField::Turns& turns) { d.*turns.in = v.quantity(Expect::Kind::turns).value; },
            [&](const DeviceField::Degrees& angle) {
                d.*angle.in = v.angle().deg();
                if (std::abs(*(d.*angle.in)) > angle.most)
                    wrong(v.place(), {Code::job_out_of_reach, {v.text()}});
            },
            [](const auto&) {},  // every kind has it
        },
        f.what);
}

void field_json(const Adjuster& d, const DeviceField& f, Json& o) {
    std::visit(Overloaded{
                   [&](const DeviceField::Flag& flag) { o[f.key] = d.*flag.in; },
                   [&](const DeviceField::Either& either) {
                       if (d.*either.in != Told::unknown)
                           o[f.key] = d.*either.in == Told::yes ? either.yes : either.no;
                   },
                   [&](const DeviceField::Word& word) {
                       if (!(d.*word.in).empty()) o[f.key] = d.*word.in;
                   },
                   [&](const DeviceField::SideOfAxle& side) {
                       if (d.*side.in != RodSide::unknown)
                           o[f.key] = d.*side.in == RodSide::ahead_of_axle ? "ahead-of-axle" : "behind-axle";
                   },
                   [&](const DeviceField::Hand& hand) {
                       if (d.*hand.in != Thread::unknown)
                           o[f.key] = d.*hand.in == Thread::right ? "right" : "left";
                   },
                   [&](const DeviceField::Long& l) {
                       if (d.*l.in) o[f.key] = write_exact(*(d.*l.in));
                   },
                   [&](const DeviceField::Mark& mark) {
                       if (d.*mark.in) o[f.key] = true;
                   },
                   [&](const DeviceField::Turns& turns) {
                       if (d.*turns.in != 0.0) o[f.key] = write_exact_turns(d.*turns.in);
                   },
                   [&](const DeviceField::Degrees& angle) {
                       if (d.*angle.in) o[f.key] = write_exact(Angle::from_deg(*(d.*angle.in)));
                   },
                   [](const auto&) {},
               },
               f.what);
}

}  // namespace

Adjuster adjuster_from(const Node& n) {
    n.object();
    Adjuster d;
    d.id = n["id"].text();
    d.kind = n["kind"].text();
    if (n.has("angle")) d.angle = n["angle"].text();
    if (n.has("wheel")) d.wheel = n["wheel"].wheel();
    if (n.has("axle")) d.axle = n["axle"].axle();
    const AdjusterKind* k = adjuster_kind(d.kind);
    if (!k) return d;
    for (const DeviceField& f : k->fields()) field_from(n, f, d);
    if (const char* wanted = k->wanted_on_card(d)) wrong(n[wanted].place(), {Code::job_missing, {wanted}});
    const HandleUnit unit = k->handles(d).front().unit;
    if (n.has("step")) {
        d.step = in_unit(n["step"], unit);
        if (!(*d.step > 0))
            wrong(n["step"].place(),
                  {Code::text_must_be_positive,
                   {n["step"].text(), "", write_in_unit(k->handles(Adjuster{}).front().step, unit),
                    "1/8 turn"}});
        if (*d.step < finest_step(unit))
            wrong(n["step"].place(),
                  {Code::job_wrong_type,
                   {words::fill(TR_NOOP("a step of {0}"), {n["step"].text()}),
                    words::fill(TR_NOOP("{0} or more"), {write_in_unit(finest_step(unit), unit)})}});
    }
    if (n.has("range")) {
        const Node range = n["range"].object();
        if (range.has("least")) d.least = std::min(0.0, in_unit(range["least"], unit));
        if (range.has("most")) d.most = std::max(0.0, in_unit(range["most"], unit));
    }
    if (n.has("stacks")) {
        const Node stacks = n["stacks"].object();
        for (std::size_t i = 0; i < 2; ++i)
            if (const char* name = k->stacks()[i].data(); stacks.has(name))
                d.stacks[i] = shims_from(stacks[name]);
    }
    if (n.has("response")) {
        const Node response = n["response"];
        for (const KnownResponse& r : responses_from(response, d))
            if (!k->told(d, r))
                wrong(response.place() + "." + std::string(name_of(r.angle)),
                      {Code::job_out_of_reach, {write_exact(Angle::from_deg(r.deg))}});
    }
    d.lock = lock_from(n, d);
    if (n.has("wrench")) d.wrench = n["wrench"].text();
    return d;
}

Json json_of(const Adjuster& d) {
    Json o = Json::object();
    o["id"] = d.id;
    o["kind"] = d.kind;
    if (!d.angle.empty()) o["angle"] = d.angle;
    if (d.wheel) o["wheel"] = name_of(*d.wheel);
    if (d.axle) o["axle"] = name_of(*d.axle);
    const AdjusterKind* k = adjuster_kind(d.kind);
    if (!k) return o;
    for (const DeviceField& f : k->fields()) field_json(d, f, o);
    const HandleUnit unit = k->handles(d).front().unit;
    if (d.step) o["step"] = write_in_unit(*d.step, unit);
    if (d.least) o["range"]["least"] = write_in_unit(*d.least, unit);
    if (d.most) o["range"]["most"] = write_in_unit(*d.most, unit);
    for (std::size_t i = 0; i < 2; ++i)
        if (!d.stacks[i].empty()) o["stacks"][std::string(k->stacks()[i])] = shims_json(d.stacks[i]);
    if (!d.response.empty()) o["response"] = responses_json(d);
    lock_json(d.lock, o);
    if (!d.wrench.empty()) o["wrench"] = d.wrench;
    return o;
}

namespace {

/// How much a device was turned: `"1.5 mm"` with a `way`, or for each of its handles.
void amounts_from(const Node& n, const Adjuster& d, const AdjusterKind& kind, Turn& t) {
    const Node amount = n["amount"];
    const auto handles = kind.handles(d);
    std::array<double*, 2> into = {&t.turns, &t.second};
    if (!amount.json().is_object()) {
        if (handles.size() > 1)
            wrong(amount.place(), {Code::job_wrong_type,
                                   {TR_NOOP("one amount"), words::fill(TR_NOOP("an object with {0} and {1}"),
                                                                       {std::string(handles[0].name),
                                                                        std::string(handles[1].name)})}});
        const Handle& h = handles.front();
        t.turns = in_unit(amount, h.unit);
        if (n.has("way") && n["way"].word({h.more.data(), h.less.data()}) == h.less) t.turns = -t.turns;
        return;
    }
    if (kind.exchanges()) {
        // As much comes out on one side as goes in on the other.
        double outer = 0.0, inner = 0.0;
        if (amount.has("outer")) outer = in_unit(amount["outer"], HandleUnit::mm);
        if (amount.has("inner")) inner = in_unit(amount["inner"], HandleUnit::mm);
        t.turns = (outer - inner) / 2;
        return;
    }
    for (const auto& [key, value] : amount.json().items()) {
        const auto h =
            std::find_if(handles.begin(), handles.end(), [&](const Handle& x) { return x.name == key; });
        if (h == handles.end())
            wrong(amount.place() + "." + key,
                  {Code::job_unknown_word,
                   {cut_to(key, 60), listed(handles, [](const Handle& x) { return std::string(x.name); })}});
        *into[static_cast<std::size_t>(h - handles.begin())] =
            in_unit(Node(value, amount.place() + "." + key), h->unit);
    }
}

}  // namespace

Turn turn_from(const Node& n, const CarCard& car) {
    Turn t;
    t.adjuster = n["adjuster"].text();
    if (car.place_of(t.adjuster) < 0)
        wrong(n["adjuster"].place(), {Code::job_no_such_adjuster, {cut_to(t.adjuster, 60)}});
    if (n.has("as_written")) t.as_written = n["as_written"].yes_no();
    if (n.has("test")) t.test = n["test"].yes_no();
    const Node amount = n["amount"];
    if (amount.json() == not_counted) {
        t.counted = false;
        t.kind = turn_kind(*car.adjuster(t.adjuster));
        return t;
    }
    if (const Adjuster* device = car.device(t.adjuster)) {
        if (const AdjusterKind* kind = adjuster_kind(device->kind)) {
            t.kind = device->kind;
            amounts_from(n, *device, *kind, t);
            return t;
        }
        t.understood = false;
        if (amount.json().is_object()) {
            for (const auto& [key, value] : amount.json().items())
                Node(value, amount.place() + "." + key).quantity(Expect::Kind::any);
        } else {
            amount.quantity(Expect::Kind::any);
        }
        return t;
    }
    const Adjuster* rod = car.rod(t.adjuster);
    const Quantity q = amount.quantity(Expect::Kind::any);
    if (q.kind == QuantityKind::angle) wrong(amount.place(), {Code::text_wanted_turns, {q.text}});
    t.turns = q.value;
    if (q.kind == QuantityKind::length) {
        if (!rod->pitch) wrong(amount.place(), {Code::plan_pitch_unknown, {rod->id}});
        t.turns = q.length() / (*rod->pitch * (rod->double_ended ? 2.0 : 1.0));
    }
    if (n["way"].word({"longer", "shorter"}) == "shorter") t.turns = -t.turns;
    return t;
}

Json taught_json(const Adjuster& a, const Json& card) {
    const Json now = json_of(a);
    const Json none = Json::array();
    const Json& list = card.contains("adjusters") ? card["adjusters"] : none;
    const auto it =
        std::find_if(list.begin(), list.end(), [&](const Json& o) { return o.value("id", "") == a.id; });
    if (it == list.end() || it->value("kind", "") != now["kind"]) return now;
    Json out = *it;
    // What is as it was stays in the words it was written in.
    const Json was = json_of(adjuster_from(Node(*it, "adjusters")));
    for (const char* taught : {"arm_sigma", "at", "range", "stacks", "response", "lock", "turned", "proven"})
        if (!now.contains(taught))
            out.erase(taught);
        else if (was.value(taught, Json()) != now[taught])
            out[taught] = now[taught];
    // A device's arm is the upper or the lower one; a rod's is a length, and is learnt.
    if (is_rod(a) && now.contains("arm") && was.value("arm", Json()) != now["arm"]) out["arm"] = now["arm"];
    return out;
}

void turn_json(const Turn& t, Json& j) {
    j["adjuster"] = t.adjuster;
    if (t.as_written) j["as_written"] = true;
    if (t.test) j["test"] = true;
    if (!t.counted) {
        j["amount"] = not_counted;
        return;
    }
    const AdjusterKind* kind = adjuster_kind(t.kind);
    if (!kind) {
        j["amount"] = write_exact_turns(std::abs(t.turns));
        j["way"] = t.turns < 0 ? "shorter" : "longer";
        return;
    }
    Adjuster d;
    d.kind = t.kind;
    const auto handles = kind->handles(d);
    j["adjuster_kind"] = t.kind;
    if (handles.size() == 1) {
        j["amount"] = write_in_unit(std::abs(t.turns), handles[0].unit);
        j["way"] = t.turns < 0 ? handles[0].less : handles[0].more;
        return;
    }
    j["amount"] = {{std::string(handles[0].name), write_in_unit(t.turns, handles[0].unit)},
                   {std::string(handles[1].name), write_in_unit(t.second, handles[1].unit)}};
}

}  // namespace fairchalk::book
