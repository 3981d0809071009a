// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/practice_floor.h"

#include <algorithm>
#include <cmath>
#include <sstream>

#include "core/job/rig.h"

namespace fairchalk::practice {
namespace {

constexpr std::array known_stories = {std::string_view("new-rack"), std::string_view("kerbed"),
                                      std::string_view("lowered"), std::string_view("blocks")};

/// FNV-1a: the same on every machine, which std::hash need not be.
std::uint64_t hash_of(std::string_view text) {
    std::uint64_t h = 14695981039346656037ull;
    for (const char c : text) h = (h ^ static_cast<unsigned char>(c)) * 1099511628211ull;
    return h;
}

/// One corner of a car by its card: what its rod is like decides where the rod runs.
Corner corner_for(const CarCard& card, Wheel wheel, Rng& rng) {
    const AxleCard& axle = card.axle(axle_of(wheel));
    const Adjuster* rod = card.rod_at(wheel);
    Corner c;
    if (!rod) {
        c.kind = CornerKind::fixed;
        c.at(Hardpoint::hub) = {0, 720, 305};
    } else {
        c = axle.suspension == Suspension::strut ? sample_strut() : sample_wishbone();
        const double arm = rod->arm ? rod->arm->mm() : between(rng, 112, 148);
        const double way = rod->rod == RodSide::ahead_of_axle ? 1.0 : -1.0;
        const double ackermann = between(rng, 0.3, 0.9);
        place_rod(c, way * arm, ackermann, between(rng, 0, 15));
    }
    c.camber = Angle::from_deg(axle_of(wheel) == Axle::front ? -0.6 : -1.0);
    c.toe = Angle::from_deg(0.05);
    return c;
}

SimCar built(const CarCard& card, const Play& play, const Level& level) {
    // Its links and arms belong to the car, whatever was done to it.
    Rng rng(hash_of(play.car));
    SolidCar shape;
    const AxleCard& front = card.axle(Axle::front);
    shape.wheelbase = card.wheelbase.value_or(usual_wheelbase).mm();
    shape.span = front.rim_span.value_or(Length::from_mm(430)).mm();
    shape.track = front.track.value_or(Length::from_mm(1460)).mm();
    shape.half_width = {shape.track / 2 + between(rng, 0, 8), shape.track / 2 + between(rng, -12, 0)};
    shape.lip = {between(rng, 4, 9), between(rng, 4, 9)};
    if (card.same_wheels == Told::yes) shape.lip[1] = shape.lip[0];
    std::array<Corner, 4> corners;
    for (Axle a : both_axles) {
        const Corner one = corner_for(card, wheel_at(a, Side::left), rng);
        corners[static_cast<std::size_t>(index_of(wheel_at(a, Side::left)))] = one;
        corners[static_cast<std::size_t>(index_of(wheel_at(a, Side::right)))] = one;
    }
    if (!card.rod_at(Wheel::rear_left)) {
        // A beam that sits a little askew: the thrust line is what it is.
        corners[2].toe = Angle::from_deg(0.14);
        corners[3].toe = Angle::from_deg(0.02);
    }
    SimCar car(corners, shape, level.nature);
    for (const Adjuster& a : card.adjusters) car.add(a);
    return car;
}

}  // namespace

std::vector<std::string_view> stories() {
    return {known_stories.begin(), known_stories.end()};
}

std::string text_of(const Play& play) {
    return play.car + ' ' + play.story + ' ' + std::to_string(play.level) + ' ' + std::to_string(play.seed);
}

std::optional<Play> play_from(std::string_view text) {
    std::istringstream in{std::string(text)};
    Play p;
    std::string more;
    if (!(in >> p.car >> p.story >> p.level >> p.seed) || in >> more) return std::nullopt;
    if (p.level < 1 || p.level > 3) return std::nullopt;
    return p;
}

Level level_of(int level) {
    Level l;
    l.hand = 0.3;
    l.tells = level == 1;
    if (level == 1) {
        l.nature = {0.002, 0.03, 1.0, 0.1, 0.1};
        return l;
    }
    l.hand = l.dents = 1.0;
    l.tilt = 4.0;
    l.bulge = 0.3;
    l.play = 0.5;
    l.nature = {0.01, 0.08, 0.9, 0.3, 0.25};
    if (level == 2) return l;
    l.nature.stick = 0.5;
    l.nature.holds = 0.4;
    l.nature.creep = 0.03;
    l.give = 0.02;
    l.bulge = 0.6;
    l.play = 1.5;
    l.askew = 0.03;
    l.kicked = true;
    return l;
}

PracticeFloor::PracticeFloor(const CarCard& card, Play play)
    : card_(card), play_(std::move(play)), level_(level_of(play_.level)), car_(built(card_, play_, level_)) {
    if (play_.story == "blocks") level_.tilt = level_.nature.settle = level_.nature.jacked = 0.0;
    begin();
}

PracticeFloor PracticeFloor::under(const std::vector<Entry>& log, Play play) {
    const auto card = std::find_if(log.begin(), log.end(),
                                   [](const Entry& e) { return std::holds_alternative<CarEdit>(e.event); });
    PracticeFloor floor(card != log.end() ? std::get<CarEdit>(card->event).car : CarCard{}, std::move(play));
    floor.follow(log);
    return floor;
}

Rng PracticeFloor::rng_of(std::string_view what, std::size_t n) const {
    const std::uint64_t h = hash_of(what) ^ (play_.seed * 0x9e3779b97f4a7c15ull);
    std::seed_seq seeds{static_cast<std::uint32_t>(h), static_cast<std::uint32_t>(h >> 32),
                        static_cast<std::uint32_t>(n)};
    return Rng(seeds);
}

void PracticeFloor::lay_strings(Rng rng) {
    SolidCar& s = car_.solid();
    const auto lay = [&](double& skew, double& offset) {
        skew = between(rng, -0.4, 0.4);
        const double nearest = std::min(0.0, s.wheelbase * std::tan(skew * SolidCar::rad));
        offset = std::max(s.half_width[0], s.half_width[1]) + between(rng, 85, 115) - nearest;
    };
    for (std::size_t side = 0; side < 2; ++side) lay(s.skew[side], s.offset[side]);
    for (std::size_t side = 0; side < 2; ++side) lay(s.line_skew[side], s.line_offset[side]);
}

void PracticeFloor::begin() {
    car_ = built(card_, play_, level_);
    kicked_.clear();
    taken_.clear();
    work_ = {};
    Rng rng = rng_of("story"), still(1);
    SolidCar& s = car_.solid();
    const auto turn = [&](Wheel w, double turns) {
        if (const Adjuster* rod = card_.rod_at(w)) car_.turn(rod->id, std::round(turns * 8) / 8, still);
    };
    const auto each_side = [&](Axle a, double lo, double hi) {
        for (Side side : both_sides) turn(wheel_at(a, side), either_way(rng, lo, hi));
    };
    if (play_.story == "kerbed") {
        // The lower arm's body points pushed back and in, and its rod bent short.
        CornerMove blow;
        const double back = between(rng, 4, 8);
        for (Hardpoint p : {Hardpoint::lca_front, Hardpoint::lca_rear})
            blow.at(p) = Eigen::Vector3d(-back, -between(rng, 2, 4), 0);
        blow.length(Link::rod) = -between(rng, 2, 4);
        car_.bend(Wheel::front_left, blow);
    } else if (play_.story == "lowered") {
        for (Wheel w : all_wheels) {
            if (!card_.rod_at(w)) continue;
            CornerMove down;
            down.hub_height = 30.0;
            car_.bend(w, down);
        }
        each_side(Axle::front, 0.0, 0.3);
    } else if (play_.story == "blocks") {
        each_side(Axle::front, 1.0, 3.0);
        each_side(Axle::rear, 0.3, 1.0);
        // Brackets that were welded on by eye.
        for (Wheel w : {Wheel::front_left, Wheel::front_right}) {
            if (car_.corner(w).kind != CornerKind::double_wishbone) continue;
            CornerMove by_eye;
            for (Hardpoint p : {Hardpoint::uca_front, Hardpoint::uca_rear})
                by_eye.at(p) = Eigen::Vector3d(0, between(rng, -2.5, 2.5), 0);
            car_.bend(w, by_eye);
        }
    } else {
        each_side(Axle::front, 0.6, 2.2);
    }
    if (play_.level > 1)
        for (std::size_t w = 0; w < 4; ++w) {
            s.floor[w] = normal(rng, level_.tilt);
            s.wobble[w] = normal(rng, 0.03);
            s.lean_wobble[w] = normal(rng, 0.03);
            s.bulge[w] = normal(rng, level_.bulge);
        }
    lay_strings(rng_of("strings"));
    car_.shake();
}

void PracticeFloor::follow(const std::vector<Entry>& log) {
    begin();
    const Job job = job_of(log);
    Rng chance = rng_of("kick");
    const std::size_t kick_at = std::uniform_int_distribution<std::size_t>(6, 22)(chance);
    std::size_t readings = 0;
    for (std::size_t i = 0; i < log.size(); ++i) {
        const Entry& e = log[i];
        SolidCar& s = car_.solid();
        Rng rng = rng_of(e.id);
        if (const Reading* r = std::get_if<Reading>(&e.event)) {
            // Struck or not, it was taken.
            ++taken_[r->spot];
            if (!r->before_shake && !r->pushed) car_.shake();
            ++work_.spots;
            if (++readings == kick_at && level_.kicked) {
                Kick k{between(rng, 0, 1) < 0.5 ? Side::left : Side::right, either_way(rng, 3, 8), readings,
                       i};
                const auto side = static_cast<std::size_t>(index_of(k.side));
                // The front stand goes; the string still goes through the rear one.
                const double was = std::tan(s.skew[side] * SolidCar::rad);
                const double now = was + k.mm / (s.wheelbase + s.front_bar + s.rear_bar);
                s.skew[side] = std::atan(now) / SolidCar::rad;
                s.offset[side] += (now - was) * s.rear_bar;
                kicked_.push_back(k);
            }
            continue;
        }
        if (!job.live(i)) continue;
        if (const LinesSet* lines = std::get_if<LinesSet>(&e.event)) {
            if (work_.set_up == 0.0 || lines->rigs != lines_.rigs) work_.sets_up(*lines);
            lines_ = *lines;
            if (lines->bars.front_ahead) s.front_bar = lines->bars.front_ahead->mm();
            if (lines->bars.rear_behind) s.rear_bar = lines->bars.rear_behind->mm();
        } else if (const RoundOpened* round = std::get_if<RoundOpened>(&e.event)) {
            if (round->bars.front_ahead) s.front_bar = round->bars.front_ahead->mm();
            if (round->bars.rear_behind) s.rear_bar = round->bars.rear_behind->mm();
        } else if (const Turn* t = std::get_if<Turn>(&e.event)) {
            car_.turn(t->adjuster, t->turns, rng, t->second);
            work_.turned(t->adjuster);
        } else if (const Change* c = std::get_if<Change>(&e.event)) {
            switch (c->kind) {
                case ChangeKind::jacked:
                    for (Axle a : both_axles)
                        if (!c->axle || *c->axle == a) car_.jack(a, rng);
                    ++work_.jackings;
                    break;
                case ChangeKind::rolled:
                case ChangeKind::bounced:
                case ChangeKind::settled:
                    car_.roll();
                    break;
                case ChangeKind::locked:
                    for (Axle a : both_axles)
                        if (!c->axle || *c->axle == a) car_.lock(a, rng);
                    break;
                case ChangeKind::strings_moved:
                    lay_strings(rng);
                    work_.sets_up(lines_);
                    break;
                default:
                    break;
            }
        } else if (std::get_if<TilesPlaced>(&e.event)) {
            const TilesPlaced& tiles = std::get<TilesPlaced>(e.event);
            for (std::size_t w = 0; w < 4; ++w) s.floor[w] += tiles.under[w] * tiles.thickness.mm();
        }
    }
}

std::optional<double> PracticeFloor::there(const Reading& asked, const LinesSet& lines, Rng& rng) const {
    const Spot& spot = asked.spot;
    SolidCar s = asked.before_shake ? car_.shown() : car_.solid();
    if (asked.pushed) {
        // Let go, it stays as far out of its place as friction holds it there.
        const double way =
            (*asked.pushed == Reading::Pushed::out ? -1.0 : 1.0) * reading_kind(spot.kind).end();
        for (double& toe : s.toe) toe += way * level_.nature.holds;
    }
    for (double& toe : s.toe) toe += normal(rng, level_.give);
    // Within its play the fronts stand as they like, whoever holds the wheel.
    const double ratio = card_.steering_ratio.value_or(usual_steering_ratio);
    s.steer = between(rng, -0.5, 0.5) * level_.play / ratio;
    if (!lines.steering_held) s.steer += normal(rng, 0.3);
    if (asked.span) s.board_span = asked.span->mm();
    if (asked.height) s.gap_height = asked.height->mm();
    if (asked.mark) s.mark = asked.mark->mm();
    if (asked.arm_span) s.arm_span = asked.arm_span->mm();
    LinesSet l = lines;
    if (asked.turned) l.sweep = abs(*asked.turned);
    if (asked.wheel_turned) l.sweep = abs(*asked.wheel_turned) / ratio;
    s.steering_play = level_.play;
    return reading_kind(spot.kind).shown(s, spot, l.sweep.value_or(usual_sweep).deg());
}

std::optional<Held> PracticeFloor::hold(const Reading& asked, const LinesSet& lines, const Tool& tool) const {
    const auto it = taken_.find(asked.spot);
    const std::size_t n = it == taken_.end() ? 0 : it->second;
    Rng rng = rng_of(asked.spot.name(), n);
    std::optional<double> value = there(asked, lines, rng);
    if (!value) return std::nullopt;
    const ReadingKind& kind = reading_kind(asked.spot.kind);
    const bool gravity = kind.shown_as_lean() && tool.quantity == QuantityKind::angle;
    const auto on_scale = [&](double v) {
        return shown(v, tool, asked.spot.wheel && gravity ? side_of(*asked.spot.wheel) : Side::left, gravity);
    };
    Held h;
    h.exact = on_scale(*value);
    if (tool.quantity == QuantityKind::length) {
        Rng dent = rng_of("dent " + asked.spot.name());
        *value += normal(dent, level_.dents * spot_error.mm());
    }
    // What of the tool's sigma is not its divisions is the hand that holds it.
    const double hand = std::max(0.0, tool.sigma * tool.sigma - tool.resolution * tool.resolution / 12);
    *value += normal(rng, level_.hand * std::sqrt(hand));
    if (between(rng, 0, 1) < level_.askew) {
        h.askew = true;
        *value += tool.quantity == QuantityKind::length ? between(rng, 4, 9) : either_way(rng, 0.7, 1.5);
    }
    h.at = on_scale(*value);
    if (asked.spot.wheel && (kind.asks_for_top() || (gravity && tool.shows == Shows::unsigned_)))
        h.top_in = car_.solid().leans(asked.spot, lines) < 0.0;
    return h;
}

std::optional<Held> PracticeFloor::hold(const Reading& asked, const LinesSet& lines, const Tool& tool,
                                        const Turn& turning) const {
    PracticeFloor then = *this;
    Rng rng = rng_of(turning.adjuster);
    then.car_.turn(turning.adjuster, turning.turns, rng, turning.second);
    return then.hold(asked, lines, tool);
}

Angle PracticeFloor::wheel_off() const {
    return Angle::from_deg(car_.wheel_off(card_.steering_ratio.value_or(usual_steering_ratio)));
}

}  // namespace fairchalk::practice
