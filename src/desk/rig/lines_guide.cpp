// SPDX-License-Identifier: GPL-3.0-or-later
#include "rig/lines_guide.h"

#include <algorithm>
#include <cmath>

#include "look/chalk.h"
#include "look/html.h"
#include "look/language.h"
#include "read/read_text.h"
#include "rig/rig_drawing.h"
#include "rig/tonight_question.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

constexpr double wall_w = 920, thing_h = 92, wall_y = 56;
constexpr double ways_y = 262, way_h = 37, lean_h = 29;
constexpr double told_x = 596, told_y = 598, told_h = 33;

QRectF placeOfRig(const Rig& rig) {
    // Toe in two columns, camber and caster in the third.
    int column = 0, row = 0;
    for (const Rig* one : all_rigs()) {
        const Rig& r = *one;
        if (r.use != RigUse::toe && column < 2) column = 2, row = 0;
        if (r.use == RigUse::toe && row == 6) ++column, row = 0;
        if (&r == &rig) break;
        ++row;
    }
    // Nine stand in the last column.
    const double high = column == 2 ? lean_h : way_h;
    return {20 + column * 307.0, ways_y + 26 + row * high, 297, high - 2};
}

/// Told by typing a dimension or an angle; the rest is chosen.
bool isTyped(const QString& told) {
    return told.startsWith("bar-") || told.startsWith("size:") || told == "sweep" || told == "scale" ||
           told == "stations";
}

}  // namespace

QString countOf(const Needed& n, const Knowledge& k) {
    const Thing& t = *k.thing(n.thing);
    return n.count == 1 ? QStringLiteral("1 %1").arg(q(t.one))
                        : QStringLiteral("%1 %2").arg(n.count).arg(q(t.text));
}

/// Where nothing was chosen strings on two bars stand in, once somebody said or read something of them.
bool LinesGuide::stringsInUse() const {
    const LinesSet l = desk_.lines();
    if (l.bars.front_ahead || l.bars.rear_behind) return true;
    for (std::size_t i = 0; i < desk_.log().size(); ++i)
        if (const Reading* r = std::get_if<Reading>(&desk_.log()[i].event);
            r && desk_.job().live(i) && reads_angle(desk_.log()[i]) && usual_rig().reads(r->spot.kind))
            return true;
    return false;
}

std::vector<std::string> LinesGuide::rigs() const {
    auto out = desk_.lines().rigs;
    if (out.empty() && stringsInUse()) out.emplace_back(usual_rig().id);
    return out;
}

Equipment LinesGuide::atHand() const {
    return equipment_of_ids(desk_.facts().at("at_hand"), desk_.knowledge());
}

std::string LinesGuide::part() const {
    return chosen_.section(QLatin1Char(':'), 1).toStdString();
}

std::vector<LinesGuide::Told> LinesGuide::told() const {
    std::vector<Told> out;
    const LinesSet l = desk_.lines();
    const auto chosen = rigs();
    const auto has = [&](auto&& of) { return std::any_of(chosen.begin(), chosen.end(), of); };
    const auto length = [&](const std::optional<Length>& v) {
        return v ? q(fairchalk::show(*v, how_)) : tr("to be told");
    };
    if (has([](const std::string& id) { return rig_named(id)->bars; })) {
        out.push_back({"bar-front", tr("Front bar, ahead of the hubs"), length(l.bars.front_ahead),
                       !l.bars.front_ahead});
        out.push_back(
            {"bar-rear", tr("Rear bar, behind the hubs"), length(l.bars.rear_behind), !l.bars.rear_behind});
    }
    for (const SizeField& size : sizes_of(chosen)) {
        const auto& v = l.sizes.*size.field;
        QString name = q(words::size(size.name));
        if (!name.isEmpty()) name[0] = name[0].toUpper();
        out.push_back({"size:" + q(std::string(size.name)), name, length(v), !v});
    }
    if (has([](const std::string& id) { return rig_named(id)->sweeps(); }))
        out.push_back({"sweep", tr("Turned each way for caster"),
                       q(fairchalk::show(l.sweep.value_or(usual_sweep), how_)), false});
    if (has([](const std::string& id) { return rig_named(id)->own_scale; }))
        out.push_back({"scale", tr("The gauge's scale is made for"),
                       q(fairchalk::show(l.caster_scale.value_or(usual_sweep), how_)), false});
    if (has([](const std::string& id) { return rig_named(id)->stations; })) {
        QStringList at;
        for (Length s : l.stations) at << q(fairchalk::show(s, how_));
        out.push_back({"stations", tr("Marks, from the rear axle"),
                       at.isEmpty() ? tr("at both axles") : at.join(QStringLiteral("; ")), false});
    }
    out.push_back({"rule", tr("Lengths are read with"), q(words::tool(desk_.tool())), false});
    if (has([](const std::string& id) { return rig_named(id)->use != RigUse::toe; }))
        out.push_back({"gauge", tr("Angles are read with"), q(words::tool(desk_.gauge())), false});
    out.push_back({"held", tr("Steering"), l.steering_held ? tr("held straight") : tr("not held"), false});
    if (has([](const std::string& id) { return rig_named(id)->strung(); }))
        out.push_back({"square", tr("Squaring the strings"),
                       desk_.facts().at("squaring") == "yes" ? tr("with the assistant") : tr("not needed"),
                       false});
    return out;
}

