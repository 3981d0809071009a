// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/lesson.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <stdexcept>

#include "core/car/steering_rod.h"
#include "core/car/suspension.h"
#include "core/job/rig.h"
#include "core/judge/verdict.h"
#include "practice/many_jobs.h"

namespace fairchalk::practice {
namespace {

constexpr auto front_left = Wheel::front_left;

/// Half a division and what an eye adds to it.
double near_enough(const std::string& tool) {
    return 0.6 * standard_tool(tool)->resolution + (tool == "vernier" ? 0.08 : 0.0);
}

SolidCar quiet_car(Rng& rng) {
    SolidCar c;
    c.wheelbase = between(rng, 2300, 2700);
    c.span = 416;
    for (double& t : c.toe) t = between(rng, -0.5, 0.5);
    for (double& g : c.camber) g = between(rng, -1.5, 0.0);
    for (double& k : c.caster) k = between(rng, 2.0, 7.0);
    c.skew = {between(rng, -0.3, 0.3), between(rng, -0.3, 0.3)};
    return c;
}

Task reading_of(const SolidCar& car, const Spot& spot, const std::string& tool, const std::string& about) {
    Task t;
    t.about = about;
    t.faces = {{spot, tool, car.exact(spot, car.lines({"string-bars"}))}};
    t.within = near_enough(tool);
    return t;
}

Entry entry_of(std::size_t n, decltype(Entry::event) what) {
    Entry e;
    e.id = std::to_string(n);
    e.event = std::move(what);
    return e;
}

/// What a round on strings comes to, with some of its readings as they were typed.
Estimate estimate_of(const SolidCar& car, const std::map<Spot, double>& typed, const std::string& tool,
                     const std::vector<Spot>& spots) {
    std::vector<Entry> log;
    const LinesSet lines = car.lines({"string-bars"});
    const auto put = [&](decltype(Entry::event) what) {
        log.push_back(entry_of(log.size(), std::move(what)));
    };
    put(CarEdit{car.card()});
    put(lines);
    put(RoundOpened{});
    for (const Spot& s : spots) {
        Reading r = blank_reading(s, lines);
        r.tool = tool;
        const auto it = typed.find(s);
        r.value.kind = reading_kind(s.kind).quantity();
        r.value.value = it != typed.end() ? it->second : car.exact(s, lines);
        put(r);
    }
    EstimateOptions o;
    o.explain = false;
    return estimate(job_of(log), o);
}

const std::array rim_spots = {wheel_spot(ReadingId::rim_front, front_left),
                              wheel_spot(ReadingId::rim_rear, front_left)};

/// What a lesson asks, and the cars that its readings were taken on.
struct Asked {
    std::vector<Task> tasks;
    std::vector<SolidCar> cars;
    void read(const SolidCar& car, const Spot& spot, const char* tool, const char* about) {
        tasks.push_back(reading_of(car, spot, tool, about));
        cars.push_back(car);
    }
};

/// Rules of several kinds, each read once.
Asked rule_lesson(Rng& rng) {
    Asked out;
    const std::array tools = {"steel-rule-mm",   "steel-rule-inch", "tape",   "vernier", "steel-rule-mm",
                              "steel-rule-inch", "steel-rule-inch", "vernier"};
    for (const char* tool : tools) {
        Task t;
        t.faces = {{wheel_spot(ReadingId::hub, front_left), tool, between(rng, 62, 188)}};
        t.within = near_enough(tool);
        out.tasks.push_back(t);
    }
    return out;
}

/// The same wheel before and after its string was moved.
Asked string_lesson(Rng& rng) {
    Asked out;
    SolidCar car = quiet_car(rng);
    for (const char* about : {"before", "after"}) {
        for (ReadingId k : {ReadingId::hub, ReadingId::rim_front, ReadingId::rim_rear})
            out.read(car, wheel_spot(k, front_left), "steel-rule-mm", about);
        // The front stand goes; the rear end of the string stays.
        const double moved = either_way(rng, 12, 24);
        const double was = std::tan(car.skew[0] * SolidCar::rad);
        const double now = was + moved / (car.wheelbase + car.front_bar + car.rear_bar);
        if (about == std::string_view("before")) {
            car.skew[0] = std::atan(now) / SolidCar::rad;
            car.offset[0] += (now - was) * car.rear_bar;
        }
    }
    Task t;
    t.ask = Task::Ask::choice;
    t.about = "wheel";
    t.choices = {"in", "out", "nothing"};
    t.right = {"nothing"};
    out.tasks.push_back(t);
    return out;
}

/// In or out, by the string and between the wheels.
Asked sign_lesson(Rng& rng) {
    Asked out;
    for (int n = 0; n < 8; ++n) {
        SolidCar car = quiet_car(rng);
        car.skew = {};
        car.toe = {either_way(rng, 0.3, 1.0), 0, 0, 0};
        Task t;
        t.ask = Task::Ask::choice;
        t.choices = {"in", "out"};
        if (n % 4 == 3) {
            // Between the wheels, with boards: it is the other way round.
            t.about = "boards";
            for (ReadingId k : {ReadingId::boards_front, ReadingId::boards_rear}) {
                const Spot s = axle_spot(k, Axle::front);
                t.faces.push_back({s, "tape", car.exact(s, car.lines({"toe-boards"}))});
            }
        } else {
            t.about = "string";
            const Wheel w = toss(rng) ? Wheel::front_left : Wheel::front_right;
            if (w == Wheel::front_right) std::swap(car.toe[0], car.toe[1]);
            for (ReadingId k : {ReadingId::rim_front, ReadingId::rim_rear}) {
                const Spot s = wheel_spot(k, w);
                t.faces.push_back({s, "steel-rule-mm", car.exact(s, car.lines({"string-bars"}))});
            }
        }
        t.right = {car.toe[0] + car.toe[1] > 0 ? "in" : "out"};
        out.tasks.push_back(t);
    }
    return out;
}

/// Which way a rod is turned, and seen from where.
Asked way_lesson(Rng& rng) {
    Asked out;
    for (int n = 0; n < 8; ++n) {
        Task t;
        t.ask = Task::Ask::choice;
        Adjuster rod;
        rod.kind = steering_rod_kind;
        rod.wheel = toss(rng) ? Wheel::front_left : Wheel::front_right;
        rod.rod = toss(rng) ? RodSide::behind_axle : RodSide::ahead_of_axle;
        rod.thread = toss(rng) ? Thread::right : Thread::left;
        rod.pitch = Length::from_mm(1.5);
        t.numbers["now"] = between(rng, -0.6, 0.6);
        t.numbers["aim"] = t.numbers["now"] + either_way(rng, 0.2, 0.6);
        const bool more_in = t.numbers["aim"] > t.numbers["now"];
        const bool longer = more_in == (toe_sign(rod) > 0);
        t.rod = rod;
        if (n < 5) {
            t.about = "length";
            t.choices = {"longer", "shorter"};
            t.right = {longer ? "longer" : "shorter"};
        } else {
            t.about = "rotation";
            t.numbers["longer"] = longer;
            t.choices = {"clockwise", "counterclockwise"};
            t.right = {rotation_seen_from_wheel(rod.thread, longer) == Rotation::clockwise
                           ? "clockwise"
                           : "counterclockwise"};
        }
        out.tasks.push_back(t);
    }
    return out;
}

/// What a shim does to the toe.
Asked spoils_lesson(Rng& rng) {
    Asked out;
    SolidCar shape = quiet_car(rng);
    shape.skew = {};
    Nature still;
    still.settle = 0.0;
    SimCar sim({sample_wishbone(), sample_wishbone(), sample_wishbone(), sample_wishbone()}, shape, still);
    Adjuster shims;
    shims.id = "shims";
    shims.kind = "spanning-shims";
    shims.wheel = front_left;
    sim.add(Adjuster(shims));
    for (const Spot& s : rim_spots) out.read(sim.solid(), s, "steel-rule-mm", "before");
    sim.turn("shims", toss(rng) ? 2.0 : 3.0, rng);
    for (const Spot& s : rim_spots) out.read(sim.solid(), s, "steel-rule-mm", "after");
    Task t;
    t.ask = Task::Ask::choice;
    t.about = "first";
    t.choices = {"toe", "camber"};
    t.right = {"camber"};
    out.tasks.push_back(t);
    return out;
}

/// Three cambers of a sweep: which way the axis leans.
Asked sweep_lesson(Rng& rng) {
    Asked out;
    const SolidCar car = quiet_car(rng);
    for (Swept swept : {Swept::straight, Swept::out, Swept::in})
        out.read(car, swept_spot(ReadingId::camber, front_left, swept), "hinged-gauge", "sweep");
    Task t;
    t.ask = Task::Ask::choice;
    t.about = "lean";
    t.choices = {"rearward", "forward"};
    t.right = {"rearward"};
    out.tasks.push_back(t);
    return out;
}

/// Two takings of a round, one of them with a slip.
Asked wrong_lesson(Rng& rng) {
    Asked out;
    for (int n = 0; n < 3; ++n) {
        const SolidCar car = quiet_car(rng);
        const LinesSet lines = car.lines({"string-bars"});
        Task t;
        t.ask = Task::Ask::spot;
        t.about = std::to_string(n);
        const auto& walk = string_walk();
        std::array<std::map<Spot, double>, 2> takings;
        for (auto& taking : takings)
            for (const Spot& s : walk)
                taking[s] = shown_by(*standard_tool("steel-rule-mm"), car.exact(s, lines), rng);
        if (n == 2) {
            // Both edges of one rim the wrong way round, at the second taking.
            const Wheel w = all_wheels[static_cast<std::size_t>(std::uniform_int_distribution<>(0, 3)(rng))];
            const Spot a = wheel_spot(ReadingId::rim_front, w), b = wheel_spot(ReadingId::rim_rear, w);
            if (std::abs(takings[1][a] - takings[1][b]) < 3.0) {
                for (auto& taking : takings) taking[a] += 4.0;
            }
            std::swap(takings[1][a], takings[1][b]);
            t.right = {a.name(), b.name()};
        } else {
            const Spot s = walk[static_cast<std::size_t>(
                std::uniform_int_distribution<>(0, static_cast<int>(walk.size()) - 1)(rng))];
            takings[toss(rng)][s] += n == 0 ? either_way(rng, 6, 14) : toss(rng) ? 10.0 : -10.0;
            t.right = {s.name()};
        }
        for (const auto& taking : takings)
            for (const Spot& s : walk) t.faces.push_back({s, "steel-rule-mm", taking.at(s)});
        out.tasks.push_back(t);
    }
    return out;
}

/// A car with a rod at its left front wheel, whose tires stick.
SimCar car_with_rod(Rng& rng, double stick) {
    SolidCar shape = quiet_car(rng);
    shape.skew = {};
    Nature nature;
    nature.settle = nature.creep = 0.0;
    nature.stick = stick;
    Corner corner = sample_wishbone();
    const double arm = between(rng, 112, 148);
    place_rod(corner, toss(rng) ? arm : -arm, 0.5, 5.0);
    corner.toe = Angle::from_deg(shape.toe[0]);
    SimCar sim({corner, corner, sample_wishbone(), sample_wishbone()}, shape, nature);
    Adjuster rod;
    rod.kind = steering_rod_kind;
    rod.id = "rod";
    rod.wheel = front_left;
    rod.pitch = Length::from_mm(1.5);
    sim.add(rod);
    return sim;
}

/// The rule while a rod is turned: more of it, there, past it, or the other way; and after the shake.
Asked until_lesson(Rng& rng) {
    Asked out;
    const Spot lip = rim_spots.front();
    // Each once, and two of them a second time, in any order.
    std::vector<std::pair<std::string, double>> states = {
        {"more", 0.45}, {"there", 1.0}, {"past", 1.6}, {"other-way", -0.5}, {"more", 0.6}, {"there", 1.0}};
    std::shuffle(states.begin(), states.end(), rng);
    for (const auto& [state, share] : states) {
        SimCar sim = car_with_rod(rng, between(rng, 0.2, 0.5));
        const LinesSet lines = sim.solid().lines({"string-bars"});
        const double turns = either_way(rng, 1.0, 1.75), before = sim.solid().exact(lip, lines);
        SimCar as_written = sim;
        as_written.turn("rod", turns, rng);
        sim.turn("rod", share * turns, rng);
        Task t;
        t.ask = Task::Ask::choice;
        t.about = "until";
        t.numbers = {{"before", before}, {"stop", as_written.shown().exact(lip, lines)}};
        as_written.shake();
        t.numbers["shaken"] = as_written.solid().exact(lip, lines);
        t.faces = {{lip, "steel-rule-mm", sim.shown().exact(lip, lines)}};
        t.choices = {"more", "there", "past", "other-way"};
        t.right = {state};
        out.tasks.push_back(t);
    }
    return out;
}

/// Nobody knows which way it works: a quarter of a turn tells.
Asked quarter_lesson(Rng& rng) {
    Asked out;
    for (int n = 0; n < 3; ++n) {
        SimCar sim = car_with_rod(rng, 0.3);
        const Spot lip = rim_spots.front();
        const double toe = sim.solid().toe[0];
        out.tasks.push_back(reading_of(sim.solid(), lip, "steel-rule-mm", "quarter-before"));
        sim.turn("rod", 0.25, rng);
        sim.shake();
        out.tasks.push_back(reading_of(sim.solid(), lip, "steel-rule-mm", "quarter-after"));
        Task t;
        t.ask = Task::Ask::choice;
        t.about = "quarter";
        const bool in = toss(rng), longer_is_in = sim.solid().toe[0] > toe;
        t.numbers["in"] = in;
        t.choices = {"longer", "shorter"};
        t.right = {in == longer_is_in ? "longer" : "shorter"};
        out.tasks.push_back(t);
    }
    return out;
}

/// Bars in their bands: inside, outside, or not to be called; each comes twice.
Asked judge_lesson(Rng& rng) {
    Asked out;
    std::vector<Call> wanted = {Call::inside, Call::outside, Call::too_close,
                                Call::inside, Call::outside, Call::too_close};
    std::shuffle(wanted.begin(), wanted.end(), rng);
    for (const Call call_wanted : wanted) {
        KnownAngle toe;
        toe.known = true;
        Target target = target_about(Measure::total_toe, Axle::front, 0.13, 0.25);
        do {
            toe.value = Angle::from_deg(between(rng, -0.5, 0.8));
            toe.sigma = Angle::from_deg(between(rng, 0.02, 0.1));
        } while (call(toe, target) != call_wanted);
        Task t;
        t.ask = Task::Ask::choice;
        t.about = "judge";
        t.numbers = {{"toe", toe.value.deg()},
                     {"sigma", toe.sigma.deg()},
                     {"lo", target.lo.deg()},
                     {"hi", target.hi.deg()}};
        for (const Call c : {Call::inside, Call::outside, Call::too_close})
            t.choices.emplace_back(name_of(c));
        t.right = {std::string(name_of(call_wanted))};
        out.tasks.push_back(t);
    }
    return out;
}

/// What tightening a nut does, told by the lip read before and after it.
Asked lock_lesson(Rng& rng) {
    Asked out;
    Task order;
    order.ask = Task::Ask::choice;
    order.about = "lock-order";
    order.choices = {"mark", "tighten", "read"};
    order.right = {"mark"};
    out.tasks.push_back(order);
    const bool first_moves = toss(rng);
    for (int n = 0; n < 2; ++n) {
        SimCar sim = car_with_rod(rng, 0.0);
        const Spot lip = rim_spots.front();
        out.read(sim.solid(), lip, "steel-rule-mm", "lock-before");
        const bool moves = (n == 0) == first_moves;
        // A rod that was not held turns along with its nut.
        if (moves) sim.turn("rod", either_way(rng, 0.2, 0.4), rng);
        out.read(sim.solid(), lip, "steel-rule-mm", "lock-after");
        Task t;
        t.ask = Task::Ask::choice;
        t.about = "lock";
        t.choices = {"stayed", "moved"};
        t.right = {moves ? "moved" : "stayed"};
        out.tasks.push_back(t);
    }
    return out;
}

/// How the steering wheel sits while it runs straight: what undoes that, and what no rod undoes.
Asked drive_lesson(Rng& rng) {
    Asked out;
    constexpr double ratio = 16.0;
    for (int n = 0; n < 4; ++n) {
        SimCar sim = car_with_rod(rng, 0.0);
        Adjuster rod;
        rod.kind = steering_rod_kind;
        rod.wheel = front_left;
        rod.pitch = Length::from_mm(1.5);
        const Corner& corner = sim.corner(front_left);
        rod.rod = corner.at(Hardpoint::rod_outer).x() > corner.at(Hardpoint::lower).x()
                      ? RodSide::ahead_of_axle
                      : RodSide::behind_axle;
        Adjuster other = rod;
        other.id = "other";
        other.wheel = Wheel::front_right;
        sim.add(other);
        const double crooked = either_way(rng, 0.6, 1.4);
        sim.turn("rod", crooked, rng);
        sim.turn("other", -crooked, rng);
        const double off = sim.wheel_off(ratio);
        SimCar tried = sim;
        tried.turn("rod", 0.25, rng);
        tried.turn("other", -0.25, rng);
        const bool longer = std::abs(tried.wheel_off(ratio)) < std::abs(off);
        Task t;
        t.ask = Task::Ask::choice;
        t.about = "drive";
        t.numbers["off"] = off;
        t.rod = rod;
        t.choices = {"left-longer", "left-shorter"};
        t.right = {longer ? "left-longer" : "left-shorter"};
        out.tasks.push_back(t);
    }
    Task pull;
    pull.ask = Task::Ask::choice;
    pull.about = "pull";
    pull.choices = {"rods", "tires"};
    pull.right = {"tires"};
    out.tasks.push_back(pull);
    return out;
}

/// Two tapes between boards, and what they say together.
Asked boards_lesson(Rng& rng) {
    Asked out;
    for (int n = 0; n < 3; ++n) {
        SolidCar car = quiet_car(rng);
        car.board_span = 600;
        car.toe[0] = car.toe[1] = either_way(rng, 0.15, 0.5);
        Task which;
        for (ReadingId k : {ReadingId::boards_front, ReadingId::boards_rear}) {
            Task t;
            const Spot s = axle_spot(k, Axle::front);
            t.about = k == ReadingId::boards_front ? "boards-front" : "boards-rear";
            t.faces = {{s, "tape", car.exact(s, car.lines({"toe-boards"}))}};
            t.within = near_enough("tape");
            which.faces.push_back(t.faces.front());
            out.tasks.push_back(t);
            out.cars.push_back(car);
        }
        which.ask = Task::Ask::choice;
        which.about = "boards";
        which.choices = {"in", "out"};
        which.right = {car.toe[0] > 0 ? "in" : "out"};
        out.tasks.push_back(which);
    }
    return out;
}

/// Gauges of three kinds on a wheel, and which way it leans.
Asked gauge_lesson(Rng& rng) {
    Asked out;
    for (const char* tool : {"hinged-gauge", "bubble-gauge", "digital-angle-gauge"}) {
        SolidCar car = quiet_car(rng);
        car.camber[0] = either_way(rng, 0.5, 1.9);
        out.read(car, wheel_spot(ReadingId::camber, front_left), tool, "gauge");
        Task t;
        t.ask = Task::Ask::choice;
        t.about = "gauge-lean";
        t.faces = out.tasks.back().faces;
        t.choices = {"top-in", "top-out"};
        t.right = {car.camber[0] < 0 ? "top-in" : "top-out"};
        out.tasks.push_back(t);
    }
    return out;
}

struct OfLesson {
    std::string_view id;
    Asked (*make)(Rng&);
};
constexpr std::array all_lessons = {
    OfLesson{"rule", rule_lesson},   OfLesson{"string", string_lesson},   OfLesson{"judge", judge_lesson},
    OfLesson{"until", until_lesson}, OfLesson{"lock", lock_lesson},       OfLesson{"drive", drive_lesson},
    OfLesson{"sign", sign_lesson},   OfLesson{"boards", boards_lesson},   OfLesson{"gauge", gauge_lesson},
    OfLesson{"way", way_lesson},     OfLesson{"quarter", quarter_lesson}, OfLesson{"spoils", spoils_lesson},
    OfLesson{"sweep", sweep_lesson}, OfLesson{"wrong", wrong_lesson},
};

}  // namespace

std::vector<std::string_view> lessons() {
    std::vector<std::string_view> out;
    for (const OfLesson& l : all_lessons) out.push_back(l.id);
    return out;
}

Lesson::Lesson(std::string_view id, std::uint64_t seed) : id_(id) {
    const auto of =
        std::find_if(all_lessons.begin(), all_lessons.end(), [&](const OfLesson& l) { return l.id == id; });
    if (of == all_lessons.end()) throw std::invalid_argument("no lesson is called " + id_);
    Rng rng(seed * 7919 + 17);
    Asked asked = of->make(rng);
    tasks_ = std::move(asked.tasks);
    cars_ = std::move(asked.cars);
}

void Lesson::next(Judged judged) {
    right_ += judged.right;
    judged.task = tasks_[at_];
    last_ = std::move(judged);
    ++at_;
}

void Lesson::answer_value(double value) {
    if (over() || tasks_[at_].ask != Task::Ask::value) return;
    const Task& t = tasks_[at_];
    Judged j;
    j.off = value - t.faces[t.face].at;
    j.right = std::abs(j.off) <= t.within;
    typed_.push_back(value);
    next(j);
}

void Lesson::answer_choice(const std::string& choice) {
    if (over() || tasks_[at_].ask == Task::Ask::value) return;
    const Task& t = tasks_[at_];
    Judged j;
    j.right = std::find(t.right.begin(), t.right.end(), choice) != t.right.end();
    j.was = t.right.front();
    next(j);
}

std::map<std::string, double> Lesson::outcome() const {
    std::map<std::string, double> out;
    if (typed_.size() < cars_.size() || cars_.empty()) return out;
    const auto typed_in = [&](std::size_t from, std::size_t to) {
        std::map<Spot, double> typed;
        for (std::size_t i = from; i < to; ++i) typed[tasks_[i].faces.front().spot] = typed_[i];
        return typed;
    };
    const auto by_string = [&](double front, double rear) {
        return std::asin(std::clamp((front - rear) / cars_.front().span, -1.0, 1.0)) / SolidCar::rad;
    };
    if (id_ == "string") {
        for (std::size_t k : {std::size_t{0}, std::size_t{3}}) {
            const std::string after = k == 0 ? "" : "_after";
            const Estimate e = estimate_of(cars_[k], typed_in(k, k + 3), "steel-rule-mm", string_walk());
            out["toe_believed" + after] = by_string(typed_[k + 1], typed_[k + 2]);
            out["toe" + after] = e.wheels[0].toe.value.deg();
            out["toe_sigma" + after] = e.wheels[0].toe.sigma.deg();
        }
        out["toe_true"] = cars_.front().toe[0];
    } else if (id_ == "spoils") {
        out["toe"] = by_string(typed_[0], typed_[1]);
        out["toe_after"] = by_string(typed_[2], typed_[3]);
        out["toe_true"] = cars_[0].toe[0];
        out["toe_true_after"] = cars_[2].toe[0];
        out["camber"] = cars_[0].camber[0];
        out["camber_after"] = cars_[2].camber[0];
    } else if (id_ == "sweep") {
        std::vector<Spot> spots = string_walk();
        for (std::size_t i = 0; i < 3; ++i) spots.push_back(tasks_[i].faces.front().spot);
        const Estimate e = estimate_of(cars_.front(), typed_in(0, 3), "hinged-gauge", spots);
        out["caster"] = e.wheels[0].caster.value.deg();
        out["caster_sigma"] = e.wheels[0].caster.sigma.deg();
        out["caster_true"] = cars_.front().caster[0];
    }
    return out;
}

}  // namespace fairchalk::practice
