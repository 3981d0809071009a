// SPDX-License-Identifier: GPL-3.0-or-later
#include "practice/played_job.h"

#include <algorithm>
#include <cmath>
#include <limits>

#include "core/advice/procedure.h"
#include "core/advice/until.h"
#include "core/job/rig.h"
#include "core/network/priors.h"
#include "practice/many_jobs.h"

namespace fairchalk::practice {
namespace {

constexpr int most_extra = 12, most_aside = 6, most_watched = 8;

const Tool& tool_named(const std::string& name) {
    const Tool* t = standard_tool(name);
    return t ? *t : *standard_tool("steel-rule-mm");
}

}  // namespace

PlayedJob::PlayedJob(Built car, const SolidCar& shape, Rng rng, Nature nature)
    : rng_(rng),
      card_(std::move(car.card)),
      truth_(std::move(car.truth)),
      car_(std::make_unique<SimCar>(car.corners, shape, nature)) {
    for (const Adjuster& a : truth_.adjusters) car_->add(a);
}

void PlayedJob::begin(const std::vector<Target>& targets, const LinesSet& lines, bool rims_seen) {
    lines_ = lines;
    put(CarEdit{card_});
    put(TargetsEdit{targets});
    // The rims were looked at where they were, the gauge's zero was checked.
    if (rims_seen) put(Checked{rims_check, CheckState::good, {}});
    put(ToolSet{tool_named("digital-angle-gauge")});
    put(lines_);
    put(RoundOpened{});
    work_.sets_up(lines_);
}

void PlayedJob::put(decltype(Entry::event) what) {
    Entry e;
    e.id = std::to_string(log_.size());
    e.event = std::move(what);
    log_.push_back(std::move(e));
}

void PlayedJob::disturb() {
    for (const Adjuster& a : truth_.adjusters) {
        if (axle_of(wheel_of(a)) != Axle::front || (serves_of(a) & ~serves_toe) == 0) continue;
        const auto handles = adjuster_kind(a.kind)->handles(a);
        std::array<double, 2> by{};
        for (std::size_t h = 0; h < handles.size(); ++h) {
            const double reach = handles[h].unit == HandleUnit::turn ? 2.0
                                 : handles[h].unit == HandleUnit::mm ? 3.0
                                                                     : 30.0;
            by[h] = std::round(between(rng_, -reach, reach) / handles[h].step) * handles[h].step;
        }
        car_->turn(a.id, by[0], rng_, by[1]);
    }
}

Reading PlayedJob::taken(const Spot& spot, const SolidCar& shows, double misreads) {
    Reading r = blank_reading(spot, lines_);
    const ReadingKind& kind = reading_kind(spot.kind);
    const bool angle = kind.quantity() == QuantityKind::angle;
    const Tool* named = standard_tool(r.tool);
    const Tool& tool = angle                                              ? tool_named("digital-angle-gauge")
                       : named && named->quantity == QuantityKind::length ? *named
                                                                          : tool_named(lines_.tool);
    r.tool = tool.name;
    r.value.kind = tool.quantity;
    r.value.resolution = tool.resolution;
    const auto [dent, fresh] = dents_.try_emplace(spot, 0.0);
    if (fresh && !angle) dent->second = normal(rng_, r.spot_sigma());
    const double exact = shows.exact(spot, lines_) + dent->second;
    if (kind.asks_for_top()) r.top_in = shows.leans(spot, lines_) < 0;
    r.value.value = shown_by(tool, exact, rng_);
    slip(r, misreads, rng_);
    if (kind.asks_for_top()) r.value.value = std::abs(r.value.value);
    return r;
}

void PlayedJob::read(const Spot& spot, double misreads) {
    car_->shake();
    put(taken(spot, solid(), misreads));
    ++work_.spots;
}

void PlayedJob::read_round(double misreads) {
    const Job job = job_of(log_);
    const int round = static_cast<int>(job.rounds.size()) - 1;
    for (const Spot& s : unread_spots(job, round)) read(s, misreads);
}

Question PlayedJob::question(Order order) {
    Question q;
    q.options.order = order;
    q.settling = false;
    q.until = false;
    return q;
}

Analysis PlayedJob::read_on(double misreads) {
    int aside = 0;
    for (int extra = 0;; ++extra) {
        const Job job = job_of(log_);
        Analysis a = analyse(job, question(order_));
        if (const auto entry = to_set_aside(a); entry && aside < most_aside) {
            put(Strike{Strike::Way::reasoned, {log_[*entry].id}, "read otherwise again"});
            ++aside;
            continue;
        }
        if (const auto drive = drive_asked_about(a.plan)) {
            say_again(*drive, a.plan.again->why.code == Code::again_drive_side);
            continue;
        }
        if (a.plan.next != NextStep::read || a.read.empty() || extra >= most_extra) return a;
        for (const Spot& s : a.read) read(s, misreads);
    }
}

void PlayedJob::drive(bool to_the_wrong_side) {
    if (!ratio_) ratio_ = std::clamp(usual_steering_ratio + normal(rng_, 2.0), 12.0, 21.0);
    // The eye, the crown of the road.
    const double sat = std::round(car_->wheel_off(*ratio_) + normal(rng_, 1.5));
    Driven d;
    d.wheel_off = Angle::from_deg(to_the_wrong_side ? -sat : sat);
    put(d);
}

void PlayedJob::say_again(std::size_t drive, bool other_side_fits) {
    Driven d = std::get<Driven>(log_[drive].event);
    put(Strike{Strike::Way::reasoned, {log_[drive].id}, "it contradicts what was read"});
    const double sat = d.wheel_off->deg();
    if (!other_side_fits || sat * car_->wheel_off(*ratio_) > 0.0) return;
    d.wheel_off = -*d.wheel_off;
    put(d);
}

void PlayedJob::look(const Look& look) {
    const int place = truth_.place_of(look.adjuster);
    const Adjuster& own = truth_.adjusters[static_cast<std::size_t>(place)];
    // A car made from a card that does not say is as the first of what can be seen.
    const auto unsaid = unsaid_of(own, truth_);
    const std::string seen = !unsaid || unsaid->field != look.field ? said_of(own, look.field)
                             : look.field == "at"                   ? write_exact(Angle::from_deg(0.0))
                                                  : std::string(words_of(own, look.field).front());
    for (const Looked& l : facts_alike(truth_, look, seen)) put(l);
    ++work_.looks;
}

void PlayedJob::tell(const Plan& plan) {
    for (WheelFact fact : plan.as_far_as->facts) tell(fact);
}

void PlayedJob::tell(WheelFact fact) {
    const SolidCar& is = solid();
    if (fact == WheelFact::rims) {
        // Two fifths of a millimetre from lip to lip is seen.
        constexpr double seen_mm = 0.4;
        const auto runs_true = [&](double wobble) {
            return std::abs(wobble) * SolidCar::rad * is.span <= seen_mm;
        };
        const bool good = std::all_of(is.wobble.begin(), is.wobble.end(), runs_true) &&
                          std::all_of(is.lean_wobble.begin(), is.lean_wobble.end(), runs_true);
        put(Checked{rims_check, good ? CheckState::good : CheckState::failed, {}});
    } else {
        CarCard car = job_of(log_).car;
        car.same_wheels = std::abs(is.lip[1] - is.lip[0]) < 0.1 ? Told::yes : Told::no;
        put(CarEdit{car});
    }
    ++work_.looks;
}

void PlayedJob::turn(const Plan& plan, const std::vector<double>& each) {
    bool jacked = false;
    for (std::size_t i = 0; i < plan.turns.size(); ++i) {
        const PlannedTurn& t = plan.turns[i];
        const double way = i < each.size() ? each[i] : 1.0;
        car_->turn(t.adjuster, way * t.turns, rng_, way * t.second);
        jacked = jacked || wants_jacking(truth_, t.adjuster);
        work_.turned(t.adjuster);
    }
    work_.jackings += jacked;
    const Job job = job_of(log_);
    for (Entry& e : entries_after_turn(job, turns_as_written(plan))) put(std::move(e.event));
}

void PlayedJob::turn_by_watching(const Plan& plan, double misreads, const std::vector<double>& each) {
    Question q = question(order_);
    q.until = true;
    Analysis sheet = analyse(job_of(log_), q);
    counts_ = between(rng_, 0, 1) < 0.5;
    const auto as_written = [&](std::size_t from, std::size_t to, double way) {
        Plan some = plan;
        some.turns = {plan.turns.begin() + static_cast<std::ptrdiff_t>(from),
                      plan.turns.begin() + static_cast<std::ptrdiff_t>(to)};
        turn(some, std::vector<double>(some.turns.size(), way));
    };
    for (std::size_t i = 0; i < plan.turns.size(); ++i) {
        PlannedTurn t = plan.turns[i];
        const double way = i < each.size() ? each[i] : 1.0;
        if (wants_jacking(truth_, t.adjuster)) return as_written(i, plan.turns.size(), way);
        // Of the next one the sheet is asked anew: the one before it may have gone otherwise.
        if (i > 0) {
            q.options = while_watched(q.options, plan, t.adjuster);
            sheet = analyse(job_of(log_), q);
            // Under the car already: what is to be looked at there keeps nobody from the next one.
            if (sheet.plan.look) {
                look(*sheet.plan.look);
                sheet = analyse(job_of(log_), q);
            }
            const auto now = std::find_if(sheet.plan.turns.begin(), sheet.plan.turns.end(),
                                          [&](const PlannedTurn& n) { return n.adjuster == t.adjuster; });
            if (now == sheet.plan.turns.end()) continue;
            t = *now;
        }
        const std::vector<WatchedFrom> from = watched_from(truth_, sheet.plan, sheet.until);
        const auto own = std::find_if(from.begin(), from.end(),
                                      [&](const WatchedFrom& w) { return w.turn.adjuster == t.adjuster; });
        if (own != from.end())
            watch(sheet.plan, t, own->spot, own->until, way, misreads);
        else
            as_written(i, i + 1, way);
    }
}

double PlayedJob::until_it_shows(const std::string& adjuster, double step, double most, const Spot& spot,
                                 double value) {
    const auto off_after = [&](double amount) {
        SimCar tried = *car_;
        Rng rng = rng_;
        if (amount != 0.0 && !tried.turn(adjuster, amount, rng))
            return std::numeric_limits<double>::infinity();
        return taken(spot, tried.shown(), 0.0).value.value - value;
    };
    const double off = off_after(0.0);
    double by = 0.0, left = std::abs(off);
    for (double turned = step; std::abs(turned) <= most + 1e-9 && left > 0.0; turned += step) {
        const double then = off_after(turned);
        if (std::abs(then) <= left) {
            by = turned;
            left = std::abs(then);
        } else if (then * off <= 0.0 || std::abs(turned) > 1.5 * std::abs(step)) {
            break;  // past it, or it goes the other way: back to where it was nearest
        }
    }
    return by;
}

void PlayedJob::watch(const Plan& plan, const PlannedTurn& planned, const Spot& spot,
                      const std::optional<Until>& goal, double way, double misreads) {
    const Adjuster& a = *truth_.adjuster(planned.adjuster);
    const Handle handle = adjuster_kind(a.kind)->handles(a).front();
    const double step = handle.step;
    const auto whole = [&](double amount) { return std::round(amount / step) * step; };
    // All of a test turn, and of what is only a step or two.
    double by = planned.test || std::abs(planned.turns) < 3 * step ? planned.turns : whole(planned.turns / 2);
    // Before a shake at first; once that showed what the tire held back, after one.
    bool shaken = planned.test, there = false;
    double turned = 0.0;
    std::optional<double> before;  // what it showed there
    for (const Entry& e : log_)
        if (const Reading* r = std::get_if<Reading>(&e.event); r && r->spot == spot) before = r->value.value;
    const auto look = [&] {
        if (shaken) car_->shake();
        Reading r = taken(spot, car_->shown(), misreads);
        r.before_shake = !shaken;
        put(r);
        ++work_.spots;
        return r.value.value;
    };
    Question q = question(order_);
    q.until = true;
    q.options = while_watched(q.options, plan, planned.adjuster);
    for (int value = 0; value < most_watched && !there; ++value) {
        if (by != 0.0) {
            const double really = value == 0 ? way * by : by;
            car_->turn(planned.adjuster, really, rng_);
            turned += really;
            if (value == 0)
                work_.turned(planned.adjuster);
            else
                ++work_.rests;
            Turn t;
            t.adjuster = planned.adjuster;
            t.kind = planned.kind;
            t.test = planned.test && value == 0;
            t.counted = (counts_ && handle.unit == HandleUnit::turn) || t.test;  // only turns can be typed
            t.turns = t.counted ? by : 0.0;
            for (Entry& e : entries_after_turn(job_of(log_), {t})) put(std::move(e.event));
        }
        const double shows = look();
        const Analysis now = analyse(job_of(log_), q);
        std::optional<double> to_show;
        if (goal) to_show = shaken ? goal->then : goal->stop;
        const auto said = fairchalk::watch(now.job, now.plan, now.until, planned.adjuster, spot, to_show);
        if (!said || said->says == Watching::open) break;
        by = 0.0;
        if (said->says == Watching::there) {
            there = shaken;
            shaken = true;
        } else if (said->rest) {
            by = said->rest->turns;
            // Who does not count turns it until it shows what was said.
            if (!counts_ && said->until)
                by = until_it_shows(planned.adjuster, std::copysign(step, by),
                                    std::max(2 * std::abs(by), 4 * step), spot, said->until->stop);
        } else if (goal) {
            // Until it shows that, with an eye on the rule: by what it did so far, or as it was said.
            const double seen = before && turned != 0.0 ? (shows - *before) / turned : 0.0;
            const double as_said = goal->per_step / std::copysign(step, planned.turns);
            const double moves =
                std::abs(seen * turned) >= 2 * goal->division || as_said == 0.0 ? seen : as_said;
            // Nobody turns further at once than was planned in all.
            const double most = std::max(std::abs(planned.turns), 4 * step);
            const double way_on = (*to_show - shows) * moves;
            if (way_on == 0.0) break;
            by = until_it_shows(planned.adjuster, std::copysign(step, way_on), most, spot, goal->stop);
            if (by == 0.0) break;
        } else {
            break;
        }
    }
    if (shaken) return;
    shaken = true;
    look();
}

}  // namespace fairchalk::practice
