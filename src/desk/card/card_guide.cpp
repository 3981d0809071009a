// SPDX-License-Identifier: GPL-3.0-or-later
#include "card/card_guide.h"

#include <algorithm>
#include <array>
#include <charconv>
#include <cstdlib>
#include <map>

#include <QFile>
#include <QFileDialog>
#include <QFileInfo>
#include <QImage>

#include "book/adjuster_json.h"
#include "book/target_text.h"
#include "core/car/adjuster.h"
#include "look/chalk.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

using Type = CardGuide::Item::Type;
constexpr qint64 largest_picture = 20 << 20;

const book::Json* find(const book::Json& card, const std::vector<std::string>& path) {
    const book::Json* at = &card;
    for (const std::string& key : path) {
        if (!at->is_object() || !at->contains(key)) return nullptr;
        at = &(*at)[key];
    }
    return at;
}

bool onStruts(const book::Json& card, Wheel w) {
    const book::Json* suspension = find(card, {std::string(name_of(axle_of(w))), "suspension"});
    return suspension && *suspension == name_of(Suspension::strut);
}

/// An adjuster that is meant by what an angle is said to be adjusted by.
struct Meant {
    const AdjusterKind* kind;
    CardChoice choice;

    book::Json json(Wheel w) const {
        std::string id(kind->name());
        if (!kind->across())
            id += (choice.tag.empty() ? "" : "-" + std::string(choice.tag)) + "-" + std::string(name_of(w));
        const Wheel at = kind->across() ? wheel_at(axle_of(w), kind->usual_side()) : w;
        book::Json d = {{"id", id}, {"kind", kind->name()}, {"wheel", name_of(at)}};
        for (const auto& [key, word] : choice.set) d[std::string(key)] = word;
        return d;
    }
    bool serves(Wheel w, WheelAngle angle) const {
        const book::Json d = json(w);
        return (serves_of(book::adjuster_from(book::Node(d, {}))) & bit_of(angle)) != 0;
    }
};

