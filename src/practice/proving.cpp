// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/proving.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <optional>

#include "core/advice/procedure.h"
#include "core/analysis.h"
#include "core/judge/card_after_job.h"
#include "core/judge/verdict.h"
#include "core/network/priors.h"
#include "practice/debrief.h"
#include "practice/many_jobs.h"
#include "practice/played_job.h"

namespace fairchalk::practice {
namespace {

constexpr std::array<std::string_view, ways> names = {
    "advice",          "advice, watching the rule", "advice, arm measured", "advice, second job",
    "changing over",   "a quarter turn and look",   "half the error",       "one turn and scale",
    "pitch at the rim"};
constexpr double aim = 0.05;           // degrees of toe, each front wheel
constexpr double squaring = 30.0;      // minutes, of strings that a rule of thumb needs square
constexpr double step = 0.125;         // turns
constexpr double guessed_arm = 130.0;  // mm
constexpr double pitch = 1.5;
constexpr int most_extra_readings = 60;
constexpr int most_suspects_followed = 6;
constexpr std::array fronts = {Wheel::front_left, Wheel::front_right};

std::string rod_of(Wheel w) {
    return w == Wheel::front_left ? "rod-fl" : "rod-fr";
}

/// A job under way: the log that the program sees, and the car that it does not.
struct UnderWay {
    const ProvingOptions& options;
    SimCar car;
    Rng rng;
    std::vector<Entry> log;
    JobDone done;
    std::vector<Target> targets;
    std::map<Spot, double> dents{};  ///< mm: what all takings at one spot share

