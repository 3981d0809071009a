// SPDX-License-Identifier: GPL-3.0-or-later
#include "book/entry_json.h"

#include <array>
#include <cmath>

#include "book/adjuster_json.h"
#include "book/drive_json.h"
#include "book/known_json.h"
#include "book/node.h"
#include "book/shop_json.h"
#include "core/job/look_again.h"
#include "core/job/rig.h"
#include "core/quantity/distance.h"
#include "core/quantity/named.h"
#include "core/quantity/translatable.h"
#include "words/words.h"

namespace fairchalk::book {

FileError::FileError(std::string at, Message wrong)
    : std::runtime_error(at + ": " + words::sentence(wrong)),
      place(std::move(at)),
      message(std::move(wrong)) {}
namespace {

Target target_at(const Node& n, Measure measure) {
    n.object();
    const auto kind = is_toe(measure) ? Expect::Kind::length_or_angle : Expect::Kind::angle;
    ToeAsLength terms;
    if (n.has("span")) terms.span = n["span"].positive_length();
    if (n.has("basis"))
        terms.half_difference = n["basis"].word({"half-difference", "difference"}) == "half-difference";
    std::optional<Wheel> same_as;
    if (n.has("same_as")) same_as = n["same_as"].wheel();
    Quantity aim;
    aim.kind = QuantityKind::angle;
    if (!same_as || n.has("aim")) aim = n["aim"].quantity(kind);
    std::optional<Quantity> minus, plus;
    if (n.has("minus")) minus = n["minus"].quantity(kind);
    if (n.has("plus")) plus = n["plus"].quantity(kind);
    const auto t = target_from(measure, aim, minus, plus, terms);
    if (!t) wrong(t.error().code == Code::text_span_missing ? n.place() + ".span" : n.place(), t.error());
    Target out = *t;
    out.same_as = same_as;
    return out;
}

constexpr std::array all_changes = {
    ChangeKind::jacked, ChangeKind::strings_moved,     ChangeKind::settled,
    ChangeKind::rolled, ChangeKind::bounced,           ChangeKind::steering_recentred,
    ChangeKind::locked, ChangeKind::pressures_changed, ChangeKind::load_changed,
};

std::array<Length, 4> heights_from(const Node& n, double* coarsest) {
    std::array<Length, 4> out;
    for (Wheel w : all_wheels) {
        const Quantity q = n[name_of(w).data()].quantity(Expect::Kind::length);
        out[static_cast<std::size_t>(index_of(w))] = q.length();
        if (coarsest) *coarsest = std::max(*coarsest, q.sigma());
    }
    return out;
}

Json heights_json(const std::array<Length, 4>& heights) {
    Json j = Json::object();
    for (Wheel w : all_wheels)
        j[std::string(name_of(w))] = write_exact(heights[static_cast<std::size_t>(index_of(w))]);
    return j;
}

LinesSet lines_from(const Node& n) {
    LinesSet l;
    if (n.has("bars")) {
        const Node bars = n["bars"].object();
        if (bars.has("front_ahead")) l.bars.front_ahead = bars["front_ahead"].length();
        if (bars.has("rear_behind")) l.bars.rear_behind = bars["rear_behind"].length();
    }
    if (n.has("tool")) l.tool = n["tool"].text();
    if (n.has("gauge")) l.gauge = n["gauge"].text();
    if (n.has("rigs")) {
        const Node list = n["rigs"];
        for (std::size_t i = 0; i < list.list(); ++i) {
            const std::string id = list[i].text();
            if (!rig_named(id))
                wrong(list[i].place(), {Code::job_unknown_word, {cut_to(id, 60), known_rigs()}});
            l.rigs.push_back(id);
        }
    }
    if (n.has("sizes")) {
        const Node sizes = n["sizes"].object();
        for (const SizeField& f : size_fields())
            if (sizes.has(f.name.data())) l.sizes.*f.field = sizes[f.name.data()].positive_length();
    }
    for (const auto& [key, to] : {std::pair{"sweep", &l.sweep}, {"caster_scale", &l.caster_scale}})
        if (n.has(key)) *to = n[key].positive(Expect::Kind::angle, "20 deg", "19.5 deg").angle();
    if (n.has("stations")) {
        const Node list = n["stations"];
        for (std::size_t i = 0; i < list.list(); ++i) l.stations.push_back(list[i].length());
    }
    if (n.has("steering_held")) l.steering_held = n["steering_held"].yes_no();
    return l;
}

void lines_json(const LinesSet& l, Json& j) {
    if (!l.tool.empty()) j["tool"] = l.tool;
    if (!l.gauge.empty()) j["gauge"] = l.gauge;
    if (!l.rigs.empty()) j["rigs"] = l.rigs;
    for (const SizeField& f : size_fields())
        if (const auto& v = l.sizes.*f.field) j["sizes"][std::string(f.name)] = write_exact(*v);
    if (l.sweep) j["sweep"] = write_exact(*l.sweep);
    if (l.caster_scale) j["caster_scale"] = write_exact(*l.caster_scale);
    for (Length x : l.stations) j["stations"].push_back(write_exact(x));
    if (!l.steering_held) j["steering_held"] = false;
}

/// A tool of the garage: `{"tool": "my gauge", "measures": "angle", "shows": "upright", "zero": "0.2 deg",
/// …}`
Tool tool_from(const Node& n) {
    Tool t;
    t.name = n["tool"].text();
    if (const Tool* like = n.has("like") ? standard_tool(n["like"].text()) : standard_tool(t.name)) {
        const std::string name = t.name;
        t = *like;
        t.name = name;
        t.sigma_stated = false;
    } else if (n["measures"].word({"length", "angle"}) == "angle") {
        t.quantity = QuantityKind::angle;
    }
    const auto kind = t.quantity == QuantityKind::angle ? Expect::Kind::angle : Expect::Kind::length;
    for (const auto& [key, to] : {std::pair{"sigma", &t.sigma}, {"resolution", &t.resolution}})
        if (n.has(key)) {
            *to = n[key].positive(kind, "0.25 mm", "0.1 deg").value;
            if (to == &t.sigma) t.sigma_stated = true;
        }
    if (n.has("zero")) t.zero = n["zero"].quantity(kind).value;
    if (n.has("shows")) t.shows = n["shows"].named<Shows>(shows_named, "leaning, upright, unsigned");
    for (const auto& [key, to] :
         {std::pair{"more_left", &t.more_is_in_left}, {"more_right", &t.more_is_in_right}})
        if (n.has(key)) *to = n[key].word({"in", "out"}) == "in";
    if (n.has("numbers")) t.inward = n["numbers"].word({"inward", "outward"}) == "inward";
    if (n.has("scale_length")) t.scale_length = n["scale_length"].positive_length();
    return t;
}

void tool_json(const Tool& t, Json& j) {
    const bool angle = t.quantity == QuantityKind::angle;
    const auto write = [&](double v) {
        return angle ? write_exact(Angle::from_deg(v)) : write_exact(Length::from_mm(v));
    };
    j["kind"] = "tool";
    j["tool"] = t.name;
    j["measures"] = angle ? "angle" : "length";
    if (t.sigma > 0) j["sigma"] = write(t.sigma);
    if (t.resolution > 0) j["resolution"] = write(t.resolution);
    if (t.zero != 0) j["zero"] = write(t.zero);
    if (angle && t.shows != Shows::leaning) j["shows"] = name_of(t.shows);
    if (t.more_is_in_left) j["more_left"] = "in";
    if (t.more_is_in_right) j["more_right"] = "in";
    if (t.inward) j["numbers"] = "inward";
    if (t.scale_length) j["scale_length"] = write_exact(*t.scale_length);
}

Json bars_json(const Bars& bars) {
    Json j = Json::object();
    if (bars.front_ahead) j["front_ahead"] = write_exact(*bars.front_ahead);
    if (bars.rear_behind) j["rear_behind"] = write_exact(*bars.rear_behind);
    return j;
}

/// What is done before anything is read: asked, checked, surveyed, centred, loosened, driven.
bool preparation_from(const Node& n, const std::string& kind, Entry& e) {
    if (kind == "asked") {
        ReasonsGiven a;
        const Node list = n["reasons"];
        for (std::size_t i = 0; i < list.list(); ++i) a.reasons.push_back(list[i].text());
        if (n.has("note")) a.note = n["note"].text();
        e.event = a;
    } else if (kind == "check") {
        Checked c;
        c.item = n["item"].text();
        c.state = n["state"].named<CheckState>(check_state_named, "good, failed, not-applicable, open");
        if (n.has("note")) c.note = n["note"].text();
        e.event = c;
    } else if (kind == "floor") {
        FloorSet f;
        f.method = n["method"].named<FloorMethod>(floor_method_named,
                                                  "flat-enough, heights, level-line, level-legs");
        if (n.has("place")) f.place = n["place"].text();
        if (n.has("surveyed")) f.surveyed = n["surveyed"].text();
        if (f.method == FloorMethod::heights) f.heights = heights_from(n["heights"], nullptr);
        if (n.has("sigma")) f.sigma = n["sigma"].positive_length();
        e.event = f;
    } else if (kind == "tiles") {
        TilesPlaced t;
        t.thickness = n["thickness"].positive_length();
        const Node under = n["under"].object();
        for (Wheel w : all_wheels)
            if (under.has(name_of(w).data())) {
                const double count = under[name_of(w).data()].number();
                if (count < 0 || count > 100 || count != std::floor(count))
                    wrong(under[name_of(w).data()].place(), {Code::job_wrong_type,
                                                             {TR_NOOP("a number of tiles that can't be"),
                                                              TR_NOOP("a whole number up to 100")}});
                t.under[static_cast<std::size_t>(index_of(w))] = static_cast<int>(count);
            }
        e.event = t;
    } else if (kind == "steering") {
        SteeringSet s;
        s.school = n["school"].named<SteeringSchool>(steering_school_named, "wheel, gear, roll-in");
        if (n.has("held")) s.held = n["held"].text();
        e.event = s;
    } else if (kind == "caution-seen") {
        e.event = CautionSeen{n["caution"].text()};
    } else if (kind == "drive") {
        e.event = drive_from(n);
    } else if (kind == "baseline") {
        BaselineNote b;
        b.item = n["item"].text();
        if (n.has("value")) b.value = n["value"].quantity(Expect::Kind::length);
        if (n.has("text")) b.text = n["text"].text();
        if (n.has("back")) b.back = n["back"].yes_no();
        e.event = b;
    } else if (kind == "looked") {
        e.event = looked_from(n);
    } else if (kind == "angles-carried") {
        e.event = carried_from(n);
    } else if (kind == "odometer") {
        const std::string reads = n["reads"].text();
        const auto km = read_distance(reads);
        if (!km) wrong(n["reads"].place(), km.error());
        e.event = Odometer{*km, reads};
    } else if (kind == "look-again") {
        auto again = look_again_from(n["when"].text());
        if (!again) wrong(n["when"].place(), again.error());
        if (n.has("why")) again->why = n["why"].text();
        e.event = *again;
    } else if (kind == "shop-sheet") {
        e.event = shop_sheet_from(n);
    } else if (kind == "garage-bias") {
        e.event = bias_from(n);
    } else if (const auto part = part_state_named(kind)) {
        e.event = PartTouched{*part, n["part"].text()};
    } else {
        return false;
    }
    return true;
}

void preparation_json(const Entry& e, Json& j) {
    if (const auto* asked = std::get_if<ReasonsGiven>(&e.event)) {
        j["kind"] = "asked";
        j["reasons"] = asked->reasons;
        if (!asked->note.empty()) j["note"] = asked->note;
    } else if (const auto* check = std::get_if<Checked>(&e.event)) {
        j["kind"] = "check";
        j["item"] = check->item;
        j["state"] = name_of(check->state);
        if (!check->note.empty()) j["note"] = check->note;
    } else if (const auto* floor = std::get_if<FloorSet>(&e.event)) {
        j["kind"] = "floor";
        j["method"] = name_of(floor->method);
        if (!floor->place.empty()) j["place"] = floor->place;
        if (!floor->surveyed.empty()) j["surveyed"] = floor->surveyed;
        if (floor->method == FloorMethod::heights) j["heights"] = heights_json(floor->heights);
        if (floor->sigma) j["sigma"] = write_exact(*floor->sigma);
    } else if (const auto* tiles = std::get_if<TilesPlaced>(&e.event)) {
        j["kind"] = "tiles";
        j["thickness"] = write_exact(tiles->thickness);
        j["under"] = Json::object();
        for (Wheel w : all_wheels)
            if (const int n = tiles->under[static_cast<std::size_t>(index_of(w))])
                j["under"][std::string(name_of(w))] = n;
    } else if (const auto* steering = std::get_if<SteeringSet>(&e.event)) {
        j["kind"] = "steering";
        j["school"] = name_of(steering->school);
        if (!steering->held.empty()) j["held"] = steering->held;
    } else if (const auto* part = std::get_if<PartTouched>(&e.event)) {
        j["kind"] = name_of(part->state);
        j["part"] = part->part;
    } else if (const auto* seen = std::get_if<CautionSeen>(&e.event)) {
        j["kind"] = "caution-seen";
        j["caution"] = seen->id;
    } else if (const auto* drive = std::get_if<Driven>(&e.event)) {
        j["kind"] = "drive";
        drive_json(*drive, j);
    } else if (const auto* note = std::get_if<BaselineNote>(&e.event)) {
        j["kind"] = "baseline";
        j["item"] = note->item;
        if (note->value) j["value"] = note->value->text;
        if (!note->text.empty()) j["text"] = note->text;
        if (note->back) j["back"] = true;
    } else if (const auto* odometer = std::get_if<Odometer>(&e.event)) {
        j["kind"] = "odometer";
        j["reads"] = odometer->text;
    } else if (const auto* again = std::get_if<LookAgain>(&e.event)) {
        j["kind"] = "look-again";
        j["when"] = again->when;
        if (!again->why.empty()) j["why"] = again->why;
    } else if (const auto* sheet = std::get_if<ShopSheet>(&e.event)) {
        j["kind"] = "shop-sheet";
        shop_sheet_json(*sheet, j);
    } else if (const auto* bias = std::get_if<BiasTaken>(&e.event)) {
        j["kind"] = "garage-bias";
        bias_json(*bias, j);
    } else if (const auto* looked = std::get_if<Looked>(&e.event)) {
        j["kind"] = "looked";
        looked_json(*looked, j);
    } else if (const auto* carried = std::get_if<AnglesCarried>(&e.event)) {
        j["kind"] = "angles-carried";
        carried_json(*carried, j);
    }
}

}  // namespace

std::vector<Target> targets_from(const Json& json, const std::string& place) {
    const Node n(json, place);
    n.object();
    std::vector<Target> out;
    for (const auto& [key, value] : json.items()) {
        if (value.is_null()) continue;
        const Node where(value, place.empty() ? key : place + "." + key);
        if (key == "thrust") {
            out.push_back(target_at(where, Measure::thrust));
            continue;
        }
        std::variant<std::monostate, Axle, Wheel> at;
        if (const auto a = axle_named(key))
            at = *a;
        else if (const auto w = wheel_named(key))
            at = *w;
        else
            continue;
        where.object();
        for (const auto& [name, target] : value.items()) {
            const auto measure = measure_named(name);
            if (!measure || *measure == Measure::thrust || target.is_null()) continue;
            Target t = target_at(Node(target, where.place() + "." + name), *measure);
            t.where = at;
            out.push_back(t);
        }
    }
    return out;
}

/// An angle of a wheel's heading: out is its front going outward.
static Angle outward(const Node& n) {
    const Quantity t = n.quantity(Expect::Kind::angle);
    if (!t.toe_word && t.value != 0)
        wrong(n.place(), {Code::job_unknown_word,
                          {t.text, TR_NOOP("an angle with out or in after it, like 20 deg out")}});
    return -t.angle();
}

static std::string outward_text(Angle a) {
    return write_exact(abs(a)) + (a.deg() < 0 ? " in" : " out");
}

Reading reading_from(const Json& json, const std::string& place) {
    const Node n(json, place);
    n.object();
    const std::string kind = n["kind"].text();
    const auto id = reading_kind_named(kind);
    if (!id)
        wrong(n["kind"].place(),
              {Code::job_unknown_word,
               {cut_to(kind, 60), listed(reading_kinds(), [](const auto* k) { return k->name(); })}});
    const ReadingKind& info = reading_kind(*id);
    Reading r;
    r.spot.kind = *id;
    switch (info.place()) {
        case PlaceKind::wheel:
            r.spot.wheel = n["wheel"].wheel();
            break;
        case PlaceKind::axle:
            r.spot.axle = n["axle"].axle();
            break;
        case PlaceKind::bar:
            r.spot.axle = n["bar"].axle();
            break;
        case PlaceKind::wheel_or_axle:
            if (n.has("axle"))
                r.spot.axle = n["axle"].axle();
            else
                r.spot.wheel = n["wheel"].wheel();
            break;
        case PlaceKind::side_station:
            r.spot.side = n["side"].side();
            r.spot.station = n["station"].length();
            break;
        case PlaceKind::leg:
            r.spot.wheel = n["wheel"].wheel();
            r.spot.to = n["to"].wheel();
            break;
        case PlaceKind::side:
            r.spot.side = n["side"].side();
            break;
        case PlaceKind::tread:
            r.spot.wheel = n["wheel"].wheel();
            // In a log `at` is when; where a file has no times it may be where.
            r.spot.tread = n[n.has("place") ? "place" : "at"].named<TreadPlace>(tread_place_named,
                                                                                "outer, middle, inner");
            break;
        case PlaceKind::car:
            break;
    }
    r.value = n["value"].quantity(info.toe_as_length()                        ? Expect::Kind::length_or_angle
                                  : info.quantity() == QuantityKind::length   ? Expect::Kind::length
                                  : info.quantity() == QuantityKind::pressure ? Expect::Kind::pressure
                                  : info.quantity() == QuantityKind::turns    ? Expect::Kind::turns
                                  : info.quantity() == QuantityKind::temperature ? Expect::Kind::temperature
                                                                                 : Expect::Kind::angle);
    if (n.has("sigma")) {
        const auto unit = r.value.kind == QuantityKind::length ? Expect::Kind::length : Expect::Kind::angle;
        r.stated_sigma = n["sigma"].positive(unit, "0.3 mm", "0.1 deg").value;
    }
    if (n.has("tool")) r.tool = n["tool"].text();
    if (n.has("span")) r.span = n["span"].positive_length();
    if (n.has("height")) r.height = n["height"].positive_length();
    if (n.has("mark")) r.mark = n["mark"].positive_length();
    if (n.has("arm_span")) r.arm_span = n["arm_span"].positive_length();
    if (n.has("top")) r.top_in = n["top"].word({"in", "out"}) == "in";
    if (n.has("turned")) r.turned = outward(n["turned"]);
    if (n.has("wheel_turned")) r.wheel_turned = outward(n["wheel_turned"]);
    if (n.has("from")) r.from = outward(n["from"]);
    for (const auto& [key, to] :
         {std::pair{"turned_sigma", &r.turned_sigma}, {"swept", &r.swept}, {"scale_for", &r.scale_for}})
        if (n.has(key)) *to = n[key].positive(Expect::Kind::angle, "0.5 deg", "20 deg").angle();
    if (const auto turned = r.turned ? r.turned : r.wheel_turned;
        turned && !reading_kind(r.spot.kind).whole_sweep())
        r.spot.swept = turned->deg() > 0 ? Swept::out : turned->deg() < 0 ? Swept::in : Swept::straight;
    if (n.has("rolled")) r.spot.rolled = n["rolled"].quantity(Expect::Kind::turns).value != 0;
    if (n.has("zeroed")) r.zeroed_on_floor = n["zeroed"].word({"on-floor", "level"}) == "on-floor";
    if (n.has("before_shake")) r.before_shake = n["before_shake"].yes_no();
    if (n.has("pushed"))
        r.pushed = n["pushed"].word({"out", "in"}) == "out" ? Reading::Pushed::out : Reading::Pushed::in;
    if (n.has("since")) r.since_now = n["since"].word({"now", "round"}) == "now";
    return r;
}

Entry entry_from(const Json& json, const std::string& place, const CarCard& car) {
    const Node n(json, place);
    n.object();
    Entry e;
    if (n.has("id")) e.id = n["id"].text();
    if (n.has("name")) e.name = n["name"].text();
    if (n.has("act")) e.act = n["act"].text();
    if (n.has("at")) e.at = n["at"].text();
    if (tread_place_named(e.at)) e.at.clear();
    if (n.has("struck")) e.struck = n["struck"].text();
    const std::string kind = n["kind"].text();
    if (kind == "car") {
        e.event = CarEdit{car_from(n["car"].json(), place + ".car")};
    } else if (kind == "targets") {
        e.event = TargetsEdit{targets_from(n["targets"].json(), place + ".targets")};
    } else if (kind == "lines") {
        e.event = lines_from(n);
    } else if (kind == "tool") {
        e.event = ToolSet{tool_from(n)};
    } else if (kind == "round") {
        RoundOpened r;
        r.lines = lines_from(n);
        r.bars = lines_from(n).bars;
        if (n.has("steering_held")) r.steering_held = n["steering_held"].yes_no();
        if (n.has("floor")) {
            const Node floor = n["floor"].object();
            double sigma = 0.0;
            r.floor = heights_from(floor, &sigma);
            r.floor_sigma = floor.has("sigma") ? floor["sigma"].positive_length() : Length::from_mm(sigma);
        }
        e.event = r;
    } else if (reading_kind_named(kind)) {
        e.event = reading_from(json, place);
    } else if (kind == "turn") {
        e.event = turn_from(n, car);
    } else if (kind == "accepted") {
        Accepted a;
        if (n.has("what")) a.what = n["what"].text();
        if (n.has("why")) a.why = n["why"].text();
        e.event = a;
    } else if (kind == "strike") {
        Strike s;
        const Node ids = n["strikes"];
        for (std::size_t i = 0; i < ids.list(); ++i) s.ids.push_back(ids[i].text());
        if (n.has("why")) s.why = n["why"].text();
        if (n.has("way")) {
            const std::string way = n["way"].word({"undo", "redo", "reasoned"});
            s.way = way == "undo"   ? Strike::Way::undo
                    : way == "redo" ? Strike::Way::redo
                                    : Strike::Way::reasoned;
        }
        e.event = s;
    } else {
        for (ChangeKind change : all_changes)
            if (kind == name_of(change)) {
                Change c{change, {}};
                if (n.has("axle")) c.axle = n["axle"].axle();
                const std::string how = n.has("how") ? n["how"].text() : std::string();
                if (c.kind == ChangeKind::settled && how == "rolled") c.kind = ChangeKind::rolled;
                if (c.kind == ChangeKind::settled && how == "bounced") c.kind = ChangeKind::bounced;
                e.event = c;
                return e;
            }
        if (!preparation_from(n, kind, e)) e.event = Kept{kind};
    }
    return e;
}

Json json_of(const Reading& r) {
    Json j = Json::object();
    const ReadingKind& info = reading_kind(r.spot.kind);
    j["kind"] = info.name();
    if (r.spot.wheel) j["wheel"] = name_of(*r.spot.wheel);
    if (r.spot.axle) j[info.place() == PlaceKind::bar ? "bar" : "axle"] = name_of(*r.spot.axle);
    if (r.spot.to) j["to"] = name_of(*r.spot.to);
    if (r.spot.tread) j["place"] = name_of(*r.spot.tread);
    if (r.spot.side) j["side"] = name_of(*r.spot.side);
    if (r.spot.station) j["station"] = write_exact(*r.spot.station);
    j["value"] = r.value.text;
    if (r.stated_sigma)
        j["sigma"] = r.value.kind == QuantityKind::length ? write_exact(Length::from_mm(*r.stated_sigma))
                                                          : write_exact(Angle::from_deg(*r.stated_sigma));
    if (!r.tool.empty()) j["tool"] = r.tool;
    if (r.spot.rolled) j["rolled"] = reading_kind(r.spot.kind).rolled_a_quarter() ? "1/4 turn" : "1/2 turn";
    if (r.zeroed_on_floor) j["zeroed"] = "on-floor";
    if (r.since_now) j["since"] = "now";
    if (r.before_shake) j["before_shake"] = true;
    if (r.pushed) j["pushed"] = *r.pushed == Reading::Pushed::out ? "out" : "in";
    if (r.span) j["span"] = write_exact(*r.span);
    if (r.height) j["height"] = write_exact(*r.height);
    if (r.top_in) j["top"] = *r.top_in ? "in" : "out";
    if (r.turned) j["turned"] = outward_text(*r.turned);
    if (r.wheel_turned) j["wheel_turned"] = outward_text(*r.wheel_turned);
    if (r.from) j["from"] = outward_text(*r.from);
    if (r.turned_sigma) j["turned_sigma"] = write_exact(*r.turned_sigma);
    if (r.swept) j["swept"] = write_exact(*r.swept);
    if (r.scale_for) j["scale_for"] = write_exact(*r.scale_for);
    if (r.mark) j["mark"] = write_exact(*r.mark);
    if (r.arm_span) j["arm_span"] = write_exact(*r.arm_span);
    return j;
}

Json json_of(const Entry& e) {
    Json j = Json::object();
    j["id"] = e.id;
    j["at"] = e.at;
    if (!e.act.empty()) j["act"] = e.act;
    if (!e.name.empty()) j["name"] = e.name;
    if (const auto* car = std::get_if<CarEdit>(&e.event)) {
        j["kind"] = "car";
        j["car"] = json_of(car->car);
    } else if (const auto* lines = std::get_if<LinesSet>(&e.event)) {
        j["kind"] = "lines";
        j["bars"] = bars_json(lines->bars);
        lines_json(*lines, j);
    } else if (const auto* tool = std::get_if<ToolSet>(&e.event)) {
        tool_json(tool->tool, j);
    } else if (const auto* round = std::get_if<RoundOpened>(&e.event)) {
        j["kind"] = "round";
        const Json bars = bars_json(round->bars);
        if (!bars.empty()) j["bars"] = bars;
        lines_json(round->lines, j);
        if (round->steering_held) j["steering_held"] = *round->steering_held;
        if (round->floor) {
            j["floor"] = heights_json(*round->floor);
            j["floor"]["sigma"] = write_exact(round->floor_sigma);
        }
    } else if (const auto* reading = std::get_if<Reading>(&e.event)) {
        j.update(json_of(*reading));
    } else if (const auto* turn = std::get_if<Turn>(&e.event)) {
        j["kind"] = "turn";
        turn_json(*turn, j);
    } else if (const auto* change = std::get_if<Change>(&e.event)) {
        const bool how = change->kind == ChangeKind::rolled || change->kind == ChangeKind::bounced;
        j["kind"] = how ? "settled" : name_of(change->kind);
        if (how) j["how"] = name_of(change->kind);
        if (change->axle) j["axle"] = name_of(*change->axle);
    } else if (const auto* accepted = std::get_if<Accepted>(&e.event)) {
        j["kind"] = "accepted";
        j["what"] = accepted->what;
        j["why"] = accepted->why;
    } else if (const auto* strike = std::get_if<Strike>(&e.event)) {
        j["kind"] = "strike";
        j["strikes"] = strike->ids;
        j["why"] = strike->why;
        if (strike->way != Strike::Way::reasoned)
            j["way"] = strike->way == Strike::Way::undo ? "undo" : "redo";
    } else if (const auto* kept = std::get_if<Kept>(&e.event)) {
        j["kind"] = kept->kind;
    } else {
        preparation_json(e, j);
    }
    if (e.struck) j["struck"] = *e.struck;
    return j;
}

}  // namespace fairchalk::book