QString LinesGuide::firstMissing() const {
    const auto all = told();
    const auto missing = std::find_if(all.begin(), all.end(), [](const Told& t) { return t.missing; });
    return missing != all.end() ? missing->id : QString();
}

void LinesGuide::enter() {
    const QString missing = firstMissing();
    chosen_ = !missing.isEmpty() ? missing : rigs().empty() ? QStringLiteral("wall") : told().front().id;
    // What none of the chosen ways tells brought them here: to one that does, of what is at hand.
    if (!missing.isEmpty() || !desk_.answerIsCurrent() || !desk_.answer().untold) return;
    const Equipment have = atHand();
    for (std::string_view rig : desk_.answer().untold->rigs)
        if (have.empty() || lacking(*desk_.knowledge().rig(rig), have).empty()) {
            chosen_ = QStringLiteral("rig:") + q(std::string(rig));
            return;
        }
}

std::vector<Place> LinesGuide::places() const {
    std::vector<Place> out;
    double y = told_y;
    for (const Told& t : told()) {
        out.push_back({t.id, {told_x, y, 344, told_h - 3}, t.name, t.value});
        y += told_h;
    }
    const Equipment have = atHand();
    const auto chosen = rigs();
    for (const Rig* one : all_rigs()) {
        const Rig& r = *one;
        const RigItem& item = *desk_.knowledge().rig(r.id);
        const bool is = std::count(chosen.begin(), chosen.end(), r.id) > 0;
        const bool lacks = !have.empty() && !lacking(item, have).empty();
        out.push_back({"rig:" + q(item.id), placeOfRig(r), q(item.text),
                       is      ? tr("set up")
                       : lacks ? tr("something is missing")
                               : tr("possible")});
    }
    out.push_back({"wall", {20, 14, 400, 36}, tr("On the wall"), tr("say what you have")});
    // Two rails of nails.
    const auto& things = desk_.knowledge().things;
    const int in_a_row = (static_cast<int>(things.size()) + 1) / 2;
    const double thing_w = wall_w / in_a_row;
    int n = 0;
    for (const Thing& t : things) {
        const auto it = have.find(t.id);
        out.push_back(
            {"thing:" + q(t.id),
             {20 + (n % in_a_row) * thing_w, wall_y + (n / in_a_row) * (thing_h + 4), thing_w - 6, thing_h},
             q(t.text),
             it == have.end() ? tr("on the wall") : tr("%1 at hand").arg(it->second)});
        ++n;
    }
    return out;
}

void LinesGuide::point(const QString& place) {
    // A thing is taken down by pointing at it; a way of measuring is first looked at.
    if (place.startsWith(QLatin1String("thing:")))
        toggleThing(place.section(QLatin1Char(':'), 1).toStdString());
    choose(place);
}

void LinesGuide::toggleThing(const std::string& id) {
    Equipment have = atHand();
    if (have.contains(id))
        have.erase(id);
    else
        have[id] = desk_.knowledge().thing(id)->usual;
    desk_.facts().keep("at_hand", ids_of(have));
}

void LinesGuide::toggleRig(const std::string& id) {
    LinesSet l = desk_.lines();
    // Strings that stand in stay beside what is added to them.
    if (l.rigs.empty() && stringsInUse() &&
        (id == usual_rig().id || l.bars.front_ahead || rig_named(id)->use != RigUse::toe))
        l.rigs.emplace_back(usual_rig().id);
    const auto it = std::find(l.rigs.begin(), l.rigs.end(), id);
    if (it != l.rigs.end())
        l.rigs.erase(it);
    else
        l.rigs.push_back(id);
    desk_.setLines(l);
}