/// All that can be said of this angle of this wheel; one word may mean several adjusters.
std::vector<Meant> choicesFor(const book::Json& card, Wheel w, const std::string& angle) {
    std::vector<Meant> out, for_any;
    const bool struts = onStruts(card, w), rear = axle_of(w) == Axle::rear;
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

/// The adjusters that all that is said under `adjust` asks for, by id.
std::map<std::string, book::Json> wantedDevices(const book::Json& card) {
    std::map<std::string, book::Json> out;
    if (!card.contains("adjust") || !card["adjust"].is_object()) return out;
    for (const auto& [wheel, angles] : card["adjust"].items()) {
        const auto w = wheel_named(wheel);
        if (!w || !angles.is_object()) continue;
        for (const auto& [angle, value] : angles.items())
            for (const Meant& m : choicesFor(card, *w, angle))
                if (value == m.choice.word) {
                    const book::Json d = m.json(*w);
                    out[d["id"]] = d;
                }
    }
    return out;
}

constexpr int most_of_a_kind = 500;

/// `4 of 0.5 mm, 2 of 1 mm, 2 mm across`, or `none`: shims as one says them; or what is wrong with it.
Result<book::Json> shimsOf(const std::string& text, Bare bare) {
    book::Json out = book::Json::array();
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
        book::Json shim = book::Json::object();
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

QString textOfShims(const book::Json& list) {
    QStringList out;
    if (list.is_array())
        for (const book::Json& s : list) {
            if (s.is_string()) {
                out << q(s.get<std::string>());
                continue;
            }
            const int n = s.value("count", 1);
            if (n == 0) continue;
            QString one = q(s.value("thickness", ""));
            if (n != 1) one = QStringLiteral("%1 of %2").arg(n).arg(one);
            if (s.value("spans", false)) one += QStringLiteral(" across");
            out << one;
        }
    return out.isEmpty() && list.is_array() && !list.empty() ? QStringLiteral("none")
                                                             : out.join(QStringLiteral(", "));
}

}  // namespace

/// What is asked of each adjuster of a wheel: only what its kind needs.
void CardGuide::addDeviceItems(Group& g, const Adjuster& d) const {
    const AdjusterKind& kind = *adjuster_kind(d.kind);
    const QString what = q(words::adjuster_noun(d));
    for (const DeviceField& f : kind.fields()) {
        if (!f.asks || (f.when && !f.when(d))) continue;
        Item i;
        i.device = d.id;
        i.id = q(d.id) + QLatin1Char(':') + QString::fromLatin1(f.key);
        i.name = QStringLiteral("%1: %2").arg(what, q(words::fill(f.asks, {})));
        i.hint = q(words::fill(f.hint, {}));
        i.path = {f.key};
        i.type = Type::length;
        if (const auto* flag = std::get_if<DeviceField::Flag>(&f.what)) {
            i.type = Type::choice;
            i.choices = {{std::string(flag->unset), q(words::fill(flag->says_unset, {}))},
                         {std::string(flag->set), q(words::fill(flag->says_set, {}))}};
        } else if (const auto* word = std::get_if<DeviceField::Word>(&f.what)) {
            i.type = Type::choice;
            for (std::size_t k = 0; k < word->says.size(); ++k)
                i.choices.emplace_back(std::string(word->words[k]), q(words::fill(word->says[k], {})));
        } else if (std::holds_alternative<DeviceField::SideOfAxle>(f.what)) {
            i.type = Type::choice;
            i.choices = {{"behind-axle", tr("behind the axle")}, {"ahead-of-axle", tr("ahead of the axle")}};
        } else if (std::holds_alternative<DeviceField::Hand>(f.what)) {
            i.type = Type::choice;
            i.choices = {{"right", tr("right-hand")}, {"left", tr("left-hand")}};
        } else if (const auto* stack = std::get_if<DeviceField::Stack>(&f.what)) {
            i.type = Type::shims;
            i.path = {"stacks", std::string(kind.stacks()[static_cast<std::size_t>(stack->which)])};
        } else if (std::holds_alternative<DeviceField::End>(f.what)) {
            i.path = {"range", f.key};
        }
        if (std::holds_alternative<DeviceField::Degrees>(f.what) ||
            (std::holds_alternative<DeviceField::Step>(f.what) &&
             kind.handles(d).front().unit == HandleUnit::degree))
            i.type = Type::angle;
        g.items.push_back(std::move(i));
    }
}

std::string CardGuide::setup() const {
    const book::Json card = desk_.cardJson();
    const book::Json* in_use = find(card, {"setup_in_use"});
    return in_use && in_use->is_string() ? in_use->get<std::string>() : "road";
}

const std::vector<CardGuide::Group>& CardGuide::groups() const {
    const std::pair now(desk_.jobId(), desk_.log().size());
    if (groups_.empty() || groups_of_ != now) {
        groups_ = madeGroups();
        groups_of_ = now;
    }
    return groups_;
}

std::vector<CardGuide::Group> CardGuide::madeGroups() const {
    std::vector<Group> out;
    const auto length = [](const char* id, QString name, std::vector<std::string> path, Bounded b,
                           QString hint) {
        return Item{QString::fromLatin1(id), std::move(name), Type::length, std::move(path), b, {},
                    std::move(hint)};
    };
    const auto text = [](const char* id, QString name, std::vector<std::string> path, QString hint) {
        return Item{QString::fromLatin1(id), std::move(name), Type::words, std::move(path), {}, {},
                    std::move(hint)};
    };
    const auto choice = [](const char* id, QString name, std::vector<std::string> path,
                           std::vector<std::pair<std::string, QString>> choices) {
        return Item{QString::fromLatin1(id),
                    std::move(name),
                    Type::choice,
                    std::move(path),
                    {},
                    std::move(choices),
                    {}};
    };
    std::vector<std::pair<std::string, QString>> suspensions;
    for (int i = 1; i <= index_of(Suspension::multi_link); ++i) {
        const auto s = static_cast<Suspension>(i);
        suspensions.emplace_back(std::string(name_of(s)), q(words::suspension(s)));
    }
    for (Axle a : {Axle::rear, Axle::front}) {
        const std::string axle(name_of(a));
        const bool front = a == Axle::front;
        Group g{front ? tr("front-axle") : tr("rear-axle"),
                front ? tr("Front axle") : tr("Rear axle"),
                QRectF(front ? 486 : 322, 330, 152, 190),
                {}};
        g.id = q(axle) + QStringLiteral("-axle");
        g.items.push_back(choice("suspension", tr("suspension"), {axle, "suspension"}, suspensions));
        g.items.push_back(length("track", tr("track, tire middle to tire middle"), {axle, "track"},
                                 Bounded::track, "1470 mm"));
        g.items.push_back(length("rim_span", tr("rim span, between the lips that are read"),
                                 {axle, "rim_span"}, Bounded::rim_span, "416 mm"));
        g.items.push_back(length("hub_width", tr("width over the hub faces"), {axle, "hub_width"},
                                 Bounded::hub_width, "1472 mm"));
        g.items.push_back(text("tire", tr("rims and tires"), {axle, "tire"}, "195/65 R 15"));
        out.push_back(g);
    }
    const book::Json card = desk_.cardJson();
    for (Wheel w : all_wheels) {
        const std::string at(name_of(w));
        const bool front = axle_of(w) == Axle::front, left = side_of(w) == Side::left;
        Group g{q(at), q(words::wheel(w)), QRectF(front ? 668 : 40, left ? 128 : 556, 270, 160), {}};
        g.items.push_back({"pressure",
                           tr("pressure, cold"),
                           Type::pressure,
                           {"pressures", at},
                           Bounded::pressure,
                           {},
                           "2.2 bar"});
        g.items.push_back(
            length("height", tr("ride height"), {"ride_heights", at}, Bounded::ride_height, "365 mm"));
        for (WheelAngle a : wheel_angles) {
            if (a == WheelAngle::caster && !front) continue;
            const char* angle = name_of(a).data();
            std::vector<std::pair<std::string, QString>> by = {{"none", tr("nothing: no adjuster")},
                                                               {"rods", tr("rods or links")}};
            for (const Meant& m : choicesFor(card, w, angle))
                if (m.serves(w, a) && std::none_of(by.begin(), by.end(),
                                                   [&](const auto& b) { return b.first == m.choice.word; }))
                    by.emplace_back(std::string(m.choice.word), q(words::fill(m.choice.says, {})));
            g.items.push_back(choice(angle, tr("%1 is adjusted by").arg(QString::fromLatin1(angle)),
                                     {"adjust", at, angle}, std::move(by)));
        }
        for (const Adjuster& a : desk_.car().adjusters)
            if (!is_rod(a) && adjuster_kind(a.kind) && wheel_of(a) == w) addDeviceItems(g, a);
        for (const Adjuster& a : desk_.car().adjusters) {
            if (wheel_of(a) != w || !adjuster_kind(a.kind)) continue;
            Item i = text(
                "", tr("%1: its wrenches").arg(q(is_rod(a) ? words::adjuster(a) : words::adjuster_noun(a))),
                {"wrench"}, tr("13 and 19"));
            i.id = q(a.id) + QStringLiteral(":wrench");
            i.device = a.id;
            g.items.push_back(std::move(i));
        }
        out.push_back(g);
    }
    {
        Group g{"body", tr("The car"), QRectF(40, 336, 272, 171), {}};
        g.items.push_back(
            length("wheelbase", tr("wheelbase, hub to hub"), {"wheelbase"}, Bounded::wheelbase, "2565 mm"));
        g.items.push_back(choice("drive", tr("driven wheels"), {"drive"},
                                 {{"front", tr("front")}, {"rear", tr("rear")}, {"all", tr("all four")}}));
        g.items.push_back(choice("no_springs", tr("it stands"), {"no_springs"},
                                 {{"false", tr("on its springs")}, {"true", tr("on blocks, no springs")}}));
        g.items.push_back(
            text("load", tr("load the maker asks for"), {"load"}, tr("full tank, driver 75 kg")));
        g.items.push_back(text("height-how", tr("heights are measured"), {"ride_heights", "measured"},
                               tr("hub middle to arch lip")));
        g.items.push_back({"height-tolerance",
                           tr("heights may miss by"),
                           Type::length,
                           {"ride_heights", "tolerance"},
                           {},
                           {},
                           "10 mm"});
        g.items.push_back({"pressure-tolerance",
                           tr("pressures may miss by"),
                           Type::pressure,
                           {"pressures", "tolerance"},
                           {},
                           {},
                           "0.1 bar"});
        out.push_back(g);
    }
    {
        Group g{"steering", tr("Steering"), QRectF(668, 336, 270, 171), {}};
        g.items.push_back(
            choice("kind", tr("steering gear"), {"steering"}, {{"rack", tr("rack")}, {"box", tr("box")}}));
        g.items.push_back({"ratio",
                           tr("ratio, wheel to road wheels"),
                           Type::number,
                           {"steering_ratio"},
                           Bounded::steering_ratio,
                           {},
                           "16.2"});
        g.items.push_back(
            choice("rods-run", tr("tie rods run"), {"adjusters"},
                   {{"behind-axle", tr("behind the axle")}, {"ahead-of-axle", tr("ahead of the axle")}}));
        g.items.push_back(length("rods-pitch", tr("their thread pitch, a turn"), {"adjusters"},
                                 Bounded::thread_pitch, tr("1.5 mm, 18 tpi, 11 threads in 16 mm")));
        g.items.push_back(choice("power", tr("power steering"), {"power_steering"},
                                 {{"true", tr("with power help")}, {"false", tr("without power help")}}));
        out.push_back(g);
    }
    {
        const std::string s = setup();
        Group g{"targets", tr("Set-up: %1").arg(q(s)), QRectF(40, 725, 430, 168), {}};
        g.items.push_back(text("setup", tr("set-up in use"), {"setup_in_use"}, tr("road, track, wet")));
        for (Axle a : both_axles)
            for (const char* m : {"toe", "camber", "caster", "cross_camber", "cross_caster"}) {
                if (a == Axle::rear && std::string(m).ends_with("caster")) continue;
                const std::string axle(name_of(a));
                Target named;
                named.measure = m == std::string("toe") ? Measure::toe : *measure_named(m);
                named.where = a;
                g.items.push_back(
                    {q(axle + "-" + m),
                     q(words::measure(named)),
                     Type::target,
                     {"setups", s, axle, m},
                     {},
                     {},
                     std::string(m) == "toe" ? tr("0°08' in ±0°15'") : tr("-0.6 deg ±0.5 deg")});
            }
        g.items.push_back({"thrust",
                           tr("thrust line, at most"),
                           Type::target,
                           {"setups", s, "thrust"},
                           {},
                           {},
                           tr("0 ±0°15'")});
        g.items.push_back(text("source", tr("these figures are from"), {"setups", s, "source"},
                               tr("the car's manual, page 212")));
        // A wheel's own comes before its axle's.
        for (Wheel w : all_wheels)
            for (Measure m : {Measure::toe, Measure::camber, Measure::caster}) {
                if (axle_of(w) == Axle::rear && m == Measure::caster) continue;
                const std::string wheel(name_of(w)), name(name_of(m));
                Target named;
                named.measure = m;
                named.where = w;
                g.items.push_back({q(wheel + "-" + name),
                                   tr("%1, its own").arg(q(words::measure_of(named))),
                                   Type::target,
                                   {"setups", s, wheel, name},
                                   {},
                                   {},
                                   m == Measure::toe ? tr("0°04' in ±0°08'") : tr("-0.6 deg ±0.5 deg")});
            }
        out.push_back(g);
    }
    {
        Group g{"torques", tr("Torques, tin"), QRectF(486, 725, 146, 168), {}};
        g.items.push_back({"torque",
                           tr("part and torque"),
                           Type::torque,
                           {"torques"},
                           {},
                           {},
                           tr("tie rod locknut 55 Nm")});
        g.items.push_back(
            {"tin", tr("shims in the tin"), Type::shims, {"tin"}, {}, {}, tr("4 of 0.5 mm, 2 of 1 mm")});
        out.push_back(g);
    }
    {
        Group g{"notes", tr("Notes"), QRectF(646, 725, 132, 168), {}};
        g.items.push_back({"note", tr("a note"), Type::note, {"notes"}, {}, {}, tr("left rear bush creaks")});
        out.push_back(g);
    }
    {
        Group g{"pictures", tr("Pictures"), QRectF(792, 725, 132, 168), {}};
        g.items.push_back(
            {"picture", tr("a picture's file"), Type::picture, {}, {}, {}, tr("/home/…/arm.jpg")});
        out.push_back(g);
    }
    return out;
}

std::optional<CardGuide::Group> CardGuide::group() const {
    for (const Group& g : groups())
        if (g.id == chosen_) return g;
    return std::nullopt;
}

std::optional<CardGuide::Item> CardGuide::item() const {
    const auto g = group();
    if (!g || g->items.empty()) return std::nullopt;
    return g->items[static_cast<std::size_t>(std::clamp(item_, 0, static_cast<int>(g->items.size()) - 1))];
}

void CardGuide::enter() {
    if (chosen_.isEmpty()) chosen_ = QStringLiteral("body");
    item_ = 0;
    pictures_.reset();
}

void CardGuide::choose(const QString& place) {
    item_ = 0;
    DrawnGuide::choose(place);
}

void CardGuide::step(int by) {
    const auto g = group();
    const int n = g ? static_cast<int>(g->items.size()) : 0;
    if (item_ + by >= 0 && item_ + by < n) {
        item_ += by;
        emit changed();
        return;
    }
    DrawnGuide::step(by);
    if (by < 0)
        if (const auto now = group()) item_ = static_cast<int>(now->items.size()) - 1;
    emit changed();
}

QString CardGuide::valueOf(const book::Json& card, const Item& i) const {
    if (i.type == Type::torque || i.type == Type::note) {
        const book::Json* list = find(card, i.path);
        QStringList out;
        if (list && list->is_array())
            for (const book::Json& t : *list)
                out << (i.type == Type::torque ? q(t.value("part", "") + " " + t.value("torque", ""))
                                               : q(t.is_string() ? t.get<std::string>() : ""));
        else if (list && list->is_string())
            out << q(list->get<std::string>());
        return out.join(QStringLiteral("; "));
    }
    if (i.type == Type::picture) {
        const auto n = pictures().size();
        return n == 0 ? QString() : tr("%1 kept").arg(n);
    }
    if (i.type == Type::target) {
        // A toe is under its own name, as total or each.
        std::vector<std::string> path = i.path;
        for (const char* name : {"total_toe", "toe"}) {
            if (path.back() == "toe" || path.back() == "total_toe") path.back() = name;
            if (const book::Json* t = find(card, path))
                return q(book::text_of_target(wheel_named(i.path[2]) ? "" : path.back(), *t));
        }
        const book::Json* t = find(card, i.path);
        return t ? q(book::text_of_target(i.path.back(), *t)) : QString();
    }
    if (i.id.startsWith(QLatin1String("rods-"))) {
        const char* key = i.id == "rods-run" ? "rod" : "pitch";
        if (card.contains("adjusters"))
            for (const book::Json& a : card["adjusters"])
                if (a.value("kind", "") == "steering-rod" && a.contains(key)) {
                    const std::string said = a[key].get<std::string>();
                    for (const auto& [value, name] : i.choices)
                        if (value == said) return name;
                    return q(said);
                }
        return {};
    }
    const book::Json* v = find(card, i.path);
    if (!i.device.empty()) {
        v = nullptr;
        if (card.contains("adjusters"))
            for (const book::Json& a : card["adjusters"])
                if (a.value("id", "") == i.device) v = find(a, i.path);
    }
    if (i.type == Type::shims) return v ? textOfShims(*v) : QString();
    if (i.id == "setup") return q(setup());
    if (!v) return {};
    std::string s = v->is_string() ? v->get<std::string>() : v->dump();
    for (const auto& [value, name] : i.choices)
        if (value == s) return name;
    return q(s);
}

std::vector<Place> CardGuide::places() const {
    std::vector<Place> out;
    const book::Json card = desk_.cardJson();
    for (const Group& g : groups()) {
        int known = 0;
        for (const Item& i : g.items) known += !valueOf(card, i).isEmpty();
        out.push_back({g.id, g.at, g.name, tr("%1 of %2 known").arg(known).arg(g.items.size())});
    }
    return out;
}

QString CardGuide::title() const {
    const auto g = group();
    return g ? g->name : tr("The car's card");
}
QString CardGuide::subtitle() const {
    const auto i = item();
    return i ? i->name : QString();
}
bool CardGuide::typing() const {
    const auto i = item();
    return i && i->type != Type::choice;
}
bool CardGuide::typesWords() const {
    const auto i = item();
    return i && (i->type == Type::words || i->type == Type::note || i->type == Type::picture ||
                 i->type == Type::torque || i->type == Type::target || i->type == Type::shims);
}
QString CardGuide::prompt() const {
    const auto i = item();
    return i ? i->hint : QString();
}
Expect CardGuide::expected() const {
    const auto i = item();
    if (i && i->type == Type::pressure) return {Expect::Kind::pressure, barePressure()};
    if (i && i->type == Type::number) return {Expect::Kind::turns, Bare::turns};
    if (i && i->type == Type::angle) return {Expect::Kind::angle, Bare::deg};
    return {Expect::Kind::length, bareLength(),
            i && (i->id == "rods-pitch" || (!i->path.empty() && i->path.back() == "pitch"))};
}
std::optional<Bounded> CardGuide::bounded() const {
    const auto i = item();
    return i ? i->bounded : std::nullopt;
}

Result<book::TargetText> CardGuide::targetFrom(const Item& i, const QString& text) const {
    const bool of_wheel = i.path.size() > 3 && wheel_named(i.path[2]);
    return book::target_from_text(i.path.back(), text.toStdString(), of_wheel);
}

Understood CardGuide::understand(const QString& text) const {
    const auto i = item();
    if (!i) return {};
    if (i->type == Type::target) {
        const auto t = targetFrom(*i, text);
        if (!t) return {warn(q(words::sentence(t.error()))), false};
        const Target& band = t->band;
        const bool toe = t->measure == "total_toe" || t->measure == "toe";
        const auto shown = [&](Angle a) { return toe ? q(show_toe(a, how_)) : q(fairchalk::show(a, how_)); };
        return {QStringLiteral("⟨b⟩= %1 … %2⟨/b⟩ %3")
                    .arg(shown(band.lo), shown(band.hi),
                         soft(t->measure == "total_toe" ? tr("total")
                              : toe                     ? tr("each wheel")
                                                        : QString())),
                true};
    }
    if (i->type == Type::shims) {
        const auto list = shimsOf(text.toStdString(), bareLength());
        if (!list) return {warn(q(words::sentence(list.error()))), false};
        return {QStringLiteral("⟨b⟩= %1⟨/b⟩").arg(textOfShims(*list)), true};
    }
    if (i->type == Type::number) {
        bool good = false;
        QString plain = text.trimmed();
        const double v = plain.replace(QLatin1Char(','), QLatin1Char('.')).toDouble(&good);
        return good && v > 0 ? Understood{QStringLiteral("⟨b⟩= %1 : 1⟨/b⟩").arg(v), true}
                             : Understood{warn(tr("“%1” is not a ratio, like 16.2.").arg(text)), false};
    }
    return Guide::understand(text);
}

void CardGuide::write(const Item& i, const book::Json& value) {
    book::Json card = desk_.cardJson();
    if (i.id.startsWith(QLatin1String("rods-"))) {
        // Said of both front rods; they are made where the card has none.
        book::Json& list = card["adjusters"];
        if (!list.is_array()) list = book::Json::array();
        bool any = false;
        for (const book::Json& a : list) any = any || a.value("kind", "") == "steering-rod";
        if (!any)
            for (const auto& [id, wheel] :
                 {std::pair("rod-fl", "front-left"), std::pair("rod-fr", "front-right")})
                list.push_back({{"id", id}, {"kind", "steering-rod"}, {"wheel", wheel}});
        for (book::Json& a : list)
            if (a.value("kind", "") == "steering-rod") a[i.id == "rods-run" ? "rod" : "pitch"] = value;
        desk_.editCard(card);
        return;
    }
    if (!i.device.empty()) {
        for (book::Json& a : card["adjusters"])
            if (a.value("id", "") == i.device) {
                book::Json* at = &a;
                for (const std::string& key : i.path) at = &(*at)[key];
                *at = value;
            }
        desk_.editCard(card);
        return;
    }
    book::Json* at = &card;
    for (const std::string& key : i.path) at = &(*at)[key];
    *at = value;
    // That an angle has no adjuster is one of the adjusters of the job file.
    if (i.path.front() == "adjust") {
        const std::string id = "none-" + i.path[1] + "-" + i.path[2];
        book::Json list = book::Json::array();
        if (card.contains("adjusters"))
            for (const book::Json& a : card["adjusters"])
                if (a.value("id", "") != id) list.push_back(a);
        if (value == "none")
            list.push_back({{"id", id}, {"kind", "none"}, {"angle", i.path[2]}, {"wheel", i.path[1]}});
        // What was said makes the adjusters that are meant; those that nothing means any more go.
        const auto wanted = wantedDevices(card);
        book::Json kept = book::Json::array();
        for (const book::Json& a : list) {
            const AdjusterKind* kind = adjuster_kind(a.value("kind", ""));
            if (!kind || wanted.contains(a.value("id", "")) ||
                !a.value("id", "").starts_with(a.value("kind", "")))
                kept.push_back(a);
        }
        for (const auto& [device, json] : wanted)
            if (std::none_of(kept.begin(), kept.end(),
                             [&](const book::Json& a) { return a.value("id", "") == device; }))
                kept.push_back(json);
        card["adjusters"] = kept;
    }
    desk_.editCard(card);
}

QString CardGuide::writeTarget(const Item& i, const QString& text) {
    const auto t = targetFrom(i, text);
    if (!t) return q(words::sentence(t.error()));
    // An axle's under its name, the thrust line's at the top.
    const auto put = [&](book::Json& targets) {
        book::Json& place = i.path.size() > 3 ? targets[i.path[2]] : targets;
        // A toe is either total or each: the other name goes.
        if (i.path.back() == "toe" && place.is_object()) {
            place.erase("toe");
            place.erase("total_toe");
        }
        place[t->measure] = t->target;
    };
    book::Json card = desk_.cardJson();
    put(card["setups"][i.path[1]]);
    desk_.editCard(card);
    // The set-up in use is what this job aims at.
    book::Json targets = desk_.targetsJson();
    put(targets);
    desk_.editTargets(targets);
    return {};
}

QString CardGuide::addPicture(const QString& path) {
    QFile file(path);
    if (!file.open(QIODevice::ReadOnly)) return tr("“%1” can't be opened: %2.").arg(path, file.errorString());
    if (file.size() > largest_picture)
        return tr("“%1” is %2 MB; a picture here may have 20.").arg(path).arg(file.size() >> 20);
    const QByteArray bytes = file.readAll();
    if (QImage::fromData(bytes).isNull())
        return tr("“%1” is not a picture that can be shown: PNG, JPEG or the like.").arg(path);
    desk_.make(
        [&ids = desk_.ids(), car = desk_.book().car_of(desk_.jobId()),
         name = QFileInfo(path).fileName().toStdString(), all = bytes.toStdString()](book::Book& book) {
            book.add_picture(car, name, all, ids);
            return QString();
        },
        [this](const QString&, const QString& error) {
            picture_trouble_ = error;
            pictures_.reset();
            emit changed();
        });
    return {};
}

const std::vector<book::Book::Picture>& CardGuide::pictures() const {
    if (!pictures_) pictures_ = desk_.book().pictures(desk_.book().car_of(desk_.jobId()));
    return *pictures_;
}

QString CardGuide::keep(const QString& text) {
    const auto i = item();
    if (!i) return {};
    const std::string s = text.trimmed().toStdString();
    if (s.empty()) {
        step(+1);  // not known yet: it can wait
        return {};
    }
    try {
        switch (i->type) {
            case Type::shims: {
                const auto list = shimsOf(s, bareLength());
                if (!list) return q(words::sentence(list.error()));
                write(*i, *list);
                break;
            }
            case Type::length:
            case Type::angle:
            case Type::pressure: {
                const auto quantity = read_quantity(s, expected());
                if (!quantity) return q(words::sentence(quantity.error()));
                write(*i, quantity->text);
                break;
            }
            case Type::number: {
                if (const Understood u = understand(text); !u.good)
                    return tr("“%1” is not a ratio, like 16.2.").arg(text);
                write(*i, QString::fromStdString(s).replace(QLatin1Char(','), QLatin1Char('.')).toDouble());
                break;
            }
            case Type::target:
                if (const QString wrong = writeTarget(*i, text.trimmed()); !wrong.isEmpty()) return wrong;
                break;
            case Type::torque: {
                // The part's name, then the torque: it begins at the last number.
                const auto number = s.find_last_of("0123456789");
                auto from = number;
                while (from != std::string::npos && from > 0 && s[from - 1] != ' ') --from;
                const std::string part = from == std::string::npos || from == 0 ? "" : s.substr(0, from - 1);
                const auto torque = read_quantity(from == std::string::npos ? s : s.substr(from),
                                                  {Expect::Kind::torque, Bare::nm});
                if (part.empty() || !torque)
                    return tr("Say the part, then its torque: “tie rod locknut 55 Nm”.");
                book::Json card = desk_.cardJson();
                book::Json list = book::Json::array();
                if (card.contains("torques"))
                    for (const book::Json& t : card["torques"])
                        if (t.value("part", "") != part) list.push_back(t);
                list.push_back({{"part", part}, {"torque", torque->text}});
                write(*i, list);
                return {};
            }
            case Type::note: {
                book::Json card = desk_.cardJson();
                book::Json list =
                    card.contains("notes") && card["notes"].is_array() ? card["notes"] : book::Json::array();
                if (card.contains("notes") && card["notes"].is_string()) list.push_back(card["notes"]);
                list.push_back(s);
                write(*i, list);
                return {};
            }
            case Type::picture:
                return addPicture(text.trimmed());
            case Type::words:
                write(*i, s);
                if (i->id == "setup") {
                    // Another set-up: its figures are what this job aims at from here on.
                    const book::Json card = desk_.cardJson();
                    if (const book::Json* targets = find(card, {"setups", s})) {
                        book::Json t = *targets;
                        t.erase("source");
                        desk_.editTargets(t);
                    }
                }
                break;
            case Type::choice:
                return {};
        }
    } catch (const book::FileError& e) {
        return q(words::sentence(e.message));
    }
    step(+1);
    return {};
}

std::vector<Act> CardGuide::acts() const {
    std::vector<Act> out;
    const auto i = item();
    if (!i) return out;
    const QString now = valueOf(desk_.cardJson(), *i);
    if (i->type == Type::choice)
        for (const auto& [value, name] : i->choices) out.push_back({q(value), name, false, name == now});
    if (i->type == Type::picture) out.push_back({"browse", tr("Choose a file …"), false, false});
    out.push_back({"next", tr("Next"), false, false});
    out.push_back({"done", tr("Back to the job"), false, false});
    return out;
}

void CardGuide::act(const QString& id) {
    const auto i = item();
    if (id == "done") {
        emit pageWanted({});
    } else if (id == "next") {
        step(+1);
    } else if (id == "browse") {
        auto* dialog = new QFileDialog(nullptr, tr("A picture of the car"), {},
                                       tr("Pictures (*.png *.jpg *.jpeg *.webp)"));
        dialog->setAttribute(Qt::WA_DeleteOnClose);
        dialog->setFileMode(QFileDialog::ExistingFile);
        connect(dialog, &QFileDialog::fileSelected, this, [this](const QString& path) {
            picture_trouble_ = addPicture(path);
            emit changed();
        });
        dialog->open();
    } else if (i && i->type == Type::choice) {
        book::Json value = id.toStdString();
        if (id == "true" || id == "false") value = id == "true";
        write(*i, value);
        step(+1);
    }
}

QString CardGuide::body() const {
    const auto g = group();
    if (!g) return {};
    const book::Json card = desk_.cardJson();
    QString rows;
    const auto now = item();
    for (const Item& i : g->items) {
        const QString v = valueOf(card, i);
        const bool here = now && now->id == i.id;
        rows += QStringLiteral("⟨tr⟩⟨td width='160'⟩%1%2⟨/td⟩⟨td⟩%3⟨/td⟩⟨/tr⟩")
                    .arg(here ? QStringLiteral("⟨b⟩› ⟨/b⟩") : QString(), i.name,
                         v.isEmpty() ? soft(tr("can wait")) : QStringLiteral("⟨b⟩%1⟨/b⟩").arg(v));
    }
    QString out = QStringLiteral("⟨table cellspacing='0' cellpadding='3'⟩%1⟨/table⟩").arg(rows);
    if (!picture_trouble_.isEmpty()) out += line(picture_trouble_);
    if (g->id == "targets")
        out += line(soft(tr(
            "In the manual's own terms: 0°08' in ±0°15', or 2 mm in ±1.5 mm over 416 mm, with total, each or "
            "half at the end. The manual comes before anything said here.")));
    if (g->id == "targets") {
        out += head(tr("Where the manual has none: schools of thought, never a figure for your car"));
        for (const School* s : desk_.knowledge().on("targets"))
            out += line(QStringLiteral("⟨b⟩%1.⟨/b⟩ %2 %3").arg(q(s->text), q(s->reason), soft(q(s->how))));
    }
    if (g->id == "torques") out += line(soft(tr("From the manual only; they show at the loose list.")));
    out +=
        line(soft(tr("Enter with nothing typed goes on: only what the next step needs is asked for again.")));
    return out;
}

QString CardGuide::say() const {
    return tr(
        "Point at a place of the car and say what belongs there; the rest can wait. Escape goes back to the "
        "job.");
}

void CardGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    const book::Json card = desk_.cardJson();
    drawText(p, {40, 26, 700, 39}, Qt::AlignLeft, tr("The card of %1").arg(q(desk_.car().name)), 19, c.chalk,
             true);
    drawText(p, {40, 68, 800, 32}, Qt::AlignLeft,
             tr("every place says what is known of it; what is not known can wait"), 14, c.soft);
    drawCar(p, {300, 258, 360, 329});
    for (const Group& g : groups()) {
        drawText(p, {g.at.left() + 12, g.at.top() + 6, g.at.width() - 20, 26}, Qt::AlignLeft, g.name, 15,
                 c.chalk, true);
        double y = g.at.top() + 36;
        int more = 0;
        for (const Item& i : g.items) {
            const QString v = valueOf(card, i);
            if (v.isEmpty()) continue;
            if (y + 24 > g.at.bottom()) {
                ++more;
                continue;
            }
            drawText(p, {g.at.left() + 12, y, g.at.width() - 20, 24}, Qt::AlignLeft,
                     i.type == Type::target                          ? i.name + QStringLiteral(": ") + v
                     : !i.path.empty() && i.path.front() == "adjust" ? i.id + QStringLiteral(": ") + v
                                                                     : v,
                     13, c.soft);
            y += 24;
        }
        if (y < g.at.top() + 37)
            drawText(p, {g.at.left() + 12, y, g.at.width() - 20, 24}, Qt::AlignLeft, tr("not said yet"), 13,
                     c.faint);
        if (more > 0)
            drawText(p, {g.at.left() + 12, g.at.top() + 6, g.at.width() - 20, 26}, Qt::AlignRight,
                     tr("+%1").arg(more), 13, c.soft);
    }
    // The first picture, small.
    if (!pictures().empty()) {
        const QImage image = QImage::fromData(QByteArray::fromStdString(pictures().front().bytes));
        if (!image.isNull()) {
            const QSizeF size = QSizeF(image.size()).scaled(108, 62, Qt::KeepAspectRatio);
            p.drawImage(QRectF({804, 804}, size), image);
        }
    }
}

}  // namespace fairchalk::desk
