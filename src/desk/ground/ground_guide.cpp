// SPDX-License-Identifier: GPL-3.0-or-later
#include "ground/ground_guide.h"

#include <algorithm>
#include <cmath>

#include <QDate>

#include "look/chalk.h"
#include "look/html.h"
#include "words/words.h"

namespace fairchalk::desk {
namespace {

constexpr int old_after_days = 365;
constexpr double other_car_mm = 100.0;  // a wheelbase that stands on other spots

QString idOf(const Spot& s) {
    return q(s.name());
}

const auto& spotsOf(FloorMethod m) {
    return m == FloorMethod::level_line ? floor_spots() : floor_legs();
}

bool surveyed(FloorMethod m) {
    return m == FloorMethod::level_line || m == FloorMethod::level_legs;
}

}  // namespace

void GroundGuide::enter() {
    const auto floor = floor_now(desk_.job());
    if (!floor) {
        chosen_.clear();
        return;
    }
    const auto needs = floor_needs(desk_.job(), *floor);
    if (!needs.empty())
        chosen_ = idOf(needs.front());
    else if (chosen_.isEmpty() || askedSpot())
        chosen_ =
            floor->method == FloorMethod::flat_enough ? QStringLiteral("flat") : QStringLiteral("tiles");
}

std::vector<GroundGuide::Known> GroundGuide::knownFloors() const {
    std::vector<Known> out;
    for (const auto& [key, value] : desk_.book().facts("floor:")) {
        try {
            const book::Json j = book::parse_json(value);
            const Entry e = book::entry_from(j, "", {});
            if (const auto* set = std::get_if<FloorSet>(&e.event)) {
                Known k{q(key.substr(6)), *set, {}};
                if (j.contains("wheelbase"))
                    if (const auto w = read_quantity(j["wheelbase"].get<std::string>()))
                        k.wheelbase = w->length();
                out.push_back(k);
            }
        } catch (const std::exception&) {
            continue;  // a fact of a newer version
        }
    }
    return out;
}

std::optional<Spot> GroundGuide::askedSpot() const {
    const auto floor = floor_now(desk_.job());
    if (!floor || !surveyed(floor->method)) return std::nullopt;
    for (const Spot& s : spotsOf(floor->method))
        if (idOf(s) == chosen_) return s;
    return std::nullopt;
}

QPointF GroundGuide::at(double forward, double left, Length rise, double per_mm) const {
    return {170 + 470 * forward + 130 * left, 640 - 270 * left - rise.mm() * per_mm};
}

std::optional<TilePlan> GroundGuide::tiles() const {
    const auto floor = floor_now(desk_.job());
    if (!floor || !tile_) return std::nullopt;
    Floor bare = *floor;
    bare.tiles = {};
    const FloorSolved solved = solve_floor(bare);
    if (!solved.known) return std::nullopt;
    return tile_plan(solved, *tile_);
}

std::vector<Place> GroundGuide::places() const {
    std::vector<Place> out;
    const Job& job = desk_.job();
    const auto floor = floor_now(job);
    if (floor && surveyed(floor->method)) {
        for (const Spot& s : spotsOf(floor->method)) {
            const auto f = [](Wheel w) { return axle_of(w) == Axle::front ? 1.0 : 0.0; };
            const auto l = [](Wheel w) { return side_of(w) == Side::left ? 1.0 : 0.0; };
            QPointF middle = at(f(*s.wheel), l(*s.wheel), {}, 0);
            if (s.to)
                middle = (middle + at(f(*s.to), l(*s.to), {}, 0)) / 2;
            else
                middle += QPointF(s.wheel && side_of(*s.wheel) == Side::left ? 0 : 0, -128);
            const auto read = state_readings(job, s);
            int count = 0;
            for (const FloorRow& row : floor->rows)
                if (row.entry && std::get<Reading>(desk_.log()[*row.entry].event).spot == s) ++count;
            out.push_back(
                {idOf(s), QRectF(middle.x() - 76, middle.y() - 30, 152, 60), q(words::spot(s)),
                 count == 0 ? tr("to read")
                            : q(words::as_typed(read.back()->value)) +
                                  (count > 1 ? tr(" (%n readings)", " (one reading)", static_cast<int>(count))
                                             : QString())});
        }
    }
    if (!floor) {
        double y = 118;
        for (const Known& k : knownFloors()) {
            out.push_back({QStringLiteral("floor:") + k.name, QRectF(40, y, 420, 52), k.name,
                           tr("surveyed %1").arg(q(k.set.surveyed))});
            y += 60;
        }
    } else {
        if (floor->method == FloorMethod::flat_enough)
            out.push_back({"flat", QRectF(30, 802, 290, 87), tr("Each spot within"),
                           QStringLiteral("±%1").arg(
                               q(fairchalk::show(Length::from_m(floor->rows.front().sigma) * k95, how_)))});
        else
            out.push_back({"tiles", QRectF(30, 802, 290, 87), tr("Tiles"),
                           tile_ ? q(fairchalk::show(*tile_, how_)) : tr("how thick?")});
        out.push_back({"settle", QRectF(334, 802, 290, 87), tr("Settled"), QString()});
        if (solve_floor(*floor).known && surveyed(floor->method))
            out.push_back({"name", QRectF(638, 802, 292, 87), tr("Keep this floor"),
                           kept_as_.isEmpty() ? tr("under which name?") : tr("kept as %1").arg(kept_as_)});
    }
    return out;
}

void GroundGuide::point(const QString& place) {
    if (place.startsWith(QLatin1String("floor:")))
        act(place);
    else
        choose(place);
}

QString GroundGuide::title() const {
    if (const auto s = askedSpot()) return q(words::spot(*s));
    if (chosen_ == "tiles") return tr("Tiles");
    if (chosen_ == "flat") return tr("Flat enough");
    if (chosen_ == "settle") return tr("Slip and settle");
    if (chosen_ == "name") return tr("Keep this floor");
    return tr("What does it stand on?");
}

QString GroundGuide::subtitle() const {
    if (const auto s = askedSpot())
        return s->to ? tr("how much higher is the second? lower with a minus")
                     : tr("from the floor up to the level line");
    if (chosen_ == "tiles") return tr("how thick is one?");
    if (chosen_ == "flat") return tr("within how much does each spot lie?");
    if (chosen_ == "settle") return tr("free it, roll it, bounce it");
    if (chosen_ == "name") return tr("so that it is surveyed once");
    return tr("gauges read against gravity");
}

bool GroundGuide::typing() const {
    return askedSpot() || chosen_ == "tiles" || chosen_ == "name" || chosen_ == "flat";
}
QString GroundGuide::prompt() const {
    return chosen_ == "name" ? tr("bay 1, by the door") : QString();
}
Expect GroundGuide::expected() const {
    if (const auto s = askedSpot(); s && s->to) return {Expect::Kind::length_or_angle, bareLength()};
    return {Expect::Kind::length, bareLength()};
}
std::optional<Bounded> GroundGuide::bounded() const {
    if (const auto s = askedSpot()) return s->to ? Bounded::floor_rise : Bounded::floor_line;
    return chosen_ == "tiles" || chosen_ == "flat" ? std::optional(Bounded::tile) : std::nullopt;
}

QString GroundGuide::keep(const QString& text) {
    if (chosen_ == "name") {
        const auto floor = floor_now(desk_.job());
        if (text.trimmed().isEmpty() || !floor) return tr("A floor needs a name, like “bay 1, by the door”.");
        Floor bare = *floor;
        bare.tiles = {};
        const FloorSolved solved = solve_floor(bare);
        FloorSet set;
        set.method = FloorMethod::heights;
        set.place = text.trimmed().toStdString();
        set.surveyed = QDate::currentDate().toString(Qt::ISODate).toStdString();
        set.heights = solved.heights;
        double worst = 0.0;
        for (Wheel w : all_wheels) worst = std::max(worst, solved.sigma_of(w).mm());
        set.sigma = Length::from_mm(std::max(worst, 0.05));
        Entry e;
        e.event = set;
        book::Json j = book::json_of(e);
        if (desk_.car().wheelbase) j["wheelbase"] = write_exact(*desk_.car().wheelbase);
        desk_.facts().keep("floor:" + set.place, j.dump());
        kept_as_ = text.trimmed();
        choose(QStringLiteral("settle"));
        return {};
    }
    const auto quantity = read_quantity(text.toStdString(), expected());
    if (!quantity) return q(words::sentence(quantity.error()));
    if (chosen_ == "flat") {
        if (!(quantity->value > 0)) return tr("“%1”: no floor is flatter than flat, like 4 mm.").arg(text);
        FloorSet set;
        set.sigma = quantity->length() / k95;  // said as ±, kept as one sigma
        desk_.record(set);
        choose(QStringLiteral("settle"));
        return {};
    }
    if (chosen_ == "tiles") {
        if (!(quantity->value > 0))
            return tr("“%1”: a tile is thicker than nothing, like 3 mm or 1/8 in.").arg(text);
        tile_ = quantity->length();
        emit changed();
        return {};
    }
    const auto s = askedSpot();
    if (!s) return {};
    Reading r;
    r.spot = *s;
    r.value = *quantity;
    desk_.take(r);
    const auto floor = floor_now(desk_.job());
    const auto needs = floor_needs(desk_.job(), *floor);
    choose(needs.empty() ? QStringLiteral("tiles") : idOf(needs.front()));
    return {};
}

std::optional<Reading> GroundGuide::reads() const {
    const auto s = askedSpot();
    return s ? std::optional(desk_.blank(*s)) : std::nullopt;
}

std::vector<Act> GroundGuide::acts() const {
    const auto floor = floor_now(desk_.job());
    if (!floor)
        return {{"level-line", tr("Water level or laser"), true, false},
                {"level-legs", tr("Level and straightedge"), false, false},
                {"flat-enough", tr("Flat enough"), false, false}};
    std::vector<Act> out;
    if (chosen_ == "settle") {
        out = {{"rolled", tr("Rolled  F11"), true, false},
               {"bounced", tr("Bounced  F12"), false, false},
               {"jacked", tr("Jacked  F10"), false, false}};
        return out;
    }
    if (tiles() && tiles()->total > 0) out.push_back({"lay", tr("These tiles are laid"), true, false, 0});
    out.push_back({"anew", tr("Another floor, or anew"), false, false, 3});
    return out;
}

void GroundGuide::act(const QString& id) {
    if (const auto m = floor_method_named(id.toStdString())) {
        FloorSet set;
        set.method = *m;
        desk_.record(set);
        chosen_.clear();
        enter();
        if (*m == FloorMethod::flat_enough) chosen_ = QStringLiteral("flat");
        emit changed();
    } else if (id == "anew") {
        // What was surveyed stays in the record, struck out.
        // The floor, its readings and its tiles go together: nothing of it may pass for another's.
        std::vector<std::size_t> all;
        for (std::size_t i = floor_now(desk_.job())->begun; i < desk_.log().size(); ++i) {
            if (!desk_.job().live(i)) continue;
            const auto& what = desk_.log()[i].event;
            const Reading* r = std::get_if<Reading>(&what);
            if (std::holds_alternative<FloorSet>(what) || std::holds_alternative<TilesPlaced>(what) ||
                (r && reading_kind(r->spot.kind).use() == ReadingUse::floor))
                all.push_back(i);
        }
        if (!all.empty()) desk_.strike(all, tr("another floor"));
        tile_.reset();
        chosen_.clear();
        emit changed();
    } else if (id == "lay") {
        const TilePlan plan = *tiles();
        desk_.record(TilesPlaced{plan.thickness, plan.under});
        choose(QStringLiteral("settle"));
    } else if (id == "rolled" || id == "bounced" || id == "jacked") {
        desk_.happened(id == "rolled"    ? ChangeKind::rolled
                       : id == "bounced" ? ChangeKind::bounced
                                         : ChangeKind::jacked);
    } else if (id.startsWith(QLatin1String("floor:"))) {
        for (const Known& k : knownFloors())
            if (QStringLiteral("floor:") + k.name == id) {
                desk_.record(k.set);
                choose(QStringLiteral("settle"));
                return;
            }
    }
}

/// How a floor is surveyed, where none is chosen yet.
QString GroundGuide::ways() const {
    QString out;
    out += line(
        tr("A slope across the car goes straight into camber, with opposite signs left and right; a slope "
           "along it into caster. So the four spots are surveyed, or taken as flat with what they may be "
           "out by."));
    out += head(tr("Water level or laser")) + line(tr("The height of the water, or of the line, above "
                                                      "the floor at each wheel's spot. The line's own "
                                                      "height does not matter."));
    out +=
        head(tr("Level and straightedge")) +
        line(tr("From spot to spot once round: how much higher the next one is. The last leg closes the ring "
                "and shows a mistake."));
    out += head(tr("Flat enough")) +
           line(tr("Not surveyed: each spot is taken to lie within ±%1. Toe hardly minds; camber "
                   "then carries that much more ±.")
                    .arg(q(fairchalk::show(Length::from_mm(4), how_))));
    if (!knownFloors().empty()) out += line(soft(tr("Or point at a floor that was surveyed before.")));
    return out;
}

/// When it was surveyed, and under which car.
QString GroundGuide::whenSurveyed(const Floor& floor) const {
    if (floor.surveyed.empty()) return {};
    QString out;
    const QDate then = QDate::fromString(q(floor.surveyed), Qt::ISODate);
    const auto days = then.isValid() ? then.daysTo(QDate::currentDate()) : 0;
    out += line(tr("⟨b⟩%1⟨/b⟩, surveyed %2").arg(q(floor.place), q(floor.surveyed)));
    if (days > old_after_days)
        out += line(
            warn(tr("That is %1 months ago: floors settle and get patched. Check one leg.").arg(days / 30)));
    for (const Known& known : knownFloors())
        if (known.name == q(floor.place) && desk_.car().wheelbase &&
            std::abs(known.wheelbase.mm() - desk_.car().wheelbase->mm()) > other_car_mm)
            out += line(warn(tr("It was surveyed under a wheelbase of %1: this car stands on other spots.")
                                 .arg(q(fairchalk::show(known.wheelbase, how_)))));
    return out;
}

QString GroundGuide::settling() const {
    QString out;
    const auto by = spoiled_since(desk_.job(), Fact::settled, 0);
    if (desk_.car().no_springs)
        out += line(tr("A chassis on blocks has no springs: nothing settles."));
    else if (by)
        out += line(warn(
            tr("It was %1 since it settled: roll it and bounce it again.").arg(q(words::happening(*by)))));
    for (const char* topic : {"settle", "slip"}) {
        out += head(QLatin1String(topic) == QLatin1String("settle")
                        ? tr("Settling")
                        : tr("What it stands on, to be free sideways"));
        for (const School* s : desk_.knowledge().on(topic))
            out +=
                line(QStringLiteral("⟨b⟩%1.⟨/b⟩ %2").arg(q(s->text), q(s->how))) + line(soft(q(s->reason)));
    }
    return out;
}

/// Whether the legs close, and what the floor does to a gauge.
QString GroundGuide::effects(const FloorSolved& solved) const {
    QString out;
    const FloorEffect e = effect_of(solved, desk_.car());
    if (solved.misclosure) {
        const QString by = q(fairchalk::show(abs(*solved.misclosure), how_)),
                      may = q(fairchalk::show(*solved.misclosure_sigma * 3.0, how_));
        out += line(
            solved.alarm
                ? warn(
                      tr("Once round, the legs miss by ⟨b⟩%1⟨/b⟩; up to %2 is the level's own.").arg(by, may))
                : tr("Once round, the legs close to %1 (up to %2 is the level's own); it is spread over "
                     "them.")
                      .arg(by, may));
    }
    if (solved.alarm && solved.culprit) {
        const Reading& r = std::get<Reading>(desk_.log()[*solved.culprit].event);
        out += line(warn(
            tr("Most likely %1, %2: %3. Read it again.")
                .arg(q(words::spot(r.spot)), q(words::as_typed(r.value)), q(words::sentence(solved.why)))));
    }
    QString rows;
    const auto add = [&](const QString& a, const QString& b) { rows += row(cell(a, 150) + cell(b)); };
    const auto signed_angle = [&](Angle a, Angle sigma) {
        return QStringLiteral("⟨b⟩%1%2⟨/b⟩ %3")
            .arg(a.deg() > 0 ? QStringLiteral("+") : QString(), q(fairchalk::show(a, how_)),
                 soft(QStringLiteral("±%1").arg(q(show_plus_minus(sigma * k95, how_)))));
    };
    for (Wheel w : all_wheels) {
        const auto i = static_cast<std::size_t>(index_of(w));
        add(tr("camber, %1").arg(q(words::wheel(w))), signed_angle(e.camber[i], e.camber_sigma[i]));
    }
    add(tr("caster, both"), signed_angle(e.caster, e.caster_sigma));
    add(tr("twist"), QStringLiteral("%1 %2").arg(
                         q(fairchalk::show(abs(e.twist), how_)),
                         soft(QStringLiteral("±%1").arg(q(fairchalk::show(e.twist_sigma * k95, how_))))));
    out += head(tr("To be added to what a gauge shows")) + table(rows);
    out += line(soft(tr("The program adds it by itself to every reading against gravity, with its ±.")));
    return out;
}

QString GroundGuide::tilesText() const {
    QString out;
    if (const auto plan = tiles()) {
        out += head(tr("Tiles of %1").arg(q(fairchalk::show(*tile_, how_))));
        if (plan->total == 0)
            out += line(tr("None: no spot is low by half a tile."));
        else
            for (Wheel w : all_wheels) {
                const auto i = static_cast<std::size_t>(index_of(w));
                if (plan->under[i] > 0)
                    out += line(tr("⟨b⟩%1⟨/b⟩ under the %2").arg(plan->under[i]).arg(q(words::wheel(w))));
            }
        double left = 0.0;
        for (const Length& l : plan->left) left = std::max(left, std::abs(l.mm()));
        out += line(soft(tr("What is left is at most %1, and is reckoned out.")
                             .arg(q(fairchalk::show(Length::from_mm(left), how_)))));
    } else {
        out += line(
            soft(tr("Type the thickness of a tile, and the program says how many go under which wheel.")));
    }
    return out;
}

QString GroundGuide::body() const {
    const Job& job = desk_.job();
    const auto floor = floor_now(job);
    if (!floor) return ways();
    const FloorSolved solved = solve_floor(*floor);
    QString out = whenSurveyed(*floor);
    if (chosen_ == "settle") return out + settling();
    if (solved.known) return out + effects(solved) + tilesText();
    out += line(soft(tr("Still to read: %1.").arg(floor_needs(job, *floor).size())));
    out +=
        floor->method == FloorMethod::level_legs
            ? line(
                  tr("Turn the level end for end on each leg and take the mean: its own error is gone then."))
            : line(
                  tr("Let the water come to rest; read the bottom of its curve, the same way at each spot."));
    return out;
}

QString GroundGuide::say() const {
    const auto floor = floor_now(desk_.job());
    if (!floor) return tr("Say what the car stands on: surveyed with a level, or flat enough.");
    if (const auto s = askedSpot())
        return s->to ? tr("Lay the straightedge from the %1 to the %2 spot and say how much higher the "
                          "second is.")
                           .arg(q(words::wheel(*s->wheel)), q(words::wheel(*s->to)))
                     : tr("Measure from the floor up to the level line at the %1 wheel's spot.")
                           .arg(q(words::wheel(*s->wheel)));
    const FloorSolved solved = solve_floor(*floor);
    if (solved.alarm) return tr("The survey contradicts itself: read the doubtful leg again.");
    if (const auto by = spoiled_since(desk_.job(), Fact::settled, 0); by && !desk_.car().no_springs)
        return tr("It was %1: roll it back and forth a car's length and bounce it (F11, F12).")
            .arg(q(words::happening(*by)));
    return tr("Free the adjusters while it is up, roll it on, bounce it: then the steering (Ctrl+4).");
}

/// What was read, or is to be said, at one of the drawing's places.
void GroundGuide::drawPlace(QPainter& p, const Place& place, const Floor& floor,
                            const FloorSolved& solved) const {
    const Chalk& c = Chalk::now();
    const Job& job = desk_.job();
    const bool foot = place.id == "tiles" || place.id == "flat" || place.id == "settle" || place.id == "name";
    const bool open = place.value == tr("to read");
    if (foot) {
        QString value = place.value;
        bool caution = false;
        if (place.id == "settle") {
            const auto by = spoiled_since(job, Fact::settled, 0);
            caution = by && !desk_.car().no_springs;
            value = desk_.car().no_springs ? tr("no springs: nothing settles")
                    : by                   ? tr("%1 since").arg(q(words::happening(*by)))
                                           : tr("roll it, bounce it");
            if (const auto at_entry = settled_at(job); at_entry && !by)
                value = tr("since %1").arg(q(desk_.log()[*at_entry].at).mid(11, 5));
        }
        drawText(p, place.at.adjusted(14, 10, -10, -44), Qt::AlignLeft | Qt::AlignVCenter, place.name, 15,
                 c.chalk, true);
        drawText(p, place.at.adjusted(14, 42, -10, -8), Qt::AlignLeft | Qt::AlignVCenter,
                 caution ? QStringLiteral("▲ ") + value : value, 14, caution ? c.caution : c.soft);
        return;
    }
    p.setBrush(c.floor);
    p.setPen(c.stroke(open ? c.faint : c.target, 1.4, open ? Qt::DashLine : Qt::SolidLine));
    p.drawRoundedRect(place.at.adjusted(14, 12, -14, -12), 8, 8);
    drawText(p, place.at.adjusted(16, 8, -16, -8), Qt::AlignCenter, place.value, open ? 13 : 15,
             open ? c.soft : c.chalk, !open);
    const bool suspect = solved.alarm && solved.culprit && spotsOf(floor.method).size() &&
                         idOf(std::get<Reading>(desk_.log()[*solved.culprit].event).spot) == place.id;
    if (suspect)
        drawText(p, place.at.translated(0, -36), Qt::AlignCenter, tr("▲ doubtful"), 13, c.caution, true);
}

void GroundGuide::draw(QPainter& p) const {
    const Chalk& c = Chalk::now();
    const Job& job = desk_.job();
    const auto floor = floor_now(job);
    if (!floor) {
        drawText(p, {40, 34, 700, 45}, Qt::AlignLeft, tr("The floor under the four wheels"), 19, c.chalk,
                 true);
        const auto known = knownFloors();
        if (!known.empty())
            drawText(p, {40, 84, 600, 32}, Qt::AlignLeft, tr("Surveyed before, in this garage:"), 14, c.soft);
        double y = 118;
        for (const Known& k : known) {
            drawText(p, {60, y, 390, 52}, Qt::AlignLeft | Qt::AlignVCenter,
                     k.name + QStringLiteral("  ·  ") + q(k.set.surveyed), 15, c.chalk);
            y += 60;
        }
    }
    FloorSolved solved;
    if (floor) solved = solve_floor(*floor);
    double most = 0.5;
    if (solved.known)
        for (const Length& h : solved.heights) most = std::max(most, std::abs(h.mm()));
    const double per_mm = std::min(12.0, 80.0 / most);
    const auto f = [](Wheel w) { return axle_of(w) == Axle::front ? 1.0 : 0.0; };
    const auto l = [](Wheel w) { return side_of(w) == Side::left ? 1.0 : 0.0; };
    constexpr std::array ring = {Wheel::front_left, Wheel::front_right, Wheel::rear_right, Wheel::rear_left};
    QPolygonF level, real;
    for (Wheel w : ring) {
        level << at(f(w), l(w), {}, 0);
        real << at(f(w), l(w),
                   solved.known ? solved.heights[static_cast<std::size_t>(index_of(w))] : Length(), per_mm);
    }
    p.setPen(c.stroke(c.faint, 1.4, Qt::DashLine));
    p.setBrush(Qt::NoBrush);
    p.drawPolygon(level);
    p.setBrush(c.floor_line);
    p.setPen(c.stroke(c.chalk, 2.4));
    p.drawPolygon(real);
    if (floor && floor->method == FloorMethod::level_line) {
        // The level line hangs above, the same at every spot.
        p.setPen(c.stroke(c.target, 1.8));
        p.setBrush(Qt::NoBrush);
        p.drawPolygon(level.translated(0, -150));
    }
    for (std::size_t i = 0; i < 4; ++i) {
        const Wheel w = ring[i];
        const auto n = static_cast<std::size_t>(index_of(w));
        const QPointF spot = real[static_cast<int>(i)];
        // Tiles, laid or proposed, under the wheel's spot.
        int under = 0;
        const TilesPlaced* laid = last_of<TilesPlaced>(job);
        if (floor && laid && floor->tiles[n].mm() > 0) under = laid->under[n];
        const auto plan = tiles();
        const bool only_proposed = under == 0 && plan && plan->under[n] > 0;
        if (only_proposed) under = plan->under[n];
        p.setPen(c.stroke(c.string, 1.6, only_proposed ? Qt::DashLine : Qt::SolidLine));
        p.setBrush(Qt::NoBrush);
        for (int t = 0; t < std::min(under, 12); ++t)
            p.drawRect(QRectF(spot.x() - 27, spot.y() - 5 - 6 * t + (only_proposed ? 0 : 6 * under), 54, 5));
        p.setPen(c.stroke(c.chalk, 2.6));
        p.drawEllipse(spot + QPointF(0, -30 - (only_proposed ? 6 * under : 0)), 13, 28);
        // Beside the wheel, and never out of the drawing.
        const bool ahead = f(w) > 0.5;
        const double begins = ahead ? spot.x() + 36 : std::max(6.0, spot.x() - 226),
                     ends = ahead ? std::min(width - 6.0, spot.x() + 226) : spot.x() - 36;
        const QRectF label(begins, spot.y() - 22, ends - begins, 50);
        const int side = ahead ? Qt::AlignLeft : Qt::AlignRight;
        QColor ground = c.floor;
        ground.setAlpha(210);
        p.fillRect(ahead ? label.adjusted(-2, 0, -10, -2) : label.adjusted(10, 0, 2, -2), ground);
        if (solved.known) {
            // Its unit stands once, with its ±.
            const Length h = solved.heights[n];
            const QString high = q(fairchalk::show(h, how_));
            drawText(p, {begins, label.top(), label.width(), 26}, side,
                     QStringLiteral("%1%2 ±%3")
                         .arg(h.mm() > 0 ? QStringLiteral("+") : QString(),
                              high.left(high.lastIndexOf(QLatin1Char(' '))),
                              within(solved.sigma_of(w) * k95, how_)),
                     15, c.chalk, true);
        }
        drawText(p, {begins, label.top() + 26, label.width(), 24}, side, q(words::wheel(w)), 13, c.soft);
    }
    if (!floor) return;
    drawText(p, {30, 29, 640, 39}, Qt::AlignLeft,
             floor->method == FloorMethod::flat_enough ? tr("Taken as flat")
             : floor->place.empty()                    ? tr("The survey, seen from the right")
                                                       : q(floor->place),
             19, c.chalk, true);
    if (solved.known)
        drawText(p, {30, 68, 640, 29}, Qt::AlignLeft,
                 tr("heights drawn ×%1")
                     .arg(q(show_number(
                         per_mm * desk_.car().wheelbase.value_or(Length::from_mm(2500)).mm() / 470.0, 0))),
                 13, c.soft);
    for (const Place& place : places()) drawPlace(p, place, *floor, solved);
}

}  // namespace fairchalk::desk