QString LinesGuide::title() const {
    for (const Place& p : places())
        if (p.id == chosen_) return p.name;
    return tr("Lines");
}

QString LinesGuide::subtitle() const {
    if (chosen_ == "bar-front") return tr("how far ahead of the front hubs?");
    if (chosen_ == "bar-rear") return tr("how far behind the rear hubs?");
    if (chosen_.startsWith("size:")) return tr("measured once, for this round and those after it");
    if (chosen_ == "sweep") return tr("the same out and in; a reading may say its own");
    if (chosen_ == "scale") return tr("as its maker says; mostly 20°");
    if (chosen_ == "stations") return tr("two or more, with a ; between them");
    if (chosen_ == "wall") return tr("two stands, a tape, boards");
    for (const Place& p : places())
        if (p.id == chosen_) return p.value;
    return {};
}

bool LinesGuide::typing() const {
    return chosen_ == "wall" || isTyped(chosen_);
}

QString LinesGuide::prompt() const {
    return chosen_ == "wall" ? tr("I have: …") : QString();
}

Expect LinesGuide::expected() const {
    if (chosen_ == "sweep" || chosen_ == "scale") return {Expect::Kind::angle, Bare::deg};
    return {Expect::Kind::length, bareLength()};
}

std::optional<Bounded> LinesGuide::bounded() const {
    if (chosen_.startsWith("bar-")) return Bounded::bar_distance;
    return std::nullopt;
}

namespace {

QString listOf(const std::vector<std::string>& parts) {
    QStringList out;
    for (const std::string& p : parts) out << QStringLiteral("“%1”").arg(q(p));
    return out.join(QStringLiteral(", "));
}

/// `0; 2400 mm`
Result<std::vector<Length>> readStations(const QString& text, const Expect& expect) {
    std::vector<Length> out;
    for (const QString& part : text.split(QLatin1Char(';'), Qt::SkipEmptyParts)) {
        const auto one = read_quantity(part.trimmed().toStdString(), expect);
        if (!one) return tl::unexpected(one.error());
        out.push_back(one->length());
    }
    if (out.size() < 2)
        return fail(Code::text_not_understood, text.toStdString(), "the end: a second mark", "0; 2400 mm",
                    "10 in; 90 in");
    return out;
}

}  // namespace

Understood LinesGuide::understand(const QString& text) const {
    if (chosen_ == "wall") {
        const EquipmentRead read = read_equipment(text.toStdString(), desk_.knowledge());
        QStringList have;
        for (const auto& [id, n] : read.have) have << countOf({id, n}, desk_.knowledge());
        QString html =
            have.isEmpty() ? QString() : QStringLiteral("⟨b⟩= %1⟨/b⟩").arg(have.join(QStringLiteral(", ")));
        if (!read.unknown.empty())
            html +=
                QStringLiteral(" ") + warn(tr("%1 is none of what hangs there").arg(listOf(read.unknown)));
        return {html, read.unknown.empty()};
    }
    if (chosen_ == "stations") {
        const auto read = readStations(text, expected());
        if (!read) return {warn(q(words::sentence(read.error()))), false};
        QStringList at;
        for (Length s : *read) at << q(fairchalk::show(s, how_));
        return {QStringLiteral("⟨b⟩= %1⟨/b⟩").arg(at.join(QStringLiteral("; "))), true};
    }
    if (namesThings(text)) return {soft(tr("Enter: what hangs on the wall")), true};
    return Guide::understand(text);
}

/// Words where a number was asked for: said of the wall.
bool LinesGuide::namesThings(const QString& text) const {
    if (chosen_ == "wall" || read_quantity(text.toStdString(), expected())) return false;
    const EquipmentRead read = read_equipment(text.toStdString(), desk_.knowledge());
    return !read.have.empty() && read.unknown.empty();
}