    void put(decltype(Entry::event) what) {
        Entry e;
        e.id = std::to_string(log.size());
        e.event = std::move(what);
        log.push_back(std::move(e));
    }
    LinesSet lines() const {
        LinesSet l = car.solid().lines({options.boards ? "toe-boards" : "string-bars"});
        if (!options.boards) l.tool = options.tool.name;
        if (options.whole) {
            l.rigs = {"string-bars", "camber-gauge", "caster-sweep"};
            l.gauge = "digital-angle-gauge";
            l.sweep = usual_sweep;
        }
        return l;
    }
    void read(const Spot& spot) {
        const LinesSet l = lines();
        Reading r = blank_reading(spot, l);
        const bool leans = reading_kind(spot.kind).against_gravity();
        const Tool& tool = leans            ? *standard_tool(l.gauge)
                           : options.boards ? *standard_tool(r.tool)
                                            : options.tool;
        r.tool = tool.name;
        r.value.kind = tool.quantity;
        r.value.resolution = tool.resolution;
        const auto [dent, fresh] = dents.try_emplace(spot, 0.0);
        if (!options.dents && !leans) r.stated_sigma = tool.sigma;
        if (fresh && options.dents) dent->second = normal(rng, r.spot_sigma());
        r.value.value = shown_by(tool, car.solid().exact(spot, l) + dent->second, rng);
        slip(r, options.slips, rng);
        put(r);
        ++done.readings;
        ++done.work.spots;
    }
    void turn(const std::string& id, const std::string& kind, double amount, double second = 0.0) {
        car.turn(id, amount, rng, second);
        done.work.turned(id);
        Turn t;
        t.adjuster = id;
        t.turns = amount;
        t.second = second;
        t.kind = kind;
        put(t);
    }
    void close() {
        done.left = 0.0;
        done.inside = true;
        for (const Target& t : targets)
            for (Wheel w : fronts) {
                Target one = t;
                if (t.measure != Measure::total_toe) one.where = w;
                const Angle truth = *true_angle(car.solid(), one);
                done.left = std::max(done.left, std::abs((truth - t.aim).deg()));
                done.inside = done.inside && truth >= t.lo && truth <= t.hi;
            }
    }
};

Target about(Measure m, double middle, double tolerance) {
    return target_about(m, Axle::front, middle, tolerance);
}

/// What there is to turn for camber and caster: on struts their top plates, on wishbones shims.
Adjuster leaner(const SimCar& car, Wheel w) {
    Adjuster d;
    const bool strut = car.corner(w).kind == CornerKind::strut;
    d.kind = strut ? "strut-top" : "shim-pair";
    d.pushes_in = Told::no;
    d.id = std::string(strut ? "top-" : "shims-") + (w == Wheel::front_left ? "fl" : "fr");
    d.wheel = w;
    return d;
}

/// The adjusters wander between two jobs, as after a repair.
void disturb(UnderWay& u) {
    for (Wheel w : fronts) {
        u.car.turn(rod_of(w), std::round(between(u.rng, -1.2, 1.2) * 8) / 8, u.rng);
        if (u.options.whole)
            u.car.turn(leaner(u.car, w).id, std::round(between(u.rng, -4, 4) * 2) / 2, u.rng,
                       std::round(between(u.rng, -4, 4) * 2) / 2);
    }
}

void begin_job(UnderWay& u, const CarCard& card) {
    u.log.clear();
    u.done = {};
    u.put(CarEdit{card});
    u.put(TargetsEdit{u.targets});
    // The rims were looked at, the gauge's zero was checked.
    u.put(Checked{rims_check, CheckState::good, {}});
    u.put(ToolSet{*standard_tool("digital-angle-gauge")});
    u.put(u.lines());
    u.put(RoundOpened{});
    u.done.work.sets_up(u.lines());
}

UnderWay begun(const ProvingOptions& options, std::uint64_t number, bool measured) {
    // A car is the same whoever works on it.
    std::seed_seq seeds{static_cast<std::uint32_t>(options.seed),
                        static_cast<std::uint32_t>(options.seed >> 32), static_cast<std::uint32_t>(number),
                        static_cast<std::uint32_t>(number >> 32)};
    Rng rng(seeds);
    SimCar car = any_car(rng);
    UnderWay u{options, car, rng, {}, {}, {}};
    u.targets = {options.boards ? about(Measure::total_toe, 2 * aim, 2 * options.tolerance)
                                : about(Measure::toe, aim, options.tolerance)};
    CarCard card = car.solid().card();
    card.axle(Axle::front).suspension = car.corner(Wheel::front_left).kind == CornerKind::strut
                                            ? Suspension::strut
                                            : Suspension::double_wishbone;
    for (Wheel w : fronts) {
        Adjuster rod;
        rod.kind = steering_rod_kind;
        rod.id = rod_of(w);
        rod.wheel = w;
        rod.rod = RodSide::behind_axle;
        rod.pitch = Length::from_mm(pitch);
        if (measured) {
            // With a rule, from the joint to the axis, as well as one sees it: what a turn really does.
            SimCar probe = car;
            Rng none(1);
            const double before = probe.toe(w);
            probe.turn(rod.id, 1.0, none);
            const double per_turn = std::abs(probe.toe(w) - before);
            rod.arm = Length::from_mm(pitch / std::sin(per_turn * SolidCar::rad) + normal(u.rng, 3));
            rod.arm_sigma = Length::from_mm(3);
        }
        card.adjusters.emplace_back(rod);
    }
    if (options.whole) {
        // What the car was built to, on the average of both sides.
        const SolidCar& s = u.car.solid();
        u.targets.push_back(
            about(Measure::camber, (s.camber[0] + s.camber[1]) / 2, options.camber_tolerance));
        u.targets.push_back(
            about(Measure::caster, (s.caster[0] + s.caster[1]) / 2, options.caster_tolerance));
        for (Wheel w : fronts) {
            card.adjusters.emplace_back(leaner(u.car, w));
            u.car.add(card.adjusters.back());
        }
        disturb(u);
    }
    begin_job(u, card);
    return u;
}

/// Reads on as the program asks, until it says something else.
Analysis read_on(UnderWay& u) {
    Question question;
    question.until = false;
    question.settling = question.explain = false;
    int aside = 0;
    for (int extra = 0;; ++extra) {
        Analysis a = analyse(job_of(u.log), question);
        if (const auto entry = to_set_aside(a); entry && aside < most_suspects_followed) {
            u.put(Strike{Strike::Way::reasoned, {u.log[*entry].id}, "read otherwise again"});
            ++aside;
            continue;
        }
        if (a.plan.next != NextStep::read || a.read.empty() || extra >= most_extra_readings) return a;
        for (const Spot& s : a.read) u.read(s);
    }
}

/// Turns what is planned, and notes the chance that it gave.
void make(UnderWay& u, const Plan& plan, double chance) {
    const CarCard car = job_of(u.log).car;
    u.done.work.jackings += std::any_of(plan.turns.begin(), plan.turns.end(),
                                        [&](const PlannedTurn& t) { return wants_jacking(car, t.adjuster); });
    for (const PlannedTurn& t : plan.turns) u.turn(t.adjuster, t.kind, t.turns, t.second);
    u.close();
    u.done.given.push_back({chance, false, u.done.inside});
    ++u.done.passes;
}

/// Under the car with a rule in sight: about half of what is planned, shaken and read, then the rest by that.
void turn_by_watching(UnderWay& u, const PlannedTurn& planned) {
    const Spot spot = u.options.boards ? axle_spot(ReadingId::boards_front, Axle::front)
                                       : wheel_spot(ReadingId::rim_front, planned.wheel);
    const double half = std::round(planned.turns / 2 / step) * step;
    const auto turn = [&](double amount, bool test) {
        Turn t;
        t.adjuster = planned.adjuster;
        t.turns = amount;
        t.kind = planned.kind;
        t.test = test;
        u.car.turn(t.adjuster, amount, u.rng);
        for (Entry& e : entries_after_turn(job_of(u.log), {t})) u.put(std::move(e.event));
    };
    // All of a test turn, and of what is only a step or two.
    const bool at_once = planned.test || std::abs(half) < 0.2;
    turn(at_once ? planned.turns : half, planned.test);
    u.done.work.turned(planned.adjuster);
    u.read(spot);
    // With the wrench on it: to the aim, not only into the band.
    Question question = PlayedJob::question();
    question.options.nearer = true;
    for (int more = 0; more < 2 && !at_once; ++more) {
        const Analysis a = analyse(job_of(u.log), question);
        const auto rest = std::find_if(a.plan.turns.begin(), a.plan.turns.end(),
                                       [&](const PlannedTurn& t) { return t.adjuster == planned.adjuster; });
        if (rest == a.plan.turns.end()) break;
        turn(rest->turns, rest->test);
        ++u.done.work.rests;
        if (more == 0 && std::abs(rest->turns) < 0.2) break;
        u.read(spot);
    }
}

void pass_by_watching(UnderWay& u, const Plan& plan) {
    for (const PlannedTurn& t : plan.turns) turn_by_watching(u, t);
    u.close();
    u.done.given.push_back({plan.probability_inside, false, u.done.inside});
    ++u.done.passes;
}

/// The job to its end, by what the program says.
void work_by_advice(UnderWay& u, bool watching = false) {
    const ProvingOptions& options = u.options;
    for (;;) {
        const Job job = job_of(u.log);
        for (const Spot& s : unread_spots(job, static_cast<int>(job.rounds.size()) - 1)) u.read(s);
        const Analysis a = read_on(u);
        const Plan& plan = a.plan;
        const bool inside = plan.next == NextStep::done;
        if (!u.done.given.empty()) u.done.given.back().ended = inside;
        if (plan.next == NextStep::look && plan.look) {
            // Its card is right.
            const Adjuster* own = job.car.adjuster(plan.look->adjuster);
            const std::string said = own ? said_of(*own, plan.look->field) : std::string();
            u.put(Looked{plan.look->adjuster, plan.look->field, said.empty() ? "behind-axle" : said});
            ++u.done.work.looks;
            continue;
        }
        if (plan.turns.empty()) {
            u.done.arrived = inside;
            break;
        }
        if (u.done.passes >= options.most_passes) break;
        if (watching) {
            pass_by_watching(u, plan);
        } else {
            make(u, plan, plan.probability_inside);
            u.put(RoundOpened{});
        }
    }
    u.close();
}

/// To another set-up by what is known of the car.
void change_over(UnderWay& u, const CarCard& taught, const AnglesCarried& known) {
    u.car.drive(u.rng);
    for (Target& t : u.targets) {
        const Angle by = Angle::from_deg(t.measure == Measure::toe      ? -0.3
                                         : t.measure == Measure::camber ? -0.8
                                                                        : 0.4);
        t.aim = t.aim + by;
        t.lo = t.lo + by;
        t.hi = t.hi + by;
    }
    begin_job(u, taught);
    u.put(known);
    Question question;
    question.until = false;
    question.settling = question.explain = false;
    const Plan plan = analyse(job_of(u.log), question).plan;
    if (plan.next == NextStep::turn) {
        make(u, plan, plan.truly_inside);
        u.done.given.back().ended = u.done.inside;
    }
    u.done.arrived = plan.next == NextStep::turn && good_enough_unread(plan);
    if (u.done.arrived) return;
    u.put(RoundOpened{});
    const auto given = u.done.given;
    work_by_advice(u);
    u.done.given = given;  // what is judged here is what was said without reading
}

JobDone by_advice(Way way, const ProvingOptions& options, std::uint64_t number) {
    UnderWay u = begun(options, number, way == Way::advice_measured);
    work_by_advice(u, way == Way::advice_watching);
    if (way != Way::advice_again && way != Way::change_over) return u.done;
    const Job first = job_of(u.log);
    const Estimate e = estimate_believed(first);
    const CarCard taught = card_after_job(first, e);
    if (way == Way::change_over) {
        if (const auto known = carried_over(e)) change_over(u, taught, *known);
        return u.done;
    }
    disturb(u);
    begin_job(u, taught);
    work_by_advice(u);
    return u.done;
}

std::vector<Spot> front_boards() {
    std::vector<Spot> out;
    for (ReadingId kind : {ReadingId::boards_rear, ReadingId::boards_front}) {
        Spot s;
        s.kind = kind;
        s.axle = Axle::front;
        out.push_back(s);
    }
    return out;
}

/// By hand: one figure a wheel and round, without its ±, and stop when both are inside.
JobDone by_hand(Way way, const ProvingOptions& options, std::uint64_t number) {
    UnderWay u = begun(options, number, false);
    const std::vector<Entry> clean = u.log;
    std::array<std::optional<double>, 2> before, per_turn;
    std::array<double, 2> turned{};
    const double guess = std::asin(pitch / guessed_arm) / SolidCar::rad;
    if (!options.boards) u.done.work.squared = squaring;
    const std::vector<Spot> walk = options.boards ? front_boards() : string_walk();
    for (;;) {
        // A fresh sheet of paper: nothing is carried over but the car.
        u.log = clean;
        for (const Spot& s : walk) u.read(s);
        EstimateOptions o;
        o.explain = false;
        const Estimate e = estimate(job_of(u.log), o);
        std::array<double, 2> error{};
        for (std::size_t w = 0; w < 2; ++w)
            error[w] =
                (options.boards ? e.axles[0].total_toe.value.deg() / 2 : e.wheels[w].toe.value.deg()) - aim;
        if (std::max(std::abs(error[0]), std::abs(error[1])) <= options.tolerance) {
            u.done.arrived = true;
            break;
        }
        if (u.done.passes >= options.most_passes) break;
        for (std::size_t w = 0; w < 2; ++w) {
            if (std::abs(error[w]) <= options.tolerance) {
                turned[w] = 0.0;
                continue;
            }
            double amount = 0.0;  // longer; longer is toe in here
            switch (way) {
                case Way::quarter_turns:
                    amount = error[w] > 0 ? -0.25 : 0.25;
                    break;
                case Way::half_the_error:
                    amount = -error[w] / 2 / guess;
                    break;
                case Way::turn_and_scale:
                    if (before[w] && turned[w] != 0.0 && std::abs(error[w] - *before[w]) > 0.02)
                        per_turn[w] = (error[w] - *before[w]) / turned[w];
                    amount = per_turn[w] && *per_turn[w] > 0.1 ? -error[w] / *per_turn[w]
                             : error[w] > 0                    ? -1.0
                                                               : 1.0;
                    break;
                default:
                    // So many mm at the rim, so many at the thread.
                    amount = -std::sin(error[w] * SolidCar::rad) * u.car.solid().span / pitch;
                    break;
            }
            amount = std::clamp(std::round(amount / step) * step, -4.0, 4.0);
            if (amount == 0.0) amount = error[w] > 0 ? -step : step;
            before[w] = error[w];
            turned[w] = amount;
            u.turn(rod_of(fronts[w]), {}, amount);
        }
        ++u.done.passes;
    }
    u.close();
    return u.done;
}

}  // namespace

double WayResult::minutes(const StepTimes& t, double squaring_as) const {
    WorkCount w = work;
    w.squared *= squaring_as;
    return jobs > 0 ? (w.minutes(t) + t.lock * locks) / jobs : 0.0;
}

std::string_view name_of(Way w) {
    return names[static_cast<std::size_t>(w)];
}

JobDone one_job(Way way, const ProvingOptions& options, std::uint64_t car) {
    if (way < Way::quarter_turns) return by_advice(way, options, car);
    return by_hand(way, options, car);
}

std::vector<WayResult> prove(const ProvingOptions& options, const std::function<void(int, int)>& progress,
                             const std::atomic<bool>* stop) {
    // Nobody sets three angles at once by a rule of thumb.
    const int used = options.whole ? static_cast<int>(Way::quarter_turns) : ways;
    const int jobs = options.cars * used;
    // Car by car, so that what is done when it is stopped is done by all ways.
    const auto all = many_jobs<JobDone>(
        jobs, options.threads,
        [&](int n) {
            return one_job(static_cast<Way>(n % used), options, static_cast<std::uint64_t>(n / used));
        },
        progress, stop);

    std::vector<WayResult> out;
    for (int w = 0; w < used; ++w) {
        WayResult r;
        r.way = static_cast<Way>(w);
        std::vector<int> passes;
        int arrived = 0, inside = 0;
        for (int c = 0; c < options.cars; ++c) {
            const auto& job = all[static_cast<std::size_t>(c * used + w)];
            if (!job) continue;
            ++r.jobs;
            r.mean_readings += job->readings;
            r.work += job->work;
            r.locks += static_cast<double>(job->work.touched.size());
            for (const JobDone::Given& g : job->given)
                if (g.chance >= 0.7 && g.chance < 0.9) {
                    ++r.given_70_to_90;
                    r.ended_of_those += g.ended;
                    r.inside_of_those += g.inside;
                }
            if (!job->arrived) continue;
            passes.push_back(job->passes);
            ++arrived;
            inside += job->inside;
            if (job->readings == 0) {
                r.unread += 1;
                r.inside_unread += job->inside;
            }
            r.worst_left = std::max(r.worst_left, job->left);
        }
        if (r.given_70_to_90 > 0) {
            r.ended_of_those /= r.given_70_to_90;
            r.inside_of_those /= r.given_70_to_90;
        }
        if (r.unread > 0) r.inside_unread /= r.unread;
        if (r.jobs > 0) {
            r.unread /= r.jobs;
            r.mean_readings /= r.jobs;
            r.mean_minutes = r.minutes({});
            r.never = 1.0 - static_cast<double>(arrived) / r.jobs;
        }
        if (arrived > 0) {
            std::sort(passes.begin(), passes.end());
            for (int p : passes) r.mean_passes += static_cast<double>(p) / arrived;
            r.median_passes = passes[passes.size() / 2];
            r.passes_95 = passes[std::min(
                passes.size() - 1,
                static_cast<std::size_t>(std::ceil(0.95 * static_cast<double>(passes.size()))) - 1)];
            r.truly_inside = static_cast<double>(inside) / arrived;
        }
        out.push_back(r);
    }
    return out;
}

}  // namespace fairchalk::practice