QString LinesGuide::keep(const QString& text) {
    if (chosen_ == "wall" || namesThings(text)) {
        const EquipmentRead read = read_equipment(text.toStdString(), desk_.knowledge());
        if (read.have.empty())
            return tr("“%1” names nothing that hangs on this wall; right would be: two stands, a tape, "
                      "boards.")
                .arg(text.trimmed());
        if (!read.unknown.empty())
            return tr("%1 is none of what hangs on this wall. Take it out, or name it as it is named there.")
                .arg(listOf(read.unknown));
        Equipment have = atHand();
        for (const auto& [id, n] : read.have) have[id] = n;
        desk_.facts().keep("at_hand", ids_of(have));
        emit changed();
        return {};
    }
    LinesSet l = desk_.lines();
    if (chosen_ == "stations") {
        const auto read = readStations(text, expected());
        if (!read) return q(words::sentence(read.error()));
        l.stations = *read;
    } else {
        const auto quantity = read_quantity(text.toStdString(), expected());
        if (!quantity) return q(words::sentence(quantity.error()));
        if (quantity->value <= 0.0)
            return tr("“%1” is not more than nothing; right would be a distance or an angle above 0.")
                .arg(text.trimmed());
        if (chosen_ == "bar-front") l.bars.front_ahead = quantity->length();
        if (chosen_ == "bar-rear") l.bars.rear_behind = quantity->length();
        if (chosen_ == "sweep" || chosen_ == "scale") {
            if (quantity->value > 60.0)
                return tr("“%1” is more than a wheel turns; right would be about 20°.").arg(text.trimmed());
            (chosen_ == "sweep" ? l.sweep : l.caster_scale) = quantity->angle();
        }
        for (const SizeField& size : size_fields())
            if (part() == size.name && chosen_.startsWith("size:")) l.sizes.*size.field = quantity->length();
    }
    desk_.setLines(l);
    // On to what is still to be told; when all is, to the readings.
    const auto all = told();
    std::size_t here = 0;
    while (here < all.size() && all[here].id != chosen_) ++here;
    for (std::size_t i = here + 1; i < all.size(); ++i)
        if (isTyped(all[i].id)) {
            choose(all[i].id);
            return {};
        }
    if (const QString missing = firstMissing(); !missing.isEmpty())
        choose(missing);
    else
        emit changed();
    return {};
}

std::vector<Act> LinesGuide::acts() const {
    std::vector<Act> out = actsHere();
    // Once nothing is missing, on to the readings from wherever one points.
    const bool there = std::any_of(out.begin(), out.end(), [](const Act& a) { return a.id == "go-on"; });
    if (!there && firstMissing().isEmpty() && !rigs().empty()) out.push_back(onward());
    return out;
}

/// Who read first and is asked for a size then has nothing to read any more.
bool LinesGuide::allRead() const {
    return desk_.round() >= 0 && !next_spot(desk_.job(), desk_.round());
}

Act LinesGuide::onward() const {
    return allRead() ? AfterReading(desk_).act() : goOn(Stage::read);
}

std::vector<Act> LinesGuide::actsHere() const {
    if (chosen_.startsWith("rig:")) {
        const auto chosen = rigs();
        const bool is = std::count(chosen.begin(), chosen.end(), part()) > 0;
        std::vector<Act> out = {{"rig", is ? tr("Put it away") : tr("Set it up"), !is, false, 0},
                                {"how", tr("How it is set up"), false, false, 1}};
        if (is && !firstMissing().isEmpty()) out.push_back({"tell", tr("Say its sizes"), true, false, 2});
        if (!desk_.knowledge().rig(part())->making.empty())
            out.push_back({"make", tr("The sums"), false, false, 3});
        return out;
    }
    if (chosen_.startsWith("thing:"))
        return {{"thing", atHand().contains(part()) ? tr("Hang it back") : tr("Take it down"), true, false}};
    if (chosen_ == "rule" || chosen_ == "gauge") {
        std::vector<Act> out = {{"tools", tr("The drawer of tools"), false, false}};
        const auto quantity = chosen_ == "rule" ? QuantityKind::length : QuantityKind::angle;
        const std::string now = chosen_ == "rule" ? desk_.tool() : desk_.gauge();
        for (const Tool& t : desk_.tools())
            if (t.quantity == quantity && !serves_one_rig(t.name))
                out.push_back({"with:" + q(t.name), q(words::tool(t.name)), false, t.name == now});
        return out;
    }
    if (chosen_ == "held")
        return {
            {"held", desk_.lines().steering_held ? tr("It was not held") : tr("It is held"), false, false}};
    if (chosen_ == "square")
        return {{"square",
                 desk_.facts().at("squaring") == "yes" ? tr("No need of it") : tr("Help me square them"),
                 false, false}};
    std::vector<Act> out;
    if (firstMissing().isEmpty() && !rigs().empty())
        out.push_back(onward());
    else
        out.push_back({"go-on", tr("To the readings"), false, false, 0});
    out.push_back({"ways", tr("Ways to measure"), false, false, 1});
    if (chosen_ != "wall") out.push_back({"wall", tr("I have …"), false, false, 2});
    out.push_back({"tonight", tr("Which tonight? …"), false, false, 3});
    out.push_back({"making", tr("Making rigs"), false, false, 4});
    return out;
}

void LinesGuide::act(const QString& id) {
    LinesSet l = desk_.lines();
    if (id == "rig") {
        toggleRig(part());
        return emit changed();
    }
    if (id == "how") return emit pageWanted({PageId::rig, q(part())});
    if (id == "make") return emit pageWanted({PageId::making, q(desk_.knowledge().rig(part())->making)});
    if (id == "making") return emit pageWanted({PageId::making, QStringLiteral("bars")});
    if (id == "tools")
        return emit pageWanted({PageId::tools, q(chosen_ == "rule" ? desk_.tool() : desk_.gauge())});
    if (id == "tell") return choose(firstMissing());
    if (id == "wall") return choose(id);
    if (id == "tonight") return emit asks(new TonightQuestion(desk_));
    if (id == "ways")
        return choose("rig:" + q(rigs().empty() ? std::string(usual_rig().id) : rigs().front()));
    if (id == "go-on") {
        if (firstMissing().isEmpty() && allRead()) return AfterReading(desk_).go(*this);
        return emit stageWanted(Stage::read);
    }
    if (id == "thing") toggleThing(part());
    if (id == "square") desk_.facts().keep("squaring", desk_.facts().at("squaring") == "yes" ? "no" : "yes");
    if (id == "held") {
        l.steering_held = !l.steering_held;
        desk_.setLines(l);
    }
    if (id.startsWith("with:")) {
        (chosen_ == "rule" ? l.tool : l.gauge) = id.mid(5).toStdString();
        desk_.setLines(l);
    }
    emit changed();
}

QString LinesGuide::say() const {
    const auto all = told();
    const auto missing = std::find_if(all.begin(), all.end(), [](const Told& t) { return t.missing; });
    if (rigs().empty()) return tr("Choose how it is measured: point at a way, or say what you have.");
    if (chosen_ == "wall")
        return tr("Say what you have, or point at it: what it can measure shows below the wall.");
    if (missing != all.end())
        return tr("Say %1: without it the readings do not count.").arg(inSentence(missing->name));
    if (const QString ways = waysThatTell(desk_); !ways.isEmpty() && desk_.answerIsCurrent()) return ways;
    if (allRead()) return tr("Every spot of this round has been read.");
    return tr(
        "Ready to read (Ctrl+6). Another way of measuring may stand beside this one, as a check on it.");
}

void LinesGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    const Equipment have = atHand();
    // The wall: a rail with nails.
    drawText(p, {30, 18, 380, 30}, Qt::AlignLeft | Qt::AlignVCenter, tr("On the wall: “I have …”"), 15,
             chosen_ == "wall" ? c.string : c.chalk, true);
    for (int row = 0; row < 2; ++row) {
        p.setPen(c.stroke(c.faint, 3));
        const double y = wall_y + row * (thing_h + 4) + 4;
        p.drawLine(QPointF(20, y), QPointF(940, y));
    }
    for (const Place& place : places()) {
        if (place.id.startsWith("thing:")) {
            const std::string id = place.id.mid(6).toStdString();
            const auto it = have.find(id);
            drawThing(p, QRectF(place.at.x() + 22, place.at.y() + 8, place.at.width() - 44, 58), id, true);
            if (it != have.end())
                drawState(p, place.at.topRight() + QPointF(-17, 40), CheckState::good, false);
            drawText(p, {place.at.x(), place.at.bottom() - 26, place.at.width(), 24}, Qt::AlignCenter,
                     it == have.end() || it->second == 1
                         ? place.name
                         : QStringLiteral("%1 %2").arg(it->second).arg(place.name),
                     11.5, it == have.end() ? c.soft : c.chalk, it != have.end());
        }
    }
    // The ways of measuring.
    const auto headline = [&](double x, const QString& words) {
        drawText(p, {x, ways_y, 290, 24}, Qt::AlignLeft | Qt::AlignVCenter, words, 13, c.soft);
    };
    headline(26, tr("Ways to measure toe"));
    headline(640, tr("Camber and caster"));
    const auto chosen = rigs();
    for (const Rig* one : all_rigs()) {
        const Rig& r = *one;
        const RigItem& item = *desk_.knowledge().rig(r.id);
        const QRectF at = placeOfRig(r);
        const bool is = std::count(chosen.begin(), chosen.end(), r.id) > 0;
        const bool lacks = !have.empty() && !lacking(item, have).empty();
        drawState(p, {at.x() + 18, at.center().y()},
                  is      ? CheckState::good
                  : lacks ? CheckState::not_applicable
                          : CheckState::open,
                  chosen_ == "rig:" + q(item.id));
        drawText(p, at.adjusted(38, 0, -4, 0), Qt::AlignLeft | Qt::AlignVCenter, q(item.text), 13,
                 lacks && !is ? c.soft : c.chalk, is);
    }
    p.setPen(c.stroke(c.floor_line, 2));
    p.drawLine(QPointF(20, 570), QPointF(940, 570));
    // What is chosen, standing on the floor.
    drawText(p, {26, 574, 300, 24}, Qt::AlignLeft | Qt::AlignVCenter, tr("On the floor"), 13, c.soft);
    const QRectF box(70, 660, 440, 170);
    drawCar(p, box);
    const CarPlan car{wheelOf(box, Wheel::rear_left).x(), wheelOf(box, Wheel::front_left).x(), box.top(),
                      box.bottom()};
    for (const std::string& id : chosen) {
        const Rig& r = *rig_named(id);
        const auto [left, right] = r.strings;
        if (r.strung()) {
            const double y0 = box.top() - 42, y1 = box.bottom() + 42;
            if (left) stringLine(p, {34, y0}, {546, y0}, c.string, 2.4);
            if (right) stringLine(p, {34, y1}, {546, y1}, c.string, 2.4);
            p.setPen(c.stroke(c.soft, 4));
            if (r.tied_to_bars)
                for (double x : {34.0, 546.0}) p.drawLine(QPointF(x, y0 - 12), QPointF(x, y1 + 12));
            else
                for (double x : {34.0, 546.0})
                    for (double y : {y0, y1})
                        if (y == y0 ? left : right)
                            p.drawPolyline(QPolygonF({{x - 8, y + 10}, {x, y - 8}, {x + 8, y + 10}}));
        }
        drawRigOnFloor(p, r, car, {true, true});
        if (r.use == RigUse::toe) continue;
        for (Wheel w : all_wheels) {
            if (r.use == RigUse::caster && axle_of(w) == Axle::rear) continue;
            const QPointF at = wheelOf(box, w);
            p.setPen(c.stroke(c.soft, 2));
            p.setBrush(Qt::NoBrush);
            if (r.use == RigUse::caster)
                p.drawEllipse(at, 42, 34);  // the plate
            else
                p.drawRect(QRectF(at.x() - 7, at.y() + (side_of(w) == Side::left ? -28 : 16), 14, 12));
        }
    }
    drawText(p, {told_x, 574, 344, 24}, Qt::AlignLeft | Qt::AlignVCenter, tr("To be told once"), 13, c.soft);
    double y = told_y;
    for (const Told& t : told()) {
        const QRectF at(told_x, y, 344, told_h - 3);
        // What the value leaves is the name's.
        const auto wide = [](const QString& text, double size, bool bold) {
            return QFontMetricsF(chalked(size, bold)).horizontalAdvance(text) + 12;
        };
        const double room = at.width() - 18 - wide(t.name, 11.5, false);
        const double value = std::min(wide(t.value, 12.5, !t.missing), std::max(136.0, room));
        drawText(p, at.adjusted(10, 0, -8 - value, 0), Qt::AlignLeft | Qt::AlignVCenter, t.name, 11.5,
                 c.soft);
        drawText(p, at.adjusted(at.width() - 8 - value, 0, -8, 0), Qt::AlignRight | Qt::AlignVCenter, t.value,
                 12.5, t.missing ? c.caution : c.chalk, !t.missing);
        y += told_h;
    }
}

}  // namespace fairchalk::desk
